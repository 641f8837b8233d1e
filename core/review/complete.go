package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// The version that can be canned says all that the procedure needs: what the recipe left out
// of the preparation, the filling and the process is written where a cook would look for it.

// complete writes into a text that came out clear what it does not say. What cannot be read
// as well as before stays as it was.
func (e *Reviewer) complete(a *Amended) {
	if a.Result.Verdict != Clear || len(a.Made) == 0 {
		return
	}
	b := e.nearest(newDraft(e, a.Request), a.Request)[0].first
	for _, part := range []fullness{everything, noJars, processOnly} {
		reasons := map[string]string{}
		w := newRewrite(e, b, b, a.Request, a.Text, nil, reasons)
		if e.accept(a, w.complete(part), reasons) {
			return
		}
	}
}

// accept takes the fuller text in the place of the amended one, where it comes out clear too.
func (e *Reviewer) accept(a *Amended, fuller string, reasons map[string]string) bool {
	rec, err := e.reader.Text(fuller)
	if err != nil {
		return false
	}
	if rec.Title == "" {
		rec.Title = a.Request.Recipe.Title
	}
	req := a.Request
	req.Recipe = rec
	res := e.Review(req)
	if res.Verdict != Clear || res.Tested != a.Result.Tested || slices.ContainsFunc(cares(res), func(code string) bool { return !slices.Contains(cares(a.Result), code) }) {
		return false
	}
	a.Text, a.Request, a.Result = fuller, req, res
	for text, why := range reasons {
		a.Reasons[text] = why
	}
	return true
}

// cares returns the codes of the cares of a review: what is written may answer some, and must
// bring none.
func cares(r Result) []string {
	var out []string
	for _, f := range r.Findings {
		if f.Severity == Care {
			out = append(out, f.Code)
		}
	}
	return out
}

// fullness is how much is written of what the text does not say: where the whole cannot be
// read, less of it may.
type fullness int

const (
	everything fullness = iota
	noJars
	processOnly
)

func (w *rewrite) complete(part fullness) string {
	var needs []string
	if part != processOnly {
		needs = w.unsaid()
	}
	for _, text := range needs {
		before, behind := aboutJars(text)
		w.beforeHeating(before)
		if part == everything {
			w.behindFilling(behind)
		}
	}
	if w.was.soup() && !w.was.halfSolids && w.was.fillsJars() {
		w.halvesSolids(len(needs) > 0)
	}
	if len(w.was.minutes) == 0 {
		for _, s := range w.process() {
			if strings.HasPrefix(s, "Pack ") {
				w.beforeCovering(s)
			} else {
				w.atEnd(s)
			}
		}
	}
	return strings.Join(w.rows, "\n")
}

// asTested notes why the text is there, and returns it.
func (w *rewrite) asTested(text string) string {
	w.reasons[text] = "As tested: " + w.was.proc.Title
	return text
}

// aboutJars parts what is done before the jars are filled from what is done with them.
func aboutJars(text string) (before, behind string) {
	var early, late []string
	for _, s := range strings.SplitAfter(text, ". ") {
		if namesJars.MatchString(s) {
			late = append(late, strings.TrimSpace(s))
		} else {
			early = append(early, strings.TrimSpace(s))
		}
	}
	return strings.Join(early, " "), strings.Join(late, " ")
}

// halvesSolids says that the jars are filled half with solids, in the sentence that fills
// them where it says nothing else.
func (w *rewrite) halvesSolids(boiled bool) {
	fill := w.was.fillingStep()
	st := &w.was.steps[fill]
	if w.statesProcess(st) {
		w.instead(st, w.asTested("Fill jars half full of solids, then fill up with the hot liquid.")+" "+st.Text)
		return
	}
	text := w.fillsHalf(st.Text)
	if boiled {
		text = w.asTested(strings.TrimPrefix(text, boilsTogether))
	}
	if w.instead(st, text) {
		w.half = fill
	}
}

// unsaid returns what the procedure asks for before the jars are filled and the recipe does
// not say, in the procedure's words.
func (w *rewrite) unsaid() []string {
	var out []string
	if limit := w.was.proc.Sizes; limit.Cut > 0 && limit.Whole == 0 && !w.was.cutSaid() {
		out = append(out, "Cut it in pieces of "+quantity.Number(limit.Cut)+" inch at most.")
	}
	for _, n := range w.was.proc.Needs {
		if !w.was.says(n) && !slices.Contains(out, n.Text) {
			out = append(out, n.Text)
		}
	}
	if _, cold := w.was.feel(); cold && !w.was.proc.Has(procedure.Filter{Pack: "raw"}) && !slices.Contains(out, w.heat()) {
		out = append(out, w.heat())
	}
	return out
}

// says reports whether the recipe does what the need asks for, or leaves no doubt of it.
func (b *bench) says(n procedure.Requirement) bool {
	done := func(preps []string, tags ...string) bool {
		return b.did(tags...) || slices.ContainsFunc(b.items, func(it item) bool { return !it.serving && it.done(preps...) })
	}
	switch {
	case n.Minutes > 0:
		return b.pack.Value == "raw" || b.timesHeat(n.Minutes)
	case n.Need == "peeled" && b.soup() && !slices.ContainsFunc(b.items, func(it item) bool { return it.is("root") }):
		return true
	case n.Need == "peeled":
		return done([]string{"peeled"}, "peel", "blister")
	case n.Need == "soaked":
		dry := slices.ContainsFunc(b.items, func(it item) bool { return it.is("dry-bean") && !it.came("canned") })
		return !dry || done([]string{"soaked", "cooked"}, "soak")
	}
	return true
}

// cutSaid reports whether the recipe says into which pieces the main food is cut.
func (b *bench) cutSaid() bool {
	if b.main < 0 || b.items[b.main].done("cubed", "diced", "sliced", "chopped", "quartered", "cut") {
		return true
	}
	return slices.ContainsFunc(b.steps, func(s step) bool { return !s.Serving && piecesSaid.MatchString(s.Text) })
}

var piecesSaid = pattern.MustCompile(`(?i)\b(cubes?|cubed|dice[ds]?|slic\w+|chop\w*|chunks|strips|pieces)\b`)

// timesHeat reports whether the method heats the food for so long, or until it is done.
func (b *bench) timesHeat(minutes float64) bool {
	for t := range b.course {
		text := strings.ToLower(t.c.Text)
		if t.lidded || !heatWords.MatchString(text) || heatsJars.MatchString(text) {
			continue
		}
		if untilDone.MatchString(text) {
			return true
		}
		for _, m := range english.MeasuresOf(text) {
			if m.Kind == english.Duration && m.Min >= minutes {
				return true
			}
		}
	}
	return false
}

// fillsJars reports whether a sentence says how the jars are filled.
func (b *bench) fillsJars() bool {
	return b.fillingStep() >= 0
}

// fillingStep returns the sentence that fills the jars first, -1 for none.
func (b *bench) fillingStep() int {
	for t := range b.course {
		if b.goesIn(t) && !heatsJars.MatchString(t.c.Text) || b.steps[t.s].did("raw-pack", "hot-pack") {
			return t.s
		}
	}
	return -1
}

// beforeHeating puts a need in front of the first sentence that heats the food before it is
// filled, where the need heats nothing itself, and else in front of the filling.
func (w *rewrite) beforeHeating(text string) {
	if text == "" || w.beforeLater(text) {
		return
	}
	if !heatWords.MatchString(strings.ToLower(text)) || dips.MatchString(strings.ToLower(text)) {
		for t := range w.was.course {
			clause := strings.ToLower(t.c.Text)
			if t.filled || t.s == w.was.fillingStep() {
				break
			}
			if heatWords.MatchString(clause) && !heatsJars.MatchString(clause) && w.ahead(&w.was.steps[t.s], text) {
				return
			}
		}
	}
	w.beforeFilling(text)
}

// beforeFilling puts the text in front of the sentence that fills the jars, and at the end of
// the method where none does.
func (w *rewrite) beforeFilling(text string) {
	s := w.was.fillingStep()
	if s < 0 || !w.ahead(&w.was.steps[s], text) {
		w.atEnd(text)
	}
}

// beforeLater puts a need in front of one that comes after it in the procedure, where the text
// has that already in the procedure's words.
func (w *rewrite) beforeLater(text string) bool {
	at := slices.IndexFunc(w.was.proc.Needs, func(n procedure.Requirement) bool { return n.Text == text })
	if at < 0 {
		return false
	}
	for _, later := range w.was.proc.Needs[at+1:] {
		for i, row := range w.rows {
			if strings.Contains(row, later.Text) {
				w.rows[i] = strings.Replace(row, later.Text, w.asTested(text)+" "+later.Text, 1)
				return true
			}
		}
	}
	return false
}

// behindFilling puts the text behind the sentence that fills the jars.
func (w *rewrite) behindFilling(text string) {
	if s := w.was.fillingStep(); text != "" && s >= 0 {
		st := &w.was.steps[s]
		w.instead(st, st.Text+"\n"+w.asTested(text))
	}
}

// beforeCovering puts the text in front of the sentence that pours liquid over the food in the
// jars, and at the end where none does.
func (w *rewrite) beforeCovering(text string) {
	for i := range w.was.steps {
		if st := &w.was.steps[i]; !st.Serving && pouredOver.MatchString(st.Text) && w.ahead(st, text) {
			return
		}
	}
	w.atEnd(text)
}

var pouredOver = pattern.MustCompile(`(?i)^\W*(?:then )?(?:cover|top up|fill up) (?:it |them |all )?with\b`)

// atEnd puts the text behind the last line of the recipe that is not for the opened jar.
func (w *rewrite) atEnd(text string) {
	last := w.lastIngredient()
	for i := range w.was.steps {
		if st := &w.was.steps[i]; !st.Serving && st.No <= len(w.rows) {
			last = max(last, st.No-1)
		}
	}
	if head := slices.Index(w.rows, ServingHead); head > 0 && last >= head {
		for last = head - 1; last > 0 && w.rows[last] == ""; last-- {
		}
	}
	w.rows[last] += "\n" + w.asTested(text)
}

// denies reports a sentence that says to do without what an edit puts in: "heirlooms need no
// lemon juice".
func (w *rewrite) denies(st *step) bool {
	return slices.ContainsFunc(st.Foods, func(m recipe.Mention) bool {
		return m.Without && m.Food != nil && slices.ContainsFunc(w.was.proc.Ingredients, func(in procedure.Ingredient) bool {
			return w.puts(in.Name) && (closeness(m.Food, in.Same) > 0 || in.Role == procedure.Acid && isAcid(&item{ref: m.Food}))
		})
	})
}
