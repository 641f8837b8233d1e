package plan

import (
	"slices"

	"damson/core/procedure"
)

// What a canner really took goes before what is reckoned.

// Use is what one load took of water and heat; 0 where nobody measured.
type Use struct {
	// WaterQuarts is all that went in, topped up or at first.
	WaterQuarts float64
	// KWh is the heat at the burner, Reckoned what it was thought to be.
	KWh, Reckoned float64
}

// Spread is how a figure came out in Loads loads; Loads is 0 where nobody measured.
type Spread struct {
	Least, Median, Most float64
	Loads               int
}

// spreadOf is the spread of what was measured.
func spreadOf(list []float64) Spread {
	if len(list) == 0 {
		return Spread{}
	}
	list = slices.Sorted(slices.Values(list))
	n := len(list)
	return Spread{Least: list[0], Median: (list[(n-1)/2] + list[n/2]) / 2, Most: list[n-1], Loads: n}
}

// waterTook is the water, in quarts, that loads took in this canner.
func (c *Canner) waterTook() Spread {
	var list []float64
	for _, u := range c.Used {
		if u.WaterQuarts > 0 {
			list = append(list, u.WaterQuarts)
		}
	}
	return spreadOf(list)
}

// heatTook is the heat at the burner, in kWh, of a load of which so much is reckoned: loads are long and short,
// so each counts by its share of what was reckoned for it.
func (c *Canner) heatTook(reckoned float64) Spread {
	var list []float64
	for _, u := range c.Used {
		if u.KWh > 0 && u.Reckoned > 0 {
			list = append(list, u.KWh/u.Reckoned*reckoned)
		}
	}
	return spreadOf(list)
}

// Burns is the heat in kWh that a burner is reckoned to spend on a load of so many quarts of food, in a canner
// of which the book asks for so much water; 0 where it does not say. From the tap and the fill to the process,
// and the losses while it boils. Common physics with round figures.
func Burns(p procedure.Process, waterQuarts, quarts float64) float64 {
	const (
		waterHeat = 4.19 // kJ/kg K
		foodHeat  = 3.8
		glassHeat = 0.84
		lossKW    = 0.6 // a covered pot at the boil
		quartKg   = 0.946
	)
	rise, fill := 82.0, 40.0
	if p.Method == procedure.Pressure {
		rise = 98
	}
	if p.Pack == "hot" {
		fill = 20
	}
	if waterQuarts == 0 {
		waterQuarts = usualWater(p, quarts)
	}
	kj := waterQuarts*quartKg*waterHeat*rise + quarts*(0.9*foodHeat+0.45*glassHeat)*fill
	return burnerTakes * (kj/3600 + lossKW*float64(p.Minutes+15)/60)
}

// burnerTakes is how much more than what reaches the pot a burner takes (common practice, no source).
const burnerTakes = 1.5
