package recipe

import (
	"slices"
	"strings"

	"damson/core/recall"
)

// A line of the list is kept as it was read: how it is read hangs on its words and its number, and on nothing else.
// While somebody types, and for each proof of a change, all lines but one are known.

// keptLines is how many are kept.
const keptLines = 1024

// lineAt is a line and its number.
type lineAt struct {
	no   int
	text string
}

// lineAs is Line for a text that was looked at before, from memory where it was read before. What it returns is the
// caller's.
func (r *Reader) lineAs(no int, text string, at look) *Line {
	if was, ok := r.known.Load(lineAt{no, text}); ok {
		return was.clone()
	}
	if len(text) > recall.Longest {
		return r.readLine(no, text, at)
	}
	text = strings.Clone(text) // what is kept holds on to no recipe
	l := r.readLine(no, text, at)
	if len(l.Remarks) == 0 {
		r.known.Store(lineAt{no, text}, l.clone())
	}
	return l
}

// clone is a line that shares nothing with this one but its foods. It has no remarks.
func (l *Line) clone() *Line {
	if l == nil {
		return nil
	}
	c := *l
	c.AmountMin, c.AmountMax, c.Grams, c.Acidity = same(l.AmountMin), same(l.AmountMax), same(l.Grams), same(l.Acidity)
	c.Package, c.Share = same(l.Package), same(l.Share)
	c.Prep, c.State, c.Unread = slices.Clone(l.Prep), slices.Clone(l.State), slices.Clone(l.Unread)
	c.Also, c.Alternatives, c.Remarks = clones(l.Also), clones(l.Alternatives), nil
	return &c
}

func clones(list []*Line) (out []*Line) {
	for _, l := range list {
		out = append(out, l.clone())
	}
	return out
}

// same returns a pointer to a copy.
func same[T any](p *T) *T {
	if p == nil {
		return nil
	}
	v := *p
	return &v
}
