package demo

import (
	"context"
	"fmt"
	"strconv"
	"strings"
	"time"

	"damson/app"
	"damson/core/elevation"
	"damson/core/run"
	"damson/store"
)

// feet is where Cinder Flat Grange lies.
const feet = 5240

// guide is what the demo's processes stand in.
const guide = "USDA Complete Guide to Home Canning (2015), guide "

// load is a load of the demo: a run, what happened in it, and the jars that came of it.
type load struct {
	run store.Run
	// back is how many minutes ago it was put on; told are its events, like "12 reached 13.6":
	// minutes after that, what happened, what the gauge showed.
	back int
	told string
	lot  *store.Lot
	// propane and water are what it took, in lb and quarts.
	propane, water float64
}

// byDial and byBath are the processes of the demo's loads.
func byDial(title string, recipe int64) store.Run {
	return store.Run{RecipeID: recipe, Version: 1, CannerID: 1, Canner: "Big dial canner", Title: title, Procedure: "Carrots, sliced or diced", Product: "plain", Source: guide + "4", Jar: "quart", Pack: "hot", Headspace: 1,
		Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", Jars: 7}
}

func byBath(title, procedure, part, product, jar, pack, class string, recipe int64, minutes, jars int) store.Run {
	return store.Run{RecipeID: recipe, Version: 1, CannerID: 3, Canner: "Enamel water bath", Title: title, Procedure: procedure, Product: product, Source: guide + part, Jar: jar, Pack: pack, Headspace: 0.5,
		Method: "water-bath", Minutes: minutes, Class: class, Jars: jars}
}

// bothSizes is a load of quarts in which three pints of the same stand.
func bothSizes(r store.Run) store.Run {
	pints := r.Inside()[0]
	pints.Jar, pints.Jars, pints.Minutes = "pint", 3, 25
	r.Jars, r.Parts = 4, []store.RunPart{pints}
	return r
}

const (
	day = 24 * 60
	// byTheBook is a pressure run of 30 minutes without a fault.
	byTheBook = "1 heat-on;13 steaming;23 closed;30 reached 13.7;38 reading 13.8;46 reading 13.7;54 reading 13.8;61 heat-off;98 zero;99 opened-up;110 lid-off;114 jars-out 7"
	// twoSizes is such a run with what its gauge showed on the way.
	twoSizes = "1 heat-on;13 steaming;23 closed;25 reading 3.5;27 reading 9;" +
		"30 reached 13.7;34 reading 13.9;38 reading 13.8;" +
		"42 reading 13.6;46 reading 13.7;50 reading 13.9;54 reading 13.8;60 reading 13.7;61 heat-off;66 reading 9;" +
		"76 reading 3.5;98 zero;99 opened-up;110 lid-off;114 jars-out 7"
	// aDip is one that lost its pressure, and is not over.
	aDip = "1 heat-on;12 steaming;22 closed;24 reading 4;26 reading 9.5;28 reached 13.6;31 reading 13.8;34 reading 13.7;36 lost 12.4;39 reached 13.6;42 reading 13.9;46 reading 13.8;50 reading 13.7;54 reading 13.8"
)

// fillStove adds what was canned: a load that is on, those of the last days, the shelf.
func fillStove(ctx context.Context, st *store.Store, today time.Time, recipe func(string) int64) error {
	on := func(back int) string { return today.AddDate(0, 0, -back).Format("2006-01-02") }
	carrots, dilly, peaches := recipe("carrots for"), recipe("dilly"), recipe("peaches")
	loads := []load{
		{byBath("Peaches in light syrup", "Peaches, halved or sliced", "2", "plain", "quart", "hot", "acid", peaches, 35, 7), 41 * day, "1 heat-on;22 reached;30 seen;38 seen;46 seen;54 seen;57 heat-off;63 jars-out 7",
			&store.Lot{MadeOn: on(41), CheckedOn: on(40), Sealed: 7, Best: 12, Place: "cellar, shelf 2", DoneBy: "Osric Vale", Moves: []store.LotMove{{OnDay: on(12), Kind: "eaten", Jars: 1}, {OnDay: on(3), Kind: "given", Jars: 2, Note: "for the Lindqvists"}}}, 0, 0},
		{byDial("Carrots for the pantry", carrots), 9 * day, byTheBook,
			&store.Lot{MadeOn: on(9), CheckedOn: on(8), Sealed: 6, Unsealed: 1, Went: "refrigerator", Best: 12, Boil: elevation.BoilMinutes(feet), Place: "cellar, shelf 1", DoneBy: "Ines Calloway", Note: "one had a seed on its rim"}, 0.34, 3.5},
		{byBath("Dilly beans for the fair", "Pickled dilled beans", "6", "pickle", "pint", "raw", "acidified", dilly, 10, 9), 5 * day, "1 heat-on;18 reached;24 lost;26 reached;32 heat-off;38 jars-out 9", nil, 0, 0},
		{byDial("Carrots for the pantry", carrots), 56, aDip, nil, 0, 0},
		{byBath("Dilly beans for the fair", "Pickled dilled beans", "6", "pickle", "pint", "raw", "acidified", dilly, 10, 9), 14, "1 heat-on;9 reached", nil, 0, 0},
		{bothSizes(byDial("Carrots for the pantry", carrots)), 15 * 60, twoSizes, nil, 0.29, 3},
	}
	for i := range loads {
		if err := addLoad(ctx, st, &loads[i], today); err != nil {
			return err
		}
	}
	// From before there was a record: not judged.
	return st.AddLot(ctx, &store.Lot{Title: "Plum jam", Jar: "half-pint", MadeOn: on(420), Sealed: 11, Class: "acid", Place: "cellar, shelf 3", Note: "from before this record; nobody noted its process", Moves: []store.LotMove{{OnDay: on(200), Kind: "eaten", Jars: 7}}})
}

func addLoad(ctx context.Context, st *store.Store, l *load, today time.Time) error {
	r := &l.run
	r.Kitchen, r.ElevationFt, r.BoilF = "Cinder Flat Grange", feet, elevation.BoilingPoint(feet)
	r.CreatedAt = today.Add(-time.Duration(l.back) * time.Minute)
	if err := st.AddRun(ctx, r); err != nil {
		return err
	}
	for _, part := range strings.Split(l.told, ";") {
		e, err := eventOf(part, r.CreatedAt)
		if err != nil {
			return err
		}
		if err := st.Happened(ctx, r.ID, -1, e.At, e); err != nil {
			return err
		}
	}
	if l.propane > 0 {
		if err := addSpent(ctx, st, l); err != nil {
			return err
		}
	}
	if l.lot == nil {
		return nil
	}
	l.lot.RunID, l.lot.Title, l.lot.Jar, l.lot.Class = r.ID, r.Title, r.Jar, r.Class
	return st.AddLot(ctx, l.lot)
}

// perPound is the heat in a pound of propane, in kWh (knowledge/plan.yaml, fuels).
const perPound = 6.3

// addSpent notes what a load took by the scale under its bottle, and by the jug.
func addSpent(ctx context.Context, st *store.Store, l *load) error {
	k, err := st.Kitchen(ctx)
	if err != nil {
		return err
	}
	return st.SaveSpent(ctx, store.Spent{RunID: l.run.ID, CannerID: l.run.CannerID, WaterQuarts: l.water,
		Heat: l.propane, Fuel: "lb", KWh: l.propane * perPound, ReckonedKWh: app.Reckoned(&k, &l.run)})
}

// eventOf reads "36 lost 12.4".
func eventOf(text string, start time.Time) (run.Event, error) {
	f := strings.Fields(text)
	m, err := strconv.Atoi(f[0])
	e := run.Event{At: start.Add(time.Duration(m) * time.Minute), Kind: run.Kind(f[1])}
	if err != nil || !e.Kind.Known() {
		return e, fmt.Errorf("%q is nothing that happened", text)
	}
	if len(f) < 3 {
		return e, nil
	}
	if e.Kind == run.JarsOut {
		e.Jars, err = strconv.Atoi(f[2])
		return e, err
	}
	e.Gauged = true
	e.PSI, err = strconv.ParseFloat(f[2], 64)
	return e, err
}
