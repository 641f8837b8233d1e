package method

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// A step of safety that is named only to say that it is not done, in whatever way it is
// said: as an order, a habit, an opinion, a question with its answer.

// deniedStep returns the doubt of a step of safety that the clause says is not done.
func (p *passage) deniedStep() (code, why string) {
	if p.insisted() || p.ofOthers() {
		return "", "" // "venting is not optional"
	}
	if p.word(0) == "without" && len(p.c.t) > 4 && !hasVerb(p.c.t) {
		return "unknown-ingredient", "what is done without, or what is done"
	}
	if p.at.Asked != "" && p.declines() {
		return p.at.Asked, "a step asked about, and not done"
	}
	code, at := p.stepNamed()
	if code == "" || p.at.Done && code != "cooling" {
		return "", ""
	}
	if p.optional(code, at) {
		return code, "a step left to liking"
	}
	if p.noMore(at) || p.noTime(at) || p.dismissed(at) || p.given(at) || (code == "cooling" || code == "vent") && p.heldBack(at) {
		return code, "a step that is not done"
	}
	return "", ""
}

// ofOthers reports what others do who are not quoted as an example.
func (p *passage) ofOthers() bool {
	return p.third() && !p.nobody() && !p.ourBatch() &&
		!p.says("some people", "some folk", "some folks", "some cooks", "only fools")
}

// stepNamed returns the doubt of the step of safety that the clause names, and where its verb
// stands.
func (p *passage) stepNamed() (string, int) {
	for i := range p.c.t {
		w := &p.c.t[i]
		if !w.isVerb && !(strings.HasSuffix(w.low, "ing") && w.verb != "") && !((i == 0 || leadsVerb[p.word(i-1)]) && w.low == w.verb) {
			continue
		}
		if code := p.stepAt(i); code != "" {
			return code, i
		}
	}
	return "", -1
}

// leadsVerb are words before a verb that may look like a noun behind them.
var leadsVerb = set("longer why to never seldom rarely sometimes always often half barely nearly almost hardly scarcely partly people folk folks fools cooks i we you us best")

func (p *passage) stepAt(i int) string {
	switch verb := p.c.t[i].verb; verb {
	case "vent", "exhaust":
		return "vent"
	case "peel", "skin", "pare":
		return "unpeeled-root"
	case "soak":
		return "dry-legume-unsoaked"
	case "boil", "simmer", "heat", "cook", "blanch":
		if p.at.Filled {
			return "process-short"
		}
		return "pack-style"
	case "process":
		return "process-short"
	case "wait", "let", "leave", "allow":
		switch {
		case p.says("zero", "nought", "by itself", "on its own", "of itself", "drop", "needle to fall", "needle to drop"):
			return "cooling"
		case p.says("vent", "exhaust", "steam out", "air out", "steam escape", "steam first", "let it steam",
			"letting it steam", "blow off"):
			return "vent"
		}
		if p.c.t[i].low == "waiting" && p.at.Done {
			return "cooling"
		}
	case "add", "put", "use", "measure", "pour", "stir":
		if p.says("lemon", "lime", "vinegar", "citric") || p.hasClass(Acid) {
			return "no-acid-added"
		}
	case "take", "cut", "pull", "strip":
		if p.says("off the bone", "off the bones", "from the bone") {
			return "bones"
		}
	case "wipe":
		if p.hasClass(Rim) {
			return "rims"
		}
	}
	return ""
}

// noMore reports "I no longer peel", "peel them not at all", "vent it no more".
func (p *passage) noMore(at int) bool {
	if p.word(at-1) == "longer" && p.word(at-2) == "no" || p.word(at-1) == "more" && p.word(at-2) == "no" {
		return true
	}
	n := p.lastWord() + 1
	switch last, two, three := p.word(n-1), p.word(n-2), p.word(n-3); {
	case n-1 <= at:
		return false
	case last == "never", last == "longer" && two == "no", last == "more" && two == "no", last == "again" && two == "never":
		return true
	case last == "all" && two == "at" && three == "not", (last == "now" || last == "anymore") && two == "not" && p.says("used to"):
		return true
	case last == "more" && two == "any" && three == "not":
		return true
	}
	return false
}

// lastWord returns where the last word of the clause stands, marks left out; -1 where it has
// none.
func (p *passage) lastWord() int {
	for i := len(p.c.t) - 1; i >= 0; i-- {
		if p.c.t[i].Kind == words.Word {
			return i
		}
	}
	return -1
}

// nobody reports a subject that is no one: "nobody has time to vent".
func (p *passage) nobody() bool {
	return p.says("nobody", "no one", "no-one", "none of us", "not one of us", "who has", "who has got", "who's got", "life is too short")
}

// noTime reports "there is no time to soak", "nobody has the patience to wait".
func (p *passage) noTime(at int) bool {
	scarce := p.says("no time", "no patience", "no room", "no call", "no reason", "no point", "no sense", "not the time", "not the patience", "hardly time", "hardly the time", "never time", "life is too short")
	scarce = scarce || p.nobody() && p.says("time", "patience", "energy", "bother", "bothers")
	return scarce && (p.word(at-1) == "to" || p.word(at-1) == "for" || p.word(at-1) == "in" || p.says("for the", "for a"))
}

// dismissed reports an opinion that does away with the step: "venting is for fools".
func (p *passage) dismissed(at int) bool {
	if at > 1 || !strings.HasSuffix(p.word(at), "ing") {
		return false
	}
	if p.says("for the birds", "a waste", "nonsense", "overrated", "optional", "unnecessary", "needless", "pointless", "old hat", "a superstition", "superstition", "a myth", "a fad", "not for me", "not for us", "too much trouble", "too much bother", "out of fashion", "a bore", "a chore nobody") {
		return true
	}
	for i := at + 1; i+2 < len(p.c.t); i++ {
		if (p.word(i) == "is" || p.word(i) == "was") && p.word(i+1) == "for" {
			last := &p.c.t[len(p.c.t)-1]
			for k := i + 2; k < len(p.c.t); k++ {
				if p.c.t[k].entry.Noun() == english.NounPerson {
					return true
				}
			}
			return last.class == Person
		}
	}
	return false
}

// given reports a step that is given up: "forget peeling", "we stopped venting years ago".
func (p *passage) given(at int) bool {
	if at == 0 || !strings.HasSuffix(p.word(at), "ing") || p.negated() {
		return false
	}
	k := at - 1
	for k > 0 && (determiners[p.word(k)] || p.word(k) == "about" || p.word(k) == "with" || p.word(k) == "on" || p.word(k) == "up" || p.word(k) == "out" || p.word(k) == "all") {
		k--
	}
	switch p.word(k) {
	case "forget", "hang", "blow", "scrap", "ditch", "bin", "stopped", "quit", "gave", "given", "dropped", "abandoned", "dispensed", "away":
		return true
	}
	return false
}

// heldBack reports an order or a habit not to let it happen: "do not wait for zero", "never let
// the canner vent".
func (p *passage) heldBack(at int) bool {
	if p.says("until", "till", "before", "unless", "too", "less", "longer than", "more than", "under", "near", "over", "while", "skip", "omit", "forget", "miss", "rush", "shorten", "cheat", "alone", "boil dry", "dry", "below", "short") || p.c.measured(english.Duration) {
		return false
	}
	for k := max(0, at-4); k < at; k++ {
		if negators[p.word(k)] || p.word(k) == "needn't" {
			return true
		}
	}
	return p.says("used to") && p.says("not now", "not any more", "not anymore")
}

// answersNo reports a bare denial: "no", "not me", "I never do".
func (p *passage) answersNo() bool {
	denies := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.Kind != words.Word:
		case negators[w.low] || w.low == "nah":
			denies = true
		case !answering[w.low]:
			return false
		}
	}
	return denies
}

var answering = set("i we me us you one ever do does did have has way sir ma'am thanks thank likely here in this our my house kitchen family chance fear bother need point mine ours them it that any more again since")

// asks reports whether a question mark stands behind the clause.
func (p *passage) asks(text string) bool {
	end := p.c.t[len(p.c.t)-1].End
	return end <= len(text) && (strings.HasPrefix(strings.TrimSpace(text[end:]), "?") || strings.HasSuffix(text[:end], "?"))
}

// proposes returns the doubt of the step of safety that a question asks about as something one
// might do: "vent the canner?", "why peel pears?".
func (p *passage) proposes() string {
	if p.says("can", "could", "should", "may", "might", "would", "skip", "without", "is", "are", "what", "how", "when", "which", "where") || p.negated() {
		return ""
	}
	if code, _ := p.stepNamed(); code != "" || len(p.c.t) > 3 {
		return code
	}
	return p.safeguard()
}

// safeguard returns the doubt of a safeguard that is only named: "Steam?", "the bath?".
func (p *passage) safeguard() string {
	switch {
	case p.hasClass(Steam):
		return "vent"
	case p.hasClass(Acid):
		return "no-acid-added"
	case p.hasClass(Canner), p.hasClass(Pressure):
		return "process-short"
	}
	return ""
}
