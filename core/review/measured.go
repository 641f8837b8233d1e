package review

import (
	"fmt"

	"damson/core/acidity"
	"damson/core/phlog"
)

// measured lets a pH that was measured in jars bear on a recipe whose acid
// keeps it safe: over the limit nothing of it goes into a canner, near it one
// takes care. Under that it says nothing, for no reading clears.
func (r *Result) measured(ph float64) {
	if ph == 0 || r.Tested.Acidity == "low-acid" {
		return
	}
	f := Finding{Code: "acid-short", Severity: Care, Do: fmt.Sprintf("Measured: pH %.2f, too near 4.6", ph), Message: "One sample misses the least sour jar, and meters err by a tenth.",
		Remedy: "Aim under 4.2: weigh the acid again, and measure more jars.", Source: "common practice, no source"}
	switch {
	case ph > acidity.Limit:
		f.Code, f.Severity, f.Do = "low-acid-in-water-bath", Halt, fmt.Sprintf("Measured: pH %.2f, over 4.6", ph)
		f.Message, f.Remedy = "Whatever the recipe says, these jars are not acid enough, and botulism grows in them.", "Refrigerate or freeze them, find out which acid fell short, and measure again."
		f.Source = "21 CFR 114.3"
		r.Verdict = Stop
		r.Methods, r.After = r.Methods[:0], r.After[:0]
	case ph <= phlog.Near:
		return
	}
	r.Findings = append(r.Findings, f)
}
