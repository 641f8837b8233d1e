package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// Jars that were made wrong and stand on the shelf are a stop, with what to do about
// them; jars that were made right, and jars of next week, are none.
func TestJarsAlreadyMade(t *testing.T) {
	const right = "Green beans\n\n7 lb green beans, cut in 1 inch pieces\n1 tsp salt per quart\n\nPack raw, cover with boiling water, 1 inch headspace. Wipe the rims, lids on, fingertip tight.\nVent 10 minutes. Process quarts 25 minutes at 10 pounds. Let the pressure drop by itself.\n"
	const wrong = "Green beans\n\n7 lb green beans, cut in 1 inch pieces\n1 tsp salt per quart\n\nPack raw, cover with boiling water, 1 inch headspace. Wipe the rims, lids on, fingertip tight.\nWe boiled them three hours in the water bath.\n"
	for name, c := range map[string]struct {
		text    string
		verdict review.Verdict
	}{
		"wrong, to be made":        {wrong, review.Change},
		"wrong, on the shelf":      {wrong + "I have 22 quarts in the pantry still. Are they safe to eat?\n", review.Stop},
		"wrong, last week":         {wrong + "That was last week and they all sealed. May we eat them? Are they good?\n", review.Stop},
		"wrong, we have eaten":     {wrong + "We canned them a month ago and we have been eating them since.\n", review.Stop},
		"right, and on the shelf":  {right + "We canned them last week. They all sealed.\n", review.Clear},
		"wrong, they always seal":  {wrong + "They all sealed.\n", review.Change},
		"a question, no jar made":  {wrong + "Would that be safe to eat?\n", review.Change},
		"only the year of the fun": {wrong + "Last year it rained.\n", review.Change},
	} {
		res := reviewText(t, c.text, 300, "weighted")
		assert.Equal(t, c.verdict, res.Verdict, name)
		assert.Equal(t, c.verdict == review.Stop, res.Made, name)
		if res.Made {
			assert.Empty(t, res.Methods, name)
			assert.Empty(t, res.After, name)
			assert.Contains(t, res.Sentence, "exist already", name)
			advice := ""
			for _, f := range res.Findings {
				advice += f.Message + f.Remedy
			}
			assert.Contains(t, advice, "do not taste", name)
			assert.NotContains(t, strings.Join(res.Today(), " "), "Refrigerate it", name)
		}
	}
}

// Jars of what no procedure covers are never told to be processed again.
func TestMadeJarsOfWhatCannotBeCanned(t *testing.T) {
	res := reviewText(t, "Cream of mushroom soup\n\n3 lb mushrooms\n1 quart heavy cream\n4 cups chicken broth\n\nBoil together, fill hot pints, 1 inch headspace, lids on. Process pints 75 minutes at 10 pounds.\nI canned 12 pints this morning. Are they safe?\n", 300, "weighted")
	assert.Equal(t, review.Stop, res.Verdict)
	assert.True(t, res.Made)
	for _, f := range res.Findings {
		assert.NotRegexp(t, "(?i)process (it|them|the jars) again|whole process again", f.Message+f.Remedy)
	}
}
