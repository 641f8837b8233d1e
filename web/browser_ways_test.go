package web_test

import (
	"context"
	"fmt"
	"strings"

	"github.com/chromedp/cdproto/cdp"
	"github.com/chromedp/cdproto/emulation"
	"github.com/chromedp/chromedp"
	"github.com/stretchr/testify/assert"
)

// seen lets the browser show pages as paper, or as a reader has asked for.
func seen(media string, features ...*emulation.MediaFeature) chromedp.Action[chromedp.Void] {
	return chromedp.Func(func(ctx context.Context, t *chromedp.Target) error {
		_, err := cdp.Call(ctx, t, emulation.SetEmulatedMedia,
			emulation.SetEmulatedMediaParams{Media: media, Features: features})
		return err
	})
}

// Each script below answers with what is wrong on the page, a line each.
const (
	// zoomed: nothing sticks out to the side, what stays in place leaves two thirds of the window, and whatever
	// has the focus is seen (WCAG 2.2: 1.4.4, 1.4.10, 2.4.11).
	zoomed = `(() => {
	const wrong = [], wide = document.documentElement.scrollWidth
	if (wide > innerWidth) wrong.push("sticks out: " + wide)
	for (const e of document.querySelectorAll("a[href], button, input, select, textarea, summary, [tabindex='0']")) {
		if (!e.checkVisibility({visibilityProperty: true}) || e.disabled || e.type === "hidden" || e.closest(".skip")) continue
		e.focus()
		const r = e.getBoundingClientRect()
		const seen = [[.5, .5], [.1, .1], [.9, .9]].some(([x, y]) => {
			const at = document.elementFromPoint(r.x + r.width * x, r.y + r.height * y)
			return at && (e.contains(at) || at.contains(e) || e.closest("label")?.contains(at))
		})
		if (!seen) wrong.push("out of sight with the focus: " + e.outerHTML.slice(0, 90))
	}
	const foot = document.querySelector(".foot")
	if (foot && foot.getBoundingClientRect().height > innerHeight / 3) wrong.push("the foot takes more than a third")
	return wrong.join("\n")
})()`

	// recoloured: drawings that hold words lie on paper of their own, a button is seen to be one, and one place of
	// the list at the top is marked as the one where one is.
	recoloured = `(() => {
	const wrong = [], clear = c => c === "rgba(0, 0, 0, 0)" || c === "transparent"
	for (const s of document.querySelectorAll("svg"))
		if (s.querySelector("text") && clear(getComputedStyle(s).backgroundColor)) wrong.push("no paper: " + s.className.baseVal)
	for (const b of document.querySelectorAll("button, .button")) {
		const c = getComputedStyle(b)
		if (b.checkVisibility() && c.borderStyle === "none" && c.textDecorationLine === "none")
			wrong.push("no edge: " + b.outerHTML.slice(0, 90))
	}
	const ground = getComputedStyle(document.body.parentElement).backgroundColor
	for (const a of document.querySelectorAll(".frame nav a"))
		if (getComputedStyle(a).borderBottomColor !== ground && !a.hasAttribute("aria-current")) wrong.push("marked: " + a.textContent)
	return wrong.join("\n")
})()`

	// still: nothing moves by itself.
	still = `(() => {
	const moves = [...document.querySelectorAll("*")].filter(e => {
		const c = getComputedStyle(e)
		return c.transitionDuration !== "0s" || c.animationName !== "none" || c.scrollBehavior === "smooth"
	})
	return moves.concat(document.getAnimations()).map(e => "moves: " + (e.outerHTML || e).toString().slice(0, 90)).join("\n")
})()`

	// printed: no button, no way to another page, no key; the heading is there, and nothing is wider than paper.
	printed = `(() => {
	const wrong = []
	for (const e of document.querySelectorAll("button, .button, nav a, .keys, [role=search], input[type=search]"))
		if (e.checkVisibility({visibilityProperty: true})) wrong.push("printed: " + e.outerHTML.slice(0, 90))
	if (![...document.querySelectorAll("h1, .runsheet h2")].some(h => h.checkVisibility())) wrong.push("no heading")
	if (document.documentElement.scrollWidth > innerWidth) wrong.push("wider than paper: " + document.documentElement.scrollWidth)
	return wrong.join("\n")
})()`
)

// paper is the width of a page of letter paper between margins of 14 mm, in CSS pixels.
const paper = 710

// ways are how a page is seen: at twice the size by those who want nothing to move, in the reader's own colours, on
// paper.
var ways = []struct {
	name          string
	width, height int64
	media         string
	features      []*emulation.MediaFeature
	asks          string
}{
	{name: "200 %, nothing moves", width: 640, height: 400, asks: zoomed + ` + "\n" + ` + still,
		features: []*emulation.MediaFeature{{Name: "prefers-reduced-motion", Value: "reduce"}}},
	{name: "forced colours", width: 1280, height: 800, asks: recoloured, features: []*emulation.MediaFeature{
		{Name: "forced-colors", Value: "active"}, {Name: "prefers-color-scheme", Value: "dark"}}},
	{name: "print", width: paper, height: 900, media: "print", asks: printed},
}

// plainly takes back what the ways ask for.
var plainly = []*emulation.MediaFeature{{Name: "prefers-reduced-motion"}, {Name: "forced-colors"}, {Name: "prefers-color-scheme"}}

// inAllWays finds nothing wrong in any of the ways.
func (p page) inAllWays() {
	p.t.Helper()
	for _, way := range ways {
		p.step(chromedp.EmulateViewport(way.width, way.height), seen(way.media, way.features...))
		if wrong := strings.TrimSpace(p.eval(way.asks).(string)); wrong != "" {
			assert.Fail(p.t, fmt.Sprintf("%s, %s", p.path, way.name), wrong)
		}
	}
}
