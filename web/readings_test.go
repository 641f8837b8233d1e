package web

import (
	"errors"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recipe"
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
