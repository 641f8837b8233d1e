package method_test

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"damson/core/method"
	"damson/knowledge"
)

func TestZZ(t *testing.T) {
	lib, _ := knowledge.Load()
	r := method.NewReader(lib.Foods, lib.Language)
	b, _ := os.ReadFile("/tmp/zz.txt")
	for _, s := range strings.Split(strings.TrimSpace(string(b)), "\n") {
		fmt.Println("#", s)
		for k, c := range map[string][]method.Clause{"pre": r.Read(s, preparing), "lid": r.Read(s, lidded), "don": r.Read(s, method.Where{Method: true, Filled: true, Closed: true, Done: true})} {
			for _, x := range c {
				fmt.Printf("   %s %v %q why=%q code=%s doubt=%s acts=%v\n", k, x.Kind, s[x.Start:x.End], x.Why, x.Code, x.Doubt, x.Acts)
			}
		}
	}
}
