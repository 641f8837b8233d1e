package review

import (
	"slices"
	"strings"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// jarful reports jars that the method fills otherwise than the procedure does: with no room
// at the top, or without the liquid that carries the heat.
func jarful(b *bench) {
	if b.proc == nil {
		return
	}
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || st.gone || st.refilled {
			continue
		}
		for k := range st.Clauses {
			c := &st.Clauses[k]
			if c.Kind != method.Doing && c.Kind != method.Unread && c.Kind != method.Talk || c.Asked != "" || b.asksOf(st, c.Text) {
				continue
			}
			f := Finding{Severity: Amend, Line: at(st.No), Ingredient: c.Text, Source: b.proc.Citation(), Edits: []Edit{one(Fill, s)}}
			switch c.Jarful() {
			case method.OtherGap, method.HalfFull:
				if c.Jarful() == method.HalfFull && (b.soup() || b.filledUp(s)) {
					continue
				}
				f.Code, f.Do, f.Message, f.Remedy = "headspace", "Leave "+quantity.Number(b.proc.Rows[0].HeadspaceIn)+" inch headspace", "Too little room fouls the rim, too much leaves air in the jar; either may cost the seal.", "Measure it again once the bubbles are out."
			case method.Dry:
				if !b.needsLiquid() {
					continue
				}
				f.Code, f.Do, f.Message, f.Remedy = "omission", "Cover it with liquid", "Food that its liquid does not cover heats more slowly than was tested.", "Pour it over, up to the tested headspace."
			default:
				continue
			}
			b.report(f)
		}
	}
}

// fillsAnew writes the sentence with its jars filled as tested; what else is done in it stays.
func (w *rewrite) fillsAnew(st *step) string {
	var parts []string
	said := false
	for k := range st.Clauses {
		c := &st.Clauses[k]
		switch {
		case c.Jarful() == method.AsTested && (len(c.Acts) > 0 || goesOn.MatchString(c.Text)) && !c.Does("headspace") && !c.Does("cover-with-liquid"):
			parts = append(parts, c.Text)
		case c.Jarful() != method.AsTested && !said:
			if as := w.filled(st, c); as != "" {
				parts = append(parts, as)
			}
			said = true
		}
	}
	out := sentenceOf(parts)
	w.reasons[out] = "As tested: " + w.was.proc.Title
	return out
}

// goesOn begins a clause that tells of something further: "then run a knife round".
var goesOn = pattern.MustCompile(`(?i)^\W*(?:and|then|next)\b`)

// filled says how the jars are filled as tested, in place of the clause: with the pack, where
// the clause fills them, or only what comes after it; "" where another sentence says that.
func (w *rewrite) filled(st *step, c *method.Clause) string {
	fills := titleJars.MatchString(c.Text) || c.Does("fill") || c.Does("pack") || c.Does("raw-pack") || c.Does("hot-pack")
	if !fills && slices.ContainsFunc(w.was.steps, func(other step) bool {
		return other.Text != st.Text && slices.ContainsFunc(other.Clauses, func(c method.Clause) bool { return c.Does("cover-with-liquid") })
	}) {
		return ""
	}
	out := "leave "
	for _, in := range w.was.proc.Ingredients {
		if in.Role == procedure.Liquid && !in.Optional {
			name, _, _ := strings.Cut(in.Name, ",")
			name, _, _ = strings.Cut(name, " or ")
			out = "cover with " + name + ", leaving "
			break
		}
	}
	out += quantity.Number(w.was.proc.Rows[0].HeadspaceIn) + " inch headspace"
	if !fills {
		return out
	}
	jars, pack := "jars", ""
	if said := jarsSaid.FindStringSubmatch(st.Text); said != nil {
		jars = strings.ToLower(said[1]) + " jars"
	}
	if p := w.is.pack.Value; p != "" {
		pack = " " + p
	}
	return "pack" + pack + " in hot " + jars + ", " + out
}

// filledUp reports whether one of the next two sentences fills up what this one leaves empty.
func (b *bench) filledUp(s int) bool {
	for _, st := range b.steps[s+1 : min(s+3, len(b.steps))] {
		for _, c := range st.Clauses {
			if c.Does("cover-with-liquid") || c.Does("headspace") {
				return true
			}
		}
	}
	return false
}

// asksOf reports whether the clause is asked about for another reason that holds here.
func (b *bench) asksOf(st *step, clause string) bool {
	return slices.ContainsFunc(st.Asks, func(a recipe.Ask) bool { return a.Text == clause && !b.needless(a.Doubt, a.Text) })
}

// needsLiquid reports a procedure whose jars are filled up with a liquid.
func (b *bench) needsLiquid() bool {
	return slices.ContainsFunc(b.proc.Ingredients, func(in procedure.Ingredient) bool { return in.Role == procedure.Liquid && !in.Optional })
}
