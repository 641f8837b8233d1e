package phlog

import "math"

// Governing finds the pH that a product is held to: the highest of the newest day on which any
// was measured and could be judged. Readings are added newest first.
type Governing struct {
	day string
	pH  float64
}

// Add takes a reading of the day into account.
func (g *Governing) Add(day string, r Reading) {
	if g.day != "" && g.day != day {
		return
	}
	if sum := r.Judge(); sum.Highest != 0 {
		g.day, g.pH = day, max(g.pH, math.Round(sum.Highest*100)/100)
	}
}

// PH is the pH found, in hundredths; 0 where none was.
func (g *Governing) PH() float64 { return g.pH }
