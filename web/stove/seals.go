package stove

import (
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/run"
	"damson/store"
	"damson/web/kit"
)

// runView is the page of one load: its record, how it was judged, its seals.
type runView struct {
	S station
	// Facts are what it was, a line each.
	Facts [][2]string
	Seals *sealsView
	Lot   *lotLine
	// Token lets a logger in; Read says how many readings came of the file sent last.
	Token, Read string
	// Recipe and Version are what was canned; Recipe is 0 where it is not there any more.
	Recipe  int64
	Version int
	// Again leads to the whole process once more, Until when; empty where it is too late.
	Again, Until string
}

type lotLine struct {
	ID           int64
	Words, Extra string
	// Again is how many are to have the whole process once more.
	Again int
}

// sealsView is the form of the seal test.
type sealsView struct {
	Jars, Sealed, Unsealed, Went string
	Note, DoneBy, Place          string
	Early                        string
	Ways                         []run.Went
	Problem                      string
}

func (p *Pages) showRun(c *gin.Context) error { return p.renderRun(c, http.StatusOK, nil) }

func (p *Pages) renderRun(c *gin.Context, status int, typed *sealsView) error {
	ctx := c.Request.Context()
	x, err := p.stove.Standing(ctx, kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	r := &x.Run
	v := runView{S: viewStation(x, true)}
	v.Facts = [][2]string{{"Load", v.S.Jars + ", " + r.Pack + " pack"}, {"Canner", r.Canner}, {"Process", v.S.Process}, {"Tested procedure", r.Procedure + " · " + r.Source},
		{"Place", fmt.Sprintf("%s, %s ft", r.Kitchen, kit.Thousands(r.ElevationFt))}, {"Put on", r.CreatedAt.Local().Format("2 January 2006 15:04")}}
	if _, err := p.store.Recipe(ctx, r.RecipeID); err == nil {
		v.Recipe, v.Version = r.RecipeID, r.Version
	} else if !errors.Is(err, store.ErrNotFound) {
		return err
	}
	if r.Speed == 0 {
		v.Token = r.Token
	}
	if n, err := strconv.Atoi(c.Query("read")); err == nil {
		v.Read = fmt.Sprintf("%d new readings.", n)
	}
	lot, err := p.store.LotOf(ctx, r.ID)
	switch {
	case err == nil:
		v.S.Judged.Do = nil // it was done
		v.Lot = &lotLine{ID: lot.ID, Words: quantity.Jar(lot.Jar).Count(lot.Left()) + " on the shelf", Extra: sealWords(&lot)}
		if lot.Went == run.Reprocessed {
			v.Lot.Again = lot.Unsealed
		}
	case !errors.Is(err, store.ErrNotFound):
		return err
	case typed != nil:
		v.Seals = typed
	case x.State.Phase == run.Out && r.Speed == 0:
		v.Seals = &sealsView{Sealed: strconv.Itoa(x.State.Whole), Unsealed: "0"}
	}
	if s := v.Seals; s != nil {
		s.Jars, s.Ways = quantity.Jar(r.Jar).Count(x.State.Whole), run.Wents
		if due := x.State.OutAt.Add(run.TestAfter); x.Now.Before(due) {
			s.Early = "The jars are still cooling: test them from " + due.Local().Format("Monday 15:04") + " on."
		}
	}
	v.again(x)
	page := p.page(r.Title, v)
	page.Scripts, page.Keys = nil, kit.Keys("P", "print", "D", "desk")
	p.Render(c, status, "stoverun", page)
	return nil
}

// again offers the whole process once more, within its 24 hours, to jars that were not
// processed as tested or did not seal.
func (v *runView) again(x *app.Standing) {
	until := x.State.HeatOff.Add(run.Again)
	jars := x.State.Whole
	if v.Lot != nil {
		jars = v.Lot.Again
	} else if x.Judged.Verdict != run.NotAsTested {
		jars = 0
	}
	if jars == 0 || v.Recipe == 0 || x.State.HeatOff.IsZero() || !x.Now.Before(until) || x.Run.Speed > 0 {
		return
	}
	v.Again = "/stove/new?" + url.Values{"recipe": {strconv.FormatInt(v.Recipe, 10)}, "way": {wayOf(&x.Run)}, "jars": {strconv.Itoa(jars)}}.Encode()
	v.Until = until.Local().Format("Monday 15:04")
}

// wayOf is the key of the process that a run was given.
func wayOf(r *store.Run) string {
	return procedure.Process{Method: r.Method, Gauge: r.Gauge, Jar: r.Jar, Pack: r.Pack, PSI: r.PSI}.Key()
}

// sealWords says how the seals were.
func sealWords(l *store.Lot) string {
	if l.Unsealed == 0 {
		return fmt.Sprintf("all %d sealed", l.Sealed)
	}
	for _, w := range run.Wents {
		if w.Key == l.Went {
			return fmt.Sprintf("%d sealed; %d not: %s", l.Sealed, l.Unsealed, w.Words)
		}
	}
	return fmt.Sprintf("%d sealed; %d not", l.Sealed, l.Unsealed)
}

// seals takes the seal test: what is sealed and was processed as tested goes on the shelf.
func (p *Pages) seals(c *gin.Context) error {
	if !p.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	f := kit.Typed(c, "sealed", "unsealed", "went", "place", "by")
	v := sealsView{Sealed: f["sealed"], Unsealed: f["unsealed"], Went: f["went"], Place: f["place"], DoneBy: f["by"], Note: kit.Cut(c.Request.PostForm.Get("note"), 500)}
	refuse := func(status int, what string) error {
		v.Problem = what
		return p.renderRun(c, status, &v)
	}
	t := run.Seals{Went: f["went"]}
	var err1, err2 error
	t.Sealed, err1 = strconv.Atoi(f["sealed"])
	t.Unsealed, err2 = strconv.Atoi(f["unsealed"])
	if err1 != nil || err2 != nil {
		return refuse(http.StatusUnprocessableEntity, "How many jars are sealed, how many not? Type two whole numbers.")
	}
	l := store.Lot{Place: f["place"], Note: v.Note, DoneBy: f["by"]}
	to, err := p.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		err := p.stove.On(tx).Shelve(ctx, kit.Number(c), t, &l)
		return fmt.Sprintf("/shelf/%d", l.ID), err
	})
	refused := app.IsRefused(err)
	switch {
	case refused != nil:
		return refuse(http.StatusUnprocessableEntity, refused.What)
	case errors.Is(err, store.ErrStale):
		return refuse(http.StatusConflict, "The seals of this load were noted already.")
	case err != nil:
		return p.missing(c, err)
	}
	c.Redirect(http.StatusSeeOther, to)
	return nil
}
