//go:build race

package webtest

// UnderRace is true where the race detector watches.
const UnderRace = true
