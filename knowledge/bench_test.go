package knowledge_test

import (
	"testing"

	"damson/knowledge"
)

// The whole library must add under 40 ms to the start.
func BenchmarkLoad(b *testing.B) {
	for b.Loop() {
		if _, err := knowledge.Load(); err != nil {
			b.Fatal(err)
		}
	}
}
