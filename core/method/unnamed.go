package method

import (
	"damson/core/english"
	"damson/core/words"
)

// unsaid reports a clause that does something with a thing it does not name: "the
// handful from the blue jar", "the little ones", "last night's supper".
func (p *passage) unsaid(acts []Act) (string, string) {
	if !p.at.Method || p.negated() && !p.puts() {
		return "", ""
	}
	if p.leftover(chunk{start: 0, end: len(p.c.t)}) && !(p.c.kind == result && !p.puts()) {
		return "unknown-ingredient", "something of another day"
	}
	if p.does("go come") && p.says("in", "into") && p.says("of the tin", "of the can", "from the tin", "from the can", "in the tin", "of the packet") && !p.at.Filled {
		return "unknown-ingredient", "what was in a tin"
	}
	if (p.puts() || p.does("fill top use take go")) && p.says("what's in the fridge", "what is in the fridge", "what's in the cupboard", "what is in the cupboard", "what's left", "what's about", "what's around", "what's going", "what's lying", "what there is", "whatever there is", "what's to hand", "what is to hand") && !p.says("what's left of the liquid", "what's left in the pot", "what's left in the pan") {
		return "unknown-ingredient", "what there is"
	}
	if p.measureOfNothing() {
		return "unknown-ingredient", "a measure of something unnamed"
	}
	for _, a := range acts {
		if sorting[a.Name] {
			return "", ""
		}
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		if unsaidHeads[w.Text] && w.food == nil && !w.inner && !w.isVerb && !p.saysOf(i) && p.goesIn() && (w.Text != "leaf" || p.puts()) {
			return "unknown-ingredient", "a thing without a name"
		}
		if w.low == "ones" && i > 0 && (p.c.t[i-1].entry.Adjective() || sizes[p.word(i-1)]) && p.word(i-1) != "no" && p.word(i-1) != "each" && (p.partial() || p.word(i-1) == "white" && p.does("use take get pick")) {
			return "", "only some of them"
		}
	}
	return "", ""
}

// sorting are acts for which it is enough to say which.
var sorting = set("sort discard wash store eat serve-with cool-jars check-seal refrigerate label unload talk buy")

// unsaidHeads are nouns that say how much or in what of a thing that is not named.
var unsaidHeads = set("handful stuff packet sachet block lump envelope tub carton glug splash leaf")

var sizes = set("big little small large late early cold hot yellow green last first late new old other soft hard")

// saysOf reports whether the words around i say of what it is: "a handful of
// salt", "the salt packet".
func (p *passage) saysOf(i int) bool {
	for k := max(0, i-2); k < len(p.c.t) && k <= i+5; k++ {
		w := &p.c.t[k]
		if k > i && (w.isVerb || w.Kind == words.Mark) {
			break
		}
		if k != i && (w.food != nil || stuff[w.class] && w.class != Vague || w.class == Water) {
			return true
		}
	}
	return false
}

// goesIn reports whether what is named goes into the pot or the jar.
func (p *passage) goesIn() bool {
	return p.puts() || p.does("go melt get come") || !hasVerb(p.c.t) || p.does("skip omit")
}

// leftover reports whether the phrase is food of another day or another kitchen.
func (p *passage) leftover(ch chunk) bool {
	for i := ch.start; i < ch.end; i++ {
		switch p.word(i) {
		case "leftover", "leftovers", "supper's", "dinner's", "night's", "year's", "week's", "month's", "yesterday's", "sunday's":
			return p.goesIn() && !p.says("crop", "harvest", "price", "garden")
		}
	}
	return false
}

// partial reports whether what is done to some of the batch is a thing that a
// procedure asks for all of it.
func (p *passage) partial() bool {
	return p.does("peel skin pare process boil soak need put time let") && !p.does("throw discard toss feed give keep save cut halve quarter")
}

// window looks at a clause that names nothing of the trade while the jars are full
// and not yet done: there, what is not plainly talk may be about them.
func (p *passage) window() string {
	if !p.at.Method || !p.at.Filled {
		return ""
	}
	s := p.subject()
	if s != nil && (p.third() || s.low == "she" || s.low == "he") {
		return ""
	}
	if p.does("keep last store") && p.says("a year", "years", "months", "a month", "all winter", "till spring", "till summer", "twelve months") && !p.says("no canner", "without") {
		return "" // "they'll keep a year in the cupboard"
	}
	if p.says("forget the rest", "skip the rest", "never mind the rest") {
		return "process-short"
	}
	if p.says(finishers...) && hasVerb(p.c.t) && !p.verbOfTalk() {
		return "process-short"
	}
	return ""
}

// finishers are words by which a cook may mean that the jars are done with.
var finishers = []string{"on the shelf", "to the shelf", "shelve", "shelved", "in the cupboard", "last step", "final step", "forget the rest", "skip the rest", "the rest is", "are ready", "is ready", "to go", "they are done", "it is done"}

// verbOfTalk reports whether the only verbs are of saying and thinking.
func (p *passage) verbOfTalk() bool {
	verbs := p.c.verbIndexes()
	for _, i := range verbs {
		if !tells[p.c.t[i].verb] {
			return false
		}
	}
	return len(verbs) > 0
}

// acidLater reports acid that goes in at the table and not in the jar.
func (p *passage) acidLater() bool {
	if p.acidParted() {
		return true
	}
	if !p.puts() && !(p.does("go come") && p.says("in", "on", "over")) && !p.says("is for", "are for") || p.says("squeeze", "wedge", "slice", "fresh", "more", "extra", "another") {
		return false
	}
	for i := range p.c.t {
		if w := &p.c.t[i]; (w.class == Acid || w.low == "lemon" || w.low == "lime") && (i == 0 || p.word(i-1) == "the" || p.word(i-2) == "the") {
			return true
		}
	}
	return p.says("instead") && p.hasClass(Pronoun)
}

// notForTable returns the doubt of what stands beside the table and is none of its business.
func (p *passage) notForTable() (code, why string) {
	if p.acidLater() {
		return "no-acid-added", "acid at the table"
	}
	return p.deviates()
}

// acidParted reports acid of which a part waits for the table: "half the lemon juice now, half at the
// table", "the rest of the vinegar when we eat". A wedge beside the plate is another one.
func (p *passage) acidParted() bool {
	if !p.hasClass(Acid) && !p.says("lemon juice", "lime juice", "the juice", "the lemon", "the acid") {
		return false
	}
	return p.says("half the", "half of the", "other half", "half now", "the rest", "the remaining", "the remainder",
		"the other",
		"the second", "the last of", "keep back", "hold back", "save the", "save half", "some of the", "part of the",
		"most of the", "a bit of the", "in two goes", "in two lots", "one now", "spoon now", "a little now")
}

// about is what the clause speaks of, for the answer behind it.
func (p *passage) about() string {
	code := p.aboutCode()
	if code == "acid-short" {
		return "no-acid-added"
	}
	return code
}

// othersDo reports the answer to what other people do: "I do not".
func (p *passage) othersDo() bool {
	said, not := false, false
	for i := range p.c.t {
		switch w := &p.c.t[i]; {
		case w.Kind == words.Mark:
		case w.low == "i" || w.low == "we":
			said = true
		case negators[w.low]:
			not = true
		case w.low == "do" || w.low == "but" || w.low == "have" || w.low == "did":
		default:
			return false
		}
	}
	return said && not
}

// kindOfMain reports "the Asian ones" where the recipe's own food of that kind is another
// food, with a safety of its own.
func (p *passage) kindOfMain(i int) string {
	w := &p.c.t[i]
	if w.low != "ones" && w.low != "kind" && w.low != "sort" || i == 0 || p.c.t[i-1].Kind != words.Word || p.negated() {
		return ""
	}
	for name := range p.at.everyName() {
		t := words.Split(p.word(i-1) + " " + name)
		if ph, n := p.r.at(t, 0); n == len(t) && n > 1 && ph.food.In("low-acid-fruit", "no-home-process") {
			return "low-acid-fruit"
		}
	}
	return ""
}

// measureOfNothing reports "a pint of evaporated": a measure of what is named by a quality
// alone.
func (p *passage) measureOfNothing() bool {
	for i := 2; i < len(p.c.t); i++ {
		w := &p.c.t[i]
		if p.word(i-1) != "of" || !measureNouns[p.c.t[i-2].Text] || w.Kind != words.Word || i+1 < len(p.c.t) && p.c.t[i+1].Kind == words.Word {
			continue
		}
		if w.entry.Adjective() && p.foodSoon(i+1) {
			continue // "4 pounds of firm, ripe peaches"
		}
		if w.food == nil && w.class == "" && w.m == 0 && !closed[w.low] && !materials[w.low] && w.entry.Noun() == 0 && p.c.nums[i] == 0 {
			return true
		}
	}
	return false
}

// foodSoon reports a comma, adjectives and a food at i.
func (p *passage) foodSoon(i int) bool {
	if i >= len(p.c.t) || p.c.t[i].Text != "," {
		return false
	}
	for i++; i < len(p.c.t) && p.c.t[i].food == nil; i++ {
		if !p.c.t[i].entry.Adjective() {
			return false
		}
	}
	return i < len(p.c.t)
}

// materials are what tools are made of: "a stick of plastic".
var materials = set("plastic bamboo wood steel silicone rubber brass glass earthenware stoneware enamel ceramic")

// portionOfNothing reports a measure of what is not named: "2 cups of the white stuff we
// use for sauces", "a pound of what we had at Easter".
func (p *passage) portionOfNothing() bool {
	for of := 2; of+1 < len(p.c.t); of++ {
		unit := &p.c.t[of-1]
		if p.word(of) == "of" && (portions[unit.Text] || portions[unit.low] || measureNouns[unit.Text]) &&
			p.amountBefore(of-1) && p.namesNothing(of+1) &&
			!(p.c.t[of+1].entry.Adjective() && p.foodSoon(of+2)) {
			return true
		}
	}
	return false
}

// amountBefore reports whether an amount of the unit at i stands before it: "a good half cup".
func (p *passage) amountBefore(i int) bool {
	for k := i - 1; k >= max(0, i-3); k-- {
		w := p.c.t[k].low
		if p.c.nums[k] > 0 || w == "a" || w == "an" || w == "half" || w == "another" {
			return true
		}
		if p.c.t[k].Kind == words.Mark || p.c.t[k].isVerb {
			return false
		}
	}
	return false
}

// namesNothing reports whether the words from i on, up to a verb or a mark, name no food and
// nothing else of a kitchen.
func (p *passage) namesNothing(i int) bool {
	t := p.c.t
	for k := i; k < len(t) && (t[k].Kind != words.Mark || t[k].Text == "'" || t[k].Text == "-"); k++ {
		w := &t[k]
		switch {
		case w.inner:
		case w.isVerb && k > i && !determiners[t[k-1].low], relatives[w.low] && (k > i || w.low != "that"):
			return true // nothing was named before the words about it
		case k == i && pronounWords[w.low] && (k+1 == len(t) || t[k+1].Kind == words.Mark || prepositions[t[k+1].low]):
			return false // "half a cup of it"
		case p.c.nums[k] > 0 && w.low != "one", w.food != nil, trade[w.class], stuff[w.class] && !unsaidHeads[w.Text] && w.class != Vague, w.m != 0, w.class == Water, w.class == Clock, w.class == Person:
			return false
		case w.entry.Noun() == english.NounTime && !w.entry.Adjective():
			return false
		}
	}
	return true
}

var (
	pronounWords = set("it them these this that each those")
	relatives    = set("we i you they she he what that which whose")
	portions     = set("c t tb tbs tbsp tsp oz lb lbs g kg ml l qt pt gal box bag can jar sack bunch handful fistful scoop scoopful dollop drop pinch bowl bowlful bucket basket crate pail tub block stick slab sachet envelope carton bar tablet tin tinful jarful cupful bottleful splash thumb knob lump")
)

var measureNouns = set("pint cup quart tin can carton glass jug spoon spoonful tablespoon teaspoon glug splash dash knob pound ounce gallon litre liter bottle packet mug ladle ladleful")
