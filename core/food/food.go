// Package food holds what an ingredient is: its names, kind, groups, acidity
// range and density.
//
// A food has a range of pH, never a value. Groups are what rules and
// substitutions speak of ("bulb-onion", "capsicum", "dairy"). The package
// judges nothing.
package food

import (
	"fmt"
	"math"
	"slices"
	"sort"

	"damson/core/quantity"
	"damson/core/words"
)

// Food is one ingredient of the trade.
type Food struct {
	ID    string   `yaml:"id"`
	Names []string `yaml:"names"`
	Kind  string   `yaml:"kind"`
	// Further are everyday and regional names, which give way to any other sense
	// that a word has.
	Further []string `yaml:"further"`
	// Varieties are names that mean the food on an ingredient line only: many are
	// names of people too.
	Varieties []string `yaml:"varieties"`
	Groups    []string `yaml:"groups"`
	// PH is the lowest and highest published pH; empty where acidity does not
	// matter (salt, sugar, dry spice) or is not known.
	PH []float64 `yaml:"ph"`
	// Acids are the main organic acids in grams per 100 g.
	Acids map[string]float64 `yaml:"acids"`
	// Cup is the weight in grams of a US cup, by form.
	Cup map[string]float64 `yaml:"cup"`
	// Each is the weight in grams of a medium one, 0 where not known.
	Each float64 `yaml:"each"`
	// Water is the share of water in percent of the weight, 0 where not known.
	Water float64 `yaml:"water"`
	// MadeOf names the parts of a compound ingredient: ketchup is made of
	// tomato, vinegar, sugar and salt.
	MadeOf []string `yaml:"made_of"`
	// Hides names what the ingredient may hold unseen: starch, milk, fat …
	Hides  []string `yaml:"hides"`
	Source string   `yaml:"source"`
	// FromMemory is true until a person has checked the row against print.
	FromMemory bool `yaml:"from_memory"`
	// marks are those of its groups; 0 for a food outside a catalogue.
	marks uint64
}

// In reports whether the food belongs to any of the groups.
func (f *Food) In(groups ...string) bool {
	if f == nil {
		return false
	}
	for _, g := range groups {
		if (f.marks == 0 || f.marks&markOf(g) != 0) && slices.Contains(f.Groups, g) {
			return true
		}
	}
	return false
}

// markOf is one bit of the name of a group, by its length and three of its letters: a food without it is not in the
// group, and most questions are of such.
func markOf(group string) uint64 {
	n := len(group)
	if n == 0 {
		return 0
	}
	return 1 << ((n*5 + int(group[0])*7 + int(group[n/2])*3 + int(group[n-1])) & 63)
}

// HasPH reports whether a pH range is known.
func (f *Food) HasPH() bool { return f != nil && len(f.PH) == 2 }

// AcidClass sorts the food by its whole range against pH 4.6: "acid" when all
// of it lies at or under, "low-acid" when all of it lies above, "borderline"
// when it straddles, "neutral" where acidity does not matter or is unknown.
func (f *Food) AcidClass() string {
	switch {
	case !f.HasPH():
		return "neutral"
	case f.PH[1] <= 4.6:
		return "acid"
	case f.PH[0] > 4.6:
		return "low-acid"
	}
	return "borderline"
}

// cupForms lists, for a preparation, the density rows that serve it, best
// first.
var cupForms = map[string][]string{
	"chopped": {"chopped", "sliced", "crushed", "whole"}, "sliced": {"sliced", "chopped", "whole"},
	"grated": {"grated", "shredded", "chopped"}, "crushed": {"crushed", "mashed", "chopped"},
	"whole": {"whole", "halved", "pitted", "chopped", "sliced", "ground", "crushed"},
}

// GramsPerCup returns the weight of a US cup in the given form ("chopped",
// "sliced", "grated", "crushed", "whole"), or 0 where it is not known.
func (f *Food) GramsPerCup(form string) float64 {
	if f == nil {
		return 0
	}
	if g := f.Cup[form]; g > 0 {
		return g
	}
	for _, alt := range append(cupForms[form], cupForms["whole"]...) {
		if g := f.Cup[alt]; g > 0 {
			return g
		}
	}
	return 0
}

// Grams returns the weight of v units in the form, or false where density or
// piece weight are not known.
func (f *Food) Grams(v float64, u quantity.Unit, form string) (float64, bool) {
	switch u.Dimension() {
	case quantity.Mass:
		return quantity.Convert(v, u, quantity.G)
	case quantity.Volume:
		cups, _ := quantity.Convert(v, u, quantity.Cup)
		if d := f.GramsPerCup(form); d > 0 {
			return cups * d, true
		}
		return 0, false
	}
	if f != nil && f.Each > 0 && (u == quantity.Each || u == quantity.Clove || u == quantity.Ear || u == quantity.Stalk) {
		return v * f.Each, true
	}
	return 0, false
}

// Cups returns the volume of v units in the form, in US cups.
func (f *Food) Cups(v float64, u quantity.Unit, form string) (float64, bool) {
	if u.Dimension() == quantity.Volume {
		return quantity.Convert(v, u, quantity.Cup)
	}
	g, ok := f.Grams(v, u, form)
	if d := f.GramsPerCup(form); ok && d > 0 {
		return g / d, true
	}
	return 0, false
}

// Check fails on a food that cannot be right: no id, name, kind or source, a pH
// range that is not one, a density or a share of water that nothing has.
func (f *Food) Check() error {
	fail := func(format string, a ...any) error { return fmt.Errorf("food %q: %s", f.ID, fmt.Sprintf(format, a...)) }
	switch {
	case f.ID == "" || len(f.Names) == 0:
		return fail("id and names are needed")
	case len(f.PH) != 0 && (len(f.PH) != 2 || f.PH[0] > f.PH[1] || f.PH[0] < 0 || f.PH[1] > 14):
		return fail("ph must be [low, high] within 0 to 14")
	case f.Kind == "" || f.Source == "":
		return fail("kind and source are needed")
	case f.Water < 0 || f.Water > 100:
		return fail("water of %g %% is not plausible", f.Water)
	}
	for form, g := range f.Cup {
		if g < 5 || g > 500 || math.IsNaN(g) {
			return fail("cup.%s of %g g is not plausible", form, g)
		}
	}
	return nil
}

// Catalogue is a set of foods that can be found by name.
type Catalogue struct {
	foods  []*Food
	byID   map[string]*Food
	byName map[string]*Food
	// further holds the folded everyday names that are no name of a food.
	further map[string]*Food
	// byVariety holds the folded names of varieties that are no name of a food.
	byVariety map[string]*Food
}

// NewCatalogue indexes the foods. It fails on a missing id or name, a pH range
// that is not one, or a name that two foods share.
func NewCatalogue(foods []*Food) (*Catalogue, error) {
	c := &Catalogue{byID: map[string]*Food{}, byName: map[string]*Food{}, further: map[string]*Food{}, byVariety: map[string]*Food{}}
	for _, f := range foods {
		if err := f.Check(); err != nil {
			return nil, err
		}
		if c.byID[f.ID] != nil {
			return nil, fmt.Errorf("food %q: the id is taken", f.ID)
		}
		c.byID[f.ID] = f
		for _, n := range f.Names {
			key := words.FoldPhrase(n)
			if other := c.byName[key]; other != nil && other != f {
				return nil, fmt.Errorf("food %q: the name %q belongs to %q already", f.ID, n, other.ID)
			}
			c.byName[key] = f
		}
		c.foods = append(c.foods, f)
		for _, g := range f.Groups {
			f.marks |= markOf(g)
		}
	}
	for _, f := range foods {
		for _, n := range f.Further {
			if key := words.FoldPhrase(n); c.byName[key] == nil && c.further[key] == nil {
				c.further[key] = f
			}
		}
	}
	for _, f := range foods {
		for _, n := range f.Varieties {
			if key := words.FoldPhrase(n); c.byName[key] == nil && c.further[key] == nil && c.byVariety[key] == nil {
				c.byVariety[key] = f
			}
		}
	}
	sort.Slice(c.foods, func(i, j int) bool { return c.foods[i].ID < c.foods[j].ID })
	return c, nil
}

// All returns every food by id. The slice must not be changed.
func (c *Catalogue) All() []*Food { return c.foods }

// ByID returns the food with the id, or nil.
func (c *Catalogue) ByID(id string) *Food { return c.byID[id] }

// Any returns the food with the id, or else the first food by id of the group
// so named, or nil.
func (c *Catalogue) Any(name string) *Food {
	if f := c.byID[name]; f != nil {
		return f
	}
	for _, f := range c.foods {
		if f.In(name) {
			return f
		}
	}
	return nil
}

// Groups returns the ids and groups by which foods can be spoken of.
func (c *Catalogue) Groups() map[string]bool {
	out := map[string]bool{}
	for _, f := range c.foods {
		out[f.ID] = true
		for _, g := range f.Groups {
			out[g] = true
		}
	}
	return out
}

// ByName returns the food that the folded phrase names exactly, or nil.
func (c *Catalogue) ByName(folded string) *Food {
	if f := c.byName[folded]; f != nil {
		return f
	}
	return c.further[folded]
}

// Further returns every folded everyday name with its food.
func (c *Catalogue) Further() map[string]*Food { return c.further }

// Varieties returns every folded name of a variety with its food.
func (c *Catalogue) Varieties() map[string]*Food { return c.byVariety }

// Names returns every folded name with its food.
func (c *Catalogue) Names() map[string]*Food { return c.byName }
