// Package demo fills a store with an invented kitchen: Cinder Flat Grange, a
// volunteer teaching kitchen at 5,240 ft, with recipes sent in by its members.
// Everyone in it is made up.
package demo

import (
	"context"
	"embed"
	"errors"
	"fmt"
	"io/fs"
	"strconv"
	"strings"
	"time"

	"damson/core/ledger"
	"damson/store"
)

// earlier holds, under the same names, what some recipes were before they were
// mended.
//
//go:embed recipes/*.txt earlier/*.txt
var files embed.FS

// Fill adds the kitchen and its recipes to an empty store, all of it or nothing; a store
// that holds anything already is left alone. Dates count back from today.
func Fill(ctx context.Context, st *store.Store, today time.Time) error {
	return st.Atomically(ctx, func(tx *store.Store) error {
		empty, err := tx.Empty(ctx)
		if err != nil || !empty {
			return err
		}
		return fill(ctx, tx, today)
	})
}

func fill(ctx context.Context, st *store.Store, today time.Time) error {
	k := store.Kitchen{Name: "Cinder Flat Grange", ElevationFt: 5240, CannerID: 1, Jar: "", Burners: 4, LidsRegular: 60, LidsWide: 24, Canners: []store.Canner{
		{ID: 1, Name: "Big dial canner", Kind: "pressure", Gauge: "dial", Quarts: 7, Pints: 9, HalfPints: 12, Layers: 2, WaterQuarts: 3, TestedOn: today.AddDate(0, -5, 0).Format("2006-01-02"), ReadsHigh: 0.5, Rack: true, Stove: "gas"},
		{ID: 2, Name: "Weighted canner", Kind: "pressure", Gauge: "weighted", Quarts: 7, Pints: 8, HalfPints: 10, Layers: 1, WaterQuarts: 3, Rack: true, Stove: "gas"},
		{ID: 3, Name: "Enamel water bath", Kind: "water-bath", Quarts: 7, Pints: 9, HalfPints: 9, Layers: 1, Rack: true, Stove: "gas"},
		{ID: 4, Name: "Steam canner", Kind: "steam", Quarts: 7, Pints: 8, HalfPints: 8, Layers: 1, WaterQuarts: 2.5, Rack: true, Stove: "gas"},
	}}
	if err := st.SetUp(ctx, &k); err != nil {
		return err
	}
	if err := st.AddChecks(ctx, checks(today)); err != nil {
		return err
	}
	names, err := fs.Glob(files, "recipes/*.txt")
	if err != nil {
		return err
	}
	for i := len(names) - 1; i >= 0; i-- {
		data, err := files.ReadFile(names[i])
		if err != nil {
			return err
		}
		r, err := parse(string(data), today)
		if err != nil {
			return fmt.Errorf("%s: %w", names[i], err)
		}
		if err := add(ctx, st, r, strings.Replace(names[i], "recipes/", "earlier/", 1)); err != nil {
			return err
		}
	}
	return fillLog(ctx, st, today)
}

// fillLog adds two meters, their calibrations, and what they read.
func fillLog(ctx context.Context, st *store.Store, today time.Time) error {
	day := func(back int) string { return today.AddDate(0, 0, -back).Format("2006-01-02") }
	meter := store.Meter{Name: "Bench meter", Compensates: true, DueOn: day(-60)}
	pocket := store.Meter{Name: "Pocket meter", DueOn: day(12)}
	for _, m := range []*store.Meter{&meter, &pocket} {
		if err := st.AddMeter(ctx, m); err != nil {
			return err
		}
	}
	for _, c := range []store.Calibration{
		{OnDay: day(9), LowMV: 173, HighMV: 2, Celsius: 22},
		{OnDay: day(2), LowMV: 172, HighMV: 3, Celsius: 23},
	} {
		c.MeterID, c.Low, c.High, c.DoneBy = meter.ID, 4.01, 7, "Ines Calloway"
		c.LowLot, c.HighLot, c.LowExpiry, c.HighExpiry = "A-114", "N-207", day(-300), day(-300)
		if err := st.AddCalibration(ctx, &c); err != nil {
			return err
		}
	}
	if err := st.SaveStock(ctx, 4, 60, 24, []store.JarStock{{Size: "pint", Count: 36}, {Size: "quart", Count: 21}, {Size: "half-pint", Count: 24}, {Size: "quart", Wide: true, Count: 14}}, ""); err != nil {
		return err
	}
	list, err := st.Recipes(ctx, "", 0, 100)
	if err != nil {
		return err
	}
	recipe := func(word string) int64 {
		for _, r := range list {
			if strings.Contains(strings.ToLower(r.Title), word) {
				return r.ID
			}
		}
		return 0
	}
	// The day after tomorrow: the big dial canner twice, the water bath twice.
	p := store.Plan{OnDay: day(-2), Clock: "17:00", Done: true, Dishes: []store.PlanDish{{RecipeID: recipe("carrots for"), Jars: 14}, {RecipeID: recipe("dilly"), Jars: 16}}}
	if err := st.AddPlan(ctx, &p); err != nil {
		return err
	}
	if err := fillStove(ctx, st, today, recipe); err != nil {
		return err
	}
	return st.AddReadings(ctx, []*store.Reading{
		{MeterID: pocket.ID, RecipeID: recipe("mango"), OnDay: day(12), Sample: "mango salsa from the refrigerator", How: "drained and blended", Hours: 30, Celsius: 9, Typed: "4.48 4.71", DoneBy: "Osric Vale"},
		{MeterID: meter.ID, RecipeID: recipe("beets"), OnDay: day(9), Sample: "pickled beets, jars 2 and 6", How: "drained and blended", Hours: 168, Celsius: 22, Compensated: true, Typed: "4.28 4.31", DoneBy: "Ines Calloway"},
		{MeterID: meter.ID, RecipeID: recipe("dilly"), OnDay: day(2), Sample: "dilly beans, jars 3, 5 and 9", How: "drained and blended", Hours: 96, Celsius: 23, Compensated: true, Typed: "3.61 3.64 3.70", DoneBy: "Ines Calloway"},
	})
}

// add stores a recipe, and its earlier version first where there is one.
func add(ctx context.Context, st *store.Store, r store.Recipe, earlier string) error {
	data, err := files.ReadFile(earlier)
	if errors.Is(err, fs.ErrNotExist) {
		return st.AddRecipe(ctx, &r)
	}
	if err != nil {
		return err
	}
	mended := r.Text
	r.Text, r.Why = string(data), "as it was sent"
	if err := st.AddRecipe(ctx, &r); err != nil {
		return err
	}
	r.Text, r.Why = mended, "mended after the review"
	return st.SaveRecipe(ctx, &r, "")
}

// checks are values that the demo kitchen's people ticked as the same in their
// copy. The people are made up, and nothing was looked up: they show how a
// checked value looks.
func checks(today time.Time) []ledger.Check {
	var out []ledger.Check
	for _, c := range []struct{ procedure, by, page, parts string }{
		{"snap-beans", "Ines Okafor", "4-10", "pressure|dial|raw|pint||11 pressure|dial|raw|quart||11 pressure|dial|hot|pint||11 pressure|dial|hot|quart||11"},
		{"plums", "Ines Okafor", "2-26", "water-bath||hot|pint|| water-bath||hot|quart||"},
		{"pickled-beets", "Tomasz Wren", "6-14", "water-bath||hot|pint||"},
	} {
		for _, part := range strings.Fields(c.parts) {
			out = append(out, ledger.Check{Procedure: c.procedure, Part: "row:" + part, Status: ledger.Same, Edition: "the demo's invented copy", Page: c.page, By: c.by, On: today.AddDate(0, 0, -9).Format(time.DateOnly), Signed: c.by})
		}
	}
	return out
}

// parse reads "key: value" lines up to the first empty one; the rest is the
// recipe as sent.
func parse(data string, today time.Time) (store.Recipe, error) {
	head, text, ok := strings.Cut(data, "\n\n")
	if !ok {
		return store.Recipe{}, errors.New("no empty line after the head")
	}
	r := store.Recipe{Text: text}
	r.Title, _, _ = strings.Cut(text, "\n")
	for _, line := range strings.Split(head, "\n") {
		key, value, _ := strings.Cut(line, ": ")
		switch key {
		case "from":
			r.SentBy = value
		case "days":
			n, err := strconv.Atoi(value)
			if err != nil {
				return r, fmt.Errorf("days: %w", err)
			}
			r.CreatedAt = today.AddDate(0, 0, -n)
		case "jar":
			r.Jar = value
		case "pack":
			r.Pack = value
		case "book":
			r.From.Book = value
		case "edition":
			r.From.Edition = value
		case "page":
			r.From.Page = value
		default:
			return r, fmt.Errorf("key %q is unknown", key)
		}
	}
	return r, nil
}
