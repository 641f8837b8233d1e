package review

import (
	"regexp"
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/recipe"
)

// determiners may stand before the name of a food, and its amount before them.
const determiners = `(?:` + amountSaid + ` )?(?:(?:the|a|an|some|your|my|all|of|cooked|melted|chopped|diced|remaining) )*`

const amountSaid = `\b(?:(?:\d[\d/ .½¼¾⅓⅔]*|[½¼¾⅓⅔]|an?|one|two|three|four|five|six|eight|ten|half|quarter|couple of|good|big|heaped|level|scant)[ -]){1,3}(?:cups?|c\.|tablespoons?|tbsp\.?|teaspoons?|tsp\.?|pints?|pt\.?|quarts?|qt\.?|pounds?|lbs?\.?|ounces?|oz\.?|grams?|g|kg|ml|litres?|liters?|sticks?|cans?|knobs?|handfuls?|dollops?|splash(?:es)?|glug|glugs)`

// unlisted takes foods out of a sentence that lists them with others: "Add the stock,
// barley and herbs" without the barley. It returns "" where they stand in no list, or
// where what is left would not read as it should.
func (w *rewrite) unlisted(no int, text string, st *recipe.Step, taken []int) string {
	out := text
	for _, m := range st.Foods {
		if !w.speaksOf(m, taken) {
			continue
		}
		shorter := offList(out, m.Text)
		if shorter == out {
			return ""
		}
		out = shorter
	}
	if len(joins.FindAllString(out, -1)) < len(joins.FindAllString(text, -1)) {
		if at := strings.LastIndex(out, ","); at > 0 {
			out = strings.TrimRight(out[:at], " ") + " and" + out[at+1:]
		}
	}
	if hangsOnVerb.MatchString(out) && !hangsOnVerb.MatchString(text) {
		return ""
	}
	if out == text {
		return "" // it is told here alone, as a food that the list has too
	}
	is := w.e.reader.Step(no, out)
	if slices.ContainsFunc(is.Foods, func(m recipe.Mention) bool { return w.speaksOf(m, taken) }) || len(w.keptIn(is, taken)) < len(w.keptIn(st, taken)) {
		return ""
	}
	return out
}

// hangsOnVerb is what is left of "stir in the cream and simmer": "stir in simmer".
var hangsOnVerb = pattern.MustCompile(`(?i)\b(in|into|with|to|over|of|on) (and |then )?(simmer|boil|cook|stir|heat|bring|pour|mix|cover|fill|pack|process|add|let|serve)\b`)

var joins = pattern.MustCompile(`(?i) and `)

// offList takes one name off a list, with the comma or the "and" that it stood by.
func offList(text, name string) string {
	name = determiners + regexp.QuoteMeta(name)
	const ends = `(\s*(?:,|[.;!]|$)|\s+(?:in|into|with|to|for|until|over|at)\b)`
	for _, t := range []struct{ expr, put string }{
		{`(?i),\s*(?:and |or )?` + name + `(\s+and\b|` + ends[1:], "$1"},
		{`(?i)\s+and\s+` + name + ends, "$1"},
		{`(?i)\b` + name + `\s*,\s*(?:and\s+)?`, ""},
		{`(?i)\b` + name + `\s+and\s+`, ""},
	} {
		if re := regexp.MustCompile(t.expr); re.MatchString(text) {
			return re.ReplaceAllString(text, t.put)
		}
	}
	return text
}

// keptIn returns the items that the sentence names and that stay in the jar, each once.
func (w *rewrite) keptIn(st *recipe.Step, taken []int) []int {
	var out []int
	for _, m := range st.Foods {
		k := w.was.find(m, len(w.was.items))
		if k < 0 || m.Without || m.Beside || slices.Contains(taken, k) || w.was.items[k].serving || slices.Contains(out, k) {
			continue
		}
		out = append(out, k)
	}
	return out
}

// putIn names the foods that stay in the jar and that only this sentence put into the pot,
// where what is left of it names them no more: "Add the lamb."
func (w *rewrite) putIn(s int, left string, taken []int) string {
	was := w.was.steps[s].Step
	still := w.keptIn(w.e.reader.Step(was.No, left), taken)
	for k := range w.was.steps {
		if k != s && !w.was.steps[k].Serving && !w.is.steps[k].gone {
			still = append(still, w.keptIn(w.was.steps[k].Step, taken)...)
		}
	}
	var names []string
	for _, m := range was.Foods {
		k := w.was.find(m, len(w.was.items))
		if k >= 0 && slices.Contains(w.keptIn(was, taken), k) && !slices.Contains(still, k) {
			still = append(still, k)
			names = append(names, m.Text)
		}
	}
	if len(names) == 0 {
		return ""
	}
	return "Add the " + listed(names) + "."
}

// listed joins names as a sentence does.
func listed(names []string) string {
	if n := len(names); n > 1 {
		return strings.Join(names[:n-1], ", ") + " and " + names[n-1]
	}
	return names[0]
}

// fillStep returns the step that fills the jars and says nothing else that stays, or -1.
func (w *rewrite) fillStep() int {
	for t := range w.was.course {
		st := &w.was.steps[t.s]
		if !t.filled && t.c.InJars() && fills(t.c) {
			if w.statesProcess(st) && !w.restated || w.is.steps[t.s].gone {
				return -1
			}
			return t.s
		}
	}
	return -1
}
