package method

import "damson/core/english"

// afterwards reports whether the clause speaks of food, and of no jar, once the
// jars are filled, closed and processed: what is eaten with it. What is put in,
// measured or forgotten may still be meant for the jar.
func (p *passage) afterwards() bool {
	if !p.at.Done || !p.namesFood() && (!p.hasClass(Food) || hasVerb(p.c.t)) || p.puts() || p.measuresKitchen() || len(p.c.m) > 0 {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		switch w.class {
		case Jar, FullJar, Lid, Band, Rim, Gap, Canner, Weight, Steam, Pressure, Gauge, Wax, Clock, Acid, Vague, Burner, Water, Liquid:
			return false
		case Pronoun:
			if w.low == "them" || w.low == "these" {
				return false
			}
		}
		if w.m == english.Duration || back[w.low] && (p.at.Method || !soft[w.low]) {
			return false
		}
	}
	return true
}

// dish reports what is made of the jar's food later: "the chowder itself you make in
// the pot".
func (p *passage) dish() bool {
	if !p.at.Done || !(p.does("make come cook finish start") || p.says("happens", "happen") || p.stative()) || p.namesFood() && !p.says("happens", "happen") || !p.says("in the pot", "in the pan", "in the skillet", "in the bowl", "in the oven", "on the stove", "on the day", "that night") {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.class == Jar || w.class == FullJar || w.class == Canner || w.class == Pronoun || w.m != 0:
			return false
		}
	}
	if p.says("happens", "happen") {
		return true // "the stroganoff happens in the pan"
	}
	for _, ch := range p.c.chunks() {
		if w := &p.c.t[ch.head]; ch.prep == "" && (ch.class == Unknown && w.entry.Noun() == english.NounFood || ch.class == Food && w.food == nil || ch.class == Unknown && !w.known) {
			return true
		}
	}
	return false
}

// soft are such words as mean nothing outside the method.
var soft = set("with in into together pot half inside use used before first too also")

// back are words that reach back to what went into the jar.
var back = set("forgot forget also too plus before first earlier beforehand instead oh ps p.s. mixture batch recipe inside pot together with in into half use used")
