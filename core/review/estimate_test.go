package review_test

import (
	"fmt"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/acidity"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/review"
)

func estimate(t *testing.T, text string) acidity.Estimate {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Estimate(review.Request{Recipe: rec}, 500)
}

// The classes that a mixture's estimate can fall in.
func TestEstimateClasses(t *testing.T) {
	for name, c := range map[string]struct{ text, class string }{
		"fruit is acid":               {"Applesauce\n8 lb apples, peeled\n1 cup sugar", acidity.Acid},
		"a pickle is acidified":       {"Dilly beans\n4 lb green beans\n4 cups white vinegar (5 %)\n4 cups water\n1/2 cup salt", acidity.Acidified},
		"tomatoes straddle":           {"Tomatoes\n20 lb tomatoes, peeled\n1 tsp salt per quart", acidity.Borderline},
		"soup is low-acid":            {"Soup\n4 lb carrots, peeled\n2 lb potatoes, peeled\n8 cups chicken broth", acidity.LowAcid},
		"beans in vinegar: unsure":    {"Beans\n2 lb dried kidney beans, soaked\n8 cups white vinegar (5 %)", acidity.Unknown},
		"an unknown food":             {"Salsa\n5 lb tomatoes\n1 cup flumjack\n1 cup vinegar (5 %)", acidity.Unknown},
		"vinegar of unknown strength": {"Beets\n4 lb beets\n4 cups homemade vinegar", acidity.Unknown},
		"no amount":                   {"Chutney\n4 lb apples\nonions\n2 cups vinegar (5 %)", acidity.Unknown},
		"a ferment":                   {"Sauerkraut\n25 lb cabbage\n3/4 cup canning salt\nFerment 4 weeks.", acidity.Unknown},
		"no water":                    {"Candy\n2 lb sugar\n1 tsp citric acid", acidity.Unknown},
	} {
		e := estimate(t, c.text)
		require.Equal(t, c.class, e.Class, name)
		if c.class == acidity.Unknown {
			require.True(t, len(e.Missing) > 0 || len(e.Notes) > 0, "%s: it says why", name)
		} else {
			require.LessOrEqual(t, *e.Low, *e.Mid, name)
			require.GreaterOrEqual(t, *e.High, *e.Mid, name)
			require.GreaterOrEqual(t, *e.High-*e.Low, 2*acidity.Allowance, name)
			require.NotNil(t, e.Above, name)
		}
	}
}

// What has no data is named, with how much of it would matter.
func TestEstimateSaysWhatIsMissing(t *testing.T) {
	e := estimate(t, "Beets\n7 lb beets\n8 cups white vinegar (5 %)\n1 cup flumjack")
	require.Len(t, e.Missing, 1)
	require.Equal(t, 4, e.Missing[0].Line)
	require.Contains(t, e.Missing[0].Matters, "more than about")
	e = estimate(t, "Carrots\n7 lb carrots, peeled\n1 cup flumjack")
	require.Contains(t, e.Missing[0].Matters, "without it")
}

// What goes in when the jar is opened, and what is poured off, is not in the
// mixture; a dose by the jar is.
func TestEstimateCountsWhatIsInTheJar(t *testing.T) {
	plain := estimate(t, "Carrots\n7 lb carrots, peeled\n4 cups water")
	served := estimate(t, "Carrots\n7 lb carrots, peeled\n4 cups water\n4 cups vinegar (5 %), to serve")
	require.InDelta(t, *plain.Mid, *served.Mid, 1e-9)
	bare := estimate(t, "Tomatoes\n21 lb tomatoes, peeled")
	dosed := estimate(t, "Tomatoes\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart")
	require.InDelta(t, 0.2, *bare.Mid-*dosed.Mid, 0.1, "a third of a pH or less by the dose")
	require.Contains(t, dosed.Notes[0], "7.0 quart jars")
}

// Adding acid never raises an estimate, adding a low-acid vegetable never
// lowers that of an acid mixture, and no estimate moves a verdict.
func TestEstimateNeverMovesAVerdict(t *testing.T) {
	for name, c := range clearTexts(t) {
		req := c.request(t)
		res := reviewer.Review(req)
		was := res.Verdict
		e := reviewer.Estimate(req, 0)
		res.SetEstimate(e)
		require.Equal(t, was, res.Verdict, name)
		require.Equal(t, res.Tested.Acidity, res.Acidity.Class, "%s: a tested procedure keeps its class", name)
		if e.High == nil {
			continue
		}
		sour := c
		sour.text = inject(c.text, "2 cups white vinegar (5 %)")
		if s := reviewer.Estimate(sour.request(t), 0); s.Mid != nil {
			require.LessOrEqual(t, *s.Mid, *e.Mid+1e-9, name)
		}
	}
}

func BenchmarkEstimate(b *testing.B) {
	rec, err := reviewer.Reader().Text("Salsa\n7 lb tomatoes\n5 cups onions, chopped\n4 cups long green chiles, chopped\n1/2 cup jalapeños, chopped\n6 cloves garlic, chopped\n2 cups bottled lemon juice\n2 Tbsp salt\n1 Tbsp black pepper\n2 Tbsp cumin")
	if err != nil {
		b.Fatal(err)
	}
	for b.Loop() {
		reviewer.Estimate(review.Request{Recipe: rec}, 0)
	}
}

// A measured pH makes a verdict worse or leaves it; it never makes one better,
// and it does not bear on what the pressure keeps safe.
func TestMeasured(t *testing.T) {
	rank := map[review.Verdict]int{review.Clear: 0, review.Change: 1, review.Untested: 2, review.Stop: 3}
	for name, c := range clearTexts(t) {
		req := c.request(t)
		was := reviewer.Review(req)
		for _, ph := range []float64{3.2, 4.3, 4.6, 4.61, 6} {
			req.Measured = ph
			is := reviewer.Review(req)
			require.GreaterOrEqual(t, rank[is.Verdict], rank[was.Verdict], "%s at pH %g", name, ph)
			switch {
			case was.Tested.Acidity == "low-acid" || ph <= 4.2:
				require.Equal(t, was.Verdict, is.Verdict, name)
				require.Equal(t, len(was.Findings), len(is.Findings), name)
			case ph > 4.6:
				require.Equal(t, review.Stop, is.Verdict, name)
				require.Empty(t, is.Methods, name)
				require.Contains(t, is.Sentence, "measured over pH 4.6", name)
				require.NotEmpty(t, is.Today(), name)
			default:
				require.Equal(t, was.Verdict, is.Verdict, name)
				require.Equal(t, len(was.Findings)+1, len(is.Findings), name)
			}
		}
	}
}

// The estimate against the library: what a tested procedure calls acid or
// acidified comes out under 4.6 at its usual values, what it calls low-acid over
// it. It says how good the model is, and gates nothing.
func TestEstimateAgreesWithTheLibrary(t *testing.T) {
	agree, all := 0, 0
	var odd []string
	seen := map[string]bool{}
	ownRecipes(t, func(p *procedure.Procedure, r procedure.Row, text string) {
		if seen[p.ID] {
			return
		}
		seen[p.ID] = true
		rec, err := reviewer.Reader().Text(text)
		require.NoError(t, err)
		e := reviewer.Estimate(review.Request{Recipe: rec, Jar: quantity.Jar(r.Jar)}, 0)
		if e.Mid == nil {
			return
		}
		all++
		if (*e.Mid > acidity.Limit) == (p.Acidity == "low-acid") {
			agree++
		} else {
			odd = append(odd, fmt.Sprintf("%s: %s, pH %.2f", p.ID, p.Acidity, *e.Mid))
		}
		// Whatever is kept safe by acid has a chance to be under the line.
		if p.Acidity != "low-acid" {
			require.LessOrEqual(t, *e.Low, acidity.Limit, p.ID)
		}
	})
	t.Logf("%d of %d procedures agree; not: %s", agree, all, strings.Join(odd, "; "))
	require.GreaterOrEqual(t, all, 90)
	require.GreaterOrEqual(t, float64(agree)/float64(all), 0.95)
}
