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
	SignedBy  string
	CreatedAt time.Time
}

func (procedureRow) TableName() string { return "procedures" }

// AddProcedures stores procedures of the kitchen's own, all of them or none. They are
// in force where signed names who stands for them, else they are held.
func (s *Store) AddProcedures(ctx context.Context, list []*procedure.Procedure, by, signed string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		for _, p := range list {
			body, err := json.Marshal(p)
			if err != nil {
				return err
			}
			if err := tx.Create(&procedureRow{p.ID, string(body), by, signed, now()}).Error; err != nil {
				return fmt.Errorf("procedure %q: %w", p.ID, err)
			}
		}
		return nil
	})
}

// OwnProcedure is a procedure of the kitchen's own, and who stands for it.
type OwnProcedure struct {
	ID, By string
	// Signed is empty where a file brought it and nobody of this kitchen has signed it:
	// it is not in force.
	Signed string
	// Procedure is nil where what is stored cannot be read.
	Procedure *procedure.Procedure
}

// Procedures returns the kitchen's own procedures by id, those that are held too.
func (s *Store) Procedures(ctx context.Context) ([]OwnProcedure, error) {
	var rows []procedureRow
	if err := s.with(ctx).Order("id").Find(&rows).Error; err != nil {
		return nil, err
	}
	var out []OwnProcedure
	for _, r := range rows {
		own := OwnProcedure{ID: r.ID, By: r.AddedBy, Signed: r.SignedBy}
		var p procedure.Procedure
		if json.Unmarshal([]byte(r.Body), &p) == nil && p.ID == r.ID {
			own.Procedure = &p
		}
		out = append(out, own)
	}
	return out, nil
}

// SignProcedure puts a held procedure into force, or returns ErrNotFound.
func (s *Store) SignProcedure(ctx context.Context, id, by string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		return touched(tx.Model(&procedureRow{}).Where("id = ? AND signed_by = ''", id).Update("signed_by", by))
	})
}

// DeleteProcedure takes a procedure of the kitchen's own out, or reports
// ErrNotFound.
func (s *Store) DeleteProcedure(ctx context.Context, id string) error {
	return s.write(ctx, func(tx *gorm.DB) error { return touched(tx.Delete(&procedureRow{}, "id = ?", id)) })
}
