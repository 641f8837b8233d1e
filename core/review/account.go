package review

import (
	"strings"

	"damson/core/procedure"
	"damson/core/recipe"
)

// accountLines is the rule that earns clear: every line must by now be named
// by a permission or a finding. What no rule speaks of is not permitted.
func accountLines(b *bench) {
	if b.soup() {
		b.soupLines()
	}
	for i := range b.items {
		it := &b.items[i]
		if it.drained {
			b.permit(i, Permission{Allowed, "dry-legume-unsoaked", "poured off after soaking"})
			continue
		}
		if it.serving {
			b.permit(i, Permission{ForOpened, "added-ingredient", "for the opened jar"})
			continue
		}
		b.unread(i)
		b.otherAmount(i)
		if b.leave[i].Given() {
			continue
		}
		switch {
		case it.ref == nil:
			b.unknown(i)
		case b.of[i] >= 0 && b.role(i) == procedure.Acid:
			b.permit(i, asTested("")) // an alternative acid of the procedure
		case it.is("salt"):
			b.permit(i, Permission{Allowed, "seasoning-change", "salt is for taste"})
		case it.ref.Kind == "spice" || it.is("herb") && it.came("dried"):
			b.spice(i)
		case it.is("water") && it.amount.IsZero() && it.fromStep:
			b.permit(i, Permission{Allowed, "acid-diluted", "water for washing or boiling"})
		case it.is("antibrowning"):
			b.allow(i, "seasoning-change", Finding{Do: "For colour only", Message: "Ascorbic acid keeps fruit bright; it does not count as the safety acid."})
		case it.is("firming") && b.acidic():
			b.allow(i, "seasoning-change", Finding{Do: "For crispness only", Message: "Calcium chloride firms pickles and changes nothing else."})
		case b.proc == nil:
			b.noProcedure(i)
		case it.is("herb"):
			b.freshHerb(i)
		case !b.acidic() && it.is("salty-condiment", "condiment-acid"):
			b.condiment(i)
		default:
			b.addedItem(i)
		}
	}
}

// unread asks about words of a line that no reading accounts for.
func (b *bench) unread(i int) {
	it := &b.items[i]
	if it.slip != "" {
		b.ask(i, "unknown-ingredient", Finding{Do: "Is “" + it.slip + "” " + it.name + "?", Message: "Damson read it so, and a guess can never make a verdict better.", Remedy: "Write the name in full.",
			Edits: []Edit{settle(i, "spelling")}})
		return
	}
	if len(it.unread) == 0 {
		return
	}
	what := strings.Join(it.unread, " ")
	if b.proc != nil && b.proc.Leaflet && b.role(i) == procedure.Gel && goesByLeaflet(what) {
		return
	}
	b.ask(i, "unknown-ingredient", Finding{Do: "What is “" + what + "”?", Message: "Damson could not read this part of the line, so it cannot say that it may go into the jar.", Remedy: "Say it in other words, or take it out.",
		Edits: []Edit{settle(i, "words")}})
}

// otherAmount asks about a food that may stand instead by a measure of its own, where that
// is another share of what was tested than the first.
func (b *bench) otherAmount(i int) {
	it := &b.items[i]
	if !it.choice || it.src == nil || !it.src.OwnAmount || b.of[i] < 0 {
		return
	}
	in := &b.proc.Ingredients[b.of[i]]
	switch {
	case it.is("dry-seasoning"), in.Role == procedure.Salt, in.Role == procedure.Sugar, in.Role == procedure.Seasoning, in.Role == procedure.Acid && in.Per != "":
		return // free, or held to its dose for each jar
	case in.Amount == 0 && !b.proportional():
		return
	}
	for k := range b.items {
		if first := &b.items[k]; first.line == it.line && !first.choice && b.of[k] >= 0 {
			if first.ref == it.ref && in.Role != procedure.Acid {
				return // the same food by another measure: "in the pod, or 4 quarts shelled"
			}
			a, known := b.share(&b.proc.Ingredients[b.of[k]], first)
			c, also := b.share(in, it)
			if known && also && near(c, a, recipe.SameAmount) {
				return
			}
		}
	}
	b.ask(i, "unclear-amount", Finding{Do: "Is that the same amount?", Message: "The line gives " + it.amount.String() + " " + it.name + " for what stands before it, and Damson cannot tell that the two are alike.", Remedy: "Keep one of them, with its amount.", Edits: leaveOut(i)})
}

func (b *bench) unknown(i int) {
	it := &b.items[i]
	if it.name == "" {
		b.ask(i, "unknown-ingredient", Finding{Do: "No food on this line", Message: "Damson finds no food here.", Remedy: "Write amount, unit and food, or take the line out.", Edits: leaveOut(i)})
		return
	}
	b.ask(i, "unknown-ingredient", Finding{Do: "What is “" + it.name + "”?", Edits: leaveOut(i)})
}

// spice permits dry seasoning short of a thickening amount, whatever the spice.
func (b *bench) spice(i int) {
	it := &b.items[i]
	if c, ok := it.cups(); ok {
		if pints := b.pints(); c/pints > thickSpice {
			b.ask(i, "seasoning-change", Finding{Do: "Less " + it.name, Message: "More than about 2 Tbsp of ground spice a pint thickens the liquid.", Remedy: "Cut it back, or tie whole spices in a bag.", Edits: cutBack(i, thickSpice*pints/c)})
			return
		}
	}
	b.allow(i, "seasoning-change", Finding{})
}

// smallBatch is the pints taken for a recipe that gives no amount of its main
// food: a few spoons season it, half a cup does not.
const smallBatch = 2

// pints estimates the pints of the batch from the volumes given.
func (b *bench) pints() float64 {
	if b.main < 0 {
		return smallBatch
	}
	if _, known := b.items[b.main].cups(); !known {
		return smallBatch
	}
	sum := 0.0
	for i := range b.items {
		if c, ok := b.items[i].cups(); ok && !b.items[i].serving && !b.items[i].is("dry-seasoning") {
			sum += c
		}
	}
	return max(sum/2, 0.5)
}

func (b *bench) freshHerb(i int) {
	it := &b.items[i]
	b.ask(i, "added-ingredient", Finding{Do: "Dried " + it.name + ", or none", Message: "Fresh herbs are wet and low in acid; only dry seasoning is free.", Remedy: "Use it dried, or add it fresh when serving.", Edits: leaveOut(i)})
}

// condimentCups is the most soy sauce, mustard or hot sauce that still only
// seasons a batch (common practice, no source).
const condimentCups = 0.25

func (b *bench) condiment(i int) {
	it := &b.items[i]
	if c, ok := it.cups(); ok && c <= condimentCups {
		b.allow(i, "seasoning-change", Finding{Do: "Only seasoning", Message: "By the spoonful it changes neither heat nor acidity."})
		return
	}
	b.addedItem(i)
}

// addedItem reports a food that the procedure does not have.
func (b *bench) addedItem(i int) {
	it := &b.items[i]
	if it.fromStep && it.ref.In("water") {
		b.permit(i, Permission{Allowed, "acid-diluted", "water for washing or boiling"})
		return
	}
	f := Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)}
	if it.unclear {
		b.ask(i, "unclear-amount", Finding{Do: "How much " + it.name + "?", Edits: leaveOut(i)})
	}
	if it.ref.ID == "pickling-lime" && b.main >= 0 && b.items[b.main].is("cucumber") && b.proc != nil && b.proc.Product == "pickle" && b.rinsedThrice() {
		b.permit(i, Permission{Allowed, "base-added", "lime rinsed out"})
		return
	}
	if it.is("alkali") {
		f.Message, f.Remedy = "It is alkaline and undoes the acid.", "Leave it out."
		b.ask(i, "base-added", f)
		return
	}
	if it.is("chemical-preservative") {
		f.Message, f.Remedy = "It neither sterilises nor acidifies enough.", "Use the tested process and acid."
	}
	b.ask(i, "added-ingredient", f)
}

// noProcedure accounts for lines where there is nothing to compare with; only
// what no procedure would have is reported.
func (b *bench) noProcedure(i int) {
	it := &b.items[i]
	if it.is("coconut", "alkali", "chemical-preservative") {
		b.addedItem(i)
		return
	}
	b.permit(i, Permission{Uncompared, "added-ingredient", "no tested procedure to compare with"})
}

// standingRank orders standings by gravity.
var standingRank = map[Standing]int{Serves: 1, Same: 2, Permitted: 3, Changes: 4, Never: 5}

// standings are those that a finding gives its line.
var standings = map[Severity]Standing{Halt: Never, Amend: Changes}

// judgements says how each line of the recipe stands: as its gravest item does.
func (b *bench) judgements(lines []*recipe.Line) []Judgement {
	worst, why := map[int]Standing{}, map[int]string{}
	put := func(line int, as Standing) {
		if standingRank[as] > standingRank[worst[line]] {
			worst[line] = as
		}
	}
	for i := range b.items {
		line := b.items[i].line
		put(line, b.standing(i))
		if why[line] == "" {
			why[line] = b.leave[i].words()
		}
	}
	for _, f := range b.findings {
		if f.Line == nil {
			continue
		}
		if as, grave := standings[f.Severity]; grave {
			put(*f.Line, as)
		} else if f.Severity == Note && worst[*f.Line] == Same {
			put(*f.Line, Permitted)
		}
	}
	var out []Judgement
	for _, l := range lines {
		if l.Kind == recipe.Ingredient {
			out = append(out, Judgement{l.No, worst[l.No], why[l.No]})
		}
	}
	return out
}

// standing is how item i stands by its own leave.
func (b *bench) standing(i int) Standing {
	switch it := &b.items[i]; {
	case it.drained:
		return Permitted
	case it.serving:
		return Serves
	case b.leave[i].Kind == Allowed:
		return Permitted
	}
	return Same
}
