package recipe

import (
	"math/bits"
	"slices"
	"strings"

	"damson/core/food"
)

// slip reads a food's name that is written with a small slip: one letter wrong,
// missing, doubled or swapped in a name of five letters or more, two in one of
// nine or more. The reading is a guess, and the word as written is kept: what
// rests on a guess is asked about.
func (p *lineParser) slip() {
	l := p.l
	if l.Ref != nil || l.Head != nil || l.Food == "" || len(l.Food) < 5 {
		return
	}
	name, f := p.r.nearest(l.Food)
	if f == nil {
		return
	}
	p.guess("“" + l.Food + "” read as " + name)
	l.Slip, l.Food, l.Ref = l.Food, name, f
	l.Unread = nil
}

// nearest returns the food whose name is within a slip of the folded text, nil
// where there is none or where two different foods are as near.
func (r *Reader) nearest(text string) (string, *food.Food) {
	allowed := 1
	if len(text) >= 9 {
		allowed = 2
	}
	best, name := allowed+1, ""
	var found *food.Food
	tie := false
	has := letters(text)
	for size := len(text) - allowed; size <= len(text)+allowed; size++ {
		for _, known := range r.bySize[size] {
			n := known.name
			if bits.OnesCount32(known.letters^has) > 2*allowed {
				continue // a slip changes two kinds of letter at most
			}
			if n[0] != text[0] && len(text) < 7 {
				continue
			}
			d := distance(n, text, allowed)
			f := r.foods.ByName(n)
			switch {
			case d > allowed || d > best:
			case d < best:
				best, name, found, tie = d, n, f, false
			case f != found:
				tie = true
			case n < name:
				name = n
			}
		}
	}
	if tie {
		return "", nil
	}
	return name, found
}

// sizedName is a folded name with its kinds of letter.
type sizedName struct {
	name    string
	letters uint32
}

// letters returns a bit for each kind of letter in s; all else shares one.
func letters(s string) uint32 {
	var m uint32
	for i := range len(s) {
		if c := s[i]; c >= 'a' && c <= 'z' {
			m |= 1 << (c - 'a')
		} else {
			m |= 1 << 26
		}
	}
	return m
}

// longestName is the length of a name from which on no slip is looked for.
const longestName = 48

// distance counts the letters wrong, missing, added or swapped with their
// neighbour; it gives up above most.
func distance(a, b string, most int) int {
	if len(b) >= longestName {
		return most + 1
	}
	var rows [3][longestName]int
	prev2, prev, cur := rows[0][:], rows[1][:], rows[2][:]
	for j := range len(b) + 1 {
		prev[j] = j
	}
	for i := 1; i <= len(a); i++ {
		cur[0] = i
		least := i
		for j := 1; j <= len(b); j++ {
			cost := 1
			if a[i-1] == b[j-1] {
				cost = 0
			}
			cur[j] = min(prev[j]+1, cur[j-1]+1, prev[j-1]+cost)
			if i > 1 && j > 1 && a[i-1] == b[j-2] && a[i-2] == b[j-1] {
				cur[j] = min(cur[j], prev2[j-2]+1)
			}
			least = min(least, cur[j])
		}
		if least > most {
			return most + 1
		}
		prev2, prev, cur = prev, cur, prev2
	}
	return prev[len(b)]
}

// cutLast cuts the last word off a name of several.
func cutLast(name string) (head, tail string, ok bool) {
	i := strings.LastIndexByte(name, ' ')
	if i < 0 {
		return name, "", false
	}
	return name[:i], name[i+1:], true
}

// Suggest returns at most n foods whose names come near the text, for a person
// to choose from: those that hold it or a word of it first.
func (r *Reader) Suggest(text string, n int) []*food.Food {
	type scored struct {
		f *food.Food
		d int
	}
	var list []scored
	text = strings.ToLower(text)
	parts := strings.Fields(text)
	for _, f := range r.foods.All() {
		best := 99
		for _, name := range f.Names {
			d := 99
			if abs(len(name)-len(text)) <= 4 {
				d = distance(name, text, 4)
			}
			for _, w := range parts {
				if len(w) > 3 && strings.Contains(name, w) {
					d = min(d, 2)
				}
			}
			if sharedEnd(name, text) >= sameKind {
				d = min(d, 2)
			}
			best = min(best, d)
		}
		if best <= max(2, len(text)/4) {
			list = append(list, scored{f, best})
		}
	}
	// Of equals, a food whose acidity is known comes first.
	slices.SortStableFunc(list, func(a, b scored) int { return len(b.f.PH) - len(a.f.PH) })
	var out []*food.Food
	for d := 0; d <= 6 && len(out) < n; d++ {
		for _, s := range list {
			if s.d == d && len(out) < n {
				out = append(out, s.f)
			}
		}
	}
	return out
}

func abs(n int) int { return max(n, -n) }

// sameKind is how many letters at the end make two names look of a kind
// ("berry").
const sameKind = 5

// sharedEnd counts the letters that two names end in alike.
func sharedEnd(a, b string) int {
	n := 0
	for n < len(a) && n < len(b) && a[len(a)-1-n]|0x20 == b[len(b)-1-n]|0x20 {
		n++
	}
	return n
}
