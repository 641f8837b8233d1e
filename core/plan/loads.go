package plan

import (
	"errors"
	"fmt"

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

// PartFull reports a load of which more than a third of the canner is empty: jars of hot water go there, or the
// jars into the refrigerator (common practice, no source).
func (l *Load) PartFull() bool { return l.Spare > 0 && l.Spare >= l.All()/2+1 }

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
	// WaterQuarts goes into the canner, KWh is the heat that a burner is reckoned to spend on a load.
	WaterQuarts, KWh float64
	// WaterTook and HeatTook are what loads took in this canner, in quarts and kWh.
	WaterTook, HeatTook Spread
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

// Choose returns the option of a process's key that can be done, else the first that can; nil where none can.
func Choose(options []Option, key string) *Option {
	var first *Option
	for i := range options {
		o := &options[i]
		switch {
		case o.Not != "":
		case o.Process.Key() == key:
			return o
		case first == nil:
			first = o
		}
	}
	return first
}

var methodNames = map[string]string{procedure.Pressure: "pressure canner with this gauge", "water-bath": "water-bath canner", "steam": "steam canner"}

// Canner is a canner of the kitchen, with what stands against it today.
type Canner struct {
	canner.Canner
	ID int64
	// Out says why it takes no load; empty where it does.
	Out string
	// Took are the minutes that pieces of work took in this canner before, by the
	// id of their duration; Used is what loads took of water and heat.
	Took map[string][]int
	Used []Use
}

// lasts returns the minutes of a piece of work in this canner: what it took
// before where that is known, the table's else, and of how many loads that is
// known. The tested minutes are never asked for here.
func (c *Canner) lasts(t *Table, id string) (d Duration, minutes [3]int, loads int) {
	d, least, usual, most := t.duration(id, 0)
	var took []float64
	for _, m := range c.Took[id] {
		took = append(took, float64(max(m, 1)))
	}
	s := spreadOf(took)
	if s.Loads == 0 {
		return d, [3]int{least, usual, most}, 0
	}
	return d, [3]int{int(s.Least), ceil(s.Median), int(s.Most)}, s.Loads
}

// Heat is the heat in kWh that a burner spends on a load: what loads took before, or what is reckoned.
func (o *Option) Heat() float64 {
	if o.HeatTook.Loads > 0 {
		return o.HeatTook.Median
	}
	return o.KWh
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
	quarts := float64(loads[0].Jars) * j.Ounces() / 32
	o.KWh = Burns(p, o.WaterQuarts, quarts)
	o.WaterTook, o.HeatTook = c.waterTook(), c.heatTook(o.KWh)
	if o.WaterQuarts == 0 {
		o.WaterQuarts = usualWater(p, quarts)
	}
	for _, s := range t.stages(p, c, j, false) {
		for k := range o.Minutes {
			o.Minutes[k] += s.minutes[k]
		}
	}
	return o
}

// usualWater is the water in quarts where nobody has said: 2 to 3 inches under
// pressure, over the jars in a bath (USDA Complete Guide 2015, guide 1; the
// quarts are common practice).
func usualWater(p procedure.Process, quarts float64) float64 {
	switch p.Method {
	case procedure.Pressure:
		return 3
	case "steam":
		return 2.5
	}
	return 8 + 0.5*quarts
}
