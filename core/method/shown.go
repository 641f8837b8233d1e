package method

import (
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// Phase is the part of the canning day that a clause belongs to.
type Phase string

// The phases, in the order of a day.
const (
	Prepare Phase = "prepare"
	Fill    Phase = "fill"
	Process Phase = "process"
	Cool    Phase = "cool"
	Store   Phase = "store"
	Past    Phase = "past"
)

// phaseActs are acts that belong to one phase wherever they stand.
var phaseActs = map[string]Phase{"fill": Fill, "pack": Fill, "headspace": Fill, "wipe-rim": Fill, "de-bubble": Fill, "lid": Fill, "band": Fill, "dose-jar": Fill, "layer": Fill,
	"process": Process, "boil-bath": Process, "pressure-process": Process, "steam-canner": Process, "vent": Process, "load": Process, "restart": Process, "heat-off": Process,
	"natural-cool": Cool, "cool-jars": Cool, "unload": Cool, "force-cool": Cool, "check-seal": Store, "unband": Store, "wash-sealed": Store, "label": Store, "store": Store, "keep-years": Store}

// phaseOf names the phase of a clause by its acts and where it stands.
func (p *passage) phaseOf(acts []Act) Phase {
	for _, a := range acts {
		if ph := phaseActs[a.Name]; ph != "" {
			return ph
		}
	}
	switch {
	case p.at.Done:
		return Cool
	case p.at.Closed:
		return Process
	case p.at.Filled:
		return Fill
	}
	return Prepare
}

// shown keeps what a clause puts in by "with" and where to by "in" or "into".
func (c *Clause) shown(in *clause) {
	for _, ch := range in.chunks() {
		text := in.t[ch.head].low
		switch ch.prep {
		case "with":
			c.with = append(c.with, text)
		case "into", "in":
			if c.into == "" {
				c.into = text
			}
		}
	}
}

// With returns what the clause says it is done with.
func (c *Clause) With() []string {
	if c.with == nil {
		return []string{}
	}
	return c.with
}

// Into returns where it goes.
func (c *Clause) Into() string { return c.into }

// Does reports whether the clause does the act.
func (c *Clause) Does(act string) bool {
	return slices.ContainsFunc(c.Acts, func(a Act) bool { return a.Name == act && !a.Undone })
}

// Weighs reports whether a clause that is read among jars in the canner bears on their process:
// on a figure that is not merely said again, the canner, its weight and pressure, heat, steam
// or time.
func (c *Clause) Weighs() bool {
	if c.over {
		return c.Kind == Unread && c.ofProcess || c.Kind == Doing && c.figured && (c.Does("pressure-process") || c.Does("process"))
	}
	if c.settled {
		return false // how the jars rest, how many there are, what lids do in the end
	}
	return c.ofProcess || c.figured || c.Kind == Unread && (c.Does("heat-off") || graveCodes[c.Doubt] || graveWhys[c.Why])
}

// Understood reports whether the clause is read by what it says of the end of the process, and
// not by a frame or for want of anything touched.
func (c *Clause) Understood() bool {
	switch c.Kind {
	case Doing:
		return c.Why != "frame" && c.Why != "figures" || c.Does("boil-before-eating")
	case Serve:
		return c.Why != "after the jars are done" && c.Why != "beside the opened jar"
	}
	return false
}

// Figured reports whether it gives a figure that is not merely said again.
func (c *Clause) Figured() bool { return c.figured }

// Apart reports whether the clause tells of other people, places or days.
func (c *Clause) Apart() bool { return c.Kind == Talk && apartWhys[c.Why] }

var (
	graveCodes = set("method-mismatch open-kettle oven pressure-low altitude cooker-not-canner canner-water vent")
	graveWhys  = map[string]bool{"below the boil": true, "it hangs on the process": true, "the clock": true, "an end by other signs": true, "something instead": true, "the heat is off": true, "no process": true, "by the senses": true, "a step skipped": true, "sealed by waiting": true, "baked in the jar": true}
	apartWhys  = map[string]bool{"somebody else": true, "another place": true, "a question": true, "an errand": true,
		"none of it": true, "another story": true, "what somebody does meanwhile": true, "what the work took": true,
		"of the recipe": true, "a saying": true, "insisted on": true, "a warning": true, "said on": true, "only wished for": true, "what a book says": true, "a reason": true,
		"the pressure is gone": true, "how long that is": true, "given away": true, "a pastime": true, "left out": true}
)

// looksBack reports whether a clause that is read once the process is over still bears on it:
// it tells how jars are heated, or for how long, and not how they cool or are kept.
func (p *passage) looksBack(code, why string) bool {
	if p.says("wait", "rest", "cool", "alone", "another ten", "years", "o'clock", "washes", "supper", "dinner", "lunch", "breakfast") || p.c.unit().hasAny([]string{"you may read", "some say", "people say", "they say"}) || p.negated() && p.does("seal") || p.does("wait rest cool sit stand live open ping pop sell ring") {
		return false
	}
	if p.word(0) == "ps" && (p.speaksOfProcess() || p.c.measured(english.Duration) || p.c.pressed()) {
		return true
	}
	switch why {
	case "less of the acid", "a strength that nobody knows", "an interrupted process", "others do, we do not", "by the senses", "baked in the jar", "an end by other signs", "a step skipped", "sealed by waiting", "a step undone":
		return true
	case "below the boil", "the clock", "no process", "fewer minutes", "less than tested", "something instead", "processed like something else":
		return p.speaksOfProcess() || p.c.measured(english.Duration) || p.c.measured(english.Temperature)
	case "a figure with a licence", "may cut it short", "the closed jar":
		own := p.word(0) == "i" || p.word(0) == "we" || p.word(0) == "so" || p.oneself() || why == "a figure with a licence"
		return own && (len(p.figures()) > 0 && !p.restates(p.figures()) || p.does("stop quit"))
	case "a number of nothing", "a time of nothing":
		if len(p.figures()) > 0 && (p.does("give do stop go call start begin coast") && p.oneself() || p.says("is enough", "is plenty", "will do", "does it", "does fine", "for the back", "for the front")) {
			return true
		}
		long := p.c.pressed() || p.says("psi")
		for _, m := range p.c.m {
			long = long || m.Kind == english.Duration && m.Min >= 5 && m.Min <= 300
		}
		return long && (!hasVerb(p.c.t) || p.does("give do boil process take run need get keep can cook be"))
	}
	if why == "the heat is off" && len(p.behindAfter()) > 0 {
		return true
	}
	if why == "the heat is off" {
		const rest = 10 // minutes that jars may stand with the heat off
		return slices.ContainsFunc(p.c.m, func(m english.Measure) bool {
			return m.Kind == english.Duration && (m.Min > rest || p.says("heat after", "gas after", "flame after", "burner after", "off after")) && m.Max < p.at.longestSaid()
		}) // "gas off after half an hour"
	}
	if p.says("fridge", "refrigerator") || p.c.unit().hasAny([]string{"taste", "eat", "eating", "serve", "next day", "come out"}) || afterWhys[why] {
		return false
	}
	if why == "only a pronoun" && len(p.c.m) == 0 && !p.c.pressed() && !p.says("dishwasher", "oven", "microwave", "smoker", "steamer") {
		return false
	}
	return (graveCodes[code] || code == "process-short") && (p.speaksOfProcess() || p.c.pressed() || p.c.measured(english.Duration))
}

// afterWhys are questions that nobody needs to ask once the process is over.
var afterWhys = map[string]bool{Likeness: true, "a fragment beside the process": true, "said of a step, and read by nothing": true, "little heat": true, "an open canner": true, "a food beside the process": true,
	"a share": true, "seals by itself": true, "it seals": true, "no frame": true}

// processWords name what heats jars, and what tells how far it is.
var processWords = []string{"process", "venting", "timing", "processing", "weight", "seal", "seals", "bands", "rims", "rings", "oven", "microwave", "dishwasher", "boil", "boiling", "simmer", "minutes", "hour", "hours", "half", "bath", "the book", "shorter", "sooner", "sun", "smoker", "whistle", "whistles", "needle"}

func (p *passage) speaksOfProcess() bool {
	if p.does("process boil cook bake steam simmer can heat pressure vent exhaust seal jiggle rock whistle") || p.says(processWords...) {
		return true
	}
	for i := range p.c.t {
		switch w := &p.c.t[i]; w.class {
		case Canner, Weight, Pressure, Gauge, Clock, Steam:
			if !w.inner {
				return true
			}
		}
	}
	return false
}

// figures are the numbers of the clause that may be minutes, pounds or degrees: not "seven
// pies", "7 qts".
func (p *passage) figures() []float64 {
	if p.livesNear() {
		return nil
	}
	var out []float64
	for i := 0; i < len(p.c.t); i++ {
		n := int(p.c.nums[i])
		if n == 0 {
			continue
		}
		v, _ := english.Number(p.c.raw, i)
		i += n - 1
		if i+1 < len(p.c.t) {
			next := &p.c.t[i+1]
			if next.class == Jar || jarNames[next.Text] || next.m == 0 && next.Kind == words.Word && next.class == "" && next.entry.Noun() != 0 && !units[next.Text] && !prepositions[next.low] && !closed[next.low] {
				continue
			}
		}
		if v > 0 {
			out = append(out, v)
		}
	}
	return out
}

// restates reports whether the figures are the longest time of the text again, or more: "with
// the bone in it is 75", "the 90 in the book is for without bones".
func (p *passage) restates(figures []float64) bool {
	if p.at.longestSaid() == 0 {
		return false
	}
	longest := p.at.longestSaid()
	if slices.Min(figures) > longest && p.says("in the book", "book says", "book's", "booklet says") && p.does("be say give") {
		return true // "the 90 in the book is for without bones"
	}
	if !p.stative() && hasVerb(p.c.t) && !p.does("allow") && !p.negated() || p.any(changers) {
		return false
	}
	if p.word(0) == "not" && len(figures) == 1 && p.at.said(figures[0]) == 0 {
		return true // "Not 45, that's for packed in water."
	}
	for _, v := range figures {
		if v < longest {
			return false
		}
	}
	return true
}
