//go:build !race

package store

// underRace is true where the race detector watches.
const underRace = false
