package review

import (
	"regexp"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// processFigure matches the minutes and pounds of a process.
var processFigure = pattern.MustCompile(`(?i)\d+\s*-?\s*(minutes?|mins?|hours?|hrs?|pounds?|lbs?|psi|#)`)

// title takes out of the title what an edit took back: a method, a cooker, a
// jar that is too large.
func (w *rewrite) title() {
	no := w.titleLine()
	if no < 1 || no > len(w.rows) {
		return
	}
	was := w.rows[no-1]
	t := was
	for form, said := range titleForms {
		if w.took(form) {
			t = said.ReplaceAllString(t, " ")
		}
	}
	if w.restated || w.is.folded != w.was.folded {
		t = titleMethods.ReplaceAllString(t, " ")
	}
	if w.was.jar != w.is.jar || len(w.was.jars) != len(w.is.jars) {
		t = titleJars.ReplaceAllString(t, " ")
	}
	t = strings.Trim(strings.Join(strings.Fields(t), " "), " ,–-")
	if t == "" || t == was {
		return
	}
	if rec := w.e.reader.Line(no, t); rec.Kind != recipe.Ingredient {
		return
	}
	w.rows[no-1] = strings.ToUpper(t[:1]) + t[1:]
	w.reasons[w.rows[no-1]] = "As tested: " + w.was.proc.Title
}

// took reports whether an edit took the preparation back.
func (w *rewrite) took(form string) bool {
	for i := range w.was.items {
		if w.was.items[i].done(form) && !w.is.items[i].done(form) {
			return true
		}
	}
	return false
}

var (
	titleForms = map[string]*pattern.Pattern{
		"unsoaked": pattern.MustCompile(`(?i)[,(]?\s*\b(no|without|never) (soak|soaking)\b\)?|[,(]?\s*\bun-?soaked\b\)?`),
		"unpeeled": pattern.MustCompile(`(?i)[,(]?\s*\b(with )?(the |their )?(skins?|peels?) (left )?on\b\)?|[,(]?\s*\bin (their |the )?(skins|jackets)\b\)?|[,(]?\s*\bunpeeled\b\)?`),
	}
	titleMethods = pattern.MustCompile(`(?i)[,(]?\s*\b(in (an?|the|my) )?(water[- ]?bath(ed)?|multi[- ]?cooker|electric pressure cooker|pressure cooker|steam canner|oven|open[- ]kettle)([- ](canned|canning|canner|method))?\b\)?`)
	titleJars    = pattern.MustCompile(`(?i)[,(]?\s*\b(in |by the )?(half[- ]gallons?|gallons?|quarts?|qts?|pints?|[0-9.]+ ?(ml|l|liters?|litres?) jars?)\b\)?`)
)

// method rewrites the sentences: what an edit dropped goes, what speaks of food
// that was taken out loses it, and a process that changed is stated anew.
func (w *rewrite) method() {
	byLine := map[int][]int{}
	for s := range w.was.steps {
		byLine[w.was.steps[s].No] = append(byLine[w.was.steps[s].No], s)
	}
	taken := w.taken()
	w.half = w.is.halfAt - 1
	if w.half < 0 && w.is.halfSolids && !w.was.halfSolids {
		w.half = w.fillStep()
	}
	lastMethod := -1
	for no, steps := range byLine {
		if no < 1 || no > len(w.rows) {
			continue
		}
		if !w.was.steps[steps[len(steps)-1]].Serving && no-1 > lastMethod {
			lastMethod = no - 1
		}
		if w.prose(no) {
			w.retell(no, taken)
			continue
		}
		var out []string
		changed := false
		for _, s := range steps {
			text := w.sentence(s, taken)
			if text != w.was.steps[s].Text {
				changed = true
			}
			if text != "" {
				out = append(out, text)
			}
		}
		if !changed {
			continue
		}
		if w.lists(no) {
			w.besideFood(no, steps, taken)
			continue
		}
		if len(out) == 0 {
			w.gone[no-1] = true
			continue
		}
		w.put(no, numbering(w.rows[no-1], w.was.steps[steps[0]].Text)+strings.Join(out, " "))
	}
	var add []string
	if w.is.halfSolids && !w.was.halfSolids && len(w.was.liquids) == 0 {
		w.more = append(w.more, "water, to cover")
	}
	if w.is.halfSolids && !w.was.halfSolids && w.half < 0 {
		add = append(add, "Boil 5 minutes. Fill jars half full of solids, then fill up with the hot liquid.")
	}
	if w.puts("rinse") {
		add = append(add, "Drain off the lime, rinse, and soak 1 hour in fresh water; do so three times.")
	}
	if w.restated {
		add = append(add, w.process()...)
	}
	if w.puts("hot") {
		w.heatFirst()
	}
	if w.puts("process") {
		w.beforeStoring(strings.Join(w.process(), " "))
	}
	if w.puts("ferment") {
		w.before("no-acid-added", w.need("Ferment it 3 to 6 weeks under brine.", "ferment"))
	}
	if len(add) == 0 {
		return
	}
	for _, s := range add {
		w.reasons[s] = "As tested: " + w.was.proc.Title
	}
	if lastMethod < 0 {
		w.last = append(w.last, add...)
		return
	}
	text := strings.Join(add, "\n")
	if w.gone[lastMethod] {
		w.gone[lastMethod] = false
		w.rows[lastMethod] = text
		return
	}
	w.rows[lastMethod] += "\n" + text
}

// unasked returns what stands in front of the clause that was asked about, where that is the
// end of the sentence: "take 5 pounds of beans, don't bother soaking".
func (w *rewrite) unasked(a *step) string {
	for _, f := range w.made {
		if !f.Clause || f.Line == nil || *f.Line != a.No {
			continue
		}
		if front, behind, ok := strings.Cut(a.Text, f.Ingredient); ok && len(strings.Fields(front)) > 2 && strings.Trim(behind, ".! ") == "" {
			return strings.TrimRight(trailingJoint.ReplaceAllString(front, ""), " ,;") + "."
		}
	}
	return ""
}

var trailingJoint = pattern.MustCompile(`(?i)[\s,;]+(and|but|then|so|or)?[\s,;]*$`)

// lists reports whether a food of the list stands on the line.
func (w *rewrite) lists(no int) bool {
	return !w.prose(no) && slices.ContainsFunc(w.was.items, func(it item) bool { return it.line == no && !it.fromStep })
}

// besideFood rewrites what is told of a food on its own line: "20 lb potatoes (peeling
// optional)".
func (w *rewrite) besideFood(no int, steps, taken []int) {
	row := w.rows[no-1]
	for _, s := range steps {
		was, is := w.was.steps[s].Text, w.sentence(s, taken)
		if is == was {
			continue
		}
		if is == "" {
			row = strings.Replace(row, "("+was+")", "", 1)
		}
		row = strings.Replace(row, was, is, 1)
	}
	w.put(no, strings.Join(strings.Fields(strings.ReplaceAll(row, " ,", ",")), " "))
}

// need returns what the procedure asks for in its own words, where they hold one of the
// words, and else the plain text.
func (w *rewrite) need(plain string, verbs ...string) string {
	for _, n := range w.was.proc.Needs {
		if n.Need != "soaked" && !dips.MatchString(strings.ToLower(n.Text)) && containsAny(strings.ToLower(n.Text), verbs...) { // not all of it is dried beans
			return n.Text
		}
	}
	return plain
}

// heat says how the food is made hot before it is filled.
func (w *rewrite) heat() string {
	return w.need("Heat it to boiling and pack it hot.", "boil", "simmer", "heat", "steam", "brown", "blanch")
}

// heatFirst says that the food is heated in front of the sentence that fills the jars.
func (w *rewrite) heatFirst() {
	s := w.was.fillingStep()
	if s < 0 {
		w.before("pack-style", w.heat())
		return
	}
	st := &w.was.steps[s]
	if !w.ahead(st, w.heat()) && st.No >= 1 && st.No <= len(w.rows) {
		w.rows[st.No-1] = w.asTested(w.heat()) + "\n" + w.rows[st.No-1]
	}
}

// instead puts the text in the place of the sentence, where that stands as it was read.
func (w *rewrite) instead(st *step, text string) bool {
	if st.No < 1 || st.No > len(w.rows) || !strings.Contains(w.rows[st.No-1], st.Text) {
		return false
	}
	w.rows[st.No-1] = strings.Replace(w.rows[st.No-1], st.Text, text, 1)
	return true
}

// ahead puts the text in front of the sentence, on a line of its own where that begins one.
func (w *rewrite) ahead(st *step, text string) bool {
	joint := " "
	if st.No >= 1 && st.No <= len(w.rows) && strings.HasPrefix(strings.TrimSpace(w.rows[st.No-1]), st.Text) {
		joint = "\n"
	}
	return w.instead(st, w.asTested(text)+joint+st.Text)
}

// before puts a sentence in front of the line that the finding is about, or of the first
// sentence of the method where it is about none.
func (w *rewrite) before(code, text string) {
	no := 0
	for _, f := range w.made {
		if f.Code == code && f.Line != nil {
			no = *f.Line
		}
	}
	if no == 0 && len(w.was.steps) > 0 {
		no = w.was.steps[0].No
	}
	if no < 1 || no > len(w.rows) {
		return
	}
	w.rows[no-1] = w.asTested(text) + "\n" + w.rows[no-1]
}

// beforeStoring puts the process in front of the sentence that puts the jars away.
func (w *rewrite) beforeStoring(text string) {
	for t := range w.was.course {
		st := &w.was.steps[t.s]
		if t.filled && putAway.MatchString(t.c.Text) && w.instead(st, w.asTested(text)+" "+st.Text) {
			return
		}
	}
}

// numbering returns what stands before the first sentence of the row: "3. ".
func numbering(row, first string) string {
	if i := strings.Index(row, first); i > 0 {
		return row[:i]
	}
	return ""
}

// taken returns the foods that edits took out of the jar.
func (w *rewrite) taken() []int {
	var out []int
	for i := range w.was.items {
		if w.is.items[i].serving && !w.was.items[i].serving {
			out = append(out, i)
		}
	}
	return out
}

// speaksOf reports whether the sentence names item i.
func (w *rewrite) speaksOf(m recipe.Mention, items []int) bool {
	k := w.was.find(m, len(w.was.items))
	return k >= 0 && slices.Contains(items, k) && !m.Without
}

// anyOf reports whether the sentence of line no speaks of one of the items.
func (w *rewrite) anyOf(st *recipe.Step, no int, items []int) bool {
	return slices.ContainsFunc(st.Foods, func(m recipe.Mention) bool {
		return w.speaksOf(m, items) || w.toldHere(m, no, items)
	})
}

// toldHere reports an item that this sentence alone puts in, though the list has the same food too: "add a
// pound of bacon", where a cube of it in each jar is as tested.
func (w *rewrite) toldHere(m recipe.Mention, no int, items []int) bool {
	return !m.Without && slices.ContainsFunc(items, func(i int) bool {
		it := &w.was.items[i]
		return it.fromStep && it.line == no && it.ref == m.Food
	})
}

// sentence returns the sentence as it stands after the edits, "" where nothing
// is left of it.
func (w *rewrite) sentence(s int, taken []int) string {
	a, z := &w.was.steps[s], &w.is.steps[s]
	text := a.Text
	if a.Serving {
		return text
	}
	if w.half == s {
		return w.fillsHalf(text)
	}
	if z.refilled && !a.refilled {
		return w.fillsAnew(a)
	}
	if z.gone && !a.gone {
		if rest := w.unasked(a); rest != "" {
			return rest
		}
		return w.putIn(s, "", taken)
	}
	if w.restated && w.statesProcess(a) || w.denies(a) {
		return ""
	}
	if w.was.vent != nil && w.is.vent == nil && a.did("vent") {
		return "Let steam stream out for a full 10 minutes before you close the vent."
	}
	if w.puts("boil") {
		if h, short := w.was.shortHeat(); short && h.step == s {
			return text[:h.start] + quantity.Number(h.need.Minutes) + " minutes" + text[h.end:]
		}
	}
	var lost []string
	for _, t := range z.dropped {
		if a.did(t) {
			lost = append(lost, t)
		}
	}
	isTaken := func(st *recipe.Step) bool {
		return w.anyOf(st, a.No, taken)
	}
	if len(lost) == 0 && !isTaken(a.Step) {
		return text
	}
	if len(lost) == 0 {
		if rest := w.unlisted(a.No, text, a.Step, taken); rest != "" {
			return rest
		}
	}
	wrong := func(st *recipe.Step) bool { return isTaken(st) || st.Did(lost...) }
	var keep []string
	dropped := false // the clause before, whose verb this one may hang on
	for _, clause := range clauses(text) {
		st := w.e.reader.Step(a.No, clause)
		switch {
		case st.Did(lost...):
			dropped = true
			continue
		case dropped && (len(st.Acts) == 0 || opensWithFood(clause, st)):
			continue
		case !wrong(st):
			keep, dropped = append(keep, clause), false
			continue
		}
		rest := w.without(clause, st, taken)
		dropped = rest == "" || hangs.MatchString(rest) || wrong(w.e.reader.Step(a.No, rest))
		if !dropped {
			keep = append(keep, rest)
		}
	}
	if n := len(keep); n > 1 && len(w.e.reader.Step(a.No, keep[n-1]).Acts) == 0 {
		keep = append(keep[:n-2], keep[n-2]+" and "+keep[n-1]) // the end of a list
	}
	out := sentenceOf(keep)
	return strings.TrimSpace(out + " " + w.putIn(s, out, taken))
}

// hangs is a verb that has lost what it is done to: "stir into the stock".
var hangs = pattern.MustCompile(`(?i)^\W*(then |and )?\w+ (into|in|to|over|with|through|on)\b`)

// opensWithFood reports whether the clause has no verb of its own in front: "the carrots in
// oil until brown".
func opensWithFood(clause string, st *recipe.Step) bool {
	clause = strings.TrimPrefix(strings.ToLower(strings.TrimSpace(clause)), "the ")
	return slices.ContainsFunc(st.Foods, func(m recipe.Mention) bool { return strings.HasPrefix(clause, strings.ToLower(m.Text)) })
}

const boilsTogether = "Boil everything together 5 minutes. "

// fillsHalf writes the filling of a soup anew, with the jars that the cook names.
func (w *rewrite) fillsHalf(text string) string {
	jars := "jars"
	if said := jarsSaid.FindStringSubmatch(text); said != nil {
		jars = strings.ToLower(said[1]) + " jars"
	}
	out := "Fill hot " + jars + " half full of solids, then fill up with the hot liquid, leaving 1 inch headspace."
	if h, _ := w.was.shortHeat(); !h.found {
		out = boilsTogether + out
	}
	w.reasons[out] = "As tested: " + w.was.proc.Title
	return out
}

var jarsSaid = pattern.MustCompile(`(?i)\b(half-pint|pint|quart)s?\b`)

// statesProcess reports whether the sentence states how the jars are processed.
func (w *rewrite) statesProcess(s *step) bool {
	repacked := s.did("raw-pack", "hot-pack") && w.was.pack != w.is.pack
	if s.did(processTags...) || repacked || w.boilsFull(s) || w.gaveTime(s) {
		return true
	}
	if w.was.draft.jar != w.is.draft.jar || len(w.was.draft.jars) != len(w.is.draft.jars) {
		if titleJars.MatchString(s.Text) && (s.jars() || s.packs()) {
			return true
		}
	}
	return processFigure.MatchString(s.Text) && (s.jars() || s.says("pressure") || s.says("psi") || s.says("pounds") || s.says("lbs") || s.says("process")) && !s.did("soak")
}

// gaveTime reports a sentence that only gives the time that was read as the process: "20 minutes in the bath".
func (w *rewrite) gaveTime(s *step) bool {
	gives := func(minutes float64) bool {
		return slices.ContainsFunc(english.MeasuresOf(s.Text), func(m english.Measure) bool {
			return m.Kind == english.Duration && m.Min == minutes
		})
	}
	read := slices.ContainsFunc(w.was.minutes, func(m recipe.SaidMinutes) bool {
		return m.Line == s.No && gives(m.Minutes)
	})
	return read && slices.ContainsFunc(s.Clauses, func(c method.Clause) bool { return c.GivesTime() })
}

// boilsFull reports a sentence that heats jars that are full: "boil the sealed jars three
// hours".
func (w *rewrite) boilsFull(s *step) bool {
	for t := range w.was.course {
		if text := strings.ToLower(t.c.Text); &w.was.steps[t.s] == s && (t.filled || t.lidded || fullJars.MatchString(text)) && heatWords.MatchString(text) && timed(text) {
			return true
		}
	}
	return false
}

var fullJars = pattern.MustCompile(`\b(sealed|filled|full|closed|lidded|packed) (jars?|pints|quarts|bottles)\b|\bin (their|the) (jars|bottles)\b`)

// clauses cuts a sentence where another act may begin.
func clauses(text string) []string {
	text = strings.TrimRight(text, ".!; ")
	var out []string
	start := 0
	for _, m := range clauseEnd.FindAllStringIndex(text, -1) {
		out = append(out, text[start:m[0]])
		start = m[1]
	}
	return append(out, text[start:])
}

var clauseEnd = pattern.MustCompile(`(?i)\s*(?:;|,\s*(?:and |then )*|\s+and then\s+|\s+then\s+|\s+and\s+)\s*`)

// without takes the names of foods that were taken out from the clause; "" where
// nothing else is named.
func (w *rewrite) without(clause string, st *recipe.Step, taken []int) string {
	others := false
	for _, m := range st.Foods {
		if !w.speaksOf(m, taken) {
			others = true
			continue
		}
		name := regexp.QuoteMeta(m.Text)
		for _, p := range []string{`(?i)\s*\b(?:in|with|into|plus|using|or)\s+(?:(?:the|a|some|little|melted|hot|remaining|rest|of)\s+)*` + name, `(?i)\b(?:the\s+)?` + name} {
			if re := pattern.MustCompile(p); re.MatchString(clause) {
				clause = re.ReplaceAllString(clause, "")
				break
			}
		}
	}
	clause = strings.Join(strings.Fields(clause), " ")
	if !others && len(strings.Fields(clause)) < 3 {
		return ""
	}
	return clause
}

// sentenceOf joins clauses to a sentence.
func sentenceOf(parts []string) string {
	parts = slices.DeleteFunc(parts, func(s string) bool { return strings.Trim(s, " ,.") == "" })
	if len(parts) == 0 {
		return ""
	}
	s := strings.Join(parts, ", ")
	return strings.ToUpper(s[:1]) + s[1:] + "."
}

// process states the tested process for the jars that the recipe names, or for
// the first tested one.
func (w *rewrite) process() []string {
	list := w.is.processes()
	if len(list) == 0 {
		return nil
	}
	first := list[0]
	var jars, times []string
	same := true
	for _, p := range list {
		j := quantity.Jar(p.Jar).Plural()
		if p.Method != first.Method || p.Gauge != first.Gauge || p.Pack != first.Pack || p.PSI != first.PSI || p.HeadspaceIn != first.HeadspaceIn || slices.Contains(jars, j) {
			continue
		}
		jars = append(jars, j)
		times = append(times, processSentence(p, j+" "))
		same = same && p.Minutes == first.Minutes
	}
	if same {
		times = []string{processSentence(first, "")}
	}
	gap := quantity.Number(first.HeadspaceIn) + " inch headspace."
	switch {
	case w.half >= 0 || w.packsAlready(first.Pack):
		return times
	case w.stillFills():
		if w.was.head == nil {
			times = append([]string{"Leave " + gap}, times...)
		}
		return times
	}
	return append([]string{sprint("Pack %s in %s, leaving %s", first.Pack, strings.Join(jars, " or "), gap)}, times...)
}

// stillFills reports whether the sentence that fills the jars stays as it is, with the pack and
// the jars that it has.
func (w *rewrite) stillFills() bool {
	s := w.was.fillingStep()
	if s < 0 || w.is.steps[s].gone || w.restated && w.statesProcess(&w.was.steps[s]) {
		return false
	}
	return w.was.pack == w.is.pack && w.was.jar == w.is.jar && len(w.was.jars) == len(w.is.jars)
}

// packsAlready reports whether a sentence that stays states pack and jar.
func (w *rewrite) packsAlready(pack string) bool {
	return slices.ContainsFunc(w.was.steps, func(s step) bool {
		return !s.Serving && s.did(pack+"-pack") && titleJars.MatchString(s.Text) && !w.statesProcess(&s)
	})
}

// processSentence writes a process as a cook would.
func processSentence(p procedure.Process, jars string) string {
	s := sprint("Process %s%d minutes", jars, p.Minutes)
	switch p.Method {
	case procedure.Pressure:
		return s + sprint(" at %d pounds in a pressure canner with a %s gauge.", p.PSI, p.Gauge)
	case procedure.Steam:
		return s + " in a steam canner."
	}
	return s + " in a water bath canner."
}
