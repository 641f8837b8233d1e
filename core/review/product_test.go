package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/review"
	"damson/knowledge"
)

// TestProductsWithoutAProcess: what has a name and no process is told by that name, and what only
// sounds like it is not. The verdict is the same without the list.
func TestProductsWithoutAProcess(t *testing.T) {
	t.Parallel()
	lib, err := knowledge.Load()
	require.NoError(t, err)
	told := review.New(lib.Foods, lib.Procedures, lib.Language).WithProducts(lib.Book.Unprocessed)
	for title, want := range map[string]string{
		"Horseradish sauce": "no-horseradish-sauce", "My aunt's basil pesto": "no-pesto", "Refrigerator dill pickles": "no-refrigerator-pickles", "Strawberry freezer jam": "no-freezer-jam",
		"Old pumpkin butter": "no-pumpkin-puree", "Pickled eggs": "no-eggs", "Bacon jam": "no-bacon-jam", "Hot chocolate sauce": "no-chocolate", "Cod chowder": "no-cream-soup", "Caramel sauce": "no-caramel",
		"Celery and apple relish": "", "Mock bacon jam": "", "Apples with caramel sauce": "", "Pickled zucchini": "", "Tomato and celery": "", "Butter beans": "", "": "",
	} {
		text := title + "\n\n2 cups celery, chopped\n1 cup leeks, sliced\n1 cup milk\n\nMix and fill half-pints.\n"
		rec, err := told.Reader().Text(text)
		require.NoError(t, err)
		res := told.Review(review.Request{Recipe: rec, ElevationGiven: true})
		got := ""
		if res.Product != nil {
			got = res.Product.ID
			require.Contains(t, strings.ToLower(res.Sentence), strings.ToLower(res.Product.Reason), title)
			require.Equal(t, res.Product.Instead, res.Today()[0], title)
		}
		require.Equal(t, want, got, title)
		plain := reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true})
		require.Equal(t, plain.Verdict, res.Verdict, title)
		require.Empty(t, res.Methods, title)
	}
	// A recipe that is clear is what its procedure is, whatever it is called.
	rec, err := told.Reader().Text("Freezer jam peaches\n\n17 1/2 lb yellow peaches, peeled, halved\nwater\n\nBring to a boil, pack hot in quarts, 1/2 inch headspace. Process quarts 25 minutes in a boiling water bath.\n")
	require.NoError(t, err)
	require.Nil(t, told.Review(review.Request{Recipe: rec, ElevationGiven: true}).Product)
}

// The dish of that name is none of its peppers, where it is made; elsewhere it is one.
func TestChiliIsTheDish(t *testing.T) {
	const chili = `Chili con carne
3 cups dried kidney beans
5 1/2 cups water
5 tsp salt
3 lb ground beef
1 1/2 cups chopped onion
4 Tbsp chili powder
2 quarts whole tomatoes, peeled
Soak the beans overnight and drain. Boil the beans 30 minutes in the fresh water with 2 tsp salt, drain. Brown the beef and onions, drain off the fat, add the rest and simmer 5 minutes. {S} Fill pints, 1 inch headspace. Adjust lids and process 75 minutes at 11 lb.
`
	for sentence, want := range map[string]review.Verdict{
		"Ladle the chili into hot jars.": review.Clear, "Stir the chili now and then.": review.Clear, "Keep the chili hot.": review.Clear,
		"Stir the chili and add a cup of cream.": review.Change, "Simmer the chili with a cup of flour.": review.Change,
	} {
		require.Equal(t, want, reviewText(t, strings.Replace(chili, "{S}", sentence, 1), 500, "dial").Verdict, sentence)
	}
	for _, sentence := range []string{"Add a chili to each jar.", "Each jar gets a chili.", "Add a ladle of chili.", "Drop one hot chili in each jar."} {
		text := "Green beans\n4 lb green beans\nwater\nPack raw into quarts. " + sentence + " Cover with boiling water, 1 inch headspace. Adjust lids and process 25 minutes at 11 lb.\n"
		require.NotEqual(t, review.Clear, reviewText(t, text, 500, "dial").Verdict, sentence)
	}
}
