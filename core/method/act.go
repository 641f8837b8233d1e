package method

import "strings"

// scored is a frame that fits a clause at a verb.
type scored struct {
	frame *Frame
	verb  int
	score int
}

// acts returns the best frame of each verb of the clause, and of its phrases
// without a verb.
func (c *clause) acts(closed bool) []scored {
	k := 0
	if closed {
		k = 1
	}
	if !c.acted[k] {
		c.acted[k], c.done[k] = true, c.findActs(closed)
	}
	return c.done[k]
}

func (c *clause) findActs(closed bool) []scored {
	var out []scored
	taken := map[string]bool{}
	for _, v := range c.verbIndexes() {
		if best, ok := c.best(v, closed); ok && !taken[best.frame.Act] && !c.hollow(best) {
			taken[best.frame.Act] = true
			out = append(out, best)
		}
	}
	if len(out) == 0 && !hasVerb(c.t) {
		for v := range c.t {
			if w := &c.t[v]; w.verb == "" || w.inner {
				continue
			}
			if best, ok := c.best(v, closed); ok && best.frame.Form == "nominal" && !taken[best.frame.Act] {
				taken[best.frame.Act] = true
				out = append(out, best)
			}
		}
	}
	if len(out) == 0 || !hasVerb(c.t) {
		best := scored{}
		for _, f := range c.r.bare {
			n := c.pattern(f.elements)
			if n == 0 {
				continue
			}
			if s := f.around(c, -1, 2+n); s > 0 {
				s = s*2 + phaseScore(f.Frame, closed)
				if s > best.score {
					best = scored{f.Frame, -1, s}
				}
			}
		}
		if best.frame != nil && !taken[best.frame.Act] {
			out = append(out, best)
		}
	}
	return out
}

// hollow reports whether all that ties the frame to the clause is a verb that
// means nothing by itself and an object that is not named: "the step does it for
// nothing".
func (c *clause) hollow(s scored) bool {
	f := s.frame
	if s.verb < 0 || !empty[c.t[s.verb].verb] || len(f.What)+len(f.With)+len(f.Through)+len(f.Into)+len(f.On)+len(f.From)+len(f.Result)+len(f.Measure) > 0 || f.Particle != "" || len(strings.Fields(f.Pattern)) > 1 {
		return false
	}
	for _, o := range c.objectsOf(s.verb) {
		if o.class == f.Object && o.class != Pronoun {
			return false
		}
	}
	return true
}

// empty are verbs whose sense is all in what stands beside them.
var empty = set("go do be have get make take let give keep come run work need want use put bring hold set")

// best returns the frame that fits the verb with the most conditions met.
func (c *clause) best(v int, closed bool) (scored, bool) {
	best := scored{}
	for _, f := range c.r.frames[c.t[v].verb] {
		if !c.follows(v, f.rest) {
			continue
		}
		s := f.match(c, v)
		if s == 0 {
			continue
		}
		s = (s+2*len(f.rest))*2 + phaseScore(f.Frame, closed)
		if s > best.score {
			best = scored{f.Frame, v, s}
		}
	}
	return best, best.frame != nil
}

// phaseScore breaks a tie: jars closed or not.
func phaseScore(f *Frame, closed bool) int {
	late := f.Phase == "process" || f.Phase == "cool" || f.Phase == "store"
	if late == closed {
		return 1
	}
	return 0
}

// follows reports whether the rest of a phrasal verb stands behind the verb,
// with its object between or not.
func (c *clause) follows(v int, rest []string) bool {
	i := v + 1
	for _, w := range rest {
		found := false
		for ; i < len(c.t); i++ {
			if c.t[i].low == w || c.t[i].Text == w {
				found = true
				i++
				break
			}
		}
		if !found {
			return false
		}
	}
	return true
}
