package batch

import (
	"errors"
	"fmt"
	"math"
	"strings"

	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/recipe"
)

// The least and the largest factor: beyond, no kitchen and no canner follows.
const (
	MinFactor = 0.05
	MaxFactor = 50
)

// Line is one ingredient line, scaled.
type Line struct {
	No   int
	Was  *recipe.Line
	Text string // the line as it would be written
	// Kitchen and Metric are the amount in measures of a US kitchen and in metric
	// units; Exact is the amount behind them. All are empty where the line has no
	// amount.
	Kitchen, Metric, Exact string
	// Grams is the weight of the scaled amount, 0 where it is not known.
	Grams float64
	// Fixed says why the line stays as it is: "an amount for each jar", "no
	// amount to scale"; empty where it was scaled. ByHand is true where the cook
	// must change it.
	Fixed  string
	ByHand bool
}

// Scaled is a recipe made larger or smaller.
type Scaled struct {
	Factor float64
	Lines  []Line
	// Method are the numbers of the lines of the method that name amounts, which
	// are left as they are.
	Method []int
	// Text is the whole recipe, scaled, in the form in which it was written.
	Text string
}

var errFactor = fmt.Errorf("the factor must lie between %g and %d", MinFactor, MaxFactor)

// Scale multiplies every amount for the batch by the factor. The text must be
// the one that rec was read from with the reader. It fails on a factor out of
// range.
func Scale(reader *recipe.Reader, text string, rec *recipe.Recipe, factor float64) (*Scaled, error) {
	if !(factor >= MinFactor && factor <= MaxFactor) { // NaN too
		return nil, errFactor
	}
	s := &Scaled{Factor: factor}
	rows := strings.Split(strings.ReplaceAll(text, "\r\n", "\n"), "\n")
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient {
			continue
		}
		line := scaleLine(reader, l, factor)
		if line.Fixed == "" && l.No-1 < len(rows) {
			rows[l.No-1] = line.Text
		}
		s.Lines = append(s.Lines, line)
	}
	for _, st := range rec.Steps {
		if n := len(s.Method); measured.MatchString(st.Text) && (n == 0 || s.Method[n-1] != st.No) {
			s.Method = append(s.Method, st.No)
		}
	}
	s.Text = strings.Join(rows, "\n")
	return s, nil
}

// measured matches an amount in the method; pounds of pressure are none.
var measured = pattern.MustCompile(`(?i)[0-9½¼¾⅓⅔⅛]\s*(cups?|tbsp|tablespoons?|tsp|teaspoons?|fl oz|ounces?|oz|lbs?|pounds? of [a-z]+|ml|l|kg|g|grams?|lit(?:er|re)s?)\b`)

func scaleLine(reader *recipe.Reader, l *recipe.Line, factor float64) Line {
	out := Line{No: l.No, Was: l, Text: l.Text}
	a := l.Amount()
	switch {
	case l.Per != "":
		out.Fixed = "an amount for each " + l.Per
	case a.IsZero():
		out.Fixed = "no amount to scale"
	case a.Unit.Vague():
		out.Fixed, out.ByHand = "nobody can measure it", true
	case l.Reading == recipe.Unclear:
		out.Fixed, out.ByHand = "the amount is not clear", true
	case twoAmounts(l):
		out.Fixed, out.ByHand = "it holds two amounts: write each on a line of its own", true
	}
	if !a.IsZero() {
		if out.Fixed == "" {
			a = a.Scale(factor)
		}
		out.Kitchen, out.Metric, out.Exact = both(a, quantity.Kitchen), both(a, quantity.Metric), exact(a)
		if l.Grams != nil {
			out.Grams = *l.Grams
			if out.Fixed == "" {
				out.Grams *= factor
			}
		}
	}
	if out.Fixed != "" {
		return out
	}
	if out.Text = rewrite(reader, l, a); out.Text == "" {
		out.Text, out.Fixed, out.ByHand = l.Text, "the amount does not stand in front", true
	}
	return out
}

// twoAmounts reports whether the line holds another food with an amount.
func twoAmounts(l *recipe.Line) bool {
	for _, x := range l.Also {
		if !x.Amount().IsZero() {
			return true
		}
	}
	for _, x := range l.Alternatives {
		if !x.Amount().IsZero() && x.Amount() != l.Amount() {
			return true
		}
	}
	return false
}

func both(a quantity.Amount, write func(float64, quantity.Unit) string) string {
	lo := write(a.Min, a.Unit)
	if a.Min == a.Max || lo == "" {
		return lo
	}
	return lo + " to " + write(a.Max, a.Unit)
}

func exact(a quantity.Amount) string {
	s := quantity.Exact(a.Min)
	if a.Max != a.Min {
		s += " to " + quantity.Exact(a.Max)
	}
	return strings.TrimSpace(s + " " + a.Unit.Word(a.Max))
}

// rewrite writes the line with the new amount, and reads it again: only what
// reads as the same food in the right amount is taken. The kitchen's measures
// come first, the exact number where they do not read back.
func rewrite(reader *recipe.Reader, l *recipe.Line, a quantity.Amount) string {
	if l.Rest == "" {
		return ""
	}
	numbers := both(a, func(v float64, _ quantity.Unit) string { return quantity.Number(v) })
	heads := []string{both(a, quantity.Kitchen), numbers + " " + a.Unit.Word(a.Max), exact(a)}
	if a.Min < a.Max {
		heads[0], heads[1] = heads[1], heads[0] // "4 to 6 lb", not "4 lb to 6 lb"
	}
	if p := l.Package; p != nil {
		heads = []string{fmt.Sprintf("%s (%s %s) %s", numbers, quantity.Number(p.Amount), p.Unit.Word(p.Amount), a.Unit.Word(a.Max))}
	}
	for _, head := range heads {
		text := strings.Join(strings.Fields(head+" "+l.Rest), " ")
		if got := reader.Line(l.No, text); got.FoodID == l.FoodID && got.Food == l.Food && near(got.Amount(), a) && same(got, l) {
			return text
		}
	}
	return ""
}

// near reports whether two amounts are within one and a half percent.
func near(got, want quantity.Amount) bool {
	lo, hi, ok := got.In(want.Unit)
	return ok && math.Abs(lo-want.Min) <= 0.015*want.Min && math.Abs(hi-want.Max) <= 0.015*want.Max
}

// same reports whether the lines say the same of their food.
func same(a, b *recipe.Line) bool {
	return strings.Join(a.Prep, ",") == strings.Join(b.Prep, ",") && strings.Join(a.State, ",") == strings.Join(b.State, ",") && a.Optional == b.Optional &&
		(a.Acidity == nil) == (b.Acidity == nil) && len(a.Also) == len(b.Also) && len(a.Alternatives) == len(b.Alternatives)
}

// ByWeight returns the factor at which the line's food weighs the grams in
// hand. It fails where the line's weight is not known.
func ByWeight(l *recipe.Line, grams float64) (float64, error) {
	switch {
	case l == nil:
		return 0, errors.New("choose the ingredient that you have weighed")
	case l.Per != "":
		return 0, fmt.Errorf("line %d is an amount for each %s: weigh a main ingredient", l.No, l.Per)
	case l.Grams == nil || *l.Grams <= 0:
		return 0, fmt.Errorf("the weight of %s on line %d is not known: choose another ingredient, or scale by a factor", l.Food, l.No)
	}
	f := grams / *l.Grams
	if !(f >= MinFactor && f <= MaxFactor) {
		return 0, fmt.Errorf("line %d weighs %.0f g as written, so that would be %.3g times the recipe: %w", l.No, *l.Grams, f, errFactor)
	}
	return f, nil
}
