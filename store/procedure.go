package store

import (
	"context"
	"encoding/json"
	"fmt"
	"time"

	"gorm.io/gorm"

	"damson/core/procedure"
)

// procedureRow is a procedure that the kitchen added from a published source.
type procedureRow struct {
	ID        string
	Body      string
	AddedBy   string
	CreatedAt time.Time
}

func (procedureRow) TableName() string { return "procedures" }

// AddProcedures stores procedures of the kitchen's own, all of them or none.
func (s *Store) AddProcedures(ctx context.Context, list []*procedure.Procedure, by string) error {
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		for _, p := range list {
			body, err := json.Marshal(p)
			if err != nil {
				return err
			}
			if err := tx.Create(&procedureRow{p.ID, string(body), by, now()}).Error; err != nil {
				return fmt.Errorf("procedure %q: %w", p.ID, err)
			}
		}
		return nil
	})
}

// Procedures returns the kitchen's own procedures by id.
func (s *Store) Procedures(ctx context.Context) ([]*procedure.Procedure, error) {
	var rows []procedureRow
	if err := s.with(ctx).Order("id").Find(&rows).Error; err != nil {
		return nil, err
	}
	var out []*procedure.Procedure
	for _, r := range rows {
		var p procedure.Procedure
		if err := json.Unmarshal([]byte(r.Body), &p); err != nil {
			return nil, fmt.Errorf("procedure %q: %w", r.ID, err)
		}
		out = append(out, &p)
	}
	return out, nil
}

// DeleteProcedure takes a procedure of the kitchen's own out, or reports
// ErrNotFound.
func (s *Store) DeleteProcedure(ctx context.Context, id string) error {
	res := s.with(ctx).Delete(&procedureRow{}, "id = ?", id)
	if res.Error == nil && res.RowsAffected == 0 {
		return ErrNotFound
	}
	return res.Error
}
