package method_test

import (
	"testing"

	"damson/core/method"
)

// Turns of phrase by which something else is done than what was tested, each with a near
// relative that harms nothing. The sentences are made up.
func TestTurns(t *testing.T) {
	t.Parallel()
	r := reader(t)
	for _, c := range []struct {
		at    method.Where
		harms string
		sound string
	}{
		{atPot, "Leave the pot on the porch till Sunday.", "Leave the beans in cold water overnight."},
		{atPot, "Let the stew stand on the stove overnight.", "Let the stew stand in the fridge overnight."},
		{atPot, "White-fleshed ones, because that is what the tree gives.", "Yellow-fleshed ones, because that is what the tree gives."},
		{atPot, "I dilute it with an equal lot of water.", "I dilute the bleach for the counters."},
		{atPot, "The carrots are used just as they come, straight out of the ground.", "The carrots come straight from the market."},
		{atPot, "4% is what they sell here.", "5% is what they sell here."},
		{atPot, "Kombucha does for the vinegar.", "A saucer does for the spoon."},
		{atPot, "It comes out of the smoker on Friday.", "It comes out of the fridge on Friday."},
		{atJar, "Fill it right up, air is what spoils food.", "Fill it and leave an inch of headspace."},
		{atJar, "Heap the vegetables up to the top.", "Heap the crates by the door."},
		{atJar, "Only the lids with dents left, they will do.", "Check the lids for dents."},
		{atJar, "The jars go in the oven: bake them in the jars for an hour.", "Wipe the jars for an hour if you must."},
		{atLid, "I go by the smell.", "I know the cat by its walk."},
		{atLid, "I do quarts for the pint time.", "I do quarts for the full time."},
		{atLid, "The jars seal themselves off the hot brine.", "The jars stand by themselves on the rack."},
		{atLid, "Let them cool under the tap.", "Let them cool by themselves."},
		{atLid, "I skip this if the lids have gone down.", "I read the paper meanwhile."},
		{atLid, "Ninety minutes in the wash copper.", "Ninety minutes at ten pounds."},
		{atRest, "Quick release, tongs, done.", "Natural release, tongs, done."},
		{atRest, "Hold the weight up with a spoon so it drops quick.", "Take your time with the tongs."},
		{atRest, "Straight into the freezer to set the seal.", "Straight onto a towel to cool."},
	} {
		reads{says: c.harms, asked: true}.check(t, r, c.at)
		reads{says: c.sound}.check(t, r, c.at)
	}
}

// What people do with themselves, what the work costs them and what is insisted on is told,
// not done. What must not be in a jar is no comfort, however it is insisted on.
func TestTold(t *testing.T) {
	t.Parallel()
	r := reader(t)
	for _, says := range []string{
		"I cried for an hour once over a cracked jar.", "It took us the better part of a Saturday.", "This is the recipe I was scared of for ten years.", "Grease is the enemy of a good seal.",
		"The lemon juice is not negotiable.", "You can't use less vinegar.", "Stir all the while or it'll catch.", "The vinegar will make your eyes run.", "My sister swears by her pressure cooker.",
		"Any that look tired go to the chickens.", "Hubby took a photo of the shelf and framed it.", "Half the street came round and drank all my coffee.", "A bit of butter keeps the foam down, but I leave it out.",
		"The skins come away in your fingers.", "Slice the okra and toss the stem ends.",
	} {
		reads{says: says}.check(t, r, atPot)
	}
	for _, says := range []string{
		"The book wants lemon juice, but I leave it out.", "You're meant to trim the fat but I never do.", "My mother soaks her beans overnight, I never do.", "We stand the beans overnight as a rule, I don't bother.",
	} {
		reads{says: says, asked: true}.check(t, r, atPot)
	}
}

// Around the jar: what is wiped, lowered, chased out and screwed on, in a cook's words.
func TestAtTheJar(t *testing.T) {
	t.Parallel()
	r := reader(t)
	for _, w := range []reads{
		{says: "Rims get a wipe with a damp paper towel.", done: []string{"wipe-rim"}},
		{says: "Wiggle a chopstick about to get rid of the bubbles.", done: []string{"de-bubble"}},
		{says: "Press the tomatoes down till the juice fills the spaces.", done: []string{"pack"}},
		{says: "Screw the bands down till you feel them catch, then stop.", done: []string{"band"}},
		{says: "Lower the full jars with the tongs, straight up and down.", done: []string{"load"}},
		{says: "We put it in the pint jars, raw, one inch from the top.", done: []string{"fill"}},
	} {
		w.check(t, r, atJar)
	}
	for _, w := range []reads{
		{says: "Wait for a good steady plume of steam, then count ten minutes.", done: []string{"vent"}},
		{says: "The canner has to blow steam for ten minutes.", done: []string{"vent"}},
		{says: "Mine jiggles about three times a minute."},
		{says: "Bring it back to a proper rolling boil."},
		{says: "Into the bath they go."},
	} {
		w.check(t, r, atLid)
	}
}
