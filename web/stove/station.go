package stove

import (
	"fmt"
	"slices"
	"strings"
	"time"

	"damson/app"
	"damson/core/practice"
	"damson/core/procedure"
	"damson/core/run"
	"damson/core/words"
	"damson/web/kit"
)

// station is a canner on the stove as its page shows it.
type station struct {
	ID                           int64
	Title, Jars, Canner, Process string
	// Own says what each jar needs by itself, where jars of different times stand together.
	Own          string
	Practice     string
	Is, Next     string
	Phase        run.Phase
	Alarm        bool
	Clock        clockView
	Starts       string
	Asks         *asksView
	Buttons      []button
	Shown, Total int
	Last         *run.Event
	Gauged       bool
	Record       []recordRow
	Kinds        []choice
	Judged       judgedView
	Shelf        bool
	Logged       *judgedView
	// Wrong says what went wrong at a practice canner, once its jars are out.
	Wrong                         string
	Gauge                         *gaugeView
	Live                          bool // what a gauge or a logger shows changes by itself
	Trace                         *traceView
	Behind, Problem, Field, Typed string
	Large, Away                   bool
}

// clockView is a clock as the browser counts it, in milliseconds since 1970 on the clock of the
// canner, which runs Speed times as fast as that on the wall.
type clockView struct {
	Down         bool
	At, Now      int64
	Speed        int
	Text, Beside string
}

type asksView struct {
	From, Until string
	FromMS      int64
	Held        string
}

type recordRow struct {
	Time, Words, Told string
	Undone, Grave     bool
}

type choice struct{ Key, Words string }

type judgedView struct {
	Verdict run.Verdict
	Words   string
	Why     string
	Do      []string
	Cares   []string
}

type gaugeView struct {
	Reading, F string
	Steams     string
}

func viewStation(x *app.Standing, large bool) station {
	r := &x.Run
	s := say(x)
	v := station{ID: r.ID, Title: titleOf(r), Jars: jarsOf(r), Own: ownTimes(r), Canner: r.Canner,
		Process: processOf(x), Is: s.Is, Next: s.Next, Phase: x.State.Phase,
		Clock: viewClock(x), Buttons: buttons(x), Shown: x.Shown, Total: x.Load.Jars, Gauged: r.PSI > 0, Record: record(x), Kinds: tellable(&x.Load), Judged: viewJudged(x.Judged), Shelf: x.Judged.Shelf, Large: large}
	v.Away = x.State.Phase == run.Loaded || r.Speed > 0
	if r.Speed > 0 {
		v.Practice = fmt.Sprintf("practice canner, %d times as fast", r.Speed)
		if r.Speed == 1 {
			v.Practice = "practice canner"
		}
	}
	v.Alarm = needsHands(x)
	if e, ok := run.Last(x.Events); ok {
		v.Last = &e
	}
	if x.State.Starts > 1 && x.State.Phase == run.Timing {
		v.Starts = fmt.Sprintf("Started %d times: what was timed before counts for nothing.", x.State.Starts)
	}
	if g := x.State.Asks; g != nil {
		v.Asks = &asksView{From: clock(g.From), Until: clock(g.Until), FromMS: g.From.UnixMilli(),
			Held: strings.TrimSuffix(target(x), ",")}
	}
	if x.Behind > time.Minute {
		v.Behind = fmt.Sprintf("The clock of this machine stands %s before what was told last. Set it right; the run "+
			"goes on by what was told.", span(x.Behind))
	}
	if x.Logged != nil {
		j := viewJudged(*x.Logged)
		v.Logged = &j
		v.Wrong = wrongAt(x)
	}
	v.Gauge, v.Trace = viewGauge(x), viewTrace(x, large)
	v.Live = v.Gauge != nil || slices.ContainsFunc(x.Events, func(e run.Event) bool { return e.Logger })
	return v
}

// wrongAt tells what the practice canner did to whoever practised.
func wrongAt(x *app.Standing) string {
	f := practice.FaultBy(x.Run.Fault)
	if f.ID == "" {
		return "Nothing went wrong at the canner itself."
	}
	if !f.Came(x.State.OutAt.Sub(x.Run.CreatedAt).Seconds()) {
		return words.Sentence("The jars were out before it went wrong: " + f.Name)
	}
	return words.Sentence("What went wrong: "+f.Name) + " " + f.Sign
}

// needsHands reports a station at which something is to be done now.
func needsHands(x *app.Standing) bool {
	switch x.State.Phase {
	case run.Done, run.Below:
		return true
	}
	if x.State.Clock.Running() && x.State.Phase != run.Timing {
		return !x.Now.Before(x.State.Clock.End())
	}
	return x.State.Asks != nil || x.State.Phase == run.Rising && x.State.Airy
}

// processOf is the process in a line.
func processOf(x *app.Standing) string {
	l := &x.Load
	switch {
	case l.Method == procedure.Steam:
		return fmt.Sprintf("%d min in steady steam", l.Minutes)
	case l.Method == procedure.WaterBath:
		return fmt.Sprintf("%d min at a full boil", l.Minutes)
	case l.Hold > 0 && l.Hold != float64(l.PSI):
		return fmt.Sprintf("%d min at %s; hold this dial at %s psi", l.Minutes, kit.Pounds(l.PSI), kit.Decimal(l.Hold))
	case l.Hold > 0:
		return fmt.Sprintf("%d min at %s on the dial", l.Minutes, kit.Pounds(l.PSI))
	}
	return fmt.Sprintf("%d min at %s by the weight", l.Minutes, kit.Pounds(l.PSI))
}

// viewClock is the clock that counts down, or how long it has been as it is.
func viewClock(x *app.Standing) clockView {
	v := clockView{Now: x.Now.UnixMilli(), Speed: max(x.Run.Speed, 1)}
	c := x.State.Clock
	if c.Running() && x.State.Asks == nil {
		v.Down, v.At = true, c.End().UnixMilli()
		v.Text = digits(max(c.End().Sub(x.Now), 0))
		v.Beside = "left of " + digits(c.For) + clockOf[x.State.Phase]
		return v
	}
	since := x.State.Since
	if since.IsZero() {
		since = x.Run.CreatedAt
	}
	v.At, v.Text, v.Beside = since.UnixMilli(), digits(max(x.Now.Sub(since), 0)), sinceOf[x.State.Phase]
	return v
}

var (
	clockOf = map[run.Phase]string{run.Venting: " of steam", run.Timing: "", run.Resting: " to stand"}
	sinceOf = map[run.Phase]string{run.Loaded: "since it was loaded", run.Heating: "on the heat",
		run.Venting: "of steam", run.Rising: "since it was closed", run.Timing: "since the time " +
			"began", run.Below: "since it was lost",
		run.Done: "over the time", run.Falling: "since the heat went off", run.Down: "at zero", run.Resting: "since the " +
			"heat went off", run.Open: "since the lid came off", run.Out: "out of the canner"}
)

// digits writes a span as minutes and seconds.
func digits(d time.Duration) string {
	s := int(d.Round(time.Second) / time.Second)
	return fmt.Sprintf("%d:%02d", s/60, s%60)
}

// record is what was told, the newest first.
func record(x *app.Standing) []recordRow {
	undone, measured := run.Undone(x.Events), 0
	var out []recordRow
	for i := len(x.Events) - 1; i >= 0; i-- {
		e := &x.Events[i]
		if e.Kind == run.Seen || e.Kind == run.Undo {
			continue
		}
		if e.Logger {
			measured++
			continue
		}
		row := recordRow{Time: clock(e.At), Words: recordWords(x, e), Undone: undone[e.Number],
			Grave: e.Kind == run.Lost || e.Kind == run.Forced || e.Kind == run.Faltered}
		if e.Later {
			row.Told = "told afterwards"
		}
		out = append(out, row)
	}
	if measured > 0 {
		out = append(out, recordRow{Words: fmt.Sprintf("%s readings of the logger, drawn above", words.Thousands(measured))})
	}
	return out
}

var kindWords = map[run.Kind]string{run.HeatOn: "heat on", run.Steaming: "steam flows",
	run.Faltered: "the steam faltered", run.Closed: "weight on", run.Reached: "at " +
		"pressure", run.Lost: "dropped", run.HeatOff: "heat off",
	run.Zero: "at zero", run.Forced: "cooled by force, or let out", run.WeightOff: "weight off", run.LidOff: "lid " +
		"off", run.JarsOut: "jars out", run.Reading: "reading", run.Note: "note", run.Stood: "it held, somebody stood by"}

// boilingWords differ for a bath and for steam.
var boilingWords = map[run.Kind]string{run.Reached: "full boil", run.Lost: "the boil was lost, or the jars not covered"}

func wordsOf(l *run.Load, k run.Kind) string {
	if l.Method == procedure.Steam && k == run.Reached {
		return "steady steam"
	}
	if w, ok := boilingWords[k]; ok && l.Method != procedure.Pressure {
		return w
	}
	return kindWords[k]
}

func recordWords(x *app.Standing, e *run.Event) string {
	w := wordsOf(&x.Load, e.Kind)
	switch {
	case e.Kind == run.Note:
		return "“" + e.Text + "”"
	case e.Kind == run.Stood:
		return w + " until " + clock(e.Until)
	case e.Kind == run.JarsOut && e.Broken > 0:
		w = fmt.Sprintf("%d jars out whole, %d broken", e.Jars, e.Broken)
	case e.Kind == run.JarsOut:
		w = fmt.Sprintf("%d jars out", e.Jars)
	case e.Gauged:
		w += ", " + kit.Decimal(e.PSI) + " psi"
	case e.F != 0:
		w += ", " + kit.Degrees(e.F)
	}
	if e.Text != "" {
		w += " · “" + e.Text + "”"
	}
	return w
}

// tellable are the kinds that can be told afterwards.
func tellable(l *run.Load) []choice {
	kinds := []run.Kind{run.HeatOn, run.Reached, run.Lost, run.HeatOff, run.LidOff, run.Note}
	if l.Method == procedure.Pressure {
		kinds = []run.Kind{run.HeatOn, run.Steaming, run.Faltered, run.Closed, run.Reached, run.Lost, run.Reading,
			run.HeatOff, run.Zero, run.Forced, run.WeightOff, run.LidOff, run.Note}
	}
	out := make([]choice, len(kinds))
	for i, k := range kinds {
		out[i] = choice{string(k), wordsOf(l, k)}
	}
	return out
}

func viewJudged(j run.Judgement) judgedView {
	v := judgedView{Verdict: j.Verdict, Why: j.Why, Do: j.Do, Cares: j.Cares}
	switch j.Verdict {
	case run.AsTested:
		v.Words = "As tested"
	case run.NotAsTested:
		v.Words = "Not as tested"
	}
	return v
}

func viewGauge(x *app.Standing) *gaugeView {
	s, ok := x.Gauge()
	if !ok || x.State.Phase == run.Out {
		return nil
	}
	v := &gaugeView{F: kit.Degrees(s.F)}
	if x.Load.PSI > 0 {
		v.Reading = fmt.Sprintf("%.1f psi", x.Dial(s))
	}
	switch {
	case s.Dry:
		v.Steams = "it has boiled dry: heat off"
	case x.Load.PSI > 0 && s.Steams && (x.State.Phase == run.Heating || x.State.Phase == run.Venting):
		v.Steams = "steam streams out of the vent"
	case x.Load.PSI == 0 && s.Steams:
		v.Steams = "it boils fully"
	case x.Load.PSI == 0:
		v.Steams = "no full boil"
	case x.State.Phase == run.Heating:
		v.Steams = "no steady steam yet"
	}
	return v
}
