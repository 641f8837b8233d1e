package phlog

import (
	"fmt"
	"math"
)

// The lines that readings are held against.
const (
	// Limit is where low-acid food begins (21 CFR 114.3).
	Limit = 4.6
	// Near is under which there is room for what one sample does not show
	// (common practice, no source).
	Near = 4.2
	// spreadMost is the spread between jars above which the pieces have not come
	// even, or the samples differ (common practice, no source).
	spreadMost = 0.2
)

// How a sample was prepared.
const (
	Blended = "drained and blended"
	Brine   = "brine apart"
	Whole   = "as it is"
)

// Reading is one sample: the same product out of one or several jars.
type Reading struct {
	Sample string
	// How is Blended, Brine or Whole; Hours since the jars were closed.
	How   string
	Hours float64
	// Celsius is the sample's temperature; Compensated is true where the meter
	// corrects for it by itself, CalibratedAt is the temperature of its buffers.
	Celsius      float64
	Compensated  bool
	CalibratedAt float64
	// Values are the pH of each jar as displayed.
	Values []float64
	// Acidified is true where the product depends on added acid.
	Acidified bool
	// Calibrated is true where the meter was calibrated that day, and well.
	Calibrated bool
}

// Summary is what a reading says.
type Summary struct {
	// Mean, Spread (highest less lowest) and Highest are corrected to the
	// sample's temperature; Highest is what counts.
	Mean, Spread, Highest float64
	N                     int
	// Severity is "stop", "care" or "note".
	Severity string
	Says     string
	// Marks are what is doubtful about it.
	Marks []string
}

// Correct turns a displayed pH, of a meter that takes the buffers' temperature
// for the sample's, into that of the sample: the electrode's slope goes with
// the absolute temperature, about pH 7.
func Correct(displayed, calibrated, celsius float64) float64 {
	return 7 + (displayed-7)*(calibrated+273.15)/(celsius+273.15)
}

// Check returns what is wrong with the reading as typed.
func (r Reading) Check() []Problem {
	var out []Problem
	if len(r.Values) == 0 {
		out = append(out, Problem{"values", "No reading: type the pH of each jar, like 3.82 3.85 3.90.", true})
	}
	for _, v := range r.Values {
		if v < 0 || v > 14 || math.IsNaN(v) {
			out = append(out, Problem{"values", fmt.Sprintf("%g is no pH: it lies between 0 and 14. If the meter shows millivolts, switch it to pH.", v), true})
		}
	}
	if r.Celsius < 0 || r.Celsius > 60 || math.IsNaN(r.Celsius) {
		out = append(out, Problem{"temperature", fmt.Sprintf("%g °C is outside 0 to 60 °C, where a meter measures; let the sample cool, or was it °F?", r.Celsius), true})
	}
	return out
}

// Judge says what the reading means. It never clears: under 4.2 it is a note.
func (r Reading) Judge() Summary {
	s := Summary{N: len(r.Values), Severity: "note"}
	if problems := r.Check(); Refused(problems) {
		for _, p := range problems {
			s.Marks = append(s.Marks, p.What)
		}
		s.Severity, s.Says = "care", "Kept as typed, and not judged: "+problems[0].What
		return s
	}
	low := math.Inf(1)
	s.Highest = math.Inf(-1)
	for _, v := range r.Values {
		if !r.Compensated {
			v = Correct(v, r.CalibratedAt, r.Celsius)
		}
		s.Mean += v / float64(len(r.Values))
		low, s.Highest = min(low, v), max(s.Highest, v)
	}
	s.Spread = s.Highest - low
	highest := math.Round(s.Highest*100) / 100 // a meter shows two places
	switch {
	case highest > Limit:
		s.Severity = "stop"
		s.Says = fmt.Sprintf("The highest jar is at pH %.2f, over 4.6: no water bath for it. Refrigerate or freeze it; a tested pressure process of its own is the only other way.", s.Highest)
	case highest > Near:
		s.Severity = "care"
		s.Says = fmt.Sprintf("The highest jar is at pH %.2f, too near the line: one sample misses the sourest and the least sour jar, and meters err by a tenth. Aim under 4.2.", s.Highest)
	default:
		s.Says = fmt.Sprintf("The highest jar is at pH %.2f. That is what one would hope for; it is no clearance, for acidity is only one thing that a tested process rests on.", s.Highest)
	}
	if !r.Calibrated {
		s.Marks = append(s.Marks, "not calibrated that day")
	}
	if r.Acidified && r.Hours < 24 {
		s.Marks = append(s.Marks, "under 24 hours: pieces have not come even with their brine")
	}
	if r.How == Brine {
		s.Marks = append(s.Marks, "the brine apart: the pieces may lie higher")
	}
	if s.Spread > spreadMost {
		s.Marks = append(s.Marks, fmt.Sprintf("the jars differ by %.2f pH: measure more of them, later", s.Spread))
	}
	if s.N == 1 {
		s.Marks = append(s.Marks, "one jar only")
	}
	if !r.Compensated && math.Abs(r.Celsius-r.CalibratedAt) > 5 {
		s.Marks = append(s.Marks, fmt.Sprintf("corrected from %.0f °C to %.0f °C", r.CalibratedAt, r.Celsius))
	}
	return s
}

// Never says why a reading makes no verdict better, in a sentence.
const Never = "A reading never makes a verdict better: one sample in one kitchen does not stand in for a process that was tested."
