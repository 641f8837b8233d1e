package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// signs reports a process that is ended, or a pressure that is told, by other signs than
// clock and gauge, and canners, seals and lids that are none.
func (p *passage) signs([]Act) (code, why string) {
	switch {
	case p.endsByOther():
		return "process-short", "an end by other signs"
	case p.cutsTime():
		return "process-short", "the time is cut"
	case p.otherTime():
		return "process-short", "another time"
	case !p.at.Done && p.hasClass(Jar) && p.says("same time", "same minutes", "as long as the pints", "no longer than the pints", "no longer than pints", "no more than pints", "no more than the pints"):
		return "process-short", "one time for two jars"
	case !p.at.Done && p.says("need no pressure", "needs no pressure", "no pressure needed", "without pressure"):
		return "method-mismatch", "no pressure"
	case p.carriesOn():
		return "process-short", "goes on after a drop"
	case p.onlyIf():
		return "process-short", "a time with an if"
	case p.doesFor():
		return "process-short", "a time that does"
	case p.underBoil():
		return "method-mismatch", "no boil"
	case p.acidHalved():
		return "acid-short", "acid halved"
	case (p.says("lemon", "lime", "lemons", "limes")) && p.says("fresh kind", "fresh one", "fresh ones", "the fresh", "real ones", "real thing", "straight off"):
		return "fresh-citrus", "fresh juice"
	case p.anyColour():
		return "low-acid-fruit", "of any colour"
	case p.juiceOf():
		return "fresh-citrus", "fresh juice"
	case p.weakVinegar():
		return "weak-vinegar", "a weak vinegar"
	case p.says("fresh lemon", "fresh lemons", "fresh lime", "fresh limes", "freshly squeezed", "fresh squeezed", "fresh-squeezed", "fresh citrus", "real lemon", "real lemons", "whole lemons") && !p.negated() && !p.says("not", "never", "bowl", "basin", "brown", "browning", "holding", "dip", "isn't", "aren't", "no"):
		return "fresh-citrus", "fresh juice"
	case p.c.unit().hasAny([]string{"altitude", "elevation", "in the mountains", "high up", "up here", "in the hills", "at this height", "high country"}) && p.says("the time is the same", "times are the same", "the same time", "same pressure", "the pressure is the same", "nothing changes", "no different", "same as anywhere", "makes no difference", "is no matter"):
		return "altitude", "one figure for all"
	case p.says("half way up", "halfway up", "half-way up", "part way up", "partway up", "two thirds up", "three quarters up", "to the shoulders", "to the necks", "up to the necks", "up to the shoulders") && p.says("water") && p.at.Filled && !p.at.Done && !p.negated():
		return "method-mismatch", "water that does not cover"
	case !p.at.Filled && p.says("frozen") && p.says("straight in", "in frozen", "go in", "goes in", "as they are"):
		return "pack-style", "frozen"
	case !p.at.Filled && p.says("minced", "ground up", "ground fine") && p.says("machine", "grinder", "mincer", "mill") && !p.says("patties", "spice", "spices"):
		return "piece-size", "minced"
	case p.does("squeeze") && p.says("a couple", "a few", "some more", "one or two", "two or three"):
		return "fresh-citrus", "fresh juice"
	case p.says("in place of", "instead of", "rather than", "in lieu of") && p.says("the juice", "the lemon juice", "the bottled", "the bottle", "the vinegar", "the acid"):
		return "acid-swap", "another for the acid"
	case p.says("frost") && p.does("get catch kill hit bite take touch"):
		return "acid-short", "frost on the vine"
	case p.says("same as the coast", "same as at the coast", "same as at sea level", "same as sea level", "same as down there", "same as in the valley", "as at sea level", "like at sea level", "height makes no difference", "the height does not matter", "altitude is nothing"):
		return "altitude", "one figure for all"
	case p.flameDown():
		return "method-mismatch", "the flame is lowered"
	case p.fistSized():
		return "piece-size", "large pieces"
	case p.curedBefore():
		return "cured-meat", "cured"
	case p.weightAtOnce():
		return "vent", "weight on at once"
	case !p.at.Done && p.does("suck pull draw go pop") && p.hasClass(Lid) && p.says("by themselves", "by itself", "on their own", "on its own") && !p.negated():
		return "open-kettle", "the lids go down by themselves"
	case !p.at.Filled && (p.says("vines", "vine", "plants", "bushes") && p.says("dead", "died", "dying", "killed", "frosted", "frozen", "withered")) && !p.negated():
		return "acid-short", "from dead vines"
	case !p.at.Filled && (p.says("pink salt", "curing salt", "prague powder", "saltpetre", "saltpeter", "nitrite") || p.does("brine cure salt") && p.days() >= 2) && !p.negated():
		return "cured-meat", "cured"
	case !p.at.Filled && p.says("juice") && p.says("lemons", "limes") && !p.says("bottle", "bottled", "not", "never", "carton") && (p.stative() || p.does("come")):
		return "fresh-citrus", "juice of lemons"
	case p.says("pressure canner", "pressure cooker") && p.says("water") && p.does("cover") && !p.negated() && !p.says("bottom", "rack"):
		return "canner-water", "water over the jars"
	case !p.at.Done && p.says("no steam", "without steam", "no exhausting", "no need of steam"):
		return "vent", "no steam"
	case p.likeMass():
		return "puree", "like a mass"
	case p.says("what is left of", "what's left of", "what was left of", "the end of the", "the last of the") && (p.puts() || p.does("go find get use")) && !p.says("of the season", "of the summer", "of the crop", "of the garden", "of the time", "of the day", "of the week", "of the process"):
		return "unknown-ingredient", "leftovers"
	case p.brokenGauge():
		return "pressure-low", "nothing to read the pressure by"
	case p.noCanner():
		return "cooker-not-canner", "no canner"
	case !p.at.Done && (p.does("seal") || p.says("jars seal", "jar seal", "them seal", "lids seal", "it seal")) && p.says("by themselves", "by itself", "on their own", "on its own", "themselves", "itself"):
		return "open-kettle", "seals by itself"
	case p.does("reuse") && !p.namesFood() && !p.says("bottle", "bag", "ring", "rings", "band", "bands", "jars", "cloth", "water"):
		return "lid", "used again"
	}
	return "", ""
}

// anyColour reports fruit of whatever colour: a white peach is low in acid.
func (p *passage) anyColour() bool {
	return !p.at.Filled && !p.negated() && p.says("whichever colour", "whichever color", "whatever colour", "whatever color", "any colour", "any color", "either colour", "either color", "colour does not matter", "color does not matter")
}

// juiceOf reports "the juice of six lemons": out of a fruit, not out of a bottle.
func (p *passage) juiceOf() bool {
	if p.negated() || !p.says("lemons", "limes", "a lemon", "a lime", "one lemon", "one lime", "half a lemon") || p.says("bottle", "bottled", "bowl", "basin", "brown", "holding", "dip") {
		return false
	}
	return p.says("juice of", "juice from", "squeeze", "squeezed", "press", "pressed")
}

// weakVinegar reports a vinegar of less than five percent.
func (p *passage) weakVinegar() bool {
	if !p.hasClass(Acid) && !p.says("vinegar") || p.negated() {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Percent && m.Min < 5 {
			return true
		}
	}
	return false
}

// flameDown reports a flame that is lowered while the jars boil, and not to hold a
// pressure.
func (p *passage) flameDown() bool {
	return p.at.Closed && !p.at.Done && p.hasClass(Burner) && p.does("turn lower bring drop cut put") && p.says("down", "low", "lower", "gentle") && !p.c.unit().hasAny([]string{"pressure", "steady", "rock", "rocks", "rocking", "jiggle", "jiggles", "hold", "holds", "keep", "keeps", "gauge", "weight", "dial", "needle", "pounds", "lb", "psi", "rises", "climbs", "still boils", "boiling"})
}

// endsByOther reports jars that come out at a sign that is no time: "when the house
// smells of them they come out".
func (p *passage) endsByOther() bool {
	if !p.at.Filled || p.at.Done || p.before == nil || p.before.kind != moment && p.before.kind != result || p.negated() {
		return false
	}
	if !p.does("come take lift pull fetch turn") || !p.says("out", "off") || !p.hasClass(Pronoun) && !p.hasClass(Jar) {
		return false
	}
	b := &passage{c: p.before}
	if p.before.measured(english.Duration) || b.hasClass(Clock) || b.hasClass(Pressure) || b.hasClass(Gauge) || b.says("time", "zero", "minutes", "cool", "cold", "done", "up", "over", "pressure") {
		return false
	}
	return b.does("smell sound look feel taste sing ping pop rattle quit stop whistle finish come")
}

// carriesOn reports a clock that runs on after a drop: "if it quits rocking you carry on
// and add five".
func (p *passage) carriesOn() bool {
	if !p.at.Filled || p.at.Done || p.before == nil || p.before.kind != condition && p.before.kind != moment || p.says("again", "over", "from the start", "from the beginning", "zero") {
		return false
	}
	b := &passage{c: p.before}
	return b.does("quit drop fall sag dip stop slip lose sink") && (p.says("carry on", "go on", "keep going", "carry right on", "keep counting", "just add", "add five", "add ten") || p.does("continue resume"))
}

// inHaste are conditions that change no tested time.
var inHaste = []string{"rushed", "hurry", "in a hurry", "late", "short of time", "short on time", "feel like", "you like", "you want", "lucky", "tired", "busy", "pushed", "pressed for time"}

// onlyIf reports a time that hangs on something else than the jar or the height: "an
// hour if the fire is good".
func (p *passage) onlyIf() bool {
	if p.after != nil && p.after.kind == condition && p.after.hasAny(inHaste) && p.c.hasNumber() && p.at.Filled && !p.namesFood() {
		return true // "10 min exhaust, five if you're rushed"
	}
	if !p.at.Filled || p.at.Done || hasVerb(p.c.t) || !p.c.measured(english.Duration) || p.after == nil || p.after.kind != condition {
		return false
	}
	a := &passage{c: p.after}
	return !a.says("feet", "ft", "foot", "elevation", "altitude", "above", "meters", "metres", "quarts", "pints", "half-pints", "steam", "live", "sea", "cold", "raw", "hot") && !p.says("vent", "steam", "rest", "wait")
}

// doesFor reports a time that is said to do: "forty minutes does for pints".
func (p *passage) doesFor() bool {
	return p.at.Filled && !p.at.Done && p.c.measured(english.Duration) && p.says("does for", "do for", "does nicely", "does it", "sees them done", "will see them", "is ample", "suffices") && !p.says("vent", "steam")
}

// underBoil reports water that is kept from boiling, or that need not cover the jars.
func (p *passage) underBoil() bool {
	if !p.at.Filled || p.at.Done {
		return false
	}
	if p.says("under the boil", "below the boil", "short of a boil", "short of the boil", "gone off the boil", "goes off the boil", "go off the boil", "keep it off the boil", "just off the boil but", "not quite boiling", "never boil", "bare simmer", "gentle simmer", "shivering") && !p.says("jars hot", "keep warm") {
		return true
	}
	return p.says("no need", "need not", "needn't", "do not need", "don't need") && p.says("water over", "cover the jars", "over the lids", "cover them", "covered")
}

// sparingly are words for less than the recipe has.
var sparingly = []string{"go easy", "easy on", "go light", "light on", "a light hand", "go gently", "skimp on", "stingy", "mean with", "hold back", "only a little of the", "only some of the", "not all of the", "less than it says", "less than the recipe"}

// acidHalved reports acid that is halved, quartered or spared by a verb.
func (p *passage) acidHalved() bool {
	if p.at.Method && !p.negated() && p.hasClass(Acid) && p.says("less", "fewer") && p.says("than it says", "than it asks", "than the recipe", "than they say", "than the book", "than you think", "than you would", "than called for", "than it calls") {
		return true
	}
	if p.at.Method && !p.negated() && (p.hasClass(Acid) || p.says("lemon", "lime")) && p.says(sparingly...) {
		return true
	}
	for _, v := range p.c.verbIndexes() {
		switch p.c.t[v].verb {
		case "halve", "reduce", "lessen", "spare", "cut":
			for _, o := range p.c.objectsOf(v) {
				if w := p.c.t[o.head].Text; o.start > v && (o.class == Acid || w == "lemon" || w == "lime") && !p.says("in half", "into wedges", "in wedges") && p.at.Method {
					return p.c.t[v].verb != "cut" || p.says("down", "back", "by half")
				}
			}
		}
	}
	return false
}

// lessSugar reports sugar that is cut or halved, which is no shape of it, or taken less of.
func (p *passage) lessSugar() bool {
	if !p.at.Method || p.at.Filled || p.negated() {
		return false
	}
	for _, v := range p.c.verbIndexes() {
		switch p.c.t[v].verb {
		case "halve", "cut", "reduce", "lessen", "quarter", "slash", "trim":
			for _, o := range p.c.objectsOf(v) {
				if o.start > v && o.class == Sugar {
					return true
				}
			}
		case "use", "take", "put", "add", "want", "need", "go":
			if p.hasClass(Sugar) && p.says("less", "fewer") &&
				!p.says("or less", "more or less", "no less", "less water", "less time") {
				return true
			}
		}
	}
	return false
}

// fistSized reports pieces that are likened to something large.
func (p *passage) fistSized() bool {
	return p.says("size of a fist", "size of my fist", "size of your fist", "fist-sized", "size of an apple", "size of an orange", "size of a baseball", "size of a tennis ball", "big as a fist", "size of a grapefruit", "big as my hand", "big as your hand", "big as my fist", "big as your fist", "big as a hand", "size of my hand", "size of a hand", "size of your palm", "as they fall", "any old size", "any size at all")
}

// curedBefore reports meat that was cured.
func (p *passage) curedBefore() bool {
	for i := range p.c.t {
		switch p.c.t[i].low {
		case "corned", "cured":
			return p.c.t[i].food == nil && !p.says("not corned", "not cured", "never cured", "no corned", "no cured")
		}
	}
	if p.says("in brine", "in salt", "in the brine", "in pickle", "in the cure") && !p.at.Filled && p.namedOrIt() {
		for _, m := range p.c.m {
			if m.Kind == english.Duration && m.Max >= 3*1440 {
				return true // "six weeks in brine"
			}
		}
	}
	return p.says("salted down", "from the brine barrel")
}

// namedOrIt reports whether a food or what stands for it is spoken of.
func (p *passage) namedOrIt() bool { return p.namesFood() || p.hasClass(Pronoun) || p.hasClass(Meat) }

// weightAtOnce reports a weight that goes on before the steam has streamed.
func (p *passage) weightAtOnce() bool {
	if !p.at.Done && p.says("petcock", "vent", "vent pipe") && p.says("shut from", "closed from", "shut all", "closed all", "stays shut", "stays closed", "kept shut", "kept closed") {
		return true
	}
	if !p.hasClass(Weight) || p.at.Done || p.negated() || !p.does("put set drop close pop go") {
		return false
	}
	return p.c.unit().hasAny([]string{"light the gas", "light the stove", "turn on the gas", "turn on the stove", "turn the heat on", "at once", "straight away", "right away", "from the start", "from the beginning", "before it steams", "as soon as the lid"})
}

// opensEarly reports a canner that is opened, or jars that are taken out, under pressure.
func (p *passage) opensEarly() bool {
	if !p.at.Done || p.negated() || !p.does("open pull lift take prise pry crack loosen unscrew undo") || !p.hasClass(Lid) && !p.hasClass(Canner) && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Pronoun) && !p.hasClass(Weight) && !p.says("her up", "her open", "him up") {
		return false
	}
	return p.c.around(12).hasAny(underPressure)
}

// underPressure are signs that the canner has not come down.
var underPressure = []string{"hand moves", "needle moves", "hand drops", "needle starts", "needle begins", "starts to drop", "begins to drop", "starts to fall", "begins to fall", "while they spit", "still spit", "still spitting", "while it spits", "while it hisses", "still hisses", "still hissing", "still sputtering", "while they sputter", "still bubbling over", "do not wait for the button", "don't wait for the button", "not wait for zero"}

// colds are what a canner is cooled with.
var colds = set("snow ice stream creek river brook tap hose trough barrel frost sink bathtub bath tub shower puddle pond lake wet draft draught fan cold")

// vesselBesideCold reports a canner, a pot or "it" that is not itself what is cold: not the
// sink that somebody stands at.
func (p *passage) vesselBesideCold() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.class == Canner || w.class == Pronoun || w.class == Pot && !colds[w.low] {
			return true
		}
	}
	return false
}

// hurriesDown reports a pressure that is brought down by something cold.
func (p *passage) hurriesDown() bool {
	if !p.at.Done || p.negated() || p.does("eat") && p.says("ice cream") || p.does("want offer try") && p.third() || p.says("out of the draught", "out of the draft", "out of drafts", "out of draughts", "free of drafts", "free from drafts", "from drafts", "from draughts", "out of the wind", "away from draughts", "away from drafts") {
		return false
	}
	if p.says("into the snow", "in the snow", "in the stream", "in the creek", "into the creek", "under the tap", "into the trough", "in the trough", "out in the frost", "in the rain barrel") && !p.hasClass(Person) {
		return true
	}
	if p.vesselBesideCold() && p.any(colds) && p.does("pack heap put set stand carry lug haul take run pour fill give drop sit lower shove dunk plunge cover drape wrap lay douse") && !p.hasClass(Burner) && !p.says("wash", "rinse", "dry", "scrub", "clean", "store", "storage", "away") {
		return true
	}
	if p.does("run pour hose splash") && p.says("cold water", "cool water", "the tap") && p.hasClass(Pot) {
		return true
	}
	if p.does("open") && p.says("petcock", "vent", "valve") && p.says("steam out", "let it out", "pressure out", "fast", "down") {
		return true
	}
	if p.does("open") && p.c.unit().hasAny([]string{"stops hissing", "quits hissing", "stops steaming", "stops rattling", "still hissing", "still steaming", "stops spitting"}) {
		return true
	}
	if (p.does("hurry speed quicken hasten") || p.says("speeds it", "speeds things", "hurries it")) && (p.any(colds) || p.says("frozen", "peas")) {
		return true
	}
	return p.does("bring help hurry speed") && (p.says("down", "quicker", "faster", "along") || p.hasClass(Canner)) && (p.says("wet", "cold", "ice", "snow", "tap", "hose", "fan", "weight", "towel", "rag") && !p.says("by itself", "on its own"))
}

// cutsTime reports a time that is made shorter.
func (p *passage) cutsTime() bool {
	if p.negated() || !p.does("cut shorten trim shave knock lessen halve") {
		return false
	}
	if p.at.Filled && p.does("cut shave knock trim") && p.says("off", "out", "away", "back") && p.says("minute", "minutes", "time", "hour", "clock") && !p.namesFood() {
		return true // "knock off ten minutes"
	}
	for _, v := range p.c.verbIndexes() {
		for _, o := range p.c.objectsOf(v) {
			if w := p.c.t[o.head].Text; o.class == Clock && (w == "time" || w == "processing" || w == "half") && p.c.t[v].verb != "be" && o.start > v {
				return true
			}
		}
	}
	return false
}

// otherTime reports a time that stands beside the tested one: "twenty in the book,
// twelve in life", "the whole time is ten minutes".
func (p *passage) otherTime() bool {
	if !p.at.Filled || p.at.Done {
		return false
	}
	figures := 0
	for i := range p.c.t {
		if p.c.nums[i] > 0 {
			if v, _ := english.Number(p.c.raw, i); v >= 5 && v <= 120 {
				figures++
			}
		}
	}
	if !hasVerb(p.c.t) && p.c.unit().hasAny([]string{"in the book", "on paper", "in the leaflet", "says the book", "in life", "in real life"}) && figures > 0 && len(p.c.m) == 0 {
		return true
	}
	return p.does("be") && p.says("the time is", "whole time is", "time is only", "process is", "processing is") && figures > 0 && !p.repeatsTime()
}

// likeMass reports food that is to be like a mass that is fed with a spoon.
func (p *passage) likeMass() bool {
	if p.at.Done || p.negated() {
		return false
	}
	return p.says("like baby food", "like porridge", "like pudding", "like paste", "like putty", "like mud", "like custard", "like mash", "like mashed potatoes", "like batter", "like glue", "like a puree", "like gruel", "like gravy", "as baby food", "thick enough to", "stiff enough to", "solid enough to", "thick as porridge", "thick as paste", "thick as custard")
}

// brokenGauge reports a gauge or weight that does not work.
func (p *passage) brokenGauge() bool {
	if p.says("without a gauge", "no gauge", "without gauge") && !p.hasClass(Weight) && !p.says("weighted") {
		return true
	}
	if p.hasClass(Gauge) && p.says("never been looked at", "never been checked", "never been tested", "never tested", "not been tested", "never checked", "nobody checks", "never had it checked", "never had it tested") {
		return true
	}
	if p.negated() || p.c.around(20).hasAny([]string{"new one", "replaced", "replace it", "fixed", "bought another", "a new", "borrowed"}) {
		return false
	}
	return (p.hasClass(Gauge) || p.hasClass(Weight)) && p.says("broken", "stuck", "missing", "lost", "dead", "shot", "cracked", "gone", "by ear", "by feel", "by guess")
}

// noCanner reports a pot that is called a canner: "my canner is a big pan with a lid".
func (p *passage) noCanner() bool {
	s := p.subject()
	if s == nil || s.class != Canner || !p.does("be") || p.negated() {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.class == Pot && ch.prep == "" && p.c.t[ch.head].low != "kettle" && !p.says("rack", "deep", "cover the jars", "covers the jars") {
			return true
		}
	}
	return false
}

// lastLook looks at a clause whatever else it was read as, talk of somebody else too: once
// the process is over at what becomes of canner and jars, before at what may go in unsaid.
func (p *passage) lastLook() (code, why string) {
	if (p.at.Filled || p.at.Done) && p.orLess() {
		return "process-short", "or less"
	}
	if p.at.Method && p.saysLeftOut() && (&passage{c: p.before}).names(stuff) {
		return p.missing(), "what was named is left out"
	}
	if p.at.Method && (p.mustBe() || p.less()) && p.mayHarm() {
		return "", "said to be needed"
	}
	if code, why := p.neverDoes(); why != "" && p.at.Method {
		return code, why
	}
	if code, why := p.wrongAnywhere(); why != "" {
		return code, why
	}
	if code, why := p.badState(); why != "" {
		return code, why
	}
	if p.at.Closed && p.heatOffAt() {
		return "process-short", "the heat goes off at a time"
	}
	if p.at.Closed && p.impatient() {
		return "", "no patience"
	}
	if p.filledHere() && p.onTheirHeads() {
		return "open-kettle", "jars upside down"
	}
	if !p.third() || p.ourBatch() || p.advises() || p.unsealedJar() && p.ofJars() {
		if code, why := p.kept(); why != "" {
			return code, why
		}
	}
	if !p.third() || p.ourBatch() {
		switch {
		case p.badlyClosed():
			return "lid", "a lid that cannot seal"
		case p.damagedJar():
			return "jar-type", "a jar that is damaged"
		}
	}
	if p.otherVessel() {
		return "jar-type", "no canning jar"
	}
	if p.notTheCanner() {
		return "method-mismatch", "no canner"
	}
	if p.at.Done {
		switch {
		case !hasVerb(p.c.t[:min(len(p.c.t), 3)]) && !p.negated() && p.says("hose", "hosepipe", "tap", "bag of ice", "ice bath", "snowbank", "stream", "creek", "snow"):
			return "cooling", "something cold"
		case !p.negated() && p.says("of ice", "iced water", "ice water", "into ice", "on ice", "ice bath"):
			return "cooling", "ice"
		case !hasVerb(p.c.t) && p.says("lid off", "weight off", "open") && (p.hasClass(Gauge) || p.hasClass(Pressure) || p.says("needle", "dial")) && p.says("up", "high", "still", "showing", "on"):
			return "cooling", "open under pressure"
		case p.c.measured(english.Duration) && !p.negated() && p.says("make up the time", "to make up for", "to finish", "to finish off", "finish the time", "the rest of the time"):
			return "process-short", "time made up off the heat"
		case p.says("fridge", "refrigerator", "icebox", "freezer") && p.c.unit().hasAny([]string{"hot", "steaming", "straight from the canner", "out of the canner"}) && !p.negated() && !hasVerb(p.c.t):
			return "cooling", "hot into the cold"
		case p.forTheBatch():
			return "added-ingredient", "for what is in the jar"
		case p.does("can process") && p.says("them again", "it again") && !p.negated() && !p.c.unit().hasAny([]string{"seal", "sealed", "24 hours", "day"}):
			return "process-short", "canned again"
		case p.acted("retighten"):
			return "lid", "bands tightened again"
		case p.acted("reprocess") && p.repeatedFor():
			return "process-short", "processed again for a time of its own"
		case p.toTheShoulders():
			return "method-mismatch", "water that does not cover"
		case p.quickRelease():
			return "cooling", "a quick release"
		case p.coldOnCanner(), p.letsPressureOut():
			return "cooling", "the pressure is brought down"
		case p.opensAtOnce():
			return "cooling", "opened when the time is up"
		case p.opensPressed():
			return "cooling", "opened, and nothing said of the pressure"
		case p.opensEarly():
			return "cooling", "opened under pressure"
		case p.hurriesDown():
			return "cooling", "the pressure is hurried"
		}
		return "", ""
	}
	switch {
	case p.c.unit().hasAny([]string{"safe without", "keep without", "keeps without"}) && p.says("boiling", "canning", "processing", "canner", "cooking", "heat", "all that"):
		return "open-kettle", "safe without"
	case p.says("for the sour", "for the acid", "for the sharpness") && p.says("juice", "liquid", "brine", "water", "wine") && !p.negated():
		return "acid-swap", "another for the acid"
	case !p.at.Done && p.says("milder", "less acid", "less acidic", "less sharp", "less sour", "less tart") && p.c.unit().hasAny([]string{"use", "using", "take", "pick", "choose", "grow", "prefer", "go in", "instead"}) && !p.negated():
		return "acid-short", "milder ones"
	case !p.at.Filled && p.hasClass(Sugar) && p.limit() != "":
		return "sugar-change", "sugar with a limit"
	case p.at.Filled && !p.at.Done && (p.hasClass(Gauge) || p.hasClass(Pressure)) && p.limit() != "" && p.says("more", "higher", "over", "above", "beyond"):
		return "pressure-low", "a pressure with a limit"
	case p.hasClass(Sugar) && p.does("cut trim knock bring") && p.says("back", "down", "right back") && !p.negated() && !p.says("side down", "sides down"):
		return "sugar-change", "less sugar"
	case p.at.Closed && p.says("near enough", "close enough", "good enough") && !p.negated():
		return "process-short", "near enough"
	case p.says("second go-round", "second go round", "second time around", "second time round", "third go-round", "go round again") && (p.hasClass(Lid) || p.says("flats", "tops")):
		return "lid", "lids used before"
	case p.at.Closed && p.says("weight on") && !p.says("then", "after", "once", "when") && (p.says("fire up", "heat up", "flame up", "gas up", "fire on", "heat on", "gas on") || p.c.unit().hasAny([]string{"fire up", "weight on, heat", "weight on, fire", "weight on and light"})):
		return "vent", "weight on at once"
	case p.at.Method && p.says("stuffed") && !p.negated():
		return "starch-solid", "stuffed"
	case p.says("instead of the process", "instead of processing", "instead of the canner", "instead of canning", "in place of the process", "rather than process", "instead of boiling"):
		return "open-kettle", "something in the process's stead"
	case p.at.Closed && p.says("no waiting", "without waiting", "no venting", "without venting"):
		return "vent", "no wait"
	case p.likesWith():
		return "added-ingredient", "what it is liked with"
	}
	if code, why := p.turned(); why != "" {
		return code, why
	}
	if p.weDoNot() {
		return "omission", "others do, we do not"
	}
	if p.portionOfNothing() && !p.serving {
		return "unknown-ingredient", "a measure of something unnamed"
	}
	if !p.at.Filled && p.at.Method && p.says("frozen as it is", "frozen as they are") {
		return "pack-style", "frozen"
	}
	for i := range p.c.t {
		if code := p.kindOfMain(i); code != "" {
			return code, "a kind of its own"
		}
	}
	return "", ""
}

// acted reports whether a frame finds the act in the clause.
func (p *passage) acted(name string) bool {
	if p.negated() {
		return false
	}
	return slices.ContainsFunc(p.c.acts(p.at.Closed), func(s scored) bool { return s.frame.Act == name && !s.frame.Undone })
}

// repeatedFor reports a second process whose time the text does not state as the process.
func (p *passage) repeatedFor() bool {
	for _, m := range p.c.m {
		if m.Kind == english.Duration && p.at.said(m.Min) < 2 && m.Max <= 120 {
			return true
		}
	}
	return false
}

// impatient reports a cook who does not wait.
func (p *passage) impatient() bool {
	if p.says("wait to try", "wait to taste", "wait to eat", "wait to hear", "wait to show", "wait to tell", "wait for you", "wait for christmas", "wait for winter", "wait for them to try", "wait for you to") && !p.says("to open", "to cool", "lid", "weight") {
		return false // "I can't wait to try them"
	}
	return (p.oneself() || p.word(0) == "can't" || p.word(0) == "cannot") && p.says("can't help it", "cannot help it", "can't wait", "cannot wait", "never wait", "no patience", "don't have the patience", "can't be bothered to wait", "never could wait")
}

// onTheirHeads reports full jars that are turned over, in a word or two: "Bottoms up, then
// the shelf."
func (p *passage) onTheirHeads() bool {
	if p.negated() || p.namesFood() || p.c.kind == condition {
		return false
	}
	return p.says("upside down", "upside-down", "bottoms up", "heads down", "on their heads", "on their lids", "wrong way up", "flipped over", "topsy turvy") ||
		len(p.c.t) <= 2 && (p.does("flip invert upend upturn") ||
			p.says("flipped", "inverted", "upturned", "turn over", "tip over"))
}

// orLess reports a time that may be less: "20 minutes, or less when it is hot out".
func (p *passage) orLess() bool {
	if p.negated() || p.c.measured(english.Length) && !p.c.measured(english.Duration) || p.says("year", "years", "month", "months", "week", "weeks", "eat", "keep", "keeps", "store", "salt", "sugar") {
		return false
	}
	if p.c.unit().hasAny([]string{"more or less"}) {
		return false
	}
	figures := 0
	for _, n := range p.c.nums {
		if n > 0 {
			figures++
		}
	}
	timed := p.before != nil && p.before.measured(english.Duration)
	switch {
	case (figures > 1 || figures == 1 && timed) && p.says("will do", "would do", "is plenty", "is enough", "does it"):
		return true // "20 minutes, 15 will do"
	case timed && len(p.c.t) <= 5 && (p.word(0) == "less" || p.word(0) == "fewer" || p.word(0) == "sooner" || p.word(0) == "shorter"):
		return true // "25 minutes, or less"
	case timed && p.word(0) == "give" && p.c.unit().hasAny([]string{"give or take"}):
		return true
	}
	return p.saysLess()
}

// saysLess reports words for less than what was told.
func (p *passage) saysLess() bool {
	return !p.heightOrLess() && p.says("few less", "or less", "or fewer", "less if", "less when", "less in", "less on",
		"less for", "bit less", "little less", "fewer if", "fewer when", "shorter if", "shorter when", "shorter in", "or sooner", "sooner if", "or half that", "or half of that")
}

// weDoNot reports "some people soak, we don't": what is said before is not done here.
func (p *passage) weDoNot() bool {
	if p.before == nil || len(p.c.t) > 5 || !p.before.hasAny(needed) {
		return false
	}
	cook, denied := false, false
	for i := range p.c.t {
		switch w := p.c.t[i].low; {
		case w == "i" || w == "we":
			cook = true
		case negators[w]:
			denied = true
		case p.c.t[i].Kind != words.Mark && w != "do" && w != "did" && w != "bother" && w != "ever" && w != "but" && w != "and" && w != "have" && w != "here":
			return false
		}
	}
	return cook && denied
}

// needed are steps that nobody may leave out.
var needed = []string{"soak", "vent", "exhaust", "process", "boil", "acidify", "blanch", "trim", "drain"}

// heatOffAt reports a fire that goes off at a time of its own: "I turn it off at half an hour".
func (p *passage) heatOffAt() bool {
	if !p.does("turn switch shut cut kill") || !p.says("off", "out") || p.says("wait", "leave", "let", "rest", "stand") {
		return false
	}
	for _, m := range p.c.m {
		if w := p.word(m.Start - 1); m.Kind == english.Duration && (w == "at" || !p.at.Done && (w == "after" || w == "by")) {
			return true
		}
	}
	return false
}

// days returns the longest time of the clause in days.
func (p *passage) days() float64 {
	longest := 0.0
	for _, m := range p.c.m {
		if m.Kind == english.Duration {
			longest = max(longest, m.Max)
		}
	}
	return longest / (24 * 60)
}

// likesWith reports "we like them with a pat of butter" before the jars are done: it may
// go in.
func (p *passage) likesWith() bool {
	if p.at.Done || !p.at.Method || p.serving || !p.does("like love prefer want") || p.negated() || !p.oneself() {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.prep != "with" {
			continue
		}
		for i := ch.start; i < ch.end; i++ {
			if f := p.c.t[i].food; f != nil && !p.at.named(p.c.t[i].Text) && f.In("dairy", "fat", "thickener", "starch-solid", "egg", "nut", "cured-meat", "no-home-process") {
				return true
			}
		}
	}
	return false
}
