package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A food that was tested hot-packed only must be made hot by something in the method
// (USDA Complete Guide 2015, guides 2 to 6: the packs of each product; from memory).
func TestSomethingMakesItHot(t *testing.T) {
	const (
		low  = " Wipe the rims, lids on.\nVent 10 minutes. Process @ minutes at 10 pounds. Let it cool by itself.\n"
		bath = " Wipe the rims, lids on.\nProcess @ minutes in a boiling water bath.\n"
	)
	for _, c := range []struct{ name, list, cold, hot, end, minutes string }{
		{"beets", "Beets\n\n21 lb beets, peeled, sliced\n1 tsp salt per quart\n\n",
			"Fill the slices into quarts, boiling water over, 1 inch headspace.", "Boil the beets 20 minutes, slip the skins, slice. Fill the slices into quarts, boiling water over, 1 inch headspace.", low, "35"},
		{"potatoes", "Potatoes in quarts\n\n20 lb potatoes, peeled, cut in 1/2 inch cubes\n1 tsp salt per quart\n\n",
			"Drop the cubes into quarts as you cut them. Cover with boiling water, 1 inch headspace.", "Two minutes in boiling water, drain. Fill quarts with the cubes, cover with fresh boiling water, 1 inch headspace.", low, "40"},
		{"mushrooms", "Mushrooms in pints\n\n14 lb small mushrooms, whole, washed\n1/2 tsp salt per pint\n\n",
			"Into hot pints with them, boiling water to 1 inch.", "Cover with water, bring to a boil and boil 5 minutes. Fill hot pints, hot liquid to 1 inch.", low, "45"},
		{"okra", "Okra in pints\n\n7 lb okra, trimmed\n1/2 tsp salt per pint\n\n",
			"Pods into pints, boiling water to 1 inch.", "Boil the pods 2 minutes, drain. Hot pods into pints, hot cooking liquid to 1 inch.", low, "25"},
		{"soup", "Chicken soup in pints\n\n4 cups chicken, cut up\n3 cups carrots, peeled, diced\n1 cup celery\n8 cups chicken broth\n\n",
			"Fill pints half full with the solids, cover with boiling broth, leave 1 inch.", "Boil all of it together 5 minutes. Fill pints half full with the solids, cover with the broth, leave 1 inch.", low, "60"},
		{"dried beans", "Dried beans in pints\n\n5 lb dried pinto beans\n1/2 tsp salt per pint\n\n",
			"Soak overnight, drain. Fill pints with beans, boiling water over, leave 1 inch.", "Soak overnight, drain. Fresh water, boil 30 minutes. Fill pints with beans and cooking water, leave 1 inch.", low, "75"},
		{"apples", "Sliced apples in quarts\n\n20 lb apples, peeled, cored, sliced\nlight syrup\n\n",
			"Pack the slices in quarts, cover with boiling syrup, 1/2 inch headspace.", "Simmer the slices in the syrup 5 minutes. Fill quarts with slices, cover with syrup, 1/2 inch headspace.", bath, "20"},
		{"pickled beets", "Pickled beets in pints\n\n7 lb beets, peeled, sliced\n4 cups vinegar (5 percent)\n2 cups water\n2 cups sugar\n1 1/2 tsp salt\n\n",
			"Pack the slices in pints. Boil the vinegar, water, sugar and salt, pour over, 1/2 inch headspace.", "Boil the beets till tender, slip the skins, slice. Boil the vinegar, water, sugar and salt, add the slices, simmer 5 minutes. Fill pints, 1/2 inch headspace.", bath, "30"},
	} {
		end := strings.Replace(c.end, "@", c.minutes, 1)
		cold := reviewText(t, c.list+c.cold+end, 300, "weighted")
		assert.Equal(t, review.Change, cold.Verdict, c.name)
		assert.Contains(t, codesOf(cold), "pack-style", c.name)
		hot := reviewText(t, c.list+c.hot+end, 300, "weighted")
		assert.NotContains(t, codesOf(hot), "pack-style", "%s, heated", c.name)
	}
}

// Hot water on skins or jars, and hot peppers, make no food hot.
func TestWhatHeatsNothing(t *testing.T) {
	for name, text := range map[string]string{
		"juice over raw meat": "Ground beef\n\n10 lb ground beef\n1 tsp salt per quart\n\nShape into balls, put them in quarts, boiling tomato juice over to 1 inch. Wipe rims, lids on.\nVent 10 minutes. Process quarts 90 minutes at 10 pounds.\n",
		"only dipped":         "Crushed tomatoes\n\n22 lb tomatoes\n2 Tbsp bottled lemon juice per quart\n\nDip in boiling water 30 to 60 seconds, peel, core, quarter. Lemon in each quart. Press the quarters into quarts, 1/2 inch headspace. Wipe rims, lids on.\nProcess quarts 45 minutes in a boiling water bath.\n",
		"only jars boiled":    "Beets\n\n21 lb beets, peeled, sliced\n1 tsp salt per quart\n\nBoil the jars and keep them hot. Fill the slices into quarts, boiling water over, 1 inch headspace. Lids on.\nVent 10 minutes. Process quarts 35 minutes at 10 pounds.\n",
		"hot peppers":         "Salsa\n\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n5 cups onion, chopped\n1/2 cup jalapenos, seeded, chopped\n6 cloves garlic\n2 cups bottled lime juice\n2 Tbsp salt\n\nMix tomatoes, hot peppers, onions and the rest in a bowl. Spoon into pints, 1/2 inch headspace. Wipe rims, lids on.\nProcess pints 15 minutes in a boiling water bath.\n",
	} {
		assert.Contains(t, codesOf(reviewText(t, text, 300, "weighted")), "pack-style", name)
	}
}

// codesOf returns the codes of what is asked for.
func codesOf(res review.Result) []string {
	var out []string
	for _, f := range res.Findings {
		if f.Severity == review.Amend || f.Severity == review.Halt {
			out = append(out, f.Code)
		}
	}
	return out
}

// A method that closes the jars and puts them away has left the process out, whatever was
// boiled before; one that ends with the lids has not yet come to it.
func TestPutAwayWithoutAProcess(t *testing.T) {
	const (
		jam      = "Strawberry jam\n\n4 cups crushed strawberries\n4 cups sugar\n\nBoil to the jellying point, fill hot half-pints, 1/4 inch headspace, wipe rims, lids on. "
		beans    = "Green beans\n\n14 lb green beans, cut\n1 tsp salt per quart\n\nBoil the beans 5 minutes. Fill hot quarts with beans and their liquid, 1 inch headspace, lids on. "
		tomatoes = "Tomatoes\n\n21 lb tomatoes, peeled, halved\n2 Tbsp bottled lemon juice per quart\nboiling water\n\nBoil the tomatoes in water 5 minutes. Fill quarts, 1/2 inch headspace, lids on. "
		peaches  = "Peaches\n\n10 lb peaches, peeled, halved\nlight syrup\n\nHeat the peaches in the syrup. Fill hot quarts, 1/2 inch headspace, lids on. "
	)
	for _, base := range []string{jam, beans, tomatoes, peaches} {
		for _, end := range []string{"Let them cool on the counter and store in the pantry.", "They keep in the cellar a year.", "Cool, label, and store.", "Listen for the ping, then onto the shelf.", "No canner needed. Store in the pantry."} {
			res := reviewText(t, base+end, 300, "weighted")
			assert.NotEqual(t, review.Clear, res.Verdict, base+end)
			assert.Contains(t, codesOf(res), "open-kettle", base+end)
		}
		for _, end := range []string{"", "Keep them in the refrigerator and eat them this week."} {
			assert.NotContains(t, codesOf(reviewText(t, base+end, 300, "weighted")), "open-kettle", base+end)
		}
	}
	processed := reviewText(t, jam+"Process 5 minutes in a boiling water bath. Cool, label, and store.", 300, "weighted")
	assert.NotContains(t, codesOf(processed), "open-kettle")
}

// The version that can be canned says how it is made hot.
func TestTheHeatIsWrittenIn(t *testing.T) {
	for _, text := range []string{
		"Beets\n\n21 lb beets, peeled, sliced\n1 tsp salt per quart\n\nFill the slices into quarts, boiling water over, 1 inch headspace. Lids on.\nVent 10 minutes. Process quarts 35 minutes at 10 pounds. Let it cool by itself.\n",
		"Okra\n\n7 lb okra, trimmed\n1/2 tsp salt per pint\n\nPods into pints, boiling water to 1 inch. Wipe the rims, lids on.\nVent 10 minutes. Process pints 25 minutes at 10 pounds. Let it cool by itself.\n",
	} {
		rec, err := reviewer.Reader().Text(text)
		require.NoError(t, err)
		req := low()
		req.Recipe = rec
		got := reviewer.Amend(req, text, nil)
		assert.Equal(t, review.Clear, got.Result.Verdict, got.Text)
		assert.Regexp(t, "(?i)boil|heat", got.Text)
	}
}

// Food that is filled cold has the raw pack's time, whatever the shorter time of the hot pack
// is (USDA Complete Guide 2015, guide 2, sweet cherries in water bath: raw 25, hot 15 minutes
// for pints; from memory).
func TestFilledColdIsARawPack(t *testing.T) {
	const list = "Sour cherries\n\n20 lb sour cherries, stemmed, washed, pitted\nmedium syrup\n\n"
	for how, clear := range map[string]bool{
		"Half a cup of hot syrup in each hot pint, the cherries in, shaking down, more syrup, 1/2 inch headspace.": false,
		"Bring the cherries to a boil in the syrup. Hot pints, cherries and syrup, 1/2 inch headspace.":            true,
	} {
		res := reviewText(t, list+how+" Wipe the rims, lids on.\nProcess pints 15 minutes in boiling water.\n", 300, "weighted")
		assert.Equal(t, clear, res.Verdict == review.Clear, "%s %v", how, res.Findings)
	}
}

// What is washed is in the recipe; what it is washed with is not.
func TestWhatIsWashedGoesIn(t *testing.T) {
	const beans = "Green beans\n\n4 lb green beans\nwater\n\n@\nPack all raw in pints, cover with boiling water, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes. Process pints 20 minutes at 10 pounds in a weighted gauge pressure canner.\n"
	for said, code := range map[string]string{
		"Wash two cups of rice.": "starch-solid", "Rinse the barley well.": "starch-solid", "Clean the oysters.": "seafood-mix", "Wipe the mushrooms.": "added-ingredient",
		"Rinse the rims with vinegar.": "", "Wash the beans.": "",
	} {
		res := reviewText(t, strings.Replace(beans, "@", said, 1), 300, "weighted")
		if code == "" {
			assert.Equal(t, review.Clear, res.Verdict, "%s %v", said, res.Findings)
			continue
		}
		assert.Contains(t, codesOf(res), code, said)
	}
}
