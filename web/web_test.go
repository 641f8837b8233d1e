package web_test

import (
	"context"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/web"
	"damson/web/webtest"
)

func TestEveryPage(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	inline := regexp.MustCompile(`(?i)<script[^>]*>[^<]|\sstyle=|\son[a-z]+=|<style|javascript:`)
	pages := []string{"/library?q=zzz", "/library?shelf=foods", "/library?shelf=rules", "/library?shelf=without",
		"/library?shelf=equivalents", "/foods/salt", "/rules/T08", "/check/sheet?all=1", "/recipes/1/edit",
		"/recipes/4/compare?procedure=soup", "/recipes/5/compare", "/new?of=plums", "/stove/new", "/stove/4", "/shelf/1"}
	for _, p := range everyPage {
		if p != "/nowhere" {
			pages = append(pages, p)
		}
	}
	for i := 1; i <= 12; i++ {
		pages = append(pages, "/recipes/"+string("0123456789"[i/10])+string("0123456789"[i%10]))
	}
	for _, p := range pages {
		w := webtest.Do(h, http.MethodGet, p, nil)
		require.Equal(t, http.StatusOK, w.Code, p)
		require.NotRegexp(t, inline, w.Body.String(), "%s holds an inline script or style", p)
		csp := w.Header().Get("Content-Security-Policy")
		require.Contains(t, csp, "script-src 'self'")
		require.NotContains(t, csp, "unsafe")
		require.Contains(t, w.Body.String(), "Follow the canner maker’s book", "the cautions are always there")
	}
	require.Equal(t, "ok\n", webtest.Do(h, http.MethodGet, "/healthz", nil).Body.String())
	for _, p := range []string{"/nowhere", "/recipes/99", "/recipes/x", "/recipes/-1", "/library/cake", "/assets/nothing.css"} {
		require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodGet, p, nil).Code, p)
	}
	require.NotContains(t, webtest.Do(h, http.MethodGet, "/assets/../page.go", nil).Body.String(), "package web")
	require.Equal(t, http.StatusMethodNotAllowed, webtest.Do(h, http.MethodPost, "/library", nil).Code)
}

// The demo kitchen holds what it promises: clear, change, untested and stop.
func TestDemoVerdicts(t *testing.T) {
	s, st := webtest.New(t, true)
	ctx := context.Background()
	list, err := st.Recipes(ctx, "", 0, 100)
	require.NoError(t, err)
	require.GreaterOrEqual(t, len(list), 8)
	k, err := st.Kitchen(ctx)
	require.NoError(t, err)
	require.Equal(t, 5240, k.ElevationFt)
	count := map[review.Verdict]int{}
	for _, r := range list {
		res := s.Reviews.Of(r, k)
		count[res.Verdict]++
		if res.Verdict == review.Untested || res.Verdict == review.Stop {
			require.Empty(t, res.Methods)
			require.Empty(t, res.After)
		}
	}
	require.GreaterOrEqual(t, count[review.Clear], 1)
	require.GreaterOrEqual(t, count[review.Change], 3)
	require.GreaterOrEqual(t, count[review.Untested], 1)
	require.GreaterOrEqual(t, count[review.Stop], 1)
}

func TestPasteAndRead(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Green beans\n4 lb green beans\nwater\n1 cup heavy cream\nPack raw in pints."}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	w = webtest.Do(h, http.MethodGet, w.Header().Get("Location"), nil)
	require.Equal(t, http.StatusOK, w.Code)
	for _, want := range []string{"Change first", "Leave the heavy cream out", "20 min", "13 psi (90 kPa)", "202.4 °F", "Stir in 1 cup heavy cream."} {
		require.Contains(t, w.Body.String(), want)
	}
	w = webtest.Do(h, http.MethodPost, "/read", url.Values{"text": {"X\n1/0 cup sugar\n2 lb plums"}})
	require.Contains(t, w.Body.String(), "divides by zero")
	require.Contains(t, w.Body.String(), `data-line="2"`)
}

// Bad input gets a message, and what was typed is still there.
func TestBadInput(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	for name, c := range map[string]struct {
		form url.Values
		code int
		want string
	}{
		"empty":      {url.Values{"text": {"  \n "}}, 422, "nothing to read"},
		"novel":      {url.Values{"text": {strings.Repeat("It was a dark and stormy night. ", 40000)}}, 422, "larger than 1 MiB"},
		"huge":       {url.Values{"text": {strings.Repeat("a", 5<<20)}}, 413, "larger than 1 MiB"},
		"binary":     {url.Values{"text": {"PK\x00\x01\xff\xfe"}}, 422, "not text"},
		"long":       {url.Values{"text": {"T\n" + strings.Repeat("1 cup sugar\n", 10000)}}, 422, "more than 500 lines"},
		"only title": {url.Values{"text": {"My grand plan"}}, 422, "only a title"},
		"jar":        {url.Values{"text": {"T\n1 cup sugar"}, "jar": {"bucket"}}, 422, "jar, pack or method"},
		"sender":     {url.Values{"text": {"T\n1 cup sugar"}, "sent_by": {strings.Repeat("x", 200)}}, 422, "sender"},
	} {
		w := webtest.Do(h, http.MethodPost, "/recipes", c.form)
		require.Equal(t, c.code, w.Code, name)
		require.Contains(t, w.Body.String(), c.want, name)
		if name == "long" {
			require.GreaterOrEqual(t, strings.Count(w.Body.String(), "1 cup sugar"), 10000, "the text is kept")
		}
	}
	list, err := st.Recipes(context.Background(), "", 0, 10)
	require.NoError(t, err)
	require.Empty(t, list, "nothing refused is stored")
	require.Contains(t, webtest.Do(h, http.MethodGet, "/", nil).Body.String(), "How to begin")
}

func TestTextIsEscaped(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	evil := `<script>alert(1)</script>`
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {evil + "\n4 lb green beans " + evil + "\nwater\nPack raw. " + evil}, "sent_by": {evil}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	for _, p := range []string{w.Header().Get("Location"), "/", w.Header().Get("Location") + "/edit"} {
		body := webtest.Do(h, http.MethodGet, p, nil).Body.String()
		require.NotContains(t, body, evil, p)
		require.Contains(t, body, "&lt;script&gt;", p)
	}
	require.NotContains(t, webtest.Do(h, http.MethodPost, "/read", url.Values{"text": {evil}}).Body.String(), evil)
	require.NotContains(t, webtest.Do(h, http.MethodGet, "/library?q="+url.QueryEscape(evil), nil).Body.String(), evil)
}

// Every write from another origin is refused.
func TestCrossOrigin(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	form := url.Values{"text": {"T\n1 cup sugar"}, "name": {"x"}, "elevation": {"0 ft"}, "canner": {"0"}}
	for _, p := range []string{"/recipes", "/recipes/1", "/kitchen", "/read"} {
		require.Equal(t, http.StatusForbidden, webtest.Do(h, http.MethodPost, p, form, "Sec-Fetch-Site", "cross-site").Code, p)
		require.Equal(t, http.StatusForbidden, webtest.Do(h, http.MethodPost, p, form, "Origin", "http://evil.example").Code, p)
	}
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	require.Equal(t, 5240, k.ElevationFt)
}

func TestKitchen(t *testing.T) {
	s, st := webtest.New(t, false)
	h := s.Handler()
	require.Contains(t, webtest.Do(h, http.MethodGet, "/", nil).Body.String(), "Set up your kitchen")
	for name, form := range map[string]url.Values{
		"elevation": {"name": {"Home"}, "elevation": {"sky high"}, "canner": {"1"}},
		"too high":  {"name": {"Home"}, "elevation": {"12000 ft"}, "canner": {"1"}},
		"name":      {"name": {" "}, "elevation": {"300 ft"}, "canner": {"1"}},
		"canner":    {"name": {"Home"}, "elevation": {"300 ft"}, "canner": {"9"}},
	} {
		w := webtest.Do(h, http.MethodPost, "/kitchen", form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, name)
		require.Contains(t, w.Body.String(), `role="alert"`, name)
	}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/kitchen", url.Values{"name": {"Home"}, "elevation": {"1600 m"}, "canner": {"2"}}).Code)
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	require.Equal(t, 5249, k.ElevationFt)
	require.Equal(t, "weighted", k.Gauge())
	// Jar, pack and method are asked once and remembered.
	webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"T\n1 lb plums"}, "jar": {"pint"}, "pack": {"hot"}, "method": {"water-bath"}})
	require.Contains(t, webtest.Do(h, http.MethodGet, "/new", nil).Body.String(), `<option value="pint" selected>`)
	// A script that posts only text forgets nothing.
	webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"T\n1 lb plums"}})
	require.Contains(t, webtest.Do(h, http.MethodGet, "/new", nil).Body.String(), `<option value="pint" selected>`)
}

// A panic in a handler answers a page that holds what was typed.
func TestPanicKeepsTheText(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	require.NoError(t, st.Close())
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Keep me\n1 lb plums"}})
	require.Equal(t, http.StatusInternalServerError, w.Code)
	require.Contains(t, w.Body.String(), "Keep me")
}

func TestLoopback(t *testing.T) {
	for addr, want := range map[string]bool{"127.0.0.1:1": true, "localhost:1": true, "[::1]:1": true, "0.0.0.0:1": false, ":1": false, "192.0.2.1:1": false} {
		got, err := web.Loopback(addr)
		require.NoError(t, err)
		require.Equal(t, want, got, addr)
	}
	_, err := web.Loopback("here")
	require.Error(t, err)
}
