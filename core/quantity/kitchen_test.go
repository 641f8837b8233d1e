package quantity

import (
	"math"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// 3 tsp = 1 Tbsp, 16 Tbsp = 1 cup, 16 oz = 1 lb: NIST Handbook 44, appendix C.
func TestKitchen(t *testing.T) {
	for _, c := range []struct {
		v    float64
		u    Unit
		want string
	}{
		{4.0 / 3, Cup, "1⅓ cups"}, {7.0 / 3, Tbsp, "2 Tbsp + 1 tsp"}, {0.5, Cup, "½ cup"}, {3, Tsp, "1 Tbsp"}, {48, Tsp, "1 cup"},
		{0.25, Tsp, "¼ tsp"}, {1.5, Tsp, "1½ tsp"}, {1.5, Tbsp, "1½ Tbsp"}, {2, FlOz, "¼ cup"}, {1.0625, Cup, "1 cup + 1 Tbsp"},
		{2.25, Lb, "2¼ lb"}, {40, Oz, "2½ lb"}, {35, Oz, "2 lb 3 oz"}, {0.5, Oz, "0.5 oz"}, {6.75, Lb, "6¾ lb"},
		{3, Each, "3"}, {3.5, Quart, "3½ quarts"}, {1500, Ml, "1.5 l"}, {340, G, "340 g"}, {0.4, Kg, "400 g"},
	} {
		require.Equal(t, c.want, Kitchen(c.v, c.u), "%v %s", c.v, c.u)
	}
	require.Equal(t, "237 ml", Metric(1, Cup))
	require.Equal(t, "1.02 kg", Metric(2.25, Lb))
	require.Equal(t, "", Metric(3, Clove))
	require.Equal(t, "2.333", Exact(7.0/3))
}

// What is written comes to the amount: within one percent from a tablespoon on.
func TestKitchenIsNear(t *testing.T) {
	sizes := map[string]float64{"cup": perML[Cup], "cups": perML[Cup], "Tbsp": perML[Tbsp], "tsp": perML[Tsp]}
	rapid.Check(t, func(t *rapid.T) {
		tsp := rapid.Float64Range(0.25, 2000).Draw(t, "tsp")
		sum := 0.0
		for _, part := range strings.Split(Kitchen(tsp, Tsp), " + ") {
			number, unit, ok := strings.Cut(part, " ")
			if !ok {
				t.Fatalf("no unit in %q", part)
			}
			sum += written(number) * sizes[unit]
		}
		off := math.Abs(sum/perML[Tsp] - tsp)
		if off > 0.012*tsp && off > 0.13 {
			t.Fatalf("%v tsp is written %q", tsp, Kitchen(tsp, Tsp))
		}
	})
}

// written reads a number as Number writes it.
func written(s string) float64 {
	v := 0.0
	for _, r := range s {
		for _, f := range vulgar {
			if f.sign == string(r) {
				return v + f.value
			}
		}
		v = v*10 + float64(r-'0')
	}
	return v
}

func TestParse(t *testing.T) {
	for s, want := range map[string]float64{"2": 2, "1.5": 1.5, "1,5": 1.5, "1 1/2": 1.5, "1½": 1.5, " 2/3 ": 2.0 / 3, "⅓": 1.0 / 3} {
		got, err := ParseNumber(s)
		require.NoError(t, err, s)
		require.InDelta(t, want, got, 1e-9, s)
	}
	for _, s := range []string{"", "x", "0", "-1", "1/0", "NaN", "Inf", "1e9", "2 cups"} {
		_, err := ParseNumber(s)
		require.Error(t, err, s)
	}
	for s, want := range map[string]float64{"6 lb 12 oz": 6.75 * 453.59237, "3.1 kg": 3100, "500g": 500, "1½ lbs": 1.5 * 453.59237, "12 ounces": 340.194} {
		got, err := ParseMass(s)
		require.NoError(t, err, s)
		require.InDelta(t, want, got, 0.01, s)
	}
	for _, s := range []string{"", "6", "lb", "6 cups", "6 lb x"} {
		_, err := ParseMass(s)
		require.Error(t, err, s)
	}
}

func TestParseFigure(t *testing.T) {
	for s, want := range map[string]float64{"3.9": 3.9, " 3,9 ": 3.9, "-0,5": -0.5, "174": 174} {
		got, err := ParseFigure(s)
		require.NoError(t, err, s)
		require.InDelta(t, want, got, 1e-12, s)
	}
	for _, s := range []string{"", "NaN", "Inf", "-inf", "1e999", "four", "1/2", "3.9.1"} {
		_, err := ParseFigure(s)
		require.Error(t, err, s)
	}
}
