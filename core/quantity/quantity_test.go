package quantity

import (
	"testing"

	"github.com/stretchr/testify/require"
)

// Sizes by definition: NIST Handbook 44, appendix C.
func TestConvert(t *testing.T) {
	for _, c := range []struct {
		v        float64
		from, to Unit
		want     float64
	}{
		{1, Cup, Ml, 236.5882365}, {1, Gallon, Quart, 4}, {2, Tbsp, FlOz, 1}, {3, Tsp, Tbsp, 1}, {16, Tbsp, Cup, 1},
		{1, Lb, G, 453.59237}, {16, Oz, Lb, 1}, {1, Bushel, Peck, 4}, {1, L, Ml, 1000}, {1, Pint, Cup, 2},
	} {
		got, ok := Convert(c.v, c.from, c.to)
		require.True(t, ok, "%v %s", c.v, c.from)
		require.InDelta(t, c.want, got, 1e-9*c.want+1e-12, "%v %s in %s", c.v, c.from, c.to)
	}
	for _, c := range [][2]Unit{{Cup, Lb}, {Each, Cup}, {Clove, G}, {None, Cup}} {
		_, ok := Convert(1, c[0], c[1])
		require.False(t, ok, "%v", c)
	}
}

func TestNumber(t *testing.T) {
	for v, want := range map[float64]string{0.25: "¼", 1.5: "1½", 2: "2", 1.0 / 3: "⅓", 2.125: "2⅛", 0.1: "0.1", 12.45: "12.45", 1.999: "2"} {
		require.Equal(t, want, Number(v))
	}
	require.Equal(t, "2–3 lb", Amount{2, 3, Lb}.String())
	require.Equal(t, "1½ cups", Amount{1.5, 1.5, Cup}.String())
	require.Equal(t, "3", Amount{3, 3, Each}.String())
	require.Equal(t, "", Amount{}.String())
}

func TestJars(t *testing.T) {
	for s, want := range map[string]Jar{"quart": QuartJar, "500ml": PintJar, "250ml": HalfPint, "1l": QuartJar, "half-gallon": HalfGallon} {
		got, ok := ParseJar(s)
		require.True(t, ok, s)
		require.Equal(t, want, got)
	}
	_, ok := ParseJar("bucket")
	require.False(t, ok)
	for i := 1; i < len(Jars); i++ {
		require.True(t, Jars[i].Larger(Jars[i-1]))
	}
}
