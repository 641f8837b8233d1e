package method

import (
	"cmp"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
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
	if !p.at.Filled || p.at.ToFill {
		return "", ""
	}
	switch {
	case p.orUntil():
		return "process-short", "an end by other signs"
	case p.ownFigure():
		return "process-short", "a figure of one's own"
	case p.shallow():
		return "method-mismatch", "water that does not cover"
	case p.says("lids on after", "and then the lids", "and then lids", "lid on after", "lids on afterwards",
		"lids after", "lids go on after"):
		return "lid", "no lids"
	}
	return "", ""
}

// orUntil reports another end beside the time: "20 minutes at 11 pounds, or until the kitchen smells".
func (p *passage) orUntil() bool {
	if p.before == nil || !p.before.measured(english.Duration) || p.at.Serving || p.c.measured(english.Duration) {
		return false
	}
	first := p.word(0)
	if first == "or" {
		first = p.word(1)
	} else if p.c.begin == 0 || p.c.all[p.c.begin-1].low != "or" {
		return false
	}
	return first == "until" || first == "till" || first == "when"
}

// ownFigure reports a figure that somebody puts in the place of the told one: "the book says 20 minutes. I
// say 10", "(10 for me)", "else 10"; "15/11" is minutes by pounds.
func (p *passage) ownFigure() bool {
	own := p.says("i say", "i do", "we say", "we do", "mine", "ours", "for me", "for us", "else")
	for i := range p.c.t {
		w := &p.c.t[i]
		if n := int(p.c.nums[i]); n == 0 || w.m != 0 || i+n < len(p.c.t) && p.c.t[i+n].Kind == words.Word &&
			p.c.t[i+n].low != "for" {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		if timeByPounds(w.Text) || own && v >= 2 && v <= 200 && !p.hasClass(Jar) && !p.longer(v) {
			return true
		}
	}
	return false
}

// timeByPounds reports "20/11": no fraction of anything in a kitchen.
func timeByPounds(s string) bool {
	a, b, cut := strings.Cut(s, "/")
	above, ok := english.Digits(a)
	below, and := english.Digits(b)
	return cut && ok && and && above >= 5 && below >= 5 && below != 8 && below != 16
}

// longer reports minutes that are no fewer than those of the clause before: "the book says ten minutes, I
// give them fifteen".
func (p *passage) longer(v float64) bool {
	return p.before != nil && slices.ContainsFunc(p.before.m, func(m english.Measure) bool {
		return m.Kind == english.Duration && m.Max <= v
	})
}

// shallow reports a water bath with no more water than stands at the bottom.
func (p *passage) shallow() bool {
	return p.c.measured(english.Duration) && p.says("inch of water", "inches of water") && p.says("bath", "boil") &&
		!p.says("over", "above", "cover", "covering", "covered", "steam")
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
	told := p.after.hasNumber() || len(p.after.verbIndexes()) > 0
	return told && !p.after.hasAny([]string{"see", "page", "next time"})
}
