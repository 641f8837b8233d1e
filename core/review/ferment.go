package review

import (
	"regexp"

	"damson/core/english"
	"damson/core/words"
)

// fermentDays is the shortest time in days after which a ferment may be sour enough to be
// canned; the tested ones take 3 to 6 weeks (USDA Complete Guide 2015, guide 6; from memory).
const fermentDays = 14

// fermented asks for the ferment of what has only its own acid: cabbage that was salted and
// not left to turn sour is a low-acid vegetable in a water bath.
func fermented(b *bench) {
	if b.proc == nil || !b.proc.Requires("fermented") || b.added["ferment"] || len(b.steps) == 0 {
		return
	}
	longest, line, done := 0.0, 0, false
	for i := range b.steps {
		st := &b.steps[i]
		if st.Serving || st.gone {
			continue
		}
		done = done || turnsSour.MatchString(st.Text)
		for _, m := range english.Measures(words.Split(st.Text)) {
			if m.Kind == english.Duration && m.Max >= 8*60 && m.Max > longest && m.Max < 365*24*60 && !kept.MatchString(st.Text) {
				longest, line = m.Max, st.No
			}
		}
	}
	for _, l := range b.req.Recipe.Lines {
		done = done || turnsSour.MatchString(l.Text)
	}
	days := longest / (24 * 60)
	long := func(d *draft) { d.added["ferment"] = true }
	switch {
	case days >= fermentDays || done && longest == 0:
	case longest > 0:
		b.report(Finding{Code: "acid-short", Severity: Change, Line: at(line), Do: "Three weeks, not " + said(days, "") + " days", Message: "A ferment turns sour in 3 to 6 weeks; canned before, it is a low-acid vegetable in a water bath.", Remedy: "Let it ferment until it is done, then can it.", Source: b.proc.Citation(), edit: long})
	default:
		b.report(Finding{Code: "no-acid-added", Severity: Change, Do: "Let it ferment first", Message: "Only the acid of the ferment makes this safe in a water bath, and the method does not tell of any.", Remedy: "Ferment it 3 to 6 weeks under brine, then can it.", Source: b.proc.Citation(), edit: long})
	}
}

var (
	// turnsSour is a ferment told without its time.
	turnsSour = regexp.MustCompile(`(?i)\b(ferment(s|ed|ing|ation)?|sours?|soured|bubbl(e|es|ing)|weeks?|months?|until it is (done|sour|ready)|fully sour)\b`)
	// kept is how long a jar keeps, which is no ferment.
	kept = regexp.MustCompile(`(?i)\b(keeps? (for|a|one|until|till)|stores? for|after opening|use (it |them )?within|shelf life)\b`)
)
