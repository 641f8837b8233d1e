package main

import (
	"os"
	"path/filepath"
	"slices"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/core/recipe"
	"damson/knowledge"
)

var once = sync.OnceValues(func() ([]lesson, error) {
	lib, err := knowledge.Load()
	if err != nil {
		return nil, err
	}
	return lessonsOf("../../core/review/testdata", recipe.NewReader(lib.Foods, lib.Language), share)
})

func taught(t *testing.T) []lesson {
	t.Helper()
	lessons, err := once()
	require.NoError(t, err)
	return slices.Clone(lessons)
}

// What the opinion does on sentences that it did not learn from, where one text in share teaches it: a floor, to be
// raised. The method is the textbook's: five folds, whole texts kept together.
func TestKeptApart(t *testing.T) {
	lessons := taught(t)
	harm := 0
	for _, l := range lessons {
		require.NotEmpty(t, l.text)
		if l.harm {
			harm++
		}
	}
	require.Greater(t, harm, 1400)
	require.Greater(t, len(lessons)-harm, 3000)
	_, caught, texts := apart(lessons, 0.01)
	assert.Greater(t, caught, leastCaught)
	assert.Less(t, texts, 0.08)
}

// Chance catches as much harm as it stops of the sound.
func TestChanceCatchesNothing(t *testing.T) {
	lessons := taught(t)
	for i := range lessons {
		lessons[i].harm = i%3 == 0
	}
	_, caught, _ := apart(lessons, 0.05)
	assert.Less(t, caught, 0.12)
}

// The same lessons give the same opinion, and what is packed says the same.
func TestLearnIsRepeatable(t *testing.T) {
	lessons := []lesson{
		{"a", []uint32{1, 2, 3}, true}, {"b", []uint32{1, 4}, true}, {"c", []uint32{2, 5}, false},
		{"d", []uint32{4, 5}, false}, {"e", []uint32{1, 5}, true}, {"f", []uint32{5, 6}, false},
	}
	one, two := learn(lessons), learn(lessons)
	for _, l := range lessons {
		assert.Equal(t, one.Score(l.marks), two.Score(l.marks))
		assert.Equal(t, l.harm, one.Score(l.marks) > 0, l.text)
	}
	assert.Equal(t, one.Pack(), two.Pack())
	again, err := method.UnpackOpinion(one.Pack())
	require.NoError(t, err)
	for _, l := range lessons {
		assert.InDelta(t, one.Score(l.marks), again.Score(l.marks), 0.01)
	}
}

// A mark that stands in one lesson alone says nothing.
func TestSeldomMarksAreForgotten(t *testing.T) {
	o := learn([]lesson{{"a", []uint32{1, 9}, true}, {"b", []uint32{1}, true}, {"c", []uint32{2}, false}, {"d", []uint32{2}, false}})
	assert.Greater(t, o.Score([]uint32{1}), o.Score([]uint32{2}))
	assert.InDelta(t, o.Score(nil), o.Score([]uint32{9}), 1e-9)
}

func TestWeigh(t *testing.T) {
	sound := []judged{{0.1, "a"}, {0.9, "b"}, {0.2, "a"}, {0.3, "c"}}
	harm := []judged{{0.5, ""}, {0.2, ""}, {0.95, ""}, {1, ""}}
	limit, caught, texts := weigh(sound, harm, 0.25)
	assert.Equal(t, 0.3, limit)
	assert.Equal(t, 0.75, caught)
	assert.InDelta(t, 1.0/3, texts, 1e-9)
}

func TestLessonsNeedTheirFiles(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	_, err = lessonsOf(t.TempDir(), recipe.NewReader(lib.Foods, lib.Language), 1)
	require.Error(t, err)

	dir := t.TempDir()
	require.NoError(t, os.MkdirAll(filepath.Join(dir, "adversary"), 0o755))
	require.NoError(t, os.WriteFile(filepath.Join(dir, "adversary", "plain.txt"), []byte("nokitchen|0|Cream."), 0o644))
	_, err = lessonsOf(dir, recipe.NewReader(lib.Foods, lib.Language), 1)
	require.ErrorIs(t, err, os.ErrNotExist)
}
