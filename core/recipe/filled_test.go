package recipe

import (
	"testing"

	"github.com/stretchr/testify/assert"
)

// A weight and the jars that it fills, in whatever order: the jars are no part of the
// recipe.
func TestFilled(t *testing.T) {
	for text, want := range map[string]string{
		"9 lb = 9 pints":                                       "9 lb",
		"14 lb -> 7 qts":                                       "14 lb",
		"Fourteen pounds makes seven quarts.":                  "Fourteen pounds",
		"Fourteen pounds of beans gives seven quarts":          "Fourteen pounds of beans",
		"seven quarts is eleven pounds.":                       "eleven pounds",
		"For 9 pints: 13 lb apples":                            "13 lb apples",
		"7 quarts take 21 lb of pears":                         "21 lb of pears",
		"a dozen pints wants about 20 lb":                      "about 20 lb",
		"4.5 kg of young sticks will do 9 jars of 500 ml":      "4.5 kg of young sticks",
		"16 lb spears gives me nine pints":                     "16 lb spears",
		"21 lb apples -> 9 pints":                              "21 lb apples",
		"21 lb apples (half Cortland, half Russet) -> 9 pints": "21 lb apples (half Cortland, half Russet)",
		"20 lb, 9 pints":                                       "20 lb",
		"17 1/2 lb peaches, 7 quarts":                          "17 1/2 lb peaches",
		"2 1/4 lb dried beans … 7 quarts.":                     "2 1/4 lb dried beans",
		"about 8 kg for 10 litres":                             "about 8 kg",
		"23 lb usually makes about 7 quarts or so here":        "23 lb usually here",
		"okra: seven quarts is eleven pounds.":                 "eleven pounds okra",
		"18 lb in the hull makes 9 pints":                      "18 lb",
		// Not a yield.
		"14 lb tomatoes, 2 quarts water":  "14 lb tomatoes, 2 quarts water",
		"3 lb beans to 2 quarts water":    "3 lb beans to 2 quarts water",
		"10 lb, 7 quarts":                 "10 lb, 7 quarts",
		"15 pounds, pints, 75 minutes":    "15 pounds, pints, 75 minutes",
		"20 lb, 9 pints, 40 min":          "20 lb, 9 pints, 40 min",
		"4 lb beef and 2 quarts of broth": "4 lb beef and 2 quarts of broth",
		"2 quarts tomato juice":           "2 quarts tomato juice",
		"1 lb lard for 2 quarts peas":     "1 lb lard for 2 quarts peas",
	} {
		got, ok := filled(text)
		assert.Equal(t, want, got)
		assert.Equal(t, want != text, ok, text)
	}
}
