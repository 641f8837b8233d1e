package web

import (
	"context"

	"damson/core/plan"
	"damson/core/review"
	"damson/store"
	"damson/web/kit"
	"damson/web/stove"
)

// offers tells the stove what can be done with the recipes of the desk.
type offers struct{ s *Server }

// Offer lays out the tested ways of a recipe in this kitchen, as a plan would.
func (o offers) Offer(ctx context.Context, recipe int64, jars int, wide bool) (stove.Offer, error) {
	k, err := o.s.Kitchen(ctx)
	if err != nil {
		return stove.Offer{}, err
	}
	canners, _ := equipment(k, kit.Now())
	d, err := o.s.planDish(ctx, store.PlanDish{RecipeID: recipe, Jars: jars, Wide: wide}, k, canners)
	if err != nil {
		return stove.Offer{}, err
	}
	out := stove.Offer{Recipe: d.recipe, Kitchen: k, Options: d.options, Canners: canners, Missing: d.missing}
	if out.Missing != "" {
		return out, nil
	}
	p := d.result.Tested
	out.Procedure, out.Source, out.Product, out.Class = p.Title, p.Source, p.Product, p.Acidity
	versions, err := o.s.store.Versions(ctx, recipe)
	if n := len(versions); n > 0 {
		out.Version = versions[n-1].No
	}
	return out, err
}

// Clear lists the recipes of the desk that are clear.
func (o offers) Clear(ctx context.Context) ([]store.Recipe, error) {
	k, err := o.s.Kitchen(ctx)
	if err != nil {
		return nil, err
	}
	list, err := o.s.store.Recipes(ctx, "", 0, logLimit)
	if err != nil {
		return nil, err
	}
	var out []store.Recipe
	for _, r := range list {
		if o.s.reviewOf(r, k).Verdict == review.Clear {
			out = append(out, r)
		}
	}
	return out, nil
}

// Table is what the trade knows of a canning day.
func (o offers) Table() *plan.Table { return o.s.shelf().lib.Plan }
