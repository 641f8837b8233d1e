package stove

import (
	"errors"
	"fmt"
	"net/http"
	"slices"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/quantity"
	"damson/core/run"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// runView is the page of one load: its record, how it was judged, its seals.
type runView struct {
	S station
	// Facts are what it was, a line each.
	Facts [][2]string
	Seals *sealsView
	Lots  []lotLine
	// Token lets a logger in; Read says how many readings came of the file sent last.
	Token, Read string
	// Recipe and Version are what was canned; Recipe is 0 where it is not there any more.
	Recipe  int64
	Version int
	// Spent is what it took of water and heat; nil where nothing of it goes into a plan.
	Spent *spentView
	// Again leads to the whole process once more, Until when; empty where it is too late.
	Again, Until string
}

type lotLine struct {
	ID                  int64
	Title, Words, Extra string
	// Again is how many are to have the whole process once more.
	Again int
}

// sealsView is the form of the seal test.
type sealsView struct {
	Jars    string
	Of      []sealsOf
	Early   string
	Ways    []run.Went
	Problem string

	sealsForm
}

// sealsForm is the form as it was typed, but for the jars of each recipe.
type sealsForm struct {
	Went   string `form:"went"`
	Place  string `form:"place"`
	DoneBy string `form:"by"`
	Note   string `form:"note" most:"500"`
}

// sealsOf are the fields of the jars of one recipe.
type sealsOf struct {
	// Title is empty where the load has one recipe only; Names are those of the two fields.
	Title            string
	Names            [2]string
	Sealed, Unsealed string
}

// sealsOfAll are the fields of all that was in the canner, each jar taken as sealed.
func sealsOfAll(x *app.Standing) []sealsOf {
	var out []sealsOf
	inside := x.Run.Inside()
	for i, part := range inside {
		f := sealsOf{Names: [2]string{"sealed", "unsealed"}, Sealed: strconv.Itoa(part.Jars), Unsealed: "0"}
		if len(inside) == 1 {
			f.Sealed = strconv.Itoa(x.State.Whole)
		} else {
			f.Title = part.Title + ", " + quantity.Jar(part.Jar).Count(part.Jars)
		}
		if i > 0 {
			f.Names = [2]string{"sealed" + strconv.Itoa(i), "unsealed" + strconv.Itoa(i)}
		}
		out = append(out, f)
	}
	return out
}

// typedRun is what was typed on the page and refused.
type typedRun struct {
	seals *sealsView
	spent *spentView
}

func (p *Pages) showRun(c *gin.Context) error { return p.renderRun(c, http.StatusOK, typedRun{}) }

func (p *Pages) renderRun(c *gin.Context, status int, typed typedRun) error {
	ctx := c.Request.Context()
	x, err := p.stove.Standing(ctx, kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	r := &x.Run
	v := runView{S: viewStation(x, true)}
	v.Facts = facts(x, &v.S)
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
	lots, err := p.store.LotsOf(ctx, r.ID)
	switch {
	case err != nil:
		return err
	case len(lots) > 0:
		v.S.Judged.Do = nil // it was done
		v.Lots = lotLines(lots)
	case typed.seals != nil:
		v.Seals = typed.seals
	case x.State.Phase == run.Out && r.Speed == 0:
		v.Seals = &sealsView{Of: sealsOfAll(x)}
	}
	if s := v.Seals; s != nil {
		s.Jars, s.Ways = wholeJars(x), run.Wents
		if due := x.State.OutAt.Add(run.TestAfter); x.Now.Before(due) {
			s.Early = "The jars are still cooling: test them from " + due.Local().Format("Monday 15:04") + " on."
		}
	}
	if v.Spent = typed.spent; v.Spent == nil {
		if v.Spent, err = p.spentOf(ctx, x); err != nil {
			return err
		}
	}
	v.again(x)
	page := p.page(titleOf(r), v)
	page.Scripts = nil
	p.Render(c, status, "stoverun", page)
	return nil
}

// wholeJars counts what came out whole.
func wholeJars(x *app.Standing) string {
	if len(x.Run.Parts) > 0 {
		return fmt.Sprintf("%d jars", x.State.Whole)
	}
	return quantity.Jar(x.Run.Jar).Count(x.State.Whole)
}

// facts are what the load was, a line each.
func facts(x *app.Standing, s *station) [][2]string {
	r := &x.Run
	out := [][2]string{{"Load", s.Jars + ", " + r.Pack + " pack"}, {"Canner", r.Canner}, {"Process", s.Process}}
	if s.Own != "" {
		out = append(out, [2]string{"Together", s.Own})
	}
	for _, part := range r.Inside() {
		by := [2]string{"Tested procedure", part.Procedure + " · " + part.Source}
		if !slices.Contains(out, by) {
			out = append(out, by)
		}
	}
	place := fmt.Sprintf("%s, %s ft", r.Kitchen, words.Thousands(r.ElevationFt))
	return append(out, [2]string{"Place", place}, [2]string{"Put on", r.CreatedAt.Local().Format("2 January 2006 15:04")})
}

// lotLines are the lots that a run made.
func lotLines(lots []store.Lot) []lotLine {
	var out []lotLine
	for i := range lots {
		l := &lots[i]
		line := lotLine{ID: l.ID, Words: quantity.Jar(l.Jar).Count(l.Left()) + " on the shelf", Extra: sealWords(l)}
		if len(lots) > 1 {
			line.Title = l.Title
		}
		if l.Went == run.Reprocessed {
			line.Again = l.Unsealed
		}
		out = append(out, line)
	}
	return out
}

// again offers the whole process once more, within its 24 hours, to jars that were not
// processed as tested or did not seal.
func (v *runView) again(x *app.Standing) {
	until := x.State.HeatOff.Add(run.Again)
	inside := x.Run.Inside()
	jars, all := make([]int, len(inside)), 0
	for i, part := range inside {
		switch {
		case len(v.Lots) == len(inside):
			jars[i] = v.Lots[i].Again
		case x.Judged.Verdict == run.NotAsTested && len(inside) == 1:
			jars[i] = x.State.Whole
		case x.Judged.Verdict == run.NotAsTested:
			jars[i] = part.Jars
		}
		all += jars[i]
	}
	if all == 0 || v.Recipe == 0 || x.State.HeatOff.IsZero() || !x.Now.Before(until) || x.Run.Speed > 0 {
		return
	}
	v.Again = onceMore(&x.Run, jars)
	v.Until = until.Local().Format("Monday 15:04")
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
	var v sealsView
	kit.Typed(c, &v.sealsForm)
	x, err := p.stove.Standing(ctx, kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	refuse := func(status int, what string) error {
		v.Problem = what
		return p.renderRun(c, status, typedRun{seals: &v})
	}
	v.Of = sealsOfAll(x)
	found := make([]run.Seals, len(v.Of))
	counted := true
	for i := range v.Of {
		of := &v.Of[i]
		of.Sealed, of.Unsealed = kit.Cut(c.Request.PostForm.Get(of.Names[0]),
			10), kit.Cut(c.Request.PostForm.Get(of.Names[1]), 10)
		var err1, err2 error
		found[i].Went = v.Went
		found[i].Sealed, err1 = strconv.Atoi(of.Sealed)
		found[i].Unsealed, err2 = strconv.Atoi(of.Unsealed)
		counted = counted && err1 == nil && err2 == nil
	}
	if !counted {
		return refuse(http.StatusUnprocessableEntity, "How many jars are sealed, how many not? Type two whole numbers.")
	}
	l := store.Lot{Place: v.Place, Note: v.Note, DoneBy: v.DoneBy}
	to, err := p.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		lots, err := p.stove.On(tx).Shelve(ctx, kit.Number(c), found, l)
		switch {
		case err != nil:
			return "", err
		case len(lots) > 1:
			return "/shelf", nil
		}
		return fmt.Sprintf("/shelf/%d", lots[0].ID), nil
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
