package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// filling is where food goes into jars, and shelved where their process is over.
var (
	filling = method.Where{Stage: method.Stage{Method: true, Filled: true}}
	shelved = method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true, Done: true}}
)

// How full a clause leaves the jar (USDA Complete Guide 2015, guide 1: headspace, and liquid over
// the food; from memory).
func TestJarful(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for want, list := range map[method.Jarful][]string{
		method.OtherGap: {"Pack them right to the rim.", "Fill to the brim.", "Fill the jars level with the top.", "Fill them flush with the rim.", "Leave three inches at the top.", "Brine right up to the lid.", "Fill them until they overflow.", "Fill the glasses heaped."},
		method.HalfFull: {"Fill to the shoulder only.", "Fill the jars two thirds full.", "Half fill the jars."},
		method.Dry: {"Pack them dry.", "No liquid is needed.", "They go in without any water.", "Just a splash of water in the bottom.", "Forget the water.", "Hardly any water.", "Water only half way up the beans.", "Do not worry if they are not covered.",
			"Cover only the bottom layer.", "Leave the liquid out."},
		method.AsTested: {"Fill the jars to within an inch of the top.", "Leave an inch of headspace.", "Pour boiling water over them, up to half an inch from the rim.", "Fill the jars half full of solids.", "Do not let them dry out.", "Do not forget the water.",
			"Fill the pot to the brim with water.", "Put three inches of water in the canner.", "Dry the jars with a clean towel.", "Fill the measuring cup to the brim.", "No added water on the rims.", "Cover them with boiling water.", "Wash them without soap."},
	} {
		for _, s := range list {
			got := method.AsTested
			for _, c := range r.Read(s, filling) {
				got = max(got, c.Jarful())
			}
			assert.Equal(t, want, got, s)
		}
	}
}

// What is said of jars once they are done: a sign of spoilage, a lid that is not down, a jar
// that is opened and closed again, hot glass in the cold.
func TestKept(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	asks := func(s string) bool {
		for _, c := range r.Read(s, shelved) {
			if c.Kind == method.Unread {
				return true
			}
		}
		return false
	}
	for _, s := range []string{"If it spurts when opened, boil it and eat it.", "Scrape the mould off and eat the rest.", "A sour smell goes away when it boils.", "Cloudy jars are fine.", "A bit of slime never hurt anyone.",
		"If a lid springs back, press it down again.", "The ones that did not seal keep in the cellar.", "If a jar has not sealed, heat it up.", "It does not matter if they seal.",
		"Open them and top up what boiled out.", "If the fruit floats, open and push it down.", "Add syrup to the low ones and put the lids back.", "Put them in the fridge while hot.", "Taste one to see if they are still good."} {
		assert.True(t, asks(s), s)
	}
	for _, s := range []string{"If it spurts when opened, throw it away untasted.", "Never eat from a jar that smells off.", "Check the lids for bulges.", "One jar did not seal.", "Any that did not seal go in the fridge.",
		"A jar that did not seal gets a new lid and the whole process again.", "If the lids are down in the middle, they are sealed.", "Once cold, put them in the cellar.", "When in doubt, throw it out."} {
		assert.False(t, asks(s), s)
	}
}

// What is no canning jar, or a jar and a lid that cannot close.
func TestNoSeal(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	codes := func(s string) (out []string) {
		for _, c := range r.Read(s, filling) {
			if c.Kind == method.Unread {
				out = append(out, c.Doubt)
			}
		}
		return out
	}
	for code, list := range map[string][]string{
		"jar-type": {"Use the cracked ones first.", "Put it up in coffee tins.", "Old pop bottles, capped.", "Chipped jars seal just as well."},
		"lid":      {"Put the lids on after the canner.", "Rub a little lard round the rim.", "Put a bit of cloth under the lid.", "Two lids on each.", "No bands, only the lids.", "Close them with corks.", "Paper lids, glued.", "Get the bands as tight as a man can.", "Have Earl tighten the bands with a wrench."},
	} {
		for _, s := range list {
			assert.Contains(t, codes(s), code, s)
		}
	}
	for _, s := range []string{"Throw out cracked jars.", "Wipe any grease off the rims.", "Bands just fingertip tight.", "Get the bands as tight as your fingertips make them."} {
		assert.Empty(t, codes(s), s)
	}
}
