package draw

import (
	"fmt"
	"sort"

	"damson/core/acidity"
)

// The scale is drawn from scaleLow to scaleHigh in ScaleWidth units.
const (
	scaleLow   = 2.0
	scaleHigh  = 7.6
	ScaleWidth = 344.0
	scaleTop   = 46.0
	scaleStep  = 17.0
	scaleRows  = 40
	// margin is the room right of the scale for names.
	margin = 40.0
	// Letter is the mean width of a letter of a name.
	Letter = 5.8
)

// Scale is the acidity scale: the range of every ingredient that matters,
// against 4.6.
type Scale struct {
	Class, Of string
	Line      float64
	Bars      []bar
	Ticks     []tick
	Height    float64
	Bottom    float64
	TickY     float64
	Width     float64
	More      int
	// Mix is the mixture's own range, nil where there is no estimate.
	Mix *Mixture
	// Field is the height of the coloured field, LowWidth the width of its
	// low-acid side.
	Field, LowWidth float64
	Description     string
}

type bar struct {
	Name           string
	X, Y, W, TextX float64
	TextY          float64
	Anchor         string
}

type tick struct {
	X     float64
	Label string
}

func ScaleX(ph float64) float64 {
	return (min(max(ph, scaleLow), scaleHigh) - scaleLow) / (scaleHigh - scaleLow) * ScaleWidth
}

// Food is a food to draw: its name and its range of pH.
type Food struct {
	Name      string
	Low, High float64
}

// ScaleOf lays the foods out, the most acid first; where there are too many,
// the most acid are left out and counted.
func ScaleOf(foods []Food) Scale {
	v := Scale{Line: ScaleX(4.6), Width: ScaleWidth}
	sort.SliceStable(foods, func(i, j int) bool { return foods[i].Low+foods[i].High < foods[j].Low+foods[j].High })
	if len(foods) > scaleRows {
		v.More = len(foods) - scaleRows
		foods = foods[len(foods)-scaleRows:]
	}
	y := scaleTop
	for _, f := range foods {
		b := bar{Name: f.Name, X: ScaleX(f.Low), Y: y, W: max(ScaleX(f.High)-ScaleX(f.Low), 4)}
		b.TextY = y + 4.5
		if b.X > ScaleWidth*0.42 {
			b.TextX, b.Anchor = b.X-5, "end"
			if b.X > v.Line && b.X-5-Letter*float64(len(b.Name)) < v.Line+3 {
				// Keep the name clear of the 4.6 line.
				b.TextX, b.Anchor = b.X+b.W+5, "start"
				if b.TextX+Letter*float64(len(b.Name)) > ScaleWidth+margin {
					b.TextX, b.Anchor = b.X-5, "end"
				}
			}
		} else {
			b.TextX, b.Anchor = b.X+b.W+5, "start"
			if b.TextX+Letter*float64(len(b.Name)) > ScaleWidth+margin {
				b.TextX, b.Anchor = b.X-5, "end"
			}
			if b.Anchor == "start" && b.TextX < v.Line && b.TextX+Letter*float64(len(b.Name)) > v.Line-3 {
				b.TextX = v.Line + 6
			}
		}
		v.Bars = append(v.Bars, b)
		v.Description += fmt.Sprintf("%s pH %.1f to %.1f; ", f.Name, f.Low, f.High)
		y += scaleStep
	}
	v.Bottom = max(y+2, scaleTop+34)
	v.Field, v.LowWidth = v.Bottom-26, ScaleWidth-v.Line+margin
	v.TickY = v.Bottom + 15
	v.Height = v.Bottom + 22
	for _, t := range []float64{3, 4, 5, 6, 7} {
		v.Ticks = append(v.Ticks, tick{ScaleX(t), fmt.Sprintf("%.0f", t)})
	}
	return v
}

// AddMixture draws the mixture's own range under those of its ingredients.
func (v *Scale) AddMixture(e acidity.Estimate) {
	if e.Mid == nil {
		return
	}
	y := v.Bottom + 6
	v.Mix = &Mixture{X: ScaleX(*e.Low), Y: y, W: max(ScaleX(*e.High)-ScaleX(*e.Low), 4), Mid: ScaleX(*e.Mid)}
	v.Field += 24
	v.Bottom += 24
	v.TickY += 24
	v.Height += 24
	v.Description += fmt.Sprintf("the mixture pH %.1f to %.1f", *e.Low, *e.High)
	// The name stands where it keeps clear of the line.
	wide := Letter * 14
	switch right := v.Mix.X + v.Mix.W; {
	case right < v.Line && right+6+wide > v.Line && v.Mix.X > wide+6, right >= v.Line && v.Mix.X > wide+6 &&
		v.Mix.X < v.Line, right+6+wide > ScaleWidth:
		v.Mix.TextX, v.Mix.Anchor = v.Mix.X-6, "end"
	case right < v.Line && right+6+wide > v.Line:
		v.Mix.TextX, v.Mix.Anchor = v.Line+6, "start"
	default:
		v.Mix.TextX, v.Mix.Anchor = right+6, "start"
	}
	v.Mix.Drop = 4.5
	if m := v.Mix; m.Anchor == "end" && m.TextX-wide < v.Line && m.TextX > v.Line {
		// beside the bar there is no room: below it
		m.TextX, m.Anchor, m.Drop = m.X, "start", 18
		if m.X+wide > ScaleWidth {
			m.TextX, m.Anchor = ScaleWidth, "end"
		}
		v.Field += 12
		v.Bottom += 12
		v.TickY += 12
		v.Height += 12
	}
}

// Mixture is the mixture's range on a scale.
type Mixture struct {
	X, Y, W, Mid, TextX, Drop float64
	Anchor                    string
}
