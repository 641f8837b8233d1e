package app

import (
	"context"
	"fmt"
	"slices"
	"strings"
	"sync"
	"time"

	"damson/core/phlog"
	"damson/core/words"
	"damson/store"
)

// Newest is how many readings, recipes and loads a list shows.
const Newest = 200

// dayLayout is how a day is stored.
const dayLayout = "2006-01-02"

// day is a day as it is stored; the zero time for none.
func day(s string) time.Time {
	t, _ := time.Parse(dayLayout, s)
	return t
}

// Log is the pH log.
type Log struct {
	store    *store.Store
	measured measures
}

// Changed drops what was worked out of the log.
func (s *Log) Changed() { s.measured.forget() }

// LogBook is the log as it is stored.
type LogBook struct {
	Meters       []store.Meter
	Calibrations []store.Calibration
	Readings     []store.Reading
	Recipes      []store.Recipe // the newest, to choose from
	Titles       map[int64]string
}

// Book returns the newest of the log: of a recipe, or of all for 0.
func (s *Log) Book(ctx context.Context, recipe int64) (*LogBook, error) {
	b := &LogBook{}
	var err error
	if b.Meters, err = s.store.Meters(ctx); err != nil {
		return nil, err
	}
	if b.Calibrations, err = s.store.Calibrations(ctx); err != nil {
		return nil, err
	}
	if b.Readings, err = s.store.Readings(ctx, recipe, Newest); err != nil {
		return nil, err
	}
	ids := make([]int64, 0, len(b.Readings))
	for _, r := range b.Readings {
		ids = append(ids, r.RecipeID)
	}
	if b.Titles, err = s.store.Titles(ctx, ids); err != nil {
		return nil, err
	}
	b.Recipes, err = s.store.Recipes(ctx, "", 0, Newest)
	return b, err
}

// CalibrationOf turns what is stored into what is judged.
func CalibrationOf(x store.Calibration) phlog.Calibration {
	return phlog.Calibration{On: day(x.OnDay), Low: x.Low, High: x.High, LowMV: x.LowMV, HighMV: x.HighMV,
		Celsius: x.Celsius, LowLot: x.LowLot, HighLot: x.HighLot,
		LowExpiry: day(x.LowExpiry), HighExpiry: day(x.HighExpiry)}
}

// On returns the meter's good calibration of the day.
func (b *LogBook) On(meter int64, day string) (phlog.Calibration, bool) {
	for _, x := range b.Calibrations {
		if x.MeterID == meter && x.OnDay == day {
			if c := CalibrationOf(x); !phlog.Refused(c.Check()) {
				return c, true
			}
		}
	}
	return phlog.Calibration{}, false
}

// ReadingOf turns what is stored into what is judged.
func (b *LogBook) ReadingOf(r store.Reading) phlog.Reading {
	values, err := phlog.Values(r.Typed)
	if err != nil {
		values = nil
	}
	cal, ok := b.On(r.MeterID, r.OnDay)
	at := 25.0
	if ok {
		at = cal.Celsius
	}
	return phlog.Reading{Sample: r.Sample, How: r.How, Hours: r.Hours, Celsius: r.Celsius,
		Compensated: r.Compensated, CalibratedAt: at, Values: values, Calibrated: ok, Acidified: r.Hours > 0 ||
			r.How == phlog.Brine}
}

// Judged is a reading with what it says, in words.
type Judged struct {
	Says, Severity, Label, Highest, Spread string
	Marks                                  []string
}

var readingLabels = map[string]string{"stop": "over 4.6", "care": "take care", "note": "under 4.2"}

// Judge says what a reading means.
func (b *LogBook) Judge(r store.Reading) Judged {
	sum := b.ReadingOf(r).Judge()
	j := Judged{Says: sum.Says, Severity: sum.Severity, Label: readingLabels[sum.Severity], Marks: sum.Marks}
	if r.Note != "" && !slices.Contains(j.Marks, r.Note) {
		j.Marks = append(slices.Clip(j.Marks), r.Note)
	}
	if sum.N > 0 && sum.Highest > 0 {
		j.Highest = fmt.Sprintf("%.2f", sum.Highest)
		j.Spread = fmt.Sprintf("mean %.2f, spread %.2f, %s", sum.Mean, sum.Spread, words.Counted(sum.N, "jar"))
		if sum.Severity == "care" && sum.Highest <= phlog.Limit {
			j.Label = "too near the line"
		}
	}
	return j
}

// InWords are the newest three readings of a recipe in a sentence each.
func (s *Log) InWords(ctx context.Context, recipe int64) []string {
	b, err := s.Book(ctx, recipe)
	if err != nil {
		return nil
	}
	var out []string
	for _, r := range b.Readings[:min(len(b.Readings), 3)] {
		j := b.Judge(r)
		text := j.Says
		if j.Highest != "" {
			text = "highest pH " + j.Highest + ", " + j.Label + " (" + r.Sample + ", " + r.OnDay + ", " + j.Spread + ")."
		}
		if j.Severity == "stop" {
			text += " " + j.Says
		}
		if len(j.Marks) > 0 {
			text += " Marked: " + strings.Join(j.Marks, "; ") + "."
		}
		out = append(out, text)
	}
	return out
}

// measures are the pH that governs each recipe (phlog.Governing): worked out when a recipe is first looked
// at, and anew when the log has changed.
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

// Governing returns the highest pH measured of the recipe, 0 where none was. Where it cannot be read nothing is
// reviewed: it may only have made the verdict worse.
func (s *Log) Governing(recipe int64) (float64, error) {
	pH, kept, changes := s.measured.get(recipe)
	if kept {
		return pH, nil
	}
	pH, err := s.highestOf(context.Background(), recipe)
	if err != nil {
		return 0, err
	}
	s.measured.keep(recipe, pH, changes)
	return pH, nil
}

// highestOf works out what the log says of a recipe.
func (s *Log) highestOf(ctx context.Context, recipe int64) (float64, error) {
	if recipe == 0 {
		return 0, nil
	}
	b := &LogBook{}
	var err error
	if b.Calibrations, err = s.store.Calibrations(ctx); err != nil {
		return 0, err
	}
	var found phlog.Governing
	err = s.store.EachReading(ctx, recipe, func(r store.Reading) error { // newest first
		found.Add(r.OnDay, b.ReadingOf(r))
		return nil
	})
	return found.PH(), err
}
