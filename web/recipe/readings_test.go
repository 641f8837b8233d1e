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

	"damson/web/webtest"
)

// What was said of a line is kept beside its review, and goes with it: a new version, a new
// elevation or another text is asked anew.
func TestWhatIfIsKept(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.CreamySoup)
	line := func() string {
		w := webtest.Do(h, "GET", at+"/lines/5", nil)
		require.Equal(t, http.StatusOK, w.Code)
		return w.Body.String()
	}
	require.Equal(t, line(), line())
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/amended", url.Values{"take": {"fat:4:butter", "dairy:4:butter"}}).Code)
	w := webtest.Do(h, "GET", at+"/lines/4", nil) // the cream has moved up
	require.Equal(t, http.StatusOK, w.Code)
	assert.Contains(t, w.Body.String(), "cream")
	id, err := strconv.ParseInt(strings.TrimPrefix(at, "/recipes/"), 10, 64)
	require.NoError(t, err)
	r, err := st.Recipe(context.Background(), id)
	require.NoError(t, err)
	require.NotContains(t, r.Text, "butter\n1 cup cream")
}

// Lines in a row that were written for one reason have it once beside them.
func TestAmendedSaysAReasonOnce(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Black beans, no soak\n5 lb dried black beans, not soaked\nwater\n\nPut the beans into pints and cover with boiling water. Boil the sealed jars three hours.\n")
	body := webtest.Do(h, "GET", at+"/amended", nil).Body.String()
	require.Contains(t, body, "<h1>Clear</h1>")
	const why = "As tested: Beans or peas, shelled, dried, all varieties"
	lines := strings.Split(body, `<div class="line`)
	for i := 1; i < len(lines); i++ {
		assert.False(t, strings.Contains(lines[i-1], why) && strings.Contains(lines[i], why), lines[i])
	}
	assert.Contains(t, body, why)
	assert.NotContains(t, body, "<ins>Boil the sealed jars")
	at2 := webtest.SendIn(t, h, "Beans <script>alert(1)</script>\n5 lb dried black beans, not soaked\nwater\n\nPut the beans into pints.\n")
	assert.NotContains(t, webtest.Do(h, "GET", at2+"/amended", nil).Body.String(), "<script>alert")
}
