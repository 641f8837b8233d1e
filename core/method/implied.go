package method

import (
	"cmp"
	"slices"

	"damson/core/english"
	"damson/core/words"
)

// Implied returns the tokens of a sentence about jars that are full with the units put in
// that people leave out: "vent ten", "set the timer for seventy-five", "start the clock at
// ten", "ten minutes with the petcock open and 75 with the weight on". A unit that is put
// in has no letters of the text: it starts and ends where its number ends.
func Implied(t []words.Token) []words.Token {
	out := t
	for i := 0; i < len(out); i++ {
		v, n := english.Number(out, i)
		if n == 0 {
			continue
		}
		if unit := cmp.Or(impliedBeside(out, i, i+n, v), impliedUnit(out, i, i+n, v)); unit != "" {
			at := out[i+n-1].End
			out = slices.Insert(slices.Clone(out), i+n, words.Token{Kind: words.Word, Raw: unit, Text: unit, Start: at, End: at})
			n++
		}
		i += n - 1
	}
	return out
}

// The words that a figure of minutes, or of pounds, stands behind or before.
var (
	ventVerbs   = set("vented exhausted vent venting exhaust exhausting purge purging")
	clockNouns  = set("timer clock timing counting")
	passWords   = set("for it them a the full about her to all : =")
	startClocks = set("start begin clock timing counting count time timer")
	// What heats the jars, and what is done to them while it does: "boil 20", "pints want 75".
	heatWords = set("waterbath water-bath bathe stay sit leave keep maintain steady bw bwb bwc bath wb canner boil boiled boiling roll rolling rock rocking jiggle jiggling process processed processing can pressure-can hold run count give get want need take go went gave got wanted needed took pint quart half-pint jar cook")
	// What stands before "the fifteen" and "it up to fourteen".
	theWeight    = set("its thats is use need needs take takes")
	toldOfPounds = set("pressure gauge needle")
	bringsUp     = set("bring brought get got take took")
	// What a time is counted from, or where it is spent.
	afterTime = set("first to for pounder from once after on in at under with when and then over before @ of")
)

// impliedUnit names the unit that the number t[i:end] of value v lacks, "" for none.
func impliedUnit(t []words.Token, i, end int, v float64) string {
	if v != float64(int(v)) || v < 4 || v > 200 {
		return ""
	}
	text := func(k int) string {
		if k >= 0 && k < len(t) {
			return t[k].Text
		}
		return ""
	}
	next := text(end)
	switch {
	case (next == "'" || next == "’" || next == "′" || next == "m") && !nearHeight(t, i) && v >= 5:
		return "minute" // "40' @ 10#"
	case next == "pounder" || next == "-" && text(end+1) == "pounder":
		return "pound" // "the 10 pounder"
	case next == "-" || next == "%" || next == "\"" || next == "#" || next == "°" || next == "'" || end < len(t) && t[end].Kind == words.Number, text(i-1) == "/" && i > 1 && t[i-2].Kind == words.Number, next == "/" && end+1 < len(t) && t[end+1].Kind == words.Number && t[end+1].Start == t[end].End:
		return ""
	case next != "" && t[end].Kind == words.Word && !afterTime[next]:
		return ""
	}
	k := i - 1
	for k >= 0 && passWords[text(k)] {
		k--
	}
	before := text(k)
	last := next == "" || t[end].Kind == words.Mark
	switch {
	case (next == "at" || next == "@") && pounds(t, end+1), (next == "x" || next == "×") && pounds(t, end+1):
		return "minute" // "75 at 10 lb"
	case v <= 20 && (text(i-1) == "at" || text(i-1) == "@") && last && minutesEnd(t, i-1):
		return "pound" // "75 minutes at 10"
	case v <= 20 && (ventVerbs[before] || before == "steam" || before == "blow" && (text(k-1) == "it" || text(k-1) == "let" || text(k-2) == "let")):
		return "minute" // "vent ten", "let it steam for ten"
	case next == "of" && (text(end+1) == "processing" || text(end+1) == "boiling" || text(end+1) == "cooking" || text(end+1) == "rocking" || text(end+1) == "canning" || text(end+1) == "pressure"):
		return "minute" // "ten minutes of venting and 75 of processing"
	case v <= 20 && (text(i-1) == "at" || text(i-1) == "@") && (next == "for" || next == ",") && minutesAfter(t, end+1):
		return "pound" // "run it at 10 for 75 minutes"
	case v <= 20 && next == "to" && (text(end+1) == "vent" || text(end+1) == "exhaust"):
		return "minute" // "ten to vent"
	case v <= 20 && next == "of" && (text(end+1) == "steam" || text(end+1) == "venting"):
		return "minute" // "after ten of steam"
	case text(i-1) == "at" && (startClocks[text(i-2)] || startClocks[text(i-3)] && (text(i-2) == "it" || clockNouns[text(i-2)])):
		if v <= 20 {
			return "pound" // "start timing at 10"
		}
	case v >= 5 && v <= 15 && next == "on" && (before == "put" || before == "drop" || before == "set") && (end+1 >= len(t) || t[end+1].Kind == words.Mark || t[end+1].Text == "and" || t[end+1].Text == "then"):
		return "pound" // "put the ten on"
	case v <= 20 && (before == "pressure" || before == "weight" || before == "psi") && (k == i-1 || text(i-1) == ":" || text(i-1) == "=" || text(i-1) == "to"):
		return "pound" // "weight: 10"
	case last && poundsNamed(t, i, v):
		return "pound" // "pressure up to 10"
	case next == "of" || next == "before":
	case (before == "timer" || before == "clock" || before == "on" && text(k-1) == "timer") && text(k+1) != "at", (before == "time" || before == "processing") && (k == i-1 || text(i-1) == ":" || text(i-1) == "="):
		return "minute" // "set the timer for seventy-five", "time: 75"
	case next == "over" && (before == "start" || before == "begin" || before == "restart"):
		return "minute" // "start the 75 over"
	case next == "from" || next == "once", next == "on" && (text(end+2) == "timer" || text(end+2) == "clock"), (next == "when" || next == "after") && v >= 5:
		return "minute" // "40 from the first jiggle"
	case v >= 10 && next == "in" && (text(end+2) == "canner" || text(end+2) == "bath" || text(end+2) == "water"):
		return "minute" // "then 20 in the canner"
	case (next == "at" || next == "under") && (text(end+2) == "boil" || text(end+1) == "pressure" || text(end+3) == "boil"):
		return "minute" // "20 at a boil"
	case v >= 5 && last && heats(before, v):
		return "minute" // "boil 20", "pints want 75"
	case v >= 20 && text(i-1) == "and" && (next == "with" || next == "on" || next == "at" || next == "under") && minutesBefore(t, i):
		return "minute" // "ten minutes with the petcock open and 75 with the weight on"
	case v >= 15 && last && (k < 0 || t[k].Kind == words.Mark) && (k < 0 || poundsBefore(t, i) || minutesBefore(t, i)):
		return "minute" // "steam 10, 10 lb, 75"
	}
	return ""
}

// impliedBeside names the unit of a number that stands beside jars, or beside the weight.
func impliedBeside(t []words.Token, i, end int, v float64) string {
	if i == 0 || end >= len(t) {
		return ""
	}
	before, next := t[i-1].Text, t[end].Text
	switch {
	case v >= 5 && jarNamed(t[:i], i-1) && jarNamed(t[:end+1], end) && end+1 < len(t) && t[end+1].Kind == words.Number:
		return "minute" // "pints 75 quarts 90"
	case v >= 5 && next == "for" && jarNamed(t, end+1) && (minutesBefore(t, i) || minutesFor(t, end+1)):
		return "minute" // "85 minutes for quarts, 55 for pints"
	case (v == 5 || v == 10 || v == 15) && (before == "at" || before == "@") && next == "on" && weightNamed(t, end+1):
		return "pound" // "at 15 on the weighted canner"
	}
	return ""
}

// jarNamed reports jars of a size at t[i], or behind an article.
func jarNamed(t []words.Token, i int) bool {
	for ; i < len(t); i++ {
		switch t[i].Text {
		case "the", "our", "my", "your", "a":
		case "quart", "pint", "half-pint", "half-pints", "pts", "qts", "pt", "qt":
			return true
		default:
			return false
		}
	}
	return false
}

// minutesFor reports minutes for jars of another size behind the jars at t[i]: "for pints, 85 minutes for quarts".
func minutesFor(t []words.Token, i int) bool {
	for k := i; k < len(t) && k < i+8; k++ {
		if t[k].Text == "minute" || t[k].Text == "min" {
			return k+2 < len(t) && t[k+1].Text == "for" && jarNamed(t, k+2)
		}
	}
	return false
}

// weightNamed reports a weight, or a canner that has one, at t[i], behind an article.
func weightNamed(t []words.Token, i int) bool {
	for k := i; k < len(t) && k < i+3; k++ {
		switch t[k].Text {
		case "weight", "weighted", "regulator", "jiggler", "rocker":
			return true
		}
	}
	return false
}

// heats reports a verb whose figure is minutes; one that counts to ten counts seconds.
func heats(verb string, v float64) bool { return heatWords[verb] && !(verb == "count" && v <= 12) }

// poundsNamed reports pounds at the end of a clause, without their unit: "pressure up to 10", "it's the
// fifteen", "bring it up to 14".
func poundsNamed(t []words.Token, i int, v float64) bool {
	text := func(k int) string {
		if k >= 0 {
			return t[k].Text
		}
		return ""
	}
	switch text(i - 1) {
	case "the":
		return (v == 5 || v == 10 || v == 15) && theWeight[text(i-2)]
	case "to":
		told := toldOfPounds[text(i-3)] || text(i-2) == "pressure"
		return v <= 20 && told || v <= 15 && text(i-2) == "up" && bringsUp[text(i-4)]
	}
	return false
}

// nearHeight reports whether the number at t[i] is said to be how high a place lies.
func nearHeight(t []words.Token, i int) bool {
	for k := i - 1; k >= 0 && k >= i-4; k-- {
		switch t[k].Text {
		case "altitude", "elevation", "above", "sea", "live", "sit", "we're", "feet":
			return true
		}
	}
	return false
}

// pounds reports whether a pressure stands at t[i].
func pounds(t []words.Token, i int) bool {
	v, n := english.Number(t, i)
	if n == 0 || v < 4 || v > 20 {
		return false
	}
	if i+n >= len(t) {
		return true
	}
	switch t[i+n].Text {
	case "lb", "pound", "psi", "#":
		return true
	}
	return t[i+n].Kind == words.Mark && t[i+n].Text != "-" && t[i+n].Text != "'" && t[i+n].Text != ":"
}

// poundsBefore reports whether a pressure stands before t[i].
func poundsBefore(t []words.Token, i int) bool {
	for k := 1; k < i; k++ {
		switch t[k].Text {
		case "lb", "pound", "psi", "#":
			return true
		}
	}
	return false
}

// minutesAfter reports whether minutes stand right at t[i].
func minutesAfter(t []words.Token, i int) bool {
	if i >= len(t) {
		return false
	}
	list := english.Measures(t[i:])
	return len(list) > 0 && list[0].Kind == english.Duration && list[0].Start == 0
}

// minutesBefore reports whether minutes are named before t[i], minutesEnd whether they end
// right there.
func minutesBefore(t []words.Token, i int) bool {
	return slices.ContainsFunc(english.Measures(t[:i]), func(m english.Measure) bool { return m.Kind == english.Duration })
}

func minutesEnd(t []words.Token, i int) bool {
	return slices.ContainsFunc(english.Measures(t[:i]), func(m english.Measure) bool { return m.Kind == english.Duration && m.End == i })
}
