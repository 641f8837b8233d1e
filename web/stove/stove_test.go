package stove

import (
	"context"
	"encoding/csv"
	"encoding/json"
	"fmt"
	"mime/multipart"
	"net/http"
	"net/http/httptest"
	"net/url"
	"regexp"
	"strconv"
	"strings"
	"testing"
	"time"

	ics "github.com/arran4/golang-ical"
	"github.com/gin-gonic/gin"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/app"
	"damson/core/canner"
	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/run"
	"damson/store"
	"damson/web/kit"
	"damson/web/kit/kittest"
)

// desk is a desk with one clear recipe and one that is not.
type desk struct{}

func (desk) Offer(_ context.Context, recipe int64, jars int, _ bool) (app.Offer, error) {
	o := app.Offer{Recipe: store.Recipe{ID: recipe, Title: "Carrots <b>"}, Version: 2, Procedure: "Carrots", Source: "a guide", Class: "low-acid", Kitchen: store.Kitchen{ID: 1, Name: "Here", ElevationFt: 5240},
		Canners: []plan.Canner{{ID: 4, Canner: canner.Canner{Name: "Big dial canner", Kind: canner.Pressure, Gauge: canner.Dial, Quarts: 7, Pints: 9, ReadsHigh: 0.5, Layers: 1}}}}
	p := procedure.Process{Method: procedure.Pressure, Gauge: "dial", Jar: "quart", Pack: "hot", Minutes: 30, PSI: 13, HeadspaceIn: 1}
	other := p
	other.Gauge = "weighted"
	switch recipe {
	case 1:
		o.Options = []plan.Option{{Process: p, Canner: 0, Reading: 13.5, Why: "the gauge reads 0.5 psi too high"}, {Process: other, Canner: -1, Not: "no pressure canner with this gauge in this kitchen"}}
	case 3, 4:
		o.Recipe.Title, o.Procedure, o.Class = "Plums", "Plums, halved", "acid"
		q := procedure.Process{Method: procedure.Pressure, Gauge: "dial", Jar: "pint", Pack: "hot", Minutes: 40, PSI: 13, HeadspaceIn: 0.5}
		if recipe == 4 {
			q.PSI = 8
		}
		o.Options = []plan.Option{{Process: q, Canner: 0, Reading: 13.5}}
	case 2:
		o.Missing = "It is not clear yet, so there is no plan."
	default:
		return o, store.ErrNotFound
	}
	return o, nil
}

func (desk) Clear(context.Context) ([]store.Recipe, error) {
	return []store.Recipe{{ID: 1, Title: "Carrots <b>"}}, nil
}

func (desk) Table() *plan.Table {
	return &plan.Table{Fuels: []plan.Fuel{{ID: "kwh", Name: "kWh of electricity", KWh: 1}, {ID: "lb", Name: "lb of propane", KWh: 6.3}}}
}

type place struct {
	t  *testing.T
	h  http.Handler
	st *store.Store
}

func newPlace(t *testing.T) place {
	t.Helper()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	frame, err := kit.New(st, func(s string) string { return s }, Templates)
	require.NoError(t, err)
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	New(frame, app.NewStove(st, app.NewClock()), st, desk{}).Routes(g)
	return place{t, g, st}
}

func (p place) get(path string) (int, string) {
	w := httptest.NewRecorder()
	p.h.ServeHTTP(w, httptest.NewRequest(http.MethodGet, path, http.NoBody))
	return w.Code, kittest.Flat(w.Body.String())
}

func (p place) post(path string, pairs ...string) (int, string) {
	p.t.Helper()
	form := url.Values{}
	for i := 0; i+1 < len(pairs); i += 2 {
		form.Add(pairs[i], pairs[i+1])
	}
	r := httptest.NewRequest(http.MethodPost, path, strings.NewReader(form.Encode()))
	r.Header.Set("Content-Type", "application/x-www-form-urlencoded")
	w := httptest.NewRecorder()
	p.h.ServeHTTP(w, r)
	return w.Code, kittest.Flat(w.Body.String())
}

// has and hasNot look for words in a page, and do not print the page.
func has(t *testing.T, body, want string, more ...any) {
	t.Helper()
	assert.True(t, strings.Contains(body, want), append([]any{"missing: " + want}, more...)...)
}

func hasNot(t *testing.T, body, want string, more ...any) {
	t.Helper()
	assert.False(t, strings.Contains(body, want), append([]any{"too much: " + want}, more...)...)
}

const dialWay = "pressure|dial|quart|hot|13|"

func TestStart(t *testing.T) {
	p := newPlace(t)
	_, body := p.get("/stove")
	has(t, body, "Nothing is on the stove")
	_, body = p.get("/stove/new")
	has(t, body, "Carrots &lt;b&gt;")
	_, body = p.get("/stove/new?recipe=1")
	has(t, body, "hold this dial at 13.5 psi: the gauge reads 0.5 psi too high")
	has(t, body, `value="7"`, "as many jars as it takes")
	has(t, body, "no pressure canner with this gauge")
	_, body = p.get("/stove/new?recipe=2")
	has(t, body, "not clear yet")
	hasNot(t, body, "Put it on the stove")
	code, _ := p.get("/stove/new?recipe=9")
	assert.Equal(t, http.StatusNotFound, code)

	for what, pairs := range map[string][]string{
		"not clear yet":     {"recipe", "2", "way", dialWay, "jars", "7"},
		"one of the ways":   {"recipe", "1", "way", "pressure|weighted|quart|hot|13|", "jars", "7"},
		"takes 7 quarts":    {"recipe", "1", "way", dialWay, "jars", "8"},
		"is no number":      {"recipe", "1", "way", dialWay, "jars", "seven"},
		"“-3” is no number": {"recipe", "1", "way", dialWay, "jars", "-3"},
	} {
		code, body := p.post("/stove", pairs...)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
	}
	runs, err := p.st.Runs(context.Background(), 9)
	require.NoError(t, err)
	require.Empty(t, runs, "nothing goes on that is refused")

	for range 2 { // the same form twice puts it on once
		code, _ = p.post("/stove", "recipe", "1", "way", dialWay, "jars", "7", "once", "a")
		assert.Equal(t, http.StatusSeeOther, code)
	}
	runs, err = p.st.Runs(context.Background(), 9)
	require.NoError(t, err)
	require.Len(t, runs, 1)
	assert.Equal(t, []any{13, 13.5, "dial", 10, "low-acid", 2, int64(4)}, []any{runs[0].PSI, runs[0].Hold, runs[0].Gauge, runs[0].Vent, runs[0].Class, runs[0].Version, runs[0].CannerID})
	assert.InDelta(t, 202.4, runs[0].BoilF, 0.1)
}

// Two recipes of one pressure go on together, by the longer time; what does not fit is refused.
func TestTogether(t *testing.T) {
	p := newPlace(t)
	const plums = "pressure|dial|pint|hot|13|"
	link := "/stove/new?recipe=1&way=" + url.QueryEscape(dialWay) + "&jars=4&with=" + url.QueryEscape(app.Company{Recipe: 3, Jars: 3, Way: plums}.String())
	_, body := p.get(link)
	has(t, body, "Together with")
	has(t, body, "3 pints of Plums, which need 40 min by themselves")
	for what, with := range map[string]string{
		"does not go into the same canner": app.Company{Recipe: 4, Jars: 3, Way: "pressure|dial|pint|hot|8|"}.String(),
		"cannot be done that way":          app.Company{Recipe: 3, Jars: 3, Way: "pressure|dial|pint|raw|13|"}.String(),
		"do not go into Big dial canner":   app.Company{Recipe: 3, Jars: 4, Way: plums}.String(),
		"not clear yet":                    app.Company{Recipe: 2, Jars: 3, Way: plums}.String(),
		"not on the desk any more":         app.Company{Recipe: 9, Jars: 3, Way: plums}.String(),
		"not known any more":               "3:many:" + plums,
	} {
		code, body := p.post("/stove", "recipe", "1", "way", dialWay, "jars", "4", "with", with)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
	}
	code, _ := p.post("/stove", "recipe", "1", "way", dialWay, "jars", "4", "with", app.Company{Recipe: 3, Jars: 3, Way: plums}.String(), "once", "k")
	require.Equal(t, http.StatusSeeOther, code)
	runs, err := p.st.Runs(context.Background(), 9)
	require.NoError(t, err)
	require.Len(t, runs, 1)
	r := &runs[0]
	assert.Equal(t, []any{40, 30, 4, 7, "low-acid"}, []any{r.Minutes, r.OwnMinutes, r.Jars, r.Load().Jars, r.Load().Class})
	_, body = p.get("/stove")
	has(t, body, "Carrots &lt;b&gt; &#43; Plums")
	has(t, body, "4 quarts &#43; 3 pints")
	has(t, body, "Carrots &lt;b&gt;, quarts: 30 min; Plums, pints: 40 min. Together all have the longest.")
}

// The seals of two recipes are told apart, and each has its lot.
func TestSealsOfTwo(t *testing.T) {
	p := newPlace(t)
	ctx := context.Background()
	id := p.on(24*60-10, whole, store.RunPart{RecipeID: 3, Title: "Plums", Procedure: "Plums, halved", Source: "a guide", Jar: "pint", Pack: "hot", Class: "acid", Minutes: 20, Jars: 2})
	at := fmt.Sprintf("/stove/%d", id)
	_, body := p.get(at)
	has(t, body, "Plums, 2 pints")
	has(t, body, "Plums, halved · a guide")
	for what, pairs := range map[string][]string{
		"9 jars came out whole":   {"sealed", "5", "unsealed", "0", "sealed1", "2", "unsealed1", "0"},
		"2 jars of Plums went in": {"sealed", "6", "unsealed", "0", "sealed1", "3", "unsealed1", "0"},
		"two whole numbers":       {"sealed", "7", "unsealed", "0", "sealed1", "", "unsealed1", "0"},
	} {
		code, body := p.post(at+"/seals", pairs...)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
	}
	code, _ := p.post(at+"/seals", "sealed", "6", "unsealed", "1", "sealed1", "2", "unsealed1", "0", "went", "again", "once", "s")
	require.Equal(t, http.StatusSeeOther, code)
	lots, err := p.st.LotsOf(ctx, id)
	require.NoError(t, err)
	require.Len(t, lots, 2)
	assert.Equal(t, []any{"Carrots <b>", 6, 1, "again", 15}, []any{lots[0].Title, lots[0].Sealed, lots[0].Unsealed, lots[0].Went, lots[0].Boil})
	assert.Equal(t, []any{"Plums", "pint", 2, 0, "", 0}, []any{lots[1].Title, lots[1].Jar, lots[1].Sealed, lots[1].Unsealed, lots[1].Went, lots[1].Boil})
	_, body = p.get(at + "/run.json")
	has(t, body, `"own_minutes": 20`)
	code, body = p.post(at+"/events", "kind", "lost", "at", time.Now().Add(-24*time.Hour+55*time.Minute).Format("15:04"))
	assert.Equal(t, http.StatusSeeOther, code, body)
	lots, err = p.st.LotsOf(ctx, id)
	require.NoError(t, err)
	assert.NotEmpty(t, lots[0].Doubt)
	assert.NotEmpty(t, lots[1].Doubt, "what is doubted is doubted of all that stood in the canner")
}

// on puts a load on that began so many minutes ago, and tells what happened since.
func (p place) on(minutes int, told string, with ...store.RunPart) int64 {
	p.t.Helper()
	r := store.Run{RecipeID: 1, Title: "Carrots <b>", CannerID: 4, Canner: "Big dial canner", Kitchen: "Here", ElevationFt: 5240, Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", BoilF: 202.4, Jars: 7, Parts: with,
		CreatedAt: time.Now().Add(-time.Duration(minutes) * time.Minute)}
	require.NoError(p.t, p.st.AddRun(context.Background(), &r))
	for _, part := range strings.Split(told, ";") {
		f := strings.Fields(part)
		if len(f) < 2 {
			continue
		}
		m, err := strconv.ParseFloat(f[0], 64)
		require.NoError(p.t, err)
		e := run.Event{At: r.CreatedAt.Add(time.Duration(m * float64(time.Minute))), Kind: run.Kind(f[1])}
		if len(f) > 2 && e.Kind == run.JarsOut {
			e.Jars, _ = strconv.Atoi(f[2])
			for _, part := range with {
				e.Jars += part.Jars
			}
		} else if len(f) > 2 {
			e.PSI, err = strconv.ParseFloat(f[2], 64)
			require.NoError(p.t, err)
			e.Gauged = true
		}
		require.NoError(p.t, p.st.Happened(context.Background(), r.ID, -1, e.At, e))
	}
	return r.ID
}

var seenField = regexp.MustCompile(`name="seen" value="(\d+)"`)

var ofField = regexp.MustCompile(`name="of" value="(\d+)"`)

func (p place) seen() string { return seenField.FindStringSubmatch(second(p.get("/stove")))[1] }

func second(_ int, s string) string { return s }

func TestTelling(t *testing.T) {
	p := newPlace(t)
	id := p.on(30, "1 heat-on;12 steaming;22 closed;26 reached 13.6")
	at := fmt.Sprintf("/stove/%d/events", id)
	_, body := p.get("/stove")
	has(t, body, "At pressure. Stay with it.")
	has(t, body, "Under 13.5 psi on the dial, press Dropped: the whole 30 minutes begin again.")
	has(t, body, "Carrots &lt;b&gt;")
	has(t, body, "left of 30:00")
	hasNot(t, body, `class="press main"`, "no large button ends it before its time")
	has(t, body, "The jars are then not as tested. Is the heat off all the same?")

	seen := p.seen()
	code, _ := p.post(at, "kind", "lost", "psi", "12,4", "seen", seen)
	assert.Equal(t, http.StatusSeeOther, code)
	code, body = p.post(at, "kind", "lost", "psi", "12.4", "seen", seen)
	assert.Equal(t, http.StatusUnprocessableEntity, code)
	has(t, body, "told already")
	has(t, body, "dropped, 12.4 psi")
	has(t, body, "Below pressure: nothing counts.")

	for what, pairs := range map[string][]string{
		"is no pressure":       {"kind", "reading", "psi", "thirteen"},
		"What does the gauge":  {"kind", "reading"},
		"0 to 25 psi":          {"kind", "reading", "psi", "95"},
		"Type the note first":  {"kind", "note", "note", "  "},
		"is no time of day":    {"kind", "closed", "at", "25:99"},
		"before this load":     {"kind", "closed", "at", time.Now().Add(-3 * time.Hour).Format("15:04")},
		"is no number of jars": {"kind", "jars-out", "jars", "a few"},
		"nothing that happens": {"kind", "seen"},
	} {
		code, body := p.post(at, append(pairs, "seen", p.seen())...)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
	}
	code, body = p.post(at, "kind", "reading", "note", "the kettle sings", "psi", "many", "seen", p.seen())
	assert.Equal(t, http.StatusUnprocessableEntity, code)
	has(t, body, "the kettle sings", "what was typed is not lost")

	code, _ = p.post(at, "kind", "note", "note", "the <i>flame</i> was low", "seen", p.seen())
	assert.Equal(t, http.StatusSeeOther, code)
	_, body = p.get("/stove")
	has(t, body, "the &lt;i&gt;flame&lt;/i&gt; was low")
	code, _ = p.post(at, "kind", "undo", "of", ofField.FindStringSubmatch(second(p.get("/stove")))[1], "seen", p.seen())
	assert.Equal(t, http.StatusSeeOther, code)
	_, body = p.get("/stove")
	has(t, body, "<s>“the &lt;i&gt;flame&lt;/i&gt; was low”</s>")
	code, _ = p.post(at, "kind", "zero", "at", time.Now().Add(-2*time.Minute).Format("15:04"), "seen", p.seen())
	assert.Equal(t, http.StatusSeeOther, code)
	_, body = p.get("/stove")
	has(t, body, "told afterwards")

	code, _ = p.post("/stove/99/events", "kind", "note", "note", "x")
	assert.Equal(t, http.StatusNotFound, code)
	code, _ = p.get("/stove/x")
	assert.Equal(t, http.StatusNotFound, code)
	code, body = p.post(fmt.Sprintf("/stove/%d/away", id))
	assert.Equal(t, http.StatusConflict, code)
	has(t, body, "stays written down")
}

// The board is only sent where something has changed.
func TestPoll(t *testing.T) {
	p := newPlace(t)
	p.on(30, "1 heat-on;12 steaming;22 closed;26 reached 13.6")
	_, body := p.get("/stove")
	as := regexp.MustCompile(`board\?as=([0-9a-f]+)`).FindStringSubmatch(body)[1]
	code, body := p.get("/stove/board?as=" + as)
	assert.Equal(t, http.StatusNoContent, code)
	assert.Empty(t, body)
	code, body = p.get("/stove/board?as=other")
	assert.Equal(t, http.StatusOK, code)
	has(t, body, "At pressure")
	assert.Less(t, len(body), 20_000)
}

func TestNotSeen(t *testing.T) {
	p := newPlace(t)
	id := p.on(60, "1 heat-on;12 steaming;22 closed;26 reached 13.6;30 reading 13.7")
	_, body := p.get("/stove")
	has(t, body, "nobody was seen here, while the time counted")
	hasNot(t, body, "press main", "first the answer")
	from := regexp.MustCompile(`name="from" value="(\d+)"`).FindStringSubmatch(body)[1]
	code, _ := p.post(fmt.Sprintf("/stove/%d/events", id), "kind", "stood", "from", from, "seen", p.seen())
	assert.Equal(t, http.StatusSeeOther, code)
	_, body = p.get("/stove")
	has(t, body, "The time is over: heat off.")
	has(t, body, `data-alarm="The time is over: heat off."`)
	has(t, body, "it held, somebody stood by until")
}

const whole = "1 heat-on;13 steaming;23 closed;30 reached 13.7;38 reading 13.8;46 reading 13.7;54 reading 13.8;61 heat-off;98 zero;99 opened-up;110 lid-off;114 jars-out 7"

func TestSeals(t *testing.T) {
	p := newPlace(t)
	id := p.on(24*60, whole)
	at := fmt.Sprintf("/stove/%d", id)
	_, body := p.get(at)
	has(t, body, "As tested")
	has(t, body, "without a break, after 10 minutes of steam")
	for what, pairs := range map[string][]string{
		"count again":          {"sealed", "6", "unsealed", "0"},
		"two whole numbers":    {"sealed", "six", "unsealed", "1"},
		"What becomes of":      {"sealed", "6", "unsealed", "1"},
		"too late for another": {"sealed", "6", "unsealed", "1", "went", "again"},
	} {
		if strings.HasPrefix(what, "too late") {
			old := fmt.Sprintf("/stove/%d", p.on(30*60, whole))
			_, body := p.post(old+"/seals", pairs...)
			has(t, body, what)
			continue
		}
		code, body := p.post(at+"/seals", append(pairs, "note", "kept <i>")...)
		assert.Equal(t, http.StatusUnprocessableEntity, code, what)
		has(t, body, what)
		has(t, body, "kept &lt;i&gt;")
	}
	code, _ := p.post(at+"/seals", "sealed", "6", "unsealed", "1", "went", "freezer", "once", "z", "by", "Ines")
	require.Equal(t, http.StatusSeeOther, code)
	code, body = p.post(at+"/seals", "sealed", "7", "unsealed", "0", "once", "y")
	assert.Equal(t, http.StatusConflict, code)
	has(t, body, "6 quarts on the shelf")
	lots, err := p.st.LotsOf(context.Background(), id)
	require.NoError(t, err)
	require.Len(t, lots, 1)
	lot := lots[0]
	assert.Equal(t, []any{6, 1, "freezer", 15, "low-acid"}, []any{lot.Sealed, lot.Unsealed, lot.Went, lot.Boil, lot.Class})
}

// The test of the seals goes into a calendar, twelve hours after the jars came out.
func TestSealsInTheCalendar(t *testing.T) {
	p := newPlace(t)
	_, body := p.get(fmt.Sprintf("/stove/%d/seals.ics", p.on(3*60, whole)))
	cal, err := ics.ParseCalendar(strings.NewReader(body))
	require.NoError(t, err)
	require.Len(t, cal.Events(), 1)
	begins, err := cal.Events()[0].GetStartAt()
	require.NoError(t, err)
	assert.WithinDuration(t, begins, time.Now().Add(10*time.Hour), 2*time.Hour)
	assert.Contains(t, body, "SUMMARY:Test the seals: 7 quarts of Carrots")
	code, _ := p.get(fmt.Sprintf("/stove/%d/seals.ics", p.on(60, "1 heat-on")))
	assert.Equal(t, http.StatusNotFound, code)
}

// What was not processed as tested never comes onto the shelf.
func TestNotOnTheShelf(t *testing.T) {
	p := newPlace(t)
	for _, told := range []string{strings.Replace(whole, "61 heat-off", "59 heat-off", 1), strings.Replace(whole, "98 zero;", "", 1), "1 heat-on"} {
		at := fmt.Sprintf("/stove/%d", p.on(24*60, told))
		code, _ := p.post(at+"/seals", "sealed", "7", "unsealed", "0")
		assert.Equal(t, http.StatusUnprocessableEntity, code, told)
		_, body := p.get(at)
		hasNot(t, body, "on the shelf</button>")
	}
	lots, err := p.st.Lots(context.Background(), "", 9)
	require.NoError(t, err)
	assert.Empty(t, lots)
}

// At every phase there is a sentence, and but while the time counts there is one large button,
// which is the next thing that the rules wait for.
func TestEveryPhase(t *testing.T) {
	told := map[string][]string{
		"pressure":   {"heat-on", "steaming", "closed", "reached", "lost", "reached", "heat-off", "zero", "opened-up", "lid-off", "jars-out"},
		"water-bath": {"heat-on", "reached", "lost", "reached", "heat-off", "jars-out"},
		"steam":      {"heat-on", "reached", "lost", "reached", "heat-off", "jars-out"},
	}
	for method, kinds := range told {
		r := store.Run{Method: method, Minutes: 30, Jars: 7, Jar: "quart", BoilF: 202.4, Class: "acid", CreatedAt: time.Now()}
		if method == "pressure" {
			r.PSI, r.Gauge, r.Vent = 15, "weighted", 10
		}
		x := &app.Standing{Run: r, Load: *r.Load(), Now: r.CreatedAt}
		for i, k := range append(kinds, "") {
			x.State = run.Of(x.Load, x.Events, x.Now)
			x.Judged = run.Judge(x.Load, x.State, x.Now)
			s := say(x)
			assert.NotEmpty(t, s.Is, "%s %s", method, x.State.Phase)
			assert.NotEmpty(t, s.Next)
			large := 0
			for _, b := range buttons(x) {
				assert.NotEmpty(t, b.Label)
				if b.Main {
					large++
					assert.True(t, k == "lost" || string(b.Kind) == k, "%s %s: %s", method, x.State.Phase, b.Kind)
				}
			}
			switch {
			case x.State.Phase == run.Timing, x.State.Phase == run.Out:
				assert.Zero(t, large)
			default:
				assert.Equal(t, 1, large, "%s %s", method, x.State.Phase)
			}
			if k == "" {
				break
			}
			x.Events = append(x.Events, run.Event{Number: i + 1, At: x.Now, Kind: run.Kind(k), Jars: 7})
			for step := 0; step < 31; step += 5 { // somebody is there
				x.Now = x.Now.Add(5 * time.Minute)
				x.Events = append(x.Events, run.Event{Number: 100*i + step + 50, At: x.Now, Kind: run.Seen})
				if k == "reached" && kinds[i+1] == "lost" {
					break
				}
			}
		}
		assert.Equal(t, run.AsTested, x.Judged.Verdict, "%s: %s", method, x.Judged.Why)
	}
}

func TestFilesOfARun(t *testing.T) {
	p := newPlace(t)
	id := p.on(24*60, whole)
	r, err := p.st.Run(context.Background(), id)
	require.NoError(t, err)
	at := fmt.Sprintf("/stove/%d", id)
	send := func(token, body string) (int, string) {
		req := httptest.NewRequest(http.MethodPost, at+"/readings?token="+token, strings.NewReader(body))
		req.Header.Set("Content-Type", "text/csv")
		w := httptest.NewRecorder()
		p.h.ServeHTTP(w, req)
		return w.Code, kittest.Flat(w.Body.String())
	}
	code, body := send(r.Token, "minutes,psi\n40,13.4\n41,13.5\n")
	assert.Equal(t, http.StatusOK, code)
	assert.Equal(t, "2 new readings\n", body)
	code, _ = send("guessed", "minutes,psi\n42,13.4\n")
	assert.Equal(t, http.StatusForbidden, code)
	code, body = send(r.Token, "minutes,psi\n42,134\n")
	assert.Equal(t, http.StatusUnprocessableEntity, code)
	has(t, body, "ine 2: 134 psi is no gauge pressure")

	form := func(file string) (int, string) {
		var b strings.Builder
		w := multipart.NewWriter(&b)
		_ = w.WriteField("token", r.Token)
		if file != "" {
			f, err := w.CreateFormFile("file", "log.csv")
			require.NoError(t, err)
			_, _ = f.Write([]byte(file))
		}
		_ = w.Close()
		req := httptest.NewRequest(http.MethodPost, at+"/readings", strings.NewReader(b.String()))
		req.Header.Set("Content-Type", w.FormDataContentType())
		rec := httptest.NewRecorder()
		p.h.ServeHTTP(rec, req)
		return rec.Code, rec.Body.String()
	}
	code, _ = form("minutes,psi\n45,12.1\n")
	assert.Equal(t, http.StatusSeeOther, code)
	code, body = form("")
	assert.Equal(t, http.StatusUnprocessableEntity, code)
	has(t, body, "Choose a file first")
	_, body = p.get(at + "?read=1")
	has(t, body, "1 new readings.")
	has(t, body, "Not as tested", "the logger saw a dip")

	_, body = p.get(at + "/run.csv")
	rows, err := csv.NewReader(strings.NewReader(body)).ReadAll()
	require.NoError(t, err)
	assert.Len(t, rows, 1+12+3)
	_, body = p.get(at + "/run.json")
	var out exported
	require.NoError(t, json.Unmarshal([]byte(body), &out))
	assert.Equal(t, run.NotAsTested, out.Verdict)
	assert.Len(t, out.Happened, 15)
	assert.NotContains(t, body, r.Token)
	code, _ = p.get(at + "/seals.ics")
	assert.Equal(t, http.StatusConflict, code, "jars that do not go on the shelf have no seals to test")
	for _, path := range []string{"/stove/99/run.csv", "/stove/99/run.json", "/stove/99/gauge", "/stove/99/seals.ics"} {
		code, _ := p.get(path)
		assert.Equal(t, http.StatusNotFound, code)
	}
}

// Within a day the whole process can be given once more; later nothing offers it.
func TestOnceMore(t *testing.T) {
	p := newPlace(t)
	short := strings.Replace(whole, "61 heat-off", "59 heat-off", 1)
	page := func(hours int, told string) string {
		return second(p.get(fmt.Sprintf("/stove/%d", p.on(hours*60, told))))
	}
	const offer = "Put them on the stove again"
	hasNot(t, page(5, short), offer, "the recipe is not there")
	require.NoError(t, p.st.AddRecipe(context.Background(), &store.Recipe{Title: "Carrots", Text: "carrots"}))
	body := page(5, short)
	has(t, body, offer)
	has(t, body, "jars=7")
	link := regexp.MustCompile(`href="(/stove/new[^"]+)"`).FindStringSubmatch(body)
	require.NotNil(t, link)
	has(t, second(p.get(strings.ReplaceAll(link[1], "&amp;", "&"))), `value="`+dialWay+`" checked`)
	hasNot(t, page(30, short), offer, "too late")
	hasNot(t, page(5, whole), offer, "as tested, and the seals are not known")

	id := p.on(15*60, whole)
	_, _ = p.post(fmt.Sprintf("/stove/%d/seals", id), "sealed", "5", "unsealed", "2", "went", "again")
	has(t, second(p.get(fmt.Sprintf("/stove/%d", id))), "jars=2")
}

// BenchmarkTell stores an event and shows the board with it, beside twenty loads of the last
// days with a hundred events each.
func BenchmarkTell(b *testing.B) {
	st, err := store.Open(b.TempDir())
	require.NoError(b, err)
	defer st.Close()
	s := app.NewStove(st, app.NewClock())
	frame, err := kit.New(st, func(s string) string { return s }, Templates)
	require.NoError(b, err)
	p := New(frame, s, st, desk{})
	ctx := context.Background()
	last := 0
	for range 20 {
		r := store.Run{Title: "Carrots", Canner: "Big dial canner", Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", BoilF: 202.4, Jars: 7, CreatedAt: time.Now().Add(-3 * time.Hour)}
		require.NoError(b, st.AddRun(ctx, &r))
		list := []run.Event{{At: r.CreatedAt, Kind: run.HeatOn}}
		for i := range 100 {
			list = append(list, run.Event{At: r.CreatedAt.Add(time.Duration(i) * time.Minute), Kind: run.Reading, PSI: 1, Gauged: true})
		}
		if last != 0 {
			list = append(list, run.Event{At: r.CreatedAt.Add(2 * time.Hour), Kind: run.JarsOut, Jars: 7})
		}
		require.NoError(b, st.Happened(ctx, r.ID, -1, time.Now(), list...))
		last = max(last, 1)
	}
	for b.Loop() {
		if err := s.Tell(ctx, 1, -1, run.Event{Kind: run.Note, Text: "x"}); err != nil {
			b.Fatal(err)
		}
		if _, err := p.board(ctx); err != nil {
			b.Fatal(err)
		}
	}
}
