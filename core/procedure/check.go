package procedure

import (
	"errors"
	"fmt"
	"slices"

	"damson/core/quantity"
)

// Ranges that the sources ever use; a row outside them is a slip of the pen.
var (
	headspaces = []float64{0.125, 0.25, 0.5, 1, 1.25}
	pounds     = []int{5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15}
	classes    = []string{"vegetable", "fruit", "tomato", "meat", "poultry", "seafood", "soup", "pickle", "relish", "salsa", "fermented", "jam", "spread"}
	products   = []string{"plain", "soup", "salsa", "pickle", "relish", "jam", "spread", "stock", "juice", "sauce", "ketchup", "puree", "syrup", "pie-filling", "mixed", "sauced-beans", "cream-corn", "chili", "ferment", "curd", "specialty"}
	roles      = []Role{Main, LowAcid, Acid, Liquid, Fat, Sugar, GelSugar, Gel, Salt, FermentSalt, Seasoning, Starch, Extra}
	needs      = []string{"peeled", "soaked", "boiled", "half-solids", "browned", "boneless", "pureed", "crushed", "pieces", "trimmed", "reduced", "fermented", "grated", "baked", "rinsed"}
)

// Classes, Products and Needs return the words that a procedure may use.
func Classes() []string  { return slices.Clone(classes) }
func Products() []string { return slices.Clone(products) }
func Needs() []string    { return slices.Clone(needs) }

// Check fails on a procedure that cannot be right: missing source, unknown
// words, headspace or pounds that no source uses, bands that do not touch or
// that fall with elevation, a gauge missing or out of place.
func (p *Procedure) Check() error {
	fail := func(format string, a ...any) error {
		return fmt.Errorf("procedure %q: %s", p.ID, fmt.Sprintf(format, a...))
	}
	switch {
	case p.ID == "" || p.Title == "":
		return fail("id and title are needed")
	case p.Source == "" || p.Section == "":
		return fail("source and section are needed")
	case !slices.Contains(classes, p.Class):
		return fail("class %q is unknown", p.Class)
	case !slices.Contains(products, p.Product):
		return fail("product %q is unknown", p.Product)
	case !slices.Contains([]string{"acid", "acidified", "low-acid"}, p.Acidity):
		return fail("acidity %q is unknown", p.Acidity)
	case len(p.Rows) == 0:
		return fail("no process rows")
	}
	if err := p.checkIngredients(); err != nil {
		return fail("%v", err)
	}
	for _, n := range p.Needs {
		if !slices.Contains(needs, n.Need) || n.Text == "" {
			return fail("need %q is unknown or has no text", n.Need)
		}
		if !(n.Minutes >= 0 && n.Minutes <= 120) {
			return fail("need %q: food is heated 0 to 120 minutes before it is filled", n.Need)
		}
	}
	if err := p.Sizes.check(); err != nil {
		return fail("%v", err)
	}
	if err := p.Canner.check(); err != nil {
		return fail("%v", err)
	}
	for _, r := range p.Rows {
		check := r.Check
		if r.Checked != nil && r.Checked.Changed { // somebody has read it in print, and was asked twice
			check = func() error { return r.Possible(p.Acidity) }
		}
		if err := check(); err != nil {
			return fail("%s %s %s %s: %v", r.Method, r.Gauge, r.Pack, r.Jar, err)
		}
		if err := r.suits(p.Acidity); err != nil {
			return fail("%s %s %s %s: %v", r.Method, r.Gauge, r.Pack, r.Jar, err)
		}
	}
	return nil
}

// checkIngredients fails on an ingredient without its amounts, and where nothing is what it is made of.
func (p *Procedure) checkIngredients() error {
	main := p.General
	for _, in := range p.Ingredients {
		main = main || in.Role == Main
		if err := in.check(); err != nil {
			return fmt.Errorf("ingredient %q: %w", in.Name, err)
		}
	}
	if !main {
		return errors.New("one ingredient must be what the product is made of")
	}
	return nil
}

func (in *Ingredient) check() error {
	both := in.Amount > 0 && in.AlsoUnit != quantity.None && in.AlsoUnit.Dimension() != in.Unit.Dimension()
	switch {
	case in.Name == "" || len(in.Same) == 0 || !slices.Contains(roles, in.Role):
		return errors.New("name, same and a known role are needed")
	case in.Amount < 0 || in.Amount > 0 && in.Unit == quantity.None:
		return errors.New("the amount needs a unit")
	case in.AlsoAmount < 0 || in.AlsoAmount > 0 && !both:
		return errors.New("the other amount stands beside the first, and is by weight where that is by volume")
	}
	return nil
}

// check fails on pieces that no jar takes, and on whole ones where the food is always cut.
func (s Sizes) check() error {
	switch {
	case !(s.Cut >= 0 && s.Cut <= mostInches && s.Whole >= 0 && s.Whole <= mostInches):
		return fmt.Errorf("pieces are 0 to %d inches, not %g cut and %g whole", mostInches, s.Cut, s.Whole)
	case s.NeverWhole && s.Whole > 0:
		return fmt.Errorf("what is never whole has no size for whole ones")
	}
	return nil
}

// check fails on a canner that nobody has, and on water that does not go into it.
func (c Canner) check() error {
	switch {
	case !(c.MinQuarts >= 0 && c.MaxQuarts >= 0 && c.MaxQuarts <= mostQuarts && c.WaterQuarts >= 0):
		return fmt.Errorf("a canner holds 0 to %d quarts", mostQuarts)
	case c.MaxQuarts > 0 && c.MinQuarts > c.MaxQuarts:
		return fmt.Errorf("a canner of at least %g quarts is not of %g at most", c.MinQuarts, c.MaxQuarts)
	case c.MinQuarts > 0 && c.WaterQuarts >= c.MinQuarts:
		return fmt.Errorf("%g quarts of water fill a canner of %g", c.WaterQuarts, c.MinQuarts)
	case !(c.HeatMinutes >= 0 && c.HeatMinutes <= mostMinutes):
		return fmt.Errorf("a canner is heated 0 to %d minutes before it is vented", mostMinutes)
	}
	return nil
}

// The largest piece and canner of a kitchen (common practice, no source).
const (
	mostInches = 6
	mostQuarts = 50
)

// Rising fails unless the row's figures rise, or stay, with elevation.
func (r Row) Rising() error {
	if err := r.Minutes.check(); err != nil {
		return fmt.Errorf("minutes: %w", err)
	}
	if len(r.PSI) > 0 {
		if err := r.PSI.check(); err != nil {
			return fmt.Errorf("psi: %w", err)
		}
	}
	return nil
}

// What no process table can hold: less than the shortest process and the lowest
// pressure that any source prints, less than the lowest for a low-acid food, a
// headspace that is none (common practice, no source).
const (
	fewestMinutes  = 5
	mostMinutes    = 240
	fewestPounds   = 5
	lowAcidPounds  = 10
	mostPounds     = 25
	leastHeadspace = 0.125
	mostHeadspace  = 4
)

// Possible fails on figures that no source can have printed, whoever has read them
// there, for a food of the acidity. Check is narrower: it knows only the figures that
// are in use.
func (r Row) Possible(acidity string) error {
	if !(r.HeadspaceIn >= leastHeadspace && r.HeadspaceIn <= mostHeadspace) {
		return fmt.Errorf("no jar has a headspace of %g in", r.HeadspaceIn)
	}
	for _, b := range r.Minutes {
		if b.Value < fewestMinutes || b.Value > mostMinutes {
			return fmt.Errorf("no source prints a process of %d minutes", b.Value)
		}
	}
	least := fewestPounds
	if acidity == "low-acid" {
		least = lowAcidPounds
	}
	for _, b := range r.PSI {
		if b.Value < least || b.Value > mostPounds {
			return fmt.Errorf("no source prints %d psi for it", b.Value)
		}
	}
	if err := r.suits(acidity); err != nil {
		return err
	}
	return r.Rising()
}

// suits fails on a method that the acidity forbids, and on pounds that are too few
// for a low-acid food.
func (r Row) suits(acidity string) error {
	if acidity != "low-acid" {
		return nil
	}
	if r.Method == WaterBath {
		return fmt.Errorf("a low-acid food has no water-bath process")
	}
	for _, b := range r.PSI {
		if b.Value < lowAcidPounds {
			return fmt.Errorf("psi: %d is too little for a low-acid food", b.Value)
		}
	}
	return nil
}

// Check fails on a row that cannot be right: figures that no source uses, bands
// that do not touch or that fall with elevation, a gauge missing or out of
// place.
func (r Row) Check() error {
	if !slices.Contains([]string{WaterBath, Pressure}, r.Method) {
		return fmt.Errorf("method %q is unknown", r.Method)
	}
	if !slices.Contains([]string{"raw", "hot"}, r.Pack) {
		return fmt.Errorf("pack %q is unknown", r.Pack)
	}
	if quantity.Jar(r.Jar).Ounces() == 0 {
		return fmt.Errorf("jar %q is unknown", r.Jar)
	}
	if !slices.Contains(headspaces, r.HeadspaceIn) {
		return fmt.Errorf("headspace %g in is none that a source uses", r.HeadspaceIn)
	}
	if err := r.Minutes.check(); err != nil {
		return fmt.Errorf("minutes: %w", err)
	}
	for _, b := range r.Minutes {
		if b.Value < 5 || b.Value > 160 {
			return fmt.Errorf("minutes: %d is outside 5 to 160", b.Value)
		}
	}
	if r.Method == WaterBath {
		if r.Gauge != "" || len(r.PSI) != 0 {
			return fmt.Errorf("a water bath has no gauge and no pounds")
		}
		return nil
	}
	if r.Gauge != "dial" && r.Gauge != "weighted" {
		return fmt.Errorf("gauge %q is unknown", r.Gauge)
	}
	if err := r.PSI.check(); err != nil {
		return fmt.Errorf("psi: %w", err)
	}
	for _, b := range r.PSI {
		if !slices.Contains(pounds, b.Value) {
			return fmt.Errorf("psi: %d is none that a source uses", b.Value)
		}
	}
	return nil
}
