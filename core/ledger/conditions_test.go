package ledger

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
)

// conditioned is a procedure with a condition of each kind. Invented.
func conditioned() *procedure.Procedure {
	return &procedure.Procedure{ID: "p", Needs: []procedure.Requirement{{Need: "peeled", Text: "Peel."}, {Need: "boiled", Text: "Boil 5 minutes."}, {Need: "boiled", Text: "Boil again."}},
		Sizes: procedure.Sizes{Cut: 1, NeverWhole: true}, Canner: procedure.Canner{MinQuarts: 16, MaxQuarts: 22, WaterQuarts: 4}}
}

func checkOf(part, status string) Check {
	return Check{Procedure: "p", Part: part, Status: status, Edition: "e", By: "Ida", On: "2026-11-01", Signed: "Ida"}
}

// TestConditions: each has a name of its own, and a check says who has seen it, no more.
func TestConditions(t *testing.T) {
	var parts []string
	for _, c := range Conditions(conditioned()) {
		parts = append(parts, c.Part)
		require.NotEmpty(t, c.Title, c.Part)
	}
	require.Equal(t, []string{"need:peeled", "need:boiled", "need:boiled2", "sizes", "canner"}, parts)

	out, held, err := Apply([]*procedure.Procedure{conditioned()}, []Check{checkOf("need:boiled2", Same), checkOf("canner", Same), checkOf("sizes", Absent)})
	require.NoError(t, err)
	require.Empty(t, held)
	p := out[0]
	require.Nil(t, p.Needs[0].Checked)
	require.Nil(t, p.Needs[1].Checked)
	require.Equal(t, "Ida", p.Needs[2].Checked.By)
	require.False(t, p.CannerChecked.Changed)
	require.True(t, p.SizesChecked.Changed, "the copy says otherwise")
	require.Equal(t, conditioned().Sizes, p.Sizes, "and the condition stays")
	checked, all := Progress(p)
	require.Equal(t, []int{3, 5}, []int{checked, all})

	_, _, err = Apply([]*procedure.Procedure{conditioned()}, []Check{{Procedure: "p", Part: "sizes", Status: Differs, Values: "2 in", Edition: "e", By: "Ida", On: "2026-11-01"}})
	require.ErrorContains(t, err, "the same in the copy, or it is not")
	_, _, err = Apply([]*procedure.Procedure{conditioned()}, []Check{checkOf("need:browned", Same)})
	require.ErrorContains(t, err, "no part")
}

// TestFoodChecks: the newest wins, and what is signed here goes before what a file brought.
func TestFoodChecks(t *testing.T) {
	at := func(day, signed string) Check {
		return Check{Procedure: FoodKey("tomato"), Part: PHPart, Status: Same, Edition: "e", By: "of " + day, On: day, Signed: signed}
	}
	got := Foods([]Check{at("2026-11-01", "Ida"), at("2026-11-05", ""), at("2026-10-01", "Ida"), checkOf("sizes", Same)})
	require.Len(t, got, 1)
	require.Equal(t, "of 2026-11-01", got["tomato"].By)
	_, _, err := Apply(nil, []Check{at("2026-11-01", "")})
	require.NoError(t, err, "no procedure is looked for")

	known := func(id string) bool { return id == "tomato" }
	require.NoError(t, FoodFault(at("2026-11-01", ""), known))
	require.NoError(t, FoodFault(checkOf("sizes", Same), known))
	for _, bad := range []Check{{Procedure: FoodKey("moon"), Part: PHPart, Status: Same}, {Procedure: FoodKey("tomato"), Part: "row", Status: Same}, {Procedure: FoodKey("tomato"), Part: PHPart, Status: Differs}} {
		require.Error(t, FoodFault(bad, known))
	}
}
