package review_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// What a sentence says of foods that stay is kept when others are taken out of it, and a
// food that only this sentence put into the pot is put in still.
func TestSentencesWithoutWhatGoes(t *testing.T) {
	t.Parallel()
	const soup = "Lamb soup\n3 lb lamb, cubed\n2 tbsp oil\n1/4 cup flour\n6 carrots, peeled and sliced\n4 potatoes, peeled and cubed\n1 cup pearl barley\n8 cups lamb stock\n2 onions, chopped\n1 clove garlic\n1 cup red wine\n2 tbsp tomato paste\n1 tbsp butter\n\n%s\n" +
		"Boil 5 minutes. Fill hot quarts half full of solids and top up with the liquid, 1 inch headspace.\nPressure can 75 minutes at 13 pounds, dial gauge.\n"
	for said, want := range map[string]string{
		"Add the stock, wine, tomato paste, carrots, potatoes, barley and garlic.":  "Add the stock, wine, carrots, potatoes and garlic.",
		"Add the stock, carrots and barley.":                                        "Add the stock and carrots.",
		"Add the barley, carrots and potatoes.":                                     "Add carrots and potatoes.",
		"Pour in the stock and add the carrots, potatoes and barley.":               "Pour in the stock and add the carrots and potatoes.",
		"Brown the lamb in the oil.":                                                "Brown the lamb.",
		"Dust the lamb with flour and brown it in the butter.":                      "Add the lamb.",
		"Fry the lamb and carrots in oil until brown, then add the stock.":          "Add the lamb, carrots and stock.",
		"Add the onions and garlic and fry until soft.":                             "Add the onions and garlic.",
		"Add the potatoes and the tomato paste.":                                    "Add the potatoes.",
		"Toss the potatoes and carrots in the oil.":                                 "Add the potatoes and carrots.",
		"Put the lamb, the barley and the onions in the pot and cover with stock.":  "Put the lamb and the onions in the pot and cover with stock.",
		"Simmer the lamb, onions and barley in the stock 1 hour.":                   "Simmer the lamb and onions in the stock 1 hour.",
		"Melt the butter, stir in the flour, then whisk in the stock and the wine.": "",
	} {
		text := fmt.Sprintf(soup, said)
		rec, err := reviewer.Reader().Text(text)
		require.NoError(t, err)
		got := reviewer.Amend(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true, Gauge: "dial"}, text, nil)
		require.Equal(t, review.Clear, got.Result.Verdict, "%s\n%s", said, got.Text)
		if want != "" {
			require.Contains(t, got.Text, "\n"+want+"\n", said)
		}
		method, _, _ := strings.Cut(got.Text, review.ServingHead)
		for _, gone := range []string{"barley", "butter", "flour", "tomato paste", "oil"} {
			require.NotContains(t, method, " "+gone, said)
		}
	}
}

// A question about a clause that only puts foods into the pot is answered on the line of the
// food that is to go; any word more is asked about.
func TestOnlyAdds(t *testing.T) {
	t.Parallel()
	const soup = "Lamb soup\n3 lb lamb, cubed\n6 carrots, peeled and sliced\n4 potatoes, peeled and cubed\n1 cup %s\n8 cups lamb stock\n\n%s\nBoil 5 minutes. Fill hot quarts half full of solids and top up with the liquid, 1 inch headspace.\nPressure can 75 minutes at 13 pounds, dial gauge.\n"
	for _, food := range []string{"pearl barley", "rice", "cream", "butter", "flour"} {
		for said, asks := range map[string]bool{
			"Add the carrots, potatoes and %s.": false, "Then add the %s, carrots and potatoes.": false,
			"Add the carrots, %s and a secret.": true, "Add the potatoes and %s and my powder.": true,
		} {
			res := verdict(t, fmt.Sprintf(soup, food, fmt.Sprintf(said, food)))
			require.NotEqual(t, review.Clear, res.Verdict)
			asked := false
			for _, f := range res.Findings {
				asked = asked || f.Question
			}
			require.Equal(t, asks, asked, "%s: %s", food, said)
		}
	}
}

func verdict(t *testing.T, text string) review.Result {
	t.Helper()
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true, Gauge: "dial"})
}
