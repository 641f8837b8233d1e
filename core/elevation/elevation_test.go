package elevation

import (
	"math"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// IAPWS-IF97, tables 35 and 36: verification values of region 4.
func TestSaturationLine(t *testing.T) {
	for kelvin, mpa := range map[float64]float64{300: 0.353658941e-2, 500: 0.263889776e1, 600: 0.123443146e2} {
		require.InEpsilon(t, mpa, SaturationPressure(kelvin)/1e6, 5e-9)
	}
	for mpa, kelvin := range map[float64]float64{0.1: 0.372755919e3, 1: 0.453035632e3, 10: 0.584149488e3} {
		require.InDelta(t, kelvin, SaturationTemperature(mpa*1e6), 1e-6)
	}
}

// On the ITS-90 scale water boils at 99.974 °C under 101.325 kPa (IAPWS).
func TestSeaLevel(t *testing.T) {
	require.InDelta(t, 99.974, Celsius(BoilingPoint(0)), 0.001)
	// Steam tables of the older scale, psia at °F (Keenan and Keyes, from
	// memory); the scales differ by up to 0.02 psi.
	for f, psia := range map[float64]float64{212: 14.696, 220: 17.186, 230: 20.780, 240: 24.969, 250: 29.825, 260: 35.427} {
		require.InDelta(t, psia, SaturationPressure(Celsius(f)+273.15)/6894.757293168, 0.02, "%g °F", f)
	}
}

// ICAO standard atmosphere (Doc 7488), hPa at feet.
func TestAtmosphere(t *testing.T) {
	for feet, hpa := range map[float64]float64{0: 1013.25, 1000: 977.17, 2000: 942.13, 3000: 908.12, 5000: 843.07, 8000: 752.62, 10000: 696.82} {
		require.InDelta(t, hpa, Pressure(feet)/100, 0.02, "%g ft", feet)
	}
}

// Boiling points and steam temperatures by elevation and gauge, computed from
// the two standards above and rounded to 0.1 °F.
func TestSteamByGauge(t *testing.T) {
	for _, c := range []struct{ feet, psi, want float64 }{
		{0, 0, 212.0}, {1000, 0, 210.1}, {5000, 0, 202.8}, {8000, 0, 197.3}, {0, 10, 239.4}, {0, 11, 241.6}, {2000, 11, 239.3},
		{4000, 12, 239.3}, {6000, 13, 239.5}, {8000, 14, 239.8}, {1000, 10, 238.2}, {8000, 15, 242.0}, {10000, 15, 240.3}, {0, 5, 227.1},
	} {
		require.InDelta(t, c.want, SteamTemperature(c.feet, c.psi), 0.06, "%g ft, %g psi", c.feet, c.psi)
	}
	require.InDelta(t, 202.4, BoilingPoint(5240), 0.05)
}

func TestParse(t *testing.T) {
	for s, want := range map[string]int{"5240ft": 5240, "5,240 ft": 5240, "1600m": 5249, "300": 300, "0ft": 0, "-200 ft": -200, "1600 metres": 5249, " 1000 Feet ": 1000} {
		got, err := Parse(s)
		require.NoError(t, err, s)
		require.Equal(t, want, got, s)
	}
	for _, s := range []string{"", "high", "12000ft", "-500ft", "NaN", "inf", "1e999", "5240 yards"} {
		_, err := Parse(s)
		require.Error(t, err, s)
	}
}

func TestHigherIsCooler(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		low := rapid.Float64Range(-300, 9999).Draw(t, "low")
		high := rapid.Float64Range(low, 10000).Draw(t, "high")
		psi := rapid.Float64Range(0, 20).Draw(t, "psi")
		require.GreaterOrEqual(t, SteamTemperature(low, psi)+1e-9, SteamTemperature(high, psi)) // but for rounding
		require.False(t, math.IsNaN(SteamTemperature(high, psi)))
	})
}
