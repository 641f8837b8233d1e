package elevation

import "math"

// Constants of the standard atmosphere (ICAO Doc 7488; US Standard Atmosphere
// 1976) and of the units used.
const (
	seaLevelPa   = 101325.0
	seaLevelK    = 288.15
	lapse        = 0.0065  // K/m
	exponent     = 5.25588 // g/(R·lapse)
	perFoot      = 0.3048  // m, definition
	PascalPerPSI = 6894.757293168
)

// Pressure returns the standard air pressure in pascal at feet above the sea,
//
//	p = p0 (1 - L h / T0)^5.25588
//
// valid from -1,000 to 15,000 ft. Feet are taken as geopotential, an error
// under 0.02 % below 10,000 ft.
func Pressure(feet float64) float64 {
	return seaLevelPa * math.Pow(1-lapse*feet*perFoot/seaLevelK, exponent)
}

// Coefficients of the saturation line: IAPWS-IF97, region 4.
const (
	n1  = 0.11670521452767e4
	n2  = -0.72421316703206e6
	n3  = -0.17073846940092e2
	n4  = 0.12020824702470e5
	n5  = -0.32325550322333e7
	n6  = 0.14915108613530e2
	n7  = -0.48232657361591e4
	n8  = 0.40511340542057e6
	n9  = -0.23855557567849
	n10 = 0.65017534844798e3
)

// SaturationPressure returns the pressure in pascal at which water boils at
// the temperature in kelvin, from 273.15 K to 647.096 K (IAPWS-IF97 eq. 30).
func SaturationPressure(kelvin float64) float64 {
	th := kelvin + n9/(kelvin-n10)
	a := th*th + n1*th + n2
	b := n3*th*th + n4*th + n5
	c := n6*th*th + n7*th + n8
	return math.Pow(2*c/(-b+math.Sqrt(b*b-4*a*c)), 4) * 1e6
}

// SaturationTemperature returns the temperature in kelvin at which water boils
// under the pressure in pascal, from 611 Pa to 22.064 MPa (IAPWS-IF97 eq. 31).
// On this scale water boils at 99.974 °C under 101,325 Pa.
func SaturationTemperature(pascal float64) float64 {
	b := math.Pow(pascal/1e6, 0.25)
	e := b*b + n3*b + n6
	f := n1*b*b + n4*b + n7
	g := n2*b*b + n5*b + n8
	d := 2 * g / (-f - math.Sqrt(f*f-4*e*g))
	return (n10 + d - math.Sqrt((n10+d)*(n10+d)-4*(n9+n10*d))) / 2
}

// BoilingPoint returns the boiling point of water in °F at feet.
func BoilingPoint(feet float64) float64 { return SteamTemperature(feet, 0) }

// SteamTemperature returns the temperature in °F of pure steam, all air
// vented, at feet and psig pounds per square inch above the air outside.
func SteamTemperature(feet, psig float64) float64 {
	return Fahrenheit(SaturationTemperature(Pressure(feet) + psig*PascalPerPSI))
}

// BoilMinutes is how long low-acid food from a jar is boiled before anybody tastes it: 10
// minutes, and one for each 1,000 ft (USDA Complete Guide to Home Canning 2015, guide 1, from
// memory).
func BoilMinutes(feet int) int { return 10 + max(feet, 0)/1000 }

// Fahrenheit converts kelvin to °F.
func Fahrenheit(kelvin float64) float64 { return (kelvin-273.15)*1.8 + 32 }

// Celsius converts °F to °C.
func Celsius(fahrenheit float64) float64 { return (fahrenheit - 32) / 1.8 }
