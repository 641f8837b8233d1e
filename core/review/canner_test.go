package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// A sound recipe for raw snap beans (USDA Complete Guide 2015, guide 4, snap beans, raw pack:
// pints 20 minutes, weighted gauge 10 lb to 1,000 ft; from memory), with room for a sentence
// behind the process and for a postscript.
const beansToTry = `Green beans

9 lb green beans
salt, 1/2 tsp per pint
boiling water

Wash the beans, snap off the ends, break in inch pieces. Pack raw in hot pints, salt, boiling water over, 1 inch headspace. Air bubbles out, wipe the rims, lids and bands fingertip tight.
Vent 10 minutes, then 20 minutes at 10 pounds with the weighted gauge. BEHIND
Heat off. Let the pressure drop by itself.

AFTER
`

func behind(t *testing.T, behind, after string) review.Result {
	t.Helper()
	return reviewText(t, strings.NewReplacer("BEHIND", behind, "AFTER", after).Replace(beansToTry), 500, "weighted")
}

// What is said while the jars are in the canner may change their process: it is not cleared
// because the tested time stands before it. What only tells, repeats or rests leaves it alone.
func TestBehindTheProcess(t *testing.T) {
	t.Parallel()
	for _, says := range []string{"Ten minutes does for ours.", "12 min.", "Pressure: 5.", "I never process mine.", "No venting.", "Into the oven with them, an hour.", "At 200 F.", "Just long enough to seal.", "When I see steam I put the weight on.",
		"The first whistle and out.", "They are done when the kitchen smells of beans.", "Two thirds of that if the beans are young.", "I go by smell."} {
		assert.NotEqual(t, review.Clear, behind(t, says, "").Verdict, "%s", says)
	}
	for _, says := range []string{"", "Yes, 20.", "Not 25.", "I read a book meanwhile.", "Makes 9 pints.", "My sister gives hers longer.", "Ten minutes of steam first, as I said.", "Then leave the stove off and wait."} {
		assert.Equal(t, review.Clear, behind(t, says, "").Verdict, "%s", says)
	}
}

// A postscript about the process is no story.
func TestPostscript(t *testing.T) {
	t.Parallel()
	for _, says := range []string{"I never process mine.", "PS Process at no more than 5 pounds.", "We stop at ten minutes, gas is dear.", "Oh and I put bacon in too, did I say?", "PS you're meant to vent but I never do.", "No need to water bath or can these, they keep."} {
		assert.NotEqual(t, review.Clear, behind(t, "", says).Verdict, "%s", says)
	}
	for _, says := range []string{"It took us three hours in all.", "They keep a year, not that they get the chance.", "Boil ten minutes before you taste them.", "The stove has four rings and one of them works.", "Grandma lived to a hundred and one.", "Good with ham."} {
		assert.Equal(t, review.Clear, behind(t, "", says).Verdict, "%s", says)
	}
}

// Jars that are boiled first are sterilised: nothing behind them is for the table.
func TestJarsBoiledFirst(t *testing.T) {
	t.Parallel()
	text := strings.NewReplacer("Wash the beans", "First Grandpa boils the jars ten minutes and leaves them in the hot water. PUT Wash the beans", "BEHIND", "", "AFTER", "").Replace(beansToTry)
	assert.Equal(t, review.Clear, reviewText(t, strings.Replace(text, "PUT", "", 1), 500, "weighted").Verdict)
	assert.NotEqual(t, review.Clear, reviewText(t, strings.Replace(text, "PUT", "With bacon and a splash of cream.", 1), 500, "weighted").Verdict)
}

// Steps may be counted by bare numbers or by letters; a list that begins with numbers is a list.
func TestBareNumbers(t *testing.T) {
	t.Parallel()
	const head = "Green beans\n\n9 lb green beans\nsalt, 1/2 tsp per pint\nboiling water\n\n"
	for _, marks := range [][3]string{{"1  ", "2  ", "3  "}, {"a. ", "b. ", "c. "}, {"a) ", "b) ", "c) "}} {
		text := head + marks[0] + "Wash the beans, snap off the ends, break them in inch pieces.\n" + marks[1] + "Pack them raw in hot pints with boiling water over, 1 inch headspace.\n" +
			marks[2] + "Wipe the rims, lids on. Vent 10 minutes, then 20 minutes at 10 pounds.\n"
		assert.Equal(t, review.Clear, reviewText(t, text, 500, "weighted").Verdict, "%q", marks)
	}
	text := head + "1 Onion\n2 Carrots\n3 Potatoes\n\nPack raw in hot pints, boiling water over, 1 inch headspace. Vent 10 minutes, 20 minutes at 10 pounds.\n"
	assert.NotEqual(t, review.Clear, reviewText(t, text, 500, "weighted").Verdict)
}
