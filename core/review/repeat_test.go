package review_test

import (
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/knowledge"
)

// One text has one verdict: a second reviewer, made of the same library, says the same of
// every voice, to the last finding.
func TestVerdictsRepeat(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	other := review.New(lib.Foods, lib.Procedures, lib.Language).WithAcidity(lib.Acidity)
	files, err := filepath.Glob("testdata/voices/*.txt")
	require.NoError(t, err)
	for n, name := range files {
		if !sampled(n, 3) {
			continue
		}
		req, text := asked(t, name)
		again := req
		again.Recipe, err = other.Reader().Text(text)
		require.NoError(t, err)
		one, two := reviewer.Review(req), other.Review(again)
		assert.Equal(t, one.Verdict, two.Verdict, name)
		if !assert.Len(t, two.Findings, len(one.Findings), name) {
			continue
		}
		for i, f := range one.Findings {
			g := two.Findings[i]
			assert.Equal(t, []any{f.Line, f.Code, f.Severity, f.Ingredient, f.Message}, []any{g.Line, g.Code, g.Severity, g.Ingredient, g.Message}, name)
		}
	}
}
