package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// What is done to canner, clock, jars and food in a way that no procedure has is asked about;
// beside each kind stand sentences that are like it and right. All were written for this test.
func TestMisuse(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for name, kind := range map[string]struct {
		at           method.Where
		wrong, right []string
	}{
		"the pressure lowered": {lidded,
			[]string{"Let the pressure sink for a while.", "Knock two pounds off the pressure.", "Allow the pressure to dip now and then.", "Ease the pressure down half way.", "Drop the pressure to six pounds."},
			[]string{"Do not let the pressure sink.", "Never drop the pressure."}},
		"a limit too low": {lidded,
			[]string{"Don't let it fall under five pounds.", "Never let the pressure go below 6 pounds."},
			[]string{"Don't let it fall under eleven pounds.", "Never let the pressure go below 10 pounds."}},
		"the weight before the steam": {lidded,
			[]string{"Hang the weight on before it steams.", "Shut the petcock before the steam comes.", "Set the weight on before there is any steam."},
			[]string{"Let it steam ten minutes before you put the weight on.", "Don't put the weight on before it steams."}},
		"the clock before the heat": {lidded,
			[]string{"Begin the count before the water boils.", "I start the timer before it comes to a boil.", "Start timing before the canner is hot."},
			[]string{"Don't start the timer before the water boils."}},
		"time taken off": {lidded,
			[]string{"Knock five minutes off the time.", "Shave a few minutes off it.", "Trim ten minutes off the clock."},
			[]string{"Never knock minutes off the time."}},
		"no canner": {lidded,
			[]string{"Run them through the dishwasher.", "We do it in the air fryer.", "Put them in the slow cooker overnight.", "Finish them in a water bath instead."},
			[]string{"Never run them through the dishwasher.", "My sister runs hers through the dishwasher."}},
		"a canner without its parts": {lidded,
			[]string{"Run it without its weight.", "Leave the gasket out.", "Keep the canner lid loose."},
			[]string{"Never run it without its weight."}},
		"a canner that runs dry": {lidded,
			[]string{"Let the canner boil dry.", "Run the canner dry at the end."},
			[]string{"Never let the canner boil dry.", "Do not let the canner run dry."}},
		"jars that wait": {lidded,
			[]string{"Let the jars stand two days.", "Process them the next day.", "Leave them on the counter twelve hours and process then.", "Let them go stone cold before they go in."},
			nil},
		"lids that are none": {lidded,
			[]string{"Close them with plastic lids.", "A saucer does for a lid.", "Leave the lids off.", "Take the old rubber rings again.", "Keep the bands loose."},
			[]string{"Don't leave the lids off."}},
		"damaged jars": {preparing,
			[]string{"Use the jars with a nick in the rim.", "I take cracked jars for these.", "Fill the chipped jars first."},
			[]string{"Check the jars for cracks.", "Never use chipped jars.", "Look the rims over for nicks."}},
		"forced bands": {lidded,
			[]string{"Twist the bands as tight as they go.", "Tighten the rings with pliers.", "Screw the bands down with all your might."},
			[]string{"Screw the bands fingertip tight.", "Never tighten the rings with pliers."}},
		"a jar in doubt": {processed,
			[]string{"Try the cloudy ones first thing.", "Save the jars that did not seal for winter.", "Boil a bulging jar and eat it.", "Keep the ones that leaked on the shelf."},
			[]string{"Never try a cloudy one.", "Put the jars that did not seal in the fridge.", "If a jar has leaked, throw it away."}},
		"filled cold": {preparing,
			[]string{"Chill it before it goes in the jars.", "Let it go cold before you fill.", "Put it in the fridge overnight and fill the jars cold."},
			[]string{"Let it rest five minutes before you fill."}},
		"without a name": {preparing,
			[]string{"Put in a bit of this and that.", "Add odds and ends.", "Stir in what is in the pantry."},
			[]string{}},
		"a substance of no recipe": {preparing,
			[]string{"Add sago.", "Add glycerine.", "Stir in gumbo."},
			[]string{"Stir with a wooden spoon.", "Add ice to the bowl."}},
		"only not so long": {preparing,
			[]string{"You must not blend it longer than a minute.", "Don't mash them too fine."},
			[]string{"Don't mash them."}},
	} {
		for _, s := range kind.wrong {
			assert.NotEmpty(t, unread(t, r, kind.at, s), "%s passes: %s", name, s)
		}
		for _, s := range kind.right {
			assert.Empty(t, unread(t, r, kind.at, s), "%s is asked about: %s", name, s)
		}
	}
}
