//go:build !whole

package review_test

// sampled reports whether the nth mutant is tried: one in share. The whole set
// runs with -tags whole.
func sampled(n, share int) bool { return n%share == 0 }

// rounds is how often the grammar speaks of each class in each kitchen.
const rounds = 8
