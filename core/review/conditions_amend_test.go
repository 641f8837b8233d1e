package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// Only the words meant are written anew: the peppercorns, the pot and "the whole time" stay as
// they are, and so does the brine beside the canner's water.
func TestAmendedConditionsLeaveTheRest(t *testing.T) {
	t.Parallel()
	for text, stays := range map[string][]string{
		"Carrots\n17 lb large carrots, peeled, whole\nwater\nBoil the water in a large pot, lid off the whole time. Simmer 5 minutes, fill quarts hot, fresh boiling water, 1 inch headspace. Vent 10 minutes, 30 minutes at 11 lb dial.\n": {"a large pot", "the whole time"},
		"Smoked salmon\n2 lb smoked salmon\nSoak in a brine of 2 quarts of water and 1 cup salt. Pack in pints, 1 inch headspace. Put 3 quarts of water in the pressure canner. Vent 10 minutes, 110 minutes at 11 lb dial.\n":              {"a brine of 2 quarts of water"},
	} {
		req := request(t, text)
		req.Gauge = "dial"
		a := reviewer.Amend(req, text, nil)
		for _, words := range stays {
			assert.Contains(t, a.Text, words)
		}
	}
}

// TestAmendedConditions writes the sizes, the canner and its water as the source has them
// (USDA Complete Guide 2015, guides 4 and 5; from memory); the new text must be clear.
func TestAmendedConditions(t *testing.T) {
	t.Parallel()
	const end = "fill quarts hot, fresh boiling water, 1 inch headspace. Vent 10 minutes, "
	for text, want := range map[string]string{
		"Smoked salmon\n2 lb smoked salmon\nPack in pints, 1 inch headspace. Put 3 quarts of water in the pressure canner. Vent 10 minutes, 110 minutes at 11 lb dial.\n":          "Put 4 quarts of water in the pressure canner.",
		"Smoked salmon\n2 lb smoked salmon\nPack in pints, 1 inch headspace. Use a 12 quart pressure canner with 4 quarts of water. Vent 10 minutes, 110 minutes at 11 lb dial.\n": "16- to 22-quart pressure canner",
		"Pumpkin\n16 lb pumpkin, peeled, in 3-inch chunks\nwater\nBoil 2 minutes, " + end + "90 minutes at 11 lb dial.\n":                                                          "1-inch chunks",
		"Potatoes\n20 lb potatoes, peeled\nwater\nCut in 1 to 1 1/2 inch cubes. Boil 2 minutes, drain, " + end + "40 minutes at 11 lb dial.\n":                                     "½-inch cubes",
		"Potatoes\n20 lb large potatoes, peeled, whole\nwater\nBoil 10 minutes, drain, " + end + "40 minutes at 11 lb dial.\n":                                                     "small potatoes",
		"Carrots\n17 lb large carrots, peeled, whole\nwater\nSimmer 5 minutes, " + end + "30 minutes at 11 lb dial.\n":                                                             "sliced",
	} {
		req := request(t, text)
		req.Gauge = "dial"
		require.Equal(t, review.Change, reviewer.Review(req).Verdict, text)
		a := reviewer.Amend(req, text, nil)
		assert.Contains(t, a.Text, want)
		assert.Equal(t, review.Clear, a.Result.Verdict, "%s: %v", a.Text, a.Result.Findings)
	}
}
