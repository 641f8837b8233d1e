package method

import "strings"

// A step of safety that is left to taste, to the day or to chance, or that is only half done:
// it is as good as not done.

// optional reports whether the step at the verb is left to somebody's liking, done now and
// then, or done by half.
func (p *passage) optional(code string, at int) bool {
	if p.negated() || p.c.around(12).hasAny([]string{"otherwise", "instead"}) {
		return false
	}
	return p.byMood(code) || p.nowAndThen(at) || p.byHalf(code, at) || p.leftToYou(at) || p.atTable(code)
}

// byMood reports a condition beside the step that is about the cook and not about the food:
// "soak the beans if you have time".
func (p *passage) byMood(code string) bool {
	for _, c := range []*clause{p.before, p.after} {
		if c == nil || c.kind != condition && c.kind != moment || c == p.before && p.c.joint != "" && p.c.joint != "then" {
			continue
		}
		of := &passage{c: c, at: p.at, r: p.r}
		if of.names(stuff) || of.names(trade) || of.namesFood() || c.hasNumber() {
			continue
		}
		if of.says(moods...) || of.says("at all") || code != "no-acid-added" && of.says("prefer", "wish", "choose", "would rather") {
			return true
		}
	}
	return p.says("or not", "if at all", "if you must", "if you like", "if i like", "only when", "only if") && !p.says("only when the", "only if the")
}

var moods = []string{"time", "hurry", "hurried", "rush", "rushed", "busy", "like", "fancy", "feel", "mood", "must", "nervous", "worried", "anxious", "scared", "afraid", "careful", "fussy", "particular", "bothered", "bother", "company", "visitors", "guests", "looks bad", "tired", "energy", "patience", "remember", "think of it", "mind", "care", "insist", "patient", "lazy", "short", "pushed", "weather"}

// nowAndThen reports a habit that is kept only at times: "I rarely peel".
func (p *passage) nowAndThen(at int) bool {
	of := &passage{c: &clause{r: p.c.r, t: p.c.t[:p.besides(at)], all: p.c.all}}
	if of.says("sometimes", "rarely", "seldom", "hardly ever", "scarcely ever", "once in a while", "now and then", "now and again", "from time to time", "every other time", "occasionally", "on and off") {
		return true
	}
	for i := at + 1; i+1 < len(p.c.t); i++ {
		if p.word(i) == "on" && weekdays[p.word(i+1)] {
			return true
		}
	}
	return false
}

// besides returns the first word behind the verb at v that tells what is done beside it, or the
// end: "stirring now and then".
func (p *passage) besides(v int) int {
	for k := v + 1; k < len(p.c.t); k++ {
		if w := &p.c.t[k]; strings.HasSuffix(w.low, "ing") && w.verb != "" {
			return k
		}
	}
	return len(p.c.t)
}

var weekdays = set("sundays mondays tuesdays wednesdays thursdays fridays saturdays holidays weekends")

// byHalf reports a step that is not done whole: "barely vent", "vent it a bit".
func (p *passage) byHalf(code string, at int) bool {
	switch p.word(at - 1) {
	case "barely", "nearly", "almost", "hardly", "scarcely", "partly":
		return p.c.t[at].low == p.c.t[at].verb
	}
	if code == "cooling" && (p.says("half the time", "half of it") || p.word(at-1) == "half") {
		return true
	}
	if code == "pack-style" && !p.does("boil") || p.c.hasNumber() {
		return false
	}
	n := p.lastWord() + 1
	two := p.word(n-2) + " " + p.word(n-1)
	return n > at+1 && (two == "a bit" || two == "a little" || two == "a touch" || p.word(n-1) == "somewhat" || p.word(n-1) == "briefly")
}

// leftToYou reports a step that may be done: "you could vent it", "peel them, or not".
func (p *passage) leftToYou(at int) bool {
	if p.says("or not", "or don't", "up to you", "as you please", "as you like", "whichever") || p.says("your choice") && !p.says("your choice of") {
		return true
	}
	if a := p.after; a != nil && len(a.t) <= 4 && (a.joint == "or" && (&passage{c: a}).answersNo() || a.hasAny([]string{"or not", "or don't", "if at all", "at all", "if you like", "up to you", "your choice", "as you like", "optional", "your call"})) {
		return true
	}
	switch p.word(at - 1) {
	case "may", "could", "might":
		return subjects[p.word(at-2)] && !p.says("also", "now", "then", "either")
	case "people", "folk", "folks", "fools", "cooks":
		return p.word(at-2) == "some" || p.word(at-2) == "only"
	}
	return false
}

// atTable reports a step before the jar that is put off until it is opened.
func (p *passage) atTable(code string) bool {
	if code != "unpeeled-root" && code != "dry-legume-unsoaked" && code != "vent" && code != "process-short" {
		return false
	}
	u := p.c.around(8)
	return u.hasAny([]string{"later", "afterwards"}) && u.hasAny([]string{"open", "opened", "opens", "serve", "eat", "table"})
}

// reports returns the doubt of a step that others advise, where the cook goes on to do
// something else: "the book says to vent; I pass".
func (p *passage) reports() string {
	of := p
	if p.after != nil && p.after.hasAny([]string{"they say", "people say", "so they say", "says the book", "the book says", "they tell me", "i am told", "i'm told"}) {
		of = &passage{c: p.after}
	}
	if !of.says("they tell me", "people say", "says the book", "i am told", "i'm told", "book says", "book wants", "book tells", "books say", "they say", "they tell", "they want", "told to", "told me to", "supposed to", "meant to", "are said to", "leaflet says", "recipe says", "recipe wants") {
		return ""
	}
	code, _ := p.stepNamed()
	return code
}

// declines reports a short answer that does not do what was advised: "I pass", "not in this
// house".
func (p *passage) declines() bool {
	return len(p.c.t) <= 8 && (p.answersNo() || p.says("pass", "skip", "who has the time", "who has time", "who needs it", "straight on", "in this house", "in our house", "life is short", "count me out", "nonsense", "rubbish", "fiddlesticks", "bah", "pooh", "humbug", "leave that", "leave it", "go without", "do without", "know better", "my own way", "if you like", "up to you", "your choice", "optional", "as you like", "depends", "perhaps", "maybe"))
}
