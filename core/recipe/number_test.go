package recipe

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/words"
)

func TestNumbers(t *testing.T) {
	for _, c := range []struct {
		text string
		want float64
		n    int // tokens taken
	}{
		{"3 cups", 3, 1},
		{"1.5 kg", 1.5, 1},
		{"1,5 kg", 1.5, 1},
		{"1,000 ft", 1000, 1},
		{"3/4 cup", 0.75, 1},
		{"1 1/2 cups", 1.5, 2},
		{"1-1/2 cups", 1.5, 3},
		{"1 and 1/2 cups", 1.5, 3},
		{"1½ cups", 1.5, 2},
		{"½ cup", 0.5, 1},
		{"⅓ cup", 1.0 / 3, 1},
		{"two cups", 2, 1},
		{"twelve jars", 12, 1},
		{"two and a half cups", 2.5, 4},
		{"half a dozen", 6, 3},
		{"half dozen", 6, 2},
		{"a dozen", 12, 2},
		{"two dozen", 24, 2},
		{"3 dozen", 36, 2},
		{"half a cup", 0.5, 2},
		{"quarter cup", 0.25, 1},
		{"a quarter of a cup", 0.25, 4},
		{"a couple", 2, 2},
		{"a cup", 1, 1},
		{"cups", 0, 0},
		{"", 0, 0},
	} {
		v, n, err := number(words.Split(c.text), 0)
		require.NoError(t, err, c.text)
		require.InDelta(t, c.want, v, 1e-9, c.text)
		require.Equal(t, c.n, n, c.text)
	}
	for _, text := range []string{"1/0 cup", "1e999 cups", "9999999 cups", "1/0/2"} {
		_, n, err := number(words.Split(text), 0)
		require.Error(t, err, text)
		require.Positive(t, n, text)
		require.Contains(t, err.Error(), "write the amount you mean", "the message says the way out")
	}
}

func TestUnits(t *testing.T) {
	for text, want := range map[string]quantity.Unit{
		"T":            quantity.Tbsp,
		"t":            quantity.Tsp,
		"T.":           quantity.Tbsp,
		"tsp.":         quantity.Tsp,
		"Tbsp":         quantity.Tbsp,
		"tbs":          quantity.Tbsp,
		"tablespoons":  quantity.Tbsp,
		"c.":           quantity.Cup,
		"cups":         quantity.Cup,
		"fl oz":        quantity.FlOz,
		"fl. oz.":      quantity.FlOz,
		"fluid ounces": quantity.FlOz,
		"pts":          quantity.Pint,
		"qt":           quantity.Quart,
		"gal":          quantity.Gallon,
		"ml":           quantity.Ml,
		"litres":       quantity.L,
		"lbs.":         quantity.Lb,
		"#":            quantity.Lb,
		"ounces":       quantity.Oz,
		"grams":        quantity.G,
		"kilos":        quantity.Kg,
		"cloves":       quantity.Clove,
		"ribs":         quantity.Stalk,
		"tins":         quantity.Can,
		"packets":      quantity.Package,
		"envelope":     quantity.Package,
		"bunches":      quantity.Bunch,
		"inch piece":   quantity.InchPiece,
		"knob":         quantity.Handful,
		"glug":         quantity.Handful,
	} {
		u := unitAt(words.Split(text), 0)
		require.Equal(t, want, u.unit, text)
		require.Equal(t, len(words.Split(text)), u.n, "%s: the whole of it", text)
	}
	require.Zero(t, unitAt(words.Split("beans"), 0).n)
	require.Zero(t, unitAt(nil, 0).n)
	half := unitAt(words.Split("half pint"), 0)
	require.Equal(t, quantity.Pint, half.unit)
	require.Equal(t, 0.5, half.scale)
	dl := unitAt(words.Split("dl"), 0)
	require.Equal(t, 100.0, dl.scale)
}

func TestBullets(t *testing.T) {
	for in, want := range map[string]string{
		"- 2 cups sugar":     "2 cups sugar",
		"• 2 cups sugar":     "2 cups sugar",
		"* 2 cups sugar":     "2 cups sugar",
		"– 2 cups sugar":     "2 cups sugar",
		"[ ] 2 cups sugar":   "2 cups sugar",
		"[x] 2 cups sugar":   "2 cups sugar",
		"☐ 2 cups sugar":     "2 cups sugar",
		"1. 2 cups sugar":    "2 cups sugar",
		"3) salt":            "salt",
		"-3 cups flour":      "-3 cups flour", // a sign, no bullet
		"1.5 cups sugar":     "1.5 cups sugar",
		"½ cup sugar":        "½ cup sugar",
		"🍅 tomatoes":         "tomatoes",
		"   salt   ":         "salt",
		"":                   "",
		"—":                  "—",
		"(optional) 1 onion": "(optional) 1 onion",
	} {
		require.Equal(t, want, stripBullet(in), "%q", in)
	}
}

func TestSentences(t *testing.T) {
	for text, want := range map[string][]string{
		"Boil. Fill the jars.":                     {"Boil.", "Fill the jars."},
		"Leave 1/2 in. headspace. Process.":        {"Leave 1/2 in. headspace.", "Process."},
		"Cook 5 min. in 1.5 cups water.":           {"Cook 5 min. in 1.5 cups water."},
		"Process 20 min. Cool.":                    {"Process 20 min.", "Cool."},
		"Do not rush! Why? It breaks; jars crack.": {"Do not rush!", "Why?", "It breaks;", "jars crack."},
		"no stop": {"no stop"},
		"":        nil,
	} {
		require.Equal(t, want, Sentences(text), text)
	}
}
