package review_test

import (
	"strings"
	"testing"

	"damson/core/review"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// plainly reviews one of the plain recipes of testdata/adversary/titles, its text changed.
func plainly(t *testing.T, base string, change func(title, body string) string) review.Verdict {
	t.Helper()
	req, text := asked(t, "testdata/adversary/titles/"+base+".txt")
	title, body, _ := strings.Cut(text, "\n")
	rec, err := reviewer.Reader().Text(change(title, body))
	require.NoError(t, err)
	req.Recipe = rec
	return reviewer.Review(req).Verdict
}

// What a title says of its food holds for a list that names it plainly: "Smoked trout" over trout, "White peaches"
// over peaches. A title that says nothing of the kind, with "=" before it, leaves the recipe clear.
func TestTitlesHold(t *testing.T) {
	t.Parallel()
	rows, marks := held(t, "adversary/titles.txt", func(row string) (bool, bool) {
		row, sound := strings.CutPrefix(row, "=")
		base, title, ok := strings.Cut(row, "|")
		require.True(t, ok, row)
		got := plainly(t, base, func(_, body string) string { return title + "\n" + body })
		return got == review.Clear, sound
	})
	assert.GreaterOrEqual(t, rows, 168)
	assert.LessOrEqual(t, marks, 9)
}

// What is owned up to before the recipe begins, or when all is over, never leaves it clear: "it was tuna from a can".
func TestFactsTold(t *testing.T) {
	t.Parallel()
	rows, marks := held(t, "adversary/facts.txt", func(row string) (bool, bool) {
		part := strings.SplitN(row, "|", 3)
		require.Len(t, part, 3, row)
		got := plainly(t, part[0], func(title, body string) string {
			if part[1] == "late" {
				return title + "\n" + body + "\n" + part[2] + "\n"
			}
			return title + "\n\n" + part[2] + "\n" + body
		})
		return got == review.Clear, false
	})
	assert.GreaterOrEqual(t, rows, 158)
	assert.LessOrEqual(t, marks, 13)
}

// A kind told behind the food is that food: "potatoes, sweet" are sweet potatoes.
func TestKindsBehindTheFood(t *testing.T) {
	t.Parallel()
	rows, marks := held(t, "adversary/ofitskind.txt", func(row string) (bool, bool) {
		row, sound := strings.CutPrefix(row, "=")
		base, change, _ := strings.Cut(row, "|")
		old, line, ok := strings.Cut(change, "=>")
		require.True(t, ok, row)
		got := plainly(t, base, func(title, body string) string {
			require.Contains(t, body, old)
			return title + "\n" + strings.Replace(body, old, line, 1)
		})
		return got == review.Clear, sound
	})
	assert.GreaterOrEqual(t, rows, 52)
	assert.Zero(t, marks)
}
