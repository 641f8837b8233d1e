package main

import (
	"bytes"
	"strings"
	"testing"
	"unicode/utf8"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"
)

func TestWrap(t *testing.T) {
	require.Equal(t, "a line of\n  words\n  line 2 cut\n    the onions\n    small\n", wrap("a line of words\n  line 2 cut the onions small\n", 14))
	require.Equal(t, "a line as it is\n", wrap("a line as it is\n", 0))
	require.Equal(t, "202.4 °F\n  (94.7\n  °C).", wrap("202.4 °F (94.7 °C).", 8), "letters are counted, not bytes")
}

// No word is lost, and no line is wider than it may be, but for a word that is.
func TestWrapKeepsAll(t *testing.T) {
	rapid.Check(t, func(rt *rapid.T) {
		text := strings.Join(rapid.SliceOf(rapid.StringMatching(`( {1,4}[a-z°½]{1,12}){0,12}`)).Draw(rt, "lines"), "\n")
		n := rapid.IntRange(20, 60).Draw(rt, "width")
		got := wrap(text, n)
		require.Equal(rt, strings.Fields(text), strings.Fields(got))
		for _, line := range strings.Split(got, "\n") {
			require.LessOrEqual(rt, utf8.RuneCountInString(line), n)
		}
	})
}

// COLUMNS says how wide; without it a file gets a line for a line.
func TestWidth(t *testing.T) {
	t.Setenv("COLUMNS", "")
	require.Equal(t, 0, width(&bytes.Buffer{}))
	t.Setenv("COLUMNS", "72")
	require.Equal(t, 72, width(&bytes.Buffer{}))
	t.Setenv("COLUMNS", "5")
	require.Equal(t, narrowest, width(&bytes.Buffer{}))
}
