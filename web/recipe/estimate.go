package recipe

import (
	"fmt"
	"math"
	"slices"
	"sort"

	"damson/core/acidity"
	"damson/core/review"
	"damson/store"
)

// estimateView is the mixture's estimate beside a review.
type estimateView struct {
	// Range and Mid are in words; Range is empty where there is no figure.
	Range, Mid, Above, Class string
	Bars                     []driverBar
	Height, Zero             float64
	Missing, Notes           []string
	// Bench opens the mixture on the acid bench.
	Bench string
	// Readings are what was measured.
	Readings []string
}

// driverBar is how far one ingredient pushes the mixture.
type driverBar struct {
	Name, Words    string
	X, Y, W, TextY float64
	NameX          float64
	Anchor         string
}

const (
	driverRows = 6
	driverStep = 19.0
	driverZero = 190.0 // of a width of 380
	driverFull = 110.0 // the longest bar
)

// viewEstimate tells the estimate of a stored recipe's mixture.
func (s *Pages) viewEstimate(r store.Recipe, k store.Kitchen) (estimateView, acidity.Estimate) {
	e, err := s.Reviews.Estimate(r, k)
	if err != nil {
		return estimateView{}, e
	}
	v := estimateView{Class: acidity.InWords[e.Class], Notes: e.Notes, Zero: driverZero,
		Bench: fmt.Sprintf("/acidity?recipe=%d", r.ID)}
	if e.Mid != nil {
		v.Range = fmt.Sprintf("pH %.1f to %.1f", *e.Low, *e.High)
		v.Mid = fmt.Sprintf("most likely about %.1f", *e.Mid)
	}
	if e.Above != nil {
		v.Above = share(*e.Above)
	}
	for _, m := range e.Missing {
		text := m.Food + ": " + m.Why
		if m.Matters != "" {
			text += "; " + m.Matters
		}
		v.Missing = append(v.Missing, text+".")
	}
	v.Bars, v.Height = driverBars(e.Drivers)
	return v, e
}

// share writes a share of draws; it never claims none or all.
func share(p float64) string {
	switch {
	case p == 0:
		return "fewer than 1 in 10,000"
	case p < 0.01:
		return fmt.Sprintf("%.1f in 1,000", p*1000)
	case p == 1:
		return "more than 9,999 in 10,000"
	}
	return fmt.Sprintf("%.0f in 100", p*100)
}

// driverBars lays out what moves the mixture most, up to the right.
func driverBars(drivers []acidity.Driver) ([]driverBar, float64) {
	list := append([]acidity.Driver{}, drivers...)
	sort.SliceStable(list, func(i, j int) bool { return math.Abs(list[i].Delta) > math.Abs(list[j].Delta) })
	if len(list) > driverRows {
		list = list[:driverRows]
	}
	most := 0.05
	for _, d := range list {
		most = max(most, math.Abs(d.Delta))
	}
	var bars []driverBar
	y := 4.0
	for _, d := range list {
		if math.Abs(d.Delta) < 0.01 {
			continue
		}
		w := math.Abs(d.Delta) / most * driverFull
		b := driverBar{Name: d.Food, Words: fmt.Sprintf("%+.2f", d.Delta), X: driverZero, Y: y, W: w, TextY: y + 11,
			NameX: driverZero - 6, Anchor: "end"}
		if d.Delta < 0 {
			b.X, b.NameX, b.Anchor = driverZero-w, driverZero+6, "start"
		}
		bars = append(bars, b)
		y += driverStep
	}
	return bars, y + 2
}

// pushNotes are quiet notes beside the lines that push an acid mixture up most,
// where its range reaches over the line. What the recipe is made of is none: without it
// there is no such recipe.
func pushNotes(e acidity.Estimate, main int, notes map[int][]noteView) {
	if e.High != nil && *e.High <= acidity.Limit {
		return // nothing to warn of
	}
	list := append([]acidity.Driver{}, e.Drivers...)
	sort.SliceStable(list, func(i, j int) bool { return list[i].Delta > list[j].Delta })
	list = slices.DeleteFunc(list, func(d acidity.Driver) bool { return d.Line == main || d.Line == 0 })
	for i, d := range list {
		if i == 2 || d.Delta < 0.1 {
			return
		}
		notes[d.Line] = append(notes[d.Line], noteView{Severity: review.Note, Label: "acidity",
			Do: fmt.Sprintf("Pushes up by %.1f pH", d.Delta), Why: "Without it the mixture would be that much more acid; an " +
				"estimate."})
	}
}
