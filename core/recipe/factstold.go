package recipe

import (
	"slices"
	"strings"

	"damson/core/food"
	"damson/core/pattern"
	"damson/core/words"
)

// What somebody owns up to when all is over, or before it begins: "it was tuna from a can", "they'd been pickled
// already", "mostly mangoes, to be honest". It stands where readers look for talk, and says what is in the jar.

// factTold reports a part of a sentence that says the food was another, or was treated before it came to the pot.
func (r *Reader) factTold(rec *Recipe, low string) bool {
	return saysWhatItWas.MatchString(low) && (treatedBefore.MatchString(low) || r.wasAnother(rec, low))
}

// saysSo reports a sentence that is a line of the list itself.
func (rec *Recipe) saysSo(s string) bool {
	for _, l := range rec.Lines {
		if l.Kind == Ingredient && strings.Contains(l.Text, strings.TrimRight(s, " .")) {
			return true
		}
	}
	return false
}

// wasAnother reports a food of field, stable or water that is none of the list, where the sentence says what was in
// the pot: the first food behind the words that say so, "it was tuna", or any, "a few bananas made up the weight".
func (r *Reader) wasAnother(rec *Recipe, low string) bool {
	at := wasThis.FindStringIndex(low)
	part := low
	switch {
	case at != nil:
		part = low[at[1]:]
	case !inThereToo.MatchString(low):
		return false
	}
	t := words.Split(part)
	for i := 0; i < len(t); i++ {
		s, n := r.line.at(t, i)
		if n == 0 || s.kind != foodName || s.food == nil {
			if at != nil && (i > 4 || placing[t[i].Text]) {
				return false
			}
			continue
		}
		if grown[s.food.Kind] && !rec.lists(s.food) && !r.isKindListed(rec, s.food.Names[0]) {
			return true
		}
		if at != nil { // the head is its own
			return slices.ContainsFunc(t[:i], func(w words.Token) bool { return titleWords[w.Text] != "" })
		}
		i += n - 1
	}
	return false
}

// isKindListed reports a name that means a listed food, or one of its group.
func (r *Reader) isKindListed(rec *Recipe, name string) bool {
	f := r.foods.ByName(words.FoldPhrase(name))
	means := func(g *food.Food) bool {
		same := lastWord(words.FoldPhrase(g.Names[0])) == lastWord(words.FoldPhrase(name))
		return same || f != nil && len(f.Groups) > 0 && !f.In("seafood") && allOf(f.Groups, g)
	}
	for _, l := range rec.Lines {
		if l.Kind == Ingredient && l.Ref != nil && means(l.Ref) {
			return true
		}
	}
	return slices.ContainsFunc(rec.Steps, func(st *Step) bool {
		return !st.Serving && slices.ContainsFunc(st.Foods, func(m Mention) bool { return m.Food != nil && means(m.Food) })
	})
}

// allOf reports whether the food is in all of the groups.
func allOf(groups []string, f *food.Food) bool {
	return !slices.ContainsFunc(groups, func(g string) bool { return !f.In(g) })
}

// placing are words behind which stands where something was, or with what, and no more what it was.
var placing = set("on in of for with from at to by")

// grown are kinds of food that are canned by themselves, and no dish.
var grown = set("fruit vegetable legume meat poultry seafood grain starch")

var (
	// saysWhatItWas is a quick look for any of the three below.
	saysWhatItWas = pattern.MustCompile(`\b(?:it|they|these|those|that|this|most|mostly|ones|sort|kind|weight|too` +
		`|as well|tin|can|vines?|plants?|already|picked|pulled|used|took|weeping)\b`)
	// wasThis says what something was.
	wasThis = pattern.MustCompile(`(?:^|[,;:.] |\b(?:and|but|so|that|because|honestly|actually) )` +
		`(?:it|they|these|those|that|this)(?:['’]s|['’]re| was| were| is| are|['’]d been| had been) ` +
		`(?:really |actually |all |just |mostly |only )*(?:a |an |the |some )?` +
		`|(?:^|[,;] |\band )(?:i|we) (?:used|took) (?:a |an |the |some |only )?` +
		`|^\W*(?:mostly|most of (?:it|them) (?:was|were)|half of (?:it|them) (?:was|were)) `)
	inThereToo = pattern.MustCompile(`\bin there (?:too|as well)\b` +
		`|\bmade up (?:the|for the) (?:weight|difference|rest|shortfall)\b`)
	// treatedBefore is what was done to the food, or became of it, before the recipe begins.
	treatedBefore = pattern.MustCompile(`\b(?:it|they|these|those|mine|ours)(?:['’]d been| had been|['’]d all been) ` +
		`(?:\w+ ){0,2}(?:pickled|salted|dried|baked|roasted|fried|marinated|stuffed|cooked|mashed|smoked|cured` +
		`|breaded|candied|canned|tinned|in (?:brandy|rum|vodka|oil|brine|vinegar|syrup|buttermilk|milk))\b` +
		`|\b(?:they|it|these|those|this|i use|i used|we used|we use|use)(?:['’]s|['’]re| was| were| is| are)? ` +
		`(?:the |a |some )?(?:\w+ )?(?:instant|creamed|dried|dry|sun-dried|tinned|canned|pickled|smoked|salted|husk) ` +
		`(?:sort|kind|type|ones|stuff|rings)\b|\b(?:from|out of) (?:a|the) (?:tin|can)\b` +
		`|\bfrost(?:ed)? (?:got|killed|took|hit|had)\b` +
		`|\b(?:vines?|plants?) (?:was|were|had|are|is) (?:all |already )?(?:dead|frosted|frozen|killed|blighted)\b` +
		`|\bgone to seed\b|\bweeping\b`)
)
