package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// plainly is a turn of phrase that is known to harm nothing where it stands. Each asks for
// everything in the clause, so that another word in it takes it out.
type plainly struct {
	kind ClauseKind
	why  string
	is   func(*passage) bool
}

var plainTurns = []plainly{
	{Doing, "its own food", (*passage).ownFood},
	{Talk, "not missed", (*passage).notMissed},
	{Doing, "the time starts over", (*passage).startsOver},
	{Doing, "into the refrigerator", (*passage).keptCold},
	{Talk, "dirt", (*passage).dirty},
	{Talk, "the weather", (*passage).weather},
	{Doing, "bottled juice", (*passage).fromBottle},
	{Doing, "vinegar of strength", (*passage).strongEnough},
	{Talk, "names of what is grown", (*passage).grown},
	{Doing, "until the next step", (*passage).untilNext},
	{Doing, "the weight rocks", (*passage).weightRocks},
	{Talk, "why it is so", (*passage).whyItIs},
	{Talk, "it swells", (*passage).swellsUp},
	{Doing, "salt by taste", (*passage).saltByTaste},
	{Talk, "a warning", (*passage).dare},
	{Talk, "a pastime", (*passage).pastime},
	{Doing, "the needle falls", (*passage).needleFalls},
	{Doing, "the clock starts at the boil", (*passage).clockAtBoil},
	{Doing, "the jars in a row", (*passage).jarsInRow},
	{Talk, "how it cuts", (*passage).cutsWell},
	{Doing, "it softens", (*passage).softensAlone},
	{Talk, "how high", (*passage).howHigh},
	{Doing, "the steam shows", (*passage).steamShows},
	{Talk, "a chair", (*passage).sitsDown},
	{Doing, "onto the shelf", (*passage).shelved},
	{Doing, "the clock", (*passage).looksAtClock},
	{Doing, "the heat is off", (*passage).restsOff},
	{Doing, "water to the line", (*passage).toTheLine},
	{Talk, "it sets", (*passage).setsCold},
	{Doing, "opened away from the face", (*passage).opensAway},
	{Serve, "at the table", (*passage).tableTalk},
	{Serve, "made into a dish", (*passage).forDish},
}

// plain returns the turn that the clause is.
func (p *passage) plain() (ClauseKind, string) {
	if !p.at.Method && !p.at.Done {
		return "", ""
	}
	for _, t := range plainTurns {
		if t.is(p) {
			return t.kind, t.why
		}
	}
	return "", ""
}

// only reports whether every word of the clause is a mark, a small word, an adverb, or one
// of those given.
func (p *passage) only(allowed func(i int, w *token) bool) bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.Kind == words.Mark || closed[w.low] && !negators[w.low] || adverbs[w.low] || allowed(i, w) {
			continue
		}
		return false
	}
	return true
}

// ownFood reports "use fresh beans, the crisp sort": the recipe's own food, and words that
// only praise it.
func (p *passage) ownFood() bool {
	if p.at.Filled || p.negated() || !p.has(set("use choose pick take buy get select want")) || len(p.c.m) > 0 || p.c.hasNumber() || p.third() {
		return false
	}
	own := false
	return p.only(func(i int, w *token) bool {
		switch {
		case formOf[w.low] != "" || changers[w.low] || strange[w.low] || w.class == Vague || w.name:
			return false
		case w.food != nil || w.class == Food:
			own = own || p.at.Names[w.Text]
			return p.at.Names[w.Text] || quality[w.low] // "waxy potatoes"
		case w.isVerb:
			return p.c.t[i].verb == "use" || len(p.c.verbIndexes()) == 1
		}
		return quality[w.low] || w.class == "" && (w.low == "sort" || w.low == "kind" || w.low == "market" || w.low == "vine")
	}) && own
}

// quality are words that praise a food and change nothing that a procedure asks for.
var quality = set("fresh young tender crisp ripe firm sound good best nice sweet small medium large plump straight local unblemished perfect dry clean healthy bright smooth even-sized home-grown homegrown waxy crunchy juicy fragrant sun-ripe vine-ripe")

// notMissed reports what the cook does without and says so: "I do not miss it".
func (p *passage) notMissed() bool {
	return p.negated() && p.says("miss it", "miss them", "miss that", "missed it", "missed them", "regret it") && len(p.c.t) <= 7 && !p.namesFood() && !p.c.hasNumber()
}

// startsOver reports pressure that drops, where the sentence starts the time over.
func (p *passage) startsOver() bool {
	return p.c.kind == condition && p.hasClass(Pressure) && p.has(set("drop fall sink go slip")) && p.c.unit().hasAny([]string{"start over", "starts over", "start again", "starts again", "whole time over", "whole time again", "from the start", "from the beginning", "from zero", "all over again", "start the time over", "start the clock over", "start counting over"})
}

// keptCold reports one jar that is not sealed and is kept cold.
func (p *passage) keptCold() bool {
	if !p.at.Done || p.negated() || !p.says("in the fridge", "in the refrigerator", "in the icebox", "to the fridge", "into the fridge", "into the refrigerator") || p.says("hot", "steaming", "straight", "all", "every", "them", "they") {
		return false
	}
	w := p.word(0)
	return w == "one" || w == "any" || w == "a" && p.says("jar that", "lid that") || p.says("half jar", "half-full jar", "last jar", "part jar", "left over", "unsealed")
}

// dirty reports "there is mud in the ribs".
func (p *passage) dirty() bool {
	if p.word(0) != "there" && p.word(0) != "there's" || p.at.Filled {
		return false
	}
	found := false
	return p.only(func(i int, w *token) bool {
		found = found || dirt[w.Text]
		return dirt[w.Text] || w.isVerb && w.aux || w.low == "there's" || w.food == nil && w.class != Vague && w.class != Unknown && w.class != Fat && w.m == 0 && englishNoun(w)
	}) && found
}

// englishNoun reports a noun of everyday English that is no food.
func englishNoun(w *token) bool {
	return w.known && w.entry.Noun() != 0 && w.entry.Noun() != english.NounFood
}

// weather reports "it rained all week".
func (p *passage) weather() bool {
	return p.word(0) == "it" && p.has(set("rain snow hail thunder drizzle pour")) && p.only(func(_ int, w *token) bool {
		return w.isVerb && w.verb != "pour" || w.entry.Noun() == english.NounTime || w.low == "pouring" || w.low == "rain" || w.low == "buckets"
	})
}

var dirt = set("sand mud grit dirt soil earth clay bug worm beetle slug snail earwig muck")

// fromBottle reports juice that has to come out of a bottle.
func (p *passage) fromBottle() bool {
	return !p.at.Closed && !p.negated() && (p.hasClass(Acid) || p.says("lemon", "lime")) && p.says("from a bottle", "from the bottle", "out of a bottle", "bottled") && p.says("must", "should", "has to", "have to", "needs to", "only", "always") && !p.says("fresh", "half", "or", "unless", "if", "but") && !p.c.hasNumber() && len(p.c.t) <= 12
}

// strongEnough reports a vinegar of five percent or more, said to be used.
func (p *passage) strongEnough() bool {
	if p.at.Closed || p.negated() || !p.hasClass(Acid) || !p.says("vinegar") || p.says("about", "nearly", "almost", "or", "around", "under", "below", "less", "half", "mixed", "cut", "part") {
		return false
	}
	enough := false
	for _, m := range p.c.m {
		if m.Kind != english.Percent || m.Min < 5 || m.Max > 10 {
			return false
		}
		enough = true
	}
	return enough && p.only(func(_ int, w *token) bool {
		return w.m != 0 || w.class == Acid || w.isVerb && (w.verb == "use" || w.verb == "say" || w.verb == "read" || w.verb == "be" || w.verb == "buy" || w.verb == "take") || w.low == "label" || w.low == "bottle" || w.low == "acid" || w.low == "acidity" || w.low == "white" || w.low == "percent" || w.class == Label || w.class == Jar
	})
}

// grown reports what is grown by names that are nobody's food: "we grow Rutgers".
func (p *passage) grown() bool {
	if p.at.Filled || p.negated() || !p.has(set("grow plant raise")) || len(p.c.verbIndexes()) != 1 {
		return false
	}
	named := false
	return p.only(func(_ int, w *token) bool {
		named = named || w.name && w.class == ""
		return w.isVerb || w.name && w.class == "" && w.food == nil
	}) && named
}

// untilNext reports an end that is the next step: "until you pack it".
func (p *passage) untilNext() bool {
	return p.c.kind == result && !p.at.Closed && p.has(set("pack fill need use jar")) && len(p.c.verbIndexes()) == 1 && p.only(func(_ int, w *token) bool {
		return w.isVerb || w.class == Pronoun || w.class == Jar
	})
}

// weightRocks reports the weight doing what it should.
func (p *passage) weightRocks() bool {
	return p.at.Closed && !p.at.Done && !p.negated() && p.hasClass(Weight) && p.has(set("rock jiggle sway dance")) && !p.c.hasNumber() && p.only(func(_ int, w *token) bool {
		return w.class == Weight || w.isVerb && (w.verb == "rock" || w.verb == "jiggle" || w.verb == "sway" || w.verb == "dance")
	})
}

// whyItIs reports "it is what makes it set".
func (p *passage) whyItIs() bool {
	return p.says("it is what makes", "that is what makes", "that's what makes", "it's what makes") && !p.namesFood() && len(p.c.t) <= 8 && !p.c.hasNumber()
}

// swellsUp reports food that doubles by itself: "they double in the night".
func (p *passage) swellsUp() bool {
	s := p.subject()
	if p.at.Filled || s == nil || s.low != "they" && s.class != Pulse || !p.has(set("double swell triple")) || len(p.c.verbIndexes()) != 1 {
		return false
	}
	for _, ch := range p.c.chunks() {
		if ch.prep == "" && &p.c.t[ch.head] != s {
			return false // "they double the salt"
		}
	}
	return true
}

// saltByTaste reports salt or spice that is as anyone likes.
func (p *passage) saltByTaste() bool {
	s := p.subject()
	return s != nil && (s.class == Salt || s.class == Seasoning) && len(p.c.t) <= 7 && p.says("as you like", "to taste", "as you please", "up to you", "for the taste", "only for taste", "for taste") && !p.c.hasNumber()
}

// pastime reports "put on some music".
func (p *passage) pastime() bool {
	return p.says("music", "the radio", "a record", "the television", "the news", "a film", "the ball game") && p.has(set("put turn have play hear listen watch switch")) && !p.namesFood() && !p.hasClass(Pronoun) && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Canner) && !p.hasClass(Clock) && !p.hasClass(Burner) && !p.c.hasNumber() && len(p.c.m) == 0
}

// needleFalls reports the pressure that goes down once the process is over.
func (p *passage) needleFalls() bool {
	s := p.subject()
	return p.at.Done && !p.negated() && s != nil && (s.class == Gauge || s.class == Pressure) && p.has(set("fall drop sink")) && len(p.c.verbIndexes()) == 1 && len(p.c.t) <= 4 && !p.c.hasNumber()
}

// clockAtBoil reports "the clock starts at a proper boil".
func (p *passage) clockAtBoil() bool {
	return p.at.Closed && !p.at.Done && !p.negated() && p.hasClass(Clock) && p.has(set("start begin")) && p.says("full boil", "proper boil", "rolling boil", "real boil", "hard boil") && !p.c.hasNumber() && len(p.c.t) <= 9 && !p.says("before", "near", "almost", "under")
}

// jarsInRow reports "I line the jars up".
func (p *passage) jarsInRow() bool {
	return !p.at.Closed && !p.negated() && p.has(set("line set stand")) && len(p.c.verbIndexes()) == 1 && p.says("up", "in a row", "out") && p.only(func(_ int, w *token) bool {
		return w.isVerb || w.class == Jar || w.class == Pronoun && w.low == "them" || w.low == "row"
	}) && p.hasClass(Jar)
}

// cutsWell reports "it cuts cleaner".
func (p *passage) cutsWell() bool {
	s := p.subject()
	return !p.at.Filled && !p.negated() && s != nil && (s.low == "it" || s.low == "they") && p.has(set("cut slice peel")) && p.says("cleaner", "easier", "better", "neater", "cleanly", "nicely") && len(p.c.t) <= 5
}

// dare reports "don't you dare tighten them", of no step of safety.
func (p *passage) dare() bool {
	return p.says("don't you dare", "do not dare", "don't dare", "dont you dare", "dont dare", "never dare") && !p.has(bothers) && !p.has(set("wipe rinse wash acidify exhaust add")) && !p.c.hasNumber()
}

// softensAlone reports food that goes soft by itself: "these you don't crush, they soften
// alone".
func (p *passage) softensAlone() bool {
	s := p.subject()
	return !p.at.Filled && !p.negated() && s != nil && (s.low == "they" || s.low == "it" || s.low == "these" || s.class == Food) && p.has(set("soften wilt melt collapse")) && len(p.c.verbIndexes()) == 1 && p.says("alone", "by themselves", "by itself", "on their own", "of themselves") && !p.c.hasNumber()
}

// howHigh reports the height of the kitchen as a reason: "because we are so high, five
// thousand and one hundred".
func (p *passage) howHigh() bool {
	if p.c.kind != reason && p.c.joint != "because" && p.c.joint != "since" || !p.says("high", "up here", "so far up") || len(p.c.verbIndexes()) != 1 || p.hasClass(Clock) {
		return false
	}
	for i := range p.c.t {
		if p.c.nums[i] > 0 {
			v, _ := english.Number(p.c.raw, i)
			return v >= 500 && len(p.c.t) <= 14
		}
	}
	return len(p.c.t) <= 14
}

// steamShows reports the steam that is waited for, and how it has to come.
func (p *passage) steamShows() bool {
	return p.at.Filled && !p.at.Done && !p.negated() && p.hasClass(Steam) && !p.c.hasNumber() && len(p.c.m) == 0 && p.only(func(_ int, w *token) bool {
		return w.class == Steam || w.isVerb && shows[w.verb] || streaming[w.low] || w.low == "till" || w.class == Canner || w.low == "vent" || w.low == "pipe"
	})
}

var (
	shows     = set("see come show pour stream issue blow go escape flow rise run appear shoot push")
	streaming = set("steady stream column plume jet full strong cloud constant solid freely funnel")
)

// sitsDown reports "set a chair by the stove".
func (p *passage) sitsDown() bool {
	return p.says("chair", "stool", "armchair") && p.has(set("set pull bring fetch get draw put")) && !p.namesFood() && !p.hasClass(Pronoun) && !p.hasClass(Jar) && !p.hasClass(FullJar) && !p.hasClass(Canner) && !p.c.hasNumber()
}

// shelved reports jars that are put where they are kept.
func (p *passage) shelved() bool {
	return p.at.Done && p.after == nil && !p.negated() && p.has(set("put set stand carry line keep store take")) && len(p.c.verbIndexes()) == 1 && !p.says("hot", "warm", "straight", "still", "at once") && p.says("shelf", "shelves", "pantry", "cellar", "cupboard", "larder") && p.only(func(_ int, w *token) bool {
		return w.isVerb || w.class == Pronoun || w.class == FullJar || w.class == Jar || w.class == Place || w.low == "shelf" || w.low == "shelves" || w.low == "cellar" || w.low == "dark" || w.low == "cool" || w.low == "dry"
	})
}

// looksAtClock reports "only then look at the clock".
func (p *passage) looksAtClock() bool {
	return p.at.Closed && !p.at.Done && !p.negated() && p.hasClass(Clock) && p.has(set("look watch mind check")) && len(p.c.verbIndexes()) == 1 && !p.c.hasNumber() && len(p.c.t) <= 9
}

// restsOff reports jars that rest in the canner, the heat off, for a few minutes.
func (p *passage) restsOff() bool {
	if !p.at.Done || p.negated() || !p.says("fire out", "fire off", "heat off", "flame off", "flame out", "gas off", "burner off", "stove off") || !p.has(set("sit stand rest wait leave let stay")) || p.namesFood() {
		return false
	}
	for _, m := range p.c.m {
		if m.Kind != english.Duration || m.Max > 15 {
			return false
		}
	}
	return len(p.c.m) > 0 && !p.any(colds)
}

// toTheLine reports the water of a pressure canner: "hot water in the bottom, to the line".
func (p *passage) toTheLine() bool {
	return p.at.Filled && !p.at.Done && !hasVerb(p.c.t) && p.says("water") && p.says("to the line", "to the mark", "up to the mark", "up to the line") && p.says("in the bottom", "in the canner", "in first")
}

// setsCold reports a spread that sets by itself.
func (p *passage) setsCold() bool {
	return p.at.Done && !p.negated() && p.word(0) == "it" && p.has(set("thicken set gel jell firm")) && len(p.c.verbIndexes()) == 1 && len(p.c.t) <= 5
}

// opensAway reports a canner that is opened away from the face, its lock down.
func (p *passage) opensAway() bool {
	return p.at.Done && !p.negated() && p.has(set("open unlock lift tip tilt raise")) && p.c.unit().hasAny([]string{"away from you", "away from your face", "away from me", "from your face"}) && !p.any(early) && !p.namesFood() && len(p.c.m) == 0
}

// forDish reports the jar's food being made into something: "shred it for tacos", "rinse
// them and they are ready for salad".
func (p *passage) forDish() bool {
	if !p.at.Done || p.negated() || p.hasClass(Jar) || p.hasClass(FullJar) || p.hasClass(Canner) || p.hasClass(Lid) || p.says("forgot", "first", "before") || len(p.c.m) > 0 || p.c.hasNumber() {
		return false
	}
	taken := p.has(set("shred mash fry rinse drain toss slice chop spread bake roast"))
	laid := p.has(set("set serve put lay heap pile have")) && p.says("for christmas", "for easter", "on sunday", "at christmas", "for supper", "for company")
	for _, ch := range p.c.chunks() {
		w := &p.c.t[ch.head]
		if ch.head == 0 || w.entry.Noun() != english.NounFood && w.food == nil || ch.end-ch.start > 2 || p.word(ch.start) == "each" || p.word(ch.start) == "every" {
			continue
		}
		if ch.prep == "for" && (taken || !hasVerb(p.c.t) || p.says("ready for", "good for", "fine for")) || ch.prep == "on" && laid {
			return true
		}
	}
	return false
}

// tableTalk reports what is eaten with it, once the jars are done, in a sentence that puts
// nothing in them.
func (p *passage) tableTalk() bool {
	if !p.at.Done || p.hasClass(Canner) || p.hasClass(Lid) || p.hasClass(Vague) || p.says("forgot", "goes in", "go in", "went in", "in each jar", "in the jar", "into the jar", "in every", "before", "first") || len(p.c.m) > 0 {
		return false
	}
	switch {
	case !hasVerb(p.c.t) && len(p.c.t) <= 5 && p.says("pie", "soup", "stew", "salad", "supper", "crumble", "casserole") && p.says("january", "february", "december", "november", "march", "winter", "sunday", "christmas", "easter"):
		return true // "Pot pie in January."
	case p.word(0) == "for" && p.says("'s pie", "pie", "stew", "soup", "chili", "curry", "supper", "company", "sandwiches", "salad", "tacos", "noodles", "gravy", "hash") && p.has(set("thicken stir add mix fry brown toss put simmer cook mash")) && (p.says("i'd", "he'd", "she'd", "we'd", "they'd", "you'd", "would") || p.oneself()):
		return true // "For shepherd's pie he'd thicken the juices with flour"
	case p.word(0) == "with" && !hasVerb(p.c.t) && p.namesFood() && slices.ContainsFunc(p.c.t, func(w token) bool { return w.entry.Noun() == english.NounTime }):
		return true // "With custard, on a Sunday."
	case p.says("a supper", "a meal", "a dinner", "a lunch", "a breakfast", "a feast", "a treat") && p.has(set("be make")):
		return true
	case p.says("in winter", "in january", "in february", "in december") && p.has(set("make")) && p.namesFood() && p.subject() != nil:
		return true
	case p.says("jar of it", "jar of them", "a jar of these") && p.says("with") && p.namesFood():
		return true
	case p.has(set("have eat serve try")) && p.says("it with", "them with", "these with", "one with") && p.namesFood():
		return true
	}
	return false
}
