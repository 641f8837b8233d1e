package plan

import (
	"errors"
	"fmt"
	"slices"

	"damson/core/canner"
	"damson/core/procedure"
	"damson/core/quantity"
)

// Load is what goes into a canner at once.
type Load struct {
	Jars int
	// Spare are the empty places: a part-full canner is filled up with jars of
	// water, or the rest goes into the refrigerator.
	Spare int
	// Guests are jars of other dishes that go in with it.
	Guests []Guest
}

// ErrNoJars says that there is nothing to can.
var ErrNoJars = errors.New("how many jars? at least one is needed")

// mostJars is the size limit of a day.
const mostJars = 400

// Split parts the jars into loads of a canner, full ones first.
func Split(jars, holds int) ([]Load, error) {
	switch {
	case jars < 1:
		return nil, ErrNoJars
	case jars > mostJars:
		return nil, fmt.Errorf("%d jars are more than a day takes; at most %d", jars, mostJars)
	case holds < 1:
		return nil, errors.New("this canner does not take jars of that size")
	}
	var out []Load
	for jars > 0 {
		n := min(jars, holds)
		out = append(out, Load{Jars: n, Spare: holds - n})
		jars -= n
	}
	return out, nil
}

// Option is one way to process the jars: a tested process in a canner that the
// kitchen has, with what decides for or against it.
type Option struct {
	Process procedure.Process
	// Canner is the place in the kitchen's list, -1 where it has none for this.
	Canner int
	Loads  []Load
	// Minutes is the whole time of one load, from a cold canner to jars on the
	// towel: least, usual, most.
	Minutes [3]int
	// WaterQuarts goes into the canner, KWh is the energy at the pot for a load.
	WaterQuarts, KWh float64
	// Reading is the pressure to hold, where the dial is corrected.
	Reading float64
	Why     string
	// Not says why it cannot be done here; empty where it can.
	Not string
}

// Options lays every tested process out beside the kitchen's canners, those that
// can be done first, in the order of the table.
func (t *Table) Options(list []procedure.Process, canners []Canner, jars int, wide bool) []Option {
	var can, cannot []Option
	for _, p := range list {
		best := Option{Process: p, Canner: -1, Not: "no " + methodNames[p.Method] + " in this kitchen"}
		for i := range canners {
			c := &canners[i]
			if c.Kind != p.Method || p.Method == procedure.Pressure && c.Governs() != p.Gauge {
				continue
			}
			o := t.option(p, c, i, jars, wide)
			if best.Canner < 0 && best.Not != "" || o.Not == "" && (best.Not != "" || len(o.Loads) < len(best.Loads)) {
				best = o
			}
		}
		if best.Not == "" {
			can = append(can, best)
		} else {
			cannot = append(cannot, best)
		}
		if p.Method == canner.Bath && p.Minutes > procedure.SteamLimit {
			steam := p
			steam.Method = canner.Steam
			cannot = append(cannot, Option{Process: steam, Canner: -1, Not: fmt.Sprintf("a steam canner boils dry after %d minutes, and this takes %d here", procedure.SteamLimit, p.Minutes)})
		}
	}
	return append(can, cannot...)
}

var methodNames = map[string]string{procedure.Pressure: "pressure canner with this gauge", "water-bath": "water-bath canner", "steam": "steam canner"}

// Canner is a canner of the kitchen, with what stands against it today.
type Canner struct {
	canner.Canner
	ID int64
	// Out says why it takes no load; empty where it does.
	Out string
	// Took are the minutes that pieces of work took in this canner before, by the
	// id of their duration.
	Took map[string][]int
}

// lasts returns the minutes of a piece of work in this canner: what it took
// before where that is known, the table's else. The tested minutes are never
// asked for here.
func (c *Canner) lasts(t *Table, id string) (Duration, [3]int) {
	d, least, usual, most := t.duration(id, 0)
	took := slices.Sorted(slices.Values(c.Took[id]))
	if len(took) == 0 {
		return d, [3]int{least, usual, most}
	}
	return d, [3]int{max(took[0], 1), max(took[len(took)/2], 1), max(took[len(took)-1], 1)}
}

// Noted are the pieces of work whose minutes a kitchen notes by canner.
var Noted = []string{"preheat-bath", "preheat-steam", "preheat-pressure", "boil-bath", "steam-steady", "steam-pressure", "rise", "down-small", "down-large"}

func (t *Table) option(p procedure.Process, c *Canner, i, jars int, wide bool) Option {
	o := Option{Process: p, Canner: i, WaterQuarts: c.WaterQuarts, Reading: float64(p.PSI)}
	if c.Out != "" {
		o.Not = c.Out
		return o
	}
	j := quantity.Jar(p.Jar)
	holds := c.Holds(j, wide)
	loads, err := Split(jars, holds)
	if err != nil {
		o.Not = c.Name + ": " + err.Error()
		return o
	}
	o.Loads = loads
	if p.Method == procedure.Pressure {
		if o.Reading, o.Why, err = c.Set(p.PSI); err != nil {
			o.Not = c.Name + ": " + err.Error()
			return o
		}
	}
	if o.WaterQuarts == 0 {
		o.WaterQuarts = usualWater(p, j, loads[0].Jars)
	}
	for _, s := range t.stages(p, c, j, false) {
		for k := range o.Minutes {
			o.Minutes[k] += s.minutes[k]
		}
	}
	o.KWh = energy(o, j)
	return o
}

// usualWater is the water in quarts where nobody has said: 2 to 3 inches under
// pressure, over the jars in a bath (USDA Complete Guide 2015, guide 1; the
// quarts are common practice).
func usualWater(p procedure.Process, j quantity.Jar, jars int) float64 {
	switch p.Method {
	case procedure.Pressure:
		return 3
	case "steam":
		return 2.5
	}
	return 8 + 0.5*float64(jars)*j.Ounces()/32
}

// energy estimates the heat that one load takes into the pot, in kWh: water,
// food and glass from the tap and the fill to the process, and the losses while
// it boils. Common physics with round figures; the burner takes half as much
// again and more.
func energy(o Option, j quantity.Jar) float64 {
	const (
		waterHeat = 4.19 // kJ/kg K
		foodHeat  = 3.8
		glassHeat = 0.84
		lossKW    = 0.6 // a covered pot at the boil
		quartKg   = 0.946
	)
	rise, fill := 82.0, 40.0
	if o.Process.Method == procedure.Pressure {
		rise = 98
	}
	if o.Process.Pack == "hot" {
		fill = 20
	}
	jars := float64(o.Loads[0].Jars) * j.Ounces() / 32
	kj := o.WaterQuarts*quartKg*waterHeat*rise + jars*(0.9*foodHeat+0.45*glassHeat)*fill
	return kj/3600 + lossKW*float64(o.Process.Minutes+15)/60
}
