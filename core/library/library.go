// Package library is all that Damson compares with, as one thing: foods, tested
// procedures, and the rulebook; and the search over them.
package library

import (
	"errors"
	"fmt"
	"slices"
	"sync"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/method"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/recipe"
	"damson/core/rulebook"
	"damson/core/words"
)

// Library is what Damson compares with. It is read only once it is made.
type Library struct {
	Foods      *food.Catalogue
	Procedures *procedure.Library
	Book       *rulebook.Book
	// Acidity says what foods hold, for the estimate of a mixture's pH.
	Acidity *acidity.Table
	// Plan says what a canning day takes.
	Plan *plan.Table
	// Language is what sentences are read by.
	Language *method.Language

	reader *onceRead
}

// onceRead is the reader of a library's foods and language, made when it is first asked for.
type onceRead struct {
	once sync.Once
	is   *recipe.Reader
}

// Reader returns the reader of recipes in the words of the library. Libraries that differ in
// their procedures only share it. It is safe for several goroutines.
func (l *Library) Reader() *recipe.Reader {
	l.reader.once.Do(func() { l.reader.is = recipe.NewReader(l.Foods, l.Language) })
	return l.reader.is
}

// New indexes the parts and fails where the book or a profile names a procedure
// or a food that is not there.
func New(foods []*food.Food, procs []*procedure.Procedure, book *rulebook.Book, profiles []*acidity.Profile, doses []acidity.Dose, day *plan.Table) (*Library, error) {
	cat, err := food.NewCatalogue(foods)
	if err != nil {
		return nil, err
	}
	list, err := procedure.NewLibrary(procs)
	if err != nil {
		return nil, err
	}
	if err := book.Check(); err != nil {
		return nil, err
	}
	table, err := acidity.NewTable(profiles, doses)
	if err != nil {
		return nil, err
	}
	if day != nil {
		if err := day.Check(); err != nil {
			return nil, err
		}
	}
	l := &Library{cat, list, book, table, day, nil, new(onceRead)}
	return l, l.check()
}

func (l *Library) check() error {
	known := l.Foods.Groups()
	var errs []error
	for _, p := range l.Acidity.All() {
		for _, id := range p.Foods {
			if l.Foods.ByID(id) == nil {
				errs = append(errs, fmt.Errorf("acidity %q: there is no food %q", p.ID, id))
			}
		}
		for _, g := range p.Groups {
			if !known[g] {
				errs = append(errs, fmt.Errorf("acidity %q: there is no group %q", p.ID, g))
			}
		}
	}
	if l.Plan != nil {
		for _, x := range l.Plan.Left {
			if !known[x.Group] {
				errs = append(errs, fmt.Errorf("left of %q: there is no such group or food", x.Group))
			}
		}
	}
	for _, p := range l.Book.Points {
		for _, id := range p.Procedures {
			if l.Procedures.ByID(id) == nil {
				errs = append(errs, fmt.Errorf("debated point %q: there is no procedure %q", p.ID, id))
			}
		}
	}
	for _, u := range l.Book.Unprocessed {
		for _, f := range u.Foods {
			if !known[f] {
				errs = append(errs, fmt.Errorf("product without a process %q: %q is no food and no group", u.ID, f))
			}
		}
	}
	for _, said := range l.Book.Said {
		for _, id := range said.To {
			if l.Book.Entry(id) == nil && !slices.ContainsFunc(l.Book.Points, func(p *rulebook.Point) bool { return p.ID == id }) {
				errs = append(errs, fmt.Errorf("everyday words %q: there is no rule and no debated point %q", said.Says, id))
			}
		}
	}
	for _, q := range l.Book.Equivalents {
		if q.Of != "" && l.Foods.ByID(q.Of) == nil {
			errs = append(errs, fmt.Errorf("equivalent %q: there is no food %q", q.ID, q.Of))
		}
	}
	return errors.Join(errs...)
}

// WithFoods returns the library with further foods. Those whose name or id the
// library has by now are left out: its own entry stands.
func (l *Library) WithFoods(more []*food.Food) (*Library, error) {
	if len(more) == 0 {
		return l, nil
	}
	all := append([]*food.Food{}, l.Foods.All()...)
	for _, f := range more {
		if l.Foods.ByID(f.ID) == nil && l.Foods.ByName(words.FoldPhrase(f.Names[0])) == nil {
			all = append(all, f)
		}
	}
	cat, err := food.NewCatalogue(all)
	if err != nil {
		return nil, err
	}
	return &Library{cat, l.Procedures, l.Book, l.Acidity, l.Plan, l.Language, new(onceRead)}, nil
}

// With returns the library with other procedures in place of its own.
func (l *Library) With(procs *procedure.Library) *Library {
	return &Library{l.Foods, procs, l.Book, l.Acidity, l.Plan, l.Language, l.reader}
}

// Uses returns the procedures that have the food among their ingredients, by
// itself or by its group, and those in which it may stand in for another.
func (l *Library) Uses(f *food.Food) (same, like []*procedure.Procedure) {
	has := func(names []string) bool {
		for _, n := range names {
			if n == f.ID || f.In(n) {
				return true
			}
		}
		return false
	}
	for _, p := range l.Procedures.All() {
		is, stands := false, false
		for _, in := range p.Ingredients {
			is = is || has(in.Same)
			stands = stands || has(in.Like)
		}
		switch {
		case is:
			same = append(same, p)
		case stands:
			like = append(like, p)
		}
	}
	return same, like
}

// StandsFor returns the foods that may take the food's place in some tested
// procedure: where it is the printed ingredient, those that its "like" names.
func (l *Library) StandsFor(f *food.Food) []*food.Food {
	groups := map[string]bool{}
	for _, p := range l.Procedures.All() {
		for _, in := range p.Ingredients {
			for _, n := range in.Same {
				if n != f.ID && !f.In(n) {
					continue
				}
				for _, g := range append(append([]string{}, in.Same...), in.Like...) {
					groups[g] = true
				}
			}
		}
	}
	var names []string
	for g := range groups {
		names = append(names, g)
	}
	var out []*food.Food
	for _, x := range l.Foods.All() {
		if x != f && (groups[x.ID] || x.In(names...)) {
			out = append(out, x)
		}
	}
	return out
}

// Without returns the products without a process that speak of the food.
func (l *Library) Without(f *food.Food) []*rulebook.Unprocessed {
	var out []*rulebook.Unprocessed
	for _, u := range l.Book.Unprocessed {
		for _, g := range u.Foods {
			if g == f.ID || f.In(g) {
				out = append(out, u)
				break
			}
		}
	}
	return out
}
