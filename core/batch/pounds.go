package batch

import (
	"strings"

	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/rulebook"
)

// ByPounds estimates the yield of plain food from the pounds that a source gives
// for a quart of it, as bought ("2½ pounds of carrots"). It reports false where
// no line has such a food by weight.
func ByPounds(rec *recipe.Recipe, list []*rulebook.Equivalent) (Yield, bool) {
	var y Yield
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient || l.Serving || l.Ref == nil || l.Unit.Dimension() != quantity.Mass || l.AmountMin == nil {
			continue
		}
		pounds, ok := quantity.Convert(l.Amount().Mid(), l.Unit, quantity.Lb)
		q := perQuart(l, list)
		if !ok || q == nil {
			continue
		}
		quarts := pounds / ((q.Low + q.High) / 2)
		cups := quantity.QuartJar.Cups()
		y.Low += quarts * cups * (1 - printedSpread)
		y.High += quarts * cups * (1 + printedSpread)
		y.Basis = "the pounds that a source gives for a quart"
	}
	return y, y.High > 0
}

func perQuart(l *recipe.Line, list []*rulebook.Equivalent) *rulebook.Equivalent {
	for _, q := range list {
		if q.Is == "lb" && strings.HasSuffix(q.ID, "-quart") && (q.Of == l.Ref.ID || l.Ref.In(q.Of)) {
			return q
		}
	}
	return nil
}
