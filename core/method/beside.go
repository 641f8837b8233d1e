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
	case p.secretIsNone():
		return "no thing"
	case p.forOneself():
		return "a drink"
	case p.bargain():
		return "a bargain"
	case p.isNoCanner():
		return "what it is not"
	}
	return ""
}

// setAside reports what is kept for the table and goes into nothing before: "cheese and
// sour cream are for the bowl".
func (p *passage) setAside() bool {
	return !p.puts() && p.has(set("be keep save hold stay")) && p.says("for the bowl", "for the table", "for the sandwich", "for sandwiches", "for the plate", "on the plate", "for the toast", "for the salad") && !p.hasClass(Jar) && !p.hasClass(Pronoun)
}

// secretIsNone reports "my secret ingredient is patience": what is named is nothing that
// could go in.
func (p *passage) secretIsNone() bool {
	if !p.hasClass(Vague) || !p.has(set("be")) || p.namesFood() {
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
	return p.says("yourself", "myself", "ourselves", "yourselves") && p.has(set("pour get make treat have grab")) && !p.hasClass(Jar) && !p.namesFood()
}

// bargain reports what a seller gives: "they throw in a bag of plums if you buy two".
func (p *passage) bargain() bool {
	return p.after != nil && p.after.kind == condition && (&passage{c: p.after}).has(set("buy order pay ask")) && p.subject() != nil && (p.subject().low == "they" || p.subject().low == "he" || p.subject().low == "she")
}

// isNoCanner reports "a microwave is no canner".
func (p *passage) isNoCanner() bool {
	return p.has(set("be")) && p.says("is no canner", "is not a canner", "isn't a canner", "are no canners") && len(p.c.verbIndexes()) == 1
}
