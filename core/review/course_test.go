package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// told is a text with one part that differs, and what has to come of it.
type told struct {
	part    string
	verdict review.Verdict
	code    string // what must be found, "" for none
	id      string // the procedure, "" where it does not matter
	minutes int    // of the process shown, 0 for none
}

func (w told) check(t *testing.T, text string) {
	t.Helper()
	res := reviewText(t, strings.Replace(text, "<>", w.part, 1), 300, "weighted")
	assert.Equal(t, w.verdict, res.Verdict, w.part)
	found := map[string]bool{}
	for _, f := range res.Findings {
		if f.Severity == review.Amend || f.Severity == review.Halt {
			found[f.Code] = true
		}
	}
	if w.code != "" {
		assert.True(t, found[w.code], "%s: %s is missing; there are %v", w.part, w.code, found)
	}
	if w.id != "" {
		require.NotNil(t, res.Procedure, w.part)
		assert.Equal(t, w.id, res.Procedure.ID, w.part)
	}
	if w.minutes > 0 {
		require.NotEmpty(t, res.Methods, w.part)
		for _, m := range res.Methods {
			assert.Equal(t, w.minutes, m.Minutes, w.part)
		}
	} else {
		assert.Empty(t, res.Methods, w.part)
	}
}

// checkEach puts each part into the text.
func checkEach(t *testing.T, text string, parts []told) {
	t.Helper()
	for _, w := range parts {
		w.check(t, text)
	}
}

// Tomatoes packed without liquid take 85 minutes, in water 45 for quarts (USDA Complete Guide
// 2015, guide 3, whole or halved tomatoes; from memory). What is said of the water decides,
// and a stated time only where it is the longer.
func TestTomatoesWithAndWithoutWater(t *testing.T) {
	const text = "Tomatoes\n\n21 lb tomatoes\n2 Tbsp bottled lemon juice per quart\n1 tsp salt per quart\n\nScald, peel, core. Lemon juice and salt in the jar first. <> 1/2 inch headspace. Wipe rims. Lids on. Boiling water bath, quarts, MIN minutes.\n"
	in := func(minutes string) string { return strings.Replace(text, "MIN", minutes, 1) }
	const dry, wet = "tomatoes-whole-no-liquid", "tomatoes-whole-water"
	checkEach(t, in("45"), []told{
		{"Pack raw, cover with hot water.", review.Clear, "", wet, 45},
		{"Pack raw. Don't use cold water, cover with boiling water.", review.Clear, "", wet, 45},
		{"Pack raw.", review.Change, "omission", wet, 0},
		{"Pack raw in their own juice.", review.Change, "process-short", dry, 0},
		{"Press raw tomatoes in till the juice comes up and fills the holes.", review.Change, "process-short", dry, 0},
		{"Pack raw. Never add water.", review.Change, "process-short", dry, 0},
		{"Pack raw. Not a drop of water goes in.", review.Change, "process-short", dry, 0},
		{"Pack raw, without a drop of water.", review.Change, "process-short", dry, 0},
		{"Pack raw, the water is left out.", review.Change, "process-short", dry, 0},
	})
	checkEach(t, in("85"), []told{
		{"Pack raw.", review.Clear, "", dry, 85},
		{"Pack raw. Never add water.", review.Clear, "", dry, 85},
		{"Pack raw, cover with hot water.", review.Clear, "", wet, 45},
	})
}

// The acid of crab goes into each jar; what it is boiled and soaked in is poured off (USDA
// Complete Guide 2015, guide 5, King and Dungeness crab meat; from memory).
func TestCrabHasItsAcidInTheJar(t *testing.T) {
	const text = "Crab, half-pints\n\nSimmer the crab 20 minutes in water with 1/4 cup lemon juice and 2 tbsp salt to the gallon. Pick the meat. Soak 2 minutes in cold water with 2 cups lemon juice and 2 tbsp salt to the gallon, drain. Pack 6 oz in each hot half-pint, <>cover with boiling water, 1 inch headspace. Wipe rims, lids. Vent 10 minutes, process 70 minutes at 10 pounds weighted.\n"
	checkEach(t, text, []told{
		{"add 2 tbsp bottled lemon juice to each jar, ", review.Clear, "", "crab", 70},
		{"add 1/2 tsp citric acid to each jar, ", review.Clear, "", "crab", 70},
		{"", review.Change, "no-acid-added", "crab", 0},
		{"add 1 tbsp bottled lemon juice to each jar, ", review.Change, "acid-short", "crab", 0},
		{"add 2 tbsp vinegar to each jar, ", review.Change, "acid-swap", "crab", 0},
		{"add 2 tbsp fresh lemon juice to each jar, ", review.Change, "fresh-citrus", "crab", 0},
	})
}

// A chili of ground meat, dried beans and tomatoes is chile con carne, 75 minutes in pints, and
// no soup of 60 (USDA Complete Guide 2015, guide 5; from memory).
func TestChiliIsNoSoup(t *testing.T) {
	const text = "Chili\n\n3 cups dried pinto beans\n5 1/2 cups water\n5 tsp salt\n3 lb ground beef\n1 1/2 cups chopped onion\n1 cup chopped peppers\n1 tsp black pepper\n4 Tbsp chili powder\n2 quarts crushed tomatoes (peeled)\n\nSoak the beans 12 hours, drain. Boil in the 5 1/2 cups fresh water with 2 tsp salt 30 minutes, drain. Brown the beef with onion and peppers, drain off the fat. Add the rest, simmer 5 minutes. Do not thicken. <> Wipe, lids."
	checkEach(t, text+" Vent 10 minutes, 75 minutes at 10 lb weighted.\n", []told{
		{"Hot pints, 1 inch.", review.Clear, "", "chile-con-carne", 75},
		{"Hot quarts, 1 inch.", review.Change, "jar-size", "chile-con-carne", 0},
	})
	told{"Hot pints, 1 inch.", review.Change, "process-short", "chile-con-carne", 0}.check(t, text+" Vent 10 minutes, 60 minutes at 10 lb weighted.\n")
	for _, title := range []string{"Chilli from Rosa", "CHILLI", "Chili con carne"} {
		told{"Hot pints, 1 inch.", review.Clear, "", "chile-con-carne", 75}.check(t, title+strings.TrimPrefix(text, "Chili")+" Vent 10 minutes, 75 minutes at 10 lb weighted.\n")
	}
}

// A pressure that is not to be passed is none that the jars had.
func TestCeilingOfPressure(t *testing.T) {
	const text = "Green beans\n\n4 lb green beans\nwater\n\nPack raw into hot pints and cover with boiling water, 1 inch headspace. Vent 10 minutes. <>\n"
	checkEach(t, text, []told{
		{"Process 20 minutes at 10 pounds, never more than 15 pounds.", review.Clear, "", "snap-beans", 20},
		{"Process for never less than 20 minutes at 10 pounds.", review.Clear, "", "snap-beans", 20},
		{"Process 20 minutes at 5 pounds, never more than 15 pounds.", review.Change, "pressure-low", "snap-beans", 0},
		{"Process 20 minutes at 5 pounds and no higher than 15 pounds.", review.Change, "pressure-low", "snap-beans", 0},
		{"Process 20 minutes at no more than 5 pounds.", review.Change, "pressure-low", "snap-beans", 0},
		{"Process 20 minutes at 5 pounds, never higher.", review.Change, "pressure-low", "snap-beans", 0},
	})
}

// A pot whose water stands over the jars is a water bath, whatever it is called.
func TestPotWithWaterOver(t *testing.T) {
	const text = "Beef\n\n10 lb beef, trimmed, in 1 inch cubes\n\nPack raw in hot pints, no liquid, 1 inch headspace. Wipe rims, lids. <>\n"
	for _, part := range []string{"Ninety minutes in the granite kettle with water well up over does nicely.", "Three hours in the wash boiler, water above the lids.", "I give them 75 minutes in the pot with water covering them."} {
		told{part, review.Change, "low-acid-in-water-bath", "meat-pieces", 0}.check(t, text)
	}
}

// Food worked to a mass is a puree, in whatever words.
func TestWorkedToAMass(t *testing.T) {
	const text = "Kidney beans\n\n2 lb kidney beans\nwater\n\nSoak overnight, drain, boil 30 minutes. <> Fill hot pints, 1 inch. Vent 10, 75 minutes at 10 lb.\n"
	for _, part := range []string{"Pound them until they are like baby food.", "Work them till there's not a lump left.", "Beat them until smooth as velvet.", "Go at them till it is like thick paint."} {
		told{part, review.Stop, "puree", "", 0}.check(t, text)
	}
}

// Oil to cover is an oil pack: a change where the food has a process in water, else the end
// of it.
func TestFatToCover(t *testing.T) {
	for _, part := range []string{"olive oil to cover", "sunflower oil, as it takes", "oil, enough to just cover"} {
		told{part, review.Change, "oil-pack", "peppers", 0}.check(t, "Peppers\n\n4 lb bell peppers, roasted, peeled\n<>\n\nPack in half-pints. Boil 35 minutes.\n")
		told{part, review.Stop, "oil-pack", "", 0}.check(t, "Dried tomatoes\n\n1 lb sun-dried tomatoes\n<>\n\nPack in half-pints. Boil 35 minutes.\n")
	}
}

// The elevation that a title states is the kitchen's, where nobody gave another.
func TestElevationInTheTitle(t *testing.T) {
	res := reviewOwn(t, "Green beans at 7,000 ft\n\n4 lb green beans\nwater\n\nPack raw into hot pints, boiling water over, 1 inch. Vent 10, 20 minutes at 10 lb weighted.\n")
	assert.Equal(t, 7000, res.Elevation)
	assert.Equal(t, review.Change, res.Verdict)
}

// reviewOwn reviews a text with what it says itself of the kitchen.
func reviewOwn(t *testing.T, text string) review.Result {
	t.Helper()
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec})
}
