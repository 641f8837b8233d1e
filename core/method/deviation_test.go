package method_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// Every row of deviations.yaml is asked about wherever in the course its examples stand: as what it says, or
// as something else that is asked already. Its counterexamples are never taken for it.
func TestDeviations(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	rows := language(t).Deviations
	require.NotEmpty(t, rows)
	for _, row := range rows {
		require.NotEmpty(t, row.Must, row.Why)
		require.NotEmpty(t, row.Example, row.Why)
		require.NotEmpty(t, row.Counter, row.Why)
		isThis := func(c method.Clause) bool { return c.Why == row.Why }
		for _, at := range places {
			for _, s := range row.Example {
				got := r.Read(s, at)
				asked := func(c method.Clause) bool { return c.Kind == method.Unread }
				assert.True(t, slices.ContainsFunc(got, asked), "%s: %s", row.Why, s)
			}
			for _, s := range row.Counter {
				assert.False(t, slices.ContainsFunc(r.Read(s, at), isThis), "%s: %s", row.Why, s)
			}
		}
	}
}
