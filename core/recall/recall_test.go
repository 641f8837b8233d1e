package recall_test

import (
	"strconv"
	"strings"
	"sync"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/recall"
)

func TestMemory(t *testing.T) {
	m := recall.New[string, int](8)
	_, ok := m.Load("steam")
	require.False(t, ok, "nothing is kept before it is stored")
	m.Store("steam", 1)
	m.Store("steam", 2)
	v, ok := m.Load("steam")
	require.True(t, ok)
	require.Equal(t, 2, v)
}

// However many keys fall on one place, and whoever asks beside: what comes back is what was stored
// under that key, or nothing.
func TestNeverAnother(t *testing.T) {
	type key struct {
		text string
		full bool
	}
	m := recall.New[key, string](4)
	var crowd sync.WaitGroup
	for g := range 4 {
		crowd.Go(func() {
			for i := range 2000 {
				k := key{strconv.Itoa(i % 37), (i+g)%2 == 0}
				want := k.text + strconv.FormatBool(k.full)
				if v, ok := m.Load(k); ok && v != want {
					t.Errorf("%v gave %q", k, v)
				}
				m.Store(k, want)
			}
		})
	}
	crowd.Wait()
}

func TestOf(t *testing.T) {
	m := recall.New[string, int](8)
	asked := 0
	length := func(s string) int { asked++; return len(s) }
	for range 3 {
		require.Equal(t, 5, recall.Of(m, "steam", length))
	}
	require.Equal(t, 1, asked, "it is found once")
	long := strings.Repeat("x", recall.Longest+1)
	for range 2 {
		require.Equal(t, len(long), recall.Of(m, long, length))
	}
	require.Equal(t, 3, asked, "what is long is not kept")
}
