// Package canner knows the equipment that holds jars in boiling water, in steam
// or under pressure: what it takes, whether its gauge can be trusted, and what
// is no canner at all.
package canner

import (
	"fmt"
	"math"
	"time"

	"damson/core/elevation"
	"damson/core/quantity"
)

// The kinds of canner.
const (
	Bath     = "water-bath"
	Steam    = "steam"
	Pressure = "pressure"
	Electric = "electric"
	NotOne   = "other"
)

// The gauges.
const (
	Dial     = "dial"
	Weighted = "weighted"
	Both     = "both"
)

// Canner is one piece of equipment, as its owner describes it.
type Canner struct {
	Name, Kind, Gauge string
	// Quarts, Pints and HalfPints stand on one layer with regular mouths; Layers
	// is how many layers of pints and smaller jars fit.
	Quarts, Pints, HalfPints, Layers int
	// WaterQuarts goes in before the jars, as the maker's book says.
	WaterQuarts float64
	// VentMinutes is what the maker's book says, 0 where it says nothing.
	VentMinutes int
	// TestedOn is when the dial gauge was tested last, ReadsHigh by how many
	// pounds it read too high then (below nought: too low).
	TestedOn  time.Time
	ReadsHigh float64
	// GasketOn is when the gasket was new.
	GasketOn time.Time
	Rack     bool
	// Stove is "gas", "coil", "glass" or "outdoor".
	Stove string
}

// Problem is something wrong with a canner: the field, what is wrong and the way
// out. A canner that is refused takes no load.
type Problem struct {
	Field, What string
	Refused     bool
}

// What a canner can be at most; larger figures are slips of the pen.
const (
	mostQuarts, mostPints, mostHalfPints = 21, 32, 48
	gaugeYears                           = 1
	gasketYears                          = 3 // common practice
	mostOff                              = 2.0
	leastVent                            = 10
	// muchWater is more than the 2 to 3 inches of water of any canner, in quarts; common
	// practice, no source.
	muchWater = 6.0
	// leastQuarts is the least number of quart jars that a pressure canner holds
	// upright (USDA Complete Guide 2015, guide 1).
	leastQuarts = 4
)

// ElectricReason says why an automatic electric canner gets no process here.
const ElectricReason = "The library's processes were tested in stove-top canners. An automatic electric canner heats and cools by its own programme, so they do not carry over; go by its maker's own tested recipes."

// Check returns what is wrong with the canner, or needs its owner's eye, as of
// the day.
func (c Canner) Check(on time.Time) []Problem {
	var out []Problem
	add := func(refused bool, field, format string, a ...any) {
		out = append(out, Problem{field, fmt.Sprintf(format, a...), refused})
	}
	switch c.Kind {
	case Bath, Steam, Pressure:
	case Electric:
		add(true, "kind", "%s", ElectricReason)
		return out
	default:
		add(true, "kind", "This is no canner: a multi-cooker, a pressure saucepan or an oven does not hold the heat that a process was tested with.")
		return out
	}
	switch {
	case c.Quarts < 0 || c.Pints < 0 || c.HalfPints < 0 || c.Quarts+c.Pints+c.HalfPints == 0:
		add(true, "capacity", "How many jars stand in it? Type at least one number.")
	case c.Quarts > mostQuarts || c.Pints > mostPints || c.HalfPints > mostHalfPints:
		add(true, "capacity", "No home canner holds that many jars on a layer: at most %d quarts, %d pints, %d half-pints.", mostQuarts, mostPints, mostHalfPints)
	case c.Layers < 1 || c.Layers > 3:
		add(true, "layers", "Layers are 1, 2 or 3.")
	case c.Kind == Pressure && c.Quarts < leastQuarts:
		add(true, "capacity", "A pressure canner holds at least four quart jars upright. A smaller pan heats up and cools too fast for the tested times.")
	}
	if c.Kind == Pressure {
		c.checkPressure(on, add)
	}
	if !c.Rack {
		add(false, "rack", "Jars stand on a rack, off the bottom; one that fits is needed.")
	}
	switch c.Stove {
	case "glass":
		add(false, "stove", "Some glass tops and some canners do not go together: see the stove maker's book and the canner maker's.")
	case "outdoor":
		add(false, "stove", "On an outdoor burner wind makes the pressure swing: shelter it, and see whether the canner maker allows it.")
	}
	return out
}

// checkPressure looks at gauge, vent, water and gasket of a pressure canner.
func (c Canner) checkPressure(on time.Time, add func(refused bool, field, format string, a ...any)) {
	switch {
	case c.Gauge != Dial && c.Gauge != Weighted && c.Gauge != Both:
		add(true, "gauge", "Is it a dial, a weight, or both?")
	case c.Gauge == Both:
		add(false, "gauge", "It has a dial and a weight: it goes by its weight.")
	case c.Gauge == Dial && c.TestedOn.IsZero():
		add(false, "gauge", "Nobody has said when the dial gauge was tested. Have it tested before the season.")
	case c.Gauge == Dial && c.TestedOn.AddDate(gaugeYears, 0, 0).Before(on):
		add(false, "gauge", "The dial gauge was last tested on %s, more than a year ago. Have it tested.", c.TestedOn.Format("2 January 2006"))
	}
	if c.Gauge == Dial && math.Abs(c.ReadsHigh) > mostOff {
		add(true, "gauge", "A gauge that is off by %.1f psi is replaced, not corrected (up to 2 psi may be).", math.Abs(c.ReadsHigh))
	}
	if c.VentMinutes != 0 && c.VentMinutes < leastVent {
		add(false, "vent", "The canner is vented 10 minutes all the same, whatever shorter time is printed.")
	}
	if c.WaterQuarts > muchWater {
		add(false, "water", "%g quarts are far more water than a pressure canner takes, "+
			"which is 2 to 3 inches: is that what its book says?", c.WaterQuarts)
	}
	if !c.GasketOn.IsZero() && c.GasketOn.AddDate(gasketYears, 0, 0).Before(on) {
		add(false, "gasket", "The gasket is more than three years old: feel whether it is supple, and have a new one at hand.")
	}
}

// Refused reports whether the canner takes no load, and why.
func (c Canner) Refused(on time.Time) (string, bool) {
	for _, p := range c.Check(on) {
		if p.Refused {
			return p.What, true
		}
	}
	return "", false
}

// wideShare is what wide-mouth jars leave of the places of regular ones (common
// practice, no source).
const wideShare = 0.85

// Holds returns how many jars of the size one load takes; 0 where it does not
// take them at all.
func (c Canner) Holds(j quantity.Jar, wide bool) int {
	n, layers := 0, max(c.Layers, 1)
	switch oz := j.Ounces(); {
	case oz == 0:
		return 0
	case oz > 32:
		n, layers = c.Quarts/2, 1 // half-gallons: juice, in a tall water bath
		if c.Kind == Pressure {
			n = 0
		}
	case oz > 24:
		n, layers = c.Quarts, 1
	case oz > 12:
		n = c.Pints
		if oz > 16 {
			layers = 1
		}
	default:
		n = c.HalfPints
	}
	if wide {
		n = int(float64(n) * wideShare)
	}
	return n * layers
}

// Governs returns the gauge that the canner's processes are looked up by.
func (c Canner) Governs() string {
	if c.Gauge == Both {
		return Weighted
	}
	return c.Gauge
}

// Set returns the reading to hold for a tested pressure, in psi. A dial that
// reads too high hides that the food is colder than it looks, so its reading is
// raised by the error; one that reads low is lowered. It fails where the error
// is too large to be corrected.
func (c Canner) Set(tested int) (reading float64, why string, err error) {
	if c.Governs() != Dial || c.ReadsHigh == 0 {
		return float64(tested), "", nil
	}
	if math.Abs(c.ReadsHigh) > mostOff {
		return 0, "", fmt.Errorf("the gauge is off by %.1f psi: replace it", math.Abs(c.ReadsHigh))
	}
	way := "high"
	if c.ReadsHigh < 0 {
		way = "low"
	}
	return float64(tested) + c.ReadsHigh, fmt.Sprintf("the gauge reads %.1f psi too %s", math.Abs(c.ReadsHigh), way), nil
}

// VentFor returns the minutes of venting: 10, or more where the maker's book
// says so.
func (c Canner) VentFor() int { return max(c.VentMinutes, leastVent) }

// WaterOver returns the inches of water over the jar tops in a boiling-water
// canner: 1, and 2 where the process is longer than 30 minutes (USDA Complete
// Guide 2015, guide 1, from memory).
func WaterOver(minutes int) int {
	if minutes > 30 {
		return 2
	}
	return 1
}

// Slip says what the steam would be if the gauge were misread or the canner not
// vented: temperatures in °F at the elevation in feet.
type Slip struct{ True, Misread, Unvented float64 }

// airLeft is the share of air in a canner that was closed without venting, by
// volume (a middling case; common practice, no source).
const airLeft = 0.20

// Slips returns what one pound too little, and air left in, would do at a
// tested pressure.
func Slips(feet float64, psi int) Slip {
	p := elevation.Pressure(feet) + float64(psi)*elevation.PascalPerPSI
	return Slip{elevation.SteamTemperature(feet, float64(psi)), elevation.SteamTemperature(feet, float64(psi)-1), elevation.Fahrenheit(elevation.SaturationTemperature((1 - airLeft) * p))}
}
