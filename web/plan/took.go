package plan

import (
	"fmt"
	"net/http"
	"slices"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/plan"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// tookField is one piece of work of a load whose minutes are noted.
type tookField struct{ Piece, Name, Planned string }

// tookFields are the pieces of a load that a kitchen's canner decides.
func (w *planned) tookFields(dish, load int) []tookField {
	var out []tookField
	group := fmt.Sprintf("%d.%d", dish, load)
	for i := range w.day.Tasks {
		t := &w.day.Tasks[i]
		if t.Group == group && slices.Contains(plan.Noted, t.Work) {
			out = append(out, tookField{t.Work, t.Name, words.Thousands(t.Minutes)})
		}
	}
	return out
}

// saveTook notes what a load took, for the next plan with that canner.
func (s *Pages) saveTook(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	id, err := strconv.ParseInt(c.Request.PostForm.Get("canner"), 10, 64)
	if err != nil || !w.kitchen.HasCanner(id) {
		s.Fail(c, http.StatusUnprocessableEntity, "There is no such canner.", "Note the minutes on a run sheet of a plan.")
		return nil
	}
	var list []store.Took
	for _, piece := range plan.Noted {
		text := kit.Cut(c.Request.PostForm.Get(piece), 10)
		if text == "" {
			continue
		}
		n, err := strconv.Atoi(text)
		if err != nil || n < 1 || n > 240 {
			s.Fail(c, http.StatusUnprocessableEntity, "“"+text+"” is no number of minutes.",
				"Go back and type whole minutes, 1 to 240, or nothing.")
			return nil
		}
		list = append(list, store.Took{CannerID: id, OnDay: w.plan.OnDay, Piece: piece, Minutes: n})
	}
	at, err := s.Store.Once(c.Request.Context(), kit.PrintOf(c), func(tx *store.Store) (string, error) {
		place := fmt.Sprintf("/plan/%d/sheets?noted=%d", w.plan.ID, len(list))
		if len(list) == 0 {
			return place, nil
		}
		return place, tx.AddTook(c.Request.Context(), list)
	})
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}
