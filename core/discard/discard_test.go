package discard_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/discard"
)

// USDA Complete Guide to Home Canning 2015, guide 1, Identifying and Handling Spoiled Canned Foods (from memory):
// low-acid food is neither opened nor tasted; what leaks is made harmless by 30 minutes of boiling.
func TestOlder(t *testing.T) {
	what, how := discard.Older(false)
	require.Contains(t, what, "Do not open and do not taste")
	require.Contains(t, how, "30 minutes")
	require.Contains(t, how, "children and animals")

	what, how = discard.Older(true)
	require.Contains(t, what, "mould")
	require.NotContains(t, what+how, "toxin", "acid food does not grow it")
	require.Contains(t, discard.Unknown, "thrown out unopened")
}
