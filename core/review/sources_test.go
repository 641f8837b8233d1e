package review_test

import (
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// TestSourcesInTheirOwnWords reviews recipes as the handbooks print them (USDA Complete Guide
// to Home Canning, 2015, guides 2 to 7, and NCHFP; wording and amounts from memory): each must
// come out clear by its own procedure. "open:" says why one does not yet; such a one may not
// become clear unnoticed either.
func TestSourcesInTheirOwnWords(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/sources/recipes.txt")
	require.NoError(t, err)
	clear, all := 0, 0
	for _, part := range strings.Split(string(data), "### ")[1:] {
		head, text, _ := strings.Cut(part, "\n")
		id, open, known := strings.Cut(head, " open: ")
		rec, err := reviewer.Reader().Text(text)
		require.NoError(t, err)
		gauge := "dial"
		if strings.Contains(text, "weighted") {
			gauge = "weighted"
		}
		res := reviewer.Review(review.Request{Recipe: rec, Elevation: 500, ElevationGiven: true, Gauge: gauge})
		all++
		if known {
			assert.NotEqual(t, review.Clear, res.Verdict, "no longer open (%s): %s", open, rec.Title)
			assert.NotEmpty(t, open)
			continue
		}
		clear++
		var asked []string
		for _, f := range res.Findings {
			if f.Severity == review.Amend || f.Severity == review.Halt {
				asked = append(asked, f.Code+" "+f.Ingredient)
			}
		}
		if assert.Equal(t, review.Clear, res.Verdict, "%s: %v", rec.Title, asked) {
			assert.Equal(t, id, res.Procedure.ID, rec.Title)
		}
	}
	require.Greater(t, clear, 3*all/4)
}
