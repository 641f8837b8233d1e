package store

import (
	"context"
	"time"

	"gorm.io/gorm"

	"damson/core/food"
)

// foodRow is a food of the kitchen's own.
type foodRow struct {
	ID        string `gorm:"primaryKey"`
	Name      string
	Kind      string
	CreatedAt time.Time
}

func (foodRow) TableName() string { return "foods" }

// AddFood stores a food of the kitchen's own; one with its id is replaced.
func (s *Store) AddFood(ctx context.Context, f *food.Food) error {
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Save(&foodRow{f.ID, f.Names[0], f.Kind, now()}).Error })
}

// DeleteFood takes out a food of the kitchen's own, or returns ErrNotFound.
func (s *Store) DeleteFood(ctx context.Context, id string) error {
	return s.write(ctx, func(tx *gorm.DB) error { return touched(tx.Delete(&foodRow{ID: id})) })
}

// Foods returns the foods of the kitchen's own, by id. A row that makes no food
// is left out.
func (s *Store) Foods(ctx context.Context) ([]*food.Food, error) {
	var rows []foodRow
	if err := s.with(ctx).Order("id").Find(&rows).Error; err != nil {
		return nil, err
	}
	var out []*food.Food
	for _, r := range rows {
		if f, err := food.Own(r.Name, r.Kind); err == nil {
			out = append(out, f)
		}
	}
	return out, nil
}
