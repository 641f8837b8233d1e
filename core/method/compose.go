package method

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// composed reports whether a clause without a frame is read whole all the same:
// every thing in it is known, every verb is one of a kitchen's own, and nothing
// is left that could change an amount, a form or a time.
func (p *passage) composed() bool {
	c := p.c
	if p.negated() && !p.has(bothers) && !p.puts() && c.kind != result {
		return true // nothing is done
	}
	if c.kind == result && !p.at.Closed {
		if _, why := p.openEnd(nil); why == "" && !p.strangeWord() && !p.puts() && (!p.any(strange) || p.says("leftover") && p.does("come fall")) {
			return true // an end, and none that says how thick
		}
	}
	verbs := false
	for i := range c.t {
		w := &c.t[i]
		if !w.isVerb || w.aux || i > 0 && c.t[i-1].low == "as" {
			continue
		}
		verbs = true
		if !benign[w.verb] && !light[w.verb] {
			return false
		}
	}
	for _, ch := range c.chunks() {
		if !p.knownChunk(ch, verbs) {
			return false
		}
	}
	if c.kind == result && !c.hasAny(outcomes) && !c.measured(english.Duration) && !c.measured(english.Length) && p.at.Closed {
		return false
	}
	for i := range c.t {
		w := &c.t[i]
		if w.m != 0 {
			continue
		}
		if w.class == Vague || w.Kind == words.Word && w.class == "" && !w.known && !closed[w.low] && !units[w.Text] && !neverVerbs[w.low] && !adverbs[w.low] && w.m == 0 && len(w.low) > 1 && !(w.name && i > 0) {
			return false
		}
		if w.class == "" && (strange[w.low] || strange[w.Text]) {
			return false
		}
	}
	return true
}

// knownChunk reports whether a noun phrase is of the trade, or a tool or a place
// that only says with what or where.
func (p *passage) knownChunk(ch chunk, verbs bool) bool {
	if first := p.word(ch.start); first == "no" || first == "not" || ch.prep == "without" {
		return true // what is not there
	}
	switch ch.class {
	case Vague:
		return false
	case Thing, Place, Person, Animal, Plant, None:
		if p.c.t[ch.head].entry.Noun() == english.NounBody && p.c.t[ch.head].food == nil {
			return true // what an animal is cut into
		}
		switch ch.prep {
		case "with", "by", "like", "as", "than", "till", "until", "before", "after", "on", "at", "near", "around", "round", "for", "from", "under", "along", "beside", "about", "of", "in", "through", "between", "over", "past", "per", "off", "down", "against":
			return !(ch.prep == "with" && p.puts()) && !(ch.prep == "in" && p.has(light)) && !(ch.prep == "through" && p.has(light))
		}
		if harmlessNouns[p.c.t[ch.head].Text] {
			return true
		}
		return ch.class == None || ch.class == Person && p.c.t[ch.head].low == "you"
	case Unknown:
		if (ch.prep == "with" || ch.prep == "by") && !p.puts() && verbs {
			return true // some tool
		}
		return harmlessNouns[p.c.t[ch.head].Text]
	}
	return true
}

func (p *passage) has(verbs map[string]bool) bool {
	for _, i := range p.c.verbIndexes() {
		if verbs[p.c.t[i].verb] {
			return true
		}
	}
	return false
}

// does reports whether one of the verbs, with blanks between them, is a main verb of
// the clause.
func (p *passage) does(verbs string) bool {
	for _, i := range p.c.verbIndexes() {
		if v := p.c.t[i].verb; v != "" && listed(verbs, v) {
			return true
		}
	}
	return false
}

// imperative reports a clause that begins with what is to be done.
func (p *passage) imperative() bool {
	first := &p.c.t[0]
	return first.isVerb && !first.aux && first.low == first.verb
}

// listed reports whether the word is one of the list's, with blanks between them.
func listed(list, w string) bool {
	for at := 0; ; {
		i := strings.Index(list[at:], w)
		if i < 0 {
			return false
		}
		i += at
		at = i + len(w)
		if (i == 0 || list[i-1] == ' ') && (at == len(list) || list[at] == ' ') {
			return true
		}
	}
}

// stative reports whether the clause only says how things are.
func (p *passage) stative() bool {
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 {
		return false
	}
	for _, i := range verbs {
		if v := p.c.t[i].verb; !states[v] {
			return false
		}
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.class == Vague || w.m == 0 && (strange[w.low] || changers[w.low] || denies[w.low]) {
			return false
		}
	}
	return !p.c.measured(english.Duration)
}

var states = set("be stay look smell taste seem sound mean happen belong depend vary swell become remain feel matter show weigh last stand")

// denies are words by which a statement takes a step back.
var denies = set("fine okay unnecessary needless pointless safe safer sure waste bother trouble raw cold off over need")

// puts reports whether the verb is one that puts something in.
// What is thrown out, or put in a row, goes into nothing.
func (p *passage) puts() bool {
	for _, i := range p.c.verbIndexes() {
		if v := p.c.t[i].verb; (v == "rinse" || v == "swill" || v == "scrape") && p.says("into it", "into the pot", "into the pan", "into them", "in with") {
			return true // "rinse out the tin into it"
		}
		if v := p.c.t[i].verb; putVerbs[v] && !(thrown[v] && p.near(i, "out", "away", "back", "aside", "overboard", "off") && !p.says("back in", "back into", "back to", "in with", "into")) && !(arranged[v] && p.says("in a row", "in rows", "in a line", "side by side", "to one side", "aside")) {
			return true
		}
	}
	return false
}

var thrown, arranged = set("throw toss chuck fling sling"), set("put set lay stack layer")

var putVerbs = set("add put stir mix throw toss chuck tip pour drop fold beat whisk swirl sprinkle melt scatter shake slosh dump season finish top fill cover bulk stretch stuff layer tuck slip pop bung sling plonk coat dredge dust thicken stiffen bind enrich")

// light are verbs whose sense is all in what stands beside them.
var light = set("go get give do make take let have work run be bring come put keep leave set use need want")

// bothers are verbs whose negation may leave a step of safety out.
var bothers = set("bother need worry fuss process vent boil peel soak wait heat time stir skip forget mind matter")

// benign are a kitchen's verbs that, with things that are known, change nothing
// that a rule asks for, or whose change the things themselves show.
var benign = set(`tuck nestle wedge immerse transfer assemble submerge enter pull strip firm harden stiffen tear tug wring clip twist lean adjust remove heat warm boil simmer cook combine mix stir add place put pour fold prepare pack fill ladle spoon cut slice chop dice cube quarter halve peel core pit stem hull trim wash rinse drain soak scrub
	snap string top tail discard throw pick sort select choose distribute arrange stand lay hold bring return continue repeat cover uncover wipe screw tighten turn lower raise lift load unload cool chill refrigerate marinate salt season
	dissolve skim dip plunge slip rub squeeze press weigh measure check watch steam blanch scald brown sear bone skin split flatten slash slit eviscerate fillet shell shuck husk scrape scoop ferment brine store label serve enjoy divide
	process vent can seal count wait rest settle start begin stop finish push press lay lie draw come roll steady blister slit pass wriggle hide heap fit stamp squash settle break flatten crush puncture seed fillet precook crush press smoke whisk rotate change number reduce double size depend prefer thicken discolor dress remain shred mound appear shove heap hide fall come core snug fasten latch lock unlock plug level pop stand prick mound dab blot aim swim mingle meld swell thaw steep gather shape turn reach rise fall drop stay sit open close shut tap dry pat wear handle keep avoid prevent hydrate swell bleed darken float sink clean test taste sterilize sterilise run get loosen work
	strain filter pluck gut flake crumble toss tip bubble debubble tie bag hang collect save reserve watch listen yield sulk rock jiggle hiss puff drip spit foam leave let poke slide flick brush crack burn touch read say show see fit stop top halve`)

// outcomes are what food is heated or left until, and no more.
var outcomes = []string{"tender", "soft", "hot", "boil", "boiling", "boils", "simmer", "dissolved", "dissolves", "dissolve", "clear", "wilt", "wilted", "wilts", "split", "splits", "slip", "slips", "loose", "loosen", "crack", "brown", "browned", "golden", "cooked", "heated through", "rare", "bubbles", "bubble", "juice", "juices", "steam", "pressure", "zero", "cool", "cooled", "full", "heated", "heat", "blister", "blisters", "blistered", "reduced", "rounds up", "separation", "container", "cooked", "thickened", "thickens", "fill", "spaces", "appears", "loosen", "loosens", "added",
	"done", "ready", "needed", "wanted", "called for", "their turn", "get to them", "cold enough", "used", "morning", "next day", "tomorrow", "overnight", "opaque", "translucent", "open", "gel", "jell", "set", "sheets", "mounds", "shed", "sour", "bubbling stops", "off the bone", "falls off", "rocks", "jiggles", "reads", "comes off", "covered", "sealed", "out", "lukewarm", "give", "gives", "top", "rim", "neck"}

// strange are words that say more than the clause shows.
var strange = set(`smooth smoothly mush mushy paste pasty pulp puree creamy silky velvety thicker thickly stiff solid dense whatever somehow anyhow leftover leftovers stuff secret usual powder gravy roux slurry
	machine gadget contraption early earlier sooner short shortcut skip instead frozen lukewarm unpeeled unsoaked sun microwave stuffed breaded battered floured crumbed creamed glazed`)

// harmlessNouns are things that a clause may name bare.
var harmlessNouns = set(`wind rain smoke weather draught draft frost breakfast lunch dinner supper teatime noon midday midnight evening bedtime weekend drum fist ish direction instruction way care step batch end side layer bottom top thing place position rest idea darkening color colour flavor flavour size thickness width length minute hour day night morning week time foot
	elevation altitude sea level adjustment recipe page note yield amount number count method hand finger fingertip glove knife spoon spatula chopstick skewer stick tong tongs lifter funnel towel nick dirt grit sand spot blemish bruise damage defect worm bug insect leaf silk flesh fibre fiber petal eye blossom boiler patty ball pod scraping amount ear head fin scale tail slit volume syrup thickness container harvest layer darkness uniform hole round second coin sheet person people problem chart same else portion part boil simmer rolling steam space accord own plume stage fire flame slit row go gauge pleasure problem matter turn grade quality breakage`)
