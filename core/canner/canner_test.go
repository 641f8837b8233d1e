package canner

import (
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

var day = time.Date(2026, 11, 25, 0, 0, 0, 0, time.UTC)

var big = Canner{Name: "Big", Kind: Pressure, Gauge: Dial, Quarts: 7, Pints: 9, HalfPints: 12, Layers: 2, Rack: true, TestedOn: day.AddDate(0, -3, 0)}

func fields(list []Problem) []string {
	out := []string{}
	for _, p := range list {
		out = append(out, p.Field)
	}
	return out
}

func TestCheck(t *testing.T) {
	require.Empty(t, big.Check(day))
	for name, c := range map[string]struct {
		change  func(*Canner)
		field   string
		refused bool
	}{
		"electric":         {func(c *Canner) { c.Kind = Electric }, "kind", true},
		"multi-cooker":     {func(c *Canner) { c.Kind = NotOne }, "kind", true},
		"three quarts":     {func(c *Canner) { c.Quarts = 3 }, "capacity", true},
		"no jars":          {func(c *Canner) { c.Quarts, c.Pints, c.HalfPints = 0, 0, 0 }, "capacity", true},
		"seventy quarts":   {func(c *Canner) { c.Quarts = 70 }, "capacity", true},
		"nine layers":      {func(c *Canner) { c.Layers = 9 }, "layers", true},
		"no gauge":         {func(c *Canner) { c.Gauge = "" }, "gauge", true},
		"never tested":     {func(c *Canner) { c.TestedOn = time.Time{} }, "gauge", false},
		"tested long ago":  {func(c *Canner) { c.TestedOn = day.AddDate(-2, 0, 0) }, "gauge", false},
		"off by three":     {func(c *Canner) { c.ReadsHigh = 3 }, "gauge", true},
		"off by minus 2.5": {func(c *Canner) { c.ReadsHigh = -2.5 }, "gauge", true},
		"both":             {func(c *Canner) { c.Gauge = Both }, "gauge", false},
		"short vent":       {func(c *Canner) { c.VentMinutes = 7 }, "vent", false},
		"old gasket":       {func(c *Canner) { c.GasketOn = day.AddDate(-5, 0, 0) }, "gasket", false},
		"no rack":          {func(c *Canner) { c.Rack = false }, "rack", false},
		"glass top":        {func(c *Canner) { c.Stove = "glass" }, "stove", false},
		"wind":             {func(c *Canner) { c.Stove = "outdoor" }, "stove", false},
	} {
		x := big
		c.change(&x)
		list := x.Check(day)
		require.Contains(t, fields(list), c.field, name)
		_, refused := x.Refused(day)
		require.Equal(t, c.refused, refused, name)
	}
}

// A weight needs no test, and where there are both the weight governs (USDA
// Complete Guide 2015, guide 1).
func TestWeightGoverns(t *testing.T) {
	c := big
	c.Gauge, c.TestedOn, c.ReadsHigh = Both, time.Time{}, 3
	require.Equal(t, Weighted, c.Governs())
	_, refused := c.Refused(day)
	require.False(t, refused)
	reading, _, err := c.Set(15)
	require.NoError(t, err)
	require.Equal(t, 15.0, reading)
}

// A gauge that reads high makes the food colder than it looks: more is needed.
func TestSet(t *testing.T) {
	c := big
	for off, want := range map[float64]float64{0: 11, 1: 12, 2: 13, -1: 10, 0.5: 11.5} {
		c.ReadsHigh = off
		got, _, err := c.Set(11)
		require.NoError(t, err)
		require.Equal(t, want, got, "off by %g", off)
		require.GreaterOrEqual(t, got-off, 11.0, "the true pressure is never under the tested one")
	}
	c.ReadsHigh = 2.5
	_, _, err := c.Set(11)
	require.ErrorContains(t, err, "replace")
}

func TestHolds(t *testing.T) {
	require.Equal(t, 7, big.Holds(quantity.QuartJar, false))
	require.Equal(t, 18, big.Holds(quantity.PintJar, false), "two layers")
	require.Equal(t, 24, big.Holds(quantity.HalfPint, false))
	require.Equal(t, 0, big.Holds(quantity.HalfGallon, false), "no half-gallons under pressure")
	require.Less(t, big.Holds(quantity.QuartJar, true), 7, "wide mouths take more room")
	bath := Canner{Kind: Bath, Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true}
	require.Equal(t, 3, bath.Holds(quantity.HalfGallon, false))
	require.Zero(t, big.Holds("bucket", false))
	require.Equal(t, 10, big.VentFor())
	big := big
	big.VentMinutes = 12
	require.Equal(t, 12, big.VentFor())
}

// Steam of 11 psi at sea level is 241.6 °F, at 13 psi and 5,000 ft 240.5 °F
// (IAPWS-IF97 region 4; the USDA table of pressures seen through it).
func TestSlips(t *testing.T) {
	s := Slips(0, 11)
	require.InDelta(t, 241.6, s.True, 0.1)
	require.Less(t, s.Misread, s.True)
	require.InDelta(t, 229.4, s.Unvented, 0.3, "a fifth of air: 229.4 °F")
	require.InDelta(t, 240.5, Slips(5000, 13).True, 0.1)
}

// An inch of water over the jars, two where the process is longer than 30 minutes
// (USDA Complete Guide 2015, guide 1, from memory).
func TestWaterOver(t *testing.T) {
	for minutes, want := range map[int]int{5: 1, 30: 1, 31: 2, 85: 2} {
		require.Equal(t, want, WaterOver(minutes))
	}
}

// A figure that belongs to a water bath is asked about under pressure.
func TestMuchWater(t *testing.T) {
	c := Canner{Name: "Big", Kind: Pressure, Gauge: Weighted, Quarts: 7, Pints: 9, Layers: 1, Rack: true, WaterQuarts: 14}
	list := c.Check(time.Now())
	require.Len(t, list, 1)
	require.Equal(t, "water", list[0].Field)
	require.False(t, list[0].Refused)
	c.WaterQuarts = 3
	require.Empty(t, c.Check(time.Now()))
	c.Kind, c.Gauge, c.WaterQuarts = Bath, "", 14
	require.Empty(t, c.Check(time.Now()))
}
