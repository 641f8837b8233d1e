package review

import (
	"cmp"
	"slices"

	"damson/core/procedure"
)

// Relative is a tested recipe that a mixture without one comes near: another recipe, with a
// process of its own that is for nothing else.
type Relative struct {
	Procedure ProcedureRef `json:"procedure"`
	// LinesOut are the lines of the mixture that it does not have.
	LinesOut []int `json:"lines_out"`
	// Process is that of the jar asked for, or of the largest tested.
	Process procedure.Process `json:"process"`
}

// What makes a relative: at least this share of the mixture is in it; a tested main food that
// the mixture lacks counts against it, a like kind of product for it; what the title names
// and the tested recipe lacks must be less than the last share. Common practice, no
// source: they order what is shown and decide nothing.
const (
	relatives    = 3
	leastKinship = 0.3
	lacking      = 0.4
	likeKind     = 0.15
	mostNamed    = 0.4
)

// relatives returns the tested recipes nearest to a draft that nothing covers, at most three.
func (e *Reviewer) relatives(d *draft, req Request) []Relative {
	type kin struct {
		p     *procedure.Procedure
		score float64
	}
	var list []kin
	for _, p := range e.procs.All() {
		if s := e.kinship(d, p); s >= leastKinship {
			list = append(list, kin{p, s})
		}
	}
	slices.SortStableFunc(list, func(a, b kin) int { return cmp.Compare(b.score, a.score) })
	out := []Relative{}
	for _, k := range list {
		if len(out) == relatives {
			break
		}
		req.Procedure = k.p.ID
		b := e.compare(d, req, k.p)
		process, ok := ownProcess(b, req)
		if !ok {
			continue
		}
		out = append(out, Relative{ProcedureRef{k.p.ID, k.p.Title, k.p.Citation()}, b.notIn(), process})
	}
	return out
}

// kinship is the share of the draft, by volume, that is in the procedure, less what the
// procedure is made of and the draft lacks; 0 where it is not made of the draft's main food.
func (e *Reviewer) kinship(d *draft, p *procedure.Procedure) float64 {
	in := func(it *item) bool {
		return slices.ContainsFunc(p.Ingredients, func(x procedure.Ingredient) bool { return it.maybe(&x) })
	}
	main := mainItem(d)
	if main < 0 || !in(&d.items[main]) || !e.leadsWith(p, &d.items[main]) {
		return 0
	}
	shared, total, named := 0.0, 0.0, 0.0
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.choice || it.fromStep || it.ref != nil && it.ref.In("water", "salt", "dry-seasoning") {
			continue
		}
		cups, ok := it.cups()
		if !ok {
			cups = 0.5
		}
		total += cups
		switch {
		case in(it):
			shared += cups
		case it.ref != nil && titleHas(d.folded, foldTitle(it.name)) && !it.ref.In("herb", "dry-seasoning"):
			named = max(named, cups)
			if !ok {
				return 0 // pickled eggs are no relish, whatever is in them
			}
		}
	}
	if total == 0 || named > mostNamed*total {
		return 0
	}
	mains, without := 0, 0
	for k := range p.Ingredients {
		x := &p.Ingredients[k]
		if x.Role != procedure.Main {
			continue
		}
		mains++
		if !slices.ContainsFunc(d.items, func(it item) bool { return it.maybe(x) }) {
			without++
		}
	}
	score := shared / total
	if mains > 0 {
		score -= lacking * float64(without) / float64(mains)
	}
	if d.kind != "" && d.kind == p.Product || titleHas(d.folded, e.names[p]...) {
		score += likeKind
	}
	return score
}

// notIn lists the lines that the procedure does not have, and that nothing lets in.
func (b *bench) notIn() []int {
	out := []int{}
	for _, j := range b.judgements(b.req.Recipe.Lines) {
		if j.As != Changes && j.As != Never {
			continue
		}
		there := false
		for i := range b.items {
			there = there || b.items[i].line == j.Line && b.of[i] >= 0
		}
		if !there && slices.ContainsFunc(b.items, func(it item) bool { return it.line == j.Line && !it.fromStep }) {
			out = append(out, j.Line)
		}
	}
	return out
}

// ownProcess is the procedure's process for the jar asked for, else for the largest tested;
// the longest where packs or gauges differ.
func ownProcess(b *bench, req Request) (procedure.Process, bool) {
	list, err := b.proc.Find(req.Elevation, procedure.Filter{Jar: req.Jar, Gauge: req.Gauge})
	if err != nil || len(list) == 0 {
		list, err = b.proc.Find(req.Elevation, procedure.Filter{Jar: b.proc.LargestJar(), Gauge: req.Gauge})
	}
	if err != nil || len(list) == 0 {
		return procedure.Process{}, false
	}
	return longest(list), true
}
