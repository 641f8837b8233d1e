package web_test

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"testing"

	"github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// ruled are what every page is held to: WCAG 2.2 AA as far as a program can see, and that
// headings follow each other.
const ruled = `{runOnly: {type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]}, resultTypes: ["violations"]}`

// narrowed are those that hang on the width of the window: what is hidden, moved or made small there.
const narrowed = `{runOnly: {type: "rule", values: ["target-size", "scrollable-region-focusable", "button-name", "link-name",
	"label", "select-name", "heading-order", "empty-heading", "page-has-heading-one", "region", "aria-hidden-focus",
	"link-in-text-block"]}, resultTypes: ["violations"]}`

// fault is what axe-core finds on a page.
type fault struct {
	ID, Help string
	Nodes    []struct {
		HTML           string `json:"html"`
		FailureSummary string `json:"failureSummary"`
	}
}

// everyPage is a path of each page, from the demo data.
var everyPage = []string{
	"/", "/new", "/recipes/11", "/recipes/12", "/recipes/6", "/recipes/5", "/recipes/14", "/recipes/11/amended",
	"/recipes/4/compare", "/recipes/12/edit", "/recipes/13/scale", "/recipes/13/versions", "/recipes/15/book",
	"/library", "/library?q=beans", "/library/soup", "/library/soup/check", "/foods/tomato", "/rules/dairy",
	"/without/no-dairy", "/debated", "/check", "/check/sheet", "/procedures/new",
	"/plan", "/plan/1", "/plan/1/quantities", "/plan/1/sheets", "/stove", "/stove/new?recipe=13", "/stove/2", "/stove/3",
	"/shelf", "/shelf/2", "/acidity", "/acidity/log", "/acidity/practice", "/acidity/selling", "/kitchen", "/removed",
	"/nowhere",
}

// faults are what axe-core, which the page has, finds there.
func faults(t *testing.T, ctx context.Context, rules string) (list []fault) {
	t.Helper()
	found, err := chromedp.Run(ctx, chromedp.Evaluate[string](
		`axe.run(document, `+rules+`).then(r => JSON.stringify(r.violations))`, chromedp.EvalAwaitPromise))
	require.NoError(t, err)
	require.NoError(t, json.Unmarshal([]byte(found), &list))
	return list
}

// page is a page in a window of the browser, and what the tests do with it.
type page struct {
	t    *testing.T
	ctx  context.Context
	path string
	step func(...chromedp.Action[chromedp.Void])
	eval func(string) any
}

// look holds the page to the rules at a width.
func (p page) look(width int64, rules string) {
	p.t.Helper()
	p.step(chromedp.EmulateViewport(width, 900))
	for _, f := range faults(p.t, p.ctx, rules) {
		for i, n := range f.Nodes {
			if i < 3 {
				assert.Fail(p.t, fmt.Sprintf("%s at %d: %s", p.path, width, f.ID), "%s: %s", f.Help, n.HTML[:min(len(n.HTML), 160)])
			}
		}
	}
}

// TestBrowserAccess holds every page to WCAG 2.2 AA with axe-core (Deque Systems, MPL 2.0;
// testdata/axe), wide, narrow and empty, finds nothing that sticks out of a narrow window, and shows it in all ways.
// Two windows go through the pages.
func TestBrowserAccess(t *testing.T) {
	full, _ := webtest.New(t, true)
	empty, _ := webtest.New(t, false)
	fullSite, emptySite := served(t, full.Handler()), served(t, empty.Handler())
	axe, err := os.ReadFile("testdata/axe/axe.min.js")
	require.NoError(t, err)
	bare := []string{"/", "/new", "/plan", "/stove", "/stove/new", "/shelf", "/acidity/log", "/kitchen", "/library?q=zzz"}
	for half := range 2 {
		t.Run(fmt.Sprint(half+1), func(t *testing.T) {
			t.Parallel()
			ctx := browser(t)
			step, _, eval := hands(t, ctx)
			open := func(site, path string) page {
				step(seen("", plainly...), chromedp.EmulateViewport(1280, 900), chromedp.Navigate(site+path))
				eval(string(axe) + "; true")
				return page{t, ctx, path, step, eval}
			}
			for i, path := range everyPage {
				if i%2 != half {
					continue
				}
				p := open(fullSite.URL, path)
				p.look(1280, ruled)
				p.look(390, narrowed)
				assert.LessOrEqual(t, eval(`document.documentElement.scrollWidth`), 390.0, "%s sticks out", path)
				p.inAllWays()
			}
			for i, path := range bare {
				if i%2 == half {
					open(emptySite.URL, path).look(1280, ruled)
				}
			}
		})
	}
}
