package store

import (
	"context"
	"crypto/rand"
	"errors"
	"time"

	"gorm.io/gorm"

	"damson/core/run"
)

// Run is a load at a canner, with the process it is given. It is a record: the names of the
// recipe, its procedure and the canner stand in it, whatever becomes of them.
type Run struct {
	ID                                                 int64
	RecipeID                                           int64
	Version                                            int
	CannerID                                           int64
	Title, Procedure, Product, Source, Canner, Kitchen string
	ElevationFt                                        int
	Jar, Pack                                          string
	Headspace                                          float64
	Acid                                               string
	Method                                             string
	Minutes                                            int
	PSI                                                int `gorm:"column:psi"`
	Gauge                                              string
	Hold                                               float64
	Vent                                               int
	// OwnMinutes is what its own jars need, where others that stand with them need longer; 0 for Minutes.
	OwnMinutes int
	// Class is the procedure's: "acid", "acidified" or "low-acid".
	Class string
	BoilF float64 `gorm:"column:boil_f"`
	// Jars are its own; Parts are those of other recipes that stand in the canner with them.
	Jars  int
	Parts []RunPart
	// Speed is how much faster than the clock on the wall the practice canner runs; 0 for a
	// canner that is none. Fault is what goes wrong with it.
	Speed int
	Fault string
	// Token lets a logger tell its readings; a run that came in a file has none.
	Token     string
	CreatedAt time.Time
}

// RunPart is jars of another recipe, or of another size, that stand in the canner with those of a run
// and have its process.
type RunPart struct {
	ID, RunID, RecipeID               int64
	Version                           int
	Title, Procedure, Product, Source string
	Jar, Pack                         string
	Headspace                         float64
	Acid, Class                       string
	// Minutes is what they need by themselves, never more than the run's.
	Minutes, Jars int
}

// Load is the run as the rules see it: all its jars, and the class that asks for most.
func (r *Run) Load() *run.Load {
	l := &run.Load{Method: r.Method, Minutes: r.Minutes, PSI: r.PSI, Gauge: r.Gauge, Hold: r.Hold, Vent: r.Vent,
		Class: r.Class, BoilF: r.BoilF, Jars: r.Jars}
	for _, p := range r.Parts {
		l.Jars += p.Jars
		l.Class = run.Graver(l.Class, p.Class)
	}
	return l
}

// Inside are all the jars of the run, its own first, as parts.
func (r *Run) Inside() []RunPart {
	own := RunPart{RunID: r.ID, RecipeID: r.RecipeID, Version: r.Version, Title: r.Title, Procedure: r.Procedure,
		Product: r.Product, Source: r.Source, Jar: r.Jar, Pack: r.Pack, Headspace: r.Headspace, Acid: r.Acid,
		Class: r.Class, Minutes: r.Minutes, Jars: r.Jars}
	if r.OwnMinutes > 0 {
		own.Minutes = r.OwnMinutes
	}
	return append([]RunPart{own}, r.Parts...)
}

// RunEvent is one thing that happened, as it was told.
type RunEvent struct {
	ID, RunID int64
	Number    int
	// At is when it happened, ToldAt when it was stored.
	At, ToldAt     time.Time
	Kind           run.Kind
	PSI            float64 `gorm:"column:psi"`
	Gauged, Logger bool
	F              float64 `gorm:"column:f"`
	Jars, Broken   int
	OfNumber       int
	Until          *time.Time
	Note           string
}

// Event is the row as the rules see it.
func (e *RunEvent) Event() run.Event {
	out := run.Event{Number: e.Number, At: e.At, Kind: e.Kind, PSI: e.PSI, Gauged: e.Gauged, Logger: e.Logger, F: e.F, Jars: e.Jars, Broken: e.Broken, Of: e.OfNumber, Text: e.Note, Later: e.ToldAt.Sub(e.At) > time.Minute}
	if e.Until != nil {
		out.Until = *e.Until
	}
	return out
}

// eventRow is the event as a row of the run.
func eventRow(id int64, e run.Event) RunEvent {
	row := RunEvent{RunID: id, Number: e.Number, At: e.At.UTC(), Kind: e.Kind, PSI: e.PSI, Gauged: e.Gauged, Logger: e.Logger, F: e.F, Jars: e.Jars, Broken: e.Broken, OfNumber: e.Of, Note: e.Text}
	if !e.Until.IsZero() {
		until := e.Until.UTC()
		row.Until = &until
	}
	return row
}

// AddRun stores a run and sets its ID.
func (s *Store) AddRun(ctx context.Context, r *Run) error {
	if r.CreatedAt.IsZero() {
		r.CreatedAt = now()
	}
	r.Token = rand.Text()
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(r).Error })
}

// Run returns a run, or ErrNotFound.
func (s *Store) Run(ctx context.Context, id int64) (Run, error) {
	var r Run
	err := s.with(ctx).Preload("Parts", byID).First(&r, id).Error
	return r, found(err)
}

// Runs returns runs, the newest first, at most limit.
func (s *Store) Runs(ctx context.Context, limit int) ([]Run, error) {
	var list []Run
	err := s.with(ctx).Preload("Parts", byID).Order("id DESC").Limit(limit).Find(&list).Error
	return list, err
}

// Events returns what happened in a run, in the order in which it was told.
func (s *Store) Events(ctx context.Context, id int64) ([]run.Event, error) {
	var rows []RunEvent
	if err := s.with(ctx).Where("run_id = ?", id).Order("number").Find(&rows).Error; err != nil {
		return nil, err
	}
	out := make([]run.Event, len(rows))
	for i := range rows {
		out[i] = rows[i].Event()
	}
	return out, nil
}

// LastNumbers returns the number of the newest event of each run, 0 where there is none.
func (s *Store) LastNumbers(ctx context.Context, runs []Run) (map[int64]int, error) {
	ids := make([]int64, len(runs))
	for i := range runs {
		ids[i] = runs[i].ID
	}
	var rows []struct {
		RunID  int64
		Number int
	}
	err := s.with(ctx).Model(&RunEvent{}).Select("run_id, MAX(number) AS number").Where("run_id IN ?", ids).Group("run_id").Find(&rows).Error
	out := map[int64]int{}
	for _, r := range rows {
		out[r.RunID] = r.Number
	}
	return out, err
}

// ErrAsked says that what happened meanwhile must be looked at first: the run is no longer
// what the page that told of an event has shown.
var ErrAsked = errors.New("something else has happened at this canner meanwhile")

// Happened stores events of a run, all or none, numbered behind those that are there, told at
// the time given. Where seen is not below nought the newest number must still be that, but
// for sightings and what a logger measured; else it is ErrAsked.
func (s *Store) Happened(ctx context.Context, id int64, seen int, told time.Time, list ...run.Event) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		var last, shown int
		q := tx.Model(&RunEvent{}).Where("run_id = ?", id)
		if err := q.Session(&gorm.Session{}).Select("COALESCE(MAX(number), 0)").Scan(&last).Error; err != nil {
			return err
		}
		if err := q.Session(&gorm.Session{}).Where("kind <> ? AND NOT logger", run.Seen).Select("COALESCE(MAX(number), 0)").Scan(&shown).Error; err != nil {
			return err
		}
		if seen >= 0 && seen != shown {
			return ErrAsked
		}
		rows := make([]RunEvent, len(list))
		for i, e := range list {
			e.Number = last + i + 1
			rows[i] = eventRow(id, e)
			rows[i].ToldAt = told.UTC()
		}
		return tx.CreateInBatches(rows, 200).Error
	})
}
