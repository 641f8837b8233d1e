package plan

import (
	"fmt"
	"math"
	"strings"
	"time"

	"damson/app"
	"damson/core/canner"
	"damson/core/elevation"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/web/draw"
	"damson/web/kit"
)

// planView is a plan's page.
type planView struct {
	ID         int64
	Day, Clock string
	Done       bool
	Hands      int
	Problem    string
	Seen       string
	Sentence   string
	Dishes     []planDishView
	Loads      []planLoadView
	Chart      *draw.Chart
	Steps      []planStepView
	Clashes    []string
	Long       string
	Moved      bool
	Equipment  []string
	Shared     *sharedView
	// Apart were to go in with another load, and do not fit there any more.
	Apart []guestView
}

type planDishView struct {
	ID, RecipeID   int64
	Title, Missing string
	// Reasons say what decides: bands that end, raw against hot.
	Reasons      []string
	Jars         int
	Wide, Before bool
	Options      []planOptionView
	Yield        string
	Slip         string
	Sterile      bool
	// Others are the ways in another size of jar.
	Others []planOptionView
}

type planOptionView struct {
	Key, Words, Whole, Water, Not string
	// Spent is what loads took in this canner.
	Spent  string
	Chosen bool
}

type planLoadView struct {
	Dish, No              int
	Title, Words, Process string
	Spare, Own            string
	Guests                []guestView
	// On leads to the stove with this load.
	On string
}

type planStepView struct {
	Time, Name, For, Long, Note string
	Mark                        string // of the recipe, as on the chart
	Hands, Clash, Process       bool
	NewDay                      string
}

func (s *Pages) viewPlan(w *planned) planView {
	p := w.plan
	v := planView{ID: p.ID, Day: p.OnDay, Clock: p.Clock, Done: p.Done, Hands: max(p.Hands, 1), Problem: w.problem,
		Seen: w.seen, Moved: len(p.Moves) > 0}
	for i := range w.dishes {
		v.Dishes = append(v.Dishes, w.viewDish(&w.dishes[i]))
	}
	for _, pr := range w.problems {
		v.Equipment = append(v.Equipment, pr.What)
	}
	if w.day == nil {
		return v
	}
	v.Long = w.day.Long()
	v.Sentence = fmt.Sprintf("%s from %s to %s", w.zero.Format("Monday 2 January"), w.at(0).Format(kit.ClockLayout),
		w.at(w.day.Ends).Format(kit.ClockLayout))
	if !sameDay(w.at(0), w.at(w.day.Ends)) {
		v.Sentence += " of " + w.at(w.day.Ends).Format("Monday")
	}
	for i, loads := range w.day.Loads {
		for n := range loads {
			v.Loads = append(v.Loads, w.viewLoad(i, n))
		}
	}
	for i, k := range w.inDay {
		v.Dishes[k].Title = w.named(i)
	}
	v.Apart, v.Shared = w.apart(), w.shared()
	if w.zero.Before(s.Now()) && w.at(w.day.Ends).After(s.Now().Add(-24*time.Hour)) {
		v.Problem = "This would have to begin at " + w.zero.Format("15:04 on Monday 2 January") +
			", which is past. Choose a later time, fewer jars, or prepare the evening before."
	}
	bad := map[string]bool{}
	for _, x := range w.clashes {
		bad[x.Task] = true
		v.Clashes = append(v.Clashes, w.at(w.taskOf(x.Task).Start).Format(kit.ClockLayout)+": "+x.What+".")
	}
	v.Chart = w.chart(bad)
	was := ""
	for _, l := range draw.Joined(w.day.Tasks, math.MinInt, math.MaxInt) {
		t := l.First()
		if t.Work == "cool" {
			continue
		}
		st := planStepView{
			Time: w.at(t.Start).Format(kit.ClockLayout), Name: t.Name, For: w.forWords(t), Mark: draw.Mark(t.Dish),
			Long: spread(t), Note: t.Note, Hands: t.Hands, Clash: l.Clash(bad), Process: t.Process,
		}
		if n := len(l.Tasks); n > 1 {
			st.Name, st.Long = t.Whole, words.Thousands(l.End()-t.Start)+" min"
		}
		if d := w.at(t.Start).Format("Monday 2 January"); d != was {
			was, st.NewDay = d, d
		}
		v.Steps = append(v.Steps, st)
	}
	return v
}

// chart lays the day out; bad are the tasks that cannot be as they stand.
func (w *planned) chart(bad map[string]bool) *draw.Chart {
	d := draw.Day{
		PlanID: w.plan.ID, Tasks: w.day.Tasks, Ends: w.day.Ends, At: w.at, Hands: w.place.Hands, InUse: map[int]bool{},
		For: w.forWords, Long: spread, Bad: bad,
	}
	for n, k := range w.inDay {
		d.Dishes = append(d.Dishes, w.named(n))
		d.InUse[w.dishes[k].Chosen.Canner] = true
	}
	for i := range w.place.Canners {
		d.Canners = append(d.Canners, w.place.Canners[i].Name)
	}
	return d.Chart()
}

// viewLoad is load n of dish i.
func (w *planned) viewLoad(i, n int) planLoadView {
	l, o := &w.day.Loads[i][n], w.longer(i, n)
	can := w.place.Canners[o.Canner].Name
	v := planLoadView{Dish: w.inDay[i] + 1, No: n + 1, Title: w.loadTitle(i, n), Words: w.loadJars(i, l) + " in " + can,
		Process: processWords(o), Own: w.ownTimes(i, l), Guests: w.guests(l), On: w.onStove(i, l)}
	if l.PartFull() {
		v.Spare = fmt.Sprintf("%d places are empty: set jars of hot water there, or refrigerate these jars.", l.Spare)
	}
	return v
}

func sameDay(a, b time.Time) bool { return a.Format(kit.DayLayout) == b.Format(kit.DayLayout) }

func (w *planned) taskOf(id string) *plan.Task {
	for i := range w.day.Tasks {
		if w.day.Tasks[i].ID == id {
			return &w.day.Tasks[i]
		}
	}
	return &plan.Task{}
}

// forWords says what a task belongs to.
func (w *planned) forWords(t *plan.Task) string {
	host, load, title := t.Dish, t.Load-1, w.named(t.Dish)
	if h, n, ok := w.day.Host(t.Dish); ok && t.Group == fmt.Sprintf("%d.%d", h, n+1) {
		return title // its own work for a load in which it is a guest
	}
	if load < 0 || load >= len(w.day.Loads[host]) {
		return title
	}
	if t.Work != "cook" && t.Work != "fill" {
		title = w.loadTitle(host, load)
	}
	if len(w.day.Loads[host]) > 1 {
		return fmt.Sprintf("%s, load %d", title, t.Load)
	}
	return title
}

// spread writes how long a task takes.
func spread(t *plan.Task) string {
	switch {
	case t.Process:
		return words.Thousands(t.Minutes) + " min, no less"
	case t.Minutes >= 600:
		return fmt.Sprintf("%d to %d h", t.Least/60, t.Most/60)
	case t.Known > 0 && t.Least == t.Most:
		return words.Thousands(t.Minutes) + " min, by " + words.Counted(t.Known, "load")
	case t.Known > 0:
		return fmt.Sprintf("%d min (%d to %d, by %d loads)", t.Minutes, t.Least, t.Most, t.Known)
	case t.Least == t.Most:
		return words.Thousands(t.Minutes) + " min"
	}
	return fmt.Sprintf("%d min (%d to %d)", t.Minutes, t.Least, t.Most)
}

func waterWords(o *plan.Option) string {
	return fmt.Sprintf("%s qt (%.1f l) of water, about %.1f kWh a load at the burner", kit.Decimal(o.WaterQuarts),
		kit.Convert(o.WaterQuarts, quantity.Quart, quantity.L), o.KWh)
}

// spentWords says what loads took in the canner, where that was measured: "took 3.5 qt (3 to 4) of water in
// 3 loads, 2.1 kWh (1.8 to 2.2) for one like this".
func spentWords(o *plan.Option) string {
	var out []string
	if w := o.WaterTook; w.Loads > 0 {
		out = append(out, measured(w, "qt")+" of water in "+words.Counted(w.Loads, "load"))
	}
	if h := o.HeatTook; h.Loads > 0 {
		out = append(out, measured(h, "kWh")+" for one like this by "+words.Counted(h.Loads, "load"))
	}
	if len(out) == 0 {
		return ""
	}
	return "took " + strings.Join(out, ", ")
}

// measured is a figure with how it spread.
func measured(s plan.Spread, unit string) string {
	if s.Loads == 1 {
		return fmt.Sprintf("%.1f %s", s.Median, unit)
	}
	return fmt.Sprintf("%.1f %s (%.1f to %.1f)", s.Median, unit, s.Least, s.Most)
}

// processWords writes a chosen process with the reading to hold.
func processWords(o *plan.Option) string {
	p := o.Process
	text := fmt.Sprintf("%s, %s pack, %d min", strings.ToLower(kit.MethodName(p.Method)), p.Pack, p.Minutes)
	if p.Method == procedure.Pressure {
		text += " at " + kit.Pounds(p.PSI) + ", " + p.Gauge + " gauge"
		if o.Why != "" {
			text += fmt.Sprintf("; hold the dial at %s psi, for %s", kit.Decimal(o.Reading), o.Why)
		}
	}
	if p.When != "" {
		text += ", " + p.When
	}
	return text
}

func (w *planned) viewDish(d *app.Dish) planDishView {
	v := planDishView{ID: d.Stored.ID, RecipeID: d.Recipe.ID, Title: d.Recipe.Title, Missing: d.Missing,
		Jars: d.Stored.Jars, Wide: d.Stored.Wide, Before: d.Stored.DayBefore, Yield: d.Yield}
	for i := range d.Options {
		o := &d.Options[i]
		ov := planOptionView{Key: o.Process.Key(), Words: kit.JarPlural(o.Process.Jar) + ": " + processWords(o),
			Not: o.Not, Chosen: o == d.Chosen}
		if o.Not == "" {
			n := len(o.Loads)
			ov.Whole = fmt.Sprintf("%d %s of %d to %d min", n, words.Plural("load", n), o.Minutes[0], o.Minutes[2])
			ov.Water, ov.Spent = waterWords(o), spentWords(o)
		}
		v.Options = append(v.Options, ov)
	}
	v.Reasons, v.Others = w.reasons(d), otherJars(d)
	if d.Chosen == nil {
		return v
	}
	feet := float64(w.kitchen.ElevationFt)
	v.Sterile = d.Chosen.Process.SterileJars()
	if d.Chosen.Process.Method == procedure.Pressure {
		s := canner.Slips(feet, d.Chosen.Process.PSI)
		v.Slip = fmt.Sprintf("Steam at %d psi here is %s. One pound too little: %.1f °F cooler. Not vented, a fifth of "+
			"air left in: %.1f °F cooler, at the same "+
			"reading.", d.Chosen.Process.PSI, kit.Degrees(s.True), s.True-s.Misread, s.True-s.Unvented)
	} else {
		v.Slip = "Water boils at " + kit.Degrees(elevation.BoilingPoint(feet)) + " here; the minutes are longer for it."
		if d.Chosen.Process.Method == canner.Bath {
			v.Slip += " Water over the jars: " + kit.Inches(float64(canner.WaterOver(d.Chosen.Process.Minutes))) + "."
		}
	}
	return v
}

// reasons says what decides between the ways, beyond the figures.
func (w *planned) reasons(d *app.Dish) []string {
	var out []string
	if d.Result == nil || d.Result.Tested == nil {
		return nil
	}
	feet := w.kitchen.ElevationFt
	for _, way := range d.Result.Tested.Ended(feet) {
		what := kit.MethodName(way.Method)
		if way.Gauge != "" {
			what += ", " + way.Gauge + " gauge"
		}
		out = append(out, fmt.Sprintf("%s: the tested table does not reach %s ft, so there is no process.", what,
			words.Thousands(feet)))
	}
	packs := map[string]bool{}
	for i := range d.Options {
		packs[d.Options[i].Process.Pack] = true
	}
	if packs["raw"] && packs["hot"] {
		out = append(out, "Raw or hot: raw pack is quicker to fill, holds less food in a jar (about a quarter more jars "+
			"and lids), and floats and fades sooner; hot pack keeps colour and sinks, and wants a pot on the stove. (USDA "+
			"Complete Guide 2015, guide 1; the quarter is common practice)")
	}
	return out
}
