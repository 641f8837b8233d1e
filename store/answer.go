package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Answer is what somebody said of words that could not be read. RecipeID is nil for
// words of the house, which hold in every recipe.
type Answer struct {
	ID        int64
	RecipeID  *int64
	Words     string
	Answer    string
	CreatedAt time.Time
}

// AddAnswer keeps an answer in the place of an earlier one about the same words. It returns
// ErrStale where another stands there than the one whose ChosenMark was seen; an empty seen
// is not asked about.
func (s *Store) AddAnswer(ctx context.Context, a Answer, seen string) error {
	a.ID, a.CreatedAt = 0, now()
	return s.write(ctx, func(tx *gorm.DB) error {
		var have Answer
		if err := ofWords(tx, a.RecipeID, a.Words).Limit(1).Find(&have).Error; err != nil {
			return err
		}
		if seen != "" && seen != ChosenMark(have.Answer) && have.Answer != a.Answer {
			return ErrStale
		}
		if err := ofWords(tx, a.RecipeID, a.Words).Delete(&Answer{}).Error; err != nil {
			return err
		}
		return tx.Create(&a).Error
	})
}

// TakeBack forgets what was answered about the words, for the recipe and for the house.
func (s *Store) TakeBack(ctx context.Context, recipeID int64, words string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		return tx.Where("(recipe_id = ? OR recipe_id IS NULL) AND words = ?", recipeID, words).Delete(&Answer{}).Error
	})
}

// Answers returns what was answered for the recipe and, behind it, for the house.
func (s *Store) Answers(ctx context.Context, recipeID int64) ([]Answer, error) {
	var list []Answer
	err := s.with(ctx).Where("recipe_id = ? OR recipe_id IS NULL", recipeID).Order("recipe_id IS NULL, id").Find(&list).Error
	return list, err
}

func ofWords(tx *gorm.DB, recipeID *int64, words string) *gorm.DB {
	if recipeID == nil {
		return tx.Where("recipe_id IS NULL AND words = ?", words)
	}
	return tx.Where("recipe_id = ? AND words = ?", *recipeID, words)
}
