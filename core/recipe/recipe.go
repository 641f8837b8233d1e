package recipe

import (
	"damson/core/food"
	"damson/core/method"
	"damson/core/printed"
	"damson/core/quantity"
	"math"
)

// The readings of a line.
const (
	Understood = "understood"
	Guess      = "guess"
	Unclear    = "unclear"
)

// The kinds of a line.
const (
	Ingredient = "ingredient"
	Heading    = "heading"
	Note       = "note"
)

// Package is the size of a can or packet.
type Package struct {
	Amount float64       `json:"amount"`
	Unit   quantity.Unit `json:"unit"`
}

// Line is one ingredient line as Damson reads it.
type Line struct {
	No        int           `json:"line"`
	Text      string        `json:"text"`
	AmountMin *float64      `json:"amount_min"`
	AmountMax *float64      `json:"amount_max"`
	Unit      quantity.Unit `json:"unit"`
	Food      string        `json:"food"`
	FoodID    string        `json:"food_id"`
	Prep      []string      `json:"prep"`
	State     []string      `json:"state"`
	Optional  bool          `json:"optional"`
	Kind      string        `json:"kind"`
	Grams     *float64      `json:"grams"`
	Reading   string        `json:"reading"`

	Package      *Package `json:"package,omitempty"`
	Per          string   `json:"per,omitempty"`
	Acidity      *float64 `json:"acidity,omitempty"`
	Also         []*Line  `json:"also,omitempty"`
	Alternatives []*Line  `json:"alternatives,omitempty"`
	// OwnAmount is true of an alternative that has an amount of its own: "or 3 cups of honey".
	OwnAmount bool `json:"-"`
	// Serving is true where the line is only for when the jar is opened.
	Serving bool `json:"serving,omitempty"`
	// Problem says what could not be read and the way out; Assumed what was
	// guessed.
	Problem string `json:"problem,omitempty"`
	Assumed string `json:"assumed,omitempty"`
	// Slip is the food's name as written, where a small slip of the pen was read
	// as a food that is known; "" where none was.
	Slip string `json:"slip,omitempty"`
	// Struck is true where the line is struck through: it is not in the recipe.
	Struck bool `json:"struck,omitempty"`
	// Unread are the words that no reading accounts for.
	Unread []string `json:"unread,omitempty"`

	// Share is what each jar gets, where the line gives it beside the whole: "14 Tbsp bottled lemon juice
	// (2 Tbsp per quart)".
	Share *Share `json:"-"`

	// Remarks are the sentences beside the ingredient that are no talk.
	Remarks []*Step `json:"-"`

	// Dilutes is true for water that the method puts to an acid.
	Dilutes bool `json:"-"`
	// Rest is the line as written behind its amount; empty where the amount does
	// not stand in front.
	Rest string `json:"-"`
	// Ref is the food, nil where none is known by that name. Head is the food
	// that the last word names, for compounds that are not known as a whole.
	Ref  *food.Food `json:"-"`
	Head *food.Food `json:"-"`
	// Pieces is a stated weight beside a count, in grams.
	Pieces float64 `json:"-"`
}

// Amount returns the amount of the line; the zero Amount where none is given.
func (l *Line) Amount() quantity.Amount {
	if l.AmountMin == nil {
		return quantity.Amount{}
	}
	return quantity.Amount{Min: *l.AmountMin, Max: *l.AmountMax, Unit: l.Unit}
}

// HasPrep reports whether the line states any of the preparations.
func (l *Line) HasPrep(names ...string) bool { return has(l.Prep, names) }

// HasState reports whether the line states any of the states.
func (l *Line) HasState(names ...string) bool { return has(l.State, names) }

func has(list, names []string) bool {
	for _, x := range list {
		for _, n := range names {
			if x == n {
				return true
			}
		}
	}
	return false
}

// Form returns the word under which the food's density is listed: "chopped",
// "sliced", "grated", "crushed" or "whole".
func (l *Line) Form() string {
	switch {
	case l.HasPrep("grated", "shredded"):
		return "grated"
	case l.HasPrep("crushed", "mashed", "pureed"):
		return "crushed"
	case l.HasPrep("sliced"):
		return "sliced"
	case l.HasPrep("chopped", "diced", "cubed", "minced", "cut"):
		return "chopped"
	}
	return "whole"
}

// Cups returns the volume of the line's amount (the larger end of a range) in
// US cups, or false where it is not known.
func (l *Line) Cups() (float64, bool) {
	if l.AmountMax == nil {
		return 0, false
	}
	if l.Package != nil && l.Unit.Dimension() == quantity.Count {
		if c, ok := l.Ref.Cups(l.Package.Amount, l.Package.Unit, l.Form()); ok {
			return c * *l.AmountMax, true
		}
		return 0, false
	}
	if l.Pieces > 0 {
		if d := l.Ref.GramsPerCup(l.Form()); d > 0 {
			if c, ok := l.Ref.Cups(*l.AmountMax, l.Unit, l.Form()); ok && l.Unit.Dimension() == quantity.Volume && math.Abs(l.Pieces/d-c) <= secondMeasure*c {
				return c, true // said by volume first, and the weight agrees
			}
			return l.Pieces / d, true
		}
	}
	if l.Ref == nil && l.Unit.Dimension() != quantity.Volume {
		return 0, false
	}
	return l.Ref.Cups(*l.AmountMax, l.Unit, l.Form())
}

// secondMeasure is by how much the weight in brackets may differ from the volume
// before it, as cups packed or loose do (common practice, no source).
const secondMeasure = 0.10

// weigh fills Grams from the amount and the food's density.
func (l *Line) weigh() {
	if l.AmountMin == nil || l.Ref == nil {
		return
	}
	var g float64
	ok := false
	switch {
	case l.Pieces > 0:
		g, ok = l.Pieces, true
	case l.Package != nil && l.Unit.Dimension() == quantity.Count:
		g, ok = l.Ref.Grams(l.Package.Amount, l.Package.Unit, l.Form())
		g *= l.Amount().Mid()
	default:
		g, ok = l.Ref.Grams(l.Amount().Mid(), l.Unit, l.Form())
	}
	if ok {
		g = float64(int(g*10+0.5)) / 10
		l.Grams = &g
	}
}

// Step is one sentence of the method.
type Step struct {
	No   int    `json:"line"`
	Text string `json:"text"`
	// Acts are the things done that some rule speaks of.
	Acts []Act `json:"acts,omitempty"`
	// Foods are the foods that the sentence names.
	Foods []Mention `json:"-"`
	// Generics are foods named by class only ("the peppers"), folded.
	Generics []Generic `json:"-"`
	// Unread are the words that Damson does not know.
	Unread []string `json:"unread,omitempty"`
	// Clauses is the sentence as read, clause by clause.
	Clauses []method.Clause `json:"-"`
	// Asks are the clauses that could not be read whole.
	Asks []Ask `json:"asks,omitempty"`
	// Talk is true where nothing in the sentence touches food, jar or canner.
	Talk bool `json:"talk,omitempty"`
	// Serving is true where the sentence speaks of the opened jar.
	Serving bool `json:"serving,omitempty"`

	// Loaded is true where the jars stood in the canner before the sentence.
	Loaded bool `json:"-"`
	// Between is true where the jars are full and not yet processed: a bare time is
	// their process.
	Between bool `json:"-"`

	unread []unreadWord
}

// Generic is a food named by class only, and where.
type Generic struct {
	Name string
	At   int
}

// Act is a thing done, by the tag that rules look for.
type Act struct {
	Tag  string `json:"tag"`
	Text string `json:"text"`
	// At is the byte of the sentence where it stands.
	At int `json:"-"`
}

// Mention is a food named in a sentence.
type Mention struct {
	Food *food.Food
	Text string
	// Without is true for "no butter", "without cream".
	Without bool
	// Put is true where its clause puts something in, or serves it; Beside where it
	// only wipes a rim or washes something.
	Put, Beside bool
	// Added is true where the clause puts something in, and does not only use it.
	Added bool
	// Taken is true where its clause says with what, or with how much, it is done; More
	// where that goes on top of what is there.
	Taken, More bool
	// Excepted is true for "everything but the cream".
	Excepted bool
	// Serving is true where the clause speaks of the opened jar.
	Serving bool
	// At is the byte of the sentence where it stands.
	At int
}

// Did reports whether the sentence holds an act with any of the tags.
func (s *Step) Did(tags ...string) bool { return s.act(tags...) != nil }

func (s *Step) act(tags ...string) *Act {
	for i := range s.Acts {
		for _, t := range tags {
			if s.Acts[i].Tag == t {
				return &s.Acts[i]
			}
		}
	}
	return nil
}

// Said is a fact that the text states, with the line it stands on.
type Said[T any] struct {
	Value T
	Line  int
}

// Stated collects the facts of the process that the text states. A nil field
// was not stated.
type Stated struct {
	Jars []Said[quantity.Jar]
	// Chosen is the one of them that the cook says she uses.
	Chosen  *Said[quantity.Jar]
	Packs   []Said[string]
	Methods []Said[string]
	Gauge   *Said[string]
	Minutes []SaidMinutes
	PSI     *Said[float64]
	// Pounds are those that the text gives by elevation.
	Pounds []printed.Pounds
	// StartPSI is the lowest pressure at which the text starts the clock.
	StartPSI  *Said[float64]
	Vent      *Said[float64]
	Headspace *Said[float64]
	// Elevation is the cook's own, in feet.
	Elevation *Said[float64]
}

// SaidMinutes is a stated process time, for one jar where the text names it.
type SaidMinutes struct {
	Minutes float64
	Jar     quantity.Jar
	Line    int
	// Low and High are the elevations in feet that it is for, both 0 where it is for all.
	Low, High int
}

// Recipe is a recipe as Damson reads it.
type Recipe struct {
	Title     string
	TitleLine int
	Lines     []*Line
	Steps     []*Step
	Stated    Stated
	// Made is the line that says that jars of it exist already, 0 where none does.
	Made int
}
