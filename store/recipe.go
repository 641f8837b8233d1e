package store

import (
	"context"
	"time"

	"gorm.io/gorm"
)

// Recipe is a recipe as it was sent in. Jar, Pack and Method are what the cook
// means to use; empty where that was not said.
type Recipe struct {
	ID     int64
	Title  string
	Text   string
	SentBy string
	Jar    string
	Pack   string
	Method string
	// Procedure is the id of the procedure that somebody chose to compare with;
	// empty where Damson finds the nearest.
	Procedure string
	CreatedAt time.Time
	UpdatedAt time.Time
	// Why says what a change was for; it is kept with the version.
	Why string `gorm:"-"`
}

// AddRecipe stores a recipe, its first version with it, and sets its id. A zero
// CreatedAt becomes now.
func (s *Store) AddRecipe(ctx context.Context, r *Recipe) error {
	r.UpdatedAt = now()
	if r.CreatedAt.IsZero() {
		r.CreatedAt = r.UpdatedAt
	}
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		if err := tx.Create(r).Error; err != nil {
			return err
		}
		return addVersion(tx, r)
	})
}

// SaveRecipe stores a changed recipe; a changed text becomes a new version.
func (s *Store) SaveRecipe(ctx context.Context, r *Recipe) error {
	r.UpdatedAt = now()
	return s.with(ctx).Transaction(func(tx *gorm.DB) error {
		res := tx.Model(&Recipe{}).Where("id = ?", r.ID).Select("Title", "Text", "SentBy", "Jar", "Pack", "Method", "Procedure", "UpdatedAt").Updates(r)
		if res.Error != nil {
			return res.Error
		}
		if res.RowsAffected == 0 {
			return ErrNotFound
		}
		return addVersion(tx, r)
	})
}

// Recipe returns the recipe with the id, or ErrNotFound.
func (s *Store) Recipe(ctx context.Context, id int64) (Recipe, error) {
	var r Recipe
	err := s.with(ctx).First(&r, id).Error
	return r, found(err)
}

// Recipes returns the newest recipes first, at most limit.
func (s *Store) Recipes(ctx context.Context, limit int) ([]Recipe, error) {
	var list []Recipe
	err := s.with(ctx).Order("created_at DESC, id DESC").Limit(limit).Find(&list).Error
	return list, err
}
