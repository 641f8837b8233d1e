package run_test

import (
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
)

var noon = time.Date(2026, 11, 28, 12, 0, 0, 0, time.UTC)

// at is so many minutes after noon.
func at(minutes float64) time.Time { return noon.Add(time.Duration(minutes * float64(time.Minute))) }

// carrots is a load under a dial, of low-acid food.
var carrots = run.Load{Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", BoilF: 202.4, Jars: 7}

// dilly is a load in a bath.
var dilly = run.Load{Class: "acid", Method: "water-bath", Minutes: 10, BoilF: 202.4, Jars: 9}

// events reads "0 heat-on; 10 steaming; 40 reading 13.9": minutes after noon, what happened,
// and a pressure. "w" before a pressure is a logger's.
func events(t testing.TB, text string) []run.Event {
	t.Helper()
	var out []run.Event
	for i, part := range strings.Split(text, ";") {
		f := strings.Fields(part)
		e := run.Event{Number: i + 1, At: at(number(t, f[0])), Kind: run.Kind(f[1])}
		require.True(t, e.Kind.Known(), part)
		if len(f) > 2 {
			switch e.Kind {
			case run.Undo:
				e.Of = int(number(t, f[2]))
			case run.Stood:
				e.Until = at(number(t, f[2]))
			case run.JarsOut:
				e.Jars = int(number(t, f[2]))
			default:
				e.Logger = strings.HasPrefix(f[2], "w")
				if deg, ok := strings.CutSuffix(f[2], "F"); ok {
					e.F = number(t, deg)
					break
				}
				e.PSI, e.Gauged = number(t, strings.TrimPrefix(f[2], "w")), true
			}
		}
		out = append(out, e)
	}
	return out
}

func number(t testing.TB, s string) float64 {
	t.Helper()
	d, err := time.ParseDuration(s + "m")
	require.NoError(t, err)
	return d.Minutes()
}

// seen are a page's sightings, a minute apart.
func seen(from, to float64) []run.Event {
	var out []run.Event
	for m := from; m <= to; m++ {
		out = append(out, run.Event{Number: 1000 + int(m), At: at(m), Kind: run.Seen})
	}
	return out
}

const (
	toPressure = "0 heat-on; 10 steaming; 20 closed; 26 reached 13.6; "
	theEnd     = "; 90 zero; 91 opened-up; 101 lid-off; 105 jars-out 7"
)

func TestRuns(t *testing.T) {
	for _, x := range []struct {
		name    string
		load    run.Load
		events  string
		verdict run.Verdict
		why     string
	}{
		{"as the guide has it", carrots, toPressure + "57 heat-off" + theEnd, run.AsTested, "30 minutes at 13 psi, 13.5 on this dial, without a break, after 10 minutes of steam, and the pressure fell by itself"},
		{"a minute short", carrots, toPressure + "55 heat-off" + theEnd, run.NotAsTested, "29 minutes of 30"},
		{"vented nine minutes", carrots, "0 heat-on; 10 steaming; 19 closed; 26 reached 13.6; 57 heat-off" + theEnd, run.NotAsTested, "after 9 minutes of steady steam instead of 10"},
		{"the steam faltered", carrots, "0 heat-on; 10 steaming; 15 faltered; 17 steaming; 22 closed; 26 reached; 57 heat-off" + theEnd, run.NotAsTested, "after 5 minutes of steady steam"},
		{"vented anew", carrots, "0 heat-on; 10 steaming; 15 closed; 16 opened-up; 17 steaming; 27 closed; 30 reached; 61 heat-off" + theEnd, run.AsTested, ""},
		{"a dip, and the minutes added", carrots, toPressure + "40 lost 12; 42 reached 13.6; 60 heat-off" + theEnd, run.NotAsTested, "18 minutes of 30"},
		{"a dip, and the whole time again", carrots, toPressure + "40 lost 12; 42 reached 13.6; 72 heat-off" + theEnd, run.AsTested, ""},
		{"a dip that only a reading shows", carrots, toPressure + "40 reading 13.4; 42 reading 13.6; 60 heat-off" + theEnd, run.NotAsTested, "18 minutes of 30"},
		{"a dip after the time is over", carrots, toPressure + "57 lost; 58 heat-off" + theEnd, run.AsTested, ""},
		{"it held until it was read last, no longer", carrots, toPressure + "50 reading w13.6; 57 reading w12.9; 58 heat-off" + theEnd, run.NotAsTested, "24 minutes of 30"},
		{"the clock began below the pressure", carrots, "0 heat-on; 10 steaming; 20 closed; 26 reached 13.2; 57 heat-off" + theEnd, run.NotAsTested, "never at its pressure"},
		{"cooled with water", carrots, toPressure + "57 heat-off; 58 forced" + theEnd, run.NotAsTested, "let out or cooled down by force"},
		{"at zero in five minutes", carrots, toPressure + "57 heat-off; 62 zero; 75 opened-up; 86 lid-off; 90 jars-out 7", run.NotAsTested, "no canner does by itself"},
		{"a logger that is at zero in three", carrots, toPressure + "56.5 reading w13.2; 57 heat-off; 60 reading w0.1; 75 opened-up; 86 lid-off; 90 jars-out 7", run.NotAsTested, "no canner does by itself"},
		{"that time taken back, and told right", carrots, toPressure + "57 heat-off; 62 zero; 63 undo 6; 80 zero; 81 opened-up; 92 lid-off; 95 jars-out 7", run.AsTested, ""},
		{"weight lifted early", carrots, toPressure + "57 heat-off; 60 opened-up; 75 lid-off; 80 jars-out 7", run.NotAsTested, "before the pressure was at zero"},
		{"opened, and nothing said of zero", carrots, toPressure + "57 heat-off; 75 lid-off; 80 jars-out 7", run.NotAsTested, "nothing had said"},
		{"zero while the heat was on lets air in", carrots, toPressure + "40 zero; 45 reached; 76 heat-off" + theEnd, run.NotAsTested, "14 minutes of 30"},
		{"zero on the way up lets air in too", carrots, "0 heat-on; 10 steaming; 20 closed; 23 zero; 26 reached 13.6; 57 heat-off" + theEnd, run.NotAsTested, "closed after 10 minutes"},
		{"a logger's first samples are no zero", carrots, "0 heat-on; 10 steaming; 20 closed; 20.1 reading w0.1; 26 reading w13.2; 35 reading w13.2; 44 reading w13.3; 53 reading w13.2; 57 heat-off" + theEnd, run.AsTested, ""},
		{"a logger that fell to nothing on the way up", carrots, "0 heat-on; 10 steaming; 20 closed; 22 reading w8; 24 reading w0.1; 26 reading w13.2; 57 heat-off" + theEnd, run.NotAsTested, ""},
		{"the gas ran out and came back", carrots, toPressure + "40 heat-off; 43 heat-on; 50 reached; 80 heat-off" + theEnd, run.AsTested, ""},
		{"it had cooled when the heat came back", carrots, toPressure + "30 heat-off; 45 heat-on; 50 reached; 81 heat-off" + theEnd, run.NotAsTested, "4 minutes of 30"},
		{"a weight needs no reading, a dial beside it is for reference", run.Load{Method: "pressure", Class: "low-acid", Minutes: 30, PSI: 15, Gauge: "weighted", Vent: 10, Jars: 7}, "0 heat-on; 10 steaming; 20 closed; 26 reached; 40 reading 13; 57 heat-off" + theEnd, run.AsTested, ""},
		{"a logger beside a weight sees a dip", run.Load{Method: "pressure", Class: "low-acid", Minutes: 30, PSI: 15, Gauge: "weighted", Vent: 10, Jars: 7}, "0 heat-on; 10 steaming; 20 closed; 26 reached; 39 reading w15; 40 reading w14.2; 57 heat-off" + theEnd, run.NotAsTested, "13 minutes of 30"},
		{"a bath", dilly, "0 heat-on; 20 reached; 30 heat-off; 36 jars-out 9", run.AsTested, "10 minutes at a full boil, without a break"},
		{"a bath that stopped boiling", dilly, "0 heat-on; 20 reached; 25 lost; 27 reached; 32 heat-off; 38 jars-out 9", run.NotAsTested, "5 minutes of 10"},
		{"a thermometer in the bath", dilly, "0 heat-on; 20 reached; 25 reading 198F; 32 heat-off; 38 jars-out 9", run.NotAsTested, "5 minutes of 10"},
		{"a bath that never boiled", dilly, "0 heat-on; 30 heat-off; 38 jars-out 9", run.NotAsTested, "never was a full boil"},
		{"a steam canner with its lid lifted", run.Load{Method: "steam", Minutes: 10, Jars: 7}, "0 heat-on; 8 reached; 12 lid-off; 20 heat-off; 26 jars-out 7", run.NotAsTested, "4 minutes of 10"},
		{"the lid of a bath may be lifted", dilly, "0 heat-on; 20 reached; 24 lid-off; 30 heat-off; 36 jars-out 9", run.AsTested, ""},
		{"a slip taken back", carrots, toPressure + "40 lost; 41 undo 5; 57 heat-off" + theEnd, run.AsTested, ""},
		{"an undo taken back", carrots, toPressure + "40 lost; 41 undo 5; 42 undo 6; 57 heat-off" + theEnd, run.NotAsTested, "14 minutes of 30"},
		{"out, and never heated", dilly, "5 jars-out 9", run.Pending, ""},
	} {
		t.Run(x.name, func(t *testing.T) {
			require.NoError(t, x.load.Check())
			list := append(events(t, x.events), seen(1, 100)...)
			now := at(120)
			got := run.Judge(x.load, run.Of(x.load, list, now), now)
			assert.Equal(t, x.verdict, got.Verdict, got.Why)
			assert.Contains(t, strings.ToLower(got.Why), x.why)
			if x.verdict != run.Pending {
				assert.NotEmpty(t, got.Do)
			}
		})
	}
}

// While nobody is seen nothing is assumed.
func TestUnseen(t *testing.T) {
	list := append(events(t, toPressure+"57 heat-off"+theEnd), seen(26, 34)...)
	s := run.Of(carrots, list, at(120))
	require.NotNil(t, s.Asks)
	assert.Equal(t, run.Gap{From: at(34), Until: at(57)}, *s.Asks)
	j := run.Judge(carrots, s, at(120))
	assert.Equal(t, run.NotAsTested, j.Verdict)
	assert.Contains(t, j.Why, "from 12:34 to 12:57")

	held := append(list, run.Event{Number: 50, At: at(34), Kind: run.Stood, Until: at(57), Later: true})
	j = run.Judge(carrots, run.Of(carrots, held, at(120)), at(120))
	assert.Equal(t, run.AsTested, j.Verdict, j.Why)

	half := append(list, run.Event{Number: 50, At: at(34), Kind: run.Stood, Until: at(45), Later: true})
	assert.NotNil(t, run.Of(carrots, half, at(120)).Asks, "half of an answer")

	fell := append(list, run.Event{Number: 50, At: at(34), Kind: run.Lost, Later: true})
	s = run.Of(carrots, fell, at(120))
	assert.Nil(t, s.Asks)
	assert.Equal(t, run.NotAsTested, run.Judge(carrots, s, at(120)).Verdict)
}

// As long as the answer is out, nothing is judged; what was told afterwards is said to be so.
func TestBeforeTheAnswer(t *testing.T) {
	list := append(events(t, toPressure+"57 heat-off"), seen(26, 34)...)
	s := run.Of(carrots, list, at(60))
	require.NotNil(t, s.Asks)
	assert.Equal(t, run.Pending, run.Judge(carrots, s, at(60)).Verdict)

	whole := append(events(t, toPressure+"57 heat-off"+theEnd), seen(26, 57)...)
	whole[2].Later = true
	j := run.Judge(carrots, run.Of(carrots, whole, at(120)), at(120))
	assert.Equal(t, run.AsTested, j.Verdict)
	assert.Contains(t, strings.Join(j.Cares, " "), "One thing was told afterwards")
}

// A page that was left open counts while it is open, and asks at once when somebody comes back.
func TestUnseenNow(t *testing.T) {
	list := append(events(t, strings.TrimSuffix(toPressure, "; ")), seen(26, 30)...)
	assert.Nil(t, run.Of(carrots, list, at(40)).Asks)
	s := run.Of(carrots, list, at(41))
	require.NotNil(t, s.Asks)
	assert.Equal(t, run.Timing, s.Phase)
	assert.Zero(t, s.Complete)
	assert.Equal(t, 4*time.Minute, s.Best, "what nobody saw does not count")
}

func TestPhases(t *testing.T) {
	list := events(t, toPressure+"40 lost 12; 42 reached 13.6; 73 heat-off"+theEnd)
	list = append(list, seen(26, 73)...)
	for _, x := range []struct {
		minute float64
		phase  run.Phase
		ends   float64 // of the clock, 0 where none runs
	}{
		{-1, run.Loaded, 0}, {5, run.Heating, 0}, {12, run.Venting, 20}, {22, run.Rising, 0}, {30, run.Timing, 56}, {41, run.Below, 0}, {50, run.Timing, 72},
		{72.5, run.Done, 0}, {80, run.Falling, 0}, {90.5, run.Down, 0}, {95, run.Resting, 101}, {102, run.Open, 0}, {110, run.Out, 0},
	} {
		s := run.Of(carrots, list, at(x.minute))
		assert.Equal(t, x.phase, s.Phase, "%g", x.minute)
		if assert.Equal(t, x.ends != 0, s.Clock.Running(), "%g", x.minute) && x.ends != 0 {
			assert.Equal(t, at(x.ends), s.Clock.End(), "%g", x.minute)
		}
	}
	s := run.Of(carrots, list, at(110))
	assert.Equal(t, 2, s.Starts)
	assert.Equal(t, 7, s.Whole)
}

// What to do with jars that were not processed as tested depends on the time and the food.
func TestWhatToDo(t *testing.T) {
	short := append(events(t, toPressure+"50 heat-off"+theEnd), seen(26, 50)...)
	early := run.Judge(carrots, run.Of(carrots, short, at(60)), at(60))
	assert.Contains(t, early.Do[0], "still shut")
	soon := run.Judge(carrots, run.Of(carrots, short, at(200)), at(200))
	assert.Contains(t, soon.Do[0], "new lids")
	assert.Equal(t, at(50).Add(24*time.Hour), soon.Until)
	late := run.Judge(carrots, run.Of(carrots, short, at(50+24*60)), at(50+24*60))
	assert.Contains(t, strings.Join(late.Do, " "), "do not taste")
	assert.NotContains(t, strings.Join(late.Do, " "), "new lids")

	cold := append(events(t, "0 heat-on; 20 reached; 25 heat-off; 36 jars-out 9"), seen(20, 25)...)
	sour := run.Judge(dilly, run.Of(dilly, cold, at(3000)), at(3000))
	assert.Contains(t, strings.Join(sour.Do, " "), "mould")
}

func TestCares(t *testing.T) {
	hurried := append(events(t, toPressure+"57 heat-off; 90 zero; 91 opened-up; 95 lid-off; 97 jars-out 7"), seen(26, 57)...)
	j := run.Judge(carrots, run.Of(carrots, hurried, at(120)), at(120))
	assert.Equal(t, run.AsTested, j.Verdict)
	require.Len(t, j.Cares, 1)
	assert.Contains(t, j.Cares[0], "10 minutes")

	night := append(events(t, toPressure+"57 heat-off; 90 zero; 91 opened-up; 500 lid-off; 501 jars-out 7"), seen(26, 57)...)
	j = run.Judge(carrots, run.Of(carrots, night, at(600)), at(600))
	assert.Contains(t, strings.Join(j.Cares, " "), "7 hours in the closed canner")
}

// The seals are tested on the next day, of jars that may go on the shelf, every one counted.
func TestSeals(t *testing.T) {
	list := append(events(t, toPressure+"57 heat-off"+theEnd), seen(26, 57)...)
	check := func(list []run.Event, hours float64, seals run.Seals) string {
		now := at(105 + 60*hours)
		s := run.Of(carrots, list, now)
		if err := seals.Check(s, run.Judge(carrots, s, now), now); err != nil {
			return err.Error()
		}
		return ""
	}
	assert.Empty(t, check(list, 14, run.Seals{Sealed: 7}))
	assert.Empty(t, check(list, 14, run.Seals{Sealed: 5, Unsealed: 2, Went: run.Reprocessed}))
	assert.Contains(t, check(list, 3, run.Seals{Sealed: 7}), "still cooling: test them from Sunday 01:45 on")
	assert.Contains(t, check(list, 14, run.Seals{Sealed: 6}), "make 6")
	assert.Contains(t, check(list, 14, run.Seals{Sealed: 8, Unsealed: -1}), "make 7")
	assert.Contains(t, check(list, 14, run.Seals{Sealed: 6, Unsealed: 1}), "Choose")
	assert.Contains(t, check(list, 30, run.Seals{Sealed: 6, Unsealed: 1, Went: run.Reprocessed}), "too late")
	short := append(events(t, toPressure+"50 heat-off"+theEnd), seen(26, 50)...)
	assert.Contains(t, check(short, 14, run.Seals{Sealed: 7}), "not processed as tested")
	night := append(events(t, toPressure+"57 heat-off; 90 zero; 91 opened-up; 500 lid-off; 501 jars-out 7"), seen(26, 57)...)
	assert.Contains(t, check(night, 24, run.Seals{Sealed: 7}), "kept in the refrigerator")
	opened := append(events(t, toPressure+"57 heat-off; 90 zero; 91 opened-up; 105 lid-off; 501 jars-out 7"), seen(26, 57)...)
	assert.Empty(t, check(opened, 24, run.Seals{Sealed: 7}), "with the lid off they do not stand warm")

	assert.Equal(t, 15, carrots.BoilFirst(5240))
	assert.Zero(t, dilly.BoilFirst(5240))
	acid := carrots
	acid.Class = "acid"
	assert.Zero(t, acid.BoilFirst(5240))
}

// What nobody saw is told by the clock of the kitchen.
func TestTimesOfTheKitchen(t *testing.T) {
	list := append(events(t, toPressure+"57 heat-off"+theEnd), seen(26, 34)...)
	now := at(120).In(time.FixedZone("here", -7*3600))
	assert.Contains(t, run.Judge(carrots, run.Of(carrots, list, now), now).Why, "from 05:34 to 05:57")
}

func TestLoadsThatAreNone(t *testing.T) {
	for name, spoil := range map[string]func(*run.Load){
		"low-acid food":   func(l *run.Load) { l.Method = "water-bath" },
		"45 minutes":      func(l *run.Load) { *l = run.Load{Method: "steam", Minutes: 46, Jars: 1} },
		"no canner":       func(l *run.Load) { l.Method = "oven" },
		"one jar":         func(l *run.Load) { l.Jars = 0 },
		"none":            func(l *run.Load) { l.Minutes = 0 },
		"has a pressure":  func(l *run.Load) { l.PSI = 0 },
		"a dial or":       func(l *run.Load) { l.Gauge = "both" },
		"10 minutes or":   func(l *run.Load) { l.Vent = 7 },
		"reading to hold": func(l *run.Load) { l.Hold = 0 },
	} {
		l := carrots
		spoil(&l)
		assert.ErrorContains(t, l.Check(), name)
	}
}

// What stands in a canner together is judged by the food that does most harm.
func TestGraver(t *testing.T) {
	for _, c := range [][3]string{
		{"acid", "low-acid", "low-acid"}, {"low-acid", "acidified", "low-acid"}, {"acid", "acidified", "acidified"}, {"acid", "acid", "acid"},
	} {
		require.Equal(t, c[2], run.Graver(c[0], c[1]))
	}
}
