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
	of := p.headThing().class
	return !listed(nature[of], v.verb) && (of == Lid || !p.stated()) && !p.saidOfBoil()
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

// headThing is the first thing of the clause, before any verb or mark; nil where there is none.
func (p *passage) headThing() *token {
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.inner, w.class == "" && !w.isVerb && w.Kind == words.Word, w.class == Pronoun && i+1 < len(p.c.t) && !p.c.t[i+1].isVerb:
		case w.class == "":
			return nil
		default:
			return w
		}
	}
	return nil
}

// heads reports whether the first thing of the clause is of one of the classes.
func (p *passage) heads(classes ...Class) bool {
	w := p.headThing()
	return w != nil && slices.Contains(classes, w.class)
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
