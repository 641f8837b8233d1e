package review_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// What is too long to be read as a sentence is cut and asked about; it is never
// cleared, and the reading of it ends. That the time grows with the length and
// not with its square is for the benchmark to show.
func TestEndlessSentences(t *testing.T) {
	for name, sentence := range map[string]string{
		"clauses":     strings.Repeat("stir in the flarn and ", 2_900) + "stir.",
		"joints":      strings.Repeat("and ", 5_000) + "cream.",
		"ingredients": strings.Repeat("and 1 cup cream ", 3_900) + ".",
		"commas":      strings.Repeat("cream, ", 9_000) + "salt.",
		"one word":    "Stir in " + strings.Repeat("cream", 10_000) + ".",
		"brackets":    "Stir in " + strings.Repeat("(", 5_000) + "cream" + strings.Repeat(")", 5_000) + ".",
		"words":       "Stir in " + strings.Repeat("very ", 10_000) + "thick cream.",
	} {
		require.NotEqual(t, review.Clear, saying(t, sentence).Verdict, name)
	}
}

// Letters of other alphabets, spaced letters and marks laid over letters hide
// nothing: what cannot be read is asked about.
func TestHiddenWords(t *testing.T) {
	for _, word := range []string{"сream", "c r e a m", "cre\u0301a\u0301m", "c\u200bream", "\u202ecream\u202c", "ｃｒｅａｍ", "c-r-e-a-m", "cr3am"} {
		for _, way := range []string{"Stir in %s.", "Stir in 1 cup %s.", "Then %s goes into each jar."} {
			sentence := fmt.Sprintf(way, word)
			require.NotEqual(t, review.Clear, saying(t, sentence).Verdict, sentence)
		}
	}
}
