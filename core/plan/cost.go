package plan

import (
	"strings"

	"damson/core/food"
	"damson/core/quantity"
)

// What a jar costs, as far as prices are known: food, lids, and the energy of the canner.

// Price is what one Unit of a thing costs, in the kitchen's money.
type Price struct {
	Money float64
	Unit  quantity.Unit
}

// Bought is how much of a thing a batch takes.
type Bought struct {
	// Food is nil for what nobody knows.
	Food   *food.Food
	Amount float64
	Unit   quantity.Unit
	Form   string
	// Kg is the weight to buy, with what is peeled off, 0 where it is not known.
	Kg float64
}

// At returns what so much costs; false where the amount does not convert to what the price is for.
func (n Bought) At(p Price) (float64, bool) {
	if n.Unit == p.Unit && n.Kg == 0 {
		return n.Amount * p.Money, true
	}
	switch p.Unit.Dimension() {
	case quantity.Mass:
		kg := n.Kg
		if kg == 0 {
			g, ok := n.Food.Grams(n.Amount, n.Unit, n.Form)
			if !ok {
				return 0, false
			}
			kg = g / 1000
		}
		v, ok := quantity.Convert(kg, quantity.Kg, p.Unit)
		return v * p.Money, ok
	case quantity.Volume:
		if cups, ok := n.Food.Cups(n.Amount, n.Unit, n.Form); ok {
			v, ok := quantity.Convert(cups, quantity.Cup, p.Unit)
			return v * p.Money, ok
		}
	case quantity.Count:
		if g, ok := n.Food.Grams(n.Amount, n.Unit, n.Form); ok && p.Unit == quantity.Each && n.Food != nil &&
			n.Food.Each > 0 {
			return g / n.Food.Each * p.Money, true
		}
	}
	return 0, false
}

// Cost is what a dish costs, as far as it is known.
type Cost struct {
	Food, Lids, Energy float64
	// Priced of All things have a price.
	Priced, All int
}

// Prices are what is known, by the name of a thing; a lid and a kilowatt-hour are 0 where they are not.
type Prices struct {
	Of       map[string]Price
	Lid, KWh float64
}

// Thing is the name by which the price of an item is known; empty for what costs nothing, or whose amount the
// recipe does not give.
func (it *Item) Thing() string {
	switch {
	case it.Kitchen == "" || it.Need.Food.In("water"):
		return ""
	case it.Need.Food != nil:
		return it.Need.Food.ID
	}
	return strings.ToLower(it.Food)
}

// Cost is what the items cost with so many lids and so much energy, and what each thing of them costs.
func (p Prices) Cost(items []Item, jars int, kwh float64) (c Cost, each map[string]float64) {
	c = Cost{Lids: p.Lid * float64(jars), Energy: p.KWh * kwh}
	each = map[string]float64{}
	for i := range items {
		thing := items[i].Thing()
		if thing == "" {
			continue
		}
		c.All++
		price, known := p.Of[thing]
		if !known {
			continue
		}
		if cost, ok := items[i].Need.At(price); ok {
			c.Food, c.Priced = c.Food+cost, c.Priced+1
			each[thing] += cost
		}
	}
	return c, each
}

// Jar is what one of so many jars costs.
func (c Cost) Jar(jars int) float64 { return (c.Food + c.Lids + c.Energy) / float64(max(jars, 1)) }

// Burnt is the energy in kWh that the jars of dish k take of all its loads, and of those in which they stand
// with others: by their share of the jars. perLoad is what the burner spends on one load.
func (d *Day) Burnt(k int, perLoad float64) float64 {
	kwh := 0.0
	for h := range d.Loads {
		for n := range d.Loads[h] {
			l := &d.Loads[h][n]
			own := 0
			if h == k {
				own = l.Jars
			}
			for _, g := range l.Guests {
				if g.Dish == k {
					own += g.Jars
				}
			}
			kwh += perLoad * float64(own) / float64(max(l.All(), 1))
		}
	}
	return kwh
}
