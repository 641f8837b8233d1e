package review_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
	"damson/knowledge"
)

// ownRecipes calls f with every row of every procedure and its own recipe.
func ownRecipes(t *testing.T, f func(p *procedure.Procedure, r procedure.Row, text string)) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	for _, p := range lib.Procedures.All() {
		for _, r := range p.Rows {
			f(p, r, p.Recipe(r))
		}
	}
}

// Every procedure's own recipe is clear, by its own row: the library tests the
// review and the review the library.
func TestEveryProcedureIsClear(t *testing.T) {
	t.Parallel()
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		t.Run(fmt.Sprintf("%s/%s-%s-%s-%s", p.ID, r.Method, r.Gauge, r.Pack, r.Jar), func(t *testing.T) {
			if r.When != "" {
				t.Skip("a row for a variant: its recipe is not the printed one")
			}
			rec, err := reviewer.Reader().Text(text)
			require.NoError(t, err)
			res := reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true, Jar: quantity.Jar(r.Jar), Pack: r.Pack, Gauge: r.Gauge})
			got, _ := findings(res)
			require.Equal(t, review.Clear, res.Verdict, "%v\n%s", got, text)
			if assert.NotNil(t, res.Procedure) {
				assert.Equal(t, p.ID, res.Procedure.ID, text)
			}
			found := false
			for _, m := range res.Methods {
				psi := 0
				if len(r.PSI) > 0 {
					psi = r.PSI[0].Value
				}
				found = found || m.Method == r.Method && m.Jar == r.Jar && m.Pack == r.Pack && m.Minutes == r.Minutes[0].Value && m.PSI == psi
			}
			assert.True(t, found, "the row itself is not among %v\n%s", res.Methods, text)
		})
	})
}

// No hazard leaves any procedure's own recipe clear, but for what the procedure
// itself holds or does.
func TestLibraryHazards(t *testing.T) {
	t.Parallel()
	mutants, n := 0, 0
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if r.When != "" || r.Jar != p.Rows[0].Jar || r.Method != p.Rows[0].Method || r.Pack != p.Rows[0].Pack || r.Gauge != p.Rows[0].Gauge || r.Minutes[0] != p.Rows[0].Minutes[0] {
			return
		}
		for _, h := range hazards {
			if n++; ownTo(p, h) || !sampled(n, 11) {
				continue
			}
			mutants++
			rec, err := reviewer.Reader().Text(injectOwn(text, h))
			require.NoError(t, err)
			res := reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true})
			if res.Verdict == review.Clear {
				t.Errorf("%s stays clear with %q as %s", p.ID, h, res.Procedure.ID)
			}
		}
	})
	t.Logf("%d mutants", mutants)
}

// injectOwn puts a line behind the ingredients' heading, or a sentence at the
// end.
func injectOwn(text, hazard string) string {
	if s, ok := strings.CutPrefix(hazard, "step:"); ok {
		return text + s + "\n"
	}
	return strings.Replace(text, "Ingredients\n", "Ingredients\n"+hazard+"\n", 1)
}

// ownTo reports whether the procedure itself holds the food or does the act.
func ownTo(p *procedure.Procedure, hazard string) bool {
	act, isStep := strings.CutPrefix(hazard, "step:")
	starts := func(words ...string) bool {
		for _, w := range words {
			if isStep && strings.HasPrefix(act, w) {
				return true
			}
		}
		return false
	}
	switch {
	case starts("Puree", "Blitz", "Liquid", "Pulverise"):
		return p.Requires("pureed") && p.Acidity != "low-acid"
	case starts("Mash"):
		return p.Requires("pureed") && p.Acidity != "low-acid" || p.Requires("crushed") || p.ID == "preserves-strawberry" // a jam then
	case starts("Reduce until very thick"):
		return p.Product == "spread"
	}
	// With squash for a part of its cucumbers, the reduced-sodium sweet pickle is a bread-and-butter
	// pickle that has more vinegar.
	const squash = "mixed-vegetables tomatoes-with-okra bread-and-butter-zucchini bread-and-butter-pickles reduced-sodium-sweet-pickles"
	for food, ids := range map[string]string{
		"zucchini": squash, "courgette": squash, "yellow squash": "bread-and-butter-pickles reduced-sodium-sweet-pickles", "cabbage": "sauerkraut", "bacon": "beans-baked",
	} {
		if !isStep && strings.Contains(hazard, food) && strings.Contains(ids, p.ID) {
			return true
		}
	}
	return false
}
