package app

import (
	"context"

	"damson/core/library"
	"damson/store"
)

// House is all that is done in a kitchen, over one store and one library.
type House struct {
	Store   *store.Store
	Shelves *Shelves
	Log     *Log
	Reviews *Reviews
	Days    *Days
	Stove   *Stove
}

// Open returns the house over a store and the library that ships with the program; pages are what a search finds
// besides. It fails where the store cannot be read.
func Open(ctx context.Context, st *store.Store, base *library.Library, pages map[library.Hit][]string) (*House, error) {
	h := &House{
		Store: st, Shelves: &Shelves{store: st, Base: base, pages: pages}, Log: &Log{store: st},
		Stove: NewStove(st, NewClock()),
	}
	h.Reviews = &Reviews{store: st, shelves: h.Shelves, log: h.Log, seen: map[cacheKey]*reviewed{}}
	h.Days = &Days{store: st, shelves: h.Shelves, reviews: h.Reviews, stove: h.Stove}
	return h, h.Shelves.Restock(ctx)
}

// LogChanged lets the reviews know that the log has changed.
func (h *House) LogChanged() {
	h.Log.Changed()
	h.Reviews.Forget()
}

// Gone is told what kind of thing was taken away, or put back: a log that has changed changes reviews.
func (h *House) Gone(kind string) {
	if kind != store.KindPlan && kind != store.KindRun {
		h.LogChanged()
	}
}
