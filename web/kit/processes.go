package kit

import (
	"strings"

	"damson/core/elevation"
	"damson/core/procedure"
	"damson/core/words"
)

// ProcessRow is a process, or several that differ in jar and pack only, in words.
type ProcessRow struct {
	Method, Jars, Pack, Minutes, Pressure, Headspace, Acid, Steam string
	Conditions                                                    []string
}

// ViewProcesses writes processes as rows; those that differ only in jar and
// pack share one.
func ViewProcesses(list []procedure.Process, feet int) []ProcessRow {
	return ViewWays(procedure.Ways(list), feet)
}

// ViewWays writes ways as rows.
func ViewWays(ways []procedure.Way, feet int) []ProcessRow {
	var out []ProcessRow
	for _, w := range ways {
		var jars []string
		for _, j := range w.Jars {
			jars = append(jars, JarPlural(j))
		}
		r := ProcessRow{Method: MethodName(w.Method), Minutes: words.Thousands(w.Minutes) + " min",
			Headspace: Inches(w.HeadspaceIn), Acid: w.AcidPerJar, Conditions: w.Conditions,
			Jars: strings.Join(jars, " or "), Pack: strings.Join(w.Packs, " or ")}
		if w.Gauge != "" {
			r.Method += ", " + w.Gauge + " gauge"
			r.Pressure = Pounds(w.PSI)
			r.Steam = Degrees(elevation.SteamTemperature(float64(feet), float64(w.PSI)))
		}
		if w.When != "" {
			r.Pack += ", with " + w.When
		}
		out = append(out, r)
	}
	return out
}
