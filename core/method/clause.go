package method

import (
	"slices"
	"strings"
	"sync"

	"damson/core/english"
	"damson/core/words"
)

// kind is what a clause does for the one beside it.
type kind uint8

const (
	mainClause kind = iota
	condition       // if, unless
	moment          // when, once, after, before, while, as
	result          // until, till
	reason          // because, since, for
	contrast        // though, whereas
	outcome         // so, so that
)

// joints begin a clause that hangs on another.
var joints = map[string]kind{"if": condition, "unless": condition, "when": moment, "whenever": moment, "once": moment, "while": moment, "whilst": moment, "after": moment, "before": moment,
	"as": moment, "until": result, "till": result, "'til": result, "til": result, "because": reason, "since": reason, "though": contrast, "although": contrast, "whereas": contrast}

// clause is a stretch of a sentence around one predicate.
type clause struct {
	r     *Reader
	t     []token
	kind  kind
	joint string
	all   []token // the whole sentence, for what hangs on the clause
	begin int     // where in it the clause begins
	// phrases are its noun phrases, verbs its main verbs, wide the clause with what
	// stands around it, keys how its words begin: each found once.
	phrases        []chunk
	verbs          []int
	wide           *clause
	keys           firsts
	phrased, keyed bool
	// done are its acts, before and after the jars are closed.
	done  [2][]scored
	acted [2]bool
	text  string
	// measures found in the sentence, by token of the clause.
	m []english.Measure
	// raw are the plain tokens, nums how many of them from each on are a number.
	raw  []words.Token
	nums []int8
}

// reach is how many words around a clause what is said of it is looked for;
// longest the most words of a clause: a run of words that never ends is cut, so that
// reading takes time in proportion to the text.
const (
	reach   = 60
	longest = 120
)

// unit is the clause with what stands around it.
func (c *clause) unit() *clause {
	if c.wide == nil {
		c.wide = c.around(reach)
	}
	return c.wide
}

// around is the clause with so many words before and behind it.
func (c *clause) around(n int) *clause {
	lo, hi := max(0, c.begin-n), min(len(c.all), c.begin+len(c.t)+n)
	return &clause{r: c.r, t: c.all[lo:hi], begin: lo, all: c.all}
}

// measure finds the measures and the numbers of the clause.
func (c *clause) measure() {
	raw := make([]words.Token, len(c.t))
	for i := range c.t {
		raw[i] = c.t[i].Token
	}
	c.m, c.raw = english.Measures(raw), raw
	c.nums = make([]int8, len(raw))
	for i := range raw {
		_, n := english.Number(raw, i)
		c.nums[i] = int8(min(n, 100))
	}
}

// onward is the clause from its word i on, a verb, as if it and what follows were all that is said.
func (c *clause) onward(i int) *clause {
	all := slices.Clone(c.all[c.begin+i:])
	all[0].isVerb, all[0].class, all[0].food = true, "", nil
	out := &clause{r: c.r, t: all[:len(c.t)-i], kind: mainClause, all: all, text: c.text[c.t[i].Start-c.t[0].Start:]}
	out.measure()
	return out
}

// skinned are what fruit may be left without.
var skinned = set("peel skin pare core pit stone stem seed string hull")

// unbothered is "don't bother peeling" said as "don't peel", nil where nobody bothers.
func (c *clause) unbothered() *clause {
	for i := 1; i+1 < len(c.t); i++ {
		if c.t[i].low != "bother" || !negators[c.t[i-1].low] {
			continue
		}
		k := i + 1
		if c.t[k].low == "to" || c.t[k].low == "with" {
			k++
		}
		if k >= len(c.t) {
			return nil
		}
		base, ok := english.VerbBase(c.t[k].low)
		if !ok || !skinned[base] {
			return nil
		}
		t := slices.Concat(c.t[:i], c.t[k:])
		t[i].low, t[i].Text, t[i].verb, t[i].isVerb, t[i].class, t[i].food = base, base, base, true, "", nil
		out := &clause{r: c.r, t: t, kind: c.kind, joint: c.joint, all: t, text: c.text}
		out.measure()
		return out
	}
	return nil
}

// plainly is the passage without what only says that nobody bothers.
func (p *passage) plainly() *passage {
	bare := p.c.unbothered()
	if bare == nil {
		return p
	}
	return &passage{c: bare, at: p.at, r: p.r, before: p.before, after: p.after, serving: p.serving}
}

// split cuts a sentence into clauses.
func (r *Reader) split(text string, t []token) []*clause {
	var out []*clause
	start, joint, k := 0, "", mainClause
	flush := func(end int) {
		if end > start {
			c := &clause{r: r, t: t[start:end], kind: k, joint: joint, all: t, begin: start}
			c.text = strings.TrimSpace(text[c.t[0].Start:c.t[len(c.t)-1].End])
			c.measure()
			if hasWord(c.t) {
				out = append(out, c)
			}
		}
	}
	for i := 0; i < len(t); i++ {
		w := &t[i]
		switch {
		case w.Kind == words.Mark:
			switch w.Text {
			case ";", ":", "!", "?", "(", ")", "—", "|", ">", "→", "⇒", "➔", "➜": // "vent 10 min -> 10 lb"
				flush(i)
				start, joint, k = i+1, "", mainClause
			case "-":
				if i > 0 && t[i-1].End < w.Start && i+1 < len(t) && t[i+1].Start > w.End && t[i+1].Kind == words.Word {
					flush(i)
					start, joint, k = i+1, "", mainClause
				}
			case ".":
				if i > 0 && titles[t[i-1].low] && i+1 < len(t) && t[i+1].Kind == words.Word {
					continue // "Mrs. Abernathy"
				}
				flush(i)
				start, joint, k = i+1, "", mainClause
			case ",":
				if r.commaEnds(t, start, i) {
					flush(i)
					start, joint, k = i+1, "", mainClause
				}
			}
		case i-start >= longest:
			flush(i)
			start, joint, k = i, "", mainClause
		case w.inner:
		case joints[w.low] != 0 && r.joins(t, i):
			from := i
			if i > start && t[i-1].low == "from" {
				from-- // "15 minutes, from when it boils again"
			}
			flush(from)
			start, joint, k = from, w.low, joints[w.low]
		case i > start && (k == condition || k == moment) && w.isVerb && !w.aux && w.low == w.verb && (r.prefers(w.verb) || w.verb == "let") && (hasVerb(t[start:i]) || timeUp(t[start:i])) && t[i-1].Kind == words.Word && !t[i-1].aux && !subjects[t[i-1].low] && !determiners[t[i-1].low] && t[i-1].low != "to" && t[i-1].low != "and" && t[i-1].low != "or" && t[i-1].low != "not" && t[i-1].low != "never" && t[i-1].verb != "let" && t[i-1].verb != "make" && t[i-1].verb != "help" && t[i-1].verb != "keep":
			flush(i)
			start, joint, k = i, "", mainClause // "when it rocks turn it down"
		case i > start && (k == condition || k == moment) && (w.low == "you" || w.low == "i" || w.low == "we" || w.low == "they" && joint != "as" || w.low == "it" && joint != "as" && !t[i-1].isVerb) && i+1 < len(t) && t[i+1].isVerb && hasVerb(t[start:i]) && t[i-1].Kind == words.Word && !prepositions[t[i-1].low] && !determiners[t[i-1].low] && !subjects[t[i-1].low] && joints[t[i-1].low] == 0 && !t[i-1].aux && t[i-1].low != "and" && t[i-1].low != "or" && t[i-1].low != "what" && t[i-1].low != "how" && t[i-1].low != "where" && t[i-1].low != "why" && r.opens(t, i):
			flush(i)
			start, joint, k = i, "", mainClause
		case i > start && running[w.low] && hasVerb(t[start:i]) && i+1 < len(t) && subjects[t[i+1].low]:
			flush(i)
			start, joint, k = i+1, "", mainClause // "it makes five pints okay I'm at the light"
		case i > start+1 && k == result && subjects[w.low] && i+1 < len(t) && t[i+1].isVerb && t[i-1].entry.Noun() == english.NounTime && (w.low == "it" || w.low == "i" || w.low == "we" || w.low == "you"):
			flush(i)
			start, joint, k = i, "", mainClause // "leave them till tomorrow it makes five pints"
		case (w.low == "and" || w.low == "but" || w.low == "then" || w.low == "or" || w.low == "so") && i > start && hasVerb(t[start:i]) && r.opens(t, i+1):
			flush(i)
			start, joint, k = i+1, w.low, mainClause
		}
	}
	flush(len(t))
	return out
}

// timeUp reports words that end with the end of a time: "when time's up".
func timeUp(t []token) bool {
	n := len(t)
	return n >= 2 && (t[n-1].low == "up" || t[n-1].low == "over") && slices.ContainsFunc(t, func(w token) bool { return strings.HasPrefix(w.low, "time") })
}

// joins reports whether the joint at t[i] begins a clause.
func (r *Reader) joins(t []token, i int) bool {
	if ofManner(t, i) || t[i].low == "as" && !r.asClause(t, i) || asLiked(t, i) {
		return false
	}
	switch t[i].low {
	case "until", "till", "when", "if", "because":
		return true
	}
	return hasVerbAhead(t, i+1)
}

// commaEnds reports whether the comma at i ends the clause that begins at start, and sets no wish apart.
func (r *Reader) commaEnds(t []token, start, i int) bool {
	if wished(t, i+1) {
		return false
	}
	return wished(t, start) && i == start+2 || r.endsAt(t, start, i)
}

// wished reports "if desired," at i, in the midst of a clause or at its head.
func wished(t []token, i int) bool {
	if i > 1 {
		return i < len(t) && asLiked(t, i)
	}
	return i+2 < len(t) && t[i].low == "if" && atWish[t[i+1].low] && t[i+2].Text == ","
}

// asLiked reports an "if desired" between commas: "add water and, if desired, food coloring".
func asLiked(t []token, i int) bool {
	return t[i].low == "if" && i > 1 && t[i-1].Text == "," && (t[i-2].low == "and" || t[i-2].low == "or") &&
		i+2 < len(t) && (t[i+1].low == "desired" || t[i+1].low == "wanted" || t[i+1].low == "liked") && t[i+2].Text == ","
}

// ofManner reports a word that joins nothing where it stands: the "once" of "at once".
func ofManner(t []token, i int) bool {
	return t[i].manner || t[i].low == "once" && i > 0 && t[i-1].low == "at"
}

// notStuff reports "not the cooking water" at t[i]: what is not taken.
func notStuff(t []token, i int) bool {
	if i+2 >= len(t) || t[i].low != "not" || !determiners[t[i+1].low] && t[i+1].low != "in" {
		return false
	}
	for k := i + 2; k < min(len(t), i+5) && t[k].Kind == words.Word; k++ {
		if t[k].food != nil || stuff[t[k].class] {
			return true
		}
	}
	return false
}

// endsAt reports whether the comma at i ends the clause that begins at start.
func (r *Reader) endsAt(t []token, start, i int) bool {
	if i <= start {
		return i-start > longest/2
	}
	verb := hasVerb(t[start:i])
	ahead := func(k int) string {
		if i+k < len(t) {
			return t[i+k].low
		}
		return ""
	}
	switch {
	case start == 0 && i <= 3 && greetings[t[0].low], notStuff(t, i+1), i-start > longest/2:
		return true
	case verb && (jarAlone(t, i+1) || intoJars(t, i+1)):
		return true
	case ahead(1) == "back" && (ahead(2) == "to" || ahead(2) == "up"):
		return true
	case verb && ahead(1) == "no" && strings.HasSuffix(ahead(2), "ing") && len(ahead(2)) > 4:
		return true
	}
	return (verb || hasWord(t[start:i])) && r.opens(t, i+1)
}

// jarAlone reports a jar named by itself: "simmer 10 minutes, pints, half an inch".
func jarAlone(t []token, i int) bool {
	return i+1 < len(t) && (t[i].class == Jar || t[i].class == FullJar) && t[i+1].Kind == words.Mark && t[i+1].Text == ","
}

// intoJars reports what goes into the jars next: "boil 3 minutes, loosely into hot jars".
func intoJars(t []token, i int) bool {
	for n := 0; n < 2 && i < len(t) && (strings.HasSuffix(t[i].low, "ly") || towards[t[i].low]); n++ {
		i++
	}
	if i >= len(t) || t[i].low != "into" {
		return false
	}
	for k := i + 1; k < len(t) && k <= i+4; k++ {
		if t[k].class == Jar {
			return true
		}
	}
	return false
}

// towards stand before an "into".
var towards = set("straight hot raw right then while still directly and loose quick")

// running are words that begin anew in speech without marks.
var running = set("okay ok anyway anyways alright")

func hasWord(t []token) bool {
	for i := range t {
		if t[i].Kind != words.Mark {
			return true
		}
	}
	return false
}

func hasVerb(t []token) bool {
	for i := range t {
		if t[i].isVerb {
			return true
		}
	}
	return false
}

// hasVerbAhead reports whether a verb stands before the next mark.
func hasVerbAhead(t []token, i int) bool {
	for end := min(len(t), i+reach); i < end && t[i].Kind != words.Mark; i++ {
		if t[i].isVerb {
			return true
		}
	}
	return false
}

// asClause tells "as it boils", "as soon as" from "as thin as".
func (r *Reader) asClause(t []token, i int) bool {
	if i+1 >= len(t) {
		return false
	}
	next := t[i+1].low
	return subjects[next] || t[i+1].class == Person && hasVerbAhead(t, i+1) || determiners[next] && hasVerbAhead(t, i+1) || next == "soon" || next == "long"
}

// opens reports whether a new predicate begins at t[i].
func (r *Reader) opens(t []token, i int) bool {
	for n := 0; i < len(t) && n < 3; i, n = i+1, n+1 {
		w := &t[i]
		if w.Kind != words.Word {
			return false
		}
		if w.isVerb {
			return true
		}
		switch {
		case n == 0 && prepositions[w.low]:
			for k := i + 1; k < len(t) && k < i+5 && t[k].Kind != words.Mark && !t[k].isVerb; k++ {
				if w := t[k].low; subjects[w] && w != "that" && w != "which" && w != "who" {
					return k+1 < len(t) && t[k+1].isVerb
				}
			}
			return false
		case n == 0 && (w.low == "that's" || w.low == "it's"):
			return true // the verb is in it
		case subjects[w.low]:
			return i+1 < len(t) && hasVerbAhead(t, i+1)
		case determiners[w.low], adverbs[w.low], strings.HasSuffix(w.low, "ly"), w.low == "and", w.low == "then", w.low == "but":
		case joints[w.low] != 0:
			return true
		default:
			return predicate(t, i)
		}
	}
	return false
}

// predicate reports a noun phrase and its predicate at i; "or a strainer lined with cheesecloth" has none.
func predicate(t []token, i int) bool {
	if i+2 < len(t) && strings.HasSuffix(t[i+1].low, "ed") && t[i+2].low == "with" {
		return false
	}
	return i+1 < len(t) && (t[i+1].isVerb || i+2 < len(t) && t[i+1].inner && t[i+2].isVerb)
}

// verbIndexes returns the main verbs of the clause.
func (c *clause) verbIndexes() []int {
	if c.verbs == nil {
		c.verbs = c.findVerbs()
	}
	return c.verbs
}

func (c *clause) findVerbs() []int {
	out := []int{}
	for i := range c.t {
		if c.t[i].isVerb && !c.t[i].aux {
			out = append(out, i)
		}
	}
	if len(out) == 0 {
		for i := range c.t {
			if c.t[i].isVerb && c.t[i].verb != "" {
				out = append(out, i)
			}
		}
	}
	return out
}

// particle reports whether the particle stands behind the verb.
func (c *clause) particle(verb int, p string) bool {
	for i := verb + 1; i < len(c.t); i++ {
		if c.t[i].low == p {
			return true
		}
	}
	return false
}

// hasAny reports whether any of the phrases stands in the clause.
func (c *clause) hasAny(phrases []string) bool {
	for _, p := range phrases {
		if c.has(p) {
			return true
		}
	}
	return false
}

// has reports whether the words of the phrase stand in the clause one behind the
// other, marks between them or not. Each may stand there as it is written, in the
// singular, or as another form of the same verb.
func (c *clause) has(p string) bool {
	if p == "" || !c.begins(p) {
		return false
	}
	if !plain(p) {
		return c.hasWords(folded(p))
	}
	first, rest, more := strings.Cut(p, " ")
	first = words.Fold(first)
	for i := range c.t {
		if c.t[i].is(first) && (!more || c.goesOn(i+1, rest)) {
			return true
		}
	}
	return false
}

// goesOn reports whether the words of the phrase stand from token i on.
func (c *clause) goesOn(i int, p string) bool {
	for more := true; more; i++ {
		var w string
		w, p, more = strings.Cut(p, " ")
		for i < len(c.t) && c.t[i].Kind == words.Mark {
			i++
		}
		if i >= len(c.t) || !c.t[i].is(words.Fold(w)) {
			return false
		}
	}
	return true
}

func (c *clause) hasWords(want []string) bool {
next:
	for i := range c.t {
		j := i
		for _, w := range want {
			for j < len(c.t) && c.t[j].Kind == words.Mark {
				j++
			}
			if j >= len(c.t) || !c.t[j].is(w) {
				continue next
			}
			j++
		}
		return len(want) > 0
	}
	return false
}

// is reports whether the token is the folded word.
func (w *token) is(folded string) bool {
	return w.Text == folded || w.low == folded || w.verb == folded
}

// plain reports whether the phrase is lower-case words and blanks only.
func plain(p string) bool {
	for i := 0; i < len(p); i++ {
		if c := p[i]; (c < 'a' || c > 'z') && c != ' ' {
			return false
		}
	}
	return true
}

// begins reports whether some word of the clause may begin as the phrase does. Of
// the thousands of phrases that are asked for, next to none stands there.
func (c *clause) begins(p string) bool {
	c.key()
	return c.keys.may(p)
}

// key notes how the words of the clause begin, once.
func (c *clause) key() {
	if c.keyed {
		return
	}
	c.keyed = true
	for i := range c.t {
		w := &c.t[i]
		c.keys.add(w.Text)
		c.keys.add(w.low)
		c.keys.add(w.verb)
	}
}

// firsts holds how words begin, by their first two letters: one bit for each of 256
// classes of them.
type firsts [4]uint64

func (f *firsts) add(w string) {
	if w != "" {
		k := firstKey(w)
		f[k>>6] |= 1 << (k & 63)
	}
}

// may reports whether a word that begins as p does can be among those added.
func (f *firsts) may(p string) bool {
	k := firstKey(p)
	return f[k>>6]&(1<<(k&63)) != 0 || everStands(p)
}

// everStands reports a phrase of which how it begins tells nothing: its first word changes its beginning in the
// singular, or is not written in small letters.
func everStands(p string) bool {
	switch p[0] {
	case 'f', 'g', 'm':
		if strings.HasPrefix(p, "feet") || strings.HasPrefix(p, "geese") || strings.HasPrefix(p, "mts") {
			return true
		}
	}
	return p[0]-'a' > 25 || len(p) > 1 && p[1] >= 0x80
}

func firstKey(w string) uint8 {
	if len(w) == 1 || w[1]-'a' > 25 {
		return w[0] * 31
	}
	return w[0]*31 + w[1] - 'a' + 1
}

// folds keeps the folded words of the phrases with more than plain words in them.
var folds sync.Map

func folded(p string) []string {
	if w, ok := folds.Load(p); ok {
		return w.([]string)
	}
	w := strings.Fields(words.FoldPhrase(p))
	folds.Store(p, w)
	return w
}

// hasThing is hasAny where "@fat" stands for any thing of the class.
func (c *clause) hasThing(list []string) bool {
	for _, p := range list {
		if class, ok := strings.CutPrefix(p, "@"); ok {
			for i := range c.t {
				if w := &c.t[i]; !w.inner && w.class != "" && w.class != Pronoun && (w.class == Class(class) || fits(w.class, Class(class))) {
					return true
				}
			}
			continue
		}
		if c.has(p) {
			return true
		}
	}
	return false
}

// measures reports whether the clause measures the kind of thing.
func (c *clause) measures(what string) bool {
	switch what {
	case "dur":
		return c.measured(english.Duration)
	case "temp":
		return c.measured(english.Temperature)
	case "size", "gap":
		return c.measured(english.Length) || c.hasAny([]string{"size", "sized", "inch", "fist", "thumb", "finger", "bit", "room"})
	case "psi":
		return c.hasAny([]string{"psi", "pressure"}) || c.pressed()
	case "amount", "count":
		for i := range c.t {
			if c.t[i].Kind == words.Number {
				return true
			}
		}
		return c.hasNumber() || c.hasAny([]string{"half", "some", "spoon", "cup", "tablespoon", "teaspoon"})
	case "factor":
		return c.hasAny([]string{"half", "twice", "double", "third", "quarter", "three times", "as much again"})
	}
	return false
}

// pressed reports pounds that are a pressure: "at 10 pounds", and not "fourteen
// pounds of tomatoes".
func (c *clause) pressed() bool {
	for i := range c.raw {
		n := int(c.nums[i])
		if n == 0 || i+n >= len(c.raw) {
			continue
		}
		u := i + n
		if c.raw[u].Text == "-" && u+1 < len(c.raw) {
			u++
		}
		if w := c.raw[u].Text; w != "pound" && w != "lb" && w != "#" {
			continue
		}
		v, _ := english.Number(c.raw, i)
		if v < 4 || v > 20 || i > 0 && (c.t[i-1].low == "with" || c.t[i-1].low == "from" || c.t[i-1].low == "took") || u+1 < len(c.raw) && (c.raw[u+1].Text == "of" || c.t[u+1].food != nil) {
			continue
		}
		return true
	}
	return false
}

func (c *clause) measured(k english.Kind) bool {
	for _, m := range c.m {
		if m.Kind == k {
			return true
		}
	}
	return false
}

// lasts is the first duration of the clause in minutes, 0 where it has none.
func (c *clause) lasts() float64 {
	for _, m := range c.m {
		if m.Kind == english.Duration {
			return m.Min
		}
	}
	return 0
}

func (c *clause) hasNumber() bool {
	for _, n := range c.nums {
		if n > 0 {
			return true
		}
	}
	return false
}

// element is a word of a pattern, or a slot for a kind of thing.
type element struct{ word, folded, slot string }

func elementsOf(pattern string) []element {
	var out []element
	for _, e := range strings.Fields(strings.NewReplacer(",", " ", ":", " ", ".", " ").Replace(pattern)) {
		if strings.HasPrefix(e, "{") {
			out = append(out, element{slot: strings.Trim(e, "{}")})
		} else {
			out = append(out, element{word: e, folded: words.Fold(e)})
		}
	}
	return out
}

// pattern matches a phrase with slots against a clause; it returns the number of
// its elements, 0 where it does not match. A word or two may stand between.
func (c *clause) pattern(elements []element) int {
	for i := range elements {
		if e := &elements[i]; e.slot == "" && !c.begins(e.folded) && !c.begins(e.word) {
			return 0
		}
	}
	for i := range c.t {
		if c.t[i].Kind != words.Mark && c.from(elements, i) {
			return len(elements)
		}
	}
	return 0
}

func (c *clause) from(elements []element, i int) bool {
	for k := range elements {
		e, found := &elements[k], false
		for gap := 0; i < len(c.t) && gap <= 2; gap++ {
			if c.t[i].Kind == words.Mark {
				i++
				gap--
				continue
			}
			if n := c.slot(e, i); n > 0 {
				i += n
				found = true
				break
			}
			if k == 0 {
				return false
			}
			i++
		}
		if !found {
			return false
		}
	}
	return true
}

// slot matches one element at token i.
func (c *clause) slot(e *element, i int) int {
	w := &c.t[i]
	if e.slot == "" {
		if w.Text == e.folded || w.low == e.word {
			return 1
		}
		return 0
	}
	name := e.slot
	for _, m := range c.m {
		if m.Start == i && (name == "DUR" && m.Kind == english.Duration || name == "TEMP" && m.Kind == english.Temperature || (name == "GAP" || name == "SIZE") && m.Kind == english.Length) {
			return m.End - m.Start
		}
	}
	is := func(ok bool) int {
		if !ok {
			return 0
		}
		n := 1
		for i+n < len(c.t) && c.t[i+n].inner {
			n++
		}
		return n
	}
	switch name {
	case "N", "AMT":
		n := int(c.nums[i])
		if n > 0 && (w.m == english.Length || w.m == english.Percent) {
			return 0 // "half-pints, 1/4 in"
		}
		if n == 0 && name == "AMT" && (w.low == "a" || w.low == "an") {
			n = 1
		}
		return n
	case "FOOD":
		return is((stuff[w.class] || w.class == Pronoun) && !w.inner)
	case "PSI":
		if w.m != 0 {
			return 0 // "pints 30 minutes at 3,001 ft"
		}
		return int(c.nums[i])
	case "JAR":
		return is(w.class == Jar && !w.inner)
	case "LIQ":
		return is((w.class == Liquid || w.class == Water) && !w.inner)
	case "HEAT":
		return is(w.low == "heat" || w.low == "boil" || w.low == "hot")
	}
	return is(strings.EqualFold(string(w.class), name) && !w.inner)
}
