package review_test

import (
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// listed reviews a kitchen with a line of its list replaced, or added at the list's end.
func listed(t *testing.T, row string) review.Result {
	t.Helper()
	base, line, ok := strings.Cut(row, "|")
	require.True(t, ok, row)
	k, ok := kitchens[base]
	require.True(t, ok, base)
	lines := strings.Split(k.with("0", ""), "\n")
	old, fresh, replaces := strings.Cut(line, "=>")
	done := false
	blanks := 0
	for i, l := range lines {
		if strings.TrimSpace(l) == "" {
			blanks++
		}
		switch {
		case replaces && strings.Contains(l, old):
			lines[i], done = fresh, true
		case !replaces && blanks == 2:
			lines[i], done = line+"\n", true
		}
		if done {
			break
		}
	}
	require.True(t, done, row)
	w := written{ID: row, Text: strings.Join(lines, "\n"), Flags: strings.Fields(k.flags)}
	req, ok := w.asked(t)
	require.True(t, ok)
	return reviewer.Review(req)
}

// A food that was dried, smoked, buttered, beaten or left to spoil is not the food that was
// tested; where it was picked, and by whom, changes nothing.
func TestListLines(t *testing.T) {
	t.Parallel()
	for file, want := range map[string]struct {
		clear       bool
		rows, marks int
	}{"harm.txt": {false, 490, 17}, "sound.txt": {true, 69, 7}} {
		rows, marks := held(t, filepath.Join("listlines", file), func(row string) (bool, bool) {
			return listed(t, row).Verdict == review.Clear, want.clear
		})
		assert.GreaterOrEqual(t, rows, want.rows, file)
		assert.LessOrEqual(t, marks, want.marks, file)
	}
}
