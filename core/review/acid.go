package review

import (
	"slices"

	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
)

// slack is the tolerance for rounding: 5 % by volume.
const slack = 1.05

// crossSlack widens it where a weight stands for a volume.
const crossSlack = 1.10

func isAcid(it *item) bool {
	return it.is("vinegar", "weak-vinegar", "bottled-citrus", "citrus-juice", "fresh-citrus", "citric-acid")
}

// wholeCitrus reports whether the item is lemons or limes and not their juice:
// pieces of fruit are no measure of acid.
func wholeCitrus(it *item) bool { return it.is("citrus") && !it.is("citrus-juice") }

// strength returns the acid of the item against the tested 5 percent vinegar
// or bottled juice. A weaker vinegar is weak-vinegar's to judge and counts as
// what takes its place.
func strength(it *item) float64 {
	if it.src != nil && it.src.Acidity != nil && it.is("vinegar") {
		return max(1, *it.src.Acidity/5)
	}
	return 1
}

func (it *item) weak() bool {
	if it.is("weak-vinegar") {
		return it.src == nil || it.src.Acidity == nil || *it.src.Acidity < 5
	}
	return it.is("vinegar") && it.src != nil && it.src.Acidity != nil && *it.src.Acidity < 5
}

func acids(b *bench) {
	if b.proc == nil {
		return
	}
	for k := range b.proc.Ingredients {
		if b.proc.Ingredients[k].Role == procedure.Acid {
			b.acid(k)
		}
	}
	// Acid that the procedure does not list: flavour, or more than tested.
	for i := range b.items {
		it := &b.items[i]
		if b.leave[i].Given() || b.of[i] >= 0 || !isAcid(it) || wholeCitrus(it) {
			continue
		}
		switch {
		case !b.acidic() && it.is("fresh-citrus", "citrus-juice"):
			b.allow(i, "fresh-citrus", Finding{Do: "Only for flavour here", Message: "The pressure process carries the safety; the juice may stay or go."})
		case !b.acidic() && it.weak():
			b.allow(i, "weak-vinegar", Finding{Do: "Only for flavour here", Message: "The pressure process carries the safety; the vinegar may stay or go."})
		case !b.acidic():
			b.allow(i, "acid-swap", Finding{Do: "Only for flavour here", Message: "The pressure process carries the safety; the acid may stay or go, and it never shortens the time."})
		case b.proc.Acidity == "acid" || it.is("bottled-citrus", "citric-acid") || it.is("vinegar") && !it.weak():
			b.allow(i, "acid-swap", Finding{Do: "More acid is fine", Message: "Acid beyond the tested recipe only makes it safer."})
		}
	}
}

// candidates returns the items that give, or are meant to give, acid k.
func (b *bench) candidates(k int) (right, wrong []int) {
	for i := range b.items {
		it := &b.items[i]
		switch {
		case b.of[i] == k:
			right = append(right, i)
		case !it.choice && isAcid(it) && b.of[i] < 0 && !b.leave[i].Given():
			wrong = append(wrong, i)
		}
	}
	return right, wrong
}

// acid judges acid ingredient k of an acidified procedure.
func (b *bench) acid(k int) {
	in := &b.proc.Ingredients[k]
	right, wrong := b.candidates(k)
	put := add(in.Name)
	if b.added[in.Name] {
		for _, i := range append(right, wrong...) {
			b.permit(i, asTested(""))
		}
		return
	}
	measured := b.dose(in)
	if len(right) == 0 && len(wrong) == 0 {
		f := Finding{Code: "no-acid-added", Severity: Amend, Do: "Add " + measured, Remedy: "Add " + measured + ".", Source: b.proc.Citation(), Edits: put}
		if !b.acidic() {
			f.Message = "The tested recipe has it in every jar, and its process was worked out for that."
		}
		b.report(f)
		return
	}
	for _, i := range right {
		if it := &b.items[i]; it.src != nil && it.src.Optional && !it.choice {
			b.ask(i, "no-acid-added", Finding{Do: "The acid is not optional", Message: "It is what makes this product safe.", Remedy: "Put in " + measured + ", always.", Source: b.proc.Citation(), Edits: put})
		}
	}
	for i := range b.items {
		if it := &b.items[i]; it.choice && isAcid(it) && b.of[i] < 0 && !b.leave[i].Given() && len(right) > 0 {
			b.ask(i, "acid-swap", Finding{Do: "Not " + it.name + " instead", Message: "The tested acid is " + in.Name + "; " + it.name + " is not its equal here.", Remedy: "Use " + measured + ".", Edits: leaveOut(i)})
		}
	}
	// The kind first.
	fine := len(right)
	for _, i := range wrong {
		it := &b.items[i]
		switch {
		case it.is("fresh-citrus", "citrus-juice"):
			b.ask(i, "fresh-citrus", Finding{Do: "Bottled, not fresh", Source: byCode["fresh-citrus"].Source, Edits: b.bottle(i)})
		case it.weak():
			b.ask(i, "weak-vinegar", Finding{Edits: b.strengthen(i, in)})
		case in.Same[0] == "vinegar" && it.is("bottled-citrus") && (b.proc.Product == "salsa" || b.proc.Product == "relish"):
			b.allow(i, "substitution", Finding{Do: "Lemon for vinegar is fine", Message: "Bottled lemon or lime juice is the stronger acid, measure for measure."})
			right = append(right, i)
			fine++
		case len(right) > 0:
			// More acid than the procedure lists.
			b.allow(i, "acid-swap", Finding{Do: "More acid is fine", Message: "Acid beyond the tested recipe only makes it safer."})
		default:
			b.ask(i, "acid-swap", Finding{Do: "Use " + in.Name, Message: "The tested acid is " + in.Name + "; " + it.name + " is not its equal here.", Remedy: "Use " + measured + ".", Edits: append(leaveOut(i), put...)})
		}
	}
	if fine == 0 {
		return
	}
	for _, i := range right {
		it := &b.items[i]
		if it.weak() {
			b.ask(i, "weak-vinegar", Finding{Edits: b.strengthen(i, in)})
		} else if it.is("vinegar") && (it.src == nil || it.src.Acidity == nil) && !it.came("checked") {
			b.care(i, "weak-vinegar", Finding{Do: "Check the label: 5 percent", Message: "The recipe does not give the vinegar's strength; 5 percent was tested."})
		}
	}
	if in.Per != "" {
		b.perJarAcid(k, right, put)
	} else {
		b.batchAcid(k, right, put)
	}
	for _, i := range right {
		b.permit(i, asTested(""))
	}
}

// bottle is the edit that turns fresh citrus into bottled juice, the same
// measure; a whole lemon counts as its juice.
func (b *bench) bottle(i int) []Edit {
	if f := b.items[i].ref; f.ID == "lime" || f.ID == "lime-juice" {
		return swap(i, "bottled-lime-juice")
	}
	return swap(i, "bottled-lemon-juice")
}

// strengthen is the edit that puts 5 percent vinegar in place of a weak one.
func (b *bench) strengthen(i int, in *procedure.Ingredient) []Edit {
	edits := []Edit{{Op: Strengthen, By: 5, place: i + 1}}
	if in.Same[0] != "vinegar" && len(in.Options) == 0 {
		edits = append(edits, add(in.Name)...)
	}
	return edits
}

// dose writes the tested amount of an acid.
func (b *bench) dose(in *procedure.Ingredient) string {
	if in.Amount == 0 {
		return in.Name + " as the package directs"
	}
	if in.Per != "" {
		// A jar that the procedure has no row for goes by the pint's, and has its acid.
		jar, times := in.Per, 1.0
		switch own := b.proc.Has(procedure.Filter{Jar: b.jar.Value}); {
		case in.Per != quantity.PintJar || !own:
		case b.jar.Value == quantity.QuartJar:
			jar, times = quantity.QuartJar, 2
		case b.jar.Value == quantity.HalfPint:
			jar, times = quantity.HalfPint, 0.5
		}
		s := said(in.Amount*times, in.Unit) + " " + in.Name + " to each " + string(jar)
		for _, o := range in.Options {
			s += ", or " + said(o.Amount*times, o.Unit) + " " + o.Name
		}
		switch {
		case jar != in.Per || b.jar.Value == in.Per:
		case in.Per == quantity.PintJar && b.proc.Has(procedure.Filter{Jar: quantity.QuartJar}):
			s += " (twice that to a quart)"
		case in.Per == quantity.PintJar && b.proc.Has(procedure.Filter{Jar: quantity.HalfPint}):
			s += " (half that to a half-pint)"
		}
		return s
	}
	scale := b.scale
	if scale == 0 {
		return said(in.Amount, in.Unit) + " " + in.Name + " a tested batch"
	}
	return said(in.Amount*scale, in.Unit) + " " + in.Name
}

// perJarAcid checks a dose that goes into each jar.
func (b *bench) perJarAcid(k int, right []int, put []Edit) {
	in := &b.proc.Ingredients[k]
	for _, i := range right {
		it := &b.items[i]
		dose, unit := in.Amount, in.Unit
		if o := b.option[i]; o >= 0 {
			dose, unit = in.Options[o].Amount, in.Options[o].Unit
		}
		if it.amount.IsZero() || it.unclear {
			if it.choice {
				continue
			}
			if it.fromStep && eitherAcid.MatchString(it.src.Text) && b.dosedBeside(right, i) {
				b.care(i, "unclear-amount", Finding{Do: "Another dose of " + it.name, Message: "It may stand instead, by its own measure: " + b.dose(in) + ".", Remedy: "Measure one of them into each jar."})
				continue
			}
			b.ask(i, "unclear-amount", Finding{Do: "How much in each jar?", Message: "The acid is measured for each jar: " + b.dose(in) + ".", Remedy: "Measure it into each jar.", Edits: put})
			continue
		}
		jar, ok := quantity.ParseJar(it.src.Per)
		if it.src.Per == "jar" {
			jar, ok = b.jar.Value, b.jar.Value != ""
		}
		if !ok {
			b.ask(i, "acid-short", Finding{Do: "Measure it for each jar", Message: "One amount for the whole batch does not say what each jar gets.", Remedy: "Put in " + b.dose(in) + ".", Edits: put})
			continue
		}
		have, ok := quantity.Convert(it.amount.Min*it.factor*strength(it), it.amount.Unit, unit)
		need := dose * jar.Ounces() / in.Per.Ounces()
		if !ok || have < need/slack {
			b.ask(i, "acid-short", Finding{Do: "More acid in each " + string(jar), Message: sprint("A %s needs %s.", jar, said(need, unit)), Remedy: "Put in " + b.dose(in) + ".", Source: b.proc.Citation(), Edits: put})
		}
		if jar != b.jar.Value && b.jar.Value != "" && b.jar.Value.Larger(jar) {
			b.ask(i, "acid-short", Finding{Do: "The dose is for a " + string(jar), Message: sprint("These are %s.", b.jar.Value.Plural()), Remedy: "Put in " + b.dose(in) + ".", Source: b.proc.Citation(), Edits: put})
		}
	}
}

// eitherAcid names two acids of which one is taken.
var eitherAcid = pattern.MustCompile(`(?i)\b(?:juice|acid|vinegar) or (?:the |some )?(?:bottled )?(?:lemon juice|lime juice|citric acid|vinegar)\b`)

// dosedBeside reports whether another of the acids has its measure for each jar: "add the
// lemon juice or citric acid", where the list has the juice by the quart.
func (b *bench) dosedBeside(right []int, i int) bool {
	return slices.ContainsFunc(right, func(k int) bool {
		it := &b.items[k]
		return k != i && !it.choice && !it.unclear && !it.amount.IsZero() && it.src.Per != ""
	})
}

// batchAcid checks an acid against the food of the batch.
func (b *bench) batchAcid(k int, right []int, put []Edit) {
	in := &b.proc.Ingredients[k]
	if len(right) == 0 {
		return
	}
	sum, known := 0.0, true
	for _, i := range right {
		it := &b.items[i]
		if it.choice {
			continue
		}
		have, ok := 0.0, false
		if c, good := it.cups(); good {
			need, good := quantity.Convert(in.Amount, in.Unit, quantity.Cup)
			have, ok = c*low(it)*strength(it)/need, good
		}
		if !ok {
			known = false
			continue
		}
		sum += have
	}
	i := right[0]
	switch {
	case !known:
		b.ask(i, "unclear-amount", Finding{Do: "How much " + b.items[i].name + "?", Message: "The acid makes this safe, so its amount must be known.", Remedy: "Use " + b.dose(in) + ".", Edits: put})
	case b.scale == 0:
		// The main food's amount is asked for elsewhere.
	case sum < b.scale/b.tolerance():
		b.ask(i, "acid-short", Finding{Do: "Use " + b.dose(in), Message: sprint("For this much food the tested recipe has %s; here it is %.0f %% of that.", b.dose(in), 100*sum/b.scale), Remedy: "Restore the acid, or make less of the rest.", Source: b.proc.Citation(), Edits: put})
	}
}

// low returns the smaller end of a range against its larger one: acid counts
// by its least, everything else by its most.
func low(it *item) float64 {
	if it.amount.Max > 0 {
		return it.amount.Min / it.amount.Max
	}
	return 1
}

// tolerance is slack where amounts compare measure for measure, crossSlack
// where the main food is weighed in one recipe and measured in the other.
func (b *bench) tolerance() float64 {
	for k := range b.proc.Ingredients {
		in := &b.proc.Ingredients[k]
		if in.Role != procedure.Main || in.Amount == 0 {
			continue
		}
		for _, i := range b.matched(k) {
			if b.items[i].amount.Unit.Dimension() != in.Unit.Dimension() {
				return crossSlack
			}
		}
	}
	return slack
}

// dilution judges water in a recipe whose vinegar keeps it safe.
func dilution(b *bench) {
	if b.proc == nil || b.proc.Acidity != "acidified" || b.proc.Product == "plain" {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if !it.is("water", "broth", "fruit-juice") || b.leave[i].Given() {
			continue
		}
		if it.spoken && it.is("water") && b.role(i) == "" {
			b.permit(i, Permission{Allowed, "acid-diluted", "water for washing or boiling"})
			continue
		}
		if it.src != nil && (containsAny(it.src.Text, "soak", "wash", "blanch", "for boiling", "to boil", "rinse")) {
			b.permit(i, Permission{Allowed, "acid-diluted", "water for washing or boiling"})
			continue
		}
		if b.role(i) != procedure.Liquid {
			b.ask(i, "acid-diluted", Finding{Do: "Leave the " + it.name + " out", Message: "The tested recipe has none, and it weakens the acid.", Edits: leaveOut(i)})
			continue
		}
		k := b.of[i]
		in := &b.proc.Ingredients[k]
		r, known := b.ratio(k, b.matched(k)) // all the water together
		cut := append(follow("water"), settle(i, "amount"))
		switch {
		case it.more && !b.added["water"]:
			b.ask(i, "acid-diluted", Finding{Do: "No more water than that", Message: "The line says that it may be more, and water weakens the acid.", Remedy: "Measure it level, and make more brine of the same strength where it runs short.", Source: b.proc.Citation(), Edits: cut})
		case b.added["water"]:
			b.permit(i, asTested(""))
		case !known:
			b.ask(i, "unclear-amount", Finding{Do: "How much water?", Message: "Water weakens the vinegar, so its amount must be known.", Remedy: "At most " + said(in.Amount, in.Unit) + " a tested batch.", Edits: cut})
		case b.scale > 0 && r > b.scale*b.tolerance() && r > b.acidShare()*slack:
			b.ask(i, "acid-diluted", Finding{Do: "At most " + said(in.Amount*b.scale, in.Unit) + " water", Remedy: "Cut the water back to the tested amount.", Source: b.proc.Citation(), Edits: cut})
		default:
			b.permit(i, asTested(""))
		}
	}
}

// acidShare returns the recipe's acid against a tested batch.
func (b *bench) acidShare() float64 {
	for k := range b.proc.Ingredients {
		if b.proc.Ingredients[k].Role == procedure.Acid {
			if r, ok := b.ratio(k, b.matched(k)); ok {
				return r
			}
		}
	}
	return 0
}

func varieties(b *bench) {
	for s := range b.steps {
		if b.steps[s].did("variety") {
			b.step(s, "variety", "variety-myth", Care, Finding{})
		}
	}
}
