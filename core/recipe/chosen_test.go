package recipe_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/quantity"
)

// The jar that a cook says is hers, of those that she names. The sentences are made up.
func TestChosenJar(t *testing.T) {
	for says, want := range map[string]quantity.Jar{
		"We use pints.":                      quantity.PintJar,
		"I did pints this time.":             quantity.PintJar,
		"I only used quarts.":                quantity.QuartJar,
		"This batch: pints.":                 quantity.PintJar,
		"We always do half-pints.":           quantity.HalfPint,
		"I used quarts last year.":           "",
		"I did pints of jam.":                "",
		"I use pints for the small ones.":    "",
		"I sometimes use quarts.":            "",
		"We use pints and quarts.":           "",
		"We use pints, quarts for the fair.": "",
		"I don't use quarts.":                "",
		"My sister uses quarts.":             "",
	} {
		rec, err := reader.Text("Green beans\n\n4 lb green beans\n\nPack raw in pints or quarts, 1 inch. " + says + " Process pints 20 minutes, quarts 25 minutes at 10 pounds.\n")
		require.NoError(t, err)
		jar, _, ok := rec.Stated.OneJar()
		if want == "" {
			assert.False(t, ok, "%s: %s", says, jar)
			continue
		}
		assert.Equal(t, want, jar, says)
	}
}

// How much a weight makes says in which jars, where nothing else does.
func TestYieldJar(t *testing.T) {
	for line, want := range map[string]quantity.Jar{
		"2 1/4 lb dried beans for 9 pints":               quantity.PintJar,
		"4 lb green beans (7 qts)":                       "", // may be a measure
		"17 1/2 lb peaches / 7 qts. (or 11 lb / 9 pts.)": "",
		"4 lb green beans":                               "",
		"3 cups vinegar per quart":                       "",
	} {
		rec, err := reader.Text("Beans\n\n" + line + "\n\nPack raw, 1 inch. Process 20 minutes at 10 pounds.\n")
		require.NoError(t, err)
		jar, _, ok := rec.Stated.OneJar()
		assert.Equal(t, want != "", ok, line)
		assert.Equal(t, want, jar, line)
	}
}

// A line says how much, and beside it how many jars that makes, what it is dissolved in,
// what it comes from or where it goes: the food is the same.
func TestSaidBesideTheFood(t *testing.T) {
	for line, food := range map[string]string{
		"17 1/2 lb. peaches / 7 qts. (or 11 lb. / 9 pts.)": "peach",
		"31 lb corn -> 7 qt":                                    "corn",
		"10 1/2 lb rhubarb, 7 quarts":                           "rhubarb",
		"3 1/4 lb limas for 9 pints, 5 lb for 7 quarts":         "lima-bean",
		"4 cups grape juice (from about 3 1/2 lb grapes)":       "grape-juice",
		"1 tsp ascorbic acid in 4 litres of water to hold them": "ascorbic-acid",
		"A clove of garlic goes in every jar":                   "garlic",
		"ok 13 lb potatoes for 9 pints":                         "potato",
		"4 cups of the water the beans cooked in":               "water",
		"Light syrup 5 3/4 cups water and 1 1/2 cups sugar":     "water",
		"2 qts chicken broth homemade":                          "chicken-broth",
	} {
		l := reader.Line(1, line)
		require.NotNil(t, l.Ref, line)
		assert.Equal(t, food, l.Ref.ID, line)
		assert.Empty(t, l.Unread, line)
	}
	// And what only looks like it stays what it is.
	for _, line := range []string{"5 lb beans, 2 quarts of cream", "9 lb beef (from about 2 lb bacon)", "3 lb carrots, 4 pints gravy", "2 cups of the water the noodles cooked in", "1 tsp citric acid in 2 quarts of water for the brine"} {
		l := reader.Line(1, line)
		assert.True(t, len(l.Unread)+len(l.Also)+len(l.Remarks)+len(l.Alternatives) > 0 || l.Reading != "understood" || l.Ref == nil, "%s: %+v", line, l)
	}
}

// The title names what is made and not what it is made of.
func TestTitleOfTheProduct(t *testing.T) {
	for title, food := range map[string]string{"Canned chicken (no bones)": "chicken", "Bottled pears": "pear", "Crushed tomatoes, no liquid added": "tomato"} {
		rec, err := reader.Text(title + "\n\n1 tsp salt\n\nPack in pints. Process 20 minutes.\n")
		require.NoError(t, err)
		require.NotNil(t, rec.Lines[0].Ref, title)
		assert.Equal(t, food, rec.Lines[0].Ref.ID, title)
	}
}

// Everybody's lines in a chat are read without the names before them.
func TestChatOfOne(t *testing.T) {
	rec, err := reader.Text("green beans\nme: 4 lb green beans\nme: 1 tsp salt\nme: pack raw in pints, 1 inch\nme: 20 min at 10 lb\n")
	require.NoError(t, err)
	require.NotNil(t, rec.Lines[0].Ref)
	assert.Equal(t, "snap-bean", rec.Lines[0].Ref.ID)
	require.NotEmpty(t, rec.Stated.Minutes)
	assert.Equal(t, 20.0, rec.Stated.Minutes[0].Minutes)
}

// "And not a minute less" is no time; "20 minutes pints, quarts 25" are two.
func TestLimitsAreNoTimes(t *testing.T) {
	for says, want := range map[string][]float64{
		"Process 20 minutes, and not a minute less.":  {20},
		"Process 20 minutes pints, quarts 25.":        {20, 25},
		"Canner: 3 quarts water, process 20 minutes.": {20},
	} {
		rec, err := reader.Text("Green beans\n\n4 lb green beans\n\nPack raw in the jars, lids on. " + says + "\n")
		require.NoError(t, err)
		var got []float64
		for _, m := range rec.Stated.Minutes {
			got = append(got, m.Minutes)
			if says == "Canner: 3 quarts water, process 20 minutes." {
				assert.Empty(t, m.Jar, says)
			}
		}
		assert.Equal(t, want, got, says)
	}
}
