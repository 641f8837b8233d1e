package recipe

import (
	"slices"
	"strings"

	"damson/core/method"
	"damson/core/pattern"
)

// A food processor makes a mass of food, or only cuts it: "chop the onions in a food
// processor, with short pulses". Who says more of it than that is taken at the worst.
var (
	cutInOne = pattern.MustCompile(`(?i)\b(?:chop|slice|shred|dice|cut)(?:s|ped|d|ped)?\b[^,;.]*\b(?:in|with` +
		`|using|by) (?:(?:a|an|the|your|my) )?food processor|\bpulse\b[^,;.]*\b(?:coarsely|coarse|chopped|chunky)\b`)
	ground = pattern.MustCompile(`(?i)\b(?:smooth|fine|finely|paste|mush|pulp|pur[eé]e[ds]?|blend|blended` +
		`|blender|nothing|soup|sauce|liquid|creamy|lumps?|all one|high|full speed)\b`)
	runsOn = pattern.MustCompile(`(?i)\b(?:sec|secs|seconds?|mins?|minutes?|run|runs|running|going|go|goes` +
		`|whirl|whirls|whizz?|blitz|longer|again|until|till)\b`)
	inPulses = pattern.MustCompile(`(?i)\bpuls(?:e|es|ing)\b`)
	// asMeasure is how much it holds: "six pulses a food processor batch".
	asMeasure = pattern.MustCompile(`(?i)^food processor (?:batch|load|bowl|bowlful)\b`)
	// denies is what is said not to be done to it, as far as that goes.
	denies = pattern.MustCompile(`(?i)\b(?:don['’]?t|do not|never|not)\b[^.,;]*`)
)

// settleSteps looks at the steps once more when all of them are read.
func settleSteps(steps []*Step) {
	settleServing(steps)
	onlyCut(steps)
}

// onlyCut takes the mass off the steps in which a food processor only cuts.
func onlyCut(steps []*Step) {
	for i, st := range steps {
		st.Acts = slices.DeleteFunc(st.Acts, func(a Act) bool {
			if a.Tag != "puree" || !strings.HasSuffix(strings.ToLower(a.Text), "processor") || groundFine(st.Text) {
				return false
			}
			return (cutsIn(st, a) || asMeasure.MatchString(st.Text[a.At:])) && !(i+1 < len(steps) && carriesOn(steps[i+1]))
		})
	}
}

// cutsIn reports whether the clause of the act cuts in the machine.
func cutsIn(st *Step, a Act) bool {
	return slices.ContainsFunc(st.Clauses, func(c method.Clause) bool {
		return a.At >= c.Start && a.At < c.End && c.Does("cut") && cutInOne.MatchString(c.Text)
	})
}

// groundFine reports whether the sentence makes more of it than pieces.
func groundFine(text string) bool {
	text = denies.ReplaceAllString(text, "")
	return ground.MatchString(text) || runsOn.MatchString(text) && !inPulses.MatchString(text)
}

// carriesOn reports whether the sentence goes on with the machine: "Run it a full minute.",
// "Ten seconds."
func carriesOn(next *Step) bool {
	text := denies.ReplaceAllString(next.Text, "")
	acts := slices.ContainsFunc(next.Clauses, func(c method.Clause) bool { return len(c.Acts) > 0 })
	return !acts && len(next.Foods) == 0 && (runsOn.MatchString(text) || ground.MatchString(text))
}
