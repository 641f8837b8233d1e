package method_test

import (
	"os"
	"testing"

	"github.com/stretchr/testify/require"
	"go.yaml.in/yaml/v3"

	"damson/core/method"
	"damson/knowledge"
)

func language(t *testing.T) *method.Language {
	lang := &method.Language{}
	for _, name := range []string{"things.yaml", "frames.yaml", "plain.yaml", "statements.yaml", "deviations.yaml"} {
		data, err := os.ReadFile("../../knowledge/" + name)
		require.NoError(t, err)
		var part method.Language
		require.NoError(t, yaml.Unmarshal(data, &part))
		lang.Add(part)
	}
	require.NoError(t, lang.FillSets())
	return lang
}

// Examples are found to do their act and counterexamples not to, read without
// their neighbours. The bounds are what is reached: they are to be tightened.
func TestFrames(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	lang := language(t)
	r := method.NewReader(lib.Foods, lang)
	right, fooled, n := 0, 0, 0
	for _, f := range lang.Frames {
		if f.Act == "talk" {
			continue
		}
		n++
		if has(r.Acts(f.Example, f.Phase), f.Act) {
			right++
		}
		if has(r.Acts(f.Counter, f.Phase), f.Act) {
			fooled++
			t.Logf("%s: %q", f.Act, f.Counter)
		}
	}
	t.Logf("%d frames: %d examples found, %d counterexamples taken for the act", n, right, fooled)
	require.Greater(t, float64(right), 0.64*float64(n))
	require.Less(t, float64(fooled), 0.12*float64(n))
}

func has(list []string, s string) bool {
	for _, x := range list {
		if x == s {
			return true
		}
	}
	return false
}
