package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// danger looks in a clause for what no act has claimed: a share of an amount or a
// time, a step made optional, one thing for another. It returns the code that it
// may be about and why, both empty where nothing is left.
func (p *passage) danger(acts []Act) (code, why string) {
	for _, look := range []func([]Act) (string, string){p.halfHeat, p.forms, p.timing, p.undone, p.foregone, p.spared, p.shares, p.licence, p.another, p.mush, p.overJars, p.pressed, p.unsaid, p.perJar, p.kettleWater, p.standIn, p.closing, p.acidBy, p.already, p.wholesale, p.fromAway, p.otherForm, p.smokedOrCured, p.coolFilled, p.misused, p.signs, p.unlicensed, p.alarmed, p.besideProcess, p.anotherFigure, p.letsDrop, p.coldWater} {
		if code, why := look(acts); why != "" {
			return code, why
		}
	}
	return "", ""
}

// safety are the acts that must be done where the procedure asks for them, with
// the code, or the doubt, of leaving them undone.
var safety = map[string]string{"peel": "unpeeled-root", "soak": "dry-legume-unsoaked", "vent": "vent", "process": "process-short", "pressure-process": "process-short", "boil-bath": "process-short",
	"boil": "pack-style", "heat": "pack-style", "brown": "pack-style", "drain": "drain", "trim": "trim", "skim": "trim", "headspace": "headspace", "wipe-rim": "rims", "band": "lid", "rinse": "base-added", "dose-jar": "acid-short", "restart": "process-short", "blanch": "pack-style", "weight-on": "vent", "simmer": "pack-style", "hold": "process-short", "natural-cool": "cooling"}

// smokedOrCured reports meat or fish that is smoked or cured here.
func (p *passage) smokedOrCured(acts []Act) (string, string) {
	for _, a := range acts {
		if (a.Name == "smoke" || a.Name == "cure") && !a.Undone && !p.at.Filled && !p.negated() {
			return "cured-meat", "smoked or cured"
		}
	}
	return "", ""
}

// coolFilled reports food that is left to cool before it is filled.
func (p *passage) coolFilled(acts []Act) (string, string) {
	if !p.at.Filled && p.says("from the freezer", "out of the freezer", "straight from frozen", "still frozen", "while frozen", "frozen as it is", "frozen as they are", "as frozen") && !p.negated() && !p.c.unit().hasAny([]string{"thaw", "thawed", "thaws", "defrost", "defrosted"}) && !p.says("jars", "lids") {
		return "pack-style", "frozen"
	}
	for _, a := range acts {
		if a.Name == "cool-food" && !a.Undone && !p.negated() && p.c.unit().hasAny([]string{"lukewarm", "before you fill", "before filling", "before it goes in", "then fill", "then jar", "and jar", "and fill"}) {
			return "pack-style", "filled cold"
		}
	}
	return "", ""
}

// undone reports a step of safety said not to be done.
func (p *passage) undone(acts []Act) (string, string) {
	if first := p.word(0); first == "that" || first == "so" || p.c.joint == "so" {
		return "", "" // "so that they do not brown"
	}
	if p.does("measure weigh") && p.negated() && (p.hasClass(Acid) || p.says("lemon", "lime")) {
		return "acid-short", "acid that nobody measures"
	}
	for _, a := range acts {
		if a.frame != nil && !a.frame.Undone && !p.negatesVerb(a.Verb) {
			continue
		}
		if a.Name == "peel" && !p.says("peel", "peeled", "peeling", "skin", "skins", "pare", "jackets") {
			continue
		}
		if (a.Name == "boil" || a.Name == "simmer") && a.Undone && p.at.Filled && !p.at.Done && p.says("boil", "boils", "boiling", "simmer", "simmers", "bubble") && !p.says("over", "dry", "hard", "too", "away", "until", "before", "off", "again", "down") {
			return "process-short", "not boiling"
		}
		if a.Name == "weight-on" && p.after != nil && (p.after.joint == "until" || p.after.joint == "till" || p.after.joint == "before" || p.after.kind == condition) {
			continue // "don't put the weight on before it steams"
		}
		if code := safety[a.Name]; code != "" && a.Undone && !(a.Name == "band" && (p.at.Done || p.says("too", "down"))) && !p.says("too long", "hard", "again", "over", "before", "until", "too much", "more than", "once you", "once the", "dry", "longer", "all the way") {
			return code, "a step undone"
		}
	}
	return "", ""
}

// negatesVerb reports whether a negator, or "used to", belongs to the verb: a "no" behind it
// may be another's, as in "skim it, so there is no grease", and is its own in "wipe no rims".
func (p *passage) negatesVerb(verb string) bool {
	if p.sharesDenial() {
		return true
	}
	at := -1
	for i := range p.c.t {
		if verb != "" && p.c.t[i].low == verb && p.c.t[i].isVerb {
			at = i
		}
	}
	for i := range p.c.t {
		w := p.c.t[i].low
		if w == "used" || negators[w] && !p.limits(i) && (w != "no" || i < at || at < 0 || !anyOf(p.c.t[at+1:i], purpose)) {
			return true
		}
	}
	return false
}

// purpose are words that open what an act is for.
var purpose = set("so that there there's until till lest")

func anyOf(t []token, words map[string]bool) bool {
	return slices.ContainsFunc(t, func(w token) bool { return words[w.low] })
}

// neverDoes reports that the cook does not do what the clause before tells: "you're meant to
// trim the fat but I never do".
func (p *passage) neverDoes() (string, string) {
	if p.before == nil || len(p.c.t) > 6 || p.c.hasNumber() || p.word(0) != "i" && p.word(0) != "we" && p.word(1) != "i" && p.word(1) != "we" || !p.does("do bother") && !p.says("don't", "never", "didn't", "can't be bothered") {
		return "", ""
	}
	not := false
	for i := range p.c.t {
		w := &p.c.t[i]
		not = not || negators[w.low]
		if w.isVerb && !w.aux && w.verb != "do" && w.verb != "bother" && w.verb != "be" {
			return "", ""
		}
	}
	if told := (&passage{c: p.before, at: p.at, r: p.r}); !not || told.third() && !told.names(stuff) && !told.hasClass(Pronoun) && !told.names(trade) {
		return "", "" // "He scraped the red out of the middle, I don't bother."
	}
	for _, s := range p.before.acts(p.at.Closed) {
		if code := safety[s.frame.Act]; code != "" && !s.frame.Undone && !(&passage{c: p.before}).negated() {
			return code, "a step undone"
		}
	}
	return "", ""
}

// foregone reports a step of safety that is named as a thing and done without: "No
// trimming", "without draining", "Trimming is a waste", "Trim none".
func (p *passage) foregone([]Act) (string, string) {
	if p.at.Done {
		return "", ""
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.inner || w.verb == "" || !p.doneWithout(i) || p.spares(i) {
			continue
		}
		if p.stepAt(i) == "vent" {
			return "vent", "a step done without" // "no letting the steam out"
		}
		for _, f := range p.r.frames[w.verb] {
			if code := safety[f.Act]; code != "" && len(f.rest) == 0 && (len(f.What) == 0 || p.c.hasAny(f.What)) {
				return code, "a step done without"
			}
		}
	}
	return "", ""
}

// doneWithout reports whether the step that the word at i names is done without.
func (p *passage) doneWithout(i int) bool {
	if next := p.word(i + 1); next == "none" || next == "nothing" {
		return i == 0 || subjects[p.word(i-1)] // "trim none", not "his jars get none"
	}
	if !strings.HasSuffix(p.c.t[i].low, "ing") || p.c.t[i].low == "cooking" && i+1 < len(p.c.t) && p.c.t[i+1].food != nil {
		return false
	}
	k := i - 1
	for determiners[p.word(k)] && p.word(k) != "no" {
		k--
	}
	switch p.word(k) {
	case "no", "without":
		return true
	case "skip", "skipping", "quit", "omit", "omitting", "drop", "ditch", "forgo", "shirk", "miss", "forget", "bypass":
		return !p.negatedAt(k)
	case "off", "out":
		return (p.word(k-1) == "leave" || p.word(k-1) == "left" || p.word(k-1) == "leaving" || p.word(k-1) == "miss" || p.word(k-1) == "cut") && !p.negatedAt(k-1)
	case "with":
		return p.word(k-1) == "dispense" || p.word(k-1) == "away"
	case "of", "for", "in":
		return p.says("no need of", "no need for", "no point in", "no sense in", "no use in")
	}
	return i == 0 && p.says("a waste", "pointless", "needless", "unnecessary", "nonsense", "not needed", "no use")
}

// mush reports food that is cooked or worked to a mass.
func (p *passage) mush([]Act) (string, string) {
	if p.negated() {
		return "", ""
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; w.Text == "rag" && (p.word(i-2) == "on" || p.word(i-2) == "with" || p.word(i-2) == "in") {
			continue
		}
		if w := &p.c.t[i]; w.food == nil && !w.inner && masses[w.Text] && (p.word(i-1) == "to" || p.word(i-1) == "into" || p.word(i-1) == "a" || p.word(i-1) == "are" || p.word(i-1) == "is" || p.word(i-1) == "go" || p.word(i-1) == "till" || p.word(i-1) == "until") {
			return "puree", "a mass"
		}
	}
	return "", ""
}

var masses = set("mush mushy pulp paste puree mash sludge slop gruel porridge rag shred")

// overJars reports boiling water over jars that are closed, in place of a process.
func (p *passage) overJars([]Act) (string, string) {
	if p.puts() && p.says("over the closed jars", "over the sealed jars", "over the jars", "on the closed jars", "onto the jars", "over the lids", "over the filled jars") && (p.at.Filled || p.says("closed", "sealed", "lids")) && !p.says("towel", "cloth", "blanket") {
		return "open-kettle", "water over the jars"
	}
	return "", ""
}

// pressed reports solids pressed down in the jar.
func (p *passage) pressed([]Act) (string, string) {
	if !p.at.Done && p.says("hardly any water", "hardly any liquid", "hardly any broth", "barely any water", "barely any liquid", "next to no liquid", "right up with") && !p.does("boil simmer cook steam") {
		return "", "hardly any liquid"
	}
	if !p.at.Done && p.does("pack fill load stuff") && p.says("up to the neck", "right up to", "to the shoulders", "to the shoulder", "right to the top") && !p.negated() {
		return "solids-ratio", "filled with solids"
	}
	if !p.at.Done && p.does("fill pack top load") && p.says("with solids", "with the solids", "all solids", "full of solids", "mostly solids") && !p.says("half", "halfway", "half-way", "part", "two", "three") && !p.verbNegated() {
		return "solids-ratio", "filled with solids"
	}
	if p.c.unit().hasAny([]string{"juice comes up", "fill with juice", "fills with juice", "juice fills", "juices fill", "juice covers", "juice rises", "fill the holes", "fills the holes", "spaces fill", "spaces between them fill", "gaps fill"}) {
		return "", "" // until their own juice covers them
	}
	if !p.at.Done && p.does("press push cram stuff jam squash squish tamp ram") && (p.hasClass(Jar) || p.at.Filled) && p.says("down", "tight", "tightly", "full", "firmly", "hard", "as much", "as many") && !p.negated() && !p.hasClass(Lid) && !p.hasClass(Bubble) {
		return "solids-ratio", "pressed down"
	}
	return "", ""
}

// halfDone reports how far food is cooked before it is filled: "I half cook it first", "till about half
// soft".
func (p *passage) halfDone(i int) bool {
	if p.c.t[i].low != "half" || p.at.Filled || i+1 >= len(p.c.t) {
		return false
	}
	meat := p.hasClass(Meat) || p.at.named("chicken") || p.at.named("rabbit")
	return p.c.t[i+1].verb == "cook" && meat || p.word(i+1) == "soft" || p.word(i+1) == "tender"
}

// noShare reports a half, a third or a quarter that cuts nothing short.
func (p *passage) noShare(i int) bool {
	return p.halfDone(i) || p.inTurn(i) || p.partRipe(i) || p.twoKinds(i)
}

// twoKinds reports halves that are kinds of one food: "half sweet and half tart", "half red, half yellow tomatoes".
func (p *passage) twoKinds(i int) bool {
	halves, of := 0, p.word(i)
	for k := i; k < len(p.c.t); k++ {
		switch w := &p.c.t[k]; {
		case w.low == of:
			halves++
		case w.Kind == words.Mark || w.low == "and":
		case kindOf[w.low], p.ofClass(k, "own"):
		default:
			return false
		}
	}
	if p.hasClass(Acid) || p.hasClass(Sugar) {
		return false
	}
	return halves == 2 && !p.at.Filled
}

// kindOf are words that tell two kinds of one fruit or vegetable apart and change nothing that was tested.
var kindOf = set("red yellow white purple pink gold golden orange striped dark light green sweet tart sour firm ripe " +
	"big small large little early late ones")

// noAmount reports a word that is a part of a name, or goes with the size of the jar.
func (p *passage) noAmount(i int) bool { return p.c.t[i].inner || p.byTheJar(i) }

// byTheJar reports an amount that goes with the size of the jar: "1 tsp to the pint, half that for
// half-pints".
func (p *passage) byTheJar(i int) bool {
	verbs := p.c.verbIndexes()
	other := len(verbs) > 1 || len(verbs) == 1 && verbs[0] != i
	if other || p.at.Closed || p.c.measured(english.Duration) || i+2 >= len(p.c.t) {
		return false
	}
	next := p.word(i + 1)
	what := next == "that" || next == "it" || next == "for" || next == "as" && p.word(i+2) == "much"
	less := p.c.t[i].low == "half" && (p.says("for half-pints", "in half-pints", "for half pints") ||
		p.says("for pints", "in pints") && p.c.unit().hasAny([]string{"quart", "quarts"}))
	more := (p.c.t[i].low == "twice" || p.c.t[i].low == "double") && (p.says("for quarts", "in quarts") ||
		p.says("for pints", "in pints") && p.c.unit().hasAny([]string{"half-pint", "half-pints", "half pint"}))
	return what && (less || more)
}

// inTurn reports a share that is followed by the rest: "half the apples at a time in the syrup".
func (p *passage) inTurn(i int) bool {
	return !p.at.Filled && p.says("at a time") && p.word(i-1) != "by" && !p.says("the time") &&
		p.shareOf(i) != "acid-short"
}

// partRipe reports how much of the fruit is not ripe yet: "a quarter of them under-ripe".
func (p *passage) partRipe(i int) bool {
	if p.at.Filled || p.negated() || p.shareOf(i) != "unclear-amount" {
		return false
	}
	for k := i + 1; k < len(p.c.t) && k <= i+5; k++ {
		switch p.c.t[k].low {
		case "ripe", "underripe", "under-ripe", "unripe":
			return true
		}
	}
	return false
}

// shares reports "half the time", "twice the garlic", "a third of the sugar".
func (p *passage) shares(acts []Act) (string, string) {
	c := p.c
	if p.says("every other", "every second") && p.says("day", "hour", "minute", "night", "week") {
		return "", ""
	}
	if p.says("every other", "every second", "only the big", "only the top", "some of the jars", "most of the jars") || p.c.has("divide") && p.hasClass(Acid) {
		return p.shareOf(0), "a share"
	}
	if p.hasClass(Acid) && (p.says("every jar but", "each jar but", "all but", "except", "apart from", "save for", "bar the", "into one jar", "in one jar", "into the first", "some of the jars")) && !p.negated() {
		return "no-acid-added", "not in every jar"
	}
	if p.hasClass(Acid) && p.says("most of", "some of", "part of", "not all of", "nearly all", "almost all", "the best part of", "the better part of") && !p.says("jars", "wipe", "rims", "rim") && !p.negated() {
		return "acid-short", "not all of it"
	}
	if code := p.tooFull(); code != "" {
		return code, "too full"
	}
	if code := p.more(); code != "" {
		return code, "more"
	}
	for i := range c.t {
		w := &c.t[i]
		if w.m != 0 || p.noAmount(i) || w.isVerb && (w.low == "quarter" || w.low == "halve") {
			continue
		}
		switch w.low {
		case "half", "third", "thirds", "quarter":
			if next := p.word(i + 1); w.low == "quarter" && (i+1 >= len(c.t) || c.t[i+1].Kind == words.Mark || next == "and" || subjects[next] || next == "them" || next == "the" || w.isVerb) {
				continue // what one does to an apple
			}
			if p.claimedShare(i, acts) || p.noShare(i) {
				continue // "I half cook it first"
			}
			return p.shareOf(i), "a share"
		case "double", "twice", "triple", "treble", "doubled", "doubling", "tripled", "halved", "halve":
			if next := p.word(i + 1); w.low == "twice" && (i+1 >= len(c.t) || next == "more" || p.says("amount", "amounts") && p.hasClass(Jar) || next == "around" || next == "on" || next == "over" || next == "before" || next == "to" || next == "a" || next == "," || next == "." || next == "in" || next == "with" || next == "and" || next == "through" || c.t[i+1].Kind == words.Mark) || next == "check" || p.says("amounts for", "amount for") || next == "boiler" || next == "layer" || next == "-" {
				continue
			}
			if (p.word(0) == "never" || p.word(0) == "don't" || p.word(0) == "do" && p.word(1) == "not") && w.isVerb && !p.says("without", "unless", "only") {
				continue // "never double jam"
			}
			if w.low == "halve" || w.low == "halved" {
				if code := p.shareOf(i); code != "acid-short" && code != "process-short" && code != "sugar-change" && !p.says("recipe", "batch", "everything", "amounts", "quantities") {
					continue // peaches are halved
				}
			}
			return p.shareOf(i), "a multiple"
		}
	}
	return "", ""
}

func (p *passage) word(i int) string {
	if i < 0 || i >= len(p.c.t) {
		return ""
	}
	return p.c.t[i].low
}

// claimedShare reports whether the share at i belongs to a measure, a cut or a
// level.
func (p *passage) claimedShare(i int, acts []Act) bool {
	before, next, after := p.word(i-1), p.word(i+1), p.word(i+2)
	switch {
	case next == "of" && (after == "it" || after == "them") && p.does("crush mash leave chop cut slice puree") && !p.says("out"):
		return true // a form, no amount
	case p.word(i) == "third" && next != "of" && next != "the" && next != "less" && next != "more" && (determiners[before] || before == "") && i+1 < len(p.c.t) && !stuff[p.c.t[i+1].class] && p.c.t[i+1].class != Clock:
		return true // the one after the second
	case next == "-" && after != "" || kitchenUnit(next) || (next == "a" || next == "an") && (kitchenUnit(after) || after == "inch" || after == "dozen"):
		return true
	case (before == "in" || before == "into") && next != "of" && !determiners[next], before == "cut" || before == "by" && p.says("reduced", "cook", "boil", "down", "volume"):
		return true
	case next == "full" || next == "fill" || next == "way" || next == "filled" || next == "solids" || next == "liquid" || next == "and" && after == "half":
		return true
	case p.says("volume", "reduced by", "reduced almost", "reduced nearly", "reduced about") || p.c.kind == result && p.says("down", "gone", "volume", "reduced", "what it was", "left"):
		return true
	case before == "-" && p.says("reduce", "thin", "thick", "sauce", "simmer", "boil", "down"):
		return true
	case next == "cooked" || next == "ripe" || next == "set" || before == "one" && p.says("reduce", "thin", "thick", "sauce", "simmer", "boil", "down") || next == "gone" || next == "done" || next == "what" || next == "off" || before == "other" || (next == "of" || next == "the") && p.near(i, "jar", "jars", "way"):
		return true
	case next == "an" || next == "of" && (after == "an" || after == "a"):
		return true
	case before == "and" || p.word(i-2) == "and" && before == "a", before == "one" && next != "the" && next != "of":
		return true
	}
	if i > 0 && p.c.t[i-1].Kind == words.Number {
		return true
	}
	for _, a := range acts {
		switch a.Name {
		case "cut", "gel-test", "pack", "headspace", "load", "add-water", "layer":
			return true
		case "fill":
			return p.says("jar", "jars", "pints", "quarts", "full")
		}
	}
	return false
}

// hasClass reports whether a thing of the class is named.
func (p *passage) hasClass(class Class) bool {
	for i := range p.c.t {
		if p.c.t[i].class == class {
			return true
		}
	}
	return false
}

// tooFull reports jars that are filled more than half with solids: "3/4 full",
// "two thirds".
func (p *passage) tooFull() string {
	raw := make([]words.Token, len(p.c.t))
	for i := range p.c.t {
		raw[i] = p.c.t[i].Token
	}
	for i := range raw {
		if v, n := english.Number(raw, i); n > 0 && v > 0.55 && v < 1 && (p.word(i+n) == "full" || p.near(i+n-1, "full", "way")) && p.says("solids", "meat", "vegetables", "veg", "pieces", "chunks", "beans") {
			return "solids-ratio"
		}
	}
	return ""
}

// more reports "5 more cups of onions", "another onion", "extra garlic".
func (p *passage) more() string {
	c := p.c
	for i := range c.t {
		switch c.t[i].low {
		case "another", "extra", "more":
		default:
			continue
		}
		if p.verbNegated() || p.word(i-1) == "no" || p.word(i-1) == "not" {
			return ""
		}
		if p.says("as needed", "if needed", "if necessary", "minutes", "minute", "hour", "or less", "no more", "any more", "once more", "than") {
			return ""
		}
		for k := i + 1; k < len(c.t) && k <= i+5 && c.t[k].Kind != words.Mark && !c.t[k].isVerb; k++ {
			switch w := &c.t[k]; w.class {
			case Liquid, Water, Salt, Pronoun, "":
			case Acid:
				return ""
			default:
				if stuff[w.class] {
					return "low-acid-increase"
				}
			}
		}
	}
	return ""
}

// near reports whether any of the words stands within four words behind i.
func (p *passage) near(i int, words ...string) bool {
	for k := i + 1; k <= i+4; k++ {
		for _, w := range words {
			if p.word(k) == w {
				return true
			}
		}
	}
	return false
}

func kitchenUnit(w string) bool {
	switch words.Fold(w) {
	case "cup", "tablespoon", "teaspoon", "tbsp", "tsp", "inch", "pint", "gallon", "pound", "lb", "hour", "minute", "dozen", "quart", "oz", "ounce", "litre", "liter", "kilo", "kg", "in", "bushel", "peck", "stick", "teaspoonful", "cm", "tsp.", "c", "full", "liters", "packet", "package", "box", "day", "year", "mile":
		return true
	}
	return false
}

// shareOf names the code of the thing that the share is of.
func (p *passage) shareOf(i int) string {
	if p.says("time", "times", "long", "minute", "minutes", "process", "load", "wait", "clock", "through") || p.c.measured(english.Duration) {
		return "process-short"
	}
	for k := range p.c.t {
		switch p.c.t[k].class {
		case Acid:
			return "acid-short"
		case Sugar:
			return "sugar-change"
		}
	}
	if p.says("lemon", "lime", "vinegar", "acid", "sour") {
		return "acid-short"
	}
	return "unclear-amount"
}

// licensed reports words that leave a thing to liking.
func (p *passage) licensed() bool { return p.leftOpen() || p.says(likings...) }

var likings = []string{
	"if you remember", "if you think of it", "if there is time", "if you have time", "if you can be bothered",
	"if i remember", "if i think of it", "when i remember", "if you like", "if you want", "up to you", "or not",
	"no need", "not needed", "not necessary", "unnecessary", "never bother", "don't bother", "not bother",
	"do not bother", "skip", "do without", "doesn't need", "don't need", "does not need", "no call for",
	"makes no odds", "take it or leave it", "not essential", "waste of", "overrated",
}

// licence reports a step or an ingredient said to be optional.
func (p *passage) licence(acts []Act) (string, string) {
	if p.says("don't need to", "do not need to", "no need to", "doesn't need to") && p.does("know worry fret understand ask fuss fear panic") && !p.hasClass(Clock) && !p.hasClass(Pressure) && !p.says("minute", "minutes", "time", "pressure") {
		return "", "" // "with a weight you don't need to know"
	}
	if p.says("no need", "needn't", "don't need", "do not need") && p.does("crush mash stir shake press prick") && !p.hasClass(Acid) && !p.hasClass(Canner) {
		return "", "" // "no need to crush those"
	}
	if p.licensed() {
		for k := range p.c.t {
			w := &p.c.t[k]
			switch w.class {
			case Acid:
				return "no-acid-added", "licence"
			case Liquid:
				if p.says("optional") && w.food != nil {
					return "omission", "licence"
				}
			case Canner, Clock, Pressure, Steam, Weight:
				if p.says("altitude", "adjust", "sugar") {
					continue
				}
				return "process-short", "licence"
			}
		}
		for _, a := range acts {
			if code := safety[a.Name]; code != "" {
				return code, "licence"
			}
		}
	}
	return "", ""
}

// another reports one thing in the place of another.
func (p *passage) another(acts []Act) (string, string) {
	for _, a := range acts {
		if a.Name == "replace" && !a.Undone && !p.negated() && p.hasClass(Acid) && p.does("swap replace substitute exchange trade switch") {
			return "acid-swap", "replaced"
		}
	}
	if p.says("instead of", "in place of", "in the place of", "in its place", "rather than", "in lieu of", "can be used for", "may be used for", "stands in for", "stand in for") {
		for k := range p.c.t {
			switch p.c.t[k].class {
			case Acid:
				return "acid-swap", "instead"
			case Canner, Clock, Pressure:
				return "process-short", "instead"
			}
		}
	}
	return "", ""
}

// Telling reports whether the word says something of an amount or a form that must
// not be passed over.
func Telling(w string) bool { return masses[w] || changers[w] || strange[w] }
