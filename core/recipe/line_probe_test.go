package recipe_test

import (
	"damson/core/recipe"
	"damson/knowledge"
	"encoding/json"
	"testing"
)

func TestProbe(t *testing.T) {
	lib, err := knowledge.Load()
	if err != nil {
		t.Fatal(err)
	}
	r := recipe.NewReader(lib.Foods)
	for _, s := range []string{"1 1/2 c. quince, peeled & diced", "2-3 lbs rhubarb", "half a dozen limes", "1 cup + 2 Tbsp honey", "2 (14 oz) tins of cannellini beans", "juice of 2 grapefruit", "200g (7 oz) shallots", "1 tsp salt to each pint", "salt and white pepper", "a good handful of chervil", "butter or lard", "500 ml white vinegar, 6 %", "cherries, pitted, heated 5 minutes", "For the syrup:", "12 whole cloves", "6 cloves", "3 cloves garlic, minced", "1/0 cup sugar", "-3 cups flour", "1e999 cups salt", "4 lb green beans, trimmed and cut in 1-inch pieces", "salt, 1 tsp", "Green beans - 4 lb", "1½ cups chopped red onion", "2 T. olive oil", "t. cumin", "1 lb 4 oz carrots, scrubbed", "pepper jack cheese, 1 cup", "half and half", "2 cups each carrots and celery, diced", "1 (28-ounce) can crushed tomatoes", "one and a half cups vinegar", "1,5 kg Tomaten", "a knob of butter", "some onions", "2 large cloves of garlic", "3 medium yellow onions (about 1 lb), chopped", "1 cup elderflower cordial", "1 lb ground beef (85% lean)", "heavy cream, to serve", "2 cinnamon sticks, 3-inch", "1 cup water or chicken broth", "½ cup bottled lemon or lime juice", "3 pounds ripe tomatoes, peeled, cored and chopped", "1 head of garlic", "2 Tbsp. fresh cilantro, chopped", "3 lemons, juiced", "8 to 10 cups peaches, sliced", "1 package (1.75 oz) powdered pectin", "1/4 teaspoon butter (optional, to reduce foaming)", "quarter cup sugar", "a pinch of saffron", "1-1/2 cups beets", "2 quarts chopped, peeled, cored paste tomatoes", "1-inch piece of ginger"} {
		l := r.Line(1, s)
		b, _ := json.Marshal(l)
		t.Log(string(b))
	}
}
