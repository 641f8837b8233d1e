package recipe

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// What somebody tells of the food beside the recipe, in a greeting, a remark or a postscript, holds for what is
// canned: "the Asian pears came in", "we smoked the trout first". Whoever lists only pears or trout is asked.

// kind is a food that bears the name of another with a word before it, and is not canned as that is.
type kind struct {
	name string // in lower case, as a text has it: "white peach", "hosui"
	food *food.Food
}

// kindsOf sorts the feared kinds by the last word of their food's name: "peach" has the white peach and the Saturn.
func kindsOf(c *food.Catalogue) map[string][]kind {
	out := map[string][]kind{}
	add := func(name string, f *food.Food) {
		if !f.In(ofKinds...) && !f.In("dried-fruit", "sweet-potato") {
			return
		}
		plain := lastWord(words.FoldPhrase(f.Names[0]))
		low := strings.ToLower(name)
		alone := !strings.Contains(low, " ") && len(low) > 4 && low != plain // a variety
		if alone || strings.HasSuffix(low, " "+plain) {
			out[plain] = append(out[plain], kind{low, f})
		}
	}
	for _, names := range []map[string]*food.Food{c.Names(), c.Further(), c.Varieties()} {
		for name, f := range names {
			add(name, f)
		}
	}
	for _, name := range []string{"dry bean", "dried bean"} {
		out["bean"] = append(out["bean"], kind{name, c.ByID("dried-bean")})
	}
	for _, list := range out {
		slices.SortFunc(list, func(a, b kind) int { return strings.Compare(a.name, b.name) })
	}
	return out
}

func lastWord(s string) string { return s[strings.LastIndex(s, " ")+1:] }

// kindsTold asks about a kind of a listed food, and about what was done to it, wherever the text tells it.
func (r *Reader) kindsTold(rec *Recipe, sheet *page, first int) {
	feared := r.fearedOf(rec)
	meat := slices.ContainsFunc(rec.Lines, func(l *Line) bool {
		return l.Kind == Ingredient && l.Ref.In(fresh...) && !l.Ref.In("smoked-fish")
	})
	if len(feared) == 0 && !meat {
		return
	}
	for i, line := range sheet.lines {
		low := strings.ToLower(line)
		told := tellsKind(low, feared) || meat && treatedMeat.MatchString(low)
		if !told {
			continue
		}
		for _, s := range Sentences(sheet.bare(r, i)) {
			r.kindTold(rec, first+i, s, feared, meat)
		}
	}
}

// fresh are groups of meat and fish.
var fresh = []string{"red-meat", "poultry", "bone-in-poultry", "seafood"}

// fearedOf are the feared kinds of the foods that are listed by their plain names.
func (r *Reader) fearedOf(rec *Recipe) (out []kind) {
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.Ref == nil || l.Serving {
			continue
		}
		for _, k := range r.feared[lastWord(words.FoldPhrase(l.Food))] {
			dry := k.food.In("dry-bean") && l.Ref.In("dry-bean")
			if k.food != l.Ref && !rec.lists(k.food) && !dry {
				out = append(out, k)
			}
		}
	}
	return out
}

func tellsKind(low string, feared []kind) bool {
	return slices.ContainsFunc(feared, func(k kind) bool {
		first, _, _ := strings.Cut(k.name, " ")
		return strings.Contains(low, first)
	})
}

// kindTold asks about one sentence.
func (r *Reader) kindTold(rec *Recipe, no int, s string, feared []kind, meat bool) {
	low := strings.ToLower(s)
	if otherKind.MatchString(low) {
		return
	}
	for _, k := range feared {
		if k.toldIn(low) {
			code := "substitution"
			if k.food.In("low-acid-fruit") {
				code = "low-acid-fruit"
			}
			rec.asks(no, s, code)
			return
		}
	}
	asTitled := grinds.MatchString(low) && groundFood.MatchString(rec.Title)
	if meat && treatedMeat.MatchString(low) && !asTitled {
		rec.asks(no, s, "cured-meat")
	}
}

// toldIn reports whether the sentence names the kind, or says it of the tree, the flesh or the ones there are.
func (k kind) toldIn(low string) bool {
	at := strings.Index(low, k.name)
	if begins(low, at) {
		return true
	}
	first, _, two := strings.Cut(k.name, " ")
	at = strings.Index(low, first)
	if !two || !k.food.In("low-acid-fruit") || !begins(low, at) {
		return false
	}
	return ofTheKind.MatchString(low[at+len(first):]) || treeIs.MatchString(low[:at])
}

// asks adds a question about the sentence, where none is asked yet.
func (rec *Recipe) asks(no int, s, code string) {
	for _, st := range rec.Steps {
		if st.No == no && len(st.Asks) > 0 && strings.Contains(s, strings.Trim(st.Asks[0].Text, " .")) {
			return
		}
	}
	ask := Ask{Text: strings.TrimRight(s, " ."), Code: code, Doubt: "unknown-ingredient"}
	rec.Steps = append(rec.Steps, &Step{No: no, Text: s, Asks: []Ask{ask}})
}

// told is the sentence, and nothing where it was taken up once more for a question only.
func (s *Step) told() string {
	if len(s.Asks) > 0 && len(s.Clauses)+len(s.Foods)+len(s.Acts) == 0 {
		return ""
	}
	return s.Text
}

// begins reports whether a word of the text begins at the byte.
func begins(low string, at int) bool { return at == 0 || at > 0 && !isLetter(low[at-1]) }

func isLetter(b byte) bool { return b >= 'a' && b <= 'z' }

var (
	// grinds is done to what groundFood names: "clams, minced".
	grinds     = pattern.MustCompile(`\b(?:grind|ground|mince[ds]?|grinder|mincer)\b`)
	groundFood = pattern.MustCompile(`(?i)\b(?:ground|minced?|burger|clams?|mincemeat|chil[ie]|sausage)\b`)
	// ofTheKind follows the word for a kind, treeIs goes before it.
	ofTheKind = pattern.MustCompile(`^[- ]?(?:flesh\w*|inside|ones?|kinds?|sorts?|variety|trees?|type)\b`)
	treeIs    = pattern.MustCompile(`\b(?:trees?|variety|kind|sort|ours|they|these|mine)` +
		`(?: (?:is|are|was|were|called|an?|the|all|real|of))+ $`)
	// otherKind takes it back, or speaks of another dish.
	otherKind = pattern.MustCompile(`\b(?:not|never|no|none|nor|without|instead|unlike|than|differ\w*|another|other` +
		`|separate\w*|neither|if|unless|except|only good for|avoid|serve[ds]?|supper|dinner|tacos?` +
		`|sandwich\w*)\b|n['’]t\b`)
	// treatedMeat is what was done to meat or fish before it came to the jars.
	treatedMeat = pattern.MustCompile(`\b(?:it|they|these|those|this|ours|mine|meat|fish|chicken|pork|beef|venison` +
		`|trout|salmon|deer|elk|rabbit) (?:\w+ )?(?:was|were|is|are|came|comes|had been|has been|have been|got|gets) ` +
		`(?:\w+ ){0,3}(?:smoked|cured|brined|breaded|battered|floured|ground|minced|corned|salted down)\b` +
		`|^\W*(?:smoked|cured|brined|ground|minced|corned|breaded)(?:,| by | from the | over | first\b)` +
		`|\b(?:smoke|cure|brine|corn|grind|mince|smoked|cured|brined|corned|ground|minced) (?:it|them|all of it` +
		`|the (?:meat|fish|trout|salmon|chicken|pork|beef|venison|lot|pieces|fillets))\b` +
		`|\b(?:from|out of|off|through|in) the (?:smoker|smokehouse|grinder|mincer)\b`)
)
