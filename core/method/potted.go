package method

import "damson/core/english"

// inPot reports closed jars that are processed in a plain pot: "process in the stockpot". A
// pot holds boiling water and no pressure.
func (p *passage) inPot() bool {
	if !p.at.Filled || p.at.Done || p.negated() || p.hasClass(Canner) || p.hasClass(Pressure) || p.hasClass(Gauge) || p.says("pressure", "bath", "psi", "canner") {
		return false
	}
	if !p.does("process can") && p.word(0) != "process" && !(p.c.measured(english.Duration) && p.does("give do get have") && !p.says("soak", "wash", "rinse", "wait", "rest")) {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.class == Pot && (ch.prep == "in" || ch.prep == "into") {
			return true
		}
	}
	return p.says("in the copper", "in the boiler", "in the wash boiler", "in the tub", "in the bucket")
}

// InPot reports whether the clause processes closed jars in a plain pot.
func (c *Clause) InPot() bool { return c.inPot }
