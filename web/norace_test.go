//go:build !race

package web

// underRace is true where the race detector watches.
const underRace = false
