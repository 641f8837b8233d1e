package plan

import (
	"damson/core/procedure"
	"damson/core/quantity"
)

// Jars of two recipes, or of two sizes, may go in together: one method, one pressure, one pack, what else
// their sources ask of the canner, and the longer time (common practice, no source; each jar has at least
// its own tested process).

// Together reports whether jars of two processes may share a load, and the process they then have: the
// longer time. It never mixes methods, and never what is asked of the canner: heating it up is a part of
// some processes.
func Together(a, b procedure.Process) (procedure.Process, bool) {
	if a.Method != b.Method || a.PSI != b.PSI || a.Gauge != b.Gauge || a.Pack != b.Pack || !a.SameCanner(b) {
		return procedure.Process{}, false
	}
	if b.Minutes > a.Minutes {
		a, b = b, a
	}
	return a, true
}

// Room is how many jars a canner takes of several sizes together: as many as of the one that takes most place.
func (c *Canner) Room(wide bool, sizes ...quantity.Jar) int {
	holds := c.Holds(sizes[0], wide)
	for _, jar := range sizes[1:] {
		holds = min(holds, c.Holds(jar, wide))
	}
	return holds
}

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
			d.Apart = append(d.Apart, g)
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
	if !ok || x.Canner != y.Canner || len(d.Loads[h]) == 0 || len(d.Loads[g]) == 0 {
		return false
	}
	if x.Canner < 0 || x.Canner >= len(k.Canners) {
		return false
	}
	holds := k.Canners[x.Canner].Room(x.Wide || y.Wide, jarOf(x), jarOf(y))
	last, more := &d.Loads[h][len(d.Loads[h])-1], &d.Loads[g][len(d.Loads[g])-1]
	return last.Spare > 0 && more.Spare > 0 && last.All()+more.All() <= holds
}

// Shared finds two dishes of the day whose part-full last loads may go in together, and the process
// that both then get. It reports false where there are none.
func (d *Day) Shared(k *Kitchen, dishes []Dish) (a, b int, both procedure.Process, ok bool) {
	for a := range dishes {
		for b := a + 1; b < len(dishes); b++ {
			_, _, first := d.Host(a)
			_, _, second := d.Host(b)
			if !first && !second && !d.hosts(b) && d.fits(k, dishes, a, b) {
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
