package recipe_test

import (
	"os"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
	"damson/knowledge"
)

var reader *recipe.Reader

func TestMain(m *testing.M) {
	lib, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	reader = recipe.NewReader(lib.Foods, lib.Language)
	os.Exit(m.Run())
}

// A line that is known reads as it did, whatever was done with what was read of it first.
func TestKnownLine(t *testing.T) {
	first := reader.Line(3, "2 cups onions or leeks, chopped")
	require.NotEmpty(t, first.Alternatives)
	want := *first.Alternatives[0]
	first.Prep[0], first.Alternatives[0].Food, *first.AmountMin = "puree", "cream", 40
	again := reader.Line(3, "2 cups onions or leeks, chopped")
	assert.Equal(t, []string{"chopped"}, again.Prep)
	assert.Equal(t, want.Food, again.Alternatives[0].Food)
	assert.Equal(t, 2.0, *again.AmountMin)
}
