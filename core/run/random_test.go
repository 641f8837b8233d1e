package run_test

import (
	"math/rand/v2"
	"slices"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/run"
)

// plain is a second, slower reading of the rules: what must be true of any run that is as
// tested, found by trying every moment at which the time might have begun.
type plain struct {
	l    run.Load
	list []run.Event
}

func (p plain) asTested() bool {
	for i, e := range p.list {
		if p.begins(e) && p.aired(i) && p.held(i) {
			return true
		}
	}
	return false
}

func (p plain) low(e run.Event) bool {
	switch {
	case p.l.Method != "pressure":
		return e.F != 0 && e.F < p.l.BoilF-2
	case !e.Gauged:
		return false
	case e.Logger && p.l.Gauge == "weighted":
		return e.PSI < float64(p.l.PSI)-0.5
	case e.Logger:
		return e.PSI < float64(p.l.PSI)
	}
	return p.l.Gauge == "dial" && e.PSI < p.l.Hold
}

func (p plain) begins(e run.Event) bool {
	return (e.Kind == run.Reached || e.Kind == run.Reading && e.Gauged && p.l.Gauge == "dial") && !p.low(e)
}

// heat reports whether the heat is on behind event i.
func (p plain) heat(i int) bool {
	on := false
	for _, e := range p.list[:i+1] {
		on = e.Kind == run.HeatOn || on && e.Kind != run.HeatOff
	}
	return on
}

// aired reports whether steam flowed for as long as it must before event i, and nothing let air in since.
func (p plain) aired(i int) bool {
	if !p.heat(i) {
		return false
	}
	if p.l.Method != "pressure" {
		return true
	}
	k := i
	for ; k >= 0 && p.list[k].Kind != run.Closed; k-- {
		if slices.Contains([]run.Kind{run.WeightOff, run.LidOff, run.JarsOut}, p.list[k].Kind) {
			return false
		}
	}
	// Closed several times says it once.
	for j := k - 1; j >= 0; j-- {
		switch p.list[j].Kind {
		case run.Closed:
			k = j
			continue
		case run.WeightOff, run.LidOff:
			j = -1 // it was open until then
		}
	}
	for j := k - 1; j >= 0; j-- {
		if e := p.list[j]; e.Kind == run.Steaming && p.list[k].At.Sub(e.At) >= time.Duration(p.l.Vent)*time.Minute {
			return !slices.ContainsFunc(p.list[j:k], func(e run.Event) bool {
				return slices.Contains([]run.Kind{run.Faltered, run.HeatOff, run.LidOff, run.JarsOut}, e.Kind)
			})
		}
	}
	return false
}

// held reports whether from event i on the whole time went by, seen by somebody, and all ended well.
func (p plain) held(i int) bool {
	from := p.list[i].At
	end := from.Add(time.Duration(p.l.Minutes) * time.Minute)
	last := from
	for k := i; k < len(p.list) && last.Before(end); k++ {
		e := p.list[k]
		if e.At.Sub(last) > run.Unseen {
			if !slices.ContainsFunc(p.list, func(s run.Event) bool {
				return s.Kind == run.Stood && !s.At.After(last) && (!s.Until.Before(e.At) || !s.Until.Before(end))
			}) {
				return false
			}
		}
		last = e.At
		if !e.At.Before(end) {
			// a logger's low sample says nothing of when it fell
			return p.ended(end)
		}
		if k == i {
			continue
		}
		breaks := []run.Kind{run.Lost, run.HeatOff}
		if p.l.Method == "pressure" {
			breaks = append(breaks, run.Zero, run.Forced, run.WeightOff, run.LidOff)
		}
		if p.l.Method == "steam" {
			breaks = append(breaks, run.LidOff)
		}
		if slices.Contains(append(breaks, run.JarsOut), e.Kind) || p.low(e) && e.Kind == run.Reading {
			return false
		}
	}
	return last.Equal(end) && p.ended(end)
}

func (p plain) ended(end time.Time) bool {
	out, zero := false, p.l.Method != "pressure"
	heat := true
	var off time.Time
	for _, e := range p.list {
		if e.At.Before(end) {
			continue
		}
		switch e.Kind {
		case run.HeatOff:
			if heat {
				off = e.At
			}
			heat = false
		case run.Zero:
			if !zero && !heat && e.At.Sub(off) < 8*time.Minute {
				return false
			}
			zero = zero || !heat
		case run.Reading:
			zero = zero || !heat && e.Logger && e.Gauged && e.PSI <= 0.2
		case run.Forced, run.WeightOff, run.LidOff:
			if !zero {
				return false
			}
		case run.JarsOut:
			return zero
		}
	}
	return out
}

var loads = []run.Load{carrots, dilly,
	{Method: "pressure", Minutes: 20, PSI: 15, Gauge: "weighted", Vent: 10, Class: "low-acid", Jars: 7},
	{Method: "steam", Minutes: 15, BoilF: 202.4, Jars: 7}}

// script is a run as it should be, with the minutes between its steps.
var script = []struct {
	kind  run.Kind
	after int
}{{run.HeatOn, 1}, {run.Steaming, 8}, {run.Closed, 10}, {run.Reached, 6}, {run.Reading, 8}, {run.Reading, 8}, {run.Reading, 8}, {run.HeatOff, 8}, {run.Zero, 30}, {run.WeightOff, 1}, {run.LidOff, 10}, {run.JarsOut, 3}}

// drawn is a run that went its own way: steps left out, put in, at other times.
func drawn(r *rand.Rand, l run.Load) []run.Event {
	var out []run.Event
	now := 0.0
	wild := r.IntN(4)
	add := func(k run.Kind) {
		e := run.Event{Number: len(out) + 1, At: at(now), Kind: k}
		switch {
		case k == run.Undo:
			e.Of = 1 + r.IntN(e.Number)
		case k == run.Stood:
			e.Until = at(now + float64(r.IntN(40)))
		case k == run.JarsOut:
			e.Jars = l.Jars
		case k == run.Reading || k == run.Reached && r.IntN(2) == 0:
			if e.Logger = r.IntN(2) == 0; l.Method != "pressure" {
				e.F = l.BoilF + 3 - 6*r.Float64()*float64(wild/2)
			} else {
				e.PSI, e.Gauged = l.Hold+float64(l.PSI)/15+3*(0.1-r.Float64()*float64(wild/3)), true
			}
		}
		if r.IntN(30) == 0 {
			e.At, e.Later = at(now-float64(r.IntN(30))), true
		}
		out = append(out, e)
	}
	for _, s := range script {
		for wild > 0 && r.IntN(12) == 0 {
			now += float64(r.IntN(8))
			add(run.Kinds[r.IntN(len(run.Kinds))])
		}
		now += float64(s.after)
		if wild > 1 {
			now += float64(r.IntN(9) - 4)
		}
		if r.IntN(25) == 0 && wild > 0 {
			continue
		}
		add(s.kind)
	}
	return out
}

// Of so many runs none is as tested that had less than the tested minutes, unbroken, at or
// above the tested pressure, after the vent, and fell by itself.
func TestNeverAsTestedByMistake(t *testing.T) {
	n := draws
	r := rand.New(rand.NewPCG(1, 2))
	good, fine := 0, 0
	for range n {
		l := loads[r.IntN(len(loads))]
		list := drawn(r, l)
		now := at(400)
		j := run.Judge(l, run.Of(l, list, now), now)
		standing := slices.DeleteFunc(slices.Clone(list), func(e run.Event) bool { return e.Kind == run.Undo || run.Undone(list)[e.Number] })
		slices.SortStableFunc(standing, func(a, b run.Event) int { return a.At.Compare(b.At) })
		want := plain{l, standing}.asTested()
		if want {
			fine++
		}
		if j.Verdict != run.AsTested {
			continue
		}
		good++
		require.True(t, want, "%+v\n%s\n%v", l, j.Why, standing)
	}
	require.Greater(t, good, n/10, "too few runs that are right to say anything")
	require.Greater(t, float64(good), 0.9*float64(fine), "of the runs that hold a good one, those told so: %d of %d", good, fine)
}

func BenchmarkJudge(b *testing.B) {
	list := events(b, toPressure+"57 heat-off"+theEnd)
	for i := range 10_000 {
		list = append(list, run.Event{Number: 100 + i, At: at(26 + float64(i)/10_000*30), Kind: run.Reading, PSI: 13.7, Gauged: true, Logger: true})
	}
	for b.Loop() {
		run.Judge(carrots, run.Of(carrots, list, at(120)), at(120))
	}
}
