package plan

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
)

// Dish is one recipe to be canned, with its process and what it needs.
type Dish struct {
	Title   string
	Process procedure.Process
	Jars    int
	Wide    bool
	// Canner is the place in the kitchen's list.
	Canner int
	// Kg is the food to prepare, PeelKg the part of it that is peeled.
	Kg, PeelKg float64
	// BrownKg is the meat to brown; RawPoultry asks for a clean board after it.
	BrownKg    float64
	RawPoultry bool
	HotPeppers bool
	Soak       bool
	CookDown   bool
	// NoLiquid is true where nothing is poured over the food.
	NoLiquid bool
	// DayBefore prepares the food the evening before.
	DayBefore bool
	// Joins is the place of the dish, counted from 1, into whose last load the last jars go; 0 for
	// a load of their own.
	Joins int
}

// Task is one piece of work of the day.
type Task struct {
	// ID is the same for the same piece of work of the same plan.
	ID string
	// Group moves as one: a load is never torn apart.
	Group string
	Dish  int
	// Work is the kind of work, by the id of its duration: "peel", "vent".
	Work string
	// Load counts from 1, 0 for what belongs to the whole dish.
	Load int
	Name string
	// Whole is the name of all of it, where it is cut in pieces: "Wash and peel".
	Whole string
	Note  string
	// Start and Minutes are in minutes of the day's work; Least and Most are the
	// spread, and Known in how many loads before it was seen; 0 for common practice.
	Start, Minutes, Least, Most int
	Known                       int
	Hands                       bool
	Burner                      bool
	// Canner is the place in the kitchen's list, -1 for none.
	Canner int
	// Process is true for the tested minutes, which nothing shortens.
	Process bool
	// After are the tasks that end before this one starts.
	After []string
}

// End returns when the task ends.
func (t *Task) End() int { return t.Start + t.Minutes }

// stage is a step of a load in its canner.
type stage struct {
	id, name string
	minutes  [3]int
	known    int
	hands    bool
	burner   bool
	process  bool
}

// stages are the steps from a canner of cold water to jars on the towel, without
// the filling. again is true for a canner that is hot from the load before.
func (t *Table) stages(p procedure.Process, c *Canner, j quantity.Jar, again bool) []stage {
	of := func(id string) stage {
		d, m, known := c.lasts(t, id)
		return stage{id: id, name: d.Name, minutes: m, known: known}
	}
	vent := c.VentFor()
	burn := func(id string) stage { s := of(id); s.burner = true; return s }
	hand := func(id string) stage { s := of(id); s.hands = true; return s }
	exact := func(id, name string, m int) stage {
		return stage{id: id, name: name, minutes: [3]int{m, m, m}, burner: true, process: true}
	}
	pre := map[string]string{procedure.Pressure: "preheat-pressure", "steam": "preheat-steam"}[p.Method]
	if pre == "" {
		pre = "preheat-bath"
	}
	if again {
		pre = "again"
	}
	out := []stage{burn(pre), hand("load")}
	out[1].burner = true
	switch p.Method {
	case procedure.Pressure:
		down := "down-small"
		if j.Ounces() > 16 {
			down = "down-large"
		}
		return append(out, burn("steam-pressure"), exact("vent", fmt.Sprintf("Vent: let the steam flow %d minutes", vent), vent), burn("rise"),
			exact("process", fmt.Sprintf("Process %d minutes at pressure; stay with it", p.Minutes), p.Minutes), of(down), of("rest-pressure"), hand("unload"))
	case "steam":
		return append(out, burn("steam-steady"), exact("process", fmt.Sprintf("Process %d minutes in steady steam", p.Minutes), p.Minutes), of("rest-bath"), hand("unload"))
	}
	return append(out, burn("boil-bath"), exact("process", fmt.Sprintf("Process %d minutes at a full boil", p.Minutes), p.Minutes), of("rest-bath"), hand("unload"))
}

// longest is the longest stretch of work that hands do without a break in the
// plan, so that a canner can be seen to in between.
const longest = 30

// prepare returns the work before the first load, in order.
func (t *Table) prepare(d *Dish, k int) []Task {
	var out []Task
	add := func(id string, n float64, hands, burner bool, note string) {
		dur, least, usual, most := t.duration(id, n)
		parts := 1
		if hands && !burner {
			parts = (usual + longest - 1) / longest
		}
		for i := range parts {
			name := dur.Name
			if parts > 1 {
				name = fmt.Sprintf("%s, %d of %d", dur.Name, i+1, parts)
			}
			task := Task{ID: fmt.Sprintf("%d.%s.%d", k, id, i), Dish: k, Work: id, Name: name, Whole: dur.Name, Note: note, Minutes: max(usual/parts, 1), Least: max(least/parts, 1), Most: max(most/parts, 1), Hands: hands, Burner: burner, Canner: -1}
			task.Group = task.ID
			if len(out) > 0 {
				task.After = []string{out[len(out)-1].ID}
			}
			out = append(out, task)
		}
	}
	peel := func() {
		if d.PeelKg > 0 {
			add("peel", d.PeelKg, true, false, "")
		}
	}
	if d.RawPoultry {
		add("prepare", d.Kg, true, false, "Raw poultry apart from all else.")
		add("clean-down", 0, true, false, "Hot soapy water; another board for the vegetables.")
		peel()
	} else {
		peel() // washed, peeled, washed again, then cut
		note := ""
		if d.HotPeppers {
			note = "Gloves for the hot peppers; keep the hands from the eyes."
		}
		add("prepare", max(d.Kg, 0.5), true, false, note)
	}
	if d.BrownKg > 0 {
		add("brown", d.BrownKg, true, true, "In a dry pan; pour the fat off.")
	}
	if d.CookDown {
		dur, least, usual, most := t.duration("cook-down", 0)
		task := Task{ID: fmt.Sprintf("%d.cook-down.0", k), Dish: k, Work: "cook-down", Name: dur.Name, Minutes: usual, Least: least, Most: most, Burner: true, Canner: -1, Note: "Stir it now and then."}
		task.Group = task.ID
		if len(out) > 0 {
			task.After = []string{out[len(out)-1].ID}
		}
		out = append(out, task)
	}
	return out
}

// cooking is what stands on the stove before a load is filled, by the id of its duration, and whether
// it takes hands; "" where nothing is heated.
func (d *Dish) cooking() (id string, hands bool) {
	switch {
	case d.Soak:
		return "boil-beans", false
	case d.CookDown:
		return "reheat", true
	case d.Process.Pack == "raw" && d.NoLiquid:
		return "", false
	case d.Process.Pack == "raw":
		return "heat-liquid", false
	}
	return "cook", true
}

// filling is what goes into a canner at once: the dish whose load it is, and those that go in with it.
type filling struct {
	no      int
	process procedure.Process
	// again is true for a canner that is hot from the load before, oneBurner for a stove of one.
	again, oneBurner bool
	dishes           []*Dish
	places, jars     []int
}

func (f *filling) add(d *Dish, place, jars int) {
	f.dishes, f.places, f.jars = append(f.dishes, d), append(f.places, place), append(f.jars, jars)
}

// jar is the largest of the jars, all how many there are.
func (f *filling) jar() quantity.Jar {
	j := jarOf(f.dishes[0])
	for _, d := range f.dishes[1:] {
		if jarOf(d).Larger(j) {
			j = jarOf(d)
		}
	}
	return j
}

func (f *filling) all() int {
	n := 0
	for _, jars := range f.jars {
		n += jars
	}
	return n
}

// piece is work on a dish of a load before it goes in.
type piece struct {
	name    string
	dish    int // place in the filling
	minutes [3]int
	hands   bool
}

// before are the cooking and the filling of each dish of a load, one after the other, the guests first.
func (t *Table) before(f *filling) (cooks, fills []piece) {
	of := func(id string, i int, n float64, hands bool) piece {
		dur, a, b, c := t.duration(id, n)
		return piece{dur.Name, i, [3]int{a, b, c}, hands}
	}
	for i := len(f.dishes) - 1; i >= 0; i-- {
		if cook, hands := f.dishes[i].cooking(); cook != "" {
			cooks = append(cooks, of(cook, i, 0, hands))
		}
		fills = append(fills, of("fill", i, float64(f.jars[i]), true))
	}
	return cooks, fills
}

// long is how long the pieces take one after the other.
func long(list []piece) int {
	n := 0
	for _, p := range list {
		n += p.minutes[1]
	}
	return n
}

// train is a load as one piece: its steps with their places from its start. All
// of it but the last step is rigid; hot food waits for no canner.
func (t *Table) train(f *filling, c *Canner) []Task {
	group := fmt.Sprintf("%d.%d", f.places[0], f.no)
	var out []Task
	add := func(id string, task Task, m [3]int) {
		task.ID, task.Group, task.Load = group+"."+id, group, f.no
		task.Minutes, task.Least, task.Most = m[1], m[0], m[2]
		out = append(out, task)
	}
	stages := t.stages(f.process, c, f.jar(), f.again)
	pre := stages[0].minutes[1]
	dur, least, usual, most := t.duration("wash-jars", float64(f.all()))
	cooks, fills := t.before(f)
	fill, cook := long(fills), long(cooks)
	// Jars washed, food hot, jars filled, canner hot: all meet at the loading. On
	// one burner the pot of food makes room for the canner.
	hot := fill
	if f.oneBurner {
		hot = max(fill, pre)
	}
	handy := slices.ContainsFunc(cooks, func(p piece) bool { return p.hands })
	loadAt := max(hot+cook, fill+usual, pre)
	washAt := loadAt - fill - usual
	if handy {
		loadAt = max(hot+cook+usual, pre)
		washAt = loadAt - hot - cook - usual
	}
	host := f.places[0]
	add("wash-jars", Task{Dish: host, Work: "wash-jars", Name: dur.Name, Start: washAt, Hands: true, Canner: -1},
		[3]int{least, usual, most})
	at := loadAt - hot - cook
	for _, p := range cooks {
		add(guestID("cook", p.dish), Task{Dish: f.places[p.dish], Work: "cook", Name: p.name, Start: at, Hands: p.hands,
			Burner: true, Canner: -1}, p.minutes)
		at += p.minutes[1]
	}
	at = loadAt - fill
	for _, p := range fills {
		add(guestID("fill", p.dish), Task{Dish: f.places[p.dish], Work: "fill", Name: p.name, Start: at, Hands: true,
			Canner: -1}, p.minutes)
		at += p.minutes[1]
	}
	at = loadAt - pre
	for _, s := range stages {
		add(s.id, Task{Dish: host, Work: s.id, Name: s.name, Start: at, Hands: s.hands, Burner: s.burner,
			Canner: f.dishes[0].Canner, Process: s.process, Known: s.known}, s.minutes)
		at += s.minutes[1]
	}
	link(out)
	return out
}

// guestID tells the work on a dish that goes in with another from that of the other.
func guestID(id string, dish int) string {
	if dish == 0 {
		return id
	}
	return fmt.Sprintf("%s+%d", id, dish)
}

// link writes which step of a load follows which.
func link(list []Task) {
	id := map[string]int{}
	for i := range list {
		id[list[i].ID[len(list[i].Group)+1:]] = i
	}
	after := func(of string, before ...string) {
		i, ok := id[of]
		for _, b := range before {
			if k, there := id[b]; ok && there {
				list[i].After = append(list[i].After, list[k].ID)
			}
		}
	}
	for i := range list {
		guest, joins := strings.CutPrefix(list[i].ID, list[i].Group+".fill")
		if joins {
			after("fill"+guest, "wash-jars", "cook"+guest)
			after("load", "fill"+guest)
		}
	}
	after("load", "preheat-bath", "preheat-steam", "preheat-pressure", "again")
	order := []string{"load", "boil-bath", "steam-steady", "steam-pressure", "vent", "rise", "process", "down-small", "down-large", "rest-bath", "rest-pressure", "unload"}
	last := ""
	for _, s := range order {
		if _, ok := id[s]; !ok {
			continue
		}
		if last != "" {
			after(s, last)
		}
		last = s
	}
}
