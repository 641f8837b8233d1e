package method

import (
	"damson/core/english"
	"damson/core/words"
)

// strict looks at a clause of the method that would pass: a place or a machine that
// nobody knows, and, once the jars are full, anything that only a pronoun ties to
// them. What it finds is asked about.
func (p *passage) strict(acts []Act) (code, why string) {
	if code, why := p.odd(); why != "" {
		return code, why
	}
	if !p.at.Filled {
		return "", ""
	}
	for _, a := range acts {
		if settled[a.Name] && !a.Undone {
			return "", ""
		}
	}
	explicit, pronoun := false, false
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.inner {
			continue
		}
		explicit = explicit || w.food != nil || trade[w.class] && w.class != Pot && w.class != Part || w.class == Cloth || w.class == Label || w.class == Salt || w.class == Liquid || w.class == Acid || w.m != 0
		pronoun = pronoun || w.class == Pronoun
	}
	if p.before != nil && !hasVerb(p.before.t) && p.does("boil heat mix simmer stir cook") && !p.at.Closed && (&passage{c: p.before}).names(stuff) {
		return "", "" // "Salt, water, vinegar: boil it up."
	}
	if pronoun && !explicit && len(p.c.verbIndexes()) > 0 && !p.negated() && !p.coolsItself() && !p.dropsAlone() && !p.handled() && !p.putAway() && p.harmless() == "" {
		return "process-short", "only a pronoun"
	}
	return "", ""
}

// repeatsTime reports a time that the text states elsewhere: "with the bone in it is
// 75", where 75 minutes are what it processes.
func (p *passage) repeatsTime() bool {
	if !p.stative() || p.any(early) {
		return false
	}
	found := false
	for i := range p.c.t {
		if p.c.nums[i] == 0 {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		if p.at.said(v) == 0 {
			return false
		}
		found = true
	}
	return found
}

// names reports whether a thing of one of the classes is named.
func (p *passage) names(classes map[Class]bool) bool {
	for i := range p.c.t {
		if classes[p.c.t[i].class] && p.c.t[i].class != Pronoun {
			return true
		}
	}
	return false
}

// givesNumber reports "I give them 35": a number behind the verb, which the facts read as
// the process.
func (p *passage) givesNumber() bool {
	for _, v := range p.c.verbIndexes() {
		if p.c.t[v].verb != "give" {
			continue
		}
		for i := v + 1; i < len(p.c.t); i++ {
			if p.c.nums[i] > 0 {
				return true
			}
		}
	}
	return false
}

// handled reports whether what a pronoun stands for is only moved, looked at or
// left where it is; and, when the process is over, that the heat goes off. A
// condition by itself does nothing.
func (p *passage) handled() bool {
	if p.coolsAlone() || p.givesNumber() && !p.any(early) && !p.any(cutting) && !p.says(licences...) && !p.says("half", "only", "just") {
		return true // the time that is given is read as the process
	}
	if (p.c.kind == condition || p.c.kind == moment) && p.does("dance sing rattle rock jiggle chatter quit") && !p.c.hasNumber() || p.does("restore") && p.c.kind == mainClause && len(p.c.t) <= 3 {
		return true
	}
	if p.c.kind == condition || p.c.joint == "as" || (p.c.kind == moment || p.c.kind == result) && p.does("boil start begin simmer bubble heat come get reach hit") {
		return !p.any(early) && !p.says(licences...)
	}
	if p.does("get bring come") && p.says("back") && p.says("boil", "boiling", "pressure") && !p.c.hasNumber() && !p.any(early) && !p.puts() {
		return true // "bring it back to a proper rolling boil"
	}
	if p.does("get bring") && p.says("going again", "back up", "up again", "back to pressure", "back to the boil") {
		return true // what follows says what is done about the time
	}
	if p.repeatsTime() {
		return true
	}
	if p.at.Closed && p.stative() && p.says("zero", "nought", "nothing", "naught") {
		return true
	}
	if p.stative() && !p.says(licences...) && !p.any(early) && !p.c.hasNumber() && p.c.joint != "so" {
		return true
	}
	if p.c.hasNumber() || p.any(early) || p.any(cutting) || len(p.c.m) > 0 {
		return false
	}
	if p.does("keep leave") && p.says("whole", "upright", "apart", "in pieces", "as they are", "in one piece") {
		return true
	}
	off := p.says("off") && p.does("turn switch shut click")
	if off {
		return p.isOver()
	}
	for _, i := range p.c.verbIndexes() {
		if !moving[p.c.t[i].verb] {
			return false
		}
	}
	return true
}

// coolsAlone reports pressure or heat that goes down by itself once the process is
// over, in whatever words.
func (p *passage) coolsAlone() bool {
	return p.at.Done && p.says("alone", "by itself", "itself", "on its own", "of itself", "by herself", "of its own accord", "in its own time") && !p.c.hasNumber() && !p.puts() && !p.says("process", "seal", "seals", "take", "boil")
}

var moving = set("peel core slice trim pit hull shell lift set stand carry line arrange watch look count admire date label name mark listen tell ask see trust hear love mind enjoy thank promise know think mean need want quit fuss worry guess reckon believe say")

// coolsItself reports whether the clause only says that processed jars cool: "as
// they cool", "once it has cooled".
func (p *passage) coolsItself() bool {
	if !p.at.Done {
		return false
	}
	when := p.word(0) == "when" || p.word(0) == "once" || p.word(0) == "after"
	for i := range p.c.t {
		if when && becomesCold[p.word(i)] {
			continue // "when they are cold"
		}
		if t := &p.c.t[i]; t.Kind == words.Word && t.class != Pronoun && !cooling[t.low] && !standing[t.low] {
			return false
		}
	}
	return true
}

var becomesCold = set("are is cold stone quite completely")

var cooling = set("as while when once till until have has cool cools cooled down")

// standing is how jars are left when all is over: "let it stand quiet after".
var standing = set("let leave stand sit be rest quiet quietly still alone undisturbed after afterwards then and now well there overnight")

// settled are the acts of the closed jar that a pronoun may stand for.
var settled = set("natural-cool cool-jars check-seal unband wash-sealed label store open-jar eat serve-with wipe-rim de-bubble lid band cover-with-liquid fill pack headspace restart vent refrigerate boil-before-eating unload load hold discard add dose-jar")

// stage returns the code of a clause that names nothing of the trade but, among
// full jars, may cut the process short: "I stop there", "as long as the washing up
// takes", "forty, or in a hurry twenty".
func (p *passage) stage() string {
	if !p.at.Method || !p.at.Filled {
		return ""
	}
	if p.says("out of") && p.c.hasNumber() && !hasVerb(p.c.t) || p.givesNumber() && !p.any(cutting) && !p.says(licences...) {
		return "" // "nine out of nine"; a time that is given is read as the process
	}
	if p.turnsBand() {
		return ""
	}
	if p.any(cutting) || p.says("as long as", "a little under", "as written", "to the shelf", "to the cupboard", "on the shelf as", "by then", "for nothing") {
		return "process-short"
	}
	raw := make([]words.Token, len(p.c.t))
	for i := range p.c.t {
		raw[i] = p.c.t[i].Token
	}
	for i := range raw {
		if v, n := english.Number(raw, i); n > 0 && v >= 5 && v <= 120 && p.at.said(v) == 0 && (i+n >= len(raw) || raw[i+n].Kind == words.Mark) && p.c.t[i].m == 0 && raw[i].Kind == words.Word {
			return "process-short"
		}
	}
	return ""
}

var cutting = set("quick brief bare mere stop stops stopped hurry halfway song songs hiss hisses")

// oddPlace reports something done in, through or on a thing that is no tool or
// place of a kitchen.
func (p *passage) oddPlace() (string, string) {
	if p.negated() || p.hasClass(Person) || p.stative() && p.subject() != nil && p.subject().class == Gauge {
		return "", ""
	}
	for _, ch := range p.c.chunks() {
		head := p.c.t[ch.head].Text
		switch ch.prep {
		case "in", "into", "inside", "through", "under", "on":
		default:
			continue
		}
		if ch.prep == "through" && !p.hasClass(Jar) && (ch.class == Pot || ch.class == Thing) && head != "funnel" && !p.says("strain", "drain", "juice", "jelly", "filter", "towel", "cloth", "funnel", "slicer", "mandoline", "grater", "grinder", "mincer", "mill", "sieve", "strainer", "colander", "food mill") {
			return "puree", "through something"
		}
		if ch.class != Thing && ch.class != Unknown || ch.prep == "through" && len(p.milled(nil)) > 0 {
			continue
		}
		if kitchen[head] || harmlessNouns[head] || ch.prep == "on" && !p.at.Filled {
			continue
		}
		e := p.c.t[ch.head].entry
		if e.Noun() != english.NounArtifact && ch.class != Unknown {
			continue
		}
		if p.at.Filled {
			return "method-mismatch", "an odd place"
		}
		if ch.prep != "on" {
			return "", "an odd place"
		}
	}
	return "", ""
}

// kitchen are tools and places of a kitchen.
var kitchen = set(`garage basement attic closet laundry towel counter table rack board sink stove shelf cellar pantry room air kitchen side row circle book recipe guide chart card instruction sun shade draft draught corner bench tray cooler basket wire mesh filter paper newspaper blanket sack bag drawer box
	patty ball log link container dishwasher house home apron glove spoon fork knife ladle spatula peeler masher whisk tongs lifter jar lid spot place pile heap bunch bundle string knot ring water juice syrup brine bath handle neck shoulder mouth porch garden field patch store market shop lamp light clock watch timer gauge dial weight vent pipe valve window door floor mat mitt canner cooker crock barrel keg tub cup glass mug plate saucer dish rag oven broiler grill pan pot`)

// putAway reports jars that are only labelled and put away, once the process is told.
func (p *passage) putAway() bool {
	return (p.at.Running || p.at.Done) && p.does("store label date shelve") && !p.c.measured(english.Duration) && !p.says("upside", "down", "warm", "oven", "sun", "open", "loose", "unsealed", "without")
}
