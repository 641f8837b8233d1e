package web

import (
	"fmt"
	"math"
	"math/rand/v2"
	"net/http"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/phlog"
)

// practiceView is the bench exercise: a simulated meter with a fault to find.
type practiceView struct {
	Seed     uint64
	Next     uint64
	Buffers  []practiceRow
	Samples  []practiceRow
	Slope    string
	Offset   string
	Problems []string
	Faults   []choice
	Guess    string
	Right    bool
	Answer   string
	Sign     string
	True     []string
}

// practiceRow is what the meter shows of one beaker as the seconds go by.
type practiceRow struct {
	Name  string
	Cells []string
}

// practiceSeconds are when the display is read.
var practiceSeconds = []float64{5, 15, 30, 60, 120}

func (s *Server) showPractice(c *gin.Context) {
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
	v.Buffers = []practiceRow{row("buffer 7.00, 25 °C, at once", mv(7, 25, 0)), row("buffer 4.01, 25 °C, after 2 min", mv(4.01, 25, 2)), row("buffer 7.00, 25 °C, again after 15 min", mv(7, 25, 15))}
	cal.HighMV, cal.LowMV = m.Millivolts(7, 25, 60, 0), m.Millivolts(4.01, 25, 60, 2)
	v.Slope, v.Offset = fmt.Sprintf("%.1f %%", cal.Slope()), fmt.Sprintf("%+.0f mV", cal.Offset())
	for _, p := range cal.Check() {
		v.Problems = append(v.Problems, p.What)
	}
	for i, smp := range phlog.Samples(seed) {
		name := fmt.Sprintf("sample %c, %.0f °C", 'A'+i, smp.Celsius)
		v.Samples = append(v.Samples, row(name, func(sec float64) string {
			shown := m.Display(cal, m.Millivolts(smp.PH, smp.Celsius, sec, 20), smp.Celsius)
			return fmt.Sprintf("%.2f", math.Round(shown*100)/100)
		}))
		v.True = append(v.True, fmt.Sprintf("%c: %.2f", 'A'+i, smp.PH))
	}
	for _, f := range phlog.Faults {
		v.Faults = append(v.Faults, choice{f.ID, f.Name, f.ID == v.Guess})
		if f.ID == fault.ID && v.Guess != "" {
			v.Answer, v.Sign, v.Right = f.Name, f.Sign, f.ID == v.Guess
		}
	}
	s.render(c, http.StatusOK, "practice", page{Title: "Practice meter", Nav: "/acidity", Keys: []key{{"Tab", "next"}, {"↵", "answer"}}, Body: v})
}
