package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/quantity"
	"damson/core/recipe"
)

// item is one ingredient at work.
type item struct {
	line   int
	name   string
	ref    *food.Food
	head   *food.Food
	amount quantity.Amount
	src    *recipe.Line
	prep   []string
	state  []string
	// leftOut is set by an edit that takes it out of the jar.
	leftOut bool
	// unclear is true where the amount was given but cannot be measured.
	unclear bool
	// more is true where its own line says that it may be more.
	more   bool
	unread []string
	// slip is the name as written, where it was read as another.
	slip    string
	serving bool
	// drained is true for water that the method soaks in and pours off.
	drained bool
	// minor is true for what is never what a product is made of.
	minor bool
	// choice is true for the second of "butter or lard".
	choice bool
	// fromStep is true where only the method names it.
	fromStep bool
	// spoken is true where the sentence that names it puts nothing in.
	spoken bool
	// factor scales the amount after "cut back".
	factor float64
}

func (it *item) is(groups ...string) bool { return !it.serving && it.ref.In(groups...) }

// looks is is, but an unknown compound counts by its last word: "pepper jack
// cheese" looks like cheese.
func (it *item) looks(groups ...string) bool {
	return !it.serving && (it.ref.In(groups...) || it.ref == nil && it.head.In(groups...))
}

func (it *item) done(prep ...string) bool {
	for _, p := range prep {
		if slices.Contains(it.prep, p) {
			return true
		}
	}
	return false
}

func (it *item) came(state ...string) bool {
	for _, p := range state {
		if slices.Contains(it.state, p) {
			return true
		}
	}
	return false
}

func (it *item) undo(preps ...string) {
	it.prep = slices.DeleteFunc(it.prep, func(p string) bool { return slices.Contains(preps, p) })
}

// cups returns the volume in US cups, or false where it is not known.
func (it *item) cups() (float64, bool) {
	if it.src == nil || it.amount.IsZero() || it.unclear {
		return 0, false
	}
	if it.is("garlic") && it.amount.Unit == quantity.Head {
		return it.amount.Max * headOfGarlic * 4 / 136 * it.factor, true
	}
	if it.is("fresh-citrus") && it.amount.Unit == quantity.Each {
		return it.amount.Max * juiceOfOne * it.factor, true
	}
	c, ok := it.src.Cups()
	return c * it.factor, ok
}

// grams returns the weight, or false where it is not known.
func (it *item) grams() (float64, bool) {
	if it.src == nil || it.amount.IsZero() || it.unclear {
		return 0, false
	}
	if it.is("garlic") && it.amount.Unit == quantity.Head {
		return it.amount.Max * headOfGarlic * 4 * it.factor, true
	}
	if it.src.Pieces > 0 {
		return it.src.Pieces * it.factor, true
	}
	if it.src.Package != nil && it.amount.Unit.Dimension() == quantity.Count {
		g, ok := it.ref.Grams(it.src.Package.Amount, it.src.Package.Unit, it.src.Form())
		return g * it.amount.Max * it.factor, ok
	}
	if it.ref == nil {
		return 0, false
	}
	g, ok := it.ref.Grams(it.amount.Max, it.amount.Unit, it.src.Form())
	return g * it.factor, ok
}

// headOfGarlic is the cloves of a head (common practice, no source).
const headOfGarlic = 11

// juiceOfOne is the juice of a lemon or lime in cups: about 3 and 2 Tbsp, the
// smaller taken for both (common practice, no source).
const juiceOfOne = 2.0 / 16

// elidedGrams reads "six hundred of carrots" as grams, where the recipe weighs in grams.
func (d *draft) elidedGrams() {
	const many = 100 // nobody counts so many carrots
	if !slices.ContainsFunc(d.items, func(it item) bool { return it.amount.Unit == quantity.G }) {
		return
	}
	for i := range d.items {
		if it := &d.items[i]; it.amount.Unit == quantity.Each && it.amount.Min >= many && it.src != nil &&
			strings.Contains(it.src.Text, " of ") {
			src := *it.src
			src.Unit, src.Grams = quantity.G, src.AmountMax
			it.src, it.amount.Unit = &src, quantity.G
		}
	}
}

// saysFresh reports an item that is said to be fresh, or to be pressed for the purpose.
func (it *item) saysFresh() bool {
	return it.src == nil || containsAny(it.src.Text, "fresh", "squeezed", "squeeze", "juiced", "juice of",
		"lemons", "limes")
}

// short reports whether the method puts in more of the food than the list has:
// then the method's measure is an item of its own, and the two add up.
func (it *item) short(line *recipe.Line) bool {
	if it.amount.IsZero() || it.src.Per != "" && (isAcid(it) || line.Per != "") || it.ref != line.Ref ||
		it.is("salt", "broth") || it.is("water") && !line.Dilutes || line.AmountMin == nil {
		return false
	}
	said := item{ref: line.Ref, amount: line.Amount(), src: line, factor: 1}
	if a, ok := it.cups(); ok {
		if b, ok := said.cups(); ok {
			return b > a*slack
		}
	}
	if a, ok := it.grams(); ok {
		if b, ok := said.grams(); ok {
			return b > a*slack
		}
	}
	return it.amount.Unit != line.Unit && line.Unit.Dimension() != quantity.Count
}

// cutDown reports whether the mention takes less of the acid, for the batch or for each jar, and not more of it.
func (it *item) cutDown(m recipe.Mention, line *recipe.Line) bool {
	return (m.Taken && !m.More || line.Per != "" && line.Per == it.src.Per) && it.cutTo(line)
}

// cutTo reports whether the method takes less of the acid than the list has: "I use a
// teaspoon of lemon".
func (it *item) cutTo(line *recipe.Line) bool {
	if it.amount.IsZero() || line.AmountMin == nil {
		return false
	}
	said := item{ref: it.ref, amount: line.Amount(), src: line, factor: 1}
	a, ok := it.cups()
	b, known := said.cups()
	return ok && known && b < a/slack
}

// calledBy reports whether the item, by its name, is meant by a shorter one: "the rind", "the apple" of
// apple juice, "the watermelon" of its rind.
func (it *item) calledBy(have, name string) bool {
	if it.is("fruit-juice") && have == name+" juice" {
		return true
	}
	if it.is("watermelon-rind") && have == name+" rind" {
		return true
	}
	return have == name || strings.HasSuffix(have, " "+name)
}

func sharesGroup(a, b *food.Food) bool { return a != nil && a.In(b.Groups...) }
