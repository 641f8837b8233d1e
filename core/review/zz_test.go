package review_test

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"damson/core/review"
)

func TestZZ(t *testing.T) {
	b, _ := os.ReadFile("/tmp/new.txt")
	n, bad := 0, 0
	for _, row := range strings.Split(string(b), "\n") {
		f := strings.SplitN(row, "|", 3)
		if len(f) < 3 {
			continue
		}
		n++
		if said(t, f[0], f[1], f[2]).Verdict == review.Clear {
			bad++
			fmt.Println("CLEAR", row)
		}
	}
	fmt.Println(bad, "of", n)
}
