package english

import (
	"sync"
	"sync/atomic"
)

// Word is all that a reader asks about a lower-case word.
type Word struct {
	// Noun is the entry of the word as a noun, or of the word itself.
	Noun Entry
	// Verb is the base form where a verb has the form, else "".
	Verb string
	// Known is true for an English word that is no mere name.
	Known bool
}

// The words that were asked for are kept, up to a bound: texts repeat themselves.
var (
	asked    sync.Map
	askedFor atomic.Int64
)

const mostAsked = 20000

// About returns what is known of the lower-case word.
func About(word string) Word {
	if w, ok := asked.Load(word); ok {
		return w.(Word)
	}
	var w Word
	if noun, ok := NounBase(word); ok {
		w.Noun, _ = Lookup(noun)
	} else {
		w.Noun, _ = Lookup(word)
	}
	w.Verb, _ = VerbBase(word)
	w.Known = Known(word)
	if len(word) < 40 && askedFor.Add(1) <= mostAsked {
		asked.Store(word, w)
	}
	return w
}
