package recipe

import (
	"damson/core/english"
	"damson/core/quantity"
	"damson/core/words"
)

// secondAmount returns where "and 2 cups honey" begins in the line, so that each
// food has its own amount; -1 where the line does not hold two.
func (r *Reader) secondAmount(t []words.Token) int {
	for i := range t {
		switch t[i].Text {
		case "and", "plus", "&", "+", ",", ";", "with", "or":
		case "to":
			if i+1 < len(t) && t[i+1].Kind != words.Number {
				continue
			}
		case "in":
			if !stirs(t, i-1) {
				continue // "in 1/4 inch slices"
			}
		default:
			continue
		}
		j := i + 1
		if t[i].Text == "," && j < len(t) && (t[j].Text == "and" || t[j].Text == "plus") {
			j++
		}
		if j >= len(t) || t[j].Kind != words.Number && english.NumberWord(t[j].Text) == 0 || !r.foodBefore(t, i) {
			continue
		}
		if _, n, err := number(t, j); err == nil && n > 0 {
			if k := j + n; k+1 < len(t) && (t[k].Text == "-" || t[k].Text == "to" || t[k].Text == "or") {
				if _, m, err := number(t, k+1); err == nil && m > 0 {
					n += 1 + m // a range
				}
			}
			n += sizeOf(t, j+n)
			u := unitAt(t, j+n)
			if u.unit != quantity.InchPiece && !measureWords[unitWord(t, j+n)] && r.namesFood(t, j+n+u.n) {
				return i
			}
		}
	}
	return -1
}

// sizeOf returns how many tokens tell the size of the packages counted before t[i]: "six
// 10-ounce packages".
func sizeOf(t []words.Token, i int) int {
	if i >= len(t) || t[i].Kind != words.Number {
		return 0
	}
	_, n, err := number(t, i)
	if err != nil || n == 0 {
		return 0
	}
	if i+n < len(t) && t[i+n].Text == "-" {
		n++
	}
	u := unitAt(t, i+n)
	if u.n == 0 {
		return 0
	}
	return n + u.n
}

// stirs reports whether t[i] stirs one thing into another.
func stirs(t []words.Token, i int) bool {
	if i < 1 {
		return false
	}
	switch t[i].Text {
	case "blended", "mixed", "dissolved", "stirred":
		return true
	}
	return false
}

// foodBefore reports whether a food is named before t[end].
func (r *Reader) foodBefore(t []words.Token, end int) bool {
	for i := range t[:end] {
		if r.foodAt(t, i) {
			return true
		}
	}
	return false
}

// namesFood reports whether a food is named directly at t[i], behind "of", sizes
// and preparations.
func (r *Reader) namesFood(t []words.Token, i int) bool {
	for ; i < len(t) && t[i].Kind == words.Word; i++ {
		s, n := r.line.at(t, i)
		if n > 0 && s.kind == foodName {
			return true
		}
		if t[i].Text == "each" && i+1 < len(t) && t[i+1].Text == "of" {
			continue // "1/4 tsp each of cloves and mace"
		}
		if bindingWords[t[i].Text] {
			return false
		}
		if n == 0 && t[i].Text != "of" && !sizeWords[t[i].Text] && !colours[t[i].Text] {
			return false
		}
	}
	return false
}

// bindingWords begin something other than the name of what was measured.
var bindingWords = map[string]bool{"if": true, "or": true, "for": true, "to": true, "as": true, "more": true,
	"extra": true, "per": true, "each": true, "every": true, "at": true, "in": true, "on": true, "from": true, "until": true, "so": true}

// unitWord returns the token at t[i], past a hyphen.
func unitWord(t []words.Token, i int) string {
	if i < len(t) && t[i].Text == "-" {
		i++
	}
	if i < len(t) {
		return t[i].Text
	}
	return ""
}

// pair reads a line that holds two foods, each with its amount.
func (r *Reader) pair(no int, text, body string, t []words.Token, cut int) *Line {
	end := t[cut].Start
	if stirs(t, cut-1) {
		end = t[cut-1].Start // "flour, blended in 1/4 cup water" is no puree
	}
	first := r.Line(no, body[:end])
	next := cut + 1
	if t[cut].Text == "," && next < len(t) && (t[next].Text == "and" || t[next].Text == "plus") {
		next++
	}
	second := r.Line(no, body[t[next].Start:])
	if first.Food == second.Food && (t[cut].Text == "," || t[cut].Text == ";") {
		return nil // the same food again: another way to say its amount
	}
	if first.Food == "" || second.Food == "" || second.Kind != Ingredient || first.Kind != Ingredient {
		return nil
	}
	first.Text, second.Text = text, text
	if first.Rest != "" {
		first.Rest += body[t[cut].Start:]
	}
	if t[cut].Text == "or" {
		return first.or(second)
	}
	rest := second.Also
	second.Also, second.Rest = nil, ""
	first.Also = append(append(first.Also, second), rest...)
	if first.Reading == Understood {
		first.Reading, first.Assumed = second.Reading, second.Assumed
	}
	if first.Problem == "" && second.Problem != "" {
		first.Reading, first.Problem = Unclear, second.Problem
	}
	return first
}

// or adds what may stand instead, by a measure of its own: "2 Tbsp lemon juice or ½ tsp
// citric acid per quart". What each jar gets holds for both.
func (l *Line) or(other *Line) *Line {
	others := append([]*Line{other}, other.Alternatives...)
	other.OwnAmount, other.Alternatives, other.Rest = true, nil, ""
	if l.Per == "" {
		l.Per = other.Per
	} else if other.Per == "" {
		other.Per = l.Per
	}
	l.Alternatives, l.Also = append(l.Alternatives, others...), append(l.Also, other.Also...)
	other.Also = nil
	l.Optional = l.Optional || other.Optional
	if l.Reading == Understood {
		l.Reading, l.Assumed = other.Reading, other.Assumed
	}
	if l.Problem == "" && other.Problem != "" {
		l.Reading, l.Problem = Unclear, other.Problem
	}
	return l
}

// laterPlus adds an amount that follows the food: "1 cup honey, plus 2 Tbsp".
func (p *lineParser) laterPlus() {
	if p.l.AmountMin == nil {
		return
	}
	for i := 1; i < len(p.t); i++ {
		if s := p.text(i); s != "plus" && s != "+" && s != "and" && s != "&" {
			continue
		}
		v, n, err := number(p.t, i+1)
		if err != nil || n == 0 {
			continue
		}
		u := unitAt(p.t, i+1+n)
		add, ok := quantity.Convert(v*u.scale, u.unit, p.l.Unit)
		if u.n == 0 || !ok {
			continue
		}
		end := i + 1 + n + u.n
		a := p.l.Amount()
		p.setAmount(quantity.Amount{Min: a.Min + add, Max: a.Max + add, Unit: a.Unit})
		p.guess("the two amounts read as " + p.l.Amount().String() + " together")
		p.t = append(append([]words.Token{}, p.t[:i]...), p.t[end:]...)
		return
	}
}
