package review

import (
	"slices"
	"strings"

	"damson/core/procedure"
	"damson/core/quantity"
)

// Column is a line of the recipe beside what the tested procedure has for it,
// scaled to the recipe's batch. Text is empty for what the recipe leaves out,
// Tested for what the procedure does not
// have. Sentences of the method stand last, those only that must change.
type Column struct {
	Line   int
	Text   string
	Tested string
	// As says how the two stand: as a line does, or LeftOut or NotNeeded.
	As  Standing
	Why string
}

// Columns compares the recipe with one procedure, line by line: those of the
// recipe in their order, then what the procedure has and the recipe has not.
// scale is the recipe's batch against the tested one, 0 where it is not known.
func (e *Reviewer) Columns(req Request, p *procedure.Procedure) (rows []Column, scale float64) {
	d := newDraft(e, req)
	b := e.compare(d, req, p)
	factor := b.scale
	if factor == 0 {
		factor = 1
	}
	as := map[int]Judgement{}
	for _, j := range b.judgements(req.Recipe.Lines) {
		as[j.Line] = j
	}
	why := map[int]string{}
	for _, f := range b.findings {
		if f.Line != nil && why[*f.Line] == "" && f.Severity != Care {
			why[*f.Line] = f.Do
		}
	}
	jar := b.jar.Value
	if jar == "" && len(p.Rows) > 0 {
		jar = p.LargestJar()
	}
	seen := map[int]bool{}
	for _, l := range req.Recipe.Lines {
		if l.Kind != "ingredient" {
			continue
		}
		c := Column{Line: l.No, Text: strings.TrimSpace(l.Text), As: as[l.No].As, Why: why[l.No]}
		var tested []string
		for i := range b.items {
			if k := b.of[i]; b.items[i].line == l.No && k >= 0 && !seen[k] {
				seen[k] = true
				tested = append(tested, testedText(&p.Ingredients[k], jar, factor))
			} else if b.items[i].line == l.No && k >= 0 {
				tested = append(tested, "counted with the line above")
			}
		}
		c.Tested = strings.Join(tested, "; ")
		if c.Why == "" {
			c.Why = as[l.No].Why
		}
		rows = append(rows, c)
	}
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		if seen[k] || in.Write == "-" || in.Name == "" {
			continue
		}
		c := Column{Tested: testedText(in, jar, factor), As: NotNeeded, Why: "not needed for safety: it may be left out"}
		for _, f := range b.findings {
			if f.Severity == Amend && f.Line == nil && (strings.Contains(f.Do, in.Name) || strings.Contains(f.Remedy, in.Name)) {
				c.As, c.Why = LeftOut, f.Do
			}
		}
		rows = append(rows, c)
	}
	for i := range b.findings {
		f := &b.findings[i]
		if f.Severity == Amend && f.Line == nil && !slices.ContainsFunc(rows, func(c Column) bool { return c.Why == f.Do }) {
			rows = append(rows, Column{Text: "the recipe as a whole", Tested: f.Remedy, As: Changes, Why: f.Do})
		}
	}
	for i := range b.steps {
		st := &b.steps[i]
		var why []string
		for _, f := range b.findings {
			if f.Severity == Amend && f.Line != nil && *f.Line == st.No && (f.Ingredient == "" || strings.Contains(strings.ToLower(st.Text), strings.ToLower(f.Ingredient))) && !slices.Contains(why, f.Do) {
				why = append(why, f.Do)
			}
		}
		if len(why) > 0 {
			rows = append(rows, Column{Line: st.No, Text: st.Text, Tested: "a sentence of the method", As: Changes, Why: strings.Join(why, "; ")})
		}
	}
	return rows, b.scale
}

// testedText writes what the procedure has, scaled, under the procedure's own
// name for it.
func testedText(in *procedure.Ingredient, jar quantity.Jar, scale float64) string {
	if in.Amount == 0 || in.Per != "" {
		plain := *in
		plain.Write = ""
		return plain.Line(jar, scale)
	}
	return quantity.Kitchen(in.Amount*scale, in.Unit) + " " + in.Name
}
