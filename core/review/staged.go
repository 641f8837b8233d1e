package review

import (
	"math"
	"slices"
	"strings"

	"damson/core/recipe"
)

// A brine or a syrup is often made in stages: "3 cups vinegar, 3 cups sugar ... another 2 cups
// each ...". What is added later is no more than was listed where all that is told comes to it.

// inStages reports whether the clause is only asked about because it adds more of something, and
// each food of it is told in amounts that come to what the list has.
func (b *bench) inStages(a recipe.Ask, st *step) bool {
	if a.Code != "low-acid-increase" {
		return false
	}
	n := 0
	for _, m := range st.Foods {
		if !within(m, a, st) {
			continue
		}
		i := slices.IndexFunc(b.items, func(it item) bool { return !it.fromStep && it.ref != nil && it.ref == m.Food })
		if i < 0 || !b.toldInFull(&b.items[i]) {
			return false
		}
		n++
	}
	return n > 0
}

// within reports whether the food is named in the clause that is asked about.
func within(m recipe.Mention, a recipe.Ask, st *step) bool {
	for _, c := range st.Clauses {
		if m.At >= c.Start && m.At < c.End {
			return strings.Contains(c.Text, a.Text)
		}
	}
	return false
}

// toldInFull reports whether the method tells the item in several amounts that come to the
// listed one.
func (b *bench) toldInFull(it *item) bool {
	const near = 0.02 // of the listed amount; common practice, no source
	listed, ok := it.cups()
	if !ok {
		return false
	}
	sum, n := 0.0, 0
	count := func(l *recipe.Line) {
		if c, ok := l.Cups(); ok && l.Ref == it.ref && l.Per == "" {
			sum, n = sum+c, n+1
		}
	}
	for _, l := range b.amountsTold {
		count(l)
		for _, x := range l.Also {
			count(x)
		}
	}
	return n > 1 && math.Abs(sum-listed) <= near*listed
}
