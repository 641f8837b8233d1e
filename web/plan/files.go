package plan

import (
	"bytes"
	"crypto/sha256"
	"fmt"
	"net/http"
	"time"

	ics "github.com/arran4/golang-ical"
	"github.com/gin-gonic/gin"

	"damson/web/kit"
)

func (s *Pages) planFile(c *gin.Context) error {
	w, err := s.workedPlan(c)
	if err != nil {
		return s.Missing(c, err, nil)
	}
	name := c.Param("file")
	if name != "plan.ics" && name != "runsheets.pdf" {
		s.Fail(c, http.StatusNotFound, "There is no such file.", "A plan has plan.ics and runsheets.pdf.")
		return nil
	}
	if w.day == nil {
		s.Fail(c, http.StatusConflict, "There is no plan to write.", w.problem)
		return nil
	}
	c.Header("Content-Disposition", `attachment; filename="`+name+`"`)
	if name == "plan.ics" {
		c.Data(http.StatusOK, "text/calendar; charset=utf-8", []byte(w.calendar(s.Now())))
		return nil
	}
	sheets := w.sheets()
	data, err := s.pictures.Of(fmt.Sprintf("sheets %x", sha256.Sum256(fmt.Append(nil, sheets))),
		func() ([]byte, error) { return pdf(sheets) })
	if err != nil {
		return err
	}
	c.Data(http.StatusOK, "application/pdf", data)
	return nil
}

// calendar writes the day as an iCalendar file (RFC 5545): what hands do, what is
// waited for in the canner, and the seal check of the next day.
func (w *planned) calendar(stamp time.Time) string {
	cal := ics.NewCalendar()
	cal.SetProductId("-//Damson//canning day//EN")
	cal.SetMethod(ics.MethodPublish)
	for i := range w.day.Tasks {
		t := &w.day.Tasks[i]
		if t.Work == "cool" {
			continue
		}
		e := cal.AddEvent(fmt.Sprintf("plan%d-%s@damson.invalid", w.plan.ID, t.ID))
		e.SetDtStampTime(stamp)
		e.SetStartAt(w.at(t.Start))
		e.SetEndAt(w.at(t.End()))
		e.SetSummary(t.Name)
		text := w.forWords(t) + ". " + spread(t) + "."
		if t.Note != "" {
			text += " " + t.Note
		}
		if t.Process {
			text += " Stay with it. Pressure or boil lost: the whole time starts again."
		}
		e.SetDescription(text)
		if t.Hands {
			a := e.AddAlarm()
			a.SetAction(ics.ActionDisplay)
			a.SetTrigger("-PT5M")
			a.SetProperty(ics.ComponentPropertyDescription, t.Name)
		} else {
			e.SetTimeTransparency(ics.TransparencyTransparent)
		}
	}
	return cal.Serialize(ics.WithNewLine("\r\n"))
}

// facts are what goes for every jar.
func (v *sheetView) facts() string {
	text := v.Jars + " · headspace " + v.Headspace
	if v.Acid != "" {
		text += " · to each jar " + v.Acid
	}
	return text
}

// pdf writes the run sheets, a page a load.
func pdf(sheets []sheetView) ([]byte, error) {
	f := kit.NewPDF("Letter")
	f.SetMargins(16, 14, 16)
	f.SetTitle("Run sheets", true)
	wide := 184.0
	lacking := false
	written := func(s string) string {
		shown, all := kit.InFace(s)
		lacking = lacking || !all
		return shown
	}
	for _, v := range sheets {
		f.AddPage()
		line := func(style string, size, h float64, text string) {
			f.SetFont("go", style, size)
			f.MultiCell(wide, h, written(text), "", "L", false)
		}
		line("B", 20, 9, v.Title)
		line("", 11, 6, v.Load+" · "+v.Day+" · "+v.Reading)
		f.Ln(2)
		f.SetFillColor(0xf3, 0xe6, 0xef)
		f.SetFont("go", "B", 22)
		f.MultiCell(wide, 12, written(v.Process), "", "L", true)
		if v.Hold != "" {
			line("B", 13, 8, v.Hold)
		}
		line("B", 13, 8, v.facts())
		for _, demand := range v.Demands {
			line("", 11, 5.5, "– "+demand)
		}
		f.Ln(2)
		for _, st := range v.Steps {
			y := f.GetY()
			f.Rect(16, y+1.6, 4, 4, "D")
			f.SetX(23)
			f.SetFont("go", "", 11.5)
			f.MultiCell(103, 6.2, written(st.Text), "", "L", false)
			after := f.GetY()
			f.SetXY(128, y)
			f.SetFont("go", "", 10.5)
			f.MultiCell(72, 6.2, written(st.Write), "", "L", false)
			f.SetXY(16, max(after, f.GetY())+1)
		}
		f.Ln(3)
		line("B", 12, 6.5, v.Lost)
		line("", 10.5, 5.5, "Follow the canner maker's book. Never leave a pressure canner. Never force it to cool. Open "+
			"the lid away from you. What is sold goes by local rules.")
		from := v.Source
		if v.FromMemory {
			from += "; the figures were recalled from memory: see them in print before you rely on them"
		}
		line("", 9.5, 5, "Process: "+from+".")
		if lacking {
			line("", 9.5, 5, "□ stands for a letter that this sheet's typeface does not have; the page on the screen has it.")
			lacking = false
		}
	}
	var b bytes.Buffer
	err := f.Output(&b)
	return b.Bytes(), err
}
