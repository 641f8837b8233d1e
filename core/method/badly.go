package method

import "damson/core/english"

// More of what cannot be right, whatever the procedure: jars that wait for their process, lids
// that are none, a canner that runs dry, food that goes cold before it is filled, and things
// that go in without a name.

// badly reports such a thing.
func (p *passage) badly() (code, why string) {
	switch {
	case p.thisAndThat():
		return "unknown-ingredient", "vague"
	case p.noLid():
		return "lid", "no lid that seals"
	case p.waitsForProcess():
		return "method-mismatch", "jars that wait for their process"
	case p.runsDry():
		return "canner-water", "a canner that runs dry"
	case p.partMissing():
		return "pressure-low", "a canner without its parts"
	case p.goesCold():
		return "pack-style", "filled cold"
	case p.shallowWater():
		return "method-mismatch", "water that does not cover"
	case p.countsUnboiled():
		return "process-short", "not boiling"
	}
	return "", ""
}

// thisAndThat reports what goes in without a name: "a bit of this and that", "a few other
// things", "what is in the pantry".
func (p *passage) thisAndThat() bool {
	if !p.at.Method || p.at.Filled || p.negated() || !p.puts() && !p.does("use add put") {
		return false
	}
	return p.says("this and that", "other things", "odds and ends", "bits and bobs", "bits and pieces", "what is in the pantry", "what's in the pantry", "what is in the fridge", "what's in the fridge", "what is in the garden", "what's in the garden", "what is in the cupboard", "what i have", "what you have", "what is lying about", "what is left over", "some extras", "a few extras")
}

// noLid reports jars closed with what does not seal, or not closed: "leave the lids off", "a
// piece of cloth for a lid", "plastic lids", "the old rubber rings again".
func (p *passage) noLid() bool {
	if !p.at.Filled || p.at.Done || p.negated() {
		return false
	}
	lids := p.hasClass(Lid) || p.hasClass(Band) || p.says("lid", "lids", "tops", "caps")
	switch {
	case p.says("plastic lids", "plastic lid", "plastic caps", "plastic tops") && !p.says("afterwards", "for storage", "in the fridge", "once opened"):
		return true
	case p.says("rubber rings", "rubber ring", "rubbers", "gaskets") && p.says("again", "old", "used", "last year") && p.does("use reuse put take"):
		return true
	case p.says("for a lid", "as a lid", "for lids", "as lids", "in place of a lid", "in place of lids", "instead of a lid", "instead of lids") && (p.hasClass(Cloth) || p.says("cloth", "foil", "paper", "cling film", "wax", "saucer", "plate", "rag", "muslin")):
		return true
	case lids && p.does("leave keep") && !p.deniedBefore(len(p.c.t)) && p.says("off", "loose", "ajar", "open", "unscrewed") && !p.says("off the heat", "canner", "fingertip", "finger tight", "headspace", "pot"):
		return true
	}
	return false
}

// longWait is how long jars may stand filled before they are processed, in minutes: what
// stands longer cools. Beyond longestWait it is a pickle that is left to ripen. Common
// practice, no source.
const longWait, longestWait = 180, 4 * 1440

// waitsForProcess reports full jars that wait for a day, or cool: "process them tomorrow",
// "wait two days for a full load".
func (p *passage) waitsForProcess() bool {
	if !p.at.Filled || p.at.Done || p.negated() || p.names(stuff) && p.namesFood() {
		return false
	}
	if p.does("wait stand leave keep rest hold let sit") {
		for _, m := range p.c.m {
			if m.Kind == english.Duration && m.Min >= longWait && m.Max <= longestWait {
				return true
			}
		}
	}
	if p.does("process can run do boil") && p.says("tomorrow", "the next day", "next day", "the day after", "next morning", "in the morning", "at the weekend", "next week", "on the weekend", "another day", "when there is time", "when i have time") {
		return true
	}
	return p.does("go get let be cool turn") && p.says("stone cold", "quite cold", "right down", "cold through", "go cold", "get cold") && p.c.unit().hasAny([]string{"before they go in", "before it goes in", "before processing", "before you process", "before the canner", "before they are processed"})
}

// runsDry reports a canner that is let run dry.
func (p *passage) runsDry() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.c.kind != condition && p.hasClass(Canner) && p.does("let run boil go leave") && p.says("dry") && !p.says("dry the", "wipe", "towel")
}

// partMissing reports a pressure canner without what makes it hold: its weight, its gasket,
// a lid that is shut.
func (p *passage) partMissing() bool {
	if p.at.Done || p.deniedBefore(len(p.c.t)) {
		return false
	}
	switch {
	case p.says("without its weight", "without a weight", "without the gasket", "without its gasket", "without a gasket", "with no gasket", "with no weight"):
		return true
	case p.does("leave take") && p.says("gasket", "seal ring", "sealing ring") && p.says("out", "off") && !p.says("to dry", "to check", "out of the sun", "to soak"):
		return true
	}
	return p.at.Filled && p.does("leave keep") && p.says("lid of the canner", "canner lid", "canner's lid") && p.says("loose", "ajar", "off", "open", "unlocked")
}

// goesCold reports food that goes cold before it is filled.
func (p *passage) goesCold() bool {
	if p.at.Filled || p.at.Done || !p.at.Method || p.negated() || !p.does("chill cool let leave put keep refrigerate") {
		return false
	}
	if !p.says("cold", "chill", "chilled", "right down", "overnight", "in the fridge", "in the refrigerator") || p.says("cold water", "cold tap", "drain", "soak", "salt", "brine", "lime", "ice water") || p.c.unit().hasAny([]string{"reheat", "heat it again", "bring back", "bring it back", "boil again", "back to a boil", "boiling", "drain", "soak"}) {
		return false
	}
	return p.c.unit().hasAny([]string{"before you fill", "before filling", "before it goes in", "before they go in", "before i fill", "before we fill", "fill the jars cold", "fill cold jars", "and fill cold", "filled cold"})
}

// shallowWater reports water in a bath that does not cover the jars.
func (p *passage) shallowWater() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.says("water") && p.does("keep have stop bring put fill leave") && p.says("below the lids", "below the lid", "under the lids", "below the rims", "below the tops", "short of the lids", "short of the tops", "below the necks", "only half way", "not over the lids") && !p.says("pressure")
}

// countsUnboiled reports minutes that are counted though nothing boils.
func (p *passage) countsUnboiled() bool {
	return p.at.Filled && !p.at.Done && p.does("count start time run") && p.c.unit().hasAny([]string{"although the water is not", "though the water is not", "even if it is not", "even though it is not", "although it is not", "though it is not", "even if the water is not", "whether it boils or not", "whether or not it boils", "even if it is only hot"})
}
