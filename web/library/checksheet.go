package library

import (
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/web/kit"
)

// checkSheetView is what is still to be checked, in the order of the printed guides: made to be printed,
// and filled in with the book on the table.
type checkSheetView struct {
	All    bool
	Guides []checkGuide
	Values int
}

type checkGuide struct {
	Source     string
	Procedures []checkSheetOf
}

type checkSheetOf struct {
	ID, Title, Section string
	Lines              []uncheckedLine
}

// uncheckedLine is a value with what it is of.
type uncheckedLine struct{ What, Value string }

func (s *Pages) showCheckSheet(c *gin.Context) error {
	r, err := s.restsOn(c)
	if err != nil {
		return err
	}
	v := checkSheetView{All: c.Query("all") != ""}
	var list []*procedure.Procedure
	for _, p := range s.Shelves.Now().Lib.Procedures.All() {
		if v.All || r.used[p.ID] > 0 {
			list = append(list, p)
		}
	}
	inPrint(list)
	for _, p := range list {
		lines := uncheckedLines(p)
		if len(lines) == 0 {
			continue
		}
		if n := len(v.Guides); n == 0 || v.Guides[n-1].Source != p.Source {
			v.Guides = append(v.Guides, checkGuide{Source: p.Source})
		}
		g := &v.Guides[len(v.Guides)-1]
		g.Procedures = append(g.Procedures, checkSheetOf{p.ID, p.Title, p.Section, lines})
		v.Values += len(lines)
	}
	s.Render(c, http.StatusOK, "checksheet", kit.Page{Title: "Check sheet", Nav: "/library", Body: v})
	return nil
}

// uncheckedLines are the values of the procedure that nobody has seen in print.
func uncheckedLines(p *procedure.Procedure) []uncheckedLine {
	var out []uncheckedLine
	for _, r := range p.Rows {
		if r.Checked != nil {
			continue
		}
		t := viewRow(p, r)
		value := r.Minutes.Figures() + " min"
		if len(r.PSI) > 0 {
			value += " at " + r.PSI.Figures() + " psi"
		}
		what := []string{t.Method, t.Jar, t.Pack}
		if r.AcidPerJar != "" {
			value += ", in each jar " + r.AcidPerJar
		}
		out = append(out, uncheckedLine{strings.Join(what, ", "), value + ", headspace " +
			quantity.Number(r.HeadspaceIn) + " in"})
	}
	for _, in := range p.Ingredients {
		if in.Amount > 0 && in.Checked == nil {
			out = append(out, uncheckedLine{in.Name, quantity.Amount{Min: in.Amount, Max: in.Amount, Unit: in.Unit}.String()})
		}
	}
	for _, x := range ledger.Conditions(p) {
		if x.Checked == nil {
			out = append(out, uncheckedLine{"condition", x.Title})
		}
	}
	return out
}
