package recipe_test

import (
	"sort"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

// Form and state: every word that a rule looks at, as cooks write it. The right
// column holds all preparations and states, in the order of the alphabet.
func TestFormAndState(t *testing.T) {
	for text, want := range map[string]string{
		// Cut.
		"2 cups onions, chopped":                  "chopped",
		"2 cups chopped onions":                   "chopped",
		"2 cups onions, finely chopped":           "chopped",
		"2 cups onions, rough-chopped":            "chopped",
		"2 cups sliced carrots":                   "sliced",
		"2 cups carrots, sliced 1/4 inch thick":   "sliced",
		"2 lb potatoes, diced":                    "diced",
		"2 lb potatoes, diced (1/2-inch)":         "diced",
		"2 lb beef, cut in 1-inch cubes":          "cubed cut",
		"2 lb beef stew meat, cubed":              "cubed",
		"3 cloves garlic, minced":                 "minced",
		"3 cloves garlic, crushed":                "crushed",
		"2 lb plums, halved":                      "cut",
		"4 lb tomatoes, quartered":                "cut",
		"4 lb pears, peeled, cored and quartered": "cored cut peeled",
		"2 cups corn kernels, cut from the cob":   "cut",
		"3 lb green beans, snapped":               "cut",
		"2 cups zucchini, shredded":               "shredded",
		"2 cups grated carrots":                   "grated",
		"1 head cabbage, finely shredded":         "shredded",
		"2 lb carrots, left whole":                "whole",
		"1 lb ground pork":                        "",
		"1 lb pork, ground":                       "ground",
		"2 cups mushrooms, whole":                 "whole",
		"5 lb apples, cored":                      "cored",
		"2 lb cherries, pitted":                   "pitted",
		"2 cups red peppers, seeded and chopped":  "chopped seeded",
		"2 jalapeños, deseeded and chopped":       "chopped seeded",
		"2 lb green beans, trimmed":               "trimmed",
		"4 lb apricots, stoned":                   "pitted",
		"2 cups peas, shelled":                    "shelled",
		// Broken down.
		"2 cups pumpkin, pureed":               "pureed",
		"2 cups puréed pumpkin":                "pureed",
		"2 cups pumpkin, blended until smooth": "pureed",
		"2 cups beans, mashed":                 "mashed",
		"2 cups mashed bananas":                "mashed",
		"4 cups strawberries, crushed":         "crushed",
		// Skins.
		"7 lb carrots, peeled":          "peeled",
		"7 lb peeled carrots":           "peeled",
		"7 lb carrots, pared":           "peeled",
		"20 lb tomatoes, skinned":       "peeled",
		"20 lb tomatoes, skins removed": "peeled",
		"7 lb carrots, unpeeled":        "unpeeled",
		"7 lb carrots, skins on":        "unpeeled",
		"7 lb carrots, not peeled":      "unpeeled",
		"7 lb potatoes, scrubbed":       "scrubbed",
		// Heat.
		"2 lb peppers, roasted and peeled":      "peeled roasted",
		"2 lb fire-roasted tomatoes":            "", // its name says it
		"2 lb ground beef, browned":             "browned",
		"2 lb ground beef, browned and drained": "browned",
		"2 cups cooked chicken":                 "cooked",
		"2 lb beets, boiled":                    "cooked",
		"2 lb green beans, blanched":            "cooked",
		"2 lb green beans, blanched 3 minutes":  "cooked",
		"2 onions, sautéed":                     "fried",
		// Wet and dry.
		"2 lb dried navy beans, soaked":           "dried soaked",
		"2 lb dry kidney beans, soaked overnight": "dried soaked",
		"2 lb dry kidney beans, unsoaked":         "dried unsoaked",
		"1 cup mushrooms, drained":                "drained",
		"1 cup mushrooms, rinsed and drained":     "drained rinsed",
		// Where it comes from.
		"2 cups fresh corn":                    "fresh",
		"2 cups frozen corn":                   "frozen",
		"2 cups corn, frozen":                  "frozen",
		"2 cups frozen corn, thawed":           "frozen thawed",
		"2 cups canned corn":                   "canned",
		"1 can corn":                           "canned",
		"2 (15 oz) cans kidney beans, drained": "canned drained",
		"2 tins of sweetcorn":                  "canned",
		"1/4 cup dried basil":                  "dried",
		"1 lb smoked salmon":                   "", // its name says it
		"1 lb salmon, smoked":                  "smoked",
		"1 cup bottled lime juice":             "", // its name says it
		"1 cup lime juice, bottled":            "bottled",
		"1/2 cup fresh-squeezed lemon juice":   "fresh-squeezed",
		"1/2 cup freshly squeezed lemon juice": "fresh-squeezed",
		"juice of 2 lemons":                    "fresh-squeezed",
		"2 lemons, juiced":                     "fresh-squeezed juiced",
		"1 cup unsalted chicken broth":         "unsalted",
		"1 cup home-canned tomatoes":           "canned",
		"3 cups tomatoes":                      "",
	} {
		l := reader.Line(1, text)
		set := map[string]bool{}
		for _, w := range append(append([]string{}, l.Prep...), l.State...) {
			set[w] = true
		}
		var got []string
		for w := range set {
			got = append(got, w)
		}
		sort.Strings(got)
		assert.Equal(t, want, strings.Join(got, " "), text)
	}
}

// A word for a state never names a food, and the food keeps its name.
func TestStateLeavesTheFood(t *testing.T) {
	for text, food := range map[string]string{
		"2 cups frozen corn, thawed": "corn", "2 lb peeled carrots": "carrot", "1 cup fresh-squeezed lemon juice": "lemon juice", "2 lb fire-roasted tomatoes": "fire roasted tomato",
		"1 lb smoked salmon": "smoked salmon", "2 cups cooked chicken": "chicken", "1/4 cup dried basil": "basil", "2 cups chopped red onions": "red onion",
	} {
		assert.Equal(t, food, reader.Line(1, text).Food, text)
	}
}

// What the method says of the process: minutes, pounds, headspace, venting.
func TestStatedFigures(t *testing.T) {
	for text, want := range map[string][4]float64{ // minutes, psi, headspace, vent; 0 for none
		"Process 20 minutes.":                                         {20, 0, 0, 0},
		"Process for 20 min.":                                         {20, 0, 0, 0},
		"Process pints for 1 hour and 15 minutes.":                    {75, 0, 0, 0},
		"Process 1 1/2 hours.":                                        {90, 0, 0, 0},
		"Process 90 minutes at 11 pounds.":                            {90, 11, 0, 0},
		"Process at 10 lbs for 25 minutes.":                           {25, 10, 0, 0},
		"Can at 15 psi for 25 mins.":                                  {25, 15, 0, 0},
		"Pressure can 75 minutes at 13 pounds pressure.":              {75, 13, 0, 0},
		"Leave 1 inch headspace.":                                     {0, 0, 1, 0},
		"Leave 1/2\" headspace.":                                      {0, 0, 0.5, 0},
		"Leave ¼-inch head space and process 10 minutes.":             {10, 0, 0.25, 0},
		"Leave a headspace of 1 inch.":                                {0, 0, 1, 0},
		"Vent 10 minutes, then process 20 minutes.":                   {20, 0, 0, 10},
		"Exhaust the canner 7 minutes and process 30 minutes.":        {30, 0, 0, 7},
		"Simmer 20 minutes.":                                          {0, 0, 0, 0},
		"Boil 5 minutes, fill the jars.":                              {0, 0, 0, 0},
		"Add 2 pounds of carrots.":                                    {0, 0, 0, 0},
		"Let stand 12 hours.":                                         {0, 0, 0, 0},
		"Bake at 350 degrees for 30 minutes.":                         {0, 0, 0, 0},
		"Process in a boiling water bath for twenty minutes.":         {20, 0, 0, 0},
		"Cook the meat 30 minutes, pack hot, and process 75 minutes.": {75, 0, 0, 0},
	} {
		rec, err := reader.Text("X\n4 lb plums\nMethod\n" + text)
		require.NoError(t, err)
		var got [4]float64
		if s := rec.Stated; true {
			if len(s.Minutes) > 0 {
				got[0] = s.Minutes[0].Minutes
			}
			for i, v := range []*recipe.Said[float64]{s.PSI, s.Headspace, s.Vent} {
				if v != nil {
					got[i+1] = v.Value
				}
			}
		}
		assert.Equal(t, want, got, text)
	}
}

// The planned method and pack, by what the text says.
func TestStatedMethodAndPack(t *testing.T) {
	for text, want := range map[string][2]string{
		"Process in a boiling water bath.":        {"water-bath", ""},
		"Process in a boiling-water canner.":      {"water-bath", ""},
		"Waterbath for 10 minutes.":               {"water-bath", ""},
		"BWB 10 minutes.":                         {"water-bath", ""},
		"Pressure can at 11 pounds.":              {"pressure", ""},
		"Process in a pressure canner.":           {"pressure", ""},
		"Process in an atmospheric steam canner.": {"steam", ""},
		"Raw pack into pints.":                    {"", "raw"},
		"Cold pack in quarts.":                    {"", "raw"},
		"Pack hot into pints and pressure can.":   {"pressure", "hot"},
		"Hot-pack in quarts, boiling water bath.": {"water-bath", "hot"},
		"Ladle hot into jars.":                    {"", "hot"},
		"Fill jars.":                              {"", ""},
	} {
		rec, err := reader.Text("X\n4 lb plums\nMethod\n" + text)
		require.NoError(t, err)
		var got [2]string
		if len(rec.Stated.Methods) > 0 {
			got[0] = rec.Stated.Methods[0].Value
		}
		if len(rec.Stated.Packs) > 0 {
			got[1] = rec.Stated.Packs[0].Value
		}
		assert.Equal(t, want, got, text)
	}
}

// Dairy at the end is a hazard; dairy when serving is none.
func TestServingSentences(t *testing.T) {
	for text, serving := range map[string]bool{
		"Stir in the cream.":                                 false,
		"Stir in the cream at the end.":                      false,
		"Add the cream when serving.":                        true,
		"Stir in the cream when you open the jar.":           true,
		"To serve, heat and add cream.":                      true,
		"Before serving, whisk in the cream.":                true,
		"Add the cream, then fill the jars.":                 false,
		"Add the cream just before filling.":                 false,
		"When you reheat it, add a splash of cream.":         true,
		"After opening, thicken with cornstarch and cream.":  true,
		"Serve the cream in the jars and process 10 minutes": false,
	} {
		rec, err := reader.Text("Soup\n1 lb carrots\nMethod\n" + text)
		require.NoError(t, err)
		assert.Equal(t, serving, rec.Steps[len(rec.Steps)-1].Serving, text)
	}
}
