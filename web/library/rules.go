package library

import (
	"errors"
	"net/http"
	"slices"

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
	Codes   []kit.Link
	Points  []kit.Link
}

func (s *Pages) showRule(c *gin.Context) {
	id := c.Param("id")
	sh := s.Shelves.Now()
	book := sh.Lib.Book
	v := ruleView{}
	title := ""
	if r := sh.Rule(id); r != nil {
		v.Rule, v.Entries, title = r, book.For(id), r.Title
	} else if e := book.Entry(id); e != nil {
		v.Entries, title = []*rulebook.Entry{e}, e.Title
		for _, code := range e.Codes {
			if r := sh.Rule(code); r != nil {
				v.Codes = append(v.Codes, kit.Link{Href: "/rules/" + code, Title: r.Title, Note: code})
			}
		}
	} else {
		s.Fail(c, http.StatusNotFound, "There is no such rule.", "The library page lists them all.")
		return
	}
	seen := map[string]bool{}
	for _, e := range v.Entries {
		for _, p := range book.Points {
			if slices.Contains(p.Rules, e.ID) && !seen[p.ID] {
				seen[p.ID] = true
				v.Points = append(v.Points, kit.Link{Href: "/debated#" + p.ID, Title: p.Title, Note: ""})
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
	Rules      []kit.Link
	Procedures []kit.Link
	Choices    []kit.Choice
	Chosen     string
	Seen       string
}

func (s *Pages) showDebated(c *gin.Context) error { return s.debated(c, http.StatusOK, "") }

func (s *Pages) debated(c *gin.Context, status int, problem string) error {
	lib := s.Shelves.Now().Lib
	chosen, err := s.Store.Choices(c.Request.Context())
	if err != nil {
		return err
	}
	v := debatedView{Problem: problem}
	for _, p := range lib.Book.Points {
		pv := pointView{P: p, Chosen: chosen[p.ID], Seen: store.ChosenMark(chosen[p.ID])}
		for _, r := range p.Rules {
			if e := lib.Book.Entry(r); e != nil {
				pv.Rules = append(pv.Rules, kit.Link{Href: "/rules/" + e.ID, Title: e.Title, Note: e.ID})
			}
		}
		for _, id := range p.Procedures {
			if x := lib.Procedures.ByID(id); x != nil {
				pv.Procedures = append(pv.Procedures, kit.Link{Href: "/library/" + id, Title: x.Title, Note: ""})
			}
		}
		for i, ch := range p.Choices {
			pv.Choices = append(pv.Choices, kit.Choice{Value: ch, Label: ch, Chosen: ch == pv.Chosen || pv.Chosen == "" &&
				i == 0})
		}
		v.Points = append(v.Points, pv)
	}
	s.Render(c, status, "debated", kit.Page{Title: "Debated points", Nav: "/library", Body: v})
	return nil
}

func (s *Pages) saveChoice(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	p := s.Shelves.Now().Lib.Book.Point(c.Request.PostForm.Get("point"))
	ch := c.Request.PostForm.Get("choice")
	if p == nil || !slices.Contains(p.Choices, ch) {
		return s.debated(c, http.StatusUnprocessableEntity, "Choose one of the positions listed beside the point.")
	}
	err := s.Store.Choose(c.Request.Context(), p.ID, ch, kit.SeenOf(c))
	switch {
	case errors.Is(err, store.ErrStale):
		return s.debated(c, http.StatusConflict, "Somebody has chosen otherwise on “"+p.Title+"” since you opened this "+
			"page; what they chose stands beside the point. You chose “"+ch+"”: choose again if you mean it still.")
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, "/debated#"+p.ID)
	return nil
}
