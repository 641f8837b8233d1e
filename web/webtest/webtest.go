// Package webtest serves the whole house to tests, and sends to it what a browser would.
package webtest

import (
	"bytes"
	"context"
	_ "embed"
	"mime/multipart"
	"net/http"
	"net/http/httptest"
	"net/url"
	"regexp"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/demo"
	"damson/knowledge"
	"damson/store"
	"damson/web"
	"damson/web/kit/kittest"
)

// Shipped is the library that ships with the program.
var Shipped = func() *knowledge.Library {
	lib, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	return lib
}()

var (
	// HiddenField is a field that a form carries by itself, FormTag a form with where it goes.
	HiddenField = regexp.MustCompile(`<input type="hidden" name="(once|seen|with)" value="([^"]*)">`)
	FormTag     = regexp.MustCompile(`(?s)<form[^>]*action="([^"?]*)"[^>]*>.*?</form>`)
)

// New returns a server over an empty store, or over the demo kitchen.
func New(t testing.TB, withDemo bool) (*web.Server, *store.Store) {
	st, err := store.Open(t.TempDir())
	require.NoError(t, err)
	t.Cleanup(func() { _ = st.Close() })
	if withDemo {
		require.NoError(t, demo.Fill(context.Background(), st, time.Now()))
	}
	s, err := web.New(context.Background(), st, Shipped, knowledge.ParseProcedures)
	require.NoError(t, err)
	return s, st
}

// Do asks a page, or posts a form.
func Do(h http.Handler, method, path string, form url.Values, header ...string) *httptest.ResponseRecorder {
	var body *strings.Reader = strings.NewReader(form.Encode())
	r := httptest.NewRequest(method, path, body)
	if method == http.MethodPost {
		r.Header.Set("Content-Type", "application/x-www-form-urlencoded")
	}
	for i := 0; i+1 < len(header); i += 2 {
		r.Header.Set(header[i], header[i+1])
	}
	w := httptest.NewRecorder()
	h.ServeHTTP(w, r)
	if strings.HasPrefix(w.Header().Get("Content-Type"), "text/html") {
		w.Body = bytes.NewBufferString(kittest.Flat(w.Body.String()))
	}
	return w
}

// SendIn stores a recipe through the form and returns its path.
func SendIn(t testing.TB, h http.Handler, text string) string {
	w := Do(h, "POST", "/recipes", url.Values{"text": {text}})
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	return w.Header().Get("Location")
}

// CreamySoup has three things in the way.
const CreamySoup = "Carrot soup\n3 lb carrots, peeled, sliced\n10 cups vegetable stock\n1/4 cup butter\n1 cup " +
	"cream\nBoil 5 minutes. Blend until smooth. Pressure can in quarts."

// HiddenOf returns the hidden fields of the page's form that goes to action.
func HiddenOf(t testing.TB, page, action string) url.Values {
	t.Helper()
	for _, f := range FormTag.FindAllStringSubmatch(page, -1) {
		if f[1] != action {
			continue
		}
		out := url.Values{}
		for _, h := range HiddenField.FindAllStringSubmatch(f[0], -1) {
			out.Set(h[1], h[2])
		}
		if len(out) > 0 {
			return out
		}
	}
	require.Fail(t, "no such form", action)
	return nil
}

// With returns the fields and more.
func With(f url.Values, more ...string) url.Values {
	out := url.Values{}
	for k, v := range f {
		out[k] = v
	}
	for i := 0; i+1 < len(more); i += 2 {
		out.Set(more[i], more[i+1])
	}
	return out
}

// IDOf is the number of the recipe at the address.
func IDOf(t testing.TB, at string) int64 {
	t.Helper()
	id, err := strconv.ParseInt(strings.TrimPrefix(at, "/recipes/"), 10, 64)
	require.NoError(t, err)
	return id
}

// PlainBeans are clear.
const PlainBeans = "Green beans\n4 lb green beans\nwater\nPack raw in pints."

// KitchenAndRecipe sets up a kitchen and sends a recipe in; the recipe's address is returned.
func KitchenAndRecipe(t testing.TB, h http.Handler) string {
	t.Helper()
	w := Do(h, "POST", "/kitchen", url.Values{"name": {"K"}, "elevation": {"300 ft"}, "canner": {"2"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	return SendIn(t, h, PlainBeans)
}

// Send posts a file in a form's field.
func Send(h http.Handler, path, field, content string) *httptest.ResponseRecorder {
	return SendNamed(h, path, field, "file", content)
}

// SendNamed posts a file of a name in a form's field.
func SendNamed(h http.Handler, path, field, name, content string) *httptest.ResponseRecorder {
	var b bytes.Buffer
	w := multipart.NewWriter(&b)
	f, _ := w.CreateFormFile(field, name)
	_, _ = f.Write([]byte(content))
	_ = w.Close()
	r := httptest.NewRequest(http.MethodPost, path, &b)
	r.Header.Set("Content-Type", w.FormDataContentType())
	rec := httptest.NewRecorder()
	h.ServeHTTP(rec, r)
	return rec
}

// Get is a page as text.
func Get(h http.Handler, path string) string { return Do(h, http.MethodGet, path, nil).Body.String() }

// PlumChutney is a recipe as an invented book prints it: nine ingredients, four rows.
//
//go:embed chutney.txt
var PlumChutney string

// Asking is a recipe that only one word holds up.
const Asking = "Green beans\n4 lb green beans, trimmed, in 1 inch pieces\nboiling water\n\nPut the beans in the " +
	"wide brannet and rinse them.\n" +
	"Pack raw in hot pints, boiling water over, 1 inch headspace. Lids on.\nVent 10 minutes. Process pints 20 minutes " +
	"at 13 pounds in a dial gauge pressure canner."

// AskedWords finds the words that a question is about.
var AskedWords = regexp.MustCompile(`name="words" value="([^"]*)"`)
