package review

import (
	"slices"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/recipe"
)

// watering asks about water that a sentence puts in where acid keeps the food safe: what the
// list has is compared by its amount, this comes on top of it or is not listed at all.
func watering(b *bench) {
	if b.proc == nil || b.proc.Acidity != "acidified" || b.proc.Product == "plain" || b.proc.AcidInJars() {
		return
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || st.gone {
			continue
		}
		for k := range st.Clauses {
			c := &st.Clauses[k]
			if b.askedOf(st, c.Text) {
				continue
			}
			if c.Kind != method.Doing && c.Kind != method.Unread || c.Waters() == method.NoWater || c.Waters() == method.Stays && (b.hasWater() || b.drainedAfter(s, k)) {
				continue
			}
			b.question(Finding{Code: "acid-diluted", Clause: true, Line: at(st.No), Ingredient: c.Text, Do: "Water in it?",
				Message: "The acid makes this safe, and water that the tested recipe does not have weakens it.", Remedy: "Leave the water out.",
				Edits: dropSentence(s)})
		}
	}
}

// askedOf reports whether the clause is asked about by itself, or its line for its water.
func (b *bench) askedOf(st *step, clause string) bool {
	asked := slices.ContainsFunc(st.Asks, func(a recipe.Ask) bool { return a.Text == clause })
	return asked || slices.ContainsFunc(b.findings, func(f Finding) bool {
		return f.Code == "acid-diluted" && f.Line != nil && *f.Line == st.No
	})
}

// hasWater reports water whose amount is told, and compared.
func (b *bench) hasWater() bool {
	for i := range b.items {
		if it := &b.items[i]; !it.serving && it.is("water") && !it.amount.IsZero() && b.of[i] >= 0 {
			return true
		}
	}
	return false
}

// drainedAfter reports whether what the clause waters is drained before anything is added or
// filled. Stirring it adds nothing; and nobody drains the brine.
func (b *bench) drainedAfter(s, k int) bool {
	if b.watersBrine(s, &b.steps[s].Clauses[k]) {
		return false
	}
	for n := s; n < len(b.steps); n++ {
		st := &b.steps[n]
		for i := range st.Clauses {
			c := &st.Clauses[i]
			if n == s && i <= k || c.Negated {
				continue
			}
			for _, a := range c.Acts {
				switch a.Name {
				case "drain", "rinse", "discard-liquid":
					return !a.Undone
				case "mix":
					if !st.onlyStirs(c) {
						return false
					}
				case "add", "stir-in", "fill", "pack":
					return false
				}
			}
		}
	}
	return false
}

// onlyStirs reports a clause that names no food but what soaks: "stirring occasionally".
func (s *step) onlyStirs(c *method.Clause) bool {
	return !slices.ContainsFunc(s.Foods, func(m recipe.Mention) bool {
		return m.At >= c.Start && m.At < c.End && !m.Food.In("water", "salt", "alkali")
	})
}

// watersBrine reports water that goes into the brine or the syrup, or to what is on the stove once
// the acid is there, and on no food.
func (b *bench) watersBrine(s int, c *method.Clause) bool {
	if brineNamed.MatchString(c.Text) {
		return true
	}
	sour := slices.ContainsFunc(b.steps[:s+1], func(st step) bool {
		return !st.Serving && (st.names("vinegar") || st.names("bottled-citrus"))
	})
	return sour && b.steps[s].onlyStirs(c)
}

var brineNamed = pattern.MustCompile(`(?i)\b(?:vinegar|syrup|pickling (?:liquid|solution|mixture)|(?:the|that` +
	`|this) (?:hot |boiling )?(?:brine|liquid|liquor|pickle))\b`)
