package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/recipe"
)

// A line that holds two amounts gives each food its own.
func TestTwoAmountsOnALine(t *testing.T) {
	for text, want := range map[string]struct {
		first quantity.Amount
		food  string
		also  quantity.Amount
		name  string
	}{
		"1 cup sugar and 2 cups honey":        {quantity.Amount{Min: 1, Max: 1, Unit: quantity.Cup}, "sugar", quantity.Amount{Min: 2, Max: 2, Unit: quantity.Cup}, "honey"},
		"½ cup salt & ½ tsp pepper":           {quantity.Amount{Min: 0.5, Max: 0.5, Unit: quantity.Cup}, "salt", quantity.Amount{Min: 0.5, Max: 0.5, Unit: quantity.Tsp}, "pepper"},
		"2 lb plums, and 1-2 cups of water":   {quantity.Amount{Min: 2, Max: 2, Unit: quantity.Lb}, "plum", quantity.Amount{Min: 1, Max: 2, Unit: quantity.Cup}, "water"},
		"500 g beetroot plus 250 g red onion": {quantity.Amount{Min: 500, Max: 500, Unit: quantity.G}, "beet", quantity.Amount{Min: 250, Max: 250, Unit: quantity.G}, "red onion"},
	} {
		l := reader.Line(1, text)
		require.Len(t, l.Also, 1, text)
		require.Equal(t, want.first, l.Amount(), text)
		require.Equal(t, want.also, l.Also[0].Amount(), text)
		require.Equal(t, want.name, l.Also[0].Food, text)
		require.Equal(t, text, l.Also[0].Text)
	}
}

func TestOneAmountInTwoParts(t *testing.T) {
	for text, reading := range map[string]string{"1 cup + 2 Tbsp honey": recipe.Understood, "1 cup honey plus 2 Tbsp": recipe.Guess, "1 cup honey, plus 2 Tbsp for the top": recipe.Guess} {
		l := reader.Line(1, text)
		require.Equal(t, reading, l.Reading, text)
		require.InDelta(t, 1.125, *l.AmountMin, 1e-9, text)
		require.Empty(t, l.Also, text)
	}
	// A number that nothing accounts for is never passed over in silence.
	require.Equal(t, recipe.Guess, reader.Line(1, "2 cups onions, 1 lb onions").Reading)
}
