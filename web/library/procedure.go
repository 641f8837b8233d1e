package library

import (
	"net/http"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/web/kit"
)

type procedureView struct {
	P *procedure.Procedure
	// Own names who of this kitchen stands for it, where it is one of its own.
	Own     string
	Batch   []batchLine
	Here    []kit.ProcessRow
	Reason  string
	Rows    []tableRow
	Checked int
	Parts   int
	// Conditions bind beside the table: preparation, sizes of pieces, the canner.
	Conditions []checkCondition
	Rules      []kit.Link
	Points     []kit.Link
}

// batchLine is an ingredient with its amount and who has seen it in print.
type batchLine struct {
	Amount, Name, Role string
	Optional           bool
	Mark               sourceMark
}

// sourceMark says whether a value is from memory or was checked.
type sourceMark struct {
	Words   string
	Checked bool
}

// markOf words the mark that every value of the library carries.
func markOf(fromMemory bool, c *procedure.Checked) sourceMark {
	switch {
	case c != nil && c.Changed:
		return sourceMark{"changed to the copy of " + c.By + ", " + c.On + signedBy(c), true}
	case c != nil:
		return sourceMark{"checked by " + c.By + ", " + c.On + signedBy(c), true}
	case fromMemory:
		return sourceMark{"from memory", false}
	}
	return sourceMark{"as entered, not compared", false}
}

// signedBy says of a check of another kitchen's who of this one stands for it.
func signedBy(c *procedure.Checked) string {
	switch c.Signed {
	case c.By:
		return ""
	case "":
		return ", by a ledger from elsewhere"
	}
	return ", signed here by " + c.Signed
}

// tableRow is one row of the whole table, bands in words.
type tableRow struct {
	Method, Pack, Jar, Headspace, Minutes, PSI, Acid string
	Mark                                             sourceMark
}

// sameBut reports whether the rows differ in pack or in jar only.
func (t tableRow) sameBut(u tableRow) bool {
	return t.Method == u.Method && t.Minutes == u.Minutes && t.PSI == u.PSI && t.Headspace == u.Headspace &&
		t.Acid == u.Acid && t.Mark == u.Mark && (t.Jar == u.Jar || t.Pack == u.Pack)
}

func (t *tableRow) join(u tableRow) {
	if t.Jar == u.Jar {
		t.Pack += " or " + u.Pack
		return
	}
	t.Jar += " or " + u.Jar
}

// procedureOf returns the procedure that the path names; where there is none it
// answers and reports false.
func (s *Pages) procedureOf(c *gin.Context) (*procedure.Procedure, bool) {
	p := s.Shelves.Now().Lib.Procedures.ByID(c.Param("id"))
	if p == nil {
		s.Fail(c, http.StatusNotFound, "The library has no such procedure.", "The library page lists them all.")
	}
	return p, p != nil
}

func (s *Pages) showProcedure(c *gin.Context) error {
	p, ok := s.procedureOf(c)
	if !ok {
		return nil
	}
	k, err := s.Kitchen(c.Request.Context())
	if err != nil {
		return err
	}
	sh := s.Shelves.Now()
	v := procedureView{P: p, Own: sh.Own[p.ID].Signed, Batch: viewBatch(p)}
	v.Checked, v.Parts = ledger.Progress(p)
	for _, x := range ledger.Conditions(p) {
		mark := markOf(p.FromMemory, x.Checked)
		if x.Checked != nil && x.Checked.Changed {
			mark = sourceMark{"otherwise in the copy of " + x.Checked.By + ": kept, as the stricter", true}
		}
		v.Conditions = append(v.Conditions, checkCondition{Title: x.Title, Mark: mark})
	}
	list, err := p.Find(k.ElevationFt, procedure.Filter{Gauge: k.Gauge()})
	if err != nil {
		v.Reason = err.Error()
	}
	v.Here = kit.ViewProcesses(list, k.ElevationFt)
	for _, r := range p.Rows {
		t := viewRow(p, r)
		if n := len(v.Rows); n > 0 && v.Rows[n-1].sameBut(t) {
			v.Rows[n-1].join(t)
			continue
		}
		v.Rows = append(v.Rows, t)
	}
	for _, pt := range sh.Lib.Book.Points {
		if slices.Contains(pt.Procedures, p.ID) {
			v.Points = append(v.Points, kit.Link{Href: "/debated#" + pt.ID, Title: pt.Title, Note: ""})
		}
	}
	s.Render(c, http.StatusOK, "procedure", kit.Page{Title: p.Title, Nav: "/library", Body: v})
	return nil
}

func viewBatch(p *procedure.Procedure) []batchLine {
	var out []batchLine
	for _, in := range p.Ingredients {
		b := batchLine{Name: in.Name, Role: roleWords[in.Role], Optional: in.Optional}
		if in.Amount > 0 {
			b.Amount = quantity.Amount{Min: in.Amount, Max: in.Amount, Unit: in.Unit}.String()
			if in.Per != "" {
				b.Amount += " per " + string(in.Per)
			}
			b.Mark = markOf(p.FromMemory, in.Checked)
		}
		out = append(out, b)
	}
	return out
}

// roleWords says what an ingredient is for.
var roleWords = map[procedure.Role]string{
	procedure.Main: "what it is", procedure.LowAcid: "low-acid, must not grow", procedure.Acid: "acid, never left " +
		"out", procedure.Liquid: "liquid",
	procedure.Fat: "fat, at most this", procedure.Sugar: "sugar, free", procedure.GelSugar: "sugar that the set " +
		"needs", procedure.Gel: "pectin", procedure.Salt: "salt, free",
	procedure.Seasoning: "dry seasoning, free", procedure.Starch: "starch, at most this", procedure.Extra: "may be " +
		"left out, must not grow", procedure.FermentSalt: "salt that the ferment needs",
}

func viewRow(p *procedure.Procedure, r procedure.Row) tableRow {
	t := tableRow{Method: kit.MethodName(r.Method), Pack: r.Pack, Jar: kit.JarPlural(r.Jar),
		Headspace: kit.Inches(r.HeadspaceIn), Minutes: bandWords(r.Minutes), Acid: r.AcidPerJar,
		Mark: markOf(p.FromMemory, r.Checked)}
	if r.Gauge != "" {
		t.Method += ", " + r.Gauge + " gauge"
		t.PSI = bandWords(r.PSI)
	}
	if r.When != "" {
		t.Pack += ", with " + r.When
	}
	return t
}

// bandWords writes bands as "20 to 1,000 ft · 25 to 3,000 ft · 35 above".
func bandWords(b procedure.Bands) string {
	if len(b) == 1 {
		return words.Thousands(b[0].Value)
	}
	var parts []string
	for i, x := range b {
		if i == len(b)-1 && strings.HasSuffix(x.Label(), "+") {
			parts = append(parts, words.Thousands(x.Value)+" above")
			continue
		}
		parts = append(parts, words.Thousands(x.Value)+" to "+words.Thousands(x.High)+" ft")
	}
	return strings.Join(parts, " · ")
}
