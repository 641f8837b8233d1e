package store

import (
	"context"
	"time"

	"gorm.io/gorm"
	"gorm.io/gorm/clause"
)

// Spent is what a load took of water and heat, as somebody measured it; 0 where nobody did.
type Spent struct {
	RunID    int64 `gorm:"primaryKey;autoIncrement:false"`
	CannerID int64
	// WaterQuarts is all the water that went in.
	WaterQuarts float64
	// Heat is what the meter or the scale showed, in units of Fuel; KWh is the same as heat, and ReckonedKWh
	// what a plan thought that the load takes.
	Heat        float64
	Fuel        string
	KWh         float64 `gorm:"column:kwh"`
	ReckonedKWh float64 `gorm:"column:reckoned_kwh"`
	CreatedAt   time.Time
}

// The most that one load can take: water in quarts, heat in kWh.
const (
	MostWater = 60
	MostHeat  = 100
)

// TableName keeps GORM from making a plural of it.
func (Spent) TableName() string { return "spent" }

// SaveSpent stores what a load took; what was said of it before is gone.
func (s *Store) SaveSpent(ctx context.Context, x Spent) error {
	x.CreatedAt = now()
	return s.write(ctx, func(tx *gorm.DB) error {
		if err := tx.Select("id").First(&Run{}, x.RunID).Error; err != nil {
			return found(err)
		}
		if x.WaterQuarts == 0 && x.KWh == 0 {
			return tx.Where("run_id = ?", x.RunID).Delete(&Spent{}).Error
		}
		return tx.Clauses(clause.OnConflict{UpdateAll: true}).Create(&x).Error
	})
}

// SpentBy returns what a load took, or zeros.
func (s *Store) SpentBy(ctx context.Context, run int64) (Spent, error) {
	var list []Spent
	err := s.with(ctx).Where("run_id = ?", run).Limit(1).Find(&list).Error
	if err != nil || len(list) == 0 {
		return Spent{}, err
	}
	return list[0], nil
}

// SpentBefore returns what loads took, by canner, the newest first, nine of each at most.
func (s *Store) SpentBefore(ctx context.Context) (map[int64][]Spent, error) {
	var list []Spent
	if err := s.with(ctx).Order("run_id DESC").Limit(500).Find(&list).Error; err != nil {
		return nil, err
	}
	out := map[int64][]Spent{}
	for _, x := range list {
		if len(out[x.CannerID]) < 9 {
			out[x.CannerID] = append(out[x.CannerID], x)
		}
	}
	return out, nil
}
