package app

import (
	"context"
	"errors"
	"fmt"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
	"damson/core/review"
	"damson/knowledge"
	"damson/store"
)

func TestOneReadingOfAText(t *testing.T) {
	var r readings
	times := 0
	read := func(string) (*recipe.Recipe, error) {
		times++
		return &recipe.Recipe{}, nil
	}
	get := func(shelf int64, text string) *recipe.Recipe {
		rec, err := r.get(shelf, text, read)
		require.NoError(t, err)
		return rec
	}
	first := get(1, "beans")
	require.Same(t, first, get(1, "beans"))
	require.NotSame(t, first, get(1, "peas"))
	require.Equal(t, 2, times)
	require.NotSame(t, first, get(2, "beans"), "a new shelf reads anew")

	_, err := r.get(2, "too long", func(string) (*recipe.Recipe, error) { return nil, errors.New("too long") })
	require.EqualError(t, err, "too long")
	get(2, "too long") // an error is not kept
	require.Equal(t, 4, times)

	for i := range cacheSize + 5 {
		get(2, string(rune('a'+i)))
	}
	require.LessOrEqual(t, len(r.of), cacheSize)
}

const creamySoup = `Corn soup with cream
4 lb sweet corn, cut from the cob
2 quarts water
1 cup cream
2 Tbsp butter

Simmer 10 minutes and fill into pints. Process 55 minutes at 10 pounds.
`

// kitchen is a house with one recipe in it.
func kitchen(t testing.TB) (*House, store.Recipe, store.Kitchen) {
	t.Helper()
	ctx := context.Background()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	lib, err := knowledge.Load()
	require.NoError(t, err)
	h, err := Open(ctx, st, lib, nil)
	require.NoError(t, err)
	r := store.Recipe{Title: "Corn soup with cream", Text: creamySoup}
	require.NoError(t, st.AddRecipe(ctx, &r))
	k := store.Kitchen{Name: "Here", ElevationFt: 900}
	require.NoError(t, st.SetUp(ctx, &k))
	return h, r, k
}

// What was said of a line is kept beside its review, and all that is asked of a recipe rests on one reading.
func TestReviewsAreKept(t *testing.T) {
	h, r, k := kitchen(t)
	kept := func() int {
		n := 0
		for _, r := range h.Reviews.seen {
			n += len(r.whatIf)
		}
		return n
	}
	first := h.Reviews.Of(r, k)
	require.Same(t, first, h.Reviews.Of(r, k))
	require.NotEqual(t, review.Clear, first.Verdict)
	for range 2 {
		_, found, err := h.Reviews.WhatIf(r, k, 4)
		require.NoError(t, err)
		require.True(t, found)
		require.Equal(t, 1, kept())
	}
	_, err := h.Reviews.Read(r, r.Text)
	require.NoError(t, err)
	_, err = h.Reviews.Estimate(r, k)
	require.NoError(t, err)
	require.Len(t, h.Reviews.readings.of, 1, "one reading")
	h.LogChanged()
	require.NotSame(t, first, h.Reviews.Of(r, k), "what is beside it has changed")

	r.Text = "x"
	long := r
	long.Text = string(make([]byte, recipe.MaxBytes+1))
	assert.Contains(t, h.Reviews.Of(long, k).Sentence, "cannot be read")
}

// A crowd that opens the same recipe has it reviewed once.
func TestOneReviewForACrowd(t *testing.T) {
	h, r, k := kitchen(t)
	var wait sync.WaitGroup
	got := make([]*review.Result, 24)
	for i := range got {
		wait.Go(func() { got[i] = h.Reviews.Of(r, k) })
	}
	wait.Wait()
	for _, res := range got {
		assert.Same(t, got[0], res)
	}
}

// The log's pH of a recipe is worked out when it is looked at, and anew when the log changes.
func TestMeasuredIsKeptAndForgotten(t *testing.T) {
	h, r, _ := kitchen(t)
	s, id := h.Log, r.ID
	require.Zero(t, governing(t, s, id))
	pH, kept, changes := s.measured.get(id)
	require.True(t, kept)
	require.Zero(t, pH)
	h.LogChanged()
	_, kept, now := s.measured.get(id)
	require.False(t, kept, "the log has changed")
	s.measured.keep(id, 4.9, changes)
	_, kept, _ = s.measured.get(id)
	require.False(t, kept, "what was worked out before the change is not kept")
	s.measured.keep(id, 4.2, now)
	require.InDelta(t, 4.2, governing(t, s, id), 1e-9)
	require.Zero(t, governing(t, s, 0), "the mixture of nobody's recipe")
}

// More recipes than the cache holds.
func TestReviewsKeepSoMany(t *testing.T) {
	h, _, k := kitchen(t)
	for i := range cacheSize + 5 {
		h.Reviews.Of(store.Recipe{ID: int64(i), Text: fmt.Sprintf("Plums\n%d lb plums\nwater", i%9+1)}, k)
	}
	require.LessOrEqual(t, len(h.Reviews.seen), cacheSize)
}

func governing(t *testing.T, s *Log, recipe int64) float64 {
	t.Helper()
	pH, err := s.Governing(recipe)
	require.NoError(t, err)
	return pH
}

// Where the log cannot be read nothing is judged, and nothing is kept of it.
func TestNothingIsJudgedWithoutTheLog(t *testing.T) {
	h, r, k := kitchen(t)
	require.NotContains(t, h.Reviews.Of(r, k).Sentence, "disk")
	require.NoError(t, h.Store.Close())
	h.LogChanged()
	res := h.Reviews.Of(r, k)
	require.Equal(t, review.Untested, res.Verdict)
	require.Contains(t, res.Sentence, "look after the disk")
	require.Nil(t, h.Reviews.Kept(r, k))
}
