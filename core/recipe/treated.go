package recipe

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/words"
)

// What a part of an ingredient line says was done to the food, or how it is: "carrots, peeled,
// smoked". It stands without a verb that does anything, so the reader of sentences takes it for
// talk; but a food that was treated in a way that nobody knows is not the food that was tested.

// treated reports a part of the line that tells of a treatment or a condition which is neither
// a known preparation nor known to be harmless.
func (r *Reader) treated(text string) bool {
	t := words.Split(text)
	if ruined(text, t) {
		return true
	}
	if len(t) > longestPart {
		return false // a story
	}
	head := true
	for i := range t {
		w := t[i].Text
		switch {
		case placed(w) && heldIn(w, t[i+1:]):
			return true
		case t[i].Kind == words.Mark, head && (leadingWords[w] || strings.HasSuffix(w, "ly")):
		case w == "and" || w == "but" || w == "or":
			head = true // "ripe and split"
		default:
			if head && r.strange(t, i) {
				return true
			}
			head = false
		}
	}
	return false
}

// longestPart is how many words what is said of a food beside it has at most (common practice,
// no source).
const longestPart = 9

// ruined reports a food that is poisoned, old, or no longer in pieces, however long it is told.
func ruined(text string, t []words.Token) bool {
	old := len(t) > 1 && holdsAny(t, aged) && (english.NumberWord(t[0].Text) != 0 || t[0].Kind == words.Number ||
		t[0].Text == "a")
	return old || toNothing.MatchString(text) && !shrinks.MatchString(text) || holdsAny(t, poisons)
}

// placed are the words before what a food lies in, comes from or has on it.
func placed(w string) bool {
	return w == "from" || w == "in" || w == "under" || w == "out" || w == "with"
}

// fetched reports food that begins with where it was kept: "out of the crock", "from a tin".
func fetched(t []words.Token) bool {
	return len(t) > 1 && (t[0].Text == "out" || t[0].Text == "from") && heldIn(t[0].Text, t[1:])
}

// heldIn reports something behind the preposition that does not belong to a fresh food.
func heldIn(preposition string, t []words.Token) bool {
	switch preposition {
	case "with":
		return holdsAny(t, hangsOn)
	case "from", "out":
		return holdsAny(t, boxes) || slices.ContainsFunc(t, func(w words.Token) bool { return method.Keeper(w.Text) })
	}
	return holdsAny(t, baths) || holdsAny(t, lumps)
}

// strange reports a word at the head of what is said that is a participle or an adjective which
// nobody knows of a food: "glazed", "shrivelled", "confit".
func (r *Reader) strange(t []words.Token, i int) bool {
	w := strings.ToLower(t[i].Raw)
	if w[0] < 'a' || w[0] > 'z' || t[i].Raw[0] != w[0] || method.SoundState(w) || lineStates[w] {
		return false
	}
	if unsound[w] {
		return i == 0 || t[i-1].Text != "not" && t[i-1].Text != "never"
	}
	if _, n := r.line.at(t, i); n > 0 && i > 0 {
		return false // a preparation of its own
	}
	base, verb := english.VerbBase(w)
	e, known := english.Lookup(w)
	switch {
	case verb && base != w:
		return !strings.HasSuffix(w, "s")
	case !known:
		return strings.HasSuffix(w, "ed") // "bletted"
	case len(t) == 1 && e.MayFood():
		return true // "confit"
	}
	return e.Adjective() && e.Noun() == 0 && e.Verb() == 0 && !e.Adverb()
}

// unsoundAhead reports words that begin with an unsound state: "not all soft", "mostly limp". A
// thick slice is one of the cuts.
func unsoundAhead(t []words.Token) bool {
	for i := range t {
		if w := t[i].Text; !leadingWords[w] && !strings.HasSuffix(w, "ly") {
			return unsound[w] && w != "thick"
		}
	}
	return false
}

func holdsAny(t []words.Token, list map[string]bool) bool {
	for i := range t {
		if list[t[i].Text] {
			return true
		}
	}
	return false
}

var (
	leadingWords = set("very quite too all nearly almost well already not never just only rather so somewhat slightly a bit little been to be still half over and most mostly some of them it")
	// boxes are what else food comes from that is not fresh, and baths change what lies in them.
	boxes = set("box compost")
	baths = set("brine lard butter oil grease fat cream sauce batter crumb bacon dripping")
	// lumps are pieces without a measure.
	lumps = set("lump block slab hunk brick fist mash pulp paste powder crumb shred froth")
	// hangsOn is what comes off a food before it is canned.
	hangsOn = set("skin peel dirt soil jacket root stone pit bone fat gristle feather scale mold mould rot worm spot crust butter oil cream cheese flour batter")
	// aged are words of food that is not fresh.
	aged = set("old stale past")
	// poisons are on no food.
	poisons = set("bleach lye ammonia detergent soda tablet")
	// unsound are adjectives that are things or manners too; "never wild" is none.
	unsound = set("wild grey gray turned thick soft stale dead slimy mushy wet woody stringy tough hollow black limp split cracked burst spoiled spoilt rotten")
	// lineStates are those of what a line alone may hold: salt, sugar, a drink.
	lineStates = set("closed jarred doubled bottled divided combined mixed refrigerated stored aged above below removed discarded unsalted salted lukewarm boiling iodized iodised coarse granulated powdered bagged wrapped")
	// toNothing is a cut that leaves no pieces: "minced to nothing".
	toNothing = pattern.MustCompile(`(?i)\b(?:to|into) (?:nothing|an? (?:pulp|paste|mush|froth|powder|mash|pur[ée]e)|dust|mush|shreds|rags|pulp|powder)\b|\b(?:left|gone) (?:out|over|soft|off|bad)\b`)
	// shrinks is what greens do in the steam by themselves.
	shrinks = pattern.MustCompile(`(?i)\b(?:shrinks?|wilts?|shrivels?|(?:goes|go) down|cooks? down)(?: down| away)? (?:in)?to (?:almost |next to )?nothing\b`)
)
