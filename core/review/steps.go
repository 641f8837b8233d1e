package review

import (
	"slices"
	"strings"

	"damson/core/words"
)

// step files a finding about a sentence and offers to drop the act.
func (b *bench) step(s int, tag, code, severity string, f Finding) {
	st := &b.steps[s]
	f.Code, f.Severity, f.Line = code, severity, at(st.No)
	if f.Ingredient == "" {
		f.Ingredient = st.actText(tag)
	}
	if f.edit == nil && severity == Change {
		f.edit = func(d *draft) { d.steps[s].dropped = append(d.steps[s].dropped, tag) }
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
		unknown := b.strangers(st)
		for _, w := range st.Unread {
			if !b.knownHere(w) {
				unknown = append(unknown, w)
			}
		}
		if len(unknown) == 0 {
			continue
		}
		what := strings.Join(unknown, " ")
		b.report(Finding{Code: "unknown-ingredient", Severity: Change, Line: at(st.No), Ingredient: what, Do: "What is “" + what + "”?",
			Message: "Damson does not know this word, so it cannot tell what the sentence does to the jar.", Remedy: "Say it in other words, or take the sentence out.",
			edit: func(d *draft) { d.steps[s].gone = true }})
	}
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
	if b.strained && !st.putsBack() {
		return nil // what is thrown away is in no jar
	}
	for _, g := range st.Generics {
		groups, isClass := classes[g]
		known := !isClass
		for i := range b.items {
			it := &b.items[i]
			known = known || g == "fruit" && it.is("fruit-juice") || groups != nil && (it.ref.In(groups...) || it.head.In(groups...)) || groups == nil && !it.is(notMain...)
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

func foldTitle(s string) string { return words.FoldPhrase(s) }

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
