package web_test

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"regexp"
	"strconv"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/store"
	"damson/web/kit"
	"damson/web/webtest"
)

func TestMendedByTwo(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	at := webtest.KitchenAndRecipe(t, h)
	ann, bob := webtest.HiddenOf(t, webtest.Get(h, at+"/edit"), at), webtest.HiddenOf(t, webtest.Get(h, at+"/edit"), at)
	require.Equal(t, ann.Get("seen"), bob.Get("seen"))
	require.NotEqual(t, ann.Get("once"), bob.Get("once"))
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, webtest.With(ann, "text", webtest.PlainBeans+"\n1 tsp salt", "sent_by", "Ann")).Code)
	w := webtest.Do(h, "POST", at, webtest.With(bob, "text", webtest.PlainBeans+"\n2 tsp salt", "sent_by", "Bob"))
	require.Equal(t, http.StatusConflict, w.Code)
	page := w.Body.String()
	require.Contains(t, page, "This recipe has been changed since you opened it")
	require.Contains(t, page, "1 tsp salt", "theirs stands beside")
	require.Contains(t, page, "2 tsp salt", "yours is kept")
	require.Contains(t, page, "sent by Ann", "and whose it is")
	require.Contains(t, page, `value="Bob"`)
	r, err := st.Recipe(context.Background(), 1)
	require.NoError(t, err)
	require.Contains(t, r.Text, "1 tsp salt")

	// Sent once more from that page it is taken: both are among the versions.
	again := webtest.HiddenOf(t, page, at)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, webtest.With(again, "text", webtest.PlainBeans+"\n2 tsp salt", "sent_by", "Bob")).Code)
	list, err := st.Versions(context.Background(), 1)
	require.NoError(t, err)
	require.Len(t, list, 3)

	// A text that is refused keeps what the form was made from.
	bad := webtest.Do(h, "POST", at, webtest.With(again, "text", " "))
	require.Equal(t, http.StatusUnprocessableEntity, bad.Code)
	require.Equal(t, again.Get("seen"), webtest.HiddenOf(t, bad.Body.String(), at).Get("seen"))

	// Taken off the desk meanwhile.
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/delete", nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, "POST", at, webtest.With(again, "text", webtest.PlainBeans)).Code)
}

func TestEditsOnAnotherText(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	at := webtest.KitchenAndRecipe(t, h)
	cream := webtest.PlainBeans + "\n1 cup heavy cream"
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, url.Values{"text": {cream}}).Code)
	form := webtest.HiddenOf(t, webtest.Get(h, at+"/amended"), at+"/amended")
	take := regexp.MustCompile(`(?s)<form method="post" action="` + at + `/amended" class="take".*?</form>`).FindString(webtest.Get(h, at))
	require.Contains(t, take, `name="seen"`, "an edit taken beside its line is for that text as well")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, url.Values{"text": {"Green beans\n9 lb green beans\n2 cups butter\nwater\nPack raw in pints."}}).Code)
	w := webtest.Do(h, "POST", at+"/amended", webtest.With(form, "take", "all"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "none was made")
	require.Contains(t, w.Body.String(), "butter", "the edits are for the text as it is now")
	r, err := st.Recipe(context.Background(), 1)
	require.NoError(t, err)
	require.Contains(t, r.Text, "9 lb")

	// The same with another procedure chosen, and with the amounts of another text.
	form = webtest.HiddenOf(t, webtest.Get(h, at+"/amended"), at+"/amended")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/procedure", url.Values{"procedure": {"snap-beans"}}).Code)
	require.Equal(t, http.StatusConflict, webtest.Do(h, "POST", at+"/amended", webtest.With(form, "take", "all")).Code)
	scale := webtest.HiddenOf(t, webtest.Get(h, at+"/scale?by=factor&factor=2"), at+"/scale")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, url.Values{"text": {webtest.PlainBeans}}).Code)
	w = webtest.Do(h, "POST", at+"/scale", webtest.With(scale, "by", "factor", "factor", "2"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "nothing was kept")
	r, err = st.Recipe(context.Background(), 1)
	require.NoError(t, err)
	require.Equal(t, webtest.PlainBeans, r.Text)
}

func TestKitchenChangedByTwo(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	webtest.KitchenAndRecipe(t, h)
	page := webtest.Get(h, "/kitchen")
	place, stock, canner := webtest.HiddenOf(t, page, "/kitchen"), webtest.HiddenOf(t, page, "/stock"), webtest.HiddenOf(t, page, "/canners")
	first := func(path string, f url.Values) {
		t.Helper()
		w := webtest.Do(h, "POST", path, f)
		require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	}
	second := func(path string, f url.Values, theirs, yours string) {
		t.Helper()
		w := webtest.Do(h, "POST", path, f)
		require.Equal(t, http.StatusConflict, w.Code)
		require.Contains(t, w.Body.String(), "Somebody else has")
		require.Contains(t, w.Body.String(), theirs, "theirs is told")
		require.Contains(t, w.Body.String(), yours, "yours is kept")
		again := webtest.HiddenOf(t, w.Body.String(), path)
		first(path, webtest.With(f, "seen", again.Get("seen"), "once", again.Get("once")))
	}
	first("/kitchen", webtest.With(place, "name", "Theirs", "elevation", "900 ft", "canner", "0"))
	second("/kitchen", webtest.With(place, "name", "Yours", "elevation", "1200 ft", "canner", "2"), "“Theirs” at 900 ft", `value="Yours"`)
	first("/stock", webtest.With(stock, "burners", "6", "rpint", "12", "lidsregular", "40"))
	second("/stock", webtest.With(stock, "burners", "3", "rpint", "31"), "6 burners, 40 regular and 0 wide lids, 12 regular pints", `value="31"`)
	kind := []string{"id", "2", "name", "Big", "kind", "pressure", "gauge", "dial", "quarts", "7", "pints", "9", "halfpints", "9", "layers", "1", "rack", "yes"}
	first("/canners", webtest.With(webtest.With(canner, kind...), "water", "3"))
	second("/canners", webtest.With(webtest.With(canner, kind...), "water", "2.5"), "with water in quarts 3", `value="2.5"`)
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	require.Equal(t, []any{"Yours", 1200, 3, 2.5}, []any{k.Name, k.ElevationFt, k.Burners, k.Canners[0].WaterQuarts})
}

func TestPlanChangedByTwo(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	p, err := st.Plan(context.Background(), 1)
	require.NoError(t, err)
	form := webtest.HiddenOf(t, webtest.Get(h, "/plan/1"), "/plan/1")
	fields := func(jars string, more ...string) url.Values {
		f := webtest.With(form, "day", p.OnDay, "clock", "18:00", "mode", "done")
		for _, d := range p.Dishes {
			f.Set(fmt.Sprintf("jars%d", d.ID), jars)
		}
		return webtest.With(f, more...)
	}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", "/plan/1", fields("7")).Code)
	w := webtest.Do(h, "POST", "/plan/1", fields("9", "clock", "20:00"))
	require.Equal(t, http.StatusConflict, w.Code)
	require.Contains(t, w.Body.String(), "at 18:00 with 2 dishes; dish 1 has 7 jars; dish 2 has 7 jars")
	require.Contains(t, w.Body.String(), `value="20:00"`)
	require.Contains(t, w.Body.String(), `value="9"`)
	again := webtest.HiddenOf(t, w.Body.String(), "/plan/1")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", "/plan/1", webtest.With(fields("9", "clock", "20:00"), "seen", again.Get("seen"))).Code)
	got, err := st.Plan(context.Background(), 1)
	require.NoError(t, err)
	require.Equal(t, []any{"20:00", 9}, []any{got.Clock, got.Dishes[0].Jars})
}

// Every form that adds adds once, however often it is sent; with other words it is another.
func TestSentTwice(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	ctx := context.Background()
	for _, c := range []struct {
		page, action string
		fields       []string
		other        []string
		count        func() int
	}{
		{"/new", "/recipes", []string{"text", webtest.PlainBeans, "jar", "pint"}, []string{"text", webtest.PlainBeans + "\n1 tsp salt"}, func() int { n, _ := st.CountRecipes(ctx, ""); return n }},
		{"/acidity/log", "/acidity/readings", []string{"meter", "1", "day", "2026-11-25", "sample", "one", "how", "blended", "celsius", "25", "values", "3.9", "recipe", "0"}, []string{"values", "3.8"}, func() int { l, _ := st.Readings(ctx, 0, 1000); return len(l) }},
		{"/acidity/log", "/acidity/calibrations", []string{"meter", "1", "day", "2026-11-25", "low", "4.01", "high", "7", "lowmv", "177", "highmv", "0", "celsius", "25"}, []string{"lowmv", "176"}, func() int { l, _ := st.Calibrations(ctx); return len(l) }},
		{"/acidity/log", "/acidity/meters", []string{"name", "Third"}, []string{"name", "Fourth"}, func() int { l, _ := st.Meters(ctx); return len(l) }},
		{"/acidity/log", "/acidity/readings/file", []string{"csv", "date,sample,ph\n2026-11-25,x,3.9\n"}, []string{"csv", "date,sample,ph\n2026-11-25,y,3.9\n"}, func() int { l, _ := st.Readings(ctx, 0, 1000); return len(l) }},
		{"/plan", "/plan", []string{"day", "2027-06-01", "clock", "17:00", "mode", "done", "recipe1", "1", "jars1", "7"}, []string{"jars1", "8"}, func() int { l, _ := st.Plans(ctx, 1000); return len(l) }},
		{"/kitchen", "/canners", []string{"id", "0", "name", "Spare", "kind", "water-bath", "quarts", "7", "pints", "9", "halfpints", "9", "layers", "1", "rack", "yes"}, []string{"name", "Spare 2"}, func() int { k, _ := st.Kitchen(ctx); return len(k.Canners) }},
	} {
		form := webtest.With(webtest.HiddenOf(t, webtest.Get(h, c.page), c.action), c.fields...)
		if c.action == "/canners" {
			form.Del("seen") // the first of the page's forms is that of a canner that is there
		}
		require.NotEmpty(t, form.Get("once"), c.action)
		before := c.count()
		var wait sync.WaitGroup
		for range 4 {
			wait.Go(func() { webtest.Do(h, "POST", c.action, form) })
		}
		wait.Wait()
		require.Equal(t, before+1, c.count(), c.action)
		w, again := webtest.Do(h, "POST", c.action, form), webtest.Do(h, "POST", c.action, form)
		require.Equal(t, http.StatusSeeOther, w.Code, c.action)
		require.Equal(t, w.Header().Get("Location"), again.Header().Get("Location"))
		require.Equal(t, before+1, c.count(), c.action)
		webtest.Do(h, "POST", c.action, webtest.With(form, c.other...))
		require.Equal(t, before+2, c.count(), "%s: other words are another form", c.action)
	}
	// Twice is not four times.
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	form := webtest.With(webtest.HiddenOf(t, webtest.Get(h, at+"/scale?by=factor&factor=2"), at+"/scale"), "by", "factor", "factor", "2")
	for range 2 {
		require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/scale", form).Code)
	}
	scaled, err := st.Recipe(ctx, webtest.IDOf(t, at))
	require.NoError(t, err)
	require.Contains(t, scaled.Text, "8 lb green beans")
}

// What is no text is refused in every field, and what was typed stands on the page.
func TestNoText(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	bad := "caf\xe9 \xff\xfe"
	for path, form := range map[string]url.Values{
		"/recipes":               {"text": {webtest.PlainBeans}, "sent_by": {bad}},
		"/kitchen":               {"name": {bad}, "elevation": {"300 ft"}, "canner": {"2"}},
		"/acidity/meters":        {"name": {bad}},
		"/acidity/readings":      {"meter": {"1"}, "sample": {"keep me"}, "how": {bad}, "celsius": {"20"}, "values": {"3.9"}},
		"/acidity/readings/file": {"csv": {"date,sample,ph\n2026-11-25," + bad + ",3.9\n"}},
		"/canners":               {"name": {"x\x00y"}, "kind": {"water-bath"}},
		"/foods":                 {"text": {"x"}, "name": {bad}, "kind": {"fruit"}},
		"/library/soup/check":    {"by": {bad}, "edition": {bad}, "r0": {"same"}, "sure": {"1"}},
		"/procedures":            {"title": {bad}},
	} {
		w := webtest.Do(h, "POST", path, form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, path)
		require.Contains(t, w.Body.String(), "no text", path)
	}
	require.Contains(t, webtest.Do(h, "POST", "/acidity/readings", url.Values{"sample": {"keep me"}, "how": {bad}}).Body.String(), "keep me")
	d, err := st.Export(context.Background())
	require.NoError(t, err)
	require.NotContains(t, fmt.Sprint(d), "\xff")
}

// A fault of the disk is told in words on whatever form, with all that was typed.
func TestTypedIn(t *testing.T) {
	got := kit.TypedIn(url.Values{"once": {"x"}, "seen": {"y"}, "name": {"Ann"}, "text": {"the longest of them"}, "empty": {" "}, "bad": {"\xff"}})
	require.Equal(t, []kit.Kept{{Name: "text", Value: "the longest of them"}, {Name: "bad", Value: "\uFFFD"}, {Name: "name", Value: "Ann"}}, got)
	s, st := webtest.New(t, true)
	h := s.Handler()
	require.NoError(t, st.Close())
	for path, form := range map[string]url.Values{
		"/acidity/readings": {"meter": {"1"}, "sample": {"keep me"}},
		"/canners":          {"name": {"keep me"}},
		"/kitchen":          {"name": {"keep me"}},
	} {
		w := webtest.Do(h, "POST", path, form)
		require.Equal(t, http.StatusInternalServerError, w.Code)
		require.Contains(t, w.Body.String(), "keep me")
	}
	require.Equal(t, http.StatusServiceUnavailable, webtest.Do(h, "GET", "/healthz", nil).Code)
}

func TestTakenAwayAndPutBack(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Zebrina beans\n4 lb green beans\nwater\nPack raw in pints.")
	for path, c := range map[string]struct{ page, shows string }{
		at: {"/", "Zebrina beans"}, "/canners/3": {"/kitchen", "Enamel water bath"}, "/acidity/meters/2": {"/acidity/log", "Pocket meter:"},
		"/acidity/readings/2": {"/acidity/log", "pickled beets, jars 2 and 6"}, "/plan/1": {"/plan", "/plan/1\""},
	} {
		require.Contains(t, webtest.Get(h, c.page), c.shows, path)
		w := webtest.Do(h, "POST", path+"/delete", nil)
		require.Equal(t, http.StatusSeeOther, w.Code, path)
		to, _, _ := strings.Cut(w.Header().Get("Location"), "#")
		after := webtest.Get(h, to)
		require.Contains(t, after, "was taken away", path)
		plain := webtest.Get(h, c.page)
		require.NotContains(t, plain, c.shows, path)
		require.NotContains(t, plain, "was taken away")
		back := regexp.MustCompile(`/removed/\d+/back`).FindString(after)
		require.NotEmpty(t, back)
		require.Contains(t, webtest.Get(h, "/removed"), back)
		require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", back, nil).Code, path)
		require.Contains(t, webtest.Get(h, c.page), c.shows, path)
		require.Equal(t, http.StatusConflict, webtest.Do(h, "POST", back, nil).Code, "once")
		require.NotContains(t, webtest.Get(h, to), "was taken away", "the offer ends when it is taken")
		require.Equal(t, http.StatusNotFound, webtest.Do(h, "POST", strings.TrimRight(path, "0123456789")+"99/delete", nil).Code)
	}
	require.Contains(t, webtest.Get(h, "/removed"), "Nothing was taken away")
	webtest.Do(h, "POST", at+"/delete", nil)
	away := regexp.MustCompile(`/removed/\d+/forget`).FindString(webtest.Get(h, "/removed"))
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", away, nil).Code)
	require.Equal(t, http.StatusConflict, webtest.Do(h, "POST", away, nil).Code)
	require.NotContains(t, webtest.Get(h, "/removed"), "Zebrina")
	require.Equal(t, http.StatusNotFound, webtest.Do(h, "GET", at, nil).Code)
	require.Equal(t, http.StatusNotFound, webtest.Do(h, "POST", "/recipes/x/delete", nil).Code)
}

// A measured pH that is taken away no longer speaks in the review.
func TestMeasuredIsTakenAway(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	id := strconv.FormatInt(webtest.IDOf(t, at), 10)
	today := s.Today()
	webtest.Do(h, "POST", "/acidity/calibrations", url.Values{"meter": {"1"}, "day": {today}, "low": {"4.01"}, "high": {"7"}, "lowmv": {"177"}, "highmv": {"0"}, "celsius": {"25"}})
	w := webtest.Do(h, "POST", "/acidity/readings", url.Values{"meter": {"1"}, "day": {today}, "sample": {"s"}, "how": {"blended"}, "celsius": {"25"}, "hours": {"48"}, "values": {"4.91"}, "recipe": {id}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	require.Contains(t, webtest.Get(h, at), "4.91")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", "/acidity/readings/4/delete", nil).Code)
	require.NotContains(t, webtest.Get(h, at), "4.91")
}

func TestHeaders(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	for _, c := range []struct {
		method, path string
		header       []string
		code         int
	}{
		{"GET", "/", nil, 200}, {"GET", "/library/", nil, 301}, {"POST", "/recipes", []string{"Sec-Fetch-Site", "cross-site"}, 403}, {"GET", "/nowhere", nil, 404}, {"PUT", "/", nil, 405},
		{"GET", "/acidity/picture/scale.png?foods=tomato", []string{"Sec-Fetch-Site", "cross-site", "Sec-Fetch-Mode", "no-cors"}, 403}, {"GET", "/recipes/1", []string{"Sec-Fetch-Site", "cross-site", "Sec-Fetch-Mode", "navigate"}, 200},
		{"GET", "/acidity/picture/scale.png?foods=tomato", []string{"Sec-Fetch-Site", "same-origin", "Sec-Fetch-Mode", "no-cors"}, 200},
	} {
		w := webtest.Do(h, c.method, c.path, nil, c.header...)
		require.Equal(t, c.code, w.Code, c.path)
		for _, name := range []string{"Content-Security-Policy", "X-Content-Type-Options", "Referrer-Policy", "Cross-Origin-Opener-Policy", "Cross-Origin-Resource-Policy"} {
			require.NotEmpty(t, w.Header().Get(name), "%s of %s", name, c.path)
		}
	}
	for _, p := range []string{"/", "/recipes/1", "/healthz", "/assets/app.css", "/acidity/readings.csv"} {
		w := webtest.Do(h, http.MethodHead, p, nil)
		require.Equal(t, 200, w.Code, p)
		require.Zero(t, w.Body.Len(), p)
	}
	require.Equal(t, 404, webtest.Do(h, http.MethodHead, "/nowhere", nil).Code)
}

// A page names its files by their print, so that a new page never meets an old script.
func TestAssetsByPrint(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	page := webtest.Get(h, "/")
	found := regexp.MustCompile(`"(/assets/[0-9a-f]{12}/[a-z.\-]+)"`).FindAllStringSubmatch(page, -1)
	require.Len(t, found, 5)
	for _, f := range found {
		w := webtest.Do(h, "GET", f[1], nil)
		require.Equal(t, 200, w.Code, f[1])
		require.Contains(t, w.Header().Get("Cache-Control"), "immutable")
	}
	old := webtest.Do(h, "GET", "/assets/000000000000/app.css", nil)
	require.Equal(t, 200, old.Code, "a page of an older program gets its styles")
	require.NotContains(t, old.Header().Get("Cache-Control"), "immutable")
	require.Equal(t, 304, webtest.Do(h, "GET", "/assets/app.css", nil, "If-None-Match", old.Header().Get("ETag")).Code)
}

func TestDeskLeafsThrough(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	ctx := context.Background()
	for i := range 120 {
		require.NoError(t, st.AddRecipe(ctx, &store.Recipe{Title: fmt.Sprintf("Beans no %03d", i), Text: fmt.Sprintf("Beans no %03d\n4 lb green beans\nwater\nPack raw in pints.", i), SentBy: "Osric"}))
	}
	first := webtest.Get(h, "/")
	require.Contains(t, first, "Beans no 119")
	require.NotContains(t, first, "Beans no 019")
	require.Contains(t, first, "1 to 100 of 120")
	older := regexp.MustCompile(`href="([^"]*)" rel="next"`).FindStringSubmatch(first)
	require.Len(t, older, 2)
	second := webtest.Get(h, strings.ReplaceAll(older[1], "&amp;", "&"))
	require.Contains(t, second, "Beans no 000")
	require.Contains(t, second, "101 to 120 of 120")
	require.Contains(t, second, `rel="prev"`)
	require.Contains(t, webtest.Get(h, "/?q=no+007"), "Beans no 007")
	require.Contains(t, webtest.Get(h, "/?q=zebrina"), "No recipe has “zebrina” in it")
	require.Contains(t, webtest.Get(h, "/?from=-5"), "Beans no 119")
	require.Contains(t, webtest.Get(h, "/?from=99999999999999999999"), "101 to 120 of 120")
	require.Contains(t, webtest.Get(h, "/search?q=no+003"), "Beans no 003")
	require.Contains(t, webtest.Get(h, "/search?q=beans"), "All recipes on the desk")
	require.Contains(t, webtest.Get(h, "/plan?recipe=1"), "Beans no 000", "a recipe that is not among the newest can be planned")
}

// A recipe that came when longer ones were taken stands on the desk, says so, and can be
// mended or taken away; it takes no page with it.
func TestStoredAndUnreadable(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	long := store.Recipe{Title: "A line without end", Text: "Beans\n1 cup salt " + strings.Repeat("(", 300_000)}
	require.NoError(t, st.AddRecipe(context.Background(), &long))
	at := fmt.Sprintf("/recipes/%d", long.ID)
	require.Contains(t, webtest.Get(h, "/"), "A line without end")
	w := webtest.Do(h, "GET", at, nil)
	require.Equal(t, 200, w.Code)
	require.Contains(t, w.Body.String(), "take it off the desk")
	require.NotContains(t, w.Body.String(), " psi (")
	for _, p := range []string{"/amended", "/compare", "/versions", "/lines/2", "/download/recipe.csv", "/scale"} {
		w := webtest.Do(h, "GET", at+p, nil)
		require.Less(t, w.Code, 500, p)
	}
	require.Equal(t, 200, webtest.Do(h, "GET", at+"/edit", nil).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/delete", nil).Code)
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, "POST", "/recipes", url.Values{"text": {long.Text}}).Code, "such a one is not taken any more")
}
