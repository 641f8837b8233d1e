package review_test

import (
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
	"damson/core/review"
)

// kitchens are sound recipes of eleven kinds with three places for a sentence: before
// the jars are filled, once they are closed, and after the process.
var kitchens = map[string]struct{ flags, text string }{
	"beans": {"--elevation 300ft --gauge dial", "Green beans\n\n4 lb green beans\nwater\n\n%s\nPack raw in pints and cover with boiling water, leaving 1 inch headspace.\n%s\nProcess 20 minutes at 11 pounds in a dial gauge pressure canner.\n%s\n"},
	"tomatoes": {"--elevation 300ft --jar pint", "Whole tomatoes\n\n13 lb tomatoes, peeled, left whole\n1 Tbsp bottled lemon juice to each pint\nwater\n\n%s\n" +
		"Put the lemon juice in the jars. Pack the raw tomatoes in hot pints and cover with boiling water, 1/2 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nProcess pints 40 minutes in a boiling water bath.\n%s\n"},
	"meat": {"--elevation 300ft --gauge weighted --jar pint", "Beef cubes\n\n10 lb beef, trimmed, in 1 inch cubes\n1/2 tsp salt to each pint\n\n%s\n" +
		"Pack raw in hot pints, no liquid added, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nVent 10 minutes. Process pints 75 minutes at 10 pounds in a weighted gauge pressure canner.\n%s\n"},
	"soup": {"--elevation 300ft --gauge weighted --jar pint", "Vegetable soup\n\n4 cups carrots, peeled, sliced\n4 cups potatoes, peeled, cubed\n2 cups green beans, cut\n2 cups celery, sliced\n3 quarts vegetable broth\n2 tsp salt\n\n%s\n" +
		"Boil all together 5 minutes. Fill hot pints half full with solids, then the hot broth, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nVent 10 minutes. Process pints 60 minutes at 10 pounds in a weighted gauge pressure canner.\n%s\n"},
	"pickle": {"--elevation 300ft --jar pint", "Dilled beans\n\n4 lb green beans\n8 heads fresh dill\n1/2 cup canning salt\n4 cups white vinegar (5 percent)\n4 cups water\n\n%s\n" +
		"Stand the beans raw in hot sterile pints with the dill. Boil salt, vinegar and water, pour over, 1/2 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nProcess pints 5 minutes in a boiling water bath.\n%s\n"},
	"jam":     {"--elevation 300ft --jar half-pint", "Strawberry jam\n\n4 cups crushed strawberries\n4 cups sugar\n\n%s\nStir sugar and berries over low heat until the sugar dissolves, then boil hard to the jellying point. Ladle hot into sterile half-pints, 1/4 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nProcess half-pints 5 minutes in a boiling water bath.\n%s\n"},
	"kidneys": {"--elevation 300ft --gauge weighted --jar pint", "Kidney beans\n\n3 1/4 lb dried kidney beans\nsalt\nwater\n\n%s\nSoak the beans 12 hours, drain, cover with fresh water and boil 30 minutes. Fill hot pints with beans and cooking water, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nVent 10 minutes. Process pints 75 minutes at 10 pounds in a weighted gauge pressure canner.\n%s\n"},
	"pears":   {"--elevation 300ft --jar pint", "Pears in light syrup\n\n11 lb pears\n2 1/4 cups sugar\n9 cups water\n\n%s\nPeel, halve and core the pears. Boil them 5 minutes in the syrup. Fill hot pints with hot pears and hot syrup, 1/2 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nProcess pints 20 minutes in a boiling water bath.\n%s\n"},
	"salsa":   {"--elevation 300ft --jar pint", "Choice salsa\n\n6 cups peeled, cored, seeded, chopped tomatoes\n9 cups chopped onions and peppers\n1 1/2 cups bottled lemon juice\n3 tsp canning salt\n\n%s\nBring everything to a boil and simmer 3 minutes. Ladle hot into hot pints, 1/2 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nProcess pints 15 minutes in a boiling water bath.\n%s\n"},
	"corn":    {"--elevation 300ft --gauge weighted --jar pint", "Whole kernel corn\n\n20 lb corn in the husk\n1/2 tsp salt to each pint\nwater\n\n%s\nHusk, silk and wash the corn. Blanch 3 minutes, cut the kernels off at three quarters depth. Pack raw in hot pints, cover with boiling water, 1 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nVent 10 minutes. Process pints 55 minutes at 10 pounds in a weighted gauge pressure canner.\n%s\n"},
	"chicken": {"--elevation 300ft --gauge weighted --jar pint", "Chicken, boned\n\n10 lb boneless chicken\n1/2 tsp salt to each pint\n\n%s\nPack raw in hot pints, no liquid added, 1 1/4 inch headspace. Wipe the rims, lids on, bands fingertip tight.\n%s\nVent 10 minutes. Process pints 75 minutes at 10 pounds in a weighted gauge pressure canner.\n%s\n"},
}

// said reviews a kitchen with a sentence at one of its places.
func said(t *testing.T, base, place, sentence string) review.Result {
	t.Helper()
	k, ok := kitchens[base]
	require.True(t, ok, base)
	at := []any{"", "", ""}
	at[place[0]-'0'] = sentence
	w := written{ID: sentence, Text: fmt.Sprintf(k.text, at...), Flags: strings.Fields(k.flags)}
	req, ok := w.asked(t)
	require.True(t, ok)
	return reviewer.Review(req)
}

// The kitchens are clear as they stand, or nothing below would mean anything.
func TestKitchensAreClear(t *testing.T) {
	for base := range kitchens {
		for _, place := range []string{"0", "1", "2"} {
			res := said(t, base, place, "My neighbour gave me the seeds.")
			assert.Equal(t, review.Clear, res.Verdict, "%s %s %v", base, place, res.Findings)
		}
	}
}

// Hazards that an adversary wrote in plain words never leave a recipe clear.
func TestAdversary(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/adversary/plain.txt")
	require.NoError(t, err)
	n, known := 0, 0
	for _, row := range strings.Split(string(data), "\n") {
		if row == "" || strings.HasPrefix(row, "#") {
			continue
		}
		f := strings.SplitN(row, "|", 3)
		require.Len(t, f, 3, row)
		base, passes := strings.CutPrefix(f[0], "?")
		n++
		clear := said(t, base, f[1], f[2]).Verdict == review.Clear
		if passes {
			known++
			assert.True(t, clear, "no longer passes, take the mark off: %s", row)
			continue
		}
		assert.False(t, clear, "stays clear: %s", row)
	}
	require.GreaterOrEqual(t, n, 1130)
	require.LessOrEqual(t, known, 24)
}

// Recipes of many voices that follow a tested procedure: how many are clear is a
// floor, to be raised.
func TestVoices(t *testing.T) {
	t.Parallel()
	files, err := filepath.Glob("testdata/voices/*.txt")
	require.NoError(t, err)
	require.GreaterOrEqual(t, len(files), 40)
	clear := 0
	var held []string
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		flags, text, _ := strings.Cut(string(data), "\n")
		w := written{ID: name, Text: text, Flags: strings.Fields(flags)}
		req, ok := w.asked(t)
		require.True(t, ok, name)
		if res := reviewer.Review(req); res.Verdict == review.Clear {
			clear++
		} else {
			held = append(held, filepath.Base(name))
		}
	}
	t.Logf("%d of %d clear; held up: %v", clear, len(files), held)
	require.GreaterOrEqual(t, clear, 85)
}

// What stands apart from the recipe is read all the same: behind what it fills, in what
// a heading is said by, above several recipes, below a rule, in a part's own list.
func TestNothingStandsApart(t *testing.T) {
	const method = "\n\nPack raw into hot pints, cover with boiling water, 1 inch headspace. Process pints 20 minutes at 11 pounds in a dial gauge pressure canner.\n"
	texts := map[string]string{
		"said by":  "Green beans\n\n9 lb green beans\nwater\n\nSnap the beans.\nMother says\nStir in a pint of cream." + method,
		"above":    "# Two of mine\n\nBoth get a lump of butter in every jar.\n\n## Green beans\n\n9 lb green beans\n2 tsp salt\n9 cups water" + method + "\n## Carrots\n\n9 lb carrots, peeled, sliced\n2 tsp salt\n9 cups water" + method,
		"the part": "Green beans\n\n9 lb green beans\n2 tsp salt\nwater\n\nSnap them. Pack raw into hot pints.\n\n----------\n\nThe sauce\n\n2 cups cream\n1 cup flour\n1 cup butter\n\nPour over the beans." + method,
	}
	for _, line := range []string{"21 lb green beans = 9 pints, and 1 lb butter", "9 lb green beans for 9 pints, plus 2 cups cream", "9 lb green beans makes 9 pints with a pound of bacon",
		"9 lb green beans for nine pints and a cup of cream", "9 lb green beans\nBacon or any pork", "9 lb green beans\n2 lb fish in the milk", "9 lb green beans\nsyrup 2 cups", "9 lb green beans\n2 cups lard, butter or orange peel",
		"9 lb green beans (breaded)", "9 lb green beans (Butter)", "9 lb green beans\ncan of cream of mushroom soup", "9 lb green beans\nfrom the cellar: cream"} {
		texts[line] = "Green beans\n\n" + line + "\nwater" + method
	}
	for name, text := range texts {
		d, err := recipe.Open("a.md", []byte(text))
		require.NoError(t, err)
		for i, part := range d.Texts {
			require.NotEqual(t, review.Clear, reviewText(t, part, 300, "dial").Verdict, "%s, part %d", name, i+1)
		}
	}
}
