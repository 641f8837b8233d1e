package ledger

import (
	"encoding/csv"
	"errors"
	"fmt"
	"io"
	"slices"
)

// Columns are the heading of a ledger file.
var Columns = []string{"procedure", "part", "status", "values", "edition", "page", "by", "on"}

// WriteCSV writes the checks, oldest first, with a heading.
func WriteCSV(w io.Writer, checks []Check) error {
	out := csv.NewWriter(w)
	if err := out.Write(Columns); err != nil {
		return err
	}
	for _, c := range checks {
		if err := out.Write([]string{c.Procedure, c.Part, c.Status, c.Values, c.Edition, c.Page, c.By, c.On}); err != nil {
			return err
		}
	}
	out.Flush()
	return out.Error()
}

// ReadCSV reads what WriteCSV writes. Errors name the line; where there is any,
// no check is returned.
func ReadCSV(r io.Reader) ([]Check, error) {
	in := csv.NewReader(r)
	head, err := in.Read()
	if err != nil || !slices.Equal(head, Columns) {
		return nil, fmt.Errorf("line 1: the heading must be %v", Columns)
	}
	var out []Check
	var errs []error
	for {
		f, err := in.Read()
		if errors.Is(err, io.EOF) {
			break
		}
		line, _ := in.FieldPos(0)
		if err != nil {
			errs = append(errs, err)
			break
		}
		c := Check{f[0], f[1], f[2], f[3], f[4], f[5], f[6], f[7]}
		if err := c.Valid(); err != nil {
			errs = append(errs, fmt.Errorf("line %d: %w", line, err))
			continue
		}
		out = append(out, c)
	}
	if err := errors.Join(errs...); err != nil {
		return nil, err
	}
	return out, nil
}

// Valid fails on a check that lacks what makes it one: who read what, where,
// when.
func (c Check) Valid() error {
	switch {
	case c.Procedure == "" || c.Part == "":
		return errors.New("procedure and part are needed")
	case c.Status != Same && c.Status != Differs && c.Status != Absent:
		return fmt.Errorf("status %q is none of same, differs, absent", c.Status)
	case c.Status == Differs && c.Values == "":
		return errors.New("a difference needs the values that the copy prints")
	case c.By == "":
		return errors.New("say who checked it")
	case c.Edition == "":
		return errors.New("say which edition it was checked against")
	}
	if !isDay(c.On) {
		return fmt.Errorf("the day %q is not written 2026-11-25", c.On)
	}
	return nil
}

// isDay reports whether s is written as 2006-01-02, month and day in range.
func isDay(s string) bool {
	var y, m, d int
	n, err := fmt.Sscanf(s, "%4d-%2d-%2d", &y, &m, &d)
	return err == nil && n == 3 && len(s) == 10 && y > 1900 && m >= 1 && m <= 12 && d >= 1 && d <= 31
}
