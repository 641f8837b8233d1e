package practice

import (
	"time"

	"damson/core/procedure"
	"damson/core/run"
)

// Sample is what the practice canner shows at a moment.
type Sample struct {
	At time.Time
	// PSI is its pressure, Shown what its gauge shows, F its temperature in °F.
	PSI, Shown, F float64
	// Steams is true while steam flows, or the water boils, without a break.
	Steams, Dry bool
}

// every is how far apart the samples lie.
const every = 30 * time.Second

// longestRun is how far a run is followed: a day in the kitchen.
const longestRun = 16 * time.Hour

// Place is a practice canner in a kitchen: its load, how high it lies in feet, whether the jars
// are quarts, and what goes wrong.
type Place struct {
	Load   run.Load
	Feet   float64
	Quarts bool
	Fault  Fault
}

// Follow lets the practice canner do what was told of a run, from start to now, and returns
// what it showed: what somebody tells of the heat and the weight is what they did to it. At
// the stove stands a careful cook, who turns the flame so that the pressure stays a little
// above what is to be held. The same events give the same samples.
func (x Place) Follow(events []run.Event, start, now time.Time) []Sample {
	l := x.Load
	p := New(x.Feet, l.Method == procedure.Pressure, x.Quarts, l.Jars, x.Fault)
	p.Set = aim(l)
	if l.Hold == 0 { // a weight lets go by the pressure, whatever a gauge beside it shows
		p.fault.offset = 0
	}
	list := run.Standing(events)
	if end := start.Add(longestRun); now.After(end) {
		now = end
	}
	var out []Sample
	at, next := start, start
	for i := 0; ; {
		for i < len(list) && !list[i].At.After(at) {
			p.told(list[i].Kind)
			i++
		}
		if !at.Before(next) || at.Equal(now) {
			out = append(out, Sample{at, p.Gauge(), p.shown(), p.F(), p.Steams(), p.Dry()})
			next = at.Add(every)
		}
		if !at.Before(now) {
			return out
		}
		to := earliest(now, next)
		if i < len(list) && list[i].At.After(at) {
			to = earliest(to, list[i].At)
		}
		p.cook(l, to.Sub(at).Seconds())
		at = to
	}
}

func earliest(a, b time.Time) time.Time {
	if b.Before(a) {
		return b
	}
	return a
}

// aim is what the weight lets go at, or a little above what a dial is held at; 0 for a bath.
func aim(l run.Load) float64 {
	if l.Method != procedure.Pressure {
		return 0
	}
	return float64(l.PSI) + 0.3
}

// cook lets seconds go by, with the flame as a careful cook has it.
func (p *Pot) cook(l run.Load, seconds float64) {
	on := p.Burner > 0
	for seconds > 1e-9 {
		dt := min(step, seconds)
		if on && p.pressure && !p.Vent {
			p.Burner = min(max(0.35+0.5*(p.Set-p.shown()), 0.05), 1)
		}
		p.turn(dt)
		p.meddle()
		seconds -= dt
	}
}
