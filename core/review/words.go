package review

import (
	"strings"

	"damson/core/elevation"
	"damson/core/pattern"
	"damson/core/recipe"
)

// serving writes the half of the recipe for the opened jar: what the edits took
// out and what the recipe names for serving.
func serving(a attempt, verdict Verdict) []string {
	var out []string
	if verdict != Clear && verdict != Change || a.last == nil {
		return []string{}
	}
	b := a.last
	seen := map[string]bool{}
	add := func(s string) {
		if s != "" && !seen[s] {
			seen[s] = true
			out = append(out, s)
		}
	}
	for s := range b.steps {
		if st := &b.steps[s]; !st.Serving && !st.did("puree") && a.first.steps[s].did("puree") {
			add("Blend or mash it now, not before canning.")
		}
	}
	for i := range b.items {
		it := &b.items[i]
		was := &a.first.items[i]
		if was.done("pureed", "mashed") && !it.done("pureed", "mashed") && !it.serving {
			add("Blend or mash the " + it.name + " now, not before canning.")
		}
		if !it.serving || it.drained || it.ref == nil && !it.head.In(never...) {
			continue // what nobody knows is not carried over
		}
		what := measuredAsTyped(it)
		f := it.ref
		if f == nil {
			f = it.head
		}
		switch {
		case f.In("alkali", "chemical-preservative", "no-home-process", "powdered-pectin", "liquid-pectin",
			"low-sugar-pectin") && !was.serving:
			continue
		case f.In("hides-thickener", "thickener"):
			add("Thicken with " + what + ".")
		case f.In("starch-solid"):
			add("Add " + what + ", cooked fresh.")
		case f.In("dairy", "coconut"):
			add("Stir in " + what + ".")
		default:
			add("Add " + what + ".")
		}
	}
	if b.proc != nil && b.proc.Acidity == "low-acid" && len(out) > 0 {
		out = append([]string{"Boil 10 minutes" + boilMore(b.req.Elevation) + " before tasting."}, out...)
	}
	if out == nil {
		out = []string{}
	}
	return out
}

// measuredAsTyped returns amount and food; an amount that nobody can measure
// stays in the cook's own words.
func measuredAsTyped(it *item) string {
	if it.src != nil && it.amount.Unit.Vague() && !it.fromStep && len(it.src.Also) == 0 {
		text, _, _ := strings.Cut(it.src.Text, ",")
		return strings.TrimSpace(text)
	}
	return strings.TrimRight(strings.TrimSpace(it.amount.String()+" "+asTyped(it)), ".;")
}

// asTyped returns the food in the cook's own words, without what stands behind
// it.
func asTyped(it *item) string {
	if it.src == nil || it.src.Rest == "" {
		return it.name
	}
	name, _, _ := strings.Cut(it.src.Rest, ",")
	name, _, _ = strings.Cut(name, "(")
	return strings.TrimSpace(looseEnd.ReplaceAllString(name, ""))
}

// looseEnd is what a name taken out of a sentence drags along: "onions and", "bacon till crisp".
var looseEnd = pattern.MustCompile(`(?i)\s+(and|or|with|plus|(and|then) (simmer|boil|heat|cook|stir|bring)\b.*|(un)?till?\s.*)\s*$`)

// boilMore adds the minute per 1,000 ft of the boil before tasting (USDA
// Complete Guide 2015, guide 1).
func boilMore(feet int) string {
	more := elevation.BoilMinutes(feet) - elevation.BoilMinutes(0)
	if more == 0 {
		return ""
	}
	return sprint(" and %d more for your elevation", more)
}

// assumed says what the review took for granted.
func assumed(req Request, d *draft) []string {
	out := []string{}
	if !req.ElevationGiven {
		out = append(out, "sea level")
	}
	if d.jar.Value == "" {
		out = append(out, "any tested jar")
	}
	if d.pack.Value == "" {
		out = append(out, "any tested pack")
	}
	if d.gauge == "" {
		out = append(out, "either gauge")
	}
	return out
}

var numbers = []string{"Nothing", "One thing", "Two things", "Three things", "Four things", "Five things", "Six things", "Seven things", "Eight things", "Nine things"}

// sentence puts the verdict in words.
func sentence(r *Result, b *bench) string {
	n := len(r.Things())
	count, stand := numberWord(n), "stand"
	switch {
	case r.Questions == 1:
		count += " and one question"
	case r.Questions > 1:
		count += sprint(" and %d questions", r.Questions)
	case n == 1:
		stand = "stands"
	}
	switch r.Verdict {
	case Clear:
		return sprint("It follows the tested procedure “%s”.", r.Procedure.Title)
	case Change:
		if r.OnlyAsks() {
			return sprint("Damson could not read all of it; meanwhile it compares it with “%s”.", r.Procedure.Title)
		}
		return sprint("%s %s between this and the tested procedure “%s”. Made so, %s.", count, stand, r.Procedure.Title, madeSo(r))
	case Stop:
		if r.Made {
			return "These jars exist already, and they were not made as tested. First see what to do with them; the recipe can be mended for the next time."
		}
		if r.Procedure != nil {
			return sprint("It follows “%s”, but its jars were measured over pH 4.6: they are not acid enough, and no water bath is safe for them.", r.Procedure.Title)
		}
		if r.Product != nil {
			return noProcessOf(r.Product)
		}
		return "Something in it is never canned at home in this form, so there is no process for it."
	}
	if r.beyond != nil {
		return sprint("“%s” covers it, but its source prints no process for %s ft: nobody can say how long it takes there.", r.beyond.Title, comma(r.Elevation))
	}
	if r.Product != nil {
		return noProcessOf(r.Product)
	}
	return "No tested procedure covers this mixture, so there is no process for it. Refrigerate it, freeze it, or send it to a process authority."
}

// OnlyAsks reports whether nothing but questions holds the recipe up.
func (r *Result) OnlyAsks() bool {
	for _, f := range r.Findings {
		if f.Severity == Amend && !f.Question {
			return false
		}
	}
	return r.Questions > 0
}

// Headline is the verdict in a few words: "One question first" where nothing else
// holds the recipe up.
func (r *Result) Headline() string {
	if r.Verdict == Change && r.OnlyAsks() {
		return asksWord(r.Questions) + " first"
	}
	return r.Verdict.Words()
}

// asksWord is "One question", "Two questions".
func asksWord(n int) string {
	if n == 1 {
		return "One question"
	}
	return strings.Fields(numberWord(n))[0] + " questions"
}

// numberWord is the count as a sentence begins with it.
func numberWord(n int) string {
	if n < len(numbers) {
		return numbers[n]
	}
	return sprint("%d things", n)
}

func madeSo(r *Result) string {
	if len(r.After) == 0 {
		return "it can be canned"
	}
	switch r.After[0].Method {
	case "pressure":
		return "it is pressure-canned"
	case "steam":
		return "it is steam-canned"
	}
	return "it goes in a water bath"
}

// Today says what can be done with a recipe that has no process.
func (r *Result) Today() []string {
	if r.Made {
		return []string{"First the jars that exist: what to do with them stands beside the line that tells of them."}
	}
	if r.Verdict != Untested && r.Verdict != Stop {
		return nil
	}
	parts := "Can the parts that have a tested procedure of their own, and combine them when serving."
	if len(r.Apart) > 0 {
		var titles []string
		for _, p := range r.Apart {
			titles = append(titles, p.Title)
		}
		parts = "Can apart, each by its own procedure, and combine when serving: " + strings.Join(titles, "; ") + "."
	}
	if r.Product != nil {
		list := []string{r.Product.Instead}
		if len(r.Apart) > 0 {
			list = append(list, parts)
		}
		return append(list, "Send it to a process authority, who can test it.")
	}
	return []string{
		"Refrigerate it and eat it within 3 to 4 days.",
		"Freeze it in portions.",
		parts,
		"Send it to a process authority, who can test it.",
	}
}

// Ingredients returns the ingredient lines of the result.
func (r *Result) Ingredients() []*recipe.Line {
	var out []*recipe.Line
	for _, l := range r.Lines {
		if l.Kind == recipe.Ingredient {
			out = append(out, l)
		}
	}
	return out
}
