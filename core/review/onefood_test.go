package review_test

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"damson/core/review"
)

const beansByThemselves = `

3 1/4 lb dry pintos for 9 pints
salt, 1/2 tsp a pint

Soak 12 hours and drain. Cover with fresh water and boil half an hour.
Fill hot with beans and cooking water, one inch. 75 minutes at 11 pounds, vented ten first.
`

// One food has its own time, whatever the dish that it is meant for is called: the soup's is shorter, and rests on
// a jar that is half liquid (USDA Complete Guide 2015, guide 4, Soups, and Beans or peas, dried; from memory).
func TestOneFoodIsNoSoup(t *testing.T) {
	at := review.Request{Elevation: 800, ElevationGiven: true, Gauge: "dial", Jar: "pint"}
	for _, title := range []string{"Pintos, my husband's chili base", "Supper pintos", "Dinner beans", "Chili beans",
		"Pintos for the curry pot", "Hash pintos", "Casserole pintos"} {
		res := reviewAt(t, at, title+beansByThemselves)
		assert.Equal(t, review.Clear, res.Verdict, title)
		if assert.NotEmpty(t, res.Methods, title) {
			assert.Equal(t, 75, res.Methods[0].Minutes, title)
		}
	}
	for _, title := range []string{"Pinto soup", "Bean stew", "Chowder of pintos"} {
		res := reviewAt(t, at, title+beansByThemselves)
		assert.Equal(t, review.Change, res.Verdict, title)
		assert.Contains(t, codesOf(res), "solids-ratio", title)
	}
	for _, more := range []string{"1 onion, if you like", "1 small onion, chopped", "2 cloves garlic", "1 carrot, diced",
		"2 tsp cumin"} {
		res := reviewAt(t, at, "Pinto soup\n\n"+more+beansByThemselves)
		assert.Contains(t, codesOf(res), "solids-ratio", "%s does not thin the jar", more)
	}
	mixed := "Bean and vegetable soup\n\n4 lb carrots, peeled and diced\n3 lb potatoes, peeled and cubed" + beansByThemselves
	res := reviewAt(t, at, mixed)
	assert.NotContains(t, codesOf(res), "solids-ratio")
	for _, f := range res.Findings {
		assert.NotEqual(t, "process-long", f.Code, "its beans take 75 minutes by themselves, and nobody says half")
	}
	two := "Supper beans\n\n2 lb dried kidney beans" + beansByThemselves
	assert.NotEqual(t, review.Clear, reviewAt(t, at, two).Verdict, "two beans have no shorter time than one")
}

func reviewAt(t *testing.T, req review.Request, text string) review.Result {
	t.Helper()
	rec, err := reviewer.Reader().Text(text)
	if err != nil {
		t.Fatal(err)
	}
	req.Recipe = rec
	return reviewer.Review(req)
}
