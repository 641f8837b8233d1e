package review

import (
	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/recipe"
)

const (
	// fermentDays is the shortest tested ferment: 3 to 4 weeks at 70 to 75 °F, 5 to 6 weeks
	// in the cold (USDA Complete Guide 2015, guide 6, sauerkraut and dill pickles; from memory).
	fermentDays = 21
	// saltingDays is how long cabbage may lie in salt without that being called its ferment
	// (common practice, no source).
	saltingDays = 2
)

// fermented asks for the ferment of what has only its own acid: cabbage that was salted and
// not left to turn sour is a low-acid vegetable in a water bath. Of a range of weeks the
// shorter end counts, and nothing does that is said behind the filling of the jars.
func fermented(b *bench) {
	if b.proc == nil || !b.proc.Requires("fermented") || b.added["ferment"] || len(b.steps) == 0 {
		return
	}
	longest, line, sour := 0.0, 0, false
	for t := range b.course {
		if t.filled || t.c.Negated || t.c.Kind == method.Serve || t.c.Kind == method.Talk && !t.c.Untouched() {
			continue
		}
		sour = sour || turnsSour.MatchString(t.c.Text)
		for _, m := range english.MeasuresOf(t.c.Text) {
			if days := m.Min / (24 * 60); m.Kind == english.Duration && days > saltingDays && days > longest {
				longest, line = days, b.steps[t.s].No
			}
		}
	}
	for _, l := range b.req.Recipe.Lines {
		sour = sour || l.Kind == recipe.Ingredient && turnsSour.MatchString(l.Text)
	}
	long := follow("ferment")
	switch {
	case longest >= fermentDays || sour && longest == 0:
	case longest > 0:
		b.report(Finding{Code: "acid-short", Severity: Amend, Line: at(line), Do: "Three weeks at least, not " + said(longest, "") + " days", Message: "A ferment turns sour in 3 to 6 weeks; canned before, it is a low-acid vegetable in a water bath.", Remedy: "Let it ferment until it is done, then can it.", Source: b.proc.Citation(), Edits: long})
	default:
		b.report(Finding{Code: "no-acid-added", Severity: Amend, Do: "Let it ferment first", Message: "Only the acid of the ferment makes this safe in a water bath, and the method does not tell of any.", Remedy: "Ferment it 3 to 6 weeks under brine, then can it.", Source: b.proc.Citation(), Edits: long})
	}
}

// turnsSour is a ferment told without its time.
var turnsSour = pattern.MustCompile(`(?i)\b(ferment(s|ed|ing|ation)?|(turns?|fully|till|until) (it is |it's )?sour|soured|(stops?|quits?|done) bubbling|(several|some|many|a few) weeks)\b`)
