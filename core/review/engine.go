package review

import (
	"cmp"
	"slices"
	"sort"
	"strings"

	"damson/core/acidity"
	"damson/core/food"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Reviewer reviews recipes against a library. It is safe for use by several
// goroutines.
type Reviewer struct {
	reader *recipe.Reader
	cat    *food.Catalogue
	procs  *procedure.Library
	// own maps a food to its own plain low-acid procedure.
	own map[string]*procedure.Procedure
	// plain maps a food to the procedure for it alone, whatever its acidity.
	plain map[string]*procedure.Procedure
	// largest holds the largest tested jar of each procedure.
	largest map[*procedure.Procedure]quantity.Jar
	// leads holds the ingredients that each procedure's product is made of.
	leads map[*procedure.Procedure][]int
	// names holds the folded titles of each procedure.
	names map[*procedure.Procedure][]string
	// products are the folded names of all procedures.
	products map[string]bool
	// unprocessed are the names of products without a tested process, the longest first.
	unprocessed []namedProduct
	// checks are the looks at a draft, in their order.
	checks []check
	// acidity says what foods hold; nil where no estimate is wanted.
	acidity *acidity.Table
}

// New returns a reviewer over the foods and procedures.
func New(cat *food.Catalogue, procs *procedure.Library, lang *method.Language) *Reviewer {
	return over(recipe.NewReader(cat, lang), cat, procs)
}

// over is New with a reader at hand.
func over(reader *recipe.Reader, cat *food.Catalogue, procs *procedure.Library) *Reviewer {
	e := &Reviewer{reader: reader, cat: cat, procs: procs, checks: checks(), own: map[string]*procedure.Procedure{}, products: map[string]bool{}, names: map[*procedure.Procedure][]string{}, leads: map[*procedure.Procedure][]int{}, plain: map[string]*procedure.Procedure{}, largest: map[*procedure.Procedure]quantity.Jar{}}
	for _, p := range procs.All() {
		for _, n := range append([]string{p.Title}, p.Names...) {
			e.names[p] = append(e.names[p], foldTitle(n))
			e.products[foldTitle(n)] = true
		}
		e.leads[p], e.largest[p] = leadsOf(cat, p), p.LargestJar()
		if p.Product != "plain" {
			continue
		}
		for _, in := range p.Ingredients {
			if in.Role != procedure.Main {
				continue
			}
			for _, f := range cat.All() {
				if closeness(f, in.Same) == 0 {
					continue
				}
				if p.Acidity == "low-acid" {
					e.own[f.ID] = p
				}
				if e.plain[f.ID] == nil {
					e.plain[f.ID] = p
				}
			}
		}
	}
	return e
}

// leadsOf returns the ingredients that a recipe of p may be known by: its main
// foods, and what by sheer volume would be taken for the main food.
func leadsOf(cat *food.Catalogue, p *procedure.Procedure) []int {
	var leads []int
	best, most := -1, 0.0
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		if in.Role == procedure.Main {
			leads = append(leads, k)
		}
		f := cat.Any(in.Same[0])
		if f == nil || f.In(notMain...) || f.Kind == "spice" {
			continue
		}
		_, c := amountOf(in, f)
		if f.In(discounted...) {
			c /= seasonsMore
		}
		if c > most {
			best, most = k, c
		}
	}
	if best >= 0 && !slices.Contains(leads, best) {
		leads = append(leads, best)
	}
	return leads
}

// endsBelow reports that the procedure has a process at the sea and none at the elevation.
func (b *bench) endsBelow() bool {
	f := procedure.Filter{Gauge: b.gauge}
	_, here := b.proc.Find(b.req.Elevation, f)
	_, low := b.proc.Find(0, f)
	return here != nil && low == nil
}

// Reader returns the reader that the reviewer's recipes are read with.
func (e *Reviewer) Reader() *recipe.Reader { return e.reader }

// rounds is how often edits are applied before the review gives up on a
// procedure: an edit may bring another to light.
const rounds = 4

// attempt is a comparison with one procedure, carried through to the amended
// recipe.
type attempt struct {
	first   *bench // the recipe as written
	last    *bench // the recipe with every edit made
	covered bool
	// tooHigh is true where nothing is to change, and the table of the source ends below.
	tooHigh bool
	cost    float64
	extra   []Finding // findings that only the amended recipe brought up
}

// Review compares the recipe and returns the verdict with its reasons.
func (e *Reviewer) Review(req Request) Result {
	if req.Stance == "" {
		req.Stance = Book
	}
	said := req.Recipe.Stated.Elevation
	if said != nil && !req.ElevationGiven {
		req.Elevation, req.ElevationGiven = int(said.Value+0.5), true
	}
	return e.review(newDraft(e, req), req)
}

// review judges a draft of the request's recipe.
func (e *Reviewer) review(d *draft, req Request) Result {
	tried := e.nearest(d, req)
	best := tried[0]
	res := Result{Title: req.Recipe.Title, Elevation: req.Elevation, Stance: req.Stance, Lines: req.Recipe.Lines, Steps: req.Recipe.Steps,
		Methods: []procedure.Process{}, After: []procedure.Process{}, Findings: []Finding{}, Serving: []string{}, Assumed: []string{}}
	if res.Title == "" {
		res.Title = "Untitled recipe"
	}
	b := best.first
	if !best.covered {
		if best.first.proc != nil && !e.plausible(d, e.identify(d), best.first.proc) {
			b = e.compare(d, req, nil)
		}
		e.settle(&res, b)
		res.Apart = e.apart(b)
		for _, a := range tried {
			if a.tooHigh && res.beyond == nil {
				res.beyond = a.first.proc
			}
		}
	} else {
		p := b.proc
		res.Procedure, res.Tested = &ProcedureRef{p.ID, p.Title, p.Citation()}, p
		res.Findings = append(append(res.Findings, b.findings...), best.extra...)
		res.Verdict = Clear
		for _, f := range res.Findings {
			if f.Severity == Amend {
				res.Verdict = Change
			}
		}
		if res.Verdict == Clear {
			res.Methods = best.last.processes()
		} else {
			res.After = best.last.processes()
		}
		res.Acidity.Class = p.Acidity
		res.measured(req.Measured)
		res.smallerJars(tried, d)
	}
	if req.Recipe.Made > 0 {
		res.already(req.Recipe.Made)
	}
	res.Findings = onceEach(res.Findings)
	sortFindings(res.Findings)
	b.findings = res.Findings
	res.Judgements = b.judgements(res.Lines)
	res.Serving = serving(best, res.Verdict)
	res.Assumed = assumed(req, d)
	res.Questions = res.questions()
	if i := mainItem(d); i >= 0 {
		res.Main = d.items[i].line
	}
	if res.Procedure == nil && !res.Made {
		res.Product = e.productOf(foldTitle(res.Title))
	}
	res.Sentence = sentence(&res, b)
	res.Question = e.question(tried)
	if res.Procedure == nil && (res.Verdict == Untested || res.Verdict == Stop) {
		res.Relatives = e.relatives(d, req)
	}
	if req.Stance == Guideline && res.Verdict == Untested {
		res.Parts = e.parts(d, req, b)
	}
	return res
}

// settle writes the verdict of a recipe that nothing covers.
func (e *Reviewer) settle(res *Result, b *bench) {
	for _, f := range b.findings {
		// Advice on a process that there is not would only mislead.
		if f.Severity == Care && (f.Code == "solids-ratio" || f.Code == "process-short" || f.Code == "headspace") || f.Severity == Note && (f.Code == "seasoning-change" || f.Code == "sugar-change") {
			continue
		}
		res.Findings = append(res.Findings, f)
	}
	res.Verdict = Untested
	for i := range res.Findings {
		f := &res.Findings[i]
		if f.Severity == Amend && b.neverCanned(f) {
			f.Severity = Halt
			res.Verdict = Stop
		}
	}
	res.Acidity.Class = b.class()
}

// neverCanned reports whether the finding is of a food or form for which the
// trade's rules say: do not can. Some are so only where they are the main part.
func (b *bench) neverCanned(f *Finding) bool {
	switch f.Code {
	case "dairy", "egg", "oil-pack", "squash-mash":
		return true
	case "puree":
		return b.class() != acidity.Acid // smooth fruit is canned at home
	case "not-recommended-food":
		// Pickled it is another thing: untested, where no tested pickle is near.
		return !((b.kind == "pickle" || b.kind == "relish" || b.kind == "salsa") && b.hasVinegar())
	case "low-acid-fruit", "cured-meat", "starch-solid", "nut":
		return b.main >= 0 && b.items[b.main].name == f.Ingredient || b.main < 0
	}
	return false
}

// nearest compares the draft with every procedure that its kind of product and
// main food allow, or with the one that was asked for, and returns the attempt
// that needs the least change before the others. There is always one.
func (e *Reviewer) nearest(d *draft, req Request) []attempt {
	var list []attempt
	if p := e.procs.ByID(req.Procedure); p != nil {
		list = []attempt{e.attempt(d, req, p)}
	} else {
		id := e.identify(d)
		for _, p := range e.procs.All() {
			if e.plausible(d, id, p) {
				list = append(list, e.attempt(d, req, p))
			}
		}
	}
	if len(list) == 0 {
		b := e.compare(d, req, nil)
		return []attempt{{first: b, last: b}}
	}
	slices.SortStableFunc(list, func(a, b attempt) int {
		if a.covered != b.covered {
			if a.covered {
				return -1
			}
			return 1
		}
		return cmp.Compare(a.cost, b.cost)
	})
	takeLonger(list)
	return list
}

// takeLonger moves a procedure to the front whose process the text states, where that of the
// nearest is shorter: tomatoes of 85 minutes are those packed without water. A stated time
// never leads to a shorter process.
func takeLonger(list []attempt) {
	if !list[0].covered {
		return
	}
	for i := 1; i < len(list) && list[i].covered && list[i].cost <= list[0].cost+openCost; i++ {
		if a := list[i]; a.last.states() && !list[0].last.reaches() && unsaid(list[0], a) {
			copy(list[1:], list[:i])
			list[0] = a
			return
		}
	}
}

// states reports whether the text states one of the processes of the procedure.
func (b *bench) states() bool { return b.anyProcess(func(p, said float64) bool { return p == said }) }

// reaches reports whether one of the processes is as long as the text states.
func (b *bench) reaches() bool { return b.anyProcess(func(p, said float64) bool { return p >= said }) }

func (b *bench) anyProcess(holds func(process, said float64) bool) bool {
	return slices.ContainsFunc(b.processes(), func(p procedure.Process) bool {
		return slices.ContainsFunc(b.minutes, func(m recipe.SaidMinutes) bool {
			return (m.Jar == "" || p.Jar == string(m.Jar)) && holds(float64(p.Minutes), m.Minutes)
		})
	})
}

// compare runs every rule over the draft beside one procedure, or beside none.
func (e *Reviewer) compare(d *draft, req Request, p *procedure.Procedure) *bench {
	b := newBench(d, req, e, p)
	for _, c := range e.checks {
		c.run(b)
	}
	return b
}

// attempt compares with p, makes every edit, and compares again until nothing
// is left to change or an edit is missing.
func (e *Reviewer) attempt(d *draft, req Request, p *procedure.Procedure) attempt {
	a := attempt{first: e.compare(d, req, p)}
	b := a.first
	for round := 0; ; round++ {
		a.last = b
		var edits []Edit
		open := false
		counted := map[string]bool{}
		for _, f := range b.findings {
			if f.Severity != Amend {
				continue
			}
			if f.Ingredient != "" || !counted[f.Code] {
				a.cost += 1 // "quarts" said twice is one change
			}
			counted[f.Code] = counted[f.Code] || f.Ingredient == ""
			if len(f.Edits) == 0 {
				open = true
				continue
			}
			edits = append(edits, f.Edits...)
		}
		if open {
			a.cost += 100
			break
		}
		if len(edits) == 0 {
			same := e.stillProduct(a.first, b)
			a.covered = same && len(b.processes()) > 0
			a.tooHigh = same && !a.covered && b == a.first && b.endsBelow()
			break
		}
		if round == rounds {
			break
		}
		next := b.draft.clone()
		next.apply(e.cat, edits)
		b = e.compare(next, req, p)
		for _, f := range b.findings {
			if f.Severity == Amend && !(f.Question && f.Line != nil && (a.first.saidAlready(f.Code, f.Ingredient, *f.Line) || a.first.listed(f.Code, f.Ingredient))) {
				a.extra = append(a.extra, f)
			}
		}
	}
	a.cost += e.besideEdits(d, &a, p)
	if !a.covered {
		a.cost += 50
	}
	return a
}

// besideEdits returns what an attempt with p costs beside its edits.
func (e *Reviewer) besideEdits(d *draft, a *attempt, p *procedure.Procedure) float64 {
	cost := a.first.distance() + e.titleDistance(d.folded, p) + removedCost*a.removed()
	if d.dry {
		for _, in := range p.Ingredients {
			if in.Role == procedure.Liquid && !in.Optional {
				cost += drySaid
			}
		}
	}
	if p.Requires("crushed") && !a.first.crushed() {
		cost += crushUnsaid
	}
	if p.General && d.kind == "" {
		cost += unnamedSoup
	}
	if a.gelGone() {
		cost += gelGone
	}
	return cost
}

// What a comparison costs beside its edits, so that of two procedures the one
// that leaves the dish what it is wins: the share of the food that the edits
// take out, and a soup that nobody called one.
const (
	removedCost = 4
	unnamedSoup = 1.5
	drySaid     = 2 // the recipe says that no liquid is added
	gelGone     = 2 // a jam with pectin is made another way than one without
	crushUnsaid = 1 // the procedure is for crushed food, the recipe does not say so
)

// removed returns the share of the food, by volume, that edits took out of the
// jar; what is never canned does not count.
func (a *attempt) removed() float64 {
	out, all := 0.0, 0.0
	for i := range a.first.items {
		it := &a.first.items[i]
		if it.serving || it.choice || it.ref == nil || it.is(notMain...) || it.is(noProcess...) || it.is("leafy-green", "mushy-legume") {
			continue
		}
		c, ok := it.cups()
		if !ok {
			c = 0.5
		}
		all += c
		if i < len(a.last.items) && a.last.items[i].serving {
			out += c
		}
	}
	if all == 0 {
		return 0
	}
	return out / all
}

// stillProduct reports whether the edits left the main food in the jar.
func (e *Reviewer) stillProduct(was, is *bench) bool {
	if was.main < 0 || is.main < 0 {
		return false
	}
	if is.items[was.main].serving {
		return is.soup() && is.anySolid() && was.oneOfMany()
	}
	if was.onlyTitled(is) {
		return false
	}
	p := is.proc
	if p.General {
		return is.soupSolid(&is.items[was.main]) || is.items[was.main].is(soupSeasoning...) && is.anySolid()
	}
	return slices.Contains(e.leads[p], is.of[was.main])
}

// onlyTitled reports whether just the title names the main food, and an edit takes out what
// the recipe is really made of: "Squash", of ten pounds of spaghetti squash.
func (b *bench) onlyTitled(is *bench) bool {
	main := &b.items[b.main]
	f := main.ref
	if f == nil {
		f = main.head
	}
	if f == nil || main.line != b.req.Recipe.TitleLine || !main.amount.IsZero() {
		return false
	}
	for s := range b.steps {
		for _, m := range b.steps[s].Foods {
			if !b.steps[s].Serving && !m.Without && b.find(m, len(b.items)) == b.main {
				return false
			}
		}
	}
	for i := range b.items {
		if it := &b.items[i]; i != b.main && !it.serving && it.ref != nil && is.items[i].leftOut && it.ref.Kind == f.Kind {
			return true
		}
	}
	return false
}

// oneOfMany reports whether the main food is less than half of the solids and
// the title does not name it: the soup is a soup without it.
func (b *bench) oneOfMany() bool {
	main, all := 0.0, 0.0
	for i := range b.items {
		if it := &b.items[i]; !it.serving && it.ref != nil && !it.is(notMain...) {
			c, _ := it.cups()
			all += c
			if i == b.main {
				main = c
			}
		}
	}
	for _, w := range strings.Fields(foldTitle(b.items[b.main].name)) {
		if titleHas(b.folded, w) {
			return false
		}
	}
	return main < all/2
}

func (b *bench) anySolid() bool {
	for i := range b.items {
		if b.soupSolid(&b.items[i]) {
			return true
		}
	}
	return false
}

// distance adds a little for every note, so that of two procedures that cover
// a recipe the closer one wins.
func (b *bench) distance() float64 {
	d := 0.0
	for _, f := range b.findings {
		switch f.Severity {
		case Note:
			d += 0.05
		case Care:
			d += 0.02
		}
	}
	for i := range b.items {
		if b.items[i].serving {
			d += 0.01
		}
	}
	return d
}

// titleDistance is 0 where the folded title names the procedure.
func (e *Reviewer) titleDistance(folded string, p *procedure.Procedure) float64 {
	if titleHas(folded, e.names[p]...) {
		return 0
	}
	return 0.5
}

// kinds maps words of a title to the kind of product that no edit may change.
var kinds = []struct {
	kind  string
	words []string
}{
	{"pie-filling", []string{"mincemeat", "pie filling", "cobbler filling", "pie in a jar", "pie in jar", "pie jar"}},
	{"paste", []string{"pesto", "hummus", "dip", "tapenade", "pate", "chimichurri", "confit", "guacamole", "in oil", "in olive oil", "under oil", "infused oil"}},
	{"curd", []string{"curd"}},
	{"specialty", []string{"zucchini pineapple", "mock pineapple", "apple ring"}},
	{"ferment", []string{"sauerkraut", "kraut", "kimchi", "fermented", "crock pickle"}},
	{"salsa", []string{"salsa", "pico de gallo"}},
	{"chili", []string{"chile con carne", "chili con carne"}},
	{"sauced-beans", []string{"baked bean", "bean in tomato sauce", "bean with tomato sauce", "bean in molasses sauce", "bean with molasses sauce", "dried with tomato sauce", "dried with molasses sauce"}},
	{"cream-corn", []string{"cream style", "cream corn", "creamed corn"}},
	{"relish", []string{"relish", "chutney", "chow chow", "piccalilli", "mostarda"}},
	{"soup", []string{"soup", "stew", "chowder", "gumbo", "minestrone", "bisque", "dal", "dhal", "borscht", "casserole", "meal in a jar", "goulash", "ragout", "potage", "hotpot", "hot pot", "pot pie", "chili", "curry", "jambalaya", "cassoulet", "tagine", "pozole", "ramen", "noodle", "pho", "stroganoff", "broth with", "dinner", "supper", "hash", "soup base", "stew base"}},
	{"stock", []string{"stock", "broth", "bone broth"}},
	{"pickle", []string{"bread and butter", "pickle", "pickled", "dilly", "dilled", "marinated", "in vinegar", "escabeche", "giardiniera"}},
	{"jam", []string{"jam", "jelly", "preserve", "marmalade", "conserve"}},
	{"ketchup", []string{"ketchup", "catsup"}},
	{"sauce", []string{"sauce", "gravy", "marinara", "ragu", "sugo", "passata", "applesauce"}},
	{"spread", []string{"butter", "spread"}},
	{"syrup", []string{"berry syrup", "fruit syrup", "blueberry syrup", "raspberry syrup", "strawberry syrup", "blackberry syrup"}},
	{"puree", []string{"puree", "mash", "mashed", "baby food", "refried"}},
	{"juice", []string{"juice", "nectar", "cider", "cordial", "shrub", "lemonade"}},
	{"mixed", []string{"mixed vegetable", "mixed veg", "vegetable mix", "succotash", "ratatouille", "caponata", "tomato with okra", "tomato and okra", "tomato with zucchini", "tomato and zucchini", "okra and tomato"}},
}

// kindMeant is the kind of product that the title names, as far as the foods bear it out.
func (e *Reviewer) kindMeant(d *draft) string {
	switch {
	case d.kind == "paste" && titleHas(d.folded, "in oil", "in olive oil", "under oil") && d.hasVinegar():
		return "pickle" // a marinade of vinegar and oil; what no procedure has of it is judged
	case d.kind == "soup" && !titleHas(d.folded, truly...) && !e.mixture(d):
		return "" // "my husband's chili beans": what a dish is made of is no dish yet
	}
	return d.kind
}

// truly are words for a soup, whatever it is made of; other words for a dish are of what a jar is for, where it
// holds one food.
var truly = []string{"soup", "stew", "chowder", "bisque", "gumbo", "minestrone", "dal", "dhal", "borscht", "ragout",
	"potage", "pozole", "pho", "goulash", "cassoulet", "broth with"}

// grownFor is a product before the food that it is made of: "hummus bean", "stew meat".
var grownFor = pattern.MustCompile(`\b(hummus|dip|sauce|stew|soup|jam|juice|pie) (bean|meat|bone|tomato|apple|orange|berry|hen|pepper|cherry)\b|\bstew (cube|chunk|piece|strip|beef|venison|pork|lamb|mutton|elk|moose)\b`)

// forTable is what the jar is for, or what it is not: "for quick suppers", "not the pickled".
var forTable = pattern.MustCompile(`\bfor (?:\pL+ ){0,2}(?:supper|dinner|lunch|stew|soup|salad|pie|hash|curry|chili|taco)\b|\bnot (?:the |a |an )?(?:pickled?|jam|jelly|soup|sauce|relish|stew|ketchup|juice|puree)\b`)

// KindOf returns the kind of product that a title names, a word of procedure.Products; "" for none.
func KindOf(title string) string { return kindOf(foldTitle(title)) }

// kindOf reads the kind of product from a folded title, "" where it says none.
func kindOf(folded string) string {
	inJuice := titleHas(folded, "in juice", "in tomato juice", "in apple juice", "in grape juice", "in own juice", "in it own juice", "in pineapple juice", "in fruit juice")
	inBroth := titleHas(folded, "in broth", "in stock", "in chicken broth", "in beef broth", "in vegetable broth", "in chicken stock", "in beef stock", "in vegetable stock", "in own broth", "in it own broth", "with broth", "and broth")
	if titleHas(folded, "butter bean", "butter pea", "peanut") && !titleHas(folded, "soup", "spread") {
		return ""
	}
	folded = grownFor.ReplaceAllString(forTable.ReplaceAllString(folded, ""), "$2")
	for _, k := range kinds {
		if titleHas(folded, k.words...) && !(k.kind == "juice" && inJuice) && !(k.kind == "stock" && inBroth) {
			return k.kind
		}
	}
	return ""
}

// identity is what a recipe is, whatever edits may do to it.
type identity struct {
	main    int
	kind    string
	mixture bool
}

func (e *Reviewer) identify(d *draft) identity {
	return identity{mainItem(d), d.kind, e.mixture(d)}
}

// plausible reports whether the draft may be this product at all: the same
// kind of product, made of the same main food.
func (e *Reviewer) plausible(d *draft, id identity, p *procedure.Procedure) bool {
	if id.main < 0 {
		return false
	}
	if !d.isSaid(p) {
		return false
	}
	kind := id.kind
	it := &d.items[id.main]
	if p.General && d.ownChili() {
		return false // it has a recipe of its own, and a longer time
	}
	if p.General {
		return kind == "soup" || kind == "" && id.mixture
	}
	if kind == "" && e.holds(d, p) && !e.titledOther(d, it, p) {
		return true
	}
	if p.Product == "chili" && kind == "soup" && d.ownChili() {
		return true
	}
	if (kind == "") != (p.Product == "plain") && kind != p.Product && kind != "" && !(kind == "relish" && p.Product == "salsa") {
		return false
	}
	isMain := false
	for _, k := range e.leads[p] {
		in := &p.Ingredients[k]
		isMain = isMain || it.maybe(in)
	}
	if p.Product == "stock" {
		return kind == "stock"
	}
	if !isMain && p.Product != "curd" {
		return false
	}
	switch {
	case kind == p.Product:
	case kind == "" && (p.Product == "plain" || p.Product == "pickle" && d.hasVinegar()):
	case kind == "relish" && p.Product == "salsa", kind == "" && p.Product == "salsa" && d.hasAcidFor("capsicum"):
	default:
		return false
	}
	if p.Product == "salsa" {
		return e.nearSalsa(d, p)
	}
	return true
}

// isSaid reports whether the recipe says what a procedure asks of it: that it is for a baby, or that it holds
// pectin whose package has directions.
func (d *draft) isSaid(p *procedure.Procedure) bool {
	return (len(p.Says) == 0 || d.says(p.Says)) && (!p.Leaflet || d.hasGel())
}

// says reports whether one of the phrases stands in the title, a line or a sentence of the recipe.
func (d *draft) says(phrases []string) bool {
	if titleHas(d.folded, phrases...) {
		return true
	}
	for i := range d.items {
		if it := &d.items[i]; it.src != nil && containsAny(it.src.Text, phrases...) {
			return true
		}
	}
	return slices.ContainsFunc(d.steps, func(s step) bool { return !s.Serving && containsAny(s.Text, phrases...) })
}

// ownChili reports a chili of what the tested chile con carne is made of: ground meat, dried
// beans and tomatoes. Called a soup, it is one.
func (d *draft) ownChili() bool {
	return titleHas(d.folded, "chili", "chile") && !titleHas(d.folded, "soup", "stew") && d.hasGroup("ground-meat") && d.hasGroup("dry-bean") && d.hasGroup("tomato")
}

// titledOther reports whether the title names another procedure of the same main
// food: crushed tomatoes with courgettes are no tomatoes with zucchini.
func (e *Reviewer) titledOther(d *draft, main *item, p *procedure.Procedure) bool {
	for q, names := range e.names {
		if q == p || !titleHas(d.folded, names...) || p.Product == "sauced-beans" && q.Product == "plain" {
			continue // beans that have their sauce are no plain beans
		}
		for _, k := range e.leads[q] {
			if main.ref != nil && closeness(main.ref, q.Ingredients[k].Same) > 0 {
				return true
			}
		}
	}
	return false
}

// holds reports whether the draft has just what the procedure's own recipe has:
// every food that it cannot be without, and no other. A title that names no kind
// of product then leaves no doubt what it is.
func (e *Reviewer) holds(d *draft, p *procedure.Procedure) bool {
	switch p.Product {
	case "mixed", "specialty", "pickle", "relish", "salsa", "plain", "sauced-beans", "soup":
	default:
		return false // a juice, a sauce, a jam is made by what is done to the same foods
	}
	found, must, lead := 0, 0, false
	for k := range p.Ingredients {
		in := &p.Ingredients[k]
		there := false
		for i := range d.items {
			it := &d.items[i]
			there = there || !it.serving && it.maybe(in)
		}
		if there && in.Role != procedure.Salt && in.Role != procedure.Seasoning && in.Role != procedure.Liquid {
			found++
			lead = lead || in.Role == procedure.Main
			if !in.Optional {
				must++
			}
		}
		if !there && !in.Optional && in.Role != procedure.Salt && in.Role != procedure.Liquid && in.Role != procedure.Seasoning {
			return false
		}
	}
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.minor || it.drained || it.ref != nil && it.ref.In("thickener", "dairy") {
			continue // what no jar may hold does not say what it is
		}
		known := false
		for k := range p.Ingredients {
			known = known || it.ref != nil && (closeness(it.ref, p.Ingredients[k].Same) > 0 || closeness(it.ref, p.Ingredients[k].Like) > 0)
		}
		if !known {
			return false
		}
	}
	return lead && found > 1 && (must > 2 || must > 1 && p.Acidity == "low-acid" || found > 3)
}

func (d *draft) hasVinegar() bool {
	for i := range d.items {
		if d.items[i].is("vinegar", "weak-vinegar") && !d.items[i].fromStep {
			return true
		}
	}
	return false
}

func (d *draft) hasAcidFor(group string) bool {
	acid, food := false, false
	for i := range d.items {
		acid = acid || isAcid(&d.items[i])
		food = food || d.items[i].is(group)
	}
	return acid && food
}

// mixture reports whether the draft is several solids, or solids in broth: a
// dish, and not one food packed plain.
func (e *Reviewer) mixture(d *draft) bool {
	solids, broth := 0, false
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.ref == nil || it.choice {
			continue
		}
		switch {
		case it.is(notMain...):
			broth = broth || it.is("broth")
		default:
			solids++
		}
	}
	return solids >= 2 || broth && solids >= 1 && d.did("half-solids")
}

// salsaOverlap is the least share of a recipe that must agree with a tested
// salsa for the two to be near; below it the salsa is the cook's own.
const salsaOverlap = 0.8

// nearSalsa compares the shares of tomato, pepper, onion, acid and the rest.
func (e *Reviewer) nearSalsa(d *draft, p *procedure.Procedure) bool {
	groups := []string{"tomato", "capsicum", "bulb-onion", "bottled-citrus"}
	home, tested := make([]float64, len(groups)+1), make([]float64, len(groups)+1)
	put := func(into []float64, f *food.Food, cups float64) {
		if f.In("fresh-citrus", "citrus-juice", "vinegar", "weak-vinegar", "bottled-citrus") {
			into[3] += cups
			return
		}
		for g, name := range groups {
			if f.In(name) {
				into[g] += cups
				return
			}
		}
		if f == nil || !f.In("dry-seasoning", "salt", "herb", "garlic") {
			into[len(groups)] += cups
		}
	}
	for i := range d.items {
		it := &d.items[i]
		if it.serving || it.choice {
			continue
		}
		f := it.ref
		if f == nil {
			f = it.head
		}
		if c, ok := it.cups(); ok {
			put(home, f, c)
		} else if f == nil || !f.In("dry-seasoning", "salt", "herb", "garlic") {
			put(home, f, 0.5)
		}
	}
	either := false
	for _, in := range p.Ingredients {
		f := e.cat.Any(in.Same[0])
		if in.Same[0] == "bulb-onion" && len(in.Same) > 1 {
			either = true // onions and peppers in any mixture
		}
		if c, ok := f.Cups(in.Amount, in.Unit, "chopped"); ok {
			put(tested, f, c)
		}
	}
	if either {
		home[1], home[2] = home[1]+home[2], 0
		tested[1], tested[2] = tested[1]+tested[2], 0
	}
	return overlapOf(home, tested) >= salsaOverlap
}

// overlapOf returns the share that two mixtures have in common, from 0 to 1.
func overlapOf(a, b []float64) float64 {
	sa, sb, common := 0.0, 0.0, 0.0
	for i := range a {
		sa += a[i]
		sb += b[i]
	}
	if sa == 0 || sb == 0 {
		return 0
	}
	for i := range a {
		common += min(a[i]/sa, b[i]/sb)
	}
	return common
}

// class names the acidity of a recipe that no procedure covers, from the worst
// ingredient that matters. It gives no figure.
func (b *bench) class() string {
	var foods []*food.Food
	for i := range b.items {
		if !b.items[i].serving {
			foods = append(foods, b.items[i].ref)
		}
	}
	return acidity.Worst(foods)
}

var severityRank = map[Severity]int{Halt: 0, Amend: 1, Care: 2, Note: 3}

// sortFindings puts findings in the order of the lines, those about the whole
// recipe last, the graver first on one line.
func sortFindings(list []Finding) {
	sort.SliceStable(list, func(i, j int) bool {
		a, b := 1<<30, 1<<30
		if list[i].Line != nil {
			a = *list[i].Line
		}
		if list[j].Line != nil {
			b = *list[j].Line
		}
		if a != b {
			return a < b
		}
		return severityRank[list[i].Severity] < severityRank[list[j].Severity]
	})
}

// Covers reports whether the words name the procedure ("dilly beans").
func Covers(p *procedure.Procedure, query string) bool {
	q := strings.ToLower(query)
	for _, n := range append([]string{p.Title, p.ID}, p.Names...) {
		if strings.Contains(strings.ToLower(n), q) {
			return true
		}
	}
	return false
}
