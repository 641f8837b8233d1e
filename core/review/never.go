package review

import (
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/procedure"
)

// banned is the check for a group that is never canned: it reports every item of
// it that the procedure does not list.
func banned(group string) func(*bench) { return func(b *bench) { b.never(group, group) } }

func (b *bench) never(code, group string) {
	for i := range b.items {
		it := &b.items[i]
		if it.serving && it.ref.In(group) {
			b.forOpened(i, code, "It goes in when the jar is opened, which is fine.")
			continue
		}
		if !it.looks(group) || b.of[i] >= 0 {
			continue
		}
		b.ask(i, code, Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)})
	}
}

// forOpened notes, once, that the item belongs to the opened jar.
func (b *bench) forOpened(i int, code, message string) {
	const do = "For the opened jar"
	for _, f := range b.findings {
		if f.Do == do && f.Ingredient == b.items[i].name && same(f.Line, at(b.items[i].line)) {
			return
		}
	}
	b.say(i, code, Finding{Do: do, Message: message})
}

func dairy(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if it.serving && it.ref.In("dairy") {
			b.forOpened(i, "dairy", "It goes in when the jar is opened, which is fine.")
			continue
		}
		if !it.looks("dairy") {
			continue
		}
		if b.of[i] >= 0 && b.role(i) == procedure.Fat {
			continue // judged by its amount, under fat
		}
		b.ask(i, "dairy", Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)})
		if it.looks("fat") {
			b.ask(i, "fat", Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)})
		}
	}
}

func thickeners(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if it.serving && it.ref.In("thickener", "hides-thickener") {
			b.forOpened(i, "thickener", "It thickens the opened jar, which is fine.")
			continue
		}
		switch {
		case it.looks("thickener") && b.role(i) != procedure.Starch:
			b.ask(i, "thickener", Finding{Do: "No " + it.name + " before canning", Edits: leaveOut(i)})
		case it.looks("hides-thickener") && !it.is("sugar"), it.looks("may-hide-thickener"), it.looks("ground-meat") && hides(it, "starch"):
			b.hidden(i)
		case it.is("sugar") && it.is("hides-thickener") && b.of[i] >= 0:
			b.ask(i, "thickener", Finding{Do: "Use plain sugar", Message: "Powdered sugar holds a few percent of corn starch.", Remedy: "Use granulated sugar.", Edits: swap(i, "sugar")})
		}
		if it.serving {
			continue
		}
		if it.done("floured") {
			b.ask(i, "thickener", Finding{Do: "Do not flour the " + it.name, Edits: undo(i, "floured")})
		}
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || !st.did("thicken") || b.proc != nil && (b.reduced() && st.boilsDown() || b.testedStarch() && (st.byItself() || st.names("thickener")) && !b.foreignThickener(st)) {
			continue
		}
		b.step(s, "thicken", "thickener", Amend, Finding{Do: "Do not thicken before canning"})
	}
}

// reduced reports a procedure whose food thickens because water boils off: a sauce, a jam.
func (b *bench) reduced() bool { return b.proc.Requires("reduced") || b.soft() }

// boilsDown reports whether the sentence lets the food thicken by boiling water
// off, and puts nothing in that does.
func (s *step) boilsDown() bool { return s.byItself() && !s.names("thickener") }

// byItself reports whether the food thickens, and nobody thickens it with
// something.
func (s *step) byItself() bool {
	return slices.Contains([]string{"thickens", "thickened", "until thickened", "as it thickens"}, strings.ToLower(s.actText("thicken"))) && !containsAny(s.Text, "with ", "using ")
}

// foreignThickener reports whether the sentence names a thickener that is not
// the procedure's own.
func (b *bench) foreignThickener(s *step) bool {
	for _, m := range s.Foods {
		if m.Food.In("thickener") {
			if i := b.find(m, len(b.items)); i < 0 || b.role(i) != procedure.Starch {
				return true
			}
		}
	}
	return false
}

// testedStarch reports whether the starch of the procedure is in the recipe: a
// pie filling thickens by it.
func (b *bench) testedStarch() bool {
	for i := range b.items {
		if b.of[i] >= 0 && b.role(i) == procedure.Starch {
			return true
		}
	}
	return false
}

func hides(it *item, what string) bool {
	f := it.ref
	if f == nil {
		f = it.head
	}
	if f == nil {
		return false
	}
	for _, h := range f.Hides {
		if h == what {
			return true
		}
	}
	return false
}

// hidden judges a packet whose label may say starch or milk.
func (b *bench) hidden(i int) {
	it := &b.items[i]
	if it.came("starch-free") {
		f := Finding{Do: "Label said to be free of starch", Message: "Keep to the brand whose label says so."}
		if it.looks("ground-meat") {
			b.say(i, "thickener", f) // whether meat may be in it is the procedure's to say
		} else {
			b.allow(i, "thickener", f)
		}
		return
	}
	if k := b.of[i]; k >= 0 && it.is("ground-meat") && strings.Contains(b.proc.Ingredients[k].Name, "sausage") && (it.choice || b.otherThan(i) || freshMade.MatchString(it.src.Text)) {
		b.care(i, "thickener", Finding{Do: "Read the label of the " + it.name, Message: "The tested recipe allows fresh sausage; one with rusk, flour or milk in it is another thing.", Remedy: "Use one of meat and spice alone."})
		return
	}
	f := Finding{Do: "Read the label of the " + it.name, Message: "It may hide starch or milk, which must not be in the jar.", Remedy: "Use one whose label is free of starch and milk and say so, or season with plain spices; else leave it out.",
		Edits: []Edit{{Op: Choose, To: "starch-free", place: i + 1}}}
	if it.looks("hides-thickener") {
		f.Remedy, f.Edits = "Leave it out, season with plain spices, and thicken when you open the jar.", leaveOut(i)
	}
	b.ask(i, "thickener", f)
	if it.looks("hides-dairy") {
		b.ask(i, "dairy", Finding{Do: "No " + it.name + " in the jar", Edits: leaveOut(i)})
	}
}

// freshMade is sausage of meat and spice, as the sources mean it.
var freshMade = pattern.MustCompile(`(?i)\b(fresh-made|freshly made|homemade|home-made|our own|my own|own make|of meat and spice)\b`)

func fats(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if it.serving && it.ref.In("fat") && !it.ref.In("dairy") {
			b.forOpened(i, "fat", "It goes in when the jar is opened, which is fine.")
			continue
		}
		if !it.looks("fat") {
			continue
		}
		if b.role(i) != procedure.Fat {
			if b.brownsMeat(it) {
				b.permit(i, Permission{Allowed, "fat", "a little fat to brown the meat"})
				continue
			}
			if !it.looks("dairy", "nut") {
				b.ask(i, "fat", Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)})
			}
			continue
		}
		b.tested(i)
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || !st.did("fry") {
			continue
		}
		if st.says("dry pan") || st.says("dry skillet") || st.says("in broth") || st.says("in water") || st.says("in a little broth") || st.says("in stock") || st.says("without oil") || st.says("no oil") || st.says("without fat") || st.says("little broth") || st.says("in the broth") {
			continue
		}
		if b.testedFat(st) || b.meatOnly(s) && !st.names("fat") && len(st.Foods) > 0 {
			continue // in the procedure's own oil; or meat in its own fat, which is poured off
		}
		if b.fatListed(st) && st.actText("fry") != "" && !strings.Contains(strings.ToLower(st.actText("fry")), "fr") {
			continue // the fat itself is reported
		}
		b.step(s, "fry", "fat", Amend, Finding{Do: "Soften without fat", Message: "Frying brings fat into the jar, and the fat shields the food from the heat.", Remedy: "Use a dry pan or a little broth."})
	}
}

// brownsMeat reports whether the fat is the little that meat is browned in: named by
// the sentence that browns, at most two spoons. The guide has "a small amount of fat"
// for hot packs (USDA Complete Guide 2015, guide 5, from memory); two spoons are common
// practice, no source.
func (b *bench) brownsMeat(it *item) bool {
	if !it.fromStep || b.main < 0 || !b.items[b.main].looks("red-meat", "poultry", "ground-meat") {
		return false
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.No != it.line || st.Serving || !containsAny(st.Text, "brown", "sear") || !st.names("fat") {
			continue
		}
		if c, ok := it.cups(); ok {
			return c <= 0.13
		}
		if fatGoesOn.MatchString(st.Text) {
			return false
		}
		return containsAny(st.Text, "small amount of", "a little", "one spoon", "a spoon of", "a spoonful", "just enough",
			"a film of", "a smear of", "a dab of", "a bit of", "a lick of", "a scrape of", "a touch of", "scrap of")
	}
	return false
}

// fatGoesOn is fat that does not stay in the pan.
var fatGoesOn = pattern.MustCompile(`(?i)\b(?:pack|add|pour|put|scrape|tip)(?:s|ed|ped` +
	`|ing)? (?:\pL+ ){0,3}(?:lard|fat|dripping|drippings|oil|grease|butter)\b` +
	`|\b(?:lard|fat|drippings?|oil|grease|butter) (?:and all|too|goes? in|included)\b`)

// fatListed reports whether the sentence names a fat that stands on the list.
func (b *bench) fatListed(s *step) bool {
	for _, m := range s.Foods {
		if m.Food.In("fat") && b.find(m, len(b.items)) >= 0 {
			return true
		}
	}
	return false
}

// testedFat reports whether the oil of the procedure is in the recipe, and the
// sentence names no other fat.
func (b *bench) testedFat(s *step) bool {
	own := -1
	for i := range b.items {
		if b.role(i) == procedure.Fat && b.items[i].is("liquid-oil") {
			own = i
		}
	}
	for _, m := range s.Foods {
		if own >= 0 && m.Food.In("fat") && b.find(m, len(b.items)) != own {
			return false
		}
	}
	return own >= 0
}

// tested judges a fat that the procedure lists by its limit.
func (b *bench) tested(i int) {
	it := &b.items[i]
	k := b.of[i]
	in := &b.proc.Ingredients[k]
	limit := said(in.Amount, in.Unit)
	if in.Share > 0 {
		b.shareOfMain(i, in)
		return
	}
	if in.Amount == 0 { // it covers the food in place of water, or is not there
		if it.choice || b.otherThan(i) {
			b.permit(i, asTested("")) // one or the other
			return
		}
		if !it.amount.IsZero() || b.liquids["water"] || b.liquids["liquid"] || slices.ContainsFunc(b.steps, func(s step) bool { return !s.Serving && s.names("water") }) {
			b.ask(i, "fat", Finding{Do: "Leave the " + it.name + " out", Message: "The tested recipe is covered with water, or with oil, not with both.", Edits: leaveOut(i)})
			return
		}
		b.permit(i, asTested(""))
		return
	}
	cut := append(follow("fat"), settle(i, "amount"))
	scale := b.scale
	if b.proc.Product == "jam" {
		scale = 1 // half a teaspoon a batch, whatever its size
	}
	r, known := b.ratio(k, b.matched(k)) // all the fat together
	switch {
	case b.added["fat"]:
		b.permit(i, asTested(""))
	case !known || scale == 0:
		b.ask(i, "unclear-amount", Finding{Do: "How much " + it.name + "?", Message: "The tested recipe holds " + limit + " and no more; an amount that cannot be measured may be more.", Remedy: "Measure it: at most " + limit + " a tested batch.", Edits: cut})
		b.ask(i, "fat", Finding{Do: "At most " + limit + " of " + it.name, Edits: cut})
	case r > scale*slack:
		b.ask(i, "fat", Finding{Do: "At most " + said(in.Amount*scale, in.Unit) + " of " + it.name, Message: "The tested recipe holds " + limit + " a batch; more shields the food and spoils the seal.", Remedy: "Cut it back to the tested amount.", Edits: cut})
	default:
		if it.is("dairy") {
			b.say(i, "dairy", Finding{Do: "The tested butter", Message: "Up to " + limit + " a batch is within the tested recipe."})
		}
		b.permit(i, asTested(""))
	}
}

// otherThan reports whether something may stand instead of the item: "oil or water".
func (b *bench) otherThan(i int) bool {
	for k := range b.items {
		if it := &b.items[k]; it.choice && it.line == b.items[i].line && !it.fromStep {
			return true
		}
	}
	return false
}

func oilPack(b *bench) {
	oil, other, thin := 0.0, 0.0, false
	where := -1
	for i := range b.items {
		it := &b.items[i]
		if it.serving {
			continue
		}
		if it.ref != nil && it.ref.ID == "pesto" {
			b.ask(i, "oil-pack", Finding{Edits: leaveOut(i)})
		}
		c, ok := it.cups()
		thin = thin || it.is("water", "broth", "tomato-juice", "vinegar", "weak-vinegar", "fruit-juice", "wine")
		if it.looks("fat", "liquid-oil") && !it.looks("dairy", "nut") && b.role(i) != procedure.Fat && it.src != nil && toCover.MatchString(it.src.Text) {
			b.ask(i, "oil-pack", Finding{Edits: leaveOut(i)})
		}
		if it.is("liquid-oil") && b.role(i) != procedure.Fat {
			where = i
			if ok {
				oil += c
			}
		} else if ok && !it.is("water", "broth", "tomato-juice") {
			other += c
		} else if !ok && it.is("water", "broth", "tomato-juice", "vinegar") {
			other += 100
		}
		if it.is("water", "broth", "tomato-juice", "vinegar") && ok {
			other += c
		}
	}
	b.oilLayer()
	if where < 0 {
		return
	}
	title := b.folded
	if oil > 0 && oil >= 0.1*other || !thin && b.items[where].amount.IsZero() && !b.did("fry", "brown") || b.role(where) != procedure.Fat && titleHas(title, "pesto", "in oil", "in olive oil", "under oil", "confit", "infused oil", "chimichurri", "tapenade") {
		b.ask(where, "oil-pack", Finding{Edits: leaveOut(where)})
	}
}

// toCover is an amount of fat that is as much as covers the food.
var toCover = pattern.MustCompile(`(?i)\bto cover\b|\benough to\b.*\bcover|\bas (it|they) takes?\b|\btill covered\b|\bto top (up|off)\b`)

// oilLayer looks for oil poured over what is in the jar; a tested marinade of
// oil and vinegar is none.
func (b *bench) oilLayer() {
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || !st.says(" oil") || st.says("vinegar") || st.says("solution") || st.says("marinade") || st.says("brine") {
			continue
		}
		if noLayer.MatchString(st.Text) || b.packedInOil() {
			continue
		}
		if containsAny(strings.ToLower(st.Text), "layer of", "cover with", "cover them with", "covered with", "covered in", "over the top", "on top", "top with", "top each", "top off", "float", "seal with") {
			b.report(Finding{Code: "oil-pack", Severity: Amend, Line: at(st.No), Ingredient: "oil", Do: "No layer of oil", Edits: dropSentence(s)})
		}
	}
}

// packedInOil reports whether the procedure itself may be covered with oil: tuna.
func (b *bench) packedInOil() bool {
	return b.proc != nil && slices.ContainsFunc(b.proc.Ingredients, func(in procedure.Ingredient) bool { return in.Role == procedure.Fat && in.Amount == 0 })
}

// noLayer is oil that is stirred so that it does not lie on top.
var noLayer = pattern.MustCompile(`(?i)\b(not|never|doesn't|don't|won't) (\pL+ )?(only |just |all )?(lie |float |sit |stay )?(up )?on (the )?top\b|\b(not|never|doesn't) (\pL+ )?float`)

// listsItself reports whether the procedure lists the very food, and no group of it.
func (b *bench) listsItself(i int) bool {
	in := &b.proc.Ingredients[b.of[i]]
	names := slices.Concat(in.Same, in.Like)
	for _, o := range in.Options {
		names = append(names, o.Same...)
	}
	return slices.Contains(names, b.items[i].ref.ID)
}

// noProcess are the groups for which no home process exists.
var noProcess = []string{"no-home-process", "cabbage-family", "summer-squash"}

func notRecommended(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if !it.looks(noProcess...) || b.of[i] >= 0 && !b.soup() && (!it.is("no-home-process") || b.listsItself(i)) {
			continue
		}
		b.ask(i, "not-recommended-food", Finding{Do: "Leave the " + it.name + " out", Edits: leaveOut(i)})
	}
}

func lowAcidFruit(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if !it.looks("low-acid-fruit") || b.of[i] >= 0 {
			continue
		}
		f := Finding{Edits: leaveOut(i)}
		if i != b.main {
			f.Do = "Leave the " + it.name + " out"
			f.Remedy = "Leave it out and add it when serving."
		}
		b.ask(i, "low-acid-fruit", f)
	}
}

func seafood(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if !it.looks("seafood") {
			continue
		}
		if b.soup() {
			if it.is("smoked-fish") {
				b.ask(i, "seafood-mix", Finding{Do: "Leave the " + it.name + " out", Message: "Smoked fish has a process of its own only, in pints.", Remedy: "Use fresh fish, or add it when serving.", Edits: leaveOut(i)})
				continue
			}
			if !b.soupSolid(it) {
				b.ask(i, "seafood-mix", Finding{Do: "Leave the " + it.name + " out", Message: "It has no process of its own, so that none is known for a soup with it.", Remedy: "Use fish, clams, oysters or crab, or add it when serving.", Edits: leaveOut(i)})
				continue
			}
			b.care(i, "seafood-mix", Finding{})
			continue
		}
		if b.of[i] < 0 {
			b.ask(i, "seafood-mix", Finding{Do: "Leave the " + it.name + " out", Message: "Fish or shellfish in this mixture has no tested process.", Edits: leaveOut(i)})
		}
	}
}
