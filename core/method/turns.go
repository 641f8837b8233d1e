package method

import (
	"damson/core/english"
	"damson/core/words"
)

// turn is a turn of phrase by which something else goes in, or less is done, than what was
// tested. It is looked for in every clause before the jars are processed.
type turn struct {
	code, why string
	is        func(*passage) bool
}

var turns = []turn{
	{"", "what somebody likes in the jar", (*passage).likedInJar},
	{"low-acid-increase", "more of one than of another", (*passage).moreThan},
	{"pack-style", "poured in cold", (*passage).pouredCold},
	{"process-short", "as long as something else", (*passage).asLongAs},
	{"", "something goes in", (*passage).unknownGoesIn},
	{"", "in a form of its own", (*passage).bareForm},
	{"", "there is something in it", (*passage).thereIs},
	{"cured-meat", "laid in salt", (*passage).inSalt},
	{"method-mismatch", "processed like something else", (*passage).likeAnother},
	{"", "filled with beans", (*passage).fullOfBeans},
	{"sugar-change", "sugar left out", (*passage).sugarLeftOut},
	{"sugar-change", "less sugar", (*passage).lessSugar},
	{"dry-legume-unsoaked", "the water of the soak", (*passage).soakKept},
	{"acid-diluted", "a brine used before", (*passage).usedBrine},
	{"fat", "left on", (*passage).leftOn},
	{"standing", "left standing", (*passage).leftStanding},
	{"headspace", "filled right up", (*passage).filledUp},
	{"process-short", "by the senses", (*passage).bySenses},
	{"low-acid-fruit", "white flesh", (*passage).whiteFlesh},
	{"oven", "baked in the jar", (*passage).bakedInJar},
	{"", "cold water over the food", (*passage).coldPoured},
	{"acid-diluted", "made weaker", (*passage).madeWeaker},
	{"solids-ratio", "nearly all solids", (*passage).nearlyAllSolids},
	{"dry-legume-unsoaked", "filled dry", (*passage).filledDry},
	{"cooling", "a quick release", (*passage).quickRelease},
	{"cooling", "cooled with water", (*passage).cooledWet},
	{"process-short", "a step skipped", (*passage).skipsIt},
	{"open-kettle", "sealed by waiting", (*passage).sealedByWaiting},
	{"weak-vinegar", "less than five percent", (*passage).barePercent},
	{"unpeeled-root", "as it comes", (*passage).asItComes},
	{"acid-short", "less of the acid", (*passage).lessOfIt},
	{"acid-swap", "for the acid", (*passage).doesForAcid},
	{"cured-meat", "out of the smoker", (*passage).fromSmoker},
	{"process-short", "the time of another jar", (*passage).otherJarsTime},
	{"lid", "a lid that is not sound", (*passage).dentedLid},
	{"open-kettle", "seals by itself", (*passage).sealsItself},
	{"added-ingredient", "parts go in", (*passage).partsGoIn},
	{"fat", "a greasy tool", (*passage).greasyTool},
	{"method-mismatch", "below the boil", (*passage).onlySimmers},
	{"process-short", "an end by other signs", (*passage).thatIsTheLot},
	{"process-short", "an interrupted process", (*passage).carriedOn},
	{"open-kettle", "no process", (*passage).skipsTheBath},
	{"weak-vinegar", "a strength that nobody knows", (*passage).noStrength},
	{"acid-short", "less of the acid", (*passage).acidCut},
	{"dry-legume-unsoaked", "a step done without", (*passage).soakingForOthers},
	{"pressure-low", "no weight", (*passage).weightGone},
	{"method-mismatch", "water that does not cover", (*passage).toTheShoulders},
	{"method-mismatch", "a vessel without pressure", (*passage).washCopper},
}

// turned returns the turn of phrase that the clause has.
func (p *passage) turned() (code, why string) {
	if p.serving || !p.at.Method || p.negated() && !p.says("no longer than", "not longer than", "no weight", "their shoulders", "to a simmer") {
		return "", ""
	}
	for _, t := range turns {
		if t.is(p) {
			return t.code, t.why
		}
	}
	return "", ""
}

// likedInJar reports "my husband likes a rasher in each jar".
func (p *passage) likedInJar() bool {
	if !p.does("like love prefer want enjoy fancy") || p.says("liked", "loved", "used to") {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.prep == "in" && (ch.class == Jar || ch.class == FullJar || p.says("in each", "in every", "in hers", "in his", "in theirs", "in mine")) {
			return true
		}
	}
	return false
}

// moreThan reports "more peppers than tomatoes", of two foods.
func (p *passage) moreThan() bool {
	foods, than := 0, false
	if p.word(0) != "more" && !p.says("with more", "has more", "have more", "use more", "put more", "go more") || p.c.hasNumber() {
		return false
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		than = than || w.low == "than"
		if w.food != nil && !w.inner && w.class != Seasoning && w.class != Salt {
			foods++
		}
	}
	return than && foods > 1
}

// pouredCold reports a syrup that goes over the food cold, and a brine into the jars.
func (p *passage) pouredCold() bool {
	if !p.does("pour ladle fill top add put") || !p.says("cold", "chilled", "cooled", "off the shelf", "from the fridge") || p.says("before it is cold", "till cold", "until cold", "cold jar", "cold jars", "not cold", "cold water") {
		return false
	}
	return p.says("syrup") || p.says("brine", "vinegar", "pickle") && (p.at.Filled || p.hasClass(Jar))
}

// asLongAs reports a time that is said by that of another thing.
func (p *passage) asLongAs() bool {
	if !p.at.Done && p.says("quarts take the same", "pints take the same", "gallons take the same", "quarts get the same", "is the same time", "are the same time", "takes the same time", "take the same time", "has the same time") {
		return true // "cream style is the same time"
	}
	return p.at.Filled && !p.at.Done && p.c.kind != condition && p.says("no longer than", "not longer than", "same time as", "same as for", "same as the", "as long as the", "as long as for", "long as for") && !p.c.measured(english.Duration) && (p.namesFood() || p.says("for"))
}

// unknownGoesIn reports "elbows go in at the last": what goes in is no food that is known,
// and nobody.
func (p *passage) unknownGoesIn() bool {
	if p.at.Filled || p.namesFood() || p.hasClass(Vague) || p.hasClass(Pronoun) || !p.does("go") || !p.says("go in", "goes in", "went in", "go into", "goes into", "in go", "in goes") {
		return false
	}
	s := p.subject()
	if s == nil || s.class != "" && s.class != Thing && s.class != Unknown || s.name || kitchen[s.Text] || harmlessNouns[s.Text] || subjects[s.low] {
		return false
	}
	switch s.entry.Noun() {
	case english.NounBody, english.NounArtifact, english.NounFood, english.NounPlant, english.NounSubstance:
		return true
	}
	return s.class == Unknown
}

// bareForm reports a clause that only says in which form the food is: "smoked by my uncle".
func (p *passage) bareForm() bool {
	if p.at.Filled || p.namesFood() || p.c.t[0].m != 0 || p.says("towel", "cloth", "paper", "rag") {
		return false
	}
	if last := len(p.c.t) - 1; last > 1 && formOf[p.word(last)] != "" && p.word(last-1) == "the" && p.does("use take get buy do have") {
		return true // "I use the frozen"
	}
	if s := p.subject(); s != nil && (s.class == Pronoun || s.low == "they" || s.low == "it") {
		for i := 1; i < len(p.c.t); i++ {
			if formOf[p.word(i)] != "" && (auxiliary[p.word(i-1)] || p.word(i-1) == "been") && !p.negated() {
				return true // "these were dried on strings"
			}
		}
	}
	if len(p.c.t) > 7 || formOf[p.word(0)] == "" {
		return false
	}
	return len(p.c.t) == 1 || p.c.t[1].Kind == words.Mark || prepositions[p.word(1)] || adverbs[p.word(1)]
}

// sugarLeftOut reports sugar of which some stays out.
func (p *passage) sugarLeftOut() bool {
	return p.hasClass(Sugar) && p.does("leave keep take") && p.says("out", "back") && !p.says("brown sugar", "in the bowl")
}

// soakKept reports beans that keep the water they were soaked in.
func (p *passage) soakKept() bool {
	return p.says("soaking water", "soak water", "soaking liquid", "soaking liquor", "same water", "water they soaked in", "water they sat in", "water from the soak") &&
		p.does("stay keep cook boil simmer use leave go can pour put stew do save fill top cover add") && !p.does("drain discard throw tip change dump lose rinse") && !p.says("off", "away", "out", "fresh")
}

// usedBrine reports a brine, syrup or vinegar that served before.
func (p *passage) usedBrine() bool {
	return !p.at.Filled && p.says("brine", "syrup", "pickle juice", "pickling juice", "pickling liquid", "vinegar") &&
		p.says("last year's", "last years", "last week's", "last time's", "last batch", "yesterday's", "from last", "from the last", "used before", "a second time", "over again", "old brine", "old syrup", "old vinegar", "from before") && !p.says("throw", "pour away", "discard", "not")
}

// leftOn reports a part that is left on each piece and has no name: "a good rim of white on
// each bit".
func (p *passage) leftOn() bool {
	if p.at.Filled || !p.does("leave keep") || !p.says("on each", "on every", "on all", "on the bits", "on the pieces", "on the meat", "on the chunks") {
		return false
	}
	return !p.says("skin", "skins", "stem", "stems", "root", "tops", "tails", "peel", "lid", "lids", "eye", "inch of")
}

// thereIs reports "there's a sheep's head in the broth": something in it that is no food
// that is known.
func (p *passage) thereIs() bool {
	if p.word(0) != "there" && p.word(0) != "there's" || !p.does("be") && p.word(0) != "there's" {
		return false
	}
	inside, thing := false, false
	for _, ch := range p.c.chunks() {
		switch {
		case (ch.prep == "in" || ch.prep == "through" || ch.prep == "into") && (ch.class == Liquid || ch.class == Jar || ch.class == FullJar || ch.class == Pronoun || ch.class == Food):
			inside = true
		case ch.prep == "" && (ch.class == "" || ch.class == Thing || ch.class == Unknown || ch.class == Part || ch.class == Vague || ch.class == Animal):
			head := &p.c.t[ch.head]
			for i := ch.start; i < ch.end; i++ {
				thing = thing || p.c.t[i].class == Animal || p.c.t[i].food == nil && p.c.t[i].entry.Noun() == english.NounAnimal
			}
			thing = thing || head.food == nil && !harmlessNouns[head.Text] && !kitchen[head.Text] && head.entry.Noun() != 0
		}
	}
	return inside && thing
}

// inSalt reports meat that lies in salt for days.
func (p *passage) inSalt() bool {
	return !p.at.Filled && p.says("into the salt", "in the salt", "under salt", "in salt", "into salt") && p.c.unit().hasAny([]string{"week", "weeks", "month", "months", "fortnight", "hang", "hung"})
}

// leftStanding reports food that is left for a day or longer where it is warm: "leave the pot
// on the porch till Sunday".
func (p *passage) leftStanding() bool {
	if p.at.Filled || p.c.kind == condition || p.says("whether", "up to you", "or not") || !p.does("leave let sit stand keep rest park sleep wait") || p.hasClass(Jar) || p.hasClass(Lid) || p.hasClass(Person) || p.hasClass(Cloth) && !p.says("under a cloth", "under a towel", "under cloth") || p.does("ferment sour work culture") {
		return false
	}
	if u := p.c.unit(); !p.says("overnight", "for a day", "a day or two", "all night", "all day", "for days") && p.days() < 1 && !u.hasAny(anotherDay) || u.hasAny(keptCold) || u.hasAny(steeped) {
		return false
	}
	if s := p.subject(); s != nil && (s.class == Person || s.name || s.low == "i" && !p.does("leave let keep park") || s.low == "we" && !p.does("leave let keep park")) {
		return false
	}
	return p.hasClass(Pot) || p.hasClass(Pronoun) || p.names(stuff)
}

var (
	anotherDay = []string{"overnight", "till morning", "until morning", "till tomorrow", "until tomorrow", "next day", "the weekend", "next week", "till sunday", "until sunday", "till monday", "until monday", "till tuesday", "until tuesday", "till wednesday", "until wednesday", "till thursday", "until thursday", "till friday", "until friday", "till saturday", "until saturday"}
	keptCold   = []string{"fridge", "refrigerator", "refrigerate", "icebox", "cold", "cool", "chill", "chilled", "cellar", "ice", "snow", "cooler", "freezer", "springhouse", "larder"}
	steeped    = []string{"soak", "brine", "salt", "sugar", "water", "vinegar", "syrup", "strain", "drip", "steep", "lime", "ferment", "crock", "jelly bag", "muslin", "ripen", "ripe", "dry", "cure"}
)

// filledUp reports a jar that is filled as far as it goes: "fill it right up, air is what
// spoils food".
func (p *passage) filledUp() bool {
	return p.does("fill top pack") && p.says("right up", "clean up", "all the way up", "all the way to the top", "as full as", "till it's full", "up full") && !p.c.unit().measured(english.Length) && !p.c.unit().hasAny([]string{"headspace", "inch", "space", "within", "short of", "below", "shy", "rings of", "sink", "canner", "kettle", "with water", "pot"})
}

// bySenses reports a process that ends by smell, colour or feel.
func (p *passage) bySenses() bool {
	if p.at.Filled && p.says("i call it", "i call them", "we call it", "i call time") && !p.hasClass(Clock) && !p.says("recipe", "soup", "jam") {
		return true
	}
	return p.at.Filled && (p.does("go judge tell time know") && p.says("by smell", "by the smell", "by colour", "by color", "by the colour", "by the color", "by the look", "by feel", "by eye", "by ear", "by the sound", "by instinct", "by nose", "by my nose") ||
		p.at.Closed && p.says("done before the", "ready before the", "done sooner", "ready sooner", "done well before"))
}

// whiteFlesh reports fruit of white flesh under no name of its own: "white-fleshed ones".
func (p *passage) whiteFlesh() bool {
	return !p.at.Filled && p.says("white fleshed", "white - fleshed", "white-fleshed", "white flesh", "white inside", "pale inside") && !p.says("not", "never", "yellow")
}

// bakedInJar reports full jars in an oven, whatever was done to them before.
func (p *passage) bakedInJar() bool {
	return p.at.Filled && p.does("bake roast") && p.says("in the jars", "in their jars", "in the jar", "the jars", "jars and all") && !p.says("before", "dish", "from the jars")
}

// filledDry reports pulses that go into the jar dry.
func (p *passage) filledDry() bool {
	return p.does("fill pack put") && p.says("dry beans", "dried beans", "raw beans", "dry peas", "dried peas", "unsoaked") && !p.says("soak", "soaked", "cover", "pot", "bowl", "pan")
}

// quickRelease reports a pressure that is let off by hand.
func (p *passage) quickRelease() bool {
	return p.at.Filled && (p.says("quick release", "fast release", "manual release") ||
		p.does("hold prop lift tilt push nudge tap") && p.hasClass(Weight) && (p.says("up", "open", "off", "aside") &&
			!p.says("spin", "when it", "once", "after") && !p.c.unit().hasAny(atNought)) && p.at.Done) &&
		!p.says("no quick", "never", "not")
}

// atNought are words of a canner without pressure.
var atNought = []string{"zero", "nothing", "gone", "no pressure"}

// skipsIt reports a step that is skipped under no name: "I skip this if the lids have gone
// down".
func (p *passage) skipsIt() bool {
	if !p.does("skip omit") || !p.at.Filled {
		return false
	}
	return p.says("skip this", "skip it", "skip that", "skip these", "omit this", "omit it", "skip the next", "skip the rest") && !p.says("page", "paragraph", "to the")
}

// sealedByWaiting reports jars that are said to seal while they stand.
func (p *passage) sealedByWaiting() bool {
	return p.at.Filled && p.says("sealed by morning", "sealed by tomorrow", "seal by morning", "sealed overnight", "seal overnight", "sealed in the morning") || p.at.Closed && !p.at.Done && len(p.c.t) <= 3 && !hasVerb(p.c.t[:min(1, len(p.c.t)-1)]) && p.says("done", "finished", "that's it", "that's all") && p.before != nil && p.before.hasAny([]string{"lid on", "lids on", "lid down", "lidded"})
}

// asItComes reports roots that are used as they come: "as they come out of the ground".
func (p *passage) asItComes() bool {
	return !p.at.Filled && p.says("as they come out of the ground", "as it comes out of the ground", "straight out of the ground", "just as they come", "as they come from the field")
}

// lessOfIt reports less of an acid that was named before.
func (p *passage) lessOfIt() bool {
	acid := p.hasClass(Acid) || p.says("vinegar", "lemon") || p.before != nil && ((&passage{c: p.before}).hasClass(Acid) || p.before.hasAny([]string{"vinegar", "lemon"}))
	return acid && p.does("use put take add give") && p.says("less of it", "less of that", "less of them", "not as much of it", "half of it")
}

// doesForAcid reports what stands in for the acid: "kombucha does for the vinegar".
func (p *passage) doesForAcid() bool {
	return p.says("does for the vinegar", "do for the vinegar", "does for the lemon", "do for the lemon", "does for vinegar", "does for lemon", "stands in for the", "stand in for the", "passes for the", "does the job of the") && (p.hasClass(Acid) || p.says("vinegar", "lemon", "lime"))
}

// otherJarsTime reports one jar that gets the time of another: "I do quarts for the pint time".
func (p *passage) otherJarsTime() bool {
	return p.at.Filled && p.says("quart", "quarts") && p.says("pint time", "time for pints", "time of pints", "as pints", "same as pints", "like pints", "for pints' time", "pints' time") && p.does("do process give run boil take get treat") && !p.says("not", "never", "don't")
}

// dentedLid reports lids that are dented, bent or rusty, and go on.
func (p *passage) dentedLid() bool {
	if p.hasClass(Lid) && p.says("secondhand", "second hand", "second - hand", "second-hand", "turn the rubber over", "rubber over") && !p.says("not", "never") {
		return true
	}
	return p.hasClass(Lid) && p.says("dent", "dents", "dented", "bent", "buckled", "rusty", "scratched") && !p.does("throw discard toss bin check look watch inspect recycle feel reject") && !p.says("no dents", "without", "not", "any", "if")
}

// cooledWet reports full jars that are cooled with water.
func (p *passage) cooledWet() bool {
	return p.at.Filled && p.does("cool chill let") && p.says("under the tap", "under cold water", "in cold water", "in the sink", "in ice water", "with the hose") && !p.says("eggs", "hands", "not")
}

// carriedOn reports a process that was interrupted and not begun again.
func (p *passage) carriedOn() bool {
	return p.at.Filled && p.c.unit().hasAny([]string{"relight", "relit", "went out", "ran out", "gone out", "power failed", "power went"}) && p.says("carried on", "carry on", "kept going", "keep going", "just continued", "went on", "carries on")
}

// skipsTheBath reports a process that is left out as a thing: "I've been skipping the boiling".
func (p *passage) skipsTheBath() bool {
	return p.says("skip the boiling", "skip the bath", "skip the water bath", "skip the canner", "skip the processing", "skip the canning", "skip the process", "omit the bath", "omit the boiling", "omit the processing", "leave out the boiling", "leave out the bath")
}

// noStrength reports a vinegar of no stated strength.
func (p *passage) noStrength() bool {
	return p.says("no strength on", "no strength given", "no percentage on", "no percent on", "doesn't say the strength", "doesn't say how strong", "without a percentage")
}

// acidCut reports acid that is brought down to an amount: "leaving the vinegar at a cup".
func (p *passage) acidCut() bool {
	if p.does("bring") && p.says("to a boil", "to the boil", "to boiling", "to a simmer", "to a rolling boil",
		"to a full boil", "to a full rolling boil", "to a gentle boil") {
		return false
	}
	return p.does("leave keep cut bring hold drop lower") && (p.hasClass(Acid) || p.says("vinegar", "lemon juice")) && p.says("at a", "to a", "down to", "at half", "to half", "at one", "back to") && p.says("cup", "cups", "spoon", "tablespoon", "teaspoon", "half", "splash")
}

// soakingForOthers reports "soaking's for people with time".
func (p *passage) soakingForOthers() bool {
	return !p.at.Filled && p.says("soaking", "soaking's", "the soak") && p.says("for people", "for folk", "for folks", "for those", "for others", "for the patient", "is for them")
}

// partsGoIn reports parts that are cut off and go in all the same: "dump the tops in the pot".
func (p *passage) partsGoIn() bool {
	if p.at.Filled || !p.does("go come toss pitch chuck dump throw") || p.says("compost", "bin", "bucket", "stock pot", "stockpot", "out", "away", "jelly bag") {
		return false
	}
	return p.says("top", "tops", "end", "ends", "stalk", "stalks", "tail", "tails", "leaves", "peelings", "trimmings") && (p.hasClass(Jar) || p.says("in the pot", "into the pot", "in the pan", "in with", "with the", "in as well", "in too"))
}

// greasyTool reports a tool with fat on it among the bubbles.
func (p *passage) greasyTool() bool {
	return p.hasClass(Bubble) && p.says("buttered", "oiled", "oily", "greased", "greasy", "larded")
}

// onlySimmers reports closed jars whose water is only brought to a simmer.
func (p *passage) onlySimmers() bool {
	return p.at.Closed && !p.at.Done && p.does("bring get come keep hold") && p.says("to a simmer", "at a simmer", "to the simmer") && (p.at.Running || p.says("no more", "only", "just", "not a boil"))
}

// thatIsTheLot reports that a time shorter than the longest of the text is all there is.
func (p *passage) thatIsTheLot() bool {
	if !p.at.Closed || p.at.Done || p.before == nil || len(p.c.t) > 4 || !p.says("that's the lot", "that's it", "that's all", "that is all", "is the lot") {
		return false
	}
	longest := p.at.longestSaid()
	for _, m := range p.before.m {
		if m.Kind == english.Duration && m.Max < longest {
			return true
		}
	}
	return false
}

// sealsItself reports jars that seal without a process: "the jars seal themselves".
func (p *passage) sealsItself() bool {
	return p.at.Filled && !p.at.Done && p.says("seal themselves", "seals itself", "seal itself", "sealed themselves", "sealed itself") && (p.hasClass(Jar) || p.hasClass(Lid) || p.hasClass(Pronoun))
}

// weightGone reports a canner that has lost its weight.
func (p *passage) weightGone() bool {
	return p.at.Filled && !p.at.Done && p.says("no weight for", "no weight any more", "weight is missing", "weight is lost", "weight is gone", "lost the weight", "weight went missing")
}

// toTheShoulders reports water that stands lower than the lids.
func (p *passage) toTheShoulders() bool {
	return p.at.Filled && (!p.at.Done || counts(p.before)) && p.c.around(8).has("water") && p.says("their shoulders", "the shoulders", "their necks", "to the neck", "their waists", "halfway up", "half way up", "halfway", "half way", "half in the water", "half in water", "half under", "half out", "half covered", "half submerged") && !p.says("canner has", "pressure", "inches")
}

// washCopper reports jars that are boiled for their minutes in a vessel for washing.
func (p *passage) washCopper() bool {
	return p.at.Filled && !p.at.Done && p.says("wash copper", "wash boiler", "wash tub", "washtub", "laundry copper", "copper boiler", "old copper") && (p.c.measured(english.Duration) || p.c.hasNumber())
}

// fromSmoker reports food that was smoked, said by where it comes from.
func (p *passage) fromSmoker() bool {
	return !p.at.Filled && p.says("from the smoker", "out of the smoker", "off the smoker", "from the smokehouse", "out of the smokehouse")
}

// barePercent reports a strength of nothing: "4% is what they sell here".
func (p *passage) barePercent() bool {
	if p.namesFood() || p.hasClass(Salt) || p.says("brine", "salt", "sugar", "milk", "discount", "off") {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Percent && m.Min > 0 && m.Min < 5 {
			return true
		}
	}
	return false
}

// madeWeaker reports a brine that is let down with water.
func (p *passage) madeWeaker() bool {
	if p.does("fill top finish make") && p.says("water") && p.says("last bit", "the rest", "the remainder", "what is left", "the gap", "tap water", "plain water") && !p.c.measured(english.Length) && !p.hasClass(Canner) && !p.says("boiling", "canner", "kettle", "bath") {
		return true // "fill the last bit with tap water"
	}
	return p.does("dilute thin weaken stretch") && p.says("water") && (p.hasClass(Pronoun) || p.hasClass(Acid) || p.says("brine", "vinegar")) && !p.says("paint", "starch")
}

// nearlyAllSolids reports a soup with next to no liquid.
func (p *passage) nearlyAllSolids() bool {
	if !p.at.Done && p.does("heap pile fill pack load") && p.says("solids", "the vegetables", "the meat") && p.says("up to the top", "to the top", "to the shoulder", "to the shoulders", "to the neck", "to the rim") && !p.c.measured(english.Length) {
		return true
	}
	return !p.at.Done && p.says("nearly all solids", "almost all solids", "mostly solids", "all solids", "mainly solids", "more solids than", "hardly any broth", "hardly any liquid", "barely any broth", "barely any liquid", "just a splash of broth", "only a splash of broth", "a splash of broth") && !p.says("not", "never", "half")
}

// likeAnother reports "process like you would a jam".
func (p *passage) likeAnother() bool {
	return p.at.Filled && p.does("process can do treat boil time") && p.says("like you would", "as you would", "like you do", "as you do", "the way you do", "same way as", "just like", "as if it were", "as though it were") && p.namesFood()
}

// fullOfBeans reports jars that pulses fill to the top, so that little water is left.
func (p *passage) fullOfBeans() bool {
	return p.hasClass(Pulse) && p.does("fill pack heap load") && p.says("to the shoulder", "to the shoulders", "to the neck", "to the top", "up to the neck", "right up", "full up", "to the brim")
}

// forTheBatch reports, behind the process, what is for the food of the recipe or for its
// body: "Flour for the meat.", "Rice for bulk."
func (p *passage) forTheBatch() bool {
	if hasVerb(p.c.t) || p.negated() || !p.namesFood() {
		return false
	}
	for _, ch := range p.c.chunks() {
		if head := p.c.t[ch.head].Text; ch.prep == "for" && ch.head > 0 && (p.at.named(head) || ch.class == Meat || ch.class == Food && p.c.t[ch.head].food == nil || head == "bulk" || head == "body" || head == "thickness" || head == "thickening" || head == "richness" || head == "batch") {
			return true
		}
	}
	return false
}
