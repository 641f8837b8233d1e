package recipe

import (
	"slices"
	"strconv"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/words"
)

// page is a whole text as it lies on the paper: what a line is can hang on what
// stands around it.
type page struct {
	lines []string
	// speakers are the names that stand before more than one line: a conversation.
	speakers map[string]bool
	// steps are the lines that are numbered one after the other.
	steps map[int]bool
	// talks is true where more than one speaks: a chat, a letter with what it answers.
	talks bool
	// questions is true where the quoted lines ask and the others answer.
	questions bool
	// dialect is true where the text is spelled as it is spoken.
	dialect bool
}

func newPage(text string) *page {
	p := &page{lines: Rows(strings.ReplaceAll(text, "\r\n", "\n")), speakers: map[string]bool{}}
	seen := map[string]int{}
	for _, line := range p.lines {
		if name := spoken.FindStringSubmatch(quoted.ReplaceAllString(line, "")); name != nil {
			seen[name[1]]++
		}
	}
	for name, n := range seen {
		p.speakers[name] = n > 1 && capital(name) || n > 2
		p.talks = p.talks || p.speakers[name]
	}
	p.number()
	p.dialect = english.InDialect(text)
	p.questions = p.interview()
	p.talks = p.talks || p.questions
	return p
}

// number finds runs of lines that count from one, "1. Wash", "2. Cut", "3. sugar in", or
// from a: "a) Wash". Numbers without a mark, "1  Wash the beets.", count what is to be
// done where the lines are sentences, and else how much goes in.
func (p *page) number() {
	p.steps = map[int]bool{}
	p.count(stepNumber, false)
	p.count(stepLetter, false)
	p.count(bareNumber, true)
}

func (p *page) count(mark *pattern.Pattern, sentences bool) {
	var run []int
	for i, line := range p.lines {
		m := mark.FindStringSubmatch(line)
		if m == nil {
			continue
		}
		n, err := strconv.Atoi(m[1])
		if err != nil {
			n = int(m[1][0]-'a') + 1
		}
		switch {
		case n == 1:
			run = []int{i}
		case n == len(run)+1:
			run = append(run, i)
		default:
			run = nil
		}
		if len(run) < 3 || sentences && !p.areSentences(run) {
			continue
		}
		for _, k := range run {
			p.steps[k] = true
		}
	}
}

// areSentences reports whether all but one of the lines end as sentences do.
func (p *page) areSentences(run []int) bool {
	n := 0
	for _, k := range run {
		if line := strings.TrimSpace(p.lines[k]); len(strings.Fields(line)) >= 4 && strings.HasSuffix(line, ".") {
			n++
		}
	}
	return n >= len(run)-1
}

var (
	stepNumber = pattern.MustCompile(`^\s*(\d{1,2})[.)]\s+\pL`)
	stepLetter = pattern.MustCompile(`^\s*([a-l])[.)]\s+\pL`)
	bareNumber = pattern.MustCompile(`^\s*(\d{1,2})\s+\p{Lu}`)
)

// spoken is "Jess: ..." and "Q: ..." at the beginning of a line, or "me: ..." of many.
var spoken = pattern.MustCompile(`^\s*([A-Z][\pL'.]{0,11}(?: [A-Z][\pL'.]{0,11})?|[a-z]{2,12})\s?: \S`)

func capital(name string) bool { return name[0] >= 'A' && name[0] <= 'Z' }

// bare is the line i without what its medium puts before it.
func (p *page) bare(r *Reader, i int) string {
	line := noNoNo(r.unstruck(unprefixed(clean(p.lines[i]))))
	if p.dialect {
		line = asInBooks(line)
	}
	if p.steps[i] {
		line = numbered.ReplaceAllString(line, "")
	}
	if m := spoken.FindStringSubmatchIndex(line); m != nil && p.speakers[line[m[2]:m[3]]] && !r.foodAnywhere(words.Split(line[m[2]:m[3]])) && !strings.EqualFold(line[m[2]:m[3]], "note") {
		line = strings.TrimSpace(line[m[1]-1:])
	}
	if p.questions && quoted.MatchString(p.lines[i]) && !strings.ContainsAny(line, "0123456789.,:;?!") {
		return line + "?"
	}
	if p.talks || quoted.MatchString(p.lines[i]) {
		return withMark(line)
	}
	return line
}

// asInBooks spells the words of a line in dialect as a book would: "intae the boilin syrup wi the plums". An
// article before a vowel stays one.
func asInBooks(line string) string {
	return spokenWord.ReplaceAllStringFunc(line, func(w string) string {
		if m := article.FindStringSubmatch(w); m != nil {
			return w
		}
		word := strings.TrimRight(w, " ")
		return english.Spelled(word) + w[len(word):]
	})
}

var (
	spokenWord = pattern.MustCompile(`(?i)\ban [aeiou8]|\ban an\b|\p{L}+(?:['’]\p{L}*)?`)
	article    = pattern.MustCompile(`(?i)^an [aeiou8]`)
)

// noNoNo parts what is refused one after the other: "NO noodles NO rice NO flour".
func noNoNo(line string) string {
	return refusals.ReplaceAllStringFunc(line, func(run string) string {
		return inRun.ReplaceAllString(run, ", $1")
	})
}

var (
	refusals = pattern.MustCompile(`(?i)\b(?:no \pL+ )+no \pL+\s*(?:[.,;:!?()]|$)`)
	inRun    = pattern.MustCompile(`(?i) (no \pL)`)
)

// blank reports whether there is nothing on the line i.
func (p *page) blank(i int) bool {
	return i < 0 || i >= len(p.lines) || strings.TrimSpace(p.lines[i]) == ""
}

// left is how many lines that say anything follow the line i.
func (p *page) left(i int) int {
	n := 0
	for i++; i < len(p.lines); i++ {
		if !p.blank(i) {
			n++
		}
	}
	return n
}

// above is the last line with anything on it before the line i.
func (p *page) above(i int) string {
	for i--; i >= 0; i-- {
		if !p.blank(i) {
			return strings.TrimSpace(p.lines[i])
		}
	}
	return ""
}

// personal reports whether the line i is how a letter begins or ends: a name set
// apart at the top with a comma, or a closing and a name at the foot.
func (p *page) personal(r *Reader, i int, line string) bool {
	if len(line) > 100 {
		return false
	}
	if r.isLetter(line) {
		return true
	}
	if p.letterhead(i) && !strings.ContainsAny(line, "0123456789½¼¾:;") && r.names(line) == 0 {
		return true
	}
	f := strings.Fields(strings.Trim(line, "-–—~* "))
	if len(f) == 0 || len(f) > 4 || strings.ContainsAny(line, "0123456789½¼¾:;") {
		return false
	}
	closing := strings.HasSuffix(p.above(i), ",") && len(strings.Fields(p.above(i))) <= 4
	named := len(f) <= 3 && capitals(f)
	if p.left(i) == 0 && closing && named {
		return true // "Cheers, / Fern"
	}
	t := words.Split(line)
	if r.foodAnywhere(t) || r.anyFoodWord(t) {
		return false
	}
	foot := p.left(i) <= 1 && p.blank(i-1) || p.left(i) == 0
	return strings.HasSuffix(line, ",") && (p.blank(i+1) && (p.above(i) == "" || p.blank(i-1) && i < 8 && capitals(f[:1])) || p.left(i) == 1) || foot && i > 3 && named && !endsSentence(line) ||
		strings.HasSuffix(line, "!") && p.blank(i+1) && p.blank(i-1) && i < 6 && len(f) <= 3 && capitals(f)
}

// times counts the minutes that the text states anywhere: what repeats one of them says
// nothing new.
func (p *page) times() map[float64]int {
	out := map[float64]int{}
	for _, line := range p.lines {
		if len(line) > longestLine || !inMinutes.MatchString(line) {
			continue
		}
		for _, m := range english.MeasuresOf(line) {
			if m.Kind == english.Duration && m.Min == m.Max {
				out[m.Min]++
			}
		}
	}
	return out
}

var inMinutes = pattern.MustCompile(`(?i)min(s|utes?)?\b`)

// letterhead reports whether the line i stands above the greeting of a letter.
func (p *page) letterhead(i int) bool {
	for k := i + 1; k < len(p.lines) && k <= i+5; k++ {
		if salutation.MatchString(strings.TrimSpace(p.lines[k])) {
			return true
		}
	}
	return false
}

var salutation = pattern.MustCompile(`(?i)^(dear|dearest|my dear|hi|hello|hey|ciao|hallo|bonjour|hola) [^.;0-9]{1,40}[,!:]$`)

// toldOfAnother reports whether the recipe is told of somebody else, who does all of
// it: "she puts the bones in", "Grandpa fills the jars".
func (p *page) toldOfAnother() bool {
	n := 0
	for _, line := range p.lines {
		n += len(doneByAnother.FindAllString(line, 4))
	}
	return n >= 3
}

var doneByAnother = pattern.MustCompile(`(?i)\b(she|he|grandma|grandpa|granny|gran|nana|nan|mom|mum|mama|dad|papa|mother|father|grandmother|grandfather|oma|opa) (then |always |just )?(puts|boils|fills|packs|wipes|strains|pours|lifts|lets|sets|adds|cuts|washes|brings|leaves|simmers|skims|cooks|ladles|processes|takes|covers|drains|peels|stirs|mashes)\b`)

func endsSentence(line string) bool {
	return strings.HasSuffix(line, ".") || strings.HasSuffix(line, "?")
}

// capitals reports whether every word begins with a capital letter and is not
// written in capitals throughout.
func capitals(f []string) bool {
	for _, w := range f {
		if w == "&" || w == "and" {
			continue
		}
		if low := strings.ToLower(w); low[:1] == w[:1] || w == strings.ToUpper(w) && len(w) > 2 {
			return false
		}
	}
	return true
}

// heads reports whether the line i stands as a heading over what follows: in
// capitals or numbered like a section, a few words and no amount.
func (p *page) heads(r *Reader, i int, line string) bool {
	bare := strings.TrimSpace(numbered.ReplaceAllString(stripBullet(line), ""))
	f := strings.Fields(bare)
	if len(f) == 0 || len(f) > 5 || p.blank(i+1) && !p.blank(i-1) || p.left(i) == 0 || !p.blank(i-1) && i > 0 || strings.ContainsAny(bare, "0123456789.,;!?=") {
		return false
	}
	if len(f) <= 3 && p.listAhead(i) && r.names(bare) == 0 && r.method.Shape(bare).Verbs == 0 && bare[0] >= 'A' && bare[0] <= 'Z' {
		return true // "Mise en place", over a list
	}
	if bare != strings.ToUpper(bare) || bare == strings.ToLower(bare) {
		return false
	}
	for _, t := range words.Split(strings.ToLower(bare)) {
		if t.Kind == words.Word && len(t.Text) > 1 && !plainEnglish(t.Text) && !headingWords[t.Text] && !(r.names(bare) == 0 && english.Known(t.Raw)) {
			return false
		}
	}
	return true
}

// listAhead reports whether the next line, and the one behind it, are items of a list or
// numbered steps.
func (p *page) listAhead(i int) bool {
	for k := i + 1; k <= i+2; k++ {
		if k >= len(p.lines) || !listed.MatchString(p.lines[k]) {
			return false
		}
	}
	return true
}

var listed = pattern.MustCompile(`^\s*([-*•·–.] ?\S|\d{1,2}[.)] |\[ ?\]|\s+\d[\d/ ]* ?(lb|cups?|tsp|tbsp|quarts?|pints?|oz|g|kg)\b)`)

var numbered = pattern.MustCompile(`^(\d{1,2}(\.\d)*[.)]?|[a-l][.)])\s+`)

// fillings counts the sentences that fill jars: until the last of them is read, no
// jar is closed or processed, whatever is said of the process before.
func (p *page) fillings() int {
	n := 0
	for _, line := range p.lines {
		n += fillingsOf(line)
	}
	return n
}

func fillingsOf(line string) int {
	n := 0
	for _, s := range Sentences(line) {
		if fillsJars(s) {
			n++
		}
	}
	return n
}

// fillsJars reports whether the words fill jars with food: by a verb of filling
// and a jar, or by the headspace that is left.
func fillsJars(sentence string) bool {
	low := strings.ToLower(sentence)
	if !containsAny(low, "jar", "pint", "quart", "inch", "head", "hot", "raw") {
		return false
	}
	return slices.ContainsFunc(filling, func(p *pattern.Pattern) bool { return p.MatchString(low) }) && !notFilling.MatchString(low)
}

var (
	filling = []*pattern.Pattern{
		pattern.MustCompile(`\b(fill|filled|filling|pack|packed|ladle|spoon|pour|funnel|stuff|layer|jar it|jar them)\b.*\b(jars?|pints?|quarts?|half-pints?|hot|raw|inch)\b`),
		pattern.MustCompile(`\b(leave|leaving|left)\b.*\b(inch|headspace|head space|headroom)\b`),
		pattern.MustCompile(`\binch(es)? (from|below|under|of|to) (the )?(top|rim|mouth|edge|brim)\b`),
		pattern.MustCompile(`\binto (the |each |my )?(hot |clean |sterile |warm )*(jars|pints|quarts|half-pints|pint jars|quart jars)\b`),
		pattern.MustCompile(`\b(loose|loosely|raw|tight|tightly)\b.*\b(in|into) (the |each |every |your |my )?(hot )?(jars?|pints?|quarts?|bottles?|glass(es)?)\b`),
		pattern.MustCompile(`^(into )?(the )?(hot|warm|clean) (half-?)?(pint |quart )?(jars?|pints?|quarts?|glasses)\b ?[,:]`),
		pattern.MustCompile(`\binch(es)?\b.* (stays?|remains?|empty|free)\b`),
		pattern.MustCompile(`^\W*(the |in |into )?(hot )?(half[- ]?)?(pints?|quarts?)\b.*\b(headspace|head space|headroom)\b`),
	}
	notFilling = pattern.MustCompile(`\b(canner|rack|shelf|shelves|cupboard|boxes|box|away|lunch|fridge|freezer|water bath)\b`)
)

func containsAny(s string, list ...string) bool {
	for _, x := range list {
		if strings.Contains(s, x) {
			return true
		}
	}
	return false
}
