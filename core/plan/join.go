package plan

import (
	"fmt"

	"damson/core/procedure"
)

// Part-full last loads of two dishes may go in together: one method, one pressure, one pack, and
// the longer time (USDA Complete Guide 2015, guide 1; that two foods may share a canner is common
// practice, no source).

// Guest is jars of another dish that go in with a load.
type Guest struct {
	// Dish is its place in the day's dishes.
	Dish, Jars int
}

// All is how many jars go in, of every dish.
func (l *Load) All() int {
	n := l.Jars
	for _, g := range l.Guests {
		n += g.Jars
	}
	return n
}

// Joint returns the process of load n of dish k: the dish's own, or the longest of those that go in
// together.
func (d *Day) Joint(dishes []Dish, k, n int) procedure.Process {
	p := dishes[k].Process
	for _, g := range d.Loads[k][n].Guests {
		if both, ok := Together(p, dishes[g.Dish].Process); ok {
			p.Minutes = both.Minutes
		}
	}
	return p
}

// Host is where the last jars of dish k go in, and with which load; false where they have a load of
// their own.
func (d *Day) Host(k int) (host, load int, ok bool) {
	for h := range d.Loads {
		for n := range d.Loads[h] {
			for _, g := range d.Loads[h][n].Guests {
				if g.Dish == k {
					return h, n, true
				}
			}
		}
	}
	return 0, 0, false
}

// join moves the last load of each dish that joins another into that one's last load. A join that
// does not fit, as the jars were changed since, is left out and told.
func (d *Day) join(k *Kitchen, dishes []Dish) {
	for g := range dishes {
		h := dishes[g].Joins - 1
		if h < 0 {
			continue
		}
		if h >= len(dishes) || h == g || dishes[h].Joins > 0 || !d.fits(k, dishes, h, g) {
			d.Apart = append(d.Apart, fmt.Sprintf("The last jars of %s find no room in the other load, "+
				"or need another pressure: they go alone.", dishes[g].Title))
			continue
		}
		last := &d.Loads[h][len(d.Loads[h])-1]
		n := len(d.Loads[g]) - 1
		last.Guests = append(last.Guests, Guest{g, d.Loads[g][n].Jars})
		last.Spare = max(last.Spare-d.Loads[g][n].Jars, 0)
		d.Loads[g] = d.Loads[g][:n]
	}
}

// fits reports whether the last load of dish g has room in that of dish h: one canner, one pressure,
// one pack, and as many places as the larger of their jars leaves.
func (d *Day) fits(k *Kitchen, dishes []Dish, h, g int) bool {
	x, y := &dishes[h], &dishes[g]
	_, ok := Together(x.Process, y.Process)
	if !ok || x.Canner != y.Canner || x.Process.Pack != y.Process.Pack || len(d.Loads[h]) == 0 || len(d.Loads[g]) == 0 {
		return false
	}
	if x.Canner < 0 || x.Canner >= len(k.Canners) {
		return false
	}
	c := &k.Canners[x.Canner]
	holds := min(c.Holds(jarOf(x), x.Wide), c.Holds(jarOf(y), y.Wide))
	last, more := &d.Loads[h][len(d.Loads[h])-1], &d.Loads[g][len(d.Loads[g])-1]
	return last.Spare > 0 && more.Spare > 0 && last.All()+more.All() <= holds
}

// Shared finds two dishes of the day whose part-full last loads may go in together, and the process
// that both then get. It reports false where there are none.
func (d *Day) Shared(k *Kitchen, dishes []Dish) (a, b int, both procedure.Process, ok bool) {
	for a := range dishes {
		for b := a + 1; b < len(dishes); b++ {
			joined := dishes[a].Joins > 0 || dishes[b].Joins > 0 || d.hosts(b)
			if !joined && d.fits(k, dishes, a, b) {
				both, _ := Together(dishes[a].Process, dishes[b].Process)
				return a, b, both, true
			}
		}
	}
	return 0, 0, procedure.Process{}, false
}

// hosts reports whether jars of another dish go in with a load of dish k.
func (d *Day) hosts(k int) bool {
	for n := range d.Loads[k] {
		if len(d.Loads[k][n].Guests) > 0 {
			return true
		}
	}
	return false
}
