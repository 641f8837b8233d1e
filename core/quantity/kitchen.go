package quantity

import (
	"math"
	"slices"
	"strconv"
	"strings"
)

// Exact writes v with at most three decimals.
func Exact(v float64) string {
	return strings.TrimRight(strings.TrimRight(strconv.FormatFloat(v, 'f', 3, 64), "0"), ".")
}

// measure is a spoon or cup with the parts of it that a kitchen has.
type measure struct {
	unit  Unit
	parts []float64
}

// The measures of a US kitchen, largest first (common practice, no source).
var measures = []measure{
	{Cup, []float64{0, 1. / 4, 1. / 3, 1. / 2, 2. / 3, 3. / 4}},
	{Tbsp, []float64{0, 1. / 2}},
	{Tsp, []float64{0, 1. / 8, 1. / 4, 1. / 2, 3. / 4}},
}

// kitchenError is how far a kitchen's measures may lie from the exact amount.
const kitchenError = 0.01

// Kitchen writes v of u in measures that a US kitchen has: "1⅓ cups",
// "2 Tbsp + 1 tsp", "2 lb 4 oz". It takes the fewest measures that come within
// one percent, and at worst the nearest ⅛ teaspoon or ¼ ounce. Metric units and
// counts are written as they are.
func Kitchen(v float64, u Unit) string {
	if v <= 0 || math.IsNaN(v) || math.IsInf(v, 0) {
		return Amount{v, v, u}.String()
	}
	switch u {
	case Tsp, Tbsp, Cup, FlOz:
		ml, _ := Convert(v, u, Ml)
		return spoons(ml)
	case Lb, Oz:
		return pounds(v, u)
	case Ml, L:
		ml, _ := Convert(v, u, Ml)
		return metric(ml, Ml, L)
	case G, Kg:
		g, _ := Convert(v, u, G)
		return metric(g, G, Kg)
	}
	return Amount{v, v, u}.String()
}

// Metric writes v of u in metric units, or "" where u is none that converts.
func Metric(v float64, u Unit) string {
	if ml, ok := Convert(v, u, Ml); ok {
		return metric(ml, Ml, L)
	}
	if g, ok := Convert(v, u, G); ok {
		return metric(g, G, Kg)
	}
	return ""
}

// metric writes three figures, which is finer than a kitchen scale.
func metric(v float64, small, large Unit) string {
	u := small
	if v >= 1000 {
		v, u = v/1000, large
	}
	places := max(0, 2-int(math.Floor(math.Log10(max(v, 1e-9)))))
	s := strconv.FormatFloat(v, 'f', min(places, 2), 64)
	if strings.ContainsRune(s, '.') {
		s = strings.TrimRight(strings.TrimRight(s, "0"), ".")
	}
	return s + " " + u.Word(2)
}

// spoons writes a volume in cups, tablespoons and teaspoons.
func spoons(ml float64) string {
	best, bestOff := "", math.Inf(1)
	for terms := 1; terms <= 3; terms++ {
		s, got := fill(ml, measures, terms)
		off := math.Abs(got-ml) / ml
		if s != "" && off < bestOff-1e-9 {
			best, bestOff = s, off
		}
		if bestOff <= kitchenError {
			break
		}
	}
	if best == "" {
		return Exact(ml/perML[Tsp]) + " tsp"
	}
	return best
}

// fill measures ml with at most the given number of measures, and returns how
// it is written and what it comes to in millilitres.
func fill(ml float64, list []measure, terms int) (string, float64) {
	best, bestGot := "", 0.0
	better := func(s string, got float64) {
		if best == "" || math.Abs(got-ml) < math.Abs(bestGot-ml)-1e-9 {
			best, bestGot = s, got
		}
	}
	for i, m := range list {
		size := perML[m.unit]
		whole := math.Floor(ml/size + 1e-9)
		if m.unit == Tbsp && whole > 7 || m.unit == Tsp && whole > 5 {
			continue // a larger measure does it
		}
		for w := whole; w <= whole+1; w++ {
			for _, part := range slices.Backward(m.parts) { // the larger scoop first
				v := w + part
				if v == 0 || m.unit == Tbsp && part > 0 && w == 0 {
					continue
				}
				got, s := v*size, Number(v)+" "+m.unit.Word(v)
				better(s, got)
				if rest := ml - got; terms > 1 && rest > 0 {
					if more, plus := fill(rest, list[i+1:], terms-1); more != "" {
						better(s+" + "+more, got+plus)
					}
				}
			}
		}
	}
	return best, bestGot
}

// pounds writes a weight in pounds and ounces, to the quarter ounce.
func pounds(v float64, u Unit) string {
	oz, _ := Convert(v, u, Oz)
	if oz < 1 {
		return Exact(oz) + " oz"
	}
	quarter := math.Round(oz*4) / 4
	lb := math.Floor(quarter / 16)
	rest := quarter - lb*16
	switch {
	case lb == 0:
		return Number(rest) + " oz"
	case rest == 0:
		return Number(lb) + " lb"
	case math.Mod(rest, 4) == 0:
		return Number(lb+rest/16) + " lb"
	}
	return Number(lb) + " lb " + Number(rest) + " oz"
}
