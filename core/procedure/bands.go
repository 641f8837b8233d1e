package procedure

import (
	"bytes"
	"encoding/json"
	"fmt"
	"math"
	"sort"
	"strconv"
	"strings"
)

// Band is one column of a process table: elevations in feet, both ends
// included, and the minutes or pounds printed for them.
type Band struct {
	Low, High int
	Value     int
}

// Bands are the columns of a row, lowest first. A single band from 0 without
// upper end stands for a figure that holds at every elevation.
type Bands []Band

// openEnd marks a band without an upper end ("6001+").
const openEnd = math.MaxInt32

// Everywhere returns one figure for all elevations.
func Everywhere(v int) Bands { return Bands{{0, openEnd, v}} }

// Upwards returns the last band of a table, without an upper end.
func Upwards(low, v int) Band { return Band{low, openEnd, v} }

// At returns the figure at feet. Elevations below the sea read the first band.
func (b Bands) At(feet int) (int, bool) {
	if feet < 0 {
		feet = 0
	}
	for _, x := range b {
		if feet >= x.Low && feet <= x.High {
			return x.Value, true
		}
	}
	return 0, false
}

// Figures writes the values with strokes, lowest band first: "20/25/30/35".
func (b Bands) Figures() string {
	var out []string
	for _, x := range b {
		out = append(out, strconv.Itoa(x.Value))
	}
	return strings.Join(out, "/")
}

// Label names the band as sources print it: "0-1000", "6001+".
func (x Band) Label() string {
	if x.High == openEnd {
		return strconv.Itoa(x.Low) + "+"
	}
	return strconv.Itoa(x.Low) + "-" + strconv.Itoa(x.High)
}

// BandAt returns the label of the band that holds feet, or "".
func (b Bands) BandAt(feet int) string {
	if feet < 0 {
		feet = 0
	}
	for _, x := range b {
		if feet >= x.Low && feet <= x.High {
			return x.Label()
		}
	}
	return ""
}

// ParseBands reads a map such as {"0-1000": 20, "1001+": 25}.
func ParseBands(m map[string]int) (Bands, error) {
	var out Bands
	for k, v := range m {
		low, high, found := strings.Cut(k, "-")
		x := Band{High: openEnd, Value: v}
		var err error
		if !found {
			low = strings.TrimSuffix(k, "+")
			if low == k {
				return nil, fmt.Errorf("band %q: write 0-1000 or 6001+", k)
			}
		} else if x.High, err = strconv.Atoi(high); err != nil {
			return nil, fmt.Errorf("band %q: write 0-1000 or 6001+", k)
		}
		if x.Low, err = strconv.Atoi(low); err != nil {
			return nil, fmt.Errorf("band %q: write 0-1000 or 6001+", k)
		}
		out = append(out, x)
	}
	sort.Slice(out, func(i, j int) bool { return out[i].Low < out[j].Low })
	return out, nil
}

// check fails unless the bands start at 0, touch, and never fall.
func (b Bands) check() error {
	if len(b) == 0 {
		return fmt.Errorf("no bands")
	}
	if b[0].Low != 0 {
		return fmt.Errorf("bands start at %d, not at 0 ft", b[0].Low)
	}
	for i := 1; i < len(b); i++ {
		if b[i].Low != b[i-1].High+1 {
			return fmt.Errorf("bands %s and %s do not touch", b[i-1].Label(), b[i].Label())
		}
		if b[i].Value < b[i-1].Value {
			return fmt.Errorf("band %s falls from %d to %d", b[i].Label(), b[i-1].Value, b[i].Value)
		}
	}
	return nil
}

// MarshalJSON writes a bare number where one figure holds everywhere, else an
// object by band in the order of the table.
func (b Bands) MarshalJSON() ([]byte, error) {
	if len(b) == 0 {
		return []byte("null"), nil
	}
	if len(b) == 1 && b[0].Low == 0 && b[0].High == openEnd {
		return json.Marshal(b[0].Value)
	}
	var w bytes.Buffer
	w.WriteByte('{')
	for i, x := range b {
		if i > 0 {
			w.WriteByte(',')
		}
		fmt.Fprintf(&w, "%q:%d", x.Label(), x.Value)
	}
	w.WriteByte('}')
	return w.Bytes(), nil
}

// UnmarshalJSON reads what MarshalJSON writes.
func (b *Bands) UnmarshalJSON(data []byte) error {
	var one int
	if string(data) == "null" {
		*b = nil
		return nil
	}
	if json.Unmarshal(data, &one) == nil {
		*b = Everywhere(one)
		return nil
	}
	m := map[string]int{}
	if err := json.Unmarshal(data, &m); err != nil {
		return err
	}
	bands, err := ParseBands(m)
	*b = bands
	return err
}
