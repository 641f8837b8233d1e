package store

import (
	"context"
	"time"

	"gorm.io/gorm"
	"gorm.io/gorm/clause"
)

// Price is what one unit of a thing costs: a food, a lid, a kilowatt-hour.
type Price struct {
	// Thing is the name of a food, PriceOfLid, PriceOfEnergy or Money.
	Thing string `gorm:"primaryKey"`
	// Money is in the kitchen's own, whose sign is the Unit of the thing Money.
	Money     float64
	Unit      string
	UpdatedAt time.Time
}

// Things that are no food, and the kitchen's money itself.
const (
	PriceOfLid    = "*lid"
	PriceOfEnergy = "*kwh"
	Money         = "*money"
)

// Prices returns all prices, by thing.
func (s *Store) Prices(ctx context.Context) (map[string]Price, error) {
	var list []Price
	if err := s.with(ctx).Find(&list).Error; err != nil {
		return nil, err
	}
	out := map[string]Price{}
	for _, p := range list {
		out[p.Thing] = p
	}
	return out, nil
}

// SavePrices stores prices, all or none; one without a unit is forgotten.
func (s *Store) SavePrices(ctx context.Context, list []Price) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		for _, p := range list {
			if p.Unit == "" {
				if err := tx.Where("thing = ?", p.Thing).Delete(&Price{}).Error; err != nil {
					return err
				}
				continue
			}
			p.UpdatedAt = now()
			if err := tx.Clauses(clause.OnConflict{UpdateAll: true}).Create(&p).Error; err != nil {
				return err
			}
		}
		return nil
	})
}
