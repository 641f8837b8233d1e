package library

import (
	"bytes"
	"net/http"
	"slices"
	"sort"
	"strconv"

	"github.com/gin-gonic/gin"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/web/kit"
)

// progressView says how much of the library somebody has seen in print.
type progressView struct {
	Checked, All int
	Percent      int
	// Rests is how many rows the recipes on the desk rest on, Seen how many of them somebody
	// has seen in print.
	Rests, Seen int
	Classes     []progressClass
	Next        []progressItem
	History     []string
	Problem     string
	Imported    int
	Held        []heldView
	HeldFiles   []heldProcedureView
}

type progressClass struct {
	Name         string
	Checked, All int
}

type progressItem struct {
	Href, Title, Where string
	Recipes            int
	Checked, All       int
}

// usedAmong is how many recipes are looked through for the procedures that they rest on.
const usedAmong = 200

const (
	nextItems    = 12
	historyItems = 20
)

func (s *Pages) showProgress(c *gin.Context) error { return s.progress(c, http.StatusOK, "") }

func (s *Pages) progress(c *gin.Context, status int, problem string) error {
	ctx := c.Request.Context()
	rests, err := s.restsOn(c)
	if err != nil {
		return err
	}
	v := progressView{Problem: problem, Rests: len(rests.rows)}
	for _, seen := range rests.rows {
		if seen {
			v.Seen++
		}
	}
	v.Imported, _ = strconv.Atoi(c.Query("imported"))
	at := map[string]int{}
	count := func(class string, checked, all int) {
		i, ok := at[class]
		if !ok {
			i = len(v.Classes)
			at[class] = i
			v.Classes = append(v.Classes, progressClass{Name: class})
		}
		v.Classes[i].Checked += checked
		v.Classes[i].All += all
		v.Checked += checked
		v.All += all
	}
	sh := s.Shelves.Now()
	for _, p := range sh.Lib.Procedures.All() {
		checked, all := ledger.Progress(p)
		count(p.Class, checked, all)
	}
	count("pH of foods", len(sh.Foods), sh.WithPH())
	items := s.unchecked(rests)
	sort.SliceStable(v.Classes, func(i, j int) bool { return v.Classes[i].Name < v.Classes[j].Name })
	v.Next = items[:min(nextItems, len(items))]
	if v.All > 0 {
		v.Percent = 100 * v.Checked / v.All
	}
	checks, err := s.Store.Checks(ctx)
	if err != nil {
		return err
	}
	for i := len(checks) - 1; i >= 0 && len(v.History) < historyItems; i-- {
		k := checks[i]
		title := k.Procedure
		if p := sh.Remembered[k.Procedure]; p != nil {
			title = p.Title
		}
		v.History = append(v.History, k.On+" "+k.By+": "+title+", "+statusWords[k.Status]+withValues(k.Values)+" "+
			"("+k.Edition+pageWords(k.Page)+")")
	}
	v.Held, v.HeldFiles = s.heldBack()
	s.Render(c, status, "progress", kit.Page{Title: "Checked against print", Nav: "/library", Body: v})
	return nil
}

// rests is what the newest recipes of the desk rest on: how many on a procedure, and whether
// somebody has seen each row in print.
type rests struct {
	used map[string]int
	rows map[string]bool
}

func (s *Pages) restsOn(c *gin.Context) (rests, error) {
	ctx := c.Request.Context()
	recipes, err := s.Store.Recipes(ctx, "", 0, usedAmong)
	if err != nil {
		return rests{}, err
	}
	k, err := s.Kitchen(ctx)
	if err != nil {
		return rests{}, err
	}
	out := rests{map[string]int{}, map[string]bool{}}
	for _, r := range recipes {
		res := s.Reviews.Of(r, k)
		if res.Procedure == nil {
			continue
		}
		out.used[res.Procedure.ID]++
		for _, x := range slices.Concat(res.Methods, res.After) {
			if x.Method == procedure.Steam {
				x.Method = procedure.WaterBath // one row of the table
			}
			out.rows[res.Procedure.ID+"|"+x.Key()] = x.Seen != ""
		}
	}
	return out, nil
}

// unchecked lists the procedures with values that nobody has seen, those first that most recipes
// rest on, then in the order of the printed guides.
func (s *Pages) unchecked(r rests) []progressItem {
	var list []*procedure.Procedure
	for _, p := range s.Shelves.Now().Lib.Procedures.All() {
		if checked, all := ledger.Progress(p); checked < all {
			list = append(list, p)
		}
	}
	inPrint(list)
	sort.SliceStable(list, func(i, j int) bool { return r.used[list[i].ID] > r.used[list[j].ID] })
	var out []progressItem
	for _, p := range list {
		checked, all := ledger.Progress(p)
		out = append(out, progressItem{"/library/" + p.ID + "/check", p.Title, p.Citation(), r.used[p.ID], checked, all})
	}
	return out
}

// inPrint sorts procedures as the printed guides have them: by source, then by section.
func inPrint(list []*procedure.Procedure) {
	sort.SliceStable(list, func(i, j int) bool {
		if list[i].Source != list[j].Source {
			return list[i].Source < list[j].Source
		}
		return list[i].Section < list[j].Section
	})
}

// nextUnchecked is what to check after the procedure, nil where nothing is left.
func (s *Pages) nextUnchecked(c *gin.Context, after string) (*progressItem, error) {
	r, err := s.restsOn(c)
	if err != nil {
		return nil, err
	}
	for _, item := range s.unchecked(r) {
		if item.Href != "/library/"+after+"/check" {
			return &item, nil
		}
	}
	return nil, nil
}

func (s *Pages) exportLedger(c *gin.Context) error {
	checks, err := s.Store.Checks(c.Request.Context())
	if err != nil {
		return err
	}
	c.Header("Content-Type", "text/csv; charset=utf-8")
	c.Header("Content-Disposition", `attachment; filename="damson-ledger.csv"`)
	if err := ledger.WriteCSV(c.Writer, checks); err != nil {
		return err
	}
	return nil
}

// importLedger takes another kitchen's ledger in: what is here already is not
// added twice.
func (s *Pages) importLedger(c *gin.Context) error {
	refuse := func(problem string) error { return s.progress(c, http.StatusUnprocessableEntity, problem) }
	data, problem := kit.Upload(c, "ledger", kit.MaxUpload)
	if problem != "" {
		return refuse(problem)
	}
	list, err := ledger.ReadCSV(bytes.NewReader(data), s.Today())
	if err != nil {
		return refuse("Nothing was taken in. " + err.Error())
	}
	ctx := c.Request.Context()
	have, err := s.Store.Checks(ctx)
	if err != nil {
		return err
	}
	seen := map[ledger.Check]bool{}
	for _, h := range have {
		h.Signed = "" // a file does not know who signed it here
		seen[h] = true
	}
	var added []ledger.Check
	for _, x := range list {
		if !seen[x] {
			seen[x] = true
			added = append(added, x)
		}
	}
	if err := s.tryChecks(added); err != nil {
		return refuse("Nothing was taken in. " + err.Error())
	}
	if len(added) > 0 {
		if err := s.Store.AddChecks(ctx, added); err != nil {
			return err
		}
		if err := s.Shelves.Restock(ctx); err != nil {
			return err
		}
	}
	if n := s.heldAmong(added); n > 0 {
		return s.progress(c, http.StatusOK, heldWords(len(added), n))
	}
	c.Redirect(http.StatusSeeOther, "/check?imported="+strconv.Itoa(len(added)))
	return nil
}
