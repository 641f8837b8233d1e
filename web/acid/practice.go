package acid

import (
	"fmt"
	"math"
	"math/rand/v2"
	"net/http"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/phlog"
	"damson/core/quantity"
	"damson/web/kit"
)

// practiceView is the bench exercise: a simulated meter with a fault to find.
type practiceView struct {
	Seed    uint64
	Next    uint64
	Buffers []practiceRow
	Samples []practiceRow
	// Low and High are the millivolts that the user calibrates with, as typed;
	// Set is true once they make a calibration.
	Low, High     string
	Set           bool
	Slope, Offset string
	Problem       string
	Problems      []string
	Faults        []kit.Choice
	Guess         string
	Right         bool
	Answer        string
	Sign          string
	True          []string
}

// practiceRow is what the meter shows of one beaker as the seconds go by.
type practiceRow struct {
	Name  string
	Cells []string
}

// practiceSeconds are when the display is read.
var practiceSeconds = []float64{5, 15, 30, 60, 120}

func (s *Pages) showPractice(c *gin.Context) {
	seed, err := strconv.ParseUint(c.Query("n"), 10, 32)
	if err != nil {
		seed = 3
	}
	m, fault := phlog.NewMeter(seed)
	v := practiceView{Seed: seed, Next: rand.Uint64N(1 << 20), Guess: c.Query("fault")}
	cal := phlog.Calibration{Low: 4.01, High: 7, Celsius: 25}
	row := func(name string, show func(seconds float64) string) practiceRow {
		r := practiceRow{Name: name}
		for _, at := range practiceSeconds {
			r.Cells = append(r.Cells, show(at))
		}
		return r
	}
	mv := func(ph, celsius, minutes float64) func(float64) string {
		return func(sec float64) string { return fmt.Sprintf("%.1f mV", m.Millivolts(ph, celsius, sec, minutes)) }
	}
	v.Buffers = []practiceRow{row("buffer 7.00, 25 °C, at once", mv(7, 25, 0)),
		row("buffer 4.01, 25 °C, after 2 min", mv(4.01, 25, 2)), row("buffer 7.00, 25 °C, again after 15 min",
			mv(7, 25, 15))}
	v.Low, v.High = kit.Cut(c.Query("low"), 10), kit.Cut(c.Query("high"), 10)
	if v.Low+v.High != "" {
		low, err1 := quantity.ParseFigure(v.Low)
		high, err2 := quantity.ParseFigure(v.High)
		cal.LowMV, cal.HighMV = low, high
		switch {
		case err1 != nil || err2 != nil || math.Abs(low) > 600 || math.Abs(high) > 600:
			v.Problem = "Type what the meter read in each buffer, in mV, like 174 and 1."
		case math.Abs(low-high) < 20:
			v.Problem = "These two are hardly apart: one is the reading of pH 4.01, the other that of 7.00, both in mV."
		default:
			v.Set = true
			v.Slope, v.Offset = fmt.Sprintf("%.1f %%", cal.Slope()), fmt.Sprintf("%+.0f mV", cal.Offset())
			for _, p := range cal.Check() {
				v.Problems = append(v.Problems, p.What)
			}
		}
	}
	for i, smp := range phlog.Samples(seed) {
		name := fmt.Sprintf("sample %c, %.0f °C", 'A'+i, smp.Celsius)
		v.Samples = append(v.Samples, row(name, func(sec float64) string {
			mv := m.Millivolts(smp.PH, smp.Celsius, sec, 20)
			if !v.Set {
				return fmt.Sprintf("%.1f mV", mv)
			}
			return fmt.Sprintf("%.2f", math.Round(m.Display(cal, mv, smp.Celsius)*100)/100)
		}))
		v.True = append(v.True, fmt.Sprintf("%c: %.2f", 'A'+i, smp.PH))
	}
	for _, f := range phlog.Faults {
		v.Faults = append(v.Faults, kit.Choice{Value: f.ID, Label: f.Name, Chosen: f.ID == v.Guess})
		if f.ID == fault.ID && v.Guess != "" {
			v.Answer, v.Sign, v.Right = f.Name, f.Sign, f.ID == v.Guess
		}
	}
	s.Render(c, http.StatusOK, "practice", kit.Page{Title: "Practice meter", Nav: "/acidity",
		Keys: kit.Keys("Tab", "next", "↵", "answer"), Body: v})
}
