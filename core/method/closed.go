package method

import (
	"damson/core/english"
	"damson/core/words"
)

// loose reports what a clause of the method leaves open: a licence, a thing that
// goes in without a name, an outcome that nobody knows, a word about the closed
// jar that no frame has claimed.
func (p *passage) loose(acts []Act) (code, why string) {
	for _, look := range []func([]Act) (string, string){p.clockWrong, p.otherJar, p.plunged, p.measuredOut, p.unbanded, p.machine, p.fatLeft, p.slack, p.unnamed, p.spared, p.openEnd, p.earlyEnd} {
		if code, why := look(acts); why != "" {
			return code, why
		}
	}
	return "", ""
}

// clockWrong reports a clock that starts at the wrong event, a process without
// its weight, one pressure for every height, a vent of no measured time.
func (p *passage) clockWrong(acts []Act) (string, string) {
	if p.before != nil && len(p.before.t) == 1 && p.before.t[0].low == "not" && p.word(0) == "from" {
		return "", "" // "Not from when Carl remembers."
	}
	u := p.c.unit()
	if len(p.c.all) > 60 {
		u = p.c // in one breath: the clause by itself
	}
	if p.heatOffAfter(u) {
		return "process-short", "heat off"
	}
	if u.hasAny([]string{"timing", "clock", "timer", "count", "counting", "start time", "time it", "time them"}) && p.says("steam starts", "when it steams", "once it steams", "begins to rise", "begin to rise", "starts to rise", "first steam", "first hiss", "hisses", "is lit", "go in", "goes in", "from cold", "straight away", "lid goes on", "put the lid on", "lid is on", "you put them in", "i put them in", "they go in", "stove on", "turn on", "right away") && !p.negated() {
		return "process-short", "the clock"
	}
	if u.hasAny([]string{"from the time i turn on", "from the time i light", "from when i turn on", "from when i light", "from turning on", "from the moment i turn on", "from the moment i light", "from when i put the lid", "from when they go in", "from the time they go in", "from lighting"}) {
		return "process-short", "the clock"
	}
	if p.countedFrom() && !p.says(underWay...) {
		return "process-short", "the clock"
	}
	if p.says("weight off", "without the weight", "without weight", "no weight") && p.does("process run do cook can hold leave") || p.says("no weight") && !hasVerb(p.c.t) {
		return "pressure-low", "no weight"
	}
	if p.says("at any elevation", "any altitude", "at any altitude", "whatever the altitude", "whatever the elevation") {
		return "altitude", "one figure for all"
	}
	if p.does("process can boil cook run time") && p.says("less than", "shorter than", "fewer minutes", "a little less", "a bit less", "somewhat less", "a little under", "a bit under", "a little short", "a bit short", "not quite as long", "not as long") && !p.says("no less than", "not less than", "never less than", "nothing less than", "and no less") {
		return "process-short", "less than tested"
	}
	for _, a := range acts {
		if a.Name == "vent" && a.Minutes == 0 && !a.Undone && p.says("few", "bit", "moment", "while", "little", "minute or so", "couple", "briefly", "quickly") {
			return "vent", "no measured vent"
		}
	}
	return "", ""
}

// countedFrom reports the moment from which the minutes of a process are counted: "75
// minutes, from when it rocks".
func (p *passage) countedFrom() bool {
	return p.word(0) == "from" && p.c.kind == moment && p.at.Filled && (!p.at.Done || p.before != nil && p.before.measured(english.Duration) || p.after != nil && p.after.measured(english.Duration))
}

// underWay are signs that the process has begun.
var underWay = []string{"pressure", "boil", "boils", "boiling", "rolling", "bubbling", "pound", "pounds", "lb", "psi", "rock", "rocks", "rocking", "jiggle", "jiggles", "jiggling", "dance", "dances", "steady", "gauge", "needle", "dial"}

// plunged reports jars of a finished process that go into something cold, where no
// verb says so: "then straight into the sink of cold water".
func (p *passage) plunged(acts []Act) (string, string) {
	if p.at.Done && !p.negated() && (p.hasClass(Pronoun) || p.hasClass(Jar) || p.hasClass(Canner)) && p.says("in the creek", "into the creek", "in the snow", "into the snow", "in the river", "into the river", "in the lake", "into the lake", "in the trough", "into cold water", "in cold water", "in ice", "into ice") && !p.does("wash rinse clean wipe store keep find") {
		return "cooling", "into the cold"
	}
	if !p.at.Done || hasVerb(p.c.t) && !(len(p.c.verbIndexes()) == 1 && p.does("cool")) || len(acts) > 1 || p.negated() || p.hasClass(Food) {
		return "", ""
	}
	if p.says("into", "under", "in", "onto") && p.says("cold water", "sink", "snow", "creek", "ice", "tap", "hose", "tub", "trough", "cold tap", "iced water") {
		return "cooling", "into the cold"
	}
	return "", ""
}

// measuredOut reports an amount of what has no name, where no verb says so: "one
// spoonful of the white powder".
func (p *passage) measuredOut(acts []Act) (string, string) {
	if hasVerb(p.c.t) || p.negated() || p.at.Done || !p.measuresKitchen() {
		return "", ""
	}
	for _, ch := range p.c.chunks() {
		if w := &p.c.t[ch.head]; ch.class == Thing && mayGoIn(w.low) && !goesIntoNoJar(w.Text) && !holders[w.Text] {
			return "unknown-ingredient", "something goes in"
		}
	}
	return "", ""
}

// unbanded reports jars that are closed without their bands.
func (p *passage) unbanded(acts []Act) (string, string) {
	if p.at.Done || !p.at.Filled && !p.hasClass(Lid) {
		return "", ""
	}
	for i := range p.c.t {
		if p.c.t[i].class == Band && (p.word(i-1) == "no" || p.word(i-1) == "without") {
			return "lid", "no bands"
		}
	}
	return "", ""
}

// machine reports an electric cooker in place of a canner.
func (p *passage) machine(acts []Act) (string, string) {
	if p.says("high speed", "low speed", "full speed", "on pulse", "in pulses", "in bursts") && !p.negated() && !p.at.Closed {
		return "puree", "a machine"
	}
	return "", ""
}

// electricPot reports an electric cooker by its plug, its buttons or its programmes.
func (p *passage) electricPot() bool {
	if p.negated() || p.says("stove", "range", "hob", "burner", "kettle", "timer", "clock", "phone", "radio", "bill", "knife", "fan", "blanket") {
		return false
	}
	if p.says("electric", "electronic") && p.says("model", "cooker", "pot", "canner", "pressure", "one", "thing", "pan") {
		return true
	}
	if !p.at.Filled {
		return false
	}
	return p.says("countertop", "counter-top", "plug-in", "plugs in", "plug it in", "plugged in", "programmable", "digital pot", "keep warm", "delay start", "soup setting", "meat setting", "stew setting", "rice setting", "bean setting", "high setting", "preset") ||
		p.says("button", "buttons", "programme", "program") && p.does("press push hit say read choose pick mark punch")
}

// fatLeft reports fat that stays on, or goes over the food.
func (p *passage) fatLeft(acts []Act) (string, string) {
	if !p.negated() && p.puts() && !p.says("off", "away", "out", "skim") {
		for i := range p.c.t {
			if w := &p.c.t[i]; w.class == Fat && w.food == nil && !w.inner {
				return "fat", "fat goes in"
			}
		}
	}
	if p.negated() && p.does("trim cut remove skim take") && p.says("fat", "marbling", "grease", "suet", "tallow") && !p.says("there's no", "there is no", "until", "till", "off the broth until", "nothing but", "only") {
		return "fat", "fat left on"
	}
	if p.says("white edges", "rind of fat") && p.does("stay leave keep") {
		return "fat", "fat left on"
	}
	if p.says("in the bottom", "on top of each", "in each", "over each") && p.says("dripping", "drippings", "grease", "lard") {
		return "fat", "fat goes in"
	}
	if p.negated() || p.says("fat ones", "fat one") || !p.c.hasAny([]string{"fat", "marbling", "grease", "dripping", "drippings", "lard"}) {
		return "", ""
	}
	if p.does("leave keep stay") && !p.says("out", "off", "behind", "back", "aside", "in the fridge", "sets", "hard", "only") {
		return "fat", "fat left on"
	}
	if p.does("cover top pour add fill seal") && !p.says("off", "away", "out", "into the sink", "skim", "down") {
		return "fat", "fat goes in"
	}
	return "", ""
}

// slack reports "will do", "just as well", "never did harm".
func (p *passage) slack(acts []Act) (string, string) {
	if p.says(licences...) && p.danger2() && !p.ofThePack() {
		return p.aboutCode(), "a licence"
	}
	return "", ""
}

// ofThePack reports whether the licence is about how closely pieces lie.
func (p *passage) ofThePack() bool {
	if p.says("scabby", "crooked", "ugly", "misshapen", "any size", "any shape", "odd sizes", "odd shapes", "seconds with") {
		return !p.hasClass(Acid) && !p.c.measured(english.Duration)
	}
	return p.says("tight", "loose", "tightly", "loosely", "upright", "lengthwise", "sideways", "standing") && !p.hasClass(Acid) && !p.hasClass(Lid) && !p.hasClass(Band) && !p.c.measured(english.Duration)
}

// shrugs reports that what is named is said to do no harm: "chips do not matter", "a bit of fur
// never hurt anyone".
func (p *passage) shrugs() bool {
	if p.says(licences...) {
		return true
	}
	if p.says("no matter", "nothing to worry", "nothing to fear", "is nothing", "are nothing", "is normal", "are normal", "is all right", "are all right", "is ok", "are ok", "is okay", "are okay", "not a problem", "no problem", "is good", "only a bit", "is harmless", "are harmless", "seal as well", "seal just", "still good", "still fine", "still sound", "hurt anyone", "hurt anybody", "hurt us", "hurt me", "harmed anyone", "killed anyone", "killed anybody", "killed us", "kill you") {
		return true
	}
	return p.negated() && p.does("matter hurt harm mind bother worry fear fret kill")
}

var licences = []string{"will do", "does as well", "just as well", "serves as well", "good enough", "all the same to", "just the same", "never did harm", "will not hurt", "won't hurt", "no harm", "neither here nor there", "nothing to fret", "has always done", "always been enough", "always done for", "does fine", "do fine", "is fine", "are fine", "fine without", "is plenty", "are plenty", "is enough", "are enough", "nothing to fret over", "can manage", "they manage", "as you like", "for looks", "leave it at that", "no odds", "in a pinch", "at a pinch", "no call for", "no need for", "never mind", "do not bother", "saves a day", "does wonders", "see to themselves", "look after themselves", "sees to that", "sees to it", "takes care of that", "takes care of it", "puts that right", "puts it right", "cures that", "fixes that", "kills that", "kills it all"}

// danger2 reports whether the clause speaks of more than talk: it touches the
// trade by more than a mere mention of a tool.
func (p *passage) danger2() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if stuff[w.class] || w.class == Pronoun || trade[w.class] && w.class != Pot && w.class != Part || w.m == english.Duration {
			return true
		}
	}
	return p.at.Closed
}

// aboutCode names the code that the clause is most likely about.
func (p *passage) aboutCode() string {
	for i := range p.c.t {
		switch p.c.t[i].class {
		case Acid:
			return "acid-short"
		case Dairy:
			return "dairy"
		case Thickener:
			return "thickener"
		case Lid, Band, Wax:
			return "lid"
		case Canner, Clock, Pressure, Steam, Weight, Gauge, Burner:
			return "process-short"
		}
	}
	if p.c.measured(english.Duration) || p.at.Closed {
		return "process-short"
	}
	return ""
}

// unnamed reports a verb that puts in what the clause does not name.
func (p *passage) unnamed(acts []Act) (string, string) {
	if p.c.kind == condition && p.before != nil && p.before.hasAny(askers) && !p.names(stuff) {
		return "", "" // "call if anything is unclear"
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; (w.low == "anything" || w.low == "something") && (p.word(i+1) == "from" || p.word(i+1) == "between" || p.word(i+1) == "like") && p.c.hasNumber() {
			continue // "anything from 5 to 20 minutes"
		}
		if w := &p.c.t[i]; w.class == Vague && !w.inner && p.c.kind != result && !p.busy() && !(w.low == "whatever" && len(p.c.verbIndexes()) > 1 && tells[p.c.t[p.c.verbIndexes()[0]].verb]) && !(p.does("throw toss chuck discard pick cut") && p.says("back", "out", "away", "off", "compost", "stems", "aside")) && (p.puts() || p.does("go get use take come be have") || !hasVerb(p.c.t)) && !(p.negated() || i > 1 && p.word(i-1) == "of" && p.word(i-3) == "no") {
			return "unknown-ingredient", "vague"
		}
	}
	if p.negated() || !p.puts() || p.c.kind == result || !p.at.Filled && p.says("of ice on top", "of ice over", "ice on top") && p.hasClass(Salt) || p.says("add more", "are added", "is added") {
		return "", ""
	}
	for i := range p.c.t {
		if p.edibleAt(i) && p.does(mixingIn) {
			return "unknown-ingredient", "an unknown thing goes in"
		}
	}
	for _, a := range acts {
		if !(p.puts() && p.says("in", "into") && a.Name == "mix") && a.Name != "add" && a.Name != "stir-in" && a.Name != "thicken" && a.Name != "dose-jar" {
			continue
		}
		named := false
		for _, ch := range p.objectsFor(a) {
			if head := p.c.t[ch.head].Text; ch.class == Thing && !goesIntoNoJar(head) && !(head == "ice" && !p.at.Filled) ||
				ch.class == Part && a.Name == "add" && p.does("add put throw toss stir chuck") && !p.says("back", "off", "out",
					"side") {
				return "unknown-ingredient", "an unknown thing goes in"
			}
			named = named || stuff[ch.class] && ch.class != Vague || ch.class == Pronoun || ch.class == Part || trade[ch.class]
			if ch.class == Unknown || ch.class == Plant {
				return "unknown-ingredient", "an unknown thing goes in"
			}
		}
		if !named && a.Verb != "" && p.says("white", "dark", "brown", "yellow", "thing", "stuff", "powder", "kind", "sort") {
			return "unknown-ingredient", "something goes in"
		}
	}
	return "", ""
}

// busy reports whether the only verb, but for "go", is none of a kitchen: "go sharpen
// something".
func (p *passage) busy() bool {
	found := false
	for _, i := range p.c.verbIndexes() {
		v := p.c.t[i].verb
		if v == "go" && i+1 < len(p.c.t) && p.c.t[i+1].verb != "" {
			if next := p.c.t[i+1].verb; p.r.prefers(next) || light[next] || putVerbs[next] {
				return false
			}
			found = true
			continue
		}
		if p.r.prefers(v) || light[v] || putVerbs[v] || tableVerbs[v] {
			return false
		}
		found = true
	}
	return found && !p.namesFood()
}

// objectsFor returns what the act's verb acts on.
func (p *passage) objectsFor(a Act) []chunk {
	for _, v := range p.c.verbIndexes() {
		if p.c.t[v].low == a.Verb {
			if list := p.c.objectsOf(v); len(list) > 0 {
				return list
			}
		}
	}
	return p.c.chunks()
}

// heatOffAfter reports heat that goes off when a time has passed that is no process: "turn off
// the heat after the first minute".
func (p *passage) heatOffAfter(u *clause) bool {
	if p.negated() || !p.says("off") || !p.hasClass(Burner) {
		return false
	}
	if p.does("turn switch shut kill cut take") && p.says("after") && (p.c.measured(english.Duration) || p.c.hasNumber() || p.says("first minute", "second minute", "few minutes", "a minute", "a little while", "a while")) {
		return true
	}
	return !p.at.Done && p.does("turn switch shut kill cut") && u.hasAny([]string{"after the first", "after a minute", "after a few", "after a while", "after a little while", "half way", "halfway"})
}

// edibleAt reports a thing at i that may go into a pot, named by no food and no tool, and not
// the place of something else.
func (p *passage) edibleAt(i int) bool {
	w, before := &p.c.t[i], p.word(i-1)
	if !w.edible || w.food != nil || w.class != "" || w.inner || w.name || harmlessNouns[w.Text] || kitchen[w.Text] {
		return false
	}
	return !prepositions[before] || before == "in" || before == "with" || before == "of"
}

// governed reports whether a negator before the verb at v denies it, and no other verb: "never
// skip", not "don't forget to skip".
func (p *passage) governed(v int) bool {
	for i := v - 1; i >= 0; i-- {
		w := &p.c.t[i]
		if negators[w.low] && w.low != "without" && w.low != "no" {
			return true
		}
		if w.isVerb && !w.aux {
			return false
		}
	}
	return false
}

// spared reports a step or an acid that is skipped, saved or forgotten.
func (p *passage) spared(acts []Act) (string, string) {
	if p.negated() {
		return "", ""
	}
	c := p.c
	for _, v := range c.verbIndexes() {
		switch c.t[v].verb {
		case "skip", "omit", "spare", "save", "forget", "leave", "miss":
			if c.t[v].verb == "leave" && !c.particle(v, "out") || p.governed(v) {
				continue
			}
			for _, ch := range c.chunks() {
				if ch.start < v {
					continue
				}
				switch ch.class {
				case Clock, Burner, Canner, Pressure, Steam, Weight:
					return "process-short", "a step spared"
				case Acid:
					return "no-acid-added", "acid left out"
				}
			}
			if c.t[v].verb != "save" && c.t[v].verb != "leave" && c.hasAny([]string{"step", "last step", "rest", "rest of it", "load", "peeling", "soaking", "boiling", "packet"}) {
				return p.aboutCode(), "a step spared"
			}
		}
	}
	return "", ""
}

// goesIntoNoJar reports a thing that is no food, or what tools are made of.
func goesIntoNoJar(head string) bool { return harmlessNouns[head] || kitchen[head] || materials[head] }

// exactEnd reports an end that a clock, a ruler or a thermometer shows.
func (p *passage) exactEnd() bool {
	return p.c.measured(english.Duration) || p.c.measured(english.Length) || !p.at.Filled &&
		p.c.measured(english.Temperature)
}

// openEnd reports "until" with an end that nobody knows.
func (p *passage) openEnd(acts []Act) (string, string) {
	if p.c.kind == result && !p.at.Closed && p.says("half gone", "by half", "by a half", "by a third", "by one third", "about a third", "reduced by", "down by half", "down by a", "down by one", "down by two", "half what it was", "half of what it was", "half its volume") {
		return "thick-sauce", "boiled down" // as a tested sauce is; the procedure knows
	}
	if p.turnsBand() {
		return "", ""
	}
	if p.c.kind == result && (p.says(like...) || p.says("all one", "one mass", "give up", "gives up", "like tar") || p.says("even", "uniform", "homogeneous", "spoon stands")) && !p.at.Closed {
		return "", "an open end"
	}
	if p.c.kind != result || p.c.hasAny(outcomes) || p.says("no", "none", "nothing") && p.hasClass(Fat) ||
		p.c.hasAny([]string{"thick", "thicken", "thickens", "thickened", "smooth", "down", "is", "are", "volume"}) ||
		p.exactEnd() {
		return "", ""
	}
	for i := range p.c.t {
		switch p.c.t[i].class {
		case Gap, Rim, Weight, Pressure, Gauge, Steam:
			return "", ""
		}
	}
	if p.comesDown() || p.dropsAlone() || !p.at.Filled && p.says("wrinkles", "wrinkle", "jellies", "sheets", "skin forms") {
		return "", ""
	}
	if p.at.Closed {
		return "process-short", "an open end"
	}
	if p.texture() {
		return "thick-sauce", "an open end"
	}
	return "", ""
}

// texture reports whether the end is one of the batch itself, "until it stands
// alone", and not of a named thing: "till the last bits of meat fall off".
func (p *passage) texture() bool {
	if p.does("come fall") && p.says("away", "off") {
		return false
	}
	s := p.subject()
	if s == nil {
		return p.c.hasAny([]string{"spoon", "ladle", "spread", "stiff", "mushy", "mush", "paste", "cream", "creamy"}) || hasVerb(p.c.t)
	}
	if s.class == Pronoun || subjects[s.low] {
		return !p.has(finishing) && !(p.does("come fall") && p.says("away", "off"))
	}
	switch s.Text {
	case "spoon", "ladle", "mass", "sauce", "mixture", "soup", "lump", "everything", "whole", "lot", "pot", "thing", "stew", "filling":
		return true
	}
	return false
}

// like are words that compare the end with something.
var like = []string{"like", "as thick", "resembles", "the look of", "looks like"}

// finishing are verbs of an end that leaves pieces pieces.
var finishing = set("float sink boil simmer cook bubble squeak pop change turn brown soften melt dissolve lose give shrink swell rise clear wilt slip split burst smell taste cool drain run open peel")

// otherJar reports a jar whose size is only said to be big, and what is no jar.
func (p *passage) otherJar(acts []Act) (string, string) {
	if p.negated() {
		return "", ""
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.class == Wax:
			return "lid", "wax"
		case (w.low == "biggest" || w.low == "largest" || w.low == "double-size") && p.at.Method && !(i+1 < len(p.c.t) && (p.c.t[i+1].class == Pot || p.c.t[i+1].class == Cloth)):
			return "jar-size", "a big jar"
		case w.class == Jar && !w.inner && (w.Text == "half-gallon" || w.low == "half" && (p.word(i+1) == "gallon" || p.word(i+2) == "gallon")) && !hasVerb(p.c.t[:i]) && p.at.Method && !p.c.measured(english.Duration):
			return "jar-size", "a big jar" // "big half-gallon jars"
		case w.class == Jar && !w.inner && i > 0 && (p.word(i-1) == "big" || p.word(i-1) == "large" || p.word(i-1) == "huge") && w.low != "jars":
			return "jar-size", "a big jar"
		}
	}
	if p.c.has("double size") {
		return "jar-size", "a big jar"
	}
	return "", ""
}

// earlyEnd looks, once the jars are closed, for words about time and heat that no
// act has claimed.
func (p *passage) earlyEnd(acts []Act) (string, string) {
	if !p.at.Closed || !p.at.Method || p.c.kind == condition || (p.hasClass(Band) || p.hasClass(Lid)) && p.says("fingertip", "fingertips", "finger", "snug", "resistance") {
		return "", ""
	}
	for _, a := range acts {
		if afterwards[a.Name] && !a.Undone {
			if a.Name == "unload" || a.Name == "heat-off" {
				break
			}
			return "", ""
		}
	}
	if p.any(early) && !p.negated() && !p.atLeast() {
		return "process-short", "the closed jar"
	}
	return "", ""
}

// afterwards are acts of the finished jar, where such words change nothing.
var afterwards = set("check-seal unband wash-sealed label store keep-years cool-jars refrigerate discard natural-cool open check-spoilage boil-before-eating eat reprocess restart vent de-bubble headspace wipe-rim lid band measure")

// early are words that may cut a process short.
var early = set(`halfway early earlier sooner less fewer stop stopped quit manage lit hiss hisses ping pings hurry busy skip late halved half-done lukewarm residual coast idle flickers shivers`)

// fragmentOfProcess reports whether a clause without a verb states figures of the
// process and nothing else.
func (p *passage) fragmentOfProcess() bool {
	figure := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.Kind == words.Mark, w.inner:
		case w.m != 0 || w.Kind == words.Number || p.c.nums[i] > 0 && p.poundsAt(i+int(p.c.nums[i])):
			figure = true // "ten pounds" too
		case w.class == Jar || w.class == Pressure || w.class == Gauge || w.class == Weight || w.class == Canner || w.class == Steam || w.class == Clock || w.class == Lid || w.class == Band || w.class == Gap || w.class == Burner || w.class == Rim || w.class == Bubble:
		case closed[w.low] || adverbs[w.low] || figureWords[w.Text]:
		default:
			return false
		}
	}
	return figure
}

// poundsAt reports whether pounds stand at i.
func (p *passage) poundsAt(i int) bool {
	return i < len(p.c.t) && (p.c.t[i].Text == "pound" || p.c.t[i].Text == "lb" || p.c.t[i].Text == "psi")
}

var figureWords = set("required needed recommended ish qt pt hs headspace pound lb min minute hour hr psi high low steady full flat level sea natural release minutes about exactly right good dozen then heat time pint quart 15 weighted hot pack raw canner boil boiling water rolling size sizes")

// dropsAlone reports a canner, off the heat, that is left until it comes down by itself: "I
// switch it off and go sit on the porch until it drops on its own".
func (p *passage) dropsAlone() bool {
	if p.at.Closed && p.c.kind == result && p.says("quiet", "silent", "cold", "stone cold", "cool") && !p.says("tap", "hose", "ice", "snow", "stream", "creek", "water") && p.c.unit().hasAny([]string{"heat off", "nobody touches", "don't touch", "do not touch"}) && !p.c.hasNumber() {
		return true // "nobody touches it till it's dead quiet and cold"
	}
	return p.at.Closed && p.does("drop fall come go") && p.says("on its own", "by itself", "of itself", "alone", "in its own time") && !p.c.hasNumber() && !p.any(colds) &&
		p.c.unit().hasAny([]string{"off", "heat off", "switch", "turn", "shut"})
}

// fallsByFigure reports a fall that is told by a figure or by half, the minutes of the rest behind it
// left out.
func (p *passage) fallsByFigure() bool {
	switch {
	case p.says("a bit", "a little", "some", "half", "nearly", "almost"):
		return true
	case p.says("more minutes", "minutes more", "another ten"):
		return false
	}
	return len(p.c.m) > 0 || p.c.hasNumber() && !p.says("zero", "nought")
}

// comesDown reports the end of the cooling: the pressure gone, the pin or the button down,
// once the process is over.
func (p *passage) comesDown() bool {
	if p.at.Done && p.hasClass(Weight) && p.says("no hiss", "no hissing", "without a hiss", "no steam comes", "nothing hisses") && !p.any(colds) {
		return true
	}
	if !p.at.Done || p.negated() || p.any(colds) || p.fallsByFigure() {
		return false
	}
	if p.at.UnderPressure && p.fallsAlone() {
		return true
	}
	gone := p.says("gone", "zero", "nothing", "nought", "lets go", "by itself", "on its own")
	return gone && (p.hasClass(Pressure) || p.hasClass(Gauge)) || (gone || p.says("drops", "drop", "dropped", "falls", "fallen", "down")) && p.says("pin", "button", "lock")
}
