package printed

import (
	"slices"
	"strings"

	"damson/core/words"
)

// Read reads the sentences, in the order of the text.
func Read(sentences []Sentence) *Process {
	r := &reader{out: &Process{}}
	for _, x := range sentences {
		r.sentence(x)
	}
	return r.out
}

// reader walks the sentences; columns are the elevations of a table's head.
type reader struct {
	out     *Process
	columns []At
}

func (r *reader) sentence(x Sentence) {
	low := strings.ToLower(x.Text)
	bath := slices.ContainsFunc(baths, func(b string) bool { return strings.Contains(low, b) })
	switch {
	case bath:
		r.out.Method = "water-bath"
	case strings.Contains(low, "pressure"), strings.Contains(low, "psi"):
		r.out.Method = "pressure"
	}
	events := eventsOf(words.Split(x.Text))
	if r.head(events) || !r.tells(events, low) {
		return
	}
	if has(events, poundEvent) && !bath {
		r.out.Method = "pressure"
	}
	w := &walk{r: r, line: x.Line, open: -1, gauges: has(events, gaugeEvent),
		pairs: map[eventKind]bool{minuteEvent: pairs(events, minuteEvent), poundEvent: pairs(events, poundEvent)}}
	for _, e := range events {
		w.take(e)
		w.last = e.kind
	}
	w.list()
	w.drop()
}

// baths are words of a water bath; boiling water by itself is also what covers the food.
var baths = []string{"water bath", "waterbath", "water-bath", "boiling-water", "boiling water canner", "in boiling water", "in the boiling water"}

func has(events []event, k eventKind) bool {
	return slices.ContainsFunc(events, func(e event) bool { return e.kind == k })
}

// tells reports whether the sentence tells of a process: pounds, or minutes, beside a jar, an
// elevation or a word for it.
func (r *reader) tells(events []event, low string) bool {
	process := strings.Contains(low, "process") || strings.Contains(low, "canner") || strings.Contains(low, "water bath")
	switch {
	case has(events, poundEvent):
		return has(events, gaugeEvent) || process || has(events, jarEvent) || has(events, heightEvent) || strings.Contains(low, "pressure") || strings.Contains(low, "psi")
	case has(events, minuteEvent):
		return process || has(events, jarEvent) || has(events, heightEvent)
	}
	return has(events, jarEvent) && has(events, bareEvent)
}

// pairs reports a sentence in which every figure of the kind stands before its own elevation, the
// first too: "20 minutes at 1,001 to 6,000 ft, 25 minutes above 6,000 ft". None is the lowest.
func pairs(events []event, kind eventKind) bool {
	first, after := true, false
	for i, e := range events {
		switch {
		case e.kind == heightEvent:
			after = false
		case e.kind == kind && first:
			next := slices.IndexFunc(events[i+1:], func(e event) bool { return e.kind == minuteEvent || e.kind == poundEvent || e.kind == heightEvent })
			if next < 0 || events[i+1+next].kind != heightEvent || events[i+1+next].low == 0 {
				return false
			}
			first, after = false, true
		case e.kind == kind:
			after = true
		}
	}
	return !first && !after
}

// head keeps the elevations of a line that holds nothing else.
func (r *reader) head(events []event) bool {
	if has(events, minuteEvent) || has(events, poundEvent) || has(events, bareEvent) {
		return false
	}
	var at []At
	for _, e := range events {
		if e.kind == heightEvent {
			at = append(at, At{Low: e.low, High: e.high})
		}
	}
	if len(at) < 2 {
		return false
	}
	r.columns = at
	return true
}

// walk is the reading of one sentence.
type walk struct {
	r    *reader
	line int
	// open is the place of the time that is spoken of, -1 for none.
	open int
	last eventKind
	// waiting is an elevation whose figure comes; loose a figure whose elevation comes.
	waiting *At
	loose   int
	pounds  bool // the loose figure is in pounds
	more    bool
	// pairs is true for the kinds of figure of which none in the sentence is the lowest.
	pairs map[eventKind]bool
	gauge string
	// gauges is true where the sentence names a gauge.
	gauges bool
	bare   []int
}

func (w *walk) take(e event) {
	if e.kind != bareEvent {
		w.list()
	}
	switch e.kind {
	case jarEvent:
		w.jar(e)
	case minuteEvent:
		w.minutes(e.value)
	case bareEvent:
		if w.more && w.last != jarEvent { // "add 5 minutes to 3,000 ft, 10 to 6,000 ft"
			w.minutes(e.value)
			return
		}
		w.bare = append(w.bare, e.value)
	case heightEvent:
		w.height(At{Low: e.low, High: e.high, Line: w.line})
	case moreEvent:
		w.more = true
	case poundEvent:
		w.pound(e.value)
	case gaugeEvent:
		w.named(e.gauge)
	}
}

// told returns the time that is spoken of; of an earlier sentence, where an elevation goes on.
func (w *walk) told() *Told {
	all := w.r.out.Told
	switch {
	case w.open >= 0:
		return &all[w.open]
	case len(all) > 0 && (w.waiting != nil || w.loose > 0):
		return &all[len(all)-1]
	}
	return nil
}

func (w *walk) begin(minutes int) {
	w.r.out.Told = append(w.r.out.Told, Told{Line: w.line, Method: w.r.out.Method, Minutes: minutes})
	w.open = len(w.r.out.Told) - 1
}

func (w *walk) jar(e event) {
	t := w.told()
	late := w.open >= 0 && t.Minutes > 0 && len(t.Jars) == 0 // "20 minutes for pints"
	if w.open < 0 || t.Minutes > 0 && !late {
		before := 0
		if w.last == minuteEvent { // "20 minutes for pints, 25 minutes for quarts"
			before, w.loose = w.loose, 0
		}
		w.drop()
		w.begin(before)
		w.waiting = nil
		t = w.told()
	}
	if !slices.Contains(t.Jars, e.jar) {
		t.Jars = append(t.Jars, e.jar)
	}
}

func (w *walk) minutes(v int) {
	switch t := w.told(); {
	case w.more && w.waiting != nil:
		w.add(*w.waiting, v)
		w.waiting = nil
	case w.more:
		w.hold(v, false)
	case w.waiting != nil && t != nil && t.Minutes > 0:
		w.waiting.Value = v
		t.Higher = append(t.Higher, *w.waiting)
		w.waiting = nil
	case w.pairs[minuteEvent]:
		w.hold(v, false)
	case t == nil:
		w.begin(v)
		w.waiting = nil
	case t.Minutes == 0:
		t.Minutes, w.waiting = v, nil
	default:
		w.hold(v, false)
	}
}

// hold keeps a figure until its elevation comes; one that was held before has none.
func (w *walk) hold(v int, pounds bool) {
	w.drop()
	w.loose, w.pounds = v, pounds
}

// drop lets go of a figure that nothing belongs to.
func (w *walk) drop() {
	if w.loose > 0 {
		w.r.out.Loose++
	}
	w.loose = 0
}

func (w *walk) add(at At, v int) {
	at.Value = v
	w.r.out.Adds = append(w.r.out.Adds, at)
}

func (w *walk) height(at At) {
	defer func() { w.loose = 0 }()
	if t := w.told(); at.Low == 0 && w.loose > 0 && !w.pounds && !w.more && t != nil { // "25 minutes to 3,000 ft"
		end := Lowest
		if n := len(t.Higher); n > 0 {
			end = t.Higher[n-1].High
		}
		if at.High > end {
			at.Low = end + 1
		}
	}
	switch {
	case at.Low == 0:
		w.drop()
		w.ends(at.High)
	case w.loose == 0:
		w.waiting = &at
	case w.pounds:
		at.Value = w.loose
		if p := w.latest(); p != nil {
			p.Higher = append(p.Higher, at)
		}
	case w.more:
		w.add(at, w.loose)
	default:
		at.Value = w.loose
		if t := w.told(); t != nil {
			t.Higher = append(t.Higher, at)
		}
	}
}

// ends keeps how far up the lowest figure goes.
func (w *walk) ends(high int) {
	if p := w.latest(); w.last == poundEvent && p != nil && len(p.Higher) == 0 {
		p.Ends = high
	} else if t := w.told(); t != nil && len(t.Higher) == 0 {
		t.Ends = high
	}
}

// latest is the gauge whose pounds were given last.
func (w *walk) latest() *Pounds {
	if n := len(w.r.out.Pounds); n > 0 {
		return &w.r.out.Pounds[n-1]
	}
	return nil
}

func (w *walk) pound(v int) {
	p := w.latest()
	same := p != nil && (w.gauge == "" || w.gauge == p.Gauge)
	switch {
	case w.waiting != nil && same:
		w.waiting.Value = v
		p.Higher = append(p.Higher, *w.waiting)
		w.waiting = nil
	case w.pairs[poundEvent]:
		w.hold(v, true)
	case same && w.last != gaugeEvent && w.beside(p):
		w.hold(v, true)
	default:
		w.r.out.Pounds = append(w.r.out.Pounds, Pounds{Gauge: w.gauge, Line: w.line, PSI: v})
		w.gauge = ""
	}
}

// beside reports pounds behind others of the same gauge, or where no gauge is named: those of another
// elevation.
func (w *walk) beside(p *Pounds) bool {
	return w.gauge == "" && p.Line == w.line && (p.Gauge != "" || !w.gauges)
}

// named gives the pounds before it their gauge, or keeps it for those behind.
func (w *walk) named(gauge string) {
	if w.loose > 0 && w.pounds { // "11 lb dial, 10 lb weighted"
		w.r.out.Pounds = append(w.r.out.Pounds, Pounds{Gauge: gauge, Line: w.line, PSI: w.loose})
		w.loose, w.pounds = 0, false
		return
	}
	if p := w.latest(); p != nil && p.Gauge == "" && p.Line == w.line {
		p.Gauge = gauge
		return
	}
	w.gauge = gauge
}

// list takes bare figures behind a jar as its minutes, by the columns of the table.
func (w *walk) list() {
	bare := w.bare
	w.bare = nil
	if len(bare) == 0 || w.open < 0 {
		return
	}
	t := w.told()
	if t.Minutes > 0 || len(t.Jars) == 0 {
		return
	}
	t.Minutes = bare[0]
	for i, at := range w.r.columnsOf(len(bare)) {
		if i > 0 {
			at.Value, at.Line = bare[i], w.line
			t.Higher = append(t.Higher, at)
		}
	}
}

// columnsOf are the elevations of so many figures: those of the table's head, or those that
// sources use.
func (r *reader) columnsOf(n int) []At {
	switch {
	case len(r.columns) == n:
		return r.columns
	case n == 3:
		return []At{{High: Lowest}, {Low: Lowest + 1, High: 6000}, {Low: 6001, High: Open}}
	case n == 4:
		return []At{{High: Lowest}, {Low: Lowest + 1, High: 3000}, {Low: 3001, High: 6000}, {Low: 6001, High: Open}}
	}
	return nil
}
