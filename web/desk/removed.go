package desk

import (
	"errors"
	"net/http"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/store"
	"damson/web/kit"
)

// showRemoved lists what was taken away and can be put back.
func (s *Pages) showRemoved(c *gin.Context) error {
	return s.renderRemoved(c, http.StatusOK, "")
}

func (s *Pages) renderRemoved(c *gin.Context, status int, problem string) error {
	list, err := s.Store.RemovedThings(c.Request.Context())
	if err != nil {
		return err
	}
	var v struct {
		Things  []kit.Removed
		Problem string
		Days    int
	}
	v.Problem, v.Days = problem, int(store.RemovedFor.Hours()/24)
	for _, x := range list {
		v.Things = append(v.Things, kit.ViewRemoved(x))
	}
	s.Render(c, status, "removed", kit.Page{Title: "Taken away", Nav: "/", Body: v,
		Keys: kit.Keys("Tab", "next")})
	return nil
}

// putBack puts a thing back on its page.
func (s *Pages) putBack(c *gin.Context) error {
	number, _ := strconv.ParseInt(c.Param("number"), 10, 64)
	thing, err := s.Store.PutBack(c.Request.Context(), number)
	switch {
	case errors.Is(err, store.ErrAlone):
		if err := s.renderRemoved(c, http.StatusConflict, "“"+thing.Name+"”: "+err.Error()+"."); err != nil {
			return err
		}
	case errors.Is(err, store.ErrNotFound):
		if err := s.renderRemoved(c, http.StatusConflict, "That is not here any more: it was put back or thrown "+
			"away."); err != nil {
			return err
		}
	case err != nil:
		return err
	default:
		s.Gone(thing.Kind)
		c.Redirect(http.StatusSeeOther, kit.KindWords[thing.Kind].Page)
	}
	return nil
}

// forget throws a thing away for good.
func (s *Pages) forget(c *gin.Context) error {
	number, _ := strconv.ParseInt(c.Param("number"), 10, 64)
	err := s.Store.Forget(c.Request.Context(), number)
	if errors.Is(err, store.ErrNotFound) {
		return s.renderRemoved(c, http.StatusConflict, "That is not here any more: it was put back or thrown away.")
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, "/removed")
	return nil
}
