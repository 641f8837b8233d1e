package method

import (
	"slices"
	"strings"
	"unicode"

	"damson/core/english"
	"damson/core/food"
	"damson/core/words"
)

// token is a word of a sentence with what it is there.
type token struct {
	words.Token
	low   string // lower case, not made singular
	class Class
	food  *food.Food
	name  bool // a capital inside a sentence
	inner bool // behind the first word of a phrase
	verb  string
	isVerb,
	aux bool
	modifies bool // a food in a compound that is none
	manner   bool // what a manner is likened to
	entry    english.Entry
	known    bool         // an English word in some form
	edible   bool         // a substance, a plant, or a variety of a food, which alone is that food
	m        english.Kind // what a measure that it is part of measures, 0 where it is none
}

// annotate finds things, foods and verbs in a sentence.
func (r *Reader) annotate(text string) []token { return r.annotated(text, rejoined(words.Split(text))) }

// oneWord are verbs that are another one behind "re-"; "re-cover" is to cover.
var oneWord = set("heat use boil process can pack seal")

// rejoined writes "re-heat", "re-use" as the one word that they are.
func rejoined(raw []words.Token) []words.Token {
	again := func(i int) bool {
		return raw[i].Text == "re" && i+2 < len(raw) && raw[i+1].Text == "-" && oneWord[raw[i+2].Text] &&
			raw[i+1].Start == raw[i].End && raw[i+2].Start == raw[i+1].End
	}
	for i := 0; i+2 < len(raw); i++ {
		if again(i) {
			one, verb := raw[i], raw[i+2]
			one.Text, one.Raw, one.End = one.Text+verb.Text, one.Raw+verb.Raw, verb.End
			raw = slices.Concat(raw[:i], []words.Token{one}, raw[i+3:])
		}
	}
	return raw
}

// retold returns the tokens with another text for one; those that it is given are shared, and stay.
func retold(raw []words.Token, i int, text string) []words.Token {
	raw = slices.Clone(raw)
	raw[i].Text = text
	return raw
}

// annotated is annotate for tokens that units were put into.
func (r *Reader) annotated(text string, raw []words.Token) []token {
	shouted := !strings.ContainsFunc(text, unicode.IsLower)
	out := make([]token, len(raw))
	for i, t := range raw {
		out[i].Token = t
		out[i].low = lower(t.Raw)
		if strings.ContainsAny(out[i].low, " -/") { // spelled out
			out[i].low = t.Text
		}
		if t.Text == "em" && i > 0 && (raw[i-1].Text == "'" || raw[i-1].Text == "’" || raw[i-1].Text == "`") {
			out[i].low = "them"
		}
		if t.Kind != words.Word {
			continue
		}
		if out[i].low == "cause" && i+1 < len(raw) && subjects[lower(raw[i+1].Raw)] {
			out[i].low = "cuz" // "cause we sit at 4,000 ft"
		}
		if plain, ok := english.Plain(out[i].low); ok {
			out[i].low, out[i].Text = plain, words.Fold(plain)
			raw = retold(raw, i, out[i].Text)
		}
		about := english.About(out[i].low)
		if calendar[out[i].low] || chat[out[i].low] || out[i].low == "de" && i+1 < len(raw) && raw[i+1].Text == "-" { // "de-silk"
			about.Known = true
		}
		out[i].entry = about.Noun
		out[i].known = about.Known || strings.Contains(out[i].low, "'") || closed[out[i].low] || r.varieties[t.Text]
		out[i].edible = !closed[out[i].low] && len(out[i].low) > 2 && (r.varieties[t.Text] && !about.Known || eaten[about.Noun.Noun()] && (about.Verb == "" || r.varieties[t.Text]))
		first, _ := firstRune(t.Raw)
		out[i].name = !shouted && (i > 0 || !out[i].known && len(raw) > 1 && raw[1].Kind == words.Word) && first >= 'A' && first <= 'Z' && !closed[out[i].low] && !(i > 0 && raw[i-1].Kind == words.Mark && strings.ContainsAny(raw[i-1].Text, ":(\"“-"))
		if out[i].name && about.Known && len(t.Raw) > 2 && t.Raw == strings.ToUpper(t.Raw) {
			out[i].name = false // a word that is stressed
		}
		out[i].verb = about.Verb
		if again, ok := strings.CutPrefix(out[i].low, "re"); ok && about.Verb == "" && !about.Known && len(again) > 3 {
			if v, ok := english.VerbBase(again); ok && r.prefers(v) {
				out[i].verb, out[i].known = v, true // "rewash"
			}
		}
		out[i].aux = auxiliary[out[i].low]
	}
	for i := 0; i < len(raw); {
		p, n := r.at(raw, i)
		if n == 0 {
			i++
			continue
		}
		for k := i; k < i+n; k++ {
			out[k].class, out[k].food, out[k].inner = p.class, p.food, k > i
			if n == 1 && p.class == Pronoun && possessive(out, k) {
				out[k].class = "" // "her rosary", but "let her steam"
			}
		}
		i += n
	}
	for _, m := range english.Measures(raw) {
		for k := m.Start; k < m.End; k++ {
			out[k].m = m.Kind
		}
	}
	for i := range out {
		if w := &out[i]; w.Kind == words.Word && w.class == "" && words.Vessel(w.low) {
			w.class, w.known = Pot, true
		}
	}
	modify(out)
	r.markVerbs(out)
	asManner(out)
	for i := 2; i+1 < len(out); i++ {
		if w := &out[i]; !w.known && w.class == "" && quote(out[i-1].Text) && quote(out[i+1].Text) && sounding[out[i-2].verb] {
			w.known = true // 'that make "crac"'
		}
	}
	return out
}

// blended takes the "blend" behind a juice or a spice to its name: "the juice blend".
func blended(t []token) {
	for i := 1; i < len(t); i++ {
		if w, of := &t[i], &t[i-1]; w.low == "blend" && blends[of.low] && of.class != "" {
			w.class, w.food, w.inner, w.verb = of.class, of.food, true, ""
		}
	}
}

var blends = set("juice spice seasoning")

// possessive reports a word that says whose what follows is: "her rosary", but "let her steam".
func possessive(t []token, i int) bool {
	switch w := t[i].low; {
	case !determiners[w], i > 0 && letsDo[t[i-1].low]:
		return false
	default:
		return w != "both" && w != "these" && w != "those" && w != "some"
	}
}

// leadsToVerb reports a word behind which a verb may stand: "to", "never", who does it.
func leadsToVerb(t []token, i int) bool {
	w := &t[i]
	return w.low == "to" || w.low == "let's" || w.low == "not" || w.low == "never" || subjects[w.low] && !w.inner ||
		w.class == Pronoun && i > 0 && letsDo[t[i-1].low]
}

// letsDo stand before whoever is let do something.
var letsDo = set("let lets letting")

// asManner takes the verb out of what a manner is likened to: "pack them as tight as you
// can get them" does one thing. How much, how long and how thick are no manner.
func asManner(t []token) {
	for i := 0; i+4 < len(t); i++ {
		if t[i].low != "as" && t[i].low != "so" || t[i+2].low != "as" || t[i+1].Kind != words.Word || measuring[t[i+1].low] || t[i+1].class != "" {
			continue
		}
		k := i + 3
		if t[k].low == "ever" {
			k++
		}
		if k+1 >= len(t) || !subjects[t[k].low] && t[k].class != Pronoun || !t[k+1].isVerb {
			continue
		}
		t[i+2].manner = true
		for k++; k < len(t) && (t[k].isVerb || t[k].class == Pronoun || t[k].low == "in"); k++ {
			t[k].isVerb, t[k].aux, t[k].verb, t[k].class, t[k].known, t[k].manner = false, false, "", "", true, true
		}
	}
}

// measuring are words behind "as" that say how much, how long or how thick.
var measuring = set("much many little few long short thick thin full high low far soon well good fine big large small old often hot warm cold strong weak sour sweet ripe smooth")

// chat are the short words of messages, which say nothing of a jar.
var chat = set("obvs obv lol lmao rofl omg btw tbh imo imho fyi ofc def defo deffo prolly gonna tho thx ty pls plz idk rn haha hahaha hehe nom omnom xx xox xoxo ps nb ikr smh ngl")

// calendar are the days and months, which a dictionary of common words has not.
var calendar = set("monday tuesday wednesday thursday friday saturday sunday january february march april may june july august september october november december")

// sounding are verbs that a sound may follow in quotes.
var sounding = set("make go say sound hear")

func quote(s string) bool {
	return s == `"` || s == "“" || s == "”" || s == "'" || s == "‘" || s == "’"
}

// modify takes the food out of a compound whose head is a vessel, a plant, a place
// or a person: "pasta pot", "apple tree", "Mr. Rice".
func modify(t []token) {
	blended(t)
	for i := range t {
		if t[i].food == nil || t[i].inner {
			continue
		}
		end := i + 1
		for end < len(t) && t[end].inner {
			end++
		}
		if end+1 < len(t) && t[end].Text == "-" && t[end].Start == t[end-1].End && t[end+1].Start == t[end].End {
			end++ // "a flour-sack towel"
		}
		if t[i].low == "marrow" && bones(t) || t[i].low == "cream" && end < len(t) && (t[end].low == "style" || t[end].Text == "-" && end+1 < len(t) && t[end+1].low == "style") {
			t[i].class, t[i].food, t[i].modifies = Part, nil, true // of bones; of corn
			continue
		}
		person := i > 1 && t[i-1].Text == "." && titles[t[i-2].low] || i > 0 && titles[t[i-1].low]
		compound := false
		if end < len(t) && t[end].Kind == words.Word && !t[end].inner {
			next := &t[end]
			switch e := next.entry; {
			case i > 0 && next.name && next.food == nil && capital(t[i].Raw) && capital(next.Raw) && mixedCase(t):
				compound = true // "Cream Street"
			case next.class == Pot && next.low != "bowl" && next.low != "can":
				compound = next.low == next.Text
			case implements[next.low]:
				compound = next.low != "tin" || !rinsed(t, end) // "a melon spoon"
			case next.class == "" && !closed[next.low] && !e.Adjective() && e.Verb() == 0 && !(next.verb != "" && i+2 < len(t) && next.low != next.verb && strings.HasSuffix(next.low, "s")):
				switch e.Noun() {
				case english.NounPlant:
					compound = next.low == "tree" || next.low == "trees" || next.low == "vine" || next.low == "vines" || next.low == "bush"
				case english.NounPlace, english.NounPerson, english.NounArtifact:
					compound = next.m == 0 && !units[next.Text]
				}
			}
		}
		if !person && !compound && !petName(t, i) {
			continue
		}
		for k := i; k < end; k++ {
			t[k].class, t[k].food, t[k].inner = "", nil, false
			t[k].modifies = true
		}
	}
}

// rinsed reports whether what stood in the tin at end goes "into it" all the same.
func rinsed(t []token, end int) bool {
	for i := end; i < len(t); i++ {
		if t[i].low == "into" || t[i].low == "in" {
			return true
		}
	}
	return false
}

// bones reports whether bones are sawn or cracked.
func bones(t []token) bool {
	bone, cut := false, false
	for i := range t {
		bone = bone || t[i].low == "bone" || t[i].low == "bones"
		cut = cut || t[i].verb == "saw" || t[i].verb == "crack" || t[i].verb == "split" || t[i].verb == "break"
	}
	return bone && cut
}

// petNames are foods that people call each other.
var petNames = set("sugar honey pumpkin peach dumpling cupcake sweetie cookie muffin")

// petName reports whether the word at i speaks to somebody: ", sugar, so you can".
func petName(t []token, i int) bool {
	if !petNames[t[i].low] || i == 0 || t[i-1].Text != "," || i+2 >= len(t) || t[i+1].Text != "," {
		return false
	}
	switch t[i+2].low {
	case "so", "you", "do", "don't", "now", "listen", "that", "it":
		return true
	case "and":
		return i+3 < len(t) && (t[i+3].low == "you" || t[i+3].low == "don't")
	}
	return false
}

// implements are heads of compounds whose food says only what they are for.
var implements = set("feeder feeders stage point sack sacks spoon spoons paper filter knife fork tank tin basket brush press grinder masher peeler scoop baller corer slicer cloth tree trees patch field season harvest festival crop seed-packet")

func capital(raw string) bool {
	first, _ := firstRune(raw)
	return first >= 'A' && first <= 'Z'
}

// mixedCase reports whether some word of the sentence is written small: in a title
// capitals say nothing.
func mixedCase(t []token) bool {
	small := 0
	for i := range t {
		if t[i].Kind == words.Word && !capital(t[i].Raw) && len(t[i].Raw) > 3 {
			small++
		}
	}
	return small > 1
}

var titles = set("mr mrs ms miss dr aunt auntie uncle")

func firstRune(s string) (rune, bool) {
	for _, r := range s {
		return r, true
	}
	return 0, false
}

func lower(s string) string {
	return strings.ReplaceAll(words.Unaccented(s), "’", "'")
}

// closed are the words of grammar.
var closed = set(`a an the this that these those my your his her its our their i you he she it we they me him us them who which what whose
	and or but nor so yet if when while until till til once after before because since though although unless as than then
	in on at to from with without into onto over under through by for of off out up down about around between among against along across behind near per via
	not no never none nothing neither either both all each every any some more most less least few many much only just also too very quite rather
	is are was were be been being am do does did done have has had having will would shall should can could may might must
	here there now again still even ever always often sometimes soon yes oh well please ok one ones
	ours mine yours hers theirs how why where whose elev dia approx diam temp itself himself herself themselves myself yourself yourselves ourselves um uh er ah aye okay yeah yep nah hmm mm ugh wow hey huh eh ish thy thee thou ye ere ma'am sir`)

var determiners = set("a an the this that these those my your his her its our their each every any some no both all another whose half")

var prepositions = set("like as in on at to from with without into onto over under through by for of about around between among against along across behind near per via inside like past atop beside beneath below above within upon off out up down round back away apart aside together as than except")

var subjects = set("i you he she it we they who that which there one y'all i'd i'll i've we'd we'll we've you'd you'll he'd he'll she'd she'll they'd they'll they've i'm we're they're it's it'll it'd that'll that'd there'll")

var auxiliary = set(`is are was were be been being am do does did have has had having will would shall should can could may might must dare
	don't doesn't didn't won't wouldn't shouldn't can't cannot couldn't isn't aren't wasn't weren't hasn't haven't hadn't mustn't needn't dont cant wont gonna wanna gotta oughta hafta`)

var adverbs = set(`then now just always never not please only also still well gently slowly quickly carefully loosely tightly firmly evenly thoroughly first next finally again lightly
	really simply even often sometimes usually ever soon good nice and so too very quite rather hot cold immediately straight right kindly don't do round back away apart aside together alone along fast hard quick slow easy little bit more less enough whole half twice alright okay later afterwards meanwhile otherwise besides somewhat almost nearly about roughly barely maybe perhaps overnight same else snug snugly neatly upright sideways lengthwise crosswise again now uncovered blast flat-out steadily`)

func setOf(list []string) map[string]bool { return set(strings.Join(list, " ")) }

func set(s string) map[string]bool {
	m := map[string]bool{}
	for _, w := range strings.Fields(s) {
		m[w] = true
	}
	return m
}

// markVerbs decides which words are verbs here.
func (r *Reader) markVerbs(t []token) {
	fresh := true // at the head of a clause
	for i := range t {
		w := &t[i]
		if w.Kind == words.Mark {
			fresh = true
			continue
		}
		if w.Kind == words.Number || w.m != 0 {
			fresh = false
			continue
		}
		switch {
		case w.low == "can" && (i == 0 || t[i-1].low == "to" || t[i-1].low == "not" || t[i-1].low == "then") && i+1 < len(t) && (determiners[t[i+1].low] || t[i+1].class != "" || t[i+1].entry.Adjective()):
			w.isVerb, w.aux, w.verb, fresh = true, false, "can", false
			continue
		case w.class == Canner && !w.inner && i > 0 && i+1 < len(t) && (t[i-1].class == Person || subjects[t[i-1].low]) && (t[i+1].class == Pronoun || determiners[t[i+1].low]):
			w.isVerb, w.verb, w.class, fresh = true, "can", "", false // "my cousin waterbaths hers"
			continue
		case w.low == "let" && i+1 < len(t) && letting[t[i+1].low]:
			w.isVerb, w.aux, t[i+1].isVerb, fresh = true, true, true, false // "cover and let sit overnight"
			continue
		case w.aux && w.class == "":
			w.isVerb = true
			fresh = true // "will fill", "is filled"
			continue
		case w.low == "ps" || w.low == "pps" || w.low == "nb":
			fresh = true // "PS Process at no more than 5 pounds."
			continue
		case leadsToVerb(t, i):
			fresh = true
			continue
		case w.low == "and" || w.low == "or" || w.low == "but" || w.low == "then" || w.low == "so" || joints[w.low] != 0:
			fresh = true
			continue
		}
		if w.low == "like" && i > 0 && !(i > 1 && t[i-2].low == "as") && i+1 < len(t) && t[i+1].Kind == words.Word && (t[i-1].low == "i" || t[i-1].low == "we" || t[i-1].low == "you" || t[i-1].low == "they" || t[i-1].low == "i'd" || t[i-1].low == "don't") {
			w.isVerb, w.verb, fresh = true, "like", false
			continue
		}
		if w.verb != "" && !w.inner && !neverVerbs[w.low] && r.verbHere(t, i, fresh) {
			w.isVerb = true
			if w.class != "" && !coating[w.class] { // "salt the cabbage": no salt is named
				w.class, w.food = "", nil
			}
		}
		fresh = fresh && adverbs[w.low] || fresh && strings.HasSuffix(w.low, "ly")
	}
}

// howDone says of a verb how it is done.
var howDone = set("well gently thoroughly slowly quickly carefully")

// letting are verbs that stand behind "let" without what is let.
var letting = set("sit stand rest soak cool boil simmer cook drain steep settle stew bubble process dry macerate come go")

// coating are the classes of foods that a verb of their name puts on: "oil each one".
var coating = map[Class]bool{Fat: true, Dairy: true, Thickener: true, Egg: true, Starch: true}

// prefers reports whether the word is a verb of a kitchen.
func (r *Reader) prefers(v string) bool { return r.verbs[v] || benign[v] }

// neverVerbs are particles, numbers and adverbs that a dictionary has as verbs
// too.
var neverVerbs = set("lean off up down out back round rounds over through about around near like past still even own well better best worse two ten one six full right wrong steady quiet level fine extra second last late early less more most little much many while since whole half third pound pounds inch inches quart pint cold hot thick raw loose tight live light medium overnight")

// marred is what befalls produce: nobody does it to what is canned.
var marred = set("bruise damage spot blemish discolor discolour wilt rot wither scar scab freckle")

// behindAtMost is how many words before a verb are looked at for the one that it hangs on.
const behindAtMost = 40

// verbHere decides for one word that may be a verb.
func (r *Reader) verbHere(t []token, i int, fresh bool) bool {
	w := &t[i]
	next := &token{}
	if i+1 < len(t) {
		next = &t[i+1]
	}
	multi := next.inner && next.class == w.class // the head of a phrase of several words
	if w.low == "fish" && next.low != "out" && next.low != "it" && next.low != "them" && next.low != "the" {
		return false // "fish oil"
	}
	if w.low == "add" && fresh && (next.edible || next.low == "plenty" || next.low == "lots" || next.low == "heaps") {
		return true
	}
	nounish := w.entry.Noun() != 0 || w.class != ""
	inflected := w.low != w.verb && (strings.HasSuffix(w.low, "ed") || strings.HasSuffix(w.low, "ing") || !strings.HasSuffix(w.low, "s"))
	if multi && !(r.prefers(w.verb) && fresh && i+2 < len(t) && w.class == Canner) {
		return false
	}
	before := prev(t, i)
	if before != nil && before.low == "and" && strings.HasSuffix(w.low, "ed") && w.low != w.verb && (!r.prefers(w.verb) || w.verb == "bruise" || w.verb == "damage") && i > 1 && t[i-2].Kind == words.Word && (t[i-2].class != "" || t[i-2].entry.Noun() != 0) && next.Kind == words.Word && next.entry.Noun() != 0 && !determiners[next.low] && !subjects[next.low] && next.class != Pronoun {
		return false // "stems and bruised bits"
	}
	if marred[w.verb] && w.low != w.verb && next.Kind == words.Word && !closed[next.low] {
		return false // "trim gristle, bruised spots"
	}
	if w.entry.Adjective() && w.low == w.verb && beBefore(t, i) {
		return false // "until the water is clear"
	}
	if inflected && strings.HasSuffix(w.low, "ed") && before != nil && !fresh && (strings.HasSuffix(before.low, "ing") || strings.HasSuffix(before.low, "ed") || before.entry.Adjective()) && (next.class != "" || next.entry.Noun() != 0) {
		return false // "the boiling spiced vinegar"
	}
	if before != nil && determiners[before.low] && !fresh && !((before.low == "all" || before.low == "both") && i > 1 && (t[i-2].verb == "let" || t[i-2].verb == "make") && t[i-2].isVerb) {
		return false
	}
	if before != nil && before.Kind == words.Number && !inflected {
		return false
	}
	if before != nil && before.Kind == words.Word && numbers[before.low] {
		return false
	}
	if before != nil && w.low == w.verb && (!nounish || w.verb == "let") && i >= 2 && timeUp(t[max(0, i-5):i]) {
		return true // "when time's up let it be"
	}
	if before != nil && !fresh && prepositions[before.low] && before.low != "to" {
		return strings.HasSuffix(w.low, "ing") && w.low != w.verb
	}
	if multi && !(r.prefers(w.verb) && fresh && i+2 < len(t) && w.class == Canner) {
		return false
	}
	if fresh {
		if !nounish {
			return true
		}
		after := determiners[next.low] || subjects[next.low] || next.low == "them" || next.low == "it" || next.class != "" || next.Kind == 0 && next.low == "" || prepositions[next.low] ||
			next.low == w.low || next.Kind == words.Mark || adverbs[next.low] || strings.HasSuffix(next.low, "ly") || next.Kind == words.Number || next.entry.Adjective() || strings.HasSuffix(next.low, "ed") || next.edible && next.food == nil && w.class == "" || next.low == "and" || next.low == "or" || next.low == "until" || next.low == "till"
		if subjectBefore(t, i) && (inflected || w.class == "" || !beBefore(t, i) && before != nil && before.low != "which" && before.low != "that" && before.low != "there" && before.low != "who") {
			return true
		}
		if w.class != "" && next.low == "all" && i+2 < len(t) && (t[i+2].low == "at" || t[i+2].low == "in" || t[i+2].low == "of" || t[i+2].low == "together") {
			return false // "cream all at once"
		}
		if w.class == Food && w.food == nil && w.low == w.verb && (next.low == "across" || next.low == "into" || next.low == "lengthwise" || next.low == "thin" || next.low == "thinly") {
			return r.prefers(w.verb) // "slice across the grain"
		}
		if w.class != "" && w.low == w.verb && next.low == "in" && r.goesIn(t, i+2) {
			return r.prefers(w.verb) // "mix in sago"
		}
		if w.class != "" {
			return r.prefers(w.verb) && takesObject(w, next)
		}
		if inflected || (w.verb == "keep" || w.verb == "start" || w.verb == "stop") && w.low == w.verb && strings.HasSuffix(next.low, "ing") && next.verb != "" && next.class == "" {
			return true
		}
		if w.low == w.verb && particles[next.low] && i+2 < len(t) && (determiners[t[i+2].low] || t[i+2].Kind == words.Number || numbers[t[i+2].low]) {
			return true // "shave off a few minutes"
		}
		return r.prefers(w.verb) && after || w.entry.Noun() == 0 || (determiners[next.low] || next.low == "them" || next.low == "it") && w.low == w.verb
	}
	if before != nil && before.isVerb && before.low == w.low {
		return true // "stir stir stir"
	}
	if w.class != "" {
		return false
	}
	for k := i - 1; k >= max(0, i-behindAtMost) && t[k].Kind == words.Word; k-- {
		if v := t[k].verb; t[k].isVerb && (v == "let" || v == "make" || v == "help" || v == "have") && w.low == w.verb && r.prefers(w.verb) && k < i-1 && before != nil && (before.low == "all" || before.low == "everything" || before.class != "" || before.entry.Noun() != 0) {
			return true // "let the pressure fall"
		}
	}
	if before != nil && before.low == "them" && w.low == w.verb && r.prefers(w.verb) && i > 2 {
		return true // "the spaces between them fill"
	}
	if before != nil && (before.name || before.class == Person) && i <= 2 && strings.HasSuffix(w.low, "s") && w.low != w.verb && w.class == "" && (next.class == Pronoun || determiners[next.low] || prepositions[next.low]) {
		return true // "Carl wants them"
	}
	// Behind a noun: its predicate.
	if inflected && (r.prefers(w.verb) || !nounish) {
		return true
	}
	if before != nil && before.Kind == words.Word && (before.class != "" || before.entry.Noun() != 0) {
		plural := before.low != before.Text
		if w.low == w.verb && plural && (!nounish || r.prefers(w.verb)) {
			return true
		}
		if strings.HasSuffix(w.low, "s") && !plural && (r.prefers(w.verb) || !nounish || w.low != w.verb && (determiners[next.low] || next.class == Pronoun) && !hasVerb(t[max(0, i-4):i])) {
			return true // "fish oil ruins a seal"
		}
	}
	return false
}

// takesObject reports what stands behind a verb that may be a thing of the trade, too: "salt the
// cabbage", "and heat to boiling", "and mix well".
func takesObject(w, next *token) bool {
	if w.low == w.verb && (howDone[next.low] || w.low == "heat" && next.low == "to") {
		return true
	}
	if determiners[next.low] || next.low == "them" || next.low == "it" || next.low == "with" || next.low == "off" {
		return true
	}
	return stuff[next.class] && w.class != next.class && w.class != Food && next.class != ""
}

var numbers = set("one two three four five six seven eight nine ten eleven twelve several few many")

// goesIn reports whether something that may go into a pot is named from i on, past its amount.
func (r *Reader) goesIn(t []token, i int) bool {
	for k := i; k < len(t) && k < i+5 && t[k].Kind != words.Mark && !prepositionsBut[t[k].low]; k++ {
		if t[k].edible || stuff[t[k].class] && t[k].class != Pronoun {
			return true
		}
	}
	return false
}

// prepositionsBut end what goes in; "of" stands within it.
var prepositionsBut = set("with over on at to for from by until till while and")

// subjectBefore reports whether a pronoun, auxiliary or "to" stands directly
// before, past adverbs.
func subjectBefore(t []token, i int) bool {
	for k := i - 1; k >= 0; k-- {
		w := &t[k]
		switch {
		case w.Kind != words.Word:
			return false
		case subjects[w.low] || w.aux || w.low == "to" || w.low == "let's":
			return true
		case adverbs[w.low] || strings.HasSuffix(w.low, "ly"):
		default:
			return false
		}
	}
	return false
}

// beBefore reports whether a form of "be" stands directly before.
func beBefore(t []token, i int) bool {
	for k := i - 1; k >= 0; k-- {
		if adverbs[t[k].low] {
			continue
		}
		return t[k].verb == "be" || strings.HasSuffix(t[k].low, "'s") || strings.HasSuffix(t[k].low, "'re")
	}
	return false
}

func prev(t []token, i int) *token {
	if i == 0 {
		return nil
	}
	return &t[i-1]
}

// eaten are the topics of what may go into a pot.
var eaten = map[english.Topic]bool{english.NounFood: true, english.NounPlant: true, english.NounSubstance: true}
