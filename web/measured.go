package web

import (
	"context"
	"sync"

	"damson/core/phlog"
	"damson/store"
)

// measures are the pH that governs each recipe (phlog.Governing): worked out when a recipe is first looked at, and anew when the log has changed.
type measures struct {
	mu      sync.Mutex
	of      map[int64]float64
	changes int
}

// forget drops what was worked out.
func (m *measures) forget() {
	m.mu.Lock()
	defer m.mu.Unlock()
	m.of = nil
	m.changes++
}

// get returns what was worked out for the recipe, and the changes of the log until now.
func (m *measures) get(recipe int64) (pH float64, kept bool, changes int) {
	m.mu.Lock()
	defer m.mu.Unlock()
	pH, kept = m.of[recipe]
	return pH, kept, m.changes
}

// keep keeps what was worked out when the log had changed so often.
func (m *measures) keep(recipe int64, pH float64, changes int) {
	m.mu.Lock()
	defer m.mu.Unlock()
	if m.changes != changes {
		return
	}
	if m.of == nil || len(m.of) >= cacheSize {
		m.of = map[int64]float64{}
	}
	m.of[recipe] = pH
}

// measuredOf returns the highest pH measured of the recipe, 0 where none was.
func (s *Server) measuredOf(recipe int64) float64 {
	pH, kept, changes := s.measured.get(recipe)
	if kept {
		return pH
	}
	pH, err := s.highestOf(context.Background(), recipe)
	if err != nil {
		panic(err) // a pH that could not be read may only have made the verdict worse: no review without it
	}
	s.measured.keep(recipe, pH, changes)
	return pH
}

// highestOf works out what the log says of a recipe.
func (s *Server) highestOf(ctx context.Context, recipe int64) (float64, error) {
	if recipe == 0 {
		return 0, nil
	}
	b := &logBook{}
	var err error
	if b.calibrations, err = s.store.Calibrations(ctx); err != nil {
		return 0, err
	}
	var found phlog.Governing
	err = s.store.EachReading(ctx, recipe, func(r store.Reading) error { // newest first
		found.Add(r.OnDay, b.readingOf(r))
		return nil
	})
	return found.PH(), err
}
