package method

import "damson/core/english"

// unclaimed reports a statement or a condition about acid, heat, time, pressure or a
// closure that no frame and no harmless reading has claimed: each of its words is
// known, and still it may change the step: "I go by colour for the lemon", "if the gas
// runs out I finish on the grill".
func (p *passage) unclaimed() bool {
	if !p.at.Method || !hasVerb(p.c.t) || p.serving || p.stated() {
		return false
	}
	s := p.subject()
	if p.c.kind != condition && (s == nil || p.third() || p.c.kind == moment || p.c.kind == reason) {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.inner || w.class == Pressure && i > 0 && ownPressure[p.word(i-1)]:
		case w.class == Acid || w.low == "lemon" || w.low == "lime" || w.low == "bath" || w.class == Pressure || w.class == Gauge || w.class == Canner:
			return true
		case p.at.Filled && ofSafety[w.class]:
			return true
		}
	}
	return false
}

// ofSafety are the things on which the safety of full jars hangs.
var ofSafety = map[Class]bool{Clock: true, Weight: true, Burner: true, Steam: true, Lid: true, Band: true, FullJar: true}

// ownPressure stand before the pressure of a person's blood.
var ownPressure = set("his her my your their blood high")

// stated reports what only says which canner, figure or closure it is: it is read for
// its figures elsewhere.
func (p *passage) stated() bool {
	doubtful := p.any(denies) || p.dangerWords() || p.any(strange) || p.says("off", "low", "wrong", "out", "wander", "wanders", "between", "broken", "stuck", "never", "if", "runs")
	switch {
	case p.negated() && p.does("see enter touch meet") && p.names(stuff) && !p.puts() && !p.hasClass(Acid):
		return true // "the lard never sees the inside of the canner"
	case p.does("have") && p.hasClass(Canner) && (p.hasClass(Weight) || p.hasClass(Gauge)) && !p.c.hasNumber() && !p.says("no", "broken", "lost", "stuck", "missing"):
		return true // "my canner has the weight, not the clock"
	case p.c.m != nil && p.c.t[0].m == english.Duration:
		return true // figures first
	case (p.c.pressed() || p.says("psi")) && (p.negated() || !doubtful):
		return true // "the 11 psi of the sea-level column shall not be used"
	case (p.hasClass(Gauge) || p.hasClass(Weight)) && p.c.hasNumber() && !doubtful:
		return true
	case p.hasClass(Pressure) && p.does("drop fall go come sink") && p.says("own accord", "by itself", "on its own", "alone", "of itself"):
		return true
	case p.before != nil && p.before.kind == moment && p.stative() && !doubtful:
		return true // "when there is a full column of steam (and the needle is in the green)"
	case p.c.kind == result && p.says("zero", "nought", "nothing"):
		return true
	case p.says("on gas", "on electric", "on wood") && p.does("be cook"):
		return true
	case doubtful || p.negated() || p.c.hasNumber():
		return false
	case len(p.c.t) <= 5 && p.says("pressure can", "pressure - can", "water bath can", "steam can", "can them", "pressure canned"):
		return true
	case p.does("smell look sound sing hum"):
		return true
	case p.hasClass(Canner) && len(p.c.t) <= 7 && len(p.c.verbIndexes()) == 1 && p.does("use have own bring get take fetch borrow"):
		return true
	case p.hasClass(Weight) && len(p.c.t) <= 7 && p.does("put set place drop hang") && !p.says("on one", "half", "first", "at once"):
		return true
	case (p.hasClass(Lid) || p.hasClass(Band)) && p.does("put wipe screw set place close fit lay clean take") && !p.hasClass(Canner) && !p.hasClass(Clock) && !p.hasClass(Burner):
		return true
	}
	return false
}
