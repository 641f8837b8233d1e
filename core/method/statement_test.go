package method_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// unreadOf returns why the sentence is asked about, "" where it is not.
func unreadOf(r *method.Reader, s string, at method.Where) string {
	for _, c := range r.Read(s, at) {
		if c.Kind == method.Unread {
			return c.Why
		}
	}
	return ""
}

// What is only said of a thing on which safety hangs is asked about, with its reason; its sound
// neighbour is not.
func TestStatements(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for why, kind := range map[string]struct {
		at           method.Where
		wrong, right []string
	}{
		"what stays away": {preparing,
			[]string{"The lemon juice stays in the cupboard.", "The vinegar gets a rest this year.", "The juice is only for show.", "The weight stays in the drawer.", "The bottle never leaves the fridge."},
			[]string{"The lemon juice is the bottled kind.", "The jars stay in the hot water."}},
		"sour enough": {preparing,
			[]string{"Mine are sour enough by themselves.", "These tomatoes are tart enough.", "Tomatoes this sharp have acid enough.", "They are naturally acidic."},
			[]string{"The tomatoes are ripe and firm."}},
		"one food by another": {preparing,
			[]string{"For every tomato an onion.", "For each cup of tomatoes a cup of peppers.", "For every pint of vinegar a pint of water."},
			[]string{"For each jar a head of dill.", "For every litre of water 190 g sugar."}},
		"not boiling": {lidded,
			[]string{"Keep the water just under a simmer.", "The water barely trembles.", "Hold the bath shy of a boil.", "The water should shiver."},
			[]string{"The water is at a rolling boil."}},
		"an open canner": {lidded,
			[]string{"A tea towel over the pot.", "Let it steam without a lid.", "A sheet of foil on the kettle."},
			[]string{"Put the lid on the kettle."}},
		"a seal for a process": {lidded,
			[]string{"Hot jam seals by itself, so that's the end of it.", "It seals as it cools and that is that."},
			[]string{"The lids seal in the bath."}},
		"jars that wait for their process": {filled,
			[]string{"The filled jars wait in the fridge till Sunday.", "I pack in the evening and process the next morning.", "They stand overnight before the canner."},
			[]string{"They stand on the rack."}},
		"jars on the bare bottom": {filled,
			[]string{"I have no rack.", "The jars stand on the bare bottom.", "The rack is missing.", "They go in without the rack."},
			[]string{"The rack goes in first."}},
		"jars of another size": {preparing,
			[]string{"My jars are the big two-litre ones.", "The jars are gallon ones.", "These jars are of no standard size."},
			[]string{"My jars are clean and hot."}},
		"the vent stays open": {filled,
			[]string{"Leave the petcock open the whole time.", "The vent is open throughout."},
			[]string{"Leave the petcock open ten minutes, then shut it."}},
		"acid in some jars": {preparing,
			[]string{"Only the jars for the fair get lemon.", "Lemon goes in just the big jars."},
			[]string{"Every jar gets its lemon."}},
		"juice of one's own": {preparing,
			[]string{"The lemon juice is bottled by my aunt.", "We use juice that we bottle ourselves."},
			[]string{"The juice comes out of a bottle."}},
		"dry": {preparing,
			[]string{"Bring to a boil from dry.", "They go in straight from the bag."},
			[]string{"They have soaked overnight."}},
	} {
		for _, s := range kind.wrong {
			assert.NotEmpty(t, unreadOf(r, s, kind.at), "%s: %s", why, s)
		}
		assert.True(t, slices.ContainsFunc(kind.wrong, func(s string) bool { return unreadOf(r, s, kind.at) == why }), "no sentence is asked about for %q", why)
		for _, s := range kind.right {
			assert.NotEqual(t, why, unreadOf(r, s, kind.at), s)
		}
	}
}

// Between lid and done a word that no process has is asked about, and what is told of every
// process is not.
func TestNoOtherWordBetweenLidAndDone(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, s := range []string{
		"Five minutes under the hot tap.", "Turn off.", "Leave overnight.", "Cover with a blanket.", "Wedge a brick on it.", "A drop of candle round the edge.", "Hang a spoon on the pipe.",
		"Wrap a rag round the gasket.", "Open the window and the lid.", "Use the fish kettle.", "Spread butter on the lids.",
	} {
		assert.NotEmpty(t, unreadOf(r, s, lidded), s)
	}
	for _, s := range []string{
		"Lids on, bands fingertip tight.", "Let the steam out ten minutes.", "Then the weight.", "Bring the canner to ten pounds.", "Start the clock.", "Water an inch over the lids.", "Into the canner.", "Load the canner.",
		"We live at 1,200 feet.", "Vent 10 minutes, and not a minute less.", "My canner is the kind with the wobbly weight.", "Check the timer.",
	} {
		assert.Empty(t, unreadOf(r, s, lidded), s)
	}
}

// A row that names a set that is not there says which row and which set.
func TestSetsOfWords(t *testing.T) {
	lang := &method.Language{Sets: map[string][]string{"place": {"shelf", "cellar"}}}
	lang.Add(method.Language{Plain: []*method.Plain{{Why: "put away", Must: []string{"jar", "on|%place"}, May: []string{"%place", "cool"}}}})
	require.NoError(t, lang.FillSets())
	assert.Equal(t, []string{"jar", "on|shelf|cellar"}, lang.Plain[0].Must)
	assert.Equal(t, []string{"shelf", "cellar", "cool"}, lang.Plain[0].May)
	assert.Nil(t, lang.Sets)

	lang = &method.Language{Plain: []*method.Plain{{Why: "put away", May: []string{"%nowhere"}}}}
	assert.EqualError(t, lang.FillSets(), `put away: there is no set "nowhere"`)
}
