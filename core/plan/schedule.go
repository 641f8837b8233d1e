package plan

import (
	"errors"
	"fmt"
	"slices"
	"sort"
)

// Day is a canning day: every piece of work with its time.
type Day struct {
	// Tasks stand in the order of their starts. Start 0 is when the first work of
	// the day begins; what is done before it (soaking, the evening before) lies
	// below nought.
	Tasks []Task
	// Ends is when the last jar is on the towel.
	Ends int
	// Loads are the loads of each dish; one whose last jars go in with another's may have none.
	Loads [][]Load
	// Apart are the dishes whose join does not fit any more: they go alone.
	Apart []int
}

// Kitchen is what the day is planned in.
type Kitchen struct {
	Canners []Canner
	// Burners of the stove.
	Burners int
	// Hands is how many pairs of them work; 0 is one.
	Hands int
}

const (
	working = 3 * 24 * 60       // minutes a plan may take
	horizon = working + 24*60*2 // and until the last seals are checked
	// eve is how long before the day's work an evening's work begins: 14 hours.
	eve       = 14 * 60
	maxDishes = 12
	// MostHands are as many pairs of hands as find room at one stove.
	MostHands = 4
)

// Plan schedules the dishes in their order: each is prepared, then canned load by
// load, as early as hands, burners and canners allow. It fails where a dish has
// no jars, no canner, or the day runs out.
func (t *Table) Plan(k Kitchen, dishes []Dish) (*Day, error) {
	if err := k.takes(dishes); err != nil {
		return nil, err
	}
	day := &Day{}
	for i := range dishes {
		loads, err := k.loads(&dishes[i])
		if err != nil {
			return nil, fmt.Errorf("%s: %w", dishes[i].Title, err)
		}
		day.Loads = append(day.Loads, loads)
	}
	day.join(&k, dishes)
	b := newBooking(len(k.Canners), k.Burners, k.Hands)
	s := &setting{t: t, k: &k, day: day, dishes: dishes, b: b, hot: map[int]bool{}}
	s.ready, s.last = make([]int, len(dishes)), make([]string, len(dishes))
	for i := range dishes {
		if err := s.dish(i); err != nil {
			return nil, err
		}
	}
	if err := day.checks(b); err != nil {
		return nil, err
	}
	day.evening(s.early)
	sort.SliceStable(day.Tasks, func(i, j int) bool { return day.Tasks[i].Start < day.Tasks[j].Start })
	return day, nil
}

// loads parts the jars of a dish into loads of its canner.
func (k *Kitchen) loads(d *Dish) ([]Load, error) {
	if d.Canner < 0 || d.Canner >= len(k.Canners) {
		return nil, errors.New("no canner is chosen")
	}
	c := &k.Canners[d.Canner]
	if c.Out != "" {
		return nil, errors.New(c.Out)
	}
	return Split(d.Jars, c.Holds(jarOf(d), d.Wide))
}

// setting is a day that is being laid out.
type setting struct {
	t      *Table
	k      *Kitchen
	day    *Day
	dishes []Dish
	b      *booking
	// hot are the canners that had a load already.
	hot map[int]bool
	// ready is when the preparing of each dish ends, last the last piece of it; dishes up to at are set.
	ready []int
	last  []string
	at    int
	early []Task
}

// dish sets the work of dish i: its preparing, and each load for which all is prepared by then.
func (s *setting) dish(i int) error {
	d := &s.dishes[i]
	s.at = i
	work := s.t.prepare(d, i)
	if n := len(work); n > 0 {
		s.last[i] = work[n-1].ID
	}
	if d.DayBefore {
		s.early, work = append(s.early, work...), nil
	}
	for _, task := range work {
		at, err := s.b.first(s.ready[i], []Task{task})
		if err != nil {
			return err
		}
		task.Start = at
		s.b.book(task)
		s.ready[i] = task.End()
		s.day.Tasks = append(s.day.Tasks, task)
	}
	for n := range s.day.Loads[i] {
		if !s.awaits(i, n) {
			if err := s.load(i, n); err != nil {
				return err
			}
		}
	}
	if h, n, ok := s.day.Host(i); ok && h < i && !s.awaits(h, n) {
		if err := s.load(h, n); err != nil {
			return err
		}
	}
	s.soaks(i)
	return nil
}

// awaits reports whether load n of dish k takes along a dish that is still to be prepared.
func (s *setting) awaits(k, n int) bool {
	return k > s.at || slices.ContainsFunc(s.day.Loads[k][n].Guests, func(g Guest) bool { return g.Dish > s.at })
}

// load sets load n of dish k, with all that goes in with it.
func (s *setting) load(k, n int) error {
	d, l := &s.dishes[k], &s.day.Loads[k][n]
	in := filling{no: n + 1, process: s.day.Joint(s.dishes, k, n), again: s.hot[d.Canner], oneBurner: s.k.Burners == 1}
	in.add(d, k, l.Jars)
	ready := s.ready[k]
	for _, g := range l.Guests {
		in.add(&s.dishes[g.Dish], g.Dish, g.Jars)
		ready = max(ready, s.ready[g.Dish])
	}
	train := s.t.train(&in, &s.k.Canners[d.Canner])
	at, err := s.b.firstTrain(ready, train)
	if err != nil {
		return fmt.Errorf("%s: %w", d.Title, err)
	}
	for i := range train {
		train[i].Start += at
	}
	s.b.settle(train)
	s.hot[d.Canner] = true
	for i := range train {
		s.follows(&train[i])
	}
	s.day.Tasks = append(s.day.Tasks, train...)
	unload := &train[len(train)-1]
	s.day.Ends = max(s.day.Ends, unload.End())
	s.day.Tasks = append(s.day.Tasks, s.t.cooling(k, n+1, l.All(), unload)...)
	return nil
}

// follows lets the work of a load for which the food is needed wait for the last of its preparing.
func (s *setting) follows(t *Task) {
	first := "cook"
	if id, _ := s.dishes[t.Dish].cooking(); id == "" {
		first = "fill"
	}
	if last := s.last[t.Dish]; t.Work == first && last != "" {
		t.After = append(t.After, last)
	}
}

// soaks sets the soak of dried beans, of dish i or of one that goes in with it, once it is known when they
// are boiled.
func (s *setting) soaks(i int) {
	for k := 0; k <= i; k++ {
		soaking := slices.ContainsFunc(s.day.Tasks, func(t Task) bool { return t.Dish == k && t.Work == "soak" })
		boiled := slices.ContainsFunc(s.day.Tasks, func(t Task) bool { return t.Dish == k && t.Work == "cook" })
		if s.dishes[k].Soak && !soaking && boiled {
			s.day.Tasks = append(s.day.Tasks, s.t.soaking(s.day.Tasks, k))
		}
	}
}

// takes reports what stands against so many dishes in such a kitchen.
func (k *Kitchen) takes(dishes []Dish) error {
	switch {
	case len(dishes) == 0:
		return errors.New("choose at least one recipe")
	case len(dishes) > maxDishes:
		return fmt.Errorf("at most %d recipes a day", maxDishes)
	case k.Burners < 1 || k.Burners > 12:
		return errors.New("how many burners has the stove? 1 to 12")
	case k.Hands > MostHands:
		return fmt.Errorf("at most %d pairs of hands", MostHands)
	}
	return nil
}

// cooling returns what follows a load: the jars cool for 12 to 24 hours, then
// their seals are checked.
func (t *Table) cooling(k, load, jars int, unload *Task) []Task {
	group := fmt.Sprintf("%d.%d", k, load)
	dur, least, usual, most := t.duration("cool", 0)
	cool := Task{
		ID: group + ".cool", Group: group, Dish: k, Work: "cool", Load: load, Name: dur.Name, Start: unload.End(),
		Minutes: usual, Least: least, Most: most, Canner: -1, After: []string{unload.ID},
	}
	dur, least, usual, most = t.duration("check", float64(jars))
	check := Task{
		ID: group + ".check", Group: group, Dish: k, Work: "check", Load: load, Name: dur.Name, Start: cool.End(),
		Minutes: usual, Least: least, Most: most, Hands: true, Canner: -1, After: []string{cool.ID},
	}
	return []Task{cool, check}
}

// checks sets each checking of seals to when hands are free: a long day may still
// be at work when its first jars are cold.
func (day *Day) checks(b *booking) error {
	b.until = horizon
	for i := range day.Tasks {
		task := &day.Tasks[i]
		if task.Work != "check" {
			continue
		}
		ready := task.Start
		task.Start = 0
		at, err := b.first(ready, []Task{*task})
		if err != nil {
			return err
		}
		task.Start = at
		b.book(*task)
	}
	return nil
}

// soaking returns the soak of dried beans, which ends when they are first boiled.
func (t *Table) soaking(tasks []Task, k int) Task {
	boil := horizon
	for i := range tasks {
		if tasks[i].Dish == k && tasks[i].Work == "cook" {
			boil = min(boil, tasks[i].Start)
		}
	}
	dur, least, usual, most := t.duration("soak", 0)
	return Task{ID: fmt.Sprintf("%d.soak.0", k), Group: fmt.Sprintf("%d.soak.0", k), Dish: k, Work: "soak", Name: dur.Name, Note: "In a cool place; drain, and boil in fresh water.", Start: boil - usual, Minutes: usual, Least: least, Most: most, Canner: -1}
}

// evening sets the work of the evening before, one piece after the other.
func (day *Day) evening(work []Task) {
	at := -eve
	for _, task := range work {
		task.Start = at
		task.Note = join(task.Note, "Covered in the refrigerator over night, at most a day; hot pack is heated to the boil again before it is filled.")
		at = task.End()
		day.Tasks = append(day.Tasks, task)
	}
}

func join(a, b string) string {
	if a == "" {
		return b
	}
	return a + " " + b
}

// booking is who and what is busy, by the minute.
type booking struct {
	hands   []int
	burners []int
	canners [][]bool
	most    int // burners
	pairs   int // of hands
	until   int // the minute by which what is booked must end
}

func newBooking(canners, burners, hands int) *booking {
	b := &booking{
		hands: make([]int, horizon), burners: make([]int, horizon),
		most: burners, pairs: max(hands, 1), until: working,
	}
	for range canners {
		b.canners = append(b.canners, make([]bool, horizon))
	}
	return b
}

// clash returns the first minute in which the task cannot be at its start; -1
// where it fits. own counts the pots of the tasks that are set with it.
func (b *booking) clash(t *Task, at int, own map[int]int) int {
	for m := at; m < at+t.Minutes; m++ {
		if m >= b.until {
			return m
		}
		if t.Hands && b.hands[m] >= b.pairs || t.Burner && b.burners[m]+own[m] >= b.most || t.Canner >= 0 && b.canners[t.Canner][m] {
			return m
		}
	}
	if t.Burner && own != nil {
		for m := at; m < at+t.Minutes; m++ {
			own[m]++
		}
	}
	return -1
}

var errNoRoom = errors.New("three days are not enough for this; plan fewer jars")

// first returns the earliest minute from ready on at which all tasks fit, each at
// its own place from there.
func (b *booking) first(ready int, tasks []Task) (int, error) {
	own := map[int]int{}
	for at := ready; at < b.until; at++ {
		ok := true
		clear(own)
		for i := range tasks {
			if m := b.clash(&tasks[i], at+tasks[i].Start, own); m >= 0 {
				at, ok = m-tasks[i].Start, false // the task must start behind the clash
				break
			}
		}
		if ok {
			return at, nil
		}
	}
	return 0, errNoRoom
}

// firstTrain is first for a load: its last step, the unloading, may wait while
// the jars stand in the canner.
func (b *booking) firstTrain(ready int, train []Task) (int, error) {
	rigid := train[:len(train)-1]
	for at := ready; at < b.until; at++ {
		at2, err := b.first(at, rigid)
		if err != nil {
			return 0, err
		}
		at = at2
		if _, ok := b.waits(train[len(train)-1], at); ok {
			return at, nil
		}
	}
	return 0, errNoRoom
}

// patience is how long jars may stand in the canner until hands are free.
const patience = 60

// waits returns by how much the unloading waits.
func (b *booking) waits(unload Task, at int) (int, bool) {
	for d := 0; d <= patience; d++ {
		long := unload
		long.Minutes += d // the canner is busy until then
		long.Hands = false
		if b.clash(&long, at+unload.Start, nil) >= 0 {
			return 0, false
		}
		if b.clash(&unload, at+unload.Start+d, nil) < 0 {
			return d, true
		}
	}
	return 0, false
}

func (b *booking) book(t Task) {
	for m := max(t.Start, 0); m < min(t.End(), horizon); m++ {
		if t.Hands {
			b.hands[m]++
		}
		if t.Burner {
			b.burners[m]++
		}
		if t.Canner >= 0 {
			b.canners[t.Canner][m] = true
		}
	}
}

// settle books a load, its unloading as late as it must be.
func (b *booking) settle(train []Task) {
	last := &train[len(train)-1]
	for i := range train[:len(train)-1] {
		b.book(train[i])
	}
	d, _ := b.waits(*last, 0)
	stands := *last
	stands.Hands, stands.Minutes = false, d
	b.book(stands)
	last.Start += d
	b.book(*last)
}

func sortTasks(list []Task) {
	sort.SliceStable(list, func(i, j int) bool { return list[i].Start < list[j].Start })
}
