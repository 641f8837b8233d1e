package recipe_test

import (
	"net/http"
	"net/url"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

func TestAnswerOnThePage(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.Asking)
	page := webtest.Do(h, "GET", at, nil).Body.String()
	require.Contains(t, page, "One question first")
	m := webtest.AskedWords.FindStringSubmatch(page)
	require.Len(t, m, 2)
	asked := m[1]
	require.Contains(t, asked, "brannet")
	require.Contains(t, page, "A pan or a tool")

	for form, code := range map[string]int{
		"words=brannet&answer=nonsense":                  http.StatusUnprocessableEntity,
		"answer=tool":                                    http.StatusUnprocessableEntity,
		"words=brannet&answer=food&food=glimmer":         http.StatusUnprocessableEntity,
		"answer=tool&words=" + strings.Repeat("x", 2001): http.StatusUnprocessableEntity,
	} {
		f, err := url.ParseQuery(form)
		require.NoError(t, err)
		assert.Equal(t, code, webtest.Do(h, "POST", at+"/answer", f).Code, form[:min(60, len(form))])
	}
	require.Contains(t, webtest.Do(h, "GET", at, nil).Body.String(), "One question first", "a refused answer changes nothing")

	say := func(f url.Values) string {
		require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/answer", f).Code)
		return webtest.Do(h, "GET", at, nil).Body.String()
	}
	page = say(url.Values{"words": {asked}, "answer": {"tool"}})
	assert.Contains(t, page, "<h1>Clear</h1>")
	assert.Contains(t, page, "You said: a pan or a tool", "what was cleared by an answer says so")
	assert.Contains(t, say(url.Values{"words": {asked}, "answer": {"back"}}), "One question first")

	// A food that is no part of the tested recipe does not clear it.
	assert.Contains(t, say(url.Values{"words": {asked}, "answer": {"food"}, "food": {"cream"}}), "<h1>Change first</h1>")

	// That it is only talk is said of this recipe, whatever box is ticked.
	say(url.Values{"words": {asked}, "answer": {"back"}})
	assert.Contains(t, say(url.Values{"words": {asked}, "answer": {"talk"}, "house": {"yes"}}), "<h1>Clear</h1>")
	assert.Contains(t, webtest.Do(h, "GET", webtest.SendIn(t, h, webtest.Asking), nil).Body.String(), "One question first")

	// A word of the house holds in the next recipe.
	say(url.Values{"words": {asked}, "answer": {"back"}})
	say(url.Values{"words": {asked}, "answer": {"tool"}, "house": {"yes"}})
	assert.Contains(t, webtest.Do(h, "GET", webtest.SendIn(t, h, webtest.Asking), nil).Body.String(), "<h1>Clear</h1>")
}

// Three questions stand open at first; the others are a line each, and open once those are
// answered.
func TestThreeQuestionsAtFirst(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	words := []string{"brannet", "glimmock", "snorple", "trundel", "wobbin"}
	text := "Green beans\n4 lb green beans, trimmed, in 1 inch pieces\nboiling water\n\n"
	for _, w := range words {
		text += "Put the beans in the wide " + w + " and rinse them.\n"
	}
	text += "Pack raw in hot pints, boiling water over, 1 inch headspace. Lids on.\nVent 10 minutes. Process pints 20 minutes at 13 pounds in a dial gauge pressure canner."
	at := webtest.SendIn(t, h, text)
	page := webtest.Do(h, "GET", at, nil).Body.String()
	require.Contains(t, page, "Five questions first")
	require.Equal(t, 2, strings.Count(page, `<details class="later">`))
	for _, m := range webtest.AskedWords.FindAllStringSubmatch(page, 2) {
		require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at+"/answer", url.Values{"words": {m[1]}, "answer": {"tool"}}).Code)
	}
	page = webtest.Do(h, "GET", at, nil).Body.String()
	require.NotContains(t, page, `<details class="later">`)
	require.Contains(t, page, "Three questions first")
}
