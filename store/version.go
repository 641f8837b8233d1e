package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Version is a recipe as it stood at one time; the newest is the recipe itself.
type Version struct {
	ID       int64
	RecipeID int64
	// No counts the versions of the recipe from 1.
	No        int
	Title     string
	Text      string
	Why       string
	CreatedAt time.Time
}

// addVersion keeps the recipe as its newest version, unless the text is that of
// the newest already.
func addVersion(tx *gorm.DB, r *Recipe) error {
	var last Version
	if err := tx.Where("recipe_id = ?", r.ID).Order("no DESC").Limit(1).Find(&last).Error; err != nil {
		return err
	}
	if last.No > 0 && last.Text == r.Text {
		return nil
	}
	return tx.Create(&Version{RecipeID: r.ID, No: last.No + 1, Title: r.Title, Text: r.Text, Why: r.Why, CreatedAt: r.UpdatedAt}).Error
}

// Versions returns the versions of a recipe, oldest first.
func (s *Store) Versions(ctx context.Context, recipeID int64) ([]Version, error) {
	var list []Version
	err := s.with(ctx).Where("recipe_id = ?", recipeID).Order("no").Find(&list).Error
	return list, err
}
