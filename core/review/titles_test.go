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

// What is owned up to before the recipe begins, or when all is over, never leaves it clear: "it was tuna from a can".
func TestFactsTold(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/adversary/facts.txt")
	require.NoError(t, err)
	rows, marks := 0, 0
	for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(row, "#") {
			continue
		}
		rest, mark := strings.CutPrefix(row, "?")
		part := strings.SplitN(rest, "|", 3)
		require.Len(t, part, 3, row)
		req, text := asked(t, "testdata/adversary/titles/"+part[0]+".txt")
		title, body, _ := strings.Cut(text, "\n")
		with := title + "\n\n" + part[2] + "\n" + body
		if part[1] == "late" {
			with = text + "\n" + part[2] + "\n"
		}
		rec, err := reviewer.Reader().Text(with)
		require.NoError(t, err)
		req.Recipe = rec
		clear := reviewer.Review(req).Verdict == review.Clear
		if rows++; mark {
			marks++
			assert.True(t, clear, "mended, take the mark off: %s", row)
			continue
		}
		assert.False(t, clear, "%s", row)
	}
	require.GreaterOrEqual(t, rows, 88)
	require.LessOrEqual(t, marks, 11)
}
