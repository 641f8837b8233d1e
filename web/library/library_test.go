package library_test

import (
	"context"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/ledger"
	"damson/web"
	"damson/web/kit"
	"damson/web/webtest"
)

// TestSearchOfEverydayWords: words lead to pages too, and only a food is told to have no procedure.
func TestSearchOfEverydayWords(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	for q, want := range map[string]string{"jar lifter": "/kitchen", "pH meter": "/acidity/log", "canning day": "/plan", "acidity": "/acidity", "check sheet": "/check", "my book": "/procedures/new", "glass top": "/rules/E17"} {
		found := webtest.Get(h, "/search?q="+url.QueryEscape(q))
		first := found[strings.Index(found, "<a "):]
		require.Contains(t, first[:min(len(first), 120)], `"`+want+`"`, q)
	}
	require.NotContains(t, webtest.Get(h, "/search?q=carburettor"), "tested procedure")
	require.Contains(t, webtest.Get(h, "/search?q="+url.QueryEscape("turnip marmalade")), "no tested procedure")
}

// checkForm is the form of plums with who, edition and page filled in.
func checkForm(more ...string) url.Values {
	f := url.Values{"by": {"Ines Okafor"}, "edition": {"Complete Guide, revised 2015"}, "page": {"2-26"}}
	for i := 0; i+1 < len(more); i += 2 {
		f.Set(more[i], more[i+1])
	}
	return f
}

func TestCheckAgainstPrint(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	require.Contains(t, webtest.Get(h, "/library/plums"), "0 of 12 values checked")
	require.Contains(t, webtest.Get(h, "/library/plums/check"), "from memory")

	// Ticked as the same: the mark changes, the value stays.
	w := webtest.Do(h, http.MethodPost, "/library/plums/check", checkForm("r0", "same"))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body.String())
	page := webtest.Get(h, "/library/plums")
	require.Contains(t, page, "1 of 12 values checked")
	require.Contains(t, page, "checked by Ines Okafor")

	// Typed over: in force in this kitchen, the earlier one in the history.
	w = webtest.Do(h, http.MethodPost, "/library/plums/check", checkForm("r0m0", "25", "r0m1", "30", "r0m2", "35", "r0m3", "40"))
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body.String())
	p := s.Shelves.Now().Lib.Procedures.ByID("plums")
	require.Equal(t, 25, p.Rows[0].Minutes[0].Value)
	require.Equal(t, 20, webtest.Shipped.Procedures.ByID("plums").Rows[0].Minutes[0].Value, "what ships is untouched")
	page = webtest.Get(h, "/library/plums/check")
	require.Contains(t, page, "changed to the copy of Ines Okafor")
	require.Contains(t, page, "25/30/35/40 min")
	require.Contains(t, page, "history")

	// A row that the copy does not print is not used any more.
	rows := len(p.Rows)
	w = webtest.Do(h, http.MethodPost, "/library/plums/check", checkForm("r1", "absent"))
	require.Equal(t, http.StatusSeeOther, w.Code)
	require.Len(t, s.Shelves.Now().Lib.Procedures.ByID("plums").Rows, rows-1)

	// The next server on the same data has it all.
	again, err := web.New(context.Background(), st, webtest.Shipped, nil)
	require.NoError(t, err)
	require.Equal(t, 25, again.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value)
}

// Bad input gets a message, and nothing typed is lost.
func TestCheckRefuses(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	for name, c := range map[string]struct {
		form url.Values
		want string
	}{
		"nobody":         {checkForm("by", "", "r0", "same"), "Say who you are"},
		"no edition":     {checkForm("edition", "", "r0", "same"), "Say which edition"},
		"nothing":        {checkForm(), "nothing to save"},
		"no number":      {checkForm("r0m0", "soon"), "“soon” is no whole number"},
		"falls":          {checkForm("r0m3", "5"), "falls"},
		"far away":       {checkForm("r0m0", "200", "r0m1", "205", "r0m2", "210", "r0m3", "215"), "Is that what your copy prints"},
		"headspace":      {checkForm("r0h", "9"), "no figure of 0 to 4 inches"},
		"unknown choice": {checkForm("r0", "perhaps"), "none of the choices"},
	} {
		w := webtest.Do(h, http.MethodPost, "/library/plums/check", c.form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, name)
		require.Contains(t, w.Body.String(), c.want, name)
		if v := c.form.Get("r0m0"); v != "" {
			require.Contains(t, w.Body.String(), `value="`+v+`"`, name)
		}
	}
	list, err := st.Checks(context.Background())
	require.NoError(t, err)
	require.Empty(t, list)
	// Looked at again and confirmed, the odd figure is taken.
	form := checkForm("r0m0", "200", "r0m1", "205", "r0m2", "210", "r0m3", "215", "sure", "1")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/library/plums/check", form).Code)
	require.Equal(t, 200, s.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Minutes[0].Value)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodPost, "/library/cake/check", checkForm()).Code)
}

// A review says on which rows from memory it rests, and the checked ones are
// not among them.
func TestReviewSaysWhatItRestsOn(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Plums\n5 lb plums, halved\nwater\nPack hot in pints."}, "method": {"water-bath"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	page := webtest.Get(h, w.Header().Get("Location"))
	require.Contains(t, page, "It rests on 1 of 1 rows that nobody has checked against print")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/library/plums/check", checkForm("r0", "same")).Code)
	require.Contains(t, webtest.Get(h, w.Header().Get("Location")), "Every row it rests on was checked against print")
}

func TestLedgerTravels(t *testing.T) {
	a, _ := webtest.New(t, false)
	ha := a.Handler()
	require.Equal(t, http.StatusSeeOther, webtest.Do(ha, http.MethodPost, "/library/plums/check", checkForm("r0", "same", "r2m0", "30", "r2m1", "30")).Code)
	file := webtest.Get(ha, "/check/ledger.csv")
	require.Equal(t, 3, strings.Count(file, "\n"), file)

	b, st := webtest.New(t, false)
	hb := b.Handler()
	w := webtest.Send(hb, "/check/ledger", "ledger", file)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body.String())
	require.Equal(t, "/check?imported=2", w.Header().Get("Location"))
	require.NotNil(t, b.Shelves.Now().Lib.Procedures.ByID("plums").Rows[0].Checked)
	require.Equal(t, "/check?imported=0", webtest.Send(hb, "/check/ledger", "ledger", file).Header().Get("Location"), "what is here is not taken twice")
	require.Contains(t, webtest.Get(hb, "/check"), "2 of ")

	for content, want := range map[string]string{
		"a,b\n": "the heading must be",
		strings.Join(ledger.Columns, ",") + "\ncake,row:x,same,,2015,,Ines,2026-11-25\n":  "no procedure",
		strings.Join(ledger.Columns, ",") + "\nplums,row:x,same,,2015,,Ines,2026-11-25\n": "plums has no part &#34;row:x&#34;",
		strings.Repeat("x", kit.MaxUpload+1):                                              "larger than",
	} {
		w := webtest.Send(hb, "/check/ledger", "ledger", content)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code)
		require.Contains(t, w.Body.String(), want)
	}
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Send(hb, "/check/ledger", "other", "x").Code)
	list, err := st.Checks(context.Background())
	require.NoError(t, err)
	require.Len(t, list, 2)
}

// ownForm1 is a procedure as an educator types it from a bulletin.
func ownForm1(more ...string) url.Values {
	f := url.Values{"rows": {"6"}, "title": {"Quince in light syrup"}, "names": {"canned quince"}, "source": {"An invented bulletin, 2020"}, "section": {"p. 4"}, "by": {"Ines"},
		"class": {"fruit"}, "product": {"plain"}, "acidity": {"acid"},
		"name0": {"quinces, peeled and sliced"}, "food0": {"quince"}, "role0": {"main"}, "name1": {"water"}, "role1": {"liquid"}, "name2": {"sugar"}, "role2": {"sugar"}, "optional2": {"1"},
		"need0": {"peeled"}, "needtext0": {"Peel and core."},
		"method0": {"water-bath"}, "pack0": {"hot"}, "jar0": {"pint"}, "headspace0": {"0.5"}, "minutes0": {"25/30/35/40"}}
	for i := 0; i+1 < len(more); i += 2 {
		f.Set(more[i], more[i+1])
	}
	return f
}

func TestOwnProcedure(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	recipe := url.Values{"text": {"Quince\n5 lb quinces, peeled and sliced\nwater\nPack hot in pints."}}
	w := webtest.Do(h, http.MethodPost, "/recipes", recipe)
	before := webtest.Get(h, w.Header().Get("Location"))
	require.NotContains(t, before, "25 min")

	added := webtest.Do(h, http.MethodPost, "/procedures", ownForm1())
	require.Equal(t, http.StatusSeeOther, added.Code, added.Body.String())
	path := added.Header().Get("Location")
	page := webtest.Get(h, path)
	require.Contains(t, page, "added by this kitchen")
	require.Contains(t, page, "An invented bulletin, 2020")
	require.NotContains(t, page, `class="seen">from memory`, "it was typed from print")
	require.Contains(t, webtest.Get(h, w.Header().Get("Location")), "Quince in light syrup", "the review compares with it at once")

	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/procedures", ownForm1()).Code, "the same title again")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, path+"/delete", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, path, nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodPost, "/library/plums/delete", nil).Code, "what ships stays")
}

func TestOwnProcedureRefuses(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	for name, c := range map[string]struct {
		form url.Values
		want string
	}{
		"no source":        {ownForm1("source", ""), "no source, no procedure"},
		"no food":          {ownForm1("food0", "snurfle"), "no food “snurfle”"},
		"no role":          {ownForm1("role1", ""), "say what “water” is for"},
		"no main":          {ownForm1("role0", "extra"), "what the product is made of"},
		"no acid":          {ownForm1("acidity", "acidified"), "needs the acid"},
		"three and a half": {ownForm1("minutes0", "25/30"), "has 2 figures"},
		"falling":          {ownForm1("minutes0", "25/20/35/40"), "falls"},
		"low-acid bath":    {ownForm1("acidity", "low-acid"), "no water-bath process"},
		"no rows":          {ownForm1("method0", "", "minutes0", ""), "at least one row"},
		"odd headspace":    {ownForm1("headspace0", "2"), "none that a source uses"},
		"gauge missing":    {ownForm1("method0", "pressure", "minutes0", "10", "psi0", "6/7/8/9"), "gauge"},
	} {
		w := webtest.Do(h, http.MethodPost, "/procedures", c.form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, name)
		require.Contains(t, w.Body.String(), c.want, name)
		require.Contains(t, w.Body.String(), "quinces, peeled and sliced", "%s: what was typed is kept", name)
	}
	more := webtest.Do(h, http.MethodPost, "/procedures", ownForm1("more", "1"))
	require.Equal(t, http.StatusOK, more.Code)
	require.Contains(t, more.Body.String(), `name="name11"`)
	require.Contains(t, more.Body.String(), "quinces, peeled and sliced")
}

const ownFile = `source: An invented bulletin, 2020
procedures:
  - id: own-quince
    title: Quince, canned
    class: fruit
    product: plain
    acidity: acid
    section: p. 4
    ingredients:
      - {name: quinces, same: [quince], role: main}
    processes:
      - {method: water-bath, packs: [hot], jars: [pint], headspace: 0.5, minutes: [25, 30, 35, 40]}
`

func TestOwnProcedureFile(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	w := webtest.Send(h, "/procedures/file", "file", ownFile)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body.String())
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/library/own-quince", nil).Code, "a file puts nothing into force")
	waits := webtest.Get(h, "/check")
	require.Contains(t, waits, "Quince, canned")
	require.Contains(t, waits, "not in force")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Send(h, "/procedures/file", "file", ownFile).Code, "it waits already")
	for _, f := range []url.Values{{}, {"by": {"Ines"}}, {"seen": {"1"}}, {"by": {strings.Repeat("x", 500)}, "seen": {"1"}}} {
		require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/procedures/own-quince/sign", f).Code)
	}
	sign := url.Values{"by": {"Ines"}, "seen": {"1"}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/procedures/own-quince/sign", sign).Code)
	require.Equal(t, http.StatusConflict, webtest.Do(h, http.MethodPost, "/procedures/own-quince/sign", sign).Code)
	require.Contains(t, webtest.Get(h, "/library/own-quince"), "Quince, canned")
	for name, c := range map[string]struct{ from, to, want string }{
		"field":     {"role: main", "roll: main", "line 10"},
		"food":      {"same: [quince]", "same: [quinze]", "your file:3"},
		"source":    {"source: An invented bulletin, 2020\n", "", "source and section are needed"},
		"taken":     {"id: own-quince", "id: plums", "the id of another procedure"},
		"no YAML":   {"procedures:", "procedures: [", "did not find"},
		"falling":   {"[25, 30, 35, 40]", "[25, 20, 35, 40]", "falls"},
		"no acid":   {"[quince]", "[snap-bean]", "has a pH of"},
		"low water": {"acidity: acid\n", "acidity: low-acid\n", "no water-bath process"},
	} {
		w := webtest.Send(h, "/procedures/file", "file", strings.Replace(ownFile, c.from, c.to, 1))
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, name)
		require.Contains(t, w.Body.String(), c.want, name)
	}
}

func TestDebatedChoice(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/debated", url.Values{"point": {"unsealed"}, "choice": {"Refrigerate or freeze"}}).Code)
	require.Contains(t, webtest.Get(h, "/debated"), "kept: Refrigerate or freeze")
	for _, f := range []url.Values{{"point": {"unsealed"}, "choice": {"Eat it"}}, {"point": {"venting"}, "choice": {"5 minutes"}}, {"point": {"x"}}} {
		require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/debated", f).Code)
	}
}

func TestSearchAnswersAsOneTypes(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	require.Contains(t, webtest.Get(h, "/search?q=courg"), "/without/no-summer-squash")
	require.Contains(t, webtest.Get(h, "/search?q=zzzz"), "Nothing by")
	require.NotContains(t, webtest.Get(h, "/search?q=%3Cscript%3E"), "<script>")
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, "/search?q="+url.QueryEscape(strings.Repeat("é", 5000)), nil).Code)
	require.Contains(t, webtest.Get(h, "/library?q=dilly"), "Pickled dilled beans", "without a script too")
}

// Every procedure, food, rule and entry has a page.
func TestEveryLibraryPage(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	lib := s.Shelves.Now().Lib
	ok := func(path string) {
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.Equal(t, http.StatusOK, w.Code, path)
		require.NotContains(t, w.Body.String(), "%!", path)
	}
	for _, p := range lib.Procedures.All() {
		ok("/library/" + p.ID)
		ok("/library/" + p.ID + "/check")
	}
	for _, f := range lib.Foods.All() {
		ok("/foods/" + f.ID)
	}
	for _, e := range lib.Book.Entries {
		ok("/rules/" + e.ID)
	}
	for _, u := range lib.Book.Unprocessed {
		ok("/without/" + u.ID)
	}
	for _, path := range []string{"/foods/x", "/rules/x", "/without/x", "/library/x/check"} {
		require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, path, nil).Code, path)
	}
}
