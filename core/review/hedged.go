package review

import (
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/recipe"
)

// An amount that its own line takes back: "2 cups lemon juice, or less", "5 cups onions,
// heaped". Where acid or a low-acid food is measured so, nobody knows how much goes in.

// longestLine is how many words a line of a list has at most (common practice, no source).
const longestLine = 18

var (
	noLess    = pattern.MustCompile(`(?i)\b(?:no|not|never|nothing) (?:a drop |any |one drop )?(?:less|fewer|short(?:er)?)\b|\b(?:do|does|did) not (?:reduce|dilute|skimp|skip|halve|leave)\b|\bdon'?t (?:reduce|dilute|skimp|skip|halve|leave)\b|\bundiluted\b`)
	mayBeLess = pattern.MustCompile(`(?i)\b(?:or|a bit|a little|somewhat|slightly|maybe|perhaps) (?:a (?:bit|little) )?(?:less|fewer)\b|\bless (?:than|a|an|one|half|[\d½¼¾⅓⅔])|\bminus\b|\bup to\b|\bat (?:the )?most\b|\b(?:no|not) more than\b|\bmaximum\b|\bmax\b|\bscant\b|\bskimpy\b|\bbarely\b|\bshort\b|\b(?:if|unless|when(?:ever)?) (?:the|you (?:like|have|want|wish|must|can|feel)|we|i|there|they|it|wanted|liked|available|desired)\b|\bin some\b|\bsome of (?:them|the)\b|\bon opening\b|\b(?:when|after) (?:it is |they are )?open(?:ed|ing)\b|\bat (?:the )?table\b|\bhalved\b|\bdiluted\b|\bwatered\b|\bthinned\b|\b(?:do not|don'?t) (?:add|use|put)\b|\b(?:leave|left) (?:it )?out\b|\bas (?:needed|wanted|liked)\b`)
	noMore    = pattern.MustCompile(`(?i)\b(?:no|not|never) (?:a bit |any )?more(?: than)?\b|\bor (?:less|fewer)\b`)
	mayBeMore = pattern.MustCompile(`(?i)\bat least\b|\bor (?:so )?more\b|\b(?:and|,) (?:some )?more (?:if|as|when|where)\b|, more if\b|\b(?:plus|and) (?:enough|what(?:ever)? it takes|extra)\b|\btopped up\b|\bplus (?:more|extra|another|[\d½¼¾⅓⅔])|\d\s?\+\s?(?:cups?|c|qts?|quarts?|lbs?|pounds?|tbsp|tsp)\b|\bheap(?:ed|ing)\b|\brounded\b|\bgenerous\b|\bbrimming\b|\boverflowing\b|\bminimum\b|\bas many as\b|\bas much as\b|\band (?:then )?some(?: more)?\b`)
	owner     = pattern.MustCompile(`(?i)[(\[,;–—-]\s*(?:but )?(?:i|we|he|she|(?-i:\p{Lu}\pL+)|mom|mum|gran|grandma|dad) (?:only |always |just |usually )?(?:use[sd]?|put|puts|take|takes|add|adds|like[sd]?) (?:it )?(?:only |just |about )?(?:a |an |one|two|three|half|less|more|double|twice|[\d½¼¾⅓⅔])|\b(?:double|twice that|triple) for\b`)
)

// undonePrep is a preparation that a procedure may ask for, with what takes it back on its own
// line: "never peeled", "soaked or not", "half of them trimmed".
type undonePrep struct {
	done, undone string
	back         *pattern.Pattern
}

var undonePreps = []undonePrep{
	{"peeled", "unpeeled", takenBack("peel")},
	{"soaked", "unsoaked", takenBack("soak")},
	{"trimmed", "untrimmed", takenBack("trim")},
}

func takenBack(stem string) *pattern.Pattern {
	return pattern.MustCompile(strings.ReplaceAll(`(?i)\b(?:never|not|barely|hardly|scarcely|partly|half|nearly|almost|sometimes|rarely|seldom|un)[ -]?(?:to be |been |even |quite |of them |of it |the |them )*STEM`+
		`|\b(?:not|never|by no means|in no way)\b[^,;()]{0,18}\bSTEM`+
		`|\b(?:don'?t|no need to|without|only) (?:bother to |need to )?STEM`+
		`|\bSTEM\w*,? (?:or (?:not|just|only)|if (?:you|i|we|time)|when (?:you|i|we)|some\b|half\b|only\b|a (?:minute|moment|bit|little)\b|briefly|where|\((?:i|we) (?:never|rarely|don'?t)|\((?:or not|optional))`+
		`|\bSTEM\w* optional\b`, "STEM", stem))
}

// takeBack marks what the item's own line takes back: an acid that may be less, anything else
// that may be more, a preparation that is not done, or not to all of it.
func takeBack(it *item) {
	if it.src == nil || len(strings.Fields(it.src.Text)) > longestLine {
		return // a story that holds the line
	}
	text := ownWords(it.src)
	switch {
	case isAcid(it):
		it.unclear = it.unclear || owner.MatchString(text) || mayBeLess.MatchString(noLess.ReplaceAllString(text, ""))
	default:
		it.more = owner.MatchString(text) || mayBeMore.MatchString(noMore.ReplaceAllString(text, ""))
	}
	for _, p := range undonePreps {
		if p.back.MatchString(text) {
			it.undo(p.done)
			it.prep = append(it.prep, p.undone)
		}
	}
}

// ownWords is the text of a line without the last of several foods, where only that one may be left
// out: "2 Tbsp lemon juice in each quart, 1 tsp salt if you want".
func ownWords(l *recipe.Line) string {
	n := len(l.Also)
	if n == 0 || l.Optional || !l.Also[n-1].Optional {
		return saltIfLiked.ReplaceAllString(l.Text, "")
	}
	return l.Text[:max(0, strings.LastIndexAny(l.Text, ",;"))]
}

// saltIfLiked is salt at the end, behind a comma, of which alone it is said: "…, salt if you like a teaspoon".
var saltIfLiked = pattern.MustCompile(`(?i)[,;] *(?:(?:a|one|half a|1|1/2|½) (?:little|bit of|pinch of|tsp\.?|teaspoon)(?: of)? )?` +
	`(?:(?:some|canning|pickling|kosher|sea) )?salt,? if (?:you (?:like|want|wish)|wanted|liked|desired)` +
	`(?:,? (?:a|one|half a|1|1/2|½) (?:tsp\.?|teaspoon)(?: (?:a|an|to the|per|in each) (?:jar|quart|pint))?)?\W*$`)

// stoodBy writes a line that an edit holds to its word: without the part that took it back, in
// the cook's own words where that part stands by itself. ok is false where no such edit was
// made.
func stoodBy(raw string, was, is *item) (text string, ok bool) {
	var takes []*pattern.Pattern
	var done []string
	for _, p := range undonePreps {
		if !was.done(p.done) && is.done(p.done) && p.back.MatchString(raw) {
			takes, done = append(takes, p.back), append(done, p.done)
		}
	}
	if is.done("trimmed") && fatty.MatchString(raw) {
		takes = append(takes, fatty)
	}
	if was.more && !is.more {
		takes = append(takes, mayBeMore, owner)
	}
	if raw == "" || len(takes) == 0 {
		return "", false
	}
	parts := strings.FieldsFunc(raw, func(r rune) bool { return strings.ContainsRune(",;()[]", r) })
	keep := slices.DeleteFunc(slices.Clone(parts), func(part string) bool {
		return slices.ContainsFunc(takes, func(p *pattern.Pattern) bool {
			return p.MatchString(part) ||
				p.MatchString("("+part)
		})
	})
	if len(keep) == 0 || keep[0] != parts[0] || slices.ContainsFunc(takes,
		func(p *pattern.Pattern) bool { return p.MatchString(strings.Join(keep, ", ")) }) {
		return itemWords(is), true // the amount and the food hang on it
	}
	for k := range keep {
		keep[k] = strings.TrimSpace(keep[k])
	}
	return strings.Join(append(keep, done...), ", "), true
}

// trimming asks about meat whose fat stays on.
func trimming(b *bench) {
	for i := range b.items {
		it := &b.items[i]
		if it.serving || !it.is("red-meat", "poultry", "ground-meat", "bone-in-poultry") || b.acidic() {
			continue
		}
		if it.done("untrimmed") || !it.done("trimmed") && it.src != nil && fatty.MatchString(it.src.Text) {
			b.ask(i, "fat", Finding{Do: "Trim the " + it.name, Message: "Fat climbs to the rim and keeps lids from sealing, " +
				"and it shields what it coats from the heat.", Remedy: "Trim all the fat that shows.",
				Edits: prepare(i, "trimmed", "untrimmed")})
		}
	}
}

var fatty = pattern.MustCompile(`(?i)\b(?:fatty|larded|barded)\b`)
