package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/review"
)

// request reads a text for a kitchen at sea level.
func request(t *testing.T, text string) review.Request {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return review.Request{Recipe: rec, ElevationGiven: true}
}

const salsa = `Tomato salsa
7 quarts paste tomatoes, peeled, cored, chopped
4 cups long green chiles, seeded, chopped
5 cups onions, chopped
1/2 cup jalapeño peppers, seeded, finely chopped
6 cloves garlic, finely chopped
2 cups bottled lemon juice
2 Tbsp salt
1 Tbsp black pepper
Fill pints.`

func TestWhatIfOnions(t *testing.T) {
	w, ok := reviewer.WhatIf(request(t, salsa), 4)
	require.True(t, ok)
	assert.Equal(t, review.Clear, w.Now.Verdict)
	got := map[string]review.Verdict{}
	for _, c := range w.Cases {
		got[c.Label] = c.Verdict
	}
	assert.Equal(t, map[string]review.Verdict{"left out, or added when serving": review.Clear, "half as much": review.Clear, "twice as much": review.Change}, got)
	// NCHFP and Pacific Northwest Extension: any onion for any onion; nothing
	// else low-acid in its place.
	assert.Contains(t, w.May, "red onion")
	assert.NotContains(t, w.May, "carrot")
	require.NotEmpty(t, w.MayNot)
}

func TestWhatIfAcid(t *testing.T) {
	w, ok := reviewer.WhatIf(request(t, salsa), 7)
	require.True(t, ok)
	for _, c := range w.Cases {
		switch c.Label {
		case "twice as much":
			assert.Equal(t, review.Clear, c.Verdict, "more acid than tested")
		default:
			assert.NotEqual(t, review.Clear, c.Verdict, c.Label)
		}
	}
	// Lime for lemon, both bottled; never vinegar for lemon (verdicts.md).
	assert.Contains(t, w.May, "bottled lime juice")
	assert.NotContains(t, w.May, "vinegar")
	assert.NotContains(t, w.May, "lemon juice")
}

func TestWhatIfNoIngredient(t *testing.T) {
	_, ok := reviewer.WhatIf(request(t, salsa), 10)
	assert.False(t, ok)
}

// What may stand in is what the review itself lets through: written into the
// recipe, each leaves it clear.
func TestAdviceHolds(t *testing.T) {
	t.Parallel()
	req := request(t, salsa)
	for _, l := range req.Recipe.Lines {
		w, ok := reviewer.WhatIf(req, l.No)
		if !ok {
			continue
		}
		for _, name := range w.May {
			other := request(t, salsa)
			for i, x := range other.Recipe.Lines {
				if x.No == l.No {
					text := x.Amount().String() + " " + name
					for _, p := range x.Prep {
						text += ", " + p
					}
					other.Recipe.Lines[i] = reviewer.Reader().Line(l.No, text)
				}
			}
			res := reviewer.Review(other)
			got, _ := findings(res)
			assert.Equal(t, review.Clear, res.Verdict, "%s for %s: %v", name, l.Text, got)
		}
	}
}

func TestNear(t *testing.T) {
	list := reviewer.Near(request(t, salsa), 3)
	require.Len(t, list, 3)
	assert.True(t, list[0].Covered)
	assert.Zero(t, list[0].Changes)
	for _, n := range list {
		assert.NotEmpty(t, n.Why)
	}
	assert.Empty(t, reviewer.Near(request(t, "Snurfle\n2 cups snurfle"), 3))
}

func TestQuestion(t *testing.T) {
	const bare = "Whole tomatoes\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice to each quart\n"
	res := reviewer.Review(request(t, bare))
	require.NotNil(t, res.Question)
	assert.Equal(t, "tomatoes-whole-no-liquid", res.Procedure.ID, "until it is answered, the longest of the processes stands")
	var ids []string
	for _, a := range res.Question.Answers {
		ids = append(ids, a.Procedure)
	}
	assert.Contains(t, ids, "tomatoes-whole-water")
	for _, said := range []string{"Cover with boiling water.", "Cover with hot tomato juice.", "Pack raw, without added liquid."} {
		res = reviewer.Review(request(t, bare+said))
		assert.Nil(t, res.Question, said)
	}
}

func TestColumns(t *testing.T) {
	req := request(t, "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n6 cups onions, chopped\n1 cup sweet corn\n2 cups bottled lemon juice\nFill pints.")
	res := reviewer.Review(req)
	rows, scale := reviewer.Columns(req, res.Tested)
	assert.InDelta(t, 1, scale, 0.01)
	as := map[int]review.Standing{}
	left := 0
	for _, r := range rows {
		as[r.Line] = r.As
		if r.Line == 0 {
			left++
		}
	}
	assert.Equal(t, review.Same, as[2])
	assert.Equal(t, review.Changes, as[4])
	assert.Equal(t, review.Changes, as[5])
	assert.Positive(t, left, "what the recipe leaves out stands below")
}

func TestGuideline(t *testing.T) {
	const dish = "Parsnip and pork in cider\n3 cups parsnips, peeled and diced\n2 lb pork, cubed\n4 cups apple cider\n1 cup raisins\nPack in quarts."
	req := request(t, dish)
	require.Nil(t, reviewer.Review(req).Parts, "only in the guideline stance")
	req.Stance = review.Guideline
	res := reviewer.Review(req)
	if res.Verdict != review.Untested {
		t.Skip("the dish has a procedure: ", res.Verdict)
	}
	require.NotNil(t, res.Parts)
	assert.Empty(t, res.Methods)
	assert.Empty(t, res.After)
	assert.NotEmpty(t, res.Parts.Warning)
	assert.NotEmpty(t, res.Parts.Away)
	for i := 1; i < len(res.Parts.Own); i++ {
		assert.GreaterOrEqual(t, res.Parts.Own[i-1].Process.Minutes, res.Parts.Own[i].Process.Minutes, "the slowest first")
	}
}
