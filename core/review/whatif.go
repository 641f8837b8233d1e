package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/procedure"
)

// WhatIf says what one line does to the verdict and what may stand in for its
// food. Every answer is a review of the changed recipe.
type WhatIf struct {
	Line int
	Food string
	// Now is the recipe as it stands.
	Now   Outcome
	Cases []Case
	// May are foods that may stand in without a further change; MayNot those
	// that bring one, by what they would bring.
	May    []string
	MayNot []Refusal
}

// Outcome is a verdict with the number of findings that ask for a change.
type Outcome struct {
	Verdict Verdict
	Changes int
}

// Case is one change to the line, with what then follows.
type Case struct {
	Label string
	Outcome
}

// Refusal is a finding that a substitute would bring, with the foods that would.
type Refusal struct {
	Names []string
	Why   string
}

// The most foods that the adviser names.
const (
	mostMay    = 8
	mostMayNot = 4
	mostNames  = 4
	// mostFar is how many foods of another group are tried, the first of the catalogue.
	mostFar = mostMayNot * mostNames
)

// WhatIf asks about the line with the number; ok is false where it holds no
// ingredient.
func (e *Reviewer) WhatIf(req Request, line int) (w WhatIf, ok bool) {
	d := newDraft(e, req)
	at := slices.IndexFunc(d.items, func(it item) bool { return it.line == line && !it.fromStep })
	if at < 0 {
		return w, false
	}
	it := &d.items[at]
	now := e.review(d, req)
	w = WhatIf{Line: line, Food: it.name, Now: outcome(&now)}
	try := func(label string, edits ...Edit) {
		c := d.clone()
		c.apply(e.cat, edits)
		res := e.review(c, req)
		w.Cases = append(w.Cases, Case{label, outcome(&res)})
	}
	if !it.serving {
		var gone []Edit
		for i := range d.items {
			if d.items[i].line == line {
				gone = append(gone, one(ToTable, i))
			}
		}
		try("left out, or added when serving", gone...)
	}
	if edits := editsOf(&now, line); len(edits) > 0 && now.Procedure != nil {
		try("as the margin says", edits...)
		if n := len(w.Cases); n > 1 && w.Cases[n-1].Outcome == w.Cases[n-2].Outcome {
			w.Cases = w.Cases[:n-1] // the margin says to leave it out
		}
	}
	if !it.amount.IsZero() && !it.unclear && !it.serving {
		try("half as much", cutBack(at, 0.5)...)
		try("twice as much", cutBack(at, 2)...)
	}
	if p := now.Tested; p != nil && it.ref != nil && !it.serving {
		w.advise(e, d, req, p, at, len(editsOf(&now, line)) > 0)
	}
	return w, true
}

func outcome(r *Result) Outcome {
	o := Outcome{Verdict: r.Verdict}
	for _, f := range r.Findings {
		if f.Severity == Amend || f.Severity == Halt {
			o.Changes++
		}
	}
	return o
}

// editsOf returns the edits of the findings on the line.
func editsOf(r *Result, line int) []Edit {
	var out []Edit
	for i := range r.Findings {
		if f := &r.Findings[i]; f.Mendable() && f.Line != nil && *f.Line == line {
			out = append(out, f.Edits...)
		}
	}
	return out
}

// advise puts other foods in the place of item at, beside the same procedure. A
// food that must go as it is is mended only by one that asks for less.
func (w *WhatIf) advise(e *Reviewer, d *draft, req Request, p *procedure.Procedure, at int, mustGo bool) {
	was := changes(e.compare(d, req, p))
	near, far := candidates(e.cat, p, &d.items[at])
	for n, f := range append(near, far[:min(len(far), mostFar)]...) {
		if n < len(near) && len(w.May) == mostMay {
			continue
		}
		if slices.ContainsFunc(d.items, func(it item) bool { return it.ref == f }) {
			continue
		}
		c := d.clone()
		it := &c.items[at]
		src := recipeLine(it)
		src.Ref, src.Head, src.Food, src.FoodID = f, nil, f.Names[0], f.ID
		if src.Acidity != nil && !f.In("vinegar") {
			src.Acidity = nil
		}
		it.ref, it.head, it.name, it.src, it.state = f, nil, f.Names[0], src, nil
		if worse := brought(was, changes(e.compare(c, req, p)), d.items[at].name, f.Names[0]); worse != nil {
			w.refuse(f.Names[0], worse.Message)
			continue
		}
		if n >= len(near) {
			continue
		}
		res := e.review(c, req)
		switch {
		case res.Tested != p:
			w.refuse(f.Names[0], "With it this is another product.")
			continue
		case mustGo && len(editsOf(&res, w.Line)) > 0, outcome(&res).Changes > w.Now.Changes:
			continue
		}
		w.May = append(w.May, f.Names[0])
	}
}

func (w *WhatIf) refuse(name, why string) {
	for i := range w.MayNot {
		if r := &w.MayNot[i]; r.Why == why {
			if len(r.Names) < mostNames {
				r.Names = append(r.Names, name)
			}
			return
		}
	}
	if len(w.MayNot) < mostMayNot {
		w.MayNot = append(w.MayNot, Refusal{[]string{name}, why})
	}
}

func changes(b *bench) []Finding {
	return slices.DeleteFunc(slices.Clone(b.findings), func(f Finding) bool { return f.Severity != Amend })
}

// brought returns a finding that the new food brings and the old one did not.
func brought(was, is []Finding, old, fresh string) *Finding {
	have := map[string]bool{}
	for _, f := range was {
		have[f.Code+strings.ReplaceAll(f.Ingredient, old, "")] = true
	}
	for i := range is {
		if f := &is[i]; !have[f.Code+strings.ReplaceAll(f.Ingredient, fresh, "")] {
			return f
		}
	}
	return nil
}

// candidates returns the foods that a cook may think of in place of the item:
// near are those of its groups, or of the same ingredient of the procedure, far
// those of its kind.
func candidates(cat *food.Catalogue, p *procedure.Procedure, it *item) (near, far []*food.Food) {
	groups := slices.DeleteFunc(slices.Clone(it.ref.Groups), func(g string) bool { return g == "dry-seasoning" })
	pooled := func(f *food.Food) bool {
		return !p.General && slices.ContainsFunc(p.Ingredients, func(in procedure.Ingredient) bool {
			return closeness(it.ref, in.Same)+closeness(it.ref, in.Like) > 0 && closeness(f, in.Same)+closeness(f, in.Like) > 0
		})
	}
	var pool []*food.Food
	for _, f := range cat.All() {
		switch {
		case f == it.ref:
		case f.In(groups...), isAcid(it) && isAcid(&item{ref: f}):
			near = append(near, f)
		case pooled(f):
			pool = append(pool, f)
		case f.Kind == it.ref.Kind:
			far = append(far, f)
		}
	}
	return append(near, pool...), far
}

// String tells the outcome in words: "change first, 2 to change".
func (o Outcome) String() string {
	words := strings.ToLower(o.Verdict.Words())
	if o.Changes > 0 && o.Verdict == Change {
		words += sprint(", %d to change", o.Changes)
	}
	return words
}
