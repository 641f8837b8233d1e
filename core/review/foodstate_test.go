package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// Food that comes wild, dried, from a tin or past its best is not the food that was tested,
// whoever tells of it in whichever words; what else is said of it leaves the recipe clear.
func TestStateOfTheFood(t *testing.T) {
	t.Parallel()
	rows, marks := marked(t, "foodstate/harm.txt", false)
	require.GreaterOrEqual(t, rows, 370)
	require.LessOrEqual(t, marks, 46)
	rows, marks = marked(t, "foodstate/sound.txt", true)
	require.GreaterOrEqual(t, rows, 159)
	require.LessOrEqual(t, marks, 6)
}

// ways are what may be done with a food that only the method names.
const ways = "Trim|Wash|Scrub|Clean|Pick over|Rinse|Peel|Slice|Weigh out|Gather|Buy|Use|Take|Start with|Halve|Sort|Brush|Soak|Get|Bring in|Wipe|Look over|Prepare|Dress|Gut|Clean and trim|Top and tail|Cut up|Drain|Dry|Shake|Break up|Shell|Thaw|Measure|Choose|Save|Keep|Steam|Stem|Core|Shred|Take out of the freezer"

// A food without a process is no less in the jar because only a sentence names it, whatever is
// done with it there; and where just the title names the tested one, nothing is left to can.
func TestFoodsThatOnlyTheMethodNames(t *testing.T) {
	t.Parallel()
	for _, c := range []struct {
		text string
		only bool // the title alone names the tested food
	}{
		{"Mushrooms\n\n<> 7 pounds of chanterelles. Boil 5 minutes, pack in hot half-pints with boiling water, 1 inch. Vent 10 minutes, 45 minutes at 10 pounds.\n", true},
		{"Squash\n\n<> ten pounds of spaghetti squash. Peel and cube it. Boil 2 minutes, pack in hot pints with the boiling water, 1 inch. Vent 10 minutes, 55 minutes at 10 pounds.\n", true},
		{"Crab meat\n\n<> 8 pounds of blue crabs. Steam them. Rinse in lemon water, 6 oz to the half-pint, 2 Tbsp bottled lemon juice to each half-pint, hot water, 1 inch. Vent 10 min, 70 minutes at 10 pounds.\n", true},
		{"Greens\n\n<> 12 pounds of radicchio. Steam 4 minutes, pack in hot pints with boiling water, 1 inch. Vent 10 minutes, 70 minutes at 10 pounds.\n", true},
		{"Green beans\n4 lb green beans\n\n<> a pound of bacon. Pack the beans raw in pints with boiling water, 1 inch. Vent 10 minutes, 20 minutes at 10 pounds.\n", false},
		{"Carrots\n14 lb carrots, peeled\n\n<> two pounds of brussels sprouts. Slice all, simmer 5 minutes, pack in hot pints with the boiling water, 1 inch. Vent 10 minutes, 25 minutes at 10 pounds.\n", false},
	} {
		for way := range strings.SplitSeq(ways, "|") {
			text := strings.Replace(c.text, "<>", way, 1)
			res := reviewText(t, text, 300, "weighted")
			assert.NotEqual(t, review.Clear, res.Verdict, text)
			assert.False(t, c.only && len(res.After) > 0, "a process for what is not in the jar: %s", text)
		}
	}
	// What is thrown away is not in the jar.
	res := reviewText(t, "Green beans\n4 lb green beans\nboiling water\n\nTrim the beans and discard the strings. Pack raw in pints with boiling water, 1 inch. Vent 10 minutes, 20 minutes at 10 pounds.\n", 300, "weighted")
	assert.Equal(t, review.Clear, res.Verdict)
}
