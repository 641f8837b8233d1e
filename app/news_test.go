package app

import (
	"context"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
)

// Whoever listens hears of what is told, once until he looks, and not of sightings.
func TestNews(t *testing.T) {
	s, st := stove(t)
	ear, stop, ok := s.Listen()
	require.True(t, ok)
	heard := func() bool {
		select {
		case <-ear:
			return true
		default:
			return false
		}
	}
	id := put(t, st, load(), 5)
	require.NoError(t, s.Tell(context.Background(), id, -1, run.Event{Kind: run.HeatOn}))
	require.NoError(t, s.Tell(context.Background(), id, -1, run.Event{Kind: run.Note, Text: "x"}))
	assert.True(t, heard())
	assert.False(t, heard(), "two are heard as one")
	x, err := s.Standing(context.Background(), id)
	require.NoError(t, err)
	require.NoError(t, s.See(context.Background(), x))
	assert.False(t, heard())
	stop()
	s.Told()
	assert.False(t, heard())

	for range mostEars {
		_, _, ok = s.Listen()
		require.True(t, ok)
	}
	_, _, ok = s.Listen()
	assert.False(t, ok, "too many")
	s.End()
	_, _, ok = s.Listen()
	assert.False(t, ok, "it is over")
}
