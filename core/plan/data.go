// Package plan turns clear recipes into a canning day: how many jars in how many
// loads, what to buy, and when to do what. It knows no clock and no calendar;
// minutes count from the start of the day's work.
//
// A process is never shortened here, moved apart, or made up: it is the row that
// a review returned. Everything else is common practice with its spread.
package plan

import (
	"errors"
	"fmt"

	"damson/core/food"
	"damson/core/quantity"
)

// Duration is how long one piece of work takes, in minutes: least, usual, most.
type Duration struct {
	ID   string `yaml:"id"`
	Name string `yaml:"name"`
	// Per is "jar", "kg" or empty.
	Per     string     `yaml:"per"`
	Minutes [3]float64 `yaml:"minutes"`
	Source  string     `yaml:"source"`
}

// Syrup is sugar in water for a load of fruit: cups of water and of sugar.
type Syrup struct {
	ID      string     `yaml:"id"`
	Name    string     `yaml:"name"`
	Percent float64    `yaml:"percent"`
	Pints   [2]float64 `yaml:"pints"`
	Quarts  [2]float64 `yaml:"quarts"`
	Source  string     `yaml:"source"`
}

// Left is the share of produce that is left once it is prepared.
type Left struct {
	Group  string  `yaml:"group"`
	Least  float64 `yaml:"least"`
	Most   float64 `yaml:"most"`
	Source string  `yaml:"source"`
}

// Fuel is what a stove burns, by the unit in which a meter or a scale shows it.
type Fuel struct {
	ID   string `yaml:"id"`
	Name string `yaml:"name"`
	// KWh is the heat in one unit.
	KWh    float64 `yaml:"kwh"`
	Source string  `yaml:"source"`
}

// Table is what the trade knows of a canning day. It is read only once it is
// made.
type Table struct {
	Durations []Duration `yaml:"durations"`
	Syrups    []Syrup    `yaml:"syrups"`
	Left      []Left     `yaml:"left"`
	Fuels     []Fuel     `yaml:"fuels"`
}

// needed are the durations that a plan is built from.
var needed = []string{"wash-jars", "prepare", "peel", "brown", "clean-down", "soak", "boil-beans", "cook", "cook-down", "heat-liquid", "fill", "load", "preheat-bath", "preheat-steam", "preheat-pressure",
	"again", "boil-bath", "steam-steady", "steam-pressure", "rise", "down-small", "down-large", "rest-pressure", "rest-bath", "unload", "cool", "check"}

// Check fails on a table that cannot be right, or that lacks a duration.
func (t *Table) Check() error {
	var errs []error
	seen := map[string]bool{}
	for _, d := range t.Durations {
		m := d.Minutes
		if d.ID == "" || d.Name == "" || d.Source == "" || m[0] <= 0 || m[1] < m[0] || m[2] < m[1] || seen[d.ID] || d.Per != "" && d.Per != "jar" && d.Per != "kg" {
			errs = append(errs, fmt.Errorf("duration %q: name, source and three rising minutes are needed, each id once", d.ID))
		}
		seen[d.ID] = true
	}
	for _, id := range needed {
		if !seen[id] {
			errs = append(errs, fmt.Errorf("duration %q is missing", id))
		}
	}
	for _, s := range t.Syrups {
		if s.ID == "" || s.Source == "" || s.Pints[0] <= 0 || s.Quarts[0] <= 0 || s.Percent <= 0 || s.Percent >= 100 {
			errs = append(errs, fmt.Errorf("syrup %q: percent, cups and source are needed", s.ID))
		}
	}
	for _, l := range t.Left {
		if l.Group == "" || l.Source == "" || l.Least <= 0 || l.Most < l.Least || l.Most > 1 {
			errs = append(errs, fmt.Errorf("left of %q: two shares from 0 to 1 and a source are needed", l.Group))
		}
	}
	return errors.Join(append(errs, t.checkFuels())...)
}

func (t *Table) checkFuels() error {
	for _, f := range t.Fuels {
		if f.ID == "" || f.Name == "" || f.Source == "" || f.KWh <= 0 {
			return fmt.Errorf("fuel %q: a name, kilowatt-hours and source are needed", f.ID)
		}
	}
	return nil
}

// Fuel returns a fuel by its id.
func (t *Table) Fuel(id string) (Fuel, bool) {
	for _, f := range t.Fuels {
		if f.ID == id {
			return f, true
		}
	}
	return Fuel{}, false
}

// duration returns the minutes of a piece of work, times n where it goes by the
// jar or the kg.
func (t *Table) duration(id string, n float64) (d Duration, least, usual, most int) {
	for _, d := range t.Durations {
		if d.ID == id {
			k := 1.0
			if d.Per != "" {
				k = n
			}
			return d, ceil(d.Minutes[0] * k), ceil(d.Minutes[1] * k), ceil(d.Minutes[2] * k)
		}
	}
	return Duration{ID: id, Name: id}, 1, 1, 1
}

func ceil(v float64) int {
	n := int(v)
	if float64(n) < v-1e-9 {
		n++
	}
	return max(n, 1)
}

// LeftOf returns the share of the food that is left once it is prepared, or false
// where it is not known.
func (t *Table) LeftOf(f *food.Food) (Left, bool) {
	for _, l := range t.Left {
		if f != nil && (f.ID == l.Group || f.In(l.Group)) {
			return l, true
		}
	}
	return Left{}, false
}

// Need returns the cups of water and of sugar for so many jars.
func (s Syrup) Need(j quantity.Jar, jars int) (water, sugar float64) {
	load, of := s.Quarts, 7*quantity.QuartJar.Ounces()
	if j.Ounces() <= quantity.PintJar.Ounces() {
		load, of = s.Pints, 9*quantity.PintJar.Ounces()
	}
	k := float64(jars) * j.Ounces() / of
	return load[0] * k, load[1] * k
}
