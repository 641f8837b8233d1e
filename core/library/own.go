package library

import (
	"fmt"
	"slices"

	"damson/core/procedure"
)

// highestAcid is the pH that parts acid from low-acid foods (21 CFR 114.3).
const highestAcid = 4.6

// Contradicts fails where a procedure from elsewhere calls acid what is not: a main
// food whose every published pH lies above 4.6, with no acid and no ferment's salt
// beside it.
func (l *Library) Contradicts(p *procedure.Procedure) error {
	if p.Acidity == "low-acid" {
		return nil
	}
	for _, in := range p.Ingredients {
		if (in.Role == procedure.Acid || in.Role == procedure.FermentSalt) && (in.Amount > 0 || len(in.Options) > 0) {
			return nil
		}
	}
	for _, r := range p.Rows {
		if r.AcidPerJar != "" {
			return nil
		}
	}
	if p.Acidity == "acidified" {
		return fmt.Errorf("procedure %q: an acidified product needs the acid that makes it safe, with its amount", p.ID)
	}
	for _, in := range p.Ingredients {
		if in.Role != procedure.Main {
			continue
		}
		for _, id := range in.Same {
			if f := l.Foods.ByID(id); f != nil && len(f.PH) > 0 && f.PH[0] > highestAcid {
				return fmt.Errorf("procedure %q: it is called acid, and %s has a pH of %.1f or more and no acid beside it", p.ID, f.Names[0], f.PH[0])
			}
		}
	}
	return nil
}

// Below returns, row by row, where a procedure from elsewhere is milder than one that
// the library has for the same food: another way to process a low-acid food, fewer
// minutes, fewer pounds. Nil where it is nowhere.
func (l *Library) Below(p *procedure.Procedure) []string {
	var out []string
	for _, q := range l.Procedures.All() {
		if q.ID == p.ID || q.Product != p.Product || !sameFood(p, q) {
			continue
		}
		if q.Acidity == "low-acid" && p.Acidity != "low-acid" {
			out = append(out, fmt.Sprintf("%s of the library is a low-acid food under pressure; here it is called %s", q.Title, p.Acidity))
		}
		for _, r := range p.Rows {
			for _, s := range q.Rows {
				if r.Method == s.Method && r.Gauge == s.Gauge && r.Pack == s.Pack && r.Jar == s.Jar {
					out = append(out, milder(r, s, q.Title)...)
				}
			}
		}
	}
	slices.Sort(out)
	return slices.Compact(out)
}

// milder says in what r asks for less than s at any elevation.
func milder(r, s procedure.Row, title string) []string {
	var out []string
	if below(r.Minutes, s.Minutes) {
		out = append(out, fmt.Sprintf("%s, %s pack: %s minutes, less than the %s of %s", r.Jar, r.Pack, r.Minutes.Figures(), s.Minutes.Figures(), title))
	}
	if below(r.PSI, s.PSI) {
		out = append(out, fmt.Sprintf("%s, %s pack: %s psi, less than the %s of %s", r.Jar, r.Pack, r.PSI.Figures(), s.PSI.Figures(), title))
	}
	return out
}

// below reports whether a asks for less than b where both print a figure. They can
// differ only where a band of either begins.
func below(a, b procedure.Bands) bool {
	for _, x := range append(slices.Clone(a), b...) {
		here, ok := a.At(x.Low)
		there, also := b.At(x.Low)
		if ok && also && here < there {
			return true
		}
	}
	return false
}

// sameFood reports whether the procedures have a main food in common.
func sameFood(p, q *procedure.Procedure) bool {
	for _, a := range p.Ingredients {
		for _, b := range q.Ingredients {
			if a.Role == procedure.Main && b.Role == procedure.Main && slices.ContainsFunc(a.Same, func(id string) bool { return slices.Contains(b.Same, id) }) {
				return true
			}
		}
	}
	return false
}

// Pounds returns the columns of a gauge that begin with the pounds, as the library's tables print
// them: the same temperature at every elevation. Nil where no table has them.
func (l *Library) Pounds(gauge string, pounds int) procedure.Bands {
	for _, p := range l.Procedures.All() {
		for _, r := range p.Rows {
			if r.Gauge == gauge && len(r.PSI) > 1 && r.PSI[0].Value == pounds {
				return r.PSI
			}
		}
	}
	return nil
}

// neverIn are the groups of foods that no kitchen's own procedure may hold, with the reason:
// those of which nobody has tested a process in any mixture. Butter against foam is judged by its
// amount (USDA Complete Guide 2015, guides 1 and 4; NCHFP, from memory).
var neverIn = []struct{ group, why string }{
	{"no-home-process", "no home process was ever published for it"},
	{"starch-solid", "grains and noodles swell to a plug that heat does not get through"},
	{"dairy", "milk, cream and cheese are low in acid, and their fat hides spores from the heat"},
	{"coconut", "it is low in acid, fatty and thick"},
	{"egg", "eggs take up acid slowly and no process exists for them"},
}

// tested reports whether a procedure lists the food itself: jicama has a pickle, and nothing else.
func (l *Library) tested(food string) bool {
	return slices.ContainsFunc(l.Procedures.All(), func(p *procedure.Procedure) bool {
		return p.Acidity == "acidified" && p.Product != "curd" && slices.ContainsFunc(p.Ingredients, func(in procedure.Ingredient) bool { return slices.Contains(in.Same, food) })
	})
}

// Forbids returns why a procedure from elsewhere is not taken at all, whatever its source prints:
// a food that no process exists for, or a low-acid food that is a paste or is thickened. Nil where
// nothing speaks against it.
func (l *Library) Forbids(p *procedure.Procedure) []string {
	var out []string
	for _, in := range p.Ingredients {
		for _, id := range in.Same {
			f := l.Foods.ByID(id)
			for _, n := range neverIn {
				if f.In(n.group) && in.Role != procedure.Fat && p.Product != "curd" && !(p.Acidity == "acidified" && l.tested(id)) {
					out = append(out, in.Name+": "+n.why)
				}
			}
			if p.Acidity == "low-acid" && f.In("thickener") {
				out = append(out, in.Name+": a thickener slows the heat in a low-acid food; thicken it when the jar is opened")
			}
			if p.Acidity != "low-acid" || in.Role != procedure.Main {
				continue
			}
			if (p.Product == "puree" || p.Requires("pureed") || p.Requires("crushed")) && p.Product != "pie-filling" && f != nil && f.Kind != "fruit" && !f.In("tomato") {
				out = append(out, in.Name+": a low-acid food that is mashed or pureed has no process that is sure to reach its middle")
			}
			if f.In("summer-squash", "cabbage-family") && p.Product != "mixed" {
				out = append(out, in.Name+": its process was withdrawn, or none was ever published")
			}
		}
	}
	slices.Sort(out)
	return slices.Compact(out)
}
