package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// Once the process is over the canner is left alone: what brings its pressure down, opens
// it early or eats what did not keep is asked about, whoever does it.
func TestAfterTheProcess(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for code, sentences := range map[string][]string{
		"cooling": {"The boys carry the canner out and pack snow about it.", "Stand it in the trough.", "I give the pot a shower in the sink.", "A bag of ice on top speeds it.",
			"As soon as the hand moves I open her up.", "We pull the jars while they spit.", "I pry the lid while it still hisses.", "Set the canner in the creek."},
		"lid": {"I keep the bulgy ones for soup.", "Two popped up by Sunday and we ate them.", "We use the leaky ones first."},
	} {
		for _, s := range sentences {
			assert.Contains(t, unread(t, r, processed, s), code, s)
		}
	}
	for _, s := range []string{
		"Leave it till the pressure is gone.", "I leave it be till the pin drops by itself.", "Let it sit until the dial reads zero.", "They go to the church sale.", "Wait three weeks if you can. I can't.",
		"Our Trevor wanted to run the cold tap on it.", "Nobody touches it.",
	} {
		assert.Empty(t, unread(t, r, processed, s), s)
	}
}

// Heat that is off, heat that water does not reach, and a canner that is open.
func TestHeatOfTheProcess(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, s := range []string{
		"I take the kettle off and leave them sitting in it.", "They sit in it with the gas out.", "Off the fire, an hour.", "We slid the lot on cookie sheets at 250 for two hours.", "An hour at 275 degrees.",
		"Cook them in the canner with the lid loose.", "Sixty is what the booklet of the stove says.", "I move the pot off once it bubbles.",
	} {
		assert.NotEmpty(t, unread(t, r, method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true}, Times: map[float64]int{75: 1, 10: 1}}, s), s)
	}
	for _, s := range []string{"15 minutes in the boiling water canner, then five off the heat.", "20 minutes in the water bath and 5 more minutes just sitting there with the lid off."} {
		assert.Empty(t, unread(t, r, lidded, s), s)
	}
}

// Speech without marks fills, closes and processes its jars in one breath; what comes
// behind is read by where the jars are by then.
func TestCourseWithinASentence(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	const fill = "you pack the hot jars with it and you wipe the rims real good and put the lids on "
	for _, s := range []string{
		fill + "and then they simmer a while",
		fill + "and process 75 minutes at 10 pounds and then I put ice on the lid of it",
	} {
		assert.NotEmpty(t, unread(t, r, method.Where{Stage: method.Stage{Method: true}}, s), s)
	}
	assert.Empty(t, unread(t, r, method.Where{Stage: method.Stage{Method: true}}, fill+"and process 75 minutes at 10 pounds and then I turn it off and let it go to zero by itself"))
}

// What goes in by liking, by kind or by measure alone is asked about.
func TestWhatGoesInUnsaid(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	pears := preparing
	pears.Names = map[string]bool{"pear": true}
	for s, at := range map[string]method.Where{
		"We like them with a pat of butter.":            preparing,
		"We finish it with a pint of evaporated.":       preparing,
		"These are the Asian ones off the neighbor.":    pears,
		"I leave them raw from the freezer.":            preparing,
		"We brine it for five days.":                    preparing,
		"The juice is from my cousin's lemons.":         preparing,
		"The vines had died back but the fruit is fine": preparing,
		"Fill up with solids.":                          preparing,
		"I used to blanch them first.":                  preparing,
	} {
		assert.NotEmpty(t, unread(t, r, at, s), s)
	}
	assert.Empty(t, unread(t, r, processed, "We like them with a pat of butter."))
}
