package run

import (
	"errors"
	"fmt"
	"io"
	"slices"
	"strconv"
	"strings"
	"time"

	"damson/core/cells"
)

// The limits of a logger's file.
const (
	loggerBytes = 2 << 20
	loggerRows  = 20_000
	highestPSI  = 25.0
	hottestF    = 300.0
	// atRest is how far below nought a pressure logger may stand, in psi.
	atRest = -0.5
)

// headings are the names that the columns of loggers' files go by.
var headings = map[string][]string{
	"time": {"time", "timestamp", "time stamp", "date time", "datetime", "date/time"}, "date": {"date", "day"},
	"seconds": {"seconds", "sec", "s", "elapsed s", "elapsed seconds", "time s"}, "minutes": {"minutes", "min", "elapsed min", "elapsed minutes", "time min"},
	"psi": {"psi", "psig", "pressure psi", "gauge psi", "pressure psig"}, "kpa": {"kpa", "kpa g", "pressure kpa", "gauge kpa"}, "bar": {"bar", "pressure bar"},
	"f": {"f", "°f", "temp f", "temp °f", "temperature f", "temperature °f", "deg f"}, "c": {"c", "°c", "temp c", "temp °c", "temperature c", "temperature °c", "deg c"},
	"absolute": {"psia", "pressure psia", "kpa abs", "kpa a", "absolute"},
}

// psiOf turns a pressure of a column into psi.
var psiOf = map[string]float64{"psi": 1, "kpa": 1 / 6.894757293168, "bar": 100 / 6.894757293168}

// layouts are how loggers write a moment; those without a day are of the day of the run.
var layouts = []string{time.RFC3339, "2006-01-02 15:04:05", "2006-01-02T15:04:05", "2006-01-02 15:04", "1/2/2006 15:04:05", "1/2/2006 15:04", "1/2/2006 3:04:05 PM", "15:04:05", "15:04"}

// ReadLogger reads what a logger measured out of a CSV file: a time and a gauge pressure (psi,
// kPa or bar), a temperature (°F or °C), or both; columns are found by their headings. A
// file whose times have no day, or count from nought, belongs to a run that began at start. A
// row that cannot be right is an error that names its line.
func ReadLogger(data []byte, start time.Time) ([]Event, error) {
	if len(data) > loggerBytes {
		return nil, errors.New("the file is larger than 2 MiB; cut it in parts")
	}
	var first error
	for _, mark := range []rune{',', ';', '\t'} {
		out, err := readLogger(data, mark, start)
		if err == nil {
			return out, nil
		}
		if first == nil || errors.Is(first, errNoColumns) {
			first = err
		}
	}
	return nil, first
}

var errNoColumns = errors.New("line 1: no columns of time and pressure; name them “time” and “psi” (or kPa, bar, °F, °C)")

func readLogger(data []byte, mark rune, start time.Time) ([]Event, error) {
	c := cells.NewReader(data, mark)
	var head map[string]int
	var out []Event
	for {
		rec, err := c.Read()
		if errors.Is(err, io.EOF) {
			break
		}
		if err != nil {
			return nil, fmt.Errorf("this is no CSV: %w", err)
		}
		line, _ := c.FieldPos(0)
		if head == nil {
			head = cells.Columns(rec, headings)
			if _, absolute := head["absolute"]; absolute {
				return nil, fmt.Errorf("line %d: these are absolute pressures; a process goes by gauge pressure: export psi or kPa above the air outside", line)
			}
			if !timed(head) || !measured(head) {
				head = nil
			}
			continue
		}
		if len(out) == loggerRows {
			return nil, fmt.Errorf("line %d: more than %d readings; cut the file in parts", line, loggerRows)
		}
		e, err := sampleOf(rec, head, start)
		if err != nil {
			return nil, fmt.Errorf("line %d: %w", line, err)
		}
		if n := len(out); n > 0 && e.At.Before(out[n-1].At) {
			return nil, fmt.Errorf("line %d: the time runs backwards, from %s to %s", line, out[n-1].At.Format("15:04:05"), e.At.Format("15:04:05"))
		}
		out = append(out, e)
	}
	switch {
	case head == nil:
		return nil, errNoColumns
	case len(out) == 0:
		return nil, errors.New("the file has headings and no readings")
	}
	return out, nil
}

func timed(head map[string]int) bool {
	return slices.ContainsFunc([]string{"time", "seconds", "minutes"}, func(k string) bool { _, ok := head[k]; return ok })
}

func measured(head map[string]int) bool {
	return slices.ContainsFunc([]string{"psi", "kpa", "bar", "f", "c"}, func(k string) bool { _, ok := head[k]; return ok })
}

// sampleOf is one row as a reading of the logger.
func sampleOf(rec []string, head map[string]int, start time.Time) (Event, error) {
	get := func(key string) string { return cells.Cell(rec, head, key) }
	e := Event{Kind: Reading, Logger: true}
	var err error
	if e.At, err = momentOf(get, start); err != nil {
		return e, err
	}
	for unit, factor := range psiOf {
		text := get(unit)
		if text == "" {
			continue
		}
		v, err := strconv.ParseFloat(text, 64)
		if err != nil {
			return e, fmt.Errorf("%q is no pressure", text)
		}
		if e.PSI = v * factor; e.PSI > highestPSI || e.PSI < atRest || e.PSI != e.PSI {
			return e, fmt.Errorf("%s %s is no gauge pressure of a canner, which is 0 to %g psi (172 kPa): is it in another unit?", text, unit, highestPSI)
		}
		e.PSI, e.Gauged = max(e.PSI, 0), true
	}
	for _, unit := range []string{"f", "c"} {
		text := get(unit)
		if text == "" {
			continue
		}
		v, err := strconv.ParseFloat(text, 64)
		if err != nil {
			return e, fmt.Errorf("%q is no temperature", text)
		}
		if unit == "c" {
			v = v*1.8 + 32
		}
		if v > hottestF || v < -40 || v != v {
			return e, fmt.Errorf("%s °%s is no temperature of a canner: is it in the other scale?", text, strings.ToUpper(unit))
		}
		e.F = v
	}
	if !e.Gauged && e.F == 0 {
		return e, errors.New("there is neither a pressure nor a temperature")
	}
	return e, nil
}

// momentOf is when a row was measured.
func momentOf(get func(string) string, start time.Time) (time.Time, error) {
	for unit, length := range map[string]time.Duration{"seconds": time.Second, "minutes": time.Minute} {
		text := get(unit)
		if text == "" {
			continue
		}
		v, err := strconv.ParseFloat(text, 64)
		if err != nil || v < 0 || v > 1e6 {
			return start, fmt.Errorf("%q is no number of %s", text, unit)
		}
		return start.Add(time.Duration(v * float64(length))), nil
	}
	text := strings.TrimSpace(get("date") + " " + get("time"))
	for _, layout := range layouts {
		t, err := time.ParseInLocation(layout, text, start.Location())
		if err != nil {
			continue
		}
		if strings.Contains(layout, "2006") {
			return t, nil
		}
		t = time.Date(start.Year(), start.Month(), start.Day(), t.Hour(), t.Minute(), t.Second(), 0, start.Location())
		if t.Before(start.Add(-time.Hour)) {
			t = t.AddDate(0, 0, 1) // past midnight
		}
		return t, nil
	}
	return start, fmt.Errorf("%q is no time; write it like 2026-11-28 14:05:00", text)
}
