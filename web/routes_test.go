package web_test

import (
	"net/http"
	"net/url"
	"os"
	"path/filepath"
	"regexp"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// writes are the routes that change something.
var writes = []string{
	"/read", "/recipes", "/recipes/1", "/recipes/file", "/recipes/11/amended", "/recipes/4/procedure", "/recipes/12/scale",
	"/recipes/14/answer", "/recipes/15/book", "/recipes/2/delete", "/removed/1/back", "/removed/1/forget",
	"/library/plums/check", "/library/own-x/delete", "/foods", "/foods/tomato/check", "/foods/own-x/delete", "/debated",
	"/check/ledger", "/check/held/0123456789abcdef", "/procedures/own-x/sign", "/procedures", "/procedures/file",
	"/kitchen", "/canners", "/canners/1/delete", "/stock", "/plan", "/plan/1", "/plan/1/move", "/plan/1/took",
	"/plan/1/join", "/plan/1/prices", "/plan/1/delete", "/stove", "/stove/2/events", "/stove/2/readings", "/stove/3/seals",
	"/stove/3/spent", "/stove/3/away", "/shelf", "/shelf/1/take", "/acidity/meters", "/acidity/calibrations",
	"/acidity/readings", "/acidity/readings/1/delete", "/acidity/calibrations/1/delete", "/acidity/meters/1/delete",
	"/acidity/readings/file",
}

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

// fieldNames are the names of all fields that a page has; of those that are counted the first two.
func fieldNames(t *testing.T) (list []string) {
	field := regexp.MustCompile(`\sname="(\w+)({{[^}]*}})?"`)
	files, err := filepath.Glob("*/*.html")
	require.NoError(t, err)
	for _, name := range files {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		for _, m := range field.FindAllStringSubmatch(string(data), -1) {
			if m[2] != "" {
				list = append(list, m[1]+"0", m[1]+"1")
			} else {
				list = append(list, m[1])
			}
		}
	}
	require.Greater(t, len(list), 100)
	return list
}

// An empty form, and one of nonsense, is answered: nothing falls over, and
// nothing of it comes back unescaped.
func TestNonsenseIsAnswered(t *testing.T) {
	if webtest.UnderRace {
		t.Skip("many requests, one after the other: make test runs it again without the race detector")
	}
	const nonsense = `"><script>alert(1)</script>`
	fields := fieldNames(t)
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

// noPages are what the router has besides pages: parts of one, pictures, files, streams.
var noPages = []string{
	"/acidity/mix", "/acidity/picture/:file", "/acidity/readings.csv", "/assets/*file", "/check/ledger.csv", "/healthz",
	"/library/:id/procedure.json", "/plan/:id/files/:file", "/procedures.json", "/recipes/:id/download/:file",
	"/recipes/:id/lines/:line", "/search", "/shelf.csv", "/shelf/:id/label.svg", "/shelf/:id/labels.pdf",
	"/stove/:id/gauge", "/stove/:id/run.csv", "/stove/:id/run.json", "/stove/:id/seals.ics", "/stove/board",
	"/stove/stream",
}

// Every page is looked at, and every way to change something is tried from elsewhere and with nonsense: a new one
// stands among those that the tests know.
func TestEveryRouteIsKnown(t *testing.T) {
	route := regexp.MustCompile(`\.(GET|POST)\("([^"]+)"`)
	part := regexp.MustCompile(`:\w+`)
	files, err := filepath.Glob("*/*.go")
	require.NoError(t, err)
	found := 0
	for _, name := range append(files, "server.go") {
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		for _, m := range route.FindAllStringSubmatch(string(data), -1) {
			found++
			is := regexp.MustCompile("^" + part.ReplaceAllString(m[2], "[^/?]+") + `(\?.*)?$`)
			switch {
			case m[1] == "POST":
				assert.True(t, slices.ContainsFunc(writes, is.MatchString), "%s: put a path of %s into writes", name, m[2])
			case !slices.Contains(noPages, m[2]):
				assert.True(t, slices.ContainsFunc(everyPage, is.MatchString),
					"%s: put a path of %s into everyPage (or the pattern into noPages, where it is none)", name, m[2])
			}
		}
	}
	require.Greater(t, found, 90)
}
