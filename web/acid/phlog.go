package acid

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/cells"
	"damson/core/phlog"
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
	Hows         []kit.Choice
	// MeterRead and MeterCalibrated are the choices of a meter in the two forms that ask for one.
	MeterRead, MeterCalibrated []kit.Choice
	Forms                      logForms
	Done, Never                string
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
	return s.renderLog(c, http.StatusOK, s.freshForms(), done)
}

// renderLog writes the page with its forms as they stand.
func (s *Pages) renderLog(c *gin.Context, status int, forms logForms, done string) error {
	ctx := c.Request.Context()
	b, err := s.book(ctx, 0)
	if err != nil {
		return err
	}
	v := logView{Forms: forms, Done: done, Never: phlog.Never}
	for _, m := range b.Meters {
		id := strconv.FormatInt(m.ID, 10)
		v.Meters = append(v.Meters, b.viewMeter(m, s.Today()))
		v.MeterRead = append(v.MeterRead, kit.Choice{Value: id, Label: m.Name, Chosen: forms.Reading.Meter == id})
		v.MeterCalibrated = append(v.MeterCalibrated,
			kit.Choice{Value: id, Label: m.Name, Chosen: forms.Calibration.Meter == id})
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
		v.Recipes = append(v.Recipes, kit.Choice{Value: id, Label: r.Title,
			Chosen: cmp.Or(forms.Reading.Recipe, c.Query("recipe")) == id})
	}
	for _, h := range []string{phlog.Blended, phlog.Brine, phlog.Whole} {
		v.Hows = append(v.Hows, kit.Choice{Value: h, Label: h, Chosen: forms.Reading.How == h})
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

// titledBook is the whole log with the titles of all recipes.
func (s *Pages) titledBook(ctx context.Context) (logBook, error) {
	b, err := s.book(ctx, 0)
	if err == nil {
		b.Titles, err = s.Store.Titles(ctx, nil)
	}
	return b, err
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

func (b logBook) viewMeter(m store.Meter, today string) meterView {
	v := meterView{ID: m.ID, Name: m.Name, State: "not calibrated today"}
	if cal, ok := b.On(m.ID, today); ok {
		v.Good, v.State = true, fmt.Sprintf("calibrated today, slope %.0f %%", cal.Slope())
	}
	switch {
	case m.DueOn == "":
	case m.DueOn < today:
		v.Due = "check overdue since " + m.DueOn
	default:
		v.Due = "check due " + m.DueOn
	}
	return v
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

// exportReadings writes the whole log, the newest reading first.
func (s *Pages) exportReadings(c *gin.Context) error {
	ctx := c.Request.Context()
	b, err := s.titledBook(ctx)
	if err != nil {
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
