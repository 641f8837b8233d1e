package method

import (
	"slices"
	"strings"

	"damson/core/english"
)

// Deviation is what no tested procedure bears, told in plain words anywhere in a text, as
// knowledge/deviations.yaml has it. It is known by what it speaks of and what is done about it, whatever the
// time of the course.
type Deviation struct {
	Code string `yaml:"code" json:"code"`
	Why  string `yaml:"why" json:"why"`
	// Must are words of which one between the bars has to be there, for each of them; behind a tilde they may
	// stand near the clause. "@lid" is any thing of the class, "@table" any food, "@pounds-left" a pressure.
	Must []string `yaml:"must" json:"must"`
	// Apart must not stand in the clause, Far not near it.
	Apart []string `yaml:"apart" json:"apart,omitempty"`
	Far   []string `yaml:"far" json:"far,omitempty"`
	// Denied rows hold where the clause denies something, too; NoFood rows only where no food is named.
	Denied bool `yaml:"denied" json:"denied,omitempty"`
	NoFood bool `yaml:"no_food" json:"no_food,omitempty"`

	Example []string `yaml:"example" json:"-"`
	Counter []string `yaml:"counter" json:"-"`
}

// deviation is a row with its words apart: those of the clause, and those near it; denials are those of Apart
// that only deny.
type deviation struct {
	*Deviation
	of, near       []choice
	apart, denials []string
}

// deviationsOf splits the words of the rows.
func deviationsOf(rows []*Deviation) []deviation {
	var out []deviation
	for _, row := range rows {
		d := deviation{Deviation: row}
		for _, word := range row.Apart {
			if negators[word] || word == "nobody" {
				d.denials = append(d.denials, word)
			} else {
				d.apart = append(d.apart, word)
			}
		}
		for _, must := range row.Must {
			if words, ok := strings.CutPrefix(must, "~"); ok {
				d.near = append(d.near, choiceOf(strings.Split(words, "|")))
				continue
			}
			d.of = append(d.of, choiceOf(strings.Split(must, "|")))
		}
		out = append(out, d)
	}
	return out
}

// deviates returns the doubt of a clause that tells how the jars are boiled, vented, closed or filled
// otherwise than in any procedure.
func (p *passage) deviates() (code, why string) {
	for i := range p.r.deviations {
		d := &p.r.deviations[i]
		if p.isDeviation(d) && !p.warned() && !p.othersOnly() {
			return d.Code, d.Why
		}
	}
	return "", ""
}

func (p *passage) isDeviation(d *deviation) bool {
	for i := range d.of {
		if !p.c.mayHold(&d.of[i]) {
			return false
		}
	}
	for i := range d.of {
		if !p.saysOne(d.of[i].words) {
			return false
		}
	}
	unit := p.c.unit()
	for i := range d.near {
		if !unit.mayHold(&d.near[i]) || !unit.hasAny(d.near[i].words) {
			return false
		}
	}
	if p.says(d.apart...) || unit.hasAny(d.Far) || d.NoFood && p.namesFood() {
		return false
	}
	denied := !d.Denied && p.negated() || p.says(d.denials...)
	return !denied || p.deniesHarm()
}

// deniesHarm reports that only the harm of it is denied: "ten minutes off the time never hurt anybody".
func (p *passage) deniesHarm() bool {
	return p.shrugs() || p.says("no worse", "any worse", "no difference", "any difference", "no trouble", "no bother",
		"no one can tell", "nobody can tell", "nobody died", "no one died", "nobody has died", "did harm", "does harm",
		"nobody notices", "not notice", "won't notice", "don't notice", "never noticed", "never made anyone")
}

// saysOne reports whether the clause holds one of the words, phrases or classes.
func (p *passage) saysOne(words []string) bool {
	if p.says(words...) {
		return true
	}
	return slices.ContainsFunc(words, func(what string) bool {
		class, ok := strings.CutPrefix(what, "@")
		switch {
		case !ok:
			return false
		case class == "table":
			return p.namesFood()
		case class == "pounds-left":
			return p.atPounds()
		}
		return p.hasClass(Class(class))
	})
}

// othersOnly reports what only others do; a soak is no drinker here, and a simmer nobody.
func (p *passage) othersOnly() bool {
	return p.third() && !p.ourBatch() && !p.says("nobody", "no one", "soak", "simmer", "lids pop", "lid pops", "jars pop")
}

// warned reports what is told of as wrong, or as done no longer.
func (p *passage) warned() bool {
	told := p.says("used to", "they say", "some people", "some folks", "people who", "never do", "wouldn't do") ||
		p.says("no longer") && !p.says("no longer than")
	return told && !p.says("i'm used to", "we're used to", "are used to", "am used to") || p.c.unit().hasAny(warnings)
}

var warnings = []string{"don't be like", "not safe", "isn't safe", "unsafe", "is wrong", "was wrong", "never again",
	"not any more", "threw"}

// atPounds reports that something is done while some pounds are left: "open it at five pounds".
func (p *passage) atPounds() bool {
	for i := range p.c.t {
		if p.c.t[i].low != "at" && p.c.t[i].low != "with" {
			continue
		}
		v, n := english.Number(p.c.raw, i+1)
		if n == 0 || v <= 0 || i+1+n >= len(p.c.t) {
			continue
		}
		switch p.c.t[i+1+n].Text {
		case "pound", "lb", "psi", "#":
			return true
		}
	}
	return false
}
