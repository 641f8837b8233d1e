package stove

import (
	"fmt"
	"net/http"
	"time"

	ics "github.com/arran4/golang-ical"
	"github.com/gin-gonic/gin"

	"damson/core/run"
	"damson/web/kit"
)

// sealsCalendar writes the test of a load's seals as an iCalendar file (RFC 5545), for the morning
// after.
func (p *Pages) sealsCalendar(c *gin.Context) error {
	x, err := p.stove.Standing(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	if x.State.Phase != run.Out || x.Run.Speed > 0 {
		p.Fail(c, http.StatusNotFound, "There are no seals to test yet.", "Tell first that the jars are out of the canner.")
		return nil
	}
	if !x.Judged.Shelf {
		p.Fail(c, http.StatusConflict, "These jars do not go on the shelf, sealed or not.",
			"The page of the load says what becomes of them.")
		return nil
	}
	cal := ics.NewCalendar()
	cal.SetProductId("-//Damson//seals//EN")
	cal.SetMethod(ics.MethodPublish)
	jars := wholeJars(x)
	at := x.State.OutAt.Add(run.TestAfter)
	e := cal.AddEvent(fmt.Sprintf("run%d-seals@damson.invalid", x.Run.ID))
	e.SetDtStampTime(p.Now())
	e.SetStartAt(at)
	e.SetEndAt(at.Add(30 * time.Minute))
	e.SetSummary("Test the seals: " + jars + " of " + titleOf(&x.Run))
	again := x.State.HeatOff.Add(run.Again).Local().Format("Monday 15:04")
	e.SetDescription(fmt.Sprintf("Bands off, lids pressed, jars lifted by their lids; then write it down on "+
		"the page of load %d. What did not seal may have the whole process again until %s.", x.Run.ID, again))
	a := e.AddAlarm()
	a.SetAction(ics.ActionDisplay)
	a.SetTrigger("PT0M")
	a.SetProperty(ics.ComponentPropertyDescription, "Test the seals of "+titleOf(&x.Run))
	c.Header("Content-Disposition", fmt.Sprintf(`attachment; filename="seals-%d.ics"`, x.Run.ID))
	c.Data(http.StatusOK, "text/calendar; charset=utf-8", []byte(cal.Serialize(ics.WithNewLine("\r\n"))))
	return nil
}
