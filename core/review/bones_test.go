package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A title with bones holds while the method takes none out: without them the quarts need 90 minutes (USDA Complete
// Guide 2015, guide 5, Chicken or rabbit, from memory).
func TestBonesOfTheTitle(t *testing.T) {
	text := func(pack string) string {
		return "Chicken, raw, bones left in\n\nChill the birds 6 to 12 hours. Cut into pieces.\n" + pack +
			" No liquid.\nDial gauge, 11 pounds. Quarts 75 minutes, pints 65 minutes."
	}
	for pack, clear := range map[string]bool{
		"Pack raw, loosely, 1 1/4 inch headspace.":                                      true,
		"Pack the breasts raw and boned, 1 1/4 inch headspace.":                         false,
		"Pull the bones out of the breasts. Pack raw, 1 1/4 inch headspace.":            false,
		"Take the meat off the bones. Pack it raw, loosely, with 1 1/4 inch headspace.": false,
	} {
		rec, err := reviewer.Reader().Text(text(pack))
		require.NoError(t, err)
		res := reviewer.Review(review.Request{Recipe: rec, Elevation: 800, ElevationGiven: true, Gauge: "dial"})
		require.Equal(t, clear, res.Verdict == review.Clear, pack)
	}
}
