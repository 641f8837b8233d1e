package recipe

import (
	"slices"

	"damson/core/printed"
	"damson/core/quantity"
	"damson/core/words"
)

// byElevation lays the times and the pounds that the text gives for several elevations over those
// that were read without: "25 minutes (30 at 1,001 to 3,000 ft)". What stands in other sentences
// stays as it was read: a figure that is said again is no part of the table.
func (r *Reader) byElevation(s *Stated, rec *Recipe) {
	if len(s.Minutes) == 0 {
		return
	}
	var sentences []printed.Sentence
	for i, st := range rec.Steps {
		if t := words.Split(st.Text); !st.Serving && (!printed.Heights(t) || printed.Table(t)) {
			sentences = append(sentences, printed.Sentence{Line: i, Text: st.Text})
		}
	}
	p := printed.Read(sentences)
	s.fallen(p, rec)
	used := map[int]bool{} // the sentences of the table
	for _, t := range p.Told {
		if t.Minutes > 0 && len(p.Above(t)) > 0 {
			used[t.Line] = true
			for _, a := range slices.Concat(t.Higher, p.Adds) {
				used[a.Line] = true
			}
		}
	}
	timed := len(used) > 0
	for _, g := range p.Pounds {
		if len(g.Above()) > 0 {
			used[g.Line] = true
			for _, a := range g.Higher {
				used[a.Line] = true
			}
		}
	}
	if len(used) == 0 || p.Loose > 0 {
		return
	}
	rest := r.without(rec, used)
	if timed {
		s.Minutes = append(rest.Minutes, timesOf(p, rec, used)...)
	}
	for _, g := range p.Pounds {
		if len(g.Above()) > 0 && (rest.PSI == nil || rest.PSI.Value >= float64(g.PSI)) {
			g.Line = rec.Steps[g.Line].No
			s.Pounds = append(s.Pounds, g)
		}
	}
	s.Elevation = rest.Elevation // the bound of a column is not where the cook lives
}

// fallen takes the least of pounds that fall higher up: such a table is none, and what holds is not known.
func (s *Stated) fallen(p *printed.Process, rec *Recipe) {
	for _, g := range p.Pounds {
		if len(g.Higher) == 0 || len(g.Above()) > 0 {
			continue
		}
		least := g.PSI
		for _, a := range g.Higher {
			least = min(least, a.Value)
		}
		if s.PSI == nil || s.PSI.Value > float64(least) {
			s.PSI = &Said[float64]{float64(least), rec.Steps[g.Line].No}
		}
	}
}

// without reads the facts of all sentences but those.
func (r *Reader) without(rec *Recipe, used map[int]bool) *Stated {
	rest := &Stated{}
	if rec.Title != "" {
		r.facts(rest, rec.TitleLine, rec.Title, true)
	}
	for i, st := range rec.Steps {
		if !used[i] {
			r.readStep(rest, st)
		}
	}
	return rest
}

// timesOf are the times that the sentences of a table tell, each for its jars and elevations.
func timesOf(p *printed.Process, rec *Recipe, used map[int]bool) []SaidMinutes {
	var out []SaidMinutes
	for _, t := range p.Told {
		if t.Minutes == 0 || !used[t.Line] {
			continue
		}
		jars := t.Jars
		if len(jars) == 0 {
			jars = []quantity.Jar{""}
		}
		above := p.Above(t)
		for _, jar := range jars {
			lowest := SaidMinutes{Minutes: float64(t.Minutes), Jar: jar, Line: rec.Steps[t.Line].No}
			if len(above) > 0 {
				lowest.High = above[0].Low - 1
			}
			out = append(out, lowest)
			for _, a := range above {
				out = append(out, SaidMinutes{Minutes: float64(a.Value), Jar: jar, Line: rec.Steps[a.Line].No, Low: a.Low, High: a.High})
			}
		}
	}
	return out
}

// MinutesAt returns the times that the text gives for the elevation in feet; where it stops below,
// those of its highest column.
func (s *Stated) MinutesAt(feet int) []SaidMinutes {
	var out []SaidMinutes
	for _, m := range s.Minutes {
		if m.High == 0 || feet <= m.High && feet >= m.Low || feet > m.High && !slices.ContainsFunc(s.Minutes, func(o SaidMinutes) bool { return o.Jar == m.Jar && o.High > m.High }) || feet < 0 && m.Low == 0 {
			out = append(out, m)
		}
	}
	return out
}

// PSIAt returns the pounds that the text gives for the gauge at the elevation in feet, or those
// that it gives without one.
func (s *Stated) PSIAt(feet int, gauge string) *Said[float64] {
	for _, g := range s.Pounds {
		if gauge != "" && g.Gauge != "" && g.Gauge != gauge || gauge == "" && len(s.Pounds) > 1 {
			continue
		}
		v := g.PSI
		for _, a := range g.Above() {
			if feet >= a.Low {
				v = a.Value
			}
		}
		return &Said[float64]{float64(v), g.Line}
	}
	return s.PSI
}
