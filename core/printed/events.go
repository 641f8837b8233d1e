package printed

import (
	"strings"

	"damson/core/english"
	"damson/core/quantity"
	"damson/core/words"
)

type eventKind uint8

const (
	jarEvent eventKind = iota + 1
	minuteEvent
	poundEvent
	heightEvent
	bareEvent
	gaugeEvent
	moreEvent
)

// event is a word or figure that tells something of a process.
type event struct {
	kind      eventKind
	jar       quantity.Jar
	value     int
	low, high int
	gauge     string
}

// The bounds of what a process can say (common practice, no source).
const (
	fewest, most       = 5, 240
	lightest, heaviest = 5, 25
	lowestHill         = 500
)

// eventsOf finds what the words tell of a process.
func eventsOf(t []words.Token) []event {
	var out []event
	for i := 0; i < len(t); {
		if jar, n := jarAt(t, i); n > 0 {
			out = append(out, event{kind: jarEvent, jar: jar})
			i += n
			continue
		}
		if e, n := figureAt(t, i); n > 0 {
			if e.kind != 0 && !(e.kind == minuteEvent && ofVent(t, i, i+n)) {
				out = append(out, e)
			}
			i += n
			continue
		}
		switch t[i].Text {
		case "dial":
			out = append(out, event{kind: gaugeEvent, gauge: "dial"})
		case "weighted", "weight":
			out = append(out, event{kind: gaugeEvent, gauge: "weighted"})
		case "add", "adding", "additional", "extra", "longer", "increase", "more":
			out = append(out, event{kind: moreEvent})
		}
		i++
	}
	return out
}

// ofVent reports whether the minutes t[i:end] are those of the vent: "vent 10 minutes", "10
// minutes of steady steam".
func ofVent(t []words.Token, i, end int) bool {
	const near = 4
	venting := func(k int) bool {
		switch t[k].Text {
		case "vent", "vented", "venting", "exhaust", "exhausted", "exhausting":
			return true
		case "steam", "steamed", "steaming":
			return k+1 >= len(t) || t[k+1].Text != "canner"
		}
		return false
	}
	for k := i - 1; k >= max(0, i-near) && t[k].Kind != words.Mark && t[k].Text != "then"; k-- {
		if venting(k) {
			return true
		}
	}
	for k := end; k < min(len(t), end+near) && t[k].Kind != words.Mark && t[k].Text != "then"; k++ {
		if venting(k) {
			return true
		}
	}
	return false
}

// jarAt reads a jar at t[i]: "half-pints", "pint jars", "12-oz jars". A measure ("2 quarts of
// water") is none.
func jarAt(t []words.Token, i int) (quantity.Jar, int) {
	get := func(k int) string {
		if i+k < len(t) {
			return t[i+k].Text
		}
		return ""
	}
	half := func(n int) (quantity.Jar, int) {
		if s := get(n - 1); s == "pint" || s == "gallon" {
			return jarNamed("half-"+s, n)
		}
		return "", 0
	}
	switch get(0) {
	case "half":
		if get(1) == "-" {
			return half(3)
		}
		return half(2)
	case "pint", "pt", "quart", "qt":
		if i > 0 && t[i-1].Kind == words.Number && get(1) != "jar" {
			return "", 0
		}
		return jarNamed(map[string]string{"p": "pint", "q": "quart"}[get(0)[:1]], 1)
	case "4", "8", "12", "24":
		n := 1
		if get(n) == "-" {
			n++
		}
		if (get(n) == "oz" || get(n) == "ounce") && get(n+1) == "jar" {
			return jarNamed(get(0)+"oz", n+2)
		}
	}
	return "", 0
}

func jarNamed(name string, n int) (quantity.Jar, int) {
	jar, ok := quantity.ParseJar(name)
	if !ok {
		return "", 0
	}
	return jar, n
}

// measures are units of what is no figure of a process.
var measures = map[string]bool{"inch": true, "in": true, "\"": true, "”": true, "°": true, "degree": true, "cup": true, "tbsp": true, "tsp": true, "tablespoon": true, "teaspoon": true,
	"oz": true, "ounce": true, "g": true, "kg": true, "ml": true, "%": true, "percent": true, "m": true, "meter": true, "metre": true, "jar": true, "second": true, "day": true, "week": true}

// figureAt reads a figure with its unit at t[i], and the tokens it takes. The event is zero for
// what is no figure of a process.
func figureAt(t []words.Token, i int) (event, int) {
	lo, hi, n := english.Range(t, i)
	if n == 0 {
		return event{}, 0
	}
	j := i + n
	for j < len(t) && t[j].Text == "-" {
		j++
	}
	unit := ""
	if j < len(t) {
		unit = t[j].Text
	}
	with := j - i + 1
	switch {
	case unit == "minute" || unit == "min":
		return minutes(hi), with
	case unit == "hour" || unit == "hr" || unit == "h":
		if ms := english.Measures(t[i:min(len(t), i+n+6)]); len(ms) > 0 && ms[0].Start == 0 {
			return minutes(ms[0].Max), ms[0].End
		}
		return event{}, with
	case unit == "lb" || unit == "pound" || unit == "psi" || unit == "#" || unit == "psig":
		if p := int(lo); p >= lightest && p <= heaviest && lo == float64(p) {
			return event{kind: poundEvent, value: p}, with
		}
		return event{}, with
	case unit == "foot" || unit == "ft" || unit == "'" || unit == "’":
		low, high := heights(t, i, j+1, lo, hi)
		return event{kind: heightEvent, low: low, high: high}, with
	case measures[unit]:
		return event{}, with
	case hi >= lowestHill:
		low, high := heights(t, i, i+n, lo, hi)
		return event{kind: heightEvent, low: low, high: high}, n
	case lo == hi && lo == float64(int(lo)) && lo >= fewest && lo <= most:
		return event{kind: bareEvent, value: int(lo)}, n
	}
	return event{}, n
}

func minutes(v float64) event {
	if m := int(v + 0.5); m >= fewest && m <= most {
		return event{kind: minuteEvent, value: m}
	}
	return event{}
}

// heights are the elevations that a figure at t[i:j] means by the words around it: a bare one is
// the foot of what comes above it ("at 3,001 ft"), or the top of what lies below ("to 1,000 ft").
func heights(t []words.Token, i, j int, lo, hi float64) (low, high int) {
	before, after := "", ""
	for k := max(0, i-3); k < i; k++ {
		before += " " + t[k].Text
	}
	for k := j; k < min(len(t), j+3); k++ {
		after += " " + t[k].Text
	}
	ends := func(list ...string) bool {
		for _, w := range list {
			if strings.HasSuffix(before, " "+w) {
				return true
			}
		}
		return false
	}
	begins := func(list ...string) bool {
		for _, w := range list {
			if strings.HasPrefix(after, " "+w) {
				return true
			}
		}
		return false
	}
	switch v := int(lo); {
	case lo != hi:
		return v, int(hi)
	case ends("above", "over", "beyond", "than", "higher"):
		return v + 1 - v%2, Open // above 6,000 and above 6,001 are the same
	case begins("+", "or more", "or above", "and above", "and up", "or higher", "and over", "and higher", "or over"), ends("from"), ends("at") && v%2 == 1:
		return v, Open
	}
	return 0, int(hi)
}
