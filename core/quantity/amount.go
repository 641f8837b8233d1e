package quantity

import (
	"math"
	"strconv"
	"strings"
)

// Amount is a measured quantity, or a range of it. Min and Max are equal where
// no range was given. The zero Amount means that none was given.
type Amount struct {
	Min, Max float64
	Unit     Unit
}

// IsZero reports whether no amount was given.
func (a Amount) IsZero() bool { return a.Unit == None }

// Mid returns the middle of the range, in a.Unit.
func (a Amount) Mid() float64 { return (a.Min + a.Max) / 2 }

// Scale returns a with both ends multiplied by k.
func (a Amount) Scale(k float64) Amount { return Amount{a.Min * k, a.Max * k, a.Unit} }

// In returns the range in units of u, or false where a does not convert.
func (a Amount) In(u Unit) (lo, hi float64, ok bool) {
	lo, ok = Convert(a.Min, a.Unit, u)
	if !ok {
		return 0, 0, false
	}
	hi, _ = Convert(a.Max, a.Unit, u)
	return lo, hi, true
}

var vulgar = []struct {
	value float64
	sign  string
}{
	{1.0 / 8, "⅛"}, {1.0 / 4, "¼"}, {1.0 / 3, "⅓"}, {3.0 / 8, "⅜"}, {1.0 / 2, "½"},
	{5.0 / 8, "⅝"}, {2.0 / 3, "⅔"}, {3.0 / 4, "¾"}, {7.0 / 8, "⅞"},
}

// Number writes v as a cook would: a fraction where it is one within 0.005,
// else at most two decimals.
func Number(v float64) string {
	if v < 0 || math.IsNaN(v) || math.IsInf(v, 0) {
		return strconv.FormatFloat(v, 'g', 3, 64)
	}
	whole := math.Floor(v + 0.005)
	rest := v - whole
	if math.Abs(rest) < 0.005 {
		return strconv.FormatFloat(whole, 'f', 0, 64)
	}
	for _, f := range vulgar {
		if math.Abs(rest-f.value) < 0.005 {
			if whole == 0 {
				return f.sign
			}
			return strconv.FormatFloat(whole, 'f', 0, 64) + f.sign
		}
	}
	s := strconv.FormatFloat(v, 'f', 2, 64)
	return strings.TrimRight(strings.TrimRight(s, "0"), ".")
}

var unitWords = map[Unit][2]string{
	Tsp: {"tsp", "tsp"}, Tbsp: {"Tbsp", "Tbsp"}, FlOz: {"fl oz", "fl oz"}, Cup: {"cup", "cups"},
	Pint: {"pint", "pints"}, Quart: {"quart", "quarts"}, Gallon: {"gallon", "gallons"},
	Ml: {"ml", "ml"}, L: {"l", "l"}, Oz: {"oz", "oz"}, Lb: {"lb", "lb"}, G: {"g", "g"}, Kg: {"kg", "kg"},
	Each: {"", ""}, Bunch: {"bunch", "bunches"}, Pinch: {"pinch", "pinches"}, Dash: {"dash", "dashes"},
	InchPiece: {"inch piece", "inch pieces"}, Peck: {"peck", "pecks"}, Bushel: {"bushel", "bushels"},
}

// Word returns the unit as a cook writes it for the amount v.
func (u Unit) Word(v float64) string {
	w, ok := unitWords[u]
	if !ok {
		w = [2]string{string(u), string(u) + "s"}
	}
	if v > 1 {
		return w[1]
	}
	return w[0]
}

// String writes the amount with its unit: "2–3 lb", "1½ cups", "3".
func (a Amount) String() string {
	if a.IsZero() {
		return ""
	}
	s := Number(a.Min)
	if a.Max != a.Min {
		s += "–" + Number(a.Max)
	}
	if w := a.Unit.Word(a.Max); w != "" {
		s += " " + w
	}
	return s
}
