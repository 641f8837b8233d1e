package acid

import (
	"fmt"
	"html/template"
	"math"
	"net/http"
	"net/url"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/quantity"
	"damson/core/review"
	"damson/core/words"
	"damson/web/draw"
	"damson/web/kit"
)

// benchView is the acid bench: the scale, a mixture to drag, acid by the jar,
// vinegar.
type benchView struct {
	Foods, FoodsProblem string
	Picture             template.HTML
	Query               template.URL
	Mix                 mixView
	Dose                doseView
	Vinegar             vinegarView
	Recipe              string
	RecipeID            int64
}

// mixView is the mixture under the sliders.
type mixView struct {
	Sliders        []slider
	Result         mixResult
	Foods, Problem string
	Recipe         int64
}

type slider struct {
	Food   string
	Share  float64
	Number int
}

// mixResult is what changes as a slider moves.
type mixResult struct {
	Sentence, Range, Above string
	Class                  string
	Picture, Titration     template.HTML
	Enough                 string
	Problem                string
}

const (
	usualFoods = "lemon juice, apple, peach, tomato, fig, onion, cucumber, green bean, corn, beef"
	usualMix   = "tomato:60,onion:25,bell pepper:10,bottled lime juice:5"
	maxSliders = 8
	maxPicture = 16
	benchDraws = 2000
)

func (s *Pages) showAcidBench(c *gin.Context) {
	q := c.Request.URL.Query()
	v := benchView{Foods: kit.Cut(q.Get("foods"), 400)}
	if v.Foods == "" {
		v.Foods = usualFoods
	}
	foods, problem := s.pictureFoods(v.Foods)
	v.FoodsProblem = problem
	v.Picture = draw.Foods(foods).SVG()
	v.Query = template.URL(url.Values{"foods": {v.Foods}}.Encode()) //nolint:gosec // encoded just now
	v.Mix = s.benchMix(c, q)
	v.Dose = s.viewDose(q)
	v.Vinegar = viewVinegar(q)
	if v.Mix.Recipe != 0 {
		if r, err := s.Store.Recipe(c.Request.Context(), v.Mix.Recipe); err == nil {
			v.Recipe, v.RecipeID = r.Title, r.ID
		}
	}
	s.Render(c, http.StatusOK, "bench", kit.Page{Title: "Acid bench", Nav: "/acidity",
		Keys: kit.Keys("Tab", "next slider", "← →", "change a share"), Body: v})
}

// foodNamed finds a food by the name a person would type.
func (s *Pages) foodNamed(name string) *food.Food {
	sh := s.Shelves.Now()
	lib := sh.Lib
	if f := lib.Foods.ByName(words.FoldPhrase(name)); f != nil {
		return f
	}
	if l := sh.Reader().Line(1, name); l.Ref != nil && len(l.Unread) == 0 {
		return l.Ref
	}
	return nil
}

// pictureFoods finds the foods of a list; what is unknown or has no range is
// told.
func (s *Pages) pictureFoods(list string) ([]draw.Food, string) {
	var out []draw.Food
	var unknown []string
	seen := map[string]bool{}
	for _, name := range strings.FieldsFunc(list, func(r rune) bool { return r == ',' || r == ';' || r == '\n' }) {
		name = strings.TrimSpace(name)
		if name == "" {
			continue
		}
		f := s.foodNamed(name)
		switch {
		case f == nil:
			unknown = append(unknown, "“"+name+"” is no food that Damson knows")
		case !f.HasPH():
			unknown = append(unknown, name+" has no range of its own")
		case seen[f.ID]:
		case len(out) == maxPicture:
			unknown = append(unknown, fmt.Sprintf("only the first %d fit", maxPicture))
			return out, strings.Join(unknown, "; ") + "."
		default:
			seen[f.ID] = true
			out = append(out, draw.Food{Name: name, Low: f.PH[0], High: f.PH[1]})
		}
	}
	if len(unknown) > 0 {
		return out, strings.Join(unknown, "; ") + "."
	}
	return out, ""
}

func (s *Pages) acidPicture(c *gin.Context) error {
	foods, _ := s.pictureFoods(kit.Cut(c.Query("foods"), 400))
	pic := draw.Foods(foods)
	if c.Param("file") == "scale.svg" {
		c.Header("Content-Disposition", `attachment; filename="acidity.svg"`)
		c.Data(http.StatusOK, "image/svg+xml", []byte(pic.SVG()))
		return nil
	}
	if c.Param("file") != "scale.png" {
		s.Fail(c, http.StatusNotFound, "There is no such picture.", "The acid bench has scale.svg and scale.png.")
		return nil
	}
	data, err := s.pictures.Of(fmt.Sprint(foods), func() ([]byte, error) { return pic.PNG(2) })
	if err != nil {
		return err
	}
	c.Header("Content-Disposition", `attachment; filename="acidity.png"`)
	c.Data(http.StatusOK, "image/png", data)
	return nil
}

// benchMix reads the mixture: from a recipe, from a list like
// "tomato:60,onion:30", or the usual one.
func (s *Pages) benchMix(c *gin.Context, q url.Values) mixView {
	v := mixView{Foods: kit.Cut(q.Get("mix"), 400)}
	if id, err := strconv.ParseInt(q.Get("recipe"), 10, 64); err == nil && v.Foods == "" {
		if list := s.mixOfRecipe(c, id); list != "" {
			v.Foods, v.Recipe = list, id
		}
	}
	if v.Foods == "" {
		v.Foods = usualMix
	}
	for _, part := range strings.Split(v.Foods, ",") {
		name, share, _ := strings.Cut(part, ":")
		name = strings.TrimSpace(name)
		if name == "" {
			continue
		}
		n, err := quantity.ParseFigure(share)
		if err != nil || n < 0 || n > 1000 {
			n = 10
		}
		f := s.foodNamed(name)
		if f == nil || s.Shelves.Now().Lib.Acidity.Of(f) == nil {
			v.Problem += "“" + name + "” has no figures to mix with. "
			continue
		}
		if len(v.Sliders) == maxSliders {
			v.Problem += fmt.Sprintf("Only the first %d fit. ", maxSliders)
			break
		}
		v.Sliders = append(v.Sliders, slider{name, n, len(v.Sliders)})
	}
	v.Result = s.mix(v.Sliders)
	return v
}

// mixOfRecipe writes a recipe's mixture as a list of shares by weight.
func (s *Pages) mixOfRecipe(c *gin.Context, id int64) string {
	r, err := s.Store.Recipe(c.Request.Context(), id)
	if err != nil {
		return ""
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return ""
	}
	m, err := s.Reviews.Mixture(r, k)
	if err != nil {
		return ""
	}
	parts := append([]acidity.Part{}, m.Parts...)
	total := 0.0
	for i := range parts {
		total += parts[i].Mass.Mid
	}
	sort.SliceStable(parts, func(i, j int) bool { return parts[i].Mass.Mid > parts[j].Mass.Mid })
	var list []string
	for _, p := range parts[:min(len(parts), maxSliders)] {
		if n := 100 * p.Mass.Mid / total; n >= 0.05 {
			list = append(list, fmt.Sprintf("%s:%s", strings.ReplaceAll(p.Name, ",", ""), kit.Decimal(math.Round(n*10)/10)))
		}
	}
	return strings.Join(list, ",")
}

// moveMix answers a moved slider.
func (s *Pages) moveMix(c *gin.Context) {
	var sliders []slider
	for i := range maxSliders {
		name := kit.Cut(c.Query("food"+strconv.Itoa(i)), 80)
		if name == "" {
			break
		}
		n, err := quantity.ParseFigure(c.Query("share" + strconv.Itoa(i)))
		if err != nil || n < 0 || n > 1000 {
			n = 0
		}
		sliders = append(sliders, slider{name, n, i})
	}
	s.Fragment(c, "mixresult", s.mix(sliders))
}

// mix estimates the sliders' mixture.
func (s *Pages) mix(sliders []slider) mixResult {
	lib := s.Shelves.Now().Lib
	m := &acidity.Mixture{}
	total := 0.0
	for _, x := range sliders {
		f := s.foodNamed(x.Food)
		p := lib.Acidity.Of(f)
		if x.Share == 0 || p == nil {
			continue
		}
		part := acidity.NewPart(f, p, acidity.Exactly(x.Share/100), acidity.TestedVinegar)
		part.Name = x.Food
		m.Parts = append(m.Parts, part)
		total += x.Share
	}
	if total == 0 {
		return mixResult{Problem: "Nothing is in the mixture: move a slider to the right."}
	}
	e := m.Estimate(benchDraws, review.Seed, nil)
	r := mixResult{Class: acidity.InWords[e.Class], Picture: draw.Mix(e).SVG()}
	if e.Mid == nil {
		r.Problem = strings.Join(e.Notes, " ")
		return r
	}
	r.Range = fmt.Sprintf("pH %.1f to %.1f, about %.1f", *e.Low, *e.High, *e.Mid)
	if e.Above != nil {
		r.Above = words.Thousands(int(math.Round(benchDraws**e.Above))) + " of " + words.Thousands(benchDraws) +
			" random draws lie over 4.6"
	}
	r.Sentence = strings.Join(e.Notes, " ")
	acid := lib.Acidity.ByID("citric-acid")
	if points, err := m.TitrateWith(acid, 6, 12); err == nil {
		r.Titration = draw.Titration(points).SVG()
		r.Enough = enough(points)
	}
	return r
}

// enough says from which addition on the whole range lies under the line.
func enough(points []acidity.Point) string {
	for _, p := range points {
		if p.High <= acidity.Limit {
			if p.Added == 0 {
				return "The whole range lies under 4.6 without any."
			}
			return fmt.Sprintf("From %.1f g a kg on the whole range lies under 4.6. That is arithmetic, no tested dose.",
				p.Added)
		}
	}
	return fmt.Sprintf("Even %.0f g a kg does not bring the whole range under 4.6.", points[len(points)-1].Added)
}

// doseView is the acid for a number of jars.
type doseView struct {
	Foods, Jars   []kit.Choice
	Count, Bottle string
	Rows          []doseRow
	Buy           string
	Source        string
	Problem       string
}

type doseRow struct{ Acid, PerJar, InAll string }

var measure = map[quantity.Unit]string{quantity.Tbsp: "Tbsp", quantity.Tsp: "tsp"}

const (
	usualBottle  = "15"
	doseJarsMost = 500
)

func (s *Pages) viewDose(q url.Values) doseView {
	v := doseView{Count: kit.Cut(q.Get("count"), 8), Bottle: kit.Cut(q.Get("bottle"), 8)}
	if v.Count == "" {
		v.Count = "7"
	}
	if v.Bottle == "" {
		v.Bottle = usualBottle
	}
	doses := s.Shelves.Now().Lib.Acidity.Doses
	pick, jar := doses[0], quantity.Jar(kit.Cut(q.Get("jar"), 20))
	if jar == "" || jar.Ounces() == 0 {
		jar = quantity.QuartJar
	}
	for _, d := range doses {
		chosen := d.ID == q.Get("dose")
		if chosen {
			pick = d
		}
		v.Foods = append(v.Foods, kit.Choice{Value: d.ID, Label: d.Food, Chosen: chosen})
	}
	for _, j := range []quantity.Jar{"half-pint", "pint", "24oz", "quart"} {
		v.Jars = append(v.Jars, kit.Choice{Value: string(j), Label: j.Plural(), Chosen: j == jar})
	}
	count, err := strconv.Atoi(v.Count)
	bottle, err2 := quantity.ParseFigure(v.Bottle)
	switch {
	case err != nil || count < 1 || count > doseJarsMost:
		v.Problem = fmt.Sprintf("How many jars? Type a whole number from 1 to %d.", doseJarsMost)
		return v
	case err2 != nil || bottle < 2 || bottle > 128:
		v.Problem = "How large is the bottle? Type its fluid ounces, 2 to 128; 15 and 32 are usual."
		return v
	}
	part := jar.Ounces() / quantity.QuartJar.Ounces()
	row := func(name string, perQuart float64, unit quantity.Unit, wet bool) {
		if perQuart == 0 {
			v.Rows = append(v.Rows, doseRow{name, "not named by the source", ""})
			return
		}
		one := perQuart * part
		all := quantity.Number(one*float64(count)) + " " + measure[unit]
		if wet {
			all += fmt.Sprintf(" (%.0f ml)", kit.Convert(one*float64(count), unit, quantity.Ml))
		}
		v.Rows = append(v.Rows, doseRow{name, quantity.Number(one) + " " + measure[unit], all})
	}
	row("bottled lemon or lime juice", pick.LemonTbsp, quantity.Tbsp, true)
	row("citric acid", pick.CitricTsp, quantity.Tsp, false)
	row("5 % vinegar", pick.VinegarTbsp, quantity.Tbsp, true)
	n := int(math.Ceil(kit.Convert(pick.LemonTbsp*part*float64(count), quantity.Tbsp, quantity.FlOz) / bottle))
	v.Buy = fmt.Sprintf("For the juice buy %d %s of %s fl oz (%.0f ml).", n, words.Plural("bottle", n),
		kit.Decimal(bottle), kit.Convert(bottle, quantity.FlOz, quantity.Ml))
	v.Source = pick.Source
	return v
}

// vinegarView is the arithmetic of vinegar and water.
type vinegarView struct {
	Percent, Vinegar, Water, TestedVinegar, TestedWater string
	Result, Advice, Problem                             string
}

func viewVinegar(q url.Values) vinegarView {
	get := func(name, usual string) string {
		if s := kit.Cut(q.Get(name), 10); s != "" {
			return s
		}
		return usual
	}
	v := vinegarView{get("percent", "5"), get("vinegar", "4"), get("water", "4"), get("tvinegar", "4"),
		get("twater", "4"), "", "", ""}
	var n [5]float64
	for i, s := range []string{v.Percent, v.Vinegar, v.Water, v.TestedVinegar, v.TestedWater} {
		x, err := quantity.ParseFigure(strings.TrimSuffix(s, "%"))
		if err != nil || x > 10000 {
			v.Problem = "“" + s + "” is no number; cups or any other measure will do, the same on every line."
			return v
		}
		n[i] = x
	}
	is := acidity.Brine{Vinegar: n[1], Water: n[2], Percent: n[0]}
	strength, err := is.Strength()
	if err != nil {
		v.Problem = words.Capital(err.Error()) + "."
		return v
	}
	ratio, err := is.Against(acidity.Brine{Vinegar: n[3], Water: n[4], Percent: acidity.TestedVinegar})
	if err != nil {
		v.Problem = "The tested brine: " + err.Error() + "."
		return v
	}
	v.Result = fmt.Sprintf("This brine is %.2f %% acid, ", strength)
	switch {
	case ratio < 0.995:
		v.Result += fmt.Sprintf("%.0f %% weaker than the tested one. Do not can with it: use less water.", 100*(1-ratio))
	case ratio > 1.005:
		v.Result += fmt.Sprintf("%.0f %% stronger than the tested one. That is safe; sweeten it if it is sharp.",
			100*(ratio-1))
	default:
		v.Result += "as strong as the tested one."
	}
	v.Advice = acidity.Advice(n[0])
	return v
}
