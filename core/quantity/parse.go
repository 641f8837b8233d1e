package quantity

import (
	"errors"
	"math"
	"strconv"
	"strings"

	"damson/core/pattern"
)

var (
	errNumber = errors.New("is not a number")
	errMass   = errors.New("is not a weight")
)

// ParseFigure reads a decimal as a user of an instrument types it, with a point
// or a comma, below zero too. It fails on anything else, and on what is no
// finite number.
func ParseFigure(s string) (float64, error) {
	v, err := strconv.ParseFloat(strings.Replace(strings.TrimSpace(s), ",", ".", 1), 64)
	if err != nil || math.IsNaN(v) || math.IsInf(v, 0) {
		return 0, errNumber
	}
	return v, nil
}

// ParseNumber reads a number as a cook types it: "2", "1.5", "1,5", "1 1/2",
// "1½". It fails on anything else, and on what is not above zero.
func ParseNumber(s string) (float64, error) {
	sum, any := 0.0, false
	for _, f := range vulgar {
		if before, ok := strings.CutSuffix(strings.TrimSpace(s), f.sign); ok {
			s, sum, any = before, f.value, true
		}
	}
	for _, f := range strings.Fields(s) {
		v, err := fraction(strings.Replace(f, ",", ".", 1))
		if err != nil {
			return 0, errNumber
		}
		sum, any = sum+v, true
	}
	if !any || !(sum > 0 && sum <= 1e6) { // NaN too
		return 0, errNumber
	}
	return sum, nil
}

func fraction(s string) (float64, error) {
	top, bottom, ok := strings.Cut(s, "/")
	v, err := strconv.ParseFloat(top, 64)
	if err != nil || !ok {
		return v, err
	}
	d, err := strconv.ParseFloat(bottom, 64)
	if err != nil || d == 0 {
		return 0, errNumber
	}
	return v / d, nil
}

var massPart = pattern.MustCompile(`(?i)^\s*([0-9½¼¾⅓⅔⅛⅜⅝⅞.,/ ]+?)\s*(lbs?|pounds?|#|oz|ounces?|kg|kilos?|g|grams?)\.?\s*`)

var massUnits = map[string]Unit{"lb": Lb, "lbs": Lb, "pound": Lb, "pounds": Lb, "#": Lb, "oz": Oz, "ounce": Oz, "ounces": Oz, "kg": Kg, "kilo": Kg, "kilos": Kg, "g": G, "gram": G, "grams": G}

// ParseMass reads a weight like "6 lb 12 oz" or "3.1 kg" and returns grams.
func ParseMass(s string) (float64, error) {
	sum := 0.0
	for strings.TrimSpace(s) != "" {
		m := massPart.FindStringSubmatch(s)
		if m == nil {
			return 0, errMass
		}
		v, err := ParseNumber(m[1])
		if err != nil {
			return 0, errMass
		}
		g, _ := Convert(v, massUnits[strings.ToLower(m[2])], G)
		sum += g
		s = s[len(m[0]):]
	}
	if sum == 0 {
		return 0, errMass
	}
	return sum, nil
}
