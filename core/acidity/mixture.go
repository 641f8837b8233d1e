package acidity

import (
	"math"

	"damson/core/food"
)

// Limit is the pH at or under which a food counts as acid (21 CFR 114.3).
const Limit = 4.6

// Allowance is added to both ends of every range for what the model itself
// leaves out: activities, constants, averaged composition (judgement).
const Allowance = 0.15

// Span is a quantity with its range.
type Span struct{ Low, Mid, High float64 }

// Exactly is a span without width.
func Exactly(v float64) Span { return Span{v, v, v} }

// Around is a span of v from low times to high times v.
func Around(v, low, high float64) Span { return Span{v * low, v, v * high} }

// Part is one ingredient of a mixture.
type Part struct {
	Name string
	// Line is the line of the recipe, 0 where there is none.
	Line    int
	Profile *Profile
	// Mass is in kg.
	Mass Span
	// PH is the food's own pH; for a fixed profile it is not used, SID is: meq
	// per kg.
	PH, SID Span
	// Acids and Lumps scale the profile's acids and buffering lumps.
	Acids, Lumps Span
	// Added is true for an acid that is added to make the food safe.
	Added bool
}

// NewPart makes a part of a food: ranges from the food where it has them, from
// the profile else. strength is the percent of a vinegar, 0 where not known.
func NewPart(f *food.Food, p *Profile, mass Span, strength float64) Part {
	part := Part{Name: f.Names[0], Profile: p, Mass: mass, Acids: Span{0.7, 1, 1.3}, Lumps: Span{0.6, 1, 1.5}}
	if p.Steady {
		part.Acids = Span{0.9, 1, 1.1}
	}
	low, mid, high := p.Low, p.PH, p.High
	if f.HasPH() {
		low, high = f.PH[0], f.PH[1]
	}
	if low == 0 && high == 0 {
		low, high = mid-0.3, mid+0.3
	}
	part.PH = Span{low, math.Max(low, math.Min(mid, high)), high}
	part.SID = Exactly(p.SID)
	if p.SIDHigh != 0 {
		part.SID = Span{p.SIDLow, p.SID, p.SIDHigh}
	}
	part.Added = f.In("vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "fresh-citrus", "citric-acid")
	if p.Strength > 0 {
		part.Acids = strengthSpan(strength/p.Strength, strength == 0, f.Acids["acetic"]/p.Strength)
	}
	if f.In("citric-acid", "salt", "antibrowning", "firming", "alkali", "not-acidifier") && p.Fixed {
		part.Acids = Exactly(1)
	}
	return part
}

// strengthSpan is the scale of a vinegar's acid: as the label says, or from a
// fifth weaker up to the usual where no label is given.
func strengthSpan(labelled float64, unlabelled bool, usual float64) Span {
	if unlabelled {
		if usual == 0 {
			usual = 1
		}
		return Span{0.8 * usual, usual, usual}
	}
	return Around(labelled, 0.98, 1.02)
}

// contents returns what one kg of the part holds at the given pH (or SID), with
// acids and lumps scaled.
func (p *Part) contents(ph, acids, lumps float64) Contents {
	c := p.Profile.base
	for k := range c.Total {
		if c.Total[k] == 0 {
			continue
		}
		if Protolytes[k].Lump {
			c.Total[k] *= lumps
		} else {
			c.Total[k] *= acids
		}
	}
	if p.Profile.Fixed {
		c.SID = ph / 1000 // the strong-ion difference takes the place of the pH
		return c
	}
	c.Calibrate(ph)
	return c
}

// point is where one part stands within its spans.
type point struct{ mass, ph, acids, lumps float64 }

// ph returns the span that a part is moved by: its pH, or its SID.
func (p *Part) phSpan() Span {
	if p.Profile.Fixed {
		return p.SID
	}
	return p.PH
}

func (p *Part) mid() point { return point{p.Mass.Mid, p.phSpan().Mid, p.Acids.Mid, p.Lumps.Mid} }

func (p *Part) holds(at point) Contents {
	one := p.contents(at.ph, at.acids, at.lumps)
	var c Contents
	c.Add(at.mass, &one)
	return c
}

// Mixture is a recipe as the model sees it.
type Mixture struct{ Parts []Part }

// dryLimit is the least share of water by weight that the model takes on.
const dryLimit = 0.10

// Contents returns what the mixture holds with every part at its usual value.
func (m *Mixture) Contents() Contents {
	var sum Contents
	for i := range m.Parts {
		c := m.Parts[i].holds(m.Parts[i].mid())
		sum.Add(1, &c)
	}
	return sum
}

// PH returns the nominal pH of the mixture. It fails on a mixture without
// water, or nearly so.
func (m *Mixture) PH() (float64, error) {
	sum := m.Contents()
	mass := 0.0
	for i := range m.Parts {
		mass += m.Parts[i].Mass.Mid
	}
	if sum.Water < dryLimit*mass {
		return 0, ErrDry
	}
	ph, _, err := sum.Solve()
	return ph, err
}

// Without returns the mixture without the parts that the test picks.
func (m *Mixture) Without(pick func(*Part) bool) *Mixture {
	out := &Mixture{}
	for i := range m.Parts {
		if !pick(&m.Parts[i]) {
			out.Parts = append(out.Parts, m.Parts[i])
		}
	}
	return out
}

// foodBeside reports whether anything but water and salt is left beside part i.
func (m *Mixture) foodBeside(i int) bool {
	for k := range m.Parts {
		if k != i && len(m.Parts[k].Profile.Mmol) > 0 && !m.Parts[k].Profile.Unsure {
			return true
		}
	}
	return false
}

// Driver says how far a part moves the mixture: its pH with the part less that
// without it. Above nought it pushes the mixture up, towards low-acid.
type Driver struct {
	Food  string  `json:"food"`
	Line  int     `json:"line,omitempty"`
	Delta float64 `json:"delta"`
}

// Drivers returns what each part does to the nominal pH, leaving one out at a
// time, in the order of the parts. A part without which no food and no acid is
// left has nothing to be compared with and is not in it.
func (m *Mixture) Drivers() ([]Driver, error) {
	all := m.Contents()
	with, _, err := all.Solve()
	if err != nil {
		return nil, err
	}
	var out []Driver
	for i := range m.Parts {
		p := &m.Parts[i]
		rest, own := all, p.holds(p.mid())
		rest.Add(-1, &own)
		for k := range rest.Total {
			rest.Total[k] = math.Max(rest.Total[k], 0)
		}
		if rest.Water < 1e-6 || !m.foodBeside(i) {
			continue
		}
		without, _, err := rest.Solve()
		if err != nil {
			return nil, err
		}
		out = append(out, Driver{p.Name, p.Line, with - without})
	}
	return out, nil
}
