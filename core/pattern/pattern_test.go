package pattern_test

import (
	"math/rand/v2"
	"regexp"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/pattern"
)

// exprs are of every shape that readers use.
var exprs = []string{
	`foo`, `(?i)foo`, `foo|bar`, `^(foo|ba[rz])\b`, `a +b`, `a\s*b`, `\d+ ?lb`, `(?i)\bk(?:ettle)?s\b`, `x{2,3}y`, `(?:ab)+c`, `[ab]c?d`, `é+t`, `(?i)É`, `(?i)caf[eé]`, `.*`, `a*`, `[^a]b`, `(a|)(b|c)`,
	`(?i)^(serves|yields?|makes)\s*:?\s*(\d+)`, `\b(\d+)\s*(?:-|–|to)\s*(\d+)\b`, `½|¼`, `[½¼¾]\s?cup`, `(?m)^b$`, `(?s)a.b`, `(?i)straße`, `(?:a|b|c|d|e|f|g|h|i|j|k|l)m`, `[0-9]{3}`, `^\W*(hi|ab)`, `^(foo|é)`, `^(?i)[k-m]`, `^a?b|^c`, `(^a|b)`, `^(a*|b)`, `^.b`, `^[^a]`, `(?i)^ſ|^k`, `^$`, `\x{212a}`, `(?i:k)elvin`,
}

// same asks both and compares every answer.
func same(t *testing.T, p *pattern.Pattern, re *regexp.Regexp, s string) {
	t.Helper()
	require.Equal(t, re.MatchString(s), p.MatchString(s), "%s on %q", re, s)
	require.Equal(t, re.FindString(s), p.FindString(s))
	require.Equal(t, re.FindStringIndex(s), p.FindStringIndex(s))
	require.Equal(t, re.FindStringSubmatch(s), p.FindStringSubmatch(s))
	require.Equal(t, re.FindStringSubmatchIndex(s), p.FindStringSubmatchIndex(s))
	require.Equal(t, re.FindAllString(s, -1), p.FindAllString(s, -1))
	require.Equal(t, re.FindAllStringIndex(s, -1), p.FindAllStringIndex(s, -1))
	require.Equal(t, re.FindAllStringSubmatch(s, 2), p.FindAllStringSubmatch(s, 2))
	require.Equal(t, re.FindAllStringSubmatchIndex(s, -1), p.FindAllStringSubmatchIndex(s, -1))
	require.Equal(t, re.ReplaceAllString(s, "<$0>"), p.ReplaceAllString(s, "<$0>"))
	require.Equal(t, re.ReplaceAllStringFunc(s, strings.ToUpper), p.ReplaceAllStringFunc(s, strings.ToUpper))
}

// The quick no never says no to a match: on texts made of pieces of the expressions,
// of both cases, with letters that fold to others.
func TestSameAsRegexp(t *testing.T) {
	pieces := []string{"foo", "FOO", "bar", "baz", " ", "  ", "\t", "a", "b", "c", "d", "12", "3", "lb", " lb", "kettle", "K", "s", "ſ", "xx", "y", "ab", "é", "É", "café", "serves", "Makes", ":", "-", "–", "to", "½", "cup", "\n", "ß", "STRASSE", "straße", "m", "l", "\u212aelvin", "kelvin", "\xff"}
	rnd := rand.New(rand.NewPCG(1, 2))
	for _, expr := range exprs {
		p, re := pattern.MustCompile(expr), regexp.MustCompile(expr)
		same(t, p, re, "")
		for range 600 {
			var b strings.Builder
			for range rnd.IntN(7) {
				b.WriteString(pieces[rnd.IntN(len(pieces))])
			}
			same(t, p, re, b.String())
		}
	}
}

// Expressions grown at random agree with regexp on texts grown at random.
func TestSameAsRegexpAtRandom(t *testing.T) {
	rnd := rand.New(rand.NewPCG(3, 4))
	var grow func(depth int) string
	grow = func(depth int) string {
		if depth == 0 {
			return []string{"a", "b", "ab", "k", "S", "[ab]", "[^a]", `\d`, `\s`, ".", "é", `\b`, "^", "$", "1"}[rnd.IntN(15)]
		}
		x, y := grow(depth-1), grow(rnd.IntN(depth))
		return []string{x + y, "(" + x + "|" + y + ")", "(?:" + x + ")?" + y, "(?:" + x + ")+" + y, "(?:" + x + ")*" + y, "(?:" + x + "){2}", "(?i:" + x + ")" + y}[rnd.IntN(7)]
	}
	letters := []rune("aAbBkKsS1 é\n\u212aſ")
	for range 3000 {
		expr := grow(1 + rnd.IntN(3))
		re, err := regexp.Compile(expr)
		if err != nil {
			continue
		}
		p := pattern.MustCompile(expr)
		for range 20 {
			s := make([]rune, rnd.IntN(8))
			for i := range s {
				s[i] = letters[rnd.IntN(len(letters))]
			}
			same(t, p, re, string(s))
		}
	}
}

// It says no where a letter that the match needs is missing, and only there.
func TestMay(t *testing.T) {
	for _, c := range []struct {
		expr, s string
		may     bool
	}{
		{`(?i)\bserves? (\d+)`, "Serves 8", true},
		{`(?i)\bserves? (\d+)`, "2 cups sugar", false},
		{`pints?|quarts?`, "7 quart jars", true},
		{`pints?|quarts?`, "a pound of salt", false},
		{`\d`, "none", false},
		{`.*`, "", true},
		{`sour +cream`, "sour salt, clotted cream", true}, // it only looks at pairs
		{`sour +cream`, "sourcream", false},
		{`^\W*(hi|dear)\b`, "1 cup dear sugar", false},
		{`^\W*(hi|dear)\b`, "— Hi, dear", true},
		{`^\d+$`, "", false},
		{`(she|he) .*(fills|packs)`, "fills jars with beans", false}, // both are needed
		{`(she|he) .*(fills|packs)`, "he at once fills them", true},
	} {
		in := pattern.PairsOf(c.s)
		require.Equal(t, c.may, pattern.MustCompile(c.expr).May(&in), "%s on %q", c.expr, c.s)
	}
}

// A set passes over no expression that matches.
func TestSet(t *testing.T) {
	var list []*pattern.Pattern
	for _, expr := range exprs {
		list = append(list, pattern.MustCompile(expr))
	}
	set := pattern.NewSet(list...)
	for _, s := range []string{"", "foo", "4 cups Café, serves 8", "12 lb\nb", "½ cup", "\u212aettles", "abab c", "xxy", "— hi"} {
		may := map[int]bool{}
		set.Each(s, func(i int, s string) string {
			may[i] = true
			return s
		})
		for i, p := range list {
			if regexp.MustCompile(exprs[i]).MatchString(s) {
				require.True(t, may[i], "%s on %q", p, s)
			}
		}
	}
	two := pattern.NewSet(pattern.MustCompile("a"), pattern.MustCompile("bc"), pattern.MustCompile("a"))
	require.Equal(t, "0 bc 1", two.Each("a", func(i int, s string) string { // what the first writes the second reads
		return map[int]string{0: "0 bc", 1: s + " 1"}[i]
	}))
	require.Panics(t, func() { pattern.NewSet(make([]*pattern.Pattern, 129)...) })
}

// What is kept of texts is right for whoever asks, at once and again, and for texts that are too
// long to keep or that fall on the place of another.
func TestRecall(t *testing.T) {
	var list []*pattern.Pattern
	var same []*regexp.Regexp
	for _, expr := range exprs {
		list, same = append(list, pattern.MustCompile(expr)), append(same, regexp.MustCompile(expr))
	}
	texts := []string{"", "foo", "Café", "\u212aettles", strings.Repeat("a b ", 74) + "foo", strings.Repeat("a b ", 200) + "foo"}
	for i := range 5000 { // more than are kept
		texts = append(texts, "serves "+strings.Repeat("k", i%40)+string(rune('a'+i%26))+strings.Repeat("9", i%11)+" lb")
	}
	var wait sync.WaitGroup
	wrong := make([]string, 8)
	for g := range wrong {
		wait.Go(func() {
			for i := range texts {
				s := texts[(i*7+g*613)%len(texts)]
				for k := range list {
					if list[k].MatchString(s) != same[k].MatchString(s) {
						wrong[g] = exprs[k] + " on " + s
					}
				}
			}
		})
	}
	wait.Wait()
	for _, w := range wrong {
		require.Empty(t, w)
	}
	for range 600 { // past the patterns whose answers are kept
		require.True(t, pattern.MustCompile("fo+").MatchString("foo"))
	}
}

func BenchmarkNo(b *testing.B) {
	p := pattern.MustCompile(`(?i)^(serves|yields?|makes)\s*:?\s*(\d+)`)
	for b.Loop() {
		p.MatchString("4 cups carrots, peeled and diced, from the garden")
	}
}
