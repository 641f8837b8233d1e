package recipe

import (
	"slices"
	"strings"

	"damson/core/english"
	"damson/core/method"
	"damson/core/pattern"
	"damson/core/words"
)

// What a sentence does to the jars: whether it fills, closes, loads or processes them, and
// whether it gives the process its time.

// Closes reports whether the jars are closed by the end of the sentence.
func (s *Step) Closes() bool {
	if s.Processes() && (s.timed() || s.actsProcess()) {
		return true
	}
	for i := range s.Clauses {
		if c := &s.Clauses[i]; c.Kind == method.Doing && len(c.Acts) == 0 && c.Lids() {
			return true // "wipe, lids, bands"
		}
		if c := &s.Clauses[i]; c.Kind == method.Doing && !c.Negated && c.Lids() && lidsOn.MatchString(c.Text) {
			return true
		}
		for _, a := range s.Clauses[i].Acts {
			if (a.Name == "lid" || a.Name == "band" || a.Name == "wipe-rim") && s.Clauses[i].Lids() {
				return true
			}
		}
	}
	return false
}

// lidsOn closes jars, whatever else is done in the same breath: "rim clean, lid on it".
var lidsOn = pattern.MustCompile(`(?i)\b(lids?|flats|caps) (go |goes )?on\b`)

// Processes reports whether the jars are processed in the sentence.
func (s *Step) Processes() bool {
	return s.Did("process", "water-bath", "pressure-can", "steam-canner") || slices.ContainsFunc(s.Clauses, runs)
}

// runs reports whether an act of the clause processes jars.
func runs(c method.Clause) bool {
	return slices.ContainsFunc(c.Acts, func(a method.Act) bool {
		return a.Name == "process" || a.Name == "pressure-process" || a.Name == "boil-bath" || a.Name == "steam-canner"
	})
}

// givesTime reports a time among full jars that is neither of the steam nor of a rest:
// "40 minutes for quarts".
func (s *Step) givesTime() bool {
	low := strings.ToLower(s.Text)
	if s.onlyVents() || containsAny(low, "would", "wait", "rest", "stand") {
		return false
	}
	if v := s.given(); v >= 10 && v <= 180 {
		return true
	}
	for _, m := range english.MeasuresOf(s.Text) {
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

// given returns the number that a verb gives to the jars at the end of the sentence, 0 where
// none does: "up here, 4,900 feet, is 15."
func (s *Step) given() float64 {
	t := words.Split(strings.TrimRight(s.Text, " .!;,"))
	for i := range t {
		if v, n := english.Number(t, i+1); givers[t[i].Text] && n > 0 && i+1+n == len(t) {
			return v
		}
	}
	return 0
}

// givers are the verbs that give a number to the jars.
var givers = set("is are be get take need want do")

// onlyVents reports a time that only lets steam out: "Vent: 10 min."
func (s *Step) onlyVents() bool {
	low := strings.ToLower(s.Text)
	if !containsAny(low, "vent", "steam", "exhaust") {
		return false
	}
	for _, m := range english.MeasuresOf(s.Text) {
		if m.Kind == english.Duration && m.Min > 12 {
			return false
		}
	}
	return true
}

// actsProcess reports whether a clause tells to process, and does not only name a canner.
func (s *Step) actsProcess() bool {
	return slices.ContainsFunc(s.Clauses, func(c method.Clause) bool {
		return runs(c) || c.Kind == method.Doing && !c.Negated && canNow.MatchString(c.Text)
	})
}

// timed reports whether a time that a process could take stands in the sentence.
func (s *Step) timed() bool {
	for _, m := range english.MeasuresOf(s.Text) {
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
		for _, m := range english.MeasuresOf(c.Text) {
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
		if c := &s.Clauses[i]; c.Kind == method.Doing && c.InJars() && (inHotJars.MatchString(c.Text) || gapAlone.MatchString(c.Text)) {
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

// gapAlone is the headspace without a verb: "Inch headspace."
var gapAlone = pattern.MustCompile(`(?i)^(?:(?:an?|one|half|quarter|about|\d[\d/]*|[½¼]) ?)*(?:inch|in\.?|"|cm|centimet(?:re|er)s?) (?:of )?(?:headspace|head ?space|headroom|room on top|at the top)\W*$`)

// inHotJars is where only food goes: "hot cubes + their water in hot pints".
var inHotJars = pattern.MustCompile(`(?i)\b(in|into) (the |my |our |clean |sterile |sterilized |sterilised )*(hot|warm) (half.)?(pints?|quarts?|jars?|glasses)\b`)

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
var canNow = pattern.MustCompile(`(?i)^(then |and )?(pressure[- ]?can|water[- ]?bath|process)( (them|it|the jars|as (usual|tested|below)|at once|right away))?$`)

// ends reports whether the sentence speaks of what comes once the process is over: the heat
// goes off, the canner cools, the jars come out, are kept or opened.
func (s *Step) ends() bool {
	if s.atTable() {
		return true
	}
	for i := range s.Clauses {
		for _, a := range s.Clauses[i].Acts {
			switch a.Name {
			case "heat-off":
				if !s.atASign() {
					return true
				}
			case "natural-cool", "cool-jars", "unload", "check-seal", "unband", "wash-sealed", "label", "store", "open", "keep-years", "check-spoilage", "refrigerate":
				return true
			}
		}
	}
	return false
}

// atASign reports whether the sentence holds a figure that says nothing again, or a sign of the
// canner: heat that goes off then may go off too soon.
func (s *Step) atASign() bool {
	return slices.ContainsFunc(s.Clauses, func(c method.Clause) bool {
		return c.Figured() || c.Why == "a sign" || c.Why == "nothing done to it" || c.Boils() && !c.Does("heat-off")
	})
}

// atTable reports whether the sentence opens a jar or names the table, and not only foods
// behind a process.
func (s *Step) atTable() bool {
	if s.opens() {
		return true
	}
	for i := range s.Clauses {
		if c := &s.Clauses[i]; c.Kind == method.Serve && c.Why != "after the jars are done" && c.Why != "beside the opened jar" && !c.Weighs() {
			return true
		}
	}
	return false
}

// inCanner reads a sentence behind the process once more as one that is said while the jars
// are in the canner: nothing has ended the process yet, and what is said of it may change it.
// It returns whether the sentence gives a time or a pressure of its own.
func (r *Reader) inCanner(st *Step, at method.Where) (read *Step, given bool) {
	at.Done, at.Running = false, true
	again := r.method.Read(st.Text, at)
	asks := false
	for i := range again {
		c, was := &again[i], (*method.Clause)(nil)
		if len(st.Clauses) == len(again) {
			was = &st.Clauses[i]
		}
		switch {
		case c.EndsAtOnce():
			asks = true
		case !c.Weighs() || was != nil && (was.Kind == method.Unread || was.Apart() || was.Understood() || was.Why == "how things are" && !c.Figured()):
			if was != nil {
				*c = *was
			}
		case c.Kind == method.Unread:
			asks = true
		default:
			given = given || c.Kind == method.Doing && c.Figured()
		}
	}
	if !asks && !given {
		return st, false
	}
	read = r.listed(st.No, st.Text)
	read.Clauses = again
	r.settle(read)
	return read, given && !asks
}

// asMethod reads what is told before the recipe begins once more, as if it stood in its method, and asks
// about what it would say of jars and their process there: "the weight comes off as soon as the time is up".
func (r *Reader) asMethod(st *Step, at method.Where) *Step {
	if at.Method || at.Done || at.Serving || len(st.Unread) > 0 {
		return st
	}
	at.Method = true
	again := r.method.Read(st.Text, at)
	asks := slices.ContainsFunc(again, func(c method.Clause) bool {
		return c.Kind == method.Unread && c.Weighs() && c.Code != "" && c.Code != "unknown-ingredient"
	})
	if !asks {
		return st
	}
	read := r.listed(st.No, st.Text)
	read.Clauses = again
	r.settle(read)
	return read
}
