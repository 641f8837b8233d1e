package method

import (
	"strings"

	"damson/core/english"
)

// What becomes of jars once their process is over. A jar with a sign of spoilage is thrown away,
// untasted; one that did not seal is processed whole again with a new lid, chilled, frozen or
// eaten; none is opened to be filled up (USDA Complete Guide 2015, guide 1; from memory).

// kept reports a jar after its process that meets with something else.
func (p *passage) kept() (code, why string) {
	switch {
	case !p.at.Done:
	case p.hasClass(Wax) && (p.hasClass(Rim) || p.hasClass(Lid) || p.hasClass(Band) || p.hasClass(Jar) || p.hasClass(FullJar)) && (p.puts() || p.unsealedJar() || !p.negated()):
		return "lid", "wax on a lid"
	case p.spoiledJar():
		return "lid", doubtedJar
	case p.fateOfUnsealed():
		return "lid", "kept without a seal"
	case p.stateOfJar():
		return "lid", "what becomes of a jar like that"
	case p.refilled(), p.opensToMend():
		return "lid", "opened and filled up"
	case p.closedAgain():
		return "lid", "closed again"
	case p.chilledHot():
		return "cooling", "hot into the cold"
	case p.triedByTaste():
		return "lid", doubtedJar
	}
	return "", ""
}

// doubtedJar is why a jar that may be spoiled is asked about.
const doubtedJar = "a jar in doubt"

// remedy is how far around a clause its own remedy is looked for, in words.
const remedy = 14

var (
	thrownAway = []string{"throw", "thrown", "discard", "bin", "bin it", "dump", "destroy", "bury", "trash", "rubbish", "garbage", "toss", "pitch", "get rid", "out it goes", "out they go", "dispose", "uneaten", "untasted", "without tasting"}
	lookedAt   = []string{"check", "look for", "look at", "look out for", "watch for", "watch out for", "examine", "inspect", "warn", "beware", "a sign"}
	eatenSoon  = []string{"fridge", "refrigerator", "refrigerate", "icebox", "ice box", "freezer", "freeze", "chill", "tonight", "today", "tomorrow", "same day", "that day", "next day", "that night", "that evening", "this week", "a few days", "few days", "two days", "three days", "24 hours", "twenty-four hours", "a day", "first", "at once", "straight away", "right away", "soon", "for supper", "for dinner", "for lunch"}
	doneAgain  = []string{"new lid", "new lids", "fresh lid", "fresh lids", "another lid", "whole time", "full time", "full process", "whole process", "same time", "reprocess", "process again", "process it again", "process them again"}
)

// badSmells are what food that has spoiled smells or looks of.
var badSmells = set("odd funny strange sour bad wrong queer rank foul rotten weird yeasty cheesy suspicious unpleasant")

// spoilStems are the words of a jar that nobody must eat from, by their stems.
var (
	spoilStems = []string{"spurt", "fuzz", "fizz", "froth", "foam", "mould", "mold", "slime", "slimy", "murky", "cloudy", "ferment", "rotten", "spoil", "furry"}
	leaking    = []string{"leak", "ooz", "bulg", "swoll", "domed"}
	// inDoubt are words of a jar that nobody must eat from, or that did not seal.
	inDoubt = []string{"cloudy", "bulging", "swollen", "leaking", "leaked", "unsealed", "lost its seal", "lost their seal", "lost the seal", "did not seal", "didn't seal", "never sealed", "smells off", "smell off", "smells odd", "fizzing", "fizzy", "spurts", "mouldy", "moldy", "smells funny", "looks funny", "suspicious", "doubtful", "doubt", "not sealed", "come unsealed", "came unsealed", "popped up", "off colour", "off color"}
	opened  = []string{"later", "in the cupboard", "on the shelf", "when you open", "when it is opened", "on opening", "when opened", "as you open", "once you open"}
)

// spoiledJar reports a sign of spoilage that is followed by anything but throwing it away: "if it
// spurts, boil it and eat it".
func (p *passage) spoiledJar() bool {
	sign := p.says("doubtful", "in doubt", "suspicious", "looks funny", "off colour", "off color", "gone off", "smells off", "smell off", "tastes off", "taste off", "tastes odd", "lost its seal", "lost the seal", "lost their seal", "of fur", "milky water", "white scum", "gassy", "like cheese", "the bad ones", "bad jars", "the sour ones", "milky liquid", "has turned", "have turned")
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.m != 0 || w.inner {
			continue
		}
		for _, stem := range spoilStems {
			sign = sign || strings.HasPrefix(w.low, stem)
		}
		sign = sign || (w.verb == "bubble" || w.low == "bubbles" || w.verb == "spit") && p.c.around(remedy).hasAny(opened)
		for _, stem := range leaking {
			sign = sign || strings.HasPrefix(w.low, stem) && (p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Lid) || p.hasClass(Pronoun) || p.says("one", "ones"))
		}
		if w.verb == "smell" || w.low == "smell" || w.low == "smells" || w.low == "odour" || w.low == "odor" {
			sign = sign || p.any(badSmells)
		}
	}
	if !sign || (p.negated() || p.before != nil && p.before.denied() && p.c.joint == "or") && !p.shrugs() {
		return false
	}
	u := p.c.around(remedy)
	return !u.hasAny(thrownAway) && (p.shrugs() || !u.hasAny(lookedAt) && !p.reportsOnly())
}

// advises reports what somebody says of jars, which the cook may do: "Mum says a cloudy jar only
// wants another boil".
func (p *passage) advises() bool { return p.does("say swear tell reckon think claim insist advise") }

// reportsOnly reports a clause that only says how things were, with nothing done about them:
// "one jar leaked".
func (p *passage) reportsOnly() bool {
	if p.warnsOf() {
		return true
	}
	past := p.says("did", "didn't", "has", "have", "had", "was", "were")
	for _, v := range p.c.verbIndexes() {
		w := &p.c.t[v]
		if !w.aux && w.verb != "leak" && w.verb != "seal" && w.verb != "break" && w.verb != "fail" && w.verb != "bulge" {
			return false
		}
		past = past || strings.HasSuffix(w.low, "ed") || w.low == "broke"
	}
	return past && p.before == nil && p.after == nil && p.c.kind == mainClause && hasVerb(p.c.t) && !p.says("keep", "save", "store", "eat", "shelf", "cellar", "pantry")
}

// unsealedJar reports that the clause is about a jar that is not sealed.
func (p *passage) unsealedJar() bool {
	if p.says("soft lid", "soft lids", "lid is soft", "lids are soft", "lid that gives", "lids that give", "unsealed", "not sealed", "did not seal", "do not seal", "does not seal", "never sealed", "failed to seal", "fail to seal", "fails to seal", "lost its seal", "lost the seal", "lost their seal", "springs back", "spring back", "springs up", "sprang up", "pops back", "pops up", "popped up", "stays up", "stay up", "comes loose", "come loose", "came loose", "lid lifts", "lid is loose") {
		return true
	}
	return p.negated() && (p.does("seal ping pop suck") || p.does("take") && !p.hasClass(Jar)) && p.ofJars()
}

// ofJars reports a clause that names the jars or some of them, or hangs on one that does.
func (p *passage) ofJars() bool {
	return p.hasClass(Lid) || p.hasClass(FullJar) || p.hasClass(Jar) || p.says("one", "ones", "any", "some", "those", "which", "whichever", "that") || p.c.kind != mainClause
}

// fateOfUnsealed reports a jar without a seal that is neither chilled, eaten, thrown away nor
// processed whole again.
func (p *passage) fateOfUnsealed() bool {
	if !p.unsealedJar() {
		return p.says("if they seal", "whether they seal", "if it seals", "whether it seals", "the seal", "the seals") && (p.shrugs() || p.before != nil && (&passage{c: p.before}).shrugs()) && !p.hasClass(Band)
	}
	if p.reportsOnly() || p.notEaten() || p.c.kind == condition && p.after == nil && p.before == nil {
		return false
	}
	u := p.c.around(remedy)
	return !u.hasAny(thrownAway) && !u.hasAny(eatenSoon) && !u.hasAny(doneAgain) && !u.hasAny(lookedAt)
}

// notEaten reports what nobody is to eat: "do not taste food from a jar with an unsealed lid".
func (p *passage) notEaten() bool {
	first := p.word(0) == "never" || p.word(0) == "don't" || p.word(0) == "do" && p.word(1) == "not"
	return first && p.does("eat taste serve") && !p.says("until", "till", "unless", "before", "without", "but", "only",
		"just")
}

// warnsOf reports a warning of what may come of something: "forced cooling may cause food spoilage".
func (p *passage) warnsOf() bool {
	return p.says("may cause", "can cause", "could cause", "might cause", "may lead to", "can lead to", "causes",
		"may result in") &&
		!p.negated() && len(p.c.verbIndexes()) <= 3
}

// stateOfJar reports a condition about a lid or a seal whose jar is neither thrown away, eaten
// soon, done again whole nor left alone: "if the lid pops up on the shelf, heat those".
func (p *passage) stateOfJar() bool {
	if p.c.kind != condition || p.after == nil || p.negated() {
		return false
	}
	about := p.hasClass(Lid) || p.does("seal hiss leak spring bulge spurt smell") || p.says("come undone", "came undone", "come open", "gassy", "gas in", "gone bad", "gone wrong", "lost half", "lost most")
	if !about || p.says("rattle", "you like", "you want", "new lids", "too thick", "too thin", "too sour", "too salty") {
		return false
	}
	u := p.c.around(remedy)
	if u.hasAny([]string{"on the shelf", "in the cellar", "in the pantry", "in storage", "weeks later", "months later", "later on", "in winter"}) {
		return !u.hasAny(thrownAway) // air has come in
	}
	return !u.hasAny(thrownAway) && !u.hasAny(eatenSoon) && !u.hasAny(doneAgain) && !u.hasAny([]string{"leave it", "leave them", "alone", "wash", "wipe", "sealed", "it is good", "you are done", "they are good", "they are sealed"})
}

// refilled reports a jar that is opened to put back what it lost: "open them and top up what
// boiled out".
func (p *passage) refilled() bool {
	u := p.c.around(remedy)
	if p.negated() || p.hasClass(Canner) || u.hasAny([]string{"never", "do not open", "don't open", "leave them", "canner", "when you open", "to serve", "the table", "dish", "bowl", "pot", "next time"}) {
		return false
	}
	lost := u.hasAny([]string{"lost", "siphoned", "siphon", "boiled out", "boiled low", "low ones", "are low", "is low", "ran low", "short of", "half empty", "leaked out"})
	tops := p.says("top up", "top them up", "top it up", "fill up", "fill them up", "fill it up", "refill", "make up what", "more boiling water", "more water", "more broth", "more syrup", "more brine", "more liquid", "more juice") || lost && (p.puts() || p.does("fill pour top"))
	return tops && (lost || u.hasAny([]string{"open", "lids off", "lid off", "lift the lid", "lift the lids", "lids back", "lid back", "jar", "jars"}))
}

// opensToMend reports a jar that is opened because of how it looks, and not to be eaten: "if the
// fruit floats, open and push it down".
func (p *passage) opensToMend() bool {
	u := p.c.around(remedy)
	if p.c.kind != condition || p.negated() || !u.hasAny([]string{"open and", "open it", "open them", "uncap", "unscrew", "lid off", "lids off", "take the lid off"}) || u.hasAny(thrownAway) {
		return false
	}
	return u.hasAny([]string{"push", "press", "poke", "stir", "squash", "top up", "pour", "close", "screw", "thin it", "add", "skim"}) && !u.hasAny([]string{"eat", "serve", "supper", "dinner", "lunch", "pan", "bowl", "table", "dish", "heat", "guest"})
}

// closedAgain reports a jar that is opened and put away once more.
func (p *passage) closedAgain() bool {
	if p.negated() || p.hasClass(Canner) || p.c.around(remedy).hasAny(eatenSoon[:9]) {
		return false
	}
	again := p.says("close again", "close it again", "close them again", "closed again", "lids back on", "lid back on", "lid on again", "lids on again", "put the lids back", "put the lid back", "reseal", "screw it down again", "seal it again", "seal them again", "press it down again", "press them down again", "screw shut", "screw it shut", "close it tight", "close them tight", "lid it again", "lid them again", "cap", "shut again")
	return again && p.c.around(remedy).hasAny([]string{"open", "lift", "take off", "lids off", "lid off", "spring", "pop", "reseal", "add", "pour", "top", "fill", "unscrew", "uncap", "undone", "loose"})
}

// chilledHot reports jars that go from the canner into the cold: "in the fridge while hot".
func (p *passage) chilledHot() bool {
	u := p.c.around(remedy)
	if p.negated() || p.serving || !p.says("fridge", "refrigerator", "icebox", "ice box", "freezer", "cold cellar", "snow", "snowbank", "creek", "stream", "cold water") || !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Pronoun) && hasVerb(p.c.t) {
		return false
	}
	if p.unsealedJar() || u.hasAny([]string{"unsealed", "not seal", "didn't seal", "don't seal", "does not seal", "once cold", "when cold", "once cool", "when cool", "cooled", "once they are cold", "open", "opened", "leftover", "leftovers", "tomorrow", "next day"}) {
		return false
	}
	return u.hasAny([]string{"hot", "straight away", "right away", "at once", "immediately", "steaming", "to cool", "cool them", "cool it", "to hurry", "quick", "quicker", "quickly", "fast", "faster"})
}

// triedByTaste reports a jar that is tasted or smelled to learn whether it may be eaten.
func (p *passage) triedByTaste() bool {
	if negators[p.word(0)] || p.c.t[0].low == "do" && negators[p.word(1)] || !p.does("taste try sample sniff smell") || p.c.m != nil && p.c.measured(english.Duration) {
		return false
	}
	return p.c.around(remedy).hasAny([]string{"to be sure", "to see if", "to see whether", "to tell if", "has turned", "have turned", "have kept", "has kept", "still good", "are good", "is good", "all right", "gone off", "safe"}) && !p.c.around(remedy).hasAny([]string{"without tasting", "before canning", "set", "seasoning", "salt enough"})
}
