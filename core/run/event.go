package run

import (
	"slices"
	"time"
)

// Kind is what happened.
type Kind string

// The kinds of event.
const (
	HeatOn    Kind = "heat-on"
	Steaming  Kind = "steaming"  // steam flows steadily out of the vent
	Faltered  Kind = "faltered"  // it does no longer
	Closed    Kind = "closed"    // the weight is on, or the petcock shut
	Reached   Kind = "reached"   // at pressure, at a full boil, or full of steady steam
	Lost      Kind = "lost"      // below pressure; the boil, the steam or the water over the jars is lost
	HeatOff   Kind = "heat-off"  // and nothing helps it along
	Zero      Kind = "zero"      // the pressure is down by itself
	Forced    Kind = "forced"    // cooled with water, or let out
	WeightOff Kind = "opened-up" // to vent anew, or at the end
	LidOff    Kind = "lid-off"
	JarsOut   Kind = "jars-out"
	Reading   Kind = "reading"
	Note      Kind = "note"
	Stood     Kind = "stood" // somebody stood by it while Damson saw nothing, and it held
	Seen      Kind = "seen"  // a page is open on it
	Undo      Kind = "undo"
)

// Kinds are all there are, in the order of a run.
var Kinds = []Kind{HeatOn, Steaming, Faltered, Closed, Reached, Lost, HeatOff, Zero, Forced, WeightOff, LidOff, JarsOut, Reading, Note, Stood, Seen, Undo}

// Known reports whether there is such a kind.
func (k Kind) Known() bool { return slices.Contains(Kinds, k) }

// Event is one thing that happened at the canner.
type Event struct {
	// Number is the event's own, from 1, in the order in which the events were told.
	Number int
	At     time.Time
	Kind   Kind
	// PSI is what a gauge showed, of a reading or where the pressure was reached or lost;
	// Gauged is true where somebody said, Logger where a logger measured the pressure itself.
	PSI            float64
	Gauged, Logger bool
	// F is a temperature in the canner in °F, 0 where there is none.
	F float64
	// Jars are those that came out whole, Broken those that did not.
	Jars, Broken int
	// Of is the number of the event that an undo takes back.
	Of int
	// Until is the end of a stretch that began At, of Stood.
	Until time.Time
	Text  string
	// Later is true where it was told afterwards, with a time of its own.
	Later bool
}

// told reports an event that a person told, and an undo takes back.
func (e *Event) told() bool { return e.Kind != Undo && e.Kind != Seen && !e.Logger }

// Standing returns the events that nobody took back, by the time at which they happened.
func Standing(events []Event) []Event {
	gone := map[int]bool{}
	for _, e := range slices.Backward(events) {
		if e.Kind == Undo && !gone[e.Number] {
			gone[e.Of] = true
		}
	}
	out := make([]Event, 0, len(events))
	for _, e := range events {
		if e.Kind != Undo && !gone[e.Number] {
			out = append(out, e)
		}
	}
	slices.SortStableFunc(out, func(a, b Event) int { return a.At.Compare(b.At) })
	return out
}

// Undone are the numbers of the events that were taken back.
func Undone(events []Event) map[int]bool {
	stay := map[int]bool{}
	for _, e := range Standing(events) {
		stay[e.Number] = true
	}
	out := map[int]bool{}
	for _, e := range events {
		if e.Kind != Undo && !stay[e.Number] {
			out[e.Number] = true
		}
	}
	return out
}

// Last is the newest event that an undo takes back, and false where there is none.
func Last(events []Event) (Event, bool) {
	gone := Undone(events)
	for _, e := range slices.Backward(events) {
		if e.told() && !gone[e.Number] {
			return e, true
		}
	}
	return Event{}, false
}
