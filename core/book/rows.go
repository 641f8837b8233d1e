package book

import (
	"slices"

	"damson/core/printed"
	"damson/core/procedure"
	"damson/core/quantity"
)

// Row is a process as the text tells it. What it does not tell is empty.
type Row struct {
	Line   int
	Method string
	Gauge  string
	Jar    quantity.Jar
	// Minutes and PSI by elevation; Minutes may end at 1,000 ft, where the text says no more.
	Minutes, PSI procedure.Bands
	// Standard is true where the text gives the lowest pounds only, and the others are those
	// that keep the same temperature.
	Standard bool
	// Guessed is true where the text names no method, and no pounds.
	Guessed bool
}

// Columns returns the pounds of a gauge by elevation that keep the temperature of those at the
// sea; nil where none are known.
type Columns func(gauge string, pounds int) procedure.Bands

// Rows lays a process out: a row of every jar and gauge.
func Rows(p *printed.Process, columns Columns) []Row {
	var out []Row
	for _, t := range p.Told {
		if t.Minutes == 0 {
			continue
		}
		jars := t.Jars
		if len(jars) == 0 {
			jars = []quantity.Jar{""}
		}
		method := t.Method
		if method == "" {
			method = p.Method
		}
		if method == "" && len(p.Pounds) > 0 {
			method = procedure.Pressure
		}
		for _, jar := range jars {
			r := Row{Line: t.Line, Method: method, Jar: jar}
			if method != procedure.Pressure {
				r.Minutes = bands(t.Minutes, p.Above(t))
				out = append(out, r)
				continue
			}
			r.Minutes = procedure.Everywhere(t.Minutes)
			out = append(out, gauges(r, p.Pounds, columns)...)
		}
	}
	return unique(out)
}

// bands are figures by elevation; where the text does not reach there is none.
func bands(base int, higher []printed.At) procedure.Bands {
	first := printed.Lowest
	if len(higher) > 0 {
		first = higher[0].Low - 1
	}
	out := procedure.Bands{{Low: 0, High: first, Value: base}}
	for _, h := range higher {
		if h.High >= printed.Open {
			out = append(out, procedure.Upwards(h.Low, h.Value))
			break
		}
		out = append(out, procedure.Band{Low: h.Low, High: h.High, Value: h.Value})
	}
	return out
}

// gauges makes a row of each gauge that the text gives pounds for.
func gauges(r Row, said []printed.Pounds, columns Columns) []Row {
	if len(said) == 0 {
		return []Row{r}
	}
	var out []Row
	for _, p := range said {
		x := r
		x.Gauge = p.Gauge
		if x.Gauge == "" { // "10 lb": a weight jiggles at it; a dial is set to 11
			x.Gauge = "dial"
			if p.PSI%5 == 0 {
				x.Gauge = "weighted"
			}
		}
		switch above := p.Above(); {
		case len(above) > 0:
			x.PSI = bands(p.PSI, above)
		default:
			if x.PSI = columns(x.Gauge, p.PSI); x.PSI == nil {
				x.PSI = bands(p.PSI, nil)
			} else {
				x.Standard = true
			}
		}
		out = append(out, x)
	}
	return out
}

// unique keeps the first of rows that are for the same jar, method and gauge.
func unique(in []Row) []Row {
	var out []Row
	for _, r := range in {
		if !slices.ContainsFunc(out, func(o Row) bool { return o.Method == r.Method && o.Gauge == r.Gauge && o.Jar == r.Jar }) {
			out = append(out, r)
		}
	}
	return out
}
