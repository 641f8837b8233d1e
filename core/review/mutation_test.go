package review_test

import (
	"maps"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// hazards are lines that, put into any recipe of testdata that is clear, must
// never leave it clear. "step:" lines go to the end of the method.
var hazards = []string{
	"1 cup heavy cream", "2 cups whole milk", "1/2 cup butter", "a knob of butter", "8 oz cream cheese", "1 cup parmesan, grated", "1 cup sour cream",
	"3 eggs", "1/4 cup flour", "2 Tbsp cornstarch", "1 packet gravy mix", "1 can cream of mushroom soup", "2 cups cooked rice", "1 cup elbow macaroni",
	"1 cup pearl barley", "1/2 cup olive oil", "a splash of oil", "3 Tbsp bacon grease", "6 slices bacon, chopped", "2 cups ham", "1 cup walnuts", "2 cups cabbage, shredded",
	"3 cups broccoli florets", "2 cups zucchini, diced", "1 eggplant, cubed", "1 can coconut milk", "1 cup red lentils", "2 cups split peas", "1/2 cup quinoa", "1 cup bread crumbs",
	"2 bananas, sliced", "1 cup avocado", "1 tsp xanthan gum", "1 packet unflavored gelatin", "1 cup snurfle", "2 cups mystery mix", "1 lb smoked sausage", "1 block tofu",
	"1 tsp baking soda", "2 cups pumpkin puree", "1 cup pesto", "some cream", "1 cup half-and-half", "2 cups aubergine", "1 cup courgettes", "1 lb Brussels sprouts",
	"step:Puree everything with a stick blender.", "step:Stir in the cream and simmer.", "step:Thicken with a roux.", "step:Mash well before filling the jars.",
	"step:Turn the jars upside down and let them seal.", "step:Process in the oven at 250 degrees.", "step:No need to process these.", "step:Process 2 minutes.",
	"step:Pressure can at 3 pounds.", "step:Process in an electric pressure cooker.", "step:Use the multi-cooker instead.", "step:Fill half-gallon jars.", "step:Seal with melted paraffin.", "step:Vent the canner 3 minutes.",
	"step:Cool the canner under cold running water.", "step:Add a pound of bacon.", "step:Stir in some cooked noodles.", "step:Fry in butter first.", "step:Blitz until silky.",
	"step:Whisk in a slurry.", "step:Gribble it well.", "step:Add a jar of sauce.", "1 cup parsnips", "2 cups celeriac", "step:Let the canner vent for 5 minutes.", "step:Use the old lids again: reuse the lids.", "step:Top with grated cheese and seal.",
	"step:Quick release the pressure when the time is up.", "step:Liquidise the lot.", "step:Pulverise it to a paste.", "step:Reduce until very thick.",
}

// permitted are changes that must leave a clear recipe clear.
var permitted = []string{
	"1 tsp salt", "1 tsp black pepper", "2 bay leaves", "1 tsp smoked paprika", "1 tsp dried thyme", "salt to taste", "1/2 tsp ground cumin", "heavy cream, to serve",
	"step:Label and store in a cool, dark place.", "step:When you open the jar, stir in some cream.", "step:Check the seals the next day.", "step:Wipe the rims with vinegar.",
}

// isPartOf reports whether the act belongs to the tested procedure itself:
// apple butter is pureed and cooked down, jam berries are mashed.
func isPartOf(name, hazard string) bool {
	switch {
	case strings.HasPrefix(name, "apple-butter"), strings.HasPrefix(name, "apple-sauce"), name == "prose-applesauce.txt", strings.HasSuffix(name, "ketchup.txt"):
		for _, act := range []string{"Puree", "Mash", "Blitz", "Liquid", "Pulverise", "Reduce"} {
			if strings.HasPrefix(hazard, "step:"+act) {
				return true
			}
		}
	case strings.HasPrefix(name, "jam"), strings.HasPrefix(name, "strawberry"), strings.Contains(name, "-jam"), strings.HasSuffix(name, "-jelly.txt"), strings.HasPrefix(name, "tomatoes-crushed"), strings.Contains(name, "crushed-tomatoes"):
		return strings.HasPrefix(hazard, "step:Mash")
	case strings.HasPrefix(name, "bread-and-butter"): // squash may stand for the cucumbers, and the vinegar is enough for as little
		return strings.Contains(hazard, "zucchini") || strings.Contains(hazard, "courgette") || strings.Contains(hazard, "yellow squash")
	case name == "prose-corn-relish.txt": // USDA Complete Guide 2015, guide 6: a quarter cup, if desired
		return hazard == "1/4 cup flour"
	case strings.Contains(name, "kraut"):
		return strings.HasSuffix(hazard, "cabbage, shredded")
	}
	return false
}

func clearTexts(t *testing.T) map[string]testCase {
	files, err := filepath.Glob("testdata/*.txt")
	require.NoError(t, err)
	out := map[string]testCase{}
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		if c := readCase(t, string(data)); c.verdict == review.Clear {
			out[filepath.Base(name)] = c
		}
	}
	require.NotEmpty(t, out)
	return out
}

// inject puts a line behind the first ingredient, or a sentence at the end.
func inject(text, hazard string) string {
	if s, ok := strings.CutPrefix(hazard, "step:"); ok {
		return text + "\n" + s
	}
	lines := strings.Split(text, "\n")
	for i, l := range lines {
		if i > 0 && strings.TrimSpace(l) != "" && !strings.Contains(strings.ToLower(l), "ingredients") {
			return strings.Join(append(append(append([]string{}, lines[:i+1]...), hazard), lines[i+1:]...), "\n")
		}
	}
	return text + "\n" + hazard
}

func TestHazardsNeverClear(t *testing.T) {
	t.Parallel()
	mutants, misses, n := 0, 0, 0
	texts := clearTexts(t)
	for _, name := range slices.Sorted(maps.Keys(texts)) { // in one order: the sample is the same each time
		c := texts[name]
		for i, h := range hazards {
			if isPartOf(name, h) || strings.Contains(h, "half-gallon") && strings.Contains(c.kitchen, "jar=") {
				continue // a flag wins over the text
			}
			for j := -1; j < len(hazards); j += 7 {
				if n++; !sampled(n, 41) {
					continue
				}
				text := inject(c.text, h)
				if j >= 0 && j != i {
					text = inject(text, hazards[j])
				}
				m := c
				m.text = text
				mutants++
				if res := reviewer.Review(m.request(t)); res.Verdict == review.Clear {
					misses++
					t.Errorf("%s stays clear with %q:\n%s", name, h, text)
				}
			}
		}
	}
	t.Logf("%d mutants, %d misses", mutants, misses)
}

func TestPermittedStaysClear(t *testing.T) {
	t.Parallel()
	for name, c := range clearTexts(t) {
		for _, p := range permitted {
			if strings.Contains(name, "kraut") && strings.HasPrefix(p, "salt") {
				continue // a ferment's salt is measured
			}
			m := c
			m.text = inject(c.text, p)
			if res := reviewer.Review(m.request(t)); res.Verdict != review.Clear {
				got, _ := findings(res)
				t.Errorf("%s with %q: %s %v", name, p, res.Verdict, got)
			}
		}
	}
}
