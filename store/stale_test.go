package store

import (
	"context"
	"errors"
	"fmt"
	"sync"
	"testing"

	"github.com/stretchr/testify/require"
)

// opened returns a store over a new directory.
func opened(t testing.TB) *Store {
	t.Helper()
	s, err := Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = s.Close() })
	return s
}

// withKitchen is opened with a kitchen of two canners and one recipe.
func withKitchen(t testing.TB) (*Store, Recipe) {
	t.Helper()
	s, ctx := opened(t), context.Background()
	k := Kitchen{Name: "Grange", ElevationFt: 5240, Burners: 4, CannerID: 2, Canners: []Canner{
		{ID: 1, Name: "Bath", Kind: "water-bath", Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1}, {ID: 2, Name: "Dial", Kind: "pressure", Gauge: "dial", Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true}}}
	require.NoError(t, s.SetUp(ctx, &k))
	r := Recipe{Title: "Plums", Text: "Plums\n5 lb plums", SentBy: "Perpetua", Jar: "pint"}
	require.NoError(t, s.AddRecipe(ctx, &r))
	return s, r
}

func TestStaleRecipe(t *testing.T) {
	ctx := context.Background()
	s, r := withKitchen(t)
	seen := r.Mark()
	ann, bob := r, r
	ann.Text, bob.Text = "Plums\n6 lb plums", "Plums\n7 lb plums"
	require.NoError(t, s.SaveRecipe(ctx, &ann, seen))
	require.ErrorIs(t, s.SaveRecipe(ctx, &bob, seen), ErrStale)
	got, err := s.Recipe(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, ann.Text, got.Text)
	list, err := s.Versions(ctx, r.ID)
	require.NoError(t, err)
	require.Len(t, list, 2, "what was refused left no version")
	require.NoError(t, s.SaveRecipe(ctx, &bob, got.Mark()), "on what is stored now it is taken")
	require.NoError(t, s.SaveRecipe(ctx, &ann, ""), "a form without a print is taken")

	// Another procedure to compare with is no other text.
	before, err := s.Recipe(ctx, r.ID)
	require.NoError(t, err)
	require.NoError(t, s.CompareWith(ctx, r.ID, "plums", ""))
	after, err := s.Recipe(ctx, r.ID)
	require.NoError(t, err)
	require.Equal(t, before.Mark(), after.Mark())
	require.ErrorIs(t, s.CompareWith(ctx, 99, "plums", ""), ErrNotFound)
}

func TestStaleKitchen(t *testing.T) {
	ctx := context.Background()
	s, _ := withKitchen(t)
	k, err := s.Kitchen(ctx)
	require.NoError(t, err)
	require.ErrorIs(t, s.SetUp(ctx, &Kitchen{Name: "Another"}), ErrStale, "there is one kitchen")

	seen := k.Mark()
	k.ElevationFt = 6000
	require.NoError(t, s.SavePlace(ctx, &k, seen))
	k.ElevationFt = 100
	require.ErrorIs(t, s.SavePlace(ctx, &k, seen), ErrStale)
	now, err := s.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, 6000, now.ElevationFt)

	// What was chosen last is not what the form of the place is made from.
	require.NoError(t, s.LastChosen(ctx, "quart", "raw", "pressure"))
	chosen, err := s.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, now.Mark(), chosen.Mark())
	require.Equal(t, []string{"quart", "raw", "pressure"}, []string{chosen.Jar, chosen.Pack, chosen.Method})

	jars := []JarStock{{"pint", false, 24}}
	stock := chosen.StockMark(nil)
	require.NoError(t, s.SaveStock(ctx, 5, 12, 6, jars, stock))
	require.ErrorIs(t, s.SaveStock(ctx, 2, 0, 0, nil, stock), ErrStale)
	now, err = s.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, []int{5, 12, 6, 6000}, []int{now.Burners, now.LidsRegular, now.LidsWide, now.ElevationFt})

	c := now.Canners[1]
	was := c.Mark()
	c.ReadsHigh = 0.5
	require.NoError(t, s.SaveCanner(ctx, &c, was))
	c.ReadsHigh = 1
	require.ErrorIs(t, s.SaveCanner(ctx, &c, was), ErrStale)
	require.NoError(t, remove(s, KindCanner, c.ID))
	require.ErrorIs(t, s.SaveCanner(ctx, &c, ""), ErrNotFound, "what was taken away does not come back by a save")
}

func TestStalePlan(t *testing.T) {
	ctx := context.Background()
	s, r := withKitchen(t)
	p := Plan{OnDay: "2026-11-28", Clock: "17:30", Dishes: []PlanDish{{RecipeID: r.ID, Jars: 7}}}
	require.NoError(t, s.AddPlan(ctx, &p))
	p, err := s.Plan(ctx, p.ID)
	require.NoError(t, err)
	seen := p.Mark()
	p.Dishes[0].Jars = 9
	require.NoError(t, s.SavePlan(ctx, &p, seen))
	p.Dishes[0].Jars = 3
	require.ErrorIs(t, s.SavePlan(ctx, &p, seen), ErrStale)
	require.NoError(t, s.MovePieces(ctx, p.ID, []string{"0.1"}, 5))
	got, err := s.Plan(ctx, p.ID)
	require.NoError(t, err)
	require.Equal(t, 9, got.Dishes[0].Jars)
	require.NoError(t, s.SavePlan(ctx, &p, got.Mark()), "a moved piece is no other form")
	p.ID = 99
	require.ErrorIs(t, s.SavePlan(ctx, &p, ""), ErrNotFound)
}

// Changes of different things at one moment all stand: what is stored is columns, and one
// writes at a time.
func TestNothingIsPutBack(t *testing.T) {
	ctx := context.Background()
	s, r := withKitchen(t)
	const rounds = 40
	for i := range rounds {
		var wait sync.WaitGroup
		do := func(f func() error) {
			wait.Go(func() {
				if err := f(); err != nil {
					t.Error(err)
				}
			})
		}
		k := Kitchen{Name: "Grange", ElevationFt: 1000 + i, CannerID: 1, Stance: "book"}
		c := Canner{Name: fmt.Sprintf("tmp %d", i), Kind: "water-bath", Quarts: 7}
		require.NoError(t, s.SaveCanner(ctx, &c, ""))
		mended := r
		mended.Text = fmt.Sprintf("Plums\n%d lb plums", i+1)
		do(func() error { return s.SavePlace(ctx, &k, "") })
		do(func() error { return remove(s, KindCanner, c.ID) })
		do(func() error { return s.SaveRecipe(ctx, &mended, "") })
		for j := range 4 {
			do(func() error { return s.LastChosen(ctx, []string{"pint", "quart"}[j%2], "raw", "pressure") })
			do(func() error { return s.SaveStock(ctx, 4, i, j, nil, "") })
			do(func() error { return s.CompareWith(ctx, r.ID, []string{"plums", ""}[j%2], "") })
			do(func() error { return s.AddRecipe(ctx, &Recipe{Title: "x", Text: "x"}) })
		}
		wait.Wait()
		now, err := s.Kitchen(ctx)
		require.NoError(t, err)
		require.Equal(t, 1000+i, now.ElevationFt)
		require.False(t, now.HasCanner(c.ID))
		got, err := s.Recipe(ctx, r.ID)
		require.NoError(t, err)
		require.Equal(t, mended.Text, got.Text)
	}
	n, err := s.CountRecipes(ctx, "")
	require.NoError(t, err)
	require.Equal(t, 4*rounds+1, n)
}

func TestOnce(t *testing.T) {
	ctx := context.Background()
	s := opened(t)
	add := func(tx *Store) (string, error) {
		r := Recipe{Title: "Plums", Text: "5 lb plums"}
		err := tx.AddRecipe(ctx, &r)
		return fmt.Sprintf("/recipes/%d", r.ID), err
	}
	count := func() int {
		n, err := s.CountRecipes(ctx, "")
		require.NoError(t, err)
		return n
	}
	first, err := s.Once(ctx, "a", add)
	require.NoError(t, err)
	again, err := s.Once(ctx, "a", add)
	require.NoError(t, err)
	require.Equal(t, first, again, "it leads where it led")
	require.Equal(t, 1, count())
	other, err := s.Once(ctx, "b", add)
	require.NoError(t, err)
	require.NotEqual(t, first, other)
	for range 2 {
		_, err = s.Once(ctx, "", add)
		require.NoError(t, err)
	}
	require.Equal(t, 4, count(), "a form without a print is taken each time")

	// One that failed stores nothing, and may be sent again.
	broken := errors.New("broken")
	_, err = s.Once(ctx, "c", func(tx *Store) (string, error) {
		_, _ = add(tx)
		return "", broken
	})
	require.ErrorIs(t, err, broken)
	require.Equal(t, 4, count())
	_, err = s.Once(ctx, "c", add)
	require.NoError(t, err)
	require.Equal(t, 5, count())

	// Two at one moment are one.
	var wait sync.WaitGroup
	for range 16 {
		wait.Go(func() {
			if _, err := s.Once(ctx, "d", add); err != nil {
				t.Error(err)
			}
		})
	}
	wait.Wait()
	require.Equal(t, 6, count())

	// It is forgotten after a while.
	require.NoError(t, s.db.Exec("UPDATE sent SET created_at = ?", now().Add(-sentFor-1)).Error)
	_, err = s.Once(ctx, "e", add)
	require.NoError(t, err)
	var left int64
	require.NoError(t, s.db.Model(&sentRow{}).Count(&left).Error)
	require.EqualValues(t, 1, left)
}

// A write whose sender has gone while it waited is not made.
func TestWaitingEnds(t *testing.T) {
	s := opened(t)
	s.turn <- struct{}{}
	ctx, gone := context.WithCancel(context.Background())
	gone()
	require.ErrorIs(t, s.AddRecipe(ctx, &Recipe{Title: "x", Text: "x"}), context.Canceled)
	<-s.turn
	n, err := s.CountRecipes(context.Background(), "")
	require.NoError(t, err)
	require.Zero(t, n)
}

func TestRecipesByWords(t *testing.T) {
	ctx := context.Background()
	s := opened(t)
	for i, title := range []string{"Dilly beans", "Plum jam, 100% fruit", "Plum_butter", "Bean soup"} {
		require.NoError(t, s.AddRecipe(ctx, &Recipe{Title: title, Text: fmt.Sprintf("%s\n%d lb of it", title, i), SentBy: "Osric"}))
	}
	for words, want := range map[string][]string{
		"": {"Bean soup", "Plum_butter", "Plum jam, 100% fruit", "Dilly beans"}, "bean": {"Bean soup", "Dilly beans"}, "bean dilly": {"Dilly beans"}, "osric plum": {"Plum_butter", "Plum jam, 100% fruit"},
		"100%": {"Plum jam, 100% fruit"}, "m_b": {"Plum_butter"}, "!": nil, "nothing": nil,
	} {
		list, err := s.Recipes(ctx, words, 0, 10)
		require.NoError(t, err)
		var got []string
		for _, r := range list {
			got = append(got, r.Title)
		}
		require.Equal(t, want, got, words)
		n, err := s.CountRecipes(ctx, words)
		require.NoError(t, err)
		require.Len(t, want, n, words)
	}
	list, err := s.Recipes(ctx, "", 1, 2)
	require.NoError(t, err)
	require.Equal(t, "Plum_butter", list[0].Title)
	require.Len(t, list, 2)
	titles, err := s.Titles(ctx, nil)
	require.NoError(t, err)
	require.Len(t, titles, 4)
}
