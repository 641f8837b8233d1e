package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Kitchen is where the canning is done, with what was last chosen there.
type Kitchen struct {
	ID          int64
	Name        string
	ElevationFt int
	// CannerID is the canner in use, 0 for none chosen.
	CannerID int64
	Jar      string
	Pack     string
	Method   string
	// Stance is "book" or "guideline"; empty is "book".
	Stance    string
	UpdatedAt time.Time
	Canners   []Canner
}

// Canner is a pressure canner of the kitchen.
type Canner struct {
	ID        int64
	KitchenID int64
	Name      string
	Kind      string
	// Gauge is "dial" or "weighted".
	Gauge string
}

// Gauge returns the gauge of the canner in use, "" where none is chosen.
func (k *Kitchen) Gauge() string {
	for _, c := range k.Canners {
		if c.ID == k.CannerID {
			return c.Gauge
		}
	}
	return ""
}

// Kitchen returns the kitchen, or ErrNotFound before it was set up.
func (s *Store) Kitchen(ctx context.Context) (Kitchen, error) {
	var k Kitchen
	err := s.with(ctx).Preload("Canners", func(db *gorm.DB) *gorm.DB { return db.Order("id") }).First(&k, 1).Error
	return k, found(err)
}

// SaveKitchen stores the kitchen with its canners in one transaction.
func (s *Store) SaveKitchen(ctx context.Context, k *Kitchen) error {
	k.ID, k.UpdatedAt = 1, now()
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		if err := tx.Omit("Canners").Save(k).Error; err != nil {
			return err
		}
		for i := range k.Canners {
			k.Canners[i].KitchenID = 1
			if err := tx.Save(&k.Canners[i]).Error; err != nil {
				return err
			}
		}
		return nil
	})
}
