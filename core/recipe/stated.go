package recipe

import (
	"strconv"

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
		if !st.Serving {
			r.facts(s, st.No, st.Text, false)
		}
	}
}

// factReader walks one sentence.
type factReader struct {
	r     *Reader
	t     []words.Token
	line  int
	out   *Stated
	title bool
	// acts by the token they start at
	acts map[int]string
}

func (r *Reader) facts(out *Stated, line int, text string, title bool) {
	f := &factReader{r: r, t: words.Split(text), line: line, out: out, title: title, acts: map[int]string{}}
	f.readActs()
	f.jars()
	f.numbers()
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
		if s.kind == actWord && !negated {
			f.acts[i] = s.ref
			switch s.ref {
			case "raw-pack":
				f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
			case "hot-pack":
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
		case "raw":
			// "Pints, raw." states the pack where it stands alone.
			if s.kind != actWord && len(f.t) <= 8 && f.alone(i) {
				f.out.Packs = append(f.out.Packs, Said[string]{"raw", f.line})
			}
		case "hot":
			if s.kind != actWord && len(f.t) <= 8 && n == 1 && f.alone(i) {
				f.out.Packs = append(f.out.Packs, Said[string]{"hot", f.line})
			}
		}
		i += n
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
var vessels = map[string]bool{"pot": true, "stockpot": true, "saucepan": true, "kettle": true, "pan": true, "bowl": true, "crock": true, "container": true, "bucket": true, "dutch": true, "stock": true}

// jars finds the jars that the sentence names, as jars and not as measures.
func (f *factReader) jars() {
	for i := 0; i < len(f.t); i++ {
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
		if f.text(i) == "gallon" && f.text(i-1) != "half" && (f.text(i+1) == "jar" || f.text(i+1) == "mason") {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{quantity.GallonJar, f.line})
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
		counted := i > 0 && (f.t[i-1].Kind == words.Number || numberWords[before] > 0) || before == "a" || before == "wide"
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
			case vessels[next]:
				i += n - 1
				continue
			case f.title && !plural:
				i += n - 1
				continue
			}
		}
		if jar, ok := quantity.ParseJar(name); ok {
			f.out.Jars = append(f.out.Jars, Said[quantity.Jar]{jar, f.line})
		}
		i += n - 1
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
	first := len(f.out.Minutes)
	for i := 0; i < len(f.t); {
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
				if k := len(f.out.Minutes) - 1; k >= first && f.out.Minutes[k].Jar == "" && (f.text(i-1) == "for" || f.text(i-2) == "for") {
					f.out.Minutes[k].Jar, _ = quantity.ParseJar(name)
					jars = nil
					for f.joins(i+n) && !f.timed(i+n+2) {
						more, m := jarWord(f.t, i+n+1)
						if m == 0 || more == "jar" {
							break
						}
						jar, _ := quantity.ParseJar(more)
						f.out.Minutes = append(f.out.Minutes, SaidMinutes{f.out.Minutes[k].Minutes, jar, f.line})
						n += 1 + m
					}
				}
			}
			i += n
			continue
		}
		listed = listed && f.joins(i)
		if f.t[i].Kind != words.Number && numberWords[f.text(i)] == 0 && f.text(i) != "an" && f.text(i) != "half" {
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
			if f.isPressure(i, j, hasProcess) {
				f.out.PSI = &Said[float64]{v, f.line}
				f.out.Methods = append(f.out.Methods, Said[string]{"pressure", f.line})
				hasProcess = true
				if verb == "" {
					verb = "process"
				}
			}
			i = j + 1
		case u == "inch" || u == "in" || u == "\"":
			for k := j + 1; k <= j+5; k++ {
				if w := f.text(k); w == "headspace" || w == "headroom" || w == "head" || w == "space" {
					f.out.Headspace = &Said[float64]{v, f.line}
				}
			}
			for k := i - 1; k >= i-4; k-- {
				if w := f.text(k); w == "headspace" || w == "headroom" {
					f.out.Headspace = &Said[float64]{v, f.line}
				}
			}
			i = j + 1
		default:
			i = i + n
		}
	}
}

// isPressure tells pounds of pressure from pounds of beans.
func (f *factReader) isPressure(i, j int, hasProcess bool) bool {
	next := f.text(j + 1)
	if f.text(j) == "psi" || next == "pressure" || next == "psi" || next == "of" && f.text(j+2) == "pressure" {
		return true
	}
	if f.r.foodAt(f.t, j+1) || next == "of" {
		return false
	}
	return hasProcess || f.text(i-1) == "at" || next == "for"
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
		f.out.Vent = &Said[float64]{minutes, f.line}
	case verb == "process" || verb == "" && (hasProcess || len(jars) > 0): // "quarts 25 minutes"
		if len(jars) == 0 {
			jars = []string{""}
		}
		for _, name := range jars {
			j, _ := quantity.ParseJar(name)
			f.out.Minutes = append(f.out.Minutes, SaidMinutes{minutes, j, f.line})
		}
	}
}

// OneJar returns the jar that the recipe names, where it names just one.
func (s *Stated) OneJar() (quantity.Jar, int, bool) {
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
