package review

import (
	"slices"
	"strings"

	"damson/core/procedure"
)

// Near is a tested procedure with how near a recipe comes to it.
type Near struct {
	Procedure *procedure.Procedure
	// Covered is true where the recipe follows it, once Changes are made.
	Covered bool
	Changes int
	// Why says in a few words what the two have in common and what not.
	Why string
}

// Near returns at most n procedures, the nearest first, whatever procedure the
// request names. Those after the covering ones are shown for orientation only:
// no process follows from them.
func (e *Reviewer) Near(req Request, n int) []Near {
	req.Procedure = ""
	d := newDraft(e, req)
	id := e.identify(d)
	var out []Near
	for _, a := range e.nearest(d, req) {
		if p := a.first.proc; p != nil {
			out = append(out, e.near(d, id, a))
		}
	}
	if len(out) < n && id.main >= 0 {
		out = append(out, e.akin(d, id, req, out)...)
	}
	return out[:min(n, len(out))]
}

// akin returns the procedures of the same main food that the recipe is not.
func (e *Reviewer) akin(d *draft, id identity, req Request, have []Near) []Near {
	var list []attempt
	for _, p := range e.procs.All() {
		if slices.ContainsFunc(have, func(n Near) bool { return n.Procedure == p }) || !e.leadsWith(p, &d.items[id.main]) {
			continue
		}
		b := e.compare(d, req, p)
		a := attempt{first: b, last: b, cost: e.titleDistance(d.folded, p)}
		for _, f := range b.findings {
			if f.Severity == Amend {
				a.cost++
			}
		}
		list = append(list, a)
	}
	slices.SortStableFunc(list, func(a, b attempt) int {
		switch {
		case a.cost < b.cost:
			return -1
		case a.cost > b.cost:
			return 1
		}
		return 0
	})
	var out []Near
	for _, a := range list {
		out = append(out, e.near(d, id, a))
	}
	return out
}

// leadsWith reports whether p is made of the item's food.
func (e *Reviewer) leadsWith(p *procedure.Procedure, it *item) bool {
	for _, k := range e.leads[p] {
		if it.maybe(&p.Ingredients[k]) {
			return true
		}
	}
	return false
}

func (e *Reviewer) near(d *draft, id identity, a attempt) Near {
	p := a.first.proc
	n := Near{Procedure: p, Covered: a.covered}
	for _, f := range a.first.findings {
		if f.Severity == Amend {
			n.Changes++
		}
	}
	var why []string
	if e.leadsWith(p, &d.items[id.main]) {
		why = append(why, "the same main food")
	} else if p.General {
		why = append(why, "pieces that each have a process of their own")
	}
	switch {
	case titleHas(d.folded, e.names[p]...):
		why = append(why, "the title names it")
	case d.kind != "" && d.kind == p.Product:
		why = append(why, "the same kind of product")
	case d.kind != p.Product && !(d.kind == "" && (p.Product == "plain" || p.General)):
		why = append(why, "another kind of product")
	}
	same, all := 0, 0
	for i := range a.first.items {
		if it := &a.first.items[i]; !it.fromStep && !it.serving {
			all++
			if a.first.of[i] >= 0 || a.first.leave[i].Kind == AsTested {
				same++
			}
		}
	}
	why = append(why, sprint("%d of %d ingredients in it", same, all))
	n.Why = strings.Join(why, ", ")
	return n
}

// Question is asked where a recipe fits several procedures whose processes
// differ, and says nothing that decides.
type Question struct {
	Text    string   `json:"text"`
	Answers []Answer `json:"answers"`
}

// Answer is a procedure that the recipe may be.
type Answer struct {
	Procedure string `json:"procedure"`
	Label     string `json:"label"`
	// Chosen is true for the one that the review took.
	Chosen bool `json:"chosen,omitempty"`
}

// openCost is how much more another procedure may cost and still be meant: one
// thing unsaid, and a title that does not name it.
const openCost = 1.6

// question returns what to ask about the attempts, nearest first; nil where the
// recipe itself decides.
func (e *Reviewer) question(tried []attempt) *Question {
	best := tried[0]
	if !best.covered {
		return nil
	}
	q := &Question{Answers: []Answer{{best.first.proc.ID, best.first.proc.Title, true}}}
	liquid := false
	for _, a := range tried[1:] {
		if !a.covered || a.cost > best.cost+openCost || a.first.proc.Product != best.first.proc.Product || !unsaid(best, a) || sameProcess(best.last, a.last) {
			continue
		}
		q.Answers = append(q.Answers, Answer{a.first.proc.ID, a.first.proc.Title, false})
		liquid = liquid || liquidOf(a.first.proc) != liquidOf(best.first.proc)
	}
	if len(q.Answers) == 1 {
		return nil
	}
	q.Text = "Which of these is it? Their processes differ, and the recipe does not say."
	if liquid {
		q.Text = "What covers the food in the jar? The processes differ, and the recipe does not say."
	}
	shorten(q.Answers)
	return q
}

// unsaid reports whether other asks for no more than best does, but for the
// covering liquid that the recipe leaves open.
func unsaid(best, other attempt) bool {
	have := map[string]bool{}
	for _, f := range best.first.findings {
		if f.Severity == Amend {
			have[f.Code+f.Ingredient] = true
		}
	}
	for _, f := range other.first.findings {
		if f.Severity == Amend && !have[f.Code+f.Ingredient] && !(f.Code == "omission" && f.Line == nil) {
			return false
		}
	}
	// What the recipe says of the liquid decides.
	return !best.first.dry && !(len(best.first.liquids) > 0 && liquidOf(best.first.proc) != liquidOf(other.first.proc))
}

// liquidOf names the liquid that a procedure covers its food with.
func liquidOf(p *procedure.Procedure) string {
	for _, in := range p.Ingredients {
		if in.Role == procedure.Liquid && !in.Optional {
			return in.Name
		}
	}
	return ""
}

// sameProcess reports whether the two offer the same minutes and pounds.
func sameProcess(a, b *bench) bool {
	list := b.processes()
	for _, p := range a.processes() {
		for _, q := range list {
			if p.Method == q.Method && p.Gauge == q.Gauge && p.Jar == q.Jar && p.PSI == q.PSI && p.Minutes != q.Minutes {
				return false
			}
		}
	}
	return true
}

// shorten takes off the labels what all of them begin with.
func shorten(list []Answer) {
	words := strings.Split(list[0].Label, ", ")
	n := len(words) - 1
	for _, a := range list[1:] {
		other := strings.Split(a.Label, ", ")
		k := 0
		for k < n && k < len(other)-1 && other[k] == words[k] {
			k++
		}
		n = k
	}
	for i := range list {
		list[i].Label = strings.Join(strings.Split(list[i].Label, ", ")[n:], ", ")
	}
}
