package library

import (
	"errors"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/book"
	"damson/core/printed"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// bookView is a recipe of a printed book on its way to a procedure of the kitchen's own: what
// Damson takes each line for, beside the line.
type bookView struct {
	ID   int64
	Form ownForm
	// Lines are those of the recipe, Open the process rows that hold to 1,000 ft only.
	Lines []bookLine
	Open  bool
	// Bath is true where a water bath was taken for granted, Standard where pounds were filled
	// in that keep the same temperature.
	Bath, Standard bool
	// Hot is true where the text does not say how it is packed.
	Hot bool
	// Adds is what the book adds to the minutes above 1,000 ft.
	Adds string
	// Here says that the kitchen lies where the rows do not reach.
	Here    string
	NoRows  bool
	Source  store.Source
	Seen    string
	Carried []kit.Kept
}

// bookLine is a line with the fields that go with it.
type bookLine struct {
	N, No   int
	Text    string
	Food    string
	Unknown bool
	Role    []kit.Choice
	Why     string
	Sure    bool
	Method  bool
}

// spareRows are the empty process rows behind those that were read.
const spareRows = 2

func (s *Pages) showBook(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	d, err := s.draftOf(r)
	if err != nil {
		s.Fail(c, http.StatusUnprocessableEntity, err.Error(), "Mend the recipe, then come back.")
		return nil
	}
	typed := draftFields(d)
	typed["book"], typed["edition"], typed["page"] = r.From.Book, r.From.Edition, r.From.Page
	return s.renderBook(c, http.StatusOK, &bookTyped{recipe: r, draft: d,
		get: func(name string) string { return typed[name] }})
}

// draftOf lays the stored text out as a procedure.
func (s *Pages) draftOf(r store.Recipe) (*book.Draft, error) {
	d, err := s.Shelves.Now().Draft(r.Text)
	if err != nil {
		return nil, err
	}
	if len(d.Lines) > maxRows {
		return nil, errors.New("a procedure has at most " + strconv.Itoa(maxRows) + " ingredients")
	}
	return d, nil
}

// draftFields are the fields of the form for a procedure, filled from the draft.
func draftFields(d *book.Draft) map[string]string {
	f := map[string]string{"title": d.Title, "class": d.Class, "product": d.Product, "acidity": d.Acidity,
		"yield": d.Yield, "rows": strconv.Itoa(bookRows(d))}
	for i := range d.Lines {
		l, n := &d.Lines[i], strconv.Itoa(i)
		f["name"+n], f["role"+n], f["unit"+n] = l.Name, string(l.Role), string(l.Unit)
		f["form"+n], f["per"+n] = l.Form, string(l.Per)
		f["write"+n] = l.Text
		if l.Food != nil {
			f["food"+n] = l.Food.Names[0]
		}
		if l.Amount > 0 {
			f["amount"+n] = strconv.FormatFloat(l.Amount, 'g', 5, 64)
		}
		if l.Optional {
			f["optional"+n] = "1"
		}
		if l.Method || i > 0 && d.Lines[i-1].No == l.No {
			f["write"+n] = "-" // the method has it, or the line stands there already
		}
		var like []string
		for _, x := range l.Like {
			like = append(like, x.Names[0])
		}
		f["like"+n] = strings.Join(like, ", ")
	}
	for i, need := range d.Needs {
		n := strconv.Itoa(i)
		f["need"+n], f["needtext"+n] = need.Need, need.Text
	}
	for i, r := range d.Rows {
		n := strconv.Itoa(i)
		f["method"+n], f["gauge"+n], f["pack"+n], f["jar"+n] = r.Method, r.Gauge, d.Pack, string(r.Jar)
		f["minutes"+n] = r.Minutes.Written(procedure.BathColumns1, procedure.BathColumns3, procedure.BathColumns4)
		f["psi"+n] = r.PSI.Written(procedure.DialColumns, procedure.WeightedColumns)
		if d.Headspace > 0 {
			f["headspace"+n] = quantity.Number(d.Headspace)
		}
		f["acid"+n] = d.Dose(r.Jar)
	}
	return f
}

// bookRows is how many rows the form has: as many as its lines or processes need.
func bookRows(d *book.Draft) int { return max(len(d.Lines), len(d.Rows)+spareRows, len(d.Needs)) }

// bookTyped is the form of a recipe out of a book as it was typed, with what is wrong with it.
type bookTyped struct {
	recipe           store.Recipe
	draft            *book.Draft
	get              func(string) string
	problems, doubts []string
}

func (s *Pages) renderBook(c *gin.Context, status int, typed *bookTyped) error {
	r, d, get := typed.recipe, typed.draft, typed.get
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	v := bookView{ID: r.ID, Form: readOwnForm(get, bookRows(d)), Adds: get("adds"), NoRows: len(d.Rows) == 0,
		Hot: d.HotGuessed, Seen: r.Mark(),
		Source: store.Source{Book: get("book"), Edition: get("edition"), Page: get("page")}}
	v.Form.Problems, v.Form.Doubts = typed.problems, typed.doubts
	v.Form.Processes = v.Form.Processes[:len(d.Rows)+spareRows]
	v.Form.Needs = v.Form.Needs[:min(len(v.Form.Needs), len(d.Needs)+1)]
	for i, l := range d.Lines {
		in := v.Form.Ingredients[i]
		v.Lines = append(v.Lines, bookLine{N: i, No: l.No, Text: l.Text, Food: in.Food, Unknown: l.Food == nil,
			Role: in.Role, Why: l.Why, Sure: l.Sure, Method: l.Method})
		for _, name := range []string{"amount", "unit", "name", "form", "per", "like", "write", "optional"} {
			field := name + strconv.Itoa(i)
			if value := get(field); value != "" {
				v.Carried = append(v.Carried, kit.Kept{Name: field, Value: value})
			}
		}
	}
	for _, row := range d.Rows {
		v.Standard, v.Bath = v.Standard || row.Standard, v.Bath || row.Guessed
		if row.Method != procedure.Pressure && len(row.Minutes) == 1 {
			v.Open = true
		}
	}
	if v.Open && k.ElevationFt > printed.Lowest {
		v.Here = words.Thousands(k.ElevationFt) + " ft"
	}
	s.Render(c, status, "book", kit.Page{Title: "Out of a book: " + v.Form.Title, Nav: "/",
		Kitchen: kit.ViewKitchen(k), Body: v, Keys: kit.Keys("Ctrl ↵", "add it")})
	return nil
}

func (s *Pages) keepBook(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	d, err := s.draftOf(r)
	if err != nil {
		s.FailWith(c, http.StatusUnprocessableEntity, err.Error(), "Mend the recipe, then come back.",
			kit.TypedIn(c.Request.PostForm))
		return nil
	}
	get := func(name string) string { return strings.TrimSpace(c.Request.PostForm.Get(name)) }
	from := store.Source{Book: get("book"), Edition: get("edition"), Page: get("page")}
	replaced := ""
	if r.From.Book != "" { // else it is somebody's change of the book's recipe
		replaced = s.Shelves.Now().Own[r.Procedure].ID
	}
	typed := &bookTyped{recipe: r, draft: d, get: get}
	p := s.bookOf(typed, from, replaced)
	if seen := kit.SeenOf(c); seen != "" && seen != r.Mark() {
		typed.problems = append(typed.problems, changedMeanwhile)
	}
	if len(typed.problems) > 0 {
		return s.renderBook(c, http.StatusUnprocessableEntity, typed)
	}
	ctx := c.Request.Context()
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		if p.ID == replaced {
			if err := tx.DeleteProcedure(ctx, replaced); err != nil {
				return "", err
			}
		}
		if err := tx.AddProcedures(ctx, []*procedure.Procedure{p}, get("by"), get("by")); err != nil {
			return "", err
		}
		r.From = from
		if err := tx.SaveRecipe(ctx, &r, kit.SeenOf(c)); err != nil {
			return "", err
		}
		return "/recipes/" + c.Param("id"), tx.CompareWith(ctx, r.ID, p.ID, "")
	})
	if errors.Is(err, store.ErrStale) {
		typed.problems = []string{changedMeanwhile}
		return s.renderBook(c, http.StatusConflict, typed)
	}
	if err != nil {
		return err
	}
	if err := s.Shelves.Restock(ctx); err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// bookOf builds the procedure from what was typed, and notes what stands against it.
func (s *Pages) bookOf(typed *bookTyped, from store.Source, replaced string) *procedure.Procedure {
	p, problems := s.bookProcedure(typed.get, bookRows(typed.draft), from, replaced)
	if len(problems) == 0 {
		problems = s.Shelves.Now().NeverOf(typed.recipe.Text, p)
	}
	if len(problems) == 0 {
		if typed.doubts = s.doubts(p, nil); len(typed.doubts) > 0 && typed.get("sure") == "" {
			problems = append(problems, "Look again at what stands below: your book asks for less than the library does. "+
				"If it prints so, tick the box.")
		}
	}
	typed.problems = problems
	return p
}

const changedMeanwhile = "The recipe has been changed since you opened this page: go through its lines once more, " +
	"then send it again."

// bookProcedure builds the procedure from the form, or says what is missing; replaced is the one
// that was made of the recipe before.
func (s *Pages) bookProcedure(get func(string) string, rows int, from store.Source,
	replaced string) (*procedure.Procedure, []string) {
	p, problems := s.ownProcedure(func(name string) string {
		switch name {
		case "source":
			return strings.TrimSuffix(from.Book+", "+from.Edition, ", ")
		case "section":
			return "page " + from.Page
		}
		return get(name)
	}, rows)
	if from.Book == "" || from.Edition == "" || from.Page == "" {
		problems = append(problems, "Book, edition and page: no source, no procedure. Somebody must be able to look it up.")
	}
	if get("by") == "" {
		problems = append(problems, "Your name: you stand for it in this kitchen.")
	}
	if err := book.Higher(p, get("adds")); err != nil {
		problems = append(problems, "What the book adds above 1,000 ft: "+err.Error()+".")
	}
	if len(problems) == 0 {
		if err := s.Shelves.Now().TryOut([]*procedure.Procedure{p}, replaced); err != nil {
			problems = append(problems, err.Error()+".")
		}
	}
	return p, problems
}
