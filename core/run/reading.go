package run

import (
	"time"

	"damson/core/procedure"
)

// What a logger may show below a weight, in psi, and a thermometer below the boil, in °F
// (common practice, no source): instruments differ by so much. Neither starts a clock there.
const (
	besideWeight = 0.5
	belowBoil    = 2.0
)

// atZero is a pressure that a logger shows of a canner that is down, risen one that only a closed
// canner has, in psi; common practice, no source.
const (
	atZero = 0.2
	risen  = 2.0
)

// below reports whether what an event tells lies below what the process needs, and whether it
// says anything of that. A logger measures the pressure itself, a dial is held at its
// corrected reading, a weight governs without being read: a dial beside it is for reference.
func (l *Load) below(e *Event) (low, says bool) {
	switch {
	case l.Method == procedure.WaterBath || l.Method == procedure.Steam:
		return e.F < l.BoilF-belowBoil, e.F != 0 && l.BoilF != 0
	case !e.Gauged:
		return false, false
	case e.Logger && l.Gauge == weighted:
		return e.PSI < float64(l.PSI)-besideWeight, true
	case e.Logger:
		return e.PSI < float64(l.PSI), true
	case l.Gauge == dial:
		return e.PSI < l.Hold, true
	}
	return false, false
}

// read takes a reading. A low one read by hand is a loss like one that was pressed. A
// logger knows only its samples: the pressure is known to have held until the last good one.
// A reading of a dial that is high enough starts the clock.
func (c *course) read(e *Event) {
	low, says := c.load.below(e)
	c.risen = c.risen || c.closed && e.Logger && e.PSI > risen
	switch {
	case says && low && e.Logger:
		c.revoke(maxTime(c.good, c.from))
		c.lost(e.At)
		if c.load.pressure() && e.PSI <= atZero {
			c.down(e)
		}
	case says && low:
		c.count(e.At)
		c.lost(e.At)
	default:
		c.count(e.At)
		if says && c.load.pressure() && c.load.Gauge == dial {
			c.reached(e)
		}
		if e.Logger {
			c.good = e.At
		}
	}
}

// revoke takes back what was counted of this stretch after the moment until which it is known.
func (c *course) revoke(known time.Time) {
	if c.from.IsZero() {
		return
	}
	c.Best = max(c.before, known.Sub(c.from))
	if c.Complete.After(known) {
		c.Complete = time.Time{}
	}
}

func maxTime(a, b time.Time) time.Time {
	if a.After(b) {
		return a
	}
	return b
}
