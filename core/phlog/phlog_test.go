package phlog

import (
	"math"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

// Nernst's slope: 59.16 mV at 25 °C, 54.20 at 0 °C, 61.54 at 37 °C (CRC
// Handbook, from memory).
func TestNernst(t *testing.T) {
	require.InDelta(t, 59.16, Nernst(25), 0.01)
	require.InDelta(t, 54.20, Nernst(0), 0.01)
	require.InDelta(t, 61.54, Nernst(37), 0.01)
}

var good = Calibration{On: time.Date(2026, 11, 20, 9, 0, 0, 0, time.UTC), Low: 4.01, High: 7, LowMV: 174, HighMV: 1, Celsius: 25}

func TestCalibration(t *testing.T) {
	require.InDelta(t, 97.8, good.Slope(), 0.1)
	require.InDelta(t, 1, good.Offset(), 1e-9)
	require.InDelta(t, 4.01, good.PH(174, 25), 1e-9)
	require.InDelta(t, 7.00, good.PH(1, 25), 1e-9)
	require.Empty(t, good.Check())
	for name, c := range map[string]struct {
		change  func(*Calibration)
		field   string
		refused bool
	}{
		"weak":         {func(c *Calibration) { c.LowMV = 160 }, "slope", false},
		"dead":         {func(c *Calibration) { c.LowMV = 120 }, "slope", true},
		"too steep":    {func(c *Calibration) { c.LowMV = 195 }, "slope", true},
		"swapped":      {func(c *Calibration) { c.LowMV, c.HighMV = 1, 174 }, "buffers", true},
		"pH for mV":    {func(c *Calibration) { c.LowMV, c.HighMV = 4.0, 7.0 }, "millivolts", true},
		"one buffer":   {func(c *Calibration) { c.High = 4.5 }, "buffers", true},
		"beside 4.6":   {func(c *Calibration) { c.Low, c.High, c.LowMV, c.HighMV = 7, 10, 0, -174 }, "buffers", false},
		"hot":          {func(c *Calibration) { c.Celsius = 77 }, "temperature", true},
		"off":          {func(c *Calibration) { c.LowMV, c.HighMV = 214, 41 }, "offset", false},
		"old buffer":   {func(c *Calibration) { c.LowExpiry = c.On.AddDate(0, -1, 0) }, "expiry", false},
		"out of range": {func(c *Calibration) { c.LowMV = 5000 }, "millivolts", true},
	} {
		x := good
		c.change(&x)
		list := x.Check()
		require.Len(t, list, 1, name)
		require.Equal(t, c.field, list[0].Field, name)
		require.Equal(t, c.refused, Refused(list), name)
	}
}

// A calibrated perfect electrode reads what it stands in, at any temperature.
func TestCalibratedReadsTrue(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		m := Meter{SlopePercent: rapid.Float64Range(86, 104).Draw(t, "slope"), OffsetMV: rapid.Float64Range(-30, 30).Draw(t, "offset"), Lag: 1}
		c := Calibration{Low: 4.01, High: 7, Celsius: 25}
		c.LowMV, c.HighMV = m.Millivolts(4.01, 25, 600, 0), m.Millivolts(7, 25, 600, 0)
		ph, at := rapid.Float64Range(2, 9).Draw(t, "ph"), rapid.Float64Range(5, 60).Draw(t, "celsius")
		require.InDelta(t, ph, m.Display(c, m.Millivolts(ph, at, 600, 0), at), 1e-6)
		m.Uncompensated = true
		shown := m.Display(c, m.Millivolts(ph, at, 600, 0), at)
		require.InDelta(t, ph, Correct(shown, 25, at), 1e-6, "what a meter without compensation shows is set right")
	})
}

func TestJudge(t *testing.T) {
	r := Reading{How: Blended, Hours: 48, Celsius: 25, Compensated: true, CalibratedAt: 25, Calibrated: true, Acidified: true}
	for name, c := range map[string]struct {
		values   []float64
		severity string
		highest  float64
	}{
		"well under":             {[]float64{3.8, 3.9, 3.85}, "note", 3.9},
		"near":                   {[]float64{3.9, 4.3}, "care", 4.3},
		"on the line":            {[]float64{4.6}, "care", 4.6},
		"over":                   {[]float64{3.9, 4.61}, "stop", 4.61},
		"the highest jar counts": {[]float64{3.5, 3.5, 5.0}, "stop", 5},
	} {
		x := r
		x.Values = c.values
		s := x.Judge()
		require.Equal(t, c.severity, s.Severity, name)
		require.InDelta(t, c.highest, s.Highest, 1e-9, name)
		require.NotEqual(t, "clear", s.Severity)
	}
	x := r
	x.Values, x.Hours, x.Calibrated, x.How = []float64{3.8, 4.1}, 2, false, Brine
	require.Len(t, x.Judge().Marks, 4, "calibration, hours, brine, spread")
	x = r
	x.Values = []float64{15}
	require.Equal(t, "care", x.Judge().Severity)
	require.Contains(t, x.Judge().Says, "Kept as typed")
	x.Values, x.Celsius = []float64{4}, 140
	require.Contains(t, x.Judge().Says, "°F")
	// A warm sample read by a meter that takes it for 25 °C.
	x = r
	x.Values, x.Compensated, x.Celsius = []float64{4.0}, false, 50
	require.InDelta(t, Correct(4, 25, 50), x.Judge().Highest, 1e-9)
	require.Greater(t, Correct(4, 25, 50), 4.0, "a warm electrode is steeper: the true pH lies nearer 7")
}

func TestValues(t *testing.T) {
	for typed, want := range map[string][]float64{
		"3.82 3.85 3.90": {3.82, 3.85, 3.9}, "3.8,3.9": {3.8, 3.9}, "3,8": {3.8}, "3,82 3,9": {3.82, 3.9}, "pH 4.1; 4.2": {4.1, 4.2}, "3.8, 3.9, 4": {3.8, 3.9, 4}, "": nil,
	} {
		got, err := Values(typed)
		require.NoError(t, err, typed)
		require.Equal(t, want, got, typed)
	}
	_, err := Values("about 4")
	require.ErrorContains(t, err, "about")
}

func TestReadCSV(t *testing.T) {
	rows, err := ReadCSV(strings.NewReader("Exported by a meter\nTime Stamp,Sample ID,pH Value,Temp (°F),ATC\n2026-11-20 10:00,jar 1,3.91,77,yes\n2026-11-20 10:05,jar 2,over,77,no\n"))
	require.NoError(t, err)
	require.Len(t, rows, 2)
	require.Equal(t, []float64{3.91}, rows[0].Values)
	require.InDelta(t, 25, rows[0].Celsius, 1e-9)
	require.Equal(t, "jar 1", rows[0].Sample)
	require.NotEmpty(t, rows[1].Problem)
	require.Equal(t, "over", rows[1].Typed, "kept as it stood")
	require.False(t, rows[1].Corrects)
	rows, err = ReadCSV(strings.NewReader("sample;ph;temp\njar;3,9;21,5\n"))
	require.NoError(t, err)
	require.Equal(t, []float64{3.9}, rows[0].Values)
	require.InDelta(t, 21.5, rows[0].Celsius, 1e-9)
	_, err = ReadCSV(strings.NewReader("sample,acidity\njar,3.9\n"))
	require.ErrorContains(t, err, "no column of pH among sample, acidity")
	_, err = ReadCSV(strings.NewReader(""))
	require.ErrorContains(t, err, "empty")
	rows, err = ReadCSV(strings.NewReader("ph,unit\n177,mV\n"))
	require.NoError(t, err)
	require.Contains(t, rows[0].Problem, "mV")
	rows, err = ReadCSV(strings.NewReader("ph,unit\n3,mV\n"))
	require.NoError(t, err)
	_, err = Values(rows[0].Typed)
	require.Error(t, err, "3 mV lies by pH 7, and is no pH 3")
}

// The simulated meter is the same every time, and each fault shows as it says.
func TestMeterFaults(t *testing.T) {
	seen := map[string]bool{}
	for seed := range uint64(60) {
		m, f := NewMeter(seed)
		again, _ := NewMeter(seed)
		require.Equal(t, m.Millivolts(4.01, 25, 30, 2), again.Millivolts(4.01, 25, 30, 2))
		seen[f.ID] = true
		c := Calibration{Low: 4.01, High: 7, Celsius: 25, LowMV: m.Millivolts(4.01, 25, 120, 1), HighMV: m.Millivolts(7, 25, 120, 1)}
		switch f.ID {
		case "none":
			require.Empty(t, c.Check())
		case "old":
			require.Less(t, c.Slope(), 90.0)
		case "offset":
			require.Equal(t, "offset", c.Check()[0].Field)
		case "slow":
			require.Greater(t, math.Abs(m.Millivolts(4, 25, 30, 1)-m.Millivolts(4, 25, 90, 1)), 10.0)
		case "drift":
			require.Greater(t, m.Millivolts(7, 25, 60, 10)-m.Millivolts(7, 25, 60, 1), 15.0)
		case "temperature":
			s := Samples(seed)[2]
			require.Greater(t, math.Abs(m.Display(c, m.Millivolts(s.PH, s.Celsius, 120, 1), s.Celsius)-s.PH), 0.2)
		}
	}
	require.Len(t, seen, len(Faults), "60 seeds show every fault")
}

// The newest day on which anything could be judged governs, by its highest jar; what could not
// be judged, and what was measured before, is left out.
func TestGoverning(t *testing.T) {
	read := func(values ...float64) Reading {
		return Reading{Sample: "a", How: Brine, Hours: 48, Celsius: 25, CalibratedAt: 25, Compensated: true, Calibrated: true, Acidified: true, Values: values}
	}
	var g Governing
	require.Zero(t, g.PH(), "nothing was measured")
	g.Add("2026-11-29", Reading{Sample: "none"})
	require.Zero(t, g.PH(), "what cannot be judged governs nothing")
	g.Add("2026-11-28", read(3.9, 4.104))
	g.Add("2026-11-28", read(4.02))
	g.Add("2026-11-20", read(4.9))
	require.InDelta(t, 4.10, g.PH(), 1e-9)
}
