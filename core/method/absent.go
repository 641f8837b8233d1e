package method

import (
	"strings"

	"damson/core/words"
)

// absences marks the bytes of the things that the clause says are not there: "no
// cream", "without butter", "do not add flour", "leave the rice out". A negation
// of how, when or how much ("do not add the flour all at once") takes nothing
// away, and two negations put it in ("never make it without butter").
func (p *passage) absences() [][2]int {
	c := p.c
	if p.says("if not") {
		return nil // "if not, a spoon of flour" takes nothing away
	}
	var out, alone [][2]int
	verbNegated, manner := p.verbNegated(), p.mannerNegated()
	for _, ch := range c.chunks() {
		first := p.word(ch.start)
		for k := ch.start; k < ch.head; k++ {
			if w := p.word(k); w == "no" || w == "zero" {
				first = w // "there's no flour"
				ch.start = k
			}
		}
		gone := false
		switch {
		case verbNegated && ch.start > 0 && p.word(ch.start-1) == "but", p.after != nil && p.after.joint == "unless":
			continue // "we do not add milk but cream", "no cream, unless you like it"
		case (first == "no" || first == "neither" || first == "nor" || first == "zero") && !p.needOf(ch.start):
			gone = !verbNegated && !p.says("no harm in", "no shame in")
		case p.word(ch.start) == "not" && (p.word(ch.start+1) == "one" || p.word(ch.start+1) == "a") || p.word(ch.start-1) == "not" && (p.word(ch.start) == "one" || p.word(ch.start) == "a") && p.does("be"):
			gone = true // "there is not one lick of butter in them"
		case !hasVerb(c.t) && (p.word(ch.start) == "too" || p.word(ch.start-1) == "too") && p.says("too much", "too many"):
			gone = true // "(too much starch)"
		case p.does("spoil ruin wreck weaken prevent") && p.says("seal", "seals", "sealing") && !p.puts():
			gone = true // "fish oil will spoil the seal"
		case p.naming() && ch.prep == "":
			gone = true // "this is sausage, not meat loaf"
		case (p.word(ch.start-1) == "not" || p.word(ch.start) == "not") && !hasVerb(c.t):
			gone = true // "Not you, not the rabbit."
		case ch.prep == "without" || first == "minus":
			gone = !verbNegated && !p.says("cannot", "can't", "never", "not") && !p.deniedBefore(ch.start-1)
		case (ch.prep == "like" || ch.prep == "as" || ch.prep == "than") && ch.start > 0 && !p.puts():
			gone = true // "soft like cheese"
		case (ch.prep == "around" || ch.prep == "round") && p.removes():
			gone = true // "the fat around the kidneys"
		case p.says("on nothing") && p.does("put pour spread") && !p.says("but"):
			gone = true // "we put cream on nothing"
		case ch.prep == "for" && !p.puts() && ch.class == Starch && p.says("thick", "thick enough") && p.c.kind == result:
			gone = true // "thick enough for the pasta"
		case ch.prep == "for" && p.meantFor():
			gone = true // "the pan is for rice only"
		case ch.prep == "for" && p.stative() && p.says("that is", "that's", "this is", "which is"):
			gone = true // "that is for the cream style"
		case verbNegated && ch.prep == "with" && p.does("be") && !p.puts():
			gone = true // "it is not the kind with flour in"
		case verbNegated && !manner && p.behindVerb(ch) && !p.says("too much", "enough"):
			gone = !p.deniedForNow(ch)
		case p.isFat(ch) && !p.puts() && p.says("tastes like", "taste like", "smells like", "tastes of", "tastes foul", "tastes rank", "tastes awful", "tastes bad", "tastes strong", "worst there is", "rancid", "is the worst"):
			gone = true // "deer tallow tastes like a candle"
		case p.comesOff(ch):
			gone = true
		case (ch.prep == "to" || ch.prep == "for") && fed[p.c.t[ch.head].Text]:
			gone = true // "seeds to the hens"
		case p.does("make give release") && p.near(ch.start-1, "own") && !p.puts():
			gone = true // "it makes its own gravy"
		case ch.prep == "" && p.word(0) == "never" && !hasVerb(c.t):
			gone = true // "Never the ceps"
		case ch.prep == "" && p.does("get take pull pick fish scrape") && p.says("out of it", "out of them", "out first", "out of there") && p.behindVerb(ch) && !verbNegated:
			gone = true // "get all the stuffing out of it"
		case p.saysWhy() && p.refused():
			gone = true // "not the cooking water, it's full of starch"
		case p.compared(ch), p.ofTool(ch), p.word(ch.start) == "your" && p.c.t[ch.head].low == "tongue":
			gone = true
		case p.leavesOut(ch):
			gone = !verbNegated && !p.deniedBefore(ch.start)
		}
		if gone && !hasVerb(c.t) && (p.word(ch.start-1) == "not" || p.word(ch.start) == "not") {
			end := ch.end - 1
			for end+2 < len(c.t) && (c.t[end+1].low == "or" || c.t[end+1].low == "nor") {
				end += 2 // "not a drop of water or oil"
			}
			alone = append(alone, [2]int{c.t[ch.start].Start, c.t[end].End}) // "not milk, cream"
			continue
		}
		if gone {
			out = append(out, [2]int{c.t[ch.start].Start, c.t[ch.end-1].End})
		}
	}
	for i := 0; i+2 < len(c.t); i++ {
		if likened[c.t[i].low] && c.t[i+1].low == "of" {
			end := i + 2
			for end+1 < len(c.t) && c.t[end+1].Kind == words.Word && !c.t[end+1].isVerb && (c.t[end+1].class == c.t[end].class || c.t[end].class == "" || c.t[end+1].inner) {
				end++
			}
			out = append(out, [2]int{c.t[i].Start, c.t[end].End}) // "the size of an egg"
			return out
		}
	}
	return append(p.listed(out), alone...)
}

// comesOff reports fat that is trimmed, skimmed or drained away.
func (p *passage) comesOff(ch chunk) bool {
	return p.isFat(ch) && !p.keepsOff(ch) && p.says("off", "away", "trimmed", "trim", "removed", "remove", "discard", "discarded",
		"skim", "skimmed", "drained", "thrown out")
}

// keepsOff reports what does something itself: "a bit of lard keeps it off the pan".
func (p *passage) keepsOff(ch chunk) bool {
	s := p.subject()
	return s == &p.c.t[ch.head] && p.does("keep stop help take get make prevent hold save")
}

// deniedForNow reports that the thing is denied only for a moment or in a manner, or that the
// cook does it after all: "do not add butter while they are wet", "the book says not to add
// butter, but we do", "no flour with lumps in it".
func (p *passage) deniedForNow(ch chunk) bool {
	if next := p.word(ch.end); next == "that" || next == "which" || next == "with" && p.does("add put stir pour mix") {
		return true
	}
	a := p.after
	if a == nil {
		return false
	}
	after := &passage{c: a, r: p.r, at: p.at}
	return (a.joint == "while" || a.joint == "as" || a.joint == "when") && p.puts() && !after.says("open", "serve", "eat") || after.doesAfterAll() || after.contrasts() && p.reported()
}

// saysLeftOut reports that what the clause before speaks of stays out, always: "I leave it out".
func (p *passage) saysLeftOut() bool {
	if p.before == nil || len(p.c.t) > 7 || p.negated() || p.c.kind == condition || p.word(0) != "i" && p.word(0) != "we" && !subjects[p.word(1)] {
		return false
	}
	return p.says("leave it out", "leave that out", "leave them out", "leave mine out", "skip it", "skip that", "omit it", "do without", "go without")
}

// leavesItOut reports that what is left out is better left out: "a bit of butter keeps the foam
// down, but I leave it out". All that the clause before names must be so.
func (p *passage) leavesItOut() bool {
	if !p.saysLeftOut() {
		return false
	}
	switch p.word(len(p.c.t) - 1) {
	case "out", "it", "that", "without":
	default:
		return false // "on Sundays", "of the first pint"
	}
	told := &passage{c: p.before, at: p.at, r: p.r}
	if told.negated() || told.c.kind == condition {
		return false
	}
	harmful := false
	for i := range p.before.t {
		w := &p.before.t[i]
		switch {
		case w.inner || w.class == Food && w.food == nil || w.class == Foam || w.class == Pronoun || w.class == Person:
		case coating[w.class] || w.class == Starch || w.class == Nut:
			harmful = true
		case stuff[w.class] || trade[w.class] && w.class != Pot && w.class != Place:
			return false
		}
	}
	return harmful
}

// missing returns the code of what is left out though it was tested so, "" where it may be
// anything.
func (p *passage) missing() string {
	if told := (&passage{c: p.before}); told.hasClass(Acid) || told.says("lemon", "lime", "vinegar", "acid") {
		return "no-acid-added"
	}
	return ""
}

// refused reports a liquid that is not taken, and what is said of it: "not the cooking
// water, it's full of starch".
func (p *passage) refused() bool {
	return notStuff(p.c.t, 0) && (p.hasClass(Water) || p.hasClass(Liquid))
}

// saysWhy reports what is in the liquid that is not taken: "it's full of starch", "all that starch in it".
func (p *passage) saysWhy() bool {
	return p.says("full of") || p.says("all that", "all the") && p.says("in it", "in there") && !p.puts()
}

// isFat reports whether the thing is the fat of an animal.
func (p *passage) isFat(ch chunk) bool {
	w := &p.c.t[ch.head]
	return ch.class == Fat || w.low == "fat" || w.low == "tallow" || w.low == "suet" || strings.HasSuffix(w.low, "fat's")
}

// compared reports a thing of somebody else's, named to compare: "like my sister does her
// peaches". It must be said to be theirs, and the cook must not go on with it.
func (p *passage) compared(ch chunk) bool {
	from := -1
	if own := p.word(ch.start); ch.prep != "" || own != "her" && own != "his" && own != "their" {
		return false // "like my sister does her chicken, with flour"
	}
	for i := ch.end; i < len(p.c.t); i++ {
		if first[p.c.t[i].low] {
			return false // "the way she makes her gravy is the way I fill it up"
		}
	}
	for i := 0; i < ch.start; i++ {
		switch w := &p.c.t[i]; {
		case from >= 0 && w.Kind == words.Mark:
			return false
		case w.low == "like" || w.low == "way" && p.word(i-1) == "the" || w.low == "as" && p.word(i-1) == "same":
			from = i
		case from >= 0 && (w.verb == "do" || w.verb == "make" || w.verb == "can" || w.verb == "bake") && w.isVerb && i > from+1 && !first[p.word(i-1)]:
			return true
		}
	}
	return false
}

// first are the cook and those who cook with her.
var first = set("i we you to")

// ofTool reports what a vessel or a tool is known by: "the electric pot I make rice in".
func (p *passage) ofTool(ch chunk) bool {
	verb := -1
	for i := ch.start - 1; i > 0 && i >= ch.start-6; i-- {
		if w := &p.c.t[i]; w.isVerb && !w.aux {
			verb = i
			break
		}
	}
	if verb < 1 || !toolVerbs[p.c.t[verb].verb] || !subjects[p.word(verb-1)] && p.c.t[verb-1].class != Person {
		return false
	}
	for i := ch.end; i < len(p.c.t) && i < ch.end+5; i++ {
		switch w := &p.c.t[i]; {
		case w.low == "in" || w.low == "on" || w.low == "with":
			return i+1 == len(p.c.t) || p.c.t[i+1].isVerb || p.c.t[i+1].Kind == words.Mark
		case w.isVerb, w.Kind == words.Mark && w.Text != ",":
			return false
		}
	}
	return false
}

var toolVerbs = set("make bake cook fry boil stew ferment brew roast do steam")

// deniedBefore reports whether some word before t[end] denies: two denials put it in, "no
// soup without barley", "I never leave it out".
func (p *passage) deniedBefore(end int) bool {
	for i := 0; i < end && i < len(p.c.t); i++ {
		if w := p.c.t[i].low; negators[w] && w != "without" && w != "nor" && w != "neither" {
			return true
		}
	}
	return false
}

// removes reports whether something is taken off or out.
func (p *passage) removes() bool {
	return p.says("off", "away", "out") && p.does("take cut pull lift trim") || p.does("trim remove discard")
}

// naming reports whether the clause says what a thing is called and what not: "this is
// a relish, not a salsa".
func (p *passage) naming() bool {
	verbs := p.c.verbIndexes()
	first := p.word(0)
	return len(verbs) == 1 && p.c.t[verbs[0]].verb == "be" && verbs[0] == 1 && (first == "this" || first == "it" || first == "that") && p.says("not") && p.word(2) != "not" && !p.c.hasNumber()
}

// likened are what one thing is compared with another by.
var likened = set("size shape colour color width thickness")

var fed = set("chook hen hog pig dog goat chicken rabbit duck turkey compost worm goose cow horse cat")

// listed lets an absence run on over a list: "no cream, butter or flour".
func (p *passage) listed(out [][2]int) [][2]int {
	if len(out) == 0 {
		return out
	}
	c := p.c
	last := out[len(out)-1][1]
	for i := range c.t {
		w := &c.t[i]
		if w.Start < last {
			continue
		}
		if w.isVerb || joints[w.low] != 0 || w.class == "" && prepositions[w.low] && w.low != "of" || w.low == "but" || w.low == "then" || w.low == "just" || w.low == "only" {
			break
		}
		if w.Kind != words.Mark {
			out[len(out)-1][1] = w.End
		}
	}
	return out
}

// needOf reports whether the "no" at i belongs to "no need", "no point": what
// follows is a thing to do.
func (p *passage) needOf(i int) bool {
	switch p.word(i + 1) {
	case "need", "point", "call", "sense", "use", "time", "reason", "way", "more", "less", "longer", "matter", "problem", "doubt", "such", "end", "harm", "trouble":
		return true
	}
	return false
}

// verbNegated reports whether the first verb of the clause is negated.
func (p *passage) verbNegated() bool {
	c := p.c
	for i := range c.t {
		w := &c.t[i]
		if !negators[w.low] || w.low == "no" || w.low == "without" || w.low == "neither" || w.low == "nor" || w.low == "none" {
			continue
		}
		if p.word(i-1) == "why" || p.word(i+1) == "only" || p.word(i+1) == "just" {
			continue
		}
		for k := i + 1; k < len(c.t); k++ {
			if c.t[k].isVerb && !c.t[k].aux {
				return !p.spares(k) && c.t[k].verb != "have" || c.t[k].verb == "have" && !p.says("too much", "enough")
			}
		}
	}
	return false
}

// mannerNegated reports whether only how or when is negated.
func (p *passage) mannerNegated() bool {
	return p.says("all at once", "at once", "too much", "too long", "too soon", "too early", "too fast", "too hard", "too high", "too hot", "until", "till", "before", "yet", "first", "once", "so much", "straight in", "straight away", "right away", "quickly", "in one go", "all together", "more than", "less than", "over")
}

// behindVerb reports whether the phrase stands behind the first verb.
func (p *passage) behindVerb(ch chunk) bool {
	verbs := p.c.verbIndexes()
	return len(verbs) > 0 && ch.start > verbs[0] && ch.prep == ""
}

// trims reports whether trimming takes the thing away, a part or fat, and does not only clean
// it: "trim the fat", but "trim the mushrooms".
func (p *passage) trims(v int, ch chunk) bool {
	return ch.class == Part || p.isFat(ch) || p.c.particle(v, "off") || p.c.particle(v, "away") || p.c.particle(v, "out") || ch.prep != ""
}

// fetches reports whether what is removed comes from where it was kept: "remove the bacon from
// the freezer".
func (p *passage) fetches() bool {
	return p.says("from", "out of") && p.says("freezer", "fridge", "refrigerator", "icebox", "ice box", "cellar", "pantry", "larder", "cupboard", "shelf", "smoker", "oven", "packet", "package", "packaging", "packing", "pack", "wrapper", "wrapping", "box", "bag", "bags", "basket", "tin", "tins", "can", "cans", "bottle", "carton", "crate", "bucket", "tub", "sack", "garden", "bed", "tree", "vine", "dehydrator", "brine", "cure", "marinade", "grill", "pan", "skillet", "fryer", "bone", "bones", "shell", "shells", "cob", "cobs", "pod", "pods", "casing", "casings")
}

// leavesOut reports whether the clause leaves the thing out: skip, omit, leave
// out, do without, need no.
func (p *passage) leavesOut(ch chunk) bool {
	c := p.c
	for _, v := range c.verbIndexes() {
		switch c.t[v].verb {
		case "discard", "remove", "trim", "compost":
			if c.t[v].verb == "trim" && !p.trims(v, ch) || c.t[v].verb == "remove" && p.fetches() {
				continue
			}
			if ch.start > v && ch.prep == "" || ch.prep == "off" || ch.prep == "out" {
				return true
			}
		case "skip", "omit", "avoid", "drop", "lose", "dispense":
			if ch.start > v && ch.prep == "" && (c.t[v].verb != "drop" || c.r == nil) && (c.t[v].verb != "lose" || ch.class != Part) {
				return true
			}
		case "leave":
			if c.particle(v, "out") && ch.prep == "" && ch.start > v {
				return true
			}
		}
	}
	return false
}
