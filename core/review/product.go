package review

import (
	"slices"
	"strings"

	"damson/core/rulebook"
	"damson/core/words"
)

// A product that has a name and no process is told by that name: "keep it in the refrigerator" says
// more than that nobody has tested the mixture. It never bears on the verdict.

// WithProducts gives the reviewer the products that have no tested process, and returns it.
func (e *Reviewer) WithProducts(list []*rulebook.Unprocessed) *Reviewer {
	e.unprocessed = e.unprocessed[:0]
	for _, u := range list {
		for _, name := range u.Names {
			e.unprocessed = append(e.unprocessed, namedProduct{strings.Fields(words.FoldPhrase(name)), u})
		}
	}
	slices.SortStableFunc(e.unprocessed, func(a, b namedProduct) int { return len(b.name) - len(a.name) })
	return e
}

type namedProduct struct {
	name []string
	of   *rulebook.Unprocessed
}

// productOf returns the product that the folded title names, nil for none: the title ends with its
// name, and before that stands nothing that makes it another ("celery and apple relish").
func (e *Reviewer) productOf(folded string) *rulebook.Unprocessed {
	title := strings.Fields(folded)
	for _, p := range e.unprocessed {
		before := len(title) - len(p.name)
		if before < 0 || before > mostBefore || !slices.Equal(title[before:], p.name) {
			continue
		}
		if !slices.ContainsFunc(title[:before], func(w string) bool { return makesAnother[w] }) {
			return p.of
		}
	}
	return nil
}

// mostBefore is how many words stand before the name of a product in a title: "my aunt's old".
const mostBefore = 3

var makesAnother = map[string]bool{"and": true, "with": true, "in": true, "or": true, "no": true, "not": true, "without": true, "pickled": true, "like": true, "mock": true, "instead": true, "for": true}

// noProcessOf says why the product has no process.
func noProcessOf(u *rulebook.Unprocessed) string {
	why := u.Title + ": " + strings.ToLower(u.Reason[:1]) + u.Reason[1:]
	if first := strings.Fields(u.Reason)[0]; strings.HasPrefix(u.Title, first) {
		why = u.Reason
	}
	if strings.Contains(u.Reason, "no process") || strings.Contains(u.Reason, "No process") {
		return why
	}
	return why + " There is no process for it."
}
