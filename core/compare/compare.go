// Package compare lays two versions of a recipe side by side, line by line.
package compare

import (
	"math"
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

// pairSentences matches sentences in their order, so that the pairs share the most words; what
// went stands before what came in its place.
func pairSentences(gone, fresh []part) []Row {
	alike := likeness(gone, fresh)
	// best[i][j] is the most words that gone[i:] and fresh[j:] can share.
	best := make([][]int, len(gone)+1)
	for i := range best {
		best[i] = make([]int, len(fresh)+1)
	}
	for i := len(gone) - 1; i >= 0; i-- {
		for j := len(fresh) - 1; j >= 0; j-- {
			best[i][j] = max(best[i+1][j], best[i][j+1], alike[i][j]+best[i+1][j+1])
		}
	}
	var rows []Row
	i, j := 0, 0
	for i < len(gone) || j < len(fresh) {
		switch {
		case i < len(gone) && j < len(fresh) && alike[i][j] > 0 && best[i][j] == alike[i][j]+best[i+1][j+1]:
			rows = append(rows, row(gone[i], fresh[j]))
			i, j = i+1, j+1
		case j == len(fresh) || i < len(gone) && best[i+1][j] >= best[i][j+1]:
			rows = append(rows, row(gone[i], part{}))
			i++
		default:
			rows = append(rows, row(part{}, fresh[j]))
			j++
		}
	}
	return rows
}

// likeness counts, for each two sentences, the words that they share, without the short ones.
func likeness(gone, fresh []part) [][]int {
	in := map[string][]int{} // the new sentences that hold a word
	for j := range fresh {
		for w := range longWords(fresh[j].text) {
			in[w] = append(in[w], j)
		}
	}
	alike := make([][]int, len(gone))
	for i := range gone {
		alike[i] = make([]int, len(fresh))
		for w := range longWords(gone[i].text) {
			for _, j := range in[w] {
				alike[i][j]++
			}
		}
	}
	return alike
}

func longWords(text string) map[string]bool {
	const short = 3
	out := map[string]bool{}
	for _, w := range words.Split(text) {
		if len(w.Text) > short {
			out[w.Text] = true
		}
	}
	return out
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
