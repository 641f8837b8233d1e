package web

import (
	"errors"
	"net/http"
	"net/url"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/store"
	"damson/web/kit"
)

// kindWords names what can be taken away, and the page on which it stands.
var kindWords = map[string]struct{ Words, Page string }{
	store.KindRecipe:      {"recipe", "/"},
	store.KindCanner:      {"canner", "/kitchen#canners"},
	store.KindMeter:       {"pH meter, with its calibrations", "/acidity/log#meters"},
	store.KindCalibration: {"calibration", "/acidity/log#calibrations"},
	store.KindReading:     {"reading", "/acidity/log"},
	store.KindPlan:        {"plan", "/plan"},
	store.KindRun:         {"load", "/stove"},
}

// removedView is a thing that was taken away.
type removedView struct {
	Number           int64
	Kind, Name, When string
}

func viewRemoved(x store.Removed) removedView {
	return removedView{x.ID, kindWords[x.Kind].Words, x.Name, kit.When(x.CreatedAt)}
}

// remove takes the thing of the path away and goes back to its page, which offers to put
// it back.
func (s *Server) remove(c *gin.Context, kind string) error {
	ctx := c.Request.Context()
	number := int64(0)
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		err = store.ErrNotFound
	} else {
		number, err = s.store.Remove(ctx, kind, id)
	}
	if errors.Is(err, store.ErrNotFound) {
		s.Fail(c, http.StatusNotFound, "There is no such "+kind+".", "It may have been taken away already: the page “Taken away” lists what can be put back.")
		return nil
	}
	if err != nil {
		return err
	}
	s.changedBehindReviews(c, kind)
	c.Redirect(http.StatusSeeOther, withQuery(kindWords[kind].Page, "removed", strconv.FormatInt(number, 10)))
	return nil
}

// changedBehindReviews lets the reviews know that something beside recipe and kitchen has
// changed.
func (s *Server) changedBehindReviews(c *gin.Context, kind string) {
	if kind == store.KindPlan || kind == store.KindRun {
		return
	}
	s.logChanged()
}

// withQuery puts a field into the query of a page's address, before its fragment.
func withQuery(page, name, value string) string {
	u, err := url.Parse(page)
	if err != nil {
		panic(err) // pages are the program's own
	}
	u.RawQuery = url.Values{name: {value}}.Encode()
	return u.String()
}

// showRemoved lists what was taken away and can be put back.
func (s *Server) showRemoved(c *gin.Context) error {
	return s.renderRemoved(c, http.StatusOK, "")
}

func (s *Server) renderRemoved(c *gin.Context, status int, problem string) error {
	list, err := s.store.RemovedThings(c.Request.Context())
	if err != nil {
		return err
	}
	var v struct {
		Things  []removedView
		Problem string
		Days    int
	}
	v.Problem, v.Days = problem, int(store.RemovedFor.Hours()/24)
	for _, x := range list {
		v.Things = append(v.Things, viewRemoved(x))
	}
	s.Render(c, status, "removed", kit.Page{Title: "Taken away", Nav: "/", Body: v, Keys: kit.Keys("Tab", "next", "D", "desk")})
	return nil
}

// putBack puts a thing back on its page.
func (s *Server) putBack(c *gin.Context) error {
	number, _ := strconv.ParseInt(c.Param("number"), 10, 64)
	thing, err := s.store.PutBack(c.Request.Context(), number)
	switch {
	case errors.Is(err, store.ErrAlone):
		if err := s.renderRemoved(c, http.StatusConflict, "“"+thing.Name+"”: "+err.Error()+"."); err != nil {
			return err
		}
	case errors.Is(err, store.ErrNotFound):
		if err := s.renderRemoved(c, http.StatusConflict, "That is not here any more: it was put back or thrown away."); err != nil {
			return err
		}
	case err != nil:
		return err
	default:
		s.changedBehindReviews(c, thing.Kind)
		c.Redirect(http.StatusSeeOther, kindWords[thing.Kind].Page)
	}
	return nil
}

// forget throws a thing away for good.
func (s *Server) forget(c *gin.Context) error {
	number, _ := strconv.ParseInt(c.Param("number"), 10, 64)
	err := s.store.Forget(c.Request.Context(), number)
	if errors.Is(err, store.ErrNotFound) {
		return s.renderRemoved(c, http.StatusConflict, "That is not here any more: it was put back or thrown away.")
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, "/removed")
	return nil
}

// justRemoved is what the page was led to by taking away, or nil.
func (s *Server) justRemoved(c *gin.Context) any {
	number, err := strconv.ParseInt(c.Query("removed"), 10, 64)
	if err != nil {
		return nil
	}
	thing, err := s.store.RemovedThing(c.Request.Context(), number)
	if err != nil {
		return nil // put back since; the page is what matters
	}
	return viewRemoved(thing)
}
