package review

import (
	"fmt"
	"math"
	"slices"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Rule is one thing that the review looks for. Its text is the user's help.
type Rule struct {
	Code     string `json:"code"`
	Title    string `json:"title"`
	LooksFor string `json:"looks_for"`
	Why      string `json:"why"`
	WayRound string `json:"way_round"`
	Source   string `json:"source"`
}

// Rules returns every rule by family. The slice must not be changed.
func Rules() []*Rule { return rules }

// RuleByCode returns the rule with the code, or nil.
func RuleByCode(code string) *Rule { return byCode[code] }

var rules = slices.Concat(neverRules, formRules, acidRules, proportionRules, processRules)

var byCode = func() map[string]*Rule {
	codes := map[string]*Rule{}
	for _, r := range rules {
		codes[r.Code] = r
	}
	return codes
}()

// bench is one comparison: a draft beside a procedure, with the facts that
// rules share computed once.
type bench struct {
	*draft
	req Request
	cat *food.Catalogue
	// hint names what a word that nobody knows may be about, by its clause.
	hint func(clause string) string
	own  map[string]*procedure.Procedure // food id -> its own plain low-acid procedure
	// largest holds the largest tested jar of each procedure.
	largest map[*procedure.Procedure]quantity.Jar
	proc    *procedure.Procedure // nil where nothing is near enough
	// main is the index of the main food among items, -1 where there is none.
	main int
	// of holds, for each item, the procedure's ingredient that it is, or -1.
	of []int
	// option holds the index of the option used, -1 for the ingredient itself.
	option []int
	// like is true where the item stands in for the printed ingredient.
	like []bool
	// scale is the recipe's batch against the procedure's, 0 where unknown.
	scale float64

	// leave holds the permission under which each item stands.
	leave    []Permission
	findings []Finding
	// asked counts the questions of each line.
	asked map[int]int

	// table are the processes for the draft, looked up once.
	table    []procedure.Process
	lookedUp bool
	// told are the clauses of the method, walked once.
	told   []told
	walked bool
	// cold and coldLine are what filledCold found, once it has felt for it.
	cold, felt bool
	coldLine   int
}

// at returns a pointer to the line number, nil for 0.
func at(line int) *int {
	if line == 0 {
		return nil
	}
	return &line
}

// report files a finding; texts left empty come from the rule.
func (b *bench) report(f Finding) {
	r := byCode[f.Code]
	if r == nil {
		panic("review: no rule has the code " + f.Code)
	}
	if f.Message == "" {
		f.Message = r.Why
	}
	if f.Remedy == "" && f.Severity != Note {
		f.Remedy = r.WayRound
	}
	if f.Source == "" {
		f.Source = r.Source
	}
	if f.Do == "" {
		f.Do = r.Title
	}
	f.Edits = b.named(f.Edits)
	for _, have := range b.findings {
		if have.Code == f.Code && have.Severity == f.Severity && have.Ingredient == f.Ingredient && same(have.Line, f.Line) {
			return
		}
	}
	b.findings = append(b.findings, f)
}

func same(a, b *int) bool { return a == nil && b == nil || a != nil && b != nil && *a == *b }

// acidic reports whether the procedure's safety rests on acid.
func (b *bench) acidic() bool { return b.proc != nil && b.proc.Acidity != "low-acid" }

// soup reports whether the procedure is the general one for soups.
func (b *bench) soup() bool { return b.proc != nil && b.proc.General }

// newBench lays a draft beside a procedure.
func newBench(d *draft, req Request, e *Reviewer, p *procedure.Procedure) *bench {
	b := &bench{draft: d, req: req, cat: e.cat, hint: e.reader.Hint, own: e.own, largest: e.largest, proc: p, leave: make([]Permission, len(d.items))}
	b.main = mainItem(d)
	b.match()
	b.scale = b.batchScale()
	return b
}

// match pairs items with the procedure's ingredients: first by the food
// itself, then by its group, then by what may stand in for it.
func (b *bench) match() {
	b.of, b.option, b.like = make([]int, len(b.items)), make([]int, len(b.items)), make([]bool, len(b.items))
	for i := range b.items {
		b.of[i], b.option[i] = -1, -1
		it := &b.items[i]
		if b.proc == nil || it.ref == nil || it.serving {
			continue
		}
		best := 0
		for k := range b.proc.Ingredients {
			in := &b.proc.Ingredients[k]
			if s := closeness(it.ref, in.Same); s > 0 && s+1 > best {
				best = s + 1
				b.of[i], b.option[i], b.like[i] = k, -1, false
			}
			if closeness(it.ref, in.Like) > 0 && best < 1 {
				best = 1
				b.of[i], b.option[i], b.like[i] = k, -1, true
			}
			for o := range in.Options {
				if s := closeness(it.ref, in.Options[o].Same); s > 0 && s+1 > best {
					best = s + 1
					b.of[i], b.option[i], b.like[i] = k, o, false
				}
			}
		}
	}
}

// closeness is 2 where the food itself is listed, 1 where a group of it is.
func closeness(f *food.Food, names []string) int {
	for _, n := range names {
		if n == f.ID {
			return 2
		}
	}
	if f.In(names...) {
		return 1
	}
	return 0
}

// maybe reports whether the item is the ingredient, or what may stand for it.
func (it *item) maybe(in *procedure.Ingredient) bool {
	return it.ref != nil && (closeness(it.ref, in.Same) > 0 || closeness(it.ref, in.Like) > 0)
}

// matched returns the items that are ingredient k.
func (b *bench) matched(k int) []int {
	var out []int
	for i := range b.items {
		if b.of[i] == k {
			out = append(out, i)
		}
	}
	return out
}

// role returns the role of item i in the procedure, "" where it has none.
func (b *bench) role(i int) procedure.Role {
	if b.of[i] < 0 {
		return ""
	}
	return b.proc.Ingredients[b.of[i]].Role
}

// amountOf returns the batch amount of ingredient k as grams and cups of the
// food f; a figure is 0 where it is not known.
func amountOf(in *procedure.Ingredient, f *food.Food) (grams, cups float64) {
	if in.Amount == 0 || f == nil {
		return 0, 0
	}
	form := in.Form
	if form == "" {
		form = "whole"
	}
	if in.Unit == quantity.Head && f.In("garlic") {
		return in.Amount * headOfGarlic * 4, 0
	}
	grams, _ = f.Grams(in.Amount, in.Unit, form)
	cups, _ = f.Cups(in.Amount, in.Unit, form)
	if in.AlsoAmount > 0 {
		if g, ok := quantity.Convert(in.AlsoAmount, in.AlsoUnit, quantity.G); ok {
			grams = g
		} else if c, ok := quantity.Convert(in.AlsoAmount, in.AlsoUnit, quantity.Cup); ok {
			cups = c
		}
	}
	return grams, cups
}

// ratio returns how much of the ingredient's batch amount the items hold, 1
// being the tested amount. known is false where an amount is missing or does
// not convert.
func (b *bench) ratio(k int, items []int) (r float64, known bool) {
	in := &b.proc.Ingredients[k]
	if in.Amount == 0 {
		return 0, false
	}
	sum := 0.0
	for _, i := range items {
		it := &b.items[i]
		if it.choice {
			continue
		}
		share, ok := b.share(in, it)
		if !ok {
			return 0, false
		}
		sum += share
	}
	return sum, true
}

// packageOunces are the ounces of a package, as they are sold (common practice, no source).
var packageOunces = map[string]float64{"liquid-pectin": 3, "pectin": 1.75}

// share returns one item's part of the ingredient's batch amount.
func (b *bench) share(in *procedure.Ingredient, it *item) (float64, bool) {
	if it.amount.IsZero() || it.unclear {
		return 0, false
	}
	if it.amount.Unit == in.Unit && it.src.Package == nil && in.Unit.Dimension() == quantity.Count {
		return it.amount.Max * it.factor / in.Amount, true
	}
	grams, cups := amountOf(in, it.ref)
	volume := it.amount.Unit.Dimension() == quantity.Volume
	if r, ok := b.asBothTell(in, it, grams, cups); ok {
		return r, true
	}
	if c, ok := it.cups(); ok && cups > 0 && (volume && in.Unit.Dimension() == quantity.Volume || grams == 0) {
		// Volume against volume: whole berries for crushed ones still differ.
		if in.Form == "" || it.src.Form() == in.Form || it.src.Form() == "whole" && in.Form != "crushed" {
			return c / cups, true
		}
	}
	if g, ok := it.grams(); ok && grams > 0 {
		return g / grams, true
	}
	if c, ok := it.cups(); ok && cups > 0 {
		return c / cups, true
	}
	if in.Unit == quantity.Package && it.amount.Unit == quantity.Package || in.Unit == quantity.Package && it.amount.Unit == quantity.Each {
		return it.amount.Max * it.factor / in.Amount, true
	}
	return 0, false
}

// asBothTell returns the share where tested recipe and text tell the amount the same way: by the ounce of
// a package, or by volume and by weight.
func (b *bench) asBothTell(in *procedure.Ingredient, it *item, grams, cups float64) (float64, bool) {
	if oz := packageOunces[it.ref.ID]; oz > 0 && in.Unit == quantity.Package && it.amount.Unit == quantity.Oz {
		return it.amount.Max * it.factor / oz / in.Amount, true
	}
	if in.AlsoAmount == 0 || it.src.Pieces == 0 || grams == 0 || cups == 0 {
		return 0, false
	}
	if it.amount.Unit.Dimension() != quantity.Volume || in.Unit.Dimension() != quantity.Volume {
		return 0, false
	}
	c, ok := it.ref.Cups(it.amount.Max, it.amount.Unit, it.src.Form())
	return max(c/cups, it.src.Pieces/grams) * it.factor, ok
}

// batchScale compares the main food's amount with the procedure's.
func (b *bench) batchScale() float64 {
	if b.proc == nil {
		return 0
	}
	for k := range b.proc.Ingredients {
		if b.proc.Ingredients[k].Role != procedure.Main || b.proc.Ingredients[k].Amount == 0 {
			continue
		}
		if r, ok := b.ratio(k, b.matched(k)); ok && r > 0 {
			return r * b.least(b.matched(k))
		}
	}
	return 0
}

// least returns the smaller end of the main food's range against its larger one:
// of a range the end counts that is worse for safety.
func (b *bench) least(items []int) float64 {
	part := 1.0
	for _, i := range items {
		part = min(part, low(&b.items[i]))
	}
	if part < 1/1.35 {
		return part
	}
	return 1
}

// proportional reports whether the procedure's amounts matter: it lists a
// batch whose acid, fat or gel must keep step with the food.
func (b *bench) proportional() bool {
	if b.proc == nil {
		return false
	}
	for _, in := range b.proc.Ingredients {
		if in.Amount > 0 && in.Per == "" && (in.Role == procedure.Acid || in.Role == procedure.LowAcid || in.Role == procedure.GelSugar || in.Role == procedure.Fat) {
			return true
		}
	}
	return false
}

// notMain are the groups that are never what a product is made of.
var notMain = []string{"salt", "dry-seasoning", "water", "broth", "sugar", "honey", "vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "fresh-citrus",
	"citric-acid", "antibrowning", "powdered-pectin", "liquid-pectin", "low-sugar-pectin", "firming", "fat", "dairy", "egg", "thickener", "starch-solid", "tomato-juice",
	"wine", "spirit", "salty-condiment", "condiment-acid", "hides-thickener", "may-hide-thickener", "herb", "zest", "fruit-syrup", "molasses", "non-sugar", "alkali",
	"not-acidifier", "chemical-preservative", "cured-meat", "garlic", "coconut", "fresh-aromatic", "fruit-juice", "tomato-paste"}

// discounted foods season more often than they are the dish: for the choice of
// the main food they count by a part of their volume.
var discounted = []string{"bulb-onion", "allium", "celery"}

const seasonsMore = 4

// mainItem returns the item that the product is made of: the largest by volume
// that is no seasoning, liquid or acid. Where that leaves nothing, the largest
// of whatever goes into the jar, and at last what is for serving.
func mainItem(d *draft) int {
	best, most := -1, -1.0
	for pass := 0; pass < 3 && best < 0; pass++ {
		for i := range d.items {
			it := &d.items[i]
			if it.ref == nil && it.head == nil || it.choice || it.fromStep && pass == 0 || pass < 2 && it.serving {
				continue
			}
			f := it.ref
			if f == nil {
				f = it.head
			}
			if pass == 0 && it.minor || pass > 0 && f.In("salt", "water", "dry-seasoning", "powdered-pectin", "liquid-pectin") || pass > 0 && f.In("sugar", "honey") && d.kind != "curd" {
				continue
			}
			c, ok := it.cups()
			if !ok {
				c = 0.5
			}
			if it.src != nil && !it.amount.IsZero() && it.amount.Unit == quantity.Peck {
				c = 32
			}
			if f.In(discounted...) {
				c /= seasonsMore
			}
			if c > most {
				best, most = i, c
			}
		}
	}
	return best
}

// near reports whether x is within part of y.
func near(x, y, part float64) bool { return math.Abs(x-y) <= part*y }

// said writes an amount for a sentence.
func said(v float64, u quantity.Unit) string {
	return quantity.Amount{Min: v, Max: v, Unit: u}.String()
}

func (b *bench) lineOf(s *recipe.Said[float64]) *int {
	if s == nil {
		return nil
	}
	return at(s.Line)
}

func sprint(format string, a ...any) string { return fmt.Sprintf(format, a...) }
