package quantity

// Unit names a measure as Damson's JSON prints it. The empty Unit means that
// no amount was given.
type Unit string

// The units that Damson reads and writes.
const (
	None      Unit = ""
	Tsp       Unit = "tsp"
	Tbsp      Unit = "tbsp"
	FlOz      Unit = "fl-oz"
	Cup       Unit = "cup"
	Pint      Unit = "pint"
	Quart     Unit = "quart"
	Gallon    Unit = "gallon"
	Ml        Unit = "ml"
	L         Unit = "l"
	Oz        Unit = "oz"
	Lb        Unit = "lb"
	G         Unit = "g"
	Kg        Unit = "kg"
	Each      Unit = "each"
	Clove     Unit = "clove"
	Bunch     Unit = "bunch"
	Stalk     Unit = "stalk"
	Sprig     Unit = "sprig"
	Head      Unit = "head"
	Can       Unit = "can"
	JarUnit   Unit = "jar"
	Pinch     Unit = "pinch"
	Dash      Unit = "dash"
	Package   Unit = "package"
	Slice     Unit = "slice"
	Ear       Unit = "ear"
	InchPiece Unit = "inch-piece"
	Handful   Unit = "handful"
	Stick     Unit = "stick"
	Peck      Unit = "peck"
	Bushel    Unit = "bushel"
	Lug       Unit = "lug"
)

// Dimension says what a unit measures.
type Dimension int

// The dimensions of a unit.
const (
	Count Dimension = iota
	Volume
	Mass
)

// perML holds the size of each volume unit in millilitres. The US customary
// sizes follow from the gallon of 231 cubic inches (NIST Handbook 44,
// appendix C). Pinch and dash: common practice, no source (1/16 and 1/8 tsp).
var perML = map[Unit]float64{
	Tsp:    4.92892159375,
	Tbsp:   14.78676478125,
	FlOz:   29.5735295625,
	Cup:    236.5882365,
	Pint:   473.176473,
	Quart:  946.352946,
	Gallon: 3785.411784,
	Ml:     1,
	L:      1000,
	Pinch:  4.92892159375 / 16,
	Dash:   4.92892159375 / 8,
	// Dry measure: the US bushel of 2150.42 cubic inches (NIST Handbook 44).
	Peck:   8809.76754172,
	Bushel: 35239.07016688,
}

// perG holds the size of each mass unit in grams (international pound of
// 1959: 453.59237 g).
var perG = map[Unit]float64{
	Oz: 28.349523125,
	Lb: 453.59237,
	G:  1,
	Kg: 1000,
}

// Dimension returns what u measures; an unknown unit counts things.
func (u Unit) Dimension() Dimension {
	if _, ok := perML[u]; ok {
		return Volume
	}
	if _, ok := perG[u]; ok {
		return Mass
	}
	return Count
}

// Metric reports whether u belongs to the metric system.
func (u Unit) Metric() bool { return u == Ml || u == L || u == G || u == Kg }

// Vague reports whether u names an amount that nobody can measure.
func (u Unit) Vague() bool { return u == Handful }

// Convert returns v units of from in units of to. It reports false where the
// two do not measure the same thing.
func Convert(v float64, from, to Unit) (float64, bool) {
	if from == to {
		return v, true
	}
	if a, ok := perML[from]; ok {
		if b, ok := perML[to]; ok {
			return v * a / b, true
		}
	}
	if a, ok := perG[from]; ok {
		if b, ok := perG[to]; ok {
			return v * a / b, true
		}
	}
	return 0, false
}
