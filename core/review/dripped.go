package review

import (
	"strings"

	"damson/core/english"
	"damson/core/food"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// dripJuice reads the fruit of a jelly as the juice that drips from it: the fruit is
// cooked in its water and hung in a bag, and only the juice is boiled with sugar. How
// much juice that is must be said; where it is not, it is asked.
func (d *draft) dripJuice(cat *food.Catalogue) {
	if !titleHas(d.folded, "jelly") {
		return
	}
	drips := false
	for s := range d.steps {
		drips = drips || !d.steps[s].Serving && containsAny(d.steps[s].Text, "jelly bag", "drip", "strain the juice", "let drain overnight")
	}
	fruit := -1
	for i := range d.items {
		if it := &d.items[i]; it.ref.In("fruit-juice") {
			return // listed as juice
		} else if fruit >= 0 && it.ref != nil && it.ref.Kind == "fruit" {
			return // of several fruits the shares matter
		} else if it.ref != nil && it.ref.Kind == "fruit" && cat.ByID(it.ref.ID+"-juice") != nil {
			fruit = i
		}
	}
	if !drips || fruit < 0 {
		return
	}
	it := &d.items[fruit]
	juice := cat.ByID(it.ref.ID + "-juice")
	line := *it.src
	line.Ref, line.Food, line.Pieces, line.Package = juice, juice.Names[0], 0, nil
	line.AmountMin, line.AmountMax = nil, nil
	it.ref, it.head, it.name, it.prep, it.state = juice, nil, juice.Names[0], nil, nil
	it.amount, it.src = quantity.Amount{}, &line
	for s := range d.steps {
		if cups, ok := cupsOfJuice(d.steps[s].Text); ok && !d.steps[s].Serving {
			line.AmountMin, line.AmountMax, line.Unit = &cups, &cups, quantity.Cup
			it.amount = line.Amount()
		}
	}
	for i := range d.items {
		if w := &d.items[i]; w.is("water") {
			w.serving, w.drained = true, true // it is in the juice
		}
	}
}

var juiceMeasure = pattern.MustCompile(`(?i)^cups? (of )?(the |this |strained |clear )*juice\b`)

// cupsOfJuice reads "4 cups of the juice".
func cupsOfJuice(text string) (float64, bool) {
	t := words.Split(text)
	for i := range t {
		v, n := english.Number(t, i)
		if n == 0 || i+n >= len(t) {
			continue
		}
		if juiceMeasure.MatchString(strings.TrimSpace(text[t[i+n].Start:])) {
			return v, true
		}
	}
	return 0, false
}
