package phlog

import (
	"encoding/csv"
	"errors"
	"fmt"
	"io"
	"strings"

	"damson/core/cells"
	"damson/core/quantity"
)

// Row is one reading of a CSV file.
type Row struct {
	// Line counts the file's lines from 1.
	Line                               int
	Date, Sample, Recipe, Meter, How   string
	Hours, Celsius                     float64
	Values                             []float64
	Typed                              string // the values as they stood
	Problem                            string
	HasTemperature, HasHours, Corrects bool
}

// Columns are the columns that a CSV file of Damson's has.
var Columns = []string{"date", "meter", "sample", "recipe", "how", "hours", "temperature_c", "compensated", "ph", "highest", "severity", "marks"}

// words that the columns of other meters' files go by.
var headers = map[string][]string{
	"date": {"date", "day", "date time", "datetime", "timestamp", "measured", "time stamp"}, "meter": {"meter", "instrument", "device", "serial", "serial number"},
	"sample": {"sample", "sample id", "id", "name", "sample name", "label"}, "recipe": {"recipe", "product", "batch"}, "how": {"how", "preparation", "prepared"}, "hours": {"hours", "age h", "hours after"},
	"temperature_c": {"temperature c", "temp", "temp c", "temperature", "temp °c", "temperature °c", "t c", "°c"}, "temperature_f": {"temperature f", "temp f", "temp °f", "temperature °f", "°f"},
	"compensated": {"compensated", "atc", "mtc/atc"}, "ph": {"ph", "ph value", "reading", "value", "ph reading", "result"}, "unit": {"unit", "units"},
}

// The size limits of a file of readings.
const (
	maxRows  = 5000
	maxBytes = 1 << 20
)

// ReadCSV reads readings out of a file, Damson's own or another meter's: it
// finds the columns by their headings. A row that cannot be read is kept with
// its problem; a file without a column of pH is refused as a whole.
func ReadCSV(r io.Reader) ([]Row, error) {
	data, err := io.ReadAll(io.LimitReader(r, maxBytes+1))
	switch {
	case err != nil:
		return nil, err
	case len(data) > maxBytes:
		return nil, errors.New("line 1: the file is larger than 1 MiB; cut it in parts")
	}
	var first error
	for _, mark := range []rune{',', ';', '\t'} {
		rows, err := readCSV(data, mark)
		if err == nil {
			return rows, nil
		}
		if first == nil {
			first = err
		}
	}
	return nil, first
}

// readCSV reads a file whose fields are parted by the mark.
func readCSV(data []byte, mark rune) ([]Row, error) {
	c := cells.NewReader(data, mark)
	var head map[string]int
	var seen []string
	var rows []Row
	for {
		rec, err := c.Read()
		if errors.Is(err, io.EOF) {
			break
		}
		if err != nil {
			var pe *csv.ParseError
			if errors.As(err, &pe) {
				return nil, fmt.Errorf("line %d: this is no CSV: %w", pe.Line, pe.Err)
			}
			return nil, err
		}
		line, _ := c.FieldPos(0)
		if head == nil {
			if h := cells.Columns(rec, headers); has(h, "ph") {
				head = h
			} else {
				seen = append(seen, rec...)
			}
			continue
		}
		if len(rows) == maxRows {
			return nil, fmt.Errorf("line %d: more than %d readings; cut the file in parts", line, maxRows)
		}
		rows = append(rows, rowOf(line, cells.PlainRow(rec), head))
	}
	switch {
	case head == nil && len(seen) == 0:
		return nil, errors.New("line 1: the file is empty")
	case head == nil:
		return nil, fmt.Errorf("line 1: no column of pH among %s; name one of them “ph”", strings.Join(seen[:min(len(seen), 8)], ", "))
	}
	return rows, nil
}

func has(h map[string]int, key string) bool {
	_, ok := h[key]
	return ok
}

func rowOf(line int, rec []string, head map[string]int) Row {
	get := func(key string) string { return cells.Cell(rec, head, key) }
	row := Row{Line: line, Date: get("date"), Sample: get("sample"), Recipe: get("recipe"), Meter: get("meter"), How: get("how"), Typed: get("ph"), Celsius: 25, Corrects: true}
	var err error
	if row.Values, err = Values(row.Typed); err != nil {
		row.Problem = err.Error()
	}
	if u := strings.ToLower(get("unit")); u == "mv" {
		row.Problem = "the reading is in mV, not pH: calibrate and export pH"
		row.Typed, row.Values = row.Typed+" mV", nil // 3 mV is no pH 3
	}
	if t := get("temperature_f"); t != "" {
		f, err := quantity.ParseFigure(t)
		row.Celsius, row.HasTemperature = (f-32)/1.8, err == nil
	} else if t := get("temperature_c"); t != "" {
		f, err := quantity.ParseFigure(strings.TrimRight(t, "°Cc "))
		if strings.HasSuffix(strings.ToUpper(t), "F") {
			f, err = quantity.ParseFigure(strings.TrimRight(t, "°Ff "))
			f = (f - 32) / 1.8
		}
		row.Celsius, row.HasTemperature = f, err == nil
	}
	if !row.HasTemperature {
		row.Celsius = 25
	}
	if h, err := quantity.ParseFigure(get("hours")); err == nil {
		row.Hours, row.HasHours = h, true
	}
	if a := strings.ToLower(get("compensated")); a == "no" || a == "false" || a == "0" || a == "mtc" {
		row.Corrects = false
	}
	return row
}

// Values reads the pH of one or several jars: "3.82 3.85, 3.9". A comma between
// digits is a decimal sign where it makes a pH.
func Values(typed string) ([]float64, error) {
	typed = strings.NewReplacer(";", " ", "/", " ", "pH", " ", "ph", " ").Replace(typed)
	var out []float64
	for _, word := range strings.Fields(typed) {
		word = strings.Trim(word, ",")
		for _, one := range splitCommas(word) {
			v, err := quantity.ParseFigure(one)
			if err != nil {
				return out, fmt.Errorf("%q is no number; type the pH of each jar, like 3.82 3.85 3.90", one)
			}
			out = append(out, v)
		}
	}
	if len(out) > 50 {
		return out[:50], errors.New("more than 50 jars in one reading; enter the rest as another")
	}
	return out, nil
}

// splitCommas takes "3.8,3.9" apart and leaves "3,8" whole.
func splitCommas(word string) []string {
	parts := strings.Split(word, ",")
	if len(parts) == 2 && !strings.Contains(word, ".") && len(parts[1]) <= 2 {
		return []string{word}
	}
	return parts
}
