package recipe

import (
	"regexp"

	"damson/core/english"
	"damson/core/pattern"
)

// BathMinutes returns the longest time that stands with a water bath or a steam canner itself, where
// the text may name another way beside it: "10 minutes in a water bath or 25 in a pressure
// canner". Nil where none does.
func (rec *Recipe) BathMinutes() *SaidMinutes {
	var longest *SaidMinutes
	for _, st := range rec.Steps {
		if st.Serving || st.Talk {
			continue
		}
		for _, part := range orElse.Split(st.Text, -1) {
			if !inBath.MatchString(part) || inPressure.MatchString(part) {
				continue
			}
			for _, m := range english.MeasuresOf(part) {
				if m.Kind == english.Duration && (longest == nil || m.Max > longest.Minutes) {
					longest = &SaidMinutes{Minutes: m.Max, Line: st.No}
				}
			}
		}
	}
	return longest
}

var (
	orElse     = regexp.MustCompile(`(?i)\bor\b|;|\. `)
	inBath     = pattern.MustCompile(`(?i)\b(water[- ]?bath|boiling[- ]water (?:bath|canner)|steam canner)\b`)
	inPressure = pattern.MustCompile(`(?i)\b(pressure|psi|pounds|lbs?)\b`)
)
