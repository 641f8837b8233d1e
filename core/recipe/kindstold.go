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
	name  string // in lower case, as a text has it: "white peach", "hosui"
	first string // its first word
	food  *food.Food
}

func kindNamed(low string, f *food.Food) kind {
	first, _, _ := strings.Cut(low, " ")
	return kind{low, first, f}
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
			out[plain] = append(out[plain], kindNamed(low, f))
		}
	}
	for _, names := range []map[string]*food.Food{c.Names(), c.Further(), c.Varieties()} {
		for name, f := range names {
			add(name, f)
		}
	}
	for _, name := range []string{"dry bean", "dried bean"} {
		out["bean"] = append(out["bean"], kindNamed(name, c.ByID("dried-bean")))
	}
	for _, list := range out {
		slices.SortFunc(list, func(a, b kind) int { return strings.Compare(a.name, b.name) })
	}
	return out
}

func lastWord(s string) string { return s[strings.LastIndex(s, " ")+1:] }

// toldBeside asks about what the text tells of its food wherever readers look for talk: a kind of it that is not
// canned as it is, what was done to it, another food.
func (r *Reader) toldBeside(rec *Recipe, sheet *page, first int) {
	feared := r.fearedOf(rec, strings.ToLower(strings.Join(sheet.lines, "\n")))
	meat := slices.ContainsFunc(rec.Lines, func(l *Line) bool {
		return l.Kind == Ingredient && l.Ref.In(fresh...) && !l.Ref.In("smoked-fish")
	})
	for i, line := range sheet.lines {
		low := strings.ToLower(line)
		kinds := tellsKind(low, feared) || meat && treatedMeat.MatchString(low)
		if !kinds && !saysWhatItWas.MatchString(low) {
			continue
		}
		for _, s := range Sentences(sheet.bare(r, i)) {
			if code := r.doubtOf(rec, s, feared, meat); code != "" {
				rec.asks(first+i, s, code)
			}
		}
	}
}

// doubtOf returns the doubt of a sentence about the food. Each of its parts is looked at by itself: "it was smoked,
// not salted" takes nothing back, and neither does "unlike last year we smoked the trout".
func (r *Reader) doubtOf(rec *Recipe, s string, feared []kind, meat bool) string {
	low := strings.ReplaceAll(strings.ToLower(s), " but ", ", ")
	for _, part := range partOfSentence.FindAllString(low, -1) {
		list := strings.Split(part, " and ")
		for k, part := range list {
			code := kindTold(rec, strings.TrimSpace(part), feared, meat)
			if code == "" && r.factTold(rec, strings.TrimSpace(part)) && !rec.saysSo(s) {
				code = "substitution"
			}
			if code != "" && !isDenied(list[:k+1]) && !ofAnother.MatchString(part) {
				return code
			}
		}
	}
	return ""
}

// isDenied reports parts that "and" joins, a denial of which reaches to the end of the last: nobody comes behind it
// who did something all the same.
func isDenied(parts []string) bool {
	denied := false
	for _, part := range parts {
		at := denial.FindAllStringIndex(part, -1)
		reaches := len(at) > 0 && !ownSubject.MatchString(part[at[len(at)-1][1]:])
		denied = reaches || denied && !ownSubject.MatchString(part)
	}
	return denied
}

// partOfSentence is what commas, dashes and brackets part, with the mark behind.
var partOfSentence = pattern.MustCompile(`[^,;:()—–]+[,;:()—–]?`)

// fresh are groups of meat and fish.
var fresh = []string{"red-meat", "poultry", "bone-in-poultry", "seafood"}

// fearedOf are the feared kinds of the foods that are listed by their plain names, as far as the text has their words.
func (r *Reader) fearedOf(rec *Recipe, low string) (out []kind) {
	has := map[string]bool{} // first words that were looked for
	hinted := func(k kind) bool {
		if _, known := has[k.first]; !known {
			has[k.first] = k.hinted(low)
		}
		return has[k.first]
	}
	for _, l := range rec.Lines {
		if l.Kind != Ingredient || l.Ref == nil || l.Serving {
			continue
		}
		for _, k := range r.feared[lastWord(words.FoldPhrase(l.Food))] {
			same := k.food == l.Ref || k.food.In("dry-bean") && l.Ref.In("dry-bean")
			if !same && hinted(k) && !rec.lists(k.food) {
				out = append(out, k)
			}
		}
	}
	return out
}

func tellsKind(low string, feared []kind) bool {
	return slices.ContainsFunc(feared, func(k kind) bool { return k.hinted(low) })
}

// hinted reports whether the text has the first word of the name.
func (k kind) hinted(low string) bool { return strings.Contains(low, k.first) }

// kindTold returns the doubt of a part of a sentence that names a feared kind, or says how meat or fish was treated.
func kindTold(rec *Recipe, low string, feared []kind, meat bool) string {
	for _, k := range feared {
		switch {
		case !k.toldIn(low):
		case k.food.In("low-acid-fruit"):
			return "low-acid-fruit"
		default:
			return "substitution"
		}
	}
	asTitled := grinds.MatchString(low) && groundFood.MatchString(rec.Title)
	if meat && treatedMeat.MatchString(low) && !asTitled {
		return "cured-meat"
	}
	return ""
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
	before, behind := low[:at], low[at+len(first):]
	return ofTheKind.MatchString(behind) || treeIs.MatchString(before) || endsHere.MatchString(behind) && k.isOf(before)
}

// isOf reports words that go before all that is said of the fruit: "the peaches were (white)".
func (k kind) isOf(before string) bool {
	m := fruitIs.FindStringSubmatch(before)
	return m != nil && (m[1] == "flesh" || m[1] == "fruit" || words.FoldPhrase(m[1]) == lastWord(k.name))
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
	fruitIs  = pattern.MustCompile(`\b(\w+) (?:is|are|was|were|came) (?:all |mostly |really )?$`)
	endsHere = pattern.MustCompile(`^\W*$`)
	// ownSubject says that a part behind "and" speaks for itself: "no salt and we smoked it".
	ownSubject = pattern.MustCompile(`\b(?:i|we|they|it|he|she|these|those|this|that|was|were|is|are|used|got)\b`)
	denial     = pattern.MustCompile(`(?:\b(?:not|never|no|none|nor|without|instead of|unlike|neither|unless|if|than` +
		`|except|avoid\w*|only good for)\b|n['’]t\b)(?: (?:was|were|is|are|it)\b)?`)
	// ofAnother speaks of another batch than this, or of the table.
	ofAnother = pattern.MustCompile(`\bis what\b.* for\b|\bdiffer\w*|\bseparate\w*` +
		`|\b(?:another|other) (?:\w+ )?(?:recipe|batch|time|day|year|book|page|process|method|jar|half|way|kind|sort|one` +
		`|thing|matter|story)s?\b` +
		`|\bserve[ds]?\b|\b(?:for|at|in|into|on|as) (?:\w+ )?(?:supper|dinner|tacos?|sandwich\w*)\b`)
	// treatedMeat is what was done to meat or fish before it came to the jars.
	treatedMeat = pattern.MustCompile(`\b(?:it|they|these|those|this|ours|mine|meat|fish|chicken|pork|beef|venison` +
		`|trout|salmon|deer|elk|rabbit) (?:\w+ )?(?:was|were|is|are|came|comes|had been|has been|have been|got|gets) ` +
		`(?:\w+ ){0,3}(?:smoked|cured|brined|breaded|battered|floured|ground|minced|corned|salted down)\b` +
		`|^\W*(?:smoked|cured|brined|ground|minced|corned|breaded)(?:,| by | from the | over | first\b)` +
		`|\b(?:smoke|cure|brine|corn|grind|mince|smoked|cured|brined|corned|ground|minced) (?:it|them|all of it` +
		`|the (?:meat|fish|trout|salmon|chicken|pork|beef|venison|lot|pieces|fillets))\b` +
		`|\b(?:from|out of|off|through|in) the (?:smoker|smokehouse|grinder|mincer)\b`)
)
