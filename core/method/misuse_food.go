package method

import (
	"slices"

	"damson/core/english"
)

// The food: worked to a mass for a while, dried, filled cold, or without a name.

// foodMisused reports food that is worked to a mass for a while, or dried before it is canned.
func (p *passage) foodMisused(acts []Act) (code, why string) {
	switch {
	case p.onlyLess(acts):
		return "puree", "only not so long"
	case p.driedFirst():
		return "substitution", "dried first"
	}
	return "", ""
}

// onlyLess reports that food is worked to a mass, only not for so long, or not so much: "you
// must not blend it longer than a minute".
func (p *passage) onlyLess(acts []Act) bool {
	for _, a := range acts {
		if (a.Name == "puree" || a.Name == "mash") && a.Undone && p.says("longer than", "more than", "for long", "for too long", "too long", "too much", "too fine", "too finely", "too smooth", "to death", "any longer", "any more than") {
			return true
		}
	}
	return false
}

// thisAndThat reports what goes in without a name: "a bit of this and that", "a few other
// things", "what is in the pantry".
func (p *passage) thisAndThat() bool {
	if !p.at.Method || p.at.Filled || p.negated() || !p.puts() && !p.does("use add put") {
		return false
	}
	if n := len(p.c.t); n > 0 && p.word(n-1) == "this" && p.after != nil && len(p.after.t) > 0 && p.after.t[0].low == "that" {
		return true
	}
	return p.says("this and that", "some of this and some of that", "other things", "odds and ends", "bits and bobs", "bits and pieces", "what is in the pantry", "what's in the pantry", "what is in the fridge", "what's in the fridge", "what is in the garden", "what's in the garden", "what is in the cupboard", "what i have", "what you have", "what is lying about", "what is left over", "some extras", "a few extras")
}

// goesCold reports food that goes cold before it is filled.
func (p *passage) goesCold() bool {
	if p.at.Method && !p.at.Filled && !p.negated() && p.does("fill pack ladle jar") && p.hasClass(Jar) && p.says("the next day", "the next morning", "the day after", "next day", "next morning") && !p.c.unit().hasAny([]string{"reheat", "heat", "boil", "bring", "drain", "soak", "brine"}) {
		return true
	}
	if p.at.Filled || p.at.Done || !p.at.Method || p.negated() || !p.does("chill cool let leave put keep refrigerate") {
		return false
	}
	if !p.says("cold", "chill", "chilled", "right down", "overnight", "in the fridge", "in the refrigerator") || p.says("cold water", "cold tap", "drain", "soak", "salt", "brine", "lime", "ice water") || p.c.unit().hasAny([]string{"reheat", "heat it again", "bring back", "bring it back", "boil again", "back to a boil", "boiling", "drain", "soak"}) {
		return false
	}
	return p.c.unit().hasAny([]string{"before you fill", "before filling", "before it goes in", "before they go in", "before i fill", "before we fill", "fill the jars cold", "fill cold jars", "and fill cold", "filled cold"})
}

// driedFirst reports food that is dried before it is canned: "dried them in the sun", "hang them to dry".
// Water that is patted or dripped off is no drying.
func (p *passage) driedFirst() bool {
	if p.at.Filled || p.at.Done || !p.at.Method || p.negated() || !p.does("dry hang dehydrate") || p.at.named("dried") ||
		p.third() && !p.ourBatch() ||
		p.says("towel", "towels", "cloth", "paper", "rack", "hands", "jar", "jars", "dill", "herbs", "seeds", "garlic",
			"spinner") {
		return false
	}
	long := slices.ContainsFunc(p.c.m, func(m english.Measure) bool { return m.Kind == english.Duration && m.Max >= aDay })
	return p.does("dry") && long || p.says("in the sun", "on strings", "on a string", "on a line", "in the attic",
		"in the oven", "dehydrator", "on screens", "over the stove", "for days", "to dry")
}

// aDay is in minutes.
const aDay = 24 * 60

// dryPulses reports beans that go on dry: "bring to a simmer from dry".
func (p *passage) dryPulses() bool {
	if p.at.Filled || p.negated() {
		return false
	}
	if p.says("dry ones", "unsoaked ones") && (p.hasClass(Jar) || p.hasClass(FullJar) || p.puts() || p.does("go")) {
		return true // "dry ones go in best"
	}
	return p.says("from dry", "dry from the bag", "straight from the bag", "dry as they come", "as dry as they come",
		"in the jar dry", "in the jars dry", "into the jar dry", "into the jars dry", "unsoaked")
}

// foodByFood reports an amount told by that of another food: "for every tomato an onion". A jar
// that gets its own is told otherwise.
func (p *passage) foodByFood() bool {
	if p.word(0) != "for" || p.word(1) != "every" && p.word(1) != "each" || hasVerb(p.c.t) {
		return false
	}
	switch p.word(2) {
	case "jar", "jars", "bottle", "batch", "load", "person", "child", "hand":
		return false
	case "pint", "quart", "half-pint":
		if p.word(3) != "of" {
			return false
		}
	}
	if p.hasClass(Pulse) && p.after != nil && onlyWater(p.after) {
		return false // "for each cup of dried beans, add 3 cups of water"
	}
	return p.names(stuff) && !p.hasClass(Sugar) && !p.hasClass(Salt)
}

// onlyWater reports a clause that adds water and nothing besides.
func onlyWater(c *clause) bool {
	water := false
	for i := range c.t {
		w := &c.t[i]
		wet := w.class == Water || w.food.In("water")
		if stuff[w.class] && !wet {
			return false
		}
		water = water || wet
	}
	return water && c.hasAny([]string{"add", "use", "take", "pour"})
}
