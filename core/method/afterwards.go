package method

import (
	"strings"

	"damson/core/english"
)

// afterwards reports whether the clause speaks of food, and of no jar, once the
// jars are filled, closed and processed: what is eaten with it. What is put in,
// measured or forgotten may still be meant for the jar.
func (p *passage) afterwards() bool {
	if !p.at.Done || !p.namesFood() && (!p.hasClass(Food) || hasVerb(p.c.t)) || p.puts() ||
		p.worksInIt() || p.measuresKitchen() || len(p.c.m) > 0 {
		return false
	}
	if p.beforeJars() {
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

// beforeJars reports what is done while the jars are still to be filled or closed, or goes into each of them: "a
// slurry before it's jarred", "a spoon of lard on top of each".
func (p *passage) beforeJars() bool {
	if last := p.lastWord(); last > 0 && p.word(last) == "each" {
		return true
	}
	if p.says("in mine", "in ours") && p.says(thickeners...) {
		return true
	}
	if p.says("before") && p.says(toJar...) {
		return true
	}
	then := p.after
	return then != nil && untilThen[then.joint] && then.hasAny(toJar)
}

// thickeners are what somebody who likes it "in mine" has in the jars.
var thickeners = []string{"roux", "flour", "cornstarch", "cornflour", "starch", "slurry", "thickener", "arrowroot"}

var untilThen = set("before until till")

// toJar are what is done to fill and close the jars.
var toJar = []string{
	"jarred", "jarring", "i jar", "we jar", "you jar", "canned", "canning", "i can", "we can", "bottled", "bottling",
	"filled", "filling", "i fill", "we fill", "you fill", "packed", "packing", "sealed", "sealing",
	"processed", "processing", "goes in", "go in", "the lid", "the lids", "the jar", "the jars",
}

// worksInIt reports what a food does to what is in the jar, whenever it is told: "a spoon of cornstarch
// keeps it thick".
func (p *passage) worksInIt() bool {
	return p.says("keeps it", "makes it", "keeps them", "makes them", "gives it", "helps it", "holds it", "thickens it",
		"binds it", "bulks it out", "stretches it") &&
		!p.says("when", "then", "at the table", "on the plate", "in the bowl",
			"supper", "dinner",
			"a meal", "a treat", "a lunch", "a feast")
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

// atItsTime reports a food that is told to wait for the table, once the jars are done: "the bacon meets
// them in the skillet and no sooner", "the dumplings wait for the pot".
func (p *passage) atItsTime() bool {
	if !p.at.Done || p.at.ToFill || !p.namesFood() || p.c.hasNumber() || p.hasClass(Jar) || p.hasClass(FullJar) {
		return false
	}
	return p.says("no sooner", "not before", "not till then", "not until then", "come later", "comes later", "come after",
		"comes after", "wait for", "waits for", "wait till", "waits till", "wait until", "waits until", "can wait",
		"has to wait", "have to wait", "must wait")
}

// errands are what is done in town and at the fence.
var errands = set("buy order collect fetch ring phone call post")

// errand reports what is still to be fetched or told once the jars are done: "buy flour for Sunday's
// baking", "collect the cream from the farm".
func (p *passage) errand() bool {
	if !p.at.Done || p.at.ToFill || p.c.kind != mainClause || p.c.measured(english.Duration) ||
		p.says("process", "time", "pressure", "heat", "done", "enough") {
		return false
	}
	for i := range p.c.t {
		switch w := &p.c.t[i]; w.class {
		case Jar, FullJar, Canner, Lid, Pot, Weight, Gauge:
			return false
		case Pronoun:
			if w.low != "i" && w.low != "we" {
				return false
			}
		}
	}
	fetches := false
	for k, i := range p.c.verbIndexes() {
		switch w := &p.c.t[i]; {
		case errands[w.verb], w.verb == "pick" && p.c.particle(i, "up"):
			fetches = true
		case !strings.HasSuffix(w.low, "ing") || k == 0: // "for Sunday's baking"
			return false
		}
	}
	return fetches
}

// onceDone reads what is said of errands and of the table.
func (p *passage) onceDone() (Clause, bool) {
	switch {
	case p.errand():
		return Clause{Kind: Talk, Why: "an errand"}, true
	case p.atItsTime(), p.othersServe():
		return Clause{Kind: Serve, Why: "at the table"}, true
	}
	return Clause{}, false
}

// othersServe reports what somebody else eats it with.
func (p *passage) othersServe() bool { return p.third() && p.serves() && (p.at.Done || !p.at.Method) }

// goesWell reports what the jar is eaten with: "goes well with cheese", and not what goes in.
func (p *passage) goesWell(acts []Act) bool {
	if !p.at.Done || p.fillsJars() || len(acts) != 1 || acts[0].Name != "serve-with" || acts[0].Undone {
		return false
	}
	return p.does("go") && !p.says("goes in", "go in", "went in") && !p.c.unit().hasAny(lookingBack) && !p.c.hasNumber()
}
