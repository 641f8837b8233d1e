package recipe

import (
	"strings"

	"damson/core/english"
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
	if len(t) == 0 || len(t) > 9 {
		return false // a story
	}
	if toNothing.MatchString(text) || isAged(t) || holdsAny(t, poisons) {
		return true
	}
	i := 0
	for i < len(t) && (t[i].Kind == words.Mark || leadingWords[t[i].Text] || strings.HasSuffix(t[i].Text, "ly")) {
		i++
	}
	if i == len(t) {
		return false
	}
	first := strings.ToLower(t[i].Raw)
	switch {
	case first[0] < 'a' || first[0] > 'z' || t[i].Raw[0] != first[0], soundStates[first]:
		return r.treatedToo(t, i)
	case first == "from" || first == "in" || first == "under" || first == "out":
		return holdsAny(t[i:], keepers) || first != "from" && holdsAny(t[i:], lumps)
	case first == "with":
		return holdsAny(t[i:], hangsOn)
	}
	if base, ok := english.VerbBase(first); ok && base != first && !strings.HasSuffix(first, "s") {
		return true
	}
	e, ok := english.Lookup(first)
	strange := !ok && strings.HasSuffix(first, "ed")                                           // "bletted"
	return isAdjective(first) || unsound[first] || strange || ok && len(t) == 1 && e.MayFood() // "confit"
}

// isAged reports how old a food is: "a week old".
func isAged(t []words.Token) bool {
	return len(t) > 1 && holdsAny(t, aged) && (numberWords[t[0].Text] != 0 || t[0].Kind == words.Number || t[0].Text == "a")
}

// treatedToo looks behind a sound state: "ripe and split", "fresh but wilted".
func (r *Reader) treatedToo(t []words.Token, i int) bool {
	for k := i + 1; k+1 < len(t); k++ {
		if w := t[k].Text; w != "and" && w != "but" && w != "or" {
			continue
		}
		next := strings.ToLower(t[k+1].Raw)
		base, ok := english.VerbBase(next)
		return !soundStates[next] && next[0] == t[k+1].Raw[0] && r.lineWord(t, k+1) == 0 && (ok && base != next && !strings.HasSuffix(next, "s") || isAdjective(next) || unsound[next])
	}
	return false
}

// lineWord is how many words the vocabulary of lines knows at i.
func (r *Reader) lineWord(t []words.Token, i int) int {
	_, n := r.line.at(t, i)
	return n
}

// isAdjective reports a word that is an adjective and neither a thing nor a deed.
func isAdjective(w string) bool {
	e, ok := english.Lookup(w)
	return ok && e.Adjective() && e.Noun() == 0 && e.Verb() == 0 && !e.Adverb()
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
	// keepers hold food that is not fresh.
	keepers = set("tin can freezer packet box bottle compost dehydrator smoker brine lye bleach lard butter oil grease fat cream sauce batter crumb bacon")
	// lumps are pieces without a measure.
	lumps = set("lump block slab hunk brick fist mash pulp paste powder crumb shred froth")
	// hangsOn is what comes off a food before it is canned.
	hangsOn = set("skin peel dirt soil jacket root stone pit bone fat gristle feather scale mold mould rot worm spot crust butter oil cream cheese flour batter")
	// aged are words of food that is not fresh.
	aged = set("old stale past")
	// poisons are on no food.
	poisons = set("bleach lye ammonia detergent")
	// unsound are adjectives that are things or manners too.
	unsound = set("grey gray turned thick soft stale dead slimy mushy wet woody stringy tough hollow black limp split cracked burst")
	// soundStates say of a food what does no harm, or what is done to every one.
	soundStates = set(`ripe firm dressed loose tight picked husked cultivated measured copied checked young small tender fresh large medium clean good crisp whole mature sound even
		unblemished local homegrown organic bought grown gathered given tied closed jarred doubled named called written weighed heaped level levelled leveled bottled counted needed wanted liked
		preferred optional divided combined mixed reserved set unsweetened plain bitter sweet sour mild hot sharp yellow red green white purple orange golden pale dark round long short thin
		straight smooth best better big bigger smaller larger smallish biggish assorted various several enough extra plenty separate similar equal usual regular ordinary normal standard
		patted blotted dabbed wiped separated prepared purchased desired required chilled refrigerated stored harvested delivered caught shot butchered hung aged tested recommended described listed above below real pure natural wild tame approximate total favorite favourite dear precious lovely beautiful nice fine fancy cheap expensive free available
		trimmed topped tailed stemmed stoned pitted cored hulled podded shelled seeded deseeded skinned boned deboned filleted gutted scaled plucked cut chopped sliced diced cubed halved quartered
		squeezed juiced washed rinsed scrubbed drained shaken sifted sorted removed discarded saved peeled snapped strung
		unsalted salted unseasoned raw cold warm cool lukewarm boiling iodized iodised coarse granulated powdered bagged wrapped`)
	// toNothing is a cut that leaves no pieces: "minced to nothing".
	toNothing = pattern.MustCompile(`(?i)\b(?:to|into) (?:nothing|an? (?:pulp|paste|mush|froth|powder|mash|pur[ée]e)|dust|mush|shreds|rags|pulp|powder)\b|\b(?:left|gone) (?:out|over|soft|off|bad|over)\b`)
)
