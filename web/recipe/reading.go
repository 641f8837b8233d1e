package recipe

import (
	"errors"
	"fmt"
	"strconv"
	"strings"
	"unicode/utf16"

	"github.com/gin-gonic/gin"

	"damson/core/food"
	"damson/core/quantity"
	"damson/core/recipe"
)

// reading is what Damson understood of a text.
type reading struct {
	Title   string
	Lines   []readLine
	Steps   []readStep
	Problem string
	// Unclear counts the lines that need mending.
	Unclear int
	// Note is what Damson has to say of the last thing done.
	Note string
	// Dropped are the lines set aside as no part of the recipe.
	Dropped []readStep
}

// readLine is one food of an ingredient line.
type readLine struct {
	No                 int
	Text               string
	Heading            bool
	Amount, Unit, Food cell
	// Form is the form and state; Detail what else the line says.
	Form, Detail string
	State        string // "understood", "guess", "unclear", "unknown"
	Say          string
	// Spans are the words that gave something, "0 1 amount,2 6 unit", as UTF-16
	// offsets into the line.
	Spans string
	// Near are foods to choose from where the food is not known.
	Near []string
	// Kinds are the kinds as which an unknown food may be taken.
	Kinds []string
	// Accept is the line as Damson would write what it guessed; empty where it
	// guessed nothing.
	Accept string
	// More is true for the second food of a line.
	More bool
}

// cell is a part of a line: its value, and the words that gave it, as UTF-16
// offsets into the line. Where none did, the two are the place to put one.
type cell struct {
	Value      string
	Start, End int
}

type readStep struct {
	No     int
	Text   string
	Unread string
}

// readText answers htmx with what Damson understands of the text so far.
func (s *Pages) readText(c *gin.Context) {
	if !s.Form(c) {
		return
	}
	s.Fragment(c, "reading", s.read(c.Request.PostForm.Get("text")))
}

// read describes a text line by line.
func (s *Pages) read(text string) reading {
	reader := s.Shelves.Now().Reader()
	text = strings.ReplaceAll(text, "\r\n", "\n")
	rec, err := reader.Text(text)
	if err != nil {
		if errors.Is(err, recipe.ErrEmpty) {
			return reading{}
		}
		return reading{Problem: err.Error()}
	}
	rows := strings.Split(text, "\n")
	near := nearFoods{reader, map[string][]string{}}
	v := reading{Title: rec.Title}
	for _, l := range rec.Lines {
		switch {
		case l.Kind == recipe.Note:
			v.Dropped = append(v.Dropped, readStep{No: l.No, Text: l.Text})
			continue
		case l.Kind == recipe.Heading:
			v.Lines = append(v.Lines, readLine{No: l.No, Text: l.Text, Heading: true})
			continue
		}
		row := rows[l.No-1]
		first := near.view(l)
		first.Text = row
		first.trace(row, reader.Spans(row))
		if l.Reading == recipe.Guess && len(l.Also) == 0 {
			first.Accept = accepted(reader, l)
		}
		v.Lines = append(v.Lines, first)
		for _, x := range l.Also {
			more := near.view(x)
			more.Text, more.More = row, true
			v.Lines = append(v.Lines, more)
		}
	}
	for i := range v.Lines {
		if v.Lines[i].State == "unclear" || v.Lines[i].State == "unknown" {
			v.Unclear++
		}
	}
	for _, st := range rec.Steps {
		v.Steps = append(v.Steps, readStep{st.No, st.Text, strings.Join(st.Unread, ", ")})
	}
	return v
}

// trace ties the cells to the words of the row.
func (v *readLine) trace(row string, spans []recipe.Span) {
	units := func(n int) int { return len(utf16.Encode([]rune(row[:n]))) }
	var list []string
	seen := map[string]bool{}
	body := units(len(row))
	for i, s := range spans {
		start, end := units(s.Start), units(s.End)
		if i == 0 {
			body = start
		}
		list = append(list, fmt.Sprintf("%d %d %s", start, end, s.Part))
		if seen[s.Part] {
			continue // the second food of the line
		}
		seen[s.Part] = true
		for part, c := range map[string]*cell{recipe.PartAmount: &v.Amount, recipe.PartUnit: &v.Unit,
			recipe.PartFood: &v.Food} {
			if s.Part == part {
				c.Start, c.End = start, end
			}
		}
	}
	v.Spans = strings.Join(list, ",")
	if !seen[recipe.PartAmount] {
		v.Amount.Start, v.Amount.End = body, body
	}
	if !seen[recipe.PartUnit] {
		v.Unit.Start, v.Unit.End = v.Amount.End, v.Amount.End
	}
	if !seen[recipe.PartFood] {
		v.Food.Start, v.Food.End = units(len(row)), units(len(row))
	}
}

// accepted writes a guessed line as it was read, or "" where that would read as
// something else again.
func accepted(reader *recipe.Reader, l *recipe.Line) string {
	if l.Ref == nil || l.AmountMin == nil || len(l.Alternatives) > 0 || l.Package != nil || l.Per != "" {
		return ""
	}
	text := l.Amount().String() + " " + l.Food
	if more := append(append([]string{}, l.State...), l.Prep...); len(more) > 0 {
		text += ", " + strings.Join(more, ", ")
	}
	if l.Acidity != nil {
		text += ", " + strconv.FormatFloat(*l.Acidity, 'f', -1, 64) + " %"
	}
	if l.Optional {
		text += " (optional)"
	}
	got := reader.Line(l.No, text)
	if got.Reading != recipe.Understood || got.FoodID != l.FoodID || got.Amount() != l.Amount() ||
		len(got.Prep) != len(l.Prep) {
		return ""
	}
	return text
}

// nearFoods offers foods for one that is not known, and looks for each only
// once.
type nearFoods struct {
	reader *recipe.Reader
	found  map[string][]string
}

// offered is how many foods are offered.
const offered = 4

func (n nearFoods) to(name string) []string {
	if list, ok := n.found[name]; ok {
		return list
	}
	list := []string{}
	for _, f := range n.reader.Suggest(name, offered) {
		list = append(list, f.Names[0])
	}
	n.found[name] = list
	return list
}

func (n nearFoods) view(l *recipe.Line) readLine {
	v := readLine{No: l.No, State: l.Reading}
	v.Food.Value = l.Food
	if a := l.Amount(); !a.IsZero() {
		v.Amount.Value = quantity.Number(a.Min)
		if a.Max != a.Min {
			v.Amount.Value += "–" + quantity.Number(a.Max)
		}
		v.Unit.Value = a.Unit.Word(a.Max)
		if l.Package != nil {
			v.Unit.Value += " of " + quantity.Number(l.Package.Amount) + " " + l.Package.Unit.Word(2)
		}
	}
	v.Form, v.Detail = strings.Join(append(append([]string{}, l.State...), l.Prep...), ", "), detail(l)
	switch {
	case l.Problem != "":
		v.State, v.Say = "unclear", l.Problem
	case l.Ref == nil && l.Food != "":
		v.State, v.Say = "unknown", "Damson does not know “"+l.Food+"”"
		v.Near = n.to(l.Food)
		if n.reader.MayName(l.Food) {
			v.Kinds = food.OwnKinds
		}
	case l.Assumed != "":
		v.Say = l.Assumed
	}
	return v
}

// detail writes what a line says besides amount, food and form.
func detail(l *recipe.Line) string {
	var details []string
	if l.Acidity != nil {
		details = append(details, strconv.FormatFloat(*l.Acidity, 'f', -1, 64)+" % acidity")
	}
	if l.Per != "" {
		details = append(details, "per "+l.Per)
	}
	if l.Optional {
		details = append(details, "optional")
	}
	if l.Serving {
		details = append(details, "for the opened jar")
	}
	for _, x := range l.Alternatives {
		details = append(details, "or "+x.Food)
	}
	return strings.Join(details, ", ")
}
