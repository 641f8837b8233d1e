package acidity

import (
	"errors"
	"math"
)

// Contents is what a food or a mixture holds: totals that mixing conserves.
// Per kg of food; of a mixture, for the whole of it.
type Contents struct {
	// Total is mol of each protolyte, in all its states, in the order of
	// Protolytes.
	Total [kinds]float64
	// SID is the strong-ion difference, strong cations less strong anions, in
	// equivalents.
	SID float64
	// Salt is the background electrolyte, mol of a 1:1 salt.
	Salt float64
	// Water is in kg.
	Water float64
}

// Add puts m kg of the food into the mixture.
func (c *Contents) Add(m float64, f *Contents) {
	for k, v := range f.Total {
		if v != 0 {
			c.Total[k] += m * v
		}
	}
	c.SID += m * f.SID
	c.Salt += m * f.Salt
	c.Water += m * f.Water
}

// mol is a protolyte that is there, in mol per kg of water.
type mol struct {
	k int
	c float64
}

// solution is contents made ready for solving, per kg of water.
type solution struct {
	mols      []mol
	sid, salt float64
}

func (c *Contents) solution(buf []mol) solution {
	s := solution{buf[:0], c.SID / c.Water, c.Salt / c.Water}
	for k, v := range c.Total {
		if v > 0 {
			s.mols = append(s.mols, mol{k, v / c.Water})
		}
	}
	return s
}

// powers returns g^-1, 1, g, g², … g^5 of g = 10^D, for powers from -1 on.
func powers(g float64) (p [7]float64) {
	p[0], p[1] = 1/g, 1
	for i := 2; i < len(p); i++ {
		p[i] = p[i-1] * g
	}
	return p
}

// state is a solution looked at under one pH.
type state struct {
	residual float64 // charge, eq per kg of water
	slope    float64 // d residual / d pH, never positive
	ionic    float64 // mol per kg of water
}

// at returns charge residual, slope and ionic strength at x = 10^pH. pow are
// the powers of 10^D.
func (s *solution) at(x float64, pow *[7]float64) state {
	h, oh := pow[2]/x, x*pow[2]*kw
	r, slope, ionic := h-oh+s.sid, h+oh, h+oh+math.Abs(s.sid)+2*s.salt
	for _, m := range s.mols {
		c := &constants[m.k]
		t, sum, n1, n2, zz := 1.0, 1.0, 0.0, 0.0, c.z0*c.z0
		for j := 0; j < c.steps; j++ {
			t *= c.k[j] * pow[c.power[j]+1] * x
			f := float64(j + 1)
			sum += t
			n1 += f * t
			n2 += f * f * t
			zz += (c.z0 - f) * (c.z0 - f) * t
		}
		n := n1 / sum
		r += m.c * (c.z0 - n)
		slope += m.c * (n2/sum - n*n)
		ionic += m.c * zz / sum
	}
	return state{r, -ln10 * slope, ionic / 2}
}

// The errors of a mixture that the model does not reach.
var (
	ErrDry   = errors.New("there is no water to speak of: the model is for wet food")
	ErrBroke = errors.New("the amounts are no numbers")
)

// Solve returns the equilibrium pH and the ionic strength in mol per kg of
// water. It fails on contents without water or that are not numbers.
func (c *Contents) Solve() (pH, ionic float64, err error) {
	if !(c.Water > 0) || math.IsNaN(c.SID+c.Salt) || math.IsInf(c.SID+c.Salt+c.Water, 0) {
		if c.Water <= 0 {
			return 0, 0, ErrDry
		}
		return 0, 0, ErrBroke
	}
	var buf [kinds]mol
	s := c.solution(buf[:])
	pH, ionic = s.solve(5, (math.Abs(s.sid)+2*s.salt)/2+0.01)
	return pH, ionic, nil
}

// solve finds the pH from a guess of pH and ionic strength: Newton inside a
// bracket, within a loop over the ionic strength.
func (s *solution) solve(pH, ionic float64) (float64, float64) {
	for range 60 {
		pow := powers(math.Pow(10, davies(ionic)))
		var st state
		pH, st = s.root(pH, &pow)
		was := ionic
		ionic = st.ionic
		if math.Abs(ionic-was) < 1e-7 || ionic > strengthCap && was > strengthCap {
			break
		}
	}
	return pH, ionic
}

// root returns the pH at which the charges balance at one ionic strength.
func (s *solution) root(pH float64, pow *[7]float64) (float64, state) {
	lo, hi := -1.0, 15.0
	var st state
	for range 80 {
		st = s.at(math.Pow(10, pH), pow)
		if st.residual > 0 {
			lo = pH
		} else {
			hi = pH
		}
		step := max(-1, min(1, -st.residual/st.slope))
		next := pH + step
		if next <= lo || next >= hi {
			next = (lo + hi) / 2
		}
		if math.Abs(next-pH) < 1e-9 {
			return next, st
		}
		pH = next
	}
	return pH, st
}

// Calibrate sets the strong-ion difference so that the food, by itself, has the
// pH. Dry food is measured as a slurry of one part in ten.
func (c *Contents) Calibrate(pH float64) {
	slurry := *c
	if c.Water < dryBelow {
		slurry.Water = slurryWater
	}
	c.SID = slurry.sidAt(pH)
}

const (
	dryBelow    = 0.4 // kg of water per kg, under which a pH is that of a slurry
	slurryWater = 9.0 // kg of water per kg
)

// sidAt returns the strong-ion difference that gives the contents the pH.
func (c *Contents) sidAt(pH float64) float64 {
	var buf [kinds]mol
	free := *c
	free.SID = 0
	s := free.solution(buf[:])
	x := math.Pow(10, pH)
	ionic := 0.05
	sid := 0.0
	for range 60 {
		pow := powers(math.Pow(10, davies(ionic)))
		s.sid = 0
		st := s.at(x, &pow)
		sid = -st.residual
		was := ionic
		ionic = st.ionic + math.Abs(sid)/2
		if math.Abs(ionic-was) < 1e-8 {
			break
		}
	}
	return sid * c.Water
}

// Titrate returns the strong base, in equivalents, that brings the contents to
// the pH; below nought it is the strong acid needed.
func (c *Contents) Titrate(pH float64) float64 { return c.sidAt(pH) - c.SID }
