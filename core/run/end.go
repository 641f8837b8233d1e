package run

import (
	"time"

	"damson/core/procedure"
)

// The rests at the end of a run, before the lid and before the jars (USDA Complete Guide 2015,
// guide 1, from memory).
const (
	restPressure = 10 * time.Minute
	restBath     = 5 * time.Minute
)

// soonest is how long a closed canner of pints takes to fall, at the very least: common practice, no source. The
// guide has about 30 minutes for them, and 20 to 24 come out of the balance of heat of a thin pot of half-pints.
const soonest = 8 * time.Minute

// The reasons of an end that is not as tested: the time in which the canner cools by itself is
// part of the process.
const (
	letOut    = "the pressure was let out or cooled down by force, and the slow fall is part of the process"
	liftedOff = "the weight was lifted before the pressure was at zero"
	fellFast  = "the pressure was at zero minutes after the heat went off, which no canner does by itself: " +
		"if that time is wrong, take it back and tell it with the right one"
	openedHot = "the canner was opened when nothing had said that the pressure was at zero"
)

func (c *course) spoil(reason string) {
	if c.wrong == "" {
		c.wrong = reason
	}
}

func (c *course) care(s string) { c.cares = append(c.cares, s) }

// down notes that the pressure is at zero by itself. Air comes in then.
func (c *course) down(e *Event) {
	if !c.load.pressure() || !c.closed || c.zero {
		return
	}
	if c.Heat {
		if e.Kind == Zero || c.risen { // not the first samples of a canner that was just closed
			c.lost(e.At)
			c.vented, c.Airy = false, c.Complete.IsZero()
		}
		return
	}
	if !c.Complete.IsZero() && !c.HeatOff.IsZero() && e.At.Sub(c.HeatOff) < soonest {
		c.spoil(fellFast)
	}
	c.zero, c.vented = true, false
	if c.Phase == Falling {
		c.enter(Down, e.At)
	}
}

func (c *course) forced(e *Event) {
	if !c.load.pressure() || !c.closed || c.zero {
		return
	}
	c.lost(e.At)
	if !c.Heat || !c.Complete.IsZero() {
		c.spoil(letOut)
	}
}

// opened takes the weight off: to vent anew, or at the end.
func (c *course) opened(e *Event) {
	if !c.load.pressure() || !c.closed {
		return
	}
	c.closed = false
	if c.Heat && c.Complete.IsZero() {
		c.lost(e.At)
		c.vented, c.Airy, c.Vent = false, false, 0
		c.enter(Heating, e.At)
		return
	}
	if !c.zero {
		c.spoil(liftedOff)
	}
	c.enter(Resting, e.At)
	c.Clock = Clock{e.At, restPressure}
}

func (c *course) lidOff(e *Event) {
	switch {
	case c.Phase == Loaded:
		return
	case c.Heat && c.Complete.IsZero():
		c.lifted(e)
		return
	case c.load.pressure():
		c.lidOffPressure(e)
	}
	c.LidOffAt = e.At
	c.enter(Open, e.At)
}

// lifted takes the lid off before the time is over: air is in again, but in a bath it harms
// nothing.
func (c *course) lifted(e *Event) {
	if c.load.Method == procedure.WaterBath {
		return
	}
	c.lost(e.At)
	c.closed, c.vented, c.Airy, c.Vent, c.steam = false, false, false, 0, time.Time{}
	c.enter(Heating, e.At)
}

func (c *course) lidOffPressure(e *Event) {
	c.lost(e.At)
	switch {
	case c.closed && !c.zero, c.Heat:
		c.spoil(openedHot)
	case c.closed, e.At.Sub(c.Since) < restPressure:
		c.care("The lid came off before the canner had stood 10 minutes without its weight: " +
			"look for lost liquid, and test these seals first.")
	}
	c.closed, c.vented = false, false
}

func (c *course) jarsOut(e *Event) {
	if c.Phase == Loaded {
		return
	}
	switch {
	case c.load.pressure() && c.Phase != Open:
		c.lidOffPressure(e)
	case c.Phase == Resting && e.At.Sub(c.Since) < restBath:
		c.care("The jars came out before they had stood 5 minutes with the heat off: " +
			"look for lost liquid, and test these seals first.")
	}
	if e.Broken > 0 {
		c.care("A jar broke: look into the water for glass, and wipe the others down.")
	}
	c.lost(e.At)
	c.OutAt, c.Whole, c.Broken = e.At, e.Jars, e.Broken
	c.enter(Out, e.At)
}
