package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// A time belongs to the water bath where it stands with it, not where another way does; 0 for none.
func TestBathMinutes(t *testing.T) {
	for text, want := range map[string]float64{
		"Process quarts 10 minutes in a boiling water bath or 25 minutes in a pressure canner.": 10,
		"Process in a pressure canner 25 minutes at 6 lb, or 40 minutes in a water bath.":       40,
		"Pints 20 minutes, quarts 25 minutes in a boiling water bath.":                          25,
		"Half an hour in the steam canner; in the pressure canner 10 minutes.":                  30,
		"Process 25 minutes at 6 lb in a pressure canner.":                                      0,
		"Dip the peaches in boiling water 30 seconds.":                                          0,
	} {
		rec, err := reader.Text("Peaches\n\n17 lb peaches\n\nPack hot in quarts, lids on.\n" + text)
		require.NoError(t, err)
		got := rec.BathMinutes()
		if want == 0 {
			assert.Nil(t, got, text)
			continue
		}
		if assert.NotNil(t, got, text) {
			assert.InDelta(t, want, got.Minutes, 0.01, text)
			assert.Equal(t, 6, got.Line, text)
		}
	}
}
