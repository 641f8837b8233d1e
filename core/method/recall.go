package method

import (
	"slices"
	"strings"

	"damson/core/recall"
)

// A sentence is kept as it was read: how it is read hangs on its words, on where it stands, on what it
// asked of the rest of the recipe, and on nothing else. keptSentences is how many are kept.
const keptSentences = 1024

// sentence is one at its stage.
type sentence struct {
	text string
	Stage
}

// reading is what was read of it.
type reading struct {
	*asked
	clauses []Clause
	marks   []uint32 // for who listens
}

// memory holds what was read last.
type memory struct {
	read  *recall.Memory[sentence, reading]
	shape *recall.Memory[string, Shape]
}

func newMemory() *memory {
	return &memory{recall.New[sentence, reading](keptSentences), recall.New[string, Shape](keptSentences)}
}

// Read reads one sentence. The clauses are the caller's; what they point at is not.
func (r *Reader) Read(text string, at Where) []Clause {
	is := r.recall(text, at)
	if r.heard != nil && is.marks != nil {
		r.heard(text, is.marks)
	}
	return slices.Clone(is.clauses)
}

// recall reads the sentence, from memory where it was read before.
func (r *Reader) recall(text string, at Where) (is reading) {
	key := sentence{text, at.Stage}
	if was, ok := r.memory.read.Load(key); ok && was.same(&at) {
		return was
	}
	short := len(text) <= recall.Longest
	if short {
		key.text = strings.Clone(text) // what is kept holds on to no recipe
	}
	at, is.asked = at.asking()
	is.clauses, is.marks = r.read(key.text, at)
	if short {
		r.memory.read.Store(key, is)
	}
	return is
}

// Shape looks at a line without reading it.
func (r *Reader) Shape(text string) Shape { return recall.Of(r.memory.shape, text, r.shape) }
