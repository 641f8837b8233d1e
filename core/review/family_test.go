package review_test

import (
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"damson/core/quantity"
	"damson/core/review"
)

// example is a small recipe with what a review of it must say: the verdict and,
// among the findings, those listed as "code severity". With only set, no other
// change, stop or care may be there.
type example struct {
	name    string
	text    string
	kitchen review.Request
	verdict review.Verdict
	want    []string
	only    bool
}

func low() review.Request {
	return review.Request{Elevation: 300, ElevationGiven: true, Gauge: "weighted"}
}

func in(jar quantity.Jar, pack string) review.Request {
	req := low()
	req.Jar, req.Pack = jar, pack
	return req
}

func check(t *testing.T, list []example) {
	t.Helper()
	for _, c := range list {
		t.Run(c.name, func(t *testing.T) {
			rec, err := reviewer.Reader().Text(c.text)
			require.NoError(t, err)
			req := c.kitchen
			if req.Elevation == 0 && !req.ElevationGiven {
				req = low()
			}
			req.Recipe = rec
			res := reviewer.Review(req)
			assert.Equal(t, c.verdict, res.Verdict, c.text)
			have := map[string]bool{}
			for _, f := range res.Findings {
				have[f.Code+" "+string(f.Severity)] = true
				assert.NotEmpty(t, f.Message, f.Code)
				assert.NotEmpty(t, f.Source, f.Code)
				assert.NotEmpty(t, f.Do, f.Code)
			}
			for _, w := range c.want {
				assert.True(t, have[w], "%s is missing; there are %v\n%s", w, have, c.text)
				delete(have, w)
			}
			if c.only {
				for h := range have {
					assert.Regexp(t, " note$", h, "unexpected\n%s", c.text)
				}
			}
			if res.Verdict != review.Clear {
				assert.Empty(t, res.Methods)
			}
			if res.Verdict == review.Untested || res.Verdict == review.Stop {
				assert.Empty(t, res.After, "no process for what nobody has tested")
			} else {
				assert.NotEmpty(t, append(res.Methods, res.After...), "a covered recipe has its process")
			}
		})
	}
}

const (
	plainBeans = "Green beans\n4 lb green beans, trimmed\nwater\n"
	plainSoup  = "Vegetable soup\n3 cups carrots, peeled and sliced\n3 cups potatoes, peeled and diced\n10 cups chicken broth\nFill jars half full of solids.\n"
	plainPeach = "Peaches\n10 lb peaches, peeled and halved\n6 cups water\n"
	plainSalsa = "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, chopped\n5 cups onions, chopped\n1/2 cup jalapeños, chopped\n6 cloves garlic\n2 Tbsp salt\n"
	plainDilly = "Dilly beans\n4 lb green beans\n4 cups water\n8 heads dill\n1/2 cup canning salt\n"
	plainJam   = "Strawberry jam\n5 1/2 cups crushed strawberries\n"
	plainTom   = "Whole tomatoes\n20 lb tomatoes, peeled\nwater\n"
)

// The tested exceptions hold for the whole recipe, and not beyond it.
func TestTestedExceptions(t *testing.T) {
	relish := "Corn relish\n10 cups whole kernel corn\n2 1/2 cups red bell pepper, diced\n2 1/2 cups green bell pepper, diced\n2 1/2 cups celery, chopped\n1 1/4 cups onions, diced\n1 3/4 cups sugar\n5 cups vinegar (5%)\n"
	pie := "Apple pie filling\n6 quarts apples, peeled and sliced\n5 1/2 cups sugar\n2 1/2 cups water\n5 cups apple juice\n3/4 cup bottled lemon juice\n"
	rings := "Pickled jalapeño rings\n3 lb jalapeños\n1 1/2 cups pickling lime\n7 1/2 cups cider vinegar (5%)\n1 3/4 cups water\n"
	kraut := "Sauerkraut\n5 lb cabbage, shredded\n"
	curd := "Lemon curd\n2 1/2 cups superfine sugar\n1 cup bottled lemon juice\n3/4 cup butter\n7 egg yolks\n4 eggs\n"
	check(t, []example{
		{name: "flour in corn relish", text: relish + "1/4 cup flour", verdict: "clear", want: []string{}, only: true},
		{name: "more flour", text: relish + "1 cup flour", verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "flour not measured", text: relish + "some flour", verdict: "change", want: []string{"unclear-amount change"}},
		{name: "corn starch in corn relish", text: relish + "1/4 cup cornstarch", verdict: "change", want: []string{"thickener change"}},
		{name: "cook-type starch in pie filling", text: pie + "1 1/2 cups cook type modified starch", verdict: "clear", only: true},
		{name: "no starch in pie filling", text: pie, verdict: "clear", only: true},
		{name: "instant starch in pie filling", text: pie + "1 1/2 cups instant starch", verdict: "change", want: []string{"thickener change"}},
		{name: "corn starch in pie filling", text: pie + "1 1/2 cups cornstarch", verdict: "change", want: []string{"thickener change"}},
		{name: "another fruit as pie filling", text: strings.ReplaceAll(strings.Replace(pie, "Apple pie", "Plum pie", 1), "apples, peeled", "plums, pitted") + "1 1/2 cups cook type modified starch", verdict: "untested"},
		{name: "lime rinsed out", text: rings + "Soak the rings in lime water, drain and rinse three times.\nPack raw in pints.", verdict: "clear", only: true},
		{name: "lime left in", text: rings + "Soak the rings in lime water overnight.\nPack raw in pints.", verdict: "change", want: []string{"base-added change"}, only: true},
		{name: "kraut", text: kraut + "3 Tbsp canning salt\nFerment 3 to 4 weeks.", verdict: "clear", only: true},
		{name: "kraut, salt cut", text: kraut + "1 Tbsp canning salt\nFerment 3 to 4 weeks.", verdict: "change", want: []string{"proportion change"}, only: true},
		{name: "kraut without salt", text: kraut + "Ferment 3 to 4 weeks.", verdict: "change", want: []string{"omission change"}, only: true},
		{name: "lemon curd", text: curd, kitchen: in("half-pint", "hot"), verdict: "clear", only: true},
		{name: "lemon curd, fresh juice", text: strings.Replace(curd, "bottled lemon", "lemon", 1), kitchen: in("half-pint", "hot"), verdict: "change", want: []string{"fresh-citrus change"}},
		{name: "lemon curd in pints", text: curd, kitchen: in("pint", "hot"), verdict: "change", want: []string{"jar-size change"}},
		{name: "more eggs", text: curd + "6 eggs", kitchen: in("half-pint", "hot"), verdict: "change"},
		{name: "bacon cube in baked beans", text: "Baked beans\n3 lb navy beans, soaked\n4 cups water\n3 Tbsp molasses\n7 pieces of bacon", verdict: "clear"},
		{name: "a pound of bacon in baked beans", text: "Baked beans\n3 lb navy beans, soaked\n4 cups water\n3 Tbsp molasses\n1 lb bacon", verdict: "change"},
	})
}

// A food without what marks it is another product: it does not slip in under a
// procedure that takes no acid, or a shorter time.
func TestNoSlippingIn(t *testing.T) {
	check(t, []example{
		{name: "okra left out", text: "Tomatoes with okra\n12 lb tomatoes, peeled\nPack hot in pints.", verdict: "untested"},
		{name: "zucchini as mixed vegetables", text: "Mixed vegetables\n10 cups zucchini, diced\nwater\nPack hot in pints.", verdict: "stop"},
		{name: "carrots and zucchini", text: "Mixed vegetables\n6 cups carrots, peeled and sliced\n4 cups zucchini, diced\nwater\nPack hot in pints.", verdict: "clear"},
		{name: "mostly zucchini", text: "Mixed vegetables\n3 cups carrots, peeled and sliced\n8 cups zucchini, diced\nwater\nPack hot in pints.", verdict: "stop"},
		{name: "spaghetti sauce of tomatoes alone", text: "Spaghetti sauce\n30 lb tomatoes, peeled\nPut through a food mill.\nPack hot in pints.", verdict: "change", want: []string{"no-acid-added change"}},
		{name: "half a fruit cocktail", text: "Fruit cocktail\n3 lb peaches, peeled\nwater\nPack raw in pints.", verdict: "clear"},
		{name: "plain apples are no spiced rings", text: "Apples\n12 lb apples, peeled and sliced\n6 cups water\n12 cups sugar\nBoil 5 minutes.\nPack hot in pints.\nProcess 10 minutes in a water bath.", verdict: "change", want: []string{"process-short change"}},
		{name: "hot peppers by the bell peppers' row", text: "Pickled hot peppers\n7 lb hot peppers\n3 cups vinegar (5%)\n3 cups water\n3 1/2 cups sugar\nPack hot in pints.\nProcess 5 minutes in a water bath.", verdict: "change"},
		{name: "meat sauce blended", text: "Spaghetti sauce with meat\n30 lb tomatoes, peeled\n2 1/2 lb ground beef\n1 cup onions, chopped\nBrown the beef.\nPuree everything.\nPack hot in pints.", verdict: "change", want: []string{"puree change"}},
		{name: "more in the method than in the list", text: plainSalsa + "2 cups bottled lime juice\nAdd 12 cups of onions.", verdict: "change"},
	})
}

// Catalogue D: dairy, eggs, cereals; T: thickeners; M: fat and meat; V: foods
// without a process.
func TestNeverFamily(t *testing.T) {
	check(t, []example{
		{name: "milk", text: plainSoup + "2 cups whole milk", verdict: "change", want: []string{"dairy change"}, only: true},
		{name: "half and half", text: plainSoup + "1 cup half-and-half", verdict: "change", want: []string{"dairy change"}, only: true},
		{name: "unknown cheese", text: plainSoup + "1 cup pepper jack cheese", verdict: "change", want: []string{"dairy change"}},
		{name: "butter is dairy and fat", text: plainSoup + "2 Tbsp butter", verdict: "change", want: []string{"dairy change", "fat change"}, only: true},
		{name: "cream to serve", text: plainSoup + "cream, to serve", verdict: "clear", want: []string{"dairy note"}, only: true},
		{name: "cream when opened", text: plainSoup + "1 cup cream\nWhen you open the jar, stir in the cream.", verdict: "clear", want: []string{"dairy note"}, only: true},
		{name: "cream at the end", text: plainSoup + "1 cup cream\nStir in the cream at the end.", verdict: "change", want: []string{"dairy change"}},
		{name: "cream in the method only", text: plainSoup + "Stir in a cup of cream.", verdict: "change", want: []string{"dairy change"}},
		{name: "cream listed to serve, cooked in", text: plainSoup + "1 cup cream, to serve\nStir in the cream and simmer.", verdict: "change", want: []string{"dairy change"}},
		{name: "eggs", text: plainSoup + "3 eggs", verdict: "change", want: []string{"egg change"}, only: true},
		{name: "flour", text: plainSoup + "3 Tbsp flour", verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "gelatine", text: plainPeach + "1 Tbsp gelatin", verdict: "change", want: []string{"thickener change"}},
		{name: "gravy mix hides starch", text: plainSoup + "1 packet gravy mix", verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "cream soup hides both", text: plainSoup + "1 can cream of mushroom soup", verdict: "change", want: []string{"thickener change", "dairy change"}, only: true},
		{name: "bouillon not known", text: plainSoup + "2 bouillon cubes", verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "bouillon free of starch", text: plainSoup + "2 bouillon cubes, starch-free", verdict: "clear", want: []string{}, only: true},
		{name: "sausage may hold rusk", text: "Sausage\n5 lb fresh sausage, browned\nbroth", kitchen: in("pint", "hot"), verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "floured meat", text: "Beef\n5 lb beef, cubed and floured\nbroth", kitchen: in("pint", "hot"), verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "thickened in the method", text: plainSoup + "Thicken with a slurry.", verdict: "change", want: []string{"thickener change"}, only: true},
		{name: "thickened when opened", text: plainSoup + "When you open the jar, thicken with flour.", verdict: "clear", only: true},
		{name: "powdered sugar", text: plainPeach + "2 cups powdered sugar", verdict: "change", want: []string{"thickener change"}},
		{name: "noodles", text: plainSoup + "2 cups egg noodles", verdict: "change", want: []string{"starch-solid change"}, only: true},
		{name: "rice to serve", text: plainSoup + "cooked rice, to serve", verdict: "clear", want: []string{"starch-solid note"}, only: true},
		{name: "walnuts", text: plainPeach + "1 cup walnuts", verdict: "change", want: []string{"nut change"}},
		{name: "oil", text: plainSoup + "2 Tbsp olive oil", verdict: "change", want: []string{"fat change"}, only: true},
		{name: "fried", text: plainSoup + "Fry the potatoes first.", verdict: "change", want: []string{"fat change"}, only: true},
		{name: "softened dry", text: plainSoup + "Sauté the carrots in a dry pan.", verdict: "clear", only: true},
		{name: "bacon", text: plainBeans + "4 slices bacon", verdict: "change", want: []string{"cured-meat change"}, only: true},
		{name: "smoked turkey", text: plainSoup + "1 lb smoked turkey", verdict: "change", want: []string{"cured-meat change"}, only: true},
		{name: "ham alone", text: "Ham\n5 lb ham, cubed\nwater", verdict: "stop", want: []string{"cured-meat stop"}},
		{name: "cabbage in soup", text: plainSoup + "2 cups cabbage, chopped", verdict: "change", want: []string{"not-recommended-food change"}, only: true},
		{name: "cabbage alone", text: "Cabbage\n5 lb cabbage\nwater", verdict: "stop", want: []string{"not-recommended-food stop"}},
		{name: "courgettes alone", text: "Courgettes\n5 lb courgettes\nwater", verdict: "stop", want: []string{"not-recommended-food stop"}},
		{name: "eggplant", text: "Aubergine\n5 lb aubergine, cubed\nwater", verdict: "stop", want: []string{"not-recommended-food stop"}},
		{name: "wild mushrooms", text: "Chanterelles\n2 lb chanterelles\nwater", verdict: "stop", want: []string{"not-recommended-food stop"}},
		{name: "banana", text: "Bananas\n5 lb bananas\nwater\n1 cup sugar", verdict: "stop", want: []string{"low-acid-fruit stop"}},
		{name: "white nectarines", text: "Nectarines\n5 lb white nectarines\nwater", verdict: "stop", want: []string{"low-acid-fruit stop"}},
		{name: "yellow nectarines", text: "Nectarines\n5 lb nectarines, peeled\nwater", verdict: "clear", only: true},
		{name: "garlic in oil", text: "Garlic in oil\n2 cups garlic cloves\n2 cups olive oil", verdict: "stop", want: []string{"oil-pack stop", "fat change"}},
		{name: "shrimp in salsa", text: plainSalsa + "2 cups bottled lime juice\n1 lb shrimp", verdict: "change", want: []string{"seafood-mix change"}},
		{name: "smoked fish in soup", text: plainSoup + "1 lb smoked salmon", verdict: "change", want: []string{"seafood-mix change"}},
		{name: "fish soup is 100 minutes", text: plainSoup + "1 lb cod, boned", kitchen: in("quart", ""), verdict: "clear", want: []string{"seafood-mix care"}, only: true},
		{name: "coconut milk", text: plainSoup + "1 can coconut milk", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "tofu", text: plainSoup + "1 cup tofu", verdict: "change", want: []string{"not-recommended-food change"}, only: true},
		{name: "aspirin", text: plainBeans + "1 aspirin per quart", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "baking soda", text: plainDilly + "4 cups vinegar (5%)\n1 tsp baking soda", verdict: "change", want: []string{"base-added change"}, only: true},
	})
}

// Catalogue T and K: puree, skins, soaking, pieces.
func TestFormFamily(t *testing.T) {
	check(t, []example{
		{name: "pureed line", text: plainSoup + "1 cup peas, pureed", verdict: "change", want: []string{"puree change"}, only: true},
		{name: "blended", text: plainSoup + "Blend with a stick blender.", verdict: "change", want: []string{"puree change"}, only: true},
		{name: "blended when opened", text: plainSoup + "When you open the jar, blend until smooth.", verdict: "clear", only: true},
		{name: "do not puree", text: plainSoup + "Do not puree.", verdict: "clear", only: true},
		{name: "refried beans", text: "Refried beans\n5 lb refried beans\nwater", verdict: "stop", want: []string{"puree stop"}},
		{name: "split peas", text: "Split pea soup\n3 cups split peas\n8 cups water", verdict: "stop", want: []string{"puree stop"}},
		{name: "whole dried peas keep their shape", text: "Pea soup\n3 cups dried whole peas, soaked\n2 cups carrots, peeled\n10 cups broth\nFill jars half full of solids.", kitchen: in("pint", ""), verdict: "clear", want: []string{"process-short care"}, only: true},
		{name: "potatoes mashed", text: "Potatoes\n10 lb potatoes, peeled and mashed\nwater", verdict: "change", want: []string{"puree change"}},
		{name: "pumpkin cubes", text: "Pumpkin\n10 lb pumpkin, peeled, cubed\nwater", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "pumpkin mashed in the method", text: "Pumpkin\n10 lb pumpkin, peeled, cubed\nwater\nCook and mash, then fill pints.", verdict: "change", want: []string{"squash-mash change"}},
		{name: "sweet potato butter", text: "Sweet potato butter\n4 lb sweet potatoes\n2 cups sugar", verdict: "stop", want: []string{"squash-mash stop"}},
		{name: "new potatoes with skins", text: "Potatoes\n10 lb new potatoes, skins on\nwater", kitchen: in("pint", "hot"), verdict: "change", want: []string{"unpeeled-root change"}, only: true},
		{name: "no need to peel", text: "Carrots\n10 lb carrots, sliced\nwater\nNo need to peel.", kitchen: in("pint", "hot"), verdict: "change", want: []string{"unpeeled-root change"}, only: true},
		{name: "scrubbed then peeled", text: "Carrots\n10 lb carrots, sliced\nwater\nScrub and peel the carrots.", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "beets, skins slipped", text: "Beets\n7 lb beets\nwater\nBoil and slip the skins off.", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "roots in soup not said", text: "Soup\n3 cups carrots, sliced\n3 cups peas\n10 cups broth\nFill jars half full of solids.", verdict: "clear", want: []string{"unpeeled-root care"}, only: true},
		{name: "tomato skins", text: "Tomatoes\n20 lb tomatoes, unpeeled\n2 Tbsp bottled lemon juice per quart\nwater", verdict: "change", want: []string{"tomato-skin change"}, only: true},
		{name: "tomato peeling not said", text: "Tomatoes\n20 lb tomatoes\n2 Tbsp bottled lemon juice per quart\nwater", verdict: "clear", want: []string{"tomato-skin care"}, only: true},
		{name: "beans soaked", text: "Beans\n5 lb dried pinto beans, soaked\nwater", verdict: "clear", only: true},
		{name: "soaking not said", text: "Beans\n5 lb dried pinto beans\nwater", verdict: "clear", want: []string{"dry-legume-unsoaked care"}, only: true},
		{name: "no soak", text: "Beans\n5 lb dried pinto beans, no soak\nwater", verdict: "change", want: []string{"dry-legume-unsoaked change"}, only: true},
		{name: "canned beans in soup", text: plainSoup + "1 (15 oz) can cannellini beans, drained", verdict: "clear", only: false},
		{name: "canned beans canned again", text: "Beans\n6 (15 oz) cans black beans, drained, canned\nwater", verdict: "change", want: []string{"substitution change"}},
		{name: "grated carrots", text: "Carrots\n10 lb carrots, peeled and grated\nwater", verdict: "change", want: []string{"piece-size change"}, only: true},
		{name: "roasted beets", text: "Beets\n7 lb beets, peeled, roasted\nwater", verdict: "change", want: []string{"piece-size change"}, only: true},
		{name: "blistered peppers", text: "Peppers\n4 lb bell peppers, blistered and peeled\nwater", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "crushed in the method", text: plainTom + "2 Tbsp bottled lemon juice per quart\nCrush the tomatoes.", verdict: "change", want: []string{"piece-size change"}},
		{name: "crushed garlic is fine", text: plainSalsa + "2 cups bottled lime juice\nCrush the garlic.", kitchen: in("pint", ""), verdict: "clear", only: true},
		{name: "frost-killed", text: plainTom + "2 Tbsp bottled lemon juice per quart\nUse tomatoes from dead vines.", verdict: "change", want: []string{"piece-size change"}},
		{name: "throw the mouldy ones away", text: plainTom + "2 Tbsp bottled lemon juice per quart\nDiscard mouldy fruit.", verdict: "clear", only: true},
		{name: "cooked down", text: plainSoup + "Simmer until thick.", verdict: "change", want: []string{"thick-sauce change"}, only: true},
		{name: "reduce the heat", text: plainSoup + "Reduce the heat and simmer 5 minutes.", verdict: "clear", only: true},
		{name: "apple butter cooks down", text: "Apple butter\n8 lb apples\n2 cups cider\n2 cups vinegar (5%)\n4 1/2 cups sugar\nCook until thick.", kitchen: in("pint", ""), verdict: "clear", only: true},
	})
}

// Catalogue C, A, P: the acid that makes it safe.
func TestAcidFamily(t *testing.T) {
	check(t, []example{
		{name: "salsa without acid", text: plainSalsa, verdict: "change", want: []string{"no-acid-added change"}, only: true},
		{name: "salsa, half the acid", text: plainSalsa + "1 cup bottled lime juice", verdict: "change", want: []string{"acid-short change"}, only: true},
		{name: "salsa, more acid", text: plainSalsa + "2 1/2 cups bottled lime juice", verdict: "clear", only: true},
		{name: "salsa, lemon and lime together", text: plainSalsa + "1 cup bottled lime juice\n1 cup bottled lemon juice", verdict: "clear", only: true},
		{name: "salsa, fresh lime", text: plainSalsa + "2 cups lime juice", verdict: "change", want: []string{"fresh-citrus change"}, only: true},
		{name: "salsa, limes by count", text: plainSalsa + "juice of 6 limes", verdict: "change", want: []string{"fresh-citrus change", "acid-short change"}, only: true},
		{name: "salsa, vinegar for lemon", text: plainSalsa + "2 cups vinegar (5%)", verdict: "change", want: []string{"acid-swap change"}, only: true},
		{name: "salsa, vinegar beside", text: plainSalsa + "2 cups bottled lime juice\n1/2 cup vinegar (5%)", verdict: "clear", want: []string{"acid-swap note"}, only: true},
		{name: "salsa, a splash of it", text: plainSalsa + "a splash of bottled lime juice", verdict: "change", want: []string{"unclear-amount change"}, only: true},
		{name: "salsa, a range counts by its least", text: plainSalsa + "1 to 2 cups bottled lime juice", verdict: "change", want: []string{"acid-short change"}, only: true},
		{name: "dilly, 5 percent", text: plainDilly + "4 cups vinegar (5%)", verdict: "clear", only: true},
		{name: "dilly, strength not said", text: plainDilly + "4 cups white vinegar", verdict: "clear", want: []string{"weak-vinegar care"}, only: true},
		{name: "dilly, 4 percent", text: plainDilly + "4 cups vinegar, 4 %", verdict: "change", want: []string{"weak-vinegar change"}, only: true},
		{name: "dilly, 7 percent", text: plainDilly + "4 cups vinegar, 7 %", verdict: "clear", only: true},
		{name: "dilly, rice vinegar", text: plainDilly + "4 cups rice vinegar", verdict: "change", want: []string{"weak-vinegar change"}, only: true},
		{name: "dilly, homemade", text: plainDilly + "4 cups homemade vinegar", verdict: "change", want: []string{"weak-vinegar change"}, only: true},
		{name: "dilly, lemon for vinegar", text: plainDilly + "4 cups bottled lemon juice", verdict: "change", want: []string{"acid-swap change"}, only: true},
		{name: "dilly, three cups", text: plainDilly + "3 cups vinegar (5%)", verdict: "change", want: []string{"acid-short change"}},
		{name: "dilly, no vinegar", text: plainDilly, verdict: "change", want: []string{"no-acid-added change"}},
		{name: "dilly, watered", text: "Dilly beans\n4 lb green beans\n4 cups vinegar (5%)\n6 cups water\n8 heads dill", verdict: "change", want: []string{"acid-diluted change"}, only: true},
		{name: "dilly, less water", text: "Dilly beans\n4 lb green beans\n4 cups vinegar (5%)\n2 cups water\n8 heads dill", verdict: "clear", only: true},
		{name: "dilly, water to cover", text: "Dilly beans\n4 lb green beans\n4 cups vinegar (5%)\nwater to cover", verdict: "change", want: []string{"unclear-amount change"}, only: true},
		{name: "salsa with water", text: plainSalsa + "2 cups bottled lime juice\n2 cups water", verdict: "change", want: []string{"acid-diluted change"}, only: true},
		{name: "tomatoes, citric acid", text: plainTom + "1/2 tsp citric acid per quart", verdict: "clear", only: true},
		{name: "tomatoes, citric acid, pint dose", text: plainTom + "1/4 tsp citric acid per quart", verdict: "change", want: []string{"acid-short change"}, only: true},
		{name: "tomatoes, vinegar dose", text: plainTom + "4 Tbsp vinegar (5%) per quart", verdict: "clear", only: true},
		{name: "tomatoes, lemon per pint", text: plainTom + "1 Tbsp bottled lemon juice per pint", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "tomatoes, pint dose into quarts", text: plainTom + "1 Tbsp bottled lemon juice per pint", kitchen: in("quart", "hot"), verdict: "change", want: []string{"acid-short change"}, only: true},
		{name: "tomatoes, no dose", text: plainTom + "bottled lemon juice", verdict: "change", want: []string{"unclear-amount change"}, only: true},
		{name: "tomatoes, one dose for all", text: plainTom + "1/2 cup bottled lemon juice", verdict: "change", want: []string{"acid-short change"}, only: true},
		{name: "tomatoes, dose in the method", text: plainTom + "bottled lemon juice\nAdd 2 tablespoons bottled lemon juice to each quart jar.", verdict: "clear", only: true},
		{name: "tomatoes, fresh lemon", text: plainTom + "2 Tbsp lemon juice per quart", verdict: "change", want: []string{"fresh-citrus change"}, only: true},
		{name: "tomatoes, vitamin C", text: plainTom + "1 tsp ascorbic acid per quart", verdict: "change", want: []string{"no-acid-added change"}},
		{name: "heirlooms", text: plainTom + "2 Tbsp bottled lemon juice per quart\nHeirloom tomatoes need no acid.", verdict: "clear", want: []string{"variety-myth care"}, only: true},
		{name: "soup with lemon is flavour", text: plainSoup + "1/4 cup lemon juice", verdict: "clear", want: []string{"fresh-citrus note"}, only: true},
		{name: "soup with weak vinegar is flavour", text: plainSoup + "2 Tbsp balsamic vinegar", verdict: "clear", want: []string{"weak-vinegar note"}, only: true},
		{name: "beans with vinegar is flavour", text: plainBeans + "1 Tbsp vinegar", kitchen: in("pint", "raw"), verdict: "clear", want: []string{"acid-swap note"}, only: true},
		{name: "peaches with lemon", text: plainPeach + "2 Tbsp bottled lemon juice", kitchen: in("pint", "hot"), verdict: "clear", want: []string{"acid-swap note"}, only: true},
	})
}

// Catalogue P, S, J: what was added, grown, swapped, left out.
func TestProportionFamily(t *testing.T) {
	acid := "2 cups bottled lime juice\n"
	check(t, []example{
		{name: "as tested", text: plainSalsa + acid, kitchen: in("pint", ""), verdict: "clear", only: true},
		{name: "half a batch", text: "Tomato salsa\n14 cups paste tomatoes, peeled, chopped\n2 cups green chiles, chopped\n2 1/2 cups onions, chopped\n1/4 cup jalapeños, chopped\n3 cloves garlic\n1 cup bottled lime juice", verdict: "clear", only: true},
		{name: "fewer onions", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n4 cups green chiles, chopped\n2 cups onions, chopped\n" + acid, verdict: "clear", want: []string{"omission note"}, only: true},
		{name: "any pepper for any", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n4 1/2 cups bell peppers, chopped\n5 cups onions, chopped\n" + acid, verdict: "clear", want: []string{"substitution note"}, only: true},
		{name: "more peppers", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n6 cups bell peppers, chopped\n5 cups onions, chopped\n" + acid, verdict: "change", want: []string{"low-acid-increase change"}, only: true},
		{name: "peppers for onions", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n8 cups bell peppers, chopped\n1 cup onions, chopped\n" + acid, verdict: "change", want: []string{"low-acid-increase change"}, only: true},
		{name: "twice the garlic", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n4 cups green chiles, chopped\n5 cups onions, chopped\n12 cloves garlic\n" + acid, verdict: "change", want: []string{"low-acid-increase change"}, only: true},
		{name: "a head of garlic", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n5 cups onions, chopped\n1 head garlic\n" + acid, verdict: "change", want: []string{"low-acid-increase change"}, only: true},
		{name: "some onions", text: "Tomato salsa\n7 quarts paste tomatoes, peeled, chopped\n4 cups green chiles, chopped\n3 cups onions, chopped\nsome red onions\n" + acid, verdict: "change", want: []string{"unclear-amount change"}, only: true},
		{name: "tomatoes without amount", text: "Tomato salsa\npaste tomatoes, peeled, chopped\n4 cups green chiles, chopped\n5 cups onions, chopped\n" + acid, verdict: "untested"},
		{name: "scallions are no bulb onions", text: plainSalsa + acid + "1 cup scallions", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "corn", text: plainSalsa + acid + "1 cup corn", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "avocado", text: plainSalsa + acid + "1 cup avocado", verdict: "change", want: []string{"low-acid-fruit change"}, only: true},
		{name: "fresh basil", text: plainSalsa + acid + "1/2 cup fresh basil, chopped", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "dried basil", text: plainSalsa + acid + "1 Tbsp dried basil", verdict: "clear", want: []string{"seasoning-change note"}, only: true},
		{name: "tomato paste", text: plainSalsa + acid + "1 cup tomato paste", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "choice salsa mixes freely", text: "Choice salsa\n6 cups tomatoes, peeled, chopped\n8 cups onions, chopped\n1 cup peppers, chopped\n1 1/2 cups bottled lemon juice", verdict: "clear", only: true},
		{name: "choice salsa, ten cups", text: "Choice salsa\n6 cups tomatoes, peeled, chopped\n5 cups onions, chopped\n5 cups peppers, chopped\n1 1/2 cups bottled lemon juice", verdict: "change", want: []string{"low-acid-increase change"}, only: true},
		{name: "spice in a plain pack", text: plainBeans + "1 tsp black pepper", kitchen: in("pint", "raw"), verdict: "clear", want: []string{"seasoning-change note"}, only: true},
		{name: "spice that thickens", text: plainSoup + "2 cups chili powder", verdict: "change", want: []string{"seasoning-change change"}, only: true},
		{name: "garlic clove in beans", text: plainBeans + "4 cloves garlic", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "no salt is fine", text: plainBeans, kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "honey in peaches", text: plainPeach + "1 cup honey", kitchen: in("pint", "hot"), verdict: "clear", want: []string{"sugar-change note"}, only: true},
		{name: "peaches in juice", text: "Peaches\n10 lb peaches, peeled\n6 cups white grape juice", kitchen: in("pint", "hot"), verdict: "clear", only: true},
		{name: "peaches with raspberries", text: plainPeach + "2 cups raspberries", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "no covering liquid", text: "Green beans\n4 lb green beans", verdict: "change", want: []string{"omission change"}, only: true},
		{name: "liquid in the method", text: "Green beans\n4 lb green beans\nPack raw into pints and cover with boiling water.", verdict: "clear", only: true},
		{name: "raw chicken needs none", text: "Chicken\n10 lb chicken, boned", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "jam as tested", text: plainJam + "1 package powdered pectin\n8 cups sugar", verdict: "clear", only: true},
		{name: "jam, less sugar", text: plainJam + "1 package powdered pectin\n5 cups sugar", verdict: "change", want: []string{"sugar-change change"}, only: true},
		{name: "jam, more sugar", text: plainJam + "1 package powdered pectin\n9 cups sugar", verdict: "clear", want: []string{"sugar-change note"}, only: true},
		{name: "jam without pectin is the long-boil jam", text: plainJam + "8 cups sugar", verdict: "clear", want: []string{"sugar-change note"}, only: true},
		{name: "jam, low-sugar pectin", text: plainJam + "1 package low sugar pectin\n8 cups sugar", verdict: "change", want: []string{"proportion change"}, only: true},
		{name: "jam, double batch", text: "Strawberry jam\n11 cups crushed strawberries\n2 packages powdered pectin\n16 cups sugar", verdict: "change", want: []string{"batch-size change"}},
		{name: "jam, butter against foam", text: plainJam + "1 package powdered pectin\n8 cups sugar\n1/2 tsp butter", verdict: "clear", want: []string{"dairy note"}, only: true},
		{name: "jam, a knob of butter", text: plainJam + "1 package powdered pectin\n8 cups sugar\na knob of butter", verdict: "change", want: []string{"unclear-amount change", "fat change"}, only: true},
		{name: "unknown food", text: plainBeans + "1 cup wozzle", verdict: "change", want: []string{"unknown-ingredient change"}, only: true},
		{name: "unknown words behind a food", text: "Green beans\n4 lb green beans drenched in wozzle\nwater", verdict: "untested"},
		{name: "a line without food", text: plainBeans + "2 cups", verdict: "change", want: []string{"unknown-ingredient change"}, only: true},
		{name: "butter or lard", text: plainBeans + "1 Tbsp butter or lard", verdict: "change", want: []string{"dairy change", "fat change"}, only: true},
		{name: "unknown main food", text: "Wozzle\n4 lb wozzle\nwater", verdict: "untested"},
	})
}
