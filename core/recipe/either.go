package recipe

import (
	"math"

	"damson/core/english"
	"damson/core/quantity"
	"damson/core/words"
)

// SameAmount is how far two amounts of one thing may lie apart and still say the same (common practice,
// no source).
const SameAmount = 0.12

// orElse widens the amount by another of the same thing that may be taken instead: "1 1/2 cups lemon
// juice (or 1 cup)", "9 cups onions, or 12 cups if it's hot you want", "4 cups sugar, 2 for diabetics",
// "2 cups vinegar (I used 1 cup)". It reports whether t is such a part.
func (l *Line) orElse(t []words.Token) bool {
	v, unit, ok := anotherAmount(t)
	if !ok || l.AmountMin == nil {
		return false
	}
	if unit == "" {
		unit = l.Unit
	}
	if d := unit.Dimension(); d != quantity.Volume && d != quantity.Mass || d != l.Unit.Dimension() {
		return false
	}
	w, ok := quantity.Convert(v, unit, l.Unit)
	if !ok || math.Abs(w / *l.AmountMax - 1) <= SameAmount {
		return ok
	}
	lo, hi := min(*l.AmountMin, w), max(*l.AmountMax, w)
	l.AmountMin, l.AmountMax = &lo, &hi
	l.weigh()
	return true
}

// amountsAgree leaves an amount unread that is told again, by weight or by volume, and is far more
// or far less than the first: "3 cups (9 lb) onions". What was bought and what is left of it lie
// closer together.
func (p *lineParser) amountsAgree() {
	l := p.l
	if l.Grams == nil || p.again.Unit == "" || l.Ref == nil || l.Unit.Dimension() == quantity.Count {
		return
	}
	g, ok := l.Ref.Grams(p.again.Mid(), p.again.Unit, l.Form())
	const most = 2.6 // peel, stones and a loose cup; common practice, no source
	if ok && (g > most**l.Grams || *l.Grams > most*g) {
		l.Unread = append(l.Unread, p.againText)
		p.guess("two amounts that do not agree: " + p.againText)
	}
}

// anotherAmount reads a part that is another amount and says at most when it holds; unit is "" where it
// has none of its own. "And half as many onions" is none, nor "(about 2 quarts)".
func anotherAmount(t []words.Token) (v float64, unit quantity.Unit, ok bool) {
	i, leads := 0, false
	for i < len(t) && (t[i].Kind == words.Mark || leadsOther[t[i].Text]) {
		leads = leads || t[i].Text != "about" && t[i].Kind == words.Word
		i++
	}
	v, n := english.Number(t, i)
	if n == 0 || v <= 0 {
		return 0, "", false
	}
	k := i + n
	if u := unitAt(t, k); u.n > 0 {
		v, unit, k = v*u.scale, u.unit, k+u.n
	}
	if k == len(t) {
		return v, unit, leads
	}
	return v, unit, onWhich[t[k].Text]
}

// leadsOther are words before another amount, and onWhich those behind it that say when it holds.
var (
	leadsOther = set("or and even sometimes maybe perhaps often only just up to about again " +
		"i we use used put had took have")
	onWhich = set("if when for in unless where depending or")
)

// instead reports another amount that may be taken: "or 12 cups if you like them".
func instead(part string) bool {
	t := words.Split(part)
	_, unit, ok := anotherAmount(t)
	return ok && unit != "" && t[0].Text == "or"
}
