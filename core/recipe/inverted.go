package recipe

import (
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// A name that stands as in an index, or is told behind the food, makes another food of it: "potatoes, sweet",
// "squash (summer)", "peaches, the white ones".

// ofItsKind gives the line the food that it says apart from its name.
func (r *Reader) ofItsKind(l *Line, text string) {
	if l.Ref == nil {
		return
	}
	f, name := r.inverted(l, text)
	if f == nil {
		f, name = r.kindAnywhere(l.Ref, text), l.Food
	}
	if f == nil {
		return
	}
	l.Ref, l.Food = f, name
	l.refID()
	l.weigh()
}

// inverted returns the food whose name the words behind the line's food make before it, and that name.
func (r *Reader) inverted(l *Line, text string) (*food.Food, string) {
	plain := lastWord(words.FoldPhrase(l.Food))
	parts := strings.FieldsFunc(text, func(c rune) bool { return strings.ContainsRune(",;()–—", c) })
	for _, part := range parts[min(1, len(parts)):] {
		m := kindWord.FindStringSubmatch(strings.TrimSpace(part))
		if m == nil || plain == "" {
			continue
		}
		name := words.FoldPhrase(m[1]) + " " + plain
		f := r.foods.ByName(name)
		if f == nil || f == l.Ref || f.In("capsicum") { // peppers go by each other's names
			continue
		}
		if !isMade(f, name) {
			return f, name
		}
	}
	return nil, ""
}

// isMade reports a name of what is made of the food.
func isMade(f *food.Food, name string) bool {
	return f.Kind == "compound" || madeOf.MatchString(name) || madeOf.MatchString(f.Names[0]+" ")
}

// kindAnywhere returns the kind of fruit that a word anywhere in the line makes of it.
func (r *Reader) kindAnywhere(of *food.Food, text string) *food.Food {
	switch {
	case (of.ID == "peach" || of.ID == "nectarine") && whiteKind.MatchString(text):
		return r.foods.ByName("white " + of.ID)
	case of.ID == "pear" && asianKind.MatchString(text):
		return r.foods.ByName("asian pear")
	}
	return nil
}

var (
	// kindWord is a part of the line that is one or two words, and perhaps that they tell the kind.
	kindWord = pattern.MustCompile(`^(?i)(?:(?:and|all|only|the|of the|those|my|our|home-grown) )*` +
		`(\pL[\pL-]*(?: \pL[\pL-]*)??)(?: (?:ones?|kind|sort|type|variety))?\.?$`)
	asianKind = pattern.MustCompile(`(?i)\b(asian|japanese|korean|oriental|nashi)\b`)
	whiteKind = pattern.MustCompile(`(?i)\bwhite\b`)
)
