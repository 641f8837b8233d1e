package recipe

import (
	"html"
	"strings"
)

// isHTML reports whether the text is a web page or a piece of one.
func isHTML(text string) bool {
	head := strings.ToLower(text[:min(len(text), 2000)])
	for _, s := range []string{"<!doctype html", "<html", "<head", "<body", "application/ld+json", "itemprop=", "<div", "<script"} {
		if strings.Contains(head, s) {
			return true
		}
	}
	return false
}

// FromHTML takes the recipes out of a web page: those that it carries as
// JSON-LD, else as schema.org microdata, else its words with the page's own
// furniture left out. Scripts are never run, links never followed.
func FromHTML(page string) ([]string, error) {
	if len(page) > MaxBytes {
		return nil, ErrLarge
	}
	p := scanHTML(page)
	var out []string
	for _, s := range p.ld {
		if texts, err := FromJSONLD([]byte(s)); err == nil {
			out = append(out, texts...)
		}
	}
	if len(out) > 0 {
		return out, nil
	}
	if text := p.micro.text(); text != "" {
		return []string{text}, nil
	}
	text := strings.Join(p.lines, "\n")
	if strings.TrimSpace(text) == "" {
		return nil, errNoRecipe
	}
	if err := Check(text); err != nil {
		return nil, err
	}
	return []string{text}, nil
}

// htmlPage is what a scan of a page found.
type htmlPage struct {
	ld    []string // the contents of its JSON-LD scripts
	lines []string // its words, a line for each block
	micro microdata
}

// microdata is a schema.org Recipe by itemprop.
type microdata struct {
	name, yield        string
	ingredients, steps []string
}

func (m *microdata) text() string {
	if len(m.ingredients) == 0 {
		return ""
	}
	name := m.name
	if name == "" {
		name = "Untitled recipe"
	}
	lines := append([]string{name, "", "Ingredients"}, m.ingredients...)
	lines = append(append(lines, "", "Method"), m.steps...)
	if m.yield != "" {
		lines = append(lines, "Makes "+m.yield+".")
	}
	return strings.Join(lines, "\n") + "\n"
}

// Elements that end a line, and elements whose words are no part of a recipe.
var (
	blockTags = set("p div br li ul ol tr table h1 h2 h3 h4 h5 h6 section article header footer main dd dt dl hr figcaption blockquote")
	skipTags  = set("script style noscript nav footer aside form button svg select option template iframe head figure")
	voidTags  = set("br hr img input meta link source wbr area base col embed track")
)

func set(words string) map[string]bool {
	m := map[string]bool{}
	for _, w := range strings.Fields(words) {
		m[w] = true
	}
	return m
}

// maxDepth is how deep elements may nest; what lies deeper is read as text of
// the last one.
const maxDepth = 200

// scanHTML reads tags and text in one pass. It is lenient: a tag that is never
// closed ends with the page.
func scanHTML(page string) *htmlPage {
	p := &htmlPage{}
	type open struct{ tag, prop string }
	var stack []open
	var line strings.Builder
	var prop strings.Builder
	skip, inProp, propDepth := 0, "", 0
	flush := func() {
		if s := oneLine(line.String()); s != "" {
			p.lines = append(p.lines, s)
		}
		line.Reset()
	}
	endProp := func() {
		s := oneLine(prop.String())
		prop.Reset()
		switch {
		case s == "":
		case inProp == "recipeIngredient" || inProp == "ingredients":
			p.micro.ingredients = append(p.micro.ingredients, s)
		case inProp == "recipeInstructions":
			p.micro.steps = append(p.micro.steps, s)
		case inProp == "recipeYield":
			p.micro.yield = s
		case inProp == "name" && p.micro.name == "":
			p.micro.name = s
		}
		inProp = ""
	}
	for i := 0; i < len(page); {
		lt := strings.IndexByte(page[i:], '<')
		if lt < 0 {
			lt = len(page) - i
		}
		if lt > 0 {
			text := html.UnescapeString(page[i : i+lt])
			if skip == 0 {
				line.WriteString(text)
			}
			if inProp != "" {
				prop.WriteString(text)
			}
			i += lt
			continue
		}
		if strings.HasPrefix(page[i:], "<!--") {
			end := strings.Index(page[i:], "-->")
			if end < 0 {
				break
			}
			i += end + 3
			continue
		}
		gt := strings.IndexByte(page[i:], '>')
		if gt < 0 {
			break
		}
		tag, attrs, closing := readTag(page[i+1 : i+gt])
		i += gt + 1
		if tag == "" {
			continue
		}
		if tag == "script" || tag == "style" {
			if closing {
				continue
			}
			end := strings.Index(strings.ToLower(page[i:]), "</"+tag)
			if end < 0 {
				break
			}
			if strings.Contains(attrs["type"], "ld+json") {
				p.ld = append(p.ld, page[i:i+end])
			}
			i += end
			continue
		}
		if blockTags[tag] {
			flush()
			if inProp != "" {
				if inProp == "recipeInstructions" && (tag == "li" || tag == "p") {
					keep := inProp
					endProp()
					inProp = keep
				} else {
					prop.WriteByte(' ')
				}
			}
		}
		if closing {
			for k := len(stack) - 1; k >= 0; k-- {
				if stack[k].tag != tag {
					continue
				}
				for _, o := range stack[k:] {
					if skipTags[o.tag] {
						skip--
					}
				}
				stack = stack[:k]
				break
			}
			if inProp != "" && len(stack) < propDepth {
				endProp()
			}
			continue
		}
		if inProp == "" && attrs["itemprop"] != "" {
			inProp, propDepth = attrs["itemprop"], len(stack)+1
			if c := attrs["content"]; c != "" {
				prop.WriteString(html.UnescapeString(c))
				endProp()
			}
		}
		if !voidTags[tag] && len(stack) < maxDepth {
			stack = append(stack, open{tag, attrs["itemprop"]})
			if skipTags[tag] {
				skip++
			}
		}
	}
	flush()
	if inProp != "" {
		endProp()
	}
	return p
}

// readTag reads what stands between the angle brackets.
func readTag(s string) (tag string, attrs map[string]string, closing bool) {
	s = strings.TrimSpace(strings.TrimSuffix(s, "/"))
	if strings.HasPrefix(s, "/") {
		closing, s = true, s[1:]
	}
	name := strings.FieldsFunc(s, func(r rune) bool { return r == ' ' || r == '\n' || r == '\t' || r == '\r' || r == '/' })
	if len(name) == 0 || s[0] == '!' || s[0] == '?' {
		return "", nil, false
	}
	tag = strings.ToLower(name[0])
	rest := s[min(len(name[0]), len(s)):]
	for _, want := range []string{"itemprop", "itemtype", "type", "content"} {
		at := strings.Index(strings.ToLower(rest), want)
		if at < 0 || at > 0 && rest[at-1] > ' ' {
			continue
		}
		v := strings.TrimSpace(rest[at+len(want):])
		if !strings.HasPrefix(v, "=") {
			continue
		}
		v = strings.TrimSpace(v[1:])
		if v == "" {
			continue
		}
		if q := v[0]; q == '"' || q == '\'' {
			v = v[1:]
			if end := strings.IndexByte(v, q); end >= 0 {
				v = v[:end]
			}
		} else if end := strings.IndexAny(v, " \t\n"); end >= 0 {
			v = v[:end]
		}
		if attrs == nil {
			attrs = map[string]string{}
		}
		attrs[want] = v
	}
	return tag, attrs, closing
}
