package method

import "damson/core/english"

// The canner: its pressure, its steam and weight, its water and parts, and what stands in its stead.

// notTheCanner reports closed jars that go through a machine or a place that is no canner, or
// one way in the stead of another: "we do it in the microwave", "in a water bath instead".
func (p *passage) notTheCanner() bool {
	if !p.at.Filled || p.at.Done || p.negated() || p.third() && !p.oneself() || !p.does("do put run use give process finish seal cook set can steam") && !p.says("do it", "do them", "do mine", "do these") {
		return false
	}
	return p.says("in the microwave", "in a microwave", "through the dishwasher", "in the dishwasher", "in the slow cooker", "in a slow cooker", "in the air fryer", "in the rice cooker", "in the crock pot", "in the dehydrator", "in the smoker", "on the barbecue", "in the tumble dryer") ||
		p.says("instead") && p.says("bath", "oven", "kettle", "pot", "cooker", "steamer", "stockpot") && !p.says("instead of the oven", "instead of a")
}

// notInCanner reports jars that are not processed in the canner: "don't do them in the canner".
func (p *passage) notInCanner() bool {
	return p.at.Filled && !p.at.Done && p.negated() && p.does("do put process run can") && p.hasClass(Canner) && p.says("in the canner", "through the canner", "into the canner", "in a canner") && !p.c.hasNumber() &&
		!p.says("until", "before", "cold", "hot", "too", "more than", "over", "dry", "on the bottom", "directly", "straight", "if", "touching", "rack", "jars that", "without", "all at once")
}

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

// lowering are verbs that make less of what they are said of; lessened need "off" or "down".
const (
	lowering = "drop lower reduce decrease lessen slacken relax"
	lessened = "take knock shave ease turn bring let run back bleed come go"
)

// byItself are words of a pressure that falls when the time is up, as it should.
var byItself = []string{"zero", "itself", "its own", "naturally", "natural", "time is up", "time's up", "timer", "when done", "finished", "after processing", "open the", "remove the", "before opening", "weight off", "take the weight", "turn off", "turned off", "heat off", "off the heat", "off the burner", "burner off", "gas off", "heat is off", "flame off"}

// midway reports a moment before the time is up.
func (p *passage) midway() bool {
	return p.c.unit().hasAny([]string{"half way", "halfway", "half - way", "midway", "in the middle", "part way", "partway", "before the time", "before the end", "for a while", "a few minutes in", "now and then", "once in a while"})
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

// steamsUnderWeight reports air that is let out when the weight is on: "let it steam with its weight on".
func (p *passage) steamsUnderWeight() bool {
	return p.at.Filled && !p.at.Done && p.says("with the weight on", "with its weight on", "weight already on") &&
		p.c.unit().hasAny([]string{"steam", "steams", "blow", "blows", "vent", "vents", "exhaust"})
}

// ventsAlong reports a vent that is no time before the pressure: "venting as you go".
func (p *passage) ventsAlong() bool {
	if !p.at.Filled || !p.says("venting", "vent", "vents", "exhausting") || p.negated() {
		return false
	}
	return p.c.unit().hasAny([]string{"as you go", "as it goes", "as we go", "as i go", "along the way", "all the while",
		"now and then", "from time to time", "when it wants", "as needed", "if it needs it"})
}

// weightBeforeSteam reports a weight that goes on, or a vent that is shut, before there is
// steam: "put the weight on before any steam comes".
func (p *passage) weightBeforeSteam() bool {
	if p.at.Done || p.negated() || !p.hasClass(Weight) || !p.puts() && !p.does("set close shut hang drop have go") {
		return false
	}
	if p.after != nil && (p.after.joint == "once" || p.after.joint == "when") && p.after.hasAny([]string{"feels hot",
		"is hot", "gets hot", "feels warm", "is warm", "warms"}) {
		return true
	}
	if p.says("with the lid", "from the start", "from the off", "right away", "straight away", "straight on", "at once") &&
		p.says("on", "down") {
		return !p.c.unit().hasAny([]string{"steam", "steams", "plume", "vent", "vented", "minutes", "after"})
	}
	heated := []string{"steam", "steams", "boils", "it is hot", "it gets hot", "heats", "the heat", "is lit"}
	if p.c.joint != "before" && p.after != nil && p.after.joint == "before" {
		return p.after.hasAny(heated) && !p.after.measured(english.Duration)
	}
	return p.c.joint != "before" && p.says("before steam", "before any steam", "before the steam", "before it steams", "before it boils", "before it is hot")
}

// steamNotAwaited reports that nobody waits for the steam: "don't wait for the steam".
func (p *passage) steamNotAwaited() bool {
	return p.at.Filled && !p.at.Done && p.negated() && p.does("wait") && (p.hasClass(Steam) || p.says("steam", "vent", "ten minutes", "10 minutes"))
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

// runsDry reports a canner that is let run dry.
func (p *passage) runsDry() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.c.kind != condition && p.hasClass(Canner) && p.does("let run boil go leave") && p.says("dry") && !p.says("dry the", "wipe", "towel")
}

// shallowWater reports water in a bath that does not cover the jars.
func (p *passage) shallowWater() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.says("water") && p.does("keep have stop bring put fill leave") && p.says("below the lids", "below the lid", "under the lids", "below the rims", "below the tops", "short of the lids", "short of the tops", "below the necks", "only half way", "not over the lids") && !p.says("pressure")
}

// handledMidway reports jars that are moved while they are processed: "half way through I swap the
// jars round". What leaves the water, or the steam, has to begin again.
func (p *passage) handledMidway() bool {
	if p.at.Done || !p.at.Filled || p.negated() || !p.midway() || !p.does("take lift swap move turn pull shift rearrange") {
		return false
	}
	return (p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun)) && !p.says("heat", "flame", "burner", "gas", "dial", "knob", "down", "up")
}

// onlyDipped reports jars that are closed and then only wetted: "just dip the jars in hot water".
func (p *passage) onlyDipped() bool {
	return p.at.Closed && !p.at.Done && !p.negated() && p.does("dip dunk rinse swish swirl") && (p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun)) && p.says("hot water", "boiling water", "warm water")
}

// coldPoured reports jars that are filled up with cold water: the tested time begins with boiling
// water in the jar (USDA Complete Guide 2015, guide 1, raw pack; from memory).
func (p *passage) coldPoured() bool {
	if p.at.Closed || p.negated() || !p.does("fill top pour cover add") && p.word(0) != "top" || p.does("soak wash rinse drain chill cool clean dip plunge") {
		return false
	}
	if !p.says("cold water", "cold tap", "tap water", "ice water", "iced water", "icy water", "cool water",
		"lukewarm water") || p.c.unit().hasAny([]string{"drain", "soak", "rinse", "wash", "overnight", "boil", "bring to",
		"heat", "simmer", "ascorbic", "lemon", "salt water", "made by mixing", "made by dissolving", "skins", "slip", "peel", "canner", "kettle", "pot", "pan", "bowl", "basin", "sink"}) {
		return false
	}
	return p.hasClass(Jar) || p.hasClass(FullJar) || p.at.Filled || p.says("top up", "top them up", "top off", "fill up", "fill them", "fill it")
}

// waterNotBoiling reports the water of the process said to do less than boil: "keep the water
// just under a simmer".
func (p *passage) waterNotBoiling() bool {
	if !p.at.Closed || !(p.hasClass(Liquid) || p.hasClass(Water) || p.says("water", "bath", "pot", "kettle")) || p.c.kind == moment || p.c.kind == condition || p.c.kind == result {
		return false
	}
	if p.does("tremble shiver quiver shimmer") || p.says("trembles", "trembling", "shivers", "quivers") {
		return true
	}
	return p.says("under a simmer", "below a simmer", "short of a simmer", "shy of a simmer", "under a boil", "below a boil", "short of a boil", "shy of a boil", "short of boiling", "under boiling", "below boiling", "short of the boil", "off the boil", "not quite boiling", "bare simmer", "barely simmers", "barely simmering", "hand hot", "bath temperature", "steaming hot, no more") && !(p.negated() && p.says("let", "go", "fall", "drop"))
}

// openPot reports a pot of jars that is not covered as its lid would: "without a lid", "a tea
// towel over the pot".
func (p *passage) openPot() bool {
	if !p.at.Closed || p.c.kind == moment || p.c.kind == condition || p.says("jar", "jars") && !p.says("pot", "canner", "kettle", "pan") {
		return false
	}
	for i := range p.c.t {
		if low := p.c.t[i].low; low != "without" && low != "no" && low != "minus" {
			continue
		}
		k := i + 1
		for determiners[p.word(k)] || p.word(k) == "its" {
			k++
		}
		if (p.word(k) == "lid" || p.word(k) == "cover") && p.word(k+1) != "off" {
			return !p.deniedBefore(i)
		}
	}
	if p.negated() || !(p.hasClass(Cloth) || p.says("foil", "plate", "board", "baking sheet", "newspaper", "blanket")) {
		return false
	}
	return p.says("over the pot", "on the pot", "over the kettle", "on the kettle", "over the pan", "on the pan", "over the canner", "over the top of the pot", "for a cover", "as a cover") && !p.says("under", "beneath", "handle", "lift", "lid")
}

// ventOpen reports a vent that is open as long as the jars are in: no pressure comes.
func (p *passage) ventOpen() bool {
	return p.at.Filled && !p.negated() && (p.hasClass(Weight) || p.says("vent", "petcock", "valve", "spout")) && p.says("open", "off") &&
		p.says("whole time", "all the time", "throughout", "all the while", "all through", "the entire time", "from start to finish", "till the end", "until the end")
}

// smallPot reports a vessel for the filled jars that no canner is.
func (p *passage) smallPot() bool {
	return p.at.Filled && !p.negated() && p.does("use take borrow") && (p.says("saucepan", "skillet", "frying pan", "casserole", "roasting tin", "roasting pan", "wok", "soup pot") || p.says("pan", "pot") && p.says("small", "little", "shallow")) &&
		!p.says("brine", "syrup", "heat the", "deep", "rack", "sauce", "liquid", "ladle")
}

// noRack reports a canner without its rack.
func (p *passage) noRack() bool {
	if p.hasClass(Rack) && !p.negated() && p.says("rack is out", "rack out", "rack is gone", "rack is lost", "rack is missing", "rack went missing", "rack broke", "rack is broken") {
		return true
	}
	for i := range p.c.t {
		if p.c.t[i].class == Rack && (p.word(i-1) == "no" || p.word(i-1) == "without" || p.word(i-2) == "without" || p.word(i-2) == "no") {
			return true
		}
	}
	if !p.at.Filled || p.negated() || p.hasClass(Rack) || p.says("towel", "cloth", "trivet", "rings", "lids on the bottom") {
		return false
	}
	return (p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Pronoun)) && p.says("bare bottom", "bare metal", "on the metal", "bottom of the pan", "straight on the bottom", "directly on the bottom", "right on the bottom", "on the bare", "touches the pan", "touches the metal", "touch the metal")
}
