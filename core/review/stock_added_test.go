package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// A stock takes 20 minutes because nothing solid is in it but what clung to its bones (USDA
// Complete Guide 2015, guide 5, meat stock and chicken or turkey stock; from memory).
func TestStockWithMore(t *testing.T) {
	t.Parallel()
	const head, tail = "Chicken stock\nchicken bones\nwater\nCover the bones with water. ", " Reheat to boiling. Fill pints, 1 inch headspace. Vent 10 minutes, 20 minutes at 10 lb weighted.\n"
	for said, clear := range map[string]bool{
		"Simmer 40 minutes, strain, skim, put the meat back in.":                                                  true,
		"Simmer 40 minutes. Remove the bones, cool, skim off the fat, and return the meat to the broth.":          true,
		"Simmer until the meat can be easily stripped from the bones. Remove the bones, cool the broth, skim it.": true,
		"Simmer 40 minutes, strain, skim, add 2 lb of beef.":                                                      false,
		"Simmer 40 minutes, strain, skim, return the carrots to the broth.":                                       false,
		"Simmer 40 minutes, strain, skim, add some chopped meat.":                                                 false,
		"Simmer 40 minutes, strain, skim, put meat from another bird back in.":                                    false,
		"Simmer 40 minutes, strain, skim. Add two cups of meat.":                                                  false,
		"Remove the bones, skim, stir in 2 cups of chicken.":                                                      false,
	} {
		require.Equal(t, clear, reviewText(t, head+said+tail, 300, "weighted").Verdict == review.Clear, said)
	}
}
