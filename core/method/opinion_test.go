package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// The second look only asks: with it or without, a clause that the reader asks about is
// asked about, and none is read that was not.
func TestSecondLookOnlyAsks(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r, deaf := method.NewReader(lib.Foods, lib.Language), method.NewReader(lib.Foods, lib.Language)
	deaf.Listen(func(string, []uint32) {}) // who listens takes the second look away
	asked := 0
	for _, at := range []method.Where{preparing, filled, lidded, processed} {
		for _, f := range lib.Language.Frames {
			for _, s := range append([]string{}, f.Verbs...) {
				s += " the beans with it"
				with, without := r.Read(s, at), deaf.Read(s, at)
				require.Len(t, with, len(without), s)
				for i := range with {
					if with[i].Why == method.Likeness {
						asked++
						assert.NotEqual(t, method.Unread, without[i].Kind, s)
						continue
					}
					assert.Equal(t, without[i].Kind, with[i].Kind, s)
					assert.Equal(t, without[i].Why, with[i].Why, s)
				}
			}
		}
	}
	assert.Positive(t, asked)
}

// Marks are of the place and the words, each once.
func TestMarks(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	heard := map[string][]uint32{}
	r.Listen(func(s string, marks []uint32) { heard[s] = marks })
	r.Read("Count the jars, count the lids, count the jars.", filled)
	before := heard["Count the jars, count the lids, count the jars."]
	require.NotEmpty(t, before)
	seen := map[uint32]bool{}
	for _, m := range before {
		require.False(t, seen[m])
		seen[m] = true
	}
	r.Read("Count the jars, count the lids, count the jars.", processed)
	assert.NotEqual(t, before, heard["Count the jars, count the lids, count the jars."], "later in the course it is another sentence")

	r.Read("No flour, no cream needed.", preparing)
	assert.Empty(t, heard["No flour, no cream needed."], "what is not there is like nothing")
	delete(heard, "It rained.")
	r.Read("It rained.", method.Where{})
	assert.NotContains(t, heard, "It rained.", "outside a method nobody listens")
}

func TestUnpackOpinion(t *testing.T) {
	_, err := method.UnpackOpinion([]byte("no gzip"))
	require.Error(t, err)
	o := method.NewOpinion(map[uint32]float32{7: 1.5, 9: -40}, -0.5)
	again, err := method.UnpackOpinion(o.Pack())
	require.NoError(t, err)
	assert.InDelta(t, o.Score([]uint32{7}), again.Score([]uint32{7}), 0.001)
	assert.Less(t, again.Score([]uint32{9}), -5.0, "a weight too large for its place is cut, and keeps its sign")
	assert.Equal(t, again.Score(nil), again.Score([]uint32{12345}), "an unknown mark weighs nothing")
}
