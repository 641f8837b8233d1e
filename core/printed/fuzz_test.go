package printed_test

import (
	"testing"

	"damson/core/printed"
)

// FuzzRead: whatever a text says, a table rises with elevation, leaves no gap, and holds figures
// that a process can have.
func FuzzRead(f *testing.F) {
	for _, s := range []string{
		"Process pints 20 minutes in a water bath (25 at 1,001 to 3,000 ft, 30 minutes above 3,000 ft).", "0-1,000 ft 1,001-3,000 ft above 3,000 ft\nPints 20 25 30",
		"quarts 1 hour 30 min at 11 lb dial / 10 lb weighted, 12 lb at 2,001 ft", "add 5 minutes at 1,001 ft, 10 at 3,001", "half - pints, 12-oz jars 5/10/15",
	} {
		f.Add(s, "Process in a boiling water bath.")
	}
	f.Fuzz(func(t *testing.T, a, b string) {
		p := printed.Read([]printed.Sentence{{Line: 1, Text: a}, {Line: 2, Text: b}})
		for _, told := range p.Told {
			last, end := told.Minutes, -1
			for _, x := range p.Above(told) {
				if x.Value < last || x.High < x.Low || end >= 0 && x.Low != end+1 {
					t.Fatalf("%q %q: %+v of %+v", a, b, p.Above(told), told)
				}
				last, end = x.Value, x.High
			}
		}
		for _, g := range p.Pounds {
			_ = g.Above()
		}
	})
}
