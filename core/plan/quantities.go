package plan

import (
	"damson/core/food"
	"damson/core/quantity"
)

func jarOf(d *Dish) quantity.Jar { return quantity.Jar(d.Process.Jar) }

// spareLids are bought beyond one a jar (common practice, no source).
const spareLids = 2

// Lids returns how many new lids the jars take, with spares.
func Lids(jars int) int { return jars + spareLids }

// Buy returns the kilograms to buy for so much prepared food: least and most. It
// is false where it is not known what peeling and trimming leave.
func (t *Table) Buy(f *food.Food, preparedKg float64) (least, most float64, ok bool) {
	l, ok := t.LeftOf(f)
	if !ok || preparedKg <= 0 {
		return 0, 0, false
	}
	return preparedKg / l.Most, preparedKg / l.Least, true
}

// Cover returns the cups of covering liquid that the jars take where a recipe
// gives none: from a fifth to two fifths of the jar (common practice, no
// source), most for raw pack of large pieces.
func Cover(j quantity.Jar, jars int) (least, most float64) {
	cups := j.Cups() * float64(jars)
	return 0.2 * cups, 0.4 * cups
}
