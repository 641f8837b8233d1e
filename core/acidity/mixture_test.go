package acidity_test

import (
	"math"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/acidity"
	"damson/core/food"
	"damson/knowledge"
)

var lib = func() *knowledge.Library {
	l, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	return l
}()

// kg makes a part of a profile with an exact mass, at the profile's own usual
// pH.
func kg(id string, mass float64) acidity.Part {
	p := lib.Acidity.ByID(id)
	if p == nil {
		panic("no profile " + id)
	}
	part := acidity.NewPart(&food.Food{Names: []string{id}}, p, acidity.Exactly(mass), p.Strength)
	part.PH = acidity.Exactly(p.PH)
	return part
}

// at moves a part to another pH and strength of acids.
func at(p acidity.Part, ph, acids float64) acidity.Part {
	p.PH = acidity.Exactly(ph)
	p.Acids = acidity.Exactly(acids)
	return p
}

func vinegar(mass float64) acidity.Part {
	p := kg("distilled-vinegar", mass)
	p.Acids = acidity.Exactly(1)
	return p
}

// TestMixes checks mixtures worked out independently before this package was
// written (a prototype of the same equations; 0.01 pH, for its totals were
// printed to 0.1 mmol).
func TestMixes(t *testing.T) {
	lemon := func(mass float64) acidity.Part {
		p := kg("as-lemon-juice", mass)
		p.PH = acidity.Exactly(2.35)
		return p
	}
	for _, c := range []struct {
		name string
		is   []acidity.Part
		want float64
	}{
		{"vinegar", []acidity.Part{vinegar(1)}, 2.4633},
		{"vinegar and as much water", []acidity.Part{vinegar(.5), pure(.5)}, 2.6041},
		{"tomato, citric acid", []acidity.Part{kg("as-tomato", .9), kg("citric-acid", .0022)}, 3.9957},
		{"tomato, lemon juice", []acidity.Part{kg("as-tomato", .9), lemon(.0305)}, 4.1245},
		{"tomato, vinegar", []acidity.Part{kg("as-tomato", .9), vinegar(.0594)}, 4.0917},
		{"tomato, onion, green pepper", []acidity.Part{kg("as-tomato", .7), kg("as-onion", .15), kg("as-bell-pepper", .15)}, 4.5825},
		{"cucumber pickle", []acidity.Part{kg("as-cucumber", .6), vinegar(.19), pure(.19), kg("salt", .02)}, 3.7920},
		{"carrot pickle", []acidity.Part{kg("as-carrot", .5), vinegar(.36), pure(.12), kg("salt", .02)}, 3.6025},
		{"applesauce, lemon", []acidity.Part{kg("as-applesauce", 1), lemon(.0305)}, 3.3240},
		{"salsa", []acidity.Part{kg("as-tomato", 1.08), kg("as-onion", .7), kg("as-bell-pepper", .7), lemon(.366), kg("salt", .018)}, 3.6198},
		{"beef in tomato", []acidity.Part{kg("as-beef", .3), kg("as-tomato", .7)}, 4.8721},
		{"strawberry jam", []acidity.Part{kg("as-strawberry", 1), kg("inert", 1), lemon(.03)}, 3.3851},
		{"tomato with baking soda", []acidity.Part{kg("as-tomato", .9), kg("baking-soda", .0012)}, 4.8606},
	} {
		got, err := (&acidity.Mixture{Parts: c.is}).PH()
		require.NoError(t, err, c.name)
		require.InDelta(t, c.want, got, 0.011, c.name)
	}
}

// pure is water without alkalinity.
func pure(mass float64) acidity.Part {
	p := kg("water", mass)
	p.SID = acidity.Exactly(0)
	return p
}

// TestTomatoDoses checks that the acid amounts of the USDA Complete Guide (2015,
// guide 3, acidification, from memory: 2 Tbsp bottled lemon juice, ½ tsp citric
// acid or 4 Tbsp 5 % vinegar a quart) bring a tomato of pH 4.5 and usual
// strength well under 4.6, and an extreme one of 4.9 under it too.
func TestTomatoDoses(t *testing.T) {
	lemon := kg("bottled-citrus-juice", .0305)
	for name, c := range map[string]struct {
		acid         acidity.Part
		usual, worst float64
	}{
		"citric acid": {kg("citric-acid", .0022), 4.12, 4.40},
		"lemon juice": {lemon, 4.28, 4.58},
		"5 % vinegar": {vinegar(.0594), 4.18, 4.42},
	} {
		tomato := at(kg("tomato-kind", .9), 4.5, 1.1) // 0.4 % as citric acid
		got, err := (&acidity.Mixture{Parts: []acidity.Part{tomato, c.acid}}).PH()
		require.NoError(t, err)
		require.InDelta(t, c.usual, got, 0.06, name)
		extreme := at(kg("tomato-kind", .9), 4.9, 0.7)
		got, err = (&acidity.Mixture{Parts: []acidity.Part{extreme, c.acid}}).PH()
		require.NoError(t, err)
		require.Less(t, got, acidity.Limit, name)
		require.InDelta(t, c.worst, got, 0.12, name)
	}
}

// TestVinegarDilutions checks dilutions of 5 percent vinegar against the pH of
// acetic acid at those strengths in the CRC Handbook, from memory.
func TestVinegarDilutions(t *testing.T) {
	for part, want := range map[float64]float64{0.5: 2.6, 0.1: 2.9, 0.01: 3.4} {
		got, err := (&acidity.Mixture{Parts: []acidity.Part{vinegar(part), pure(1 - part)}}).PH()
		require.NoError(t, err)
		require.InDelta(t, want, got, 0.1, "%g of vinegar", part)
	}
}

// A published buffer-capacity finding (Price, Breidt and others, J. Food Sci. 85,
// 2020, as remembered): a small share of a vegetable with little buffer hardly
// moves an acid food.
func TestLittleBufferMovesLittle(t *testing.T) {
	base := []acidity.Part{kg("as-tomato", 1)}
	before, err := (&acidity.Mixture{Parts: base}).PH()
	require.NoError(t, err)
	after, err := (&acidity.Mixture{Parts: append(base, kg("as-onion", .05))}).PH()
	require.NoError(t, err)
	require.InDelta(t, before, after, 0.06)
	require.Greater(t, after, before)
}

// draw makes a random recipe of a few parts with ranges.
func draw(t *rapid.T) *acidity.Mixture {
	var wet []*acidity.Profile
	for _, p := range lib.Acidity.All() {
		if !p.Fixed && p.Water >= 0.5 {
			wet = append(wet, p)
		}
	}
	m := &acidity.Mixture{}
	for range rapid.IntRange(1, 4).Draw(t, "foods") {
		p := rapid.SampledFrom(wet).Draw(t, "profile")
		mass := rapid.Float64Range(0.05, 1).Draw(t, "kg")
		part := acidity.NewPart(&food.Food{Names: []string{p.ID}}, p, acidity.Around(mass, 0.9, 1.1), 0)
		m.Parts = append(m.Parts, part)
	}
	if rapid.Bool().Draw(t, "vinegar") {
		m.Parts = append(m.Parts, vinegar(rapid.Float64Range(0.01, 0.5).Draw(t, "vinegar kg")))
	}
	return m
}

// The mixture lies between its lowest and its highest food, and the bounds hold
// every corner and every draw.
func TestBoundsHold(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		m := draw(t)
		mid, err := m.PH()
		require.NoError(t, err)
		low, high, err := m.Bounds()
		require.NoError(t, err)
		require.LessOrEqual(t, low, mid+1e-6)
		require.GreaterOrEqual(t, high, mid-1e-6)
		// Any point within the spans, corners for the most part.
		for range 40 {
			pick := func(s acidity.Span, name string) acidity.Span {
				switch rapid.IntRange(0, 2).Draw(t, name) {
				case 0:
					return acidity.Exactly(s.Low)
				case 1:
					return acidity.Exactly(s.High)
				}
				return acidity.Exactly(s.Low + (s.High-s.Low)*rapid.Float64Range(0, 1).Draw(t, "inside"))
			}
			other := &acidity.Mixture{}
			for _, p := range m.Parts {
				p.PH, p.SID, p.Mass, p.Acids, p.Lumps = pick(p.PH, "ph"), pick(p.SID, "sid"), pick(p.Mass, "mass"), pick(p.Acids, "acids"), pick(p.Lumps, "lumps")
				other.Parts = append(other.Parts, p)
			}
			ph, err := other.PH()
			require.NoError(t, err)
			// The corners are searched one span after the other: what they leave out is a few thousandths.
			require.LessOrEqual(t, ph, high+0.005)
			require.GreaterOrEqual(t, ph, low-0.005)
		}
	})
}

// More acid lowers the pH, a food of higher pH raises it, and the mixture does
// not depend on the order of its parts or on the size of the batch.
func TestMonotone(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		m := draw(t)
		ph, err := m.PH()
		require.NoError(t, err)
		sour, err := (&acidity.Mixture{Parts: append(append([]acidity.Part{}, m.Parts...), kg("citric-acid", .005))}).PH()
		require.NoError(t, err)
		require.Less(t, sour, ph)
		up := &acidity.Mixture{Parts: append([]acidity.Part{}, m.Parts...)}
		up.Parts[0].PH.Mid += 0.2
		higher, err := up.PH()
		require.NoError(t, err)
		require.Greater(t, higher, ph-1e-6)
		double := &acidity.Mixture{}
		for i := range m.Parts {
			p := m.Parts[len(m.Parts)-1-i]
			p.Mass = acidity.Around(p.Mass.Mid*2, 1, 1)
			double.Parts = append(double.Parts, p)
		}
		same, err := double.PH()
		require.NoError(t, err)
		require.InDelta(t, ph, same, 1e-6)
	})
}

func fifteen() *acidity.Mixture {
	m := &acidity.Mixture{}
	for id, mass := range map[string]float64{"as-tomato": 2, "as-onion": .5, "as-bell-pepper": .4, "as-jalapeno": .1, "garlic": .03, "as-celery": .2, "as-carrot": .2, "as-corn": .15,
		"as-lime-juice": .2, "fresh-herb": .02, "dry-spice": .01, "salt": .03, "tomato-paste": .1, "water": .1} {
		p := lib.Acidity.ByID(id)
		m.Parts = append(m.Parts, acidity.NewPart(&food.Food{Names: []string{id}}, p, acidity.Around(mass, .9, 1.1), 0))
	}
	m.Parts = append(m.Parts, vinegar(.1))
	return m
}

func TestSample(t *testing.T) {
	m := fifteen()
	a, err := m.Sample(4000, 1)
	require.NoError(t, err)
	b, err := m.Sample(4000, 1)
	require.NoError(t, err)
	require.Equal(t, a, b, "the same seed gives the same draws")
	c, err := m.Sample(4000, 2)
	require.NoError(t, err)
	low, high, err := m.Bounds()
	require.NoError(t, err)
	for _, q := range []float64{0.05, 0.5, 0.95} {
		require.InDelta(t, a.Quantile(q), c.Quantile(q), 0.02)
	}
	require.Less(t, low, a.Quantile(0.05))
	require.Greater(t, high, a.Quantile(0.95))
	mid, err := m.PH()
	require.NoError(t, err)
	require.InDelta(t, mid, a.Quantile(0.5), 0.05)
	require.True(t, a.Above >= 0 && a.Above <= 1)
	require.True(t, math.IsNaN((&acidity.Distribution{}).Quantile(0.5)))
}

func TestDrivers(t *testing.T) {
	d, err := (&acidity.Mixture{Parts: []acidity.Part{kg("as-tomato", .9), kg("as-onion", .3), vinegar(.06)}}).Drivers()
	require.NoError(t, err)
	require.Len(t, d, 3)
	require.Greater(t, d[1].Delta, 0.0, "onion pushes up")
	require.Less(t, d[2].Delta, 0.0, "vinegar pushes down")
}

func TestDryMixtureIsRefused(t *testing.T) {
	_, err := (&acidity.Mixture{Parts: []acidity.Part{kg("inert", 1), kg("citric-acid", .01)}}).PH()
	require.ErrorIs(t, err, acidity.ErrDry)
}

// Every fresh food with a published pH has a profile, but for those named here,
// which make the estimate unknown.
func TestFoodsHaveProfiles(t *testing.T) {
	var without []string
	for _, f := range lib.Foods.All() {
		if f.HasPH() && f.Kind != "condiment" && f.Kind != "compound" && f.Kind != "dairy" && lib.Acidity.Of(f) == nil && !f.In("not-acidifier", "no-home-process") {
			without = append(without, f.ID)
		}
	}
	require.Equal(t, []string{"citron", "coconut-cream", "coconut-milk", "coconut-water", "fruit-cocktail", "kimchi", "lemon-zest", "mixed-vegetable", "nutritional-yeast", "orange-liqueur", "orange-zest",
		"pickle", "plant-milk", "prepared-horseradish", "rum", "sauerkraut", "soy-milk", "sun-dried-tomato"}, without)
}

func BenchmarkSample10000(b *testing.B) {
	m := fifteen()
	for b.Loop() {
		_, _ = m.Sample(10000, 1)
	}
}

func BenchmarkBounds(b *testing.B) {
	m := fifteen()
	for b.Loop() {
		_, _, _ = m.Bounds()
	}
}
