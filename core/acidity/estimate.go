package acidity

import (
	"fmt"
	"math"

	"damson/core/food"
)

// The classes of a mixture.
const (
	// Acid: the whole range lies at or under the limit by the food's own acid.
	Acid = "acid"
	// Acidified: the whole range lies at or under it, but only with the acid added.
	Acidified = "acidified"
	// Borderline: the range straddles the limit.
	Borderline = "borderline"
	// LowAcid: the whole range lies above it.
	LowAcid = "low-acid"
	// Unknown: something that could matter has no data.
	Unknown = "unknown"
)

// Missing is an ingredient that the model has no figures for, or no amount.
type Missing struct {
	Food string `json:"food"`
	Line int    `json:"line,omitempty"`
	// Why says what is missing.
	Why string `json:"why"`
	// Matters says how much of it could move the mixture over the limit; empty
	// where that cannot be said.
	Matters string `json:"matters,omitempty"`
}

// Estimate is where a mixture stands against pH 4.6. The figures are nil where
// none can be given.
type Estimate struct {
	Class string `json:"class"`
	// Low and High are the exact bounds widened by Allowance, Mid the nominal
	// value.
	Low  *float64 `json:"ph_low"`
	Mid  *float64 `json:"ph_mid"`
	High *float64 `json:"ph_high"`
	// Above is the share of random draws over the limit, nil where none were made.
	Above   *float64  `json:"p_above"`
	Drivers []Driver  `json:"drivers"`
	Missing []Missing `json:"missing,omitempty"`
	// Notes say what the figure rests on and what it leaves out.
	Notes []string `json:"notes,omitempty"`
}

// roughShare is the share of the weight above which protein and starch make an
// acid result uncertain: their buffering is known to a factor only, and what is
// known errs to the unsafe side.
const roughShare = 0.10

// Estimate returns where the mixture stands, with n random draws of the seed;
// n = 0 leaves the draws out. missing are the ingredients that the mixture does
// not hold for want of data.
func (m *Mixture) Estimate(n int, seed uint64, missing []Missing) Estimate {
	e := Estimate{Class: Unknown, Drivers: []Driver{}, Missing: missing}
	mid, err := m.PH()
	if err != nil {
		if len(missing) == 0 {
			e.Notes = append(e.Notes, "No estimate: "+err.Error()+".")
		}
		return e
	}
	low, high, err := m.Bounds()
	if err != nil || math.IsNaN(low+high) {
		e.Notes = append(e.Notes, "No estimate: the amounts do not make a mixture.")
		return e
	}
	low, high = low-Allowance, high+Allowance
	if d, err := m.Drivers(); err == nil {
		e.Drivers = d
	}
	matters := e.weigh(m, high)
	if !matters {
		e.Low, e.Mid, e.High = &low, &mid, &high
		e.Class = m.class(low, high)
		if n > 0 {
			if d, err := m.Sample(n, seed); err == nil {
				e.Above = &d.Above
			}
		}
	}
	if e.Class == Acid || e.Class == Acidified {
		if name, share := m.rough(); share > roughShare {
			e.Class = Unknown
			e.Notes = append(e.Notes, fmt.Sprintf("Protein and starch (%s) are %.0f %% of the weight; how much acid they bind is known only roughly, so a low estimate proves nothing.", name, 100*share))
		}
	}
	return e
}

// class sorts a range against the limit.
func (m *Mixture) class(low, high float64) string {
	switch {
	case low > Limit:
		return LowAcid
	case high > Limit:
		return Borderline
	}
	rest := m.Without(func(p *Part) bool { return p.Added })
	if len(rest.Parts) < len(m.Parts) {
		if _, own, err := rest.Bounds(); err != nil || own+Allowance > Limit {
			return Acidified
		}
	}
	return Acid
}

// rough returns the heaviest part of protein or starch, and the share of all
// such parts in the weight of the mixture.
func (m *Mixture) rough() (name string, share float64) {
	all, rough, most := 0.0, 0.0, 0.0
	for i := range m.Parts {
		p := &m.Parts[i]
		all += p.Mass.Mid
		if p.Profile.Rough {
			rough += p.Mass.Mid
			if p.Mass.Mid > most {
				name, most = p.Name, p.Mass.Mid
			}
		}
	}
	if all == 0 {
		return "", 0
	}
	return name, rough / all
}

// weigh asks of every missing ingredient whether it could matter, writes how
// much of it would, and reports whether any does.
func (e *Estimate) weigh(m *Mixture, high float64) bool {
	if len(e.Missing) == 0 {
		return false
	}
	worst := m.tolerates(high)
	for i := range e.Missing {
		switch {
		case high > Limit:
			e.Missing[i].Matters = "the range reaches over 4.6 without it"
		case worst < 0.001:
			e.Missing[i].Matters = "a gram of a low-acid food would already matter"
		default:
			e.Missing[i].Matters = fmt.Sprintf("more than about %.0f g of a low-acid food would lift the range over 4.6", worst*1000)
		}
	}
	return true
}

// worstVegetable is what an unknown food is taken for: a starchy vegetable of
// high pH that binds much acid.
var worstVegetable = &Profile{ID: "worst", Water: 0.77, PH: 7.3, Mmol: map[string]float64{"citric": 5, "malic": 4, "phosphoric": 28, "COO": 87, "MID": 18, "AMN": 40}, Salt: 8, Foods: []string{"-"}}

// tolerates returns the kg of the worst vegetable with which the top of the
// range comes up to the limit.
func (m *Mixture) tolerates(high float64) float64 {
	if err := worstVegetable.check(); err != nil || high >= Limit {
		return 0
	}
	mid, err := m.PH()
	if err != nil {
		return 0
	}
	lift := high - mid // the width of the range is taken to stay
	lo, hi := 0.0, 0.0
	for i := range m.Parts {
		hi += 3 * m.Parts[i].Mass.Mid
	}
	f := &food.Food{Names: []string{"worst"}}
	for range 30 {
		x := (lo + hi) / 2
		with := &Mixture{Parts: append(append([]Part{}, m.Parts...), NewPart(f, worstVegetable, Exactly(x), 0))}
		with.Parts[len(with.Parts)-1].PH = Exactly(worstVegetable.PH)
		if ph, err := with.PH(); err == nil && ph+lift < Limit {
			lo = x
		} else {
			hi = x
		}
	}
	return lo
}
