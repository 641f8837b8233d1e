package library

import (
	"slices"
	"sort"
	"strings"
	"sync"

	"damson/core/procedure"
	"damson/core/rulebook"
	"damson/core/words"
)

// The kinds of things that a search finds.
const (
	KindProcedure  = "procedure"
	KindWithout    = "no process"
	KindFood       = "food"
	KindRule       = "rule"
	KindPoint      = "debated point"
	KindEquivalent = "equivalent"
	KindPage       = "page"
)

// Hit is one thing found.
type Hit struct {
	Kind, ID, Title string
	// By is the name that matched, where it is not the title.
	By string
}

// Index answers searches as one types. It is laid out at the first search, and safe for several
// goroutines.
type Index struct{ docs func() []doc }

type doc struct {
	hit   Hit
	order int
	// keys are folded words, each with the name that it came from.
	keys []key
	// said are everyday words that lead here, each with how far down its list this stands.
	said []saidKey
	// body are all words of its text.
	body map[string]bool
}

type saidKey struct {
	key
	place int
}

type key struct {
	words []string
	name  string
}

// NewIndex indexes the library; extra hits (the review's own rules) come with
// the names under which they are found.
func NewIndex(l *Library, extra map[Hit][]string) *Index {
	return &Index{sync.OnceValue(func() []doc { return docsOf(l, extra) })}
}

// docsOf lays the library out for a search.
func docsOf(l *Library, extra map[Hit][]string) []doc {
	var docs []doc
	add := func(h Hit, names ...string) {
		d := doc{hit: h, order: rank[h.Kind]}
		for _, n := range append([]string{h.Title}, names...) {
			if w := searchWords(n); len(w) > 0 {
				d.keys = append(d.keys, key{w, n})
			}
		}
		docs = append(docs, d)
	}
	for _, p := range l.Procedures.All() {
		names := append([]string{p.ID, p.Class}, p.Names...)
		for _, in := range p.Ingredients {
			if in.Role == procedure.Main || in.Role == procedure.LowAcid {
				names = append(names, in.Name)
			}
		}
		add(Hit{Kind: KindProcedure, ID: p.ID, Title: p.Title}, names...)
	}
	for _, u := range l.Book.Unprocessed {
		add(Hit{Kind: KindWithout, ID: u.ID, Title: u.Title}, u.Names...)
	}
	for _, f := range l.Foods.All() {
		add(Hit{Kind: KindFood, ID: f.ID, Title: f.Names[0]}, append([]string{f.Kind}, f.Names[1:]...)...)
	}
	for _, e := range l.Book.Entries {
		add(Hit{Kind: KindRule, ID: e.ID, Title: e.Title}, append([]string{e.ID}, e.Codes...)...)
		docs[len(docs)-1].body = bodyOf(e)
	}
	for h, names := range extra {
		add(h, names...)
	}
	for _, p := range l.Book.Points {
		add(Hit{Kind: KindPoint, ID: p.ID, Title: p.Title})
	}
	for _, q := range l.Book.Equivalents {
		title := q.Word
		if title == "" {
			title = strings.TrimSpace(q.Unit + " " + strings.ReplaceAll(q.Of, "-", " "))
		}
		add(Hit{Kind: KindEquivalent, ID: q.ID, Title: title})
	}
	lead(docs, l.Book.Said)
	return docs
}

// lead lays the everyday words over what they lead to.
func lead(docs []doc, all []rulebook.Said) {
	at := map[string]int{}
	for i, d := range docs {
		if d.hit.Kind == KindRule || d.hit.Kind == KindPoint {
			at[d.hit.ID] = i
		}
	}
	for _, said := range all {
		for place, id := range said.To {
			d, ok := at[id]
			if !ok {
				continue
			}
			for _, w := range said.Says {
				docs[d].said = append(docs[d].said, saidKey{key{searchWords(w), w}, place})
			}
		}
	}
}

// bodyOf are the words of what a rule says.
func bodyOf(e *rulebook.Entry) map[string]bool {
	out := map[string]bool{}
	texts := []string{e.Title, e.Why, e.Way, e.Differ, e.Followed}
	for _, c := range e.Cases {
		texts = append(texts, c.When, c.Then)
	}
	for _, t := range texts {
		for _, w := range searchWords(t) {
			out[w] = true
		}
	}
	return out
}

// searchWords folds the text and leaves out what names nothing, unless nothing
// else is there.
func searchWords(s string) []string {
	all := strings.Fields(words.FoldPhrase(s))
	for i, w := range all {
		all[i] = spelled(w)
	}
	kept := slices.DeleteFunc(slices.Clone(all), func(w string) bool { return slices.Contains(small, w) })
	if len(kept) == 0 {
		return all
	}
	return kept
}

// spelled takes a British spelling for the American one.
func spelled(w string) string {
	for _, x := range [...][2]string{{"ise", "ize"}, {"ised", "ized"}, {"ising", "izing"}, {"isation", "ization"}} {
		if stem, ok := strings.CutSuffix(w, x[0]); ok && len(stem) > 4 {
			return stem + x[1]
		}
	}
	if s, ok := spellings[w]; ok {
		return s
	}
	return w
}

var spellings = map[string]string{"mould": "mold", "mouldy": "moldy", "colour": "color", "flavour": "flavor", "litre": "liter", "yoghurt": "yogurt", "iodised": "iodized", "labelling": "labeling"}

var small = []string{"a", "an", "the", "of", "in", "for", "to", "with", "and", "or"}

var rank = map[string]int{KindProcedure: 0, KindWithout: 1, KindFood: 2, KindRule: 3, KindPoint: 4, KindEquivalent: 5, KindPage: 3}

// Find returns at most limit things whose names hold every word of the query,
// the last one as a beginning ("salsa tom" finds tomato salsa). What the title
// says comes before what another name says, and whole words before beginnings.
func (x *Index) Find(query string, limit int) []Hit {
	q := searchWords(query)
	if len(q) == 0 {
		return nil
	}
	// The last word may be half typed: match it as typed, not as folded.
	raw := strings.Fields(strings.ToLower(strings.TrimSpace(query)))
	last := raw[len(raw)-1]
	type scored struct {
		Hit
		score, order int
	}
	var out []scored
	for _, d := range x.docs() {
		best, by := -1, ""
		for i, k := range d.keys {
			s := k.score(q, last)
			if s < 0 {
				continue
			}
			if s += byTitle; i > 0 {
				s += byName - byTitle
			}
			if best < 0 || s < best {
				best, by = s, k.name
				if i == 0 {
					by = ""
				}
			}
		}
		best, by = d.leads(q, last, best, by)
		if best < 0 && d.tells(q) {
			best = byText
		}
		if best >= 0 {
			d.hit.By = by
			out = append(out, scored{d.hit, best, d.order})
		}
	}
	sort.SliceStable(out, func(i, j int) bool {
		a, b := out[i], out[j]
		if a.score/10 != b.score/10 {
			return a.score/10 < b.score/10
		}
		if a.order != b.order {
			return a.order < b.order
		}
		if a.score != b.score {
			return a.score < b.score
		}
		return a.Title < b.Title
	})
	hits := make([]Hit, 0, min(limit, len(out)))
	for _, h := range out[:min(limit, len(out))] {
		hits = append(hits, h.Hit)
	}
	return hits
}

// What a thing was found by, the nearest first: everyday words that lead to it, its title, another
// name or the beginning of everyday words, the text of a rule.
const (
	byTitle = 10
	byName  = 20
	byText  = 40
)

// leads is the better of what was found and of the everyday words that lead here.
func (d *doc) leads(q []string, last string, best int, by string) (int, string) {
	for _, k := range d.said {
		s := k.score(q, last)
		switch {
		case s < 0:
			continue
		case slices.Equal(k.words, q):
			s = min(k.place, byTitle-1)
		default:
			s = byName + min(k.place, byTitle-1)
		}
		if best < 0 || s < best {
			best, by = s, k.name
		}
	}
	return best, by
}

// tells reports whether the text of a rule holds every word.
func (d *doc) tells(q []string) bool {
	for _, w := range q {
		if !d.body[w] {
			return false
		}
	}
	return len(d.body) > 0
}

// score is -1 where a word is missing, else small for a close match.
func (k key) score(q []string, last string) int {
	s := 0
	for i, w := range q {
		found, whole := false, false
		for pos, have := range k.words {
			switch {
			case have == w:
				found, whole = true, true
				s += min(pos, 3)
			case i == len(q)-1 && (strings.HasPrefix(have, w) || strings.HasPrefix(have, last)):
				found = true
			}
			if whole {
				break
			}
		}
		if !found {
			return -1
		}
		if !whole {
			s += 2
		}
	}
	return min(s+max(len(k.words)-len(q), 0)/3, 9)
}
