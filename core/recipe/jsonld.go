package recipe

import (
	"encoding/json"
	"fmt"
	"html"
	"strings"
)

// FromJSONLD finds the schema.org Recipe objects of a JSON-LD document and
// writes each as plain text for Text: title, ingredients one to a line,
// method. Objects that nest deeper than eight levels are not looked at.
func FromJSONLD(data []byte) ([]string, error) {
	if len(data) > MaxBytes {
		return nil, ErrLarge
	}
	var doc any
	if err := json.Unmarshal(data, &doc); err != nil && json.Unmarshal([]byte(forgive(string(data))), &doc) != nil {
		return nil, fmt.Errorf("this is not valid JSON: %w", err)
	}
	var out []string
	findRecipes(doc, 0, &out)
	if len(out) == 0 {
		return nil, fmt.Errorf("no schema.org Recipe stands in this JSON")
	}
	return out, nil
}

// forgive mends what pages often get wrong in their JSON: comments, a comma
// behind the last of a list, lines broken inside a string.
func forgive(s string) string {
	var b strings.Builder
	within := false
	for i := 0; i < len(s); i++ {
		c := s[i]
		switch {
		case within && c == '\\' && i+1 < len(s):
			b.WriteByte(c)
			i++
			b.WriteByte(s[i])
		case within && c == '\n':
			b.WriteString(`\n`)
		case within && c < ' ':
			b.WriteByte(' ')
		case c == '"':
			within = !within
			b.WriteByte(c)
		case !within && strings.HasPrefix(s[i:], "/*"):
			end := strings.Index(s[i+2:], "*/")
			if end < 0 {
				return b.String()
			}
			i += end + 3
		case !within && strings.HasPrefix(s[i:], "//"):
			for i < len(s) && s[i] != '\n' {
				i++
			}
		case !within && c == ',' && closesNext(s[i+1:]):
		default:
			b.WriteByte(c)
		}
	}
	return b.String()
}

// closesNext reports whether a bracket closes right behind.
func closesNext(s string) bool {
	for s = strings.TrimLeft(s, " \t\r\n"); strings.HasPrefix(s, "//"); s = strings.TrimLeft(s, " \t\r\n") {
		_, s, _ = strings.Cut(s, "\n")
	}
	return s != "" && (s[0] == ']' || s[0] == '}')
}

func findRecipes(v any, depth int, out *[]string) {
	if depth > 8 {
		return
	}
	switch x := v.(type) {
	case []any:
		for _, e := range x {
			findRecipes(e, depth+1, out)
		}
	case map[string]any:
		if isType(x["@type"], "Recipe") {
			if text := recipeText(x); text != "" {
				*out = append(*out, text)
			}
			return
		}
		for _, key := range []string{"@graph", "mainEntity", "itemListElement", "item"} {
			findRecipes(x[key], depth+1, out)
		}
	}
}

func isType(v any, want string) bool {
	for _, s := range stringsOf(v, 0) {
		if strings.EqualFold(s, want) || strings.HasSuffix(strings.ToLower(s), "/"+strings.ToLower(want)) {
			return true
		}
	}
	return false
}

// recipeText writes the recipe as plain text, "" where it has neither
// ingredients nor instructions.
func recipeText(m map[string]any) string {
	var b strings.Builder
	filled := false
	name := strings.Join(stringsOf(m["name"], 0), " ")
	if name == "" {
		name = "Untitled recipe"
	}
	fmt.Fprintf(&b, "%s\n\nIngredients\n", oneLine(name))
	list := m["recipeIngredient"]
	if list == nil {
		list = m["ingredients"]
	}
	for _, s := range stringsOf(list, 0) {
		for _, line := range strings.Split(s, "\n") {
			if line = oneLine(line); line != "" {
				b.WriteString(line + "\n")
				filled = true
			}
		}
	}
	b.WriteString("\nMethod\n")
	for _, s := range stringsOf(m["recipeInstructions"], 0) {
		for _, line := range strings.Split(s, "\n") {
			if line = oneLine(line); line != "" {
				b.WriteString(line + "\n")
				filled = true
			}
		}
	}
	for _, key := range []string{"description", "notes", "note", "tips", "recipeNotes", "comment"} {
		for _, s := range stringsOf(m[key], 0) {
			for _, line := range strings.Split(s, "\n") {
				if line = oneLine(line); line != "" {
					b.WriteString(line + "\n")
				}
			}
		}
	}
	if y := oneLine(strings.Join(stringsOf(m["recipeYield"], 0), ", ")); y != "" {
		b.WriteString("Makes " + y + ".\n")
	}
	if !filled {
		return ""
	}
	return b.String()
}

// named returns the name of a step or section where its text does not begin with
// it: a name may say what the text does not.
func named(name, texts []string) []string {
	if len(name) == 0 || len(texts) == 0 || strings.HasPrefix(texts[0], strings.TrimSuffix(name[0], "…")) {
		return nil
	}
	return []string{strings.TrimSuffix(name[0], ":") + "."}
}

func oneLine(s string) string {
	return strings.Join(strings.Fields(html.UnescapeString(s)), " ")
}

// stringsOf flattens strings, lists, HowToStep and HowToSection objects.
func stringsOf(v any, depth int) []string {
	if depth > 8 {
		return nil
	}
	switch x := v.(type) {
	case string:
		return []string{withoutTags(x)}
	case []any:
		var out []string
		for _, e := range x {
			out = append(out, stringsOf(e, depth+1)...)
		}
		return out
	case map[string]any:
		name := stringsOf(x["name"], depth+1)
		if steps := stringsOf(x["itemListElement"], depth+1); len(steps) > 0 {
			return append(named(name, steps), steps...)
		}
		if s := stringsOf(x["text"], depth+1); len(s) > 0 {
			return append(named(name, s), s...)
		}
		return stringsOf(x["name"], depth+1)
	}
	return nil
}
