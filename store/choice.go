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

// Choose stores the kitchen's choice on a debated point. It returns ErrStale where another
// stands in the place of the one whose ChosenMark was seen; an empty seen is not asked about.
func (s *Store) Choose(ctx context.Context, point, choice, seen string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		var have choiceRow
		if err := tx.Where("point = ?", point).Limit(1).Find(&have).Error; err != nil {
			return err
		}
		if seen != "" && seen != ChosenMark(have.Choice) {
			return ErrStale
		}
		return tx.Save(&choiceRow{point, choice, now()}).Error
	})
}

// ChosenMark is the print of what was chosen or answered; choice is empty where nothing was.
func ChosenMark(choice string) string { return mark(choice) }

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
