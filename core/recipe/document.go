package recipe

import (
	"bytes"
	"errors"
	"fmt"
	"slices"
	"strings"
	"unicode"
	"unicode/utf8"

	"damson/core/pattern"
	"damson/core/words"
)

// The formats that Open tells apart.
const (
	FormatText   = "text"
	FormatJSONLD = "json-ld"
	FormatHTML   = "html"
	FormatCSV    = "csv"
	FormatMail   = "mail"
	// FormatMarkdown is only written; it reads as plain text.
	FormatMarkdown = "markdown"
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
	d, err := takeApart(name, data)
	if d != nil && len(d.Texts) > MaxRecipes {
		return nil, fmt.Errorf("this holds more than %d recipes: send it in parts", MaxRecipes)
	}
	return d, err
}

func takeApart(name string, data []byte) (*Document, error) {
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
	case isMail(name, trimmed):
		one := FromMail(trimmed)
		if strings.TrimSpace(one) == "" {
			return nil, errNoRecipe
		}
		return &Document{FormatMail, []string{one}, []int{0}}, Check(one)
	case isHTML(trimmed):
		texts, err := FromHTML(text)
		return &Document{FormatHTML, texts, make([]int, len(texts))}, err
	case strings.HasSuffix(strings.ToLower(name), ".csv") || strings.HasSuffix(strings.ToLower(name), ".tsv") || looksLikeCSV(trimmed):
		one, err := FromCSV(text)
		return &Document{FormatCSV, []string{one}, []int{0}}, err
	}
	d := &Document{Format: FormatText}
	if err := d.split(text); err != nil {
		return nil, err
	}
	return d, nil
}

// split parts plain text at rules of dashes, equal signs or asterisks and at
// page breaks, where the recipe before has its method and the next one says
// that it is a recipe. In doubt all stays one recipe and is judged together.
func (d *Document) split(text string) error {
	lines := strings.Split(strings.ReplaceAll(text, "\r\n", "\n"), "\n")
	begin := 0
	preface := aboveAll(lines)
	part := func(end int) {
		text, line := strings.Join(lines[begin:end], "\n"), begin+1
		if begin > 0 && preface != "" {
			text, line = text+"\n\n"+preface, 0 // what is said of all of them is said of each
		}
		d.Texts = append(d.Texts, text)
		d.Lines = append(d.Lines, line)
	}
	for i, l := range lines {
		switch {
		case isRule(l) && ends(lines[begin:i], l) && (starts(lines[i+1:]) || processes(lines[begin:i]) && whole(lines[i+1:])):
			part(i)
			begin = i + 1
		case !isMarked(l):
		case ends(lines[begin:i], "") && processes(lines[begin:i]) && whole(lines[i:]):
			part(i)
			begin = i
		}
	}
	part(len(lines))
	for i, t := range d.Texts {
		if err := Check(t); err != nil {
			if len(d.Texts) > 1 {
				return fmt.Errorf("the recipe that begins on line %d: %w", d.Lines[i], err)
			}
			return err
		}
	}
	return nil
}

// isMarked reports whether the line is marked as a heading: "## Blueberry jam",
// "Recipe 2".
func isMarked(line string) bool { return marked.MatchString(strings.TrimSpace(line)) }

var marked = pattern.MustCompile(`(?i)^(#{1,4} \S|recipe \d+\W*$|recipe (one|two|three)\W*$)`)

// aboveAll is what stands between a document's title and its first marked heading,
// where no list stands there.
func aboveAll(lines []string) string {
	for i, l := range lines {
		if i > 0 && isMarked(l) {
			if anyAmount(lines[:i]) {
				return ""
			}
			return strings.TrimSpace(strings.Join(lines[1:i], "\n"))
		}
	}
	return ""
}

func anyAmount(lines []string) bool {
	return slices.ContainsFunc(lines, func(l string) bool { return startsWithNumber(stripBullet(strings.TrimSpace(l))) })
}

// partOfRecipe heads what goes with another list.
var partOfRecipe = pattern.MustCompile(`(?i)^#*\s*(for )?(the |a )?(\pL+ )?(sauce|gravy|brine|syrup|filling|topping|dressing|glaze|marinade|crust|base|liquid)\W*$`)

// whole reports whether the lines up to the next rule or marked heading are a recipe
// of their own: a title, a list of three amounts or more, and a method that processes
// jars.
func whole(lines []string) bool {
	amounts, process, title := 0, false, false
	for i, l := range lines {
		t := stripBullet(strings.TrimSpace(l))
		if i > 0 && title && (isRule(l) || isMarked(l)) {
			break
		}
		switch low := strings.ToLower(t); {
		case t == "":
		case startsWithNumber(t):
			amounts++
		case amounts == 0 && !title && partOfRecipe.MatchString(t):
			return false // "The sauce" goes with what stands above
		case amounts == 0:
			title = title || !isMarked(l) || strings.HasPrefix(strings.TrimSpace(l), "#")
		default:
			process = process || processing(low)
		}
	}
	return title && amounts >= 3 && process
}

// processes reports whether the lines process jars.
func processes(lines []string) bool {
	return slices.ContainsFunc(lines, func(l string) bool { return processing(strings.ToLower(l)) })
}

func processing(low string) bool {
	return containsAny(low, "process", "water bath", "boiling-water", "canner")
}

// ends reports whether the lines before a rule are a whole recipe: an amount,
// and a method behind it. Before a page break an amount is enough.
func ends(lines []string, rule string) bool {
	amount, method := false, false
	for _, l := range lines {
		t := stripBullet(l)
		h, ok := heading(t)
		section, _ := sectionOf(h, "")
		switch {
		case ok && section == "method", amount && strings.HasSuffix(t, "."):
			method = true
		case startsWithNumber(t):
			amount = true
		}
	}
	return amount && (method || strings.HasPrefix(rule, "\f"))
}

// starts reports whether the lines up to the next rule begin a recipe: a title,
// which is no amount, and then a heading of ingredients. A first line "# Title"
// or "Recipe: title" says so too.
func starts(lines []string) bool {
	title := false
	for _, l := range lines {
		t := strings.TrimSpace(l)
		if t == "" {
			continue
		}
		if isRule(l) {
			return false
		}
		if !title {
			if startsWithNumber(stripBullet(t)) {
				return false
			}
			title = true
			if low := strings.ToLower(t); strings.HasPrefix(low, "# ") || strings.HasPrefix(low, "recipe:") || strings.HasPrefix(low, "title:") {
				return true
			}
			continue
		}
		if h, ok := heading(stripBullet(t)); ok {
			if s, _ := sectionOf(h, ""); s == "ingredients" {
				return true
			}
		}
	}
	return false
}

func startsWithNumber(t string) bool {
	r, _ := utf8.DecodeRuneInString(t)
	return r >= '0' && r <= '9' || words.Vulgar[r] != 0
}

// isRule reports whether the line parts one recipe from the next.
func isRule(line string) bool {
	if line == "\f" || strings.HasPrefix(line, "\f") && strings.TrimSpace(line) == "" {
		return true
	}
	t := strings.ReplaceAll(strings.TrimSpace(line), " ", "")
	return len(t) >= 3 && (strings.Trim(t, "-") == "" || strings.Trim(t, "=") == "" || strings.Trim(t, "*") == "" || strings.Trim(t, "_") == "")
}

// saysNothing reports an empty line, or one of dashes and points: "--", "~ * ~".
func saysNothing(line string) bool {
	return strings.IndexFunc(line, func(r rune) bool {
		return !unicode.IsPunct(r) && !unicode.IsSpace(r) && !strings.ContainsRune("~=+|^`<>", r)
	}) < 0
}

// errNoRecipe says that a file of a known format holds no recipe.
var errNoRecipe = errors.New("no recipe stands in it: copy the recipe's words and paste them")
