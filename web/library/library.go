package library

import (
	"net/http"
	"net/url"
	"slices"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/food"
	"damson/core/ledger"
	"damson/core/library"
	"damson/core/procedure"
	"damson/core/rulebook"
	"damson/core/words"
	"damson/web/kit"
)

// libraryView is the library's first page: a search, the shelves, and one of
// them open.
type libraryView struct {
	Query   string
	Hits    hitsView
	Shelves []shelfTab
	Open    string
	// Groups are the contents of the open shelf.
	Groups  []libraryGroup
	Problem string
}

type shelfTab struct {
	Name, Label string
	Count       int
	Open        bool
}

type libraryGroup struct {
	Name  string
	Items []kit.Link
}

// hitsView is what a search found.
type hitsView struct {
	Query string
	Hits  []hitView
	More  bool
	// Food is true where the words name a food.
	Food bool
	// MoreRecipes leads to the desk where not all of its recipes stand here.
	MoreRecipes string
}

type hitView struct{ Href, Title, Kind, By string }

// maxHits is how many hits a search shows, maxRecipeHits how many recipes of the desk stand
// behind them.
const (
	maxHits       = 40
	maxRecipeHits = 5
)

func (s *Pages) showLibrary(c *gin.Context) error {
	sh := s.Shelves.Now()
	v := libraryView{Query: query(c), Open: c.DefaultQuery("shelf", "procedures"), Problem: sh.Problem}
	var err error
	if v.Hits, err = s.found(c); err != nil {
		return err
	}
	for _, t := range []shelfTab{
		{Name: "procedures", Label: "Tested procedures", Count: len(sh.Lib.Procedures.All())},
		{Name: "without", Label: "Products without a process", Count: len(sh.Lib.Book.Unprocessed)},
		{Name: "foods", Label: "Foods", Count: len(sh.Lib.Foods.All())},
		{Name: "rules", Label: "Rules", Count: len(sh.Lib.Book.Entries) + len(sh.Rules())},
		{Name: "equivalents", Label: "Units and equivalents", Count: len(sh.Lib.Book.Equivalents)},
	} {
		t.Open = t.Name == v.Open
		v.Shelves = append(v.Shelves, t)
	}
	v.Groups = contents(sh, v.Open)
	s.Render(c, http.StatusOK, "library", kit.Page{Title: "Library", Nav: "/library", Body: v})
	return nil
}

// query returns what was searched for, cut to a sensible length.
func query(c *gin.Context) string {
	q := strings.TrimSpace(strings.ToValidUTF8(c.Query("q"), ""))
	if r := []rune(q); len(r) > 100 {
		q = string(r[:100])
	}
	return q
}

// search answers the list of hits as one types.
func (s *Pages) search(c *gin.Context) error {
	hits, err := s.found(c)
	if err != nil {
		return err
	}
	s.Fragment(c, "hits", hits)
	return nil
}

// found looks through the library and, behind it, through the recipes on the desk.
func (s *Pages) found(c *gin.Context) (hitsView, error) {
	v := hits(s.Shelves.Now(), query(c))
	if strings.TrimSpace(v.Query) == "" {
		return v, nil
	}
	list, err := s.Store.Recipes(c.Request.Context(), v.Query, 0, maxRecipeHits+1)
	for i, r := range list {
		if i == maxRecipeHits {
			v.MoreRecipes = "/?" + url.Values{"q": {v.Query}}.Encode()
			break
		}
		v.Hits = append(v.Hits, hitView{Href: "/recipes/" + strconv.FormatInt(r.ID, 10), Title: r.Title,
			Kind: "recipe on the desk"})
	}
	return v, err
}

func hits(sh *app.Shelf, q string) hitsView {
	v := hitsView{Query: q, Food: namesFood(sh, q)}
	found := sh.Index.Find(q, maxHits+1)
	for i, h := range found {
		if i == maxHits {
			v.More = true
			break
		}
		v.Hits = append(v.Hits, hitView{hrefOf(h), h.Title, h.Kind, h.By})
	}
	return v
}

// namesFood reports whether the words, or one of them, name a food.
func namesFood(sh *app.Shelf, q string) bool {
	folded := words.FoldPhrase(q)
	return slices.ContainsFunc(append(strings.Fields(folded), folded),
		func(w string) bool { return sh.Lib.Foods.ByName(w) != nil })
}

// hrefOf returns the page of a hit.
func hrefOf(h library.Hit) string {
	id := url.PathEscape(h.ID)
	switch h.Kind {
	case library.KindProcedure:
		return "/library/" + id
	case library.KindWithout:
		return "/without/" + id
	case library.KindFood:
		return "/foods/" + id
	case library.KindRule:
		return "/rules/" + id
	case library.KindPoint:
		return "/debated#" + id
	case library.KindPage:
		return h.ID
	}
	return "/library?shelf=equivalents#" + id
}

// contents lists a shelf by group.
func contents(sh *app.Shelf, name string) []libraryGroup {
	var groups []libraryGroup
	at := map[string]int{}
	put := func(group string, it kit.Link) {
		i, ok := at[group]
		if !ok {
			i = len(groups)
			at[group] = i
			groups = append(groups, libraryGroup{Name: group})
		}
		groups[i].Items = append(groups[i].Items, it)
	}
	switch name {
	case "without":
		for _, u := range sh.Lib.Book.Unprocessed {
			put("No tested home process", kit.Link{Href: "/without/" + u.ID, Title: u.Title, Note: ""})
		}
	case "foods":
		for _, f := range sh.Lib.Foods.All() {
			put(f.Kind, kit.Link{Href: "/foods/" + f.ID, Title: f.Names[0], Note: phWords(f)})
		}
		sort.SliceStable(groups, func(i, j int) bool { return groups[i].Name < groups[j].Name })
	case "rules":
		for _, r := range sh.Rules() {
			put("What the review looks for", kit.Link{Href: "/rules/" + r.Code, Title: r.Title, Note: r.Code})
		}
		for _, e := range sh.Lib.Book.Entries {
			put(e.Group, kit.Link{Href: "/rules/" + e.ID, Title: e.Title, Note: e.ID})
		}
	case "equivalents":
		for _, q := range sh.Lib.Book.Equivalents {
			put("Units and equivalents", kit.Link{Href: "#" + q.ID, Title: equivalentName(q), Note: equivalentValue(q) +
				" · " + q.Source})
		}
	default:
		for _, p := range sh.Lib.Procedures.All() {
			note := p.Acidity
			if checked, all := ledger.Progress(p); checked > 0 {
				note += " · " + words.Thousands(checked) + " of " + words.Thousands(all) + " checked"
			}
			if sh.Own[p.ID].ID != "" {
				note += " · your own"
			}
			put(p.Class, kit.Link{Href: "/library/" + p.ID, Title: p.Title, Note: note})
		}
		order := map[string]int{"fruit": 0, "tomato": 1, "salsa": 2, "vegetable": 3, "soup": 4, "meat": 5, "poultry": 6,
			"seafood": 7, "pickle": 8, "relish": 9, "fermented": 10, "jam": 11, "spread": 12}
		sort.SliceStable(groups, func(i, j int) bool { return order[groups[i].Name] < order[groups[j].Name] })
	}
	return groups
}

func phWords(f *food.Food) string {
	if !f.HasPH() {
		return ""
	}
	return "pH " + kit.Decimal(f.PH[0]) + "–" + kit.Decimal(f.PH[1])
}

func equivalentName(q *rulebook.Equivalent) string {
	if q.Word != "" {
		return q.Word
	}
	name := "1 " + strings.ReplaceAll(q.Unit, "-", " ")
	if q.Of != "" {
		name += " of " + strings.ReplaceAll(q.Of, "-", " ")
	}
	return name
}

func equivalentValue(q *rulebook.Equivalent) string {
	s := q.Note
	if q.High > 0 {
		s = kit.Decimal(q.Low)
		if q.High != q.Low {
			s += " to " + kit.Decimal(q.High)
		}
		s += " " + strings.ReplaceAll(q.Is, "each", "pieces")
		if q.Note != "" {
			s += " (" + q.Note + ")"
		}
	}
	return s
}

// linkTo is a procedure, rule or food by name.
func procedureLinks(list []*procedure.Procedure) []kit.Link {
	var out []kit.Link
	for _, p := range list {
		out = append(out, kit.Link{Href: "/library/" + p.ID, Title: p.Title, Note: p.Class})
	}
	return out
}
