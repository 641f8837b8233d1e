package recipe

import (
	"fmt"
	"math"
	"strconv"
	"strings"
	"unicode/utf8"

	"damson/core/words"
)

// largest is the largest amount that Damson takes for a home recipe.
const largest = 100000

var numberWords = map[string]float64{
	"one": 1, "two": 2, "three": 3, "four": 4, "five": 5, "six": 6, "seven": 7, "eight": 8, "nine": 9, "ten": 10,
	"eleven": 11, "twelve": 12, "fifteen": 15, "sixteen": 16, "twenty": 20, "thirty": 30, "forty": 40, "fifty": 50,
	"sixty": 60, "ninety": 90, "hundred": 100, "dozen": 12,
}

var fractionWords = map[string]float64{"half": 0.5, "quarter": 0.25, "third": 1.0 / 3, "fourth": 0.25, "eighth": 0.125}

// tens are the number words that another may follow: "twenty-five".
var tens = map[string]bool{"twenty": true, "thirty": true, "forty": true, "fifty": true, "sixty": true, "ninety": true}

// digits reads "12", "1.5", "1,5", "1,000", "3/4" and "½".
func digits(s string) (float64, error) {
	first, _ := utf8.DecodeRuneInString(s)
	if v := words.Vulgar[first]; v != 0 {
		return v, nil
	}
	if a, b, ok := strings.Cut(s, "/"); ok {
		x, err1 := digits(a)
		y, err2 := digits(b)
		switch {
		case err1 != nil:
			return 0, err1
		case err2 != nil:
			return 0, err2
		case y == 0:
			return 0, fmt.Errorf("%q: the amount divides by zero; write the amount you mean", s)
		}
		return x / y, nil
	}
	if i := strings.LastIndexByte(s, ','); i >= 0 {
		if len(s)-i-1 == 3 && !strings.Contains(s, ".") {
			s = strings.ReplaceAll(s, ",", "")
		} else {
			s = strings.Replace(s, ",", ".", 1)
		}
	}
	v, err := strconv.ParseFloat(s, 64)
	if err != nil || math.IsInf(v, 0) || v > largest {
		return 0, fmt.Errorf("%q: no kitchen holds this amount; write the amount you mean", s)
	}
	return v, nil
}

// number reads a number that starts at t[i]: digits, a mixed number, or words.
// It returns the number of tokens it took, 0 where there is no number.
func number(t []words.Token, i int) (v float64, n int, err error) {
	if i >= len(t) {
		return 0, 0, nil
	}
	switch t[i].Kind {
	case words.Number:
		v, err = digits(t[i].Text)
		n = 1
		if err != nil {
			return v, n, err
		}
		whole := v == math.Trunc(v) && !strings.Contains(t[i].Text, "/")
		if !whole {
			if i+1 < len(t) && t[i+1].Text == "dozen" {
				return v * 12, 2, nil
			}
			return v, n, nil
		}
		// "1 1/2", "1½", "1-1/2", "1 and 1/2"
		j := i + 1
		if j < len(t) && (t[j].Text == "-" || t[j].Text == "and" || t[j].Text == "&") {
			j++
		}
		if j < len(t) && t[j].Kind == words.Number {
			if f, ferr := digits(t[j].Text); ferr == nil && f > 0 && f < 1 && isFraction(t[j].Text) {
				return v + f, j + 1 - i, nil
			}
		}
		if k := andAHalf(t, i+1); k > 0 {
			return v + fractionWords[t[i+k].Text], k + 1, nil
		}
		if i+1 < len(t) && t[i+1].Text == "dozen" {
			return v * 12, 2, nil
		}
		return v, n, nil
	case words.Word:
		w := t[i].Text
		if x, ok := numberWords[w]; ok {
			if k, f := wordFraction(t, i, x); k > 0 {
				return f, k, nil
			}
			if tens[w] && i+1 < len(t) {
				j := i + 1
				if t[j].Text == "-" {
					j++
				}
				if j < len(t) && numberWords[t[j].Text] > 0 && numberWords[t[j].Text] < 10 {
					return x + numberWords[t[j].Text], j + 1 - i, nil
				}
			}
			if i+1 < len(t) && t[i+1].Text == "hundred" && x < 10 {
				return x * 100, 2, nil
			}
			if k := andAHalf(t, i+1); k > 0 {
				return x + fractionWords[t[i+k].Text], k + 1, nil
			}
			if i+1 < len(t) && t[i+1].Text == "dozen" && w != "dozen" {
				return x * 12, 2, nil
			}
			return x, 1, nil
		}
		if f, ok := fractionWords[w]; ok && i+1 < len(t) && w != "third" {
			switch {
			case t[i+1].Text == "dozen":
				return f * 12, 2, nil
			case i+2 < len(t) && t[i+1].Text == "a" && t[i+2].Text == "dozen":
				return f * 12, 3, nil
			case t[i+1].Text == "a" || t[i+1].Text == "an":
				return f, 2, nil
			case w == "half" && (t[i+1].Text == "pint" || t[i+1].Text == "gallon"):
				return f, 1, nil
			case unitAt(t, i+1).n > 0:
				return f, 1, nil
			}
		}
		if (w == "a" || w == "an") && i+1 < len(t) {
			if f, ok := fractionWords[t[i+1].Text]; ok && w == "a" {
				return f, 2 + ofA(t, i+2), nil
			}
			if t[i+1].Text == "dozen" {
				return 12, 2, nil
			}
			if t[i+1].Text == "couple" {
				return 2, 2, nil
			}
			if t[i+1].Text == "hundred" {
				return 100, 2, nil
			}
			return 1, 1, nil
		}
		// "two thirds", "three quarters" are read by the caller as words.
	}
	return 0, 0, nil
}

// ofA returns the tokens of "of", "of a" at t[i].
func ofA(t []words.Token, i int) int {
	n := 0
	if i < len(t) && t[i].Text == "of" {
		n++
		if i+1 < len(t) && (t[i+1].Text == "a" || t[i+1].Text == "an") && unitAt(t, i+2).n > 0 {
			n++
		}
	}
	return n
}

// wordFraction reads "two thirds", "three-quarters of a", "one-half" and "one
// and one half" at t[i], x being the value of the first word. It returns the
// tokens taken, 0 where it is none.
func wordFraction(t []words.Token, i int, x float64) (int, float64) {
	j := i + 1
	if j < len(t) && t[j].Text == "-" {
		j++
	}
	if j < len(t) && x < 10 {
		if f, ok := fractionWords[t[j].Text]; ok && !(t[j].Text == "half" && j+1 < len(t) && (t[j+1].Text == "pint" || t[j+1].Text == "gallon")) && !(x > 1 && t[j].Text == "half") {
			return j + 1 - i + ofA(t, j+1), x * f
		}
	}
	if j+2 < len(t) && t[j].Text == "and" && t[j+1].Text == "one" {
		k := j + 2
		if t[k].Text == "-" && k+1 < len(t) {
			k++
		}
		if f, ok := fractionWords[t[k].Text]; ok {
			return k + 1 - i, x + f
		}
	}
	return 0, 0
}

func isFraction(s string) bool {
	if strings.Contains(s, "/") {
		return true
	}
	first, _ := utf8.DecodeRuneInString(s)
	return words.Vulgar[first] != 0
}

// andAHalf returns the tokens up to and including the fraction word of
// "and a half", counted from i-1, or 0.
func andAHalf(t []words.Token, i int) int {
	if i+2 < len(t) && t[i].Text == "and" && t[i+1].Text == "a" {
		if _, ok := fractionWords[t[i+2].Text]; ok {
			return 3
		}
	}
	return 0
}
