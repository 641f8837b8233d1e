package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/knowledge"
)

// Two cups of any food, put into a recipe that is clear, may leave it clear
// only where it stands here, food by food and read through by a person: the
// food itself and what may stand for it, thin liquid, acid, salt. A food that
// is added to the library is asked about until someone lists it.
func TestEveryFood(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	const (
		always = "salt ascorbic-acid "
		acids  = "bottled-lemon-juice bottled-lime-juice citric-acid vinegar white-vinegar cider-vinegar wine-vinegar malt-vinegar "
		juices = "lemon-juice lime-juice yuzu-juice weak-vinegar balsamic rice-vinegar homemade-vinegar "
		broths = "broth chicken-broth beef-broth vegetable-broth fish-broth clam-juice bone-broth "
		spices = `allspice anise bay-leaf black-pepper caraway cardamom cayenne celery-seed chili-powder cinnamon clove-spice coriander-seed cumin
			curry-powder dill-seed dry-mustard fennel-seed garlic-powder ground-ginger italian-seasoning mace mustard-seed nutmeg onion-powder paprika
			pickling-spice poultry-seasoning red-pepper-flake saffron turmeric vanilla alum calcium-chloride
			almond-extract annatto cajun-seasoning celery-salt chipotle-powder dried-chile dried-onion fenugreek five-spice food-colouring garam-masala garlic-salt
			coriander-ground juniper lavender lemon-pepper nigella pumpkin-pie-spice smoked-paprika star-anise sumac szechuan-pepper vanilla-bean white-pepper msg
			ajwain amchur dried-lime kokum spice-other `
		own = `asparagus beef beet bell-pepper canned-tomato carrot chicken chickpea chile-pepper corn dried-bean game-meat ground-meat jalapeno lamb
			lima-bean mushroom okra duck paste-tomato pea pimiento pork potato rabbit snap-bean tomato turkey whole-dried-pea
			anaheim poblano banana-pepper canned-green-chile fresno serrano habanero thai-chile green-bell-pepper red-bell-pepper yellow-bell-pepper baby-carrot golden-beet
			new-potato red-potato russet wax-bean italian-bean cherry-tomato cremini portobello bear bison elk venison wild-boar mutton veal ground-pork ground-lamb ground-game
			chicken-breast chicken-thigh game-bird pigeon black-bean black-eyed-pea cannellini-bean cranberry-bean kidney-bean navy-bean pinto-bean dried-lima `
		alliums = "celery chive garlic leek onion pearl-onion red-onion scallion shallot sweet-onion white-onion yellow-onion vidalia cocktail-onion elephant-garlic garlic-scape leek-green "
	)
	n := 0
	for _, c := range []struct{ name, text, may, listed string }{
		{
			"green beans",
			"Green beans\n4 lb green beans\nwater\n{L}\nPack raw into pints and cover with boiling water.\nProcess 20 minutes at 10 pounds in a pressure canner.",
			always + acids + juices + broths + "water snap-bean wax-bean italian-bean",
			"dried-bean",
		},
		{
			"soup",
			"Vegetable soup\n3 cups carrots, peeled, sliced\n3 cups potatoes, peeled, diced\n1 cup onion, chopped\n10 cups chicken broth\n{L}\nCombine and boil 5 minutes.\nFill hot jars half full of solids and top up with the hot broth.\nPressure can pints 60 minutes at 10 pounds.",
			always + acids + juices + own + alliums + broths + "water tomato-juice vegetable-juice wine beer hard-cider sherry sake",
			"",
		},
		{
			// Forty cups of it: two cups of spice only season, none thickens.
			"salsa",
			"Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, chopped\n5 cups onions, chopped\n1/2 cup jalapeños, chopped\n6 cloves garlic\n2 cups bottled lime juice\n2 Tbsp salt\n{L}\nSimmer 10 minutes.\nLadle hot into pints and process in a water bath 15 minutes.",
			always + acids + spices,
			"paste-tomato tomato chile-pepper onion jalapeno garlic lime lime-juice",
		},
		{
			"peaches",
			"Peaches\n10 lb peaches, peeled, halved\n6 cups water\n2 cups sugar\n{L}\nHeat in the syrup.\nPack hot into quarts, process 25 minutes in a water bath.",
			always + acids + juices + spices + "sucralose apple-juice fruit-juice honey nectarine peach sugar syrup water agave corn-syrup maple-syrup brown-sugar cinnamon-candy blackberry-juice cherry-juice crab-apple-juice cranberry-juice grape-juice grapefruit-juice mayhaw-juice orange-juice pineapple-juice plum-juice prune-juice",
			"",
		},
		{
			"dilly beans",
			"Dilly beans\n4 lb green beans\n4 cups white vinegar (5%)\n4 cups water\n8 heads dill\n1/2 cup canning salt\n{L}\nPack in pint jars.\nPour the hot brine over and process 5 minutes in a water bath.",
			always + acids + "alum calcium-chloride dill-seed",
			"snap-bean dill water dried-bean",
		},
		{
			"tomatoes",
			"Whole tomatoes\n20 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\nwater\n{L}\nRaw pack in quarts.\nProcess 45 minutes in a water bath.",
			always + spices + "green-tomato paste-tomato cherry-tomato tomato sugar brown-sugar cinnamon-candy syrup water",
			"bottled-lemon-juice lemon lemon-juice",
		},
	} {
		may, listed := map[string]bool{}, map[string]bool{}
		for _, id := range strings.Fields(c.listed) {
			listed[id] = true // the method may name again what the list has
		}
		for _, id := range strings.Fields(c.may) {
			require.NotNil(t, lib.Foods.ByID(id), id)
			may[id] = true
		}
		for _, f := range lib.Foods.All() {
			if n++; !sampled(n, 3) {
				continue
			}
			text := strings.Replace(c.text, "{L}", "2 cups "+f.Names[0], 1)
			res := reviewText(t, text, 300, "weighted")
			if res.Verdict == review.Clear {
				assert.True(t, may[f.ID], "%s stays clear with 2 cups of %s", c.name, f.Names[0])
			}
			// A name that is only said in the method is found too.
			text = strings.Replace(c.text, "{L}\n", "", 1) + "\nAdd two cups of " + f.Names[0] + "."
			if res := reviewText(t, text, 300, "weighted"); res.Verdict == review.Clear {
				assert.True(t, may[f.ID] || listed[f.ID], "%s stays clear with %s in the method", c.name, f.Names[0])
			}
		}
	}
}

// A food named by its class only must be one of the recipe's.
func TestClassesAreNoBackDoor(t *testing.T) {
	t.Parallel()
	for text, want := range map[string]review.Verdict{
		plainPeach + "Hot pack in pints. Add some peppers.":            review.Change,
		plainPeach + "Hot pack in pints. Stir in the meat.":            review.Change,
		plainPeach + "Hot pack in pints. Add two cups of beans.":       review.Change,
		plainPeach + "Hot pack in pints. Add the fruit to the syrup.":  review.Clear,
		plainBeans + "Pack raw in pints. Put the beans in the jars.":   review.Clear,
		plainBeans + "Pack raw in pints. Stir in the herbs.":           review.Change,
		plainBeans + "Pack raw in pints. Add a cup of salsa.":          review.Change,
		plainSalsa + "2 cups bottled lime juice\nLadle the salsa hot.": review.Clear,
		plainSoup + "Combine the vegetables with the broth.":           review.Clear,
		plainSoup + "Add the meat and boil.":                           review.Change,
		plainSalsa + "2 cups bottled lime juice\nChop the peppers.":    review.Clear,
		plainSalsa + "2 cups bottled lime juice\nAdd the beans, stir.": review.Change,
	} {
		require.Equal(t, want, reviewText(t, text, 300, "weighted").Verdict, text)
	}
}
