package method

import (
	"regexp"
	"strings"

	"damson/core/english"
	"damson/core/words"
)

// processTold is why a clause counts as the process: it gives one time, and all the rest
// of it is the place, the pressure, the jars, and what the time is counted from.
const processTold = "the process, told"

// The phrases of which a process is told. In them T stands for a time, P for a pressure,
// L for a length, A for how high a place lies and J for jars; articles and marks are left out. None
// of them shortens, softens, ends or uncovers it.
const (
	toldWho    = `(?:i|we|you|it|they|she|he|mine|ours|each|them|her|him|jars|all|everything)`
	toldVerb   = `(?:let|give|gave|keep|kept|run|ran|boil|boils|boiled|process|processes|processed|processing|hold|holds|held|count|counted|counting|can|canned|get|gets|got|take|takes|took|need|needs|want|wants|rock|rocks|jiggle|jiggles|roll|rolls|rolling|go|goes|went|set|start|time|timed|timing|pressure|pressure-can|cook|cooks|cooked|bath|had|have|has|lower|bring|put|pop|leave|leaves|left|maintain|stay|stays|sit|sits|stand|heat|waterbath|bathe|drop|load)`
	toldLink   = `(?:it's|its|it'll|it is|that's|that is|this is|is|are|was|be|will|for|and|then|so|now|exactly|solid|full|good|whole|long|timer|clock|on timer|on clock|by clock|of|on|with|to|at|from there|from then|x|time|each|in|minutes|one|go|ones|first|well|nicely|there|up here|down here|here|for us|(?:at )?(?:our|this|my) (?:altitude|elevation|height)|you are done|you're done|done|yes|no cheating|really|ok|right)`
	toldHeat   = `(?:(?:(?:back )?(?:at|to|into) )?(?:(?:full|good|hard|steady|rolling|proper|real|nice|big|gentle but steady) )*(?:boil|boiling|boils))`
	toldBath   = `(?:(?:in|into|to) )?(?:(?:my|our|big|boiling|boiling-water|hot|deep) )*(?:boiling bath|water bath|water-bath|waterbath|bath|bw|bwb|bwc|wb|boiling water|boiling-water canner|boiling water canner|water canner|kettle|stockpot|big pot)`
	toldCanner = `(?:(?:in|into) )?(?:(?:my|our|big|pressure) )*(?:canner|pressure canner)`
	toldWeight = `(?:(?:with|on) )?(?:P )?(?:weight|gauge|regulator|rocker|jiggler|dial|weighted|weighted gauge|dial ` +
		`gauge)(?: on)?(?: (?:rocking|jiggling|dancing|steady|gently|steadily))*`
	toldFrom  = `(?:(?:(?:timed|counted|counting|count|clocked) )?(?:from|once|after|when|as soon as|starting when|starting from)(?: (?:when|time|moment|point))?(?: that)?(?: (?:it|it's|its|she|she's|they|they're|water|water's|pot|pot's|canner|canner's|weight|regulator|gauge|dial|needle|that|i see|you see|you hear))*(?: (?:comes|came|come|returns|returned|gets|got|is|starts|started|begins|began|goes|reaches|reached|has reached|hits|says|reads|shows|stands))?(?: (?:back|up|well))*(?: (?:to|into|on|at))?(?: a)?(?: (?:first|full|good|hard|rolling|steady|real|proper|regular))*(?: (?:boil|boils|boiling|rolling|jiggle|jiggles|jiggling|rock|rocks|rocking|dance|dances|dancing|rattle|rattling|wobble|wobbling|P|temperature))(?: (?:again|gently|steadily|hard|regularly))*|(?:from|once|when|after)(?: when)? (?:boil|rocking|jiggling) (?:is |comes |came )?(?:back|starts|begins))`
	toldNot   = `not(?: from when (?:they|it|jars|pot) (?:go|goes|went) in)`
	toldVent  = `(?:(?:after|with|having|also|first) )?(?:(?:vent|venting|vented|exhaust|exhausting|exhausted|purge|steam) (?:(?:it|them|for|canner) )*V(?: first)?|V (?:of )?(?:steam|vent|venting|exhaust|exhausting)(?: first)?|V)`
	toldDown  = `(?:natural|natural cool|natural release|cool naturally|off)`
	toldPlace = `(?:(?:(?:so|since|as|because|(?:because|on account) of) )?(?:(?:i'm|we're|i am|we are|we live|i ` +
		`live|we sit|i sit|for us|us) )?(?:(?:way|high|right|up|down|out|over|just|` +
		`barely|only|hair|touch|bit|little|well|about|around|nearly|almost) )*(?:here )?(?:(?:on|in|by|at|above|` +
		`along|near) )?(?:(?:our|my|this) )?(?:hill|hills|hilltop|mountain|mountains|mesa|ridge|river|coast|valley|sea|` +
		`sea level|beach|lake|ranch|holler|hollow|plateau|shore|bay|prairie|plains|island|desert|foothills|highlands|` +
		`lowlands|altitude|elevation|height|A)(?: (?:so|means|it means|that means|so that's))?|where (?:we|i) (?:live|` +
		`are|am|sit))`
	toldClose = `(?:(?:wipe|wiped|rims|bubbles|bubbles out|lids|bands|rings|caps|flats)` +
		`(?: (?:wiped|clean|on|tight|snug|fingertip tight|finger tight))?)`
	toldCover = `(?:(?:with )?(?:at least )?(?:L (?:or (?:so|two) )?of )?water (?:well |at least )?(?:L )?(?:over|above|covering)(?: (?:all )?(?:my )?(?:jars|lids|them|tops|it))?(?: by (?:at least )?L)?|(?:well )?covered(?: (?:by|with))?(?: at least)?(?: L(?: and half)?)?(?: of)?(?: water)?|(?:with )?lids? on|L (?:over|above) (?:lids|jars|them|tops)|submerged|(?:lids|jars|them) (?:well |all )*under(?: by L(?: or two)?)?)`
)

var (
	toldForm    = regexp.MustCompile(`^(?:(?:T|P|J|` + toldClose + `|` + toldPlace + `|` + toldFrom + `|` + toldCover + `|` + toldBath + `|` + toldCanner + `|` + toldWeight + `|` + toldHeat + `|` + toldNot + `|` + toldVent + `|` + toldDown + `|` + toldVerb + `|` + toldWho + `|` + toldLink + `) )*$`)
	countedFrom = regexp.MustCompile(`^(?:and |then |but )?(?:` + toldFrom + `|` + toldNot + `)(?: ` + toldNot + `| not)? $`)
	boilsThen   = regexp.MustCompile(`^(?:` + toldHeat + `|` + toldBath + `)(?: (?:at )?(?:` + toldPlace + `|our height|our altitude|our elevation))? $`)
	// Jars that only stand, and what may be done without heat, in the words of a process:
	// the clause must say that it boils, or under what pressure.
	toldStill = regexp.MustCompile(`\b(?:sit|sits|stand)\b`)
	toldIdle  = regexp.MustCompile(`\b(?:stay|stays|leave|leaves|left|heat|cook|cooks|cooked|lids? on|kettle|stockpot|big pot)\b`)
	toldHot   = regexp.MustCompile(`\b(?:boil|boils|boiling|rolling|rolls|roll)\b`)
	// What stands behind "timed from the boil, not".
	goesIn = regexp.MustCompile(`^from when (?:they|it|jars|pot) (?:go|goes|went) in $`)
	// What makes it a water bath, or pressure.
	toldBoils  = regexp.MustCompile(`\b(?:boil|boils|boiled|boiling|bath|water-bath|waterbath|bw|bwb|bwc|wb|water canner|boiling-water|kettle|stockpot|big pot|submerged|rolling|roll|rolls|water)\b`)
	toldPounds = regexp.MustCompile(`\b(?:P|weight|gauge|regulator|rocker|jiggles?|jiggling|rocks?|rocking|dances?|dancing|rattle|rattling|pressure|pressure-can|psi)\b`)
)

// tellsProcess reports a clause among closed jars that tells their process and nothing
// else: "75 minutes from the first good jiggle", "when it's rolling, twenty minutes", "timed
// from the boil, not from when they go in"; act says in what they are processed.
func (p *passage) tellsProcess() (act string, ok bool) {
	if !p.at.Method || !p.at.Closed {
		return "", false
	}
	form, times := p.toldForm()
	if goesIn.MatchString(form) && p.before != nil && p.before.t[len(p.before.t)-1].low == "not" {
		return "", true
	}
	if countedFrom.MatchString(form) && !counts(p.before) && !counts(p.after) {
		return "", false // "flame off when it rocks"
	}
	if p.after != nil && p.after.kind == condition {
		return "", false // "thirty minutes if you are tired"
	}
	if countedFrom.MatchString(form) || times == 0 && boilsThen.MatchString(form) && p.before != nil && p.before.measured(english.Duration) {
		if toldBoils.MatchString(form) {
			return "boil-bath", true
		}
		return "", true
	}
	if p.says("more", "another", "extra", "further") {
		return "", false // how long the jars rest
	}
	if form == "" || times > 1 || times > 0 && (p.at.Done || p.at.Running) || !toldForm.MatchString(form) {
		return "", false
	}
	if times > 0 && p.noHeat(form) {
		return "", false
	}
	boils, pounds := toldBoils.MatchString(form), toldPounds.MatchString(form)
	switch {
	case times == 0:
		return "", form == "time " && p.after != nil
	case boils && pounds:
		return "", false
	case boils:
		return "boil-bath", true
	case pounds:
		return "pressure-process", true
	}
	return "process", true
}

// noHeat reports a time that jars may spend without any: they stand, are left, or the heat
// went off before it.
func (p *passage) noHeat(form string) bool {
	for i := range p.c.all[:p.c.begin] {
		if w := &p.c.all[i]; w.low == "off" || w.low == "out" {
			return true // "bring to the boil, off, 20 minutes"
		}
	}
	idle := toldStill.MatchString(form) || toldIdle.MatchString(form)
	if off := strings.Index(form, "off "); off >= 0 && (idle || off < strings.Index(form, "T ")) {
		return true
	}
	hot := toldHot.MatchString(form) || p.after != nil && p.after.t[0].low != "then" && p.after.hasAny([]string{"from the boil", "to the boil", "it boils", "boils again"})
	return !hot && (toldStill.MatchString(form) || toldIdle.MatchString(form) && !strings.Contains(form, "P "))
}

// standsCold reports a time for which full jars are only left or stand: "let them sit 20
// minutes in the boiled water". Ten minutes they may rest once the heat is off.
func (p *passage) standsCold() bool {
	const rest = 10
	long := p.before != nil && p.before.measured(english.Duration) && p.says("to stand", "to sit", "to rest")
	for _, m := range p.c.m {
		if m.Kind == english.Duration && m.Max <= rest && (p.at.Running || len(p.c.m) > 1 || p.c.unit().hasAny([]string{"off", "lid", "lids"})) {
			return false // "20 minutes, and 5 more just sitting there"
		}
		long = long || m.Kind == english.Duration && m.Max <= 200
	}
	if !long || p.c.pressed() || p.says("boiling water", "boiling bath", "boil", "boiling", "rocking", "jiggling", "pressure", "zero", "drop", "drops", "cool", "counter", "towel", "fridge") && !p.says("off the boil", "boiled water") {
		return false
	}
	return p.says("standing", "sitting", "off the boil", "to stand", "to sit", "to rest") || p.does("sit stand rest leave set") && !p.says("timer", "clock", "set the time")
}

// counts reports whether a clause gives a time, or sets about counting one.
func counts(c *clause) bool {
	return c != nil && (c.measured(english.Duration) || c.hasAny([]string{"count", "counted", "counting", "time", "timed", "timing", "timer", "clock"}))
}

// countedFromElse reports that a time is counted from something that is no boil and no
// pressure: "20 minutes, counting from when the water starts to steam".
func (p *passage) countedFromElse() bool {
	if p.word(0) != "from" || p.before == nil || !p.at.Closed || !counts(p.before) {
		return false
	}
	form, _ := p.toldForm()
	return !countedFrom.MatchString(form) && !goesIn.MatchString(form)
}

// toldForm writes the clause with its figures as letters; "" where a figure is none that
// belongs to a process.
func (p *passage) toldForm() (form string, times int) {
	var b strings.Builder
	for i := 0; i < len(p.c.t); {
		w := &p.c.t[i]
		switch {
		case w.m == english.Duration || w.m == english.Length || w.m == english.Height:
			start := i
			for i < len(p.c.t) && p.c.t[i].m == w.m {
				i++
			}
			letter := p.measureLetter(start, i)
			if letter == "T " {
				times++
			}
			b.WriteString(letter)
			continue
		case w.m != 0:
			return "", 0
		case p.c.nums[i] > 0:
			n := int(p.c.nums[i])
			if i+n >= len(p.c.t) {
				return "", 0
			}
			switch next := &p.c.t[i+n]; {
			case next.Text == "lb" || next.Text == "pound" || next.Text == "psi" || next.Text == "#":
				b.WriteString("P ")
			case next.Text == "-" && i+n+1 < len(p.c.t) && (p.c.t[i+n+1].Text == "pound" || p.c.t[i+n+1].Text == "lb"):
				b.WriteString("P ")
				n++
			default:
				return "", 0
			}
			i += n + 1
			continue
		case w.Kind == words.Mark || w.low == "the" || w.low == "a" || w.low == "an":
		case w.class == Jar && (jarNames[w.Text] || w.Text == "half" || w.Text == "half-pint"):
			b.WriteString("J ")
		case w.low == "@":
			b.WriteString("at ")
		default:
			b.WriteString(w.low + " ")
		}
		i++
	}
	for _, m := range p.c.m {
		if m.Kind == english.Duration && (m.Min < 5 || m.Max > 200) {
			return "", 0
		}
	}
	return b.String(), times
}

// measureLetter is the letter of the measure that stands at t[start:end].
func (p *passage) measureLetter(start, end int) string {
	switch kind := p.c.t[start].m; {
	case kind == english.Height:
		return "A "
	case kind == english.Length:
		return "L "
	case p.ventsAround(start, end):
		return "V "
	}
	return "T "
}

// ventsAround reports whether the time that stands at t[start:end] is that of the steam
// which streams out first: "vent 10 min", "ten minutes of steam".
func (p *passage) ventsAround(start, end int) bool {
	for _, m := range p.c.m {
		if m.Start == start && m.Max > 15 {
			return false
		}
	}
	k := start - 1
	for k >= 0 && passWords[p.c.t[k].low] {
		k--
	}
	if k >= 0 && (ventVerbs[p.c.t[k].Text] || p.c.t[k].low == "vented" || p.c.t[k].low == "exhausted" || p.c.t[k].Text == "steam") {
		return true
	}
	if end < len(p.c.t) && p.c.t[end].low == "of" {
		end++
	}
	return end < len(p.c.t) && (ventVerbs[p.c.t[end].Text] || p.c.t[end].Text == "steam")
}

// TellsProcess reports whether the clause gives the time of the process and nothing else.
func (c *Clause) TellsProcess() bool { return c.Why == processTold && len(c.Acts) > 0 }

// GivesTime reports whether the clause tells the process, or gives bare figures.
func (c *Clause) GivesTime() bool { return c.TellsProcess() || c.Why == "figures" }
