package web_test

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"strings"
	"testing"

	"github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/web/webtest"
)

// ruled are what every page is held to: WCAG 2.2 AA as far as a program can see, and that
// headings follow each other.
const ruled = `{runOnly: {type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]}, resultTypes: ["violations"]}`

// narrowed is the same but for the contrast of colours, which hang on no width and cost the most.
var narrowed = strings.TrimSuffix(ruled, "}") + `, rules: {"color-contrast": {enabled: false}}}`

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

// TestBrowserAccess holds every page to WCAG 2.2 AA with axe-core (Deque Systems, MPL 2.0;
// testdata/axe), wide and narrow, and finds nothing that sticks out of a narrow window.
func TestBrowserAccess(t *testing.T) {
	t.Parallel()
	full, _ := webtest.New(t, true)
	empty, _ := webtest.New(t, false)
	fullSite, emptySite := served(t, full.Handler()), served(t, empty.Handler())
	axe, err := os.ReadFile("testdata/axe/axe.min.js")
	require.NoError(t, err)
	ctx := browser(t)
	step, _, eval := hands(t, ctx)
	look := func(path string, width int64) {
		t.Helper()
		step(chromedp.EmulateViewport(width, 900))
		rules := ruled
		if width < 500 {
			rules = narrowed
		}
		for _, f := range faults(t, ctx, rules) {
			for i, n := range f.Nodes {
				if i < 3 {
					assert.Fail(t, fmt.Sprintf("%s at %d: %s", path, width, f.ID), "%s: %s", f.Help, n.HTML[:min(len(n.HTML), 160)])
				}
			}
		}
		if width < 500 {
			assert.LessOrEqual(t, eval(`document.documentElement.scrollWidth`), float64(width), "%s sticks out", path)
		}
	}
	open := func(address string) {
		step(chromedp.EmulateViewport(1280, 900), chromedp.Navigate(address))
		eval(string(axe) + "; true")
	}
	for _, path := range everyPage {
		open(fullSite.URL + path)
		look(path, 1280)
		look(path, 390)
	}
	for _, path := range []string{"/", "/new", "/plan", "/stove", "/stove/new", "/shelf", "/acidity/log", "/kitchen", "/library?q=zzz"} {
		open(emptySite.URL + path)
		look(path, 1280)
	}
}
