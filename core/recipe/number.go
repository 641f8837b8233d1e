package recipe

import (
	"fmt"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// largest is the largest amount that Damson takes for a home recipe.
const largest = 100000

var fractionWords = map[string]float64{"half": 0.5, "quarter": 0.25, "third": 1.0 / 3, "fourth": 0.25, "eighth": 0.125}

// digits reads "12", "1.5", "1,5", "1,000", "3/4" and "½".
func digits(s string) (float64, error) {
	if v, ok := english.Digits(s); ok && v <= largest {
		return v, nil
	}
	if _, below, cut := strings.Cut(s, "/"); cut {
		if y, ok := english.Digits(below); ok && y == 0 {
			return 0, fmt.Errorf("%q: the amount divides by zero; write the amount you mean", s)
		}
	}
	return 0, fmt.Errorf("%q: no kitchen holds this amount; write the amount you mean", s)
}

// number reads a number that starts at t[i]: digits, a mixed number, or words; a
// bare "a" is one. It returns the number of tokens it took, 0 where there is no
// number.
func number(t []words.Token, i int) (v float64, n int, err error) {
	if i >= len(t) {
		return 0, 0, nil
	}
	if t[i].Kind == words.Number {
		if v, err = digits(t[i].Text); err != nil {
			return v, 1, err
		}
	}
	if v, n = english.Number(t, i); n > 0 {
		if w := t[i+n-1].Text; n == 1 && (w == "half" || w == "quarter" || w == "third") && unitAt(t, i+n).n == 0 {
			return 0, 0, nil // "half the jar"
		}
		if v > largest {
			return 0, n, fmt.Errorf("%q: no kitchen holds this amount; write the amount you mean", t[i].Text)
		}
		return v, n, nil
	}
	if w := t[i].Text; (w == "a" || w == "an") && i+1 < len(t) {
		return 1, 1, nil
	}
	return 0, 0, nil
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
