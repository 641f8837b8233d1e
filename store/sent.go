package store

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"time"

	"gorm.io/gorm"
)

// mark makes a short print of values: another print, other values.
func mark(values ...any) string {
	data, err := json.Marshal(values)
	if err != nil {
		panic(err) // only plain values are marked
	}
	sum := sha256.Sum256(data)
	return hex.EncodeToString(sum[:9])
}

// sentRow is a form that was taken: its print, and the page that it led to.
type sentRow struct {
	Print     string `gorm:"primaryKey"`
	Place     string
	CreatedAt time.Time
}

func (sentRow) TableName() string { return "sent" }

// sentFor is how long a form that was taken is known again.
const sentFor = 7 * 24 * time.Hour

// Once runs do over a store whose changes are all kept or none, and returns the place
// that it leads to. Where a form with the print was taken before, do is not run and the
// place is the same as then. An empty print is of no form.
func (s *Store) Once(ctx context.Context, print string, do func(*Store) (place string, err error)) (place string, err error) {
	err = s.write(ctx, func(tx *gorm.DB) error {
		if print == "" {
			place, err = do(&Store{db: tx})
			return err
		}
		var before sentRow
		if err := tx.Where("print = ?", print).Limit(1).Find(&before).Error; err != nil {
			return err
		}
		if before.Print != "" {
			place = before.Place
			return nil
		}
		if place, err = do(&Store{db: tx}); err != nil {
			return err
		}
		if err := tx.Where("created_at < ?", now().Add(-sentFor)).Delete(&sentRow{}).Error; err != nil {
			return err
		}
		return tx.Create(&sentRow{print, place, now()}).Error
	})
	return place, err
}
