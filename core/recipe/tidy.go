package recipe

import (
	"html"
	"regexp"
	"strings"
)

// tidy writes a line as a typist would have: marks of a web page out, fractions
// closed up, letters that a scanner took for figures put right, and the fillers
// of speech left out. Nothing that names a food or an amount goes.
func tidy(s string) string {
	if strings.ContainsAny(s, "<&") {
		s = strings.NewReplacer("&frasl;", "/", "</td>", " ").Replace(s)
		s = strings.Join(strings.Fields(tags.ReplaceAllString(html.UnescapeString(s), "")), " ")
	}
	low := strings.ToLower(s)
	for _, m := range mends {
		if m.sign(low) {
			s = m.find.ReplaceAllString(s, m.put)
		}
	}
	return strings.TrimSpace(s)
}

var tags = regexp.MustCompile(`</?[a-zA-Z][^>]*>`)

// mend is one thing that tidy puts right; signs are what a line must hold for it
// to be looked for at all, any of them.
type mend struct {
	signs []string
	find  *regexp.Regexp
	put   string
}

func (m *mend) sign(low string) bool {
	for _, s := range m.signs {
		if strings.Contains(low, s) {
			return true
		}
	}
	return false
}

// mends are made in this order.
var mends = []*mend{
	{[]string{"\u20e3"}, regexp.MustCompile(`^\d\x{FE0F}?\x{20E3}\s*`), ""},
	{[]string{" / "}, regexp.MustCompile(`\b([1-9]) / ([2-9])\b`), "$1/$2"},
	{[]string{"l/", "i/"}, regexp.MustCompile(`(^|\s)[lI](/[2-8]\b)`), "${1}1$2"},
	{[]string{"0o", "1o", "2o", "3o", "4o", "5o", "6o", "7o", "8o", "9o"}, regexp.MustCompile(`\b(\d+)O\b`), "${1}0"},
	{[]string{"~", "∼", "〜"}, regexp.MustCompile(`(\d) ?[~∼〜] ?(\d)`), "$1-$2"},
	{[]string{"~~"}, regexp.MustCompile(`~~`), ""},
	// "2 lbs to 3 lbs": the unit said twice.
	{[]string{" to "}, regexp.MustCompile(`(?i)\b(\d[\d./]*) (lbs?|cups?|oz|kg|g|quarts?|qts?|pounds?|tbsp|tsp) to (\d)`), "$1 to $3"},
	{[]string{"doz"}, regexp.MustCompile(`(?i)\bdoz\b\.?`), "dozen"},
	{[]string{" as ", "with", "forget"}, regexp.MustCompile(`(?i),? (as well as|along with|together with|not forgetting|not to forget|and half as much|and twice as much|and as much) `), " and "},
	{[]string{"place of", "instead of", "lieu of", "rather than"}, regexp.MustCompile(`(?i),? \(?(in (the )?place of|instead of|in lieu of|rather than) [^,;)]*\)?`), ""},
	{[]string{"lots", "plenty", "enough", "loads", "nothing else"}, regexp.MustCompile(`(?i)[,;] *(lots|plenty|enough|loads)( of it)?\.?$|[,;]? ?\b(and )?nothing else\.?$`), ""},
	{[]string{"wait", "make that", "sorry", "i mean"}, regexp.MustCompile(`(?i)\b\w+ (no,? wait,?|no,? make that|sorry,?|i mean) `), ""},
	{[]string{"give or", "would", "i'd say", "guess", "think", "you know", "thereabouts", "or so"}, regexp.MustCompile(`(?i),? ?\b(give or take|i would say|i'd say|i guess|i think|you know|or thereabouts|or so)\b,?`), ""},
	{[]string{"i ", "we ", "you ", "probably", "maybe", "plus"}, regexp.MustCompile(`(?i)^(and |then |so |now |okay |ok |um,? |uh,? |well,? |next )*((i|we|you) (put in|add|use|take|need|throw in|get)|probably|maybe|plus) +(about )?`), ""},
	{[]string{"and ", "plus "}, regexp.MustCompile(`(?i)^(and|plus) (about |a |an |another |\d)`), "$2"},
	{[]string{"over", "under", "than"}, regexp.MustCompile(`(?i)^(a (bit|little|tad) )?(over|under|better than|more than|just over|just under) (\d|a |two |three |four )`), "$4"},
	{[]string{"  of "}, regexp.MustCompile(`(?i)(pounds?|lbs?|cups?) {2,}of `), "$1 of "},
}
