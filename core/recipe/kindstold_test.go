package recipe_test

import (
	"slices"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/recipe"
)

// What a title says of its food holds for the line that names it plainly.
func TestTitleKind(t *testing.T) {
	for _, c := range []struct{ title, line, food string }{
		{"White peaches", "17 lb peaches", "white-peach"},
		{"Our white freestones", "17 lb peaches", "white-peach"},
		{"Hosui pears", "17 lb pears", "asian-pear"},
		{"Pears (the Asian sort)", "17 lb fruit", "asian-pear"},
		{"Smoked trout", "10 lb trout", "smoked-fish"},
		{"Ground beef", "10 lb beef", "ground-meat"},
		{"Sweet potatoes", "13 lb potatoes", "sweet-potato"},
		{"Dried apples", "19 lb apples", "dried-apple"},
		{"Pickled beets", "7 lb beets", "beet"},
		{"Peaches for Mum", "17 lb peaches", "peach"},
		{"Pears, not the Asian ones", "17 lb pears", "pear"},
		{"Crushed tomatoes", "22 lb tomatoes", "tomato"},
		{"Peppers: yellow banana, in rings", "3 lb banana peppers", "banana-pepper"},
	} {
		rec, err := reader.Text(c.title + "\n\n" + c.line + "\nwater\n\nPack in hot pints, 1 inch headspace. Lids on.\n")
		require.NoError(t, err)
		require.NotEmpty(t, rec.Lines, c.title)
		if l := rec.Lines[0]; c.food != "banana-pepper" {
			assert.Equal(t, c.food, l.Ref.ID, c.title)
		} else {
			assert.False(t, l.Ref.In("low-acid-fruit", "no-home-process"), c.title)
		}
	}
}

// What is told of the food beside the recipe is asked about, wherever it stands; what is told of another is not.
func TestKindsTold(t *testing.T) {
	asked := func(line, said string) int {
		n := 0
		for _, text := range []string{
			"My jars\n\n" + said + "\n\n" + line + "\nwater\n\nPack in hot pints, 1 inch headspace. Lids on. Process pints 75 minutes at 10 pounds.\n",
			"My jars\n\n" + line + "\nwater\n\nPack in hot pints, 1 inch headspace. Lids on. Process pints 75 minutes at 10 pounds.\n\n" + said + "\n",
		} {
			rec, err := reader.Text(text)
			require.NoError(t, err)
			if slices.ContainsFunc(rec.Lines, func(l *recipe.Line) bool { return l.Ref.In("low-acid-fruit") }) {
				n++ // read for what it is
				continue
			}
			for _, st := range rec.Steps {
				n += len(st.Asks)
			}
		}
		return n
	}
	for _, c := range [][2]string{
		{"17 lb pears", "We picked our Asian pears on Saturday."},
		{"17 lb pears", "Ours is a Hosui tree."},
		{"17 lb peaches", "The tree is a Saturn."},
		{"17 lb peaches", "Ours have white flesh."},
		{"13 lb potatoes", "These are sweet potatoes."},
		{"10 lb trout", "It was brined overnight and smoked."},
		{"10 lb trout", "This is the trout from the smoker."},
		{"10 lb beef", "The butcher ground it for me."},
		{"10 lb chicken", "The chicken came breaded."},
		{"10 lb pork", "Cured by my uncle."},
		{"19 lb apples", "They were dried apples."},
	} {
		assert.GreaterOrEqual(t, asked(c[0], c[1]), 2, c[1])
	}
	for _, c := range [][2]string{
		{"17 lb pears", "These are not Asian pears."},
		{"17 lb pears", "We picked our pears on Saturday."},
		{"13 lb potatoes", "Sweet potatoes have another page."},
		{"10 lb trout", "It was caught at dawn."},
	} {
		assert.Zero(t, asked(c[0], c[1]), c[1])
	}
}
