package review

import (
	"slices"
	"strings"

	"damson/core/recipe"
)

// Amended is a recipe with edits made in its own text, read and reviewed anew.
// The verdict is that of the new text and no promise.
type Amended struct {
	Text string
	// Request is what the new text was reviewed with: jar, pack and method that
	// an edit takes back are empty.
	Request Request
	Result  Result
	// Made are the findings of the recipe as it was whose edits were made; Left
	// those that ask for a change and were left alone or have no edit.
	Made, Left []Finding
	// Reasons says, by the text of a line that was written anew, what it is for.
	Reasons map[string]string
}

// Key names a finding among those of one review: what it is about and where.
func (f *Finding) Key() string {
	line := 0
	if f.Line != nil {
		line = *f.Line
	}
	return sprint("%s:%d:%s", f.Code, line, f.Ingredient)
}

// Mendable reports whether the finding carries an edit that can be taken.
func (f *Finding) Mendable() bool { return f.Severity == Amend && len(f.Edits) > 0 }

// amendRounds is how often a new text may bring up edits of its own.
const amendRounds = 4

// Amend writes the recipe with the edits of the findings for which take says
// yes, or with all of them where take is nil. text must be the one that the
// recipe of the request was read from. Where no procedure covers the recipe
// there is nothing to follow, and the text stays as it is.
func (e *Reviewer) Amend(req Request, text string, take func(*Finding) bool) Amended {
	out := Amended{Text: strings.ReplaceAll(text, "\r\n", "\n"), Request: req, Reasons: map[string]string{}}
	for round := 0; round < amendRounds; round++ {
		a := e.nearest(newDraft(e, out.Request), out.Request)[0]
		if !a.covered {
			break
		}
		findings := append(slices.Clone(a.first.findings), a.extra...)
		if take != nil && round > 0 || len(mendable(findings, nil)) == 0 {
			break
		}
		made := mendable(findings, take)
		if round == 0 {
			out.Made = made
			out.Left = slices.DeleteFunc(slices.Clone(findings), func(f Finding) bool {
				return f.Severity != Amend || slices.ContainsFunc(made, func(m Finding) bool { return m.Key() == f.Key() })
			})
		}
		z := a.last
		if take != nil {
			d := a.first.draft.clone()
			for _, f := range made {
				d.apply(e.cat, f.Edits)
			}
			z = e.compare(d, out.Request, a.first.proc)
		}
		w := newRewrite(e, a.first, z, out.Request, out.Text, made, out.Reasons)
		next := w.write()
		rec, err := e.reader.Text(next)
		if err != nil || next == out.Text && w.req == out.Request {
			break
		}
		if rec.Title == "" {
			rec.Title = req.Recipe.Title
		}
		out.Text, out.Request = next, w.req
		out.Request.Recipe = rec
		out.Request.Answers = nil // its lines are others now: what is open is asked again
	}
	out.Result = e.Review(out.Request)
	e.complete(&out)
	return out
}

// mendable returns the findings with an edit that take picks.
func mendable(list []Finding, take func(*Finding) bool) []Finding {
	var out []Finding
	for i := range list {
		if f := &list[i]; f.Mendable() && (take == nil || take(f)) {
			out = append(out, *f)
		}
	}
	return out
}

// rewrite turns the difference of two drafts into text.
type rewrite struct {
	e       *Reviewer
	was, is *bench
	req     Request
	rows    []string
	made    []Finding
	reasons map[string]string
	// gone are rows to leave out, by index.
	gone map[int]bool
	// more are ingredient lines to add, last sentences for the end of the method.
	more, last []string
	// restated is set where the process must be written anew.
	restated bool
	// half is the step that fills the jars and is written anew to fill them half with
	// solids, -1 for none.
	half int
}

func newRewrite(e *Reviewer, was, is *bench, req Request, text string, made []Finding, reasons map[string]string) *rewrite {
	w := &rewrite{e: e, was: was, is: is, req: req, rows: recipe.Rows(text), made: made, reasons: reasons, half: -1}
	w.gone = map[int]bool{}
	for i, row := range strings.Split(text, "\n") {
		if row != "" && w.rows[i] == "" {
			w.gone[i] = true // the head of a table that stands as sentences
		}
	}
	return w
}

// write returns the new text. Lines that no edit touches stay as they are.
func (w *rewrite) write() string {
	w.facts()
	w.lines()
	w.doses()
	w.title()
	w.method()
	w.conditions()
	var rows []string
	at := w.lastIngredient()
	for i, row := range w.rows {
		if !w.gone[i] {
			rows = append(rows, row)
		}
		if i == at {
			rows = append(rows, w.more...)
		}
	}
	rows = append(rows, w.last...)
	return strings.TrimRight(w.withServing(strings.Join(rows, "\n")), "\n ") + "\n"
}

// facts finds what of the stated process no longer holds, and takes it out of
// the request.
func (w *rewrite) facts() {
	a, z := w.was.draft, w.is.draft
	jars := a.jar != z.jar || len(a.jars) != len(z.jars)
	w.restated = jars || len(a.methods) != len(z.methods) || len(a.minutes) != len(z.minutes) || (a.psi == nil) != (z.psi == nil) || a.pack != z.pack
	for s := range a.steps {
		if dropsProcess(&a.steps[s], &z.steps[s]) {
			w.restated = true
		}
	}
	if w.req.Jar != "" && z.jar.Value != w.req.Jar {
		w.req.Jar = z.jar.Value
	}
	if w.req.Pack != "" && z.pack.Value != w.req.Pack {
		w.req.Pack = z.pack.Value
	}
	if w.req.Method != "" && len(z.methods) == 0 {
		w.req.Method = ""
	}
	if w.req.Minutes > 0 && len(z.minutes) == 0 {
		w.req.Minutes = 0
	}
	if w.req.PSI > 0 && z.psi == nil {
		w.req.PSI = 0
	}
}

// processTags are the acts that state or stand in for a process.
var processTags = []string{"process", "water-bath", "steam-canner", "pressure-can", "no-process", "invert", "self-seal", "heat-early", "oven", "jar-oven", "oven-word", "odd-heat", "cooker", "slow-cook"}

// dropsProcess reports whether an edit took a process act out of the sentence.
func dropsProcess(was, is *step) bool {
	for _, a := range was.Acts {
		if slices.Contains(processTags, a.Tag) && was.did(a.Tag) && !is.did(a.Tag) {
			return true
		}
	}
	return false
}

// lastIngredient returns the index of the row behind which ingredients are
// added.
func (w *rewrite) lastIngredient() int {
	at := w.titleLine() - 1
	for i := range w.was.items {
		if it := &w.was.items[i]; !it.fromStep && !it.serving && it.line-1 > at && it.line <= len(w.rows) {
			at = it.line - 1
		}
	}
	return max(at, 0)
}

// ServingHead is the heading of the half of a recipe for the opened jar.
const ServingHead = "When you open the jar:"

// withServing adds what was taken out to the half for the opened jar.
func (w *rewrite) withServing(text string) string {
	carried := serving(attempt{first: w.was, last: w.is}, Change)
	have := strings.Contains(text, ServingHead)
	var fresh []string
	for _, s := range carried {
		if strings.HasPrefix(s, "Boil 10 minutes") || strings.Contains(text, s) || w.alreadyServed(s) {
			continue
		}
		fresh = append(fresh, s)
	}
	if len(fresh) == 0 {
		return text
	}
	text = strings.TrimRight(text, "\n ")
	if !have {
		text += "\n\n" + ServingHead
		w.reasons[ServingHead] = "What was taken out goes in now"
	}
	return text + "\n" + strings.Join(fresh, "\n")
}

// alreadyServed reports whether the recipe itself keeps this for serving.
func (w *rewrite) alreadyServed(s string) bool {
	for i := range w.was.items {
		if it := &w.was.items[i]; it.serving && strings.Contains(s, asTyped(it)) {
			return true
		}
	}
	return false
}
