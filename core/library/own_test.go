package library_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/knowledge"
)

// No procedure that ships calls acid what is not: the check of those from elsewhere
// is not too narrow.
func TestShippedProceduresDoNotContradict(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	for _, p := range lib.Procedures.All() {
		require.NoError(t, lib.Contradicts(p))
	}
}

func TestBelowTheLibrary(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	beans := lib.Procedures.ByID("snap-beans")
	p := *beans
	p.ID = "own-beans"
	require.Empty(t, lib.Below(&p), "as much as the library")
	p.Rows = append([]procedure.Row{}, beans.Rows...)
	p.Rows[0].Minutes = procedure.Everywhere(p.Rows[0].Minutes[0].Value - 1)
	require.Len(t, lib.Below(&p), 1)
	p.Acidity = "acid"
	require.ErrorContains(t, lib.Contradicts(&p), "no acid beside it")
	p.Acidity = "acidified"
	require.ErrorContains(t, lib.Contradicts(&p), "needs the acid")
	p.Ingredients = append([]procedure.Ingredient{{Name: "vinegar", Same: []string{"vinegar"}, Role: procedure.Acid, Amount: 4, Unit: quantity.Cup}}, p.Ingredients...)
	require.NoError(t, lib.Contradicts(&p))
	require.Contains(t, lib.Below(&p)[0], "low-acid food under pressure")
}
