//go:build !whole

package main

// A third of the texts is learnt from, which catches less. The whole set runs with -tags whole.
const (
	share       = 3
	leastCaught = 0.25
)
