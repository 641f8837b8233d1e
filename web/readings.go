package web

import (
	"sync"

	"damson/core/recipe"
	"damson/core/review"
	"damson/store"
)

// readings keeps what texts were read as, so that a page and all that is asked from it
// (review, estimate, amended version, columns, what-if) share one reading. A reading belongs
// to the shelf that it was read with, and nobody may change it.
type readings struct {
	mu    sync.Mutex
	shelf int64
	of    map[string]*recipe.Recipe
}

// get returns the reading of the text, made by read where none is kept.
func (r *readings) get(shelf int64, text string, read func(string) (*recipe.Recipe, error)) (*recipe.Recipe, error) {
	r.mu.Lock()
	if r.shelf != shelf || r.of == nil || len(r.of) >= cacheSize {
		r.shelf, r.of = shelf, map[string]*recipe.Recipe{}
	}
	have := r.of[text]
	r.mu.Unlock()
	if have != nil {
		return have, nil
	}
	rec, err := read(text)
	if err != nil {
		return nil, err
	}
	r.mu.Lock()
	defer r.mu.Unlock()
	if r.shelf == shelf {
		r.of[text] = rec
	}
	return rec, nil
}

// whatIfOf returns what the line does to the verdict, and keeps it with the review that it
// stands beside.
func (s *Server) whatIfOf(r store.Recipe, k store.Kitchen, line int) (w review.WhatIf, found bool, err error) {
	key, res := s.keyOf(r, k), s.reviewOf(r, k)
	kept := func() map[int]review.WhatIf {
		have := s.reviews.seen[key]
		if have == nil || have.result != res {
			return nil
		}
		if have.whatIf == nil {
			have.whatIf = map[int]review.WhatIf{}
		}
		return have.whatIf
	}
	s.reviews.mu.Lock()
	w, found = kept()[line]
	s.reviews.mu.Unlock()
	if found {
		return w, true, nil
	}
	req, err := s.requestOf(r, k)
	if err != nil {
		return w, false, err
	}
	if w, found = s.shelf().reviewer.WhatIf(req, line); !found {
		return w, false, nil
	}
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if m := kept(); m != nil {
		m[line] = w
	}
	return w, true, nil
}
