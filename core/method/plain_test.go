package method_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// places are the times of the course by the names that plain.yaml has for them.
var places = map[string]method.Where{"before": preparing, "filled": filled, "closed": lidded, "done": processed}

// Every row of plain.yaml reads its examples at each of its times, and none of its
// counterexamples anywhere.
func TestPlain(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	classes := map[string]bool{"table": true, "own": true, "name": true, "stranger": true, "number": true, "pronoun": true, "full-jar": true}
	for class := range lib.Language.Things {
		classes[string(class)] = true
	}
	rows := language(t).Plain
	require.NotEmpty(t, rows)
	for _, row := range rows {
		assert.NotEmpty(t, row.Must, row.Why)
		assert.NotEmpty(t, row.Counter, row.Why)
		for _, list := range [][]string{row.Must, row.May} {
			for _, what := range list {
				if what[0] == '@' && !slices.Contains([]rune(what), '|') {
					assert.True(t, classes[what[1:]], "%s: %s", row.Why, what)
				}
			}
		}
		for _, phase := range row.At {
			at, ok := places[phase]
			require.True(t, ok, phase)
			at.Names = map[string]bool{"bean": true}
			for _, s := range row.Example {
				assert.True(t, slices.ContainsFunc(r.Read(s, at), func(c method.Clause) bool { return c.Why == row.Why && c.Kind == row.Kind }), "%s at %s: %s", row.Why, phase, s)
			}
			for _, s := range row.Counter {
				assert.False(t, slices.ContainsFunc(r.Read(s, at), func(c method.Clause) bool { return c.Why == row.Why && c.Kind == row.Kind }), "%s at %s: %s", row.Why, phase, s)
			}
		}
	}
}
