package method

import (
	"strings"

	"damson/core/english"
)

// spoiling are verbs of what befalls food by rough hands.
var spoiling = set("bruise crush break tear squash mash smash burn scorch spill splash pierce damage")

var negators = set("not never don't doesn't didn't won't wouldn't shouldn't can't cannot isn't aren't wasn't weren't mustn't needn't dont cant wont nobody none neither nor without no hardly nope")

// sparing are verbs whose negation puts the thing in.
var sparing = set("forget skip omit stint skimp spare miss leave hold waste")

// negated reports whether the predicate is said not to be done.
func (p *passage) negated() bool {
	if p.sharesDenial() {
		return true
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.low == "used" && p.word(i+1) == "to" && i > 0 && subjects[p.word(i-1)] && i+2 < len(p.c.t) && p.c.t[i+2].isVerb {
			return true // "I used to boil them": no longer
		}
		if !negators[w.low] {
			continue
		}
		if w.low == "not" && i+1 < len(p.c.t) && p.c.t[i+1].low == "only" {
			continue
		}
		if p.ofTheThing(i) || w.low == "no" && !p.noAct(i) || w.low == "not" && p.notHere(i) || p.limits(i) || p.gently(i) || p.trails(i) {
			continue
		}
		// "do not forget", "never skimp": it is done.
		for k := i + 1; k < len(p.c.t); k++ {
			if p.c.t[k].isVerb && !p.c.t[k].aux {
				return !p.spares(k)
			}
		}
		return true
	}
	return false
}

// trails reports whether the negator at i stands behind what is done and denies only what
// comes after it: "boil it down, no lid", "puree it without a thought". A time, a need or
// nothing behind it may still deny the whole: "vent it no time", "peel them not".
func (p *passage) trails(i int) bool {
	if p.leads(i) || p.actsBefore(i) && p.word(i-1) == "why" {
		return true
	}
	next := p.word(i + 1)
	if p.actsBefore(i) && p.c.t[i].low == "none" && next == "the" {
		return true // "none the worse for it"
	}
	if !p.actsBefore(i) || next == "" || preposition[p.word(i-1)] {
		return false
	}
	switch p.c.t[i].low {
	case "no":
		return !nothingDone[next] && !p.c.t[i+1].isVerb && p.c.t[i+1].m == 0
	case "without":
		return next != "to" && !p.does("follow see") // "see Spaghetti Sauce Without Meat"
	case "not":
		return manner[next]
	case "never":
		return next == "in" || next == "mind" || next == "fear" || next == "you"
	case "none", "nobody":
		return next != "of" && next != "at"
	}
	return false
}

// leads reports "without" at the head of the clause, before a thing that is none of the
// kitchen's: "without further ado, puree it".
func (p *passage) leads(i int) bool {
	if p.cooksDry(i) {
		return true
	}
	if i > 1 || p.c.t[i].low != "without" {
		return false
	}
	for k := i + 1; k < len(p.c.t); k++ {
		w := &p.c.t[k]
		switch {
		case w.isVerb && !w.aux:
			return k > i+1 && w.low == w.verb
		case stuff[w.class] || trade[w.class] || w.food != nil:
			return false
		}
	}
	return false
}

// cooksDry reports food that cooks in its own juice: "ten minutes' cooking without any water".
func (p *passage) cooksDry(i int) bool {
	if p.at.Filled || p.c.t[i].low != "without" || i == 0 || !strings.HasSuffix(p.word(i-1), "ing") {
		return false
	}
	next := p.word(i + 1)
	if next == "any" || next == "added" || next == "extra" {
		next = p.word(i + 2)
	}
	return next == "water" || next == "liquid"
}

// actsBefore reports whether something is done, to something, before the word at i.
func (p *passage) actsBefore(i int) bool {
	for k := range min(i, len(p.c.t)) {
		if w := &p.c.t[k]; w.isVerb && !w.aux && w.low == w.verb {
			return i-k > 1
		}
	}
	return false
}

var (
	preposition = set("to in into for at with on by of from than or and")
	nothingDone = set("time minutes minute seconds hours more longer need good use way thanks further one jar jars point")
	manner      = set("too so very quite by forgetting bad hard easy rocket much")
)

// behind reports whether the verb at v is what a negator denies that trails behind another
// verb: "stirring" of "boil it down without stirring".
func (p *passage) behind(v int) bool {
	for i := v - 1; i >= 0; i-- {
		if w := &p.c.t[i]; w.isVerb && !w.aux {
			return false
		}
		if negators[p.c.t[i].low] {
			return p.trails(i)
		}
	}
	return false
}

// ofTheThing reports whether the negator at i stands in what a thing is told by, and denies
// nothing that is done: "tighten the bands of the jars that did not seal".
func (p *passage) ofTheThing(i int) bool {
	for k := i - 1; k > 1; k-- {
		switch p.c.t[k].low {
		case "that", "which", "who":
			named := &p.c.t[k-1]
			return !named.isVerb && (named.class != "" || named.food != nil) && hasVerb(p.c.t[:k-1])
		}
		if p.c.t[k].isVerb && !p.c.t[k].aux {
			return false
		}
	}
	return false
}

// gently reports whether the negator at i only says how something is done, so that
// nothing comes to harm: "pack them tight without bruising".
func (p *passage) gently(i int) bool {
	return p.c.t[i].low == "without" && i > 0 && hasVerb(p.c.t[:i]) && i+1 < len(p.c.t) && p.c.t[i+1].isVerb && spoiling[p.c.t[i+1].verb]
}

// sharesDenial reports whether what the clause before denies is denied of this one too:
// "don't mash or puree them".
func (p *passage) sharesDenial() bool {
	first := &p.c.t[0]
	return p.c.joint == "or" && p.before != nil && p.before.denied() && first.isVerb && !first.aux && first.low == first.verb
}

// denied reports whether the clause denies, within its first words, what it tells to do.
func (c *clause) denied() bool {
	for i := 0; i < len(c.t) && i < 3; i++ {
		switch w := c.t[i].low; {
		case w == "no":
			return i+1 < len(c.t) && (c.t[i+1].low == "need" || c.t[i+1].low == "call")
		case w != "without" && w != "nor" && w != "neither" && negators[w]:
			return i+1 < len(c.t) && !sparing[c.t[i+1].verb] && c.t[i+1].low != "only"
		case !subjects[w] && !c.t[i].aux && !adverbs[w]:
			return false
		}
	}
	return false
}

// limits reports whether the negator at i sets a limit to a measure and denies nothing:
// "at 10 pounds, never more than 15", "an inch and no less".
func (p *passage) limits(i int) bool {
	if p.word(i+1) == "a" && whit[p.word(i+2)] && (p.word(i+3) == "more" || p.word(i+3) == "tighter" || p.word(i+3) == "further") {
		return true // "finger tight and not a hair more"
	}
	switch p.word(i + 1) {
	case "more", "less", "longer", "higher", "lower", "over", "under", "above", "below", "beyond":
	default:
		return false
	}
	if i+2 >= len(p.c.t) {
		return len(p.c.m) > 0 // "an inch and no less", but "I vent no more"
	}
	for _, n := range []int{i + 2, i + 3} {
		if n < len(p.c.t) && p.c.nums[n] > 0 && (n == i+2 || p.word(i+2) == "than") {
			return true
		}
	}
	return false
}

// whit are words for next to nothing.
var whit = set("hair whit bit jot touch smidge fraction thread turn")

// limit is the word of a limit that a negator sets to a measure, "less" of "never less
// than", "" where there is none.
func (p *passage) limit() string {
	for i := range p.c.t {
		if negators[p.c.t[i].low] && p.limits(i) {
			return p.word(i + 1)
		}
	}
	return ""
}

// atLeast reports "never less than", "no under": what is measured is the least.
func (p *passage) atLeast() bool {
	switch p.limit() {
	case "less", "lower", "under", "below":
		return true
	}
	return false
}

// spares reports whether the verb at k puts in what it is denied of: "never waste a
// mushroom", but not "do not waste time soaking".
func (p *passage) spares(k int) bool {
	if p.c.t[k].verb == "leave" && (p.hasClass(Gap) || p.says("room", "space", "inch") && !p.says("out", "behind")) {
		return false // "don't leave any headspace"
	}
	if p.c.t[k].verb == "waste" {
		switch p.word(k + 1) {
		case "time", "effort", "energy", "money", "a":
			return p.word(k+1) == "a" && p.word(k+2) != "minute" && p.word(k+2) != "moment"
		}
	}
	return sparing[p.c.t[k].verb]
}

// noAct reports whether the "no" at i denies something done: "no venting", "no need",
// and not only a thing: "no breakage".
func (p *passage) noAct(i int) bool {
	if i+1 >= len(p.c.t) || p.word(i-1) == "in" && p.word(i+1) == "time" {
		return false // "it is down in no time"
	}
	w := &p.c.t[i+1]
	return strings.HasSuffix(w.low, "ing") && w.verb != "" || p.needOf(i) || stuff[w.class] || trade[w.class] || i == 0
}

// notHere reports whether the "not" at i is of a place or a means behind a verb: "it
// is done in the canner, not in the cooker".
func (p *passage) notHere(i int) bool {
	if i == 0 || !hasVerb(p.c.t[:i]) || i+1 >= len(p.c.t) {
		return false
	}
	switch p.word(i - 1) {
	case "is", "are", "do", "does", "did", "was", "were", "will", "would", "should", "must", "can", "may", "i", "we":
		return false
	}
	next := p.c.t[i+1].low
	if (next == "a" || next == "an" || next == "your" || next == "the") && i+2 < len(p.c.t) && p.c.t[i-1].Text == "," {
		return p.c.t[i+2].class == "" && !p.c.t[i+2].isVerb && p.c.t[i+2].entry.Noun() == english.NounArtifact && p.says("with", "on", "using", "use") // "with a peeler, not a knife"
	}
	return next == "in" || next == "on" || next == "with" || next == "by" || next == "from" || next == "at"
}

// Sparing reports whether the negation of the verb puts the thing in.
func Sparing(verb string) bool { return sparing[verb] }
