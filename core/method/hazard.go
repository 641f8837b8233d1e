package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// The looks of this file are for what a clause says of a step of safety in words
// that no frame holds: when something starts, how hot, how far, with which kettle.
// What they find is asked about, never taken for read.

// timing reports a clock or a vent that is told by something other than minutes.
func (p *passage) timing([]Act) (string, string) {
	if !p.at.Filled {
		return "", ""
	}
	switch {
	case p.c.unit().hasAny([]string{"before the bell", "before the timer", "before the time is up", "before time", "before the clock", "before it rings"}) && !p.negated():
		return "process-short", "before the end"
	case p.hasClass(Weight) && p.puts() && p.c.unit().hasAny([]string{"as soon as the lid", "as soon as it is on", "as soon as it goes on"}):
		return "vent", "no vent"
	case p.atFirstSteam():
		return "vent", "no vent"
	case p.does("give add tack make") && p.says("minutes") && p.c.unit().hasAny([]string{"sinks", "drops", "dips", "slips", "low", "fell", "sank", "dropped", "lost", "lose", "loses", "losing"}) && !p.says("again", "over", "from the start", "from the beginning", "full time", "whole time"):
		return "process-short", "minutes made up"
	case p.hasClass(Gauge) && p.says("low", "wrong", "broken", "stuck", "for years") && p.does("read be show stick") && !p.c.hasNumber() && !p.negated():
		return "pressure-low", "the gauge"
	case p.hasClass(Weight) && p.says("as soon as", "straight away", "straightaway", "at once", "immediately", "right away", "first thing", "from the start", "before the steam") && !p.negated():
		return "vent", "no vent"
	case p.says("as long as it takes", "as long as"), p.says("by now", "already be") && p.says("off") && p.hasClass(Burner):
		return "process-short", "no minutes"
	case p.says("small time", "short time", "less time", "little time", "half time", "small fire", "no fire", "no flame", "off the stove", "fire out"):
		return "method-mismatch", "little heat"
	case p.c.measured(english.Duration) && p.at.Filled && (p.wide() || p.short()) && !p.says("times a minute", "time a minute", "times per minute", "times every minute"):
		return "process-short", "another time"
	}
	return "", ""
}

// wide reports a time between two ends that are far apart.
func (p *passage) wide() bool {
	least, most := 0.0, 0.0
	for _, m := range p.c.m {
		if m.Kind != english.Duration {
			continue
		}
		if least == 0 || m.Min < least {
			least = m.Min
		}
		most = max(most, m.Max)
	}
	return least > 0 && most >= 3*least && (p.says("between", "anything from", "anywhere from") || p.c.unit().hasAny([]string{"depending on the day", "as it suits", "whichever"}))
}

// short reports a time too short for any process, in or of the canner.
func (p *passage) short() bool {
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Max <= 4 && (p.hasClass(Canner) || p.says("in", "out") && !hasVerb(p.c.t)) && !p.says("rest", "wait", "stand", "vent", "steam", "remove", "after", "before", "sit") {
			return true
		}
	}
	return false
}

// standIns are words for a machine or a place that is no canner.
var standIns = []string{"push-button", "push button", "plug-in", "plug in pot", "programmable", "digital pot", "wash boiler", "where i bake", "back step"}

// standIn reports a machine or a place in the canner's stead.
func (p *passage) standIn([]Act) (string, string) {
	if p.says(standIns...) && !p.negated() && (p.at.Filled || p.says("process", "can them", "does them")) {
		return "cooker-not-canner", "no canner"
	}
	if p.at.Filled && !p.at.Done && p.does("use take do get") && p.hasClass(Pot) && p.says("ordinary", "normal", "plain", "regular", "any old", "everyday") && !p.negated() && !p.hasClass(Canner) && !p.says("bath", "rack", "deep enough", "instead of the lid") {
		return "cooker-not-canner", "a pot in the canner's stead"
	}
	if code, why := p.unprocessed(); why != "" {
		return code, why
	}
	if p.filledHere() && p.says("no boiling", "no processing", "no more heat", "no further heat", "any more heat", "any further heat", "more heat", "no more boiling", "any more boiling", "without more heat", "need no canner", "needs no canner", "without a canner", "no water bath", "without boiling") && !p.says("over") {
		return "open-kettle", "no process"
	}
	return "", ""
}

// unprocessed reports jars that are filled and get no bath, or not enough of it.
func (p *passage) unprocessed() (string, string) {
	switch {
	case !p.filledHere():
	case p.says("no bath", "no canner", "need for a bath", "no process"):
		return "open-kettle", "no process"
	case !p.at.Done && p.leavesDry():
		return "method-mismatch", "water that does not cover"
	}
	return "", ""
}

// filledHere reports jars that are filled, before this sentence or in it.
func (p *passage) filledHere() bool {
	if p.at.Filled {
		return true
	}
	for i := range p.c.all[:p.c.begin] {
		if w := &p.c.all[i]; w.isVerb && fillVerbs[w.verb] {
			return true
		}
	}
	return false
}

// leavesDry reports water that does not reach over the jars: "the top one sticks out of the
// pot", "the water does not quite cover them".
func (p *passage) leavesDry() bool {
	if p.c.kind == condition || p.word(0) == "where" {
		return false // what to do then stands beside it
	}
	if p.says("stick out of", "sticks out of", "sticks out", "stick out", "poke out of", "pokes out of") {
		return p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun) || p.hasClass(Lid) ||
			p.says("one", "ones", "layer", "top", "tops", "neck", "necks", "shoulders")
	}
	if !p.negated() || !p.hasClass(Pronoun) && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Lid) {
		return false
	}
	for _, v := range p.c.verbIndexes() {
		if w := p.c.t[v].verb; w != "cover" && w != "reach" {
			continue
		}
		for i := range p.c.t[:v] {
			if p.c.t[i].class == Water || p.c.t[i].Text == "water" {
				return true // it is the water that does not
			}
		}
	}
	return false
}

// closing reports lids that go on late, and lids pressed down by hand.
func (p *passage) closing([]Act) (string, string) {
	if p.hasClass(Cloth) && p.says("over the top", "over the mouth", "over the jar", "over each") && p.at.Filled && p.says("will do", "is enough", "string", "tie", "tied") {
		return "lid", "cloth for a lid"
	}
	if p.at.Done && p.does("press push poke thumb") && p.says("down") && (p.hasClass(Lid) || p.hasClass(Pronoun) || p.says("those", "stay up")) && !p.says("if it springs", "to check", "springs back", "does not move") {
		return "lid", "pressed down"
	}
	return "", ""
}

// kettleWater reports water that covers the jars, or hardly any, of which only a
// pressure canner has to be asked.
func (p *passage) kettleWater([]Act) (string, string) {
	if !p.at.Filled && !p.hasClass(Canner) && !p.says("jars") || p.negated() {
		return "", ""
	}
	if p.c.measured(english.Length) && p.says("over the jars", "over the tops", "over their tops", "over the lids", "above the jars") && !hasVerb(p.c.t[:min(len(p.c.t), 3)]) {
		return "canner-water", "water over the jars"
	}
	if !p.says("water") {
		return "", ""
	}
	if p.hasClass(Canner) && p.says("cup of water", "cup water", "cups water", "cups of water", "glass of water", "mug of water", "pint of water", "splash of water", "drop of water") {
		return "canner-water", "hardly any water"
	}
	if p.says("to the line", "to the mark", "an inch of water", "one inch of water", "inch of water in", "water over the jars", "cover the jars with water", "covers the jars", "over the tops of the jars", "over their heads", "water up to the lids") {
		return "canner-water", "water in the canner"
	}
	if p.hasClass(Canner) && (p.fewInches() || p.fewQuarts()) {
		return "canner-water", "water in the canner"
	}
	return "", ""
}

// fewQuarts reports so little water that it covers no jar.
func (p *passage) fewQuarts() bool {
	quarts, told := waterQuarts(p.c.raw)
	return told && quarts <= 4
}

// WaterQuarts returns how many quarts or liters of water the words tell of: "two quarts of hot water".
func WaterQuarts(text string) (quarts float64, told bool) { return waterQuarts(words.Split(text)) }

func waterQuarts(t []words.Token) (quarts float64, told bool) {
	for i := range t {
		v, n := english.Number(t, i)
		if n == 0 || i+n >= len(t) || !quartNames[t[i+n].Text] {
			continue
		}
		behind := t[i+n+1 : min(i+n+4, len(t))]
		if slices.ContainsFunc(behind, func(w words.Token) bool { return w.Text == "water" }) {
			return v, true
		}
	}
	return 0, false
}

var quartNames = set("quart quarts qt qts liter liters litre litres")

// fewInches reports a depth of water that covers no jar: "3 inches of hot water".
func (p *passage) fewInches() bool {
	if p.says("over", "above", "cover", "covers", "covering", "covered", "headspace") {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Length && m.Max <= 4 && p.nearWater(m) {
			return true
		}
	}
	return false
}

// nearWater reports whether water stands within a few words of the measure, and not in the name of a canner.
func (p *passage) nearWater(m english.Measure) bool {
	for i := max(m.Start-5, 0); i < min(m.End+3, len(p.c.raw)); i++ {
		named := i+1 < len(p.c.raw) && waterNames[strings.ToLower(p.c.raw[i+1].Text)]
		if strings.EqualFold(p.c.raw[i].Text, "water") && !named {
			return true
		}
	}
	return false
}

var waterNames = set("canner canners bath baths process")

// halfHeat reports water or food that is said not to need to boil.
func (p *passage) halfHeat([]Act) (string, string) {
	if !p.says("need not", "needn't", "does not have to", "doesn't have to", "do not have to", "don't have to", "no need to", "never has to") {
		return "", ""
	}
	switch {
	case p.does("boil simmer bubble") && p.at.Filled:
		return "process-short", "not boiling"
	case p.does("peel skin"):
		return "unpeeled-root", "not peeled"
	case p.does("vent exhaust"):
		return "vent", "no vent"
	case p.does("soak"):
		return "dry-legume-unsoaked", "not soaked"
	}
	return "", ""
}

// forms reports how a food is left or taken that the procedure may not allow.
func (p *passage) forms([]Act) (string, string) {
	switch {
	case p.says("wand", "stick blender", "hand blender", "stick thing", "whizzer", "blitzer") && !p.negated():
		return "puree", "a machine"
	case p.third() && p.word(len(p.c.t)-1) == "without":
	case p.word(len(p.c.t)-1) == "without" || p.word(len(p.c.t)-2) == "without" && p.c.t[len(p.c.t)-1].Kind == words.Mark:
		if p.c.unit().hasAny([]string{"lemon", "lime", "vinegar", "acid", "citric"}) {
			return "no-acid-added", "without"
		}
		return "", "without"
	case p.says("scrub") && p.says("is all", "and no more", "will do", "does it") && !p.at.Filled:
		return "unpeeled-root", "only scrubbed"
	case p.says("need no", "needs no") && p.says("cutting", "peeling", "soaking", "pitting", "skinning", "slicing") && !p.negatedTwice():
		return "", "left as it is"
	case p.hasClass(Canner) && p.says("needless", "unnecessary", "pointless", "useless", "superfluous", "redundant", "idle") && !p.negated():
		return "process-short", "no canner"
	case p.big() && p.says("cubes", "chunks", "lumps", "blocks", "pieces") && p.says("across", "thick", "square", "wide", "each way") && !p.negated():
		return "piece-size", "big pieces"
	case p.does("cut chop cube dice slice") && p.big() && p.says("pieces", "chunks", "cubes", "lumps", "blocks"):
		return "piece-size", "big pieces"
	case !p.at.Done && p.does("come go") && p.says("later", "afterwards") && (p.hasClass(Acid) || p.says("lemon", "lime")):
		return "no-acid-added", "acid that comes later"
	case p.at.Done && !hasVerb(p.c.t[:min(2, len(p.c.t))]) && p.says("into the freezer", "into the fridge", "in the freezer", "into the snow") && p.says("straight", "to seal", "to set the seal", "so they seal", "seals them") && !p.negated() && !p.says("unsealed", "didn't seal", "leftover", "leftovers"):
		return "cooling", "hot into the cold"
	case p.at.Done && p.hasClass(Lid) && p.does("take lift open pull get pop") && p.says("off", "open", "up") && p.says("at once", "right away", "immediately", "straight away", "straight off", "quick", "quickly", "fast", "without waiting", "then and there") && !p.negated():
		return "cooling", "opened at once"
	case p.at.Filled && p.hasClass(Weight) && p.does("take lift pull knock tip get pry") && p.says("off", "away", "up") && p.c.unit().hasAny([]string{"blow", "blows", "hiss", "hisses", "spit", "spits", "let the steam out", "bleed"}) && !p.negated():
		return "cooling", "the weight is lifted"
	case p.at.Filled && (p.word(0) == "no" || p.says("never a", "without")) && p.says("natural release", "natural cooling", "natural drop"):
		return "cooling", "not by itself"
	case p.at.Filled && !p.at.Closed && !p.at.Done && (p.c.unit().hasAny([]string{"overnight", "till morning", "until morning", "till tomorrow", "until tomorrow", "next day"}) || p.days() >= 1) && (p.hasClass(FullJar) || p.hasClass(Jar) && p.says("filled", "in the jars", "in their jars")) && p.does("sit stand leave rest keep wait") && !p.says("fridge", "refrigerator", "refrigerate"):
		return "process-short", "jars that wait"
	case p.at.Filled && p.says("under the boil", "just under a boil", "below a boil", "short of boiling") && !p.negated():
		return "method-mismatch", "no boil"
	case !p.at.Filled && p.does("trim") && p.says("can be bothered", "feel like", "have time for", "have patience for"):
		return "trim", "as one feels"
	case p.opensNow():
		return "cooling", "opened at once"
	case !p.at.Filled && p.says("fat", "tallow") && p.does("take cut trim skim pull") && p.says("only some", "some of", "most of", "half of", "what you can be bothered", "a bit of"):
		return "trim", "some of the fat"
	case p.at.Done && p.says("natural release") && p.says("then quick", "or quick", "then open", "then the valve"):
		return "cooling", "not all by itself"
	case p.hasClass(Bubble) && p.hasClass(Fat):
		return "fat", "fat against the air"
	case p.at.Done && p.c.hasNumber() && len(p.c.m) == 0 && p.says("for me", "for us", "for mine", "for ours") && !p.namesFood() && !p.hasClass(Person):
		return "process-short", "a figure of one's own"
	case !p.at.Filled && p.says("strainer", "colander", "sieve") && p.says("in the jars", "in jars", "into the jars", "into jars", "in my jars", "into pints", "into quarts") && !p.says("rinse", "wash", "warm"):
		return "omission", "only what the strainer holds"
	case p.says("three parts") && p.does("fill pack load"):
		return "solids-ratio", "too full"
	case p.says("dry ones", "raw ones", "hard ones") && p.puts() && !p.c.measured(english.Length) && !p.c.measured(english.Duration):
		return "", "as they are"
	case !p.at.Done && !p.says("not forget", "don't forget", "dont forget", "never forget", "not forgetting", "without forgetting", "not skip", "never skip", "don't skip", "not ignore", "don't ignore") &&
		(p.says("never mind", "no need for", "bother with") || p.does("forget ignore skip omit") && !p.negated()) &&
		p.says("headspace", "head space", "headroom", "the inch", "that inch", "an inch", "the gap", "that gap", "room at the top", "space at the top", "half inch", "the half-inch"):
		return "headspace", "no room is left"
	case p.says("skim nothing", "skim none", "skim off nothing") || p.does("leave keep") && p.says("fat on", "gold on top", "cap of fat"):
		return "fat", "fat left"
	case p.c.unit().hasAny([]string{"went in like that", "go in like that", "in as it was", "in as they were", "went in as it", "went straight in"}) && p.says("freezer", "frozen", "icebox", "fridge"):
		return "pack-style", "frozen"
	case p.says("hard", "with a fist", "with my fist", "with both hands") && p.does("pack ram press push tamp pound") && !p.says("not", "don't", "never", "cabbage", "kraut", "crock") && !p.at.Filled && !p.says("hard part", "hard bits"):
		return "solids-ratio", "packed hard"
	case (p.word(0) == "ground" || p.word(0) == "minced") && !p.at.Filled && !p.namesFood() && !hasVerb(p.c.t):
		return "piece-size", "minced"
	case p.says("on the cob", "on the cobs") && p.does("leave keep can put pack do") && !p.negated() && !p.at.Done:
		return "", "on the cob"
	case p.does("dip roll coat dredge toss dust turn") && p.says("in batter", "in flour", "in seasoned flour", "in breadcrumbs", "in bread crumbs", "in crumbs", "in cornmeal", "in egg", "with flour") && !p.negated() && !p.at.Done:
		return "thickener", "a coating"
	case p.says("and all") && p.says("skins", "stones", "pits", "bones", "stems", "seeds", "shells") && !p.says("off", "out", "away", "remove"):
		return "", "parts left in"
	case p.says("in dry", "dry from the sack", "straight from the sack", "straight from the bag", "straight from the packet", "straight out of the bag") && (p.hasClass(Pronoun) || p.hasClass(Pulse) || p.says("bean", "beans", "peas", "lentils")):
		return "dry-legume-unsoaked", "dry"
	case p.says("icebox", "freezer", "frozen", "thaw", "thaws") && p.puts() && !p.says("after", "bags", "later", "leftover", "extra") && (p.at.Filled || p.hasClass(Jar) || p.does("fill pack")) && !p.negated():
		return "pack-style", "frozen"
	case p.says("go cold", "gone cold", "quite cold", "stone cold", "cold overnight") && p.says("overnight", "before filling", "till morning", "until morning", "next day", "the night"):
		return "pack-style", "filled cold"
	case p.does("salt cure brine") && p.says("fortnight", "week", "weeks", "month", "months") && !p.says("later", "within", "keep", "keeps"):
		return "cured-meat", "cured"
	}
	return "", ""
}

func (p *passage) negatedTwice() bool { return p.says("not true", "never say") }

// atFirstSteam reports a weight that goes on, or a petcock that is shut, when steam shows,
// where the sentence measures no vent.
func (p *passage) atFirstSteam() bool {
	if p.at.Done || !p.hasClass(Weight) || p.negated() || p.c.unit().measured(english.Duration) || p.c.unit().hasAny([]string{"then", "only then", "tested time", "after", "vented", "has been"}) {
		return false
	}
	return p.c.unit().hasAny([]string{"when steam", "when the steam", "when i see steam", "when you see steam", "as soon as", "once steam", "once the steam", "first steam", "first sign of steam", "first puff", "first wisp", "first whiff", "moment", "when it steams", "till it steams", "until it steams", "steam shows", "there is steam"})
}

// big reports a length of pieces that is large for any dense food.
func (p *passage) big() bool {
	for _, m := range p.c.m {
		if m.Kind == english.Length && m.Max >= 2.5 {
			return true
		}
	}
	return false
}

// perJar reports a count of some vegetable for each jar, which no list has weighed:
// "three onions in each jar".
func (p *passage) perJar([]Act) (string, string) {
	if !p.puts() || !p.says("in each", "in every", "to each", "into each", "per jar") {
		return "", ""
	}
	for i := range p.c.t {
		n := int(p.c.nums[i])
		if n == 0 || i+n >= len(p.c.t) {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		if w := &p.c.t[i+n]; v >= 2 && w.food != nil && (w.class == Food || w.class == Soft || w.class == Pulse) {
			return "low-acid-increase", "so many in each jar"
		}
	}
	return "", ""
}

// ofIce reports ice, or what melts where ice was spoken of.
func (p *passage) ofIce() bool { return p.says("ice") || p.does("melt") && p.c.unit().has("ice") }

// acidBy reports acid that is measured by eye, watered down or left for the table.
func (p *passage) acidBy(acts []Act) (string, string) {
	if p.third() && !p.ourBatch() {
		return "", "" // somebody else's
	}
	for _, a := range acts {
		if a.Name == "dilute" && !a.Undone && (p.hasClass(Acid) || p.says("brine", "vinegar", "lemon", "pickle")) {
			return "acid-diluted", "diluted"
		}
	}
	switch {
	case !p.at.Done && p.says("juice", "juices") && p.does("squeeze press") && p.says("off the tree", "from the tree", "from our tree", "that minute", "that morning", "fresh", "freshly", "by hand", "myself", "from the garden", "from the yard") && !p.says("orange", "apple", "tomato", "grape", "berry", "berries", "cider") && !p.negated():
		return "fresh-citrus", "juice pressed here"
	case !p.at.Done && p.says("squeezed", "squeeze", "pressed") && p.says("off the tree", "from the tree", "off our tree", "that minute") && p.c.unit().hasAny([]string{"juice", "juices"}):
		return "fresh-citrus", "juice pressed here"
	case !p.at.Filled && p.ofIce() && (p.hasClass(Acid) ||
		p.says("vinegar", "brine", "pickle")) && (p.puts() || p.does("melt")) && p.says("in", "into", "to") && !p.negated():
		return "acid-diluted", "ice melts into it"
	case !p.at.Done && (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("smell of", "smells of", "taste of", "tastes of", "hint of", "whiff of", "trace of", "suggestion of") && !p.negated():
		return "acid-short", "acid by the nose"
	case !p.at.Done && (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("no more than", "not more than", "never more than", "be more than", "be over", "go over", "exceed", "at most", "at the most") && !p.says("water"):
		return "acid-short", "acid with a limit"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("cut with", "let down with", "thinned with", "stretched with", "eked out with") && !p.negated():
		return "acid-diluted", "diluted"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("a splash", "a drop", "a squeeze", "a dash", "a glug", "a squirt") && !p.says("bowl", "basin", "water", "brown", "rim", "rims", "wipe", "rag", "towel", "canner", "kettle") && !p.hasClass(Jar):
		return "acid-short", "acid by eye"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("is short", "are short", "runs short", "runs out", "run out", "run short", "not enough", "scarce", "go round", "goes round", "share it out", "goes further", "go further") && !p.negated():
		return "acid-short", "acid that runs short"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && (p.says("have none", "got none", "there is none", "we have no", "had none", "is gone", "are gone", "ran out") || p.says("first jars", "last jars", "first few", "last few", "first half") && p.does("get take have")) && !p.at.Filled:
		return "no-acid-added", "no acid"
	case p.does("skip omit leave drop spare forget") && p.says("bottled juice", "the bottled", "the bottle", "the sour", "the acid") && !p.negated():
		return "no-acid-added", "acid left out"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("only") && p.says("to the jars", "in the jars", "to those", "in those", "to the ones", "in the ones", "to some", "in some") && !p.negated():
		return "no-acid-added", "acid in some jars"
	case p.says("serves the batch", "does the batch", "does the lot", "serves the lot", "for the whole lot", "does them all") && p.says("squirt", "spoon", "spoonful", "dash", "splash", "glug", "drop", "drops", "capful", "bottle", "cup"):
		return "unclear-amount", "one measure for all"
	case p.says("lemon tree", "lime tree", "lemon bush") && p.at.Method && !p.negated():
		return "fresh-citrus", "fresh juice"
	case p.says("off the tree", "from the tree") && p.says("lemon", "lemons", "lime", "limes", "ones") && !p.negated():
		return "fresh-citrus", "fresh juice"
	case (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar")) && p.says("by taste", "with my eye", "with your eye", "with the eye", "by eye", "by feel", "to taste", "by guess", "as it comes") && !p.says("salt to taste", "pepper to taste", "sugar to taste"):
		return "acid-short", "acid by taste"
	case p.does("top fill") && p.says("up") && p.says("from the kettle", "from the tap", "with water", "with hot water", "with boiling water") && !p.says("canner", "water bath", "pot"):
		return "acid-diluted", "topped with water"
	case p.says("squeezed") && p.says("brine", "each jar", "in the jar"), p.does("squeeze") && p.says("your own", "my own", "our own", "own", "fresh ones"):
		return "fresh-citrus", "fresh juice"
	}
	return "", ""
}

// already reports jars of another day: what they were put through is told, and
// they are being eaten or stand on a shelf.
func (p *passage) already([]Act) (string, string) {
	eaten := p.says("have been eating", "been eating", "we have eaten", "already eaten", "been giving away")
	if eaten && p.says("ones", "jars", "them") {
		return "process-short", "jars that exist"
	}
	for i := range p.c.t {
		switch p.word(i) {
		case "month's", "week's", "year's", "sunday's", "yesterday's":
			if p.says("are done", "were done", "did", "i do them") {
				return "process-short", "jars that exist"
			}
		}
	}
	return "", ""
}

// wholesale reports everything cut or multiplied at once.
func (p *passage) wholesale([]Act) (string, string) {
	if p.negated() {
		return "", ""
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if (w.low == "halve" || w.low == "double" || w.low == "triple" || w.low == "quarter") && w.isVerb && !p.says("amounts for", "amount for", "for pints", "for quarts", "for pint jars", "for quart jars") && p.says("everything", "recipe", "batch", "amounts", "quantities", "minutes", "the time") {
			return p.shareOf(i), "all of it"
		}
	}
	return "", ""
}

// fromAway reports a thing out of a cupboard or a fridge that is named by nothing
// else.
func (p *passage) fromAway([]Act) (string, string) {
	if p.at.Filled && !p.puts() || !p.says("from the fridge", "from the freezer", "from the cupboard", "off the shelf", "from the pantry", "fridge door") || p.namesFood() || p.negated() {
		return "", ""
	}
	for _, ch := range p.c.chunks() {
		if stuff[ch.class] && ch.class != Vague && p.c.t[ch.head].Kind == words.Word && ch.class != Liquid {
			return "", ""
		}
	}
	if !hasVerb(p.c.t) || p.puts() || p.does("go get use") {
		return "unknown-ingredient", "something put by"
	}
	return "", ""
}
