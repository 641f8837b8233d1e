//go:build !whole

package run_test

// draws are the runs drawn by default; make adversary draws a million.
const draws = 40_000
