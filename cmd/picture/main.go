// Command picture takes the pictures of docs/screenshots from the demo data,
// with headless Chromium at 1280x800.
package main

import (
	"context"
	"fmt"
	"net"
	"net/http"
	"os"
	"os/exec"
	"path/filepath"
	"time"

	"github.com/chromedp/chromedp"
)

// pasted is a letter half read, and half mended: one guess accepted, a cell at hand.
const pasted = `document.querySelector("#text").value = "From: Perpetua Lindqvist\nSubject: the plum and quince pot\n\nDear all,\n\n5 lb plums, halved\n1 half cup sugar\n2 quinces, peeled & diced\n3 cups carots, sliced\n2 cups brambleberry\n1 tsp salt to each pint\n\nHeat it all in the syrup, and glim it well.\nPack hot into pints, ½ inch headspace, lids on.\nWater bath, 20 minutes, or less when it is hot out.\nThe goat sends her regards.\n\nLove, Perpetua";
document.querySelector("#text").dispatchEvent(new Event("mended"));
setTimeout(() => document.querySelector("[data-accept]").click(), 300);
setTimeout(() => document.querySelector('[data-part="food"][data-line="8"]').dispatchEvent(new MouseEvent("mouseover", {bubbles: true})), 800); true`

// typed searches the library before its picture is taken.
const typed = `document.querySelector("#q").value = "beans"; document.querySelector("#q").dispatchEvent(new Event("input", {bubbles: true})); true`

var pages = []struct{ name, path, script string }{
	{"desk", "/", ""},
	{"new-recipe", "/new", pasted},
	{"review-change", "/recipes/11", ""},
	{"review-amended", "/recipes/11/amended", ""},
	{"review-untested", "/recipes/5", ""},
	{"review-stop", "/recipes/6", ""},
	{"book", "/recipes/15/book", ""},
	{"library", "/library", typed},
	{"procedure", "/library/tomatoes-whole-water", ""},
	{"kitchen", "/kitchen", ""},
	{"plan", "/plan/1", ""},
	{"run-sheet", "/plan/1/sheets", ""},
	{"stove", "/stove", ""},
	{"run-judged", "/stove/6", ""},
	{"shelf", "/shelf", ""},
	{"labels", "/shelf/2", ""},
	{"acid-bench", "/acidity", ""},
	{"ph-log", "/acidity/log", ""},
	{"review-asks", "/recipes/14", ""},
}

func main() {
	if len(os.Args) != 3 {
		fmt.Fprintln(os.Stderr, "usage: picture path/to/damson DIR")
		os.Exit(2)
	}
	if err := run(os.Args[1], os.Args[2]); err != nil {
		fmt.Fprintln(os.Stderr, "picture:", err)
		os.Exit(1)
	}
}

func run(binary, dir string) error {
	ln, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return err
	}
	addr := ln.Addr().String()
	_ = ln.Close()
	cmd := exec.Command(binary, "demo", "--addr", addr)
	if err := cmd.Start(); err != nil {
		return err
	}
	defer func() {
		_ = cmd.Process.Signal(os.Interrupt)
		_ = cmd.Wait()
	}()
	for i := 0; ; i++ {
		resp, err := http.Get("http://" + addr + "/healthz")
		if err == nil {
			resp.Body.Close()
			break
		}
		if i == 100 {
			return err
		}
		time.Sleep(50 * time.Millisecond)
	}
	opts := append(chromedp.DefaultExecAllocatorOptions[:], chromedp.WindowSize(1280, 800), chromedp.Flag("disable-background-networking", true))
	if os.Geteuid() == 0 {
		opts = append(opts, chromedp.NoSandbox)
	}
	ctx, cancel := chromedp.NewContext(context.Background(), chromedp.WithAllocatorOptions(opts...))
	defer cancel()
	ctx, stop := context.WithTimeout(ctx, 2*time.Minute)
	defer stop()
	for _, p := range pages {
		if err := chromedp.Do(ctx, chromedp.EmulateViewport(1280, 800), chromedp.Navigate("http://"+addr+p.path), chromedp.Sleep(500*time.Millisecond)); err != nil {
			return err
		}
		if p.script != "" {
			if _, err := chromedp.Run(ctx, chromedp.Evaluate[any](p.script)); err != nil {
				return err
			}
			if err := chromedp.Do(ctx, chromedp.Sleep(1500*time.Millisecond)); err != nil {
				return err
			}
		}
		png, err := chromedp.Run(ctx, chromedp.CaptureScreenshot())
		if err != nil {
			return err
		}
		if err := os.WriteFile(filepath.Join(dir, p.name+".png"), png, 0o644); err != nil {
			return err
		}
	}
	return nil
}
