package plan_test

import (
	"bytes"
	"context"
	"net/http"
	"net/url"
	"strings"
	"testing"
	"time"

	ics "github.com/arran4/golang-ical"
	"github.com/stretchr/testify/require"

	"damson/store"
	"damson/web/kit"
	"damson/web/webtest"
)

func TestPlanPages(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	body := func(path string) string {
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.Equal(t, http.StatusOK, w.Code, path)
		return w.Body.String()
	}
	page := body("/plan")
	require.Contains(t, page, "Dilly beans for the fair")
	require.Contains(t, page, "It is not clear yet, so there is no plan")
	page = body("/plan/1")
	require.Contains(t, page, "hold the dial at 13.5 psi, for the gauge reads 0.5 psi too high")
	require.Contains(t, page, "30 min, no less")
	require.Contains(t, page, "to 17:00")
	require.Contains(t, page, "Open the lid away from you")
	require.Contains(t, page, "°F cooler", "what a misread gauge would do")
	require.Contains(t, page, "Water over the jars: 1 in (25 mm)")
	require.Contains(t, page, "pints: steam canner, raw pack, 10 min", "the recipe names a water bath, the procedure offers steam too")
	page = body("/plan/1/quantities")
	require.Contains(t, page, "14 quarts in 2 loads (7 &#43; 7) of Big dial canner")
	require.Contains(t, page, "34 new lids")
	require.Contains(t, page, "16 × pint, regular mouth: 36 in the kitchen")
	require.Contains(t, page, "1 tsp to each jar")
	require.Contains(t, page, "Covering liquid")
	page = body("/plan/1/sheets")
	require.Equal(t, 4, strings.Count(page, `class="sheet runsheet"`), "a sheet a load")
	require.Contains(t, page, "If the pressure drops under 13.5 psi")
	require.Contains(t, page, "If the boil stops")

	// A new plan; bad input keeps what was typed.
	post := func(path string, f url.Values) (int, string, string) {
		w := webtest.Do(h, http.MethodPost, path, f)
		return w.Code, w.Body.String(), w.Header().Get("Location")
	}
	good := url.Values{"recipe9": {"yes"}, "jars9": {"9"}, "day": {"2026-12-05"}, "clock": {"8:30"}, "mode": {"start"}}
	with := func(k, v string) url.Values {
		f := url.Values{}
		for n, x := range good {
			f[n] = x
		}
		f.Set(k, v)
		return f
	}
	for want, f := range map[string]url.Values{"How many jars?": with("jars9", "0"), "how many jars?": with("jars9", "many"), "written like 2026-11-28": with("day", "Friday"), "written like 17:30": with("clock", "noon"), "Choose at least one recipe": with("recipe9", "")} {
		code, page, _ := post("/plan", f)
		require.Equal(t, http.StatusUnprocessableEntity, code, want)
		require.Contains(t, strings.ToLower(page), strings.ToLower(want))
	}
	code, _, to := post("/plan", good)
	require.Equal(t, http.StatusSeeOther, code)
	page = body(to)
	require.Contains(t, page, "from 08:30 to")
	require.Contains(t, page, "water bath")
	require.Contains(t, body(to+"/quantities"), "20¼ cups")

	// Plain fruit without sugar is offered every syrup.
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Pears\n15 lb pears, peeled, halved and cored\nboiling water\nBoil 5 minutes and pack hot into quarts, 1/2 inch headspace, covered with the boiling water."}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	id := strings.TrimPrefix(w.Header().Get("Location"), "/recipes/")
	_, _, to = post("/plan", url.Values{"recipe" + id: {"yes"}, "jars" + id: {"7"}, "day": {"2026-12-05"}, "clock": {"8:30"}})
	require.Contains(t, body(to+"/quantities"), "very light (about 10 %)")

	// Raw against hot, and a steam canner for too long.
	w = webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Whole tomatoes\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\nboiling water\nFill quarts and cover with boiling water, 1/2 inch headspace."}})
	id = strings.TrimPrefix(w.Header().Get("Location"), "/recipes/")
	_, _, to = post("/plan", url.Values{"recipe" + id: {"yes"}, "jars" + id: {"7"}, "day": {"2036-12-05"}, "clock": {"18:30"}})
	page = body(to)
	require.Contains(t, page, "Raw or hot: raw pack is quicker")
	require.Contains(t, page, "a steam canner boils dry after 45 minutes")
	require.Contains(t, page, "Water over the jars: 2 in (51 mm)")
	require.NotContains(t, page, "which is past")
	_, _, to = post("/plan", url.Values{"recipe" + id: {"yes"}, "jars" + id: {"90"}, "day": {time.Now().Format(kit.DayLayout)}, "clock": {"23:59"}})
	require.Contains(t, body(to), "which is past")

	// A recipe that is not clear has no plan, and the page says what is missing.
	_, _, to = post("/plan", url.Values{"recipe11": {"yes"}, "jars11": {"7"}, "day": {"2026-12-05"}, "clock": {"8:30"}})
	page = body(to)
	require.Contains(t, page, "No plan")
	require.Contains(t, page, "leave the butter out")
	require.NotContains(t, page, "data-chart")
	require.Equal(t, http.StatusConflict, webtest.Do(h, http.MethodGet, to+"/files/plan.ics", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/plan/99", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/plan/1/files/other", nil).Code)

	// Another way: the weighted canner, wide mouths, prepared the evening before.
	p, err := st.Plan(context.Background(), 1)
	require.NoError(t, err)
	d := p.Dishes[0]
	id = string(rune('0' + d.ID))
	second := string(rune('0' + p.Dishes[1].ID))
	f := url.Values{"day": {"2026-12-06"}, "clock": {"16:00"}, "mode": {"done"}, "jars" + id: {"9"}, "wide" + id: {"yes"}, "before" + id: {"yes"}, "process" + id: {"pressure|weighted|quart|hot|15|"}, "jars" + second: {"9"}}
	code, _, _ = post("/plan/1", f)
	require.Equal(t, http.StatusSeeOther, code)
	page = body("/plan/1")
	require.Contains(t, page, "Saturday 5 December", "the evening before")
	require.Contains(t, page, "heated to the boil again")
	require.Contains(t, body("/plan/1/quantities"), "of Weighted canner")
	require.Contains(t, body("/plan/1/quantities"), "wide mouth")
	f.Set("jars"+id, "x")
	code, page, _ = post("/plan/1", f)
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "How many jars?")
	f.Set("jars"+id, "9")
	f.Set("drop"+id, "yes")
	f.Set("drop"+second, "yes")
	code, _, _ = post("/plan/1", f)
	require.Equal(t, http.StatusUnprocessableEntity, code)
	code, _, _ = post("/plan/1/delete", nil)
	require.Equal(t, http.StatusSeeOther, code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, "/plan/1", nil).Code)
}

// A moved piece is kept, and what no longer fits is told where it is.
func TestPlanMoves(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	move := func(piece, minutes string) (int, string) {
		w := webtest.Do(h, http.MethodPost, "/plan/1/move", url.Values{"piece": {piece}, "minutes": {minutes}})
		return w.Code, w.Body.String()
	}
	code, page := move("0.1", "60")
	require.Equal(t, http.StatusOK, code)
	require.Contains(t, page, "class=\"plain clashes\"")
	require.Contains(t, page, "is in use")
	require.Contains(t, webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String(), "Some pieces were moved by hand")
	code, page = move("0.1", "-60")
	require.Equal(t, http.StatusOK, code)
	require.NotContains(t, page, "clashes")
	code, _ = move("7.7", "5")
	require.Equal(t, http.StatusNotFound, code)
	// Off the chart nobody could take hold of it again: it stays.
	for _, far := range []string{"-1440", "1440", "1440", "1440"} {
		code, page = move("0.1", far)
		require.Equal(t, http.StatusOK, code)
		require.Contains(t, page, `data-task="0.1.process"`, far)
	}
	require.Contains(t, page, "it stays where it was")
	code, _ = move("0.1", "99999")
	require.Equal(t, http.StatusUnprocessableEntity, code)
}

// What a load took is noted, and the next plan goes by it.
func TestTookIsNoted(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	require.Contains(t, webtest.Do(h, http.MethodGet, "/plan/1/sheets", nil).Body.String(), "Note what it took")
	post := func(f url.Values) int { return webtest.Do(h, http.MethodPost, "/plan/1/took", f).Code }
	for range 4 { // more often than the runs of the demo took their own time
		require.Equal(t, http.StatusSeeOther, post(url.Values{"canner": {"1"}, "rise": {"23"}, "down-large": {"71"}, "process": {"2"}}))
	}
	require.Equal(t, http.StatusUnprocessableEntity, post(url.Values{"canner": {"1"}, "rise": {"soon"}}))
	require.Equal(t, http.StatusUnprocessableEntity, post(url.Values{"canner": {"44"}, "rise": {"5"}}))
	page := webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String()
	require.Contains(t, page, "23 min")
	require.Contains(t, page, "71 min")
	require.Contains(t, page, "30 min, no less", "the tested minutes stay")
	require.Contains(t, page, "23 min (", "and of how many loads it is known stands there")
	require.Contains(t, page, "by 7 loads)")
}

// Water and heat that a load took stand beside what is reckoned, and in what a jar costs.
func TestSpentGoesBack(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	plain := webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String()
	require.Contains(t, plain, "a load at the burner")
	for _, run := range []string{"2", "3"} {
		w := webtest.Do(h, http.MethodPost, "/stove/"+run+"/spent", url.Values{"water": {"4"}, "unit": {"qt"}, "heat": {"9"}, "fuel": {"kwh"}})
		require.Contains(t, []int{http.StatusSeeOther, http.StatusConflict}, w.Code)
	}
	page := webtest.Do(h, http.MethodGet, "/plan/1", nil).Body.String()
	require.Contains(t, page, "took 3.5 qt (3.0 to 4.0) of water in 2 loads")
	require.Contains(t, page, " for one like this by 2 loads")
}

// The calendar is read back: every step, and the seal check of the next day.
func TestCalendar(t *testing.T) {
	s, _ := webtest.New(t, true)
	w := webtest.Do(s.Handler(), http.MethodGet, "/plan/1/files/plan.ics", nil)
	require.Equal(t, http.StatusOK, w.Code)
	for _, line := range strings.Split(strings.TrimSuffix(w.Body.String(), "\r\n"), "\r\n") {
		require.LessOrEqual(t, len(line), 75, "lines are folded at 75 octets (RFC 5545, 3.1)")
	}
	cal, err := ics.ParseCalendar(w.Body)
	require.NoError(t, err)
	events := cal.Events()
	require.Greater(t, len(events), 30)
	process, checks := 0, 0
	var last, sealed time.Time
	for _, e := range events {
		start, err := e.GetStartAt()
		require.NoError(t, err)
		end, err := e.GetEndAt()
		require.NoError(t, err)
		require.True(t, end.After(start))
		text := e.GetProperty(ics.ComponentPropertySummary).Value
		switch {
		case strings.HasPrefix(text, "Process "):
			process++
		case strings.HasPrefix(text, "Check the seals"):
			checks++
			sealed = start
		case strings.HasPrefix(text, "Lift the jars"):
			last = end
		}
	}
	require.Equal(t, 4, process)
	require.Equal(t, 4, checks)
	require.GreaterOrEqual(t, sealed.Sub(last), 12*time.Hour)
}

func TestRunSheetsAsPDF(t *testing.T) {
	s, _ := webtest.New(t, true)
	w := webtest.Do(s.Handler(), http.MethodGet, "/plan/1/files/runsheets.pdf", nil)
	require.Equal(t, "application/pdf", w.Header().Get("Content-Type"))
	require.True(t, bytes.HasPrefix(w.Body.Bytes(), []byte("%PDF-")))
	require.Contains(t, w.Body.String(), "/Count 4", "a page a load")
}

func TestEquipmentPage(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	post := func(path string, f url.Values) (int, string) {
		w := webtest.Do(h, http.MethodPost, path, f)
		return w.Code, w.Body.String()
	}
	good := url.Values{"name": {"Old pot"}, "kind": {"pressure"}, "gauge": {"dial"}, "quarts": {"7"}, "pints": {"9"}, "halfpints": {"9"}, "layers": {"1"}, "tested": {"2020-01-01"}, "high": {"1"}, "rack": {"yes"}}
	with := func(pairs ...string) url.Values {
		f := url.Values{}
		for n, x := range good {
			f[n] = x
		}
		for i := 0; i < len(pairs); i += 2 {
			f.Set(pairs[i], pairs[i+1])
		}
		return f
	}
	for want, f := range map[string]url.Values{
		"This is no canner": with("kind", "other"), "at least four quart jars": with("quarts", "3"), "No home canner holds": with("pints", "90"), "is no number": with("quarts", "seven"), "is no number of quarts": with("water", "NaN"), "“Inf” is no number": with("high", "Inf"),
		"What is the canner called": with("name", ""), "A day is written": with("tested", "last May"), "Is it a dial": with("gauge", ""), "no longer in the kitchen": with("id", "77"),
	} {
		code, page := post("/canners", f)
		require.Equal(t, http.StatusUnprocessableEntity, code, want)
		require.Contains(t, page, want, want)
	}
	code, _ := post("/canners", good)
	require.Equal(t, http.StatusSeeOther, code)
	page := webtest.Do(h, http.MethodGet, "/kitchen", nil).Body.String()
	require.Contains(t, page, "more than a year ago")
	require.Contains(t, page, "for 11 psi hold 12")
	// An electric canner may be entered; it says why it gets no load.
	code, _ = post("/canners", with("kind", "electric", "name", "Plug-in"))
	require.Equal(t, http.StatusSeeOther, code)
	require.Contains(t, webtest.Do(h, http.MethodGet, "/kitchen", nil).Body.String(), "by its own programme")
	// A gauge that is off by three is entered, and refused a load.
	code, _ = post("/canners", with("high", "3", "name", "Off"))
	require.Equal(t, http.StatusSeeOther, code)
	require.Contains(t, webtest.Do(h, http.MethodGet, "/kitchen", nil).Body.String(), "replaced, not corrected")
	code, _ = post("/canners/5/delete", nil)
	require.Equal(t, http.StatusSeeOther, code)
	code, _ = post("/canners/55/delete", nil)
	require.Equal(t, http.StatusNotFound, code)

	code, _ = post("/stock", url.Values{"rquart": {"12"}, "wpint": {"6"}, "burners": {"2"}, "lidsregular": {"40"}})
	require.Equal(t, http.StatusSeeOther, code)
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	require.Equal(t, 2, k.Burners)
	jars, err := st.JarStocks(context.Background())
	require.NoError(t, err)
	require.Equal(t, []store.JarStock{{Size: "pint", Wide: true, Count: 6}, {Size: "quart", Count: 12}}, jars)
	code, page = post("/stock", url.Values{"rquart": {"a few"}, "burners": {"2"}})
	require.Equal(t, http.StatusUnprocessableEntity, code)
	require.Contains(t, page, "How many quarts?")
	require.Contains(t, page, "a few")
}
