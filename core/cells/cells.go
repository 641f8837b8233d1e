// Package cells writes and reads CSV files that a spreadsheet may open: a cell that it
// would take for a formula is guarded by an apostrophe in front, and the guard is taken
// off again on reading.
package cells

import (
	"encoding/csv"
	"io"
	"regexp"
	"strings"
)

// formula are the marks with which a formula begins (OWASP, CSV injection, from memory).
const formula = "=+-@\t\r"

var number = regexp.MustCompile(`^[-+]?[0-9]*[.,]?[0-9]+$`)

// danger reports whether a spreadsheet may take s for a formula.
func danger(s string) bool {
	s = strings.TrimLeft(s, " ")
	return s != "" && strings.ContainsRune(formula, rune(s[0])) && !number.MatchString(s)
}

// Guard returns s as a cell that no spreadsheet takes for a formula. A number stays as it
// is. Plain takes the guard off.
func Guard(s string) string {
	bare := strings.TrimLeft(s, "'")
	if danger(bare) || len(bare) < len(s) && number.MatchString(bare) {
		return "'" + s
	}
	return s
}

// Plain returns what Guard was given.
func Plain(s string) string {
	rest, guarded := strings.CutPrefix(s, "'")
	bare := strings.TrimLeft(rest, "'")
	if guarded && (danger(bare) || number.MatchString(bare)) {
		return rest
	}
	return s
}

// Writer writes rows of guarded cells.
type Writer struct{ out *csv.Writer }

// NewWriter returns a writer to w.
func NewWriter(w io.Writer) Writer { return Writer{csv.NewWriter(w)} }

// Write writes one row; an error shows in Flush at the latest.
func (w Writer) Write(row ...string) error {
	guarded := make([]string, len(row))
	for i, c := range row {
		guarded[i] = Guard(c)
	}
	return w.out.Write(guarded)
}

// Flush writes what is left and returns the first error of all.
func (w Writer) Flush() error {
	w.out.Flush()
	return w.out.Error()
}

// PlainRow takes the guards off a row that was read.
func PlainRow(row []string) []string {
	for i, c := range row {
		row[i] = Plain(c)
	}
	return row
}
