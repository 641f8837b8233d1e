package method

import "slices"

// Watering says what a clause does with water that the food keeps.
type Watering string

// What water does to the food.
const (
	NoWater Watering = ""
	Stays   Watering = "stays"   // goes in among the food: the list can say how much
	Weakens Watering = "weakens" // comes on top of what the list has
)

// Waters returns what the clause does with water that the food keeps.
func (c *Clause) Waters() Watering { return c.waters }

func (p *passage) waters(acts []Act) Watering {
	switch {
	case p.thinned():
		return Weakens
	case p.watersShort() || p.watersDown(acts) || p.watersAcid() || p.watersMild() || p.fromTap():
		return Weakens
	case p.watersIn(acts):
		return Stays
	}
	return NoWater
}

// watersShort reports water that goes to the food because something is
// short, dry or thick: "add some water if the brine does not cover". Water around closed
// jars is the canner's.
func (p *passage) watersShort() bool {
	if p.at.Closed && !p.c.around(10).hasAny([]string{"brine", "vinegar", "pickle"}) || p.at.Done || p.negated() || !p.puts() && !p.does("splash splosh glug") && !p.says("let it down", "let them down", "thin it", "loosen it") {
		return false
	}
	if !p.says("water") || p.hasClass(Canner) || p.hasClass(Rack) || p.says("water bath", "wash", "rinse", "soak", "blanch", "off the heat") {
		return false
	}
	return p.says("as needed", "if needed", "if necessary", "as necessary", "where needed", "when needed") || p.wants()
}

// wants reports a condition beside the clause, or in it, that says what is short.
func (p *passage) wants() bool {
	u := p.c.around(10)
	return u.hasAny([]string{"if", "when", "where", "whenever", "any", "should", "that"}) && u.hasAny(shortages)
}

var shortages = []string{"not cover", "doesn't cover", "won't cover", "not covered", "aren't covered", "isn't covered", "short", "not enough", "too little", "runs out", "run out", "dry", "too thick", "thickens", "stiff", "sticks", "not full", "boils away", "boils down", "cooks away", "cooks down", "not go round", "won't go round", "not reach", "doesn't reach", "low", "poke out", "stick out", "too strong", "too sharp", "too sour"}

// watersDown reports water that makes something weaker: "thin with water". Whatever the
// recipe lists, this comes on top of it.
func (p *passage) watersDown(acts []Act) bool {
	if !p.watersFood() {
		return false
	}
	for _, a := range acts {
		if a.Name == "dilute" && !a.Undone {
			return !p.says("the water")
		}
	}
	if p.says("with") && p.says("thin it", "thin them", "thin this", "thin out", "thin with", "dilute it", "dilute them", "weaken it", "weaken the") || p.says("water the vinegar", "water the brine", "water it down", "water them down", "water down") {
		return !p.says("the water")
	}
	return p.puts() && p.says("another", "more water", "extra water", "extra", "a little more")
}

// watersAcid reports water without a measure that goes into the acid: "splash some water into the
// vinegar". With a measure it is what the list has.
func (p *passage) watersAcid() bool {
	if !p.watersFood() || len(p.c.m) > 0 || p.says("water to the", "water and", "the water") || !p.says(aLittle...) {
		return false
	}
	in := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.low == "in", w.low == "into", w.low == "to", w.low == "with":
			in = true
		case in && (w.class == Acid || acidLiquids[w.low]):
			return true
		}
	}
	return false
}

// aLittle is water that nobody measures.
var aLittle = []string{"some water", "little water", "bit of water", "drop of water", "drops of water",
	"splash of water", "dash of water",
	"touch of water", "tap water", "more water", "drop water", "cupful of water", "glug of water", "swig of water"}

var acidLiquids = set("brine vinegar pickle syrup liquor liquid")

// watersMild reports water against what is sharp: "a little water takes the edge off".
func (p *passage) watersMild() bool {
	if !p.watersFood() || p.puts() && p.hasClass(Jar) {
		return false
	}
	return p.c.around(10).hasAny([]string{"too sharp", "too sour", "too strong", "sharpness", "sourness", "the bite",
		"the edge off",
		"the sting", "less sharp", "less sour", "milder", "mellow", "mellows", "softens it", "tames"})
}

// fromTap reports food that is filled up from the tap or the kettle.
func (p *passage) fromTap() bool {
	if p.at.Closed || p.at.Done || p.serving || p.negated() || p.hasClass(Canner) || p.third() && !p.ourBatch() {
		return false
	}
	if !p.says("from the tap", "from the kettle", "out of the kettle", "out of the tap", "off the tap",
		"from the faucet", "from the spigot") {
		return false
	}
	if p.c.around(10).hasAny([]string{"canner", "bath", "wash", "rinse", "soak", "jars hot", "warm the jars"}) {
		return false
	}
	return p.says("top up", "top it up", "top them up", "top the", "fill up", "make up", "make it up", "eke", "gets",
		"add", "goes in", "the rest")
}

// thinned reports food that is made thinner, with whatever it is: "the salsa gets thinned".
func (p *passage) thinned() bool {
	if p.at.Closed || p.at.Done || p.serving || p.negated() || p.third() && !p.ourBatch() || p.says("slice", "slices", "sliced", "strips", "rounds", "peel", "skin", "skinned", "the water") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; (w.verb == "thin" || w.verb == "dilute") && (w.low == "thinned" || w.low == "thinning" || w.low == "diluted" || w.low == "diluting" || w.low == w.verb && (determiners[p.word(i+1)] || p.word(i+1) == "it" || p.word(i+1) == "them")) {
			return true
		}
	}
	return false
}

// watersIn reports water that goes in among the food and stays: "stir in some water", "cook
// everything in water". Only the list can say whether it is meant to be there.
func (p *passage) watersIn(acts []Act) bool {
	if !p.watersFood() {
		return false
	}
	for _, a := range acts {
		if !a.Undone && (a.Name == "dilute" || stirs[a.Name] && p.puts()) {
			return true
		}
	}
	if p.does("cook boil simmer stew") && p.says("in water", "with water", "in the water", "in hot water", "in boiling water", "in a little water", "in some water") {
		return true
	}
	return p.puts() && p.otherFood() || p.rinsedIn() || p.overAll()
}

// otherFood reports a food beside the water.
func (p *passage) otherFood() bool {
	return slices.ContainsFunc(p.c.t, func(w token) bool { return w.food != nil && w.class != Water && w.low != "water" })
}

// rinsedIn reports the rinsings of a vessel that go in: "rinse out the bowl with water and add
// that".
func (p *passage) rinsedIn() bool {
	if !p.does("rinse swill swirl slosh") || p.after == nil {
		return false
	}
	return p.after.hasAny([]string{"add that", "add it", "tip that in", "tip it in", "pour that in", "pour it in", "put that in", "use that", "stir that in", "that goes in", "in it goes", "in that goes"})
}

var stirs = set("add mix stir-in cover-with-liquid")

// watersFood reports water that is neither thrown away again nor the canner's.
func (p *passage) watersFood() bool {
	if p.at.Closed || p.at.Done || p.serving || p.negated() || !p.says("water") {
		return false
	}
	if p.hasClass(Canner) || p.hasClass(Rack) || p.hasClass(Lid) || p.says(elsewhere...) && !p.overAll() ||
		p.third() && !p.ourBatch() {
		return false
	}
	return p.rinsedIn() || !p.c.around(12).hasAny(poured)
}

// overAll reports a kettle of water that is poured over the whole: no vessel that food is dipped in.
func (p *passage) overAll() bool {
	return p.does("pour tip add") && p.says("over the lot", "over everything", "over it all", "over all of it",
		"into the lot", "to the lot", "on the lot")
}

// elsewhere is water that the food does not keep, poured what is said of it afterwards.
var (
	elsewhere = []string{"water bath", "bowl of", "basin of", "pot of", "pan of", "kettle of", "sink of", "ice water", "iced water", "salted water", "lime water", "to water", "to the water", "into the water", "into water", "into boiling water", "wipe", "wiped", "jars hot"}
	poured    = []string{"drain", "drained", "drains", "pour off", "poured off", "tip off", "throw the water", "discard the water", "lift out", "lift them out", "take them out", "take out", "skins", "skin", "peel", "peels", "blanch", "rinse", "rinsed", "wash", "washed", "soak", "soaked", "scrub", "shock", "squeeze dry"}
)
