package recipe

import (
	"errors"
	"fmt"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/batch"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// batchView is the page on which a recipe is made larger or smaller.
type batchView struct {
	ID      int64
	Title   string
	Problem string
	// By, Factor, Weight, Line, Jars and Jar are the form as filled in.
	By, Factor, Weight, Jars string
	Line                     []kit.Choice
	Jar                      []kit.Choice
	// Times is the factor in words; empty where nothing was scaled.
	Times string
	Exact string
	// Full is the factor with every digit, for the form that keeps it.
	Full     string
	Rows     []batchRow
	Count    int
	Yield    string
	Basis    string
	Loads    string
	Warnings []string
	ByHand   int
	Changed  bool
	// Seen is the print of the recipe that is scaled.
	Seen string
}

// Heading writes the factor at the head of the page.
func (v batchView) Heading() string { return words.Capital(v.Times) }

type batchRow struct {
	No                            int
	Was, Kitchen, Exact, Metric   string
	Food, Fixed, EachJar, AllJars string
	ByHand                        bool
}

// showBatch scales the recipe as the query says.
func (s *Pages) showBatch(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	v, _ := s.scaleRecipe(r, s.Reviews.Of(r, k), c.Query)
	status := http.StatusOK
	if v.Problem != "" {
		status = http.StatusUnprocessableEntity
	}
	s.Render(c, status, "batch", kit.Page{Title: "Scale " + r.Title, Nav: "/", Keys: batchKeys, Body: v})
	return nil
}

var batchKeys = kit.Keys("Tab", "next field", "↵", "work it out")

// keepBatch stores the scaled recipe as a new version.
func (s *Pages) keepBatch(c *gin.Context) error {
	r, err := s.Recipe(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	if !s.Form(c) {
		return nil
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	v, scaled := s.scaleRecipe(r, s.Reviews.Of(r, k), c.Request.PostForm.Get)
	if scaled == nil {
		s.Render(c, http.StatusUnprocessableEntity, "batch", kit.Page{Title: "Scale " + r.Title, Nav: "/",
			Keys: batchKeys, Body: v})
		return nil
	}
	if err := recipe.Check(scaled.Text); err != nil {
		s.Fail(c, http.StatusUnprocessableEntity, "The scaled recipe would be too long to keep.", "Shorten the recipe first.")
		return nil
	}
	ctx := c.Request.Context()
	seen := kit.SeenOf(c)
	if seen == "" {
		seen = r.Mark()
	}
	r.Text, r.Why = scaled.Text, "scaled, "+v.Times
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/recipes/" + c.Param("id") + "/versions", tx.SaveRecipe(ctx, &r, seen)
	})
	switch {
	case errors.Is(err, store.ErrStale) || errors.Is(err, store.ErrNotFound):
		now, err := s.Recipe(c)
		if err != nil {
			return s.Missing(c, err, nil)
		}
		v, _ = s.scaleRecipe(now, s.Reviews.Of(now, k), c.Request.PostForm.Get)
		v.Problem = "Somebody has changed this recipe since these amounts were worked out, so nothing was kept. Below it " +
			"is scaled as it stands now."
		s.Render(c, http.StatusConflict, "batch", kit.Page{Title: "Scale " + now.Title, Nav: "/", Keys: batchKeys, Body: v})
	case err != nil:
		return err
	default:
		c.Redirect(http.StatusSeeOther, at)
	}
	return nil
}

// scaleRecipe reads the fields through get and scales. The second result is nil
// where nothing was asked for or the fields are wrong.
func (s *Pages) scaleRecipe(r store.Recipe, res *review.Result, get func(string) string) (batchView, *batch.Scaled) {
	field := func(name string) string {
		f := strings.TrimSpace(get(name))
		return f[:min(len(f), 40)]
	}
	v := batchView{ID: r.ID, Seen: r.Mark(), Title: r.Title, By: field("by"), Factor: field("factor"),
		Weight: field("weight"), Jars: field("jars")}
	reader := s.Shelves.Now().Reader()
	rec, err := reader.Text(r.Text)
	if err != nil {
		v.Problem = err.Error()
		return v, nil
	}
	line, _ := strconv.Atoi(field("line"))
	var weighed *recipe.Line
	for _, l := range rec.Lines {
		if l.Kind == recipe.Ingredient && l.Food != "" {
			v.Line = append(v.Line, kit.Choice{Value: strconv.Itoa(l.No), Label: fmt.Sprintf("%s (line %d)", l.Food, l.No),
				Chosen: l.No == line})
			if l.No == line {
				weighed = l
			}
		}
	}
	jar, ok := quantity.ParseJar(field("jar"))
	if !ok {
		jar = quantity.PintJar
		if j, ok := quantity.ParseJar(r.Jar); ok {
			jar = j
		}
	}
	for _, j := range quantity.Jars {
		v.Jar = append(v.Jar, kit.Choice{Value: string(j), Label: j.Plural(), Chosen: j == jar})
	}
	yield, measured := batch.Estimate(reader, rec, res.Tested)
	factor, err := v.factor(weighed, yield, measured, jar)
	if err != nil {
		v.Problem = words.Capital(err.Error()) + "."
	}
	if factor == 0 {
		factor = 1
	}
	scaled, err := batch.Scale(reader, r.Text, rec, factor)
	if err != nil {
		v.Problem = words.Capital(err.Error()) + "."
		if scaled, err = batch.Scale(reader, r.Text, rec, 1); err != nil {
			panic(err) // once is always possible
		}
		factor = 1
	}
	v.fill(scaled, yield, measured, jar)
	if scaled.Factor > 1 && batch.IsJam(rec, res.Tested) {
		v.Warnings = append([]string{"A jam or jelly is made one batch at a time: a double batch may not set. Make it " +
			"" + timesWords(factor) + " over rather than at once."}, v.Warnings...)
	}
	v.Changed = factor != 1
	if v.Problem != "" || !v.Changed {
		return v, nil
	}
	return v, scaled
}

// factor works out the factor that the form asks for, 0 where it asks for none.
func (v *batchView) factor(weighed *recipe.Line, yield batch.Yield, measured bool, jar quantity.Jar) (float64, error) {
	switch v.By {
	case "":
		return 0, nil
	case "factor":
		f, err := quantity.ParseNumber(v.Factor)
		if err != nil {
			return 0, fmt.Errorf("“%s” %w: write the factor like 2 or 1 1/2", v.Factor, err)
		}
		return f, nil
	case "weight":
		g, err := quantity.ParseMass(v.Weight)
		if err != nil {
			return 0, fmt.Errorf("“%s” %w: write it like 6 lb 12 oz or 3.1 kg", v.Weight, err)
		}
		return batch.ByWeight(weighed, g)
	case "jars":
		n, err := strconv.Atoi(v.Jars)
		if err != nil || n < 1 || n > 500 {
			return 0, fmt.Errorf("the number of jars must be a whole number from 1 to 500")
		}
		if !measured {
			return 0, fmt.Errorf("the recipe gives no amounts that fill jars: scale it by a factor")
		}
		return yield.ToFill(n, jar)
	}
	return 0, fmt.Errorf("choose how to scale: by a factor, to a weight, or to a number of jars")
}

// fill writes the scaled recipe into the view.
func (v *batchView) fill(scaled *batch.Scaled, yield batch.Yield, measured bool, jar quantity.Jar) {
	v.Times = timesWords(scaled.Factor)
	v.Exact = quantity.Exact(scaled.Factor)
	v.Full = strconv.FormatFloat(scaled.Factor, 'g', 12, 64)
	n := 0
	if measured {
		yield.Low, yield.High = yield.Low*scaled.Factor, yield.High*scaled.Factor
		low, high := yield.Jars(jar)
		n = max((low+high)/2, 1)
		v.Yield = fmt.Sprintf("%d to %d %s", low, high, jar.Plural())
		if low == high {
			v.Yield = fmt.Sprintf("%d %s", low, jar.Plural())
		}
		v.Basis = yield.Basis
		if len(yield.Unmeasured) > 0 {
			v.Basis += "; without line " + numbersOf(yield.Unmeasured)
		}
		v.Loads = loads(low, high, jar)
	}
	for _, l := range scaled.Lines {
		row := batchRow{No: l.No, Was: l.Was.Text, Kitchen: l.Kitchen, Exact: l.Exact, Metric: l.Metric,
			Food: l.Was.Food, Fixed: l.Fixed, ByHand: l.ByHand}
		if l.Grams > 0 && l.Was.Unit.Dimension() != quantity.Mass {
			weight := quantity.Metric(l.Grams, quantity.G)
			if row.Metric != "" {
				row.Metric += ", "
			}
			row.Metric += "about " + weight
		}
		if l.ByHand {
			v.ByHand++
		}
		if n > 0 && l.Was.AmountMin != nil {
			a := l.Was.Amount()
			if l.Was.Per != "" {
				row.AllJars = fmt.Sprintf("for %d jars %s", n, quantity.Kitchen(a.Max*float64(n), a.Unit))
			} else if !l.ByHand {
				row.EachJar = quantity.Kitchen(a.Max*scaled.Factor/float64(n), a.Unit)
			}
		}
		v.Rows = append(v.Rows, row)
	}
	v.Count = n
	if len(scaled.Method) > 0 && scaled.Factor != 1 {
		v.Warnings = append(v.Warnings, "The method names amounts on line "+numbersOf(scaled.Method)+": change them by hand.")
	}
	if v.ByHand > 0 && scaled.Factor != 1 {
		v.Warnings = append(v.Warnings, fmt.Sprintf("%d of the lines must be changed by hand; until then the proportions "+
			"are not those of the recipe.", v.ByHand))
	}
}

// loads says how many canner loads the jars are.
func loads(low, high int, jar quantity.Jar) string {
	a, b, holds := batch.Loads(low, high, jar)
	s := fmt.Sprintf("%d canner loads", b)
	if b == 1 {
		s = "one canner load"
	}
	if a != b {
		s = fmt.Sprintf("%d to %d canner loads", a, b)
	}
	return fmt.Sprintf("%s, where the canner holds %d %s (common practice; its book decides)", s, holds, jar.Plural())
}

func timesWords(f float64) string {
	switch f {
	case 1:
		return "as written"
	case 2:
		return "twice"
	case 0.5:
		return "half"
	}
	return quantity.Number(f) + " times"
}

func numbersOf(list []int) string {
	var out []string
	for _, n := range list {
		out = append(out, strconv.Itoa(n))
	}
	return strings.Join(out, ", ")
}
