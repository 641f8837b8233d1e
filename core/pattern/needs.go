package pattern

import (
	"regexp/syntax"
	"slices"
	"strings"
	"unicode/utf8"
)

// Most literals that are followed at once, and that a match may need one of.
const (
	mostExact = 40
	mostNeeds = 80
)

// parse reads an expression that compiles.
func parse(expr string) *syntax.Regexp {
	tree, err := syntax.Parse(expr, syntax.Perl)
	if err != nil {
		return &syntax.Regexp{Op: syntax.OpStar, Sub: []*syntax.Regexp{{Op: syntax.OpAnyChar}}}
	}
	return tree
}

// needs returns lists of literals: every match of the expression holds one of each.
func needs(tree *syntax.Regexp) [][]string {
	p := walk(tree)
	all := p.all
	if len(all) == 0 && p.needed() != nil {
		all = [][]string{p.needed()}
	}
	slices.SortStableFunc(all, func(a, b []string) int { return len(a) - len(b) })
	return all
}

// part is what is known of a part of an expression: exact holds every text that it
// matches, where these are few; holds the literals of which each match has one; all
// such lists of literals, where the part is made of several.
type part struct {
	exact, holds []string
	all          [][]string
}

// needed is the better of the two.
func (p part) needed() []string { return better(p.holds, p.exact) }

var nothing = part{exact: []string{""}}

func walk(re *syntax.Regexp) part {
	switch re.Op {
	case syntax.OpEmptyMatch, syntax.OpBeginLine, syntax.OpEndLine, syntax.OpBeginText, syntax.OpEndText, syntax.OpWordBoundary, syntax.OpNoWordBoundary:
		return nothing
	case syntax.OpLiteral:
		return literal(re)
	case syntax.OpCharClass:
		return class(re)
	case syntax.OpCapture:
		return walk(re.Sub[0])
	case syntax.OpQuest:
		if sub := walk(re.Sub[0]); sub.exact != nil && len(sub.exact) < mostExact {
			return part{exact: union(sub.exact, []string{""})}
		}
	case syntax.OpPlus:
		return part{holds: walk(re.Sub[0]).needed()}
	case syntax.OpRepeat:
		if re.Min > 0 {
			return part{holds: walk(re.Sub[0]).needed()}
		}
	case syntax.OpAlternate:
		return alternate(re.Sub)
	case syntax.OpConcat:
		return concat(re.Sub)
	}
	return part{}
}

// literal is a run of letters; beyond ASCII another case is another letter.
func literal(re *syntax.Regexp) part {
	if re.Flags&syntax.FoldCase == 0 {
		return part{exact: []string{folded(string(re.Rune))}}
	}
	best, run := "", ""
	for _, r := range re.Rune {
		if r >= utf8.RuneSelf {
			run = ""
			continue
		}
		if run += folded(string(r)); len(run) > len(best) {
			best = run
		}
	}
	if len(best) == len(re.Rune) {
		return part{exact: []string{best}}
	}
	return part{holds: better(nil, []string{best})}
}

func class(re *syntax.Regexp) part {
	var out []string
	for i := 0; i < len(re.Rune); i += 2 {
		if re.Rune[i+1]-re.Rune[i] > 64 {
			return part{}
		}
		for r := re.Rune[i]; r <= re.Rune[i+1]; r++ {
			out = union(out, []string{folded(string(r))})
		}
		if len(out) > mostExact/4 {
			return part{}
		}
	}
	return part{exact: out}
}

func alternate(subs []*syntax.Regexp) part {
	var out part
	exact, holds := true, true
	for _, sub := range subs {
		p := walk(sub)
		exact = exact && p.exact != nil && len(out.exact)+len(p.exact) <= mostExact
		if exact {
			out.exact = union(out.exact, p.exact)
		}
		need := p.needed()
		holds = holds && need != nil && len(out.holds)+len(need) <= mostNeeds
		if holds {
			out.holds = union(out.holds, need)
		}
	}
	if !exact {
		out.exact = nil
	}
	if !holds {
		out.holds = nil
	}
	return out
}

// concat follows the parts one behind the other: as long as each is one of few
// texts, so is their run.
func concat(subs []*syntax.Regexp) part {
	run, whole := []string{""}, true
	var best []string
	var all [][]string
	need := func(lists ...[]string) {
		for _, list := range lists {
			if shortest(list) > 1 {
				all = append(all, list)
			}
			best = better(best, list)
		}
	}
	for _, sub := range subs {
		p := walk(sub)
		if joined := cross(run, p.exact); joined != nil {
			run = joined
			continue
		}
		whole = false
		again := repeated(sub)
		if joined := cross(run, again); joined != nil {
			run = joined // "a +b": a blank stands behind the a, and one before the b
		}
		need(run)
		if need(p.all...); p.all == nil {
			need(p.holds)
		}
		switch {
		case p.exact != nil:
			run = p.exact
		case again != nil:
			run = again
		default:
			run = []string{""}
		}
	}
	if whole {
		return part{exact: run}
	}
	need(run)
	return part{holds: best, all: all}
}

// repeated are the texts of which one begins and one ends a part that is repeated,
// nil where it may be missing.
func repeated(re *syntax.Regexp) []string {
	for re.Op == syntax.OpCapture {
		re = re.Sub[0]
	}
	if re.Op == syntax.OpPlus || re.Op == syntax.OpRepeat && re.Min > 0 {
		return walk(re.Sub[0]).exact
	}
	return nil
}

// cross joins every text of one with every text of the other, nil where these are
// too many.
func cross(a, b []string) []string {
	if b == nil || len(a)*len(b) > mostExact {
		return nil
	}
	var out []string
	for _, x := range a {
		for _, y := range b {
			out = append(out, x+y)
		}
	}
	return dedupe(out)
}

func union(a, b []string) []string { return dedupe(slices.Concat(a, b)) }

func dedupe(list []string) []string {
	slices.Sort(list)
	return slices.Compact(list)
}

// better returns the list whose shortest literal is longer, of equal ones the
// shorter list; one with an empty literal says nothing.
func better(a, b []string) []string {
	la, lb := shortest(a), shortest(b)
	switch {
	case lb == 0 && la == 0:
		return nil
	case lb > la || lb == la && len(b) < len(a):
		return b
	}
	return a
}

// longEnough is the length beyond which a longer literal tells no more.
const longEnough = 5

func shortest(list []string) int {
	if len(list) == 0 {
		return 0
	}
	n := longEnough
	for _, s := range list {
		n = min(n, len(s))
	}
	return n
}

// folded writes a literal as Pairs sees it.
func folded(s string) string {
	var b strings.Builder
	for i := 0; i < len(s); i++ {
		b.WriteByte(plain[s[i]])
	}
	return b.String()
}
