package review

import (
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
)

// doses writes what the edits put in by the procedure's own measure.
func (w *rewrite) doses() {
	p := w.was.proc
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		if !w.is.added[in.Name] || w.was.added[in.Name] {
			continue
		}
		scale := w.is.scale
		if scale == 0 {
			scale = 1
		}
		text := in.Line(w.jar(), scale)
		if text == "" {
			continue
		}
		w.reasons[text] = "As tested: " + in.Name
		right, _ := w.was.candidates(k)
		placed := false
		for _, i := range right {
			it := &w.was.items[i]
			if it.fromStep || it.line < 1 || it.line > len(w.rows) || w.is.items[i].serving {
				continue
			}
			if placed {
				continue // a second acid is more acid, and stays
			}
			if w.alone(i) {
				w.rows[it.line-1], placed = text, true
			}
		}
		if !placed {
			w.more = append(w.more, text)
		}
	}
	if w.puts("main") {
		w.measure(w.was.main, func() (float64, quantity.Unit) {
			in := w.was.ingredientOf(w.was.main)
			if in == nil {
				return 0, ""
			}
			return in.Amount, in.Unit
		})
	}
	given := map[*procedure.Ingredient]bool{}
	for i := range w.was.items {
		in := w.was.ingredientOf(i)
		it := &w.was.items[i]
		if in == nil || in.Amount == 0 || w.is.items[i].serving {
			continue
		}
		// The first of several gets the tested amount, the others go.
		if given[in] && w.alone(i) && it.line >= 1 && it.line <= len(w.rows) && !it.fromStep {
			w.gone[it.line-1] = true
			continue
		}
		if w.puts("water") && it.is("water", "broth", "fruit-juice") || w.puts("fat") && it.is("fat") {
			scale := w.is.scale
			if scale == 0 || w.puts("fat") && p.Product == "jam" {
				scale = 1
			}
			given[in] = true
			w.measure(i, func() (float64, quantity.Unit) { return in.Amount * scale, in.Unit })
		}
	}
	if w.puts("liquid") {
		for k := range p.Ingredients {
			in := &p.Ingredients[k]
			if f := w.e.cat.Any(in.Same[0]); in.Role == procedure.Liquid && !in.Optional && f != nil && len(w.was.matched(k)) == 0 {
				w.more = append(w.more, f.Names[0]+", to cover")
				break
			}
		}
	}
}

// puts reports whether the edits added the thing.
func (w *rewrite) puts(what string) bool { return w.is.added[what] && !w.was.added[what] }

// alone reports whether the item stands alone on its line.
func (w *rewrite) alone(i int) bool {
	for k := range w.was.items {
		if k != i && w.was.items[k].line == w.was.items[i].line && !w.was.items[k].choice {
			return false
		}
	}
	return true
}

// measure gives item i the amount.
func (w *rewrite) measure(i int, amount func() (float64, quantity.Unit)) {
	if i < 0 || !w.alone(i) || w.was.items[i].fromStep {
		return
	}
	it := w.is.items[i] // a copy
	v, unit := amount()
	if v == 0 || it.line < 1 || it.line > len(w.rows) {
		return
	}
	src := recipeLine(&it)
	src.Package = nil
	it.amount, it.src, it.factor = quantity.Amount{Min: v, Max: v, Unit: unit}, src, 1
	text := strings.TrimSpace(quantity.Kitchen(v, unit) + " " + it.name)
	for _, p := range it.prep {
		text += ", " + p
	}
	w.put(it.line, text)
}

// ingredientOf returns the procedure's ingredient that item i is, or nil.
func (b *bench) ingredientOf(i int) *procedure.Ingredient {
	if i < 0 || b.of[i] < 0 {
		return nil
	}
	return &b.proc.Ingredients[b.of[i]]
}

// jar returns the jar that doses are written for.
func (w *rewrite) jar() quantity.Jar {
	if j := w.is.jar.Value; j != "" {
		return j
	}
	if list := w.is.processes(); len(list) > 0 {
		return quantity.Jar(list[0].Jar)
	}
	return quantity.QuartJar
}
