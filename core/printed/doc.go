// Package printed reads process figures as books and cards print them: minutes by jar and by
// elevation, pounds by gauge, what is added higher up. It judges nothing.
package printed

import (
	"slices"

	"damson/core/quantity"
)

// Sentence is a piece of the text with its line.
type Sentence struct {
	Line int
	Text string
}

// At is a figure, in minutes or in pounds per square inch, from Low to High feet above the sea.
type At struct {
	Low, High int
	Value     int
	Line      int
}

// Open is the High of a figure without an upper end.
const Open = 1 << 30

// Lowest is where the first column of every table ends, in feet (USDA Complete Guide to Home
// Canning 2015, process tables, from memory).
const Lowest = 1000

// Told is the time of one or more jars; of any, where none is named.
type Told struct {
	Line int
	// Method is "water-bath", "pressure", or "" where the text names none.
	Method string
	Jars   []quantity.Jar
	// Minutes are those at the lowest elevation, up to Ends where the text says so, Higher those
	// above, in the order of the text.
	Minutes int
	Ends    int
	Higher  []At
}

// Pounds are those of a gauge; of any, where none is named.
type Pounds struct {
	Gauge  string
	Line   int
	PSI    int
	Ends   int
	Higher []At
}

// Process is all that a text tells of its process.
type Process struct {
	Told   []Told
	Pounds []Pounds
	// Adds are the minutes that every time grows by, higher up.
	Adds []At
	// Method is the last that was named.
	Method string
	// Loose counts the figures that belong to no jar and no elevation: what they are for is not
	// known.
	Loose int
}

// Above returns what the minutes are at higher elevations, lowest first; Low of the first is where
// the lowest ends. A table with a gap, or one that falls, is none.
func (p *Process) Above(t Told) []At {
	higher := t.Higher
	if len(higher) == 0 {
		for _, a := range p.Adds {
			a.Value += t.Minutes
			higher = append(higher, a)
		}
	}
	return rising(t.Minutes, t.Ends, higher)
}

// Above returns what the pounds are at higher elevations, as Process.Above does the minutes.
func (p Pounds) Above() []At { return rising(p.PSI, p.Ends, p.Higher) }

func rising(least, ends int, higher []At) []At {
	list := slices.Clone(higher)
	slices.SortStableFunc(list, func(a, b At) int { return a.Low - b.Low })
	var out []At
	if ends > 0 && len(list) > 0 && list[0].Low > ends+1 {
		return nil // a gap
	}
	for _, h := range list {
		if n := len(out); n > 0 {
			if out[n-1].High >= Open && h.Low > out[n-1].Low { // "at 1,001 ft, at 3,001 ft"
				out[n-1].High = h.Low - 1
			}
			if h.Low == out[n-1].High { // "1,000 to 3,000 ft, 3,000 to 6,000 ft"
				h.Low++
			}
			if h.Low != out[n-1].High+1 {
				return nil
			}
			least = out[n-1].Value
		}
		if h.Value < least || h.High < h.Low {
			return nil
		}
		out = append(out, h)
	}
	return out
}
