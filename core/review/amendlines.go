package review

import (
	"math/bits"
	"slices"
	"strings"

	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/recipe"
)

// lines rewrites the ingredient lines.
func (w *rewrite) lines() {
	byLine := map[int][]int{}
	var order []int
	for i := range w.was.items {
		it := &w.was.items[i]
		if it.fromStep || it.line < 1 || it.line > len(w.rows) || it.line == w.titleLine() || w.prose(it.line) {
			continue
		}
		if byLine[it.line] == nil {
			order = append(order, it.line)
		}
		byLine[it.line] = append(byLine[it.line], i)
	}
	for _, no := range order {
		w.line(no, byLine[no])
	}
}

// prose reports a line that tells the method, and names its foods and amounts on the way: it
// is rewritten sentence by sentence.
func (w *rewrite) prose(no int) bool {
	const several = 4
	told := slices.ContainsFunc(w.was.steps, func(s step) bool { return s.No == no })
	return told && no >= 1 && no <= len(w.rows) && len(recipe.Sentences(w.rows[no-1])) >= several
}

// retell rewrites a line of prose: the sentences that were read as such like any other, and
// of those that list foods what is left of them.
func (w *rewrite) retell(no int, taken []int) {
	var out []string
	changed := false
	for _, text := range recipe.Sentences(w.rows[no-1]) {
		is := w.retold(no, text, taken)
		changed = changed || is != text
		if is != "" {
			out = append(out, is)
		}
	}
	switch {
	case !changed:
	case len(out) == 0:
		w.gone[no-1] = true
	default:
		w.put(no, strings.Join(out, " "))
	}
}

func (w *rewrite) retold(no int, text string, taken []int) string {
	for s := range w.was.steps {
		if st := &w.was.steps[s]; st.No == no && st.Text == text {
			return w.sentence(s, taken)
		}
	}
	st := w.e.reader.Step(no, text)
	if !slices.ContainsFunc(st.Foods, func(m recipe.Mention) bool { return w.speaksOf(m, taken) }) {
		return text
	}
	return w.unlisted(no, text, st, taken)
}

func (w *rewrite) titleLine() int { return w.req.Recipe.TitleLine }

// line rewrites one line from its items.
func (w *rewrite) line(no int, items []int) {
	changed := false
	var keep []int
	for _, i := range items {
		a, z := &w.was.items[i], &w.is.items[i]
		out := z.serving && !a.serving
		changed = changed || out || differs(a, z)
		if !out && !(a.choice && w.is.items[items[0]].serving && !w.was.items[items[0]].serving) {
			keep = append(keep, i)
		}
	}
	switch {
	case !changed:
		return
	case len(keep) == 0:
		w.gone[no-1] = true
		return
	}
	raw := w.rows[no-1]
	if len(items) == 1 {
		w.put(no, w.itemText(items[0], raw))
		return
	}
	var parts, choices []string
	for _, i := range keep {
		text := w.itemText(i, "")
		if w.was.items[i].choice {
			choices = append(choices, text)
		} else {
			parts = append(parts, text)
		}
	}
	if len(choices) > 0 && len(parts) > 0 {
		parts[0] += " or " + strings.Join(choices, " or ")
	} else if len(parts) == 0 {
		parts = choices
	}
	// Several foods with amounts stand on lines of their own.
	w.put(no, strings.Join(parts, "\n"))
}

func (w *rewrite) put(no int, text string) {
	w.rows[no-1] = text
	for _, f := range w.made {
		if f.Line != nil && *f.Line == no {
			w.reasons[text] = f.Do
			break
		}
	}
}

// differs reports whether an edit changed how the item must be written.
func differs(a, z *item) bool {
	return a.factor != z.factor || a.ref != z.ref || a.name != z.name || a.src != z.src || a.slip != z.slip || len(a.unread) != len(z.unread) ||
		!slices.Equal(a.prep, z.prep) || !slices.Equal(a.state, z.state) || a.amount != z.amount || a.more != z.more
}

// itemText writes the item as a line. Where only the amount or one more
// preparation changed, the cook's own words stay, but for those that take it back again.
func (w *rewrite) itemText(i int, raw string) string {
	a, z := &w.was.items[i], &w.is.items[i]
	if text, ok := stoodBy(raw, a, z); ok {
		return text
	}
	if text := w.ownWords(a, z, raw); text != "" {
		return text
	}
	return itemWords(z)
}

// ownWords writes the item in the words of its line, "" where they do not do.
func (w *rewrite) ownWords(a, z *item, raw string) string {
	src := z.src
	sameFood := a.ref == z.ref && a.name == z.name && a.src == z.src && a.slip == z.slip && len(a.unread) == len(z.unread)
	if raw != "" && sameFood {
		prep := added(a.prep, z.prep)
		if slices.Equal(a.state, z.state) && len(prep) > 0 && len(z.prep) == len(a.prep)+len(prep) && a.factor == z.factor {
			return strings.TrimRight(raw, " .,") + ", " + strings.Join(prep, ", ")
		}
		if slices.Equal(a.state, z.state) && slices.Equal(a.prep, z.prep) && src.Rest != "" {
			return strings.TrimSpace(amountText(z) + " " + src.Rest)
		}
		if more := added(a.state, z.state); slices.Equal(a.prep, z.prep) && len(more) == 1 && more[0] == "starch-free" {
			return strings.TrimRight(raw, " .,") + ", label free of starch and milk"
		}
	}
	if raw != "" && a.ref == z.ref && a.src == z.src && a.factor == z.factor {
		return w.trimmed(raw, a, z)
	}
	return ""
}

// trimmed takes words of form, or words nobody knows, out of the line until it
// reads as the item stands; "" where no such line is found.
func (w *rewrite) trimmed(raw string, a, z *item) string {
	var spans []recipe.Span
	for _, s := range w.e.reader.Spans(raw) {
		if s.Part == recipe.PartForm || s.Part == recipe.PartUnknown {
			spans = append(spans, s)
		}
	}
	if len(spans) > 6 {
		return ""
	}
	prep := slices.DeleteFunc(slices.Clone(z.prep), func(p string) bool { return !slices.Contains(a.prep, p) })
	for n := 1; n <= len(spans); n++ {
		for set := 1; set < 1<<len(spans); set++ {
			if bits.OnesCount(uint(set)) != n {
				continue
			}
			text := cutSpans(raw, spans, set)
			l := w.e.reader.Line(z.line, text)
			if l.Ref == z.ref && slices.Equal(sorted(l.Prep), sorted(prep)) && slices.Equal(sorted(l.State), sorted(z.state)) && len(l.Unread) == len(z.unread) && len(l.Also) == 0 && l.Amount() == a.amount {
				if more := added(a.prep, z.prep); len(more) > 0 {
					text += ", " + strings.Join(more, ", ")
				}
				return text
			}
		}
	}
	return ""
}

func sorted(list []string) []string { return slices.Sorted(slices.Values(list)) }

// cutSpans takes the spans of the set out of the text, with the commas and
// joining words that then stand idle.
func cutSpans(text string, spans []recipe.Span, set int) string {
	for i := len(spans) - 1; i >= 0; i-- {
		if set&(1<<i) != 0 {
			text = text[:spans[i].Start] + text[spans[i].End:]
		}
	}
	text = idleJoin.ReplaceAllString(strings.Join(strings.Fields(text), " "), ", ")
	return strings.TrimRight(idleEnd.ReplaceAllString(text, ""), " ,")
}

var (
	idleJoin = pattern.MustCompile(`\s*,\s*(?:,|and\s*,|&\s*,|and\s|&\s)\s*`)
	idleEnd  = pattern.MustCompile(`(?:\s*(?:,|&|\band\b|\bbut\b|\(\s*\)))+\s*$`)
)

// itemWords writes the item from its parts.
func itemWords(z *item) string {
	var b strings.Builder
	b.WriteString(amountText(z))
	for _, s := range z.state {
		if s != "starch-free" && s != "checked" && !strings.Contains(z.name, s) {
			b.WriteString(" " + s)
		}
	}
	name := z.name
	if z.ref != nil {
		name = z.ref.Names[0]
	}
	b.WriteString(" " + name)
	if z.src != nil && z.src.Acidity != nil {
		b.WriteString(" (" + quantity.Number(*z.src.Acidity) + " %)")
	}
	for _, p := range z.prep {
		b.WriteString(", " + p)
	}
	if z.src != nil && z.src.Per != "" {
		b.WriteString(" to each " + z.src.Per)
	}
	return strings.TrimSpace(b.String())
}

func added(was, is []string) []string {
	return slices.DeleteFunc(slices.Clone(is), func(s string) bool { return slices.Contains(was, s) })
}

// amountText writes the item's amount in measures that a kitchen has; what was
// cut back is rounded by at most one percent.
func amountText(it *item) string {
	a := it.amount
	if a.IsZero() {
		return ""
	}
	if it.factor == 1 {
		if p := it.src.Package; p != nil {
			return sprint("%s (%s %s) %s", quantity.Number(a.Max), quantity.Number(p.Amount), p.Unit.Word(p.Amount), a.Unit.Word(a.Max))
		}
		return a.String()
	}
	a = a.Scale(it.factor)
	if it.src != nil && it.src.Package != nil {
		if c, ok := it.cups(); ok {
			return quantity.Kitchen(c, quantity.Cup)
		}
	}
	return quantity.Kitchen(a.Max, a.Unit)
}
