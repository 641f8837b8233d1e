package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// Between the closing of the jars and the end of their process little is said, and always of the
// same few things. A clause that brings in another word has not been understood, whatever else
// reads it.

// beyondProcess reports a word for which the process has no use: "rest the lid on without locking it",
// "leave the petcock open". The words that it knows are knowledge/statements.yaml's.
func (p *passage) beyondProcess(got *Clause) bool {
	switch {
	case p.at.Running, got.plain, p.third(), p.negated(), p.deniedBefore(len(p.c.t)), p.c.kind == condition, p.c.measured(english.Length):
		return false
	case slices.ContainsFunc(p.c.m, func(m english.Measure) bool { return m.Kind == english.Duration && m.Max >= leastTime }):
		return false // the process itself, which the rest of the file looks at
	case got.Kind == Talk && got.Why == "nothing touched" && !p.tellsToDo(), got.Why != "frame" && got.Why != "figures" && got.Why != "nothing touched":
		return false
	}
	for _, a := range got.Acts {
		if atClosedJars[a.Name] && !a.Undone && !narrow[a.Name] {
			return false // what it does is known, and looked at by the rest
		}
	}
	for i := range p.c.t {
		if !p.ofProcess(i) && !(p.c.t[i].isVerb && p.hasClass(Weight)) {
			return true
		}
	}
	return false
}

// atClosedJars are the acts that belong between the lids and the end of the process.
var atClosedJars = set("process pressure-process boil-bath steam-canner vent weight-on lid band wipe-rim de-bubble headspace start-clock restart drop come-to-pressure heat-up natural-cool load unload hold stand check-seal boil")

// narrow are those of them of which little else is ever said, so that another word tells against
// them: "drop the weight in the drawer".
var narrow = set("weight-on")

// leastTime is the least time that may be a process of closed jars and no vent, in minutes.
const leastTime = 15

// tellsToDo reports an order that names nothing: "turn off", "leave overnight".
func (p *passage) tellsToDo() bool {
	k := 0
	for k < len(p.c.t) && (p.c.t[k].low == "then" || p.c.t[k].low == "and" || p.c.t[k].low == "just" || p.c.t[k].low == "now") {
		k++
	}
	if k >= len(p.c.t) {
		return false
	}
	first := &p.c.t[k]
	return first.isVerb && !first.aux && first.low == first.verb && p.r.prefers(first.verb)
}

// ofProcess reports whether the word may be said of closed jars and their process.
func (p *passage) ofProcess(i int) bool {
	w := &p.c.t[i]
	switch {
	case w.Kind == words.Mark, w.Kind == words.Number, w.m != 0, p.c.nums[i] > 0, p.small(i), subjects[w.low], determiners[w.low], joints[w.low] != 0, w.name && w.class == "":
		return true
	case w.low == "off" && (p.word(i+1) == "steam" || p.word(i+1) == "the" && p.word(i+2) == "steam"):
		return true // "it lets off steam"
	case w.low == "tap" && p.word(i+1) == "water":
		return true
	case w.low == "off" && i > 0 && p.c.t[i-1].class == Weight:
		return true // "steam for ten minutes with the weight off"
	case p.wipedOff(w):
		return true // the rims are wiped until it is
	case (w.low == "off" || w.low == "rest" || w.low == "heat") && p.figureCount() > 1:
		return true // "15 minutes in the boiling water, then five off the heat"
	case w.class == Person, w.class == Jar, w.class == Clock, w.class == Pressure:
		return true
	case w.isVerb && p.r.process[w.verb], p.r.process[w.low], p.r.process[w.Text]:
		return true
	case p.at.named(w.Text), p.at.named(w.low):
		return true
	}
	return w.class == "" && !w.isVerb && (w.entry.Noun() == english.NounTime && w.low != "sun" || w.entry.Noun() == english.NounPlace && w.low != "oven")
}

// wipedOff reports a word of what is wiped off the rims.
func (p *passage) wipedOff(w *token) bool {
	return w.low == "off" && p.says("fat", "grease") || wipedAway[w.low] && p.wipesDry()
}

// wipesDry reports rims that are wiped until nothing greasy is left on them: "wipe with a dry
// paper towel to remove any fish oil".
func (p *passage) wipesDry() bool {
	return p.does("wipe clean") && p.says("towel", "cloth") && p.says("remove", "get rid of", "take off") && !p.negated()
}

var wipedAway = set("remove fat oil grease fish any traces trace towel cloth paper dry clean")

// small reports a word that adds nothing: "vent ten first, like always".
func (p *passage) small(i int) bool {
	w := p.word(i)
	return little[w] || w == "like" && habit[p.word(i+1)] || habit[w] && i > 0
}

// habit are words for what is done each time.
var habit = set("always usual ever usually")

// figureCount is how many figures the clause holds.
func (p *passage) figureCount() int {
	n := 0
	for i := 0; i < len(p.c.nums); i++ {
		if k := int(p.c.nums[i]); k > 0 {
			n++
			i += k - 1
		}
	}
	return n
}
