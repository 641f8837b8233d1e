package procedure

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

// USDA Complete Guide 2015, guide 5, smoked fish and fish in quart jars; from memory: what
// the source asks of the canner stands beside the time.
func TestConditionsOfTheCanner(t *testing.T) {
	p := sample()
	p.Canner = Canner{MinQuarts: 16, MaxQuarts: 22, WaterQuarts: 4}
	require.Equal(t, []string{"a canner of 16 to 22 quarts", "4 quarts of water in it"}, p.conditions(Process{Method: Pressure, Minutes: 110}))
	require.Empty(t, p.conditions(Process{Method: WaterBath, Minutes: 20}), "a water bath is another canner")
	p.Canner = Canner{WaterQuarts: 3, HeatMinutes: 20}
	require.Equal(t, []string{"3 quarts of water in it", "20 minutes on high heat to steady steam, then the vent of 10"}, p.conditions(Process{Method: Pressure, Minutes: 160}))
}

// USDA Complete Guide 2015, guide 1, Sterilization of Empty Jars; from memory.
func TestConditionOfShortProcess(t *testing.T) {
	p := sample()
	require.Equal(t, []string{"sterilised jars, or 10 minutes"}, p.conditions(Process{Method: WaterBath, Minutes: 5}))
	require.Empty(t, p.conditions(Process{Method: WaterBath, Minutes: 10}))
}

// University of Wisconsin Extension, atmospheric steam canners; from memory: acid food, and
// jars of a quart at most.
func TestSteams(t *testing.T) {
	row := Row{Method: WaterBath, Jar: string(quantity.QuartJar)}
	for _, c := range []struct {
		acidity, product, jar string
		want                  bool
	}{
		{"acid", "juice", "quart", true}, {"acid", "juice", "half-gallon", false}, {"acidified", "pickle", "pint", true},
		{"low-acid", "plain", "pint", false}, {"acid", "curd", "half-pint", false},
	} {
		p := sample()
		p.Acidity, p.Product, row.Jar = c.acidity, c.product, c.jar
		require.Equal(t, c.want, p.steams(row), "%+v", c)
	}
}
