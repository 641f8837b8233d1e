// Package procedure holds the tested procedures and their process tables.
//
// A procedure is a published recipe with its processes. A process row belongs
// to one pack and one jar; bands that the source does not print are absent,
// and an absent band has no process. Nothing here is ever interpolated.
package procedure

import (
	"fmt"
	"slices"
	"sort"
	"strings"

	"damson/core/quantity"
)

// Procedure is one tested procedure.
type Procedure struct {
	ID    string   `yaml:"id"`
	Title string   `yaml:"title"`
	Names []string `yaml:"names"`
	// Class sorts the library ("vegetable", "pickle" …).
	Class string `yaml:"class"`
	// Product is the kind of product, which no edit may change: "plain",
	// "soup", "salsa", "pickle", "jam", "sauce", "pie-filling" …
	Product string `yaml:"product"`
	// Says are words of which one must stand in the recipe: food for babies is called so.
	Says []string `yaml:"says"`
	// Leaflet is true where fruit, sugar and order are those of the directions in a package:
	// a recipe has to say that it follows them.
	Leaflet bool `yaml:"leaflet"`
	// General is true of the one that covers mixtures of any foods that have processes of
	// their own: its ingredients are kinds of food, not a list. No kitchen may add another.
	General bool `yaml:"general"`
	// Acidity is "acid", "acidified" or "low-acid".
	Acidity    string `yaml:"acidity"`
	Source     string `yaml:"source"`
	Section    string `yaml:"section"`
	FromMemory bool   `yaml:"from_memory"`
	// Yield is the jars that the batch fills, as printed; empty where the
	// proportions of a batch do not matter.
	Yield       string        `yaml:"yield"`
	Ingredients []Ingredient  `yaml:"ingredients"`
	Needs       []Requirement `yaml:"needs"`
	Permits     []string      `yaml:"permits"`
	Forbids     []string      `yaml:"forbids"`
	// Sizes are the limits of the pieces, Canner what the canner must be: conditions that
	// bind like a row of the table. Zero fields are no condition.
	Sizes  Sizes  `yaml:"sizes"`
	Canner Canner `yaml:"canner"`
	// SizesChecked and CannerChecked say who has seen them in print, nil while nobody has.
	SizesChecked, CannerChecked *Checked `yaml:"-"`
	Rows                        []Row    `yaml:"-"`
}

// Sizes are the largest pieces that a procedure was tested with, in inches.
type Sizes struct {
	// Cut is the largest edge of cut pieces, Whole the largest diameter of what goes in whole.
	Cut   float64 `yaml:"cut"`
	Whole float64 `yaml:"whole"`
	// NeverWhole is true where the food is always cut.
	NeverWhole bool `yaml:"never_whole"`
}

// Canner is what a procedure asks of the pressure canner beside its gauge.
type Canner struct {
	// MinQuarts and MaxQuarts are its size, WaterQuarts the water that goes in.
	MinQuarts   float64 `yaml:"min_quarts"`
	MaxQuarts   float64 `yaml:"max_quarts"`
	WaterQuarts float64 `yaml:"water_quarts"`
	// HeatMinutes is how long it is heated on high before it is vented; with the vent it
	// carries part of the process.
	HeatMinutes float64 `yaml:"heat_minutes"`
}

// Role says what an ingredient is for, so that a change can be judged.
type Role string

// The roles of an ingredient.
const (
	Main      Role = "main"      // what the product is
	LowAcid   Role = "low-acid"  // must not grow
	Acid      Role = "acid"      // makes it safe: must not shrink
	Liquid    Role = "liquid"    // covers the food
	Fat       Role = "fat"       // at most the tested amount
	Sugar     Role = "sugar"     // free
	GelSugar  Role = "gel-sugar" // the set needs it
	Gel       Role = "gel"       // pectin
	Salt      Role = "salt"      // free
	Seasoning Role = "seasoning" // dry, free
	Starch    Role = "starch"    // thickens: at most the tested amount, and of this kind only
	Extra     Role = "extra"     // may be left out, must not grow
	// FermentSalt keeps a ferment safe until its acid has formed: must not
	// shrink.
	FermentSalt Role = "ferment-salt"
)

// Ingredient is one line of a procedure's own recipe.
type Ingredient struct {
	Name string `yaml:"name"`
	// Same lists the food ids and groups that are this ingredient; Like those
	// that may stand in for it, measure for measure.
	Same []string `yaml:"same"`
	Like []string `yaml:"like"`
	Role Role     `yaml:"role"`
	// Amount and Unit are for the batch, or for one jar where Per is set;
	// zero where the source gives none.
	Amount float64       `yaml:"amount"`
	Unit   quantity.Unit `yaml:"unit"`
	Per    quantity.Jar  `yaml:"per"`
	// AlsoAmount and AlsoUnit are the same amount by weight where Amount is by volume, or the
	// other way round, as the source prints both; zero where it does not.
	AlsoAmount float64       `yaml:"also_amount"`
	AlsoUnit   quantity.Unit `yaml:"also_unit"`
	// Form is the preparation that the measure speaks of ("chopped").
	Form     string `yaml:"form"`
	Optional bool   `yaml:"optional"`
	// Write is the line that Recipe writes for it, where that is not amount
	// and name; "-" writes none.
	Write string `yaml:"write"`
	// Marks is set on ingredients of which at least one must be there, or the
	// food is another product: tomatoes without okra are plain tomatoes.
	Marks bool `yaml:"marks"`
	// Options are other ways to give the same thing, each with its own dose
	// (citric acid for bottled lemon juice).
	Options []Option `yaml:"options"`
	// With are words of which one must stand in the line of the main food, and Share the most
	// that goes to it by weight, where the source measures so: pork fat with venison.
	With  []string `yaml:"with"`
	Share float64  `yaml:"share"`
	// Checked says who has seen the amount in print, nil while it is from
	// memory.
	Checked *Checked `yaml:"-"`
}

// Option is another tested way to give an ingredient.
type Option struct {
	Name   string        `yaml:"name"`
	Same   []string      `yaml:"same"`
	Amount float64       `yaml:"amount"`
	Unit   quantity.Unit `yaml:"unit"`
}

// Requirement is a preparation that safety rests on.
type Requirement struct {
	// Need is the word that rules look for: "peeled", "soaked", "boiled",
	// "half-solids", "browned", "boneless", "pureed", "crushed", "pieces",
	// "reduced", "fermented", "grated", "baked".
	Need string `yaml:"need"`
	Text string `yaml:"text"`
	// Minutes is how long the food is heated before it is filled, at the least; 0 where
	// that is not part of what was tested.
	Minutes float64 `yaml:"minutes"`
	// Checked says who has seen it in print, nil while nobody has.
	Checked *Checked `yaml:"-"`
}

// Requires reports whether the procedure has the need.
func (p *Procedure) Requires(need string) bool {
	for _, r := range p.Needs {
		if r.Need == need {
			return true
		}
	}
	return false
}

// Row is one process: a method, a pack and a jar with their minutes and, for
// pressure, their pounds.
type Row struct {
	Method      string  `json:"method"`
	Gauge       string  `json:"gauge"`
	Pack        string  `json:"pack"`
	Jar         string  `json:"jar"`
	HeadspaceIn float64 `json:"headspace_in"`
	AcidPerJar  string  `json:"acid_per_jar"`
	// When restricts the row ("seafood"); empty rows are the ordinary ones.
	When    string `json:"when,omitempty"`
	Minutes Bands  `json:"minutes"`
	PSI     Bands  `json:"psi"`
	// Checked says who has seen the row in print, nil while it is from memory.
	Checked *Checked `json:"checked,omitempty"`
}

// Here is the row as it is at the elevation in feet, wherever the source prints figures for it.
func (r Row) Here(feet int) Row {
	if v, ok := r.Minutes.At(feet); ok {
		r.Minutes = Everywhere(v)
	}
	if v, ok := r.PSI.At(feet); ok {
		r.PSI = Everywhere(v)
	}
	return r
}

// Checked says who compared a value with a printed copy, and when.
type Checked struct {
	By      string `json:"by"`
	On      string `json:"on"` // the day, as 2006-01-02
	Edition string `json:"edition"`
	Page    string `json:"page,omitempty"`
	// Changed is true where the copy printed another value, now in force; of a condition, where
	// the copy says otherwise, and it stays in force.
	Changed bool `json:"changed,omitempty"`
	// Signed names who of this kitchen stands for it; empty where another kitchen's
	// ledger says so.
	Signed string `json:"signed,omitempty"`
}

// String says whose check it is: the reader, the day, the edition and the page, and
// whether anybody of this kitchen stands for it. It is empty for none.
func (c *Checked) String() string {
	if c == nil {
		return ""
	}
	s := c.By + ", " + c.On + ", in " + c.Edition
	if c.Page != "" {
		s += ", page " + c.Page
	}
	switch c.Signed {
	case c.By:
	case "":
		s += ", by a ledger from elsewhere"
	default:
		s += ", signed here by " + c.Signed
	}
	return s
}

// The methods of canning.
const (
	WaterBath = "water-bath"
	Steam     = "steam"
	Pressure  = "pressure"
)

// SteamLimit is the longest process, in minutes and elevation included, that
// an atmospheric steam canner may run (USDA Complete Guide 2015, guide 1).
const SteamLimit = 45

// Process is a row read at one elevation.
type Process struct {
	Method      string  `json:"method"`
	Gauge       string  `json:"gauge"`
	Jar         string  `json:"jar"`
	Pack        string  `json:"pack"`
	Minutes     int     `json:"minutes"`
	PSI         int     `json:"psi"`
	HeadspaceIn float64 `json:"headspace_in"`
	AcidPerJar  string  `json:"acid_per_jar"`
	When        string  `json:"when,omitempty"`
	// Conditions are what else the source asks for: sterilised jars, a canner of a size.
	Conditions []string `json:"conditions,omitempty"`
	// FromMemory is true until somebody has checked the row against print.
	FromMemory bool `json:"from_memory"`
	// Seen says whose check the row rests on, empty while it rests on none.
	Seen string `json:"-"`
}

// Key names the process among those of its procedure, the same after a restart.
func (p Process) Key() string {
	return fmt.Sprintf("%s|%s|%s|%s|%d|%s", p.Method, p.Gauge, p.Jar, p.Pack, p.PSI, p.When)
}

// SterileJars reports whether the empty jars are sterilised first: under ten
// minutes in boiling water or steam; never under pressure (USDA Complete Guide
// 2015, guide 1, Sterilization of Empty Jars, from memory).
func (p Process) SterileJars() bool { return p.Method != Pressure && p.Minutes < 10 }

// At returns every process of the procedure at the elevation in feet, in the
// order of the table. Acid procedures also offer atmospheric steam with the
// water-bath minutes, as long as these stay within SteamLimit. Bands that the
// source does not print yield nothing.
func (p *Procedure) At(feet int) []Process {
	var out []Process
	for _, r := range p.Rows {
		min, psi, ok := r.at(feet)
		if !ok {
			continue
		}
		pr := Process{Method: r.Method, Gauge: r.Gauge, Jar: r.Jar, Pack: r.Pack, Minutes: min, PSI: psi, HeadspaceIn: r.HeadspaceIn, AcidPerJar: r.AcidPerJar, When: r.When,
			FromMemory: p.FromMemory && r.Checked == nil, Seen: r.Checked.String()}
		pr.Conditions = p.conditions(pr)
		out = append(out, pr)
		if r.Method == WaterBath && p.steams(r) && min <= SteamLimit {
			pr.Method = Steam
			out = append(out, pr)
		}
	}
	return out
}

// at returns the minutes and the pounds of the row at the elevation in feet; false where the source prints none.
func (r Row) at(feet int) (minutes, psi int, ok bool) {
	if minutes, ok = r.Minutes.At(feet); ok && r.Method == Pressure {
		psi, ok = r.PSI.At(feet)
	}
	return minutes, psi, ok
}

// Ended are the methods and gauges of which some row does not reach the elevation in feet.
func (p *Procedure) Ended(feet int) []Row {
	var out []Row
	for _, r := range p.Rows {
		_, _, ok := r.at(feet)
		if !ok && !slices.ContainsFunc(out, func(x Row) bool { return x.Method == r.Method && x.Gauge == r.Gauge }) {
			out = append(out, Row{Method: r.Method, Gauge: r.Gauge})
		}
	}
	return out
}

// Filter picks processes; an empty field picks all.
type Filter struct {
	Method, Gauge, Pack string
	Jar                 quantity.Jar
	When                string
}

// NoProcess says why a procedure offers no process.
type NoProcess struct{ Reason string }

func (e *NoProcess) Error() string { return e.Reason }

// Find returns the processes at the elevation that the filter picks. A jar
// smaller than the smallest tested one gets the full time of the next tested
// size; a jar larger than the largest tested one gets none. The error is a
// *NoProcess.
func (p *Procedure) Find(feet int, f Filter) ([]Process, error) {
	all := p.At(feet)
	if len(all) == 0 {
		return nil, &NoProcess{fmt.Sprintf("%s: the source prints no process for %d ft", p.Title, feet)}
	}
	narrow := func(in []Process, keep func(Process) bool, reason string) ([]Process, error) {
		var out []Process
		for _, x := range in {
			if keep(x) {
				out = append(out, x)
			}
		}
		if len(out) == 0 {
			return nil, &NoProcess{p.Title + ": " + reason}
		}
		return out, nil
	}
	var err error
	if all, err = narrow(all, func(x Process) bool { return x.When == f.When }, "no process for this mixture"); err != nil {
		return nil, err
	}
	if f.Method != "" {
		if all, err = narrow(all, func(x Process) bool { return x.Method == f.Method }, "not tested for "+f.Method+" at this elevation"); err != nil {
			return nil, err
		}
	}
	if f.Gauge != "" {
		if all, err = narrow(all, func(x Process) bool { return x.Method != Pressure || x.Gauge == f.Gauge }, "no row for a "+f.Gauge+" gauge at this elevation"); err != nil {
			return nil, err
		}
	}
	if f.Pack != "" {
		if all, err = narrow(all, func(x Process) bool { return x.Pack == f.Pack }, "not tested as a "+f.Pack+" pack"); err != nil {
			return nil, err
		}
	}
	if f.Jar != "" {
		jar, ok := nextTested(all, f.Jar)
		if !ok {
			return nil, &NoProcess{p.Title + ": " + f.Jar.Plural() + " are larger than any jar tested"}
		}
		if all, err = narrow(all, func(x Process) bool { return quantity.Jar(x.Jar) == jar }, "not tested in "+f.Jar.Plural()); err != nil {
			return nil, err
		}
		for i := range all {
			all[i].Jar = string(f.Jar)
		}
	}
	return all, nil
}

// nextTested returns the smallest tested jar that holds at least as much.
func nextTested(in []Process, want quantity.Jar) (quantity.Jar, bool) {
	for _, j := range quantity.Jars {
		if want.Larger(j) {
			continue
		}
		for _, x := range in {
			if quantity.Jar(x.Jar) == j {
				return j, true
			}
		}
	}
	return "", false
}

// LargestJar returns the largest jar of any row, or "".
func (p *Procedure) LargestJar() quantity.Jar {
	var best quantity.Jar
	for _, r := range p.Rows {
		if quantity.Jar(r.Jar).Larger(best) {
			best = quantity.Jar(r.Jar)
		}
	}
	return best
}

// Has reports whether any row satisfies the filter's method, pack and jar.
func (p *Procedure) Has(f Filter) bool {
	for _, r := range p.Rows {
		method := r.Method == f.Method || f.Method == "" || f.Method == Steam && r.Method == WaterBath
		if method && (f.Pack == "" || r.Pack == f.Pack) && (f.Jar == "" || quantity.Jar(r.Jar) == f.Jar) {
			return true
		}
	}
	return false
}

// Citation names the source with its section.
func (p *Procedure) Citation() string {
	return strings.TrimSuffix(p.Source+", "+p.Section, ", ")
}

// Library is the set of procedures.
type Library struct {
	all  []*Procedure
	byID map[string]*Procedure
}

// NewLibrary checks and indexes the procedures.
func NewLibrary(all []*Procedure) (*Library, error) {
	l := &Library{byID: map[string]*Procedure{}}
	for _, p := range all {
		if err := p.Check(); err != nil {
			return nil, err
		}
		if l.byID[p.ID] != nil {
			return nil, fmt.Errorf("procedure %q: the id is taken", p.ID)
		}
		l.byID[p.ID] = p
		l.all = append(l.all, p)
	}
	sort.SliceStable(l.all, func(i, j int) bool { return l.all[i].ID < l.all[j].ID })
	return l, nil
}

// All returns every procedure by id. The slice must not be changed.
func (l *Library) All() []*Procedure { return l.all }

// ByID returns the procedure with the id, or nil.
func (l *Library) ByID(id string) *Procedure { return l.byID[id] }

// Acidified reports whether an acid that makes it safe is one of its ingredients.
func (p *Procedure) Acidified() bool {
	return slices.ContainsFunc(p.Ingredients, func(in Ingredient) bool { return in.Role == Acid })
}

// AcidInJars reports whether any row of the procedure puts acid into each jar.
func (p *Procedure) AcidInJars() bool {
	for _, r := range p.Rows {
		if r.AcidPerJar != "" {
			return true
		}
	}
	return false
}
