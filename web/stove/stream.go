package stove

import (
	"errors"
	"net/http"
	"time"

	"github.com/gin-gonic/gin"
)

// breath is how often a stream says that it is still there.
const breath = 20 * time.Second

// stream tells a page, as server-sent events, each time something was told or measured at the stove; the
// page then asks for the board.
func (p *Pages) stream(c *gin.Context) error {
	ear, stop, ok := p.stove.Listen()
	if !ok {
		p.Fail(c, http.StatusServiceUnavailable, "Too many pages listen to the stove.",
			"Close some of them; the board asks every two seconds all the same.")
		return nil
	}
	defer stop()
	answer := http.NewResponseController(c.Writer)
	forever := errors.Join(answer.SetWriteDeadline(time.Time{}), answer.SetReadDeadline(time.Time{}))
	if forever != nil && !errors.Is(forever, http.ErrNotSupported) {
		return forever
	}
	c.Header("Content-Type", "text/event-stream")
	c.Status(http.StatusOK)
	say := func(text string) bool {
		if _, err := c.Writer.WriteString(text); err != nil {
			return false
		}
		return answer.Flush() == nil
	}
	again := time.NewTicker(breath)
	defer again.Stop()
	for there := say("retry: 3000\n\n"); there; {
		select {
		case <-c.Request.Context().Done():
			return nil
		case _, more := <-ear:
			if !more {
				return nil
			}
			there = say("event: told\ndata: board\n\n")
		case <-again.C:
			there = say(": still here\n\n")
		}
	}
	return nil
}
