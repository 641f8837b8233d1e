package procedure

import (
	"fmt"
	"slices"
	"strconv"
	"strings"
)

// The columns under which sources print figures, by elevation in feet.
var (
	BathColumns1    = []string{"0-1000"}
	BathColumns3    = []string{"0-1000", "1001-6000", "6001+"}
	BathColumns4    = []string{"0-1000", "1001-3000", "3001-6000", "6001+"}
	DialColumns     = []string{"0-2000", "2001-4000", "4001-6000", "6001-8000"}
	WeightedColumns = []string{"0-1000", "1001+"}
)

// Figures reads "20/25/30/35" under the columns that have as many figures, or figures behind
// elevations of their own, "0-1000: 20, 1001-8000: 30". A single figure holds at every elevation
// where everywhere is true.
func Figures(text string, everywhere bool, columns ...[]string) (Bands, error) {
	if strings.Contains(text, ":") {
		return labelled(text)
	}
	parts := strings.FieldsFunc(text, func(r rune) bool { return r == '/' || r == ',' || r == ' ' })
	var values []int
	for _, p := range parts {
		v, err := strconv.Atoi(p)
		if err != nil || v <= 0 || v > 999 {
			return nil, fmt.Errorf("%q is no whole number of 1 to 999", p)
		}
		values = append(values, v)
	}
	if len(values) == 1 && everywhere {
		return Everywhere(values[0]), nil
	}
	var counts []string
	for _, c := range columns {
		if len(c) == len(values) {
			m := map[string]int{}
			for i, label := range c {
				m[label] = values[i]
			}
			return ParseBands(m)
		}
		counts = append(counts, strconv.Itoa(len(c))+" for "+strings.Join(c, ", ")+" ft")
	}
	return nil, fmt.Errorf("%q has %d figures; write %s", text, len(values), strings.Join(counts, ", or "))
}

// labelled reads figures behind the elevations that they hold at.
func labelled(text string) (Bands, error) {
	m := map[string]int{}
	for _, part := range strings.FieldsFunc(text, func(r rune) bool { return r == ',' || r == ';' }) {
		label, figure, found := strings.Cut(part, ":")
		v, err := strconv.Atoi(strings.TrimSpace(figure))
		if !found || err != nil || v <= 0 || v > 999 {
			return nil, fmt.Errorf("%q: write the elevation, a colon and a whole number, as in 0-1000: 20", strings.TrimSpace(part))
		}
		m[strings.TrimSpace(label)] = v
	}
	return ParseBands(m)
}

// Written writes the bands as Figures reads them: with strokes where their elevations are those
// of the columns, else each behind its elevation.
func (b Bands) Written(columns ...[]string) string {
	if len(b) == 1 && b[0].Low == 0 && b[0].High == openEnd {
		return b.Figures()
	}
	labels, parts := make([]string, len(b)), make([]string, len(b))
	for i, x := range b {
		labels[i] = x.Label()
		parts[i] = x.Label() + ": " + strconv.Itoa(x.Value)
	}
	for _, c := range columns {
		if slices.Equal(c, labels) {
			return b.Figures()
		}
	}
	return strings.Join(parts, ", ")
}
