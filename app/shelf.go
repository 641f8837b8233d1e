package app

import (
	"context"
	"errors"
	"fmt"
	"maps"
	"strings"
	"sync"
	"sync/atomic"

	"damson/core/book"
	"damson/core/food"
	"damson/core/ledger"
	"damson/core/library"
	"damson/core/procedure"
	"damson/core/recipe"
	"damson/core/review"
	"damson/store"
)

// ParseProcedures reads procedures of a kitchen's own from a file.
type ParseProcedures func(name string, data []byte, foods *food.Catalogue) ([]*procedure.Procedure, error)

// Shelf is the library as this kitchen has it: what ships with the program,
// the kitchen's own procedures, and what was checked against print in force.
// It is read only; a change makes a new one.
type Shelf struct {
	Lib      *library.Library
	reviewer *review.Reviewer
	Index    *library.Index
	// Own holds the kitchen's own procedures that are in force, by id; Waiting holds the
	// others, which nobody has signed or which are not whole.
	Own     map[string]store.OwnProcedure
	Waiting []store.OwnProcedure
	// Remembered holds the procedures before any check, by id.
	Remembered map[string]*procedure.Procedure
	// Version tells one shelf from the next.
	Version int64
	// Held are the checks that a file brought and that nobody has signed.
	Held []ledger.Held
	// Foods are the checks of the foods' pH by id.
	Foods map[string]ledger.Check
	// Problem says which stored checks and procedures could not be put into force.
	Problem string
}

var shelves atomic.Int64

// Shelves keeps the shelf that is in force.
type Shelves struct {
	store *store.Store
	// Base is the library as it ships.
	Base    *library.Library
	pages   map[library.Hit][]string
	current atomic.Pointer[Shelf]
	// restocking is held while what is stored is read and put into force, so that an older
	// reading never takes the place of a newer.
	restocking sync.Mutex
}

// Now returns the library in force.
func (s *Shelves) Now() *Shelf { return s.current.Load() }

// Restock makes the shelf anew from the store. Nothing changes where it fails.
func (s *Shelves) Restock(ctx context.Context) error {
	s.restocking.Lock()
	defer s.restocking.Unlock()
	ctx = context.WithoutCancel(ctx) // what is stored is put into force, whoever waits for it
	own, err := s.store.Procedures(ctx)
	if err != nil {
		return err
	}
	checks, err := s.store.Checks(ctx)
	if err != nil {
		return err
	}
	foods, err := s.store.Foods(ctx)
	if err != nil {
		return err
	}
	base, err := s.Base.WithFoods(foods)
	if err != nil {
		return err
	}
	sh, err := newShelf(base, own, checks, s.pages)
	if err != nil {
		return err
	}
	s.current.Store(sh)
	return nil
}

// newShelf lays what is the kitchen's own over the library; pages are what a search finds besides.
func newShelf(base *library.Library, own []store.OwnProcedure, checks []ledger.Check, pages map[library.Hit][]string,
) (*Shelf, error) {
	sh := &Shelf{Lib: base, Own: map[string]store.OwnProcedure{}, Remembered: map[string]*procedure.Procedure{},
		Version: shelves.Add(1)}
	var all []*procedure.Procedure
	all = append(all, base.Procedures.All()...)
	for _, o := range own {
		switch {
		case o.Signed == "" || !Whole(base, o.Procedure):
			sh.Waiting = append(sh.Waiting, o)
		case base.Procedures.ByID(o.ID) != nil:
			sh.Problem = fmt.Sprintf("Your procedure %q is not in use: the library has one by that id now.", o.ID)
		default:
			sh.Own[o.ID] = o
			all = append(all, o.Procedure)
		}
	}
	for _, p := range all {
		sh.Remembered[p.ID] = p
	}
	sh.Foods = ledger.Foods(checks)
	if len(own) > 0 || len(checks) > 0 {
		inForce, held, err := ledger.Apply(all, checks)
		if err != nil {
			sh.Problem = strings.TrimSpace(sh.Problem + " " + err.Error())
		}
		sh.Held = held
		// A row that print does not have goes; a procedure left without rows goes
		// with it.
		kept := inForce[:0:0]
		for _, p := range inForce {
			if len(p.Rows) > 0 {
				kept = append(kept, p)
			}
		}
		procs, err := procedure.NewLibrary(kept)
		if err != nil {
			return nil, err
		}
		sh.Lib = base.With(procs)
	}
	extra := map[library.Hit][]string{}
	for _, r := range review.Rules() {
		extra[library.Hit{Kind: library.KindRule, ID: r.Code, Title: r.Title}] = []string{r.Code, r.LooksFor}
	}
	maps.Copy(extra, pages)
	sh.Index = library.NewIndex(sh.Lib, extra)
	sh.reviewer = review.Over(sh.Lib.Reader(), sh.Lib.Foods, sh.Lib.Procedures).WithAcidity(sh.Lib.Acidity).
		WithProducts(sh.Lib.Book.Unprocessed)
	return sh, nil
}

// Reader reads recipes with the foods of the shelf.
func (sh *Shelf) Reader() *recipe.Reader { return sh.reviewer.Reader() }

// Rules are those that a review goes by, Rule is one by its code, or nil.
func (sh *Shelf) Rules() []*review.Rule         { return review.Rules() }
func (sh *Shelf) Rule(code string) *review.Rule { return review.RuleByCode(code) }

// Draft lays a text out as a procedure, to be gone through.
func (sh *Shelf) Draft(text string) (*book.Draft, error) {
	rec, err := sh.Reader().Text(text)
	if err != nil {
		return nil, err
	}
	return book.New(sh.Reader(), rec, review.KindOf(rec.Title), sh.Lib.Pounds), nil
}

// WithPH counts the foods that have a pH range.
func (sh *Shelf) WithPH() int {
	n := 0
	for _, f := range sh.Lib.Foods.All() {
		if f.HasPH() {
			n++
		}
	}
	return n
}

// Whole reports whether a procedure of the kitchen's own can be used at all.
func Whole(base *library.Library, p *procedure.Procedure) bool {
	return p != nil && !p.General && p.Check() == nil && base.Contradicts(p) == nil && len(base.Forbids(p)) == 0
}

// TryOut fails on procedures that must not be stored; replaced is the id of the one whose place is
// taken, empty for none.
func (sh *Shelf) TryOut(more []*procedure.Procedure, replaced string) error {
	taken := map[string]bool{}
	for _, o := range sh.Waiting {
		taken[o.ID] = true
	}
	for _, p := range more {
		if err := errors.Join(p.Check(), sh.Lib.Contradicts(p)); err != nil {
			return err
		}
		if why := sh.Lib.Forbids(p); len(why) > 0 {
			return errors.New("no kitchen's own procedure may hold it: " + strings.Join(why, "; "))
		}
		if why := sh.NeverOf(p.Recipe(p.Rows[0]), p); len(why) > 0 {
			return errors.New(p.Title + ": " + strings.Join(why, " "))
		}
		if p.ID != replaced && (taken[p.ID] || sh.Remembered[p.ID] != nil) {
			return errors.New("“" + p.ID + "” is the id of another procedure: give this one another title")
		}
		taken[p.ID] = true
	}
	return nil
}

// NeverOf says what stands against a recipe whatever its book prints.
func (sh *Shelf) NeverOf(text string, p *procedure.Procedure) []string {
	halts, err := sh.reviewer.NeverTaken(text, p)
	if err != nil {
		return []string{err.Error() + "."}
	}
	var out []string
	for _, f := range halts {
		out = append(out, f.Do+": "+f.Message+" It is not taken, whatever a book prints.")
	}
	return out
}
