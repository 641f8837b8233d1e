package recipe_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

// What stands behind the closed jars is the process, in whatever order and spelling.
func TestFactsBehindTheLid(t *testing.T) {
	const base = "Beef cubes\n\n10 lb beef, 1 inch cubes\n1/2 tsp salt per pint\n\nPack raw in hot pints, 1 inch headspace. Wipe the rims, lids on.\n"
	for text, want := range map[string]struct{ minutes, psi, vent float64 }{
		"Vent ten minutes, pints 75 minutes.":                                       {75, 0, 10},
		"110 minutes, 10 lb weight.":                                                {110, 10, 0},
		"Vent 10 minutes, then weighted gauge at 10 pounds, 15 minutes.":            {15, 10, 10},
		"Ten pounds, fifty minutes for quarts.":                                     {50, 10, 0},
		"Let the steam escape 10 minutes, bring to 10 lb. 45 minutes.":              {45, 10, 10},
		"Ten minutes of good steam out of the vent, then ten pounds for 75 minutes": {75, 10, 10},
		"10 pounds and 90 minutes for the quart.":                                   {90, 10, 0},
		"10 pound.\n75 minute.":                                                     {75, 10, 0},
		"Vent 10. Then weight on, 10 pounds, quarts 75 minutes.":                    {75, 10, 0},
		"Ten minutes of steam and then sixty minutes at ten pounds, for half-pints": {60, 10, 10},
		"15 minutes boiling water canner, 5 minutes rest.":                          {15, 0, 0},
		"Steam canner: wait for the full column of steam, then 15 minutes.":         {15, 0, 0},
		"35 minutes b/c we sit at two thousand feet.":                               {35, 0, 0},
		"They have ten minutes at a rolling boil.":                                  {10, 0, 0},
		"15 lb weight @ 4100'\n55 min, all sizes of jar":                            {55, 15, 0},
		"It holds at about seven on the dial.":                                      {0, 7, 0},
		"Twelve pounds on my dial and ninety minutes for the quarts.":               {90, 12, 0},
		"Boiling water bath; up here, 4,900 feet, is 15.":                           {15, 0, 0},
		"They keep in the cellar a year.":                                           {0, 0, 0},
		"Canner vented ten minutes, 10 pounds, 75 minutes.":                         {75, 10, 10},
		"Canner vented, 10 minutes at 10 pounds.":                                   {10, 10, 0},
		"Exhausted, 15 minutes at 10 pounds.":                                       {15, 10, 0},
		"Vent: 10 min.":                                                             {0, 0, 10},
	} {
		rec, err := reader.Text(base + text + "\n")
		require.NoError(t, err)
		s := &rec.Stated
		if m, ok := s.MinutesFor(""); want.minutes > 0 {
			if assert.True(t, ok, text) {
				assert.Equal(t, want.minutes, m.Minutes, text)
			}
		} else {
			assert.False(t, ok, "%s: %v", text, s.Minutes)
		}
		for name, f := range map[string]struct {
			said *recipe.Said[float64]
			want float64
		}{"psi": {s.PSI, want.psi}, "vent": {s.Vent, want.vent}} {
			if f.want == 0 {
				continue
			}
			if assert.NotNil(t, f.said, "%s of %s", name, text) {
				assert.Equal(t, f.want, f.said.Value, "%s of %s", name, text)
			}
		}
	}
}

// What is done to food before it is filled is no process, and a height is no time.
func TestNoProcessBeforeTheLid(t *testing.T) {
	for _, text := range []string{
		"Carrots\n\n10 lb carrots, sliced\n\nCover with boiling water, return to a boil, simmer 5 minutes. Fill hot jars.",
		"Greens\n\n14 lb spinach\n\nSteam 3 to 5 minutes till well wilted. Fill hot pints.",
		"Beans\n\n5 lb dried beans\n\nAdd 1 teaspoon salt to each jar. Boil 30 minutes and fill the jars with hot beans.",
		"Pumpkin\n\n16 lb pumpkin\n\nWe live at 4100'. Boil 2 minutes and pack hot.",
	} {
		rec, err := reader.Text(text)
		require.NoError(t, err)
		assert.Empty(t, rec.Stated.Minutes, text)
	}
}

// Names within names, labels of a list, where it goes, what it comes to.
func TestLineAsCooksWriteIt(t *testing.T) {
	for line, want := range map[string]struct {
		food   string
		amount float64
	}{
		"1 1/2 lb dried navy (pea) beans":                                       {"navy-bean", 1.5},
		"2 cups white (distilled) vinegar":                                      {"white-vinegar", 2},
		"Molasses sauce: 4 cups of the bean water, 3 tablespoons dark molasses": {"water", 4},
		"16 lb pie pumpkin -> 7 quarts":                                         {"pumpkin", 16},
		"20-odd lb Montmorency, stemmed, washed":                                {"sour-cherry", 20},
		"3 lb carrots for 4 jars, peeled":                                       {"carrot", 3},
		"10 1/2 lb rhubarb = 7 quarts":                                          {"rhubarb", 10.5},
		"7 pieces of bacon in the bean pot":                                     {"bacon", 7},
		"5 kg carrots, small ones, washed, peeled and washed again, sliced":     {"carrot", 5},
		"4 lbs green beans, ends snipped, cut to stand up in pints":             {"snap-bean", 4},
		"6 oz liquid pectin (two pouches)":                                      {"liquid-pectin", 6},
		"16 lb venison, cubed":                                                  {"venison", 16},
		"4 lb hot long peppers":                                                 {"chile-pepper", 4},
	} {
		l := reader.Line(1, line)
		if assert.NotNil(t, l.Ref, line) {
			assert.Equal(t, want.food, l.Ref.ID, line)
		}
		if assert.NotNil(t, l.AmountMin, line) {
			assert.InDelta(t, want.amount, *l.AmountMin, 0.01, line)
		}
		assert.Empty(t, l.Unread, line)
	}
	vinegar := reader.Line(1, "4 cups white vinegar, 5 per cent")
	if assert.NotNil(t, vinegar.Acidity) {
		assert.Equal(t, 5.0, *vinegar.Acidity)
	}
	// A gloss that makes another food of it stays.
	assert.NotEqual(t, "bell-pepper", foodOf(reader.Line(1, "2 cups dried (hot) chiles")))
}

func foodOf(l *recipe.Line) string {
	if l.Ref == nil {
		return ""
	}
	return l.Ref.ID
}

// Jars that exist are told by two signs of three; a year, a shelf or a seal alone are none.
func TestJarsThatExist(t *testing.T) {
	const base = "Green beans\n\n7 lb green beans\n\nPack raw in quarts, boiling water over. Boil three hours.\n"
	for said, exist := range map[string]bool{
		"I have 22 quarts in the pantry still. Are they safe to eat?":       true,
		"We did these last week and they all sealed. Can I keep them?":      true,
		"I canned them two days ago, and they are down in the cellar now.":  true,
		"They all pinged and are in the basement now. Should I throw them?": true,
		"They all sealed.":                             false,
		"We did these last year.":                      false,
		"Is it safe to do it so?":                      false,
		"Store them in the cellar. They keep a year.":  false,
		"My aunt canned last summer too. She is fine.": false,
		"Look at the lids next day: all down?":         false,
	} {
		rec, err := reader.Text(base + said + "\n")
		require.NoError(t, err)
		assert.Equal(t, exist, rec.Made > 0, said)
	}
}

// A few words over a list are its heading, in whatever language; a food is none.
func TestHeadingsOverAList(t *testing.T) {
	const list = "\n- 3 lb mushrooms\n- 1 tsp salt\n"
	for head, is := range map[string]bool{"Mise en place": true, "Execution": true, "SUPPLIES PER TEAM": true, "Dumplings": false, "Heavy cream": false} {
		rec, err := reader.Text("Mushrooms\n\nFor the winter.\n\n" + head + list)
		require.NoError(t, err)
		heading := false
		for _, l := range rec.Lines {
			heading = heading || l.Text == head && l.Kind != recipe.Ingredient
		}
		assert.Equal(t, is, heading, head)
	}
	rec, err := reader.Text("Carrots\n(9 half-pints)\n\n3 lb carrots\n1 tsp salt\n")
	require.NoError(t, err)
	for _, l := range rec.Lines {
		if strings.HasPrefix(l.Text, "(9") {
			assert.NotEqual(t, recipe.Ingredient, l.Kind)
		}
	}
}
