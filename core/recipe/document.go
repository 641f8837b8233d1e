package recipe

import (
	"bytes"
	"errors"
	"fmt"
	"strings"
	"unicode/utf8"

	"damson/core/words"
)

// The formats that Open tells apart.
const (
	FormatText   = "text"
	FormatJSONLD = "json-ld"
	FormatHTML   = "html"
	FormatCSV    = "csv"
)

// Document is a file or a paste, taken apart into recipes as plain text.
type Document struct {
	Format string
	// Texts are the recipes, each for Reader.Text.
	Texts []string
	// Lines holds, for each text, the number of the line of the document on
	// which it begins; 0 where the text was written from another format.
	Lines []int
}

// MaxRecipes is the most recipes that one document may hold.
const MaxRecipes = 200

// Open tells what the data is, by its first letters and the name's ending, and
// takes the recipes out: plain text (several, where a line of dashes or a page
// break parts them), JSON-LD, a web page that carries JSON-LD or microdata, a
// table of ingredients. Nothing in it is run. Errors say what is wrong and
// where.
func Open(name string, data []byte) (*Document, error) {
	if len(data) > MaxBytes {
		return nil, ErrLarge
	}
	data = bytes.TrimPrefix(data, []byte("\xEF\xBB\xBF"))
	text := string(data)
	trimmed := strings.TrimSpace(text)
	switch {
	case trimmed == "":
		return nil, ErrEmpty
	case !utf8.ValidString(text) || strings.ContainsRune(text, 0):
		return nil, ErrBinary
	case strings.HasPrefix(trimmed, "{") || strings.HasPrefix(trimmed, "[") && strings.HasSuffix(trimmed, "]"):
		texts, err := FromJSONLD([]byte(trimmed))
		return &Document{FormatJSONLD, texts, make([]int, len(texts))}, err
	case isHTML(trimmed):
		texts, err := FromHTML(text)
		return &Document{FormatHTML, texts, make([]int, len(texts))}, err
	case strings.HasSuffix(strings.ToLower(name), ".csv") || looksLikeCSV(trimmed):
		one, err := FromCSV(text)
		return &Document{FormatCSV, []string{one}, []int{0}}, err
	}
	d := &Document{Format: FormatText}
	if err := d.split(text); err != nil {
		return nil, err
	}
	return d, nil
}

// split parts plain text at lines of dashes, equal signs or asterisks and at
// page breaks, where a whole recipe stands on either side.
func (d *Document) split(text string) error {
	lines := strings.Split(strings.ReplaceAll(text, "\r\n", "\n"), "\n")
	var cuts []int
	for i, l := range lines {
		if isRule(l) {
			cuts = append(cuts, i)
		}
	}
	cuts = append(cuts, len(lines))
	begin, from := 0, 0
	for n, end := range cuts {
		next := len(lines)
		if n+1 < len(cuts) {
			next = cuts[n+1]
		}
		if end < len(lines) && !(whole(lines[from:end]) && whole(lines[end+1:next])) {
			continue // a rule inside a recipe
		}
		d.Texts = append(d.Texts, strings.Join(lines[begin:end], "\n"))
		d.Lines = append(d.Lines, begin+1)
		begin, from = end+1, end+1
	}
	if len(d.Texts) > MaxRecipes {
		return fmt.Errorf("this holds more than %d recipes: send it in parts", MaxRecipes)
	}
	for i, t := range d.Texts {
		if err := Check(t); err != nil {
			if len(d.Texts) > 1 {
				return fmt.Errorf("the recipe that begins on line %d: %w", d.Lines[i], err)
			}
			return err
		}
	}
	if len(d.Texts) == 0 {
		return ErrEmpty
	}
	return nil
}

// whole reports whether the lines look like a recipe of their own: they have a
// heading of ingredients, or two lines with an amount in front.
func whole(lines []string) bool {
	amounts := 0
	for _, l := range lines {
		t := stripBullet(l)
		if h, ok := heading(t); ok {
			if s, _ := sectionOf(h, ""); s == "ingredients" {
				return true
			}
		}
		if r, _ := utf8.DecodeRuneInString(t); r >= '0' && r <= '9' || words.Vulgar[r] != 0 {
			amounts++
		}
	}
	return amounts >= 2
}

// isRule reports whether the line parts one recipe from the next.
func isRule(line string) bool {
	if line == "\f" || strings.HasPrefix(line, "\f") && strings.TrimSpace(line) == "" {
		return true
	}
	t := strings.ReplaceAll(strings.TrimSpace(line), " ", "")
	return len(t) >= 3 && (strings.Trim(t, "-") == "" || strings.Trim(t, "=") == "" || strings.Trim(t, "*") == "" || strings.Trim(t, "_") == "")
}

// errNoRecipe says that a file of a known format holds no recipe.
var errNoRecipe = errors.New("no recipe stands in it: copy the recipe's words and paste them")
