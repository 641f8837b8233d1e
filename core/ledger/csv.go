package ledger

import (
	"encoding/csv"
	"errors"
	"fmt"
	"io"
	"slices"
	"strings"

	"damson/core/cells"
)

// Columns are the heading of a ledger file.
var Columns = []string{"procedure", "part", "status", "values", "edition", "page", "by", "on"}

// WriteCSV writes the checks, oldest first, with a heading.
func WriteCSV(w io.Writer, checks []Check) error {
	out := cells.NewWriter(w)
	if err := out.Write(Columns...); err != nil {
		return err
	}
	for _, c := range checks {
		if err := out.Write(c.Procedure, c.Part, c.Status, c.Values, c.Edition, c.Page, c.By, c.On); err != nil {
			return err
		}
	}
	return out.Flush()
}

// ReadCSV reads what WriteCSV writes, on the day today (2006-01-02). Errors name the
// line; where there is any, no check is returned. No check of a file is signed.
func ReadCSV(r io.Reader, today string) ([]Check, error) {
	in := csv.NewReader(r)
	head, err := in.Read()
	if len(head) > 0 {
		head[0] = strings.TrimPrefix(head[0], "\ufeff") // as spreadsheets write it
	}
	if err != nil || !slices.Equal(head, Columns) {
		return nil, fmt.Errorf("line 1: the heading must be “%s”, with commas", strings.Join(Columns, ","))
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
		f = cells.PlainRow(f)
		c := Check{Procedure: f[0], Part: f[1], Status: f[2], Values: f[3], Edition: f[4], Page: f[5], By: f[6], On: f[7]}
		if err := c.Valid(today); err != nil {
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
