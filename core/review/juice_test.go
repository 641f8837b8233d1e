package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// TestJuiceOfTheList: bottled juice that the list has without an amount is what the method measures
// as juice, unless that is said to be fresh; what may be left out behind it is not the juice
// (USDA Complete Guide 2015, guide 3, crushed tomatoes: 2 Tbsp bottled lemon juice to a quart, from
// memory).
func TestJuiceOfTheList(t *testing.T) {
	t.Parallel()
	for line, clear := range map[string]bool{
		"2 Tbsp lemon juice in each quart":                                  true,
		"2 Tbsp lemon juice in each quart, 1 tsp salt":                      true,
		"2 Tbsp lemon juice in each quart, 1 tsp salt if you want.":         true,
		"2 Tbsp lemon juice in each quart, 1 tsp salt (optional)":           true,
		"2 Tbsp fresh lemon juice in each quart":                            false,
		"2 Tbsp lemon juice in each quart, squeezed":                        false,
		"The juice of a lemon in each quart":                                false,
		"1 Tbsp lemon juice in each quart":                                  false,
		"2 Tbsp bottled lemon juice in each quart, salt, if you like.":      false,
		"2 Tbsp bottled lemon juice in each quart, salt too, if you like.":  false,
		"2 Tbsp lemon juice if you want, salt if you want.":                 false,
		"2 Tbsp lemon juice if you want, 1 tsp salt if you want.":           false,
		"2 Tbsp lemon juice in each quart, 1 tsp salt, if you want.":        false,
		"2 Tbsp lemon juice in each quart and 1 tsp salt if you want.":      false,
		"2 Tbsp lemon juice in each quart, 1 tsp salt if you want them.":    false,
		"2 Tbsp lemon juice in each quart, 1 tsp salt, both optional":       false,
		"2 Tbsp lemon juice or less in each quart, 1 tsp salt if you want.": false,
		"up to 2 Tbsp lemon juice in each quart, 1 tsp salt if you want.":   false,
		"2 Tbsp lemon juice in each quart, or 1 tsp salt if you want.":      false,
		"1 tsp salt, 2 Tbsp lemon juice in each quart if you want.":         false,
	} {
		rec, err := reviewer.Reader().Text("Crushed tomatoes\n\n22 lb tomatoes\nbottled lemon juice\n\nPeel. Heat and crush, boil 5 minutes.\n" + line + "\nFill hot quarts, 1/2 inch headspace. Process quarts 45 minutes in a boiling water bath.\n")
		require.NoError(t, err)
		res := reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true})
		require.Equal(t, clear, res.Verdict == review.Clear, "%s: %v", line, res.Findings)
	}
}

// TestTitleOfSeveralSentences: what is made is in the sentence that names it; the minutes of a test
// for the set are no process.
func TestTitleOfSeveralSentences(t *testing.T) {
	t.Parallel()
	for title, kind := range map[string]string{
		"Beets, pickled. This is the one from the church supper!": "pickle", "Pickled beets! No stew.": "pickle", "From the soup kitchen. Dilly beans": "pickle", "Dinner party. Peach jam": "jam", "Beef stew?? Dilly beans.": "pickle",
	} {
		require.Equal(t, kind, review.KindOf(reviewer.Reader().TitleNames(title)), title)
	}
	rec, err := reviewer.Reader().Text("Apple butter\n\n8 lb apples\n2 cups cider\n\nCook. To test: spoon it on a cold plate, away from the steam 2 minutes. Fill hot pints. Process pints 5 minutes in a boiling water bath.\n")
	require.NoError(t, err)
	require.Len(t, rec.Stated.Minutes, 1)
	require.Equal(t, 5.0, rec.Stated.Minutes[0].Minutes)
}
