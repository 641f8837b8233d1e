package stove

import (
	"context"
	"fmt"
	"net/http"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/plan"
	"damson/core/quantity"
	"damson/core/run"
	"damson/store"
	"damson/web/kit"
)

// spentView is the form in which it is noted what a load took of water and heat.
type spentView struct {
	Fuels []plan.Fuel
	// Reckoned is what the plan thought, Said what was noted.
	Reckoned, Said, Problem string

	spentForm
}

// spentForm is the form as it was typed.
type spentForm struct {
	Water     string `form:"water"`
	WaterUnit string `form:"unit"`
	Heat      string `form:"heat"`
	Fuel      string `form:"fuel"`
}

// spentOf is the form of a load whose jars are out, filled with what was noted; nil for a practice canner,
// and for one that this kitchen has no more.
func (p *Pages) spentOf(ctx context.Context, x *app.Standing) (*spentView, error) {
	if x.State.Phase != run.Out || x.Run.Speed > 0 {
		return nil, nil
	}
	k, err := p.Kitchen(ctx)
	if err != nil || !k.HasCanner(x.Run.CannerID) {
		return nil, err
	}
	had, err := p.store.SpentBy(ctx, x.Run.ID)
	if err != nil {
		return nil, err
	}
	v := &spentView{Fuels: p.offer.Table().Fuels, spentForm: spentForm{WaterUnit: "qt", Fuel: had.Fuel},
		Reckoned: fmt.Sprintf("about %.1f kWh at the burner is reckoned", app.Reckoned(&k, &x.Run))}
	if had.WaterQuarts > 0 {
		v.Water = strconv.FormatFloat(had.WaterQuarts, 'f', -1, 64)
	}
	if had.KWh > 0 {
		v.Heat = strconv.FormatFloat(had.Heat, 'f', -1, 64)
		v.Said = fmt.Sprintf("%.1f kWh", had.KWh)
	}
	return v, nil
}

// spent notes what a load took, for the next plan with its canner.
func (p *Pages) spent(c *gin.Context) error {
	if !p.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	x, err := p.stove.Standing(ctx, kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	v, err := p.spentOf(ctx, x)
	switch {
	case err != nil:
		return err
	case v == nil:
		p.Fail(c, http.StatusConflict, "What this load took cannot be noted.",
			"Only a canner of this kitchen counts, once its jars are out.")
		return nil
	}
	kit.Typed(c, &v.spentForm)
	row, problem := v.row(p.offer.Table())
	if problem != "" {
		v.Problem = problem
		return p.renderRun(c, http.StatusUnprocessableEntity, typedRun{spent: v})
	}
	k, err := p.Kitchen(ctx)
	if err != nil {
		return err
	}
	row.RunID, row.CannerID, row.ReckonedKWh = x.Run.ID, x.Run.CannerID, app.Reckoned(&k, &x.Run)
	if err := p.store.SaveSpent(ctx, row); err != nil {
		return p.missing(c, err)
	}
	c.Redirect(http.StatusSeeOther, fmt.Sprintf("/stove/%d#spent", x.Run.ID))
	return nil
}

// row is what was typed, or what is wrong with it.
func (v *spentView) row(t *plan.Table) (store.Spent, string) {
	var out store.Spent
	if v.Water != "" {
		quarts, err := quantity.ParseFigure(v.Water)
		if v.WaterUnit == "l" {
			quarts = kit.Convert(quarts, quantity.L, quantity.Quart)
		}
		if err != nil || quarts <= 0 || quarts > store.MostWater {
			return out, fmt.Sprintf("“%s” is no amount of water for a load. Type quarts or litres, like 3.5, or nothing.",
				v.Water)
		}
		out.WaterQuarts = quarts
	}
	if v.Heat == "" {
		return out, ""
	}
	fuel, known := t.Fuel(v.Fuel)
	if !known {
		return out, "Of what? Choose what the meter or the scale shows."
	}
	heat, err := quantity.ParseFigure(v.Heat)
	if err != nil || heat <= 0 || heat*fuel.KWh > store.MostHeat {
		return out, fmt.Sprintf("“%s” is nothing that one load takes of %s. "+
			"Type the difference of the meter, or of the scale, from before to after.", v.Heat, fuel.Name)
	}
	out.Heat, out.Fuel, out.KWh = heat, fuel.ID, heat*fuel.KWh
	return out, ""
}
