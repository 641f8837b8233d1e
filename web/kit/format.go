package kit

import (
	"fmt"
	"strconv"
	"strings"

	"damson/core/elevation"
	"damson/core/quantity"
)

// Decimal writes a figure with as many decimals as it needs, two at most.
func Decimal(v float64) string {
	s := strconv.FormatFloat(v, 'f', 2, 64)
	return strings.TrimSuffix(strings.TrimRight(s, "0"), ".")
}

// Degrees writes a temperature in both scales.
func Degrees(f float64) string {
	return fmt.Sprintf("%.1f °F (%.1f °C)", f, elevation.Celsius(f))
}

// Inches writes a headspace in both systems.
func Inches(v float64) string {
	return fmt.Sprintf("%s in (%.0f mm)", quantity.Number(v), v*25.4)
}

// Pounds writes a gauge pressure in both systems.
func Pounds(psi int) string { return fmt.Sprintf("%d psi (%.0f kPa)", psi, float64(psi)*6.894757) }

// MethodName names a canner by its method.
func MethodName(m string) string {
	switch m {
	case "water-bath":
		return "Water bath"
	case "steam":
		return "Steam canner"
	}
	return "Pressure canner"
}

// Convert turns v of one unit into another of its kind.
func Convert(v float64, from, to quantity.Unit) float64 {
	out, _ := quantity.Convert(v, from, to)
	return out
}
