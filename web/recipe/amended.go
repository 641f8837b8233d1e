package recipe

import (
	"errors"
	"net/http"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/compare"
	"damson/core/quantity"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// amendedView is the version that follows the procedure, each edit marked, with
// the edits to take or leave.
type amendedView struct {
	ID       int64
	R        *review.Result
	Verdict  kit.Verdict
	Was      kit.Verdict
	Title    string
	Next     int // the number of the version that keeping it makes
	Edits    []editView
	Open     []noteView // what has no edit
	Lines    []amendedLine
	Process  processTable
	Serving  []string
	Taken    int
	Anything bool
	// Seen is the print of the recipe that the edits are for, With the procedure that was
	// chosen for it.
	Seen, With string
	Problem    string
}

// editView is an edit with its tick.
type editView struct {
	Keys  []string
	ID    string
	Do    string
	Line  int
	Taken bool
}

// amendedLine is a line of the new card beside what it was.
type amendedLine struct {
	How      string
	Old, New string
	Method   bool
	Why      string
}

// amend writes the version of the recipe with the edits of the keys, or with
// all of them where keys is nil.
func (s *Pages) amend(r store.Recipe, k store.Kitchen, keys []string) (review.Amended, error) {
	var take func(*review.Finding) bool
	if keys != nil {
		take = func(f *review.Finding) bool { return slices.Contains(keys, f.Key()) }
	}
	return s.Reviews.Amend(r, k, take)
}

func (s *Pages) showAmended(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	return s.renderAmended(c, http.StatusOK, r, "")
}

// renderAmended writes the page for the recipe as it is stored.
func (s *Pages) renderAmended(c *gin.Context, status int, r store.Recipe, problem string) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	var keys []string
	if c.Query("some") != "" {
		keys = append([]string{}, c.QueryArray("take")...)
	}
	a, err := s.amend(r, k, takenKeys(keys, s.Reviews.Of(r, k)))
	if err != nil {
		return err
	}
	list, err := s.Store.Versions(c.Request.Context(), r.ID)
	if err != nil {
		return err
	}
	v := s.viewAmended(r, k, &a, keys)
	v.Next, v.Problem = len(list)+1, problem
	s.Render(c, status, "amended", kit.Page{Title: "Amended: " + r.Title, Nav: "/", Kitchen: kit.ViewKitchen(k), Body: v,
		Keys: kit.Keys("Tab", "next edit", "Space", "take, leave", "Ctrl ↵", "keep it")})
	return nil
}

// takenKeys returns nil where every edit is taken, so that what an edit brings
// up in its turn is mended too.
func takenKeys(keys []string, was *review.Result) []string {
	if keys == nil {
		return nil
	}
	for i := range was.Findings {
		if f := &was.Findings[i]; f.Mendable() && !slices.Contains(keys, f.Key()) {
			return keys
		}
	}
	return nil
}

func (s *Pages) viewAmended(r store.Recipe, k store.Kitchen, a *review.Amended, keys []string) amendedView {
	was := s.Reviews.Of(r, k)
	v := amendedView{ID: r.ID, R: &a.Result, Title: r.Title, Verdict: kit.ViewVerdict(a.Result.Verdict),
		Was: kit.ViewVerdict(was.Verdict), Serving: a.Result.Serving, Anything: a.Text != r.Text, Seen: r.Mark(),
		With: r.Procedure}
	for _, e := range editsOffered(was) {
		e.Taken = keys == nil || slices.Contains(keys, e.Keys[0])
		if e.Taken {
			v.Taken++
		}
		v.Edits = append(v.Edits, e)
	}
	for _, f := range was.Findings {
		if f.Severity == review.Amend && !f.Mendable() || f.Severity == review.Halt {
			v.Open = append(v.Open, s.viewNote(f))
		}
	}
	v.Process = viewTable(a.Result.Methods, k.ElevationFt)
	old, err := s.Reviews.Read(r, r.Text)
	if err != nil {
		return v
	}
	said := ""
	for i, row := range inOrder(compare.Recipes(old, a.Request.Recipe)) {
		if i == 0 && row.How == compare.Same {
			continue // the title heads the card
		}
		l := amendedLine{How: row.How, Old: row.Old, New: row.New, Method: row.Method}
		if row.How != compare.Same {
			if l.Why = reasonOf(row, a.Made); l.Why == "" {
				l.Why = a.Reasons[row.New]
			}
		}
		if l.Why == said {
			l.Why = "" // the note above stands for both
		} else if l.Why != "" || row.How == compare.Same {
			said = l.Why
		}
		v.Lines = append(v.Lines, l)
	}
	return v
}

// inOrder puts the heading of the serving half, an ingredient's line to the
// comparison, where it stands: below the method.
func inOrder(rows []compare.Row) []compare.Row {
	at := slices.IndexFunc(rows, func(r compare.Row) bool { return r.New == review.ServingHead })
	if at < 0 {
		return rows
	}
	head := rows[at]
	rows = slices.Delete(slices.Clone(rows), at, at+1)
	below := slices.IndexFunc(rows, func(r compare.Row) bool { return r.Method && r.NewNo > head.NewNo })
	if below < 0 {
		below = len(rows)
	}
	return slices.Insert(rows, below, head)
}

// reasonOf says which edit changed the row: one on its line, or, for a sentence
// of the method, one whose food or act it names.
func reasonOf(row compare.Row, made []review.Finding) string {
	old := strings.ToLower(row.Old)
	for _, f := range made {
		if f.Line != nil && *f.Line == row.OldNo && row.OldNo > 0 &&
			(!row.Method || strings.Contains(old, strings.ToLower(f.Ingredient))) {
			return f.Do
		}
	}
	for _, f := range made {
		words := strings.Fields(strings.ToLower(f.Ingredient))
		if row.Method && len(words) > 0 && old != "" && strings.Contains(old, words[len(words)-1]) {
			return f.Do
		}
	}
	return ""
}

// editsOf lists the things of a review that can be written, those on one
// line as one.
func editsOf(res *review.Result) []editView {
	var out []editView
	for _, t := range res.Things() {
		if t.Mendable {
			out = append(out, editView{Keys: t.Keys, ID: "edit-" + words.Thousands(len(out)+1), Do: t.Do, Line: t.Line})
		}
	}
	return out
}

// keepAmended stores the version with the edits that were taken.
func (s *Pages) keepAmended(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	ctx := c.Request.Context()
	k, err := s.Kitchen(ctx)
	if err != nil {
		return err
	}
	keys := append([]string{}, c.Request.PostForm["take"]...)
	if len(keys) == 1 && keys[0] == "all" {
		keys = nil
	}
	a, err := s.amend(r, k, takenKeys(keys, s.Reviews.Of(r, k)))
	if err != nil {
		return err
	}
	f, seen := c.Request.PostForm, r.Mark()
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		// Edits are made on the text that they were shown for, and on no other.
		if f.Has("with") && f.Get("with") != r.Procedure || kit.SeenOf(c) != "" && kit.SeenOf(c) != seen {
			return "", store.ErrStale
		}
		at := "/recipes/" + c.Param("id")
		if !amends(&r, &a) {
			return at, nil
		}
		return at, tx.SaveRecipe(ctx, &r, seen)
	})
	switch {
	case errors.Is(err, store.ErrStale) || errors.Is(err, store.ErrNotFound):
		now, err := s.Recipe(c)
		if err != nil {
			return s.Missing(c, err, nil)
		}
		return s.amendedMeanwhile(c, now)
	case err != nil:
		return err
	default:
		c.Redirect(http.StatusSeeOther, at)
	}
	return nil
}

// amends puts the amended version in the place of the recipe, and reports whether it is another.
func amends(r *store.Recipe, a *review.Amended) bool {
	q := &a.Request
	if a.Text == r.Text && q.Jar == quantity.Jar(r.Jar) && q.Pack == r.Pack && q.Method == r.Method {
		return false
	}
	r.Text, r.Jar, r.Pack, r.Method = a.Text, string(q.Jar), q.Pack, q.Method
	if q.Recipe.Title != "" {
		r.Title = q.Recipe.Title
	}
	r.Why = amendedWhy(a.Made)
	return true
}

// amendedMeanwhile shows the edits for the recipe as somebody else left it.
func (s *Pages) amendedMeanwhile(c *gin.Context, r store.Recipe) error {
	return s.renderAmended(c, http.StatusConflict, r, "Somebody has changed this recipe since its edits were shown, "+
		"so none was made. Below stands the recipe as it is now, with the edits that it needs.")
}

// amendedWhy says in a few words what a version changed.
func amendedWhy(made []review.Finding) string {
	var do []string
	for _, f := range made {
		if d := words.LowerFirst(f.Do); !slices.Contains(do, d) {
			do = append(do, d)
		}
	}
	s := strings.Join(do, "; ")
	if len(do) > 2 {
		s = strings.Join(do[:2], "; ") + " and " + words.Thousands(len(do)-2) + " more"
	}
	return "amended: " + s
}
