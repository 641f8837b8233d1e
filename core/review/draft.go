package review

import (
	"maps"
	"slices"

	"damson/core/quantity"
	"damson/core/recipe"
)

// draft is the recipe as the review works on it. Edits are made on copies, so
// that "covered once changed" is a review of the changed draft and no promise.
type draft struct {
	// folded is the title in folded words, kind the product it names.
	folded, kind string
	items        []item
	steps        []step
	methods      []recipe.Said[string]
	jar          recipe.Said[quantity.Jar]
	jars         []recipe.Said[quantity.Jar]
	pack         recipe.Said[string]
	gauge        string
	minutes      []recipe.SaidMinutes
	psi          *recipe.Said[float64]
	vent         *recipe.Said[float64]
	head         *recipe.Said[float64]
	// liquids are the covering liquids that lines or method name; dry is set
	// where the recipe says that none is added.
	liquids map[string]bool
	dry     bool
	// strained is set where a stock's bones and roots are strained out.
	strained bool
	// halfSolids is set where the filling is stated half solids.
	halfSolids bool
	// halfAt is the step, counted from 1, that fills the jars and is to fill them half, 0 for none.
	halfAt int
	// sugarTold is set where the recipe says that it changed the sugar.
	sugarTold bool
	// amountsTold are the amounts that the method states.
	amountsTold []*recipe.Line
	// added records, by name, the edits that put in what was left out.
	added map[string]bool
}

func (d *draft) clone() *draft {
	c := *d
	c.items = slices.Clone(d.items)
	for i := range c.items {
		c.items[i].prep = slices.Clone(d.items[i].prep)
		c.items[i].state = slices.Clone(d.items[i].state)
	}
	c.steps = slices.Clone(d.steps)
	for i := range c.steps {
		c.steps[i].dropped = slices.Clone(d.steps[i].dropped)
	}
	c.methods = slices.Clone(d.methods)
	c.minutes = slices.Clone(d.minutes)
	c.added, c.liquids = maps.Clone(d.added), maps.Clone(d.liquids)
	return &c
}

// did reports whether any sentence before serving holds the act.
func (d *draft) did(tags ...string) bool {
	for i := range d.steps {
		if !d.steps[i].Serving && d.steps[i].did(tags...) {
			return true
		}
	}
	return false
}

// newDraft lays the recipe out for the review; flags win over the text.
func newDraft(e *Reviewer, req Request) *draft {
	rec := req.Recipe
	d := &draft{folded: foldTitle(e.reader.TitleNames(recipe.TitleSaid(rec.Title))), added: map[string]bool{}, liquids: map[string]bool{}, sugarTold: saysSugar(rec)}
	d.kind = kindOf(d.folded)
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient {
			continue
		}
		d.addLine(l, l.Serving)
	}
	for _, s := range rec.Steps {
		d.steps = append(d.steps, step{Step: s})
	}
	if rec.TitleLine == 0 && d.kind == "" {
		d.kind = kindOf(foldTitle(opening(rec)))
	}
	d.foodsOfSteps(e)
	d.acidSpokenOf()
	d.kind = e.kindMeant(d)
	d.answeredFoods(e, req.Answers.list())
	d.servingOnly()
	d.boneInByTitle(e.cat)
	d.strainStock(e.cat)
	d.dripJuice(e.cat)
	d.elidedGrams()
	d.ownProduct(rec)
	d.ownVariety()
	d.made(e.cat)
	d.drainSoak(e.reader)
	d.takeStated(req)
	d.takeAsked(req)
	d.liquidsOf(rec)
	return d.cookingLiquid()
}

// takeStated takes the process from what the text states.
func (d *draft) takeStated(req Request) {
	st := &req.Recipe.Stated
	d.methods, d.minutes, d.psi, d.vent, d.head, d.jars = st.Methods, st.MinutesAt(req.Elevation), st.PSI, st.Vent, st.Headspace, st.Jars
	if j, line, ok := st.OneJar(); ok {
		d.jar = recipe.Said[quantity.Jar]{Value: j, Line: line}
	}
	if p, line, ok := st.OnePack(); ok {
		d.pack = recipe.Said[string]{Value: p, Line: line}
	}
	if st.Gauge != nil {
		d.gauge = st.Gauge.Value
	}
}

// takeAsked lets what the request says of the process win over the text.
func (d *draft) takeAsked(req Request) {
	if req.Jar != "" {
		d.jar = recipe.Said[quantity.Jar]{Value: req.Jar}
	}
	if req.Pack != "" {
		d.pack = recipe.Said[string]{Value: req.Pack}
	}
	if req.Gauge != "" {
		d.gauge = req.Gauge
	}
	if d.psi != nil {
		d.psi = req.Recipe.Stated.PSIAt(req.Elevation, d.gauge)
	}
	if req.Method != "" {
		d.methods = []recipe.Said[string]{{Value: req.Method}}
	}
	if req.Minutes > 0 {
		d.minutes = []recipe.SaidMinutes{{Minutes: req.Minutes}}
	}
	if req.PSI > 0 {
		d.psi = &recipe.Said[float64]{Value: req.PSI}
	}
}

func (d *draft) addLine(l *recipe.Line, serving bool) {
	add := func(x *recipe.Line, choice bool) {
		x = x.InJar()
		f := x.Ref
		if f == nil {
			f = x.Head
		}
		d.items = append(d.items, item{minor: f.In(notMain...) || f != nil && f.Kind == "spice", line: l.No, name: x.Food, ref: x.Ref, head: x.Head, amount: x.Amount(), src: x, prep: slices.Clone(x.Prep),
			state: slices.Clone(x.State), unclear: l.Reading == recipe.Unclear, unread: x.Unread, slip: x.Slip, serving: serving || x.Serving, choice: choice, factor: 1})
		takeBack(&d.items[len(d.items)-1])
	}
	add(l, false)
	for _, x := range l.Also {
		add(x, false)
	}
	for _, x := range l.Alternatives {
		add(x, true)
	}
}

func (d *draft) hasGroup(group string) bool {
	for i := range d.items {
		if d.items[i].is(group) && d.items[i].ref.ID != "fish" {
			return true
		}
	}
	return false
}

// servingOnly marks listed items that the method uses only when the jar is
// opened: named in a serving sentence and in no other.
func (d *draft) servingOnly() {
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.fromStep || it.ref == nil {
			continue
		}
		served, cooked := false, false
		for k := range d.steps {
			for _, m := range d.steps[k].Foods {
				if m.Food != it.ref || m.Without {
					continue
				}
				if d.steps[k].Serving || m.Serving {
					served = served || m.Put
				} else {
					cooked = true
				}
			}
		}
		if served && !cooked && it.ref.In("dairy", "egg", "thickener", "starch-solid", "herb", "coconut", "nut", "leafy-green", "cabbage-family", "cured-meat", "fat", "bottled-citrus", "citric-acid", "citrus-juice") {
			it.serving = true
		}
	}
}

// stated reports whether the cook means to process the jars at all.
func (d *draft) stated() bool {
	return len(d.methods) > 0 || len(d.minutes) > 0 || d.psi != nil || d.did("process", "water-bath", "steam-canner", "pressure-can")
}
