package web_test

import (
	"context"
	"net/http"
	"net/url"
	"testing"

	"github.com/chromedp/chromedp"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// TestBrowserOfTwo mends a recipe that somebody else mends meanwhile, sends the same form
// twice by going back, takes the recipe off the desk, and puts it back.
func TestBrowserOfTwo(t *testing.T) {
	s, st := webtest.New(t, true)
	h := s.Handler()
	web := served(t, h)
	at := webtest.SendIn(t, h, webtest.PlainBeans)
	ctx := browser(t)
	step, text, eval := hands(t, ctx)
	value := func(sel string) any { return eval(`document.querySelector('` + sel + `').value`) }

	step(chromedp.Navigate(web.URL+at+"/edit"), chromedp.WaitVisible("#text"))
	require.Equal(t, http.StatusSeeOther, webtest.Do(h, "POST", at, url.Values{"text": {webtest.PlainBeans + "\n1 tsp salt"}, "sent_by": {"Ann"}}).Code)
	step(chromedp.SetValue("#text", webtest.PlainBeans+"\n2 tsp salt"), chromedp.Click(".intake button.button"), chromedp.WaitVisible(".problem"))
	require.Contains(t, text(".problem"), "This recipe has been changed since you opened it")
	require.Contains(t, text(".theirs"), "1 tsp salt")
	require.Contains(t, value("#text"), "2 tsp salt")
	step(chromedp.Click(".intake button.button"), chromedp.WaitVisible(".card"))
	r, err := st.Recipe(context.Background(), webtest.IDOf(t, at))
	require.NoError(t, err)
	require.Contains(t, r.Text, "2 tsp salt")

	// A new recipe, back, and sent again: it is on the desk once.
	n := func() int {
		n, err := st.CountRecipes(context.Background(), "")
		require.NoError(t, err)
		return n
	}
	before := n()
	step(chromedp.Navigate(web.URL+"/new"), chromedp.WaitVisible("#text"), chromedp.SetValue("#text", "Zebrina beans\n4 lb green beans\nwater\nPack raw in pints."), chromedp.Click(".intake button.button"), chromedp.WaitVisible(".card"))
	require.Equal(t, before+1, n())
	step(chromedp.Click(`form[action$="/delete"] button`), chromedp.WaitVisible(".undo"))
	require.Contains(t, text(".undo"), "“Zebrina beans” was taken away")
	require.Equal(t, before, n())
	step(chromedp.Click(".undo button"), chromedp.WaitNotPresent(".undo"), chromedp.WaitVisible(".desk"))
	require.Contains(t, text(".desk"), "Zebrina beans")
}
