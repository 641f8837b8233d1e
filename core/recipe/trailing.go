package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/words"
)

// breaks reports whether the word at i, right behind a food, begins what is said
// of it and is no part of its name: "cayenne worked into the meat", "lime juice
// over". "Butter flavoured" and "sugar cured" go on to another food.
func (p *lineParser) breaks(i int) bool {
	w := p.text(i)
	about := english.About(w)
	e, known := about.Noun, about.Known
	if subordinate[w] {
		return true
	}
	if !known || changing[w] {
		return false
	}
	past := strings.HasSuffix(w, "ed") || strings.HasSuffix(w, "en")
	if e.MayFood() || e.MayPlant() || !(e.Adverb() || past || leading[w]) {
		return false
	}
	if i+1 >= len(p.t) || p.t[i+1].Kind == words.Mark && p.text(i+1) != "-" {
		return true
	}
	return leading[p.text(i+1)]
}

// subordinate words begin a clause of their own.
var subordinate = set("so lest after before once when until till because that which who")

// whose words stand before what somebody has: "off our own poles".
var whose = set("the my our your his her their a an uncle aunt aunty auntie grandpa grandma dad mum mom")

// grounds are where food grows or is sold fresh.
var grounds = set("vine tree bush fence pole plant trellis farm stall truck stand allotment garden patch boat dock " +
	"wholesaler grocer greengrocer butcher fishmonger van " +
	"field hill orchard market neighbour neighbor neighbours neighbors hedge cane row stalk bank place")

// leading are prepositions behind which no second ingredient stands.
var leading = map[string]bool{"into": true, "onto": true, "through": true, "over": true, "under": true, "around": true, "round": true, "across": true, "between": true}

// until returns where the part of the line that holds i ends.
func (p *lineParser) until(i int) int {
	for ; i < len(p.t); i++ {
		switch p.text(i) {
		case ",", "(", ")", ";", "and", "plus", "or", "with":
			return i
		}
	}
	return i
}

// aside reads the words t[i:j] as a remark of the line.
func (p *lineParser) aside(i, j int) {
	if i < j {
		p.r.remark(p.l, p.body[p.t[i].Start:p.t[j-1].End])
	}
}

// excuse drops words behind the food that English knows and that name nothing
// which could go in: "mostly", "two pouches", "but not soft". Of an acid nothing
// is excused.
func (p *lineParser) excuse() {
	l := p.l
	if l.Ref == nil || l.Ref.In("vinegar", "weak-vinegar", "citrus-juice", "bottled-citrus", "fresh-citrus", "citric-acid") {
		return
	}
	kept := l.Unread[:0]
	spice := l.Ref.In("dry-seasoning")
	for _, w := range l.Unread {
		if !p.idle(w) && !(spice && plainNumber(w)) {
			kept = append(kept, w)
		}
	}
	l.Unread = kept
}

// plainNumber reports figures and units, which of a spice say nothing that matters.
func plainNumber(w string) bool {
	t := words.Split(w)
	return len(t) > 0 && (t[0].Kind == words.Number || unitAt(t, 0).n > 0)
}

// idle reports whether the word names neither food, plant, animal nor substance
// and does not change what the food is.
func (p *lineParser) idle(w string) bool {
	if changing[w] || method.Telling(w) || w == "" || w[0] >= '0' && w[0] <= '9' || fractionWords[w] != 0 || quantityWords[w] {
		return false
	}
	if english.NumberWord(w) != 0 {
		return p.l.Ref.In("salt", "dry-seasoning")
	}
	if functionWords[w] {
		return true
	}
	e, known := english.Lookup(w)
	if known && p.l.Ref.In("red-meat", "ground-meat", "poultry", "bone-in-poultry", "seafood") && cuts[w] {
		return true
	}
	if !known || e.MayFood() || e.MayPlant() || e.MayAnimal() {
		return false
	}
	switch e.Noun() {
	case english.NounFood, english.NounPlant, english.NounAnimal, english.NounSubstance:
		return false
	}
	return true
}

// cuts are parts of an animal that say which meat it is.
var cuts = set("shoulder leg loin breast thigh round chuck rump neck flank shank brisket hindquarter haunch saddle side quarter belly tail collar back")

// functionWords hold a sentence together.
var functionWords = set(`but the a an it its this that these those they them he she we you i is are was were be been mostly only just not very too so than then there here which who whose what by from of off on at
	up down out both all any same such even about around though although as until till while my our your his her their`)

// quantityWords say that there is more or less of it.
var quantityWords = set(`more less extra double twice triple half another again plus rest leftover additional optional half-strength`)
