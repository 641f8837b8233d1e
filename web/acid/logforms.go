package acid

import (
	"net/http"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/phlog"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// logForms are the forms of the log as they stand: fresh, but for one that was not taken, which has all that was
// typed and what is wrong with it.
type logForms struct {
	Meter       meterForm
	Calibration calibrationForm
	Reading     readingForm

	MeterProblem, CalibrationProblem, ReadingProblem, FileProblem string

	CSV string
}

type meterForm struct {
	Name        string `form:"name"`
	Due         string `form:"due"`
	Compensates bool   `form:"compensates"`
}

type calibrationForm struct {
	Meter      string `form:"meter"`
	Day        string `form:"day"`
	Low        string `form:"low"`
	LowMV      string `form:"lowmv"`
	LowLot     string `form:"lowlot"`
	LowExpiry  string `form:"lowexpiry"`
	High       string `form:"high"`
	HighMV     string `form:"highmv"`
	HighLot    string `form:"highlot"`
	HighExpiry string `form:"highexpiry"`
	Celsius    string `form:"celsius"`
	By         string `form:"by"`
}

type readingForm struct {
	Meter   string `form:"meter"`
	Day     string `form:"day"`
	Sample  string `form:"sample"`
	Recipe  string `form:"recipe"`
	How     string `form:"how"`
	Hours   string `form:"hours"`
	Celsius string `form:"celsius"`
	Values  string `form:"values"`
	By      string `form:"by"`
}

// freshForms are the forms with what most people type: room temperature, today, the usual buffers.
func (s *Pages) freshForms() logForms {
	const room = "25"
	return logForms{Meter: meterForm{Compensates: true}, Reading: readingForm{Day: s.Today(), Celsius: room},
		Calibration: calibrationForm{Day: s.Today(), Celsius: room, Low: "4.01", High: "7.00"}}
}

// refuse answers with a form that is not taken.
func (s *Pages) refuse(c *gin.Context, f logForms) error {
	return s.renderLog(c, http.StatusUnprocessableEntity, f, "")
}

func (s *Pages) addMeter(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := s.freshForms()
	kit.Typed(c, &f.Meter)
	switch _, ok := s.DayTyped(f.Meter.Due); {
	case f.Meter.Name == "":
		f.MeterProblem = "What is the meter called? Any name will do."
	case !ok:
		f.MeterProblem = "The day is written like 2027-01-31, or left empty."
	}
	if f.MeterProblem != "" {
		return s.refuse(c, f)
	}
	return s.logged(c, "/acidity/log?done=meter", func(tx *store.Store) error {
		return tx.AddMeter(c.Request.Context(), &store.Meter{Name: f.Meter.Name, DueOn: f.Meter.Due,
			Compensates: f.Meter.Compensates})
	})
}

// logged stores what a form of the log adds, once, and opens the place.
func (s *Pages) logged(c *gin.Context, place string, add func(*store.Store) error) error {
	ctx := c.Request.Context()
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) { return place, add(tx) })
	if err != nil {
		return err
	}
	s.LogChanged()
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

const whichMeter = "Which meter? Add one first where the list is empty."

// meterTyped finds the meter that a form names; nil where there is none.
func (s *Pages) meterTyped(c *gin.Context, text string) (*store.Meter, error) {
	list, err := s.Store.Meters(c.Request.Context())
	for i := range list {
		if strconv.FormatInt(list[i].ID, 10) == text {
			return &list[i], nil
		}
	}
	return nil, err
}

func (s *Pages) addCalibration(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := s.freshForms()
	kit.Typed(c, &f.Calibration)
	m, err := s.meterTyped(c, f.Calibration.Meter)
	if err != nil {
		return err
	}
	x, problem := s.calibrationTyped(&f.Calibration, m)
	if problem != "" {
		f.CalibrationProblem = problem
		return s.refuse(c, f)
	}
	return s.logged(c, "/acidity/log?done=calibration",
		func(tx *store.Store) error { return tx.AddCalibration(c.Request.Context(), &x) })
}

// calibrationTyped is the calibration of a form, or what is wrong with it.
func (s *Pages) calibrationTyped(f *calibrationForm, m *store.Meter) (x store.Calibration, problem string) {
	if m == nil {
		return x, whichMeter
	}
	x = store.Calibration{MeterID: m.ID, LowLot: f.LowLot, HighLot: f.HighLot, LowExpiry: f.LowExpiry,
		HighExpiry: f.HighExpiry, DoneBy: f.By}
	var ok bool
	if x.OnDay, ok = s.DayTyped(f.Day); !ok {
		return x, "The day is written like 2026-11-25."
	}
	for _, e := range []string{x.LowExpiry, x.HighExpiry} {
		if _, ok := s.DayTyped(e); !ok {
			return x, "A buffer's date is written like 2027-01-31, or left empty."
		}
	}
	for _, n := range []struct {
		typed string
		into  *float64
	}{{f.Low, &x.Low}, {f.High, &x.High}, {f.LowMV, &x.LowMV}, {f.HighMV, &x.HighMV}, {f.Celsius, &x.Celsius}} {
		v, err := quantity.ParseFigure(n.typed)
		if err != nil {
			return x, "“" + n.typed + "” is no number; buffers in pH, readings in mV, temperature in °C."
		}
		*n.into = v
	}
	for _, p := range app.CalibrationOf(x).Check() {
		if p.Refused {
			return x, p.What
		}
	}
	return x, ""
}

func (s *Pages) addReading(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := s.freshForms()
	kit.Typed(c, &f.Reading)
	m, err := s.meterTyped(c, f.Reading.Meter)
	if err != nil {
		return err
	}
	r, problem := s.readingTyped(&f.Reading, m)
	if problem != "" {
		f.ReadingProblem = problem
		return s.refuse(c, f)
	}
	return s.logged(c, "/acidity/log?done=reading", func(tx *store.Store) error {
		return tx.AddReadings(c.Request.Context(), []*store.Reading{&r})
	})
}

// readingTyped is the reading of a form, or what is wrong with it.
func (s *Pages) readingTyped(f *readingForm, m *store.Meter) (r store.Reading, problem string) {
	if m == nil {
		return r, whichMeter
	}
	r = store.Reading{MeterID: m.ID, Compensated: m.Compensates, Sample: f.Sample, How: f.How, Typed: f.Values,
		DoneBy: f.By}
	r.RecipeID, _ = strconv.ParseInt(f.Recipe, 10, 64)
	var ok bool
	if r.OnDay, ok = s.DayTyped(f.Day); !ok {
		return r, "The day is written like 2026-11-25."
	}
	var err error
	if r.Celsius, err = quantity.ParseFigure(f.Celsius); err != nil {
		return r, "How warm was the sample, in °C?"
	}
	if f.Hours != "" {
		if r.Hours, err = quantity.ParseFigure(f.Hours); err != nil || r.Hours < 0 || r.Hours > 20000 {
			return r, "How many hours after the jars were closed? A number, or nothing."
		}
	}
	if r.Sample == "" {
		return r, "What was measured? Name the sample: “dilly beans, jars 3, 5 and 9”."
	}
	if _, err := phlog.Values(r.Typed); err != nil || r.Typed == "" {
		return r, "Type the pH of each jar, like 3.82 3.85 3.90."
	}
	return r, ""
}

// importReadings takes a CSV file in, as text: Damson's own or another meter's.
func (s *Pages) importReadings(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := s.freshForms()
	f.CSV = c.Request.PostForm.Get("csv")
	rows, err := phlog.ReadCSV(strings.NewReader(f.CSV))
	if err != nil {
		f.FileProblem = words.Capital(err.Error()) + "."
		return s.refuse(c, f)
	}
	ctx := c.Request.Context()
	b, err := s.titledBook(ctx)
	if err != nil {
		return err
	}
	var list []*store.Reading
	for _, row := range rows {
		day, dated := s.dayOf(row.Date)
		r := &store.Reading{OnDay: day, Sample: row.Sample, How: row.How, Hours: row.Hours, Celsius: row.Celsius,
			Compensated: row.Corrects, Typed: row.Typed, Note: row.Problem}
		if !dated {
			r.Note = strings.TrimPrefix(r.Note+"; no day in the file that can be read, today taken", "; ")
		}
		if !row.HasTemperature {
			r.Note = strings.TrimPrefix(r.Note+"; no temperature in the file, 25 °C taken", "; ")
		}
		if r.Sample == "" {
			r.Sample = "line " + strconv.Itoa(row.Line) + " of the file"
		}
		if r.How == "" {
			r.How = phlog.Whole
		}
		for _, m := range b.Meters {
			if strings.EqualFold(m.Name, row.Meter) {
				r.MeterID = m.ID
			}
		}
		for id, title := range b.Titles { // of two with one title the newer
			if row.Recipe != "" && strings.EqualFold(title, row.Recipe) {
				r.RecipeID = max(r.RecipeID, id)
			}
		}
		r.Sample, r.How, r.Typed, r.Note = kit.Cut(r.Sample, 120), kit.Cut(r.How, 60), kit.Cut(r.Typed,
			120), kit.Cut(r.Note, 200)
		list = append(list, r)
	}
	return s.logged(c, "/acidity/log?read="+strconv.Itoa(len(list)), func(tx *store.Store) error {
		if len(list) == 0 {
			return nil
		}
		return tx.AddReadings(ctx, list)
	})
}

// dayOf finds the day in what a meter wrote; today, and false, where there is none.
func (s *Pages) dayOf(text string) (string, bool) {
	for _, layout := range []string{kit.DayLayout, "2006-01-02 15:04", "2006-01-02 15:04:05", time.RFC3339,
		"2006-01-02T15:04:05", "01/02/2006", "01/02/2006 15:04", "02.01.2006", "02.01.2006 15:04"} {
		if t, err := time.Parse(layout, strings.TrimSpace(text)); err == nil {
			return t.Format(kit.DayLayout), true
		}
	}
	return s.Today(), false
}
