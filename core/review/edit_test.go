package review_test

import (
	"encoding/json"
	"os"
	"path/filepath"
	"slices"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// changed are the worked cases that ask for changes and can be canned after them.
func changed(t *testing.T) map[string]review.Request {
	out := map[string]review.Request{}
	files, err := filepath.Glob("testdata/*.txt")
	require.NoError(t, err)
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		if c := readCase(t, string(data)); c.verdict == review.Change {
			out[filepath.Base(name)] = c.request(t)
		}
	}
	require.Greater(t, len(out), 40)
	return out
}

// editsOf returns the edits of all changes of the review, as another program reads them.
func editsOf(t *testing.T, res review.Result) []review.Edit {
	var out []review.Edit
	for i := range res.Findings {
		if f := &res.Findings[i]; f.Mendable() {
			data, err := json.Marshal(f.Edits)
			require.NoError(t, err)
			var back []review.Edit
			require.NoError(t, json.Unmarshal(data, &back))
			out = append(out, back...)
		}
	}
	return out
}

// The edits of a review, written as JSON and read again, make the recipe that it says can be
// canned, with the process that it shows.
func TestEditsAsData(t *testing.T) {
	for name, req := range changed(t) {
		was := reviewer.Review(req)
		edits := editsOf(t, was)
		require.NotEmpty(t, edits, name)
		is := reviewer.With(req, edits)
		for round := 1; round < 4 && is.Verdict == review.Change; round++ { // one may bring another to light
			edits = append(edits, editsOf(t, is)...)
			is = reviewer.With(req, edits)
		}
		require.Equal(t, review.Clear, is.Verdict, "%s\n%v\n%+v", name, edits, is.Findings)
		require.Equal(t, was.After, is.Methods, name)
	}
}

// An edit that is left out, or says something else than the review did, leaves the recipe
// unclear: what edits come to is judged, not believed.
func TestEditsTamperedWith(t *testing.T) {
	tampered := 0
	for name, req := range changed(t) {
		edits := editsOf(t, reviewer.Review(req))
		for k, was := range edits {
			if slices.ContainsFunc(slices.Delete(slices.Clone(edits), k, k+1), func(e review.Edit) bool { return e.Op == was.Op && e.Line == was.Line && e.To == was.To }) {
				continue // another finding has the same
			}
			if !slices.Contains([]review.Op{review.DropAct, review.Settle, review.Restate}, was.Op) { // which go with another
				left := slices.Delete(slices.Clone(edits), k, k+1)
				require.NotEqual(t, review.Clear, reviewer.With(req, left).Verdict, "%s without %+v", name, was)
				tampered++
			}
			is := was
			switch was.Op {
			case review.CutTo:
				is.By = 3
			case review.Swap, review.Fresh:
				is.To, is.Op = "butter", review.Swap
			case review.Strengthen:
				is.By = 3
			case review.Add:
				is.To = "a pinch of love"
			case review.LeaveOut:
				is.Op, is.By = review.CutTo, 2
			case review.Prepare:
				is.To, is.Not = "pureed", nil
			default:
				continue
			}
			tampered++
			list := slices.Clone(edits)
			list[k] = is
			require.NotEqual(t, review.Clear, reviewer.With(req, list).Verdict, "%s: %+v for %+v", name, is, was)
		}
	}
	require.Greater(t, tampered, 60)
}

// An edit of a line or a food that the recipe does not have changes nothing.
func TestEditsOfNothing(t *testing.T) {
	rec, err := reviewer.Reader().Text(twentyLines)
	require.NoError(t, err)
	req := review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true}
	was := reviewer.Review(req)
	for _, op := range []review.Op{review.LeaveOut, review.ToTable, review.CutTo, review.Swap, review.Fresh, review.Strengthen, review.Prepare, review.Choose, review.DropAct, review.DropSentence, review.Fill, review.Settle, review.Restate, "nonsense"} {
		is := reviewer.With(req, []review.Edit{{Op: op, Line: 99, Food: "love", To: "love", By: 2, Not: []string{"love"}}})
		require.Equal(t, was.Sentence, is.Sentence, op)
		require.Len(t, is.Findings, len(was.Findings), op)
	}
}
