package review_test

import (
	"fmt"
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
