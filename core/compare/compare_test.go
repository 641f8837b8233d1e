package compare_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"damson/core/compare"
	"damson/core/recipe"
	"damson/knowledge"
)

var reader = func() *recipe.Reader {
	lib, err := knowledge.Load()
	if err != nil {
		panic(err)
	}
	return recipe.NewReader(lib.Foods, lib.Language)
}()

func read(t require.TestingT, text string) *recipe.Recipe {
	rec, err := reader.Text(text)
	require.NoError(t, err)
	return rec
}

func TestRecipes(t *testing.T) {
	old := read(t, "Corn relish\n\n10 cups corn\n1 cup onions, chopped\n2 tbsp flour\nsalt\n\nBoil it.\nPack hot in pints.")
	now := read(t, "Corn relish\n\n10 cups corn\n2 cups onions, diced\n1 cup celery, chopped\nsalt\n\nBoil it for 5 minutes.\nPack hot in pints.")
	type short struct{ how, old, new, what string }
	var got []short
	for _, r := range compare.Recipes(old, now) {
		got = append(got, short{r.How, r.Old, r.New, r.What})
	}
	require.Equal(t, []short{
		{"same", "Corn relish", "Corn relish", ""},
		{"same", "10 cups corn", "10 cups corn", ""},
		{"changed", "1 cup onions, chopped", "2 cups onions, diced", "amount, form"},
		{"added", "", "1 cup celery, chopped", ""},
		{"removed", "2 tbsp flour", "", ""},
		{"same", "salt", "salt", ""},
		{"changed", "Boil it.", "Boil it for 5 minutes.", ""},
		{"same", "Pack hot in pints.", "Pack hot in pints.", ""},
	}, got)
}

// The same amount in another unit is another wording.
func TestSameAmount(t *testing.T) {
	rows := compare.Recipes(read(t, "Relish\n\n3 tsp salt\n1 lb plums"), read(t, "Relish\n\n1 Tbsp salt\n2 lb plums"))
	require.Equal(t, "wording", rows[1].What)
	require.Equal(t, "amount", rows[2].What)
}

// Every line of either version stands in exactly one row, in its order.
func TestNothingIsLost(t *testing.T) {
	pool := []string{"1 cup corn", "2 cups corn", "1 cup onions", "3 cups onions, chopped", "salt", "1 tsp salt", "4 cups vinegar", "2 lb plums"}
	rapid.Check(t, func(t *rapid.T) {
		a := rapid.SliceOfN(rapid.SampledFrom(pool), 1, 9).Draw(t, "old")
		b := rapid.SliceOfN(rapid.SampledFrom(pool), 1, 9).Draw(t, "new")
		rows := compare.Recipes(read(t, "Relish\n\nIngredients\n"+strings.Join(a, "\n")), read(t, "Relish\n\nIngredients\n"+strings.Join(b, "\n")))
		var news []string
		olds := map[string]int{}
		for _, r := range rows[2:] { // behind title and heading
			if r.New != "" {
				news = append(news, r.New)
			}
			if r.Old != "" {
				olds[r.Old]++
			}
			require.Equal(t, r.How == compare.Same, r.Old == r.New)
		}
		require.Equal(t, b, news)
		for _, x := range a {
			olds[x]--
		}
		for x, n := range olds {
			require.Zero(t, n, x)
		}
	})
}

// Sentences are held against those that they grew out of, not against those in their place.
func TestSentencesBySense(t *testing.T) {
	const head = "Soup\n\n2 lb carrots, sliced\n8 cups broth\n\nBoil 5 minutes.\n"
	for _, c := range []struct {
		old, now string
		want     [][3]string
	}{
		{"Blend until smooth.\nFill jars, 1 inch headspace.", "Fill hot jars half full of solids, leaving 1 inch headspace.\nProcess 75 minutes.", [][3]string{
			{"removed", "Blend until smooth.", ""}, {"changed", "Fill jars, 1 inch headspace.", "Fill hot jars half full of solids, leaving 1 inch headspace."}, {"added", "", "Process 75 minutes."},
		}},
		{"Blend until smooth.", "Let it cool.", [][3]string{{"removed", "Blend until smooth.", ""}, {"added", "", "Let it cool."}}},
		{"Blend until smooth.\nLadle it.", "Wipe the rims.\nLadle it gently.", [][3]string{
			{"removed", "Blend until smooth.", ""}, {"added", "", "Wipe the rims."}, {"changed", "Ladle it.", "Ladle it gently."},
		}},
	} {
		var got [][3]string
		for _, r := range compare.Recipes(read(t, head+c.old), read(t, head+c.now)) {
			if r.How != compare.Same {
				got = append(got, [3]string{r.How, r.Old, r.New})
			}
		}
		require.Equal(t, c.want, got)
	}
}

// Two long methods that have nothing in common but words are held against each other in a
// moment, and every sentence of both is told.
func TestLongVersions(t *testing.T) {
	const sentences = 400
	var old, now strings.Builder
	for i := range sentences {
		old.WriteString("Stir the carrots in pot " + strings.Repeat("x", i%7+1) + " slowly.\n")
		now.WriteString("Slowly simmer carrots and stir pot " + strings.Repeat("y", i%5+1) + ".\n")
	}
	rows := compare.Recipes(read(t, "Soup\n\n2 lb carrots\n\nBoil 5 minutes.\n"+old.String()), read(t, "Soup\n\n2 lb carrots\n\nBoil 5 minutes.\n"+now.String()))
	was, is := 0, 0
	for _, r := range rows {
		if r.Method && r.Old != "" {
			was++
		}
		if r.Method && r.New != "" {
			is++
		}
	}
	require.Equal(t, sentences+1, was)
	require.Equal(t, sentences+1, is)
}
