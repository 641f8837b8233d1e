package method

import (
	"strings"

	"damson/core/english"
	"damson/core/printed"
	"damson/core/words"
)

// betweenLidAndDone looks once more at a clause between the closing of the jars and the
// end of their process, where hardly anything is harmless: a time, a number, an "until"
// that no act has claimed is asked about.
func (p *passage) betweenLidAndDone(got *Clause) (code, why string) {
	if !p.at.Method || !p.at.Closed || p.at.Done || got.Kind == Unread {
		return "", ""
	}
	if p.says("none at all", "not at all", "no time at all", "nothing at all") && (p.word(0) == "or" || p.c.joint == "or" || !hasVerb(p.c.t)) {
		return "process-short", "no process"
	}
	if p.turnsBand() {
		return "", ""
	}
	if p.serving || got.Kind == Serve || p.at.Running && p.ofNoProcess(got) {
		return "", ""
	}
	if p.says("they come out", "out they come", "it comes out", "they are done", "i take them out", "out with them") && (p.c.kind == moment || p.c.kind == condition) && !p.c.hasNumber() && !p.says("time", "timer", "clock", "minutes", "bell", "pressure", "zero") {
		return "process-short", "an end by other signs"
	}
	if s := p.subject(); s != nil && p.third() {
		return "", ""
	}
	if p.c.kind == result && p.before != nil && (p.hasClass(Lid) || p.says("it bubbles", "they bubble", "bubbling")) && (&passage{c: p.before}).does("process can boil bath cook bake heat") && !p.before.measured(english.Duration) && !p.c.measured(english.Duration) {
		return "process-short", "an end by other signs" // "process till the lids go down"
	}
	if p.neverDone() || p.noNeedOfIt() {
		return "open-kettle", "no process"
	}
	switch {
	case p.says("stick out", "sticks out", "too shallow", "half out", "not covered", "uncovered", "out of the water"):
		return "method-mismatch", "water that does not cover"
	case p.says("only steam them", "just steam them", "steam is enough", "only steamed"):
		return "method-mismatch", "only steamed"
	case p.lidOpen():
		return "method-mismatch", "an open canner"
	case p.says("no bath", "no canner", "no processing", "no process") && !p.says("is no canner"):
		return "open-kettle", "no process"
	case p.says("instead") && got.Kind == Doing:
		return "process-short", "something instead"
	case p.says("oven", "dishwasher", "microwave", "smoker", "grill", "barbecue", "airing cupboard", "slow cooker", "crock pot", "crockpot") && !p.negated() && !p.says("not", "glove", "gloves", "mitt", "mitts", "timer", "cloth", "rack", "burner", "outside on"):
		return "oven", "no canner"
	case p.says("cookie sheet", "cookie sheets", "baking sheet", "baking sheets", "sheet pan", "sheet pans", "baking tray", "baking trays", "oven tray", "oven trays", "roasting pan", "gas mark") && !p.negated(), p.dryHeat():
		return "oven", "a heat that water does not reach"
	case p.says("only seal", "just seal", "only to seal", "merely seal", "is to seal"):
		return "open-kettle", "only sealed"
	case p.stative() && p.fewer():
		return "process-short", "fewer minutes"
	case p.unweighted():
		return "pressure-low", "the weight stays off"
	case p.ventsLess():
		return "vent", "a vent that is less"
	case p.heatGone():
		return "process-short", "the heat is off"
	case p.cooler(), p.standsCold() && !p.letsAirOut():
		return "process-short", "below the boil"
	case got.Why == processTold:
		return "", ""
	case p.byElevation():
		return "", ""
	case p.hanging(got):
		return "process-short", "it hangs on the process"
	case p.clockAt():
		return "process-short", "the clock"
	case got.Kind == Doing && len(got.Acts) == 0 && !hasVerb(p.c.t) && p.foodOnly():
		return "process-short", "a food beside the process"
	case p.does("seal") && !p.says("sealed", "to check", "until", "if", "wax") && got.Kind == Doing && len(p.c.verbIndexes()) == 1:
		return "open-kettle", "it seals"
	case p.ventBeside():
		return "", "" // "vent: 10 min"
	case p.fragment(got):
		return "process-short", "a fragment beside the process"
	// Bare figures are taken whole where the grammar of told.go does not reach; what would
	// uncover or cut them is not.
	case got.Why == "figures" && p.c.measured(english.Duration) && !p.ventsTime() && !p.says("well under", "minutes under pressure") && p.says("under", "half", "up", "again", "off", "without", "lid", "lids", "hot water", "full steam"):
		return "process-short", "a time of nothing"
	case p.beyondProcess(got):
		return "process-short", "no word of the process"
	case p.strayTime(got):
		return "process-short", "a time of nothing"
	case (p.strayNumber(got) || got.Kind == Doing && p.figureLeft()) && !p.ofElse():
		return "process-short", "a number of nothing"
	}
	return "", ""
}

// lidOpen reports a lid that is not shut while the jars are processed, and none that comes off when
// something else is over.
func (p *passage) lidOpen() bool {
	if !p.says("lid loose", "lid off", "lid ajar", "lid cracked", "lid tipped", "lid tilted", "lid half on",
		"without the lid", "without its lid", "no lid", "lid propped", "lid resting") {
		return false
	}
	if p.says("don't leave", "do not leave", "never leave") || p.hasClass(Band) || p.c.joint == "before" {
		return false
	}
	rests := []string{"wait", "rest", "lift", "take them out", "come out", "give them"}
	return !(p.at.Running && p.c.unit().hasAny(rests)) && !p.says("heat off", "turn off", "wait", "rest",
		"more minutes", "sit", "sitting", "stand", "standing", "then lid off")
}

// cooler reports a heat below the boil that is no water made ready for the jars: "water
// at 190", "180 degrees for the 40".
func (p *passage) cooler() bool {
	for _, m := range p.c.m {
		if m.Kind == english.Temperature && m.Max < 205 {
			return !p.says("go in", "goes in", "load", "lower", "before", "preheat", "preheated", "ready", "until", "till", "to start", "start with", "jars in")
		}
	}
	if p.simmersBeside() {
		return false
	}
	if p.word(0) == "off" && p.says("off the boil") || p.says("at a simmer", "simmering", "a bare simmer", "gentle simmer", "slow simmer", "just simmer", "only simmer") && !p.negated() && !(p.does("lower put place set load") && !p.c.measured(english.Duration)) {
		return true
	}
	if p.says("water at", "bath at", "canner at", "hold it at", "keep it at", "hold at", "keep at") {
		for i := range p.c.t {
			if v, n := english.Number(p.c.raw, i); n > 0 && v >= 120 && v < 205 {
				return true
			}
		}
	}
	last := len(p.c.t) - 1
	return last > 2 && !hasVerb(p.c.t) && p.c.hasNumber() && p.word(last) == "out" && p.says("in") // "20 in, 5 out"
}

// simmersBeside reports a simmer that is no process: of food in its pot, or of the canner's water.
func (p *passage) simmersBeside() bool { return p.simmersFood() || p.standsReady() }

// standsReady reports the few inches of simmering water that a pressure canner holds before its
// jars come: a depth, the water and the canner, and no word beside them.
func (p *passage) standsReady() bool {
	oneDepth := len(p.c.m) == 1 && p.c.m[0].Kind == english.Length
	if !oneDepth || !p.says("simmering water") || !p.hasClass(Canner) {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; w.m == 0 && w.Kind == words.Word && !poolWords[w.low] {
			return false
		}
	}
	return true
}

var poolWords = set("of simmering water in into at the a my our your canner pressure bottom pot to or about with " +
	"inches inch has have put pour it")

// ofElse reports figures that are none of this process: those of another place, or of the canner.
func (p *passage) ofElse() bool { return p.elsewhere() || p.cannerSize() }

// cannerSize reports how many quarts the canner holds: "use a pressure canner of 16 to 22 quarts".
func (p *passage) cannerSize() bool {
	return p.hasClass(Canner) && p.does("use choose take need") && p.says("quarts", "quart") && !p.hasClass(FullJar) &&
		!p.says("for", "in", "at") &&
		!p.c.measured(english.Duration) && !p.c.pressed() && !p.negated() && p.c.hasAny([]string{"16", "17", "18", "19",
		"20", "21", "22", "23"})
}

// simmersFood reports when something is done to food in its pot: "while simmering the salsa".
func (p *passage) simmersFood() bool {
	n := len(p.c.t)
	return n == 4 && p.word(0) == "while" && p.says("while simmering the") && (p.c.t[3].food != nil || inPots[p.word(3)])
}

// inPots is what is made, by the name of its kind.
var inPots = set("salsa chutney sauce relish jam soup syrup ketchup mixture")

// endsSo reports a sentence that goes on as the guides have a process end, behind the heat that is off.
func (p *passage) endsSo() bool {
	return p.letsFall() || p.c.unit().hasAny([]string{"take off the lid", "remove the lid", "take the lid off",
		"lid off", "before lifting", "lift out", "lift them out", "lift the jars", "take the jars out",
		"remove the jars", "before you lift", "before removing", "before you take"})
}

// letsFall reports a sentence that lets the canner cool, or waits until it has no pressure.
func (p *passage) letsFall() bool {
	return p.c.unit().hasAny([]string{"let it cool", "let the canner cool", "to zero", "is zero", "at zero", "to nothing"})
}

// offAtOnce is why a fire that goes out at once is asked about.
const offAtOnce = "off before it begins"

// offAtOnce reports a fire that goes out when the process would begin: "when it jiggles I turn it off".
func (p *passage) offAtOnce() bool {
	off := p.says("off") && p.does("turn switch shut click knock") || p.does("kill cut douse")
	return off && !p.negated() && p.c.unit().startsProcess() && !p.c.unit().measured(english.Duration)
}

// odd is what is asked whatever else a clause says: a place that nobody knows, a fire that goes out at once.
func (p *passage) odd() (code, why string) {
	near := []string{"the weight", "the gauge", "the needle", "the canner"}
	inCanner := p.at.Closed || p.at.Filled && p.c.unit().hasAny(near)
	table := p.serving || p.at.Serving
	if inCanner && !table && p.offAtOnce() {
		return "process-short", offAtOnce
	}
	return p.oddPlace()
}

// isOver reports that the process is over, or that the canner comes down in the sentence.
func (p *passage) isOver() bool { return p.at.Done || p.at.Running && p.letsFall() }

// EndsAtOnce reports a clause that ends the process when it would begin.
func (c Clause) EndsAtOnce() bool { return c.Kind == Unread && c.Why == offAtOnce }

// startsProcess reports words that say when a process begins, not when it ends: "once the weight rocks".
func (c *clause) startsProcess() bool {
	for i := range c.t {
		k := i + 1
		if !ahead[c.t[i].low] || k >= len(c.t) {
			continue
		}
		if c.t[k].low == "the" {
			k++
		}
		if k+1 >= len(c.t) || !inTheCanner[c.t[k].low] {
			continue
		}
		sign, behind := c.t[k+1].low, &clause{r: c.r, t: c.t[k+1 : min(len(c.t), k+5)]}
		if startSigns[sign] || comesTo[sign] && behind.hasAny([]string{"up", "pressure", "boil"}) {
			return true
		}
	}
	return false
}

var (
	ahead       = set("when once before until till as moment")
	inTheCanner = set("it she they weight gauge needle canner water")
	startSigns  = set("jiggles jiggle starts begins rocks rock rattles dances sings chatters hisses whistles steams boils")
	comesTo     = set("comes reaches hits is has gets")
)

// heatGone reports a fire that is out, or a kettle that is off it, before the time is up.
func (p *passage) heatGone() bool {
	if p.at.Running && p.does("turn switch shut") && p.endsSo() {
		return false
	}
	if p.negated() || p.hasClass(Canner) && p.c.measured(english.Duration) || p.says("boils over", "when the time is up", "when time is up", "time is up") {
		return false
	}
	if p.says("gas out", "gas off", "flame out", "flame off", "fire out", "burner off", "stove off", "off the fire", "off the heat", "off the flame", "off the stove") && !p.says("lid", "lids") {
		return p.c.kind != moment && p.c.kind != condition
	}
	return p.does("take pull lift move slide shift drag") && p.says("off") && (p.hasClass(Pot) || p.hasClass(Canner)) && !p.hasClass(Lid) && !p.hasClass(Weight) && !p.says("weight", "foam", "scum", "skin")
}

// dryHeat reports a temperature that neither boiling water nor the pressure makes: "an
// hour at 275".
func (p *passage) dryHeat() bool {
	if p.says("pounds", "lb", "psi", "pressure", "steam", "inside", "reaches", "reads") || p.c.pressed() {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Temperature && m.Max >= 250 {
			return true
		}
	}
	return false
}

// hanging reports a fragment without a subject that an end, a place or a "not" begins:
// "till the radio play is over", "not a second over", "off as soon as it bubbles".
func (p *passage) hanging(got *Clause) bool {
	first := p.word(0)
	if (first == "just" || first == "long") && p.subject() == nil && p.says("enough", "till", "until") {
		return true // "just long enough for a pot of tea"
	}
	if got.Kind != Talk && !((first == "not" || first == "just") && len(got.Acts) == 0) || got.Why == "a question" || got.Why == "a drink" {
		return false
	}
	if p.c.kind == result {
		return !p.says("by itself", "on its own", "quiet", "pressure", "boil", "steam", "zero", "tomorrow", "morning", "cool", "cold")
	}
	if len(p.c.t) == 1 {
		return first == "off" || first == "out"
	}
	if p.offThenZero() || p.says("not for this one", "not for these") {
		return false
	}
	if first == "not" && p.c.hasNumber() {
		return true
	}
	return hangsOn[first] && !hasVerb(p.c.t) && (p.c.hasNumber() || p.says("second", "minute", "moment", "longer", "over", "soon", "time", "while", "full"))
}

// weAre say who or where somebody is; hangsOn are words that go on with what was said.
var (
	weAre   = set("we're i'm")
	hangsOn = set("not off into onto out")
)

// offThenZero reports the end of a process in a breath: "off, zero on its own, ten more".
func (p *passage) offThenZero() bool {
	return p.word(0) == "off" && p.says("zero") && p.says("on its own", "by itself", "naturally")
}

// foodOnly reports whether a food is named that is neither water nor what covers it.
func (p *passage) foodOnly() bool {
	for i := range p.c.t {
		if w := &p.c.t[i]; !w.inner && w.food != nil && w.class != Liquid && w.class != Salt && w.class != Acid && !w.food.In("water") {
			return true
		}
	}
	return false
}

// clockAt reports a clock that is started at an event by which no canner is timed.
func (p *passage) clockAt() bool {
	if !p.does("start begin count time set") || !p.says("count", "counting", "timer", "timing", "clock", "the time") || p.c.hasNumber() {
		return false
	}
	if p.after == nil || p.after.kind != moment || p.c.unit().hasAny([]string{"column of steam", "in the green"}) {
		return false
	}
	return !p.after.hasAny([]string{"boil", "boils", "boiling", "rock", "rocks", "rocking", "jiggle", "jiggles", "jiggling", "pressure", "pounds", "lb", "psi", "gauge", "dial", "needle", "weight", "steady", "rolling", "reaches", "reads", "hits", "column", "steam", "dances", "dance", "sings", "rattles", "says", "at", "up"})
}

// fragment reports words without a verb that would be talk anywhere else: "three
// whistles", "as for jam", "just long enough to seal".
func (p *passage) fragment(got *Clause) bool {
	if got.Kind != Talk || got.Why != "nothing touched" || p.offThenZero() || hasVerb(p.c.t) && !p.says("to seal",
		"whistles", "whistle") || p.c.kind == contrast || p.c.kind == reason || p.c.measured(english.Height) ||
		weAre[p.word(0)] || p.says("finger", "fingertip", "fingertips") {
		return false
	}
	n := 0
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.class == Person || w.class == Animal || w.name || w.class == Place:
			return false
		case w.Kind == words.Word && !closed[w.low] && !adverbs[w.low] && !units[w.Text]:
			n++
		}
	}
	return n > 0 && len(p.c.t) > 1
}

// turnsBand reports how far a band is turned: "screw the bands down till you feel them catch,
// then stop".
func (p *passage) turnsBand() bool {
	if p.c.hasNumber() || len(p.c.t) > 6 || !(&passage{c: p.c.around(12)}).hasClass(Band) {
		return false
	}
	return p.c.kind == result && p.does("feel catch meet resist grip bite") || len(p.c.t) <= 3 && p.does("stop") && p.says("then", "and", "there")
}

// ofNoProcess reports what is said beside the process while it runs.
func (p *passage) ofNoProcess(got *Clause) bool { return got.plain || p.besideTheTime() }

// livesNear reports how far one lives from something: "I'm five minutes from the beach".
func (p *passage) livesNear() bool {
	return p.says("minutes from", "minutes away", "minutes' walk", "minutes' drive", "minutes off") && (p.oneself() || p.word(0) == "i'm" || p.word(0) == "we're") && !p.names(stuff) && !p.puts() && !p.says("done", "finished", "ready", "goes", "shut")
}

// timeActs are the acts between lid and end that a time may belong to.
var timeActs = set("process pressure-process boil-bath steam-canner vent steam hold stand natural-cool start-clock restart load come-to-pressure heat-up headspace wait heat-off cool-jars top-up-time oven-process weight-on unload")

// takesTime reports an act that a time of the clause is of; "pressure can pints 60 minutes, quarts 75 at
// 10 pounds" chooses jars and gives each its own.
func (p *passage) takesTime(act string) bool {
	switch act {
	case "vent":
		return timeActs[act] && !p.says("only")
	case "choose-jar":
		return p.c.pressed()
	}
	return timeActs[act]
}

// strayTime reports a time that neither an act of the process nor bare figures claim.
func (p *passage) strayTime(got *Clause) bool {
	if p.says("rest") || p.ventsTime() {
		return false
	}
	if p.elsewhere() {
		return false
	}
	if !p.c.measured(english.Duration) || got.Why == "figures" || got.Why == "what a book says" || got.Why == "a reason" {
		return false
	}
	if p.livesNear() {
		return false
	}
	if p.isTime() {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && (m.Min < 5 || p.at.said(m.Min) > 1 || m.Min > 300) {
			return false
		}
	}
	for _, a := range got.Acts {
		if p.takesTime(a.Name) && !p.says("without pressure") {
			return false
		}
	}
	return true
}

// ventsTime reports the minutes that steam streams first.
func (p *passage) ventsTime() bool {
	if p.letsAirOut() {
		return true
	}
	before := p.before != nil && len(p.before.t) <= 2 && p.before.hasAny([]string{"vent", "exhaust", "venting"})
	if !before && !p.says("steam", "steams", "steaming", "vent", "venting", "vents", "exhaust", "exhausts", "petcock") || p.says("only") {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Max > longestVent {
			return false
		}
	}
	return true
}

// isTime reports "it's twenty minutes for pints": the minutes of a jar and nothing else,
// which the reading of figures takes up.
func (p *passage) isTime() bool {
	jar := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.m == english.Duration, w.Kind == words.Mark:
		case w.class == Jar:
			jar = true
		case w.low == "it" || w.low == "that" || w.low == "it's" || w.low == "that's" || w.low == "is" || w.low == "for" || w.low == "the" || w.low == "then":
		default:
			return false
		}
	}
	return jar
}

// strayNumber reports a figure that is no time, length, height, pressure or count of
// jars: "seventy-five is for the nervous, fifty for us".
func (p *passage) strayNumber(got *Clause) bool {
	if p.quotes() || p.givesNumber() && p.says("them", "it", "us") && !p.any(cutting) {
		return false // read as what it is
	}
	if got.Why == "figures" || len(p.c.m) > 0 || p.hasClass(Gauge) || p.hasClass(Weight) || p.hasClass(Pressure) || p.c.pressed() || p.says("psi", "lb", "lbs", "feet", "ft", "degrees", "above", "years", "o'clock") {
		return false
	}
	for i := range p.c.t {
		n := int(p.c.nums[i])
		if n == 0 || p.c.t[i].m != 0 || i > 0 && (p.c.t[i-1].Kind == words.Mark && p.c.t[i-1].Text == "/" || p.c.nums[i-1] > 0) {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		if v < 5 || v > 200 || p.at.said(v) > 0 || p.stative() && len(p.c.t) <= 3 {
			continue // "is 15" is read as the process
		}
		if i+n < len(p.c.t) {
			if w := &p.c.t[i+n]; w.Kind == words.Word && w.class != Pronoun && (w.class != "" || w.entry.Noun() != 0) && !prepositions[w.low] && w.low != "is" && w.low != "if" {
				continue // so many of something
			}
		}
		return true
	}
	return false
}

// figureLeft reports a number that may be the minutes or the pounds of a process, and that
// nothing in its clause takes up: it has no unit, counts nothing, and no time says it again.
func (p *passage) figureLeft() bool {
	if p.quotes() || p.livesNear() || p.says("years", "o'clock", "above", "feet", "ft", "off the heat", "rest") || p.stative() && len(p.c.t) <= 3 {
		return false
	}
	for i := 0; i < len(p.c.t); i++ {
		n := int(p.c.nums[i])
		if n == 0 {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		start := i
		i += n - 1
		if p.c.t[start].m != 0 || v < 5 || v > 200 || v != float64(int(v)) || p.at.said(v) > 0 || v <= 20 && p.hasClass(Gauge) {
			continue
		}
		if start > 0 && (p.c.t[start-1].Text == "/" || p.c.t[start-1].Text == "-" || numbered[p.c.t[start-1].Text]) {
			continue
		}
		if i+1 >= len(p.c.t) {
			return true
		}
		switch next := &p.c.t[i+1]; {
		case (next.low == "to" || next.low == "or") && i+2 < len(p.c.t) && p.c.nums[i+2] > 0:
		case next.Kind == words.Mark:
			if next.Text == "/" || next.Text == "-" || next.Text == "#" || next.Text == "%" || next.Text == "°" || next.Text == "\"" || next.Text == ":" {
				continue
			}
			return true
		case next.low == "at" && i+3 < len(p.c.t) && (p.c.t[i+3].low == "time" || p.c.t[i+2].low == "once"):
		case prepositions[next.low] || next.low == "and" || next.low == "then" || next.low == "is" || next.low == "so" || next.low == "first":
			return true
		}
	}
	return false
}

var numbered = set("number no step page chapter size part line can pot batch load day")

// noNeedOfIt reports that there is said to be no need of the process: "no need to water bath".
func (p *passage) noNeedOfIt() bool {
	return p.says("no need to water bath", "no need to waterbath", "no need to process", "no need to can", "no need to boil them", "no need to boil the jars", "no need of a canner", "no need for a canner", "no need to bath", "needn't process", "needn't water bath", "don't have to process", "don't need to process", "no point in processing", "no point processing", "don't need processing", "needs no processing", "need no processing", "needs no canner") && !p.says("again", "twice", "longer", "more")
}

// neverDone reports that the cook does not process: "I don't process jam".
func (p *passage) neverDone() bool {
	if w := p.word(0); !p.negated() || w != "i" && w != "we" && !p.oneself() || p.c.hasNumber() || p.hasClass(Jar) || p.limit() != "" || p.says("too", "again", "twice", "until", "till", "unless", "without", "before") {
		return false
	}
	return p.does("process can boil bath") && len(p.c.verbIndexes()) <= 2 && (p.namesFood() || p.hasClass(Pronoun) || p.hasClass(Food))
}

var jarNames = set("quart qt pint pt half-pint jar bottle")

// sealsCooling reports what lids do by themselves in the end: "the lids will seal as they cool".
func (p *passage) sealsCooling() bool {
	return p.does("seal pop ping suck") && p.c.unit().hasAny([]string{"as they cool", "while they cool", "when they cool", "as it cools", "once cool", "once they cool", "as the jars cool", "when cool"})
}

// besideTheTime reports what stands beside a process that was given its time: how long the
// steam streams first, how long the jars rest once the heat is off, how many jars it makes.
func (p *passage) besideTheTime() bool {
	figures := p.figures()
	switch {
	case len(p.c.t) == 1 && p.says("off", "out", "done") && (len(p.c.all) <= 2 || p.before != nil && (&passage{c: p.before}).does("sit stand rest wait")):
		return true // "45 min. Out." "Sit 5 min. out."
	case p.word(0) == "not" && len(p.c.t) <= 3 && len(figures) == 1 && p.at.said(figures[0]) == 0:
		return true // "Not 45, that's for packed in water."
	}
	if p.dangerWords() || p.any(early) || p.negated() {
		return false
	}
	switch {
	case len(figures) == 0:
		return len(p.c.t) == 2 && p.c.nums[0] == 1 && jarNames[p.c.t[1].Text] // "7 qts"
	case len(figures) > 1 || p.names(stuff) || p.hasClass(Jar) || p.hasClass(Lid):
		return false
	case p.says("heat off", "gas off", "flame off", "stove off", "off the heat", "off heat", "fire out", "gas out", "fire off"), p.does("sit rest stand wait") && p.c.measured(english.Duration), p.does("give") && p.c.unit().hasAny([]string{"lid off", "come out", "heat off"}):
		return figures[0] <= 10
	}
	return figures[0] >= 10 && figures[0] <= 15 && (p.does("vent exhaust") || len(p.c.t) == 1 && p.before != nil && p.before.hasAny([]string{"vent", "vented", "exhaust"}) || p.says("of steam", "steam first", "vent", "venting", "exhaust")) && !p.hasClass(Weight) && !p.hasClass(Pressure)
}

// byElevation reports figures for several elevations, and nothing else: "add 5 minutes at 1,001 ft".
// What they come to is the recipe's to say.
func (p *passage) byElevation() bool {
	if !p.c.measured(english.Height) || !p.c.measured(english.Duration) && !p.c.pressed() {
		return false
	}
	t := make([]words.Token, len(p.c.t))
	for i := range t {
		t[i] = p.c.t[i].Token
	}
	return printed.Table(t)
}

// closesJar reports that the clause speaks of what closes the jars; strawberries are capped too.
func (p *passage) closesJar() bool {
	switch {
	case p.hasClass(Band):
		return true
	case p.hasClass(Rim) && !p.says("wide mouth", "wide-mouth", "regular mouth", "regular-mouth"):
		return true
	case p.coversPot():
		return false
	case !p.hasClass(Lid) || p.hasClass(Pot) || p.says("on the lid of", "on a lid of", "inside the lid of"):
		return false
	}
	return p.at.Filled || !p.says("cap", "caps", "capped") || p.says("lid", "lids")
}

// coversPot reports the one lid of what is cooked before any jar is filled: "simmer 20 minutes, lid off".
func (p *passage) coversPot() bool {
	jars := p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Canner)
	if p.at.Filled || jars || !p.says("lid") {
		return false
	}
	for i := range p.c.t {
		if strings.EqualFold(p.c.t[i].Raw, "lids") {
			return false
		}
	}
	return p.does("simmer cook stew poach sweat blanch") || p.does("boil") && p.says("lid on") ||
		p.says("lid off", "lid half off", "lid ajar", "no lid", "without a lid")
}
