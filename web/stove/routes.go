package stove

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"fmt"
	"net/http"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/quantity"
	"damson/core/run"
	"damson/store"
	"damson/web/kit"
)

// Pages are the pages at the stove.
type Pages struct {
	*kit.Frame
	stove *app.Stove
	store *store.Store
	offer Offerer
}

// New returns the pages; offer says by which ways a recipe can be canned in this kitchen.
func New(f *kit.Frame, stove *app.Stove, st *store.Store, offer Offerer) *Pages {
	return &Pages{f, stove, st, offer}
}

// Routes puts the pages into the router.
func (p *Pages) Routes(g gin.IRouter) {
	g.GET("/stove", p.Handle(p.showBoard))
	g.GET("/stove/board", p.Handle(p.pollBoard))
	g.GET("/stove/stream", p.Handle(p.stream))
	g.GET("/stove/new", p.Handle(p.showNew))
	g.POST("/stove", p.Handle(p.start))
	g.GET("/stove/:id", p.Handle(p.showRun))
	g.GET("/stove/:id/gauge", p.Handle(p.pollGauge))
	g.POST("/stove/:id/events", p.Handle(p.tell))
	g.POST("/stove/:id/away", p.Handle(p.away))
	g.POST("/stove/:id/readings", p.Handle(p.measured))
	g.GET("/stove/:id/run.csv", p.Handle(p.exportCSV))
	g.GET("/stove/:id/run.json", p.Handle(p.exportJSON))
	g.GET("/stove/:id/seals.ics", p.Handle(p.sealsCalendar))
	g.POST("/stove/:id/seals", p.Handle(p.seals))
	g.POST("/stove/:id/spent", p.Handle(p.spent))
}

// boardView is all that is on the stove.
type boardView struct {
	Stations []station
	Out      []outRow
	// Stamp is the print of what the board shows; Every is how often it is asked for anew.
	Stamp, Every string
	Hands        string
	ClockSet     string
}

type outRow struct {
	ID                       int64
	Title, Day, Words, State string
	Good                     bool
}

func (p *Pages) board(ctx context.Context) (boardView, error) {
	open, out, err := p.stove.Board(ctx)
	if err != nil {
		return boardView{}, err
	}
	v := boardView{Every: "2s"}
	for i, x := range open {
		if err := p.stove.See(ctx, x); err != nil {
			return v, err
		}
		v.Stations = append(v.Stations, viewStation(x, i == 0))
		if x.Run.Speed > 60 {
			v.Every = "500ms"
		}
	}
	for _, x := range out {
		state := viewJudged(x.Judged)
		v.Out = append(v.Out, outRow{
			x.Run.ID, titleOf(&x.Run), x.State.OutAt.Local().Format("2 Jan 15:04"),
			jarsOf(&x.Run) + ", " + processOf(x), state.Words, x.Judged.Verdict == run.AsTested,
		})
	}
	if len(open) > 1 {
		v.Hands = hands(open[0], clock(p.stove.Now().Add(open[0].Hands())))
	}
	if by := p.stove.ClockSet(); by != 0 {
		v.ClockSet = fmt.Sprintf("The clock of this machine was set by %s while Damson ran. The times here go on by the "+
			"clock as it was, so that no minute of a process is changed.", by)
	}
	v.Stamp = stamp(v)
	return v, nil
}

// stamp is the print of what changes on a board without the clock.
func stamp(v boardView) string {
	h := sha256.New()
	for _, s := range v.Stations {
		fmt.Fprintf(h, "%d %d %s %v %s %v|", s.ID, s.Shown, s.Phase, s.Alarm, s.Is, s.Asks != nil)
	}
	for _, o := range v.Out {
		fmt.Fprintf(h, "%d %s|", o.ID, o.State)
	}
	fmt.Fprint(h, v.ClockSet)
	return hex.EncodeToString(h.Sum(nil)[:8])
}

func (p *Pages) page(title string, body any) kit.Page {
	return kit.Page{Title: title, Nav: "/stove", Body: body, Scripts: []string{"stove.js"}}
}

func (p *Pages) showBoard(c *gin.Context) error {
	v, err := p.board(c.Request.Context())
	if err != nil {
		return err
	}
	p.Render(c, http.StatusOK, "stove", p.page("At the stove", v))
	return nil
}

// pollBoard answers the board where it is no longer what the page shows.
func (p *Pages) pollBoard(c *gin.Context) error {
	v, err := p.board(c.Request.Context())
	if err != nil {
		return err
	}
	if c.Query("as") == v.Stamp {
		c.Status(http.StatusNoContent)
		return nil
	}
	p.Fragment(c, "stoveboard", v)
	return nil
}

// noLoad and noRecipe say what is not there.
var (
	noLoad = &kit.Absent{
		What: "There is no such load.", WayOut: "The stove lists those that are on, and those of the last days.",
	}
	noRecipe = &kit.Absent{What: "There is no such recipe.", WayOut: "The desk has everything that was sent in."}
)

// missing answers where there is no such run, and hands any other error on.
func (p *Pages) missing(c *gin.Context, err error) error { return p.Missing(c, err, noLoad) }

func (p *Pages) pollGauge(c *gin.Context) error {
	x, err := p.stove.Standing(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	p.Fragment(c, "stovegauge", viewStation(x, c.Query("large") != ""))
	return nil
}

// tell takes what happened.
func (p *Pages) tell(c *gin.Context) error {
	if !p.Form(c) {
		return nil
	}
	id := kit.Number(c)
	e, seen, err := p.told(c)
	if err == nil {
		err = p.stove.Tell(c.Request.Context(), id, seen, e)
	}
	problem, field := "", ""
	switch refused := app.IsRefused(err); {
	case refused != nil:
		problem, field = refused.What, refused.Field
	case errors.Is(err, store.ErrAsked):
		problem = "This was told already, or something else happened meanwhile: look at the record, and press again if " +
			"it is still so."
	case err != nil:
		return p.missing(c, err)
	}
	if c.GetHeader("HX-Request") == "" && problem == "" {
		c.Redirect(http.StatusSeeOther, "/stove")
		return nil
	}
	v, err := p.board(c.Request.Context())
	if err != nil {
		return err
	}
	for i := range v.Stations {
		if s := &v.Stations[i]; s.ID == id && problem != "" {
			s.Problem, s.Field, s.Typed = problem, field, kit.Cut(c.Request.PostForm.Get("note"), 500)
		}
	}
	if c.GetHeader("HX-Request") == "" {
		p.Render(c, http.StatusUnprocessableEntity, "stove", p.page("At the stove", v))
		return nil
	}
	if problem == "" {
		c.Header("X-Told", "yes")
	}
	p.Fragment(c, "stoveboard", v)
	return nil
}

// toldForm is what happened, as it was typed.
type toldForm struct {
	Kind   string `form:"kind"`
	Seen   string `form:"seen"`
	PSI    string `form:"psi"`
	At     string `form:"at"`
	From   string `form:"from"`
	Jars   string `form:"jars"`
	Broken string `form:"broken"`
	Of     string `form:"of"`
}

// told reads an event off the posted form.
func (p *Pages) told(c *gin.Context) (run.Event, int, error) {
	var f toldForm
	kit.Typed(c, &f)
	e := run.Event{Kind: run.Kind(f.Kind), Text: strings.TrimSpace(c.Request.PostForm.Get("note"))}
	seen, err := strconv.Atoi(f.Seen)
	if err != nil {
		seen = -1
	}
	if f.PSI != "" {
		v, err := quantity.ParseFigure(f.PSI)
		if err != nil {
			return e, seen, &app.Refused{Field: "psi", What: "“" + f.PSI +
				"” is no pressure. Type what the gauge shows, like 13.5."}
		}
		e.PSI, e.Gauged = v, true
	}
	if e.Kind == run.Reading && !e.Gauged {
		return e, seen, &app.Refused{Field: "psi", What: "What does the gauge show? Type it, like 13.5."}
	}
	if e.Kind == run.Note && e.Text == "" {
		return e, seen, &app.Refused{Field: "note", What: "Type the note first."}
	}
	for _, n := range []struct {
		name, typed string
		into        *int
	}{{"jars", f.Jars, &e.Jars}, {"broken", f.Broken, &e.Broken}, {"of", f.Of, &e.Of}} {
		if n.typed == "" {
			continue
		}
		if *n.into, err = strconv.Atoi(n.typed); err != nil {
			return e, seen, &app.Refused{Field: n.name, What: "“" + n.typed + "” is no number of jars. Type a whole number."}
		}
	}
	if ms, err := strconv.ParseInt(f.From, 10, 64); err == nil { // of a stretch that was asked about
		e.At, e.Later = time.UnixMilli(ms), true
	}
	if f.At != "" {
		x, err := p.stove.Standing(c.Request.Context(), kit.Number(c))
		if err != nil {
			return e, seen, err
		}
		if e.At, err = earlier(f.At, x.Now); err != nil {
			return e, seen, err
		}
		e.Later = true
	}
	return e, seen, nil
}

// earlier is the last moment before now at which the clock on the wall showed the time.
func earlier(typed string, now time.Time) (time.Time, error) {
	t, err := time.Parse(kit.ClockLayout, typed)
	if err != nil {
		return t, &app.Refused{Field: "at", What: "“" + typed + "” is no time of day. Type when it happened, like 14:05."}
	}
	here := now.Local()
	at := time.Date(here.Year(), here.Month(), here.Day(), t.Hour(), t.Minute(), 0, 0, time.Local)
	if at.After(now) {
		at = at.AddDate(0, 0, -1)
	}
	return at, nil
}

func (p *Pages) away(c *gin.Context) error {
	n, err := p.stove.Away(c.Request.Context(), kit.Number(c))
	if refused := app.IsRefused(err); refused != nil {
		p.Fail(c, http.StatusConflict, refused.What, "Go back to the stove.")
		return nil
	}
	if err != nil {
		return p.missing(c, err)
	}
	c.Redirect(http.StatusSeeOther, "/stove?removed="+strconv.FormatInt(n, 10))
	return nil
}
