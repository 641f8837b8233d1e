package method

import "damson/core/english"

// The looks of this file ask, of each thing that the process hangs on, whether what is done
// to it can be right: the pressure lowered, the weight on before the steam, the clock started
// before the heat, a jar that is cracked, a band forced, a jar in doubt eaten.

// wrongly reports such a thing done wrongly.
func (p *passage) wrongly(acts []Act) (code, why string) {
	switch {
	case p.pressureLowered():
		return "pressure-low", "the pressure is lowered"
	case p.weightBeforeSteam():
		return "vent", "weight on before the steam"
	case p.clockBeforeHeat(), p.takesOffTime():
		return "process-short", "the clock"
	case p.damagedJar():
		return "jar-type", "a jar that is damaged"
	case p.forcedBand():
		return "lid", "a band that is forced"
	case p.onlyLess(acts):
		return "puree", "only not so long"
	case p.notTheCanner():
		return "method-mismatch", "no canner"
	case p.steamNotAwaited():
		return "vent", "no steam awaited"
	case p.notInCanner():
		return "open-kettle", "not in the canner"
	case p.oldLids():
		return "lid", "no new lids"
	case p.fallsTo():
		return "pressure-low", "a limit too low"
	case p.eatsDoubtful():
		return "lid", doubtedJar
	}
	if code, why = p.deniesSafety(); why != "" {
		return code, why
	}
	return p.badly()
}

// lowering are verbs that make less of what they are said of; lessened need "off" or "down".
const (
	lowering = "drop lower reduce decrease lessen slacken relax"
	lessened = "take knock shave ease turn bring let run back bleed come go"
)

// byItself are words of a pressure that falls when the time is up, as it should.
var byItself = []string{"zero", "itself", "its own", "naturally", "natural", "time is up", "time's up", "timer", "when done", "finished", "after processing", "open the", "remove the", "before opening", "weight off", "take the weight", "turn off", "turned off", "heat off", "off the heat", "off the burner", "burner off", "gas off", "heat is off", "flame off"}

// pressureLowered reports a pressure that is let down before the time is up: "let the
// pressure fall half way through", "take a pound off the pressure".
func (p *passage) pressureLowered() bool {
	if p.at.Done || !p.at.Filled || p.negated() || p.c.kind == condition || p.c.kind == reason || !p.hasClass(Pressure) && !p.hasClass(Gauge) {
		return false
	}
	if p.does("let allow") && (p.does("drop fall sink slip sag dip") || p.says("drop", "fall", "sink", "slip", "sag", "dip", "go down", "come down")) {
		return p.midway() || !p.c.unit().hasAny(byItself) && !p.says("nothing", "gone")
	}
	if p.c.unit().hasAny(byItself) && !p.midway() {
		return false
	}
	if p.says("heat", "flame", "burner", "gas", "ring", "stove", "element") {
		return false // what the pressure is held with
	}
	return p.does(lowering) || p.does(lessened) && p.says("off the pressure", "off the pounds", "down the pressure", "the pressure down", "the pressure off", "pressure off")
}

// midway reports a moment before the time is up.
func (p *passage) midway() bool {
	return p.c.unit().hasAny([]string{"half way", "halfway", "half - way", "midway", "in the middle", "part way", "partway", "before the time", "before the end", "for a while", "a few minutes in", "now and then", "once in a while"})
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

// notTheCanner reports closed jars that go through a machine or a place that is no canner, or
// one way in the stead of another: "we do it in the microwave", "in a water bath instead".
func (p *passage) notTheCanner() bool {
	if !p.at.Filled || p.at.Done || p.negated() || p.third() && !p.oneself() || !p.does("do put run use give process finish seal cook set can steam") && !p.says("do it", "do them", "do mine", "do these") {
		return false
	}
	return p.says("in the microwave", "in a microwave", "through the dishwasher", "in the dishwasher", "in the slow cooker", "in a slow cooker", "in the air fryer", "in the rice cooker", "in the crock pot", "in the dehydrator", "in the smoker", "on the barbecue", "in the tumble dryer") ||
		p.says("instead") && p.says("bath", "oven", "kettle", "pot", "cooker", "steamer", "stockpot") && !p.says("instead of the oven", "instead of a")
}

// steamNotAwaited reports that nobody waits for the steam: "don't wait for the steam".
func (p *passage) steamNotAwaited() bool {
	return p.at.Filled && !p.at.Done && p.negated() && p.does("wait") && (p.hasClass(Steam) || p.says("steam", "vent", "ten minutes", "10 minutes"))
}

// notInCanner reports jars that are not processed in the canner: "don't do them in the canner".
func (p *passage) notInCanner() bool {
	return p.at.Filled && !p.at.Done && p.negated() && p.does("do put process run can") && p.hasClass(Canner) && p.says("in the canner", "through the canner", "into the canner", "in a canner") && !p.c.hasNumber() &&
		!p.says("until", "before", "cold", "hot", "too", "more than", "over", "dry", "on the bottom", "directly", "straight", "if", "touching", "rack", "jars that", "without", "all at once")
}

// oldLids reports lids that are not new: "don't use new lids".
func (p *passage) oldLids() bool {
	return !p.at.Done && p.negated() && p.does("use buy need waste bother get") && p.says("new lids", "new lid", "fresh lids", "new flats", "new ones") && (p.hasClass(Lid) || p.hasClass(Band)) && !p.says("rings", "screw bands", "bands", "jars")
}

// fallsTo reports a limit under which the pressure must not fall that is lower than any
// tested pressure at a kitchen's usual height: "do not let it fall under 5 pounds".
func (p *passage) fallsTo() bool {
	if p.at.Done || !p.at.Filled || !p.negated() || !p.says("under", "below", "less than", "lower than") || !p.hasClass(Pressure) && !p.hasClass(Gauge) && !p.says("pound", "pounds", "psi") {
		return false
	}
	for i := range p.c.raw {
		if v, n := english.Number(p.c.raw, i); n > 0 && v < leastPounds && !p.c.measured(english.Duration) {
			return true
		}
	}
	return false
}

// leastPounds is the least pressure, in psi, of a usual process; the few at 5 or 6 psi are
// asked about. USDA Complete Guide 2015, from memory.
const leastPounds = 10

// weightBeforeSteam reports a weight that goes on, or a vent that is shut, before there is
// steam: "put the weight on before any steam comes".
func (p *passage) weightBeforeSteam() bool {
	if p.at.Done || p.negated() || !p.hasClass(Weight) || !p.puts() && !p.does("set close shut hang drop have") {
		return false
	}
	heated := []string{"steam", "steams", "boils", "it is hot", "it gets hot", "heats", "the heat", "is lit"}
	if p.c.joint != "before" && p.after != nil && p.after.joint == "before" {
		return p.after.hasAny(heated) && !p.after.measured(english.Duration)
	}
	return p.c.joint != "before" && p.says("before steam", "before any steam", "before the steam", "before it steams", "before it boils", "before it is hot")
}

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

// doubtedJar is why a jar that may be spoiled is asked about.
const doubtedJar = "a jar in doubt"

// damage are words of a jar that may break or leak.
var damage = []string{"chip", "chips", "chipped", "crack", "cracks", "cracked", "nick", "nicks", "nicked", "flaw", "flawed", "damaged", "broken", "scratched rim", "rough rim"}

// damagedJar reports a damaged jar that is used.
func (p *passage) damagedJar() bool {
	if p.at.Done || p.negated() || !p.hasClass(Jar) && !p.says("rim", "rims") || !p.says(damage...) {
		return false
	}
	return p.does("use take fill keep choose have save pick need do") && !p.says("away", "out", "no", "without", "free", "check", "for anything", "instead of", "dry", "flowers", "sugar for")
}

// forcedBand reports a band that is forced down before the process: "as hard as they go".
func (p *passage) forcedBand() bool {
	if p.at.Done || p.negated() || !p.hasClass(Band) && !p.hasClass(Lid) || !p.does("screw turn twist tighten crank force wind do wrench put") {
		return false
	}
	return p.says("as hard as", "as tight as", "tight as it goes", "all my strength", "all your strength", "all my might", "all your might", "with pliers", "with a wrench", "with a spanner", "hard as", "rock hard", "bar tight", "bar-tight", "wrench tight", "for all i am worth", "until they will not turn", "until it will not turn", "with both hands") &&
		!p.says("then back", "fingertip", "finger tight", "fingers alone", "fingertips")
}

// inDoubt are words of a jar that nobody must eat from.
var inDoubt = []string{"cloudy", "bulging", "swollen", "leaking", "leaked", "unsealed", "lost its seal", "lost their seal", "lost the seal", "did not seal", "didn't seal", "never sealed", "smells off", "smell off", "smells odd", "fizzing", "fizzy", "spurts", "mouldy", "moldy", "funny", "suspicious", "inDoubt", "doubt", "not sealed", "come unsealed", "came unsealed", "popped up", "off colour", "off color"}

// eatsDoubtful reports a jar in doubt that is tasted, eaten, boiled to eat, or kept.
func (p *passage) eatsDoubtful() bool {
	u := p.c.unit()
	if !p.at.Done || !p.c.hasAny(inDoubt) || p.negated() {
		return false
	}
	if u.hasAny([]string{"throw", "discard", "destroy", "bin", "rubbish", "trash", "fridge", "refrigerator", "refrigerate", "freezer", "freeze", "24 hours", "same day", "straight away", "that day", "without tasting", "dispose", "first", "next", "today", "tonight", "that night", "that evening", "for supper", "for dinner", "for lunch", "icebox", "ice box", "chill", "cold", "within", "soon"}) {
		return false
	}
	return p.does("taste try eat sample keep save store shelve boil use reheat feed tighten scrape open") || u.hasAny([]string{"and eat", "to eat"})
}
