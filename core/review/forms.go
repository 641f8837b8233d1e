package review

import (
	"slices"
	"strings"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
)

// soft reports whether the procedure itself purees or crushes its food.
func (b *bench) soft() bool {
	return b.proc != nil && (b.proc.Requires("pureed") && b.acidic() || b.proc.Requires("crushed"))
}

// squash is the food whose puree is its own rule.
var squash = []string{"winter-squash", "sweet-potato"}

func purees(b *bench) {
	if b.proc != nil && b.proc.Requires("pureed") && b.acidic() {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.looks("dry-seasoning", "herb", "broth", "water", "tomato-juice", "fruit-juice",
			"citrus-juice", "bottled-citrus", "thickener") {
			continue
		}
		if it.looks("mushy-legume") {
			b.ask(i, "puree", Finding{Do: "Leave the " + it.name + " out", Message: "Lentils, split peas and mashed beans fall to a paste that no home process reaches through.", Remedy: "Use whole dried beans, soaked and boiled, or freeze the dish.", Edits: leaveOut(i)})
			continue
		}
		if !it.done("pureed", "mashed") || it.looks(squash...) || it.looks("garlic") || b.soft() && it.done("mashed") {
			continue
		}
		b.ask(i, "puree", Finding{Do: "Leave the " + it.name + " in pieces", Edits: undo(i, "pureed", "mashed")})
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || !st.did("puree") {
			continue
		}
		if b.proc != nil && b.proc.Requires("pureed") && (b.onlyOf(s, "tomato") || containsAny(st.Text, "mill", "sieve") || b.onlyBefore(s, "tomato")) {
			continue // a sauce of milled tomatoes: what joins them stays in pieces
		}
		if b.soft() && mashes(st.actText("puree")) {
			continue // mashing berries for jam
		}
		if b.noPuree(st) {
			continue
		}
		if b.main >= 0 && b.items[b.main].looks(squash...) && !b.soup() {
			continue // squash-mash says it
		}
		b.step(s, "puree", "puree", Amend, Finding{})
		if b.main >= 0 && b.items[b.main].looks("dry-bean") && !b.soup() {
			b.findings[len(b.findings)-1].Edits = nil // refried beans in pieces are another dish
		}
	}
}

// noPuree reports a step that purees no food: a thickener is blended, which has its own rule, or juice
// runs off.
func (b *bench) noPuree(st *step) bool {
	return b.minces(st) || paste.MatchString(st.Text) && st.count("puree") == 1 || b.juiceRunsOff(st)
}

// juiceRunsOff reports juice that is pressed out of fruit for a syrup, whose pulp stays behind.
func (b *bench) juiceRunsOff(st *step) bool {
	return b.proc != nil && b.proc.Product == "syrup" && b.acidic() && containsAny(st.Text, "strain", "jelly bag",
		"cheesecloth", "drip")
}

// paste is a thickener stirred into a little water, which makes no puree of the food.
var paste = pattern.MustCompile(`(?i)\b(?:flour|starch|mustard|turmeric|pectin|powder) (?:paste )?blended (?:in|into|with) (?:about |a little |some |the |cold |\d[\d/ ]*|½|¼|cups? |tbsp |tablespoons? |of ){0,5}(?:water|vinegar|juice|liquid|mixture)\b`)

func squashMash(b *bench) {
	spread := b.kind == "spread" || b.kind == "puree" || b.kind == "jam"
	for i := range b.items {
		it := &b.items[i]
		if it.serving || !it.looks(squash...) {
			continue
		}
		mashed := it.done("pureed", "mashed") || it.looks("mashed") || spread
		act := -1
		for s := range b.steps {
			if !b.steps[s].Serving && b.steps[s].did("puree") {
				act = s
			}
		}
		if !mashed && (act < 0 || b.soup()) {
			continue
		}
		f := Finding{Edits: undo(i, "pureed", "mashed")}
		if act >= 0 {
			f.Edits = append(f.Edits, dropAct(act, "puree")...)
		}
		if it.looks("mashed") || spread || i == b.main && act >= 0 && b.madeDish() {
			f.Edits = nil // the product itself is the mash: no edit leaves it that
		}
		b.ask(i, "squash-mash", f)
	}
}

// madeDish reports whether more than water and salt goes in with the main food, so that
// pieces would be another dish.
func (b *bench) madeDish() bool {
	return !b.soup() && slices.ContainsFunc(b.items, func(it item) bool {
		return !it.serving && it.ref != nil && it.ref != b.items[b.main].ref && !it.is("water", "salt")
	})
}

// peeling judges skins where the procedure was tested without them.
func peeling(code, group string) func(*bench) { return func(b *bench) { b.peeling(code, group) } }

func (b *bench) peeling(code, group string) {
	if b.proc == nil || !b.proc.Requires("peeled") {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if !it.is(group) || it.came("canned") || it.ref.ID == "canned-tomato" || it.is("tomato-paste", "tomato-sauce", "tomato-juice") {
			continue
		}
		if b.role(i) == "" && !b.soup() {
			continue
		}
		peel := append(prepare(i, "peeled", "unpeeled", "scrubbed"), dropActs("unpeeled", "scrub"))
		switch {
		case it.done("unpeeled") || b.did("unpeeled"):
			b.ask(i, code, Finding{Do: "Peel the " + it.name, Edits: peel})
		case it.done("peeled") || b.did("peel", "blister"):
		case it.done("scrubbed") || b.did("scrub"):
			b.ask(i, code, Finding{Do: "Peel the " + it.name, Message: "Scrubbing leaves the skin on, and the process was tested on peeled food.", Edits: peel})
		default:
			b.care(i, code, Finding{Do: "Peel the " + it.name, Message: "The recipe does not say so, and the process was tested on peeled food."})
		}
	}
}

// skins asks for what the procedure was tested without where the recipe says
// outright that it stays on: pumpkin, pearl onions, apples.
func skins(b *bench) {
	if b.proc == nil || !b.proc.Requires("peeled") {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if it.is("root", "tomato") || b.role(i) != procedure.Main || !it.done("unpeeled") {
			continue
		}
		b.ask(i, "omission", Finding{Do: "Peel the " + it.name, Message: "The process was tested on peeled food.", Remedy: "Take the skin off.", Edits: prepare(i, "peeled", "unpeeled")})
	}
}

func soaking(b *bench) {
	if b.proc == nil || !b.proc.Requires("soaked") {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if !it.is("dry-bean") || it.came("canned") || it.src != nil && it.src.Package != nil {
			continue
		}
		dry := b.soup() && it.src != nil && saidDry.MatchString(it.src.Text) && !it.done("soaked", "cooked") && !b.did("soak")
		switch {
		case it.done("unsoaked") || b.did("no-soak") || dry:
			b.ask(i, "dry-legume-unsoaked", Finding{Edits: append(prepare(i, "soaked", "unsoaked"), dropActs("no-soak"))})
		case it.done("soaked", "cooked") || b.did("soak"):
		default:
			b.care(i, "dry-legume-unsoaked", Finding{Message: "The recipe does not say so; beans that go in dry make a plug that heat does not get through."})
		}
	}
}

// saidDry are beans of a soup as they come from the bag.
var saidDry = pattern.MustCompile(`(?i)\b(?:dry|dried|uncooked)\b`)

// minces reports a food that the tested recipe takes minced, and a sentence that minces it.
func (b *bench) minces(st *step) bool {
	return b.proc != nil && strings.Contains(strings.ToLower(b.proc.Title), "minced") &&
		st.count("puree") == 1 && minced.MatchString(st.Text)
}

var minced = pattern.MustCompile(`(?i)\b(?:grind|mince)\w*\b[^.;]*\b(?:grinder|mincer|food processor)\b`)

func pieces(b *bench) {
	if b.proc == nil {
		return
	}
	for i := range b.items {
		it := &b.items[i]
		if !it.serving && it.done("fried") && it.is("allium", "capsicum", "hot-pepper") && (b.proc.Product == "salsa" || b.proc.Product == "relish" || b.proc.Product == "pickle") {
			b.ask(i, "fat", Finding{Do: "Do not fry the " + it.name, Message: "Frying brings fat into the jar, and fat shields what it coats from acid and heat.", Remedy: "Use them raw, as tested.", Edits: undo(i, "fried")})
			continue
		}
		if it.serving || it.ref == nil || it.is("garlic", "dry-seasoning", "herb", "zest", "fresh-aromatic", "dairy", "nut", "coconut", "hot-pepper", "allium") || b.soft() {
			continue
		}
		solid := b.role(i) == procedure.Main || b.role(i) == procedure.LowAcid || b.soup() && b.role(i) != procedure.Liquid
		switch {
		case !solid:
		case b.proc.Requires("grated") && it.done("grated", "shredded"):
		case it.done("grated", "shredded") && !it.is("cabbage-family") && !it.done("cooked"):
			b.ask(i, "piece-size", Finding{Do: "Cut the " + it.name + " in pieces", Message: "Grated food packs solid and stops the liquid from moving.", Edits: undo(i, "grated", "shredded")})
		case it.done("beaten", "toasted") && !it.is("egg"):
			b.ask(i, "piece-size", Finding{Do: "Keep the " + it.name + " in pieces", Message: "No tested procedure treats it so.", Edits: undo(i, "beaten", "toasted")})
		case it.came("smoked", "cured", "dried", "salted") && b.strangeState(it):
			b.ask(i, "substitution", Finding{Do: "Use fresh " + it.name, Message: "Dried, smoked, salted or cured food is denser, saltier or fatter than the fresh food that was tested.", Remedy: "Use it fresh; add the other when you open the jar.", Source: b.proc.Citation(),
				Edits: fresh(i)})
		case it.done("roasted", "fried") && !it.is("red-meat", "poultry") && !it.is("capsicum"):
			b.ask(i, "piece-size", Finding{Do: "Do not roast the " + it.name, Message: "Roasted vegetables are drier and denser than the fresh ones that were tested.", Remedy: "Use them fresh; roast when you open the jar.", Edits: undo(i, "roasted", "fried")})
		case it.done("ground") && (it.is("dry-bean", "root", "snap-bean", "corn", "pea") || it.is("tomato") && b.proc.Product == "plain" && !b.proc.Requires("crushed") && !b.proc.Requires("pureed")):
			b.ask(i, "piece-size", Finding{Do: "Keep the " + it.name + " whole", Message: "Ground food packs solid and stops the liquid from moving.", Edits: undo(i, "ground")})
		case it.done("crushed") && b.role(i) == procedure.Main && !b.soup() && it.ref.ID != "canned-tomato":
			b.ask(i, "piece-size", Finding{Do: "Keep the " + it.name + " in pieces", Edits: undo(i, "crushed")})
		case it.came("overripe"):
			b.ask(i, "piece-size", Finding{Do: "Use sound, ripe " + it.name, Message: "Overripe, mouldy or frost-killed produce is less acid and carries more germs.", Remedy: "Freeze or eat what is overripe.", Edits: fresh(i)})
		}
	}
	if b.proc.Requires("crushed") && b.proc.Class == "tomato" && b.main >= 0 && !b.crushed() && b.role(b.main) == procedure.Main {
		b.care(b.main, "piece-size", Finding{Do: "Crush the " + b.items[b.main].name, Message: "The time is for crushed food, hot; whole or halved it takes another process.", Remedy: "Crush and heat them first, or choose the procedure for whole ones.", Source: b.proc.Citation()})
	}
	if b.proc.Requires("crushed") && b.proc.Class == "tomato" && b.proc.Product == "plain" && (b.waterOver() || b.pack.Value == "raw") {
		b.report(Finding{Code: "pack-style", Severity: Amend, Do: "Crushed tomatoes go in hot, in their own juice", Message: "The time for crushed tomatoes is for a hot pack without added liquid.", Remedy: "Leave the water out and boil them 5 minutes first, or leave them whole.", Source: b.proc.Citation(),
			Edits: append(follow("hot"), Edit{Op: Restate, Not: []string{itsPack}, To: "hot"})})
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving {
			continue
		}
		if st.did("roast") && !b.proc.Requires("baked") && !st.did("blister") && !b.steps[s].jars() && !b.meatOnly(s) && (b.main < 0 || !b.items[b.main].looks("poultry", "red-meat", "bone-in-poultry", "ground-meat")) {
			b.step(s, "roast", "piece-size", Amend, Finding{Do: "Do not roast it first", Message: "Roasted food is drier and denser than the fresh food that was tested.", Remedy: "Use it fresh; roast when you open the jar."})
		}
		if st.did("crush") && !b.soft() && !b.finelyCut() && !b.seasoningOnly(s) {
			b.step(s, "crush", "piece-size", Amend, Finding{Do: "Do not crush it", Message: "Crushed food heats differently from the pieces that were tested."})
		}
		if b.grinds(s) {
			b.step(s, "grind", "piece-size", Amend, Finding{Do: "Leave it in pieces", Message: "Ground or grated food packs solid; the time was tested with pieces.", Source: b.proc.Citation()})
		}
		if st.did("dead-vine") && !containsAny(st.Text, "discard", "avoid", "not ", "n't", "never", "remove", "ort out", "ick out", "hrow out", "hrow away", "oss out", "ut out") {
			b.step(s, "dead-vine", "piece-size", Amend, Finding{Do: "Use sound produce", Message: "Overripe, mouldy or frost-killed produce is less acid and carries more germs.", Remedy: "Freeze or eat what is overripe; throw away what is mouldy."})
		}
	}
}

var (
	// driedFood is a food without its water, driedOff one that was only wet.
	driedFood = pattern.MustCompile(`(?i)\bdried\b|\bdehydrated\b`)
	driedOff  = pattern.MustCompile(`(?i)\b(?:wash|rins|wip|pat|drain|clean|scrubb|dipp)\w*,? (?:and |then |well )*dried\b|\bdried (?:off|well|on|with|in a)\b|\bwell dried\b|\btowel`)
)

// strangeState reports a food that came dried, smoked or cured where the procedure has it fresh.
func (b *bench) strangeState(it *item) bool {
	if it.ref.Kind == "spice" || it.is("dry-bean", "mushy-legume", "herb", "dry-seasoning", "cured-meat", "smoked-fish") {
		return false
	}
	if it.came("smoked", "cured") || it.came("salted") && it.is(keptInSalt...) {
		return true
	}
	return it.src != nil && driedFood.MatchString(it.src.Text) && !driedOff.MatchString(it.src.Text)
}

// keptInSalt are groups of food that are kept in salt, raw; of a pickle it is how it is made.
var keptInSalt = []string{
	"red-meat", "poultry", "bone-in-poultry", "ground-meat", "seafood", "snap-bean", "corn", "pea", "root",
}

// waterOver reports whether water is poured over the food in the jar.
func (b *bench) waterOver() bool {
	if b.added["hot"] {
		return false
	}
	return slices.ContainsFunc(b.steps, func(s step) bool {
		return !s.Serving && containsAny(s.Text, "cover with boiling water", "cover with hot water", "boiling water over", "hot water over", "hot water to cover", "boiling water to cover", "water to cover", "top up with boiling water") && !containsAny(s.Text, "canner", "over the lids", "over the jars", "no water", "without")
	})
}

// finelyCut reports whether the procedure by its own title takes the food minced.
func (b *bench) finelyCut() bool {
	return b.proc != nil && titleHas(foldTitle(b.proc.Title), "minced", "ground", "crushed")
}

// onlyOf reports whether every food of the sentence is of the group, or water or
// salt.
func (b *bench) onlyOf(s int, group string) bool {
	for _, m := range b.steps[s].Foods {
		if !m.Food.In(group, "water", "salt") {
			return false
		}
	}
	return len(b.steps[s].Foods) > 0
}

// onlyBefore reports whether nothing but food of the group has been named until the
// end of the sentence: what is put through the mill before the rest comes in.
func (b *bench) onlyBefore(s int, group string) bool {
	found := false
	for k := 0; k <= s; k++ {
		for _, m := range b.steps[k].Foods {
			if b.steps[k].Serving || m.Serving {
				continue
			}
			if !m.Food.In(group, "water", "salt") {
				return false
			}
			found = true
		}
	}
	return found
}

// crushed reports whether the recipe says that the food is crushed.
func (b *bench) crushed() bool {
	if b.main >= 0 && b.items[b.main].ref.In("fruit-juice", "tomato-juice") {
		return true // it was, to give its juice
	}
	return titleHas(b.folded, "crushed", "stewed", "smashed") || b.did("crush", "puree") || b.main >= 0 && b.items[b.main].done("crushed", "mashed", "chopped", "diced", "cut", "quartered")
}

// meatOnly reports whether the sentence names meat, poultry or peppers and no
// other food.
func (b *bench) meatOnly(s int) bool {
	for _, m := range b.steps[s].Foods {
		if !m.Food.In("red-meat", "poultry", "ground-meat", "capsicum", "bone-in-poultry", "water", "broth", "salt") {
			return false
		}
	}
	return len(b.steps[s].Foods) > 0
}

// grinds reports whether the sentence minces or grates what the procedure takes in pieces.
func (b *bench) grinds(s int) bool {
	return slices.ContainsFunc(b.steps[s].Clauses, grindsIn) && !b.mayGrind(s)
}

// grindsIn reports whether the clause grinds something.
func grindsIn(c method.Clause) bool {
	return c.Kind == method.Doing && !c.Negated && slices.ContainsFunc(c.Acts, func(a method.Act) bool {
		return !a.Undone && (a.Name == "grind" || a.Name == "grate") && grinding.MatchString(a.Verb)
	})
}

// mayGrind reports whether what the sentence grinds is so in the procedure, or no piece of food.
func (b *bench) mayGrind(s int) bool {
	plain := b.proc.Product == "plain" || b.proc.General
	ground := b.proc.Requires("grated") || b.finelyCut() || b.soft()
	return !plain || ground || slices.Contains(b.steps[s].dropped, "grind") ||
		b.only(s, "allium", "capsicum", "dry-seasoning", "herb") || b.main >= 0 && b.items[b.main].is("ground-meat")
}

// grinding are the verbs that say so by themselves.
var grinding = pattern.MustCompile(`^(grind|ground|minc|grat|shred)`)

func (b *bench) seasoningOnly(s int) bool { return b.only(s, "garlic", "dry-seasoning", "herb") }

// only reports whether the sentence names foods, and none outside the groups.
func (b *bench) only(s int, groups ...string) bool {
	for _, m := range b.steps[s].Foods {
		if !m.Food.In(groups...) {
			return false
		}
	}
	return len(b.steps[s].Foods) > 0
}

// rinsedThrice reports whether what was soaked in lime is drained, rinsed and soaked in fresh
// water three times (USDA Complete Guide 2015, guide 6, suggestions for firmness; from memory).
func (b *bench) rinsedThrice() bool {
	rinsed := -4 // the sentence that last rinsed or soaked in fresh water
	for i := range b.steps {
		st := &b.steps[i]
		if st.Serving || st.gone || slices.ContainsFunc(st.Clauses, func(c method.Clause) bool { return c.Negated }) {
			continue
		}
		if limeOff.MatchString(st.Text) {
			rinsed = i
		}
		if i-rinsed < 4 && threeTimes.MatchString(st.Text) {
			return true // "Rinse, soak an hour in fresh water. Drain. Repeat twice more."
		}
	}
	return false
}

var (
	limeOff    = pattern.MustCompile(`(?i)\b(rins\w*|fresh (cold )?water|soak again)\b`)
	threeTimes = pattern.MustCompile(`(?i)\b(three (times|soaks|rinses|changes|waters)|3 (times|soaks|rinses|changes|x)|3x|twice more|two more( times)?|2 more times|two times more|thrice)\b`)
)

// rinsing asks for the rinses after a soak in lime.
func (b *bench) rinsing(i int) {
	if b.proc.Requires("rinsed") && b.rinsedThrice() || b.added["rinse"] {
		b.permit(i, asTested("rinsed out"))
		return
	}
	b.ask(i, "base-added", Finding{Do: "Rinse the lime out", Message: "Pickling lime is strongly alkaline; left in the food it undoes the vinegar.",
		Remedy: "Drain, rinse and soak 1 hour in fresh water, three times over.", Source: "USDA Complete Guide 2015, guide 6, firming agents", Edits: follow("rinse")})
}

func reducing(b *bench) {
	spread := b.proc != nil && b.proc.Product == "spread"
	tested := b.proc != nil && b.proc.Requires("reduced")
	jam := b.proc != nil && b.proc.Product == "jam"
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || spread {
			continue
		}
		for _, tag := range []string{"reduce", "mounds"} {
			if st.did(tag) && !(jam && tag == "mounds") && !(tested && !containsAny(st.Text, "very thick", "paste")) {
				b.step(s, tag, "thick-sauce", Amend, Finding{})
			}
		}
	}
}

// mashes reports whether the verb crushes by hand, and does not blend.
func mashes(verb string) bool {
	verb = strings.ToLower(verb)
	for _, v := range []string{"mash", "smash", "crush", "squash", "squish", "bash"} {
		if strings.HasPrefix(verb, v) {
			return true
		}
	}
	return false
}
