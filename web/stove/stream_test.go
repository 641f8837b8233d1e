package stove

import (
	"bufio"
	"context"
	"fmt"
	"net/http"
	"net/http/httptest"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// A second screen hears of what is told on the first, and the stream ends with whoever listens.
func TestStream(t *testing.T) {
	p := newPlace(t)
	id := p.on(5, "1 heat-on")
	srv := httptest.NewServer(p.h)
	defer srv.Close()
	ctx, leave := context.WithTimeout(context.Background(), 20*time.Second)
	defer leave()
	r, err := http.NewRequestWithContext(ctx, http.MethodGet, srv.URL+"/stove/stream", http.NoBody)
	require.NoError(t, err)
	answer, err := srv.Client().Do(r)
	require.NoError(t, err)
	defer answer.Body.Close()
	assert.Equal(t, "text/event-stream", answer.Header.Get("Content-Type"))
	lines := bufio.NewScanner(answer.Body)
	next := func() string {
		for lines.Scan() {
			if lines.Text() != "" {
				return lines.Text()
			}
		}
		return ""
	}
	require.Equal(t, "retry: 3000", next())
	code, _ := p.post(fmt.Sprintf("/stove/%d/events", id), "kind", "steaming", "seen", p.seen())
	require.Equal(t, http.StatusSeeOther, code)
	require.Equal(t, "event: told", next())
	require.Equal(t, "data: board", next())
}
