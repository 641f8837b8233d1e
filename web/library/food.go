package library

import (
	"net/http"
	"sort"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/food"
	"damson/core/ledger"
	"damson/core/procedure"
	"damson/core/words"
	"damson/store"
	"damson/web/draw"
	"damson/web/kit"
)

type foodView struct {
	F         *food.Food
	Names     string
	Class     string
	Scale     *draw.Scale
	Facts     []kit.Fact
	Densities []kit.Fact
	Uses      []kit.Link
	StandsIn  []kit.Link
	Others    []kit.Link
	MoreOther int
	Without   []kit.Link
	// Own is true for a food that this kitchen added.
	Own bool
	// Mark says who has seen its pH range in print; By and Edition are those of the last check.
	Mark                 sourceMark
	By, Edition, Problem string
}

// classWords says what a food's whole range means.
var classWords = map[string]string{
	"acid": "acid: its whole range lies at or under pH 4.6", "low-acid": "low-acid: its whole range lies above pH 4.6",
	"borderline": "borderline: its range straddles pH 4.6, so it counts as low-acid", "neutral": "acidity does not " +
		"matter here, or is not known",
}

// maxOthers is how many stand-ins a food's page lists.
const maxOthers = 24

func (s *Pages) showFood(c *gin.Context) { s.food(c, http.StatusOK, "", "", "") }

// food shows a food; by and edition are what was typed beside its range, where that is refused.
func (s *Pages) food(c *gin.Context, status int, by, edition, problem string) {
	sh := s.Shelves.Now()
	lib := sh.Lib
	f := lib.Foods.ByID(c.Param("id"))
	if f == nil {
		s.Fail(c, http.StatusNotFound, "The library has no such food.", "Search for it in the library by another name.")
		return
	}
	v := foodView{By: by, Edition: edition, Problem: problem, F: f, Names: strings.Join(f.Names[1:], ", "),
		Class: classWords[f.AcidClass()], Own: s.Shelves.Base.Foods.ByID(f.ID) == nil}
	if x, seen := sh.Foods[f.ID]; seen && x.Status == ledger.Absent {
		v.Mark = sourceMark{"otherwise in the copy of " + x.By + ", " + x.On, true}
	} else if seen {
		v.Mark = markOf(f.FromMemory, &procedure.Checked{By: x.By, On: x.On, Signed: x.Signed})
	} else {
		v.Mark = markOf(f.FromMemory, nil)
	}
	if f.HasPH() {
		sc := draw.ScaleOf([]draw.Food{{Name: f.Names[0], Low: f.PH[0], High: f.PH[1]}})
		v.Scale = &sc
	}
	add := func(name, value string) {
		if value != "" {
			v.Facts = append(v.Facts, kit.Fact{Name: name, Value: value})
		}
	}
	add("pH", strings.TrimPrefix(phWords(f), "pH "))
	var acids []string
	for a, g := range f.Acids {
		acids = append(acids, a+" "+kit.Decimal(g)+" g in 100 g")
	}
	sort.Strings(acids)
	add("Main acids", strings.Join(acids, ", "))
	if f.Water > 0 {
		add("Water", kit.Decimal(f.Water)+" %")
	}
	if f.Each > 0 {
		add("A medium one", kit.Decimal(f.Each)+" g ("+kit.Decimal(f.Each/28.349523)+" oz)")
	}
	add("Groups", strings.ReplaceAll(strings.Join(f.Groups, ", "), "-", " "))
	add("Made of", strings.ReplaceAll(strings.Join(f.MadeOf, ", "), "-", " "))
	add("May hide", strings.Join(f.Hides, ", "))
	for form, g := range f.Cup {
		v.Densities = append(v.Densities, kit.Fact{Name: "a cup, " + form, Value: kit.Decimal(g) + " g (" +
			kit.Decimal(g/28.349523) + " oz)"})
	}
	sort.Slice(v.Densities, func(i, j int) bool { return v.Densities[i].Name < v.Densities[j].Name })
	same, like := lib.Uses(f)
	v.Uses, v.StandsIn = procedureLinks(same), procedureLinks(like)
	for i, x := range lib.StandsFor(f) {
		if i == maxOthers {
			v.MoreOther = len(lib.StandsFor(f)) - maxOthers
			break
		}
		v.Others = append(v.Others, kit.Link{Href: "/foods/" + x.ID, Title: x.Names[0], Note: ""})
	}
	for _, u := range lib.Without(f) {
		v.Without = append(v.Without, kit.Link{Href: "/without/" + u.ID, Title: u.Title, Note: u.Instead})
	}
	s.Render(c, status, "food", kit.Page{Title: words.Capital(f.Names[0]), Nav: "/library", Body: v})
}

func (s *Pages) showWithout(c *gin.Context) {
	lib := s.Shelves.Now().Lib
	u := lib.Book.Product(c.Param("id"))
	if u == nil {
		s.Fail(c, http.StatusNotFound, "The library has no such entry.",
			"The library page lists the products without a tested process.")
		return
	}
	v := struct {
		Title, Reason, Instead, Source, Names string
		Rules                                 []kit.Link
	}{u.Title, u.Reason, u.Instead, u.Source, strings.Join(u.Names, ", "), nil}
	for _, r := range u.Rules {
		if e := lib.Book.Entry(r); e != nil {
			v.Rules = append(v.Rules, kit.Link{Href: "/rules/" + e.ID, Title: e.Title, Note: e.ID})
		}
	}
	s.Render(c, http.StatusOK, "without", kit.Page{Title: u.Title, Nav: "/library", Body: v})
}

// checkFood keeps that somebody has seen a food's pH range in print, the same or otherwise.
func (s *Pages) checkFood(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	get := func(name string) string { return strings.TrimSpace(c.Request.PostForm.Get(name)) }
	x := ledger.Check{Procedure: ledger.FoodKey(c.Param("id")), Part: ledger.PHPart, Status: get("status"),
		Edition: get("edition"), By: get("by"), On: s.Today(), Signed: get("by")}
	err := x.Valid(s.Today())
	if err == nil {
		err = s.tryChecks([]ledger.Check{x})
	}
	if err != nil {
		s.food(c, http.StatusUnprocessableEntity, x.By, x.Edition, "Nothing is kept yet: "+err.Error()+".")
		return nil
	}
	ctx := c.Request.Context()
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/foods/" + c.Param("id"), tx.AddChecks(ctx, []ledger.Check{x})
	})
	if err != nil {
		return err
	}
	if err := s.Shelves.Restock(ctx); err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

func (s *Pages) deleteFood(c *gin.Context) error {
	return s.deleteOwn(c, s.Store.DeleteFood, "food")
}
