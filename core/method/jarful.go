package method

import (
	"damson/core/english"
	"damson/core/words"
)

// How full a jar is: the room that is left at its top, and the liquid that its pieces lie in
// (USDA Complete Guide 2015, guide 1; from memory).

// Jarful says how full a clause leaves a jar.
type Jarful int

// The ways to fill a jar that no procedure with room at the top, or with liquid, has.
const (
	// AsTested is what every other clause says.
	AsTested Jarful = iota
	// OtherGap leaves no room, or far too much: "level with the rim".
	OtherGap
	// HalfFull leaves the jar partly empty; of a soup it may be the solids.
	HalfFull
	// Dry leaves the food without liquid, or not covered by it.
	Dry
)

// Jarful returns how full the clause leaves the jar.
func (c *Clause) Jarful() Jarful { return c.jarful }

func (p *passage) jarful() Jarful {
	switch {
	case !p.at.Done && !p.serving && (p.gapless() || p.crammed()):
		return OtherGap
	case p.at.Done && !p.serving && p.fillsThem() && p.toTheTop():
		return OtherGap // told behind the rest
	case p.at.Done || p.at.Closed && !p.hasClass(Jar) || p.serving || p.hasClass(Canner) || p.hasClass(Pot) || p.hasClass(Rack):
	case p.toTheTop(), p.wideGap():
		return OtherGap
	case p.partlyFull():
		return HalfFull
	case p.packedDry(), p.deniesLiquid(), p.littleLiquid(), p.uncovered():
		return Dry
	}
	return AsTested
}

// fillVerbs put food into jars.
var fillVerbs = set("fill pack put ladle pour spoon top load stuff cram ram jam funnel tip scoop")

// filling reports a clause that fills jars, with a verb or, among jars to be filled, without.
func (p *passage) filling() bool {
	if p.does("fill") && !p.says("cup", "spoon", "basin", "bowl", "tub", "basket", "page", "kettle") {
		return true
	}
	if p.has(fillVerbs) {
		return p.at.Filled || p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun) || p.hasClass(Rim) || p.namesFood() || p.hasClass(Liquid)
	}
	return !hasVerb(p.c.t[:min(len(p.c.t), 3)]) && (p.at.Filled || p.hasClass(Jar) || p.hasClass(Liquid) || p.hasClass(Food) || p.namesFood())
}

// fillsThem reports jars that are told to be filled.
func (p *passage) fillsThem() bool {
	return p.does("fill pack") && (p.imperative() || p.word(0) == "i" || p.word(0) == "we" || p.hasClass(Jar)) &&
		!p.hasClass(Canner) && !p.hasClass(Pot)
}

// toTheTop reports a jar with no room left in it: "right to the rim", "flush with the top".
func (p *passage) toTheTop() bool {
	if !p.filling() || p.verbNegated() || p.c.unit().measured(english.Length) || p.c.unit().hasAny([]string{"headspace", "head space", "headroom", "inch", "inches", "measuring", "measuring cup", "spoon"}) {
		return false
	}
	if p.c.around(remedy).hasAny([]string{"overflow", "overflowing", "over the rim", "against the lid", "touches the lid", "heaped", "within nothing", "runs over", "run over", "spills over", "spill over", "as full as", "full to bursting", "and then some", "as many as you can", "as much as you can", "as many as will fit", "as much as will fit"}) && !p.says("loosely", "loose", "gently") {
		return true
	}
	if !p.says("up to the lid", "to the top", "to the very top", "to the tops", "up to the top", "level with the top", "level with the rim", "to the rim", "to the rims", "to the brim", "to the lip", "to the very lip", "to the very rim", "to the very brim", "to the edge", "to the lid", "to the lids", "to the mouth", "flush", "level to the top") {
		return false
	}
	return !p.says("within", "below", "under", "short", "near", "nearly", "almost", "close", "not quite", "space", "room")
}

// gapless reports a jar that is filled with no gap: "don't leave any headspace", "I fill
// without a gap".
func (p *passage) gapless() bool {
	gap := p.hasClass(Gap) || p.says("room", "space") && p.does("leave allow")
	if p.says("too", "more than", "less than", "over", "under", "but", "mice", "doubt", "forget") {
		return false
	}
	switch {
	case p.says("leaving no", "leave no", "leaves no", "allow no", "needn't", "need no", "needs no", "skip",
		"never mind") && gap, p.withoutGap():
		return p.puts() || p.does("leave allow need skip mind fill pack")
	case p.does("leave allow bother want need give have") && p.negated():
		return gap || p.says("an inch", "half an inch", "half inch", "quarter inch") && !p.says("water")
	}
	return false
}

// withoutGap reports a gap that is done without, in one breath: "without a gap", but "without any
// fuss, an inch of headspace".
func (p *passage) withoutGap() bool {
	for i := range p.c.t {
		if p.c.t[i].low != "without" {
			continue
		}
		for k := i + 1; k < len(p.c.t) && p.c.t[k].Kind != words.Mark; k++ {
			if w := &p.c.t[k]; w.class == Gap || (w.low == "room" || w.low == "space") && p.does("leave allow") {
				return true
			}
		}
	}
	return false
}

// crammed reports a jar that is full to its threads: "no headspace", "brim full".
func (p *passage) crammed() bool {
	switch {
	case p.says("no headspace", "no head space", "no headroom", "brim full", "brimful"):
		return true
	case p.says("to the threads", "to the thread", "the glass threads", "to the brim", "to the very top", "right to the top", "up to the lid"):
		return p.puts() && !p.negated() && !p.hasClass(Pot) && !p.says("cup", "spoon")
	}
	return p.says("right up to the lid", "right up to the rim", "chock full", "chock-full", "crammed full") && !p.at.Closed && (p.puts() || p.does("pack fill cram stuff"))
}

// partlyFull reports a jar that stays far from full: "fill to the shoulder only".
func (p *passage) partlyFull() bool {
	if !p.filling() || p.negated() || p.c.around(remedy).hasAny([]string{"solids", "liquid", "sauce", "broth", "stock", "syrup", "brine", "water", "juice", "cover", "top up", "then", "headspace", "shake"}) {
		return false
	}
	if p.does("fill") && p.word(0) == "half" && p.hasClass(Jar) {
		return true
	}
	if p.says("two thirds full", "two-thirds full", "three quarters full", "three-quarters full", "half full", "a third full") {
		return true
	}
	return p.says("to the shoulder", "to the shoulders", "to the neck", "to the necks") && p.says("only", "no further", "no higher", "just", "and no more")
}

// wideGap reports more room at the top than any procedure leaves.
func (p *passage) wideGap() bool {
	if p.negated() || p.says("ice") || !p.hasClass(Gap) && !p.says("at the top", "on top", "at top", "of room",
		"of space", "of empty jar", "stay empty", "empty at") {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Length && m.Min >= 2 {
			return true
		}
	}
	return false
}

// wet reports that the clause speaks of what covers food in the jar.
func (p *passage) wet() bool {
	return p.hasClass(Water) || p.hasClass(Liquid) || p.says("water", "liquid", "syrup", "brine", "broth", "juice")
}

// packedDry reports food that is packed without anything over it: "pack them dry".
func (p *passage) packedDry() bool {
	return !p.negated() && p.does("pack fill jar") && (p.says("dry") || p.c.around(3).has("and dry")) && !p.says("pat", "towel", "wipe", "jars dry", "dry jars", "hot dry", "clean dry", "dried") && !p.c.has("dry beans") && !p.c.has("dry hot")
}

// deniesLiquid reports that no liquid goes into the jar: "no liquid is needed".
func (p *passage) deniesLiquid() bool {
	if !p.wet() || p.says("added water", "standing water", "extra water", "extra liquid", "more water than", "on the rim", "boiling over", "left", "until no", "till no") || p.does("wash rinse boil cook drain simmer steam blanch evaporate lose") {
		return false
	}
	for i := range p.c.t {
		switch w := p.c.t[i].low; {
		case w == "no" || w == "without":
			k := i + 1
			for determiners[p.word(k)] || p.word(k) == "any" || p.word(k) == "covering" || p.word(k) == "boiling" || p.word(k) == "hot" {
				k++
			}
			if next := p.word(k); next == "water" || next == "liquid" || next == "broth" || next == "syrup" || next == "brine" || next == "juice" {
				return !p.does("run come form") && !p.says("instead", "sugar", "salt")
			}
		case (w == "skip" || w == "omit" || w == "forget") && i == 0 && p.c.t[i].isVerb:
			return true
		}
	}
	return p.does("leave") && p.says("out") && !p.negated() && !p.namesFood() && !p.hasClass(Acid)
}

// littleLiquid reports a jar with a drop of liquid: "just a splash of water in the bottom".
func (p *passage) littleLiquid() bool {
	if !p.wet() || p.does("boil cook simmer steam blanch rinse wash wet") || p.hasClass(Acid) || p.hasClass(Rim) || p.hasClass(Lid) {
		return false
	}
	jar := p.at.Filled || p.hasClass(Jar) || p.says("in the bottom", "up the beans", "up the food", "up the meat", "up the corn", "will do", "is enough")
	if !jar {
		return false
	}
	if p.says("to the middle of the jar", "to the middle of the jars", "half way up", "halfway up", "half-way up", "part way up", "half up") && !p.hasClass(Band) {
		return !p.says("the jars", "their sides", "the outside")
	}
	few := p.says("wet the bottom") || p.says("splash of", "spoonful of", "spoon of", "drop of", "dribble of", "finger of", "inch of", "hardly any", "barely any", "a little water in", "half the jar of", "half a jar of")
	return few && (p.says("wet the bottom", "just", "only", "will do", "is enough", "is plenty", "no more", "hardly any", "barely any")) && !p.says("more", "another", "top", "extra", "rack")
}

// uncovered reports food that its liquid does not cover, and that is left so.
func (p *passage) uncovered() bool {
	if p.says("stick out", "sticks out", "sticking out", "poke out", "poking out", "peep out") && p.wet() {
		return p.says("may", "can", "let", "some") || p.shrugs()
	}
	if p.says("above the water", "above the brine", "above the syrup", "above the liquid", "out of the brine", "out of the water") && !p.at.Closed {
		return p.shrugs() || p.before != nil && (&passage{c: p.before}).shrugs()
	}
	cover := p.does("cover") || p.says("covered", "uncovered")
	if !cover || p.hasClass(Cloth) || p.hasClass(Lid) || p.hasClass(Person) {
		return false
	}
	switch {
	case p.topBare() || p.partCovered():
		return true
	case p.shrugs() && p.negated(), p.negated() && p.before != nil && (&passage{c: p.before}).shrugs():
		return p.wet() || p.hasClass(Pronoun)
	case p.negated() && p.imperative() || p.c.t[0].low == "do" && p.word(1) == "not" && p.word(2) == "cover":
		return (p.wet() || p.hasClass(Pronoun) || p.namesFood()) && !p.c.around(remedy).hasAny([]string{"boil", "simmer", "cook", "pan", "pot", "lid", "soak", "cool"})
	}
	return false
}

// topBare reports food at the top of a jar that nothing is poured over: "don't cover the top ones".
func (p *passage) topBare() bool {
	return (p.negated() || p.says("no need to cover", "needn't cover")) &&
		p.says("the top", "top ones", "upper ones", "ones on top", "topmost")
}

// partCovered reports a liquid that covers only some of the food: "just the bottom layer".
func (p *passage) partCovered() bool {
	return p.says("only", "just", "half of them", "part of them") &&
		p.says("bottom", "lower", "half", "part", "first layer") && !p.says("until", "till")
}
