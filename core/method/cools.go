package method

import "damson/core/english"

// What is done to a canner whose time is up, before its pressure has gone by itself (USDA
// Complete Guide 2015, guide 1; from memory).

// coldOnCanner reports something wet or cold that is put on the canner: "lay a wet towel on
// the lid", "wet the sides down with the hose".
func (p *passage) coldOnCanner() bool {
	if !p.at.Done || p.negated() {
		return false
	}
	if p.at.UnderPressure && p.says("water over", "water on", "water down the side", "water down the sides") &&
		!p.says("hand", "hands") {
		return true
	}
	if !p.at.UnderPressure &&
		!p.does("put lay place set drape throw heap spray wet hose mist splash press spread sponge pile run pour") {
		return false
	}
	if !p.says("ice", "snow", "hose", "fan", "frozen peas", "wet towel", "wet cloth", "wet rag", "damp towel",
		"damp cloth",
		"cold towel", "cold cloth", "cold water", "cool water") {
		return false
	}
	return p.says("on the lid", "over the lid", "on its lid", "on top", "on the canner", "over the canner", "against the canner", "the sides", "at the canner", "the canner down")
}

// chillsCanner reports cold water or snow on a canner, wherever it is told.
func (p *passage) chillsCanner() bool {
	if p.negated() || p.denies() || p.says("no", "not", "nobody", "never", "without", "rather than", "instead of",
		"need") ||
		p.third() && !p.ourBatch() || p.does("wash rinse scrub clean fill test check") ||
		!p.says("over the canner", "on the canner", "onto the canner", "over the pressure canner", "canner under",
			"canner into", "canner in the sink", "canner in the snow", "canner in snow", "canner in cold") {
		return false
	}
	return p.says("cold water", "cool water", "ice", "iced water", "snow", "hose", "cold tap", "the tap", "wet towel",
		"wet towels", "wet cloth", "sink", "creek", "water butt", "tub")
}

// letsPressureOut reports pressure that is let out: "bleed the pressure off slowly".
func (p *passage) letsPressureOut() bool {
	if p.does("vent") && p.c.measured(english.Duration) {
		return false // "before that, vent the steam out for ten minutes"
	}
	if !p.at.Done || p.negated() || p.says("itself", "its own", "natural", "naturally", "on their own") {
		return false
	}
	if p.released() && !p.ventedFirst() {
		return true
	}
	return p.does("bleed burp dump ease vent") && p.says("pressure", "steam", "it off", "it down") && p.says("off", "out", "down", "valve", "petcock", "weight")
}

// ventedFirst reports the vent, told behind the process that follows it, and nothing behind that: "75 minutes at 11
// pounds, after ten minutes of letting the steam out".
func (p *passage) ventedFirst() bool {
	last := p.before != nil && p.after == nil && p.word(0) == "after"
	if !last || !p.says("minutes of letting") || len(p.c.m) != 1 {
		return false
	}
	m := p.c.m[0]
	tenMinutes := m.Kind == english.Duration && m.Min >= leastVent && m.Max <= longestVent
	return tenMinutes && p.before.measured(english.Duration)
}

// released reports steam or pressure that is let out by whatever verb: "let the steam out", "get the
// pressure off". Steam that leaves when the lid comes off, and pressure that falls to zero, are no
// such thing.
func (p *passage) released() bool {
	if !p.says("steam out", "steam off", "steam escape", "steam go", "pressure out", "pressure off", "pressure escape", "pressure go out", "release the pressure", "release the steam", "release pressure", "release steam", "releasing the pressure", "releasing the steam", "out the steam", "off the steam", "off the pressure", "out the pressure") {
		return false
	}
	if !p.does("let get blow drain force open release run take turn tip shake drive push draw") {
		return false
	}
	return !p.c.unit().hasAny([]string{"zero", "is gone", "has gone", "all gone", "away from", "your face", "my face", "lift the lid", "lid off", "when you open", "no pressure", "before that", "ten minutes before", "before the weight"})
}

// opensAtOnce reports a canner that is opened when the time is up, and not when its pressure
// has gone: "as soon as the time's up I open it".
func (p *passage) opensAtOnce() bool {
	if !p.at.Done || p.negated() || !p.does("open unlock unlatch") {
		return false
	}
	u := p.c.unit()
	if u.hasAny([]string{"zero", "pressure is gone", "pressure's gone", "no pressure", "gone down", "dropped", "is down", "nothing left", "a jar", "the jar", "jars", "when you open", "to eat", "window", "door"}) {
		return false
	}
	return u.hasAny([]string{"time's up", "time is up", "as soon as", "the moment", "the minute", "timer", "bell", "right away", "straight off", "straight away", "at once", "immediately"})
}

// opensPressed reports a pressure canner that is opened when nothing has said yet that the
// pressure is down: "heat off, lid off, five minutes, out".
func (p *passage) opensPressed() bool {
	if !p.at.UnderPressure || p.negated() || p.c.joint == "before" || p.c.kind == condition || p.c.unit().hasAny([]string{"a jar", "when you open", "to eat", "window", "door"}) || p.c.unit().hasAny(awayFrom) {
		return false
	}
	opens := p.says(lidComesOff...) ||
		p.does("open unlock unlatch unclamp undo unbolt unscrew loosen") && !p.hasClass(Band) && (p.hasClass(Canner) || p.hasClass(Lid) || p.says("clamps", "bolts", "it", "her", "up"))
	return opens && !p.pressureDown() && !p.c.unit().hasAny(isDown)
}

// lidComesOff are words of a lid that comes off.
var lidComesOff = []string{"tipped open", "cracked open", "propped open", "popped open", "prised open", "pried open",
	"lid ajar", "lid off", "clamps off", "off with the lid", "off comes the lid", "lift the lid", "raise the lid",
	"straight out with"}

// opensNow reports an order of a word or two to open: "heat off, open".
func (p *passage) opensNow() bool {
	if !p.at.Done || !p.does("open") || len(p.c.t) > 3 || p.c.kind == moment || p.c.kind == condition {
		return false
	}
	u := p.c.unit()
	return u.hasAny([]string{"heat", "fire", "flame", "gas"}) &&
		!u.hasAny([]string{"zero", "cool", "cold", "wait", "then"})
}

// pressureDown reports that the pressure has gone, or goes by itself.
func (p *passage) pressureDown() bool {
	return p.says(isDown...) || (p.hasClass(Pressure) || p.hasClass(Gauge) || p.hasClass(Canner) || p.hasClass(Pronoun) || p.says("she", "her")) && p.does("drop fall sink") || p.acted("natural-cool")
}

// isDown are words of a pressure that has gone.
var isDown = []string{"zero", "nought", "naught", "by itself", "by herself", "by themselves", "on its own", "its own time", "own accord", "own sweet time", "own good time", "naturally", "no pressure", "pressure is gone", "pressure's gone", "nothing left", "all down", "is down", "are down", "she's down", "it's down", "come down", "comes down", "came down", "comes down", "coming down", "goes down", "gone down", "down to nothing", "right down", "down on her own", "all the way down"}

// awayFrom are words of a lid that is tipped as the canner's book has it.
var awayFrom = []string{"away from you", "away from your face", "away from me", "away from my face"}
