package procedure

import (
	"encoding/json"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

func sample() *Procedure {
	low, _ := ParseBands(map[string]int{"0-2000": 11, "2001-4000": 12, "4001-6000": 13, "6001-8000": 14})
	bath, _ := ParseBands(map[string]int{"0-1000": 40, "1001-3000": 45, "3001-6000": 50, "6001+": 55})
	return &Procedure{ID: "x", Title: "X", Class: "tomato", Product: "plain", Acidity: "acidified", Source: "s", Section: "t",
		Ingredients: []Ingredient{{Name: "tomatoes", Same: []string{"tomato"}, Role: Main}}, Rows: []Row{
			{Method: WaterBath, Pack: "hot", Jar: "pint", HeadspaceIn: 0.5, Minutes: bath},
			{Method: Pressure, Gauge: "dial", Pack: "hot", Jar: "quart", HeadspaceIn: 0.5, Minutes: Everywhere(15), PSI: low},
		}}
}

func TestFind(t *testing.T) {
	p := sample()
	require.NoError(t, p.Check())
	list, err := p.Find(500, Filter{Jar: quantity.HalfPint, Method: WaterBath})
	require.NoError(t, err)
	require.Equal(t, 40, list[0].Minutes, "a smaller jar takes the full time of the next tested size")
	require.Equal(t, "half-pint", list[0].Jar)

	for name, f := range map[string]Filter{"larger jar": {Jar: quantity.HalfGallon}, "pack": {Pack: "raw"}, "gauge": {Gauge: "weighted", Method: Pressure}, "when": {When: "seafood"}} {
		_, err := p.Find(500, f)
		var none *NoProcess
		require.ErrorAs(t, err, &none, name)
		require.NotEmpty(t, none.Reason)
	}
	_, err = p.Find(8001, Filter{Method: Pressure})
	require.Error(t, err, "the dial column ends at 8,000 ft and is not filled in")
	require.Empty(t, p.Ended(8000))
	require.Equal(t, []Row{{Method: Pressure, Gauge: "dial"}}, p.Ended(8001), "the bath goes on")
}

// USDA Complete Guide 2015, guide 1: atmospheric steam up to 45 minutes,
// elevation included.
func TestSteamLimit(t *testing.T) {
	p := sample()
	list, err := p.Find(2000, Filter{Method: Steam})
	require.NoError(t, err)
	require.Equal(t, 45, list[0].Minutes)
	_, err = p.Find(5240, Filter{Method: Steam})
	require.Error(t, err, "50 minutes are too long")
}

// Empty jars are sterilised for less than 10 minutes in boiling water or steam,
// never for a pressure canner (USDA Complete Guide 2015, guide 1, from memory).
func TestSterileJars(t *testing.T) {
	for _, c := range []struct {
		method  string
		minutes int
		want    bool
	}{{WaterBath, 5, true}, {Steam, 9, true}, {WaterBath, 10, false}, {Pressure, 8, false}, {Pressure, 90, false}} {
		p := Process{Method: c.method, Minutes: c.minutes}
		require.Equal(t, c.want, p.SterileJars(), "%+v", p)
	}
}

func TestBands(t *testing.T) {
	b, err := ParseBands(map[string]int{"0-1000": 5, "1001-6000": 10, "6001+": 15})
	require.NoError(t, err)
	for feet, want := range map[int]int{-300: 5, 0: 5, 1000: 5, 1001: 10, 6000: 10, 6001: 15, 10000: 15} {
		got, ok := b.At(feet)
		require.True(t, ok)
		require.Equal(t, want, got, "%d ft", feet)
	}
	js, err := json.Marshal(b)
	require.NoError(t, err)
	require.Equal(t, `{"0-1000":5,"1001-6000":10,"6001+":15}`, string(js))
	js, _ = json.Marshal(Everywhere(20))
	require.Equal(t, "20", string(js))
	require.Equal(t, "1001-6000", b.BandAt(5240))
	for _, bad := range []map[string]int{{"0-": 1}, {"low": 1}, {"1000": 1}} {
		_, err := ParseBands(bad)
		require.Error(t, err, "%v", bad)
	}
}

// Rows that cannot be right are refused.
func TestCheckRefuses(t *testing.T) {
	for name, spoil := range map[string]func(*Procedure){
		"falling bands":        func(p *Procedure) { p.Rows[0].Minutes[3].Value = 30 },
		"gap in the bands":     func(p *Procedure) { p.Rows[0].Minutes[1].Low = 1500 },
		"headspace":            func(p *Procedure) { p.Rows[0].HeadspaceIn = 0.7 },
		"pounds":               func(p *Procedure) { p.Rows[1].PSI[3].Value = 20 },
		"minutes":              func(p *Procedure) { p.Rows[1].Minutes = Everywhere(2) },
		"gauge":                func(p *Procedure) { p.Rows[1].Gauge = "" },
		"bath with pounds":     func(p *Procedure) { p.Rows[0].PSI = p.Rows[1].PSI },
		"low-acid water bath":  func(p *Procedure) { p.Acidity = "low-acid" },
		"no source":            func(p *Procedure) { p.Source = "" },
		"unknown class":        func(p *Procedure) { p.Class = "cake" },
		"unknown jar":          func(p *Procedure) { p.Rows[0].Jar = "bucket" },
		"no rows":              func(p *Procedure) { p.Rows = nil },
		"ingredient sans role": func(p *Procedure) { p.Ingredients = []Ingredient{{Name: "a", Same: []string{"a"}}} },
		"amount without a unit": func(p *Procedure) {
			p.Ingredients = []Ingredient{{Name: "a", Same: []string{"a"}, Role: Main, Amount: 1}}
		},
		"pieces of a foot":       func(p *Procedure) { p.Sizes.Cut = 12 },
		"pieces below nothing":   func(p *Procedure) { p.Sizes.Whole = -1 },
		"never whole, yet sized": func(p *Procedure) { p.Sizes = Sizes{NeverWhole: true, Whole: 2} },
		"canner upside down":     func(p *Procedure) { p.Canner = Canner{MinQuarts: 22, MaxQuarts: 16} },
		"canner of a factory":    func(p *Procedure) { p.Canner.MaxQuarts = 500 },
		"canner full of water":   func(p *Procedure) { p.Canner = Canner{MinQuarts: 16, WaterQuarts: 16} },
		"heated for a day":       func(p *Procedure) { p.Canner.HeatMinutes = 1440 },
		"other amount alone": func(p *Procedure) {
			p.Ingredients = []Ingredient{{Name: "a", Same: []string{"a"}, Role: Main, AlsoAmount: 1, AlsoUnit: quantity.Lb}}
		},
		"other amount of the same kind": func(p *Procedure) {
			p.Ingredients = []Ingredient{{Name: "a", Same: []string{"a"}, Role: Main, Amount: 1, Unit: quantity.Quart, AlsoAmount: 4, AlsoUnit: quantity.Cup}}
		},
		"made of nothing": func(p *Procedure) { p.Ingredients[0].Role = Acid },
		"unknown need":    func(p *Procedure) { p.Needs = []Requirement{{Need: "sung to", Text: "x"}} },
	} {
		p := sample()
		spoil(p)
		require.Error(t, p.Check(), name)
	}
	_, err := NewLibrary([]*Procedure{sample(), sample()})
	require.ErrorContains(t, err, "taken")
}
