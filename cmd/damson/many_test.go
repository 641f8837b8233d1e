package main

import (
	"bytes"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"sync/atomic"
	"testing"

	"github.com/stretchr/testify/require"
)

// The outcomes come in the order of the names, and no more than the window is
// ever under way.
func TestInOrder(t *testing.T) {
	var names []string
	for i := range 5 * window {
		names = append(names, fmt.Sprint(i))
	}
	var ahead, most atomic.Int64
	got := 0
	err := inOrder(names, func(name string) outcome {
		if n := ahead.Add(1); n > most.Load() {
			most.Store(n)
		}
		return outcome{out: []byte(name)}
	}, func(i int, o outcome) error {
		ahead.Add(-1)
		require.Equal(t, fmt.Sprint(i), string(o.out))
		got++
		return nil
	})
	require.NoError(t, err)
	require.Equal(t, len(names), got)
	require.LessOrEqual(t, most.Load(), int64(window+8))

	stop := errors.New("enough")
	err = inOrder(names, func(string) outcome { return outcome{} }, func(i int, _ outcome) error {
		if i == 7 {
			return stop
		}
		return nil
	})
	require.ErrorIs(t, err, stop)
}

// A file that cannot be read is named; the others are reviewed all the same.
func TestReviewMany(t *testing.T) {
	dir := t.TempDir()
	args := []string{"review", "--json", "--elevation", "300ft"}
	for i := range 40 {
		name := filepath.Join(dir, fmt.Sprintf("%02d.txt", i))
		text := fmt.Sprintf("Green beans %d\n4 lb green beans\nwater\nPack raw in pints.", i)
		if i == 20 {
			text = ""
		}
		require.NoError(t, os.WriteFile(name, []byte(text), 0o600))
		args = append(args, name)
	}
	out, code, _ := call(t, "", args...)
	require.Equal(t, exitUsage, code)
	lines := strings.Split(strings.TrimSpace(out), "\n")
	require.Len(t, lines, 39)
	var last struct{ File string }
	require.NoError(t, json.Unmarshal([]byte(lines[38]), &last))
	require.Equal(t, filepath.Join(dir, "39.txt"), last.File)

	args[1] = "--stance=book"
	out, _, _ = call(t, "", args...)
	require.Contains(t, out, "39 recipes: 39 clear")
}

func TestComplain(t *testing.T) {
	var b bytes.Buffer
	require.NoError(t, complain(&b, usage("20.txt: line 1: nothing to read")))
	require.Equal(t, "damson: 20.txt: line 1: nothing to read\n", b.String())
	require.Error(t, complain(&b, &exit{code: exitFault, err: errors.New("a fault")}))
}

func TestBar(t *testing.T) {
	var b bytes.Buffer
	newBar(&b, 1000).draw(10)
	require.Empty(t, b.String(), "no bar where no terminal is")
	bar := &bar{w: &b, all: 200, shown: -1}
	bar.draw(100)
	require.Contains(t, b.String(), "100 of 200 reviewed")
	n := b.Len()
	bar.draw(101)
	require.Equal(t, n, b.Len(), "drawn once a percent")
	bar.clear()
	require.True(t, strings.HasSuffix(b.String(), "\033[K"))
}

func TestReviewAmend(t *testing.T) {
	const text = "Carrot soup\n3 lb carrots, peeled, sliced\n10 cups vegetable stock\n1 cup cream\nBoil 5 minutes. Pressure can in quarts."
	out, code, _ := call(t, text, "review", "--amend", "--elevation", "300ft", "-")
	require.Equal(t, 0, code)
	require.NotContains(t, strings.Split(out, "When you open")[0], "cream")
	require.Contains(t, out, "Stir in 1 cup cream.")
	again, code, _ := call(t, out, "review", "--json", "--elevation", "300ft", "-")
	require.Equal(t, 0, code)
	require.Contains(t, again, `"verdict":"clear"`)

	out, code, _ = call(t, text, "review", "--amend", "--json", "--elevation", "300ft", "-")
	require.Equal(t, 0, code)
	require.Contains(t, out, `"made":[{"code":"dairy"`)
	_, code, _ = call(t, "Pesto\n2 cups basil\n1 cup olive oil", "review", "--amend", "-")
	require.Equal(t, exitStop, code)
	_, code, err := call(t, "", "review", "--amend", "a.txt", "b.txt")
	require.Equal(t, exitUsage, code)
	require.ErrorContains(t, err, "one file")
}
