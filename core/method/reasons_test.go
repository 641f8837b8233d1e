package method_test

import (
	"os"
	"path/filepath"
	"regexp"
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// Every reason for which a sentence is asked about, with sentences that it is for, and where in
// the course they stand. A rule that no longer sees what it was written for fails here, and so does
// one that another has taken the words from.
func TestReasons(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, row := range reasons {
		for _, s := range row.said {
			assert.True(t, slices.ContainsFunc(r.Read(s, row.at), func(c method.Clause) bool { return c.Kind == method.Unread && c.Why == row.why }), "%s: %s", row.why, s)
		}
	}
}

// reasonOf finds the reasons that the code gives: the second of two strings that are returned.
var reasonOf = regexp.MustCompile(`return (?:"[a-z-]*"|code|p\.\w+\([^)]*\)), "([^"]+)"`)

// A reason that the code gives has a sentence in the table, or stands among those without one,
// which may only become fewer.
func TestEveryReasonHasASentence(t *testing.T) {
	files, err := filepath.Glob("*.go")
	require.NoError(t, err)
	without := map[string]bool{}
	for _, why := range unspoken {
		without[why] = true
	}
	spoken := map[string]bool{}
	for _, row := range reasons {
		spoken[row.why] = true
	}
	given := map[string]bool{}
	for _, name := range files {
		if strings.HasSuffix(name, "_test.go") {
			continue
		}
		data, err := os.ReadFile(name)
		require.NoError(t, err)
		for _, m := range reasonOf.FindAllStringSubmatch(string(data), -1) {
			given[m[1]] = true
			assert.True(t, spoken[m[1]] || without[m[1]], "%s: write a sentence for %q into reasons_test.go", name, m[1])
		}
	}
	for why := range without {
		assert.True(t, given[why] && !spoken[why], "take %q off the list", why)
	}
}

// unspoken are the reasons without a sentence.
var unspoken = []string{
	"a kind of its own",
	"a vent that is less",
	"fewer minutes",
	"heated dry in the jar",
	"jars that wait",
	"opened, and nothing said of the pressure",
	"others do, we do not",
	"so many in each jar",
	"the pressure is not awaited",
	"the weight is off",
}

// reason is a reason with the place in the course and what is said there.
type reason struct {
	why  string
	at   method.Where
	said []string
}

var reasons = []reason{
	{"a band that is forced", filled, []string{
		"Have Earl tighten the bands with a wrench.",
		"Screw the bands down as tight as you can.",
		"Get the bands as tight as a man can.",
	}},
	{"a big jar", preparing, []string{
		"Big half-gallon jars since we're eight at table.",
		"Half-gallon jars this year.",
	}},
	{"a brine used before", preparing, []string{
		"The brine from the last lot can be used over.",
		"Use the leftover brine from last year's pickles.",
		"Old brine from the last batch, with a bit of new vinegar.",
	}},
	{"a canner that runs dry", lidded, []string{
		"The canner runs dry and that is fine.",
	}},
	{"a canner without its parts", filled, []string{
		"Take the sealing ring off.",
	}},
	{"a canner without its parts", lidded, []string{
		"Leave the gasket out.",
	}},
	{"a coating", preparing, []string{
		"Dredge them in cornmeal, shake off the extra.",
		"Coat the cubes in seasoned flour and sear.",
		"I roll the cubes in seasoned flour first.",
		"Toss them in flour, toss the bowl after.",
	}},
	{"a drop that is let be", processed, []string{
		"If it drops I just let it climb back, no harm.",
	}},
	{"a figure of one's own", processed, []string{
		"Twelve is enough for us.",
		"Thirty for me.",
	}},
	{"a figure with a licence", preparing, []string{
		"Three quarters full is enough.",
	}},
	{"a figure with a licence", filled, []string{
		"Ten is enough if they were hot going in.",
		"Thirty is enough, they are acid anyway.",
		"We are at 6,000 feet but ten pounds has always done.",
		"The book says never to shorten the time. Fifteen will do.",
	}},
	{"a figure with a licence", processed, []string{
		"Five pounds is plenty at our height.",
	}},
	{"a food beside the process", lidded, []string{
		"Half an hour by the egg timer.",
		"Same as jam, five.",
		"As for jam.",
		"Cream.",
	}},
	{"a fragment beside the process", lidded, []string{
		"Use the time for the carrots alone, it's shorter.",
		"Pour a layer of paraffin over, that's the old way.",
		"I leave when it rocks and come back when it's quiet.",
		"Knock off ten minutes if it's hot out.",
	}},
	{"a greasy tool", preparing, []string{
		"Run something buttered round the inside to chase the bubbles.",
	}},
	{"a heat that water does not reach", lidded, []string{
		"On a cookie sheet for half an hour.",
		"An hour at gas mark 2.",
	}},
	{"a jar in doubt", processed, []string{
		"If it spurts when opened, boil it and eat it.",
		"If there is mold just on the lid, it is fine.",
		"If the lid hisses and it foams, cook it well.",
		"A jar that spurts goes in the stew pot first.",
	}},
	{"a jar that is damaged", preparing, []string{
		"Put the chipped jars at the back of the canner.",
		"My jars are chipped here and there but they hold.",
		"The one with the split rim is still good.",
		"My jars have little cracks but they hold.",
	}},
	{"a licence", preparing, []string{
		"Some are overripe and that is fine for sauce.",
		"Vinegar does just as well, a tablespoon each.",
		"Cold syrup is fine, straight from the fridge.",
		"One spoon of the bacon grease does wonders.",
	}},
	{"a licence", filled, []string{
		"My canner vents for a minute and that is plenty.",
		"Ninety at five pounds works just as well.",
		"A gentle tremble of the water is plenty.",
		"A minute in the water is enough for jam.",
	}},
	{"a licence", processed, []string{
		"If there is mold just on the lid, it is fine.",
		"Take the lid off, never mind the gauge.",
		"Eight pounds, that's all mine will do.",
		"Scrape the mold off and it is fine.",
	}},
	{"a lid that cannot seal", preparing, []string{
		"If the rim is rough, a bit of wax smooths it.",
		"Leave a rim of fat on each cube for flavour.",
		"Tuck a cube of cheese under each lid.",
		"Use the syrup bottles from the café, with their stoppers.",
	}},
	{"a lid that cannot seal", filled, []string{
		"Lids after, when the jars have had their time.",
		"The lids go on last, once they have cooled.",
		"Caps go on when they are out of the water.",
		"A smear of butter on the rim seals better.",
	}},
	{"a lid that is not sound", preparing, []string{
		"Secondhand lids, I just turn the rubber over.",
		"Only the lids with dents left, they'll do.",
	}},
	{"a lid that is not sound", filled, []string{
		"Bent lids go on just the same.",
	}},
	{"a limit too low", filled, []string{
		"Do not lower the pressure below 5 pounds.",
		"Never drop the pressure below 6 pounds.",
		"Do not let the pressure fall under 5.",
	}},
	{"a machine", preparing, []string{
		"I put the immersion wand in until no lump is left.",
		"We run them through the stick blender for the grandchildren's jars.",
		"Because the children like it smooth, everything gets the stick blender.",
	}},
	{"a mass", preparing, []string{
		"The beans go to mush, that is how we like them.",
		"Skins and all, whizzed, sieved, boiled to a paste.",
		"It's all roasted down till it's a paste.",
		"I cook them to rags first, that's how Mother liked them.",
	}},
	{"a mass", filled, []string{
		"My canner has no lid gasket any more, I wrap a rag round it.",
	}},
	{"a measure of something unnamed", preparing, []string{
		"We finish it with a pint of evaporated.",
		"It's creamy because I put a block of soft white in.",
		"A can of evaporated makes it lovely.",
		"Instead of the lemon, a splash of our home-made apple vinegar.",
	}},
	{"a measure of something unnamed", filled, []string{
		"Six pounds of pressure is plenty.",
	}},
	{"a multiple", preparing, []string{
		"Fold in a carton of double cream at the end.",
		"Double the water in the brine, it's gentler.",
		"I throw in twice the onions and a few potatoes.",
		"Doubled the onions because Ted likes them.",
	}},
	{"a multiple", filled, []string{
		"Let it jiggle once or twice an hour.",
	}},
	{"a number of nothing", lidded, []string{
		"Forty for the back row, twenty for the front.",
		"If it dips to seven for a while I don't fuss.",
		"if it quits rocking you carry on and add five.",
		"Seventy-five is for the nervous, fifty for us.",
	}},
	{"a pot in the canner's stead", filled, []string{
		"Use an ordinary pot.",
	}},
	{"a pot in the canner's stead", lidded, []string{
		"Any old pan will do, take yours.",
	}},
	{"a pressure with a limit", filled, []string{
		"The needle never higher than five.",
		"Never above six on the dial.",
	}},
	{"a process with a limit", lidded, []string{
		"Process no more than 20 minutes.",
	}},
	{"a quick release", processed, []string{
		"Hold the weight up with a spoon so it drops quick.",
		"Quick release, tongs, done.",
		"Quick release, obvs.",
	}},
	{"a seal for a process", filled, []string{
		"Hot jam seals by itself, so that's the end of it.",
		"Heat of the jam does the sealing, nothing more to do.",
	}},
	{"a share", preparing, []string{
		"Mash half the potatoes back in to thicken it.",
		"Don't double the lemon, it is plenty at half.",
		"Never over half a spoon of the bottled juice.",
		"I use half the lemon and make it up with water.",
	}},
	{"a share", filled, []string{
		"Beans are dry goods so half the time does it.",
		"Weight half on, half off, it hisses nicely.",
		"Stack them two deep with the lids half on.",
		"At half past I turn it off at 15 minutes.",
	}},
	{"a share", processed, []string{
		"Half the time for the half-full load.",
		"I cut the vinegar by half the second year and it was nicer.",
		"Lost half its syrup? Unscrew, pour in hot syrup, screw shut.",
		"Tip a third of the brine out and fill with water when they are cold, it's milder.",
	}},
	{"a state said behind", preparing, []string{
		"The vinegar is the white sort, cut.",
		"The jars live in the shed, full.",
	}},
	{"a state said behind", filled, []string{
		"The canner belongs on the stove, off.",
	}},
	{"a step denied", preparing, []string{
		"Cut the corn from the cob, do not scrape.",
		"It is a mistake to soak beans.",
		"Do not scrape the cobs.",
		"Cut, don't scrape.",
	}},
	{"a step denied", filled, []string{
		"I do not let steam flow, it wastes gas.",
		"Never let steam escape for 10 minutes.",
		"We never bring it to full pressure.",
		"I don't bring it up to 11 pounds.",
	}},
	{"a step done without", preparing, []string{
		"Fill the jars without adding lemon juice.",
		"Soaking's for people with time. Straight in the pot.",
		"Boil the beans without soaking them.",
		"Pack the beans, no boiling first.",
	}},
	{"a step done without", filled, []string{
		"Never take the weight off, there is none.",
		"Put the jars away, no boiling needed.",
		"Seal the jars hot without processing.",
		"Let the jars seal, no processing.",
	}},
	{"a step left to liking", preparing, []string{
		"Some people soak, we don't.",
		"Soak if you remember.",
	}},
	{"a step out of its place", filled, []string{
		"Rest the lid on without locking it and boil away.",
	}},
	{"a step spared", preparing, []string{
		"Skip the overnight, half an hour in warm water will do.",
	}},
	{"a step spared", filled, []string{
		"I turn it down to five once it's up, to save gas.",
		"I leave the petcock closed from the start, saves steam.",
		"Leave out the vent, it wastes gas.",
		"Skip to 15 lb and half the time.",
	}},
	{"a step spared", processed, []string{
		"I keep it around six on the gauge to save gas.",
		"Run it under the tap, saves half an hour.",
		"Lift the jiggler with a fork, whoosh, saves half an hour.",
		"Hooking the weight up with a knitting needle saves half an hour.",
	}},
	{"a step that is not done", preparing, []string{
		"No time to soak, so a quick rinse did.",
	}},
	{"a step that is not done", filled, []string{
		"Don't vent or wait, just put the weight on.",
		"Put the weight on without venting.",
		"Weight on, no venting first.",
		"I vent no more.",
		"Bring it to pressure without letting steam out.",
	}},
	{"a step that is not done", processed, []string{
		"Lift the weight without waiting for zero.",
		"Never let it come down by itself.",
		"Never let the pressure come down by itself; cool it under the tap.",
	}},
	{"a step undone", preparing, []string{
		"Do not trim the fat, it keeps the meat juicy.",
		"I used to soak them overnight but life is short.",
		"No soaking, straight from the bag into the jars.",
		"Don't drain them, use the soaking water.",
	}},
	{"a step undone", filled, []string{
		"Don't keep them at pressure for 20 minutes.",
		"Don't give them 20 minutes, 5 is plenty.",
		"No need to bother with letting the steam out first.",
	}},
	{"a step undone", processed, []string{
		"PS I never soak and I never vent, life's too short.",
		"I hear you're meant to trim the fat but I never do.",
		"Simmer the jars, never boil, boiling ruins the look.",
		"Do not let it cool, open the lid.",
	}},
	{"a strength that nobody knows", preparing, []string{
		"Vinegar from the health shop, cloudy, no strength on it.",
		"Strength of the vinegar? No idea.",
	}},
	{"a thing without a name", preparing, []string{
		"Mash it till the leftover lumps come away.",
		"Don't add cream from a carton, use fresh.",
		"Olive oil, a good glug, floats on top.",
		"Some of the yellow packet for body.",
	}},
	{"a time of nothing", lidded, []string{
		"I'm five minutes from done when I shut it off.",
		"Ninety in boiling water has never failed us.",
		"Fifteen minutes, the water a hand below the rims.",
		"Never process longer than ten minutes.",
	}},
	{"a time that does", filled, []string{
		"Forty minutes does for pints of mere vegetables.",
		"Seven minutes does it for me.",
		"Ten minutes does for pears.",
	}},
	{"a time with an if", filled, []string{
		"Process for 45 minutes if you are short of time.",
		"Ten minutes, if they were packed boiling.",
		"Five minutes if you think of it, else they seal hot.",
		"10 min exhaust, five if you're rushed.",
	}},
	{"a time with an if", processed, []string{
		"Twelve minutes if I'm tired.",
	}},
	{"a vessel without pressure", filled, []string{
		"Three hours in the wash boiler as my mother did.",
		"I've always done ninety minutes in the wash copper.",
		"Boil hard one hour in the wash copper.",
	}},
	{"a weak vinegar", preparing, []string{
		"Four percent vinegar is what I have.",
		"Use salad vinegar of 4 percent.",
		"Use vinegar at 3 percent.",
	}},
	{"a word beside the process", filled, []string{
		"Since it is only soup, twenty at five pounds.",
		"Give it ten minutes more than nothing and off.",
		"Steam five minutes at the start like Gran did.",
		"An hour at five is how the old book has it.",
	}},
	{"about so much", lidded, []string{
		"Process up to 20 minutes.",
		"Process 20 minutes or so.",
	}},
	{"a bath that does not boil", preparing, []string{
		"Mine only simmers, a rolling boil breaks the jars.", "A simmer is kinder to the jars than a boil.",
		"Ours never gets past a simmer on this stove.",
	}},
	{"an oven for the bath", preparing, []string{
		"Ten minutes in a 250 oven does the same.", "I finish the jars in the oven.", "The microwave works for single jars.",
	}},
	{"water below the lids", preparing, []string{
		"The water comes to the shoulders of the jars, deep enough for me.", "The water reaches the necks and no more.",
		"My kettle's too short to cover quarts of water, so they poke out.",
	}},
	{"the heat goes off early", preparing, []string{
		"When the timer has ten minutes to go I turn it off.", "With a few minutes left I shut the stove off.",
		"No sense burning gas to the end, I stop at three quarters.",
	}},
	{"a jar that did not seal, kept", preparing, []string{
		"One that won't seal gets a dab of glue round the lid.",
		"Two didn't seal so I put a fresh lid on and let it be.",
	}},
	{"a jar that has gone off", preparing, []string{
		"If it hisses when you open it that's just the fruit working.",
	}},
	{"a vent by a wisp", preparing, []string{"A wisp of steam tells me it's ready."}},
	{"left overnight and jarred cold", preparing, []string{
		"I leave the beans overnight in the pot and jar them cold in the morning.",
	}},
	{"lids used twice", preparing, []string{"I save the flats and use them twice."}},
	{"more than the recipe says", processed, []string{"More onions than it says, we love onions."}},
	{"something else for the acid", processed, []string{"Sugar does what the lemon does, so I use that."}},
	{"the pressure is not left to fall", preparing, []string{
		"I bring it down with a wet towel when company's coming.", "I open it at five pounds.",
	}},
	{"not as it was picked", preparing, []string{
		"Picked in May and frozen since.", "Dug last year, thawed now.", "Shot in fall and smoked since.",
	}},
	{"a part of the acid at the table", preparing, []string{
		"Keep back half the lemon juice for the table.",
		"We save half the lemon juice for the table.",
	}},
	{"acid at the table", preparing, []string{
		"We put the lemon in when we open them.",
		"Put the lemon in when you open them.",
		"The vinegar is for when you eat it.",
		"The lemon is for when you open it.",
	}},
	{"acid by eye", preparing, []string{
		"A squeeze of fresh lemon instead of the bottled.",
		"A splash of vinegar, whatever's open.",
		"Use the bottled lemon, a splash.",
		"Lemon, a squeeze.",
	}},
	{"acid by taste", preparing, []string{
		"I measure the lemon with my eye.",
		"Vinegar to taste.",
	}},
	{"acid by the nose", preparing, []string{
		"The bottled lemon only has to smell of lemon.",
		"Enough vinegar that it smells of it.",
		"There should be a whiff of lemon.",
	}},
	{"acid halved", preparing, []string{
		"Halve the lemon juice for cherry tomatoes.",
		"We use less vinegar than the book says.",
		"I halve the lemon juice as it is sour.",
		"I go easy on the lemon juice.",
	}},
	{"acid in some jars", preparing, []string{
		"I only add the lemon to the jars I give away.",
		"Only the jars for the exhibition get lemon.",
	}},
	{"acid left out", preparing, []string{
		"Leave the vinegar out, the tomatoes are sour.",
		"Leave out the salt and half the vinegar.",
		"Skip the lemon if you've used ripe ones.",
		"Leave out the sour stuff for the jars we give to Nan.",
	}},
	{"acid that comes later", preparing, []string{
		"The lemon comes later.",
	}},
	{"acid that is not to go in", preparing, []string{
		"It is a mistake to add lemon juice.",
		"You must not use 5 percent vinegar.",
		"I won't use bottled lemon juice.",
		"Never use vinegar of 5 percent.",
	}},
	{"acid that nobody measures", preparing, []string{
		"Don't measure or fuss over the lemon juice.",
		"Don't measure the vinegar.",
	}},
	{"acid that runs short", preparing, []string{
		"If lemon is short, share it out.",
	}},
	{"acid with a limit", preparing, []string{
		"No more than a cup of vinegar to the pot.",
		"Add no more than a spoonful of lemon to the batch.",
		"The lemon should not be over a teaspoon.",
		"Never more than a splash of vinegar.",
	}},
	{"all of it", preparing, []string{
		"Halve the recipe.",
	}},
	{"an act or a thing nobody knows", preparing, []string{
		"A roux is how my mother-in-law starts it and so do I.",
	}},
	{"an act or a thing nobody knows", filled, []string{
		"Mother only ever did 35 minutes and so do I.",
		"She gave hers ten minutes and so do I.",
	}},
	{"an act or a thing nobody knows", processed, []string{
		"Makes the quickest stroganoff in the world.",
	}},
	{"an electric cooker", filled, []string{
		"In the big electric pot, on the meat setting.",
		"Press the button marked soup and walk away.",
		"I use the electric one on the counter.",
		"The half hour we use is from my neighbour's electric pot.",
	}},
	{"an electric cooker", processed, []string{
		"I do it in the electric pot on the beans button.",
	}},
	{"an end by other signs", filled, []string{
		"When the house smells of beans they come out.",
	}},
	{"an end by other signs", lidded, []string{
		"When the dog barks for supper they come out.",
	}},
	{"an odd place", preparing, []string{
		"I melt in a bar of white chocolate.",
		"The lemon juice stays in the bottle till the jars are hot.",
		"I had them in the dehydrator.",
		"Chipped jars go in the bin.",
	}},
	{"an odd place", filled, []string{
		"A quarter of an hour in the steamer for the veg.",
		"They sit in a haybox till morning.",
	}},
	{"an odd place", processed, []string{
		"From the canner straight into the icehouse.",
		"Sun on the dashboard does it in August.",
		"Cool them under the pump.",
	}},
	{"a step that nobody does", lidded, []string{
		"Nobody bothers with the bath.",
		"Not one of us vents the canner.",
		"No one here waits for the steam.",
	}},
	{"let down by its weight", underPressure, []string{
		"Let it come to zero with the petcock open.",
		"It falls to zero with the weight lifted.",
	}},
	{"not all the way down", underPressure, []string{
		"Leave it until the needle dropped a bit.",
		"Wait till the pressure is nearly gone, then open.",
	}},
	{"no word of a canner left alone", underPressure, []string{
		"Wedge the lock with a spoon.",
		"Stand the canner on stone.",
	}},
	{"a liking that is granted", preparing, []string{
		"My husband eats them with butter so I put it in.",
		"He wants cream, and he gets it.",
	}},
	{"an animal at the jars", filled, []string{"The cat got into two of the jars.", "A wasp flew into one."}},
	{"a food not to be feared", preparing, []string{"Do not be scared of the cream.", "Don't worry about the flour."}},
	{"less than the recipe has", preparing, []string{"I got on fine with half.", "There is only half left."}},
	{"crushed to fit", preparing, []string{"By crushing I get more in."}},
	{"another way of it", processed, []string{"Low sugar version: use 1 cup."}},
	{"works no more", lidded, []string{"The clamp on the canner no longer holds."}},
	{"a step that is not needed", lidded, []string{"Whoever has beans in the cellar needs no canner."}},
	{"a food that is part of it", preparing, []string{"Crackers included.", "Noodles and all."}},
	{"the milk of the cob", preparing, []string{"Scraped the cobs too.", "The scrapings go in."}},
	{"its weight taken off", underPressure, []string{"Weight off.", "Off with the weight and stand back.", "Then we take the weight off."}},
	{"no time for it", underPressure, []string{"Nobody waits for zero.", "It takes forty minutes to come down and I have not got them.", "Cooling takes an hour I don't have."}},
	{"fat kept for the jars", preparing, []string{"Trim off the fat and save it for the top of each jar."}},
	{"shelved without a process", filled, []string{"Lids on and straight to the shelf.", "Then into the cellar."}},
	{"no lids", filled, []string{"No lids."}},
	{"an open canner", lidded, []string{
		"Then the lid off, ten minutes more and done.",
		"A sheet of foil over the pot and let it steam.",
		"No lid on the pot, I like to see them.",
		"Tie a cloth over the top, no lid.",
	}},
	{"an open end", preparing, []string{
		"Let simmer till you can stand a spoon in it.",
		"Cook them down till a spoon stands up in it.",
		"Shake the jars down till they hold no water.",
		"Cook them down until the spoon stands, then jar.",
	}},
	{"an open end", filled, []string{
		"Until I want them they wait on the towel.",
		"Leave them till they dance, then off.",
	}},
	{"an open end", processed, []string{
		"Any that pop up I press down till they stick.",
		"Press the centres down by hand till they hold.",
		"Upside down till cold and that's your seal.",
		"An unsealed jar can wait till next week's batch.",
	}},
	{"an unknown thing goes in", preparing, []string{
		"Dad pours a slug of olive oil on top of each.",
		"I add chopped courgette and mushrooms by eye.",
		"Pour in water straight from the cold tap.",
		"Strain the bones out and put the meat and skin in.",
	}},
	{"another figure", lidded, []string{
		"Process 20 minutes, or 15.",
	}},
	{"another for the acid", preparing, []string{
		"Lemon slices on top instead of the juice.",
		"I cheat and use the juice from the pickle jar for the sour.",
		"I put one bay leaf and a slice of lemon in place of the juice.",
	}},
	{"another time", filled, []string{
		"A minute or two in the bath does for us.",
		"Fifteen seconds in the microwave each.",
		"Twenty in the book, twelve in life.",
		"Two minutes in the bath is enough.",
	}},
	{"as it comes", preparing, []string{
		"The carrots can be as they come out of the ground, with a rinse.",
	}},
	{"as long as something else", preparing, []string{
		"Pints suit us best, quarts get the same time.",
		"Cream style is the same time.",
	}},
	{"as long as something else", filled, []string{
		"Process it not longer than the pints of beans.",
		"Corn wants no longer than beans.",
		"Half gallons take the same.",
		"Quarts take the same.",
	}},
	{"as one feels", preparing, []string{
		"Trim off what you can be bothered with.",
	}},
	{"as they are", preparing, []string{
		"Add the hard ones.",
	}},
	{"baked in the jar", filled, []string{
		"Bake the jars an hour.",
		"Roast the jars slowly.",
	}},
	{"bands tightened again", processed, []string{
		"Tighten every band with a wrench while hot.",
		"I tighten the bands again hard while they are hot.",
		"They are tippy, so tighten the bands again while hot.",
		"Tighten the bands while they are hot.",
	}},
	{"before the end", lidded, []string{
		"I take them out before the timer.",
		"Out before the bell.",
	}},
	{"below the boil", lidded, []string{
		"I leave them in the hot tap water for an hour.",
		"We don't leave them in for the twenty minutes.",
		"Keep the water at 180 degrees for the whole time.",
		"Never leave them in for twenty minutes.",
	}},
	{"big pieces", preparing, []string{
		"Leave the cubes about three inches across.",
		"Cut in 4 inch cubes.",
	}},
	{"boiled down", preparing, []string{
		"Cook until it is down by a third.",
		"Simmer until reduced by half.",
	}},
	{"by the senses", filled, []string{
		"A quarter hour of hissing and I call it finished.",
		"The gauge broke and I go by the sound.",
		"We have no gauge, we go by the sound.",
		"The gauge is broken so I go by ear.",
	}},
	{"canned again", processed, []string{
		"Another year you can them again.",
	}},
	{"closed again", processed, []string{
		"If the lid springs back, press it down again.",
		"Open one to see if it is done, then close it again.",
		"If one has come undone in the cellar, close it tight again.",
		"Take the lids off, pour in more broth, and close them again.",
	}},
	{"cloth for a lid", filled, []string{
		"Tie a cloth over the top, no lid.",
	}},
	{"coated", preparing, []string{
		"Floured and fried in lard till golden.",
		"Meatballs bound with egg and crumbs.",
		"flour|floured|flouring|the meat",
		"bread|breaded|breading|the meat",
	}},
	{"cold water in the canner", filled, []string{
		"I count from when I put them in the cold water.",
	}},
	{"cold water over the food", preparing, []string{
		"Top up with cold water from the tap.",
		"Fill the jars with cold tap water.",
		"Fill up with tap water.",
	}},
	{"cooled with water", filled, []string{
		"Cool the canner under the tap",
		"Let cool under the tap.",
	}},
	{"counted from something else", lidded, []string{
		"I count from when I put them in the cold water.",
		"Count the 75 minutes from when the lid goes on.",
		"75 minutes, from when you light the gas.",
		"The stove is slow, so I count from when I light it.",
	}},
	{"cured", preparing, []string{
		"I'd had it in brine six weeks in the barrel.",
		"We brine it for five days with pink salt first.",
		"Use beef that has been cured in brine for a week.",
		"It's been in the brine with the pink salt since Sunday.",
	}},
	{"diluted", preparing, []string{
		"The bottled lemon should be cut with water.",
		"I dilute the brine till it tastes pleasant.",
		"Let the brine down with water when it boils away.",
		"I water the vinegar two to one because it's harsh.",
	}},
	{"done without", preparing, []string{
		"No lemon, no acid, they're bananas after all, mashed.",
		"Make the last jars without any acid.",
		"No acid for me, tomatoes are acid.",
		"No acid for my sister's batch.",
	}},
	{"done without", filled, []string{
		"Rest the lid on without locking it and boil away.",
		"The lid is fastened on the canner without the weight.",
		"Set the jars in the canner, no water.",
		"Run it 20 minutes without the weight.",
	}},
	{"dry", preparing, []string{
		"Bring to a simmer from dry and jar them at once.",
		"Beans straight from the bag, they swell in the jar.",
		"Lentils go in dry and drink it all up.",
		"Dried beans straight from the bag, they swell in the jar.",
	}},
	{"fat against the air", preparing, []string{
		"She takes the air away with a spoon of oil.",
		"A layer of melted suet on top keeps the air off.",
		"Let out the air with a spoon of lard.",
		"Two fingers of olive oil float on top to keep the air off.",
	}},
	{"fat against the air", filled, []string{
		"Half a jar of oil over them keeps the air off.",
	}},
	{"fat goes in", preparing, []string{
		"Add the crispy bacon bits and their drippings.",
		"I add chopped peppers and a knob of lard.",
		"Pour the pan juices over, fat and all.",
		"Pour the drippings over to seal it.",
	}},
	{"fat left", preparing, []string{
		"I leave the fat on, it's where the flavor lives.",
		"We leave the fat on, otherwise it is dry.",
		"Leave all the fat on, that's where the flavour sits.",
		"I leave the skin and all the fat on.",
	}},
	{"fat left on", preparing, []string{
		"Use fatty chicken broth with the fat left in.",
		"Top with a thumb of bacon grease for keeping.",
		"The marbling stays, that is where flavour lives.",
		"I let the fat stay on the broth, it is all flavour.",
	}},
	{"filled cold", preparing, []string{
		"Leave it lukewarm before you fill.",
	}},
	{"filled dry", preparing, []string{
		"Fill with dry beans, they'll plump.",
	}},
	{"filled right up", preparing, []string{
		"Pack solid, no liquid, right up to the lid.",
		"Fill it right up, air is what spoils food.",
		"Fill right up to the lid, no gap wasted.",
		"Fill them right up with the vegetables and just wet it.",
	}},
	{"filled with beans", preparing, []string{
		"I fill them to the shoulders with beans and what water fits.",
	}},
	{"filled with solids", preparing, []string{
		"Fill up with solids, no more than a spoon of broth.",
		"Fill the jars to the brim with solids.",
		"Fill the jars with solids, no broth.",
		"Fill them to the shoulder with vegetables and just wet it.",
	}},
	{"for the acid", preparing, []string{
		"Kombucha that has gone over does for the vinegar.",
		"A splash of vinegar does for the lemon.",
		"Bottled lemon does for the vinegar.",
	}},
	{"for what is in the jar", processed, []string{
		"Flour for the meat.",
		"Cornflour for body.",
		"Oil for richness.",
		"Rice for bulk.",
	}},
	{"fresh juice", preparing, []string{
		"Lime comes bottled, lemon comes off the tree.",
		"Lime from the tree if that is what there is.",
		"Do not use the bottled juice, squeeze your own.",
		"A squeeze from the lemon tree does for each jar.",
	}},
	{"from dead vines", preparing, []string{
		"The vines had died back but the fruit was fine.",
		"They are picked off the dead vines after the freeze.",
	}},
	{"frost on the vine", preparing, []string{
		"The frost got them but they are sound.",
		"The ones the frost got we use first.",
		"Frost killed the vines, so these are the ones I picked after.",
	}},
	{"frozen", preparing, []string{
		"I leave them raw from the freezer, still hard.",
		"I never thaw the meat, it thaws in the jar.",
		"Frozen chunks straight in, they thaw in the heat.",
		"It had been in the freezer and went in like that.",
	}},
	{"goes on after a drop", filled, []string{
		"if it quits rocking you carry on and add five.",
	}},
	{"handled while it is processed", filled, []string{
		"I take them out half way to check the lids.",
		"Half way through I swap the jars round.",
		"Halfway I take them out and turn them.",
		"My canner is the kind with a weight, and I take it off halfway.",
	}},
	{"hardly any liquid", preparing, []string{
		"Fill right up with beans, hardly any water.",
		"Pack them tight, there's hardly any broth.",
		"Hardly any water.",
	}},
	{"hardly any water", filled, []string{
		"A cup of water in the canner and away.",
		"1 cup water in the canner, 75 minutes.",
	}},
	{"heat off", filled, []string{
		"Turn off the heat after ten.",
	}},
	{"hot into the cold", processed, []string{
		"I dunk the canner in the creek to hurry it.",
		"Straight into the freezer to set the seal.",
		"Set them in the sink with cold water to hurry them.",
		"Stand them in the icebox straight away.",
	}},
	{"ice", processed, []string{
		"Out they come and into the sink of ice.",
	}},
	{"ice melts into it", preparing, []string{
		"Add a cup of ice to the vinegar.",
		"Melt ice into the vinegar.",
		"Put ice in the brine.",
	}},
	{"in a form of its own", preparing, []string{
		"The chunks are dusted and fried before packing.",
		"Use frozen beef straight from the freezer.",
		"Swap a cup of fruit for a cup of mashed pumpkin.",
		"We had them blanched and frozen from last summer.",
	}},
	{"instead", preparing, []string{
		"Lemon juice instead of the vinegar, same cup.",
		"Lemon from the garden instead of so much vinegar.",
		"Vinegar can be used for the lemon juice.",
		"Use up the kombucha instead of vinegar.",
	}},
	{"instead", filled, []string{
		"Sun on the sill for three days instead of the bath.",
	}},
	{"into the cold", processed, []string{
		"Then straight into the sink of cold water.",
	}},
	{"it hangs on the process", lidded, []string{
		"Long enough to feed the hens, no longer.",
		"Until the smell comes through the wall.",
		"Not the weight this time, just steam.",
		"Not longer than ten minutes, please.",
	}},
	{"it seals", lidded, []string{
		"I flip the jars and that's how they seal.",
		"Five minutes if you think of it, else they seal hot.",
		"It seals as it cools and that is all there is to it.",
		"They spend the night by the stove and that seals them.",
	}},
	{"jars of another size", preparing, []string{
		"Our jars are the gallon kind from the deli.",
		"The jars I have hold a litre and a half.",
		"These jars belong to no standard size.",
		"My jars are the big two-litre ones but they do the same.",
	}},
	{"jars on the bare bottom", preparing, []string{
		"The jars fit the canner when the rack is out.",
	}},
	{"jars on the bare bottom", filled, []string{
		"I have no rack so the glass touches the pan.",
		"Jars stand on the bare bottom and it works.",
		"The rack went missing years ago, they sit on the bottom.",
		"There is no rack in mine, the jars stand straight on the metal.",
	}},
	{"jars that exist", processed, []string{
		"Last week's are done.",
	}},
	{"jars that lie", filled, []string{
		"I stack the jars on their sides to fit more.",
		"Lie the tall ones on their sides in the boiler.",
		"Lay them on their sides if the pot is low.",
		"Lay the jars on their sides in the canner.",
	}},
	{"jars that something was sold in", preparing, []string{
		"I reuse the jars the bought sauce came in.",
		"Use the jars the peanut butter came in.",
		"Any jar that jam came in will do.",
	}},
	{"jars that something was sold in", filled, []string{
		"My jars are the square ones olives came in.",
	}},
	{"jars that wait for their process", preparing, []string{
		"Filled jars wait in the fridge till Sunday, when I have the canner back.",
		"I let the filled jars stand on the counter till the next day before I process them.",
	}},
	{"jars that wait for their process", filled, []string{
		"They can sit a day before they go in the canner.",
		"The jars wait two days for the canner to be free.",
		"I pack the evening before and process after breakfast.",
		"The closed jars spend the night on the porch and get their turn in the morning.",
	}},
	{"jars upside down", filled, []string{
		"Upside down they go, and that is the canning.",
		"Jars upside down on the towel and they seal.",
		"Turn them on their heads, that is enough.",
		"I turn the jars on their heads in place of boiling.",
	}},
	{"jars upside down", processed, []string{
		"Upside down till cold and that's your seal.",
		"Tip them on their lids while they cool.",
		"Turn them on their heads for the night.",
		"Let sit on their heads till cold.",
	}},
	{"juice of lemons", preparing, []string{
		"The juice is from my cousin's lemons.",
	}},
	{"juice of one's own", preparing, []string{
		"The lemon juice is bottled by my aunt.",
	}},
	{"juice pressed here", preparing, []string{
		"Squeeze the juice from our tree.",
		"Juice squeezed that morning.",
		"I squeeze the juice fresh.",
	}},
	{"kept without a seal", processed, []string{
		"Any that pop up I press down till they stick.",
		"If the lid springs back, press it down again.",
		"Not sealed? No worry, there is vinegar in it.",
		"Soft lids get a second go in the microwave.",
	}},
	{"laid in salt", preparing, []string{
		"It hung for three weeks and then into the salt.",
	}},
	{"large pieces", preparing, []string{
		"Cut them fist-sized, they hold together better.",
		"Cubes the size of a fist for the quarts.",
		"I leave the pieces as they fall, some as big as my hand.",
		"Leave in lumps the size of a fist.",
	}},
	{"left as it is", preparing, []string{
		"They are the split kind, they need no soaking.",
	}},
	{"left on", preparing, []string{
		"Leave a good layer of suet on each piece.",
		"I leave a good rim of white on each bit, that's the flavour.",
	}},
	{"left standing", preparing, []string{
		"The meat waits on the counter till morning.",
		"Leave it marinating on the bench for three days.",
		"Overnight it sleeps under a cloth.",
		"Leave the pot on the porch till Sunday and jar it after church.",
	}},
	{"left to sour", preparing, []string{
		"Let them work three weeks somewhere cool.",
		"Let it ferment three days on the counter.",
		"ferment|fermented|fermenting|the salsa",
		"Six weeks in the crock at 65 or so.",
	}},
	{"leftovers", preparing, []string{
		"Stir in the last of the mashed potato.",
		"I add noodles at the end of the boil.",
	}},
	{"less of the acid", preparing, []string{
		"There's a white vinegar for cleaning that is stronger so I use less of it.",
	}},
	{"less sugar", preparing, []string{
		"I've cut the sugar right back, the doctor said.",
		"Cut the sugar right down and add a bit of gelatine.",
		"I cut the sugar way back and don't bother with the box of pectin.",
	}},
	{"less than five percent", preparing, []string{
		"Use the vinegar you have, mine says 3 % on it.",
		"4% is what they sell here.",
	}},
	{"less than tested", filled, []string{
		"Process a bit under the time.",
	}},
	{"licence", filled, []string{
		"Don't bother letting the steam run first.",
		"No need to process these as the vinegar preserves them.",
		"Skip the steam part, it's only air.",
		"The lid off facing away, the steam can go on its own then, no need for ten minutes.",
	}},
	{"lids used before", preparing, []string{
		"I use my lids again if they are not bent.",
		"I save the lids for next year and use them again.",
		"The lids from last season have another go in them.",
		"Use the lids of last year again.",
	}},
	{"lids used before", filled, []string{
		"Lids from last year go on again.",
	}},
	{"like a mass", preparing, []string{
		"They should come out like baby food.",
		"Thick enough to slice.",
		"As thick as porridge.",
	}},
	{"little heat", filled, []string{
		"It takes up the whole stove so I use no flame.",
	}},
	{"little heat", processed, []string{
		"Fire out, five minutes, jars out on a towel.",
	}},
	{"made weaker", preparing, []string{
		"Should the brine run low, stretch it with water.",
		"Fill the last bit with tap water.",
		"Thin it with water as needed.",
		"I dilute it with an equal lot of water, easier on the stomach.",
	}},
	{"may cut it short", filled, []string{
		"It never hisses for me so I skip straight on.",
		"Weight half on, half off, it hisses nicely.",
		"We go by the book of the microwave: forty.",
		"Ninety if you're a stickler, forty if not.",
	}},
	{"may cut it short", processed, []string{
		"Any that hiss when opened we boil up and eat.",
		"Till there's no hiss because the tap has been on it.",
		"Take off the weight while it hisses.",
		"I know it says ninety, I do sixty.",
	}},
	{"microwaved in the jar", filled, []string{
		"Microwave them for a minute each.",
		"Microwave the jars two minutes.",
	}},
	{"milder ones", preparing, []string{
		"Yellow ones are milder so I use those for the doctor's sake.",
		"Use half water and half vinegar... and then another four cups of water so it is milder.",
	}},
	{"minced", preparing, []string{
		"Minced fine in the machine, it packs better.",
	}},
	{"minutes made up", filled, []string{
		"I add up the minutes if it drops below and comes back.",
		"If it dips I give it a minute more.",
		"When it drops I add five minutes.",
		"When the pressure drops start again, or just add the minutes.",
	}},
	{"minutes made up", processed, []string{
		"If it drops under I just add the minutes on at the end.",
	}},
	{"more", preparing, []string{
		"I like another four cups of onions in.",
		"I cook them down to nothing, more of a butter really.",
		"Two extra cups of onions never hurt.",
		"Less vinegar, more sugar, to taste.",
	}},
	{"more", processed, []string{
		"A whiff of sulphur means more onion in the gravy.",
	}},
	{"more of one than of another", preparing, []string{
		"More peppers than tomatoes is how we like it here.",
	}},
	{"near enough", lidded, []string{
		"With the altitude here I suppose it's near enough.",
		"I set the kitchen timer for a quarter hour, near enough.",
	}},
	{"nearly all solids", preparing, []string{
		"Let it boil away till hardly any liquid is left.",
		"Nearly all solids, just a splash of broth.",
		"Heap the solids up to the top, then what broth fits.",
		"Fill the jars to the neck with the vegetables, liquid to cover.",
	}},
	{"no acid", preparing, []string{
		"The first jars get lemon, then it is gone.",
	}},
	{"no bands", filled, []string{
		"No bands, the lids hold by themselves.",
		"No rings, just the flats.",
	}},
	{"no boil", filled, []string{
		"No need to have the water over the lids.",
		"Keep the water just under the boil so they do not break.",
		"It goes off the boil now and then.",
		"A bare simmer is what you want.",
	}},
	{"no canner", preparing, []string{
		"That's what makes the canner needless.",
	}},
	{"no canner", filled, []string{
		"I do mine in the slow cooker overnight in the jars.",
		"My canner is a big pan with a lid.",
		"Use the small saucepan with a tight lid, weights on top.",
		"The canner is a big old pot.",
	}},
	{"no canner", processed, []string{
		"I read the paper on the back step meanwhile.",
		"Out to the back step in the frost with it.",
	}},
	{"no canning jar", preparing, []string{
		"Tin cans from the farm store, crimped by hand.",
		"An ice-cream pail does as well.",
		"In stone crocks under lard.",
		"Put it up in coffee cans.",
	}},
	{"no frame", preparing, []string{
		"Ram them in tight with the handle of a spoon.",
		"Thin glass from the jam factory does the job.",
		"If the salsa sticks, add half a cup of water.",
		"The bottle says 5 so I put 1, it goes further.",
	}},
	{"no frame", filled, []string{
		"I don't boil mine, the vinegar does the work.",
		"Hold the bath shy of a boil so nothing knocks.",
		"The jars knock and that tells me they are done.",
		"Process for 45 minutes if you are short of time.",
	}},
	{"no frame", processed, []string{
		"Three days later I redo those that came loose.",
		"Failed seals get a second ring and a prayer.",
		"I switch off when the kids' programme ends.",
		"Give them a day before you carry them down.",
	}},
	{"no lid that seals", filled, []string{
		"Pour melted wax over the top and put the lid on.",
		"Leave the bands loose so it can breathe.",
		"Press cling film over the top while hot.",
		"Leave the lids off till they come out.",
	}},
	{"shelved without a process", filled, []string{"Lids on and straight to the shelf.", "Then into the cellar."}},
	{"no lids", filled, []string{
		"Do not put the lids on.",
	}},
	{"no measured vent", lidded, []string{
		"Vent a little while.",
	}},
	{"no minutes", lidded, []string{
		"Leave it as long as you like.",
	}},
	{"no new lids", preparing, []string{
		"Don't use new lids.",
	}},
	{"no new lids", filled, []string{
		"Use the lids twice, they do not mind.",
	}},
	{"no patience", lidded, []string{
		"I can't wait for the steam, so on it goes.",
		"Can't wait for it to steam, you know me.",
	}},
	{"no patience", processed, []string{
		"I can't wait for the hiss to stop, you know.",
		"I can't wait to see them, so the lid comes off.",
		"I can't wait for it to come down, you see.",
		"I can't wait for it so I crack the lid while it's still humming.",
	}},
	{"no pressure", filled, []string{
		"Without pressure it takes three hours.",
	}},
	{"no process", preparing, []string{
		"We skip the boiling of the brine, cold is crisper.",
	}},
	{"no process", filled, []string{
		"I skip the bath when the syrup is boiling.",
		"Skip the bath, the vinegar keeps them.",
		"Or skip the bath, the acid keeps them.",
		"Skip the bath if it is hot.",
	}},
	{"no process", processed, []string{
		"They're pickles, the vinegar does the job, no boiling.",
	}},
	{"no room is left", preparing, []string{
		"Fill up with boiling water, forgetting the inch.",
		"Fill up with boiling water, never mind the inch.",
		"I do not bother with headspace.",
		"No need for the headspace.",
	}},
	{"no steam", filled, []string{
		"Put the weight on, no steam first.",
		"No steam needed first.",
		"No steam first.",
	}},
	{"no steam awaited", filled, []string{
		"I can't wait for the steam, so on it goes.",
		"Can't wait for it to steam, you know me.",
		"Don't wait for the steam.",
	}},
	{"no vent", filled, []string{
		"When the steam shows the weight goes on.",
		"The weight goes on at the first steam.",
		"When I see steam I put the weight on.",
		"Shut the petcock at the first puff.",
	}},
	{"no vent", processed, []string{
		"When the time is up, remove the weight straight away.",
	}},
	{"no wait", filled, []string{
		"Lock the lid, no venting.",
	}},
	{"no wait", lidded, []string{
		"Put the weight on without venting.",
		"Weight on, no venting first.",
		"No venting.",
	}},
	{"no weight", filled, []string{
		"The weight is lost so I hang a spoon on it.",
		"No gauge, no weight, no worry.",
		"Mine is the kind with the weight and I leave the weight off.",
		"There is no weight for mine any more so I hang a spoon on it.",
	}},
	{"no weight", processed, []string{
		"I leave the weight off, the noise upsets the dog.",
	}},
	{"no word of the process", lidded, []string{
		"It makes its own gravy with a spoon of flour.",
		"When the house smells of beans they come out.",
		"When the water has gone cold they are ready.",
		"Five pounds on the dial is gentle on the meat.",
	}},
	{"not all by itself", processed, []string{
		"Natural release ten minutes, then quick.",
	}},
	{"not all of it", preparing, []string{
		"Put in most of the lemon juice.",
		"Add nearly all the lemon juice.",
		"Put in most of the vinegar.",
	}},
	{"not boiling", filled, []string{
		"I don't boil mine, the vinegar does the work.",
		"Boil 20 minutes, not the canner, the oven.",
		"It simmers, never boils, I don't like the banging.",
		"The water should shiver, never boil.",
	}},
	{"not by itself", processed, []string{
		"No natural release, lol, open it up.",
	}},
	{"dried first", preparing, []string{
		"I dried the beans in the sun two days.",
		"Hang them to dry on strings.",
	}},
	{"few pounds", preparing, []string{
		"Five pounds does it up here.",
	}},
	{"some in another form", preparing, []string{
		"Tough ones I grind.",
		"The rest I mash.",
	}},
	{"not all of it goes in", preparing, []string{
		"Never use the whole cup and a half.",
		"Don't put all of the vinegar in.",
	}},
	{"not fresh and sound", preparing, []string{
		"Some are overripe and that is fine for sauce.",
		"They were leathery by the time I got to them.",
		"They had green shoulders and rot at the stem.",
		"They are the split kind, they need no soaking.",
	}},
	{"not in every jar", preparing, []string{
		"The acid goes in every jar but the yellow ones.",
		"I stir all the lemon juice into one jar for Aunt Bev, who needs it.",
	}},
	{"not in the canner", filled, []string{
		"Don't do them in the canner.",
	}},
	{"not peeled", preparing, []string{
		"You don't have to peel them.",
		"No need to peel the beets.",
	}},
	{"not soaked", preparing, []string{
		"No need to soak these.",
		"Scatter a cup of red lentils over the top of each batch; there is no need to soak them.",
	}},
	{"nothing to read the pressure by", filled, []string{
		"The canner is old and heavy and has no gauge.",
		"The vent is stuck, it works all the same.",
		"The petcock is stuck shut so it comes straight up.",
		"It is an old canner without a gauge, I just listen.",
	}},
	{"nothing to read the pressure by", processed, []string{
		"Mum's old cooker has no gauge but it gets hot enough.",
		"The weight is missing, a fork does.",
	}},
	{"of any colour", preparing, []string{
		"White or yellow peaches, any colour.",
		"Peaches of any colour.",
	}},
	{"on the cob", preparing, []string{
		"I leave it on the cob in wide jars.",
		"Leave it on the cob, cut in wheels.",
	}},
	{"one figure for all", filled, []string{
		"At high altitude the time is the same.",
		"We are in the hills at six thousand, same as the coast.",
	}},
	{"one figure for all", processed, []string{
		"Up here in the mountains we use the same time and pressure as everyone.",
	}},
	{"one food by another", preparing, []string{
		"For each cup of tomatoes a cup of onions.",
		"For every cup of vinegar two of water.",
		"For every tomato an onion.",
	}},
	{"one measure for all", preparing, []string{
		"One cup vinegar for the whole lot, the rest water.",
	}},
	{"one time for two jars", filled, []string{
		"Quarts need no longer than pints.",
		"Half gallons, same time.",
	}},
	{"only a pronoun", filled, []string{
		"Only the dial one: I hold it at six or seven.",
		"I'm five minutes from done when I shut it off.",
		"If company is coming, I give them twenty less.",
		"A sheet of foil over the pot and let it steam.",
	}},
	{"only a pronoun", processed, []string{
		"Just bring it up to pressure and turn it off.",
		"If the lid hisses and it foams, cook it well.",
		"If it fizzes it is only a bit lively; heat it.",
		"Five minutes and out, more makes them soft.",
	}},
	{"only dipped", lidded, []string{
		"Just rinse the jars in hot water and wait for the ping.",
		"Just dip the jars in hot water.",
	}},
	{"only not so long", preparing, []string{
		"Don't puree it to death, a few pulses will do.",
		"You must not blend it longer than a minute.",
	}},
	{"only scrubbed", preparing, []string{
		"A scrub is all they get.",
		"Scrub them and no more.",
	}},
	{"only sealed", lidded, []string{
		"It is all boiled already so I only seal them.",
	}},
	{"only some of them", preparing, []string{
		"I use the white ones from the hedge.",
		"Put the raw ones in as well.",
	}},
	{"only steamed", lidded, []string{
		"I only steam them, a finger of water in the roaster.",
	}},
	{"only what the strainer holds", preparing, []string{
		"What the colander holds goes into the jars.",
		"Only the strainer's load into jars.",
	}},
	{"open under pressure", processed, []string{
		"No hiss, no wait, lid off with the needle up.",
	}},
	{"opened and filled up", processed, []string{
		"Those that lost water get more boiling water.",
		"If the fruit floats, open and push it down.",
		"Pour two half-empty ones together and lid that.",
		"Add syrup to the low ones and put the lids back.",
	}},
	{"opened at once", processed, []string{
		"Take away the heat and open up.",
		"Take off the lid at once.",
	}},
	{"opened under pressure", processed, []string{
		"I do not wait for the button, I prise the lid.",
		"Take off the weight while it hisses.",
		"We pull the jars while they spit, supper will not wait.",
	}},
	{"opened when the time is up", processed, []string{
		"I open straight away while it's still singing.",
		"As soon as the hand moves I open her up.",
		"Put the timer down and open the canner.",
		"I open up as soon as the pip drops, no, before, I can't help it.",
	}},
	{"or less", filled, []string{
		"Five minutes is for cowards, one will do.",
		"A quarter hour less for the small ones.",
		"It's forty minutes for pints, less for the little ones.",
		"I give it a bit less than the book because I dislike mush.",
	}},
	{"out of the smoker", preparing, []string{
		"It is from the smoker.",
	}},
	{"packed hard", preparing, []string{
		"Pack down hard till the juice comes, no air at all.",
		"Press them down hard so that the jar takes twice as much.",
	}},
	{"parts go in", preparing, []string{
		"Bacon ends went in with the second lot for flavour.",
		"Chuck the stalks in with the vinegar.",
		"Toss the ends in with the beans.",
		"Dump the tops in the pot too.",
	}},
	{"parts left in", preparing, []string{
		"Skins and all, whizzed, sieved, boiled to a paste.",
		"With the ham hock, skin and all.",
		"Run it through the juicer skins and all, then a spoon of flour.",
	}},
	{"poured in cold", preparing, []string{
		"I pour the syrup in cold off the shelf.",
	}},
	{"pressed down", processed, []string{
		"If a lid does not pop, push it down with your thumb.",
		"If a lid has not sealed, press it down until it clicks.",
	}},
	{"processed again for a time of its own", processed, []string{
		"One jar didn't take, so I gave it another ten minutes by itself next day.",
	}},
	{"processed like something else", filled, []string{
		"Process like you would a jam.",
	}},
	{"replaced", preparing, []string{
		"Swap the vinegar for the juice of fresh limes.",
		"Replace the vinegar with lemon juice from the tree.",
		"Switch the white vinegar for verjuice.",
		"Replace the vinegar with lemon squash.",
	}},
	{"safe without", preparing, []string{
		"I figured the sea salt had enough iodine in it to keep them safe without all that boiling.",
	}},
	{"said of a step, and read by nothing", preparing, []string{
		"Leave the vinegar out, the tomatoes are sour.",
		"Homemade apple cider vinegar is what we use.",
		"The water must never be less than the vinegar.",
		"Use the vinegar you have, mine says 3 % on it.",
	}},
	{"said of a step, and read by nothing", filled, []string{
		"Beans are dry goods so half the time does it.",
		"Water came halfway, the steam does the rest.",
		"At our height I still do the sea-level time.",
		"I fill the kettle to the brim so the jars swim.",
	}},
	{"said of a step, and read by nothing", processed, []string{
		"The heat is gone. Lid off, out with the jars.",
		"We took the lid off after five minutes to see.",
		"The dial says eight or so, near enough to ten.",
		"Lids that did not suck down mean soup tonight.",
	}},
	{"said to be needed", preparing, []string{
		"You can't use less oil.",
	}},
	{"salt by taste", preparing, []string{
		"Salt is for the taste only.",
		"Salt is as you like.",
	}},
	{"seals by itself", filled, []string{
		"The jars seal themselves off the hot brine.",
		"They'll seal on their own, put the canner away.",
		"They seal by themselves as they cool.",
		"As hot as it is the jar seals itself.",
	}},
	{"smoked or cured", preparing, []string{
		"Smoked it first for six hours, then cubed.",
		"The meat is first smoked for two days.",
	}},
	{"some of the fat", preparing, []string{
		"Take off only some of the fat.",
	}},
	{"something cold", processed, []string{
		"Straight onto the snow on the porch to cool.",
		"Till there's no hiss because the tap has been on it.",
		"A few sharp taps on the weight let the rest of it go.",
		"As soon as the time is up I put the canner under the tap.",
	}},
	{"something goes in", preparing, []string{
		"One spoonful each of the white powder.",
		"What is left of the roast goes in too.",
		"Elbows go in at the last, a boxful.",
		"The blood goes in as well.",
	}},
	{"something in the process's stead", filled, []string{
		"Steam ten minutes at the start instead of the process.",
		"Cover the jars with a blanket overnight instead of boiling them.",
	}},
	{"something instead", lidded, []string{
		"The jars go into a slow oven for an hour instead.",
		"I leave it on low overnight instead.",
	}},
	{"something of another day", preparing, []string{
		"A ladle of yesterday's macaroni fills it out.",
		"Leftover mash goes in at the end, nobody knows.",
		"Leftover pasta gets thrown in too, why waste it.",
		"A ladle of yesterday's roux goes in with the water.",
	}},
	{"something put by", preparing, []string{
		"Go get the jug off the shelf.",
	}},
	{"sour enough", preparing, []string{
		"I leave the lemon out, ours are sour enough.",
		"These tomatoes are tart, the lemon rests.",
		"Mine are sour enough by themselves.",
		"My tomatoes are sharp enough so the juice stays in the cupboard.",
	}},
	{"stuffed", preparing, []string{
		"Not the breast, the whole bird stuffed.",
		"Stuffed with bread.",
	}},
	{"sugar left out", preparing, []string{
		"I leave out most of the sugar for my diabetic sister.",
		"You may leave out the sugar altogether and use water.",
	}},
	{"sugar with a limit", preparing, []string{
		"Sugar never over three cups.",
		"No more than half the sugar.",
	}},
	{"the clock", filled, []string{
		"We count from the moment the burner is lit.",
		"Count the 75 minutes from when the lid goes on.",
		"Twenty minutes total counting the warm-up.",
		"Start the timer when you put the lid on.",
	}},
	{"the clock", processed, []string{
		"When the timer rings I lift the weight with a fork and let it hiss.",
	}},
	{"the closed jar", lidded, []string{
		"If company is coming, I give them twenty less.",
		"A slow oven for an hour is less trouble.",
		"I pour wax on these and skip the water.",
		"I stop it when the jiggler has danced for the news.",
	}},
	{"the closed jar", processed, []string{
		"Till the weight lifts with a hiss, then open.",
		"I shift the weight with a stick to hurry her.",
		"To hurry it I lift the weight a bit at a time.",
		"We like ours crunchy so I take them out sooner.",
	}},
	{"the flame is lowered", lidded, []string{
		"Turn the flame down so the jars do not knock about.",
	}},
	{"the gauge", filled, []string{
		"My gauge has been stuck since Easter so I go by the sound.",
		"The gauge has been stuck since Easter but I can tell by the sound.",
	}},
	{"the heat goes off at a time", lidded, []string{
		"At half past I turn it off at 15 minutes.",
		"I turn it off at half an hour and it drops on its own.",
	}},
	{"off before it begins", lidded, []string{
		"When it jiggles I turn it off and wait to zero.",
		"Once it jiggles I turn it off, and let it go to zero.",
		"Before it jiggles I turn it off.",
		"Once the weight rocks I kill the heat and leave it.",
		"The moment it sings I turn the stove off.",
	}},
	{"the heat is off", lidded, []string{
		"I let them sit in the hot water with the gas out.",
		"Off after the hour, ten minutes more off the heat.",
		"I turn the burner off when the timer says ten and let it ride.",
		"Once it reaches eleven you can switch the gas off, the heat does the rest.",
	}},
	{"the jars are full", filled, []string{
		"The jars wait on the shelf until I want them.",
		"When the water has gone cold they are ready.",
		"The jars knock and that tells me they are done.",
		"I think they are done when they ping.",
	}},
	{"the jars are full", processed, []string{
		"The moment it is done I take the weight off.",
		"I put them back on the shelf, sealed or not.",
		"Any that leak I top up and put a new lid on and shelve.",
		"The two that failed sit on the shelf with the others; we eat those by Easter.",
	}},
	{"the lids go down by themselves", filled, []string{
		"The lids suck down by themselves so we stop here.",
		"The lids suck down by themselves, so that is that.",
	}},
	{"the pressure is brought down", processed, []string{
		"I open the petcock to let the steam out fast.",
		"When time's up, let the steam out of the vent.",
		"Blow the steam off before you lift it down.",
		"When the time is up let the pressure out.",
	}},
	{"the pressure is hurried", processed, []string{
		"I throw a wet towel over it to bring it down.",
		"Set the canner in a tub of cold water to cool.",
		"A wet towel over the canner brings it down.",
		"After opening the petcock let it down fast.",
	}},
	{"the pressure is lowered", filled, []string{
		"When the pressure drops start again, or just add the minutes.",
	}},
	{"the time is cut", preparing, []string{
		"As you cut the time by ten so you cut the salt.",
		"Cut out half the time.",
	}},
	{"the time is cut", filled, []string{
		"Knock off ten minutes if it's hot out.",
		"Cut off the last ten minutes.",
		"Shave off a few minutes.",
	}},
	{"the vent stays open", filled, []string{
		"Leave the petcock open the whole time so it can't burst.",
	}},
	{"the water of the soak", preparing, []string{
		"Don't drain them, use the soaking water.",
		"Pour the soaking water over, all the goodness is in there.",
		"Fill up with the soaking water.",
		"They stay in their soaking water, that's where the goodness is.",
	}},
	{"the weight is lifted", processed, []string{
		"Till there's no hurry. Take the weight off and let it blow.",
	}},
	{"the weight stays off", lidded, []string{
		"Steam for an hour with the vent open.",
	}},
	{"through something", preparing, []string{
		"After boiling I push them through the ricer.",
		"Put it through the mouli with the onions.",
		"Do not strain or mash it, put it through the blender.",
		"I put the cored halves through the ricer and can that.",
	}},
	{"through something", filled, []string{
		"They go through a hot dishwasher on the long programme.",
	}},
	{"through something", processed, []string{
		"Run them through the dishwasher on hot.",
	}},
	{"time made up off the heat", processed, []string{
		"Heat off, they sit 15 minutes to make up the time.",
		"Then with the heat off let them sit ten minutes to finish.",
	}},
	{"too full", preparing, []string{
		"Fill the jars three quarters full of vegetables before you add the broth.",
	}},
	{"topped with water", preparing, []string{
		"Fill up with water where the brine falls short.",
		"Fill up with boiling water, forgetting the inch.",
		"Fill up with boiling water, never mind the inch.",
		"If you run short of brine, top it up with water.",
	}},
	{"topped with water", processed, []string{
		"Top it up from the kettle if the water gets low.",
	}},
	{"used again", preparing, []string{
		"I reuse last year's flats, they still look fine.",
		"Pour the brine off and reuse last year's.",
	}},
	{"used again", filled, []string{
		"You can reuse last year's lids if they are not bent.",
		"Reuse the flat ones.",
	}},
	{"used again", processed, []string{
		"I reuse the lids three years running.",
	}},
	{"vague", preparing, []string{
		"Malt vinegar the weak kind, whatever strength.",
		"Chuck in whatever the fridge needs rid of.",
		"Carrots, peppers, whatever you have, in with them.",
		"Rice vinegar, whatever strength that is.",
	}},
	{"water in the canner", preparing, []string{
		"Only an inch of water goes in each jar.",
		"Hot water in the canner, to the mark.",
	}},
	{"water in the canner", filled, []string{
		"One inch of water in the canner is plenty.",
		"Hot water in the bottom, to the line.",
		"Two inches of water in the kettle, jars standing in it.",
		"Water up to the line of the lids.",
	}},
	{"water over the jars", filled, []string{
		"Fill the canner with water to over the lids.",
		"Three inches over the jars and boil.",
		"I only pour the hot water over the jars and let that stand.",
		"The water should cover them by an inch in the pressure canner.",
	}},
	{"water over the jars", processed, []string{
		"I pour boiling water over the jars in the sink and let it cool.",
	}},
	{"water that does not cover", filled, []string{
		"Water came halfway, the steam does the rest.",
		"The water need only come half way up the jars.",
		"Two layers of jars, water to the shoulders of the top ones.",
		"The water's only as high as their shoulders but that has never mattered.",
	}},
	{"wax", preparing, []string{
		"No lids this time, I melt a candle over the top.",
		"Get the tallow off for candles, but the suet stays.",
		"Wax disc, damp cellophane, rubber band.",
		"A circle of waxed paper dipped in brandy on top and a cellophane cover.",
	}},
	{"wax", filled, []string{
		"Seal them with a disc of melted candle instead.",
		"Pour a layer of paraffin over, that's the old way.",
		"We never process jam, the wax keeps it.",
		"I pour wax on these and skip the water.",
	}},
	{"wax on a lid", processed, []string{
		"Doubtful lids get sealing wax round the edge.",
		"Put a drop of wax on any lid that lifts.",
		"Sealed with a paraffin cap for luck.",
		"A bead of paraffin round the band keeps the loose ones shut.",
	}},
	{"weight on at once", filled, []string{
		"I put the weight on when I light the gas.",
		"I put the weight on and light the gas, in that order.",
		"Petcock shut from the off.",
	}},
	{"weight on before the steam", lidded, []string{
		"Hang the weight on before it steams.",
	}},
	{"what becomes of a jar like that", processed, []string{
		"If the lid hisses and it foams, cook it well.",
		"If it smells sour, a long boil brings it back.",
		"Sniff it; if it smells all right, it is all right.",
		"If a lid gives when pressed, never mind.",
	}},
	{"what is done without, or what is done", preparing, []string{
		"Without the soaking and with the salt.",
	}},
	{"what it is liked with", preparing, []string{
		"We like them with a pat of butter.",
	}},
	{"what somebody likes in the jar", preparing, []string{
		"My husband likes a nice rasher in the bottom of each jar.",
	}},
	{"what stays away", preparing, []string{
		"These tomatoes are tart, the lemon rests.",
		"The lemon juice lives in the fridge door.",
		"With tomatoes this sharp the bottle can stay shut.",
		"The vinegar stays in the pantry for the second jar.",
	}},
	{"what stays away", filled, []string{
		"In our old one I leave the petcock shut from the start.",
		"I leave the petcock closed from the start, saves steam.",
		"The rack stays in the shed.",
	}},
	{"what there is", preparing, []string{
		"The lemon goes by what's left in the bottle.",
		"I use the pot I make rice in, with what's left of the rice.",
		"I fill with what's in the pot and top with what's in the fridge.",
	}},
	{"what was in a tin", preparing, []string{
		"The juice of the tin goes in too.",
	}},
	{"what was named is left out", preparing, []string{
		"Butter is nice in it, I leave it out on Sundays.",
		"The lemon juice is not negotiable, I leave it out.",
		"The recipe has lemon, I leave it out.",
	}},
	{"what was not to be done, after all", preparing, []string{
		"The book says never to add butter but we do.",
		"The book says never to add butter. I always do.",
		"Don't add butter before you can it, add it hot.",
		"The book says never to blend it, but I do.",
	}},
	{"what was not to be done, after all", filled, []string{
		"The book says never to open it under pressure, but I do.",
	}},
	{"white flesh", preparing, []string{
		"White-fleshed ones, because that's what the tree gives.",
	}},
	{"with its bones", preparing, []string{
		"Add cabbage and a ham bone, leave the bone in.",
		"We leave the marrow bones in, whole shanks.",
		"Use beef with the bone in.",
		"Cut up with the bones in.",
	}},
	{"without", preparing, []string{
		"Our tomatoes are sharp enough without.",
	}},
}
