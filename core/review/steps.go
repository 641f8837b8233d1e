package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/recipe"
	"damson/core/words"
)

// step files a finding about a sentence and offers to drop the act.
func (b *bench) step(s int, tag, code string, severity Severity, f Finding) {
	st := &b.steps[s]
	f.Code, f.Severity, f.Line = code, severity, at(st.No)
	if f.Ingredient == "" {
		f.Ingredient = st.actText(tag)
	}
	if f.Edits == nil && severity == Amend {
		f.Edits = dropAct(s, tag)
	}
	b.report(f)
}

// says reports whether the sentence holds the words, in lower case.
func (s *step) says(text string) bool { return strings.Contains(strings.ToLower(s.Text), text) }

// jars reports whether the sentence speaks of jars, lids or the canner.
func (s *step) jars() bool {
	for _, w := range []string{"jar", "lid", "canner", "pint", "quart"} {
		if s.says(w) {
			return true
		}
	}
	return false
}

// accountSteps asks about every sentence that holds a word Damson does not
// know. A sentence about the opened jar, or after it, changes nothing.
func (b *bench) accountSteps() {
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || st.gone {
			continue
		}
		clauses := b.asks(s)
		unknown := b.strangers(st)
		for _, w := range st.Unread {
			if !b.knownHere(w) && !askedAbout(clauses, w) {
				unknown = append(unknown, w)
			}
		}
		if bonesIn.MatchString(st.Text) && !b.hasMeat() {
			unknown = append(unknown, "bones")
		}
		if len(unknown) == 0 {
			continue
		}
		what := strings.Join(unknown, " ")
		b.question(Finding{Code: b.codeOf(st, unknown), Line: at(st.No), Ingredient: what, Do: "What is “" + what + "”?",
			Message: "Damson does not know this word, so it cannot tell what the sentence does to the jar.", Remedy: "Say it in other words, or take the sentence out.",
			Edits: dropSentence(s)})
	}
}

// codeOf returns the code that the clause with one of the words points to.
func (b *bench) codeOf(st *step, unknown []string) string {
	for i := range st.Clauses {
		text := st.Clauses[i].Text
		if slices.ContainsFunc(unknown, func(w string) bool { return strings.Contains(text, w) }) {
			return b.hint(text)
		}
	}
	return "unknown-ingredient"
}

// onlyPepper is a sentence of its own, as in "Salt. Pepper."
var onlyPepper = pattern.MustCompile(`(?i)^\W*(black |white |ground )*pepper\W*$`)

// bonesIn are bones that go in: "boil the bones with them".
var bonesIn = pattern.MustCompile(`(?i)\b(boil|simmer|cook|add|put|throw|drop|leave)\w* (in )?(the |some |a few |those |your )?(\pL+ )?bones?\b|\bbones? (in|go in|goes in|with them)\b`)

// hasMeat reports whether meat, fish or stock is in the recipe.
func (b *bench) hasMeat() bool {
	for i := range b.items {
		if b.items[i].is("red-meat", "ground-meat", "poultry", "bone-in-poultry", "seafood", "bone", "cured-meat", "broth") {
			return true
		}
	}
	return false
}

// askedAbout reports whether the word stands in a clause that is asked about: one
// question a sentence.
func askedAbout(clauses []string, word string) bool {
	for _, c := range clauses {
		if strings.Contains(c, word) {
			return true
		}
	}
	return false
}

// families are codes that speak of one thing: where one is reported, the question
// about another of its family is answered.
var families = [][]string{{"no-acid-added", "acid-short", "fresh-citrus", "acid-swap", "acid-diluted"}, {"lid", "jar-type"}, {"fat", "oil-pack"}, {"process-short", "open-kettle", "oven", "method-mismatch", "cooling", "vent", "pressure-low", "cooker-not-canner"}, {"puree", "thick-sauce", "thickener", "squash-mash"}}

// saidAlready reports whether a change that is reported for the line, or for the
// whole recipe, answers the question about the clause: one of the same family, or
// one that marks words of it.
func (b *bench) saidAlready(code, clause string, line int) bool {
	for _, f := range b.findings {
		if f.Code == "variety-myth" && f.Line != nil && *f.Line == line {
			return true
		}
		if f.Severity != Amend || f.Question {
			continue
		}
		if f.Line != nil && *f.Line != line {
			continue
		}
		if f.Line != nil && f.Ingredient != "" && containsAny(clause, strings.ToLower(f.Ingredient)) {
			return true
		}
		if code == "fresh-citrus" && f.Code == "no-acid-added" {
			continue // the juice that is there is what is wrong
		}
		for _, family := range families {
			if slices.Contains(family, code) && slices.Contains(family, f.Code) {
				return true
			}
		}
	}
	return false
}

// listed reports whether the food that the clause is asked about is already to
// be changed on its own line, for the same reason.
func (b *bench) listed(code, clause string) bool {
	return slices.ContainsFunc(b.findings, func(f Finding) bool {
		return f.Code == code && f.Severity == Amend && !f.Question && f.Ingredient != "" && containsAny(clause, strings.ToLower(f.Ingredient))
	})
}

// onlyAdds reports whether the clause does no more than put foods into the pot, one of which
// is to be left out, or was: "add the carrots and barley". That it is like what went wrong
// before is answered on the food's own line.
func (b *bench) onlyAdds(st *step, clause string) bool {
	rest, adds := strings.ToLower(clause), false
	if verb := addsVerb.FindString(rest); verb != "" {
		rest, adds = rest[len(verb):], true
	}
	out := false
	for _, m := range st.Foods {
		rest = strings.Replace(rest, strings.ToLower(m.Text), " ", 1)
		k := b.find(m, len(b.items))
		out = out || k >= 0 && !b.items[k].fromStep && (b.items[k].leftOut || b.leavesOut(k))
	}
	return adds && out && strings.TrimSpace(addsBeside.ReplaceAllString(rest, "")) == ""
}

// leavesOut reports whether a finding takes the item out.
func (b *bench) leavesOut(k int) bool {
	return slices.ContainsFunc(b.findings, func(f Finding) bool {
		return f.Severity == Amend && !f.Question && len(f.Edits) > 0 && f.Line != nil && *f.Line == b.items[k].line && f.Ingredient == b.items[k].name
	})
}

var (
	addsVerb   = pattern.MustCompile(`^\W*(?:(?:then|now|next|and) )*(?:add|put in|stir in|throw in|tip in|mix in|combine|toss in|pour in)\b`)
	addsBeside = pattern.MustCompile(`\b(?:the|a|an|some|your|my|all|and|then|remaining|rest|of)\b|[,.;]`)
)

// smooth reports a spread or the corn that is scraped: both are meant to be a mass.
func (b *bench) smooth() bool { return b.soft() || b.proc.Product == "cream-corn" }

// needless reports whether the step that the code is about is none of the
// procedure's: nobody needs to peel an apricot.
func (b *bench) needless(code, clause string) bool {
	if b.proc == nil {
		return code == "ferments"
	}
	switch code {
	case "unpeeled-root", "tomato-skin":
		return b.unpeeled(clause)
	case "puree":
		return b.proc.Requires("pureed") && b.acidic() && b.kind == b.proc.Product || b.smooth()
	case "thick-sauce":
		return b.proc.Requires("reduced")
	case "solids-ratio":
		return !b.soup()
	case "trim":
		return !slices.ContainsFunc(b.items, func(it item) bool {
			return it.is("red-meat", "ground-meat", "poultry", "bone-in-poultry", "bone", "broth", "cucumber")
		})
	case "bones":
		return b.main >= 0 && b.items[b.main].is("bone-in-poultry") && b.proc.Has(procedure.Filter{Method: procedure.Pressure})
	case "standing": // in its sugar, its brine or its soaking water
		return b.proc.Acidity != "low-acid" || b.proc.Requires("soaked") && !containsAny(clause, "pot", "pan", "stove", "counter", "porch", "step")
	case "ferments":
		return b.proc.Product == "ferment" || b.proc.Class == "fermented" || b.proc.Requires("fermented")
	case "drain":
		return b.proc.Acidity != "acidified" && !b.proc.Requires("soaked")
	case "salt": // in brine it is for the taste; in the crock it keeps the food
		return b.proc.Product != "ferment"
	case "sugar-change":
		return b.proc.Product != "jam"
	case "dry-legume-unsoaked":
		return !b.proc.Requires("soaked")
	case "acid-diluted":
		return b.proc.Acidity != "acidified"
	case "piece-size":
		return b.main < 0 || !b.items[b.main].looks("winter-squash", "sweet-potato", "potato", "root", "red-meat")
	case "low-acid-increase":
		return b.proc.Acidity != "acidified"
	case "low-acid-fruit":
		return b.main < 0 || b.items[b.main].ref == nil || b.items[b.main].ref.ID != "peach" && b.items[b.main].ref.ID != "nectarine" && b.items[b.main].ref.ID != "pear"
	case "canner-water":
		return b.waterFits(clause)
	case "pack-style":
		return b.rawFits(clause)
	case "cured-meat":
		return b.proc.Acidity == "acidified"
	case "no-acid-added", "acid-short":
		return b.proc.Acidity != "acidified" && !b.proc.AcidInJars() && !b.proc.Acidified()
	case "vent":
		return !b.proc.Has(procedure.Filter{Method: procedure.Pressure})
	}
	return false
}

// unpeeled reports whether the food of the clause is canned with its skin; tomatillos are only husked.
func (b *bench) unpeeled(clause string) bool {
	tomatillo := b.main >= 0 && b.items[b.main].is("tomatillo") && containsAny(clause, "tomatillo")
	return tomatillo || !b.proc.Requires("peeled")
}

// rawFits reports whether the procedure takes the food raw, or as the clause has it from the freezer.
func (b *bench) rawFits(clause string) bool {
	if containsAny(clause, "frozen", "freezer", "icebox", "thaw") {
		return !containsAny(clause, "jar", "pack", "fill") && b.takesThawed()
	}
	return !b.soup() && b.proc.Has(procedure.Filter{Pack: "raw"})
}

// takesThawed reports whether the tested recipe takes its food from the freezer.
func (b *bench) takesThawed() bool {
	return slices.ContainsFunc(b.proc.Ingredients, func(in procedure.Ingredient) bool {
		return in.Role == procedure.Main && strings.Contains(in.Name, "thawed")
	})
}

// waterFits reports water in the canner as the process wants it: over the jars of a bath, a few inches under those
// of a pressure canner.
func (b *bench) waterFits(clause string) bool {
	if b.bathMeant() {
		return containsAny(clause, "over", "above", "cover") &&
			!containsAny(clause, "without", "uncover", "not ", "n't", "no water")
	}
	toTheLine := containsAny(clause, "to the line", "to the mark") && !containsAny(clause, "jar", "lid", "shoulder", "neck", "rim")
	return toTheLine || fewInches(clause) || fewQuarts(clause)
}

// bathMeant reports whether water has to cover the jars: a bath is told, or may be meant, since the food is acid
// and neither pressure nor steam is told.
func (b *bench) bathMeant() bool {
	said := func(method string) bool {
		return slices.ContainsFunc(b.methods, func(m recipe.Said[string]) bool { return m.Value == method })
	}
	if said(procedure.WaterBath) {
		return true
	}
	return b.proc.Acidity != "low-acid" && b.psi == nil && !said(procedure.Pressure) && !said(procedure.Steam)
}

// fewInches reports two to four inches of water under the jars, as a pressure canner wants.
func fewInches(clause string) bool {
	if containsAny(clause, "over", "above", "cover") {
		return false
	}
	for _, m := range english.MeasuresOf(clause) {
		if m.Kind == english.Length {
			return m.Min >= 2 && m.Max <= 4
		}
	}
	return false
}

// fewQuarts reports the two to four quarts of water that a pressure canner holds.
func fewQuarts(clause string) bool {
	if containsAny(clause, "over", "above", "cover") {
		return false
	}
	quarts, told := method.WaterQuarts(clause)
	return told && quarts >= 2 && quarts <= 4
}

// sentenceAsks is how many parts of one sentence are asked about for the same reason.
const sentenceAsks = 6

// asks files the clauses that could not be read whole, one question each, and
// returns their words.
func (b *bench) asks(s int) []string {
	st := &b.steps[s]
	var asked []string
	seen := map[string]bool{}
	for _, a := range st.Asks {
		code := a.Code
		if code == "" {
			code = "unknown-ingredient"
		}
		if len(asked) >= sentenceAsks && seen[code] {
			asked = append(asked, a.Text) // the sentence is asked about enough
			continue
		}
		if b.needless(a.Doubt, a.Text) || a.Doubt == "fat" && b.partsTold(a.Text) ||
			b.inStages(a, st) || b.saidAlready(a.Doubt, a.Text, st.No) ||
			b.listed(code, a.Text) || a.Like && b.onlyAdds(st, a.Text) {
			continue
		}
		asked, seen[code] = append(asked, a.Text), true
		b.question(Finding{Code: code, Clause: true, Line: at(st.No), Ingredient: a.Text, Do: "What does “" + a.Text + "” do?",
			Message: "Damson could not read this part whole, and it may change what is in the jar or how it is processed.", Remedy: "Say it in other words, or take it out.",
			Edits: b.dropsQuestion(s)})
	}
	return asked
}

// knownHere reports whether the word belongs to an ingredient that is accounted
// for under its own line.
func (b *bench) knownHere(w string) bool {
	w = words.Fold(w)
	for i := range b.items {
		if !b.items[i].fromStep && slices.Contains(strings.Fields(b.items[i].name), w) {
			return true
		}
	}
	return false
}

// classes are the groups that a food named by class only may be.
var classes = map[string][]string{
	"bean":      {"snap-bean", "dry-bean", "lima", "mushy-legume"},
	"pea":       {"dry-bean"}, // "dried beans or peas"
	"pepper":    {"capsicum", "dry-seasoning"},
	"meat":      {"red-meat", "ground-meat", "poultry", "bone-in-poultry", "seafood", "cured-meat"},
	"herb":      {"herb", "dry-seasoning"},
	"berry":     {"berry", "cherry", "grape"},
	"vegetable": nil, "veg": nil, "veggie": nil, "fruit": nil, // any food that is no liquid, acid or seasoning
}

// products are dishes that a sentence may speak of only where the recipe is
// one: "add a cup of salsa" to something else brings in what nobody listed.
var products = []string{"salsa", "jam", "relish", "pickle", "sauce", "stew", "chili", "soup", "chutney", "filling", "spread", "preserve", "base"}

// strangers returns the foods named by class that are none of the recipe's.
func (b *bench) strangers(st *step) []string {
	var out []string
	if b.strained && (!st.putsBack() || containsAny(st.Text, "fall off", "falls off", "fall away", "come off the bone", "comes off the bone")) {
		return nil // what is thrown away is in no jar
	}
	for _, named := range st.Generics {
		g := named.Name
		if g == "pepper" && onlyPepper.MatchString(st.Text) {
			continue // beside the salt it is the ground spice
		}
		groups, isClass := classes[g]
		known := !isClass || g == "meat" && b.strained && offBones.MatchString(st.Text)
		for i := range b.items {
			it := &b.items[i]
			if (g == "fruit" || g == "vegetable" || g == "veg" || g == "veggie") && it.ref != nil && it.ref.Kind != "" {
				known = known || it.ref.Kind == map[string]string{"fruit": "fruit"}[g] || g != "fruit" && (it.ref.Kind == "vegetable" || it.ref.Kind == "legume") || it.is("fruit-juice", "tomato") || g == "fruit" && it.is("berry", "tomato")
				continue
			}
			known = known || g == "meat" && it.ref.In("bone") || groups != nil && (it.ref.In(groups...) || it.head.In(groups...)) || groups == nil && !it.is(notMain...)
		}
		if slices.Contains(products, g) && !titleHas(b.folded, g) && puts(st.Text, g) {
			known = false
		}
		if slices.Contains(products, g) && (!strings.Contains(b.folded+" ", g+" ") || containsAny(st.Text, "jar of "+g, "can of "+g, "bottle of "+g, "cup of "+g, "cups of "+g, "packet of "+g, "package of "+g)) && containsAny(st.Text, "add ", "stir in", "top with", "pour in", "mix in", "with ") && !containsAny(st.Text, "fill", "ladle", "jars", "the jar", "each jar") {
			known = false
		}
		if !known && !slices.Contains(out, g) {
			out = append(out, g)
		}
	}
	return out
}

// offBones is the meat that clung to the bones of a stock, which may go back in.
var offBones = pattern.MustCompile(`(?i)\b(?:return|put|add) (?:the|any|that|this) (?:` + meatBits + `)?meat ` +
	`(?:back )?(?:in|into|to)\b|\bmeat (?:can be|is|may be) (?:\pL+ )?(?:stripped|picked) (?:off|from)\b` +
	`|\bmeat (?:still )?clinging to\b` +
	`|\b(?:pick|strip|pull|save) (?:off )?(?:(?:the|any|all the) (?:` + meatBits + `)?meat|what(?:ever)? meat` +
	`|the meat bits)\b|\b` + meatBits + `meat (?:go|goes) back\b`)

// meatBits is the little that clings to bones.
const meatBits = `(?:little |last |small |tiny )?(?:bits?|scraps?|shreds?|pieces|remains) of (?:the )?`

// puts reports whether the words put some of the product over or into something:
// "pour sauce over it". "The sauce" is the one being made.
func puts(text, product string) bool {
	for _, verb := range []string{"pour ", "add ", "spoon ", "ladle ", "put ", "cover with ", "top with ", "fill up with "} {
		for _, kind := range []string{"", "some ", "a little ", "any "} {
			if containsAny(text, verb+kind+product+" ", verb+kind+product+".") {
				return true
			}
		}
	}
	return false
}

// spelledOut writes what titles shorten.
var spelledOut = strings.NewReplacer(" 'n' ", " and ", " 'n ", " and ", " n' ", " and ", " n ", " and ", " N ", " and ",
	" & ", " and ", " + ", " and ", " w/ ", " with ")

func foldTitle(s string) string {
	folded := words.FoldPhrase(spelledOut.Replace(s))
	folded = oneWord.ReplaceAllString(folded, "$1 $2")
	return strings.TrimSpace(strings.ReplaceAll(" "+folded+" ", " chilli ", " chili "))
}

// oneWord is a product whose name some write as one word: "Applebutter Day".
var oneWord = pattern.MustCompile(`\b(apple|pear|peach|plum|grape|pumpkin|cherry|strawberry|blackberry|raspberry)` +
	`(butter|jam|jelly|juice)\b`)

// titleHas reports whether the folded title holds any of the phrases as whole
// words.
func titleHas(folded string, phrases ...string) bool {
	padded := " " + folded + " "
	for _, p := range phrases {
		if strings.Contains(padded, " "+p+" ") {
			return true
		}
	}
	return false
}
