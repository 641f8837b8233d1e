package app

import (
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/store"
)

// Reckoned is the heat in kWh that a plan thinks the burner spends on a run in the kitchen.
func Reckoned(k *store.Kitchen, r *store.Run) float64 {
	water, quarts := 0.0, 0.0
	for _, c := range k.Canners {
		if c.ID == r.CannerID {
			water = c.WaterQuarts
		}
	}
	for _, part := range r.Inside() {
		quarts += float64(part.Jars) * quantity.Jar(part.Jar).Ounces() / 32
	}
	p := procedure.Process{Method: r.Method, Pack: r.Pack, Minutes: r.Minutes}
	return plan.Burns(p, water, quarts)
}

// usesOf are notes of water and heat as a plan takes them.
func usesOf(list []store.Spent) []plan.Use {
	var out []plan.Use
	for _, x := range list {
		out = append(out, plan.Use{WaterQuarts: x.WaterQuarts, KWh: x.KWh, Reckoned: x.ReckonedKWh})
	}
	return out
}
