package recipe

import (
	"regexp"
	"slices"
	"strings"
)

// qualify reads what a line says of its ingredient besides what and how much:
// that it may be left out, that a vinegar is weak, that an acid never enters the
// jar, that there may be more of it.
func (r *Reader) qualify(l *Line, text string) {
	if maybe.in(text) {
		l.Optional = true
	}
	if skinsOn.in(text) && !l.HasPrep("unpeeled") {
		l.Prep = append(slices.DeleteFunc(l.Prep, func(p string) bool { return p == "peeled" }), "unpeeled")
	}
	if struck.in(text) {
		l.Serving, l.Struck = true, true
	}
	if orMore.in(text) && l.AmountMin != nil {
		l.Reading = Unclear
		if l.Problem == "" {
			l.Problem = "“or more” is no amount; write the most that goes in"
		}
	}
	if l.Ref != nil && (l.Ref.ID == "peach" || l.Ref.ID == "nectarine") && whiteKind.in(text) {
		if f := r.foods.ByName("white " + l.Ref.ID); f != nil {
			l.Ref = f
			l.refID()
		}
	}
	if l.Ref.In("citrus-juice") && !l.Ref.In("bottled-citrus") && fromBottle.in(text) && !freshly.in(text) {
		if f := r.foods.ByID("bottled-" + l.Ref.ID); f != nil {
			l.Ref = f
			l.refID()
		}
	}
	for _, x := range append([]*Line{l}, l.Also...) {
		switch {
		case x.Ref.In("vinegar") && weakly.in(text):
			x.Ref, x.Acidity = r.foods.ByID("homemade-vinegar"), nil
			x.refID()
		case x.Ref.In("bottled-citrus") && freshly.in(text):
			if f := r.foods.ByID(map[string]string{"bottled-lime-juice": "lime-juice"}[x.Ref.ID]); f != nil {
				x.Ref = f
			} else {
				x.Ref = r.foods.ByID("lemon-juice")
			}
			x.refID()
		}
		if x.Ref.In("bottled-citrus", "citrus-juice", "citric-acid", "vinegar", "weak-vinegar") {
			if m := elsewhere.find(text); m != "" {
				x.Unread = append(x.Unread, m)
			}
		}
	}
}

var (
	maybe      = phraseOf(`(?i)\b(optional|if (you )?(like|want|wish|wanted|desired|liked|handy|you have (it|some|any))|as (you )?wish(ed)?|should you fancy|left out|leave (it |this )?out|not (needed|necessary|essential|required)|can be (left out|omitted|skipped)|ad lib|up to you|take it or leave it)\b`, "option", "if ", "wish", "fancy", "left out", "leave", "not ", "can be", "ad lib", "up to you", "take it")
	fromBottle = phraseOf(`(?i)\b(from|out of|in) (a |the )?bottle\b|, bottle\b|\bthe bottle\b|\bbottled\b|\bthe bottle kind\b`, "bottle")
	whiteKind  = phraseOf(`(?i)\bwhite\b`, "white")
	skinsOn    = phraseOf(`(?i)\b(skins?|peels?|jackets?) (and all|on|left on|kept on)\b|\bunpeeled\b|\bnot peeled\b|\bpeeled or not\b|\bin (their|the) (skins?|jackets?)\b|\bwith (the |their )?skins?\b|\b(do not|don't|no need to|needn't) peel`, "skin", "peel", "jacket")
	struck     = phraseOf(`^\W*~~.*~~\W*$|^<(s|del|strike)>`, "~~", "<s", "<del")
	orMore     = phraseOf(`(?i)\b(or|and) more\b|\bor so more\b|\bas many\b|\bas much\b|\bplus (extra|more|some)\b|\bextra (as|if)\b`, "more", "as many", "as much", "extra")
	weakly     = phraseOf(`(?i)\b(half|quarter|third)[- ]strength\b|\b(below|under|less than|not quite|nearly|almost|short of) ?(4|5|five)|\bany (strength|kind|sort|old|vinegar)\b|\bstrength (not|un|does|doesn)|\b(diluted|watered|weak|weaker|mild)\b|\bhome-?made\b|\bmy own\b`, "strength", "below", "under", "less", "quite", "nearly", "almost", "short", "any ", "dilut", "water", "weak", "mild", "home", "my own")
	freshly    = phraseOf(`(?i)\bfresh(ly)?[- ](bottled|squeezed|pressed)\b`, "fresh")
	elsewhere  = phraseOf(`(?i)\b(for|to) (rins\w*|wash\w*|drink\w*|dip\w*|soak\w*|clean\w*|wip\w*|hold\w*|prevent\w*) ?\w*`, "for ", "to ")
)

// qualifier is a pattern with the signs that a text must hold for it to be looked
// for at all.
type qualifier struct {
	re    *regexp.Regexp
	signs []string
}

func phraseOf(pattern string, signs ...string) *qualifier {
	return &qualifier{regexp.MustCompile(pattern), signs}
}

func (q *qualifier) in(text string) bool { return q.find(text) != "" }

func (q *qualifier) find(text string) string {
	low := strings.ToLower(text)
	for _, s := range q.signs {
		if strings.Contains(low, s) {
			return q.re.FindString(text)
		}
	}
	return ""
}
