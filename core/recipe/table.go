package recipe

import (
	"encoding/csv"
	"errors"
	"fmt"
	"strings"
	"unicode"

	"damson/core/cells"
)

// columnNames are the headings that a table of ingredients or steps may have.
var columnNames = map[string]string{
	"amount": "amount", "qty": "amount", "quantity": "amount", "how much": "amount", "unit": "unit", "units": "unit", "measure": "unit",
	"ingredient": "food", "ingredients": "food", "food": "food", "item": "food", "name": "food", "what": "food", "prep": "prep", "preparation": "prep", "notes": "prep", "note": "prep", "form": "prep", "remark": "prep", "remarks": "prep",
	"text": "text", "line": "no", "#": "no", "no": "no", "recipe": "recipe", "title": "recipe", "step": "step", "method": "step", "instructions": "step", "what to do": "step", "minutes": "minutes", "min": "minutes", "time": "minutes",
}

// derived are the columns that Damson writes of what it read; the line itself
// stands in "text".
var derived = set("amount_min amount_max unit_read food_read grams reading")

// columnOf returns what the heading means: "Menge/Qty" is an amount.
func columnOf(head string) string {
	head = strings.ToLower(strings.TrimSpace(strings.TrimPrefix(head, "\uFEFF")))
	if k := columnNames[head]; k != "" {
		return k
	}
	for _, part := range strings.FieldsFunc(head, func(r rune) bool { return r == '/' || r == '(' || r == ')' || r == '|' }) {
		if k := columnNames[strings.TrimSpace(part)]; k != "" {
			return k
		}
	}
	return ""
}

// looksLikeCSV reports whether one of the first lines is a heading of such a
// table.
func looksLikeCSV(text string) bool {
	for i, line := range strings.SplitN(text, "\n", 5) {
		known := 0
		cells := strings.FieldsFunc(line, func(r rune) bool { return r == ',' || r == ';' || r == '\t' })
		for _, c := range cells {
			if columnOf(strings.Trim(c, "\" \r")) != "" {
				known++
			}
		}
		if i < 4 && known >= 2 && (known == len(cells) || i == 0) && strings.ContainsAny(line, ",;\t") {
			return true
		}
	}
	return false
}

// table is a sheet on its way to plain text.
type table struct {
	at      map[string]int
	unnamed []int // columns nobody knows: what they say is not dropped
	steps   bool
	title   string
	lines   []string
	method  []string
	loose   []string // rows outside of any table
}

// FromCSV reads a table of ingredients with a heading and writes it as plain
// text. It needs a column of foods (or of whole lines, "text"); amount, unit,
// prep, step and title are taken where they are there. Rows before and behind
// the table, and rows that state a fact ("Jar, quart"), become lines of their own.
func FromCSV(text string) (string, error) {
	if len(text) > MaxBytes {
		return "", ErrLarge
	}
	r := csv.NewReader(strings.NewReader(text))
	r.FieldsPerRecord, r.TrimLeadingSpace, r.LazyQuotes = -1, true, true
	r.Comma = separator(text)
	rows, err := r.ReadAll()
	if err != nil {
		return "", fmt.Errorf("line 1: this is no table: %w", err)
	}
	t := &table{}
	for _, row := range rows {
		row = cells.PlainRow(row)
		if !t.heading(row) {
			t.row(row)
		}
	}
	if t.at == nil {
		return "", fmt.Errorf("line 1: the table has the columns %s; it needs one named “ingredient”, and may have “amount”, “unit” and “prep”", strings.Join(rows[0], ", "))
	}
	if len(t.lines) == 0 {
		return "", errors.New("the table has a heading and no ingredients")
	}
	out := t.text()
	return out, Check(out)
}

// separator is what parts the cells: the mark that the first lines have most of.
func separator(text string) rune {
	head := text[:min(len(text), 2000)]
	best := ','
	for _, sep := range []rune{';', '\t'} {
		if n := strings.Count(head, string(sep)); n > strings.Count(head, string(best)) {
			best = sep
		}
	}
	return best
}

// heading takes a row that names the columns of what follows.
func (t *table) heading(row []string) bool {
	at := map[string]int{}
	var unnamed []int
	for i, c := range row {
		if k := columnOf(c); k != "" {
			if _, taken := at[k]; !taken {
				at[k] = i
				continue
			}
		}
		if !derived[c] && strings.TrimSpace(c) != "" {
			unnamed = append(unnamed, i)
		}
	}
	_, food := at["food"]
	_, line := at["text"]
	_, step := at["step"]
	if len(at) < 2 && !(line || food && t.at == nil && len(row) == len(at)) || !food && !line && !step || len(at) <= len(unnamed) && t.at != nil {
		return false
	}
	t.at, t.unnamed, t.steps = at, unnamed, step && (food || line) && len(t.lines) > 0
	return true
}

// row takes one row by the columns that hold for it.
func (t *table) row(row []string) {
	var cells []string
	for _, c := range row {
		if c = oneLine(c); c != "" {
			cells = append(cells, c)
		}
	}
	switch {
	case len(cells) == 0:
	case t.at == nil || len(cells) == 1 && len(row) > 1 && strings.TrimSpace(row[0]) != "" && t.at["food"] != 0:
		t.loose = append(t.loose, strings.Join(cells, ", "))
	case factKey(cells[0]) != "" && len(cells) > 1:
		t.method = append(t.method, factLine(cells))
	default:
		t.entry(row)
	}
}

// factKeys are names of what a sheet states of the process.
var factKeys = set("jar jars pack headspace method pressure time minutes elevation altitude yield makes process canner gauge vent venting")

// factKey returns the key without its unit, "" where the cell is none.
func factKey(cell string) string {
	key, _, _ := strings.Cut(strings.ToLower(cell), "(")
	if key = strings.Trim(key, " :"); factKeys[key] {
		return key
	}
	return ""
}

// factLine writes "Headspace (in)", "1" as "Headspace: 1 in".
func factLine(cells []string) string {
	name, unit, _ := strings.Cut(cells[0], "(")
	s := strings.TrimSpace(strings.Trim(name, " :")) + ": " + strings.Join(cells[1:], " ")
	if unit = strings.TrimRight(unit, " )"); unit != "" {
		s += " " + unit
	}
	return s
}

// entry takes an ingredient or a step.
func (t *table) entry(row []string) {
	get := func(k string) string {
		if i, ok := t.at[k]; ok && i < len(row) {
			return oneLine(row[i])
		}
		return ""
	}
	if name := get("recipe"); name != "" {
		t.title = name
	}
	line := get("text")
	step := get("step")
	if !strings.ContainsFunc(step, unicode.IsLetter) {
		step = ""
	}
	told := t.steps || step != "" && line == "" && get("food") == ""
	if told && line == "" && step != "" {
		line, step = strings.TrimRight(step, "."), ""
	}
	if line == "" {
		line = strings.Join(strings.Fields(get("amount")+" "+get("unit")+" "+get("food")), " ")
	}
	if m := get("minutes"); m != "" && line != "" && strings.ContainsAny(m, "0123456789") {
		line += ", " + m
		if strings.Trim(m, "0123456789-. ") == "" {
			line += " minutes"
		}
	}
	between := ", "
	if told {
		between = ". "
	}
	if p := get("prep"); p != "" && line != "" {
		line += between + p
	}
	for _, i := range t.unnamed {
		if i < len(row) && strings.ContainsFunc(row[i], unicode.IsLetter) {
			if line != "" {
				line += "; "
			}
			line += oneLine(row[i])
		}
	}
	if step != "" {
		t.method = append(t.method, step)
	}
	switch {
	case line == "":
	case told:
		t.method = append(t.method, strings.TrimRight(line, ".")+".")
	default:
		t.lines = append(t.lines, line)
	}
}

func (t *table) text() string {
	if t.title == "" && len(t.loose) > 0 {
		t.title, t.loose = t.loose[0], t.loose[1:]
	}
	if t.title == "" {
		t.title = "Untitled recipe"
	}
	out := t.title + "\n\n"
	if len(t.loose) > 0 {
		out += strings.Join(t.loose, "\n") + "\n\n"
	}
	out += "Ingredients\n" + strings.Join(t.lines, "\n") + "\n"
	if len(t.method) > 0 {
		out += "\nMethod\n" + strings.Join(t.method, "\n") + "\n"
	}
	return out
}
