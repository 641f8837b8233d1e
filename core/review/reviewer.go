package review

import (
	"slices"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/method"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Reviewer reviews recipes against a library. It is safe for use by several
// goroutines.
type Reviewer struct {
	reader *recipe.Reader
	cat    *food.Catalogue
	procs  *procedure.Library
	// own maps a food to its own plain low-acid procedure.
	own map[string]*procedure.Procedure
	// plain maps a food to the procedure for it alone, whatever its acidity.
	plain map[string]*procedure.Procedure
	// largest holds the largest tested jar of each procedure.
	largest map[*procedure.Procedure]quantity.Jar
	// leads holds the ingredients that each procedure's product is made of.
	leads map[*procedure.Procedure][]int
	// names holds the folded titles of each procedure.
	names map[*procedure.Procedure][]string
	// products are the folded names of all procedures.
	products map[string]bool
	// unprocessed are the names of products without a tested process, the longest first.
	unprocessed []namedProduct
	// checks are the looks at a draft, in their order.
	checks []check
	// acidity says what foods hold; nil where no estimate is wanted.
	acidity *acidity.Table
}

// New returns a reviewer over the foods and procedures.
func New(cat *food.Catalogue, procs *procedure.Library, lang *method.Language) *Reviewer {
	return Over(recipe.NewReader(cat, lang), cat, procs)
}

// Over is New with a reader at hand.
func Over(reader *recipe.Reader, cat *food.Catalogue, procs *procedure.Library) *Reviewer {
	e := &Reviewer{reader: reader, cat: cat, procs: procs, checks: checks(),
		own: map[string]*procedure.Procedure{}, products: map[string]bool{},
		names: map[*procedure.Procedure][]string{}, leads: map[*procedure.Procedure][]int{},
		plain: map[string]*procedure.Procedure{}, largest: map[*procedure.Procedure]quantity.Jar{}}
	for _, p := range procs.All() {
		for _, n := range append([]string{p.Title}, p.Names...) {
			e.names[p] = append(e.names[p], foldTitle(n))
			e.products[foldTitle(n)] = true
		}
		e.leads[p], e.largest[p] = leadsOf(cat, p), p.LargestJar()
		if p.Product != "plain" {
			continue
		}
		for _, in := range p.Ingredients {
			if in.Role != procedure.Main {
				continue
			}
			for _, f := range cat.All() {
				if closeness(f, in.Same) == 0 {
					continue
				}
				if p.Acidity == "low-acid" {
					e.own[f.ID] = p
				}
				if e.plain[f.ID] == nil {
					e.plain[f.ID] = p
				}
			}
		}
	}
	return e
}

// leadsOf returns the ingredients that a recipe of p may be known by: its main
// foods, and what by sheer volume would be taken for the main food.
func leadsOf(cat *food.Catalogue, p *procedure.Procedure) []int {
	var leads []int
	best, most := -1, 0.0
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		if in.Role == procedure.Main {
			leads = append(leads, k)
		}
		f := cat.Any(in.Same[0])
		if f == nil || f.In(notMain...) || f.Kind == "spice" {
			continue
		}
		_, c := amountOf(in, f)
		if f.In(discounted...) {
			c /= seasonsMore
		}
		if c > most {
			best, most = k, c
		}
	}
	if best >= 0 && !slices.Contains(leads, best) {
		leads = append(leads, best)
	}
	return leads
}

// Reader returns the reader that the reviewer's recipes are read with.
func (e *Reviewer) Reader() *recipe.Reader { return e.reader }
