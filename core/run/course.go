package run

import (
	"slices"
	"time"
)

// Of computes where the run stands at now. It takes time in proportion to the events, but
// for sorting them.
func Of(l Load, events []Event, now time.Time) State {
	c := course{load: l, State: State{Phase: Loaded}}
	list := Standing(events)
	for _, e := range list {
		if e.Kind == Stood {
			c.held = append(c.held, Gap{e.At, e.Until})
		}
	}
	for i := range list {
		e := &list[i]
		if e.At.After(now) {
			break // told with a time that is still to come
		}
		c.unseen(e.At)
		c.take(e)
		c.seen = e.At
	}
	c.unseen(now)
	c.count(now)
	return c.State
}

// course follows the events.
type course struct {
	State
	load Load
	held []Gap // stretches of which somebody said that it held
	// seen is when somebody was there last; steam since when it flows, from since when the
	// time counts: zero where it does not.
	// good is the last sample of a logger that was high enough.
	seen, steam, from, good time.Time
	before                  time.Duration // the longest of the stretches before this one
	// closed is true while the weight is on, vented once all air is out, zero once the
	// pressure is down.
	// risen once a logger has shown pressure in the closed canner.
	closed, vented, zero, risen bool
}

// unseen asks about a stretch up to at in which nobody was seen while the time counted.
func (c *course) unseen(at time.Time) {
	if c.from.IsZero() || c.Asks != nil || at.Sub(c.seen) <= Unseen {
		return
	}
	c.count(c.seen)
	if !c.Complete.IsZero() {
		return
	}
	until := at
	if end := c.from.Add(c.load.whole()); end.Before(until) {
		until = end
	}
	if !slices.ContainsFunc(c.held, func(g Gap) bool { return !g.From.After(c.seen) && !g.Until.Before(until) }) {
		c.Asks = &Gap{c.seen, at}
	}
}

// count lets the clock of the process run up to at.
func (c *course) count(at time.Time) {
	if c.from.IsZero() || c.Asks != nil {
		return
	}
	c.Best = max(c.before, at.Sub(c.from))
	if !c.Complete.IsZero() || at.Sub(c.from) < c.load.whole() {
		return
	}
	c.Complete = c.from.Add(c.load.whole())
	c.enter(Done, c.Complete)
}

// enter begins a phase, without a clock.
func (c *course) enter(p Phase, at time.Time) { c.Phase, c.Since, c.Clock = p, at, Clock{} }

// take follows one event.
func (c *course) take(e *Event) {
	switch {
	case c.Phase == Out, c.Phase == Open && e.Kind != JarsOut && e.Kind != HeatOff:
		return // over: a slip is taken back, not gone on from
	case e.Kind == Reading:
		c.read(e)
		return
	}
	c.count(e.At)
	if e.Later && e.Kind != Note && e.Kind != Seen {
		c.Later++
	}
	if step := steps[e.Kind]; step != nil {
		step(c, e)
	}
}

// steps are what each kind of event does; the others are for reading.
var steps = map[Kind]func(*course, *Event){
	HeatOn: (*course).heatOn, Steaming: (*course).steaming, Faltered: (*course).faltered, Closed: (*course).close,
	Reached: (*course).reached, Lost: func(c *course, e *Event) { c.lost(e.At) },
	HeatOff: (*course).heatOff, Zero: (*course).down, Forced: (*course).forced, WeightOff: (*course).opened,
	LidOff: (*course).lidOff, JarsOut: (*course).jarsOut,
}

// cold is how long the heat may be off before a closed canner counts as down, with air in
// it: half of what the smallest jars took in the model of heat and pressure that this
// program was checked with (20 minutes); no source.
const cold = 10 * time.Minute

func (c *course) heatOn(e *Event) {
	if c.Heat {
		return
	}
	off := c.HeatOff
	c.Heat, c.HeatOff = true, time.Time{}
	switch {
	case !c.Complete.IsZero(): // the time is over; more heat takes nothing from it
	case c.closed:
		if c.zero || !off.IsZero() && e.At.Sub(off) > cold {
			c.vented = false
		}
		c.Airy, c.zero = !c.vented, false
		c.enter(Rising, e.At)
	default:
		c.enter(Heating, e.At)
	}
}

func (c *course) steaming(e *Event) {
	if !c.load.pressure() || !c.Heat || c.closed || !c.steam.IsZero() || !c.Complete.IsZero() {
		return
	}
	c.steam = e.At
	c.enter(Venting, e.At)
	c.Clock = Clock{e.At, c.load.venting()}
}

func (c *course) faltered(e *Event) {
	if c.Phase != Venting {
		return
	}
	c.steam = time.Time{}
	c.enter(Heating, e.At)
}

// close ends the vent: only steam that flowed without a break until now has driven the air out.
func (c *course) close(e *Event) {
	if !c.load.pressure() || c.closed || !c.Complete.IsZero() {
		return
	}
	c.closed, c.zero, c.risen, c.Vent = true, false, false, 0
	if !c.steam.IsZero() {
		c.Vent = e.At.Sub(c.steam)
	}
	c.vented = c.Heat && c.Vent >= c.load.venting()
	c.Airy = !c.vented
	c.steam = time.Time{}
	if c.Heat {
		c.enter(Rising, e.At)
	}
}

// reached starts the clock of the process, where everything before it was done.
func (c *course) reached(e *Event) {
	if !c.Heat || !c.from.IsZero() || !c.Complete.IsZero() {
		return
	}
	if c.load.pressure() && (!c.closed || !c.vented) {
		return
	}
	if low, says := c.load.below(e); says && low {
		return
	}
	c.from, c.Asks, c.wrong = e.At, nil, "" // what went wrong before is made good from here
	c.Starts++
	c.enter(Timing, e.At)
	c.Clock = Clock{e.At, c.load.whole()}
}

// lost stops the clock: the whole time begins again. After the time is over it takes nothing.
func (c *course) lost(at time.Time) {
	if c.from.IsZero() {
		return
	}
	c.from, c.Asks, c.before = time.Time{}, nil, c.Best
	if c.Complete.IsZero() {
		c.enter(Below, at)
	}
}

// heatOff ends the clock. What was not seen before it is still asked about.
func (c *course) heatOff(e *Event) {
	if !c.Heat {
		return
	}
	c.Heat, c.HeatOff, c.from, c.steam, c.before = false, e.At, time.Time{}, time.Time{}, c.Best
	switch {
	case c.Phase == Open:
	case c.load.pressure():
		c.enter(Falling, e.At)
	default:
		c.enter(Resting, e.At)
		if !c.Complete.IsZero() {
			c.Clock = Clock{e.At, restBath}
		}
	}
}
