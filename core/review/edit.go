package review

import (
	"fmt"
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Op is what an edit does.
type Op string

// The edits. Those of an ingredient have its line and name; those of a sentence its line.
const (
	// LeaveOut takes the ingredient out of the jar; ToTable only moves it to the opened jar.
	LeaveOut Op = "leave-out"
	ToTable  Op = "to-table"
	// CutTo makes By of the amount; without a line, of every amount.
	CutTo Op = "cut-to"
	// Swap puts the food To in the place of the ingredient, Fresh takes it fresh, and
	// Strengthen takes vinegar of By percent.
	Swap       Op = "swap"
	Fresh      Op = "fresh"
	Strengthen Op = "strengthen"
	// Add puts in the procedure's ingredient To by its own measure, and Follow does what else
	// the procedure has: "hot", "boil", "rinse", "cut", "canner", "process", "ferment",
	// "leaflet", and the measures of "main", "water", "fat", "liquid".
	Add    Op = "add"
	Follow Op = "follow"
	// Prepare does To with the ingredient and none of Not; Choose takes one that is To.
	Prepare Op = "prepare"
	Choose  Op = "choose"
	// DropAct takes the acts Not out of the sentence, or out of all; DropSentence all of it.
	DropAct      Op = "drop-act"
	DropSentence Op = "drop-sentence"
	// Fill fills the jars as tested where the sentence does otherwise, and FillHalf half with
	// solids.
	Fill     Op = "fill"
	FillHalf Op = "fill-half"
	// Restate takes back what Not names of the process; the process is stated anew. To is the
	// jar or the pack that takes its place.
	Restate Op = "restate"
	// Settle takes what could not be read of the ingredient as said: Not is "amount",
	// "spelling" or "words".
	Settle Op = "settle"
)

// Edit is one change to a recipe that makes it more like what was tested. A finding carries
// those that mend it; what they come to is always reviewed anew.
type Edit struct {
	Op   Op     `json:"op"`
	Line int    `json:"line,omitempty"`
	Food string `json:"food,omitempty"`
	// Said is the sentence, where a line may hold several.
	Said string   `json:"said,omitempty"`
	To   string   `json:"to,omitempty"`
	By   float64  `json:"by,omitempty"`
	Not  []string `json:"not,omitempty"`

	// place is the index of the item or the step in the draft, counted from 1; 0 for none.
	place int
}

// What of a process Restate may take back.
const (
	itsMethods = "methods"
	itsMinutes = "minutes"
	itsPSI     = "psi"
	itsJar     = "jar"
	itsPack    = "pack"
	itsVent    = "vent"
	itsTitle   = "title"
)

func one(op Op, i int) Edit { return Edit{Op: op, place: i + 1} }

func leaveOut(i int) []Edit                { return []Edit{one(LeaveOut, i)} }
func fresh(i int) []Edit                   { return []Edit{one(Fresh, i)} }
func dropSentence(s int) []Edit            { return []Edit{one(DropSentence, s)} }
func dropAct(s int, tags ...string) []Edit { return []Edit{{Op: DropAct, Not: tags, place: s + 1}} }
func dropActs(tags ...string) Edit         { return Edit{Op: DropAct, Not: tags} }
func cutBack(i int, by float64) []Edit     { return []Edit{{Op: CutTo, By: by, place: i + 1}} }
func swap(i int, food string) []Edit       { return []Edit{{Op: Swap, To: food, place: i + 1}} }
func add(name string) []Edit               { return []Edit{{Op: Add, To: name}} }
func follow(what string) []Edit            { return []Edit{{Op: Follow, To: what}} }
func restate(what ...string) []Edit        { return []Edit{{Op: Restate, Not: what}} }
func settle(i int, what string) Edit       { return Edit{Op: Settle, Not: []string{what}, place: i + 1} }
func undo(i int, prep ...string) []Edit    { return prepare(i, "", prep...) }
func prepare(i int, to string, not ...string) []Edit {
	return []Edit{{Op: Prepare, To: to, Not: not, place: i + 1}}
}

// ofSentence are the edits that are about a sentence.
var ofSentence = []Op{DropAct, DropSentence, Fill, FillHalf}

// named gives the edits the lines and the names that they are about.
func (d *draft) named(edits []Edit) []Edit {
	out := slices.Clone(edits)
	for k := range out {
		switch e := &out[k]; {
		case e.place == 0:
		case slices.Contains(ofSentence, e.Op):
			e.Line, e.Said = d.steps[e.place-1].No, d.steps[e.place-1].Text
		default:
			e.Line, e.Food = d.items[e.place-1].line, d.items[e.place-1].name
		}
	}
	return out
}

// apply makes the edits.
func (d *draft) apply(cat *food.Catalogue, edits []Edit) {
	for k := range edits {
		e := &edits[k]
		switch at := e.place - 1; {
		case e.Op == Add || e.Op == Follow:
			d.added[e.To] = true
		case e.Op == Restate:
			d.takeBack(e)
		case e.Op == FillHalf:
			d.fillHalf(at)
		case e.Op == DropAct && at < 0:
			for s := range d.steps {
				d.steps[s].dropped = append(d.steps[s].dropped, e.Not...)
			}
		case e.Op == CutTo && at < 0:
			for i := range d.items {
				d.items[i].factor *= e.By
			}
		case slices.Contains(ofSentence, e.Op):
			d.steps[at].mend(e)
		default:
			d.items[at].mend(cat, e)
		}
	}
}

func (s *step) mend(e *Edit) {
	switch e.Op {
	case DropAct:
		s.dropped = append(s.dropped, e.Not...)
	case DropSentence:
		s.gone = true
	case Fill:
		s.refilled = true
	}
}

func (it *item) mend(cat *food.Catalogue, e *Edit) {
	switch e.Op {
	case LeaveOut:
		it.serving, it.leftOut = true, true
	case ToTable:
		it.serving = true
	case CutTo:
		it.factor *= e.By
	case Swap:
		it.swap(cat.ByID(e.To))
	case Fresh:
		it.state = nil
		if f := cat.ByID(e.To); f != nil {
			it.ref = f
		}
	case Strengthen:
		src, by := recipeLine(it), e.By
		src.Acidity = &by
		it.src, it.ref = src, cat.ByID("vinegar")
	case Prepare:
		it.undo(e.Not...)
		if e.To != "" {
			it.prep = append(it.prep, e.To)
		}
	case Choose:
		it.state = append(it.state, e.To)
	case Settle:
		it.settle(e.Not)
	}
}

// swap puts the food in the place of the item's, measure for measure; a whole lemon counts as
// its juice.
func (it *item) swap(f *food.Food) {
	if f == nil {
		return
	}
	it.ref, it.name = f, f.Names[0]
	if !f.In("bottled-citrus") {
		return
	}
	if it.amount.Unit == quantity.Each {
		it.amount = quantity.Amount{Min: it.amount.Min * juiceOfOne, Max: it.amount.Max * juiceOfOne, Unit: quantity.Cup}
		src := *it.src
		lo, hi := it.amount.Min, it.amount.Max
		src.AmountMin, src.AmountMax, src.Unit = &lo, &hi, quantity.Cup
		it.src = &src
	}
	it.name, it.state, it.prep = "bottled juice", nil, nil
}

func (it *item) settle(what []string) {
	if slices.Contains(what, "amount") {
		it.unclear, it.more = false, false
	}
	if slices.Contains(what, "spelling") {
		it.slip = ""
	}
	if slices.Contains(what, "words") {
		it.unread = nil
	}
}

// takeBack takes back what the edit names of the stated process.
func (d *draft) takeBack(e *Edit) {
	for _, what := range e.Not {
		switch what {
		case itsMethods:
			d.methods = nil
		case itsMinutes:
			d.minutes = nil
		case itsPSI:
			d.psi = nil
		case itsJar:
			d.jar.Value, d.jars = quantity.Jar(e.To), nil
		case itsPack:
			d.pack.Value = e.To
		case itsVent:
			d.vent = nil
		case itsTitle:
			d.folded = ""
		default:
			d.methods = slices.DeleteFunc(d.methods, func(m recipe.Said[string]) bool { return m.Value == what })
		}
	}
}

// fillHalf fills the jars half with solids; where step s is given, its words are written anew.
func (d *draft) fillHalf(s int) {
	d.halfSolids = true
	d.liquids["liquid"] = true
	for k := range d.steps {
		d.steps[k].dropped = append(d.steps[k].dropped, "over-solids")
	}
	if s >= 0 {
		d.halfAt, d.steps[s].gone = s+1, true
	}
}

// With reviews the recipe with edits of its own review made, wherever they come from. An edit
// that no review of it gave, or that says something else now, is refused: some are promises
// ("follow", "choose", "settle") that nobody could check.
func (e *Reviewer) With(req Request, edits []Edit) (Result, error) {
	d, left := newDraft(e, req), slices.Clone(edits)
	for round := 0; len(left) > 0; round++ {
		a := e.nearest(d, req)[0]
		var own []Edit
		for _, f := range mendable(append(slices.Clone(a.first.findings), a.extra...), nil) {
			own = append(own, f.Edits...)
		}
		var take, rest []Edit
		for _, x := range left {
			if k := slices.IndexFunc(own, x.same); k >= 0 {
				take = append(take, own[k])
			} else {
				rest = append(rest, x)
			}
		}
		if len(take) == 0 || round == rounds {
			return Result{}, fmt.Errorf("the edit “%s” of line %d is none of this recipe's review", left[0].Op, left[0].Line)
		}
		d, left = d.clone(), rest
		d.apply(e.cat, take)
	}
	return e.review(d, req), nil
}

// same reports whether both edits say the same.
func (e Edit) same(x Edit) bool {
	return e.Op == x.Op && e.Line == x.Line && e.Food == x.Food && e.Said == x.Said && e.To == x.To && e.By == x.By && slices.Equal(e.Not, x.Not)
}

// dropsMethod are the edits that take back one method, with its minutes where they are not
// those of pressure.
func dropsMethod(method string) []Edit {
	if method == procedure.Pressure {
		return restate(method)
	}
	return restate(method, itsMinutes)
}

// halves are the edits that halve the solids where step s fills the jars, -1 for no step.
func halves(s int) []Edit { return []Edit{one(FillHalf, s)} }

// dropsQuestion are the edits that drop sentence s, and the question that it answers.
func (d *draft) dropsQuestion(s int) []Edit {
	edits := dropSentence(s)
	if s > 0 && strings.HasSuffix(d.steps[s-1].Text, "?") {
		edits = append(edits, one(DropSentence, s-1))
	}
	return edits
}
