package recipe

import (
	"errors"
	"net/http"
	"sort"

	"github.com/gin-gonic/gin"

	"damson/core/procedure"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// compareView lays a recipe beside a tested procedure in two aligned columns.
type compareView struct {
	ID      int64
	Title   string
	Verdict kit.Verdict
	Near    []nearView
	// With is the procedure shown, nil where none is near and none was chosen.
	With    *procedure.Procedure
	Chosen  bool // it is the one that the review compares with
	Picked  bool // somebody chose it
	Seen    string
	Rows    []review.Column
	Counts  string
	Scale   string
	Others  []shelfGroup
	Problem string
}

// nearView is one of the three nearest.
type nearView struct {
	ID, Title, Why string
	Verdict        string
	Shown, Chosen  bool
}

// shelfGroup is a class of procedures for the list of all.
type shelfGroup struct {
	Class string
	Items []kit.Choice
}

func (s *Pages) showCompare(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	near, err := s.Reviews.Near(r, k, 3)
	if err != nil {
		return err
	}
	sh := s.Shelves.Now()
	res := s.Reviews.Of(r, k)
	v := compareView{ID: r.ID, Title: res.Title, Verdict: kit.ViewVerdict(res.Verdict), Picked: r.Procedure != "",
		Seen: store.ChosenMark(r.Procedure)}
	v.With = res.Tested
	if v.With == nil && r.Procedure != "" {
		v.With = sh.Lib.Procedures.ByID(r.Procedure)
	}
	inForce := v.With
	if id := c.Query("with"); id != "" {
		if p := sh.Lib.Procedures.ByID(id); p != nil {
			v.With = p
		} else {
			v.Problem = "There is no such procedure in the library: choose one from the list."
		}
	} else if v.With == nil && len(near) > 0 {
		v.With = near[0].Procedure
	}
	v.Chosen = v.With != nil && v.With == inForce
	for _, n := range near {
		v.Near = append(v.Near, nearView{n.Procedure.ID, n.Procedure.Title, n.Why, nearWords(n), n.Procedure == v.With,
			n.Procedure == inForce})
	}
	if v.With != nil {
		rows, scale, err := s.Reviews.Columns(r, k, v.With)
		if err != nil {
			return err
		}
		v.Rows, v.Counts = rows, countColumns(rows, res, v.With)
		v.Scale = "the recipe gives no amount to measure the batch by"
		if scale > 0 {
			v.Scale = "the tested amounts are scaled to " + kit.Decimal(scale) + " of the tested batch"
			if scale > 0.99 && scale < 1.01 {
				v.Scale = "a batch of the tested size"
			}
		}
	}
	v.Others = shelfGroups(sh.Lib.Procedures.All(), v.With)
	s.Render(c, http.StatusOK, "compare", kit.Page{Title: "Compare " + res.Title, Nav: "/",
		Kitchen: kit.ViewKitchen(k), Body: v, Keys: kit.Keys("↵", "show it")})
	return nil
}

func nearWords(n review.Near) string {
	switch {
	case n.Covered && n.Changes == 0:
		return "covers it as it stands"
	case n.Covered:
		return "covers it once " + words.Thousands(n.Changes) + " things are changed"
	}
	return "does not cover it"
}

// countColumns says how the lines stand; what is to change is counted as the review does
// where it compares with the same procedure.
func countColumns(rows []review.Column, res *review.Result, with *procedure.Procedure) string {
	counts := map[review.Standing]int{}
	for _, r := range rows {
		counts[r.As]++
	}
	if res.Tested == with {
		counts[review.Changes] = len(res.Things())
	}
	s := ""
	for _, x := range []struct {
		as    review.Standing
		words string
	}{{review.Same, "the same"}, {review.Permitted, "permitted"}, {review.Changes, "to change"}, {review.Never,
		"never"}, {review.Serves, "for serving"}, {review.LeftOut, "left out that must be " +
		"there"}, {review.NotNeeded, "left out, not needed for safety"}} {
		if n := counts[x.as]; n > 0 {
			if s != "" {
				s += " · "
			}
			s += words.Thousands(n) + " " + x.words
		}
	}
	return s
}

func shelfGroups(all []*procedure.Procedure, shown *procedure.Procedure) []shelfGroup {
	byClass := map[string][]kit.Choice{}
	for _, p := range all {
		byClass[p.Class] = append(byClass[p.Class], kit.Choice{Value: p.ID, Label: p.Title, Chosen: p == shown})
	}
	var out []shelfGroup
	for class, items := range byClass {
		sort.Slice(items, func(i, j int) bool { return items[i].Label < items[j].Label })
		out = append(out, shelfGroup{class, items})
	}
	sort.Slice(out, func(i, j int) bool { return out[i].Class < out[j].Class })
	return out
}

// chooseProcedure remembers what a recipe is to be compared with; none lets
// Damson find the nearest again.
func (s *Pages) chooseProcedure(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	id := c.Request.PostForm.Get("procedure")
	if id != "" && s.Shelves.Now().Lib.Procedures.ByID(id) == nil {
		s.Fail(c, http.StatusUnprocessableEntity, "There is no such procedure in the library.",
			"Go back and choose one from the list.")
		return nil
	}
	err = s.Store.CompareWith(c.Request.Context(), r.ID, id, kit.SeenOf(c))
	switch {
	case errors.Is(err, store.ErrStale):
		s.Fail(c, http.StatusConflict, "Somebody has chosen another procedure for this recipe since you opened the "+
			"page.", "Open the recipe again: it says what it is reviewed by now. Choose again there if you mean it still.")
		return nil
	case err != nil:
		return err
	}
	c.Redirect(http.StatusSeeOther, "/recipes/"+c.Param("id"))
	return nil
}
