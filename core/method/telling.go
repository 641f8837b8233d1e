package method

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// telling returns why a clause that names things of the trade still only tells of people,
// or of how things are: what the cook did with herself meanwhile, what the work cost her,
// why a step matters. It returns "" where that is not certain.
func (p *passage) telling() string {
	switch {
	case p.ownBusiness():
		return "what somebody does meanwhile"
	case p.tookUs():
		return "what the work took"
	case p.ofTheRecipe():
		return "of the recipe"
	case p.saying():
		return "a saying"
	case p.insisted():
		return "insisted on"
	case p.forbidsLess():
		return "a warning"
	case p.orElse():
		return "a warning"
	case p.onOnesBody():
		return "what it does to the cook"
	case p.whichTakes():
		return "how long that is"
	}
	return ""
}

// ownBusiness reports what a person does with herself and nothing else: "I cried for an hour
// once over a cracked jar". Neither food nor anything that is done to a jar is named.
func (p *passage) ownBusiness() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 || p.dangerWords() || p.any(strange) || p.measuresKitchen() || p.names(stuff) {
		return false
	}
	s := p.subject()
	if s == nil || s.low != "i" && s.low != "we" && s.class != Person && !s.name {
		return false
	}
	for _, i := range verbs {
		if v := p.c.t[i].verb; !pastimes[v] || p.c.particle(i, "off") || p.c.particle(i, "out") || i+1 < len(p.c.t) && p.c.t[i+1].class == Pronoun {
			return false // "I sit them in the sun"
		}
	}
	for i := range p.c.t {
		switch w := &p.c.t[i]; {
		case w.inner || w.Kind != words.Word:
		case w.class == Jar && !p.at.Closed, w.class == Place, w.class == Cloth, w.class == Label, w.class == Clock, w.class == Person, w.class == Animal:
		case w.class != "" && w.class != Pronoun:
			return false
		}
	}
	return true
}

// pastimes are verbs of what people do with themselves; none of them does anything to a
// batch.
var pastimes = set("cry weep laugh giggle sneeze cough yawn nap doze snooze sleep dream pray curse swear sweat worry fret sulk read knit crochet sew sing hum whistle dance chat gossip natter phone ring telephone listen watch sit walk swim jog garden paint draw write celebrate cheer wave blush panic faint")

// tookUs reports what the work cost: "it took us the better part of a Saturday".
func (p *passage) tookUs() bool {
	if !p.does("take cost") || p.names(stuff) || p.dangerWords() || p.at.Filled && !p.at.Done || len(p.c.verbIndexes()) != 1 {
		return false
	}
	if w := p.word(0); (w == "i" || w == "we" || w == "so") && p.says("took them") {
		return false // "I took them off at 40"
	}
	return p.says("took us", "took me", "took them", "takes us", "takes me", "took the two of us", "took two of us", "cost us", "cost me", "took all of us") && !p.hasClass(Pressure) && !p.hasClass(Canner)
}

// ofTheRecipe reports what is said of the recipe as such: "this is the recipe I was scared
// of for ten years".
func (p *passage) ofTheRecipe() bool {
	n := 0
	for n < len(p.c.t) && (p.word(n) == "this" || p.word(n) == "that" || p.word(n) == "it" || p.word(n) == "it's" || p.word(n) == "that's" || p.word(n) == "is" || p.word(n) == "was" || p.word(n) == "the" || p.word(n) == "my" || p.word(n) == "our" || p.word(n) == "only") {
		n++
	}
	if w := p.word(n); n < 2 || w != "recipe" && w != "way" && w != "card" && w != "page" || p.namesFood() || p.hasClass(Vague) || p.hasClass(Jar) || p.dangerWords() || p.any(strange) || p.c.measured(english.Length) || p.c.measured(english.Temperature) {
		return false
	}
	for _, i := range p.c.verbIndexes() {
		switch v := p.c.t[i].verb; {
		case v == "be", v == "scare", v == "get", v == "give", v == "swear", v == "trust", v == "use", v == "have", tells[v]:
		default:
			return false
		}
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Min < 60*24*30 {
			return false // no process is counted in years
		}
	}
	return true
}

// saying reports "grease is the enemy of a good seal".
func (p *passage) saying() bool {
	verbs := p.c.verbIndexes()
	if p.says("the cook's treat", "cook's treat", "the cook's share", "cook's share", "the cook's reward", "cook's perk", "the cook's perk") && !p.c.hasNumber() && !p.hasClass(Jar) {
		return true // the foam
	}
	return len(verbs) == 1 && p.c.t[verbs[0]].verb == "be" && p.says("the enemy of", "the death of", "the ruin of", "the bane of", "the curse of", "no friend of", "no friend to") && !p.c.hasNumber() && !p.negated() && !p.dangerWords()
}

// insisted reports that a thing must be: "the lemon juice is not negotiable", "never optional".
func (p *passage) insisted() bool {
	if p.c.hasNumber() {
		return false
	}
	for _, v := range p.c.verbIndexes() {
		if p.c.t[v].verb != "be" && (v > 0 || !strings.HasSuffix(p.word(0), "ing")) {
			return false
		}
	}
	if p.says("if", "unless", "except", "but", "until", "only", "half", "less", "whether", "why") {
		return false
	}
	return p.mustBe() && !p.mayHarm()
}

// mustBe reports words that insist: "not optional", "a must".
func (p *passage) mustBe() bool {
	if p.after != nil && (p.after.kind == condition || p.takenBack()) || p.word(0) == "is" || p.word(0) == "are" {
		return false // "… unless they are sour", "is it not optional?"
	}
	if at := p.opinionOf(); at >= 0 {
		return p.deniedAt(at)
	}
	return p.says("a must") && !p.negated()
}

// takenBack reports that what follows says the opposite: "it is unnecessary", "in mine it is".
func (p *passage) takenBack() bool {
	switch p.after.t[0].low {
	case "it", "that", "they", "in", "but", "though", "mine", "ours", "here":
		return !p.after.hasAny([]string{"safe", "safety", "what makes", "what keeps", "keeps", "matters", "needed", "law",
			"rule"})
	}
	return p.after.joint == "but" || p.after.joint == "though"
}

// openWords say that a thing may be left: what denies them insists on it.
var openWords = set("optional negotiable skippable suggestion guideline decoration debate discussion taste choice")

// opinionOf returns the index of a word that leaves a thing open, -1 without one.
func (p *passage) opinionOf() int {
	for i := range p.c.t {
		if openWords[p.word(i)] {
			return i
		}
	}
	return -1
}

// deniedAt reports that the word at i is denied: "not optional", "never an optional extra", "by no
// means a matter of taste".
func (p *passage) deniedAt(i int) bool {
	for k := i - 1; k >= max(0, i-5); k-- {
		switch w := p.word(k); {
		case negators[w] && w != "without" && w != "hardly":
			return k == 0 || p.word(k-1) != "why" && p.word(k-1) != "if"
		case p.c.t[k].class != "" || p.c.t[k].food != nil:
			return false
		}
	}
	return false
}

// leftOpen reports a thing that is called optional, and not in order to deny it.
func (p *passage) leftOpen() bool {
	for i := range p.c.t {
		if p.word(i) == "optional" && !p.deniedAt(i) {
			return true
		}
	}
	return false
}

// forbidsLess reports that there must not be less: "you can't use less vinegar".
func (p *passage) forbidsLess() bool {
	return !p.mayHarm() && !p.c.hasNumber() && !p.says("than", "unless", "until", "till", "but", "if") && p.less()
}

// less reports that less of something, or a shorter time, is forbidden.
func (p *passage) less() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if !negators[w.low] || w.low == "no" || w.low == "without" || w.low == "not" && i > 0 && (p.word(i-1) == "why" || p.word(i-1) == "if") {
			continue
		}
		k, verbs := i+1, 0
		for ; k < len(p.c.t) && (adverbs[p.word(k)] || p.word(k) == "be" || p.word(k) == "tempted" || p.word(k) == "to" || p.word(k) == "try"); k++ {
			if p.c.t[k].isVerb && !p.c.t[k].aux {
				verbs++
			}
		}
		if k+1 >= len(p.c.t) || !p.c.t[k].isVerb || len(p.c.verbIndexes()) != verbs+1 {
			continue
		}
		switch p.c.t[k].verb {
		case "cut", "trim", "shorten", "lower", "reduce":
			if p.says("the vinegar", "the lemon", "the lemon juice", "the acid", "the time", "it short", "the minutes", "back on the vinegar", "down the vinegar") {
				return true
			}
		case "use", "add", "put", "take", "try", "go", "give", "have", "stint", "skimp":
			next := p.word(k + 1)
			if next == "less" || next == "fewer" || next == "any" && (p.word(k+2) == "less" || p.word(k+2) == "fewer") {
				return true
			}
		}
	}
	return false
}

// mayHarm reports whether the clause names what no jar should hold: that it must be there
// is no comfort.
func (p *passage) mayHarm() bool {
	if p.notEaten() {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if coating[w.class] || w.class == Vague || stuff[w.class] && w.class != Acid && w.class != Salt && w.class != Sugar && w.class != Liquid && w.class != Water && w.class != Pronoun || w.food.In("fat", "dairy", "thickener", "egg", "starch-solid") {
			return true
		}
	}
	return false
}

// orElse reports what would happen else: "stir all the while, or it'll catch".
func (p *passage) orElse() bool {
	if p.c.joint != "or" || p.names(stuff) && !p.hasClass(Pronoun) || p.puts() || p.c.hasNumber() || p.dangerWords() || p.before == nil {
		return false
	}
	switch p.word(0) {
	case "it'll", "they'll", "you'll", "it'd", "they'd", "you'd", "that'll":
	case "it", "they", "you":
		if w := p.word(1); w != "will" && w != "would" && w != "may" && w != "might" && w != "could" {
			return false
		}
	default:
		return false
	}
	return p.does("burn catch scorch stick brown darken split burst break crack float boil foam spit spill go turn regret sorry siphon weep bleed lose cry") && !p.says("can", "could")
}

// onOnesBody reports what a thing does to eyes, nose or hands: "the vinegar will make your
// eyes run".
func (p *passage) onOnesBody() bool {
	if !p.does("make sting burn hit get catch irritate stain tickle hurt water smart bite") || p.puts() || p.c.hasNumber() || p.dangerWords() {
		return false
	}
	for i := 0; i+1 < len(p.c.t); i++ {
		switch p.word(i) {
		case "your", "my", "his", "her", "you", "me":
			if bodyParts[p.word(i+1)] {
				return true
			}
		case "the":
			if p.word(i+1) == "skin" && p.does("bite irritate sting") {
				return true
			}
		}
	}
	return false
}

var bodyParts = set("eyes eye nose throat hands fingers skin lungs lips cheeks arms knuckles nostrils")

// whichTakes reports how long the step before takes, said of it and of nothing else: "let it
// come down on its own, which takes the best part of an hour".
func (p *passage) whichTakes() bool {
	if p.before == nil || p.names(stuff) && !p.hasClass(Pronoun) || p.hasClass(Jar) || p.hasClass(Canner) {
		return false
	}
	if w := p.word(0); w != "which" && w != "this" && w != "that" || !p.c.measured(english.Duration) && !p.says("hour", "while", "age", "ages") || !p.does("take") || len(p.c.verbIndexes()) != 1 {
		return false
	}
	for _, s := range p.before.acts(p.at.Closed) {
		switch s.frame.Act {
		case "natural-cool", "cool-jars", "come-to-pressure", "heat-up", "soak", "stand", "peel", "shell", "cut", "heat-off", "drain":
			return true
		}
	}
	return false
}
