package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Meter is a pH meter of the kitchen.
type Meter struct {
	ID   int64
	Name string
	// Compensates is true where the meter corrects for temperature by itself.
	Compensates bool
	// DueOn is the day on which its electrode or its check is due, as typed:
	// 2027-01-31, or empty.
	DueOn     string
	CreatedAt time.Time
}

// Calibration is a two-point calibration of a meter, as typed.
type Calibration struct {
	ID                    int64
	MeterID               int64
	OnDay                 string // 2026-11-25
	Low, High             float64
	LowMV                 float64 `gorm:"column:low_mv"`
	HighMV                float64 `gorm:"column:high_mv"`
	Celsius               float64
	LowLot, HighLot       string
	LowExpiry, HighExpiry string
	DoneBy                string
	CreatedAt             time.Time
}

// Reading is one sample's reading, as typed.
type Reading struct {
	ID       int64
	MeterID  int64
	RecipeID int64 // 0 where it belongs to none
	OnDay    string
	Sample   string
	How      string
	Hours    float64
	Celsius  float64
	// Compensated is true where the meter corrected for the temperature.
	Compensated bool
	Typed       string
	Note        string
	DoneBy      string
	CreatedAt   time.Time
}

// AddMeter stores a new meter and sets its ID.
func (s *Store) AddMeter(ctx context.Context, m *Meter) error {
	m.CreatedAt = now()
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(m).Error })
}

// Meters returns the meters by name.
func (s *Store) Meters(ctx context.Context) ([]Meter, error) {
	var list []Meter
	err := s.with(ctx).Order("name, id").Find(&list).Error
	return list, err
}

// AddCalibration stores a calibration and sets its ID.
func (s *Store) AddCalibration(ctx context.Context, c *Calibration) error {
	if c.CreatedAt.IsZero() {
		c.CreatedAt = now()
	}
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(c).Error })
}

// Calibrations returns all calibrations, newest first.
func (s *Store) Calibrations(ctx context.Context) ([]Calibration, error) {
	var list []Calibration
	err := s.with(ctx).Order("on_day DESC, id DESC").Find(&list).Error
	return list, err
}

// AddReadings stores readings, all or none, and sets their IDs.
func (s *Store) AddReadings(ctx context.Context, list []*Reading) error {
	for _, r := range list {
		if r.CreatedAt.IsZero() {
			r.CreatedAt = now()
		}
	}
	return s.write(ctx, func(tx *gorm.DB) error { return tx.CreateInBatches(list, 200).Error })
}

// Readings returns readings, newest first, at most limit; of one recipe, or of
// all where recipeID is 0.
func (s *Store) Readings(ctx context.Context, recipeID int64, limit int) ([]Reading, error) {
	var list []Reading
	q := s.with(ctx).Order("on_day DESC, id DESC").Limit(limit)
	if recipeID != 0 {
		q = q.Where("recipe_id = ?", recipeID)
	}
	err := q.Find(&list).Error
	return list, err
}

// EachReading hands every reading on, newest first, or those of one recipe where recipeID is
// not 0, and stops at the first error. When they were stored is left out.
func (s *Store) EachReading(ctx context.Context, recipeID int64, do func(Reading) error) error {
	q := s.with(ctx).Model(&Reading{}).Select("id", "meter_id", "recipe_id", "on_day", "sample", "how", "hours", "celsius", "compensated", "typed", "note", "done_by").Order("on_day DESC, id DESC")
	if recipeID != 0 {
		q = q.Where("recipe_id = ?", recipeID)
	}
	rows, err := q.Rows()
	if err != nil {
		return err
	}
	defer rows.Close()
	for rows.Next() {
		var r Reading
		if err := rows.Scan(&r.ID, &r.MeterID, &r.RecipeID, &r.OnDay, &r.Sample, &r.How, &r.Hours, &r.Celsius, &r.Compensated, &r.Typed, &r.Note, &r.DoneBy); err != nil {
			return err
		}
		if err := do(r); err != nil {
			return err
		}
	}
	return rows.Err()
}
