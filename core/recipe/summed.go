package recipe

import (
	"math"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/words"
)

// A whole that is told with its parts: "9 cups onions and peppers in all: 5 cups onions, 4 cups
// peppers".

var wholeAndParts = pattern.MustCompile(`(?i)^(\d[\d ./½¼¾⅓⅔]*) ?(cups?|c\.?|quarts?|qts?|lbs?|pounds?|kg|g|` +
	`litres?|liters?) (?:of )?` +
	`(?:\pL+ and \pL+|mixed \pL+|vegetables)(?: of any kind| any kind)?,?` +
	`(?: (?:altogether|all told|in all|total|in total|together|combined))? ?(?:[:(=–—]|- )\s*` +
	`(?:(?:i|we) (?:did|used|had|put|took|made it|went with) )?(\d[^()]*?)\)?\.?$`)

// summed is the line that lists the parts alone, where they make up the whole; s else.
func summed(s string) string {
	m := wholeAndParts.FindStringSubmatch(s)
	if m == nil {
		return s
	}
	whole, n := english.Number(words.Split(m[1]), 0)
	unit := unitAt(words.Split(m[2]), 0).unit
	if n == 0 {
		return s
	}
	sum := 0.0
	parts := strings.FieldsFunc(strings.NewReplacer(" and ", ",", " & ", ",", " + ", ",").Replace(m[3]),
		func(r rune) bool { return r == ',' || r == ';' })
	for _, part := range parts {
		t := words.Split(part)
		v, n := english.Number(t, 0)
		if n == 0 || unitAt(t, n).unit != unit {
			return s
		}
		sum += v
	}
	if len(parts) < 2 || math.Abs(sum-whole) > 0.02*whole {
		return s
	}
	return strings.Join(parts, ", ")
}
