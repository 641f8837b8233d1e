package phlog

import (
	"math"
	"math/rand/v2"
)

// Meter is a simulated pH meter, for practice and for tests: an electrode with
// its slope, offset, drift, noise and speed, and a way to err.
type Meter struct {
	// SlopePercent is of the perfect electrode, OffsetMV what it reads at pH 7.
	SlopePercent, OffsetMV float64
	// DriftMV is by the minute, NoiseMV the standard deviation of one reading.
	DriftMV, NoiseMV float64
	// Lag is the time constant in seconds with which the electrode follows.
	Lag float64
	// Bias is in pH: a buffer that is not what its label says.
	Bias float64
	// Uncompensated meters take every sample for 25 °C.
	Uncompensated bool
	seed          uint64
}

// Fault is what may be wrong with a simulated meter.
type Fault struct{ ID, Name, Sign string }

// Faults are the faults of the exercise.
var Faults = []Fault{
	{"none", "nothing is wrong", "slope 95 to 105 %, steady, quick"},
	{"old", "an old or dirty electrode", "slope under 90 %"},
	{"offset", "a large offset", "millivolts far from 0 in the buffer of pH 7, the slope is good"},
	{"slow", "a slow electrode", "the reading still moves after 30 seconds"},
	{"drift", "drift", "the same buffer reads more and more as the minutes go by"},
	{"temperature", "no temperature compensation", "good in the buffers at 25 °C, off in the warm sample"},
}

// NewMeter returns the simulated meter of the seed, with one of the faults.
func NewMeter(seed uint64) (*Meter, Fault) {
	r := rand.New(rand.NewPCG(seed, 7))
	f := Faults[r.IntN(len(Faults))]
	m := &Meter{SlopePercent: 97 + 3*r.Float64(), OffsetMV: -6 + 12*r.Float64(), NoiseMV: 0.4, Lag: 4, DriftMV: 0.05, seed: seed}
	switch f.ID {
	case "old":
		m.SlopePercent = 80 + 8*r.Float64()
	case "offset":
		m.OffsetMV = 38 + 20*r.Float64()
	case "slow":
		m.Lag = 40
	case "drift":
		m.DriftMV = 3
	case "temperature":
		m.Uncompensated = true
	}
	return m, f
}

// Millivolts returns what the meter reads in a sample of the pH at the
// temperature, so many seconds after it was put in and so many minutes after it
// was switched on. The electrode comes from pH 7.
func (m *Meter) Millivolts(ph, celsius, seconds, minutes float64) float64 {
	r := rand.New(rand.NewPCG(m.seed, math.Float64bits(ph)^math.Float64bits(seconds)^math.Float64bits(minutes*3)))
	full := m.SlopePercent / 100 * Nernst(celsius) * (7 - ph - m.Bias)
	arrived := 1 - math.Exp(-seconds/math.Max(m.Lag, 0.1))
	return full*arrived + m.OffsetMV + m.DriftMV*minutes + m.NoiseMV*r.NormFloat64()
}

// Display returns the pH that the meter shows with the calibration.
func (m *Meter) Display(c Calibration, mv, celsius float64) float64 {
	if m.Uncompensated {
		celsius = c.Celsius
	}
	return c.PH(mv, celsius)
}

// Samples returns the three unknown samples of the exercise: their pH and
// temperature. The last is warm.
func Samples(seed uint64) [3]struct{ PH, Celsius float64 } {
	r := rand.New(rand.NewPCG(seed, 11))
	var s [3]struct{ PH, Celsius float64 }
	for i := range s {
		s[i].PH = math.Round((3.4+1.6*r.Float64())*100) / 100
		s[i].Celsius = 25
	}
	s[2].PH, s[2].Celsius = math.Round((3.3+0.4*r.Float64())*100)/100, 55
	return s
}
