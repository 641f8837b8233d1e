package review_test

import (
	"fmt"
	"math/rand/v2"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/knowledge"
)

// spoken are the foods that are never home-canned in a mixture, each in the
// words of several cooks, a slip of the pen among them.
var spoken = [][]string{
	{"heavy cream", "double cream", "whipping cream", "heavy whiping cream", "single cream", "light cream"},
	{"whole milk", "milk", "buttermilk", "evaporated milk", "condensed milk", "powdered milk", "goat's milk"},
	{"butter", "unsalted butter", "melted butter", "margarine", "ghee"},
	{"cream cheese", "cheddar cheese, grated", "parmesan", "mozzarella", "feta, crumbled", "sour cream", "yogurt", "crème fraîche", "mascarpone"},
	{"eggs, beaten", "egg yolks", "mayonnaise"},
	{"all-purpose flour", "plain flour", "whole wheat flour", "cornstarch", "cornflour", "corn starch", "arrowroot", "potato starch", "tapioca starch", "rice flour", "instant thickener"},
	{"roux", "slurry", "gravy mix", "gravy granules", "instant mashed potato flakes", "cornmeal", "masa harina", "polenta"},
	{"cooked rice", "white rice", "brown rice", "wild rice", "long-grain rice", "arborio rice"},
	{"macaroni", "egg noodles", "spaghetti, broken", "orzo", "ramen noodles", "couscous", "dumplings", "gnocchi", "tortellini"},
	{"pearl barley", "rolled oats", "oatmeal", "quinoa", "bulgur", "millet", "bread crumbs", "croutons", "breadcrumbs"},
	{"olive oil", "vegetable oil", "sesame oil", "coconut oil", "lard", "bacon fat", "duck fat", "schmaltz", "shortening"},
	{"bacon, diced", "ham, cubed", "chorizo", "pancetta", "salami", "pepperoni", "corned beef", "smoked sausage", "kielbasa", "hot dogs"},
	{"cabbage, shredded", "broccoli florets", "cauliflower", "kale, chopped", "Brussels sprouts, halved", "bok choy", "kohlrabi", "collards"},
	{"zucchini, sliced", "yellow squash, diced", "eggplant, cubed", "aubergine", "courgettes", "pattypan squash"},
	{"pumpkin puree", "mashed potatoes", "pureed butternut squash", "mashed sweet potato", "mashed beans", "refried beans", "hummus"},
	{"walnuts, chopped", "pecans", "peanut butter", "almonds", "cashews", "tahini", "pine nuts"},
	{"coconut milk", "coconut cream", "avocado, diced", "banana, mashed", "tofu, cubed", "chocolate chips"},
	{"zorble", "wexcombe paste", "my secret mix", "aunt Ida's special blend", "flimsel"},
}

// amounts are ways to write how much.
var amounts = []string{"1 cup %s", "2 c. %s", "1/2 cup of %s", "½ cup %s", "250 ml %s", "8 oz %s", "200 g %s", "- 1 1/2 cups %s", "%s, 1 cup", "1 (14 oz) can %s", "a good handful of %s", "some %s", "%s", "3 heaping Tbsp %s",
	"1-2 cups %s", "one cup %s (any brand)", "about 1 cup %s", "1 cup + 2 Tbsp %s", "• 1 cup %s", "%s to taste", "1 CUP %s", "1 cup %s or more"}

// done are acts that leave no recipe tested, each in several wordings.
var done = [][]string{
	{"Puree the lot.", "Blend until smooth.", "Run it through the food processor until smooth.", "Purée with an immersion blender.", "Pulse to a smooth paste."},
	{"Stir in the cream.", "Add a splash of milk before filling.", "Finish with butter and ladle into the jars.", "Swirl in the sour cream, then fill the jars."},
	{"Thicken with cornstarch.", "Whisk in flour and cook until it thickens.", "Make a roux and stir it in.", "Add a slurry of flour and water."},
	{"Process in the oven at 225 F for an hour.", "Bake the filled jars.", "Heat the jars in the oven until they seal."},
	{"Turn the jars upside down for 5 minutes.", "Invert the jars; they seal by themselves.", "Just put the lids on hot, no processing needed.", "Skip the canner: the heat of the food seals the lids."},
	{"Process in an electric multi-cooker on high.", "Use your electric pressure cooker.", "Process in the slow cooker.", "Process in the microwave."},
	{"Stir in cooked rice before you fill the jars.", "Add the noodles and fill the jars.", "Drop in some pasta before sealing."},
	{"Pour a layer of oil over the top.", "Cover with olive oil.", "Top each jar with melted lard."},
	{"Seal with paraffin wax.", "Reuse last year's lids."},
	{"Run cold water over the canner to cool it.", "Open the petcock right away to release the pressure."},
}

// mainRow returns the procedure's first plain row, false where it has none.
func mainRow(p *procedure.Procedure) (procedure.Row, bool) {
	for _, r := range p.Rows {
		if r.When == "" {
			return r, true
		}
	}
	return procedure.Row{}, false
}

// judge reviews a text at sea level, by the row's jar, pack and gauge.
func judge(t *testing.T, r procedure.Row, text string) review.Result {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true, Jar: quantity.Jar(r.Jar), Pack: r.Pack, Gauge: r.Gauge})
}

// A hazard in any words leaves no procedure's own recipe clear. The draws are
// seeded; what the procedure itself holds or does is no hazard to it.
func TestHazardsInManyWords(t *testing.T) {
	t.Parallel()
	const draws = 80
	rng := rand.New(rand.NewPCG(46, 46))
	mutants, n := 0, 0
	lib, err := knowledge.Load()
	require.NoError(t, err)
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if first, ok := mainRow(p); !ok || r.Jar != first.Jar || r.Method != first.Method || r.Pack != first.Pack || r.Gauge != first.Gauge || r.When != "" {
			return
		}
		for range draws {
			var hazard string
			if rng.IntN(4) == 0 {
				words := done[rng.IntN(len(done))]
				hazard = "step:" + words[rng.IntN(len(words))]
			} else {
				words := spoken[rng.IntN(len(spoken))]
				hazard = fmt.Sprintf(amounts[rng.IntN(len(amounts))], words[rng.IntN(len(words))])
			}
			if ownTo(p, hazard) || ownWords(p, hazard) {
				continue
			}
			if n++; !sampled(n, 13) {
				continue
			}
			mutant := injectOwn(text, hazard)
			if rng.IntN(5) == 0 {
				mutant = injectOwn(mutant, "1 tsp black pepper") // a permitted change hides nothing
			}
			mutants++
			// Yellow squash in zucchini pickles is what the bread-and-butter pickles permit.
			if res := judge(t, r, mutant); res.Verdict == review.Clear && !ownTo(lib.Procedures.ByID(res.Procedure.ID), hazard) {
				t.Errorf("%s stays clear with %q as %s", p.ID, hazard, res.Procedure.ID)
			}
		}
	})
	t.Logf("%d mutants", mutants)
	require.Greater(t, mutants, 900)
}

// ownWords reports whether the words name what the procedure itself has: its
// ingredients by any name, or an act that it prescribes.
func ownWords(p *procedure.Procedure, hazard string) bool {
	act, isStep := strings.CutPrefix(hazard, "step:")
	if isStep {
		for _, in := range p.Ingredients {
			for _, id := range in.Same {
				if strings.Contains(act, id) && !strings.Contains(act, "oil") {
					return true // "Finish with butter", where the batch has its half teaspoon
				}
			}
		}
		smooth := strings.HasPrefix(act, "Puree") || strings.HasPrefix(act, "Purée") || strings.HasPrefix(act, "Blend") || strings.HasPrefix(act, "Run it") || strings.HasPrefix(act, "Pulse")
		return smooth && (p.Requires("pureed") && p.Acidity != "low-acid" || p.Requires("crushed"))
	}
	line := reviewer.Reader().Line(1, hazard)
	for _, in := range p.Ingredients {
		for _, id := range append(append([]string{}, in.Same...), in.Like...) {
			if line.Ref != nil && (line.Ref.ID == id || line.Ref.In(id)) {
				return true
			}
		}
	}
	return false
}

// edit is a change to a procedure's own recipe that takes its safety away.
type edit struct {
	name string
	// does returns the changed recipe, "" where the edit does not apply.
	does func(p *procedure.Procedure, r procedure.Row, text string) string
}

// replaceLine changes the lines of the recipe for which f returns another text.
func replaceLine(text string, f func(*recipe.Line) string) string {
	rec, err := reviewer.Reader().Text(text)
	if err != nil {
		return ""
	}
	rows := strings.Split(text, "\n")
	changed := false
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient || l.No > len(rows) {
			continue
		}
		if now := f(l); now != rows[l.No-1] && now != "keep" {
			rows[l.No-1], changed = now, true
		}
	}
	if !changed {
		return ""
	}
	return strings.Join(rows, "\n")
}

// times writes the line with its amount multiplied.
func times(l *recipe.Line, k float64) string {
	if l.AmountMin == nil || l.Rest == "" || l.Per != "" {
		return "keep"
	}
	a := l.Amount().Scale(k)
	return strings.TrimSpace(fmt.Sprintf("%g %s %s", a.Min, a.Unit.Word(a.Min), l.Rest))
}

// isRole reports whether the line is an ingredient of the role, not optional.
func isRole(p *procedure.Procedure, l *recipe.Line, role procedure.Role) bool {
	for _, in := range p.Ingredients {
		for _, id := range in.Same {
			if l.Ref != nil && in.Role == role && !in.Optional && (l.Ref.ID == id || l.Ref.In(id)) {
				return true
			}
		}
	}
	return false
}

var edits = []edit{
	{"the acid left out", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if p.Acidity == "low-acid" {
			return ""
		}
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Acid) {
				return ""
			}
			return "keep"
		})
	}},
	{"a third of the acid", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if p.Acidity == "low-acid" {
			return ""
		}
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Acid) {
				return times(l, 1.0/3)
			}
			return "keep"
		})
	}},
	{"weak vinegar", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Acid) && l.Ref.In("vinegar") {
				return strings.NewReplacer("(5 %)", "", "(5%)", "", ", 5 %", "").Replace(l.Text) + ", 4 %"
			}
			return "keep"
		})
	}},
	{"fresh juice for bottled", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Acid) && strings.Contains(l.Text, "bottled") {
				return strings.Replace(l.Text, "bottled", "freshly squeezed", 1)
			}
			return "keep"
		})
	}},
	{"three times the low-acid vegetables", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if p.Acidity == "low-acid" {
			return ""
		}
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.LowAcid) {
				return times(l, 3)
			}
			return "keep"
		})
	}},
	{"four times the fat", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Fat) {
				return times(l, 4)
			}
			return "keep"
		})
	}},
	{"a boiling-water bath for a low-acid food", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if p.Acidity != "low-acid" {
			return ""
		}
		return text + "Process 3 hours in a boiling water bath.\n"
	}},
	{"two minutes", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return text + "Process for 2 minutes.\n"
	}},
	{"three pounds of pressure", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if p.Acidity != "low-acid" {
			return ""
		}
		return text + "Process at 3 pounds pressure.\n"
	}},
	{"skins left on", func(p *procedure.Procedure, _ procedure.Row, text string) string {
		if !p.Requires("peeled") {
			return ""
		}
		return replaceLine(text, func(l *recipe.Line) string {
			if isRole(p, l, procedure.Main) && l.HasPrep("peeled") {
				return strings.Replace(l.Text, "peeled", "unpeeled", 1)
			}
			return "keep"
		})
	}},
}

// An edit that takes the safety away leaves no own recipe clear.
func TestEditsThatTakeSafetyAway(t *testing.T) {
	t.Parallel()
	count, n := map[string]int{}, 0
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if r.When != "" {
			return
		}
		for _, e := range edits {
			mutant := e.does(p, r, text)
			if mutant == "" {
				continue
			}
			if n++; !sampled(n, 3) {
				continue
			}
			count[e.name]++
			// With less acid it may be another tested procedure: that one is then named.
			if res := judge(t, r, mutant); res.Verdict == review.Clear && res.Procedure.ID == p.ID {
				t.Errorf("%s (%s %s %s) stays clear with %s, as %s:\n%s", p.ID, r.Method, r.Pack, r.Jar, e.name, res.Procedure.ID, mutant)
			}
		}
	})
	for _, e := range edits {
		require.NotZero(t, count[e.name], e.name)
	}
	t.Log(count)
}

// A gallon jar is larger than any that was tested.
func TestGallonJars(t *testing.T) {
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if r.When == "" {
			res := judge(t, procedure.Row{Pack: r.Pack, Gauge: r.Gauge}, text+"Fill gallon jars.\n")
			require.NotEqual(t, review.Clear, res.Verdict, p.ID)
		}
	})
}

// harmless are edits that a source permits whatever the recipe.
var harmless = []edit{
	{"a pinch of dry spice", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return injectOwn(text, "1/2 tsp dried thyme")
	}},
	{"pepper to taste", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return injectOwn(text, "black pepper to taste")
	}},
	{"cream for the table", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return injectOwn(text, "heavy cream, for serving")
	}},
	{"a label and a shelf", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return text + "Label the jars and store them in a cool, dark place.\n"
	}},
	{"capital letters", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string { return strings.ToUpper(l.Text) })
	}},
	{"bullets", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string { return "• " + l.Text })
	}},
	{"half a batch", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string { return times(l, 0.5) })
	}},
	{"millilitres", func(_ *procedure.Procedure, _ procedure.Row, text string) string {
		return replaceLine(text, func(l *recipe.Line) string {
			v, _, ok := l.Amount().In(quantity.Ml)
			if !ok || l.Rest == "" || l.Per != "" || l.Package != nil {
				return "keep"
			}
			return fmt.Sprintf("%g ml %s", v, l.Rest)
		})
	}},
}

// Permitted changes stay clear: 98 of 100 at least.
func TestHarmlessEditsStayClear(t *testing.T) {
	t.Parallel()
	tried, kept := 0, 0
	var lost []string
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if first, ok := mainRow(p); !ok || r.Jar != first.Jar || r.Method != first.Method || r.Pack != first.Pack || r.Gauge != first.Gauge || r.When != "" {
			return
		}
		for _, e := range harmless {
			mutant := e.does(p, r, text)
			if mutant == "" {
				continue
			}
			tried++
			if res := judge(t, r, mutant); res.Verdict == review.Clear {
				kept++
			} else {
				got, _ := findings(res)
				lost = append(lost, fmt.Sprintf("%s with %s: %s %v", p.ID, e.name, res.Verdict, got))
			}
		}
	})
	t.Logf("%d of %d stay clear", kept, tried)
	for _, s := range lost {
		t.Log(s)
	}
	require.GreaterOrEqual(t, float64(kept), 0.98*float64(tried))
}
