package recipe_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/recipe"
)

// foodsOf are the foods of a line with their amounts.
func foodsOf(text string) string {
	l := reader.Line(1, text)
	var out []string
	for _, x := range append([]*recipe.Line{l}, l.Also...) {
		out = append(out, strings.TrimSpace(x.Amount().String()+" "+x.Food))
	}
	return strings.Join(out, ", ")
}

// Parts that make up the whole are what goes in; parts that do not are asked about.
func TestWholeAndParts(t *testing.T) {
	for text, want := range map[string]string{
		"9 cups onions and peppers in all (5 cups onions, 4 cups green peppers)":       "5 cups onion, 4 cups green pepper",
		"9 cups of onions and peppers: we used 5 cups onions and 4 cups green peppers": "5 cups onion, 4 cups green pepper",
		"9 cups onions and peppers altogether – 5 c. onions, 4 c. jalapeños":           "5 cups onion, 4 cups jalapeno",
		"3 lb mixed peppers (2 lb green peppers and 1 lb jalapeños)":                   "2 lb green pepper, 1 lb jalapeno",
		"5 cups onions, 4 cups green peppers":                                          "5 cups onion, 4 cups green pepper",
		"4 cups crushed raspberries (I needed about 2 quarts of whole ones)":           "4 cups raspberry",
		"2 lb small mushrooms, more or less, per 3 half pints":                         "2 lb mushroom",
		"22 lb of tomatoes for 7 quarts, 14 for 9 pints":                               "22 lb tomato",
		"1 1/2 lb red rhubarb, 1 1/2 qt ripe strawberries":                             "1½ lb red rhubarb, 1½ quarts strawberry",
		"seventeen pounds peaches":                                                     "17 lb peach",
		"fourteen lb tomatoes":                                                         "14 lb tomato",
	} {
		require.Equal(t, want, foodsOf(text), text)
	}
	l := reader.Line(1, "9 cups onions and peppers: 5 cups onions, 5 cups peppers")
	require.NotEqual(t, recipe.Understood, l.Reading, "ten are not nine")
}

// What stands behind a measure is something, and asked about where nobody knows it.
func TestMeasuredAndUnknown(t *testing.T) {
	for _, text := range []string{"4 cups onions, 3 cups bells", "4 cups onions (3 cups hammers)", "4 cups onions, 3 cups bells, 1 cup sugar"} {
		require.NotEmpty(t, reader.Line(1, text).Unread, text)
	}
	require.Empty(t, reader.Line(1, "4 cups onions, 3 cups sugar").Unread)
}

// What a line gives beside the whole is what each jar gets.
func TestShareOfAJar(t *testing.T) {
	for text, want := range map[string]quantity.Amount{
		"14 Tbsp bottled lemon juice (2 Tbsp per quart)":       {Min: 2, Max: 2, Unit: quantity.Tbsp},
		"1 cup bottled lemon juice, 2 Tbsp to each quart":      {Min: 2, Max: 2, Unit: quantity.Tbsp},
		"1/2 cup bottled lemon juice (for each quart 1/2 tsp)": {Min: 0.5, Max: 0.5, Unit: quantity.Tsp},
		"2 tsp citric acid, 1/4 tsp per pint":                  {Min: 0.25, Max: 0.25, Unit: quantity.Tsp},
	} {
		l := reader.Line(1, text)
		require.Empty(t, l.Per, text)
		require.Equal(t, want, l.InJar().Amount(), text)
		require.NotEmpty(t, l.InJar().Per, text)
	}
	for _, text := range []string{"14 heads dill (1 1/2 heads per pint)", "8 cloves garlic, one per jar", "3 Tbsp mustard seed (1 tsp per pint)"} {
		l := reader.Line(1, text)
		require.Same(t, l, l.InJar(), text)
		require.Empty(t, l.Per, text)
		require.Equal(t, recipe.Understood, l.Reading, text)
	}
	require.Equal(t, "quart", reader.Line(1, "2 Tbsp bottled lemon juice per quart").Per)
}

// A thing that is insisted on is not left to liking.
func TestNotOptional(t *testing.T) {
	for text, want := range map[string]bool{
		"1 tsp salt, optional": true, "1 tsp salt (optional)": true,
		"2 Tbsp bottled lemon juice per quart, not optional":   false,
		"2 Tbsp bottled lemon juice per quart (NOT optional!)": false,
		"2 Tbsp bottled lemon juice per quart, never optional": false,
	} {
		require.Equal(t, want, reader.Line(1, text).Optional, text)
	}
}

// Questions are none of the recipe, typed with their mark or without; their answers are.
func TestQuestionsWithoutAMark(t *testing.T) {
	const letter = `Squash in jars

> what kind did you use
Butternut, 10 lb
> did you mash it
No. Cubes, one inch.
> time
55 minutes in pints.
`
	rec, err := reader.Text(letter)
	require.NoError(t, err)
	for _, st := range rec.Steps {
		require.Empty(t, st.Acts, st.Text)
	}
	require.Len(t, ingredients(rec), 1)

	rec, err = reader.Text("Beans\n\n4 lb green beans\n--\n~ * ~\nsalt\n")
	require.NoError(t, err)
	require.Len(t, ingredients(rec), 2)
	require.Empty(t, rec.Lines[0].Problem)
}
