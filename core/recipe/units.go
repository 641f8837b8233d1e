package recipe

import (
	"slices"

	"damson/core/quantity"
	"damson/core/words"
)

var unitNames = map[string]quantity.Unit{
	"tsp": quantity.Tsp, "teaspoon": quantity.Tsp, "teaspoonful": quantity.Tsp, "teasp": quantity.Tsp, "tsps": quantity.Tsp, "tspn": quantity.Tsp,
	"tbsp": quantity.Tbsp, "tablespoon": quantity.Tbsp, "tb": quantity.Tbsp, "tbl": quantity.Tbsp, "tbsps": quantity.Tbsp, "tbs": quantity.Tbsp, "tblsp": quantity.Tbsp,
	"tablespoonful": quantity.Tbsp, "tbspn": quantity.Tbsp, "tbspful": quantity.Tbsp,
	"cup": quantity.Cup, "c": quantity.Cup, "cupful": quantity.Cup,
	"pint": quantity.Pint, "pt": quantity.Pint, "quart": quantity.Quart, "qt": quantity.Quart,
	"gallon": quantity.Gallon, "gal": quantity.Gallon,
	"ml": quantity.Ml, "milliliter": quantity.Ml, "millilitre": quantity.Ml, "cc": quantity.Ml, "mil": quantity.Ml, "mls": quantity.Ml,
	"l": quantity.L, "liter": quantity.L, "litre": quantity.L,
	"oz": quantity.Oz, "ounce": quantity.Oz, "ozs": quantity.Oz, "lbs": quantity.Lb, "lb": quantity.Lb, "pound": quantity.Lb, "#": quantity.Lb,
	"g": quantity.G, "gram": quantity.G, "gm": quantity.G, "gr": quantity.G, "gramme": quantity.G, "gms": quantity.G, "grs": quantity.G,
	"kg": quantity.Kg, "kilo": quantity.Kg, "kilogram": quantity.Kg, "kgs": quantity.Kg, "kilogramme": quantity.Kg,
	"clove": quantity.Clove, "bunch": quantity.Bunch, "stalk": quantity.Stalk, "rib": quantity.Stalk, "sprig": quantity.Sprig,
	"head": quantity.Head, "can": quantity.Can, "tin": quantity.Can, "jar": quantity.JarUnit,
	"pinch": quantity.Pinch, "dash": quantity.Dash, "package": quantity.Package, "pkg": quantity.Package, "packet": quantity.Package,
	"box": quantity.Package, "bag": quantity.Package, "envelope": quantity.Package, "sachet": quantity.Package, "pack": quantity.Package,
	"pouch": quantity.Package, "pkt": quantity.Package, "bottle": quantity.Package, "carton": quantity.Package, "punnet": quantity.Package,
	"slice": quantity.Slice, "rasher": quantity.Slice, "strip": quantity.Slice, "ear": quantity.Ear, "handful": quantity.Handful, "stick": quantity.Stick, "peck": quantity.Peck,
	"bushel": quantity.Bushel, "lug": quantity.Lug, "cob": quantity.Ear,
	// What cannot be measured reads as a handful.
	"splash": quantity.Handful, "glug": quantity.Handful, "drizzle": quantity.Handful, "knob": quantity.Handful,
	"dollop": quantity.Handful, "ladle": quantity.Handful, "ladleful": quantity.Handful, "spoonful": quantity.Handful,
	"spoon": quantity.Handful, "glass": quantity.Handful, "bit": quantity.Handful, "sprinkle": quantity.Handful, "sprinkling": quantity.Handful,
	"dusting": quantity.Handful, "squeeze": quantity.Handful, "squirt": quantity.Handful, "drop": quantity.Handful, "scoop": quantity.Handful,
	"shake": quantity.Handful, "bowlful": quantity.Handful, "bowl": quantity.Handful, "basket": quantity.Handful, "bucket": quantity.Handful, "mug": quantity.Handful, "bowlfull": quantity.Handful, "lot": quantity.Handful,
}

// containers are the units that a package size may stand before.
var containers = map[quantity.Unit]bool{quantity.Can: true, quantity.JarUnit: true, quantity.Package: true}

type unitRead struct {
	unit  quantity.Unit
	n     int
	scale float64
}

// unitAt reads the unit at t[i]; n is 0 where there is none. T is a
// tablespoon and t a teaspoon.
func unitAt(t []words.Token, i int) unitRead {
	if i >= len(t) {
		return unitRead{}
	}
	dot := func(n int) int {
		if i+n < len(t) && t[i+n].Text == "." {
			return n + 1
		}
		return n
	}
	switch t[i].Raw {
	case "T":
		return unitRead{quantity.Tbsp, dot(1), 1}
	case "t":
		return unitRead{quantity.Tsp, dot(1), 1}
	}
	w := t[i].Text
	next := ""
	if i+1 < len(t) {
		next = t[i+1].Text
		if next == "." && i+2 < len(t) {
			next = t[i+2].Text
		}
	}
	switch {
	case (w == "table" || w == "tea") && next == "spoon" && t[i+1].Text == "spoon":
		u := unitAt([]words.Token{{Kind: words.Word, Raw: w + "spoon", Text: w + "spoon"}}, 0)
		u.n = 2
		return u
	case (w == "fl" || w == "fluid") && (next == "oz" || next == "ounce"):
		n := 2
		if t[i+1].Text == "." {
			n = 3
		}
		return unitRead{quantity.FlOz, dot(n), 1}
	case (w == "inch" || w == "in") && (next == "ginger" || next == "gingerroot" || next == "of" && i+2 < len(t) && t[i+2].Text == "ginger"):
		return unitRead{quantity.InchPiece, 1, 1}
	case w == "half" && (next == "pint" || next == "gallon"):
		if next == "pint" {
			return unitRead{quantity.Pint, 2, 0.5}
		}
		return unitRead{quantity.Gallon, 2, 0.5}
	case (w == "inch" || w == "in") && i+1 < len(t) && (next == "piece" || next == "knob" || next == "length" || next == "chunk"):
		return unitRead{quantity.InchPiece, 2, 1}
	case w == "dl" || w == "deciliter" || w == "decilitre":
		return unitRead{quantity.Ml, dot(1), 100}
	case w == "cl":
		return unitRead{quantity.Ml, dot(1), 10}
	}
	if u, ok := unitNames[w]; ok {
		return unitRead{u, dot(1), 1}
	}
	if u, ok := slippedUnit(w); ok {
		return unitRead{u, dot(1), 1}
	}
	return unitRead{}
}

// slippedUnit reads a spoon whose letters were swapped or doubled: "tesapoon",
// "tabelspoon". Both names are long enough that nothing else is meant.
func slippedUnit(w string) (quantity.Unit, bool) {
	if len(w) < 7 || len(w) > 12 || w[0] != 't' {
		return "", false
	}
	sorted := func(s string) string {
		b := []byte(s)
		slices.Sort(b)
		return string(b)
	}
	switch sorted(w) {
	case sorted("teaspoon"):
		return quantity.Tsp, true
	case sorted("tablespoon"):
		return quantity.Tbsp, true
	}
	return "", false
}
