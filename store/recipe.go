package store

import (
	"context"
	"strings"
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
	// From is where it was taken from.
	From   Source `gorm:"embedded"`
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

// Source is the book that a recipe stands in, with edition or year, and page; all empty where
// nobody said, OurOwn where it stands in none.
type Source struct{ Book, Edition, Page string }

// OurOwn is the book of a recipe of the kitchen's own.
const OurOwn = "our own"

// String writes the source as it is cited: "A Book, 2nd edition 1998, page 12".
func (s Source) String() string {
	out := s.Book
	if s.Edition != "" {
		out += ", " + s.Edition
	}
	if s.Page != "" {
		out += ", page " + s.Page
	}
	return strings.TrimPrefix(out, ", ")
}

// Mark is the print of what a form of the recipe is made from.
func (r *Recipe) Mark() string {
	return mark(r.Title, r.Text, r.SentBy, r.From.Book, r.From.Edition, r.From.Page, r.Jar, r.Pack, r.Method)
}

// AddRecipe stores a recipe, its first version with it, and sets its id. A zero
// CreatedAt becomes now.
func (s *Store) AddRecipe(ctx context.Context, r *Recipe) error {
	r.UpdatedAt = now()
	if r.CreatedAt.IsZero() {
		r.CreatedAt = r.UpdatedAt
	}
	return s.write(ctx, func(tx *gorm.DB) error {
		if err := tx.Create(r).Error; err != nil {
			return err
		}
		return addVersion(tx, r)
	})
}

// SaveRecipe stores what a cook wrote or chose anew: title, text, sender, source, jar, pack and
// method; a changed text becomes a new version. The recipe must still be what the print
// seen was made from, where that is given, else it is ErrStale.
func (s *Store) SaveRecipe(ctx context.Context, r *Recipe, seen string) error {
	r.UpdatedAt = now()
	return s.write(ctx, func(tx *gorm.DB) error {
		var have Recipe
		if err := tx.First(&have, r.ID).Error; err != nil {
			return found(err)
		}
		if seen != "" && seen != have.Mark() {
			return ErrStale
		}
		if err := tx.Model(&Recipe{}).Where("id = ?", r.ID).Select("Title", "Text", "SentBy", "Book", "Edition", "Page", "Jar", "Pack", "Method", "UpdatedAt").Updates(r).Error; err != nil {
			return err
		}
		return addVersion(tx, r)
	})
}

// CompareWith keeps the procedure that a recipe is to be compared with; none lets Damson
// find the nearest. It returns ErrStale where another stands in the place of the one whose
// ChosenMark was seen; an empty seen is not asked about.
func (s *Store) CompareWith(ctx context.Context, id int64, procedure, seen string) error {
	return s.write(ctx, func(tx *gorm.DB) error {
		var r Recipe
		if err := tx.Select("id", "procedure").First(&r, id).Error; err != nil {
			return found(err)
		}
		if seen != "" && seen != ChosenMark(r.Procedure) {
			return ErrStale
		}
		return touched(tx.Model(&Recipe{}).Where("id = ?", id).UpdateColumn("procedure", procedure))
	})
}

// Recipe returns the recipe with the id, or ErrNotFound.
func (s *Store) Recipe(ctx context.Context, id int64) (Recipe, error) {
	var r Recipe
	err := s.with(ctx).First(&r, id).Error
	return r, found(err)
}

// Recipes returns recipes, the newest first: at most limit, without the first skip; where
// words are given, those that have them all in title, text or sender.
func (s *Store) Recipes(ctx context.Context, words string, skip, limit int) ([]Recipe, error) {
	var list []Recipe
	err := s.having(ctx, words).Order("created_at DESC, id DESC").Offset(skip).Limit(limit).Find(&list).Error
	return list, err
}

// CountRecipes counts what Recipes goes through.
func (s *Store) CountRecipes(ctx context.Context, words string) (int, error) {
	var n int64
	err := s.having(ctx, words).Count(&n).Error
	return int(n), err
}

// having finds the recipes with all of the words.
func (s *Store) having(ctx context.Context, words string) *gorm.DB {
	q := s.with(ctx).Model(&Recipe{})
	for _, w := range strings.Fields(words) {
		w = "%" + anyLetter.Replace(w) + "%"
		q = q.Where(`(title LIKE ? ESCAPE '!' OR text LIKE ? ESCAPE '!' OR sent_by LIKE ? ESCAPE '!')`, w, w, w)
	}
	return q
}

// anyLetter keeps what stands for any letter in LIKE from doing so.
var anyLetter = strings.NewReplacer("!", "!!", "%", "!%", "_", "!_")

// Titles returns the titles of recipes by their ids: of those given, or of all where ids is
// nil.
func (s *Store) Titles(ctx context.Context, ids []int64) (map[int64]string, error) {
	var list []Recipe
	q := s.with(ctx).Select("id", "title")
	if ids != nil {
		q = q.Where("id IN ?", ids)
	}
	if err := q.Find(&list).Error; err != nil {
		return nil, err
	}
	out := make(map[int64]string, len(list))
	for _, r := range list {
		out[r.ID] = r.Title
	}
	return out, nil
}
