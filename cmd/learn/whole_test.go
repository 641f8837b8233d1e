//go:build whole

package main

const (
	share       = 1
	leastCaught = 0.3
)
