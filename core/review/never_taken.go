package review

import (
	"slices"

	"damson/core/procedure"
)

// NeverTaken reviews a text by a procedure that is not in the library yet, in the place of one of
// its id, and returns what is never canned at home, whatever the procedure's source prints. Nil
// where nothing of it is. It fails where the text cannot be read or the procedure cannot be right.
func (e *Reviewer) NeverTaken(text string, p *procedure.Procedure) ([]Finding, error) {
	rec, err := e.reader.Text(text)
	if err != nil {
		return nil, err
	}
	others := slices.DeleteFunc(slices.Clone(e.procs.All()), func(q *procedure.Procedure) bool { return q.ID == p.ID })
	procs, err := procedure.NewLibrary(append(others, p))
	if err != nil {
		return nil, err
	}
	res := Over(e.reader, e.cat, procs).Review(Request{Recipe: rec, ElevationGiven: true, Procedure: p.ID})
	if res.Verdict != Stop {
		return nil, nil
	}
	return slices.DeleteFunc(res.Findings, func(f Finding) bool { return f.Severity != Halt }), nil
}
