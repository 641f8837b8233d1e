package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// talk returns why a clause that touches the trade is only talk, "" where it is
// not: it tells of other people, of the past, of what the cook thinks.
func (p *passage) talk() string {
	c := p.c
	if len(c.t) == 0 {
		return "empty"
	}
	if p.drink() {
		return "a drink"
	}
	if why := p.courtesy(); why != "" {
		return why
	}
	if !hasVerb(c.t) && p.says("other folder", "other book", "other card", "other page", "next page", "other binder", "other box") && !c.hasNumber() {
		return "another recipe"
	}
	if why := p.idiom(); why != "" {
		return why
	}
	for i := range c.t {
		if c.t[i].food.In("low-acid-fruit", "no-home-process") {
			return "" // what is never canned is not talked away
		}
	}
	if p.third() && !p.measuresKitchen() && (!p.ourBatch() || p.swearsBy()) && !p.bothAtJar() && !p.putIn() {
		return "somebody else"
	}
	if why := p.telling(); why != "" {
		return why
	}
	if p.after == nil && p.describesCanner() {
		return "the canner"
	}
	if why := p.thinking(); why != "" {
		return why
	}
	if p.elsewhere() {
		return "another place"
	}
	if !p.at.Method {
		return p.told()
	}
	return ""
}

// courtesy returns what only answers somebody.
func (p *passage) courtesy() string {
	switch {
	case p.thanks():
		return "thanks"
	case p.saysAgain():
		return "said again"
	case p.greets():
		return "a greeting"
	}
	return ""
}

// thanks reports thanks for what came, and the asking that is answered: "thank you for the
// plums", "I thought you'd like to know what became of them".
func (p *passage) thanks() bool {
	if p.at.Filled || p.puts() || p.c.hasNumber() || p.c.kind == condition {
		return false
	}
	if p.word(0) == "thank" || p.word(0) == "thanks" {
		return p.says("for") && !p.says("to")
	}
	return p.says("like to know what", "wanted to know what", "wondered what") && !p.namesFood() && !p.hasClass(Acid) && !p.hasClass(Vague)
}

// saysAgain reports an answer that names nothing but what the clause before it named: "yes, plain
// water, doctor's orders".
func (p *passage) saysAgain() bool {
	if p.word(0) != "yes" || p.before == nil || hasVerb(p.c.t) || p.c.hasNumber() || p.negated() || len(p.c.m) > 0 {
		return false
	}
	again := false
	for i := range p.c.t[1:] {
		w := &p.c.t[i+1]
		switch {
		case w.food == nil && !stuff[w.class]:
			if trade[w.class] {
				return false
			}
		case !p.before.has(w.low):
			return false
		default:
			again = true
		}
	}
	return again
}

// greets reports a greeting of a few words, in whatever language: "Hallo zusammen".
func (p *passage) greets() bool {
	if !greetings[p.word(0)] || len(p.c.t) > 4 || p.c.begin > 0 || p.at.Filled {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; w.food != nil || w.class != "" && w.class != Person || w.isVerb && i > 0 || p.c.nums[i] > 0 {
			return false
		}
	}
	return true
}

var greetings = set("hallo hello hi hey hiya hola ciao salut bonjour hoi hei hej moin servus namaste aloha shalom salaam howdy buongiorno g'day")

// describesCanner reports what kind of canner the cook has: "mine is the kind with the wobbly
// weight". Nothing is done with it, and nothing is wrong with it.
func (p *passage) describesCanner() bool {
	if !p.does("be have") || p.negated() || p.c.hasNumber() || len(p.c.verbIndexes()) != 1 || !p.says("kind", "sort", "type", "model", "style") || !p.says("with", "has", "have") {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.entry.Adjective() && unsound[w.low] || w.food != nil || w.class == Lid || w.class == Jar {
			return false
		}
	}
	return p.hasClass(Weight) || p.hasClass(Gauge) || p.says("dial")
}

// unsound is what is wrong with a thing.
var unsound = set("broken old stuck cracked bent loose worn faulty missing wrong rusty electric small little dead")

// subject returns the token that the first verb is said of, nil where the clause
// is an order or has no verb.
func (p *passage) subject() *token {
	c := p.c
	for i := range c.t {
		w := &c.t[i]
		if w.isVerb {
			break
		}
		if w.low == "i" || w.low == "we" || w.low == "you" || w.low == "he" || w.low == "she" || w.low == "they" || w.low == "it" || w.low == "i'd" || w.low == "i've" || w.low == "we've" {
			return w
		}
	}
	for _, ch := range c.chunks() {
		if ch.prep != "" {
			continue
		}
		for i := ch.end; i < len(c.t); i++ {
			if c.t[i].isVerb {
				return &c.t[ch.head]
			}
		}
		break
	}
	return nil
}

// bothAtJar reports whether the clause names a part of the jar and, beside it, what must
// not be in one, whoever does it: "she takes the air away with a spoon of oil".
func (p *passage) bothAtJar() bool {
	return p.at.Method && !p.at.Done && (p.hasClass(Bubble) || p.hasClass(Gap) || p.hasClass(Jar)) && (p.hasClass(Fat) || p.hasClass(Dairy) || p.hasClass(Thickener) || p.hasClass(Egg))
}

// putIn reports that somebody put in, here, what no jar should hold: "the kids stirred in a tub
// of yoghurt". What others put in theirs is told.
func (p *passage) putIn() bool {
	if !p.at.Method || p.at.Done || p.theirOwn() || !p.does("stir add throw tip pour drop put toss dump sneak mix fold") || p.says("her", "his", "their", "used to") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; coating[w.class] || w.class == Starch || w.class == Nut || w.class == Vague {
			return true
		}
	}
	return false
}

// causes reports what somebody is told to have done by another: "have Earl tighten the bands".
func (p *passage) causes() bool {
	if !p.hasClass(Band) && !p.hasClass(Lid) && !p.hasClass(Rim) && !p.hasClass(FullJar) {
		return false
	}
	if w := p.word(0); w != "have" && w != "get" && w != "let" && w != "make" && w != "ask" && w != "tell" {
		return false
	}
	k := 1
	for determiners[p.word(k)] || p.word(k) == "my" || p.word(k) == "your" || p.word(k) == "our" {
		k++
	}
	return k < len(p.c.t) && (p.c.t[k].name || p.c.t[k].class == Person || p.c.t[k].entry.Noun() == english.NounPerson)
}

// third reports whether somebody else, an animal or a place is the subject.
func (p *passage) third() bool {
	s := p.subject()
	if s == nil || p.causes() || p.oneself() || p.at.Another && p.cooks(s) {
		return false
	}
	switch s.low {
	case "he", "she":
		return s.low == "he" || !p.does(steams)
	case "i'd", "i", "we", "you", "they", "it", "everything":
		return false
	}
	if p.theirOwn() {
		return true
	}
	if s.name || (s.low == "our" || s.low == "my") && p.word(1) != "" && len(p.c.t) > 1 && p.c.t[1].name {
		return true
	}
	class := s.class
	if class == "" && s.Kind == words.Word && !closed[s.low] {
		switch s.entry.Noun() {
		case english.NounPerson:
			class = Person
		case english.NounAnimal:
			class = Animal
		case english.NounPlace:
			class = Place
		}
	}
	return living[class]
}

var living = map[Class]bool{Person: true, Animal: true}

// theirOwn reports what others do with theirs, and the cook not with hers: "Ada puts hers in
// the bath tub", but "mine gets cream like hers".
func (p *passage) theirOwn() bool {
	theirs := false
	for i := range p.c.t {
		switch strings.ToLower(p.c.t[i].Raw) {
		case "hers", "theirs":
			theirs = true
		case "mine", "ours", "my", "our", "me", "us", "like", "as", "too":
			return false
		}
	}
	return theirs
}

// steams is what a canner does that is called she: "she must blow off five minutes".
const steams = "steam vent blow hiss puff rock jiggle rattle exhaust sputter come"

// wished reports what somebody else wanted to do: "our Trevor wanted to run the tap".
func (p *passage) wished() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) < 2 || !p.third() || p.after != nil && p.after.hasAny([]string{"let her", "let him", "let them", "i did", "we did", "so i", "so we", "gave in"}) {
		return false
	}
	switch w := &p.c.t[verbs[0]]; w.low {
	case "wanted", "tried", "hoped", "offered", "meant":
		return verbs[0]+1 < len(p.c.t) && p.c.t[verbs[0]+1].low == "to"
	}
	return false
}

// cooks reports whether the person does something of a kitchen, now.
func (p *passage) cooks(s *token) bool {
	for _, i := range p.c.verbIndexes() {
		w := &p.c.t[i]
		return w.low != w.verb && strings.HasSuffix(w.low, "s") && (p.r.prefers(w.verb) || light[w.verb]) && !tells[w.verb]
	}
	return false
}

// oneself reports whether the cook is the subject of some verb of the clause.
func (p *passage) oneself() bool {
	if p.does("insist demand ask want suggest recommend prefer like require") && p.says("that we", "that i", "that you") {
		return true // "my husband insists that we round it off"
	}
	for i := 0; i+1 < len(p.c.t); i++ {
		if w := p.c.t[i].low; (w == "i" || w == "we" || w == "you") && p.c.t[i+1].isVerb {
			return true
		}
	}
	return false
}

// throughSomething reports what is put through a tool: "work it through a ricer".
func (p *passage) throughSomething() bool {
	return slices.ContainsFunc(p.c.chunks(), func(ch chunk) bool {
		return ch.prep == "through" && p.c.t[ch.head].Kind == words.Word && p.c.t[ch.head].m == 0
	})
}

// measuresKitchen reports whether the clause holds a kitchen amount.
func (p *passage) measuresKitchen() bool {
	return p.says("cup", "cups", "tablespoon", "teaspoon", "tbsp", "tsp", "spoonful", "handful", "pinch", "splash", "knob", "lump", "pound", "ounce", "dollop", "glug")
}

// swearsBy reports that others hold with a canner or a tool of theirs: "my sister swears by
// her pressure cooker".
func (p *passage) swearsBy() bool {
	return p.says("swears by", "swear by") && p.says("her", "his", "their", "hers") && !p.names(stuff) && !p.dangerWords() && !p.c.hasNumber() && (p.after == nil || !p.after.hasAny([]string{"so do i", "so do we", "me too", "and i"}))
}

// ourBatch reports whether what others do is done here too.
func (p *passage) ourBatch() bool {
	follow := []string{"go by her", "go by him", "go by that", "go by them", "follow her", "follow him", "do likewise", "do as she", "do as he", "copy her", "copy him"}
	if p.after != nil && p.after.hasAny(follow) {
		return true
	}
	return p.says(follow...) || p.says("so do i", "and so do we", "the same", "me too", "taught me", "showed me", "way i", "as i do", "those too", "that too", "them too", "so those", "so that goes", "these too", "insists on", "insist on", "swears by", "will not eat it without", "wants it with", "begged for", "likes it with", "into it", "in it", "to it", "with it", "through it")
}

// thinking reports whether the verb is one of saying, thinking or feeling and
// nothing is done.
func (p *passage) thinking() string {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.at.Method && (p.hasClass(Pronoun) || p.names(stuff)) && p.throughSomething() {
		return ""
	}
	if p.at.Method {
		for _, ch := range p.c.chunks() {
			if stuff[ch.class] || trade[ch.class] && ch.class != Pot && ch.class != Part && ch.class != Jar && ch.class != Label {
				return ""
			}
		}
	}
	for _, i := range verbs {
		v := p.c.t[i].verb
		e, _ := english.Lookup(v)
		switch {
		case tells[v]:
		case p.r.verbs[v]:
			return ""
		case e.Verb() == english.VerbThink || e.Verb() == english.VerbSay || e.Verb() == english.VerbFeel || e.Verb() == english.VerbCompete || e.Verb() == english.VerbWeather:
		default:
			return ""
		}
	}
	if p.isMoreThanSaid() || p.does("bring") && p.says("boil", "simmer", "pressure") {
		return ""
	}
	return "said, not done"
}

// isMoreThanSaid reports a measure, a danger, or what goes into the jar, whatever the verb.
func (p *passage) isMoreThanSaid() bool { return p.measuresKitchen() || p.dangerWords() || p.likedIn() }

// likedIn reports what somebody likes to have in the jar: "I like a roux in mine".
func (p *passage) likedIn() bool {
	return p.namesOther() && p.says("in mine", "in ours", "in it", "in them", "in the jar", "in the jars", "in my jars",
		"in there", "in each", "in every", "to mine", "to it", "through it", "through them", "on top of mine")
}

// tellsTrick reports what goes in, told as what it is: "the trick is a pat of butter in each jar".
func (p *passage) tellsTrick() bool {
	if !p.namesOther() {
		return false
	}
	return p.says("trick", "secret", "difference", "key", "magic", "knack", "tip", "what makes", "finishing touch",
		"addition", "in each", "in every", "to each", "to every", "into each", "into every", "in all of them",
		"on top of each", "per jar", "in the brine", "in the syrup", "in the pot", "in the batch", "in the mix",
		"in the mixture", "in there")
}

// namesOther reports a food, or a thing of the trade, that is none of the recipe's own.
func (p *passage) namesOther() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if (w.food != nil || stuff[w.class]) && !p.ofClass(i, "own") {
			return true
		}
	}
	return false
}

// told returns why a clause outside the method is only told: how things are, or
// what once was, and nothing of a process in it.
func (p *passage) told() string {
	c := p.c
	if p.stative() && !p.says("in it", "in the jar", "goes in", "go in") && !p.tellsTrick() {
		return "how things are"
	}
	for i := range c.t {
		switch w := &c.t[i]; w.class {
		case Canner, Pressure, Weight, Gauge, Vague:
			return ""
		case Pronoun:
			if w.low == "ones" || w.low == "those" {
				return ""
			}
		}
	}
	if p.measuresKitchen() || p.dangerWords() || c.measured(english.Duration) && p.says("jar", "jars") {
		return ""
	}
	verbs := c.verbIndexes()
	if len(verbs) == 0 {
		return ""
	}
	for _, v := range verbs {
		w := &c.t[v]
		past := w.low != w.verb && !strings.HasSuffix(w.low, "ing") && !strings.HasSuffix(w.low, "s")
		if !past {
			return ""
		}
	}
	if p.subject() == nil {
		return ""
	}
	return "told in the past"
}

// tells are verbs of talk, whatever the frames know of them.
var tells = set(`say tell ask write think remember know wonder hope believe swear love like hate prefer thank mean see hear learn teach read call promise forget guess wish
	buy sell order grow plant pick find bring send swap borrow lend owe cost pay win lose laugh cry smile complain grumble argue agree print share live die marry visit drive walk travel work retire`)

// elsewhere reports what would hold in another place: "in the valley it would be
// ten minutes".
func (p *passage) elsewhere() bool {
	if !p.says("would", "they'd", "it'd") && !(p.says("they") && p.does("do give run take") && p.c.hasNumber() && !p.hasClass(Jar)) {
		return false
	}
	for _, ch := range p.c.chunks() {
		if w := &p.c.t[ch.head]; (ch.prep == "in" || ch.prep == "at" || ch.prep == "by") && (w.name || ch.class == Place || ch.class == Person || w.low == "sea" || w.low == "lake" || w.low == "coast" || w.low == "valley") && ch.class != Pot {
			return true
		}
	}
	return false
}

// drink reports a pause: "Cup of tea.", "Coffee."
func (p *passage) drink() bool {
	if p.does("drink sip gulp slurp") && len(p.c.verbIndexes()) == 1 && p.says(beverages...) && !p.hasClass(Jar) && !p.puts() && !p.at.Closed && (p.after == nil || !p.after.hasAny([]string{"rest", "what is left", "what's left", "remainder", "leftover", "it", "them"})) {
		return true // "and drank all my coffee"
	}
	found := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.Kind == words.Mark, pauses[w.low], closed[w.low]:
		case w.low == "tea" || w.low == "coffee" || w.low == "cuppa" || w.low == "beer" || w.low == "chai" || w.low == "cocoa" || w.low == "brew" || w.low == "lemonade":
			found = true
		default:
			return false
		}
	}
	return found
}

// beverages are drunk by those who work.
var beverages = []string{"tea", "coffee", "cuppa", "beer", "chai", "cocoa", "lemonade", "glass of wine"}

var pauses = set("cup mug pot glass time break stop while wait have drink make a of second another strong nice good")

// idiom reports whether the words are a figure of speech.
func (p *passage) idiom() string {
	if p.c.around(4).hasAny(idioms) {
		return "figure of speech"
	}
	return ""
}

var idioms = []string{"apple a day", "wine stain", "spill the bean", "apple of my eye", "bread and butter work", "bigger fish to fry", "piece of cake", "my cup of tea", "your cup of tea", "everyone's cup of tea", "worth his salt", "worth her salt", "a grain of salt", "full of beans", "in a pickle", "right pickle", "traffic jam", "spilt milk", "cream of the class", "cream of the crop",
	"cool as a cucumber", "two peas in a pod", "butter up", "bring home the bacon", "egg on his face", "egg on my face", "walk on eggshell", "salt of the earth", "couch potato", "tough nut", "nut job", "for peanuts", "gravy train", "can of worms", "say cheese", "big cheese", "life gave me lemon", "life gives you lemon", "is a lemon",
	"butter would not melt", "butter wouldn't melt", "land of milk", "pea soup fog", "fat chance", "chew the fat", "cat that got the cream", "icing on the cake", "the whole enchilada", "selling like hotcakes", "sell like hot cakes", "heat of the moment", "blew her lid", "blew his lid", "flip my lid", "packed like sardines", "sealed the deal", "seal the deal", "under pressure at work", "too many cooks", "skin me", "have my hide", "kill me for", "tan my hide", "kidney stone", "fish tank", "fish out of water", "baby food aisle"}

// dangerWords reports whether the clause holds a word that changes how much,
// how long or whether.
func (p *passage) dangerWords() bool { return p.any(changers) }

// changers are words that change an amount, a time or a step.
var changers = set(`half third quarter double twice triple treble optional instead skip omit without less fewer more extra another enough plenty only whatever unless leftover`)
