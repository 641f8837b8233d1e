package plan

import "fmt"

// Conflict is two pieces of work that cannot be as they stand.
type Conflict struct {
	Task, With string
	What       string
}

// Move shifts a group of tasks by minutes: a load moves as a whole, with its
// cooling. It reports false where there is no such group.
func (d *Day) Move(group string, by int) bool {
	found := false
	for i := range d.Tasks {
		if d.Tasks[i].Group == group {
			d.Tasks[i].Start += by
			found = true
		}
	}
	d.Ends = 0
	for i := range d.Tasks {
		if t := &d.Tasks[i]; t.Canner >= 0 {
			d.Ends = max(d.Ends, t.End())
		}
	}
	sortTasks(d.Tasks)
	return found
}

// longDay is what one person can stand at a stove and still watch a gauge, in
// minutes: common practice, no source.
const longDay = 14 * 60

// Long warns of a day that is more than one person's work; it is empty where
// the day is not. Work of the evening before and the seals are left out.
func (d *Day) Long() string {
	first := d.Ends
	for i := range d.Tasks {
		if t := &d.Tasks[i]; t.Hands && t.Start > -eve {
			first = min(first, t.Start)
		}
	}
	span := d.Ends - first
	if span <= longDay {
		return ""
	}
	return fmt.Sprintf("%d hours are more than one person’s day, and no canner is left alone while someone sleeps: plan fewer jars, choose a second canner, or make it several days.", (span+30)/60)
}

// Conflicts returns what does not fit: hands in two places, a canner with two
// loads, more pots than burners, and work before what it waits for. Work of the
// next day (checking seals) is not held against the day's.
func (d *Day) Conflicts(k Kitchen) []Conflict {
	var out []Conflict
	at := map[string]*Task{}
	for i := range d.Tasks {
		at[d.Tasks[i].ID] = &d.Tasks[i]
	}
	for i := range d.Tasks {
		a := &d.Tasks[i]
		for _, id := range a.After {
			if b := at[id]; b != nil && b.End() > a.Start {
				out = append(out, Conflict{a.ID, id, fmt.Sprintf("“%s” starts before “%s” is done", a.Name, b.Name)})
			}
		}
		if a.Start > d.Ends {
			continue
		}
		burning, busy, with := 0, 0, a
		if a.Burner {
			burning = 1
		}
		for j := range d.Tasks {
			b := &d.Tasks[j]
			if i == j || b.Start > a.Start || b.Start == a.Start && j > i || b.End() <= a.Start || b.Start > d.Ends {
				continue
			}
			// b is under way when a starts.
			if a.Hands && b.Hands {
				busy++
				with = b
			}
			if a.Canner >= 0 && a.Canner == b.Canner && a.Group != b.Group {
				out = append(out, Conflict{a.ID, b.ID, fmt.Sprintf("%s is in use: “%s” and “%s”", name(k, a.Canner), b.Name, a.Name)})
			}
			if a.Burner && b.Burner {
				burning++
			}
		}
		out = append(out, k.crowded(a, with, busy, burning)...)
	}
	return out
}

// crowded reports more work at the start of a than there are hands, with the last of it, and more
// pots than burners.
func (k Kitchen) crowded(a, with *Task, busy, burning int) []Conflict {
	var out []Conflict
	if busy >= max(k.Hands, 1) {
		what := fmt.Sprintf("%s: “%s” and “%s”", places(k.Hands), with.Name, a.Name)
		out = append(out, Conflict{a.ID, with.ID, what})
	}
	if burning > k.Burners {
		what := fmt.Sprintf("%d pots on %d burners at “%s”", burning, k.Burners, a.Name)
		out = append(out, Conflict{a.ID, a.ID, what})
	}
	return out
}

// places says that there is more to do than hands do at a time.
func places(hands int) string {
	if hands < 2 {
		return "hands are in two places"
	}
	return fmt.Sprintf("%d pairs of hands are in %d places", hands, hands+1)
}

func name(k Kitchen, i int) string {
	if i < len(k.Canners) && k.Canners[i].Name != "" {
		return k.Canners[i].Name
	}
	return "the canner"
}
