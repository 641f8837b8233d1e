package practice

import (
	"math/rand/v2"
	"slices"

	"damson/core/procedure"
	"damson/core/run"
)

// Fault is something that goes wrong at the stove.
type Fault struct {
	// Sign says how it shows, and what is to be done.
	ID, Name, Sign string
	from, to       float64 // seconds after the pot was put on
	burner         float64 // the share of the flame that is left meanwhile
	hole           float64 // m² that leaks
	water          float64 // kg that went in, where it is not enough
	offset         float64 // psi that the dial shows too much
	shut           bool    // only a canner under pressure has it
	hands          hands
}

// hands are those of somebody else at the stove.
type hands int

const (
	noHands hands = iota
	closes        // they put the weight on before steam flows
	lifts         // they lift the weight once the heat is off
)

// early is by how many °C below the boil the weight goes on too early.
const early = 12.0

// lifted is for how many seconds the heat is off when impatient hands lift the weight.
const lifted = 90.0

// Faults are all that can be chosen; the first is none.
var Faults = []Fault{
	{Name: "nothing goes wrong"},
	{ID: "low-flame", Name: "the flame sinks", from: 3300, to: 3900, burner: 0.1,
		Sign: "The pressure falls slowly, and comes back when the flame is turned up: " +
			"whatever was timed before counts for nothing."},
	{ID: "power-cut", Name: "the power fails", from: 3600, to: 4200,
		Sign: "The pressure falls for ten minutes. When the power is back the whole time begins again."},
	{ID: "leak", shut: true, Name: "steam leaks at the gasket", to: 1e9, burner: 1, hole: 9e-6,
		Sign: "It never comes to its pressure, or takes all of the flame to hold it: " +
			"the gasket is looked at before the next load."},
	{ID: "weight-early", shut: true, Name: "somebody puts the weight on too early", burner: 1, hands: closes,
		Sign: "The gauge climbs while steam should still flow. Air is shut in, and the pot is colder than its gauge " +
			"says: weight off, and the ten minutes of steam begin."},
	{ID: "dry", shut: true, Name: "it boils dry", to: 1e9, burner: 1, hole: 3e-7, water: 0.8,
		Sign: "The pressure falls whatever the flame does, and the pot grows hotter than its steam: heat off. " +
			"The jars have not had their process."},
	{ID: "dial-high", shut: true, Name: "the dial shows 1.5 psi too much", to: 1e9, burner: 1, offset: 1.5,
		Sign: "The dial stands where it should, and the pot is colder than that. Nobody sees it at the stove: " +
			"a dial is tested once a year."},
	{ID: "impatient", shut: true, Name: "impatient hands", burner: 1, hands: lifts,
		Sign: "The pressure is gone minutes after the heat: somebody lifted the weight. " +
			"The slow fall is part of the process."},
}

// Drawn is the id that asks for a fault drawn by lot.
const Drawn = "drawn"

// Choose returns the fault of an id, one of them by lot for Drawn, that a load can have; else the first, which is none.
func Choose(id string, l *run.Load) Fault {
	can := slices.DeleteFunc(slices.Clone(Faults), func(f Fault) bool {
		return f.shut && l.Method != procedure.Pressure || f.offset > 0 && l.Hold == 0
	})
	if id == Drawn {
		return can[1+rand.IntN(len(can)-1)]
	}
	if i := slices.IndexFunc(can, func(f Fault) bool { return f.ID == id }); i >= 0 {
		return can[i]
	}
	return Faults[0]
}

// Came reports whether it went wrong within so many seconds after the pot was put on.
func (f *Fault) Came(seconds float64) bool { return f.ID != "" && seconds >= f.from }

// FaultBy returns the fault of an id, the first where there is none.
func FaultBy(id string) Fault {
	for _, f := range Faults {
		if f.ID == id {
			return f
		}
	}
	return Faults[0]
}

func (f *Fault) on(second float64) bool { return f.ID != "" && second >= f.from && second < f.to }

func (f *Fault) flame(second float64) float64 {
	if f.on(second) {
		return f.burner
	}
	return 1
}

func (f *Fault) leak(second float64) float64 {
	if f.on(second) {
		return f.hole
	}
	return 0
}

// meddle is what somebody else's hands do.
func (p *Pot) meddle() {
	switch {
	case p.fault.hands == closes && !p.meddled && p.t > p.boil()-early:
		p.Vent, p.meddled = false, true
	case p.fault.hands == lifts && !p.meddled && p.off > 0 && p.second-p.off > lifted:
		p.Vent, p.meddled = true, true
	}
}

// told does to the pot what somebody said that they did.
func (p *Pot) told(k run.Kind) {
	switch k {
	case run.HeatOn:
		p.Burner, p.off = 1, 0
	case run.HeatOff:
		p.Burner, p.off = 0, p.second
	case run.Closed:
		p.Vent, p.meddled = false, p.meddled || p.fault.hands == closes
	case run.WeightOff, run.LidOff, run.Forced:
		p.Vent = true
	case run.Faltered:
		if p.meddled && p.fault.hands == closes { // whoever tells it takes the weight off again
			p.Vent = true
		}
	}
}
