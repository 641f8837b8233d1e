package plan

import (
	"fmt"
	"net/http"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/canner"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/web/kit"
)

// quantitiesView is what to buy and what goes into each jar.
type quantitiesView struct {
	ID      int64
	Problem string
	Dishes  []quantitiesDish
	Lids    string
	Jars    []string
	Costs   *costView
}

type quantitiesDish struct {
	Title, Yield, Loads string
	Items               []quantitiesItem
	Card                []kit.Fact
	Syrups              []syrupRow
	Cover               string
	Missing             string
}

type quantitiesItem struct{ Kitchen, Food, Buy, Text string }

type syrupRow struct{ Name, Water, Sugar string }

func (s *Pages) showQuantities(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	return s.renderQuantities(c, http.StatusOK, w, "")
}

// renderQuantities is the page of what to buy; problem says what is wrong with the prices that were typed.
func (s *Pages) renderQuantities(c *gin.Context, status int, w *planned, problem string) error {
	v := quantitiesView{ID: w.plan.ID, Problem: w.problem}
	lids, need := 0, map[string]int{}
	for i := range w.dishes {
		d := &w.dishes[i]
		q := quantitiesDish{Title: d.Recipe.Title, Missing: d.Missing, Yield: d.Yield}
		if d.Chosen != nil && d.Missing == "" {
			s.fillQuantities(w, d, &q)
			lids += plan.Lids(d.Stored.Jars)
			need[stockKey(d.Chosen.Process.Jar, d.Stored.Wide)] += d.Stored.Jars
		}
		v.Dishes = append(v.Dishes, q)
	}
	if lids > 0 {
		v.Lids = fmt.Sprintf("%d new lids: one a jar, and two to spare for each recipe", lids)
	}
	var err error
	if v.Jars, err = s.jarsNeeded(c, need); err != nil {
		return err
	}
	if w.day != nil {
		prices, err := s.Store.Prices(c.Request.Context())
		if err != nil {
			return err
		}
		costs := s.costs(w, prices)
		if costs.Problem = problem; problem != "" {
			costs.typedAgain(c)
		}
		if c.Query("priced") != "" {
			costs.Saved = "Kept; every plan goes by these prices."
		}
		v.Costs = &costs
	}
	s.Render(c, status, "quantities", kit.Page{Title: "Loads and quantities", Nav: "/plan", Body: v})
	return nil
}

func stockKey(jar string, wide bool) string {
	mouth := "regular"
	if wide {
		mouth = "wide"
	}
	return jar + ", " + mouth + " mouth"
}

// jarsNeeded sets the jars of the day against those in stock.
func (s *Pages) jarsNeeded(c *gin.Context, need map[string]int) ([]string, error) {
	list, err := s.Store.JarStocks(c.Request.Context())
	have := map[string]int{}
	for _, x := range list {
		have[stockKey(x.Size, x.Wide)] = x.Count
	}
	var out []string
	for _, j := range quantity.Jars {
		for _, wide := range []bool{false, true} {
			k := stockKey(string(j), wide)
			n := need[k]
			switch {
			case n == 0:
			case have[k] == 0 && len(list) == 0:
				out = append(out, fmt.Sprintf("%d × %s", n, k))
			case have[k] < n:
				out = append(out, fmt.Sprintf("%d × %s: only %d in the kitchen, %d are wanting", n, k, have[k], n-have[k]))
			default:
				out = append(out, fmt.Sprintf("%d × %s: %d in the kitchen", n, k, have[k]))
			}
		}
	}
	return out, err
}

func (s *Pages) fillQuantities(w *planned, d *app.Dish, q *quantitiesDish) {
	p := d.Chosen.Process
	jar, jars := quantity.Jar(p.Jar), d.Stored.Jars
	table := s.Shelves.Now().Lib.Plan
	q.Loads = w.loadsOf(d)
	for _, it := range table.Shop(d.Result, jar, jars, d.Factor) {
		x := quantitiesItem{Kitchen: it.Kitchen, Food: it.Food, Text: it.Text}
		if it.BuyMost > 0 {
			x.Buy = fmt.Sprintf("buy %.1f to %.1f lb (%.1f to %.1f kg)",
				kit.Convert(it.BuyLeast, quantity.Kg, quantity.Lb), kit.Convert(it.BuyMost, quantity.Kg,
					quantity.Lb), it.BuyLeast, it.BuyMost)
		}
		if it.EachJar != "" {
			x.Buy = it.EachJar + " to each jar"
		}
		q.Items = append(q.Items, x)
	}
	q.Card = fillingCard(d)
	if plan.Uncovered(d.Result) {
		least, most := plan.Cover(jar, jars)
		q.Cover = fmt.Sprintf("Covering liquid: the recipe gives no amount; have %.0f to %.0f cups (%.1f to %.1f l) at "+
			"the boil. Pieces that pack loosely take more.", least, most, kit.Convert(least, quantity.Cup,
			quantity.L), kit.Convert(most, quantity.Cup, quantity.L))
	}
	if plan.Fruit(d.Result) {
		for _, sy := range table.Syrups {
			water, sugar := sy.Need(jar, jars)
			q.Syrups = append(q.Syrups, syrupRow{fmt.Sprintf("%s (about %.0f %%)", sy.Name, sy.Percent),
				quantity.Kitchen(water, quantity.Cup), quantity.Kitchen(sugar, quantity.Cup)})
		}
	}
}

// loadsOf says in which loads the jars of a dish go in.
func (w *planned) loadsOf(d *app.Dish) string {
	jar, can := quantity.Jar(d.Chosen.Process.Jar), w.place.Canners[d.Chosen.Canner].Name
	loads, with := d.Chosen.Loads, ""
	i := slices.IndexFunc(w.inDay, func(k int) bool { return &w.dishes[k] == d })
	if i >= 0 && w.day != nil {
		loads = w.day.Loads[i]
		if h, n, ok := w.day.Host(i); ok {
			with = fmt.Sprintf("the last go in with load %d of %s", n+1, w.named(h))
		}
	}
	var sizes []string
	for _, l := range loads {
		sizes = append(sizes, words.Thousands(l.Jars))
	}
	text := jar.Count(d.Stored.Jars)
	if len(sizes) > 0 {
		text += fmt.Sprintf(" in %d %s (%s) of %s", len(sizes), words.Plural("load", len(sizes)),
			strings.Join(sizes, " + "), can)
	}
	if with != "" {
		text += "; " + with
	}
	return text
}

// guestDemands says what the jars of another recipe in a load ask for: their headspace, their acid, and the
// needs of their procedure.
func (w *planned) guestDemands(g plan.Guest) []string {
	d := &w.dishes[w.inDay[g.Dish]]
	p := &d.Chosen.Process
	first := fmt.Sprintf("%s, %s: headspace %s", w.named(g.Dish), quantity.Jar(p.Jar).Count(g.Jars),
		kit.Inches(p.HeadspaceIn))
	if p.AcidPerJar != "" {
		first += "; to each jar " + p.AcidPerJar
	}
	out := []string{first + "."}
	for _, need := range d.Result.Tested.Needs {
		out = append(out, w.named(g.Dish)+": "+need.Text)
	}
	return out
}

// fillingCard is what goes into each jar, in order.
func fillingCard(d *app.Dish) []kit.Fact {
	p := d.Chosen.Process
	out := []kit.Fact{{Name: "Pack", Value: p.Pack + " pack, " + kit.JarPlural(p.Jar)}}
	if p.AcidPerJar != "" {
		out = append(out, kit.Fact{Name: "Acid first", Value: p.AcidPerJar})
	}
	for _, l := range d.Result.Lines {
		if l.Per != "" && !l.Serving && !l.Ref.In("bottled-citrus", "citric-acid") {
			out = append(out, kit.Fact{Name: words.Capital(l.Food), Value: quantity.Kitchen(plan.EachJar(l,
				quantity.Jar(p.Jar)), l.Unit)})
		}
	}
	out = append(out, kit.Fact{Name: "Headspace", Value: kit.Inches(p.HeadspaceIn) +
		", measured again once the bubbles are out"}, kit.Fact{Name: "Then", Value: "bubbles out, rim wiped, new lid, " +
		"band fingertip-tight"})
	return out
}

// sheetView is one run sheet: a load on a page.
type sheetView struct {
	// Hold is the reading to hold where the dial is corrected, or the water over
	// the jars.
	Hold                                                         string
	Anchor, Title, Load, Process, Reading, Jars, Headspace, Acid string
	Day                                                          string
	// Demands are what the procedure asks for besides its figures.
	Demands    []string
	Steps      []sheetStep
	Lost       string
	Pressure   bool
	Source     string
	FromMemory bool
	Canner     int64
	Took       []tookField
}

type sheetStep struct{ Text, Write string }

type sheetsView struct {
	ID      int64
	Problem string
	Noted   bool
	Sheets  []sheetView
}

func (s *Pages) showSheets(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	v := sheetsView{w.plan.ID, w.problem, c.Query("noted") != "", w.sheets()}
	s.Render(c, http.StatusOK, "sheets", kit.Page{Title: "Run sheets", Nav: "/plan", Body: v})
	return nil
}

// sheets writes a run sheet for every load.
func (w *planned) sheets() []sheetView {
	var out []sheetView
	if w.day == nil {
		return nil
	}
	for i, loads := range w.day.Loads {
		d := &w.dishes[w.inDay[i]]
		for n, l := range loads {
			o := w.longer(i, n)
			p := o.Process
			v := sheetView{Anchor: fmt.Sprintf("d%dl%d", w.inDay[i]+1, n+1), Title: w.loadTitle(i, n),
				Load: fmt.Sprintf("load %d of %d", n+1, len(loads)), Day: w.zero.Format("Monday 2 January 2006"),
				Jars: w.loadJars(i, &l), Headspace: kit.Inches(p.HeadspaceIn), Acid: p.AcidPerJar,
				Pressure: p.Method == procedure.Pressure,
				Process:  fmt.Sprintf("%d minutes", p.Minutes), Source: d.Result.Procedure.Title + ", " +
					d.Result.Procedure.Source, FromMemory: p.FromMemory}
			for _, need := range d.Result.Tested.Needs {
				v.Demands = append(v.Demands, need.Text)
			}
			for _, g := range l.Guests {
				v.Demands = append(v.Demands, w.guestDemands(g)...)
			}
			if own := w.ownTimes(i, &l); own != "" {
				v.Demands = append(v.Demands, own)
			}
			v.Reading = kit.MethodName(p.Method)
			can := w.place.Canners[o.Canner]
			v.Reading += ", " + can.Name
			v.Lost = "If the boil stops: bring it back, and start the whole " + v.Process + " again."
			if p.Method == canner.Bath {
				v.Hold = fmt.Sprintf("Water over the jars: %s.", kit.Inches(float64(canner.WaterOver(p.Minutes))))
			}
			if v.Pressure {
				v.Process += " at " + kit.Pounds(p.PSI)
				if o.Why != "" {
					v.Hold = fmt.Sprintf("Hold the dial at %s psi: %s.", kit.Decimal(o.Reading), o.Why)
				}
				v.Lost = fmt.Sprintf("If the pressure drops under %s psi: bring it back, and start the whole %d minutes again. "+
					"Never add up pieces.", kit.Decimal(o.Reading), p.Minutes)
			}
			v.Steps = w.sheetSteps(i, n+1, o, l)
			v.Canner, v.Took = can.ID, w.tookFields(i, n+1)
			out = append(out, v)
		}
	}
	return out
}

// processBlanks are what is written while the tested minutes run. How often a weight rocks is in the
// canner maker's book.
func processBlanks(p *procedure.Process) string {
	switch {
	case p.Method != procedure.Pressure:
		return "from __:__ to __:__ · boil never lost __"
	case p.Gauge == "weighted":
		return "from __:__ to __:__ · rocked ____ times a minute; the maker’s book says ____"
	}
	return "from __:__ to __:__ · lowest seen ____ psi"
}

// sheetSteps are the boxes to tick and the times to write of a load.
func (w *planned) sheetSteps(dish, load int, o *plan.Option, l plan.Load) []sheetStep {
	p := o.Process
	var out []sheetStep
	group := fmt.Sprintf("%d.%d", dish, load)
	for i := range w.day.Tasks {
		t := &w.day.Tasks[i]
		if t.Group != group {
			continue
		}
		write := "at " + w.at(t.Start).Format(kit.ClockLayout) + " · done __:__"
		switch t.Work {
		case "vent":
			write = "steam steady at __:__ · weight on at __:__"
		case "process":
			write = processBlanks(&p)
		case "down-small", "down-large":
			write = "heat off at __:__ · at zero at __:__"
		case "rest-pressure":
			write = fmt.Sprintf("weight off at __:__ · lid off at __:__, %d min later", t.Least)
		case "unload":
			write = fmt.Sprintf("out at __:__ · ____ of %d jars whole, ____ broken · meter ____ (unit ____)", l.All())
		case "preheat-bath", "preheat-steam", "preheat-pressure", "again":
			write += " · water in ____ qt · meter ____ (unit ____)"
		case "cool":
			continue
		case "check":
			write = fmt.Sprintf("%s · ____ of %d jars sealed", w.at(t.Start).Format("Mon 15:04"), l.All())
		case "load":
			if l.Spare > 0 {
				write += fmt.Sprintf(" · %d places empty", l.Spare)
			}
		}
		name := t.Name
		if len(l.Guests) > 0 && (t.Work == "cook" || t.Work == "fill") {
			name += ": " + w.named(t.Dish)
		}
		out = append(out, sheetStep{name, write})
	}
	if p.SterileJars() {
		out = append([]sheetStep{{"Sterilise the empty jars: 10 minutes in boiling water, one more for each 1,000 ft",
			"done __:__"}}, out...)
	}
	return out
}
