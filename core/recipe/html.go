package recipe

import (
	"strings"

	"golang.org/x/net/html"

	"damson/core/pattern"
	"damson/core/words"
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
	root, err := html.Parse(strings.NewReader(page))
	if err != nil {
		return nil, errNoRecipe
	}
	p := &htmlPage{}
	p.walk(root)
	p.flush()
	var out []string
	for _, s := range p.ld {
		if texts, err := FromJSONLD([]byte(s)); err == nil {
			out = append(out, texts...)
		}
	}
	if len(out) > 0 {
		return p.more(out), nil
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
	line  strings.Builder
	micro microdata
	// plain is true where only the words are wanted.
	plain bool
	// within is set where a property's words are collected: a list or steps inside
	// it, as in an element that nobody closed, are another property's.
	within bool
	// aside counts the elements around that hold menus, comments, advertisements;
	// beside are the lines found in such.
	aside  int
	beside map[int]bool
}

// more adds to a page's only recipe what its words say besides: a note under the
// list, a step that its data leaves out.
func (p *htmlPage) more(texts []string) []string {
	if len(texts) != 1 {
		return texts
	}
	have := words.FoldPhrase(texts[0])
	var extra []string
	for i, line := range p.lines {
		if p.beside[i] {
			continue
		}
		for _, s := range Sentences(line) {
			f := words.FoldPhrase(s)
			if len(strings.Fields(f)) < 4 || strings.Contains(have, f) || furniture.MatchString(s) {
				continue
			}
			extra = append(extra, s)
			have += " " + f
		}
	}
	if len(extra) > 0 {
		texts[0] = strings.TrimRight(texts[0], "\n") + "\n\nNotes\n" + strings.Join(extra, "\n") + "\n"
	}
	return texts
}

// besides are words in the names of elements that are no part of the recipe.
var besides = pattern.MustCompile(`(?i)comment|sidebar|menu|\bnav|related|advert|\bads?\b|share|social|widget|footer|header|breadcrumb|newsletter|promo|cookie|popup|respond|author|bio|subscribe`)

// isBeside reports whether the element holds a menu, comments or advertisements.
func isBeside(n *html.Node) bool {
	switch n.Data {
	case "aside", "nav", "footer", "form", "header":
		return true
	case "body", "html", "main", "article":
		return false
	}
	return besides.MatchString(attr(n, "class")) || besides.MatchString(attr(n, "id"))
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

// Elements that stand on lines of their own, and elements whose words are
// never a part of a recipe. In doubt words stay: a line too many is asked about,
// a line lost is not.
var (
	blockTags = set("p div br li ul ol tr table h1 h2 h3 h4 h5 h6 section article header footer main dd dt dl hr figcaption blockquote")
	skipTags  = set("script style noscript nav button svg select option template iframe head")
)

func set(words string) map[string]bool {
	m := map[string]bool{}
	for _, w := range strings.Fields(words) {
		m[w] = true
	}
	return m
}

// walk collects what stands in the node and below it.
func (p *htmlPage) walk(n *html.Node) {
	switch {
	case n.Type == html.TextNode:
		p.line.WriteString(n.Data)
	case n.Type == html.ElementNode && n.Data == "script" && !p.plain && strings.Contains(attr(n, "type"), "ld+json"):
		p.ld = append(p.ld, textOf(n, false)...)
	}
	prop := attr(n, "itemprop")
	if p.within && listProps[prop] {
		return
	}
	if (!p.plain || !p.within && listProps[prop]) && p.micro.take(prop, n) && !p.plain {
		p.plain = true // what stands inside belongs to it
		defer func() { p.plain = false }()
	}
	if n.Type == html.ElementNode && isBeside(n) {
		p.flush()
		p.aside++
		defer func() { p.flush(); p.aside-- }()
	}
	skip := n.Type == html.ElementNode && (skipTags[n.Data] || n.Data == "footer" && n.Parent != nil && n.Parent.Data == "body")
	block := blockTags[n.Data]
	if block {
		p.flush()
	}
	p.cell(n)
	before, kept := len(p.lines), p.line.String()
	for c := n.FirstChild; c != nil; c = c.NextSibling {
		p.walk(c)
	}
	if skip { // looked through for data, not for words
		p.lines = p.lines[:before]
		p.line.Reset()
		p.line.WriteString(kept)
	}
	if block {
		p.flush()
	}
}

// cell parts the cells of a row.
func (p *htmlPage) cell(n *html.Node) {
	if n.Type == html.ElementNode && (n.Data == "td" || n.Data == "th") && strings.TrimSpace(p.line.String()) != "" {
		p.line.WriteString(" | ")
	}
}

func (p *htmlPage) flush() {
	if s := oneLine(p.line.String()); s != "" {
		if p.aside > 0 {
			if p.beside == nil {
				p.beside = map[int]bool{}
			}
			p.beside[len(p.lines)] = true
		}
		p.lines = append(p.lines, s)
	}
	p.line.Reset()
}

// microProps are the itemprops of a Recipe that Damson reads.
var microProps = set("recipeIngredient ingredients recipeInstructions recipeYield name")

// listProps are those that hold a line each, whatever stands round them.
var listProps = set("recipeIngredient ingredients recipeInstructions")

// take keeps the words of an element with the itemprop, and reports whether it
// is one that Damson reads.
func (m *microdata) take(prop string, n *html.Node) bool {
	if !microProps[prop] {
		return false
	}
	list := textOf(n, prop == "recipeInstructions")
	if c := oneLine(attr(n, "content")); c != "" {
		list = []string{c}
	}
	if len(list) == 0 {
		return true
	}
	switch prop {
	case "recipeIngredient", "ingredients":
		m.ingredients = append(m.ingredients, list...)
	case "recipeInstructions":
		m.steps = append(m.steps, list...)
	case "recipeYield":
		m.yield = list[0]
	case "name":
		if m.name == "" {
			m.name = list[0]
		}
	}
	return true
}

// textOf returns the words below the node: one string, or one for each block.
func textOf(n *html.Node, blocks bool) []string {
	p := htmlPage{plain: true, within: true}
	for c := n.FirstChild; c != nil; c = c.NextSibling {
		p.walk(c)
	}
	if n.Data == "script" {
		return []string{p.line.String()}
	}
	p.flush()
	if blocks || len(p.lines) == 0 {
		return p.lines
	}
	return []string{strings.Join(p.lines, " ")}
}

// withoutTags returns the words of a string that may hold markup, a line for
// each block.
func withoutTags(s string) string {
	if !strings.Contains(s, "<") {
		return s
	}
	root, err := html.Parse(strings.NewReader(s))
	if err != nil {
		return s
	}
	p := htmlPage{plain: true}
	p.walk(root)
	p.flush()
	return strings.Join(p.lines, "\n")
}

func attr(n *html.Node, name string) string {
	for _, a := range n.Attr {
		if a.Key == name {
			return a.Val
		}
	}
	return ""
}
