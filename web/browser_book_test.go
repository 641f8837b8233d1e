package web_test

import (
	"testing"

	"github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// TestBookByKeyboard: from the review to a procedure of the kitchen's own without a mouse: one key,
// four fields with Tab between them, Ctrl and Enter.
func TestBookByKeyboard(t *testing.T) {
	s, _ := webtest.New(t, true)
	h := s.Handler()
	at := webtest.SendIn(t, h, webtest.PlumChutney)
	web := served(t, h)
	ctx := browser(t)
	step, text, eval := hands(t, ctx)

	step(chromedp.Navigate(web.URL+at), chromedp.WaitVisible(`[data-key="B"]`))
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {key: "b", bubbles: true})); true`)
	step(chromedp.WaitVisible(`input[name="book"]`))
	require.Equal(t, "book", eval(`document.activeElement.name`), "the first field has the keys")
	for i, typed := range []string{"The Orchard Ladle", "2nd edition 2008", "114", "Ida Fenn"} {
		if i > 0 {
			step(chromedp.KeyEvent(kb.Tab))
		}
		step(chromedp.KeyEvent(typed))
	}
	require.Equal(t, "by", eval(`document.activeElement.name`))
	eval(`document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "Enter", ctrlKey: true, bubbles: true})); true`)
	step(chromedp.WaitVisible(".banner.clear h1"))
	require.Equal(t, "Clear", text(".banner h1"))
	require.Contains(t, text(".side"), "from a book in this kitchen")
}
