package method_test

import (
	"slices"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/method"
	"damson/core/words"
	"damson/knowledge"
)

// spelled writes tokens with the units that were put in.
func spelled(t []words.Token) string {
	var out []string
	for _, x := range t {
		out = append(out, x.Text)
	}
	return strings.Join(out, " ")
}

// Units that people leave out among full jars are put in; numbers that count, measure or
// place something get none.
func TestImplied(t *testing.T) {
	for text, want := range map[string]string{
		"vent ten":                                "vent ten minute",
		"exhaust for a full 10, then weight":      "exhaust for a full 10 minute , then weight",
		"after ten of steam":                      "after ten minute of steam",
		"ten to vent":                             "ten minute to vent",
		"75 at 10 lb":                             "75 minute at 10 lb",
		"75 @ 10":                                 "75 minute @ 10 pound",
		"run it at 10 for 75 minutes":             "run it at 10 pound for 75 minute",
		"start timing at 10":                      "start timing at 10 pound",
		"set the timer for seventy-five":          "set the timer for seventy - five minute",
		"start the 75 over":                       "start the 75 minute over",
		"weight: 10, time: 75":                    "weight : 10 pound , time : 75 minute",
		"pints want 75":                           "pint want 75 minute",
		"40' @ 10#":                               "40 minute ' @ 10 #",
		"40m at 10 psi":                           "40 minute m at 10 psi",
		"20 from the boil":                        "20 minute from the boil",
		"the 10 pounder on":                       "the 10 pound pounder on",
		"put the ten on":                          "put the ten pound on",
		"steam 10, 10 lb, 75":                     "steam 10 minute , 10 lb , 75 minute",
		"85 minutes for quarts, 55 for pints":     "85 minute for quart , 55 minute for pint",
		"go 55 for pints, 85 minutes for quarts":  "go 55 minute for pint , 85 minute for quart",
		"weighted 15 lb, pints 75 quarts 90":      "weighted 15 lb , pint 75 minute quart 90 minute",
		"75 minutes at 15 on the weighted canner": "75 minute at 15 pound on the weighted canner",
		// These say what they are.
		"9 lb for 7 quarts, 20 for the fair": "9 lb for 7 quart , 20 for the fair",
		"7 pints":                            "7 pint",
		"1 inch":                             "1 inch",
		"boil 20 minutes":                    "boil 20 minute",
		"we sit at 120 m":                    "we sit at 120 m",
		"at 11 psi":                          "at 11 psi",
		"1/2 inch headspace":                 "1/2 inch headspace",
		"a dozen jars":                       "a dozen jar",
		"the 240 degrees inside":             "the 240 degree inside",
		"2 at a time":                        "2 at a time",
		"my aunt had nine children":          "my aunt had nine children",
		"chapter 12 of the booklet":          "chapter 12 of the booklet",
		"bring it up to 10 by itself":        "bring it up to 10 by itself",
		"up here it's the fifteen":           "up here its the fifteen pound",
		"bring it up to 14":                  "bring it up to 14 pound",
		"we use the nine":                    "we use the nine",
	} {
		assert.Equal(t, want, spelled(method.Implied(words.Split(text))), text)
	}
}

// A unit that is put in has no letters of the text.
func TestImpliedKeepsThePlaces(t *testing.T) {
	const text = "Vent ten, then 75 at 10 lb."
	for _, x := range method.Implied(words.Split(text)) {
		if x.Start < x.End {
			assert.Equal(t, x.Raw, text[x.Start:x.End])
		}
	}
}

// A process that is told and nothing else; act says in what. Whatever uncovers, shortens,
// softens or ends it is no such clause.
func TestTellsProcess(t *testing.T) {
	lib, err := knowledge.Load()
	require.NoError(t, err)
	r := method.NewReader(lib.Foods, lib.Language)
	at := method.Where{Stage: method.Stage{Method: true, Filled: true, Closed: true}}
	told := func(text string) (string, bool) {
		for _, c := range r.Read(text, at) {
			if c.Why == "the process, told" {
				if len(c.Acts) == 0 {
					return "", true
				}
				return c.Acts[0].Name, true
			}
		}
		return "", false
	}
	for text, act := range map[string]string{
		"75 minutes from the first good jiggle.":                   "pressure-process",
		"Pints, 75 minutes at 10 lb.":                              "pressure-process",
		"Twenty minutes in the boiling water.":                     "boil-bath",
		"20 minutes from the boil.":                                "boil-bath",
		"Give them 20 minutes at a full rolling boil.":             "boil-bath",
		"20 minutes, covered by an inch of water.":                 "process",
		"20 minutes and I'm at 4,200 ft so 13 pounds on the dial.": "pressure-process",
		"Twenty minutes, and up here that's fifteen pounds.":       "pressure-process",
		"For us up on the mesa, fourteen pounds for 20 minutes.":   "pressure-process",
		"Down here by the river it's 11 pounds, 20 minutes.":       "pressure-process",
		"15 minutes in the boiling bath at our height.":            "boil-bath",
		"Let it jiggle for 75 minutes.":                            "pressure-process",
		"Process 20 minutes with an inch of water over the lids.":  "boil-bath",
	} {
		got, ok := told(text)
		assert.True(t, ok, text)
		if act != "process" {
			assert.Equal(t, act, got, text)
		}
	}
	for _, text := range []string{"20 minutes with the water half up the jars.", "20 minutes in the pan with one inch of water.", "Thirty minutes if you are tired.", "Only 20 minutes.", "20 minutes on the hill behind the house.",
		"20 minutes or so with the lid off.", "Ten minutes more.", "20 minutes in the oven.", "20 minutes in hot water.", "75 minutes with the weight up.", "20 minutes under the lid.", "Flame off when it rocks."} {
		_, ok := told(text)
		assert.False(t, ok, text)
	}
	for _, text := range []string{"20 minutes from when they go in.", "20 minutes from when the pot goes on.", "20 minutes, counting from when the water starts to steam."} {
		assert.True(t, slices.ContainsFunc(r.Read(text, at), func(c method.Clause) bool { return c.Kind == method.Unread }), text)
	}
}
