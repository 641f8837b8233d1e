package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// choiceRow is what the kitchen chose on a debated point.
type choiceRow struct {
	Point     string `gorm:"primaryKey"`
	Choice    string
	UpdatedAt time.Time
}

func (choiceRow) TableName() string { return "choices" }

// Choose stores the kitchen's choice on a debated point.
func (s *Store) Choose(ctx context.Context, point, choice string) error {
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Save(&choiceRow{point, choice, now()}).Error })
}

// Choices returns what the kitchen chose, by point.
func (s *Store) Choices(ctx context.Context) (map[string]string, error) {
	var rows []choiceRow
	if err := s.with(ctx).Find(&rows).Error; err != nil {
		return nil, err
	}
	out := map[string]string{}
	for _, r := range rows {
		out[r.Point] = r.Choice
	}
	return out, nil
}
