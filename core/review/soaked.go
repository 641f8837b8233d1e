package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
)

// limeSoak reports water that pickling lime of the recipe is stirred into for a soak, which
// is poured off again; the juice of limes is another thing.
func (d *draft) limeSoak(text string) bool {
	lime := slices.ContainsFunc(d.items, func(it item) bool { return it.ref != nil && it.ref.ID == "pickling-lime" })
	return lime && strings.Contains(text, "lime") && containsAny(text, "mix", "dissolve", "soak", "stir") &&
		!containsAny(text, "lime juice", "juice of", "vinegar", "brine")
}

// saltSoak reports step i, which makes a brine of salt and water that is poured off again
// before the vinegar comes: "add the salt to 2 quarts water", "drain salt water and discard".
func (d *draft) saltSoak(i int) bool {
	for _, m := range d.steps[i].Foods {
		if !m.Food.In("water", "salt") {
			return false
		}
	}
	if !d.steps[i].names("salt") {
		return false
	}
	lain := false // what lay in it: else it is none of its water that is drained
	for k := i + 1; k < len(d.steps); k++ {
		switch st := &d.steps[k]; {
		case st.names("vinegar") || st.names("bottled-citrus"):
			return false
		case usedAgain.MatchString(st.Text):
			return false
		case lain && drainsOff.MatchString(st.Text):
			return !slices.ContainsFunc(d.steps[k+1:], func(st step) bool { return usedAgain.MatchString(st.Text) })
		default:
			lain = lain || liesIn.MatchString(st.Text)
		}
	}
	return false
}

// usedAgain keeps the brine, or heats it for the jars.
var usedAgain = pattern.MustCompile(`(?i)\b(?:boil|heat|reheat|keep|save|reserve|use|add|with` +
	`|to)\w*\b[^.;]*\b(?:the|that|this` +
	`|same|salt) (?:salt(?:ed)? )?(?:brine|water)\b`)

// liesIn puts food into what was made.
var liesIn = pattern.MustCompile(`(?i)\b(?:pour\w* over|cover\w*|soak\w*|stand|hours|days|overnight)\b`)

// drainsOff is brine that goes down the sink.
var drainsOff = pattern.MustCompile(`(?i)\b(drain|drained|pour off|strain off)\b[^.;]*\b(discard|rinse|throw` +
	`|fresh)\w*\b`)

// soaks reports whether the words hold a time in which things soak, and nothing cooks or is
// filled.
func soaks(text string) bool {
	return lies.MatchString(text) && !cooksOrFills.MatchString(text) &&
		slices.ContainsFunc(english.MeasuresOf(text),
			func(m english.Measure) bool { return m.Kind == english.Duration && m.Min >= 180 })
}

var (
	lies         = pattern.MustCompile(`(?i)\b(soak\w*|lime|salt|overnight|in it|lie|lies|stands?|sits?)\b`)
	cooksOrFills = pattern.MustCompile(`(?i)\b(boil\w*|simmer\w*|cook\w*|pour\w*|add|adds|jars?|pints?|quarts?` +
		`|vinegar|brine)\b`)
)
