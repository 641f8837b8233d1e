package recipe

import (
	"strings"

	"damson/core/method"
	"damson/core/pattern"
)

// Questions that people type without their mark: "did you mash it".

var (
	inverted = pattern.MustCompile(`(?i)^(and |so |but |ok |okay )?(did|do|does|can|could|are|is|was|were|would|have|` +
		`has) (you|u|we|they|she|he|it|i|ya|yours|that|those|these)\b[^,.;:!?]*$`)
	asking = pattern.MustCompile(`(?i)^(and |so |but |ok |okay )?(what|which|why|how|where|who|when)\b( ` +
		`[\w']+){0,4} (did|do|does|can|could|are|is|was|were|would|should) (you|u|we|they|she|he|it|i|ya)\b[^,.;:!?]*$`)
	prompts = pattern.MustCompile(`(?i)^(and )?(then what|what then|what next|what now|what else|how long|how hot|` +
		`how much|how many|how big|how come|how so|which ones?|what kind|what size|why not|says who)$`)
)

// longestQuestion is how many words a question without its mark has at most.
const longestQuestion = 10

// withMark puts the mark behind a line that is a question without one.
func withMark(line string) string {
	if len(strings.Fields(line)) > longestQuestion {
		return line
	}
	if inverted.MatchString(line) || asking.MatchString(line) || prompts.MatchString(line) {
		return line + "?"
	}
	return line
}

// interview reports whether the quoted lines of a page are questions and the others their answers:
// three of them or more, each answered on the next line.
func (p *page) interview() bool {
	asked := 0
	for i, line := range p.lines {
		if !quoted.MatchString(line) {
			continue
		}
		if p.blank(i+1) || quoted.MatchString(p.lines[i+1]) || len(strings.Fields(line)) > longestQuestion {
			return false
		}
		asked++
	}
	return asked >= 3
}

// following is the sentence behind the one at k, next where it is the last.
func following(list []string, k int, next string) string {
	if k+1 < len(list) {
		return list[k+1]
	}
	return next
}

// wishOf is what becomes of something that somebody else wanted, by the next sentence: "Marge wanted
// gravy in the jar. Marge was outvoted."
func wishOf(wish, after string) method.Wish {
	switch {
	case !wished.MatchString(wish):
	case outvoted.MatchString(after) && !strings.ContainsAny(wish, ",;:"):
		return method.Overruled
	case obliged.MatchString(after):
		return method.Granted
	}
	return method.NoWish
}

var (
	wished = pattern.MustCompile(`(?i)^\W*(?:but |and |so )?(?:(?:my|the|our) \pL+|(?-i:[A-Z])\pL+|everybody` +
		`|everyone|he|she|they) ` +
		`(?:wanted|asked for|suggested|begged for|voted for|was all for|were all for|pleaded for) `)
	obliged = pattern.MustCompile(`(?i)^\W*(?:so |and |and so )*(?:done|granted|right|fair enough|so be it` +
		`|so it is|who am i to argue|ok|okay|fine|yes|why not|` +
		`in (?:it|they) (?:goes|went|go)|(?:i|we) (?:did|do|have|obliged|gave in))\b`)
	outvoted = pattern.MustCompile(`(?i)^\W*(?:(?:\pL+ ){0,3}(?:(?:was|were|got) (?:outvoted|overruled|ignored` +
		`|told no|turned down)|lost|lost out|did not get it|didn'?t get it)` +
		`|no|nope|not (?:in )?(?:my|this|our) (?:kitchen|house|jars?|watch))\W*$`)
)
