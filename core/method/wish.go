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
	case p.at.Wish == Overruled:
		*got = Clause{Kind: Talk, Why: "overruled"}
	case p.at.Wish == Granted && got.Kind != Unread && p.at.Method && !p.at.Done:
		*got = Clause{Kind: Unread, Why: "a wish that is granted"}
	case p.c.joint == "or" && p.wouldBe():
		*got = Clause{Kind: Talk, Why: "a warning"} // "don't scrape the cob or it goes to cream"
	}
}

// wantsDish reports the day of a dish, as what is done then comes to be said: "when you want soup,
// puree them then".
func (p *passage) wantsDish() bool {
	all := p.c.all
	end := len(all) - 1
	for end > 0 && all[end].Kind == words.Mark {
		end--
	}
	dish := slices.ContainsFunc(p.c.t, func(w token) bool { return w.food != nil || w.entry.Noun() == english.NounFood })
	return dish && p.does("want need fancy crave") && all[end].low == "then" && !p.ourBatch() && len(p.c.t) <= 6
}

// dayOfDish reports the day that a dish is made of what is in the jar: "pie night", "when you heat it up".
func (p *passage) dayOfDish() bool {
	over := p.at.Done || p.at.Running
	if w := p.word(1); over && len(p.c.t) == 2 && (w == "night" || w == "day" || w == "time") {
		return p.c.t[0].food != nil || p.c.t[0].entry.Noun() == english.NounFood
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
