package review_test

import (
	"os"
	"slices"
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
		req := sourceRequest(t, text)
		rec, res := req.Recipe, reviewer.Review(req)
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

// TestWhatSourcesPermit puts other amounts and foods into those recipes: what the source permits stays
// clear, and what it forbids does not.
func TestWhatSourcesPermit(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/sources/recipes.txt")
	require.NoError(t, err)
	texts := map[string][]string{}
	for _, part := range strings.Split(string(data), "### ")[1:] {
		head, text, _ := strings.Cut(part, "\n")
		id, _, _ := strings.Cut(head, " ")
		texts[id] = append(texts[id], text)
	}
	rows, err := os.ReadFile("testdata/sources/permissions.txt")
	require.NoError(t, err)
	n := 0
	for _, row := range strings.Split(strings.TrimSpace(string(rows)), "\n") {
		if strings.HasPrefix(row, "#") {
			continue
		}
		id, change, _ := strings.Cut(row, "|")
		cut := strings.LastIndex(change, "|")
		was, is, ok := strings.Cut(change[:cut], "=>")
		require.True(t, ok, row)
		k := slices.IndexFunc(texts[id], func(text string) bool { return strings.Contains(text, was) })
		require.GreaterOrEqual(t, k, 0, row)
		text := strings.Replace(texts[id][k], was, is, 1)
		res := reviewer.Review(sourceRequest(t, text))
		require.Equal(t, change[cut+1:] == "clear", res.Verdict == review.Clear, "%s: %v", row, res.Findings)
		n++
	}
	require.Greater(t, n, 60)
}

// sourceRequest is a recipe of a handbook in a kitchen at 500 ft, with the gauge that it speaks of.
func sourceRequest(t *testing.T, text string) review.Request {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	gauge := "dial"
	if strings.Contains(text, "weighted") {
		gauge = "weighted"
	}
	return review.Request{Recipe: rec, Elevation: 500, ElevationGiven: true, Gauge: gauge}
}
