package library

import (
	"slices"
	"sort"
	"strings"

	"damson/core/procedure"
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
)

// Hit is one thing found.
type Hit struct {
	Kind, ID, Title string
	// By is the name that matched, where it is not the title.
	By string
}

// Index answers searches as one types. It is safe for several goroutines.
type Index struct{ docs []doc }

type doc struct {
	hit   Hit
	order int
	// keys are folded words, each with the name that it came from.
	keys []key
}

type key struct {
	words []string
	name  string
}

// NewIndex indexes the library; extra hits (the review's own rules) come with
// the names under which they are found.
func NewIndex(l *Library, extra map[Hit][]string) *Index {
	x := &Index{}
	add := func(h Hit, names ...string) {
		d := doc{hit: h, order: rank[h.Kind]}
		for _, n := range append([]string{h.Title}, names...) {
			if w := searchWords(n); len(w) > 0 {
				d.keys = append(d.keys, key{w, n})
			}
		}
		x.docs = append(x.docs, d)
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
	return x
}

// searchWords folds the text and leaves out what names nothing, unless nothing
// else is there.
func searchWords(s string) []string {
	all := strings.Fields(words.FoldPhrase(s))
	kept := slices.DeleteFunc(slices.Clone(all), func(w string) bool { return slices.Contains(small, w) })
	if len(kept) == 0 {
		return all
	}
	return kept
}

var small = []string{"a", "an", "the", "of", "in", "for", "to", "with", "and", "or"}

var rank = map[string]int{KindProcedure: 0, KindWithout: 1, KindFood: 2, KindRule: 3, KindPoint: 4, KindEquivalent: 5}

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
	for _, d := range x.docs {
		best, by := -1, ""
		for i, k := range d.keys {
			s := k.score(q, last)
			if s < 0 {
				continue
			}
			if i > 0 {
				s += 10
			}
			if best < 0 || s < best {
				best, by = s, k.name
				if i == 0 {
					by = ""
				}
			}
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
