package procedure

import (
	"strings"

	"damson/core/quantity"
)

// Recipe writes the procedure as a recipe that a cook could paste: title,
// ingredient lines, the preparation that safety rests on, and the process row
// at the lowest elevation. Amounts that the source does not give are left out.
func (p *Procedure) Recipe(row Row) string {
	var b strings.Builder
	b.WriteString(p.Title + "\n\nIngredients\n")
	for _, in := range p.Ingredients {
		if line := in.Line(quantity.Jar(row.Jar), 1); line != "" {
			b.WriteString(line + "\n")
		}
	}
	b.WriteString("\nInstructions\n")
	for _, n := range p.Needs {
		b.WriteString(n.Text + "\n")
	}
	jar := quantity.Jar(row.Jar)
	b.WriteString("Pack " + row.Pack + " in " + jar.Plural() + ", leaving " + quantity.Number(row.HeadspaceIn) + " inch headspace.\n")
	minutes, psi := row.Minutes[0].Value, 0
	if len(row.PSI) > 0 {
		psi = row.PSI[0].Value
	}
	switch row.Method {
	case Pressure:
		b.WriteString("Process " + quantity.Number(float64(minutes)) + " minutes at " + quantity.Number(float64(psi)) + " pounds in a pressure canner with a " + row.Gauge + " gauge.\n")
	default:
		b.WriteString("Process " + quantity.Number(float64(minutes)) + " minutes in a water bath canner.\n")
	}
	return b.String()
}

// Line writes the ingredient as a line of a recipe that is scale times the
// tested batch; an amount per jar is given for the jar at hand. It is empty for
// an ingredient that is not written.
func (in *Ingredient) Line(jar quantity.Jar, scale float64) string {
	switch {
	case in.Write == "-":
		return ""
	case in.Write != "" && scale == 1:
		return in.Write
	case in.Amount == 0:
		return in.Name
	case in.Per != "":
		v := in.Amount * jar.Ounces() / in.Per.Ounces()
		return quantity.Amount{Min: v, Max: v, Unit: in.Unit}.String() + " " + in.Name + " to each " + string(jar)
	case scale != 1:
		return quantity.Kitchen(in.Amount*scale, in.Unit) + " " + in.Name
	}
	return quantity.Amount{Min: in.Amount, Max: in.Amount, Unit: in.Unit}.String() + " " + in.Name
}
