package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
)

// heat is a time for which the food is heated before it is filled: the step, the bytes of
// the time in its text, and the least of its minutes.
type heat struct {
	step, start, end int
	minutes          float64
	// found is true where the method gives a time, tender where it says how it must be, and
	// filled where it fills jars at all.
	found, tender, filled bool
	need                  procedure.Requirement
}

// heatedShort reports food that is heated for less than the procedure has it, before it is
// filled: its hot pack was tested boiled through.
func (b *bench) heatedShort() {
	if _, cold := b.filledCold(); cold || b.added["hot"] {
		return // it is asked for as a whole
	}
	h, short := b.shortHeat()
	if h.need.Minutes > 0 && !h.found && b.stated() && h.filled && !h.tender {
		b.report(Finding{Code: "pack-style", Severity: Care, Do: "Heat it " + quantity.Number(h.need.Minutes) + " minutes first", Message: "The method does not say for how long it is heated before it is filled.", Remedy: h.need.Text, Source: b.proc.Citation()})
	}
	if !short {
		return
	}
	want := quantity.Number(h.need.Minutes)
	b.report(Finding{Code: "pack-style", Severity: Amend, Line: at(b.steps[h.step].No), Do: "Heat it " + want + " minutes first",
		Message: sprint("The recipe heats it %s minutes before it is filled; %s minutes were tested.", quantity.Number(h.minutes), want),
		Remedy:  h.need.Text, Source: b.proc.Citation(), Edits: follow("boil")})
}

// shortHeat returns the longest time for which the food is heated before it is filled, where
// it is shorter than the procedure's.
func (b *bench) shortHeat() (heat, bool) {
	if b.proc == nil || b.added["boil"] {
		return heat{}, false
	}
	i := slices.IndexFunc(b.proc.Needs, func(r procedure.Requirement) bool { return r.Minutes > 0 })
	if i < 0 || b.main < 0 || b.items[b.main].ref == nil {
		return heat{}, false
	}
	best := heat{need: b.proc.Needs[i]}
	before, filled := b.beforeFilling()
	best.filled = filled
	on, hot := pot{b: b}, false
	for _, t := range before {
		heats := on.heats(t)
		if hot = heats || hot && !heatWords.MatchString(t.c.Text); !hot || b.standsOrPeels(t) {
			continue // "boil in fresh water; ten minutes" is one heat
		}
		best.tender = best.tender || untilDone.MatchString(t.c.Text)
		tokens := words.Split(t.c.Text)
		for _, m := range english.MeasuresOf(t.c.Text) {
			if m.Kind != english.Duration || best.found && m.Min <= best.minutes {
				continue
			}
			best.found, best.step, best.minutes = true, t.s, m.Min
			best.start, best.end = t.c.Start+tokens[m.Start].Start, t.c.Start+tokens[m.End-1].End
		}
	}
	return best, best.found && best.minutes < best.need.Minutes
}

// standsOrPeels reports a clause whose time is not one of heat: the food stands, or loses its
// skin.
func (b *bench) standsOrPeels(t told) bool {
	clause := strings.ReplaceAll(t.c.Text, "soaked ", "") // "boil the soaked beans"
	return standsOnly.MatchString(clause) || skinning.MatchString(strings.ToLower(b.steps[t.s].Text))
}

var (
	untilDone  = pattern.MustCompile(`(?i)\b(un)?till? (\pL+ ){0,3}(tender|soft|done|wilted|cooked|limp)\b`)
	standsOnly = pattern.MustCompile(`(?i)\b(soak\w*|stand\w*|rest\w*|sit|sits|steep\w*|cool\w*|chill\w*|overnight|ice|dip\w*|plung\w*|ahead|earlier)\b`)
	skinning   = pattern.MustCompile(`\b(skins?|peels?|slip\w*|wash\w*)\b`)
)
