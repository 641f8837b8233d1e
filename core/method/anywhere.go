package method

import "damson/core/english"

// What no process bears, wherever in a text it is told: under the title, in the midst, behind everything.

// askAnywhere asks about what knowledge/deviations.yaml has, and about what its rows cannot say: a part of the
// acid at the table, corn on the cob, cold on the canner, too few pounds. Nothing else was asked, or a step
// undone that a procedure may not need.
func (p *passage) askAnywhere(got *Clause, asked bool) {
	if asked || got.Kind == Unread && !mayBeMore[got.Why] {
		return
	}
	if code, why := p.deviates(); why != "" {
		got.Kind, got.Code, got.Why = Unread, code, why
		return
	}
	if got.Kind == Unread {
		return
	}
	switch {
	case p.acidAtRisk(got):
	case got.Kind == Talk && p.treatedSince():
		got.Kind, got.Code, got.Why = Unread, "", "not as it was picked"
	case p.onTheCob():
		got.Kind, got.Code, got.Why = Unread, "", "on the cob"
	case p.chillsCanner():
		got.Kind, got.Code, got.Why = Unread, "cooling", "the pressure is brought down"
	case p.says("done or not", "ready or not") && (p.at.Closed || p.at.Done):
		got.Kind, got.Code, got.Why = Unread, "process-short", "an end by other signs"
	case p.at.Method && p.says("no vent", "no venting", "no exhaust", "no exhausting") && !p.third():
		got.Kind, got.Code, got.Why = Unread, "vent", "a step that is not done"
	case p.fewPounds():
		got.Kind, got.Code, got.Why = Unread, "pressure-low", "few pounds"
	}
}

// treatedSince reports what has become of the food, told in a word behind where it comes from: "dug last
// year and thawed now", "picked in May, frozen since".
func (p *passage) treatedSince() bool {
	if p.at.Filled || len(p.c.t) > 5 || p.negated() {
		return false
	}
	switch p.word(0) {
	case "frozen", "thawed", "smoked", "pureed", "mashed", "breaded", "battered", "fermented", "salted", "cured",
		"creamed", "dried", "roasted", "pickled":
		return p.says("since", "now", "all winter", "last year")
	}
	return false
}

// onTheCob reports corn that is not cut off.
func (p *passage) onTheCob() bool {
	if p.at.Filled || !p.at.named("corn") || !p.says("off") || !p.does("cut slice shave shear") {
		return false
	}
	return p.verbNegated() || p.says("skip cutting", "no need to cut", "needn't cut")
}

// wrongAnywhere reports a pot that is no canner, a bath that never boils, and an amount, a vent or a form that
// is not told of all. It goes before what else was read.
func (p *passage) wrongAnywhere() (code, why string) {
	switch {
	case p.waterNeverBoils():
		return "process-short", "below the boil"
	case p.electricPot():
		return "cooker-not-canner", "an electric cooker"
	case !p.at.Method:
	case !p.serving && p.notWhole():
		return "unclear-amount", "not all of it goes in"
	case !p.at.Done && !p.serving && p.says("ones i", "ones we", "rest i", "rest we") &&
		p.does("grind mince mash puree cream blend pulp smoke fry batter bread thicken"):
		return "puree", "some in another form"
	case p.ventHadLess():
		return "vent", "a vent that is less"
	}
	return "", ""
}

// fewPounds reports a pressure under 10 pounds as one that does: "five pounds does it up here". Low-acid
// food has none so low (USDA Complete Guide 2015, guides 4 and 5; from memory); some fruit has.
func (p *passage) fewPounds() bool {
	v, n := english.Number(p.c.raw, 0)
	if n == 0 || v >= 10 || n >= len(p.c.t) || p.namesFood() || p.says("for") || p.negated() || p.third() &&
		!p.ourBatch() && !p.says("is what") {
		return false
	}
	switch p.c.t[n].Text {
	case "pound", "lb", "psi", "#":
		if p.says("is what") && p.does("run use set do") {
			return true // "eight pounds is what my grandmother ran"
		}
		return p.does("do suffice") && p.says("does it", "do it", "does us", "do us", "does fine", "do fine",
			"does the job", "will do") ||
			p.says("is enough", "are enough", "is plenty", "are plenty")
	}
	return false
}

// waterNeverBoils reports a bath that is told not to boil, wherever it is told.
func (p *passage) waterNeverBoils() bool {
	if p.third() && !p.ourBatch() || p.says("until", "till", "dry", "over", "away", "should", "must", "sure", "let") {
		return false
	}
	if p.says("water never boil", "water never boils", "water does not boil", "water doesn't boil") {
		return p.c.kind == mainClause
	}
	return p.says("only simmer the water", "just simmer the water", "merely simmer the water", "water only simmers",
		"water just simmers", "water below the boil") && !p.negated() && !p.denies() &&
		!p.says("never", "not", "nobody", "no one", "don't", "wouldn't", "won't", "cannot", "can't")
}

// notWhole reports that not all of it goes in: "never use the whole cup and a half".
func (p *passage) notWhole() bool {
	first := p.word(0)
	if first != "never" && first != "don't" && !(first == "do" && p.word(1) == "not") || !p.does("use add put pour") {
		return false
	}
	return p.says("the whole", "all of", "all the", "the full", "every bit", "every drop") &&
		!p.says("at once", "at a time", "in one go", "together", "at the same time")
}

// mayBeMore are questions that a procedure may find needless, though what is told may be graver.
var mayBeMore = map[string]bool{"a step undone": true, "topped with water": true}
