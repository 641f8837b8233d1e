package recipe

import (
	"cmp"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/food"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// foodAt reports whether a food's name starts at t[i].
func (r *Reader) foodAt(t []words.Token, i int) bool {
	if i >= len(t) {
		return false
	}
	s, n := r.line.at(t, i)
	return n > 0 && s.kind == foodName
}

// aheadAtMost is how many words are looked at for what an amount is of.
const aheadAtMost = 60

// foodAhead reports whether a food is named anywhere from t[i] on, before a
// comma.
func (r *Reader) foodAhead(t []words.Token, i int) bool {
	for end := min(len(t), i+aheadAtMost); i < end && t[i].Text != ","; i++ {
		if r.foodAt(t, i) {
			return true
		}
	}
	return false
}

// unknownAhead reports whether a word that no list knows stands from t[i] on.
func (r *Reader) unknownAhead(t []words.Token, i int) bool {
	for end := min(len(t), i+aheadAtMost); i < end && t[i].Text != ","; i++ {
		if t[i].Kind != words.Word {
			continue
		}
		if _, n := r.line.at(t, i); n == 0 {
			return true
		}
	}
	return false
}

var colours = map[string]bool{"red": true, "green": true, "yellow": true, "orange": true, "purple": true, "white": true,
	"black": true, "brown": true, "golden": true, "pink": true, "blue": true}

// item is a food named on the line, with the words around it that are part of
// its name.
type item struct {
	name    []string
	ref     *food.Food
	head    *food.Food
	unknown []string
	prep    []string
	state   []string
	joint   string // the word before it: "", "and", "or", "with", "for", "without"
	colour  []string
	paren   bool // it stands in brackets
	at, end int  // its words, t[at:end]
}

func (it *item) empty() bool { return it.ref == nil && it.head == nil && len(it.unknown) == 0 }

// unread are its words that nobody knows; of "yellow ones" none is, but that for the food.
func (it *item) unread() []string {
	if len(it.unknown) == 1 && it.unknown[0] == "one" && it.end-it.at > 1 {
		return nil
	}
	return it.unknown
}

// said returns the name as the line says it.
func (it *item) said() string {
	return strings.TrimSuffix(strings.Join(it.name, " "), " to taste")
}

// names finds the foods, preparations and states in what is left of the line.
func (p *lineParser) names() {
	var items []*item
	cur, i := &item{}, 0
	flush := func(joint string) {
		if !cur.empty() {
			cur.end = i
			items = append(items, cur)
			cur = &item{joint: joint, at: i + 1}
			return
		}
		// Preparations without a food belong to the food before.
		if cur.joint == "without" && len(cur.prep)+len(cur.state) > 0 {
			cur = &item{joint: joint} // "not fresh", "not peeled"
			return
		}
		if len(items) > 0 {
			last := items[len(items)-1]
			last.prep, last.state = append(last.prep, cur.prep...), append(last.state, cur.state...)
			cur = &item{joint: joint}
			return
		}
		if (joint == "or" || joint == "and") && len(cur.colour) > 0 {
			// "red or green bell pepper": the food comes later.
			items = append(items, &item{joint: cur.joint, colour: cur.colour})
			cur = &item{joint: joint}
			return
		}
		cur.joint, cur.at = joint, i+1
	}
	for i < len(p.t) {
		tok := p.t[i]
		if tok.Kind == words.Mark {
			switch tok.Text {
			case "(":
				flush(",")
				cur.paren = true
			case ",", ")", ";", ":":
				if tok.Text == "," && len(items) == 0 && p.onlyAdjectives(cur) {
					break // "hard, unripe peaches"
				}
				within := cur.paren && tok.Text == ","
				flush(",")
				cur.paren = within
			case "&", "+":
				flush("and")
			case "/":
				flush("or")
			}
			i++
			continue
		}
		if n := p.equals(i); cur.paren && n > 0 {
			i += n // "(about 3 lb; peel them first)"
			continue
		}
		if tok.Kind == words.Number {
			cur.unknown = append(cur.unknown, tok.Raw)
			p.guess("\"" + tok.Raw + "\" read as no amount")
			i++
			continue
		}
		if s, n := p.r.line.at(p.t, i); n > 0 {
			switch s.kind {
			case foodName:
				p.trace.mark(PartFood, p.t[i:i+n])
				p.takeFood(cur, s.food, s.words)
				if u := partUnits[p.text(i+n)]; u != "" && p.l.Unit == quantity.Each && len(items) == 0 {
					p.l.Unit = u // "3 celery stalks"
				}
			case prepWord:
				p.trace.mark(PartForm, p.t[i:i+n])
				cur.prep = append(cur.prep, s.ref)
			case stateWord:
				p.trace.mark(PartForm, p.t[i:i+n])
				cur.state = append(cur.state, s.ref)
			default:
				if j := p.beside(i, cur, len(items)); j > i {
					i = j
					continue
				}
				switch p.joint(i) {
				case "and", "plus":
					flush("and")
				case "or":
					flush("or")
				case "in", "with", "from", "on":
					flush("with")
					p.where = tok.Text != "with"
				case "for", "as", "to", "if", "note", "see", "like", "such":
					if tok.Text == "for" || !cur.empty() || len(items) > 0 {
						flush("for")
					}
				case "without", "no", "not":
					flush("without")
				}
			}
			i += n
			continue
		}
		if colours[tok.Text] {
			p.trace.mark(PartFood, p.t[i:i+1])
			cur.colour = append(cur.colour, tok.Text)
			i++
			continue
		}
		if cur.empty() && len(items) > 0 {
			if u := unitAt(p.t, i); u.n > 0 && p.r.foodAt(p.t, i+u.n) {
				i += u.n // "with a teaspoon ascorbic acid"
				continue
			}
		}
		if cur.ref != nil && p.breaks(i) {
			j := p.until(i)
			p.aside(i, j)
			i = j
			continue
		}
		p.trace.mark(PartUnknown, p.t[i:i+1])
		cur.unknown = append(cur.unknown, tok.Text)
		if cur.ref != nil { // an unknown word after the food: another food than it says
			cur.head, cur.ref = cur.ref, nil
		}
		cur.name = append(cur.name, tok.Text)
		i++
	}
	flush("")
	p.assign(items, cur)
}

// tool returns how many tokens at i name the tool that a food was prepared with: "pitted with a hairpin".
func (p *lineParser) tool(i int, it *item) int {
	if p.text(i) != "with" || len(it.prep) == 0 || p.text(i+1) != "a" && p.text(i+1) != "an" && p.text(i+1) != "my" {
		return 0
	}
	for k := i + 2; k < len(p.t) && k < i+5 && p.t[k].Kind == words.Word; k++ {
		if k+1 < len(p.t) && p.t[k+1].Kind == words.Word {
			continue
		}
		if tools[p.t[k].Text] {
			return k + 1 - i
		}
	}
	return 0
}

// tools cut, pit and clean; none works food to a mass, and none holds any.
var tools = set("hairpin pitter corer baller paperclip toothpick peeler knife spoon fork brush scrubber cleaver " +
	"mandoline slicer straw skewer needle chopstick scissors snips")

// beside returns where the words end that tell of the food from i on and are none of its names, i where
// there are none.
func (p *lineParser) beside(i int, cur *item, known int) int {
	if (cur.ref != nil || cur.empty() && known > 0 || tellsOfOne(p.text(i+1))) && p.story(i) {
		j := p.storyEnd(i)
		p.aside(i, j)
		return j
	}
	return i + p.tool(i, cur)
}

// joint is the small word at i; "off the back fence" is from it.
func (p *lineParser) joint(i int) string {
	if p.text(i) != "off" || !whose[p.text(i+1)] {
		return p.text(i)
	}
	for k := i + 2; k < len(p.t) && k <= i+4; k++ {
		if grounds[p.text(k)] {
			return "from"
		}
	}
	return "off"
}

// story reports a clause of its own that begins at i.
func (p *lineParser) story(i int) bool {
	return subordinate[p.text(i)] && i+1 < len(p.t) && p.t[i+1].Kind == words.Word
}

// storyEnd is where it ends; what somebody does is told to the next mark.
func (p *lineParser) storyEnd(i int) int {
	j := p.until(i)
	for tellsOfOne(p.text(i+1)) && j < len(p.t) && p.t[j].Kind != words.Mark {
		j++
	}
	return j
}

// tellsOfOne reports who does something behind "after", "before", "until".
func tellsOfOne(w string) bool {
	return w == "i" || w == "we" || w == "he" || w == "she" || w == "they" || w == "you"
}

// takeFood adds a food's name to the item at hand.
func (p *lineParser) takeFood(it *item, f *food.Food, name []string) {
	switch {
	case it.ref == f: // "Granny Smith apples"
	case p.kindThrough(it, name): // "serrano chile peppers"
	case it.ref != nil && len(it.unknown) == 0 && kindOf(it.ref, f): // "Babcock peaches" are white peaches
	case len(it.unknown) > 0 || it.ref != nil || it.head != nil:
		// An unknown word or another food before it makes it a compound.
		it.ref, it.head = nil, f
	default:
		it.ref = f
	}
	if len(it.colour) > 0 && len(it.name) == 0 {
		it.name = append(it.name, it.colour...)
		it.colour = nil
	}
	it.name = append(it.name, name...)
}

// kindThrough reports whether the name says the food that the item is already with a word
// more: a serrano pepper is a "serrano chile pepper".
func (p *lineParser) kindThrough(it *item, name []string) bool {
	if it.ref == nil || len(it.unknown) > 0 {
		return false
	}
	whole := slices.Concat(it.name, name)
	for k := 1; k < len(whole)-1; k++ {
		if p.r.foods.ByName(strings.Join(slices.Delete(slices.Clone(whole), k, k+1), " ")) == it.ref {
			return true
		}
	}
	return false
}

// likeKind reports whether two foods are of all the same groups, as an Anaheim is
// of the chile peppers.
func likeKind(f, of *food.Food) bool {
	return len(f.Groups) > 0 && f.In(of.Groups...) && of.In(f.Groups...) && f.Kind == of.Kind && len(f.Groups) == len(of.Groups)
}

// onlyAdjectives reports whether the item has no food yet, and no word that is no
// adjective.
func (p *lineParser) onlyAdjectives(it *item) bool {
	if it.ref != nil || it.head != nil || len(it.unknown) == 0 {
		return false
	}
	for _, w := range it.unknown {
		if e, known := english.Lookup(w); !known || !e.Adjective() || changing[w] || e.Noun() == english.NounFood {
			return false
		}
	}
	return true
}

// kindOf reports whether the food is a kind of the other: a white peach of peaches.
func kindOf(f, of *food.Food) bool {
	return strings.HasSuffix(f.Names[0], " "+of.Names[0])
}

// assign makes the first food the line's own, the others also or alternatives.
func (p *lineParser) assign(items []*item, rest *item) {
	l := p.l
	p.shareHead(items)
	var main *item
	for _, it := range items {
		p.variety(it)
		for _, w := range it.unknown {
			if it.ref == nil && method.Telling(w) && main == nil && it != items[0] {
				l.Unread = append(l.Unread, w) // "cooked to a mush"
			}
		}
	}
	for _, it := range items {
		if (it.joint == "with" || it.joint == "for") && it.ref == nil && it.head == nil && main != nil && plainWords(it.unknown) && it.said() != "" && p.where {
			if !p.isPlace(it) {
				p.aside(it.at, it.end) // "in the oven two days"
			}
			continue // "from the greengrocer"
		}
		switch {
		case it.joint == "for" && main != nil && !it.ref.In("dairy", "thickener", "starch-solid", "fat", "egg", "nut", "cured-meat", "coconut"), it.joint == "without":
			// "for brushing", "no salt": names what is not in the jar.
			if it.joint == "for" && (len(it.unknown) > 0 && it.ref == nil) {
				continue
			}
			continue
		case main == nil:
			main = it
			l.Food, l.Ref, l.Head = it.said(), it.ref, it.head
			p.describe(l, it)
		case it.ref == nil && it.head == nil && it.joint == ",":
			// A trailing remark that nobody knows.
			l.Unread = append(l.Unread, it.unread()...)
			p.addWords(l, it)
		default:
			x := &Line{No: l.No, Text: l.Text, Kind: Ingredient, Reading: Understood, Prep: []string{}, State: []string{},
				Food: it.said(), Ref: it.ref, Head: it.head}
			p.describe(x, it)
			x.refID()
			if it.joint == "or" {
				x.AmountMin, x.AmountMax, x.Unit = l.AmountMin, l.AmountMax, l.Unit
				l.Alternatives = append(l.Alternatives, x)
				continue
			}
			if it.ref != nil && main.ref != nil && (it.ref == main.ref || it.paren && likeKind(it.ref, main.ref)) {
				p.addWords(l, it)
				continue
			}
			if p.each {
				x.AmountMin, x.AmountMax, x.Unit = l.AmountMin, l.AmountMax, l.Unit
				x.weigh()
			}
			l.Also = append(l.Also, x)
		}
	}
	p.addWords(l, rest)
	// A state or preparation at the end of a pair holds for all of it.
	for _, x := range l.Also {
		if len(x.Prep) == 0 {
			x.Prep = append(x.Prep, l.Prep...)
		}
	}
	if l.Also != nil && len(l.Prep) == 0 {
		l.Prep = append(l.Prep, l.Also[len(l.Also)-1].Prep...)
	}
	for _, x := range l.Alternatives {
		if len(l.Prep) == 0 {
			l.Prep = append(l.Prep, x.Prep...)
		}
		if len(x.State) > 0 && len(l.State) == 0 {
			l.State = append(l.State, x.State...)
		}
	}
}

// variety reads a known food behind words that only say which: "Granny Smith
// apples", "hard unripe peaches". A word that may change what it is stays
// unknown.
func (p *lineParser) variety(it *item) {
	if it.ref != nil || it.head == nil || len(it.unknown) == 0 || len(it.name) == 0 || it.head.In("vinegar", "weak-vinegar", "oil", "liquid-oil", "sugar", "salt", "flour", "thickener", "broth") {
		return
	}
	headed := false // the head must stand last: elderflower cordial is no flower
	for k := range it.name {
		headed = headed || p.r.foods.ByName(strings.Join(it.name[k:], " ")) == it.head
	}
	if !headed {
		return
	}
	for _, w := range it.unknown {
		if !p.onlyWhich(w) {
			return
		}
	}
	for _, w := range it.name[:len(it.name)-1] {
		if f := p.r.foods.ByName(w); f != nil && f != it.head {
			return
		}
	}
	it.ref, it.head, it.unknown = it.head, nil, nil
}

// onlyWhich reports whether the word is a name, or an adjective that changes
// nothing.
func (p *lineParser) onlyWhich(w string) bool {
	if changing[w] || places[w] || w == "" || w[0] >= '0' && w[0] <= '9' {
		return false
	}
	e, known := english.Lookup(w)
	if known && (e.Noun() == english.NounFood || e.Noun() == english.NounPlant || e.Noun() == english.NounAnimal) && !e.Adjective() {
		return false
	}
	for k, t := range p.t {
		if t.Text == w && t.Raw != strings.ToLower(t.Raw) && t.Raw != strings.ToUpper(t.Raw) && (k > 0 || len(p.t) > 1 && p.t[1].Raw != strings.ToLower(p.t[1].Raw) || p.i > 0 || p.l.AmountMin != nil) {
			return true // a name
		}
	}
	return known && e.Adjective() || usedFor[w] || notDone(w)
}

// places are words that English knows as adjectives too, but say where: "half under water".
var places = set("under over above below beneath inside outside through between near past off out up down behind")

// usedFor are words that say what a variety is grown for.
var usedFor = map[string]bool{"pickling": true, "slicing": true, "canning": true, "stewing": true, "cooking": true, "eating": true, "keeping": true, "baking": true, "juicing": true, "preserving": true}

// changing are words that make another food of the one behind them.
var changing = map[string]bool{"false": true, "mock": true, "imitation": true, "artificial": true, "vegan": true, "vegetarian": true, "bitter": true, "prickly": true, "wild": true, "ground": true, "cured": true, "corned": true, "candied": true,
	"pickled": true, "preserved": true, "brined": true, "fermented": true, "instant": true, "creamed": true, "stuffed": true, "breaded": true, "battered": true, "fried": true, "refried": true, "condensed": true, "evaporated": true, "powdered": true,
	"dehydrated": true, "sprouted": true, "infused": true, "sweetened": true, "glazed": true, "marinated": true, "smoked": true, "salted": true, "salt": true, "white": true, "dry": true, "cooked": true, "baked": true, "mashed": true, "spent": true, "split": true, "low": true, "light": true, "weak": true, "diluted": true, "half": true, "double": true, "home-made": true, "homemade": true, "fresh": true, "squeezed": true}

// equals returns how many tokens at t[i] say the amount again, up to a mark: "3 lb;".
func (p *lineParser) equals(i int) int {
	_, n, err := number(p.t, i)
	if err != nil || n == 0 {
		return 0
	}
	u := unitAt(p.t, i+n)
	if end := i + n + u.n; u.n == 0 || end < len(p.t) && p.t[end].Kind != words.Mark {
		return 0
	}
	return n + u.n
}

// isPlace reports whether the item only names a place or a vessel: two words at most
// besides the small ones, and none that tells something, or does: "the corner shop", and
// no "top hurries it".
func (p *lineParser) isPlace(it *item) bool {
	n := 0
	for _, tok := range p.t[it.at:it.end] {
		if smallWords[tok.Text] || functionWords[tok.Text] {
			continue
		}
		base, verb := english.VerbBase(tok.Text)
		if n++; n > 2 || method.Telling(tok.Text) || n == 2 && verb && base != tok.Text {
			return false
		}
	}
	return true
}

// plainWords reports whether English knows all the words, and as no food.
func plainWords(list []string) bool {
	for _, w := range list {
		e, ok := english.Lookup(w)
		if !ok || e.Proper() || e.Noun() == english.NounFood || e.MayFood() && e.Verb() == 0 {
			return false
		}
	}
	return len(list) > 0
}

// partUnits are units that may stand behind the food that they count.
var partUnits = map[string]quantity.Unit{"stalk": quantity.Stalk, "rib": quantity.Stalk, "sprig": quantity.Sprig, "head": quantity.Head, "ear": quantity.Ear, "clove": quantity.Clove, "bunch": quantity.Bunch}

// shareHead gives the last word of a pair to both: "beef or chicken broth",
// "red or green bell pepper", "white or cider vinegar".
func (p *lineParser) shareHead(items []*item) {
	for i := len(items) - 2; i >= 0; i-- {
		it, next := items[i], items[i+1]
		if next.joint != "or" && next.joint != "and" || len(next.name) == 0 {
			continue
		}
		first := append(append([]string{}, it.colour...), it.name...)
		if len(it.colour) > 0 && it.ref != nil || len(it.unknown) > 0 || len(first) == 0 || it.ref != nil && (len(next.name) < 2 || p.l.Unit == quantity.Each || it.ref.In("citrus")) { // sharedJuice sees to lemons and limes
			continue
		}
		for _, tail := range [][]string{next.name[min(1, len(next.name)-1):], next.name[len(next.name)-1:], next.name} {
			name := append(append([]string{}, first...), tail...)
			if f := p.r.foods.ByName(strings.Join(name, " ")); f != nil {
				it.name, it.ref, it.head = name, f, nil
				break
			}
		}
		if it.ref == nil && it.head == nil { // no food by that name: the plain one
			it.name, it.ref = next.name, next.ref
		}
	}
}

// describe copies an item's preparations, states and unknown words.
func (p *lineParser) describe(l *Line, it *item) {
	p.addWords(l, it)
	if it.ref == nil && it.head == nil {
		// The whole name is unknown: not unread, merely no food that Damson has.
		for _, w := range it.unknown {
			if w[0] >= '0' && w[0] <= '9' {
				l.Unread = append(l.Unread, w)
			}
		}
		return
	}
	if it.ref == nil {
		return
	}
	l.Unread = append(l.Unread, it.unknown...)
}

func (p *lineParser) addWords(l *Line, it *item) {
	for _, w := range it.prep {
		if !has(l.Prep, []string{w}) {
			l.Prep = append(l.Prep, w)
		}
	}
	for _, w := range it.state {
		if !has(l.State, []string{w}) {
			l.State = append(l.State, w)
		}
	}
}

// shared reads the words that two foods share.
func (p *lineParser) shared() {
	p.sharedJuice()
	p.shareFirst()
}

// shareFirst reads the others by the word that all share: "chicken breasts and thighs".
func (p *lineParser) shareFirst() {
	if whose, _, ok := cutLast(p.l.Food); ok && p.l.Ref != nil {
		for _, x := range p.l.Also {
			p.r.partOf(whose, x)
		}
	}
}

// partOf reads a line that nobody knows as a part of the animal or plant, where that is known.
func (r *Reader) partOf(whose string, l *Line) bool {
	f := r.foods.ByName(whose + " " + l.Food)
	if f == nil || l.Ref != nil || l.Head != nil || l.Food == "" {
		return false
	}
	l.Food, l.Ref = whose+" "+l.Food, f
	l.refID()
	l.weigh()
	return true
}

// finish settles what depends on the whole line.
func (p *lineParser) finish() {
	l := p.l
	p.slip()
	if first, _, ok := strings.Cut(l.Food, " "); ok && l.Unit == quantity.Each && l.Ref == nil && l.Head != nil && !p.r.knows(first) {
		p.guess("“" + first + "” read as a part of the name, not as a unit")
	}
	if head, tail, ok := cutLast(l.Food); ok && l.Unit == quantity.Each && partUnits[tail] != "" && l.Ref != nil {
		if f := p.r.foods.ByName(head); f == l.Ref {
			l.Food, l.Unit = head, partUnits[tail] // "6 garlic cloves"
		}
	}
	p.ambiguous()
	if p.juiceOf != "" {
		name := l.Food
		if p.zestToo {
			x := &Line{No: l.No, Text: l.Text, Kind: Ingredient, Reading: Understood, Prep: []string{}, State: []string{}, AmountMin: l.AmountMin, AmountMax: l.AmountMax, Unit: l.Unit,
				Food: name + " zest", Ref: p.r.foods.ByName(name + " zest")}
			x.refID()
			l.Also = append(l.Also, x)
		}
		l.Food = name + " " + p.juiceOf
		if f := p.r.foods.ByName(l.Food); f != nil {
			l.Ref = f
		}
		if p.juiceOf == "juice" && l.Unit == quantity.Each {
			l.State = append(l.State, "fresh-squeezed")
		}
	}
	p.shared()
	if l.Acidity != nil && !l.Ref.In("vinegar", "weak-vinegar") && !strings.Contains(l.Food, "vinegar") {
		l.Acidity = nil
	}
	if l.Ref.In("fresh-citrus") && l.HasPrep("juiced") {
		if f := p.r.foods.ByName(l.Food + " juice"); f != nil {
			l.Food, l.Ref = l.Food+" juice", f
			l.State = append(l.State, "fresh-squeezed")
		}
	}
	if l.Ref.In("citrus-juice") && l.HasState("bottled", "canned") || l.Ref.In("citrus-juice") && l.HasPrep("bottled") {
		if f := p.r.foods.ByName("bottled " + l.Food); f != nil {
			l.Food, l.Ref = "bottled "+l.Food, f
		}
	}
	if l.Unit == quantity.Can && !l.HasState("canned") {
		l.State = append(l.State, "canned")
	}
	p.swapByState()
	if l.HasPrep("bone-in") && l.Ref.In("poultry") {
		l.Ref = p.r.foods.ByID("bone-in-poultry")
	}
	if l.HasPrep("ground") && l.Ref.In("red-meat") {
		l.Ref = p.r.foods.ByID("ground-meat")
	}
	if l.HasPrep("ground") && l.Ref != nil && l.Ref.ID == "ginger" {
		l.Ref = p.r.foods.ByID("ground-ginger")
	}
	if l.Ref.In("usually-dried") && !l.HasState("fresh") && (l.bySpoon() || l.Unit == quantity.None) {
		l.State = append(l.State, "dried")
	}
	if l.Food == "" {
		l.Reading = Unclear
		if l.Problem == "" {
			l.Problem = "no food is named on this line; write amount, unit and food, or a heading with a colon"
		}
	}
	p.excuse()
	if len(l.Unread) > 0 {
		p.guess("not read: " + strings.Join(l.Unread, " "))
	}
	l.refID()
}

// sharedJuice reads "bottled lemon or lime juice": the last word belongs to
// both, and so does the state before the first.
func (p *lineParser) sharedJuice() {
	l := p.l
	if !l.Ref.In("citrus") || l.Unit == quantity.Each || len(l.Alternatives) == 0 || !strings.HasSuffix(l.Alternatives[0].Food, " juice") {
		return
	}
	if f := p.r.foods.ByName(l.Food + " juice"); f != nil {
		l.Food, l.Ref = l.Food+" juice", f
	}
	if l.HasState("bottled") {
		for _, x := range l.Alternatives {
			if f := p.r.foods.ByName("bottled " + x.Food); f != nil {
				x.Food, x.Ref = "bottled "+x.Food, f
				x.refID()
			}
		}
	}
}

// otherFood holds what a food becomes by its state, by group or id: dried
// chilies are a spice, smoked pork is ham. The first that fits counts.
var otherFood = map[string][]struct{ of, becomes string }{
	"dried": {{"capsicum", "red-pepper-flake"}, {"garlic", "garlic-powder"}, {"allium", "onion-powder"}, {"tomato", "sun-dried-tomato"}, {"mushroom", "wild-mushroom"},
		{"lima-bean", "dried-bean"}, {"pea", "whole-dried-pea"}},
	"smoked": {{"shellfish", "smoked-shellfish"}, {"tuna", "smoked-shellfish"}, {"seafood", "smoked-fish"}, {"ground-meat", "cured-sausage"}, {"red-meat", "ham"}, {"poultry", "corned-beef"}, {"bone-in-poultry", "corned-beef"}},
	"cured":  {{"shellfish", "smoked-shellfish"}, {"tuna", "smoked-shellfish"}, {"seafood", "smoked-fish"}, {"ground-meat", "cured-sausage"}, {"red-meat", "ham"}, {"poultry", "corned-beef"}},
}

func (p *lineParser) swapByState() {
	if p.l.Ref == nil {
		return
	}
	for _, state := range p.l.State {
		for _, o := range otherFood[state] {
			if p.l.Ref.ID == o.of || p.l.Ref.In(o.of) {
				p.l.Ref = p.r.foods.ByID(o.becomes)
				return
			}
		}
	}
}

// spoonful is the most millilitres that count as measured by the spoon: four
// tablespoons.
const spoonful = 60

// bySpoon reports whether the amount is one of spoons, or as few millilitres.
func (l *Line) bySpoon() bool {
	switch l.Unit {
	case quantity.Tsp, quantity.Tbsp, quantity.Pinch, quantity.Dash:
		return true
	case quantity.Ml:
		return *l.AmountMax <= spoonful
	}
	return false
}

// hotPeppers are hot, whatever their colours: "hot long red, green or yellow peppers".
var hotPeppers = pattern.MustCompile(`(?i)\bhot,? (?:(?:long|small|large|thin|fresh|ripe|red|green|yellow` +
	`|orange|purple|and|or)\b,? )+peppers?\b`)

// seedOrPepper returns the spice or the pepper that a name means where it stands, "" where it means no
// other: fennel by the spoon is its seed.
func (p *lineParser) seedOrPepper(l *Line) string {
	switch {
	case l.Food == "cayenne pepper" || l.Food == "red pepper" && l.HasPrep("ground"):
		return "cayenne"
	case l.Food == "fennel" && l.bySpoon() && !l.HasState("fresh") && !l.HasPrep("minced", "chopped", "sliced",
		"diced", "grated", "shredded"):
		return "fennel-seed"
	case strings.HasSuffix(l.Food, "pepper") && l.Ref.In("capsicum") && hotPeppers.MatchString(p.l.Text):
		return "chile-pepper"
	}
	return ""
}

// ambiguous settles names that mean one thing by the spoon and another by the
// cup.
func (p *lineParser) ambiguous() {
	small := func(l *Line) bool {
		return l.bySpoon() || l.AmountMin == nil
	}
	fix := func(l *Line) {
		if l.Ref == nil {
			return
		}
		id := ""
		switch {
		case l.Food == "pepper" && small(l) && !strings.Contains(strings.ToLower(l.Text), "peppers"):
			id = "black-pepper"
		case l.Food == "ginger" && small(l) && !l.HasState("fresh") && !l.HasPrep("minced", "chopped", "grated", "peeled", "sliced"):
			id = "ground-ginger"
		case l.Food == "mustard" && small(l) && l.HasState("dried"), l.Food == "mustard" && l.HasPrep("ground"):
			id = "dry-mustard"
		case l.Food == "mustard" && p.l.Unit.Dimension() == quantity.Mass && p.l.AmountMax != nil && p.l.Unit != quantity.G && p.l.Unit != quantity.Oz, l.Food == "mustard" && l.HasPrep("leaves"):
			id = "mustard-green"
		case l.Food == "coriander" && (l.HasPrep("ground") || l.HasState("dried")):
			id = "coriander-seed"
		case l.Ref.ID == "clove-spice" && p.l.Unit == quantity.Clove:
			p.l.Unit = quantity.Each
		}
		if id = cmp.Or(id, p.seedOrPepper(l)); id != "" {
			l.Ref = p.r.foods.ByID(id)
		}
	}
	fix(p.l)
	for _, x := range p.l.Also {
		fix(x)
		x.refID()
	}
}

func (l *Line) refID() {
	l.FoodID = ""
	if l.Ref != nil {
		l.FoodID = l.Ref.ID
	}
}
