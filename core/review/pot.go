package review

import (
	"strings"

	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
)

// pot remembers what is on the stove, and tells whether a clause makes the food hot.
type pot struct {
	b *bench
	// liquid is true where only a syrup, a brine or water is on the stove.
	liquid bool
	// heated holds the solids of a soup that were heated by themselves.
	heated map[int]bool
}

// heats reports whether the clause heats the food, or may: what nobody could read counts
// where it speaks of a pot, of heat or of a time.
func (p *pot) heats(t told) bool {
	c, food := t.c, p.b.items[p.b.main].ref.Names[0]
	switch {
	case c.Kind == method.Unread:
		return mayHeat.MatchString(c.Text) && !boilsIt.MatchString(inIt.ReplaceAllString(strings.ToLower(c.Text), ""))
	case c.Negated, (c.Kind == method.Talk && !c.Untouched() || c.Kind == method.Serve) && !toldToDo.MatchString(c.Text):
		return false
	}
	text := offHeat.ReplaceAllString(strings.ToLower(c.Text), "")
	solids, liquid := p.named(t)
	together := solidsNamed.MatchString(text) || allTogether.MatchString(text) && !ofBrine.MatchString(text)
	solid := len(solids) > 0 || together || strings.Contains(text, food) || p.ofJuice() &&
		strings.Contains(sourJuice.ReplaceAllString(text, ""), "juice")
	switch {
	case solid:
		p.liquid = false
	case poursOn.MatchString(text):
	case mixesIn.MatchString(text):
	case (liquid || ofBrine.MatchString(inIt.ReplaceAllString(text, ""))) && (boilsIt.MatchString(inIt.ReplaceAllString(text, "")) || makesPot.MatchString(text)), liquid && ofStock.MatchString(text):
		p.liquid = true
	}
	if !timed(text) || dips.MatchString(text) || poured.MatchString(text) {
		text = ofLiquid.ReplaceAllString(text, "") // but "two minutes in boiling water" heats
	}
	switch {
	case !heatWords.MatchString(text) && !toDegrees.MatchString(text) || offBoil.MatchString(text) || notHeated.MatchString(text) || strings.Contains(text, "canner"):
		return false
	case solid && !together && p.b.soup() && len(solids) > 0:
		return p.allOf(solids)
	case solid:
		return true
	}
	return !p.liquid && !vessels.MatchString(text)
}

// ofJuice reports whether what goes into the jars is the juice of the food, as in a jelly.
func (p *pot) ofJuice() bool {
	if p.b.items[p.b.main].ref.In("fruit-juice", "tomato-juice") || p.b.kind == "syrup" || p.b.kind == "juice" {
		return true
	}
	return p.b.kind == "jam" && strings.Contains(p.b.folded, "jelly") && p.b.takesJuice()
}

// sourJuice is what a syrup is soured with, and none of its fruit.
var sourJuice = pattern.MustCompile(`\b(?:lemon|lime)s? juice\b`)

// takesJuice reports whether the method takes the juice off the food.
func (b *bench) takesJuice() bool {
	for s := range b.steps {
		if juiceTaken.MatchString(b.steps[s].Text) {
			return true
		}
	}
	return false
}

// juiceTaken is how a jelly gets its juice.
var juiceTaken = pattern.MustCompile(`(?i)\b(strain(s|ed)?|extract(s|ed)?|drip(s|ped)?|jelly bag)\b`)

// allOf notes the solids of a soup that are heated, and reports whether that is all of them.
func (p *pot) allOf(solids []int) bool {
	if p.heated == nil {
		p.heated = map[int]bool{}
	}
	for _, i := range solids {
		p.heated[i] = true
	}
	for i := range p.b.items {
		if it := &p.b.items[i]; p.b.role(i) == procedure.Main && !it.serving && !p.heated[i] && !it.done("cooked", "boiled", "browned", "roasted") && !it.came("cooked") {
			return false
		}
	}
	return true
}

// named returns the foods of the clause that go into the jars in pieces, and reports whether
// it names one that does not.
func (p *pot) named(t told) (solids []int, liquid bool) {
	for _, m := range p.b.steps[t.s].Foods {
		if m.At < t.c.Start || m.At >= t.c.End || m.Without || m.Beside || inIt.MatchString(p.b.steps[t.s].Text[t.c.Start:min(m.At+len(m.Text), t.c.End)]) {
			continue
		}
		k := p.b.find(m, len(p.b.items))
		if k < 0 {
			continue
		}
		switch p.b.role(k) {
		case procedure.Main, procedure.LowAcid:
			solids = append(solids, k)
		default:
			liquid = true
		}
	}
	return solids, liquid
}

var (
	heatWords = pattern.MustCompile(`\b(boil|boils|boiled|boiling|simmer\w*|cook|cooks|cooked|cooking|steam|steams|steamed|blanch\w*|parboil\w*|(re)?heat\w*|brown|browned|roast\w*|bake|bakes|baked|fry|fried|saut\w+|sear\w*|poach\w*|stew|stewed|wilt\w*|sweat|bring (it|them|all|everything) (all )?(back |right )?(up|to)|broil\w*|grill\w*|blister\w*)\b`)
	// toDegrees is heat by the thermometer, 160 °F and more: "stir until 170 °F" (common practice,
	// no source).
	toDegrees = pattern.MustCompile(`\b(un)?(til|till|to|reach(es)?) (it |is |at |reaches |about |the |mixture |a |temperature |of ){0,4}(1[6-9]\d|2[0-3]\d) ?(°|º|degrees|deg)? ?f\b|\b(un)?(til|till|to|reach(es)?) (it |is |at |reaches |about |the |mixture |a |temperature |of ){0,4}([7-9]\d|10\d) ?(°|º|degrees|deg) ?c\b`)
	// dips only loosen skins.
	dips = pattern.MustCompile(`\b(dip\w*|scald\w*|plung\w*|drop\w*)\b`)
	// poured is hot water that food only stands in.
	poured = pattern.MustCompile(`\b(pour\w*|soak|soaks|soaking|steep\w*|stand|sit)\b`)
	// ofBrine is what is boiled by itself and poured over.
	ofBrine     = pattern.MustCompile(`\b(vinegar|brine|syrup|pickling liquid|pickling solution)\b`)
	solidsNamed = pattern.MustCompile(`\b(slices|pieces|halves|cubes|chunks|strips|rings|quarters|them|everything|fruit|meat|kraut|sauerkraut|veg|veggies|vegetables?|berries|all of (it|them))\b|\bin (the |their |a |this |that |very |light |medium |heavy )*(syrup|brine)\b`)
	ofStock     = pattern.MustCompile(`\b(broth|stock|bones?|liquid)\b`)
	allTogether = pattern.MustCompile(`\b(all together|all of (it|them)|everything|together|the rest|the lot|soup|mixture)\b`)
	// toldToDo begins what a cook is told to do, however it was read.
	toldToDo = pattern.MustCompile(`(?i)^(everything|all of|it all|the lot|then|and|back|bring|boil|heat|reheat|simmer|cook|let|give)\b`)
	// offHeat is heat that is not there, and poursOn what is poured over food in a pot.
	offHeat   = pattern.MustCompile(`(?i)\b(off|from|without|no|away from|out of|turn (it )?off) (of )?(the |any |more |further )*(heat|heating|boil)\b`)
	offBoil   = pattern.MustCompile(`(?i)\bonce (it|they|that) (has|have|had|is|are) (cooled|cold)\b`)
	notHeated = pattern.MustCompile(`(?i)(n't|\b(not|never|no need|needn't|without|skip\w*|omit\w*|instead of)) (\pL+ ){0,3}(boil|heat|cook|simmer)\w*\b`)
	// inIt is the liquid that food is heated in: "boil 30 minutes in fresh water".
	inIt = pattern.MustCompile(`(?i)\b(in|with) (\pL+ ){0,3}(water|syrup|brine|juice|stock|broth|liquid|cider|vinegar|wine)( and (the )?(water|vinegar|sugar|cider|juice|salt))*\b`)
	// cooled is food that has lost its heat, or never had it.
	cooled   = pattern.MustCompile(`(?i)\b(go|goes|gone|went|get|gets|let|leave|left|stay|stays|keep|kept|is|are|stone|quite|till|until) ((it|them|all|everything|the \pL+|to|go|get|stay|sit|is|are|quite|stone) ){0,3}(raw|cold|cool|uncooked|unheated)\b|\b(chill\w*|fridge|refrigerat\w*|cold (this|that|the next|in the) (morning|day)|last night|yesterday)\b`)
	makesPot = pattern.MustCompile(`(?i)^(\pL+ ){0,2}(make|combine|mix|dissolve|prepare) (\pL+ ){0,1}`)
	// boilsIt boils a liquid, which stands behind the verb or before "to the boil".
	boilsIt = pattern.MustCompile(`^(then |now |next )?(bring|heat|boil|simmer|warm|scald|cook)\w* .*\b(water|sugar|vinegar|salt|syrup|brine|broth|stock|juice|kettle|spices?|liquid|cider)\b|\b(water|vinegar|syrup|brine|broth|stock|spices?|salt) (on )?to (a|the) (\pL+ )?boil|\b(syrup|brine|broth|stock|kettle|vinegar) (\pL+ )?(boil|boils|boiled|boiling|simmers?|simmering)\b`)
	mixesIn = pattern.MustCompile(`\b(mix|combine|stir|toss) (it |them |all )?(with|in)\b`)
	poursOn = pattern.MustCompile(`(?i)\b(cover\w*|add\w*|to cover|top up)\b|\b(over|to) (it|them|the \pL+)\b|^\W*(\pL+ )?\pL+ (in|on)\W*$|^\W*(fresh|clean|new) water\b`)
	vessels = pattern.MustCompile(`\b(jars?|lids?|bands?|canner)\b`)
	// ofLiquid is a liquid that is hot, which heats nothing by being poured over.
	ofLiquid = pattern.MustCompile(`\b(boiling|simmering|steaming|boiled|hot)[- ](\pL+ )?(water|broth|stock|liquid|brine|syrup|juice)\b`)
)
