package english_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/english"
	"damson/core/words"
)

// Forms as WordNet 3.0 has them (its exception lists and rules of detachment).
func TestBases(t *testing.T) {
	for form, want := range map[string]string{"chopped": "chop", "brought": "bring", "simmering": "simmer", "fries": "fry", "froze": "freeze"} {
		got, ok := english.VerbBase(form)
		require.True(t, ok, form)
		require.Equal(t, want, got)
	}
	for form, want := range map[string]string{"knives": "knife", "tomatoes": "tomato", "berries": "berry"} {
		got, ok := english.NounBase(form)
		require.True(t, ok, form)
		require.Equal(t, want, got)
	}
	require.True(t, english.Known("kettle"))
	require.False(t, english.Known("wozzleberry"))
}

func TestNumbers(t *testing.T) {
	for text, want := range map[string][2]float64{
		"twenty-five minutes": {25, 25}, "two and a half cups": {2.5, 2.5}, "three to four pounds": {3, 4}, "1 1/2 cups": {1.5, 1.5}, "half a cup": {0.5, 0.5}, "a dozen": {12, 12},
	} {
		lo, hi, n := english.Range(words.Split(text), 0)
		require.NotZero(t, n, text)
		require.Equal(t, want, [2]float64{lo, hi}, text)
	}
	_, _, n := english.Range(words.Split("onions"), 0)
	require.Zero(t, n)
}
