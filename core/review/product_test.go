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
