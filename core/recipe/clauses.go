package recipe

import (
	"regexp"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/words"
)

// Ask is a clause that could not be read whole: it is asked about in the cook's
// words.
type Ask struct {
	Text string `json:"text"`
	// Code is what it may be about, "" where it may be anything.
	Code string `json:"code,omitempty"`
	// Doubt is the code by which a procedure may say that the question is needless.
	Doubt string `json:"-"`
}

// StepAt reads one sentence of a method where it stands.
func (r *Reader) StepAt(no int, text string, at method.Where) *Step {
	st := r.listed(no, text)
	st.Clauses = r.method.Read(text, at)
	r.settle(st)
	return st
}

// settle lays the reading of the clauses over what the word lists found: talk
// says nothing, what is for the table leaves the jar alone, and a clause that
// was not read is asked about as a whole.
func (r *Reader) settle(st *Step) {
	kind := func(at int) (method.ClauseKind, *method.Clause) {
		for i := range st.Clauses {
			if c := &st.Clauses[i]; at >= c.Start && at < c.End {
				return c.Kind, c
			}
		}
		return method.Doing, nil
	}
	acts := st.Acts[:0]
	for _, a := range st.Acts {
		k, c := kind(a.At)
		if a.Tag == "crush" && c != nil && strings.HasSuffix(strings.ToLower(a.Text), "crushed") && !c.VerbAt(a.At) && k == method.Doing && len(st.Foods) > 0 && follows(st, a, "antibrowning", "dry-seasoning", "garlic") {
			continue // "a crushed vitamin C tablet"
		}
		if c != nil && c.Denied() && (a.Tag == "puree" || a.Tag == "thicken" || a.Tag == "reduce") {
			continue // "this is not the creamy kind"
		}
		if a.Tag == "thicken" && c != nil && c.Absent(a.At) || k == method.Talk && !(c.Untouched() && !softActs[a.Tag]) || k == method.Serve && !tableActs[a.Tag] || k == method.Doing && c != nil && (c.Claims(a.Tag) || c.Early && a.Tag == "force-cool") {
			continue
		}
		acts = append(acts, a)
	}
	for i := range st.Clauses {
		c := &st.Clauses[i]
		if c.Kind != method.Doing && c.Kind != method.Unread {
			continue
		}
		for _, a := range c.Acts {
			tag := actTags[a.Name]
			if a.Undone {
				tag = undoneTags[a.Name]
			}
			if tag != "" && !has2(acts, tag, c) {
				acts = append(acts, Act{tag, a.Verb, c.Start})
			}
		}
	}
	st.Acts = acts
	foods := st.Foods[:0]
	for _, m := range st.Foods {
		k, c := kind(m.At)
		if k == method.Talk || c != nil && c.VerbAt(m.At) || m.Food.ID == "date" && strings.EqualFold(m.Text, "date") && c != nil && !c.Puts() {
			continue
		}
		m.Serving = k == method.Serve
		if c != nil && !m.Excepted {
			m.Without = c.Absent(m.At)
		}
		m.Added, m.Taken, m.More = c != nil && c.Adds(), c != nil && c.Takes(), c != nil && c.More()
		m.Put, m.Beside = c != nil && c.Puts(), c != nil && c.Beside()
		foods = append(foods, m)
	}
	st.Foods = foods
	generics := st.Generics[:0]
	for _, g := range st.Generics {
		if k, _ := kind(g.At); k == method.Talk || k == method.Serve {
			continue
		}
		generics = append(generics, g)
	}
	st.Generics = generics
	unread := st.Unread[:0]
	for _, u := range st.unread {
		k, c := kind(u.at)
		if k == method.Talk || k == method.Serve || c != nil && !c.MayBeFood(u.at-c.Start, u.word) || r.method.Tool(u.word) {
			continue
		}
		unread = append(unread, u.word)
	}
	st.Unread = unread
	doing, serving := false, false
	for i := range st.Clauses {
		c := &st.Clauses[i]
		switch c.Kind {
		case method.Unread:
			st.Asks = append(st.Asks, Ask{strings.TrimSpace(c.Text), c.Code, c.Doubt})
			doing = true
		case method.Doing:
			doing = true
		case method.Serve:
			serving = true
		}
	}
	st.Talk = !doing && !serving && len(st.Clauses) > 0
	st.Serving = serving && !doing
}

// actTags are the acts of the frames under the tags that the rules look for;
// undoneTags those of acts that are said not to be done.
var (
	actTags = map[string]string{"puree": "puree", "mash": "puree", "crush": "crush", "thicken": "thicken", "fry": "fry", "invert": "invert", "no-process": "no-process", "self-seal": "self-seal",
		"vacuum-seal": "no-process", "oven-process": "oven", "cooker-process": "cooker", "force-cool": "forced", "wax-seal": "wax", "below-boil-hold": "below-boil", "dishwasher-process": "odd-process",
		"microwave": "odd-process", "sun": "odd-process", "top-up-time": "top-up", "grind": "grind", "grate": "grate"}
	undoneTags = map[string]string{"peel": "unpeeled", "soak": "no-soak", "vent": "no-vent"}
)

func has2(acts []Act, tag string, c *method.Clause) bool {
	for _, a := range acts {
		if a.Tag == tag && a.At >= c.Start && a.At < c.End {
			return true
		}
	}
	return false
}

// follows reports whether a food of one of the groups is the next one named behind
// the act.
func follows(st *Step, a Act, groups ...string) bool {
	for _, m := range st.Foods {
		if m.At > a.At {
			return m.Food.In(groups...)
		}
	}
	return false
}

// softActs are what harmless words may look like in a clause that touches nothing:
// "crush the boxes flat", "he simmered down".
var softActs = map[string]bool{"crush": true, "reduce": true, "roast": true, "fry": true, "mix": true, "lessen": true, "force-cool": true, "thicken": true, "brown": true, "oven-word": true, "odd-heat": true, "invert": true}

// tableActs keep their meaning in a clause for the table.
var tableActs = map[string]bool{"serve": true, "open-jar": true}

// unreadWord is a word that no list knows, by its byte in the sentence.
type unreadWord struct {
	word string
	at   int
}

// plainEnglish reports whether the word is English and no food.
func plainEnglish(word string) bool {
	low := strings.ToLower(word)
	if !english.Known(low) {
		return false
	}
	noun, ok := english.NounBase(low)
	if !ok {
		return true
	}
	e, _ := english.Lookup(noun)
	return e.Noun() != english.NounFood || e.Verb() != 0 || words.Fold(low) == ""
}

// Closes reports whether the jars are closed by the end of the sentence.
func (s *Step) Closes() bool {
	if s.Processes() && (s.timed() || s.actsProcess()) {
		return true
	}
	for i := range s.Clauses {
		if c := &s.Clauses[i]; c.Kind == method.Doing && len(c.Acts) == 0 && c.Lids() {
			return true // "wipe, lids, bands"
		}
		for _, a := range s.Clauses[i].Acts {
			if (a.Name == "lid" || a.Name == "band" || a.Name == "wipe-rim") && s.Clauses[i].Lids() {
				return true
			}
		}
	}
	return false
}

// Processes reports whether the jars are processed in the sentence.
func (s *Step) Processes() bool {
	if s.Did("process", "water-bath", "pressure-can", "steam-canner") {
		return true
	}
	for i := range s.Clauses {
		for _, a := range s.Clauses[i].Acts {
			switch a.Name {
			case "process", "pressure-process", "boil-bath", "steam-canner":
				return true
			}
		}
	}
	return false
}

// givesTime reports a time among full jars that is neither of the steam nor of a rest:
// "40 minutes for quarts".
func (s *Step) givesTime() bool {
	low := strings.ToLower(s.Text)
	if s.onlyVents() || containsAny(low, "would", "wait", "rest", "stand") {
		return false
	}
	if bareTime.MatchString(s.Text) {
		return true
	}
	for _, m := range english.Measures(words.Split(s.Text)) {
		if m.Kind != english.Duration || m.Min < 10 || m.Min > 300 {
			continue
		}
		for i := range s.Clauses {
			if c := &s.Clauses[i]; (c.Kind == method.Doing || c.Untouched()) && !heatsFood(c) {
				return true
			}
		}
	}
	return false
}

// onlyVents reports a time that only lets steam out: "Vent: 10 min."
func (s *Step) onlyVents() bool {
	low := strings.ToLower(s.Text)
	if !containsAny(low, "vent", "steam", "exhaust") {
		return false
	}
	for _, m := range english.Measures(words.Split(s.Text)) {
		if m.Kind == english.Duration && m.Min > 12 {
			return false
		}
	}
	return true
}

// actsProcess reports whether a clause tells to process, and does not only name a canner.
func (s *Step) actsProcess() bool {
	for i := range s.Clauses {
		if c := &s.Clauses[i]; c.Kind == method.Doing && !c.Negated && canNow.MatchString(c.Text) {
			return true
		}
		for _, a := range s.Clauses[i].Acts {
			switch a.Name {
			case "process", "pressure-process", "boil-bath", "steam-canner":
				return true
			}
		}
	}
	return false
}

// timed reports whether a time that a process could take stands in the sentence.
func (s *Step) timed() bool {
	for _, m := range english.Measures(words.Split(s.Text)) {
		if m.Kind == english.Duration && m.Min >= 5 && m.Min <= 300 {
			return true
		}
	}
	return false
}

// onlyTime reports whether the sentence is a time and no more: "35 minutes."
func (s *Step) onlyTime() bool {
	for i := range s.Clauses {
		c := &s.Clauses[i]
		if c.Why != "figures" {
			continue
		}
		for _, m := range english.Measures(words.Split(c.Text)) {
			if m.Kind == english.Duration && m.Min >= 15 {
				return true
			}
		}
	}
	t := words.Split(s.Text)
	pressed := containsAny(strings.ToLower(s.Text), " lb", " pounds", " psi", "#", "dial", "weight")
	for _, m := range english.Measures(t) {
		if m.Kind == english.Duration && m.Min >= 15 && m.Min <= 120 && pressed && m.Start <= 1 {
			return true // "40 minutes at 12 lb, after ten of steam"
		}
		if m.Kind == english.Duration && m.Min >= 15 && m.Min <= 120 && pressed && m.Start > 1 && containsAny(strings.ToLower(s.Text), "vent", "steam", "exhaust") && containsAny(strings.ToLower(s.Text), "then ", "and then") {
			return true // "10 minutes venting, then 30 minutes at 10 pounds"
		}
		if m.Kind == english.Duration && m.Start == 0 && m.Min >= 5 && m.End >= len(t)-1 {
			return true
		}
	}
	return false
}

// loads reports whether the closed jars go into the canner in the sentence.
func (s *Step) loads() bool {
	for i := range s.Clauses {
		if s.Clauses[i].Loads() {
			return true
		}
	}
	return false
}

// fills reports whether food goes into jars in the sentence.
func (s *Step) fills() bool {
	if s.Did("raw-pack", "hot-pack", "half-solids") || s.Closes() {
		return true
	}
	for i := range s.Clauses {
		if c := &s.Clauses[i]; c.Kind == method.Doing && c.InJars() && inHotJars.MatchString(c.Text) {
			return true
		}
		for _, a := range s.Clauses[i].Acts {
			switch a.Name {
			case "fill", "pack", "layer", "headspace", "add", "dose-jar", "cover-with-liquid":
				if (a.Name == "add" || a.Name == "dose-jar") && s.onlySeasons() {
					continue // salt in the jar fills none
				}
				if c := &s.Clauses[i]; c.InJars() && !a.Undone && c.Kind == method.Doing {
					return true
				}
			}
		}
	}
	return false
}

// inHotJars is where only food goes: "hot cubes + their water in hot pints".
var inHotJars = regexp.MustCompile(`(?i)\b(in|into) (the |my |our |clean |sterile |sterilized |sterilised )*(hot|warm) (half.)?(pints?|quarts?|jars?|glasses)\b`)

// bareTime is a number that a verb gives to the jars: "up here, 4,900 feet, is 15."
var bareTime = regexp.MustCompile(`(?i)\b(is|are|needs?|takes?|gets?|wants?) (\d{2,3}|ten|fifteen|twenty|twenty.five|thirty|thirty.five|forty|forty.five|fifty)\W*$`)

// onlySeasons reports whether all that the sentence names is salt, acid or spice.
func (s *Step) onlySeasons() bool {
	for _, m := range s.Foods {
		if !m.Food.In("salt", "vinegar", "bottled-citrus", "citrus-juice", "citric-acid", "dry-seasoning", "antibrowning") {
			return false
		}
	}
	return len(s.Foods) > 0
}

// canNow tells to process, without a time: "Pressure can."
var canNow = regexp.MustCompile(`(?i)^(then |and )?(pressure[- ]?can|water[- ]?bath|process)( (them|it|the jars|as (usual|tested|below)|at once|right away))?$`)

// bareNumber is the same with any number: "here they are 8".
var bareNumber = regexp.MustCompile(`(?i)\b(is|are|needs?|takes?|gets?|wants?|do|does) (\d{1,3}|\pL+)\W*$`)
