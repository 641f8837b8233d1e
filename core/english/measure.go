package english

import (
	"damson/core/recall"
	"damson/core/words"
)

// Kind says what a measure measures.
type Kind uint8

// The kinds of measure.
const (
	Duration    Kind = iota + 1 // minutes
	Temperature                 // degrees Fahrenheit
	Length                      // inches
	Height                      // feet above the sea
	Percent
)

// Measure is a measured thing in a text.
type Measure struct {
	Kind     Kind
	Min, Max float64
	// Start and End are token indexes.
	Start, End int
}

var durations = map[string]float64{"second": 1.0 / 60, "sec": 1.0 / 60, "minute": 1, "min": 1, "minut": 1, "hour": 60, "hr": 60, "h": 60, "day": 1440, "night": 1440, "week": 10080, "fortnight": 20160, "month": 43200, "year": 525600}

var lengths = map[string]float64{"inch": 1, "in": 1, "\"": 1, "”": 1, "cm": 1 / 2.54, "centimeter": 1 / 2.54, "centimetre": 1 / 2.54, "mm": 1 / 25.4, "millimeter": 1 / 25.4, "millimetre": 1 / 25.4}

// Inches returns how many inches the unit of a length has, as written in the singular; 0
// where it is none.
func Inches(unit string) float64 { return lengths[unit] }

var heights = map[string]float64{"foot": 1, "ft": 1, "m": 3.28084, "meter": 3.28084, "metre": 3.28084, "masl": 3.28084}

// kept are the measures of the texts asked last.
var kept = recall.New[string, []Measure](512)

// MeasuresOf finds those of a text. They are shared: nobody may change them.
func MeasuresOf(text string) []Measure {
	return recall.Of(kept, text, func(text string) []Measure { return Measures(words.Split(text)) })
}

// Measures finds durations, temperatures, lengths, heights and percentages.
func Measures(t []words.Token) []Measure {
	var out []Measure
	for i := 0; i < len(t); {
		m, n := measureAt(t, i)
		if n == 0 {
			i++
			continue
		}
		out = append(out, m)
		i += n
	}
	return out
}

// ends reports whether nothing that a number could count stands at t[i].
func ends(t []words.Token, i int) bool {
	if i >= len(t) || t[i].Kind == words.Mark && t[i].Text != "-" && t[i].Text != "°" && t[i].Text != "%" {
		return true
	}
	switch t[i].Text {
	case "at", "on", "in", "for", "with", "and", "then", "under", "from", "by":
		return true
	}
	return false
}

func measureAt(t []words.Token, i int) (Measure, int) {
	lo, hi, n := Range(t, i)
	if n == 0 {
		if w := word(t, i); (w == "an" || w == "a") && (durations[word(t, i+1)] != 0 && word(t, i+1) != "in" || word(t, i+1) == "inch") || w == "that" && word(t, i+1) == "inch" {
			lo, hi, n = 1, 1, 1
		} else {
			return Measure{}, 0
		}
	}
	j := i + n
	if word(t, j) == "-" || word(t, j) == "good" || word(t, j) == "full" || word(t, j) == "more" || word(t, j) == "solid" {
		j++
	}
	u := word(t, j)
	switch {
	case durations[u] != 0:
		scale := durations[u]
		j++
		if word(t, j) == "." {
			j++
		}
		if scale == 60 { // "an hour and a half", "1 hour 20 minutes", "1 h 15"
			k := j
			if word(t, k) == "and" {
				k++
			}
			if word(t, k) == "a" && parts[word(t, k+1)] != 0 {
				lo, hi, j = lo+parts[word(t, k+1)], hi+parts[word(t, k+1)], k+2
			} else if v, m := Number(t, k); m > 0 && durations[word(t, k+m)] == 1 {
				lo, hi, j = lo+v/60, hi+v/60, k+m+1
			} else if m > 0 && v >= 5 && v < 60 && v == 5*float64(int(v/5)) && ends(t, k+m) {
				lo, hi, j = lo+v/60, hi+v/60, k+m // "an hour and fifteen"
			}
		}
		return Measure{Duration, lo * scale, hi * scale, i, j}, j - i
	case u == "°" || u == "degree" || (u == "f" || u == "c") && lo >= 40:
		if u != "f" && u != "c" {
			j++
		}
		celsius := word(t, j) == "c" || word(t, j) == "celsius"
		if w := word(t, j); w == "f" || w == "c" || w == "celsius" || w == "fahrenheit" {
			j++
		}
		if celsius {
			lo, hi = lo*9/5+32, hi*9/5+32
		}
		return Measure{Temperature, lo, hi, i, j}, j - i
	case u == "%" || u == "percent" || u == "per" && word(t, j+1) == "cent":
		if u == "per" {
			j++
		}
		return Measure{Percent, lo, hi, i, j + 1}, j + 1 - i
	case lengths[u] != 0 && !(u == "in" && j+1 < len(t) && t[j+1].Kind == words.Word && !sizeTails[word(t, j+1)]):
		return Measure{Length, lo * lengths[u], hi * lengths[u], i, j + 1}, j + 1 - i
	case heights[u] != 0 && lo >= 100:
		return Measure{Height, lo * heights[u], hi * heights[u], i, j + 1}, j + 1 - i
	case parts[""] == 0 && u == "of" && word(t, j+1) == "an" && durations[word(t, j+2)] != 0:
		return Measure{Duration, lo * durations[word(t, j+2)], hi * durations[word(t, j+2)], i, j + 3}, j + 3 - i
	}
	return Measure{}, 0
}

// sizeTails may follow the "in" that means inch.
var sizeTails = map[string]bool{"piece": true, "cube": true, "chunk": true, "slice": true, "length": true, "headspace": true, "headroom": true, "thick": true, "long": true, "dice": true, "of": true, "bit": true, "round": true, "from": true, "at": true, "head": true, "space": true}
