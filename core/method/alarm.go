package method

import "strings"

// Verbs that no procedure asks for, in whatever form they stand: "the salsa is thinned",
// "after flouring the meat", "the vinegar wants halving".

// alarmed reports such a verb with a thing that it harms.
func (p *passage) alarmed([]Act) (string, string) {
	if p.at.Done || p.negated() || p.third() && !p.ourBatch() {
		return "", ""
	}
	acid := p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")
	for i := range p.c.t {
		w := &p.c.t[i]
		acted := w.isVerb && !w.aux || strings.HasSuffix(w.low, "ing") || strings.HasSuffix(w.low, "ed") || i == 0 && w.low == w.verb
		if !acted {
			continue
		}
		switch w.verb {
		case "ferment":
			if !p.at.Filled && !p.at.named("fermented") {
				return "ferments", "left to sour"
			}
		case "halve", "double", "triple", "treble":
			if acid {
				return "acid-short", "a multiple"
			}
		case "omit", "skip":
			if acid && !p.at.Filled && !anyOf(p.c.t[:i], negators) {
				return "no-acid-added", "acid left out"
			}
		case "flour", "bread", "dredge", "batter", "crumb":
			if !p.at.Filled && w.low != w.verb {
				return "thickener", "coated"
			}
		case "microwave":
			if p.at.Filled && (p.hasClass(Jar) || p.hasClass(Pronoun)) {
				return "oven", "microwaved in the jar"
			}
		case "bake":
			if p.at.Filled && p.hasClass(Jar) && !p.namesFood() {
				return "oven", "baked in the jar"
			}
		}
	}
	if p.before != nil && len(p.c.t) <= 2 {
		return p.appositive()
	}
	return "", ""
}

// appositive reports a form that stands alone behind what it is told of: "the vinegar,
// halved".
func (p *passage) appositive() (string, string) {
	of := &passage{c: p.before, at: p.at, r: p.r}
	if hasVerb(of.c.t) {
		return "", ""
	}
	switch p.word(0) {
	case "halved", "doubled", "tripled", "quartered":
		if of.hasClass(Acid) || of.says("lemon", "lime", "vinegar") {
			return "acid-short", "a multiple"
		}
		if p.word(0) != "halved" && p.word(0) != "quartered" && of.namesFood() {
			return "low-acid-increase", "a multiple"
		}
	case "baked", "microwaved":
		if p.at.Filled && of.hasClass(Jar) {
			return "oven", "heated dry in the jar"
		}
	case "thinned", "diluted", "watered":
		return "acid-diluted", "made weaker"
	}
	return "", ""
}

// simmersJars reports closed jars in water that does not boil.
func (p *passage) simmersJars() bool {
	return p.at.Closed && !p.at.Done && !p.negated() && (p.does("simmer poach coddle") || p.says("simmered", "simmering the", "poached")) && (p.hasClass(Jar) || p.hasClass(FullJar)) && !p.says("empty", "boil", "boiling")
}
