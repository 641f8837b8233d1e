// Package ledger holds what people checked against a printed copy, and puts it
// into force.
//
// A check is about one part of one procedure: a row of its process table or an
// ingredient of its batch. The newest check of a part is in force; the others
// are its history. The package changes no value by itself: it only carries what
// a person read in print.
package ledger

import (
	"errors"
	"fmt"
	"slices"
	"strconv"
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
)

// What a check says of a part.
const (
	Same    = "same"    // the copy prints the same
	Differs = "differs" // the copy prints other values, given with the check
	Absent  = "absent"  // the copy does not print the row: it is not used
)

// Check is one part of a procedure as somebody read it in print.
type Check struct {
	Procedure string
	// Part names the row or the ingredient (RowPart, IngredientPart).
	Part   string
	Status string
	// Values are what the copy prints, in words ("20/25/30/35 min"), empty where
	// it is the same.
	Values  string
	Edition string
	Page    string
	By      string
	// On is the day, as 2006-01-02.
	On string
}

// RowPart names a row within its procedure, so that the name survives a changed
// value: method, gauge, pack, jar, variant, and the pounds recalled at the
// lowest elevation, since a source may print several time and pressure pairs.
func RowPart(r procedure.Row) string {
	psi := ""
	if len(r.PSI) > 0 {
		psi = strconv.Itoa(r.PSI[0].Value)
	}
	return "row:" + strings.Join([]string{r.Method, r.Gauge, r.Pack, r.Jar, r.When, psi}, "|")
}

// IngredientPart names an ingredient within its procedure.
func IngredientPart(in procedure.Ingredient) string { return "ingredient:" + in.Name }

// RowValues writes a row's figures as a check carries them: minutes by band,
// pounds by band, headspace in inches.
func RowValues(r procedure.Row) string {
	s := join(r.Minutes) + " min"
	if len(r.PSI) > 0 {
		s += "; " + join(r.PSI) + " psi"
	}
	return s + "; " + strconv.FormatFloat(r.HeadspaceIn, 'g', -1, 64) + " in"
}

// AmountValues writes an ingredient's amount as a check carries it.
func AmountValues(in procedure.Ingredient) string {
	return strconv.FormatFloat(in.Amount, 'g', -1, 64) + " " + string(in.Unit)
}

func join(b procedure.Bands) string {
	var parts []string
	for _, x := range b {
		parts = append(parts, strconv.Itoa(x.Value))
	}
	return strings.Join(parts, "/")
}

// ReadRow returns r with the figures of values, which are as RowValues writes
// them. The bands stay those that the library has.
func ReadRow(r procedure.Row, values string) (procedure.Row, error) {
	out := r
	for _, part := range strings.Split(values, ";") {
		fields := strings.Fields(part)
		if len(fields) != 2 {
			return r, fmt.Errorf("%q: write figures and their unit, as “20/25/30/35 min”", strings.TrimSpace(part))
		}
		var err error
		switch fields[1] {
		case "min":
			out.Minutes, err = readBands(r.Minutes, fields[0])
		case "psi":
			out.PSI, err = readBands(r.PSI, fields[0])
		case "in":
			out.HeadspaceIn, err = strconv.ParseFloat(fields[0], 64)
		default:
			err = fmt.Errorf("unit %q is none of min, psi, in", fields[1])
		}
		if err != nil {
			return r, fmt.Errorf("%q: %w", strings.TrimSpace(part), err)
		}
	}
	return out, nil
}

func readBands(like procedure.Bands, s string) (procedure.Bands, error) {
	parts := strings.Split(s, "/")
	if len(parts) != len(like) {
		return nil, fmt.Errorf("there are %d figures for %d elevation bands", len(parts), len(like))
	}
	out := slices.Clone(like)
	for i, p := range parts {
		v, err := strconv.Atoi(strings.TrimSpace(p))
		if err != nil || v <= 0 || v > 999 {
			return nil, fmt.Errorf("%q is no whole number of 1 to 999", p)
		}
		out[i].Value = v
	}
	return out, nil
}

// ReadAmount returns in with the amount of values ("4 cup").
func ReadAmount(in procedure.Ingredient, values string) (procedure.Ingredient, error) {
	fields := strings.Fields(values)
	if len(fields) != 2 {
		return in, fmt.Errorf("%q: write an amount and its unit, as “4 cup”", values)
	}
	v, err := strconv.ParseFloat(fields[0], 64)
	if err != nil || v <= 0 || v > 1000 {
		return in, fmt.Errorf("%q is no amount of 0 to 1,000", fields[0])
	}
	if u := quantity.Unit(fields[1]); u.Dimension() != in.Unit.Dimension() || u.Dimension() == quantity.Count && u != in.Unit {
		return in, fmt.Errorf("unit %q does not measure what %q does", fields[1], in.Unit)
	}
	in.Amount, in.Unit = v, quantity.Unit(fields[1])
	return in, nil
}

// Doubts returns what makes a changed row worth asking about again: figures
// that no source uses, or that lie far from those recalled. Nil where none.
func Doubts(was, is procedure.Row) []string {
	var out []string
	if err := is.Check(); err != nil {
		out = append(out, err.Error())
	}
	for i := range is.Minutes {
		a, b := float64(was.Minutes[i].Value), float64(is.Minutes[i].Value)
		if b < a*2/3 || b > a*1.5 {
			out = append(out, fmt.Sprintf("%d minutes is far from the %d recalled", is.Minutes[i].Value, was.Minutes[i].Value))
		}
	}
	for i := range is.PSI {
		if d := is.PSI[i].Value - was.PSI[i].Value; d > 3 || d < -3 {
			out = append(out, fmt.Sprintf("%d psi is far from the %d recalled", is.PSI[i].Value, was.PSI[i].Value))
		}
	}
	return out
}

// Apply returns the procedures with the newest check of every part in force.
// Checks come oldest first. A check of a part that is not there is an error that
// names it; the others are in force all the same.
func Apply(base []*procedure.Procedure, checks []Check) ([]*procedure.Procedure, error) {
	newest := map[string]map[string]Check{}
	for _, c := range checks {
		if newest[c.Procedure] == nil {
			newest[c.Procedure] = map[string]Check{}
		}
		newest[c.Procedure][c.Part] = c
	}
	var errs []error
	out := make([]*procedure.Procedure, 0, len(base))
	for _, p := range base {
		parts := newest[p.ID]
		if parts == nil {
			out = append(out, p)
			continue
		}
		delete(newest, p.ID)
		next, err := apply(p, parts)
		errs = append(errs, err)
		out = append(out, next)
	}
	for id := range newest {
		errs = append(errs, fmt.Errorf("there is no procedure %q", id))
	}
	return out, errors.Join(errs...)
}

func apply(p *procedure.Procedure, parts map[string]Check) (*procedure.Procedure, error) {
	next := *p
	next.Rows, next.Ingredients = nil, slices.Clone(p.Ingredients)
	var errs []error
	used := 0
	for _, r := range p.Rows {
		c, ok := parts[RowPart(r)]
		if ok {
			used++
		}
		switch {
		case !ok:
		case c.Status == Absent:
			continue
		case c.Status == Differs:
			changed, err := ReadRow(r, c.Values)
			if err != nil {
				errs = append(errs, fmt.Errorf("%s, %s: %w", p.ID, c.Part, err))
				break
			}
			r = changed
			r.Checked = &procedure.Checked{By: c.By, On: c.On, Edition: c.Edition, Page: c.Page, Changed: true}
		default:
			r.Checked = &procedure.Checked{By: c.By, On: c.On, Edition: c.Edition, Page: c.Page}
		}
		next.Rows = append(next.Rows, r)
	}
	for i, in := range next.Ingredients {
		c, ok := parts[IngredientPart(in)]
		if !ok {
			continue
		}
		used++
		if c.Status == Differs {
			changed, err := ReadAmount(in, c.Values)
			if err != nil {
				errs = append(errs, fmt.Errorf("%s, %s: %w", p.ID, c.Part, err))
				continue
			}
			in = changed
		}
		in.Checked = &procedure.Checked{By: c.By, On: c.On, Edition: c.Edition, Page: c.Page, Changed: c.Status == Differs}
		next.Ingredients[i] = in
	}
	if used < len(parts) {
		errs = append(errs, fmt.Errorf("%s: %d checks speak of parts that are not there", p.ID, len(parts)-used))
	}
	return &next, errors.Join(errs...)
}

// Progress counts the parts of a procedure that can be checked, and those that
// were.
func Progress(p *procedure.Procedure) (checked, all int) {
	for _, r := range p.Rows {
		all++
		if r.Checked != nil {
			checked++
		}
	}
	for _, in := range p.Ingredients {
		if in.Amount == 0 {
			continue
		}
		all++
		if in.Checked != nil {
			checked++
		}
	}
	return checked, all
}
