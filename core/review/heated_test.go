package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"

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

// codesOf returns the codes of what is asked for.
func codesOf(res review.Result) []string {
	var out []string
	for _, f := range res.Findings {
		if f.Severity == review.Change || f.Severity == review.Stop {
			out = append(out, f.Code)
		}
	}
	return out
}
