// Package pattern is regexp with a quick no. Reading a recipe asks some two hundred
// expressions of every line, and nearly all of them stand nowhere in it. A Pattern
// knows which letters a match cannot do without, and looks for pairs of them before
// it runs the expression; what it answers is always what regexp answers.
package pattern

import (
	"regexp"
	"slices"
	"sync"
)

// Pattern is a regular expression with the literals that every match of it needs. These are
// sought when it is first asked, and it is compiled when a text first holds them: a program
// that starts compiles few.
type Pattern struct {
	expr string
	// no is the pattern's number, counted as they are made.
	no       int64
	once     sync.Once
	compiled sync.Once
	re       *regexp.Regexp
	// need are lists of such literals, as Pairs sees them: one at least of each list
	// must be there. It is empty where nothing is needed for sure.
	need [][]string
	// head are the bytes that a text with a match may begin with, nil for any.
	head *heads
}

// MustCompile returns the pattern of an expression. One that is none panics when it is
// first asked; a test of the house tries every expression in the code.
func MustCompile(expr string) *Pattern { return &Pattern{expr: expr, no: numbers.Add(1) - 1} }

// made seeks what every match needs, where that was not done.
func (p *Pattern) made() *Pattern {
	p.once.Do(func() {
		tree := parse(p.expr)
		p.need, p.head = needs(tree), headsOf(tree)
	})
	return p
}

// exp compiles the expression where that was not done.
func (p *Pattern) exp() *regexp.Regexp {
	p.compiled.Do(func() { p.re = regexp.MustCompile(p.expr) })
	return p.re
}

// String returns the expression.
func (p *Pattern) String() string { return p.expr }

// May reports whether the text of which these are the pairs can hold a match.
func (p *Pattern) May(in *Pairs) bool {
	if !p.made().begins(in.text) {
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
	if !p.made().begins(s) {
		return false
	}
	if len(p.need) == 0 {
		return true
	}
	return p.May(pairsOf(s))
}

// MatchString is regexp's.
func (p *Pattern) MatchString(s string) bool {
	return p.made().begins(s) && p.matches(s)
}

// FindString is regexp's.
func (p *Pattern) FindString(s string) string {
	if !p.may(s) {
		return ""
	}
	return p.exp().FindString(s)
}

// FindStringIndex is regexp's.
func (p *Pattern) FindStringIndex(s string) []int {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindStringIndex(s)
}

// FindStringSubmatch is regexp's.
func (p *Pattern) FindStringSubmatch(s string) []string {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindStringSubmatch(s)
}

// FindStringSubmatchIndex is regexp's.
func (p *Pattern) FindStringSubmatchIndex(s string) []int {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindStringSubmatchIndex(s)
}

// FindAllString is regexp's.
func (p *Pattern) FindAllString(s string, n int) []string {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindAllString(s, n)
}

// FindAllStringIndex is regexp's.
func (p *Pattern) FindAllStringIndex(s string, n int) [][]int {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindAllStringIndex(s, n)
}

// FindAllStringSubmatch is regexp's.
func (p *Pattern) FindAllStringSubmatch(s string, n int) [][]string {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindAllStringSubmatch(s, n)
}

// FindAllStringSubmatchIndex is regexp's.
func (p *Pattern) FindAllStringSubmatchIndex(s string, n int) [][]int {
	if !p.may(s) {
		return nil
	}
	return p.exp().FindAllStringSubmatchIndex(s, n)
}

// ReplaceAllStringFunc is regexp's.
func (p *Pattern) ReplaceAllStringFunc(s string, put func(string) string) string {
	if !p.may(s) {
		return s
	}
	return p.exp().ReplaceAllStringFunc(s, put)
}

// ReplaceAllString is regexp's.
func (p *Pattern) ReplaceAllString(s, put string) string {
	if !p.may(s) {
		return s
	}
	return p.exp().ReplaceAllString(s, put)
}
