package recipe

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// What a title says of its food holds for the list: "Smoked trout" above "10 lb trout" is smoked, "White peaches"
// above "17 lb peaches" are white, and "Peaches and cream" have cream, whoever lists only peaches.

// titleKind reads the title as a line of the list, and gives what it says to the line that means the same food.
func (r *Reader) titleKind(rec *Recipe) {
	if rec.Title == "" {
		return
	}
	said := breadAndButter.ReplaceAllString(TitleSaid(r.TitleNames(rec.Title)), "")
	said = forWhat.ReplaceAllString(said, "")
	l := r.Line(rec.TitleLine, said)
	for _, of := range append([]*Line{l}, l.Alternatives...) {
		if of.Ref == nil || r.asListed(rec, of) {
			continue
		}
		if !r.renames(rec, of) {
			r.titleAdds(rec, []Mention{{Food: of.Ref, Text: of.Food}})
		}
	}
	for _, with := range l.Also {
		if with.Ref != nil {
			r.titleAdds(rec, []Mention{{Food: with.Ref, Text: with.Food}})
		}
	}
	r.titleDoes(rec, l, said)
}

var (
	// forWhat is what it is made for, breadAndButter the name of pickles that hold neither.
	forWhat        = pattern.MustCompile(`(?i)[,;&(–—-]*\s*(?:and )?\bfor (?:the |my |our |your )?\pL.*$`)
	breadAndButter = pattern.MustCompile(`(?i)\bbread[- ]?(?:and|&|\+|['’]?n['’]?)[- ]?butters?\b`)
)

// asListed gives the states of the title to the line of the same food, and reports whether there is one.
func (r *Reader) asListed(rec *Recipe, of *Line) bool {
	found := false
	for _, x := range rec.Lines {
		if x.Kind != Ingredient || x.Ref != of.Ref {
			continue
		}
		found = true
		for _, s := range of.State {
			if weighty[s] && !x.HasState(s) {
				x.State = append(x.State, s)
			}
		}
		for _, p := range of.Prep {
			if weighty[p] && !x.HasPrep(p) {
				x.Prep = append(x.Prep, p)
			}
		}
	}
	return found
}

// weighty are states and preparations that change which procedure fits; how a piece is cut the list knows better.
var weighty = set("smoked cured dried overripe fermented floured fried")

// renames gives the line that says less the food of the title: "peaches", of white peaches. A name of what is made,
// such as pickled beets, is no kind of its food.
func (r *Reader) renames(rec *Recipe, of *Line) bool {
	name := words.FoldPhrase(of.Food)
	if isMade(of.Ref, name) {
		return true
	}
	for _, x := range rec.Lines {
		if x.Kind != Ingredient || x.Ref == nil || x.Serving {
			continue
		}
		if x.HasState("dried") && !of.Ref.In("dry-bean") {
			continue // "Green beans", over dry ones
		}
		plain := words.FoldPhrase(x.Food)
		if plain != "" && r.kindOf(of.Ref, name, plain) {
			x.Ref, x.Food = of.Ref, of.Ref.Names[0]
			x.refID()
			x.weigh()
			return true
		}
	}
	return false
}

// kindOf reports whether a name of the food is the plain one with a word before it: "saturn peach" is "white peach"
// too, and so a kind of "peach".
func (r *Reader) kindOf(f *food.Food, name, plain string) bool {
	ends := func(n string) bool { return strings.HasSuffix(words.FoldPhrase(n), " "+plain) }
	return ends(name) || f.In(ofKinds...) && slices.ContainsFunc(f.Names, ends)
}

// ofKinds are groups of foods that bear a plain name with something before it, and are not canned as it is.
var ofKinds = []string{"low-acid-fruit", "no-home-process", "smoked-fish", "cured-meat", "ground-poultry"}

// madeOf begins the name of a product.
var madeOf = pattern.MustCompile(`^(?:pickled?|canned|tinned|crushed|stewed|baked|cream|creamed|diced` +
	`|marinated|refried) `)

// titleDoes asks about what the title says was done to the food where nothing else of the recipe says it.
func (r *Reader) titleDoes(rec *Recipe, l *Line, said string) {
	for _, t := range words.Split(said) {
		code := titleWords[t.Text]
		inName := l.Ref != nil && nameHas(l.Ref, t.Text)
		if code == "" || inName || rec.says(t.Text) {
			continue
		}
		ask := Ask{Text: rec.Title, Code: code, Doubt: "unknown-ingredient"}
		if code == "ferments" { // no code of a rule: some procedures ferment
			ask.Code, ask.Doubt = ask.Doubt, code
		}
		rec.Steps = append(rec.Steps, &Step{No: rec.TitleLine, Text: rec.Title, Asks: []Ask{ask}})
		return
	}
}

// nameHas reports whether the word is part of a name of the food: "smoked", of smoked fish.
func nameHas(f *food.Food, word string) bool {
	return slices.ContainsFunc(f.Names, func(n string) bool {
		return slices.Contains(strings.Fields(words.FoldPhrase(n)), word)
	})
}

// says reports whether a line or a sentence of the recipe has the folded word.
func (rec *Recipe) says(word string) bool {
	has := func(text string) bool {
		return slices.ContainsFunc(words.Split(text), func(t words.Token) bool { return t.Text == word })
	}
	return slices.ContainsFunc(rec.Lines, func(l *Line) bool { return l.No != rec.TitleLine && has(l.Text) }) ||
		slices.ContainsFunc(rec.Steps, func(s *Step) bool { return s.No != rec.TitleLine && has(s.Text) })
}

// titleWords are what a title says was done, with the doubt that it is.
var titleWords = map[string]string{
	"creamed": "dairy", "buttered": "fat", "breaded": "thickener", "battered": "thickener", "floured": "thickener",
	"thickened": "thickener", "stuffed": "unknown-ingredient", "brandied": "unknown-ingredient", "fried": "fat",
	"smoked": "cured-meat", "smoker": "cured-meat", "cured": "cured-meat", "brined": "cured-meat", "larded": "fat",
	"fermented": "ferments", "scalloped": "dairy", "dried": "substitution", "windfall": "unclear-amount",
	"roasted": "piece-size", "mashed": "puree", "candied": "unknown-ingredient", "glazed": "unknown-ingredient",
	"leftover": "unknown-ingredient", "jellied": "unknown-ingredient",
}
