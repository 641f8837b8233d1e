package recipe

import (
	"math"

	"damson/core/english"
	"damson/core/quantity"
	"damson/core/words"
)

// near is how far two amounts of one thing may lie apart and still say the same.
const near = 0.12

// orElse widens the amount by another of the same thing that may be taken instead: "1 1/2 cups lemon
// juice (or 1 cup)", "9 cups onions, or 12 cups if it's hot you want", "4 cups sugar, 2 for diabetics".
// It reports whether t is such a part.
func (l *Line) orElse(t []words.Token) bool {
	i, other := 0, false
	for i < len(t) && (t[i].Kind == words.Mark || leadsOther[t[i].Text]) {
		other = other || t[i].Text != "about" && t[i].Kind == words.Word
		i++
	}
	v, n := english.Number(t, i)
	if n == 0 || l.AmountMin == nil || v <= 0 {
		return false
	}
	unit, scale, k := l.Unit, 1.0, i+n
	if u := unitAt(t, k); u.n > 0 {
		unit, scale, k = u.unit, u.scale, k+u.n
	}
	if k < len(t) && !onWhich[t[k].Text] || k == len(t) && !other {
		return false // "and half as many onions", "(about 2 quarts)"
	}
	if d := unit.Dimension(); d != quantity.Volume && d != quantity.Mass || d != l.Unit.Dimension() {
		return false
	}
	w, ok := quantity.Convert(v*scale, unit, l.Unit)
	if !ok || math.Abs(w / *l.AmountMax - 1) <= near {
		return ok
	}
	lo, hi := min(*l.AmountMin, w), max(*l.AmountMax, w)
	l.AmountMin, l.AmountMax = &lo, &hi
	return true
}

// leadsOther are words before another amount, and onWhich those behind it that say when it holds.
var (
	leadsOther = set("or and even sometimes maybe perhaps often only just up to about again")
	onWhich    = set("if when for in unless where depending or")
)
