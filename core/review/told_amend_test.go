package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// What is heated too short, and a soup that fills the jar with solids, is written anew where
// it stands: the time in its sentence, the filling before the lids.
func TestWhatWasToldIsWrittenAnew(t *testing.T) {
	t.Parallel()
	const soup = "Vegetable soup\n\n4 cups carrots, peeled, sliced\n4 cups potatoes, peeled, cubed\n2 cups green beans, cut\n10 cups vegetable broth\n\nBOIL\nFILL\nWipe the rims, lids on. Vent 10 minutes.\nProcess quarts 75 minutes at 10 pounds. Let it cool by itself.\n"
	tell := strings.NewReplacer
	for name, c := range map[string]struct {
		text string
		says []string
		gone []string
	}{
		"beans five minutes": {
			"Pinto beans\n\n5 lb dried pinto beans\nwater\n1/2 tsp salt per pint\n\nSoak overnight, drain. Cover with fresh water and boil five minutes.\nFill hot pint jars with beans and cooking water, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes. Process pints 75 minutes at 10 pounds. Let it cool by itself.\n",
			[]string{"Cover with fresh water and boil 30 minutes."}, []string{"five minutes"},
		},
		"beans without water": {
			"Green beans\n\n9 lb green beans\nsalt\nwater\n\nWash and snap the beans. Pack raw in hot pints, no water, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes, process pints 20 minutes at 10 pounds. Let it cool by itself.\n",
			[]string{"Pack raw in hot pint jars, cover with boiling water, leaving 1 inch headspace. Wipe"}, []string{"no water"},
		},
		"peaches to the brim": {
			"Peaches\n\n10 lb yellow peaches, peeled\nwater\n\nBring to a boil. Fill the hot quart jars to the brim. Process quarts 25 minutes in a boiling water bath.\n",
			[]string{"Pack in hot quart jars, cover with water, leaving ½ inch headspace."}, []string{"brim"},
		},
		"what else is done stays": {
			"Green beans\n\n9 lb green beans\nsalt\nwater\n\nWash and snap the beans. Pack raw in hot pints to the brim, then run a knife round the sides and wipe the rims. Lids on.\nVent 10 minutes, process pints 20 minutes at 10 pounds. Let it cool by itself.\n",
			[]string{"leaving 1 inch headspace", "run a knife round the sides", "wipe the rims. Lids on."}, []string{"brim"},
		},
		"said twice": {
			"Green beans\n\n9 lb green beans\nsalt\nwater\n\nWash and snap the beans. Pack raw in hot pints and cover with boiling water, 1 inch headspace. It does not matter if the top ones are above the water. Wipe the rims, lids on.\nVent 10 minutes, process pints 20 minutes at 10 pounds. Let it cool by itself.\n",
			[]string{"1 inch headspace. Wipe the rims"}, []string{"matter"},
		},
		"soup two minutes": {
			tell("BOIL", "Boil everything together 2 minutes.", "FILL", "Fill hot quart jars half full with the solids, then the hot broth, 1 inch headspace.").Replace(soup),
			[]string{"Boil everything together 5 minutes."}, []string{"2 minutes."},
		},
		"soup packed full": {
			tell("BOIL", "Boil everything together 5 minutes.", "FILL", "Fill hot quart jars full with the vegetables, then the hot broth, 1 inch headspace.").Replace(soup),
			[]string{"half full of solids", "quart jars half full"}, []string{"jars full with"},
		},
		"soup packed full and never boiled": {
			tell("BOIL", "Mix everything in a bowl.", "FILL", "Fill hot quart jars full with the vegetables, then the hot broth, 1 inch headspace.").Replace(soup),
			nil, []string{"jars full with"},
		},
	} {
		rec, err := reviewer.Reader().Text(c.text)
		require.NoError(t, err)
		req := low()
		req.Recipe = rec
		got := reviewer.Amend(req, c.text, nil)
		assert.Equal(t, review.Clear, got.Result.Verdict, "%s: %s %v", name, got.Text, got.Result.Findings)
		for _, s := range c.says {
			assert.Contains(t, got.Text, s, name)
		}
		for _, s := range c.gone {
			assert.NotContains(t, got.Text, s, name)
		}
		if at := strings.Index(got.Text, "half full"); at >= 0 {
			assert.Less(t, at, strings.Index(got.Text, "lids on"), "%s: jars are filled before they are closed: %s", name, got.Text)
		}
	}
}

// A soup is filled with its liquid, and no headspace is a jar full of solids.
func TestSoupIsNoJarOfSolids(t *testing.T) {
	t.Parallel()
	const soup = "Vegetable soup\n\n4 cups carrots, peeled, sliced\n4 cups potatoes, peeled, cubed\n2 cups green beans, cut\n10 cups vegetable broth\n\nBoil everything together 5 minutes.\nFILL\nWipe the rims, lids on. Vent 10 minutes.\nProcess quarts 75 minutes at 10 pounds. Let it cool by itself.\n"
	for _, said := range []string{
		"Fill hot quart jars full of the soup, one inch from the top.",
		"Fill hot quart jars with the soup to one inch from the top.",
		"Fill hot quart jars half full of solids, then to the top with broth, less an inch.",
		"Ladle the soup into hot quart jars, solids and broth share and share alike.",
	} {
		for _, f := range reviewText(t, strings.Replace(soup, "FILL", said, 1), 0, "weighted").Findings {
			assert.False(t, f.Code == "solids-ratio" && f.Severity == review.Amend, "%s: %s", said, f.Message)
		}
	}
}

// A time that is too short never stands beside the tested one, however it was told.
func TestTheOldTimeIsGone(t *testing.T) {
	t.Parallel()
	const pears = "Pears\n\n11 lb pears\n\nPeel, halve, core, into ascorbic acid water.\n" +
		"Boil five minutes in light syrup (5 3/4 cups water, 1 1/2 cups sugar).\n" +
		"Hot pears in hot pints, hot syrup, half an inch. Bubbles, rims, lids.\n"
	for _, told := range []string{
		"12 minutes in the bath.", "Bath: 12 minutes.", "12 minutes, boiling.", "12 minutes in boiling water.", "BWB 12 min.",
		"Pints 12 minutes.", "12 minutes for the pints.", "12 min.", "12 minutes in the bath. They look lovely on the shelf.",
		"Process 12 minutes in a boiling water bath.",
	} {
		rec, err := reviewer.Reader().Text(pears + told + "\n")
		require.NoError(t, err)
		req := low()
		req.Recipe = rec
		got := reviewer.Amend(req, pears+told+"\n", nil)
		assert.Equal(t, review.Clear, got.Result.Verdict, told)
		assert.Contains(t, got.Text, "Process 20 minutes", told)
		assert.NotContains(t, got.Text, "12 min", told)
		assert.NotContains(t, got.Text, "12 minutes", told)
	}
}
