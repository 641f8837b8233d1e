package store

import (
	"context"
	"time"

	"gorm.io/gorm"

	"damson/core/ledger"
)

// checkRow is a check of a library value against print, as it is kept: never
// changed, and never deleted once somebody of this kitchen has signed it.
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
	SignedBy  string
	CreatedAt time.Time
}

func (checkRow) TableName() string { return "checks" }

// AddChecks appends checks to the ledger, all of them or none.
func (s *Store) AddChecks(ctx context.Context, checks []ledger.Check) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		for _, c := range checks {
			row := rowOf(c)
			row.CreatedAt = now()
			if err := tx.Create(&row).Error; err != nil {
				return err
			}
		}
		return nil
	})
}

func rowOf(c ledger.Check) checkRow {
	return checkRow{Procedure: c.Procedure, Part: c.Part, Status: c.Status, Figures: c.Values, Edition: c.Edition, Page: c.Page, CheckedBy: c.By, CheckedOn: c.On, SignedBy: c.Signed}
}

// CheckedMark is the print of what was said of a procedure in the ledger.
func CheckedMark(procedure string, checks []ledger.Check) string {
	var of []ledger.Check
	for _, c := range checks {
		if c.Procedure == procedure {
			of = append(of, c)
		}
	}
	return mark(of)
}

// AddChecksOf is AddChecks for a page of one procedure on which seen stood; it returns
// ErrStale where something was added since. An empty seen is not asked about.
func (s *Store) AddChecksOf(ctx context.Context, procedure string, checks []ledger.Check, seen string) error {
	return s.Atomically(ctx, func(tx *Store) error {
		if seen != "" {
			have, err := tx.Checks(ctx)
			if err != nil {
				return err
			}
			if CheckedMark(procedure, have) != seen {
				return ErrStale
			}
		}
		return tx.AddChecks(ctx, checks)
	})
}

// DropCheck throws a check away that a file brought and nobody signed, or returns
// ErrNotFound.
func (s *Store) DropCheck(ctx context.Context, c ledger.Check) error {
	r := rowOf(c)
	return s.write(ctx, func(tx *gorm.DB) error {
		return touched(tx.Where("procedure = ? AND part = ? AND status = ? AND figures = ? AND edition = ? AND page = ? AND checked_by = ? AND checked_on = ? AND signed_by = ''",
			r.Procedure, r.Part, r.Status, r.Figures, r.Edition, r.Page, r.CheckedBy, r.CheckedOn).Delete(&checkRow{}))
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
		out = append(out, ledger.Check{Procedure: r.Procedure, Part: r.Part, Status: r.Status, Values: r.Figures, Edition: r.Edition, Page: r.Page, By: r.CheckedBy, On: r.CheckedOn, Signed: r.SignedBy})
	}
	return out, nil
}
