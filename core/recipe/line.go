package recipe

import (
	"slices"
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/english"
	"damson/core/food"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/recall"
	"damson/core/words"
)

// Line reads one ingredient line. no is its number in the text, from 1.
func (r *Reader) Line(no int, text string) *Line { return r.lineAs(no, text, r.look(text)) }

// look is a line tidied, and what it says it is.
type look struct {
	body string
	kind string
	sure bool
}

// keptLooks is how many lines are kept as they were looked at.
const keptLooks = 1024

// look looks at a line, from memory where it was looked at before.
func (r *Reader) look(text string) look { return recall.Of(r.looks, text, r.lookAt) }

func (r *Reader) lookAt(text string) look {
	body, ofJars := filled(strings.TrimSpace(narrow(stripBullet(text))))
	body = tidy(body)
	kind, sure := r.lineKind(body)
	if ofJars && !r.foodAnywhere(words.Split(body)) {
		kind, sure = Ingredient, true // "9 lb = 9 pints": of what the title names
	}
	return look{body, kind, sure}
}

// readLine is Line for a text that was looked at before.
func (r *Reader) readLine(no int, text string, at look) *Line {
	at.body = r.kinds(r.glossed(nowadays.ReplaceAllString(at.body, "$1")))
	body, said := r.remarks(at.body, words.Split(at.body))
	l := r.plainLine(no, text, body, at)
	if l.Kind == Ingredient {
		r.qualify(l, text)
		if i := strings.Index(text, firstWords(l.Rest)); len(said) > 0 && l.Rest != "" && i > 0 {
			l.Rest = text[i:] // with what was said beside
		}
		for _, remark := range said {
			r.remark(l, remark)
		}
		if m := hedged.FindString(text); m != "" && l.Ref.In("vinegar", "weak-vinegar") {
			l.Unread = append(l.Unread, m)
		}
	}
	return l
}

// nowadays says when, behind a food: "21 lb apples this time (half Cortland)".
var nowadays = pattern.MustCompile(`(?i) (?:fresh )?this (?:time|year|week|month|season|round|morning` +
	`|afternoon)(\W*$| ?[,;(])`)

// gloss is a second name in the midst of the first: "navy (pea) beans".
var gloss = pattern.MustCompile(`(\pL+) \((\pL+)\) (\pL+)`)

// glossed takes the gloss out where the words around it name a food and it does not
// make another of it.
func (r *Reader) glossed(body string) string {
	m := gloss.FindStringSubmatchIndex(body)
	if m == nil {
		return body
	}
	before, within, behind := body[m[2]:m[3]], body[m[4]:m[5]], body[m[6]:m[7]]
	named := func(phrase string) *food.Food {
		t := words.Split(phrase)
		if s, n := r.line.at(t, 0); n == len(t) {
			return s.food
		}
		return nil
	}
	f, other := named(before+" "+behind), named(within+" "+behind)
	if f == nil || other != f && !firmness[strings.ToLower(within)] {
		return body
	}
	return body[:m[3]] + " " + body[m[6]:]
}

// firmness is what food is that has not gone soft: "unripe (hard) mango".
var firmness = set("hard firm crisp solid")

// firstWords are the first two words of s.
func firstWords(s string) string {
	if f := strings.SplitN(s, " ", 3); len(f) == 3 {
		return f[0] + " " + f[1]
	}
	return s
}

// plainLine reads a line whose remarks are off.
func (r *Reader) plainLine(no int, text, body string, at look) *Line {
	l := &Line{No: no, Text: text, Kind: Ingredient, Reading: Understood, Prep: []string{}, State: []string{}}
	if h, ok := heading(body); ok {
		l.Kind, l.Food = Heading, ""
		l.Text = text
		l.Serving = servingHeading(h)
		return l
	}
	switch {
	case at.kind == Heading:
		l.Kind = Heading
		l.Serving = servingHeading(strings.Trim(body, "#*_=[]<>:/b "))
		return l
	case at.kind == Note && at.sure:
		l.Kind = Note
		return l
	}
	body = mixOf.ReplaceAllString(body, "$1")
	t := words.Split(body)
	if cut := r.secondAmount(t); cut > 0 {
		if pair := r.pair(no, text, body, t, cut); pair != nil {
			return pair
		}
	}
	p := lineParser{r: r, l: l, t: t}
	p.parse(body)
	p.finish()
	l.weigh()
	p.amountsAgree()
	return l
}

// mixOf is what stands before the parts of a mixture: "syrup of 2 cups sugar and
// 6 cups water".
var mixOf = pattern.MustCompile(`(?i)^(?:an? )?(?:very |extra )?(?:light |medium |heavy |thin |hot )*(?:syrup|brine|mixture) (?:of|from|made of|made from|made with):? (?:about )?(\b[0-9½¼¾⅓⅔])`)

// narrow writes the full-width letters and digits of East Asian keyboards as
// plain ones, and takes out control characters.
func narrow(s string) string {
	if !strings.ContainsFunc(s, func(c rune) bool { return c >= '！' && c <= '～' || c < ' ' && c != '\t' }) {
		return s
	}
	return strings.Map(func(c rune) rune {
		switch {
		case c >= '！' && c <= '～':
			return c - '！' + '!'
		case c < ' ' && c != '\t':
			return -1
		}
		return c
	}, s)
}

// stripBullet removes bullets, tick boxes and numbering, but never the sign of
// a negative number.
func stripBullet(s string) string {
	s = strings.TrimSpace(s)
	for {
		r, n := utf8.DecodeRuneInString(s)
		if n == 0 {
			return s
		}
		rest := s[n:]
		switch {
		case r == '-' || r == '+' || r == '*' || r == '–' || r == '—' || r == '>':
			if rest == "" || rest[0] != ' ' && rest[0] != '\t' && r != '*' {
				return s
			}
		case r == '[' && (strings.HasPrefix(rest, " ]") || strings.HasPrefix(rest, "x]") || strings.HasPrefix(rest, "X]")):
			rest = rest[2:]
		case unicode.IsLetter(r) || unicode.IsDigit(r) || words.Vulgar[r] != 0 || strings.ContainsRune("(\"'#~.,:;!?½<&/%$@=_`|{}\\^", r):
			return stripNumbering(s)
		}
		s = strings.TrimSpace(rest)
	}
}

// keycap makes a key of the figure before it.
const keycap = "\u20E3"

// stripNumbering removes "1. " and "2) " where something follows.
func stripNumbering(s string) string {
	i := 0
	for i < len(s) && i < 3 && s[i] >= '0' && s[i] <= '9' {
		i++
	}
	if rest := strings.TrimPrefix(s[i:], "\uFE0F"); i > 0 && strings.HasPrefix(rest, keycap) {
		return strings.TrimSpace(rest[len(keycap):]) // a figure on a key: "8️⃣ Turn it off"
	}
	if i == 0 || i+1 >= len(s) || s[i] != '.' && s[i] != ')' || s[i+1] != ' ' {
		return s
	}
	return strings.TrimSpace(s[i+2:])
}

// heading reports whether the text heads a section and returns it bare.
func heading(s string) (string, bool) {
	bare := strings.Trim(s, "#*_= \t")
	if strings.HasPrefix(s, "##") || strings.HasPrefix(s, "# ") {
		return strings.TrimSuffix(bare, ":"), true
	}
	if strings.HasSuffix(bare, ":") && !strings.ContainsAny(bare, "0123456789") && len(strings.Fields(bare)) <= 7 {
		return strings.TrimSuffix(bare, ":"), true
	}
	switch strings.ToLower(bare) {
	case "ingredients", "directions", "instructions", "method", "steps", "preparation", "procedure", "what to do", "you will need", "brine", "to serve", "for serving", "notes", "do this", "how", "what i do", "how i do it", "how to do it", "here is how", "how we do it":
		return bare, true
	}
	if strings.HasPrefix(strings.ToLower(bare), "for the ") && len(strings.Fields(bare)) <= 4 {
		return bare, true
	}
	return "", false
}

func servingHeading(h string) bool {
	h = words.FoldPhrase(h)
	for _, s := range []string{"to serve", "for serving", "serving", "when serving", "when you open the jar", "after opening", "at serving", "garnish", "to finish when serving", "at camp", "at table", "at the table", "for the table", "to eat", "eating", "eating day", "when you eat", "when you want to eat", "on the day", "for supper", "at supper", "when opening", "opening day"} {
		if h == s || s != "serving" && s != "garnish" && strings.HasPrefix(h, s+" ") || strings.HasPrefix(h, "serving suggestion") || strings.HasPrefix(h, "serving idea") {
			return true
		}
	}
	return false
}

type lineParser struct {
	r    *Reader
	l    *Line
	t    []words.Token
	i    int
	body string
	// juiceOf is "juice" or "zest" for "juice of 2 lemons".
	juiceOf string
	// zestToo is set by "zest and juice of 2 lemons".
	zestToo bool
	// where is set behind "from", "in", "on": a place or a vessel follows.
	where bool
	// each is set by "2 cups each carrots and celery".
	each bool
	// again is the same amount told once more, by weight or by volume: "6 cups (2 lb)".
	again     quantity.Amount
	againText string
	// trace is set where the words behind the parts are asked for.
	trace *trace
}

func (p *lineParser) text(i int) string {
	if i >= 0 && i < len(p.t) {
		return p.t[i].Text
	}
	return ""
}

func (p *lineParser) guess(why string) {
	if p.l.Reading == Understood {
		p.l.Reading = Guess
	}
	if p.l.Assumed == "" {
		p.l.Assumed = why
	}
}

func (p *lineParser) unclear(why string) {
	p.l.Reading = Unclear
	if p.l.Problem == "" {
		p.l.Problem = why
	}
}

func (p *lineParser) setAmount(a quantity.Amount) {
	lo, hi := a.Min, a.Max
	p.l.AmountMin, p.l.AmountMax, p.l.Unit = &lo, &hi, a.Unit
}

func (p *lineParser) parse(body string) {
	p.body = body
	p.skipAbout()
	p.juice()
	p.skipAbout()
	start := p.i
	p.leadingAmount()
	p.trace.head(p.t[min(start, len(p.t)):min(p.i, len(p.t))])
	if p.i > 0 && p.i < len(p.t) && p.juiceOf == "" {
		p.l.Rest = body[p.t[p.i].Start:]
	}
	p.t = p.t[min(p.i, len(p.t)):]
	p.perJar()
	p.weightInParens()
	p.dropMeasures()
	if p.l.AmountMin == nil && p.l.Reading != Unclear {
		p.trailingAmount()
	}
	p.laterPlus()
	p.servingPhrase()
	p.eachAtLast()
	p.names()
}

// eachAtLast takes "each" off the end: "9 cups onions and peppers each" are nine of both.
func (p *lineParser) eachAtLast() {
	end := len(p.t)
	for end > 0 && p.t[end-1].Kind == words.Mark {
		end--
	}
	if w := p.text(end - 1); p.l.AmountMin == nil || w != "each" && w != "apiece" || intoEach[p.text(end-2)] {
		return
	}
	p.each = true
	if end--; p.text(end-1) == "of" {
		end--
	}
	p.t = p.t[:end]
}

// intoEach stand before an "each" that is a jar.
var intoEach = set("in into to for on with")

// juice reads "juice of", "the zest of", "zest and juice of" before an amount.
func (p *lineParser) juice() {
	i := p.i
	for p.text(i) == "the" || p.text(i) == "grated" || p.text(i) == "finely" {
		i++
	}
	first := p.text(i)
	if first != "juice" && first != "zest" {
		return
	}
	i++
	if second := p.text(i + 1); (p.text(i) == "and" || p.text(i) == "&") && (second == "juice" || second == "zest") && second != first {
		first, p.zestToo = "juice", true
		i += 2
	}
	if p.text(i) == "of" || p.text(i) == "from" {
		p.juiceOf, p.i = first, i+1
		return
	}
	p.zestToo = false
}

var aboutWords = map[string]bool{"about": true, "approximately": true, "approx": true, "around": true, "roughly": true, "circa": true, "ca": true, "~": true, "up": true, "between": true}

func (p *lineParser) skipAbout() {
	for aboutWords[p.text(p.i)] {
		if p.text(p.i) == "up" && p.text(p.i+1) != "to" {
			return
		}
		if p.text(p.i) == "up" {
			p.i++
		}
		p.i++
		if p.text(p.i) == "." {
			p.i++
		}
	}
}

var sizeWords = map[string]bool{"large": true, "medium": true, "small": true, "big": true, "heaping": true, "heaped": true, "scant": true,
	"level": true, "generous": true, "rounded": true, "good": true, "lg": true, "med": true, "sm": true, "full": true, "whole": true, "packed": true, "tiny": true, "firmly": true, "lightly": true, "loosely": true, "medium sized": true, "fat": true, "fresh": true, "thick": true, "nice": true, "regular": true, "standard": true, "sized": true}

var vagueWords = map[string]bool{"some": true, "few": true, "several": true, "plenty": true, "enough": true, "lot": true, "bit": true, "touch": true, "tad": true}

// leadingAmount reads the amount and unit at the head of the line.
func (p *lineParser) leadingAmount() {
	if p.text(p.i) == "-" && p.i+1 < len(p.t) && p.t[p.i+1].Kind == words.Number {
		p.unclear("the amount is negative; write how much goes in")
		p.i += 2
		p.i += unitAt(p.t, p.i).n
		return
	}
	start := p.i
	v, n, err := number(p.t, p.i)
	if err != nil {
		p.unclear(err.Error())
		p.i += n
		p.i += unitAt(p.t, p.i).n
		return
	}
	if n == 0 {
		p.vagueAmount()
		return
	}
	if (p.text(p.i) == "a" || p.text(p.i) == "an") && (vagueWords[p.text(p.i+1)] || p.r.foodAt(p.t, p.i)) {
		if vagueWords[p.text(p.i+1)] {
			p.i++
			p.vagueAmount()
			return
		}
	}
	if v == 0 {
		p.unclear("an amount of zero: write how much goes in, or take the line out")
	}
	if raw := p.t[p.i].Raw; p.t[p.i].Kind == words.Number && (thousand(raw) || raw[0] == ',') {
		p.guess("\"" + raw + "\" read as " + quantity.Number(v))
	}
	lo, hi := v, v
	p.i += n
	if p.text(p.i) == "x" && p.i+1 < len(p.t) && p.t[p.i+1].Kind == words.Number {
		p.i++ // "2 x 400 g tins"
	}
	// A range: "2-3", "2 to 3", "2 or 3".
	if sep := p.text(p.i); sep == "-" || sep == "to" || sep == "or" || sep == "and" && p.text(start-1) == "between" {
		if w, m, err := number(p.t, p.i+1); err == nil && m > 0 && p.t[p.i+1].Text != "a" && p.t[p.i+1].Text != "an" {
			if p.isPackage(p.i+1+m, w) && v == float64(int(v)) && v <= 24 && sep == "-" {
				p.packaged(v, w, p.i+1+m)
				return
			}
			if p.text(p.i+m) == "dozen" && p.text(p.i-1) != "dozen" && v < 12 {
				v *= 12
			}
			if u := unitAt(p.t, p.i+1+m); w > v || u.n == 0 || sep != "-" {
				lo, hi = v, w
				if lo > hi {
					lo, hi = hi, lo
				}
				p.i += 1 + m
			}
		}
	}
	// "400 g tin", "14-oz can": one, of that size.
	if u, c, m := p.holder(p.i); m > 0 && lo == hi {
		p.setAmount(quantity.Amount{Min: 1, Max: 1, Unit: c})
		p.l.Package = &Package{lo * u.scale, u.unit}
		p.i += m
		p.skipOf()
		return
	}
	// "2 (15 oz) cans", "2 15-ounce cans"
	if q, m, u, ok := p.sizeAt(p.i); ok && containers[unitAt(p.t, p.i+m).unit] {
		c := unitAt(p.t, p.i+m)
		p.setAmount(quantity.Amount{Min: lo, Max: hi, Unit: c.unit})
		p.l.Package = &Package{q * u.scale, u.unit}
		p.i += m + c.n
		p.skipOf()
		return
	}
	// Inches make an inch-piece of ginger, or a size ("3-inch cinnamon stick").
	if j := p.i; p.text(j) == "-" {
		if u := unitAt(p.t, j+1); u.unit == quantity.InchPiece {
			p.i++
		}
	}
	j := p.i
	if p.text(j) == "half" && unitAt(p.t, j+1).n > 0 && p.text(j+1) != "pint" && p.text(j+1) != "gallon" && lo == 1 && hi == 1 {
		lo, hi = 0.5, 0.5
		p.guess("\"1 half\" read as ½")
		j++
		p.i++
	}
	for sizeWords[p.text(j)] {
		if p.text(j) == "heaping" || p.text(j) == "heaped" || p.text(j) == "scant" || p.text(j) == "generous" || p.text(j) == "rounded" {
			p.guess("\"" + p.text(j) + "\" read as level")
		}
		j++
	}
	if p.text(j) == "-" {
		j++
	}
	u := unitAt(p.t, j)
	if u.n > 0 && p.unitIsFood(p.i, j) {
		u = unitRead{}
	}
	if u.n == 0 {
		if (p.t[start].Text == "a" || p.t[start].Text == "an") && !p.r.foodAhead(p.t, p.i) {
			// "a little of this" says nothing about how much.
			p.unclear("the amount cannot be measured; write it in cups, spoons or weight")
			return
		}
		p.setAmount(quantity.Amount{Min: lo, Max: hi, Unit: quantity.Each})
		p.pieces()
		return
	}
	p.i = j + u.n
	a := quantity.Amount{Min: lo * u.scale, Max: hi * u.scale, Unit: u.unit}
	if u.unit.Vague() {
		p.setAmount(a)
		p.unclear("\"" + p.t[j].Raw + "\" cannot be measured; write it in cups, spoons or weight")
		p.skipOf()
		return
	}
	a = p.plus(a)
	if k := andAHalf(p.t, p.i); k > 0 && a.Min == a.Max {
		add := fractionWords[p.text(p.i+k-1)] * u.scale // "1 cup and a half"
		a.Min, a.Max = a.Min+add, a.Max+add
		p.i += k
	}
	p.setAmount(a)
	if u.unit.Dimension() != quantity.Count && unitAt(p.t, p.i).unit == quantity.Can {
		p.l.State = append(p.l.State, "canned") // "8 oz can mushrooms"
		p.i++
	}
	if containers[u.unit] {
		// "1 can (15 oz)"
		if q, m, su, ok := p.sizeAt(p.i); ok {
			p.l.Package = &Package{q * su.scale, su.unit}
			p.i += m
		}
	}
	if p.text(p.i) == "each" && p.i+1 < len(p.t) {
		if _, isJar := jarWord(p.t, p.i+1); isJar == 0 {
			p.each = true
			p.i++
		}
	}
	p.pieces()
	p.skipOf()
}

// holder reads "g tin", "-oz can" and "lb. bag" at t[i].
func (p *lineParser) holder(i int) (size unitRead, container quantity.Unit, n int) {
	j := i
	hyphen := p.text(j) == "-"
	if hyphen {
		j++
	}
	u := unitAt(p.t, j)
	if u.n == 0 || u.unit.Dimension() == quantity.Count {
		return u, "", 0
	}
	c := unitAt(p.t, j+u.n)
	if !containers[c.unit] || c.unit == quantity.JarUnit || !hyphen && c.unit != quantity.Can || !hyphen && p.t[i-1].End != p.t[i].Start {
		return u, "", 0
	}
	return u, c.unit, j + u.n + c.n - i
}

func (p *lineParser) skipOf() {
	for p.text(p.i) == "of" || p.text(p.i) == "." {
		p.i++
	}
}

// isPackage reports whether t[i] is a unit of size w before a container.
func (p *lineParser) isPackage(i int, w float64) bool {
	if p.text(i) == "-" {
		i++
	}
	u := unitAt(p.t, i)
	return u.n > 0 && u.unit.Dimension() != quantity.Count && w > 0 && containers[unitAt(p.t, i+u.n).unit]
}

// packaged takes "2-15 oz cans".
func (p *lineParser) packaged(count, size float64, i int) {
	if p.text(i) == "-" {
		i++
	}
	u := unitAt(p.t, i)
	c := unitAt(p.t, i+u.n)
	p.setAmount(quantity.Amount{Min: count, Max: count, Unit: c.unit})
	p.l.Package = &Package{size * u.scale, u.unit}
	p.i = i + u.n + c.n
	p.skipOf()
}

// sizeAt reads "(15 oz)", "15-ounce", "15 oz" and returns the tokens taken.
func (p *lineParser) sizeAt(i int) (v float64, n int, u unitRead, ok bool) {
	j := i
	paren := p.text(j) == "("
	if paren {
		j++
	}
	for aboutWords[p.text(j)] {
		j++
	}
	v, m, err := number(p.t, j)
	if err != nil || m == 0 || p.t[j].Kind != words.Number {
		return 0, 0, u, false
	}
	j += m
	if p.text(j) == "-" {
		j++
	}
	u = unitAt(p.t, j)
	if u.n == 0 || u.unit.Dimension() == quantity.Count {
		return 0, 0, u, false
	}
	j += u.n
	if paren {
		for j < len(p.t) && p.text(j) != ")" {
			if w, m, err := number(p.t, j); err == nil && m > 0 {
				// "(4 lb 6 oz)"
				more := unitAt(p.t, j+m)
				add, ok := quantity.Convert(w*more.scale, more.unit, u.unit)
				if more.n == 0 || !ok {
					return 0, 0, u, false
				}
				v += add / u.scale
				j += m + more.n
				continue
			}
			if p.text(j) != "each" && p.text(j) != "total" {
				return 0, 0, u, false
			}
			j++
		}
		if j == len(p.t) {
			return 0, 0, u, false // the bracket is never closed
		}
		j++
	}
	return v, j - i, u, true
}

// thousand reports whether the figure has a point before three digits, which
// some write for a thousand.
func thousand(raw string) bool {
	whole, rest, ok := strings.Cut(raw, ".")
	return ok && len(rest) == 3 && len(whole) >= 1 && len(whole) <= 3 && !strings.Contains(rest, "/")
}

// unitIsFood reports whether the would-be unit at j begins a food's name
// ("12 whole cloves", "3 head cheese").
func (p *lineParser) unitIsFood(i, j int) bool {
	for k := i; k <= j && k < len(p.t); k++ {
		if s, n := p.r.line.at(p.t, k); n > 1 && s.kind == foodName && k+n > j && !p.longerFood(j+1, k+n) {
			return true
		}
	}
	// "6 cloves": nothing follows, so the word itself is the food.
	if s, n := p.r.line.at(p.t, j); n > 0 && s.kind == foodName && !p.r.foodAhead(p.t, j+1) && !p.r.unknownAhead(p.t, j+1) {
		return true
	}
	return false
}

// longerFood reports a food's name at i that goes on past the end: the "sweet cherries" of three pounds, where
// a pound sweet is an apple.
func (p *lineParser) longerFood(i, end int) bool {
	if i >= len(p.t) {
		return false
	}
	s, n := p.r.line.at(p.t, i)
	return n > 0 && s.kind == foodName && i+n > end
}

// plus adds "+ 2 Tbsp", "plus 2 Tbsp", "1 lb 4 oz", in the first unit.
func (p *lineParser) plus(a quantity.Amount) quantity.Amount {
	for {
		j := p.i
		sep := p.text(j)
		if sep == "+" || sep == "plus" || sep == "and" || sep == "&" {
			j++
		}
		if j >= len(p.t) || p.t[j].Kind != words.Number && english.NumberWord(p.t[j].Text) == 0 {
			return a
		}
		v, n, err := number(p.t, j)
		if err != nil || n == 0 {
			return a
		}
		u := unitAt(p.t, j+n)
		if u.n == 0 {
			return a
		}
		add, ok := quantity.Convert(v*u.scale, u.unit, a.Unit)
		if !ok {
			return a
		}
		a.Min += add
		a.Max += add
		p.i = j + n + u.n
	}
}

// pieces reads a second way to say the amount: "(7 oz)", "/ 7 oz", "(about 1
// lb)". The first of two equal amounts stands; the weight of counted things is
// kept.
func (p *lineParser) pieces() {
	j := p.i
	if p.text(j) == "/" || p.text(j) == "|" || p.text(j) == "=" {
		j++
	} else if p.text(j) != "(" {
		return
	}
	v, n, u, ok := p.sizeAt(j)
	if !ok {
		return
	}
	p.i = j + n
	if g, ok := quantity.Convert(v*u.scale, u.unit, quantity.G); ok && p.l.Unit.Dimension() != quantity.Mass {
		p.l.Pieces = g
		if p.l.AmountMin != nil && p.l.Unit.Dimension() == quantity.Volume {
			p.again, p.againText = p.l.Amount(), p.body[p.t[j].Start:p.t[j+n-1].End]
		}
	}
}

// vagueAmount marks "some", "a few", "plenty".
func (p *lineParser) vagueAmount() {
	if vagueWords[p.text(p.i)] {
		p.unclear("\"" + p.t[p.i].Raw + "\" is no amount; write it in cups, spoons or weight")
		p.i++
		p.skipOf()
		return
	}
	j := p.i
	for sizeWords[p.text(j)] {
		j++
	}
	if u := unitAt(p.t, j); u.n > 0 && (u.unit == quantity.Pinch || u.unit == quantity.Dash || u.unit.Vague()) {
		p.setAmount(quantity.Amount{Min: 1, Max: 1, Unit: u.unit})
		p.i = j + u.n
		if u.unit.Vague() {
			p.unclear("\"" + p.t[j].Raw + "\" cannot be measured; write it in cups, spoons or weight")
		}
		p.skipOf()
	}
}

// jarWord reads the name of a jar at t[i] and the tokens it takes.
func jarWord(t []words.Token, i int) (string, int) {
	get := func(k int) string {
		if k < len(t) {
			return t[k].Text
		}
		return ""
	}
	n := 0
	name := ""
	switch {
	case get(i) == "half" && (get(i+1) == "pint" || get(i+1) == "gallon"):
		name, n = "half-"+get(i+1), 2
	case get(i) == "half" && get(i+1) == "-" && (get(i+2) == "pint" || get(i+2) == "gallon"):
		name, n = "half-"+get(i+2), 3
	case get(i) == "pint" || get(i) == "pt":
		name, n = "pint", 1
	case get(i) == "quart" || get(i) == "qt":
		name, n = "quart", 1
	case get(i) == "jar":
		return "jar", 1
	default:
		return "", 0
	}
	if get(i+n) == "jar" {
		n++
	}
	return name, n
}

// jarReady are words of a jar that waits to be filled: "each hot quart".
var jarReady = set("hot warm clean empty sterile sterilized sterilised prepared scalded")

// perJar finds "per quart", "to each pint", "in each jar" and takes it out.
func (p *lineParser) perJar() {
	for i := 0; i < len(p.t); i++ {
		j := i
		switch p.text(j) {
		case "to", "in", "for", "into":
			if w := p.text(j + 1); w == "each" || w == "every" || w == "the" || w == "a" || w == "per" {
				j += 2
			} else {
				continue
			}
		case "per", "each", "every", "/":
			j++
		case "a":
			if _, n := jarWord(p.t, j+1); n == 0 || j+1+n < len(p.t) && p.t[j+1+n].Kind != words.Mark {
				continue
			}
			j++
		default:
			continue
		}
		for jarReady[p.text(j)] {
			j++
		}
		name, n := jarWord(p.t, j)
		if n == 0 || p.named(i) {
			continue
		}
		if from, end, share := p.share(i, j+n); from >= 0 {
			p.l.Share = &Share{share, name}
			if p.text(from) == "(" && p.text(end) == ")" {
				end++
			}
			p.t = append(append([]words.Token{}, p.t[:from]...), p.t[end:]...)
			return
		}
		p.l.Per = name
		p.t = append(append([]words.Token{}, p.t[:i]...), p.t[j+n:]...)
		return
	}
}

// named reports whether the token at i stands inside a food's name: "garlic in a
// jar".
func (p *lineParser) named(i int) bool {
	for k := range i {
		if s, n := p.r.line.at(p.t, k); n > 0 && s.kind == foodName && k+n > i {
			return true
		}
	}
	return false
}

// weightInParens takes out "(about 1 lb)" behind a counted food and keeps the
// weight.
func (p *lineParser) weightInParens() {
	for i := range p.t {
		if p.text(i) != "(" {
			continue
		}
		v, n, u, ok := p.sizeAt(i)
		ok = ok && i > 0
		if !ok {
			if n := p.restatement(i); n > 0 {
				p.l.orElse(p.t[i+1 : i+n-1])
				p.t = append(append([]words.Token{}, p.t[:i]...), p.t[i+n:]...)
				return
			}
			continue
		}
		if g, ok := quantity.Convert(v*u.scale, u.unit, quantity.G); ok && p.l.Unit.Dimension() == quantity.Count && p.l.AmountMin != nil {
			p.l.Pieces = g
		}
		said := quantity.Amount{Min: v * u.scale, Max: v * u.scale, Unit: u.unit}
		if p.l.AmountMin == nil && p.l.Reading != Unclear {
			p.setAmount(said) // "sugar (2 cups)"
		} else {
			p.again, p.againText = said, p.body[p.t[i].Start:p.t[i+n-1].End]
		}
		p.t = append(append([]words.Token{}, p.t[:i]...), p.t[i+n:]...)
		return
	}
}

// restatement returns the tokens of "(about 3 quart boxes)": brackets that say
// the amount again and name nothing new. 0 where it is something else.
func (p *lineParser) restatement(i int) int {
	if p.l.AmountMin == nil {
		return 0
	}
	numbers := 0
	for j := i + 1; j < len(p.t); j++ {
		t := p.t[j]
		switch {
		case t.Text == "(": // what is bracketed again restates nothing
			return 0
		case t.Text == ")":
			if numbers == 0 {
				return 0
			}
			return j - i + 1
		case t.Text == "plus" || t.Text == "+" || t.Text == "%" || t.Text == "percent":
			return 0
		case t.Kind == words.Number:
			numbers++
		case t.Kind == words.Mark, aboutWords[t.Text], measureWords[t.Text], sizeWords[t.Text]:
		case unitAt(p.t, j).n > 0:
		case numbers > 0 && p.r.method.Tool(t.Text): // "(2 trays)"
		default:
			if s, n := p.r.line.at(p.t, j); n == 0 || s.kind == foodName {
				return 0
			}
		}
	}
	return 0
}

var measureWords = map[string]bool{"minute": true, "min": true, "hour": true, "hr": true, "second": true, "sec": true, "day": true,
	"inch": true, "in": true, "cm": true, "mm": true, "degree": true, "°": true, "f": true, "week": true, "\"": true}

// dropMeasures takes out numbers that are no amounts: times, lengths,
// temperatures and percentages. The strength of a vinegar is kept.
func (p *lineParser) dropMeasures() {
	if !slices.ContainsFunc(p.t, func(t words.Token) bool { return t.Kind == words.Number }) {
		return
	}
	out := make([]words.Token, 0, len(p.t))
	for i := 0; i < len(p.t); {
		if p.t[i].Kind != words.Number {
			out = append(out, p.t[i])
			i++
			continue
		}
		v, n, err := number(p.t, i)
		if err != nil || n == 0 {
			out = append(out, p.t[i])
			i++
			continue
		}
		j := i + n
		if p.text(j) == "-" && (p.text(j+1) == "to" || p.text(j+1) == "or") {
			j++ // "2- to 3-inch"
		}
		if (p.text(j) == "-" || p.text(j) == "to" || p.text(j) == "x" || p.text(j) == "or" || p.text(j) == "by") && j+1 < len(p.t) && p.t[j+1].Kind == words.Number {
			_, m, _ := number(p.t, j+1)
			j += 1 + m
		}
		if p.text(j) == "-" {
			j++
		}
		switch {
		case p.text(j) == "%" || p.text(j) == "percent":
			p.l.strength(v)
			i = j + 1
			for p.text(i) == "acetic" || p.text(i) == "acidity" || p.text(i) == "acid" || p.text(i) == "strength" {
				i++
			}
		case measureWords[p.text(j)]:
			i = j + 1
			for p.text(i) == "." || p.text(i) == "-" || p.text(i) == "f" || p.text(i) == "c" || p.text(i) == "°" {
				i++
			}
			for p.text(i) == "thick" || p.text(i) == "long" || p.text(i) == "wide" || p.text(i) == "diameter" {
				i++
			}
		default:
			out = append(out, p.t[i:i+n]...)
			i += n
		}
	}
	p.t = out
}

// trailingAmount reads "green beans - 4 lb", "salt, 1 tsp", "flour: 2 cups".
func (p *lineParser) trailingAmount() {
	for i := 1; i < len(p.t); i++ {
		if p.t[i].Kind != words.Number && english.NumberWord(p.t[i].Text) == 0 && fractionWords[p.t[i].Text] == 0 &&
			p.t[i].Text != "a" {
			continue
		}
		v, n, err := number(p.t, i)
		if err != nil {
			p.unclear(err.Error())
			return
		}
		if n == 0 {
			continue
		}
		lo, hi := v, v
		j := i + n
		if (p.text(j) == "-" || p.text(j) == "to") && j+1 < len(p.t) {
			if w, m, err := number(p.t, j+1); err == nil && m > 0 && w > v {
				hi = w
				j += 1 + m
			}
		}
		for sizeWords[p.text(j)] {
			j++
		}
		u := unitAt(p.t, j)
		before := p.text(i - 1)
		if u.n == 0 && (j < len(p.t) || before != "-" && before != "," && before != ":" && before != "x" && before != "(") {
			continue
		}
		if u.n == 0 {
			u = unitRead{quantity.Each, 0, 1}
		}
		if p.t[i].Text == "a" && p.noDose(u.unit, j+u.n) {
			continue
		}
		p.setAmount(quantity.Amount{Min: lo * u.scale, Max: hi * u.scale, Unit: u.unit})
		if u.unit.Vague() {
			p.unclear("\"" + p.t[j].Raw + "\" cannot be measured; write it in cups, spoons or weight")
		}
		p.t = append(append([]words.Token{}, p.t[:i]...), p.t[j+u.n:]...)
		return
	}
}

// noDose reports an "a" that measures nothing: "grapes, a bit under-ripe".
func (p *lineParser) noDose(u quantity.Unit, next int) bool {
	if u.Vague() {
		return howRipe[p.text(next)]
	}
	return u != quantity.Pinch && u != quantity.Dash
}

// howRipe begins what fruit is like, behind "a bit".
var howRipe = set("under underripe under-ripe unripe ripe overripe firm soft green small large old young " +
	"bruised dry tart sour")

// servingPhrase takes out "to serve", "for garnish" and marks the line.
func (p *lineParser) servingPhrase() {
	for i := range p.t {
		first := p.t[i].Text
		if first != "to" && first != "for" && first != "when" && first != "at" && first != "after" && first != "on" && first != "added" && first != "before" && first != "as" {
			continue
		}
		for _, ph := range servingPhrases {
			ok := true
			for k, w := range ph {
				if p.text(i+k) != w {
					ok = false
					break
				}
			}
			if ok {
				p.l.Serving = true
				p.t = append(append([]words.Token{}, p.t[:i]...), p.t[i+len(ph):]...)
				return
			}
		}
	}
}

// servingPhrases say that the food is for the opened jar.
var servingPhrases = [][]string{{"to", "serve"}, {"for", "serving"}, {"for", "garnish"}, {"to", "garnish"}, {"when", "serving"}, {"at", "serving"},
	{"after", "opening"}, {"at", "the", "table"}, {"for", "the", "table"}, {"when", "you", "open", "the", "jar"}, {"on", "serving"},
	{"when", "opening"}, {"when", "opened"}, {"when", "reheating"}, {"at", "serving", "time"}, {"added", "when", "serving"}, {"before", "serving"}, {"as", "garnish"}}
