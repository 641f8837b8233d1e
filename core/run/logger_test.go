package run_test

import (
	"fmt"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
)

func TestReadLogger(t *testing.T) {
	for name, x := range map[string]struct {
		text    string
		minutes []float64
		psi     []float64
		f       []float64
	}{
		"psi by the clock":           {"time,psi\n12:00:00,0\n12:10:30,11.2", []float64{0, 10.5}, []float64{0, 11.2}, []float64{0, 0}},
		"kPa with a day, semicolons": {"Date Time;Pressure (kPa);Temp (°C)\n2026-11-28 12:05:00;68.94757;115.6", []float64{5}, []float64{10}, []float64{240.08}},
		"date and time apart, tabs":  {"logger 4\nDate\tTime\tbar\n11/28/2026\t12:01\t0.6894757", []float64{1}, []float64{10}, []float64{0}},
		"seconds, below nought":      {"Seconds,PSIG,°F\n0,-0.2,70\n90,0.4,203.5", []float64{0, 1.5}, []float64{0, 0.4}, []float64{70, 203.5}},
		"a thermometer alone":        {"elapsed min,temperature_f\n2,199", []float64{2}, []float64{0}, []float64{199}},
		"past midnight":              {"time,psi\n00:30,10", []float64{750}, []float64{10}, []float64{0}},
		"half past three, afternoon": {"time,psi\n11/28/2026 3:30:00 PM,10", []float64{210}, []float64{10}, []float64{0}},
	} {
		t.Run(name, func(t *testing.T) {
			got, err := run.ReadLogger([]byte(x.text), noon)
			require.NoError(t, err)
			require.Len(t, got, len(x.minutes))
			for i, e := range got {
				assert.True(t, e.Logger)
				assert.Equal(t, at(x.minutes[i]), e.At)
				assert.InDelta(t, x.psi[i], e.PSI, 1e-4)
				assert.InDelta(t, x.f[i], e.F, 0.01)
			}
		})
	}
}

func TestLoggersThatAreWrong(t *testing.T) {
	for text, want := range map[string]string{
		"":                           "no columns",
		"a,b\n1,2":                   "no columns",
		"time,psi":                   "no readings",
		"time,psia\n12:00,24":        "absolute pressures",
		"time,psi\n12:00,95":         "line 2: 95 psi is no gauge pressure",
		"time,psi\n12:00,-3":         "line 2: -3 psi",
		"time,psi\n12:00,NaN":        "line 2: NaN psi",
		"time,psi\n12:00,ten":        `line 2: "ten" is no pressure`,
		"time,c\n12:00,240":          "line 2: 240 °C is no temperature of a canner: is it in the other scale?",
		"time,psi\n12:05,1\n12:04,1": "line 3: the time runs backwards, from 12:05:00 to 12:04:00",
		"time,psi\nnoon,1":           `line 2: "noon" is no time`,
		"seconds,psi\n-4,1":          `"-4" is no number of seconds`,
		"time,psi,f\n12:00,,":        "line 2: there is neither",
		"time,psi\n" + strings.Repeat("12:00,1\n", 20_001): "more than 20000 readings",
		strings.Repeat("x", 3<<20):                         "larger than 2 MiB",
	} {
		_, err := run.ReadLogger([]byte(text), noon)
		require.Error(t, err, text[:min(len(text), 40)])
		assert.Contains(t, err.Error(), want)
	}
}

// From a trace and what was told of the vent a run can be judged.
func TestByItsTrace(t *testing.T) {
	trace := func(dip float64) []run.Event {
		var b strings.Builder
		b.WriteString("minutes,psi\n")
		for m := 0.0; m <= 110; m += 0.5 {
			psi := 0.0
			switch {
			case m > 26 && m < 58:
				psi = 13.4
			case m > 20 && m <= 26:
				psi = (m - 20) * 2
			case m >= 58 && m < 95:
				psi = 13.4 * (95 - m) / 37
			}
			if m == 40 {
				psi -= dip
			}
			fmt.Fprintf(&b, "%g,%.2f\n", m, psi)
		}
		list, err := run.ReadLogger([]byte(b.String()), noon)
		require.NoError(t, err)
		told := events(t, "0 heat-on; 10 steaming; 20 closed; 57.6 heat-off; 97 opened-up; 108 lid-off; 109 jars-out 7")
		for i := range list {
			list[i].Number = 100 + i
		}
		return append(told, list...)
	}
	j := run.Judge(carrots, run.Of(carrots, trace(0), at(200)), at(200))
	assert.Equal(t, run.AsTested, j.Verdict, j.Why)
	j = run.Judge(carrots, run.Of(carrots, trace(0.6), at(200)), at(200))
	assert.Equal(t, run.NotAsTested, j.Verdict)
	assert.Contains(t, j.Why, "17 minutes of 30")
}

func FuzzReadLogger(f *testing.F) {
	f.Add([]byte("time,psi\n12:00,11\n"), int64(0))
	f.Add([]byte("Seconds;kPa;°C\n0;1;20\n"), int64(5))
	f.Fuzz(func(t *testing.T, data []byte, sec int64) {
		list, err := run.ReadLogger(data, time.Unix(sec%1e9, 0).UTC())
		if err != nil {
			return
		}
		for i, e := range list {
			if e.PSI < 0 || e.PSI > 25 || e.F > 300 || i > 0 && e.At.Before(list[i-1].At) {
				t.Fatalf("%+v", e)
			}
		}
	})
}
