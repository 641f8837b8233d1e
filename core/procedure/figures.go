package procedure

import (
	"fmt"
	"strconv"
	"strings"
)

// The columns under which sources print figures, by elevation in feet.
var (
	BathColumns3    = []string{"0-1000", "1001-6000", "6001+"}
	BathColumns4    = []string{"0-1000", "1001-3000", "3001-6000", "6001+"}
	DialColumns     = []string{"0-2000", "2001-4000", "4001-6000", "6001-8000"}
	WeightedColumns = []string{"0-1000", "1001+"}
)

// Figures reads "20/25/30/35" under the columns that have as many figures. A
// single figure holds at every elevation where everywhere is true.
func Figures(text string, everywhere bool, columns ...[]string) (Bands, error) {
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
