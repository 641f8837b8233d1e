package store

import (
	"context"
	"slices"
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
	Stance string
	// Burners of the stove.
	Burners               int
	LidsRegular, LidsWide int
	UpdatedAt             time.Time
	Canners               []Canner
}

// HasCanner reports whether the canner is the kitchen's.
func (k *Kitchen) HasCanner(id int64) bool {
	return slices.ContainsFunc(k.Canners, func(c Canner) bool { return c.ID == id })
}

// Canner is a canner of the kitchen, as its owner typed it.
type Canner struct {
	ID        int64
	KitchenID int64
	Name      string
	Kind      string
	// Gauge is "dial", "weighted" or "both"; empty for what has no pressure.
	Gauge string
	// Quarts, Pints and HalfPints stand on a layer.
	Quarts, Pints, HalfPints, Layers int
	WaterQuarts                      float64
	VentMinutes                      int
	// TestedOn and GasketOn are days like 2026-11-25, or empty.
	TestedOn  string
	ReadsHigh float64
	GasketOn  string
	Rack      bool
	Stove     string
}

// JarStock is how many jars of a size and mouth the kitchen has.
type JarStock struct {
	Size  string `gorm:"primaryKey"`
	Wide  bool   `gorm:"primaryKey"`
	Count int
}

// Gauge returns the gauge that governs in the canner in use, "" where none is
// chosen: where there are a dial and a weight, the weight.
func (k *Kitchen) Gauge() string {
	for _, c := range k.Canners {
		if c.ID == k.CannerID {
			if c.Gauge == "both" {
				return "weighted"
			}
			return c.Gauge
		}
	}
	return ""
}

// DeleteCanner removes a canner. It is ErrNotFound where there is none.
func (s *Store) DeleteCanner(ctx context.Context, id int64) error {
	res := s.with(ctx).Delete(&Canner{}, id)
	if res.Error == nil && res.RowsAffected == 0 {
		return ErrNotFound
	}
	return res.Error
}

// SaveCanner stores a canner, a new one where its ID is 0.
func (s *Store) SaveCanner(ctx context.Context, c *Canner) error {
	c.KitchenID = 1
	return s.with(ctx).Save(c).Error
}

// JarStocks returns the jars of the kitchen.
func (s *Store) JarStocks(ctx context.Context) ([]JarStock, error) {
	var list []JarStock
	err := s.with(ctx).Find(&list).Error
	return list, err
}

// SaveJarStocks stores the jars of the kitchen in place of what was there.
func (s *Store) SaveJarStocks(ctx context.Context, list []JarStock) error {
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		if err := tx.Where("1 = 1").Delete(&JarStock{}).Error; err != nil || len(list) == 0 {
			return err
		}
		return tx.Create(list).Error
	})
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
