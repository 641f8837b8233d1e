package web

import (
	"context"
	"fmt"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/review"
	"damson/store"
	"damson/web/kit"
)

func TestFormats(t *testing.T) {
	for n, want := range map[int]string{0: "0", 999: "999", 5240: "5,240", 10000: "10,000", -300: "−300"} {
		require.Equal(t, want, kit.Thousands(n))
	}
	require.Equal(t, "202.4 °F (94.7 °C)", kit.Degrees(202.4))
	require.Equal(t, "1¼ in (32 mm)", kit.Inches(1.25))
	require.Equal(t, "13 psi (90 kPa)", kit.Pounds(13))
	require.Equal(t, "24 Nov", kit.Day(time.Date(2026, 11, 24, 3, 0, 0, 0, time.UTC)))
}

func TestShortSource(t *testing.T) {
	for in, want := range map[string]string{
		"USDA Complete Guide 2015, guide 4, Soups; NCHFP": "Guide 4, Soups; NCHFP",
		"NCHFP, FAQ on cured meats":                       "NCHFP, FAQ on cured meats",
		"common practice, no source":                      "Common practice, no source",
		"":                                                "",
	} {
		require.Equal(t, want, shortSource(in))
	}
}

// Rows that differ only in jar and pack share a line; others do not.
func TestProcessRows(t *testing.T) {
	p := shipped.Procedures.ByID("snap-beans")
	list, err := p.Find(5240, procedure.Filter{Gauge: "dial"})
	require.NoError(t, err)
	rows := viewProcesses(list, 5240)
	require.Len(t, rows, 2)
	require.Equal(t, "Pressure canner, dial gauge", rows[0].Method)
	require.Equal(t, "pints", rows[0].Jars)
	require.Equal(t, "raw or hot", rows[0].Pack)
	require.Equal(t, "20 min", rows[0].Minutes)
	require.Equal(t, "13 psi (90 kPa)", rows[0].Pressure)
	require.Equal(t, "quarts", rows[1].Jars)
	require.Equal(t, "25 min", rows[1].Minutes)
	require.Empty(t, viewProcesses(nil, 0))
}

func TestBandWords(t *testing.T) {
	bands, err := procedure.ParseBands(map[string]int{"0-1000": 20, "1001-3000": 25, "3001-6000": 30, "6001+": 35})
	require.NoError(t, err)
	require.Equal(t, "20 to 1,000 ft · 25 to 3,000 ft · 30 to 6,000 ft · 35 above", bandWords(bands))
	dial, err := procedure.ParseBands(map[string]int{"0-2000": 11, "2001-4000": 12})
	require.NoError(t, err)
	require.Equal(t, "11 to 2,000 ft · 12 to 4,000 ft", bandWords(dial), "no band is filled in")
	require.Equal(t, "20", bandWords(procedure.Everywhere(20)))
}

func reviewHere(t *testing.T, text string) *review.Result {
	s, _ := newServer(t, true)
	k, err := s.store.Kitchen(context.Background())
	require.NoError(t, err)
	return s.reviewOf(store.Recipe{ID: 1, Text: text, Title: "x"}, k)
}

// The scale keeps the 4.6 line clear of names, draws every food that matters
// once, and never a range for the mixture.
func TestScale(t *testing.T) {
	res := reviewHere(t, "Soup\n2 cups carrots\n1 cup carrots, sliced\n1 cup tomatoes\n1 cup milk\n4 cups broth\n1 tsp cumin\nsalt")
	v := viewScale(res)
	names := map[string]int{}
	for _, b := range v.Bars {
		names[b.Name]++
		require.GreaterOrEqual(t, b.X, 0.0)
		require.LessOrEqual(t, b.X+b.W, scaleWidth+0.1)
		require.Positive(t, b.W)
		left, right := b.TextX, b.TextX+letter*float64(len(b.Name))
		if b.Anchor == "end" {
			left, right = b.TextX-letter*float64(len(b.Name)), b.TextX
		}
		if b.X+b.W < v.Line || b.X > v.Line {
			require.False(t, left < v.Line-1 && right > v.Line+1, "%s crosses the line", b.Name)
		}
	}
	require.Equal(t, 1, names["carrot"])
	require.Equal(t, 1, names["tomato"])
	require.Equal(t, 1, names["milk"])
	require.Zero(t, names["cumin"], "dry spice has no say")
	require.Zero(t, names["salt"])
	require.Less(t, scaleX(4.0), scaleX(4.6))
	require.Equal(t, scaleX(scaleLow), scaleX(0), "what lies outside is drawn at the edge")
}

func TestCard(t *testing.T) {
	res := reviewHere(t, "Soup\n3 cups carrots, peeled\n1/4 cup butter (soft)\nsalt and pepper\n8 cups broth\nBoil 5 minutes. Blend until smooth.")
	s, _ := newServer(t, true)
	v := s.viewReview(store.Recipe{ID: 1, SentBy: "Osric Vale", Jar: "quart", Pack: "hot"}, store.Kitchen{ElevationFt: 5240}, res)
	require.Equal(t, "Change first", v.Verdict.Words)
	require.Equal(t, "meant for quarts, hot pack", v.Meant)
	require.Equal(t, "3 cups", v.Lines[0].Amount)
	require.Equal(t, "carrots", v.Lines[0].Food)
	require.Equal(t, ", peeled", v.Lines[0].Detail)
	require.Equal(t, review.Amend, v.Lines[1].Mark)
	require.Len(t, v.Lines[1].Notes, 1, "dairy and fat ask for the same, once")
	require.Equal(t, "salt and pepper", v.Lines[2].Food, "a line without amount stands as typed")
	require.Len(t, v.Steps, 1)
	require.Empty(t, v.Steps[0].Sentences[0].Mark)
	require.Equal(t, review.Amend, v.Steps[0].Sentences[1].Mark, "the sentence meant is marked, not its neighbour")
	require.Contains(t, v.Physics, "202.4 °F")
	require.Contains(t, v.Physics, "steam at")
}

func TestDeskWords(t *testing.T) {
	for text, want := range map[string]string{
		"Peaches\n10 lb peaches, peeled\nwater\nHot pack in pints.": "Can it: water bath, 30 min in pints",
		"Green beans\n4 lb green beans\nwater\n1 cup cream":         "Answer: leave the cream out",
		"White peaches\n10 lb white peaches\nwater":                 "Answer today: another plan is needed",
		"My salsa\n4 cups tomatoes\n3 cups mango\n1 cup corn":       "Offer the refrigerator, the freezer, or a tested recipe",
	} {
		require.Equal(t, want, deskNext(reviewHere(t, text)), text)
	}
	require.Equal(t, "2 stop · 1 clear", countWords(map[review.Verdict]int{"stop": 2, "clear": 1}, 3))
	require.Empty(t, countWords(nil, 0))
}

// A changed recipe or kitchen is another key: nothing stale is ever shown.
func TestCacheForgetsNothingAndKeepsNothingStale(t *testing.T) {
	s, st := newServer(t, true)
	h := s.Handler()
	post := func(path, text string) string {
		w := do(h, http.MethodPost, path, url.Values{"text": {text}})
		require.Equal(t, http.StatusSeeOther, w.Code)
		return w.Header().Get("Location")
	}
	get := func(path string) string { return do(h, http.MethodGet, path, nil).Body.String() }

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

	// More recipes than the cache holds.
	kitchen, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	for i := range cacheSize + 5 {
		s.reviewOf(store.Recipe{ID: int64(i), Text: fmt.Sprintf("Plums\n%d lb plums\nwater", i%9+1)}, kitchen)
	}
	require.LessOrEqual(t, len(s.reviews.seen), cacheSize)
}

// The desk lists the newest first, or the worst.
func TestDeskOrder(t *testing.T) {
	s, _ := newServer(t, true)
	verdicts := func(path string) string {
		var out []string
		for _, m := range regexp.MustCompile(`class="mark ([a-z]+)"`).FindAllStringSubmatch(do(s.Handler(), http.MethodGet, path, nil).Body.String(), -1) {
			out = append(out, m[1])
		}
		return strings.Join(out, " ")
	}
	worst := verdicts("/?order=verdict")
	require.Regexp(t, `^(stop )+(untested )+(change )+clear( clear)*$`, worst)
	require.NotEqual(t, worst, verdicts("/"))
	require.Len(t, worst, len(verdicts("/")), "the same recipes")
}

// What the reading shows, line by line.
func TestReading(t *testing.T) {
	s, _ := newServer(t, false)
	v := s.read("Pot\n4 lb green beans, snapped\n1 cup wozzle\n1 heaping tsp salt\nFor the brine:\n2 cups each water and vinegar\na glug of oil\nBoil and gribble it.")
	state := map[string]string{}
	for _, l := range v.Lines {
		if !l.Heading {
			state[l.Food.Value] = l.State
		}
	}
	require.Equal(t, map[string]string{"green bean": "understood", "wozzle": "unknown", "salt": "guess", "water": "understood", "vinegar": "understood", "oil": "unclear"}, state)
	require.Equal(t, 2, v.Unclear)
	require.Equal(t, "gribble", v.Steps[0].Unread)
	require.Equal(t, reading{}, s.read("   "))
	require.NotEmpty(t, s.read("\x00").Problem)
}

func TestAssetsAreServed(t *testing.T) {
	s, _ := newServer(t, false)
	h := s.Handler()
	for name, kind := range map[string]string{"app.css": "text/css", "damson.js": "text/javascript", "htmx.min.js": "text/javascript", "literata.woff2": "font/woff2", "mark.svg": "image/svg+xml"} {
		w := do(h, http.MethodGet, "/assets/"+name, nil)
		require.Equal(t, http.StatusOK, w.Code, name)
		require.True(t, strings.HasPrefix(w.Header().Get("Content-Type"), kind), name)
		require.Empty(t, w.Header().Get("Content-Encoding"))
		w = do(h, http.MethodGet, "/assets/"+name, nil, "Accept-Encoding", "gzip")
		require.Equal(t, strings.HasSuffix(name, ".woff2"), w.Header().Get("Content-Encoding") == "", name)
	}
}
