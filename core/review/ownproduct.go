package review

import (
	"strings"

	"damson/core/english"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/words"
)

// opening are the words before the first number of a text without a title: "okay the
// green salsa it's five cups chopped tomatillos".
func opening(rec *recipe.Recipe) string {
	if len(rec.Steps) == 0 {
		return ""
	}
	text := rec.Steps[0].Text
	t := words.Split(text)
	for i := range t {
		if _, n := english.Number(t, i); n > 0 && t[i].Text != "one" && t[i].Text != "a" {
			return text[:t[i].Start]
		}
	}
	return text
}

// ownProduct takes out the title's own product, a sauce or a juice, where it was read
// as an ingredient although the method makes it of fresh food.
func (d *draft) ownProduct(rec *recipe.Recipe) {
	if d.kind == "" || d.kind == "soup" {
		return
	}
	for i := range d.items {
		it := &d.items[i]
		if kindOf(words.FoldPhrase(it.name)) != d.kind {
			continue
		}
		if it.line != rec.TitleLine || !it.amount.IsZero() && it.amount.Unit != quantity.Pint &&
			it.amount.Unit != quantity.Quart || it.fromStep { // "40 pints" are what it makes
			continue
		}
		for k := range d.items {
			if x := &d.items[k]; k != i && !x.minor && !x.amount.IsZero() && x.ref != nil && (x.ref.Kind == "fruit" ||
				x.is("tomato")) {
				it.serving, it.drained = true, true
			}
		}
	}
}

// ownVariety reads the food of the list as the variety that the text says it is, where that
// variety has no process: peaches of a cook who "picks Babcocks" are white peaches.
func (d *draft) ownVariety() {
	for v := range d.items {
		kind := &d.items[v]
		if kind.serving || !kind.amount.IsZero() || !kind.is("low-acid-fruit", "no-home-process", "bottled-citrus") {
			continue
		}
		for k := range d.items {
			it := &d.items[k]
			if it.serving || it.ref == nil || it.ref == kind.ref || kind.is("bottled-citrus") && it.saysFresh() ||
				!strings.HasSuffix(kind.ref.Names[0], " "+it.ref.Names[0]) {
				continue
			}
			it.ref = kind.ref
			kind.serving, kind.drained = true, true
		}
	}
}
