package recipe

import (
	"math"
	"slices"
	"strconv"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/quantity"
	"damson/core/words"
)

// timedWords are the verbs that a time may belong to, besides the process.
var timedWords = map[string]bool{"boil": true, "boiling": true, "simmer": true, "simmering": true, "blanch": true, "blanched": true, "soak": true,
	"cook": true, "cooking": true, "steam": true, "rest": true, "wait": true, "stand": true, "cool": true, "heat": true, "roast": true, "bake": true, "sit": true,
	"leave": true, "let": true, "dip": true, "chill": true, "fry": true, "saute": true, "brown": true, "stir": true, "parboil": true, "sterilize": true, "sterilise": true,
	"keep": true, "within": true, "after": true, "preheat": true, "hold": true, "cooked": true, "boiled": true, "simmered": true, "soaked": true, "scald": true, "sear": true, "refrigerate": true, "infuse": true, "macerate": true, "drain": true, "cooling": true, "heated": true}

// stateFacts reads the facts of the process from title, lines and method.
func (r *Reader) stateFacts(rec *Recipe) {
	s := &rec.Stated
	if rec.Title != "" {
		r.facts(s, rec.TitleLine, rec.Title, true)
	}
	for _, st := range rec.Steps {
		r.readStep(s, st)
	}
	r.byElevation(s, rec)
	s.chooseJar(rec)
	s.yieldJar(rec)
	if s.StartPSI != nil && s.PSI != nil && s.StartPSI.Value < s.PSI.Value {
		s.PSI = s.StartPSI // the clock starts below the pressure that is named
	}
}

// readStep reads the facts of a sentence of the method.
func (r *Reader) readStep(s *Stated, st *Step) {
	switch {
	case st.Talk && !(st.Between && (st.given() >= 3 || len(st.Clauses) > 0 && st.Clauses[0].Untouched() && pounds.MatchString(st.Text))):
		r.factsIn(st.Text, st.No, s).elevation()
	case !st.Serving && !(gelTest.MatchString(st.Text) && !st.Between && !st.Loaded):
		r.stepFacts(s, st)
	}
}

// gelTest begins what is done to see whether a spread has set: its minutes are no process.
var gelTest = pattern.MustCompile(`(?i)^\W*(?:to|the) (?:test|check)(?: (?:for )?(?:the )?(?:set|doneness|it|gel|jell))?\b`)

// factReader walks one sentence.
type factReader struct {
	r *Reader
	t []words.Token
	// measures are those of the tokens; they are shared.
	measures []english.Measure
	line     int
	out      *Stated
	title    bool
	// clauses of the sentence; loaded is true where the jars stand in the canner
	// already.
	clauses []method.Clause
	loaded  bool
	// between is true where the jars are full and not yet processed.
	between bool
	// acts by the token they start at
	acts map[int]string
}

// factsIn is a reader of the facts of a text.
func (r *Reader) factsIn(text string, line int, out *Stated) *factReader {
	return &factReader{r: r, t: words.Split(text), measures: english.MeasuresOf(text), line: line, out: out, acts: map[int]string{}}
}

// stepFacts reads the facts of a sentence: what its clauses do decides what a
// time belongs to.
func (r *Reader) stepFacts(out *Stated, st *Step) {
	f := r.factsIn(st.Text, st.No, out)
	f.clauses, f.loaded, f.between = st.Clauses, st.Loaded, st.Between
	if st.Between || st.Loaded {
		if t := method.Implied(f.t); len(t) > len(f.t) {
			f.t, f.measures = t, english.Measures(t)
		}
	}
	f.readActs()
	f.clauseActs()
	f.jars()
	f.numbers()
	f.sharesOfAnInch()
	f.elevation()
}

func (r *Reader) facts(out *Stated, line int, text string, title bool) {
	f := r.factsIn(text, line, out)
	f.title = title
	f.readActs()
	f.jars()
	f.numbers()
	f.sharesOfAnInch()
	f.elevation()
}

func (f *factReader) text(i int) string {
	if i >= 0 && i < len(f.t) {
		return f.t[i].Text
	}
	return ""
}

func (f *factReader) readActs() {
	negated := false
	for i := 0; i < len(f.t); {
		if f.t[i].Kind == words.Mark && f.t[i].Text != "-" {
			negated = false
		}
		s, n := f.r.step.at(f.t, i)
		if n == 0 {
			if negations[f.t[i].Text] {
				negated = true
			}
			i++
			continue
		}
		if s.kind == actWord && !negated && !f.aside(i, s.ref) {
			f.acts[i] = s.ref
			switch s.ref {
			case "raw-pack":
				f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
			case "hot-pack":
				if f.heatOfOther(i, i+n) {
					delete(f.acts, i)
					break
				}
				f.out.Packs = append(f.out.Packs, Said[string]{"hot", f.line})
			case "water-bath":
				f.out.Methods = append(f.out.Methods, Said[string]{"water-bath", f.line})
			case "steam-canner":
				f.out.Methods = append(f.out.Methods, Said[string]{"steam", f.line})
			case "pressure-can":
				f.out.Methods = append(f.out.Methods, Said[string]{"pressure", f.line})
			}
		} else if s.kind == plainWord && negations[f.t[i].Text] {
			negated = true
		}
		switch f.t[i].Text {
		case "dial":
			f.out.Gauge = &Said[string]{"dial", f.line}
		case "weighted":
			f.out.Gauge = &Said[string]{"weighted", f.line}
		case "cold":
			if i+1 == len(f.t) || f.t[i+1].Kind == words.Mark {
				if f.coldFood(i) {
					f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
				}
			}
		case "raw":
			if s.kind != actWord && f.jarsNamed(i) {
				f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
				break
			}
			// "Pints, raw." states the pack where it stands alone.
			if s.kind != actWord && len(f.t) <= 8 && f.alone(i) {
				f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
			}
		case "hot":
			if w := f.text(i - 1); s.kind != actWord && (w == "the" || w == "with") && f.hotFood(i+1) {
				f.out.Packs = append(f.out.Packs, Said[string]{"hot", f.line})
				break
			}
			if s.kind != actWord && (len(f.t) <= 8 && n == 1 && f.alone(i) || i == 0 && len(f.t) <= 3 && len(f.t) > 1 && !f.r.foodAt(f.t, 0) && f.r.foodAt(f.t, 1)) {
				f.out.Packs = append(f.out.Packs, Said[string]{"hot", f.line})
			}
		}
		i += n
	}
}

// hotFood reports a food at t[k] that is filled while it is hot: "with the hot beans", and not
// what is poured over, nor hot peppers.
func (f *factReader) hotFood(k int) bool {
	jars := false
	for i := range f.t {
		_, n := jarWord(f.t, i)
		jars = jars || n > 0
	}
	return jars && !pouredOver[f.text(k)] && f.text(k) != "pepper" && f.text(k) != "chile" && f.text(k) != "chili" && f.text(k) != "sauce" && f.r.foodAt(f.t, k)
}

// heatOfOther reports that the words of a hot pack, t[i:end], speak of jars that are hot, or
// of what is poured over: "fill hot, clean pint jars", "pour hot syrup over".
func (f *factReader) heatOfOther(i, end int) bool {
	if last := f.text(end - 1); last != "hot" && last != "boiling" {
		return false
	}
	for k := end; k < end+6 && k < len(f.t); k++ {
		if w := f.text(k); w == "in" || w == "into" || w == "to" {
			return false // "pack hot into pints"
		}
		if _, n := jarWord(f.t, k); n > 0 || pouredOver[f.text(k)] || jarMakings[f.text(k)] {
			return true
		}
		if f.r.foodAt(f.t, k) {
			return false
		}
	}
	return false
}

var (
	pouredOver = set("water syrup brine broth stock liquid liquor vinegar pickling")
	jarMakings = set("jar glass bottle container pint quart half-pint")
)

// flows is what steam can do.
var flows = set("flow circulate escape get reach move burn rise be come build pass scald")

// aside reports whether the act at t[i] is another's, or boiling water before there
// are jars to put in it.
func (f *factReader) aside(i int, act string) bool {
	if act == "steam-canner" && f.text(i+1) == "can" && flows[f.text(i+2)] {
		return true // "so that steam can flow around them"
	}
	for k := range f.clauses {
		c := &f.clauses[k]
		if f.t[i].Start < c.Start || f.t[i].Start >= c.End {
			continue
		}
		others := c.Kind == method.Talk && (c.Why == "somebody else" || c.Why == "another place")
		return others || c.Early && act == "water-bath" && !c.Canners()
	}
	return false
}

// clauseActs takes the methods that the clauses state.
func (f *factReader) clauseActs() {
	for i := range f.clauses {
		c := &f.clauses[i]
		if c.Kind == method.Talk || c.Kind == method.Serve || c.Negated {
			continue
		}
		if c.InPot() {
			f.out.Methods = append(f.out.Methods, Said[string]{"water-bath", f.line})
		}
		for _, a := range c.Acts {
			switch m := actMethods[a.Name]; {
			case a.Name == "vent" && a.Minutes > 0 && !a.Undone && f.out.Vent == nil:
				f.out.Vent = &Said[float64]{a.Minutes, f.line}
			case m == "" || a.Undone:
			case !c.Jars() && m != "pressure":
			case m == "pressure" || a.Minutes > 0 || c.Kind == method.Doing && a.Name == "steam-canner":
				if !slices.ContainsFunc(f.out.Methods, func(x Said[string]) bool { return x.Value == m }) {
					f.out.Methods = append(f.out.Methods, Said[string]{m, f.line})
				}
			}
		}
	}
}

var actMethods = map[string]string{"boil-bath": "water-bath", "steam-canner": "steam", "pressure-process": "pressure"}

// jarsNamed reports whether the clause at the token fills jars.
func (f *factReader) jarsNamed(i int) bool {
	for k := range f.clauses {
		c := &f.clauses[k]
		if f.t[i].Start >= c.Start && f.t[i].Start < c.End {
			return c.Jars() && c.Puts() && !c.Negated
		}
	}
	return false
}

// coldFood reports whether the clause at the token works on food that stays cold.
func (f *factReader) coldFood(i int) bool {
	for k := range f.clauses {
		c := &f.clauses[k]
		if f.t[i].Start < c.Start || f.t[i].Start >= c.End || c.Kind != method.Doing {
			continue
		}
		if w := f.text(i - 1); (w == "into" || w == "then") && containsAny(strings.ToLower(c.Text), "dip", "scald", "dunk", "plunge") {
			return false // "dip in boiling water, into cold, skins off"
		}
		return !strings.Contains(c.Text, "until") && !strings.Contains(c.Text, "till") && !strings.Contains(c.Text, "cool") && !strings.Contains(c.Text, "run") && !strings.Contains(c.Text, "then in cold") && !c.Negated
	}
	return false
}

// gauged reports whether a gauge, dial or weight is named shortly before.
func (f *factReader) gauged(i int) bool {
	for k := i - 1; k >= 0 && k >= i-6; k-- {
		switch f.text(k) {
		case "gauge", "dial", "regulator", "weight", "needle", "clock":
			return true
		}
	}
	return false
}

// venting reports whether the time at t[i:end] is that of letting steam out: of two times in
// a clause the one beside the word.
func (f *factReader) venting(i, end int) bool {
	if f.ventWordBefore(i, 4) {
		return true
	}
	if f.atPressure(end) || f.text(i-1) == "then" {
		return false // "vent 10 minutes, 65 minutes at 10 lb"
	}
	c := f.clauseAt(i)
	return c != nil && (c.Steams() || slices.ContainsFunc(c.Acts, func(a method.Act) bool { return a.Name == "vent" })) && !f.timeBetween(c, i)
}

// airs reports whether the clause of the token lets the air out of the canner.
func (f *factReader) airs(i int) bool {
	c := f.clauseAt(i)
	return c != nil && c.Airs()
}

// clauseAt returns the clause of the token, nil where none has it.
func (f *factReader) clauseAt(i int) *method.Clause {
	for k := range f.clauses {
		if c := &f.clauses[k]; f.t[i].Start >= c.Start && f.t[i].Start < c.End {
			return c
		}
	}
	return nil
}

// ventWordBefore reports whether one of the last n words is of venting, with no other time
// between.
func (f *factReader) ventWordBefore(i, n int) bool {
	for k := i - 1; k >= 0 && k >= i-n; k-- {
		switch w := f.text(k); {
		case ventWords[w]:
			return f.text(k-1) != "minute" && f.text(k-1) != "min" // "10 min vent, 90 min"
		case w == "steam", w == "steaming":
			return f.between || f.loaded
		case w == "minute", w == "min", w == ".", w == ";", w == "then", w == "weight":
			return false
		case w == "," && participle(f.text(k-1)):
			return false // "vented, 15 minutes at 10 lb"
		}
	}
	return false
}

// timeBetween reports whether another time of the clause stands before t[i].
func (f *factReader) timeBetween(c *method.Clause, i int) bool {
	for _, m := range f.measures {
		if m.Kind == english.Duration && m.End <= i && f.t[m.Start].Start >= c.Start {
			return true
		}
	}
	return false
}

// jarBefore reports whether the name of a jar stands right before t[i].
func (f *factReader) jarBefore(i int) bool {
	for k := max(0, i-3); k < i; k++ {
		if name, n := jarWord(f.t, k); n > 0 && name != "jar" && (k+n == i || k+n == i-1 && (f.text(i-1) == ":" || f.text(i-1) == "," || f.text(i-1) == "-" || f.text(i-1) == "get" || f.text(i-1) == "take")) {
			return true
		}
	}
	return false
}

// pressureBefore reports whether "ten pounds for" or "10 lb," stands before t[i].
func (f *factReader) pressureBefore(i int) bool {
	k := i - 1
	for k > 1 && (f.text(k) == "," || f.text(k) == "for" || f.text(k) == "and" || f.text(k) == "." || f.text(k) == "/" || f.text(k) == ":") {
		k--
	}
	switch f.text(k) {
	case "pound", "lb", "psi", "#":
	default:
		return false
	}
	for n := max(0, k-3); n < k; n++ {
		if v, m := english.Number(f.t, n); m > 0 && n+m == k && v >= 4 && v <= 20 {
			return true
		}
	}
	return false
}

// atPressure reports whether "at 10 lb" stands at t[i].
func (f *factReader) atPressure(i int) bool {
	for k := i; k < i+3; k++ {
		if k < len(f.t) && f.t[k].Kind == words.Number {
			v, n := english.Number(f.t, k)
			u := f.text(k + n) // "90 min 10 lb", but another time in "10 min. 90 min at 12 lb"
			return k == i && f.t[k-1].Kind == words.Word && v >= 4 && v <= 20 && (u == "pound" || u == "lb" || u == "psi" || u == "#")
		}
		if f.text(k) != "at" && f.text(k) != "," && f.text(k) != "/" && f.text(k) != "@" {
			continue
		}
		v, n := english.Number(f.t, k+1)
		if n > 0 && v >= 4 && v <= 20 {
			switch f.text(k + 1 + n) {
			case "pound", "lb", "psi", "#":
				return true
			}
		}
		return false
	}
	return false
}

// steamAt reports whether steam stands at t[i], as what the time before it measures: "10
// minutes of steam, then 75 minutes".
func (f *factReader) steamAt(i int) bool {
	for k := i; k < i+3; k++ {
		switch w := f.text(k); {
		case w == "steam", w == "steaming", ventWords[w]:
			return true
		case !beforeSteam[w]:
			return false
		}
	}
	return false
}

// processing reports whether a time at the token belongs to jars in the canner.
func (f *factReader) processing(i int) bool {
	loaded := f.loaded
	for k := range f.clauses {
		c := &f.clauses[k]
		here := f.t[i].Start >= c.Start && f.t[i].Start < c.End
		proc := false
		for _, a := range c.Acts {
			switch a.Name {
			case "load":
				loaded = true
			case "process", "pressure-process", "boil-bath", "steam-canner", "cooker-process", "oven-process", "below-boil-hold", "dishwasher-process", "microwave", "sun", "hold":
				proc = proc || c.Jars() || a.Name == "process" || a.Name == "pressure-process"
			case "vent":
				if here {
					return false
				}
			}
		}
		if here && heatUp.MatchString(c.Text) && slices.ContainsFunc(f.t, steams) {
			return false // until it steams
		}
		if here {
			return proc && c.Kind != method.Talk || loaded && c.Boils() || f.between && (c.Figures() || f.t[i].Start == c.Start || c.Kind != method.Serve && c.Kind != method.Talk && !f.besideFood(i) && (!heatsFood(c) || ofThem.MatchString(c.Text)))
		}
		loaded = loaded || c.Loads()
	}
	return false
}

// heatUp is the time before the canner steams, which some procedures measure.
var heatUp = pattern.MustCompile(`(?i)\bheat\w* (?:it |the canner |slowly |up |gently )*(?:on|over|at) (?:a |the )?(?:very )?(?:high|highest|full)\b|\bheat\w* (?:it |the canner )?slowly\b`)

// steams reports a word of the steam that a canner lets out.
func steams(t words.Token) bool {
	return t.Text == "steam" || t.Text == "steaming" || ventWords[t.Text]
}

// participle reports venting that is over: the time behind it is no more its own.
func participle(w string) bool { return w == "vented" || w == "exhausted" }

// ventWords are of letting the steam out, beforeSteam how much of it.
var (
	ventWords   = set("vent vented venting exhaust exhausted exhausting")
	beforeSteam = set("of free good steady full strong ' ’")
)

// elevation takes the cook's own height above the sea: "we live at 7,000 feet".
// A band of a table is none.
func (f *factReader) elevation() {
	for _, m := range f.measures {
		if m.Kind != english.Height || m.Min != m.Max {
			continue
		}
		switch f.text(m.Start - 1) {
		case "above", "over", "to", "-", "under", "below", "every", "per", "each", "until", "between", "up", "than", "exceed", "first", "and", "from":
			continue
		}
		if f.text(m.End) == "-" || f.text(m.End) == "to" || f.text(m.End) == "and" && f.text(m.End+1) == "above" || f.text(m.End) == "or" {
			continue
		}
		if was := f.out.Elevation; was == nil || m.Min > was.Value { // of two the higher asks for more
			f.out.Elevation = &Said[float64]{m.Min, f.line}
		}
	}
}

// alone reports whether the word stands between commas or line ends.
func (f *factReader) alone(i int) bool {
	edge := func(k int) bool {
		return k < 0 || k >= len(f.t) || f.t[k].Kind == words.Mark && f.t[k].Text != "-"
	}
	return edge(i-1) && edge(i+1)
}

// vessels are measured in quarts too, and are no jars.
var vessels = map[string]bool{"pot": true, "stockpot": true, "saucepan": true, "kettle": true, "pan": true, "bowl": true, "crock": true, "container": true, "bucket": true, "dutch": true, "stock": true, "canner": true}

// canner reports whether the measure that begins behind the token, or the number that ends
// at it, is the size of a canner or a pot: "a pressure canner of 16 to 22 quarts", "it must
// hold 16 quarts".
func (f *factReader) canner(i int) bool {
	held := false
	for k := i; k >= 0 && k > i-10; k-- {
		switch w := f.text(k); {
		case w == "canner" || vessel(w):
			return true
		case w == "hold" || w == "holding":
			held = true
		case sizing[w], f.t[k].Kind == words.Number, english.NumberWord(w) > 0, held && w == "it":
		default:
			return false
		}
	}
	return false
}

// sizing are words that stand between a vessel and its size.
var sizing = set("of to or - about that must should can will at least most smaller larger than under over with room for size between and")

// vessel reports whether the word is a vessel of the kitchen, a compound like "saucepot" too.
func vessel(w string) bool { return vessels[w] || words.Vessel(w) }

// jars finds the jars that the sentence names, as jars and not as measures.
func (f *factReader) jars() {
	for i := 0; i < len(f.t); i++ {
		if v, n, u := f.counted(i); n > 0 {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{quantity.JarHolding(v, u), f.line})
			i += n - 1
			continue
		}
		// "500 ml jars", "12-oz jars"
		if f.t[i].Kind == words.Number {
			j := i + 1
			if f.text(j) == "-" {
				j++
			}
			if u := unitAt(f.t, j); (u.unit == quantity.Ml || u.unit == quantity.Oz || u.unit == quantity.L) && (f.text(j+u.n) == "jar" || f.text(j+u.n) == "mason") {
				jar, ok := quantity.ParseJar(f.t[i].Text + string(u.unit))
				if v, err := digits(f.t[i].Text); !ok && err == nil {
					jar = quantity.JarHolding(v*u.scale, u.unit)
				}
				f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{jar, f.line})
				i = j
			}
			continue
		}
		if f.text(i) == "gallon" && f.text(i-1) != "half" && (f.text(i+1) == "jar" || f.text(i+1) == "mason" || (f.text(i-1) == "into" || f.text(i-1) == "in" || f.text(i-1) == "hot") && f.t[i].Raw != f.t[i].Text && f.text(i+1) != "of") {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{quantity.GallonJar, f.line})
			continue
		}
		if v, n, u := f.counted(i); n > 0 {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{quantity.JarHolding(v, u), f.line})
			i += n - 1
			continue
		}
		name, n := jarWord(f.t, i)
		if n == 0 || name == "jar" {
			continue
		}
		asJar := f.text(i+n-1) == "jar" || f.text(i+n) == "mason"
		before := f.text(i - 1)
		if before == "-" {
			before = f.text(i - 2)
		}
		counted := f.countedAt(i-1) || before == "a" || before == "wide"
		plural := f.t[i+n-1].Raw != f.t[i+n-1].Text
		next := f.text(i + n)
		if !asJar {
			switch {
			case next == "of" || f.r.foodAt(f.t, i+n) || (next == "cold" || next == "hot" || next == "boiling" || next == "fresh" || next == "warm") && f.r.foodAt(f.t, i+n+1):
				i += n - 1
				continue
			case !plural && (before == "per" || before == "each" || before == "every"):
				i += n - 1
				continue
			case counted && !plural && before != "a":
				i += n - 1
				continue
			case counted && f.canner(i-1), vessel(next), next == "pressure" && f.text(i+n+1) == "canner", !plural && before == "the" && f.text(i-2) == "to" && f.ofWater(i):
				i += n - 1
				continue
			case f.title && !plural:
				i += n - 1
				continue
			}
		}
		if f.denied(i) {
			i += n - 1
			continue // "not quarts"
		}
		if jar, ok := quantity.ParseJar(name); ok {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{jar, f.line})
		}
		i += n - 1
	}
}

// ofWater reports whether the measure at i is one of the water that something is washed
// or soaked in: "wash the meat in water with a teaspoon of salt to the quart".
func (f *factReader) ofWater(i int) bool {
	for k := i - 1; k >= 0 && f.t[k].Kind != words.Mark; k-- {
		switch f.text(k) {
		case "wash", "rinse", "soak", "water", "brine":
			return true
		}
	}
	return false
}

// denied reports whether "not", "never" or "no" stands right before t[i].
func (f *factReader) denied(i int) bool {
	for k := i - 1; k >= max(0, i-3); k-- {
		switch w := f.text(k); {
		case negations[w] || w == "never" || w == "not" || w == "no":
			return true
		case w == "in" || w == "the" || w == "for" || w == "those" || w == "do" || w == "use":
		default:
			return false
		}
	}
	return false
}

// counted reads "2-quart jars", "four-pint jars", "two-litre jars": one jar of
// that size.
func (f *factReader) counted(i int) (v float64, n int, u quantity.Unit) {
	v, m := english.Number(f.t, i)
	if m == 0 || f.text(i+m) != "-" || v < 1 {
		return 0, 0, ""
	}
	r := unitAt(f.t, i+m+1)
	if r.n == 0 || r.unit != quantity.Pint && r.unit != quantity.Quart && r.unit != quantity.L && r.unit != quantity.Gallon {
		return 0, 0, ""
	}
	if k := i + m + 1 + r.n; f.text(k) != "jar" && f.text(k) != "mason" && f.text(k) != "bottle" {
		return 0, 0, ""
	}
	return v * r.scale, m + 2 + r.n, r.unit
}

// sharesOfAnInch finds a headspace told in words: "a quarter inch", "half an inch".
func (f *factReader) sharesOfAnInch() {
	shares := map[string]float64{"half": 0.5, "quarter": 0.25, "eighth": 0.125}
	for i := range f.t {
		v := shares[f.text(i)]
		if before := f.text(i - 1); v == 0 || i > 0 && before != "a" && before != "an" && before != "one" && before != "," && before != "to" && before != "leave" && before != "leaving" && before != "headspace" && before != "about" || f.text(i-2) == "and" {
			continue // "an inch and a quarter", "three quarters of an inch"
		}
		k := i + 1
		for f.text(k) == "-" || f.text(k) == "of" || f.text(k) == "an" || f.text(k) == "a" {
			k++
		}
		if f.text(k) == "inch" && f.leftFree(i, k+1) {
			f.headspace(v)
		}
	}
}

// numbers finds minutes, pounds, venting and headspace.
func (f *factReader) numbers() {
	verb := ""        // the last verb that a time may belong to
	var jars []string // the jars last named, as "pints or quarts"
	listed := false   // whether nothing but "or" stands behind them
	hasProcess := false
	for _, tag := range f.acts {
		switch tag {
		case "process", "water-bath", "steam-canner", "pressure-can", "cooker", "oven":
			hasProcess = true
		}
	}
	first, ended := len(f.out.Minutes), -1
	times, gaps := map[int]english.Measure{}, map[int]bool{}
	for _, m := range f.measures {
		switch m.Kind {
		case english.Duration:
			times[m.Start] = m
		case english.Length:
			gaps[m.Start] = true
		}
	}
	for i := 0; i < len(f.t); {
		if gaps[i] && len(jars) > 0 && verb == "other" {
			verb = "" // "simmer 10 minutes, pints, half an inch, 15 minutes"
		}
		if m, ok := times[i]; ok {
			if f.text(i-1) == "time" && m.Min == 1 {
				i = m.End // "rocks three times a minute"
				continue
			}
			if f.text(i-1) == "not" && limitWords[f.text(m.End)] {
				i = m.End // "and not a minute less"
				continue
			}
			f.time(m.Min, f.verbOf(i, m, verb), jars, hasProcess)
			jars = nil
			i = m.End
			ended = i
			continue
		}
		switch f.acts[i] {
		case "process", "water-bath", "steam-canner", "pressure-can", "cooker", "oven":
			if verb != "vent" || f.text(i) != "canner" { // "vent the canner 10 minutes"
				verb = "process"
			}
		case "vent":
			verb = "vent"
		case "soak", "roast", "brown", "fry", "slow-cook", "blister", "force-cool", "natural-cool":
			verb = "other"
		default:
			// "boiling water canner" is no boiling.
			if timedWords[f.text(i)] && f.acts[i] == "" {
				verb = "other"
			}
		}
		if name, n := jarWord(f.t, i); n > 0 {
			if i > 0 && f.t[i-1].Kind == words.Number && f.r.foodAt(f.t, i+n) {
				i += n // "3 quarts water" in the canner
				continue
			}
			if name != "jar" {
				if !listed {
					jars = nil
				}
				jars, listed = append(jars, name), true
				if v, m, ok := f.bare(i + n); ok && (hasProcess || len(f.out.Minutes) > first) && verb != "other" && verb != "vent" {
					f.time(v, "process", []string{name}, true) // "pints 30, quarts 35"
					jars = nil
					i += n + m
					continue
				}
				// "20 minutes for pints or quarts": the time before had no jar yet.
				if k := len(f.out.Minutes) - 1; k >= first && f.out.Minutes[k].Jar == "" && (f.text(i-1) == "for" || f.text(i-2) == "for" || ended == i && name != "jar" && (f.jarAndFigure(i+n) || f.told(i))) {
					f.out.Minutes[k].Jar, _ = quantity.ParseJar(name)
					jars = nil
					for f.joins(i+n) && !f.timed(i+n+2) {
						more, m := jarWord(f.t, i+n+1)
						if m == 0 || more == "jar" {
							break
						}
						jar, _ := quantity.ParseJar(more)
						f.out.Minutes = append(f.out.Minutes, SaidMinutes{f.out.Minutes[k].Minutes, jar, f.line, 0, 0})
						n += 1 + m
					}
				}
			}
			i += n
			continue
		}
		listed = listed && f.joins(i)
		if f.t[i].Kind != words.Number && english.NumberWord(f.text(i)) == 0 && f.text(i) != "an" && f.text(i) != "half" {
			_, n := f.r.step.at(f.t, i)
			i += max(n, 1)
			continue
		}
		v, n, err := number(f.t, i)
		if err != nil || n == 0 {
			i++
			continue
		}
		j := i + n
		if (f.text(j) == "-" || f.text(j) == "to") && j+1 < len(f.t) {
			if w, m, err := number(f.t, j+1); err == nil && m > 0 && f.t[j+1].Kind == words.Number {
				v = min(v, w)
				j += 1 + m
			}
		}
		if f.text(j) == "-" {
			j++
		}
		switch u := f.text(j); {
		case f.between && f.text(j) == "for" && v >= 2 && v <= 200 && f.jarAt(j+1):
			name, n := jarWord(f.t, f.skipArticle(j+1))
			f.time(v, "process", []string{name}, true) // "40 for pints"
			i = f.skipArticle(j+1) + n
		case (f.text(i-1) == "on" && f.pointer(i-2) || f.text(i-1) == "to" || f.text(i-1) == "at" || f.text(i-1) == "say" || f.text(i-1) == "read" || f.text(i-1) == "past" || f.text(i-1) == "over" || f.text(i-1) == "above" || f.text(i-1) == "reach") && v >= 5 && v <= 20 && v == float64(int(v)) && f.gauged(i) && unitAt(f.t, j).n == 0 && f.text(j) != "minute" && f.text(j) != "min" && f.text(j) != "psi" && f.text(j) != "hour":
			f.out.PSI = &Said[float64]{v, f.line}
			f.low(v)
			f.out.Methods = append(f.out.Methods, Said[string]{"pressure", f.line})
			i = j
		case (f.text(i-1) == "them" || f.text(i-1) == "it" || f.text(i-1) == "em") && (f.text(i-2) == "give" || f.text(i-3) == "give") && v >= 5 && v <= 150 && unitAt(f.t, j).n == 0 && u != "minute" && u != "min" && u != "hour":
			f.time(v, "process", jars, true) // "I give them 35"
			i = j
		case f.text(j) == "on" && f.pointer(f.skipArticle(j+1)) && v >= 3 && v <= 20:
			f.out.PSI = &Said[float64]{v, f.line} // "it holds at seven on the dial"
			f.low(v)
			f.out.Methods = append(f.out.Methods, Said[string]{"pressure", f.line})
			i = j
		case f.between && givers[f.text(i-1)] && v >= 5 && v <= 180 && unitAt(f.t, j).n == 0 && (j >= len(f.t) || f.t[j].Kind == words.Mark) && u != "'" && u != "\"" && u != "#":
			f.time(v, "process", jars, true) // "up here, 4,900 feet, is 15."
			i = j
		case (u == "'" || u == "’" || u == "′" || u == "m") && hasProcess && v <= 180:
			f.time(v, verb, jars, hasProcess) // "10' at 10 pounds"
			jars = nil
			i = j + 1
		case u == "minute" || u == "min" || u == "hour" || u == "hr" || u == "h":
			minutes := v
			if u[0] == 'h' {
				minutes = v * 60
				k := j + 1
				if f.text(k) == "and" {
					k++
				}
				if w, m, err := number(f.t, k); err == nil && m > 0 && (f.text(k+m) == "minute" || f.text(k+m) == "min") {
					minutes += w
					j = k + m
				} else if f.text(j+1) == "and" && f.text(j+2) == "a" && f.text(j+3) == "half" {
					minutes += 30
					j += 3
				}
			}
			f.time(minutes, verb, jars, hasProcess)
			jars = nil
			i = j + 1
		case u == "psi" || u == "pound" || u == "lb" || u == "#":
			if f.isPressure(i, j, hasProcess) && f.starts() {
				f.lowest(v)
			}
			if f.isPressure(i, j, hasProcess) && f.ceiling(i) {
				f.lowest(v)
			} else if f.isPressure(i, j, hasProcess) {
				f.out.PSI = &Said[float64]{v, f.line}
				f.low(v)
				f.out.Methods = append(f.out.Methods, Said[string]{"pressure", f.line})
				hasProcess = true
				if verb == "" {
					verb = "process"
				}
			}
			i = j + 1
		case english.Inches(u) > 0:
			if f.leftFree(i, j+1) {
				if inches := english.Inches(u); inches != 1 {
					v = math.Round(v*inches*100) / 100
				}
				f.headspace(v)
			}
			i = j + 1
		default:
			i = i + n
		}
	}
}

// limitWords stand behind a measure that is no time of its own.
var limitWords = set("less more sooner longer over under early late")

// jarAndFigure reports ", quarts 25" at t[i].
func (f *factReader) jarAndFigure(i int) bool {
	if f.text(i) != "," && f.text(i) != "and" && f.text(i) != ";" {
		return false
	}
	name, n := jarWord(f.t, i+1)
	if n == 0 || name == "jar" {
		return false
	}
	if _, _, ok := f.bare(i + 1 + n); ok {
		return true
	}
	return slices.ContainsFunc(f.measures, func(m english.Measure) bool { return m.Kind == english.Duration && m.Start == i+1+n })
}

// verbOf returns what the time m at t[i] is of: "vent", "process", "other", or the last verb
// before it.
func (f *factReader) verbOf(i int, m english.Measure, verb string) string {
	const day = 24 * 60
	before := f.text(i - 1)
	vents := f.venting(i, m.End) || f.steamAt(m.End)
	clocked := before == "clock" || before == "timer" || before == "count" || before == "counting" || f.between && before == "then"
	plume := (before == "for" || before == "to") && (f.text(i-2) == "timer" || f.text(i-2) == "clock") && m.Min <= 15 && f.plumeBefore(i)
	switch {
	case plume, m.Min <= 15 && f.airs(i):
		return "vent"
	case m.Min > 5*60 && !f.processing(i) || m.Min > day:
		return "other" // how long it keeps
	case m.Min >= 5 && !vents && f.told(i), f.text(m.End) == "of" && f.ofHeat(m.End+1):
		return "process"
	case m.Min >= 5 && clocked && !vents:
		return "process" // "you start the clock seventy five minutes", "then 15 minutes"
	case ventWords[before] && m.Min <= 15:
		return "vent" // "vent 10 min, 11 psi, 90 min"
	case m.Min <= 15 && (f.ventWordBefore(i, 4) || f.steamAt(m.End)):
		return "vent" // "steam 10, 10 lb, 75"
	case f.resting(i, m.End), f.ofWork(i):
		return "other"
	case m.Min >= 5 && (f.atPressure(m.End) || f.pressureBefore(i) || f.between && f.jarBefore(i)):
		return "process" // "75 minutes at 10 lb", "vent ten minutes, pints 75 minutes"
	case vents:
		return "vent"
	case f.processing(i), (verb == "" || f.between || f.pressedBefore(i)) && f.text(m.End) == "for" && f.jarAt(m.End+1):
		return "process" // "ninety minutes for the quarts"
	}
	return verb
}

// plumeBefore reports whether steam is waited for before t[i], and no time stands between:
// "wait for the plume, then set the timer for ten".
func (f *factReader) plumeBefore(i int) bool {
	for k := i - 1; k >= 0; k-- {
		switch f.text(k) {
		case "plume", "steam":
			return true
		case "minute", "min", "pound", "lb", "weight":
			return false
		}
	}
	return false
}

// ofHeat are what minutes of the process are of: "ten minutes of venting and 75 of processing".
var ofHeat = map[string]bool{"processing": true, "cooking": true, "rocking": true, "canning": true, "boiling": true, "pressure": true}

// ofHeat reports what the minutes of the process are of; food is boiled and cooked before it is filled.
func (f *factReader) ofHeat(i int) bool {
	w := f.text(i)
	return ofHeat[w] && (f.between || f.loaded || w != "boiling" && w != "cooking")
}

// told reports whether the clause at t[i] tells the process and nothing else.
func (f *factReader) told(i int) bool {
	c := f.clauseAt(i)
	return c != nil && c.TellsProcess()
}

// pressedBefore reports whether pounds of pressure stand before t[i] in the sentence.
func (f *factReader) pressedBefore(i int) bool {
	for k := 0; k < i; k++ {
		v, n := english.Number(f.t, k)
		if n == 0 || v < 4 || v > 20 {
			continue
		}
		switch f.text(k + n) {
		case "pound", "lb", "psi", "#":
			return f.pointer(k+n+1) || f.pointer(f.skipArticle(k+n+2)) || f.text(k-1) == "to" || f.text(k-1) == "at"
		}
	}
	return false
}

// ofWork reports a time that a card prints of the cook's work: "Active 1 h", "Total time: 3 h".
func (f *factReader) ofWork(i int) bool {
	if c := f.clauseAt(i); c != nil && c.HowLongItFalls() {
		return true
	}
	k := i - 1
	for k > 0 && (f.text(k) == ":" || f.text(k) == "time" || f.text(k) == "about" || f.text(k) == "-") {
		k--
	}
	switch f.text(k) {
	case "active", "inactive", "prep", "preparation", "total", "overall", "hands-on", "working", "on":
		return f.text(k) != "on" || f.text(k-1) == "hands" || f.text(k-2) == "hands"
	}
	return false
}

// headspace keeps the smallest headspace that the text states.
func (f *factReader) headspace(v float64) {
	if h := f.out.Headspace; h == nil || v < h.Value {
		f.out.Headspace = &Said[float64]{v, f.line}
	}
}

// low keeps the lowest pressure that the text states for these jars: of two figures the
// end counts that is worse. What compares with another height or another day is none.
func (f *factReader) low(v float64) {
	for i := range f.t {
		switch f.text(i) {
		case "weighted", "dial":
			if other := map[string]string{"weighted": "dial", "dial": "weighted"}[f.text(i)]; f.says(other) {
				return // a figure for each gauge
			}
		case "not", "never":
			if f.text(i+1) != "get" && !f.ceiling(i+3) && !f.ceiling(i+2) {
				return
			}
		case "over":
			if !f.ceiling(i + 1) {
				return
			}
		case "sea", "elevation", "altitude", "foot", "ft", "valley", "coast", "instead", "if", "below", "under", "down", "used", "would", "book", "level", "meter", "metre", "m", "?":
			return
		}
	}
	f.lowest(v)
}

func (f *factReader) lowest(v float64) {
	if s := f.out.StartPSI; s == nil || v < s.Value {
		f.out.StartPSI = &Said[float64]{v, f.line}
	}
}

func (f *factReader) says(word string) bool {
	for i := range f.t {
		if f.text(i) == word {
			return true
		}
	}
	return false
}

// pointer reports whether the word is what shows the pressure.
func (f *factReader) pointer(i int) bool {
	switch f.text(i) {
	case "needle", "dial", "gauge", "pointer", "hand":
		return true
	}
	return false
}

// jarAt reports whether a jar of a size is named at t[i]; skipArticle steps over "the"
// and "my".
func (f *factReader) jarAt(i int) bool {
	name, n := jarWord(f.t, f.skipArticle(i))
	return n > 0 && name != "jar"
}

func (f *factReader) skipArticle(i int) int {
	if w := f.text(i); w == "the" || w == "my" || w == "your" || w == "our" {
		return i + 1
	}
	return i
}

// starts reports whether the sentence says when the clock starts.
func (f *factReader) starts() bool {
	begin, clock := false, false
	for i := range f.t {
		switch f.text(i) {
		case "start", "begin", "set":
			begin = true
		case "count", "counting":
			return true
		case "clock", "timer", "timing", "time":
			clock = true
		}
	}
	return begin && clock
}

var (
	// headspaces name what is left free; emptiness says that it is.
	headspaces = set("headspace headroom hs hdsp hdspc")
	emptiness  = set("between head space gap room air free empty clear swelling expansion stick ruler")
	leaves     = set("leave leaving left allow allowing keep stop quit measure")
	edges      = set("top rim brim edge mouth neck thread lip lid")
	// ofPieces are what has another length: what is cut, and the water over the jars.
	ofPieces = set("cut slice dice chop cube trim piece chunk stick-thick length long thick wide apart stem root tail fat rind peel bone ice water bath cover over above deep")
)

// leftFree reports whether the length at t[i], with end behind its unit, is left free at the
// top of the jar: "1 inch from the rim", "leave yourself an inch", "a gap of 2 cm".
func (f *factReader) leftFree(i, end int) bool {
	for k := end; k <= end+4; k++ {
		if headspaces[f.text(k)] || f.text(k) == "head" || f.text(k) == "space" || f.text(k) == "gap" || f.edge(k) || f.roomAbove(k) {
			return true
		}
	}
	for k := max(0, i-4); k < i; k++ {
		if headspaces[f.text(k)] {
			return true
		}
	}
	for k := range f.t {
		if ofPieces[f.text(k)] {
			return false
		}
	}
	for k := max(0, i-4); k <= end+4; k++ {
		if w := f.text(k); emptiness[w] || leaves[w] || w == "top" && (f.text(k-1) == "up" || f.text(k-1) == "on" || f.text(k-1) == "the") {
			return true
		}
	}
	return false
}

// roomAbove reports "room on top", "room above" at t[i].
func (f *factReader) roomAbove(i int) bool {
	if f.text(i) != "room" {
		return false
	}
	switch f.text(i + 1) {
	case "on", "above", "at", "over":
		return true
	}
	return false
}

// edge reports "from the top", "below the rim", "of the brim" at t[i].
func (f *factReader) edge(i int) bool {
	switch f.text(i) {
	case "from", "below", "under", "of", "short", "to", "off", "down", "between":
	default:
		return false
	}
	for k := i + 1; k <= i+2; k++ {
		if edges[f.text(k)] {
			return true
		}
	}
	return false
}

// heats are what goes off when the time is up.
var heats = set("heat lid fire flame gas burner stove")

// resting reports a time that the jars rest or the steam blows, before or behind
// the process: "5 minutes rest", "steam 10 min, then dial gauge 14 lb".
func (f *factReader) resting(i, end int) bool {
	switch f.text(i - 1) {
	case "wait", "rest", "stand", "another":
		return true
	}
	if i > 2 && f.text(i-1) == "," && f.text(i-2) == "off" && heats[f.text(i-3)] {
		return true // "Heat off, lid off, five minutes, then out"
	}
	switch f.text(end) {
	case "rest", "resting", "wait", "waiting", "cooling", "standing", "sitting":
		return true
	case "more", "longer", "extra":
		// "Don't touch it until the pressure's gone, give it ten minutes more"
		for k := 0; k < i; k++ {
			if w := f.text(k); w == "gone" || w == "zero" || w == "down" || w == "off" && f.text(k-1) != "lid" {
				return true
			}
		}
	}
	if f.text(end) == "before" && (f.text(end+1) == "they" || f.text(end+1) == "lifting" || f.text(end+1) == "you" || f.text(end+1) == "taking") && (f.text(end+2) == "come" || f.text(end+2) == "lift" || f.text(end+2) == "take" || f.text(end+1) == "lifting" || f.text(end+1) == "taking") {
		for k := 1; k < i; k++ {
			if f.text(k) == "off" && (f.text(k-1) == "lid" || f.text(k-1) == "heat") {
				return true // "Take the lid off and give them five minutes before they come out"
			}
		}
	}
	for k := end; k < min(len(f.t), end+7) && (k == end || f.text(k) != "," && f.text(k) != ";" && f.text(k) != "/" && f.text(k) != "because" && f.text(k) != "since"); k++ {
		if w := f.text(k); (w == "sitting" || w == "sit" || w == "standing" || w == "rest" || w == "resting") && f.text(end) != "," && f.text(end) != "." || w == "lid" && f.text(k+1) == "off" {
			return true // "5 more minutes just sitting there with the lid off"
		}
	}
	if f.text(i-1) == "steam" || f.text(i-1) == "steaming" {
		for k := end; k < min(len(f.t), end+12); k++ {
			if w := f.text(k); w == "gauge" || w == "weight" || w == "dial" || w == "psi" {
				return true
			}
		}
	}
	return false
}

// ceiling reports whether the figure at i is one that is not to be passed: "never more than
// 15 pounds".
func (f *factReader) ceiling(i int) bool {
	k := i - 1
	if f.text(k) == "than" {
		k--
	}
	switch f.text(k) {
	case "more", "higher", "over", "above", "beyond":
	default:
		return false
	}
	switch f.text(k - 1) {
	case "never", "not", "no", "nor", "without":
		return true
	}
	return false
}

// isPressure tells pounds of pressure from pounds of beans.
func (f *factReader) isPressure(i, j int, hasProcess bool) bool {
	next := f.text(j + 1)
	if f.makesJars(i, j+1) {
		return false
	}
	if f.text(j) == "psi" || next == "pressure" || next == "psi" || next == "of" && f.text(j+2) == "pressure" {
		return true
	}
	if next == "on" && f.pointer(f.skipArticle(j+2)) {
		return true // "twelve pounds on my dial"
	}
	if v, _, err := number(f.t, i); err == nil && v > 20 {
		return false // "21 lb for 7 quarts": no canner goes so high
	}
	if f.r.foodAt(f.t, j+1) || next == "of" {
		return false
	}
	if f.between && !f.besideFood(i) || f.text(i-1) == "to" && reaches[f.text(i-2)] && !f.r.foodAt(f.t, j+1) && next != "of" {
		return true // "when it gets to ten pounds"
	}
	if f.between && (f.figured(i) || f.text(i-1) == "to" || f.text(i-1) == "at" || f.text(i-1) == "on") {
		return true // "Five pounds." among full jars
	}
	if m, n, err := number(f.t, j+2); next == "and" && err == nil && m >= 15 && f.text(j+2+n) == "minute" {
		return true // "five pounds and forty minutes"
	}
	return hasProcess || f.text(i-1) == "at" || next == "for" || (f.loaded || f.between) && (next == "is" || next == "do" || next == "will" || next == "suit")
}

// yieldWords tell what an amount of food makes.
var yieldWords = set("give gives fill fills make makes yield yields")

// makesJars reports that the amount at t[start], behind which t[i] stands, is none of the process's
// or fills jars: "not 10 lb", "gives a quart", "for the 9 pints".
func (f *factReader) makesJars(start, i int) bool {
	if f.text(start-1) == "not" {
		return true // "15 lb and not 10 lb"
	}
	k := f.skipArticle(i + 1)
	switch {
	case yieldWords[f.text(i)]:
		return f.jarAt(k) || f.text(k) == "a" && f.jarAt(k+1) || f.countedJar(k)
	case f.text(i) == "for" && f.text(start-1) != "at":
		return f.countedJar(k)
	}
	return false
}

// countedJar reports jars that are counted at t[i]: "9 pints".
func (f *factReader) countedJar(i int) bool {
	v, n := english.Number(f.t, i)
	return n > 0 && v >= 2 && f.jarAt(i+n)
}

// ofThem is what is said of the full jars: "they have ten minutes at a rolling boil".
var ofThem = pattern.MustCompile(`(?i)\b(they|them|jars)\b`)

// heatsFood reports whether the clause cooks or soaks, so that its time is of that.
func heatsFood(c *method.Clause) bool {
	for _, a := range c.Acts {
		switch a.Name {
		case "boil", "simmer", "blanch", "soak", "stand", "heat", "roast", "brown", "bake", "steam", "scald", "fry", "cool-jars", "natural-cool", "heat-off", "unload", "wait":
			return true
		}
	}
	return false
}

var reaches = set("get gets got come comes up bring brings climb climbs rise rises go goes")

// besideFood reports whether the clause of the token names something that is weighed.
func (f *factReader) besideFood(i int) bool {
	c := f.clauseAt(i)
	if c == nil {
		return true
	}
	for n := range f.t {
		if f.t[n].Start >= c.Start && f.t[n].Start < c.End && f.text(n) != "water" && f.r.foodAt(f.t, n) {
			return true
		}
	}
	return c.Kind == method.Serve || c.Kind == method.Talk && !c.Untouched()
}

// figured reports whether the token stands in a clause of bare figures.
func (f *factReader) figured(i int) bool {
	c := f.clauseAt(i)
	return c != nil && (c.Figures() || c.Untouched() && len(f.t) <= 4)
}

// bare reads a number that stands alone behind a jar, as a table has it.
func (f *factReader) bare(i int) (minutes float64, n int, ok bool) {
	if i >= len(f.t) || f.t[i].Kind != words.Number {
		return 0, 0, false
	}
	v, n, err := number(f.t, i)
	if err != nil || n == 0 || v < 5 || unitAt(f.t, i+n).n > 0 {
		return 0, 0, false
	}
	switch next := f.text(i + n); next {
	case "", ".", ",", ";", ")", "at", "or", "and":
		return v, n, true
	default:
		return 0, 0, false
	}
}

// joins reports whether the word lists one jar beside another.
func (f *factReader) joins(i int) bool {
	t := f.text(i)
	return t == "or" || t == "and" || t == "," || t == "/"
}

// timed reports whether the jar named before the word has a time of its own:
// "20 minutes for pints, quarts 25".
func (f *factReader) timed(i int) bool {
	return i < len(f.t) && f.t[i].Kind == words.Number
}

func (f *factReader) time(minutes float64, verb string, jars []string, hasProcess bool) {
	switch {
	case verb == "vent":
		if v := f.out.Vent; v == nil || minutes < v.Value {
			f.out.Vent = &Said[float64]{minutes, f.line} // of two the end that is worse
		}
	case verb == "process" || verb == "" && (hasProcess || len(jars) > 0): // "quarts 25 minutes"
		if len(jars) == 0 {
			jars = []string{""}
		}
		for _, name := range jars {
			j, _ := quantity.ParseJar(name)
			f.out.Minutes = append(f.out.Minutes, SaidMinutes{minutes, j, f.line, 0, 0})
		}
	}
}

// OneJar returns the jar that the recipe names, where it names just one.
func (s *Stated) OneJar() (quantity.Jar, int, bool) {
	if s.Chosen != nil {
		return s.Chosen.Value, s.Chosen.Line, true
	}
	if len(s.Jars) == 0 {
		return "", 0, false
	}
	first := s.Jars[0]
	for _, j := range s.Jars[1:] {
		if j.Value != first.Value {
			return "", 0, false
		}
	}
	return first.Value, first.Line, true
}

// OnePack returns the pack that the recipe states, where it states just one.
func (s *Stated) OnePack() (string, int, bool) { return one(s.Packs) }

// OneMethod returns the canning method that the recipe states, where it states
// just one.
func (s *Stated) OneMethod() (string, int, bool) { return one(s.Methods) }

func one(list []Said[string]) (string, int, bool) {
	if len(list) == 0 {
		return "", 0, false
	}
	for _, x := range list[1:] {
		if x.Value != list[0].Value {
			return "", 0, false
		}
	}
	return list[0].Value, list[0].Line, true
}

// MinutesFor returns the shortest process time stated for the jar or for any
// jar.
func (s *Stated) MinutesFor(jar quantity.Jar) (SaidMinutes, bool) {
	var least *SaidMinutes
	for i := range s.Minutes {
		m := &s.Minutes[i]
		if (m.Jar == jar || m.Jar == "" || jar == "") && (least == nil || m.Minutes < least.Minutes) {
			least = m
		}
	}
	if least == nil {
		return SaidMinutes{}, false
	}
	return *least, true
}

func (m SaidMinutes) String() string { return strconv.FormatFloat(m.Minutes, 'f', -1, 64) + " min" }

// countedAt reports a number at i, in figures or as a word.
func (f *factReader) countedAt(i int) bool {
	return i >= 0 && (f.t[i].Kind == words.Number || english.NumberWord(f.text(i)) > 0)
}
