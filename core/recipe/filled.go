package recipe

import (
	"strings"

	"damson/core/pattern"
)

// A batch is often told by what it fills: "21 lb apples -> 7 quarts", "seven quarts is
// eleven pounds". Only the weight and the food are part of the recipe; the jars are a
// yield, which yieldOf and yieldJar read from the line as it stands.
const (
	countWord  = `(?:(?:twenty|thirty|forty|fifty)(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|an?|a dozen)`
	someWeight = `(?:\d[\d./½¼¾-]*(?: \d/\d| ?[½¼¾])?|` + countWord + `(?: and a half)?) ?(?:lbs?|pounds?|kg|kilos?|kilograms?)\b\.?(?: and a half\b)?`
	around     = `(?:about |around |roughly |some |maybe |approx\.? )*`
	someJars   = around + `(?:\d{1,2}(?: ?[½¼¾])?|` + countWord + `)(?: ?(?:-|to|or) ?\d{1,2})? ?(?:hot |full |good |nice )*(?:half[- ]?)?(?:pints?|pts?|quarts?|qts?|jars|bottles|litres|liters)\b\.?(?: jars\b| bottles\b)?(?: of \d{3,4} ?(?:ml|g)\b)?(?: or so\b)?`
	someFood   = `(?: (?:of )?(?:(?:the|my|good|nice|fresh) )*\pL[\pL'’-]*(?:,? \pL[\pL'’-]*){0,4}?(?: ?\([^)]*\))?)`
	someShare  = `[\d½¼¾][\d/ ½¼¾]*(?:tsp|tbsp|teaspoons?|tablespoons?)\.? (?:of )?\pL[\pL ]*?`
	makesThem  = ` ?(?:(?:=+>?|-+>|→|/|—|–|:|\.{2,}|…) ?(?:about |or )?| (?:to|for) |(?: or so)? (?:that |which ` +
		`|will |'ll |should |usually |generally |always )*(?:make|makes|made|give|gives|gave|fill|fills|filled|do` +
		`|does|did|yield|yields|is|are|was|were|gets|comes to|comes out to|came to|works out at|works out to|puts up` +
		`|put up)(?: me| us| you)? |(?: is needed| are needed)? (?:per|for|for a|for each|makes a|fills a` +
		`|to a) (?:canner |full )?(?:load|canner) of )`
	reckoned = `(?:supposedly|allegedly|roughly|approximately|they say|it says|so they say|says the book` +
		`|give or take|or thereabouts)`
	restOfLine = `(\s*(?:` + reckoned + `\W*$|$|[,;:.!()—–-].*|(?:for me|here|in all|altogether|every time` +
		`|most years|this year)\b.*))$`
)

var (
	weightThenJars = pattern.MustCompile(`(?i)^(` + around + someWeight + `)(` + someFood + `)?` + makesThem + someJars + restOfLine)
	// A comma alone is enough of a link where a food or more than a canner's pounds stand
	// before it.
	weightCommaJars = pattern.MustCompile(`(?i)^(` + around + someWeight + `)(` + someFood + `)?, ` + someJars + restOfLine)
	jarsThenWeight  = pattern.MustCompile(`(?i)^(?:for )?` + someJars + ` ?(?:= ?|-+> ?|→ ?|[:,—–] ?|(?:will |'ll |usually )*(?:is|are|take|takes|took|need|needs|want|wants|use|uses|call for|calls for|come from|comes from|from|out of|was|were) )(` + around + someWeight + `)(` + someFood + `)?` + restOfLine)
	// jarsThenShare is what each of the jars gets: "7 quarts, 1 tsp salt each".
	jarsThenShare = pattern.MustCompile(`(?i)^` + around + `(?:\d{1,2}|` + countWord + `) ((?:half[- ]?)?(?:pint` +
		`|quart)|pt|qt)s?` +
		` ?[,:;–—] ?(` + someShare + `) (?:each|apiece|to each|in each)\W*$`)
	foodFirst     = pattern.MustCompile(`^\pL[\pL'’-]*(?: \pL[\pL'’-]*){0,2}$`)
	leadingWeight = pattern.MustCompile(`(?i)^` + around + someWeight)
	inHull        = pattern.MustCompile(`(?i)^ (?:still )?in (?:the |their )?(?:hulls?|pods?|shells?|husks?` +
		`|shucks?|jackets?)$`)
	canPounds = pattern.MustCompile(`(?i)^` + around + `(?:5|10|11|12|13|14|15|five|ten|eleven|twelve|thirteen` +
		`|fourteen|fifteen) ?(?:lbs?|pounds?)\b`)
)

// supposed is how sure one is of the jars.
var supposed = pattern.MustCompile(`(?i)^\s*` + reckoned + `\W*$`)

// another is the weight for jars of another size: "; 20 lb makes 9 pints".
var another = pattern.MustCompile(`(?i)^\s*(?:[;,]|or\b|and\b)\s*(?:or |and )?` +
	around + someWeight + makesThem + someJars + `\W*$`)

// filled takes the jars off a weight that is said to fill them, and reports whether it
// did. A pressure with its jars is left as it is: "10 lb, 7 quarts".
func filled(s string) (string, bool) {
	if !strings.ContainsAny(s, "pPqQjJbBlL") {
		return s, false
	}
	if before, after, ok := strings.Cut(s, ": "); ok && foodFirst.MatchString(before) {
		if out, ok := filled(after); ok { // "okra: seven quarts is eleven pounds"
			if weight := leadingWeight.FindString(out); weight != "" && !strings.HasPrefix(out[len(weight):], " of ") {
				return weight + " " + before + out[len(weight):], true
			}
		}
	}
	if m := jarsThenShare.FindStringSubmatch(s); m != nil {
		return m[2] + " per " + m[1], false
	}
	for _, p := range []*pattern.Pattern{weightThenJars, jarsThenWeight, weightCommaJars} {
		m := p.FindStringSubmatch(s)
		if m == nil {
			continue
		}
		weight, food, rest := m[1], strings.TrimRight(m[2], " "), m[3]
		if p == weightCommaJars && food == "" && (canPounds.MatchString(weight) || strings.Contains(rest, "min")) {
			continue
		}
		if another.MatchString(rest) || supposed.MatchString(rest) {
			rest = ""
		}
		if strings.HasPrefix(strings.TrimSpace(rest), ")") {
			rest = strings.TrimSpace(rest)[1:]
		}
		if inHull.MatchString(food) {
			food = "" // of what the title names
		}
		return strings.TrimRight(weight, ".") + food + rest, true
	}
	return s, false
}
