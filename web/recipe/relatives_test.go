package recipe_test

import (
	"net/http"
	"net/url"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// A recipe without a process is shown tested ones near it: linked, with the acid that makes
// them safe, the lines that are not in them as they were written, and never as its own time.
func TestRelativesOnThePage(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Tomato & mango relish\n\n10 lb tomatoes, peeled\n1 cup mango <i>ripe</i>\n1 cup cream cheese\n\nFill quarts, process 20 minutes in a water bath.")
	page := webtest.Get(h, at)
	require.Contains(t, page, "No process")
	require.Contains(t, page, "Tested recipes near it")
	require.Contains(t, page, "each with a time that is for it alone")
	require.Contains(t, page, `<a href="/library/tomatoes-`)
	require.Contains(t, page, "in each jar <b>")
	require.Contains(t, page, "bottled lemon juice")
	require.Contains(t, page, "Not in it: line 4")
	require.NotContains(t, page, "<i>ripe</i>", "what was typed is written, not run")

	require.NotContains(t, webtest.Get(h, webtest.SendIn(t, h, webtest.PlainBeans)), "Tested recipes near it", "a recipe with a process has no need of them")
}

// One number: the verdict's sentence, the edits and the comparison count the same things.
func TestCountsAgree(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, "Green beans\n4 lb green beans\n1 cup cream\n2 tbsp butter\n1 tbsp flour\nwater\n\nPack raw in hot pints with boiling water, 1 inch headspace. Process pints 20 minutes at 13 pounds in a dial gauge pressure canner.")
	require.Contains(t, webtest.Get(h, at), "Three things stand between")
	require.Contains(t, webtest.Get(h, at+"/amended"), "With 3 of 3 edits made")
	require.Contains(t, webtest.Get(h, at+"/compare"), "3 to change")
}

// The procedure named in the address of a comparison is looked up, and not believed.
func TestCompareWithNonsense(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	page := webtest.Get(h, at+"/compare?with="+url.QueryEscape("<script>alert(1)</script>"))
	require.Contains(t, page, "There is no such procedure in the library")
	require.NotContains(t, page, "<script>alert")
	require.Equal(t, http.StatusUnprocessableEntity, webtest.Do(h, "POST", at+"/procedure", url.Values{"procedure": {"nonsense"}}).Code)
}
