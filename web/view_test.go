package web_test

import (
	"context"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/words"
	"damson/web/kit"
	"damson/web/webtest"
)

func TestFormats(t *testing.T) {
	for n, want := range map[int]string{0: "0", 999: "999", 5240: "5,240", 10000: "10,000", -300: "−300"} {
		require.Equal(t, want, words.Thousands(n))
	}
	require.Equal(t, "202.4 °F (94.7 °C)", kit.Degrees(202.4))
	require.Equal(t, "1¼ in (32 mm)", kit.Inches(1.25))
	require.Equal(t, "13 psi (90 kPa)", kit.Pounds(13))
	require.Equal(t, "24 Nov", kit.Day(time.Date(2026, 11, 24, 3, 0, 0, 0, time.UTC)))
}

// Rows that differ only in jar and pack share a line; others do not.
func TestProcessRows(t *testing.T) {
	p := webtest.Shipped.Procedures.ByID("snap-beans")
	list, err := p.Find(5240, procedure.Filter{Gauge: "dial"})
	require.NoError(t, err)
	rows := kit.ViewProcesses(list, 5240)
	require.Len(t, rows, 2)
	require.Equal(t, "Pressure canner, dial gauge", rows[0].Method)
	require.Equal(t, "pints", rows[0].Jars)
	require.Equal(t, "raw or hot", rows[0].Pack)
	require.Equal(t, "20 min", rows[0].Minutes)
	require.Equal(t, "13 psi (90 kPa)", rows[0].Pressure)
	require.Equal(t, "quarts", rows[1].Jars)
	require.Equal(t, "25 min", rows[1].Minutes)
	require.Empty(t, kit.ViewProcesses(nil, 0))
}

// A changed recipe or kitchen is another key: nothing stale is ever shown.
func TestCacheForgetsNothingAndKeepsNothingStale(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	post := func(path, text string) string {
		w := webtest.Do(h, http.MethodPost, path, url.Values{"text": {text}})
		require.Equal(t, http.StatusSeeOther, w.Code)
		return w.Header().Get("Location")
	}
	get := func(path string) string { return webtest.Do(h, http.MethodGet, path, nil).Body.String() }

	at := post("/recipes", "Green beans\n4 lb green beans\nwater\nPack raw in pints.")
	require.Contains(t, get(at), "13 psi")
	require.Equal(t, get(at), get(at))
	post(at, "Green beans\n4 lb green beans\nwater\n1 cup cream\nPack raw in pints.")
	require.Contains(t, get(at), "Leave the cream out", "within the same second")

	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	k.ElevationFt, k.CannerID = 7000, 2
	require.NoError(t, st.SavePlace(context.Background(), &k, ""))
	require.Contains(t, get(at), "15 psi")
	require.Contains(t, get(at), "7,000 ft")
}

// The desk lists the newest first, or the worst.
func TestDeskOrder(t *testing.T) {
	s, _ := webtest.New(t, true)
	verdicts := func(path string) string {
		var out []string
		for _, m := range regexp.MustCompile(`class="mark ([a-z]+)"`).FindAllStringSubmatch(webtest.Do(s.Handler(), http.MethodGet, path, nil).Body.String(), -1) {
			out = append(out, m[1])
		}
		return strings.Join(out, " ")
	}
	worst := verdicts("/?order=verdict")
	require.Regexp(t, `^(stop )+(untested )+(change )+clear( clear)*$`, worst)
	require.NotEqual(t, worst, verdicts("/"))
	require.Len(t, worst, len(verdicts("/")), "the same recipes")
}

func TestAssetsAreServed(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	for name, kind := range map[string]string{"app.css": "text/css", "damson.js": "text/javascript", "htmx.min.js": "text/javascript", "literata.woff2": "font/woff2", "mark.svg": "image/svg+xml"} {
		w := webtest.Do(h, http.MethodGet, "/assets/"+name, nil)
		require.Equal(t, http.StatusOK, w.Code, name)
		require.True(t, strings.HasPrefix(w.Header().Get("Content-Type"), kind), name)
		require.Empty(t, w.Header().Get("Content-Encoding"))
		w = webtest.Do(h, http.MethodGet, "/assets/"+name, nil, "Accept-Encoding", "gzip")
		require.Equal(t, strings.HasSuffix(name, ".woff2"), w.Header().Get("Content-Encoding") == "", name)
	}
}
