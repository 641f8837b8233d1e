package web

import (
	"errors"
	"net/http"

	"github.com/gin-gonic/gin"

	"damson/core/review"
	"damson/core/rulebook"
	"damson/store"
	"damson/web/kit"
)

// ruleView is a rule of the review with what the rulebook says about it, or an
// entry of the rulebook alone.
type ruleView struct {
	Rule    *review.Rule
	Entries []*rulebook.Entry
	Codes   []libraryItem
	Points  []libraryItem
}

func (s *Server) showRule(c *gin.Context) {
	id := c.Param("id")
	book := s.shelf().lib.Book
	v := ruleView{}
	title := ""
	if r := review.RuleByCode(id); r != nil {
		v.Rule, v.Entries, title = r, book.For(id), r.Title
	} else if e := book.Entry(id); e != nil {
		v.Entries, title = []*rulebook.Entry{e}, e.Title
		for _, code := range e.Codes {
			if r := review.RuleByCode(code); r != nil {
				v.Codes = append(v.Codes, libraryItem{"/rules/" + code, r.Title, code})
			}
		}
	} else {
		s.Fail(c, http.StatusNotFound, "There is no such rule.", "The library page lists them all.")
		return
	}
	seen := map[string]bool{}
	for _, e := range v.Entries {
		for _, p := range book.Points {
			if contains(p.Rules, e.ID) && !seen[p.ID] {
				seen[p.ID] = true
				v.Points = append(v.Points, libraryItem{"/debated#" + p.ID, p.Title, ""})
			}
		}
	}
	s.Render(c, http.StatusOK, "rule", kit.Page{Title: title, Nav: "/library", Body: v})
}

// debatedView is the page of what practitioners disagree on.
type debatedView struct {
	Points  []pointView
	Problem string
}

type pointView struct {
	P          *rulebook.Point
	Rules      []libraryItem
	Procedures []libraryItem
	Choices    []choice
	Chosen     string
	Seen       string
}

func (s *Server) showDebated(c *gin.Context) error { return s.debated(c, http.StatusOK, "") }

func (s *Server) debated(c *gin.Context, status int, problem string) error {
	lib := s.shelf().lib
	chosen, err := s.store.Choices(c.Request.Context())
	if err != nil {
		return err
	}
	v := debatedView{Problem: problem}
	for _, p := range lib.Book.Points {
		pv := pointView{P: p, Chosen: chosen[p.ID], Seen: store.ChosenMark(chosen[p.ID])}
		for _, r := range p.Rules {
			if e := lib.Book.Entry(r); e != nil {
				pv.Rules = append(pv.Rules, libraryItem{"/rules/" + e.ID, e.Title, e.ID})
			}
		}
		for _, id := range p.Procedures {
			if x := lib.Procedures.ByID(id); x != nil {
				pv.Procedures = append(pv.Procedures, libraryItem{"/library/" + id, x.Title, ""})
			}
		}
		for i, ch := range p.Choices {
			pv.Choices = append(pv.Choices, choice{ch, ch, ch == pv.Chosen || pv.Chosen == "" && i == 0})
		}
		v.Points = append(v.Points, pv)
	}
	s.Render(c, status, "debated", kit.Page{Title: "Debated points", Nav: "/library", Body: v})
	return nil
}

func (s *Server) saveChoice(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	p := s.shelf().lib.Book.Point(c.Request.PostForm.Get("point"))
	ch := c.Request.PostForm.Get("choice")
	if p == nil || !contains(p.Choices, ch) {
		return s.debated(c, http.StatusUnprocessableEntity, "Choose one of the positions listed beside the point.")
	}
	err := s.store.Choose(c.Request.Context(), p.ID, ch, kit.SeenOf(c))
	switch {
	case errors.Is(err, store.ErrStale):
		return s.debated(c, http.StatusConflict, "Somebody has chosen otherwise on “"+p.Title+"” since you opened this page; what they chose stands beside the point. You chose “"+ch+"”: choose again if you mean it still.")
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, "/debated#"+p.ID)
	return nil
}
