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

// TestForbidden: what no kitchen may bring in, and that nothing which ships is of it.
func TestForbidden(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	for _, p := range lib.Procedures.All() {
		if !p.General { // a soup lists kinds of food, not foods
			require.Empty(t, lib.Forbids(p), p.ID)
		}
	}
	own := func(name, acidity, product string, role procedure.Role) *procedure.Procedure {
		f := lib.Foods.ByName(name)
		require.NotNil(t, f, name)
		return &procedure.Procedure{ID: "own-x", Product: product, Acidity: acidity, Ingredients: []procedure.Ingredient{{Name: name, Same: []string{f.ID}, Role: role}}}
	}
	for _, name := range []string{"cream", "milk", "cheddar", "egg", "macaroni", "rice", "barley", "coconut milk"} {
		require.NotEmpty(t, lib.Forbids(own(name, "acidified", "sauce", procedure.Extra)), name)
	}
	require.NotEmpty(t, lib.Forbids(own("flour", "low-acid", "soup", procedure.Starch)), "a thickener under pressure")
	require.Empty(t, lib.Forbids(own("flour", "acidified", "relish", procedure.Starch)), "mustard pickles have it")
	require.NotEmpty(t, lib.Forbids(own("pumpkin", "low-acid", "puree", procedure.Main)))
	require.NotEmpty(t, lib.Forbids(own("zucchini", "low-acid", "sauce", procedure.Main)))
	require.NotEmpty(t, lib.Forbids(own("cabbage", "low-acid", "plain", procedure.Main)))
	mashed := own("pinto bean", "low-acid", "plain", procedure.Main)
	require.Empty(t, lib.Forbids(mashed))
	mashed.Needs = []procedure.Requirement{{Need: "crushed", Text: "Mash."}}
	require.NotEmpty(t, lib.Forbids(mashed))
	require.Empty(t, lib.Forbids(own("butter", "acid", "jam", procedure.Fat)), "against foam")
	require.Empty(t, lib.Forbids(own("tomato", "acidified", "puree", procedure.Main)))
}

// TestPounds: the columns of a gauge are those of the tables (USDA Complete Guide 2015, from memory).
func TestPounds(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	require.Equal(t, "11/12/13/14", lib.Pounds("dial", 11).Figures())
	require.Equal(t, "10/15", lib.Pounds("weighted", 10).Figures())
	require.Equal(t, "6/7/8/9", lib.Pounds("dial", 6).Figures())
	require.Nil(t, lib.Pounds("dial", 10))
	require.Nil(t, lib.Pounds("weighted", 15))
}
