package ledger

import (
	"errors"
	"fmt"
	"maps"
	"slices"
	"strings"

	"damson/core/procedure"
)

// Held is a check that a file brought and that is not in force until somebody of
// this kitchen signs it.
type Held struct {
	Check Check
	// Title names the row or the ingredient; Now is what is in force, Says what the
	// check says.
	Title, Now, Says string
	Reasons          []string
}

// Apply returns the procedures with the checks in force that stand (see standing),
// and what was held back. Checks come in the order in which they were stored. A
// check that speaks of nothing, or whose figures no table can have, is an error that
// names it and is not in force; the others are in force all the same.
func Apply(base []*procedure.Procedure, checks []Check) ([]*procedure.Procedure, []Held, error) {
	byPart := map[string]map[string][]Check{}
	for _, c := range checks {
		if strings.HasPrefix(c.Procedure, foodPrefix) {
			continue // see Foods
		}
		if byPart[c.Procedure] == nil {
			byPart[c.Procedure] = map[string][]Check{}
		}
		byPart[c.Procedure][c.Part] = append(byPart[c.Procedure][c.Part], c)
	}
	var held []Held
	var errs []error
	out := make([]*procedure.Procedure, 0, len(base))
	for _, p := range base {
		parts := byPart[p.ID]
		if parts == nil {
			out = append(out, p)
			continue
		}
		delete(byPart, p.ID)
		f := &force{p: p, parts: parts}
		out = append(out, f.apply())
		held = append(held, f.held...)
		errs = append(errs, f.errs...)
	}
	for _, id := range slices.Sorted(maps.Keys(byPart)) {
		errs = append(errs, fmt.Errorf("there is no procedure %q", id))
	}
	return out, held, errors.Join(errs...)
}

// InForce returns the check of each part of the procedure that is in force.
func InForce(p *procedure.Procedure, checks []Check) map[string]Check {
	f := &force{p: p, parts: map[string][]Check{}}
	for _, c := range checks {
		if c.Procedure == p.ID {
			f.parts[c.Part] = append(f.parts[c.Part], c)
		}
	}
	f.apply()
	return f.stand
}

// force is the checks of one procedure being put into force.
type force struct {
	p     *procedure.Procedure
	parts map[string][]Check
	stand map[string]Check
	held  []Held
	errs  []error
}

func (f *force) apply() *procedure.Procedure {
	next := *f.p
	next.Rows, next.Ingredients = nil, slices.Clone(f.p.Ingredients)
	f.stand = map[string]Check{}
	known := map[string]bool{}
	for _, r := range f.p.Rows {
		part := RowPart(r)
		known[part] = true
		read := func(c Check) (string, []string, error) {
			is, err := f.row(r, c)
			return RowValues(is), Doubts(r, is), err
		}
		c, ok := f.standing(part, rowTitle(r), RowValues(r), read)
		switch {
		case !ok:
		case c.Status == Absent:
			continue
		default:
			r, _ = f.row(r, c)
			r.Checked = c.checked()
		}
		next.Rows = append(next.Rows, r)
	}
	for i, in := range next.Ingredients {
		part := IngredientPart(in)
		known[part] = true
		read := func(c Check) (string, []string, error) {
			is, err := amount(in, c)
			return AmountValues(is), AmountDoubts(in, is), err
		}
		if c, ok := f.standing(part, in.Name, AmountValues(in), read); ok {
			in, _ = amount(in, c)
			in.Checked = c.checked()
			next.Ingredients[i] = in
		}
	}
	f.conditions(&next, known)
	for _, part := range slices.Sorted(maps.Keys(f.parts)) {
		if !known[part] {
			f.errs = append(f.errs, fmt.Errorf("%s has no part %q", f.p.ID, part))
		}
	}
	return &next
}

// standing returns the check of a part that is in force, and notes those that are
// held back. One that is signed goes before one that is not; then the newest day
// wins, and of one day the last. What a file brought is in force only where nobody
// of this kitchen has said anything, and where read has no doubt of it.
func (f *force) standing(part, title, shipped string, read func(Check) (says string, doubts []string, err error)) (in Check, ok bool) {
	list := slices.Clone(f.parts[part])
	slices.SortStableFunc(list, func(a, b Check) int { return strings.Compare(a.On, b.On) })
	now := shipped
	var wait []Held
	for _, c := range list {
		says, doubts, err := read(c)
		if err != nil {
			f.errs = append(f.errs, fmt.Errorf("%s, %s: %w", f.p.ID, part, err))
			continue
		}
		if c.Status == Absent {
			says = "not in the copy"
		}
		switch {
		case c.Signed == "" && in.Signed != "" && says == now:
			continue // another kitchen reads what this one has read
		case c.Signed == "" && in.Signed != "":
			doubts = append(doubts, "it goes against what "+in.Signed+" of this kitchen has signed")
		case c.Signed == "" && len(doubts) > 0:
		default:
			in, ok, now, wait = c, true, says, nil
			continue
		}
		wait = append(wait, Held{Check: c, Title: title, Says: says, Reasons: doubts})
	}
	for _, h := range wait {
		h.Now = now
		f.held = append(f.held, h)
	}
	if ok {
		f.stand[part] = in
	}
	return in, ok
}

// row returns the row as the check has it.
func (f *force) row(r procedure.Row, c Check) (procedure.Row, error) {
	if c.Status != Differs {
		return r, nil
	}
	is, err := ReadRow(r, c.Values)
	if err == nil {
		err = is.Possible(f.p.Acidity)
	}
	if err != nil {
		return r, err
	}
	return is, nil
}

// amount returns the ingredient as the check has it.
func amount(in procedure.Ingredient, c Check) (procedure.Ingredient, error) {
	switch c.Status {
	case Absent:
		return in, errors.New("only a row can be absent")
	case Differs:
		return ReadAmount(in, c.Values)
	}
	return in, nil
}

func (c Check) checked() *procedure.Checked {
	return &procedure.Checked{By: c.By, On: c.On, Edition: c.Edition, Page: c.Page, Changed: c.Status == Differs, Signed: c.Signed}
}

// rowTitle names a row for a person.
func rowTitle(r procedure.Row) string {
	var out []string
	for _, s := range []string{r.Method, r.Gauge, r.Pack + " pack", r.Jar, r.When} {
		if s != "" {
			out = append(out, s)
		}
	}
	return strings.Join(out, ", ")
}
