package store

import (
	"context"
	"time"
)

// Recipe is a recipe as it was sent in. Jar, Pack and Method are what the cook
// means to use; empty where that was not said.
type Recipe struct {
	ID        int64
	Title     string
	Text      string
	SentBy    string
	Jar       string
	Pack      string
	Method    string
	CreatedAt time.Time
	UpdatedAt time.Time
}

// AddRecipe stores a recipe and sets its id. A zero CreatedAt becomes now.
func (s *Store) AddRecipe(ctx context.Context, r *Recipe) error {
	r.UpdatedAt = now()
	if r.CreatedAt.IsZero() {
		r.CreatedAt = r.UpdatedAt
	}
	return s.with(ctx).Create(r).Error
}

// SaveRecipe stores a changed recipe.
func (s *Store) SaveRecipe(ctx context.Context, r *Recipe) error {
	r.UpdatedAt = now()
	res := s.with(ctx).Model(&Recipe{}).Where("id = ?", r.ID).Select("Title", "Text", "SentBy", "Jar", "Pack", "Method", "UpdatedAt").Updates(r)
	if res.Error == nil && res.RowsAffected == 0 {
		return ErrNotFound
	}
	return res.Error
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
