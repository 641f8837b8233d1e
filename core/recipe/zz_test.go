package recipe_test

import (
	"fmt"
	"os"
	"testing"

	"damson/core/recipe"
	"damson/knowledge"
)

func TestZZ(t *testing.T) {
	lib, _ := knowledge.Load()
	r := recipe.NewReader(lib.Foods, lib.Language)
	for _, f := range []string{"a-099", "c-038", "c-009", "c-013", "b-tom", "dc-17", "c-051"} {
		b, err := os.ReadFile("/tmp/y-" + f + ".txt")
		if err != nil {
			continue
		}
		rec, _ := r.Text(string(b))
		fmt.Println("##", f, rec.Stated.Minutes, rec.Stated.PSI, rec.Stated.Vent)
		for _, s := range rec.Steps {
			fmt.Println("  ", s.No, s.Between, s.Loaded, s.Processes(), s.Closes(), "|", s.Text)
		}
	}
}
