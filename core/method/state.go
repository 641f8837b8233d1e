package method

import (
	"strings"

	"damson/core/english"
)

// What a clause says of the food as it comes: wild, dried, from a tin, past its best. The tested
// food is fresh and sound; another is another product, or asked about (common practice, no
// source; USDA Complete Guide 2015, guide 1, has it fresh and of high quality).

// badState reports food that comes otherwise than fresh and sound, told of by a pronoun or by
// its name: "ours are wild", "I use the dried ones", "they come from a tin".
func (p *passage) badState() (code, why string) {
	before := p.at.Method && !p.at.Filled && !p.at.Done && !p.serving
	if !before || p.negated() || p.c.kind == condition || p.c.joint == "or" || p.notTaken() {
		return "", ""
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if w.m != 0 || p.at.named(w.Text) || p.at.named(w.low) {
			continue
		}
		if p.comesAs(i) {
			return stateCode(w.low), "not fresh and sound"
		}
	}
	switch {
	case p.strangeState(), p.foodSubject() >= 0 && p.does("smell taste look") && p.any(badSmells), p.ofFood() && p.says(pastIt...), p.ofFood() && p.says("last year's") && !p.says("since", "seed", "seeds"):
		return "substitution", "not fresh and sound"
	}
	return "", ""
}

// notTaken reports what is said of something else than the food that goes in.
func (p *passage) notTaken() bool { return p.notUsed() || p.ofAcid() || p.ofAvoided() }

// ofAvoided reports what is said of food that was just told not to be taken: "avoid large beets; they
// are often fibrous".
func (p *passage) ofAvoided() bool {
	if p.says("fibrous", "woody", "stringy") && p.says("often", "usually", "sometimes", "tend to") &&
		!p.any(otherwise) && !p.any(decay) {
		return true // too old for the jar
	}
	return p.before != nil && (p.word(0) == "they" || p.word(0) == "these") &&
		p.before.hasAny([]string{"avoid", "discard", "do not use", "don't use", "reject", "throw out", "never use"})
}

// ofAcid reports a clause about juice or vinegar, which come bottled.
func (p *passage) ofAcid() bool {
	return p.hasClass(Acid) || p.says("juice", "vinegar", "lemon", "lime")
}

// comesAs reports whether the word, where it stands, says that the food is not the fresh one.
func (p *passage) comesAs(i int) bool {
	w := &p.c.t[i]
	switch {
	case decay[w.low]:
		return p.ofFood()
	case otherwise[w.low]:
		return p.ofOnes(i) || p.predicate(i) || p.foodSubject() >= 0
	case softened[w.low] && (p.ofOnes(i) || p.predicate(i) && p.past() && p.word(i+1) != "in"):
		return true
	case p.word(i+1) == "ones":
		return i > 0 && strangeOnes(w)
	case w.low == "from", w.low == "out", w.low == "in" && p.foodSubject() >= 0:
		return p.ofFood() && p.keeper(i)
	}
	return false
}

func stateCode(state string) string {
	if state == "wild" || state == "foraged" {
		return "not-recommended-food"
	}
	return "substitution"
}

// strangeOnes reports a word before "ones" that is a participle or an adjective and no harmless
// state: "the shrivelled ones".
func strangeOnes(w *token) bool {
	if harmlessState(w.low) || leading[w.low] || w.aux || w.m != 0 || w.food != nil {
		return false
	}
	participle := w.verb != "" && w.low != w.verb && !strings.HasSuffix(w.low, "s")
	return participle || w.entry.Adjective() && !w.entry.Adverb() && !pointing[w.low]
}

// strangeState reports a clause that says of the food, by a pronoun, how it was, in words of
// which one is no harmless state: "they had been stewed already", "these sat in the sun all day".
func (p *passage) strangeState() bool {
	start := p.foodSubject()
	if start < 0 || p.says("should", "will", "would", "must", "may", "might", "can", "could", "ought", "until", "till", "by then", "when") {
		return false
	}
	if !p.hasWord(copulas) && !p.says("had", "have", "'d", "they'd", "they've") {
		return false
	}
	if p.c.measured(english.Duration) || p.says("overnight", "all day", "all night", "all week", "since", "for days", "for weeks", "for months") {
		return true
	}
	for i := start + 1; i < len(p.c.t); i++ {
		w := &p.c.t[i]
		if w.m != 0 || w.name || w.aux || w.food != nil || w.class != "" || leading[w.low] || copulas[w.low] || copulas[w.verb] || harmlessState(w.low) || p.at.named(w.Text) {
			continue
		}
		participle := w.verb != "" && w.low != w.verb && !strings.HasSuffix(w.low, "s") && !strings.HasSuffix(w.low, "ing")
		adjective := w.entry.Adjective() && w.entry.Noun() == 0 && w.entry.Verb() == 0 && !w.entry.Adverb()
		if participle || adjective || w.entry.Noun() == english.NounAnimal {
			return true
		}
	}
	return false
}

func (p *passage) hasWord(list map[string]bool) bool {
	for i := range p.c.t {
		if list[p.c.t[i].low] || list[p.c.t[i].verb] {
			return true
		}
	}
	return false
}

// foodSubject returns the pronoun for the food that the clause begins with, -1 for none.
func (p *passage) foodSubject() int {
	for i := range p.c.t {
		switch low := p.c.t[i].low; {
		case foodPronouns[low] || low == "they'd" || low == "they've" || low == "they're" || low == "few" || low == "ones":
			return i
		case low == "and" || low == "but" || low == "so" || low == "a" || low == "the" || low == "also" || low == "well" || low == "of" || low == "all":
		default:
			return -1
		}
	}
	return -1
}

// ofOnes reports whether the word tells which ones are meant: "the dried ones".
func (p *passage) ofOnes(i int) bool {
	next := p.word(i + 1)
	return next == "ones" || next == "one" || next == "kind" && p.word(i-1) == "the" || next == "sort" && p.word(i-1) == "the"
}

// predicate reports whether the word is what the clause says that the food is: "ours are wild".
func (p *passage) predicate(i int) bool {
	if !p.ofFood() {
		return false
	}
	for k := i - 1; k >= 0; k-- {
		w := &p.c.t[k]
		switch {
		case copulas[w.verb] || copulas[w.low]:
			return true
		case !leading[w.low] && w.low != "and" && w.low != "or" && !w.aux && !otherwise[w.low] && !softened[w.low]:
			return false
		}
	}
	return false
}

// ofFood reports whether the clause is about the food: it begins with a pronoun for it, or with
// its name.
func (p *passage) ofFood() bool {
	for i := range p.c.t {
		w := &p.c.t[i]
		switch {
		case w.food != nil || foodPronouns[w.low]:
			return true
		case w.isVerb && !w.aux:
			return p.hasClass(Pronoun) || p.says("ones")
		}
	}
	return p.says("ones", "them")
}

// keeper reports whether what comes behind the preposition keeps food that is not fresh.
func (p *passage) keeper(i int) bool {
	for k := i + 1; k < len(p.c.t) && k <= i+7; k++ {
		if keepers[p.c.t[k].low] {
			return true
		}
	}
	return false
}

// past reports a clause that tells how things were, not how they become by cooking.
func (p *passage) past() bool { return p.says("was", "were", "had", "came", "already", "started") }

// notUsed reports food of which the clause, or the next, says that it is not used.
func (p *passage) notUsed() bool { return p.sortsOut() || p.goesAway() || p.saysWhich() }

// saysWhich reports why the large ones are left: "big ones go woody".
func (p *passage) saysWhich() bool {
	for i := range p.c.t {
		if next := p.word(i + 2); large[p.word(i)] && (next == "go" || next == "get" || next == "turn") {
			return !prepositions[p.word(i+3)]
		}
	}
	return false
}

var large = set("big bigger large larger old older overgrown thick")

// goesAway reports food of which the next clause says that it is not used: "bigger ones are woody
// and went to the goats".
func (p *passage) goesAway() bool {
	if p.after == nil || p.after.joint != "and" && p.after.joint != "so" {
		return false
	}
	next := &passage{c: p.after, at: p.at, r: p.r}
	return (next.sortsOut() || next.fedAway()) && !next.c.hasAny([]string{"jar", "jars", "in anyway", "too"})
}

// sortsOut reports a clause about what is not used.
func (p *passage) sortsOut() bool {
	return p.does("discard throw toss bin compost remove reject avoid eat save freeze feed keep sort pick cull skip pitch chuck") || p.says("set aside", "leave out", "put aside", "no use", "no good", "too late", "instead of", "rather than", "other than", "better than", "not the", "never the", "are no", "cut out", "cut away", "on the heap", "on the compost", "to compost", "go to the", "goes to the", "went to the", "are for", "is for", "were for", "for another", "for supper", "for dinner", "for the table", "for lunch", "for tea", "for breakfast", "raw")
}

var (
	copulas      = set("be is are was were been get go come came turn look start sit feel seem")
	pointing     = set("other same first last next only right wrong left extra old new real usual regular many few own main middle top bottom front back one two three little")
	leading      = set("already not quite very a bit little rather too all so just only been to be somewhat still half nearly almost mostly partly being the")
	foodPronouns = set("they these those ours mine some most half them")
	// otherwise are states of food that is no longer the fresh one that was tested.
	otherwise = set(`wild foraged dried frozen frosted frostbitten tinned canned bottled jarred smoked cured salted pickled brined candied leftover
		leftovers overripe mouldy moldy rotten rotting sprouted woody wormy maggoty blighted dehydrated reconstituted preserved freeze-dried sun-dried
		windfalls windfall culls slimy fermented spoilt spoiled corned stale bad`)
	// softened are states that cooking brings about too.
	softened = set("cooked fried roasted boiled soft bruised spotted limp wilted withered shrivelled shriveled split cracked mushy grilled baked")
	pastIt   = []string{"past it", "past their best", "past its best", "gone off", "going off", "on the turn", "started to go", "starting to go", "begun to go", "gone to seed", "gone woody", "gone soft", "gone over", "frost on", "the frost had", "seen better days", "about to go", "left over", "in the car for", "off the ground", "on the ground", "under the tree", "under the trees", "had them drying", "had been in them", "had been at them", "got at them", "got into them"}
	// decay are words of what nobody cans.
	decay = set("rot mildew mould mold blight fungus maggot maggots spoiled spoilt")
)
