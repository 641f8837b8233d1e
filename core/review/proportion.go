package review

import (
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

func containsAny(s string, list ...string) bool {
	s = strings.ToLower(s)
	for _, x := range list {
		if strings.Contains(s, x) {
			return true
		}
	}
	return false
}

// recipeLine returns a copy of the item's line that an edit may change.
func recipeLine(it *item) *recipe.Line {
	var l recipe.Line
	if it.src != nil {
		l = *it.src
	}
	return &l
}

// proportions judges every ingredient that the procedure lists with an amount.
func proportions(b *bench) {
	if b.proc == nil || b.soup() {
		return
	}
	b.mainFood()
	seen := map[int]bool{}
	for k := range b.proc.Ingredients {
		if seen[k] {
			continue
		}
		switch b.proc.Ingredients[k].Role {
		case procedure.LowAcid:
			b.pool(k, seen)
		case procedure.GelSugar, procedure.Gel:
			b.gel(k)
		case procedure.Starch:
			b.starch(k)
		case procedure.FermentSalt:
			b.fermentSalt(k)
		case procedure.Sugar:
			b.sugar(k)
		case procedure.Seasoning, procedure.Salt:
			b.seasoning(k)
		case procedure.Extra:
			b.extra(k)
		case procedure.Liquid:
			for _, i := range b.matched(k) {
				if b.proc.Acidity != "acidified" || b.proc.Product == "plain" {
					b.permit(i, asTested(""))
				}
			}
		}
	}
}

// mainFood accounts for the main food and asks for its amount where everything
// else is measured against it.
func (b *bench) mainFood() {
	for k := range b.proc.Ingredients {
		if b.proc.Ingredients[k].Role != procedure.Main {
			continue
		}
		for _, i := range b.matched(k) {
			it := &b.items[i]
			if (it.came("canned") || it.ref.ID == "canned-tomato") && !slices.Contains(b.proc.Ingredients[k].Same, "canned-tomato") {
				b.ask(i, "substitution", Finding{Do: "Start from fresh " + it.name, Message: "Canned food canned again has no tested process.", Remedy: "Use fresh produce, or keep the canned food as it is.", Source: "NCHFP, FAQ on re-canning",
					Edits: []Edit{{Op: Fresh, To: b.proc.Ingredients[k].Same[0], place: i + 1}}})
			}
			if b.proportional() && b.scale == 0 && !it.choice && b.proc.Ingredients[k].Amount > 0 {
				b.ask(i, "unclear-amount", Finding{Do: "How much " + it.name + "?", Message: "Acid, sugar and vegetables are measured against it.", Edits: follow("main")})
			}
			if b.like[i] {
				b.say(i, "substitution", Finding{Do: it.name + " is fine here", Message: "It may stand for " + b.proc.Ingredients[k].Name + ", measure for measure."})
			}
			b.permit(i, asTested(""))
		}
	}
	if b.proc.Product == "jam" && b.scale > 1.5 {
		b.report(Finding{Code: "batch-size", Severity: Amend, Edits: []Edit{{Op: CutTo, By: 1 / b.scale}}})
	}
}

// pool judges low-acid ingredients that may stand for one another together:
// any pepper for any pepper, any onion for any onion.
func (b *bench) pool(first int, seen map[int]bool) {
	members := []int{first}
	seen[first] = true
	for k := first + 1; k < len(b.proc.Ingredients); k++ {
		if b.proc.Ingredients[k].Role == procedure.LowAcid && overlap(&b.proc.Ingredients[first], &b.proc.Ingredients[k]) {
			members = append(members, k)
			seen[k] = true
		}
	}
	var items []int
	for _, k := range members {
		items = append(items, b.matched(k)...)
	}
	if len(items) == 0 {
		return
	}
	// Cups of the pool in the tested batch and here, each item against the
	// ingredient that it is.
	have, allowed, known := 0.0, 0.0, true
	for _, i := range items {
		if !b.items[i].choice {
			cups, ok := b.cupsOf(i, items)
			have, known = have+cups, known && ok
		}
	}
	for _, k := range members {
		allowed += weightOf(&b.proc.Ingredients[k], b)
	}
	if !known || b.scale == 0 {
		for _, i := range items {
			b.permit(i, asTested(""))
		}
		return
	}
	if have > allowed*b.scale*b.tolerance() {
		k := allowed * b.scale / have
		for _, i := range items {
			b.ask(i, "low-acid-increase", Finding{
				Do:      sprint("Cut the %s back%s", b.items[i].name, b.orMoreMain(k)),
				Message: sprint("For this much food the tested recipe has room for %.0f %% of it; %s.", 100*k, b.whyNoMore()),
				Remedy:  "Cut back to " + b.cutTo(i, k) + "; add the rest fresh when serving." + b.moreMain(k),
				Source:  b.proc.Citation(),
				Edits:   cutBack(i, k),
			})
		}
		return
	}
	for _, i := range items {
		in := &b.proc.Ingredients[b.of[i]]
		if b.like[i] && len(in.Same) == 1 {
			b.say(i, "substitution", Finding{Do: b.items[i].name + " is fine here", Message: "It may stand for " + strings.SplitN(in.Name, ",", 2)[0] + ", measure for measure."})
		}
		b.permit(i, asTested(""))
	}
}

// whyNoMore says what more of a low-acid food does: it raises the pH where acid keeps
// the food safe; under pressure the time was tested for that much.
func (b *bench) whyNoMore() string {
	if b.acidic() {
		return "more low-acid food raises the pH"
	}
	return "the time was tested for that much and no more"
}

// mostMain is how many times the main food may be short and more of it still be
// offered: beyond that the recipe is not of it.
const mostMain = 4

// moreMain offers the other way to the tested share: more of the main food, 1/k times.
func (b *bench) moreMain(k float64) string {
	if b.orMoreMain(k) == "" {
		return ""
	}
	a := b.items[b.main].amount.Scale(b.items[b.main].factor / k)
	return " Or use " + said(a.Max, a.Unit) + " " + b.mainName() + " and the rest as it stands."
}

func (b *bench) orMoreMain(k float64) string {
	if b.main < 0 || k < 1.0/mostMain || b.items[b.main].amount.IsZero() || b.items[b.main].unclear || b.role(b.main) != procedure.Main {
		return ""
	}
	return ", or use more " + b.mainName()
}

// mainName is the procedure's own name for the main food, without its preparation.
func (b *bench) mainName() string {
	return strings.SplitN(b.proc.Ingredients[b.of[b.main]].Name, ",", 2)[0]
}

func (b *bench) cutTo(i int, k float64) string {
	a := b.items[i].amount.Scale(k * b.items[i].factor)
	return said(a.Max, a.Unit) + " " + b.items[i].name
}

// weightOf returns the cups of the ingredient in the tested batch, so that
// pooled ingredients add up.
func weightOf(in *procedure.Ingredient, b *bench) float64 {
	f := b.cat.ByID(in.Same[0])
	if f == nil {
		for _, i := range b.matchedBy(in) {
			f = b.items[i].ref
		}
	}
	if f == nil {
		f = b.cat.Any(in.Same[0])
	}
	if f != nil {
		if c, ok := f.Cups(in.Amount, in.Unit, "chopped"); ok {
			return c
		}
	}
	if c, ok := quantity.Convert(in.Amount, in.Unit, quantity.Cup); ok {
		return c
	}
	return in.Amount
}

func (b *bench) matchedBy(in *procedure.Ingredient) []int {
	for k := range b.proc.Ingredients {
		if &b.proc.Ingredients[k] == in {
			return b.matched(k)
		}
	}
	return nil
}

// cupsOf returns the cups of an item of a pool. Known is false, and asked about, where the line leaves
// them open.
func (b *bench) cupsOf(i int, pool []int) (cups float64, known bool) {
	in := &b.proc.Ingredients[b.of[i]]
	r, ok := b.share(in, &b.items[i])
	switch {
	case ok && b.items[i].more:
		b.ask(i, "unclear-amount", Finding{Do: "No more " + b.items[i].name + " than that",
			Message: "The line says that it may be more, and low-acid food must not grow beyond the tested amount.",
			Remedy:  "Measure it level.", Edits: []Edit{settle(i, "amount")}})
		return 0, false
	case ok:
		return r * weightOf(in, b), true
	case b.measuredWith(i, pool):
		return 0, true
	}
	b.ask(i, "unclear-amount", Finding{Do: "How much " + b.items[i].name + "?",
		Message: "Low-acid food must not grow beyond the tested amount.", Edits: []Edit{one(ToTable, i)}})
	return 0, false
}

// measuredWith reports an item that is measured together with another of the list: "9 cups chopped onions
// and peppers".
func (b *bench) measuredWith(i int, list []int) bool {
	it := &b.items[i]
	if it.src == nil || it.unclear || !it.amount.IsZero() {
		return false
	}
	before, _, _ := strings.Cut(strings.ToLower(it.src.Text), strings.ToLower(it.name))
	if strings.ContainsAny(before, ",;:(") || !strings.Contains(before, " and ") && !strings.Contains(before, " & ") {
		return false
	}
	return slices.ContainsFunc(list, func(k int) bool {
		return k != i && b.items[k].line == it.line && !b.items[k].amount.IsZero() && !b.items[k].unclear
	})
}

func overlap(a, c *procedure.Ingredient) bool {
	names := append(append([]string{}, c.Same...), c.Like...)
	for _, n := range append(append([]string{}, a.Same...), a.Like...) {
		for _, m := range names {
			if n == m {
				return true
			}
		}
	}
	return false
}

// gel judges pectin and the sugar that a set rests on.
func (b *bench) gel(k int) {
	in := &b.proc.Ingredients[k]
	items := b.matched(k)
	restore := add(in.Name)
	if b.added[in.Name] {
		for _, i := range items {
			b.permit(i, asTested(""))
		}
		return
	}
	if len(items) == 0 {
		b.report(Finding{Code: "omission", Severity: Amend, Do: "Add " + in.Name, Message: "The set rests on it: " + b.dose(in) + ".", Remedy: "Put it back, or use a recipe made without it.", Source: b.proc.Citation(), Edits: restore})
		return
	}
	if in.Amount == 0 { // as the package directs
		for _, i := range items {
			b.permit(i, asTested(""))
		}
		return
	}
	r, known := b.ratio(k, items)
	i := items[0]
	code := "sugar-change"
	if in.Role == procedure.Gel {
		code = "proportion"
	}
	switch {
	case !known:
		b.ask(i, "unclear-amount", Finding{Do: "How much " + b.items[i].name + "?", Message: "The set rests on it.", Edits: restore})
	case b.scale > 0 && r*b.least(items) < b.scale/crossSlack/1.05:
		b.ask(i, code, Finding{Do: "Use " + said(in.Amount*b.scale, in.Unit) + " " + in.Name, Message: "With less, a regular-pectin jam does not set and moulds sooner.", Source: b.proc.Citation(), Edits: restore})
	case r > b.scale*slack && in.Role == procedure.GelSugar:
		b.allow(i, code, Finding{Message: "A little more sugar than tested is a matter of taste."})
	}
	for _, i := range items {
		b.permit(i, asTested(""))
	}
}

// starch permits a thickener that the procedure itself holds, up to its amount.
func (b *bench) starch(k int) {
	in := &b.proc.Ingredients[k]
	for _, i := range b.matched(k) {
		r, known := b.ratio(k, b.matched(k))
		limit := said(in.Amount, in.Unit)
		switch {
		case !known || b.scale == 0:
			b.ask(i, "unclear-amount", Finding{Do: "How much " + b.items[i].name + "?", Message: "The tested recipe holds " + limit + " and no more.", Edits: leaveOut(i)})
		case r > b.scale*b.tolerance():
			b.ask(i, "thickener", Finding{Do: "At most " + said(in.Amount*b.scale, in.Unit) + " " + b.items[i].name, Message: "The tested recipe holds " + limit + " a batch; a thicker jar heats more slowly.", Source: b.proc.Citation(), Edits: cutBack(i, b.scale/r)})
		default:
			b.permit(i, asTested("")) // the process was tested with this starch
		}
	}
}

// fermentSalt asks for the salt that keeps a ferment safe until it is sour.
func (b *bench) fermentSalt(k int) {
	in := &b.proc.Ingredients[k]
	items := b.matched(k)
	restore := add(in.Name)
	why := "The salt keeps spoilers down until the acid has formed: " + said(in.Amount, in.Unit) + " a tested batch."
	if b.added[in.Name] {
		for _, i := range items {
			b.permit(i, asTested(""))
		}
		return
	}
	if len(items) == 0 {
		b.report(Finding{Code: "omission", Severity: Amend, Do: "Add " + in.Name, Message: why, Remedy: "Put it back.", Source: b.proc.Citation(), Edits: restore})
		return
	}
	r, known := b.ratio(k, items)
	switch i := items[0]; {
	case !known:
		b.ask(i, "unclear-amount", Finding{Do: "How much salt?", Message: why, Edits: restore})
	case b.scale > 0 && r < b.scale/b.tolerance():
		b.ask(i, "proportion", Finding{Do: "Use " + said(in.Amount*b.scale, in.Unit) + " salt", Message: why, Remedy: "Bring it back to the tested amount.", Source: b.proc.Citation(), Edits: restore})
	}
	for _, i := range items {
		b.permit(i, asTested(""))
	}
}

// heaviestSyrup is the sugar to a cup of vinegar and water, in cups, of the
// sweetest tested pickle (USDA Complete Guide 2015, guide 6, pickled watermelon
// rind: 9 cups in 3 of vinegar and 3 of water; from memory).
const heaviestSyrup = 1.5

// heavy returns how often the sugar of a pickle is what the heaviest tested
// syrup holds, or 0 where it is not known.
func (b *bench) heavy() float64 {
	sugar, thin := 0.0, 0.0
	for i := range b.items {
		it := &b.items[i]
		c, _ := it.cups()
		switch {
		case it.is("sugar", "honey", "molasses"):
			sugar += c
		case it.is("vinegar", "weak-vinegar", "water", "bottled-citrus", "citrus-juice", "fruit-juice"):
			thin += c
		}
	}
	if thin == 0 {
		return 0
	}
	return sugar / thin / heaviestSyrup
}

// saysSugar reports whether the recipe says that it changed the sugar.
func saysSugar(rec *recipe.Recipe) bool {
	if sugarChanged.MatchString(rec.Title) {
		return true
	}
	return slices.ContainsFunc(rec.Lines, func(l *recipe.Line) bool { return sugarChanged.MatchString(l.Text) }) ||
		slices.ContainsFunc(rec.Steps, func(s *recipe.Step) bool { return sugarChanged.MatchString(s.Text) })
}

var sugarChanged = pattern.MustCompile(`(?i)\b(half|less|more|double|cut|reduced?|lower|low|no|without|skip|quarter|third)[ -](of )?(the |our |my )?sugar\b|\bsugar\b[^.;]{0,30}\b(half|less|a third|a quarter) (of|than)\b`)

// sugar is free in plain fruit, and in pickles up to the heaviest tested syrup.
func (b *bench) sugar(k int) {
	in := &b.proc.Ingredients[k]
	if len(b.matched(k)) == 0 && in.Amount == 0 && b.proc.Product == "plain" && b.proc.Class == "fruit" && !slices.ContainsFunc([]string{"sugar", "honey", "fruit-juice", "fruit-syrup"}, b.hasGroup) {
		b.report(Finding{Code: "sugar-change", Severity: Note, Do: "No sugar is fine", Message: "It keeps colour and shape; the process does not rest on it.", Source: b.proc.Citation()})
		return
	}
	r, known := b.ratio(k, b.matched(k)) // white and brown count together
	if over := b.heavy(); over > slack && b.proc.Product == "pickle" && known && r > b.scale*slack {
		for _, i := range b.matched(k) {
			b.ask(i, "sugar-change", Finding{Do: "Less sugar than that", Message: "Sugar is free in a pickle up to the heaviest tested syrup, 1½ cups to a cup of vinegar and water; a thicker one heats more slowly.", Remedy: "Cut it back, or keep the pickle in the refrigerator.",
				Source: "USDA Complete Guide 2015, guide 6, pickled watermelon rind", Edits: cutBack(i, 1/over)})
		}
		return
	}
	for _, i := range b.matched(k) {
		if in.Amount == 0 && !b.like[i] && !b.sugarTold || known && b.scale > 0 && near(r, b.scale, 0.1) || b.proc.Product == "sauced-beans" && near(r, 1, 0.1) {
			b.permit(i, asTested("")) // to taste, or as tested; a sauce is mixed by itself, as much as is needed
			continue
		}
		b.allow(i, "sugar-change", Finding{Do: "Sugar is free here", Message: "It is for taste and colour; more, less or none keeps the same process."})
	}
}

// thickSpice is the ground spice in cups a pint above which it thickens.
const thickSpice = 2.0 / 16

// seasoning is free, short of thickening.
func (b *bench) seasoning(k int) {
	in := &b.proc.Ingredients[k]
	for _, i := range b.matched(k) {
		if b.like[i] || in.Amount == 0 || b.scale == 0 {
			b.permit(i, asTested(""))
			continue
		}
		if in.Role == procedure.Seasoning && b.items[i].is("herb") && !b.items[i].came("dried") {
			continue // fresh where dry was tested: judged as fresh herb
		}
		r, known := b.ratio(k, []int{i})
		if in.Role == procedure.Seasoning && (!known || !near(r, b.scale, 0.1)) {
			b.spice(i)
			continue
		}
		b.permit(i, asTested(""))
	}
}

// jarShare returns how much of the ingredient's amount for a jar the item puts into
// each jar, 1 being the tested amount; known is false where it does not convert.
func (b *bench) jarShare(in *procedure.Ingredient, it *item) (r float64, known bool) {
	jar, ok := quantity.ParseJar(it.src.Per)
	if it.src.Per == "jar" {
		jar, ok = b.jar.Value, b.jar.Value != ""
	}
	if it.amount.Unit == in.Unit && in.Unit.Dimension() == quantity.Count && !it.amount.IsZero() {
		return it.amount.Max * it.factor / in.Amount, true
	}
	if most := mostPieces(in, it); most > 0 {
		return it.amount.Max * it.factor / most, true
	}
	grams, weighed := it.grams()
	if !ok || !weighed || jar.Ounces() == 0 {
		return 0, false
	}
	most, cups := amountOf(in, it.ref)
	if most == 0 && cups > 0 {
		most, _ = it.ref.Grams(cups, quantity.Cup, "whole")
	}
	if most == 0 {
		return 0, false
	}
	return grams / most * max(1, jar.Ounces()/in.Per.Ounces()), true // the sources say "to each jar"
}

// mostPieces returns how many of the item the procedure lets into a jar, where it counts them;
// 0 where it does not.
func mostPieces(in *procedure.Ingredient, it *item) float64 {
	unit := it.amount.Unit
	if unit == quantity.Each && slicesOf.MatchString(it.src.Text) {
		unit = quantity.Slice
	}
	for _, o := range in.Options {
		if o.Unit == unit && closeness(it.ref, o.Same) > 0 && !it.unclear && !it.more {
			return o.Amount
		}
	}
	return 0
}

var slicesOf = pattern.MustCompile(`(?i)\bslices\b|\bslice of\b`)

// extra may be left out but must not grow, unless it is acid.
func (b *bench) extra(k int) {
	in := &b.proc.Ingredients[k]
	for _, i := range b.matched(k) {
		it := &b.items[i]
		if it.choice {
			b.permit(i, asTested(""))
			continue
		}
		if it.is("alkali") {
			b.rinsing(i)
			continue
		}
		r, known := b.ratio(k, b.matched(k))
		if in.Per != "" && it.src.Per != "" {
			r, known = b.jarShare(in, it)
			r *= b.scale
		}
		switch {
		case it.is("herb") && !known && it.amount.Unit.Dimension() == quantity.Count && !it.unclear && !it.amount.IsZero():
			b.permit(i, asTested("")) // sprigs and heads
		case it.is("dry-seasoning"):
			b.permit(i, Permission{Allowed, "seasoning-change", "dry seasoning"})
		case !known && !isAcid(it):
			b.ask(i, "unclear-amount", Finding{Do: "How much " + it.name + "?", Message: "It must not grow beyond the tested amount.", Edits: leaveOut(i)})
		case known && b.scale > 0 && r > b.scale*b.tolerance() && !isAcid(it):
			b.ask(i, "proportion", Finding{Do: "At most " + said(in.Amount*b.scale, in.Unit) + " " + it.name, Edits: cutBack(i, b.scale/r)})
		case it.weak():
			b.allow(i, "weak-vinegar", Finding{Do: "For flavour here", Message: "The fruit carries the acid; the vinegar is for taste."})
		default:
			b.permit(i, asTested(""))
		}
	}
}

// hasLiquid reports whether the recipe names a liquid that is this one. What a
// method only calls "liquid" is the cooking water, but never for tomatoes,
// whose own juice takes far longer than water.
func (b *bench) hasLiquid(in *procedure.Ingredient) bool {
	takes := func(g string) bool { return slices.Contains(in.Same, g) || slices.Contains(in.Like, g) }
	for l := range b.liquids {
		switch {
		case takes(l), l == "sauce" && b.proc.Product == "sauced-beans", l == "juice" && (takes("tomato-juice") || takes("fruit-juice")), l == "liquid" && takes("water") && b.proc.Class != "tomato":
			return true
		}
	}
	return false
}

// otherProduct reports what no edit mends: without one of its main foods, or
// without any of the foods that mark it, this is another product.
func (b *bench) otherProduct() {
	if b.soup() {
		return
	}
	mains, missing, marks, marked := 0, "", "", false
	for k := range b.proc.Ingredients {
		in := &b.proc.Ingredients[k]
		have := len(b.matched(k)) > 0
		if in.Role == procedure.Main {
			mains++
			if !have && !in.Optional {
				missing = in.Name
			}
		}
		if in.Marks {
			marks, marked = in.Name, marked || have
		}
	}
	if mains > 1 && missing != "" {
		b.report(Finding{Code: "omission", Severity: Amend, Do: "No " + missing, Message: "Without it this is not the product that was tested.", Source: b.proc.Citation()})
	}
	if marks != "" && !marked {
		b.report(Finding{Code: "omission", Severity: Amend, Do: "No " + marks, Message: "Without it this is another product, with a procedure of its own.", Source: b.proc.Citation()})
	}
}

// omissions judges ingredients of the procedure that have no line.
func omissions(b *bench) {
	if b.proc == nil {
		return
	}
	b.otherProduct()
	for k := range b.proc.Ingredients {
		in := &b.proc.Ingredients[k]
		if in.Optional || len(b.matched(k)) > 0 || b.soup() {
			continue
		}
		switch in.Role {
		case procedure.Liquid:
			if b.hasLiquid(in) || b.added["liquid"] || b.proc.Acidity == "acidified" && b.proc.Product != "plain" {
				continue
			}
			b.report(Finding{Code: "omission", Severity: Amend, Do: "Cover it with liquid", Message: "No covering liquid is named; a dry pack heats far more slowly than the tested one.", Remedy: "Fill with " + in.Name + ".", Source: b.proc.Citation(),
				Edits: follow("liquid")})
		case procedure.LowAcid, procedure.Extra, procedure.Fat:
			b.report(Finding{Code: "omission", Severity: Note, Ingredient: strings.SplitN(in.Name, ",", 2)[0], Do: "Left out: " + strings.SplitN(in.Name, ",", 2)[0], Message: "It may always be left out: the acid then has less to carry."})
		}
	}
	if b.proc.Requires("browned") {
		for i := range b.items {
			if b.items[i].is("ground-meat") && !b.items[i].done("browned", "cooked", "fried") && !b.did("brown", "fry") && b.pack.Value == "" {
				b.care(i, "pack-style", Finding{Do: "Brown it first", Message: "Ground meat is browned and drained before it goes into the jar; raw it sets to a solid block."})
			}
		}
	}
}
