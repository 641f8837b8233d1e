package recipe_test

import (
	"context"
	"net/http"
	"net/url"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/web/webtest"
)

func TestAmendedPage(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.CreamySoup)

	page := webtest.Do(h, "GET", at, nil).Body.String()
	require.Contains(t, page, "Write the version that can be canned")
	require.Contains(t, page, `data-key="T"`)

	w := webtest.Do(h, "GET", at+"/amended", nil)
	require.Equal(t, http.StatusOK, w.Code)
	body := w.Body.String()
	assert.Contains(t, body, "<h1>Clear</h1>")
	assert.Contains(t, body, "<del>1 cup cream</del>")
	assert.Contains(t, body, "<ins>When you open the jar:</ins>")
	assert.Contains(t, body, "Keep it as version 2")
	assert.Contains(t, body, "75 min", "its process is shown")

	// No edit taken: the recipe as it was, no process.
	body = webtest.Do(h, "GET", at+"/amended?some=1", nil).Body.String()
	assert.Contains(t, body, "Change first")
	assert.NotContains(t, body, "75 min")

	// One edit only, from its note in the margin.
	id, err := strconv.ParseInt(strings.TrimPrefix(at, "/recipes/"), 10, 64)
	require.NoError(t, err)
	w = webtest.Do(h, "POST", at+"/amended", url.Values{"take": {"fat:4:butter", "dairy:4:butter"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	r, err := st.Recipe(context.Background(), id)
	require.NoError(t, err)
	assert.NotContains(t, r.Text, "1/4 cup butter")
	assert.Contains(t, r.Text, "1 cup cream")

	// The rest in one press; the earlier versions stay.
	w = webtest.Do(h, "POST", at+"/amended", url.Values{"take": {"all"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	k, err := st.Kitchen(context.Background())
	require.NoError(t, err)
	r, err = st.Recipe(context.Background(), id)
	require.NoError(t, err)
	assert.Equal(t, review.Clear, s.Reviews.Of(r, k).Verdict)
	list, err := st.Versions(context.Background(), id)
	require.NoError(t, err)
	require.Len(t, list, 3)
	assert.Equal(t, webtest.CreamySoup, list[0].Text)
	assert.True(t, strings.HasPrefix(list[2].Why, "amended: "), list[2].Why)
	assert.Contains(t, webtest.Do(h, "GET", at, nil).Body.String(), "version 3")

	// What is asked for and is not there changes nothing.
	before := r.Text
	w = webtest.Do(h, "POST", at+"/amended", url.Values{"take": {"fat:99:nothing"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	r, err = st.Recipe(context.Background(), id)
	require.NoError(t, err)
	assert.Equal(t, before, r.Text)
}

func TestAmendedOfWhatNothingCovers(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Pumpkin butter\n4 cups pumpkin puree\n2 cups sugar\nCook until thick.")
	body := webtest.Do(h, "GET", at+"/amended", nil).Body.String()
	assert.Contains(t, body, "no tested procedure is near enough to follow")
	assert.NotContains(t, body, `data-key="A"`)
	assert.NotContains(t, webtest.Do(h, "GET", at, nil).Body.String(), "Write the version")
}

func TestComparePage(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Whole tomatoes\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice to each quart\n")
	page := webtest.Do(h, "GET", at, nil).Body.String()
	require.Contains(t, page, "What covers the food in the jar?")

	body := webtest.Do(h, "GET", at+"/compare", nil).Body.String()
	assert.Contains(t, body, "the review goes by this one")
	assert.Contains(t, body, "21 lb tomatoes, peeled")
	body = webtest.Do(h, "GET", at+"/compare?with=tomatoes-whole-juice", nil).Body.String()
	assert.Contains(t, body, "only shown; the review goes by another")
	body = webtest.Do(h, "GET", at+"/compare?with=nonsense", nil).Body.String()
	assert.Contains(t, body, "no such procedure")

	// Chosen, it is remembered, through a change of the text too.
	w := webtest.Do(h, "POST", at+"/procedure", url.Values{"procedure": {"tomatoes-whole-water"}})
	require.Equal(t, http.StatusSeeOther, w.Code)
	page = webtest.Do(h, "GET", at, nil).Body.String()
	assert.Contains(t, page, "chosen by you")
	assert.NotContains(t, page, "What covers the food in the jar?")
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, url.Values{"text": {"Whole tomatoes\n21 lb tomatoes, peeled\nboiling water\n2 Tbsp bottled lemon juice to each quart\n"}}).Code)
	assert.Contains(t, webtest.Do(h, "GET", at, nil).Body.String(), "chosen by you")
	id, err := strconv.ParseInt(strings.TrimPrefix(at, "/recipes/"), 10, 64)
	require.NoError(t, err)
	r, err := st.Recipe(context.Background(), id)
	require.NoError(t, err)
	assert.Equal(t, "tomatoes-whole-water", r.Procedure)

	assert.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, "POST", at+"/procedure", url.Values{"procedure": {"nonsense"}}).Code)
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/procedure", url.Values{"procedure": {""}}).Code)
	assert.NotContains(t, webtest.Do(h, "GET", at, nil).Body.String(), "chosen by you")
}

func TestCompareNothingNear(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Snurfle pot\n2 cups snurfle\n1 cup water\n")
	assert.Contains(t, webtest.Do(h, "GET", at+"/compare", nil).Body.String(), "Nothing near enough")
}

func TestWhatIfStrip(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.CreamySoup)
	w := webtest.Do(h, "GET", at+"/lines/5", nil)
	require.Equal(t, http.StatusOK, w.Code)
	assert.Contains(t, w.Body.String(), "left out, or added when serving")
	assert.Contains(t, w.Body.String(), "Nothing may stand in")
	for _, bad := range []string{"1", "6", "99", "x"} {
		assert.Equal(t, http.StatusNotFound, webtest.Do(h, "GET", at+"/lines/"+bad, nil).Code, bad)
	}
}

func TestGuidelineStance(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Parsnip and pork in cider\n3 cups parsnips, peeled and diced\n2 lb pork, cubed\n4 cups apple cider\n1 cup raisins\nPack in quarts.")
	assert.NotContains(t, webtest.Do(h, "GET", at, nil).Body.String(), "The parts, by themselves")
	kitchen := url.Values{"name": {"Cinder Flat Grange"}, "elevation": {"5240 ft"}, "canner": {"1"}, "stance": {"guideline"}}
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", "/kitchen", kitchen).Code)
	page := webtest.Do(h, "GET", at, nil).Body.String()
	assert.Contains(t, page, "They are not a process for this mixture")
	assert.Contains(t, page, "<h1>Untested</h1>")
	assert.Contains(t, page, "No process")
	kitchen.Set("stance", "whatever")
	assert.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, "POST", "/kitchen", kitchen).Code)
}
