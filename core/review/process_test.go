package review_test

import (
	"encoding/json"
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/procedure"
	"damson/core/review"
)

// Catalogue E, K, L: method, minutes, pounds, jar, pack, lids, cooling.
func TestProcessFamily(t *testing.T) {
	at := func(feet int, gauge string) review.Request {
		return review.Request{Elevation: feet, ElevationGiven: true, Gauge: gauge}
	}
	flag := func(f func(*review.Request)) review.Request {
		req := low()
		f(&req)
		return req
	}
	check(t, []example{
		{name: "ten pounds weighted", text: plainBeans + "Process pints 20 minutes at 10 pounds.", verdict: "clear", only: true},
		{name: "ten pounds on a dial", text: plainBeans + "Process pints 20 minutes at 10 pounds.", kitchen: at(300, "dial"), verdict: "change", want: []string{"pressure-low change"}, only: true},
		{name: "ten pounds weighted, higher up", text: plainBeans + "Process pints 20 minutes at 10 pounds.", kitchen: at(5240, "weighted"), verdict: "change", want: []string{"altitude change", "pressure-low change"}, only: true},
		{name: "fifteen pounds", text: plainBeans + "Process pints 20 minutes at 15 pounds.", verdict: "clear", want: []string{"pressure-high note"}, only: true},
		{name: "forty minutes", text: plainBeans + "Process pints 40 minutes at 10 pounds.", verdict: "clear", want: []string{"process-long note"}, only: true},
		{name: "pints' time for quarts", text: plainBeans + "Process quarts 20 minutes at 10 pounds.", verdict: "change", want: []string{"process-short change"}, only: true},
		{name: "one time, jar not said", text: plainBeans + "Process 20 minutes at 10 pounds.", verdict: "change", want: []string{"process-short change"}, only: true},
		{name: "a time for each jar", text: plainBeans + "Process pints 20 minutes and quarts 25 minutes at 10 pounds.", verdict: "clear", only: true},
		{name: "a short time for one jar", text: plainBeans + "Process pints 20 minutes and quarts 20 minutes at 10 pounds.", verdict: "change", want: []string{"process-short change"}, only: true},
		{name: "sea-level water bath", text: plainPeach + "Hot pack. Process quarts 25 minutes in a water bath.", kitchen: at(5240, ""), verdict: "change", want: []string{"altitude change", "process-short change"}, only: true},
		{name: "minutes by flag", text: plainPeach, kitchen: flag(func(r *review.Request) { r.Jar, r.Pack, r.Method, r.Minutes = "quart", "hot", "water-bath", 10 }), verdict: "change", want: []string{"process-short change"}, only: true},
		{name: "a flag wins over the text", text: plainBeans + "Process pints 5 minutes at 10 pounds.", kitchen: flag(func(r *review.Request) { r.Minutes = 20 }), verdict: "clear", only: true},
		{name: "water bath by flag", text: plainBeans, kitchen: flag(func(r *review.Request) { r.Method = "water-bath" }), verdict: "change", want: []string{"low-acid-in-water-bath change"}, only: true},
		{name: "steam for beans", text: plainBeans + "Process pints in a steam canner.", verdict: "change", want: []string{"low-acid-in-water-bath change"}, only: true},
		{name: "steam for peaches", text: plainPeach + "Hot pack in pints, steam canner, 20 minutes.", verdict: "clear", only: true},
		{name: "steam past 45 minutes", text: "Tomatoes\n20 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\nPack raw without liquid in quarts. Process in a steam canner.", verdict: "change", want: []string{"steam-limit change"}},
		{name: "pressure for jam", text: plainJam + "1 package powdered pectin\n8 cups sugar\nPressure can at 5 pounds.", verdict: "change", want: []string{"method-mismatch change"}},
		{name: "raw soup", text: plainSoup, kitchen: in("", "raw"), verdict: "change", want: []string{"pack-style change"}, only: true},
		{name: "raw potatoes", text: "Potatoes\n10 lb potatoes, peeled\nwater", kitchen: in("pint", "raw"), verdict: "change", want: []string{"pack-style change"}, only: true},
		{name: "raw ground beef", text: "Ground beef\n5 lb ground beef\nbroth", kitchen: in("pint", "raw"), verdict: "change", want: []string{"pack-style change"}, only: true},
		{name: "frozen fruit raw", text: "Peaches\n10 lb frozen peaches, peeled\nwater", kitchen: in("pint", "raw"), verdict: "change", want: []string{"pack-style change"}, only: true},
		{name: "quarts of mushrooms", text: "Mushrooms\n5 lb mushrooms\nwater", kitchen: in("quart", ""), verdict: "change", want: []string{"jar-size change"}, only: true},
		{name: "half-gallon of salsa", text: plainSalsa + "2 cups bottled lime juice", kitchen: in("half-gallon", ""), verdict: "change", want: []string{"jar-size change"}, only: true},
		{name: "gallon jars", text: plainBeans + "Fill gallon jars.", verdict: "change", want: []string{"jar-size change"}, only: true},
		{name: "a half-pint takes the pint's time", text: plainBeans, kitchen: in("half-pint", "raw"), verdict: "clear", want: []string{"jar-size note"}, only: true},
		{name: "soup with peppers in quarts", text: plainSoup + "1 cup bell pepper, chopped", kitchen: in("quart", ""), verdict: "change", want: []string{"jar-size change"}, only: true},
		{name: "headspace", text: plainBeans + "Leave 1/2 inch headspace.", kitchen: in("pint", "raw"), verdict: "clear", want: []string{"headspace care"}, only: true},
		{name: "headspace as tested", text: plainBeans + "Leave 1 inch headspace.", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "vent five minutes", text: plainBeans + "Vent the canner 5 minutes.", kitchen: in("pint", "raw"), verdict: "change", want: []string{"vent change"}},
		{name: "vent ten minutes", text: plainBeans + "Vent the canner 10 minutes, then process 20 minutes at 10 pounds.", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "turned over", text: plainPeach + "Hot pack, lids on, invert the jars.", verdict: "change", want: []string{"open-kettle change"}, only: true},
		{name: "left to seal", text: plainPeach + "Fill hot jars and let them seal.", verdict: "change", want: []string{"open-kettle change"}, only: true},
		{name: "seals after a process", text: plainPeach + "Hot pack in pints, process 20 minutes in a water bath. Lids will seal as they cool.", verdict: "clear", only: true},
		{name: "oven", text: plainPeach + "Process in the oven for an hour.", verdict: "change", want: []string{"oven change"}},
		{name: "oven roasts, then it is no finding", text: "Peppers\n4 lb bell peppers, peeled\nwater\nBlister the peppers in a hot oven and peel. Pack hot in pints.", verdict: "clear", only: true},
		{name: "dishwasher washes", text: plainBeans + "Wash the jars in the dishwasher.", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "dishwasher processes", text: plainPeach + "Process the filled jars in the dishwasher.", verdict: "change", want: []string{"oven change"}, only: true},
		{name: "jars warm in the oven", text: plainPeach + "Keep the jars in the oven until needed.", kitchen: in("pint", "hot"), verdict: "clear", want: []string{"jar-type care"}, only: true},
		{name: "multi-cooker", text: plainBeans + "Process in a multi-cooker.", verdict: "change", want: []string{"cooker-not-canner change"}, only: true},
		{name: "electric pressure canner", text: plainBeans + "Process in an electric pressure canner.", verdict: "change", want: []string{"cooker-not-canner change"}, only: true},
		{name: "a cooker that only cooks", text: "Beans\n5 lb dried pinto beans, soaked\nwater\nCook the beans in a pressure cooker until tender.\nPack hot in pints and process 75 minutes at 10 pounds in a pressure canner.", verdict: "clear", only: true},
		{name: "paraffin", text: plainJam + "1 package powdered pectin\n8 cups sugar\nSeal with paraffin.", verdict: "change", want: []string{"lid change"}, only: true},
		{name: "lids again", text: plainBeans + "Reuse the lids.", verdict: "change", want: []string{"lid change"}, only: true},
		{name: "gasket lids", text: plainBeans + "Use reusable gasket lids.", kitchen: in("pint", "raw"), verdict: "clear", want: []string{"lid care"}, only: true},
		{name: "one-piece lids under pressure", text: plainBeans + "Use one-piece lids.", verdict: "change", want: []string{"lid change"}, only: true},
		{name: "one-piece lids in a bath", text: plainPeach + "Use one-piece lids.", kitchen: in("pint", "hot"), verdict: "clear", want: []string{"lid care"}, only: true},
		{name: "mayonnaise jars under pressure", text: plainBeans + "Use mayonnaise jars.", verdict: "change", want: []string{"jar-type change"}, only: true},
		{name: "wire-bail jars", text: plainPeach + "Use wire bail jars.", verdict: "change", want: []string{"jar-type change"}, only: true},
		{name: "cold water over the canner", text: plainBeans + "Cool the canner under cold water.", verdict: "change", want: []string{"cooling change"}, only: true},
		{name: "beans rinsed under cold water", text: plainBeans + "Rinse the beans under cold water.", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "weight off after zero", text: plainBeans + "When the pressure drops to zero, take the weight off and wait 10 minutes.", kitchen: in("pint", "raw"), verdict: "clear", only: true},
		{name: "heat off early", text: plainBeans + "Turn the heat off early.", verdict: "change", want: []string{"process-short change"}, only: true},
	})
}

// The soup rule: what counts as solids, how much of them, what is in the way.
func TestSoupFamily(t *testing.T) {
	check(t, []example{
		{name: "half solids said", text: plainSoup, kitchen: in("quart", ""), verdict: "clear", only: true},
		{name: "filling not said", text: "Soup\n3 cups carrots, peeled\n3 cups peas\n8 cups broth", verdict: "clear", want: []string{"solids-ratio care"}, only: true},
		{name: "three quarters full", text: "Soup\n3 cups carrots, peeled\n3 cups peas\n8 cups broth\nFill jars three quarters full of solids.", verdict: "change", want: []string{"solids-ratio change"}, only: true},
		{name: "amounts by the jar", text: "Meal in a jar\n1 cup beef, cubed, per quart\n1 cup carrots, peeled, per quart\n1 cup peas per quart\nbroth to cover", verdict: "change", want: []string{"solids-ratio change"}},
		{name: "little by the jar", text: "Meal in a jar\n1/2 cup beef, cubed, per quart\n1/2 cup carrots, peeled, per quart\n1/2 cup peas per quart\nbroth to cover", kitchen: in("pint", ""), verdict: "clear"},
		{name: "no liquid", text: "Stew\n3 cups beef, cubed\n3 cups carrots, peeled", verdict: "change", want: []string{"solids-ratio change"}},
		{name: "onions a half of it", text: "Soup\n2 cups carrots, peeled\n3 cups onions, chopped\n8 cups broth\nFill jars half full of solids.", verdict: "change", want: []string{"proportion change"}, only: true},
		{name: "onions a quarter of it", text: "Soup\n3 cups carrots, peeled\n1 cup onions, chopped\n8 cups broth\nFill jars half full of solids.", verdict: "clear", only: true},
		{name: "kale", text: plainSoup + "1 cup kale", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "sweet potato", text: plainSoup + "1 cup sweet potato, peeled", verdict: "change", want: []string{"added-ingredient change"}},
		{name: "pumpkin pieces", text: plainSoup + "1 cup pumpkin, cubed", verdict: "change", want: []string{"added-ingredient change"}},
		{name: "parsnip", text: plainSoup + "1 cup parsnips, peeled", verdict: "change", want: []string{"added-ingredient change"}},
		{name: "parsnip, peeling not said", text: plainSoup + "1 cup parsnips", verdict: "change", want: []string{"added-ingredient change", "unpeeled-root care"}, only: true},
		{name: "turnip in place of potato", text: "Soup\n3 cups carrots, peeled\n3 cups turnips\n10 cups broth\nFill jars half full of solids.", verdict: "change", want: []string{"added-ingredient change"}},
		{name: "cream-style corn", text: plainSoup + "1 cup cream-style corn", verdict: "change", want: []string{"added-ingredient change"}},
		{name: "wine", text: plainSoup + "1 cup white wine", verdict: "clear", want: []string{"substitution note"}, only: true},
		{name: "tomatoes with their juice", text: plainSoup + "2 cups tomatoes, peeled, chopped", verdict: "clear", only: true},
		{name: "tomato juice", text: plainSoup + "2 cups tomato juice", verdict: "clear", only: true},
		{name: "tomato paste", text: plainSoup + "1/4 cup tomato paste", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "soy sauce by the spoon", text: plainSoup + "2 Tbsp soy sauce", verdict: "clear", want: []string{"seasoning-change note"}, only: true},
		{name: "ketchup by the cup", text: plainSoup + "1 cup ketchup", verdict: "change", want: []string{"added-ingredient change"}, only: true},
		{name: "a handful of parsley", text: plainSoup + "a handful of parsley", verdict: "clear", want: []string{"unclear-amount note"}, only: true},
		{name: "longer on its own", text: plainSoup + "2 cups corn", kitchen: in("quart", ""), verdict: "clear", want: []string{"process-short care"}, only: true},
		{name: "cabbage soup", text: "Cabbage soup\n8 cups cabbage, chopped\n8 cups broth", verdict: "stop", want: []string{"not-recommended-food stop"}},
		{name: "pumpkin soup, blended", text: "Pumpkin soup\n6 cups pumpkin, cubed\n8 cups broth\nBlend until smooth.", verdict: "stop", want: []string{"puree stop"}},
		{name: "cream of pea", text: "Cream of pea soup\n6 cups peas\n8 cups broth\n1 cup cream\n2 Tbsp flour\nPuree.", verdict: "change", want: []string{"puree change", "dairy change", "thickener change"}},
	})
}

// What the edits took out stands with the opened jar.
func TestServingHalf(t *testing.T) {
	res := reviewText(t, plainSoup+"1 cup cream\n2 Tbsp flour\n1 cup egg noodles\nBlend until smooth.", 5240, "dial")
	require.Equal(t, review.Change, res.Verdict)
	for _, want := range []string{"Boil 10 minutes and 5 more for your elevation before tasting.", "Blend or mash it now, not before canning.", "Stir in 1 cup cream.", "Thicken with 2 Tbsp flour.", "Add 1 cup egg noodles, cooked fresh."} {
		require.Contains(t, res.Serving, want)
	}
	require.Equal(t, 3, res.Count("change"), "three lines; the step is no line")
	require.Contains(t, res.Sentence, "pressure-canned")
}

// Two edits on one draft do not forget each other, and the reviewed recipe
// itself is left alone.
func TestReviewChangesNothing(t *testing.T) {
	rec, err := reviewer.Reader().Text(plainSoup + "1 cup cream\n3 eggs\nBlend it.")
	require.NoError(t, err)
	req := low()
	req.Recipe = rec
	first := reviewer.Review(req)
	second := reviewer.Review(req)
	a, err := json.Marshal(first)
	require.NoError(t, err)
	b, err := json.Marshal(second)
	require.NoError(t, err)
	require.Equal(t, string(a), string(b))
}

func TestNamedProcedure(t *testing.T) {
	rec, err := reviewer.Reader().Text(plainBeans)
	require.NoError(t, err)
	req := low()
	req.Recipe, req.Procedure = rec, "carrots"
	res := reviewer.Review(req)
	require.Equal(t, review.Untested, res.Verdict, "beans are no carrots")
	req.Procedure = "snap-beans"
	require.Equal(t, review.Clear, reviewer.Review(req).Verdict)
}

// Steam is offered with the water-bath minutes, up to 45, and never for
// low-acid food.
func TestMethodsOffered(t *testing.T) {
	res := reviewText(t, plainPeach+"Hot pack.", 300, "")
	seen := map[string]bool{}
	for _, m := range res.Methods {
		seen[m.Method] = true
		require.Equal(t, "hot", m.Pack)
		if m.Method == procedure.Steam {
			require.LessOrEqual(t, m.Minutes, procedure.SteamLimit)
		}
	}
	require.True(t, seen["water-bath"] && seen["steam"] && seen["pressure"])
	for _, m := range reviewText(t, plainBeans, 300, "").Methods {
		require.Equal(t, procedure.Pressure, m.Method)
		require.Equal(t, 1.0, m.HeadspaceIn)
	}
}

// Whole tomatoes have three tables, and water, juice or no liquid decides: the
// long one must not be mistaken for the short one.
func TestTomatoLiquid(t *testing.T) {
	head := "Whole tomatoes\n20 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\n"
	for text, want := range map[string]struct {
		id      string
		minutes int
	}{
		head + "water": {"tomatoes-whole-water", 45},
		head + "Raw pack in quarts and cover with boiling water.": {"tomatoes-whole-water", 45},
		head + "tomato juice": {"tomatoes-whole-juice", 85},
		head + "Raw pack in quarts and cover with hot tomato juice.":                                            {"tomatoes-whole-juice", 85},
		head + "Raw pack in quarts, cover with the juice.":                                                      {"tomatoes-whole-juice", 85},
		head + "Raw pack in quarts. Press until the spaces fill with juice.":                                    {"tomatoes-whole-no-liquid", 85},
		head + "Raw pack in quarts without added liquid.":                                                       {"tomatoes-whole-no-liquid", 85},
		head + "Cover the tomatoes with boiling water to loosen the skins.\nRaw pack in quarts.":                {"tomatoes-whole-no-liquid", 85},
		head + "Raw pack in quarts.":                                                                            {"tomatoes-whole-no-liquid", 85},
		head + "Dip in boiling water for 30 seconds, then cold water; slip the skins off.\nRaw pack in quarts.": {"tomatoes-whole-no-liquid", 85},
	} {
		res := reviewText(t, text, 300, "")
		require.NotNil(t, res.Procedure, text)
		list := append(res.Methods, res.After...)
		require.NotEmpty(t, list, text)
		for _, m := range list {
			if m.Method == procedure.WaterBath && m.Jar == "quart" {
				require.GreaterOrEqual(t, m.Minutes, want.minutes, "%s\n%s", text, res.Procedure.ID)
			}
		}
		require.Equal(t, want.id, res.Procedure.ID, text)
	}
}
