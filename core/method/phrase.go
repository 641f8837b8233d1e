package method

import (
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// Unknown is the class of a word that neither the trade nor English knows: it
// may be a food.
const Unknown Class = "unknown"

// chunk is a noun phrase: its head, and the preposition before it.
type chunk struct {
	prep       string
	start, end int // tokens of the clause
	head       int
	class      Class
}

// holders are nouns that only measure or portion what follows "of".
var holders = set(`knob lump heap spoon spoonful cup cupful pinch dash handful layer bit bunch half splash glug drop scoop ladle ladleful tablespoon teaspoon pound ounce gram quart pint gallon
	liter litre inch piece slice couple pair lot kind sort square head clove sprig stalk leaf rest most some all part third quarter dozen few each one any tin can jar box packet bag package
	tbsp tsp oz lb kg g ml l kilo touch shake sprinkle sprinkling dusting squeeze blob dollop walnut finger round wedge scrap taste bottle top bottom side middle edge crate bushel peck peel stick bucket sack
	sheet wisp amount quantity mountain pile load number plenty bottom every strip cube chunk ring block tub carton bowl glass mug`)

// chunks returns the noun phrases of the clause.
func (c *clause) chunks() []chunk {
	if !c.phrased {
		c.phrases, c.phrased = c.findChunks(), true
	}
	return c.phrases
}

func (c *clause) findChunks() []chunk {
	var out []chunk
	prep := ""
	for i := 0; i < len(c.t); {
		w := &c.t[i]
		switch {
		case w.Text == "=":
			prep = "to" // "skins = hens"
			i++
			continue
		case w.low == "as" && i > 0 && i+1 < len(c.t) && c.t[i-1].entry.Adjective() && !changers[c.t[i-1].low] && c.t[i+1].entry.Noun() != 0 && (c.t[i+1].class != "" || !c.t[i+1].entry.Adjective()) && !c.r.asClause(c.t, i):
			prep = "as" // "soft as cheese"
			i++
			continue
		case w.Kind == words.Mark || w.isVerb || w.low == "and" || w.low == "or" || w.low == "but" || w.low == "then" || joints[w.low] != 0:
			prep = ""
			i++
			continue
		case w.class == "" && prepositions[w.low] && w.low != "of":
			prep = w.low
			i++
			continue
		}
		n := c.nounPhrase(i)
		if n == 0 {
			i++
			continue
		}
		ch := chunk{prep: prep, start: i, end: i + n, head: -1}
		ch.head, ch.class = c.headOf(i, i+n)
		if ch.head >= 0 {
			out = append(out, ch)
		}
		prep = ""
		i += n
	}
	return out
}

// nounPhrase returns how many tokens from i on are one noun phrase, "of"
// included.
func (c *clause) nounPhrase(i int) int {
	n := 0
	for i+n < len(c.t) {
		w := &c.t[i+n]
		if w.Kind == words.Number {
			n++
			continue
		}
		if w.Kind == words.Mark {
			if (w.Text == "-" || w.Text == "/") && n > 0 && i+n+1 < len(c.t) && c.t[i+n+1].Kind != words.Mark {
				n++
				continue
			}
			break
		}
		if w.low == "of" && n > 0 {
			n++
			continue
		}
		if w.low == "not" && n > 0 {
			break
		}
		if w.class == Pronoun && !w.inner {
			if n == 0 {
				n = 1
			}
			break
		}
		if w.isVerb || w.class == "" && (prepositions[w.low] || joints[w.low] != 0 || w.low == "and" || w.low == "or" || w.low == "but" || w.low == "then") {
			break
		}
		n++
	}
	return n
}

// headOf finds the head of the phrase t[i:j] and its class: the last noun, or
// what stands behind "of" where the noun before only measures.
func (c *clause) headOf(i, j int) (int, Class) {
	head, class := -1, Class("")
	for k := i; k < j; k++ {
		w := &c.t[k]
		if w.low == "of" {
			if head >= 0 && !holders[c.t[head].Text] && !holders[c.t[head].low] {
				break // "the rim of the jar": the rim
			}
			continue
		}
		if w.inner && head >= 0 && c.t[head].class == w.class {
			continue
		}
		if got := c.nounClass(k, j); got != "" {
			head, class = k, got
		}
	}
	return head, class
}

// nounClass returns the class of a word as a noun, "" where it is none here.
func (c *clause) nounClass(k, end int) Class {
	w := &c.t[k]
	switch w.m {
	case english.Length:
		return Gap
	case english.Duration:
		return Clock
	case english.Temperature, english.Height, english.Percent:
		return None
	}
	if w.class != "" {
		return w.class
	}
	if strings.HasSuffix(w.low, "ing") && w.verb != "" && w.verb != w.low && !w.isVerb && k+1 < end {
		return "" // "boiling vinegar"
	}
	if neverVerbs[w.low] || units[w.Text] || units[w.low] || isNumber(c.t, k) {
		return ""
	}
	if (w.low == "quarters" || w.low == "halves") && !w.isVerb {
		return Food
	}
	if w.Kind != words.Word || closed[w.low] || w.isVerb || len(w.low) < 2 || adverbs[w.low] || strings.HasSuffix(w.low, "ly") && w.entry.Adverb() {
		return ""
	}
	if w.name {
		return Person
	}
	e := w.entry
	if e.Noun() == 0 {
		if w.known || adverbs[w.low] {
			return ""
		}
		return Unknown
	}
	if e.Proper() && w.low == w.Raw {
		return Unknown // the composer does not excuse the cream
	}
	if e.Adjective() && k > 0 && (c.t[k-1].verb == "be" || c.t[k-1].aux || adverbs[c.t[k-1].low]) && (k+1 >= end) {
		return "" // "the pieces are uniform"
	}
	if e.Adjective() && (k == 0 || !determiners[c.t[k-1].low] && !prepositions[c.t[k-1].low]) && k+1 >= end && e.Noun() != english.NounFood && e.Noun() != english.NounSubstance {
		return "" // "until tender"
	}
	if (e.Adjective() || e.Adverb()) && k+1 < end && c.t[k+1].Kind == words.Word && !closed[c.t[k+1].low] {
		return "" // "good butter"
	}
	if e.Adjective() && (e.Noun() == english.NounAttribute || e.Noun() == english.NounState || e.Noun() == english.NounCognition || e.Noun() == english.NounRelation) {
		return ""
	}
	switch e.Noun() {
	case english.NounPerson:
		return Person
	case english.NounAnimal:
		return Animal
	case english.NounPlant:
		return Plant
	case english.NounPlace:
		return Place
	case english.NounFood:
		return Unknown
	}
	return Thing
}

// units are words that measure and name nothing.
var units = set("tsp tbsp teaspoon tablespoon cup lb lbs pound oz ounce g kg kilo ml l liter litre gallon gal c t inch in minute min hour hr second degree half third quarter dozen couple lot bit little moment while time pinch dash handful rest pt qt")

func isNumber(t []token, k int) bool {
	_, n := english.Number([]words.Token{t[k].Token}, 0)
	return n > 0
}

// objectsOf returns the phrases that the verb acts on: those behind it without a
// preposition, else those before it.
//
// A particle right behind the verb is the verb's: "chase out the bubbles".
func (c *clause) objectsOf(verb int) []chunk {
	var behind, before []chunk
	next := verb + 1 // the next verb
	for next < len(c.t) && (!c.t[next].isVerb || c.t[next].aux) {
		next++
	}
	for _, ch := range c.chunks() {
		switch {
		case ch.start > verb && (ch.prep == "" || ch.start == verb+2 && particles[ch.prep]) && ch.start <= next:
			behind = append(behind, ch)
		case ch.end <= verb && ch.prep == "":
			before = append(before, ch)
		}
	}
	if len(behind) > 0 {
		return behind
	}
	return before
}

// particles are words that a verb may have before its object.
var particles = set("out off up away back")
