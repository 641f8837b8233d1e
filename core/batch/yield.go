package batch

import (
	"math"
	"strconv"
	"strings"

	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Yield is how much a batch fills: a range, in US cups.
type Yield struct {
	Low, High float64
	// Basis says what it rests on.
	Basis string
	// Unmeasured are the lines with an amount whose volume is not known.
	Unmeasured []int
}

// Jars returns the least and the most jars of the size that the batch fills.
func (y Yield) Jars(j quantity.Jar) (low, high int) {
	if j.Cups() == 0 {
		return 0, 0
	}
	return int(math.Floor(y.Low/j.Cups() + 0.05)), int(math.Ceil(y.High/j.Cups() - 0.05))
}

// share is the part of a batch's volume that ends in jars.
type share struct{ least, most float64 }

// The shares were measured on the tested procedures whose yield is printed; more
// than nine in ten lie within (see the test).
var (
	plainShare   = share{0.25, 1.0}
	reducedShare = share{0.15, 0.70} // simmered down
	jamShare     = share{0.45, 1.40} // sugar for a gel: little is lost
)

const (
	// sugarShare is what a volume of sugar adds once it has dissolved (common
	// practice, no source).
	sugarShare = 0.5
	// gelSugar is the sugar, against all the rest, from which a batch counts as a
	// jam.
	gelSugar = 0.6
	// printedSpread widens a yield that is scaled from a printed one.
	printedSpread = 0.12
)

// Estimate says what the recipe fills. Where it follows a tested procedure with
// a printed yield, that yield goes by the recipe's volume against the
// procedure's own; else it rests on the volumes alone, and is wide. It reports
// false where nothing can be measured.
func Estimate(reader *recipe.Reader, rec *recipe.Recipe, tested *procedure.Procedure) (Yield, bool) {
	cups, unmeasured := volume(rec)
	if cups == 0 {
		return Yield{}, false
	}
	if tested != nil && len(tested.Rows) > 0 {
		if low, high, ok := Printed(tested.Yield); ok {
			own, err := reader.Text(tested.Recipe(tested.Rows[0]))
			if err == nil {
				if v, _ := volume(own); v > 0 {
					k := cups / v
					return Yield{low * k * (1 - printedSpread), high * k * (1 + printedSpread), "the printed yield of the tested procedure (" + tested.Yield + ")", unmeasured}, true
				}
			}
		}
	}
	k, basis := plainShare, "the volumes alone; how far it cooks down is not known"
	switch {
	case sugar(rec) > gelSugar*(cups-sugarShare*sugar(rec)):
		k, basis = jamShare, "the volumes alone, as a jam"
	case reduced(rec):
		k, basis = reducedShare, "the volumes alone, simmered down"
	}
	return Yield{cups * k.least, cups * k.most, basis, unmeasured}, true
}

// volume adds the volumes of a batch in cups. Dry seasoning fills no jar.
func volume(rec *recipe.Recipe) (cups float64, unmeasured []int) {
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient || l.Per != "" || l.Serving || l.AmountMin == nil || l.Ref.In("dry-seasoning", "salt") {
			continue
		}
		c, ok := l.Cups()
		if !ok && l.Grams != nil {
			c, ok = *l.Grams/waterPerCup, true
		}
		switch {
		case !ok:
			unmeasured = append(unmeasured, l.No)
		case l.Ref.In("sugar"):
			cups += sugarShare * c
		default:
			cups += c
		}
	}
	return cups, unmeasured
}

// sugar returns the cups of sugar.
func sugar(rec *recipe.Recipe) float64 {
	sum := 0.0
	for _, l := range rec.Lines {
		if c, ok := l.Cups(); ok && l.Kind == recipe.Ingredient && l.Per == "" && l.Ref.In("sugar") {
			sum += c
		}
	}
	return sum
}

// reduced reports whether the method simmers it down.
func reduced(rec *recipe.Recipe) bool {
	for _, s := range rec.Steps {
		if s.Did("reduce") && !s.Serving {
			return true
		}
	}
	return false
}

// waterPerCup is the weight of a cup of water in grams: what has no density of
// its own is taken to weigh as much.
const waterPerCup = 237

var printed = pattern.MustCompile(`(\d+)(?: to (\d+))? (half-pint|pint|quart)`)

// Printed reads a yield as a procedure prints it ("16 to 18 pints"), in cups.
func Printed(s string) (low, high float64, ok bool) {
	m := printed.FindStringSubmatch(s)
	if m == nil {
		return 0, 0, false
	}
	low, _ = strconv.ParseFloat(m[1], 64)
	high = low
	if m[2] != "" {
		high, _ = strconv.ParseFloat(m[2], 64)
	}
	c := quantity.Jar(m[3]).Cups()
	return low * c, high * c, true
}

// ToFill returns the factor at which the middle of the yield fills the number
// of jars.
func (y Yield) ToFill(n int, j quantity.Jar) (float64, error) {
	f := float64(n) * j.Cups() / ((y.Low + y.High) / 2)
	if !(f >= MinFactor && f <= MaxFactor) {
		return 0, errFactor
	}
	return f, nil
}

// Loads returns the least and the most canner loads of so many jars, and how
// many a canner is taken to hold: seven quarts or nine of a smaller jar (common
// practice, no source; the canner's own book decides).
func Loads(low, high int, j quantity.Jar) (least, most, holds int) {
	holds = 9
	if j.Larger(quantity.TwentyFour) {
		holds = 7
	}
	return (low + holds - 1) / holds, (high + holds - 1) / holds, holds
}

// IsJam reports whether the set depends on sugar or pectin, so that a larger
// batch may not set (USDA Complete Guide, guide 7, from memory).
func IsJam(rec *recipe.Recipe, tested *procedure.Procedure) bool {
	if tested != nil {
		return tested.Class == "jam"
	}
	for _, l := range rec.Lines {
		if strings.Contains(l.Food, "pectin") {
			return true
		}
	}
	for _, w := range strings.Fields(strings.ToLower(rec.Title)) {
		if w == "jam" || w == "jelly" || w == "marmalade" {
			return true
		}
	}
	return false
}
