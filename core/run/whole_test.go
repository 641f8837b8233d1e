//go:build whole

package run_test

const draws = 1_000_000
