package elevation

import (
	"fmt"
	"math"
	"strconv"
	"strings"
)

// The elevations, in feet, that Damson accepts.
const (
	Lowest  = -300
	Highest = 10000
)

// Parse reads "5240ft", "5,240 ft", "1600m" or a bare number of feet, and
// returns whole feet.
func Parse(s string) (int, error) {
	t := strings.ToLower(strings.ReplaceAll(strings.TrimSpace(s), ",", ""))
	scale := 1.0
	for _, u := range []struct {
		suffix string
		feet   float64
	}{{"feet", 1}, {"ft", 1}, {"'", 1}, {"metres", 1 / perFoot}, {"meters", 1 / perFoot}, {"m", 1 / perFoot}} {
		if strings.HasSuffix(t, u.suffix) {
			t, scale = strings.TrimSpace(strings.TrimSuffix(t, u.suffix)), u.feet
			break
		}
	}
	v, err := strconv.ParseFloat(t, 64)
	if err != nil || math.IsNaN(v) || math.IsInf(v, 0) {
		return 0, fmt.Errorf("elevation %q: write it like 5240ft or 1600m", s)
	}
	feet := math.Round(v * scale)
	if feet < Lowest || feet > Highest {
		return 0, fmt.Errorf("elevation %q: outside the tables, which reach from -300 to 10,000 ft", s)
	}
	return int(feet), nil
}
