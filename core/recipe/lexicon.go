package recipe

import (
	"maps"
	"slices"
	"sort"
	"strings"
	"sync"

	"damson/core/english"
	"damson/core/food"
	"damson/core/method"
	"damson/core/recall"
	"damson/core/words"
)

// senseKind says what a phrase is.
type senseKind uint8

const (
	plainWord senseKind = iota // carries no meaning that a rule needs
	foodName
	prepWord
	stateWord
	actWord
	genericFood // "vegetables", "fruit": names the food at hand
)

// sense is what a phrase means.
type sense struct {
	kind  senseKind
	ref   string
	food  *food.Food
	words []string
}

// lexicon finds the longest known phrase at a token.
type lexicon map[string][]sense

func (lx lexicon) add(phrase string, s sense) { lx.addFolded(words.FoldPhrase(phrase), s) }

// addFolded is add for a phrase that is folded already.
func (lx lexicon) addFolded(phrase string, s sense) {
	s.words = strings.Fields(phrase)
	if len(s.words) == 0 {
		return
	}
	for _, have := range lx[s.words[0]] {
		if slices.Equal(have.words, s.words) {
			return // the first sense given wins
		}
	}
	lx[s.words[0]] = append(lx[s.words[0]], s)
}

// addAll adds a list of "ref: phrase, phrase" lines, or bare phrases where the
// phrase is its own ref.
func (lx lexicon) addAll(kind senseKind, list string) {
	for _, line := range strings.Split(strings.TrimSpace(list), "\n") {
		ref, phrases, named := strings.Cut(line, ":")
		if !named {
			phrases = line
		}
		for _, p := range strings.Split(phrases, ",") {
			p = strings.TrimSpace(p)
			if p == "" {
				continue
			}
			r := strings.TrimSpace(ref)
			if !named {
				r = p
			}
			lx.add(p, sense{kind: kind, ref: r})
		}
	}
}

func (lx lexicon) addFoods(c *food.Catalogue) {
	lx.addNames(c.Names())
}

// feared are the varieties whose food has no safe process, or only one of its own:
// they count wherever they are named.
func feared(names map[string]*food.Food) map[string]*food.Food {
	out := map[string]*food.Food{}
	for name, f := range names {
		if f.In("low-acid-fruit", "no-home-process") && len(name) > 5 {
			out[name] = f
		}
	}
	return out
}

// addNames adds names of the catalogue, which are folded; they give way to the senses that a
// word has already.
func (lx lexicon) addNames(names map[string]*food.Food) {
	for _, name := range slices.Sorted(maps.Keys(names)) {
		f := names[name]
		lx.addFolded(name, sense{kind: foodName, ref: f.ID, food: f})
	}
}

// seal sorts the phrases so that the longest is tried first.
func (lx lexicon) seal() {
	for _, list := range lx {
		sort.SliceStable(list, func(i, j int) bool { return len(list[i].words) > len(list[j].words) })
	}
}

// at returns the longest phrase that starts at t[i] and the tokens it takes;
// n is 0 where none is known. Hyphens between the words do not matter.
func (lx lexicon) at(t []words.Token, i int) (s *sense, n int) {
	if t[i].Kind != words.Word {
		return nil, 0
	}
	list := lx[t[i].Text]
next:
	for k := range list {
		j := i + 1
		for _, w := range list[k].words[1:] {
			if j < len(t) && t[j].Text == "-" {
				j++
			}
			if j >= len(t) || t[j].Text != w {
				continue next
			}
			j++
		}
		return &list[k], j - i
	}
	return nil, 0
}

// Reader reads lines and recipes. It is safe for use by several goroutines.
type Reader struct {
	foods  *food.Catalogue
	method *method.Reader
	line   lexicon
	step   lexicon
	// bySize holds the foods' folded names by their length.
	bySize map[int][]sizedName
	// looks holds the lines that were looked at last.
	looks *recall.Memory[string, look]
	// parted holds the lines that were taken apart last.
	parted *recall.Memory[string, []string]
	// gone holds the foods that the tidying of lines took away last.
	gone *recall.Memory[string, []away]
	// known holds the lines that were read last.
	known *recall.Memory[lineAt, *Line]
	// feared are the kinds that are not canned as the foods are whose names they bear, sorted by the plain names.
	feared map[string][]kind
}

// NewReader returns a reader that knows the foods of the catalogue.
func NewReader(c *food.Catalogue, lang *method.Language) *Reader {
	r := &Reader{foods: c, line: lexicon{}, step: lexicon{}, bySize: map[int][]sizedName{},
		looks:  recall.New[string, look](keptLooks),
		parted: recall.New[string, []string](keptLooks), gone: recall.New[string, []away](keptLooks),
		known: recall.New[lineAt, *Line](keptLines)}
	// What a program waits for when it starts; none of the three needs another.
	var made sync.WaitGroup
	made.Go(func() { r.method = method.NewReader(c, lang) })
	made.Go(func() { r.line.ofLines(c) })
	r.step.ofSteps(c)
	for _, n := range slices.Sorted(maps.Keys(c.Names())) {
		r.bySize[len(n)] = append(r.bySize[len(n)], sizedName{n, letters(n)})
	}
	r.feared = kindsOf(c)
	made.Wait()
	return r
}

// ofLines fills the lexicon with what ingredient lines say.
func (lx lexicon) ofLines(c *food.Catalogue) {
	lx.addAll(prepWord, lineFirst)
	lx.addFoods(c)
	lx.addAll(prepWord, preparations)
	lx.addAll(stateWord, states)
	lx.addAll(plainWord, linePlain)
	lx.addNames(c.Further())
	lx.addNames(c.Varieties())
	lx.seal()
}

// ofSteps fills the lexicon with what methods say.
func (lx lexicon) ofSteps(c *food.Catalogue) {
	lx.addAll(actWord, acts)
	lx.addAll(genericFood, generics)
	lx.addFoods(c)
	lx.addAll(plainWord, stepPlain)
	lx.addAll(plainWord, stepEnglish)
	lx.addAll(plainWord, linePlain)
	lx.addAll(prepWord, preparations)
	lx.addAll(stateWord, states)
	lx.addNames(c.Further())
	lx.addNames(feared(c.Varieties()))
	lx.seal()
}

// Listen tells f of each sentence of a method that is read from now on, for the learner.
func (r *Reader) Listen(f func(sentence string, marks []uint32)) { r.method.Listen(f) }

// Hint returns the code under which a word of the clause that nobody knows is asked about.
func (r *Reader) Hint(clause string) string { return r.method.Hint(clause) }

// Foods returns the catalogue that the reader knows.
func (r *Reader) Foods() *food.Catalogue { return r.foods }

// knows reports whether a list for lines has the word.
func (r *Reader) knows(word string) bool {
	t := words.Split(word)
	if len(t) == 0 {
		return false
	}
	_, n := r.line.at(t, 0)
	return n > 0
}

// MayName reports whether a new food may have the name: one of its words is new
// to the reader, so that no word that a rule looks for changes its meaning.
func (r *Reader) MayName(name string) bool {
	if r.foods.ByName(words.FoldPhrase(name)) != nil {
		return false
	}
	t := words.Split(name)
	for i := range t {
		_, n := r.line.at(t, i)
		_, m := r.step.at(t, i)
		if t[i].Kind == words.Word && n == 0 && m == 0 && unitAt(t, i).n == 0 && english.NumberWord(t[i].Text) == 0 &&
			!sizeWords[t[i].Text] && !vagueWords[t[i].Text] {
			return true
		}
	}
	return false
}
