package store

import (
	"context"
	"time"

	"gorm.io/gorm"
	"gorm.io/gorm/clause"
)

// Plan is a canning day: its recipes, and when it begins or ends.
type Plan struct {
	ID int64
	// OnDay is like 2026-11-25, Clock like 17:30.
	OnDay, Clock string
	// Done is true where Clock is when all is done, and not when it starts.
	Done bool
	// Hands is how many pairs of them work, from 1.
	Hands     int
	CreatedAt time.Time
	Dishes    []PlanDish
	Moves     []PlanMove
}

// PlanDish is one recipe of a plan.
type PlanDish struct {
	ID, PlanID, RecipeID int64
	Jars                 int
	// Process names the chosen row; empty is the first that can be done.
	Process string
	Wide    bool
	// DayBefore prepares it the evening before.
	DayBefore bool
	// Syrup is the id of the syrup for plain fruit, or empty.
	Syrup string
	// Joins is the dish of the plan into whose last load the last jars go; 0 for a load of their own.
	Joins int64
}

// PlanMove is by how many minutes a piece of work was moved by hand.
type PlanMove struct {
	PlanID  int64  `gorm:"primaryKey"`
	Piece   string `gorm:"primaryKey"`
	Minutes int
}

// AddPlan stores a plan with its dishes and sets its ID.
func (s *Store) AddPlan(ctx context.Context, p *Plan) error {
	if p.CreatedAt.IsZero() {
		p.CreatedAt = now()
	}
	p.Hands = max(p.Hands, 1)
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(p).Error })
}

// Plan returns a plan with its dishes and moves, or ErrNotFound.
func (s *Store) Plan(ctx context.Context, id int64) (Plan, error) {
	var p Plan
	err := s.with(ctx).Preload("Dishes", byID).Preload("Moves").First(&p, id).Error
	return p, found(err)
}

// Plans returns plans, the latest day first, at most limit.
func (s *Store) Plans(ctx context.Context, limit int) ([]Plan, error) {
	var list []Plan
	err := s.with(ctx).Preload("Dishes", byID).Order("on_day DESC, id DESC").Limit(limit).Find(&list).Error
	return list, err
}

// Mark is the print of what the form of the plan is made from.
func (p *Plan) Mark() string {
	return mark(p.OnDay, p.Clock, p.Done, p.Hands, append([]PlanDish{}, p.Dishes...))
}

// SavePlan stores a changed plan and its dishes, and forgets what was moved: the day is
// laid out anew. The plan must still be what the print seen was made from, where that is
// given.
func (s *Store) SavePlan(ctx context.Context, p *Plan, seen string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		var have Plan
		if err := tx.Preload("Dishes", byID).First(&have, p.ID).Error; err != nil {
			return found(err)
		}
		if seen != "" && seen != have.Mark() {
			return ErrStale
		}
		if err := tx.Omit("Dishes", "Moves").Save(p).Error; err != nil {
			return err
		}
		keep := []int64{0}
		for i := range p.Dishes {
			p.Dishes[i].PlanID = p.ID
			if err := tx.Save(&p.Dishes[i]).Error; err != nil {
				return err
			}
			keep = append(keep, p.Dishes[i].ID)
		}
		if err := tx.Where("plan_id = ? AND id NOT IN ?", p.ID, keep).Delete(&PlanDish{}).Error; err != nil {
			return err
		}
		return tx.Where("plan_id = ?", p.ID).Delete(&PlanMove{}).Error
	})
}

// MovePieces adds to the minutes by which pieces of work are moved, all or none.
func (s *Store) MovePieces(ctx context.Context, plan int64, pieces []string, minutes int) error {
	add := clause.OnConflict{Columns: []clause.Column{{Name: "plan_id"}, {Name: "piece"}},
		DoUpdates: clause.Assignments(map[string]any{"minutes": gorm.Expr("minutes + ?", minutes)})}
	return s.write(ctx, func(tx *gorm.DB) error {
		for _, piece := range pieces {
			if err := tx.Clauses(add).Create(&PlanMove{plan, piece, minutes}).Error; err != nil {
				return err
			}
		}
		return nil
	})
}

// Took is what a piece of work took in a canner, in minutes.
type Took struct {
	ID, CannerID int64
	OnDay, Piece string
	Minutes      int
	CreatedAt    time.Time
}

// TableName keeps GORM from making a plural of it.
func (Took) TableName() string { return "took" }

// AddTook stores notes of one load, all or none.
func (s *Store) AddTook(ctx context.Context, list []Took) error {
	for i := range list {
		list[i].CreatedAt = now()
	}
	return s.write(ctx, func(tx *gorm.DB) error { return tx.Create(&list).Error })
}

// TookBefore returns the minutes noted, by canner and piece, newest first.
func (s *Store) TookBefore(ctx context.Context) (map[int64]map[string][]int, error) {
	var list []Took
	if err := s.with(ctx).Order("id DESC").Limit(2000).Find(&list).Error; err != nil {
		return nil, err
	}
	out := map[int64]map[string][]int{}
	for _, x := range list {
		if out[x.CannerID] == nil {
			out[x.CannerID] = map[string][]int{}
		}
		if len(out[x.CannerID][x.Piece]) < 9 {
			out[x.CannerID][x.Piece] = append(out[x.CannerID][x.Piece], x.Minutes)
		}
	}
	return out, nil
}

// byID loads rows in the order in which they were stored.
func byID(db *gorm.DB) *gorm.DB { return db.Order("id") }
