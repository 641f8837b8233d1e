package book

import (
	"strings"

	"damson/core/food"
	"damson/core/printed"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
)

// Draft is a recipe of a book laid out as a procedure. Every field is a guess until somebody has
// gone through it with the book.
type Draft struct {
	Title                   string
	Product, Class, Acidity string
	Yield                   string
	Pack                    string
	// HotGuessed is true where the text does not say how it is packed.
	HotGuessed bool
	// Headspace is in inches, 0 where the text gives none.
	Headspace float64
	Lines     []Line
	Needs     []Need
	Rows      []Row
}

// Line is an ingredient of the book's recipe.
type Line struct {
	No   int
	Text string
	// Name is what it is called, Food what it is; nil where Damson knows none by that name.
	Name string
	Food *food.Food
	// Like are the foods that the text lets stand in for it.
	Like []*food.Food
	Role procedure.Role
	// Why says what the role was guessed from, Sure that it can hardly be another.
	Why  string
	Sure bool
	// Amount is for the batch, or for each jar where Per is set; 0 where none is given.
	Amount   float64
	Unit     quantity.Unit
	Per      quantity.Jar
	Form     string
	Optional bool
	// Method is true where only the method names it.
	Method bool

	grams float64
}

// Need is a sentence of the method that safety may rest on.
type Need struct {
	No   int
	Need string
	Text string
}

// New lays the recipe out. Kind is the kind of product that its title names, "" for none; columns
// are those of Rows.
func New(r *recipe.Reader, rec *recipe.Recipe, kind string, columns Columns) *Draft {
	reading := r.Reading("", rec)
	d := &Draft{Title: reading.Title, Product: kind}
	for _, in := range reading.Ingredients {
		d.add(in.Line, in.From == "method")
	}
	for _, l := range rec.Lines {
		if l.Kind == recipe.Ingredient && !l.Struck && !l.Serving && l.Food == "" {
			d.Lines = append(d.Lines, Line{No: l.No, Text: l.Text, Name: l.Text})
		}
	}
	if reading.Yield != nil {
		d.Yield = *reading.Yield
	}
	if reading.Pack != nil {
		d.Pack = *reading.Pack
	}
	if d.Pack == "" && cookedFirst[kind] {
		d.Pack, d.HotGuessed = "hot", true
	}
	if reading.Headspace != nil {
		d.Headspace = *reading.Headspace
	}
	d.water(rec)
	d.roles()
	d.Needs = needsOf(rec)
	d.Rows = Rows(printed.Read(sentencesOf(rec)), columns)
	for i := range d.Rows {
		if d.Rows[i].Method == "" && len(rec.Stated.Methods) > 0 {
			d.Rows[i].Method = rec.Stated.Methods[0].Value
		}
		if d.Rows[i].Method == "" && len(d.Rows[i].PSI) == 0 {
			d.Rows[i].Method, d.Rows[i].Guessed = procedure.WaterBath, true
		}
		if d.Rows[i].Method == procedure.Steam {
			d.Rows[i].Method = procedure.WaterBath // the same minutes; which rows steam may use is the library's to say
		}
		if d.Rows[i].Jar == "" && reading.Jar != nil {
			d.Rows[i].Jar = *reading.Jar
		}
	}
	d.kind()
	return d
}

// cookedFirst are the products that are cooked before they are filled, and filled no other way
// (common practice, no source).
var cookedFirst = map[string]bool{"jam": true, "spread": true, "salsa": true, "sauce": true, "ketchup": true, "relish": true, "syrup": true, "juice": true, "soup": true, "curd": true, "chili": true, "stock": true}

func (d *Draft) add(l *recipe.Line, method bool) {
	x := Line{No: l.No, Text: l.Text, Name: l.Food, Food: l.Ref, Form: l.Form(), Optional: l.Optional, Method: method}
	if l.Grams != nil {
		x.grams = *l.Grams
	}
	if x.Form == "whole" {
		x.Form = ""
	}
	for _, a := range l.Alternatives {
		if a.Ref != nil && a.Ref != l.Ref && !a.OwnAmount {
			x.Like = append(x.Like, a.Ref)
		}
	}
	if l.AmountMax != nil {
		x.Amount, x.Unit = *l.AmountMax, l.Unit
		if l.Package != nil && l.Unit.Dimension() == quantity.Count {
			x.Amount, x.Unit = l.Package.Amount**l.AmountMax, l.Package.Unit
		}
		if x.Unit == quantity.None {
			x.Unit = quantity.Each
		}
		if leastOf(x.Food) {
			x.Amount = *l.AmountMin * x.Amount / *l.AmountMax
		}
	}
	if jar, ok := quantity.ParseJar(l.Per); ok && l.Per != "" {
		x.Per = jar
	}
	d.Lines = append(d.Lines, x)
}

// leastOf reports a food of whose range the smaller end binds: what makes it safe.
func leastOf(f *food.Food) bool {
	return f.In("vinegar", "bottled-citrus", "citrus-juice", "citric-acid")
}

// water adds what only the method pours over the food.
func (d *Draft) water(rec *recipe.Recipe) {
	for _, l := range d.Lines {
		if l.Food.In("water") || l.Food != nil && l.Food.ID == "water" {
			return
		}
	}
	for _, s := range rec.Steps {
		if s.Serving || s.Talk {
			continue
		}
		for _, m := range s.Foods {
			if m.Food != nil && m.Food.ID == "water" && m.Put && !m.Beside && !m.Without && !m.Serving && coversFood(s.Text) {
				d.Lines = append(d.Lines, Line{No: s.No, Text: s.Text, Name: "water", Food: m.Food, Optional: true, Method: true})
				return
			}
		}
	}
}

// coversFood reports a sentence that pours something over what is packed.
func coversFood(text string) bool {
	low := strings.ToLower(text)
	return strings.Contains(low, "cover") || strings.Contains(low, "pour") || strings.Contains(low, "fill") || strings.Contains(low, "add")
}

// sentencesOf are the lines and sentences that may tell of a process, in the order of the text.
func sentencesOf(rec *recipe.Recipe) []printed.Sentence {
	var out []printed.Sentence
	lines := rec.Lines
	take := func(before int) {
		for len(lines) > 0 && lines[0].No < before {
			if lines[0].Kind != recipe.Ingredient {
				out = append(out, printed.Sentence{Line: lines[0].No, Text: lines[0].Text})
			}
			lines = lines[1:]
		}
	}
	for _, s := range rec.Steps {
		take(s.No)
		if !s.Serving {
			out = append(out, printed.Sentence{Line: s.No, Text: s.Text})
		}
	}
	take(1 << 30)
	return out
}

// needActs are the acts that safety may rest on, by the need that rules look for.
var needActs = []struct {
	need string
	acts []string
}{
	{"soaked", []string{"soak"}},
	{"peeled", []string{"peel", "blister"}},
	{"pureed", []string{"puree", "strain"}},
	{"crushed", []string{"crush", "mash"}},
	{"browned", []string{"brown", "fry"}},
	{"baked", []string{"bake", "roast"}},
	{"grated", []string{"grate"}},
	{"reduced", []string{"reduce", "mounds"}},
	{"boiled", []string{"boil", "simmer", "blanch"}},
	{"trimmed", []string{"trim", "shape", "core", "seed", "shell", "bone"}},
	{"pieces", []string{"cut"}},
}

// needPreps are the same of the lines, by what a line says of its food.
var needPreps = []struct {
	need  string
	preps []string
}{{"pureed", []string{"pureed"}}, {"crushed", []string{"crushed", "mashed"}}, {"grated", []string{"grated", "shredded"}}}

// needsOf finds what the lines and the sentences before the jars are filled do to the food that
// rules look for: each need once, by the words that say it first.
func needsOf(rec *recipe.Recipe) []Need {
	var out []Need
	taken := map[string]bool{}
	add := func(no int, need, text string) {
		if !taken[need] {
			taken[need] = true
			out = append(out, Need{No: no, Need: need, Text: text})
		}
	}
	for _, s := range rec.Steps {
		if s.Serving || s.Talk || s.Loaded || s.Between {
			continue
		}
		for _, n := range needActs {
			if s.Did(n.acts...) {
				add(s.No, n.need, s.Text)
			}
		}
	}
	for _, l := range rec.Lines {
		for _, n := range needPreps {
			if l.Kind == recipe.Ingredient && !l.Serving && l.HasPrep(n.preps...) {
				add(l.No, n.need, l.Text)
			}
		}
	}
	return out
}
