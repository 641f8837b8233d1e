package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/recipe"
)

// told is a clause of the method with its sentence. Behind the filling of the jars, and
// behind their lids, filled and lidded are true.
type told struct {
	s              int
	c              *method.Clause
	filled, lidded bool
}

// course walks the clauses of the method in their order, without what is for the table.
func (b *bench) course(yield func(told) bool) {
	if !b.walked {
		b.told, b.walked = b.walk(), true
	}
	for _, t := range b.told {
		if !yield(t) {
			return
		}
	}
}

func (b *bench) walk() []told {
	var out []told
	filled, lidded := false, false
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || st.gone {
			continue
		}
		things := onlyThings.MatchString(st.Text)
		for k := range st.Clauses {
			c := &st.Clauses[k]
			out = append(out, told{s, c, filled, lidded})
			if c.Kind != method.Doing || c.Negated || things {
				continue
			}
			lids := c.Lids() && !lidOfPot(c, filled) && !b.inList(st.No)
			filled = filled || lids || c.InJars() && fills(c)
			lidded = lidded || lids && lidWords.MatchString(c.Text)
		}
	}
	return out
}

// lidOfPot reports a lid that closes no jar: "boil 2 minutes, lid on", the caps of mushrooms.
func lidOfPot(c *method.Clause, filled bool) bool {
	return mushroomCaps.MatchString(c.Text) || !filled && heatWords.MatchString(ofLiquid.ReplaceAllString(strings.ToLower(c.Text), ""))
}

// inList reports whether the line is one of the list of ingredients, where a jar or a lid
// that is named closes nothing: "mushrooms, closed caps". A paragraph is none.
func (b *bench) inList(line int) bool {
	sentences := 0
	for s := range b.steps {
		if b.steps[s].No == line {
			if closing.MatchString(b.steps[s].Text) {
				return false
			}
			sentences++
		}
	}
	return sentences <= 2 && slices.ContainsFunc(b.items, func(it item) bool { return !it.fromStep && it.line == line })
}

// closing is what is done just before a jar is closed.
var closing = pattern.MustCompile(`(?i)\b(wip\w+|bubbles?|debubble|rims?|tight\w*|adjust)\b`)

// onlyThings is a line that names what will be needed, or a fact, and does nothing.
var onlyThings = pattern.MustCompile(`(?i)^[\d ./½¼]*(inch|in\.?|"|cm) (of )?(headspace|head ?space|headroom)\W*$|^makes? |^yields? |(?i)^\W*(lids?|rings?|bands?|caps?|jars?)( and (lids?|rings?|bands?|jars?))?\W*$`)

// mushroomCaps are no lids: "unopened caps", "caps less than an inch".
var mushroomCaps = pattern.MustCompile(`(?i)\b(unopened|closed|open|small|white|brown|with|mushroom|whole) caps?\b|\bcaps? (less|under|no|up|smaller|whole)\b|\bto (the )?cap\b|\bcap well closed\b`)

// lidWords are what closes a jar, in a clause that closes it.
var lidWords = pattern.MustCompile(`(?i)\b(lids?|flats|caps?|bands?|close[ds]?|tops? on)\b`)

// fills reports whether the clause fills jars.
func fills(c *method.Clause) bool {
	for _, a := range c.Acts {
		switch a.Name {
		case "fill", "pack", "headspace", "cover-with-liquid":
			return !a.Undone
		}
	}
	return false
}

// neverHeated asks for the hot pack of a food that was tested no other way, where the
// method fills and processes the jars and tells of nothing that makes the food hot.
func (b *bench) neverHeated() {
	if !b.stated() || b.added["hot"] || b.proc.Has(procedure.Filter{Pack: "raw"}) {
		return
	}
	if line, cold := b.filledCold(); cold {
		b.report(Finding{Code: "pack-style", Severity: Amend, Line: at(line), Do: "Heat it before it is filled", Message: "Nothing in the method makes it hot, and this food was tested hot-packed only.", Source: b.proc.Citation(),
			Edits: follow("hot")})
	}
}

// filledCold reports whether the method fills jars and tells of nothing that makes the food
// hot, with the last line before they are filled. Without a method it is not known.
func (b *bench) filledCold() (line int, cold bool) {
	if !b.felt {
		b.coldLine, b.cold = b.feel()
		b.felt = true
	}
	return b.coldLine, b.cold
}

func (b *bench) feel() (line int, cold bool) {
	if b.pack.Value != "" || b.main < 0 || len(b.req.Recipe.Stated.Packs) > 0 {
		return 0, false
	}
	main := &b.items[b.main]
	if main.ref == nil || main.done("cooked", "blanched", "boiled", "steamed", "browned", "roasted", "heated", "baked", "hot") || main.came("cooked") {
		return 0, false
	}
	before, filled := b.beforeFilling()
	heated, on := false, pot{b: b}
	for s := range b.steps {
		if st := &b.steps[s]; !st.Serving && !st.gone && b.hotFood(st.Text) {
			return 0, false // it may be named behind the lid too: "hot pieces to the rim"
		}
	}
	packed := false
	for _, t := range before {
		line = b.steps[t.s].No
		heats := on.heats(t) // also where it is hot already: the pot changes
		heated = (heated || heats && !packed) && !wentCold(t.c)
		packed = packed || !heated && b.packs(t)
	}
	return line, filled && !heated
}

// packs reports whether the clause puts the food itself into the jars, after which no pot heats
// it any more: "pack in hot jars, cover with water".
func (b *bench) packs(t told) bool {
	return t.c.Kind == method.Doing && !t.c.Negated && t.c.Does("pack") && !heatsJars.MatchString(t.c.Text) && b.goesIn(t)
}

// wentCold reports that the clause leaves the food without its heat.
func wentCold(c *method.Clause) bool {
	cold := cooled.FindStringIndex(c.Text)
	if cold == nil || c.Negated || ofBrine.MatchString(c.Text) {
		return false
	}
	later := c.Text[cold[1]:]
	return !heatWords.MatchString(later)
}

// beforeFilling returns the clauses of the method up to that which fills the jars last, and
// whether one does. That is before they are closed, but for who names the lids first.
func (b *bench) beforeFilling() (before []told, filled bool) {
	var all []told
	open, closed, lids := -1, -1, -1 // the last filling before the lids, behind them, and the lids themselves
	processed := false
	for t := range b.course {
		if t.filled && lids < 0 {
			lids = len(all) - 1
		}
		processed = processed || processes(t.c)
		if t.c.Kind == method.Doing && !t.c.Negated && !heatsJars.MatchString(t.c.Text) && b.goesIn(t) {
			if !t.lidded {
				open = len(all)
			} else if !processed {
				closed = len(all)
			}
		}
		all = append(all, t)
	}
	for _, end := range []int{open, closed, lids} {
		if end >= 0 {
			return all[:end+1], true
		}
	}
	return nil, false
}

// goesIn reports whether the clause puts something into jars, and does not only name them.
func (b *bench) goesIn(t told) bool {
	switch {
	case fills(t.c):
		return t.c.InJars() || namesJars.MatchString(t.c.Text)
	case !t.c.InJars():
		return false
	case intoJars.MatchString(t.c.Text):
		return true
	}
	return slices.ContainsFunc(b.steps[t.s].Foods, func(m recipe.Mention) bool { return m.At >= t.c.Start && m.At < t.c.End && !m.Without && !m.Beside })
}

var intoJars = pattern.MustCompile(`(?i)\b(in|into|to|fill\w*|pack\w*) ((the|your|my|his|her|each|every|all|hot|clean|warm|steril\w+|prepared|scalded|empty|canning|glass|wide-mouth|pint|quart|half-pint|half pint|\d+),? ){0,4}(jars?|pints?|quarts?|half-pints?|bottles?)\b`)

var heatsJars = pattern.MustCompile(`(?i)\b(boil\w*|heat|warm|steril\w+|keep|scald|wash|rinse) (all |up )?(the |your |my |some )?(clean |empty |\d+ )?(pint |quart )?(jars|pints|quarts|bottles)\b`)

var namesJars = pattern.MustCompile(`(?i)\b(jars?|pints?|quarts?|half-pints?|bottles?)\b`)

// processes reports whether the clause processes closed jars.
func processes(c *method.Clause) bool {
	for _, a := range c.Acts {
		switch a.Name {
		case "process", "pressure-process", "boil-bath", "vent", "come-to-pressure":
			return !a.Undone
		}
	}
	return false
}

// hotFood reports food that is hot when it goes in, whatever made it so. A sauce or a juice
// is that food only where it is what the procedure makes: over meat it is the liquid.
func (b *bench) hotFood(text string) bool {
	if coldToo.MatchString(text) {
		return false
	}
	name := b.items[b.main].ref.Names[0]
	if hotSolids.MatchString(text) || containsAny(strings.ToLower(text), "hot "+name, "boiling "+name, name+" hot", name+"s hot") {
		return true
	}
	made := hotProduct.FindStringSubmatch(text)
	return made != nil && strings.EqualFold(made[1], b.proc.Product)
}

var (
	// mayHeat is what a clause that nobody read may heat with.
	mayHeat   = pattern.MustCompile(`(?i)\b(pot|pan|kettle|skillet|stove|oven|burner|fire|flame|heat|hot|boil|steam|water|microwave|minutes?|min)\b`)
	hotSolids = pattern.MustCompile(`(?i)\b(hot|boiling) (\pL+ )?(cubes|pieces|slices|strips|greens|beets|roots|potatoes|pumpkin|squash|carrots|mushrooms|okra|corn|peas|beans|meat|beef|chicken|balls|patties|food|solids|vegetables|vegetable|chunks|hominy|fruit|apples|tomatoes|mixture|salsa|relish|jam|jelly|halves)\b|\bwhile (still )?(hot|boiling)\b|\bhot[- ]pack|\b(pack(ed)?|fill(ed)?) (it |them |in |\pL+ )?hot[.,;]?$`)
	// coldToo says of one filling that it is cold, whatever else it says.
	coldToo    = pattern.MustCompile(`(?i)\b(?:fill|pack)\w* (?:the |your |them |it |all )?(?:jars? |pints? |quarts? )?(?:the next (?:day|morning)|cold\b|when (?:it is|they are) cold)`)
	hotProduct = pattern.MustCompile(`(?i)\b(?:hot|boiling) (?:\pL+ )?(sauce|juice|puree)\b`)
)

// timed reports whether the words hold a time.
func timed(s string) bool {
	return slices.ContainsFunc(english.MeasuresOf(s), func(m english.Measure) bool { return m.Kind == english.Duration })
}

// unprocessed reports a method that closes the jars and puts them away, with no process
// between: "lids on, leave them on the counter, then the pantry".
func (b *bench) unprocessed() {
	if b.proc == nil || b.stated() || b.added["process"] {
		return
	}
	for t := range b.course {
		switch st := &b.steps[t.s]; {
		case !t.lidded:
		case !t.c.Negated && canned.MatchString(t.c.Text):
			return
		case putAway.MatchString(t.c.Text) && !coldStore.MatchString(t.c.Text):
			b.report(Finding{Code: "open-kettle", Severity: Amend, Line: at(st.No), Do: "Process the jars before they are put away", Message: "The method closes the jars and stores them, and no process stands between.", Remedy: "Process the filled jars as tested.", Source: b.proc.Citation(),
				Edits: follow("process")})
			return
		}
	}
}

var (
	putAway   = pattern.MustCompile(`(?i)\b(pantry|cellar|cupboards?|larder|shelf|shelves|basement|store[ds]?|storing|put (them )?away|keeps? (for )?(a|one|two|all|till|until|through))\b`)
	canned    = pattern.MustCompile(`(?i)\b(canner|water[- ]bath|bath|process(ed)?|retort|pounds|psi)\b`)
	coldStore = pattern.MustCompile(`(?i)\b(fridge|refrigerat\w*|freezer|freeze|icebox)\b`)
)
