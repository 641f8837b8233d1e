package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// Reading is a recipe as it was understood, for showing: what is in it, what the
// text states of the process, and what each clause does.
type Reading struct {
	File        string         `json:"file"`
	Title       string         `json:"title"`
	Ingredients []ReadLine     `json:"ingredients"`
	Jar         *quantity.Jar  `json:"jar"`
	Minutes     *float64       `json:"minutes"`
	PSI         *float64       `json:"psi"`
	Method      *string        `json:"method"`
	Pack        *string        `json:"pack"`
	Headspace   *float64       `json:"headspace"`
	Elevation   *float64       `json:"elevation_ft"`
	Yield       *string        `json:"yield"`
	Acts        []ReadAct      `json:"acts"`
	Notes       []ReadSentence `json:"notes"`
}

// ReadLine is an ingredient with where it was found: "list" or "method".
type ReadLine struct {
	*Line
	From string `json:"from"`
}

// ReadSentence is a line that is neither ingredient nor method.
type ReadSentence struct {
	Line int    `json:"line"`
	Text string `json:"text"`
	Kind string `json:"kind"`
}

// ReadAct is what a clause does. Read is "whole", "part" where something in it
// is asked about, "no" where nothing of it could be read.
type ReadAct struct {
	Line    int      `json:"line"`
	Clause  string   `json:"clause"`
	Act     string   `json:"act"`
	Of      []string `json:"of"`
	With    []string `json:"with"`
	Into    string   `json:"into"`
	Minutes *float64 `json:"minutes"`
	Phase   string   `json:"phase"`
	Done    bool     `json:"done"`
	Read    string   `json:"read"`
	Why     string   `json:"why,omitempty"`
}

// Reading lays the recipe out for showing.
func (r *Reader) Reading(file string, rec *Recipe) *Reading {
	out := &Reading{File: file, Title: rec.Title, Ingredients: []ReadLine{}, Acts: []ReadAct{}, Notes: []ReadSentence{}}
	r.readIngredients(out, rec)
	readProcess(out, &rec.Stated)
	if hot := "hot"; out.Pack == nil && len(rec.Stated.Packs) == 0 && len(rec.Steps) > 0 && filledHot.MatchString(rec.Title) {
		out.Pack = &hot
	}
	out.Yield = yieldOf(rec)
	for _, s := range rec.Steps {
		for i := range s.Clauses {
			out.Acts = append(out.Acts, readActs(s, &s.Clauses[i])...)
		}
	}
	for _, l := range rec.Lines {
		if l.Kind != Ingredient {
			out.Notes = append(out.Notes, ReadSentence{l.No, l.Text, l.Kind})
		}
	}
	if out.Title == "" && len(out.Ingredients) > 0 {
		out.Title = out.Ingredients[0].Food
	}
	return out
}

// filledHot names products that are cooked, and filled no other way.
var filledHot = pattern.MustCompile(`(?i)\b(jams?|jelly|jellies|marmalade|preserves|syrup|salsa|ketchup|chutney|stock|(apple|pear|peach|plum) butter)\W*$`)

// readIngredients lists what goes into the jar: the list's lines one food each,
// and behind them what only the method measures.
func (r *Reader) readIngredients(out *Reading, rec *Recipe) {
	listed := map[string]bool{}
	add := func(l *Line, from string) {
		out.Ingredients = append(out.Ingredients, ReadLine{l, from})
		listed[l.FoodID] = true
	}
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.Serving || l.Food == "" {
			continue
		}
		add(l, "list")
		for _, x := range l.Also {
			add(x, "list")
		}
	}
	for _, s := range rec.Steps {
		if s.Serving || s.Talk {
			continue
		}
		for _, l := range r.Measured(s) {
			for _, x := range append([]*Line{l}, l.Also...) {
				if !listed[x.FoodID] {
					add(x, "method")
				}
			}
		}
	}
}

func readProcess(out *Reading, st *Stated) {
	jar, _, jarOK := st.OneJar()
	if jarOK {
		out.Jar = &jar
	} else if len(st.Jars) > 0 {
		out.Jar, jar = &st.Jars[0].Value, st.Jars[0].Value
	}
	if m, ok := st.MinutesFor(jar); ok {
		out.Minutes = &m.Minutes
	} else if len(st.Minutes) > 0 {
		out.Minutes = &st.Minutes[len(st.Minutes)-1].Minutes
	}
	if m, _, ok := st.OneMethod(); ok {
		out.Method = &m
	} else if len(st.Methods) > 0 {
		out.Method = &st.Methods[0].Value
	}
	if p, _, ok := st.OnePack(); ok {
		out.Pack = &p
	}
	for _, x := range []struct {
		from *Said[float64]
		to   **float64
	}{{st.PSI, &out.PSI}, {st.Headspace, &out.Headspace}, {st.Elevation, &out.Elevation}} {
		if x.from != nil {
			*x.to = &x.from.Value
		}
	}
}

// yieldOf finds how many jars the text says it fills.
func yieldOf(rec *Recipe) *string {
	var texts []string
	for _, l := range rec.Lines {
		texts = append(texts, l.Text)
	}
	for _, s := range rec.Steps {
		texts = append(texts, s.Text)
	}
	texts = append(texts, rec.Title)
	for _, text := range texts {
		t := words.Split(text)
		for i := range t {
			lo, hi, n := english.Range(t, i)
			if n == 0 || lo != float64(int(lo)) {
				continue
			}
			name, k := jarWord(t, i+n)
			if k == 0 || name == "jar" || t[i+n+k-1].Raw == t[i+n+k-1].Text && hi != 1 && !strings.HasSuffix(t[i+n+k-1].Raw, "s") {
				continue
			}
			said := text[t[i].Start:t[i+n+k-1].End]
			return &said
		}
	}
	return nil
}

func readActs(s *Step, c *method.Clause) []ReadAct {
	one := ReadAct{Line: s.No, Clause: strings.TrimSpace(c.Text), Of: []string{}, With: []string{}, Phase: string(c.Phase), Done: !c.Negated, Read: "whole", Why: c.Why}
	switch c.Kind {
	case method.Talk:
		one.Phase, one.Act = "talk", "talk"
		return []ReadAct{one}
	case method.Serve:
		one.Phase = "serve"
	case method.Unread:
		one.Read = "part"
		if len(c.Acts) == 0 {
			one.Read = "no"
		}
	}
	if len(c.Acts) == 0 {
		return []ReadAct{one}
	}
	var out []ReadAct
	for _, a := range c.Acts {
		x := one
		x.Act, x.Done = a.Name, !a.Undone
		if a.Of != nil {
			x.Of = a.Of
		}
		if m := c.Lasts; a.Minutes > 0 && m > 0 {
			x.Minutes = &m
		}
		x.With, x.Into = c.With(), c.Into()
		out = append(out, x)
	}
	return out
}
