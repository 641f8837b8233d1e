package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// harmless returns why a clause that no frame reads leaves the batch as it is: what
// it fills, what a book says, how a thing turns out, what somebody does beside it.
// It returns "" where that is not certain.
func (p *passage) harmless() string {
	switch {
	case (p.c.kind == condition || p.c.kind == moment) && p.does("dance sing rattle rock jiggle chatter quit wobble") && !p.c.hasNumber() && !p.namesFood() && !p.says("off", "out"):
		return "a sign"
	case !p.at.Filled && p.c.kind != mainClause && p.says("it wrinkles", "it sheets", "it jells", "it gels", "it jellies", "it sets on the", "plate test", "saucer test", "spoon test", "sheet test", "wrinkle test", "setting test", "setting point"):
		return "the jelly test"
	case p.c.kind == condition && p.before != nil && (&passage{c: p.before, at: p.at, r: p.r}).does("hit slap smack scold shout yell swat rap whack holler"):
		return "a warning" // "she hits your hand if you touch it before the needle's at zero"
	case (p.at.Filled || p.at.Done) && p.says("steam", "vent", "exhaust") && p.says("at the start", "first", "before that", "beforehand", "to begin", "to start") && p.ventsTen():
		return "the venting"
	case !p.at.Closed && len(p.c.t) <= 3 && p.says("need", "needs", "want", "wants") && p.word(len(p.c.t)-1) == "more" && !p.c.hasNumber():
		return "a reason" // "Not one inch! Chicken needs more."
	case p.rocks():
		return "a sign"
	case p.settles():
		return "what it does by itself"
	case p.inverted():
		return "in or out"
	case p.c.kind == moment && p.at.Filled && !p.at.Closed && len(p.c.t) <= 5 && p.does("go") && p.hasClass(Pronoun) && p.says("goes on", "goes in", "goes over", "go on", "go in", "go over", "went on", "went in"):
		return "a moment"
	case p.sameAgain():
		return "more of the same"
	case p.sticksWith():
		return "which canner"
	case p.whichJar():
		return "which jar"
	case p.does("restore regain") && len(p.c.t) <= 4 && p.c.hasAny([]string{"it", "the pressure", "pressure"}):
		return "the pressure again"
	case (p.hasClass(Lid) || p.hasClass(Band)) && p.says("fingertip", "fingertips") && len(p.c.m) == 0:
		return "closed by hand"
	case p.cameFrom():
		return "where it comes from"
	case p.allTheWhile():
		return "said again"
	case p.fills(), p.counts():
		return "what it fills"
	case p.word(0) == "which" && (p.word(1) == "is" || p.word(1) == "takes" || p.word(1) == "can") && p.c.measured(english.Duration) && !p.at.Filled && !p.namesFood():
		return "how long that is"
	case p.says("facing away", "away from you", "away from your face"):
		return "how the lid is lifted"
	case p.shortOf():
		return "cut to fit"
	case p.knowsHow():
		return "said, not done"
	case p.usesIt():
		return "said again"
	case p.airOut():
		return "the air let out"
	case p.stopsShort():
		return "the headspace"
	case p.elevation():
		return "how high the kitchen lies"
	case p.meantFor():
		return "what a thing is for"
	case p.onlySaid():
		return "said, not done"
	}
	if p.puts() || p.dangerWords() || p.any(strange) || p.hasClass(Vague) || p.negated() {
		return ""
	}
	switch {
	case p.does("spoil ruin wreck weaken prevent") && p.says("seal", "seals", "sealing"):
		return "a reason"
	case p.c.kind == moment && !p.at.Filled && !p.namesFood() && !p.pressesOn() && !p.strangeWord():
		return "a moment"
	case p.yields():
		return "what it fills"
	case p.quotes():
		return "what a book says"
	case p.becomes():
		return "how it turns out"
	case p.arranges():
		return "tools laid ready"
	case p.apart():
		return "nothing done to it"
	}
	return ""
}

// rocks reports how often the weight moves: "mine jiggles about three times a minute".
func (p *passage) rocks() bool {
	if !p.at.Filled || !p.does("rock jiggle rattle dance tick jitter wobble clatter") || !p.says("a minute", "per minute", "every minute", "times a minute", "every few seconds", "gently", "steadily", "lazily") || p.names(stuff) && !p.hasClass(Pronoun) || p.dangerWords() || p.negated() {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Max > 1 {
			return false
		}
	}
	return !p.says("then off", "is enough", "done") && p.c.kind != result
}

// settles reports what food or liquid does in its jar without anybody: "it will have sunk".
func (p *passage) settles() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.c.hasNumber() || len(p.c.m) > 0 || p.puts() || p.dangerWords() || !p.at.Filled || p.at.Done {
		return false
	}
	s := p.subject()
	if s == nil || s.low != "it" && s.low != "they" && s.class != Liquid && s.class != Gap || !p.says("will", "may", "might", "it'll", "they'll", "often", "always", "tends to", "tend to") {
		return false
	}
	for _, i := range verbs {
		switch p.c.t[i].verb {
		case "sink", "settle", "shrink", "have", "float", "bob", "tend":
		default:
			return false
		}
	}
	return true
}

// inverted reports "into the bath they go", "out they come, onto a board": jars that are
// moved, said the other way round.
func (p *passage) inverted() bool {
	if !p.at.Closed || !p.does("go come") || len(p.c.verbIndexes()) != 1 || len(p.c.m) > 0 || p.c.hasNumber() || p.says("snow", "ice", "cold", "sink", "tap", "creek", "stream", "trough") || p.names(stuff) && !p.hasClass(Pronoun) {
		return false
	}
	v := p.c.verbIndexes()[0]
	if v == 0 || p.word(v-1) != "they" && p.c.t[v-1].class != Jar && p.c.t[v-1].class != FullJar {
		return false
	}
	switch p.word(0) {
	case "in", "into":
		return !p.at.Done && !p.says("oven", "microwave", "dishwasher", "freezer", "fridge", "cupboard", "sun") && (p.hasClass(Canner) || p.says("bath", "kettle") || v == 2)
	case "out", "up":
		return !p.says("window", "snow", "wind", "porch", "yard") && (v == 2 || p.word(1) == "of")
	}
	return false
}

// sameAgain reports more of a liquid that is boiled up as the first was, should it run out.
func (p *passage) sameAgain() bool {
	return p.does("boil make heat mix") && p.says("some more", "more", "another batch", "a bit more") && p.says("the same way", "in the same way", "same as before", "as before", "same proportions", "just the same") && !p.namesFood() && p.before != nil && p.before.kind == condition && (&passage{c: p.before}).names(stuff) && !p.c.hasNumber()
}

// sticksWith reports which canner the cook keeps to: "I stick with the big canner".
func (p *passage) sticksWith() bool {
	return p.does("stick stay keep") && p.says("with", "to") && p.hasClass(Canner) && !p.says("cooker", "electric", "instant", "multi", "steamer", "oven") && !p.names(stuff) && !p.c.hasNumber() && !p.negated() && len(p.c.verbIndexes()) == 1
}

// whichJar reports "pints is what I did this year".
func (p *passage) whichJar() bool {
	return p.hasClass(Jar) && p.says("is what i", "are what i", "is what we", "are what we") && p.does("do use make have put fill") && !p.names(stuff) && !p.c.hasNumber() && len(p.c.m) == 0 && !p.negated() && !p.dangerWords()
}

// yields reports how many jars the batch fills: "that's about five pints and a
// spoonful for the cook".
func (p *passage) yields() bool {
	if p.byTheWay() {
		return true
	}
	if !p.hasClass(Jar) || !p.c.hasNumber() || p.namesFood() || p.c.measured(english.Duration) || p.c.measured(english.Length) || p.c.pressed() {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; stuff[w.class] || w.isVerb && !filling[w.verb] {
			return false
		}
	}
	s := p.subject()
	first := p.word(0)
	return s != nil && s.class == Pronoun || first == "that's" || first == "that" || first == "this" || first == "it" || first == "makes" || first == "about"
}

// byTheWay reports an amount, a size or a warmth that is only said, or a filling that goes on.
func (p *passage) byTheWay() bool { return p.comesTo() || p.crockWarmth() || p.fillsOn() || p.across() }

// comesTo reports how much the batch gives: "the yield of pressed juice should be about 5 cups".
func (p *passage) comesTo() bool {
	return !p.at.Filled && p.says("the yield", "yield of", "yield is") && p.does("be") && len(p.c.verbIndexes()) <= 2 &&
		!p.hasClass(Fat) && !p.hasClass(Dairy) && !p.hasClass(Acid) && !p.hasClass(Thickener) && len(p.c.m) == 0
}

// fillsOn reports what goes on behind a bracket: "fill hot jars (preferably wide-mouth) with apple rings and
// hot syrup", where all of it is of the recipe.
func (p *passage) fillsOn() bool {
	at := p.c.begin - 1
	if at < 1 || p.c.all[at].Text != ")" || p.word(0) != "with" || p.orders() || len(p.c.m) > 0 || p.c.hasNumber() {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if stuff[w.class] && !p.at.named(w.Text) && !p.at.named(w.low) && w.class != Liquid && w.class != Sugar && !w.inner {
			return false
		}
	}
	for at > 0 && p.c.all[at].Text != "(" {
		at--
	}
	for k := at - 1; k >= max(0, at-6); k-- {
		if w := &p.c.all[k]; w.isVerb {
			return w.verb == "fill" || w.verb == "pack" || w.verb == "cover"
		}
	}
	return false
}

// orders reports a verb that is no participle: "flavored" is one.
func (p *passage) orders() bool {
	return slices.ContainsFunc(p.c.t, func(w token) bool { return w.isVerb && (w.low == w.verb || w.aux) })
}

// across reports how large the food is: "maximum diameter, 2-1/2 inches".
func (p *passage) across() bool {
	return !p.at.Filled && p.says("diameter") && p.c.measured(english.Length) && len(p.c.m) == 1 && !hasVerb(p.c.t) &&
		!p.names(stuff)
}

// crockWarmth reports at how many degrees a crock is kept: "keep the temperature at about 70 degrees F".
func (p *passage) crockWarmth() bool {
	const most = 80 // °F; warmer, a ferment goes soft (USDA Complete Guide 2015, guide 6; from memory)
	if p.at.Filled || !p.says("temperature") || !p.does("keep hold maintain") || p.names(stuff) || len(p.c.m) != 1 {
		return false
	}
	return p.c.m[0].Kind == english.Temperature && p.c.m[0].Max <= most
}

// fills reports "it makes plenty".
func (p *passage) fills() bool {
	n := len(p.c.t)
	return n > 0 && n <= 5 && p.does("make") && p.says("plenty", "enough", "lots", "a lot") && !p.namesFood() && p.subject() != nil && p.subject().class == Pronoun
}

// knowsHow reports what one only knows or thinks of how things are: "I know it is a
// long time".
func (p *passage) knowsHow() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.word(0) != "i" && p.word(0) != "we" || p.c.hasNumber() || len(p.c.m) > 0 || p.names(stuff) || p.dangerWords() || p.any(denies) || p.any(strange) {
		return false
	}
	switch p.c.t[verbs[0]].verb {
	case "know", "think", "guess", "hope", "promise", "swear", "admit":
	default:
		return false
	}
	for _, i := range verbs[1:] {
		if !states[p.c.t[i].verb] {
			return false
		}
	}
	return true
}

// usesIt reports "I use it" behind the thing that is meant.
func (p *passage) usesIt() bool {
	return len(p.c.t) == 3 && (p.word(0) == "i" || p.word(0) == "we") && (p.word(1) == "use" || p.word(1) == "like") && (p.word(2) == "it" || p.word(2) == "them") && p.before != nil && (&passage{c: p.before}).names(stuff)
}

// airOut reports "De-bubble, rims, lids".
func (p *passage) airOut() bool {
	if !p.says("de-bubble", "debubble", "de - bubble") || p.puts() || p.c.hasNumber() {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; stuff[w.class] || w.isVerb && w.low != "wipe" && w.low != "lid" && w.low != "bubble" && w.low != "debubble" {
			return false
		}
	}
	return true
}

// stopsShort reports liquid or food that stops below the rim: "stopping an inch shy of
// the rim". How far is read as the headspace.
func (p *passage) stopsShort() bool {
	if !p.does("stop quit finish end") || !p.c.measured(english.Length) || p.puts() || p.c.measured(english.Duration) {
		return false
	}
	return (p.hasClass(Rim) || p.says("the top", "the neck", "the brim", "the mouth")) && p.says("shy of", "short of", "below", "from the", "under the")
}

// elevation reports how high a place lies: "by the fjord it is only 10 metres".
func (p *passage) elevation() bool {
	if !p.stative() && !p.does("be live lie sit") || p.namesFood() || p.c.measured(english.Duration) {
		return false
	}
	for i := range p.c.t {
		n := int(p.c.nums[i])
		if n == 0 || i+n >= len(p.c.t) {
			continue
		}
		switch p.c.t[i+n].Text {
		case "metre", "meter", "m", "foot", "ft":
			return true
		}
	}
	return false
}

// meantFor reports what some tool is for, and that it is for nothing else.
func (p *passage) meantFor() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) != 1 || p.c.t[verbs[0]].verb != "be" || !p.says("only", "alone") || p.hasClass(Jar) || p.c.hasNumber() {
		return false
	}
	s := p.subject()
	if s == nil || s.class != "" && s.class != Pot && s.class != Thing {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.prep == "for" && ch.start > verbs[0] {
			return true
		}
	}
	return false
}

// onlySaid reports whether all that is done is asked, said or written.
func (p *passage) onlySaid() bool {
	for _, i := range p.c.verbIndexes() {
		switch p.c.t[i].verb {
		case "ask", "tell", "phone", "write", "thank", "answer", "warn":
		default:
			return false
		}
	}
	return len(p.c.verbIndexes()) > 0 && !p.names(stuff) && !p.c.hasNumber() && len(p.c.m) == 0
}

// counts reports how many jars there are, with no verb: "two quarts to a bird, seven
// quarts in all".
func (p *passage) counts() bool {
	if hasVerb(p.c.t) || !p.hasClass(Jar) || !p.c.hasNumber() || p.names(stuff) || len(p.c.m) > 0 || p.c.pressed() || p.at.Filled {
		return false
	}
	return p.says("in all", "altogether", "or so", "more or less", "give or take", "to a bird", "to a bushel", "a canner", "to the bushel")
}

// cameFrom reports of whom or where the food was had: "I get mine off Mr. Tolliver".
func (p *passage) cameFrom() bool {
	if p.at.Filled || !p.does("get buy have pick take") || !p.says("off", "from") || p.names(stuff) && !p.hasClass(Pronoun) {
		return false
	}
	for _, ch := range p.c.chunks() {
		if (ch.prep == "off" || ch.prep == "from") && (ch.class == Person || ch.class == Place || p.c.t[ch.head].name || p.c.t[ch.start+min(1, ch.end-1-ch.start)].class == Person) {
			return p.oneself() || p.word(0) == "got" || p.word(0) == "bought" || p.word(0) == "had" || p.word(0) == "picked"
		}
	}
	return false
}

// allTheWhile reports a fragment that only stresses: "The whole time, Kevin."
func (p *passage) allTheWhile() bool {
	if hasVerb(p.c.t) || !p.says("the whole time", "all the while", "every minute of it", "the entire time") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; w.Kind == words.Number || w.class != "" && w.class != Clock && w.class != Person {
			return false
		}
	}
	return true
}

// shortOf reports pieces that are cut a little shorter than the jar.
func (p *passage) shortOf() bool {
	return !hasVerb(p.c.t) && p.c.measured(english.Length) && p.hasClass(Jar) && p.says("short of", "shorter than") && !p.names(stuff)
}

// pressesOn reports whether the moment does something itself: "as you cut the time".
func (p *passage) pressesOn() bool { return p.has(formVerbs) || p.has(light) && p.hasClass(Thing) }

// arranges reports tools and jars that are set ready: "nine spoons in a row".
func (p *passage) arranges() bool {
	if !p.says("in a row", "in rows", "in a line", "side by side") || p.at.Filled {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; !w.inner && (stuff[w.class] || w.class == Pronoun || trade[w.class] && w.class != Jar && w.class != Lid && w.class != Band && w.class != Pot) {
			return false
		}
	}
	return true
}

var filling = set("be make give fill get come yield")

// ventsTen reports ten minutes or more, and no other figure.
func (p *passage) ventsTen() bool {
	return len(p.c.m) == 1 && p.c.m[0].Kind == english.Duration && p.c.m[0].Min >= 10 && !p.negated() && !p.says("only", "just", "instead", "all", "process", "rather")
}

// quotes reports a figure that a book or a chart gives: what is done stands beside it.
func (p *passage) quotes() bool {
	s := p.subject()
	if s == nil || !p.does("say give call want ask read list print have") || !p.hasSayingOnly() {
		return false
	}
	switch s.Text {
	case "book", "chart", "guide", "guideline", "leaflet", "bulletin", "table", "manual", "booklet", "instruction", "extension", "page", "pamphlet":
		return p.c.hasNumber() && !p.fewer()
	}
	return p.c.kind == contrast && p.c.hasNumber() && (s.low == "it" || s.low == "they") && p.does("say")
}

// fewer reports a number between the lid and the end that is none of the text's times and
// under the longest: "sixty is what the booklet says", where 75 minutes are processed.
func (p *passage) fewer() bool {
	if !p.at.Closed || p.at.Done || p.at.longestSaid() == 0 || len(p.c.m) > 0 || p.says("feet", "ft", "sea", "below", "above", "pounds", "lb", "psi", "pressure") {
		return false
	}
	if p.timeOfJars() {
		return false // told of its jars, and held against what was tested for them
	}
	longest := p.at.longestSaid()
	for i := range p.c.t {
		if v, n := english.Number(p.c.raw, i); n > 0 && v >= 5 {
			return p.at.said(v) == 0 && v < longest
		}
	}
	return false
}

// timeOfJars reports a clause that gives one number to jars of one size: "pints are 20", "quarts get 25".
func (p *passage) timeOfJars() bool {
	if jars := p.hasClass(Jar) || p.hasClass(FullJar); p.negated() || !jars {
		return false
	}
	verbs := p.c.verbIndexes()
	if len(verbs) != 1 || !p.does("be get take need want") || p.figureCount() != 1 {
		return false
	}
	last := len(p.c.t) - 1
	for last > 0 && p.c.t[last].Kind == words.Mark {
		last--
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		told := i == verbs[0] || i == last || w.class == Jar || w.class == FullJar
		if !told && w.Kind != words.Mark && !determiners[w.low] {
			return false
		}
	}
	return p.c.nums[last] > 0
}

func (p *passage) hasSayingOnly() bool {
	for _, i := range p.c.verbIndexes() {
		switch p.c.t[i].verb {
		case "say", "give", "call", "want", "ask", "read", "list", "print", "have", "be":
		default:
			return false
		}
	}
	return true
}

// becomes reports how a thing turns out: "sage goes bitter in the canner".
func (p *passage) becomes() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) != 1 || p.c.measured(english.Duration) {
		return false
	}
	v := verbs[0]
	if s := p.subject(); s != nil && (s.class == Pronoun || stuff[s.class]) && !p.at.Filled {
		switch p.c.t[v].verb {
		case "shrink", "wilt", "swell", "spit", "sputter", "foam", "splatter":
			return true
		}
	}
	switch p.c.t[v].verb {
	case "go", "turn", "come", "get", "grow", "taste", "smell", "look":
	default:
		return false
	}
	if v+1 >= len(p.c.t) {
		return false
	}
	w := &p.c.t[v+1]
	if w.class != "" || !w.entry.Adjective() || prepositions[w.low] || w.low == "together" || denies[w.low] || strange[w.low] || masses[w.low] || w.low == "sour" || w.low == "bad" || w.low == "thick" || w.low == "smooth" || w.low == "soft" {
		return false
	}
	s := p.subject()
	if s == nil {
		return v == 0 && strings.HasSuffix(p.c.t[v].low, "s")
	}
	return stuff[s.class] || s.class == Pronoun
}

// apart reports whether the clause touches the batch by a pronoun alone, and what is
// done is thought, said, felt or seen, or turns it into nothing that is eaten: "I
// asked them twice", "it makes lava", "they go POINK".
func (p *passage) apart() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.c.hasNumber() || len(p.c.m) > 0 {
		return false
	}
	sounds := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.Kind != words.Word || w.inner:
		case w.class == Cloth || w.class == Place || w.class == Label:
		case w.class != "" && w.class != Pronoun && w.class != Person && w.class != Animal:
			return false
		case w.class == "" && w.Raw == strings.ToUpper(w.Raw) && len(w.Raw) > 2:
			sounds = true
		case w.class == "" && !w.known && !closed[w.low] && !w.name:
			return false
		}
	}
	for _, i := range verbs {
		v := p.c.t[i].verb
		e, _ := english.Lookup(v)
		switch e.Verb() {
		case english.VerbThink, english.VerbSay, english.VerbFeel, english.VerbPerceive, english.VerbCompete:
			if p.r.frames[v] == nil || tells[v] {
				continue
			}
		case english.VerbWeather, english.VerbBody:
			if p.r.frames[v] == nil && (!p.at.Filled || p.at.Done) {
				continue
			}
		}
		switch {
		case v == "be" && p.saysOfMaking(i):
			return false
		case tells[v], v == "be", v == "build", p.at.Done && v == "frame":
		case v == "sit" && (p.at.Done || !p.at.Filled || p.hasClass(Cloth)):
		case v == "go" && p.at.Done && len(p.c.t) <= 3:
		case v == "go" && sounds && (p.at.Done || !p.at.Filled):
		case v == "make" && p.subject() != nil && p.subject().class == Pronoun && p.makesNothing(i):
		default:
			return false
		}
	}
	return true
}

// madeIn are where a food comes from with something done to it.
var madeIn = set("smoker freezer barrel tin tins can cans packet packets smokehouse")

// saysOfMaking reports whether what is said of a thing, by the "be" at i, is what was
// done to it or where it was: "it is all boiled already", "it is from the smoker".
func (p *passage) saysOfMaking(i int) bool {
	for k := i + 1; k < len(p.c.t); k++ {
		w := &p.c.t[k]
		if w.low == "cold" || w.low == "off" || w.verb != "" && w.low != w.verb && p.r.prefers(w.verb) && !w.entry.Adjective() {
			return true
		}
		if w.low == "from" {
			for m := k + 1; m < len(p.c.t); m++ {
				if e := p.c.t[m].entry.Noun(); e == english.NounArtifact && p.c.t[m].class == "" && !p.c.t[m].name || madeIn[p.c.t[m].low] {
					return true
				}
			}
		}
	}
	return false
}

// makesNothing reports whether the verb's object is neither food nor a mass.
func (p *passage) makesNothing(verb int) bool {
	for _, o := range p.c.objectsOf(verb) {
		if o.start < verb {
			continue
		}
		if o.class != Thing || masses[p.c.t[o.head].Text] {
			return false
		}
	}
	return true
}
