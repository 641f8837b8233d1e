package recipe

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// Measured reads the amounts that a sentence states ("add 2 Tbsp bottled lemon
// juice to each quart") as ingredient lines, one for each amount with a unit
// and a known food.
func (r *Reader) Measured(st *Step) []*Line {
	t := words.Split(st.told())
	var starts []int
	for i := 0; i < len(t); i++ {
		if t[i].Kind != words.Number && english.NumberWord(t[i].Text) == 0 && t[i].Text != "a" && t[i].Text != "half" &&
			t[i].Text != "quarter" {
			continue
		}
		_, n, err := number(t, i)
		if err != nil || n == 0 {
			continue
		}
		j := i + n
		if j+1 < len(t) && (t[j].Text == "-" || t[j].Text == "to") && t[j+1].Kind == words.Number {
			_, m, _ := number(t, j+1)
			j += 1 + m
		}
		for j < len(t) && sizeWords[t[j].Text] {
			j++
		}
		if u := unitAt(t, j); u.n > 0 && r.foodAhead(t, j+u.n) && !r.ofBatch(t, j+u.n) {
			if name, k := jarWord(t, j); k > 0 && name == "jar" {
				continue
			}
			starts = append(starts, i)
			i = j
		}
	}
	var out []*Line
	for k, i := range starts {
		end := len(st.Text)
		if k+1 < len(starts) {
			end = t[starts[k+1]].Start
		}
		l := r.Line(st.No, st.Text[t[i].Start:end])
		if jar := eachJar(t[max(0, i-24):i]); jar != "" && l.Per == "" {
			l.Per = jar // "into each hot pint 1 Tbsp lemon juice"
		} else if jar := headJar(t, i); jar != "" && l.Per == "" && forEach(words.Split(st.Text[t[i].Start:end])) {
			l.Per = jar // "hot pints, 1 Tbsp lemon juice each"
		}
		if l.Ref == nil {
			if l = r.upToFood(st, t, i, end); l == nil {
				continue
			}
		}
		// "2 Tbsp lemon juice or ½ tsp citric acid per quart": both are by the quart.
		if n := len(out); n > 0 && l.Per != "" && out[n-1].Per == "" && strings.HasSuffix(strings.TrimSpace(st.Text[:t[i].Start]), " or") {
			out[n-1].Per = l.Per
		}
		l.Also, l.Alternatives = amounted(known(l.Also)), known(l.Alternatives)
		out = append(out, l)
	}
	return append(append(out, r.eachJarHas(st, t)...), r.dosed(st, t)...)
}

// eachJarHas reads what is counted into each jar: "four or five pearl onions to each jar".
func (r *Reader) eachJarHas(st *Step, t []words.Token) []*Line {
	var out []*Line
	for i := 0; i < len(t); i++ {
		_, n, err := number(t, i)
		share := t[i].Text == "half" || t[i].Text == "quarter"
		if err != nil || n == 0 || share || unitAt(t, i+n).n > 0 {
			continue
		}
		if !jarBehind(t, i+n) && eachJar(t[max(0, i-jarBefore):i]) == "" {
			continue
		}
		if l := r.counted(st, t, i, i+n); l != nil {
			out = append(out, l)
		}
	}
	return out
}

// jarBefore is how far before a count its jar may stand: "each jar gets one chili".
const jarBefore = 5

// counted reads the food right behind the count from t[i] to t[j]; nil where none stands there, or an acid,
// which has a measure, or where the count is left open.
func (r *Reader) counted(st *Step, t []words.Token, i, j int) *Line {
	s, n := r.line.at(t, j)
	for k := 0; k < 2 && (n == 0 || s.kind != foodName) && j+1 < len(t) && t[j].Kind == words.Word &&
		t[j].Text != "or"; k++ {
		j++ // "one hot chili"
		s, n = r.line.at(t, j)
	}
	if n == 0 || s.kind != foodName {
		return nil // also "four" of "four or five": the larger is read by itself
	}
	end := j + n
	if end < len(t) && (t[end].Text == "slice" || t[end].Text == "half" || t[end].Text == "ring") {
		end++
	}
	for k := end; k < len(t) && k < end+8 && t[k].Text != "jar"; k++ {
		if leavesCountOpen[t[k].Text] {
			return nil
		}
	}
	l := r.Line(st.No, st.Text[t[i].Start:t[end-1].End])
	acid := l.Ref.In("vinegar", "weak-vinegar", "fresh-citrus", "citrus-juice", "bottled-citrus")
	if l.Ref == nil || l.AmountMin == nil || acid {
		return nil
	}
	l.Per = "jar"
	return l
}

// leavesCountOpen are words that leave a count open.
var leavesCountOpen = map[string]bool{"more": true, "few": true, "several": true, "some": true, "plus": true,
	"extra": true, "handful": true}

// jarBehind reports "to each jar" behind t[i] in the same sentence.
func jarBehind(t []words.Token, i int) bool {
	for ; i+1 < len(t); i++ {
		if _, n := jarWord(t, i+1); n > 0 && (t[i].Text == "each" || t[i].Text == "every" || t[i].Text == "per") {
			return true
		}
	}
	return false
}

// forEach reports an "each" that ends a phrase: "1 Tbsp lemon juice each, wipe".
func forEach(t []words.Token) bool {
	for i := range t {
		if (t[i].Text == "each" || t[i].Text == "apiece") && (i+1 == len(t) || t[i+1].Kind == words.Mark) {
			return true
		}
	}
	return false
}

// behindAtMost is how many words before an amount are looked at for the jar that it goes into.
const behindAtMost = 200

// headJar returns the one jar that the sentence names before t[i], "" where it names none or two.
func headJar(t []words.Token, i int) string {
	jar := ""
	for k := max(0, i-behindAtMost); k < i; k++ {
		name, n := jarWord(t, k)
		if n == 0 {
			continue
		}
		if jar != "" && jar != name {
			return ""
		}
		jar, k = name, k+n-1
	}
	return jar
}

// upToFood reads the amount at t[i] with what stands up to the end of its food's name,
// where the words behind it hide the food: "five cups chopped tomatillos husks off
// because they're sticky". It returns nil where no food is named close by.
func (r *Reader) upToFood(st *Step, t []words.Token, i, end int) *Line {
	for k := i + 1; k < len(t) && k < i+9 && t[k].End <= end; k++ {
		s, n := r.line.at(t, k)
		if n == 0 || s.kind != foodName {
			continue
		}
		if l := r.Line(st.No, st.Text[t[i].Start:t[k+n-1].End]); l.Ref != nil && l.AmountMin != nil {
			return l
		}
		return nil
	}
	return nil
}

// dosed reads a food whose measure for each jar stands behind it: "add bottled lemon
// juice, 2 tablespoons per quart".
func (r *Reader) dosed(st *Step, t []words.Token) []*Line {
	var out []*Line
	for i := 2; i < len(t); i++ {
		if t[i-1].Text != "," && t[i-1].Text != "(" && t[i-1].Text != "-" {
			continue
		}
		_, n, err := number(t, i)
		if err != nil || n == 0 {
			continue
		}
		u := unitAt(t, i+n)
		end := i + n + u.n
		if u.n == 0 || end+1 >= len(t) || t[end].Text != "a" && !toEachJar[t[end].Text] {
			continue
		}
		for end < len(t) && end < i+n+u.n+4 && t[end].Kind == words.Word {
			end++
		}
		for k := max(0, i-5); k < i-1; k++ {
			if s, m := r.line.at(t, k); m > 0 && s.kind == foodName && k+m == i-1 {
				if l := r.Line(st.No, st.Text[t[k].Start:t[end-1].End]); l.Ref != nil && l.Per != "" && l.AmountMin != nil {
					out = append(out, l)
				}
				break
			}
		}
	}
	return out
}

// eachJar returns the jar of "into each hot pint" among the words, "" where none is
// named.
func eachJar(t []words.Token) string {
	for i := range t {
		if t[i].Text != "each" && t[i].Text != "every" {
			continue
		}
		for k := i + 1; k < len(t) && k <= i+3; k++ {
			if name, n := jarWord(t, k); n > 0 && (k+n >= len(t) || t[k+n].Text != "of") {
				return name
			}
		}
	}
	return ""
}

// ofBatch reports whether the amount that ends at t[i] is of what stands in the
// pot, as "6 cups of juice with the pectin", and of no food that follows.
func (r *Reader) ofBatch(t []words.Token, i int) bool {
	for i < len(t) && (t[i].Text == "of" || t[i].Text == "the") {
		i++
	}
	s, n := r.step.at(t, i)
	if n == 0 || s.kind != genericFood || i+n >= len(t) {
		return false
	}
	return t[i+n].Text == "with" || t[i+n].Text == "and"
}

// amounted leaves out what has no amount of its own: the sentence names it besides.
func amounted(list []*Line) []*Line {
	return slices.DeleteFunc(list, func(l *Line) bool { return l.AmountMin == nil })
}

// known leaves out what no food is named by: the rest of a sentence is no
// ingredient.
func known(list []*Line) []*Line {
	var out []*Line
	for _, l := range list {
		if l.Ref != nil {
			l.Unread, l.Slip = nil, ""
			out = append(out, l)
		}
	}
	return out
}
