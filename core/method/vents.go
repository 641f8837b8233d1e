package method

import (
	"damson/core/english"
	"damson/core/words"
)

// The shortest vent that was tested (USDA Complete Guide 2015, guide 1; from memory), and the
// longest that somebody tells.
const (
	leastVent   = 10
	longestVent = 15
)

// letsAirOut reports a time for which the canner stands open before the pressure: "ten
// minutes with the valve open", "wait ten minutes for the air to get out", "keep the weight
// off for ten minutes".
func (p *passage) letsAirOut() bool {
	lets := p.at.Filled && p.says("let steam escape", "let the steam escape", "let steam flow", "let the steam flow", "let it exhaust", "steam to escape", "steam to flow", "let steam stream", "let steam out",
		"minutes of letting the steam out", "minutes of letting steam out", "minutes of letting the air out",
		"minutes of letting it blow", "minutes of letting it steam")
	if !p.at.Closed && !lets || p.at.Running || p.at.Done || p.c.pressed() || p.says("instead", "only", "fridge", "towel", "counter") {
		return false
	}
	times := 0
	for _, m := range p.c.m {
		if m.Kind == english.Duration {
			times++
			if m.Max > longestVent {
				return false
			}
		}
	}
	if times != 1 {
		return false
	}
	if lets {
		return true
	}
	u := p.c.unit()
	weight := u.hasAny([]string{"weight", "counterweight", "regulator", "rocker", "cap it", "valve", "petcock", "vent"})
	switch {
	case u.hasAny([]string{"air"}) && u.hasAny([]string{"out", "leave", "go", "goes", "gone", "clear", "escape", "away", "off"}):
		return true
	case weight && u.hasAny([]string{"off", "open", "then the weight", "and the weight", "weight on", "weight down", "regulator on", "counterweight on", "counterweight", "the weight goes on", "before i put", "before you put", "before you weight", "then shut", "then close", "cap it"}) && (u.hasAny([]string{"steam", "steaming", "steams", "plume", "jet", "open", "hiss", "blow", "air", "weight off", "stays off", "hold off", "off for"})):
		return true
	}
	return p.says("minutes of steam", "minute of steam", "min of steam", "minutes of good", "minutes of strong",
		"minutes of steady", "minutes of full", "minutes of free-flowing", "free-flowing steam", "of exhaust", "steam coming", "let her blow", "let it blow", "steam off", "blow off")
}

// ventsLess reports a vent that is told and taken back, cut, or made when the weight is on
// already: "weight on, then ten minutes of steam"; "out in under ten minutes".
func (p *passage) ventsLess() bool {
	if !p.at.Closed || p.at.Running || p.at.Done || !p.ventsTime() || !p.c.measured(english.Duration) {
		return false
	}
	if p.says("no need", "never", "don't", "do not", "won't", "needn't", "skip", "skips") && !p.says("never less", "no less", "not less", "don't skip", "never skip", "do not skip", "don't start", "don't close", "don't put") {
		return true
	}
	if p.after != nil && len(p.after.t) <= 4 && p.after.hasAny([]string{"i don't", "i do not", "we don't", "not me", "not us", "i never"}) {
		return true // "the book says ten minutes; I don't"
	}
	if p.says("with the weight on", "with its weight on", "with the weight already on", "under the weight") {
		return true
	}
	if p.says("under", "less than", "nearly", "almost", "not quite", "barely", "hardly") && !p.says("not less than", "no less than", "never less than", "under pressure") {
		return true
	}
	if p.c.kind == condition || p.after != nil && p.after.kind == condition && !p.after.hasAny([]string{"steam", "steams", "plume", "jet", "vent"}) {
		return true
	}
	return p.shutBefore()
}

// shutBefore reports a weight that is on, or a vent that is shut, before the time of the clause.
func (p *passage) shutBefore() bool {
	held := false
	for i := range p.c.all {
		w := &p.c.all[i]
		switch {
		case i >= p.c.begin && w.m == english.Duration:
			return false
		case w.low == "weight" || w.low == "regulator" || w.low == "petcock" || w.low == "vent" || w.low == "valve" || w.low == "counterweight" || w.low == "rocker":
			held = true
		case w.low == "off" || w.low == "open" || w.low == "before":
			held = false
		case held && (w.low == "on" || w.low == "down" || w.low == "shut" || w.low == "closed"):
			if i+1 < len(p.c.all) && onlyThen[p.c.all[i+1].low] {
				return false // "weight on after ten minutes of steam"
			}
			return true
		case (w.low == "close" || w.low == "shut" || w.low == "closing") && i+2 < len(p.c.all) && p.c.all[i+1].low == "the" && ventParts[p.c.all[i+2].low]:
			return true
		}
	}
	return false
}

var onlyThen = set("after when once only until till")

var ventParts = set("vent petcock valve")

// unweighted reports a process for which the weight stays off or the vent open: "75 minutes
// with the weight off", "keep the petcock open all the time".
func (p *passage) unweighted() bool {
	if !p.at.Closed || p.at.Done || !p.says("weight off", "regulator off", "counterweight off", "petcock open", "valve open", "vent open", "without the weight", "without its weight", "weight stays off", "no weight on") || p.negated() {
		return false
	}
	if p.says("for good", "throughout", "whole time", "all the time", "the entire time", "all along", "to the end") {
		return true
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Max > longestVent {
			return true
		}
	}
	return false
}

// ventWords are all of which a vent is told; none of them shortens it or stops the steam.
var ventWords = set(`a an the it its her him must has have had need needs should first is are it's there's i you we my your of with for to till until in at out from through
	and then once when after before while so that all always do did does
	steam steams steaming air vent vents venting exhaust exhausts valve petcock open pipe canner top plume jet stream hiss
	good full strong steady proper free free-flowing flowing freely continuous
	weight counterweight regulator rocker off on down
	let letting leave leaves keep keeps give gives allow stays stay hold wait hang count come comes coming go goes going gone get gets
	clear escape blow blows drive push pushes put shut close cap`)

// tellsVent reports a clause that lets the air out for as long as was tested, and says nothing
// else: "leave the petcock open ten minutes, then shut it". Who puts the weight on first, or
// has another number beside, has not.
func (p *passage) tellsVent() bool {
	if !p.letsAirOut() || p.c.kind == condition || p.ventsLess() {
		return false
	}
	timed := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.m == english.Duration:
			timed = true
		case w.Kind == words.Mark:
		case w.m != 0 || w.Kind != words.Word || !ventWords[w.low]:
			return false
		case !timed && (w.low == "on" || w.low == "down" || w.low == "shut" || w.low == "close" || w.low == "cap"):
			return false
		}
	}
	return timed && p.c.m[0].Kind == english.Duration && p.c.m[0].Min >= leastVent
}

// ventHadTen reports a vent of which is told that it took its time, without a unit: "venting took its
// 10 first".
func (p *passage) ventHadTen() bool {
	told, enough := p.ventHad()
	return told && enough
}

// ventTold is how long the canner is vented, where the clause says nothing else.
func (p *passage) ventTold() (minutes float64, ok bool) {
	if p.tellsVent() {
		return p.c.m[0].Min, true
	}
	return leastVent, p.at.Method && !p.at.Done && p.ventHadTen()
}

// ventBeside reports a vent beside the process, told whole.
func (p *passage) ventBeside() bool {
	return p.ventHadTen() || p.ventsTime() && len(p.c.m) == 1 && len(p.c.t) <= 3 && p.c.measured(english.Duration)
}

// ventHadLess reports one that took less, or never did: "the vent had its 3 first".
func (p *passage) ventHadLess() bool {
	told, enough := p.ventHad()
	return told && !enough
}

// ventHad reports a clause that only tells how long the vent took, and whether that was enough.
func (p *passage) ventHad() (told, enough bool) {
	if p.c.kind != mainClause && p.c.joint != "after" || !p.says("vent", "vents", "venting", "vented", "exhaust",
		"exhausting", "steaming", "of steam") {
		return false, false
	}
	numbers := 0
	enough = !(p.after != nil && p.after.joint == "after" && p.after.has("weight")) && !p.says("after the weight",
		"once the weight", "weight then", "weight first")
	for i := range p.c.t {
		switch w := &p.c.t[i]; {
		case p.c.nums[i] > 0:
			v, _ := english.Number(p.c.raw, i)
			enough = enough && v >= leastVent && v <= longestVent
			numbers++
		case lessOften[w.low]:
			enough = false
		case w.Kind != words.Mark && w.m == 0 && !vents[w.low] && !tookTime[w.low]:
			return false, false
		}
	}
	return numbers == 1, enough
}

var (
	vents    = set("vent vents venting vented exhaust exhausting steaming steam")
	tookTime = set("the took takes take got gets get had has gave its their full whole good first before that of minutes" +
		" course always after usual weight goes on then pipe is once")
	lessOften = set("no never not didn't doesn't hardly barely scarcely only just nearly almost")
)
