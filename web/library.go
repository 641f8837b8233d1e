package web

import (
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
)

type libraryView struct {
	Query   string
	Classes []libraryClass
	Count   int
}

type libraryClass struct {
	Name       string
	Procedures []*procedure.Procedure
}

func (s *Server) library(c *gin.Context) {
	q := strings.TrimSpace(c.Query("q"))
	if len(q) > 100 {
		q = q[:100]
	}
	v := libraryView{Query: q}
	byClass := map[string]int{}
	for _, p := range s.procs.All() {
		if q != "" && !review.Covers(p, q) {
			continue
		}
		i, ok := byClass[p.Class]
		if !ok {
			i = len(v.Classes)
			byClass[p.Class] = i
			v.Classes = append(v.Classes, libraryClass{Name: p.Class})
		}
		v.Classes[i].Procedures = append(v.Classes[i].Procedures, p)
		v.Count++
	}
	s.render(c, http.StatusOK, "library", page{Title: "Library", Nav: "/library", Body: v, Keys: []key{{"/", "search"}}})
}

type procedureView struct {
	P       *procedure.Procedure
	Amounts []string
	Here    []processRow
	Reason  string
	Rows    []tableRow
}

// tableRow is one row of the whole table, bands in words.
type tableRow struct{ Method, Pack, Jar, Headspace, Minutes, PSI, Acid string }

// sameBut reports whether the rows differ in pack or in jar only.
func (t tableRow) sameBut(u tableRow) bool {
	return t.Method == u.Method && t.Minutes == u.Minutes && t.PSI == u.PSI && t.Headspace == u.Headspace && t.Acid == u.Acid && (t.Jar == u.Jar || t.Pack == u.Pack)
}

func (t *tableRow) join(u tableRow) {
	if t.Jar == u.Jar {
		t.Pack += " or " + u.Pack
		return
	}
	t.Jar += " or " + u.Jar
}

func (s *Server) showProcedure(c *gin.Context) {
	p := s.procs.ByID(c.Param("id"))
	if p == nil {
		s.fail(c, http.StatusNotFound, "The library has no such procedure.", "The library page lists them all.")
		return
	}
	k, err := s.kitchen(c.Request.Context())
	if err != nil {
		panic(err)
	}
	v := procedureView{P: p}
	for _, in := range p.Ingredients {
		a := ""
		if in.Amount > 0 {
			a = quantity.Amount{Min: in.Amount, Max: in.Amount, Unit: in.Unit}.String()
			if in.Per != "" {
				a += " per " + string(in.Per)
			}
		}
		v.Amounts = append(v.Amounts, a)
	}
	list, err := p.Find(k.ElevationFt, procedure.Filter{Gauge: k.Gauge()})
	if err != nil {
		v.Reason = err.Error()
	}
	v.Here = viewProcesses(list, k.ElevationFt)
	for _, r := range p.Rows {
		t := tableRow{Method: methodName(r.Method), Pack: r.Pack, Jar: jarPlural(r.Jar), Headspace: inches(r.HeadspaceIn), Minutes: bandWords(r.Minutes), Acid: r.AcidPerJar}
		if r.Gauge != "" {
			t.Method += ", " + r.Gauge + " gauge"
			t.PSI = bandWords(r.PSI)
		}
		if r.When != "" {
			t.Pack += ", with " + r.When
		}
		if n := len(v.Rows); n > 0 && v.Rows[n-1].sameBut(t) {
			v.Rows[n-1].join(t)
			continue
		}
		v.Rows = append(v.Rows, t)
	}
	s.render(c, http.StatusOK, "procedure", page{Title: p.Title, Nav: "/library", Body: v})
}

// bandWords writes bands as "20 to 1,000 ft · 25 to 3,000 ft · 35 above".
func bandWords(b procedure.Bands) string {
	if len(b) == 1 {
		return thousands(b[0].Value)
	}
	var parts []string
	for i, x := range b {
		if i == len(b)-1 && strings.HasSuffix(x.Label(), "+") {
			parts = append(parts, thousands(x.Value)+" above")
			continue
		}
		parts = append(parts, thousands(x.Value)+" to "+thousands(x.High)+" ft")
	}
	return strings.Join(parts, " · ")
}

func jarPlural(j string) string { return quantity.Jar(j).Plural() }
