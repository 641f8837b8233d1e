package review

// Thing is one thing to change: the findings that ask for the same on one line.
type Thing struct {
	Line int // 0 for the whole recipe
	Do   string
	// Keys are those of its findings; Mendable is true where Amend can write it.
	Keys     []string
	Mendable bool
}

// Things lists what stands between the recipe and the procedure, questions apart. It is the
// one count of the verdict's sentence, of the edits and of the comparison.
func (r *Result) Things() []Thing {
	var out []Thing
	for i := range r.Findings {
		f := &r.Findings[i]
		if f.Severity != Amend || f.Question {
			continue
		}
		at := -1
		for k := range out {
			if out[k].Line == deref(f.Line) && out[k].Do == f.Do && out[k].Mendable == f.Mendable() {
				at = k
			}
		}
		if at < 0 {
			at = len(out)
			out = append(out, Thing{Line: deref(f.Line), Do: f.Do, Mendable: f.Mendable()})
		}
		out[at].Keys = append(out[at].Keys, f.Key())
	}
	return out
}

// onceEach drops findings that say the same of the same line a second time: two spices, two
// kinds of fish on a line.
func onceEach(list []Finding) []Finding {
	type said struct {
		line            int
		code, do, words string
		severity        Severity
		edit, asks      bool
	}
	seen := map[said]bool{}
	out := list[:0:0]
	for _, f := range list {
		s := said{deref(f.Line), f.Code, f.Do, f.Message, f.Severity, len(f.Edits) > 0, f.Question}
		if seen[s] && !s.edit && !s.asks {
			continue
		}
		seen[s] = true
		out = append(out, f)
	}
	return out
}
