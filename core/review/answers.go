package review

import (
	"slices"

	"damson/core/recipe"
)

// Given is an answer to a question. With Words it answers the question about these words,
// on any line; without them the first given for a line answers its first question, the
// second its second.
type Given struct {
	Line int
	// Words are those that were asked about, as they stand in the recipe.
	Words string
	// ID is that of an Option, or of a food.
	ID string
}

// Answers are all that were given.
type Answers struct{ Given []Given }

// list returns the answers, none for nil.
func (a *Answers) list() []Given {
	if a == nil {
		return nil
	}
	return a.Given
}

// Option is an answer that is ready.
type Option struct {
	ID    string `json:"id"`
	Label string `json:"label"`
}

// The answers that are ready for every question about a sentence. A food is
// answered by its id.
var (
	onlyTalk  = Option{"talk", "Only talk"}
	aTool     = Option{"tool", "A pan or a tool"}
	aPerson   = Option{"person", "A person or a place"}
	ready     = []Option{onlyTalk, aTool, aPerson}
	readyWord = map[string]string{"talk": "only talk", "tool": "a pan or a tool", "person": "a person or a place"}
)

// OfTheHouse reports whether an answer may hold in every recipe of a kitchen: what a word
// of the house is. That a sentence is only talk is said of one recipe alone.
func OfTheHouse(id string) bool { return id != onlyTalk.ID }

// IsAnswer reports whether the id is one of the ready answers.
func IsAnswer(id string) bool { return readyWord[id] != "" }

// question files one about a sentence, unless it was answered: then what was
// answered is noted in its place.
func (b *bench) question(f Finding) {
	f.Severity, f.Question, f.Answers = Amend, true, ready
	id := b.answer(*f.Line, f.Ingredient)
	if id == "" {
		b.report(f)
		return
	}
	word := readyWord[id]
	if food := b.cat.ByID(id); food != nil {
		word = food.Names[0]
	}
	b.report(Finding{Code: f.Code, Severity: Note, Line: f.Line, Ingredient: f.Ingredient, Answered: true, Do: "You said: " + word,
		Message: "Damson could not read “" + f.Ingredient + "” by itself; it stands on this answer."})
}

// answer returns what was answered to the next question about the line, "" where
// nothing was.
func (b *bench) answer(line int, words string) string {
	for _, g := range b.req.Answers.list() {
		if g.Words != "" && g.Words == words {
			return g.ID
		}
	}
	if b.asked == nil {
		b.asked = map[int]int{}
	}
	n := b.asked[line]
	b.asked[line]++
	for _, g := range b.req.Answers.list() {
		if g.Words != "" || g.Line != line {
			continue
		}
		if n == 0 {
			return g.ID
		}
		n--
	}
	return ""
}

// answeredFoods puts in the foods that answers name.
func (d *draft) answeredFoods(e *Reviewer, given []Given) {
	for _, g := range given {
		if f := e.cat.ByID(g.ID); f != nil && !IsAnswer(g.ID) {
			if g.Words != "" {
				if g.Line = d.lineOf(g.Words); g.Line == 0 {
					continue // the words stand in it no more
				}
			}
			l := &recipe.Line{No: g.Line, Text: f.Names[0], Food: f.Names[0], FoodID: f.ID, Ref: f, Kind: recipe.Ingredient, Reading: recipe.Understood}
			d.addLine(l, false)
			d.items[len(d.items)-1].fromStep = true
		}
	}
}

// questions counts the findings that only ask, one a sentence.
func (r *Result) questions() int {
	seen := map[string]bool{}
	for _, f := range r.Findings {
		if f.Question && f.Severity == Amend {
			seen[sprint("%d %s", deref(f.Line), r.sentenceOf(f))] = true
		}
	}
	return len(seen)
}

func deref(line *int) int {
	if line == nil {
		return 0
	}
	return *line
}

// sentenceOf returns the sentence that holds the words asked about.
func (r *Result) sentenceOf(f Finding) string {
	for _, s := range r.Steps {
		if f.Line != nil && s.No == *f.Line && slices.ContainsFunc(s.Asks, func(a recipe.Ask) bool { return a.Text == f.Ingredient }) {
			return s.Text
		}
	}
	return f.Ingredient
}

// lineOf returns the line on which the words are asked about, 0 where they are on none.
func (d *draft) lineOf(words string) int {
	for i := range d.steps {
		if slices.ContainsFunc(d.steps[i].Asks, func(a recipe.Ask) bool { return a.Text == words }) || slices.Contains(d.steps[i].Unread, words) {
			return d.steps[i].No
		}
	}
	return 0
}
