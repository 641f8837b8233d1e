package app

import "time"

// Clock is the time in the kitchen, for what must not jump. It is read from the wall once, and
// goes on by itself: somebody who sets the machine's clock while a canner is under pressure
// changes no minute of the process.
type Clock struct{ started time.Time }

// NewClock returns a clock that starts at the time on the wall.
func NewClock() *Clock { return &Clock{time.Now()} }

// Now is the time. It never runs backwards.
func (c *Clock) Now() time.Time { return c.started.Round(0).Add(time.Since(c.started)) }

// Set is by how much the clock on the wall was set since this one started, where that is more
// than a minute; else 0.
func (c *Clock) Set() time.Duration {
	by := time.Now().Round(0).Sub(c.Now())
	if by.Abs() < time.Minute {
		return 0
	}
	return by.Round(time.Second)
}
