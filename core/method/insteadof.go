package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// What is told beside the process of full jars and stands in its place: another end, another figure, a
// bath that covers nothing, lids that come later.

// besideTold returns the doubt of what stands in the place of the process that was told.
func (p *passage) besideTold() (code, why string) {
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

// timeByPounds reports "20/11": no fraction of anything in a kitchen, and no day of a month as it is
// mostly written.
func timeByPounds(s string) bool {
	a, b, cut := strings.Cut(s, "/")
	above, ok := english.Digits(a)
	below, and := english.Digits(b)
	return cut && ok && and && above > below && above >= 10 && below >= 5 && below <= 15
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
