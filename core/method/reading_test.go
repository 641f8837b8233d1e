package method_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// An order that does not say what is done, and a word that nobody knows, are asked
// about; talk that touches nothing is not.
func TestUnnamedActs(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	kind := func(s string) method.ClauseKind {
		return r.Read(s, method.Where{Stage: method.Stage{Method: true}})[0].Kind
	}
	for _, s := range []string{"Then do the thing with the flarn.", "Do the trick with the white powder.", "Do what Gran did.", "The grobbit is always ready by noon."} {
		require.Equal(t, method.Unread, kind(s), s)
	}
	for _, s := range []string{"My sister laughs at me every year.", "Call the children."} {
		require.Equal(t, method.Talk, kind(s), s)
	}
}
