package english

import (
	"maps"
	"strings"
	"unicode"
)

// Plain returns the plain spelling of a small word of grammar as it is said in some places or written in haste,
// for words that mean nothing else: "wi", "intae", "thru". Common practice, no source.
func Plain(low string) (plain string, ok bool) {
	plain, ok = everywhere[low]
	return plain, ok
}

// InDialect reports whether a text is written as it is spoken: whether it holds three different words that are no
// English but the speech of a place.
func InDialect(text string) bool {
	seen := map[string]bool{}
	between := func(r rune) bool { return !unicode.IsLetter(r) && r != '\'' && r != '’' }
	for _, w := range strings.FieldsFunc(strings.ToLower(text), between) {
		if _, ok := spoken(w); ok && !listed(w) {
			seen[w] = true
		}
		if len(seen) == 3 {
			return true
		}
	}
	return false
}

// Spelled returns the word of a text in dialect as a book would spell it, with its capital, and the word itself where
// there is nothing to mend.
func Spelled(word string) string {
	plain, ok := spoken(strings.ToLower(word))
	if !ok {
		return word
	}
	if first := []rune(word)[0]; unicode.IsUpper(first) {
		return strings.ToUpper(plain[:1]) + plain[1:]
	}
	return plain
}

// spoken finds the book's word for a word of speech.
func spoken(low string) (plain string, ok bool) {
	low = strings.ReplaceAll(low, "’", "'")
	if plain, ok := speech[low]; ok {
		return plain, true
	}
	if stem := strings.TrimSuffix(low, "'"); len(stem) > 4 && strings.HasSuffix(stem, "in") {
		if _, verb := VerbBase(stem + "g"); verb && !listed(stem) {
			return stem + "g", true // "boilin"
		}
	}
	if stem, ok := strings.CutSuffix(low, "it"); ok && len(stem) > 3 {
		if !Known(low) && About(stem).Verb != "" {
			return stem + "ed", true // "peelit"
		}
	}
	return "", false
}

// listed reports whether the dictionary has the very word, and no other form of it.
func listed(w string) bool {
	_, ok := Lookup(w)
	return ok
}

// speech are all words of speech.
var speech = func() map[string]string {
	all := maps.Clone(inDialect)
	maps.Copy(all, everywhere)
	return all
}()

var everywhere = map[string]string{
	"til": "till", "untill": "until", "abt": "about", "yr": "year", "em": "them", "u": "you", "lil": "little",
	"cuz": "because", "cos": "because", "coz": "because", "bc": "because", "becuz": "because",
	"wi": "with", "oot": "out", "doon": "down", "aboot": "about", "aff": "off", "fae": "from", "frae": "from",
	"noo": "now", "tae": "to", "aw": "all", "nae": "no", "naebody": "nobody", "dinnae": "don't", "dinna": "don't",
	"cannae": "can't", "didnae": "didn't", "isnae": "isn't", "wisnae": "wasn't", "nowt": "nothing",
	"owt": "anything", "summat": "something", "hame": "home", "hoose": "house", "yer": "your", "yous": "you",
	"youse": "you", "ya": "you", "thro": "through", "thru": "through", "o'er": "over", "intae": "into",
	"ower": "over", "wee": "small", "mah": "my", "wis": "was", "gie": "give", "heid": "head", "awa": "away",
	"an'": "and", "'n": "and",
}

// inDialect are words that mean something else in other texts, or are no small ones.
var inDialect = map[string]string{
	"ontae": "onto", "efter": "after", "afore": "before", "gey": "very", "oor": "our", "ma": "my", "ye": "you",
	"yin": "one", "wan": "one", "twa": "two", "ony": "any", "mony": "many", "hauf": "half", "maist": "most",
	"mair": "more", "meenit": "minute", "meenits": "minutes", "minit": "minute", "minits": "minutes",
	"watter": "water", "saut": "salt", "tatties": "potatoes", "taters": "potatoes", "tomaters": "tomatoes",
	"ingins": "onions", "jeely": "jelly", "bile": "boil", "biled": "boiled", "cauld": "cold", "het": "hot",
	"tak": "take", "mak": "make", "hae": "have", "gaun": "going", "whit": "what", "wha": "who", "wull": "will",
	"shouldnae": "shouldn't", "wouldnae": "wouldn't", "willnae": "won't", "hasnae": "hasn't", "havenae": "haven't",
	"doesnae": "doesn't", "mustnae": "mustn't", "needna": "needn't", "cain't": "can't", "ain't": "isn't", "agin": "again",
	"git": "get",
	"jes": "just", "jus": "just", "fer": "for", "o'": "of", "an": "and", "i'": "in", "th'": "the", "t'": "the",
	"und": "and", "ze": "the", "zen": "then", "wiz": "with", "vith": "with", "vater": "water",
}
