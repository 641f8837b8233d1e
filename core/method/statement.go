package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// What is only said, of things on which safety hangs: no act tells it, and it changes what is
// done all the same. "My jars are the gallon kind", "the lemon juice stays in the cupboard", "the
// water barely trembles". What harms nothing stands in knowledge/plain.yaml, word by word.

// statement reports something said of jars, acid, water or the pot that changes what was tested.
func (p *passage) statement() (code, why string) {
	if !p.at.Method || p.at.Done || p.serving || p.third() && !p.ourBatch() {
		return "", ""
	}
	switch {
	case p.staysAway():
		return p.missingThing(), "what stays away"
	case p.otherSize():
		return "jar-size", "jars of another size"
	case p.sourEnough():
		return "no-acid-added", "sour enough"
	case p.foodByFood():
		return "unclear-amount", "one food by another"
	case p.waterNotBoiling():
		return "process-short", "not boiling"
	case p.openPot():
		return "method-mismatch", "an open canner"
	case p.sealsAndEnds():
		return "open-kettle", "a seal for a process"
	case p.packedEarlier():
		return "method-mismatch", "jars that wait for their process"
	case p.ownJuice():
		return "fresh-citrus", "juice of one's own"
	case p.ventOpen():
		return "pressure-low", "the vent stays open"
	case p.countsAll():
		return "process-short", "the clock"
	case p.someJarsSour():
		return "no-acid-added", "acid in some jars"
	case p.dryPulses():
		return "dry-legume-unsoaked", "dry"
	case p.smallPot():
		return "method-mismatch", "no canner"
	case p.outOfPlace():
		return "process-short", "a step out of its place"
	case p.stateBehind():
		return p.aboutCode(), "a state said behind"
	case p.noRack():
		return "method-mismatch", "jars on the bare bottom"
	}
	return "", ""
}

// aboutJars reports a statement about jars that nothing has read: before the process the jars
// decide on the time.
func (p *passage) aboutJars() bool {
	if !p.at.Method || p.at.Done || p.serving || p.third() || p.c.kind != mainClause || !hasVerb(p.c.t) || len(p.c.m) > 0 || p.c.hasNumber() {
		return false
	}
	return p.heads(Jar, FullJar, Rack) && !p.does("cover get come take give go fill")
}

// declared reports a main clause that says something of a thing of the trade and does nothing,
// where neither a turn of plain.yaml nor the nature of the thing explains it. What is only said
// may change what was tested, and no act shows it.
func (p *passage) declared() bool {
	if !p.at.Method || p.at.Done || p.serving || p.third() || p.negated() || p.c.measured(english.Length) {
		return false
	}
	if k := p.c.kind; k == moment || k == condition || k == result {
		return false
	}
	verbs := p.c.verbIndexes()
	if len(verbs) == 0 {
		return false
	}
	v := &p.c.t[verbs[0]]
	switch {
	case verbs[0] == 0 && p.before != nil && p.c.joint == "and" && v.low != v.verb && v.verb != "be" && !strings.HasSuffix(v.low, "ing"):
		return (&passage{c: p.before}).heads(Jar, FullJar, Rack, Canner, Lid, Acid, Gauge, Weight) && !p.handled() // "the jars are new and came with jam"
	case p.c.joint == "and" && p.before != nil && p.before.kind == result:
		return false // "until the volume is halved and the ketchup mounds up"
	case prepositions[p.word(0)], p.oneself(), p.says("tested"), p.c.t[0].verb == p.c.t[0].low:
		return false // "the lids I wash"
	case verbs[0] == 0, !p.heads(ofTrade...), verbs[0] == len(p.c.t)-1 && verbs[0] <= 2 && v.low != v.verb && v.entry.Noun() != 0 && !v.aux && strings.HasSuffix(v.low, "s"):
		return false // "pepper flakes"
	}
	subject := p.first()
	return !listed(nature[subject.class], v.verb) && (subject.class == Lid || !p.stated()) && !p.saidOfBoil()
}

// saidOfBoil reports water that boils, as it should.
func (p *passage) saidOfBoil() bool {
	return (p.hasClass(Liquid) || p.hasClass(Water)) && p.says("rolling boil", "full boil", "hard boil", "at a boil", "at the boil", "boils", "boil hard", "keep boiling", "stay boiling")
}

// ofTrade are the things of which nothing may be said that is not understood.
var ofTrade = []Class{Food, Soft, Juicy, Meat, Pulse, Liquid, Acid, Salt, Sugar, Fat, Jar, FullJar, Rack, Canner, Weight, Gauge, Pressure, Steam, Lid, Band}

// nature is what things of a class do of themselves.
var nature = map[Class]string{
	Food: "come fall fold fit split wilt shrink collapse float sink swell", Soft: "come fall split", Juicy: "come split fall", Meat: "come give fall shrink", Pulse: "swell double",
	Liquid: "come run rise appear require make bubble boil", Acid: "come boil sting", Salt: "draw go come", Sugar: "dissolve melt draw go", Fat: "come rise float set make",
	Jar: "get cover come", Lid: "smell click pop ping", Steam: "go come pour rush", Pressure: "rise come climb", Gauge: "say read rise climb show", Weight: "rock jiggle dance hiss",
}

// first is the first thing of the clause, nil where it names none.
func (p *passage) first() *token {
	for i := range p.c.t {
		if w := &p.c.t[i]; !w.inner && w.class != "" && !(w.class == Pronoun && i+1 < len(p.c.t) && !p.c.t[i+1].isVerb) {
			return w
		}
	}
	return nil
}

// heads reports whether the first thing of the clause, before its verb, is of one of the classes.
func (p *passage) heads(classes ...Class) bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.inner, w.class == "" && !w.isVerb && w.Kind == words.Word, w.class == Pronoun && i+1 < len(p.c.t) && !p.c.t[i+1].isVerb:
			continue
		}
		return slices.Contains(classes, w.class)
	}
	return false
}

// otherSize reports jars larger than any that a process is tested for: "the big two-litre ones".
func (p *passage) otherSize() bool {
	if p.at.Done || p.negated() || !p.heads(Jar, FullJar) {
		return false
	}
	if p.says("gallon", "gallons", "no standard size", "odd sizes", "all sizes", "any size", "every size") && !p.says("half-gallon", "half gallon", "half-gallons", "half gallons") {
		return true
	}
	if !p.says("litre", "litres", "liter", "liters") {
		return false
	}
	for i := range p.c.raw {
		if v, n := english.Number(p.c.raw, i); n > 0 && v > 1 {
			return true
		}
	}
	return p.says("and a half")
}

// staysAway reports an ingredient, or a part of the canner, that stays where it is kept: "the
// juice stays in the cupboard", "the rack stays in the shed".
func (p *passage) staysAway() bool {
	if p.negated() && !p.says("never leaves", "does not leave", "doesn't leave") {
		return false
	}
	things := p.hasClass(Acid) || p.hasClass(Rack) || p.hasClass(Weight) || p.hasClass(Canner) || p.hasClass(Lid) || p.says("juice", "lemon", "lime", "vinegar", "bottle")
	if !things {
		return false
	}
	first := p.c.verbIndexes()
	if len(first) == 0 || first[0] == 0 {
		return false
	}
	switch {
	case p.does("rest") && p.lastWord() == first[len(first)-1] && !p.hasClass(Canner) && len(p.c.m) == 0:
		return true // "the lemon rests"
	case p.does("stay remain sit live rest stand leave"):
		return p.says("cupboard", "pantry", "shed", "shelf", "fridge", "refrigerator", "garage", "attic", "cellar", "drawer", "door", "home", "store", "shut", "closed", "unopened", "corked", "box", "away", "out of it") && !p.says("till", "until")
	case p.does("get have take"):
		return p.says("a rest", "the day off", "the year off", "a day off", "a holiday", "time off")
	}
	return p.does("be") && p.says("for show", "for decoration", "for looks", "only decoration")
}

// missingThing names the code of what stays away.
func (p *passage) missingThing() string {
	switch {
	case p.hasClass(Rack), p.hasClass(Canner):
		return "method-mismatch"
	case p.hasClass(Weight):
		return "pressure-low"
	case p.hasClass(Lid):
		return "lid"
	}
	return "no-acid-added"
}

// sourEnough reports food that is said to be sour of itself: "mine are sharp enough".
func (p *passage) sourEnough() bool {
	if p.at.Filled || p.negated() || !p.any(sourWords) || p.says("still", "regardless", "all the same", "even so", "anyway") {
		return false
	}
	if !p.says("enough", "plenty", "this sharp", "this sour", "this tart", "so sharp", "so sour", "so tart", "as they are", "by themselves", "by itself", "on their own", "of their own", "already", "naturally") &&
		!(p.after != nil && p.after.hasAny([]string{"lemon", "lime", "juice", "acid", "vinegar", "bottle"})) {
		return false
	}
	return p.foodSubject() >= 0 || p.hasClass(Pronoun) || p.namesFood() || p.says("mine", "ours")
}

var sourWords = set("tart sharp sour acid acidic tangy tartness sharpness sourness acidity zing bite tang")

// foodByFood reports an amount told by that of another food: "for every tomato an onion". A jar
// that gets its own is told otherwise.
func (p *passage) foodByFood() bool {
	if p.word(0) != "for" || p.word(1) != "every" && p.word(1) != "each" || hasVerb(p.c.t) {
		return false
	}
	switch p.word(2) {
	case "jar", "jars", "bottle", "batch", "load", "person", "child", "hand":
		return false
	case "pint", "quart", "half-pint":
		if p.word(3) != "of" {
			return false
		}
	}
	return p.names(stuff) && !p.hasClass(Sugar) && !p.hasClass(Salt)
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

// sealsAndEnds reports that jars seal, and that this is all: "hot jam seals by itself, so that's
// the end of it".
func (p *passage) sealsAndEnds() bool {
	if !p.at.Filled || p.negated() || !(p.says("seal", "seals") || p.before != nil && (&passage{c: p.before}).says("seal", "seals")) {
		return false
	}
	return p.says("the end of it", "all there is to it", "that is it", "that's it", "that is that", "that's that", "nothing more to do", "and done", "we are done", "we're done", "no more to do", "the job is done", "job done", "all that is needed", "all they need", "all it needs")
}

// packedEarlier reports jars that are filled on one day and processed on another: "filled jars
// wait in the fridge till Sunday", "I pack the evening before and process after breakfast".
func (p *passage) packedEarlier() bool {
	if p.negated() || p.at.Running {
		return false
	}
	u := p.c.unit()
	full := p.hasClass(FullJar) || p.says("filled jars", "full jars", "closed jars", "packed jars", "the filled ones", "packed ones") || p.at.Filled && (p.hasClass(Jar) || p.hasClass(Pronoun))
	if full && p.does("stand sit wait stay rest keep spend leave let hold") && (p.says("fridge", "refrigerator", "overnight", "the night", "a night", "icebox") || u.hasAny(laterDay)) && u.hasAny([]string{"process", "canner", "before", "turn", "boil", "till", "until"}) {
		return true
	}
	return p.does("pack fill jar bottle") && p.says("the evening", "the night", "the evening before", "the night before", "the day before", "in the evening", "at night", "tonight", "overnight") && u.hasAny([]string{"process", "canner", "boil them", "pressure"}) && !p.namesFood()
}

var laterDay = []string{"next day", "next morning", "tomorrow", "the morning", "sunday", "saturday", "weekend", "monday", "after breakfast", "the day after", "in the morning"}

// ownJuice reports acid that somebody bottled at home.
func (p *passage) ownJuice() bool {
	return (p.hasClass(Acid) || p.says("lemon", "lime", "juice")) && !p.negated() && !p.at.Done &&
		p.says("bottled by", "home bottled", "home-bottled", "bottled myself", "bottled ourselves", "bottle it myself", "bottle it ourselves", "bottle my own", "bottle our own", "we bottled", "i bottled", "that i bottle", "that we bottle")
}

// ventOpen reports a vent that is open as long as the jars are in: no pressure comes.
func (p *passage) ventOpen() bool {
	return p.at.Filled && !p.negated() && (p.hasClass(Weight) || p.says("vent", "petcock", "valve", "spout")) && p.says("open", "off") &&
		p.says("whole time", "all the time", "throughout", "all the while", "all through", "the entire time", "from start to finish", "till the end", "until the end")
}

// countsAll reports a time that counts the minutes in which the canner heats.
func (p *passage) countsAll() bool {
	return p.at.Filled && !p.negated() && (p.c.measured(english.Duration) || p.before != nil && p.before.measured(english.Duration)) &&
		p.says("counting the warm-up", "counting the warm up", "including the warm-up", "including the warm up", "counting the heating", "in with the", "of steaming in", "including the heating", "including coming up", "counting coming up", "including the come-up", "counting the come-up", "all told", "from cold", "start to finish", "door to door", "all in", "venting included", "including the vent", "counting the vent", "including venting", "including the cooling", "counting the cooling")
}

// someJarsSour reports acid that goes into some jars: "only the jars for the exhibition get lemon".
func (p *passage) someJarsSour() bool {
	if !p.hasClass(Acid) && !p.says("lemon", "lime", "vinegar", "citric") || p.negated() {
		return false
	}
	for i := range p.c.t {
		if p.c.t[i].low != "only" && p.c.t[i].low != "just" {
			continue
		}
		k := i + 1
		for determiners[p.word(k)] || p.word(k) == "first" || p.word(k) == "last" || p.word(k) == "big" || p.word(k) == "small" {
			k++
		}
		if k < len(p.c.t) && (p.c.t[k].class == Jar || p.c.t[k].low == "ones") {
			return true
		}
	}
	return false
}

// dryPulses reports beans that go on dry: "bring to a simmer from dry".
func (p *passage) dryPulses() bool {
	return !p.at.Filled && !p.negated() && p.says("from dry", "dry from the bag", "straight from the bag", "dry as they come", "as dry as they come")
}

// smallPot reports a vessel for the filled jars that no canner is.
func (p *passage) smallPot() bool {
	return p.at.Filled && !p.negated() && p.does("use take borrow") && (p.says("saucepan", "skillet", "frying pan", "casserole", "roasting tin", "roasting pan", "wok", "soup pot") || p.says("pan", "pot") && p.says("small", "little", "shallow")) &&
		!p.says("brine", "syrup", "heat the", "deep", "rack", "sauce", "liquid", "ladle")
}

// outOfPlace reports an act of the kitchen table among full jars, which nobody does there: the
// clause says something else.
func (p *passage) outOfPlace() bool {
	if !p.at.Filled || p.at.Running || p.negated() || p.c.kind != mainClause || p.names(stuff) || p.hasClass(Weight) || p.c.measured(english.Duration) {
		return false
	}
	acts := p.c.acts(p.at.Closed)
	return len(acts) > 0 && !slices.ContainsFunc(acts, func(s scored) bool {
		return !tableActs[s.frame.Act] || s.verb < 0 || p.c.t[s.verb].low != p.c.t[s.verb].verb
	})
}

// tableActs are what is done to food before it is in the jars.
var tableActs = set("crush peel core seed shell grind grate shape bone mash puree reduce freeze thaw")

// stateBehind reports a state that stands alone behind a statement: "the jars live in the shed,
// full", "the vinegar is the white sort, cut".
func (p *passage) stateBehind() bool {
	last := p.lastWord()
	if last < 0 || !behind[p.word(last)] {
		return false
	}
	if last == 0 {
		return p.before != nil && (&passage{c: p.before, at: p.at, r: p.r}).stative()
	}
	return p.c.t[last-1].Text == "," && p.heads(ofTrade...)
}

var behind = set("full off cut half open uncovered unsealed unlocked unpeeled frozen empty")

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
