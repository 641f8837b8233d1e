package method

import (
	"maps"
	"slices"
	"sort"
	"strings"

	"damson/core/english"
	"damson/core/food"
	"damson/core/words"
)

// phrase is a name of a thing or food.
type phrase struct {
	words []string
	class Class
	food  *food.Food
}

// Reader reads sentences. It is safe for use by several goroutines.
type Reader struct {
	phrases map[string][]phrase
	verbs   map[string]bool
	frames  map[string][]verbFrame
	bare    []bareFrame
	// varieties are the folded names of kinds of a produce: "elberta".
	varieties map[string]bool
	// clues are the hints by the first word of each; codes are theirs, in their order.
	clues map[string][]clue
	codes []string
	// plain are the turns of phrase that harm nothing, deviations what no procedure bears.
	plain      []plainRow
	deviations []deviation
	// process are the words of closed jars and their process.
	process map[string]bool
	// falling are the words, besides, of a canner that is left to fall by itself.
	falling map[string]bool
	// heard is told of each sentence of a method, where somebody listens.
	heard func(sentence string, marks []uint32)
	// memory holds the sentences that were read last.
	memory *memory
}

// verbFrame is a frame under one of its verbs.
type verbFrame struct {
	*Frame
	rest []string // the words behind the verb: "over" of "pick over"
}

// bareFrame is a frame without a verb, and the elements of its pattern.
type bareFrame struct {
	*Frame
	elements []element
}

// NewReader returns a reader of the language that knows the foods.
func NewReader(c *food.Catalogue, lang *Language) *Reader {
	r := &Reader{phrases: map[string][]phrase{}, verbs: map[string]bool{}, frames: map[string][]verbFrame{},
		varieties: map[string]bool{}, plain: plainRows(lang.Plain), process: setOf(lang.Process),
		falling: setOf(lang.Falling),
		memory:  newMemory()}
	r.deviations = deviationsOf(lang.Deviations)
	r.learn(lang.Hints)
	// In order, so that of two senses of a word the same one is always taken.
	for _, name := range slices.Sorted(maps.Keys(c.Names())) {
		r.addFolded(name, classOf(c.Names()[name]), c.Names()[name])
	}
	for _, class := range slices.Sorted(maps.Keys(lang.Things)) {
		for _, n := range lang.Things[class] {
			r.add(n, class, nil)
		}
	}
	for _, name := range slices.Sorted(maps.Keys(c.Further())) {
		r.addFolded(name, classOf(c.Further()[name]), c.Further()[name])
	}
	for _, name := range slices.Sorted(maps.Keys(c.Varieties())) {
		f := c.Varieties()[name]
		switch feared := f.In("low-acid-fruit", "no-home-process"); {
		case !feared:
			r.varieties[name] = true
		case len(name) > 5:
			r.addFolded(name, classOf(f), f)
		}
	}
	for _, list := range r.phrases {
		sort.SliceStable(list, func(i, j int) bool { return len(list[i].words) > len(list[j].words) })
	}
	for _, v := range lang.Verbs {
		r.verbs[v] = true
	}
	for _, f := range lang.Frames {
		if len(f.Verbs) == 0 {
			r.bare = append(r.bare, bareFrame{f, elementsOf(f.Pattern)})
		}
		for _, v := range f.Verbs {
			verb, rest := verbWords(v)
			if base, ok := english.VerbBase(verb); ok {
				verb = base
			}
			r.verbs[verb] = true
			r.frames[verb] = append(r.frames[verb], verbFrame{f, rest})
		}
	}
	return r
}

// add files a name. A food's own name wins over a thing's, but for the words
// that both lists have on purpose.
func (r *Reader) add(name string, class Class, f *food.Food) {
	r.addFolded(words.FoldPhrase(name), class, f)
}

// addFolded is add for a name of the catalogue, which is folded already.
func (r *Reader) addFolded(name string, class Class, f *food.Food) {
	w := strings.Fields(name)
	if len(w) == 0 {
		return
	}
	for i, have := range r.phrases[w[0]] {
		if slices.Equal(have.words, w) {
			if have.food == nil && f != nil {
				r.phrases[w[0]][i] = phrase{w, class, f}
			}
			return
		}
	}
	r.phrases[w[0]] = append(r.phrases[w[0]], phrase{w, class, f})
}

// at returns the longest name at t[i] and its tokens.
func (r *Reader) at(t []words.Token, i int) (phrase, int) {
	if t[i].Kind == words.Mark {
		return phrase{}, 0
	}
next:
	for _, p := range r.phrases[t[i].Text] {
		j := i + 1
		for _, w := range p.words[1:] {
			if j < len(t) && t[j].Text == "-" {
				j++
			}
			if j >= len(t) || t[j].Text != w {
				continue next
			}
			j++
		}
		return p, j - i
	}
	return phrase{}, 0
}

// Tool reports whether the words are the name of a vessel, a rack or a canner, and of
// nothing else.
func (r *Reader) Tool(name string) bool {
	t := words.Split(strings.TrimRight(name, ". "))
	if len(t) == 0 || len(t) > 4 {
		return false
	}
	class := Class("")
	for i := 0; i < len(t); {
		p, n := r.at(t, i)
		if n == 0 {
			i++
			continue
		}
		class = p.class
		if p.food != nil {
			return false
		}
		i += n
	}
	return class == Pot || class == Rack || class == Canner || class == Cloth
}
