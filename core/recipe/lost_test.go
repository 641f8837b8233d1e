package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

func pears(line string) string {
	return "Pears\n\n17 lb pears\n6 cups water\n3/4 cup sugar\n" + line + "\n\nBoil the pears in the syrup 5 minutes. Fill hot jars. Process 25 minutes.\n"
}

// A food that is tidied away with the words around it, and that nothing else names, is asked about.
func TestNoFoodIsLost(t *testing.T) {
	for line, lost := range map[string]string{
		"1 cup water to each quart of heavy cream":        "heavy cream",
		"1 cup sugar for each pint of cream":              "cream",
		"water so the flour doesn't stick":                "flour",
		"fish: 6 cups water":                              "fish",
		"half a cup of water to every pint of lard":       "lard",
		"1 cup water to each quart of pears":              "",
		"6 cups water, in place of milk":                  "",
		"6 cups water (no cream)":                         "",
		"ascorbic acid so they don't brown":               "",
		"1 spoon of tea of salt for each quart":           "",
		"2 lb lean beef, every bit of fat taken off":      "",
		"1 cup of the syrup: 6 cups water, 1/4 cup sugar": "",
	} {
		rec, err := reader.Text(pears(line))
		require.NoError(t, err)
		var unread []string
		for _, l := range rec.Lines {
			unread = append(unread, l.Unread...)
		}
		if lost == "" {
			require.Empty(t, unread, line)
		} else {
			require.Contains(t, unread, lost, line)
		}
	}
}

// What a list makes is taken off its line only where the word says no more than the list: a creamy syrup is asked
// about.
func TestWhatTheListMakes(t *testing.T) {
	for line, food := range map[string]string{
		"Syrup: 6 cups water, 3/4 cup sugar":                        "water",
		"Boil up the light syrup: 6½ cups water, ¾ cup sugar":       "water",
		"Heat up the brine: 4 c vinegar, 4 c water, ½ c salt":       "vinegar",
		"Molasses sauce: 4 cups of the bean water, 3 Tbsp molasses": "bean water",
		"A light syrup (1 cup sugar in 4 cups water)":               "sugar",
		"Thicken the syrup: 6 cups water, 3/4 cup sugar":            "thicken syrup",
		"Creamy syrup: 6 cups water, 3/4 cup sugar":                 "creamy syrup",
		"Flour syrup: 6 cups water, 3/4 cup sugar":                  "flour syrup",
		"My butter sauce: 4 cups water, 3/4 cup sugar":              "butter sauce",
		"Cornstarch syrup (3/4 cup sugar to 6 cups water)":          "cornstarch syrup",
	} {
		require.Equal(t, food, reader.Line(1, line).Food, line)
	}
}

// Short forms are read as what they stand for.
func TestShortForms(t *testing.T) {
	for say, method := range map[string]string{
		"25 min. quarts, B.W.B.":       "water-bath",
		"Into the B.W.B. 25 min.":      "water-bath",
		"H.W.B. 25 minutes.":           "water-bath",
		"HWB 25 minutes.":              "water-bath",
		"P.C. 10 lb. 25 min.":          "pressure",
		"PC weighted, 10 lb, 25 min.":  "pressure",
		"25 min, W.B. I learned on it": "water-bath",
	} {
		rec, err := reader.Text("Pears\n\n17 lb pears\n\nBoil the pears 5 minutes. Fill hot jars, half an inch. Put lids on. " + say + "\n")
		require.NoError(t, err)
		said := rec.Stated.Methods
		require.NotEmpty(t, said, say)
		require.Equal(t, method, said[0].Value, say)
	}
	rec, err := reader.Text("Peas\n\n~2 lb peas\n1 tsp salt n pepper\n~~1 cup cream~~\n\nBoil.\n")
	require.NoError(t, err)
	require.Equal(t, 2.0, *rec.Lines[0].AmountMin)
	require.Equal(t, "pepper", rec.Lines[1].Also[0].Food)
}

// How near the rim a jar is filled is its headspace, and how a piece lies in it changes nothing.
func TestShyOfTheRim(t *testing.T) {
	for say, inches := range map[string]float64{
		"Fill hot pints an inch shy of full with the pears.":          1,
		"Fill to half an inch shy of the rim.":                        0.5,
		"Pack raw, cavity side down, to 1/2 inch shy of the top.":     0.5,
		"Fill the jars, skin side up, a quarter inch shy of the lid.": 0.25,
	} {
		rec, err := reader.Text("Pears\n\n17 lb pears\n\nBoil the pears 5 minutes. " + say + " Put lids on.\n")
		require.NoError(t, err)
		require.NotNil(t, rec.Stated.Headspace, say)
		require.Equal(t, inches, rec.Stated.Headspace.Value, say)
		for _, st := range rec.Steps {
			require.Empty(t, st.Asks, say)
		}
	}
}

// What people say around a recipe is no food.
func TestCourtesies(t *testing.T) {
	for _, say := range []string{"sure!!", "Sure thing!", "of course", "my pleasure!", "no problem!", "you're welcome"} {
		require.Equal(t, recipe.Note, reader.Line(1, say).Kind, say)
	}
	for _, food := range []string{"cream, of course", "lard"} {
		require.Equal(t, recipe.Ingredient, reader.Line(1, food).Kind, food)
	}
}
