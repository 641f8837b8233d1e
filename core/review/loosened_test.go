package review_test

import (
	"os"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// Wherever the reading lets something through, somebody has tried to get a hazard through
// the same door. What lies in asked.txt is never clear; clear.txt holds the harmless
// neighbours. Each recipe stands under its own heading.
func TestLoosened(t *testing.T) {
	t.Parallel()
	for file, clear := range map[string]bool{"asked": false, "clear": true} {
		data, err := os.ReadFile("testdata/loosened/" + file + ".txt")
		require.NoError(t, err)
		n := 0
		for _, block := range strings.Split("\n"+string(data), "\n# ")[1:] {
			name, text, _ := strings.Cut(block, "\n")
			req := request(t, strings.TrimSpace(text)+"\n")
			req.Gauge = "dial"
			res := reviewer.Review(req)
			assert.Equal(t, clear, res.Verdict == review.Clear, "%s: %s %v", name, res.Verdict, res.Findings)
			n++
		}
		require.NotZero(t, n, file)
	}
}

// Water that weakens the acid, and acts that no procedure asks for, in sentences of kitchens
// (kitchen, place and sentence), each beside its harmless neighbours.
func TestSentences(t *testing.T) {
	t.Parallel()
	for file, clear := range map[string]bool{"watered": false, "dry": true, "acts": false, "harmless": true} {
		data, err := os.ReadFile("testdata/loosened/" + file + ".txt")
		require.NoError(t, err)
		for _, row := range strings.Split(strings.TrimSpace(string(data)), "\n") {
			f := strings.SplitN(row, "|", 3)
			require.Len(t, f, 3, row)
			res := said(t, f[0], f[1], f[2])
			assert.Equal(t, clear, res.Verdict == review.Clear, "%s %v", row, res.Findings)
		}
	}
}
