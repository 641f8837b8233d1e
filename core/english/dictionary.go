package english

import (
	"bytes"
	"compress/gzip"
	_ "embed"
	"io"
	"sort"
	"strings"
	"sync"
)

//go:embed wordnet.bin.gz
var packed []byte

// dictionary is the packed file taken apart: words in order in one text, their
// ends, their entries, and the irregular forms.
type dictionary struct {
	text    string
	ends    []uint32
	entries []Entry
	forms   map[string]string // "v" + form, "n" + form or "a" + form -> base
}

var theDictionary = sync.OnceValue(func() *dictionary {
	z, err := gzip.NewReader(bytes.NewReader(packed))
	if err != nil {
		panic("english: wordnet.bin.gz: " + err.Error())
	}
	raw, err := io.ReadAll(z)
	if err != nil {
		panic("english: wordnet.bin.gz: " + err.Error())
	}
	return unpack(raw)
})

func unpack(raw []byte) *dictionary {
	d := &dictionary{forms: map[string]string{}}
	var text strings.Builder
	var last []byte
	i := 0
	for {
		shared := int(raw[i])
		end := bytes.IndexByte(raw[i+1:], 0) + i + 1
		if end == i+1 && shared == 0 {
			i = end + 1
			break
		}
		last = append(last[:shared], raw[i+1:end]...)
		text.Write(last)
		d.ends = append(d.ends, uint32(text.Len()))
		d.entries = append(d.entries, Entry{Topic(raw[end+1]), Topic(raw[end+2]), raw[end+3]})
		i = end + 4
	}
	d.text = text.String()
	for line := range strings.SplitSeq(string(raw[i:]), "\n") {
		if form, base, ok := strings.Cut(line, " "); ok {
			d.forms[form] = base
		}
	}
	return d
}

func (d *dictionary) word(i int) string {
	start := uint32(0)
	if i > 0 {
		start = d.ends[i-1]
	}
	return d.text[start:d.ends[i]]
}

// Lookup returns what the lower-case word may be in its base form.
func Lookup(word string) (Entry, bool) {
	d := theDictionary()
	i := sort.Search(len(d.ends), func(i int) bool { return d.word(i) >= word })
	if i < len(d.ends) && d.word(i) == word {
		return d.entries[i], true
	}
	return Entry{}, false
}

// Known reports whether the lower-case word, in any form, is an English word
// that is no mere name.
func Known(word string) bool {
	if e, ok := Lookup(word); ok && !e.Proper() {
		return true
	}
	if _, ok := VerbBase(word); ok {
		return true
	}
	if n, ok := NounBase(word); ok && n != word {
		return true
	}
	if a, ok := theDictionary().forms["a"+word]; ok && a != "" {
		return true
	}
	for _, end := range []string{"er", "est", "ly", "ness", "ish", "y", "less", "ful", "able"} {
		stem, ok := strings.CutSuffix(word, end)
		if !ok || len(stem) < 3 {
			continue
		}
		for _, s := range []string{stem, stem + "e", strings.TrimSuffix(stem, "i") + "y", halve(stem)} {
			if e, ok := Lookup(s); ok && !e.Proper() {
				return true
			}
		}
	}
	return false
}

// halve takes off one of a doubled last letter: "bigg" is big.
func halve(s string) string {
	if n := len(s); n > 2 && s[n-1] == s[n-2] {
		return s[:n-1]
	}
	return s
}

// VerbBase returns the base form of a lower-case verb form: "stirred" and
// "stirring" are stir. ok is false where no verb has the form.
func VerbBase(form string) (base string, ok bool) {
	if form == "lay" {
		return form, true // what cooks do to food
	}
	if b, ok := theDictionary().forms["v"+form]; ok {
		return b, true
	}
	if isVerb(form) {
		return form, true
	}
	for _, rule := range verbEnds {
		stem, cut := strings.CutSuffix(form, rule.end)
		if !cut || len(stem) < 2 {
			continue
		}
		if b := stem + rule.base; isVerb(b) {
			return b, true
		}
		if b := halve(stem); rule.base == "" && b != stem && isVerb(b) {
			return b, true
		}
	}
	return "", false
}

var verbEnds = []struct{ end, base string }{
	{"ies", "y"}, {"es", "e"}, {"es", ""}, {"s", ""}, {"ied", "y"}, {"ed", "e"}, {"ed", ""}, {"ing", "e"}, {"ing", ""}, {"in'", ""}, {"in", ""},
}

func isVerb(w string) bool {
	e, ok := Lookup(w)
	return ok && e.verb != 0 || moreVerbs[w]
}

// moreVerbs are verbs of kitchens that WordNet 3.0 does not have.
var moreVerbs = map[string]bool{"whizz": true, "bung": true, "debone": true, "blitz": true, "zap": true, "nuke": true, "debubble": true, "glug": true, "deseed": true,
	"decant": true, "julienne": true, "jiggle": true, "parboil": true, "microwave": true, "plonk": true, "liquidise": true, "blob": true, "pressurecook": true, "can": true, "jar": true}

// NounBase returns the singular of a lower-case noun form.
func NounBase(form string) (base string, ok bool) {
	if b, ok := theDictionary().forms["n"+form]; ok {
		return b, true
	}
	if e, ok := Lookup(form); ok && e.noun != 0 {
		return form, true
	}
	for _, rule := range nounEnds {
		stem, cut := strings.CutSuffix(form, rule.end)
		if !cut || len(stem) < 2 {
			continue
		}
		if e, ok := Lookup(stem + rule.base); ok && e.noun != 0 {
			return stem + rule.base, true
		}
	}
	return "", false
}

var nounEnds = []struct{ end, base string }{{"ies", "y"}, {"ches", "ch"}, {"shes", "sh"}, {"ses", "s"}, {"xes", "x"}, {"oes", "o"}, {"ves", "f"}, {"s", ""}}
