package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
)

// What a line says was done to its food is known, or asked about.
func TestTreated(t *testing.T) {
	t.Parallel()
	for _, tail := range []string{"whipped", "buttered", "glazed", "whizzed", "reheated", "wilted", "slimy", "gone soft", "left over", "left out overnight", "a week old", "soaked in bleach", "minced to nothing", "beaten to a froth", "shrivelled",
		"confit", "from the compost", "sticky with mould", "with the dirt on"} {
		l := reader.Line(1, "4 lb carrots, "+tail)
		assert.True(t, len(l.Unread)+len(l.Remarks) > 0 || len(l.Prep)+len(l.State) > 0, "%s: %+v", tail, l)
	}
	for _, tail := range []string{"ripe but firm", "picked this morning", "topped and tailed by the children", "as fresh as you can get", "bought at the market", "kept cool", "all from one row", "patted dry", "from Dad's garden"} {
		l := reader.Line(1, "4 lb carrots, "+tail)
		assert.Empty(t, l.Unread, tail)
	}
}
