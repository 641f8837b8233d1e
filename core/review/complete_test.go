package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// amendedText returns the version that can be canned, with its review.
func amendedText(t *testing.T, text string, feet int, gauge string) review.Amended {
	t.Helper()
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Amend(review.Request{Recipe: rec, Elevation: feet, ElevationGiven: true, Gauge: gauge}, text, nil)
}

// inOrder checks that the parts stand in the text one behind the other.
func inOrder(t *testing.T, text string, parts ...string) {
	t.Helper()
	rest := text
	for _, part := range parts {
		at := strings.Index(rest, part)
		require.GreaterOrEqual(t, at, 0, "%q is missing, or stands too early, in\n%s", part, text)
		rest = rest[at+len(part):]
	}
}

// What a procedure asks for stands in the order in which it is done, whatever of it the recipe
// said, took back or left out (USDA Complete Guide 2015, guides 3 to 6; from memory).
func TestWhatTheRecipeLeftOut(t *testing.T) {
	t.Parallel()
	for _, c := range []struct {
		name, text string
		parts      []string
		never      []string
	}{
		{"a letter of dried beans", "Subject: Gran's bean pot, for the shelf\n\nHi love,\n\nTake 5 pounds of navy beans, don't bother soaking. Fry half a pound of bacon till crisp. Add 2 cups of onions and a cup of molasses. Put it all in quart jars right to the brim. Boil the jars three hours in the big pot. Serve with brown bread.\n\nLove, Gran\n",
			[]string{"5 pounds of navy beans", "Soak 12 to 18 hours", "boil 30 minutes", "Pack in hot quart jars", "90 minutes at 13 pounds", "When you open the jar:", "½ lb bacon.", "2 cups onions.", "1 cup molasses."},
			[]string{"bother", "three hours", "brim", "onions and.", "till crisp.\n"}},
		{"unsoaked, in a water bath", "Black beans, no soak\n5 lb dried black beans, not soaked\nwater\n\nPut the beans into pints and cover with boiling water. Boil the sealed jars three hours.\n",
			[]string{"Black beans\n", "soaked", "boil 30 minutes", "Put the beans into pints", "1 inch headspace", "75 minutes at 13 pounds"}, []string{"no soak", "not soaked", "three hours"}},
		{"tomatoes without acid", "Tomatoes\n21 lb tomatoes, peeled\nboiling water\nOld kinds need no lemon juice.\n\nPack raw in quarts and cover with boiling water.\n",
			[]string{"2 Tbsp bottled lemon juice to each quart", "Pack raw in quarts", "minutes"}, []string{"need no lemon"}},
		{"a soup full of solids", "Carrot soup\n3 lb carrots, peeled, sliced\n10 cups vegetable stock\n1 cup cream\n\nBoil 5 minutes. Stir in the cream.\nFill pints.\n",
			[]string{"Boil 5 minutes", "half full of solids", "60 minutes", "When you open the jar:", "cream"}, []string{"Fill pints.\n"}},
		{"a chowder of little more than starch", "Chowder\n2 lb potatoes\n1 lb bacon\n3 cups cream\n1 cup flour\n\nSimmer and can it.\n",
			[]string{"2 lb potatoes", "water", "roots peeled", "oil 5 minutes", "half full of solids", "60 minutes", "When you open the jar:", "bacon", "cream", "flour"}, nil},
		{"salsa that nothing heats", "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n5 cups onions, chopped\n1/2 cup jalapeño peppers, seeded, finely chopped\n6 cloves garlic, finely chopped\n2 cups bottled lemon juice\n2 Tbsp salt\n1 Tbsp black pepper\n1 cup sweet corn\n\nFill pints.\n",
			[]string{"Heat it to boiling", "Fill pints", "½ inch headspace", "minutes in a water bath", "When you open the jar:", "sweet corn"}, nil},
		{"slabs of squash", "Butternut in quarts\n\nHalve the butternuts, scoop, peel. I cut mine in slabs as long and thick as a deck of cards.\nBoil 2 minutes in water, lift into hot quart jars, boiling cooking water over, one inch at the top.\nVent 10 minutes, 90 minutes at 13 lb on the dial, cool down naturally.\n",
			[]string{"peel", "pieces of 1 inch at most", "Boil 2 minutes", "90 minutes"}, []string{"deck of cards"}},
	} {
		t.Run(c.name, func(t *testing.T) {
			got := amendedText(t, c.text, 5240, "dial")
			require.Equal(t, review.Clear, got.Result.Verdict, got.Text)
			inOrder(t, got.Text, c.parts...)
			for _, n := range c.never {
				assert.NotContains(t, got.Text, n)
			}
			// A second reading of the text, by somebody who knows nothing of the first.
			again := reviewText(t, got.Text, 5240, "dial")
			assert.Equal(t, review.Clear, again.Verdict, got.Text)
			// It brings nothing of its own to change: to amend it again changes nothing.
			twice := amendedText(t, got.Text, 5240, "dial")
			assert.Equal(t, got.Text, twice.Text)
		})
	}
}

// What is clear as it stands, or has no procedure, is left as it was written.
func TestNothingToComplete(t *testing.T) {
	t.Parallel()
	for _, text := range []string{
		"Green beans\n4 lb green beans\nboiling water\n\nPack raw in pints.\n",
		"Cheese dip\n2 lb cheese\n3 cups cream\n1 cup flour\n\nMelt it all and can it.\n",
	} {
		got := amendedText(t, text, 5240, "dial")
		assert.Equal(t, text, got.Text)
		assert.Empty(t, got.Made)
	}
}

// Food that is in the jars is heated by no pot any more; what is heated before is hot, and so is
// what a boiling liquid is poured over where that was tested (common practice, no source).
func TestHeatedBeforeItIsPacked(t *testing.T) {
	t.Parallel()
	const beans = "Bean pot\n5 lb dried navy beans, soaked overnight\nwater\n\n<>Process 90 minutes at 13 pounds in a pressure canner with a dial gauge.\n"
	for part, want := range map[string]review.Verdict{
		"Cover with fresh water and boil 30 minutes. Pack in hot quart jars, cover with boiling water, leaving 1 inch headspace. ":                      review.Clear,
		"Boil the beans 30 minutes in fresh water. Pack them in quart jars. Cover with the boiling cooking water. Leave 1 inch headspace. ":             review.Clear,
		"Pack in hot quart jars, cover with boiling water, leaving 1 inch headspace. Cover with fresh water and boil 30 minutes. Leave 1 inch at top. ": review.Change,
		"Pack the beans in quart jars. Boil 30 minutes. Leave 1 inch headspace. ":                                                                       review.Change,
		"Pack the drained beans in quarts, cover with water, then boil 30 minutes. Leave 1 inch headspace. ":                                            review.Change,
	} {
		res := reviewText(t, strings.Replace(beans, "<>", part, 1), 5240, "dial")
		assert.Equal(t, want, res.Verdict, part)
	}
}
