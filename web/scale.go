package web

import (
	"fmt"
	"sort"

	"damson/core/review"
)

// The scale is drawn from scaleLow to scaleHigh in scaleWidth units.
const (
	scaleLow   = 2.0
	scaleHigh  = 7.6
	scaleWidth = 344.0
	scaleTop   = 46.0
	scaleStep  = 17.0
	scaleRows  = 40
	// margin is the room right of the scale for names.
	margin = 40.0
	// letter is the mean width of a letter of a name.
	letter = 5.8
)

// scaleView is the acidity scale: the range of every ingredient that matters,
// against 4.6.
type scaleView struct {
	Class, Of string
	Line      float64
	Bars      []scaleBar
	Ticks     []scaleTick
	Height    float64
	Bottom    float64
	TickY     float64
	Width     float64
	More      int
	// Mix is the mixture's own range, nil where there is no estimate.
	Mix *mixBar
	// Field is the height of the coloured field, LowWidth the width of its
	// low-acid side.
	Field, LowWidth float64
	Description     string
}

type scaleBar struct {
	Name           string
	X, Y, W, TextX float64
	TextY          float64
	Anchor         string
}

type scaleTick struct {
	X     float64
	Label string
}

func scaleX(ph float64) float64 {
	return (min(max(ph, scaleLow), scaleHigh) - scaleLow) / (scaleHigh - scaleLow) * scaleWidth
}

// viewScale lays the ranges of a recipe's ingredients out.
func viewScale(res *review.Result) scaleView {
	var foods []scaleFood
	seen := map[string]bool{}
	for _, l := range res.Ingredients() {
		f := l.Ref
		if f == nil || !f.HasPH() || seen[f.ID] || l.Serving || f.Kind == "spice" || f.Kind == "herb" || f.In("garlic") {
			continue
		}
		seen[f.ID] = true
		foods = append(foods, scaleFood{l.Food, f.PH[0], f.PH[1]}) // in the recipe's own words
	}
	v := scaleOf(foods)
	v.Class, v.Of = res.Acidity.Class, classOf(res)
	return v
}

// scaleFood is a food to draw: its name and its range of pH.
type scaleFood struct {
	name      string
	low, high float64
}

// scaleOf lays the foods out, the most acid first; where there are too many,
// the most acid are left out and counted.
func scaleOf(foods []scaleFood) scaleView {
	v := scaleView{Line: scaleX(4.6), Width: scaleWidth}
	sort.SliceStable(foods, func(i, j int) bool { return foods[i].low+foods[i].high < foods[j].low+foods[j].high })
	if len(foods) > scaleRows {
		v.More = len(foods) - scaleRows
		foods = foods[len(foods)-scaleRows:]
	}
	y := scaleTop
	for _, f := range foods {
		b := scaleBar{Name: f.name, X: scaleX(f.low), Y: y, W: max(scaleX(f.high)-scaleX(f.low), 4)}
		b.TextY = y + 4.5
		if b.X > scaleWidth*0.42 {
			b.TextX, b.Anchor = b.X-5, "end"
			if b.X > v.Line && b.X-5-letter*float64(len(b.Name)) < v.Line+3 {
				// Keep the name clear of the 4.6 line.
				b.TextX, b.Anchor = b.X+b.W+5, "start"
				if b.TextX+letter*float64(len(b.Name)) > scaleWidth+margin {
					b.TextX, b.Anchor = b.X-5, "end"
				}
			}
		} else {
			b.TextX, b.Anchor = b.X+b.W+5, "start"
			if b.TextX+letter*float64(len(b.Name)) > scaleWidth+margin {
				b.TextX, b.Anchor = b.X-5, "end"
			}
			if b.Anchor == "start" && b.TextX < v.Line && b.TextX+letter*float64(len(b.Name)) > v.Line-3 {
				b.TextX = v.Line + 6
			}
		}
		v.Bars = append(v.Bars, b)
		v.Description += fmt.Sprintf("%s pH %.1f to %.1f; ", f.name, f.low, f.high)
		y += scaleStep
	}
	v.Bottom = max(y+2, scaleTop+34)
	v.Field, v.LowWidth = v.Bottom-26, scaleWidth-v.Line+margin
	v.TickY = v.Bottom + 15
	v.Height = v.Bottom + 22
	for _, t := range []float64{3, 4, 5, 6, 7} {
		v.Ticks = append(v.Ticks, scaleTick{scaleX(t), fmt.Sprintf("%.0f", t)})
	}
	return v
}

func classOf(res *review.Result) string {
	if res.Procedure != nil {
		return "as its tested procedure is classed"
	}
	return "an estimate of the mixture"
}
