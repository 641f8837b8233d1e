package app

import (
	"cmp"
	"context"
	"crypto/subtle"
	"errors"
	"fmt"
	"math"
	"slices"
	"sync"
	"time"
	"unicode/utf8"

	"damson/core/practice"
	"damson/core/procedure"
	"damson/core/run"
	"damson/core/words"
	"damson/store"
)

// Stove is what stands on the stove: the loads, and what was told of each.
type Stove struct {
	store *store.Store
	clock *Clock
	over  *over
	news  *news
}

// over keeps the runs that are over, by the number of their newest event: a board that is asked
// for every two seconds need not follow them anew.
type over struct {
	sync.Mutex
	runs map[int64]kept
}

type kept struct {
	number   int
	standing Standing
}

// NewStove returns the stove over a store.
func NewStove(st *store.Store, clock *Clock) *Stove {
	return &Stove{st, clock, &over{runs: map[int64]kept{}}, &news{}}
}

// On is the stove over another store, of a change that is all kept or none.
func (s *Stove) On(st *store.Store) *Stove { return &Stove{st, s.clock, s.over, s.news} }

// Standing is a run as it stands at a moment.
type Standing struct {
	Run    store.Run
	Load   run.Load
	Events []run.Event
	State  run.State
	Judged run.Judgement
	Now    time.Time
	// Shown is the number of the newest event that a page shows.
	Shown int
	// Shows is what the practice canner has shown so far, nil for a canner that is none; Logged
	// is the judgement by that alone, once the jars are out.
	Shows  []practice.Sample
	Logged *run.Judgement
	// Behind is by how much the clock of this machine stands before what was told last.
	Behind time.Duration
}

// Refused says that what was told cannot be, with the field, and what to do.
type Refused struct{ Field, What string }

func (r *Refused) Error() string { return r.What }

// The limits of what is told.
const (
	highest  = 25.0 // psi on a canner's gauge
	hottest  = 300.0
	longNote = 500
	// sight is how much time goes by before it is noted again that somebody is there.
	sight = 2 * time.Minute
	// recent is for how long a run stands on the board after it was started.
	recent = 48 * time.Hour
	// mostRuns is how many stand there.
	mostRuns = 24
)

// Start begins a run.
func (s *Stove) Start(ctx context.Context, r *store.Run) error {
	if err := r.Load().Check(); err != nil {
		return &Refused{"way", words.Sentence(err.Error())}
	}
	open, _, err := s.Board(ctx)
	if err != nil {
		return err
	}
	for _, x := range open {
		if r.Speed == 0 && x.Run.Speed == 0 && x.Run.CannerID == r.CannerID {
			return &Refused{"way", fmt.Sprintf("%s still has “%s” in it. Tell first that those jars are out.",
				x.Run.Canner, x.Run.Title)}
		}
	}
	r.CreatedAt = s.clock.Now()
	return s.store.AddRun(ctx, r)
}

// at is the time at the canner: that on the wall, or that of a practice canner, which runs faster.
func (s *Stove) at(r *store.Run) time.Time {
	now := s.clock.Now()
	if r.Speed > 0 {
		now = r.CreatedAt.Local().Add(now.Sub(r.CreatedAt) * time.Duration(r.Speed))
	}
	return now
}

// Standing returns a run as it stands now, or store.ErrNotFound.
func (s *Stove) Standing(ctx context.Context, id int64) (*Standing, error) {
	r, err := s.store.Run(ctx, id)
	if err != nil {
		return nil, err
	}
	return s.standing(ctx, r)
}

func (s *Stove) standing(ctx context.Context, r store.Run) (*Standing, error) {
	events, err := s.store.Events(ctx, r.ID)
	if err != nil {
		return nil, err
	}
	out := &Standing{Run: r, Load: *r.Load(), Events: events, Now: s.at(&r)}
	for _, e := range events {
		if e.Kind != run.Seen && !e.Logger {
			out.Shown = e.Number
		}
		if behind := e.At.Sub(out.Now); behind > 0 {
			out.Now, out.Behind = e.At.Local(), behind
		}
	}
	out.State = run.Of(out.Load, events, out.Now)
	out.Judged = run.Judge(out.Load, out.State, out.Now)
	if r.Speed > 0 {
		out.practised()
	}
	return out, nil
}

// practised adds what the practice canner showed.
func (s *Standing) practised() {
	r := &s.Run
	end := s.Now
	if s.State.Phase == run.Out {
		end = s.State.OutAt
	}
	place := practice.Place{Load: s.Load, Feet: float64(r.ElevationFt), Quarts: r.Jar == "quart",
		Fault: practice.FaultBy(r.Fault)}
	s.Shows = place.Follow(s.Events, r.CreatedAt, end)
	if s.State.Phase != run.Out {
		return
	}
	events := slices.Clone(s.Events)
	for i, x := range s.Shows {
		e := run.Event{Number: len(s.Events) + i + 1, At: x.At, Kind: run.Reading, Logger: true}
		if s.Load.PSI > 0 {
			e.PSI, e.Gauged = x.PSI, true
		} else {
			e.F = x.F
		}
		events = append(events, e)
	}
	j := run.Judge(s.Load, run.Of(s.Load, events, s.Now), s.Now)
	s.Logged = &j
}

// Gauge is the newest sample of the practice canner, and false where there is none.
func (s *Standing) Gauge() (practice.Sample, bool) {
	if len(s.Shows) == 0 {
		return practice.Sample{}, false
	}
	return s.Shows[len(s.Shows)-1], true
}

// Board returns the runs of the last two days, those first at which hands are needed first.
func (s *Stove) Board(ctx context.Context) (open, out []*Standing, err error) {
	list, err := s.store.Runs(ctx, mostRuns)
	if err != nil {
		return nil, nil, err
	}
	numbers, err := s.store.LastNumbers(ctx, list)
	if err != nil {
		return nil, nil, err
	}
	for _, r := range list {
		x, err := s.again(ctx, r, numbers[r.ID])
		if err != nil {
			return nil, nil, err
		}
		switch {
		case x.State.Phase == run.Out:
			out = append(out, x)
		case s.clock.Now().Sub(r.CreatedAt) < recent:
			open = append(open, x)
		}
	}
	slices.SortStableFunc(open, func(a, b *Standing) int { return cmp.Compare(a.Hands(), b.Hands()) })
	return open, out, nil
}

// again is standing, for a run whose newest event has the number: one that was over by then is
// only judged anew, for the time that went by.
func (s *Stove) again(ctx context.Context, r store.Run, number int) (*Standing, error) {
	s.over.Lock()
	k, have := s.over.runs[r.ID]
	s.over.Unlock()
	if have && k.number == number {
		x := k.standing
		x.Now = s.at(&r)
		x.Judged = run.Judge(x.Load, x.State, x.Now)
		return &x, nil
	}
	x, err := s.standing(ctx, r)
	if err == nil && x.State.Phase == run.Out && x.Behind == 0 {
		s.over.Lock()
		s.over.runs[r.ID] = kept{number, *x}
		if len(s.over.runs) > 4*mostRuns {
			clear(s.over.runs)
		}
		s.over.Unlock()
	}
	return x, err
}

// Hands is how long until hands are needed at the canner, on the clock on the wall: until its
// clock ends, or no time at all.
func (s *Standing) Hands() time.Duration {
	if !s.State.Clock.Running() || s.State.Asks != nil || !s.State.Clock.End().After(s.Now) {
		return 0
	}
	return s.State.Clock.End().Sub(s.Now) / time.Duration(max(s.Run.Speed, 1))
}

// Tell stores what happened at a canner, now or at a time before. seen is the newest event
// that the page has shown: where something else happened meanwhile it is store.ErrAsked.
// What cannot be is *Refused.
func (s *Stove) Tell(ctx context.Context, id int64, seen int, e run.Event) error {
	x, err := s.Standing(ctx, id)
	if err != nil {
		return err
	}
	if e.At.IsZero() {
		e.At = x.Now
	}
	if e.Kind != run.JarsOut {
		e.Jars, e.Broken = 0, 0
	}
	if err := x.refuses(&e); err != nil {
		return err
	}
	if sample, ok := x.Gauge(); ok && (e.Kind == run.Reached || e.Kind == run.Lost || e.Kind == run.Reading) && !e.Later {
		x.reads(&e, sample)
	}
	if e.Kind == run.Stood { // up to now, and from now on somebody is here
		e.At, e.Until = x.State.Asks.From, x.Now
		return s.happened(ctx, x, seen, e, run.Event{At: x.Now, Kind: run.Seen})
	}
	return s.happened(ctx, x, seen, e)
}

// happened stores events of a run. Where the run was over, its jars may stand on the shelf: what
// is told now may show that they do not belong there, and both are kept or none.
func (s *Stove) happened(ctx context.Context, x *Standing, seen int, list ...run.Event) error {
	defer s.Told()
	if x.State.Phase != run.Out {
		return s.store.Happened(ctx, x.Run.ID, seen, x.Now, list...)
	}
	return s.store.Atomically(ctx, func(tx *store.Store) error {
		if err := tx.Happened(ctx, x.Run.ID, seen, x.Now, list...); err != nil {
			return err
		}
		after, err := s.On(tx).standing(ctx, x.Run)
		if err != nil {
			return err
		}
		why := ""
		if !after.Judged.Shelf {
			why = cmp.Or(after.Judged.Why, "What happened to its load is not known any more.")
		}
		return tx.SetDoubt(ctx, x.Run.ID, why)
	})
}

// ErrNoToken says that whoever sends readings has not the run's own token.
var ErrNoToken = errors.New("the token is not that of this load")

// Measured stores what a logger measured at a run, with the run's token. What was stored
// before, by its time, is not stored again; the number of new readings is returned. What
// cannot be is *Refused.
func (s *Stove) Measured(ctx context.Context, id int64, token string, data []byte) (int, error) {
	x, err := s.Standing(ctx, id)
	if err != nil {
		return 0, err
	}
	if x.Run.Token == "" || subtle.ConstantTimeCompare([]byte(token), []byte(x.Run.Token)) != 1 {
		return 0, ErrNoToken
	}
	if x.Run.Speed > 0 {
		return 0, &Refused{"file", "A practice canner has its own gauge."}
	}
	list, err := run.ReadLogger(data, x.Run.CreatedAt.Local())
	if err != nil {
		return 0, &Refused{"file", words.Sentence(err.Error())}
	}
	have := map[int64]bool{}
	for _, e := range x.Events {
		have[e.At.UnixMilli()] = have[e.At.UnixMilli()] || e.Logger
	}
	list = slices.DeleteFunc(list, func(e run.Event) bool { return have[e.At.UnixMilli()] })
	for _, e := range list {
		if e.At.Before(x.Run.CreatedAt.Add(-time.Minute)) || e.At.After(x.Now.Add(time.Minute)) {
			return 0, &Refused{"file", fmt.Sprintf("A reading of %s is not of this load, which was put on %s. Is the "+
				"logger's clock right?", e.At.Local().Format("2 Jan 15:04:05"), x.Run.CreatedAt.Local().Format("2 Jan 15:04"))}
		}
	}
	if len(list) == 0 {
		return 0, nil
	}
	return len(list), s.happened(ctx, x, -1, list...)
}

// reads puts what the practice canner shows into what is told: what is, not what is hoped.
func (s *Standing) reads(e *run.Event, sample practice.Sample) {
	if s.Load.PSI == 0 {
		e.F = math.Round(sample.F*10) / 10
		return
	}
	e.PSI, e.Gauged = math.Round(s.Dial(sample)*10)/10, true
}

// Dial is what the gauge of the practice canner shows, in psi: a dial shows its error too.
func (s *Standing) Dial(sample practice.Sample) float64 {
	if s.Load.Hold == 0 {
		return sample.Shown
	}
	return sample.Shown * s.Load.Hold / float64(s.Load.PSI)
}

// refuses says what is wrong with what is told.
func (s *Standing) refuses(e *run.Event) error {
	switch {
	case !e.Kind.Known() || e.Kind == run.Seen:
		return &Refused{"kind", "That is nothing that happens at a canner."}
	case e.At.After(s.Now.Add(time.Second)):
		return &Refused{"at", "That time is still to come. Type when it happened, like 14:05."}
	case e.At.Before(s.Run.CreatedAt.Add(-time.Minute)):
		return &Refused{"at", "That is before this load was put on. Type when it happened, like 14:05."}
	case e.Gauged && (e.PSI < 0 || e.PSI > highest):
		return &Refused{"psi", fmt.Sprintf("A canner's gauge shows 0 to %g psi. Type what it shows, like 13.5.", highest)}
	case e.F != 0 && (e.F < 0 || e.F > hottest):
		return &Refused{"f", "A canner is between 0 and 300 °F. Type what the thermometer shows."}
	case utf8.RuneCountInString(e.Text) > longNote:
		return &Refused{"note", fmt.Sprintf("A note has at most %d letters.", longNote)}
	case e.Kind == run.JarsOut:
		return s.counted(e)
	case e.Kind == run.Undo && !slices.ContainsFunc(s.Events, func(x run.Event) bool {
		return x.Number == e.Of &&
			x.Kind != run.Seen
	}):
		return &Refused{"of", "There is nothing of that number to take back."}
	case e.Kind == run.Stood && (s.State.Asks == nil || e.At.Sub(s.State.Asks.From).Abs() > time.Second):
		return &Refused{"kind", "Nothing is asked about here any more."}
	}
	return nil
}

// counted says what is wrong with the jars that came out: each that went in does, whole or broken.
func (s *Standing) counted(e *run.Event) error {
	if e.Jars >= 0 && e.Broken >= 0 && e.Jars+e.Broken == s.Load.Jars {
		return nil
	}
	return &Refused{"jars", fmt.Sprintf("%d jars went in, and %d come out, whole or broken. Count again.",
		s.Load.Jars, e.Jars+e.Broken)}
}

// See notes that somebody has the page of the run open, where its time counts.
func (s *Stove) See(ctx context.Context, x *Standing) error {
	if x.State.Phase != run.Timing && x.State.Phase != run.Venting || x.State.Asks != nil {
		return nil
	}
	if n := len(x.Events); n > 0 && x.Now.Sub(x.Events[n-1].At) < sight {
		return nil
	}
	return s.store.Happened(ctx, x.Run.ID, -1, x.Now, run.Event{At: x.Now, Kind: run.Seen})
}

// Away takes a run off the stove at which nothing has happened yet. It can be put back.
func (s *Stove) Away(ctx context.Context, id int64) (int64, error) {
	x, err := s.Standing(ctx, id)
	if err != nil {
		return 0, err
	}
	if x.State.Phase != run.Loaded && x.Run.Speed == 0 {
		return 0, &Refused{"kind", "This load has been on the heat: what happened stays written down. Tell that the jars " +
			"are out, and what became of them."}
	}
	defer s.Told()
	return s.store.Remove(ctx, store.KindRun, id)
}

// Shelve puts the jars of a load on the shelf, after the test of their seals, and returns the lots: one
// of the run's own jars, one of each part that stood with them, as found lists them in that order. l
// holds where, by whom and a note. It is *Refused where they do not go there, store.ErrStale where the
// test was noted before.
func (s *Stove) Shelve(ctx context.Context, id int64, found []run.Seals, l store.Lot) ([]store.Lot, error) {
	x, err := s.Standing(ctx, id)
	if err != nil {
		return nil, err
	}
	if err := x.shelves(found); err != nil {
		return nil, err
	}
	switch have, err := s.store.LotsOf(ctx, id); {
	case err != nil:
		return nil, err
	case len(have) > 0:
		return nil, store.ErrStale
	}
	var out []store.Lot
	for i, jars := range x.Run.Inside() {
		lot := l
		lot.RunID, lot.Part, lot.Title, lot.Jar, lot.Class = id, jars.ID, jars.Title, jars.Jar, jars.Class
		lot.MadeOn, lot.CheckedOn = x.State.OutAt.Local().Format(time.DateOnly), x.Now.Format(time.DateOnly)
		lot.Sealed, lot.Unsealed = found[i].Sealed, found[i].Unsealed
		load := x.Load
		load.Class = jars.Class
		lot.Best, lot.Boil = procedure.BestFor(jars.Product), load.BoilFirst(x.Run.ElevationFt)
		if found[i].Unsealed > 0 {
			lot.Went = found[i].Went
		}
		if err := s.store.AddLot(ctx, &lot); err != nil {
			return nil, err
		}
		out = append(out, lot)
	}
	return out, nil
}

// shelves says why the jars do not go on the shelf so.
func (s *Standing) shelves(found []run.Seals) error {
	if s.Run.Speed > 0 {
		return &Refused{"sealed", "A practice canner has no jars."}
	}
	inside := s.Run.Inside()
	if len(found) != len(inside) {
		return &Refused{"sealed", "Tell how many jars of each recipe are sealed, and how many are not."}
	}
	all := run.Seals{}
	for i, t := range found {
		if t.Sealed < 0 || t.Unsealed < 0 || t.Sealed+t.Unsealed > inside[i].Jars {
			return &Refused{"sealed", fmt.Sprintf("%d jars of %s went in, and %d are counted. Count again.",
				inside[i].Jars, inside[i].Title, t.Sealed+t.Unsealed)}
		}
		all.Sealed, all.Unsealed = all.Sealed+t.Sealed, all.Unsealed+t.Unsealed
		all.Went = cmp.Or(all.Went, t.Went)
	}
	if err := all.Check(s.State, s.Judged, s.Now); err != nil {
		return &Refused{"sealed", words.Sentence(err.Error())}
	}
	return nil
}

// ClockSet is by how much the machine's clock was set while Damson ran, 0 where it was not.
func (s *Stove) ClockSet() time.Duration { return s.clock.Set() }

// Now is the time on the stove's clock.
func (s *Stove) Now() time.Time { return s.clock.Now() }

// IsRefused returns what was refused, or nil.
func IsRefused(err error) *Refused {
	var r *Refused
	if errors.As(err, &r) {
		return r
	}
	return nil
}
