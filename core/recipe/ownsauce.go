package recipe

import (
	"slices"

	"damson/core/pattern"
)

// ownSauce reads "hot sauce, 1/4 inch" of a recipe that makes a sauce as that sauce, hot, and not as the
// condiment.
func ownSauce(rec *Recipe) {
	if !rec.makesSauce() {
		return
	}
	for _, s := range rec.Steps {
		if !fillsHot.MatchString(s.Text) || dashOf.MatchString(s.Text) {
			continue
		}
		s.Foods = slices.DeleteFunc(s.Foods, func(m Mention) bool { return m.Food.ID == "hot-sauce" })
	}
}

// makesSauce reports a recipe whose title, first line or a part of it is a sauce.
func (rec *Recipe) makesSauce() bool {
	if sauce.MatchString(rec.Title) {
		return true
	}
	return slices.ContainsFunc(rec.Lines, func(l *Line) bool { return ownPart.MatchString(l.Text) }) ||
		slices.ContainsFunc(rec.Steps, func(s *Step) bool { return s.No == 1 && ownPart.MatchString(s.Text) })
}

var (
	// ownPart names it by itself: "Sauce: 1 quart tomato juice", "SAUCE."
	ownPart  = pattern.MustCompile(`(?i)^\W*(?:the )?sauce\s*(?:[:.!]|$)`)
	sauce    = pattern.MustCompile(`(?i)\bsauce\b`)
	fillsHot = pattern.MustCompile(`(?i)(?:^|[,;:.] ?|\b(?:the|your|fill|ladle|pour|with) )hot sauce(?:,| to\b` +
		`| in\b| into\b| over\b|\W*$)`)
	dashOf = pattern.MustCompile(`(?i)\b(?:add|stir|splash|dash|shake|drops?|season|bottle|tsp|teaspoons?|tbsp` +
		`|tablespoons?)\b`)
)
