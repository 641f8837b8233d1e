package review_test

import (
	"flag"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

var update = flag.Bool("update", false, "write the amended texts of testdata/amended anew")

// TestAmendedTexts compares the version that can be canned of every worked case with the one
// that was read and found good. After a change that is meant: go test -run AmendedTexts -update,
// and read the difference.
func TestAmendedTexts(t *testing.T) {
	const dir = "testdata/amended"
	kept, err := filepath.Glob(dir + "/*.txt")
	require.NoError(t, err)
	left := map[string]bool{}
	for _, name := range kept {
		left[filepath.Base(name)] = true
	}
	for name, req := range changed(t) {
		data, err := os.ReadFile(filepath.Join("testdata", name))
		require.NoError(t, err)
		got := reviewer.Amend(req, readCase(t, string(data)).text, nil)
		require.Equal(t, review.Clear, got.Result.Verdict, "%s\n%s", name, got.Text)
		require.NotEmpty(t, got.Request.Recipe.Stated.Minutes, "%s: its process is not said\n%s", name, got.Text)
		delete(left, name)
		path := filepath.Join(dir, name)
		if *update {
			require.NoError(t, os.WriteFile(path, []byte(got.Text), 0o644))
			continue
		}
		want, err := os.ReadFile(path)
		require.NoError(t, err, "a new case: go test -run AmendedTexts -update")
		require.Equal(t, strings.TrimSpace(string(want)), strings.TrimSpace(got.Text), name)
	}
	require.Empty(t, left, "texts of cases that are gone")
}
