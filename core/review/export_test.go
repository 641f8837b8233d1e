package review

import (
	"strings"

	"damson/core/food"
	"damson/core/procedure"
)

// Reported compares the request's recipe with every procedure that it may be, or
// with none, and returns the codes that each check reported.
func (e *Reviewer) Reported(req Request) map[string][]string {
	got := map[string][]string{}
	d := newDraft(e, req)
	for _, a := range e.nearest(d, req) {
		b := newBench(d, req, e, a.first.proc)
		for _, c := range checks() {
			before := len(b.findings)
			c.run(b)
			for _, f := range b.findings[before:] {
				got[c.name] = append(got[c.name], f.Code)
			}
		}
	}
	return got
}

// MayReport returns the codes that each check says it reports.
func MayReport() map[string][]string {
	may := map[string][]string{}
	for _, c := range checks() {
		may[c.name] = nil
		if c.reports != anyCode {
			may[c.name] = strings.Fields(c.reports)
		}
	}
	return may
}

// Foods and Procedures are what the reviewer reviews with.
func (e *Reviewer) Foods() []*food.Food                { return e.cat.All() }
func (e *Reviewer) Procedures() []*procedure.Procedure { return e.procs.All() }
