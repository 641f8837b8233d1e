package review

import (
	"sort"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/procedure"
)

// Review compares the recipe and returns the verdict with its reasons.
func (e *Reviewer) Review(req Request) Result {
	if req.Stance == "" {
		req.Stance = Book
	}
	said := req.Recipe.Stated.Elevation
	if said != nil && !req.ElevationGiven {
		req.Elevation, req.ElevationGiven = int(said.Value+0.5), true
	}
	return e.review(newDraft(e, req), req)
}

// review judges a draft of the request's recipe.
func (e *Reviewer) review(d *draft, req Request) Result {
	tried := e.nearest(d, req)
	best := tried[0]
	res := Result{Title: req.Recipe.Title, Elevation: req.Elevation, Stance: req.Stance, Lines: req.Recipe.Lines, Steps: req.Recipe.Steps,
		Methods: []procedure.Process{}, After: []procedure.Process{}, Findings: []Finding{}, Serving: []string{}, Assumed: []string{}}
	if res.Title == "" {
		res.Title = "Untitled recipe"
	}
	b := best.first
	if !best.covered {
		if best.first.proc != nil && !e.plausible(d, e.identify(d), best.first.proc) {
			b = e.compare(d, req, nil)
		}
		e.settle(&res, b)
		res.Apart = e.apart(b)
		for _, a := range tried {
			if a.tooHigh && res.beyond == nil {
				res.beyond = a.first.proc
			}
		}
	} else {
		p := b.proc
		res.Procedure, res.Tested = &ProcedureRef{p.ID, p.Title, p.Citation()}, p
		res.Findings = append(append(res.Findings, b.findings...), best.extra...)
		res.Verdict = Clear
		for _, f := range res.Findings {
			if f.Severity == Amend {
				res.Verdict = Change
			}
		}
		if res.Verdict == Clear {
			res.Methods = best.last.processes()
		} else {
			res.After = best.last.processes()
		}
		res.Acidity.Class = p.Acidity
		res.measured(req.Measured)
		res.smallerJars(tried, d)
	}
	if req.Recipe.Made > 0 {
		res.already(req.Recipe.Made)
	}
	res.Findings = onceEach(res.Findings)
	sortFindings(res.Findings)
	b.findings = res.Findings
	res.Judgements = b.judgements(res.Lines)
	res.Serving = serving(best, res.Verdict)
	res.Assumed = assumed(req, d)
	res.Questions = res.questions()
	if i := mainItem(d); i >= 0 {
		res.Main = d.items[i].line
	}
	if res.Procedure == nil && !res.Made {
		res.Product = e.productOf(foldTitle(res.Title))
	}
	res.Sentence = sentence(&res, b)
	res.Question = e.question(tried)
	if res.Procedure == nil && (res.Verdict == Untested || res.Verdict == Stop) {
		res.Relatives = e.relatives(d, req)
	}
	if req.Stance == Guideline && res.Verdict == Untested {
		res.Parts = e.parts(d, req, b)
	}
	return res
}

// settle writes the verdict of a recipe that nothing covers.
func (e *Reviewer) settle(res *Result, b *bench) {
	for _, f := range b.findings {
		// Advice on a process that there is not would only mislead.
		if f.Severity == Care && (f.Code == "solids-ratio" || f.Code == "process-short" || f.Code == "headspace") || f.Severity == Note && (f.Code == "seasoning-change" || f.Code == "sugar-change") {
			continue
		}
		res.Findings = append(res.Findings, f)
	}
	res.Verdict = Untested
	for i := range res.Findings {
		f := &res.Findings[i]
		if f.Severity == Amend && b.neverCanned(f) {
			f.Severity = Halt
			res.Verdict = Stop
		}
	}
	res.Acidity.Class = b.class()
}

// neverCanned reports whether the finding is of a food or form for which the
// trade's rules say: do not can. Some are so only where they are the main part.
func (b *bench) neverCanned(f *Finding) bool {
	switch f.Code {
	case "dairy", "egg", "oil-pack", "squash-mash":
		return true
	case "puree":
		return b.class() != acidity.Acid // smooth fruit is canned at home
	case "not-recommended-food":
		// Pickled it is another thing: untested, where no tested pickle is near.
		return !((b.kind == "pickle" || b.kind == "relish" || b.kind == "salsa") && b.hasVinegar())
	case "low-acid-fruit", "cured-meat", "starch-solid", "nut":
		return b.main >= 0 && b.items[b.main].name == f.Ingredient || b.main < 0
	}
	return false
}

// class names the acidity of a recipe that no procedure covers, from the worst
// ingredient that matters. It gives no figure.
func (b *bench) class() string {
	var foods []*food.Food
	for i := range b.items {
		if !b.items[i].serving {
			foods = append(foods, b.items[i].ref)
		}
	}
	return acidity.Worst(foods)
}

var severityRank = map[Severity]int{Halt: 0, Amend: 1, Care: 2, Note: 3}

// sortFindings puts findings in the order of the lines, those about the whole
// recipe last, the graver first on one line.
func sortFindings(list []Finding) {
	sort.SliceStable(list, func(i, j int) bool {
		a, b := 1<<30, 1<<30
		if list[i].Line != nil {
			a = *list[i].Line
		}
		if list[j].Line != nil {
			b = *list[j].Line
		}
		if a != b {
			return a < b
		}
		return severityRank[list[i].Severity] < severityRank[list[j].Severity]
	})
}
