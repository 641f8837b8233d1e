package review

import (
	"slices"
	"strings"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Shares of a soup (verdicts: the soup rule).
const (
	// seasoningShare is the most that onion family, celery and garlic may be of
	// the solids (common practice, no source).
	seasoningShare = 1.0 / 3
	// herbCups is the most fresh herb that still only seasons a soup (common
	// practice, no source).
	herbCups = 0.5
	// denseShare is the share of solids in a jar above which a recipe that
	// states its amounts per jar is over half.
	denseShare = 0.55
)

// soupSolid reports whether the item is a solid of a soup that has a process
// of its own, or is tomato.
func (b *bench) soupSolid(it *item) bool {
	if it.ref == nil || it.serving || it.is("winter-squash", "sweet-potato", "leafy-green", "cream-corn") {
		return false
	}
	if it.is("tomato") {
		return true
	}
	return b.own[it.ref.ID] != nil && !it.is("smoked-fish")
}

var soupSeasoning = []string{"allium", "celery"}

// solidsOf returns the cups of solids, of liquid and of seasoning vegetables;
// known is false where an amount of a solid is missing.
func (b *bench) solidsOf() (solids, liquid, season float64, known bool) {
	known = true
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.choice {
			continue
		}
		c, ok := it.cupsInJar()
		switch {
		case it.is(soupSeasoning...):
			if ok {
				season += c
				solids += c
			} else if !it.is("garlic") && !it.amount.IsZero() {
				known = false
			}
		case b.soupSolid(it):
			if ok {
				solids += c
			} else {
				known = false
			}
		case it.is("water", "broth", "tomato-juice", "wine"):
			if ok {
				liquid += c
			}
		}
	}
	return solids, liquid, season, known
}

// swollen is how much dried beans take once they are soaked (common practice, no source).
const swollen = 2.3

// cupsInJar are the cups that the item takes once it is in the jar.
func (it *item) cupsInJar() (float64, bool) {
	c, ok := it.cups()
	if it.is("dry-bean") && !it.came("canned") && !it.done("soaked", "cooked") {
		c *= swollen
	}
	return c, ok
}

func solids(b *bench) {
	if !b.soup() {
		return
	}
	half := halves(-1)
	for s := range b.steps {
		if !b.steps[s].Serving && b.steps[s].did("over-solids") {
			b.step(s, "over-solids", "solids-ratio", Amend, Finding{Edits: half})
			return
		}
	}
	if s, full := b.fullOfSolids(); full {
		b.report(Finding{Code: "solids-ratio", Severity: Amend, Line: at(b.steps[s].No), Do: "Fill half with solids, then liquid", Message: "Jars full of solids heat far more slowly; the soup time was tested with half the jar free liquid.", Edits: halves(s)})
		return
	}
	if b.halfSolids {
		return
	}
	cups, _, _, _ := b.solidsOf()
	if jar := b.perJar(); jar > 0 && cups/jar > denseShare {
		b.report(Finding{Code: "solids-ratio", Severity: Amend, Message: sprint("These amounts fill %.0f %% of the jar with solids; the soup time was tested with half the jar free liquid.", 100*cups/jar), Edits: half})
		return
	}
	if len(b.liquids) == 0 {
		b.report(Finding{Code: "solids-ratio", Severity: Amend, Do: "Fill up with broth", Message: "No covering liquid is named, so the jar would be dense.", Edits: half})
		return
	}
	if what := b.alone(); what != "" {
		b.report(Finding{Code: "solids-ratio", Severity: Amend, Do: "Fill half with " + what + ", then liquid",
			Message: "Hardly anything else is in the jar, and covered with liquid " + what + " by itself takes longer" +
				" than a soup; the soup time was tested with half the jar free liquid.", Edits: half})
		return
	}
	if b.kind == "" && !b.thin() {
		b.report(Finding{Code: "solids-ratio", Severity: Amend, Do: "Fill half with solids, then liquid", Message: "Nothing here calls it a soup. A mixture has the soup's time only where half of each jar is free liquid.", Edits: half})
		return
	}
	b.report(Finding{Code: "solids-ratio", Severity: Care, Message: "The soup time was tested with half the jar free liquid.", Remedy: "Boil 5 minutes; fill half with solids, then liquid."})
}

// fullOfSolids returns the step that fills the jars with solids to more than the half: in so
// many words, or by packing them in first, with the liquid for what room is left.
func (b *bench) fullOfSolids() (s int, full bool) {
	first := -1
	for t := range b.course {
		text, st := strings.ToLower(t.c.Text), &b.steps[t.s]
		if t.lidded || processes(t.c) || t.c.Negated || t.c.Kind == method.Serve {
			continue
		}
		jars := t.c.InJars() || namesJars.MatchString(st.Text)
		solid := solidsIn.MatchString(st.Text) || b.namesSolid(st)
		liquid := fillsUp.MatchString(text)
		if first >= 0 && liquid && !b.halfSolids {
			return first, true // "fill jars with the vegetables; hot broth to cover"
		}
		switch {
		case jarsFull.MatchString(text) && !asOne.MatchString(text):
			return t.s, true
		case !jars || !solid || partly.MatchString(text) || leaves.MatchString(text):
		case fullest.MatchString(text) && (!liquid || solidsIn.MatchString(text)):
			return t.s, true // but "then fill to the top with broth"
		case liquid && thenLiquid.MatchString(text) && !asOne.MatchString(text) && !b.halfSolids:
			return t.s, true // "pack the vegetables in, then hot broth"
		case !liquid && b.goesIn(t) && solidsIn.MatchString(text) && !asOne.MatchString(text):
			first = t.s
		}
	}
	return 0, false
}

// namesSolid reports whether the sentence names a food that the soup has in pieces.
func (b *bench) namesSolid(st *step) bool {
	return slices.ContainsFunc(st.Foods, func(m recipe.Mention) bool {
		k := b.find(m, len(b.items))
		return k >= 0 && b.role(k) == procedure.Main && !m.Without
	})
}

var (
	fullest  = pattern.MustCompile(`\b(full|to the (very )?(top|brim|rim|neck|necks|shoulders?)|brim-?full|heaping|three[- ]quarters?|two[- ]thirds?|3/4|2/3|¾|⅔|nearly all|mostly|more (solids|vegetables|veg|meat) than|as many (\pL+ )?as|crams?|pile|stuff|[5-9]\d (percent|%)|up to an inch|to an inch|till? (they're |it's |the jars? (is|are) )?full)\b`)
	partly   = pattern.MustCompile(`\b(half|halfway|halves|1/2|½|a third|one third|a quarter full|never|not|full (rolling )?boil|full heat|full pressure|full pot|headspace)\b`)
	solidsIn = pattern.MustCompile(`(?i)\b(solids?|vegetables?|veg|veggies|pieces|chunks|meat|fish out|slotted|skimmer)\b`)
	jarsFull = pattern.MustCompile(`\b(jars?|pints?|quarts?) (right |quite |brim)?-?full\b`)
	// leaves is headspace, and asOne what is filled with its liquid.
	leaves  = pattern.MustCompile(`\b(headspace|leav\w+)\b`)
	asOne   = pattern.MustCompile(`\b(soup|mixture|everything|together|evenly|equal\w*|same amount|share\w*)\b`)
	fillsUp = pattern.MustCompile(`\b(broth|stock|liquid|water|juice)\b`)
)

// thin reports whether the amounts have as much liquid as solids.
func (b *bench) thin() bool {
	solids, liquid, _, known := b.solidsOf()
	return known && liquid*slack >= solids
}

// nearlyAll is the share of the solids from which a food is alone in the jar, whatever seasons it (common
// practice, no source).
const nearlyAll = 0.8

// alone names what the jar would hold by itself, or nearly so, and takes longer than a soup does; "" where there
// is enough of something else. What may be left out is not there.
func (b *bench) alone() string {
	slow, all, meat := 0.0, 0.0, true
	var names []string
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.choice || it.src != nil && it.src.Optional || !b.soupSolid(it) && !it.is(soupSeasoning...) {
			continue
		}
		cups, known := it.cupsInJar()
		all += cups
		isMeat := it.is("red-meat", "ground-meat", "poultry", "bone-in-poultry")
		if minutes, _, _ := b.ownTime(i); minutes > 0 || isMeat {
			slow, meat = slow+cups, meat && isMeat
			if !slices.Contains(names, it.name) {
				names = append(names, it.name)
			}
		} else if !known && !it.is("garlic") {
			return ""
		}
	}
	switch {
	case len(names) == 0 || slow < nearlyAll*all:
		return ""
	case meat:
		return "meat"
	}
	return listed(names)
}

// perJar returns the cups of the jar where the recipe's amounts are per jar,
// else 0.
func (b *bench) perJar() float64 {
	n, cups := 0, 0.0
	for i := range b.items {
		it := &b.items[i]
		if it.src == nil || it.src.Per == "" || it.serving || !b.soupSolid(it) {
			continue
		}
		jar, ok := quantity.ParseJar(it.src.Per)
		if it.src.Per == "jar" {
			jar, ok = b.jar.Value, b.jar.Value != ""
		}
		if ok {
			n++
			cups = jar.Cups()
		}
	}
	if n == 0 {
		return 0
	}
	return cups
}

// soupLines accounts for the lines of a soup by the general soup procedure.
func (b *bench) soupLines() {
	solids, _, season, _ := b.solidsOf()
	tooMuch := false
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.ref == nil || b.leave[i].Given() {
			continue
		}
		switch {
		case it.is(soupSeasoning...):
			if rest := solids - season; season > seasoningShare*solids*slack && rest > 0 && !tooMuch {
				tooMuch = true
				allowed := rest / 2 // a third of the whole is half of the rest
				b.ask(i, "proportion", Finding{Do: "Fewer onions, celery and garlic", Message: sprint("Onion family and celery may season a soup, up to a third of its solids; here they are %.0f %%.", 100*season/solids),
					Remedy: "Cut them back to a third of the solids.", Source: "USDA Complete Guide 2015, guide 4, Soups; the share is common practice, no source",
					Edits: b.cutSeasoning(allowed / season)})
				continue
			}
			b.permit(i, Permission{Allowed, "proportion", "seasoning vegetable of a soup"})
		case it.is("bone-in-poultry"):
			if it.done("boned") || b.did("bone") {
				b.permit(i, asTested("boned"))
				continue
			}
			b.ask(i, "piece-size", Finding{Do: "Take the meat off the bones", Message: "The soup was tested with boned meat.", Remedy: "Cook it, bone it, and put the meat in.", Source: b.proc.Citation(),
				Edits: prepare(i, "boned")})
		case b.soupSolid(it):
			b.permit(i, asTested("has a process of its own"))
			b.slowest(i)
			b.smallJar(i)
		case it.is("water", "broth", "tomato-juice"):
			b.permit(i, asTested("thin liquid"))
		case it.is("wine"):
			b.allow(i, "substitution", Finding{Do: "Wine for part of the water", Message: "It neither thickens nor raises the pH; the time stays."})
		case it.is("herb"):
			if it.unclear || it.amount.Unit == quantity.Handful {
				b.allow(i, "unclear-amount", Finding{Do: "How much is that?", Message: "Fresh leaves only season here; say how much, or add them at the table."})
				continue
			}
			if c, ok := it.cups(); ok && c > herbCups {
				continue // more than seasoning: asked about like any leaf
			}
			b.permit(i, Permission{Allowed, "seasoning-change", "herb as seasoning"})
		}
	}
}

// cutSeasoning cuts everything that only seasons a soup to the part.
func (b *bench) cutSeasoning(part float64) []Edit {
	var edits []Edit
	for i := range b.items {
		if b.items[i].is(soupSeasoning...) {
			edits = append(edits, cutBack(i, part)...)
		}
	}
	return edits
}

// ownTime returns the minutes that the solid takes by itself, where these are more than the soup's, and the jar; 0
// where they are not.
func (b *bench) ownTime(i int) (longest int, jar string, own *procedure.Procedure) {
	it := &b.items[i]
	if it.ref == nil || it.is("seafood") || it.is("dry-bean") && it.came("canned") {
		return 0, "", nil
	}
	if own = b.own[it.ref.ID]; own == nil {
		return 0, "", nil
	}
	for _, r := range own.Rows {
		if r.Jar != "pint" && r.Jar != "quart" || b.jar.Value != "" && string(b.jar.Value) != r.Jar {
			continue
		}
		soup := 60
		if r.Jar == "quart" {
			soup = 75
		}
		if m, ok := r.Minutes.At(b.req.Elevation); ok && m > soup && m > longest {
			longest, jar = m, r.Jar
		}
	}
	return longest, jar, own
}

// slowest says when the solid's own process is longer than the soup's.
func (b *bench) slowest(i int) {
	longest, jar, own := b.ownTime(i)
	if longest > 0 && b.minutesFor(procedure.Process{Jar: jar}) < float64(longest) {
		name := b.items[i].name
		b.report(Finding{Code: "process-short", Severity: Care, Line: at(b.items[i].line), Ingredient: name,
			Do: sprint("On its own it takes %d minutes", longest),
			Message: sprint("The published soup time stands, because half the jar is liquid; canned alone, a %s of %s"+
				" takes %d minutes.", jar, name, longest),
			Remedy: "Process the longer time if you want the margin.", Source: own.Citation()})
	}
}

// smallJar keeps soups with peppers or mushrooms to pints.
func (b *bench) smallJar(i int) {
	own := b.own[b.items[i].ref.ID]
	if own == nil || b.items[i].is("seafood") || b.largest[own] != quantity.PintJar {
		return
	}
	if b.jar.Value.Larger(quantity.PintJar) {
		b.report(Finding{Code: "jar-size", Severity: Amend, Line: at(b.items[i].line), Ingredient: b.items[i].name, Do: "Pints at most", Message: "With " + b.items[i].name + " in it the soup goes into pints: no larger jar was tested for them.",
			Remedy: "Use pints, or leave it out.", Source: own.Citation(), Edits: []Edit{{Op: Restate, Not: []string{itsJar}, To: string(quantity.PintJar)}}})
	}
}

// soupJarLimit returns the largest jar that every solid allows, "" for no
// limit.
func (b *bench) soupJarLimit() quantity.Jar {
	for i := range b.items {
		it := &b.items[i]
		if it.serving || it.ref == nil || it.is("seafood") {
			continue
		}
		if own := b.own[it.ref.ID]; own != nil && b.largest[own] == quantity.PintJar {
			return quantity.PintJar
		}
	}
	return ""
}
