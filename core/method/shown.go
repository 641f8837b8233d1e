package method

import "slices"

// Phase is the part of the canning day that a clause belongs to.
type Phase string

// The phases, in the order of a day.
const (
	Prepare Phase = "prepare"
	Fill    Phase = "fill"
	Process Phase = "process"
	Cool    Phase = "cool"
	Store   Phase = "store"
	Past    Phase = "past"
)

// phaseActs are acts that belong to one phase wherever they stand.
var phaseActs = map[string]Phase{"fill": Fill, "pack": Fill, "headspace": Fill, "wipe-rim": Fill, "de-bubble": Fill, "lid": Fill, "band": Fill, "dose-jar": Fill, "layer": Fill,
	"process": Process, "boil-bath": Process, "pressure-process": Process, "steam-canner": Process, "vent": Process, "load": Process, "restart": Process, "heat-off": Process,
	"natural-cool": Cool, "cool-jars": Cool, "unload": Cool, "force-cool": Cool, "check-seal": Store, "unband": Store, "wash-sealed": Store, "label": Store, "store": Store, "keep-years": Store}

// phaseOf names the phase of a clause by its acts and where it stands.
func (p *passage) phaseOf(acts []Act) Phase {
	for _, a := range acts {
		if ph := phaseActs[a.Name]; ph != "" {
			return ph
		}
	}
	switch {
	case p.at.Done:
		return Cool
	case p.at.Closed:
		return Process
	case p.at.Filled:
		return Fill
	}
	return Prepare
}

// shown keeps what a clause puts in by "with" and where to by "in" or "into".
func (c *Clause) shown(in *clause) {
	for _, ch := range in.chunks() {
		text := in.t[ch.head].low
		switch ch.prep {
		case "with":
			c.with = append(c.with, text)
		case "into", "in":
			if c.into == "" {
				c.into = text
			}
		}
	}
}

// With returns what the clause says it is done with.
func (c *Clause) With() []string {
	if c.with == nil {
		return []string{}
	}
	return c.with
}

// Into returns where it goes.
func (c *Clause) Into() string { return c.into }

// Does reports whether the clause does the act.
func (c *Clause) Does(act string) bool {
	return slices.ContainsFunc(c.Acts, func(a Act) bool { return a.Name == act && !a.Undone })
}
