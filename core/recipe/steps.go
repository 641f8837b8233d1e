package recipe

import (
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/words"
)

var negations = map[string]bool{"not": true, "no": true, "never": true, "dont": true, "without": true, "avoid": true, "nor": true, "cannot": true}

// abbreviations do not end a sentence.
var abbreviations = map[string]bool{"in": true, "min": true, "oz": true, "lb": true, "lbs": true, "tsp": true, "tbsp": true, "approx": true,
	"qt": true, "pt": true, "hr": true, "hrs": true, "mins": true, "ft": true, "sec": true, "no": true, "c": true, "t": true, "vs": true, "etc": true, "pkg": true, "gal": true}

// forms of address stand before a name.
var address = map[string]bool{"mr": true, "mrs": true, "ms": true, "dr": true, "st": true}

// Sentences cuts a paragraph into sentences.
func Sentences(s string) []string {
	var out []string
	start := 0
	for i := 0; i < len(s); i++ {
		switch s[i] {
		case '!', '?', ';':
		case '.':
			if i+1 < len(s) && s[i+1] != ' ' && s[i+1] != '\t' && s[i+1] != '"' && s[i+1] != ')' {
				continue
			}
			w := s[start:i]
			if j := strings.LastIndexAny(w, " (-"); j >= 0 {
				w = w[j+1:]
			}
			next := strings.TrimSpace(s[i+1:])
			if address[strings.ToLower(w)] && next != "" || abbreviations[strings.ToLower(w)] && next != "" && !(next[0] >= 'A' && next[0] <= 'Z') {
				continue
			}
		default:
			continue
		}
		if t := strings.TrimSpace(s[start : i+1]); len(t) > 1 {
			out = append(out, t)
		}
		start = i + 1
	}
	if t := strings.TrimSpace(s[start:]); t != "" {
		out = append(out, t)
	}
	return out
}

// inMethod is where a sentence stands that is read by itself, as one of a method.
var inMethod = method.Where{Stage: method.Stage{Method: true}}

// Step reads one sentence of a method.
func (r *Reader) Step(no int, text string) *Step {
	return r.StepAt(no, text, inMethod)
}

// spares reports whether the negation at i says that something is done after all:
// "do not forget the roux", "never skimp on the gravy".
func spares(t []words.Token, i int) bool {
	return i+1 < len(t) && method.Sparing(t[i+1].Text)
}

// listed reads a sentence by the lists of words alone.
func (r *Reader) listed(no int, text string) *Step {
	st := &Step{No: no, Text: text}
	if v := veiledIn(text); v != "" {
		st.unread = append(st.unread, unreadWord{strings.TrimRight(v, ".,;! "), strings.Index(text, v)})
	}
	t := words.Split(text)
	negated, excluded := false, false
	for i := 0; i < len(t); {
		tok := t[i]
		switch tok.Text {
		case "except", "excluding":
			excluded = true
		case "but": // "everything but the cream"
			excluded = i > 0 && (t[i-1].Text == "everything" || t[i-1].Text == "all" || t[i-1].Text == "ingredient")
		case "add", "stir", "whisk", "pour", "put", "mix", "then", "fold", "finish", "and":
			excluded = false
		}
		if tok.Kind == words.Mark {
			if tok.Text == "," || tok.Text == ";" || tok.Text == ":" || tok.Text == "(" {
				negated = false
			}
			i++
			continue
		}
		if tok.Kind == words.Number {
			i++
			continue
		}
		s, n := r.step.at(t, i)
		if n == 0 {
			if negations[tok.Text] {
				negated = !spares(t, i)
			} else if !colours[tok.Text] && english.NumberWord(tok.Text) == 0 && len(tok.Text) > 1 {
				st.unread = append(st.unread, unreadWord{tok.Raw, tok.Start})
			}
			i++
			continue
		}
		raw := text[tok.Start:t[i+n-1].End]
		switch s.kind {
		case actWord:
			if !negated {
				st.Acts = append(st.Acts, Act{s.ref, raw, tok.Start})
			}
		case genericFood:
			if !negated && !excluded {
				st.Generics = append(st.Generics, Generic{s.words[len(s.words)-1], tok.Start})
			}
		case foodName:
			if n == 1 && holdsFood(t, i+1) {
				i += 2 // a stock pot, a jam pan
				continue
			}
			st.Foods = append(st.Foods, Mention{Food: s.food, Text: raw, Without: negated || excluded, Excepted: excluded, At: tok.Start})
		default:
			if negations[tok.Text] {
				negated = !spares(t, i)
			} else if tok.Text == "but" || tok.Text == "then" {
				negated = false
			}
		}
		i += n
	}
	st.Serving = st.Did("open-jar")
	return st
}

// holdsFood reports whether the word at t[i] makes a vessel of the food before it, and no
// dish: "stock pot", not "chicken pot pie".
func holdsFood(t []words.Token, i int) bool {
	if i >= len(t) || t[i].Text != "pot" && t[i].Text != "pan" && t[i].Text != "kettle" && t[i].Text != "crock" {
		return false
	}
	return i+1 >= len(t) || t[i+1].Text != "pie" && t[i+1].Text != "roast" && t[i+1].Text != "dripping" && t[i+1].Text != "sauce"
}

// settleServing marks the sentences that speak of serving: those that say so
// and are not followed by filling or processing of jars. "Stir in the cream
// before serving. Ladle into jars." is no serving step.
func settleServing(steps []*Step) {
	canned := false
	for i := len(steps) - 1; i >= 0; i-- {
		s := steps[i]
		if s.touchesJars() && !s.Did("open-jar") && !s.Serving {
			canned = true
			continue
		}
		if s.Did("serve") && !canned && !s.doing() {
			s.Serving = true
		}
		if canned && !s.opens() {
			s.Serving = false
			for k := range s.Foods {
				s.Foods[k].Serving = false
			}
		}
	}
}

// doing reports whether a clause of the sentence does something before the jar is
// opened.
func (s *Step) doing() bool {
	for i := range s.Clauses {
		if k := s.Clauses[i].Kind; k == method.Doing || k == method.Unread {
			return true
		}
	}
	return false
}

// opens reports whether the sentence says that a finished jar is opened.
func (s *Step) opens() bool {
	if s.Did("open-jar") {
		return true
	}
	for i := range s.Clauses {
		if s.Clauses[i].Opens() {
			return true
		}
	}
	return false
}

// touchesJars reports whether the sentence fills, closes or processes jars.
func (s *Step) touchesJars() bool {
	if s.Did("process", "water-bath", "steam-canner", "pressure-can", "raw-pack", "hot-pack", "vent", "half-solids", "over-solids", "no-process", "invert", "oven", "self-seal") {
		return true
	}
	if s.onlyLabels() {
		return false
	}
	for _, t := range words.Split(s.Text) {
		switch t.Text {
		case "jar", "lid", "canner", "headspace", "rim", "band":
			return true
		}
	}
	return false
}

// onlyLabels reports a sentence that labels jars and does nothing else.
func (s *Step) onlyLabels() bool {
	labels := false
	for i := range s.Clauses {
		c := &s.Clauses[i]
		labels = labels || c.Does("label")
		if c.Kind != method.Talk && !c.Does("label") {
			return false
		}
	}
	return labels
}

// veiledIn returns what goes into the jar without being named, "" where nothing
// does.
func veiledIn(text string) string {
	if closingAsEver.MatchString(text) {
		return ""
	}
	lower := strings.ToLower(text)
	for _, sign := range []string{"stuff", "ingredient", "thing", "extra", "touch", "usual", "works"} {
		if strings.Contains(lower, sign) {
			return veiled.FindString(text)
		}
	}
	return ""
}

// closingAsEver matches jars that are closed as always: "bubbles, rims, lids, the usual".
var closingAsEver = pattern.MustCompile(
	`(?i)\b(?:rims|bubbles), (?:(?:wipe |and )?(?:rims|lids|bands|rings|bubbles), ?)+the usual\b`)

// veiled matches what goes in without being named: "the good stuff", "my special
// ingredient", "the usual".
var veiled = pattern.MustCompile(`(?i)\b(good|special|secret|usual|magic|surprise) (stuff|ingredients?|things?|extras?|touch)\b|\bthe (usual|works)\s*([.,;!]|$)`)
