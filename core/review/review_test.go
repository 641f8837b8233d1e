package review_test

import (
	"os"
	"testing"

	"damson/core/review"
	"damson/knowledge"
)

// reviewer is shared: it is safe for use by several goroutines.
var reviewer *review.Reviewer

func TestMain(m *testing.M) {
	lib, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	reviewer = review.New(lib.Foods, lib.Procedures, lib.Language).WithAcidity(lib.Acidity)
	os.Exit(m.Run())
}
