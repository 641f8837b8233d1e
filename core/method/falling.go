package method

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// From heat off to the open lid a pressure canner stands by itself (USDA Complete Guide 2015,
// guide 1; from memory). Little is said of it, and always of the same few things, so that a
// clause about it that brings in another word has not been understood.

// stillFalling returns the doubt of what is said of a pressure canner that has not fallen yet,
// "" where it is left alone.
func (p *passage) stillFalling(got *Clause) (code, why string) {
	if !p.at.UnderPressure || got.plain || got.Kind == Serve {
		return "", ""
	}
	switch {
	case p.ventedDown():
		return "cooling", "let down by its weight"
	case p.partDown():
		return "cooling", "not all the way down"
	case p.weightOff():
		return "cooling", "its weight taken off"
	case p.lacksTime():
		return "cooling", "no time for it"
	case p.strangeToFall(got):
		return "cooling", "no word of a canner left alone"
	}
	return "", ""
}

// lacksTime reports that nobody has the time that the fall takes: "it takes forty minutes I don't
// have".
func (p *passage) lacksTime() bool {
	if p.says("life is short", "life is too short", "life's too short") {
		return true
	}
	if p.any(negators) && p.says("for zero", "for the needle", "for the pin", "for the button", "for the pressure",
		"for the gauge") {
		return !p.says("until", "till", "before")
	}
	timed := p.c.measured(english.Duration) || p.says("the time", "the patience", "time for that", "time for it",
		"time to wait") || p.before != nil && p.before.measured(english.Duration)
	return timed && !p.hasClass(Jar) && !p.hasClass(FullJar) && p.says("i don't have", "we don't have",
		"i do not have", "haven't got", "have not got", "ain't got", "who has", "who's got", "nobody has")
}

// closesVent are what closes a pressure canner's vent.
var closesVent = set("petcock vent valve regulator spout jiggler weight weights")

// ventedDown reports a pressure that falls because the vent is open: "let it come to zero with
// the weight off", "pull the weight so it drops".
func (p *passage) ventedDown() bool {
	if p.negated() || !p.hasClass(Weight) && !p.any(closesVent) {
		return false
	}
	if p.does("take pull tip lift nudge knock flick push drop open crack raise turn") && p.toBringDown() {
		return true
	}
	for i := range p.c.t {
		switch p.word(i) {
		case "with", "by", "through":
			if next := p.word(i + 1); !strings.HasSuffix(next, "self") && p.opensVent(i+1) {
				return true
			}
		}
	}
	return false
}

// weightOff reports a weight that comes off when nothing has said yet that the pressure is down:
// "heat off, weight off".
func (p *passage) weightOff() bool {
	if p.negated() || p.deniedBefore(len(p.c.t)) || p.c.joint == "before" || p.c.kind == condition {
		return false
	}
	if p.hasClass(Steam) && !p.does("take pull lift remove yank flip pry tip knock") {
		return false // "steam out of the vent", told afterwards
	}
	off := p.says("off", "out", "up") || p.does("pull lift remove yank flip pry")
	if !p.hasClass(Weight) || !off || p.says("heat off", "pick up", "left off", "leave off") {
		return false
	}
	return !p.downBefore()
}

// downBefore reports that the pressure is said to be gone before the weight is named:
// "let it drop to zero, then the weight off", but not "take the weight off, it comes down by itself".
func (p *passage) downBefore() bool {
	for i := range p.c.t {
		if p.c.t[i].class != Weight {
			continue
		}
		at := p.c.begin + i
		told := &clause{r: p.c.r, t: p.c.all[max(0, at-reach):at], all: p.c.all}
		return told.hasAny(isDown) || told.hasAny([]string{"gone", "stone cold", "no hiss"})
	}
	return false
}

// toBringDown reports that what is done is for the pressure to fall.
func (p *passage) toBringDown() bool {
	if p.after != nil && p.after.joint == "so" {
		return p.after.hasAny([]string{"drop", "drops", "fall", "falls", "come", "comes", "go", "goes", "cool", "cools"})
	}
	return p.says("to let", "to bring", "to drop", "to get", "to speed", "to help", "to hurry", "to cool", "to lower",
		"so it", "so that it", "and it drops")
}

// opensVent reports an open vent told from the word at i on: "the weight lifted", "lifting the
// weight", "the open petcock".
func (p *passage) opensVent(i int) bool {
	part, open := false, false
	for k := i; k < min(i+5, len(p.c.t)); k++ {
		w := &p.c.t[k]
		part = part || w.class == Weight || closesVent[w.low]
		switch w.low {
		case "off", "open", "up", "out", "loose", "lifted", "raised", "tipped", "removed", "pulled", "cracked",
			"lifting", "raising", "tipping", "removing", "pulling", "opening", "cracking", "tapping", "nudging":
			open = true
		}
	}
	return part && open
}

// partDown reports a pressure that is waited for until some of it has gone: "until the needle
// dropped a bit". How long it takes is none.
func (p *passage) partDown() bool {
	if p.negated() || p.c.measured(english.Duration) || p.hasClass(Liquid) || !p.does("drop fall sink come go be leave") {
		return false
	}
	if p.c.kind != moment && !p.c.unit().hasAny([]string{"until", "till", "when", "once", "open", "lid", "as soon as"}) {
		return false
	}
	return p.says("some", "a bit", "a little", "a touch", "somewhat", "mostly", "most of the way", "nearly", "almost",
		"half way", "halfway", "part way", "partway", "partly", "a good bit", "a fair bit", "low enough",
		"down enough", "a pound or two", "close to zero", "near zero")
}

// fallsAlone reports the end of a fall that nobody helped: "left alone until it dropped", "till
// the pressure had dropped".
func (p *passage) fallsAlone() bool {
	if !p.does("drop fall sink") || p.partDown() || p.says("to", "under", "below") {
		return false
	}
	if p.hasClass(Pressure) || p.hasClass(Gauge) || p.says("needle", "pin", "button", "plunger", "lock") {
		return true
	}
	s := p.subject()
	left := []string{"alone", "left", "leave", "let it", "wait", "waited", "hands off", "nobody touches",
		"nobody touched", "do not touch", "don't touch", "untouched"}
	return s != nil && s.class == Pronoun && p.c.unit().hasAny(left)
}

// howLongItFalls is why a time is none of the process.
const howLongItFalls = "how long it falls"

// howLong reports how long a canner takes to fall by itself: "natural release, takes the better
// part of an hour". Whoever has not got the time says so.
func (p *passage) howLong() bool {
	if !p.at.UnderPressure || !p.says("take", "takes", "took") || !p.c.measured(english.Duration) {
		return false
	}
	if p.negated() || p.hasClass(Jar) || p.hasClass(FullJar) || p.says("don't", "haven't", "if") {
		return false
	}
	if !p.falls() && (p.before == nil || !(&passage{c: p.before, at: p.at, r: p.r}).falls()) {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.Kind == words.Word && w.m == 0 && !p.ofFall(i) && !little[w.low] && !lengths[w.low] {
			return false
		}
	}
	return true
}

// lengths are words of how long it takes.
var lengths = set("better part about cool cooling")

// ofFall reports a word of a canner that is left to fall.
func (p *passage) ofFall(i int) bool {
	w := &p.c.t[i]
	return p.r.falling[w.low] || p.r.falling[w.Text] || w.isVerb && p.r.falling[w.verb]
}

// HowLongItFalls reports a time that the canner takes to fall by itself, and none of the process.
func (c *Clause) HowLongItFalls() bool { return c.Why == howLongItFalls }

// falls reports that the canner cools or its pressure goes down.
func (p *passage) falls() bool {
	return p.says("natural release", "natural cooling", "natural drop", "come down", "comes down", "coming down",
		"came down", "go down", "goes down", "going down", "cool", "cooling", "cooling down", "drop", "drops",
		"zero", "on its own", "by itself")
}

// ofCanner are parts that are watched while a canner falls and have no class of their own.
var ofCanner = set("needle zero petcock vent valve pin lock button plunger gasket")

// strangeToFall reports a word that nothing has to do with a canner left alone: "poke the
// button with a fork". The words that it knows are knowledge/statements.yaml's.
func (p *passage) strangeToFall(got *Clause) bool {
	watched := got.Kind == Talk && got.Why == "nothing touched" && p.any(ofCanner) && p.tellsToDo()
	if !watched && (got.Kind != Doing || got.Why != "frame") {
		return false
	}
	if p.third() || p.negated() || p.deniedBefore(len(p.c.t)) || p.c.kind == condition || p.c.measured(english.Length) {
		return false
	}
	if !p.namesCanner() {
		return false
	}
	for i := range p.c.t {
		if p.c.t[i].Kind == words.Word && !p.ofFall(i) && !p.ofProcess(i) {
			return true
		}
	}
	return false
}

// namesCanner reports the canner or a part of it that tells its pressure.
func (p *passage) namesCanner() bool {
	return p.hasClass(Canner) || p.hasClass(Weight) || p.hasClass(Gauge) || p.hasClass(Pressure) || p.any(ofCanner)
}
