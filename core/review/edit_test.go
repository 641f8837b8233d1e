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
		is, err := reviewer.With(req, edits)
		require.NoError(t, err, name)
		for round := 1; round < 4 && is.Verdict == review.Change; round++ { // one may bring another to light
			edits = append(edits, editsOf(t, is)...)
			is, err = reviewer.With(req, edits)
			require.NoError(t, err, name)
		}
		require.Equal(t, review.Clear, is.Verdict, "%s\n%v\n%+v", name, edits, is.Findings)
		require.Equal(t, was.After, is.Methods, name)
	}
}

// An edit that is left out leaves the recipe to change.
func TestEditsLeftOut(t *testing.T) {
	left := 0
	for name, req := range changed(t) {
		edits := editsOf(t, reviewer.Review(req))
		for k, was := range edits {
			rest := slices.Delete(slices.Clone(edits), k, k+1)
			with := []review.Op{review.DropAct, review.Settle, review.Restate} // which go with another
			if slices.Contains(with, was.Op) || slices.ContainsFunc(rest, func(e review.Edit) bool { return e.Op == was.Op && e.Line == was.Line && e.To == was.To }) {
				continue
			}
			left++
			is, err := reviewer.With(req, rest)
			require.NoError(t, err, name)
			require.NotEqual(t, review.Clear, is.Verdict, "%s without %+v", name, was)
		}
	}
	require.GreaterOrEqual(t, left, 34)
}

// An edit that says anything else than the review did is refused, in each of its fields.
func TestEditsTamperedWith(t *testing.T) {
	tampered := 0
	for name, req := range changed(t) {
		edits := editsOf(t, reviewer.Review(req))
		for k := range edits {
			for _, tamper := range []func(*review.Edit){
				func(e *review.Edit) { e.Op = review.Settle; e.Not = []string{"words", "amount"} },
				func(e *review.Edit) { e.Line++ },
				func(e *review.Edit) { e.Food += " and butter" },
				func(e *review.Edit) { e.Said += " Add cream." },
				func(e *review.Edit) { e.To += "butter" },
				func(e *review.Edit) { e.By += 3 },
				func(e *review.Edit) { e.Not = append(slices.Clone(e.Not), "psi", "peeled") },
			} {
				list := slices.Clone(edits)
				tamper(&list[k])
				tampered++
				_, err := reviewer.With(req, list)
				require.ErrorContains(t, err, "none of this recipe's review", "%s: %+v for %+v", name, list[k], edits[k])
			}
		}
	}
	require.GreaterOrEqual(t, tampered, 455)
}

// A promise that no review asked for is refused too.
func TestEditsOfNothing(t *testing.T) {
	rec, err := reviewer.Reader().Text(twentyLines)
	require.NoError(t, err)
	req := review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true}
	for _, op := range []review.Op{review.LeaveOut, review.ToTable, review.CutTo, review.Swap, review.Fresh, review.Strengthen, review.Add, review.Follow, review.Prepare, review.Choose, review.DropAct, review.DropSentence, review.Fill, review.FillHalf, review.Settle, review.Restate, "nonsense"} {
		_, err := reviewer.With(req, []review.Edit{{Op: op, Line: 99, Food: "love", To: "love", By: 2, Not: []string{"love"}}})
		require.Error(t, err, op)
		_, err = reviewer.With(req, []review.Edit{{Op: op, To: "hot"}})
		require.Error(t, err, op)
	}
	is, err := reviewer.With(req, nil)
	require.NoError(t, err)
	require.Equal(t, reviewer.Review(req).Sentence, is.Sentence)
}
