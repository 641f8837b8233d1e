package web_test

import (
	"context"
	"errors"
	"net/http"
	"net/http/httptest"
	"os"
	"os/exec"
	"sync"
	"testing"
	"time"

	"github.com/chromedp/chromedp"
	"github.com/chromedp/chromedp/kb"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// chromium is the browser of all tests, started by the first that asks: each has a window of its own there, and
// its own cookies and storage.
var chromium = sync.OnceValues(func() (context.Context, error) {
	found := ""
	for _, name := range []string{"chromium", "chromium-browser", "google-chrome"} {
		if p, err := exec.LookPath(name); err == nil {
			found = p
			break
		}
	}
	if found == "" {
		return nil, errors.New("no Chromium here: install Debian's chromium, as make test does")
	}
	opts := append(chromedp.DefaultExecAllocatorOptions[:], chromedp.ExecPath(found), chromedp.WindowSize(1280, 800), chromedp.Flag("disable-background-networking", true))
	if os.Geteuid() == 0 {
		opts = append(opts, chromedp.NoSandbox)
	}
	ctx, stop := chromedp.NewContext(context.Background(), chromedp.WithAllocatorOptions(opts...))
	closeChromium = stop
	return ctx, chromedp.Do(ctx, chromedp.Navigate("about:blank"))
})

// closeChromium ends the browser, if one was started.
var closeChromium = func() {}

func TestMain(m *testing.M) {
	code := m.Run()
	closeChromium()
	os.Exit(code)
}

// browser is a window of headless Chromium. It is part of the tests, not an extra:
// without it they fail, unless -short asks to leave it out.
func browser(t *testing.T) context.Context {
	if testing.Short() {
		t.Skip("-short")
	}
	all, err := chromium()
	require.NoError(t, err)
	ctx, cancel := chromedp.NewContext(all, chromedp.WithNewBrowserContext())
	t.Cleanup(cancel)
	ctx, stop := context.WithTimeout(ctx, 8*time.Minute)
	t.Cleanup(stop)
	return ctx
}

// served is a server of the pages that goes when the test is over, after the browser: a page that listens holds it.
func served(t *testing.T, h http.Handler) *httptest.Server {
	s := httptest.NewServer(h)
	t.Cleanup(s.Close)
	return s
}

// hands are what a test does in the browser: act, read the text of a place, ask the page.
func hands(t *testing.T, ctx context.Context) (step func(...chromedp.Action[chromedp.Void]), text func(string) string, eval func(string) any) {
	step = func(acts ...chromedp.Action[chromedp.Void]) {
		t.Helper()
		require.NoError(t, chromedp.Do(ctx, acts...))
	}
	text = func(sel string) string {
		t.Helper()
		v, err := chromedp.Run(ctx, chromedp.Text(sel))
		require.NoError(t, err)
		return v
	}
	eval = func(js string) any {
		t.Helper()
		v, err := chromedp.Run(ctx, chromedp.Evaluate[any](js))
		require.NoError(t, err)
		return v
	}
	return step, text, eval
}

// TestBrowserPastes pastes a recipe as a user would, watches the reading, mends a
// line in place and reads the verdict.
func TestBrowserPastes(t *testing.T) {
	s, _ := webtest.New(t, true)
	web := served(t, s.Handler())
	ctx := browser(t)
	step, text, eval := hands(t, ctx)

	step(chromedp.Navigate(web.URL + "/new"))
	eval(`window.violations = []; document.addEventListener("securitypolicyviolation", e => window.violations.push(e.violatedDirective + " " + e.blockedURI)); true`)
	step(chromedp.SendKeys("#text", "Green beans\n4 lb green beans\nwater\n1/0 cup salt\na knob of butter\nPack raw into pints.\n"),
		chromedp.WaitVisible(`#reading .wholeline[data-line="4"]`))
	require.Contains(t, text("#reading"), "divides by zero")

	// Mend line 4 in place: the pasted text changes and is read again.
	step(chromedp.SetValue(`#reading .wholeline[data-line="4"]`, "1 Tbsp salt"))
	eval(`(() => { const i = document.querySelector('#reading .wholeline[data-line="4"]'); if (i) i.dispatchEvent(new Event("change", {bubbles: true})); return true })()`)
	require.Eventually(t, func() bool {
		return eval(`document.querySelector("#text").value.includes("1 Tbsp salt") && !document.querySelector('#reading [data-wholerow="4"]')`) == true
	}, 10*time.Second, 50*time.Millisecond)

	// Accept a guess from the keyboard.
	eval(`(() => { const t = document.querySelector("#text"); t.value = t.value.replace("4 lb green beans", "4 lb carots"); t.dispatchEvent(new Event("mended")); return true })()`)
	step(chromedp.WaitVisible(`[data-accept="2"]`))
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {code: "KeyA", altKey: true, bubbles: true}))`)
	require.Equal(t, "4 lb carrot", eval(`document.querySelector("#text").value.split("\n")[1]`))
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {code: "KeyZ", altKey: true, bubbles: true}))`)
	eval(`(() => { const t = document.querySelector("#text"); t.value = t.value.replace("4 lb carots", "4 lb green beans"); t.dispatchEvent(new Event("mended")); return true })()`)
	require.Eventually(t, func() bool { return eval(`!document.querySelector("[data-accept]")`) == true }, 10*time.Second, 50*time.Millisecond)

	// Mend a cell: only its words change. Then take it back.
	mend := func(part, value string) {
		eval(`(() => { const i = document.querySelector('#reading [data-line="2"][data-part="` + part + `"]'); i.focus(); const f = i.querySelector("input"); f.value = "` + value + `"; f.dispatchEvent(new Event("change", {bubbles: true})); return true })()`)
	}
	second := func() any { return eval(`document.querySelector("#text").value.split("\n")[1]`) }
	require.Equal(t, "4 lb green beans", second())
	mend("unit", "kg")
	require.Equal(t, "4 kg green beans", second())
	require.Eventually(t, func() bool { return eval(`document.activeElement.dataset.part`) == "unit" }, 5*time.Second, 20*time.Millisecond, "the cursor stays in its cell")
	require.Eventually(t, func() bool {
		return eval(`[...document.querySelectorAll("[data-source]")].some(s => s.textContent.includes("amount"))`) == true
	}, 5*time.Second, 20*time.Millisecond, "the words stand above, with what they gave")
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {code: "KeyZ", altKey: true, bubbles: true}))`)
	require.Equal(t, "4 lb green beans", second())
	mend("form", "frozen, sliced")
	require.Equal(t, "4 lb green beans, frozen, sliced", second())
	require.Eventually(t, func() bool {
		return eval(`document.querySelector('tr[data-row="2"]').dataset.spans.split("form").length`) == 3.0
	}, 5*time.Second, 20*time.Millisecond)
	mend("form", "sliced")
	require.Equal(t, "4 lb green beans, sliced", second())
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {code: "KeyZ", altKey: true, bubbles: true}))`)
	eval(`document.dispatchEvent(new KeyboardEvent("keydown", {code: "KeyZ", altKey: true, bubbles: true}))`)
	require.Equal(t, "4 lb green beans", second())
	// With Alt a key does something to the line of the cell that the cursor stands in.
	alt := func(code, key string) {
		eval(`(() => { document.querySelector('#reading [data-line="2"][data-part="unit"]').focus();
			document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {code: "` + code + `", key: "` + key + `", altKey: true, bubbles: true})); return true })()`)
	}
	alt("KeyH", "˙")
	require.Equal(t, "4 lb green beans:", second(), "a heading, whatever letter the keyboard makes of it")
	alt("KeyZ", "Ω")
	require.Equal(t, "4 lb green beans", second())
	require.Equal(t, true, eval(`document.querySelector("#text").dispatchEvent(new KeyboardEvent("keydown",
		{code: "KeyN", key: "ñ", altKey: true, bubbles: true, cancelable: true}))`), "a letter, where the recipe is typed")
	require.Equal(t, []any{"Alt J", "Alt A", "Alt ↵", "Alt H", "Alt N"},
		eval(`[...document.querySelectorAll("[data-foot] kbd")].map(k => k.textContent).filter(k => k.startsWith("Alt"))`))
	require.Equal(t, []any{}, eval(`window.violations`), "nothing runs against the Content-Security-Policy")

	// The button moves while the reading grows: it is pressed, not aimed at.
	eval(`document.querySelector('form button[type="submit"]').click()`)
	step(chromedp.WaitVisible("[data-card]"))
	require.Equal(t, "Change first", text(".banner h1"))
	require.Contains(t, text(".side"), "13 psi (90 kPa)")
	require.Contains(t, text(".side"), "20 min")

	// The note stands beside its line, and the leader is drawn.
	gap := eval(`(() => { const n = document.querySelector(".note.change").getBoundingClientRect(); const c = document.querySelector("[data-card]").getBoundingClientRect(); return n.left - c.right })()`)
	require.Greater(t, gap, 0.0)
	require.NotEqual(t, 0.0, eval(`document.querySelectorAll("[data-leaders] path").length`))

	// Keys: J goes to a note, D to the desk, J and Enter open a recipe.
	step(chromedp.KeyEvent("j"))
	require.Equal(t, true, eval(`document.activeElement.hasAttribute("data-note")`))
	step(chromedp.KeyEvent("d"), chromedp.WaitVisible("table.desk"))
	require.Contains(t, text("table.desk"), "Green beans")
	step(chromedp.KeyEvent("j"))
	require.Equal(t, true, eval(`document.activeElement.hasAttribute("data-step")`))

	// A narrow window folds the notes under their lines.
	step(chromedp.EmulateViewport(420, 900), chromedp.Navigate(web.URL+"/recipes/11"), chromedp.WaitVisible("[data-card]"))
	require.Equal(t, "static", eval(`getComputedStyle(document.querySelector(".note")).position`))
	require.Equal(t, true, eval(`document.documentElement.scrollWidth <= 420`), "nothing sticks out")

	// The review's own keys: J to a note, W says what the line does, T takes
	// the edit, C lays the procedure beside it, A writes the version to can.
	step(chromedp.EmulateViewport(1280, 800), chromedp.Navigate(web.URL+"/recipes/11"), chromedp.WaitVisible("[data-card]"))
	find := `[...document.querySelectorAll("[data-note]")].findIndex(n => n.textContent.includes("Leave the butter out"))`
	for range 1 + int(eval(find).(float64)) {
		step(chromedp.KeyEvent("j"))
	}
	require.Contains(t, eval(`document.activeElement.textContent`), "Leave the butter out")
	step(chromedp.KeyEvent("w"), chromedp.WaitVisible("#whatif p"))
	require.Eventually(t, func() bool {
		return eval(`document.querySelector("#whatif").textContent.includes("Nothing may stand in")`) == true
	}, 5*time.Second, 20*time.Millisecond, text("#whatif"))
	step(chromedp.KeyEvent("c"), chromedp.WaitVisible("table.compare, .compare table, .banner h1"))
	require.Eventually(t, func() bool { return eval(`location.pathname`) == "/recipes/11/compare" }, 5*time.Second, 20*time.Millisecond)
	step(chromedp.Navigate(web.URL+"/recipes/11"), chromedp.WaitVisible("[data-card]"), chromedp.KeyEvent("a"))
	require.Eventually(t, func() bool { return eval(`location.pathname`) == "/recipes/11/amended" }, 5*time.Second, 20*time.Millisecond)
	step(chromedp.WaitVisible(".banner h1"))
	require.Equal(t, "Clear", text(".banner h1"))
	eval(`(() => { const box = document.querySelector('input[type="checkbox"]'); box.click(); return true })()`)
	require.Eventually(t, func() bool { return eval(`document.querySelector(".banner h1").textContent.trim()`) == "Change first" }, 5*time.Second, 20*time.Millisecond, "the verdict moves with the edits")

	// The acid bench: an arrow key on a slider moves the range and its figure.
	step(chromedp.Navigate(web.URL+"/acidity"), chromedp.WaitVisible("[data-slider]"))
	figure := func() any { return eval(`document.querySelector("#mix b")?.textContent`) } // the answer replaces it
	was := figure()
	eval(`document.querySelectorAll("[data-slider]")[3].focus()`)
	for range 6 {
		step(chromedp.KeyEvent(kb.ArrowRight))
	}
	require.Equal(t, "8", eval(`document.querySelectorAll(".sliders output")[3].value`))
	require.Eventually(t, func() bool { v := figure(); return v != nil && v != was }, 5*time.Second, 20*time.Millisecond, "the range moves")

	// The day: an arrow key moves a piece and keeps it in focus; what no longer
	// fits is told.
	step(chromedp.Navigate(web.URL+"/plan/1"), chromedp.WaitVisible("[data-chart]"))
	at := func() any { return eval(`document.querySelector('[data-task="0.1.process"] rect').getAttribute("x")`) }
	stood := at()
	eval(`document.querySelector('[data-task="0.1.process"]').focus()`)
	step(chromedp.KeyEvent(kb.ArrowRight))
	require.Eventually(t, func() bool { return at() != stood }, 5*time.Second, 20*time.Millisecond, "the load moves")
	require.Eventually(t, func() bool { return eval(`document.activeElement.dataset.task`) == "0.1.process" }, 5*time.Second, 20*time.Millisecond, "and stays in focus")
	step(chromedp.KeyEvent(kb.ArrowLeft))
	require.Eventually(t, func() bool { return at() == stood }, 5*time.Second, 20*time.Millisecond)
	require.Equal(t, true, eval(`!document.querySelector(".clashes")`))

	// And dragged: where it then clashes, it says so.
	eval(`(() => {
		const piece = document.querySelector('[data-task="0.1.process"]'), box = piece.getBoundingClientRect();
		const fire = (type, x) => piece.dispatchEvent(new PointerEvent(type, {bubbles: true, clientX: x, clientY: box.top + 5}));
		fire("pointerdown", box.left + 5); fire("pointermove", box.left + 90); fire("pointerup", box.left + 205);
		return true })()`)
	require.Eventually(t, func() bool { return eval(`!!document.querySelector(".clashes")`) == true }, 5*time.Second, 20*time.Millisecond)
	require.Contains(t, text(".clashes"), "is in use")
}
