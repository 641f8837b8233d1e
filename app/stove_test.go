package app

import (
	"context"
	"strings"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
	"damson/store"
)

func load() store.Run {
	return store.Run{Title: "Carrots", Canner: "Big dial canner", ElevationFt: 5240, Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", BoilF: 202.4, Jars: 7}
}

func stove(t *testing.T) (*Stove, *store.Store) {
	t.Helper()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	return NewStove(st, NewClock()), st
}

// put puts a load on that was begun so many minutes ago.
func put(t *testing.T, st *store.Store, r store.Run, minutes int) int64 {
	t.Helper()
	r.CreatedAt = time.Now().Add(-time.Duration(minutes) * time.Minute)
	require.NoError(t, st.AddRun(context.Background(), &r))
	return r.ID
}

func TestTell(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 60)
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	assert.Equal(t, run.Loaded, x.State.Phase)
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.HeatOn}))
	require.ErrorIs(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.HeatOn}), store.ErrAsked, "a button that is pressed twice counts once")
	x, err = s.Standing(ctx, id)
	require.NoError(t, err)
	assert.Equal(t, run.Heating, x.State.Phase)
	require.Len(t, x.Events, 1)

	// Told afterwards: it stands at its own time.
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.Steaming, At: x.Now.Add(-20 * time.Minute), Later: true}))
	x, err = s.Standing(ctx, id)
	require.NoError(t, err)
	assert.True(t, x.Events[1].Later)
	assert.Equal(t, run.Heating, x.State.Phase, "steam before the heat was on is none")

	for what, e := range map[string]run.Event{
		"still to come":          {Kind: run.HeatOff, At: x.Now.Add(time.Hour)},
		"before this load":       {Kind: run.HeatOff, At: x.Now.Add(-2 * time.Hour)},
		"0 to 25 psi":            {Kind: run.Reading, Gauged: true, PSI: 26},
		"shows 0 to":             {Kind: run.Reading, Gauged: true, PSI: -1},
		"between 0 and 300":      {Kind: run.Reading, F: 900},
		"7 jars went in, and 8":  {Kind: run.JarsOut, Jars: 7, Broken: 1},
		"and 5 come out":         {Kind: run.JarsOut, Jars: 4, Broken: 1},
		"at most 500 letters":    {Kind: run.Note, Text: strings.Repeat("long ", 101)},
		"nothing that happens":   {Kind: "danced"},
		"nothing of that number": {Kind: run.Undo, Of: 99},
		"asked about here":       {Kind: run.Stood, At: x.Now},
	} {
		refused := IsRefused(s.Tell(ctx, id, x.Shown, e))
		require.NotNil(t, refused, what)
		assert.Contains(t, refused.What, what)
	}
	require.NoError(t, s.Tell(ctx, id, x.Shown, run.Event{Kind: run.Note, Text: strings.Repeat("ö", 500)}), "letters, not bytes")
	require.NotNil(t, IsRefused(s.Tell(ctx, id, x.Shown, run.Event{Kind: run.Seen})), "a sighting is nobody's to tell")
	require.ErrorIs(t, s.Tell(ctx, 99, 0, run.Event{Kind: run.Note, Text: "x"}), store.ErrNotFound)
}

// The page that is open is seen while the time counts, and only then, and not at every look.
func TestSee(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 60)
	see := func() int {
		x, err := s.Standing(ctx, id)
		require.NoError(t, err)
		require.NoError(t, s.See(ctx, x))
		events, err := st.Events(ctx, id)
		require.NoError(t, err)
		return len(events)
	}
	assert.Equal(t, 0, see())
	at := func(m int) time.Time { return time.Now().Add(-time.Duration(m) * time.Minute) }
	require.NoError(t, st.Happened(ctx, id, -1, time.Now(), run.Event{Kind: run.HeatOn, At: at(40)}, run.Event{Kind: run.Steaming, At: at(20)}, run.Event{Kind: run.Closed, At: at(9)}, run.Event{Kind: run.Reached, At: at(5)}))
	assert.Equal(t, 5, see())
	assert.Equal(t, 5, see(), "once in two minutes")
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	assert.Equal(t, 4, x.Shown, "sightings change nothing that a page shows")
}

// A clock that was set back loses no minute: the run goes on from what was told last.
func TestClockSetBack(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 10)
	ahead := time.Now().Add(30 * time.Minute)
	require.NoError(t, st.Happened(ctx, id, -1, ahead, run.Event{Kind: run.HeatOn, At: ahead}))
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	assert.InDelta(t, 30, x.Behind.Minutes(), 0.1)
	assert.WithinDuration(t, ahead, x.Now, time.Second)
	assert.Equal(t, run.Heating, x.State.Phase)
}

func TestClock(t *testing.T) {
	c := NewClock()
	a := c.Now()
	assert.WithinDuration(t, time.Now(), a, time.Second)
	assert.False(t, c.Now().Before(a))
	assert.Zero(t, c.Set())
	c.started = c.started.Add(-time.Second) // a clock of another start is no other time
	assert.WithinDuration(t, time.Now(), c.Now(), 2*time.Second)
}

// The board has what is on, that first where hands are needed first; a practice canner counts
// in its own minutes.
func TestBoard(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	timing := put(t, st, load(), 60)
	at := func(m int) time.Time { return time.Now().Add(-time.Duration(m) * time.Minute) }
	require.NoError(t, st.Happened(ctx, timing, -1, time.Now(), run.Event{Kind: run.HeatOn, At: at(40)}, run.Event{Kind: run.Steaming, At: at(20)}, run.Event{Kind: run.Closed, At: at(9)}, run.Event{Kind: run.Reached, At: at(5)}))
	waiting := put(t, st, load(), 3)
	put(t, st, load(), 60*24*3) // forgotten
	old := put(t, st, load(), 60*24*5)
	require.NoError(t, st.Happened(ctx, old, -1, at(60*24*5-5), run.Event{Kind: run.HeatOn, At: at(60*24*5 - 1)}, run.Event{Kind: run.JarsOut, At: at(60*24*5 - 9), Jars: 7}))
	open, out, err := s.Board(ctx)
	require.NoError(t, err)
	require.Len(t, open, 2)
	assert.Equal(t, []int64{waiting, timing}, []int64{open[0].Run.ID, open[1].Run.ID})
	assert.InDelta(t, 25, open[1].Hands().Minutes(), 0.1)
	require.Len(t, out, 1)
	assert.Equal(t, run.NotAsTested, out[0].Judged.Verdict)
}

// The practice canner tells what it shows, not what somebody hopes, and is judged by its own
// gauge as well.
func TestPractice(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	r := load()
	r.Speed = 600
	r.CreatedAt = time.Now().Add(-time.Second / 10)
	require.NoError(t, st.AddRun(ctx, &r))
	tell := func(k run.Kind, jars int) {
		x, err := s.Standing(ctx, r.ID)
		require.NoError(t, err)
		require.NoError(t, s.Tell(ctx, r.ID, x.Shown, run.Event{Kind: k, Jars: jars}))
	}
	tell(run.HeatOn, 0)
	tell(run.Closed, 0)
	tell(run.Reached, 0)
	x, err := s.Standing(ctx, r.ID)
	require.NoError(t, err)
	last := x.Events[len(x.Events)-1]
	assert.True(t, last.Gauged)
	assert.Less(t, last.PSI, 13.5, "it cannot be at pressure so soon")
	assert.True(t, x.State.Airy)
	tell(run.HeatOff, 0)
	tell(run.JarsOut, 7)
	x, err = s.Standing(ctx, r.ID)
	require.NoError(t, err)
	require.NotNil(t, x.Logged)
	assert.Equal(t, run.NotAsTested, x.Logged.Verdict)
	_, err = s.Away(ctx, r.ID)
	require.NoError(t, err, "a practice load can always go")
}

// What goes wrong by lot is not told before the jars are out, and the gauge of its own knows it then.
func TestDrawnFault(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	r := load()
	r.Speed, r.Fault = 600, "impatient"
	r.CreatedAt = time.Now().Add(-20 * time.Second) // 200 minutes at the canner
	require.NoError(t, st.AddRun(ctx, &r))
	at := func(m int) time.Time { return r.CreatedAt.Add(time.Duration(m) * time.Minute) }
	for m := 1; m < 190; m += 5 {
		require.NoError(t, st.Happened(ctx, r.ID, -1, at(m), run.Event{Kind: run.Seen, At: at(m)}))
	}
	for _, e := range []run.Event{{Kind: run.HeatOn, At: at(1)}, {Kind: run.Steaming, At: at(20)}, {Kind: run.Closed, At: at(31)},
		{Kind: run.Reached, At: at(50), PSI: 13.7, Gauged: true}, {Kind: run.HeatOff, At: at(90)}, {Kind: run.Zero, At: at(130)},
		{Kind: run.WeightOff, At: at(131)}, {Kind: run.LidOff, At: at(142)}, {Kind: run.JarsOut, At: at(145), Jars: 7}} {
		require.NoError(t, st.Happened(ctx, r.ID, -1, e.At, e))
	}
	x, err := s.Standing(ctx, r.ID)
	require.NoError(t, err)
	assert.Equal(t, run.AsTested, x.Judged.Verdict, "as it was told: "+x.Judged.Why)
	require.NotNil(t, x.Logged)
	assert.Equal(t, run.NotAsTested, x.Logged.Verdict)
	assert.Contains(t, x.Logged.Why, "no canner does by itself")
}

// A load that was on the heat stays written down.
func TestAway(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 5)
	n, err := s.Away(ctx, id)
	require.NoError(t, err)
	_, err = s.Standing(ctx, id)
	require.ErrorIs(t, err, store.ErrNotFound)
	_, err = st.PutBack(ctx, n)
	require.NoError(t, err)
	require.NoError(t, s.Tell(ctx, id, 0, run.Event{Kind: run.HeatOn}))
	_, err = s.Away(ctx, id)
	require.NotNil(t, IsRefused(err))
	require.NotNil(t, IsRefused(s.Start(ctx, &store.Run{Method: "oven"})))

	// A canner that has a load in it takes no other; to practise is another thing.
	again := load()
	refused := IsRefused(s.Start(ctx, &again))
	require.NotNil(t, refused)
	assert.Contains(t, refused.What, "Big dial canner still has “Carrots” in it")
	again.Speed = 60
	require.NoError(t, s.Start(ctx, &again))
	other := load()
	other.CannerID = 9
	require.NoError(t, s.Start(ctx, &other))
}

// Two screens and eager fingers: of the same press at the same moment one counts.
func TestTwoScreens(t *testing.T) {
	ctx := context.Background()
	s, st := stove(t)
	id := put(t, st, load(), 5)
	x, err := s.Standing(ctx, id)
	require.NoError(t, err)
	var told atomic.Int32
	var wait sync.WaitGroup
	for range 8 {
		wait.Go(func() {
			switch err := s.Tell(ctx, id, x.Shown, run.Event{Kind: run.HeatOn}); {
			case err == nil:
				told.Add(1)
			default:
				assert.ErrorIs(t, err, store.ErrAsked)
			}
			_, _, err := s.Board(ctx)
			assert.NoError(t, err)
		})
	}
	wait.Wait()
	assert.EqualValues(t, 1, told.Load())
	events, err := st.Events(ctx, id)
	require.NoError(t, err)
	assert.Len(t, events, 1)
}
