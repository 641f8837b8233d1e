package recipe

import (
	"encoding/json"
	"io"
	"strconv"
	"strings"

	"damson/core/cells"
)

// ingredientTexts returns the ingredient lines and headings as written, in
// order.
func (rec *Recipe) ingredientTexts() []string {
	var out []string
	for _, l := range rec.Lines {
		if l.Kind == Note || l.No == rec.TitleLine && rec.TitleLine != 0 {
			continue // chatter; a title that is also the main food
		}
		if h, ok := heading(stripBullet(l.Text)); l.Kind == Heading && ok {
			if s, serving := sectionOf(h, ""); s != "" && !serving {
				continue // "Ingredients", "Method": every format has its own
			}
		}
		out = append(out, clean(l.Text))
	}
	return out
}

// stepTexts returns the method, one string a line of the text.
func (rec *Recipe) stepTexts() []string {
	var out []string
	last := 0
	for _, s := range rec.Steps {
		if s.No == last && len(out) > 0 {
			out[len(out)-1] += " " + s.Text
			continue
		}
		last = s.No
		out = append(out, s.Text)
	}
	return out
}

func (rec *Recipe) titleOr() string {
	if rec.Title == "" {
		return "Untitled recipe"
	}
	return rec.Title
}

// WriteFormats are the formats of Write.
var WriteFormats = []string{FormatJSONLD, FormatMarkdown, FormatCSV}

// Write writes recipes in a format of WriteFormats; a CSV table holds only the
// first.
func Write(w io.Writer, format string, recipes ...*Recipe) error {
	switch format {
	case FormatCSV:
		return recipes[0].WriteCSV(w)
	case FormatMarkdown:
		for i, rec := range recipes {
			if i > 0 {
				if _, err := io.WriteString(w, "\n---\n\n"); err != nil {
					return err
				}
			}
			if err := rec.WriteMarkdown(w); err != nil {
				return err
			}
		}
		return nil
	}
	return WriteJSONLD(w, recipes...)
}

// WriteJSONLD writes a schema.org Recipe; several as an array.
func WriteJSONLD(w io.Writer, recipes ...*Recipe) error {
	type step struct {
		Type string `json:"@type"`
		Text string `json:"text"`
	}
	type object struct {
		Context      string   `json:"@context"`
		Type         string   `json:"@type"`
		Name         string   `json:"name"`
		Ingredients  []string `json:"recipeIngredient"`
		Instructions []step   `json:"recipeInstructions"`
	}
	list := []object{}
	for _, rec := range recipes {
		steps := []step{}
		for _, s := range rec.stepTexts() {
			steps = append(steps, step{"HowToStep", s})
		}
		list = append(list, object{"https://schema.org", "Recipe", rec.titleOr(), append([]string{}, rec.ingredientTexts()...), steps})
	}
	enc := json.NewEncoder(w)
	enc.SetIndent("", "  ")
	if len(list) == 1 {
		return enc.Encode(list[0])
	}
	return enc.Encode(list)
}

// WriteMarkdown writes the recipe as a page of Markdown, which reads back as
// plain text.
func (rec *Recipe) WriteMarkdown(w io.Writer) error {
	var b strings.Builder
	b.WriteString("# " + rec.titleOr() + "\n\n## Ingredients\n\n")
	for _, t := range rec.ingredientTexts() {
		if _, ok := heading(stripBullet(t)); ok {
			b.WriteString("\n### " + strings.Trim(strings.TrimSuffix(t, ":"), "#*_= ") + "\n\n")
			continue
		}
		b.WriteString("- " + stripBullet(t) + "\n")
	}
	b.WriteString("\n## Method\n\n")
	for i, s := range rec.stepTexts() {
		b.WriteString(strconv.Itoa(i+1) + ". " + s + "\n")
	}
	_, err := io.WriteString(w, b.String())
	return err
}

// WriteCSV writes the ingredients as a table: how each was read, and the line
// as written, from which it reads back. The method stands in its last column.
func (rec *Recipe) WriteCSV(w io.Writer) error {
	out := cells.NewWriter(w)
	if err := out.Write("title", "text", "amount_min", "amount_max", "unit_read", "food_read", "form", "grams", "reading", "step"); err != nil {
		return err
	}
	f := func(v *float64) string {
		if v == nil {
			return ""
		}
		return strconv.FormatFloat(*v, 'g', 8, 64)
	}
	byText := map[string]*Line{}
	for _, l := range rec.Lines {
		byText[clean(l.Text)] = l
	}
	lines, steps := rec.ingredientTexts(), rec.stepTexts()
	for i := range max(len(lines), len(steps)) {
		row := make([]string, 10)
		if i == 0 {
			row[0] = rec.titleOr()
		}
		if i < len(lines) {
			l := byText[lines[i]]
			row[1], row[2], row[3], row[4], row[5] = lines[i], f(l.AmountMin), f(l.AmountMax), string(l.Unit), l.Food
			row[6], row[7], row[8] = strings.Join(append(append([]string{}, l.State...), l.Prep...), "; "), f(l.Grams), l.Reading
		}
		if i < len(steps) {
			row[9] = steps[i]
		}
		if err := out.Write(row...); err != nil {
			return err
		}
	}
	return out.Flush()
}
