package plan_test

import (
	"context"
	"net/http"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/store"
	"damson/web/webtest"
)

var seenMark = regexp.MustCompile(`name="seen" value="([^"]*)"`)

// Two part loads of one pressure join by a button, and the day shrinks; so do two sizes of jars of one
// recipe.
func TestJoinedLoads(t *testing.T) {
	s, st := webtest.New(t, true)
	h, ctx := s.Handler(), context.Background()
	body := func(path string) string {
		w := webtest.Do(h, http.MethodGet, path, nil)
		require.Equal(t, http.StatusOK, w.Code, path)
		return w.Body.String()
	}
	w := webtest.Do(h, http.MethodPost, "/recipes", url.Values{"text": {"Beets\n21 lb beets, 1 inch\nboiling water\nBoil the beets 20 minutes and slip the skins. Leave them whole and pack hot into quarts, 1 inch headspace, covered with fresh boiling water."}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	id := strings.TrimPrefix(w.Header().Get("Location"), "/recipes/")
	w = webtest.Do(h, http.MethodPost, "/plan", url.Values{"recipe13": {"yes"}, "jars13": {"10"}, "recipe" + id: {"yes"}, "jars" + id: {"4"},
		"day": {"2036-12-05"}, "clock": {"08:30"}, "mode": {"start"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	at := w.Header().Get("Location")
	plans, err := st.Plans(ctx, 9)
	require.NoError(t, err)
	p := plans[0]
	page := body(at)
	require.Contains(t, page, "may go in together: one pressure, and the longer time, 35 minutes")
	until := regexp.MustCompile(`from 08:30 to (\d\d:\d\d)`)
	apart := until.FindStringSubmatch(page)[1]

	field := func(name string) string {
		return regexp.MustCompile(`name="` + name + `" value="(\d+)"`).FindStringSubmatch(body(at))[1]
	}
	form := url.Values{"host": {field("host")}, "guest": {field("guest")}, "seen": {seenMark.FindStringSubmatch(page)[1]}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, at+"/join", form).Code)
	require.Equal(t, http.StatusConflict, webtest.Do(h, http.MethodPost, at+"/join", form).Code, "the plan is another now")
	page = body(at)
	require.Less(t, until.FindStringSubmatch(page)[1], apart, "the day shrinks")
	require.NotContains(t, page, "Put them in together")
	require.Contains(t, page, "3 quarts &#43; 4 quarts in Big dial canner")
	require.Contains(t, page, "By themselves Carrots for the pantry 30 min, Beets 35 min; together all have the longest.")
	sheets := body(at + "/sheets")
	require.Contains(t, sheets, "of 7 jars sealed")
	require.Contains(t, sheets, "35 minutes at 13 psi")
	require.Contains(t, sheets, "Beets, 4 quarts: headspace 1 in (25 mm).")
	require.Contains(t, body(at+"/quantities"), "4 quarts; the last go in with load 2 of Carrots for the pantry")
	require.Equal(t, http.StatusOK, webtest.Do(h, http.MethodGet, at+"/files/runsheets.pdf", nil).Code)
	on := strings.ReplaceAll(regexp.MustCompile(`/stove/new\?[^"]*with=[^"]*`).FindString(page), "&amp;", "&")
	require.Contains(t, body(on), "4 quarts of Beets, which need 35 min by themselves")

	// More jars than there is room for: the join is left out, and told.
	p, err = st.Plan(ctx, p.ID)
	require.NoError(t, err)
	p.Dishes[0].Jars = 12
	require.NoError(t, st.SavePlan(ctx, &p, ""))
	page = body(at)
	require.Contains(t, page, "find no room in the other load")
	require.Contains(t, page, "Leave it so")
	p.Dishes[0].Jars = 10
	require.NoError(t, st.SavePlan(ctx, &p, ""))

	// A load of its own again.
	form = url.Values{"guest": {field("guest")}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, at+"/join", form).Code)
	require.Contains(t, body(at), "Put them in together")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, http.MethodPost, at+"/join", url.Values{"guest": {"99"}}).Code)

	// The other way round takes the place of the first, and nobody is left between.
	one, two := field("host"), field("guest")
	for _, way := range []url.Values{{"host": {one}, "guest": {two}}, {"host": {two}, "guest": {one}}} {
		require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, at+"/join", way).Code)
		page = body(at)
		require.NotContains(t, page, "find no room")
		require.Contains(t, page, "quarts &#43; ")
	}
}

// One recipe fills two sizes of jars with one process.
func TestTwoSizesOfJars(t *testing.T) {
	s, st := webtest.New(t, true)
	h, ctx := s.Handler(), context.Background()
	p := store.Plan{OnDay: "2036-12-05", Clock: "08:30", Dishes: []store.PlanDish{{RecipeID: 13, Jars: 4, Process: "pressure|dial|quart|hot|13|"}}}
	require.NoError(t, st.AddPlan(ctx, &p))
	page := webtest.Do(h, http.MethodGet, "/plan/2", nil).Body.String()
	id := regexp.MustCompile(`name="jars(\d+)"`).FindStringSubmatch(page)[1]
	form := url.Values{"day": {"2036-12-05"}, "clock": {"08:30"}, "mode": {"start"}, "jars" + id: {"4"}, "process" + id: {"pressure|dial|quart|hot|13|"},
		"also" + id: {"pressure|dial|pint|hot|13|"}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, http.MethodPost, "/plan/2", form).Code)
	page = webtest.Do(h, http.MethodGet, "/plan/2", nil).Body.String()
	require.Contains(t, page, "Carrots for the pantry in quarts and pints")
	require.Contains(t, page, "4 quarts &#43; 2 pints in Big dial canner")
	require.Contains(t, page, "in pints 25 min; together all have the longest")
	require.Equal(t, 1, strings.Count(page, "Put it on the stove"))
}
