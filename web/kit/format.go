package kit

import (
	"fmt"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/elevation"
	"damson/core/quantity"
)

// Thousands writes a whole number with its thousands apart.
func Thousands(n int) string {
	if n < 0 {
		return "−" + Thousands(-n)
	}
	if n < 1000 {
		return strconv.Itoa(n)
	}
	return fmt.Sprintf("%d,%03d", n/1000, n%1000)
}

// Decimal writes a figure with as many decimals as it needs, two at most.
func Decimal(v float64) string {
	s := strconv.FormatFloat(v, 'f', 2, 64)
	return strings.TrimSuffix(strings.TrimRight(s, "0"), ".")
}

// Capital writes s with a Capital letter in front.
func Capital(s string) string {
	r, n := utf8.DecodeRuneInString(s)
	return string(unicode.ToUpper(r)) + s[n:]
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

// LowerFirst writes s with a small letter in front.
func LowerFirst(s string) string {
	if s == "" {
		return s
	}
	return strings.ToLower(s[:1]) + s[1:]
}
