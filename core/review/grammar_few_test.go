//go:build !adversary

package review_test

// rounds is how often the grammar speaks of each class in each kitchen.
const rounds = 8
