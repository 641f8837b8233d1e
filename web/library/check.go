package library

import (
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"sort"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"damson/core/ledger"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/words"
	"damson/store"
	"damson/web/kit"
)

// checkView is a procedure opened beside a printed copy: every row and every
// amount with a place to tick it or to type what the copy prints.
type checkView struct {
	P                 *procedure.Procedure
	By, Edition, Page string
	Rows              []checkRow
	Amounts           []checkAmount
	Conditions        []checkCondition
	Checked, Parts    int
	Problem, Seen     string
	// Next is what to check after this.
	Next                    *progressItem
	Doubts                  []string
	Saved                   int
	EditionProblem, ByWrong bool
}

// checkRow is one row of the table: who it is for, its figures by band, and
// what was said of it.
type checkRow struct {
	Name, Title string
	Minutes     []checkCell
	PSI         []checkCell
	Headspace   checkCell
	Status      string
	Mark        sourceMark
	History     []string
	Problem     string
}

type checkCell struct{ Name, Band, Value string }

type checkAmount struct {
	Name, Title string
	Amount      checkCell
	Unit        string
	Status      string
	Mark        sourceMark
	Problem     string
}

// checkCondition is what binds beside the table.
type checkCondition struct {
	Name, Title, Status string
	Mark                sourceMark
	part                string
}

func (s *Pages) showCheck(c *gin.Context) error {
	p, ok := s.checkable(c)
	if !ok {
		return nil
	}
	checks, err := s.Store.Checks(c.Request.Context())
	if err != nil {
		return err
	}
	v := s.viewCheck(p, checks)
	if n := len(checks); n > 0 {
		v.By, v.Edition = checks[n-1].By, checks[n-1].Edition
	}
	if v.Saved, _ = strconv.Atoi(c.Query("saved")); v.Saved > 0 {
		if v.Next, err = s.nextUnchecked(c, p.ID); err != nil {
			return err
		}
	}
	s.Render(c, http.StatusOK, "check", kit.Page{Title: "Check: " + p.Title, Nav: "/library", Body: v})
	return nil
}

// checkable returns the procedure as it was remembered, with every row that the
// library ever had: a row that print does not have can be brought back.
func (s *Pages) checkable(c *gin.Context) (*procedure.Procedure, bool) {
	p := s.Shelves.Now().Remembered[c.Param("id")]
	if p == nil {
		s.Fail(c, http.StatusNotFound, "The library has no such procedure.", "The library page lists them all.")
	}
	return p, p != nil
}

// count counts a part that can be checked, and one that was.
func (v *checkView) count(seen bool) {
	v.Parts++
	if seen {
		v.Checked++
	}
}

// viewCheckRow is row i of a procedure, with the figures in force by the check c, where somebody has seen it.
func viewCheckRow(p *procedure.Procedure, i int, c ledger.Check, seen bool) checkRow {
	r := p.Rows[i]
	shown := r
	if seen && c.Status == ledger.Differs {
		if changed, err := ledger.ReadRow(r, c.Values); err == nil {
			shown = changed
		}
	}
	name, t := "r"+strconv.Itoa(i), viewRow(p, r)
	inches := strconv.FormatFloat(shown.HeadspaceIn, 'g', -1, 64)
	row := checkRow{Name: name, Title: t.Method + " · " + t.Jar + ", " + t.Pack,
		Headspace: checkCell{name + "h", "", inches}, Mark: markOfCheck(p, c, seen)}
	for k, b := range shown.Minutes {
		row.Minutes = append(row.Minutes, checkCell{name + "m" + strconv.Itoa(k), bandName(b), strconv.Itoa(b.Value)})
	}
	for k, b := range shown.PSI {
		row.PSI = append(row.PSI, checkCell{name + "p" + strconv.Itoa(k), bandName(b), strconv.Itoa(b.Value)})
	}
	return row
}

func (s *Pages) viewCheck(p *procedure.Procedure, checks []ledger.Check) checkView {
	v := checkView{P: p, Seen: store.CheckedMark(p.ID, checks)}
	inForce := ledger.InForce(p, checks)
	history := map[string][]string{}
	for _, c := range checks {
		if c.Procedure != p.ID {
			continue
		}
		said := c.On + " " + c.By + ": " + statusWords[c.Status] + withValues(c.Values)
		history[c.Part] = append(history[c.Part], said+", "+c.Edition+pageWords(c.Page)+signedWords(c))
	}
	for i, r := range p.Rows {
		part := ledger.RowPart(r)
		c, seen := inForce[part]
		row := viewCheckRow(p, i, c, seen)
		row.History = history[part]
		v.Rows = append(v.Rows, row)
		v.count(seen)
	}
	for i, in := range p.Ingredients {
		if in.Amount == 0 {
			continue
		}
		part := ledger.IngredientPart(in)
		c, seen := inForce[part]
		shown := in
		if seen && c.Status == ledger.Differs {
			if changed, err := ledger.ReadAmount(in, c.Values); err == nil {
				shown = changed
			}
		}
		name := "i" + strconv.Itoa(i)
		v.Amounts = append(v.Amounts, checkAmount{Name: name, Title: in.Name,
			Amount: checkCell{name + "a", "", strconv.FormatFloat(shown.Amount, 'g', -1,
				64)}, Unit: string(shown.Unit), Mark: markOfCheck(p, c, seen)})
		v.count(seen)
	}
	for i, x := range ledger.Conditions(p) {
		c, seen := inForce[x.Part]
		v.Conditions = append(v.Conditions, checkCondition{Name: "c" + strconv.Itoa(i), Title: x.Title,
			Mark: markOfCondition(p, c, seen), part: x.Part})
		v.count(seen)
	}
	return v
}

// markOfCondition is the mark of what binds beside the table: a copy that says otherwise does not
// relax it.
func markOfCondition(p *procedure.Procedure, c ledger.Check, seen bool) sourceMark {
	if seen && c.Status == ledger.Absent {
		return sourceMark{"otherwise in the copy of " + c.By + ", " + c.On + ": kept, as the stricter", true}
	}
	return markOfCheck(p, c, seen)
}

var statusWords = map[string]string{ledger.Same: "the same", ledger.Differs: "differs",
	ledger.Absent: "not in the copy"}

func withValues(v string) string {
	if v == "" {
		return ""
	}
	return ", " + v
}

// signedWords says of a check of another kitchen's who of this one stands for it.
func signedWords(c ledger.Check) string {
	switch c.Signed {
	case c.By:
		return ""
	case "":
		return ", from a ledger that was taken in"
	}
	return ", signed here by " + c.Signed
}

func pageWords(p string) string {
	if p == "" {
		return ""
	}
	return ", page " + p
}

func markOfCheck(p *procedure.Procedure, c ledger.Check, seen bool) sourceMark {
	if !seen {
		return markOf(p.FromMemory, nil)
	}
	if c.Status == ledger.Absent {
		return sourceMark{"not in the copy of " + c.By + ", " + c.On + ": not used", true}
	}
	return markOf(p.FromMemory, &procedure.Checked{By: c.By, On: c.On, Changed: c.Status == ledger.Differs,
		Signed: c.Signed})
}

// bandName names an elevation band for a column.
func bandName(b procedure.Band) string {
	switch label := b.Label(); {
	case label == "0+":
		return "at any elevation"
	case strings.HasSuffix(label, "+"):
		return "above " + words.Thousands(b.Low-1) + " ft"
	default:
		return "to " + words.Thousands(b.High) + " ft"
	}
}

func (s *Pages) saveCheck(c *gin.Context) error {
	if !s.Form(c) {
		return nil
	}
	p, ok := s.checkable(c)
	if !ok {
		return nil
	}
	ctx := c.Request.Context()
	checks, err := s.Store.Checks(ctx)
	if err != nil {
		return err
	}
	v := s.viewCheck(p, checks)
	now := v.Seen
	if kit.SeenOf(c) != "" {
		v.Seen = kit.SeenOf(c)
	}
	added, bad := v.read(c.Request.PostForm, s.Today())
	refuse := func(status int, problem string) {
		v.Problem = problem
		s.Render(c, status, "check", kit.Page{Title: "Check: " + p.Title, Nav: "/library", Body: v})
	}
	if v.Seen != now {
		return s.checkedMeanwhile(c, p)
	}
	if problem := v.wrong(len(added), bad, c.Request.PostForm.Get("sure") != ""); problem != "" {
		refuse(http.StatusUnprocessableEntity, problem)
		return nil
	}
	if err := s.tryChecks(added); err != nil {
		refuse(http.StatusUnprocessableEntity, "These figures cannot stand together: "+err.Error()+".")
		return nil
	}
	at, err := s.Store.Once(ctx, kit.PrintOf(c), func(tx *store.Store) (string, error) {
		return "/library/" + p.ID + "/check?saved=" + strconv.Itoa(len(added)), tx.AddChecksOf(ctx, p.ID, added,
			kit.SeenOf(c))
	})
	switch {
	case errors.Is(err, store.ErrStale):
		return s.checkedMeanwhile(c, p)
	case err != nil:
		return err
	}
	if err := s.Shelves.Restock(ctx); err != nil {
		return err
	}
	c.Redirect(http.StatusSeeOther, at)
	return nil
}

// wrong says what is amiss with a form of so many checks; bad is true where a figure is none, sure where somebody has
// looked again.
func (v *checkView) wrong(added int, bad, sure bool) string {
	switch {
	case bad:
		return "Nothing is saved yet: mend what is marked below."
	case added == 0:
		return "Nothing was ticked or changed, so there is nothing to save."
	case v.By == "" || len(v.By) > kit.MaxText:
		v.ByWrong = true
		return "Say who you are: the name stays with what you checked."
	case v.Edition == "" || len(v.Edition) > kit.MaxText || len(v.Page) > kit.MaxText:
		v.EditionProblem = true
		return "Say which edition you hold, with its year."
	case len(v.Doubts) > 0 && !sure:
		return "Is that what your copy prints? These figures are unlike any that Damson expects. Look again; " +
			"if they are right, tick the box and save."
	}
	return ""
}

// checkedMeanwhile shows what was typed on a page over which somebody else has kept what they
// checked: a figure that is merely old would undo theirs.
func (s *Pages) checkedMeanwhile(c *gin.Context, p *procedure.Procedure) error {
	checks, err := s.Store.Checks(c.Request.Context())
	if err != nil {
		return err
	}
	v := s.viewCheck(p, checks)
	theirs := s.viewCheck(p, checks)
	v.read(c.Request.PostForm, s.Today())
	for i := range v.Rows {
		if was, is := theirs.Rows[i].figures(), v.Rows[i].figures(); was != is {
			v.Rows[i].Problem = "In force now: " + was + ". In your form: " + is + "."
		}
	}
	for i := range v.Amounts {
		if was, is := theirs.Amounts[i].Amount.Value, v.Amounts[i].Amount.Value; was != is {
			v.Amounts[i].Problem = "In force now: " + was + ". In your form: " + is + "."
		}
	}
	v.Doubts = nil
	v.Problem = "Somebody has checked this procedure since you opened the page. Nothing of yours is kept yet: where " +
		"your form says otherwise than what they kept, it is marked. Look again and send it."
	s.Render(c, http.StatusConflict, "check", kit.Page{Title: "Check: " + p.Title, Nav: "/library", Body: v})
	return nil
}

// figures are the row's figures in a line.
func (row *checkRow) figures() string {
	var out []string
	for _, list := range []struct {
		cells []checkCell
		unit  string
	}{{row.Minutes, " min"}, {row.PSI, " psi"}, {[]checkCell{row.Headspace}, " in headspace"}} {
		for _, cell := range list.cells {
			out = append(out, cell.Value+list.unit)
		}
	}
	return strings.Join(out, ", ")
}

// read takes the form into the view, with a problem beside what cannot be read, and returns
// the checks of today that it amounts to.
func (v *checkView) read(form url.Values, today string) (added []ledger.Check, bad bool) {
	get := func(name string) string { return strings.TrimSpace(form.Get(name)) }
	v.By, v.Edition, v.Page = get("by"), get("edition"), get("page")
	add := func(part, status, values string) {
		added = append(added, ledger.Check{Procedure: v.P.ID, Part: part, Status: status, Values: values,
			Edition: v.Edition, Page: v.Page, By: v.By, On: today, Signed: v.By})
	}
	for i := range v.Rows {
		row := &v.Rows[i]
		status, changed, err := row.read(v.P.Rows[i], get)
		row.Status = status
		if err != nil {
			row.Problem, bad = err.Error()+".", true
			continue
		}
		values := ""
		if status == ledger.Differs {
			values = ledger.RowValues(changed)
			v.Doubts = append(v.Doubts, named(row.Title, ledger.Doubts(v.P.Rows[i], changed))...)
		}
		if status != "" {
			add(ledger.RowPart(v.P.Rows[i]), status, values)
		}
	}
	for i := range v.Amounts {
		a := &v.Amounts[i]
		n, _ := strconv.Atoi(strings.TrimPrefix(a.Name, "i"))
		in := v.P.Ingredients[n]
		status, values, doubts, err := a.read(in, get)
		a.Status = status
		if err != nil {
			a.Problem, bad = err.Error()+".", true
			continue
		}
		if status != "" {
			v.Doubts = append(v.Doubts, named(a.Title, doubts)...)
			add(ledger.IngredientPart(in), status, values)
		}
	}
	for i := range v.Conditions {
		x := &v.Conditions[i]
		switch x.Status = get(x.Name); x.Status {
		case "":
		case ledger.Same, ledger.Absent:
			add(x.part, x.Status, "")
		default:
			x.Status = ""
		}
	}
	return added, bad
}

func named(title string, list []string) []string {
	var out []string
	for _, x := range list {
		out = append(out, title+": "+x)
	}
	return out
}

// tryChecks fails where the checks cannot be put into force.
func (s *Pages) tryChecks(checks []ledger.Check) error {
	var all []*procedure.Procedure
	sh := s.Shelves.Now()
	for _, p := range sh.Remembered {
		all = append(all, p)
	}
	sort.Slice(all, func(i, j int) bool { return all[i].ID < all[j].ID })
	_, _, err := ledger.Apply(all, checks)
	foods := sh.Lib.Foods
	for _, c := range checks {
		err = errors.Join(err, ledger.FoodFault(c, func(id string) bool {
			f := foods.ByID(id)
			return f != nil &&
				f.HasPH()
		}))
	}
	return err
}

// read returns what the form says of the row: nothing, the same, absent, or
// differs with its figures. A figure that was typed over counts as a difference.
func (row *checkRow) read(was procedure.Row, get func(string) string) (string, procedure.Row, error) {
	status := get(row.Name)
	is := was
	typed := false
	figures := func(cells []checkCell, bands procedure.Bands) (procedure.Bands, error) {
		out := append(procedure.Bands{}, bands...)
		for k := range cells {
			cell := &cells[k]
			before := cell.Value
			if v := get(cell.Name); v != "" {
				cell.Value = v
			}
			typed = typed || cell.Value != before
			n, err := strconv.Atoi(cell.Value)
			if err != nil || n <= 0 || n > 999 {
				return nil, fmt.Errorf("“%s” is no whole number of 1 to 999", cell.Value)
			}
			out[k].Value = n
		}
		return out, nil
	}
	var err1, err2, err3 error
	is.Minutes, err1 = figures(row.Minutes, was.Minutes)
	is.PSI, err2 = figures(row.PSI, was.PSI)
	if v := get(row.Headspace.Name); v != "" && v != row.Headspace.Value {
		row.Headspace.Value, typed = v, true
	}
	if is.HeadspaceIn, err3 = quantity.ParseFigure(row.Headspace.Value); err3 != nil || is.HeadspaceIn <= 0 ||
		is.HeadspaceIn > 4 {
		err3 = fmt.Errorf("headspace “%s” is no figure of 0 to 4 inches", row.Headspace.Value)
	}
	if err := errors.Join(err1, err2, err3); err != nil {
		return status, was, err
	}
	switch {
	case status == ledger.Absent:
		return status, was, nil
	case typed:
		return ledger.Differs, is, is.Rising()
	case status == ledger.Same && ledger.RowValues(is) != ledger.RowValues(was):
		return ledger.Differs, is, nil // the same as the value in force, which an earlier check changed
	case status == ledger.Same || status == "":
		return status, is, nil
	}
	return "", was, fmt.Errorf("“%s” is none of the choices", status)
}

func (a *checkAmount) read(in procedure.Ingredient, get func(string) string) (status, values string,
	doubts []string, err error) {
	status = get(a.Name)
	if v := get(a.Amount.Name); v != "" && v != a.Amount.Value {
		a.Amount.Value = v
		status = ledger.Differs
	}
	switch status {
	case "":
		return "", "", nil, nil
	case ledger.Same, ledger.Differs:
	default:
		return "", "", nil, fmt.Errorf("“%s” is none of the choices", status)
	}
	is, err := ledger.ReadAmount(in, a.Amount.Value+" "+string(in.Unit))
	if err != nil {
		return status, "", nil, err
	}
	if is.Amount == in.Amount {
		return ledger.Same, "", nil, nil
	}
	return ledger.Differs, ledger.AmountValues(is), ledger.AmountDoubts(in, is), nil
}
