package web

import (
	"net/http"
	"net/url"
	"slices"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/food"
	"damson/core/ledger"
	"damson/core/library"
	"damson/core/procedure"
	"damson/core/review"
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
	Items []libraryItem
}

type libraryItem struct{ Href, Title, Note string }

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

func (s *Server) showLibrary(c *gin.Context) error {
	sh := s.shelf()
	v := libraryView{Query: query(c), Open: c.DefaultQuery("shelf", "procedures"), Problem: sh.problem}
	var err error
	if v.Hits, err = s.found(c); err != nil {
		return err
	}
	for _, t := range []shelfTab{
		{Name: "procedures", Label: "Tested procedures", Count: len(sh.lib.Procedures.All())},
		{Name: "without", Label: "Products without a process", Count: len(sh.lib.Book.Unprocessed)},
		{Name: "foods", Label: "Foods", Count: len(sh.lib.Foods.All())},
		{Name: "rules", Label: "Rules", Count: len(sh.lib.Book.Entries) + len(review.Rules())},
		{Name: "equivalents", Label: "Units and equivalents", Count: len(sh.lib.Book.Equivalents)},
	} {
		t.Open = t.Name == v.Open
		v.Shelves = append(v.Shelves, t)
	}
	v.Groups = sh.contents(v.Open)
	s.Render(c, http.StatusOK, "library", kit.Page{Title: "Library", Nav: "/library", Body: v, Keys: kit.Keys("/", "search", "J", "next found", "K", "the one before")})
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
func (s *Server) search(c *gin.Context) error {
	hits, err := s.found(c)
	if err != nil {
		return err
	}
	s.Fragment(c, "hits", hits)
	return nil
}

// found looks through the library and, behind it, through the recipes on the desk.
func (s *Server) found(c *gin.Context) (hitsView, error) {
	v := s.shelf().hits(query(c))
	if strings.TrimSpace(v.Query) == "" {
		return v, nil
	}
	list, err := s.store.Recipes(c.Request.Context(), v.Query, 0, maxRecipeHits+1)
	for i, r := range list {
		if i == maxRecipeHits {
			v.MoreRecipes = "/?" + url.Values{"q": {v.Query}}.Encode()
			break
		}
		v.Hits = append(v.Hits, hitView{Href: "/recipes/" + strconv.FormatInt(r.ID, 10), Title: r.Title, Kind: "recipe on the desk"})
	}
	return v, err
}

func (sh *shelf) hits(q string) hitsView {
	v := hitsView{Query: q, Food: sh.namesFood(q)}
	found := sh.index.Find(q, maxHits+1)
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
func (sh *shelf) namesFood(q string) bool {
	folded := words.FoldPhrase(q)
	return slices.ContainsFunc(append(strings.Fields(folded), folded), func(w string) bool { return sh.lib.Foods.ByName(w) != nil })
}

// pagesFound are the pages that a search finds, by what people call what they do there.
var pagesFound = map[library.Hit][]string{
	{Kind: library.KindPage, ID: "/kitchen", Title: "Kitchen: elevation, canners, gauges, jars"}:         {"jar lifter", "equipment", "rack", "gasket", "safety valve", "my canner", "canner size", "how high do I live", "jar stock", "lids left"},
	{Kind: library.KindPage, ID: "/acidity/log", Title: "pH log: meters, calibrations, readings"}:        {"pH meter", "calibrate", "buffer", "measure pH", "reading"},
	{Kind: library.KindPage, ID: "/acidity", Title: "Acid bench: where a mixture stands against pH 4.6"}: {"acidity", "pH", "pH estimate", "how acid"},
	{Kind: library.KindPage, ID: "/acidity/selling", Title: "Selling: acid, acidified, low-acid"}:        {"acidified food", "process authority", "21 CFR 114"},
	{Kind: library.KindPage, ID: "/plan", Title: "Plan a canning day"}:                                   {"canning day", "schedule", "run sheet", "shopping list", "how many jars", "how many loads"},
	{Kind: library.KindPage, ID: "/check", Title: "Checked against print"}:                               {"check sheet", "from memory", "ledger", "verify"},
	{Kind: library.KindPage, ID: "/procedures/new", Title: "Add a procedure"}:                            {"my book", "another book", "own procedure", "state bulletin"},
	{Kind: library.KindPage, ID: "/debated", Title: "Debated points"}:                                    {"who is right", "sources disagree", "opinions"},
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
func (sh *shelf) contents(name string) []libraryGroup {
	var groups []libraryGroup
	at := map[string]int{}
	put := func(group string, it libraryItem) {
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
		for _, u := range sh.lib.Book.Unprocessed {
			put("No tested home process", libraryItem{"/without/" + u.ID, u.Title, ""})
		}
	case "foods":
		for _, f := range sh.lib.Foods.All() {
			put(f.Kind, libraryItem{"/foods/" + f.ID, f.Names[0], phWords(f)})
		}
		sort.SliceStable(groups, func(i, j int) bool { return groups[i].Name < groups[j].Name })
	case "rules":
		for _, r := range review.Rules() {
			put("What the review looks for", libraryItem{"/rules/" + r.Code, r.Title, r.Code})
		}
		for _, e := range sh.lib.Book.Entries {
			put(e.Group, libraryItem{"/rules/" + e.ID, e.Title, e.ID})
		}
	case "equivalents":
		for _, q := range sh.lib.Book.Equivalents {
			put("Units and equivalents", libraryItem{"#" + q.ID, equivalentName(q), equivalentValue(q) + " · " + q.Source})
		}
	default:
		for _, p := range sh.lib.Procedures.All() {
			note := p.Acidity
			if checked, all := ledger.Progress(p); checked > 0 {
				note += " · " + kit.Thousands(checked) + " of " + kit.Thousands(all) + " checked"
			}
			if sh.own[p.ID].ID != "" {
				note += " · your own"
			}
			put(p.Class, libraryItem{"/library/" + p.ID, p.Title, note})
		}
		order := map[string]int{"fruit": 0, "tomato": 1, "salsa": 2, "vegetable": 3, "soup": 4, "meat": 5, "poultry": 6, "seafood": 7, "pickle": 8, "relish": 9, "fermented": 10, "jam": 11, "spread": 12}
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
func procedureLinks(list []*procedure.Procedure) []libraryItem {
	var out []libraryItem
	for _, p := range list {
		out = append(out, libraryItem{"/library/" + p.ID, p.Title, p.Class})
	}
	return out
}
