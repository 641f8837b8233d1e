package recipe

import (
	"errors"
	"net/http"
	"slices"
	"strconv"
	"strings"
	"unicode/utf8"

	"github.com/gin-gonic/gin"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/store"
	"damson/web/kit"
)

// recipeForm is the page on which a recipe is pasted or mended.
type recipeForm struct {
	// ID is the recipe's that is mended.
	ID int64
	// Action is where the form goes; Save what its button says.
	Action, Save string
	Text         string
	SentBy       string
	Source       store.Source
	// Procedure is what the recipe is a change of, with its title.
	Procedure, ChangeOf string
	Jar                 []kit.Choice
	Pack                []kit.Choice
	Method              []kit.Choice
	Problem             string
	// From is the file that the text came from, Fresh true for a new recipe.
	From    string
	Fresh   bool
	Reading reading
	// Seen is the print of the recipe that is mended; Stored is what somebody else made of
	// it meanwhile, or nil.
	Seen   string
	Stored *store.Recipe
}

func (s *Pages) newRecipe(c *gin.Context) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	f := recipeForm{Action: "/recipes", Save: "Review it"}
	f.choose(k.Jar, k.Pack, k.Method)
	if p := s.Shelves.Now().Lib.Procedures.ByID(c.Query("of")); p != nil {
		f.changeOf(p)
		f.Text = p.Recipe(p.Rows[0].Here(k.ElevationFt))
		f.choose(p.Rows[0].Jar, "", "")
	}
	s.renderForm(c, http.StatusOK, "New recipe", f)
	return nil
}

func (s *Pages) renderForm(c *gin.Context, status int, title string, f recipeForm) {
	f.Fresh = f.Action == "/recipes"
	if f.Reading.Problem == "" && strings.TrimSpace(f.Text) != "" {
		f.Reading = s.read(f.Text)
	}
	s.Render(c, status, "new", kit.Page{Title: title, Nav: "/new", Body: f,
		Keys: kit.Keys("Ctrl ↵", "review")})
}

// Example is what stands in the empty field.
func (recipeForm) Example() string {
	return "Plums in light syrup\n\n5 lb plums, halved\n6 cups water\n1 cup sugar\n\n" +
		"Heat the plums in the syrup and pack hot into pints, ½ inch headspace.\nProcess in a water bath for 20 minutes."
}

func (f *recipeForm) choose(jar, pack, method string) {
	f.Jar = kit.Choices(jar, "any tested jar", [][2]string{{"half-pint", "half-pint (250 ml)"},
		{"pint", "pint (500 ml)"}, {"quart", "quart (1 l)"}, {"4oz", "4 oz"}, {"12oz", "12 oz"}, {"24oz",
			"24 oz"}, {"half-gallon", "half-gallon"}})
	f.Pack = kit.Choices(pack, "as the recipe says", [][2]string{{"hot", "hot pack"}, {"raw", "raw pack"}})
	f.Method = kit.Choices(method, "ask Damson", [][2]string{{"water-bath", "water bath"}, {"steam", "steam canner"},
		{"pressure", "pressure canner"}})
}

// changeOf marks what is written as a change of the procedure; nil is none.
func (f *recipeForm) changeOf(p *procedure.Procedure) {
	if p != nil {
		f.Procedure, f.ChangeOf = p.ID, p.Title
	}
}

// createRecipe takes a pasted recipe. The only field it needs is text.
func (s *Pages) createRecipe(c *gin.Context) error {
	r, ok := s.postedRecipe(c, recipeForm{Action: "/recipes", Save: "Review it"}, "New recipe")
	if !ok {
		return nil
	}
	at, err := s.Store.Once(c.Request.Context(), kit.PrintOf(c), func(tx *store.Store) (string, error) {
		if err := tx.AddRecipe(c.Request.Context(), &r); err != nil {
			return "", err
		}
		return "/recipes/" + strconv.FormatInt(r.ID, 10), s.remember(c, tx, r)
	})
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// postedRecipe reads the form; where it is wrong it answers with the form as
// typed and the message beside it.
func (s *Pages) postedRecipe(c *gin.Context, f recipeForm, title string) (store.Recipe, bool) {
	if !s.Form(c) {
		return store.Recipe{}, false
	}
	f.Seen = kit.SeenOf(c)
	get := func(name string) string { return strings.TrimSpace(c.Request.PostForm.Get(name)) }
	text := recipe.Pasted(strings.ReplaceAll(c.Request.PostForm.Get("text"), "\r\n", "\n"))
	sh := s.Shelves.Now()
	f.changeOf(sh.Lib.Procedures.ByID(get("procedure")))
	r := store.Recipe{Text: text, Procedure: f.Procedure, SentBy: get("sent_by"),
		From: store.Source{Book: get("book"), Edition: get("edition"), Page: get("page")},
		Jar:  get("jar"), Pack: get("pack"), Method: get("method")}
	refuse := func(problem string) (store.Recipe, bool) {
		f.Text, f.SentBy, f.Source, f.Problem = text, r.SentBy, r.From, problem
		if !utf8.ValidString(text) || len(text) > recipe.MaxBytes {
			f.Text = strings.ToValidUTF8(text, "\uFFFD")
		}
		f.choose(r.Jar, r.Pack, r.Method)
		f.Reading.Problem = problem
		s.renderForm(c, http.StatusUnprocessableEntity, title, f)
		return store.Recipe{}, false
	}
	if problem := wrongWith(&r); problem != "" {
		return refuse(problem)
	}
	rec, err := sh.Reader().Text(text)
	if err != nil {
		return refuse(err.Error())
	}
	if len(rec.Lines) == 0 && len(rec.Steps) == 0 {
		return refuse("only a title stands here: add the ingredients, one to a line")
	}
	r.Title = rec.Title
	if r.Title == "" {
		r.Title = "Untitled recipe"
	}
	return r, true
}

// wrongWith says what is wrong with the fields of a recipe, before it is read.
func wrongWith(r *store.Recipe) string {
	if err := recipe.Check(r.Text); err != nil {
		return err.Error()
	}
	_, jar := quantity.ParseJar(r.Jar)
	switch {
	case len(r.SentBy) > 120:
		return "the sender's name is longer than 120 letters: shorten it"
	case len(r.From.Book) > 200 || len(r.From.Edition) > 80 || len(r.From.Page) > 40:
		return "book, edition or page is longer than 200, 80 or 40 letters: shorten it"
	case r.Jar != "" && !jar, !slices.Contains([]string{"", "hot", "raw"}, r.Pack),
		!slices.Contains([]string{"", procedure.WaterBath, procedure.Steam, procedure.Pressure}, r.Method):
		return "jar, pack or method is none that Damson knows: choose from the lists"
	}
	return ""
}

// remember keeps jar, pack and method for the next recipe. A form without these fields
// (a script's) says nothing about them.
func (s *Pages) remember(c *gin.Context, tx *store.Store, r store.Recipe) error {
	if !c.Request.PostForm.Has("jar") {
		return nil
	}
	return tx.LastChosen(c.Request.Context(), r.Jar, r.Pack, r.Method)
}

func (s *Pages) editRecipe(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	f := recipeForm{Action: "/recipes/" + c.Param("id"), Save: "Review it again", ID: r.ID, Text: r.Text,
		SentBy: r.SentBy, Source: r.From, Seen: r.Mark()}
	f.choose(r.Jar, r.Pack, r.Method)
	s.renderForm(c, http.StatusOK, "Mend "+r.Title, f)
	return nil
}

func (s *Pages) updateRecipe(c *gin.Context) error {
	old, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	f := recipeForm{Action: "/recipes/" + c.Param("id"), Save: "Review it again", ID: old.ID}
	r, ok := s.postedRecipe(c, f, "Mend "+old.Title)
	if !ok {
		return nil
	}
	r.ID = old.ID
	if !c.Request.PostForm.Has("book") {
		r.From = old.From // a script's form says nothing of it
	}
	ctx := c.Request.Context()
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		if err := tx.SaveRecipe(ctx, &r, kit.SeenOf(c)); err != nil {
			return "", err
		}
		return "/recipes/" + c.Param("id"), s.remember(c, tx, r)
	})
	switch {
	case errors.Is(err, store.ErrStale):
		return s.mendedMeanwhile(c, f, r)
	case errors.Is(err, store.ErrNotFound):
		s.FailWith(c, http.StatusConflict, "This recipe was taken off the desk while you mended it.",
			"Put it back on the page of what was taken away, then send this again.", kit.TypedIn(c.Request.PostForm))
	case err != nil:
		return err
	default:
		c.Redirect(http.StatusSeeOther, at)
	}
	return nil
}

// mendedMeanwhile lays what somebody else stored beside what was typed. Sending it again
// puts what was typed in its place, with both among the versions.
func (s *Pages) mendedMeanwhile(c *gin.Context, f recipeForm, mine store.Recipe) error {
	now, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	f.Text, f.SentBy, f.Source, f.Seen, f.Stored = mine.Text, mine.SentBy, mine.From, now.Mark(), &now
	f.Problem = "This recipe has been changed since you opened it, by somebody else or in another tab. Nothing is " +
		"lost: what is stored stands beside, yours is in the field. Mend yours and send it again."
	f.choose(mine.Jar, mine.Pack, mine.Method)
	s.renderForm(c, http.StatusConflict, "Mend "+now.Title, f)
	return nil
}

func (s *Pages) deleteRecipe(c *gin.Context) error {
	return s.Remove(c, store.KindRecipe, s.Gone)
}
