package web_test

import (
	"context"
	"net/url"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/run"
	"damson/store"
	"damson/web/webtest"
)

// TestBrowserAtTheStove gives a practice load its whole process by the keyboard alone, with a
// dip that begins the time anew, and the page closed and opened between.
func TestBrowserAtTheStove(t *testing.T) {
	t.Parallel()
	s, st := webtest.New(t, false)
	ctx := context.Background()
	web := served(t, s.Handler())
	r := store.Run{Title: "Carrots", Canner: "Practice", ElevationFt: 5240, Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", BoilF: 202.4, Jars: 7, Speed: 300, CreatedAt: time.Now()}
	require.NoError(t, st.AddRun(ctx, &r))
	tab := browser(t)
	step, _, eval := hands(t, tab)
	step(chromedp.Navigate(web.URL + "/stove"))
	watch := func() {
		eval(`window.violations = []; document.addEventListener("securitypolicyviolation", e => window.violations.push(e.violatedDirective)); true`)
	}
	clean := func() {
		t.Helper()
		assert.Equal(t, []any{}, eval(`window.violations`), "no policy was broken")
	}
	watch()
	shows := func(what string) {
		t.Helper()
		board, answered := "", time.Time{}
		for until := time.Now().Add(20 * time.Second); time.Now().Before(until); time.Sleep(20 * time.Millisecond) {
			board, _ = eval(`((document.querySelector("#board") || document.body || {}).textContent || "").replace(/\s+/g, " ")`).(string)
			if strings.Contains(board, what) {
				return
			}
			// Three seconds of a busy machine are a quarter of an hour here: somebody stood by it.
			if strings.Contains(board, "Nobody was seen here") && time.Since(answered) > 2*time.Second {
				answered = time.Now()
				eval(`document.querySelector("button[value=stood]").click(); true`)
			}
		}
		t.Fatalf("%q is not on the board:\n%s", what, board)
	}
	press := func(key string) { step(chromedp.KeyEvent(key)) }
	gauge := func(at string) { // waits for what the gauge shows
		t.Helper()
		require.Eventually(t, func() bool {
			return eval(`parseFloat((document.querySelector(".gauge b") || {textContent: "0"}).textContent) `+at) == true
		}, 30*time.Second, 20*time.Millisecond, at)
	}
	shows("Jars in, lid locked")
	press(" ")
	shows("steam streams out of the vent")
	press(" ")
	shows("left of 10:00 of steam")
	shows("The air is out: weight on.")
	assert.Equal(t, true, eval(`document.querySelector("[data-alarm]") !== null`), "it calls")
	press(" ")
	shows("Closed, and rising.")
	gauge(">= 13.5")
	press(" ")
	shows("At pressure. Stay with it.")
	press("d")
	shows("Below pressure: nothing counts.")
	press("b")
	shows("At pressure. Stay with it.")
	shows("Started 2 times")
	before := eval(`document.querySelector("[data-clock]").dataset.clock`)
	clean()
	step(chromedp.Navigate("about:blank"), chromedp.Navigate(web.URL+"/stove"))
	watch()
	assert.Equal(t, before, eval(`document.querySelector("[data-clock]").dataset.clock`), "another page, the same minute")
	require.Eventually(t, func() bool { return eval(`document.readyState`) == "complete" }, 10*time.Second, 20*time.Millisecond)
	eval(`document.body.dispatchEvent(new KeyboardEvent("keydown", {key: "n", bubbles: true}))`)
	assert.Equal(t, "note1", eval(`document.activeElement.id`))
	step(chromedp.SendKeys("#note1", "the dog barks"+kb.Enter))
	shows("“the dog barks”")
	assert.Eventually(t, func() bool { return eval(`(document.querySelector("#note1") || {}).value`) == "" }, 30*time.Second, 20*time.Millisecond, "what is stored is not typed again")
	// The same where another board comes before the answer: the field lives on in another form.
	eval(`{ const field = document.querySelector("#note1"), form = field.form;
		field.value = "the cat slept";
		form.requestSubmit();
		const other = form.cloneNode(true);
		form.replaceWith(other);
		other.querySelector("#note1").replaceWith(field); } true`)
	shows("“the cat slept”")
	assert.Eventually(t, func() bool { return eval(`(document.querySelector("#note1") || {}).value`) == "" },
		30*time.Second, 20*time.Millisecond, "and where another board came between")
	step(chromedp.KeyEvent(kb.Escape))
	shows("The time is over: heat off.")
	press(" ")
	shows("Falling by itself.")
	gauge("< 0.1")
	press(" ")
	shows("At zero.")
	press(" ")
	shows("left of 10:00 to stand")
	require.Eventually(t, func() bool { return eval(`document.querySelector(".press.main") !== null`) == true }, 30*time.Second, 20*time.Millisecond)
	press(" ")
	shows("The lid is off.")
	press(" ")
	shows("As tested")
	events, err := st.Events(ctx, r.ID)
	require.NoError(t, err)
	at := time.Now().Add(1000 * time.Hour)
	j := run.Judge(*r.Load(), run.Of(*r.Load(), events, at), at)
	assert.Equal(t, run.AsTested, j.Verdict, j.Why)
	clean()
	step(chromedp.Navigate(web.URL + "/stove/" + strconv.FormatInt(r.ID, 10)))
	assert.Contains(t, eval(`document.body.textContent`), "By its own gauge")
}

// The loads of the demo have the processes that the library has for their recipes.
func TestDemoLoads(t *testing.T) {
	s, st := webtest.New(t, true)
	ctx := context.Background()
	list, err := st.Runs(ctx, 50)
	require.NoError(t, err)
	require.NotEmpty(t, list)
	verdicts := map[run.Verdict]int{}
	for _, r := range list {
		o, err := s.Days.Offer(ctx, r.RecipeID, r.Jars, false)
		require.NoError(t, err)
		require.Empty(t, o.Missing, r.Title)
		found := false
		for _, x := range o.Options {
			p := x.Process
			found = found || x.Not == "" && p.Method == r.Method && p.Jar == r.Jar && p.Pack == r.Pack && p.Minutes == r.Minutes && p.PSI == r.PSI && p.Gauge == r.Gauge && p.HeadspaceIn == r.Headspace && o.Canners[x.Canner].ID == r.CannerID && (r.Hold == 0 || x.Reading == r.Hold)
		}
		assert.True(t, found, "%s: no such way", r.Title)
		assert.Equal(t, []string{o.Class, o.Product, o.Procedure, o.Source, o.Recipe.Title}, []string{r.Class, r.Product, r.Procedure, r.Source, r.Title})
		events, err := st.Events(ctx, r.ID)
		require.NoError(t, err)
		verdicts[run.Judge(*r.Load(), run.Of(*r.Load(), events, time.Now()), time.Now()).Verdict]++
	}
	assert.Equal(t, map[run.Verdict]int{run.AsTested: 3, run.NotAsTested: 1, run.Pending: 2}, verdicts)
	_, err = s.Days.Offer(ctx, 999, 1, false)
	require.ErrorIs(t, err, store.ErrNotFound)
	clear, err := s.Days.Clear(ctx)
	require.NoError(t, err)
	assert.GreaterOrEqual(t, len(clear), 3)
}

// From a recipe to the stove: only from one that is clear.
func TestCanItNow(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	recipes, err := st.Recipes(context.Background(), "", 0, 100)
	require.NoError(t, err)
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	loads, err := st.Runs(context.Background(), 9)
	require.NoError(t, err)
	for _, l := range loads { // an empty stove
		_, err := st.Remove(context.Background(), store.KindRun, l.ID)
		require.NoError(t, err)
	}
	for _, r := range recipes {
		id := strconv.FormatInt(r.ID, 10)
		clear := s.Reviews.Of(r, k).Verdict == "clear"
		body := webtest.Do(h, "GET", "/recipes/"+id, nil).Body.String()
		assert.Equal(t, clear, strings.Contains(body, "/stove/new?recipe="+id), r.Title)
		w := webtest.Do(h, "POST", "/stove", url.Values{"recipe": {id}, "way": {"pressure|dial|quart|hot|13|"}, "jars": {"1"}})
		assert.Equal(t, r.Title == "Carrots for the pantry", w.Code == 303, r.Title)
	}
}
