package stove

import (
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/elevation"
	"damson/core/procedure"
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
	Due                          string
	Early                        string
	Ways                         []choice
	Problem                      string
}

// wents are what becomes of jars that did not seal (USDA Complete Guide 2015, guide 1,
// Reprocessing Unsealed Jars, from memory).
var wents = []choice{{"refrigerator", "into the refrigerator, eaten within days"}, {"freezer", "into the freezer, with 1½ inches of room"}, {"again", "the whole process again within 24 hours, with new lids"}, {"thrown out", "thrown out"}}

// testAfter is when the seals may be tested; the jars stand 12 to 24 hours.
const testAfter = 12 * time.Hour

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
		v.Lot = &lotLine{ID: lot.ID, Words: jarsOf(lot.Left(), lot.Jar) + " on the shelf", Extra: sealWords(&lot)}
		if lot.Went == "again" {
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
		s.Jars, s.Ways = jarsOf(x.State.Whole, r.Jar), wents
		s.Due = x.State.OutAt.Add(testAfter).Local().Format("Monday 15:04")
		if x.Now.Before(x.State.OutAt.Add(testAfter)) {
			s.Early = "The jars are still cooling: test them from " + s.Due + " on."
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
	for _, w := range wents {
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
	x, err := p.stove.Standing(ctx, kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	f := kit.Typed(c, "sealed", "unsealed", "went", "place", "by")
	v := sealsView{Sealed: f["sealed"], Unsealed: f["unsealed"], Went: f["went"], Place: f["place"], DoneBy: f["by"], Note: kit.Cut(c.Request.PostForm.Get("note"), 500)}
	refuse := func(status int, what string) error {
		v.Problem = what
		return p.renderRun(c, status, &v)
	}
	sealed, err1 := strconv.Atoi(f["sealed"])
	unsealed, err2 := strconv.Atoi(f["unsealed"])
	switch {
	case x.State.Phase != run.Out || x.Run.Speed > 0:
		return refuse(http.StatusConflict, "These jars are not out of a canner yet.")
	case err1 != nil || err2 != nil || sealed < 0 || unsealed < 0:
		return refuse(http.StatusUnprocessableEntity, "How many jars are sealed, how many not? Type two whole numbers.")
	case sealed+unsealed != x.State.Whole:
		return refuse(http.StatusUnprocessableEntity, fmt.Sprintf("%d jars came out whole; %d sealed and %d unsealed make %d. Count again.", x.State.Whole, sealed, unsealed, sealed+unsealed))
	case unsealed > 0 && !known(wents, f["went"]):
		return refuse(http.StatusUnprocessableEntity, "What becomes of the unsealed ones? Choose below.")
	case x.Judged.Verdict != run.AsTested:
		return refuse(http.StatusConflict, "This load was not processed as tested: its jars do not go on the shelf, sealed or not.")
	case unsealed > 0 && f["went"] == "again" && x.Now.After(x.State.HeatOff.Add(run.Again)):
		return refuse(http.StatusUnprocessableEntity, "More than 24 hours have gone by since the heat went off: it is too late for another process.")
	}
	at := x.State.OutAt.Local()
	l := store.Lot{RunID: x.Run.ID, Title: x.Run.Title, Jar: x.Run.Jar, MadeOn: at.Format(kit.DayLayout), CheckedOn: kit.Today(), Sealed: sealed, Unsealed: unsealed, Class: x.Run.Class, Best: procedure.BestFor(x.Run.Product), Place: f["place"], Note: strings.TrimSpace(v.Note), DoneBy: f["by"]}
	if unsealed > 0 {
		l.Went = f["went"]
	}
	if x.Run.Class != "acid" && x.Run.Method == procedure.Pressure {
		l.Boil = elevation.BoilMinutes(x.Run.ElevationFt)
	}
	to, err := p.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		if _, err := tx.LotOf(ctx, l.RunID); err == nil {
			return "", store.ErrStale
		} else if !errors.Is(err, store.ErrNotFound) {
			return "", err
		}
		err := tx.AddLot(ctx, &l)
		return fmt.Sprintf("/shelf/%d", l.ID), err
	})
	if errors.Is(err, store.ErrStale) {
		return refuse(http.StatusConflict, "The seals of this load were noted already.")
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, to)
	return nil
}

func known(list []choice, key string) bool {
	for _, x := range list {
		if x.Key == key {
			return true
		}
	}
	return false
}
