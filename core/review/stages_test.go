package review_test

import (
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// stage is a block of testdata/stages: one step of a sound recipe, told in many ways.
type stage struct {
	base         string
	old, new     []string
	right, wrong []string
	code         string
	rows         []string
}

// stages reads the blocks of a file; its first lines say how they are written.
func stages(t *testing.T, name string) []stage {
	t.Helper()
	data, err := os.ReadFile(name)
	require.NoError(t, err)
	var out []stage
	values := func(s string) []string {
		return strings.FieldsFunc(s, func(r rune) bool { return r == ';' })
	}
	for _, line := range strings.Split(strings.TrimSpace(string(data)), "\n") {
		switch {
		case strings.HasPrefix(line, "#"):
		case strings.HasPrefix(line, "@"):
			part := strings.Split(line[1:], "|")
			require.Len(t, part, 5, line)
			s := stage{base: strings.TrimSpace(part[0]), right: values(strings.TrimSpace(part[2])), wrong: values(strings.TrimSpace(part[3])), code: strings.TrimSpace(part[4])}
			for _, sub := range strings.Split(part[1], "&&") {
				was, is, ok := strings.Cut(sub, "=>")
				require.True(t, ok, line)
				s.old, s.new = append(s.old, unfold(was)), append(s.new, unfold(is))
			}
			out = append(out, s)
		default:
			require.NotEmpty(t, out, line)
			out[len(out)-1].rows = append(out[len(out)-1].rows, line)
		}
	}
	return out
}

func unfold(s string) string { return strings.ReplaceAll(strings.TrimSpace(s), `\n`, "\n") }

// write puts the row into the base.
func (s stage) write(t *testing.T, row, value string) string {
	t.Helper()
	data, err := os.ReadFile("testdata/stages/bases/" + s.base + ".txt")
	require.NoError(t, err)
	text := string(data)
	for i, was := range s.old {
		require.Contains(t, text, was)
		text = strings.Replace(text, was, s.new[i], 1)
	}
	value = strings.TrimSpace(value)
	told := strings.ReplaceAll(row, "{x}", value)
	if value != "" && strings.HasPrefix(told, value) {
		told = strings.ToUpper(told[:1]) + told[1:]
	}
	return strings.ReplaceAll(text, "ROW", told)
}

// However a step is told, what differs from the tested one is never clear without a word
// about it, and what is the same is not stopped (USDA Complete Guide 2015, guides 1 to 5:
// headspaces, hot packs and the half jar of solids; from memory).
func TestStagesTold(t *testing.T) {
	t.Parallel()
	files, err := filepath.Glob("testdata/stages/*.txt")
	require.NoError(t, err)
	require.NotEmpty(t, files)
	rows, passing, asked := 0, 0, 0
	for _, name := range files {
		for _, s := range stages(t, name) {
			for _, row := range s.rows {
				rows++
				slips, open := strings.HasPrefix(row, "!"), strings.HasPrefix(row, "?")
				if slips {
					passing++
				}
				if open {
					asked++
				}
				s.try(t, strings.TrimLeft(row, "!?"), slips, open)
			}
		}
	}
	assert.Greater(t, rows, 400)
	assert.LessOrEqual(t, passing, 8, "wrong steps that pass")
	assert.LessOrEqual(t, asked, 21, "right steps that are asked about")
}

// try reviews the row with every value: slips says that what is wrong passes so far, open that
// what is right is asked about.
func (s stage) try(t *testing.T, row string, slips, open bool) {
	t.Helper()
	right, wrong := s.right, s.wrong
	switch {
	case strings.HasPrefix(row, "+"):
		row, right = strings.TrimSpace(row[1:]), []string{""}
	case strings.HasPrefix(row, "-"):
		row, wrong = strings.TrimSpace(row[1:]), []string{""}
	}
	quiet := func(value string) bool {
		res := reviewText(t, s.write(t, row, value), 0, "weighted")
		return res.Verdict == review.Clear && !slices.ContainsFunc(res.Findings, func(f review.Finding) bool { return f.Code == s.code })
	}
	for _, value := range right {
		if !open {
			assert.True(t, quiet(value), "%s, right: %s (%s)", s.base, row, value)
		}
	}
	for _, value := range wrong {
		if !slips {
			assert.False(t, quiet(value), "%s, wrong: %s (%s)", s.base, row, value)
		}
	}
}
