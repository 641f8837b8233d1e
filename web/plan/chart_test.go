package plan_test

import (
	"fmt"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/plan"
	"damson/web/draw"
	"damson/web/webtest"
)

// Work that runs on is one piece, whatever it was cut into; a break between makes two of it, and so
// does a load.
func TestPiecesThatRunOn(t *testing.T) {
	tasks := []plan.Task{
		{ID: "0.cut.0", Group: "0.cut.0", Work: "cut", Start: 0, Minutes: 25},
		{ID: "1.cut.0", Group: "1.cut.0", Dish: 1, Work: "cut", Start: 0, Minutes: 25},
		{ID: "0.cut.1", Group: "0.cut.1", Work: "cut", Start: 25, Minutes: 25},
		{ID: "0.cut.2", Group: "0.cut.2", Work: "cut", Start: 60, Minutes: 25},
		{ID: "0.1.fill", Group: "0.1", Load: 1, Work: "fill", Start: 85, Minutes: 15},
		{ID: "0.2.fill", Group: "0.2", Load: 2, Work: "fill", Start: 100, Minutes: 15},
	}
	var got []string
	for _, l := range draw.Joined(tasks, 0, 200) {
		got = append(got, fmt.Sprint(len(l.Tasks), l.First().Start, l.End()))
	}
	require.Equal(t, []string{"2 0 50", "1 0 25", "1 60 85", "1 85 100", "1 100 115"}, got)
}

// The chart tells the recipes apart by letter and pattern, says each piece whole, and has a lane for
// each pair of hands.
func TestDayChart(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	page := webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String()
	for _, want := range []string{
		`<b>A</b> Carrots for the pantry`, `<b>B</b> Dilly beans for the fair`, `class="band of0"`, `class="band of1"`,
		`Process 30 minutes at pressure; stay with it · 30 min, no less · A, Carrots for the pantry, load 1 · Big dial canner`,
		`data-piece="0.prepare.0,0.prepare.1,`, `in 4 pieces that can be left in between`,
	} {
		require.Contains(t, page, want)
	}
	require.NotContains(t, page, "second hands")

	form := url.Values{"day": {"2026-12-02"}, "mode": {"done"}, "clock": {"17:00"}, "hands": {"2"}, "jars1": {"14"}, "jars2": {"14"}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/plan/1", form).Code)
	page = webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String()
	require.Contains(t, page, "second hands")
	for _, bad := range []string{"0", "5", "-1", "two", "1e9"} {
		form.Set("hands", bad)
		w := webtest.Do(h, http.MethodPost, "/plan/1", form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, bad)
		require.Contains(t, w.Body.String(), "How many pairs of hands work? A whole number from 1 to 4.")
	}
}

// What runs on moves as one, all of it or nothing.
func TestMovesWhatRunsOn(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	move := func(piece string) int {
		return webtest.Do(h, http.MethodPost, "/plan/1/move", url.Values{"piece": {piece}, "minutes": {"-10"}}).Code
	}
	require.Equal(t, http.StatusOK, move("0.peel.0,0.peel.1,0.peel.2"))
	p, err := st.Plan(t.Context(), 1)
	require.NoError(t, err)
	require.Len(t, p.Moves, 3)
	require.Equal(t, http.StatusNotFound, move("0.peel.0,9.peel.1"))
	require.Equal(t, http.StatusUnprocessableEntity, move(""))
	require.Equal(t, http.StatusOK, move(strings.Repeat("0.peel.0,", 50)+"0.peel.0"), "said often, moved once")
	p, err = st.Plan(t.Context(), 1)
	require.NoError(t, err)
	require.Len(t, p.Moves, 3)
	require.Equal(t, -20, p.Moves[0].Minutes)
}
