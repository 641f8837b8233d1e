package english

import (
	"math"
	"strconv"
	"strings"
	"unicode/utf8"

	"damson/core/words"
)

// units and tens are the number words.
var (
	ones = map[string]float64{"zero": 0, "nought": 0, "one": 1, "two": 2, "three": 3, "four": 4, "five": 5, "six": 6, "seven": 7, "eight": 8, "nine": 9, "ten": 10,
		"eleven": 11, "twelve": 12, "thirteen": 13, "fourteen": 14, "fifteen": 15, "sixteen": 16, "seventeen": 17, "eighteen": 18, "nineteen": 19}
	tens = map[string]float64{"twenty": 20, "thirty": 30, "forty": 40, "fourty": 40, "fifty": 50, "sixty": 60, "seventy": 70, "eighty": 80, "ninety": 90}
	// Parts are the fraction words.
	parts = map[string]float64{"half": 1.0 / 2, "third": 1.0 / 3, "quarter": 1.0 / 4, "fourth": 1.0 / 4, "fifth": 1.0 / 5, "sixth": 1.0 / 6, "eighth": 1.0 / 8, "tenth": 1.0 / 10}
)

// NumberWord is the value of a word that says a number by itself, "thirteen", "forty", "dozen"; 0 for
// any other.
func NumberWord(w string) float64 {
	switch w {
	case "dozen":
		return 12
	case "hundred":
		return 100
	}
	return max(ones[w], tens[w])
}

// Digits reads "12", "1.5", "1,5", "1,000", "3/4" and "½". ok is false where
// the text is no finite number.
func Digits(s string) (v float64, ok bool) {
	first, _ := utf8.DecodeRuneInString(s)
	if v := words.Vulgar[first]; v != 0 {
		return v, true
	}
	if a, b, cut := strings.Cut(s, "/"); cut {
		x, okA := Digits(a)
		y, okB := Digits(b)
		return x / y, okA && okB && y != 0
	}
	if i := strings.LastIndexByte(s, ','); i >= 0 {
		if len(s)-i-1 == 3 && !strings.Contains(s, ".") {
			s = strings.ReplaceAll(s, ",", "")
		} else {
			s = strings.Replace(s, ",", ".", 1)
		}
	}
	v, err := strconv.ParseFloat(s, 64)
	return v, err == nil && !math.IsInf(v, 0) && !math.IsNaN(v)
}

// Number reads the number that starts at t[i], in figures or words: "1 1/2",
// "forty-five", "a hundred and ten", "half a dozen", "two and a half", "three
// quarters of a". n is the tokens taken, 0 where there is none. A bare "a" is no
// number.
func Number(t []words.Token, i int) (v float64, n int) {
	v, n = whole(t, i)
	if n == 0 {
		return fraction(t, i)
	}
	j := i + n
	if word(t, j) == "dozen" {
		return v * 12, n + 1
	}
	if f, m := fractionOf(t, i, v); m > 0 {
		return f, m
	}
	// "1 1/2", "1½", "1-1/2", "1 & 1/2", "one and a half"
	k := j
	if w := word(t, k); w == "-" || w == "and" || w == "&" {
		k++
	}
	if k < len(t) && t[k].Kind == words.Number && v == math.Trunc(v) && (t[i].Kind == words.Number || k > j) { // "seven 3/4-inch pieces" are seven
		if f, ok := Digits(t[k].Text); ok && f > 0 && f < 1 && isFraction(t[k].Text) {
			return v + f, k + 1 - i
		}
	}
	if w := word(t, j); (w == "and" || w == "&") && (word(t, j+1) == "a" || word(t, j+1) == "one") {
		k := j + 2
		if word(t, k) == "-" {
			k++
		}
		if f := parts[word(t, k)]; f != 0 {
			if word(t, j-1) == "dozen" {
				f *= 12
			}
			return v + f, k + 1 - i
		}
	}
	return v, n
}

func word(t []words.Token, i int) string {
	if i < 0 || i >= len(t) {
		return ""
	}
	return t[i].Text
}

func isFraction(s string) bool {
	first, _ := utf8.DecodeRuneInString(s)
	return strings.Contains(s, "/") || words.Vulgar[first] != 0
}

// whole reads figures or number words without a fraction.
func whole(t []words.Token, i int) (v float64, n int) {
	if i >= len(t) {
		return 0, 0
	}
	if t[i].Kind == words.Number {
		v, ok := Digits(t[i].Text)
		if !ok {
			return 0, 0
		}
		return v, 1
	}
	w := t[i].Text
	if (w == "a" || w == "an") && (word(t, i+1) == "hundred" || word(t, i+1) == "thousand" || word(t, i+1) == "dozen" || word(t, i+1) == "couple") {
		switch word(t, i+1) {
		case "dozen":
			return 12, 2
		case "couple":
			return 2, 2 + of(t, i+2)
		}
		v, n = 1, 1
	} else if x, ok := ones[w]; ok {
		v, n = x, 1
	} else if x, ok := tens[w]; ok {
		v, n = x, 1
		j := i + 1
		if word(t, j) == "-" {
			j++
		}
		if y := ones[word(t, j)]; y >= 1 && y <= 9 {
			v, n = v+y, j+1-i
		}
	} else if w == "dozen" {
		return 12, 1
	} else if w == "hundred" || w == "thousand" {
		v = 1
	} else {
		return 0, 0
	}
	for {
		switch word(t, i+n) {
		case "hundred":
			v *= 100
		case "thousand":
			v *= 1000
		default:
			return v, n
		}
		n++
		j := i + n
		if word(t, j) == "and" {
			j++
		}
		if rest, m := whole(t, j); m > 0 && t[j].Kind == words.Word && word(t, j) != "a" && rest < v {
			v, n = v+rest, j+m-i
			return v, n
		}
	}
}

// fraction reads "half a dozen", "three quarters of an" without its first
// number, "a quarter of a", "half".
func fraction(t []words.Token, i int) (v float64, n int) {
	j := i
	if w := word(t, j); w == "a" || w == "one" {
		j++
		if word(t, j) == "-" {
			j++
		}
	}
	f := parts[word(t, j)]
	if f == 0 || word(t, j) == "third" && j == i || word(t, j) == "fourth" && j == i || word(t, j) == "fifth" && j == i {
		return 0, 0
	}
	if next := word(t, j+1); word(t, j) == "half" && (next == "pint" || next == "gallon" || next == "-" && (word(t, j+2) == "pint" || word(t, j+2) == "gallon")) && j == i {
		return 0, 0 // the jar
	}
	j++
	if word(t, j) == "-" && word(t, j+1) == "dozen" {
		j++
	}
	j += of(t, j)
	if w := word(t, j); w == "a" || w == "an" {
		j++
	}
	if word(t, j) == "dozen" {
		return f * 12, j + 1 - i
	}
	return f, j - i
}

// fractionOf reads "two thirds", "three-quarters of a" for the number v at t[i].
func fractionOf(t []words.Token, i int, v float64) (float64, int) {
	j := i + 1
	if v > 9 || t[i].Kind != words.Word {
		return 0, 0
	}
	if word(t, j) == "-" {
		j++
	}
	f := parts[word(t, j)]
	if f == 0 || f == 0.5 && (v != 1 || word(t, j+1) == "pint" || word(t, j+1) == "gallon") {
		return 0, 0
	}
	j++
	j += of(t, j)
	if w := word(t, j); w == "a" || w == "an" {
		j++
	}
	return v * f, j - i
}

func of(t []words.Token, i int) int {
	if word(t, i) == "of" {
		return 1
	}
	return 0
}

// Range reads one number or two: "2-3", "2 to 3", "20 or 25", "between ten and
// twelve". Max equals Min where there is one.
func Range(t []words.Token, i int) (lo, hi float64, n int) {
	between := 0
	if word(t, i) == "between" {
		between = 1
	}
	v, n := Number(t, i+between)
	if n == 0 {
		return 0, 0, 0
	}
	n += between
	j := i + n
	joint := word(t, j)
	if joint == "-" && (word(t, j+1) == "to" || word(t, j+1) == "or") {
		j++ // "2- to 3-inch"
	}
	if joint == "-" || joint == "to" || joint == "or" || joint == "till" || between == 1 && joint == "and" {
		if w, m := Number(t, j+1); m > 0 && w > v && !(joint == "-" && isFraction(t[j+1].Raw) && w < 1) {
			if word(t, j+m) == "dozen" && word(t, j-1) != "dozen" {
				v *= 12 // "two or three dozen"
			}
			return v, w, j + 1 + m - i
		}
	}
	return v, v, n
}

// Numeral reports whether the word is a number or a part by itself.
func Numeral(w string) bool {
	_, one := ones[w]
	_, ten := tens[w]
	return one || ten || parts[w] != 0 || w == "a" || w == "one" || w == "double" || w == "triple" || w == "dozen" || w == "hundred"
}
