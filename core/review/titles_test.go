package review_test

import (
	"os"
	"strings"
	"testing"

	"damson/core/review"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// What a title says of its food holds for a list that names it plainly: "Smoked trout" over trout, "White peaches"
// over peaches. A title that says nothing of the kind leaves the recipe clear.
func TestTitlesHold(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/adversary/titles.txt")
	require.NoError(t, err)
	rows, marks := 0, 0
	for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(row, "#") {
			continue
		}
		rest, mark := strings.CutPrefix(row, "?")
		rest, sound := strings.CutPrefix(rest, "=")
		base, title, ok := strings.Cut(rest, "|")
		require.True(t, ok, row)
		req, text := asked(t, "testdata/adversary/titles/"+base+".txt")
		_, body, _ := strings.Cut(text, "\n")
		rec, err := reviewer.Reader().Text(title + "\n" + body)
		require.NoError(t, err)
		req.Recipe = rec
		clear := reviewer.Review(req).Verdict == review.Clear
		if rows++; mark {
			marks++
			assert.NotEqual(t, sound, clear, "mended, take the mark off: %s", row)
			continue
		}
		assert.Equal(t, sound, clear, "%s", row)
	}
	require.GreaterOrEqual(t, rows, 168)
	require.LessOrEqual(t, marks, 9)
}
