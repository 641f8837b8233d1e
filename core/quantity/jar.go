package quantity

import (
	"strconv"
	"strings"
)

// Jar is a canning jar by its size.
type Jar string

// The jars that tested procedures speak of, smallest first.
const (
	FourOz     Jar = "4oz"
	HalfPint   Jar = "half-pint"
	TwelveOz   Jar = "12oz"
	PintJar    Jar = "pint"
	TwentyFour Jar = "24oz"
	QuartJar   Jar = "quart"
	HalfGallon Jar = "half-gallon"
	// GallonJar is larger than any jar that was tested; nothing may be canned in it.
	GallonJar Jar = "gallon"
)

// Jars lists every jar that a procedure may name, smallest first.
var Jars = []Jar{FourOz, HalfPint, TwelveOz, PintJar, TwentyFour, QuartJar, HalfGallon}

var jarOz = map[Jar]float64{FourOz: 4, HalfPint: 8, TwelveOz: 12, PintJar: 16, TwentyFour: 24, QuartJar: 32, HalfGallon: 64, GallonJar: 128}

var jarWords = map[string]Jar{
	"4oz": FourOz, "4-oz": FourOz, "quarter-pint": FourOz,
	"half-pint": HalfPint, "halfpint": HalfPint, "8oz": HalfPint, "8-oz": HalfPint, "250ml": HalfPint, "cup": HalfPint,
	"12oz": TwelveOz, "12-oz": TwelveOz,
	"pint": PintJar, "16oz": PintJar, "16-oz": PintJar, "500ml": PintJar,
	"24oz": TwentyFour, "24-oz": TwentyFour,
	"quart": QuartJar, "32oz": QuartJar, "32-oz": QuartJar, "1l": QuartJar, "1-l": QuartJar, "liter": QuartJar, "litre": QuartJar, "1000ml": QuartJar,
	"half-gallon": HalfGallon, "64oz": HalfGallon, "2l": HalfGallon,
}

// ParseJar reads a jar as people and flags name it ("quart", "500ml",
// "half-pint"). The metric sizes stand for the US ones (common practice, no
// source).
func ParseJar(s string) (Jar, bool) {
	j, ok := jarWords[s]
	return j, ok
}

// Ounces returns the capacity in US fluid ounces, 0 for an unknown jar.
func (j Jar) Ounces() float64 { return jarOz[j] }

// Cups returns the capacity in US cups.
func (j Jar) Cups() float64 { return jarOz[j] / 8 }

// Plural names several such jars ("pints", "12 oz jars").
func (j Jar) Plural() string {
	switch j {
	case FourOz, TwelveOz, TwentyFour:
		return string(j[:len(j)-2]) + " oz jars"
	case "":
		return "jars"
	}
	return string(j) + "s"
}

// Count names so many such jars ("1 pint", "7 quarts").
func (j Jar) Count(n int) string {
	if n == 1 {
		return "1 " + strings.TrimSuffix(j.Plural(), "s")
	}
	return strconv.Itoa(n) + " " + j.Plural()
}

// Larger reports whether j holds more than k.
func (j Jar) Larger(k Jar) bool { return jarOz[j] > jarOz[k] }

// JarHolding returns the smallest known jar that holds v of u, GallonJar for more
// than the largest. A mass in ounces counts as fluid ounces, as jars are named.
func JarHolding(v float64, u Unit) Jar {
	oz := v
	if x, ok := Convert(v, u, FlOz); ok {
		oz = x
	}
	for _, j := range Jars {
		// A metric jar stands for the US one that it is a little larger than.
		if j.Ounces() >= oz*0.93 {
			return j
		}
	}
	return GallonJar
}
