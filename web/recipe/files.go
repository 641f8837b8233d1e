package recipe

import (
	"net/http"
	"path/filepath"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/recipe"
	"damson/store"
	"damson/web/kit"
)

// openFile takes an uploaded file. One recipe goes to the page where it can be
// mended before it is kept; several are kept at once, each on the desk.
func (s *Pages) openFile(c *gin.Context) error {
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	f := recipeForm{Action: "/recipes", Save: "Review it"}
	f.choose(k.Jar, k.Pack, k.Method)
	refuse := func(problem string) {
		f.Problem = problem
		s.renderForm(c, http.StatusUnprocessableEntity, "New recipe", f)
	}
	data, problem := kit.Upload(c, "file", recipe.MaxBytes)
	if problem != "" {
		refuse(problem)
		return nil
	}
	name := filepath.Base(c.Request.MultipartForm.File["file"][0].Filename)
	doc, err := recipe.Open(name, data)
	if err != nil {
		refuse("“" + name + "”: " + err.Error() + ". Nothing was added.")
		return nil
	}
	if len(doc.Texts) == 1 {
		f.Text, f.From = doc.Texts[0], name
		s.renderForm(c, http.StatusOK, "New recipe", f)
		return nil
	}
	reader := s.Shelves.Now().Reader()
	list := make([]store.Recipe, len(doc.Texts))
	for i, text := range doc.Texts {
		rec, err := reader.Text(text)
		if err != nil {
			refuse("“" + name + "”, recipe " + strconv.Itoa(i+1) + ": " + err.Error() + ". Nothing was added.")
			return nil
		}
		list[i] = store.Recipe{Title: rec.Title, Text: text, Why: "from " + name}
		if rec.Title == "" {
			list[i].Title = "Untitled recipe"
		}
	}
	ctx := c.Request.Context()
	at, err := s.Store.Once(ctx, kit.PrintOf(c, data), func(tx *store.Store) (string, error) {
		for i := len(list) - 1; i >= 0; i-- { // the first stands on top of the desk
			if err := tx.AddRecipe(ctx, &list[i]); err != nil {
				return "", err
			}
		}
		return "/", nil
	})
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// downloads are the files that a recipe can be had as.
var downloads = map[string]struct{ format, kind string }{
	"recipe.json": {recipe.FormatJSONLD, "application/ld+json"},
	"recipe.md":   {recipe.FormatMarkdown, "text/markdown; charset=utf-8"},
	"recipe.csv":  {recipe.FormatCSV, "text/csv; charset=utf-8"},
}

func (s *Pages) download(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	d, ok := downloads[c.Param("file")]
	if !ok {
		s.Fail(c, http.StatusNotFound, "A recipe cannot be had in this form.", "Take recipe.json, recipe.md or recipe.csv.")
		return nil
	}
	rec, err := s.Reviews.Read(r, r.Text)
	if err != nil {
		return err
	}
	var b strings.Builder
	if err := recipe.Write(&b, d.format, rec); err != nil {
		return err
	}
	c.Header("Content-Disposition", `attachment; filename="`+kit.FileName(r.Title)+filepath.Ext(c.Param("file"))+`"`)
	c.Data(http.StatusOK, d.kind, []byte(b.String()))
	return nil
}
