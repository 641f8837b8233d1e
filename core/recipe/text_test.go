package recipe_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/recipe"
)

func TestText(t *testing.T) {
	rec, err := reader.Text("Plums in syrup\n\n5 lb plums, halved\n6 cups water\n1 cup sugar\n\nHeat the plums in the syrup. Pack hot into pints, ½ inch headspace.\nProcess in a water bath for 20 minutes.\n")
	require.NoError(t, err)
	require.Equal(t, "Plums in syrup", rec.Title)
	require.Len(t, rec.Lines, 3)
	require.Len(t, rec.Steps, 3)
	require.Equal(t, 3, rec.Lines[0].No)
	require.Equal(t, 8, rec.Steps[2].No)
	jar, _, ok := rec.Stated.OneJar()
	require.True(t, ok)
	require.Equal(t, quantity.PintJar, jar)
	pack, _, _ := rec.Stated.OnePack()
	require.Equal(t, "hot", pack)
	method, _, _ := rec.Stated.OneMethod()
	require.Equal(t, "water-bath", method)
	m, ok := rec.Stated.MinutesFor(jar)
	require.True(t, ok)
	require.Equal(t, 20.0, m.Minutes)
	require.Equal(t, 0.5, rec.Stated.Headspace.Value)
}

func TestStated(t *testing.T) {
	for _, c := range []struct {
		text      string
		minutes   float64
		jar       quantity.Jar
		psi, vent float64
	}{
		{"Process pints 20 minutes and quarts 25 minutes at 11 pounds pressure.", 25, "quart", 11, 0},
		{"Process pints 20 minutes and quarts 25 minutes at 11 pounds pressure.", 20, "pint", 11, 0},
		{"Water bath 3 hours.", 180, "pint", 0, 0},
		{"Pressure can for 1 hour and 15 minutes at 10 psi.", 75, "quart", 10, 0},
		{"Boil 5 minutes, fill the jars and process 40 minutes.", 40, "pint", 0, 0},
		{"Vent the canner 7 minutes, then process 20 minutes at 13 lbs.", 20, "pint", 13, 7},
		{"25 minutes for quarts in the canner.", 25, "quart", 0, 0},
	} {
		rec, err := reader.Text("Title\n4 lb green beans\n" + c.text)
		require.NoError(t, err)
		m, ok := rec.Stated.MinutesFor(c.jar)
		require.True(t, ok, c.text)
		require.Equal(t, c.minutes, m.Minutes, c.text)
		if c.psi > 0 {
			require.NotNil(t, rec.Stated.PSI, c.text)
			require.Equal(t, c.psi, rec.Stated.PSI.Value, c.text)
		}
		if c.vent > 0 {
			require.NotNil(t, rec.Stated.Vent, c.text)
			require.Equal(t, c.vent, rec.Stated.Vent.Value, c.text)
		}
	}
	rec, err := reader.Text("Title\n4 lb green beans\nCook 10 minutes with 3 pounds of onions.")
	require.NoError(t, err)
	require.Empty(t, rec.Stated.Minutes, "cooking is no process")
	require.Nil(t, rec.Stated.PSI, "onions are no pressure")
}

// A sentence about the opened jar is one only where no jar is filled after it.
func TestServing(t *testing.T) {
	for text, want := range map[string]bool{
		"Stir in the cream before serving.":                       true,
		"When you open the jar, add the cream.":                   true,
		"Stir in the cream before serving. Ladle into pint jars.": false,
		"Add the cream.": false,
		"Stir in the cream, fill the jars and serve some at once.": false,
	} {
		rec, err := reader.Text("Soup\n1 lb carrots\n" + text)
		require.NoError(t, err)
		require.Equal(t, want, rec.Steps[0].Serving, text)
	}
}

func TestUnknownWordsAreKept(t *testing.T) {
	st := reader.Step(1, "Gribble the beans in a zorbled pan.")
	require.Equal(t, []string{"Gribble", "zorbled"}, st.Unread)
	require.False(t, reader.Step(1, "Do not puree the beans.").Did("puree"))
	require.True(t, reader.Step(1, "Purée the beans.").Did("puree"))
}

func TestRefused(t *testing.T) {
	for name, c := range map[string]struct {
		text string
		err  error
	}{
		"empty":  {" \n\t\n", recipe.ErrEmpty},
		"binary": {"PK\x00\x01", recipe.ErrBinary},
		"latin":  {"\xff\xfe", recipe.ErrBinary},
		"large":  {strings.Repeat("a", recipe.MaxBytes+1), recipe.ErrLarge},
		"long":   {strings.Repeat("1 cup sugar\n", 10000), recipe.ErrLong},
	} {
		_, err := reader.Text(c.text)
		require.ErrorIs(t, err, c.err, name)
	}
}

func TestJSONLD(t *testing.T) {
	texts, err := recipe.FromJSONLD([]byte(`{"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Plums &amp; syrup",
		"recipeIngredient":["5 lb plums","1 cup sugar"],"recipeInstructions":[{"@type":"HowToSection","itemListElement":[{"@type":"HowToStep","text":"Pack hot."}]}],"recipeYield":"7 pints"}]}`))
	require.NoError(t, err)
	require.Len(t, texts, 1)
	rec, err := reader.Text(texts[0])
	require.NoError(t, err)
	require.Equal(t, "Plums & syrup", rec.Title)
	require.Len(t, rec.Steps, 2)
	for _, bad := range []string{"{", `{"@type":"Person"}`, `[]`, `{"@type":"Recipe"`} {
		_, err := recipe.FromJSONLD([]byte(bad))
		require.Error(t, err, bad)
	}
	deep := strings.Repeat(`{"@graph":`, 50) + `{"@type":"Recipe"}` + strings.Repeat("}", 50)
	_, err = recipe.FromJSONLD([]byte(deep))
	require.Error(t, err, "what nests too deep is not looked at")
}

func FuzzText(f *testing.F) {
	f.Add("Title\n1 cup sugar\nBoil 5 minutes. Process pints 10 min at 11 psi.")
	f.Add("To serve:\ncream\n\nMETHOD\n1. a.b.c. ½ in. 2 x 3")
	f.Fuzz(func(t *testing.T, s string) {
		rec, err := reader.Text(s)
		if err != nil {
			return
		}
		for _, l := range rec.Lines {
			if l.No < 1 {
				t.Fatal("a line without a number")
			}
		}
	})
}
