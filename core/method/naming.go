package method

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// Hint are words that point to the rule that a part which could not be read is about. They
// name the question and decide nothing.
type Hint struct {
	Code string `yaml:"code" json:"code"`
	// At are the times of the course that the rule belongs to: prepare, fill, process,
	// after.
	At []string `yaml:"at" json:"at"`
	// Hints count for much, Faint for little. "a + b" asks for both, near each other.
	Hints []string `yaml:"hints" json:"hints"`
	Faint []string `yaml:"faint" json:"faint"`
}

// clue is one of the words of a hint, under its first word.
type clue struct {
	hint   *Hint
	text   string
	first  []string   // the words, folded
	others [][]string // what must stand in the sentence too
	counts float64
}

const (
	hintCounts  = 3
	faintCounts = 1
	// readAs is what a code counts that the reading of the part itself found, and strays
	// what a code counts that says no more than that it could not be read.
	readAs, strays = 4.0, 0.5
)

// learn takes in what points to a rule.
func (r *Reader) learn(hints []*Hint) {
	r.clues = map[string][]clue{}
	add := func(h *Hint, list []string, counts float64) {
		for _, text := range list {
			c := clue{hint: h, text: text, counts: counts}
			for i, part := range strings.Split(text, "+") {
				if i == 0 {
					c.first = folded(strings.TrimSpace(part))
				} else {
					c.others = append(c.others, folded(strings.TrimSpace(part)))
				}
			}
			if len(c.first) > 0 {
				r.clues[c.first[0]] = append(r.clues[c.first[0]], c)
			}
		}
	}
	for _, h := range hints {
		add(h, h.Hints, hintCounts)
		add(h, h.Faint, faintCounts)
		r.codes = append(r.codes, h.Code)
	}
}

// doubts are questions that a procedure may say are needless, finer than the code that each
// is asked about under.
var doubts = map[string]string{"salt": "unclear-amount", "trim": "fat", "rims": "lid", "drain": "acid-diluted", "bones": "unknown-ingredient", "standing": "pack-style", "ferments": "pack-style"}

// named returns the code under which a part that could not be read is asked about: what
// it says of acid, sugar, pieces, jars and lids tells more than that it is strange.
func (p *passage) named(code string) string {
	if of, ok := doubts[code]; ok {
		code = of
	}
	score := p.hinted()
	switch code {
	case "", "unknown-ingredient", "unclear-amount", "process-short":
		score[code] += strays
	default:
		score[code] += readAs
	}
	best, most := code, max(score[code], 1)
	for _, c := range p.r.codes {
		if score[c] > most {
			best, most = c, score[c]
		}
	}
	if best != code || code != "" && code != "unknown-ingredient" {
		return best
	}
	switch {
	case p.at.Done && !p.namesFood() && (p.hasClass(Pronoun) || p.hasClass(Canner) || p.says("open", "heat", "pressure", "lid", "weight", "down")):
		return "cooling"
	case p.at.Closed && !p.at.Done && !p.namesFood() && !p.strangeWord() && !p.puts() && !p.hasClass(Vague):
		return "process-short"
	}
	return code
}

// Hint returns the code under which a word of the clause that nobody knows is asked about.
func (r *Reader) Hint(clause string) string {
	list := r.split(clause, r.annotate(clause))
	if len(list) == 0 {
		return "unknown-ingredient"
	}
	return (&passage{c: list[0], at: Where{Stage: Stage{Method: true}}, r: r}).named("unknown-ingredient")
}

// hinted counts the clues of the part by their codes; those around it count a third.
func (p *passage) hinted() map[string]float64 {
	score, seen := map[string]float64{}, map[string]bool{}
	phase, around := p.phase(), p.c.unit().t
	count := func(t []token, share float64) {
		for i := range t {
			for _, form := range formsOf(&t[i]) {
				for _, c := range p.r.clues[form] {
					if seen[c.hint.Code+c.text] || !stands(t, i, c.first) || !allStand(around, c.others) {
						continue
					}
					seen[c.hint.Code+c.text] = true
					n := c.counts * share * (1 + 0.2*float64(len(c.first)-1+2*len(c.others)))
					if !slices.Contains(c.hint.At, phase) {
						n /= 2
					}
					score[c.hint.Code] += n
				}
			}
		}
	}
	count(p.c.t, 1)
	count(around, 0.3)
	return score
}

// phase returns when in the course the part stands.
func (p *passage) phase() string {
	switch {
	case p.at.Done:
		return "after"
	case p.at.Closed:
		return "process"
	case p.at.Filled || p.hasClass(Jar):
		return "fill"
	}
	return "prepare"
}

// formsOf are the forms under which a clue may name the word.
func formsOf(w *token) []string {
	out := []string{w.low}
	if w.Text != w.low {
		out = append(out, w.Text)
	}
	if w.verb != "" && w.verb != w.low {
		out = append(out, w.verb)
	}
	if base, ok := english.NounBase(w.low); ok && base != w.low && base != w.verb {
		out = append(out, base)
	}
	return out
}

// stands reports whether the words stand at i.
func stands(t []token, i int, list []string) bool {
	for _, w := range list {
		for i < len(t) && t[i].Kind == words.Mark {
			i++
		}
		if i >= len(t) || !slices.Contains(formsOf(&t[i]), w) {
			return false
		}
		i++
	}
	return true
}

// allStand reports whether each of the lists stands somewhere.
func allStand(t []token, lists [][]string) bool {
next:
	for _, list := range lists {
		for i := range t {
			if stands(t, i, list) {
				continue next
			}
		}
		return false
	}
	return true
}

var acidCodes = map[string]bool{"acid-short": true, "no-acid-added": true, "acid-swap": true, "fresh-citrus": true, "acid-diluted": true}
