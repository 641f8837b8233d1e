package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// verdictOf reviews a text at 300 ft with a weighted gauge.
func verdictOf(t *testing.T, text string) review.Result {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, Elevation: 300, ElevationGiven: true, Gauge: "weighted"})
}

// Stock made from bones is covered where everything is strained out; where any of
// it may be back in the jar, or nothing was strained, it is not.
func TestStockFromBones(t *testing.T) {
	const bones = "Chicken stock\n4 lb chicken carcasses\n2 onions\n2 carrots, peeled\n3 ribs celery\n4 quarts water\n"
	for steps, want := range map[string]review.Verdict{
		"Simmer 3 hours. Strain, chill and skim the fat off. Reheat to a boil and fill quarts, 1 inch headspace.": review.Clear,
		"Simmer, strain and discard the bones and vegetables. Skim the fat, bring back to a boil, fill pints.":    review.Clear,
		"Simmer 3 hours. Skim the fat. Fill quarts.":                                                              "not clear",
		"Simmer 3 hours. Strain. Pick the meat off the bones and return the chicken to the pot. Fill quarts.":     "not clear",
		"Simmer 3 hours. Strain. Add the carrots back in. Fill quarts.":                                           "not clear",
		"Simmer 3 hours. Do not strain. Fill quarts.":                                                             "not clear",
		"Simmer 3 hours. Strain. Whisk in 3 Tbsp flour. Fill quarts.":                                             "not clear",
		"Simmer 3 hours. Strain, skim the fat. Stir in 1 cup cream. Fill quarts.":                                 "not clear",
		"Simmer 3 hours. Strain, skim the fat and fill quarts. Process 20 minutes in a water bath.":               "not clear",
	} {
		got := verdictOf(t, bones+steps)
		if want == review.Clear {
			require.Equal(t, review.Clear, got.Verdict, steps)
			require.Equal(t, "stock", got.Procedure.ID, steps)
			continue
		}
		require.NotEqual(t, review.Clear, got.Verdict, steps)
	}
	got := verdictOf(t, "Vegetable stock\n4 onions\n4 carrots, peeled\n4 ribs celery\n4 quarts water\nSimmer 1 hour. Strain. Bring to a boil and fill quarts.")
	require.NotEqual(t, review.Clear, got.Verdict, "a stock of vegetables alone was never tested")
}

// The water of an overnight soak is no water in the brine, but only where the
// method soaks in just that amount and drains it.
func TestSoakingWater(t *testing.T) {
	const dills = "Quick dill pickles\n8 lb pickling cucumbers\n2 gallons water\n1 1/4 cups canning salt\n1 1/2 quarts vinegar (5 %)\n1/4 cup sugar\n2 quarts water\n14 heads fresh dill\n"
	for steps, clear := range map[string]bool{
		"Trim the blossom ends. Soak 12 hours in brine of 3/4 cup salt and the 2 gallons water. Drain. Boil vinegar, sugar, salt and 2 quarts water. Pack pints raw and cover.": true,
		"Trim the blossom ends. Let stand overnight in 2 gallons water with 3/4 cup salt. Drain well. Boil vinegar, sugar, salt and 2 quarts water. Pack pints raw and cover.":  true,
		"Trim the blossom ends. Boil vinegar, sugar, salt and all the water. Pack pints raw and cover.":                                                                         false,
		"Trim the blossom ends. Soak 12 hours in 2 gallons water. Boil the vinegar with it. Pack pints raw and cover.":                                                          false,
		"Trim the blossom ends. Boil 2 gallons water with the vinegar. Pack pints raw and cover. Drain the canner.":                                                             false,
	} {
		got := verdictOf(t, dills+steps)
		require.Equal(t, clear, got.Verdict == review.Clear, "%s\n%v", steps, got.Findings)
	}
	// One water only: it is the brine's, soaked in or not.
	got := verdictOf(t, "Quick dill pickles\n8 lb pickling cucumbers\n6 quarts water\n1 cup canning salt\n1 1/2 quarts vinegar (5 %)\n14 heads fresh dill\nSoak overnight in 6 quarts water. Drain. Pack pints raw.")
	require.NotEqual(t, review.Clear, got.Verdict)
}

// A syrup thicker than any tested pickle is cut back; a sweet one within is a
// matter of taste.
func TestHeavySyrup(t *testing.T) {
	const peppers = "Pickled hot peppers\n4 lb hot peppers\n3 lb sweet peppers\n5 cups vinegar (5 %)\n1 cup water\n4 tsp canning salt\n"
	for sugar, want := range map[string]review.Verdict{"2 Tbsp": "clear", "2 cups": "clear", "6 cups": "clear", "14 cups": "change", "20 cups": "change"} {
		got := verdictOf(t, peppers+sugar+" sugar\nPack raw into pints, 1/2 inch headspace, and cover with the boiling brine.")
		require.Equal(t, want, got.Verdict, "%s: %v", sugar, got.Findings)
	}
}

// Oil without a measure, and no other liquid, covers the food.
func TestOilWithoutMeasure(t *testing.T) {
	for text, want := range map[string]review.Verdict{
		"Sun-dried tomatoes in olive oil\n4 cups dried tomatoes\nolive oil\ngarlic":                                         review.Stop,
		"Garlic\n4 heads garlic, peeled\nolive oil to cover\nFill half-pints.":                                              review.Stop,
		"Roasted eggplant under oil\n3 lb eggplant, roasted\nvegetable oil":                                                 review.Stop,
		"Carrots\n14 lb carrots, peeled and sliced\nboiling water\na little oil\nPack hot into quarts.":                     review.Change,
		"Trout in pints\n8 lb trout fillets\n1 Tbsp olive oil per pint\nRaw pack, 1 inch headspace, 100 minutes at 10 lbs.": review.Change,
	} {
		require.Equal(t, want, verdictOf(t, text).Verdict, text)
	}
}

// A pie filling thickens by its tested starch; any other thickening stands out.
func TestPieFillingThickens(t *testing.T) {
	const pie = "Blueberry pie filling\n6 quarts blueberries\n6 cups sugar\n2 1/4 cups cook-type modified starch\n7 cups cold water\n1/2 cup bottled lemon juice\n"
	for steps, want := range map[string]review.Verdict{
		"Cook sugar, starch and water until it thickens and bubbles. Add lemon juice, boil 1 minute, fold in the berries, fill pints, 1 inch headspace.": "clear",
		"Cook until thickened, fold in the berries and fill pints.":                                                                                      "clear",
		"Thicken with a slurry of flour, fold in the berries and fill pints.":                                                                            "change",
		"Cook until it thickens with 2 Tbsp cornstarch, fold in the berries, fill pints.":                                                                "change",
	} {
		require.Equal(t, want, verdictOf(t, pie+steps).Verdict, steps)
	}
}

// A bird that is cooked and taken from its bones is meat: only bones that are put in the
// pot, and nothing else, make a stock.
func TestMeatIsNoStock(t *testing.T) {
	const end = " Bring to a boil, skim the fat, fill hot pints, 1 inch headspace, wipe the rims, lids on.\nProcess pints 20 minutes at 10 lb.\n"
	for _, text := range []string{
		"Old hens\n\n12 lb hens\n4 quarts water\n\nSimmer the hens till the meat falls from the bones. Strain." + end,
		"Hens\n\n12 lb hens\nsalt\n\nSimmer the hens with the bones in 4 quarts of water. Pick the meat from the carcasses, strain the broth over it." + end,
		"Beef\n\n10 lb beef shin\n4 quarts water\n\nPut the beef and the bones in the pot, cover with water, simmer 3 hours and strain." + end,
		"Broth\n\n3 quarts water\n\nNever mind the bones of last night's bird. Simmer 6 lb chicken meat. Strain." + end,
	} {
		assert.NotEqual(t, review.Clear, verdictOf(t, text).Verdict, text)
	}
}
