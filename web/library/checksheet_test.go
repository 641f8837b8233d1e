package library_test

import (
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// TestCheckSheet: what nobody has seen, once each, in the order of the guides; what was ticked is
// gone from it.
func TestCheckSheet(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	sheet := webtest.Get(h, "/check/sheet?all=1")
	guide2, guide4 := strings.Index(sheet, "guide 2</h2>"), strings.Index(sheet, "guide 4</h2>")
	require.Positive(t, guide2)
	require.Greater(t, guide4, guide2)
	require.Contains(t, sheet, "a canner of 16 to 22 quarts", "conditions stand on it")
	require.Less(t, len(webtest.Get(h, "/check/sheet")), len(sheet), "first only what the recipes on the desk rest on")

	page := webtest.Get(h, "/check")
	require.Regexp(t, `\d+ of the \d+ rows that your recipes rest on`, page)
	require.Contains(t, page, "/check/sheet")

	// A condition is ticked like a row, and then the next unchecked procedure is named.
	form := fieldsOf(t, webtest.Get(h, "/library/smoked-fish/check"), "/library/smoked-fish/check")
	for name := range form {
		if strings.HasPrefix(name, "c") {
			form.Set(name, "same")
		}
	}
	form.Set("c0", "same")
	form.Set("c1", "absent")
	form.Set("by", "Ines Okafor")
	form.Set("edition", "the demo's invented copy")
	w := webtest.Do(h, http.MethodPost, "/library/smoked-fish/check", form)
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	after := webtest.Get(h, w.Header().Get("Location"))
	require.Contains(t, after, "Next:")
	require.Contains(t, after, "kept, as the stricter")
}

// TestFoodSeenInPrint: a food's range is ticked on its page.
func TestFoodSeenInPrint(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	require.Contains(t, webtest.Get(h, "/foods/tomato"), "from memory")
	w := webtest.Do(h, http.MethodPost, "/foods/tomato/check", url.Values{"by": {"Ines Okafor"}, "edition": {"the demo's invented table"}, "status": {"same"}})
	require.Equal(t, http.StatusSeeOther, w.Code, w.Body)
	require.Contains(t, webtest.Get(h, "/foods/tomato"), "checked by Ines Okafor")
	require.Contains(t, webtest.Get(h, "/check"), "1 of 4", "foods are counted")

	for want, form := range map[string]url.Values{
		"say who checked it": {"edition": {"x"}, "status": {"same"}},
		"say which edition":  {"by": {"Ines"}, "status": {"same"}},
		"none of same":       {"by": {"Ines"}, "edition": {"x"}},
	} {
		w := webtest.Do(h, http.MethodPost, "/foods/tomato/check", form)
		require.Equal(t, http.StatusUnprocessableEntity, w.Code, want)
		require.Contains(t, w.Body.String(), want)
	}
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, "/foods/salt/check", url.Values{"by": {"I"}, "edition": {"x"}, "status": {"same"}}).Code, "salt has no range")
	require.Equal(t, http.StatusNotFound, webtest.Do(h, http.MethodPost, "/foods/moon/check", url.Values{"by": {"I"}, "edition": {"x"}, "status": {"same"}}).Code)
}
