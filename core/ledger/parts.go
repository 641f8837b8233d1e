package ledger

import (
	"fmt"
	"slices"
	"strconv"
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
)

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
	s := r.Minutes.Figures() + " min"
	if len(r.PSI) > 0 {
		s += "; " + r.PSI.Figures() + " psi"
	}
	return s + "; " + strconv.FormatFloat(r.HeadspaceIn, 'g', -1, 64) + " in"
}

// AmountValues writes an ingredient's amount as a check carries it.
func AmountValues(in procedure.Ingredient) string {
	return strconv.FormatFloat(in.Amount, 'g', -1, 64) + " " + string(in.Unit)
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
	if err != nil || !(v > 0 && v <= 1000) {
		return in, fmt.Errorf("%q is no amount of 0 to 1,000", fields[0])
	}
	if u := quantity.Unit(fields[1]); u.Dimension() != in.Unit.Dimension() || u.Dimension() == quantity.Count && u != in.Unit {
		return in, fmt.Errorf("unit %q does not measure what %q does", fields[1], in.Unit)
	}
	in.Amount, in.Unit = v, quantity.Unit(fields[1])
	return in, nil
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
	for _, c := range Conditions(p) {
		all++
		if c.Checked != nil {
			checked++
		}
	}
	return checked, all
}
