package stove

import (
	"context"
	"fmt"
	"net/http"
	"slices"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/plan"
	"damson/core/practice"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
	"damson/web/kit"
)

// Offerer knows the recipes: which are clear, and by which ways each can be canned.
type Offerer interface {
	app.Offers
	// Clear lists recipes of the desk that are clear, the newest first.
	Clear(ctx context.Context) ([]store.Recipe, error)
	// Table is what the trade knows of a canning day.
	Table() *plan.Table
}

type startView struct {
	Recipes        []store.Recipe
	ID             int64
	Title, Missing string
	Ways           []wayView
	Not            []string
	Speeds         []choice
	Faults         []choice
	Problem        string
	// With is what goes into the canner with it.
	With []withView

	startForm
}

// startForm is the form as it was typed.
type startForm struct {
	Recipe   string `form:"recipe"`
	Way      string `form:"way"`
	Jars     string `form:"jars"`
	Wide     bool   `form:"wide"`
	Practice bool   `form:"practice"`
	Speed    string `form:"speed"`
	Fault    string `form:"fault"`
}

type wayView struct {
	Key, Words, Canner, Holds, Reading string
	Conditions                         []string
	Chosen                             bool
}

var speeds = []choice{{"1", "as fast as the real one"}, {"10", "10 times as fast"},
	{"60", "60 times: a minute a second"}, {"300", "300 times"}, {"600", "600 times"}}

func (p *Pages) showNew(c *gin.Context) error {
	ctx := c.Request.Context()
	v := startView{startForm: startForm{Way: c.Query("way"), Jars: kit.Cut(c.Query("jars"), 4),
		Practice: c.Query("practice") != "", Speed: "60"}}
	id, err := strconv.ParseInt(c.Query("recipe"), 10, 64)
	if err != nil {
		if v.Recipes, err = p.offer.Clear(ctx); err != nil {
			return err
		}
		return p.renderNew(c, http.StatusOK, v)
	}
	jars, _ := strconv.Atoi(v.Jars)
	o, err := p.offer.Offer(ctx, id, max(jars, 1), false)
	if err != nil {
		return p.Missing(c, err, noRecipe)
	}
	v.of(&o)
	if v.With, err = p.viewCompany(ctx, c.QueryArray("with")); err != nil {
		return err
	}
	return p.renderNew(c, http.StatusOK, v)
}

func (p *Pages) renderNew(c *gin.Context, status int, v startView) error {
	v.Speeds = speeds
	for _, f := range practice.Faults {
		v.Faults = append(v.Faults, choice{f.ID, f.Name})
	}
	v.Faults = append(v.Faults, choice{practice.Drawn, "one of these, drawn by lot"})
	page := p.page("Put a load on", v)
	page.Scripts, page.Keys = nil, kit.Keys("Tab", "next field", "↵", "put it on")
	p.Render(c, status, "stovenew", page)
	return nil
}

// of lays an offer out; the way that was chosen, or the first, is ticked.
func (v *startView) of(o *app.Offer) {
	v.ID, v.Title, v.Missing = o.Recipe.ID, o.Recipe.Title, o.Missing
	for i := range o.Options {
		x := &o.Options[i]
		w := wayView{Key: x.Process.Key(), Words: x.Process.String(), Conditions: x.Process.Conditions}
		if x.Not != "" {
			v.Not = append(v.Not, w.Words+": "+x.Not)
			continue
		}
		holds := o.Canners[x.Canner].Holds(quantity.Jar(x.Process.Jar), v.Wide)
		w.Canner = o.Canners[x.Canner].Name
		w.Holds = "takes " + quantity.Jar(x.Process.Jar).Count(holds)
		if x.Process.Method == procedure.Pressure && x.Reading != float64(x.Process.PSI) {
			w.Reading = fmt.Sprintf("hold this dial at %s psi: %s", kit.Decimal(x.Reading), x.Why)
		}
		if v.Jars == "" {
			v.Jars = strconv.Itoa(holds)
		}
		v.Ways = append(v.Ways, w)
	}
	for i := range v.Ways {
		v.Ways[i].Chosen = v.Ways[i].Key == v.Way
	}
	if !slices.ContainsFunc(v.Ways, func(w wayView) bool { return w.Chosen }) && len(v.Ways) > 0 {
		v.Ways[0].Chosen = true
	}
}

// start puts a load on the stove.
func (p *Pages) start(c *gin.Context) error {
	if !p.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	var f startForm
	kit.Typed(c, &f)
	id, _ := strconv.ParseInt(f.Recipe, 10, 64)
	jars, err := strconv.Atoi(f.Jars)
	with := c.Request.PostForm["with"]
	o, offered := p.offer.Offer(ctx, id, max(jars, 1), f.Wide)
	if offered != nil {
		return p.Missing(c, offered, noRecipe)
	}
	refuse := func(what string) error {
		v := startView{startForm: f, Problem: what}
		v.of(&o)
		if v.With, err = p.viewCompany(ctx, with); err != nil {
			return err
		}
		return p.renderNew(c, http.StatusUnprocessableEntity, v)
	}
	if o.Missing == "" && (err != nil || jars < 1) {
		return refuse("“" + f.Jars + "” is no number of jars. How many go in?")
	}
	r, err := app.LoadOf(ctx, p.offer, &o, app.Asked{Way: f.Way, Jars: jars, Wide: f.Wide, With: with})
	if no := app.IsRefused(err); no != nil {
		return refuse(no.What)
	}
	if err != nil {
		return err
	}
	if f.Practice {
		practise(&r, f.Speed, f.Fault)
	}
	to, err := p.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/stove", p.stove.On(tx).Start(ctx, &r)
	})
	if app.IsRefused(err) != nil {
		return refuse(err.Error())
	}
	if err != nil {
		return err
	}
	p.stove.Told()
	c.Redirect(http.StatusSeeOther, to)
	return nil
}

// practise lets a run be one with the practice canner, so many times as fast, with something that goes wrong.
func practise(r *store.Run, speed, fault string) {
	r.Speed, _ = strconv.Atoi(speed)
	r.Speed = min(max(r.Speed, 1), 600)
	r.Fault = practice.Choose(fault, r.Load()).ID
}
