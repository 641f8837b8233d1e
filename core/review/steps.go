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
		if st.Serving || st.gone || len(st.Unread) == 0 {
			continue
		}
		var unknown []string
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
