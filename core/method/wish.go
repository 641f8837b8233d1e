package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// Wish is what becomes of something that somebody wanted.
type Wish uint8

// The ends of a wish.
const (
	NoWish Wish = iota
	Overruled
	Granted
)

// comesOfIt puts in the place of what was read what the sentence around it makes of it: a wish that was
// overruled or granted, and what only threatens.
func (p *passage) comesOfIt(got *Clause) {
	switch {
	case p.at.Wish == Overruled && p.wantsStep():
		*got = Clause{Kind: Unread, Why: "a step overruled"}
	case p.at.Wish == Overruled:
		*got = Clause{Kind: Talk, Why: "overruled"}
	case p.at.Wish == Granted && got.Kind != Unread && p.at.Method && !p.at.Done:
		*got = Clause{Kind: Unread, Why: "a wish that is granted"}
	case p.c.joint == "or" && p.wouldBe():
		*got = Clause{Kind: Talk, Why: "a warning"} // "don't scrape the cob or it goes to cream"
	}
}

// wantsStep reports a wish for acid, heat, time or another step of safety: that it was overruled is no
// comfort.
func (p *passage) wantsStep() bool {
	return p.hasClass(Acid) || p.hasClass(Canner) || p.hasClass(Lid) || p.c.hasNumber() || p.speaksOfProcess() ||
		p.says("lemon", "lime", "vinegar", "peeled", "soaked", "drained", "longer", "full time", "salted", "fresh", "whole")
}

// wouldBe reports what becomes of it where somebody does what the clause before forbids.
func (p *passage) wouldBe() bool {
	if p.before == nil || len(p.before.t) < 2 || !subjects[p.word(0)] && p.word(0) != "you've" || p.says("can", "may",
		"could", "might", "should", "must", "have to", "use", "add", "put") {
		return false
	}
	forbids := p.before.t
	if p.at.Filled || p.before.hasNumber() || p.before.hasAny([]string{"half", "whole", "all", "full", "more", "less"}) {
		return false
	}
	if forbids[0].low != "never" && forbids[0].low != "don't" && !(forbids[0].low == "do" && forbids[1].low == "not") {
		return false
	}
	if p.says("in the", "with", "into the") && p.namesFood() {
		return false // "they go limp in the cream"
	}
	return p.does("go turn become get have end be make taste come burst split break fall darken")
}

// wantsDish reports the day of a dish, as what is done then comes to be said: "when you want soup,
// puree them then".
func (p *passage) wantsDish() bool {
	all := p.c.all
	end := len(all) - 1
	for end > 0 && all[end].Kind == words.Mark {
		end--
	}
	if u := (&passage{c: p.c.unit()}); u.c.hasAny([]string{"can them", "can it", "process"}) || u.hasClass(Canner) ||
		u.hasClass(Jar) {
		return false
	}
	dish := slices.ContainsFunc(p.c.t, func(w token) bool { return w.food != nil || w.entry.Noun() == english.NounFood })
	return dish && p.does("want need fancy crave") && all[end].low == "then" && !p.ourBatch() && len(p.c.t) <= 6
}

// dayOfDish reports the day that a dish is made of what is in the jar: "pie night", "when you heat it up".
func (p *passage) dayOfDish() bool {
	over := p.at.Done || p.at.Running
	if w := p.word(1); over && len(p.c.t) == 2 && (w == "night" || w == "day" || w == "time") {
		return (p.c.t[0].food != nil || p.c.t[0].entry.Noun() == english.NounFood) && !p.tellsOfLoad()
	}
	if p.c.kind != moment || !over {
		return false
	}
	if p.wantsDish() {
		return true
	}
	warms := p.does("heat warm reheat") && (p.says("up", "through", "again") || len(p.c.t) <= 4 && p.hasClass(Pronoun))
	return p.at.Done && !p.fillsJars() && (p.says(occasions...) || warms)
}

// tellsOfLoad reports that the sentence speaks of the jars in the canner too: "Supper time, out they come".
func (p *passage) tellsOfLoad() bool {
	u := &passage{c: p.c.unit(), at: p.at, r: p.r}
	return u.c.hasNumber() || u.speaksOfProcess() || u.hasClass(Jar) || u.c.hasAny([]string{"out", "off", "early", "done"})
}
