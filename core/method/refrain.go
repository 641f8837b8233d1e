package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// What a text says must not be done is not done: "never beat in any cream", "the book says
// not to open the lid while it hisses". That holds only where the denial is whole, and where
// nothing that a procedure asks for is denied: of each act it is one of the two sides that
// harms. What is denied is therefore read as if it were told, and must be what harms.

// leftUndone is why a clause counts for nothing: it says what is not to be done.
const leftUndone = "left out"

// refrains reports a clause that denies, wholly, something that would harm.
func (p *passage) refrains() bool {
	v := p.deniedVerb()
	if v < 0 || p.c.kind != mainClause && p.c.joint != "and" && p.c.joint != "but" && p.word(0) != "whatever" || p.deniedInPart(v) {
		return false
	}
	if a := p.after; a != nil && (a.kind == condition && !p.says("to see", "to know", "to tell", "and see") || a.joint == "until" || a.joint == "unless" || a.joint == "before" && !a.hasAny([]string{"canning", "processing", "it goes in the jar", "they go in the jar", "you can it", "you can them"}) || a.joint == "till" || a.joint == "or" || a.joint == "without") {
		return false // "do not open it until the pin is down"
	}
	if p.after != nil && ((&passage{c: p.after, r: p.r, at: p.at}).takesBack() || (&passage{c: p.after}).contrasts() && p.reported()) {
		return false // "never whisk in flour dry; mix it with water first", "the book says never to, but"
	}
	if p.after != nil && (p.hasClass(Acid) || p.says("lemon", "lime", "vinegar", "acid")) {
		return false // "never double the lemon, halve it"
	}
	if told := (&passage{c: p.denied(v), at: p.at, r: p.r, after: p.after}); told.wouldHarm() {
		return true
	}
	if p.after == nil || p.after.joint != "while" {
		return false
	}
	wide := p.c.onward(v)
	wide.t = wide.all[:p.after.begin+len(p.after.t)-p.c.begin-v]
	wide.all = wide.t
	wide.measure()
	return (&passage{c: wide, at: p.at, r: p.r}).wouldHarm()
}

// wouldHarm reports that the clause would harm if it were done, and is no step that a
// procedure asks for.
func (p *passage) wouldHarm() bool {
	got := p.plainly().read()
	if got.Kind != Serve && p.harms(got.Acts) {
		return true
	}
	if code, _ := p.lastLook(); wrongs[code] || p.jarful() != AsTested {
		return true
	}
	if guarding[p.c.t[0].verb] || got.Kind != Unread && slices.ContainsFunc(got.Acts, func(a Act) bool { return safety[a.Name] != "" }) {
		return false
	}
	switch {
	case got.Kind == Unread:
		return wrongs[got.Code] && (got.Code != "process-short" || p.cutsShort())
	case got.Kind == Doing && p.at.Filled && !p.at.Done && (p.c.measured(english.Duration) && p.does("pull take lift") || p.says("instead")):
		return true
	case got.Kind == Doing && p.hasClass(Jar) && p.says("gallon", "gallons", "half-gallon", "half-gallons", "half gallon"):
		return true
	case got.Kind == Doing && p.puts():
		return p.foreign() && (p.after == nil || p.after.kind == mainClause) && p.onlyPuts()
	}
	return false
}

// deniesSafety reports a clause that denies, wholly, a step of safety or the acid: "it is a
// mistake to soak them", "we never bring it to full pressure". It returns the code.
func (p *passage) deniesSafety() (code, why string) {
	v := p.deniedVerb()
	if v < 0 || p.deniedInPart(v) || p.after != nil && (p.after.kind == condition || p.after.joint == "until" || p.after.joint == "till" || p.after.joint == "before" || p.after.joint == "unless") {
		return "", ""
	}
	told := &passage{c: p.denied(v), at: p.at, r: p.r, after: p.after}
	if !p.at.Filled && told.hasClass(Acid) && (told.puts() || told.does("use")) && !told.says("fresh", "homemade", "home-made", "wine vinegar", "raw", "squeezed", "zest", "peel") {
		return "no-acid-added", "acid that is not to go in"
	}
	for _, a := range told.c.acts(p.at.Closed) {
		if a.frame.Undone {
			continue
		}
		switch a.frame.Act {
		case "come-to-pressure":
			return "pressure-low", "a step denied"
		case "soak", "peel", "vent":
			return safety[a.frame.Act], "a step denied"
		case "discard", "check-seal":
			if told.c.hasAny(inDoubt) || told.says("mouldy", "moldy", "mould", "mold") || a.frame.Act == "check-seal" {
				return "lid", doubtedJar
			}
		}
	}
	switch {
	case p.at.Filled && !p.at.Done && told.does("use put hang set") && told.hasClass(Weight):
		return "pressure-low", "no weight"
	case p.at.Filled && !p.at.Running && !p.at.Done && told.does("let allow leave") && told.says("steam escape", "steam out", "steam flow", "steam to escape", "steam to flow", "steam go", "steam get out"):
		return "vent", "a step denied"
	case p.at.Filled && !p.at.Done && told.does("put set place fit") && told.says("lids on", "the lids"):
		return "lid", "no lids"
	case p.at.Done && told.does("wait") && (told.hasClass(Pressure) || told.says("pressure", "to drop", "to fall")):
		return "cooling", "the pressure is not awaited"
	case p.at.Done && told.does("throw discard") && told.says("mouldy", "moldy", "mould", "mold"):
		return "lid", doubtedJar
	}
	return "", ""
}

// wrongs are the codes of what nobody must do; a code that stands for a step that was left
// out, or for words that were not understood, is none of them.
var wrongs = set("unclear-amount puree thick-sauce thickener dairy fat oven open-kettle cooker-not-canner method-mismatch process-short pressure-low vent cooling lid jar-type jar-size headspace acid-swap acid-short solids-ratio cured-meat starch-solid")

// cutsShort reports words of a time that is cut short: the denial of a whole time is none.
func (p *passage) cutsShort() bool {
	return p.any(shortWords) && !p.says("full time", "whole time", "all the time", "tested time", "full twenty")
}

var shortWords = set("early half off only less short shorter sooner first few one two three minute stop cut skip lost when instead early trim shave hurry hurries rush")

// harmfulActs harm wherever they are done.
var harmfulActs = set("puree mash thicken retighten oven-process cooker-process force-cool invert microwave no-process self-seal wax-seal drop dishwasher-process sun below-boil-hold warm-jar-in-oven vacuum-seal smoke dilute top-up-time")

// harms reports an act that harms wherever it is done.
func (p *passage) harms(acts []Act) bool {
	for _, a := range acts {
		if harmfulActs[a.Name] && !a.Undone {
			return true
		}
	}
	return false
}

// foreign reports that all that goes in is what the recipe does not have, and nothing that a
// procedure may ask for.
func (p *passage) foreign() bool {
	found := false
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.inner || w.isVerb:
		case p.at.named(w.Text), w.class == Acid, w.class == Salt, w.class == Water, w.class == Liquid, w.class == Sugar, w.class == Jar && w.Text != "jar", w.class == Lid, w.class == Canner, w.class == Vague:
			return false
		case w.Text == "lemon" || w.Text == "lime" || w.Text == "vinegar" || w.Text == "acid" || w.Text == "pectin" || w.Text == "liquid":
			return false
		case stuff[w.class] && w.class != Pronoun:
			found = true
		}
	}
	return found
}

// onlyPuts reports that the clause says nothing but what goes in, and how much of it: no word
// of how, and no "the", which would be of something that is there.
func (p *passage) onlyPuts() bool {
	for i := 1; i < len(p.c.t); i++ {
		w := &p.c.t[i]
		switch {
		case w.m != 0 || w.Kind == words.Number || w.inner || w.food != nil || stuff[w.class] || w.class == Pronoun || particles[w.low] || plainly[w.low] || kitchenUnit(w.low) || numbers[w.low]:
		case (w.low == "the" || w.low == "each" || w.low == "every") && (p.word(i+1) == "jar" || p.word(i+1) == "jars" || p.word(i+1) == "pot" || p.word(i+1) == "pan" || p.word(i+1) == "batch"), w.class == Jar || w.class == Pot || w.low == "batch":
		case w.entry.Noun() == english.NounQuantity || w.entry.Noun() == english.NounFood:
		default:
			return false
		}
	}
	return true
}

// plainly are words that say no more of what goes in.
var plainly = set("a an any some of or and nor with in into to at ever more plenty bit little splash dash knob lump handful handfuls couple pinch glug carton tin can cup dash drop piece pieces few other kind kinds good generous small large big on over up")

// takesBack reports a clause by which what was denied is done after all, or in another way:
// "mix it with water first", "but we do", "I always have".
func (p *passage) takesBack() bool {
	if (p.puts() || p.does("lay use let spoon sift ladle")) && !p.negated() && (p.hasClass(Pronoun) || p.says("in", "on top")) && !p.fillsJars() {
		return true
	}
	return p.doesAfterAll()
}

// doesAfterAll reports that the cook does what was denied: "but we do", "I always have".
func (p *passage) doesAfterAll() bool {
	for i := 0; i < len(p.c.t) && i < 4; i++ {
		if w := p.c.t[i].low; w != "i" && w != "we" {
			continue
		}
		next := p.word(i + 1)
		if next == "always" || next == "still" || next == "just" || next == "often" {
			next = next + " " + p.word(i+2)
		}
		if n := i + 1 + strings.Count(next, " "); afterAll[next] && backWords[p.word(n+1)] && !p.names(stuff) {
			return true
		}
	}
	return false
}

// backWords may stand behind it.
var backWords = func() map[string]bool {
	m := set("it so that this these those anyway all every just and but regardless though because as since . , ! for when whenever myself ourselves them too always")
	m[""] = true
	return m
}()

// afterAll is what the cook says who does what was denied.
var afterAll = map[string]bool{"do": true, "did": true, "have": true, "always do": true, "always did": true, "always have": true, "still do": true, "just do": true, "often do": true, "ignore": true, "always ignore": true}

// contrasts reports a clause that begins with "but".
func (p *passage) contrasts() bool {
	return p.c.joint == "but" || p.word(0) == "but" || p.word(0) == "though" || p.word(0) == "yet"
}

// refused and withheld are what is spoken of where something was said not to be done, or not
// to be there.
const refused, withheld = "refused", "withheld"

// reported reports that somebody else says what is denied: "the book says never to".
func (p *passage) reported() bool { return p.does("say tell warn state insist advise") }

// partly are words by which only a part, a manner or a time is denied.
var partly = []string{"just", "only", "all of", "all the", "whole", "every", "both", "enough", "so much", "too", "more", "less", "than", "over", "under", "before", "until", "till", "unless", "except", "but", "without", "yet", "at once", "first", "once", "again", "straight", "cold", "dry", "raw", "hot", "quickly", "either", "always", "if", "when", "below", "above", "past", "beyond", "as", "like", "by hand", "to death", "longer", "fast", "slowly", "sometimes", "often", "yourself", "alone", "here", "else"}

// deniedInPart reports a denial that is not whole: of a measure, a manner, a time, some jars,
// some people.
func (p *passage) deniedInPart(v int) bool {
	rest := &passage{c: p.denied(v), at: p.at, r: p.r}
	if rest.hasClass(Person) || rest.says("for the", "for my", "for his", "for her", "on sundays", "in the first", "in his", "in hers", "in theirs", "any more than") {
		return true
	}
	if rest.says(partly...) && !rest.says("more heat", "more minutes", "over the lid", "over the jars", "once a", "cold water", "cold tap", "hot while", "before processing", "straight in the", "it is hot") {
		return true
	}
	for i := range rest.c.t {
		if w := &rest.c.t[i]; w.Text == "," || negators[w.low] && !rest.ofTheThing(i) || calendar[w.low] || w.name && i > 0 {
			return true
		}
	}
	return false
}

// denied is what the denial is of, from its verb on to where others have their say:
// "whatever my sister says".
func (p *passage) denied(v int) *clause {
	c := p.c.onward(v)
	for i := range c.t {
		if w := c.t[i].low; i > 1 && (w == "whatever" || w == "regardless" || w == "though" || w == "even") {
			for i > 1 && c.t[i-1].Kind == words.Mark {
				i--
			}
			c.t = c.t[:i]
			c.all = c.t
			c.measure()
			break
		}
	}
	return c
}

// reminds returns the word from which on the clause tells what it only leads up to, -1 where it
// does not: "don't forget to", "be sure to", "the secret is to". What stands behind is read as
// well by itself.
func (p *passage) reminds() int {
	for _, lead := range leads {
		n := len(lead)
		if len(p.c.t) <= n {
			continue
		}
		for at := 0; at < 2 && at+n < len(p.c.t); at++ {
			same := true
			for k := range lead {
				same = same && p.word(at+k) == lead[k]
			}
			if w := &p.c.t[min(at+n, len(p.c.t)-1)]; same && w.Kind == words.Word && w.verb != "" && w.low == w.verb {
				return at + n
			}
		}
	}
	return -1
}

// leads are words before what is told to do.
var leads = func() (out [][]string) {
	for _, s := range []string{"don't forget to", "do not forget to", "dont forget to", "never forget to", "remember to", "be sure to", "make sure to", "make sure you", "the secret is to", "the trick is to", "it is best to", "it's best to", "we like to", "i like to", "you can also", "you could also", "you may also", "the thing is to", "the best way is to", "feel free to", "try to", "try and", "go on and", "i tend to", "we tend to", "let us", "let's", "lets", "all you do is", "all i do is", "all we do is", "what i do is", "what we do is", "what you do is", "best to"} {
		out = append(out, strings.Fields(s))
	}
	return out
}()

// deniedVerb returns the word from which on the clause is denied, -1 where it is not, or not
// surely: "never stir in", "we do not", "it is a mistake to", "the book says not to".
func (p *passage) deniedVerb() int {
	t := p.c.t
	for i := range t {
		next := func(k int) int { // the verb denied, at k or behind an adverb
			for k < len(t) && (adverbs[t[k].low] && !t[k].isVerb || t[k].low == "ever") {
				k++
			}
			if k < len(t) && t[k].Kind == words.Word && (t[k].isVerb && !t[k].aux || t[k].verb != "" && t[k].low == t[k].verb && p.r.prefers(t[k].verb)) && !sparing[t[k].verb] && !mindVerbs[t[k].verb] && (t[k].low == t[k].verb || t[i].low == "never") {
				return k
			}
			return -1
		}
		switch w := t[i].low; {
		case w == "never" || w == "don't" || w == "dont" || w == "mustn't" || w == "won't" || w == "shouldn't" || w == "can't" || w == "cannot":
			if i+1 < len(t) && t[i+1].low == "you" && w == "don't" && p.word(i+2) == "dare" {
				return next(i + 3) // "don't you dare"
			}
			if !p.leading(i) {
				return -1
			}
			if w == "never" && p.word(i+1) == "to" {
				return next(i + 2)
			}
			return next(i + 1)
		case w == "not" && i > 0 && (t[i-1].low == "do" || t[i-1].low == "must" || t[i-1].low == "will" || t[i-1].low == "should" || t[i-1].low == "can"):
			if !p.leading(i - 1) {
				return -1
			}
			return next(i + 1)
		case (w == "mistake" || w == "dangerous" || w == "unsafe" || w == "wrong" || w == "foolish" || w == "forbidden" || w == "folly") && p.word(i+1) == "to" && p.says("is", "it's", "would be") && !p.negated():
			return next(i + 2)
		case (w == "not" || w == "never") && p.word(i+1) == "to" && p.does("say tell warn state insist advise") && i > 0:
			return next(i + 2)
		}
	}
	return -1
}

// leading reports whether the negator at i leads the clause, or stands behind the cook alone.
func (p *passage) leading(i int) bool {
	for k := 0; k < i; k++ {
		if !beforeDenial[p.word(k)] && p.c.t[k].Kind != words.Mark {
			return false
		}
	}
	return true
}

// beforeDenial are words that may stand before the denial of a clause.
var beforeDenial = set("i we you and so but please remember just now here also say says book the to whatever do must will should")

// mindVerbs are verbs of the mind: what is denied is the trouble, not the deed.
var mindVerbs = set("bother need worry fuss mind matter know think want like hold care see be have remember understand dream fear seem mean get")

// guarding are the verbs of steps of safety: to deny them harms.
var guarding = set("process vent exhaust can boil heat reheat peel pare skin soak drain trim skim wipe rinse blanch brown scald sterilise sterilize cool wait measure")
