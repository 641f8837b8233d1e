package recipe

import (
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/quantity"
)

// chooses is a cook who says which of the jars that the text names are hers: "I did
// pints this time".
var chooses = pattern.MustCompile(`(?i)\b(?:i|we|i'm|we're|i am|we are|just|only|this batch)(?: (?:only|just|always|usually|mostly|all|tend to|like to))* (?:use|used|using|do|did|doing|put up|can|canned|canning|make|made|making|go with|went with|am doing|are doing) (?:it |them |mine |ours |this |up |in |the )*(half-?pint|pint|quart)(?:s| jars)(?: (?:this time|this year|myself|now|only))? ?(?:[,.;:!)]|$)`)

// thisBatch is the jar of what is made now: "This batch: pints."
var thisBatch = pattern.MustCompile(`(?i)\bthis (?:batch|time|lot|year)(?: was| is|'s)?[:,]? (?:all )?(half-?pint|pint|quart)(?:s| jars)(?: (?:this time|this year|myself|now|only))? ?(?:[,.;:!)]|$)`)

// otherTimes say that the jars were those of another batch, or not all of them.
var otherTimes = pattern.MustCompile(`(?i)\b(last|once|sometimes|next|never|not|n't|too|also|both|some|either|or|and|but|used to|instead|quarts? (?:and|or) pints?|pints? (?:and|or) quarts?)\b`)

// chooseJar notes the jar that the cook says is hers, where she names one only.
func (s *Stated) chooseJar(rec *Recipe) {
	for _, st := range rec.Steps {
		m := chooses.FindStringSubmatch(st.Text)
		if m == nil {
			m = thisBatch.FindStringSubmatch(st.Text)
		}
		if m == nil || st.Serving || st.Talk || otherTimes.MatchString(m[0]) || moreJars.MatchString(st.Text[strings.Index(st.Text, m[0])+len(m[0]):]) {
			continue
		}
		jar, ok := quantity.ParseJar(m[1])
		if !ok || s.Chosen != nil && s.Chosen.Value != jar {
			s.Chosen = nil
			return
		}
		s.Chosen = &Said[quantity.Jar]{jar, st.No}
	}
}

// yields is how many jars a weight makes: "2 1/4 lb for 9 pints", "11 lb makes me nine pints".
var yields = pattern.MustCompile(`(?i)(?:\b(?:for|or|and|is|was|makes?|made|gives?|gave|yields?|yielded|fills?|filled|` +
	`gets?|got|does|did|comes? to|came to|comes? out (?:at|to)|came out (?:at|to))\b|/|=) ?(?:me |us |you )?` +
	`(?:about |around |roughly |just |exactly )?(?:\d+|five|six|seven|eight|nine|ten|a dozen) ` +
	`(half-?pint|half pint|pint|pt|quart|qt)s?\b`)

// filledWith is a measure that goes into each jar: "half a teaspoon in each pint"; "in each pint of water" is not.
var filledWith = pattern.MustCompile(`(?i)\b(?:in|into|to) (?:each|every) ` +
	`(half-?pint|half pint|pint|pt|quart|qt)( of)?\b`)

// yieldJar takes the jar that a weight is said to fill, or into which each measure goes, where the text names no jar
// otherwise and all that is said so is of the same.
func (s *Stated) yieldJar(rec *Recipe) {
	if len(s.Jars) > 0 || s.Chosen != nil {
		return
	}
	var found *Said[quantity.Jar]
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.Serving {
			continue
		}
		said := filledWith.FindAllStringSubmatch(l.Text, -1)
		if l.Unit.Dimension() == quantity.Mass {
			said = append(said, yields.FindAllStringSubmatch(l.Text, -1)...)
		}
		for _, m := range said {
			jar, ok := quantity.ParseJar(shortJar.Replace(strings.ToLower(m[1])))
			if len(m) > 2 && m[2] != "" {
				continue // "in each pint of water"
			}
			if !ok || found != nil && found.Value != jar {
				return
			}
			found = &Said[quantity.Jar]{jar, l.No}
		}
	}
	if found != nil && !slices.ContainsFunc(jarWords(rec), func(j quantity.Jar) bool { return j != found.Value }) {
		s.Jars = append(s.Jars, *found)
	}
}

// jarWords are the jars, or measures of their names, of which the text speaks anywhere.
func jarWords(rec *Recipe) []quantity.Jar {
	var out []quantity.Jar
	add := func(text string) {
		for _, m := range aJar.FindAllStringSubmatch(text, -1) {
			if jar, ok := quantity.ParseJar(shortJar.Replace(strings.ToLower(m[1]))); ok {
				out = append(out, jar)
			}
		}
	}
	add(rec.Title)
	for _, l := range rec.Lines {
		add(l.Text)
	}
	for _, st := range rec.Steps {
		add(st.Text)
	}
	return out
}

var aJar = pattern.MustCompile(`(?i)(half-?pint|half pint|pint|pt|quart|qt)s?\b`)

var shortJar = strings.NewReplacer("half pint", "half-pint", "halfpint", "half-pint", "pint", "pint", "pt", "pint", "quart", "quart", "qt", "quart")

// moreJars is another jar that the sentence goes on to.
var moreJars = pattern.MustCompile(`(?i)\b(half-?pints?|pints?|quarts?)\b`)
