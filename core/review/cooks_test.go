package review_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// TestCooksWords reviews recipes in words that the library was not written from:
// British kitchens, prose, bad habits said in passing. has must be among the
// codes that are no notes; process, where given, must be offered.
func TestCooksWords(t *testing.T) {
	for _, c := range []struct {
		name, text string
		verdict    review.Verdict
		procedure  string
		has        []string
	}{
		{"beetroot in malt vinegar", "Pickled beetroot\n3 kg beetroot\n1 litre malt vinegar (5 %)\n500 ml water\n400 g caster sugar\n2 tsp salt\n1 cinnamon stick\nBoil the beetroot till tender, slip off the skins and slice. Bring the vinegar, water, sugar and spices to the boil, add the beetroot and simmer 5 minutes. Pot into 500 ml jars and process 30 minutes.", review.Clear, "pickled-beets", nil},
		{"leek and potato soup with double cream", "Leek and potato soup\n1 kg potatoes, peeled and diced\n500 g leeks, sliced\n2 litres chicken stock\n100 ml double cream\n25 g butter\nSweat the leeks in the butter. Add the rest, boil 5 minutes, blend and stir in the cream. Fill 500 ml jars and pressure can.", review.Change, "soup", []string{"dairy", "fat", "puree"}},
		{"courgettes", "Courgettes in brine\n2 kg courgettes, sliced\nwater\nsalt\nPressure can 30 minutes.", review.Stop, "", []string{"not-recommended-food"}},
		{"mince with cornflour", "Cottage pie base\n2 kg beef mince\n500 g carrots, peeled and diced\n2 onions, chopped\n1 litre beef stock\n3 tbsp cornflour\nBrown the mince, add the rest, boil 5 minutes and thicken. Half fill 1 l jars with solids, top up with stock.", review.Change, "soup", []string{"thickener"}},
		{"swede, mashed", "Swede\n5 kg swede, peeled and cubed\nboiling water\nBoil and mash, fill quarts and pressure can.", review.Stop, "", []string{"puree"}},
		{"prawns and rice", "Prawn gumbo\n2 lb prawns\n1 lb okra, sliced\n2 onions, chopped\n3 cups rice\n8 cups chicken stock", review.Untested, "", []string{"starch-solid", "seafood-mix"}},
		{"what is not in it", "Green beans, plain\n4 lb green beans\nboiling water\nNo butter, no bacon, no cream needed.\nPack raw into pints, cover with boiling water, 1 inch headspace.", review.Clear, "snap-beans", nil},
		{"cream if you like", "Corn for chowder\n10 lb corn kernels\nboiling water\nIf you like, add a splash of cream before you close the jars.\nPack hot into pints.", review.Change, "", []string{"dairy"}},
		{"not bothering to peel", "Potatoes for the pantry\n20 lb potatoes, cubed\nboiling water\nDo not bother to peel them. Boil 2 minutes and pack hot into quarts.", review.Change, "potatoes", []string{"unpeeled-root"}},
		{"oil or butter", "Beans and greens\n3 cups dried white beans, soaked and boiled 30 minutes\n4 cups kale or spinach, chopped\n8 cups vegetable broth\n1 tbsp olive oil or butter\nBoil 5 minutes, half solids half liquid, pints.", review.Change, "soup", []string{"fat", "dairy", "added-ingredient"}},
		{"by the jar", "Layered stew, to each quart\n1 cup cubed beef\n1/2 cup peeled carrots\n1/2 cup peeled potatoes\n1 tsp salt\nbeef broth to cover\nBrown the meat, boil everything 5 minutes, fill half full of solids and top with broth. Pressure can quarts.", review.Clear, "soup", nil},
		{"layered raw", "Raw stew in a jar\n1 cup raw cubed beef\n1/2 cup peeled carrots\n1/2 cup peeled potatoes\nPack raw in layers into quarts, cover with boiling water, 90 minutes.", review.Change, "soup", []string{"pack-style"}},
		{"packets of seasoning", "Taco meat\n5 lb ground beef\n2 packets taco seasoning\n1 cup water\nBrown, season, fill pints. 75 minutes.", review.Change, "meat-ground", []string{"thickener"}},
		{"spices of one's own", "Taco meat, own spices\n5 lb ground beef, browned and drained\n2 Tbsp chili powder\n1 Tbsp cumin\nbroth to cover\nPack hot into pints, 1 inch headspace.", review.Clear, "meat-ground", nil},
		{"a red sauce with oil", "Marinara\n20 lb tomatoes, peeled, cored and chopped\n2 cups onions, chopped\n8 cloves garlic\n1/4 cup olive oil\n1 cup fresh basil\n1/4 cup bottled lemon juice\nSimmer until thick, fill quarts, water bath 40 minutes.", review.Change, "spaghetti-sauce", []string{"fat", "low-acid-in-water-bath", "added-ingredient"}},
		{"stewed rhubarb", "Stewed rhubarb\n4 lb rhubarb, cut\n1 cup sugar\nLet stand with the sugar until juice appears, bring to a boil, fill hot with 1/2 inch headspace. Pints or quarts 15 minutes.", review.Clear, "rhubarb-stewed", nil},
		{"watermelon", "Canned watermelon\n1 watermelon, cubed\nwater\nsugar\nprocess pints 20 minutes", review.Stop, "", []string{"low-acid-fruit"}},
		{"buttered sauce", "Apple sauce with butter\n12 lb apples, peeled, cored\n1/2 cup butter\ncinnamon\nCook, mash, pints 15 minutes.", review.Change, "applesauce", []string{"dairy", "fat"}},
		{"smooth cranberries are no hazard, and untested", "Cranberry sauce jellied\n4 cups cranberries\n2 cups sugar\n2 cups water\nBoil until the skins pop, press through a sieve, boil 3 minutes more, pint jars 15 minutes", review.Untested, "", nil},
		{"bacon jam", "Bacon jam\n2 lb bacon\n2 onions\n1 cup brown sugar\n1 cup coffee\nhalf-pints, water bath 15 minutes", review.Stop, "", []string{"cured-meat", "not-recommended-food"}},
		{"zucchini relish of one's own", "Zucchini relish\n10 cups zucchini, grated\n4 cups onions, ground\n5 Tbsp salt\n2 1/4 cups vinegar\n6 cups sugar\n1 Tbsp cornstarch\n1 Tbsp turmeric\n1 green bell pepper\npints 15 minutes", review.Untested, "", []string{"thickener"}},
		{"eggs in the method", "Noodle base\n4 lb chicken, cooked, boned\n8 cups broth\nBeat 2 eggs and stir them in before filling.\nHalf solids. pints", review.Change, "soup", []string{"egg"}},
		{"steam for 85 minutes", "Tomatoes whole raw no liquid\n20 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\nPack raw without added liquid in quarts. Steam canner 85 minutes.", review.Change, "tomatoes-whole-no-liquid", []string{"steam-limit"}},
		{"hotter and shorter", "Asparagus\n10 lb asparagus, trimmed\nboiling water\nPack raw into pints. Process 15 minutes at 15 pounds.", review.Change, "asparagus", []string{"process-short"}},
		{"through the dishwasher", "Peach halves\n10 lb peaches, peeled\nsyrup of 2 cups sugar and 6 cups water\nHot pack into pints and run them through the dishwasher on hot.", review.Change, "peaches", []string{"oven"}},
		{"jars washed in the dishwasher", "Peach halves\n10 lb peaches, peeled\n9 cups water\n2 cups sugar\nWash the jars in the dishwasher and keep them hot. Heat the peaches in the syrup, pack hot into pints, 1/2 inch headspace, process 20 minutes in a boiling water bath.", review.Clear, "peaches", nil},
		{"jars run through the dishwasher first", "Peach halves\n10 lb peaches, peeled\n9 cups water\n2 cups sugar\nRun the jars through the dishwasher and keep them hot. Heat the peaches in the syrup, pack hot into pints, 1/2 inch headspace, process 20 minutes in a boiling water bath.", review.Clear, "peaches", nil},
		{"full jars into the dishwasher", "Peach halves\n10 lb peaches, peeled\n9 cups water\n2 cups sugar\nHeat the peaches in the syrup, pack hot into pints. Put them in the dishwasher.", review.Change, "peaches", []string{"oven"}},
		{"last year's lids", "Apple slices\n9 lb apples, peeled, cored, sliced\n4 cups water\n1 cup sugar\nBoil 5 minutes, pack hot into pints, use last year's lids, process 20 minutes.", review.Change, "apples-sliced", []string{"lid"}},
		{"mushrooms in quarts", "Mushrooms\n7 lb button mushrooms\nboiling water\nBoil 5 minutes, pack hot into quarts.", review.Change, "mushrooms", []string{"jar-size"}},
		{"raw spinach", "Spinach\n14 lb spinach\nboiling water\nPack raw into quarts.", review.Change, "greens", []string{"pack-style"}},
		{"clams", "Clams\n5 lb clam meat\n2 Tbsp bottled lemon juice\nboiling water\nsalt\nBoil the meat 2 minutes in the acidified water, pack into pints, 1 inch headspace, cover with boiling water. 70 minutes.", review.Clear, "clams", nil},
		{"wax", "Grape jelly\n4 cups grape juice\n3 cups sugar\n1 package powdered pectin\nBoil 1 minute, pour into glasses and seal with paraffin.", review.Change, "", []string{"lid"}},
		{"aspirin for acid", "Tomatoes\n20 lb tomatoes, peeled\n2 aspirins per quart\npack raw in quarts and cover with boiling water, seal.", review.Change, "tomatoes-whole-water", []string{"no-acid-added", "added-ingredient"}},
		{"a canning powder", "Green beans\n4 lb green beans\n1 Tbsp canning acid powder per quart\nwater\nBoil 1 hour in the water bath.", review.Change, "snap-beans", []string{"low-acid-in-water-bath", "unknown-ingredient"}},
		{"a pressure cooker", "Beef in jars\n6 lb beef, cubed\nbroth\nPack hot in pints, set the jars in the pressure cooker and cook 75 minutes.", review.Change, "meat-pieces", []string{"cooker-not-canner"}},
		{"masa", "Bean base\n3 cups dried kidney beans, soaked\n2 lb ground beef, browned\n4 cups tomatoes, crushed\n2 Tbsp masa\npints 75 minutes", review.Change, "soup", []string{"thickener", "solids-ratio"}},
		{"boiled on two days", "Pork\n5 lb pork, cubed\nbroth\nBoil the jars 3 hours, let stand overnight, boil again 3 hours the next day.", review.Change, "meat-pieces", []string{"low-acid-in-water-bath"}},
		{"beans with a little lemon", "Green beans, quick\n4 lb green beans\n1 cup lemon juice\nwater\nWater bath pints 30 minutes.", review.Change, "snap-beans", []string{"low-acid-in-water-bath"}},
		{"half-gallons of pickles", "Dill pickles\n8 lb cucumbers\n6 cups vinegar\n8 cups water\n3/4 cup salt\ndill\nhalf-gallon jars 20 minutes", review.Change, "quick-dill-pickles", []string{"jar-size", "weak-vinegar"}},
		{"tossed in flour", "Hunter stew\n3 lb beef, cubed, tossed in flour\n4 potatoes, peeled\n6 cups broth", review.Change, "soup", []string{"thickener"}},
		{"beans in the method of a soup", "Vegetable soup\n3 cups carrots, peeled, sliced\n3 cups potatoes, peeled, diced\n10 cups chicken broth\nCombine, add dried beans or peas and boil 5 minutes. Fill half full of solids. Pressure can pints 60 minutes.", review.Change, "soup", []string{"unknown-ingredient"}},
		{"cream beside the juice of a jelly", "Grape plum jelly\n3 1/2 lb ripe plums\n3 lb ripe Concord grapes\n1 cup water\n8 1/2 cups sugar\n1 box powdered pectin\nCrush the plums and grapes with water, simmer 10 minutes, strain. Combine 6 1/2 cups of juice with 2 cups of cream and pectin. Boil, add sugar, boil 1 minute. Fill jars, process 5 minutes in a water bath.", review.Change, "jelly-grape-plum", []string{"dairy"}},
		{"a pudding", "Rice pudding in jars\n2 cups rice\n6 cups milk\n1 cup sugar", review.Stop, "", []string{"starch-solid", "dairy"}},
		{"vanilla bread", "Banana bread in a jar\n2 cups flour\n1 cup sugar\n3 bananas\n2 eggs\n1/2 cup butter\nBake in pint jars and seal while hot.", review.Stop, "", []string{"egg", "thickener"}},
		{"caramel", "Caramel sauce\n2 cups sugar\n1 cup cream\n1/2 cup butter\nhalf pints, water bath 10 minutes", review.Stop, "", []string{"dairy"}},
	} {
		rec, err := reviewer.Reader().Text(c.text)
		require.NoError(t, err, c.name)
		res := reviewer.Review(review.Request{Recipe: rec, Elevation: 300, ElevationGiven: true})
		codes := map[string]bool{}
		for _, f := range res.Findings {
			if f.Severity != review.Note {
				codes[f.Code] = true
			}
		}
		require.Equal(t, c.verdict, res.Verdict, "%s: %v", c.name, codes)
		if c.procedure != "" {
			require.NotNil(t, res.Procedure, c.name)
			require.Equal(t, c.procedure, res.Procedure.ID, c.name)
		}
		for _, code := range c.has {
			require.True(t, codes[code], "%s: no %s among %v", c.name, code, codes)
		}
		if c.verdict == review.Untested || c.verdict == review.Stop {
			require.Empty(t, res.Methods, c.name)
			require.Empty(t, res.After, c.name)
			require.NotEmpty(t, res.Today(), c.name)
		}
	}
}
