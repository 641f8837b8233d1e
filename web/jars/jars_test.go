package jars

import (
	"context"
	"encoding/csv"
	"net/http"
	"net/http/httptest"
	"net/url"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/gin-gonic/gin"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/store"
	"damson/web/kit"
	"damson/web/kit/kittest"
)

func newPages(t *testing.T) (http.Handler, *store.Store) {
	t.Helper()
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	frame, err := kit.New(st, func(s string) string { return s }, Templates)
	require.NoError(t, err)
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	New(frame, st).Routes(g)
	return g, st
}

func get(h http.Handler, path string) (int, string) {
	w := httptest.NewRecorder()
	h.ServeHTTP(w, httptest.NewRequest(http.MethodGet, path, http.NoBody))
	return w.Code, kittest.Flat(w.Body.String())
}

func post(h http.Handler, path string, form url.Values) (int, string) {
	r := httptest.NewRequest(http.MethodPost, path, strings.NewReader(form.Encode()))
	r.Header.Set("Content-Type", "application/x-www-form-urlencoded")
	w := httptest.NewRecorder()
	h.ServeHTTP(w, r)
	return w.Code, kittest.Flat(w.Body.String())
}

func TestShelf(t *testing.T) {
	h, st := newPages(t)
	ctx := context.Background()
	_, body := get(h, "/shelf")
	assert.Contains(t, body, "Jars come here from the")
	day := func(back int) string { return time.Now().AddDate(0, 0, -back).Format(kit.DayLayout) }
	carrots := store.Lot{RunID: 7, Title: "Carrots <b>", Jar: "quart", MadeOn: day(3), Sealed: 6, Unsealed: 1, Went: "freezer", Class: "low-acid", Boil: 15, Place: "cellar"}
	jam := store.Lot{RunID: 8, Title: "Plum jam", Jar: "half-pint", MadeOn: day(400), Sealed: 1, Class: "acid"}
	require.NoError(t, st.AddLot(ctx, &carrots))
	require.NoError(t, st.AddLot(ctx, &jam))
	_, body = get(h, "/shelf")
	assert.Contains(t, body, "7 jars of 2 lots")
	assert.Contains(t, body, ": eat it first")
	assert.Contains(t, body, "Carrots &lt;b&gt;")
	assert.Less(t, strings.Index(body, "Plum jam"), strings.Index(body, "Carrots"), "the oldest first")
	_, body = get(h, "/shelf?q=plum")
	assert.NotContains(t, body, "Carrots")
	_, body = get(h, "/shelf?q=%25")
	assert.Contains(t, body, "Nothing by that name")

	_, body = get(h, "/shelf/1")
	assert.Contains(t, body, "Boil it 15 minutes before anybody tastes it.")
	assert.Contains(t, body, "/stove/7")
	for what, f := range map[string]url.Values{
		"is no number":     {"jars": {"two"}, "kind": {"eaten"}, "note": {"it <i>hissed"}},
		"“0” is no number": {"jars": {"0"}, "kind": {"eaten"}, "note": {"it <i>hissed"}},
		"Choose one":       {"jars": {"1"}, "kind": {"sold"}, "note": {"it <i>hissed"}},
		"not as many jars": {"jars": {"7"}, "kind": {"thrown out"}, "note": {"it <i>hissed"}},
	} {
		code, body := post(h, "/shelf/1/take", f)
		assert.GreaterOrEqual(t, code, 400)
		assert.Contains(t, body, what)
		assert.Contains(t, body, "it &lt;i&gt;hissed", "what was typed is not lost")
		if f.Get("kind") == "thrown out" {
			assert.Contains(t, body, `value="thrown out" selected`, "nor what was chosen")
		}
	}
	for range 2 {
		code, _ := post(h, "/shelf/1/take", url.Values{"jars": {"2"}, "kind": {"given"}, "note": {"for Ada"}, "once": {"x"}})
		assert.Equal(t, http.StatusSeeOther, code)
	}
	_, body = get(h, "/shelf/1")
	assert.Contains(t, body, "4 quarts left", "the same form twice takes once")
	assert.Contains(t, body, "2 quarts given away · “for Ada”")
	_, _ = post(h, "/shelf/2/take", url.Values{"jars": {"1"}, "kind": {"eaten"}})
	_, body = get(h, "/shelf")
	assert.Contains(t, body, "1 lot is used up")
	for _, path := range []string{"/shelf/9", "/shelf/x", "/shelf/9/labels.pdf", "/shelf/9/label.svg"} {
		code, _ := get(h, path)
		assert.Equal(t, http.StatusNotFound, code, path)
	}
	code, _ := post(h, "/shelf/9/take", url.Values{"jars": {"1"}, "kind": {"eaten"}})
	assert.Equal(t, http.StatusNotFound, code)
}

// A lot whose load is not as tested after all says so everywhere, and gets no labels.
func TestDoubted(t *testing.T) {
	h, st := newPages(t)
	ctx := context.Background()
	require.NoError(t, st.AddLot(ctx, &store.Lot{RunID: 3, Title: "Carrots", Jar: "quart", MadeOn: "2026-11-20", Sealed: 7, Class: "low-acid", Boil: 15}))
	require.NoError(t, st.SetDoubt(ctx, 3, "The longest time was <14> minutes."))
	_, body := get(h, "/shelf")
	assert.Contains(t, body, "not as tested: do not eat")
	_, body = get(h, "/shelf/1")
	assert.Contains(t, body, "do not belong on the shelf. The longest time was &lt;14&gt; minutes.")
	assert.Contains(t, body, "do not taste")
	assert.NotContains(t, body, "before anybody tastes it", "nobody tastes it at all")
	assert.NotContains(t, body, "Labels")
	assert.NotContains(t, body, "best until")
	for _, path := range []string{"/shelf/1/labels.pdf", "/shelf/1/label.svg"} {
		code, _ := get(h, path)
		assert.Equal(t, http.StatusConflict, code, path)
	}
	_, body = get(h, "/shelf.csv")
	assert.Contains(t, body, ",not as tested\n")
	assert.Contains(t, body, ",The longest time was <14> minutes.\n")
	require.NoError(t, st.SetDoubt(ctx, 3, ""))
	_, body = get(h, "/shelf/1")
	assert.NotContains(t, body, "do not belong")
	assert.Contains(t, body, "before anybody tastes it")
	assert.Contains(t, body, "Labels")
}

func TestFiles(t *testing.T) {
	h, st := newPages(t)
	ctx := context.Background()
	require.NoError(t, st.AddLot(ctx, &store.Lot{Title: `=SUM(A1) "&"<x>`, Jar: "pint", MadeOn: "2026-11-20", Sealed: 5, Class: "acid", Note: strings.Repeat("long ", 40)}))
	_, body := get(h, "/shelf.csv")
	rows, err := csv.NewReader(strings.NewReader(body)).ReadAll()
	require.NoError(t, err)
	require.Len(t, rows, 2)
	assert.Equal(t, `'=SUM(A1) "&"<x>`, rows[1][1], "no formula comes out of a title")
	for _, sheet := range []string{"letter-30", "letter-20", "letter-10", "a4-21", "a4-14", "none", ""} {
		code, body := get(h, "/shelf/1/labels.pdf?n=40&skip=3&sheet="+sheet)
		assert.Equal(t, http.StatusOK, code)
		assert.True(t, strings.HasPrefix(body, "%PDF-"), sheet)
	}
	for _, n := range []string{"-1", "x", "100000"} {
		code, body := get(h, "/shelf/1/labels.pdf?n="+n+"&skip="+n)
		assert.Equal(t, http.StatusOK, code)
		assert.Less(t, len(body), 400_000)
	}
	_, plain := get(h, "/shelf/1/labels.pdf?n=200")
	code, coded := get(h, "/shelf/1/labels.pdf?n=200&code=yes")
	assert.Equal(t, http.StatusOK, code)
	assert.Greater(t, len(coded), len(plain)+1000, "a code on each")
	assert.Less(t, len(coded), 1_500_000)
	_, svg := get(h, "/shelf/1/label.svg")
	assert.Contains(t, svg, "&lt;x&gt;")
	assert.NotContains(t, svg, "<x>")
}

func BenchmarkShelf(b *testing.B) {
	st, err := store.Open(b.TempDir())
	require.NoError(b, err)
	defer st.Close()
	frame, err := kit.New(st, func(s string) string { return s }, Templates)
	require.NoError(b, err)
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	New(frame, st).Routes(g)
	for i := range 5000 {
		require.NoError(b, st.AddLot(context.Background(), &store.Lot{Title: "Lot " + strconv.Itoa(i), Jar: "pint", MadeOn: "2026-11-20", Sealed: 5, Class: "acid"}))
	}
	for b.Loop() {
		get(g, "/shelf?q=9")
	}
}
