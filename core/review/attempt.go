package review

import (
	"cmp"
	"slices"
	"strings"

	"damson/core/procedure"
	"damson/core/recipe"
)

// endsBelow reports that the procedure has a process at the sea and none at the elevation.
func (b *bench) endsBelow() bool {
	f := procedure.Filter{Gauge: b.gauge}
	_, here := b.proc.Find(b.req.Elevation, f)
	_, low := b.proc.Find(0, f)
	return here != nil && low == nil
}

// rounds is how often edits are applied before the review gives up on a
// procedure: an edit may bring another to light.
const rounds = 4

// attempt is a comparison with one procedure, carried through to the amended
// recipe.
type attempt struct {
	first   *bench // the recipe as written
	last    *bench // the recipe with every edit made
	covered bool
	// tooHigh is true where nothing is to change, and the table of the source ends below.
	tooHigh bool
	cost    float64
	extra   []Finding // findings that only the amended recipe brought up
}

// nearest compares the draft with every procedure that its kind of product and
// main food allow, or with the one that was asked for, and returns the attempt
// that needs the least change before the others. There is always one.
func (e *Reviewer) nearest(d *draft, req Request) []attempt {
	var list []attempt
	if p := e.procs.ByID(req.Procedure); p != nil {
		list = []attempt{e.attempt(d, req, p)}
	} else {
		id := e.identify(d)
		for _, p := range e.procs.All() {
			if e.plausible(d, id, p) {
				list = append(list, e.attempt(d, req, p))
			}
		}
	}
	if len(list) == 0 {
		b := e.compare(d, req, nil)
		return []attempt{{first: b, last: b}}
	}
	slices.SortStableFunc(list, func(a, b attempt) int {
		if a.covered != b.covered {
			if a.covered {
				return -1
			}
			return 1
		}
		return cmp.Compare(a.cost, b.cost)
	})
	takeLonger(list)
	return list
}

// takeLonger moves a procedure to the front whose process the text states, where that of the
// nearest is shorter: tomatoes of 85 minutes are those packed without water. A stated time
// never leads to a shorter process.
func takeLonger(list []attempt) {
	if !list[0].covered {
		return
	}
	for i := 1; i < len(list) && list[i].covered && list[i].cost <= list[0].cost+openCost; i++ {
		if a := list[i]; a.last.states() && !list[0].last.reaches() && unsaid(list[0], a) {
			copy(list[1:], list[:i])
			list[0] = a
			return
		}
	}
}

// states reports whether the text states one of the processes of the procedure.
func (b *bench) states() bool { return b.anyProcess(func(p, said float64) bool { return p == said }) }

// reaches reports whether one of the processes is as long as the text states.
func (b *bench) reaches() bool { return b.anyProcess(func(p, said float64) bool { return p >= said }) }

func (b *bench) anyProcess(holds func(process, said float64) bool) bool {
	return slices.ContainsFunc(b.processes(), func(p procedure.Process) bool {
		return slices.ContainsFunc(b.minutes, func(m recipe.SaidMinutes) bool {
			return (m.Jar == "" || p.Jar == string(m.Jar)) && holds(float64(p.Minutes), m.Minutes)
		})
	})
}

// compare runs every rule over the draft beside one procedure, or beside none.
func (e *Reviewer) compare(d *draft, req Request, p *procedure.Procedure) *bench {
	b := newBench(d, req, e, p)
	for _, c := range e.checks {
		c.run(b)
	}
	return b
}

// attempt compares with p, makes every edit, and compares again until nothing
// is left to change or an edit is missing.
func (e *Reviewer) attempt(d *draft, req Request, p *procedure.Procedure) attempt {
	a := attempt{first: e.compare(d, req, p)}
	b := a.first
	for round := 0; ; round++ {
		a.last = b
		edits, open := a.toMake(b)
		if open {
			a.cost += editMissing
			break
		}
		if len(edits) == 0 {
			same := e.stillProduct(a.first, b)
			a.covered = same && len(b.processes()) > 0
			a.tooHigh = same && !a.covered && b == a.first && b.endsBelow()
			break
		}
		if round == rounds {
			break
		}
		next := b.draft.clone()
		next.apply(e.cat, edits)
		b = e.compare(next, req, p)
		for _, f := range b.findings {
			if f.Severity == Amend && !(f.Question && f.Line != nil && (a.first.saidAlready(f.Code, f.Ingredient,
				*f.Line) || a.first.listed(f.Code, f.Ingredient))) {
				a.extra = append(a.extra, f)
			}
		}
	}
	a.cost += e.besideEdits(d, &a, p)
	if !a.covered {
		a.cost += 50
	}
	return a
}

// toMake returns the edits of what b asks to change, and whether something has none; what is to
// change is counted.
func (a *attempt) toMake(b *bench) (edits []Edit, open bool) {
	counted := map[string]bool{}
	for _, f := range b.findings {
		if f.Severity != Amend {
			continue
		}
		if f.Ingredient != "" || !counted[f.Code] {
			a.cost += 1 // "quarts" said twice is one change
		}
		counted[f.Code] = counted[f.Code] || f.Ingredient == ""
		open = open || len(f.Edits) == 0
		edits = append(edits, f.Edits...)
	}
	return edits, open
}

// besideEdits returns what an attempt with p costs beside its edits.
func (e *Reviewer) besideEdits(d *draft, a *attempt, p *procedure.Procedure) float64 {
	cost := a.first.distance() + e.titleDistance(d.folded, p) + removedCost*a.removed()
	if d.dry {
		for _, in := range p.Ingredients {
			if in.Role == procedure.Liquid && !in.Optional {
				cost += drySaid
			}
		}
	}
	if p.Requires("crushed") && !a.first.crushed() {
		cost += crushUnsaid
	}
	if p.General && d.kind == "" {
		cost += unnamedSoup
	}
	if a.gelGone() {
		cost += gelGone
	}
	return cost
}

// What a comparison costs beside its edits, so that of two procedures the one
// that leaves the dish what it is wins: the share of the food that the edits
// take out, and a soup that nobody called one.
const (
	editMissing = 100
	removedCost = 4
	unnamedSoup = 1.5
	drySaid     = 2 // the recipe says that no liquid is added
	gelGone     = 2 // a jam with pectin is made another way than one without
	crushUnsaid = 1 // the procedure is for crushed food, the recipe does not say so
)

// removed returns the share of the food, by volume, that edits took out of the
// jar; what is never canned does not count.
func (a *attempt) removed() float64 {
	out, all := 0.0, 0.0
	for i := range a.first.items {
		it := &a.first.items[i]
		if it.serving || it.choice || it.ref == nil || it.is(notMain...) || it.is(noProcess...) ||
			it.is("leafy-green", "mushy-legume") {
			continue
		}
		c, ok := it.cups()
		if !ok {
			c = 0.5
		}
		all += c
		if i < len(a.last.items) && a.last.items[i].serving {
			out += c
		}
	}
	if all == 0 {
		return 0
	}
	return out / all
}

// stillProduct reports whether the edits left the main food in the jar.
func (e *Reviewer) stillProduct(was, is *bench) bool {
	if was.main < 0 || is.main < 0 {
		return false
	}
	if is.items[was.main].serving {
		return is.soup() && is.anySolid() && was.oneOfMany()
	}
	if was.onlyTitled(is) {
		return false
	}
	p := is.proc
	if p.General {
		return is.soupSolid(&is.items[was.main]) || is.items[was.main].is(soupSeasoning...) && is.anySolid()
	}
	return slices.Contains(e.leads[p], is.of[was.main])
}

// onlyTitled reports whether just the title names the main food, and an edit takes out what
// the recipe is really made of: "Squash", of ten pounds of spaghetti squash.
func (b *bench) onlyTitled(is *bench) bool {
	main := &b.items[b.main]
	f := main.ref
	if f == nil {
		f = main.head
	}
	if f == nil || main.line != b.req.Recipe.TitleLine || !main.amount.IsZero() {
		return false
	}
	for s := range b.steps {
		for _, m := range b.steps[s].Foods {
			if !b.steps[s].Serving && !m.Without && b.find(m, len(b.items)) == b.main {
				return false
			}
		}
	}
	for i := range b.items {
		if it := &b.items[i]; i != b.main && !it.serving && it.ref != nil && is.items[i].leftOut && it.ref.Kind == f.Kind {
			return true
		}
	}
	return false
}

// oneOfMany reports whether the main food is less than half of the solids and
// the title does not name it: the soup is a soup without it.
func (b *bench) oneOfMany() bool {
	main, all := 0.0, 0.0
	for i := range b.items {
		if it := &b.items[i]; !it.serving && it.ref != nil && !it.is(notMain...) {
			c, _ := it.cups()
			all += c
			if i == b.main {
				main = c
			}
		}
	}
	for _, w := range strings.Fields(foldTitle(b.items[b.main].name)) {
		if titleHas(b.folded, w) {
			return false
		}
	}
	return main < all/2
}

func (b *bench) anySolid() bool {
	for i := range b.items {
		if b.soupSolid(&b.items[i]) {
			return true
		}
	}
	return false
}

// distance adds a little for every note, so that of two procedures that cover
// a recipe the closer one wins.
func (b *bench) distance() float64 {
	d := 0.0
	for _, f := range b.findings {
		switch f.Severity {
		case Note:
			d += 0.05
		case Care:
			d += 0.02
		}
	}
	for i := range b.items {
		if b.items[i].serving {
			d += 0.01
		}
	}
	return d
}

// titleDistance is 0 where the folded title names the procedure.
func (e *Reviewer) titleDistance(folded string, p *procedure.Procedure) float64 {
	if titleHas(folded, e.names[p]...) {
		return 0
	}
	return 0.5
}
