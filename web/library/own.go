package library

import (
	"context"
	"errors"
	"fmt"
	"net/http"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// ownForm is the form for a procedure from a published source of the kitchen's
// own. Every field keeps what was typed.
type ownForm struct {
	Title, Names, Source, Section, Yield, By string
	Class, Product, Acidity                  []kit.Choice
	Ingredients                              []ownIngredient
	Processes                                []ownProcess
	Needs                                    []ownNeed
	Permits, Forbids                         string
	Problems, Doubts                         []string
	FileProblem                              string
	Count                                    int
}

type ownIngredient struct {
	N                  int
	Amount, Name, Food string
	Unit, Role         []kit.Choice
	Optional           bool
}

type ownProcess struct {
	N                                    int
	Method, Gauge, Pack, Jar             []kit.Choice
	Headspace, Minutes, PSI, Acid, Wrong string
}

type ownNeed struct {
	N    int
	Need []kit.Choice
	Text string
}

// How many empty rows the form starts with, how many "more rows" adds, and how
// many it can have.
const (
	formRows = 6
	moreRows = 6
	maxRows  = 60
	needRows = 4
)

func jarOrNothing(j string) string {
	if j == "" {
		return ""
	}
	return kit.JarPlural(j)
}

func (s *Pages) newProcedure(c *gin.Context) {
	s.ownForm(c, http.StatusOK, readOwnForm(func(string) string { return "" }, formRows))
}

func (s *Pages) ownForm(c *gin.Context, status int, f ownForm) {
	s.Render(c, status, "own", kit.Page{Title: "Add a procedure", Nav: "/library", Body: f})
}

func (s *Pages) addProcedure(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	get := func(name string) string { return strings.TrimSpace(c.Request.PostForm.Get(name)) }
	rows, err := strconv.Atoi(get("rows"))
	if err != nil || rows < 1 || rows > maxRows {
		rows = formRows
	}
	if get("more") != "" {
		s.ownForm(c, http.StatusOK, readOwnForm(get, min(rows+moreRows, maxRows)))
		return nil
	}
	f := readOwnForm(get, rows)
	p, problems := s.ownProcedure(get, rows)
	if len(problems) == 0 {
		if err := s.Shelves.Now().TryOut([]*procedure.Procedure{p}, ""); err != nil {
			problems = append(problems, err.Error()+".")
		}
	}
	if f.By == "" {
		problems = append(problems, "Added by: write your name. You stand for it in this kitchen.")
	}
	if f.Doubts = s.doubts(p, problems); len(f.Doubts) > 0 && get("sure") == "" {
		problems = append(problems, "Look again at what stands below: your procedure asks for less than the library "+
			"does. If your source prints it so, tick the box.")
	}
	if len(problems) > 0 {
		f.Problems = problems
		s.ownForm(c, http.StatusUnprocessableEntity, f)
		return nil
	}
	return s.keepProcedures(c, []*procedure.Procedure{p}, f.By, f.By)
}

// doubts returns where a procedure that is whole asks for less than the library does.
func (s *Pages) doubts(p *procedure.Procedure, problems []string) []string {
	if len(problems) > 0 {
		return nil
	}
	return s.Shelves.Now().Lib.Below(p)
}

// keepProcedures stores procedures that were tried out, and opens the first, or the
// page where they wait for somebody to sign them.
func (s *Pages) keepProcedures(c *gin.Context, list []*procedure.Procedure, by, signed string) error {
	ctx := c.Request.Context()
	_, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "", tx.AddProcedures(ctx, list, by, signed)
	})
	if err != nil {
		return err
	}
	if err := s.Shelves.Restock(ctx); err != nil {
		return err
	}
	if signed == "" {
		c.Redirect(http.StatusSeeOther, "/check")
		return nil
	}
	c.Redirect(http.StatusSeeOther, "/library/"+list[0].ID)
	return nil
}

func (s *Pages) addProcedureFile(c *gin.Context) error {
	refuse := func(problem string) {
		f := readOwnForm(func(string) string { return "" }, formRows)
		f.FileProblem = problem
		s.ownForm(c, http.StatusUnprocessableEntity, f)
	}
	data, problem := kit.Upload(c, "file", kit.MaxUpload)
	if problem != "" {
		refuse(problem)
		return nil
	}
	list, err := s.parseFile(data)
	if err == nil {
		err = s.Shelves.Now().TryOut(list, "")
	}
	if err != nil {
		refuse("Nothing was added. " + err.Error())
		return nil
	}
	return s.keepProcedures(c, list, "a file", "")
}

// parseFile reads procedures in either format. One that this kitchen has under the same id is given
// another, so that both can be looked at; one that is the same is left out.
func (s *Pages) parseFile(data []byte) ([]*procedure.Procedure, error) {
	sh := s.Shelves.Now()
	if !procedure.IsFile(data) {
		return s.parse("your file", data, sh.Lib.Foods)
	}
	list, err := procedure.ReadFile(data)
	if err != nil {
		return nil, err
	}
	var out []*procedure.Procedure
	for _, p := range list {
		for _, in := range p.Ingredients {
			for _, id := range slices.Concat(in.Same, in.Like) {
				if sh.Lib.Foods.Any(id) == nil {
					return nil, fmt.Errorf("%s: this library has no food “%s”", p.Title, id)
				}
			}
		}
		mine := sh.Own[p.ID].Procedure
		if mine != nil && len(procedure.Differences(mine, p)) == 0 {
			continue
		}
		if mine != nil {
			p.ID += theirs
			p.Title += " (theirs)"
		}
		out = append(out, p)
	}
	if len(out) == 0 {
		return nil, errors.New("you have all of it already, and it is the same")
	}
	return out, nil
}

// theirs ends the id of a procedure of another kitchen's that this one has a version of.
const theirs = "-theirs"

// exportProcedures writes the kitchen's own procedures, or the one of the path, for another kitchen.
func (s *Pages) exportProcedures(c *gin.Context) error {
	var list []*procedure.Procedure
	for id, o := range s.Shelves.Now().Own {
		if want := c.Param("id"); want == "" || want == id {
			list = append(list, o.Procedure)
		}
	}
	if len(list) == 0 {
		s.Fail(c, http.StatusNotFound, "This kitchen has no such procedure of its own.",
			"What ships with Damson stands in every kitchen; only your own travel.")
		return nil
	}
	slices.SortFunc(list, func(a, b *procedure.Procedure) int { return strings.Compare(a.ID, b.ID) })
	name := "procedures"
	if c.Param("id") != "" {
		name = kit.FileName(list[0].Title)
	}
	c.Header("Content-Type", "application/json; charset=utf-8")
	c.Header("Content-Disposition", `attachment; filename="`+name+`.json"`)
	if err := procedure.WriteFile(c.Writer, list); err != nil {
		return err
	}
	return nil
}

func (s *Pages) deleteProcedure(c *gin.Context) error {
	return s.deleteOwn(c, s.Store.DeleteProcedure, "procedure")
}

// deleteOwn takes out what this kitchen added.
func (s *Pages) deleteOwn(c *gin.Context, remove func(context.Context, string) error, what string) error {
	ctx := c.Request.Context()
	err := remove(ctx, c.Param("id"))
	if errors.Is(err, store.ErrNotFound) {
		s.Fail(c, http.StatusNotFound, "This kitchen added no such "+what+".",
			"Only a "+what+" of your own can be taken out.")
		return nil
	}
	if err == nil {
		err = s.Shelves.Restock(ctx)
	}
	if err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, "/library")
	return nil
}

var (
	unitWords = []string{"", "cup", "tbsp", "tsp", "lb", "oz", "fl-oz", "pint", "quart", "gallon", "each",
		"clove", "head", "package", "g", "kg", "ml", "l"}
	formRoles = []procedure.Role{procedure.Main, procedure.LowAcid, procedure.Acid, procedure.Liquid,
		procedure.Fat, procedure.Sugar, procedure.GelSugar, procedure.Gel,
		procedure.Salt, procedure.FermentSalt, procedure.Seasoning, procedure.Starch, procedure.Extra}
	productWords = map[string]string{"plain": "plain pack", "pie-filling": "pie filling",
		"sauced-beans": "beans in sauce", "cream-corn": "cream-style corn", "chili": "chile con carne"}
	needWords = map[string]string{"peeled": "peeled", "soaked": "soaked", "boiled": "boiled first",
		"browned": "browned", "boneless": "boned", "pureed": "pureed or milled", "crushed": "crushed", "pieces": "cut to " +
			"size", "trimmed": "trimmed", "reduced": "boiled " +
			"down", "fermented": "fermented", "grated": "grated", "rinsed": "rinsed", "baked": "baked first"}
)

// pick makes the choices of a field, each worded by label.
func pick(values []string, chosen string, label func(string) string) []kit.Choice {
	var out []kit.Choice
	for _, v := range values {
		out = append(out, kit.Choice{Value: v, Label: label(v), Chosen: v == chosen})
	}
	return out
}

func plain(v string) string { return strings.ReplaceAll(v, "-", " ") }

// readOwnForm lays the form out with what was typed.
func readOwnForm(get func(string) string, rows int) ownForm {
	f := ownForm{Title: get("title"), Names: get("names"), Source: get("source"), Section: get("section"),
		Yield: get("yield"), By: get("by"), Permits: get("permits"), Forbids: get("forbids"), Count: rows}
	f.Class = pick(procedure.Classes(), get("class"), plain)
	f.Product = pick(procedure.Products(), get("product"), func(v string) string {
		if w := productWords[v]; w != "" {
			return w
		}
		return plain(v)
	})
	f.Acidity = pick([]string{"acid", "acidified", "low-acid"}, get("acidity"), plain)
	roles := []string{""}
	for _, r := range formRoles {
		roles = append(roles, string(r))
	}
	jarNames := []string{""}
	for _, j := range quantity.Jars {
		jarNames = append(jarNames, string(j))
	}
	for i := range rows {
		n := strconv.Itoa(i)
		f.Ingredients = append(f.Ingredients, ownIngredient{N: i, Amount: get("amount" + n), Name: get("name" + n),
			Food: get("food" + n), Optional: get("optional"+n) != "",
			Unit: pick(unitWords, get("unit"+n), plain), Role: pick(roles, get("role"+n),
				func(v string) string { return roleWords[procedure.Role(v)] })})
		f.Processes = append(f.Processes, ownProcess{N: i, Headspace: get("headspace" + n), Minutes: get("minutes" + n),
			PSI: get("psi" + n), Acid: get("acid" + n),
			Method: pick([]string{"", "water-bath", "pressure"}, get("method"+n),
				plain), Gauge: pick([]string{"", "dial", "weighted"}, get("gauge"+n), plain),
			Pack: pick([]string{"", "hot", "raw"}, get("pack"+n), plain), Jar: pick(jarNames, get("jar"+n), jarOrNothing)})
		if i < needRows || get("needtext"+n) != "" {
			f.Needs = append(f.Needs, ownNeed{N: i, Need: pick(append([]string{""}, procedure.Needs()...), get("need"+n),
				func(v string) string {
					if w := needWords[v]; w != "" {
						return w
					}
					return plain(v)
				}), Text: get("needtext" + n)})
		}
	}
	return f
}

// ownProcedure builds the procedure, or says line by line what is missing.
func (s *Pages) ownProcedure(get func(string) string, rows int) (*procedure.Procedure, []string) {
	var problems []string
	wrong := func(format string, a ...any) { problems = append(problems, fmt.Sprintf(format, a...)) }
	p := &procedure.Procedure{Title: get("title"), Class: get("class"), Product: get("product"),
		Acidity: get("acidity"), Source: get("source"), Section: get("section"), Yield: get("yield")}
	p.ID = procedure.OwnPrefix + strings.ReplaceAll(words.FoldPhrase(p.Title), " ", "-")
	p.Names, p.Permits, p.Forbids = listOf(get("names"), ","), listOf(get("permits"), "\n"), listOf(get("forbids"), "\n")
	if p.Title == "" {
		wrong("Title: name the product.")
	}
	if p.Source == "" || p.Section == "" {
		wrong("Source: no source, no procedure. Give the publication with its year, and the page or section.")
	}
	for i := range rows {
		if err := s.ownIngredient(p, get, strconv.Itoa(i)); err != nil {
			wrong("Ingredient %d: %v.", i+1, err)
		}
		if err := ownRow(p, get, strconv.Itoa(i)); err != nil {
			wrong("Process %d: %v.", i+1, err)
		}
		if text := get("needtext" + strconv.Itoa(i)); text != "" {
			need := get("need" + strconv.Itoa(i))
			if need == "" {
				wrong("Preparation %d: say what it does to the food.", i+1)
			}
			p.Needs = append(p.Needs, procedure.Requirement{Need: need, Text: text})
		}
	}
	if len(p.Rows) == 0 {
		wrong("Process: give at least one row as your source prints it.")
	}
	return p, problems
}

func listOf(s, sep string) []string {
	var out []string
	for _, x := range strings.Split(s, sep) {
		if x = strings.TrimSpace(x); x != "" {
			out = append(out, x)
		}
	}
	return out
}

func (s *Pages) ownIngredient(p *procedure.Procedure, get func(string) string, n string) error {
	name, amount := get("name"+n), get("amount"+n)
	if name == "" {
		if amount != "" {
			return errors.New("it has an amount and no name")
		}
		return nil
	}
	if get("role"+n) == "" {
		return fmt.Errorf("say what “%s” is for", name)
	}
	in := procedure.Ingredient{Name: name, Role: procedure.Role(get("role" + n)),
		Unit: quantity.Unit(get("unit" + n)), Optional: get("optional"+n) != ""}
	said := get("food" + n)
	if said == "" {
		said = name
	}
	in.Form, in.Write = get("form"+n), get("write"+n)
	if per := get("per" + n); per != "" {
		jar, ok := quantity.ParseJar(per)
		if !ok {
			return fmt.Errorf("“%s” is no jar", per)
		}
		in.Per = jar
	}
	sh := s.Shelves.Now()
	for _, like := range listOf(get("like"+n), ",") {
		f := sh.Lib.Foods.ByName(words.FoldPhrase(like))
		if f == nil {
			return fmt.Errorf("the library knows no food “%s”", like)
		}
		in.Like = append(in.Like, f.ID)
	}
	f := sh.Lib.Foods.ByName(words.FoldPhrase(said))
	if f == nil {
		return fmt.Errorf("the library knows no food “%s”: give its plain name in the column food", said)
	}
	in.Same = []string{f.ID}
	if amount != "" {
		v, err := quantity.ParseNumber(amount)
		if err != nil || v > 1000 {
			return fmt.Errorf("the amount “%s” is no number of 0 to 1,000", amount)
		}
		if in.Unit == quantity.None {
			return errors.New("the amount needs a unit")
		}
		in.Amount = v
	}
	p.Ingredients = append(p.Ingredients, in)
	return nil
}

func ownRow(p *procedure.Procedure, get func(string) string, n string) error {
	method, minutes := get("method"+n), get("minutes"+n)
	if method == "" {
		if minutes != "" {
			return errors.New("it has minutes and no method")
		}
		return nil
	}
	if get("jar"+n) == "" || get("pack"+n) == "" {
		return errors.New("say which jar, and hot or raw pack")
	}
	r := procedure.Row{Method: method, Gauge: get("gauge" + n), Pack: get("pack" + n), Jar: get("jar" + n),
		AcidPerJar: get("acid" + n)}
	var err error
	if r.HeadspaceIn, err = quantity.ParseNumber(get("headspace" + n)); err != nil {
		return fmt.Errorf("the headspace “%s” is no figure in inches", get("headspace"+n))
	}
	if method == procedure.WaterBath {
		if r.Minutes, err = procedure.Figures(minutes, false, procedure.BathColumns1, procedure.BathColumns3,
			procedure.BathColumns4); err != nil {
			return fmt.Errorf("minutes: %w", err)
		}
	} else {
		if r.Minutes, err = procedure.Figures(minutes, true); err != nil {
			return fmt.Errorf("minutes: %w", err)
		}
		columns := procedure.DialColumns
		if r.Gauge == "weighted" {
			columns = procedure.WeightedColumns
		}
		if r.PSI, err = procedure.Figures(get("psi"+n), false, columns); err != nil {
			return fmt.Errorf("psi: %w", err)
		}
	}
	if err := r.Check(); err != nil {
		return err
	}
	p.Rows = append(p.Rows, r)
	return nil
}
