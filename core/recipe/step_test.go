package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/recipe"
)

// TestActs names the act that a rule must see in a sentence, in the words of
// real cooks; "" stands for none at all.
func TestActs(t *testing.T) {
	for text, tag := range map[string]string{
		"Whizz it with a stick blender.":                 "puree",
		"Liquidise the lot.":                             "puree",
		"Run everything through a food mill.":            "puree",
		"Cook until it falls apart.":                     "puree",
		"Make a roux.":                                   "thicken",
		"Stir in the slurry.":                            "thicken",
		"Simmer until thick.":                            "reduce",
		"Reduce by half.":                                "reduce",
		"Reduce the heat.":                               "lower-heat",
		"Bake the filled jars.":                          "oven",
		"Flip the jars upside down.":                     "invert",
		"Stand them on their lids.":                      "invert",
		"No need to process.":                            "no-process",
		"Skip the water bath.":                           "no-process",
		"Let them seal.":                                 "self-seal",
		"Use the multi-cooker.":                          "cooker",
		"Vent 10 minutes.":                               "vent",
		"Cool it under the tap.":                         "force-cool",
		"Let the pressure fall to zero by itself.":       "natural-cool",
		"Pour melted wax on top.":                        "wax",
		"Reuse the lids.":                                "used-lid",
		"Use old jam jars.":                              "odd-jar",
		"Leave the skins on.":                            "unpeeled",
		"Scrub the carrots.":                             "scrub",
		"Slip the skins off.":                            "peel",
		"Soak overnight.":                                "soak",
		"Put them in dry, no soaking.":                   "no-soak",
		"Sauté the onions.":                              "fry",
		"Fill jars half full.":                           "half-solids",
		"Fill the jars three quarters full with solids.": "over-solids",
		"Raw pack.":                                      "raw-pack",
		"Pack hot.":                                      "hot-pack",
		"Water bath.":                                    "water-bath",
		"Pressure can.":                                  "pressure-can",
		"Steam canner.":                                  "steam-canner",
		"Serve with cream.":                              "serve",
		"When you open the jar, add cream.":              "open-jar",
		"Do not mash the beans.":                         "",
		"Never blend it.":                                "",
		"Wash the beans.":                                "",
	} {
		st := reader.Step(1, text)
		if tag == "" {
			require.Empty(t, st.Acts, text)
			continue
		}
		require.True(t, st.Did(tag), "%s: %v", text, st.Acts)
		require.Empty(t, st.Unread, text)
	}
}

// What goes in without a name is asked about.
func TestVeiledThings(t *testing.T) {
	for text, asked := range map[string]bool{
		"Add the good stuff.": true, "Stir in my special ingredient.": true, "Mix in the usual.": true, "Throw in the works!": true, "Add the secret ingredients and simmer.": true,
		"Process as usual.": false, "Seal in the usual way.": false, "Add the remaining ingredients.": false, "Combine all ingredients.": false,
	} {
		require.Equal(t, asked, len(reader.Step(1, text).Unread) > 0, text)
	}
}

// Foods named in a sentence, and those named to be left out.
func TestMentions(t *testing.T) {
	for text, want := range map[string]map[string]bool{ // food -> without
		"Add the cream and a knob of butter.":       {"cream": false, "butter": false},
		"Combine everything but the cream.":         {"cream": true},
		"Everything except the noodles goes in.":    {"egg-noodle": true},
		"Cook without salt.":                        {"salt": true},
		"Add a clove of garlic.":                    {"garlic": false},
		"Mix the red bell peppers and apple cider.": {"red-bell-pepper": false, "apple-juice": false},
		"Put the lids on.":                          {},
	} {
		got := map[string]bool{}
		for _, m := range reader.Step(1, text).Foods {
			got[m.Food.ID] = m.Without
		}
		require.Equal(t, want, got, text)
	}
}

func TestMeasured(t *testing.T) {
	list := reader.Measured(reader.Step(4, "Add 2 Tbsp bottled lemon juice and 1 tsp salt to each quart jar."))
	require.Len(t, list, 2)
	require.Equal(t, "bottled lemon juice", list[0].Food)
	require.Equal(t, 2.0, *list[0].AmountMin)
	require.Equal(t, "salt", list[1].Food)
	require.Equal(t, "quart", list[1].Per)
	require.Equal(t, 4, list[1].No)
	require.Empty(t, reader.Measured(reader.Step(1, "Process 20 minutes at 10 pounds.")))
}

// Documents in the shapes in which they come.
func TestDocuments(t *testing.T) {
	for name, c := range map[string]struct {
		text         string
		title        string
		lines, steps int
	}{
		"with headings": {
			"# Plums\n\n## Ingredients\n- 5 lb plums\n- 1 cup sugar\n\n## Directions\n1. Boil.\n2. Pack hot into pints.\n",
			"Plums", 2, 2,
		},
		"without headings": {
			"Plums\n5 lb plums\n1 cup sugar\nBoil the plums and pack hot into pints.",
			"Plums", 2, 1,
		},
		"no title": {
			"5 lb plums\n1 cup sugar\nBoil.",
			"", 2, 1,
		},
		"title said": {
			"Title: Plum pot\n5 lb plums",
			"Plum pot", 1, 0,
		},
		"only facts behind": {
			"Green beans\ngreen beans\nwater\nPints, raw pack.\n20 minutes at 10 pounds",
			"Green beans", 2, 2,
		},
		"one paragraph of method": {
			"Plums\n5 lb plums\nWash them. Boil 5 minutes. Fill the jars. Process.",
			"Plums", 1, 4,
		},
		"to serve": {
			"Soup\n1 lb carrots\nTo serve:\n1 cup cream\n",
			"Soup", 2, 0,
		},
		"windows line ends": {
			"Plums\r\n5 lb plums\r\n\r\nBoil.\r\n",
			"Plums", 1, 1,
		},
		"the title is the food": {
			"Green beans\nwater\nPack raw into pints.",
			"Green beans", 2, 1,
		},
	} {
		rec, err := reader.Text(c.text)
		require.NoError(t, err, name)
		require.Equal(t, c.title, rec.Title, name)
		n := 0
		for _, l := range rec.Lines {
			if l.Kind == recipe.Ingredient {
				n++
			}
		}
		require.Equal(t, c.lines, n, name)
		require.Len(t, rec.Steps, c.steps, name)
	}
	rec, err := reader.Text("Soup\n1 lb carrots\nTo serve:\n1 cup cream\n")
	require.NoError(t, err)
	require.False(t, rec.Lines[0].Serving)
	require.True(t, rec.Lines[2].Serving)
}

// Jars as jars, and pints as a measure.
func TestJarsStated(t *testing.T) {
	for text, want := range map[string][]quantity.Jar{
		"Fill pint jars.":                   {"pint"},
		"Makes 7 pints.":                    {"pint"},
		"Pack into hot quarts.":             {"quart"},
		"Fill half-pint jars.":              {"half-pint"},
		"Fill 500 ml jars.":                 {"pint"},
		"Use 12-oz jars.":                   {"12oz"},
		"Use 64 oz jars.":                   {"half-gallon"},
		"Use 1.5 l jars.":                   {"half-gallon"},
		"Use gallon jars.":                  {"gallon"},
		"Pints 20 minutes, quarts 25.":      {"pint", "quart"},
		"Add 2 quarts of water.":            nil,
		"Add a pint of vinegar.":            nil,
		"Add 1 tsp salt per quart.":         nil,
		"Bring 3 pints water to a boil.":    nil,
		"Put 1 clove in each quart jar.":    {"quart"},
		"Clean the jars and lids with soap": nil,
	} {
		rec, err := reader.Text("X\n4 lb plums\n" + text)
		require.NoError(t, err)
		var got []quantity.Jar
		for _, j := range rec.Stated.Jars {
			got = append(got, j.Value)
		}
		require.Equal(t, want, got, text)
	}
}
