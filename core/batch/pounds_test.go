package batch_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/batch"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/knowledge"
)

// 17½ lb of carrots fill 7 quarts, 21 lb of tomatoes 7 quarts (USDA Complete
// Guide 2015, guides 3 and 4, from memory).
func TestByPounds(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	reader := recipe.NewReader(lib.Foods, lib.Language)
	for text, want := range map[string]int{"Carrots\n17 1/2 lb carrots, peeled": 7, "Tomatoes\n21 lb tomatoes, peeled": 7, "Beans\n14 lb green beans": 7} {
		rec, err := reader.Text(text)
		require.NoError(t, err)
		y, ok := batch.ByPounds(rec, lib.Book.Equivalents)
		require.True(t, ok, text)
		low, high := y.Jars(quantity.QuartJar)
		require.LessOrEqual(t, low, want, text)
		require.GreaterOrEqual(t, high, want, text)
		require.LessOrEqual(t, high-low, 3, text)
	}
	rec, err := reader.Text("Carrots\n3 cups carrots")
	require.NoError(t, err)
	_, ok := batch.ByPounds(rec, lib.Book.Equivalents)
	require.False(t, ok, "no weight, no estimate")
}
