package recipe

import (
	"html"
	"strings"

	"damson/core/english"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// tidy writes a line as a typist would have: marks of a web page out, fractions
// closed up, letters that a scanner took for figures put right, and the fillers
// of speech left out. Nothing that names a food or an amount goes.
func tidy(s string) string {
	if strings.ContainsAny(s, "<&") {
		s = strings.NewReplacer("&frasl;", "/", "</td>", " ").Replace(s)
		s = strings.Join(strings.Fields(tags.ReplaceAllString(html.UnescapeString(s), "")), " ")
	}
	s = ofMixture(otherFigures(ofItself(summed(s))))
	s = amountsFirst(unitDot.ReplaceAllString(s, "$1 $2 $3"))
	s = mendAll(s, mends, mending)
	return strings.TrimRight(strings.TrimSpace(s), ", ")
}

// ofMixture takes off what the list makes: "Molasses sauce: 4 cups of the bean water, 3 Tbsp molasses". A word that
// says more of it than what stands behind stays, and all with it: "creamy sauce".
func ofMixture(s string) string {
	for _, p := range []*pattern.Pattern{mixtureListed, mixtureBeside} {
		m := p.FindStringSubmatch(s)
		if m == nil {
			continue
		}
		rest := strings.Join(m[2:], ", ")
		listed := map[string]bool{}
		for _, t := range words.Split(rest) {
			listed[t.Text] = true
		}
		for _, t := range words.Split(m[1]) {
			if !plainMixture[t.Text] && !listed[t.Text] {
				return s
			}
		}
		return rest
	}
	return s
}

var (
	mixtureListed = pattern.MustCompile(`(?i)^((?:[\pL-]+ ){0,5})(?:sauce|syrup|brine|mix|mixture|liquid|marinade|liquor` +
		`|solution)\s*:\s*(\d[\d ./½¼¾-]*\pL+ (?:of )?(?:the )?\pL+[^,]*,.*[\d½¼¾⅓⅔].*)$`)
	mixtureBeside = pattern.MustCompile(`(?i)^((?:[\pL-]+ ){0,3})(?:syrup|brine) \((?:(?:very |extra )?(?:light|medium` +
		`|heavy|thin|light-ish|i|we|did|made|used|make|use|it'?s|about|which|that|is|was),? )*(\d[\d ./½¼¾]* ?(?:cups?|c\.?|tbsp` +
		`|quarts?|kg|g|lb) (?:of )?(?:sugar|salt)) (?:in|to|with|and|for) (\d[\d ./½¼¾]* ?(?:cups?|c\.?|quarts?|qts?|l` +
		`|litres?|liters?|ml) (?:of )?water)\)$`)
)

// plainMixture are the words that say no more of a syrup or a brine than its list does.
var plainMixture = set("a an the your my our this that some up together for boil make heat mix stir bring cook " +
	"prepare simmer dissolve do light lightish light-ish medium heavy thin very extra hot boiling cold cool simple plain " +
	"basic usual regular same sugar salt pickling pickle canning covering packing cooking jar juice")

// ofItself takes off how much of the same food a measure comes from: "4 cups grape juice
// (from 3 1/2 lb grapes)", "½ cup onion (about 1 medium onion)".
func ofItself(s string) string {
	m := inBrackets.FindStringIndex(s)
	if m == nil {
		return s
	}
	outer := map[string]bool{}
	for _, t := range words.Split(s[:m[0]]) {
		outer[t.Text] = outer[t.Text] || t.Kind == words.Word
	}
	inner := words.Split(strings.Trim(s[m[0]:m[1]], " ()"))
	named, juiced := false, juicedInWater(outer, s[m[0]:m[1]])
	for i := range inner {
		w := inner[i].Text
		juiced = juiced || w == "take" || w == "from"
		switch {
		case inner[i].Kind != words.Word || ofItselfWords[w] || english.Numeral(w) || sizeWords[w] || unitAt(inner, i).n > 0:
		case outer[w]:
			named = true
		case juiced && titled(inner[i].Raw+" X"):
			named = true // a variety: "4 cups grape juice (from 3 1/2 lb Concords)"
		case w == "water" && juiced || i+1 < len(inner) && inner[i].Raw != strings.ToLower(inner[i].Raw):
			// the water that the fruit is cooked in, and a variety
		default:
			return s
		}
	}
	if !named {
		return s
	}
	return s[:m[0]] + s[m[1]:]
}

// juicedInWater reports the juice of fruit that gives it in water; lemons and tomatoes give theirs by
// themselves.
func juicedInWater(outer map[string]bool, within string) bool {
	return outer["juice"] && !outer["lemon"] && !outer["lime"] && !outer["tomato"] && !strings.Contains(within, "juice")
}

var inBrackets = pattern.MustCompile(` \((?:\pL+ |= ?|that's ){0,3}[\d½¼¾⅓⅔][^()]{2,60}\)`)

// ofItselfWords may stand around the measure.
var ofItselfWords = set("take from about roughly approximately approx around that it is or of a an the fresh ripe " +
	"whole and")

// otherFigures writes numbers in figures: of what may stand instead, as the first is, "or six 10-ounce packages of
// frozen corn"; of a strength, "vinegar five percent".
func otherFigures(s string) string {
	for _, p := range []*pattern.Pattern{otherAmount, percentSaid} {
		m := p.FindStringSubmatchIndex(s)
		if m == nil {
			continue
		}
		if v, n := english.Number(words.Split(s[m[2]:m[3]]), 0); n > 0 {
			s = s[:m[2]] + quantity.Number(v) + s[m[3]:]
		}
	}
	return s
}

var percentSaid = pattern.MustCompile(`(?i)\b(\pL+) per ?cent\b`)

var otherAmount = pattern.MustCompile(`(?i)\bor (one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (?:\d|(?:cups?|pounds?|lbs?|quarts?|pints?|packages?|packets?|cans?|tins?|ounces?|oz|tablespoons?|teaspoons?|tbsp|tsp)\b)`)

// amountsFirst turns a list that names each food before its amount: "Salt 1 Tbsp,
// dried thyme 2 tsp". Every part must end with an amount, and the first begin with
// a word.
func amountsFirst(s string) string {
	body := mixtureName.ReplaceAllString(s, "")
	body = forTheSyrup.ReplaceAllString(body, "")
	parts := strings.Split(body, ",")
	if len(parts) < 2 {
		return s
	}
	for i, part := range parts {
		m := amountLast.FindStringSubmatch(strings.TrimSpace(strings.TrimRight(part, ". ")))
		if m == nil {
			return s
		}
		parts[i] = m[2] + " " + strings.TrimRight(m[1], " :-–")
	}
	return strings.Join(parts, ", ")
}

var (
	// forTheSyrup is what the foods listed are for: "sugar 450 g, water 2 l, for the light syrup".
	forTheSyrup = pattern.MustCompile(`(?i),? for (?:the |a )?(?:very )?(?:light |medium |heavy )?(?:syrup|brine` +
		`|liquid)\W*$`)
	mixtureName = pattern.MustCompile(`(?i)^(syrup|brine|spices?|seasonings?|liquid)\s*:\s*`)
	amountLast  = pattern.MustCompile(`(?i)^([A-Za-zÀ-ÿ][^,;()0-9]{1,40}?)[ :–-]+((?:about )?\d[\d ./½¼¾⅓⅔-]*\s?(?:tbsp|tsp|teaspoons?|tablespoons?|cups?|lbs?|pounds?|oz|ounces?|kg|g|ml|l|litres?|liters?|pints?|quarts?|qts?)\.?)$`)
)

var tags = pattern.MustCompile(`</?[a-zA-Z][^>]*>`)

// mend is one thing that tidy puts right.
type mend struct {
	find *pattern.Pattern
	put  string
}

// unitDot is the mark of a short form, which ends no sentence: "2 Tbsp. a quart".
var unitDot = pattern.MustCompile(`(?i)(\d|½|¼|¾) ?(tbsp|tbs|tsp|qts?|pts?|oz|lbs?|pkg)\. (an?|per|each|to|the|in)\b`)

// mending are the expressions of mends.
var mending = findAll(mends)

func findAll(list []*mend) *pattern.Set {
	var all []*pattern.Pattern
	for _, m := range list {
		all = append(all, m.find)
	}
	return pattern.NewSet(all...)
}

// mendAll makes the mends one behind the other, each where all says that it may be found.
func mendAll(s string, list []*mend, all *pattern.Set) string {
	return all.Each(s, func(i int, s string) string { return list[i].find.ReplaceAllString(s, list[i].put) })
}

// holders are what produce comes home in.
const holders = `bushels?|pecks?|buckets?|bags?|baskets?|boxes|box|flats?|trays?`

// someSpoons is an amount of spoons, toAJar the jar that it is for.
const (
	someSpoons = `[\d½¼¾][\d /½¼¾]* ?(?:tsp|tsps|teaspoons?|tbsp|tbsps|tablespoons?|t)\b\.?`
	toAJar     = `(?:per|each|every|to (?:the|each|every|a)|for (?:each|every)|in (?:each|every)|a|an|/) ?(?:half[- ]pint|pint|pt|quart|qt|litre|liter)s?\b\.?(?: jar)?`
)

// mends are made in this order.
var mends = []*mend{
	{pattern.MustCompile(`^\d\x{FE0F}?\x{20E3}\s*`), ""},
	// how the jars are packed, before what is done
	{pattern.MustCompile(`(?i)^(raw|hot|cold) ?: ?((?:fill|pack|put|place|cover|heat|bring|boil|simmer|ladle|` +
		`pour|cook|load)\b)`),
		"$1 pack: $2"},
	// "11 cups or 4 lb mango": the same once more by weight, or by volume
	{pattern.MustCompile(`(?i)^([\d½¼¾⅓⅔][\d ./½¼¾⅓⅔-]* ?(?:cups?|quarts?|qts?|pints?)\.?),? or ` +
		`((?:about )?[\d½¼¾][\d ./½¼¾-]* ?(?:lbs?|pounds?|oz|ounces?|kg|g)\b\.?) `), "$1 ($2) "},
	{pattern.MustCompile(`(?i)^([\d½¼¾][\d ./½¼¾-]* ?(?:lbs?|pounds?|oz|ounces?|kg|g)\b\.?),? or ` +
		`((?:about )?[\d½¼¾⅓⅔][\d ./½¼¾⅓⅔-]* ?(?:cups?|quarts?|qts?|pints?)\b\.?) `), "$1 ($2) "},
	{pattern.MustCompile(`\b([1-9]) / ([2-9])\b`), "$1/$2"},
	{pattern.MustCompile(`(^|\s)[lI](/[2-8]\b)`), "${1}1$2"},
	{pattern.MustCompile(`\b(\d+)O\b`), "${1}0"},
	{pattern.MustCompile(`(\d) ?[~∼〜] ?(\d)`), "$1-$2"},
	{pattern.MustCompile(`~~`), ""},
	{pattern.MustCompile(` -- ?`), " – "},
	{pattern.MustCompile(`(?i),? (?:pressed|crushed|ground) at (?:the|a|our) (?:cider )?mill\b`), ""},
	{pattern.MustCompile(`(?i)\b1/16(?:th)?(?: ?(?:inch|in\.?|"))? (?:of an inch )?(?:is |gets )?(?:cut|sliced` +
		`|trimmed|taken) (?:off|from) ` +
		`(?:the |each |every )?(?:blossom |flower )?ends?`), "trimmed"},
	// "six 1/2-inch cubes of ginger": no longer than so many inches of the root
	{pattern.MustCompile(`(?i)^(\pL+|\d+) (?:(?:1/2|½|half)[- ]?inch (?:cubes?|chunks?|pieces?|slices?)` +
		`|(?:cubes?|chunks?|pieces?|slices?) \((?:1/2|½|half)[- ]?inch\)) (?:of )?` +
		`(?:peeled )?(?:fresh )?ginger\b(?: root\b)?`),
		"$1 inches of ginger"},
	// salt for two sizes of jars, which may be any: "1/2 tsp salt each pint, 1 tsp each qt"
	{pattern.MustCompile(`(?i)^((?:(?:canning|pickling|kosher|sea) )?salt,? ` + someSpoons + ` ` + toAJar + `|` + someSpoons +
		` (?:of )?(?:(?:canning|pickling|kosher|sea) )?salt ` + toAJar + `)(?:,| and| or|;) *` + someSpoons + ` ` + toAJar +
		`( *\(optional\)|,? optional|,? if (?:you like|wanted|desired))?$`), "$1$2"},
	// "bones of three roasters, picked"
	{pattern.MustCompile(`(?i)^(?:the )?(?:bones|carcass(?:es)?|frames) (?:of|from) (\pL+|\d+) (?:roast(?:ed)? ` +
		`|stewing |big |small |sunday |old |supper |holiday |leftover )?` +
		`(?:chickens?|hens?|roasters?|fryers?|birds?|turkeys?|roosters?)\b`), "$1 poultry carcasses"},
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾]* ?(?:lbs?|pounds?|kg|kilos?)\.? .*?),? (?:or |and )?\d[\d ./½¼¾]* ` +
		`?(?:(?:lbs?|pounds?|kg|kilos?)\.? ?(?:to|for|=|/|-+>|→|makes)|for) ?(?:about )?` +
		`\d+ (?:half.)?(?:qts?|quarts?|pts?|pints?|jars)\b`), "$1"},
	// how much it makes: "21 lb to 7 qts"
	{pattern.MustCompile(`(?i)\b(\d[\d./]* ?(?:lbs?|pounds?|kg|kilos?)\.?) (?:to|for|=|makes|make|gives) (?:about |roughly )?(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|a dozen) (?:hot )?(?:qts?|quarts?|pts?|pints?|half-pints?|jars)\b`), "$1"},
	{pattern.MustCompile(`(?i)\b(\d[\d/]*|½|¼) ?(tsp|tbsp|t|teaspoon|tablespoon)\.? (qt|pt|quart|pint)s?\.?$`),
		"$1 $2 per $3"},
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾]* ?\pL+ [\pL ]*?(?:broth|stock)),? (?:homemade|home made|store-?bought|bought)$`), "$1"},
	{pattern.MustCompile(`(?i) ?\((?:or )?\d[\d./]* ?(?:lbs?|pounds?|kg|kilos?)\.? ?(?:to|for|=|/|-+>|→) ?(?:about )?\d+ (?:half.)?(?:qts?|quarts?|pts?|pints?|jars)\.?\)`), ""},
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾]* ?(?:lbs?|pounds?|kg|kilos?)\.? (?:of )?\pL[^,;/(>=]*?) ?(?:/|-+>|→|=|,|\.{2,}|…|\() ?(?:about |or |makes |for |gives |that's )*\d+(?: and a half| ?½)? (?:half.)?(?:qts?|quarts?|pts?|pints?|jars)\b\.?\)?(?P<rest>\s*(?:$|[,;.(].*))$`), "$1$rest"},
	// the same by weight: "8 cups onions, thinly sliced, about 3 lb"
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾-]* ?(?:cups?|quarts?|qts?|pints?|litres?|liters?)\b` +
		`[^;(,]*?(?:, (?:\pL+ly )?\pL+ed)*),?` +
		` (?:or )?(?:about|around|roughly|approximately|approx\.?|some)` +
		` \d[\d ./½¼¾]* ?(?:lbs?|pounds?|kg|kilos?|oz|ounces?|g|grams)\.?$`), "$1"},
	// how much there was before it was cut: "4 cups crushed berries (I needed 2 quarts of whole ones)"
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾-]* ?\pL+\.? .*?),? ?\((?:i |we |you |it |which )?(?:'ll )?` +
		`(?:needs?|needed|takes?|took|started with|start with|bought|picked)` +
		` (?:about |around |some |roughly |nearly |almost )?(?:\d[\d ./½¼¾-]*|one|two|three|four|a) ` +
		`(?:big |large |small |full )?(?:lbs?|pounds?|kg|kilos?|quarts?|qts?|pints?|litres?|liters?|` + holders + `)` +
		`(?: of)?(?: (?:the |them |it )?(?:whole|fresh|unpeeled|raw|unhulled|unshelled|in the pod|` +
		`in the shell|in their skins)?(?: (?:ones?|fruit|berries))?)?\)`), "$1"},
	// "6 lb cucumbers (this was one big bucket)"
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾-]* ?\pL+\.? .*?),? ?\((?:this|that|it|which) (?:was|is) (?:about )?` +
		`(?:\d+|one|two|three|four|a) (?:big |large |small |full )?(?:` + holders + `)\)`), "$1"},
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾-]* ?\pL+\.? [^,;(]*?)(?:, (?:more or less|give or take),?)? per \d+ ` +
		`(?:half-? ?pints?|pints?|quarts?|jars)(?:, (?:more or less|give or take))?$`), "$1"},
	// "2 lbs to 3 lbs": the unit said twice.
	{pattern.MustCompile(`(?i)\b(\d[\d./]*) (lbs?|cups?|oz|kg|g|quarts?|qts?|pounds?|tbsp|tsp) to (\d)`), "$1 to $3"},
	{pattern.MustCompile(`(?i)\bdoz\b\.?`), "dozen"},
	{pattern.MustCompile(`(?i)^(\d[\d ./½¼¾]* ?(?:oz|ounces?|g|grams)\.? [\pL ]+?) \((?:\d+|one|two|three|four) (?:pouch|pouches|packets?|box|boxes|packages|envelopes?|sachets?)\)$`), "$1"},
	// where it goes: "seven pieces of bacon in the bean pot"
	{pattern.MustCompile(`(?i)^((?:\d|one |two |three |four |five |six |seven |eight |nine |ten |an? |half )[^,;.]*?) (?:in|into) (?:the|a|your|my|our) (?:\pL+ ){0,2}(?:pot|pan|crock|kettle|bowl|dish|skillet|stockpot)\b`), "$1"},
	{pattern.MustCompile(`(?i),? (?:after|once) (?:you|we|i|they.?re|it.?s) (?:have |'ve )?(?:smash|crush|mash|squash)(?:ed)?(?: them| it)?\b`), ", crushed"},
	// the water that something was cooked in: "4 cups of the water the beans cooked in"
	{pattern.MustCompile(`(?i)\b(?:the )?(water|liquid|broth) (?:that |which )?(?:the |they |your |my )?(?:(?:beans?|peas?|lentils|vegetables?|corn|fruit|meat|chicken|bones) )?(?:were |was |are |is )?(cooked|boiled|simmered) in\b`), "cooking $1"},
	// what it is dissolved in to hold cut fruit: "1 tsp ascorbic acid in 4 quarts of water to hold them"
	{pattern.MustCompile(`(?i)^(.*\b(?:ascorbic acid|citric acid|vitamin c)) in (?:a |\d[\d./]* ?)(?:gallon|quart|litre|liter|l|cup|pint|bowl|basin|sink)s?(?: of)?(?: cold| cool| fresh)?(?: water)?,? (?:to|for) (?:hold|keep|stop|prevent|soak|dip|holding|soaking|dipping)\b.*$`), "$1 for holding"},
	{pattern.MustCompile(`(?i)^(.*\b(?:ascorbic acid|citric acid|vitamin c)\b) in (?:the |your |my )?(?:holding|soaking|dipping|dip|cold) (?:water|bowl|basin)\W*$`), "$1 for holding"},
	// what it does there: "a clove of garlic goes in every jar"
	{pattern.MustCompile(`(?i)^((?:\d|one |two |three |four |five |six |an? |half )[^,;.]*?) (?:goes|go|went|gets|get|got|sits|sit|lies|lie|is|are)(?: (?:put|dropped|tossed|tucked|poked|stuck|laid|added|slipped|pushed|popped))? (in(?:to)?|on top of|at the (?:bottom|top) of) (each|every|the|my|your) (jar|pint|quart|half-pint|bottle|pot)s?\b`), "$1 in $3 $4"},
	// the part before the animal: "8 legs of duck"
	{pattern.MustCompile(`(?i)\b(legs|breasts|thighs|shoulders|haunches|cubes|chunks|strips|pieces) of (duck|goose|chicken|turkey|hen|pheasant|rabbit|hare|beef|pork|lamb|mutton|veal|venison|goat|elk|moose|bear)\b`), "$2 $1"},
	{pattern.MustCompile(`(?i), (?:the |all |nice |only )*(small|little|large|big|medium|young|firm|fresh|ripe|tender) ones\b`), ", $1"},
	{pattern.MustCompile(`(?i)\bends (snipped|nipped|topped|tailed|clipped|pinched)( off)?\b`), "trimmed"},
	{pattern.MustCompile(`(?i)\b(washed|rinsed|and washed|and rinsed) again\b`), "$1"},
	{pattern.MustCompile(`(?i)\bper cent\b`), "percent"},
	{pattern.MustCompile(`(?i)\b(?:in|into|to|at|on) the (?:bottom|base|foot) of (each|every)\b`), "in $1"},
	{pattern.MustCompile(`(?i),? (?:of|to) (?:(?:your|my|our|the cook's) (?:own )?)?(?:choice|choosing|liking|preference)\b`), ""},
	{pattern.MustCompile(`(?i)\b(\d+)[ -]odd (lbs?|pounds?|kg|kilos?|cups?|quarts?|pints?)\b`), "$1 $2"},
	{pattern.MustCompile(`(?i),? (and |cut |trimmed )*to fit( (in )?(the|your|my|each) jars?)?\b`), ", cut"},
	{pattern.MustCompile(`(?i),? (as well as|along with|together with|not forgetting|not to forget|and half as much|and twice as much|and as much) `), " and "},
	{pattern.MustCompile(`(?i)^([^a-z]*[\d½¼¾⅓⅔].*?),? \(?(?:in (?:the )?place of|instead of|in lieu of|rather than) [^,;)]*\)?`), "$1"}, // of what has an amount
	{pattern.MustCompile(`(?i)[,;] *(lots|plenty|enough|loads)( of it)?\.?$|[,;]? ?\b(and )?nothing else\.?$`), ""},
	{pattern.MustCompile(`(?i)\b\w+ (no,? wait,?|no,? make that|sorry,?|i mean) `), ""},
	{pattern.MustCompile(`(?i),? ?\b(give or take|i would say|i'd say|i guess|i think|you know|or thereabouts|or so)\b,?`), ""},
	{pattern.MustCompile(`(?i)^(and |then |so |now |okay |ok |um,? |uh,? |well,? |next )*((i|we|you) (put in|add|use|take|need|throw in|get)|probably|maybe|plus) +(about )?`), ""},
	{pattern.MustCompile(`(?i)^(?:ok|okay|well|um|uh|yeah|yes|yep|alright)[, ]+(\d|half |an? |one |two )`), "$1"},
	{pattern.MustCompile(`(?i)^(and|plus) (about |a |an |another |\d)`), "$2"},
	{pattern.MustCompile(`(?i)^(a (bit|little|tad) )?(over|under|better than|more than|just over|just under) (\d|a |two |three |four )`), "$4"},
	{pattern.MustCompile(`(?i)^(a |the |one )?(big |large |full )?(tea)?(kettle|pot|pan|bowl|jug)( full)? of `), ""},
	{pattern.MustCompile(`(?i)^ingredients?\s*[-–:]\s*`), ""},
	{pattern.MustCompile(`(?i)^(fish|meat|fruit|vegetables?|beans|herbs?|spices?|liquid|acid|sugar|sweetener)\s*:\s*(\pL|\d)`), "$2"},
	// a measure by the measure of something else says no amount of the batch
	{pattern.MustCompile(`(?i)\b(hot |cold |boiling )?(water|syrup|liquid) (for|to|per) ?(each|every|the|a)? (quart|pint|pound|cup|lb|kilo|kg|litre|liter) of [a-z]+( [a-z]+)?`), "${1}$2"},
	{pattern.MustCompile(`(?i)\bsugar (for|to) (each|every) (quart|pint) of [a-z]+\b`), "sugar $1 $2 $3"},
	{pattern.MustCompile(`(?i)\b(table|tea) (spoons?)\b`), "$1$2"},
	{pattern.MustCompile(`^["“]([^"”=]{1,40})["”]\s*=\s*(\d[\d ./½¼¾]*(?:tbsp|tsp|cups?|lbs?|oz|kg|g|pints?|quarts?))\s*$`), "$2 $1"},
	{pattern.MustCompile(`(?i)\b(per|to each|in each|each|to a|for each) (500|450)[ -]?ml (jar|bottle)`), "$1 pint jar"},
	{pattern.MustCompile(`(?i)\b(per|to each|in each|each|to a|for each) (1|one)?[ -]?(litre|liter|l) (jar|bottle)`),
		"$1 quart jar"},
	{pattern.MustCompile(`(?i)\b((blossom|stem|root|stalk|flower|top|tail)( and )?)+ ?ends? (off|removed|cut off|trimmed( off)?|sliced off|out)\b`), "trimmed"},
	{pattern.MustCompile(`\((\d[\d /.]*(?:oz|g|ml|lb)\.?), `), "($1) ("},
	{pattern.MustCompile(`(?i)\b(sliced|slices) (1/[2-8]|3/(4|8|16)|1/16|[¼½])(\s*$|,)`), "$1$4"},
	// fat that is not there: "trimmed of all visible fat", "fat off", "all tallow cut away"
	{pattern.MustCompile(`(?i)\b(trimmed|free|cleared|stripped|clean) (of|from) (all |any |its |the ` +
		`|every )*(visible |excess |outside )?(fat|tallow|gristle|silver ?skin|sinew)( (and|or) (fat|tallow|gristle` +
		`|silver ?skin|sinew|bones?))*`), "trimmed"},
	{pattern.MustCompile(`(?i)\b(all |any |every |the |most )*(scrap of |bit of |visible |excess |outside )?(fat` +
		`|tallow|gristle|silver ?skin|sinew)( (and|or) (fat|tallow|gristle|silver ?skin|sinew|skin|bones?))*( is` +
		`| are)? (off|removed|cut (off|away|out)|trimmed( off| away)?|taken off|lifted off|skimmed( off)?|discarded` +
		`|drained( off)?|poured off|gone)\b`), "trimmed"},
	// what it comes to: "21 lb apples = 7 quarts", "makes 9 pints"
	{pattern.MustCompile(`(?i)(\w\W*?)[ ,(–=-]+(=|(that )?(makes?|made|gives?|gave|fill(s|ed)?|yields?|does|did|gets?|got|comes? to|will (make|give|fill|do)))( me| us| you)?( my| our| your| the)?( about| exactly| roughly| some)? (\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\w+teen) (?:half.)?(?:pints?|quarts?|qts?|pts?|jars?)\b[).]?(?P<rest>.*)$`), "$1,$rest"},
	{pattern.MustCompile(`(?i)^([^()]*\pL)\W*? ?(?:-+>|→|\bfor) (?:about )?(\d+(?: \d/\d| ?[½¼¾])?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\w+teen) (?:half.)?(?:pints|quarts|qts|pts|jars)\b[).]?(?P<rest>.*)$`), "$1,$rest"},
	{pattern.MustCompile(`\s*(<-+|←|-+>)\s*`), " — "},
	{pattern.MustCompile(`^["“][^"”=]{1,40}["”]\s*=\s*`), ""},
	{pattern.MustCompile(`(?i)\bspoons? (of|for) (tea|coffee)\b`), "teaspoon"},
	{pattern.MustCompile(`(?i)\bspoons? (of|for) (soup|table|the table)\b`), "tablespoon"},
	{pattern.MustCompile(`(?i)^cup of (tea|coffee|chai|cocoa)\W*$`), "a cuppa $1"},
	{pattern.MustCompile(`(?i)^(level |heaped )?(teaspoon|tablespoon|cup|pound|gallon) of `), "1 $2 of "},
	// "citron, lemon or orange peel": the peel of each
	{pattern.MustCompile(`(?i)\b(lemon|orange|lime|grapefruit|citron|tangerine), (lemon|orange|lime|grapefruit|citron|tangerine),? or (lemon|orange|lime|grapefruit|citron|tangerine) (peel|zest|rind)\b`), "$1 $4 or $2 $4 or $3 $4"},
	{pattern.MustCompile(`(?i)\b(lemon|orange|lime|grapefruit|citron) or (lemon|orange|lime|grapefruit|citron) (peel|zest|rind)\b`), "$1 $3 or $2 $3"},
	// "one fish about 20 lb", "meat from one doe", "kernels still in the milk"
	{pattern.MustCompile(`(?i)^(one|an?) (\pL+),? (about|of|weighing|around)+ (\d[\d./]* ?(lbs?|pounds?|kg|kilos?))\b,?`), "$4 $2,"},
	{pattern.MustCompile(`(?i)\bmeat (from|of|off) (one|an?|the|my|our|two|half an?) (doe|buck|deer|elk|moose|antelope|caribou|lamb|goat|hog|pig|calf|steer|bear|rabbit)\b`), "$3 meat"},
	{pattern.MustCompile(`(?i)\b(ears?|corn|cobs?|kernels?)\b([^;]*?),? (?:kernels? |plump |and |still )*in the milk( stage)?\b`), "$1$2"},
	{pattern.MustCompile(`(?i)^(?:very |extra )?(?:light|medium|heavy|thin|hot) (?:syrup|brine),? (?:of )?(\d[\d ./½¼¾]* ?\w+ (?:of )?(?:water|sugar|vinegar)(?: and|,| to| \+| with))\b`), "$1"},
	{pattern.MustCompile(`(?i)^(syrup|brine) (of )?(\d[\d ./½¼¾]* ?\w+ (?:water|sugar|vinegar))\b`), "$3"},
	{pattern.MustCompile(`(?i)\bea\b\.?$`), "per jar"},
	{pattern.MustCompile(`(?i)\bea\.? ((?:half.)?(?:pint|pt|quart|qt)|jar)\b`), "each $1"},
	{pattern.MustCompile(`(?i)\bpr\.? ((?:half.)?(?:pint|pt|quart|qt)|jar)\b`), "per $1"},
	{pattern.MustCompile(`(?i)\b(chilled|cooled)(?: over ?night| well| down| right)*(?: first| before)?(\W*$|,)`), "$1$2"},
	// the inch that goes without saying: "cucumbers, 3/16 slices"
	{pattern.MustCompile(`(?i)([,;(] ?(?:cut )?)(\d/(?:4|8|16)|[¼½¾]) (slices|rounds|coins|dice|cubes|strips|pieces` +
		`|chunks)\b`), "$1$2 inch $3"},
	// amounts one behind the other: "8 cups cranberries... 4 cups sugar 4 cups water"
	{pattern.MustCompile(`(?i)(\pL) ?(?:\.{2,}|…) ?(\d)`), "$1, $2"},
	{pattern.MustCompile(`(?i)(\d ?(?:cups?|c|tbsp|tsp|lbs?|quarts?|qts?) (?:of )?(?:sugar|water|vinegar|salt|honey` +
		`|juice)) (\d[\d ./]* ?(?:cups?|c|tbsp|tsp|lbs?|quarts?|qts?) )`), "$1, $2"},
	{pattern.MustCompile(`(?i)\babt\b\.?`), "about"},
	{pattern.MustCompile(`(?i)^(i |we )?(used|bought|took|had|picked) (about |around )?(\d)`), "$4"},
	{pattern.MustCompile(`(?i)^(\d+ ?(lbs?|pounds?)\.?), (\d+ ?(oz|ounces?)\b)`), "$1 $3"},
	{pattern.MustCompile(`(?i)\b(sm|lg|med)\. `), "$1 "},
	{pattern.MustCompile(`(?i)^no\. ?\d+ ?: `), ""},
	{pattern.MustCompile(`(?i)^a (pinch|dash|handful|spoonful|bunch|clove|sprig) or two\b`), "1 or 2 $1"},
	{pattern.MustCompile(`(?i)^(a little|a bit of) `), "some "},
	{pattern.MustCompile(`(?i)^([^,0-9]+), (\d+ \(\d[\d./]* ?-?(?:oz|ounces?|g|ml)\.?\) (?:cans?|tins?|jars?|packets?|packages?))$`), "$2 $1"},
	{pattern.MustCompile(`(?i)^(rind|peel) of (\d[\d/]*|½|¼|half an?|an?) (lemon|orange|lime|grapefruit|citron)s?\b`), "$2 $3 $1"},
	{pattern.MustCompile(`(?i)^(\d[\d/]*)["”] (knob|piece) `), "$1 inch $2 of "},
	{pattern.MustCompile(`(?i)^1 \((\d[\d/]*)-inch\) piece `), "$1-inch piece "},
	{pattern.MustCompile(`(?i)^((?:fresh |root )?ginger(?: root)?), (\d[\d/]*)[- ]inch piece\b`), "$2 inch piece $1"},
	{pattern.MustCompile(`(?i)^what: *(\d)`), "$1"},
	{pattern.MustCompile(`(?i)^([^,;:]*\b(lbs?|pounds?|kg|kilos?)\b[^,;:]*?),? (are |is )?(good |enough )?for (about )?(\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve) (?:half.)?(?:pints?|quarts?|qts?|pts?|jars?)\b[).]?(?P<rest>.*)$`), "$1,$rest"},
	// "7 quarts took me 21 lb of plums"
	{pattern.MustCompile(`(?i)^(\d+|\w+) (half.)?(pints?|quarts?|jars?|qts?|pts?) (took|takes?|needs?|needed|used?|uses) (me |us |you )?(about |around |some )?(\d)`), "$7"},
	// "per 9 pints it's 14 lb", "28 lb mess o greens"
	{pattern.MustCompile(`(?i)^(?:per|for) (?:every )?((?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|a|an) (?:half.)?(?:pints?|quarts?|qts?|pts?|jars?|bottles?)),? (?:it'?s|it is|you need|you want|you take|i take|i use|i need|we need|that'?s|take|use|about)+ (?:about )?(\d[\d./½¼¾]* ?(?:lbs?|pounds?|kg|kilos?)\b.*)$`), "$2 for $1"},
	{pattern.MustCompile(`(?i)\b(a )?mess (of|o['’]?) `), ""},
	{pattern.MustCompile(`(?i)\bbottled (lemon|lime)( (?:per|in|to|for) (?:each|every|a|the)? ?(?:pint|quart|jar)s?|[,.;]? *$)`), "bottled $1 juice$2"},
	// why, behind an ingredient: "ascorbic acid in the bowl so they don't brown"
	{pattern.MustCompile(`(?i),? (?:in (?:the|a) (?:big )?(?:bowl|basin|water|holding water) )?so (?:that )?(?:they|it|nothing|the \pL+|your \pL+) (?:don'?t|do not|doesn'?t|won'?t|will not|can'?t|keeps?|stays?|holds?) (?:go |going |turn |turning |get |from |their |its |nice |and )*(?:brown|browning|dark|darken|darkening|grey|gray|black|discolou?r|rust|white|colou?r|bright|crisp|firm|stick|float|split|burst)\.?$`), ""},
	{pattern.MustCompile(`(?i)(pounds?|lbs?|cups?) {2,}of `), "$1 of "},
}
