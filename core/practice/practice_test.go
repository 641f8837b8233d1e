package practice

import (
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
)

var noon = time.Date(2026, 11, 28, 12, 0, 0, 0, time.UTC)

func at(m float64) time.Time { return noon.Add(time.Duration(m * float64(time.Minute))) }

var quarts = run.Load{Method: "pressure", Minutes: 30, PSI: 11, Gauge: "dial", Hold: 11, Vent: 10, Class: "low-acid", Jars: 7}

// first is when the samples first show something, in minutes after noon.
func first(t *testing.T, list []Sample, from float64, is func(Sample) bool) float64 {
	t.Helper()
	for _, s := range list {
		if !s.At.Before(at(from)) && is(s) {
			return s.At.Sub(noon).Minutes()
		}
	}
	t.Fatal("it never did")
	return 0
}

// A run by the book: what the guide says of venting, rising and falling comes out of the model
// in its right size (quarts fall to zero in about half an hour in a thin-walled canner: USDA
// Complete Guide 2015, guide 1, from memory).
func TestByTheBook(t *testing.T) {
	told := []run.Event{{Number: 1, At: noon, Kind: run.HeatOn}}
	steam := first(t, Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(60)), 0, func(s Sample) bool { return s.Steams })
	assert.InDelta(t, 12, steam, 8)
	told = append(told, run.Event{Number: 2, At: at(steam), Kind: run.Steaming}, run.Event{Number: 3, At: at(steam + 10), Kind: run.Closed})
	up := first(t, Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(90)), steam+10, func(s Sample) bool { return s.PSI >= 11 })
	assert.InDelta(t, 6, up-steam-10, 5)
	told = append(told, run.Event{Number: 4, At: at(up), Kind: run.Reached}, run.Event{Number: 5, At: at(up + 30), Kind: run.HeatOff})
	list := Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(up+120))
	for _, s := range list {
		if s.At.After(at(up)) && s.At.Before(at(up+30)) {
			assert.InDelta(t, 11.3, s.PSI, 0.35, s.At.Format("15:04"))
			assert.InDelta(t, 242, s.F, 1.5, "vented: the steam is as hot as its pressure says")
		}
	}
	down := first(t, list, up+31, func(s Sample) bool { return s.PSI < 0.1 })
	assert.InDelta(t, 33, down-up-30, 12)
	again := Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(up+120))
	require.Equal(t, list, again, "the same events, the same samples")
}

// Not vented, the same pressure is colder: air is in it.
func TestTrappedAir(t *testing.T) {
	told := []run.Event{{Number: 1, At: noon, Kind: run.HeatOn}, {Number: 2, At: at(0.5), Kind: run.Closed}}
	list := Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(60))
	m := first(t, list, 0, func(s Sample) bool { return s.PSI >= 11 })
	for _, s := range list {
		if s.At.Equal(at(m)) {
			assert.Less(t, s.F, 236.0)
		}
	}
}

func TestFaults(t *testing.T) {
	told := []run.Event{{Number: 1, At: noon, Kind: run.HeatOn}, {Number: 2, At: at(18), Kind: run.Steaming}, {Number: 3, At: at(28), Kind: run.Closed}}
	low := func(id string) float64 {
		least := 99.0
		for _, s := range (Place{quarts, 0, true, FaultBy(id)}).Follow(told, noon, at(100)) {
			if s.At.After(at(50)) {
				least = min(least, s.PSI)
			}
		}
		return least
	}
	assert.Greater(t, low(""), 10.9)
	assert.Less(t, low("low-flame"), 10.5)
	assert.Less(t, low("power-cut"), 10.0)
	assert.Less(t, low("leak"), 10.9)
	assert.Less(t, low("dry"), 9.0)
	assert.Greater(t, low("dial-high"), 9.0)
	assert.Less(t, low("dial-high"), 10.3)
	assert.Equal(t, Faults[0], FaultBy("no such"))
	assert.Equal(t, 1, len(Place{quarts, 0, true, Faults[0]}.Follow(nil, noon, noon)))
}

// at60 is what the canner shows an hour after it was put on.
func at60(id string, told []run.Event) Sample {
	list := (Place{quarts, 0, true, FaultBy(id)}).Follow(told, noon, at(60))
	return list[len(list)-1]
}

// The signs by which each fault is found are there.
func TestSigns(t *testing.T) {
	told := []run.Event{{Number: 1, At: noon, Kind: run.HeatOn}, {Number: 2, At: at(18), Kind: run.Steaming}, {Number: 3, At: at(28), Kind: run.Closed}}
	sound := at60("", told)
	assert.InDelta(t, sound.PSI, sound.Shown, 1e-9)

	// A dial that shows too much stands where it should; the pot is colder, by some 2.1 °F a psi: 239.4 °F at
	// 10 psi, 249.8 °F at 15 (steam tables, from memory).
	high := at60("dial-high", told)
	assert.InDelta(t, 11.3, high.Shown, 0.4)
	assert.InDelta(t, 1.5, high.Shown-high.PSI, 1e-9)
	assert.InDelta(t, 2.1*(sound.PSI-high.PSI), sound.F-high.F, 0.7)
	weighted := quarts
	weighted.Gauge, weighted.Hold = "weighted", 0
	list := (Place{weighted, 0, true, FaultBy("dial-high")}).Follow(told, noon, at(60))
	assert.InDelta(t, 11.3, list[len(list)-1].PSI, 0.4, "a weight lets go by the pressure itself")

	// The weight too early: the gauge climbs before anybody said that it is on; air makes it colder.
	early := Place{quarts, 0, true, FaultBy("weight-early")}
	climbs := first(t, early.Follow(told[:2], noon, at(28)), 0, func(s Sample) bool { return s.Shown > 3 })
	assert.Less(t, climbs, 28.0)
	for _, s := range early.Follow(told, noon, at(60)) {
		if s.PSI >= 10.9 {
			assert.Less(t, s.F, 238.5, "10.9 psi of steam alone are 241.4 °F")
			break
		}
	}
	again := append([]run.Event{}, told[:2]...)
	again = append(again, run.Event{Number: 3, At: at(climbs), Kind: run.WeightOff}, run.Event{Number: 4, At: at(climbs + 12), Kind: run.Closed})
	list = early.Follow(again, noon, at(70))
	assert.InDelta(t, sound.F, list[len(list)-1].F, 1.5, "off again, ten minutes of steam: it is as hot as it should be")

	// Dry: hotter than its steam, and the pressure gone.
	dry := at60("dry", told)
	assert.True(t, dry.Dry)
	assert.False(t, dry.Steams)

	// Impatient hands: at nought within minutes, where it takes half an hour by itself.
	told = append(told, run.Event{Number: 4, At: at(40), Kind: run.Reached}, run.Event{Number: 5, At: at(70), Kind: run.HeatOff})
	down := func(id string) float64 {
		return first(t, (Place{quarts, 0, true, FaultBy(id)}).Follow(told, noon, at(140)), 71, func(s Sample) bool { return s.PSI < 0.2 })
	}
	assert.Less(t, down("impatient"), 76.0)
	assert.Greater(t, down(""), 90.0)
}

// One is drawn by lot, and each can be that the load can have.
func TestDrawn(t *testing.T) {
	weighted, bath := quarts, run.Load{Method: "water-bath", Minutes: 10, Jars: 7}
	weighted.Gauge, weighted.Hold = "weighted", 0
	for _, c := range []struct {
		load run.Load
		n    int
	}{{quarts, len(Faults) - 1}, {weighted, len(Faults) - 2}, {bath, 2}} {
		seen := map[string]bool{}
		for range 400 {
			f := Choose(Drawn, &c.load)
			seen[f.ID] = true
			assert.NotEmpty(t, f.Sign)
			assert.Equal(t, f.ID, Choose(f.ID, &c.load).ID)
		}
		assert.Len(t, seen, c.n, c.load.Method)
	}
	assert.Empty(t, Choose("leak", &bath).ID, "a bath has no gasket")
	cut := FaultBy("power-cut")
	assert.False(t, cut.Came(600), "the jars were out before")
	assert.True(t, cut.Came(4000))
}

// A bath comes to the boil of its elevation, and stays there.
func TestBath(t *testing.T) {
	l := run.Load{Method: "water-bath", Minutes: 10, Jars: 7}
	list := Place{l, 5240, true, Faults[0]}.Follow([]run.Event{{Number: 1, At: noon, Kind: run.HeatOn}}, noon, at(60))
	m := first(t, list, 0, func(s Sample) bool { return s.Steams })
	assert.InDelta(t, 20, m, 15)
	assert.InDelta(t, 202.4, list[len(list)-1].F, 0.5)
	assert.Zero(t, list[len(list)-1].PSI)
}

func BenchmarkFollow(b *testing.B) {
	told := []run.Event{{Number: 1, At: noon, Kind: run.HeatOn}, {Number: 2, At: at(28), Kind: run.Closed}}
	for b.Loop() {
		Place{quarts, 0, true, Faults[0]}.Follow(told, noon, at(120))
	}
}
