package acidity_test

import (
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/acidity"
	"damson/core/food"
)

func TestBrine(t *testing.T) {
	for _, c := range []struct {
		b    acidity.Brine
		want float64
	}{
		{acidity.Brine{Vinegar: 4, Water: 4, Percent: 5}, 2.5}, {acidity.Brine{Vinegar: 1, Water: 0, Percent: 6}, 6}, {acidity.Brine{Vinegar: 3, Water: 5, Percent: 5}, 1.875}, {acidity.Brine{Vinegar: 5, Water: 5, Percent: 4}, 2},
	} {
		got, err := c.b.Strength()
		require.NoError(t, err)
		require.InDelta(t, c.want, got, 1e-9)
	}
	for _, bad := range []acidity.Brine{{Vinegar: 0, Water: 1, Percent: 5}, {Vinegar: 1, Water: -1, Percent: 5}, {Vinegar: 1, Water: 1}, {Vinegar: 1, Water: 1, Percent: 60}} {
		_, err := bad.Strength()
		require.Error(t, err, "%+v", bad)
	}
	r, err := acidity.Brine{Vinegar: 3, Water: 5, Percent: 5}.Against(acidity.Brine{Vinegar: 4, Water: 4, Percent: 5})
	require.NoError(t, err)
	require.InDelta(t, 0.75, r, 1e-9)
	_, err = acidity.Brine{Vinegar: 3, Water: 5, Percent: 5}.Against(acidity.Brine{})
	require.Error(t, err)
}

// Weak vinegar is refused, the tested one taken, a strong one taken as it is
// (USDA Complete Guide 2015, guide 6: vinegar of 5 percent).
func TestAdvice(t *testing.T) {
	require.Contains(t, acidity.Advice(4), "Not this one")
	require.Contains(t, acidity.Advice(4.9), "Not this one")
	require.Contains(t, acidity.Advice(5), "tested with")
	require.Contains(t, acidity.Advice(6), "Fine as it is")
	require.Contains(t, acidity.Advice(7), "do not add water")
	require.Contains(t, acidity.Advice(25), "no table vinegar")
}

// The doses by the jar are those that the procedures of the library ask for.
func TestDosesAgreeWithTheProcedures(t *testing.T) {
	for _, d := range lib.Acidity.Doses {
		id := map[string]string{"tomatoes": "tomatoes-whole-water", "figs": "figs", "asian-pears": "pears-asian"}[d.ID]
		p := lib.Procedures.ByID(id)
		require.NotNil(t, p, d.ID)
		found := false
		for _, in := range p.Ingredients {
			for _, same := range in.Same {
				if same == "bottled-citrus" || same == "bottled-lemon-juice" {
					found = true
					require.Equal(t, d.LemonTbsp*0.5, in.Amount*map[string]float64{"pint": 1, "quart": 0.5}[string(in.Per)], d.ID)
				}
			}
		}
		require.True(t, found, d.ID)
	}
}

// Adding citric acid lowers the whole range, the more the further.
func TestTitrateWith(t *testing.T) {
	acid := lib.Acidity.ByID("citric-acid")
	rapid.Check(t, func(rt *rapid.T) {
		m := draw(rt)
		points, err := m.TitrateWith(acid, rapid.Float64Range(1, 10).Draw(rt, "grams"), 5)
		require.NoError(rt, err)
		require.Len(rt, points, 6)
		require.Zero(rt, points[0].Added)
		for i := range points {
			require.LessOrEqual(rt, points[i].Low, points[i].Mid)
			require.LessOrEqual(rt, points[i].Mid, points[i].High)
			if i > 0 {
				require.Less(rt, points[i].Mid, points[i-1].Mid)
				require.LessOrEqual(rt, points[i].High, points[i-1].High+1e-6)
			}
		}
	})
	_, err := (&acidity.Mixture{}).TitrateWith(acid, 5, 3)
	require.Error(t, err)
}

// Profiles that cannot be right are refused, each with its name.
func TestTableRefuses(t *testing.T) {
	good := acidity.Profile{ID: "plum", Water: 0.9, PH: 3.3, Low: 3, High: 3.6, Mmol: map[string]float64{"malic": 40}, Foods: []string{"plum"}}
	for want, change := range map[string]func(*acidity.Profile){
		"an id": func(p *acidity.Profile) { p.ID = "" }, "a group or a food": func(p *acidity.Profile) { p.Foods = nil }, "water of": func(p *acidity.Profile) { p.Water = 3 },
		"a pH between": func(p *acidity.Profile) { p.PH = 33 }, "salt of": func(p *acidity.Profile) { p.Salt = -1 }, "is not plausible": func(p *acidity.Profile) { p.Mmol = map[string]float64{"unobtainic": 4} },
		"between low and high": func(p *acidity.Profile) { p.High = 3.1 }, "outside sid_low": func(p *acidity.Profile) { p.Fixed, p.SID, p.SIDHigh = true, 9, 3 },
	} {
		p := good
		change(&p)
		_, err := acidity.NewTable([]*acidity.Profile{&p}, nil)
		require.ErrorContains(t, err, want)
	}
	a, b := good, good
	b.ID = "other"
	_, err := acidity.NewTable([]*acidity.Profile{&a, &b}, nil)
	require.ErrorContains(t, err, "has a profile already")
	_, err = acidity.NewTable(nil, []acidity.Dose{{ID: "x", Food: "y", LemonTbsp: 50, Source: "z"}})
	require.ErrorContains(t, err, "plausible")
}

// A food is found by its name before its group, and by the first group that the
// table names.
func TestTableOf(t *testing.T) {
	require.Equal(t, "as-tomato", lib.Acidity.Of(lib.Foods.ByID("tomato")).ID)
	require.Equal(t, "tomato-kind", lib.Acidity.Of(lib.Foods.ByID("cherry-tomato")).ID)
	require.Equal(t, "inert", lib.Acidity.Of(lib.Foods.ByID("modified-starch")).ID, "starch binds no acid to speak of")
	require.Equal(t, "cider-vinegar", lib.Acidity.Of(lib.Foods.ByID("cider-vinegar")).ID)
	require.Nil(t, lib.Acidity.Of(lib.Foods.ByID("coconut-milk")))
	require.Nil(t, lib.Acidity.Of(nil))
	require.Nil(t, lib.Acidity.Of(&food.Food{ID: "new"}))
}
