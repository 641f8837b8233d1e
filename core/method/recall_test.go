package method_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/core/words"
	"damson/knowledge"
)

// A sentence is read as it would be read anew, whatever was read before it, wherever it stood then and
// whatever else its recipe named; and what a caller does with the clauses is nobody else's.
func TestReadAsAnew(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	named := preparing
	named.Names = map[string]bool{"corn": true, "dried": true, "chicken": true}
	timed := lidded
	timed.Times = map[float64]int{40: 1}
	places := []method.Where{preparing, filled, lidded, processed, named, timed, {}}
	sentences := []string{
		"Slice the corn off.", "Process 40 minutes.", "Call it 40.", "Hang them up to dry.",
		"Add the cream and never vent it.", "She sang all day.", "Not 75.", "Leave the bones in.",
	}
	old := method.NewReader(lib.Foods, lib.Language)
	for range 2 {
		for _, at := range places {
			for _, s := range sentences {
				old.Read(s, at)[0].Kind = "spoilt by its caller"
			}
		}
	}
	slices.Reverse(places)
	for _, s := range sentences {
		for _, at := range places {
			anew := method.NewReader(lib.Foods, lib.Language)
			require.Equal(t, anew.Read(s, at), old.Read(s, at), "%s %+v", s, at)
		}
	}
}

// A map that grows while a recipe is read is another one.
func TestNamesThatGrow(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	at := preparing
	at.Names = map[string]bool{}
	const s = "Add the wibbles."
	before := r.Read(s, at)
	at.Names["wibble"] = true
	anew := method.NewReader(lib.Foods, lib.Language).Read(s, at)
	require.NotEqual(t, before, anew, "the name makes a difference, or this test shows nothing")
	require.Equal(t, anew, r.Read(s, at))
}

// What a text was split into is shared by all who ask for it: no reading may change it.
func TestReadingLeavesTokens(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	const text = "Muffins and pancakes thru to spring, wi oot a care."
	was := slices.Clone(words.Split(text))
	method.NewReader(lib.Foods, lib.Language).Read(text, preparing)
	require.Equal(t, was, words.Split(text))
}
