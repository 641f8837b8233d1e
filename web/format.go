package web

import (
	"fmt"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/elevation"
	"damson/core/quantity"
)

func thousands(n int) string {
	if n < 0 {
		return "−" + thousands(-n)
	}
	if n < 1000 {
		return strconv.Itoa(n)
	}
	return fmt.Sprintf("%d,%03d", n/1000, n%1000)
}

// decimal writes a figure with as many decimals as it needs, two at most.
func decimal(v float64) string {
	s := strconv.FormatFloat(v, 'f', 2, 64)
	return strings.TrimSuffix(strings.TrimRight(s, "0"), ".")
}

// capital writes s with a capital letter in front.
func capital(s string) string {
	r, n := utf8.DecodeRuneInString(s)
	return string(unicode.ToUpper(r)) + s[n:]
}

// degrees writes a temperature in both scales.
func degrees(f float64) string {
	return fmt.Sprintf("%.1f °F (%.1f °C)", f, elevation.Celsius(f))
}

// inches writes a headspace in both systems.
func inches(v float64) string {
	return fmt.Sprintf("%s in (%.0f mm)", quantity.Number(v), v*25.4)
}

// pounds writes a gauge pressure in both systems.
func pounds(psi int) string { return fmt.Sprintf("%d psi (%.0f kPa)", psi, float64(psi)*6.894757) }

func methodName(m string) string {
	switch m {
	case "water-bath":
		return "Water bath"
	case "steam":
		return "Steam canner"
	}
	return "Pressure canner"
}

// convert turns v of one unit into another of its kind.
func convert(v float64, from, to quantity.Unit) float64 {
	out, _ := quantity.Convert(v, from, to)
	return out
}
