package store

import (
	"context"
	"errors"
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

// Mark is the print of what a form of the canner is made from.
func (c *Canner) Mark() string { return mark(*c) }

// Mark is the print of what the form of the place is made from: name, elevation, canner
// in use, stance.
func (k *Kitchen) Mark() string { return mark(k.Name, k.ElevationFt, k.CannerID, k.Stance) }

// StockMark is the print of what the form of the stock is made from.
func (k *Kitchen) StockMark(jars []JarStock) string {
	return mark(k.Burners, k.LidsRegular, k.LidsWide, append([]JarStock{}, jars...))
}

// SaveCanner stores a canner, a new one where its ID is 0. A changed one must still be
// there, and be what the print seen was made from, where that is given.
func (s *Store) SaveCanner(ctx context.Context, c *Canner, seen string) error {
	c.KitchenID = 1
	return s.write(ctx, func(tx *gorm.DB) error {
		if c.ID == 0 {
			return tx.Create(c).Error
		}
		var now Canner
		if err := tx.First(&now, c.ID).Error; err != nil {
			return found(err)
		}
		if seen != "" && seen != now.Mark() {
			return ErrStale
		}
		return tx.Save(c).Error
	})
}

// JarStocks returns the jars of the kitchen.
func (s *Store) JarStocks(ctx context.Context) ([]JarStock, error) {
	var list []JarStock
	err := s.with(ctx).Find(&list).Error
	return list, err
}

// SaveStock stores jars, lids and burners of the kitchen in place of what was there,
// where that is what the print seen was made from.
func (s *Store) SaveStock(ctx context.Context, burners, lidsRegular, lidsWide int, jars []JarStock, seen string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		if seen != "" {
			now, have := Kitchen{}, []JarStock(nil)
			if err := errors.Join(tx.First(&now, 1).Error, tx.Find(&have).Error); err != nil {
				return found(err)
			}
			if seen != now.StockMark(have) {
				return ErrStale
			}
		}
		counts := map[string]any{"burners": burners, "lids_regular": lidsRegular, "lids_wide": lidsWide, "updated_at": now()}
		if err := touched(tx.Model(&Kitchen{}).Where("id = 1").Updates(counts)); err != nil {
			return err
		}
		if err := tx.Where("1 = 1").Delete(&JarStock{}).Error; err != nil || len(jars) == 0 {
			return err
		}
		return tx.Create(jars).Error
	})
}

// Kitchen returns the kitchen, or ErrNotFound before it was set up.
func (s *Store) Kitchen(ctx context.Context) (Kitchen, error) {
	var k Kitchen
	err := s.with(ctx).Preload("Canners", byID).First(&k, 1).Error
	return k, found(err)
}

// Here returns the kitchen; before it is set up, one at sea level.
func (s *Store) Here(ctx context.Context) (Kitchen, error) {
	k, err := s.Kitchen(ctx)
	if errors.Is(err, ErrNotFound) {
		return Kitchen{}, nil
	}
	return k, err
}

// SetUp makes the kitchen with its canners. It is ErrStale where there is one already.
func (s *Store) SetUp(ctx context.Context, k *Kitchen) error {
	k.ID, k.UpdatedAt = 1, now()
	return s.write(ctx, func(tx *gorm.DB) error {
		var there int64
		if err := tx.Model(&Kitchen{}).Count(&there).Error; err != nil {
			return err
		}
		if there > 0 {
			return ErrStale
		}
		if err := tx.Omit("Canners").Create(k).Error; err != nil {
			return err
		}
		for i := range k.Canners {
			k.Canners[i].KitchenID = 1
			if err := tx.Create(&k.Canners[i]).Error; err != nil {
				return err
			}
		}
		return nil
	})
}

// SavePlace stores name, elevation, canner in use and stance of the kitchen, and nothing
// else of it. It must still be what the print seen was made from, where that is given.
func (s *Store) SavePlace(ctx context.Context, k *Kitchen, seen string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		var have Kitchen
		if err := tx.First(&have, 1).Error; err != nil {
			return found(err)
		}
		if seen != "" && seen != have.Mark() {
			return ErrStale
		}
		place := map[string]any{"name": k.Name, "elevation_ft": k.ElevationFt, "canner_id": k.CannerID, "stance": k.Stance, "updated_at": now()}
		return tx.Model(&Kitchen{}).Where("id = 1").Updates(place).Error
	})
}

// LastChosen keeps jar, pack and method for the next recipe; before the kitchen was set
// up it keeps nothing.
func (s *Store) LastChosen(ctx context.Context, jar, pack, method string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		return tx.Model(&Kitchen{}).Where("id = 1").Updates(map[string]any{"jar": jar, "pack": pack, "method": method}).Error
	})
}
