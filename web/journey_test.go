package web_test

import (
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// TestJourney walks through a first day in an empty kitchen, as a new user
// would: set up, send a recipe in, see what stands in the way, take the edits,
// plan the day, print the sheets, measure, and find that a bad measurement stops
// it all.
func TestJourney(t *testing.T) {
	s, _ := webtest.New(t, false)
	h := s.Handler()
	get := func(path string) string {
		t.Helper()
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.Equal(t, http.StatusOK, w.Code, path)
		return w.Body.String()
	}
	post := func(path string, pairs ...string) string {
		t.Helper()
		f := url.Values{}
		for i := 0; i < len(pairs); i += 2 {
			f.Add(pairs[i], pairs[i+1])
		}
		w := webtest.Do(h, http.MethodPost, path, f)
		require.Equal(t, http.StatusSeeOther, w.Code, "%s: %.600s", path, w.Body)
		return w.Header().Get("Location")
	}

	// Nothing is set up: the page says so, and plans nothing.
	require.Contains(t, get("/"), "Set up your kitchen")
	require.Contains(t, get("/plan"), "No recipe on the desk is clear yet")
	require.Contains(t, get("/acidity/log"), "No meter yet")
	require.Contains(t, get("/kitchen"), "No canner yet")

	post("/kitchen", "name", "Test kitchen", "elevation", "1600 m", "canner", "1")
	page := get("/kitchen")
	require.Equal(t, 1, strings.Count(page, "7 quarts, 9 pints, 9 half-pints"), "no canner stands there that was not entered")
	require.Contains(t, page, "5249 ft")
	require.Contains(t, page, "Nobody has said when the dial gauge was tested")

	// A recipe with three things in the way.
	at := post("/recipes", "text", "Bean pot\n\n4 lb green beans, trimmed\nboiling water\n1/4 cup butter\n1 tsp salt\n\nPack hot into quarts, cover with the water, 1 inch headspace.\nProcess 3 hours in a boiling water bath.")
	page = get(at)
	require.Contains(t, page, "Change first")
	require.Contains(t, page, "This needs a pressure canner")
	require.Contains(t, get("/plan"), "It is not clear yet")

	// The version that can be canned, kept.
	page = get(at + "/amended?take=all")
	require.Contains(t, page, "Clear")
	post(at+"/amended", "take", "all")
	page = get(at)
	require.Contains(t, page, ">Clear</h1>")
	require.Contains(t, page, "25 min")
	require.Contains(t, page, "13 psi (90 kPa)")
	require.Contains(t, page, "Stir in ¼ cup butter.")

	// The day.
	id := strings.TrimPrefix(at, "/recipes/")
	plan := post("/plan", "recipe"+id, "yes", "jars"+id, "9", "day", "2026-12-01", "clock", "18:00", "mode", "done")
	page = get(plan)
	require.Contains(t, page, "to 18:00")
	require.Contains(t, page, "25 min, no less")
	require.Contains(t, get(plan+"/quantities"), "9 quarts in 2 loads (7 &#43; 2)")
	require.Contains(t, get(plan+"/sheets"), "25 minutes at 13 psi")
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, plan+"/files/plan.ics", nil).Code)

	// The canner turns out to read 3 psi high: no plan until it is replaced.
	post("/canners", "id", "1", "name", "Dial-gauge canner", "kind", "pressure", "gauge", "dial", "quarts", "7", "pints", "9", "halfpints", "9", "layers", "1", "high", "3", "rack", "yes")
	page = get(plan)
	require.Contains(t, page, "replaced, not corrected")
	require.NotContains(t, strings.Split(page, `class="planform"`)[0], "Dial-gauge canner</text>")
	post("/canners/1/delete")
	page = get(plan)
	require.Contains(t, page, "No plan")
	require.Contains(t, page, "no pressure canner with this gauge in this kitchen")
	require.NotContains(t, page, "data-chart")

	// A pickle, measured: over 4.6 nothing of it goes into a canner.
	at = post("/recipes", "text", "Dilly beans\n4 lb green beans\n8 heads fresh dill\n8 cloves garlic\n1/2 cup canning salt\n4 cups white vinegar (5 %)\n4 cups water\nPack pints raw and cover with the boiling brine, 1/2 inch headspace.")
	require.Contains(t, get(at), ">Clear</h1>")
	post("/acidity/meters", "name", "Pocket")
	post("/acidity/readings", "meter", "1", "sample", "jar 3", "values", "4.9", "celsius", "25", "hours", "48", "recipe", strings.TrimPrefix(at, "/recipes/"), "how", "drained and blended")
	page = get(at)
	require.Contains(t, page, ">Stop</h1>")
	require.Contains(t, page, "measured over pH 4.6")
	require.Contains(t, page, "No process")
	post("/acidity/readings/1/delete")
	require.Contains(t, get(at), ">Clear</h1>")
}
