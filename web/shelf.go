package web

import (
	"context"
	"errors"
	"fmt"
	"maps"
	"strings"
	"sync"
	"sync/atomic"

	"damson/core/food"
	"damson/core/ledger"
	"damson/core/library"
	"damson/core/procedure"
	"damson/core/review"
	"damson/store"
)

// ParseProcedures reads procedures of a kitchen's own from a file.
type ParseProcedures func(name string, data []byte, foods *food.Catalogue) ([]*procedure.Procedure, error)

// shelf is the library as this kitchen has it: what ships with the program,
// the kitchen's own procedures, and what was checked against print in force.
// It is read only; a change makes a new one.
type shelf struct {
	lib      *library.Library
	reviewer *review.Reviewer
	index    *library.Index
	// own holds the kitchen's own procedures that are in force, by id; waiting holds the
	// others, which nobody has signed or which are not whole.
	own     map[string]store.OwnProcedure
	waiting []store.OwnProcedure
	// remembered holds the procedures before any check, by id.
	remembered map[string]*procedure.Procedure
	// version tells one shelf from the next.
	version int64
	// held are the checks that a file brought and that nobody has signed.
	held []ledger.Held
	// foods are the checks of the foods' pH by id.
	foods map[string]ledger.Check
	// problem says which stored checks and procedures could not be put into force.
	problem string
}

var shelves atomic.Int64

// shelf returns the library in force.
func (s *Server) shelf() *shelf { return s.current.Load() }

// restock makes the shelf anew from the store. Nothing changes where it fails.
func (s *Server) restock(ctx context.Context) error {
	s.shelving.Lock()
	defer s.shelving.Unlock()
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
	base, err := s.base.WithFoods(foods)
	if err != nil {
		return err
	}
	sh, err := newShelf(base, own, checks)
	if err != nil {
		return err
	}
	s.current.Store(sh)
	return nil
}

func newShelf(base *library.Library, own []store.OwnProcedure, checks []ledger.Check) (*shelf, error) {
	sh := &shelf{lib: base, own: map[string]store.OwnProcedure{}, remembered: map[string]*procedure.Procedure{}, version: shelves.Add(1)}
	var all []*procedure.Procedure
	all = append(all, base.Procedures.All()...)
	for _, o := range own {
		switch {
		case o.Signed == "" || !whole(base, o.Procedure):
			sh.waiting = append(sh.waiting, o)
		case base.Procedures.ByID(o.ID) != nil:
			sh.problem = fmt.Sprintf("Your procedure %q is not in use: the library has one by that id now.", o.ID)
		default:
			sh.own[o.ID] = o
			all = append(all, o.Procedure)
		}
	}
	for _, p := range all {
		sh.remembered[p.ID] = p
	}
	sh.foods = ledger.Foods(checks)
	if len(own) > 0 || len(checks) > 0 {
		inForce, held, err := ledger.Apply(all, checks)
		if err != nil {
			sh.problem = strings.TrimSpace(sh.problem + " " + err.Error())
		}
		sh.held = held
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
		sh.lib = base.With(procs)
	}
	var indexed sync.WaitGroup
	indexed.Go(func() {
		extra := map[library.Hit][]string{}
		for _, r := range review.Rules() {
			extra[library.Hit{Kind: library.KindRule, ID: r.Code, Title: r.Title}] = []string{r.Code, r.LooksFor}
		}
		maps.Copy(extra, pagesFound)
		sh.index = library.NewIndex(sh.lib, extra)
	})
	sh.reviewer = review.New(sh.lib.Foods, sh.lib.Procedures, sh.lib.Language).WithAcidity(sh.lib.Acidity).WithProducts(sh.lib.Book.Unprocessed)
	indexed.Wait()
	return sh, nil
}

// withPH counts the foods that have a pH range.
func (sh *shelf) withPH() int {
	n := 0
	for _, f := range sh.lib.Foods.All() {
		if f.HasPH() {
			n++
		}
	}
	return n
}

// whole reports whether a procedure of the kitchen's own can be used at all.
func whole(base *library.Library, p *procedure.Procedure) bool {
	return p != nil && !p.General && p.Check() == nil && base.Contradicts(p) == nil && len(base.Forbids(p)) == 0
}

// tryOut fails on procedures that must not be stored; replaced is the id of the one whose place is
// taken, empty for none.
func (s *Server) tryOut(more []*procedure.Procedure, replaced string) error {
	sh := s.shelf()
	taken := map[string]bool{}
	for _, o := range sh.waiting {
		taken[o.ID] = true
	}
	for _, p := range more {
		if err := errors.Join(p.Check(), sh.lib.Contradicts(p)); err != nil {
			return err
		}
		if why := sh.lib.Forbids(p); len(why) > 0 {
			return errors.New("no kitchen's own procedure may hold it: " + strings.Join(why, "; "))
		}
		if why := s.neverOf(p.Recipe(p.Rows[0]), p); len(why) > 0 {
			return errors.New(p.Title + ": " + strings.Join(why, " "))
		}
		if p.ID != replaced && (taken[p.ID] || sh.remembered[p.ID] != nil) {
			return errors.New("“" + p.ID + "” is the id of another procedure: give this one another title")
		}
		taken[p.ID] = true
	}
	return nil
}
