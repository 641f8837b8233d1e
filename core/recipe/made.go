package recipe

import (
	"strings"

	"damson/core/pattern"
)

// Signs that jars exist already: when they were made, where they are or how they look,
// and that somebody asks about them.
var (
	madeWhen = pattern.MustCompile(`(?i)\b(last (week|weekend|month|year|night|summer|fall|autumn|winter|spring|january|february|march|april|may|june|july|august|september|october|november|december|(mon|tues|wednes|thurs|fri|satur|sun)day)|yesterday|today|just now|this (morning|afternoon|evening|week)|the other (day|week)|(\d+|an?|one|two|three|four|five|six|a (few|couple of)|several) (hours?|days?|weeks?|months?|years?) (ago|back)|since (january|february|march|april|may|june|july|august|september|october|november|december|(mon|tues|wednes|thurs|fri|satur|sun)day|last))\b`)
	madeDone = pattern.MustCompile(`(?i)\b(i|we|he|she|mum|mom|my \w+)('ve| have|'d)? (just |already |all )*(canned|bottled|jarred|processed|did|put up|made|sealed|boiled|baked|water[- ]bathed|pressure[- ]canned|slid|left)\b|\bput up\b`)
	madeHere = pattern.MustCompile(`(?i)\b(they|lids?|jars|all( of them)?|every one|it)( are| is| have|'re|'ve)? ?(all |both |now )*(ping(ed)?|popped|sealed|clicked|(are |is |went )?down( tight)?|tight)\b|\b(are|is|sit|sitting|stand|standing|sat|yet|now|stored) (all )?(down )?(in|on) (the|my|our) (pantry|cellar|basement|shelf|shelves|larder|cupboard|root cellar)\b|\b(i|we)('ve|'ve got| have| got)( still| got)? (about )?(\d+|a dozen|two dozen|six|seven|eight|nine|ten|twelve|fourteen) (quarts|pints|jars)\b|\b(have|been|'ve been) eating (them|it|from)\b|\bin the (pantry|cellar|basement|larder) (yet|still|now)\b`)
	madeAsks = pattern.MustCompile(`(?i)\b(safe|ok|okay|all right|alright|fine|good|keep|eat|open|serve|throw|toss|label|sell|give)\b[^.!?]*\?`)
)

// made finds the line that says that jars of this recipe exist already, 0 where none
// does: two of the three signs, and never a question of what to do.
func made(rec *Recipe) int {
	when, here := saidIn(rec, madeWhen), saidIn(rec, madeHere)
	if when == 0 && here == 0 {
		return 0
	}
	did, asks := saidIn(rec, madeDone), saidIn(rec, madeAsks)
	switch {
	case here > 0 && (asks > 0 || when > 0 && did > 0):
		return here
	case when > 0 && did > 0 && asks > 0:
		return when
	}
	return 0
}

// saidIn returns the line of the first sentence, or else of the first line that is
// none of an ingredient, in which the words stand; 0 where they do not.
func saidIn(rec *Recipe, what *pattern.Pattern) int {
	for _, st := range rec.Steps {
		if what.MatchString(strings.ReplaceAll(st.Text, "’", "'")) {
			return st.No
		}
	}
	for _, l := range rec.Lines {
		if l.Kind != Ingredient && what.MatchString(strings.ReplaceAll(l.Text, "’", "'")) {
			return l.No
		}
	}
	return 0
}
