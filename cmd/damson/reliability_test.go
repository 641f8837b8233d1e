//go:build reliability

// What is promised of a kitchen's data, tried on the program itself: killed under load,
// filled, crowded. make reliability runs all of it, make test the short form. Times are
// printed beside what is wanted, and not asserted: they are the machine's as well.
package main

import (
	"bufio"
	"bytes"
	"context"
	"fmt"
	"io"
	"math/rand/v2"
	"net"
	"net/http"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"slices"
	"strconv"
	"strings"
	"sync"
	"sync/atomic"
	"syscall"
	"testing"
	"time"

	"github.com/stretchr/testify/require"

	"damson/store"
)

// built is the program, built once.
var built = sync.OnceValues(func() (string, error) {
	dir, err := os.MkdirTemp("", "damson-reliability-")
	if err != nil {
		return "", err
	}
	path := filepath.Join(dir, "damson")
	out, err := exec.Command("go", "build", "-trimpath", "-o", path, ".").CombinedOutput()
	if err != nil {
		return "", fmt.Errorf("%w: %s", err, out)
	}
	return path, nil
})

// server is a Damson at work in a process of its own.
type server struct {
	cmd *exec.Cmd
	url string
}

// client keeps redirects, which tell what a form led to, from being followed.
var client = &http.Client{Timeout: time.Minute, CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse },
	Transport: &http.Transport{MaxIdleConnsPerHost: 64}}

func start(t *testing.T, verb, dir string) *server {
	t.Helper()
	path, err := built()
	require.NoError(t, err)
	ln, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	addr := ln.Addr().String()
	require.NoError(t, ln.Close())
	s := &server{cmd: exec.Command(path, verb, "--data", dir, "--addr", addr), url: "http://" + addr}
	out, err := s.cmd.StdoutPipe()
	require.NoError(t, err)
	s.cmd.Stderr = os.Stderr
	require.NoError(t, s.cmd.Start())
	t.Cleanup(func() { _ = s.cmd.Process.Kill(); _ = s.cmd.Wait() })
	lines := bufio.NewScanner(out)
	for lines.Scan() && !strings.HasPrefix(lines.Text(), "Damson is at") {
	}
	go func() { _, _ = io.Copy(io.Discard, out) }()
	return s
}

// ask returns the status and what stands in the answer; a server that is gone answers 0.
func (s *server) ask(method, path string, form url.Values) (status int, location, body string) {
	var r *http.Request
	if method == http.MethodPost {
		r, _ = http.NewRequest(method, s.url+path, strings.NewReader(form.Encode()))
		r.Header.Set("Content-Type", "application/x-www-form-urlencoded")
	} else {
		r, _ = http.NewRequest(method, s.url+path, http.NoBody)
	}
	res, err := client.Do(r)
	if err != nil {
		return 0, "", ""
	}
	defer res.Body.Close()
	data, err := io.ReadAll(res.Body)
	if err != nil {
		return 0, "", ""
	}
	return res.StatusCode, res.Header.Get("Location"), string(data)
}

func (s *server) post(path string, pairs ...string) (status int, location string) {
	form := url.Values{}
	for i := 0; i < len(pairs); i += 2 {
		form.Add(pairs[i], pairs[i+1])
	}
	status, location, _ = s.ask(http.MethodPost, path, form)
	return status, location
}

// memory is what the process holds, in MB.
func (s *server) memory() int {
	data, _ := os.ReadFile(fmt.Sprintf("/proc/%d/status", s.cmd.Process.Pid))
	m := regexp.MustCompile(`VmRSS:\s+(\d+)`).FindSubmatch(data)
	if m == nil {
		return 0
	}
	kb, _ := strconv.Atoi(string(m[1]))
	return kb / 1024
}

func times(short, long int) int {
	if testing.Short() {
		return short
	}
	return long
}

const beansOf = "Green beans %s\n4 lb green beans\nwater\nPack raw in pints."

// TestKilled kills the program under every kind of write, and finds all that it had
// confirmed.
func TestKilled(t *testing.T) {
	dir := t.TempDir()
	s := start(t, "serve", dir)
	status, _ := s.post("/kitchen", "name", "K", "elevation", "300 ft", "canner", "2")
	require.Equal(t, 303, status)
	s.post("/acidity/meters", "name", "M")
	confirmed := 0
	var mu sync.Mutex
	titles, samples, foods := map[string]bool{}, map[string]bool{}, map[string]bool{}
	elevations := []int{300}
	kills := times(4, 200)
	for round := range kills {
		var wait sync.WaitGroup
		var gone atomic.Bool
		note := func(into map[string]bool, word string, status int) bool {
			if status != 303 && status != 200 {
				return false
			}
			mu.Lock()
			defer mu.Unlock()
			into[word] = true
			confirmed++
			return true
		}
		work := func(write func(n int) bool) {
			wait.Go(func() {
				for n := 0; !gone.Load() && write(n); n++ {
				}
			})
		}
		word := func(kind string, n int) string { return fmt.Sprintf("%s%dx%d", kind, round, n) }
		for w := range 3 {
			work(func(n int) bool {
				title := "Green beans " + word(strconv.Itoa(w)+"r", n)
				status, _ := s.post("/recipes", "text", fmt.Sprintf(beansOf, word(strconv.Itoa(w)+"r", n)), "jar", []string{"pint", "quart"}[n%2], "pack", "raw", "method", "pressure")
				return note(titles, title, status)
			})
		}
		work(func(n int) bool {
			status, _ := s.post("/acidity/readings", "meter", "1", "day", "2026-11-25", "sample", word("s", n), "how", "blended", "celsius", "25", "values", "3.9", "recipe", "0")
			return note(samples, word("s", n), status)
		})
		work(func(n int) bool {
			name := "zumb" + letters(round) + "o" + letters(n) + "k"
			status, _ := s.post("/foods", "text", "x", "name", name, "kind", "fruit")
			return note(foods, name, status)
		})
		work(func(n int) bool {
			feet := 1000 + round*20 + n%20
			mu.Lock()
			elevations = append(elevations[max(0, len(elevations)-1):], feet)
			mu.Unlock()
			status, _ := s.post("/kitchen", "name", "K", "elevation", fmt.Sprintf("%d ft", feet), "canner", "2")
			return status == 303
		})
		work(func(n int) bool {
			a, _ := s.post("/stock", "burners", "4", "lidsregular", strconv.Itoa(n), "rpint", strconv.Itoa(n))
			b, _ := s.post("/canners", "name", word("c", n), "kind", "water-bath", "quarts", "7", "pints", "9", "halfpints", "9", "layers", "1")
			return a == 303 && b == 303
		})
		time.Sleep(time.Duration(100+rand.IntN(500)) * time.Millisecond)
		require.NoError(t, s.cmd.Process.Signal(syscall.SIGKILL))
		_ = s.cmd.Wait()
		gone.Store(true)
		wait.Wait()
		s = start(t, "serve", dir)
	}
	status, _, health := s.ask("GET", "/healthz", nil)
	require.Equal(t, 200, status, health)
	require.NoError(t, s.cmd.Process.Signal(syscall.SIGTERM))
	require.NoError(t, s.cmd.Wait())

	ctx := context.Background()
	st, err := store.Open(dir)
	require.NoError(t, err)
	defer st.Close()
	require.NoError(t, st.Backup(ctx, filepath.Join(t.TempDir(), "whole.db")), "a backup is looked through")
	list, err := st.Recipes(ctx, "", 0, 1<<30)
	require.NoError(t, err)
	for _, r := range list {
		delete(titles, r.Title)
		versions, err := st.Versions(ctx, r.ID)
		require.NoError(t, err)
		require.Len(t, versions, 1)
	}
	require.NoError(t, st.EachReading(ctx, 0, func(r store.Reading) error { delete(samples, r.Sample); return nil }))
	own, err := st.Foods(ctx)
	require.NoError(t, err)
	for _, f := range own {
		delete(foods, f.Names[0])
	}
	require.Empty(t, titles)
	require.Empty(t, samples)
	require.Empty(t, foods)
	k, err := st.Kitchen(ctx)
	require.NoError(t, err)
	require.Contains(t, elevations, k.ElevationFt, "the last one confirmed, or the one that was being written")
	t.Logf("%d kills, %d confirmed writes, 0 lost", kills, confirmed)
}

func letters(n int) string {
	return strings.Map(func(r rune) rune { return 'a' + r - '0' }, strconv.Itoa(n))
}

// TestCrowd sends a mixed crowd over the demo kitchen: nothing fails.
func TestCrowd(t *testing.T) {
	s := start(t, "demo", t.TempDir())
	pages := []string{"/", "/", "/?order=verdict", "/?q=beans", "/recipes/1", "/recipes/4", "/recipes/11", "/recipes/12", "/recipes/5/amended", "/recipes/4/compare", "/recipes/11/versions", "/recipes/3/scale?by=factor&factor=2", "/recipes/2/lines/3", "/recipes/11/download/recipe.json",
		"/library", "/library?shelf=foods", "/library/soup", "/library/soup/check", "/search?q=bean", "/foods/tomato", "/rules/dairy", "/debated", "/check", "/plan", "/plan/1", "/plan/1/quantities", "/plan/1/sheets", "/plan/1/files/plan.ics", "/plan/1/files/runsheets.pdf",
		"/acidity", "/acidity/mix?food0=tomato&share0=60&food1=onion&share1=40", "/acidity/picture/scale.png?foods=tomato,onion", "/acidity/log", "/acidity/selling", "/kitchen", "/new", "/removed", "/assets/app.css", "/healthz"}
	end := time.Now().Add(time.Duration(times(3, 60)) * time.Second)
	var mu sync.Mutex
	var took []time.Duration
	var failed []string
	var wait sync.WaitGroup
	before, highest := s.memory(), 0
	for w := range 16 {
		wait.Go(func() {
			random := rand.New(rand.NewPCG(uint64(w), 7))
			for n := 0; time.Now().Before(end); n++ {
				page, method, form := pages[random.IntN(len(pages))], http.MethodGet, url.Values(nil)
				if random.IntN(40) == 0 {
					page, method, form = "/recipes", http.MethodPost, url.Values{"text": {fmt.Sprintf(beansOf, fmt.Sprint(w, n))}}
				}
				begun := time.Now()
				status, _, _ := s.ask(method, page, form)
				mu.Lock()
				took = append(took, time.Since(begun))
				if status != 200 && status != 303 {
					failed = append(failed, fmt.Sprint(page, " ", status))
				}
				if n%50 == 0 {
					highest = max(highest, s.memory())
				}
				mu.Unlock()
			}
		})
	}
	wait.Wait()
	require.Empty(t, failed)
	slices.Sort(took)
	t.Logf("%d requests by 16, p50 %v, p99 %v (wanted: under 250 ms), memory %d MB at first, %d MB at most (wanted: under 100)",
		len(took), took[len(took)/2].Round(time.Millisecond), took[len(took)*99/100].Round(time.Millisecond), before, highest)
}

// TestFull fills a kitchen with recipes and readings: every page comes, and the oldest
// recipe is found.
func TestFull(t *testing.T) {
	dir := t.TempDir()
	n := times(300, 20000)
	ctx := context.Background()
	st, err := store.Open(dir)
	require.NoError(t, err)
	require.NoError(t, st.SetUp(ctx, &store.Kitchen{Name: "K", ElevationFt: 300, Burners: 4}))
	require.NoError(t, st.AddRecipe(ctx, &store.Recipe{Title: "Marmelosa zebrina", Text: fmt.Sprintf(beansOf, "marmelosa zebrina"), CreatedAt: time.Date(2020, 1, 1, 0, 0, 0, 0, time.UTC)}))
	require.NoError(t, st.Atomically(ctx, func(tx *store.Store) error {
		var list []*store.Reading
		for i := range n {
			if err := tx.AddRecipe(ctx, &store.Recipe{Title: fmt.Sprintf("Green beans %d", i), Text: fmt.Sprintf(beansOf, strconv.Itoa(i))}); err != nil {
				return err
			}
			list = append(list, &store.Reading{OnDay: "2026-11-25", RecipeID: int64(i%n + 1), Sample: fmt.Sprint("jar ", i), How: "blended", Celsius: 25, Typed: "3.9"})
		}
		return tx.AddReadings(ctx, list)
	}))
	require.NoError(t, st.Close())
	_, err = built()
	require.NoError(t, err)
	begun := time.Now()
	s := start(t, "serve", dir)
	up := time.Since(begun)
	slowest, slow := time.Duration(0), ""
	for _, page := range []string{"/", "/?order=verdict", "/?q=zebrina", "/recipes/1", "/search?q=zebrina", "/library", "/plan", "/check", "/acidity/log", "/kitchen"} {
		var body string
		for try := range 2 {
			begun := time.Now()
			status, _, got := s.ask("GET", page, nil)
			require.Equal(t, 200, status, page)
			if d := time.Since(begun); try == 1 && d > slowest {
				slowest, slow = d, page
			}
			body = got
		}
		if strings.Contains(page, "zebrina") {
			require.Contains(t, strings.ToLower(body), "marmelosa", page)
		}
	}
	_, _, log := s.ask("GET", "/acidity/readings.csv", nil)
	require.Equal(t, n+1, bytes.Count([]byte(log), []byte("\n")), "the whole log is in the file")
	t.Logf("%d recipes: start %v (wanted: under 300 ms), slowest page warm %s %v (wanted: under 50 ms), %d MB", n, up.Round(time.Millisecond), slow, slowest.Round(time.Millisecond), s.memory())
}
