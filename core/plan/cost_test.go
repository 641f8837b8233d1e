package plan_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/plan"
	"damson/core/quantity"
)

func TestWhatItCosts(t *testing.T) {
	carrot := lib.Foods.ByID("carrot")
	for name, c := range map[string]struct {
		need  plan.Bought
		price plan.Price
		want  float64
		known bool
	}{
		"by the pound":            {plan.Bought{Food: carrot, Amount: 11, Unit: quantity.Lb}, plan.Price{Money: 1.2, Unit: quantity.Lb}, 13.2, true},
		"pounds, by the kilogram": {plan.Bought{Food: carrot, Amount: 10, Unit: quantity.Lb}, plan.Price{Money: 2, Unit: quantity.Kg}, 2 * 4.5359237, true},
		"with what is peeled off": {plan.Bought{Food: carrot, Amount: 10, Unit: quantity.Lb, Kg: 6}, plan.Price{Money: 2, Unit: quantity.Kg}, 12, true},
		"cups, by the litre":      {plan.Bought{Food: lib.Foods.ByID("vinegar"), Amount: 4, Unit: quantity.Cup}, plan.Price{Money: 3, Unit: quantity.L}, 4 * 0.2365882365 * 3, true},
		"by the box":              {plan.Bought{Amount: 2, Unit: quantity.Package}, plan.Price{Money: 2.5, Unit: quantity.Package}, 5, true},
		"a box by the pound":      {plan.Bought{Amount: 2, Unit: quantity.Package}, plan.Price{Money: 2.5, Unit: quantity.Lb}, 0, false},
		"what nobody knows":       {plan.Bought{Amount: 2, Unit: quantity.Cup}, plan.Price{Money: 2.5, Unit: quantity.Lb}, 0, false},
	} {
		got, ok := c.need.At(c.price)
		require.Equal(t, c.known, ok, name)
		require.InDelta(t, c.want, got, 1e-6, name)
	}
	require.InDelta(t, 2.0, plan.Cost{Food: 10, Lids: 3, Energy: 1}.Jar(7), 1e-9)
}

// The heat of a load is shared by the jars that stand in it.
func TestBurnt(t *testing.T) {
	day := &plan.Day{Loads: [][]plan.Load{{{Jars: 7}, {Jars: 4, Guests: []plan.Guest{{Dish: 1, Jars: 2}}}}, {{Jars: 7}}}}
	require.InDelta(t, 1+4.0/6, day.Burnt(0, 1), 1e-9)
	require.InDelta(t, 1+2.0/6, day.Burnt(1, 1), 1e-9)
}

// What has no price is counted, and left out; water costs nothing.
func TestCostOfItems(t *testing.T) {
	need := func(id string, v float64, u quantity.Unit) plan.Item {
		return plan.Item{Food: id, Kitchen: "some", Need: plan.Bought{Food: lib.Foods.ByID(id), Amount: v, Unit: u}}
	}
	items := []plan.Item{need("carrot", 10, quantity.Lb), need("carrot", 5, quantity.Lb), need("salt", 1, quantity.Cup), need("water", 8, quantity.Cup), {Food: "Salt, to taste"}}
	p := plan.Prices{Of: map[string]plan.Price{"carrot": {Money: 1.2, Unit: quantity.Lb}}, Lid: 0.3, KWh: 0.2}
	c, each := p.Cost(items, 7, 2)
	require.Equal(t, []int{2, 3}, []int{c.Priced, c.All})
	require.InDelta(t, 18, c.Food, 1e-9)
	require.InDelta(t, 18, each["carrot"], 1e-9)
	require.InDelta(t, 2.1, c.Lids, 1e-9)
	require.InDelta(t, 0.4, c.Energy, 1e-9)
}
