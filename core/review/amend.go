package review

import (
	"math/bits"
	"regexp"
	"slices"
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
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
func (f *Finding) Mendable() bool { return f.Severity == Change && f.edit != nil }

// amendRounds is how often a new text may bring up edits of its own.
const amendRounds = 4

// Amend writes the recipe with the edits of the findings for which take says
// yes, or with all of them where take is nil. text must be the one that the
// recipe of the request was read from. Where no procedure covers the recipe
// there is nothing to follow, and the text stays as it is.
func (e *Reviewer) Amend(req Request, text string, take func(*Finding) bool) Amended {
	out := Amended{Text: strings.ReplaceAll(text, "\r\n", "\n"), Request: req, Reasons: map[string]string{}}
	for round := 0; round < amendRounds; round++ {
		a := e.nearest(newDraft(e.reader, out.Request), out.Request)[0]
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
				return f.Severity != Change || slices.ContainsFunc(made, func(m Finding) bool { return m.Key() == f.Key() })
			})
		}
		z := a.last
		if take != nil {
			d := a.first.draft.clone()
			for _, f := range made {
				f.edit(d)
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
	}
	out.Result = e.Review(out.Request)
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
}

func newRewrite(e *Reviewer, was, is *bench, req Request, text string, made []Finding, reasons map[string]string) *rewrite {
	return &rewrite{e: e, was: was, is: is, req: req, rows: strings.Split(text, "\n"), made: made, reasons: reasons, gone: map[int]bool{}}
}

// write returns the new text. Lines that no edit touches stay as they are.
func (w *rewrite) write() string {
	w.facts()
	w.lines()
	w.doses()
	w.title()
	w.method()
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

// lines rewrites the ingredient lines.
func (w *rewrite) lines() {
	byLine := map[int][]int{}
	var order []int
	for i := range w.was.items {
		it := &w.was.items[i]
		if it.fromStep || it.line < 1 || it.line > len(w.rows) || it.line == w.titleLine() {
			continue
		}
		if byLine[it.line] == nil {
			order = append(order, it.line)
		}
		byLine[it.line] = append(byLine[it.line], i)
	}
	for _, no := range order {
		w.line(no, byLine[no])
	}
}

func (w *rewrite) titleLine() int { return w.req.Recipe.TitleLine }

// line rewrites one line from its items.
func (w *rewrite) line(no int, items []int) {
	changed := false
	var keep []int
	for _, i := range items {
		a, z := &w.was.items[i], &w.is.items[i]
		out := z.serving && !a.serving
		changed = changed || out || differs(a, z)
		if !out && !(a.choice && w.is.items[items[0]].serving && !w.was.items[items[0]].serving) {
			keep = append(keep, i)
		}
	}
	switch {
	case !changed:
		return
	case len(keep) == 0:
		w.gone[no-1] = true
		return
	}
	raw := w.rows[no-1]
	if len(items) == 1 {
		w.put(no, w.itemText(items[0], raw))
		return
	}
	var parts, choices []string
	for _, i := range keep {
		text := w.itemText(i, "")
		if w.was.items[i].choice {
			choices = append(choices, text)
		} else {
			parts = append(parts, text)
		}
	}
	if len(choices) > 0 && len(parts) > 0 {
		parts[0] += " or " + strings.Join(choices, " or ")
	} else if len(parts) == 0 {
		parts = choices
	}
	// Several foods with amounts stand on lines of their own.
	w.put(no, strings.Join(parts, "\n"))
}

func (w *rewrite) put(no int, text string) {
	w.rows[no-1] = text
	for _, f := range w.made {
		if f.Line != nil && *f.Line == no {
			w.reasons[text] = f.Do
			break
		}
	}
}

// differs reports whether an edit changed how the item must be written.
func differs(a, z *item) bool {
	return a.factor != z.factor || a.ref != z.ref || a.name != z.name || a.src != z.src || a.slip != z.slip || len(a.unread) != len(z.unread) ||
		!slices.Equal(a.prep, z.prep) || !slices.Equal(a.state, z.state) || a.amount != z.amount
}

// itemText writes the item as a line. Where only the amount or one more
// preparation changed, the cook's own words stay.
func (w *rewrite) itemText(i int, raw string) string {
	a, z := &w.was.items[i], &w.is.items[i]
	src := z.src
	sameFood := a.ref == z.ref && a.name == z.name && a.src == z.src && a.slip == z.slip && len(a.unread) == len(z.unread)
	if raw != "" && sameFood {
		prep := added(a.prep, z.prep)
		if slices.Equal(a.state, z.state) && len(prep) > 0 && len(z.prep) == len(a.prep)+len(prep) && a.factor == z.factor {
			return strings.TrimRight(raw, " .,") + ", " + strings.Join(prep, ", ")
		}
		if slices.Equal(a.state, z.state) && slices.Equal(a.prep, z.prep) && src.Rest != "" {
			return strings.TrimSpace(amountText(z) + " " + src.Rest)
		}
		if more := added(a.state, z.state); slices.Equal(a.prep, z.prep) && len(more) == 1 && more[0] == "starch-free" {
			return strings.TrimRight(raw, " .,") + ", label free of starch and milk"
		}
	}
	if raw != "" && a.ref == z.ref && a.src == z.src && a.factor == z.factor {
		if text := w.trimmed(raw, a, z); text != "" {
			return text
		}
	}
	return itemWords(z)
}

// trimmed takes words of form, or words nobody knows, out of the line until it
// reads as the item stands; "" where no such line is found.
func (w *rewrite) trimmed(raw string, a, z *item) string {
	var spans []recipe.Span
	for _, s := range w.e.reader.Spans(raw) {
		if s.Part == recipe.PartForm || s.Part == recipe.PartUnknown {
			spans = append(spans, s)
		}
	}
	if len(spans) > 6 {
		return ""
	}
	prep := slices.DeleteFunc(slices.Clone(z.prep), func(p string) bool { return !slices.Contains(a.prep, p) })
	for n := 1; n <= len(spans); n++ {
		for set := 1; set < 1<<len(spans); set++ {
			if bits.OnesCount(uint(set)) != n {
				continue
			}
			text := cutSpans(raw, spans, set)
			l := w.e.reader.Line(z.line, text)
			if l.Ref == z.ref && slices.Equal(sorted(l.Prep), sorted(prep)) && slices.Equal(sorted(l.State), sorted(z.state)) && len(l.Unread) == len(z.unread) && len(l.Also) == 0 && l.Amount() == a.amount {
				if more := added(a.prep, z.prep); len(more) > 0 {
					text += ", " + strings.Join(more, ", ")
				}
				return text
			}
		}
	}
	return ""
}

func sorted(list []string) []string { return slices.Sorted(slices.Values(list)) }

// cutSpans takes the spans of the set out of the text, with the commas and
// joining words that then stand idle.
func cutSpans(text string, spans []recipe.Span, set int) string {
	for i := len(spans) - 1; i >= 0; i-- {
		if set&(1<<i) != 0 {
			text = text[:spans[i].Start] + text[spans[i].End:]
		}
	}
	text = idleJoin.ReplaceAllString(strings.Join(strings.Fields(text), " "), ", ")
	return strings.TrimRight(idleEnd.ReplaceAllString(text, ""), " ,")
}

var (
	idleJoin = regexp.MustCompile(`\s*,\s*(?:,|and\s*,|&\s*,|and\s|&\s)\s*`)
	idleEnd  = regexp.MustCompile(`(?:\s*(?:,|&|\band\b|\bbut\b|\(\s*\)))+\s*$`)
)

// itemWords writes the item from its parts.
func itemWords(z *item) string {
	var b strings.Builder
	b.WriteString(amountText(z))
	for _, s := range z.state {
		if s != "starch-free" && s != "checked" && !strings.Contains(z.name, s) {
			b.WriteString(" " + s)
		}
	}
	name := z.name
	if z.ref != nil {
		name = z.ref.Names[0]
	}
	b.WriteString(" " + name)
	if z.src != nil && z.src.Acidity != nil {
		b.WriteString(" (" + quantity.Number(*z.src.Acidity) + " %)")
	}
	for _, p := range z.prep {
		b.WriteString(", " + p)
	}
	if z.src != nil && z.src.Per != "" {
		b.WriteString(" to each " + z.src.Per)
	}
	return strings.TrimSpace(b.String())
}

func added(was, is []string) []string {
	return slices.DeleteFunc(slices.Clone(is), func(s string) bool { return slices.Contains(was, s) })
}

// amountText writes the item's amount in measures that a kitchen has; what was
// cut back is rounded by at most one percent.
func amountText(it *item) string {
	a := it.amount
	if a.IsZero() {
		return ""
	}
	if it.factor == 1 {
		if p := it.src.Package; p != nil {
			return sprint("%s (%s %s) %s", quantity.Number(a.Max), quantity.Number(p.Amount), p.Unit.Word(p.Amount), a.Unit.Word(a.Max))
		}
		return a.String()
	}
	a = a.Scale(it.factor)
	if it.src != nil && it.src.Package != nil {
		if c, ok := it.cups(); ok {
			return quantity.Kitchen(c, quantity.Cup)
		}
	}
	return quantity.Kitchen(a.Max, a.Unit)
}

// doses writes what the edits put in by the procedure's own measure.
func (w *rewrite) doses() {
	p := w.was.proc
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		if !w.is.added[in.Name] || w.was.added[in.Name] {
			continue
		}
		scale := w.is.scale
		if scale == 0 {
			scale = 1
		}
		text := in.Line(w.jar(), scale)
		if text == "" {
			continue
		}
		w.reasons[text] = "As tested: " + in.Name
		right, _ := w.was.candidates(k)
		placed := false
		for _, i := range right {
			it := &w.was.items[i]
			if it.fromStep || it.line < 1 || it.line > len(w.rows) || w.is.items[i].serving {
				continue
			}
			if placed {
				continue // a second acid is more acid, and stays
			}
			if w.alone(i) {
				w.rows[it.line-1], placed = text, true
			}
		}
		if !placed {
			w.more = append(w.more, text)
		}
	}
	if w.put1("main") {
		w.measure(w.was.main, func() (float64, quantity.Unit) {
			in := w.was.ingredientOf(w.was.main)
			if in == nil {
				return 0, ""
			}
			return in.Amount, in.Unit
		})
	}
	given := map[*procedure.Ingredient]bool{}
	for i := range w.was.items {
		in := w.was.ingredientOf(i)
		it := &w.was.items[i]
		if in == nil || in.Amount == 0 || w.is.items[i].serving {
			continue
		}
		// The first of several gets the tested amount, the others go.
		if given[in] && w.alone(i) && it.line >= 1 && it.line <= len(w.rows) && !it.fromStep {
			w.gone[it.line-1] = true
			continue
		}
		if w.put1("water") && it.is("water", "broth", "fruit-juice") || w.put1("fat") && it.is("fat") {
			scale := w.is.scale
			if scale == 0 || w.put1("fat") && p.Product == "jam" {
				scale = 1
			}
			given[in] = true
			w.measure(i, func() (float64, quantity.Unit) { return in.Amount * scale, in.Unit })
		}
	}
	if w.put1("liquid") {
		for k := range p.Ingredients {
			in := &p.Ingredients[k]
			if f := w.e.cat.Any(in.Same[0]); in.Role == procedure.Liquid && !in.Optional && f != nil && len(w.was.matched(k)) == 0 {
				w.more = append(w.more, f.Names[0]+", to cover")
				break
			}
		}
	}
}

// put1 reports whether the edits added the thing.
func (w *rewrite) put1(what string) bool { return w.is.added[what] && !w.was.added[what] }

// alone reports whether the item stands alone on its line.
func (w *rewrite) alone(i int) bool {
	for k := range w.was.items {
		if k != i && w.was.items[k].line == w.was.items[i].line && !w.was.items[k].choice {
			return false
		}
	}
	return true
}

// measure gives item i the amount.
func (w *rewrite) measure(i int, amount func() (float64, quantity.Unit)) {
	if i < 0 || !w.alone(i) || w.was.items[i].fromStep {
		return
	}
	it := w.is.items[i] // a copy
	v, unit := amount()
	if v == 0 || it.line < 1 || it.line > len(w.rows) {
		return
	}
	src := recipeLine(&it)
	src.Package = nil
	it.amount, it.src, it.factor = quantity.Amount{Min: v, Max: v, Unit: unit}, src, 1
	text := strings.TrimSpace(quantity.Kitchen(v, unit) + " " + it.name)
	for _, p := range it.prep {
		text += ", " + p
	}
	w.put(it.line, text)
}

// ingredientOf returns the procedure's ingredient that item i is, or nil.
func (b *bench) ingredientOf(i int) *procedure.Ingredient {
	if i < 0 || b.of[i] < 0 {
		return nil
	}
	return &b.proc.Ingredients[b.of[i]]
}

// jar returns the jar that doses are written for.
func (w *rewrite) jar() quantity.Jar {
	if j := w.is.jar.Value; j != "" {
		return j
	}
	if list := w.is.processes(); len(list) > 0 {
		return quantity.Jar(list[0].Jar)
	}
	return quantity.QuartJar
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
