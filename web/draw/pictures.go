package draw

import (
	"fmt"
	"math"
	"sort"

	"damson/core/acidity"
)

// The classroom picture: the whole scale small, 2.5 to 7 large.
const (
	pictureWide   = 760.0
	pictureLeft   = 150.0
	pictureRight  = 20.0
	pictureLow    = 2.5
	pictureHigh   = 7.0
	pictureStep   = 26.0
	pictureRowsAt = 118.0
)

func pictureX(ph float64) float64 {
	ph = min(max(ph, pictureLow), pictureHigh)
	return pictureLeft + (ph-pictureLow)/(pictureHigh-pictureLow)*(pictureWide-pictureLeft-pictureRight)
}

// Foods draws foods side by side against the 4.6 line.
func Foods(foods []Food) *Scene {
	sort.SliceStable(foods, func(i, j int) bool { return foods[i].Low+foods[i].High < foods[j].Low+foods[j].High })
	bottom := pictureRowsAt + pictureStep*float64(max(len(foods), 3)) + 6
	s := &Scene{W: pictureWide, H: bottom + 46, Says: "Foods on the scale of acidity, with the line at pH 4.6: "}
	s.rect(0, 0, s.W, s.H, "#fffdf9")
	// The whole scale, 0 to 14.
	wide := pictureWide - pictureLeft - pictureRight
	whole := func(ph float64) float64 { return pictureLeft + ph/14*wide }
	s.write(point{pictureLeft - 12, 32}, letters{13, "end", inkQuiet, false}, "the whole scale")
	s.rect(whole(0), 22, whole(4.6)-whole(0), 14, sideAcid)
	s.rect(whole(4.6), 22, whole(14)-whole(4.6), 14, sideLow)
	s.rect(whole(pictureLow), 36, whole(pictureHigh)-whole(pictureLow), 3, inkPlum)
	for _, ph := range []float64{0, 7, 14} {
		s.write(point{whole(ph), 18}, letters{12, "middle", inkQuiet, false}, fmt.Sprintf("%.0f", ph))
	}
	s.line(point{whole(4.6), 20}, point{whole(4.6), 38}, inkPlum, 3)
	// The part that matters.
	x := pictureX(4.6)
	s.rect(pictureLeft, 78, x-pictureLeft, bottom-78, sideAcid)
	s.rect(x, 78, pictureWide-pictureRight-x, bottom-78, sideLow)
	s.write(point{pictureLeft + 6, 96}, letters{15, "start", "#7a2c66", true}, "acid: a water bath can do")
	s.write(point{pictureWide - pictureRight - 6, 96}, letters{15, "end", inkQuiet, true}, "low-acid: pressure only")
	s.write(point{pictureLeft + 6, 66}, letters{13, "start", inkQuiet, false}, "more acid")
	s.write(point{pictureWide - pictureRight - 6, 66}, letters{13, "end", inkQuiet, false}, "less acid")
	for ph := 3.0; ph <= 7; ph++ {
		s.line(point{pictureX(ph), bottom}, point{pictureX(ph), bottom + 5}, inkQuiet, 1)
		s.write(point{pictureX(ph), bottom + 20}, letters{14, "middle", inkQuiet, false}, fmt.Sprintf("%.0f", ph))
	}
	y := pictureRowsAt
	for _, f := range foods {
		s.write(point{pictureLeft - 12, y + 5}, letters{15, "end", inkText, false}, f.Name)
		a, b := pictureX(f.Low), pictureX(f.High)
		s.rect(a, y-6, max(b-a, 5), 12, inkBar)
		if f.Low < pictureLow {
			s.write(point{a + 2, y + 4}, letters{11, "start", "#ffffff", true}, "◂")
		}
		if f.High > pictureHigh {
			s.write(point{b - 2, y + 4}, letters{11, "end", "#ffffff", true}, "▸")
		}
		s.Says += fmt.Sprintf("%s %.1f to %.1f; ", f.Name, f.Low, f.High)
		y += pictureStep
	}
	s.line(point{x, 72}, point{x, bottom + 6}, inkPlum, 5)
	s.write(point{x, bottom + 24}, letters{17, "middle", inkPlum, true}, "4.6")
	s.write(point{pictureLeft, bottom + 40}, letters{12, "start", inkQuiet, false},
		"pH. Ranges as published, from memory; a food has a range, "+
			"never one value.")
	return s
}

// Mix draws the mixture's range against the line, large.
func Mix(e acidity.Estimate) *Scene {
	s := &Scene{W: 560, H: 118, Says: "The mixture against the line at pH 4.6"}
	left, right := 12.0, 548.0
	at := func(ph float64) float64 {
		return left + (min(max(ph, pictureLow), pictureHigh)-pictureLow)/(pictureHigh-pictureLow)*(right-left)
	}
	x := at(4.6)
	s.rect(left, 22, x-left, 64, sideAcid)
	s.rect(x, 22, right-x, 64, sideLow)
	s.write(point{left + 4, 16}, letters{13, "start", "#7a2c66", false}, "acid: a water bath can do")
	s.write(point{right - 4, 16}, letters{13, "end", inkQuiet, false}, "low-acid: pressure only")
	for ph := 3.0; ph <= 7; ph++ {
		s.write(point{at(ph), 104}, letters{13, "middle", inkQuiet, false}, fmt.Sprintf("%.0f", ph))
	}
	if e.Mid != nil {
		a, b := at(*e.Low), at(*e.High)
		s.rect(a, 44, max(b-a, 4), 20, inkBar)
		s.rect(at(*e.Mid)-3, 36, 6, 36, inkPlum)
		s.Says += fmt.Sprintf(": pH %.1f to %.1f, about %.1f", *e.Low, *e.High, *e.Mid)
	}
	s.line(point{x, 18}, point{x, 90}, inkPlum, 5)
	s.write(point{x, 107}, letters{16, "middle", inkPlum, true}, "4.6")
	return s
}

// Titration draws what citric acid does to the mixture.
func Titration(points []acidity.Point) *Scene {
	s := &Scene{W: 560, H: 210, Says: "pH of the mixture against the citric acid added"}
	left, right, top, bottom := 44.0, 548.0, 14.0, 168.0
	if len(points) == 0 {
		return s
	}
	most := points[len(points)-1].Added
	lo, hi := 2.5, 7.0
	for _, p := range points {
		hi = math.Max(hi, math.Min(math.Ceil(p.High), 8))
	}
	at := func(g, ph float64) point {
		return point{left + g/most*(right-left), bottom - (min(max(ph, lo), hi)-lo)/(hi-lo)*(bottom-top)}
	}
	s.rect(left, at(0, 4.6).y, right-left, bottom-at(0, 4.6).y, sideAcid)
	s.rect(left, top, right-left, at(0, 4.6).y-top, sideLow)
	var band, mid []point
	for _, p := range points {
		band = append(band, at(p.Added, p.High))
		mid = append(mid, at(p.Added, p.Mid))
	}
	for i := len(points) - 1; i >= 0; i-- {
		band = append(band, at(points[i].Added, points[i].Low))
	}
	s.area(band, "#cdbcc8")
	s.curve(mid, inkPlum, 2.5)
	s.line(point{left, at(0, 4.6).y}, point{right, at(0, 4.6).y}, inkPlum, 4)
	s.write(point{left - 6, at(0, 4.6).y + 5}, letters{14, "end", inkPlum, true}, "4.6")
	for ph := 3.0; ph <= hi; ph++ {
		s.write(point{left - 6, at(0, ph).y + 4}, letters{12, "end", inkQuiet, false}, fmt.Sprintf("%.0f", ph))
	}
	for k := 0; k <= 4; k++ {
		g := most * float64(k) / 4
		s.write(point{at(g, lo).x, bottom + 16}, letters{12, [...]string{"start", "middle", "middle", "middle",
			"end"}[k], inkQuiet, false}, fmt.Sprintf("%.1f", g))
	}
	s.write(point{right, bottom + 34}, letters{13, "end", inkQuiet, false},
		"grams of citric acid added to a kg of the mixture")
	return s
}
