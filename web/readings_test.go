package web

import (
	"context"
	"errors"
	"net/http"
	"net/url"
	"strconv"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

func TestOneReadingOfAText(t *testing.T) {
	var r readings
	times := 0
	read := func(string) (*recipe.Recipe, error) {
		times++
		return &recipe.Recipe{}, nil
	}
	get := func(shelf int64, text string) *recipe.Recipe {
		rec, err := r.get(shelf, text, read)
		require.NoError(t, err)
		return rec
	}
	first := get(1, "beans")
	require.Same(t, first, get(1, "beans"))
	require.NotSame(t, first, get(1, "peas"))
	require.Equal(t, 2, times)
	require.NotSame(t, first, get(2, "beans"), "a new shelf reads anew")

	_, err := r.get(2, "too long", func(string) (*recipe.Recipe, error) { return nil, errors.New("too long") })
	require.EqualError(t, err, "too long")
	get(2, "too long") // an error is not kept
	require.Equal(t, 4, times)

	for i := range cacheSize + 5 {
		get(2, string(rune('a'+i)))
	}
	require.LessOrEqual(t, len(r.of), cacheSize)
}

// What was said of a line is kept beside its review, and goes with it: a new version, a new
// elevation or another text is asked anew.
func TestWhatIfIsKept(t *testing.T) {
	s, st := newServer(t, true)
	h := s.Handler()
	at := sendIn(t, h, creamySoup)
	line := func() string {
		w := do(h, "GET", at+"/lines/5", nil)
		require.Equal(t, http.StatusOK, w.Code)
		return w.Body.String()
	}
	kept := func() int {
		n := 0
		for _, r := range s.reviews.seen {
			n += len(r.whatIf)
		}
		return n
	}
	first := line()
	require.Equal(t, 1, kept())
	require.Equal(t, first, line())
	require.Equal(t, 1, kept())
	require.Len(t, s.readings.of, 1, "one reading for the page and what is asked from it")
	do(h, "GET", at+"/amended", nil)
	do(h, "GET", at+"/compare", nil)
	require.Len(t, s.readings.of, 1)

	require.Equal(t, http.StatusSeeOther, do(h, "POST", at+"/amended", url.Values{"take": {"fat:4:butter", "dairy:4:butter"}}).Code)
	w := do(h, "GET", at+"/lines/4", nil) // the cream has moved up
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
	s, _ := newServer(t, true)
	h := s.Handler()
	at := sendIn(t, h, "Black beans, no soak\n5 lb dried black beans, not soaked\nwater\n\nPut the beans into pints and cover with boiling water. Boil the sealed jars three hours.\n")
	body := do(h, "GET", at+"/amended", nil).Body.String()
	require.Contains(t, body, "<h1>Clear</h1>")
	const why = "As tested: Beans or peas, shelled, dried, all varieties"
	lines := strings.Split(body, `<div class="line`)
	for i := 1; i < len(lines); i++ {
		assert.False(t, strings.Contains(lines[i-1], why) && strings.Contains(lines[i], why), lines[i])
	}
	assert.Contains(t, body, why)
	assert.NotContains(t, body, "<ins>Boil the sealed jars")
	at2 := sendIn(t, h, "Beans <script>alert(1)</script>\n5 lb dried black beans, not soaked\nwater\n\nPut the beans into pints.\n")
	assert.NotContains(t, do(h, "GET", at2+"/amended", nil).Body.String(), "<script>alert")
}
