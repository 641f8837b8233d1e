package app

import (
	"context"
	"fmt"
	"slices"
	"strings"
	"time"

	"damson/core/batch"
	"damson/core/canner"
	"damson/core/plan"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
	"damson/core/words"
	"damson/store"
)

// Days works out canning days: what each recipe of a plan can be canned by, and how many jars it fills.
type Days struct {
	store   *store.Store
	shelves *Shelves
	reviews *Reviews
	stove   *Stove
}

// Dish is a recipe of the plan with what was worked out for it.
type Dish struct {
	Stored  store.PlanDish
	Recipe  store.Recipe
	Result  *review.Result
	Options []plan.Option
	Chosen  *plan.Option
	Dish    plan.Dish
	Factor  float64
	Yield   string
	Missing string // why there is no plan for it
}

// Equipment turns the kitchen's canners into those of a plan.
func Equipment(k store.Kitchen, today time.Time) ([]plan.Canner, []canner.Problem) {
	var list []plan.Canner
	var problems []canner.Problem
	for _, x := range k.Canners {
		c := CannerOf(x)
		p := plan.Canner{Canner: c, ID: x.ID}
		if why, refused := c.Refused(today); refused {
			p.Out = x.Name + ": " + why
		}
		for _, pr := range c.Check(today) {
			pr.What = x.Name + ": " + pr.What
			problems = append(problems, pr)
		}
		list = append(list, p)
	}
	return list, problems
}

// CannerOf is a canner of the kitchen as the rules see it.
func CannerOf(x store.Canner) canner.Canner {
	return canner.Canner{Name: x.Name, Kind: x.Kind, Gauge: x.Gauge, Quarts: x.Quarts, Pints: x.Pints,
		HalfPints: x.HalfPints, Layers: x.Layers, WaterQuarts: x.WaterQuarts, VentMinutes: x.VentMinutes,
		TestedOn: day(x.TestedOn), ReadsHigh: x.ReadsHigh, GasketOn: day(x.GasketOn), Rack: x.Rack, Stove: x.Stove}
}

// Dish reviews a recipe without a gauge, so that every canner counts, and
// lays its processes out.
func (s *Days) Dish(ctx context.Context, x store.PlanDish, k store.Kitchen, canners []plan.Canner) (Dish, error) {
	d := Dish{Stored: x, Factor: 1}
	r, err := s.store.Recipe(ctx, x.RecipeID)
	if err != nil {
		return d, err
	}
	d.Recipe = r
	req, err := s.reviews.Request(r, k)
	if err != nil {
		d.Missing = err.Error()
		return d, nil
	}
	open := k
	open.CannerID = 0 // no gauge: every canner counts
	req.Gauge = ""
	res := s.reviews.Of(r, open)
	d.Result = res
	switch {
	case res.Verdict != review.Clear:
		d.Missing = Missing(res)
		return d, nil
	case k.ID == 0:
		d.Missing = "The kitchen's elevation is not known; set it up first."
		return d, nil
	case len(res.Methods) == 0:
		d.Missing = fmt.Sprintf("No tested process reaches %s ft for it.", words.Thousands(k.ElevationFt))
		return d, nil
	}
	d.Options = s.shelves.Now().Lib.Plan.Options(s.reviews.Ways(r, open, req, res), canners, x.Jars, x.Wide)
	d.Chosen = plan.Choose(d.Options, x.Process)
	if d.Chosen == nil {
		d.Missing = "None of its processes can be done in this kitchen: " + d.Options[0].Not + "."
		return d, nil
	}
	jar := quantity.Jar(d.Chosen.Process.Jar)
	if low, high := s.jarsOf(req.Recipe, res, jar); low+high > 0 {
		d.Factor = float64(x.Jars) / (float64(low+high) / 2)
		d.Yield = fmt.Sprintf("the recipe as written fills %d to %d %s", low, high, jar.Plural())
	}
	d.Dish, _ = plan.Describe(res, d.Chosen.Process, x.Jars, d.Factor)
	d.Dish.Canner, d.Dish.Wide, d.Dish.DayBefore = d.Chosen.Canner, x.Wide, x.DayBefore
	return d, nil
}

// jarsOf returns the least and the most jars that a recipe fills: by its tested
// procedure's printed yield, by the pounds that a source gives for a quart of its
// main food, or by its volume; 0 where nothing is known.
func (s *Days) jarsOf(rec *recipe.Recipe, res *review.Result, jar quantity.Jar) (low, high int) {
	if res.Tested != nil && res.Tested.Yield == "" {
		if y, ok := batch.ByPounds(rec, s.shelves.Now().Lib.Book.Equivalents); ok {
			return y.Jars(jar)
		}
	}
	if y, ok := batch.Estimate(s.shelves.Now().reviewer.Reader(), rec, res.Tested); ok {
		return y.Jars(jar)
	}
	return 0, 0
}

// UsualJars is how many jars a recipe is thought to fill, 0 where nobody can tell; it is
// kept with the recipe's review.
func (s *Days) UsualJars(r store.Recipe, k store.Kitchen, res *review.Result, jar quantity.Jar) int {
	if n, kept := s.reviews.jarsKept(r, k, jar); kept {
		return n
	}
	req, err := s.reviews.Request(r, k)
	if err != nil {
		return 0
	}
	low, high := s.jarsOf(req.Recipe, res, jar)
	n := 0
	if low+high > 1 {
		n = (low + high) / 2
	}
	s.reviews.keepJars(r, k, jar, n)
	return n
}

// Missing says what stands between a recipe and a plan.
func Missing(res *review.Result) string {
	if res.Verdict != review.Change {
		return "The verdict is " + strings.ToLower(res.Verdict.Words()) +
			": there is no process for it, so there is no plan. " + res.Sentence
	}
	var list []string
	for _, f := range res.Findings {
		do := words.LowerFirst(f.Do)
		if f.Severity == review.Amend && len(list) < 3 && !slices.Contains(list, do) {
			list = append(list, do)
		}
	}
	return "It is not clear yet, so there is no plan. First: " + strings.Join(list, "; ") + "."
}

// tookBefore is what pieces of work took in each canner: noted by hand, and out of the runs.
func (s *Days) tookBefore(ctx context.Context) (map[int64]map[string][]int, error) {
	out, err := s.store.TookBefore(ctx)
	if err != nil {
		return nil, err
	}
	runs, err := s.stove.Took(ctx)
	for id, pieces := range runs {
		if out[id] == nil {
			out[id] = map[string][]int{}
		}
		for piece, list := range pieces {
			out[id][piece] = append(out[id][piece], list...)
		}
	}
	return out, err
}

// Canners are those of a kitchen as a plan sees them, with what they took before and what is wrong with them.
func (s *Days) Canners(ctx context.Context, k store.Kitchen, today time.Time) ([]plan.Canner, []canner.Problem, error) {
	canners, problems := Equipment(k, today)
	took, err := s.tookBefore(ctx)
	if err != nil {
		return nil, nil, err
	}
	spent, err := s.store.SpentBefore(ctx)
	if err != nil {
		return nil, nil, err
	}
	for i := range canners {
		canners[i].Took, canners[i].Used = took[canners[i].ID], usesOf(spent[canners[i].ID])
	}
	return canners, problems, nil
}
