package recipe_test

import (
	"os"
	"testing"

	"damson/core/recipe"
	"damson/knowledge"
)

var reader *recipe.Reader

func TestMain(m *testing.M) {
	lib, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	reader = recipe.NewReader(lib.Foods, lib.Language)
	os.Exit(m.Run())
}
