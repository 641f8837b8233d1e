package stove

import (
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net/http"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"damson/app"
	"damson/core/cells"
	"damson/core/run"
	"damson/web/kit"
)

// maxReadings is how large a logger's file may be.
const maxReadings = 2 << 20

// measured takes a logger's readings: a CSV file from the page's form, or as the body of a
// request that carries the run's token.
func (p *Pages) measured(c *gin.Context) error {
	token, page := c.Query("token"), false
	var data []byte
	var err error
	if strings.HasPrefix(c.ContentType(), "multipart/") {
		page = true
		var problem string
		if data, problem = kit.Upload(c, "file", maxReadings); problem != "" {
			err = &app.Refused{Field: "file", What: problem}
		}
		token = c.Request.FormValue("token")
	} else {
		data, err = io.ReadAll(io.LimitReader(c.Request.Body, maxReadings+1))
	}
	n := 0
	if err == nil {
		n, err = p.stove.Measured(c.Request.Context(), kit.Number(c), token, data)
	}
	refused := app.IsRefused(err)
	switch {
	case errors.Is(err, app.ErrNoToken):
		p.Fail(c, http.StatusForbidden, "The token is not that of this load.",
			"The page of the load shows where its logger sends its readings.")
	case refused != nil && page:
		p.Fail(c, http.StatusUnprocessableEntity, refused.What, "Nothing was stored. Mend the file and send it again.")
	case refused != nil:
		c.String(http.StatusUnprocessableEntity, refused.What+"\n")
	case err != nil:
		return p.missing(c, err)
	case page:
		c.Redirect(http.StatusSeeOther, fmt.Sprintf("/stove/%d?read=%d", kit.Number(c), n))
	default:
		c.String(http.StatusOK, "%d new readings\n", n)
	}
	return nil
}

// exportCSV writes the record as a table.
func (p *Pages) exportCSV(c *gin.Context) error {
	x, err := p.stove.Standing(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	c.Header("Content-Disposition", fmt.Sprintf(`attachment; filename="run-%d.csv"`, x.Run.ID))
	c.Header("Content-Type", "text/csv; charset=utf-8")
	undone := run.Undone(x.Events)
	w := cells.NewWriter(c.Writer)
	_ = w.Write("number", "time", "what", "psi", "temperature_f", "logger", "jars", "broken", "note", "taken back")
	for i := range x.Events {
		e := &x.Events[i]
		psi, f, back := "", "", ""
		if e.Gauged {
			psi = strconv.FormatFloat(e.PSI, 'f', -1, 64)
		}
		if e.F != 0 {
			f = strconv.FormatFloat(e.F, 'f', -1, 64)
		}
		if undone[e.Number] {
			back = "yes"
		}
		_ = w.Write(strconv.Itoa(e.Number), e.At.Local().Format(time.RFC3339), string(e.Kind), psi, f,
			strconv.FormatBool(e.Logger), strconv.Itoa(e.Jars), strconv.Itoa(e.Broken), e.Text, back)
	}
	if err := w.Flush(); err != nil {
		_ = c.Error(err) // whoever asked has gone
	}
	return nil
}

// exported is a run as JSON; docs/formats.md describes it.
type exported struct {
	Title     string          `json:"title"`
	Procedure string          `json:"procedure"`
	Source    string          `json:"source"`
	Kitchen   string          `json:"kitchen"`
	Feet      int             `json:"elevation_ft"`
	Canner    string          `json:"canner"`
	Method    string          `json:"method"`
	Minutes   int             `json:"minutes"`
	PSI       int             `json:"psi"`
	Gauge     string          `json:"gauge"`
	Hold      float64         `json:"hold_psi"`
	Jar       string          `json:"jar"`
	Pack      string          `json:"pack"`
	Jars      int             `json:"jars"`
	With      []exportedPart  `json:"with,omitempty"`
	Practice  bool            `json:"practice"`
	PutOn     time.Time       `json:"put_on"`
	Verdict   run.Verdict     `json:"verdict"`
	Why       string          `json:"why"`
	Happened  []exportedEvent `json:"happened"`
}

// exportedPart is what stood in the canner with the jars of the run, and had its process.
type exportedPart struct {
	Title     string `json:"title"`
	Procedure string `json:"procedure"`
	Source    string `json:"source"`
	Minutes   int    `json:"own_minutes"`
	Jar       string `json:"jar"`
	Pack      string `json:"pack"`
	Jars      int    `json:"jars"`
}

type exportedEvent struct {
	Number    int        `json:"number"`
	At        time.Time  `json:"at"`
	Kind      run.Kind   `json:"what"`
	PSI       *float64   `json:"psi,omitempty"`
	F         float64    `json:"temperature_f,omitempty"`
	Logger    bool       `json:"logger,omitempty"`
	Jars      int        `json:"jars,omitempty"`
	Broken    int        `json:"broken,omitempty"`
	Of        int        `json:"takes_back,omitempty"`
	Until     *time.Time `json:"until,omitempty"`
	Note      string     `json:"note,omitempty"`
	TakenBack bool       `json:"taken_back,omitempty"`
}

func (p *Pages) exportJSON(c *gin.Context) error {
	x, err := p.stove.Standing(c.Request.Context(), kit.Number(c))
	if err != nil {
		return p.missing(c, err)
	}
	r := &x.Run
	out := exported{Title: r.Title, Procedure: r.Procedure, Source: r.Source, Kitchen: r.Kitchen,
		Feet: r.ElevationFt, Canner: r.Canner, Method: r.Method, Minutes: r.Minutes, PSI: r.PSI, Gauge: r.Gauge, Hold: r.Hold,
		Jar: r.Jar, Pack: r.Pack, Jars: r.Jars, Practice: r.Speed > 0, PutOn: r.CreatedAt, Verdict: x.Judged.Verdict, Why: x.Judged.Why, Happened: []exportedEvent{}}
	for _, q := range r.Parts {
		out.With = append(out.With, exportedPart{q.Title, q.Procedure, q.Source, q.Minutes, q.Jar, q.Pack, q.Jars})
	}
	undone := run.Undone(x.Events)
	for i := range x.Events {
		e := &x.Events[i]
		row := exportedEvent{Number: e.Number, At: e.At, Kind: e.Kind, F: e.F, Logger: e.Logger, Jars: e.Jars,
			Broken: e.Broken, Of: e.Of, Note: e.Text, TakenBack: undone[e.Number]}
		if e.Gauged {
			row.PSI = &e.PSI
		}
		if !e.Until.IsZero() {
			row.Until = &e.Until
		}
		out.Happened = append(out.Happened, row)
	}
	data, err := json.MarshalIndent(out, "", "  ")
	if err != nil {
		return err // times and texts can always be written
	}
	c.Header("Content-Disposition", fmt.Sprintf(`attachment; filename="run-%d.json"`, r.ID))
	c.Data(http.StatusOK, "application/json; charset=utf-8", append(data, '\n'))
	return nil
}
