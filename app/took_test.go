package app

import (
	"context"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
	"damson/store"
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

	// A logger that sends on and on keeps nobody from telling, and is not taken back by an undo.
	assert.Zero(t, x.Shown)
	_, last := run.Last(x.Events)
	assert.False(t, last)
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.HeatOn}))
}

// What is told once the jars stand on the shelf can show that they do not belong there; and
// what was told by mistake is taken back.
func TestDoubt(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 300)
	at := func(m float64) time.Time { return time.Now().Add(time.Duration((m - 300) * float64(time.Minute))) }
	list := []run.Event{{Kind: run.HeatOn, At: at(1)}, {Kind: run.Steaming, At: at(14)}, {Kind: run.Closed, At: at(24)}, {Kind: run.Reached, At: at(31)}}
	for m := 33.0; m < 62; m += 2 {
		list = append(list, run.Event{Kind: run.Seen, At: at(m)})
	}
	list = append(list, run.Event{Kind: run.HeatOff, At: at(62)}, run.Event{Kind: run.Zero, At: at(95)}, run.Event{Kind: run.WeightOff, At: at(96)}, run.Event{Kind: run.LidOff, At: at(107)}, run.Event{Kind: run.JarsOut, At: at(109), Jars: 7})
	require.NoError(t, st.Happened(ctx, id, -1, time.Now(), list...))
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	require.Equal(t, run.AsTested, x.Judged.Verdict, x.Judged.Why)
	require.NoError(t, st.AddLot(ctx, &store.Lot{RunID: id, Title: "Carrots", Jar: "quart", MadeOn: "2026-11-20", Sealed: 7, Class: "low-acid"}))
	doubt := func() string {
		l, err := st.LotsOf(ctx, id)
		require.NoError(t, err)
		require.Len(t, l, 1)
		return l[0].Doubt
	}
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.Lost, At: at(45), Later: true}))
	assert.Contains(t, doubt(), "14 minutes of 30")
	x, err = s.Standing(ctx, id)
	require.NoError(t, err)
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.Undo, Of: x.Shown}))
	assert.Empty(t, doubt())
	n, err := s.Measured(ctx, id, x.Run.Token, []byte("minutes,psi\n40,13.2\n41,12\n"))
	require.NoError(t, err)
	assert.Equal(t, 2, n)
	assert.Contains(t, doubt(), "of 30")
}
