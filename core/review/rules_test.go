package review_test

import (
	"encoding/json"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/review"
)

// codes are those that the outside relies on.
const codes = `dairy egg thickener starch-solid puree fat oil-pack unpeeled-root tomato-skin squash-mash not-recommended-food cured-meat seafood-mix
dry-legume-unsoaked unknown-ingredient unclear-amount nut thick-sauce no-acid-added acid-short fresh-citrus weak-vinegar acid-swap acid-diluted low-acid-fruit
low-acid-in-water-bath variety-myth added-ingredient low-acid-increase substitution omission proportion piece-size pack-style jar-size headspace solids-ratio
sugar-change batch-size seasoning-change process-short process-long pressure-low pressure-high altitude vent open-kettle oven steam-limit cooker-not-canner lid
jar-type cooling method-mismatch base-added canner-water`

func TestEveryCodeHasItsRule(t *testing.T) {
	have := map[string]bool{}
	for _, r := range review.Rules() {
		have[r.Code] = true
		for _, text := range []string{r.Title, r.LooksFor, r.Why, r.WayRound, r.Source} {
			require.NotEmpty(t, text, r.Code)
		}
	}
	for _, c := range strings.Fields(codes) {
		require.True(t, have[c], "%s has no rule: write its texts in a rules_*.go", c)
		delete(have, c)
	}
	require.Empty(t, have, "the outside knows no such code: add it to codes in rules_test.go")
}

func reviewText(t require.TestingT, text string, feet int, gauge string) review.Result {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, Elevation: feet, ElevationGiven: true, Gauge: gauge})
}

// Raising the elevation never shortens a process nor lowers a pressure.
func TestHigherIsNeverLess(t *testing.T) {
	t.Parallel()
	texts := []string{
		"Green beans\n4 lb green beans\nwater\nPack raw in pints.",
		"Peaches\n10 lb peaches, peeled\nwater\nHot pack in quarts.",
		"Strawberry jam\n5 1/2 cups crushed strawberries\n1 package powdered pectin\n8 cups sugar\nHalf-pints.",
	}
	rapid.Check(t, func(t *rapid.T) {
		text := rapid.SampledFrom(texts).Draw(t, "text")
		low := rapid.IntRange(0, 7999).Draw(t, "low")
		high := rapid.IntRange(low, 8000).Draw(t, "high")
		gauge := rapid.SampledFrom([]string{"dial", "weighted"}).Draw(t, "gauge")
		a, b := reviewText(t, text, low, gauge), reviewText(t, text, high, gauge)
		require.Equal(t, review.Clear, a.Verdict)
		least := map[string][2]int{}
		for _, p := range a.Methods {
			least[p.Method+p.Jar+p.Pack] = [2]int{p.Minutes, p.PSI}
		}
		for _, p := range b.Methods {
			if have, ok := least[p.Method+p.Jar+p.Pack]; ok {
				require.GreaterOrEqual(t, p.Minutes, have[0])
				require.GreaterOrEqual(t, p.PSI, have[1])
			}
		}
	})
}

// A dial gauge has no tested pressure above 8,000 ft: no process there.
func TestNoProcessOutsideTheBands(t *testing.T) {
	res := reviewText(t, "Green beans\n4 lb green beans\nwater\nPack raw in pints.", 8500, "dial")
	require.NotEqual(t, review.Clear, res.Verdict)
	require.Empty(t, res.Methods)
	require.Empty(t, res.After)
}

// The names of the JSON are an interface.
func TestJSON(t *testing.T) {
	res := reviewText(t, "Salsa of mine\n6 cups tomatoes\n4 cups mango\n1 cup cream", 5240, "")
	b, err := json.Marshal(res)
	require.NoError(t, err)
	var m map[string]any
	require.NoError(t, json.Unmarshal(b, &m))
	for _, k := range []string{"title", "file", "elevation_ft", "verdict", "procedure", "stance", "acidity", "methods", "methods_after_changes", "findings", "lines"} {
		require.Contains(t, m, k)
	}
	require.Nil(t, m["procedure"])
	require.Equal(t, []any{}, m["methods"])
	require.Nil(t, m["acidity"].(map[string]any)["ph_mid"], "no figure is invented")
	f := m["findings"].([]any)[0].(map[string]any)
	for _, k := range []string{"code", "severity", "line", "ingredient", "message", "remedy", "source"} {
		require.Contains(t, f, k)
	}
}

func TestElevationNotGiven(t *testing.T) {
	rec, err := reviewer.Reader().Text("Green beans\n4 lb green beans\nwater\nPack raw in pints.")
	require.NoError(t, err)
	res := reviewer.Review(review.Request{Recipe: rec})
	require.Equal(t, review.Clear, res.Verdict, "care leaves the verdict alone")
	require.Contains(t, res.Assumed, "sea level")
	require.Equal(t, "altitude", res.Findings[len(res.Findings)-1].Code)
	require.Equal(t, review.Care, res.Findings[len(res.Findings)-1].Severity)
}
