package recipe_test

import (
	"fmt"
	"os"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/recipe"
)

// TestLines reads the hand-written lines of testdata/lines.txt.
func TestLines(t *testing.T) {
	data, err := os.ReadFile("testdata/lines.txt")
	require.NoError(t, err)
	n := 0
	for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(row, "#") {
			continue
		}
		n++
		f := strings.Split(row, "|")
		require.Len(t, f, 5, row)
		checkLine(t, f[0], f[1], f[2], f[3], f[4])
	}
	require.GreaterOrEqual(t, n, 60)
}

func checkLine(t *testing.T, text, amount, unit, food, more string) {
	t.Helper()
	l := reader.Line(1, text)
	assert.Equal(t, text, l.Text)
	assert.Equal(t, food, l.Food, text)
	assert.Equal(t, unit, string(l.Unit), text)
	if amount == "" {
		assert.Nil(t, l.AmountMin, text)
		assert.Nil(t, l.AmountMax, text)
	} else {
		lo, hi, isRange := strings.Cut(amount, "-")
		if !isRange {
			hi = lo
		}
		if assert.NotNil(t, l.AmountMin, text) {
			assert.Equal(t, lo, strconv.FormatFloat(*l.AmountMin, 'f', -1, 64), text)
			assert.Equal(t, hi, strconv.FormatFloat(*l.AmountMax, 'f', -1, 64), text)
		}
	}
	reading := recipe.Understood
	for _, m := range splitMore(more) {
		key, value, _ := strings.Cut(m, "=")
		switch key {
		case "prep":
			for _, p := range strings.Split(value, ",") {
				assert.Contains(t, l.Prep, p, text)
			}
		case "state":
			assert.Contains(t, l.State, value, text)
		case "per":
			assert.Equal(t, value, l.Per, text)
		case "package":
			if assert.NotNil(t, l.Package, text) {
				assert.Equal(t, value, fmt.Sprintf("%v %s", l.Package.Amount, l.Package.Unit), text)
			}
		case "also":
			if assert.NotEmpty(t, l.Also, text) {
				assert.Equal(t, value, l.Also[0].Food, text)
			}
		case "alt":
			if assert.NotEmpty(t, l.Alternatives, text) {
				assert.Equal(t, value, l.Alternatives[0].Food, text)
			}
		case "acidity":
			if assert.NotNil(t, l.Acidity, text) {
				assert.Equal(t, value, fmt.Sprint(*l.Acidity), text)
			}
		case "reading":
			reading = value
		case "optional":
			assert.True(t, l.Optional, text)
		case "serving":
			assert.True(t, l.Serving, text)
		default:
			t.Fatalf("%s: %q is unknown", text, m)
		}
	}
	assert.Equal(t, reading, l.Reading, text)
	if l.Reading == recipe.Unclear {
		assert.NotEmpty(t, l.Problem, "what is unclear says the way out: %s", text)
	}
}

// splitMore splits "prep=a,b per=pint also=white pepper" at the known keys.
func splitMore(s string) []string {
	var out []string
	for _, w := range strings.Fields(s) {
		if len(out) > 0 && !strings.Contains(w, "=") && w != "optional" && w != "serving" {
			out[len(out)-1] += " " + w
			continue
		}
		out = append(out, w)
	}
	return out
}

func TestHeadings(t *testing.T) {
	for _, s := range []string{"For the syrup:", "## Brine", "Ingredients", "METHOD:", "To serve:"} {
		require.Equal(t, recipe.Heading, reader.Line(1, s).Kind, s)
	}
	for _, s := range []string{"2 cups sugar:", "salt", "Peaches"} {
		require.Equal(t, recipe.Ingredient, reader.Line(1, s).Kind, s)
	}
}

func TestGrams(t *testing.T) {
	// USDA household measures, from memory: a cup of chopped onion 160 g.
	l := reader.Line(1, "2 cups onion, chopped")
	require.InDelta(t, 320, *l.Grams, 0.1)
	require.InDelta(t, 907.2, *reader.Line(1, "2 lb plums").Grams, 0.1)
	require.Nil(t, reader.Line(1, "1 bunch parsley").Grams)
}

// An unknown word before or behind a food makes another food of it: it must
// not be read as the plain one.
func TestCompoundsAreNotTheirParts(t *testing.T) {
	for _, s := range []string{"1 cup pepper jack cheese", "2 cups peach schnapps", "1 cup tomato bisque powder", "1 cup elderflower cordial", "2 cups chocolate fondue"} {
		l := reader.Line(1, s)
		require.True(t, l.Ref == nil || len(l.Unread) > 0 || l.Reading != recipe.Understood, "%s read as %q", s, l.FoodID)
	}
}

// A jar in a food's name is no dose for each jar.
func TestJarInAName(t *testing.T) {
	for text, want := range map[string][2]string{
		"2 Tbsp garlic in a jar": {"fresh-garlic-paste", ""}, "2 Tbsp chopped garlic in a jar": {"fresh-garlic-paste", ""},
		"1 clove garlic in each jar": {"garlic", "jar"}, "1 tsp salt in a pint": {"salt", "pint"},
	} {
		l := reader.Line(1, text)
		require.Equal(t, want, [2]string{l.FoodID, l.Per}, text)
	}
}

func FuzzLine(f *testing.F) {
	for _, s := range []string{"1 1/2 c. quince", "½ (14 oz) can", "juice of 2", "-3 cups", "1/0", "1e999", "(", "2-", "a a a", "T t #", "x\u202ey", "2 cups each", "1 lb 4 oz 3"} {
		f.Add(s)
	}
	f.Fuzz(func(t *testing.T, s string) {
		l := reader.Line(1, s)
		if l.AmountMin != nil && (*l.AmountMin < 0 || *l.AmountMin > *l.AmountMax || l.Unit == quantity.None) {
			t.Fatalf("%q: %v %v %q", s, *l.AmountMin, *l.AmountMax, l.Unit)
		}
		for _, span := range reader.Spans(s) {
			if span.Start < 0 || span.Start >= span.End || span.End > len(s) {
				t.Fatalf("%q: %v", s, span)
			}
		}
	})
}

// TestCorpus reads testdata/corpus.txt: amount, unit and food must be right on
// 95 of 100 lines, and a wrong amount must never pass as understood.
func TestCorpus(t *testing.T) {
	data, err := os.ReadFile("testdata/corpus.txt")
	require.NoError(t, err)
	n, right := 0, 0
	for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(row, "#") {
			continue
		}
		n++
		f := strings.Split(row, "|")
		require.Len(t, f, 4, row)
		doubt := strings.HasSuffix(row, "?") || f[2] == "?"
		unit, food := strings.TrimSuffix(f[2], "?"), strings.TrimSuffix(f[3], "?")
		l := reader.Line(1, f[0])
		amount := sayAmount(l)
		same := amount == f[1] && string(l.Unit) == unit
		if doubt && f[1] == "" {
			same = true // whatever was made of it, it is marked
		}
		if same && l.Food == food && (!doubt || l.Reading != recipe.Understood || l.Ref == nil) {
			right++
		} else {
			t.Logf("%-60s got %s %s %q %s, want %s %s %q", f[0], amount, l.Unit, l.Food, l.Reading, f[1], f[2], f[3])
		}
		if !same && l.Reading == recipe.Understood && l.Ref != nil {
			t.Errorf("%q: a wrong amount passes as understood: %s %s", f[0], amount, l.Unit)
		}
		if doubt && l.Reading == recipe.Understood && l.Ref != nil {
			t.Errorf("%q: a guess passes as understood", f[0])
		}
	}
	require.GreaterOrEqual(t, n, 300)
	t.Logf("%d of %d lines exact", right, n)
	require.GreaterOrEqual(t, 100*right, 95*n)
}

// sayAmount writes the amount as the corpus does.
func sayAmount(l *recipe.Line) string {
	if l.AmountMin == nil {
		return ""
	}
	f := func(v float64) string {
		return strconv.FormatFloat(float64(int(v*1e6+0.5))/1e6, 'f', -1, 64)
	}
	if *l.AmountMin == *l.AmountMax {
		return f(*l.AmountMin)
	}
	return f(*l.AmountMin) + "-" + f(*l.AmountMax)
}
