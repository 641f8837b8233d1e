package app

import (
	"context"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
)

func TestTook(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	r := load()
	r.CannerID = 3
	id := put(t, st, r, 300)
	at := func(m int) time.Time { return time.Now().Add(-300*time.Minute + time.Duration(m)*time.Minute) }
	require.NoError(t, st.Happened(ctx, id, -1, time.Now(), run.Event{Kind: run.HeatOn, At: at(1)}, run.Event{Kind: run.Steaming, At: at(14)}, run.Event{Kind: run.Closed, At: at(24)}, run.Event{Kind: run.Reached, At: at(31)},
		run.Event{Kind: run.Lost, At: at(40)}, run.Event{Kind: run.Reached, At: at(44)}, run.Event{Kind: run.HeatOff, At: at(80)}, run.Event{Kind: run.Zero, At: at(114)}))
	practice := load()
	practice.CannerID, practice.Speed = 3, 60
	put(t, st, practice, 10)
	got, err := s.Took(ctx)
	require.NoError(t, err)
	assert.Equal(t, map[int64]map[string][]int{3: {"steam-pressure": {13}, "rise": {7}, "down-large": {34}}}, got)
	assert.Equal(t, map[string]int{"boil-bath": 20}, pieces("water-bath", false, []run.Event{{Number: 1, Kind: run.HeatOn, At: at(0)}, {Number: 2, Kind: run.Reached, At: at(20)}}))
	assert.Equal(t, map[string]int{"steam-steady": 9}, pieces("steam", false, []run.Event{{Number: 1, Kind: run.HeatOn, At: at(0)}, {Number: 2, Kind: run.Reached, At: at(9)}}))
}

func TestMeasured(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 30)
	r, err := st.Run(ctx, id)
	require.NoError(t, err)
	n, err := s.Measured(ctx, id, r.Token, []byte("minutes,psi\n1,0\n2,0.4\n"))
	require.NoError(t, err)
	assert.Equal(t, 2, n)
	n, err = s.Measured(ctx, id, r.Token, []byte("minutes,psi\n1,0\n2,0.4\n3,5\n"))
	require.NoError(t, err)
	assert.Equal(t, 1, n, "what is there already is not stored again")
	_, err = s.Measured(ctx, id, "guessed", []byte("minutes,psi\n4,0\n"))
	require.ErrorIs(t, err, ErrNoToken)
	_, err = s.Measured(ctx, id, "", []byte("minutes,psi\n4,0\n"))
	require.ErrorIs(t, err, ErrNoToken)
	for _, bad := range []string{"minutes,psi\n400,0\n", "time,psi\n1999-01-01 12:00:00,1\n", "minutes,psi\n4,95\n", "rubbish"} {
		_, err = s.Measured(ctx, id, r.Token, []byte(bad))
		require.NotNil(t, IsRefused(err), bad)
	}
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	assert.Len(t, x.Events, 3)
}
