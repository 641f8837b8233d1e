package app

import (
	"sync"

	"damson/core/recipe"
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
