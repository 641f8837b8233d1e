package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// lineKind says what a line of the ingredient area is by what it says: an
// ingredient, a heading, or a note, which is a fact, a step, talk or a page's
// furniture. sure is false where the words alone do not decide.
func (r *Reader) lineKind(body string) (kind string, sure bool) {
	t := words.Split(body)
	if len(t) == 0 {
		return Note, true
	}
	first := firstWord(body)
	low := strings.ToLower(body)
	figure := first == "0"
	if furnitureFirst[first] && (!figure || containsAny(low, "comment", "review", "rating", "vote", "share", "like", "x", "©")) && furniture.MatchString(body) {
		return Note, true
	}
	if len(t) <= 10 && r.opensLetter(first, body) {
		return Note, true
	}
	if r.headed(body, t) {
		return Heading, true
	}
	if len(t) > 2 && t[0].Kind == words.Word && (t[1].Text == "them" || t[1].Text == "it" || t[1].Text == "'" && t[2].Text == "em") {
		return Note, true // "Jam them in tightly": what is done
	}
	if factFirst[first] && (!figure || containsAny(low, "pint", "quart", "jar")) && fact.MatchString(body) || r.processFact(t) {
		return Note, true
	}
	if r.timed(t) {
		return Note, true
	}
	if r.functionOnly(t) {
		return Note, true // "me"
	}
	if askedFirst[first] && !leadingMeasure(t) || (first == "yes" || first == "yep" || first == "yeah") && !r.foodAnywhere(t) || dated.MatchString(body) && !r.foodAnywhere(t) {
		return Note, true // "is that the 3 oz pouches", "Yes 3 oz", "started 9/14"
	}
	if strings.HasSuffix(strings.TrimSpace(body), "?") && !leadingMeasure(t) && !r.foodAnywhere(t) && !r.anyFoodWord(t) {
		return Note, true // "acid?", "even my yellow ones?"
	}
	if aDrink.MatchString(body) {
		return Note, true
	}
	if len(t) > 2 && t[1].Text == "of" && pronouns[t[2].Text] {
		return Ingredient, false // "half of it"
	}
	if len(t) > 1 && (t[1].Text == "of" || t[1].Text == "and" && len(t) > 3 && t[3].Text == "of") && (unitAt(t, 0).n > 0 || partOf[t[0].Text]) {
		return Ingredient, true // "dash of nutmeg", "zest of 1 orange"
	}
	if (strings.Contains(body, ":") || (figure || english.Numeral(first) || first == "about" || first == "that" || first == "thats") && containsAny(low, weighed...)) && weighing.MatchString(body) {
		return Note, true
	}
	if i := measureEnd(t); i > 0 && i < len(t) && r.method.Tool(body[t[i].Start:]) {
		return Note, true // "one-gallon crock"
	}
	if first == "from" && len(t) > 2 && (!hasNumber(t) || fromBook.MatchString(body)) {
		return Note, true // where it comes from
	}
	if r.putsTogether(body, t) {
		return Note, true
	}
	if packed(t) {
		return Ingredient, true
	}
	if r.leadingFood(t) || r.countedBehind(t) {
		return Ingredient, true
	}
	s := r.method.Shape(body)
	named := s.Foods > 0
	switch {
	case s.Order && s.Words > 1 && !r.namesOnly(t):
		return Note, true
	case s.Said && (s.Words > 3 || !named && !hasNumber(t)) && !((r.foodAt(t, 0) || r.foodAt(t, 1)) && hasNumber(t)):
		return Note, true
	case !s.Order && !s.Said && (leadingMeasure(t) || strings.HasSuffix(strings.TrimRight(strings.ToLower(body), " ."), " to taste")):
		return Ingredient, true // whatever it is, it goes in
	case !named && (s.Verbs > 0 || s.Trade) && s.Strange == 0 && s.Words > 1 && !hasNumber(t) && !r.foodAhead(t, 0) && !r.anyFoodWord(t):
		return Note, true
	}
	return Ingredient, false
}

// weighing is an amount of pressure, of a batch or of what was named before: no
// ingredient.
var weighing = pattern.MustCompile(`(?i)^\W*(about )?[\w½¼¾/. -]{1,14} ?(pounds?|lbs?\.?) (weight|of pressure|pressure|on the (dial|gauge|weight))\b|^\W*(a |one )?(half|quarter|third|double|triple|\d|one|two|three)( an?| the| of)* (batch|recipe|load|canner)\b|^\W*\d+ (half.)?(pint|quart) jars?\s*:?\s*$|^\W*\d+[ \w/]{0,12} of (the|this|that|it)\b( \w+)?\.?$|^\W*\d+ (or|to|-) \d+ jars?\W*$|^\W*(ok(ay)?,? |so,? |right,? |now,? )*(on|for|per|to|makes) (about )?\d+ [^:]{0,20}(jars?|pints?|quarts?|bottles?|loads?|batch|batches)\W*:\W*$|^\W*(that'?s? (is )?(it|all)( folks)?|basta|finito|fin|voila|nothing else|no more)\W*$|^\W*(about )?\d[\d ./½¼¾]* ?(lbs?|pounds?|kilos?|kg|bushels?) (in|with|without) (the |their )?(hulls?|pods?|shells?|husks?|tops?|shucks?)\b|^[^:]{2,30}:\W*(none|nil|no|nothing|never|not any)\b`)

// intoVessel is what goes together, told without a verb: "Tomatoes and onions in a big bowl."
var intoVessel = pattern.MustCompile(`(?i)^[^\d:(]+ (?:in|into) (?:a|an|the|my|your|one)(?: [\pL-]+){0,3} ` +
	`(?:bowl|pan|pot|saucepan|kettle|crock|stockpot|stock pot|basin|dish)(?:[.!]?$|, )`)

// fromBook is where a recipe was copied from.
var fromBook = pattern.MustCompile(`(?i)^\W*from [^:;,0-9]*\b(book|notebook|booklet|card|leaflet|magazine|newsletter|binder|diary|recipe (tin|box|file))(,? \(?(page|p\.|pg|no\.?|number|#) ?\d+)?[).]*$`)

// aDrink is a pause between two steps.
var aDrink = pattern.MustCompile(`(?i)^\W*(a |one )?(nice |strong |good )*(cup|mug|pot|glass|cuppa)( of)? (tea|coffee|chai|cocoa|wine|beer)\W*$`)

// putsTogether reports what is done without a verb that looks like one.
func (r *Reader) putsTogether(body string, t []words.Token) bool {
	return r.quarters(t) || intoVessel.MatchString(body) && !leadingMeasure(t)
}

// quarters reports a sentence that cuts several in four, "Quarter tomatoes into the pot",
// and no quarter of one, "quarter onion, minced".
func (r *Reader) quarters(t []words.Token) bool {
	return len(t) > 2 && t[0].Text == "quarter" && t[1].Text != t[1].Raw && strings.HasSuffix(strings.ToLower(t[1].Raw), "s") && r.foodAt(t, 1)
}

// functionOnly reports whether the line holds nothing but words of grammar.
func (r *Reader) functionOnly(t []words.Token) bool {
	n := 0
	for i := range t {
		w := t[i].Text
		said := functionWords[w] || answers[w] || courtesies[w]
		if t[i].Kind == words.Number || t[i].Kind == words.Word && !said {
			return false
		}
		if t[i].Kind == words.Word {
			n++
		}
	}
	return n > 0
}

// courtesies are what people say around what they were asked for: "sure thing", "my pleasure".
var courtesies = set("me us thing course pleasure problem problems worries gladly welcome absolutely definitely " +
	"certainly totally lovely please thanks thank")

// askedFirst are the words that a question begins with.
var askedFirst = set("is are does did how what which who when where why could should would")

// dated is a line that says when something was done.
var dated = pattern.MustCompile(`^\W*[a-zA-Z]+ed \d{1,2}/\d{1,2}\b`)

// firstWord is the first word in small letters, "0" where a figure stands first: it
// tells quickly which of the patterns below can fit at all.
func firstWord(s string) string {
	start := -1
	for i, c := range s {
		letter := c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z'
		switch {
		case start < 0 && (c >= '0' && c <= '9' || c > 127):
			return "0"
		case start < 0 && letter:
			start = i
		case start >= 0 && !letter:
			return strings.ToLower(s[start:i])
		}
	}
	if start < 0 {
		return ""
	}
	return strings.ToLower(s[start:])
}

var (
	furnitureFirst = set("home us pinned back backnext today yesterday delivered 0 http https www sponsored advertisement shop click tap pin print jump this last filed posted sent from cook difficulty cuisine course category keyword keywords tag tags sodium calories protein carb carbs carbohydrate carbohydrates cholesterol saturated fiber on page copyright x")
	letterFirst    = set("hi hello hey hiya dear howdy g greetings good ahoy salut bonjour hola ciao cheers love lots much sincerely yours regards kind best warmly warm hugs xo xoxo xx xxx thanks thank many ta take god bless blessings tot cordialement your from to cc bcc subject date sent re reply p ps")
	factFirst      = set("0 this it recipe each makes yield yields serves serving servings gives fills prep cook total active canning altitude elevation headspace head process processing pressure jar jars equipment method pack gauge canner vent keep keeps store stores best day step part about")
)

// weighed are words of which one stands in every line that weighing matches.
var weighed = []string{"weight", "pressure", "dial", "gauge", "batch", "recipe", "load", "canner", "jar", "of the", "of this", "of that", "of it", "hull", "pod", "shell", "husk", "top", "shuck", "that"}

// packed reports whether the line begins with a number of cans or packets: "1 (14
// oz) can ...". Whatever is in them goes in.
func packed(t []words.Token) bool {
	_, _, n := english.Range(t, 0)
	if n == 0 {
		return false
	}
	if n < len(t) && t[n].Text == "(" {
		for n < len(t) && t[n].Text != ")" {
			n++
		}
		n++
	}
	u := unitAt(t, n)
	return u.n > 0 && containers[u.unit] && u.unit != quantity.JarUnit && n+u.n < len(t)
}

// countedBehind reports whether the line names a food and, behind a dash or a colon,
// how many of it: "Pearl onions - 4 per jar".
func (r *Reader) countedBehind(t []words.Token) bool {
	n := 0
	for n < len(t) && n < 6 && t[n].Kind == words.Word {
		n++
	}
	if n == 0 || !r.foodAnywhere(t[:n]) || n+2 >= len(t) || t[n].Text != "-" && t[n].Text != ":" && t[n].Text != "," {
		return false
	}
	_, _, m := english.Range(t, n+1)
	if m == 0 {
		return false
	}
	next := n + 1 + m
	if t[n].Text == "," {
		return next < len(t) && unitAt(t, next).n > 0 && !measureWords[t[next].Text] && !r.method.Shape(t[0].Raw).Order
	}
	return next >= len(t) || unitAt(t, next).n > 0 && !measureWords[t[next].Text] || toEachJar[t[next].Text]
}

// toEachJar stand between a measure and the jar that gets it.
var toEachJar = set("per to in for each every")

// measureEnd returns where the words behind a leading measure begin, 0 without one.
func measureEnd(t []words.Token) int {
	_, _, n := english.Range(t, 0)
	if n == 0 {
		return 0
	}
	if n < len(t) && t[n].Text == "-" {
		n++
	}
	return n + unitAt(t, n).n
}

// leadingMeasure reports whether the line begins with a measure of the kitchen:
// "1 Tbsp", "2 cups".
func leadingMeasure(t []words.Token) bool {
	_, _, n := english.Range(t, 0)
	u := unitAt(t, n)
	return n > 0 && u.n > 0 && u.unit.Dimension() != quantity.Count
}

// crumbs are what a page or a chat carries above a recipe: where it stands, when it came.
var crumbs = pattern.MustCompile(`(?i)^\W*([^›»]*[›»][^›»]*[›»][^›»]*$|home( +| *[|/] *)(recipes?|about|shop|blog|contact)\b|(today|yesterday|mon|tue|wed|thu|fri|sat|sun)\w*,? \d{1,2}:\d\d( ?[ap]m)?\W*$)`)

// furniture is what a page carries round a recipe.
var furniture = pattern.MustCompile(`(?i)^\W*(https?://|www\.|sponsored\b|advertisement\b|shop this` +
	`|click here|tap to|pin it|print\b|jump to|this post|last updated|filed under|posted\b|sent from my` +
	`|from the kitchen of|cook mode|difficulty\s*:|cuisine\s*:|course\s*:|category\s*:|keywords?\s*:|tags?\s*:` +
	`|sodium\b|calories\b|protein\b|carb|cholesterol\b|saturated\b|fiber\b|\d+ (comments?|reviews?|ratings?` +
	`|votes?|shares?|likes?)\s*$|(\d+x\s*){2,}$|us customary\b|[^›»]*[›»][^›»]*([›»]|$)|\(?pinned\)?\W*$` +
	`|back\W{0,3}next\b|(today|yesterday|mon|tue|wed|thu|fri|sat|sun)\w*,? \d{1,2}:\d\d|delivered\W*$` +
	`|on .{4,40} wrote:|>+ |page \d+ of \d+|copyright|©)`)

var greets = set("hi hello hey hiya howdy greetings good ahoy salut bonjour hola ciao")

// isLetter reports how a letter begins or ends; "Hello there, in goes the butter" is no
// greeting.
func (r *Reader) isLetter(line string) bool {
	if fondly.MatchString(line) && !r.foodAnywhere(words.Split(line)) {
		return true
	}
	return letter.MatchString(line) && !(strings.Contains(line, ",") && greets[firstWord(line)] && r.foodAnywhere(words.Split(line)))
}

// opensLetter is isLetter, for a line whose first word is known.
func (r *Reader) opensLetter(first, line string) bool {
	return (letterFirst[first] || fondly.MatchString(line)) && r.isLetter(line)
}

// fondly is a greeting by name alone: "Hazel love,", "Well, Hazel dear!", "Morning, Tom,".
var fondly = pattern.MustCompile(`^\W*(?:(?i:well|oh|so|now|right|ok|okay|morning|evening|afternoon),? )?` +
	`\p{Lu}\p{Ll}{2,14}(?: (?:and|&) \p{Lu}\p{Ll}{2,14})?,? (?:my |old )?` +
	`(?i:love|loves|dear|dears|dearest|darling|pet|honey|hon|duck|sweetheart|sweetie|mate|lovely|friend` +
	`|kiddo|chick|petal|flower)[,!.:]\s*$` +
	`|^\W*(?i:well|morning|evening|afternoon),? \p{Lu}\p{Ll}{2,14}[,!]\s*$`)

// letter is how a letter begins and ends.
var letter = pattern.MustCompile(`(?i)^\W*((hi|hello|hey|hiya|dear|howdy|g'day|greetings|good (morning|evening|afternoon)|ahoy|salut|bonjour|hola|ciao)\b[^.:;0-9]{0,40}[,.!:-]*|(cheers|love|lots of love|much love|sincerely|yours( truly| sincerely| in haste)?|regards|kind regards|best( wishes| regards)?|warmly|warm regards|hugs|xo+|thanks|thank you|many thanks|ta|take care|god bless|blessings|tot ziens|cordialement|your (loving )?(brother|sister|friend|cousin|aunt|uncle|mother|father|son|daughter|neighbou?r|niece|nephew|grandson|granddaughter))\b[ ,.!-]*(((?-i:[A-Z])[\w'.-]*[ ,.!&-]*(and |& )?){0,4}|[a-z][\w'-]*( (and|&) [a-z][\w'-]*)?[ ,.!-]*)(xo+)?|(from|to|cc|bcc|subject|date|sent|re|reply-to)\s*:.*|p\.? ?s\.?)\s*$`)

// fact is a line that states a yield, a storage time or the kitchen.
var fact = pattern.MustCompile(`(?i)^\W*((this |it |recipe |each batch )?(makes|yields?|serves|servings?|gives|fills)\b|(prep|cook|total|active|canning) time\b|(altitude|elevation|headspace|head space|process(ing)? time|pressure|yield|jars?|equipment|method|pack|gauge|canner|vent)\s*:|keeps?\b|stores?\b|best (within|before|by)\b|day \w+\s*:?\s*$|step \w+\s*:?\s*$|part \w+\s*:?\s*$|(about )?\d+([/.]\d+)? ?(to|-|–) ?\d+ (half.)?(pints?|quarts?|jars?)\s*\.?$|(about )?\d+ (half.)?(pints?|quarts?|jars?)\s*\.?$)`)

// timed reports whether the line gives jars a time and names no food.
func (r *Reader) timed(t []words.Token) bool {
	jar := false
	for i := range t {
		if r.foodAt(t, i) {
			return false
		}
		_, n := jarWord(t, i)
		jar = jar || n > 0
	}
	for _, m := range english.Measures(t) {
		if m.Kind == english.Duration && jar {
			return true
		}
	}
	return false
}

// processFact reports whether the line states minutes, pounds or headspace and
// names no food.
func (r *Reader) processFact(t []words.Token) bool {
	ms := english.Measures(t)
	if len(ms) > 0 && ms[0].Start == 0 && ms[0].Kind == english.Length && r.around(t, ms[0].End) {
		return true // "two inches of hot water in the canner"
	}
	if len(ms) > 0 && ms[0].Start == 0 && (ms[0].Kind == english.Duration || ms[0].Kind == english.Length && !r.foodAnywhere(t)) {
		return true
	}
	if _, _, n := english.Range(t, 0); n > 0 {
		if name, m := jarWord(t, n); m > 0 && name != "jar" && t[n+m-1].Raw != t[n+m-1].Text && !r.foodAnywhere(t) {
			return true // "Nine pints or thereabouts."
		}
	}
	if t[0].Text == "no" || t[0].Text == "without" {
		return true // what is not there
	}
	if !ofProcess(t) {
		return false
	}
	for i := range t {
		if r.foodAt(t, i) && t[i].Text != "head" {
			return false
		}
	}
	return true
}

// around reports that the length that ends before t[end] is of what stands around jars or over food: the
// water in the canner, ice on top.
func (r *Reader) around(t []words.Token, end int) bool {
	if end >= len(t) {
		return false
	}
	return r.inVessel(t[end:]) || end+1 < len(t) && t[end].Text == "of" && t[end+1].Text == "ice" && !namesJar(t)
}

func namesJar(t []words.Token) bool {
	for i := range t {
		if _, n := jarWord(t, i); n > 0 {
			return true
		}
	}
	return false
}

// ofProcess reports whether the words name something of the process.
func ofProcess(t []words.Token) bool {
	for i := range t {
		switch t[i].Text {
		case "headspace", "headroom", "psi", "canner", "gauge", "altitude", "elevation":
			return true
		case "pressure":
			return hasNumber(t)
		}
	}
	return false
}

// inVessel reports whether the words end in the canner or the pot: its water.
func (r *Reader) inVessel(t []words.Token) bool {
	for i := 1; i < len(t); i++ {
		switch t[i].Text {
		case "canner", "pot", "kettle", "bottom":
			return t[i-1].Text == "the" || t[i-1].Text == "your" || t[i-1].Text == "my"
		}
	}
	return false
}

func hasNumber(t []words.Token) bool {
	for i := range t {
		if t[i].Kind == words.Number {
			return true
		}
	}
	return false
}

// leadingFood reports whether the line begins with an amount and names a food
// right behind it.
func (r *Reader) leadingFood(t []words.Token) bool {
	i := 0
	for i < len(t) && (aboutWords[t[i].Text] || t[i].Text == "~") {
		i++
	}
	if len(t) > 1 && t[0].Kind == words.Word && pronouns[t[1].Text] {
		return false // "Jam them in tightly"
	}
	_, _, n := english.Range(t, i)
	if n == 0 && i < len(t) && (t[i].Text == "a" || t[i].Text == "an") && unitAt(t, i+1).n > 0 {
		n = 1
	}
	if n == 0 {
		return false
	}
	if next := i + n; next+1 < len(t) && t[next].Text == "of" && pronouns[t[next+1].Text] {
		return false // "half of it"
	}
	if next := i + n; next < len(t) && (t[next].Text == "the" || t[next].Text == "of" && next+1 < len(t) && t[next+1].Text == "the") {
		return false // "half the dill"
	}
	i += n
	u := unitAt(t, i)
	i += u.n
	for k := i; k < len(t) && k < i+6; k++ {
		if r.foodAt(t, k) {
			return true
		}
		if t[k].Kind == words.Mark && t[k].Text != "-" && t[k].Text != "(" && t[k].Text != ")" && t[k].Text != "," && t[k].Text != "." {
			return false
		}
	}
	return u.n > 0 && len(t) <= i+3
}

var pronouns = set("it them this these those that mine yours")

// namesOnly reports whether every word names a food, a form or a state.
func (r *Reader) namesOnly(t []words.Token) bool {
	for i := 0; i < len(t); {
		if t[i].Kind != words.Word {
			i++
			continue
		}
		s, n := r.line.at(t, i)
		if n == 0 || s.kind == plainWord && !colours[t[i].Text] && t[i].Text != "and" && t[i].Text != "or" {
			return false
		}
		i += n
	}
	return true
}

// anyFoodWord reports whether English calls any of the words a food.
func (r *Reader) anyFoodWord(t []words.Token) bool {
	for i := range t {
		if t[i].Kind != words.Word {
			continue
		}
		noun, ok := english.NounBase(strings.ToLower(t[i].Raw))
		if !ok {
			continue
		}
		if e, _ := english.Lookup(noun); e.Noun() == english.NounFood || e.MayFood() && e.Verb() == 0 && len(t) < 4 {
			return true
		}
	}
	return false
}

var partOf = map[string]bool{"juice": true, "zest": true, "rind": true, "peel": true}

// headed reports whether the line heads a part of the recipe.
func (r *Reader) headed(body string, t []words.Token) bool {
	bare := strings.Trim(body, "#*_=[]<>{}~ \t")
	if strings.HasPrefix(bare, "b>") {
		bare = strings.TrimSuffix(strings.TrimPrefix(bare, "b>"), "</b")
	}
	marked := bare != strings.TrimSpace(body) && !strings.HasSuffix(body, ">") || strings.HasPrefix(body, "<b>") || strings.HasSuffix(bare, ":")
	f := t
	if name := strings.TrimSuffix(bare, ":"); name != body {
		f = words.Split(name)
	}
	if len(f) == 0 || len(f) > 9 {
		return false
	}
	for i := range f {
		if f[i].Kind == words.Mark && strings.ContainsAny(f[i].Text, ".,;!?") {
			return false
		}
	}
	first := f[0].Text
	last := f[len(f)-1].Text
	if i := strings.IndexByte(bare, '('); i > 0 && strings.HasSuffix(strings.TrimSuffix(bare, ":"), ")") {
		if g := words.Split(bare[:i]); len(g) > 0 {
			last = g[len(g)-1].Text
		}
	}
	if _, n := english.Number(f, 0); n > 0 {
		return false
	}
	if headingWords[last] && (marked || len(f) <= 3 || first == "for" || first == "the" || first == "then" || first == "part") && !r.amounted(f) {
		return true
	}
	return marked && (strings.HasPrefix(body, "#") || strings.HasPrefix(body, "[") || strings.HasPrefix(body, "__") || strings.HasPrefix(body, "**")) && len(f) <= 4 && !r.amounted(f)
}

func (r *Reader) amounted(t []words.Token) bool {
	for i := range t {
		if _, n := english.Number(t, i); n > 0 && unitAt(t, i+n).n > 0 {
			return true
		}
	}
	return false
}

// headingWords are nouns that head a list of ingredients.
var headingWords = map[string]bool{"filling": true, "mixture": true, "ingredient": true, "equipment": true, "glaze": true, "syrup": true, "brine": true, "sauce": true, "topping": true, "marinade": true, "crust": true, "base": true,
	"direction": true, "instruction": true, "method": true, "note": true, "dressing": true, "rub": true, "you": true, "supply": true, "tool": true, "notes": true, "vegetable": true, "fruit": true, "spice": true, "liquid": true, "day": true, "step": true, "preparation": true, "veg": true, "pickle": true, "relish": true, "jam": true, "material": true, "doing": true, "jar": true, "canner": true, "canning": true}
