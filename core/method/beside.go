package method

import (
	"damson/core/english"
	"damson/core/words"
)

// beside returns why a clause that names things of the trade speaks of something beside
// the batch: what a secret is, a drink poured, a bargain, what a tool is not.
func (p *passage) beside() string {
	switch {
	case p.at.Filled && p.any(early):
		return ""
	case p.does("sell") && p.says("sells out", "sold out", "sell out") && !p.names(stuff):
		return "given away"
	case p.fedAway():
		return "fed to animals"
	case p.secretIsNone():
		return "no thing"
	case p.forOneself():
		return "a drink"
	case p.bargain():
		return "a bargain"
	case p.isNoCanner():
		return "what it is not"
	case !hasVerb(p.c.t) && p.says("recipe", "recipes", "folder", "binder", "notebook", "page") && !p.names(stuff) && !p.c.hasNumber() && !p.strangeWord():
		return "a paper"
	case p.c.kind == result && p.comesDown():
		return "the pressure is gone"
	case p.at.Done && p.does("go") && p.says("to the") && !p.any(colds) && !p.hasClass(Canner) && !p.c.hasNumber() && p.givenAway():
		return "given away"
	case (p.at.Done || !p.at.Method) && p.givesJar():
		return "given away"
	case p.c.kind == condition && p.before != nil && p.before.hasAny(askers) && !p.names(stuff) && !p.c.hasNumber():
		return "somebody to ask"
	case p.spoilsSeal():
		return "a reason"
	case p.does("check inspect examine look feel") && (p.hasClass(Jar) || p.hasClass(Rim)) && p.says(damage...) && !p.puts() && !p.c.hasNumber():
		return "jars looked over"
	case p.at.Done && p.c.kind == condition && p.c.hasAny(inDoubt) && p.after != nil && p.after.hasAny([]string{"throw", "discard", "bin it", "destroy", "goes out", "out it goes", "away"}):
		return "a jar thrown out"
	case p.floats():
		return "how it turns out"
	case p.does("happen") && p.at.Done && !p.hasClass(Jar) && !p.hasClass(Canner) && !p.c.hasNumber() && !p.puts():
		return "another day"
	}
	return ""
}

// fedAway reports what the animals get: "any that look tired go to the chickens".
func (p *passage) fedAway() bool {
	if p.at.Filled || p.puts() || p.hasClass(Jar) || p.c.hasNumber() || p.dangerWords() || !p.does("go get give feed throw toss look") {
		return false
	}
	for i := 0; i+2 < len(p.c.t); i++ {
		if (p.word(i) == "to" || p.word(i) == "for") && (p.word(i+1) == "the" || p.word(i+1) == "my" ||
			p.word(i+1) == "our") && fed[p.c.t[i+2].Text] &&
			(p.c.t[i+2].low != p.c.t[i+2].Text || pets[p.c.t[i+2].Text]) {
			return i+3 == len(p.c.t) || p.c.t[i+3].Kind == words.Mark // "the chickens", and not "the chicken broth"
		}
	}
	return false
}

// pets are animals of which one gets the scraps, and none goes into a jar.
var pets = set("dog cat horse")

// givesJar reports a jar that somebody is given: "I gave a jar to my mailman".
func (p *passage) givesJar() bool {
	return p.does("give sell send take bring mail post hand swap trade lend promise owe") && (p.hasClass(Jar) || p.hasClass(FullJar)) && p.namesPerson() && !p.namesFood() && !p.hasClass(Canner) && !p.any(colds) && len(p.c.verbIndexes()) == 1 && !p.hasClass(Pot) && !p.says("finish", "process", "again", "oven", "do", "boil")
}

// setAside reports what is kept for the table and goes into nothing before: "cheese and
// sour cream are for the bowl".
func (p *passage) setAside() bool {
	return !p.puts() && p.does("be keep save hold stay") && p.says("for the bowl", "for the table", "for the sandwich", "for sandwiches", "for the plate", "on the plate", "for the toast", "for the salad") && !p.hasClass(Jar) && !p.hasClass(Pronoun)
}

// secretIsNone reports "my secret ingredient is patience": what is named is nothing that
// could go in.
func (p *passage) secretIsNone() bool {
	if !p.hasClass(Vague) || !p.does("be") || p.namesFood() {
		return false
	}
	n := len(p.c.t)
	for n > 0 && p.c.t[n-1].Kind == words.Mark {
		n--
	}
	if n == 0 {
		return false
	}
	w := &p.c.t[n-1]
	switch w.entry.Noun() {
	case english.NounAttribute, english.NounFeeling, english.NounCognition, english.NounAct, english.NounTime, english.NounState, english.NounWords:
		return w.class == ""
	}
	return false
}

// forOneself reports what the cook is told to have: "pour yourself a glass of something".
func (p *passage) forOneself() bool {
	return p.says("yourself", "myself", "ourselves", "yourselves") && p.does("pour get make treat have grab") && !p.hasClass(Jar) && !p.namesFood()
}

// bargain reports what a seller gives: "they throw in a bag of plums if you buy two".
func (p *passage) bargain() bool {
	return p.after != nil && p.after.kind == condition && (&passage{c: p.after}).does("buy order pay ask") && p.subject() != nil && (p.subject().low == "they" || p.subject().low == "he" || p.subject().low == "she")
}

// isNoCanner reports "a microwave is no canner".
func (p *passage) isNoCanner() bool {
	return p.does("be") && p.says("is no canner", "is not a canner", "isn't a canner", "are no canners") && len(p.c.verbIndexes()) == 1
}

// spoilsSeal reports "fat will keep it from sealing": why a rim is wiped.
func (p *passage) spoilsSeal() bool {
	return !p.puts() && len(p.c.m) == 0 && p.does("keep stop") && p.says("from sealing", "from taking", "it sealing", "them sealing", "the lid sealing")
}

// floats reports what food does by itself in its jar: "they float".
func (p *passage) floats() bool {
	if !p.does("float bob") || p.c.hasNumber() || len(p.c.m) > 0 || p.puts() || p.says("on each", "on every", "on top of each", "over each", "in each") {
		return false
	}
	s := p.subject()
	return s != nil && (s.class == Pronoun || stuff[s.class] && !coating[s.class] && s.class != Vague) && len(p.c.verbIndexes()) <= 2
}

// months begin a line of a diary; so do the days of the week.
var months = set("jan feb mar apr may jun jul aug sep sept oct nov dec january february march april june july august september october november december mon tue tues wed thu thur thurs fri sat sun monday tuesday wednesday thursday friday saturday sunday day")

// aDate reports a clause that is only a day: "Aug 3", "Tues. 8 October 2024".
func (p *passage) aDate() bool {
	named, counted := false, false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case months[w.low]:
			named = true
		case w.Kind == words.Mark:
		case w.Kind == words.Number:
			counted = true
			if v, _ := english.Number(p.c.raw, i); v != float64(int(v)) {
				return false // a pH
			}
		case w.low == "the" || w.low == "of" || w.low == "on" || w.low == "th" || w.low == "st" || w.low == "nd" || w.low == "rd":
		default:
			return false
		}
	}
	return named && counted // "the sun" is no day
}

// givenAway reports what happens to the jars in the end: "they go to the church sale".
func (p *passage) givenAway() bool {
	for _, ch := range p.c.chunks() {
		if ch.prep != "to" {
			continue
		}
		w := &p.c.t[ch.head]
		return ch.class == Person || ch.class == Place || w.entry.Noun() == english.NounPerson || w.entry.Noun() == english.NounAct || w.low == "sale" || w.low == "fair" || w.low == "church" || w.low == "bazaar" || w.low == "market"
	}
	return false
}

// askers are verbs that begin an offer of help.
var askers = []string{"call", "ask", "write", "ring", "phone", "email", "text", "shout", "holler"}
