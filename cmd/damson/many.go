package main

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"os"
	"runtime"
	"strings"
	"sync"

	"damson/core/review"
)

// window is how many files may be under way, or wait for their turn to be
// printed: memory stays the same however many files there are.
const window = 256

// outcome is what became of one file.
type outcome struct {
	out      []byte
	verdicts []review.Verdict
	err      error
}

// inOrder runs work on every name, on all cores, and hands the outcomes to done
// in the order of the names. It stops at the first error that done returns.
func inOrder(names []string, work func(name string) outcome, done func(i int, o outcome) error) error {
	slots := make([]chan outcome, window)
	for i := range slots {
		slots[i] = make(chan outcome, 1)
	}
	jobs := make(chan int, window)
	var workers sync.WaitGroup
	for range runtime.GOMAXPROCS(0) {
		workers.Go(func() {
			for i := range jobs {
				slots[i%window] <- work(names[i])
			}
		})
	}
	defer workers.Wait()
	defer close(jobs)
	next := 0
	for i := range names {
		for next < len(names) && next < i+window {
			jobs <- next
			next++
		}
		if err := done(i, <-slots[i%window]); err != nil {
			return err
		}
	}
	return nil
}

// barFrom is the number of files from which a bar shows how far the work is.
const barFrom = 25

// bar draws progress on a terminal, and nothing anywhere else.
type bar struct {
	w     io.Writer
	all   int
	shown int
}

func newBar(w io.Writer, all int) *bar {
	b := &bar{all: all, shown: -1}
	if f, ok := w.(*os.File); ok && all >= barFrom {
		if st, err := f.Stat(); err == nil && st.Mode()&os.ModeCharDevice != 0 {
			b.w = w
		}
	}
	return b
}

// barWidth is the width of the bar in characters.
const barWidth = 40

func (b *bar) draw(done int) {
	percent := done * 100 / max(b.all, 1)
	if b.w == nil || percent == b.shown {
		return
	}
	b.shown = percent
	full := barWidth * done / max(b.all, 1)
	fmt.Fprintf(b.w, "\r%s%s %d of %d reviewed", strings.Repeat("█", full), strings.Repeat("·", barWidth-full), done, b.all)
}

// clear takes the bar off the terminal's line.
func (b *bar) clear() {
	if b.w != nil && b.shown >= 0 {
		fmt.Fprint(b.w, "\r\033[K")
		b.shown = -1
	}
}

// counts adds up verdicts and tells them in words, the worst first.
type counts map[review.Verdict]int

func (c counts) String() string {
	n, parts := 0, []string{}
	for _, v := range []review.Verdict{review.Stop, review.Untested, review.Change, review.Clear} {
		n += c[v]
		if c[v] > 0 {
			parts = append(parts, fmt.Sprintf("%d %s", c[v], v))
		}
	}
	return fmt.Sprintf("%d recipes: %s", n, strings.Join(parts, ", "))
}

// reviewFile reviews every recipe of a file.
func (k *kitchenFlags) reviewFile(r *reviewing, name string, stdin io.Reader) outcome {
	var o outcome
	var b bytes.Buffer
	recipes, err := readRecipes(r.reviewer.Reader(), name, stdin)
	if err != nil {
		return outcome{err: err}
	}
	for _, rec := range recipes {
		one := r.request
		one.Recipe = rec
		res := r.reviewer.Review(one)
		res.File = name
		o.verdicts = append(o.verdicts, res.Verdict)
		if k.asJSON {
			res.SetEstimate(rounded(r.reviewer.Estimate(one, 0)))
			err = writeJSON(&b, res)
		} else {
			printReview(&b, &res)
		}
		if err != nil {
			return outcome{err: &exit{code: exitFault, err: err}}
		}
	}
	o.out = b.Bytes()
	return o
}

// complain prints the error of one file of many, and returns it where it is not
// the file's but Damson's own.
func complain(w io.Writer, err error) error {
	var e *exit
	if errors.As(err, &e) && e.code == exitFault {
		return err
	}
	fmt.Fprintln(w, "damson:", err)
	return nil
}
