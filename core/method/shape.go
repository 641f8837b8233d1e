package method

import (
	"damson/core/english"
	"damson/core/words"
)

// Shape says what a line is built like.
type Shape struct {
	// Order is true where it begins with a verb that is no form of a food ("chopped
	// onions"); Said where somebody does something in it.
	Order, Said bool
	// Foods, Verbs and Words count; Strange counts the words that neither the trade
	// nor English knows.
	Foods, Verbs, Words, Strange int
	// Trade is true where it names a jar, a lid, the canner, heat or pressure.
	Trade bool
}

// shape looks at a line without reading it.
func (r *Reader) shape(text string) (s Shape) {
	t := r.annotate(text)
	first := true
	for i := range t {
		w := &t[i]
		if w.Kind == words.Mark {
			continue
		}
		s.count(w)
		if i == 0 && spoken[w.low] && len(t) > 1 {
			s.Said = true
		}
		if w.isVerb {
			s.verb(t, i, first)
		}
		first = first && (saysHow(w) || determiners[w.low] || joints[w.low] != 0 || w.low == "and") &&
			w.Kind != words.Number && w.m == 0
	}
	return s
}

// count counts a word that is no mark.
func (s *Shape) count(w *token) {
	if w.Kind == words.Word && !w.inner {
		s.Words++
	}
	switch {
	case w.food != nil && !w.inner:
		s.Foods++
	case trade[w.class] && !w.inner && w.class != Part && w.class != Pot:
		s.Trade = true
	case w.Kind == words.Word && w.class == "" && !w.known && !closed[w.low] && len(w.low) > 1:
		s.Strange++
	}
}

// verb takes the verb at t[i] as an order or as what somebody does; first is true where nothing that
// says more than how stands before it.
func (s *Shape) verb(t []token, i int, first bool) {
	w := &t[i]
	participle := w.low != w.verb && !w.aux
	let := w.low == "let"
	s.Verbs++
	s.Order = s.Order || first && !participle && (!w.aux || let)
	done := !participle && subjectBefore(t, i) && t[max(i-1, 0)].low != "to"
	s.Said = s.Said || done || w.aux && !let && i > 0
}

// spoken are words with their verb in them, at the head of what is said.
var spoken = set("it's that's there's they're we're i'm you're he's she's it'll they'll we'll i'll that'll here's what's who's")

// FoodWord reports whether the lower-case English word is first of all a food.
func FoodWord(w string) bool {
	noun, ok := english.NounBase(w)
	if !ok {
		return false
	}
	e, _ := english.Lookup(noun)
	return e.Noun() == english.NounFood
}

// saysHow reports an adverb: "then", "coarsely", "thinly".
func saysHow(w *token) bool {
	if adverbs[w.low] {
		return true
	}
	return len(w.low) > 5 && w.low[len(w.low)-2:] == "ly" && !w.isVerb && w.food == nil
}
