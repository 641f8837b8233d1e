package review

import (
	"slices"
	"sort"

	"damson/core/procedure"
	"damson/core/quantity"
)

// Parts are facts about the ingredients of a mixture that no tested procedure
// covers: for canning the parts apart, for a process authority, for an
// educator's own judgement. They are not a process for the mixture.
type Parts struct {
	// Warning says so in words that stand wherever the parts are shown.
	Warning string `json:"warning"`
	// Withheld says why the parts are not laid out; then the lists are empty.
	Withheld string `json:"withheld,omitempty"`
	Own      []Part `json:"own"`
	// None are the ingredients without a tested process of their own.
	None []string `json:"none"`
	// Away says how far the mixture is from the general procedures.
	Away []Away `json:"away"`
}

// Part is an ingredient with its own tested process, alone in the jar.
type Part struct {
	Line      int               `json:"line"`
	Food      string            `json:"food"`
	Procedure ProcedureRef      `json:"procedure"`
	Process   procedure.Process `json:"process"`
	// Largest is the largest jar tested for it.
	Largest string `json:"largest_jar"`
}

// Away is what stands between the mixture and a general procedure.
type Away struct {
	Procedure ProcedureRef `json:"procedure"`
	ToChange  []string     `json:"to_change"`
}

// partsWarning is said in so many words.
const partsWarning = "These are processes of single foods, each alone in its jar. They are not a process for this mixture, and the longest of them is none either: nobody has tested it."

// general are the procedures for mixtures that most dishes can be brought under.
var general = []string{"soup", "mixed-vegetables"}

// thickCodes are findings of what makes a jar thick.
var thickCodes = []string{"puree", "thickener", "thick-sauce", "squash-mash", "starch-solid"}

// parts lays out the parts of the mixture on the bench.
func (e *Reviewer) parts(d *draft, req Request, b *bench) *Parts {
	out := &Parts{Warning: partsWarning, Own: []Part{}, None: []string{}, Away: []Away{}}
	for _, f := range b.findings {
		if f.Severity != Amend && f.Severity != Halt {
			continue
		}
		if slices.Contains(thickCodes, f.Code) || b.neverListed(&f) {
			out.Withheld = "The parts are laid out only for a mixture that is thin and holds nothing that is never canned: " + f.Do + "."
			return out
		}
	}
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.choice || it.ref.In(notMain...) && !it.is("garlic") || it.ref != nil && it.ref.Kind == "spice" {
			continue
		}
		if p, ok := e.partOf(it, d.jar.Value, req); ok {
			out.Own = append(out.Own, p)
		} else if !slices.Contains(out.None, it.name) {
			out.None = append(out.None, it.name)
		}
	}
	sort.SliceStable(out.Own, func(i, j int) bool { return out.Own[i].Process.Minutes > out.Own[j].Process.Minutes })
	for _, id := range general {
		p := e.procs.ByID(id)
		if p == nil {
			continue
		}
		away := Away{Procedure: ProcedureRef{p.ID, p.Title, p.Citation()}, ToChange: []string{}}
		for _, f := range e.compare(d, req, p).findings {
			if f.Severity == Amend && !slices.Contains(away.ToChange, f.Do) {
				away.ToChange = append(away.ToChange, f.Do)
			}
		}
		out.Away = append(out.Away, away)
	}
	return out
}

// neverListed reports whether the finding is of a food on the never-list.
func (b *bench) neverListed(f *Finding) bool {
	switch f.Code {
	case "dairy", "egg", "oil-pack", "not-recommended-food", "low-acid-fruit", "cured-meat", "nut":
		return true
	}
	return false
}

// apart names the foods of the mixture that have a procedure of their own.
func (e *Reviewer) apart(b *bench) []ProcedureRef {
	out := []ProcedureRef{}
	for i := range b.items {
		it := &b.items[i]
		if it.ref == nil || it.choice || it.is(notMain...) || it.done("mashed", "pureed") {
			continue
		}
		p := e.plain[it.ref.ID]
		if p != nil && !slices.ContainsFunc(out, func(r ProcedureRef) bool { return r.ID == p.ID }) {
			out = append(out, ProcedureRef{p.ID, p.Title, p.Citation()})
		}
	}
	return out
}

// partOf finds the item's own plain procedure, and its longest process in the
// jar, or in the largest tested one that is no larger.
func (e *Reviewer) partOf(it *item, jar quantity.Jar, req Request) (Part, bool) {
	if it.ref == nil {
		return Part{}, false
	}
	own := e.own[it.ref.ID]
	if own == nil {
		own = e.plain[it.ref.ID]
	}
	if own == nil {
		return Part{}, false
	}
	if jar == "" || jar.Larger(own.LargestJar()) {
		jar = own.LargestJar()
	}
	list, err := own.Find(req.Elevation, procedure.Filter{Jar: jar, Gauge: req.Gauge})
	if err != nil || len(list) == 0 {
		return Part{}, false
	}
	return Part{Line: it.line, Food: it.name, Procedure: ProcedureRef{own.ID, own.Title, own.Citation()}, Process: longest(list), Largest: string(own.LargestJar())}, true
}
