package method

import (
	"slices"

	"damson/core/english"
)

// The time: a clock that starts early, minutes that are taken off, jars that wait.

// clockBeforeHeat reports a time that is counted before it is hot: "start counting before
// it boils".
func (p *passage) clockBeforeHeat() bool {
	if !p.at.Filled || p.at.Done || p.negated() || !p.hasClass(Clock) && !p.says("counting", "count", "timing", "time", "timer", "clock") {
		return false
	}
	if !p.does("start begin count time set") {
		return false
	}
	u := p.c.unit()
	return u.hasAny([]string{"before it", "before the water", "before the pot", "before the canner", "before the pressure", "before they", "before the kettle"}) && u.hasAny([]string{"boil", "boils", "boiling", "pressure", "hot", "steams", "steam", "bubbles", "heat", "heats"})
}

// takesOffTime reports minutes that are taken off the time: "take ten minutes off".
func (p *passage) takesOffTime() bool {
	if !p.at.Filled || p.at.Done || p.negated() || !p.says("minute", "minutes") || p.hasClass(Burner) || p.hasClass(Weight) {
		return false
	}
	return p.does("take knock shave cut trim lop chop clip drop save deduct subtract") && p.says("off the time", "off the clock", "off it", "off that", "off this", "minutes off", "minute off", "from the time", "the time by")
}

// cutsTo reports a time that is cut: "I cut it to 15 minutes", "we have trimmed it by ten".
func (p *passage) cutsTo() bool {
	if !p.at.Filled || p.negated() || !p.c.measured(english.Duration) || p.namesFood() || p.hasClass(Jar) ||
		p.hasClass(Lid) ||
		p.hasClass(Burner) || p.hasClass(Weight) || p.hasClass(Gauge) || p.c.measured(english.Length) {
		return false
	}
	return p.does("cut shorten trim reduce knock pare clip whittle shave") && p.says("to", "down", "by", "back")
}

// inPieces reports a time that is not one: "in two goes", "for 20 counts".
func (p *passage) inPieces() bool {
	if !p.at.Filled || p.negated() || p.hasClass(Jar) && p.says("batch", "batches", "load", "loads") {
		return false
	}
	for i := range p.c.t {
		if w := p.c.t[i].low; i > 0 && (w == "counts" || w == "breaths" || w == "heartbeats") && p.c.nums[i-1] > 0 {
			return true
		}
	}
	return p.says("in two goes", "in three goes", "in two stints", "in stages", "in two halves", "in two parts",
		"on and off",
		"off and on", "in fits and starts")
}

// countsUnboiled reports minutes that are counted though nothing boils.
func (p *passage) countsUnboiled() bool {
	return p.at.Filled && !p.at.Done && p.does("count start time run") && p.c.unit().hasAny([]string{"although the water is not", "though the water is not", "even if it is not", "even though it is not", "although it is not", "though it is not", "even if the water is not", "whether it boils or not", "whether or not it boils", "even if it is only hot"})
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
	if !p.at.Running && p.does("wait stand leave keep rest hold let sit") {
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

// fireOutEarly reports a fire that is put out before the time is up: "turn off the heat |
// after ten minutes", of twenty.
func (p *passage) fireOutEarly() bool {
	if !p.at.Running && !p.at.Done || !p.does("turn switch shut put") || !p.says("off the heat", "the heat off", "off the gas", "the gas off", "off the burner", "the burner off", "out the fire", "the fire out") {
		return false
	}
	return slices.ContainsFunc(p.behindAfter(), func(m english.Measure) bool { return m.Kind == english.Duration && m.Max < p.at.longestSaid() })
}

// behindAfter are the measures of a clause behind that begins with "after".
func (p *passage) behindAfter() []english.Measure {
	if p.after == nil || len(p.after.t) == 0 || p.after.t[0].low != "after" {
		return nil
	}
	return p.after.m
}

// fireOutFirst reports a fire that is put out once the jars are closed in and before any of
// their process: "weight on, turn off the heat and let the canner cool".
func (p *passage) fireOutFirst() bool {
	if !p.at.Filled || p.at.Running || p.at.Done || p.negated() || p.c.kind == moment || p.c.kind == condition || p.namesFood() {
		return false
	}
	return p.does("turn switch shut") && p.says("off the heat", "the heat off", "off the gas", "the gas off", "off the burner", "the burner off", "off the flame", "the flame off") && !p.c.unit().hasAny([]string{"minutes", "when", "after", "once", "fill", "skim", "oven", "at the end", "processed", "processing", "pressure is", "zero"})
}

// countsAll reports a time that counts the minutes in which the canner heats.
func (p *passage) countsAll() bool {
	return p.at.Filled && !p.negated() && (p.c.measured(english.Duration) || p.before != nil && p.before.measured(english.Duration)) &&
		p.says("counting the warm-up", "counting the warm up", "including the warm-up", "including the warm up", "counting the heating", "in with the", "of steaming in", "including the heating", "including coming up", "counting coming up", "including the come-up", "counting the come-up", "all told", "from cold", "start to finish", "door to door", "all in", "venting included", "including the vent", "counting the vent", "including venting", "including the cooling", "counting the cooling")
}

// packedEarlier reports jars that are filled on one day and processed on another: "filled jars
// wait in the fridge till Sunday", "I pack the evening before and process after breakfast".
func (p *passage) packedEarlier() bool {
	if p.negated() || p.at.Running {
		return false
	}
	u := p.c.unit()
	full := p.hasClass(FullJar) || p.says("filled jars", "full jars", "closed jars", "packed jars", "the filled ones",
		"packed ones", "wait filled", "stand filled", "sit filled") || p.at.Filled && (p.hasClass(Jar) ||
		p.hasClass(Pronoun))
	if full && p.does("stand sit wait stay rest keep spend leave let hold") && (p.says("fridge", "refrigerator", "overnight", "the night", "a night", "icebox") || u.hasAny(laterDay)) && u.hasAny([]string{"process", "canner", "before", "turn", "boil", "till", "until"}) {
		return true
	}
	return p.does("pack fill jar bottle") && p.says("the evening", "the night", "the evening before", "the night before", "the day before", "in the evening", "at night", "tonight", "overnight") && u.hasAny([]string{"process", "canner", "boil them", "pressure"}) && !p.namesFood()
}

var laterDay = []string{"next day", "next morning", "tomorrow", "the morning", "sunday", "saturday", "weekend",
	"monday", "after breakfast", "the day after", "in the morning", "canning day"}
