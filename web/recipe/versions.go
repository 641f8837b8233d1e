package recipe

import (
	"net/http"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/compare"
	"damson/core/review"
	"damson/store"
	"damson/web/kit"
)

// versionsView lays two versions of a recipe side by side.
type versionsView struct {
	ID       int64
	Title    string
	Versions []choiceOfTwo
	Old, New versionHead
	Rows     []compare.Row
	Changes  int
}

// choiceOfTwo is a version in the two lists.
type choiceOfTwo struct {
	No       int
	Label    string
	Old, New bool
}

// versionHead is the head of a version's column.
type versionHead struct {
	No      int
	When    string
	Why     string
	Verdict kit.Verdict
	Count   int // findings that ask for something
}

func (s *Pages) showVersions(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	ctx := c.Request.Context()
	list, err := s.Store.Versions(ctx, r.ID)
	if err != nil {
		return err
	}
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	last := len(list)
	pick := func(name string, otherwise int) int {
		if n, err := strconv.Atoi(c.Query(name)); err == nil && n >= 1 && n <= last {
			return n
		}
		return otherwise
	}
	now := pick("new", last)
	old := pick("old", max(now-1, 1))
	v := versionsView{ID: r.ID, Title: r.Title}
	for _, x := range list {
		label := strconv.Itoa(x.No) + " · " + kit.When(x.CreatedAt)
		if x.Why != "" {
			label += " · " + x.Why
		}
		v.Versions = append(v.Versions, choiceOfTwo{x.No, label, x.No == old, x.No == now})
	}
	a, b := list[old-1], list[now-1]
	one, err := s.Reviews.Read(r, a.Text)
	if err != nil {
		return err
	}
	two, err := s.Reviews.Read(r, b.Text)
	if err != nil {
		return err
	}
	v.Old, v.New = s.headOf(r, a, k), s.headOf(r, b, k)
	v.Rows = compare.Recipes(one, two)
	for _, row := range v.Rows {
		if row.How != compare.Same {
			v.Changes++
		}
	}
	s.Render(c, http.StatusOK, "versions", kit.Page{Title: "Versions of " + r.Title, Nav: "/",
		Keys: kit.Keys("Tab", "next field"), Body: v})
	return nil
}

func (s *Pages) headOf(r store.Recipe, x store.Version, k store.Kitchen) versionHead {
	r.Text, r.Title = x.Text, x.Title
	res := s.Reviews.Of(r, k)
	h := versionHead{No: x.No, When: kit.When(x.CreatedAt), Why: x.Why, Verdict: kit.ViewVerdict(res.Verdict)}
	for _, f := range res.Findings {
		if gravity[f.Severity] >= gravity[review.Amend] {
			h.Count++
		}
	}
	return h
}
