// Package english knows the shape of English sentences: words with what they
// may be, their base forms, clauses with their kinds, and measures in every
// spelling. It knows nothing of food or canning and judges nothing.
//
// What a word may be comes from WordNet 3.0, single words only, packed by
// cmd/dictionary; its notice is in WORDNET.txt. A word that it has not is no
// proof of anything: it may be a food, a name, or a slip.
package english
