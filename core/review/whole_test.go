//go:build whole

package review_test

func sampled(int, int) bool { return true }
