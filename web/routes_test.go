package web_test

import (
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// writes are the routes that change something.
var writes = []string{"/recipes", "/recipes/1", "/recipes/file", "/recipes/11/amended", "/recipes/4/procedure", "/recipes/12/scale", "/library/plums/check", "/foods", "/debated", "/check/ledger", "/check/held/0123456789abcdef", "/procedures/own-x/sign", "/procedures", "/procedures/file",
	"/kitchen", "/canners", "/canners/1/delete", "/stock", "/plan", "/plan/1", "/plan/1/move", "/plan/1/took", "/plan/1/delete", "/acidity/meters", "/acidity/calibrations", "/acidity/readings", "/acidity/readings/1/delete", "/acidity/readings/file"}

// No page of another origin can write, whatever the route.
func TestOtherOriginsCannotWrite(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	for _, path := range writes {
		for _, header := range [][]string{{"Sec-Fetch-Site", "cross-site"}, {"Origin", "https://elsewhere.example"}} {
			w := webtest.Do(h, http.MethodPost, path, url.Values{"text": {"5 lb plums"}, "name": {"x"}}, header...)
			require.Equal(t, http.StatusForbidden, w.Code, "%s with %s", path, header[0])
		}
	}
}

// An empty form, and one of nonsense, is answered: nothing falls over, and
// nothing of it comes back unescaped.
func TestNonsenseIsAnswered(t *testing.T) {
	if webtest.UnderRace {
		t.Skip("many requests, one after the other: make test runs it again without the race detector")
	}
	const nonsense = `"><script>alert(1)</script>`
	fields := []string{"text", "name", "elevation", "canner", "stance", "title", "from", "jar", "pack", "method", "take", "procedure", "by", "factor", "weight", "line", "jars", "edition", "page", "kind", "point", "choice", "csv", "data", "body",
		"day", "clock", "mode", "piece", "minutes", "meter", "low", "high", "lowmv", "highmv", "celsius", "sample", "values", "how", "hours", "recipe", "due", "quarts", "pints", "halfpints", "layers", "water", "vent", "tested", "gasket", "gauge", "stove", "burners", "rquart"}
	for _, value := range []string{"", nonsense, strings.Repeat("9", 500), "\x00\xff", "-1", "NaN", "1e308", "９"} {
		s, _ := webtest.New(t, true)
		h := s.Handler()
		form := url.Values{}
		for _, f := range fields {
			form.Set(f, value)
		}
		for _, path := range writes {
			w := webtest.Do(h, http.MethodPost, path, form)
			require.Less(t, w.Code, 500, "%s with %.20q: %.300s", path, value, w.Body)
			require.NotContains(t, w.Body.String(), "<script>alert", path)
		}
	}
}

// The same for what stands behind a question mark.
func TestNonsenseQueries(t *testing.T) {
	if webtest.UnderRace {
		t.Skip("many requests, one after the other: make test runs it again without the race detector")
	}
	s, _ := webtest.New(t, true)
	h := s.Handler()
	for _, value := range []string{`"><script>alert(1)</script>`, strings.Repeat("a,", 900), "-5", "NaN", "99999999999999999999", "%00"} {
		v := url.QueryEscape(value)
		for _, path := range []string{"/?q=", "/library?q=", "/library?shelf=", "/search?q=", "/recipes/4/compare?with=", "/recipes/4/compare?procedure=", "/recipes/12/scale?by=factor&factor=", "/recipes/12/scale?by=jars&jar=pint&jars=",
			"/recipes/4/versions?a=", "/acidity?foods=", "/acidity?mix=", "/acidity?recipe=", "/acidity?count=", "/acidity?jar=", "/acidity?bottle=", "/acidity?percent=", "/acidity?water=", "/acidity/mix?food0=tomato&share0=", "/acidity/mix?food0=",
			"/acidity/picture/scale.svg?foods=", "/acidity/picture/scale.png?foods=", "/acidity/log?read=", "/acidity/log?recipe=", "/acidity/practice?n=", "/acidity/practice?fault=", "/acidity/selling?ph=", "/acidity/selling?kind=", "/plan?recipe=", "/recipes/", "/plan/", "/foods/", "/rules/", "/recipes/4/lines/"} {
			w := webtest.Do(h, http.MethodGet, path+v, nil)
			require.Less(t, w.Code, 500, "%s%.30s", path, value)
			require.NotContains(t, w.Body.String(), "<script>alert", path)
		}
	}
}

// A database that does not answer is told as that, and not as something that is not there.
func TestBrokenIsToldAsBroken(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	require.NoError(t, st.Close())
	for _, path := range []string{"/", "/recipes/1", "/recipes/1/edit", "/recipes/11/amended", "/recipes/4/compare", "/recipes/13/scale", "/recipes/13/versions", "/recipes/15/book", "/plan", "/plan/1", "/plan/1/quantities", "/plan/1/sheets", "/plan/1/files/plan.ics",
		"/stove", "/stove/3", "/stove/3/run.csv", "/stove/new?recipe=13", "/shelf", "/shelf/1", "/shelf/1/labels.pdf", "/acidity/log", "/kitchen", "/removed", "/search?q=beans"} {
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.GreaterOrEqual(t, w.Code, 500, path)
		require.NotContains(t, w.Body.String(), "There is no", path)
	}
	for _, path := range []string{"/plan/1", "/plan/1/took", "/stove/1/events", "/stove/3/seals", "/shelf/1/take", "/recipes/1"} {
		w := webtest.Do(h, http.MethodPost, path, url.Values{"note": {"kept through it all"}, "kind": {"note"}, "jars": {"1"}, "text": {"kept through it all"}, "sealed": {"1"}, "unsealed": {"0"}})
		require.GreaterOrEqual(t, w.Code, 500, path)
		require.Contains(t, w.Body.String(), "kept through it all", path)
	}
}
