package recipe

import (
	"slices"

	"damson/core/printed"
	"damson/core/quantity"
	"damson/core/words"
)

// byElevation lays the times that the text gives for several elevations over those that were
// read without: "25 minutes (30 at 1,001 to 3,000 ft)".
func (s *Stated) byElevation(rec *Recipe) {
	if len(s.Minutes) == 0 {
		return
	}
	var sentences []printed.Sentence
	for _, st := range rec.Steps {
		if !st.Serving && (!printed.Heights(words.Split(st.Text)) || printed.Table(words.Split(st.Text))) {
			sentences = append(sentences, printed.Sentence{Line: st.No, Text: st.Text})
		}
	}
	p := printed.Read(sentences)
	bounds := map[int]bool{}
	for _, t := range p.Told {
		if above := p.Above(t); t.Minutes > 0 && len(above) > 0 {
			s.replace(t, above, p.Adds)
			for _, a := range above {
				bounds[a.Low], bounds[a.Low-1], bounds[a.High] = true, true, true
			}
		}
	}
	for _, g := range p.Pounds {
		if above := g.Above(); len(above) > 0 {
			s.Pounds = append(s.Pounds, g)
			for _, a := range above {
				bounds[a.Low], bounds[a.Low-1], bounds[a.High] = true, true, true
			}
		}
	}
	if e := s.Elevation; e != nil && bounds[int(e.Value+0.5)] {
		s.Elevation = nil // the bound of a column, not where the cook lives
	}
}

// replace puts a time by elevation in the place of what was read of it.
func (s *Stated) replace(t printed.Told, above, adds []printed.At) {
	lines, values := []int{t.Line}, []int{t.Minutes}
	for _, a := range slices.Concat(above, adds) {
		lines, values = append(lines, a.Line), append(values, a.Value)
	}
	s.Minutes = slices.DeleteFunc(s.Minutes, func(m SaidMinutes) bool {
		mine := m.Jar == "" || len(t.Jars) == 0 || slices.Contains(t.Jars, m.Jar)
		return mine && m.High == 0 && slices.Contains(lines, m.Line) && slices.Contains(values, int(m.Minutes+0.5))
	})
	jars := t.Jars
	if len(jars) == 0 {
		jars = []quantity.Jar{""}
	}
	for _, jar := range jars {
		s.Minutes = append(s.Minutes, SaidMinutes{Minutes: float64(t.Minutes), Jar: jar, Line: t.Line, High: above[0].Low - 1})
		for _, a := range above {
			s.Minutes = append(s.Minutes, SaidMinutes{Minutes: float64(a.Value), Jar: jar, Line: a.Line, Low: a.Low, High: a.High})
		}
	}
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
		v, line := g.PSI, g.Line
		for _, a := range g.Above() {
			if feet >= a.Low {
				v, line = a.Value, a.Line
			}
		}
		return &Said[float64]{float64(v), line}
	}
	return s.PSI
}
