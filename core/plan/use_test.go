package plan_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/plan"
	"damson/core/procedure"
)

// What loads took of water and heat is shown beside what is reckoned, a long load by its length.
func TestWhatLoadsTook(t *testing.T) {
	p := lib.Procedures.ByID("snap-beans").At(5240)[0]
	canners := append([]plan.Canner{}, kitchen.Canners...)
	option := func() plan.Option {
		for _, o := range lib.Plan.Options([]procedure.Process{p}, canners, 9, false) {
			if o.Not == "" {
				return o
			}
		}
		t.Fatal("no way")
		return plan.Option{}
	}
	before := option()
	require.Zero(t, before.HeatTook.Loads+before.WaterTook.Loads)
	require.InDelta(t, before.KWh, before.Heat(), 1e-9, "nobody measured")

	canners[before.Canner].Used = []plan.Use{{WaterQuarts: 4, KWh: 3, Reckoned: 2}, {WaterQuarts: 3}, {KWh: 1, Reckoned: 1},
		{WaterQuarts: 3.5, KWh: 2.4, Reckoned: 2}, {KWh: 5}}
	o := option()
	require.Equal(t, plan.Spread{Least: 3, Median: 3.5, Most: 4, Loads: 3}, o.WaterTook)
	require.Equal(t, 3, o.HeatTook.Loads, "without what was reckoned it says nothing of another load")
	require.InDeltaSlice(t, []float64{before.KWh, 1.2 * before.KWh, 1.5 * before.KWh},
		[]float64{o.HeatTook.Least, o.HeatTook.Median, o.HeatTook.Most}, 1e-9)
	require.InDelta(t, 1.2*before.KWh, o.Heat(), 1e-9)
	require.Equal(t, before.WaterQuarts, o.WaterQuarts, "what goes in first is the maker's to say")
	require.Equal(t, before.Process, o.Process)
}

// Heat by hand: 3 quarts of water by 98 K, 7 quarts of food and glass by 40 K, 45 minutes at 0.6 kW, half as
// much again at the burner.
func TestBurns(t *testing.T) {
	water := 3 * 0.946 * 4.19 * 98
	food := 7 * (0.9*3.8 + 0.45*0.84) * 40
	p := procedure.Process{Method: procedure.Pressure, Pack: "raw", Minutes: 30}
	require.InDelta(t, 1.5*((water+food)/3600+0.6*45/60), plan.Burns(p, 0, 7), 1e-9)
	require.Greater(t, plan.Burns(p, 6, 7), plan.Burns(p, 3, 7))
}

// Units of fuel agree with each other: a kilogram is 2.2046 lb, a cubic metre 35.315 cubic feet, a therm 100,000
// Btu of 1/3,412.14 kWh (NIST Special Publication 811, appendix B).
func TestFuels(t *testing.T) {
	kwh := func(id string) float64 {
		f, ok := lib.Plan.Fuel(id)
		require.True(t, ok, id)
		return f.KWh
	}
	require.InEpsilon(t, kwh("lb")*2.2046, kwh("kg"), 0.01)
	require.InEpsilon(t, kwh("ft3")*35.315, kwh("m3"), 0.01)
	require.InEpsilon(t, 100_000/3412.14, kwh("therm"), 0.001)
	_, ok := lib.Plan.Fuel("wood")
	require.False(t, ok)
}
