package practice

// Fault is something that goes wrong at the stove.
type Fault struct {
	ID, Name, Sign string
	from, to       float64 // seconds after the pot was put on
	burner         float64 // the share of the flame that is left meanwhile
	hole           float64 // m² that leaks
}

// Faults are all that can be chosen; the first is none.
var Faults = []Fault{
	{ID: "", Name: "nothing goes wrong", Sign: ""},
	{ID: "low-flame", Name: "the flame sinks", Sign: "The pressure falls slowly, and comes back when the flame is turned up: whatever was timed before counts for nothing.", from: 3300, to: 3900, burner: 0.1},
	{ID: "power-cut", Name: "the power fails", Sign: "The pressure falls for ten minutes. When the power is back the whole time begins again.", from: 3600, to: 4200},
	{ID: "leak", Name: "steam leaks at the gasket", Sign: "It never comes to its pressure, or takes all of the flame to hold it: the gasket is looked at before the next load.", from: 0, to: 1e9, burner: 1, hole: 9e-6},
}

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
