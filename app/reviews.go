package app

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"slices"
	"sync"
	"time"

	"golang.org/x/sync/singleflight"

	"damson/core/acidity"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
)

// cacheSize is how many reviews are kept, with their pages: with so many a crowd over
// the demo kitchen stayed at 89 MB (make reliability).
const cacheSize = 600

// Reviews reviews the recipes of the kitchen. It keeps reviews, and the pages made of them, by
// everything that they are made from: at most cacheSize, then it starts anew; a review is cheap
// to make again.
type Reviews struct {
	store    *store.Store
	shelves  *Shelves
	log      *Log
	readings readings
	mu       sync.Mutex
	seen     map[cacheKey]*reviewed
	// forgotten counts how often all was dropped: a review that was begun before is
	// not kept.
	forgotten int
	// making lets a crowd that asks for the same review wait for one.
	making singleflight.Group
}

// reviewed is a review with its page, which is nil until it was asked for.
type reviewed struct {
	result *review.Result
	page   []byte
	// jars are how many it is thought to fill, by jar.
	jars map[quantity.Jar]int
	// ways are all processes that it is clear by, nil until they were asked for.
	ways []procedure.Process
	// whatIf is what each line that was pointed at does to the verdict.
	whatIf map[int]review.WhatIf
}

// cacheKey holds what a review and its page depend on, by value: a changed
// recipe or kitchen is another key.
type cacheKey struct {
	id                int64
	text, title, from string
	source            store.Source
	jar, pack, method string
	procedure, stance string
	sent              time.Time
	kitchen, gauge    string
	elevation         int
	set               bool
	measured          float64
	shelf             int64
}

func (s *Reviews) keyOf(r store.Recipe, k store.Kitchen) (cacheKey, error) {
	pH, err := s.log.Governing(r.ID)
	return cacheKey{r.ID, r.Text, r.Title, r.SentBy, r.From, r.Jar, r.Pack, r.Method, r.Procedure, k.Stance,
		r.CreatedAt, k.Name, k.Gauge(), k.ElevationFt, k.ID != 0, pH, s.shelves.Now().Version}, err
}

// Forget drops what was kept: something beside recipe and kitchen has changed.
func (s *Reviews) Forget() {
	s.mu.Lock()
	defer s.mu.Unlock()
	clear(s.seen)
	s.forgotten++
}

// kept calls do with what is kept of the recipe in the kitchen: with the review of, or with any where that is nil.
// do must not wait for anything.
func (s *Reviews) kept(r store.Recipe, k store.Kitchen, of *review.Result, do func(*reviewed)) {
	key, err := s.keyOf(r, k)
	if err != nil {
		return // who asks for a review is told
	}
	s.mu.Lock()
	defer s.mu.Unlock()
	if have := s.seen[key]; have != nil && (of == nil || have.result == of) {
		do(have)
	}
}

// Page returns the page kept for the recipe in the kitchen, or nil.
func (s *Reviews) Page(r store.Recipe, k store.Kitchen) (page []byte) {
	s.kept(r, k, nil, func(have *reviewed) { page = have.page })
	return page
}

// KeepPage keeps the page of the review res, where that is the one that is kept.
func (s *Reviews) KeepPage(r store.Recipe, k store.Kitchen, res *review.Result, page []byte) {
	s.kept(r, k, res, func(have *reviewed) { have.page = page })
}

// unreadable is a recipe that is stored and cannot be read: it came when longer ones were
// taken, or from another program.
type unreadable struct {
	recipe store.Recipe
	cause  error
}

func (u *unreadable) Error() string {
	return "“" + u.recipe.Title + "” is stored but cannot be read: " + u.cause.Error()
}

// WayOut says where it is mended.
func (u *unreadable) WayOut() string {
	return fmt.Sprintf("Mend it at /recipes/%d/edit, or take it off the desk there.", u.recipe.ID)
}

func (u *unreadable) Unwrap() error { return u.cause }

// Read reads a text that is stored for the recipe. The reading must not be changed.
func (s *Reviews) Read(r store.Recipe, text string) (*recipe.Recipe, error) {
	sh := s.shelves.Now()
	rec, err := s.readings.get(sh.Version, text, sh.Reader().Text)
	if err != nil {
		return nil, &unreadable{r, err}
	}
	return rec, nil
}

// jarsKept returns how many jars the recipe is thought to fill, where that was worked out.
func (s *Reviews) jarsKept(r store.Recipe, k store.Kitchen, jar quantity.Jar) (n int, kept bool) {
	s.kept(r, k, nil, func(have *reviewed) { n, kept = have.jars[jar] })
	return n, kept
}

// keepJars keeps how many jars the recipe is thought to fill.
func (s *Reviews) keepJars(r store.Recipe, k store.Kitchen, jar quantity.Jar, n int) {
	s.kept(r, k, nil, func(have *reviewed) {
		if have.jars == nil {
			have.jars = map[quantity.Jar]int{}
		}
		have.jars[jar] = n
	})
}

// Ways returns every process that a clear recipe is clear by, and keeps them with its
// review in the kitchen k; req is that of the review.
func (s *Reviews) Ways(r store.Recipe, k store.Kitchen, req review.Request, res *review.Result) []procedure.Process {
	var ways []procedure.Process
	s.kept(r, k, res, func(have *reviewed) { ways = have.ways })
	if ways == nil {
		ways = plan.EveryWay(s.shelves.Now().reviewer, req, res)
		s.kept(r, k, res, func(have *reviewed) { have.ways = ways })
	}
	return slices.Clone(ways)
}

// Request reads a stored recipe for a review in the kitchen.
func (s *Reviews) Request(r store.Recipe, k store.Kitchen) (review.Request, error) {
	rec, err := s.Read(r, r.Text)
	if err != nil {
		return review.Request{}, err
	}
	if rec.Title == "" {
		titled := *rec
		titled.Title = r.Title
		rec = &titled
	}
	answers, err := s.answers(context.Background(), r.ID)
	if err != nil {
		return review.Request{}, err
	}
	pH, err := s.log.Governing(r.ID)
	if err != nil {
		return review.Request{}, err
	}
	return review.Request{Recipe: rec, Elevation: k.ElevationFt, ElevationGiven: k.ID != 0, Jar: quantity.Jar(r.Jar),
		Pack: r.Pack, Method: r.Method, Gauge: k.Gauge(),
		Procedure: r.Procedure, Stance: k.Stance, Measured: pH, Answers: answers}, nil
}

// Kept returns the review that is kept of the recipe in the kitchen, or nil.
func (s *Reviews) Kept(r store.Recipe, k store.Kitchen) (res *review.Result) {
	s.kept(r, k, nil, func(have *reviewed) { res = have.result })
	return res
}

// Of reviews a stored recipe in the kitchen. The result must not be
// changed.
func (s *Reviews) Of(r store.Recipe, k store.Kitchen) *review.Result {
	if have := s.Kept(r, k); have != nil {
		return have
	}
	key, err := s.keyOf(r, k)
	s.mu.Lock()
	forgotten := s.forgotten
	s.mu.Unlock()
	req, unread := s.Request(r, k)
	if err = cmp.Or(unread, err); err != nil {
		return notReviewed(r, err)
	}
	// Who asks while it is made waits for it; what was forgotten meanwhile is another review.
	made, _, _ := s.making.Do(fmt.Sprint(forgotten, key), func() (any, error) {
		if have := s.Kept(r, k); have != nil {
			return have, nil
		}
		made := s.shelves.Now().reviewer.Review(req)
		s.keep(key, forgotten, &made)
		return &made, nil
	})
	return made.(*review.Result)
}

// notReviewed is the result where nothing could be reviewed: the recipe is no text that is read, or the disk is
// broken.
func notReviewed(r store.Recipe, err error) *review.Result {
	way := "Nothing was judged: look after the disk, and open it again."
	if mend := new(unreadable); errors.As(err, &mend) {
		way = "Mend it, or take it off the desk."
	}
	return &review.Result{Title: r.Title, Verdict: review.Untested, Sentence: words.Capital(err.Error()) + ". " + way}
}

// keep keeps a review that was begun when all had been dropped so often.
func (s *Reviews) keep(key cacheKey, forgotten int, made *review.Result) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if s.forgotten != forgotten {
		return
	}
	if len(s.seen) >= cacheSize {
		clear(s.seen)
	}
	s.seen[key] = &reviewed{result: made}
}

// WhatIf returns what the line does to the verdict, and keeps it with the review that it
// stands beside.
func (s *Reviews) WhatIf(r store.Recipe, k store.Kitchen, line int) (w review.WhatIf, found bool, err error) {
	res := s.Of(r, k)
	s.kept(r, k, res, func(have *reviewed) { w, found = have.whatIf[line] })
	if found {
		return w, true, nil
	}
	req, err := s.Request(r, k)
	if err != nil {
		return w, false, err
	}
	if w, found = s.shelves.Now().reviewer.WhatIf(req, line); !found {
		return w, false, nil
	}
	s.kept(r, k, res, func(have *reviewed) {
		if have.whatIf == nil {
			have.whatIf = map[int]review.WhatIf{}
		}
		have.whatIf[line] = w
	})
	return w, true, nil
}

// answers are those that were given for the recipe and for the house.
func (s *Reviews) answers(ctx context.Context, recipeID int64) (*review.Answers, error) {
	list, err := s.store.Answers(ctx, recipeID)
	out := &review.Answers{}
	for _, a := range list {
		out.Given = append(out.Given, review.Given{Words: a.Words, ID: a.Answer})
	}
	return out, err
}

// Estimate works out where the mixture of a stored recipe stands against pH 4.6.
func (s *Reviews) Estimate(r store.Recipe, k store.Kitchen) (acidity.Estimate, error) {
	req, err := s.Request(r, k)
	if err != nil {
		return acidity.Estimate{Class: acidity.Unknown}, err
	}
	return s.shelves.Now().reviewer.Estimate(req, review.Samples), nil
}

// Mixture is what a stored recipe is made of, to be moved about on the acid bench.
func (s *Reviews) Mixture(r store.Recipe, k store.Kitchen) (*acidity.Mixture, error) {
	req, err := s.Request(r, k)
	if err != nil {
		return nil, err
	}
	m, _, _ := s.shelves.Now().reviewer.Mixture(req)
	return m, nil
}

// Amend writes the version of a stored recipe with the edits that take has, or with all of them where it is nil.
func (s *Reviews) Amend(r store.Recipe, k store.Kitchen, take func(*review.Finding) bool) (review.Amended, error) {
	req, err := s.Request(r, k)
	if err != nil {
		return review.Amended{}, err
	}
	return s.shelves.Now().reviewer.Amend(req, r.Text, take), nil
}

// Near are the procedures nearest to a stored recipe, so many of them.
func (s *Reviews) Near(r store.Recipe, k store.Kitchen, n int) ([]review.Near, error) {
	req, err := s.Request(r, k)
	if err != nil {
		return nil, err
	}
	return s.shelves.Now().reviewer.Near(req, n), nil
}

// Columns lay a stored recipe beside a procedure; scale is by how much the procedure's amounts were taken, 0 where
// the recipe gives nothing to measure by.
func (s *Reviews) Columns(r store.Recipe, k store.Kitchen, p *procedure.Procedure) (rows []review.Column,
	scale float64, err error) {
	req, err := s.Request(r, k)
	if err != nil {
		return nil, 0, err
	}
	rows, scale = s.shelves.Now().reviewer.Columns(req, p)
	return rows, scale, nil
}
