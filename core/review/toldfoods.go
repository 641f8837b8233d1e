package review

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/recipe"
	"damson/core/words"
)

// fruits counts the fruits that are listed.
func (d *draft) fruits() int {
	n := 0
	for i := range d.items {
		if it := &d.items[i]; it.ref != nil && it.ref.Kind == "fruit" && !it.fromStep {
			n++
		}
	}
	return n
}

// telling is a sentence of the method whose foods are looked through.
type telling struct {
	*step
	at int
	// text is the sentence in lower case, measured what it measures.
	text     string
	measured []*recipe.Line
	// listed is how many items the list has.
	listed int
}

// foodsOfSteps makes an item of every food that only the method names, and
// fills in amounts that only the method states.
func (d *draft) foodsOfSteps(e *Reviewer) {
	listed := len(d.items)
	for i := range d.steps {
		s := &d.steps[i]
		t := &telling{step: s, at: i, text: strings.ToLower(s.Text), measured: e.reader.Measured(s.Step), listed: listed}
		d.amountsTold = append(d.amountsTold, t.measured...)
		told := map[recipe.Mention]bool{}
		for _, m := range s.Foods {
			same := m
			same.At = 0
			if !told[same] {
				told[same] = true
				d.takeMention(e, t, m)
			}
		}
	}
}

// takeMention makes an item of a food that a sentence names, or gives its amount to the item it is.
func (d *draft) takeMention(e *Reviewer, t *telling, m recipe.Mention) {
	d.refuse(t, m)
	if d.onlyWords(t, m) {
		return
	}
	line, water, serving := t.measureOf(m), m.Food.In("water"), t.Serving || m.Serving
	if k := d.find(m, t.listed); k >= 0 && (serving || !d.items[k].serving || d.items[k].fromStep && !m.Added) {
		d.toldOf(&d.items[k], t, m, line)
		return
	}
	switch {
	case water && d.waterPasses(t, line):
		return
	case line == nil && d.madeOrReferred(e, t, m):
		return
	case line != nil:
		line.Dilutes = line.Dilutes || water && thins.MatchString(t.text)
		line.Unread, line.Slip = nil, "" // the sentence's own words are asked about with it
	default:
		line = &recipe.Line{No: t.No, Text: t.Text, Food: strings.ToLower(m.Text), Ref: m.Food,
			Kind: recipe.Ingredient, Reading: recipe.Understood}
	}
	spoken := line.AmountMin == nil && !m.Added && !m.Taken
	d.addLine(line, serving)
	it := &d.items[len(d.items)-1]
	it.fromStep, it.spoken, it.choice = true, spoken, it.choice || d.insteadOf(t.step, m, line, t.listed)
}

// refuse takes out acid of the list that the sentence says does not go in.
func (d *draft) refuse(t *telling, m recipe.Mention) {
	if !m.Without {
		return
	}
	k := d.find(m, t.listed)
	if k < 0 || k >= t.listed || !isAcid(&d.items[k]) {
		return
	}
	fromFresh := freshFruit.MatchString(t.text) && !strings.Contains(t.text, "bottle")
	if !d.items[k].is("bottled-citrus") || !fromFresh {
		d.items[k].serving = true
	}
}

// onlyWords reports a food that the sentence names and does not put in: a verb, what wipes the
// rims, the bath that it comes out of again.
func (d *draft) onlyWords(t *telling, m recipe.Mention) bool {
	f := m.Food
	switch {
	case f.ID == "fish" && (d.hasGroup("seafood") || containsAny(t.Text, fishing...)):
		return true // the fish that is named, or a verb
	case d.toldOnly(t.step, m, t.listed):
		return true // "3 cups water for each cup of beans", to soak them; the fruits that are listed
	case m.Without || m.Beside:
		return true
	case f.In("water") && !measures(t.measured, f):
		return true
	case d.kind == "ferment" && f.In("fermented-cabbage"), f.ID == "ketchup" && d.makesKetchup(t.step):
		return true
	case f.In("vinegar", "weak-vinegar") && (strings.Contains(t.text, "rim") || strings.Contains(t.text, "canner")):
		return true // wiping rims, clearing hard water
	case f.In("fresh-citrus", "citrus-juice", "bottled-citrus", "vinegar"):
		return acidBath(t.text)
	}
	return false
}

// fishing is done with a spoon.
var fishing = []string{"fish out", "fish it out", "fish them out", "like a fish"}

// acidBath is water with acid by the gallon that food comes out of again: no dose of a jar.
func acidBath(text string) bool {
	return byGallon.MatchString(text) && !ofGallons.MatchString(text) &&
		containsAny(text, "soak", "rinse", "wash", "simmer", "boil", "dip", "steam")
}

// measureOf returns what the sentence measures of the food, nil where it measures none; water that
// it names beside acid makes that weaker.
func (t *telling) measureOf(m recipe.Mention) *recipe.Line {
	for _, l := range slices.Backward(t.measured) {
		if measuresOf(l, m) {
			if m.Food.In("water") {
				l.Dilutes = t.names("vinegar") || t.names("bottled-citrus")
			}
			return l
		}
	}
	return nil
}

// toldOf gives the item what the sentence measures of it.
func (d *draft) toldOf(it *item, t *telling, m recipe.Mention, line *recipe.Line) {
	if line == nil {
		return
	}
	serving := t.Serving || m.Serving
	thinned := it.is("water") && !containsAny(t.text, "canner", "soak", "wash", "rinse")
	more := thinned && !it.amount.IsZero() && (m.More || thins.MatchString(t.text)) &&
		!containsAny(t.text, "kettle", "blanch")
	switch {
	case !serving && isAcid(it) && it.cutDown(m, line):
		it.amount, it.src = line.Amount(), line // of two amounts the end that is worse
		return
	case !serving && more:
		line.Dilutes = true
		d.addFromStep(line)
		return
	}
	line.Dilutes = line.Dilutes || thinned && m.Taken
	switch {
	case serving:
	case it.short(line):
		d.addFromStep(line)
	case it.ref == line.Ref && (it.amount.IsZero() || it.wantsJars(line)):
		it.amount, it.src, it.unclear = line.Amount(), line, line.Reading == recipe.Unclear
	}
}

// addFromStep adds what a sentence puts in beside the list.
func (d *draft) addFromStep(line *recipe.Line) {
	d.addLine(line, false)
	d.items[len(d.items)-1].fromStep = true
}

// wantsJars reports acid or salt listed by the batch and told by the jar.
func (it *item) wantsJars(line *recipe.Line) bool {
	return it.src != nil && it.src.Per == "" && line.Per != "" && (isAcid(it) || it.is("salt"))
}

// waterPasses reports water that comes into no jar: something lies in it for hours, or nothing
// is made with it.
func (d *draft) waterPasses(t *telling, line *recipe.Line) bool {
	if t.names("vinegar") {
		return false
	}
	if d.pouredOff(t.at) {
		return true
	}
	if line != nil && thins.MatchString(t.text) {
		return false
	}
	return !containsAny(t.Text, "add", "stir", "pour", "mix") ||
		containsAny(t.Text, "canner", "soak", "wash", "rinse", "blanch", "peel", "skins", "cover")
}

// madeOrReferred reports a food without a measure that is made here, by its name, or another recipe
// that tells how.
func (d *draft) madeOrReferred(e *Reviewer, t *telling, m recipe.Mention) bool {
	if d.ownJelly(t.step, m) || e.product(m.Text) && referred.MatchString(t.Text[:min(m.At, len(t.Text))]) {
		return true
	}
	return !m.Taken && d.madeHere(e, m, t.text)
}

// productPoured fills jars with what was made: "pour jelly immediately into hot, sterile jars".
var productPoured = pattern.MustCompile(`(?i)^\W*(?:then |now )?(?:quickly |immediately )?(?:pour|ladle|spoon` +
	`|pack|funnel|put) (?:the )?(?:hot )?\pL+,? (?:quickly |immediately |at once )?into (?:[\pL,-]+ ){0,6}jars?\b`)

// toldOnly reports a mention that brings nothing new: "3 cups water for each cup of beans", to soak them,
// or foods of the list told together.
func (d *draft) toldOnly(s *step, m recipe.Mention, listed int) bool {
	text := strings.ToLower(s.Text)
	if m.Food.In("water") && recipe.WaterRatio(text) {
		return true
	}
	return d.fruitsMixed(m, text) || d.joined(m, listed) || d.driedToo(s, m, listed)
}

// pouredOff reports water of step i in which something only lies.
func (d *draft) pouredOff(i int) bool {
	return soaks(d.steps[i].Text) || d.limeSoak(strings.ToLower(d.steps[i].Text)) || d.saltSoak(i)
}

// ownJelly reports the jelly or jam that is being made, by its name.
func (d *draft) ownJelly(s *step, m recipe.Mention) bool {
	name := words.FoldPhrase(m.Text)
	if d.kind != "jam" || kindOf(name) != "jam" {
		return false
	}
	return !m.Added || titleHas(d.folded, name) && productPoured.MatchString(s.Text)
}

// insteadOf reports a food told as what may stand for a listed one: "trim the okra or zucchini".
func (d *draft) insteadOf(s *step, m recipe.Mention, line *recipe.Line, listed int) bool {
	if line.AmountMin != nil {
		return false
	}
	for _, first := range s.Foods {
		end, behind := first.At+len(first.Text), m.At+len(m.Text)
		or := end < m.At && strings.TrimSpace(strings.ToLower(s.Text[end:m.At])) == "or"
		or = or || behind < first.At && forListed.MatchString(s.Text[behind:first.At]) && mayUse.MatchString(s.Text[:m.At])
		if k := d.find(first, listed); or && k >= 0 && k < listed && d.items[k].ref != nil {
			return d.items[k].ref.Kind == m.Food.Kind
		}
	}
	return false
}

var driedPeas = pattern.MustCompile(`(?i)\bdr(?:ied|y) (?:\pL+ )?beans or peas\b`)

// named returns what tells whether an item's name holds the word.
func named(word string) func(item) bool {
	return func(it item) bool { return titleHas(words.FoldPhrase(it.name), word) }
}

// driedToo reports the peas of "beans or peas", where dried beans are listed and the method has them both dried.
func (d *draft) driedToo(s *step, m recipe.Mention, listed int) bool {
	return m.Food.ID == "pea" && beansOr.MatchString(s.Text[:m.At]) &&
		slices.ContainsFunc(d.items[:listed], func(it item) bool { return it.is("dry-bean") }) &&
		slices.ContainsFunc(d.steps, func(st step) bool { return driedPeas.MatchString(st.Text) })
}

var beansOr = pattern.MustCompile(`(?i)\bbeans or $`)

// joined reports two listed foods told as one: "the pepper-vinegar puree".
func (d *draft) joined(m recipe.Mention, listed int) bool {
	parts := strings.Split(strings.ToLower(m.Text), "-")
	for _, part := range parts {
		if !slices.ContainsFunc(d.items[:listed], named(words.Fold(part))) {
			return false
		}
	}
	return len(parts) > 1
}

// fruitsMixed reports the fruits of the list by what they are together, and none from a tin.
func (d *draft) fruitsMixed(m recipe.Mention, text string) bool {
	return m.Food.ID == "fruit-cocktail" && strings.Contains(text, "mixed fruit") && d.fruits() > 1 &&
		!containsAny(text, "tin", "can ", "can.", "cans", "frozen", "bag", "packet")
}

// measuresOf reports whether the line measures what is mentioned: "lemon juice, from the bottle" too.
func measuresOf(l *recipe.Line, m recipe.Mention) bool {
	return l.Ref == m.Food || l.Ref.In("bottled-citrus") && m.Food.In("citrus-juice") && strings.EqualFold(l.Food, m.Text)
}

// referred stands before the name of another recipe: "press as for making tomato juice".
var referred = pattern.MustCompile(`(?i)\b(?:as for|as in|just as for|same as for|like for|as you (?:do|did` +
	`|would) for|(?:directions?|instructions?|recipe|steps) (?:for|of|under|given for)) (?:making |canning |the |a )?$`)

// product reports whether a tested product is called so, or something longer that begins so:
// "spaghetti sauce" of "spaghetti sauce without meat".
func (e *Reviewer) product(name string) bool {
	name = words.FoldPhrase(name)
	if e.products[name] {
		return true
	}
	for p := range e.products {
		if strings.HasPrefix(p, name+" ") {
			return true
		}
	}
	return false
}

// madeHere reports whether the food named is the product itself: tomato juice in the method
// of tomato juice, "until the butter mounds" of apple butter, "fill pints with hot sauce" of
// applesauce. What is put in is never the product, but for what the jars are filled with.
func (d *draft) madeHere(e *Reviewer, m recipe.Mention, text string) bool {
	name := words.FoldPhrase(m.Text)
	if e.products[name] && d.fresh(m) && (!m.Added || d.titled(name) && !m.More) {
		return true
	}
	if name == "chili" && d.ownChili() && theChili.MatchString(text) {
		return true
	}
	f := strings.Fields(name)
	if len(f) == 0 || kindOf(f[len(f)-1]) == "" || !d.headed(f[len(f)-1]) {
		return false
	}
	switch {
	case len(f) == 1:
		return d.folded != name && (!m.Added || filledInto.MatchString(text))
	case len(f) == 2 && f[0] == "hot":
		return filledWith.MatchString(text) && strings.Count(text, f[1]) == 1
	}
	return false
}

// theChili is the dish itself, that is cooked and filled, and no pepper that is added.
var theChili = pattern.MustCompile(`\b(?:ladle|fill|pour|spoon|pack|simmer|cook|boil|heat|reheat|keep|stir|taste` +
	`|season|skim|thicken|scoop|cool) (?:hot )?(?:the|our|my|this|that) (?:hot |boiling )?chili\b` +
	`|\b(?:the|our|my|this|that) chili (?:is|has|should|will|must|boils|simmers|cooks)\b`)

var filledWith = pattern.MustCompile(`(?i)\bfill (?:the |your )?(?:\pL+ ){0,3}(?:jars?|pints?` +
	`|quarts?) with (?:the )?hot \pL+\b`)

// filledInto is a product that goes into its jars: "pour the hot jelly into jars".
var filledInto = pattern.MustCompile(`(?i)\b(?:pour|ladle|spoon|pack|put|turn|funnel) (?:the |your |hot ` +
	`|boiling )*(?:butter|sauce|jam|jelly|juice|relish|salsa|ketchup|chutney|marmalade|preserves?|conserve|syrup` +
	`|curd|soup|stew|chili)\b(?: \pL+)? (?:in|into) (?:\pL+,? ){0,4}(?:jars?|pints?|quarts?|half-pints?|glasses)\b`)

// titled reports whether the title ends with the name, and does not put it in, on or beside
// something else.
func (d *draft) titled(name string) bool {
	before, ok := strings.CutSuffix(d.folded, name)
	return ok && !titleHas(before, "in", "with", "and", "under", "or")
}

// headed reports whether the title ends with the word: "sauce" of applesauce.
func (d *draft) headed(word string) bool {
	product, _, _ := strings.Cut(d.folded, " with ")
	return len(word) > 3 && strings.HasSuffix(product, word)
}

// freshFruit is what bottled juice is taken instead of: "never the real lemons".
var freshFruit = pattern.MustCompile(`\b(real|fresh|whole|actual|squeezed) (lemon|lime)s?\b|\b(lemon` +
	`|lime)s? (from|off) the tree\b`)

// thins is a liquid that is made weaker: "let it down with 3 cups of water".
var thins = pattern.MustCompile(`(?i)\b(it|them|brine|liquid|liquor|vinegar|syrup|this` +
	`|that)( \pL+)? with (about |another |some )*(\d|half|an? |one|two|three|four|five|six)[^.;]*\bwater\b`)

// acidSpokenOf takes out acid that is only spoken of, "people ask about lemon juice",
// where no other is in the recipe: what nobody puts in is not fresh but missing.
func (d *draft) acidSpokenOf() {
	spokenOf := func(it *item) bool { return it.spoken && !it.serving }
	for i := range d.items {
		if it := &d.items[i]; isAcid(it) && !it.serving && !spokenOf(it) {
			return
		}
	}
	d.items = slices.DeleteFunc(d.items, func(it item) bool { return isAcid(&it) && spokenOf(&it) })
}

// fresh reports whether another food of the recipe has the product's last word in its
// name: tomatoes where crushed tomatoes are named.
func (d *draft) fresh(m recipe.Mention) bool {
	f := strings.Fields(words.FoldPhrase(m.Text))
	if len(f) < 2 || m.Food.In(never...) {
		return false
	}
	for i := range d.items {
		if it := &d.items[i]; it.ref != nil && it.ref != m.Food && (titleHas(words.FoldPhrase(it.name), f[len(f)-1]) ||
			it.ref.In(f[len(f)-1])) {
			return true
		}
	}
	for i := range d.steps {
		for _, x := range d.steps[i].Foods {
			if x.Food != m.Food && (x.Food.ID == f[len(f)-1] || x.Food.In(f[len(f)-1])) {
				return true
			}
		}
	}
	return false
}

// makesKetchup reports whether the ketchup that the sentence names is the one
// being made: nobody adds it.
func (d *draft) makesKetchup(s *step) bool {
	return titleHas(d.folded, "ketchup", "catsup") && !containsAny(s.Text, "add", "stir in", "mix", "with ketchup",
		"bottle", "cup")
}

func measures(lines []*recipe.Line, f *food.Food) bool {
	for _, l := range lines {
		if l.Ref == f {
			return true
		}
	}
	return false
}

func (s *step) names(group string) bool {
	for _, m := range s.Foods {
		if m.Food.In(group) {
			return true
		}
	}
	return false
}

// find returns the item that the mention speaks of, or -1: the same food, or a
// shorter name for it ("tomatoes" for paste tomatoes, "lime juice" for the
// bottled one). A relative is another food: parsnips are no carrots.
func (d *draft) find(m recipe.Mention, listed int) int {
	for i := range d.items {
		if d.items[i].ref == m.Food || d.items[i].head == m.Food && d.items[i].ref == nil {
			return i
		}
	}
	name := words.FoldPhrase(m.Text)
	for i := range d.items {
		if m.Food.ID == "prepared-mustard" && d.items[i].is("dry-seasoning") &&
			titleHas(words.FoldPhrase(d.items[i].name), name) || m.Food.In("herb", "dry-seasoning") &&
			d.items[i].is("dry-seasoning") && strings.HasPrefix(words.FoldPhrase(d.items[i].name), name+" ") {
			return i // "the mustard", where the list has mustard seed
		}
	}
	for i := range d.items[:listed] {
		if f := d.items[i].ref; m.Food.In(never...) && !sharesGroup(f, m.Food) {
			continue // cream style corn is no cream
		}
		if have := words.FoldPhrase(d.items[i].name); d.items[i].calledBy(have, name) || m.Food.In("citrus",
			"fresh-citrus") && d.items[i].is("citrus-juice", "bottled-citrus") && titleHas(have, name) {
			return i
		}
	}
	return -1
}

// What a recipe lets stand for a listed food: "you may use green tomatoes instead of tomatillos".
var (
	mayUse    = pattern.MustCompile(`(?i)^\W*(?:you|we|one) (?:may|can) (?:also )?(?:use|substitute) (?:the )?$`)
	forListed = pattern.MustCompile(`(?i)^ (?:in this recipe |here )?(?:instead of|in place of|for) (?:the )?$`)
)

// never are groups whose foods no other food's name stands for.
var never = []string{"dairy", "fat", "egg", "thickener", "starch-solid", "nut", "cured-meat", "coconut"}
