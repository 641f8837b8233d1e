package stove

import (
	"fmt"
	"strings"
	"time"

	"damson/app"
	"damson/core/run"
	"damson/web/kit"
)

// apart is how far apart two words below the drawing must stand.
const apart = 48.0

// traceView is the pressure against time, as lines of a drawing.
type traceView struct {
	W, H               int
	Left, Right, Floor float64
	Points             string
	// Need is the height of the line to hold, and Label what stands at its end.
	Need      float64
	NeedWords string
	Marks     []traceMark
	Hours     []traceMark
	Scale     []traceMark
	Words     string
}

type traceMark struct {
	X, Y  float64
	Words string
	Grave bool
}

// The drawing, in units of its own: wide in the large station, narrow in the others, so that
// its words are as large as those beside it.
const (
	traceH                          = 158
	traceLeft, traceTop, traceFloor = 44.0, 10.0, 124.0
	wide, narrow, traceNeed         = 760, 400, 116
)

// point is a pressure in psi at a moment.
type point struct {
	at  time.Time
	psi float64
}

// points are what gauge or logger showed, in the order of time.
func points(x *app.Standing) []point {
	var out []point
	for _, s := range x.Shows {
		out = append(out, point{s.At, x.Dial(s)})
	}
	if x.Shows != nil {
		return out
	}
	for _, e := range run.Standing(x.Events) {
		if e.Gauged {
			out = append(out, point{e.At, e.PSI})
		}
	}
	return out
}

// viewTrace draws what gauge or logger showed; nil where there are fewer than three readings.
func viewTrace(x *app.Standing, large bool) *traceView {
	if x.Load.PSI == 0 {
		return nil
	}
	list := points(x)
	if len(list) < 3 {
		return nil
	}
	need := float64(x.Load.PSI)
	if x.Load.Hold > 0 {
		need = x.Load.Hold
	}
	top := need * 1.3
	for _, p := range list {
		top = max(top, p.psi*1.05)
	}
	from, to := list[0].at, list[len(list)-1].at
	w := narrow
	if large {
		w = wide
	}
	right := float64(w - traceNeed)
	long := max(to.Sub(from).Seconds(), 60)
	px := func(t time.Time) float64 { return traceLeft + (right-traceLeft)*t.Sub(from).Seconds()/long }
	py := func(psi float64) float64 { return traceFloor - (traceFloor-traceTop)*psi/top }
	v := &traceView{W: w, H: traceH, Left: traceLeft, Right: right, Floor: traceFloor, Need: py(need),
		NeedWords: kit.Decimal(need) + " psi"}
	var b strings.Builder
	every := max(len(list)/400, 1)
	for i, p := range list {
		if i%every == 0 || i == len(list)-1 {
			fmt.Fprintf(&b, "%.1f,%.1f ", px(p.at), py(p.psi))
		}
	}
	v.Points = strings.TrimSpace(b.String())
	named := -apart
	for _, e := range run.Standing(x.Events) {
		words, marked := traceWords[e.Kind]
		if !marked || e.At.Before(from) || e.At.After(to) {
			continue
		}
		m := traceMark{X: px(e.At), Y: traceFloor + 13, Words: words, Grave: e.Kind == run.Lost}
		switch {
		case m.Grave:
			m.Y += 13 // in a row of its own
		case m.X-named < apart:
			m.Words = ""
		default:
			named = m.X
		}
		v.Marks = append(v.Marks, m)
	}
	v.Scale = []traceMark{{Y: py(0), Words: "0"}, {Y: py(float64(int(top/5) * 5)),
		Words: fmt.Sprintf("%d psi", int(top/5)*5)}}
	v.Hours = []traceMark{{X: traceLeft, Words: clock(from)}, {X: right, Words: clock(to)}}
	v.Words = fmt.Sprintf("Pressure from %s to %s; %s to be held.", clock(from), clock(to), kit.Decimal(need)+" psi")
	return v
}

var traceWords = map[run.Kind]string{run.Reached: "begun", run.Lost: "dropped", run.HeatOff: "heat off",
	run.Closed: "closed"}
