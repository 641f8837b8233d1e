// Package label lays labels for jars out on sheets.
package label

import (
	"fmt"
	"time"
)

// Label is what stands on a jar, a line each: what it is in large letters, the rest below.
type Label struct {
	Title string
	Lines []string
}

// Of is the label of a lot: its name, month and year, the number of the lot, and how long it is
// boiled before anybody tastes it, 0 where it need not be (USDA Complete Guide 2015, guide 1,
// from memory).
func Of(title, kitchen string, lot int64, made time.Time, boil int) Label {
	l := Label{Title: title, Lines: []string{made.Format("January 2006") + fmt.Sprintf(" · lot %d", lot)}}
	if boil > 0 {
		l.Lines = append(l.Lines, fmt.Sprintf("Boil %d minutes before tasting", boil))
	}
	if kitchen != "" {
		l.Lines = append(l.Lines, kitchen)
	}
	return l
}

// Sheet is a sheet of labels as shops sell them; lengths in mm.
type Sheet struct {
	ID, Name string
	// Paper is "Letter" or "A4".
	Paper         string
	Across, Down  int
	Width, Height float64
	// Left and Top are where the first label begins, StepX and StepY from one to the next.
	Left, Top, StepX, StepY float64
}

// PerSheet is how many labels are on it.
func (s *Sheet) PerSheet() int { return s.Across * s.Down }

// Sheets are the common sizes (common practice, no source; measured in mm, from memory): the
// first try goes on plain paper, held against the sheet.
var Sheets = []Sheet{
	{"letter-30", "Letter, 30 labels of 2⅝ × 1 in", "Letter", 3, 10, 66.7, 25.4, 4.8, 12.7, 69.85, 25.4},
	{"letter-20", "Letter, 20 labels of 4 × 1 in", "Letter", 2, 10, 101.6, 25.4, 4, 12.7, 106.4, 25.4},
	{"letter-10", "Letter, 10 labels of 4 × 2 in", "Letter", 2, 5, 101.6, 50.8, 4, 12.7, 106.4, 50.8},
	{"a4-21", "A4, 21 labels of 63.5 × 38.1 mm", "A4", 3, 7, 63.5, 38.1, 7.2, 15.15, 66, 38.1},
	{"a4-14", "A4, 14 labels of 99.1 × 38.1 mm", "A4", 2, 7, 99.1, 38.1, 4.65, 15.15, 101.6, 38.1},
}

// SheetBy returns the sheet of an id, and false where there is none.
func SheetBy(id string) (Sheet, bool) {
	for _, s := range Sheets {
		if s.ID == id {
			return s, true
		}
	}
	return Sheet{}, false
}

// Place is where a label stands: the page from 0, and its corner in mm.
type Place struct {
	Page int
	X, Y float64
}

// Places are where n labels go when the first skip ones of the first sheet are used up
// already: along the rows.
func (s *Sheet) Places(n, skip int) []Place {
	skip = min(max(skip, 0), s.PerSheet()-1)
	out := make([]Place, n)
	for i := range out {
		at := i + skip
		on := at % s.PerSheet()
		out[i] = Place{at / s.PerSheet(), s.Left + float64(on%s.Across)*s.StepX, s.Top + float64(on/s.Across)*s.StepY}
	}
	return out
}
