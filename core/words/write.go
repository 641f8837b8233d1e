package words

import (
	"fmt"
	"strconv"
	"unicode"
	"unicode/utf8"
)

// Thousands writes a whole number with its thousands apart.
func Thousands(n int) string {
	if n < 0 {
		return "−" + Thousands(-n)
	}
	if n < 1000 {
		return strconv.Itoa(n)
	}
	return fmt.Sprintf("%s,%03d", Thousands(n/1000), n%1000)
}

// Counted writes so many of a thing: "1 load", "3 loads".
func Counted(n int, thing string) string { return Thousands(n) + " " + Plural(thing, n) }

// Plural is the word for so many of a thing that takes an s.
func Plural(thing string, n int) string {
	if n == 1 {
		return thing
	}
	return thing + "s"
}

// Capital writes s with a capital letter in front.
func Capital(s string) string {
	r, n := utf8.DecodeRuneInString(s)
	if n == 0 {
		return s
	}
	return string(unicode.ToUpper(r)) + s[n:]
}

// LowerFirst writes s with a small letter in front.
func LowerFirst(s string) string {
	r, n := utf8.DecodeRuneInString(s)
	if n == 0 {
		return s
	}
	return string(unicode.ToLower(r)) + s[n:]
}
