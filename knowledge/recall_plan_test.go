package knowledge

import (
	"fmt"
	"os"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/acidity"
)

// TestSecondRecallOfPlan compares the syrups and the doses with a second
// recollection, written from scratch.
func TestSecondRecallOfPlan(t *testing.T) {
	lib, err := Load()
	require.NoError(t, err)
	have := map[string]string{}
	for _, s := range lib.Plan.Syrups {
		have["syrup "+s.ID] = fmt.Sprintf("%g | %g %g | %g %g", s.Percent, s.Pints[0], s.Pints[1], s.Quarts[0], s.Quarts[1])
	}
	for _, d := range lib.Acidity.Doses {
		have["dose "+d.ID] = fmt.Sprintf("%g | %g | %g", d.LemonTbsp, d.CitricTsp, d.VinegarTbsp)
	}
	data, err := os.ReadFile("recall/plan.txt")
	require.NoError(t, err)
	n := 0
	for _, line := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(line, "#") {
			continue
		}
		key, rest, ok := strings.Cut(line, " | ")
		require.True(t, ok, line)
		require.Equal(t, rest, have[key], key)
		n++
	}
	require.Equal(t, len(have), n, "every row was recalled twice")
}

// TestSecondRecallOfAcids compares the organic acids of foods with a second
// recollection. Food varies, so half to double is the same.
func TestSecondRecallOfAcids(t *testing.T) {
	lib, err := Load()
	require.NoError(t, err)
	molar := map[string]float64{}
	for _, p := range acidity.Protolytes {
		molar[p.Key] = p.GramsPerMol
	}
	data, err := os.ReadFile("recall/acids.txt")
	require.NoError(t, err)
	n := 0
	for _, line := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		if strings.HasPrefix(line, "#") {
			continue
		}
		id, rest, _ := strings.Cut(line, " | ")
		p := lib.Acidity.Of(lib.Foods.ByID(id))
		require.NotNil(t, p, id)
		fields := strings.Fields(rest)
		for i := 0; i+1 < len(fields); i += 2 {
			want, err := strconv.ParseFloat(fields[i+1], 64)
			require.NoError(t, err, line)
			have := p.Mmol[fields[i]] * molar[fields[i]] / 10000 // mmol a kg to g in 100 g
			require.Greater(t, have, want/2, "%s: %s", id, fields[i])
			require.Less(t, have, want*2, "%s: %s", id, fields[i])
			n++
		}
	}
	require.GreaterOrEqual(t, n, 40)
}

// A profile's usual pH lies within the published range of every food that it is
// named for, or close by it.
func TestProfilesAgreeWithTheFoods(t *testing.T) {
	lib, err := Load()
	require.NoError(t, err)
	for _, p := range lib.Acidity.All() {
		if p.Fixed {
			continue
		}
		for _, id := range p.Foods {
			f := lib.Foods.ByID(id)
			if !f.HasPH() {
				continue
			}
			require.Greater(t, p.PH, f.PH[0]-0.8, "%s for %s", p.ID, id)
			require.Less(t, p.PH, f.PH[1]+0.8, "%s for %s", p.ID, id)
			if f.Water > 0 && p.Water > 0.4 {
				require.InDelta(t, f.Water/100, p.Water, 0.16, "water of %s for %s", p.ID, id)
			}
		}
	}
}
