package draw

import (
	"fmt"
	"slices"
	"strconv"
	"time"

	"damson/core/plan"
	"damson/core/words"
	"damson/web/kit"
)

// Chart is the day as a picture: lanes of hands, stove and canners. Each recipe has a letter
// and a pattern of its own, each piece its name, and says all of it when it is looked at.
type Chart struct {
	W, H, Left, LaneW float64
	Lanes             []chartLane
	Hours             []chartHour
	Pieces            []chartPiece
	Dishes            []chartDish
	PerMin            float64
	PlanID            int64
}

type chartLane struct {
	Name string
	Y, H float64
}

type chartHour struct {
	X     float64
	Label string
}

// chartDish is a recipe in the key: its letter and its pattern.
type chartDish struct {
	Mark, Title string
	Pattern     int
}

type chartPiece struct {
	// Piece are the groups that move as one, by commas; Task is the first of its tasks.
	Piece, Task, Mark, Label, Title string
	X, Y, W, H, TextX, TextY, BandY float64
	Kind                            string // hands, wait, process, heat
	Pattern                         int
	Clash, Focus                    bool
}

const (
	chartWidth = 1196.0
	chartLeft  = 150.0
	laneHigh   = 46.0
	hourWide   = 38.0
	hourGap    = 8.0
	laneGap    = 8.0
	chartTop   = 26.0
	chartText  = 6.6 // the mean width of a letter
	bandHigh   = 7.0 // of the recipe's pattern along the foot of a piece
	// laneLetters fit in front of a lane.
	laneLetters = 18
	// patterns are drawn in the page's styles; further recipes are told by their letters alone.
	patterns = 6
)

// Mark is the letter of a recipe on the chart.
func Mark(dish int) string { return string(rune('A' + dish)) }

// Piece is work of one kind on one recipe that runs on without a break: the chart draws it as one
// piece, and it moves as one.
type Piece struct {
	Tasks []*plan.Task
}

// First is the task that it begins with.
func (l *Piece) First() *plan.Task { return l.Tasks[0] }

// Clash reports whether some of it cannot be as it stands.
func (l *Piece) Clash(bad map[string]bool) bool {
	return slices.ContainsFunc(l.Tasks, func(t *plan.Task) bool { return bad[t.ID] })
}

// End is when it ends, in minutes of the day's work.
func (l *Piece) End() int { return l.Tasks[len(l.Tasks)-1].End() }

// Joined puts tasks that run on into each other together, in the order of their starts.
func Joined(tasks []plan.Task, from, to int) []Piece {
	var out []Piece
	open := map[string]int{} // kind of work → place in out
	for i := range tasks {
		t := &tasks[i]
		if t.Start >= to || t.Start < from {
			continue
		}
		key := fmt.Sprint(t.Dish, t.Work)
		if k, ok := open[key]; ok && t.Load == 0 && out[k].End() == t.Start {
			out[k].Tasks = append(out[k].Tasks, t)
			continue
		}
		open[key] = len(out)
		out = append(out, Piece{[]*plan.Task{t}})
	}
	return out
}

// Day is a canning day to be drawn.
type Day struct {
	PlanID int64
	Tasks  []plan.Task
	// Ends is when the last task ends, in minutes of the day's work; At is the time of such a minute.
	Ends int
	At   func(minutes int) time.Time
	// Dishes are the recipes by name.
	Dishes []string
	// Hands is how many pairs there are; Canners are those of the kitchen, by name, and InUse those that have a load.
	Hands   int
	Canners []string
	InUse   map[int]bool
	// For says what a task belongs to, Long how long it takes.
	For, Long func(*plan.Task) string
	// Bad are the tasks that cannot be as they stand.
	Bad map[string]bool
}

// dayChart is a chart in the making.
type dayChart struct {
	w     *Day
	v     *Chart
	start time.Time
	lane  map[string]float64
	// busy is when each pair of hands is free again.
	busy []int
}

// Chart lays the day out: time across, a lane for each pair of hands, one for pots on the stove,
// one for each canner in use.
func (w *Day) Chart() *Chart {
	first, last := 0, w.Ends
	for i := range w.Tasks {
		if t := &w.Tasks[i]; t.Start < first && t.Start > -EveningBefore {
			first = t.Start
		}
	}
	c := &dayChart{
		w: w, start: w.At(first).Truncate(time.Hour), lane: map[string]float64{}, busy: make([]int, max(w.Hands, 1)),
	}
	span := w.At(last).Sub(c.start).Minutes() + 8
	c.v = &Chart{
		W: chartWidth, Left: chartLeft, LaneW: chartWidth - chartLeft,
		PlanID: w.PlanID, PerMin: (chartWidth - chartLeft) / span,
	}
	for n, name := range w.Dishes {
		c.v.Dishes = append(c.v.Dishes, chartDish{Mark(n), name, n % patterns})
	}
	c.lanes()
	c.hours(last)
	for _, l := range Joined(w.Tasks, first, last) {
		c.draw(&l)
	}
	return c.v
}

func (c *dayChart) x(minutes int) float64 {
	return chartLeft + c.w.At(minutes).Sub(c.start).Minutes()*c.v.PerMin
}

// lanes draws who and what works.
func (c *dayChart) lanes() {
	y := chartTop
	add := func(id, name string) {
		c.lane[id] = y
		if r := []rune(name); len(r) > laneLetters {
			name = string(r[:laneLetters-1]) + "…"
		}
		c.v.Lanes = append(c.v.Lanes, chartLane{name, y, laneHigh})
		y += laneHigh + laneGap
	}
	add("hands0", "hands")
	for i, which := range []string{"second", "third", "fourth"}[:len(c.busy)-1] {
		add("hands"+strconv.Itoa(i+1), which+" hands")
	}
	add("stove", "pots on the stove")
	for i, name := range c.w.Canners {
		if c.w.InUse[i] {
			add("c"+strconv.Itoa(i), name)
		}
	}
	c.v.H = y + 4
}

// hours draws the clock, as dense as its figures have room.
func (c *dayChart) hours(last int) {
	step := 1
	for _, step = range []int{1, 2, 3, 4, 6, 12} {
		if float64(step)*60*c.v.PerMin >= hourWide+hourGap {
			break
		}
	}
	for t := c.start; t.Before(c.w.At(last).Add(8 * time.Minute)); t = t.Add(time.Hour) {
		if t.Hour()%step != c.start.Hour()%step && step <= 2 || t.Hour()%step != 0 && step > 2 {
			continue
		}
		left := chartLeft + t.Sub(c.start).Minutes()*c.v.PerMin
		if left > chartWidth-hourWide {
			break
		}
		label := t.Format(kit.ClockLayout)
		if t.Hour() == 0 {
			label = t.Format("Mon") // a new day begins
		}
		c.v.Hours = append(c.v.Hours, chartHour{left, label})
	}
}

// draw puts work into its lane, and beside it into that of the hands which it takes.
func (c *dayChart) draw(l *Piece) {
	t := l.First()
	switch {
	case t.Canner >= 0:
		kind := "wait"
		switch {
		case t.Process:
			kind = "process"
		case t.Burner:
			kind = "heat"
		}
		c.put(l, "c"+strconv.Itoa(t.Canner), kind, true)
		if t.Hands {
			c.put(l, c.hands(l), "hands", false)
		}
	case t.Burner:
		c.put(l, "stove", "heat", !t.Hands)
		if t.Hands {
			c.put(l, c.hands(l), "hands", true)
		}
	case t.Hands:
		c.put(l, c.hands(l), "hands", true)
	}
}

// hands returns the lane of the first pair of hands that is free; the first pair's where none is.
func (c *dayChart) hands(l *Piece) string {
	for i := range c.busy {
		if c.busy[i] <= l.First().Start {
			c.busy[i] = l.End()
			return "hands" + strconv.Itoa(i)
		}
	}
	return "hands0"
}

func (c *dayChart) put(l *Piece, lane, kind string, focus bool) {
	t := l.First()
	p := chartPiece{
		Task: t.ID, Mark: Mark(t.Dish), Pattern: t.Dish % patterns, Kind: kind, Focus: focus,
		X: c.x(t.Start), Y: c.lane[lane], W: max(float64(l.End()-t.Start)*c.v.PerMin-1, 2), H: laneHigh,
	}
	for _, one := range l.Tasks {
		if p.Piece != "" {
			p.Piece += ","
		}
		p.Piece += one.Group
	}
	p.Clash = l.Clash(c.w.Bad)
	p.TextX, p.TextY, p.BandY = p.X+4, p.Y+15, p.Y+laneHigh-bandHigh
	p.Title = c.says(l)
	switch name := short(t); {
	case p.W < 2*chartText+2:
		p.Mark = ""
	case float64(len(name))*chartText <= p.W-6:
		p.Label = name
	}
	c.v.Pieces = append(c.v.Pieces, p)
}

// says tells a piece whole: when, what, how long, for which recipe, where.
func (c *dayChart) says(l *Piece) string {
	t := l.First()
	name, long := t.Name, c.w.Long(t)
	if n := len(l.Tasks); n > 1 {
		name = t.Whole
		long = fmt.Sprintf("%s min, in %d pieces that can be left in between", words.Thousands(l.End()-t.Start), n)
	}
	from, to := c.w.At(t.Start).Format(kit.ClockLayout), c.w.At(l.End()).Format(kit.ClockLayout)
	text := fmt.Sprintf("%s to %s · %s · %s · %s, %s", from, to, name, long, Mark(t.Dish), c.w.For(t))
	if t.Canner >= 0 {
		text += " · " + c.w.Canners[t.Canner]
	}
	return text
}

// EveningBefore is how far back a piece may lie and still be on the day's chart.
const EveningBefore = 6 * 60

// shortNames are the words of a piece on the chart.
var shortNames = map[string]string{
	"wash-jars": "jars", "prepare": "cut", "peel": "peel", "brown": "brown", "clean-down": "clean", "cook": "cook",
	"cook-down": "cook down", "fill": "fill", "load": "load",
	"preheat-bath": "heat up", "preheat-steam": "heat up", "preheat-pressure": "heat up", "again": "top up",
	"boil-bath": "to the boil", "steam-steady": "to steam", "steam-pressure": "to steam", "vent": "vent", "rise": "rise",
	"down-small": "pressure falls", "down-large": "pressure falls", "rest-bath": "rest", "rest-pressure": "rest",
	"unload": "out", "check": "seals", "soak": "soak",
}

func short(t *plan.Task) string {
	if t.Process && t.Work == "process" {
		return strconv.Itoa(t.Minutes) + " min"
	}
	if s := shortNames[t.Work]; s != "" {
		return s
	}
	return t.Name
}
