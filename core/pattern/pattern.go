// Package pattern is regexp with a quick no. Reading a recipe asks some two hundred
// expressions of every line, and nearly all of them stand nowhere in it. A Pattern
// knows which letters a match cannot do without, and looks for pairs of them before
// it runs the expression; what it answers is always what regexp answers.
package pattern

import (
	"regexp"
	"slices"
)

// Pattern is a regular expression with the literals that every match of it needs.
type Pattern struct {
	*regexp.Regexp
	// need are lists of such literals, as Pairs sees them: one at least of each list
	// must be there. It is empty where nothing is needed for sure.
	need [][]string
	// head are the bytes that a text with a match may begin with, nil for any.
	head *heads
}

// MustCompile compiles the expression, and panics where it is none.
func MustCompile(expr string) *Pattern {
	re, tree := regexp.MustCompile(expr), parse(expr)
	return &Pattern{re, needs(tree), headsOf(tree)}
}

// May reports whether the text of which these are the pairs can hold a match.
func (p *Pattern) May(in *Pairs) bool {
	if !p.begins(in.text) {
		return false
	}
	for _, list := range p.need {
		if !in.odd && !slices.ContainsFunc(list, in.has) {
			return false
		}
	}
	return true
}

// begins reports whether a text that begins so can hold a match.
func (p *Pattern) begins(s string) bool {
	return p.head == nil || s != "" && p.head[s[0]]
}

func (p *Pattern) may(s string) bool {
	if !p.begins(s) {
		return false
	}
	if len(p.need) == 0 {
		return true
	}
	in := PairsOf(s)
	return p.May(&in)
}

// MatchString is regexp's.
func (p *Pattern) MatchString(s string) bool { return p.may(s) && p.Regexp.MatchString(s) }

// FindString is regexp's.
func (p *Pattern) FindString(s string) string {
	if !p.may(s) {
		return ""
	}
	return p.Regexp.FindString(s)
}

// FindStringIndex is regexp's.
func (p *Pattern) FindStringIndex(s string) []int {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindStringIndex(s)
}

// FindStringSubmatch is regexp's.
func (p *Pattern) FindStringSubmatch(s string) []string {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindStringSubmatch(s)
}

// FindStringSubmatchIndex is regexp's.
func (p *Pattern) FindStringSubmatchIndex(s string) []int {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindStringSubmatchIndex(s)
}

// FindAllString is regexp's.
func (p *Pattern) FindAllString(s string, n int) []string {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindAllString(s, n)
}

// FindAllStringIndex is regexp's.
func (p *Pattern) FindAllStringIndex(s string, n int) [][]int {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindAllStringIndex(s, n)
}

// FindAllStringSubmatch is regexp's.
func (p *Pattern) FindAllStringSubmatch(s string, n int) [][]string {
	if !p.may(s) {
		return nil
	}
	return p.Regexp.FindAllStringSubmatch(s, n)
}

// ReplaceAllString is regexp's.
func (p *Pattern) ReplaceAllString(s, put string) string {
	if !p.may(s) {
		return s
	}
	return p.Regexp.ReplaceAllString(s, put)
}
