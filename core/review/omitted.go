package review

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/words"
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
	filled, lidded := false, false
	for s := range b.steps {
		st := &b.steps[s]
		if st.Serving || st.gone {
			continue
		}
		for k := range st.Clauses {
			c := &st.Clauses[k]
			if !yield(told{s, c, filled, lidded}) {
				return
			}
			if c.Kind != method.Doing || c.Negated {
				continue
			}
			filled = filled || c.Lids() || c.InJars() && fills(c)
			lidded = lidded || c.Lids() && lidWords.MatchString(c.Text)
		}
	}
}

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
		b.report(Finding{Code: "pack-style", Severity: Change, Line: at(line), Do: "Heat it before it is filled", Message: "Nothing in the method makes it hot, and this food was tested hot-packed only.", Source: b.proc.Citation(),
			edit: func(d *draft) { d.added["hot"] = true }})
	}
}

// filledCold reports whether the method fills jars and tells of nothing that makes the food
// hot, with the last line before they are filled. Without a method it is not known.
func (b *bench) filledCold() (line int, cold bool) {
	if b.pack.Value != "" || b.main < 0 || len(b.req.Recipe.Stated.Packs) > 0 {
		return 0, false
	}
	main := &b.items[b.main]
	if main.ref == nil || main.done("cooked", "blanched", "boiled", "steamed", "browned", "roasted", "heated", "baked", "hot") || main.came("cooked") {
		return 0, false
	}
	last := -1
	for t := range b.course {
		st := &b.steps[t.s]
		if t.s != last && b.hotFood(st.Text) {
			return 0, false
		}
		last = t.s
		if cold = t.filled; cold {
			continue // what was hot is named behind the lid too: "hot pieces to the rim"
		}
		if makesHot(t.c, main.ref.Names[0]) {
			return 0, false
		}
		line = st.No
	}
	return line, cold
}

// hotFood reports food that is hot when it goes in, whatever made it so. A sauce or a juice
// is that food only where it is what the procedure makes: over meat it is the liquid.
func (b *bench) hotFood(text string) bool {
	if hotSolids.MatchString(text) {
		return true
	}
	made := hotProduct.FindStringSubmatch(text)
	return made != nil && strings.EqualFold(made[1], b.proc.Product)
}

// makesHot reports whether the clause heats food, or may: what nobody could read counts
// where it speaks of a pot, of heat or of a time.
func makesHot(c *method.Clause, food string) bool {
	switch {
	case c.Kind == method.Unread:
		return mayHeat.MatchString(c.Text)
	case c.Negated, c.Kind == method.Talk && !c.Untouched(), c.Kind == method.Serve:
		return false
	}
	text := strings.ToLower(c.Text)
	if !timed(text) || dips.MatchString(text) {
		text = ofLiquid.ReplaceAllString(text, "") // but "two minutes in boiling water" heats
	}
	switch {
	case !heatWords.MatchString(text):
		return false
	case strings.Contains(text, food):
		return true
	}
	return !vessels.MatchString(text) && (!ofBrine.MatchString(text) || solidsNamed.MatchString(text))
}

var (
	heatWords = pattern.MustCompile(`\b(boil|boils|boiled|boiling|simmer\w*|cook|cooks|cooked|cooking|steam|steams|steamed|blanch\w*|parboil\w*|heat|heats|heated|heating|brown|browned|roast\w*|bake|bakes|baked|fry|fried|saut\w+|sear\w*|poach\w*|stew|stewed|wilt\w*|sweat|broil\w*|grill\w*|blister\w*)\b`)
	// dips only loosen skins.
	dips = pattern.MustCompile(`\b(dip\w*|scald\w*|plung\w*|drop\w*)\b`)
	// ofBrine is what is boiled by itself and poured over.
	ofBrine     = pattern.MustCompile(`\b(vinegar|brine|syrup|pickling liquid|pickling solution)\b`)
	solidsNamed = pattern.MustCompile(`\b(slices|pieces|halves|cubes|chunks|strips|rings|quarters|them|everything|fruit|vegetables?)\b|\bin (the |their |a |this |that |very |light |medium |heavy )*(syrup|brine)\b`)
	vessels     = pattern.MustCompile(`\b(jars?|lids?|bands?|canner)\b`)
	// ofLiquid is a liquid that is hot, which heats nothing by being poured over.
	ofLiquid = pattern.MustCompile(`\b(boiling|simmering|steaming|boiled|hot)[- ](\pL+ )?(water|broth|stock|liquid|brine|syrup|juice)\b`)
	// mayHeat is what a clause that nobody read may heat with.
	mayHeat    = pattern.MustCompile(`(?i)\b(pot|pan|kettle|skillet|stove|oven|burner|fire|flame|heat|hot|boil|steam|water|microwave|minutes?|min)\b`)
	hotSolids  = pattern.MustCompile(`(?i)\b(hot|boiling) (\pL+ )?(cubes|pieces|slices|strips|greens|beets|roots|potatoes|pumpkin|squash|carrots|mushrooms|okra|corn|peas|beans|meat|beef|chicken|balls|patties|food|solids|vegetables|vegetable|chunks|hominy|fruit|apples|tomatoes|mixture|salsa|relish|jam|jelly|halves)\b|\bwhile (still )?(hot|boiling)\b|\bhot[- ]pack|\bpack(ed)? (it |them |in )?hot\b`)
	hotProduct = pattern.MustCompile(`(?i)\b(?:hot|boiling) (?:\pL+ )?(sauce|juice|puree)\b`)
)

// timed reports whether the words hold a time.
func timed(s string) bool {
	return slices.ContainsFunc(english.Measures(words.Split(s)), func(m english.Measure) bool { return m.Kind == english.Duration })
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
			b.report(Finding{Code: "open-kettle", Severity: Change, Line: at(st.No), Do: "Process the jars before they are put away", Message: "The method closes the jars and stores them, and no process stands between.", Remedy: "Process the filled jars as tested.", Source: b.proc.Citation(),
				edit: func(d *draft) { d.added["process"] = true }})
			return
		}
	}
}

var (
	putAway   = pattern.MustCompile(`(?i)\b(pantry|cellar|cupboards?|larder|shelf|shelves|basement|store[ds]?|storing|put (them )?away|keeps? (for )?(a|one|two|all|till|until|through))\b`)
	canned    = pattern.MustCompile(`(?i)\b(canner|water[- ]bath|bath|process(ed)?|retort|pounds|psi)\b`)
	coldStore = pattern.MustCompile(`(?i)\b(fridge|refrigerat\w*|freezer|freeze|icebox)\b`)
)
