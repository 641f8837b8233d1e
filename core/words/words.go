// Package words folds the text of a recipe into tokens that can be compared:
// lower case, no accents, singular nouns, numbers apart from words.
//
// It knows the shape of English words and nothing of food.
package words

import (
	"slices"
	"strings"
	"unicode"
	"unicode/utf8"

	"golang.org/x/text/unicode/norm"

	"damson/core/recall"
)

// Kind tells tokens apart.
type Kind uint8

// The kinds of token.
const (
	Word Kind = iota
	Number
	Mark
)

// Token is one word, number or punctuation mark of a line.
type Token struct {
	Kind Kind
	// Raw is the text as written; Text is folded: lower case, no accents,
	// singular, and written out: "without" for "w/o".
	Raw, Text string
	// Start and End are byte offsets into the line.
	Start, End int
}

// Vulgar holds the single-character fractions.
var Vulgar = map[rune]float64{
	'½': 1.0 / 2, '⅓': 1.0 / 3, '⅔': 2.0 / 3, '¼': 1.0 / 4, '¾': 3.0 / 4, '⅕': 1.0 / 5, '⅖': 2.0 / 5,
	'⅗': 3.0 / 5, '⅘': 4.0 / 5, '⅙': 1.0 / 6, '⅚': 5.0 / 6, '⅛': 1.0 / 8, '⅜': 3.0 / 8, '⅝': 5.0 / 8, '⅞': 7.0 / 8,
}

// written holds the letters that are no letter with a mark on it.
var written = strings.NewReplacer("œ", "oe", "æ", "ae", "ß", "ss", "ø", "o", "ł", "l", "đ", "d", "ı", "i")

// bare takes the marks off the letters.
func bare(lower string) string { return written.Replace(norm.NFD.String(lower)) }

// splits keeps the lines that were cut last: twenty readers ask for the tokens of one line.
var splits = recall.New[string, []Token](1024)

// Split cuts a line into tokens. Hyphens split words, so "half-pint" and
// "half pint" read alike; a number keeps its slash, point and thousands comma.
// The tokens are shared: nobody may change them.
func Split(s string) []Token { return recall.Of(splits, s, split) }

func split(s string) []Token {
	out := make([]Token, 0, len(s)/4+4)
	for i := 0; i < len(s); {
		r, n := utf8.DecodeRuneInString(s[i:])
		if len(out) == cap(out) {
			out = slices.Grow(out, len(s)-i) // all marks: it grows once
		}
		switch {
		case unicode.IsSpace(r):
			i += n
		case r >= '0' && r <= '9':
			j := numberEnd(s, i)
			text := s[i:j]
			if strings.ContainsAny(text, "⁄∕") {
				text = slashes.Replace(text)
			}
			out = append(out, Token{Number, s[i:j], text, i, j})
			i = j
		case (r == '.' || r == ',') && i+1 < len(s) && s[i+1] >= '0' && s[i+1] <= '9' && bareBefore(s, i):
			j := numberEnd(s, i+1) // ".5 cup"
			out = append(out, Token{Number, s[i:j], "0." + s[i+1:j], i, j})
			i = j
		case Vulgar[r] != 0:
			out = append(out, Token{Number, s[i : i+n], s[i : i+n], i, i + n})
			i += n
		case unicode.IsLetter(r):
			word, j := spelled(s, i)
			if j <= i {
				j = wordEnd(s, i+n)
				word = s[i:j]
			}
			out = append(out, Token{Word, s[i:j], Fold(word), i, j})
			i = j
		default:
			out = append(out, Token{Mark, s[i : i+n], mark(r), i, i + n})
			i += n
		}
	}
	return slices.Clip(out)
}

// wordEnd is where the word ends that goes on at j.
func wordEnd(s string, j int) int {
	for j < len(s) {
		r, n := utf8.DecodeRuneInString(s[j:])
		within := (r == '\'' || r == '’') && j+n < len(s) && isLetterAt(s, j+n)
		if !within && !unicode.IsLetter(r) && !invisible(r) {
			break
		}
		j += n
	}
	return j
}

// short reads "w/o" and "w/" at i, which stand for without and with. It returns the word and
// where what is written ends, i where there is none.
func short(s string, i int) (string, int) {
	if s[i]|0x20 != 'w' || i+1 >= len(s) || s[i+1] != '/' || i > 0 && letter(s[i-1]) {
		return "", 0
	}
	if strings.HasPrefix(strings.ToLower(s[i:]), "w/out") && (i+5 == len(s) || !letter(s[i+5])) {
		return "without", i + 5
	}
	if i+2 < len(s) && s[i+2]|0x20 == 'o' && (i+3 == len(s) || !letter(s[i+3])) {
		return "without", i + 3
	}
	return "with", i + 2
}

// spelled reads a word that is spelled out, "c r e a m" or "c-r-e-a-m", at i: three
// single letters or more, one mark or blank between any two. It returns the word and
// where it ends, i where there is none.
func spelled(s string, i int) (string, int) {
	if word, j := short(s, i); j > i {
		return word, j
	}
	var word []byte
	for j := i; ; {
		if j >= len(s) || !letter(s[j]) || j+1 < len(s) && letter(s[j+1]) {
			break
		}
		word = append(word, s[j])
		i, j = j+1, j+2
		if j > len(s) || s[j-1] != ' ' && s[j-1] != '-' {
			break
		}
	}
	if len(word) < 3 {
		return "", 0
	}
	return string(word), i
}

func letter(b byte) bool { return b|0x20 >= 'a' && b|0x20 <= 'z' }

// slashes turns the typographic slashes of a fraction into the plain one.
var slashes = strings.NewReplacer("⁄", "/", "∕", "/")

// bareBefore reports whether nothing stands before i to which a point or comma
// there could belong.
func bareBefore(s string, i int) bool {
	if i == 0 {
		return true
	}
	r, _ := utf8.DecodeLastRuneInString(s[:i])
	return unicode.IsSpace(r) || r == '('
}

func isLetterAt(s string, i int) bool {
	r, _ := utf8.DecodeRuneInString(s[i:])
	return unicode.IsLetter(r)
}

// numberEnd returns the end of the number that starts at i: digits with inner
// points, commas, a slash, and an exponent.
func numberEnd(s string, i int) int {
	j := i
	digit := func(k int) bool { return k < len(s) && s[k] >= '0' && s[k] <= '9' }
	for digit(j) {
		j++
	}
	for j < len(s) {
		n := 1
		switch {
		case strings.HasPrefix(s[j:], "⁄"), strings.HasPrefix(s[j:], "∕"):
			n = len("⁄")
		case s[j] != '.' && s[j] != ',' && s[j] != '/':
			n = 0
		}
		if n == 0 || !digit(j+n) {
			break
		}
		for j += n; digit(j); {
			j++
		}
	}
	if j < len(s) && (s[j] == 'e' || s[j] == 'E') && digit(j+1) {
		for j++; digit(j); {
			j++
		}
	}
	return j
}

func mark(r rune) string {
	switch r {
	case '–', '—', '‐', '‑', '−':
		return "-"
	case '⁄':
		return "/"
	case '°', 'º':
		return "°"
	case '×':
		return "x"
	}
	return string(r)
}

// invisible reports whether r only changes how its neighbours look or run: a mark
// laid over a letter, a joiner, a direction.
func invisible(r rune) bool { return r > 0x7f && unicode.In(r, unicode.Mn, unicode.Cf) }

// Fold lowers a word, strips accents and apostrophes, and makes it singular.
func Fold(w string) string {
	plain := true
	for i := 0; i < len(w); i++ {
		if c := w[i]; c < 'a' || c > 'z' {
			plain = false
			break
		}
	}
	if !plain {
		w = strings.Map(func(r rune) rune {
			if r == '\'' || r == '’' || invisible(r) {
				return -1
			}
			return r
		}, bare(strings.ToLower(w)))
	}
	return Singular(w)
}

// Unaccented lowers a word and strips its accents, and leaves its ending.
func Unaccented(w string) string {
	for i := 0; i < len(w); i++ {
		if w[i] < 0x80 {
			continue
		}
		return strings.Map(func(r rune) rune {
			if invisible(r) {
				return -1
			}
			return r
		}, bare(strings.ToLower(w)))
	}
	return strings.ToLower(w)
}

var irregular = map[string]string{
	"leaves": "leaf", "loaves": "loaf", "halves": "half", "knives": "knife", "olives": "olive", "chives": "chive",
	"endives": "endive", "potatoes": "potato", "tomatoes": "tomato", "mangoes": "mango", "mangos": "mango",
	"jalapenos": "jalapeno", "cookies": "cookie", "pies": "pie", "brownies": "brownie", "veggies": "veggie",
	"calories": "calorie", "feet": "foot", "geese": "goose", "anchovies": "anchovy", "molasses": "molasses",
	"asparagus": "asparagus", "hummus": "hummus", "couscous": "couscous", "grits": "grits", "swiss": "swiss",
	"greens": "greens", "capers": "caper", "oats": "oat", "lentils": "lentil", "brussels": "brussels", "less": "less",
	"gas": "gas", "yes": "yes", "always": "always", "is": "is", "as": "as", "has": "has", "was": "was", "us": "us",
	"this": "this", "its": "its", "plus": "plus", "citrus": "citrus", "perhaps": "perhaps", "does": "does", "lens": "lens",
	"octopus": "octopus", "biscuits": "biscuit", "leeks": "leek", "clams": "clam", "herbes": "herbes", "goes": "go",
	"series": "series", "lbs": "lb", "pts": "pt", "qts": "qt", "ozs": "oz", "tbs": "tb", "kgs": "kg", "mls": "ml", "hrs": "hr", "mts": "min", "cloves": "clove", "gloves": "glove", "heroes": "hero", "worcestershire": "worcestershire",
	"hundreds": "hundred", "seconds": "second", "minutes": "minute", "tortellini": "tortellini", "canes": "cane",
	"drippings": "dripping", "juices": "juice", "sauces": "sauce", "spices": "spice", "slices": "slice", "pieces": "piece",
	"bunches": "bunch", "peaches": "peach", "radishes": "radish", "dishes": "dish", "dashes": "dash", "pinches": "pinch",
	"inches": "inch", "squashes": "squash", "boxes": "box", "glasses": "glass", "branches": "branch", "batches": "batch",
	"quinces": "quince", "ounces": "ounce", "axes": "axe", "stones": "stone",
}

// Singular returns the singular of a lower-case English noun; other words it
// changes in a way that is at least the same each time.
func Singular(w string) string {
	if n := len(w); n == 0 || w[n-1] != 's' && w != "feet" && w != "geese" {
		return w
	}
	if s, ok := irregular[w]; ok {
		return s
	}
	n := len(w)
	if n < 4 || w[n-1] != 's' {
		return w
	}
	switch {
	case strings.HasSuffix(w, "ss"), strings.HasSuffix(w, "us"), strings.HasSuffix(w, "is"):
		return w
	case strings.HasSuffix(w, "ies"):
		return w[:n-3] + "y"
	case strings.HasSuffix(w, "oes"), strings.HasSuffix(w, "xes"), strings.HasSuffix(w, "ches"), strings.HasSuffix(w, "shes"), strings.HasSuffix(w, "sses"):
		return w[:n-2]
	}
	return w[:n-1]
}

// FoldPhrase folds every word of a phrase and joins them with single spaces.
func FoldPhrase(s string) string {
	var b strings.Builder
	for _, t := range Split(s) {
		if t.Kind == Mark {
			continue
		}
		if b.Len() > 0 {
			b.WriteByte(' ')
		}
		b.WriteString(t.Text)
	}
	return b.String()
}

// Sentence writes a clause as a sentence, with a capital letter and a full stop.
func Sentence(clause string) string {
	r, n := utf8.DecodeRuneInString(clause)
	if n == 0 {
		return ""
	}
	return string(unicode.ToUpper(r)) + clause[n:] + "."
}
