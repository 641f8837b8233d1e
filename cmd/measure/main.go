// Command measure starts a built damson on its demo data, puts a bounded load
// on it over loopback, and prints what it measured: time to the first page,
// requests a second, memory, size of the first load. In the same run it
// measures a bare Gin handler, so that the ratio can be read.
package main

import (
	"bufio"
	"fmt"
	"io"
	"net"
	"net/http"
	"os"
	"os/exec"
	"slices"
	"strings"
	"sync"
	"sync/atomic"
	"time"

	"github.com/gin-gonic/gin"
)

const (
	clients  = 16
	duration = 3 * time.Second
)

func main() {
	if len(os.Args) != 2 {
		fmt.Fprintln(os.Stderr, "usage: measure path/to/damson")
		os.Exit(2)
	}
	if err := run(os.Args[1]); err != nil {
		fmt.Fprintln(os.Stderr, "measure:", err)
		os.Exit(1)
	}
}

func run(binary string) error {
	addr, err := freeAddr()
	if err != nil {
		return err
	}
	cmd := exec.Command(binary, "demo", "--addr", addr)
	cmd.Stderr = os.Stderr
	start := time.Now()
	if err := cmd.Start(); err != nil {
		return err
	}
	defer func() {
		_ = cmd.Process.Signal(os.Interrupt)
		_ = cmd.Wait()
	}()
	first, err := firstPage("http://"+addr+"/", start)
	if err != nil {
		return err
	}
	fmt.Printf("first page after start     %6d ms   (wanted: under 300)\n", first.Milliseconds())
	size, err := firstLoad("http://" + addr)
	if err != nil {
		return err
	}
	fmt.Printf("first load, compressed     %6d KB   (wanted: under 250)\n", size/1000)

	for _, pass := range []string{"for the first time", "again"} {
		median, worst, n, err := hover("http://" + addr)
		if err != nil {
			return err
		}
		fmt.Printf("a line pointed at %-18s %4.1f ms, at worst %.1f   (%d lines; wanted: under 5)\n", pass, median, worst, n)
	}
	review, err := load("http://" + addr + "/recipes/11")
	if err != nil {
		return err
	}
	desk, err := load("http://" + addr + "/")
	if err != nil {
		return err
	}
	fmt.Printf("resident memory under load %6d MB   (wanted: under 100)\n", resident(cmd.Process.Pid)/1000)
	bare, err := bareGin()
	if err != nil {
		return err
	}
	fmt.Printf("Review page                %6.0f /s   (wanted: 1,000; load and server share the cores)\n", review)
	fmt.Printf("Desk page                  %6.0f /s\n", desk)
	fmt.Printf("bare Gin handler           %6.0f /s   Review page : bare handler = 1 : %.1f\n", bare, bare/review)
	return nil
}

func freeAddr() (string, error) {
	ln, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return "", err
	}
	defer ln.Close()
	return ln.Addr().String(), nil
}

func firstPage(url string, start time.Time) (time.Duration, error) {
	for time.Since(start) < 10*time.Second {
		if resp, err := http.Get(url); err == nil {
			_, err = io.Copy(io.Discard, resp.Body)
			resp.Body.Close()
			return time.Since(start), err
		}
		time.Sleep(time.Millisecond)
	}
	return 0, fmt.Errorf("no page within 10 seconds")
}

// firstLoad adds up the bytes on the wire of a page and what it pulls in.
func firstLoad(base string) (int64, error) {
	var total int64
	for _, p := range []string{"/", "/assets/app.css", "/assets/damson.js", "/assets/htmx.min.js", "/assets/alpine-csp.min.js", "/assets/literata.woff2", "/assets/commissioner.woff2", "/assets/mark.svg"} {
		req, err := http.NewRequest(http.MethodGet, base+p, nil)
		if err != nil {
			return 0, err
		}
		req.Header.Set("Accept-Encoding", "gzip") // set by hand, so that nothing unpacks it
		resp, err := http.DefaultClient.Do(req)
		if err != nil {
			return 0, err
		}
		n, err := io.Copy(io.Discard, resp.Body)
		resp.Body.Close()
		if err != nil {
			return 0, err
		}
		total += n
	}
	return total, nil
}

// hover points at every line of the first recipes, and returns the median and the longest of
// the answers in milliseconds, and how many lines hold an ingredient.
func hover(base string) (median, worst float64, n int, err error) {
	const recipes, lines = 12, 30
	var took []float64
	for id := 1; id <= recipes; id++ {
		for line := 1; line <= lines; line++ {
			start := time.Now()
			resp, err := http.Get(fmt.Sprintf("%s/recipes/%d/lines/%d", base, id, line))
			if err != nil {
				return 0, 0, 0, err
			}
			_, err = io.Copy(io.Discard, resp.Body)
			resp.Body.Close()
			if err != nil {
				return 0, 0, 0, err
			}
			if resp.StatusCode == http.StatusOK {
				took = append(took, float64(time.Since(start).Microseconds())/1000)
			}
		}
	}
	if len(took) == 0 {
		return 0, 0, 0, fmt.Errorf("no line of a recipe answers")
	}
	slices.Sort(took)
	return took[len(took)/2], took[len(took)-1], len(took), nil
}

// load asks for the page as fast as it is answered, and returns the rate.
func load(url string) (float64, error) {
	client := &http.Client{Transport: &http.Transport{MaxIdleConnsPerHost: clients}}
	defer client.CloseIdleConnections()
	var done, failed atomic.Int64
	var wg sync.WaitGroup
	start := time.Now()
	for range clients {
		wg.Add(1)
		go func() {
			defer wg.Done()
			for time.Since(start) < duration {
				resp, err := client.Get(url)
				if err != nil {
					failed.Add(1)
					return
				}
				_, _ = io.Copy(io.Discard, resp.Body)
				resp.Body.Close()
				if resp.StatusCode != http.StatusOK {
					failed.Add(1)
					return
				}
				done.Add(1)
			}
		}()
	}
	wg.Wait()
	if failed.Load() > 0 {
		return 0, fmt.Errorf("%s: %d requests failed", url, failed.Load())
	}
	return float64(done.Load()) / time.Since(start).Seconds(), nil
}

// bareGin measures a handler that answers a word, on a server of its own.
func bareGin() (float64, error) {
	gin.SetMode(gin.ReleaseMode)
	g := gin.New()
	g.GET("/", func(c *gin.Context) { c.String(http.StatusOK, "ok") })
	ln, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return 0, err
	}
	srv := &http.Server{Handler: g, ReadHeaderTimeout: time.Second}
	go func() { _ = srv.Serve(ln) }()
	defer srv.Close()
	return load("http://" + ln.Addr().String() + "/")
}

// resident returns the resident memory of the process in kB, 0 where the
// system does not tell.
func resident(pid int) int {
	f, err := os.Open(fmt.Sprintf("/proc/%d/status", pid))
	if err != nil {
		return 0
	}
	defer f.Close()
	for sc := bufio.NewScanner(f); sc.Scan(); {
		if rest, ok := strings.CutPrefix(sc.Text(), "VmRSS:"); ok {
			var kb int
			_, _ = fmt.Sscan(rest, &kb)
			return kb
		}
	}
	return 0
}
