package review

import "damson/core/quantity"

// smallerJars says where another procedure is the recipe's own but for the jar, and has no
// row for one so large: a tested soup for pints does not become one for quarts because the
// general soup has a row for them.
func (r *Result) smallerJars(tried []attempt, d *draft) {
	for _, a := range tried[1:] {
		p := a.first.proc
		if !a.covered || !a.onlyJar() || !titleHas(d.folded, foldTitle(p.Title)) {
			continue
		}
		r.Findings = append(r.Findings, Finding{
			Code: "jar-size", Severity: Care, Do: "“" + p.Title + "” is for " + quantity.Jar(a.first.largest[p]).Plural() + " at most",
			Message: "The recipe goes by that name, and the process given here is of another procedure.",
			Remedy:  "If it is that recipe, fill jars of the size it was tested in.", Source: p.Citation(),
		})
		return
	}
}

// onlyJar reports whether nothing but the size of the jar stands between the recipe and
// the procedure.
func (a *attempt) onlyJar() bool {
	jar := false
	for _, f := range a.first.findings {
		if f.Severity == Amend && f.Code != "jar-size" {
			return false
		}
		jar = jar || f.Severity == Amend
	}
	return jar
}
