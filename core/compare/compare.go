// Package compare lays two versions of a recipe side by side, line by line.
package compare

import (
	"math"
	"slices"
	"strings"

	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/words"
)

// How a row of two versions differs.
const (
	Same    = "same"
	Changed = "changed"
	Added   = "added"
	Removed = "removed"
)

// Row is a line of the one version beside its line in the other; Old is empty
// for a line added, New for one removed.
type Row struct {
	How      string
	Old, New string
	// OldNo and NewNo are the line numbers, 0 where there is none.
	OldNo, NewNo int
	// What says what changed of an ingredient: "amount", "food", "form"; empty
	// for the method and where nothing can be told.
	What string
	// Method is true for the rows of the method.
	Method bool
}

// part is one line to compare: its text, what makes it the same thing as
// another ("food:onion"), and the ingredient behind it.
type part struct {
	text, key string
	no        int
	line      *recipe.Line
}

// Recipes compares two versions. The rows follow the new one; what was removed
// stands where it stood.
func Recipes(old, new *recipe.Recipe) []Row {
	rows := []Row{row(part{text: old.Title, no: old.TitleLine}, part{text: new.Title, no: new.TitleLine})}
	rows = append(rows, align(lines(old), lines(new))...)
	method := align(steps(old), steps(new))
	for i := range method {
		method[i].Method = true
	}
	return append(rows, method...)
}

func lines(rec *recipe.Recipe) []part {
	var out []part
	for _, l := range rec.Lines {
		if l.Kind == recipe.Note {
			continue
		}
		key := "food:" + l.FoodID
		if l.FoodID == "" {
			key = "name:" + l.Food
		}
		if l.Kind == recipe.Heading {
			key = "heading"
		}
		out = append(out, part{strings.TrimSpace(l.Text), key, l.No, l})
	}
	return out
}

func steps(rec *recipe.Recipe) []part {
	var out []part
	for _, s := range rec.Steps {
		out = append(out, part{s.Text, "step", s.No, nil})
	}
	return out
}

// align finds the longest run of equal lines that keeps their order, and pairs
// what lies between: lines by food, sentences by their words.
func align(a, b []part) []Row {
	// best[i][j] is the length of the longest common run of a[i:] and b[j:].
	best := make([][]int, len(a)+1)
	for i := range best {
		best[i] = make([]int, len(b)+1)
	}
	for i := len(a) - 1; i >= 0; i-- {
		for j := len(b) - 1; j >= 0; j-- {
			if a[i].text == b[j].text {
				best[i][j] = best[i+1][j+1] + 1
			} else {
				best[i][j] = max(best[i+1][j], best[i][j+1])
			}
		}
	}
	var rows []Row
	var goneA, newB []part
	between := func() {
		rows = append(rows, pair(goneA, newB)...)
		goneA, newB = nil, nil
	}
	i, j := 0, 0
	for i < len(a) || j < len(b) {
		switch {
		case i < len(a) && j < len(b) && a[i].text == b[j].text:
			between()
			rows = append(rows, row(a[i], b[j]))
			i, j = i+1, j+1
		case j == len(b) || i < len(a) && best[i+1][j] >= best[i][j+1]:
			goneA = append(goneA, a[i])
			i++
		default:
			newB = append(newB, b[j])
			j++
		}
	}
	between()
	return rows
}

// pair matches what stands in the same gap.
func pair(gone, fresh []part) []Row {
	if len(fresh) > 0 && fresh[0].line == nil {
		return pairSentences(gone, fresh)
	}
	return pairFoods(gone, fresh)
}

// pairFoods matches lines of one food, in whichever order.
func pairFoods(gone, fresh []part) []Row {
	var rows []Row
	used := make([]bool, len(gone))
	for _, n := range fresh {
		at := -1
		for k, g := range gone {
			if !used[k] && g.key == n.key {
				at = k
				break
			}
		}
		if at < 0 {
			rows = append(rows, row(part{}, n))
			continue
		}
		used[at] = true
		rows = append(rows, row(gone[at], n))
	}
	for k, g := range gone {
		if !used[k] {
			rows = append(rows, row(g, part{}))
		}
	}
	return rows
}

// pairSentences matches sentences that share the most words, in their order; what went stands
// before what came behind it.
func pairSentences(gone, fresh []part) []Row {
	var rows []Row
	for n := range fresh {
		at := likest(gone, fresh[n].text)
		later := slices.ContainsFunc(fresh[n+1:], func(f part) bool { return likest(gone, f.text) >= 0 })
		if at < 0 && !later {
			at = len(gone)
		}
		for k := 0; k < at; k++ {
			rows = append(rows, row(gone[k], part{}))
		}
		switch {
		case at < 0:
			rows = append(rows, row(part{}, fresh[n]))
		case at == len(gone):
			rows, gone = append(rows, row(part{}, fresh[n])), nil
		default:
			rows, gone = append(rows, row(gone[at], fresh[n])), gone[at+1:]
		}
	}
	for _, g := range gone {
		rows = append(rows, row(g, part{}))
	}
	return rows
}

// likest returns the index of the sentence that the new one is most like, -1 for none.
func likest(gone []part, text string) int {
	best, most := -1, 0
	for k := range gone {
		if n := shared(gone[k].text, text); n > most {
			best, most = k, n
		}
	}
	return best
}

// shared counts the words of one sentence that the other has too, without the short ones.
func shared(a, b string) int {
	const short = 3
	n := 0
	for _, w := range words.Split(a) {
		if len(w.Text) > short && slices.ContainsFunc(words.Split(b), func(x words.Token) bool { return x.Text == w.Text }) {
			n++
		}
	}
	return n
}

func row(a, b part) Row {
	r := Row{How: Changed, Old: a.text, New: b.text, OldNo: a.no, NewNo: b.no}
	switch {
	case a.text == b.text:
		r.How = Same
	case a.text == "":
		r.How = Added
	case b.text == "":
		r.How = Removed
	case a.line != nil && b.line != nil && a.line.Kind == recipe.Ingredient:
		r.What = what(a.line, b.line)
	}
	return r
}

// what names the parts of an ingredient that changed.
func what(a, b *recipe.Line) string {
	var parts []string
	if a.Food != b.Food {
		parts = append(parts, "food")
	}
	if !equal(a.Amount(), b.Amount()) || a.Per != b.Per {
		parts = append(parts, "amount")
	}
	if strings.Join(a.Prep, ",") != strings.Join(b.Prep, ",") || strings.Join(a.State, ",") != strings.Join(b.State, ",") {
		parts = append(parts, "form")
	}
	if len(parts) == 0 {
		return "wording"
	}
	return strings.Join(parts, ", ")
}

// equal reports whether two amounts are the same, in whatever units.
func equal(a, b quantity.Amount) bool {
	lo, hi, ok := b.In(a.Unit)
	return ok && math.Abs(lo-a.Min) <= 1e-6*a.Min && math.Abs(hi-a.Max) <= 1e-6*a.Max
}
