// Package phlog judges what a pH meter was calibrated with and what it read.
//
// A reading never makes a verdict better: one sample in one kitchen does not
// stand in for a tested process. It can make one worse. The package keeps what
// was typed and marks what is doubtful; it throws nothing away.
package phlog

import (
	"fmt"
	"math"
	"time"
)

// Nernst returns the slope of a perfect electrode in mV per pH at the
// temperature in °C: ln 10 · R · T / F, 59.16 mV at 25 °C.
func Nernst(celsius float64) float64 { return 0.198416 * (celsius + 273.15) }

// The slope of an electrode in percent of the perfect one: outside 95 to 105 it
// is doubtful, outside 85 to 105 it measures nothing (common practice, no
// source).
const (
	slopeGood, slopeLeast, slopeMost = 95.0, 85.0, 105.0
	offsetMost                       = 30.0 // mV in the buffer of pH 7, common practice
)

// Calibration is a two-point calibration of a meter.
type Calibration struct {
	On time.Time
	// Low and High are the buffers' nominal pH, usually 4.01 and 7.00.
	Low, High float64
	// LowMV and HighMV are what the meter read in them.
	LowMV, HighMV float64
	// Celsius is the temperature of the buffers.
	Celsius float64
	// Lots and Expiry are as on the bottles.
	LowLot, HighLot       string
	LowExpiry, HighExpiry time.Time
}

// Slope returns the electrode's slope in percent of the perfect one.
func (c Calibration) Slope() float64 {
	return 100 * (c.LowMV - c.HighMV) / ((c.High - c.Low) * Nernst(c.Celsius))
}

// Offset returns what the electrode would read at pH 7, in mV; 0 is perfect.
func (c Calibration) Offset() float64 {
	perPH := (c.LowMV - c.HighMV) / (c.High - c.Low)
	return c.HighMV - perPH*(7-c.High)
}

// PH turns a reading in mV at a temperature into pH by the calibration.
func (c Calibration) PH(mv, celsius float64) float64 {
	return 7 - (mv-c.Offset())/(c.Slope()/100*Nernst(celsius))
}

// Problem is something wrong with an entry: the field, what is wrong and the way
// out. Refused entries are not used for judging; the others are, with the mark.
type Problem struct {
	Field, What string
	Refused     bool
}

// Check returns what is wrong with a calibration.
func (c Calibration) Check() []Problem {
	var out []Problem
	add := func(refused bool, field, format string, a ...any) {
		out = append(out, Problem{field, fmt.Sprintf(format, a...), refused})
	}
	switch {
	case c.Low < 1 || c.High > 13 || c.High-c.Low < 1.5:
		add(true, "buffers", "Two buffers are needed, at least 1.5 pH apart, between 1 and 13; 4.01 and 7.00 are the usual ones.")
		return out
	case c.Low > 4.6 || c.High < 4.6:
		add(false, "buffers", "The buffers do not stand on both sides of 4.6; use 4.01 and 7.00.")
	}
	if c.Celsius < 0 || c.Celsius > 60 || math.IsNaN(c.Celsius) {
		add(true, "temperature", "A temperature of %g °C is outside 0 to 60 °C; was it °F?", c.Celsius)
		return out
	}
	apart := c.LowMV - c.HighMV
	switch slope := c.Slope(); {
	case math.Abs(c.LowMV) > 600 || math.Abs(c.HighMV) > 600 || math.IsNaN(slope):
		add(true, "millivolts", "A meter reads between -600 and 600 mV.")
	case math.Abs(c.LowMV-c.Low) < 0.6 && math.Abs(c.HighMV-c.High) < 0.6:
		add(true, "millivolts", "These look like pH, not millivolts. Switch the meter to mV and read again: about 177 mV at pH 4.01, 0 mV at 7.00.")
	case apart < 0 && -slope >= slopeLeast:
		add(true, "buffers", "The buffers look swapped: the acid one must read the higher millivolts.")
	case slope < slopeLeast || slope > slopeMost:
		add(true, "slope", "A slope of %.0f %% measures nothing (85 to 105 %% is needed): clean or replace the electrode, use fresh buffers, and calibrate again.", slope)
	case slope < slopeGood:
		add(false, "slope", "A slope of %.0f %% is weak (95 to 105 %% is good): clean the electrode and use fresh buffers.", slope)
	}
	if len(out) == 0 && math.Abs(c.Offset()) > offsetMost {
		add(false, "offset", "An offset of %.0f mV is large (up to 30 mV is usual): the electrode is old or dirty, or the buffer is not what its label says.", c.Offset())
	}
	for _, b := range []struct {
		name   string
		expiry time.Time
	}{{fmt.Sprintf("%.2f", c.Low), c.LowExpiry}, {fmt.Sprintf("%.2f", c.High), c.HighExpiry}} {
		if !b.expiry.IsZero() && b.expiry.Before(c.On) {
			add(false, "expiry", "The buffer of pH %s was past its date on the day.", b.name)
		}
	}
	return out
}

// Refused reports whether any problem forbids the entry's use.
func Refused(list []Problem) bool {
	for _, p := range list {
		if p.Refused {
			return true
		}
	}
	return false
}
