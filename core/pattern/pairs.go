package pattern

import "strings"

// Pairs are the letters of a text and its pairs of neighbours, without their order
// and without regard to case; all figures count as one, and all blanks.
type Pairs struct {
	text string
	ones [4]uint64
	two  [32]uint64
	// odd is true where the text holds a letter beyond ASCII that folds to one of it.
	odd bool
}

// PairsOf returns the pairs of a text.
func PairsOf(s string) (in Pairs) {
	in.text = s
	last, first := byte(0), true
	for i := 0; i < len(s); i++ {
		c := plain[s[i]]
		in.ones[c>>6] |= 1 << (c & 63)
		if !first {
			k := pair(last, c)
			in.two[k>>6] |= 1 << (k & 63)
		}
		if c >= 0x80 && !in.odd {
			in.odd = strings.HasPrefix(s[i:], "ſ") || strings.HasPrefix(s[i:], "\u212a")
		}
		last, first = c, false
	}
	return in
}

// has reports whether the literal may stand in the text.
func (in *Pairs) has(literal string) bool {
	if len(literal) == 1 {
		c := literal[0]
		return in.ones[c>>6]&(1<<(c&63)) != 0
	}
	for i := 1; i < len(literal); i++ {
		if k := pair(literal[i-1], literal[i]); in.two[k>>6]&(1<<(k&63)) == 0 {
			return false
		}
	}
	return true
}

// pair is the number of a pair of letters: any two of a to z have one of their own.
func pair(a, b byte) uint16 { return (uint16(a)<<5 ^ uint16(b)) & 2047 }

// plain is what each byte counts as.
var plain = func() (t [256]byte) {
	for i := range t {
		c := byte(i)
		switch {
		case c >= 'A' && c <= 'Z':
			c |= 0x20
		case c >= '0' && c <= '9':
			c = '0'
		case c == '\t' || c == '\n' || c == '\f' || c == '\r' || c == '\v':
			c = ' '
		}
		t[i] = c
	}
	return t
}()
