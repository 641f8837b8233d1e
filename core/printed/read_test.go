package printed_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/printed"
	"damson/core/words"
)

// TestRead: who a figure belongs to, and how far up it goes.
func TestRead(t *testing.T) {
	t.Parallel()
	p := printed.Read([]printed.Sentence{{Line: 4, Text: "Process pints 20 minutes and quarts 25 minutes in a boiling water bath."}, {Line: 5, Text: "From 1,001 to 3,000 ft, quarts 30 minutes."}})
	require.Equal(t, "water-bath", p.Method)
	require.Len(t, p.Told, 3, "the third is of its own: nothing says that it goes on")
	require.Equal(t, 20, p.Told[0].Minutes)
	require.Equal(t, 25, p.Told[1].Minutes)

	p = printed.Read([]printed.Sentence{{Line: 4, Text: "Process quarts 25 minutes in a boiling water bath."}, {Line: 5, Text: "At 1,001 to 3,000 ft 30 minutes, above 3,000 ft 35 minutes."}})
	require.Len(t, p.Told, 1)
	require.Equal(t, []printed.At{{Low: 1001, High: 3000, Value: 30, Line: 5}, {Low: 3001, High: printed.Open, Value: 35, Line: 5}}, p.Above(p.Told[0]))
}

// TestAbove: a table with a gap, or a time that falls, is none.
func TestAbove(t *testing.T) {
	t.Parallel()
	for text, want := range map[string]int{
		"Process pints 20 minutes in a water bath, 25 minutes at 1,001 to 3,000 ft, 30 minutes above 3,000 ft.": 2,
		"Process pints 20 minutes in a water bath, 25 minutes at 1,001 to 3,000 ft, 30 minutes above 6,000 ft.": 0,
		"Process pints 20 minutes in a water bath, 15 minutes at 1,001 to 3,000 ft.":                            0,
		"Process pints 20 minutes in a water bath up to 1,000 ft, 35 minutes above 6,000 ft.":                   0,
		"Process pints in a water bath 25 minutes at 1,001 to 3,000 ft, 30 minutes above 3,000 ft.":             0,
		"Process pints 20 minutes in a water bath. Add 5 minutes for every 1,000 ft.":                           0,
	} {
		p := printed.Read([]printed.Sentence{{Line: 1, Text: text}})
		n := 0
		for _, told := range p.Told {
			if told.Minutes > 0 {
				n += len(p.Above(told))
			}
		}
		require.Equal(t, want, n, text)
	}
}

// TestTable: what is said about a table is not the table.
func TestTable(t *testing.T) {
	t.Parallel()
	for _, text := range []string{"add 5 minutes at 1,001 ft, 10 minutes at 3,001 ft", "At 1,001-3,000 ft, 30 minutes", "20 minutes for 1,000 ft or less", "12 lb dial gauge from 2,001 to 4,000 feet", "If you live above 6,000 ft, 40 minutes"} {
		require.True(t, printed.Table(words.Split(text)), text)
		require.True(t, printed.Heights(words.Split(text)), text)
	}
	for _, text := range []string{"they say 35 minutes at 3,001 to 6,000 ft", "less than 35 minutes at 3,001 ft", "35 minutes above 6,000 ft, which I ignore", "do not add 5 minutes at 1,001 ft", "no more than 35 minutes above 3,000 ft", "my sister at 7,000 ft, 40 minutes", "subtract 5 minutes at 1,001 ft"} {
		require.False(t, printed.Table(words.Split(text)), text)
	}
}
