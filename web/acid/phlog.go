package acid

import (
	"context"
	"errors"
	"fmt"
	"net/http"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/cells"
	"damson/core/phlog"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// logView is the pH log: meters, calibrations, readings.
type logView struct {
	Meters       []meterView
	Readings     []readingView
	Calibrations []calibrationView
	Recipes      []kit.Choice
	MeterChoices []kit.Choice
	Hows         []kit.Choice
	Today        string
	// Form is what was typed where something is wrong with it; Problems by form.
	Form     map[string]string
	Problems map[string]string
	Done     string
	Never    string
}

type meterView struct {
	ID               int64
	Name, State, Due string
	Good             bool
}

type calibrationView struct {
	ID                                                  int64
	Day, Meter, Slope, Offset, Buffers, Temperature, By string
	Marks                                               []string
	Refused                                             bool
}

type readingView struct {
	ID                                                        int64
	Day, Sample, Meter, How, Temperature, Typed, Spread, Says string
	Highest, Severity, Label, Recipe, By                      string
	RecipeID                                                  int64
	Marks                                                     []string
}

func (s *Pages) showLog(c *gin.Context) error {
	done := map[string]string{"meter": "The meter is in the log.", "calibration": "The calibration is in the log.",
		"reading": "The reading is in the log.", "deleted": "The reading is gone."}[c.Query("done")]
	if n, err := strconv.Atoi(c.Query("read")); err == nil {
		done = words.Thousands(n) + " readings were read from the file."
	}
	return s.renderLog(c, http.StatusOK, nil, nil, done)
}

// renderLog writes the page; form and problems are those of a form that was not
// taken, so that nothing typed is lost.
func (s *Pages) renderLog(c *gin.Context, status int, form, problems map[string]string, done string) error {
	ctx := c.Request.Context()
	b, err := s.book(ctx, 0)
	if err != nil {
		return err
	}
	v := logView{Form: form, Problems: problems, Done: done, Today: s.Today(), Never: phlog.Never}
	if v.Form == nil {
		v.Form = map[string]string{}
	}
	for _, m := range b.Meters {
		mv := meterView{ID: m.ID, Name: m.Name, State: "not calibrated today"}
		if cal, ok := b.On(m.ID, v.Today); ok {
			mv.Good, mv.State = true, fmt.Sprintf("calibrated today, slope %.0f %%", cal.Slope())
		}
		if m.DueOn != "" {
			mv.Due = "check due " + m.DueOn
			if m.DueOn < v.Today {
				mv.Due = "check overdue since " + m.DueOn
			}
		}
		v.Meters = append(v.Meters, mv)
		v.MeterChoices = append(v.MeterChoices, kit.Choice{Value: strconv.FormatInt(m.ID, 10), Label: m.Name,
			Chosen: v.Form["meter"] == strconv.FormatInt(m.ID, 10)})
	}
	for _, x := range b.Calibrations[:min(len(b.Calibrations), 8)] {
		v.Calibrations = append(v.Calibrations, b.viewCalibration(x))
	}
	for _, r := range b.Readings {
		v.Readings = append(v.Readings, b.viewReading(r))
	}
	v.Recipes = append(v.Recipes, kit.Choice{Value: "0", Label: "no recipe", Chosen: false})
	for _, r := range b.Recipes {
		id := strconv.FormatInt(r.ID, 10)
		v.Recipes = append(v.Recipes, kit.Choice{Value: id, Label: r.Title, Chosen: v.Form["recipe"] == id ||
			v.Form["recipe"] == "" && c.Query("recipe") == id})
	}
	for _, h := range []string{phlog.Blended, phlog.Brine, phlog.Whole} {
		v.Hows = append(v.Hows, kit.Choice{Value: h, Label: h, Chosen: v.Form["how"] == h})
	}
	s.Render(c, status, "phlog", kit.Page{Title: "pH log", Nav: "/acidity",
		Keys: kit.Keys("Tab", "next field", "Ctrl ↵", "store"), Body: v})
	return nil
}

// logBook is the log with its words.
type logBook struct{ *app.LogBook }

func (s *Pages) book(ctx context.Context, recipe int64) (logBook, error) {
	b, err := s.Log.Book(ctx, recipe)
	return logBook{b}, err
}

func (b logBook) meter(id int64) string {
	for _, m := range b.Meters {
		if m.ID == id {
			return m.Name
		}
	}
	if id != 0 {
		return "a meter since deleted"
	}
	return "not said"
}

func (b logBook) viewCalibration(x store.Calibration) calibrationView {
	c := app.CalibrationOf(x)
	v := calibrationView{ID: x.ID, Day: x.OnDay, Meter: b.meter(x.MeterID), Slope: fmt.Sprintf("%.1f %%", c.Slope()),
		Offset: fmt.Sprintf("%+.0f mV", c.Offset()), By: x.DoneBy,
		Temperature: kit.Decimal(c.Celsius) + " °C", Buffers: fmt.Sprintf("%.2f: %.0f mV · %.2f: %.0f mV", c.Low,
			c.LowMV, c.High, c.HighMV)}
	problems := c.Check()
	for _, p := range problems {
		v.Marks = append(v.Marks, p.What)
	}
	v.Refused = phlog.Refused(problems)
	return v
}

func (b logBook) viewReading(r store.Reading) readingView {
	j := b.Judge(r)
	v := readingView{ID: r.ID, Day: r.OnDay, Sample: r.Sample, Meter: b.meter(r.MeterID), How: r.How,
		Temperature: kit.Decimal(r.Celsius) + " °C", Typed: r.Typed, By: r.DoneBy, Says: j.Says, Severity: j.Severity,
		Label: j.Label, Marks: j.Marks, RecipeID: r.RecipeID, Highest: j.Highest, Spread: j.Spread}
	if r.Hours > 0 {
		v.How += ", after " + kit.Decimal(r.Hours) + " h"
	}
	v.Recipe = b.Titles[r.RecipeID]
	return v
}

// refuse answers a form that is not taken, with all that was typed.
func (s *Pages) refuse(c *gin.Context, form map[string]string, where, what string) error {
	return s.renderLog(c, http.StatusUnprocessableEntity, form, map[string]string{where: what}, "")
}

func (s *Pages) addMeter(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := kit.Typed(c, "name", "due", "compensates")
	if f["name"] == "" {
		return s.refuse(c, f, "meter", "What is the meter called? Any name will do.")
	}
	if _, ok := s.DayTyped(f["due"]); !ok {
		return s.refuse(c, f, "meter", "The day is written like 2027-01-31, or left empty.")
	}
	return s.logged(c, "/acidity/log?done=meter", func(tx *store.Store) error {
		return tx.AddMeter(c.Request.Context(), &store.Meter{Name: f["name"], DueOn: f["due"],
			Compensates: f["compensates"] != ""})
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

// meterTyped finds the meter that a form names.
func (s *Pages) meterTyped(c *gin.Context, text string) (store.Meter, bool, error) {
	list, err := s.Store.Meters(c.Request.Context())
	for _, m := range list {
		if strconv.FormatInt(m.ID, 10) == text {
			return m, true, nil
		}
	}
	return store.Meter{}, false, err
}

func (s *Pages) addCalibration(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := kit.Typed(c, "meter", "day", "low", "high", "lowmv", "highmv", "celsius", "lowlot", "highlot", "lowexpiry",
		"highexpiry", "by")
	m, ok, err := s.meterTyped(c, f["meter"])
	if err != nil {
		return err
	}
	if !ok {
		return s.refuse(c, f, "calibration", "Which meter? Add one first where the list is empty.")
	}
	x := store.Calibration{MeterID: m.ID, LowLot: f["lowlot"], HighLot: f["highlot"], LowExpiry: f["lowexpiry"],
		HighExpiry: f["highexpiry"], DoneBy: f["by"]}
	if x.OnDay, ok = s.DayTyped(f["day"]); !ok {
		return s.refuse(c, f, "calibration", "The day is written like 2026-11-25.")
	}
	for _, e := range []string{x.LowExpiry, x.HighExpiry} {
		if _, ok := s.DayTyped(e); !ok {
			return s.refuse(c, f, "calibration", "A buffer's date is written like 2027-01-31, or left empty.")
		}
	}
	for _, n := range []struct {
		name string
		into *float64
	}{{"low", &x.Low}, {"high", &x.High}, {"lowmv", &x.LowMV}, {"highmv", &x.HighMV}, {"celsius", &x.Celsius}} {
		v, err := quantity.ParseFigure(f[n.name])
		if err != nil {
			return s.refuse(c, f, "calibration", "“"+f[n.name]+"” is no number; buffers in pH, readings in mV, temperature "+
				"in °C.")
		}
		*n.into = v
	}
	if list := app.CalibrationOf(x).Check(); phlog.Refused(list) {
		for _, p := range list {
			if p.Refused {
				return s.refuse(c, f, "calibration", p.What)
			}
		}
	}
	return s.logged(c, "/acidity/log?done=calibration",
		func(tx *store.Store) error { return tx.AddCalibration(c.Request.Context(), &x) })
}

func (s *Pages) addReading(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	f := kit.Typed(c, "meter", "day", "sample", "recipe", "how", "hours", "celsius", "values", "by")
	m, ok, err := s.meterTyped(c, f["meter"])
	if err != nil {
		return err
	}
	if !ok {
		return s.refuse(c, f, "reading", "Which meter? Add one first where the list is empty.")
	}
	r := store.Reading{MeterID: m.ID, Compensated: m.Compensates, Sample: f["sample"], How: f["how"],
		Typed: f["values"], DoneBy: f["by"]}
	r.RecipeID, _ = strconv.ParseInt(f["recipe"], 10, 64)
	if r.OnDay, ok = s.DayTyped(f["day"]); !ok {
		return s.refuse(c, f, "reading", "The day is written like 2026-11-25.")
	}
	if r.Celsius, err = quantity.ParseFigure(f["celsius"]); err != nil {
		return s.refuse(c, f, "reading", "How warm was the sample, in °C?")
	}
	if f["hours"] != "" {
		if r.Hours, err = quantity.ParseFigure(f["hours"]); err != nil || r.Hours < 0 || r.Hours > 20000 {
			return s.refuse(c, f, "reading", "How many hours after the jars were closed? A number, or nothing.")
		}
	}
	if r.Sample == "" {
		return s.refuse(c, f, "reading", "What was measured? Name the sample: “dilly beans, jars 3, 5 and 9”.")
	}
	if _, err := phlog.Values(r.Typed); err != nil || r.Typed == "" {
		return s.refuse(c, f, "reading", "Type the pH of each jar, like 3.82 3.85 3.90.")
	}
	return s.logged(c, "/acidity/log?done=reading", func(tx *store.Store) error {
		return tx.AddReadings(c.Request.Context(), []*store.Reading{&r})
	})
}

func (s *Pages) deleteReading(c *gin.Context) error {
	return s.Remove(c, store.KindReading, s.Gone)
}

func (s *Pages) deleteCalibration(c *gin.Context) error {
	return s.Remove(c, store.KindCalibration, s.Gone)
}

func (s *Pages) deleteMeter(c *gin.Context) error {
	return s.Remove(c, store.KindMeter, s.Gone)
}

// importReadings takes a CSV file in, as text: Damson's own or another meter's.
func (s *Pages) importReadings(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	text := c.Request.PostForm.Get("csv")
	f := map[string]string{"csv": text}
	rows, err := phlog.ReadCSV(strings.NewReader(text))
	if err != nil {
		return s.refuse(c, f, "file", words.Capital(err.Error())+".")
	}
	ctx := c.Request.Context()
	b, err := s.book(ctx, 0)
	if err != nil {
		return err
	}
	if b.Titles, err = s.Store.Titles(ctx, nil); err != nil {
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

// exportReadings writes the whole log, the newest reading first.
func (s *Pages) exportReadings(c *gin.Context) error {
	ctx := c.Request.Context()
	b, err := s.book(ctx, 0)
	if err != nil {
		return err
	}
	if b.Titles, err = s.Store.Titles(ctx, nil); err != nil {
		return err
	}
	c.Header("Content-Type", "text/csv; charset=utf-8")
	c.Header("Content-Disposition", `attachment; filename="ph-log.csv"`)
	w := cells.NewWriter(c.Writer)
	_ = w.Write(phlog.Columns...) // an error shows in Flush
	err = s.Store.EachReading(ctx, 0, func(r store.Reading) error {
		v, sum := b.viewReading(r), b.ReadingOf(r).Judge()
		return w.Write(r.OnDay, v.Meter, r.Sample, v.Recipe, r.How, kit.Decimal(r.Hours), kit.Decimal(r.Celsius),
			strconv.FormatBool(r.Compensated), r.Typed, v.Highest, sum.Severity, strings.Join(sum.Marks, "; "))
	})
	if err = errors.Join(err, w.Flush()); err != nil && ctx.Err() == nil {
		return err
	}
	return nil
}
