package method

import (
	"cmp"
	"slices"
)

// What stands under a label: "lemon juice: leave out if the fruit is sour", "low sugar version: use 1 cup".

// labelled returns the doubt of what stands under a label.
func (p *passage) labelled() (code, why string) {
	if code := p.underLabel(); code != "" {
		return code, "what was named is left out"
	}
	if p.variant() {
		return "unknown-ingredient", "another way of it"
	}
	return "", ""
}

// underLabel returns the doubt of a safeguard that a label names and the clause leaves out.
func (p *passage) underLabel() string {
	if p.before == nil || p.negated() || len(p.c.t) > 4 || len(p.before.t) > 5 ||
		p.hasClass(Pronoun) || p.namesFood() {
		return ""
	}
	if !p.says("leave out", "leave off", "left out", "omit", "omitted", "skip", "skipped", "do without", "go without") {
		return ""
	}
	label := &passage{c: p.before, at: p.at, r: p.r}
	code, _ := label.stepNamed()
	if label.says("lemon", "lime", "vinegar", "citric acid") {
		code = "no-acid-added"
	}
	return cmp.Or(label.safeguard(), code)
}

// variants are words of another way to make the same jars.
var variants = set("version variation variant option shortcut alternative")

// variant reports a label of another way, with what is done so behind it, once the jars are done.
func (p *passage) variant() bool {
	if !p.at.Done || p.at.ToFill || p.after == nil || hasVerb(p.c.t) || len(p.c.t) > 6 || !p.any(variants) {
		return false
	}
	if len(p.c.t) == 1 && p.after.putsFoodInJars() {
		return false // it is read as if it went into every jar
	}
	told := p.after.hasNumber() || len(p.after.verbIndexes()) > 0
	return told && !p.after.hasAny([]string{"see", "page", "next time"})
}

// putsFoodInJars reports a clause that adds a food to each jar.
func (c *clause) putsFoodInJars() bool {
	if !c.hasAny([]string{"to each jar", "in each jar", "into each jar", "per jar", "to the jars", "to every jar"}) {
		return false
	}
	if !c.hasAny([]string{"add", "put", "place", "drop"}) {
		return false
	}
	return slices.ContainsFunc(c.t, func(w token) bool { return w.food != nil })
}
