package method

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// Plain is a turn of phrase that harms nothing where it stands, as knowledge/plain.yaml has
// it. It asks for every word of the clause, so that another word takes the clause out.
type Plain struct {
	Kind ClauseKind `yaml:"kind" json:"kind"`
	Why  string     `yaml:"why" json:"why"`
	// At are the times of the course: before, filled, closed, done. What holds of jars that are
	// done holds too from when their time is given.
	At []string `yaml:"at" json:"at"`
	// Must are words of which each has to be there, or another between the same bars; May
	// may be. "@steam" is any thing of the class, "@table" any food, "@own" a food of the
	// recipe, "@number" a number, "@name" a name, "@stranger" a word that no dictionary knows.
	Must []string `yaml:"must" json:"must"`
	May  []string `yaml:"may" json:"may,omitempty"`
	// Near has to stand in or near the clause, Apart must not.
	Near  []string `yaml:"near" json:"near,omitempty"`
	Apart []string `yaml:"apart" json:"apart,omitempty"`
	// Minutes is the longest time that it may give, 0 where it gives no figure.
	Minutes float64 `yaml:"minutes" json:"minutes,omitempty"`
	// Doubt is the code of the question that it is where a procedure does not say that it
	// is needless; "" where it is none.
	Doubt string `yaml:"doubt" json:"doubt,omitempty"`

	Example []string `yaml:"example" json:"-"`
	Counter []string `yaml:"counter" json:"-"`
}

// FillSets puts the words of the sets into the rows that name them: "%place". It is an error to
// name a set that is not there.
func (l *Language) FillSets() error {
	for _, row := range l.Plain {
		for i, must := range row.Must {
			list, err := l.filled(strings.Split(must, "|"))
			if err != nil {
				return fmt.Errorf("%s: %w", row.Why, err)
			}
			row.Must[i] = strings.Join(list, "|")
		}
		list, err := l.filled(row.May)
		if err != nil {
			return fmt.Errorf("%s: %w", row.Why, err)
		}
		row.May = list
	}
	l.Sets = nil
	return nil
}

func (l *Language) filled(list []string) ([]string, error) {
	var out []string
	for _, what := range list {
		name, ok := strings.CutPrefix(what, "%")
		switch {
		case !ok:
			out = append(out, what)
		case l.Sets[name] == nil:
			return nil, fmt.Errorf("there is no set %q", name)
		default:
			out = append(out, l.Sets[name]...)
		}
	}
	return out, nil
}

// plainRow is a row and what it must hold.
type plainRow struct {
	*Plain
	must []choice
}

// plainRows splits the words of the rows.
func plainRows(rows []*Plain) []plainRow {
	out := make([]plainRow, len(rows))
	for i, row := range rows {
		out[i] = plainRow{row, choicesOf(row.Must)}
	}
	return out
}

// plain returns the turn that the clause is, nil where it is none.
func (p *passage) plain() *Plain {
	for i := range p.r.plain {
		if row := &p.r.plain[i]; p.mayBe(row) && row.stands(p.at) && p.isPlain(row) {
			return row.Plain
		}
	}
	return nil
}

// mayBe reports a turn of which each word may stand in the clause.
func (p *passage) mayBe(row *plainRow) bool {
	for i := range row.must {
		if !p.c.mayHold(&row.must[i]) {
			return false
		}
	}
	return true
}

// stands reports whether the turn may stand there: above the recipe, where nothing is done yet, what is
// only told; among jars that are filled what was told of the food before.
func (row *Plain) stands(at Where) bool {
	phase := at.phase()
	switch {
	case !at.Method && !at.Done:
		return row.Kind != Doing
	case slices.Contains(row.At, phase), at.Running && slices.Contains(row.At, "done"):
		return true
	}
	return phase == "filled" && row.Kind == Talk && slices.Contains(row.At, "before") && !row.ofJars()
}

// ofJars reports a turn about empty jars, which are filled by then.
func (row *Plain) ofJars() bool {
	return slices.ContainsFunc(row.Must, func(must string) bool { return strings.Contains(must, "@jar") })
}

func (p *passage) isPlain(row *plainRow) bool {
	covered := make([]bool, len(p.c.t))
	for i := range row.must {
		found := false
		for _, one := range row.must[i].words {
			found = p.cover(one, covered) || found
		}
		if !found {
			return false
		}
	}
	for _, may := range row.May {
		p.cover(may, covered)
	}
	for i := range p.c.t {
		w := &p.c.t[i]
		free := w.Kind == words.Mark || little[w.low] || w.m == english.Height || row.Minutes > 0 && w.m == english.Duration
		if !covered[i] && !free {
			return false
		}
	}
	for _, m := range p.c.m {
		if row.Minutes > 0 && m.Max > row.Minutes {
			return false
		}
	}
	near := p.c.unit()
	return (len(row.Near) == 0 || near.hasAny(row.Near)) && !near.hasAny(row.Apart)
}

// cover marks the tokens that the word, phrase or class stands for, and reports whether
// there are any.
func (p *passage) cover(what string, covered []bool) bool {
	found := false
	if class, ok := strings.CutPrefix(what, "@"); ok {
		for i := range p.c.t {
			if p.ofClass(i, class) {
				covered[i], found = true, true
			}
		}
		return found
	}
	if !p.c.begins(what) {
		return false
	}
	want := folded(what)
	for i := 0; i+len(want) <= len(p.c.t); i++ {
		same := true
		for k, w := range want {
			t := &p.c.t[i+k]
			same = same && (t.Text == w || t.low == w || t.verb == w && t.isVerb)
		}
		for k := range want {
			covered[i+k] = covered[i+k] || same
		}
		found = found || same
	}
	return found
}

func (p *passage) ofClass(i int, class string) bool {
	w := &p.c.t[i]
	switch class {
	case "table":
		return w.food != nil
	case "own":
		return p.own(i)
	case "number":
		return w.Kind == words.Number || w.m == 0 && p.c.nums[i] > 0
	case "name":
		return w.name && w.class == "" && w.food == nil
	case "stranger":
		return w.Kind == words.Word && w.class == "" && w.food == nil && w.verb == "" && w.entry.Noun() == 0 && !w.entry.Adjective()
	}
	return w.class == Class(class)
}

// own reports whether the token belongs to a food that the recipe lists: each of its words
// is one of the recipe's, or the last alone is the same food: "waxy potatoes".
func (p *passage) own(i int) bool {
	f := p.c.t[i].food
	if f == nil {
		return false
	}
	start, end := i, i+1
	for start > 0 && p.c.t[start].inner {
		start--
	}
	for end < len(p.c.t) && p.c.t[end].inner {
		end++
	}
	last := &p.c.t[end-1]
	if !p.at.named(last.Text) {
		return false
	}
	all := true
	for k := start; k < end; k++ {
		all = all && p.at.named(p.c.t[k].Text)
	}
	if all {
		return true
	}
	alone, n := p.r.at([]words.Token{last.Token}, 0)
	return n == 1 && alone.food == f
}

// little are the small words of grammar that turn nothing round and add nothing.
var little = set(`u ya ur a an the this that these those my your his her its our their i you he she it we they me him us them who which and then so
	in on at to from with into onto over by for of up down about around through is are was were be been being am do does did done have has had will would shall should can could may might must
	here there now also even ever too very quite just well please all always often sometimes when while till until as`)
