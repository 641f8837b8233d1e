package store

import (
	"context"
	"time"

	"gorm.io/gorm"

	"damson/core/ledger"
)

// checkRow is a check of a library value against print, as it is kept: never
// changed, never deleted, the newest of a part in force.
type checkRow struct {
	ID        int64
	Procedure string
	Part      string
	Status    string
	Figures   string
	Edition   string
	Page      string
	CheckedBy string
	CheckedOn string
	CreatedAt time.Time
}

func (checkRow) TableName() string { return "checks" }

// AddChecks appends checks to the ledger, all of them or none.
func (s *Store) AddChecks(ctx context.Context, checks []ledger.Check) error {
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		for _, c := range checks {
			row := checkRow{Procedure: c.Procedure, Part: c.Part, Status: c.Status, Figures: c.Values, Edition: c.Edition, Page: c.Page, CheckedBy: c.By, CheckedOn: c.On, CreatedAt: now()}
			if err := tx.Create(&row).Error; err != nil {
				return err
			}
		}
		return nil
	})
}

// Checks returns the whole ledger, oldest first.
func (s *Store) Checks(ctx context.Context) ([]ledger.Check, error) {
	var rows []checkRow
	if err := s.with(ctx).Order("id").Find(&rows).Error; err != nil {
		return nil, err
	}
	out := make([]ledger.Check, 0, len(rows))
	for _, r := range rows {
		out = append(out, ledger.Check{Procedure: r.Procedure, Part: r.Part, Status: r.Status, Values: r.Figures, Edition: r.Edition, Page: r.Page, By: r.CheckedBy, On: r.CheckedOn})
	}
	return out, nil
}
