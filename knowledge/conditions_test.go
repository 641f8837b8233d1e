package knowledge

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
)

// What a source asks beside its table stands as data, where it has it (USDA Complete Guide 2015,
// guides 3, 4 and 5; from memory).
func TestConditionsOfSources(t *testing.T) {
	lib := loaded(t)
	by := func(id string) *procedure.Procedure {
		p := lib.Procedures.ByID(id)
		require.NotNil(t, p, id)
		return p
	}
	for id, want := range map[string]procedure.Sizes{
		"beets": {Cut: 0.5, Whole: 2}, "potatoes": {Cut: 0.5, Whole: 2}, "pumpkin-cubes": {Cut: 1, NeverWhole: true},
		"carrots": {NeverWhole: true},
	} {
		require.Equal(t, want, by(id).Sizes, id)
	}
	require.Equal(t, procedure.Canner{WaterQuarts: 3, HeatMinutes: 20}, by("fish-quarts").Canner)
	require.Equal(t, procedure.Canner{MinQuarts: 16, MaxQuarts: 22, WaterQuarts: 4}, by("smoked-fish").Canner)
	for _, id := range []string{"crab", "tomatoes-crushed", "tomatoes-whole-water", "tomatoes-whole-juice", "tomatoes-whole-no-liquid",
		"tomato-juice", "tomato-sauce", "figs", "pears-asian"} {
		for _, r := range by(id).Rows {
			require.NotEmpty(t, r.AcidPerJar, "%s, %s %s: the acid goes into each jar", id, r.Method, r.Jar)
		}
	}
	for _, r := range by("lima-beans").Rows {
		if r.Pack == "raw" && r.Jar == "quart" {
			require.Equal(t, 1.25, r.HeadspaceIn, "lima beans swell")
		}
	}
}

// Rows under ten minutes want sterilised jars (guide 1), whatever the procedure; and what says so
// is what the process shows.
func TestShortRowsSaySo(t *testing.T) {
	short := 0
	for _, p := range loaded(t).Procedures.All() {
		for _, at := range p.At(0) {
			if at.Method == procedure.Pressure || at.Minutes >= 10 {
				continue
			}
			short++
			require.Contains(t, at.Conditions, "sterilised jars, or 10 minutes", p.ID)
		}
	}
	require.Greater(t, short, 20)
}
