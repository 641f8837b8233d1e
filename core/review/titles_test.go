package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// A sentence that stands where a title does is read as one.
func TestSentencesAsTitles(t *testing.T) {
	const pears = "\n\n17 lb pears, peeled, halved and cored\n10 1/2 cups water\n1 1/4 cups sugar\n\n" +
		"Boil the pears in the syrup 5 minutes. Fill hot quarts with pears and syrup, 1/2 inch headspace. " +
		"Put lids on. Process 25 minutes in a boiling water bath.\n"
	for _, title := range []string{
		"Egg goes in for richness.", "Cream goes into mine.", "The water never boils with me.", "They seal on the shelf by and by.",
		"The jars go in the creek to cool.", "Gran added flour.", "The water never boils with me", "I stir cream into mine",
	} {
		assert.NotEqual(t, review.Clear, reviewText(t, title+pears, 600, "").Verdict, title)
	}
	for _, title := range []string{
		"Pears.", "These are the pears from my mother's book.", "The pears keep for years.", "Nothing beats these on a cold night.",
		"Pears, and nothing goes in but syrup.",
	} {
		assert.Equal(t, review.Clear, reviewText(t, title+pears, 600, "").Verdict, title)
	}
}
