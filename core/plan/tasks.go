package plan

import (
	"fmt"

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
	// spread.
	Start, Minutes, Least, Most int
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
	hands    bool
	burner   bool
	process  bool
}

// stages are the steps from a canner of cold water to jars on the towel, without
// the filling. again is true for a canner that is hot from the load before.
func (t *Table) stages(p procedure.Process, c *Canner, j quantity.Jar, again bool) []stage {
	of := func(id string) stage {
		d, m := c.lasts(t, id)
		return stage{id: id, name: d.Name, minutes: m}
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

// train is a load as one piece: its steps with their places from its start. All
// of it but the last step is rigid; hot food waits for no canner.
func (t *Table) train(d *Dish, c *Canner, k, load, jars int, again, oneBurner bool) []Task {
	group := fmt.Sprintf("%d.%d", k, load)
	j := quantity.Jar(d.Process.Jar)
	var out []Task
	add := func(id, name string, m [3]int, at int, hands, burner bool, can int, process bool) int {
		out = append(out, Task{ID: group + "." + id, Group: group, Dish: k, Work: id, Load: load, Name: name, Start: at, Minutes: m[1], Least: m[0], Most: m[2], Hands: hands, Burner: burner, Canner: can, Process: process})
		return at + m[1]
	}
	minutes := func(id string, n float64) (string, [3]int) {
		dur, a, b, c := t.duration(id, n)
		return dur.Name, [3]int{a, b, c}
	}
	stages := t.stages(d.Process, c, j, again)
	pre := stages[0].minutes[1]
	washed, fill := 0, 0
	name, m := minutes("wash-jars", float64(jars))
	washed = m[1]
	fillName, fillM := minutes("fill", float64(jars))
	fill = fillM[1]
	cook, cookHands := d.cooking()
	cookName, cookM := "", [3]int{}
	if cook != "" {
		cookName, cookM = minutes(cook, 0)
	}
	// Jars washed, food hot, jars filled, canner hot: all meet at the loading. On
	// one burner the pot of food makes room for the canner.
	hot := fill
	if oneBurner {
		hot = max(fill, pre)
	}
	loadAt := max(hot+cookM[1], fill+washed, pre)
	if cookHands {
		loadAt = max(hot+cookM[1]+washed, pre)
	}
	if cookHands {
		add("wash-jars", name, m, loadAt-hot-cookM[1]-washed, true, false, -1, false)
	} else {
		add("wash-jars", name, m, loadAt-fill-washed, true, false, -1, false)
	}
	if cook != "" {
		add("cook", cookName, cookM, loadAt-hot-cookM[1], cookHands, true, -1, false)
	}
	add("fill", fillName, fillM, loadAt-fill, true, false, -1, false)
	at := loadAt - pre
	for _, s := range stages {
		at = add(s.id, s.name, s.minutes, at, s.hands, s.burner, d.Canner, s.process)
	}
	link(out)
	return out
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
	after("fill", "wash-jars", "cook")
	after("load", "fill", "preheat-bath", "preheat-steam", "preheat-pressure", "again")
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
