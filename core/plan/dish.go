package plan

import (
	"slices"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
)

// notPrepared are the groups that need no washing, cutting or peeling.
var notPrepared = []string{"water", "broth", "vinegar", "weak-vinegar", "sugar", "salt", "honey", "molasses", "dry-seasoning", "fat", "bottled-citrus", "citric-acid", "fruit-juice", "tomato-juice",
	"powdered-pectin", "liquid-pectin", "low-sugar-pectin", "modified-starch", "firming", "antibrowning", "tomato-paste", "tomato-sauce", "wine"}

// Describe tells what a clear recipe needs on the day, for so many jars. factor
// is its batch against the recipe's own. It reports false for a recipe that is
// not clear: for that there is no plan.
func Describe(res *review.Result, p procedure.Process, jars int, factor float64) (Dish, bool) {
	if res.Verdict != review.Clear || res.Tested == nil || jars < 1 {
		return Dish{}, false
	}
	d := Dish{Title: res.Title, Process: p, Jars: jars, Canner: -1}
	for _, l := range res.Lines {
		if l.Kind != recipe.Ingredient || l.Serving || l.Ref == nil {
			continue
		}
		kg := 0.0
		if l.Grams != nil {
			kg = *l.Grams / 1000 * factor
		}
		if !l.Ref.In(notPrepared...) && l.Ref.Kind != "spice" && !l.Ref.In("dry-bean") {
			d.Kg += kg
			if slices.Contains(l.Prep, "peeled") || res.Tested.Requires("peeled") && !l.Ref.In("herb", "celery", "bulb-onion", "garlic") {
				d.PeelKg += kg
			}
		}
		d.RawPoultry = d.RawPoultry || l.Ref.In("poultry", "bone-in-poultry") && !slices.Contains(l.Prep, "cooked")
		d.HotPeppers = d.HotPeppers || l.Ref.In("hot-pepper")
		d.Soak = d.Soak || l.Ref.In("dry-bean") && !slices.Contains(l.State, "canned")
		if l.Ref.In("red-meat", "ground-meat") && p.Pack == "hot" {
			d.BrownKg += kg
		}
	}
	d.NoLiquid = !slices.ContainsFunc(res.Tested.Ingredients, func(in procedure.Ingredient) bool {
		return in.Role == procedure.Liquid
	})
	d.CookDown = res.Tested.Requires("reduced") || res.Tested.Product == "spread" || res.Tested.Product == "ketchup"
	return d, true
}

// EveryWay returns every process that a clear recipe's procedure offers here,
// whatever method, jar and pack the recipe itself names: each is reviewed, and
// stays only where the recipe is clear by it. The recipe's own come first.
func EveryWay(reviewer *review.Reviewer, req review.Request, res *review.Result) []procedure.Process {
	out := slices.Clone(res.Methods)
	has := func(p procedure.Process) bool {
		return slices.ContainsFunc(out, func(o procedure.Process) bool { return o.Key() == p.Key() })
	}
	tried := map[[3]string]bool{}
	for _, p := range res.Tested.At(req.Elevation) {
		way := [3]string{p.Method, p.Jar, p.Pack}
		if tried[way] || has(p) {
			continue
		}
		tried[way] = true
		other := req
		other.Method, other.Jar, other.Pack = p.Method, quantity.Jar(p.Jar), p.Pack
		r := reviewer.Review(other)
		if r.Verdict != review.Clear || r.Tested.ID != res.Tested.ID {
			continue
		}
		for _, m := range r.Methods {
			if !has(m) {
				out = append(out, m)
			}
		}
	}
	return out
}

// Item is one line of the shopping list.
type Item struct {
	Line int
	// Text is the recipe's line for the batch, Food the food by name.
	Text, Food string
	// Kitchen is the amount as a kitchen measures it; empty where the recipe gives
	// none.
	Kitchen string
	// Buy is the weight to buy where the recipe measures it prepared: kg.
	BuyLeast, BuyMost float64
	// EachJar is the amount by the jar, where the recipe has it so.
	EachJar string
	// Need is what it takes, for its price.
	Need Bought
}

// Shop returns what the batch takes, line by line. factor is the batch against
// the recipe's own, jars and jar those that are filled.
func (t *Table) Shop(res *review.Result, jar quantity.Jar, jars int, factor float64) []Item {
	var out []Item
	for _, l := range res.Lines {
		if l.Kind != recipe.Ingredient || l.Serving {
			continue
		}
		for _, x := range append([]*recipe.Line{l}, l.Also...) {
			out = append(out, t.item(x, l.No, jar, jars, factor))
		}
	}
	return out
}

func (t *Table) item(l *recipe.Line, no int, jar quantity.Jar, jars int, factor float64) Item {
	it := Item{Line: no, Food: l.Food, Text: l.Text}
	a := l.Amount()
	if a.IsZero() {
		return it
	}
	if l.Per != "" {
		one := EachJar(l, jar)
		it.EachJar, it.Kitchen = quantity.Kitchen(one, a.Unit), quantity.Kitchen(one*float64(jars), a.Unit)
		it.Need = Bought{Food: l.Ref, Amount: one * float64(jars), Unit: a.Unit, Form: l.Form()}
		return it
	}
	it.Kitchen = quantity.Kitchen(a.Max*factor, a.Unit)
	it.Need = Bought{Food: l.Ref, Amount: a.Max * factor, Unit: a.Unit, Form: l.Form()}
	if a.Unit.Dimension() == quantity.Volume && prepared(l) {
		if kg := grams(l) * factor / 1000; kg > 0 {
			if least, most, ok := t.Buy(l.Ref, kg); ok {
				it.BuyLeast, it.BuyMost = least, most
				it.Need.Kg = (least + most) / 2
			}
		}
	}
	return it
}

// EachJar returns what a line that is measured by the jar puts into such a jar,
// in the line's unit: a dose for a quart is halved for a pint.
func EachJar(l *recipe.Line, jar quantity.Jar) float64 {
	of, ok := quantity.ParseJar(l.Per)
	if !ok {
		of = jar
	}
	return l.Amount().Max * jar.Ounces() / of.Ounces()
}

// Uncovered reports whether the procedure covers the food with liquid and the
// recipe gives no amount of any.
func Uncovered(res *review.Result) bool {
	liquid := slices.ContainsFunc(res.Tested.Ingredients, func(in procedure.Ingredient) bool { return in.Role == procedure.Liquid })
	return liquid && !slices.ContainsFunc(res.Lines, func(l *recipe.Line) bool {
		return !l.Serving && l.Ref.In("water", "broth", "vinegar", "fruit-juice", "tomato-juice", "fruit-syrup") && !l.Amount().IsZero()
	})
}

func grams(l *recipe.Line) float64 {
	if l.Grams == nil {
		return 0
	}
	return *l.Grams
}

// prepared reports whether the line measures food that is peeled or cut already.
func prepared(l *recipe.Line) bool {
	for _, p := range []string{"chopped", "diced", "sliced", "cubed", "peeled", "cut", "minced", "shredded", "grated", "cored", "seeded", "pitted", "hulled", "trimmed", "crushed", "shelled"} {
		if slices.Contains(l.Prep, p) {
			return true
		}
	}
	return false
}

// Fruit reports whether the recipe is plain fruit, for which a syrup is chosen.
func Fruit(res *review.Result) bool {
	if res.Tested == nil || res.Tested.Class != "fruit" || res.Tested.Product != "plain" {
		return false
	}
	return !slices.ContainsFunc(res.Lines, func(l *recipe.Line) bool { return sweet(l.Ref) })
}

func sweet(f *food.Food) bool { return f.In("sugar", "honey", "fruit-syrup") }
