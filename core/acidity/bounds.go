package acidity

import "math"

// Bounds returns the lowest and the highest pH that the mixture can have with
// every part anywhere within its spans. The pH of a mixture moves one way with
// each single quantity, so the extremes lie at corners; one root finds the
// corner, and trying every part at both ends polishes it. Where foods of one pH
// differ in their salts alone, a farther corner can be missed by a few
// thousandths (0.0024 seen, once in some thirty thousand mixtures by lot).
func (m *Mixture) Bounds() (low, high float64, err error) {
	if _, err := m.PH(); err != nil {
		return 0, 0, err
	}
	return m.corner(-1), m.corner(1), nil
}

// corner returns the extreme pH: the highest for sign 1, the lowest for -1.
func (m *Mixture) corner(sign float64) float64 {
	at := make([]point, len(m.Parts))
	for i := range m.Parts {
		at[i] = m.Parts[i].mid()
		at[i].ph = end(m.Parts[i].phSpan(), sign > 0)
	}
	for range 12 {
		moved := m.seek(at, sign)
		if !moved {
			break
		}
	}
	return m.polish(at, sign)
}

func end(s Span, high bool) float64 {
	if high {
		return s.High
	}
	return s.Low
}

// seek moves every part to the end that pushes the mixture's pH the way of
// sign, at the pH where the charges then balance, and reports whether any part
// moved.
func (m *Mixture) seek(at []point, sign float64) bool {
	var sum Contents
	parts := make([]pull, len(m.Parts))
	for i := range m.Parts {
		c := m.Parts[i].holds(at[i])
		sum.Add(1, &c)
		parts[i] = newPull(&m.Parts[i], at[i])
	}
	_, ionic, err := sum.Solve()
	if err != nil {
		return false
	}
	pow := powers(math.Pow(10, davies(ionic)))
	lo, hi := -1.0, 15.0
	next := make([]point, len(at))
	for range 50 {
		p := (lo + hi) / 2
		var n [kinds]float64
		x := math.Pow(10, p)
		for k := range n {
			n[k] = protons(k, x, &pow)
		}
		free := pow[2]/x - x*pow[2]*kw
		f := 0.0
		for i := range parts {
			f += parts[i].at(&n, free, sign, &next[i])
		}
		if f > 0 {
			lo = p
		} else {
			hi = p
		}
	}
	moved := false
	for i := range at {
		moved = moved || at[i] != next[i]
		at[i] = next[i]
	}
	return moved
}

// protons returns the mean number of protons that the protolyte has lost.
func protons(k int, x float64, pow *[7]float64) float64 {
	c := &constants[k]
	t, sum, n := 1.0, 1.0, 0.0
	for j := 0; j < c.steps; j++ {
		t *= c.k[j] * pow[c.power[j]+1] * x
		sum += t
		n += float64(j+1) * t
	}
	return n / sum
}

// pull is one part, ready to be asked which way it pulls at a trial pH.
type pull struct {
	part *Part
	ph   float64
	own  [kinds]float64 // protons lost at the part's own pH
	free float64        // H less OH at the part's own pH, times its calibration water
}

func newPull(p *Part, at point) pull {
	u := pull{part: p, ph: at.ph}
	if p.Profile.Fixed {
		return u
	}
	c := p.contents(at.ph, at.acids, at.lumps)
	if c.Water < dryBelow {
		c.Water = slurryWater
	}
	var buf [kinds]mol
	s := c.solution(buf[:])
	x := math.Pow(10, at.ph)
	ionic := 0.05
	for range 8 {
		pow := powers(math.Pow(10, davies(ionic)))
		ionic = s.at(x, &pow).ionic
	}
	pow := powers(math.Pow(10, davies(ionic)))
	for _, m := range s.mols {
		u.own[m.k] = protons(m.k, x, &pow)
	}
	u.free = (pow[2]/x - x*pow[2]*kw) * c.Water
	return u
}

// at returns the part's charge at a trial pH with the choice of ends that
// pushes it furthest the way of sign, and writes that choice.
func (u *pull) at(n *[kinds]float64, free, sign float64, choice *point) float64 {
	p := u.part
	acids, lumps := 0.0, 0.0
	for k, total := range p.Profile.base.Total {
		if total == 0 {
			continue
		}
		gap := u.own[k] - n[k]
		if p.Profile.Fixed {
			gap = constants[k].z0 - n[k]
		}
		if Protolytes[k].Lump {
			lumps += total * gap
		} else {
			acids += total * gap
		}
	}
	*choice = point{ph: u.ph, acids: end(p.Acids, acids*sign > 0), lumps: end(p.Lumps, lumps*sign > 0)}
	g := p.Profile.base.Water*free - u.free + choice.acids*acids + choice.lumps*lumps
	if p.Profile.Fixed {
		g = p.Profile.base.Water*free + u.ph/1000 + choice.acids*acids + choice.lumps*lumps
	}
	choice.mass = end(p.Mass, g*sign > 0)
	return choice.mass * g
}

// polish tries both ends of every quantity with the full model and keeps what
// goes further the way of sign.
func (m *Mixture) polish(at []point, sign float64) float64 {
	held := make([]Contents, len(at))
	var sum Contents
	for i := range at {
		held[i] = m.Parts[i].holds(at[i])
		sum.Add(1, &held[i])
	}
	best, _, err := sum.Solve()
	if err != nil {
		return math.NaN()
	}
	try := func(i int, next point) bool {
		c := m.Parts[i].holds(next)
		trial := sum
		trial.Add(-1, &held[i])
		trial.Add(1, &c)
		for k := range trial.Total {
			trial.Total[k] = math.Max(trial.Total[k], 0)
		}
		ph, _, err := trial.Solve()
		if err != nil || (ph-best)*sign <= 1e-9 {
			return false
		}
		best, sum, held[i], at[i] = ph, trial, c, next
		return true
	}
	for range 4 {
		moved := false
		for i := range at {
			p := &m.Parts[i]
			for _, high := range []bool{false, true} {
				next := at[i]
				next.mass = end(p.Mass, high)
				moved = next != at[i] && try(i, next) || moved
				next = at[i]
				next.acids = end(p.Acids, high)
				moved = next != at[i] && try(i, next) || moved
				next = at[i]
				next.lumps = end(p.Lumps, high)
				moved = next != at[i] && try(i, next) || moved
				next = at[i]
				next.ph = end(p.phSpan(), high)
				moved = next != at[i] && try(i, next) || moved
			}
		}
		if !moved {
			break
		}
	}
	return best
}
