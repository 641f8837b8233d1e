package method

import "strings"

// choice is a set of words, phrases and classes of which one has to stand in a clause. Of the thousands that are asked
// for next to none stands there, which how they begin tells at once.
type choice struct {
	words []string
	firsts
	open bool // one of them is a class, or changes how it begins
}

// choiceOf returns the choice between the words.
func choiceOf(words []string) choice {
	ch := choice{words: words}
	for _, w := range words {
		switch {
		case w == "":
		case everStands(w):
			ch.open = true
		default:
			ch.add(w)
		}
	}
	return ch
}

// choicesOf returns the choices that the bars part.
func choicesOf(list []string) (out []choice) {
	for _, words := range list {
		out = append(out, choiceOf(strings.Split(words, "|")))
	}
	return out
}

// mayHold reports whether one of the words may stand in the clause.
func (c *clause) mayHold(ch *choice) bool {
	c.key()
	return ch.open || ch.meets(&c.keys)
}

// meets reports whether a word of one may begin as a word of the other.
func (f *firsts) meets(g *firsts) bool { return f[0]&g[0]|f[1]&g[1]|f[2]&g[2]|f[3]&g[3] != 0 }
