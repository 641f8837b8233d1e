package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

// Rabbit with its bones takes 65 minutes in pints and 75 in quarts, without them 75 and 90
// (USDA Complete Guide 2015, guide 5, chicken or rabbit; from memory). A jar that is named
// wants its time, and bones count where the method keeps them in.
func TestJarsAndBones(t *testing.T) {
	const fill = "Fill raw and loosely, 1 1/4 inch, no liquid. Wipe, lids. Vent 10 min. "
	checkEach(t, "Rabbit\n\n5 lb rabbit, cut up\n1 tsp salt per quart\n\n<>\n", []told{
		{"Leave the bones in. " + fill + "Quarts 75 min at 10 lb weighted.", review.Clear, "", "poultry-with-bones", 75},
		{"Cut up with the bones in. " + fill + "Pints 65 min at 10 lb weighted.", review.Clear, "", "poultry-with-bones", 65},
		{"Take the bones out first. " + fill + "Quarts 75 min at 10 lb weighted.", review.Change, "process-short", "poultry-without-bones", 0},
		{fill + "Quarts 75 min at 10 lb weighted.", review.Change, "process-short", "poultry-without-bones", 0},
		{fill + "Quarts 90 min at 10 lb weighted.", review.Clear, "", "poultry-without-bones", 90},
	})
	// Bones that only cook in the broth are in no jar, nor is a broth of bones a bone.
	for _, part := range []string{"Boil it. Fill with the hot rabbit with bone broth over, ", "Simmer the bones in water for broth. Fill with hot rabbit and broth, ", "Make a broth with the bones. Fill with hot rabbit and broth, "} {
		told{part, review.Change, "process-short", "poultry-without-bones", 0}.check(t, "Rabbit\n\n5 lb rabbit\nsalt\n\n<>1 1/4 inch. Wipe, lids. Vent 10 min. Quarts 75 min at 10 lb weighted.\n")
	}
	res := reviewText(t, "Rabbit with bones, pints & quarts\n\n5 lb rabbit\n\nFill raw and loosely, 1 1/4 inch, no liquid. Vent 10 min. Quarts, bone in: 75 min at 10 lb weighted.\n", 300, "weighted")
	assert.Equal(t, review.Change, res.Verdict)
	asks := ""
	for _, f := range res.Findings {
		if f.Code == "process-short" {
			asks = f.Do
		}
	}
	assert.Equal(t, "Say the time for pints: 65 minutes", asks)
}

// Stock takes 20 minutes in pints and 25 in quarts (USDA Complete Guide 2015, guide 5, meat
// stock; from memory). Bones that are lifted out are strained out.
func TestStockLiftedOffItsBones(t *testing.T) {
	const text = "Turkey stock\n\n3 turkey carcasses\nwater to cover\n\nSimmer the bones under water 45 minutes. <> Cool, skim off the fat and throw it away. Heat the broth to boiling, fill hot pints, 1 inch. Vent 10 minutes, 20 minutes at 10 lb weighted.\n"
	checkEach(t, text, []told{
		{"Take the bones out.", review.Clear, "", "stock", 20},
		{"Lift out the carcasses.", review.Clear, "", "stock", 20},
		{"Strain it.", review.Clear, "", "stock", 20},
		{"Strain it, then put the meat back in with two carrots.", review.Untested, "", "", 0},
	})
}

// Vegetables stay in the stock whose bones alone are lifted out.
func TestVegetablesStayInTheStock(t *testing.T) {
	const text = "Chicken stock\n\n3 lb chicken bones\n4 carrots\n2 onions\nwater\n\n<> Skim off the fat. Fill hot pints, 1 inch. Lids. Vent 10 minutes. 20 minutes at 10 lb weighted.\n"
	checkEach(t, text, []told{
		{"Simmer all 2 hours in water to cover. Strain.", review.Clear, "", "stock", 20},
		{"Simmer all 2 hours in water to cover. Lift the bones out.", review.Untested, "", "", 0},
		{"Take the bones, carrots and onions, cover with water, simmer 2 hours.", review.Untested, "", "", 0},
	})
}

// Whose jars are pints for something else has quarts here.
func TestJarsOfSomethingElse(t *testing.T) {
	const text = "Venison\n\n20 lb venison, cubed, fat off\nsalt\n\n<> Pack raw into quarts, 1 inch. Lids. Vent 10 minutes. 75 minutes at 10 lb weighted.\n"
	checkEach(t, text, []told{
		{"I did pints of jam.", review.Change, "process-short", "meat-pieces", 0},
		{"I use pints for the small bits.", review.Change, "process-short", "meat-pieces", 0},
	})
}

// A food with a question mark behind it is a food.
func TestAskedIngredient(t *testing.T) {
	for _, line := range []string{"cream?", "butter?", "2 Tbsp flour?", "bacon?"} {
		res := reviewText(t, "Green beans\n\n4 lb green beans\nwater\n"+line+"\n\nPack raw into hot pints and cover with boiling water, 1 inch headspace. Vent 10 minutes. Process 20 minutes at 10 pounds.\n", 300, "weighted")
		assert.NotEqual(t, review.Clear, res.Verdict, line)
	}
}

// What is already to be changed on its own line is not asked about again in the method.
func TestListedIsAnswered(t *testing.T) {
	res := reviewText(t, "Carrot soup\n\n3 lb carrots, peeled, sliced\n2 cups onions, chopped\n10 cups chicken broth\n1/4 cup butter\n\nSoften the onions in the butter. Add the carrots and broth, boil 5 minutes. Fill hot pints half with solids, then broth, 1 inch headspace. Vent 10 minutes, 60 minutes at 10 lb weighted.\n", 300, "weighted")
	assert.Equal(t, review.Change, res.Verdict)
	for _, f := range res.Findings {
		assert.False(t, f.Question, "asked about %q", f.Ingredient)
	}
}
