package review_test

import (
	"os"
	"path/filepath"
	"strings"
	"testing"

	"damson/core/review"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// A hazard told under the title, in the midst, before the process or behind everything never leaves a
// voice clear. Each voice takes each hazard at one of the places, in turn.
func TestHazardsAnywhereInAVoice(t *testing.T) {
	t.Parallel()
	data, err := os.ReadFile("testdata/adversary/anywhere.txt")
	require.NoError(t, err)
	files, err := filepath.Glob("testdata/voices/[mn]*.txt")
	require.NoError(t, err)
	placed := 0
	for f, name := range files {
		if testing.Short() && f%4 != 0 {
			continue
		}
		req, text := asked(t, name)
		if reviewer.Review(req).Verdict != review.Clear {
			continue
		}
		lines := strings.Split(strings.TrimSpace(text), "\n")
		for k, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
			canner, hazard, only := strings.Cut(row, "|")
			if !sampled(f+k/4, 2) || strings.HasPrefix(row, "#") || only && (canner == "pressure") != (req.Gauge != "") {
				continue
			}
			if !only {
				hazard = row
			}
			at := []int{1, len(lines) / 2, len(lines) * 2 / 3, len(lines)}[(f+k)%4]
			with := append(append(append([]string{}, lines[:at]...), hazard), lines[at:]...)
			rec, err := reviewer.Reader().Text(strings.Join(with, "\n"))
			require.NoError(t, err)
			req.Recipe = rec
			assert.NotEqual(t, review.Clear, reviewer.Review(req).Verdict, "%s, line %d: %s", name, at+1, hazard)
			placed++
		}
	}
	require.Greater(t, placed, 100)
}
