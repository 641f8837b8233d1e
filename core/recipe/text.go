package recipe

import (
	"errors"
	"fmt"
	"slices"
	"strings"
	"unicode/utf8"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// Limits of one recipe: of what may be pasted or stored, and of what is read.
const (
	MaxBytes   = 1 << 20
	MaxLines   = 500
	MaxReading = 64 << 10 // bytes of the whole: read in a second, whatever they are
	MaxItems   = 200      // ingredients; no tested procedure has a fifth of that
	MaxSteps   = 500      // sentences of method
)

// Errors of Text that a page or command turns into a message.
var (
	ErrEmpty  = errors.New("nothing to read: paste a recipe, its ingredients one to a line")
	ErrBinary = errors.New("this is not text: paste the recipe's words, or save the file as plain text")
	ErrLarge  = errors.New("this is larger than 1 MiB: paste one recipe at a time")
	ErrWordy  = fmt.Errorf("this is longer than %d KiB: paste the recipe alone, without what stands round it", MaxReading>>10)
	ErrMany   = fmt.Errorf("this has more than %d ingredients or %d sentences: paste one recipe at a time", MaxItems, MaxSteps)
	ErrLong   = fmt.Errorf("this has more than %d lines: paste one recipe at a time", MaxLines)
)

// Check refuses what cannot be a recipe, and what cannot be read in good time: nothing,
// binary data, a novel.
func Check(text string) error {
	if err := CheckStored(text); err != nil {
		return err
	}
	if len(text) > MaxReading {
		return ErrWordy
	}
	return nil
}

// tooMany reports whether the recipe has more in it than one recipe can have.
func (rec *Recipe) tooMany() bool {
	items := 0
	for _, l := range rec.Lines {
		if l.Kind == Ingredient {
			items++
		}
	}
	return items > MaxItems || len(rec.Steps) > MaxSteps
}

// CheckStored refuses what no text field of a recipe can hold. What it lets through can be
// kept, though Check may refuse to read it.
func CheckStored(text string) error {
	switch {
	case len(text) > MaxBytes:
		return ErrLarge
	case !utf8.ValidString(text) || strings.ContainsRune(text, 0):
		return ErrBinary
	case strings.TrimSpace(text) == "":
		return ErrEmpty
	}
	control, lines := 0, 1
	for _, r := range text {
		switch {
		case r == '\n':
			lines++
		case r < ' ' && r != '\t' && r != '\r':
			control++
		}
	}
	if control > 8 {
		return ErrBinary
	}
	if lines > MaxLines {
		return ErrLong
	}
	return nil
}

// Text reads a whole recipe: title, ingredient lines, method. Errors are those
// of Check; everything else that cannot be read stands in the recipe itself.
func (r *Reader) Text(text string) (*Recipe, error) { return r.TextFrom(1, text) }

// TextFrom is Text for a recipe that begins on the line first of its file.
func (r *Reader) TextFrom(first int, text string) (*Recipe, error) {
	if err := Check(text); err != nil {
		return nil, err
	}
	t := newTale(r, newPage(text))
	for i := range t.sheet.lines {
		if err := t.line(first+i, i); err != nil {
			return nil, err
		}
	}
	rec := t.rec
	r.elided(rec)
	r.generic(rec)
	bareNames(rec)
	r.saidTwice(rec)
	r.titleFood(rec)
	r.titleForms(rec)
	r.titleKind(rec)
	r.titleWith(rec)
	if i := rec.TitleLine - first; i >= 0 && i < len(t.sheet.lines) {
		r.titleTells(rec, t.sheet.bare(r, i))
	}
	r.lostFoods(rec)
	r.toldBeside(rec, t.sheet, first)
	r.dropChatter(rec, t.ingredientsAt)
	settleSteps(rec.Steps)
	r.stateFacts(rec)
	rec.Made = made(rec)
	if rec.tooMany() {
		return nil, ErrMany
	}
	return rec, nil
}

// ofTheProcess are signs that a sentence may speak of how jars were processed: without one,
// what is said when all is over is not read twice.
var ofTheProcess = pattern.MustCompile(`(?i)\d|minute|hour|process|boil|pound|pressure|vent|steam|canner|bath|oven|dishwasher|microwave|never|skip|n't|no need|call it|stop|smell|weight|release|gas|lemon|vinegar|\bps\b|half|third|time|ten|twelve|fifteen|twenty|thirty|forty|fifty|sixty|ninety|five|six|eight|cool|cold|freez|fridge|seal|instead|same`)

// orders reports a sentence that tells what to do.
func (r *Reader) orders(s string) bool { return r.method.Shape(s).Order && !yieldTold.MatchString(s) }

// yieldTold is how much the batch makes, which is no order: "Yield: about 9 pints".
var yieldTold = pattern.MustCompile(`(?i)^\W*yields?\b`)

// shareOf is a part of what was named before: "two thirds of that".
var shareOf = pattern.MustCompile(`(?i)^(just |only |about )?(half|most|some|a third|a quarter|two thirds|three quarters|a fraction|double|twice) (of )?(it|that|them|those|this|these)\b`)

// prepares reports whether the sentence, taken as part of a method, does two things that
// a kitchen does: "peeled, seeded, inch cubes, boiled 2 min".
func (r *Reader) prepares(s string) bool {
	n := 0
	s = strings.ToValidUTF8(s[:min(len(s), longestLine)], "") // it shows in the beginning
	for _, c := range r.method.Read(s, inMethod) {
		for _, a := range c.Acts {
			switch a.Name {
			case "wash", "peel", "seed", "core", "pit", "cut", "trim", "boil", "simmer", "blanch", "drain", "soak", "brown", "mix", "pack", "fill", "lid", "vent", "process", "pressure-process", "boil-bath":
				if c.Kind == method.Doing {
					n++
				}
			}
		}
	}
	return n >= 2
}

// ofJars reports whether the sentence names jars, a canner or how one heats: without
// them, what boils before a jar is filled is no process.
func ofJars(sentence string) bool {
	return containsAny(strings.ToLower(sentence), "jar", "pint", "quart", "qt", "half-pint", "bottle", "canner", "psi", "pressure", "water bath", "bath", "process", "gauge", "dial", "weight", " lb", "pound", "#", "them", "vent", "litre", "liter", " ml", "glass")
}

// again reports whether the line deals out to each jar what is listed before it, all of it.
func again(list []*Line, l *Line) bool {
	dealt := false
	for _, x := range append([]*Line{l}, l.Also...) {
		dealt = dealt || x.Per != ""
		if x.Ref == nil || !slices.ContainsFunc(list, func(y *Line) bool {
			return y.Ref == x.Ref && y.AmountMin != nil &&
				y.Per == ""
		}) {
			return false
		}
	}
	return dealt
}

// ownNames keeps the words by which the recipe names its own ingredients.
func ownNames(own map[string]bool, l *Line) {
	for _, x := range append(append([]*Line{l}, l.Also...), l.Alternatives...) {
		if x.Ref == nil {
			continue
		}
		for _, w := range words.Split(x.Food) {
			own[w.Text] = true
		}
		for _, w := range append(append([]string{}, x.Prep...), x.State...) {
			own[w] = true
		}
	}
}

// served reports whether the sentence before was at the table.
func served(steps []*Step) bool { return len(steps) > 0 && steps[len(steps)-1].Serving }

// lastOf is the last clause read.
func lastOf(steps []*Step) method.Clause {
	if len(steps) == 0 || len(steps[len(steps)-1].Clauses) == 0 {
		return method.Clause{}
	}
	c := steps[len(steps)-1].Clauses
	return c[len(c)-1]
}

// headingAt reports whether the line i heads what follows, and returns it bare.
func (r *Reader) headingAt(sheet *page, i int, line string) (string, bool) {
	if h, ok := heading(stripBullet(line)); ok {
		return h, true
	}
	return strings.TrimSpace(numbered.ReplaceAllString(stripBullet(line), "")), sheet.heads(r, i, line)
}

func onlyNotes(lines []*Line) bool {
	for _, l := range lines {
		if l.Kind != Note {
			return false
		}
	}
	return true
}

// clean drops control characters and outer space.
func clean(s string) string {
	return strings.TrimSpace(strings.Map(func(c rune) rune {
		if c < ' ' && c != '\t' || c == 0xFEFF || c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069 {
			return -1
		}
		return c
	}, s))
}

func sectionOf(h, section string) (string, bool) {
	f := words.FoldPhrase(h)
	switch f {
	case "ingredient", "you will need", "what you need", "shopping list":
		return "ingredients", false
	case "direction", "instruction", "method", "step", "preparation", "procedure", "what to do", "to make", "to can", "canning", "process", "how to", "canning direction", "processing", "note", "tip", "recipe note", "cook note":
		return "method", false
	}
	if servingHeading(h) {
		return section, true
	}
	return section, false
}

// names counts the foods that the words name.
func (r *Reader) names(s string) int {
	n, t := 0, words.Split(s)
	for i := range t {
		if r.foodAt(t, i) {
			n++
		}
	}
	return n
}

// formTitle heads a form or a document, whatever food it names.
var formTitle = pattern.MustCompile(`(?i)\b(entry form|class \d+|exhibit(or)?|form no|lot \d+|doc(ument)? [A-Z0-9-]*\d|\d+ recipes)`)

// betterTitle takes a line as the title where the first line named no food: a club's
// name, a letter's first words.
func (r *Reader) betterTitle(line string) (string, bool) {
	first := Sentences(stripBullet(line))
	if len(first) != 1 && !(len(first) == 2 && len(strings.Fields(first[1])) <= 5) {
		return "", false
	}
	s := strings.TrimRight(first[0], ". ")
	shape := r.method.Shape(s)
	title, ok := r.title(s)
	if !ok || shape.Words > 8 || shape.Said || shape.Order || shape.Verbs > 1 || r.names(s) == 0 || strings.ContainsAny(s, "0123456789:") {
		return "", false
	}
	return title, true
}

// longestLine is the longest line, in bytes, that is read as one ingredient; what is
// longer is a text.
const longestLine = 1500

// comments heads what the readers of a page have written below it.
var comments = pattern.MustCompile(`(?i)^\W*((\d+ )(comments?|responses|replies|reviews)|comments?( \(\d+\)| \d+)|leave a (comment|reply)|reader (comments|interactions))\W*$`)

// commenter and dated head a single comment: "Donna says", and its day below.
var (
	commenter = pattern.MustCompile(`^[A-Z][^,:;0-9]{1,30} says\W*$`)
	postedOn  = pattern.MustCompile(`(?i)^\W*(january|february|march|april|may|june|july|august|september|october|november|december)\w* \d{1,2}, \d{4} at \d`)
)

var columns = pattern.MustCompile(`\S {3,}[0-9½¼¾⅓⅔]`)

var parens = pattern.MustCompile(`\([^)]*\)`)

// title takes a first line that is no ingredient and no step.
func (r *Reader) title(line string) (string, bool) {
	t := strings.TrimSpace(strings.TrimLeft(line, "#* "))
	if after, ok := strings.CutPrefix(strings.ToLower(t), "title:"); ok {
		return strings.TrimSpace(t[len(t)-len(after):]), true
	}
	if _, ok := heading(stripBullet(line)); ok && !strings.HasPrefix(line, "#") {
		if s, _ := sectionOf(strings.TrimSuffix(line, ":"), ""); s != "" {
			return "", false
		}
		return strings.TrimSuffix(t, ":"), true
	}
	toks := words.Split(stripBullet(line))
	if len(toks) == 0 {
		return "", false
	}
	if timedTitle.MatchString(t) {
		return t, true
	}
	if toks[0].Kind == words.Number && numberFirst(toks) {
		return "", false
	}
	if r.saysWhatIsDone(line, toks) {
		return "", false
	}
	if strings.ContainsAny(line[:1], "-*•") {
		return "", false
	}
	spelled := toks[0].Kind == words.Word && len(toks) > 1 && unitAt(toks, 1).n == 0
	if r.leadingFood(toks) && !spelled || r.isLetter(line) || fact.MatchString(line) {
		return "", false
	}
	if l := r.Line(1, parens.ReplaceAllString(line, "")); l.AmountMin != nil && toks[0].Text != "a" && toks[0].Text != "an" && strings.Contains(line, ":") {
		return "", false
	}
	return t, true
}

// numberFirst reports a line that begins with a number.
func numberFirst(t []words.Token) bool {
	_, n, err := number(t, 0)
	return n > 0 || err != nil
}

// timedTitle is what is made, by the time that it takes: "14-day sweet pickles".
var timedTitle = pattern.MustCompile(`(?i)^\d{1,2}[- ](?:day|hour|minute|week|step)s? [\pL' -]*\b(?:pickles?` +
	`|gherkins|jams?|jelly|relish|salsa|chutney|preserves|marmalade|(?:sauer)?kraut)(?: \([^)]*\))?$`)

// saysWhatIsDone reports a line too long for a title, or one that tells what is done and names nothing
// that is made.
func (r *Reader) saysWhatIsDone(line string, t []words.Token) bool {
	if len(t) > 24 || len(t) > 12 && strings.HasSuffix(line, ".") {
		return true
	}
	s := r.method.Shape(line)
	own := t[0].Text == "i" || t[0].Text == "we"
	ofOneself := slices.ContainsFunc(t, func(w words.Token) bool { return ofOneself[strings.ToLower(w.Raw)] })
	done := s.Verbs > 0 && (s.Order || own || s.Foods == 0 && s.Trade)
	return strings.HasSuffix(line, ".") && (done || s.Foods == 0 && ofOneself)
}

// ofOneself are words of who speaks for himself.
var ofOneself = set("i i'm i’m i've i’ve i'll i’ll i'd i’d we're we’re we've we’ve")

// titleWith keeps what the title puts beside its food: "green beans with bacon".
func (r *Reader) titleWith(rec *Recipe) {
	_, with, ok := strings.Cut(" "+strings.ToLower(rec.Title), " with ")
	if !ok || strings.Contains(with, "without") {
		return
	}
	r.titleAdds(rec, r.listed(rec.TitleLine, with).Foods)
}

// titleAdds keeps of the foods those that no procedure bears unnamed, where nothing else of the recipe names them.
func (r *Reader) titleAdds(rec *Recipe, foods []Mention) {
	for _, m := range foods {
		if !m.Food.In("dairy", "egg", "thickener", "starch-solid", "nut", "cured-meat", "coconut", "fat",
			"no-home-process", "smoked-fish", "low-acid-fruit", "ground-meat", "ground-poultry", "spirit") {
			continue
		}
		known := false
		for _, l := range rec.Lines {
			for _, x := range append(append([]*Line{l}, l.Also...), l.Alternatives...) {
				known = known || x.Ref != nil && (x.Ref == m.Food || x.Ref.In(m.Food.Groups...))
			}
		}
		for _, s := range rec.Steps {
			for _, x := range s.Foods {
				known = known || x.Food == m.Food
			}
		}
		if !known {
			rec.Steps = append(rec.Steps, &Step{No: rec.TitleLine, Text: rec.Title, Foods: []Mention{m}})
		}
	}
}

// titleTells reads a sentence that stands where a title does: what it puts in is kept, "egg goes in for richness",
// and what no procedure bears is asked about, "the water never boils with me".
func (r *Reader) titleTells(rec *Recipe, line string) {
	sentence := strings.HasSuffix(strings.TrimSpace(line), ".")
	for _, s := range Sentences(line) {
		if placesIn.MatchString(s) {
			r.titleAdds(rec, r.listed(rec.TitleLine, s).Foods)
		}
		if !sentence && !tells.MatchString(s) {
			continue
		}
		st := r.StepAt(rec.TitleLine, s, method.Where{})
		st.Asks = slices.DeleteFunc(st.Asks, func(a Ask) bool { return a.Code == "" || a.Code == "unknown-ingredient" })
		if len(st.Asks) > 0 {
			rec.Steps = append(rec.Steps, &Step{No: rec.TitleLine, Text: s, Clauses: st.Clauses, Asks: st.Asks})
		}
	}
}

// tells begins a sentence without its mark, placesIn puts something in.
var (
	tells = pattern.MustCompile(`(?i)^(?:i|we|they|you|he|she|it|the (?:water|jars?|lids?|weight|canner|steam` +
		`|clock)) \pL`)
	placesIn = pattern.MustCompile(`(?i)\b(goes?|going|went|gone|puts?|adds?|added|stirs?|stirred|slips?|throws?|tips?` +
		`|pops?|pours?|mix(ed)?|whisk(ed)?|fold(ed)?|likes?|loves?|wants?)\b.*\b(in|into|to)\b|\badd(s|ed)? `)
)

// titleForms gives the main food the form that the title says: grated carrots.
func (r *Reader) titleForms(rec *Recipe) {
	ownSauce(rec)
	if rec.Title == "" {
		return
	}
	at := r.look(TitleSaid(rec.Title))
	l := r.plainLine(rec.TitleLine, rec.Title, at.body, at)
	if l.Ref == nil {
		return
	}
	for _, x := range rec.Lines {
		if x.Kind != Ingredient || x.Ref != l.Ref || x.HasPrep("sliced", "cubed", "diced", "chopped", "cut", "quartered", "halved") {
			continue
		}
		for _, p := range l.Prep {
			if (p == "grated" || p == "shredded" || p == "mashed" || p == "pureed") && !x.HasPrep(p) {
				x.Prep = append(x.Prep, p)
			}
		}
	}
}

// ofCanned is what something is made of, out of a can.
var ofCanned = pattern.MustCompile(`(?i)\b(?:from|of|with|using|out of) (?:\pL+ ){0,3}(?:canned|tinned|tins?|cans?)\b|\b(?:canned|tinned) \pL+ (?:soup|sauce|jam|salsa|juice)\b`)

// titleFood makes the title an ingredient line too where it names a food that
// no line names ("Green beans" above "water, salt").
func (r *Reader) titleFood(rec *Recipe) {
	if rec.Title == "" {
		return
	}
	for _, x := range rec.Lines {
		if x.Kind == Ingredient && (x.Ref == nil || !x.Ref.In("water", "salt", "dry-seasoning", "sugar", "broth", "fruit-syrup", "antibrowning", "bottled-citrus")) {
			return
		}
	}
	l := r.Line(rec.TitleLine, TitleSaid(rec.Title))
	if l.Ref == nil || len(l.Unread) > 0 {
		if l = r.firstNamed(rec); l == nil {
			return
		}
	}
	if !ofCanned.MatchString(rec.Title) { // what is made, not what it is made of
		l.State = slices.DeleteFunc(l.State, func(s string) bool { return s == "canned" })
		if l.Ref.ID == "canned-tomato" {
			l.Ref, l.Food = r.foods.ByID("tomato"), "tomato"
			l.refID()
		}
	}
	for _, x := range rec.Lines {
		if x.Kind == Ingredient && (x.Ref == l.Ref || len(l.Ref.Groups) > 0 && x.Ref.In(l.Ref.Groups...)) {
			return
		}
	}
	l.Also, l.Alternatives, l.Remarks = nil, nil, nil
	rec.Lines = append([]*Line{l}, rec.Lines...)
}

// bareNames reads a line that only names a food which another line measures as the
// heading that it is: "Pinto Beans" above "3 lb dried pinto beans".
func bareNames(rec *Recipe) {
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.Ref == nil || l.AmountMin != nil || l.Reading != Understood || len(l.Unread)+len(l.Prep)+len(l.State)+len(l.Also)+len(l.Alternatives)+len(l.Remarks) > 0 || len(strings.Fields(l.Text)) > 3 || !titled(l.Text) {
			continue
		}
		for _, x := range rec.Lines {
			if x != l && x.Kind == Ingredient && x.Ref == l.Ref && x.AmountMin != nil {
				*l = *note(l.No, l.Text)
				break
			}
		}
	}
}

// saidTwice reads a line that says by a shorter name, and with the same amount, what
// another line lists: "Nine pounds of beans make nine pints." above "9 lb green beans".
func (r *Reader) saidTwice(rec *Recipe) {
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.AmountMin == nil || l.Per != "" || len(l.Unread)+len(l.Prep)+len(l.State)+len(l.Also)+len(l.Alternatives) > 0 || l.Ref == nil || r.method.Shape(l.Text).Verbs == 0 || !containsAny(strings.ToLower(l.Text), "pint", "quart", "jar") {
			continue // only what a sentence says of the batch
		}
		name := words.FoldPhrase(l.Food)
		for _, x := range rec.Lines {
			if x != l && x.Kind == Ingredient && x.AmountMin != nil && *x.AmountMin == *l.AmountMin && x.Unit == l.Unit && strings.HasSuffix(words.FoldPhrase(x.Food), " "+name) {
				*l = *note(l.No, l.Text)
				break
			}
		}
	}
}

// titled reports whether a line of several words is written like a title.
func titled(s string) bool {
	f := strings.Fields(s)
	for _, w := range f {
		if strings.ToLower(w[:1]) == w[:1] {
			return false
		}
	}
	return len(f) > 1
}

// elided gives a line that weighs what it does not name, "16 lb for 9 pints", the
// food of the title.
func (r *Reader) elided(rec *Recipe) {
	for _, l := range rec.Lines {
		if !l.weighsUnnamed() {
			continue
		}
		named := r.firstNamed(rec)
		if named == nil || named.Ref.ID == "canned-tomato" {
			named = firstWorked(rec)
		}
		if named == nil && rec.Title == "" {
			named = r.firstTold(rec, l.No)
		}
		if named == nil && rec.Title != "" {
			named = onlyWorked(rec)
		}
		if named != nil && r.cutsOf(named, l) {
			return
		}
		if named != nil && !elidedName[l.Food] && r.foods.ByName(l.Food+" "+named.Food) != named.Ref {
			continue // "14 lb buttons", of mushrooms
		}
		if named == nil || slices.ContainsFunc(rec.Lines, func(x *Line) bool { return x != l && x.Kind == Ingredient && x.Ref == named.Ref && x.AmountMin != nil }) {
			return
		}
		l.Ref, l.Food, l.Unread = named.Ref, named.Food, nil
		if l.Reading == Unclear {
			l.Reading, l.Problem = Understood, ""
		}
		l.refID()
		l.weigh()
		return
	}
}

// cutsOf names the animal that the line takes its cuts of: "boneless breasts & thighs", of the chicken in the title.
func (r *Reader) cutsOf(named, l *Line) bool {
	if named.Ref.Kind != "poultry" && named.Ref.Kind != "meat" || !r.partOf(named.Food, l) {
		return false
	}
	if l.Reading == Unclear {
		l.Reading, l.Problem = Understood, ""
	}
	for _, x := range l.Also {
		r.partOf(named.Food, x)
	}
	return true
}

// weighsUnnamed reports a line that weighs what nobody knows.
func (l *Line) weighsUnnamed() bool {
	return l.Kind == Ingredient && l.Ref == nil && l.AmountMin != nil && l.Unit.Dimension() == quantity.Mass &&
		(len(l.Unread) == 0 || l.Food == "")
}

// firstWorked is the first produce or meat that the method names.
func firstWorked(rec *Recipe) *Line {
	if all := worked(rec); len(all) > 0 {
		return all[0]
	}
	return nil
}

// onlyWorked is the produce or meat that the method names, where it is one and the same all through.
func onlyWorked(rec *Recipe) *Line {
	all := worked(rec)
	if len(all) == 0 || slices.ContainsFunc(all, func(l *Line) bool { return l.Ref != all[0].Ref }) {
		return nil
	}
	return all[0]
}

// worked are the produce and meat that the method names.
func worked(rec *Recipe) []*Line {
	var out []*Line
	for _, s := range rec.Steps {
		for _, m := range s.Foods {
			switch m.Food.Kind {
			case "vegetable", "fruit", "legume", "meat", "seafood":
				if !m.Without && !m.Serving && !s.Serving {
					out = append(out, &Line{Food: strings.ToLower(m.Text), Ref: m.Food})
				}
			}
		}
	}
	return out
}

// elidedName are what such a line may call the food: its colour or size, or nothing.
var elidedName = map[string]bool{"cube": true, "piece": true, "chunk": true, "strip": true, "meat": true, "": true,
	"white": true, "red": true, "yellow": true, "gold": true, "small white": true, "small red": true, "cob": true, "ear": true, "one": true, "small one": true, "clean": true, "lean": true, "whole one": true, "of them": true, "spear": true, "breast": true, "thigh": true, "fillet": true, "boneless breast": true, "boneless thigh": true, "skinless breast": true}

// firstNamed is the one food that the title names among other words: "Asparagus off
// the allotment".
func (r *Reader) firstNamed(rec *Recipe) *Line {
	return r.onlyNamed(rec, storyInTitle.ReplaceAllString(TitleSaid(rec.Title), ""))
}

// storyInTitle is what a title tells in brackets: "Blueberries (bears left us some)".
var storyInTitle = pattern.MustCompile(`(?i)\((?:the )?\pL+ (?:left|gave|brought|ate|got|stole|took|let|sent` +
	`|found|helped)\b[^()]*\)`)

// firstTold is the one food that is spoken of before the line: "You asked about the
// green beans your grandmother and I used to put up."
func (r *Reader) firstTold(rec *Recipe, no int) *Line {
	var told []string
	for _, l := range rec.Lines {
		if l.Kind == Note && l.No < no {
			told = append(told, l.Text)
		}
	}
	for _, s := range rec.Steps {
		if s.No < no {
			told = append(told, s.Text)
		}
	}
	return r.onlyNamed(rec, strings.Join(told, " . "))
}

// onlyNamed is the one produce, meat or fish that the text names, nil for none or several.
func (r *Reader) onlyNamed(rec *Recipe, text string) *Line {
	t := words.Split(text)
	var found *Line
	for i, n := 0, 0; i < len(t); i += max(n, 1) {
		var s *sense
		if s, n = r.line.at(t, i); n == 0 || s.kind != foodName || s.food == nil || s.food.Kind != "vegetable" && s.food.Kind != "fruit" && s.food.Kind != "legume" && s.food.Kind != "meat" && s.food.Kind != "poultry" && s.food.Kind != "seafood" {
			continue
		}
		if found != nil && found.Ref != s.food {
			if len(found.Ref.Groups) > 0 && s.food.In(found.Ref.Groups...) {
				continue // "spinach and other greens"
			}
			return nil
		}
		found = &Line{No: rec.TitleLine, Text: rec.Title, Kind: Ingredient, Reading: Understood, Prep: []string{}, State: []string{}, Food: strings.Join(s.words, " "), Ref: s.food}
		found.refID()
	}
	return found
}

var methodStarts = map[string]bool{}

func init() {
	for _, w := range []string{"wash", "rinse", "peel", "cut", "chop", "slice", "dice", "pack", "fill", "process", "boil", "simmer", "bring", "heat", "cook",
		"add", "stir", "mix", "combine", "pour", "ladle", "cover", "leave", "remove", "wipe", "adjust", "put", "place", "let", "cool", "drain", "soak",
		"blanch", "mash", "blend", "puree", "pressure", "use", "turn", "invert", "seal", "vent", "roast", "saute", "melt", "dissolve", "serve", "store",
		"make", "yield", "prepare", "prep", "trim", "snap", "brown", "sear", "skim", "strain", "season", "in", "then", "when", "after", "once", "while",
		"first", "next", "finally", "to", "i", "we", "my", "this", "these", "it", "keep", "top", "tighten", "screw", "crush", "core", "halve", "scald", "dip",
		"slip", "cream", "label", "refrigerate", "freeze", "return", "reduce", "thicken", "whisk", "toss", "spoon", "transfer", "set", "stand", "raw", "hot", "cold",
		"everything", "allow", "do", "dont", "no", "meanwhile", "divide", "can", "steam", "you", "if", "continue", "start", "begin", "repeat", "enjoy", "note",
		"jar", "pint", "quart", "half", "water", "process", "canned", "packed", "processed", "liquidize", "liquidise", "blitz", "grate", "flip", "line", "work", "fry", "bake",
		"put", "hold", "load", "lower", "lift", "run", "slide", "scrub", "sterilize", "sterilise", "warm", "pit", "hull", "stem", "break", "shell", "be", "sit", "open", "pop", "give", "layer", "sprinkle", "squeeze", "press", "push", "skin", "soften", "sweat", "shred", "taste", "check", "cap", "for", "with", "scoop", "stuff", "discard", "measure", "weigh", "always", "never", "they", "there", "our", "all", "serving", "meant", "headspace", "altitude", "elevation", "canning", "boiling", "purée", "each", "and", "the", "drop", "deglaze", "marinate", "quarter", "dredge", "knead", "swirl", "stew", "braise", "char", "blister", "grill", "smoke", "cure", "ferment", "brine", "pickle", "preheat", "take", "get", "rub", "coat", "dust", "pressurize", "time", "count", "turn off"} {
		methodStarts[words.FoldPhrase(w)] = true
	}
}

// pieces cuts a line of the ingredient area into its sentences where each can
// stand by itself: "1 tsp salt per qt. Peas in loosely."
func (r *Reader) pieces(line string) []string {
	if m := columns.FindStringIndex(line); m != nil {
		left, right := strings.TrimSpace(line[:m[0]+1]), strings.TrimSpace(line[m[0]+1:])
		if r.measured(left) && r.measured(right) {
			return []string{left, right} // a card in two columns
		}
	}
	list := Sentences(stripBullet(line))
	for i, piece := range list {
		if before, after, ok := strings.Cut(piece, ": "); ok && r.names(before) == 0 && len(strings.Fields(before)) > 2 && !containsAny(strings.ToLower(before), "jar", "pint", "quart", "each", "every", "per ") && r.leadingFood(words.Split(after)) && len(list) > 1 && !r.method.Shape(before).Order {
			list[i] = after // "I measured it for you: 4 cups ..."
		}
	}
	list = r.joined(bracketed(otherJars(list)))
	if len(list) < 2 {
		return list
	}
	for _, piece := range list {
		t := words.Split(piece)
		if _, ofJars := filled(piece); ofJars {
			continue
		}
		if len(t) < 3 && !r.namesOnly(t) && !wholeWord(piece) || !r.foodAnywhere(t) && r.amounted(t) && len(t) < 5 {
			return []string{line}
		}
	}
	return list
}

// otherJars takes the weight for other jars to the weight before it: "31 lb makes 7 quarts; 20 lb
// makes 9 pints".
func otherJars(list []string) []string {
	for i := len(list) - 1; i > 0; i-- {
		if _, ofJars := filled(list[i-1]); ofJars && another.MatchString("; "+list[i]) {
			list[i-1] = strings.TrimRight(list[i-1], "; ") + "; " + list[i]
			list = append(list[:i], list[i+1:]...)
		}
	}
	return list
}

// figuresOnly reports whether the sentence measures pounds or minutes and names no food:
// among full jars it speaks of the process.
func (r *Reader) figuresOnly(piece string) bool {
	t := words.Split(stripBullet(piece))
	if leadingMeasure(t) && r.method.Shape(piece).Verbs > 0 && !containsAny(strings.ToLower(piece), "tbsp", "tsp", "spoon", "cup") {
		return true // "Five lb is enough for beans."
	}
	if !hasNumber(t) && !leadingMeasure(t) || r.foodAnywhere(t) || r.anyFoodWord(t) {
		return false
	}
	return len(english.Measures(t)) > 0 || containsAny(strings.ToLower(piece), "lb", "pound", "#", "psi", "gauge", "dial", "needle")
}

// pressed reports a pressure with its time, which no food weighs: "10 lb, 65 minutes."
func (r *Reader) pressed(piece string) bool {
	t := words.Split(stripBullet(piece))
	if !pounds.MatchString(piece) || r.foodAnywhere(t) || r.anyFoodWord(t) {
		return false
	}
	for _, m := range english.Measures(t) {
		if m.Kind == english.Duration && m.Min >= 10 {
			return true
		}
	}
	return false
}

var pounds = pattern.MustCompile(`(?i)\d ?(lbs?\b|pounds?\b|#|psi\b)`)

// answered takes the question mark off a food that is asked for and granted: "Cream? A
// little." next is what stands behind the sentences.
func (r *Reader) answered(list []string, next string) []string {
	for i, s := range list {
		after := next
		if i+1 < len(list) {
			after = list[i+1]
		}
		if !strings.HasSuffix(s, "?") {
			continue
		}
		t := words.Split(s)
		if len(t) > 9 || after == "" || r.names(s) == 0 || whWord[t[0].Text] || refused.MatchString(after) {
			continue
		}
		if r.method.Shape(s).Verbs > 0 && leftTo.MatchString(after) {
			continue // "peel the pears? If you like."
		}
		list[i] = strings.TrimRight(s, "? ")
	}
	return list
}

var whWord = set("what why how where when who which whose")

// leftTo begins an answer that leaves it to somebody's liking.
var leftTo = pattern.MustCompile(`(?i)^\W*(if (you|i|one) (like|must|want|wish|care)|up to you|your (choice|call)|optional|as you (like|please)|maybe|perhaps|sometimes|depends)\b`)

// refused begins an answer that says no.
var refused = pattern.MustCompile(`(?i)^\W*(no|nope|nah|never|not|none|don'?t|do not|god,? no|heavens,? no|lord,? no|oh,? no|well,? no|only (later|when|after)|later|afterwards?|when|on the plate|at serving|at the table|that comes|leave|skip)\b`)

// joined puts a name and the measure that stands behind it as a sentence of its own
// together: "bottled lemon juice! 1 tablespoon in each pint."
func (r *Reader) joined(list []string) []string {
	var out []string
	for i := 0; i < len(list); i++ {
		if i+1 < len(list) {
			name, next := words.Split(list[i]), words.Split(list[i+1])
			if r.namesOnly(name) && r.foodAnywhere(name) && leadingMeasure(next) && !r.foodAnywhere(next) {
				out = append(out, strings.TrimRight(list[i], ".!?;, ")+": "+list[i+1])
				i++
				continue
			}
		}
		out = append(out, list[i])
	}
	return out
}

// bracketed puts together again what was cut within brackets: "4 cups vinegar (5 percent; or
// the 3 percent)".
func bracketed(list []string) []string {
	var out []string
	open := 0
	for _, piece := range list {
		if open > 0 {
			out[len(out)-1] += "; " + piece
		} else {
			out = append(out, piece)
		}
		open = max(open+strings.Count(piece, "(")-strings.Count(piece, ")"), 0)
	}
	return out
}

// wholeWord reports whether the sentence is one word of English, as it begins a sentence:
// "Peel.", "Yes." and not "Tbsp."
func wholeWord(piece string) bool {
	w := strings.TrimRight(piece, ".!?; ")
	low := strings.ToLower(w)
	return len(w) > 1 && !strings.ContainsAny(w, " .0123456789") && (plainEnglish(low) || functionWords[low] || answers[low]) && unitAt(words.Split(w), 0).n == 0 && (!abbreviations[low] || low == "no")
}

// answers are what one says in a conversation.
var answers = set("yes no yep yup nope nah aye yeah hi hiya hey ok okay sure right well exactly righto")

// measured reports whether the piece of a running text lists an ingredient by its
// measure: "1 tsp salt per qt." A sentence that only names foods is read as one.
func (r *Reader) measured(piece string) bool {
	if WaterRatio(piece) {
		return false
	}
	body := tidy(narrow(stripBullet(piece)))
	t := words.Split(body)
	if r.quarters(t) {
		return false
	}
	if leadingMeasure(t) && len(t) <= 12 && !strings.HasSuffix(body, ".") {
		if l := r.Line(0, piece); l.Ref != nil && l.AmountMin != nil && l.Reading == Understood && len(l.Unread) == 0 &&
			len(l.Remarks) == 0 &&
			(len(l.Prep) > 0 || r.method.Shape(body).Verbs == 0) {
			return true // "2 cups peeled, cored, finely chopped pears"
		}
	}
	return r.leadingFood(t) || r.countedBehind(t) || leadingMeasure(t) && len(t) <= 6 && r.method.Shape(body).Verbs == 0
}

// WaterRatio reports water by the measure of what it soaks, "3 cups water for each cup of
// beans"; of vinegar it would be a brine.
func WaterRatio(text string) bool {
	return waterRatio.MatchString(text) && !containsAny(strings.ToLower(text), "vinegar", "lemon", "lime", "acid")
}

var waterRatio = pattern.MustCompile(`(?i)\bwater (?:for|to|per) (?:each|every|a|the) (?:cup|pound|lb|quart|pint|kilo|kg)s? of\b`)

// lists reports whether a line that stands alone begins with a food and goes on
// like a list: "cream, to serve".
func (r *Reader) lists(piece string) bool {
	t := words.Split(tidy(narrow(stripBullet(piece))))
	first := len(t) > 0 && (r.foodAt(t, 0) || r.foodAt(t, 1) || r.foodAt(t, 2))
	if first && len(t) <= 9 && r.Line(0, piece).Serving {
		return true
	}
	return first && len(t) <= 9 && r.method.Shape(piece).Verbs <= 1 && !r.method.Shape(piece).Order && !strings.HasSuffix(piece, ".")
}

// tells reports a sentence with a verb: "A bag of ice on top speeds it."
func (r *Reader) tells(piece string) bool {
	return strings.HasSuffix(piece, ".") && r.method.Shape(piece).Verbs > 0
}

// noLine reports what is too long for a line of a list, or tells something of full jars.
func (r *Reader) noLine(line string, full bool) bool {
	return len(line) > longestLine || full && r.tells(line)
}

// isStep reports whether a line outside the method is a sentence of it, a fact or
// talk: whatever is read clause by clause.
// What is told once the jars are full is no ingredient either.
func (r *Reader) isStep(line, section string, at look, full bool) bool {
	if r.noLine(line, full) {
		return true
	}
	switch {
	case section != "ingredients" && strings.HasSuffix(line, "?") && strings.HasPrefix(strings.ToLower(line), "not "):
		return true // "not the cooking water?"
	case at.kind == Note && at.sure, section != "ingredients" && r.toldAsStep(line):
		return true
	case at.kind == Ingredient && at.sure:
		return false
	}
	if r.aside(line) || section != "ingredients" && r.ofTools(at.body) {
		return true
	}
	if t := words.Split(at.body); section != "ingredients" && len(t) > 8 && !hasNumberFirst(t) && strings.Contains(at.body, ",") && r.method.Shape(at.body).Verbs >= 2 {
		return true // "Salt in layers, pack in the crock, weigh down"
	}
	body := at.body
	if l := r.plainLine(0, line, body, at); (l.Ref == nil || len(l.Unread) > 0) && section != "ingredients" {
		if s := r.method.Shape(body); s.Words > 2 && (s.Strange == 0 || s.Words > 5) && (s.Verbs > 0 || s.Trade && !hasNumber(words.Split(body))) {
			return true
		}
	}
	return section != "ingredients" && r.isMethod(line) || section == "ingredients" && r.isPlainMethod(line)
}

// namesWork is a step told by the name of the work.
var namesWork = pattern.MustCompile(`(?i)^\W*(?:\d{1,2}[.)] ?)?(?:an? )?(?:quick |good )?` +
	`(?:(?:vinegar|rims?|vinegar rim|damp cloth|paper towel|hot cloth) (?:wipe|wipe-?down|swipe)` +
	`|(?:ascorbic|ascorbic acid|ascorbic acid water|salt water|ice|ice water|cold water|lemon water)` +
	` (?:bath|dip|rinse|soak|dunk|plunge))\W*$`)

// toldAsStep reports what is told to be done, though foods and amounts stand in it.
func (r *Reader) toldAsStep(line string) bool {
	if namesWork.MatchString(line) {
		return true // "vinegar wipe"
	}
	if onesI.MatchString(line) {
		return true // "Freestone ones I halve and take the stone."
	}
	if narrated.MatchString(line) && r.method.Shape(line).Verbs >= 2 {
		return true // "I made a syrup, 5 cups of water to 2 of sugar, brought it to the boil"
	}
	return r.listThenOrder(line) || inCanner.MatchString(line) || r.toldInPast(line)
}

// toldInPast reports a sentence that begins with what was done: "Soaked an hour in salt water, 1 Tbsp to
// the quart."
func (r *Reader) toldInPast(line string) bool {
	t := words.Split(stripBullet(line))
	if len(t) < 4 || !strings.HasSuffix(strings.TrimSpace(line), ".") || r.foodAt(t, 0) || !behindPast[t[1].Text] {
		return false
	}
	w := strings.ToLower(t[0].Raw)
	base, verb := english.VerbBase(w)
	return verb && base != w && !strings.HasSuffix(w, "s") && !strings.HasSuffix(w, "ing") &&
		r.method.Shape(line).Verbs > 0
}

// behindPast are words behind what was done, and before none of the forms of a food.
var behindPast = set("the a an my our all them it these those for until till overnight off out away up in with")

// listThenOrder reports foods and what is to be done with them: "vinegar, 1/2 cup salt, sugar: heat to
// boiling".
func (r *Reader) listThenOrder(line string) bool {
	foods, order, ok := strings.Cut(line, ": ")
	if !ok || !strings.Contains(foods, ",") || !r.foodAnywhere(words.Split(foods)) {
		return false
	}
	s := r.method.Shape(order)
	return (s.Order || strings.HasPrefix(strings.ToLower(order), "heat ")) && s.Foods == 0
}

// ofTools reports a line that names a pot or the canner and no food: "pan's on".
func (r *Reader) ofTools(line string) bool {
	t := words.Split(line)
	tool := false
	for i := range t {
		name := strings.TrimSuffix(strings.ReplaceAll(t[i].Text, "’", "'"), "'s")
		tool = tool || r.method.Tool(name)
	}
	return tool && len(t) <= 8 && !hasNumber(t) && r.method.Shape(line).Foods == 0
}

// forTheTable reports what is eaten when, or on what, once the jars are done.
func forTheTable(piece string) bool {
	return forADay.MatchString(piece) || breadAlone.MatchString(piece)
}

// breadAlone is what it is eaten on.
var breadAlone = pattern.MustCompile(`(?i)^\W*(?:toast|crackers|biscuits|scones|muffins|pancakes|waffles` +
	`|crumpets|bagels|cornbread)` +
	`(?: (?:and|&|with) (?:cheese|butter|cream cheese|tea))?[.!]+$`)

// forADay is when the jar is opened.
var forADay = pattern.MustCompile(`(?i)\b(in|come|on|at|for|(?:through|thru|until|till` +
	`|all)(?: to)?) (the )?(january|february|march|april|may|june|july|august|september|october|november|december` +
	`|winter|spring|monday|tuesday|wednesday|thursday|friday|saturday|sunday|christmas|thanksgiving|easter` +
	`|boxing day|new year)s?\W*$`)

// impliedLid reports jars that are closed, or whose process is told, where the lid goes without saying.
func impliedLid(closed, filled bool, fillings int, sentence string) bool {
	if closed || !filled || fillings > 0 || !inCannerNow.MatchString(sentence) {
		return closed
	}
	return slices.ContainsFunc(english.MeasuresOf(sentence), func(m english.Measure) bool {
		return m.Kind == english.Duration
	})
}

// inCannerNow is a process told among full jars.
var inCannerNow = pattern.MustCompile(`(?i)^\W*(\pL+ ){0,3}` +
	`(process|pressure.?can|pressure|water.?bath|bath|exhaust|vent)(es|ed|ing)?\b|` +
	`\b(psi|canner|water.?bath|gauge|pressure)\b|\d ?(lbs?|pounds?|#)`)

// onesI begins with what is done to some of them.
var onesI = pattern.MustCompile(`(?i)^\W*(?:the )?(?:\pL+ ){1,2}ones (?:i|we) \pL+`)

// narrated is what the cook tells of herself.
var narrated = pattern.MustCompile(`(?i)^\W*(then |so |and |next |first )*(i|we) [a-z]`)

// inCanner is water that stands under or around the jars: "4 qts cool water in the canner".
var inCanner = pattern.MustCompile(`(?i)\bwater\b.*\b(in|into) (the|my|your|a) (\pL+ )?canner\b|\b(inch|inches|cm|centimetres|fingers) of water\b`)

func hasNumberFirst(t []words.Token) bool {
	_, n, err := number(t, 0)
	return n > 0 || err != nil
}

// aside reports whether a line without an amount is only talk, or for the table.
func (r *Reader) aside(line string) bool {
	clauses := r.method.Read(stripBullet(line), inMethod)
	for i := range clauses {
		if k := clauses[i].Kind; k != method.Talk && k != method.Serve {
			return false
		}
	}
	return len(clauses) > 0 && clauses[0].Kind == method.Serve
}

// isMethod reports whether a line outside any section is part of the method.
func (r *Reader) isMethod(line string) bool {
	t := words.Split(stripBullet(line))
	if len(t) == 0 {
		return false
	}
	if _, n, err := number(t, 0); n > 0 && err == nil && t[0].Text != "a" && t[0].Text != "an" && t[0].Kind == words.Number {
		j := n
		if j < len(t) && t[j].Text == "-" {
			j++
			if j < len(t) && t[j].Kind == words.Number {
				j++
			}
		}
		// "25 minutes at 11 pounds" is method, "25 pounds tomatoes" is not.
		if j < len(t) && (t[j].Text == "minute" || t[j].Text == "min" || t[j].Text == "hour" || t[j].Text == "hr" || t[j].Text == "psi") {
			return true
		}
		if name, n := jarWord(t, j); n > 0 && name != "jar" && (j+n == len(t) || t[j+n-1].Text == "jar") {
			return true // "7 pints"
		}
		return len(t) > 30
	}
	return r.isPlainMethod(line)
}

// isPlainMethod is isMethod for a line without a leading number.
func (r *Reader) isPlainMethod(line string) bool {
	t := words.Split(stripBullet(line))
	if len(t) == 0 || t[0].Kind == words.Number {
		return false
	}
	count, stop := 0, false
	for i, x := range t {
		if x.Kind == words.Word {
			count++
		}
		if x.Text == "." && i < len(t)-1 {
			stop = true
		}
	}
	if count > 14 || stop && count > 7 || r.claimsVariety(t) {
		return true
	}
	s, n := r.step.at(t, 0)
	if n > 0 && s.kind == actWord {
		// "Smoked ham" and "roasted peppers" are foods with a state.
		if ls, ln := r.line.at(t, 0); ln == 0 || ls.kind == plainWord || !r.foodAhead(t, ln) || s.ref == "process" {
			return true
		}
		return len(t) > 6 && !r.foodAt(t, 1)
	}
	if n > 1 && s.kind == foodName {
		return r.mentionsProcess(t)
	}
	if !methodStarts[t[0].Text] {
		return r.mentionsProcess(t)
	}
	switch t[0].Text {
	case "my", "this", "these", "it", "we":
		return count > 6 || r.acts(t[1:]) // "my secret mix" is a thing, not an act
	case "can", "jar", "cream", "half", "raw", "hot", "cold", "water", "pint", "quart", "juice", "stock", "core", "dash", "boiling", "for", "with", "each", "every", "the", "all", "and", "no", "line", "brine", "pickle", "cure", "crush", "top", "i", "in", "to", "open", "fresh":
		// Nouns and adjectives as well as verbs.
		if t[0].Text == "can" || t[0].Text == "jar" || t[0].Text == "half" || t[0].Text == "pint" || t[0].Text == "quart" {
			return len(t) == 1 || r.mentionsProcess(t) || !r.foodAhead(t, 1) && (len(t) < 2 || t[1].Text != "of" && t[1].Text != "dozen")
		}
		if t[0].Text == "cream" || t[0].Text == "water" || t[0].Text == "brine" || t[0].Text == "boiling" || t[0].Text == "hot" || t[0].Text == "cold" || t[0].Text == "raw" {
			return r.mentionsProcess(t) || !r.foodAhead(t, 0) && len(t) > 1 && t[0].Text != "cream"
		}
		return len(t) > 2
	}
	return true
}

// claimsVariety reports whether the words say that a variety needs no acid.
func (r *Reader) claimsVariety(t []words.Token) bool {
	for i := range t {
		if s, n := r.step.at(t, i); n > 0 && s.kind == actWord && s.ref == "variety" {
			return true
		}
	}
	return false
}

// acts reports whether anything is done in the words, besides mixing.
func (r *Reader) acts(t []words.Token) bool {
	for i := range t {
		if s, n := r.step.at(t, i); n > 0 && s.kind == actWord && s.ref != "mix" || methodStarts[t[i].Text] && t[i].Text != "mix" && t[i].Text != "blend" {
			return true
		}
	}
	return false
}

func (r *Reader) mentionsProcess(t []words.Token) bool {
	for i := range t {
		if s, n := r.step.at(t, i); n > 0 && s.kind == actWord {
			switch s.ref {
			case "process", "water-bath", "steam-canner", "pressure-can", "raw-pack", "hot-pack", "no-process", "invert", "oven", "vent", "self-seal", "half-solids", "over-solids":
				return true
			}
		}
		switch t[i].Text {
		case "headspace", "lid", "rim":
			return true
		}
	}
	return false
}
