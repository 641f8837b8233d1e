package app

import (
	"context"

	"damson/core/plan"
	"damson/core/review"
	"damson/store"
)

// Offer is what can be done with a recipe in this kitchen.
type Offer struct {
	Recipe  store.Recipe
	Version int
	// Procedure and Source name what it is canned by, Product and Class say what that is.
	Procedure, Source, Product, Class string
	Kitchen                           store.Kitchen
	// Options are the tested ways, with the place of their canner in Canners.
	Options []plan.Option
	Canners []plan.Canner
	// Missing says why there is none.
	Missing string
}

// Offer lays out the tested ways of a recipe in this kitchen, as a plan would.
func (s *Days) Offer(ctx context.Context, recipe int64, jars int, wide bool) (Offer, error) {
	k, err := s.store.Here(ctx)
	if err != nil {
		return Offer{}, err
	}
	canners, _ := Equipment(k, s.stove.clock.Now())
	d, err := s.Dish(ctx, store.PlanDish{RecipeID: recipe, Jars: jars, Wide: wide}, k, canners)
	if err != nil {
		return Offer{}, err
	}
	out := Offer{Recipe: d.Recipe, Kitchen: k, Options: d.Options, Canners: canners, Missing: d.Missing}
	if out.Missing != "" {
		return out, nil
	}
	p := d.Result.Tested
	out.Procedure, out.Source, out.Product, out.Class = p.Title, p.Source, p.Product, p.Acidity
	versions, err := s.store.Versions(ctx, recipe)
	if n := len(versions); n > 0 {
		out.Version = versions[n-1].No
	}
	return out, err
}

// Clear lists the recipes of the desk that are clear.
func (s *Days) Clear(ctx context.Context) ([]store.Recipe, error) {
	k, err := s.store.Here(ctx)
	if err != nil {
		return nil, err
	}
	list, err := s.store.Recipes(ctx, "", 0, Newest)
	if err != nil {
		return nil, err
	}
	var out []store.Recipe
	for _, r := range list {
		if s.reviews.Of(r, k).Verdict == review.Clear {
			out = append(out, r)
		}
	}
	return out, nil
}

// Table is what the trade knows of a canning day.
func (s *Days) Table() *plan.Table { return s.shelves.Now().Lib.Plan }
