package web

import (
	"context"
	"fmt"
	"slices"
	"sync"
	"time"

	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/store"
	"damson/web/kit"
)

// reviewCache keeps reviews, and the pages made of them, by everything that
// they are made from. It holds at most cacheSize, then starts anew; a review
// is cheap to make again.
type reviewCache struct {
	mu   sync.Mutex
	seen map[cacheKey]*reviewed
	// forgotten counts how often all was dropped: a review that was begun before is
	// not kept.
	forgotten int
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

func newReviewCache() *reviewCache { return &reviewCache{seen: map[cacheKey]*reviewed{}} }

func (s *Server) keyOf(r store.Recipe, k store.Kitchen) cacheKey {
	return cacheKey{r.ID, r.Text, r.Title, r.SentBy, r.From, r.Jar, r.Pack, r.Method, r.Procedure, k.Stance, r.CreatedAt, k.Name, k.Gauge(), k.ElevationFt, k.ID != 0, s.measuredOf(r.ID), s.shelf().version}
}

// forget drops what was kept: something beside recipe and kitchen has changed.
func (r *reviewCache) forget() {
	r.mu.Lock()
	defer r.mu.Unlock()
	clear(r.seen)
	r.forgotten++
}

// pageOf returns the page kept for the recipe in the kitchen, or nil.
func (s *Server) pageOf(r store.Recipe, k store.Kitchen) []byte {
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if have := s.reviews.seen[key]; have != nil {
		return have.page
	}
	return nil
}

// keepPage keeps the page of the review res, where that is the one that is kept.
func (s *Server) keepPage(r store.Recipe, k store.Kitchen, res *review.Result, page []byte) {
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if have := s.reviews.seen[key]; have != nil && have.result == res {
		have.page = page
	}
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

// readStored reads a text that is stored for the recipe. The reading must not be changed.
func (s *Server) readStored(r store.Recipe, text string) (*recipe.Recipe, error) {
	sh := s.shelf()
	rec, err := s.readings.get(sh.version, text, sh.reviewer.Reader().Text)
	if err != nil {
		return nil, &unreadable{r, err}
	}
	return rec, nil
}

// jarsKept returns how many jars the recipe is thought to fill, where that was worked out.
func (s *Server) jarsKept(r store.Recipe, k store.Kitchen, jar quantity.Jar) (n int, kept bool) {
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if have := s.reviews.seen[key]; have != nil {
		n, kept = have.jars[jar]
	}
	return n, kept
}

// keepJars keeps how many jars the recipe is thought to fill.
func (s *Server) keepJars(r store.Recipe, k store.Kitchen, jar quantity.Jar, n int) {
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if have := s.reviews.seen[key]; have != nil {
		if have.jars == nil {
			have.jars = map[quantity.Jar]int{}
		}
		have.jars[jar] = n
	}
}

// waysOf returns every process that a clear recipe is clear by, and keeps them with its
// review in the kitchen k; req is that of the review.
func (s *Server) waysOf(r store.Recipe, k store.Kitchen, req review.Request, res *review.Result) []procedure.Process {
	key := s.keyOf(r, k)
	kept := func() *reviewed {
		if have := s.reviews.seen[key]; have != nil && have.result == res {
			return have
		}
		return &reviewed{}
	}
	s.reviews.mu.Lock()
	ways := kept().ways
	s.reviews.mu.Unlock()
	if ways == nil {
		ways = plan.EveryWay(s.shelf().reviewer, req, res)
		s.reviews.mu.Lock()
		kept().ways = ways
		s.reviews.mu.Unlock()
	}
	return slices.Clone(ways)
}

// requestOf reads a stored recipe for a review in the kitchen.
func (s *Server) requestOf(r store.Recipe, k store.Kitchen) (review.Request, error) {
	rec, err := s.readStored(r, r.Text)
	if err != nil {
		return review.Request{}, err
	}
	if rec.Title == "" {
		titled := *rec
		titled.Title = r.Title
		rec = &titled
	}
	answers, err := s.answersOf(context.Background(), r.ID)
	if err != nil {
		return review.Request{}, err
	}
	return review.Request{Recipe: rec, Elevation: k.ElevationFt, ElevationGiven: k.ID != 0, Jar: quantity.Jar(r.Jar), Pack: r.Pack, Method: r.Method, Gauge: k.Gauge(),
		Procedure: r.Procedure, Stance: k.Stance, Measured: s.measuredOf(r.ID), Answers: answers}, nil
}

// reviewed returns the review that is kept of the recipe in the kitchen, or nil.
func (s *Server) reviewed(r store.Recipe, k store.Kitchen) *review.Result {
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if have := s.reviews.seen[key]; have != nil {
		return have.result
	}
	return nil
}

// reviewOf reviews a stored recipe in the kitchen. The result must not be
// changed.
func (s *Server) reviewOf(r store.Recipe, k store.Kitchen) *review.Result {
	if have := s.reviewed(r, k); have != nil {
		return have
	}
	key := s.keyOf(r, k)
	s.reviews.mu.Lock()
	forgotten := s.reviews.forgotten
	s.reviews.mu.Unlock()
	req, err := s.requestOf(r, k)
	if err != nil {
		return &review.Result{Title: r.Title, Verdict: review.Untested, Sentence: kit.Capital(err.Error()) + ". Mend it, or take it off the desk."}
	}
	made := s.shelf().reviewer.Review(req)
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if s.reviews.forgotten != forgotten {
		return &made
	}
	if len(s.reviews.seen) >= cacheSize {
		clear(s.reviews.seen)
	}
	s.reviews.seen[key] = &reviewed{result: &made}
	return &made
}
