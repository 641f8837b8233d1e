package recipe

import (
	"damson/core/review"
	"damson/web/draw"
)

// viewScale lays the ranges of a recipe's ingredients out.
func viewScale(res *review.Result) draw.Scale {
	var foods []draw.Food
	seen := map[string]bool{}
	for _, l := range res.Ingredients() {
		f := l.Ref
		if f == nil || !f.HasPH() || seen[f.ID] || l.Serving || f.Kind == "spice" || f.Kind == "herb" || f.In("garlic") {
			continue
		}
		seen[f.ID] = true
		foods = append(foods, draw.Food{Name: l.Food, Low: f.PH[0], High: f.PH[1]}) // in the recipe's own words
	}
	v := draw.ScaleOf(foods)
	v.Class, v.Of = res.Acidity.Class, classOf(res)
	return v
}

func classOf(res *review.Result) string {
	if res.Procedure != nil {
		return "as its tested procedure is classed"
	}
	return "an estimate of the mixture"
}
