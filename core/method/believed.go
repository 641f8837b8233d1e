package method

import (
	"cmp"
	"strings"

	"damson/core/english"
)

// What is told beside the cooking, and changes it all the same: a wish that is granted, a step
// that nobody does, a food that is not to be feared, what was lost on the way.

// believed returns the doubt of what is told beside the cooking, "" where it changes nothing. What
// was read before stands in out.
func (p *passage) believed(got *Clause, out []Clause) (code, why string) {
	for _, look := range []func() (string, string){p.labelled, p.besideTold} {
		if code, why := look(); why != "" && got.Kind != Unread {
			return code, why
		}
	}
	if code, why := p.stillFalling(got); why != "" {
		return code, why
	}
	if p.at.Method && !p.at.Done && p.third() {
		if code := p.needless(); code != "" {
			return code, "a step that is not needed"
		}
	}
	switch code := p.byNobody(); {
	case code != "":
		return code, "a step that nobody does"
	case len(out) > 0 && p.granted(&out[len(out)-1]):
		return "unknown-ingredient", "a liking that is granted"
	case p.intruder():
		return "unknown-ingredient", "an animal at the jars"
	case p.noLonger(), p.holdsNot(), p.leaks():
		return cmp.Or(p.aboutCode(), "process-short"), "works no more"
	case got.plain, got.Kind == Serve, p.serving, p.third() && !p.ourBatch():
		return "", ""
	case p.unafraid():
		return cmp.Or(p.aboutCode(), "unknown-ingredient"), "a food not to be feared"
	case p.included():
		return "unknown-ingredient", "a food that is part of it"
	}
	return p.gone()
}

// gone returns the doubt of what is used up, kept back or made to fit.
func (p *passage) gone() (code, why string) {
	switch {
	case p.isLess():
		return "unclear-amount", "less than the recipe has"
	case p.byForce():
		return "puree", "crushed to fit"
	case p.keptForJars():
		return "fat", "fat kept for the jars"
	case p.scrapesCob():
		return "puree", "the milk of the cob"
	case p.noLids():
		return "lid", "no lids"
	case p.shelved():
		return "process-short", "shelved without a process"
	}
	return "", ""
}

// byNobody returns the doubt of a step that nobody does: "nobody bothers with the bath". What
// nobody should do to a canner is left out of it.
func (p *passage) byNobody() string {
	if !p.says("nobody", "no one", "no-one", "none of us", "none of my", "none of our", "none of the", "not one of us",
		"not one of my", "not a soul", "hardly anyone", "hardly anybody") || p.at.Done && !p.at.UnderPressure {
		return ""
	}
	if p.does(bestLeft) {
		return ""
	}
	if code, _ := p.stepNamed(); code != "" {
		return code
	}
	if p.hasClass(Canner) || p.hasClass(Lid) || p.hasClass(Band) || p.hasClass(Rim) || p.hasClass(Acid) ||
		p.hasClass(Weight) || p.hasClass(Gauge) || p.hasClass(Pressure) || p.hasClass(Steam) ||
		p.says("bath", "steam", "lemon", "zero", "vent", "headspace") {
		return cmp.Or(p.aboutCode(), "process-short")
	}
	return ""
}

// bestLeft are verbs of what nobody should do to a canner, or does to nobody's harm.
const bestLeft = "touch move open lift shake peek fiddle knock bump tighten retighten force hurry rush tell know " +
	"mind go lean sit come eat taste complain like love hate"

// granted reports that what was told before as others' liking is put in after all: "my husband
// eats them with butter so I put it in", "he wants cream, and he gets it".
func (p *passage) granted(before *Clause) bool {
	if !p.at.Method || p.at.Done || p.before == nil || before.Kind != Talk && before.Kind != Serve || p.negated() ||
		p.c.kind == condition {
		return false
	}
	told := &passage{c: p.before, at: p.at, r: p.r}
	if told.negated() || !told.namesFood() && !told.names(stuff) && !told.says("thick", "thicker", "creamy", "mashed",
		"smooth", "rich") {
		return false
	}
	if told.does(kitchenWork) && told.onlyOwn() && !told.does("love like want crave prefer beg ask") {
		return false // "the children washed the berries and we put them in the pot"
	}
	if p.says(hasHisWay...) {
		return told.third()
	}
	return p.does("put add stir throw tip pour drop toss sneak mix fold") && p.says("it in", "some in", "that in",
		"them in", "add it", "add some", "add that", "add them", "put it", "put some", "do it too", "stir it", "stir some")
}

// kitchenWork is what helpers do to the food.
const kitchenWork = "wash peel pick snap shell cut stem hull sort clean pit core husk shuck trim slice chop scrub"

// onlyOwn reports whether the foods that the clause names are the recipe's own, by their names or by the end of
// one: "the berries", of strawberries.
func (p *passage) onlyOwn() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if named := w.food != nil || stuff[w.class]; w.inner || !named || p.ofClass(i, "own") {
			continue
		}
		kind := false
		for name := range p.at.everyName() {
			kind = kind || len(w.Text) > 3 && strings.HasSuffix(name, w.Text)
		}
		if !kind {
			return false
		}
	}
	return true
}

// hasHisWay are words of a wish that comes true.
var hasHisWay = []string{
	"gets it", "gets some", "gets that", "gets them", "get it", "get some", "got it", "got some",
	"got his way", "got her way", "gets his way", "gets her way", "get their way", "gave in", "give in",
	"oblige", "what he gets", "what she gets", "what they get", "in it goes", "in they go",
}

// unafraid reports a food that is put in and not to be feared: "do not be scared of the cream".
// A food of the recipe may well be one.
func (p *passage) unafraid() bool {
	if !p.at.Method || p.at.Filled || !p.negated() {
		return false
	}
	if !p.does("fear dread mind") && !p.says("scared of", "afraid of", "frightened of", "nervous about", "nervous of",
		"shy of", "shy with", "shy about", "worry about", "worry over", "fret about", "put off by") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; (w.food != nil || stuff[w.class]) && !p.own(i) && w.class != Pronoun && w.class != Liquid &&
			w.class != Foam && w.class != Part {
			return true
		}
	}
	return false
}

// isLess reports that there was less of something than the recipe has: "there is only half
// left", "I got on fine with half".
func (p *passage) isLess() bool {
	if !p.at.Method || p.at.Done || p.negated() || p.hasClass(Sugar) || p.hasClass(Salt) || p.c.kind == moment {
		return false
	}
	if p.says("was out of", "were out of", "am out of", "ran out of", "run out of", "ran short of", "run short of",
		"were short of", "was short of", "gave out", "ran out", "ran short") {
		return p.hasClass(Acid) || p.namesFood() || p.says("lemon", "vinegar")
	}
	if p.says("got on", "get on", "managed", "manage", "made do", "make do", "got by", "get by", "did fine",
		"does fine", "do fine") {
		return p.says("with half", "with less", "with none", "with a third", "with a quarter", "with half of it",
			"with what was left", "with what i had", "with fewer")
	}
	if p.word(0) != "there" && p.word(0) != "so" && p.c.joint != "so" || !p.says("there is", "there was", "there's") {
		return false
	}
	switch p.word(p.lastWord()) {
	case "half", "less", "none", "left":
		return p.says("half", "less", "none", "only", "little", "not much") && len(p.c.t) <= 6
	}
	return false
}

// byForce reports food that is worked to a mass to get more of it in: "by crushing I get more in".
func (p *passage) byForce() bool {
	if !p.at.Method || p.at.Done || p.negated() || p.says("garlic", "ginger", "spice", "spices", "ice") {
		return false
	}
	return p.says("by crushing", "by mashing", "by squashing", "by smashing", "by squeezing them", "by pounding",
		"by blending", "by pureeing") &&
		p.says("tight", "more in", "in the jar", "into the jar", "fit", "in tight", "pack", "get them in", "get it in")
}

// keptForJars reports fat that is taken off and kept for the jars: "trim off the fat and save it for
// the top of each jar".
func (p *passage) keptForJars() bool {
	if !p.at.Method || p.at.Done || p.negated() || !p.does("save keep reserve hold set put") || !p.hasClass(Jar) &&
		!p.hasClass(FullJar) {
		return false
	}
	fat := p.hasClass(Fat) || p.before != nil && p.hasClass(Pronoun) && (&passage{c: p.before, at: p.at,
		r: p.r}).hasClass(Fat)
	return fat && p.says("for the jar", "for the jars", "for each jar", "for every jar", "for the top", "for the tops",
		"on top of each", "on each jar", "to each jar")
}

// intruder reports an animal in open jars: "the cat got into the jars".
func (p *passage) intruder() bool {
	if !p.at.Filled || p.at.Done || p.negated() || !p.third() || !p.says("in", "into", "over", "on", "at") ||
		p.says("back", "look", "looked", "smell", "smells") {
		return false
	}
	s := p.subject()
	if s == nil || s.class != Animal && !beasts[s.low] {
		return false
	}
	return p.hasClass(Jar) || p.hasClass(FullJar) || p.says("in one", "into one", "in two", "into some", "in some")
}

var beasts = set("cat dog mouse rat wasp fly flies bee ant ants bird hen beetle moth kitten puppy goat")

// noLonger reports a part of the canner or of a jar's closing that does its work no more: "the
// lid no longer locks".
func (p *passage) noLonger() bool {
	return p.at.Method && !p.at.Done && p.says("no longer") && (p.hasClass(Canner) || p.hasClass(Lid) ||
		p.hasClass(Gauge) || p.hasClass(Weight) || p.hasClass(Rack) || p.says("gasket", "clamp", "clamps", "handle")) &&
		p.does("lock hold close seal shut fit grip work read move seat catch turn")
}

// holdsNot reports a part that does not do its work, behind the part that is meant: "need a bigger
// weight, this one does not hold".
func (p *passage) holdsNot() bool {
	if !p.at.Method || p.at.Done || p.before == nil || !p.any(negators) || len(p.c.t) > 7 ||
		!p.does("hold work fit seal close lock read seat grip shut") {
		return false
	}
	part := &passage{c: p.before, at: p.at, r: p.r}
	return p.says("this one", "the old one", "the one i have", "mine", "it") && (part.hasClass(Weight) ||
		part.hasClass(Gauge) || part.hasClass(Canner) || part.says("gasket", "clamp", "canner lid"))
}

// leaks reports steam that goes where it should not: "the canner hisses all round the lid".
func (p *passage) leaks() bool {
	return p.at.Filled && !p.at.Done && !p.any(negators) && p.c.kind != condition && p.c.kind != moment &&
		p.does("hiss leak seep escape spit weep blow whistle") &&
		p.says("round the lid", "around the lid", "from the lid", "under the lid", "at the lid", "the gasket",
			"round the rim", "around the rim", "at the seam", "from the side", "at the side")
}

// needless returns the doubt of a step that is said not to be needed, by whatever: "whoever has
// beans in the cellar needs no canner".
func (p *passage) needless() string {
	for i := 0; i+1 < len(p.c.t); i++ {
		switch p.word(i) {
		case "need", "needs", "want", "wants", "require", "requires", "take", "takes", "ask", "asks":
		default:
			continue
		}
		k := i + 1
		if p.word(k) == "for" {
			k++
		}
		if p.word(k) != "no" {
			continue
		}
		for n := k + 1; n < min(k+4, len(p.c.t)); n++ {
			switch w := &p.c.t[n]; {
			case w.class == Canner && (p.word(n+1) == "full" || p.word(n+1) == "of"):
			case w.class == Canner, w.class == Pressure, safeguards[w.low]:
				return cmp.Or(p.aboutCode(), "process-short")
			case w.class == Acid, w.low == "lemon", w.low == "vinegar":
				return "no-acid-added"
			}
		}
	}
	return ""
}

// safeguards are words of what keeps a jar from harm.
var safeguards = set("processing canner bath venting vent")

// included reports a food that the recipe does not list and that is part of it all the same:
// "chips included".
func (p *passage) included() bool {
	if !p.at.Method || p.at.Filled || p.negated() || p.hasClass(Fat) || !p.says("included", "and all") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; (w.food != nil || w.entry.Noun() == english.NounFood) && !p.own(i) &&
			(p.word(i+1) == "included" || p.word(i+1) == "and" && p.word(i+2) == "all") {
			return true
		}
	}
	return false
}

// scrapesCob reports the milk of the cob, that makes corn cream style: "scraped the cobs too".
func (p *passage) scrapesCob() bool {
	if !p.at.Method || p.at.Done || p.negated() || p.says("no scraping", "without scraping") {
		return false
	}
	if p.does("scrape") && p.says("cob", "cobs", "milk out", "milk from") {
		return true
	}
	return p.says("cream style this time", "creamed this time", "scrapings go", "scrapings in", "add the scrapings",
		"scrapings too")
}

// shelved reports closed jars that are put away before they were processed: "lids on and straight to
// the shelf".
func (p *passage) shelved() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.c.kind != condition && p.c.kind != moment &&
		p.says("to the shelf", "onto the shelf", "to the pantry", "into the pantry", "to the cellar",
			"into the cellar", "into the cupboard", "to the cupboard")
}

// noLids reports jars that get no lids: "no lids", "rims, no lids".
func (p *passage) noLids() bool {
	if !p.at.Filled || p.at.Done {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; i > 0 && (p.word(i-1) == "no" || p.word(i-1) == "without") && w.class == Lid &&
			(w.Raw == "lids" || w.Raw == "caps") && i == p.lastWord() {
			return true
		}
	}
	return false
}
