package ledger

import (
	"fmt"

	"damson/core/procedure"
	"damson/core/quantity"
)

// Doubts returns what makes a changed row worth asking about again: figures that
// lower what the library has, or that lie far from it. Nil where none.
func Doubts(was, is procedure.Row) []string {
	var out []string
	if is.HeadspaceIn != was.HeadspaceIn {
		out = append(out, fmt.Sprintf("a headspace of %s in, the library has %s in", quantity.Number(is.HeadspaceIn), quantity.Number(was.HeadspaceIn)))
	}
	out = append(out, bandDoubts(was.Minutes, is.Minutes, "minutes", func(a, b int) bool { return 2*b > 3*a })...)
	return append(out, bandDoubts(was.PSI, is.PSI, "psi", func(a, b int) bool { return b > a+3 })...)
}

// bandDoubts says, once for all bands, that figures lower what the library has or lie
// far above it.
func bandDoubts(was, is procedure.Bands, unit string, far func(a, b int) bool) []string {
	lower, above := false, false
	for i := range is {
		lower = lower || is[i].Value < was[i].Value
		above = above || far(was[i].Value, is[i].Value)
	}
	switch {
	case lower:
		return []string{fmt.Sprintf("%s %s is less than the %s of the library", is.Figures(), unit, was.Figures())}
	case above:
		return []string{fmt.Sprintf("%s %s is far from the %s recalled", is.Figures(), unit, was.Figures())}
	}
	return nil
}

// AmountDoubts returns what makes a changed amount worth asking about again. Only
// more acid, and less of what must not grow, is safe without a question: whatever
// else of a batch changes shifts what the acid has to do.
func AmountDoubts(was, is procedure.Ingredient) []string {
	a, ok := quantity.Convert(was.Amount, was.Unit, is.Unit)
	now := quantity.Number(is.Amount) + " " + string(is.Unit)
	before := quantity.Number(was.Amount) + " " + string(was.Unit)
	switch {
	case !ok:
		return []string{fmt.Sprintf("%s cannot be compared with the %s of the library", now, before)}
	case near(is.Amount, a):
		return nil
	case is.Amount < a/2 || is.Amount > 2*a:
		return []string{fmt.Sprintf("%s is far from the %s recalled", now, before)}
	}
	switch was.Role {
	case procedure.Acid, procedure.FermentSalt:
		if is.Amount > a {
			return nil
		}
		return []string{fmt.Sprintf("%s is less than the %s of the library, which keeps it safe", now, before)}
	case procedure.LowAcid, procedure.Fat, procedure.Starch, procedure.Extra, procedure.Seasoning:
		if is.Amount < a {
			return nil
		}
	}
	return []string{fmt.Sprintf("%s, the library has %s: that changes the proportions", now, before)}
}

// near reports whether two amounts differ by rounding alone.
func near(a, b float64) bool { return a-b < 1e-6*b && b-a < 1e-6*b }
