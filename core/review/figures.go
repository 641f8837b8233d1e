package review

import (
	"damson/core/english"
	"damson/core/method"
	"damson/core/procedure"
	"damson/core/words"
)

// figuresUnread asks about a time or a pressure behind the closing of the jars where the
// reading knows of none: what is not compared must not pass for the tested process.
func (b *bench) figuresUnread() {
	st := &b.req.Recipe.Stated
	timed, pressed := len(st.Minutes) > 0 || b.req.Minutes > 0, st.PSI != nil || b.req.PSI > 0
	if b.proc == nil || timed && pressed {
		return
	}
	for t := range b.course {
		if !t.filled || t.c.Kind != method.Doing && !t.c.Untouched() {
			continue
		}
		at := words.Split(t.c.Text)
		if !timed && processTime(at) {
			b.figureAsked(t.s, t.c.Text, "process-short", "Damson could not tell whether this is the process time.")
		}
		if !pressed && pressure(at) && b.proc.Has(procedure.Filter{Method: procedure.Pressure}) {
			b.figureAsked(t.s, t.c.Text, "pressure-low", "Damson could not tell whether this is the pressure of the process.")
		}
	}
}

func (b *bench) figureAsked(s int, text, code, message string) {
	if b.saidAlready(code, text, b.steps[s].No) {
		return
	}
	// No ready answer: a time is not talked away.
	b.report(Finding{Code: code, Severity: Amend, Question: true, Clause: true, Line: at(b.steps[s].No), Ingredient: text, Do: "What does “" + text + "” do?", Message: message, Remedy: "Say it in other words, or take it out.",
		Edits: dropSentence(s)})
}

// processTime reports a time that a process could take.
func processTime(t []words.Token) bool {
	for _, m := range english.Measures(t) {
		if m.Kind == english.Duration && m.Max >= 15 && m.Min <= 180 {
			return true
		}
	}
	return false
}

// pressure reports pounds that a canner could show.
func pressure(t []words.Token) bool {
	for i := range t {
		v, n := english.Number(t, i)
		if n == 0 || v < 4 || v > 20 || i+n >= len(t) {
			continue
		}
		switch t[i+n].Text {
		case "pound", "lb", "psi", "#":
			return true
		}
	}
	return false
}
