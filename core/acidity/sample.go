package acidity

import (
	"math"
	"math/rand/v2"
	"slices"
)

// Distribution is what random draws of a mixture gave.
type Distribution struct {
	// Above is the share of the draws with a pH over the limit, from 0 to 1.
	Above float64
	// sorted are the pH values drawn, in order.
	sorted []float64
}

// Quantile returns the pH that the share q of the draws lies under.
func (d *Distribution) Quantile(q float64) float64 {
	if len(d.sorted) == 0 {
		return math.NaN()
	}
	return d.sorted[min(len(d.sorted)-1, int(q*float64(len(d.sorted))))]
}

const (
	blockOf = 500 // draws that share one seed, so that a share of them is a sample too
	gridOf  = 48  // points at which a food's own balance is tabled
	// sharedLumps is the spread of a factor common to the lumps of all foods: what
	// is wrong with one estimate of them is wrong with all.
	sharedLumps = 0.2
)

// Sample draws n recipes, each quantity from a triangle over its span, and
// solves each. The same seed gives the same draws.
func (m *Mixture) Sample(n int, seed uint64) (*Distribution, error) {
	start, err := m.PH()
	if err != nil {
		return nil, err
	}
	sum := m.Contents()
	_, ionic, err := sum.Solve()
	if err != nil {
		return nil, err
	}
	s := m.sampler(start, ionic)
	d := &Distribution{sorted: make([]float64, n)}
	over := 0
	var rng *rand.Rand
	for i := range n {
		if i%blockOf == 0 {
			rng = rand.New(rand.NewPCG(seed, uint64(i/blockOf)))
		}
		ph := s.draw(rng)
		if ph > Limit {
			over++
		}
		d.sorted[i] = ph
	}
	slices.Sort(d.sorted)
	d.Above = float64(over) / float64(max(n, 1))
	return d, nil
}

// sampler is a mixture made ready for many draws: activities are held at the
// nominal composition, which costs less than 0.01 pH.
type sampler struct {
	parts []sampled
	// mols are the protolytes that any part holds; totals are by this order.
	mols      []mol
	pH, ionic float64
}

type sampled struct {
	fixed                    bool
	ph, mass, acids, lumps   triangle
	water, salt              float64
	acid, lump               []amount
	low, perStep             float64 // of the grid
	free, acidPull, lumpPull []float64
}

// amount is a protolyte of a part: its place in the sampler's order and mol per
// kg.
type amount struct {
	at int
	c  float64
}

// triangle draws from a triangular distribution.
type triangle struct{ low, mid, high, split, left, right float64 }

func newTriangle(s Span) triangle {
	w := s.High - s.Low
	t := triangle{low: s.Low, mid: s.Mid, high: s.High}
	if w > 0 {
		t.split = (s.Mid - s.Low) / w
		t.left, t.right = w*(s.Mid-s.Low), w*(s.High-s.Mid)
	}
	return t
}

func (t *triangle) draw(u float64) float64 {
	switch {
	case t.high == t.low:
		return t.mid
	case u < t.split:
		return t.low + math.Sqrt(u*t.left)
	}
	return t.high - math.Sqrt((1-u)*t.right)
}

func (m *Mixture) sampler(pH, ionic float64) *sampler {
	s := &sampler{pH: pH, ionic: ionic}
	place := map[int]int{}
	for i := range m.Parts {
		p := &m.Parts[i]
		c := sampled{fixed: p.Profile.Fixed, ph: newTriangle(p.phSpan()), mass: newTriangle(p.Mass), acids: newTriangle(p.Acids), lumps: newTriangle(p.Lumps),
			water: p.Profile.Water, salt: p.Profile.base.Salt}
		for k, v := range p.Profile.base.Total {
			if v == 0 {
				continue
			}
			at, ok := place[k]
			if !ok {
				at = len(s.mols)
				place[k] = at
				s.mols = append(s.mols, mol{k: k})
			}
			if Protolytes[k].Lump {
				c.lump = append(c.lump, amount{at, v})
			} else {
				c.acid = append(c.acid, amount{at, v})
			}
		}
		c.table(p)
		s.parts = append(s.parts, c)
	}
	return s
}

// table fills the grid of the part's own balance over its span of pH.
func (c *sampled) table(p *Part) {
	if c.fixed {
		return
	}
	span := p.PH
	c.low = span.Low
	step := math.Max((span.High-span.Low)/(gridOf-1), 1e-9)
	c.perStep = 1 / step
	for j := range gridOf {
		ph := span.Low + float64(j)*step
		u := newPull(p, point{1, ph, 1, 1})
		acids, lumps := 0.0, 0.0
		for k, v := range p.Profile.base.Total {
			if v == 0 {
				continue
			}
			charge := v * (constants[k].z0 - u.own[k])
			if Protolytes[k].Lump {
				lumps += charge
			} else {
				acids += charge
			}
		}
		c.free, c.acidPull, c.lumpPull = append(c.free, u.free), append(c.acidPull, acids), append(c.lumpPull, lumps)
	}
}

// draw returns the pH of one random recipe.
func (s *sampler) draw(rng *rand.Rand) float64 {
	shared := math.Exp(sharedLumps * rng.NormFloat64())
	var mols [kinds]mol
	n := copy(mols[:], s.mols)
	sid, salt, water := 0.0, 0.0, 0.0
	for i := range s.parts {
		p := &s.parts[i]
		mass, ph := p.mass.draw(rng.Float64()), p.ph.draw(rng.Float64())
		acids, lumps := p.acids.draw(rng.Float64()), shared*p.lumps.draw(rng.Float64())
		for _, a := range p.acid {
			mols[a.at].c += mass * acids * a.c
		}
		for _, a := range p.lump {
			mols[a.at].c += mass * lumps * a.c
		}
		salt += mass * p.salt
		water += mass * p.water
		if p.fixed {
			sid += mass * ph / 1000
			continue
		}
		at := (ph - p.low) * p.perStep
		j := min(int(at), gridOf-2)
		f := at - float64(j)
		sid -= mass * (lerp(p.free, j, f) + acids*lerp(p.acidPull, j, f) + lumps*lerp(p.lumpPull, j, f))
	}
	for k := range mols[:n] {
		mols[k].c /= water
	}
	sol := solution{mols[:n], sid / water, salt / water}
	return sol.near(s.pH, s.ionic)
}

func lerp(t []float64, j int, f float64) float64 { return t[j] + f*(t[j+1]-t[j]) }

// near is solve from a good guess, to 1e-5 and with two passes over the ionic
// strength.
func (s *solution) near(pH, ionic float64) float64 {
	for range 2 {
		pow := powers(math.Exp(ln10 * davies(ionic)))
		for range 12 {
			st := s.at(math.Exp(ln10*pH), &pow)
			step := max(-1, min(1, -st.residual/st.slope))
			pH += step
			ionic = st.ionic
			if math.Abs(step) < 1e-5 {
				break
			}
		}
	}
	return pH
}
