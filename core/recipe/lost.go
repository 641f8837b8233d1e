package recipe

import (
	"strings"

	"damson/core/food"
	"damson/core/recall"
	"damson/core/words"
)

// A line is tidied before it is read, and what is tidied away may name a food: "1 cup water to each quart of
// beans". Where that food is none of the recipe, the line says more than was read of it.

// lostFoods gives back to each line the foods that were tidied away and that nothing else of the recipe names.
func (r *Reader) lostFoods(rec *Recipe) {
	for _, l := range rec.Lines {
		if l.Kind != Ingredient {
			continue
		}
		l.Unread = append(l.Unread, r.lost(rec, l)...)
	}
}

// lost are the names of foods that the line has and its tidied form and the recipe have not.
func (r *Reader) lost(rec *Recipe, l *Line) (names []string) {
	for _, a := range recall.Of(r.gone, l.Text, r.tidiedAway) {
		if !rec.names(a.food) {
			names = append(names, a.name)
		}
	}
	return names
}

// away is a food by the name that a line has for it.
type away struct {
	name string
	food *food.Food
}

// tidiedAway are the foods that a line has and its tidied form has not.
func (r *Reader) tidiedAway(line string) (list []away) {
	kept := map[string]bool{}
	for _, t := range words.Split(r.look(line).body) {
		kept[t.Text] = true
	}
	t := words.Split(line)
	for i := 0; i < len(t); i++ {
		s, n := r.line.at(t, i)
		if n == 0 {
			continue
		}
		named := s.kind == foodName && s.food != nil && !noFood[t[i+n-1].Text] && !notMeantHere(t[:i], t[i].Text)
		if named && !keptOf(kept, t[i:i+n]) {
			list = append(list, away{strings.TrimSpace(line[t[i].Start:t[i+n-1].End]), s.food})
		}
		i += n - 1
	}
	return list
}

// noFood are words that look like a food and are tidied away for what they are: what was trimmed, and what the list
// makes.
var noFood = set("water fat tallow syrup brine")

// keptOf reports whether any word of the name is still there.
func keptOf(kept map[string]bool, name []words.Token) bool {
	for _, t := range name {
		if kept[t.Text] {
			return true
		}
	}
	return false
}

// notMeantHere reports words ahead of a food that say that it does not go in: "in place of milk", "a spoon of tea",
// "kernels in the milk".
func notMeantHere(before []words.Token, name string) bool {
	if n := len(before); name == "milk" && n > 1 && before[n-2].Text+" "+before[n-1].Text == "in the" {
		return true
	}
	for _, t := range before[max(0, len(before)-4):] {
		if negations[t.Text] || insteadWords[t.Text] {
			return true
		}
	}
	return false
}

var insteadWords = set("instead place rather than lieu free spoon spoons")

// names reports whether a line or the title names the food.
func (rec *Recipe) names(f *food.Food) bool {
	for _, l := range rec.Lines {
		for _, x := range append(append([]*Line{l}, l.Also...), l.Alternatives...) {
			if x.Ref == f {
				return true
			}
		}
	}
	title := words.FoldPhrase(rec.Title)
	for _, name := range f.Names {
		if strings.Contains(" "+title+" ", " "+words.FoldPhrase(name)+" ") {
			return true
		}
	}
	return false
}
