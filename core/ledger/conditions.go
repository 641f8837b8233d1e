package ledger

import (
	"errors"
	"fmt"
	"strconv"
	"strings"

	"damson/core/procedure"
)

// What binds beside a table is checked like a row: what is done to the food before it is filled,
// how large its pieces may be, what the canner must be. A copy that says otherwise is noted, and
// the condition stays in force: only the stricter of two is safe.

// Condition is one that a procedure makes, as a check names it.
type Condition struct {
	Part, Title string
	Checked     *procedure.Checked
}

// Conditions returns those of the procedure in the order of its text.
func Conditions(p *procedure.Procedure) []Condition {
	var out []Condition
	times := map[string]int{}
	for _, n := range p.Needs {
		times[n.Need]++
		part := "need:" + n.Need
		if times[n.Need] > 1 {
			part += strconv.Itoa(times[n.Need])
		}
		out = append(out, Condition{part, n.Text, n.Checked})
	}
	if words := p.Sizes.Words(); words != "" {
		out = append(out, Condition{"sizes", words, p.SizesChecked})
	}
	if words := p.Canner.Words(); words != "" {
		out = append(out, Condition{"canner", words, p.CannerChecked})
	}
	return out
}

// conditions puts the checks of the conditions into force: who has seen them, and no more.
func (f *force) conditions(next *procedure.Procedure, known map[string]bool) {
	next.Needs = append([]procedure.Requirement(nil), f.p.Needs...)
	for i, c := range Conditions(f.p) {
		known[c.Part] = true
		read := func(x Check) (string, []string, error) {
			if x.Status == Differs {
				return "", nil, errors.New("a condition is the same in the copy, or it is not")
			}
			return c.Title, nil, nil
		}
		x, ok := f.standing(c.Part, c.Title, c.Title, read)
		if !ok {
			continue
		}
		seen := x.checked()
		seen.Changed = x.Status == Absent
		switch {
		case c.Part == "sizes":
			next.SizesChecked = seen
		case c.Part == "canner":
			next.CannerChecked = seen
		default:
			next.Needs[i].Checked = seen
		}
	}
}

// FoodKey is the procedure of a check that is about a food.
func FoodKey(id string) string { return foodPrefix + id }

// PHPart is the part of such a check that is about the pH range.
const PHPart = "ph"

const foodPrefix = "food:"

// FoodFault fails on a check about a food that is none, or about anything but its pH; known
// reports whether there is such a food. It is nil for a check about a procedure.
func FoodFault(c Check, known func(id string) bool) error {
	id, ok := strings.CutPrefix(c.Procedure, foodPrefix)
	switch {
	case !ok:
		return nil
	case !known(id):
		return fmt.Errorf("there is no food %q", id)
	case c.Part != PHPart:
		return fmt.Errorf("a food has no part %q", c.Part)
	case c.Status == Differs:
		return errors.New("a food's range is the same in the copy, or it is not")
	}
	return nil
}

// Foods returns the newest check of each food by its id; what is signed here goes before what a
// file brought. A food that the copy gives another range is noted; its range stays.
func Foods(checks []Check) map[string]Check {
	out := map[string]Check{}
	for _, c := range checks {
		id, ok := strings.CutPrefix(c.Procedure, foodPrefix)
		if !ok || c.Part != PHPart {
			continue
		}
		if have, seen := out[id]; seen && (have.Signed != "" && c.Signed == "" || have.Signed != "" == (c.Signed != "") && have.On > c.On) {
			continue
		}
		out[id] = c
	}
	return out
}
