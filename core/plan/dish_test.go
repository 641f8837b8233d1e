package plan_test

import (
	"testing"

	"github.com/stretchr/testify/require"

	"damson/core/plan"
	"damson/core/procedure"
	"damson/core/quantity"
	"damson/core/recipe"
	"damson/core/review"
)

var reviewer = review.New(lib.Foods, lib.Procedures, lib.Language)

func reviewed(t *testing.T, text string) (review.Result, *recipe.Recipe) {
	rec, err := reviewer.Reader().Text(text)
	require.NoError(t, err)
	return reviewer.Review(review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true}), rec
}

// What a recipe needs on the day follows from its lines and its procedure.
func TestDescribe(t *testing.T) {
	for name, c := range map[string]struct {
		text string
		want func(plan.Dish) bool
	}{
		"carrots are peeled":      {"Carrots\n14 lb carrots, peeled and sliced\nboiling water\nPack hot into quarts.", func(d plan.Dish) bool { return d.PeelKg > 6 && d.Kg > 6 && !d.Soak && !d.RawPoultry }},
		"beans are not":           {"Green beans\n4 lb green beans\nboiling water\nPack raw into pints.", func(d plan.Dish) bool { return d.PeelKg == 0 && d.Kg > 1.5 }},
		"dried beans are soaked":  {"Beans\n5 lb dried pinto beans, soaked\nwater\nBoil 30 minutes and pack hot into pints.", func(d plan.Dish) bool { return d.Soak }},
		"raw poultry":             {"Boneless chicken\n10 lb boneless chicken thighs\n1 tsp salt per quart\nPack raw into quarts, 1 1/4 inch headspace. Add no liquid.", func(d plan.Dish) bool { return d.RawPoultry }},
		"hot peppers want gloves": {"Dilly beans\n4 lb green beans\n8 heads dill\n8 cloves garlic\n1/2 cup canning salt\n4 cups vinegar (5 %)\n4 cups water\nPack pints raw.", func(d plan.Dish) bool { return !d.HotPeppers && d.Kg > 1.5 && d.Kg < 3 }},
		"apple butter cooks down": {"Apple butter\n8 lb apples\n2 cups apple cider\n2 cups vinegar (5 %)\n4 1/2 cups sugar\n2 Tbsp ground cinnamon\n1 Tbsp ground cloves\nCook until soft, press through a food mill, cook until it mounds on a spoon. Fill pints.", func(d plan.Dish) bool { return d.CookDown }},
	} {
		res, _ := reviewed(t, c.text)
		require.Equal(t, review.Clear, res.Verdict, "%s: %v", name, res.Findings)
		d, ok := plan.Describe(&res, res.Methods[0], 7, 1)
		require.True(t, ok, name)
		require.True(t, c.want(d), "%s: %+v", name, d)
		require.Equal(t, res.Methods[0], d.Process)
	}
	res, _ := reviewed(t, "Green beans\n4 lb green beans\nwater\n1 cup cream\nPack raw into pints.")
	_, ok := plan.Describe(&res, procedure.Process{}, 7, 1)
	require.False(t, ok, "what is not clear has no plan")
}

// The shopping list goes by the batch; doses go by the jar; prepared volumes say
// what to buy.
func TestShop(t *testing.T) {
	res, _ := reviewed(t, "Tomato salsa\n7 quarts paste tomatoes, peeled, cored, chopped\n4 cups long green chiles, seeded, chopped\n5 cups onions, chopped\n1/2 cup jalapeños, seeded, chopped\n6 cloves garlic, chopped\n2 cups bottled lemon juice\n2 Tbsp salt\n1 Tbsp black pepper\nFill pints.")
	require.Equal(t, review.Clear, res.Verdict)
	items := lib.Plan.Shop(&res, quantity.PintJar, 8, 0.5)
	by := map[string]plan.Item{}
	for _, it := range items {
		by[it.Food] = it
	}
	require.Equal(t, "1 cup", by["bottled lemon juice"].Kitchen)
	require.Equal(t, "2½ cups", by["onion"].Kitchen)
	require.Greater(t, by["onion"].BuyMost, by["onion"].BuyLeast)
	require.InDelta(t, 0.4/0.88, (by["onion"].BuyLeast+by["onion"].BuyMost)/2, 0.05, "2½ cups of chopped onion weigh 0.4 kg")
	require.Zero(t, by["black pepper"].BuyMost)

	res, _ = reviewed(t, "Whole tomatoes\n21 lb tomatoes, peeled\n2 Tbsp bottled lemon juice per quart\n1 tsp salt per quart\nCover with boiling water. Pack raw.")
	for _, it := range lib.Plan.Shop(&res, quantity.PintJar, 9, 1) {
		switch it.Food {
		case "bottled lemon juice":
			require.Equal(t, "1 Tbsp", it.EachJar, "half a quart's dose to a pint")
			require.Equal(t, "½ cup + 1 Tbsp", it.Kitchen)
		case "tomato":
			require.Equal(t, "21 lb", it.Kitchen)
			require.Zero(t, it.BuyMost, "a weight is as bought")
		}
	}
}

func TestFruit(t *testing.T) {
	res, _ := reviewed(t, "Pears\n15 lb pears, peeled, halved and cored\nboiling water\nBoil 5 minutes and pack hot into quarts, covered with the boiling water.")
	require.True(t, plan.Fruit(&res))
	res, _ = reviewed(t, "Pears\n15 lb pears, peeled, halved and cored\n9 cups water\n2 cups sugar\nBoil 5 minutes and pack hot into quarts.")
	require.False(t, plan.Fruit(&res), "it has its sugar")
	res, _ = reviewed(t, "Carrots\n14 lb carrots, peeled\nboiling water\nPack hot.")
	require.False(t, plan.Fruit(&res))
}

// Every procedure of the library that can be canned in this kitchen can be
// planned, its process unchanged and its loads within the canner.
func TestEveryProcedureCanBePlanned(t *testing.T) {
	n := 0
	for _, p := range lib.Procedures.All() {
		if len(p.Rows) == 0 {
			continue
		}
		rec, err := reviewer.Reader().Text(p.Recipe(p.Rows[0]))
		require.NoError(t, err)
		res := reviewer.Review(review.Request{Recipe: rec, ElevationGiven: true, Jar: quantity.Jar(p.Rows[0].Jar), Pack: p.Rows[0].Pack})
		if res.Verdict != review.Clear {
			continue
		}
		for _, o := range lib.Plan.Options(res.Methods, kitchen.Canners, 8, false) {
			if o.Not != "" {
				continue
			}
			d, ok := plan.Describe(&res, o.Process, 8, 1)
			require.True(t, ok, p.ID)
			d.Canner = o.Canner
			day, err := lib.Plan.Plan(kitchen, []plan.Dish{d})
			require.NoError(t, err, p.ID)
			require.Empty(t, day.Conflicts(kitchen), p.ID)
			found := false
			for i := range day.Tasks {
				if task := &day.Tasks[i]; task.Process && task.Minutes == o.Process.Minutes {
					found = true
				}
			}
			require.True(t, found, "%s keeps its %d minutes", p.ID, o.Process.Minutes)
			n++
		}
	}
	require.Greater(t, n, 150)
	t.Logf("%d processes planned", n)
}

// Tables that cannot be right are refused with the name of the row.
func TestTableCheck(t *testing.T) {
	for want, change := range map[string]func(*plan.Table){
		"is missing": func(x *plan.Table) { x.Durations = x.Durations[1:] }, "three rising minutes": func(x *plan.Table) { x.Durations[2].Minutes = [3]float64{9, 3, 1} },
		"each id once": func(x *plan.Table) { x.Durations[1].ID = x.Durations[0].ID }, "cups and source": func(x *plan.Table) { x.Syrups[0].Source = "" }, "two shares": func(x *plan.Table) { x.Left[0].Most = 1.4 },
	} {
		x := plan.Table{Durations: append([]plan.Duration{}, lib.Plan.Durations...), Syrups: append([]plan.Syrup{}, lib.Plan.Syrups...), Left: append([]plan.Left{}, lib.Plan.Left...)}
		require.NoError(t, x.Check())
		change(&x)
		require.ErrorContains(t, x.Check(), want)
	}
}

// A dose for a quart is halved for a pint (USDA Complete Guide 2015, guide 3).
func TestEachJar(t *testing.T) {
	l := reviewer.Reader().Line(1, "2 Tbsp bottled lemon juice per quart")
	require.InDelta(t, 2, plan.EachJar(l, quantity.QuartJar), 1e-9)
	require.InDelta(t, 1, plan.EachJar(l, quantity.PintJar), 1e-9)
}

// A recipe in quarts is planned in pints too, raw or hot, and no way is offered
// that the recipe is not clear by.
func TestEveryWay(t *testing.T) {
	res, rec := reviewed(t, "Carrots\n14 lb carrots, peeled and sliced\nboiling water\nPack hot into quarts.")
	req := review.Request{Recipe: rec, Elevation: 5240, ElevationGiven: true}
	ways := map[string]bool{}
	for _, p := range plan.EveryWay(reviewer, req, &res) {
		require.False(t, ways[p.Key()], "twice: %s", p.Key())
		ways[p.Key()] = true
		other := req
		other.Method, other.Jar, other.Pack = p.Method, quantity.Jar(p.Jar), p.Pack
		require.Equal(t, review.Clear, reviewer.Review(other).Verdict, p.Key())
	}
	require.True(t, ways["pressure|dial|quart|hot|13|"])
	require.True(t, ways["pressure|dial|pint|raw|13|"])
}

// Meat that is packed raw has nothing heated for it; a sauce is brought back to the boil, and no
// liquid is poured over it; beans packed raw are covered with boiling water (USDA Complete Guide 2015,
// guides 3 to 5, from memory).
func TestWhatIsHeatedForALoad(t *testing.T) {
	of := func(d plan.Dish, id string, pack string) string {
		for _, p := range lib.Procedures.ByID(id).At(300) {
			if p.Pack == pack && (p.Method == "pressure") == (d.Canner == 1) && p.Gauge != "weighted" && p.Method != "steam" {
				d.Process = p
				break
			}
		}
		require.NotEmpty(t, d.Process.Method, id)
		d.Title, d.Jars, d.Kg = id, 4, 2
		day, err := lib.Plan.Plan(kitchen, []plan.Dish{d})
		require.NoError(t, err)
		require.Empty(t, day.Conflicts(kitchen))
		name := ""
		for _, task := range day.Tasks {
			if task.Work == "cook" {
				name = task.Name
			}
			if task.Work == "fill" {
				require.NotEmpty(t, task.After, "the food comes first")
			}
		}
		return name
	}
	require.Empty(t, of(plan.Dish{Canner: 1, NoLiquid: true}, "meat-pieces", "raw"))
	require.Equal(t, "Bring the covering liquid to the boil", of(plan.Dish{Canner: 1}, "snap-beans", "raw"))
	require.Equal(t, "Bring it back to the boil, stirring", of(plan.Dish{CookDown: true}, "ketchup", "hot"))
}
