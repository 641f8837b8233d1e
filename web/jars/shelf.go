package jars

import (
	"cmp"
	"errors"
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"time"

	"github.com/gin-gonic/gin"

	"damson/core/cells"
	"damson/core/discard"
	"damson/core/label"
	"damson/core/larder"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
	"damson/web/kit"
)

// Pages are the pages of the shelf.
type Pages struct {
	*kit.Frame
	store *store.Store
}

// New returns the pages.
func New(f *kit.Frame, st *store.Store) *Pages { return &Pages{f, st} }

// Routes puts the pages into the router.
func (p *Pages) Routes(g gin.IRouter) {
	g.GET("/shelf", p.Handle(p.showShelf))
	g.GET("/shelf.csv", p.Handle(p.export))
	g.GET("/shelf/:id", p.Handle(p.showLot))
	g.POST("/shelf", p.Handle(p.bringIn))
	g.POST("/shelf/:id/take", p.Handle(p.take))
	g.GET("/shelf/:id/labels.pdf", p.Handle(p.labelsPDF))
	g.GET("/shelf/:id/label.svg", p.Handle(p.labelSVG))
}

const (
	// mostLots is how many lots there may be in a file, shown how many a page lists.
	mostLots = 20000
	shown    = 500
)

type shelfView struct {
	Words        string
	Lots         []lotRow
	Empty        []lotRow
	Jars, Number int
	// More is true where there are more than the page lists.
	More bool
	// Problem is why a list was not taken in, New how many lots came of one.
	Problem, New string
}

type lotRow struct {
	ID                       int64
	Title, Jars, Made, Place string
	// Best is how long it keeps, or that nobody eats it.
	Best string
	Old  bool
	// Doubt says why it does not belong on the shelf, empty where it does.
	Doubt string
	// Elsewhere is true where nobody here knows how it was processed.
	Elsewhere bool
}

func (p *Pages) showShelf(c *gin.Context) error { return p.renderShelf(c, http.StatusOK, "") }

func (p *Pages) renderShelf(c *gin.Context, status int, problem string) error {
	v := shelfView{Words: kit.Cut(c.Query("q"), 80), Problem: problem}
	if n, err := strconv.Atoi(c.Query("new")); err == nil && n > 0 {
		v.New = fmt.Sprintf("Lots that came in: %d, canned elsewhere and not judged.", n)
	}
	list, err := p.store.Lots(c.Request.Context(), v.Words, shown+1)
	if err != nil {
		return err
	}
	if v.More = len(list) > shown; v.More {
		list = list[:shown]
	}
	for i := range list {
		l := &list[i]
		row := p.rowOf(l)
		if l.Left() == 0 {
			v.Empty = append(v.Empty, row)
			continue
		}
		v.Lots = append(v.Lots, row)
		v.Jars += l.Left()
	}
	v.Number = len(v.Lots)
	p.Render(c, status, "shelf", kit.Page{Title: "Shelf", Nav: "/shelf", Body: v})
	return nil
}

func (p *Pages) rowOf(l *store.Lot) lotRow {
	r := lotRow{ID: l.ID, Title: l.Title, Made: l.MadeOn, Place: l.Place, Doubt: l.Doubt, Elsewhere: l.RunID == 0}
	r.Jars = quantity.Jar(l.Jar).Count(l.Left())
	made, err := time.Parse(kit.DayLayout, l.MadeOn)
	if err != nil {
		return r
	}
	until := made.AddDate(0, cmp.Or(l.Best, procedure.BestFor("")), 0)
	r.Made, r.Best = made.Format("2 Jan 2006"), "best until "+until.Format("January 2006")
	if r.Old = p.Now().After(until); r.Old {
		r.Best = "was best until " + until.Format("January 2006")
		if !r.Elsewhere {
			r.Best += ": eat it first"
		}
	}
	if r.Doubt != "" {
		r.Best = "not as tested: do not eat"
	}
	return r
}

// lotView is the page of a lot.
type lotView struct {
	L      lotRow
	RunID  int64
	Sealed string
	Boil   int
	Note   string
	DoneBy string
	Moves  []moveRow
	Left   int
	Kinds  []choice
	Sheets []label.Sheet
	Label  label.Label
	// Wrong is what becomes of a jar that is not as it should be, and of the others.
	Wrong []string
	// Unknown is what holds of jars whose process nobody knows, empty for others.
	Unknown string
	Problem string
	Take    takeForm
}

// takeForm is what is taken off the shelf, as it was typed.
type takeForm struct {
	Jars string `form:"jars"`
	Kind string `form:"kind"`
	Note string `form:"note" most:"500"`
}

type moveRow struct{ Day, Words, Note string }

type choice struct{ Key, Words string }

var kinds = []choice{{"eaten", "opened here"}, {"given", "given away"}, {"thrown out", "thrown out"}}

// missing answers where there is no such lot, and hands any other error on.
func (p *Pages) missing(c *gin.Context, err error) error {
	return p.Missing(c, err, &kit.Absent{What: "There is no such lot.", WayOut: "The shelf lists those that there are."})
}

func (p *Pages) showLot(c *gin.Context) error {
	return p.renderLot(c, http.StatusOK, "", takeForm{Jars: "1"})
}

func (p *Pages) renderLot(c *gin.Context, status int, problem string, typed takeForm) error {
	l, err := p.store.Lot(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	v := lotView{L: p.rowOf(&l), RunID: l.RunID, Boil: l.Boil, Note: l.Note, DoneBy: l.DoneBy, Left: l.Left(),
		Kinds: kinds, Sheets: label.Sheets, Problem: problem, Take: typed}
	if l.Doubt != "" { // what becomes of it is first that it is thrown out
		v.Kinds = slices.Clone(kinds)
		slices.Reverse(v.Kinds)
	}
	switch v.Sealed = fmt.Sprintf("%d sealed", l.Sealed); {
	case l.RunID == 0:
		v.Unknown = discard.Unknown
		v.Sealed = fmt.Sprintf("not tested here; %d jars came in", l.Sealed)
	case l.Unsealed > 0:
		v.Sealed += fmt.Sprintf(", %d not: %s", l.Unsealed, l.Went)
	}
	for i := len(l.Moves) - 1; i >= 0; i-- {
		m := &l.Moves[i]
		words := m.Kind
		for _, k := range kinds {
			if k.Key == m.Kind {
				words = k.Words
			}
		}
		v.Moves = append(v.Moves, moveRow{m.OnDay, quantity.Jar(l.Jar).Count(m.Jars) + " " + words, m.Note})
	}
	older, how := discard.Older(l.Class == "acid")
	v.Wrong = []string{older, how, "The others of this lot had the same process: look at each of them, and at the " +
		"record of their load, before anybody eats one."}
	if v.Label, err = p.label(c, &l); err != nil {
		return err
	}
	p.Render(c, status, "lot", kit.Page{Title: l.Title, Nav: "/shelf", Body: v})
	return nil
}

func (p *Pages) label(c *gin.Context, l *store.Lot) (label.Label, error) {
	made, err := time.Parse(kit.DayLayout, l.MadeOn)
	if err != nil {
		made = l.CreatedAt
	}
	k, err := p.Kitchen(c.Request.Context())
	out := label.Of(l.Title, k.Name, l.ID, made, l.Boil)
	if l.RunID == 0 {
		out.Lines = append(out.Lines, "Canned elsewhere, process unknown")
	}
	return out, err
}

// take notes jars that leave the shelf.
func (p *Pages) take(c *gin.Context) error {
	if !p.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	var f takeForm
	kit.Typed(c, &f)
	n, err := strconv.Atoi(f.Jars)
	if err != nil || n < 1 {
		return p.renderLot(c, http.StatusUnprocessableEntity, "“"+f.Jars+"” is no number of jars. Type a whole number.", f)
	}
	if !slices.ContainsFunc(kinds, func(k choice) bool { return k.Key == f.Kind }) {
		return p.renderLot(c, http.StatusUnprocessableEntity, "What became of them? Choose one.", f)
	}
	at := fmt.Sprintf("/shelf/%d", kit.Number(c))
	_, err = p.store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return at, tx.TakeFrom(ctx, &store.LotMove{LotID: kit.Number(c), OnDay: p.Today(), Kind: f.Kind, Jars: n,
			Note: f.Note})
	})
	switch {
	case errors.Is(err, store.ErrStale):
		return p.renderLot(c, http.StatusConflict, "There are not as many jars of it any more.", f)
	case err != nil:
		return p.missing(c, err)
	default:
		c.Redirect(http.StatusSeeOther, at)
	}
	return nil
}

// export writes the shelf as CSV.
func (p *Pages) export(c *gin.Context) error {
	list, err := p.store.Lots(c.Request.Context(), "", mostLots)
	if err != nil {
		return err
	}
	c.Header("Content-Disposition", `attachment; filename="shelf.csv"`)
	c.Header("Content-Type", "text/csv; charset=utf-8")
	w := cells.NewWriter(c.Writer)
	_ = w.Write("lot", "product", "jar", "canned on", "seals tested on", "sealed", "unsealed", "unsealed went",
		"left", "place", "boil minutes before tasting", "note", larder.Doubted)
	for i := range list {
		l := &list[i]
		_ = w.Write(strconv.FormatInt(l.ID, 10), l.Title, l.Jar, l.MadeOn, l.CheckedOn, strconv.Itoa(l.Sealed),
			strconv.Itoa(l.Unsealed), l.Went, strconv.Itoa(l.Left()), l.Place, strconv.Itoa(l.Boil), l.Note, l.Doubt)
	}
	if err := w.Flush(); err != nil {
		_ = c.Error(err) // whoever asked has gone
	}
	return nil
}
