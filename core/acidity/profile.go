package acidity

import (
	"errors"
	"fmt"

	"damson/core/food"
)

// Profile is what a food, or a kind of food, holds.
type Profile struct {
	ID string `yaml:"id"`
	// Water is in kg per kg.
	Water float64 `yaml:"water"`
	// PH is the usual pH; Low and High serve foods without a range of their own.
	PH   float64 `yaml:"ph"`
	Low  float64 `yaml:"low"`
	High float64 `yaml:"high"`
	// Mmol are the totals of acids and lumps in mmol per kg, Salt the background
	// electrolyte likewise.
	Mmol map[string]float64 `yaml:"mmol"`
	Salt float64            `yaml:"salt"`
	// Fixed is true for what is added for its acid or salts: SID, in meq per kg,
	// is the datum and not its pH.
	Fixed   bool    `yaml:"fixed"`
	SID     float64 `yaml:"sid"`
	SIDLow  float64 `yaml:"sid_low"`
	SIDHigh float64 `yaml:"sid_high"`
	// Strength is the percent of acetic acid that Mmol is given for, 0 for what
	// is no vinegar.
	Strength float64 `yaml:"strength"`
	// Rough marks protein and starch: their buffering is known to a factor only.
	Rough bool `yaml:"rough"`
	// Unsure marks a profile that rests on little.
	Unsure bool `yaml:"unsure"`
	// Steady marks what varies little from bottle to bottle.
	Steady bool     `yaml:"steady"`
	Groups []string `yaml:"groups"`
	Foods  []string `yaml:"foods"`

	base Contents
}

// check fails on a profile that cannot be right, and prepares it.
func (p *Profile) check() error {
	fail := func(format string, a ...any) error {
		return fmt.Errorf("acidity %q: %s", p.ID, fmt.Sprintf(format, a...))
	}
	switch {
	case p.ID == "" || len(p.Groups)+len(p.Foods) == 0:
		return fail("an id, and a group or a food, are needed")
	case p.Water < 0 || p.Water > 1:
		return fail("water of %g kg per kg is not plausible", p.Water)
	case !p.Fixed && (p.PH < 1 || p.PH > 9 || p.Low > p.PH || p.High != 0 && p.High < p.PH):
		return fail("a pH between low and high is needed")
	case p.SIDLow > p.SID && p.SIDLow != 0 || p.SIDHigh < p.SID && p.SIDHigh != 0:
		return fail("sid lies outside sid_low to sid_high")
	case p.Salt < 0 || p.Salt > 30000:
		return fail("salt of %g mmol per kg is not plausible", p.Salt)
	}
	p.base = Contents{Salt: p.Salt / 1000, Water: p.Water}
	for key, v := range p.Mmol {
		k, ok := indexOf[key]
		if !ok || v < 0 || v > 17000 {
			return fail("%g mmol of %q is not plausible", v, key)
		}
		p.base.Total[k] = v / 1000
	}
	return nil
}

// Table finds the profile of a food. It is read only once it is made.
type Table struct {
	// Doses are the acids that sources give for a jar.
	Doses   []Dose
	all     []*Profile
	byFood  map[string]*Profile
	byGroup map[string]*Profile
	order   map[*Profile]int
}

// NewTable indexes the profiles. It fails on one that cannot be right, and
// where two claim the same food or group.
func NewTable(profiles []*Profile, doses []Dose) (*Table, error) {
	t := &Table{Doses: doses, all: profiles, byFood: map[string]*Profile{}, byGroup: map[string]*Profile{}, order: map[*Profile]int{}}
	var errs []error
	for i, p := range profiles {
		errs = append(errs, p.check())
		t.order[p] = i
		for _, f := range p.Foods {
			if t.byFood[f] != nil {
				errs = append(errs, fmt.Errorf("acidity %q: the food %q has a profile already", p.ID, f))
			}
			t.byFood[f] = p
		}
		for _, g := range p.Groups {
			if t.byGroup[g] != nil {
				errs = append(errs, fmt.Errorf("acidity %q: the group %q has a profile already", p.ID, g))
			}
			t.byGroup[g] = p
		}
	}
	for _, d := range doses {
		if d.ID == "" || d.Food == "" || d.Source == "" || d.LemonTbsp <= 0 || d.LemonTbsp > 8 || d.CitricTsp < 0 || d.CitricTsp > 2 || d.VinegarTbsp < 0 || d.VinegarTbsp > 16 {
			errs = append(errs, fmt.Errorf("dose %q: food, source and plausible amounts are needed", d.ID))
		}
	}
	return t, errors.Join(errs...)
}

// All returns the profiles in their order. The slice must not be changed.
func (t *Table) All() []*Profile { return t.all }

// ByID returns the profile with the id, or nil.
func (t *Table) ByID(id string) *Profile {
	for _, p := range t.all {
		if p.ID == id {
			return p
		}
	}
	return nil
}

// Of returns the profile of the food: the one that names it, else the first in
// the table's order that names one of its groups; nil where there is none.
func (t *Table) Of(f *food.Food) *Profile {
	if t == nil || f == nil {
		return nil
	}
	if p := t.byFood[f.ID]; p != nil {
		return p
	}
	var best *Profile
	for _, g := range f.Groups {
		if p := t.byGroup[g]; p != nil && (best == nil || t.order[p] < t.order[best]) {
			best = p
		}
	}
	return best
}
