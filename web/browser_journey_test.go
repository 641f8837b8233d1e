package web_test

import (
	"testing"
	"time"

	"github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// TestBrowserKeyboardJourney goes from a pasted letter to its run sheet with keys alone: no element is pointed
// at, clicked or focused but by them.
func TestBrowserKeyboardJourney(t *testing.T) {
	s, _ := webtest.New(t, true)
	web := served(t, s.Handler())
	ctx := browser(t)
	step, text, eval := hands(t, ctx)
	press := func(key string, with ...chromedp.KeyOption) { t.Helper(); step(chromedp.KeyEvent(key, with...)) }
	tabTo := func(what string) {
		t.Helper()
		for range 120 {
			if eval(`!!document.activeElement?.matches(`+"`"+what+"`"+`)`) == true {
				return
			}
			press(kb.Tab)
		}
		t.Fatalf("no Tab leads to %s", what)
	}
	until := func(js, why string) {
		t.Helper()
		require.Eventually(t, func() bool { return eval(js) == true }, 15*time.Second, 50*time.Millisecond, why)
	}

	step(chromedp.Navigate(web.URL + "/"))
	press("n")
	until(`document.activeElement?.id === "text"`, "the cursor stands where the recipe goes")
	press("Carrots for the journey\n11 lb carrots\nwater\n1/2 tsp salt to each pint\n" +
		"Peel, slice and simmer 5 minutes. Pack hot into pints, 1 inch headspace, and cover with the hot liquid.\n" +
		"Vent 10 minutes and process 25 minutes at 13 pounds in the dial gauge canner.")
	until(`document.querySelector("#reading")?.textContent.includes("carrot")`, "it is read while it is typed")
	press(kb.Enter, chromedp.KeyModifiers(chromedp.ModifierCtrl))
	step(chromedp.WaitVisible("[data-card]"))
	require.Equal(t, "Clear", text(".banner h1"))

	tabTo(`a[href="/plan"]`)
	press(kb.Enter)
	const row = `[...document.querySelectorAll("tr")].find(r => r.textContent.includes("Carrots for the journey"))`
	until(`location.pathname === "/plan" && !!`+row, "the page of plans, with the recipe")
	at := eval(row + `.querySelector("input").name`)
	tabTo(`input[name="` + at.(string) + `"]`)
	if eval(`document.activeElement.checked`) == false {
		press(" ")
	}
	press(kb.Enter, chromedp.KeyModifiers(chromedp.ModifierCtrl))
	until(`/^\/plan\/\d+$/.test(location.pathname) && !!document.querySelector('a[href$="/sheets"]')`, "the day is planned")
	tabTo(`a[href$="/sheets"]`)
	press(kb.Enter)
	until(`location.pathname.endsWith("/sheets") && !!document.querySelector("main")`, "its run sheets")
	require.Contains(t, text("main"), "Carrots for the journey")
	require.Contains(t, text("main"), "13 psi")
}
