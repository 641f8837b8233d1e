package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// Cabbage that nothing let sour is a low-acid vegetable in a water bath (USDA Complete
// Guide 2015, guide 6, sauerkraut: 3 to 6 weeks; from memory).
func TestFermentTakesWeeks(t *testing.T) {
	const list = "Sauerkraut\n\n25 lb cabbage, shredded\n3/4 cup canning salt\n\n"
	const end = " Heat to a boil and pack hot into quarts, 1/2 inch headspace, lids on.\nProcess quarts 15 minutes in a boiling water bath.\n"
	for method, code := range map[string]string{
		"Mix cabbage and salt.": "no-acid-added",
		"Mix cabbage and salt in the crock. Three days is enough.":                  "acid-short",
		"Salt it down and leave it five days under a plate.":                        "acid-short",
		"Mix cabbage and salt. Two to three weeks in the crock.":                    "acid-short",
		"Mix cabbage and salt. No need to ferment it.":                              "no-acid-added",
		"Mix cabbage and salt. Four weeks under a plate.":                           "",
		"Mix cabbage and salt, let it ferment till it is sour.":                     "",
		"Pound it in the crock with the salt and leave it six weeks in the cellar.": "",
	} {
		codes := codesOf(reviewText(t, list+method+end, 300, "weighted"))
		for _, c := range []string{"no-acid-added", "acid-short"} {
			if c == code {
				assert.Contains(t, codes, c, method)
			} else {
				assert.NotContains(t, codes, c, method)
			}
		}
	}
	assert.Equal(t, review.Clear, reviewText(t, list, 300, "weighted").Verdict, "a list without a method")
}

// Acid that is only spoken of is missing; acid that is put in fresh is fresh.
func TestAcidThatIsOnlySpokenOf(t *testing.T) {
	const base = "Whole tomatoes\n\n13 lb tomatoes, peeled\n\nPack raw in pints, cover with boiling water, 1/2 inch headspace, lids on. Process pints 40 minutes in a boiling water bath.\n"
	for said, code := range map[string]string{
		"People always ask about lemon juice.":                    "no-acid-added",
		"The leaflet has lemon juice too but we never had any.":   "no-acid-added",
		"Add the juice of a fresh lemon to each jar.":             "fresh-citrus",
		"Put 1 Tbsp lemon juice, squeezed fresh, into each pint.": "fresh-citrus",
	} {
		res := reviewText(t, base+said+"\n", 300, "weighted")
		assert.Equal(t, review.Change, res.Verdict, said)
		assert.Contains(t, codesOf(res), code, said)
	}
}

// Lime that firms cucumbers is permitted where it is rinsed out three times, and nowhere
// else (USDA Complete Guide 2015, guide 6, suggestions for firmness; from memory).
func TestLimeIsRinsedThreeTimes(t *testing.T) {
	const list = "Bread and butter pickles\n\n6 lb pickling cucumbers, sliced\n8 cups thin sliced onions\n1/2 cup canning salt\n4 cups vinegar, 5%\n4 1/2 cups sugar\n2 Tbsp mustard seed\n1 1/2 Tbsp celery seed\n1 Tbsp turmeric\n1 cup pickling lime\n\n"
	const soak = "Lime and salt in 1 gallon water, cucumber slices in it 12 to 24 hours. "
	const end = "Vinegar, sugar, spices: boil 10 minutes. Cucumbers and onions in, slowly back to boiling. Hot pints, slices and syrup, 1/2 inch. Wipe, lids. Process pints 10 minutes in boiling water.\n"
	for rinse, fine := range map[string]bool{
		"Lift out, rinse, soak 1 hour in fresh cold water. Rinse and soak again, twice more. Drain well.\n": true,
		"Drain. Rinse and soak in fresh water an hour, three times.\n":                                      true,
		"Lift out, rinse, drain.\n":                            false,
		"Drain. Never mind the three rinses.\n":                false,
		"Drain, rinse once and do not bother with the rest.\n": false,
		"Drain well, the lime that clings keeps the snap.\n":   false,
		"Soak them twice more in the lime.\n":                  false,
	} {
		codes := codesOf(reviewText(t, list+soak+rinse+end, 300, "weighted"))
		assert.Equal(t, !fine, contains(codes, "base-added") || contains(codes, "acid-diluted"), rinse)
	}
}

func contains(list []string, s string) bool {
	for _, x := range list {
		if x == s {
			return true
		}
	}
	return false
}

// What a recipe is may stand in its words: a food grown for a product is no such product,
// beans with their sauce are no plain beans, speech without a title says what it makes.
func TestWhatARecipeIs(t *testing.T) {
	for text, procedure := range map[string]string{
		"Chicken and hummus-bean soup\n\n2 cups dried chickpeas, soaked and boiled 30 minutes\n3 cups cooked chicken, diced\n3 cups carrots, peeled\n4 quarts chicken broth\n\nBoil all 5 minutes. Fill pints half with solids, then broth, 1 inch.":                                                "soup",
		"Saturday beans\n\n1 1/2 lb dried navy beans, soaked and boiled\n7 pieces salt pork\n4 cups bean cooking water\n3 Tbsp dark molasses\n1 Tbsp vinegar\n2 tsp salt\n3/4 tsp dry mustard\n\nBake the beans in the pot with the sauce to cover 4 to 5 hours at 350. Fill hot pints, 1 inch.":    "beans-baked",
		"okay the green salsa it's five cups chopped tomatillos husks off because they're sticky one and a half cups chopped long green chiles half a cup chopped jalapenos four cups chopped onions one cup bottled lime juice six cloves of garlic chopped you boil it and simmer twenty minutes": "salsa-tomatillo",
		"Venison in quarts\n\n16 lb venison, cubed\n1 tsp salt per quart\n\nPack raw into quarts, no liquid, 1 inch.":                                                                                                                                                                               "meat-pieces",
		"Candy roaster\n\n16 lb candy roaster squash, peeled, 1 inch cubes\n\nBoil 2 minutes. Fill hot quarts, hot liquid to 1 inch.":                                                                                                                                                               "pumpkin-cubes",
	} {
		res := reviewText(t, text+"\n", 300, "weighted")
		if assert.NotNil(t, res.Procedure, text) {
			assert.Equal(t, procedure, res.Procedure.ID, text)
		}
	}
}

// The tested starch, and sugar to taste, go without a word; what is changed is noted.
func TestWhatTheProcedureHoldsIsSilent(t *testing.T) {
	noted := func(text, code string) bool {
		for _, f := range reviewText(t, text, 300, "weighted").Findings {
			if f.Code == code {
				return true
			}
		}
		return false
	}
	assert.False(t, noted("Peaches\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n2 1/4 cups sugar\n\nHeat the peaches in the syrup, pack hot into quarts, lids on. Process 25 minutes in a water bath.\n", "sugar-change"))
	assert.True(t, noted("Peaches, half the sugar\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n1 cup sugar\n\nHeat the peaches in the syrup, pack hot into quarts, lids on. Process 25 minutes in a water bath.\n", "sugar-change"))
	assert.True(t, noted("Peaches in water\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n\nHeat the peaches in the water, pack hot into quarts, lids on. Process 25 minutes in a water bath.\n", "sugar-change"))
}

// Weeks behind the lid let nothing sour.
func TestJarsThatStandDoNotFerment(t *testing.T) {
	res := reviewText(t, "Sauerkraut\n\n25 lb cabbage, shredded\n3/4 cup canning salt\n\nMix cabbage and salt. Heat to a boil and pack hot into quarts, 1/2 inch headspace, lids on.\nProcess quarts 15 minutes in a boiling water bath. Let the jars stand four weeks before eating.\n", 300, "weighted")
	assert.Contains(t, codesOf(res), "no-acid-added")
}

// Water that weakens a brine is found however it is said.
func TestBrineThatIsThinned(t *testing.T) {
	for _, said := range []string{
		"Thin it with 3 cups of water.", "Let it down with 3 cups of water.", "Stretch the brine with 3 cups of water.",
		"Top the brine up with 3 cups of water.", "Another 3 cups of water go in to soften it.", "I cut it with 3 cups of water.",
		"It wants 3 cups of water more to my taste.",
	} {
		res := reviewText(t, "Dill pickles\n\n8 lb cucumbers, 4 inch\n3/4 cup canning salt\n1 1/2 quarts vinegar (5%)\n1/4 cup sugar\n2 quarts water\n2 Tbsp pickling spice\n\n"+
			"Pack cucumbers in quarts. Boil vinegar, salt, sugar, water and spice. "+said+" Pour over, 1/2 inch headspace. Lids on. Process quarts 15 minutes in boiling water.\n", 300, "weighted")
		assert.Contains(t, codesOf(res), "acid-diluted", said)
	}
}

// What stands behind the method in a list of its own is in the recipe; what is for the
// table is not.
func TestListBehindTheMethod(t *testing.T) {
	const peaches = "Peaches\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n2 1/4 cups sugar\n\nBoil the peaches in the syrup. Fill hot pints with them and syrup, 1/2 inch headspace. Lids on.\nProcess pints 25 minutes in a boiling water bath.\n\n"
	for list, code := range map[string]string{
		"heavy cream\n": "dairy", "bananas\n": "low-acid-fruit", "Also:\nheavy cream\n": "dairy", "flour, a little\n": "thickener",
		"To serve:\nheavy cream\n": "", "": "",
	} {
		res := reviewText(t, peaches+list, 300, "weighted")
		if code == "" {
			assert.Equal(t, review.Clear, res.Verdict, "%q %v", list, res.Findings)
			continue
		}
		assert.Contains(t, codesOf(res), code, list)
	}
}

// A line that begins like an amount and then does something is a sentence.
func TestPlaceOnALineIsNoDeed(t *testing.T) {
	for said, clear := range map[string]bool{
		"A bag of ice on top hurries it.": false, "A bag of ice on top speeds it.": false,
		"1 tsp salt from the greengrocer": true, "1 tsp salt from the corner shop": true,
	} {
		res := reviewText(t, "Beef cubes\n\n10 lb beef, trimmed, in 1 inch cubes\n\nPack raw in hot pints, no liquid added, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes. Process pints 75 minutes at 10 pounds in a weighted gauge pressure canner.\n"+said+"\n", 300, "weighted")
		assert.Equal(t, clear, res.Verdict == review.Clear, "%s %v", said, res.Findings)
	}
}

// A measure of something that is not named is asked about, on a line of its own and in a
// sentence; a measure of what is named is not.
func TestMeasureOfSomethingUnnamed(t *testing.T) {
	const beans = "Green beans\n\n4 lb green beans\nwater\n\nPack raw in pints and cover with boiling water, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes. Process pints 20 minutes at 10 pounds in a weighted gauge pressure canner.\n"
	for line, clear := range map[string]bool{
		"2 cups of the white stuff we use for sauces": false, "4 c of the mild one we use for sushi": false, "a pound of what we had at Easter": false,
		"1 pint of the red they sell at the Saturday market": false, "half a gallon of the brown in the shed": false, "a jar of what aunt Mae puts in pies": false,
		"1 tsp of salt": true, "3 cups of the water it boiled in": true,
	} {
		res := reviewText(t, strings.Replace(beans, "water\n", "water\n"+line+"\n", 1), 300, "weighted")
		assert.Equal(t, clear, res.Verdict == review.Clear, "%s %v", line, res.Findings)
	}
}

// Meat by itself under liquid is no soup, whatever the title hopes for (USDA Complete Guide
// 2015, guides 4 and 5: soups are half liquid; from memory).
func TestMeatAloneIsNoSoup(t *testing.T) {
	const text = "10 lb pork loin, trimmed of all fat, in 1 inch cubes\n2 tsp ground cumin\nboiling water\n\nBrown the pork in a dry pan until rare. Hot pints: pork, boiling water, 1 inch headspace. Wipe the rims, lids on.\nVent 10 minutes. Process pints 60 minutes at 10 pounds in a weighted gauge pressure canner.\n"
	for _, title := range []string{"Pork for tacos (shelf-stable base)", "Pork stew", "Supper pork", "Pork"} {
		assert.Equal(t, review.Change, reviewText(t, title+"\n\n"+text, 300, "weighted").Verdict, title)
	}
}

// A time that may be less is no time.
func TestOrLess(t *testing.T) {
	for said, clear := range map[string]bool{
		"Process pints 25 minutes, or less when it is hot out.": false, "25 minutes, less if it's hot.": false, "Process pints 25 minutes. In summer a few less.": false,
		"Water bath 20 minutes, give or take.": false, "20 minutes, 15 will do.": false, "Water bath, 20 minutes, or less when it is hot out.": false,
		"Process pints 25 minutes. Eat within a year or less.": true,
	} {
		res := reviewText(t, "Peaches\n\n11 lb yellow peaches, peeled, halved\n9 cups water\n2 1/4 cups sugar\n\nBoil the peaches in the syrup. Fill hot pints with them and syrup, 1/2 inch headspace. Lids on.\n"+said+"\n", 300, "weighted")
		assert.Equal(t, clear, res.Verdict == review.Clear, "%s %v", said, res.Findings)
	}
}

// A pickle is tested with vinegar of 5 percent (USDA Complete Guide 2015, guide 6; from
// memory); 50 grain is 5 percent (common practice, no source). Of two strengths the weaker
// counts, and a doubtful one is asked about.
func TestStrengthOfVinegar(t *testing.T) {
	const before = "Dilled beans\n\n4 lb green beans\n8 heads fresh dill\n1/2 cup canning salt\n"
	const after = "\n4 cups water\n\nStand the beans raw in hot sterile pints with the dill. Boil salt, vinegar and water, pour over, 1/2 inch headspace. Wipe the rims, lids on, bands fingertip tight.\nProcess pints 5 minutes in a boiling water bath.\n"
	for line, fine := range map[string]bool{
		"4 cups vinegar (5 percent)":                                true,
		"4 cups vinegar, 5 percent, from the co-op":                 true,
		"4 cups vinegar (5% acetic acid)":                           true,
		"4 cups vinegar (5 percent acidity)":                        true,
		"about 4 cups vinegar, 5 percent":                           true,
		"4 cups vinegar (50 grain)":                                 true,
		"4 cups vinegar (2.5 percent)":                              false,
		"4 cups vinegar (4 percent acidity)":                        false,
		"4 cups vinegar (4 to 5 percent)":                           false,
		"4 cups vinegar (40 grain)":                                 false,
		"4 cups vinegar (four percent)":                             false,
		"4 cups vinegar (it says 4 per cent on the bottle)":         false,
		"4 cups vinegar (5%, or 3% if that is all there is)":        false,
		"4 cups vinegar (5 percent; or the 3 percent, same thing)":  false,
		"4 cups vinegar (not quite 5 percent)":                      false,
		"4 cups vinegar (5 percent or so)":                          false,
		"4 cups vinegar, 5 percent I think":                         false,
		"4 cups vinegar, up to 5 percent":                           false,
		"4 cups vinegar (about 4.5% I believe, the label came off)": false,
	} {
		res := reviewText(t, before+line+after, 300, "weighted")
		assert.Equal(t, fine, res.Verdict == review.Clear, line)
	}
}
