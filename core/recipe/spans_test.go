package recipe_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
)

// The words that gave each part, "part=words" in order.
func TestSpans(t *testing.T) {
	for text, want := range map[string]string{
		"- 1 1/2 c. quince, peeled & diced":  "amount=1 1/2 unit=c food=quince form=peeled form=diced",
		"2 (14 oz) tins of cannellini beans": "amount=2 unit=(14 oz) tins food=cannellini beans",
		"half a dozen limes":                 "amount=half a dozen food=limes",
		"3 medium red onions, chopped":       "amount=3 food=red onions form=chopped",
		"2 cups brambleberry":                "amount=2 unit=cups food=brambleberry",
		"1 cup sugar and 2 cups honey":       "amount=1 unit=cup food=sugar amount=2 unit=cups food=honey",
		"2-3 lbs rhubarb":                    "amount=2-3 unit=lbs food=rhubarb",
		"For the syrup:":                     "",
		"¼ cup frozen jalapeño peppers":      "amount=¼ unit=cup form=frozen food=jalapeño peppers",
	} {
		var got []string
		for _, s := range reader.Spans(text) {
			got = append(got, s.Part+"="+text[s.Start:s.End])
		}
		require.Equal(t, want, strings.Join(got, " "), text)
	}
}
