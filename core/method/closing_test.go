package method_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/knowledge"
)

// Between the closing of the jars and the end of their process hardly anything is
// harmless: what hangs on the time, the heat or the seal is asked about.
func TestBetweenLidAndDone(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for name, sentences := range map[string][]string{
		"a fragment": {
			"Three whistles.",
			"Just long enough for a pot of tea.",
			"A short while.",
			"Not the full time.",
		},
		"below the boil": {
			"Water at 190.",
			"180 degrees for the 40.",
			"At 85 C.",
			"Five minutes at a simmer.",
			"Off the boil, an hour.",
		},
		"a place that is no canner": {
			"Oven, low, overnight.",
			"Into the dishwasher on hot.",
			"The slow cooker does it while we sleep.",
			"Two minutes each in the microwave.",
		},
		"a seal and no more": {
			"I only seal them.",
			"They seal while hot.",
			"All they need is to seal.",
		},
		"a clock at an odd event": {
			"Start counting when it is warm.",
			"Start the timer when you put the lid on.",
			"I time it from when I turn on the gas.",
		},
		"no process": {
			"Or none at all if you eat them soon.",
			"No bath for these.",
		},
		"an end by other signs": {
			"When the dog barks they come out.",
			"When the lids ping they are done.",
		},
		"times in and out": {
			"20 in, 5 out.",
		},
		"a condition on a thing of safety": {
			"If the gas runs out I finish on the grill.",
			"If the gauge sticks I tap it and go on.",
		},
	} {
		for _, s := range sentences {
			assert.NotEmpty(t, unread(t, r, lidded, s), "%s: %s", name, s)
		}
	}
	for name, sentences := range map[string][]string{
		"bare figures":   {"35 min.", "Ten pounds.", "10 lb / 75 min", "15 min boiling.", "25 min at the boil for the pints."},
		"why":            {"35 min because I'm at 4,000 ft.", "It is 15 lb because we sit high."},
		"the kitchen":    {"We're at 200 feet.", "I'm five minutes from the beach."},
		"another place":  {"It'd be 25 at my sister's in Savannah."},
		"food by itself": {"They float.", "The pieces float."},
		"the canner":     {"I use the pressure canner.", "Put the weight on.", "Then I put the weight."},
		"lids":           {"Finger tight.", "Apply the lids and bands.", "I put the lid on."},
		"the clock":      {"Count 75 minutes from there.", "Start the clock when it rocks."},
	} {
		for _, s := range sentences {
			assert.Empty(t, unread(t, r, lidded, s), "%s: %s", name, s)
		}
	}
}

// A statement about acid, heat or pressure that nothing has claimed is asked about;
// one that only says which it is, is not.
func TestUnclaimed(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for _, s := range []string{
		"I go by colour for the lemon.",
		"We are not lemon people.",
		"The vinegar is from the chippy.",
		"My bath never quite gets to bubbling.",
	} {
		assert.NotEmpty(t, unread(t, r, preparing, s), s)
	}
	for _, s := range []string{
		"At 4,100 feet the dial has to read 13.",
		"My canner has the weight, not the clock.",
		"The 11 psi of the sea-level column shall not be used.",
		"Uncle Dale's jars get none, on account of his pressure.",
		"The lard never sees the inside of the canner.",
	} {
		assert.Empty(t, unread(t, r, filled, s), s)
	}
}

// A food in a form of its own may not be the one that was tested.
func TestOtherForm(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	for sentence, code := range map[string]string{
		"Use ground beef.":                "piece-size",
		"Grated potatoes work as well.":   "piece-size",
		"Use mashed potatoes.":            "puree",
		"Use creamed corn.":               "puree",
		"Canned tomatoes are as good.":    "substitution",
		"Use smoked beef.":                "cured-meat",
		"Take frozen beef.":               "pack-style",
		"Use dried beans.":                "dry-legume-unsoaked",
		"Use breaded chicken.":            "thickener",
		"Buy pickled beets.":              "substitution",
		"Use leftover beef.":              "substitution",
		"Use instant potatoes.":           "starch-solid",
		"Use chicken with the bone in.":   "",
		"I leave the bones in.":           "",
		"Leave it on the cob.":            "",
		"Use the juice of fresh lemons.":  "fresh-citrus",
		"Use the juice of six lemons.":    "fresh-citrus",
		"Use vinegar at 3 percent.":       "weak-vinegar",
		"Cut the vinegar with water.":     "acid-diluted",
		"Dip each piece in batter.":       "thickener",
		"It had six weeks in brine.":      "cured-meat",
		"Skip the bottled juice.":         "no-acid-added",
		"The lemon is gone.":              "no-acid-added",
		"If the lemon runs short, share.": "acid-short",
	} {
		var codes []string
		for _, c := range r.Read(sentence, preparing) {
			if c.Kind == method.Unread {
				codes = append(codes, c.Code, c.Doubt)
			}
		}
		if assert.NotEmpty(t, codes, sentence) && code != "" {
			assert.Contains(t, codes, code, sentence)
		}
	}
	// The recipe's own form is no other.
	own := preparing
	own.Names = map[string]bool{"dried": true, "ground": true, "frozen": true}
	for _, s := range []string{"Use dried beans.", "Use ground beef.", "Use frozen corn."} {
		assert.Empty(t, unread(t, r, own, s), s)
	}
	for _, s := range []string{"Use ripe tomatoes.", "Never use canned tomatoes.", "Use fresh beef, not ground."} {
		assert.Empty(t, unread(t, r, preparing, s), s)
	}
}

// What a verb puts on, and what two denials leave in, is there; what one denial takes
// out is not.
func TestAbsentAndThere(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	gone := func(sentence, word string) bool {
		for _, c := range r.Read(sentence, preparing) {
			for i := 0; i+len(word) <= len(sentence); i++ {
				if sentence[i:i+len(word)] == word && i >= c.Start && i < c.End && c.Absent(i) {
					return true
				}
			}
		}
		return false
	}
	for sentence, word := range map[string]string{
		"No soup without barley.":                "barley",
		"I never leave the barley out.":          "barley",
		"Never waste a mushroom.":                "mushroom",
		"Do not forget the butter.":              "butter",
		"I would not make it without the cream.": "cream",
	} {
		assert.False(t, gone(sentence, word), "%s: it goes in", sentence)
	}
	for sentence, word := range map[string]string{
		"Soup without barley.":     "barley",
		"Leave the barley out.":    "barley",
		"No barley in this one.":   "barley",
		"Do not add the butter.":   "butter",
		"Skip the cream.":          "cream",
		"This is made with no egg": "egg",
	} {
		assert.True(t, gone(sentence, word), "%s: it stays out", sentence)
	}
}
