//go:build whole

package review_test

func sampled(int, int) bool { return true }

// rounds makes it more than fifty thousand sentences.
const rounds = 300
