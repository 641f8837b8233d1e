package review

import (
	"maps"
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/food"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/words"
)

// draft is the recipe as the review works on it. Edits are made on copies, so
// that "covered once changed" is a review of the changed draft and no promise.
type draft struct {
	// folded is the title in folded words, kind the product it names.
	folded, kind string
	items        []item
	steps        []step
	methods      []recipe.Said[string]
	jar          recipe.Said[quantity.Jar]
	jars         []recipe.Said[quantity.Jar]
	pack         recipe.Said[string]
	gauge        string
	minutes      []recipe.SaidMinutes
	psi          *recipe.Said[float64]
	vent         *recipe.Said[float64]
	head         *recipe.Said[float64]
	// liquids are the covering liquids that lines or method name; dry is set
	// where the recipe says that none is added.
	liquids map[string]bool
	dry     bool
	// strained is set where a stock's bones and roots are strained out.
	strained bool
	// halfSolids is set where the filling is stated half solids.
	halfSolids bool
	// halfAt is the step, counted from 1, that fills the jars and is to fill them half, 0 for none.
	halfAt int
	// sugarTold is set where the recipe says that it changed the sugar.
	sugarTold bool
	// amountsTold are the amounts that the method states.
	amountsTold []*recipe.Line
	// added records, by name, the edits that put in what was left out.
	added map[string]bool
}

// item is one ingredient at work.
type item struct {
	line   int
	name   string
	ref    *food.Food
	head   *food.Food
	amount quantity.Amount
	src    *recipe.Line
	prep   []string
	state  []string
	// leftOut is set by an edit that takes it out of the jar.
	leftOut bool
	// unclear is true where the amount was given but cannot be measured.
	unclear bool
	// more is true where its own line says that it may be more.
	more   bool
	unread []string
	// slip is the name as written, where it was read as another.
	slip    string
	serving bool
	// drained is true for water that the method soaks in and pours off.
	drained bool
	// minor is true for what is never what a product is made of.
	minor bool
	// choice is true for the second of "butter or lard".
	choice bool
	// fromStep is true where only the method names it.
	fromStep bool
	// spoken is true where the sentence that names it puts nothing in.
	spoken bool
	// factor scales the amount after "cut back".
	factor float64
}

// step is one sentence at work.
type step struct {
	*recipe.Step
	// dropped are the acts that an edit took out.
	dropped []string
	gone    bool
	// refilled is set where an edit fills the jars as tested.
	refilled bool
}

func (s *step) did(tags ...string) bool {
	if s.gone {
		return false
	}
	for _, a := range s.Acts {
		if slices.Contains(tags, a.Tag) && !slices.Contains(s.dropped, a.Tag) {
			return true
		}
	}
	return false
}

// count returns how many acts of the tag the sentence has.
func (s *step) count(tag string) int {
	n := 0
	for _, a := range s.Acts {
		if a.Tag == tag {
			n++
		}
	}
	return n
}

func (s *step) actText(tag string) string {
	for _, a := range s.Acts {
		if a.Tag == tag {
			return a.Text
		}
	}
	return ""
}

func (d *draft) clone() *draft {
	c := *d
	c.items = slices.Clone(d.items)
	for i := range c.items {
		c.items[i].prep = slices.Clone(d.items[i].prep)
		c.items[i].state = slices.Clone(d.items[i].state)
	}
	c.steps = slices.Clone(d.steps)
	for i := range c.steps {
		c.steps[i].dropped = slices.Clone(d.steps[i].dropped)
	}
	c.methods = slices.Clone(d.methods)
	c.minutes = slices.Clone(d.minutes)
	c.added, c.liquids = maps.Clone(d.added), maps.Clone(d.liquids)
	return &c
}

// did reports whether any sentence before serving holds the act.
func (d *draft) did(tags ...string) bool {
	for i := range d.steps {
		if !d.steps[i].Serving && d.steps[i].did(tags...) {
			return true
		}
	}
	return false
}

func (it *item) is(groups ...string) bool { return !it.serving && it.ref.In(groups...) }

// looks is is, but an unknown compound counts by its last word: "pepper jack
// cheese" looks like cheese.
func (it *item) looks(groups ...string) bool {
	return !it.serving && (it.ref.In(groups...) || it.ref == nil && it.head.In(groups...))
}

func (it *item) done(prep ...string) bool {
	for _, p := range prep {
		if slices.Contains(it.prep, p) {
			return true
		}
	}
	return false
}

func (it *item) came(state ...string) bool {
	for _, p := range state {
		if slices.Contains(it.state, p) {
			return true
		}
	}
	return false
}

func (it *item) undo(preps ...string) {
	it.prep = slices.DeleteFunc(it.prep, func(p string) bool { return slices.Contains(preps, p) })
}

// cups returns the volume in US cups, or false where it is not known.
func (it *item) cups() (float64, bool) {
	if it.src == nil || it.amount.IsZero() || it.unclear {
		return 0, false
	}
	if it.is("garlic") && it.amount.Unit == quantity.Head {
		return it.amount.Max * headOfGarlic * 4 / 136 * it.factor, true
	}
	if it.is("fresh-citrus") && it.amount.Unit == quantity.Each {
		return it.amount.Max * juiceOfOne * it.factor, true
	}
	c, ok := it.src.Cups()
	return c * it.factor, ok
}

// grams returns the weight, or false where it is not known.
func (it *item) grams() (float64, bool) {
	if it.src == nil || it.amount.IsZero() || it.unclear {
		return 0, false
	}
	if it.is("garlic") && it.amount.Unit == quantity.Head {
		return it.amount.Max * headOfGarlic * 4 * it.factor, true
	}
	if it.src.Pieces > 0 {
		return it.src.Pieces * it.factor, true
	}
	if it.src.Package != nil && it.amount.Unit.Dimension() == quantity.Count {
		g, ok := it.ref.Grams(it.src.Package.Amount, it.src.Package.Unit, it.src.Form())
		return g * it.amount.Max * it.factor, ok
	}
	if it.ref == nil {
		return 0, false
	}
	g, ok := it.ref.Grams(it.amount.Max, it.amount.Unit, it.src.Form())
	return g * it.factor, ok
}

// headOfGarlic is the cloves of a head (common practice, no source).
const headOfGarlic = 11

// juiceOfOne is the juice of a lemon or lime in cups: about 3 and 2 Tbsp, the
// smaller taken for both (common practice, no source).
const juiceOfOne = 2.0 / 16

// newDraft lays the recipe out for the review; flags win over the text.
func newDraft(e *Reviewer, req Request) *draft {
	rec := req.Recipe
	d := &draft{folded: foldTitle(e.reader.TitleNames(recipe.TitleSaid(rec.Title))), added: map[string]bool{}, liquids: map[string]bool{}, sugarTold: saysSugar(rec)}
	d.kind = kindOf(d.folded)
	for _, l := range rec.Lines {
		if l.Kind != recipe.Ingredient {
			continue
		}
		d.addLine(l, l.Serving)
	}
	for _, s := range rec.Steps {
		d.steps = append(d.steps, step{Step: s})
	}
	if rec.TitleLine == 0 && d.kind == "" {
		d.kind = kindOf(foldTitle(opening(rec)))
	}
	d.foodsOfSteps(e)
	d.acidSpokenOf()
	d.kind = e.kindMeant(d)
	d.answeredFoods(e, req.Answers.list())
	d.servingOnly()
	d.boneInByTitle(e.cat)
	d.strainStock(e.cat)
	d.dripJuice(e.cat)
	d.elidedGrams()
	d.ownProduct(rec)
	d.ownVariety()
	d.made(e.cat)
	d.drainSoak(e.reader)
	st := &rec.Stated
	d.methods, d.minutes, d.psi, d.vent, d.head, d.jars = st.Methods, st.MinutesAt(req.Elevation), st.PSI, st.Vent, st.Headspace, st.Jars
	if j, line, ok := st.OneJar(); ok {
		d.jar = recipe.Said[quantity.Jar]{Value: j, Line: line}
	}
	if p, line, ok := st.OnePack(); ok {
		d.pack = recipe.Said[string]{Value: p, Line: line}
	}
	if st.Gauge != nil {
		d.gauge = st.Gauge.Value
	}
	if req.Jar != "" {
		d.jar = recipe.Said[quantity.Jar]{Value: req.Jar}
	}
	if req.Pack != "" {
		d.pack = recipe.Said[string]{Value: req.Pack}
	}
	if req.Gauge != "" {
		d.gauge = req.Gauge
	}
	if d.psi != nil {
		d.psi = st.PSIAt(req.Elevation, d.gauge)
	}
	if req.Method != "" {
		d.methods = []recipe.Said[string]{{Value: req.Method}}
	}
	if req.Minutes > 0 {
		d.minutes = []recipe.SaidMinutes{{Minutes: req.Minutes}}
	}
	if req.PSI > 0 {
		d.psi = &recipe.Said[float64]{Value: req.PSI}
	}
	for i := range d.items {
		for _, g := range []string{"water", "broth", "tomato-juice", "fruit-juice", "fruit-syrup"} {
			if d.items[i].is(g) {
				d.liquids[g] = true
			}
		}
	}
	d.dry = titleHas(foldTitle(rec.Title), "no liquid", "without liquid", "no added liquid", "without added liquid", "nothing added", "no water", "no added water", "without water", "own juice")
	for i := range d.steps {
		s := &d.steps[i]
		if s.Serving {
			continue
		}
		if s.did("half-solids") {
			d.halfSolids = true
		}
		if containsAny(s.Text, "syrup") && s.names("sugar") && s.names("water") {
			d.liquids["fruit-syrup"] = true
		}
		if inSauce.MatchString(s.Text) {
			d.liquids["sauce"] = true
		}
		if inSyrup.MatchString(s.Text) {
			d.liquids["fruit-syrup"] = true
		}
		if m := liquidOver.FindStringSubmatch(s.Text); m != nil {
			d.coverWith(s)
			if m[2] == "" {
				d.liquids[covers[strings.ToLower(m[5])]] = true
			}
		}
		if m := thenLiquid.FindStringSubmatch(s.Text); m != nil {
			d.coverWith(s)
			d.liquids[covers[strings.ToLower(m[1])]] = true
		}
		if i > 0 && (s.jars() || s.packs() || d.steps[i-1].packs() || d.steps[i-1].jars()) || i == 0 && (s.jars() || s.packs() || strings.HasPrefix(strings.ToLower(s.Text), "cover with")) {
			d.coverWith(s)
		}
	}
	return d.cookingLiquid()
}

// cookingLiquid takes the cooking liquid for the water that the food was cooked in.
func (d *draft) cookingLiquid() *draft {
	inWater := false
	for i := range d.steps {
		s := &d.steps[i]
		if s.Serving {
			continue
		}
		inWater = inWater || boiledInWater.MatchString(s.Text)
		if inWater && containsAny(s.Text, "cooking liquid") {
			d.liquids["water"] = true
		}
	}
	return d
}

// boiledInWater is food that cooks in water which stands over it.
var boiledInWater = pattern.MustCompile(`(?i)\bcover(?:ed)?(?: \pL+){0,2} (?:with|by|in) (?:\pL+ ){0,2}water\b` +
	`|\b(?:with|in) (?:\pL+ )?water to cover\b`)

// opening are the words before the first number of a text without a title: "okay the
// green salsa it's five cups chopped tomatillos".
func opening(rec *recipe.Recipe) string {
	if len(rec.Steps) == 0 {
		return ""
	}
	text := rec.Steps[0].Text
	t := words.Split(text)
	for i := range t {
		if _, n := english.Number(t, i); n > 0 && t[i].Text != "one" && t[i].Text != "a" {
			return text[:t[i].Start]
		}
	}
	return text
}

// inSauce is what is covered with the sauce of the recipe.
var inSauce = pattern.MustCompile(`(?i)\bsauce (to cover|over|on top|till|until)\b|\b(cover|covered|fill|top)[^.;]* sauce\b`)

// inSyrup is fruit that is heated or covered in its syrup.
var inSyrup = pattern.MustCompile(`(?i)\b(in|into|with|add|and) (the |their |a |this |that |some |hot |boiling |light |medium |heavy |very |extra )*syrup\b`)

// byGallon is what is measured by the water of a bath: "2 cups to the gallon".
var byGallon = pattern.MustCompile(`(?i)\b(?:to|in|a|per|each|every|the) (?:the |a |each |every |1 |one )?gallon\b|\bgallon of (?:\pL+ )?water\b`)

// ofGallons is what is measured by the gallon itself: "a gallon of white vinegar".
var ofGallons = pattern.MustCompile(`(?i)\bgallons? (?:of )?(?:\pL+ )?(?:vinegar|juice)\b`)

// liquidOver is a sentence that only says what covers the food: "Boiling water over."
var liquidOver = pattern.MustCompile(`(?i)^\W*(fresh |hot |boiling |the |their |cooking )*(water|broth|stock|juice|syrup|brine) (over|on top|to cover)\b|^\W*(fresh |hot )?boiling (water|broth|stock|juice|syrup|brine)(,? not [a-z ]+(\([^)]*\))?)?\W*$`)

// thenLiquid is what goes over food that is in already: "hot potatoes in, and fresh boiling
// water over them".
var thenLiquid = pattern.MustCompile(`(?i)\bin,? (?:and |then )?(?:fresh |hot |boiling |the |their |cooking )*(water|broth|stock|juice|syrup|brine) over (?:them|it|the)\b`)

// covers is the liquid of a procedure by the word for it.
var covers = map[string]string{"water": "water", "broth": "broth", "stock": "broth", "syrup": "fruit-syrup", "juice": "juice", "brine": "liquid"}

// elidedGrams reads "six hundred of carrots" as grams, where the recipe weighs in grams.
func (d *draft) elidedGrams() {
	const many = 100 // nobody counts so many carrots
	if !slices.ContainsFunc(d.items, func(it item) bool { return it.amount.Unit == quantity.G }) {
		return
	}
	for i := range d.items {
		if it := &d.items[i]; it.amount.Unit == quantity.Each && it.amount.Min >= many && it.src != nil && strings.Contains(it.src.Text, " of ") {
			src := *it.src
			src.Unit, src.Grams = quantity.G, src.AmountMax
			it.src, it.amount.Unit = &src, quantity.G
		}
	}
}

// ownProduct takes out the title's own product, a sauce or a juice, where it was read
// as an ingredient although the method makes it of fresh food.
func (d *draft) ownProduct(rec *recipe.Recipe) {
	if d.kind == "" || d.kind == "soup" {
		return
	}
	for i := range d.items {
		it := &d.items[i]
		if kindOf(words.FoldPhrase(it.name)) != d.kind {
			continue
		}
		if it.line != rec.TitleLine || !it.amount.IsZero() && it.amount.Unit != quantity.Pint && it.amount.Unit != quantity.Quart || it.fromStep { // "40 pints" are what it makes
			continue
		}
		for k := range d.items {
			if x := &d.items[k]; k != i && !x.minor && !x.amount.IsZero() && x.ref != nil && (x.ref.Kind == "fruit" || x.is("tomato")) {
				it.serving, it.drained = true, true
			}
		}
	}
}

// ownVariety reads the food of the list as the variety that the text says it is, where that
// variety has no process: peaches of a cook who "picks Babcocks" are white peaches.
func (d *draft) ownVariety() {
	for v := range d.items {
		kind := &d.items[v]
		if kind.serving || !kind.amount.IsZero() || !kind.is("low-acid-fruit", "no-home-process", "bottled-citrus") {
			continue
		}
		for k := range d.items {
			it := &d.items[k]
			if it.serving || it.ref == nil || it.ref == kind.ref || kind.is("bottled-citrus") && it.saysFresh() || !strings.HasSuffix(kind.ref.Names[0], " "+it.ref.Names[0]) {
				continue
			}
			it.ref = kind.ref
			kind.serving, kind.drained = true, true
		}
	}
}

// saysFresh reports an item that is said to be fresh, or to be pressed for the purpose.
func (it *item) saysFresh() bool {
	return it.src == nil || containsAny(it.src.Text, "fresh", "squeezed", "squeeze", "juiced", "juice of", "lemons", "limes")
}

// made reads crushed tomatoes, where they are the only tomatoes and the method scalds
// and skins them, as the fresh ones that they are made of.
func (d *draft) made(cat *food.Catalogue) {
	skinned := slices.ContainsFunc(d.steps, func(s step) bool { return !s.Serving && containsAny(s.Text, "scald", "skins", "peel", "slip the") })
	if slices.ContainsFunc(d.items, func(it item) bool { return it.is("tomato") && !it.fromStep }) {
		return
	}
	for i := range d.items {
		it := &d.items[i]
		if !it.fromStep || !it.amount.IsZero() || !skinned || !strings.HasPrefix(words.FoldPhrase(it.name), "crushed ") || it.ref == nil || !strings.Contains(it.ref.ID, "tomato") {
			continue
		}
		it.ref, it.head, it.state = cat.ByID("tomato"), nil, nil
	}
}

// boneInByTitle reads poultry as bone-in where the title says so.
func (d *draft) boneInByTitle(cat *food.Catalogue) {
	titled := titleHas(d.folded, "with bone", "with the bone", "bone in", "bone left in", "bone still in", "bone kept in",
		"on the bone") && !titleHas(d.folded, "bone broth", "bone stock")
	if !titled && !d.saysBoneIn() || d.takesBonesOut() {
		return
	}
	for i := range d.items {
		if it := &d.items[i]; it.is("poultry") && !it.done("boned") {
			it.ref = cat.ByID("bone-in-poultry")
		}
	}
}

// takesBonesOut reports whether the method takes the bones out, whatever the title says.
func (d *draft) takesBonesOut() bool {
	for i := range d.steps {
		if st := &d.steps[i]; !st.Serving && bonesTaken.MatchString(st.Text) && !boneStays.MatchString(st.Text) {
			return true
		}
	}
	return false
}

// bonesTaken is what takes them out, and not what a book says of meat without them.
var bonesTaken = pattern.MustCompile(`(?i)\b(?:remove\w*|take|pull|lift|pick\w*|strip\w*|cut) ` +
	`(?:(?:all|any|most|of|the|its|their|your|meat|flesh|it|out|off|away|from) ){0,5}bones?\b` +
	`|\bbones? (?:\pL+ ){0,2}(?:out|off|away|removed)\b|\bbone(?:d|less)\b|\bdebone|\bbone (?:it|them|the)\b` +
	`|\bno bones\b`)

// saysBoneIn reports whether the method keeps the bones in, and takes none out.
func (d *draft) saysBoneIn() bool {
	in := false
	for i := range d.steps {
		st := &d.steps[i]
		switch {
		case st.Serving:
		case boneStays.MatchString(st.Text):
			in = true
		case boneOut.MatchString(st.Text):
			return false
		case boneIn.MatchString(st.Text):
			in = true
		}
	}
	return in
}

var (
	boneIn = pattern.MustCompile(`(?i)\b(?:with|leave|leaving|left|keep|keeping) (?:the |all the ` +
		`|their )?bones? (?:left |still )?in ?(?:[,.;:)]|$)|\bbones?[- ](?:(?:are |is )?(?:left|still|kept) )?in ?` +
		`(?:[,.;:)]|$)|\bon the bone\b`)
	// boneStays is told by what is not done to it, or by what is canned.
	boneStays = pattern.MustCompile(`(?i)\b(?:do not|don['’]t|never) (?:remove|take out|pick out) (?:the ` +
		`|any )?bones?\W*$|\bbones? (?:stays?|all stay) in\W*$|(?:^|[.;] ?|\b(?:i|we|and|then) )(?:can|pack|put up` +
		`|bottle) (?:(?:it|them|mine|the \pL+|\pL+) )?(?:with (?:the |their |its )?bones?|bones? and all)\W*$`)
	boneOut = pattern.MustCompile(`(?i)\b(?:no|not|never|without|off|out|from|remove\w*|take|pull|lift|pick\w*` +
		`|strip\w*) (?:\pL+ ){0,3}bones?\b|\bbones? (?:\pL+ ){0,2}(?:out|off|away|removed)\b|\bbone(?:d|less)\b` +
		`|\bdebone|\bbone (?:it|them|the)\b`)
)

// packs reports whether the sentence puts food into jars.
func (s *step) packs() bool {
	return s.says("pack") || s.says("fill") || s.says("ladle") || s.says("headspace") || s.says("bubble")
}

// coverWith notes the thin liquids that the sentence puts on the food in the
// jar, or that it puts none. Water that loosens skins covers no jar.
func (d *draft) coverWith(s *step) {
	if len(s.Text) < longSpeech {
		d.coverSaid(s.Text)
		return
	}
	for i := range s.Clauses {
		d.coverSaid(s.Clauses[i].Text)
	}
}

// longSpeech is the length of a sentence that tells a whole method: what one clause
// denies is not denied of the next.
const longSpeech = 300

func (d *draft) coverSaid(text string) {
	if containsAny(text, "juice fills", "juices fill", "spaces fill with juice", "fill with juice", "without liquid", "without added liquid", "without adding", "no liquid", "do not add", "don't add", "no added", "add no ", "no water", "without water", "pack dry", "packed dry", "pack them dry", "in dry", "in their own juice", "in its own juice") || ownJuice.MatchString(text) || waterless.MatchString(text) && !otherWater.MatchString(text) {
		d.dry = true
		return
	}
	if containsAny(text, "skins", "loosen", "soak", "drain", "press") || !containsAny(text, "cover", "fill", "pour",
		"add", "top", "ladle", "pack", " over", " inch", " in.", "headspace") && !inchMark.MatchString(text) &&
		!poursBoiling(text) {
		return
	}
	low := strings.ToLower(text)
	for word, liquid := range map[string]string{"water": "water", "broth": "broth", "stock": "broth", "syrup": "fruit-syrup", "juice": "juice", "liquid": "liquid", "liquor": "liquid", "brine": "liquid"} {
		if strings.Contains(low, word) && !(word == "juice" && containsAny(low, "lemon juice", "lime juice")) {
			d.liquids[liquid] = true
		}
	}
}

// poursBoiling reports boiling water among what goes into the jars, and no bath: "hot quarts, salt,
// fresh boiling water".
func poursBoiling(text string) bool {
	return containsAny(text, "boiling water", "boiling hot water", "fresh hot water") &&
		!containsAny(text, "bath", "canner", "min", "process", "kettle", "pot", "dip", "scald",
			"blanch", "second", "plunge", "wash", "rins", "steril", "clean", "stand", "wait", "keep")
}

// inchMark is a headspace with the mark of inches: `1", boiling water`.
var inchMark = pattern.MustCompile(`\d ?["”″]|[½¼¾] ?["”″]`)

// ownJuice is food pressed until its juice stands around it.
var ownJuice = pattern.MustCompile(`(?i)\b(?:press|push|squash)\w*\b.*\b(?:till|until|so) (?:that )?(?:the|their|its|own) (?:own )?juices? (?:\pL+ ){0,5}(?:fills?|covers?|rises?|runs?|comes? up|top)\b`)

// waterless is what is packed with no liquid over it, otherWater a liquid that is refused for
// another one.
var (
	waterless  = pattern.MustCompile(`(?i)\b(?:never|not|no|nor|don[’']?t|without|needn[’']?t|hardly) (?:\pL+ ){0,3}(?:water|liquid|broth|stock)\b|\b(?:water|liquid|broth|stock) (?:is|gets|can be|may be|we|i) (?:left out|leave out|not|omit|omitted|forgotten|skip|skipped)\b`)
	otherWater = pattern.MustCompile(`(?i)\b(?:cold|cool|tap|hard|soaking|blanching|cooking|that|dirty|lukewarm|much|more|less|enough|out of|run|waste|canner) (?:of )?(?:the )?(?:water|liquid|broth|stock)\b|\bnot (?:in )?(?:the |that |their )?(?:water|liquid|broth|stock) (?:you|they|it|we|i|that|from)\b`)
)

func (d *draft) addLine(l *recipe.Line, serving bool) {
	add := func(x *recipe.Line, choice bool) {
		x = x.InJar()
		f := x.Ref
		if f == nil {
			f = x.Head
		}
		d.items = append(d.items, item{minor: f.In(notMain...) || f != nil && f.Kind == "spice", line: l.No, name: x.Food, ref: x.Ref, head: x.Head, amount: x.Amount(), src: x, prep: slices.Clone(x.Prep),
			state: slices.Clone(x.State), unclear: l.Reading == recipe.Unclear, unread: x.Unread, slip: x.Slip, serving: serving || x.Serving, choice: choice, factor: 1})
		takeBack(&d.items[len(d.items)-1])
	}
	add(l, false)
	for _, x := range l.Also {
		add(x, false)
	}
	for _, x := range l.Alternatives {
		add(x, true)
	}
}

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

// foodsOfSteps makes an item of every food that only the method names, and
// fills in amounts that only the method states.
func (d *draft) foodsOfSteps(e *Reviewer) {
	listed := len(d.items)
	for i := range d.steps {
		s := &d.steps[i]
		measured := e.reader.Measured(s.Step)
		d.amountsTold = append(d.amountsTold, measured...)
		text := strings.ToLower(s.Text)
		told := map[recipe.Mention]bool{}
		for _, m := range s.Foods {
			same := m
			same.At = 0
			if told[same] {
				continue
			}
			told[same] = true
			if k := d.find(m, listed); m.Without && k >= 0 && k < listed && isAcid(&d.items[k]) && !(d.items[k].is("bottled-citrus") && freshFruit.MatchString(text) && !strings.Contains(text, "bottle")) {
				d.items[k].serving = true // said not to go in
			}
			if m.Food.ID == "fish" && (d.hasGroup("seafood") || containsAny(s.Text, "fish out", "fish it out", "fish them out", "like a fish")) {
				continue // the fish that is named, or a verb
			}
			if d.toldOnly(s, m, listed) {
				continue // "3 cups water for each cup of beans", to soak them; the fruits that are listed
			}
			if m.Without || m.Food.In("water") && !measures(measured, m.Food) || d.kind == "ferment" && m.Food.In("fermented-cabbage") || m.Food.ID == "ketchup" && d.makesKetchup(s) {
				continue
			}
			if m.Beside || m.Food.In("vinegar", "weak-vinegar") && (strings.Contains(text, "rim") || strings.Contains(text, "canner")) {
				continue // wiping rims, clearing hard water
			}
			if m.Food.In("fresh-citrus", "citrus-juice", "bottled-citrus", "vinegar") && byGallon.MatchString(text) && !ofGallons.MatchString(text) && containsAny(text, "soak", "rinse", "wash", "simmer", "boil", "dip", "steam") {
				continue // the bath that it comes out of again, no dose of a jar
			}
			var line *recipe.Line
			for _, l := range measured {
				if measuresOf(l, m) {
					line = l
				}
			}
			serving := s.Serving || m.Serving
			if line != nil && m.Food.In("water") {
				line.Dilutes = s.names("vinegar") || s.names("bottled-citrus")
			}
			if k := d.find(m, listed); k >= 0 && (serving || !d.items[k].serving || d.items[k].fromStep && !m.Added) {
				it := &d.items[k]
				if line != nil && !serving && isAcid(it) && it.cutDown(m, line) {
					it.amount, it.src = line.Amount(), line // of two amounts the end that is worse
					continue
				}
				if line != nil && !serving && it.is("water") && !it.amount.IsZero() && (m.More || thins.MatchString(text)) && !containsAny(text, "canner", "soak", "wash", "rinse", "kettle", "blanch") {
					line.Dilutes = true
					d.addLine(line, false)
					d.items[len(d.items)-1].fromStep = true
					continue
				}
				if line != nil && it.is("water") && m.Taken && !containsAny(text, "canner", "soak", "wash", "rinse") {
					line.Dilutes = true
				}
				if line != nil && !serving && it.short(line) {
					d.addLine(line, false)
					d.items[len(d.items)-1].fromStep = true
					continue
				}
				if line != nil && (it.amount.IsZero() || it.src.Per == "" && line.Per != "" && (isAcid(it) || it.is("salt"))) && it.ref == line.Ref && !serving {
					it.amount, it.src, it.unclear = line.Amount(), line, line.Reading == recipe.Unclear
				}
				continue
			}
			if m.Food.In("water") && !s.names("vinegar") && d.pouredOff(i) {
				continue // what something lies in for hours
			}
			if m.Food.In("water") && !s.names("vinegar") && !(line != nil && thins.MatchString(text)) && (!containsAny(s.Text, "add", "stir", "pour", "mix") || containsAny(s.Text, "canner", "soak", "wash", "rinse", "blanch", "peel", "skins", "cover")) {
				continue
			}
			if line != nil && m.Food.In("water") {
				line.Dilutes = s.names("vinegar") || s.names("bottled-citrus") || thins.MatchString(text)
			}
			if line != nil {
				line.Unread, line.Slip = nil, "" // the sentence's own words are asked about with it
			}
			if line == nil && d.ownJelly(s, m) {
				continue // the jelly that is being made
			}
			if line == nil && e.product(m.Text) && referred.MatchString(s.Text[:min(m.At, len(s.Text))]) {
				continue // another recipe that tells how
			}
			if line == nil && !m.Taken && d.madeHere(e, m, text) {
				continue // what is made here, by its name
			}
			if line == nil {
				line = &recipe.Line{No: s.No, Text: s.Text, Food: strings.ToLower(m.Text), Ref: m.Food, Kind: recipe.Ingredient, Reading: recipe.Understood}
			}
			spoken := line.AmountMin == nil && !m.Added && !m.Taken
			d.addLine(line, serving)
			it := &d.items[len(d.items)-1]
			it.fromStep, it.spoken, it.choice = true, spoken, it.choice || d.insteadOf(s, m, line, listed)
		}
	}
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

// What a recipe lets stand for a listed food: "you may use green tomatoes instead of tomatillos".
var (
	mayUse    = pattern.MustCompile(`(?i)^\W*(?:you|we|one) (?:may|can) (?:also )?(?:use|substitute) (?:the )?$`)
	forListed = pattern.MustCompile(`(?i)^ (?:in this recipe |here )?(?:instead of|in place of|for) (?:the )?$`)
)

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
var referred = pattern.MustCompile(`(?i)\b(?:as for|as in|just as for|same as for|like for|as you (?:do|did|would) for|(?:directions?|instructions?|recipe|steps) (?:for|of|under|given for)) (?:making |canning |the |a )?$`)

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

var filledWith = pattern.MustCompile(`(?i)\bfill (?:the |your )?(?:\pL+ ){0,3}(?:jars?|pints?|quarts?) with (?:the )?hot \pL+\b`)

// filledInto is a product that goes into its jars: "pour the hot jelly into jars".
var filledInto = pattern.MustCompile(`(?i)\b(?:pour|ladle|spoon|pack|put|turn|funnel) (?:the |your |hot |boiling )*(?:butter|sauce|jam|jelly|juice|relish|salsa|ketchup|chutney|marmalade|preserves?|conserve|syrup|curd|soup|stew|chili)\b(?: \pL+)? (?:in|into) (?:\pL+,? ){0,4}(?:jars?|pints?|quarts?|half-pints?|glasses)\b`)

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

// limeSoak reports water that pickling lime of the recipe is stirred into for a soak, which
// is poured off again; the juice of limes is another thing.
func (d *draft) limeSoak(text string) bool {
	lime := slices.ContainsFunc(d.items, func(it item) bool { return it.ref != nil && it.ref.ID == "pickling-lime" })
	return lime && strings.Contains(text, "lime") && containsAny(text, "mix", "dissolve", "soak", "stir") && !containsAny(text, "lime juice", "juice of", "vinegar", "brine")
}

// saltSoak reports step i, which makes a brine of salt and water that is poured off again
// before the vinegar comes: "add the salt to 2 quarts water", "drain salt water and discard".
func (d *draft) saltSoak(i int) bool {
	for _, m := range d.steps[i].Foods {
		if !m.Food.In("water", "salt") {
			return false
		}
	}
	if !d.steps[i].names("salt") {
		return false
	}
	lain := false // what lay in it: else it is none of its water that is drained
	for k := i + 1; k < len(d.steps); k++ {
		switch st := &d.steps[k]; {
		case st.names("vinegar") || st.names("bottled-citrus"):
			return false
		case usedAgain.MatchString(st.Text):
			return false
		case lain && drainsOff.MatchString(st.Text):
			return !slices.ContainsFunc(d.steps[k+1:], func(st step) bool { return usedAgain.MatchString(st.Text) })
		default:
			lain = lain || liesIn.MatchString(st.Text)
		}
	}
	return false
}

// usedAgain keeps the brine, or heats it for the jars.
var usedAgain = pattern.MustCompile(`(?i)\b(?:boil|heat|reheat|keep|save|reserve|use|add|with` +
	`|to)\w*\b[^.;]*\b(?:the|that|this` +
	`|same|salt) (?:salt(?:ed)? )?(?:brine|water)\b`)

// liesIn puts food into what was made.
var liesIn = pattern.MustCompile(`(?i)\b(?:pour\w* over|cover\w*|soak\w*|stand|hours|days|overnight)\b`)

// drainsOff is brine that goes down the sink.
var drainsOff = pattern.MustCompile(`(?i)\b(drain|drained|pour off|strain off)\b[^.;]*\b(discard|rinse|throw` +
	`|fresh)\w*\b`)

// soaks reports whether the words hold a time in which things soak, and nothing cooks or is
// filled.
func soaks(text string) bool {
	return lies.MatchString(text) && !cooksOrFills.MatchString(text) && slices.ContainsFunc(english.MeasuresOf(text), func(m english.Measure) bool { return m.Kind == english.Duration && m.Min >= 180 })
}

// freshFruit is what bottled juice is taken instead of: "never the real lemons".
var freshFruit = pattern.MustCompile(`\b(real|fresh|whole|actual|squeezed) (lemon|lime)s?\b|\b(lemon|lime)s? (from|off) the tree\b`)

// thins is a liquid that is made weaker: "let it down with 3 cups of water".
var thins = pattern.MustCompile(`(?i)\b(it|them|brine|liquid|liquor|vinegar|syrup|this|that)( \pL+)? with (about |another |some )*(\d|half|an? |one|two|three|four|five|six)[^.;]*\bwater\b`)

var (
	lies         = pattern.MustCompile(`(?i)\b(soak\w*|lime|salt|overnight|in it|lie|lies|stands?|sits?)\b`)
	cooksOrFills = pattern.MustCompile(`(?i)\b(boil\w*|simmer\w*|cook\w*|pour\w*|add|adds|jars?|pints?|quarts?|vinegar|brine)\b`)
)

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
		if it := &d.items[i]; it.ref != nil && it.ref != m.Food && (titleHas(words.FoldPhrase(it.name), f[len(f)-1]) || it.ref.In(f[len(f)-1])) {
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

func (d *draft) hasGroup(group string) bool {
	for i := range d.items {
		if d.items[i].is(group) && d.items[i].ref.ID != "fish" {
			return true
		}
	}
	return false
}

// makesKetchup reports whether the ketchup that the sentence names is the one
// being made: nobody adds it.
func (d *draft) makesKetchup(s *step) bool {
	return titleHas(d.folded, "ketchup", "catsup") && !containsAny(s.Text, "add", "stir in", "mix", "with ketchup", "bottle", "cup")
}

// short reports whether the method puts in more of the food than the list has:
// then the method's measure is an item of its own, and the two add up.
func (it *item) short(line *recipe.Line) bool {
	if it.amount.IsZero() || it.src.Per != "" && (isAcid(it) || line.Per != "") || it.ref != line.Ref || it.is("salt", "broth") || it.is("water") && !line.Dilutes || line.AmountMin == nil {
		return false
	}
	said := item{ref: line.Ref, amount: line.Amount(), src: line, factor: 1}
	if a, ok := it.cups(); ok {
		if b, ok := said.cups(); ok {
			return b > a*slack
		}
	}
	if a, ok := it.grams(); ok {
		if b, ok := said.grams(); ok {
			return b > a*slack
		}
	}
	return it.amount.Unit != line.Unit && line.Unit.Dimension() != quantity.Count
}

// cutDown reports whether the mention takes less of the acid, for the batch or for each jar, and not more of it.
func (it *item) cutDown(m recipe.Mention, line *recipe.Line) bool {
	return (m.Taken && !m.More || line.Per != "" && line.Per == it.src.Per) && it.cutTo(line)
}

// cutTo reports whether the method takes less of the acid than the list has: "I use a
// teaspoon of lemon".
func (it *item) cutTo(line *recipe.Line) bool {
	if it.amount.IsZero() || line.AmountMin == nil {
		return false
	}
	said := item{ref: it.ref, amount: line.Amount(), src: line, factor: 1}
	a, ok := it.cups()
	b, known := said.cups()
	return ok && known && b < a/slack
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
		if m.Food.ID == "prepared-mustard" && d.items[i].is("dry-seasoning") && titleHas(words.FoldPhrase(d.items[i].name), name) || m.Food.In("herb", "dry-seasoning") && d.items[i].is("dry-seasoning") && strings.HasPrefix(words.FoldPhrase(d.items[i].name), name+" ") {
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

// calledBy reports whether the item, by its name, is meant by a shorter one: "the rind", "the apple" of
// apple juice, "the watermelon" of its rind.
func (it *item) calledBy(have, name string) bool {
	if it.is("fruit-juice") && have == name+" juice" {
		return true
	}
	if it.is("watermelon-rind") && have == name+" rind" {
		return true
	}
	return have == name || strings.HasSuffix(have, " "+name)
}

// never are groups whose foods no other food's name stands for.
var never = []string{"dairy", "fat", "egg", "thickener", "starch-solid", "nut", "cured-meat", "coconut"}

func sharesGroup(a, b *food.Food) bool { return a != nil && a.In(b.Groups...) }

// servingOnly marks listed items that the method uses only when the jar is
// opened: named in a serving sentence and in no other.
func (d *draft) servingOnly() {
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.fromStep || it.ref == nil {
			continue
		}
		served, cooked := false, false
		for k := range d.steps {
			for _, m := range d.steps[k].Foods {
				if m.Food != it.ref || m.Without {
					continue
				}
				if d.steps[k].Serving || m.Serving {
					served = served || m.Put
				} else {
					cooked = true
				}
			}
		}
		if served && !cooked && it.ref.In("dairy", "egg", "thickener", "starch-solid", "herb", "coconut", "nut", "leafy-green", "cabbage-family", "cured-meat", "fat", "bottled-citrus", "citric-acid", "citrus-juice") {
			it.serving = true
		}
	}
}

// stated reports whether the cook means to process the jars at all.
func (d *draft) stated() bool {
	return len(d.methods) > 0 || len(d.minutes) > 0 || d.psi != nil || d.did("process", "water-bath", "steam-canner", "pressure-can")
}
