package knowledge

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
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
