package web

import (
	"context"
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/plan"
	"damson/store"
	"damson/web/kit"
)

// tookField is one piece of work of a load whose minutes are noted.
type tookField struct{ Piece, Name, Planned string }

// tookFields are the pieces of a load that a kitchen's canner decides.
func (w *planned) tookFields(dish, load int) []tookField {
	var out []tookField
	group := fmt.Sprintf("%d.%d.", dish, load)
	for i := range w.day.Tasks {
		t := &w.day.Tasks[i]
		if id, ok := strings.CutPrefix(t.ID, group); ok && slices.Contains(plan.Noted, id) {
			out = append(out, tookField{id, t.Name, kit.Thousands(t.Minutes)})
		}
	}
	return out
}

// saveTook notes what a load took, for the next plan with that canner.
func (s *Server) saveTook(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.missing(c, err)
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
			s.Fail(c, http.StatusUnprocessableEntity, "“"+text+"” is no number of minutes.", "Go back and type whole minutes, 1 to 240, or nothing.")
			return nil
		}
		list = append(list, store.Took{CannerID: id, OnDay: w.plan.OnDay, Piece: piece, Minutes: n})
	}
	at, err := s.store.Once(c.Request.Context(), kit.PrintOf(c), func(tx *store.Store) (string, error) {
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

// tookBefore is what pieces of work took in each canner: noted by hand, and out of the runs.
func (s *Server) tookBefore(ctx context.Context) (map[int64]map[string][]int, error) {
	out, err := s.store.TookBefore(ctx)
	if err != nil {
		return nil, err
	}
	runs, err := s.stove.Took(ctx)
	for id, pieces := range runs {
		if out[id] == nil {
			out[id] = map[string][]int{}
		}
		for piece, list := range pieces {
			out[id][piece] = append(out[id][piece], list...)
		}
	}
	return out, err
}

// usesOf are notes of water and heat as a plan takes them.
func usesOf(list []store.Spent) []plan.Use {
	var out []plan.Use
	for _, x := range list {
		out = append(out, plan.Use{WaterQuarts: x.WaterQuarts, KWh: x.KWh, Reckoned: x.ReckonedKWh})
	}
	return out
}
