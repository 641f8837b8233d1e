//go:build reliability

package main

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/http"
	"regexp"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/store"
)

var (
	nowOnBoard  = regexp.MustCompile(`data-clock="(\d+)" data-now="(\d+)"`)
	seenOnBoard = regexp.MustCompile(`name="seen" value="(\d+)"`)
)

// TestKilledAtTheStove kills the program at any moment of a run with the practice canner at 600
// times: no event that was confirmed is lost, and the clock is right after the restart.
func TestKilledAtTheStove(t *testing.T) {
	kills := 50
	if testing.Short() {
		kills = 8
	}
	dir := t.TempDir()
	st, err := store.Open(dir)
	require.NoError(t, err)
	begun := time.Now()
	r := store.Run{Title: "Carrots", Canner: "Practice", ElevationFt: 5240, Jar: "quart", Pack: "hot", Method: "pressure", Minutes: 30, PSI: 13, Gauge: "dial", Hold: 13.5, Vent: 10, Class: "low-acid", Jars: 7, Speed: 600, CreatedAt: begun}
	require.NoError(t, st.AddRun(context.Background(), &r))
	require.NoError(t, st.Close())
	var confirmed []string
	for n := range kills {
		s := start(t, "serve", dir)
		_, _, board := s.ask(http.MethodGet, "/stove", nil)
		for _, note := range confirmed {
			require.Contains(t, board, note, "after %d kills", n)
		}
		m := nowOnBoard.FindStringSubmatch(board)
		require.NotNil(t, m, "the board has its clock")
		ms, err := strconv.ParseInt(m[2], 10, 64)
		require.NoError(t, err)
		want := begun.Add(time.Since(begun) * 600)
		assert.WithinDuration(t, want, time.UnixMilli(ms), 600*2*time.Second, "two seconds on the wall")
		stop := make(chan struct{})
		go func() {
			time.Sleep(time.Duration(rand.IntN(120)) * time.Millisecond)
			_ = s.cmd.Process.Kill()
			close(stop)
		}()
		for i := 0; ; i++ {
			note := fmt.Sprintf("note %d of kill %d", i, n)
			seen := seenOnBoard.FindStringSubmatch(board)[1]
			status, _ := s.post(fmt.Sprintf("/stove/%d/events", r.ID), "kind", "note", "note", note, "seen", seen)
			if status != http.StatusSeeOther {
				break
			}
			confirmed = append(confirmed, note)
			if _, _, board = s.ask(http.MethodGet, "/stove", nil); !strings.Contains(board, "seen") {
				break
			}
		}
		<-stop
		_ = s.cmd.Wait()
	}
	require.NotEmpty(t, confirmed)
	st, err = store.Open(dir)
	require.NoError(t, err)
	defer st.Close()
	events, err := st.Events(context.Background(), r.ID)
	require.NoError(t, err)
	told := map[string]int{}
	for i, e := range events {
		require.Equal(t, i+1, e.Number)
		if e.Kind == "note" {
			told[e.Text]++
		}
	}
	for _, note := range confirmed {
		require.Equal(t, 1, told[note], note)
	}
	t.Logf("%d kills, %d events confirmed, %d stored", kills, len(confirmed), len(events))
}
