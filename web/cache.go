package web

import (
	"sync"
	"time"

	"damson/core/quantity"
	"damson/core/review"
	"damson/store"
)

// reviewCache keeps reviews by recipe and kitchen as they stood. It holds at
// most cacheSize, then starts anew; a review is cheap to make again.
type reviewCache struct {
	mu   sync.Mutex
	seen map[cacheKey]*review.Result
}

type cacheKey struct {
	id               int64
	recipe, kitchen  time.Time
	elevation        int
	gauge, jar, pack string
	method           string
}

const cacheSize = 2000

func newReviewCache() *reviewCache { return &reviewCache{seen: map[cacheKey]*review.Result{}} }

// reviewOf reviews a stored recipe in the kitchen. The result must not be
// changed.
func (s *Server) reviewOf(r store.Recipe, k store.Kitchen) *review.Result {
	key := cacheKey{r.ID, r.UpdatedAt, k.UpdatedAt, k.ElevationFt, k.Gauge(), r.Jar, r.Pack, r.Method}
	s.reviews.mu.Lock()
	res := s.reviews.seen[key]
	s.reviews.mu.Unlock()
	if res != nil {
		return res
	}
	rec, err := s.reviewer.Reader().Text(r.Text)
	if err != nil {
		// Only text that was checked is stored; what slips through is no recipe.
		return &review.Result{Title: r.Title, Verdict: review.Untested, Sentence: err.Error()}
	}
	if rec.Title == "" {
		rec.Title = r.Title
	}
	made := s.reviewer.Review(review.Request{Recipe: rec, Elevation: k.ElevationFt, ElevationGiven: k.ID != 0, Jar: quantity.Jar(r.Jar), Pack: r.Pack, Method: r.Method, Gauge: k.Gauge()})
	s.reviews.mu.Lock()
	defer s.reviews.mu.Unlock()
	if len(s.reviews.seen) >= cacheSize {
		clear(s.reviews.seen)
	}
	s.reviews.seen[key] = &made
	return &made
}
