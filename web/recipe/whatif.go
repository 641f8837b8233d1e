package recipe

import (
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/review"
)

// whatIfView is the strip that says what one line does to the verdict.
type whatIfView struct {
	Line   int
	Food   string
	Now    string
	Cases  []whatIfCase
	May    string
	MayNot []whatIfRefusal
}

type whatIfCase struct {
	Label string
	Code  review.Verdict
	Words string
}

type whatIfRefusal struct{ Names, Why string }

func (s *Pages) showWhatIf(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	line, err := strconv.Atoi(c.Param("line"))
	var w review.WhatIf
	found := false
	if err == nil {
		if w, found, err = s.Reviews.WhatIf(r, k, line); err != nil {
			return err
		}
	}
	if !found {
		s.Fail(c, http.StatusNotFound, "There is no ingredient on this line.", "Point at a line of the card.")
		return nil
	}
	s.Fragment(c, "whatif", viewWhatIf(w))
	return nil
}

func viewWhatIf(w review.WhatIf) whatIfView {
	v := whatIfView{Line: w.Line, Food: w.Food, Now: w.Now.String(), May: strings.Join(w.May, ", ")}
	for _, x := range w.Cases {
		words := x.Outcome.String()
		if x.Outcome == w.Now {
			words = "no difference"
		}
		v.Cases = append(v.Cases, whatIfCase{x.Label, x.Verdict, words})
	}
	for i, r := range w.MayNot {
		if i == 2 {
			break
		}
		v.MayNot = append(v.MayNot, whatIfRefusal{strings.Join(r.Names, ", "), r.Why})
	}
	return v
}
