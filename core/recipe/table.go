package recipe

import (
	"encoding/csv"
	"errors"
	"fmt"
	"io"
	"strings"
	"unicode"
)

// columnNames are the headings that a table of ingredients may have.
var columnNames = map[string]string{
	"amount": "amount", "qty": "amount", "quantity": "amount", "how much": "amount", "unit": "unit", "units": "unit", "measure": "unit",
	"ingredient": "food", "ingredients": "food", "food": "food", "item": "food", "name": "food", "prep": "prep", "preparation": "prep", "notes": "prep", "note": "prep", "form": "prep",
	"text": "text", "line": "no", "recipe": "recipe", "title": "recipe", "step": "step", "method": "step", "instructions": "step",
}

// derived are the columns that Damson writes of what it read; the line itself
// stands in "text".
var derived = set("amount_min amount_max unit_read food_read grams reading")

// looksLikeCSV reports whether the first line is a heading of such a table.
func looksLikeCSV(text string) bool {
	head, _, _ := strings.Cut(text, "\n")
	known := 0
	for _, c := range strings.FieldsFunc(head, func(r rune) bool { return r == ',' || r == ';' || r == '\t' }) {
		if columnNames[strings.ToLower(strings.Trim(c, "\" \r"))] != "" {
			known++
		}
	}
	return known >= 2 && strings.ContainsAny(head, ",;\t")
}

// FromCSV reads a table of ingredients with a heading and writes it as plain
// text. It needs a column of foods (or of whole lines, "text"); amount, unit,
// prep, step and title are taken where they are there.
func FromCSV(text string) (string, error) {
	if len(text) > MaxBytes {
		return "", ErrLarge
	}
	head, _, _ := strings.Cut(text, "\n")
	r := csv.NewReader(strings.NewReader(text))
	r.FieldsPerRecord, r.TrimLeadingSpace, r.LazyQuotes = -1, true, true
	for _, sep := range []rune{';', '\t'} {
		if strings.ContainsRune(head, sep) && !strings.Contains(head, ",") {
			r.Comma = sep
		}
	}
	first, err := r.Read()
	if err != nil {
		return "", fmt.Errorf("line 1: this is no table: %w", err)
	}
	at := map[string]int{}
	var unnamed []int // columns nobody knows: what they say is not dropped
	for i, c := range first {
		if k := columnNames[strings.ToLower(strings.TrimSpace(strings.TrimPrefix(c, "\uFEFF")))]; k != "" {
			if _, taken := at[k]; !taken {
				at[k] = i
				continue
			}
		}
		if !derived[c] {
			unnamed = append(unnamed, i)
		}
	}
	_, hasFood := at["food"]
	_, hasText := at["text"]
	if !hasFood && !hasText {
		return "", fmt.Errorf("line 1: the table has the columns %s; it needs one named “ingredient”, and may have “amount”, “unit” and “prep”", strings.Join(first, ", "))
	}
	title := "Untitled recipe"
	var lines, steps []string
	for {
		row, err := r.Read()
		if errors.Is(err, io.EOF) {
			break
		}
		if err != nil {
			return "", fmt.Errorf("this table breaks off: %w", err)
		}
		get := func(k string) string {
			i, ok := at[k]
			if !ok || i >= len(row) {
				return ""
			}
			return oneLine(row[i])
		}
		if t := get("recipe"); t != "" {
			title = t
		}
		if s := get("step"); s != "" {
			steps = append(steps, s)
		}
		line := get("text")
		if line == "" {
			line = strings.TrimSpace(strings.Join([]string{get("amount"), get("unit"), get("food")}, " "))
			line = strings.Join(strings.Fields(line), " ")
			if p := get("prep"); p != "" && line != "" {
				line += ", " + p
			}
		}
		for _, i := range unnamed {
			if i < len(row) && strings.ContainsFunc(row[i], unicode.IsLetter) {
				if line != "" {
					line += "; "
				}
				line += oneLine(row[i])
			}
		}
		if line != "" {
			lines = append(lines, line)
		}
	}
	if len(lines) == 0 {
		return "", errors.New("the table has a heading and no ingredients")
	}
	out := title + "\n\nIngredients\n" + strings.Join(lines, "\n") + "\n"
	if len(steps) > 0 {
		out += "\nMethod\n" + strings.Join(steps, "\n") + "\n"
	}
	return out, Check(out)
}
