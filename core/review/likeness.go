package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/procedure"
)

// identity is what a recipe is, whatever edits may do to it.
type identity struct {
	main    int
	kind    string
	mixture bool
}

func (e *Reviewer) identify(d *draft) identity {
	return identity{mainItem(d), d.kind, e.mixture(d)}
}

// plausible reports whether the draft may be this product at all: the same
// kind of product, made of the same main food.
func (e *Reviewer) plausible(d *draft, id identity, p *procedure.Procedure) bool {
	switch {
	case id.main < 0 || !d.isSaid(p):
		return false
	case p.General: // a chili that has a recipe of its own has a longer time
		return !d.ownChili() && (id.kind == "soup" || id.kind == "" && id.mixture)
	case id.kind == "" && e.holds(d, p) && !e.titledOther(d, &d.items[id.main], p):
		return true
	case p.Product == "chili" && id.kind == "soup" && d.ownChili():
		return true
	case p.Product == "stock":
		return id.kind == "stock"
	case p.Product != "curd" && !e.isLead(p, &d.items[id.main]):
		return false
	}
	return d.mayBecome(id.kind, p) && (p.Product != "salsa" || e.nearSalsa(d, p))
}

// isLead reports whether the item may be what a recipe of p is known by.
func (e *Reviewer) isLead(p *procedure.Procedure, it *item) bool {
	return slices.ContainsFunc(e.leads[p], func(k int) bool { return it.maybe(&p.Ingredients[k]) })
}

// mayBecome reports whether a recipe of the kind may be a product of p.
func (d *draft) mayBecome(kind string, p *procedure.Procedure) bool {
	switch {
	case kind == p.Product:
		return true
	case kind == "relish":
		return p.Product == "salsa"
	case kind != "":
		return false
	case p.Product == "pickle":
		return d.hasVinegar()
	case p.Product == "salsa":
		return d.hasAcidFor("capsicum")
	}
	return p.Product == "plain"
}

// isSaid reports whether the recipe says what a procedure asks of it: that it is for a baby, or that it holds
// pectin whose package has directions.
func (d *draft) isSaid(p *procedure.Procedure) bool {
	return (len(p.Says) == 0 || d.says(p.Says)) && (!p.Leaflet || d.hasGel())
}

// says reports whether one of the phrases stands in the title, a line or a sentence of the recipe.
func (d *draft) says(phrases []string) bool {
	if titleHas(d.folded, phrases...) {
		return true
	}
	for i := range d.items {
		if it := &d.items[i]; it.src != nil && containsAny(it.src.Text, phrases...) {
			return true
		}
	}
	return slices.ContainsFunc(d.steps, func(s step) bool { return !s.Serving && containsAny(s.Text, phrases...) })
}

// ownChili reports a chili of what the tested chile con carne is made of: ground meat, dried
// beans and tomatoes. Called a soup, it is one.
func (d *draft) ownChili() bool {
	return titleHas(d.folded, "chili", "chile") && !titleHas(d.folded, "soup", "stew") &&
		d.hasGroup("ground-meat") && d.hasGroup("dry-bean") && d.hasGroup("tomato")
}

// titledOther reports whether the title names another procedure of the same main
// food: crushed tomatoes with courgettes are no tomatoes with zucchini.
func (e *Reviewer) titledOther(d *draft, main *item, p *procedure.Procedure) bool {
	for q, names := range e.names {
		if q == p || !titleHas(d.folded, names...) || p.Product == "sauced-beans" && q.Product == "plain" {
			continue // beans that have their sauce are no plain beans
		}
		for _, k := range e.leads[q] {
			if main.ref != nil && closeness(main.ref, q.Ingredients[k].Same) > 0 {
				return true
			}
		}
	}
	return false
}

// holds reports whether the draft has just what the procedure's own recipe has:
// every food that it cannot be without, and no other. A title that names no kind
// of product then leaves no doubt what it is.
func (e *Reviewer) holds(d *draft, p *procedure.Procedure) bool {
	switch p.Product {
	case "mixed", "specialty", "pickle", "relish", "salsa", "plain", "sauced-beans", "soup":
	default:
		return false // a juice, a sauce, a jam is made by what is done to the same foods
	}
	found, must, lead := 0, 0, false
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		aside := in.Role == procedure.Salt || in.Role == procedure.Seasoning || in.Role == procedure.Liquid
		there := d.mayHold(in)
		switch {
		case aside:
		case there:
			found++
			lead = lead || in.Role == procedure.Main
			if !in.Optional {
				must++
			}
		case !in.Optional:
			return false
		}
	}
	if d.holdsOther(p) {
		return false
	}
	return lead && found > 1 && (must > 2 || must > 1 && p.Acidity == "low-acid" || found > 3)
}

// mayHold reports whether a line may be the ingredient.
func (d *draft) mayHold(in *procedure.Ingredient) bool {
	for i := range d.items {
		if it := &d.items[i]; !it.serving && it.maybe(in) {
			return true
		}
	}
	return false
}

// holdsOther reports a food that the procedure does not have; what no jar may hold does not say
// what a recipe is.
func (d *draft) holdsOther(p *procedure.Procedure) bool {
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.minor || it.drained || it.ref != nil && it.ref.In("thickener", "dairy") {
			continue
		}
		if !it.isOneOf(p) {
			return true
		}
	}
	return false
}

// isOneOf reports whether the item may be an ingredient of the procedure.
func (it *item) isOneOf(p *procedure.Procedure) bool {
	for k := range p.Ingredients {
		if it.maybe(&p.Ingredients[k]) {
			return true
		}
	}
	return false
}

func (d *draft) hasVinegar() bool {
	for i := range d.items {
		if d.items[i].is("vinegar", "weak-vinegar") && !d.items[i].fromStep {
			return true
		}
	}
	return false
}

func (d *draft) hasAcidFor(group string) bool {
	acid, food := false, false
	for i := range d.items {
		acid = acid || isAcid(&d.items[i])
		food = food || d.items[i].is(group)
	}
	return acid && food
}

// mixture reports whether the draft is several solids, or solids in broth: a
// dish, and not one food packed plain.
func (e *Reviewer) mixture(d *draft) bool {
	solids, broth := 0, false
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.ref == nil || it.choice {
			continue
		}
		switch {
		case it.is(notMain...):
			broth = broth || it.is("broth")
		default:
			solids++
		}
	}
	return solids >= 2 || broth && solids >= 1 && d.did("half-solids")
}

// salsaOverlap is the least share of a recipe that must agree with a tested
// salsa for the two to be near; below it the salsa is the cook's own.
const salsaOverlap = 0.8

// nearSalsa compares the shares of tomato, pepper, onion, acid and the rest.
func (e *Reviewer) nearSalsa(d *draft, p *procedure.Procedure) bool {
	groups := []string{"tomato", "capsicum", "bulb-onion", "bottled-citrus"}
	home, tested := make([]float64, len(groups)+1), make([]float64, len(groups)+1)
	put := func(into []float64, f *food.Food, cups float64) {
		if f.In("fresh-citrus", "citrus-juice", "vinegar", "weak-vinegar", "bottled-citrus") {
			into[3] += cups
			return
		}
		for g, name := range groups {
			if f.In(name) {
				into[g] += cups
				return
			}
		}
		if f == nil || !f.In("dry-seasoning", "salt", "herb", "garlic") {
			into[len(groups)] += cups
		}
	}
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.choice {
			continue
		}
		f := it.ref
		if f == nil {
			f = it.head
		}
		if c, ok := it.cups(); ok {
			put(home, f, c)
		} else if f == nil || !f.In("dry-seasoning", "salt", "herb", "garlic") {
			put(home, f, 0.5)
		}
	}
	either := false
	for _, in := range p.Ingredients {
		f := e.cat.Any(in.Same[0])
		if in.Same[0] == "bulb-onion" && len(in.Same) > 1 {
			either = true // onions and peppers in any mixture
		}
		if c, ok := f.Cups(in.Amount, in.Unit, "chopped"); ok {
			put(tested, f, c)
		}
	}
	if either {
		home[1], home[2] = home[1]+home[2], 0
		tested[1], tested[2] = tested[1]+tested[2], 0
	}
	return overlapOf(home, tested) >= salsaOverlap
}

// overlapOf returns the share that two mixtures have in common, from 0 to 1.
func overlapOf(a, b []float64) float64 {
	sa, sb, common := 0.0, 0.0, 0.0
	for i := range a {
		sa += a[i]
		sb += b[i]
	}
	if sa == 0 || sb == 0 {
		return 0
	}
	for i := range a {
		common += min(a[i]/sa, b[i]/sb)
	}
	return common
}

// Covers reports whether the words name the procedure ("dilly beans").
func Covers(p *procedure.Procedure, query string) bool {
	q := strings.ToLower(query)
	for _, n := range append([]string{p.Title, p.ID}, p.Names...) {
		if strings.Contains(strings.ToLower(n), q) {
			return true
		}
	}
	return false
}
